// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/kit/kit_fields.h"

#include <QCoreApplication>
#include <QRegularExpression>
#include <algorithm>

#include "app/look/text.h"
#include "core/read/limits.h"

namespace refero {
namespace {

Form::Row row(const char* key, const char* caption, const char* unit, const char* hint, bool beside = false) {
    return {QLatin1String(key), told(caption), told(unit), told(hint), beside};
}

}  // namespace

QString inWords(plan::Policy policy) {
    switch (policy) {
        case plan::Policy::strict:
            return QCoreApplication::translate("KitFields", "any change");
        case plan::Policy::usual:
            return QCoreApplication::translate("KitFields", "usual changes");
        case plan::Policy::runAndGun:
            return QCoreApplication::translate("KitFields", "great changes");
    }
    return {};
}

QString inWords(std::string_view name) {
    static constexpr std::array<std::pair<std::string_view, const char*>, 11> words{
        {{"daylight", word("Daylight")},
         {"shade", word("Shade")},
         {"flash", word("Flash")},
         {"tungsten", word("Tungsten")},
         {"fluorescent", word("Fluorescent")},
         {"led", word("LED")},
         {"mixed", word("Mixed")},
         {"raw", word("Raw")},
         {"jpeg", word("JPEG")},
         {"flat-video", word("Flat video")},
         {"log-video", word("Log video")}}};
    for (const auto& [known, said] : words)
        if (known == name) return told(said);
    return QString::fromUtf8(name.data(), static_cast<qsizetype>(name.size()));
}

// What a person enters is not assumed any more.
template <class R>
Binding<R> told(Binding<R> field, bool R::*assumed) {
    field.take = [take = std::move(field.take), assumed](R& r, const QString& text) -> Status {
        return take(r, text).map([&] { r.*assumed = false; });
    };
    return field;
}

std::vector<Binding<plan::Body>> bodyFields() {
    using plan::Body;
    return {textField(row("bodyModel", word("Model"), "", word("As the files of this body name it.")),
                      &Body::model),
            textField(row("bodySerial", word("Serial number"), "",
                          word("Two bodies of a model differ; this tells them apart.")),
                      &Body::serial),
            textField(row("bodyNickname", word("Called"), "",
                          word("What you call it on the day; may be left empty.")),
                      &Body::nickname),
            yesField(row("bodyMotion", word("Shoots"), "", word("Stills or film.")), &Body::motion,
                     told("Stills"), told("Film")),
            told(numberField(row("sensorWidth", word("Sensor"), "mm",
                                 word("Width of the part of the sensor that records.")),
                             &Body::sensorWidthMm),
                 &Body::sensorAssumed),
            told(numberField(row("sensorHeight", word("Sensor's height"), "mm",
                                 word("Height of the part that records."), true),
                             &Body::sensorHeightMm),
                 &Body::sensorAssumed),
            numberField(row("pixelsWide", word("Frame"), word("px"), word("Pixels across the frame.")),
                        &Body::pixelsWide),
            numberField(
                row("pixelsHigh", word("Frame's height"), word("px"), word("Pixels down the frame."), true),
                &Body::pixelsHigh)};
}

std::vector<Binding<plan::Lens>> lensFields() {
    using plan::Lens;
    // A fixed lens has one focal length: entering it is enough.
    Binding<Lens> shortest = numberField(
        row("lensShortest", word("Focal length"), "mm", word("The shortest; of a fixed lens, the only one.")),
        &Lens::shortestMm);
    shortest.take = [](Lens& l, const QString& text) -> Status {
        return numberFrom(told("Focal length"), text).map([&](double mm) {
            if (!l.zooms() || mm > l.longestMm) l.longestMm = mm;
            l.shortestMm = mm;
            l.focalLengthAssumed = false;
        });
    };
    return {
        textField(row("lensModel", word("Model"), "", word("As the files name it.")), &Lens::model),
        textField(row("lensSerial", word("Serial number"), "", word("May be left empty.")), &Lens::serial),
        shortest,
        numberField(
            row("lensLongest", word("Longest"), "mm", word("The longest focal length of a zoom."), true),
            &Lens::longestMm),
        numberField(row("lensFallOff", word("Fall-off"), "stops",
                        word("From the middle to the corners; a flat-field frame fills it in.")),
                    &Lens::fallOffStops),
        numberField(
            row("lensFallOffAt", "At f/", word("f-no."), word("The aperture of the flat-field frame."), true),
            &Lens::fallOffFNumber)};
}

std::vector<Binding<plan::Lamp>> lampFields() {
    using plan::Lamp;
    Binding<Lamp> kind{
        row("lampKind", word("Kind of light"), "",
            word("Profiles of one kind may stand in for each other, as the weaker choice they are."))};
    kind.choices = [](const Lamp&) {
        QStringList all;
        for (const plan::LightKind k : plan::kLightKinds) all << inWords(name(k));
        return all;
    };
    kind.index = [](const Lamp& l) { return static_cast<int>(l.kind); };
    kind.choose = [](Lamp& l, int i) {
        l.kind = plan::kLightKinds[static_cast<std::size_t>(i)];
        return true;
    };
    return {
        textField(row("lampLabel", word("Name"), "", word("A lamp, a flash, or daylight from one side.")),
                  &Lamp::label),
        kind,
        numberField(
            row("lampWarmUp", word("Warm-up"), word("min"), word("Until its colour is steady; 0 for none.")),
            &Lamp::warmUpMinutes),
        yesField(row("lampMains", word("Power from"), "",
                     word("Mains power calls for cautions in the preparations.")),
                 &Lamp::mains, told("Battery or none"), told("Mains")),
        yesField(row("lampHot", word("Touch"), "", word("Hot lamps call for cautions in the preparations.")),
                 &Lamp::hot, told("Stays cool"), told("Gets hot"))};
}

std::vector<Binding<plan::ChartCopy>> chartCopyFields(std::function<std::vector<Chart>()> charts) {
    using plan::ChartCopy;
    Binding<ChartCopy> design{row("copyChart", word("Chart"), "", word("Which design this is a copy of."))};
    design.choices = [charts](const ChartCopy&) {
        QStringList all;
        for (const Chart& c : charts()) all << QString::fromStdString(c.name);
        return all;
    };
    design.index = [charts](const ChartCopy& copy) {
        const auto all = charts();
        for (std::size_t i = 0; i < all.size(); ++i)
            if (all[i].id == copy.chart) return static_cast<int>(i);
        return -1;
    };
    design.choose = [charts](ChartCopy& copy, int i) {
        const std::string chosen = charts()[static_cast<std::size_t>(i)].id;
        // What was measured belongs to the other design.
        if (chosen != copy.chart) copy.values.clear();
        copy.chart = chosen;
        return true;
    };
    // The copy's size is said as its width; what is kept is the scale against the chart file.
    Binding<ChartCopy> width{
        row("copyWidth", word("Width"), "mm", word("Of the whole chart; its height follows."))};
    const auto chartWidth = [charts](const ChartCopy& copy) {
        for (const Chart& c : charts())
            if (c.id == copy.chart) return c.outlineMm.x();
        return 0.0;
    };
    width.text = [chartWidth](const ChartCopy& copy) { return numberText(copy.scale * chartWidth(copy)); };
    width.take = [chartWidth](ChartCopy& copy, const QString& text) -> Status {
        return numberFrom(told("Width"), text).map([&](double mm) { copy.scale = mm / chartWidth(copy); });
    };
    width.applies = [chartWidth](const ChartCopy& copy) { return chartWidth(copy) > 0; };
    return {textField(row("copyLabel", word("Name"), "", word("What is written on this copy.")),
                      &ChartCopy::label),
            design,
            width,
            textField(row("copyMade", word("Made on"), "",
                          word("As 2026-05-14; charts fade, so their age counts.")),
                      &ChartCopy::madeOn),
            numberField(row("copyLife", word("Replace after"), word("months"),
                            word("Of its making; common practice is two years.")),
                        &ChartCopy::replaceAfterMonths),
            textField(row("copyReference", word("Values from"), "",
                          word("Who measured this copy, with what, when; empty: the chart file's values.")),
                      &ChartCopy::reference)};
}

std::vector<Binding<plan::Checked>> checkedFields() {
    using plan::Checked;
    return {yesField(row("checkedDisplay", word("What it is"), "",
                         word("A display to judge on, or a measuring instrument.")),
                     &Checked::display, told("Instrument"), told("Display")),
            textField(row("checkedLabel", word("Name"), "", word("What you call it.")), &Checked::label),
            textField(row("checkedSerial", word("Serial number"), "", word("May be left empty.")),
                      &Checked::serial),
            textField(row("checkedOn", word("Last checked"), "",
                          word("As 2026-05-14; empty: never, or not known.")),
                      &Checked::checkedOn),
            numberField(row("checkedEvery", word("Check every"), word("days"),
                            word("A month is common practice for displays.")),
                        &Checked::everyDays)};
}

std::vector<Binding<plan::RecordingCurve>> recordingCurveFields(
    std::function<std::vector<plan::Body>()> bodies) {
    using plan::RecordingCurve;
    Binding<RecordingCurve> body{row("curveBody", word("Body"), "", word("Whose recording this is."))};
    body.choices = [bodies](const RecordingCurve&) {
        QStringList all{told("Any body")};
        for (const plan::Body& b : bodies()) all << QString::fromStdString(b.label());
        return all;
    };
    body.index = [bodies](const RecordingCurve& c) {
        const auto all = bodies();
        for (std::size_t i = 0; i < all.size(); ++i)
            if (all[i].id == c.body) return static_cast<int>(i) + 1;
        return 0;
    };
    body.choose = [bodies](RecordingCurve& c, int i) {
        const auto all = bodies();
        c.body = i == 0 ? 0 : all[static_cast<std::size_t>(i) - 1].id;
        return true;
    };
    Binding<RecordingCurve> recording{
        row("curveRecording", word("Recording"), "", word("Which of its recordings is written like that."))};
    recording.choices = [](const RecordingCurve&) {
        QStringList all;
        for (const plan::Recording r : plan::kRecordings) all << inWords(name(r));
        return all;
    };
    recording.index = [](const RecordingCurve& c) { return static_cast<int>(c.recording); };
    recording.choose = [](RecordingCurve& c, int i) {
        c.recording = plan::kRecordings[static_cast<std::size_t>(i)];
        return true;
    };
    const auto constant = [](Form::Row r, double LogCurve::*member) {
        Binding<RecordingCurve> b{r};
        b.text = [member](const RecordingCurve& c) { return shortNumber(c.curve.*member, 12); };
        b.take = [member, caption = r.caption](RecordingCurve& c, const QString& t) -> Status {
            return numberFrom(caption, t).map([&](double v) { c.curve.*member = v; });
        };
        return b;
    };
    const auto optional = [](Form::Row r, std::optional<double> LogCurve::*member) {
        Binding<RecordingCurve> b{r};
        b.text = [member](const RecordingCurve& c) {
            return c.curve.*member ? shortNumber(*(c.curve.*member), 12) : QString();
        };
        b.take = [member, caption = r.caption](RecordingCurve& c, const QString& t) -> Status {
            if (t.isEmpty()) {
                (c.curve.*member).reset();
                return {};
            }
            return numberFrom(caption, t).map([&](double v) { c.curve.*member = v; });
        };
        return b;
    };
    const char* const kAbove =
        word("Stored = log slope x log(linear slope x light + linear offset) + log offset.");
    return {
        textField(row("curveLabel", word("Name"), "", word("What the camera calls it.")),
                  &RecordingCurve::label),
        body,
        recording,
        constant(row("curveBase", word("Base"), "", word("Of the logarithm: 2, 10 or 2.71828.")),
                 &LogCurve::base),
        constant(row("curveLogSlope", word("Log side"), "", kAbove), &LogCurve::logSlope),
        constant(row("curveLogOffset", word("Log offset"), "", kAbove, true), &LogCurve::logOffset),
        constant(row("curveLinearSlope", word("Light side"), "", kAbove), &LogCurve::linearSlope),
        constant(row("curveLinearOffset", word("Linear offset"), "", kAbove, true), &LogCurve::linearOffset),
        optional(row("curveBreak", word("Straight part"), "",
                     word("Linear light under which the curve is a straight line; empty: nowhere.")),
                 &LogCurve::linearBreak),
        optional(row("curveStraight", word("Its slope"), "",
                     word("Of the straight part; empty: it goes on smoothly."), true),
                 &LogCurve::straightSlope),
        textField(
            row("curveGamut", word("Gamut"), "",
                word("Of the recording: x and y of red, green, blue and white, or a space's name such as "
                     "rec2020; empty: not known. The bench shows what the data sheet makes of a chart.")),
            &RecordingCurve::gamut)};
}

std::vector<Binding<plan::Shoot>> shootFields() {
    using plan::Shoot;
    Binding<Shoot> policy{
        row("shootPolicy", word("New chart after"), "", word("Which changes call for a new chart shot."))};
    policy.choices = [](const Shoot&) {
        QStringList all;
        for (const plan::Policy p : plan::kPolicies) all << inWords(p);
        return all;
    };
    policy.index = [](const Shoot& s) { return static_cast<int>(s.policy); };
    policy.choose = [](Shoot& s, int i) {
        s.policy = plan::kPolicies[static_cast<std::size_t>(i)];
        return true;
    };
    Binding<Shoot> limits{
        row("shootLimits", word("Charts judged as"), "",
            word("How strictly chart shots are judged; single limits are changed at their finding."))};
    limits.choices = [](const Shoot&) {
        QStringList all;
        for (const Limits& l : limitSets()) all << told(l.name);
        return all;
    };
    limits.index = [](const Shoot& s) {
        const auto& sets = limitSets();
        const auto at =
            std::find_if(sets.begin(), sets.end(), [&](const Limits& l) { return l.name == s.limits; });
        return static_cast<int>(at == sets.end() ? 1 : at - sets.begin());
    };
    limits.choose = [](Shoot& s, int i) {
        s.limits = limitSets()[static_cast<std::size_t>(i)].name;
        s.limitChanges.clear();
        return true;
    };
    return {textField(row("shootLabel", word("Name"), "", word("On the call sheet and in the record.")),
                      &Shoot::label),
            textField(row("shootClient", word("Client"), "", word("May be left empty.")), &Shoot::client),
            textField(row("shootDate", word("Date"), "", "As 2026-05-14."), &Shoot::date),
            policy,
            limits,
            numberField(row("shootStops", word("Light may move"), word("stops"),
                            word("How far the level of daylight may go before a chart shot is too old.")),
                        &Shoot::moveLimitStops),
            numberField(row("shootMired", word("Colour may move"), word("mired"),
                            word("How far its colour may go before a chart shot is too old."), true),
                        &Shoot::moveLimitMired)};
}

std::vector<Binding<plan::Place>> placeFields() {
    using plan::Place;
    Binding<Place> clock{
        row("placeClock", word("Clock"), word("h from UTC"), word("Summer time included: 2 for UTC+2."))};
    clock.text = [](const Place& p) { return numberText(p.offsetMinutes / 60.0); };
    clock.take = [](Place& p, const QString& text) -> Status {
        return numberFrom(told("Clock"), text).map([&](double hours) {
            p.offsetMinutes = static_cast<int>(std::lround(std::clamp(hours, -100.0, 100.0) * 60));
        });
    };
    Binding<Place> spot{row("placeSpot", word("Coordinates"), "",
                            word("Degrees north and east, as 52.35, 0.27; south and west are negative. With "
                                 "them the sun's way is known."))};
    spot.text = [](const Place& p) {
        return p.latitude && p.longitude
                   ? numberText(*p.latitude) + QStringLiteral(", ") + numberText(*p.longitude)
                   : QString();
    };
    spot.take = [](Place& p, const QString& text) -> Status {
        p.latitude.reset();
        p.longitude.reset();
        if (text.isEmpty()) return {};
        static const QRegularExpression gap(QStringLiteral("[,;\\s]+"));
        const QStringList parts = text.split(gap, Qt::SkipEmptyParts);
        if (parts.size() != 2)
            return failure(say("Coordinates are two numbers, degrees north and east, as 52.35, 0.27."));
        const auto north = numberFrom(told("Degrees north"), parts[0]),
                   east = numberFrom(told("Degrees east"), parts[1]);
        if (!north) return tl::unexpected(north.error());
        if (!east) return tl::unexpected(east.error());
        p.latitude = *north;
        p.longitude = *east;
        return {};
    };
    return {textField(row("placeLabel", word("Name"), "", word("A room, a window, a spot outdoors.")),
                      &Place::label),
            spot, clock};
}

}  // namespace refero
