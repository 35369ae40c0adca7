// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <filesystem>
#include <ostream>

#include "cli/verbs.h"
#include "io/chart_data/chart_data_file.h"
#include "io/chart_file.h"
#include "workflow/chart_learning.h"

namespace refero::cli {
namespace {

class ChartVerb : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand(
            "chart",
            "Turn chart data (CGATS, CxF3, a table) into a chart file, or a chart file into such data; with "
            "--from-frame the layout is learned from a photograph of the chart.");
        verb->add_option("data", data_,
                         "Data file, or a chart file; none: only the layout is learned from --from-frame");
        verb->add_option("--from-frame", frame_,
                         "Frame that shows the chart: rows, columns and sizes come from it");
        verb->add_option("--layout", layout_,
                         "Chart file whose layout was learned without data: this data belong to it");
        verb->add_option("--long-side", longSide_, "The chart's longer side, mm; else it is taken for 200")
            ->check(CLI::Range(5.0, 5000.0));
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
        verb->parse_complete_callback([this] {
            if (data_.empty() && frame_.empty())
                throw CLI::RequiredError("data, a chart file or --from-frame FRAME");
            if (!frame_.empty() && !layout_.empty()) throw CLI::ExcludesError("--from-frame", "--layout");
        });
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        if (!frame_.empty()) return fromFrame(s);
        if (!layout_.empty()) return ontoLayout(s);
        return data_.ends_with(".chart.json") ? toData(s) : toChart(s);
    }

  private:
    Result<Outcome> toData(Streams& s) {
        const auto chart = io::readChart(data_);
        if (!chart) return tl::unexpected(chart.error());
        if (out_ == "-") {
            s.out << io::toText(dataOf(*chart), io::ChartDataFormat::cgats);
            return Outcome::done;
        }
        if (auto ok = io::writeChartData(dataOf(*chart), out_); !ok) return tl::unexpected(ok.error());
        return Outcome::done;
    }

    Result<Outcome> toChart(Streams& s) {
        const std::filesystem::path path(data_);
        const auto data = workflow::chartSource(path, options_);
        if (!data) return tl::unexpected(data.error());
        const bool stated = rows_ > 0 || columns_ > 0;
        const auto chart = chartOnGrid(data->colours, gridFor(data->colours.colours.size()),
                                       chartId(nameFor(path)), nameFor(path), data->source);
        if (!chart) return tl::unexpected(chart.error());
        Chart measured = *chart;
        measured.condition = data->condition;
        measured.assumedLayout = !stated;
        s.err << data->colours.colours.size() << " patches. " << data->colours.method << "\n";
        if (!stated)
            s.err << "Rows and columns are a proposal; --from-frame learns them from a photograph.\n";
        return write(measured, s);
    }

    Result<Outcome> fromFrame(Streams& s) {
        const auto frame = io::readFrame(frame_);
        if (!frame) return tl::unexpected(frame.error());
        const auto layouts = workflow::layoutsIn(*frame);
        if (!layouts) return tl::unexpected(layouts.error());
        const workflow::LearnRequest request{nameFor(data_.empty() ? frame_ : data_), longSide_};
        if (data_.empty()) {
            const auto chart = workflow::layoutLearned(*frame, *layouts, request);
            if (!chart) return tl::unexpected(chart.error());
            s.err << workflow::described(*chart)
                  << " Their colours are not known yet: give data with --layout.\n";
            return write(*chart, s);
        }
        const auto data = workflow::chartSource(data_, options_);
        if (!data) return tl::unexpected(data.error());
        const auto chart = workflow::chartLearned(*frame, *layouts, *data, request);
        if (!chart) return tl::unexpected(chart.error());
        s.err << workflow::described(*chart) << " " << data->colours.method << "\n";
        return write(*chart, s);
    }

    Result<Outcome> ontoLayout(Streams& s) {
        const auto layout = io::readChart(layout_);
        if (!layout) return tl::unexpected(layout.error());
        const auto data = workflow::chartSource(data_, options_);
        if (!data) return tl::unexpected(data.error());
        const auto chart = workflow::chartCompleted(*layout, *data, {name_, longSide_});
        if (!chart) return tl::unexpected(chart.error());
        s.err << workflow::described(*chart) << " " << data->colours.method << "\n";
        return write(*chart, s);
    }

    Result<Outcome> write(const Chart& chart, Streams& s) {
        if (auto ok = deliver(out_, io::prettyJson(io::toJson(chart)), s); !ok)
            return tl::unexpected(ok.error());
        return Outcome::done;
    }

    std::string nameFor(const std::filesystem::path& path) const {
        return name_.empty() ? path.stem().string() : name_;
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

    std::string data_, frame_, layout_, name_, out_;
    int rows_ = 0, columns_ = 0;
    double longSide_ = 0;
    std::vector<double> patch_;
    ChartGrid grid_;
    io::ChartDataOptions options_;
};

}  // namespace

std::unique_ptr<Verb> makeChart() {
    return std::make_unique<ChartVerb>();
}

}  // namespace refero::cli
