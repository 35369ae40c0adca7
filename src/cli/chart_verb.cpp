// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <filesystem>
#include <ostream>

#include "cli/verbs.h"
#include "io/chart_data/chart_data_file.h"
#include "io/chart_file.h"

namespace refero::cli {
namespace {

class ChartVerb : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand(
            "chart",
            "Turn chart data (CGATS, CxF3, a table) into a chart file, or a chart file into such data.");
        verb->add_option("data", data_, "Data file, or a chart file")->required();
        verb->add_option("--rows", rows_, "Rows of patches, from the top");
        verb->add_option("--columns", columns_, "Patches in a row, from the left");
        verb->add_option("--patch", patch_, "Width and height of a patch, mm")->expected(2);
        verb->add_option("--gap", grid_.gapMm, "Between patches, mm")->capture_default_str();
        verb->add_option("--margin", grid_.marginMm, "From the outline to the patches, mm")
            ->capture_default_str();
        verb->add_option("--condition", options_.condition,
                         "Of data measured under several conditions of ISO 13655: which to take")
            ->check(CLI::IsMember({"M0", "M1", "M2", "M3"}));
        verb->add_option("--name", name_, "What the chart is called; else the file's name");
        verb->add_option("--out", out_,
                         "Chart file, or .txt, .cxf, .csv where a chart file is given; - prints")
            ->required();
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        const std::filesystem::path path(data_);
        return data_.ends_with(".chart.json") ? toData(path, s) : toChart(path, s);
    }

  private:
    Result<Outcome> toData(const std::filesystem::path& path, Streams& s) {
        const auto chart = io::readChart(path);
        if (!chart) return tl::unexpected(chart.error());
        if (out_ == "-") {
            s.out << io::toText(dataOf(*chart), io::ChartDataFormat::cgats);
            return Outcome::done;
        }
        if (auto ok = io::writeChartData(dataOf(*chart), out_); !ok) return tl::unexpected(ok.error());
        return Outcome::done;
    }

    Result<Outcome> toChart(const std::filesystem::path& path, Streams& s) {
        const auto data = io::readChartData(path, options_);
        if (!data) return tl::unexpected(data.error());
        const auto colours = brought(*data);
        if (!colours) return failure(path.filename().string() + ": " + colours.error().message);
        const std::string name = name_.empty() ? path.stem().string() : name_;
        const std::string source = data->source.empty() ? "From " + path.filename().string() : data->source;
        const auto chart =
            chartOnGrid(*colours, gridFor(colours->colours.size()), chartId(name), name, source);
        if (!chart) return tl::unexpected(chart.error());
        Chart measured = *chart;
        measured.condition = data->condition;
        if (auto ok = deliver(out_, io::prettyJson(io::toJson(measured)), s); !ok)
            return tl::unexpected(ok.error());
        s.err << colours->colours.size() << " patches. " << colours->method << "\n";
        return Outcome::done;
    }

    // One of rows and columns gives the other; neither gives a proposal.
    ChartGrid gridFor(std::size_t patches) {
        const int n = static_cast<int>(patches);
        const ChartGrid proposed = proposedGrid(patches);
        if (rows_ <= 0 && columns_ <= 0) rows_ = proposed.rows, columns_ = proposed.columns;
        if (rows_ <= 0) rows_ = (n + columns_ - 1) / columns_;
        if (columns_ <= 0) columns_ = (n + rows_ - 1) / rows_;
        ChartGrid g = grid_;
        g.rows = rows_;
        g.columns = columns_;
        if (patch_.size() == 2) g.patchWidthMm = patch_[0], g.patchHeightMm = patch_[1];
        return g;
    }

    std::string data_, name_, out_;
    int rows_ = 0, columns_ = 0;
    std::vector<double> patch_;
    ChartGrid grid_;
    io::ChartDataOptions options_;
};

}  // namespace

std::unique_ptr<Verb> makeChart() {
    return std::make_unique<ChartVerb>();
}

}  // namespace refero::cli
