// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/day_run.h"

#include <algorithm>
#include <map>
#include <set>

#include "core/say/say.h"
#include "io/correction_file.h"
#include "io/files/utf8.h"
#include "studio/charts.h"
#include "words/loan_words.h"
#include "workflow/correction.h"
#include "workflow/due_correction.h"
#include "workflow/intake.h"
#include "workflow/proposals.h"
#include "workflow/shelf.h"
#include "workflow/shoot_state.h"
#include "workflow/shoots.h"
#include "workflow/whole_shoot.h"

namespace refero::workflow {
namespace {

namespace fs = std::filesystem;
using studio::SetupId;
using studio::ShootId;

class DayRun {
  public:
    DayRun(studio::Studio& studio, const DayOptions& options) : studio_(studio), options_(options) {}

    Result<DayOutcome> run() {
        if (auto ok = bring(); !ok) return tl::unexpected(ok.error());
        if (auto ok = propose(); !ok) return tl::unexpected(ok.error());
        if (auto ok = correct(); !ok) return tl::unexpected(ok.error());
        if (auto ok = handOver(); !ok) return tl::unexpected(ok.error());
        return outcome();
    }

  private:
    void tell(const std::string& what, std::size_t number, std::size_t all) const {
        if (options_.told) options_.told(what, number, all);
    }
    ShootOptions each(std::string_view what, const std::string& whom = {}) const {
        ShootOptions o;
        o.stop = options_.stop;
        o.told = [this, what, whom](const Setup& s, std::size_t number, std::size_t all) {
            tell(say(what, s.light, whom), number, all);
        };
        return o;
    }

    // A chart that the studio does not know is one of its own from now on: readings are made with those.
    Status meetCharts() {
        for (const Chart& c : options_.charts) {
            const auto known = studio::chartsOf(studio_.contents());
            if (std::any_of(known.begin(), known.end(), [&](const Chart& k) { return k.id == c.id; }))
                continue;
            studio::Edit edit = studio_.edit(say("Add the chart %1", c.name));
            if (const auto added = studio::addChart(edit, studio_.contents(), c); !added)
                return tl::unexpected(added.error());
            if (auto kept = studio_.commit(edit); !kept) return kept;
        }
        return {};
    }

    Status bring() {
        if (auto ok = meetCharts(); !ok) return ok;
        std::vector<Chart> charts =
            options_.charts.empty() ? studio::chartsOf(studio_.contents()) : options_.charts;
        const auto intake =
            bringIn(studio_, options_.folders, {std::move(charts), {}}, options_.stop,
                    [this](std::size_t i, std::size_t n) { tell(say("Looking at a frame"), i + 1, n); });
        if (!intake) return tl::unexpected(intake.error());
        if (options_.stop.stop_requested()) return stoppedEarly();
        for (const studio::Brought& b : intake->brought())
            if (b.frame == 0) unreadable_.push_back({io::printable(b.path.string()), 0, {}, {}, 0, b.reason});
        shoot_ = latestShoot(studio_.contents());
        if (shoot_ == 0)
            return failure(say(
                "Nothing in there can be read as a picture or a clip. Give the card's folder, or frames."));
        return {};
    }

    Status propose() {
        const auto all = proposals(studio_.contents(), shoot_);
        if (all.empty()) return {};
        const auto ids = accept(studio_, shoot_, all);
        if (!ids) return tl::unexpected(ids.error());
        for (std::size_t i = 0; i < ids->size(); ++i) proposed_[(*ids)[i]] = reasonOf(all[i]);
        return {};
    }

    void note(const std::vector<SetupOutcome>& outcomes) {
        for (const SetupOutcome& o : outcomes) {
            auto& why = why_[o.setup];
            if (o.what == SetupOutcome::What::failed) why += (why.empty() ? "" : " ") + o.message;
            for (const std::string& file : o.files) files_[o.setup].push_back(file);
        }
    }

    Status correct() {
        const auto read = readAll(studio_, each(word("Reading the chart of %1")));
        if (!read) return tl::unexpected(read.error());
        note(*read);
        const auto corrected = correctAll(studio_, {}, false, each(word("Correcting %1")));
        if (!corrected) return tl::unexpected(corrected.error());
        note(*corrected);
        for (const SetupOutcome& o : *corrected)
            if (o.what == SetupOutcome::What::reshoot)
                if (auto ok = mend(o.setup); !ok) return ok;
        return lend();
    }

    // Lights without a chart shot of their own.
    Status lend() {
        const auto lent = lendAll(studio_, each(word("Looking for colours for %1")));
        if (!lent) return tl::unexpected(lent.error());
        note(*lent);
        return {};
    }

    // Of a shot that is to be taken again a correction is built where its faults could be mended, and what it
    // promises passes.
    Status mend(SetupId id) {
        for (const Setup& s : setups()) {
            if (s.id != id || !s.reading) continue;
            const auto made = mendedCorrection(s, day_.shoot, options_.stop);
            if (!made) return tl::unexpected(made.error());
            why_[id] = made->why;
            if (!made->correction) return {};
            studio::Edit edit = studio_.edit(say("Build correction for %1, mended", s.light));
            if (const auto kept = keepCorrection(edit, studio_.contents(), id, *made->correction); !kept)
                return tl::unexpected(kept.error());
            mended_.insert(id);
            return studio_.commit(edit);
        }
        return {};
    }

    Status handOver() {
        std::error_code ec;
        fs::create_directories(options_.out, ec);
        if (ec) return failure(say("The folder %1 cannot be made: %2.", options_.out.string(), ec.message()));
        if (auto ok = documents(); !ok) return ok;
        for (const Receiver r : options_.receivers) {
            const fs::path folder = options_.out / std::string(name(r));
            fs::create_directories(folder, ec);
            const auto handed =
                handOverAll(studio_, r, folder.string(), io::Collision::replace, options_.print,
                            each(word("Handing over %1 to the %2"), std::string(name(r))));
            if (!handed) return tl::unexpected(handed.error());
            note(*handed);
            for (const SetupOutcome& s : *handed) {
                if (s.job.empty()) continue;
                if (options_.leaveFrames)
                    jobs_.push_back(s.job);
                else if (auto ok = render(s); !ok)
                    return ok;
            }
        }
        return {};
    }

    // Two lights of one name get two files.
    fs::path unused(const std::string& name) {
        fs::path path = options_.out / "corrections" / name;
        const std::string stem = path.stem().string(), ending = path.extension().string();
        for (int n = 2; !taken_.insert(path.string()).second; ++n)
            path.replace_filename(stem + " " + std::to_string(n) + ending);
        return path;
    }

    // Each correction as a document and in the single formats.
    Status documents() {
        for (const Setup& s : setups()) {
            if (!s.correction) continue;
            if (options_.stop.stop_requested()) return stoppedEarly();
            std::error_code ec;
            fs::create_directories(options_.out / "corrections", ec);
            io::ExportOptions o;
            o.format = io::Format::json;
            const fs::path path = unused(io::suggestedName(*s.correction, o));
            if (auto ok = io::writeCorrection(*s.correction, path); !ok) return ok;
            documents_[s.id] = path.string();
            for (const io::Format format : options_.formats) {
                o.format = format;
                const fs::path target = unused(io::suggestedName(*s.correction, o));
                if (const auto made = io::exportCorrection(*s.correction, target, o))
                    files_[s.id].push_back(target.string());
                else
                    why_[s.id] += (why_[s.id].empty() ? "" : " ") + made.error().message;
            }
        }
        return {};
    }

    Status render(const SetupOutcome& s) {
        io::BatchOptions o;
        o.stopped = [this] { return options_.stop.stop_requested(); };
        std::size_t all = 0, done = 0, quick = 0;
        o.begun = [&](std::size_t n) { all = n; };
        o.report = [&](const io::FrameReport& f) {
            if (f.fate == io::FrameFate::quick) {
                tell(say("Quick pictures of %1", s.name), ++quick, all);
                rendered_[f.path.string()].cutShare = f.cutShare;
                return;
            }
            tell(say("Rendering frames of %1", s.name), ++done, all);
            DayFrame& frame = rendered_[f.path.string()];
            if (f.fate == io::FrameFate::failed) frame.why = f.message;
            if (f.fate == io::FrameFate::done) frame.files.push_back(f.target.string());
        };
        const auto summary = io::runBatch(s.job, o);
        if (options_.stop.stop_requested()) return stoppedEarly();
        if (!summary) why_[s.setup] += (why_[s.setup].empty() ? "" : " ") + summary.error().message;
        return {};
    }

    const std::vector<Setup>& setups() {
        day_ = state_.day(studio_.contents(), shoot_, plan::now());
        setups_ = state_.setups(studio_.contents(), day_);
        return setups_;
    }

    // A correction of today that no longer says what the library's says.
    void agree(const Setup& s, DaySetup& d) {
        for (const ShelfGroup& g : shelf_)
            if (g.items.front().setup == s.id && g.disagreement)
                d.why += (d.why.empty() ? "" : " ") + words::sentence(*g.disagreement);
    }

    DayOutcome outcome() {
        ParsedCorrections parser;
        shelf_ = grouped(parsed(shelfItems(studio_.contents()), parser));
        DayOutcome out;
        out.jobs = jobs_;
        std::map<SetupId, const Setup*> byId;
        for (const Setup& s : setups()) byId[s.id] = &s;
        for (const Setup& s : setups_) {
            DaySetup d;
            d.id = s.id;
            d.name = s.light;
            d.body = s.body;
            d.lens = s.lens;
            d.chartFrame = s.chartFrame;
            d.mended = mended_.contains(s.id);
            if (const auto at = proposed_.find(s.id); at != proposed_.end()) d.proposed = at->second;
            if (s.reading) d.verdict = s.reading->verdict;
            d.correction = documents_[s.id];
            d.files = files_[s.id];
            d.why = why_[s.id];
            if (s.correction) d.loan = s.correction->loan;
            if (d.loan) d.why += (d.why.empty() ? "" : " ") + words::sentence(*d.loan);
            if (d.why.empty() && s.chartFrame.empty()) d.why = say("No chart was shot in this light.");
            agree(s, d);
            out.setups.push_back(std::move(d));
        }
        for (const auto& [id, f] : studio_.contents().all<studio::Frame>()) {
            if (f.shoot != shoot_) continue;
            DayFrame d = rendered_[f.path];
            d.path = f.path;
            d.setup = f.setup;
            if (f.setup != 0) d.correctedBy = documents_[f.setup];
            if (d.why.empty() && d.files.empty()) {
                const bool corrected = byId.contains(f.setup) && byId[f.setup]->correction;
                d.why = f.role == studio::FrameRole::chart ? say("It is the chart shot.")
                        : f.setup == 0                     ? f.because
                        : !corrected                       ? say("Its setup has no correction.")
                                     : say("No receiver was to get frames, or they have it already.");
            }
            out.frames.push_back(std::move(d));
        }
        out.frames.insert(out.frames.end(), unreadable_.begin(), unreadable_.end());
        std::vector<const Setup*> all;
        for (const Setup& s : setups_) all.push_back(&s);
        out.unknowns = unknownsOf(studio_.contents(), shoot_, all);
        return out;
    }

    studio::Studio& studio_;
    const DayOptions& options_;
    ShootState state_;
    plan::Day day_;
    std::vector<Setup> setups_;
    std::vector<ShelfGroup> shelf_;
    ShootId shoot_ = 0;
    std::vector<std::string> jobs_;  ///< that were left
    std::set<SetupId> mended_;       ///< setups whose shot was mended
    std::map<SetupId, std::string> proposed_, documents_, why_;
    std::map<SetupId, std::vector<std::string>> files_;
    std::set<std::string> taken_;  ///< files that this run has written
    std::map<std::string, DayFrame> rendered_;
    std::vector<DayFrame> unreadable_;
};

}  // namespace

Result<DayOutcome> runDay(studio::Studio& studio, const DayOptions& options) {
    if (!studio.readOnlyBecause().empty()) return failure(studio.readOnlyBecause());
    return DayRun(studio, options).run();
}

}  // namespace refero::workflow
