// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/proposal.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

namespace refero::plan {
namespace {

double minutesBetween(const ShootFrame& a, const ShootFrame& b) {
    if (!a.taken || !b.taken) return 0;
    return std::chrono::duration<double, std::ratio<60>>(*b.taken - *a.taken).count();
}

bool otherColour(const ShootFrame& a, const ShootFrame& b, double share) {
    if (!a.white || !b.white) return false;
    const Vector3 one = a.white->white / a.white->white.y(), other = b.white->white / b.white->white.y();
    return std::exp((one.array() / other.array()).log().abs().maxCoeff()) - 1 > share;
}

bool otherLens(const ShootFrame& a, const ShootFrame& b) {
    return !a.lens.empty() && !b.lens.empty() && a.lens != b.lens;
}

// The frames of one body, one after the other.
class Timeline {
  public:
    explicit Timeline(const ProposalOptions& options) : options_(options) {}

    void add(const ShootFrame& f) {
        if (f.setup != 0) {
            // What waited for a setup without a chart shot of its own was taken on the way to this one.
            const bool waits = setup_ == 0 && !out_.empty() && out_.back().chartFrame == 0;
            if (waits && !begins(f)) join(out_.back(), f.setup);
            if (f.setup != setup_) chart_.reset();
            setup_ = f.setup;
        } else if (setup_ != 0 && !begins(f)) {
            if (out_.empty() || out_.back().setup != setup_)
                out_.push_back({setup_, f.body, f.serial, f.lens, {}, 0, ProposalReason::amongOthers, 0, {}});
            out_.back().frames.push_back(f.frame);
            if (f.chart) out_.back().chartFrame = f.frame;
        } else {
            if (const auto reason = begins(f)) begin(f, *reason);
            SetupProposal& now = out_.back();
            now.frames.push_back(f.frame);
            if (now.lens.empty()) now.lens = f.lens;
            if (f.chart) now.chartFrame = f.frame;
        }
        if (f.chart) chart_ = f;
        last_ = f;
    }
    std::vector<SetupProposal> take() { return std::move(out_); }

  private:
    static void join(SetupProposal& p, SetupId setup) {
        p.reason = ProposalReason::amongOthers;
        p.setup = setup;
    }

    void begin(const ShootFrame& f, ProposalReason reason) {
        SetupProposal p{0, f.body, f.serial, f.lens, {}, 0, reason, 0, {}};
        if (last_) p.pauseMinutes = minutesBetween(*last_, f);
        if (f.chart && chart_ && f.white && chart_->white) p.light = lightStep(*chart_->white, *f.white);
        // Without a chart shot the light before says nothing of what comes.
        if (!f.chart) chart_.reset();
        setup_ = 0;
        out_.push_back(std::move(p));
    }

    std::optional<ProposalReason> begins(const ShootFrame& f) const {
        if (!last_) return ProposalReason::firstOfBody;
        if (otherLens(*last_, f)) return ProposalReason::otherLens;
        if (minutesBetween(*last_, f) > options_.pauseMinutes) return ProposalReason::pause;
        // Frames without a chart shot of their own wait for this one.
        if (!f.chart || !chart_) return {};
        if (otherColour(*chart_, f, options_.sameLightShare)) return ProposalReason::otherLight;
        const bool retake = last_->chart || minutesBetween(*chart_, f) <= options_.retakeMinutes;
        return retake ? std::nullopt : std::optional(ProposalReason::chartShot);
    }

    const ProposalOptions& options_;
    SetupId setup_ = 0;  ///< of the setup at hand; 0: it is proposed
    std::optional<ShootFrame> last_, chart_;
    std::vector<SetupProposal> out_;
};

}  // namespace

std::vector<SetupProposal> proposedSetups(std::vector<ShootFrame> frames, const ProposalOptions& options) {
    const auto body = [](const ShootFrame& f) { return std::tie(f.body, f.serial); };
    std::stable_sort(frames.begin(), frames.end(), [&](const ShootFrame& a, const ShootFrame& b) {
        if (body(a) != body(b)) return body(a) < body(b);
        if (a.taken != b.taken) return a.taken && (!b.taken || *a.taken < *b.taken);
        return a.path < b.path;
    });
    std::vector<SetupProposal> out;
    for (auto at = frames.begin(); at != frames.end();) {
        Timeline timeline(options);
        for (const ShootFrame& first = *at; at != frames.end() && body(*at) == body(first); ++at)
            timeline.add(*at);
        for (SetupProposal& p : timeline.take()) out.push_back(std::move(p));
    }
    return out;
}

namespace {

// The proposals while a person changes them, with what is known of their frames.
class Changing {
  public:
    Changing(std::vector<SetupProposal> proposals, const std::vector<ShootFrame>& frames)
        : all_(std::move(proposals)) {
        for (const ShootFrame& f : frames) known_[f.frame] = f;
    }

    void change(const ProposalChange& c) {
        const std::size_t target = of(c.with);
        if (c.with != 0 && target == kNone) return;
        std::size_t from = kNone;
        std::vector<FrameId> moved;
        for (const FrameId id : c.frames) {
            const std::size_t at = of(id);
            if (at == kNone || at == target) continue;
            if (from == kNone) from = at;
            // Those of one body: of the proposal that they join, else of the first of them.
            const SetupProposal& like = all_[target != kNone ? target : from];
            if (all_[at].body == like.body && all_[at].serial == like.serial) moved.push_back(id);
        }
        if (moved.empty()) return;
        for (SetupProposal& p : all_)
            std::erase_if(p.frames, [&](FrameId id) {
                return std::find(moved.begin(), moved.end(), id) != moved.end();
            });
        if (target != kNone) {
            all_[target].frames.insert(all_[target].frames.end(), moved.begin(), moved.end());
        } else {
            SetupProposal p{0, all_[from].body, all_[from].serial, {}, moved, 0, ProposalReason::byHand, 0,
                            {}};
            all_.insert(all_.begin() + static_cast<std::ptrdiff_t>(from) + 1, std::move(p));
        }
        std::erase_if(all_, [](const SetupProposal& p) { return p.frames.empty(); });
    }

    std::vector<SetupProposal> take() {
        for (SetupProposal& p : all_) {
            std::stable_sort(p.frames.begin(), p.frames.end(),
                             [&](FrameId a, FrameId b) { return earlier(a, b); });
            p.chartFrame = 0;
            for (const FrameId id : p.frames) {
                const ShootFrame& f = known_[id];
                if (f.chart) p.chartFrame = id;
                if (p.lens.empty()) p.lens = f.lens;
            }
        }
        return std::move(all_);
    }

  private:
    static constexpr std::size_t kNone = static_cast<std::size_t>(-1);

    std::size_t of(FrameId frame) const {
        for (std::size_t i = 0; i < all_.size(); ++i)
            if (std::find(all_[i].frames.begin(), all_[i].frames.end(), frame) != all_[i].frames.end())
                return i;
        return kNone;
    }
    bool earlier(FrameId a, FrameId b) {
        const ShootFrame &one = known_[a], &other = known_[b];
        if (one.taken != other.taken) return one.taken && (!other.taken || *one.taken < *other.taken);
        return one.path < other.path;
    }

    std::vector<SetupProposal> all_;
    std::map<FrameId, ShootFrame> known_;
};

}  // namespace

std::vector<SetupProposal> changed(std::vector<SetupProposal> proposals,
                                   const std::vector<ShootFrame>& frames,
                                   const std::vector<ProposalChange>& changes) {
    if (changes.empty()) return proposals;
    Changing all(std::move(proposals), frames);
    for (const ProposalChange& c : changes) all.change(c);
    return all.take();
}

}  // namespace refero::plan
