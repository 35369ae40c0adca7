// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/render/feed.h"

#include <tbb/parallel_for.h>

#include "core/colour/rgb_space.h"
#include "core/say/say.h"

namespace refero {

Result<Feed> Feed::between(const Transfer& frame, const Transfer& correction) {
    Feed out;
    if (frame == correction) return out;
    const auto from = shownPicture(frame), to = shownPicture(correction);
    if (from && to) {
        out.shown_ = Shown{*from, *to, xyzD50ToLinear(to->space) * from->rgbToXyzD50, correction,
                           to->light(Vector3::Constant(kMidGrey)) == Vector3::Constant(kMidGrey)};
        return out;
    }
    const auto white = nominalWhite(frame), wanted = nominalWhite(correction);
    if (!from && !to && white && wanted) {
        out.scale_ = *wanted / *white;
        return out;
    }
    // A curve of points is a person's own knowledge of a recording and says nothing of its primaries.
    if (frame.curve() || correction.curve()) return out;
    return failure(
        say("was recorded as %1, and its correction is for %2, whose numbers mean other colours. Shoot the "
            "chart once in this recording, too, or lend it a correction that was made from it",
            frame.name(), correction.name()));
}

Vector3 Feed::operator()(const Vector3& linear) const {
    if (!shown_) return linear * scale_;
    const Vector3 light = shown_->primaries * shown_->from.light(linear);
    if (shown_->asDecoded) return light;
    const bool video = shown_->to.encoding == Encoding::rec709 || shown_->to.encoding == Encoding::rec2020;
    const Vector3 stored =
        video ? Vector3(light.unaryExpr([](double v) { return encode(Encoding::bt1886, v); }))
              : encoded(shown_->to.space, light);
    Vector3 out;
    for (int c = 0; c < 3; ++c) out[c] = shown_->feed.decode(stored[c]);
    return out;
}

void Feed::apply(LinearImage& image) const {
    if (changesNothing()) return;
    tbb::parallel_for(0, image.height(), [&](int y) {
        for (int x = 0; x < image.width(); ++x) {
            float* p = image.pixel(x, y);
            const Vector3 fed = (*this)(Vector3(p[0], p[1], p[2]));
            for (int c = 0; c < 3; ++c) p[c] = static_cast<float>(fed[c]);
        }
    });
}

}  // namespace refero
