// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <cstdio>
#include <ostream>

#include "cli/verbs.h"
#include "core/fit/fit.h"
#include "io/correction_file.h"
#include "io/reading_file.h"

namespace refero::cli {
namespace {

class Correct : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand("correct", "Build a correction from readings of one setup.");
        verb->add_option("readings", readings_, "Reading files")->required();
        verb->add_option("--model", model_, "auto, balance or matrix")
            ->check(CLI::IsMember({"auto", "balance", "matrix"}))
            ->capture_default_str();
        verb->add_option("--intent", intent_, "colorimetric, neutrals or skin")
            ->check(CLI::IsMember({"colorimetric", "neutrals", "skin"}))
            ->capture_default_str();
        verb->add_option("--reference-light", light_,
                         "Light under which the patches' reference colours are taken")
            ->capture_default_str();
        verb->add_option("--out", out_, "Write the correction here (- for standard output)")->required();
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        std::vector<Reading> readings;
        for (const std::string& path : readings_) {
            auto r = io::readReading(path);
            if (!r) return tl::unexpected(r.error());
            readings.push_back(*std::move(r));
        }
        FitOptions options;
        if (model_ == "balance") options.model = Model::balance;
        if (model_ == "matrix") options.model = Model::matrix;
        options.intent = *intentByName(intent_);
        options.referenceLight = light_;
        const auto correction = fit(readings, options);
        if (!correction) return tl::unexpected(correction.error());
        const std::string text = io::prettyJson(io::toJson(*correction));
        if (auto ok = deliver(out_, text, s); !ok) return tl::unexpected(ok.error());
        report(*correction, out_ == "-" ? s.err : s.out);
        return Outcome::done;
    }

  private:
    static void report(const Correction& c, std::ostream& out) {
        char line[160];
        const auto print = [&](auto... values) {
            std::snprintf(line, sizeof line, values...);
            out << line;
        };
        print("%-6s %10s %10s %10s\n", "patch", "before", "after", "left out");
        for (const PatchResult& p : c.patches)
            print("%-6s %10.2f %10.2f %10.2f%s\n", p.id.c_str(), p.differenceBefore, p.differenceAfter,
                  p.leftOut, p.used ? "" : "  clipped, not used");
        const auto row = [&](const char* name, double Spread::*figure) {
            print("%-6s %10.2f %10.2f %10.2f\n", name, c.summary.before.*figure, c.summary.after.*figure,
                  c.summary.crossValidated.*figure);
        };
        row("mean", &Spread::mean);
        row("median", &Spread::median);
        row("95 %", &Spread::percentile95);
        row("max", &Spread::max);
        out << "CIEDE2000, reference light " << c.referenceLight << ", model " << name(c.model) << ", intent "
            << name(c.intent) << ".\n"
            << c.summary.message << "\n";
    }

    std::vector<std::string> readings_;
    std::string model_ = "auto", intent_ = "colorimetric", light_ = "d50", out_;
};

}  // namespace

std::unique_ptr<Verb> makeCorrect() {
    return std::make_unique<Correct>();
}

}  // namespace refero::cli
