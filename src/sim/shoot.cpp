// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "sim/shoot.h"

#include <tbb/parallel_for.h>

#include <Eigen/Geometry>
#include <algorithm>
#include <cmath>
#include <cstdint>

#include "core/spectra/illuminant.h"
#include "core/spectra/observer.h"
#include "core/spectra/smooth_reflectance.h"
#include "io/chart_file.h"
#include "io/dng_file.h"
#include "io/files/safe_write.h"
#include "io/frame_file.h"
#include "io/json.h"
#include "sim/detail/stage.h"

namespace refero::sim {
namespace {

// Counter-based random numbers: a value depends on where it is used, not on when.
std::uint64_t mixed(std::uint64_t v) {
    v += 0x9E3779B97F4A7C15ull;
    v = (v ^ (v >> 30)) * 0xBF58476D1CE4E5B9ull;
    v = (v ^ (v >> 27)) * 0x94D049BB133111EBull;
    return v ^ (v >> 31);
}

float gaussian(std::uint64_t counter) {
    const std::uint64_t bits = mixed(counter);
    const double u1 = (static_cast<double>(bits >> 32) + 1) / 4294967297.0;
    const double u2 = static_cast<double>(bits & 0xFFFFFFFFu) / 4294967296.0;
    return static_cast<float>(std::sqrt(-2 * std::log(u1)) * std::cos(2 * std::numbers::pi * u2));
}

using detail::Stage;
using detail::Vector3f;

// Radiance with edges smoothed: pixels whose neighbours hit something else are sampled 4 x 4.
LinearImage radiance(const Shot& shot, const Stage& stage, const std::stop_token& stop) {
    const int w = shot.width, h = shot.height;
    LinearImage out(w, h);
    std::vector<std::uint16_t> ids(static_cast<std::size_t>(w) * static_cast<std::size_t>(h));
    tbb::parallel_for(0, h, [&](int y) {
        if (stop.stop_requested()) return;
        for (int x = 0; x < w; ++x) {
            const auto hit = stage.at(x + 0.5, y + 0.5);
            ids[static_cast<std::size_t>(y) * static_cast<std::size_t>(w) + static_cast<std::size_t>(x)] =
                hit.object;
            Eigen::Map<Vector3f>(out.pixel(x, y)) = hit.colour;
        }
    });
    const auto id = [&](int x, int y) {
        return ids[static_cast<std::size_t>(std::clamp(y, 0, h - 1)) * static_cast<std::size_t>(w) +
                   static_cast<std::size_t>(std::clamp(x, 0, w - 1))];
    };
    tbb::parallel_for(0, h, [&](int y) {
        if (stop.stop_requested()) return;
        for (int x = 0; x < w; ++x) {
            const auto here = id(x, y);
            bool edge = false;
            for (int k = 0; k < 9 && !edge; ++k) edge = id(x + k % 3 - 1, y + k / 3 - 1) != here;
            Vector3f colour = Eigen::Map<Vector3f>(out.pixel(x, y));
            if (edge) {
                colour.setZero();
                for (int k = 0; k < 16; ++k)
                    colour += stage.at(x + (k % 4 + 0.5) / 4, y + (k / 4 + 0.5) / 4).colour / 16;
            }
            const Vector3f through = stage.transmission(x + 0.5, y + 0.5) * float(shot.exposure);
            Eigen::Map<Vector3f>(out.pixel(x, y)) = colour.cwiseProduct(through);
        }
    });
    return out;
}

void blur(LinearImage& image, double sigma) {
    if (sigma <= 0.05) return;
    const int radius = static_cast<int>(std::ceil(3 * sigma));
    std::vector<float> kernel;
    float sum = 0;
    for (int k = -radius; k <= radius; ++k) {
        kernel.push_back(static_cast<float>(std::exp(-0.5 * k * k / (sigma * sigma))));
        sum += kernel.back();
    }
    for (float& k : kernel) k /= sum;
    LinearImage across(image.width(), image.height());
    const auto pass = [&](const LinearImage& in, LinearImage& out, bool horizontal) {
        tbb::parallel_for(0, in.height(), [&](int y) {
            for (int x = 0; x < in.width(); ++x) {
                Vector3f v = Vector3f::Zero();
                for (int k = -radius; k <= radius; ++k) {
                    const int sx = horizontal ? std::clamp(x + k, 0, in.width() - 1) : x;
                    const int sy = horizontal ? y : std::clamp(y + k, 0, in.height() - 1);
                    v += Eigen::Map<const Vector3f>(in.pixel(sx, sy)) *
                         kernel[static_cast<std::size_t>(k + radius)];
                }
                Eigen::Map<Vector3f>(out.pixel(x, y)) = v;
            }
        });
    };
    pass(image, across, true);
    pass(across, image, false);
}

// An even movement along a line, in steps of about half a pixel.
void smear(LinearImage& image, double length, double degrees) {
    if (length < 0.3) return;
    const int steps = std::max(2, static_cast<int>(std::ceil(length * 2)));
    const Point along(std::cos(radians(degrees)), std::sin(radians(degrees)));
    LinearImage out(image.width(), image.height());
    tbb::parallel_for(0, image.height(), [&](int y) {
        for (int x = 0; x < image.width(); ++x) {
            Vector3f sum = Vector3f::Zero();
            for (int k = 0; k < steps; ++k) {
                const Point d = along * (length * ((k + 0.5) / steps - 0.5));
                const double fx = std::clamp(x + d.x(), 0.0, image.width() - 1.001);
                const double fy = std::clamp(y + d.y(), 0.0, image.height() - 1.001);
                const int i = static_cast<int>(fx), j = static_cast<int>(fy);
                const auto u = static_cast<float>(fx - i), v = static_cast<float>(fy - j);
                const auto at = [&](int a, int b) { return Eigen::Map<const Vector3f>(image.pixel(a, b)); };
                sum += (at(i, j) * (1 - u) + at(i + 1, j) * u) * (1 - v) +
                       (at(i, j + 1) * (1 - u) + at(i + 1, j + 1) * u) * v;
            }
            Eigen::Map<Vector3f>(out.pixel(x, y)) = sum / static_cast<float>(steps);
        }
    });
    image = std::move(out);
}

Vector3f meanOf(const LinearImage& image) {
    Eigen::Vector3d sum = Eigen::Vector3d::Zero();
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            sum += Eigen::Map<const Vector3f>(image.pixel(x, y)).cast<double>();
    return (sum / static_cast<double>(image.pixels())).cast<float>();
}

// Encoded recordings are balanced in the camera on a perfect grey, as their owners must do it.
Vector3f balanceGains(const Shot& shot, const Body& body, const Spectrum& light) {
    if (shot.encoding == Encoding::linear && !shot.balanced) return Vector3f::Ones();
    Spectrum flat;
    flat.values.fill(1);
    const Vector3 white = response(body, light, flat).cwiseProduct(shot.lensTint);
    return (Vector3::Constant(white.maxCoeff()).cwiseQuotient(white)).cast<float>();
}

EncodedImage record(const Shot& shot, const Body& body, const LinearImage& light, const Vector3f& gains) {
    const float well = static_cast<float>(body.fullWellElectrons * 100 / shot.iso);
    const float readNoise = static_cast<float>(body.readNoiseElectrons);
    const float steps = static_cast<float>((1 << body.bits) - 1);
    EncodedImage out(light.width(), light.height());
    tbb::parallel_for(0, light.height(), [&](int y) {
        for (int x = 0; x < light.width(); ++x) {
            for (int c = 0; c < 3; ++c) {
                float v = light.pixel(x, y)[c];
                if (shot.noise) {
                    const auto pixel =
                        static_cast<std::uint64_t>(y) * static_cast<std::uint64_t>(light.width()) +
                        static_cast<std::uint64_t>(x);
                    const float electrons = std::max(0.0f, v) * well;
                    v += std::sqrt(electrons + readNoise * readNoise) / well *
                         gaussian((std::uint64_t{shot.seed} << 40) ^
                                  (pixel * 3 + static_cast<std::uint64_t>(c)));
                }
                v = std::round(std::clamp(v, 0.0f, 1.0f) * steps) / steps * gains(c);
                const auto e =
                    std::clamp(static_cast<float>(encode(shot.encoding, std::min(v, 1.0f))), 0.0f, 1.0f);
                const auto skew = static_cast<float>(shot.toneSkew(c));
                out.pixel(x, y)[c] = skew == 1 ? e : std::pow(e, skew);
            }
        }
    });
    return out;
}

// Means over the inner half of each patch, on a grid of points: the noise-free picture as a reader should see
// it.
Truth truthOf(const Shot& shot, const Stage& stage, const Vector3f& flare, const Vector3f& gains) {
    const Chart& chart = *stage.chart();
    Truth t{chart.id, stage.map(), {}, {}, true};
    const auto seen = [&](const Point& mm) { return stage.seen(stage.map()(mm)); };
    const Quad outline = chart.outline();
    for (std::size_t i = 0; i < 4; ++i) t.corners[i] = seen(outline[i]);
    for (const Point& p : t.corners)
        t.whollyInFrame &= p.x() >= 0 && p.y() >= 0 && p.x() <= shot.width && p.y() <= shot.height;
    for (std::size_t i = 0; i < chart.patches.size(); ++i) {
        const Patch& p = chart.patches[i];
        constexpr int n = 9;
        Vector3f through = Vector3f::Zero(), added = Vector3f::Zero();
        const Vector3f even = stage.patchColour(i) * float(shot.exposure);
        double covered = 0;
        for (int k = 0; k < n * n; ++k) {
            const Point offset((k % n + 0.5) / n - 0.5, (k / n + 0.5) / n - 0.5);
            const Point mm = p.centreMm + offset.cwiseProduct(p.sizeMm) / 2, at = seen(mm);
            const Vector3f light = stage.transmission(at.x(), at.y()) / float(n * n);
            const Vector3f shine = stage.shineAt(mm) * float(shot.exposure);
            through += light * stage.shadowAt(mm);
            added += shine.cwiseProduct(light);
            covered += (stage.hiddenAt(mm) || shine.y() > 0.01f * even.y()) / double(n * n);
        }
        const Vector3f lit = even.cwiseProduct(through) + added + flare;
        t.patches.push_back({p.id, seen(p.centreMm), lit.cwiseProduct(gains).cast<double>(),
                             even.cwiseProduct(gains).cast<double>(), covered});
    }
    return t;
}

io::Json json(const Shot& shot, const std::optional<Truth>& truth) {
    io::Json j{{"file", shot.file},   {"camera", shot.camera},          {"light", shot.light},
               {"place", shot.place}, {"light_name", shot.lightName},   {"exposure", shot.exposure},
               {"iso", shot.iso},     {"encoding", name(shot.encoding)}};
    if (!truth) return j;
    j["chart"] = truth->chart;
    j["wholly_in_frame"] = truth->whollyInFrame;
    for (const Point& p : truth->corners) j["corners"].push_back({p.x(), p.y()});
    for (const PatchTruth& p : truth->patches)
        j["patches"].push_back({{"id", p.id},
                                {"centre", {p.centre.x(), p.centre.y()}},
                                {"rgb", {p.rgb.x(), p.rgb.y(), p.rgb.z()}},
                                {"even_rgb", {p.even.x(), p.even.y(), p.even.z()}},
                                {"covered", p.covered}});
    return j;
}

io::WriteOptions fileOptions(const Shot& shot, const Body& body) {
    io::WriteOptions o;
    o.encoding = shot.encoding;
    o.bits = std::filesystem::path(shot.file).extension() == ".dpx" ? 10 : 16;
    o.metadata.body = body.name;
    o.metadata.serial = shot.serial;
    o.metadata.lens = shot.lens;
    o.metadata.taken = shot.taken;
    o.metadata.iso = shot.iso;
    o.metadata.exposureSeconds = shot.exposureSeconds;
    o.metadata.fNumber = shot.fNumber;
    o.metadata.focalLength35mm = o.metadata.focalLengthMm = shot.focalLength35mm;
    o.metadata.description = shot.place + (shot.lightName.empty() ? "" : ", " + shot.lightName);
    return o;
}

// How the body's channels follow from XYZ, by least squares over the spectrum; raw files carry it for other
// programs.
Matrix3 xyzToCamera(const Body& body) {
    Eigen::Matrix<double, 3, Eigen::Dynamic> camera(3, Spectrum::size), xyz(3, Spectrum::size);
    for (std::size_t i = 0; i < Spectrum::size; ++i) {
        const auto column = static_cast<Eigen::Index>(i);
        for (Eigen::Index c = 0; c < 3; ++c)
            camera(c, column) = body.sensitivity[static_cast<std::size_t>(c)][i];
        xyz.col(column) << cie1931().x[i], cie1931().y[i], cie1931().z[i];
    }
    return camera * xyz.transpose() * (xyz * xyz.transpose()).inverse();
}

// The sensor sees one channel a site: of what was recorded the others are left out.
Status writeRaw(const Shot& shot, const Body& body, const Exposure& exposure,
                const std::filesystem::path& folder) {
    const EncodedImage& stored = exposure.stored;
    Mosaic sensor(stored.width(), stored.height(), shot.mosaic);
    for (int y = 0; y < sensor.height(); ++y)
        for (int x = 0; x < sensor.width(); ++x) sensor.at(x, y) = stored.pixel(x, y)[sensor.channel(x, y)];
    io::DngOptions o;
    o.bits = body.bits;
    o.metadata = fileOptions(shot, body).metadata;
    o.xyzToCamera = xyzToCamera(body);
    Spectrum flat;
    flat.values.fill(1);
    const Vector3 white = response(body, *illuminantByName(shot.light), flat);
    const Vector3 seen = white.cwiseProduct(shot.balanceMiss);
    o.neutral = seen / seen.maxCoeff();
    o.marginLeft = o.marginTop = shot.maskedBorder;
    o.previewLongEdge = 1200;
    return io::writeDng(folder / shot.file, sensor, o);
}

}  // namespace

Homography chartToFrame(const Shot& shot, const Chart& chart) {
    const double w = shot.width, h = shot.height;
    const double focal = shot.focalLength35mm / std::hypot(36.0, 24.0) * std::hypot(w, h);
    const Eigen::AngleAxisd turn(radians(shot.pose.turnDegrees), Eigen::Vector3d::UnitZ());
    const Eigen::Vector3d axis(std::cos(radians(shot.pose.tiltAxisDegrees)),
                               std::sin(radians(shot.pose.tiltAxisDegrees)), 0);
    const Eigen::Matrix3d r =
        (turn * Eigen::AngleAxisd(radians(shot.pose.tiltDegrees), axis)).toRotationMatrix();
    Eigen::Matrix3d k = Eigen::Matrix3d::Identity();
    k(0, 0) = k(1, 1) = focal;
    k(0, 2) = w / 2;
    k(1, 2) = h / 2;
    const Eigen::Vector3d sight =
        k.inverse() * Eigen::Vector3d(shot.pose.centre.x() * w, shot.pose.centre.y() * h, 1);
    const auto at = [&](double distance) {
        Eigen::Matrix3d m;
        m << r.col(0), r.col(1), sight * distance - r.leftCols<2>() * Eigen::Vector2d(chart.outlineMm / 2);
        return Homography(k * m);
    };
    // Area falls with the square of the distance, nearly: a few secant-like steps settle it.
    double distance = focal * std::sqrt(chart.outlineMm.prod() / (shot.pose.coverage * w * h));
    for (int i = 0; i < 12; ++i)
        distance *=
            std::sqrt(std::abs(signedArea(at(distance)(chart.outline()))) / (shot.pose.coverage * w * h));
    return at(distance);
}

Result<Exposure> shoot(const Shot& shot, const Stand& stand, const std::stop_token& stop) {
    if (auto ok = validate(shot); !ok) return tl::unexpected(ok.error());
    const auto body = stand.body ? Result<Body>(*stand.body) : bodyById(shot.camera);
    if (!body) return tl::unexpected(body.error());
    const auto light = stand.light ? Result<Spectrum>(*stand.light) : illuminantByName(shot.light);
    if (!light) return tl::unexpected(light.error());
    std::optional<Chart> chart = stand.chart, second = stand.second;
    if (!chart && shot.chart) {
        auto found = io::chartByNameOrPath(*shot.chart);
        if (!found) return tl::unexpected(found.error());
        chart = *std::move(found);
    }
    if (!second && shot.second) {
        auto found = io::chartByNameOrPath(shot.second->chart);
        if (!found) return tl::unexpected(found.error());
        second = *std::move(found);
    }
    if (!shot.second) second.reset();
    const Stage stage(shot, *body, *light, std::move(chart), std::move(second));
    LinearImage image = radiance(shot, stage, stop);
    if (stop.stop_requested()) return stoppedEarly();
    smear(image, shot.motionPixels, shot.motionDegrees);
    blur(image, shot.blurPixels);
    if (stop.stop_requested()) return stoppedEarly();
    const Vector3f flare = meanOf(image).cwiseProduct(shot.glareTint.cast<float>()) * float(shot.glare);
    tbb::parallel_for(0, image.height(), [&](int y) {
        for (int x = 0; x < image.width(); ++x) Eigen::Map<Vector3f>(image.pixel(x, y)) += flare;
    });
    const Vector3f gains = balanceGains(shot, *body, *light);
    Exposure out{record(shot, *body, image, gains), {}};
    if (stage.chart()) out.truth = truthOf(shot, stage, flare, gains);
    return out;
}

Result<Exposure> shoot(const Shot& shot, const std::stop_token& stop) {
    return shoot(shot, Stand{}, stop);
}

Status shootToFile(const Shot& shot, const std::filesystem::path& folder, std::optional<Truth>* truth,
                   const std::stop_token& stop) {
    std::error_code error;
    std::filesystem::create_directories(folder, error);
    if (error)
        return failure("The folder " + folder.string() + " could not be made: " + error.message() + ".");
    auto exposure = shoot(shot, stop);
    if (!exposure) return tl::unexpected(exposure.error());
    const auto body = bodyById(shot.camera);
    if (stop.stop_requested()) return stoppedEarly();
    if (truth) *truth = std::move(exposure->truth);
    if (std::filesystem::path(shot.file).extension() == ".dng")
        return writeRaw(shot, *body, *exposure, folder);
    return io::writeFrame(folder / shot.file, exposure->stored, fileOptions(shot, *body));
}

Status simulate(const Scene& scene, const std::filesystem::path& folder,
                const std::function<bool(std::size_t, std::size_t)>& progress) {
    io::Json frames = io::Json::array();
    for (std::size_t i = 0; i < scene.shots.size(); ++i) {
        if (progress && !progress(i, scene.shots.size()))
            return failure("Stopped; the frames shot so far are whole.");
        std::optional<Truth> truth;
        if (auto ok = shootToFile(scene.shots[i], folder, &truth); !ok) return ok;
        frames.push_back(json(scene.shots[i], truth));
    }
    const io::Json truth{
        {"format", "refero-truth"}, {"version", 1}, {"scene", scene.name}, {"frames", frames}};
    return io::writeFile(folder / "truth.json", io::prettyJson(truth));
}

}  // namespace refero::sim
