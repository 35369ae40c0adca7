// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/grade/exposure_marks.h"

#include <cmath>

#include "core/colour/log_curve.h"

namespace refero {

std::vector<ExposureMark> exposureMarks(const Correction& c, const Transfer& feed, double offsetStops,
                                        bool videoRange) {
    std::vector<ExposureMark> out;
    const auto add = [&](ExposureMark::What what, const Vector3& camera, const std::string& patch = {}) {
        ExposureMark m;
        m.what = what;
        m.patch = patch;
        for (int k = 0; k < 3; ++k) {
            const double full = feed.encode(camera[k] * std::exp2(offsetStops));
            m.stored[k] = videoRange ? toVideoRange(full) : full;
        }
        m.percent = 100 * (videoRange ? fromVideoRange(m.stored.y()) : m.stored.y());
        m.code = 1023 * m.stored.y();
        if (m.stored.allFinite() && m.stored.minCoeff() >= 0 && m.stored.maxCoeff() <= 1) out.push_back(m);
    };
    // A grey of that reflectance leads to equal channels after balance and level, whatever follows.
    const Vector3 white = (c.gains * c.level).cwiseInverse();
    add(ExposureMark::What::midGrey, white * kMidGrey);
    add(ExposureMark::What::white, white);
    for (const PatchResult& p : c.patches)
        if (p.role == Role::skin && !p.known) add(ExposureMark::What::skin, p.rgb, p.id);
    return out;
}

}  // namespace refero
