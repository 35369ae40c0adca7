// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Writes the seed corpus: one small proper file of every kind, as the product itself writes it.
#include "seeds.h"

#include <cstdio>
#include <filesystem>

#include "core/chart/chart_data.h"
#include "core/colour/lab.h"
#include "core/colour/rgb_space.h"
#include "core/fit/fit.h"
#include "io/batch/job.h"
#include "io/batch/output_profile.h"
#include "io/chart_data/chart_data_file.h"
#include "io/chart_file.h"
#include "io/correction_file.h"
#include "io/curve_file.h"
#include "io/dng_file.h"
#include "io/files/safe_write.h"
#include "io/reading_file.h"

namespace {

// The chart as a camera with eyes would read it.
refero::Reading readingOf(const refero::Chart& chart) {
    using namespace refero;
    Reading r;
    r.framePath = "a.tif";
    r.width = 600;
    r.height = 400;
    r.body = "Heron";
    r.chart = chart;
    r.found = true;
    const Matrix3 toRgb = xyzD50ToLinear(OutputSpace::srgb);
    for (const Patch& patch : chart.patches) {
        PatchReading p;
        p.id = patch.id;
        p.rgb = 0.9 * (toRgb * toXyz(patch.labD50).vector()).cwiseMax(1e-4);
        p.pixels = 400;
        r.patches.push_back(p);
    }
    return r;
}

}  // namespace

namespace refero::fuzz {

bool writeSeeds(const std::filesystem::path& to) {
    namespace fs = std::filesystem;
    bool written = true;
    const auto put = [&](const char* target, const char* file, const std::string& text) {
        fs::create_directories(to / target);
        written = io::writeFile(to / target / file, text).has_value() && written;
    };
    Chart chart = io::shippedCharts().front();
    chart.patches.resize(3);
    ChartData spectra = dataOf(chart), lab = spectra;
    lab.kind = ChartData::Kind::lab;
    for (std::size_t i = 0; i < lab.samples.size(); ++i)
        lab.samples[i].value = {chart.patches[i].labD50.L, chart.patches[i].labD50.a,
                                chart.patches[i].labD50.b};
    for (const auto& [name, format] :
         {std::pair("a.txt", io::ChartDataFormat::cgats), std::pair("a.cxf", io::ChartDataFormat::cxf),
          std::pair("a.csv", io::ChartDataFormat::table)}) {
        put("chart_data", name, io::toText(spectra, format));
        put("chart_data", (std::string("lab-") + name).c_str(), io::toText(lab, format));
    }
    put("chart_data", "entities.cxf",
        "<?xml version=\"1.0\"?><!DOCTYPE x [<!ENTITY a \"aaaa\"><!ENTITY b \"&a;&a;&a;\">]><x>&b;</x>");
    put("chart_file", "a.chart.json", io::toJson(chart).dump());
    LogCurve log;
    log.name = "log";
    put("chart_file", "a.log.json", io::toJson(log).dump());
    put("curve", "columns.txt", "stored linear\n0 0\n0.5 0.2\n1 1\n");
    put("curve", "a.cube", "LUT_1D_SIZE 3\n0 0 0\n0.2 0.2 0.2\n1 1 1\n");
    const Reading reading = readingOf(io::shippedCharts().front());
    put("document", "a.reading.json", io::toJson(reading).dump());
    io::BatchJob job;
    job.folder = "out";
    job.name = "{frame} {light} {n}";
    for (const Model model : {Model::matrix, Model::rootPolynomial}) {
        FitOptions o;
        o.model = model;
        o.finish = {.warmthSteps = 1, .contrast = 0.2};
        const auto c = fit(std::span(&reading, 1), o);
        if (!c) {
            std::fprintf(stderr, "%s\n", c.error().message.c_str());
            return false;
        }
        const std::string key(name(model));
        put("document", (key + ".json").c_str(), io::toJson(*c).dump());
        job.corrections[key] = *c;
        job.frames.push_back({"a.tif", key, {}, "as it was", {{"light", "lamp"}}});
    }
    put("document", "a.job.json", io::batchJobText(job));
    for (const OutputSpace space : {OutputSpace::srgb, OutputSpace::acescg})
        put("profile", std::string(info(space).name).c_str(), *io::outputProfile(space));
    fs::create_directories(to / "dng");
    io::DngOptions o;
    o.metadata.body = "Heron";
    o.metadata.lens = "60 mm";
    o.metadata.taken = "2026:05:14 09:12:08";
    Mosaic m(16, 12, Mosaic::rggb);
    for (int y = 0; y < 12; ++y)
        for (int x = 0; x < 16; ++x) m.at(x, y) = float(x * y) / 200;
    if (!io::writeDng(to / "dng/a.dng", m, o)) return false;
    o.marginLeft = 1;
    o.previewLongEdge = 8;
    if (!io::writeDng(to / "dng/b.dng", m, o)) return false;
    return written;
}

}  // namespace refero::fuzz
