// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QRectF>

#include "app/judging/judged.h"

namespace refero {

/// One side of a comparison: a frame and how it is rendered.
struct PairSide {
    QString title;
    std::shared_ptr<const SmallFrame> frame;
    Rendering toSrgb;
};

struct PairedPictures {
    std::vector<CompareView::Pane> panes;  ///< the leader's, the follower's; of one size
    QSize full;                            ///< of the size that they share, in the follower's pixels
    std::vector<Scopes> scopes;            ///< of both, in sRGB
};
/// Frames of different shape are set on a ground of one. `region`, in shares of width and height, is what the
/// scopes are fed with; empty for all. Slow: for worker threads.
PairedPictures paired(const PairSide& leader, const PairSide& follower, const QRectF& region = {});

}  // namespace refero
