// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <cstdio>
#include <ostream>

#include "cli/known_colour_options.h"
#include "cli/verbs.h"
#include "core/fit/verify.h"
#include "io/correction_file.h"
#include "io/reading_file.h"

namespace refero::cli {
namespace {

class Verify : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb =
            app.add_subcommand("verify", "Check a correction on readings that it was not built from.");
        verb->add_option("correction", correction_, "Correction file")->required();
        verb->add_option("readings", readings_, "Reading files");
        known_.declare(*verb);
        verb->add_option("--out", out_, "Write the correction with what came of it (- for standard output)");
        verb->add_option("--most", most_, "Exit with status 1 where a mean CIEDE2000 is above this")
            ->check(CLI::Range(0.0, 100.0));
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        auto correction = io::readCorrection(correction_);
        if (!correction) return tl::unexpected(correction.error());
        std::ostream& told = out_ == "-" ? s.err : s.out;
        std::vector<Verification> proofs;
        for (const std::string& path : readings_) {
            const auto reading = io::readReading(path);
            if (!reading) return tl::unexpected(reading.error());
            const auto v = verified(*correction, *reading);
            if (!v) return tl::unexpected(v.error());
            proofs.push_back(*v);
        }
        const auto known = known_.measured(correction->inputEncoding);
        if (!known) return tl::unexpected(known.error());
        if (!known->empty() || readings_.empty()) {
            const auto v = verified(*correction, *known);
            if (!v) return tl::unexpected(v.error());
            proofs.push_back(*v);
        }
        bool within = true;
        for (const Verification& v : proofs) {
            char line[200];
            std::snprintf(
                line, sizeof line,
                ": mean %.2f, median %.2f, 95 %% %.2f, largest %.2f CIEDE2000 over %zu patches, level "
                "%+.2f stops.\n",
                v.differences.mean, v.differences.median, v.differences.percentile95, v.differences.max,
                v.patches.size(), v.levelStops);
            told << v.framePath << line;
            within = within && v.differences.mean <= most_;
            correction->verifications.push_back(v);
        }
        if (!out_.empty())
            if (auto ok = deliver(out_, io::prettyJson(io::toJson(*correction)), s); !ok)
                return tl::unexpected(ok.error());
        if (!within) return failure("The correction does not keep its limit on every reading.");
        return Outcome::done;
    }

  private:
    KnownColourOptions known_;
    std::string correction_, out_;
    std::vector<std::string> readings_;
    double most_ = 1000;
};

}  // namespace

std::unique_ptr<Verb> makeVerify() {
    return std::make_unique<Verify>();
}

}  // namespace refero::cli
