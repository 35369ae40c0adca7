// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <cstdio>
#include <filesystem>
#include <ostream>

#include "cli/finish_options.h"
#include "cli/fit_figures.h"
#include "cli/known_colour_options.h"
#include "cli/readings.h"
#include "cli/verbs.h"
#include "cli/weight_options.h"
#include "core/assess/levels.h"
#include "core/colour/difference.h"
#include "core/fit/fit.h"
#include "core/fit/fit_checks.h"
#include "core/fit/pool.h"
#include "core/plan/moment.h"
#include "io/correction_file.h"
#include "io/reading_file.h"
#include "words/terms_words.h"
#include "words/treatment_words.h"

namespace refero::cli {
namespace {

class Correct : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand("correct", "Build a correction from readings of one setup.");
        verb->add_option("readings", readings_, "Reading files")->required();
        std::vector<std::string> models{"auto"};
        for (const Model m : kModels) models.emplace_back(name(m));
        verb->add_option("--model", model_,
                         "auto (by cross-validation and cost in noise), balance, matrix, root-polynomial, "
                         "root-polynomial-3, polynomial (encoded frames only), lattice or hue-sectors")
            ->check(CLI::IsMember(models))
            ->capture_default_str();
        verb->add_option("--grey-curves", greyCurves_,
                         "Whether curves bring the greys onto their references first: auto (where the greys "
                         "show that they are of use), always or never")
            ->check(CLI::IsMember({"auto", "always", "never"}))
            ->capture_default_str();
        verb->add_option(
                "--objective", objective_,
                "What the fit makes small: auto (whichever cross-validates better), least-squares or "
                "ciede2000")
            ->check(CLI::IsMember({"auto", "least-squares", "ciede2000"}))
            ->capture_default_str();
        verb->add_option("--resamples", resamples_,
                         "How often the readings are drawn anew for the 95 % intervals; 0 for none")
            ->check(CLI::Range(0, 10000))
            ->capture_default_str();
        verb->add_option("--chart-tolerance", tolerance_,
                         "CIEDE2000 by which this copy of the chart may differ from its definition")
            ->check(CLI::Range(0.0, 10.0))
            ->capture_default_str();
        verb->add_option("--intent", intent_, "colorimetric, neutrals, skin or pleasing")
            ->check(CLI::IsMember({"colorimetric", "neutrals", "skin", "pleasing"}))
            ->capture_default_str();
        weights_.declare(*verb);
        verb->add_option("--reference-light", light_,
                         "Light under which the patches' reference colours are taken")
            ->capture_default_str();
        verb->add_flag(
            "--share", share_,
            "The readings are of several setups or steps of exposure of one body, which are to share one "
            "correction; what each pays is told");
        verb->add_option("--count", counts_, "With --share: how much each reading counts, in their order");
        verb->add_flag("--as-shot", asShot_,
                       "Mend nothing: use covered patches, uneven light, shadows and flare as they are");
        known_.declare(*verb);
        finish_.declare(*verb, "The finish on top");
        verb->add_option("--limits", limits_,
                         "What the correction is judged by: Copy work, Product, Event or Film")
            ->capture_default_str();
        verb->add_option("--out", out_, "Write the correction here (- for standard output)")->required();
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        const auto readings = readReadings(readings_);
        if (!readings) return tl::unexpected(readings.error());
        FitOptions options;
        if (model_ != "auto") options.model = *modelByName(model_);
        if (objective_ != "auto")
            options.objective = objective_ == "ciede2000" ? Objective::ciede2000 : Objective::leastSquares;
        options.resamples = static_cast<std::size_t>(resamples_);
        options.chartTolerance = tolerance_;
        options.intent = *intentByName(intent_);
        options.referenceLight = light_;
        options.asShot = asShot_;
        options.greyCurves = greyCurves_ == "always"  ? CurveUse::always
                             : greyCurves_ == "never" ? CurveUse::never
                                                      : CurveUse::automatic;
        const auto finish = finish_.over({});
        if (!finish) return tl::unexpected(finish.error());
        options.finish = *finish;
        auto known = known_.measured(readings->front().encoding);
        if (!known) return tl::unexpected(known.error());
        options.known = *std::move(known);
        const auto limits = fitLimitsByName(limits_);
        if (!limits) return tl::unexpected(limits.error());
        options.limits = *limits;
        auto weights = weights_.weights();
        if (!weights) return tl::unexpected(weights.error());
        options.weights = *std::move(weights);
        auto correction = share_ ? sharedBy(*readings, options) : fit(*readings, options);
        if (!correction) return tl::unexpected(correction.error());
        if (auto ok = finish_.applyTo(*correction); !ok) return tl::unexpected(ok.error());
        correction->built = plan::isoText(plan::now());
        const std::string text = io::prettyJson(io::toJson(*correction));
        if (auto ok = deliver(out_, text, s); !ok) return tl::unexpected(ok.error());
        report(*correction, out_ == "-" ? s.err : s.out);
        return Outcome::done;
    }

  private:
    Result<Correction> sharedBy(const std::vector<Reading>& readings, const FitOptions& options) const {
        if (!counts_.empty() && counts_.size() != readings.size())
            return failure("Give --count once for each reading, or not at all.");
        std::vector<PoolMember> members;
        for (std::size_t i = 0; i < readings.size(); ++i)
            members.push_back({readings[i], counts_.empty() ? 1 : counts_[i],
                               std::filesystem::path(readings_[i]).filename().string()});
        return pooled(members, options);
    }

    static void report(const Correction& c, std::ostream& out) {
        char line[200];
        const auto print = [&](auto... values) {
            std::snprintf(line, sizeof line, values...);
            out << line;
        };
        print("%-6s %10s %10s %10s %10s %10s %10s\n", "patch", "before", "after", "left out", "lightness",
              "chroma", "hue");
        for (const PatchResult& p : c.patches) {
            const Ciede2000 parts = ciede2000Parts(p.reference, p.after);
            print("%-6s %10.2f %10.2f %10.2f %10.2f %10.2f %10.2f%s\n", p.id.c_str(), p.differenceBefore,
                  p.differenceAfter, p.leftOut, parts.lightness, parts.chroma, parts.hue,
                  p.used ? "" : "  not used");
        }
        printFigures(out, c);
        print("Noise: red %.2f, green %.2f, blue %.2f, in colour %.2f times that of balance alone.\n",
              c.noise.gain.x(), c.noise.gain.y(), c.noise.gain.z(), c.noise.chromaGain);
        if (c.noise.stopsToBlotches)
            print("Colour noise shows %.1f stops above this sensitivity.\n", *c.noise.stopsToBlotches);
        if (c.summary.irreducibleError)
            print(
                "Best that this camera can do here: %.2f CIEDE2000 on average over 1500 made-up surfaces.\n",
                *c.summary.irreducibleError);
        for (const Contender& k : c.considered) {
            const std::string way = std::string(name(k.model)) + ", " + std::string(name(k.objective)) +
                                    (k.training ? ", with training colours" : "") +
                                    (k.forLook ? ", for looks" : "");
            if (k.against.empty())
                print("  %-60s expect %.2f, noise %.2f\n", way.c_str(), k.expected, k.chromaGain);
            else
                print("  %-60s %s\n", way.c_str(), k.against.substr(0, 120).c_str());
        }
        for (const Treatment& t : c.treatments)
            out << (t.reading > 0 ? c.readings[t.reading] + ": " : std::string()) << words::sentence(t)
                << "\n";
        if (c.greyCurves) print("Curves bring the greys onto their references first.\n");
        if (!c.pool.empty()) {
            out << words::poolSentence(c) << "\n";
            print("%-24s %7s %7s %7s %7s %7s %7s\n", "chart shot", "counts", "stops", "mired", "own",
                  "shared", "as is");
            for (const PooledShot& p : c.pool)
                print("%-24s %7.2f %+7.2f %+7.0f %7.2f %7.2f %7.2f\n", p.name.c_str(), p.weight, p.stops,
                      p.mired.value_or(0), p.own, p.balanced, p.asIs);
        }
        if (!c.finish.isNone())
            print("Finish on top, in none of these figures: %s.\n", inWords(c.finish).c_str());
        for (const LevelEffect& e : levelEffects(c, c.finish))
            print("  its levels: %-8s chroma %+.0f %%, hue turned by %+.1f degrees, %.1f CIEDE2000\n",
                  std::string(colourGroupId(e.group)).c_str(), 100 * (e.chroma - 1), e.turnDegrees,
                  e.difference);
        for (const Check& check : judged(c))
            print("%s (%s, %s): %.2f, %s\n", check.title.c_str(), c.limits.name.c_str(), check.limit.c_str(),
                  check.value, std::string(name(check.verdict)).c_str());
        out << "CIEDE2000, reference light " << c.referenceLight << ", model " << name(c.model) << ", intent "
            << name(c.intent) << ".\n"
            << c.summary.message << "\n";
    }

    std::vector<std::string> readings_;
    WeightOptions weights_;
    std::vector<double> counts_;
    bool asShot_ = false, share_ = false;
    int resamples_ = 100;
    double tolerance_ = 0.3;
    FinishOptions finish_;
    KnownColourOptions known_;
    std::string model_ = "auto", objective_ = "auto", intent_ = "colorimetric", light_ = "d50",
                greyCurves_ = "auto", limits_ = "Product", out_;
};

}  // namespace

std::unique_ptr<Verb> makeCorrect() {
    return std::make_unique<Correct>();
}

}  // namespace refero::cli
