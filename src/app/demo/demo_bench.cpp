// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/demo/demo_bench.h"

#include <QDir>
#include <QFileInfo>
#include <cmath>
#include <cstdio>
#include <functional>

#include "core/fit/fit.h"
#include "core/render/render.h"
#include "io/files/safe_write.h"
#include "sim/shoot.h"

namespace refero {
namespace {

constexpr int kPoints = 33;

// From a raw frame's numbers in sRGB's curve to an sRGB picture.
std::string cubeText(const std::string& title, const Rendering& rendering, double fewerStops, double steps) {
    std::string out = "TITLE \"" + title + "\"\nLUT_3D_SIZE " + std::to_string(kPoints) + "\n";
    char line[80];
    for (int b = 0; b < kPoints; ++b)
        for (int g = 0; g < kPoints; ++g)
            for (int r = 0; r < kPoints; ++r) {
                Vector3 light;
                for (int c = 0; c < 3; ++c)
                    light[c] =
                        decode(Encoding::srgb,
                               double(std::array{r, g, b}[static_cast<std::size_t>(c)]) / (kPoints - 1)) *
                        std::exp2(-fewerStops);
                Vector3 v = rendered(light, rendering).cwiseMax(0).cwiseMin(1);
                if (steps > 0) v = (v * steps).array().round().matrix() / steps;
                std::snprintf(line, sizeof line, "%.6f %.6f %.6f\n", v.x(), v.y(), v.z());
                out += line;
            }
    return out;
}

}  // namespace

Result<QStringList> demoSeries(const QString& folder, const std::stop_token& stop) {
    QStringList out;
    for (const bool picture : {false, true})
        for (int step = -3; step <= 1; ++step) {
            sim::Shot s;
            s.file = std::string(picture ? "picture" : "raw") + (step < 0 ? "_m" : "_p") +
                     std::to_string(std::abs(step)) + ".tif";
            s.camera = "bittern";
            s.serial = "2207";
            s.lens = "35 mm cine";
            s.light = "led-5600";
            s.lightName = "LED panel";
            s.place = "Camera test";
            s.width = 1200;
            s.height = 800;
            s.chart = "fen-24";
            s.set = sim::Set::shelf;
            s.pose.coverage = 0.16;
            s.pose.centre = {0.5, 0.52};
            s.exposure = 0.62 * std::exp2(step);
            s.exposureSeconds = std::exp2(step) / 50;
            s.fNumber = 5.6;
            s.iso = 100;
            s.glare = 0.002;
            s.seed = static_cast<unsigned>(40 + step + (picture ? 10 : 0));
            char taken[24];
            std::snprintf(taken, sizeof taken, "2026:05:13 16:%02d:%02d", picture ? 20 : 10, 10 * (step + 3));
            s.taken = taken;
            if (picture) {
                s.encoding = Encoding::srgb;
                s.toneSkew = {1.06, 1.0, 0.96};
            }
            const QString path = folder + QLatin1Char('/') + QString::fromStdString(s.file);
            if (!QFileInfo::exists(path))
                if (auto ok = sim::shootToFile(s, folder.toStdString(), nullptr, stop); !ok)
                    return tl::unexpected(ok.error());
            out << path;
        }
    return out;
}

Result<QStringList> demoTransforms(const Reading& reading, const QString& folder) {
    const auto c = fit(std::span(&reading, 1));
    if (!c) return tl::unexpected(c.error());
    Finish look;
    look.contrast = 0.35;
    look.saturation = 1.12;
    look.warmthSteps = 1;
    struct Made {
        const char* name;
        Finish finish;
        double stops, steps;
    };
    QStringList out;
    QDir().mkpath(folder);
    for (const Made& m : {Made{"Kiln evening", look, 0, 0}, Made{"One stop over", {}, 1, 0},
                          Made{"Few numbers", {}, 0, 27}}) {
        const QString path = folder + QLatin1Char('/') + QLatin1String(m.name) + QStringLiteral(".cube");
        const Status written = io::writeFile(
            path.toStdString(), cubeText(m.name, compile(*c, OutputSpace::srgb, m.finish), m.stops, m.steps));
        if (!written) return tl::unexpected(written.error());
        out << path;
    }
    return out;
}

}  // namespace refero
