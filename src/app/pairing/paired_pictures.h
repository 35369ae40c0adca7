// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QRectF>
#include <functional>

#include "app/judging/judged.h"
#include "workflow/leader_transform.h"

namespace refero {

/// One side of a comparison: a frame and how it is rendered, or through whose transform it is seen.
struct PairSide {
    QString title;
    std::shared_ptr<const SmallFrame> frame;
    std::function<Rendering(OutputSpace)> rendering;
    std::shared_ptr<const workflow::SeenThrough> through = nullptr;  ///< instead of the rendering
};
enum class PairSideId { leader, follower };

struct PairedPictures {
    std::vector<CompareView::Pane> panes;  ///< the leader's, the follower's, of one size; or the one alone
    QSize full;                            ///< in the pixels of the follower's frame, or of the one alone
    std::vector<Scopes> scopes;            ///< of both, in sRGB
};
/// Frames of different shape are set on a ground of the follower's. `region`, in shares of the follower's
/// picture, is what the scopes are fed with, the same place of both; empty for all. Slow: for worker threads.
PairedPictures paired(const PairSide& leader, const PairSide& follower, const QRectF& region = {},
                      std::optional<PairSideId> alone = {});

/// Where a picture of that shape (width by height) lies on a ground of another, in shares of the ground.
QRectF placeOnGround(double aspect, double groundAspect);

}  // namespace refero
