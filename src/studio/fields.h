// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "studio/records.h"

namespace refero::studio {

/// The one description of each kind's fields; tables, JSON and comparison follow from it. `v(name, field)` is
/// called for each, the id first. Names are those of the columns and of the JSON.
template <class V>
void fields(V& v, plan::Body& r) {
    v("id", r.id);
    v("model", r.model);
    v("serial", r.serial);
    v("nickname", r.nickname);
    v("motion", r.motion);
    v("sensor_width_mm", r.sensorWidthMm);
    v("sensor_height_mm", r.sensorHeightMm);
    v("pixels_wide", r.pixelsWide);
    v("pixels_high", r.pixelsHigh);
    v("sensor_assumed", r.sensorAssumed);
}

template <class V>
void fields(V& v, plan::Lens& r) {
    v("id", r.id);
    v("model", r.model);
    v("serial", r.serial);
    v("shortest_mm", r.shortestMm);
    v("longest_mm", r.longestMm);
    v("fall_off_stops", r.fallOffStops);
    v("fall_off_f_number", r.fallOffFNumber);
    v("focal_length_assumed", r.focalLengthAssumed);
}

template <class V>
void fields(V& v, plan::Lamp& r) {
    v("id", r.id);
    v("label", r.label);
    v("kind", r.kind);
    v("warm_up_minutes", r.warmUpMinutes);
    v("mains", r.mains);
    v("hot", r.hot);
}

template <class V>
void fields(V& v, plan::ChartCopy& r) {
    v("id", r.id);
    v("label", r.label);
    v("chart", r.chart);
    v("scale", r.scale);
    v("made_on", r.madeOn);
    v("replace_after_months", r.replaceAfterMonths);
    v("reference", r.reference);
    v("own_values", r.values);
}

template <class V>
void fields(V& v, ChartDesign& r) {
    v("id", r.id);
    v("chart", r.chart);
    v("label", r.label);
    v("document", r.document);
}

template <class V>
void fields(V& v, plan::RecordingCurve& r) {
    v("id", r.id);
    v("label", r.label);
    v("body", r.body);
    v("recording", r.recording);
    v("base", r.curve.base);
    v("logarithm_slope", r.curve.logSlope);
    v("logarithm_offset", r.curve.logOffset);
    v("linear_slope", r.curve.linearSlope);
    v("linear_offset", r.curve.linearOffset);
    v("linear_break", r.curve.linearBreak);
    v("straight_slope", r.curve.straightSlope);
    v("primaries", r.gamut);
}

template <class V>
void fields(V& v, plan::ProfileTest& r) {
    v("id", r.id);
    v("body", r.body);
    v("profile", r.profile);
    v("low_stops", r.lowStops);
    v("high_stops", r.highStops);
    v("best_stops", r.bestStops);
    v("tested_on", r.testedOn);
    v("document", r.document);
}

template <class V>
void fields(V& v, plan::Checked& r) {
    v("id", r.id);
    v("label", r.label);
    v("serial", r.serial);
    v("display", r.display);
    v("checked_on", r.checkedOn);
    v("every_days", r.everyDays);
}

template <class V>
void fields(V& v, plan::Shoot& r) {
    v("id", r.id);
    v("code", r.code);
    v("label", r.label);
    v("client", r.client);
    v("date", r.date);
    v("policy", r.policy);
    v("move_limit_stops", r.moveLimitStops);
    v("move_limit_mired", r.moveLimitMired);
    v("limits", r.limits);
    v("limit_changes", r.limitChanges);
}

template <class V>
void fields(V& v, plan::Place& r) {
    v("id", r.id);
    v("shoot", r.shoot);
    v("label", r.label);
    v("latitude", r.latitude);
    v("longitude", r.longitude);
    v("offset_minutes", r.offsetMinutes);
    v("position", r.position);
}

template <class V>
void fields(V& v, plan::Conditions& c) {
    v("body", c.body);
    v("lens", c.lens);
    v("lamp", c.lamp);
    v("place", c.place);
    v("power_percent", c.powerPercent);
    v("modifier", c.modifier);
    v("recording", c.recording);
}

template <class V>
void fields(V& v, plan::Setup& r) {
    v("id", r.id);
    v("shoot", r.shoot);
    v("label", r.label);
    fields(v, r.conditions);
    v("position", r.position);
    v("start_minutes", r.startMinutes);
    v("end_minutes", r.endMinutes);
    v("chart_copy", r.chart);
    v("focal_length_mm", r.focalLengthMm);
    v("distance_m", r.distanceM);
    v("note", r.note);
    v("profile", r.profile);
    v("exposure_stops", r.exposureStops);
}

template <class V>
void fields(V& v, Frame& r) {
    v("id", r.id);
    v("shoot", r.shoot);
    v("setup", r.setup);
    v("role", r.role);
    v("path", r.path);
    v("bytes", r.bytes);
    v("sha256", r.sha256);
    v("taken", r.taken);
    v("placement", r.placement);
    v("because", r.because);
    v("doubt", r.doubt);
    v("body", r.body);
    v("serial", r.serial);
    v("lens", r.lens);
    v("focal_length_mm", r.focalLengthMm);
    v("exposure_seconds", r.exposureSeconds);
    v("f_number", r.fNumber);
    v("iso", r.iso);
    v("balance", r.balance);
    v("picture_profile", r.pictureProfile);
    v("clock_seconds", r.clockSeconds);
    v("slip", r.slate);
    v("chart", r.chart);
    v("certainty", r.certainty);
    v("grey_card", r.greyCard);
    v("white_red", r.whiteRed);
    v("white_green", r.whiteGreen);
    v("white_blue", r.whiteBlue);
    v("pictures", r.pictures);
    v("grey_red", r.greyRed);
    v("grey_green", r.greyGreen);
    v("grey_blue", r.greyBlue);
    v("camera_red", r.cameraRed);
    v("camera_blue", r.cameraBlue);
    v("dialled_kelvin", r.dialledKelvin);
    v("twin", r.twin);
}

template <class V>
void fields(V& v, ReadingRecord& r) {
    v("id", r.id);
    v("setup", r.setup);
    v("frame", r.frame);
    v("made", r.made);
    v("shot_at", r.shotAt);
    v("verdict", r.verdict);
    fields(v, r.conditions);
    v("document", r.document);
}

template <class V>
void fields(V& v, CorrectionRecord& r) {
    v("id", r.id);
    v("setup", r.setup);
    v("reading", r.reading);
    v("made", r.made);
    v("label", r.label);
    v("model", r.model);
    v("mean_difference", r.meanDifference);
    v("unseen_difference", r.unseenDifference);
    v("document", r.document);
}

template <class V>
void fields(V& v, HandoverRecord& r) {
    v("id", r.id);
    v("setup", r.setup);
    v("correction", r.correction);
    v("made", r.made);
    v("receiver", r.receiver);
    v("format", r.format);
    v("encoding", r.encoding);
    v("path", r.path);
    v("engine", r.engine);
    v("colours", r.colours);
    v("largest_difference", r.largestDifference);
    v("mean_difference", r.meanDifference);
    v("bytes", r.bytes);
    v("sha256", r.sha256);
    v("fingerprint", r.fingerprint);
    v("note", r.note);
}

template <class V>
void fields(V& v, Note& r) {
    v("id", r.id);
    v("shoot", r.shoot);
    v("setup", r.setup);
    v("made", r.made);
    v("text", r.text);
}

template <class V>
void fields(V& v, Tick& r) {
    v("id", r.id);
    v("shoot", r.shoot);
    v("task", r.task);
    v("made", r.made);
}

template <class V>
void fields(V& v, ShelfRecord& r) {
    v("id", r.id);
    v("made", r.made);
    v("label", r.label);
    v("body", r.body);
    v("light_kind", r.lightKind);
    v("light", r.light);
    v("shoot", r.shoot);
    v("shot_at", r.shotAt);
    v("document", r.document);
}

template <class V>
void fields(V& v, SnapshotRecord& r) {
    v("id", r.id);
    v("setup", r.setup);
    v("made", r.made);
    v("label", r.label);
    v("document", r.document);
}

template <class V>
void fields(V& v, KnownRecord& r) {
    v("id", r.id);
    v("setup", r.setup);
    v("label", r.label);
    v("path", r.path);
    v("red", r.red);
    v("green", r.green);
    v("blue", r.blue);
    v("deviation_red", r.deviationRed);
    v("deviation_green", r.deviationGreen);
    v("deviation_blue", r.deviationBlue);
    v("pixels", r.pixels);
    v("lightness", r.lightness);
    v("a", r.a);
    v("b", r.b);
    v("counts", r.counts);
}

/// For visitors that only look.
template <class V, class R>
void fieldsOf(V& v, const R& record) {
    fields(v, const_cast<R&>(record));
}

}  // namespace refero::studio
