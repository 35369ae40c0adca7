// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QSize>
#include <QString>
#include <memory>
#include <optional>
#include <vector>

#include "app/judging/compare_view.h"
#include "app/session/setup.h"
#include "core/render/render.h"
#include "core/scope/scope.h"

namespace refero {

/// One way of rendering a frame, by name.
struct Contestant {
    enum class Kind { corrected, balanceAlone, asRecorded };

    QString title;
    Kind kind = Kind::corrected;
    std::shared_ptr<const Correction> correction;
    Finish finish;  ///< of what is corrected

    Rendering compiled(OutputSpace space) const;
};

/// What a person wants to see.
struct JudgingWish {
    enum class Mode { wipe, sideBySide, fourUp, difference };
    Mode mode = Mode::wipe;
    /// The first is what the last is held against; of four up, all are shown.
    std::vector<Contestant> contestants;
    std::optional<OutputSpace> warnFor;  ///< what this space cannot show is marked in the last
    bool quick = false;                  ///< while something moves: fewer pixels, no scopes
};

/// A frame made small enough for a screen, once for all renderings of it.
struct SmallFrame {
    QString path;
    Transfer encoding;
    QSize full;
    LinearImage large, quick;
};
/// Reads the frame, or takes the one at hand where it is that; slow. Where it does not say its encoding, it
/// is taken to be the correction's; one of another recording is brought to it (see Feed) or refused.
Result<std::shared_ptr<const SmallFrame>> smallFrame(const QString& path, const FramePointer& atHand,
                                                     const Transfer& encoding);

struct Judged {
    CompareView::Layout layout = CompareView::Layout::wipe;
    std::vector<CompareView::Pane> panes;
    CompareView::Legend legend;
    std::vector<Scopes> scopes;  ///< of the first and the last, in sRGB; empty when quick
};
/// Slow: for worker threads.
Judged judged(const SmallFrame& frame, const JudgingWish& wish);

}  // namespace refero
