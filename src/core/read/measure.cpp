// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/read/measure.h"

#include <tbb/parallel_for.h>

#include <Eigen/Dense>
#include <algorithm>
#include <array>
#include <cmath>
#include <cstdint>
#include <limits>

#include "core/numeric/least_squares.h"
#include "core/numeric/statistics.h"

namespace refero {
namespace {

// A channel's pixels, and in which of the patch's sixteenths each lies.
struct Channel {
    std::vector<float> values;
    std::vector<std::uint8_t> cells;
};
using Samples = std::array<Channel, 3>;

constexpr int kCells = 4;  // a side

// Where in a patch a pixel lies. A patch is small enough for perspective not to matter.
class CellMap {
  public:
    explicit CellMap(const Quad& area) : corner_(area[0]) {
        Eigen::Matrix2d sides;
        sides << (area[1] - area[0] + area[2] - area[3]) / 2, (area[3] - area[0] + area[2] - area[1]) / 2;
        inverse_ = std::abs(sides.determinant()) > 1e-9 ? Eigen::Matrix2d(sides.inverse()) : sides;
    }
    std::uint8_t operator()(int x, int y) const {
        const Point p = inverse_ * (Point(x + 0.5, y + 0.5) - corner_) * kCells;
        const int i = std::clamp(static_cast<int>(p.x()), 0, kCells - 1);
        const int j = std::clamp(static_cast<int>(p.y()), 0, kCells - 1);
        return static_cast<std::uint8_t>(j * kCells + i);
    }

  private:
    Point corner_;
    Eigen::Matrix2d inverse_;
};

// Calls visit(x, y) for the pixels of a w x h picture whose centres lie inside a convex quad.
template <class Visit>
void forPixelsIn(const Quad& quad, int w, int h, Visit visit) {
    double top = 1e30, bottom = -1e30;
    for (const Point& p : quad) {
        top = std::min(top, p.y());
        bottom = std::max(bottom, p.y());
    }
    const int y0 = std::max(0, static_cast<int>(std::floor(top))),
              y1 = std::min(h - 1, static_cast<int>(bottom));
    for (int y = y0; y <= y1; ++y) {
        const double line = y + 0.5;
        double left = 1e30, right = -1e30;
        for (std::size_t i = 0; i < 4; ++i) {
            const Point &a = quad[i], &b = quad[(i + 1) % 4];
            if ((a.y() <= line) == (b.y() <= line)) continue;
            const double x = a.x() + (b.x() - a.x()) * (line - a.y()) / (b.y() - a.y());
            left = std::min(left, x);
            right = std::max(right, x);
        }
        const int x0 = std::max(0, static_cast<int>(std::ceil(left - 0.5)));
        const int x1 = std::min(w - 1, static_cast<int>(std::floor(right - 0.5)));
        for (int x = x0; x <= x1; ++x) visit(x, y);
    }
}

// About a step of eight bits, in light; and how many of them noise may reach.
float eightBitStep(float light) {
    return 0.02f * std::abs(light) + 0.0004f;
}
constexpr float kSteps = 2.6f;

struct Spread {
    float centre = 0, reach = 0;

    bool holds(float v) const { return std::abs(v - centre) <= reach; }
    // What lies beyond the reach may be the noise's own tail, or a step or two of what quantised the picture.
    // Further off it is something else: a speck, a scratch, a glint.
    bool foreign(float v) const {
        return std::abs(v - centre) > std::max(reach, kSteps * eightBitStep(centre));
    }
};

// The distance between neighbouring values where there are few of them; 0 where there are many.
float stepOf(std::vector<float> values) {
    constexpr std::ptrdiff_t kFew = 24;
    std::sort(values.begin(), values.end());
    const auto last = std::unique(values.begin(), values.end());
    const auto n = last - values.begin();
    if (n < 2 || n > kFew) return 0;
    std::vector<float> gaps;
    for (auto v = values.begin() + 1; v != last; ++v) gaps.push_back(*v - *(v - 1));
    return numeric::medianOf(std::move(gaps));
}

// Noise about black that is cut off there, as colours that a display's space does not hold have it: its upper
// half tells its width, as a median deviation; else 0. No wider than black is dark.
float cutNoise(std::vector<float> values, float centre) {
    constexpr float kBlack = 0.003f;   // some ten codes of an 8-bit display encoding
    constexpr double kNinth = 1.2816;  // standard deviations to the ninth decile of a normal distribution
    if (centre > kBlack) return 0;
    const float least = *std::min_element(values.begin(), values.end());
    if (5 * std::count(values.begin(), values.end(), least) < static_cast<std::ptrdiff_t>(values.size()))
        return 0;
    const auto ninth = values.begin() + static_cast<std::ptrdiff_t>(9 * values.size() / 10);
    std::nth_element(values.begin(), ninth, values.end());
    return std::min(*ninth - centre, kBlack) / float(kNinth * numeric::kMadToDeviation);
}

// Only where to cut: some thousand pixels, spread evenly, tell that as well as a million.
Spread spreadOf(const std::vector<float>& values) {
    constexpr std::size_t kEnough = 4096;
    const std::size_t step = std::max<std::size_t>(1, values.size() / kEnough) | 1;
    std::vector<float> some;
    some.reserve(values.size() / step + 1);
    for (std::size_t i = 0; i < values.size(); i += step) some.push_back(values[i]);
    const float spacing = stepOf(some);
    Spread s{numeric::medianOf(some), 0};
    // No more than what eight bits make of it: two values far apart are no grain.
    const float grain = std::min(spacing, eightBitStep(s.centre));
    std::vector<float> distance(some.size());
    for (std::size_t i = 0; i < some.size(); ++i) distance[i] = std::abs(some[i] - s.centre);
    // Quantised, the median deviation is known to half a step. A patch with little noise has one of zero: its
    // neighbouring steps are within reach, too, and one step of 16 bit at least.
    const float median =
        std::max(numeric::medianOf(std::move(distance)) + grain / 2, cutNoise(some, s.centre));
    s.reach = std::max({3 * float(numeric::kMadToDeviation) * median, kSteps * grain, 1.0f / 65535});
    return s;
}

// A patch in sixteen parts, by the means of what lies in each.
struct Cells {
    static constexpr std::size_t n = kCells * kCells;
    std::array<double, n> mean{}, count{};
    std::array<double, n> weight{};  // of each in the plane

    // Nothing where a part has too few pixels to say anything.
    static std::optional<Cells> of(const Channel& channel) {
        Cells c;
        for (std::size_t i = 0; i < channel.values.size(); ++i) {
            c.mean[channel.cells[i]] += channel.values[i];
            c.count[channel.cells[i]] += 1;
        }
        if (*std::min_element(c.count.begin(), c.count.end()) < 4) return {};
        for (std::size_t k = 0; k < n; ++k) c.mean[k] /= c.count[k];
        c.weight.fill(1);
        return c;
    }
    static Eigen::Vector3d place(std::size_t k) {
        constexpr double middle = (kCells - 1) / 2.0;
        return {1, static_cast<double>(k % kCells) - middle, static_cast<double>(k / kCells) - middle};
    }
    Eigen::Vector3d plane() const {
        numeric::NormalEquations<3> equations;
        for (std::size_t k = 0; k < n; ++k) equations.add(place(k), mean[k], weight[k]);
        return equations.solve();
    }
};

// The largest departure of a cell's mean from a plane through all of them, less four times the mean's noise.
// The plane is laid through the cells that agree with it, so that a spot in one does not tip it.
double blotchOf(const Channel& channel, double deviation) {
    auto cells = Cells::of(channel);
    if (!cells) return 0;
    Eigen::Vector3d plane = Eigen::Vector3d::Zero();
    const auto off = [&](std::size_t k) { return std::abs(cells->mean[k] - plane.dot(Cells::place(k))); };
    for (int round = 0; round < 6; ++round) {
        plane = cells->plane();
        for (std::size_t k = 0; k < Cells::n; ++k)
            cells->weight[k] = 1 / (off(k) + 1e-6 + 0.002 * std::abs(plane(0)));
    }
    double worst = 0;
    for (std::size_t k = 0; k < Cells::n; ++k)
        worst = std::max(worst, off(k) - 4 * deviation / std::sqrt(cells->count[k]));
    return worst / (std::abs(plane(0)) + 0.01);
}

// The means of the cells scatter about their plane as the pixels' noise makes them; more where neighbours are
// alike.
double independenceOf(const Channel& channel, double deviation) {
    constexpr double kLeast = 0.01;
    const auto cells = Cells::of(channel);
    if (!cells || !(deviation > 0)) return 1;
    const Eigen::Vector3d plane = cells->plane();
    double seen = 0, expected = 0;
    for (std::size_t k = 0; k < Cells::n; ++k) {
        seen += std::pow(cells->mean[k] - plane.dot(Cells::place(k)), 2) / (Cells::n - 3);
        expected += deviation * deviation / cells->count[k] / Cells::n;
    }
    return seen > 0 ? std::clamp(expected / seen, kLeast, 1.0) : 1;
}

double blotchOf(const Samples& s, const Vector3& deviation) {
    return std::max(
        {blotchOf(s[0], deviation.x()), blotchOf(s[1], deviation.y()), blotchOf(s[2], deviation.z())});
}

PatchReading summarise(const Samples& s, double clippingLevel) {
    PatchReading r;
    const std::size_t n = s[0].values.size();
    std::array<Spread, 3> spread;
    for (std::size_t c = 0; c < 3; ++c) spread[c] = spreadOf(s[c].values);
    const std::array<float, 3> centre{spread[0].centre, spread[1].centre, spread[2].centre};
    Vector3 sum = Vector3::Zero();
    Matrix3 products = Matrix3::Zero();
    std::size_t anyClipped = 0, foreign = 0;
    for (std::size_t i = 0; i < n; ++i) {
        bool inside = true, clipped = false, other = false;
        for (std::size_t c = 0; c < 3; ++c) {
            inside &= spread[c].holds(s[c].values[i]);
            other |= spread[c].foreign(s[c].values[i]);
            if (s[c].values[i] >= clippingLevel) {
                r.clippedChannels(static_cast<Eigen::Index>(c)) += 1.0 / static_cast<double>(n);
                clipped = true;
            }
        }
        anyClipped += clipped;
        foreign += other;
        if (!inside) continue;
        const Vector3 v(s[0].values[i] - centre[0], s[1].values[i] - centre[1], s[2].values[i] - centre[2]);
        sum += v;
        products += v * v.transpose();
        ++r.pixels;
    }
    r.clipped = static_cast<double>(anyClipped) / static_cast<double>(n);
    r.rejected = static_cast<double>(foreign) / static_cast<double>(n);
    const Vector3 base(centre[0], centre[1], centre[2]);
    if (r.pixels == 0) {
        r.rgb = base;
        return r;
    }
    const double used = static_cast<double>(r.pixels);
    const Vector3 offset = sum / used;
    r.rgb = base + offset;
    r.covariance = products / used - offset * offset.transpose();
    r.deviation = r.covariance.diagonal().cwiseMax(0).cwiseSqrt();
    r.blotch = blotchOf(s, r.deviation);
    r.independence = independenceOf(s[1], r.deviation.y());
    return r;
}

// Channels whose sites are not the same: each by itself.
PatchReading summariseApart(const Samples& s, double clippingLevel) {
    PatchReading r;
    r.pixels = std::numeric_limits<decltype(r.pixels)>::max();
    for (std::size_t c = 0; c < 3; ++c) {
        const auto channel = static_cast<Eigen::Index>(c);
        const Spread spread = spreadOf(s[c].values);
        double sum = 0, squares = 0, clipped = 0, foreign = 0;
        decltype(r.pixels) used = 0;
        for (const float v : s[c].values) {
            clipped += v >= clippingLevel;
            foreign += spread.foreign(v);
            if (!spread.holds(v)) continue;
            const double d = double(v) - spread.centre;
            sum += d;
            squares += d * d;
            ++used;
        }
        const double n = std::max(1.0, static_cast<double>(used)), offset = sum / n;
        r.rgb(channel) = spread.centre + offset;
        r.covariance(channel, channel) = std::max(0.0, squares / n - offset * offset);
        r.clippedChannels(channel) = clipped / static_cast<double>(s[c].values.size());
        r.rejected = std::max(r.rejected, foreign / static_cast<double>(s[c].values.size()));
        r.pixels = std::min(r.pixels, used);
    }
    r.deviation = r.covariance.diagonal().cwiseSqrt();
    r.clipped = r.clippedChannels.maxCoeff();
    r.blotch = blotchOf(s, r.deviation);
    r.independence = independenceOf(s[1], r.deviation.y());
    return r;
}

// One patch alone tells it by chance; all of a frame were processed alike.
void shareIndependence(std::vector<PatchReading>& patches) {
    constexpr double kAsGoodAsAll = 0.6;
    std::vector<double> all;
    for (const PatchReading& p : patches)
        if (p.pixels > 0 && p.clipped <= 0.01) all.push_back(p.independence);
    const double median = numeric::medianOf(std::move(all));
    for (PatchReading& p : patches) p.independence = median <= 0 || median > kAsGoodAsAll ? 1 : median;
}

template <class Gather>
std::vector<PatchReading> measureEach(const Chart& chart, const Homography& chartToFrame, double inset,
                                      Gather gather) {
    std::vector<PatchReading> out(chart.patches.size());
    tbb::parallel_for(std::size_t{0}, chart.patches.size(), [&](std::size_t i) {
        const Patch& patch = chart.patches[i];
        const Point centre = chartToFrame(patch.centreMm);
        out[i] = gather(chartToFrame(patch.corners(inset)), centre);
        out[i].id = patch.id;
        out[i].centre = centre;
    });
    shareIndependence(out);
    return out;
}

}  // namespace

std::vector<PatchReading> measure(const LinearImage& frame, const Chart& chart,
                                  const Homography& chartToFrame, const MeasureOptions& options) {
    return measureEach(chart, chartToFrame, options.inset, [&](const Quad& quad, const Point& centre) {
        Samples samples;
        const auto expected = static_cast<std::size_t>(std::min(4e6, 1.2 * std::abs(signedArea(quad)) + 64));
        for (Channel& c : samples) {
            c.values.reserve(expected);
            c.cells.reserve(expected);
        }
        const CellMap cell(quad);
        const auto take = [&](int x, int y) {
            const auto in = cell(x, y);
            for (std::size_t c = 0; c < 3; ++c) {
                samples[c].values.push_back(frame.pixel(x, y)[c]);
                samples[c].cells.push_back(in);
            }
        };
        forPixelsIn(quad, frame.width(), frame.height(), take);
        if (samples[0].values.empty())
            take(std::clamp(static_cast<int>(centre.x()), 0, frame.width() - 1),
                 std::clamp(static_cast<int>(centre.y()), 0, frame.height() - 1));
        return summarise(samples, options.clippingLevel);
    });
}

std::vector<PatchReading> measure(const Mosaic& sensor, const Chart& chart, const Homography& chartToFrame,
                                  const MeasureOptions& options) {
    return measureEach(chart, chartToFrame, options.inset, [&](const Quad& quad, const Point& centre) {
        Samples samples;
        const CellMap cell(quad);
        const auto take = [&](int x, int y) {
            auto& channel = samples[static_cast<std::size_t>(sensor.channel(x, y))];
            channel.values.push_back(sensor.at(x, y));
            channel.cells.push_back(cell(x, y));
        };
        forPixelsIn(quad, sensor.width(), sensor.height(), take);
        // Too small for a site of each channel: the four around its middle.
        if (std::any_of(samples.begin(), samples.end(), [](const auto& c) { return c.values.empty(); })) {
            for (auto& c : samples) c = {};
            const int x0 = std::clamp(static_cast<int>(centre.x() - 0.5), 0, sensor.width() - 2);
            const int y0 = std::clamp(static_cast<int>(centre.y() - 0.5), 0, sensor.height() - 2);
            for (int k = 0; k < 4; ++k) take(x0 + k % 2, y0 + k / 2);
        }
        return summariseApart(samples, options.clippingLevel);
    });
}

}  // namespace refero
