// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/proposal.h"

#include <algorithm>
#include <cmath>
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
    static void join(SetupProposal& p, Id setup) {
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
    Id setup_ = 0;  ///< of the setup at hand; 0: it is proposed
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

}  // namespace refero::plan
