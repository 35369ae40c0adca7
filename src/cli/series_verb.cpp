// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cstdio>
#include <ostream>

#include "cli/deliver_document.h"
#include "cli/verbs.h"
#include "core/series/series_verdicts.h"
#include "io/curve_file.h"
#include "io/reading_file.h"
#include "io/report/series_document.h"
#include "io/series_file.h"
#include "words/series_words.h"
#include "workflow/series.h"

namespace refero::cli {
namespace {

class SeriesVerb : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand(
            "series",
            "Test a camera: chart shots of one scene at steps of exposure, in one or more recording "
            "profiles.");
        verb->add_option("readings", readings_, "Readings of the chart shots")->required();
        verb->add_option(
            "--profiles", profiles_,
            "A name for each reading, in their order; else from metadata, encoding or file names");
        verb->add_option(
            "--stops", stops_,
            "The exposure that each was set to, in stops; else from time, aperture and sensitivity");
        verb->add_option("--nd", nd_, "Stops of neutral density before the lens, for each reading");
        verb->add_option("--normal", normal_, "The reading that counts as normally exposed");
        verb->add_option(
            "--curve", curves_,
            "Curves to hold the measured one against: files, log constants or names of encodings");
        verb->add_option("--tolerance", limits_.drift, "Drift that can be used, CIEDE2000")
            ->check(CLI::Range(0.1, 20.0))
            ->capture_default_str();
        verb->add_option("--chroma-noise", limits_.chromaNoise, "Chroma noise that can be used, a* and b*")
            ->check(CLI::Range(0.1, 100.0))
            ->capture_default_str();
        verb->add_option("--signal-to-noise", limits_.signalToNoise, "At which the dynamic range ends")
            ->check(CLI::Range(0.5, 100.0))
            ->capture_default_str();
        verb->add_option("--headroom", limits_.headroomStops, "Stops kept above white by the best offset")
            ->check(CLI::Range(0.0, 6.0))
            ->capture_default_str();
        verb->add_option("--title", title_, "Of the report")->capture_default_str();
        verb->add_option("--report", report_, "A report to hand round: .pdf pages, else HTML");
        verb->add_option("--json", json_, "Write what was found here (- for standard output)");
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        auto shots = given(s);
        if (!shots) return tl::unexpected(shots.error());
        SeriesOptions options;
        options.limits = limits_;
        for (const std::string& path : curves_) {
            auto curve = io::transferByNameOrPath(path);
            if (!curve) return tl::unexpected(curve.error());
            options.curves.push_back(*std::move(curve));
        }
        if (!normal_.empty()) {
            const auto at = std::find(used_.begin(), used_.end(), normal_);
            if (at == used_.end())
                return failure("--normal names " + normal_ + ", which is none of the readings.");
            options.zero = static_cast<std::size_t>(at - used_.begin());
        }
        const auto series = analysed(*shots, options);
        if (!series) return tl::unexpected(series.error());
        if (!json_.empty())
            if (auto ok = deliver(json_, io::prettyJson(io::toJson(*series, used_)), s); !ok)
                return tl::unexpected(ok.error());
        if (!report_.empty())
            if (auto ok = deliverDocument(
                    report_, io::seriesDocument(*series, (*shots)[series->zero].reading.chart, title_), s);
                !ok)
                return tl::unexpected(ok.error());
        tell(*series, json_ == "-" || report_ == "-" ? s.err : s.out);
        return Outcome::done;
    }

  private:
    // What cannot be read is named, and the rest goes on.
    Result<std::vector<SeriesShot>> given(Streams& s) {
        const auto matches = [&](std::size_t n, const char* option) -> Status {
            if (n == 0 || n == readings_.size()) return {};
            return failure(std::string(option) + " needs one value for each reading: " +
                           std::to_string(readings_.size()) + ", not " + std::to_string(n) + ".");
        };
        for (const auto& ok : {matches(profiles_.size(), "--profiles"), matches(stops_.size(), "--stops"),
                               matches(nd_.size(), "--nd")})
            if (!ok) return tl::unexpected(ok.error());
        std::vector<Reading> readings;
        std::vector<std::size_t> from;
        Error last;
        for (std::size_t i = 0; i < readings_.size(); ++i) {
            auto r = io::readReading(readings_[i]);
            if (r && r->found) {
                readings.push_back(*std::move(r));
                used_.push_back(readings_[i]);
                from.push_back(i);
                continue;
            }
            last = r ? Error{readings_[i] + ": no chart was found in its frame."} : r.error();
            s.err << last.message << "\n";
        }
        if (readings.empty()) return tl::unexpected(last);
        std::vector<SeriesShot> out = workflow::seriesOf(std::move(readings));
        for (std::size_t k = 0; k < out.size(); ++k) {
            if (!profiles_.empty()) out[k].profile = profiles_[from[k]];
            if (!stops_.empty()) out[k].statedStops = stops_[from[k]];
            if (!nd_.empty()) out[k].ndStops = nd_[from[k]];
        }
        return out;
    }

    void tell(const Series& series, std::ostream& out) const {
        char line[240];
        const auto print = [&](auto... values) {
            std::snprintf(line, sizeof line, values...);
            out << line;
        };
        for (const SeriesProfile& p : series.profiles) {
            out << p.name << "\n";
            print("%10s %9s %11s %7s %10s %13s %8s %11s\n", "exposure", "as shown", "level only", "drift",
                  "corrected", "chroma noise", "clipped", "steps lost");
            for (const SeriesStep& step : p.steps)
                print("%10s %9.2f %11.2f %7.2f %10s %13.1f %6.0f %% %11zu  %s\n",
                      words::exposure(step.stops).c_str(), step.asShown, step.levelOnly, step.drift.mean,
                      step.corrected ? shortFigure(*step.corrected).c_str() : "-", step.chromaNoise,
                      100 * step.clipped, step.buried, used_[step.shot].c_str());
            out << "\n";
        }
        for (const SeriesVerdict& v : verdictsOf(series)) {
            const words::SaidVerdict said = words::said(v, series);
            const bool between = v.finding == SeriesFinding::closest || v.finding == SeriesFinding::meeting ||
                                 v.finding == SeriesFinding::cost;
            out << (v.verdict == Verdict::pass     ? "   "
                    : v.verdict == Verdict::review ? " ! "
                                                   : "!! ")
                << (between ? "" : series.profiles[v.profile].name + ": ") << said.title << ". "
                << said.reason << (said.remedy.empty() ? "" : " " + said.remedy) << "\n";
        }
        for (const SeriesNote& n : series.notes) out << words::sentence(n) << "\n";
    }
    static std::string shortFigure(double v) {
        char text[20];
        std::snprintf(text, sizeof text, "%.2f", v);
        return text;
    }

    std::vector<std::string> readings_, profiles_, curves_, used_;
    std::vector<double> stops_, nd_;
    SeriesLimits limits_;
    std::string normal_, title_ = "Exposure series", report_, json_;
};

}  // namespace

std::unique_ptr<Verb> makeSeries() {
    return std::make_unique<SeriesVerb>();
}

}  // namespace refero::cli
