// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <cstdio>
#include <ostream>

#include "cli/fit_figures.h"
#include "cli/known_colour_options.h"
#include "cli/readings.h"
#include "cli/verbs.h"
#include "cli/weight_options.h"
#include "core/pair/match.h"
#include "core/plan/moment.h"
#include "io/correction_file.h"
#include "io/match_file.h"
#include "io/reading_file.h"
#include "words/pair_words.h"
#include "words/treatment_words.h"
#include "workflow/leader_transform.h"

namespace refero::cli {
namespace {

class MatchVerb : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand("match", "Make one camera look like another.");
        verb->add_option("leader", leader_, "Reading of the camera that leads")->required();
        verb->add_option("follower", follower_, "Readings of the camera that follows, of one setup")
            ->required();
        verb->add_option(
            "--through", through_,
            "The leader's correction, through which a linear frame is seen; without it, the one "
            "that \"correct\" would build. Or somebody's transform (.cube, .clf, .cdl, ...), whose "
            "look is then what the follower gets");
        verb->add_option("--through-space", throughSpace_,
                         "What such a transform gives: srgb, bt1886 or rec709");
        std::vector<std::string> models{"auto"};
        for (const Model m : kModels) models.emplace_back(name(m));
        verb->add_option("--model", model_, "As for \"correct\"")
            ->check(CLI::IsMember(models))
            ->capture_default_str();
        verb->add_option("--intent", intent_, "colorimetric, neutrals, skin or pleasing")
            ->check(CLI::IsMember({"colorimetric", "neutrals", "skin", "pleasing"}))
            ->capture_default_str();
        weights_.declare(*verb);
        verb->add_option("--hold", held_,
                         "A step that is not taken: balance, level, contrast, skin or a hue by its Munsell "
                         "letters (R, YR, Y, GY, G, BG, B, PB, P, RP); may be given again");
        verb->add_option("--stop-after", stopAfter_, "The last step that is taken");
        verb->add_flag("--as-shot", asShot_, "Mend nothing in either shot");
        verb->add_option("--resamples", resamples_,
                         "How often the readings are drawn anew for the 95 % intervals; 0 for none")
            ->check(CLI::Range(0, 10000))
            ->capture_default_str();
        known_.declare(*verb);
        verb->add_option("--json", json_, "Write what was found here (- for standard output)");
        verb->add_option("--out", out_, "Write the follower's correction here (- for standard output)")
            ->required();
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        auto leader = io::readReading(leader_);
        if (!leader) return tl::unexpected(leader.error());
        const auto follower = readReadings(follower_);
        if (!follower) return tl::unexpected(follower.error());
        auto leads = leaderThrough(*std::move(leader));
        if (!leads) return tl::unexpected(leads.error());
        auto options = matchOptions(follower->front());
        if (!options) return tl::unexpected(options.error());
        auto match = matched(*leads, *follower, *options);
        if (!match) return tl::unexpected(match.error());
        match->correction.built = plan::isoText(plan::now());
        if (auto ok = deliver(out_, io::prettyJson(io::toJson(match->correction)), s); !ok)
            return tl::unexpected(ok.error());
        if (!json_.empty())
            if (auto ok = deliver(json_, io::prettyJson(io::toJson(*match)), s); !ok)
                return tl::unexpected(ok.error());
        report(*match, out_ == "-" || json_ == "-" ? s.err : s.out);
        return Outcome::done;
    }

  private:
    // A correction is what a linear frame is seen through; a transform of somebody's makes a picture of it.
    Result<Leader> leaderThrough(Reading reading) const {
        Leader out{std::move(reading)};
        if (through_.empty()) return out;
        if (through_.ends_with(".json")) {
            auto c = io::readCorrection(through_);
            if (!c) return tl::unexpected(c.error());
            out.through = *std::move(c);
            return out;
        }
        workflow::LeaderTransform transform{through_};
        if (!throughSpace_.empty()) {
            const auto named = outputSpaceByName(throughSpace_);
            if (!named) return tl::unexpected(named.error());
            transform.space = *named;
        }
        auto transformed = workflow::leaderThrough(out.reading, transform);
        if (!transformed) return tl::unexpected(transformed.error());
        return std::move(transformed->leader);
    }
    Result<MatchOptions> matchOptions(const Reading& follower) const {
        MatchOptions out;
        if (model_ != "auto") out.fit.model = *modelByName(model_);
        out.fit.intent = *intentByName(intent_);
        out.fit.asShot = asShot_;
        out.fit.resamples = static_cast<std::size_t>(resamples_);
        auto weights = weights_.weights();
        if (!weights) return tl::unexpected(weights.error());
        out.fit.weights = *std::move(weights);
        for (const std::string& id : held_) {
            const auto step = pairStepById(id);
            if (!step) return tl::unexpected(step.error());
            out.held[*step] = true;
        }
        if (!stopAfter_.empty()) {
            const auto step = pairStepById(stopAfter_);
            if (!step) return tl::unexpected(step.error());
            out.stopAfter = *step;
        }
        auto known = known_.measured(follower.encoding);
        if (!known) return tl::unexpected(known.error());
        out.fit.known = *std::move(known);
        return out;
    }

    static std::string figure(const std::optional<double>& v) {
        char text[20] = "-";
        if (v) std::snprintf(text, sizeof text, "%.2f", *v);
        return text;
    }

    static void report(const Match& m, std::ostream& out) {
        const Correction& c = m.correction;
        char line[200];
        const auto print = [&](auto... values) {
            std::snprintf(line, sizeof line, values...);
            out << line;
        };
        print("%-6s %10s %10s %10s %12s\n", "patch", "before", "after", "left out", "cannot meet");
        for (const PatchResult& p : c.patches) {
            const auto never = m.unreachable.find(p.id);
            const std::string cannot = never == m.unreachable.end() ? "-" : figure(never->second);
            print("%-6s %10.2f %10.2f %10.2f %12s  %s%s\n", p.id.c_str(), p.differenceBefore,
                  p.differenceAfter, p.leftOut, cannot.c_str(), std::string(name(p.role)).c_str(),
                  p.used ? "" : ", not used");
        }
        printFigures(out, c);
        for (std::size_t k = 0; k < kRecipeSectors.size(); ++k)
            if (m.steps.front().hues[k] && m.steps.back().hues[k])
                print("%-16s %.2f %10.2f\n", words::pairStep(kFirstHueStep + k).c_str(),
                      *m.steps.front().hues[k], *m.steps.back().hues[k]);
        print("\nWhat is left after each step:\n%-22s %8s %8s %8s  %s\n", "", "mean", "greys", "skin",
              "its hue");
        for (const StepFigures& s : m.steps) {
            const bool hue = s.step > kFirstHueStep;
            print("%-22s %8.2f %8s %8s  %s\n",
                  s.step == 0 ? "as they are" : words::pairStep(s.step - 1).c_str(), s.mean,
                  figure(s.neutral).c_str(), figure(s.skin).c_str(),
                  hue ? figure(s.hues[s.step - 1 - kFirstHueStep]).c_str() : "");
        }
        for (const Treatment& t : c.treatments) out << words::sentence(t) << "\n";
        out << words::sentence(m.light) << "\n";
        if (c.aim.translationError > 0)
            print(
                "The charts are two: colours were translated through their reference values, which errs by "
                "%.2f CIEDE2000 on average.\n",
                c.aim.translationError);
        out << "CIEDE2000 between the two cameras; the aim is " << words::aim(c.aim) << ", model "
            << name(c.model) << ".\n"
            << c.summary.message << "\n";
    }

    KnownColourOptions known_;
    std::vector<std::string> follower_, held_;
    WeightOptions weights_;
    bool asShot_ = false;
    int resamples_ = 0;
    std::string leader_, through_, throughSpace_, model_ = "auto", intent_ = "colorimetric", stopAfter_,
                                                  json_, out_;
};

}  // namespace

std::unique_ptr<Verb> makeMatch() {
    return std::make_unique<MatchVerb>();
}

}  // namespace refero::cli
