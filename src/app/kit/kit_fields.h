// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "app/forms/binding.h"
#include "core/chart/chart.h"
#include "core/plan/shoot.h"

namespace refero {

/// What is shown of each kind of record of the kit, in the order of its form.
std::vector<Binding<plan::Body>> bodyFields();
std::vector<Binding<plan::Lens>> lensFields();
std::vector<Binding<plan::Lamp>> lampFields();
/// Their designs are chosen among `charts`.
std::vector<Binding<plan::ChartCopy>> chartCopyFields(std::function<std::vector<Chart>()> charts);
std::vector<Binding<plan::Checked>> checkedFields();
/// Bodies are chosen by name: `bodies` gives those of the kit.
std::vector<Binding<plan::RecordingCurve>> recordingCurveFields(
    std::function<std::vector<plan::Body>()> bodies);
std::vector<Binding<plan::Place>> placeFields();
std::vector<Binding<plan::Shoot>> shootFields();

/// "flat-video" as "Flat video", in the language of the window; a name that is not known stays as it is.
QString inWords(std::string_view name);
/// After which changes a new chart shot is due.
QString inWords(plan::Policy policy);

}  // namespace refero
