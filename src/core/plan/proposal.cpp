// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/proposal.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

namespace refero::plan {
namespace {

double minutesBetween(const LooseFrame& a, const LooseFrame& b) {
    if (!a.taken || !b.taken) return 0;
    return std::chrono::duration<double, std::ratio<60>>(*b.taken - *a.taken).count();
}

// Numbers in names count as numbers: frame 9 comes before frame 10.
bool naturallyBefore(const std::string& a, const std::string& b) {
    std::size_t i = 0, k = 0;
    const auto digit = [](char c) { return c >= '0' && c <= '9'; };
    while (i < a.size() && k < b.size()) {
        if (digit(a[i]) && digit(b[k])) {
            std::size_t j = i, l = k;
            while (j < a.size() && digit(a[j])) ++j;
            while (l < b.size() && digit(b[l])) ++l;
            while (i + 1 < j && a[i] == '0') ++i;
            while (k + 1 < l && b[k] == '0') ++k;
            if (j - i != l - k) return j - i < l - k;
            if (const int order = a.compare(i, j - i, b, k, l - k); order != 0) return order < 0;
            i = j;
            k = l;
            continue;
        }
        if (a[i] != b[k]) return a[i] < b[k];
        ++i;
        ++k;
    }
    return a.size() - i < b.size() - k;
}

bool otherColour(const Vector3& a, const Vector3& b, double share) {
    if (!(a.minCoeff() > 0) || !(b.minCoeff() > 0)) return false;
    const Vector3 ratio = (a / a.y()).cwiseQuotient(b / b.y());
    return std::exp(ratio.array().log().abs().maxCoeff()) - 1 > share;
}

bool otherLens(const LooseFrame& a, const LooseFrame& b) {
    return !a.lens.empty() && !b.lens.empty() && a.lens != b.lens;
}

// Red against blue in mired, about what daylight and lamps do to most sensors: a step of ten mired is about 4
// % (from memory, for sensors of usual filters); to be read as a hint of how far, not as a measurement.
double miredBetween(const Vector3& a, const Vector3& b) {
    constexpr double kMiredOfLog = 250;
    if (!(a.minCoeff() > 0) || !(b.minCoeff() > 0)) return 0;
    return kMiredOfLog * std::log(b.x() / b.z() * a.z() / a.x());
}

class Proposing {
  public:
    explicit Proposing(const ProposalOptions& options) : options_(options) {}

    void add(const LooseFrame& f) {
        const auto reason = beginsWith(f);
        if (reason) {
            SetupProposal p{f.body, f.serial, f.lens, f.focalLengthMm, {}, 0, *reason, 0, 0, 0};
            if (last_) p.pauseMinutes = minutesBetween(*last_, f);
            if (f.chart && chart_) {
                p.lightMired = miredBetween(chart_->white, f.white);
                if (chart_->white.y() > 0 && f.white.y() > 0)
                    p.lightStops = std::log2(f.white.y() / chart_->white.y());
            }
            out_.push_back(std::move(p));
            if (!f.chart) chart_.reset();
        }
        SetupProposal& now = out_.back();
        now.frames.push_back(f.frame);
        if (now.lens.empty()) now.lens = f.lens;
        if (f.chart) {
            now.chartFrame = f.frame;
            chart_ = f;
        }
        last_ = f;
    }
    std::vector<SetupProposal> take() { return std::move(out_); }

  private:
    std::optional<ProposalReason> beginsWith(const LooseFrame& f) const {
        if (!last_) return ProposalReason::firstOfBody;
        if (otherLens(*last_, f)) return ProposalReason::otherLens;
        if (minutesBetween(*last_, f) > options_.pauseMinutes) return ProposalReason::pause;
        if (!f.chart) return {};
        // Frames without a chart shot of their own wait for this one.
        if (out_.back().chartFrame == 0) return {};
        if (otherColour(chart_ ? chart_->white : Vector3::Zero(), f.white, options_.sameLightShare))
            return ProposalReason::otherLight;
        const bool retake = last_->chart || (chart_ && minutesBetween(*chart_, f) <= options_.retakeMinutes);
        return retake ? std::nullopt : std::optional(ProposalReason::chartShot);
    }

    const ProposalOptions& options_;
    std::optional<LooseFrame> last_, chart_;
    std::vector<SetupProposal> out_;
};

}  // namespace

std::vector<SetupProposal> proposedSetups(std::vector<LooseFrame> frames, const ProposalOptions& options) {
    std::stable_sort(frames.begin(), frames.end(), [](const LooseFrame& a, const LooseFrame& b) {
        const auto body = std::tie(a.body, a.serial), other = std::tie(b.body, b.serial);
        if (body != other) return body < other;
        if (a.taken && b.taken && *a.taken != *b.taken) return *a.taken < *b.taken;
        if (a.taken.has_value() != b.taken.has_value()) return a.taken.has_value();
        return naturallyBefore(a.path, b.path);
    });
    std::vector<SetupProposal> out;
    for (auto at = frames.begin(); at != frames.end();) {
        const auto end = std::find_if(at, frames.end(), [&](const LooseFrame& f) {
            return f.body != at->body || f.serial != at->serial;
        });
        Proposing proposing(options);
        for (; at != end; ++at) proposing.add(*at);
        for (SetupProposal& p : proposing.take()) out.push_back(std::move(p));
    }
    return out;
}

}  // namespace refero::plan
