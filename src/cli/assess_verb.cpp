// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <cstdio>
#include <ostream>

#include "cli/readings.h"
#include "cli/space_option.h"
#include "cli/verbs.h"
#include "core/colour/primaries_text.h"
#include "io/assessment_file.h"
#include "io/curve_file.h"
#include "words/assess_words.h"
#include "workflow/assess.h"

namespace refero::cli {
namespace {

class AssessVerb : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand("assess", "Say what somebody's transform does to a chart shot.");
        verb->add_option("transform", transform_,
                         ".cube, .clf, .icc, .dcp, .cdl, an OpenColorIO configuration, a correction; or "
                         "\"as-recorded\"")
            ->required();
        verb->add_option("readings", readings_, "Readings of chart shots of one camera")->required();
        verb->add_option(
            "--encoding", encoding_,
            "What it is fed: a named encoding or a curve file; without it, what its file says or what "
            "the patches tell");
        verb->add_option("--space", space_, spacesHelp("What it gives"));
        auto* balanced =
            verb->add_flag("--balanced", balanced_, "It is fed balanced numbers, in which greys are equal");
        verb->add_flag("--unbalanced", unbalanced_, "It is fed the numbers as they were recorded")
            ->excludes(balanced);
        verb->add_option(
            "--gamut", gamut_,
            "With \"as-recorded\": the recording by its data sheet, seen through its curve and this "
            "gamut: a space's name, or x and y of red, green, blue and white");
        verb->add_option("--view", options_.view, "Of an OpenColorIO configuration: its view");
        verb->add_option("--display", options_.display, "And its display");
        verb->add_option("--input-space", options_.inputSpace, "And the colour space that it is fed");
        verb->add_option("--json", json_, "Write what was found here (- for standard output)");
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        const auto readings = readReadings(readings_);
        if (!readings) return tl::unexpected(readings.error());
        for (const Reading& r : *readings)
            if (!r.found) return failure(r.framePath + ": no chart was found in it.");
        workflow::StatedTerms stated;
        stated.transform = options_;
        if (!encoding_.empty()) {
            auto feed = io::transferByNameOrPath(encoding_);
            if (!feed) return tl::unexpected(feed.error());
            stated.feed = *std::move(feed);
        }
        if (!space_.empty()) {
            const auto space = outputSpaceByName(space_);
            if (!space) return tl::unexpected(space.error());
            stated.space = *space;
        }
        if (balanced_) stated.balance = FeedBalance::balanced;
        if (unbalanced_) stated.balance = FeedBalance::asRecorded;
        if (!gamut_.empty()) {
            if (transform_ != "as-recorded") return failure("--gamut goes with as-recorded.");
            const auto gamut = primariesFrom(gamut_);
            if (!gamut) return tl::unexpected(gamut.error());
            stated.gamut = *gamut;
        }
        const auto done = workflow::assess(transform_ == "as-recorded" ? "" : transform_, *readings, stated);
        if (!done) return tl::unexpected(done.error());
        if (!json_.empty())
            if (auto ok = deliver(json_, io::prettyJson(io::toJson(done->assessment)), s); !ok)
                return tl::unexpected(ok.error());
        tell(done->assessment, json_ == "-" ? s.err : s.out);
        return Outcome::done;
    }

  private:
    static void tell(const Assessment& a, std::ostream& out) {
        char line[160];
        const auto print = [&](auto... values) {
            std::snprintf(line, sizeof line, values...);
            out << line;
        };
        print("%-6s %10s %10s\n", "patch", "as it is", "levelled");
        for (const AssessedPatch& p : a.patches)
            print("%-6s %10.2f %10.2f  %s%s%s\n", p.id.c_str(), p.difference, p.differenceLevelled,
                  std::string(name(p.role)).c_str(), p.counted ? "" : ", not used", p.cut ? ", cut off" : "");
        print("%-6s %10.2f %10.2f\n\n", "mean", a.mean, a.meanLevelled);
        out << a.name << ": " << a.kind << ". " << words::terms(a.terms) << "\n";
        for (const words::AssessFinding& f : words::findings(a))
            out << (f.verdict == Verdict::pass     ? "   "
                    : f.verdict == Verdict::review ? " ! "
                                                   : "!! ")
                << f.title << "." << (f.reason.empty() ? "" : " " + f.reason) << "\n";
        for (const std::string& r : a.remarks) out << r << "\n";
    }

    std::vector<std::string> readings_;
    std::string transform_, encoding_, space_, gamut_, json_;
    bool balanced_ = false, unbalanced_ = false;
    io::TransformOptions options_;
};

}  // namespace

std::unique_ptr<Verb> makeAssess() {
    return std::make_unique<AssessVerb>();
}

}  // namespace refero::cli
