// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Measures finding and judging over many simulated frames whose truth is known, and writes what came of it as
// docs/survey.md; see scripts/survey.
#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cstdio>
#include <cstdlib>
#include <fstream>
#include <iostream>
#include <map>
#include <sstream>
#include <string>
#include <vector>

#include "sim/survey_mending.h"
#include "sim/survey_run.h"

namespace refero::sim {
namespace {

template <class Outcome, class Run>
std::vector<Outcome> each(unsigned first, unsigned count, Run run) {
    std::vector<Outcome> out(count);
    tbb::parallel_for(0u, count, [&](unsigned i) { out[i] = run(first + i); });
    return out;
}

double at(std::vector<double> v, double share) {
    if (v.empty()) return 0;
    std::sort(v.begin(), v.end());
    return v[static_cast<std::size_t>(share * static_cast<double>(v.size() - 1))];
}

std::string percent(double share) {
    char text[16];
    std::snprintf(text, sizeof text, "%.1f %%", 100 * share);
    return text;
}

std::string number(const char* format, double v) {
    char text[32];
    std::snprintf(text, sizeof text, format, v);
    return text;
}

// What was stated against what was right.
class Calibration {
  public:
    void add(const FindingOutcome& o) {
        if (!o.found) return;
        for (std::size_t b = 0; b < bins_.size(); ++b)
            if (o.confidence >= kEdges[b] && o.confidence < kEdges[b + 1]) {
                ++bins_[b].frames;
                bins_[b].right += o.right;
                bins_[b].confidence += o.confidence;
            }
    }
    void write(std::ostream& out) const {
        out << "| stated | mean | frames | right |\n|---|---|---|---|\n";
        for (std::size_t b = 0; b < bins_.size(); ++b)
            if (bins_[b].frames)
                out << "| " << number("%.2f", kEdges[b]) << " to "
                    << number("%.2f", std::min(1.0, kEdges[b + 1])) << " | "
                    << number("%.3f", bins_[b].confidence / bins_[b].frames) << " | " << bins_[b].frames
                    << " | " << percent(double(bins_[b].right) / bins_[b].frames) << " |\n";
    }

  private:
    struct Bin {
        unsigned frames = 0, right = 0;
        double confidence = 0;
    };
    static constexpr std::array kEdges{0.0, 0.5, 0.7, 0.8, 0.9, 0.95, 0.99, 1.01};
    std::array<Bin, 7> bins_{};
};

// Frames in which much goes wrong: what is stated must fall with what is right.
void reportDesperate(std::ostream& out, unsigned first, unsigned count, bool features) {
    const auto all = each<FindingOutcome>(first, count, [](unsigned seed) { return surveyDesperate(seed); });
    Calibration calibration;
    unsigned found = 0, right = 0;
    for (const FindingOutcome& o : all) {
        calibration.add(o);
        found += o.found;
        right += o.right;
        if (features && o.found)
            std::fprintf(stderr, "%d %.4f %.4f %.4f %.4f %.4f %.4f %.3f %.4f\n", o.right ? 1 : 0, o.agreement,
                         o.robust, o.agreeing, o.seen, o.edges, o.residualPixels / o.patchPixels,
                         o.cornerError, o.confidence);
    }
    out << "## Confidence\n\n"
        << count
        << " desperate frames (tiny, dark, noisy, blurred, bent charts at up to 65 degrees, under fingers, "
           "dirt and shadows), seeds "
        << first << " to " << first + count - 1 << ": " << found << " found, " << right
        << " of them right, the others refused. What was stated, and how often it was right:\n\n";
    calibration.write(out);
    out << "\n";
}

void reportFinding(std::ostream& out, unsigned first, unsigned count) {
    const auto all = each<FindingOutcome>(first, count, [](unsigned seed) { return surveyFinding(seed); });
    unsigned usual = 0, usualRight = 0, hard = 0, hardRight = 0;
    std::vector<double> corners, values;
    Calibration calibration;
    std::ostringstream failures;
    for (const FindingOutcome& o : all) {
        (o.usual ? usual : hard)++;
        if (o.right) {
            (o.usual ? usualRight : hardRight)++;
            corners.push_back(o.cornerError);
            values.insert(values.end(), o.valueErrors.begin(), o.valueErrors.end());
        } else {
            failures << "- seed " << o.seed << " (" << (o.usual ? "usual" : "hard") << "): " << o.told
                     << "\n";
        }
        calibration.add(o);
    }
    out << "## Finding\n\n"
        << count << " frames, seeds " << first << " to " << first + count - 1
        << ". *Usual* frames show the chart at 2 % of the frame or more and at most 35 degrees of tilt; "
           "*hard* "
           "ones less and more. Right means every corner within 0.1 widths of the smallest patch.\n\n"
        << "| frames | right | of | share |\n|---|---|---|---|\n| usual | " << usualRight << " | " << usual
        << " | " << percent(double(usualRight) / std::max(1u, usual)) << " |\n| hard | " << hardRight << " | "
        << hard << " | " << percent(double(hardRight) / std::max(1u, hard)) << " |\n\n"
        << "Worst corner: median " << number("%.4f", at(corners, 0.5)) << ", 95th percentile "
        << number("%.4f", at(corners, 0.95)) << ", largest " << number("%.4f", at(corners, 1))
        << " patch widths. Patch values against the local truth (patches that nothing covers): median "
        << number("%.2f", 100 * at(values, 0.5)) << " %, 95th percentile "
        << number("%.2f", 100 * at(values, 0.95)) << " %.\n\n"
        << "How far the confidence can be trusted:\n\n";
    calibration.write(out);
    out << "\nFrames that fail:\n\n" << (failures.str().empty() ? "none\n" : failures.str()) << "\n";
}

void reportChartless(std::ostream& out, unsigned first, unsigned count) {
    const auto all =
        each<ChartlessOutcome>(first, count, [](unsigned seed) { return surveyChartless(seed); });
    std::ostringstream wrong;
    unsigned n = 0;
    for (const ChartlessOutcome& o : all)
        if (!o.falseFind.empty()) {
            ++n;
            wrong << "- seed " << o.seed << ": " << o.falseFind << "\n";
        }
    out << "## No chart\n\n"
        << count
        << " frames without a chart (keyboards, window panes, shelves, posters, rooms), each searched "
        << "for four charts: " << n << " false finds.\n\n"
        << wrong.str() << (n ? "\n" : "");
}

void reportFaults(std::ostream& out, unsigned perFault, unsigned faultless) {
    constexpr auto kinds = static_cast<unsigned>(Fault::count);
    const auto all = each<JudgingOutcome>(0, kinds * perFault + faultless, [&](unsigned i) {
        return i < kinds * perFault ? surveyFault(static_cast<Fault>(i / perFault), 1 + i % perFault)
                                    : surveyFaultless(1 + i - kinds * perFault);
    });
    std::map<std::string, std::array<unsigned, kinds + 1>> told;
    std::array<unsigned, kinds> caught{};
    unsigned unaccused = 0;
    std::ostringstream failures;
    for (unsigned i = 0; i < all.size(); ++i) {
        const JudgingOutcome& o = all[i];
        const unsigned row = std::min(i / perFault, kinds);
        for (const std::string& id : o.told) told[id][row]++;
        if (row < kinds) {
            caught[row] += o.caught;
            if (!o.caught)
                failures << "- " << name(static_cast<Fault>(row)) << ", seed " << 1 + i % perFault << ": "
                         << o.detail << "\n";
        } else {
            unaccused += o.told.empty();
            if (!o.told.empty())
                failures << "- faultless, seed " << 1 + i - kinds * perFault << ": " << o.detail << "\n";
        }
    }
    out << "## Judging\n\n"
        << perFault << " frames with each mistake, and " << faultless
        << " careful ones; limits *Product*. A row is what was planted; a column, the check that spoke, in "
           "per cent of the frames.\n\n| planted | caught |";
    for (const auto& [id, counts] : told) out << " " << id << " |";
    out << "\n|---|---|";
    for (std::size_t i = 0; i < told.size(); ++i) out << "---|";
    out << "\n";
    const auto row = [&](std::string_view title, const std::string& share, unsigned r, unsigned of) {
        out << "| " << title << " | " << share << " |";
        for (const auto& [id, counts] : told)
            out << " " << (counts[r] ? number("%.0f", 100.0 * counts[r] / of) : std::string()) << " |";
        out << "\n";
    };
    for (unsigned r = 0; r < kinds; ++r)
        row(name(static_cast<Fault>(r)), percent(double(caught[r]) / perFault), r, perFault);
    row("faultless", percent(double(unaccused) / faultless) + " unaccused", kinds, faultless);
    out << "\nFrames that fail:\n\n" << (failures.str().empty() ? "none\n" : failures.str());
}

constexpr std::array<std::optional<Fault>, 7> kAtTheChart{
    std::nullopt, Fault::unevenLight, Fault::shadow, Fault::flare, Fault::finger, Fault::dirt, Fault::shine};

std::string_view title(std::optional<Fault> fault) {
    return fault ? name(*fault) : "careful";
}

// Corrections from faulty shots against those from the truth.
void reportMending(std::ostream& out, unsigned count, bool wide) {
    out << "| frames | as shot | mended, mean | median | 95 % | largest |\n|---|---|---|---|---|---|\n";
    std::ostringstream worst;
    for (const auto fault : kAtTheChart) {
        const auto all = each<MendingOutcome>(1, count, [&](unsigned seed) {
            return wide ? surveyWideMending(seed, fault) : surveyMending(seed, fault);
        });
        std::vector<double> mended, asShot;
        for (const MendingOutcome& o : all) {
            if (o.read) {
                mended.push_back(o.mendedRatio());
                asShot.push_back(o.asShotRatio());
            }
            if (!o.read || o.mendedRatio() > 1.25)
                worst << "- " << title(fault) << ", seed " << o.seed << ": "
                      << (o.read ? number("%.2f", o.mendedRatio()) + " of " + number("%.2f", o.truth) + "; " +
                                       number("%.2f", o.asShotRatio()) + " as shot; "
                                 : std::string())
                      << o.told << "\n";
        }
        const auto mean = [](const std::vector<double>& v) {
            double sum = 0;
            for (const double x : v) sum += x;
            return sum / std::max<double>(1, static_cast<double>(v.size()));
        };
        out << "| " << title(fault) << " | " << number("%.2f", mean(asShot)) << " | "
            << number("%.3f", mean(mended)) << " | " << number("%.3f", at(mended, 0.5)) << " | "
            << number("%.3f", at(mended, 0.95)) << " | " << number("%.2f", at(mended, 1)) << " |"
            << std::endl;
    }
    out << "\nFrames above 1.25:\n\n" << (worst.str().empty() ? "none\n" : worst.str()) << "\n";
}

// Charts, cameras and lights that nothing was written against.
void reportWide(std::ostream& out, unsigned perFault, unsigned careful) {
    out << "| planted | frames | caught |\n|---|---|---|\n";
    std::ostringstream failures;
    std::map<std::string, unsigned> accused;
    for (const auto fault : kAtTheChart) {
        const unsigned count = fault ? perFault : careful;
        const auto all =
            each<JudgingOutcome>(1, count, [&](unsigned seed) { return surveyWide(seed, fault); });
        unsigned caught = 0;
        for (unsigned i = 0; i < all.size(); ++i) {
            caught += all[i].caught;
            if (!fault)
                for (const std::string& id : all[i].told) ++accused[id];
            if (!all[i].caught)
                failures << "- " << title(fault) << ", seed " << i + 1 << ": " << all[i].detail << "\n";
        }
        out << "| " << title(fault) << " | " << count << " | " << percent(double(caught) / count)
            << (fault ? "" : " unaccused") << " |" << std::endl;
    }
    constexpr std::array<std::pair<Beside, const char*>, 3> kBeside{
        {{Beside::turned, "the same chart turned by 180 degrees beside it"},
         {Beside::otherSize, "the same chart at another size beside it"},
         {Beside::otherKind, "another kind of chart beside it"}}};
    for (const auto& [beside, title] : kBeside) {
        const auto all =
            each<JudgingOutcome>(1, perFault, [&](unsigned seed) { return surveyBeside(seed, beside); });
        unsigned caught = 0;
        for (unsigned i = 0; i < all.size(); ++i) {
            caught += all[i].caught;
            if (!all[i].caught)
                failures << "- " << title << ", seed " << i + 1 << ": " << all[i].detail << "\n";
        }
        out << "| " << title << " | " << perFault << " | " << percent(double(caught) / perFault) << " |"
            << std::endl;
    }
    out << "\nCareful frames are accused by:";
    for (const auto& [id, n] : accused) out << " " << id << " " << n << ";";
    out << "\n\nFrames that fail:\n\n" << (failures.str().empty() ? "none\n" : failures.str()) << "\n";
}

unsigned argument(int argc, char** argv, int i, unsigned otherwise) {
    return argc > i ? static_cast<unsigned>(std::atoi(argv[i])) : otherwise;
}

}  // namespace
}  // namespace refero::sim

int main(int argc, char** argv) {
    using namespace refero::sim;
    const std::string what = argc > 1 ? argv[1] : "all";
    const auto n = [&](int i, unsigned otherwise) { return argument(argc, argv, i, otherwise); };
    if (what == "finding") {
        reportFinding(std::cout, n(2, 1), n(3, 40));
    } else if (what == "desperate") {
        reportDesperate(std::cout, n(2, 1), n(3, 100), true);
    } else if (what == "chartless") {
        reportChartless(std::cout, n(2, 1), n(3, 40));
    } else if (what == "faults") {
        reportFaults(std::cout, n(2, 10), n(3, 40));
    } else if (what == "mending") {
        reportMending(std::cout, n(2, 10), false);
    } else if (what == "wide-mending") {
        reportMending(std::cout, n(2, 10), true);
    } else if (what == "wide") {
        reportWide(std::cout, n(2, 10), n(3, 40));
    } else if (what == "all") {
        std::cout << "# Survey\n\nMade by `scripts/survey` from simulated frames whose truth is known; the "
                     "generator is `src/sim/survey.cpp`, its seeds are fixed.\n\n";
        reportFinding(std::cout, 1, 400);
        reportDesperate(std::cout, 2001, 400, false);
        reportChartless(std::cout, 1, 100);
        reportFaults(std::cout, 20, 100);
        std::cout
            << "\n## Judging what nothing was written against\n\nMade-up charts of 4x6 to 10x14 patches "
               "(with gaps "
               "and without, on dark, middling and light grounds, half of them without spectra), made-up "
               "sensors, "
               "twenty lights, linear, 8-bit and 10-bit video frames (`src/sim/wide_survey.cpp`); limits "
               "*Product*.\n\n";
        reportWide(std::cout, 30, 100);
        std::cout << "## Corrections from faulty shots\n\nWhat a correction built from one frame leaves on "
                     "300 made-up "
                     "surfaces in the chart's even light, as a multiple of what one built from the true, "
                     "evenly lit "
                     "values leaves. *As shot*: nothing is mended.\n\nThe survey's own frames, 20 each:\n\n";
        reportMending(std::cout, 20, false);
        std::cout << "Charts, sensors, lights and files of the wide survey, 16 each:\n\n";
        reportMending(std::cout, 16, true);
    } else {
        std::cerr << "refero-survey [all | finding FIRST COUNT | desperate FIRST COUNT | chartless FIRST "
                     "COUNT | faults EACH "
                     "FAULTLESS | wide EACH CAREFUL | mending EACH | wide-mending EACH]\n";
        return 2;
    }
    return 0;
}
