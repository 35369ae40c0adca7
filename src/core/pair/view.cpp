// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/pair/view.h"

#include "core/say/say.h"

namespace refero {

Correction asShownCorrection(const ShownPicture& picture, const Transfer& encoding) {
    Correction out;
    out.name = say("As shown");
    out.inputEncoding = encoding;
    out.model = Model::balance;
    out.colours = Colours(RootPolynomial(picture.rgbToXyzD50));
    const bool straight = (picture.light(Vector3::Constant(0.18)) - Vector3::Constant(0.18)).norm() < 1e-9;
    if (!straight) {
        const RootCurve curve = RootCurve::sampled(
            [&](double root) { return toRoot(picture.light(Vector3::Constant(fromRoot(root))).y()); });
        out.greyCurves = GreyCurves{curve, curve, curve};
    }
    return out;
}

Correction asShownCorrection(const Transfer& encoding) {
    if (const auto picture = shownPicture(encoding)) return asShownCorrection(*picture, encoding);
    Correction out;
    out.name = say("As recorded");
    out.inputEncoding = encoding;
    out.model = Model::balance;
    out.colours = Colours(RootPolynomial(rgbToXyzD50(primaries::bt709)));
    return out;
}

}  // namespace refero
