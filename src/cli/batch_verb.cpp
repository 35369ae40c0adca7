// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <csignal>
#include <ostream>

#include "cli/verbs.h"
#include "io/batch/run.h"

namespace refero::cli {
namespace {

volatile std::sig_atomic_t stopAsked = 0;
void askToStop(int) {
    stopAsked = 1;
}

// The first Ctrl+C ends after the bands at work; nothing is left half-written.
class StopsOnSignal {
  public:
    StopsOnSignal() : interrupt_(std::signal(SIGINT, askToStop)), end_(std::signal(SIGTERM, askToStop)) {
        stopAsked = 0;
    }
    ~StopsOnSignal() {
        std::signal(SIGINT, interrupt_);
        std::signal(SIGTERM, end_);
    }
    StopsOnSignal(const StopsOnSignal&) = delete;
    StopsOnSignal& operator=(const StopsOnSignal&) = delete;

  private:
    void (*interrupt_)(int);
    void (*end_)(int);
};

class Batch : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand(
            "batch", "Carry corrections to many frames; run again, it goes on where it was.");
        verb->add_option("job", job_, "A job's document")->required();
        verb->add_option("--jobs", jobs_, "Frames at a time; else one a core")->check(CLI::Range(1, 256));
        verb->add_flag("--left", left_,
                       "Only print the numbers of the frames that are not finished, one a line");
        verb->add_option("--frame", only_,
                         "Only these of its frames, by number from 1: for a scheduler of its own")
            ->check(CLI::Range(1, 1'000'000));
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        if (left_) return printLeft(s);
        io::BatchOptions o;
        o.jobs = jobs_;
        for (const std::size_t n : only_) o.only.push_back(n - 1);
        const StopsOnSignal stops;
        o.stopped = [] { return stopAsked != 0; };
        o.report = [&](const io::FrameReport& r) { s.out << io::jsonLine(r) << std::endl; };
        const auto summary = io::runBatch(job_, o);
        if (!summary) return tl::unexpected(summary.error());
        const io::BatchSummary& b = *summary;
        s.err << b.done << " done, " << b.kept << " kept from before, " << b.skipped << " skipped, "
              << b.failed << " failed";
        if (b.left > 0) s.err << ", " << b.left << " left: run it again to go on";
        s.err << ".\n";
        return b.complete() ? Outcome::done : Outcome::failed;
    }

  private:
    Result<Outcome> printLeft(Streams& s) const {
        const auto left = io::framesLeft(job_);
        if (!left) return tl::unexpected(left.error());
        for (const std::size_t i : *left) s.out << i + 1 << "\n";
        return Outcome::done;
    }

    bool left_ = false;
    std::string job_;
    int jobs_ = 0;
    std::vector<std::size_t> only_;
};

}  // namespace

std::unique_ptr<Verb> makeBatch() {
    return std::make_unique<Batch>();
}

}  // namespace refero::cli
