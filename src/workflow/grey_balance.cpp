// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/grey_balance.h"

#include <cmath>

#include "core/colour/rgb_space.h"
#include "core/fit/fit.h"
#include "core/fit/lending.h"
#include "core/plan/moment.h"
#include "core/read/grey_card.h"
#include "core/read/spot.h"
#include "core/say/say.h"
#include "io/reading_file.h"
#include "words/loan_words.h"
#include "workflow/shelf.h"

namespace refero::workflow {
namespace {

constexpr double kClipped = 0.98, kDark = 0.005;

Result<std::pair<Vector3, double>> greyOf(const io::Frame& frame, const GreyBalanceOptions& options) {
    if (options.place) {
        const auto area = areaReading(frame.image, options.place->from, options.place->to);
        if (!area) return failure(say("The place of the grey is not in %1.", frame.path.string()));
        return std::pair(area->mean, 1.0);
    }
    const auto card = findGreyCard(frame.image);
    if (!card)
        return failure(
            say("No grey card was found in %1. Say where something neutral is, as --grey "
                "\"x,y,width,height\" in pixels.",
                frame.path.string()));
    return std::pair(card->rgb, card->certainty);
}

double apart(const Vector3& gains, const Vector3& other) {
    return std::exp((gains.array() / other.array()).log().abs().maxCoeff()) - 1;
}

}  // namespace

Result<GreyBalance> balancedOnGrey(const io::Frame& frame, const GreyBalanceOptions& options) {
    if (!(options.reflectance >= 0.02 && options.reflectance <= 1))
        return failure(say("A grey's reflectance must be 0.02 to 1; the usual card has 0.18."));
    const auto grey = greyOf(frame, options);
    if (!grey) return tl::unexpected(grey.error());
    GreyBalance out;
    out.rgb = grey->first;
    out.certainty = grey->second;
    if (out.rgb.maxCoeff() >= kClipped)
        return failure(
            say("The grey in %1 is clipped, so its colour is lost. Use a darker one.", frame.path.string()));
    if (!(out.rgb.minCoeff() >= kDark))
        return failure(
            say("The grey in %1 is too dark to balance on. Use a lighter one.", frame.path.string()));
    const Vector3 gains = out.rgb.y() * out.rgb.cwiseInverse();
    const Reading about = io::aboutFrame(frame);

    Correction& c = out.correction;
    c.model = Model::balance;
    c.colours = Colours(RootPolynomial(rgbToXyzD50(primaries::bt709)));
    c.loan = Loan{LoanSource::none, BalancedOn::grey, {}, {}, 0};
    if (options.library) {
        ParsedCorrections parser;
        const auto items = parsed(shelfItems(*options.library), parser);
        Borrower b{about.body, about.serial, about.lens, about.encoding, {}, out.rgb, {}, {}};
        if (auto lent = refero::lent(lenders(items), b)) {
            c = *std::move(lent);
            for (const ShelfItem& item : items)
                if (item.correction->name == c.loan->from.front())
                    out.lightApart = apart(gains, item.correction->gains);
        }
    }
    c.body = about.body;
    c.serial = about.serial;
    c.lens = about.lens;
    c.taken = about.taken;
    c.inputEncoding = about.encoding;
    c.readings = {frame.path.string()};
    c.gains = gains;
    c.level = options.reflectance / out.rgb.y();
    c.name = say("%1, on a grey", c.body.empty() ? std::string("Balance") : c.body);
    c.built = plan::isoText(plan::now());
    c.builtBy = thisProgram();
    c.summary.message =
        say("From a grey alone: balance and level are measured. %1 Nothing proves its colours; shoot a chart "
            "where they matter.",
            words::sentence(*c.loan));
    return out;
}

}  // namespace refero::workflow
