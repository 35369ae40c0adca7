// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/loan.h"

#include <algorithm>

#include "core/fit/fit.h"
#include "core/numeric/statistics.h"
#include "core/plan/moment.h"
#include "io/correction_file.h"
#include "io/frame_file.h"
#include "io/raw_file.h"
#include "words/loan_words.h"
#include "workflow/correction.h"

namespace refero::workflow {
namespace {

// What is neutral in the setup's frames: marked by hand, else a grey card that was seen.
void findGrey(const studio::Frame& f, Borrower& b) {
    if (f.greyGreen > 0) {
        b.grey = Vector3(f.greyRed, f.greyGreen, f.greyBlue);
        b.reflectance.reset();
    } else if (f.greyCard && f.whiteGreen > 0 && !b.grey) {
        b.grey = Vector3(f.whiteRed, f.whiteGreen, f.whiteBlue);
        b.reflectance = 1;  // of the perfect diffuser that the card speaks for
    }
}

bool ownIsToCome(const Setup& s) {
    if (s.reading) return s.reading->verdict != Verdict::reshoot;
    return !s.chartFrame.empty();
}

// The plan's rules name another setup, whose chart serves it.
bool servedByPlan(const Setup& s) {
    return !s.reading && s.plan.state == plan::DueState::done && s.plan.shotOf != s.id;
}

}  // namespace

Result<Correction> LoanTask::run(ParsedCorrections& parser, const std::stop_token& stop) const {
    const auto finished = [&](Correction c) {
        c.name = name_;
        c.built = plan::isoText(plan::now());
        c.builtBy = thisProgram();
        c.summary.message = words::sentence(*c.loan);
        if (kept_) {
            c.finish = kept_->finish;
            c.limits = kept_->limits;
        }
        return c;
    };
    if (byPlan_) return finished(lentByPlan(*byPlan_));
    Borrower b = borrower_;
    if (!io::isRaw(frame_)) {
        const auto frame = io::readFrame(frame_);
        if (!frame) return tl::unexpected(frame.error());
        b.encoding = frame->encoding;
    } else if (!b.cameraWhite) {
        // It came in without being looked at.
        b.cameraWhite = io::readCameraWhite(frame_);
    }
    if (stop.stop_requested()) return stoppedEarly();
    const auto items = parsed(items_, parser);
    auto c = lent(lenders(items), b);
    if (!c) return c;
    return finished(*std::move(c));
}

bool wantsLoan(const studio::Contents& contents, const Setup* server, const Setup& s) {
    if ((s.correction && !s.correction->loan) || ownIsToCome(s)) return false;
    if (std::none_of(s.pictures.begin(), s.pictures.end(), [](const Picture& p) { return !p.chartFrame; }))
        return false;
    if (servedByPlan(s)) return server && server->correction && !server->correction->loan;
    // There must be something to lend.
    if (!contents.all<studio::ShelfRecord>().empty()) return true;
    const auto& all = contents.all<studio::CorrectionRecord>();
    return std::any_of(all.begin(), all.end(), [](const auto& each) { return each.second.reading != 0; });
}

bool sameLoan(const Setup& setup, const Correction& fresh) {
    return setup.correction && setup.correction->loan && setup.correction->loan == fresh.loan &&
           io::fingerprint(*setup.correction) == io::fingerprint(fresh);
}

std::optional<LoanTask> loanTask(const studio::Contents& contents, const Setup* server, const Setup& s) {
    if (!wantsLoan(contents, server, s)) return {};
    LoanTask task;
    if (s.correction) task.kept_ = CorrectionChoices::of(*s.correction);
    std::string taken;
    std::vector<double> red, blue;
    for (const auto& [id, f] : contents.all<studio::Frame>()) {
        if (f.setup != s.id || f.role == studio::FrameRole::chart) continue;
        if (task.frame_.empty()) task.frame_ = f.path;
        if (f.cameraRed > 0 && f.cameraBlue > 0) {
            red.push_back(f.cameraRed);
            blue.push_back(f.cameraBlue);
        }
        findGrey(f, task.borrower_);
        if (taken.empty()) taken = f.taken;
        if (task.borrower_.body.empty()) {
            task.borrower_.body = f.body;
            task.borrower_.serial = f.serial;
            task.borrower_.lens = f.lens;
        }
    }
    // The median over the frames: automatic balance wanders.
    if (!red.empty())
        task.borrower_.cameraWhite = Vector3(numeric::medianOf(red), 1, numeric::medianOf(blue));
    task.name_ = correctionName(s, taken);
    if (servedByPlan(s)) {
        task.byPlan_ = server->correction;
        return task;
    }
    const auto* setup = contents.find<plan::Setup>(s.id);
    // What the frames do not say of their body, the plan may.
    const auto* body = setup ? contents.find<plan::Body>(setup->conditions.body) : nullptr;
    const auto* lens = setup ? contents.find<plan::Lens>(setup->conditions.lens) : nullptr;
    if (task.borrower_.body.empty() && body) task.borrower_.body = body->model;
    if (task.borrower_.serial.empty() && body) task.borrower_.serial = body->serial;
    if (task.borrower_.lens.empty() && lens) task.borrower_.lens = lens->model;
    const auto* lamp = setup ? contents.find<plan::Lamp>(setup->conditions.lamp) : nullptr;
    if (lamp && lamp->kind != plan::LightKind::mixed)
        task.borrower_.lightKind = std::string(plan::name(lamp->kind));
    // Two bodies of the kit are two, also where neither says its number.
    task.items_ = shelfItems(contents, body ? body->id : 0);
    return task;
}

}  // namespace refero::workflow
