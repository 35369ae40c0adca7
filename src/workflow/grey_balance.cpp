// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/grey_balance.h"

#include <cmath>

#include "core/colour/rgb_space.h"
#include "core/fit/fit.h"
#include "core/plan/moment.h"
#include "core/read/grey_card.h"
#include "core/read/spot.h"
#include "io/correction_file.h"
#include "io/reading_file.h"

namespace refero::workflow {
namespace {

constexpr double kClipped = 0.98, kDark = 0.005;

Result<std::pair<Vector3, double>> greyOf(const io::Frame& frame, const GreyBalanceOptions& options) {
    if (options.place) {
        const auto area = areaReading(frame.image, options.place->from, options.place->to);
        if (!area) return failure("The place of the grey is not in " + frame.path.string() + ".");
        return std::pair(area->mean, 1.0);
    }
    const auto card = findGreyCard(frame.image);
    if (!card)
        return failure("No grey card was found in " + frame.path.string() +
                       ". Say where something neutral is, as --grey \"x,y,width,height\" in pixels.");
    return std::pair(card->rgb, card->certainty);
}

double apart(const Vector3& gains, const Vector3& other) {
    return std::exp((gains.array() / other.array()).log().abs().maxCoeff()) - 1;
}

// Of the same body and recording; of several, the one in the nearest light.
std::optional<Correction> nearest(const studio::Contents& library, const Reading& about,
                                  const Vector3& gains) {
    std::optional<Correction> best;
    for (const auto& [id, record] : library.all<studio::CorrectionRecord>()) {
        auto c = io::parseCorrection(record.document, record.label);
        if (!c || c->aim.kind != AimKind::reference || c->body != about.body || about.body.empty()) continue;
        if (!c->serial.empty() && !about.serial.empty() && c->serial != about.serial) continue;
        if (!(c->inputEncoding == about.encoding)) continue;
        if (!best || apart(gains, c->gains) < apart(gains, best->gains)) best = *std::move(c);
    }
    return best;
}

}  // namespace

Result<GreyBalance> balancedOnGrey(const io::Frame& frame, const GreyBalanceOptions& options) {
    if (!(options.reflectance >= 0.02 && options.reflectance <= 1))
        return failure("A grey's reflectance must be 0.02 to 1; the usual card has 0.18.");
    const auto grey = greyOf(frame, options);
    if (!grey) return tl::unexpected(grey.error());
    GreyBalance out;
    out.rgb = grey->first;
    out.certainty = grey->second;
    if (out.rgb.maxCoeff() >= kClipped)
        return failure("The grey in " + frame.path.string() +
                       " is clipped, so its colour is lost. Use a darker one.");
    if (!(out.rgb.minCoeff() >= kDark))
        return failure("The grey in " + frame.path.string() +
                       " is too dark to balance on. Use a lighter one.");
    const Vector3 gains = out.rgb.y() * out.rgb.cwiseInverse();
    const Reading about = io::aboutFrame(frame);

    Correction& c = out.correction;
    std::string colours = "Camera RGB is taken as BT.709, since no correction of this body is known.";
    if (const auto lent = options.library ? nearest(*options.library, about, gains) : std::nullopt) {
        out.coloursFrom = lent->name;
        out.lightApart = apart(gains, lent->gains);
        c.model = lent->model;
        c.objective = lent->objective;
        c.training = lent->training;
        c.blended = lent->blended;
        c.greyCurves = lent->greyCurves;
        c.colours = lent->colours;
        c.sectors = lent->sectors;
        c.referenceLight = lent->referenceLight;
        c.chartId = lent->chartId;
        c.chartName = lent->chartName;
        colours = "Colours are those of " + lent->name + ", whose light differs by " +
                  std::to_string(std::lround(100 * out.lightApart)) + " % in a channel.";
    } else {
        c.model = Model::balance;
        c.colours = Colours(RootPolynomial(rgbToXyzD50(primaries::bt709)));
    }
    c.body = about.body;
    c.serial = about.serial;
    c.lens = about.lens;
    c.taken = about.taken;
    c.inputEncoding = about.encoding;
    c.readings = {frame.path.string()};
    c.gains = gains;
    c.level = options.reflectance / out.rgb.y();
    c.name = (c.body.empty() ? std::string("Balance") : c.body) + ", on a grey";
    c.built = plan::isoText(plan::now());
    c.builtBy = thisProgram();
    c.summary.message = "From a grey alone: balance and level are measured. " + colours +
                        " Nothing proves its colours; shoot a chart where they matter.";
    return out;
}

}  // namespace refero::workflow
