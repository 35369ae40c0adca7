// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pairing/paired_view.h"

namespace refero {
namespace {

constexpr std::size_t kFramesKept = 8;

struct Drawn {
    Result<PairedPictures> pictures;
    std::map<QString, std::shared_ptr<const SmallFrame>> frames;
};

CompareView::Layout layoutOf(PairedView::Arrangement a) {
    using Layout = CompareView::Layout;
    switch (a) {
        case PairedView::Arrangement::wipe:
            return Layout::wipe;
        case PairedView::Arrangement::checker:
            return Layout::checker;
        case PairedView::Arrangement::sideBySide:
            return Layout::sideBySide;
        case PairedView::Arrangement::leaderAlone:
        case PairedView::Arrangement::followerAlone:
            break;
    }
    return Layout::alone;
}

// Decodes what is not at hand, and renders both.
std::shared_ptr<Drawn> drawnOf(const PairedView::Side& leader, const PairedView::Side& follower,
                               std::map<QString, std::shared_ptr<const SmallFrame>> frames,
                               const QRectF& region, std::optional<PairSideId> alone) {
    const auto frame = [&](const PairedView::Side& side) -> Result<std::shared_ptr<const SmallFrame>> {
        auto& kept = frames[side.path];
        if (kept) return kept;
        auto read = smallFrame(side.path, nullptr, side.encoding);
        if (!read) return read;
        return kept = *read;
    };
    const auto a = frame(leader), b = frame(follower);
    if (!a || !b)
        return std::make_shared<Drawn>(Drawn{tl::unexpected(!a ? a.error() : b.error()), std::move(frames)});
    const auto side = [](const PairedView::Side& s, const std::shared_ptr<const SmallFrame>& picture) {
        return PairSide{s.title, picture,
                        [view = s.through ? std::nullopt : std::optional(s.view())](OutputSpace space) {
                            return view ? compile(*view, space) : compileUntouched(space);
                        },
                        s.through};
    };
    auto pictures = paired(side(leader, *a), side(follower, *b), region, alone);
    return std::make_shared<Drawn>(Drawn{std::move(pictures), std::move(frames)});
}

}  // namespace

PairedView::PairedView(Session& session, QWidget* parent) : CompareView(parent), session_(session) {
    setObjectName(QStringLiteral("pairedView"));
    setAccessibleName(tr("Both cameras"));
    setToolTip(
        tr("Drag the edge to wipe; hold F or the space bar to flick to the leader. Shift and drag over both "
           "feeds the scopes with that region; over one alone it marks a colour, first in the leader's "
           "picture, then in the follower's."));
    allowRegions();
    setMinimumWidth(320);
}

void PairedView::clear() {
    ++job_;
    setPanes(Layout::wipe, {}, {});
}

void PairedView::show(const Side& leader, const Side& follower, Arrangement arrangement) {
    std::optional<PairSideId> alone;
    if (arrangement == Arrangement::leaderAlone) alone = PairSideId::leader;
    if (arrangement == Arrangement::followerAlone) alone = PairSideId::follower;
    session_.background([leader, follower, frames = frames_, region = region_,
                         alone] { return drawnOf(leader, follower, frames, region, alone); },
                        [this, job = ++job_, arrangement](const std::shared_ptr<Drawn>& d) {
                            if (job != job_) return;
                            frames_ = d->frames.size() > kFramesKept ? Frames{} : d->frames;
                            if (!d->pictures) {
                                clear();
                                return emit failed(text(d->pictures.error().message));
                            }
                            setPanes(layoutOf(arrangement), std::move(d->pictures->panes), d->pictures->full);
                            emit drawn(d->pictures->scopes);
                        },
                        Urgency::now);
}

std::shared_ptr<const SmallFrame> PairedView::frame(const QString& path) const {
    const auto at = frames_.find(path);
    return at == frames_.end() ? nullptr : at->second;
}

QRectF PairedView::shareOf(const QRectF& region) const {
    const QSize full = fullSize();
    if (region.isEmpty() || full.isEmpty()) return {};
    return {region.x() / full.width(), region.y() / full.height(), region.width() / full.width(),
            region.height() / full.height()};
}

}  // namespace refero
