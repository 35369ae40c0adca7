// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// Rendering 24 megapixels through a matrix and an output encoding: ours, and OpenColorIO's CPU processor
// given the same transform, split over the same threads in the same way; and a plain copy of the same memory.
#include <OpenColorIO/OpenColorIO.h>
#include <benchmark/benchmark.h>
#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <cstring>
#include <random>
#include <utility>

#include "core/fit/correction.h"
#include "core/render/render.h"

namespace refero {
namespace {

namespace ocio = OCIO_NAMESPACE;
constexpr int kWidth = 6000, kHeight = 4000;

const LinearImage& frame() {
    static const LinearImage image = [] {
        LinearImage i(kWidth, kHeight);
        std::mt19937 random(1);
        for (float& v : i.values()) v = static_cast<float>(random() >> 8) / 16777216.0f;
        return i;
    }();
    return image;
}

// The target's memory is touched beforehand: the first use of a page costs more than its pixels do.
EncodedImage target() {
    EncodedImage out(kWidth, kHeight);
    std::memcpy(out.values().data(), frame().values().data(), out.values().size_bytes());
    return out;
}

Rendering rendering() {
    Matrix3 m;
    m << 1.7, -0.6, -0.1, -0.3, 1.5, -0.2, 0.05, -0.45, 1.4;
    return Rendering::ofMatrix(m, Encoding::srgb);
}

// What bends colours: the same, with the roots of a polynomial of that degree between.
Rendering bending(int degree) {
    RootPolynomial::Coefficients m(3, RootPolynomial::termCount(degree));
    m.setConstant(0.01);
    m.leftCols<3>() << 1.7, -0.6, -0.1, -0.3, 1.5, -0.2, 0.05, -0.45, 1.4;
    return {{1.6, 1, 1.3}, RootPolynomial(degree, m), Encoding::srgb};
}

template <class Body>
void inStrips(const Body& body) {
    tbb::parallel_for(tbb::blocked_range<std::size_t>(0, frame().pixels(), 1 << 15),
                      [&](const auto& r) { body(r.begin(), r.size()); });
}

void refero24(benchmark::State& state) {
    EncodedImage out = target();
    const Rendering r = rendering();
    for (auto _ : state) {
        inStrips([&](std::size_t at, std::size_t n) {
            render(frame().values().subspan(3 * at, 3 * n), out.values().subspan(3 * at, 3 * n), r);
        });
        benchmark::DoNotOptimize(out.values().data());
    }
}

// Against the plain copy: nothing but nine multiplications a pixel.
void matrixAlone24(benchmark::State& state) {
    EncodedImage out = target();
    Rendering r = rendering();
    r.encoding = Encoding::linear;
    for (auto _ : state) {
        inStrips([&](std::size_t at, std::size_t n) {
            render(frame().values().subspan(3 * at, 3 * n), out.values().subspan(3 * at, 3 * n), r);
        });
        benchmark::DoNotOptimize(out.values().data());
    }
}

void rootPolynomial24(benchmark::State& state) {
    EncodedImage out = target();
    const Rendering r = bending(static_cast<int>(state.range(0)));
    for (auto _ : state) {
        inStrips([&](std::size_t at, std::size_t n) {
            render(frame().values().subspan(3 * at, 3 * n), out.values().subspan(3 * at, 3 * n), r);
        });
        benchmark::DoNotOptimize(out.values().data());
    }
}

// The same matrix, then sRGB's curve as OpenColorIO's own monitor-curve transform, optimised by it as it
// likes.
ocio::ConstCPUProcessorRcPtr processor() {
    const Rendering r = rendering();
    double m44[16] = {}, offset[4] = {};
    for (int i = 0; i < 3; ++i)
        for (int j = 0; j < 3; ++j) m44[4 * i + j] = r.colours.coefficients()(i, j);
    m44[15] = 1;
    auto matrix = ocio::MatrixTransform::Create();
    matrix->setMatrix(m44);
    matrix->setOffset(offset);
    auto curve = ocio::ExponentWithLinearTransform::Create();
    const double gamma[4] = {2.4, 2.4, 2.4, 1}, shift[4] = {0.055, 0.055, 0.055, 0};
    curve->setGamma(gamma);
    curve->setOffset(shift);
    curve->setDirection(ocio::TRANSFORM_DIR_INVERSE);
    auto group = ocio::GroupTransform::Create();
    group->appendTransform(matrix);
    group->appendTransform(curve);
    return ocio::Config::CreateRaw()->getProcessor(group)->getDefaultCPUProcessor();
}

void openColorIO24(benchmark::State& state) {
    EncodedImage out = target();
    const auto cpu = processor();
    for (auto _ : state) {
        inStrips([&](std::size_t at, std::size_t n) {
            auto* in = const_cast<float*>(frame().values().data()) + 3 * at;
            const ocio::PackedImageDesc from(in, static_cast<long>(n), 1, 3);
            ocio::PackedImageDesc to(out.values().data() + 3 * at, static_cast<long>(n), 1, 3);
            cpu->apply(from, to);
        });
        benchmark::DoNotOptimize(out.values().data());
    }
    // Both must do the same work for the comparison to mean anything.
    std::vector<float> ours(3 * 1000);
    render(frame().values().first(3000), ours, rendering());
    float largest = 0;
    for (std::size_t i = 0; i < ours.size(); ++i)
        if (ours[i] > 0) largest = std::max(largest, std::abs(ours[i] - out.values()[i]));
    state.counters["largest_difference"] = largest;
}

// Every stage of a correction with a lattice: gains, a polynomial, 33 points a side in tetrahedra, a curve. A
// degree of 1 is what OpenColorIO can be given, too.
ColourMove turn() {
    return [](const Vector3& u) -> Vector3 {
        return 0.06 * Vector3(u.y() - u.z(), u.z() - u.x(), u.x() - u.y());
    };
}

Rendering latticed(int degree) {
    Correction c;
    c.gains = {1.6, 1, 1.3};
    const Matrix3 toXyz = rgbToXyzD50(primaries::bt709);
    RootPolynomial base = degree == 1 ? RootPolynomial(toXyz) : bending(degree).colours;
    if (degree > 1) base = {degree, toXyz * base.coefficients()};
    c.colours = Colours(std::move(base), ColourLattice::sampled(turn()));
    return compile(c, OutputSpace::srgb);
}

void lattice24(benchmark::State& state) {
    EncodedImage out = target();
    const Rendering r = latticed(static_cast<int>(state.range(0)));
    for (auto _ : state) {
        inStrips([&](std::size_t at, std::size_t n) {
            render(frame().values().subspan(3 * at, 3 * n), out.values().subspan(3 * at, 3 * n), r);
        });
        benchmark::DoNotOptimize(out.values().data());
    }
}

ocio::MatrixTransformRcPtr matrixTransform(const Matrix3& m) {
    double m44[16] = {};
    for (int i = 0; i < 3; ++i)
        for (int j = 0; j < 3; ++j) m44[4 * i + j] = m(i, j);
    m44[15] = 1;
    auto out = ocio::MatrixTransform::Create();
    out->setMatrix(m44);
    return out;
}

ocio::ExponentTransformRcPtr exponentTransform(double exponent) {
    auto out = ocio::ExponentTransform::Create();
    const double all[4] = {exponent, exponent, exponent, 1};
    out->setValue(all);
    return out;
}

// The same with OpenColorIO's own parts: a matrix to shares of white, roots, a 3D LUT read in tetrahedra,
// squares, a matrix, sRGB's curve.
ocio::ConstCPUProcessorRcPtr latticedProcessor() {
    const Rendering r = latticed(1);
    const int n = r.lattice->points();
    const double range = ColourLattice::kRange;
    const Vector3 white = fromRoots(Vector3::Ones());
    auto lut = ocio::Lut3DTransform::Create(static_cast<unsigned long>(n));
    lut->setInterpolation(ocio::INTERP_TETRAHEDRAL);
    for (int x = 0; x < n; ++x)
        for (int y = 0; y < n; ++y)
            for (int z = 0; z < n; ++z) {
                const Vector3 u = Vector3(x, y, z) * (range / (n - 1));
                const Vector3 v = (u + r.lattice->move(u)) / range;
                lut->setValue(static_cast<unsigned long>(x), static_cast<unsigned long>(y),
                              static_cast<unsigned long>(z), static_cast<float>(v.x()),
                              static_cast<float>(v.y()), static_cast<float>(v.z()));
            }
    auto curve = ocio::ExponentWithLinearTransform::Create();
    const double gamma[4] = {2.4, 2.4, 2.4, 1}, shift[4] = {0.055, 0.055, 0.055, 0};
    curve->setGamma(gamma);
    curve->setOffset(shift);
    curve->setDirection(ocio::TRANSFORM_DIR_INVERSE);
    auto group = ocio::GroupTransform::Create();
    const Matrix3 first = (white * range * range).cwiseInverse().asDiagonal() *
                          Matrix3(r.colours.coefficients()) * r.gains.asDiagonal();
    group->appendTransform(matrixTransform(first));
    group->appendTransform(exponentTransform(0.5));
    group->appendTransform(lut);
    group->appendTransform(exponentTransform(2));
    group->appendTransform(matrixTransform(r.last * (white * range * range).asDiagonal()));
    group->appendTransform(curve);
    return ocio::Config::CreateRaw()->getProcessor(group)->getDefaultCPUProcessor();
}

// As it is called by a program: one call, one thread; or over the same threads as ours.
void openColorIOLattice24(benchmark::State& state) {
    EncodedImage out = target();
    const auto cpu = latticedProcessor();
    const auto apply = [&](std::size_t at, std::size_t n) {
        auto* in = const_cast<float*>(frame().values().data()) + 3 * at;
        const ocio::PackedImageDesc from(in, static_cast<long>(n), 1, 3);
        ocio::PackedImageDesc to(out.values().data() + 3 * at, static_cast<long>(n), 1, 3);
        cpu->apply(from, to);
    };
    for (auto _ : state) {
        if (state.range(0) == 1)
            for (std::size_t row = 0; row < kHeight; ++row) apply(row * kWidth, kWidth);
        else
            inStrips(apply);
        benchmark::DoNotOptimize(out.values().data());
    }
    std::vector<float> ours(3 * 1000);
    render(frame().values().first(3000), ours, latticed(1));
    float largest = 0;
    for (std::size_t i = 0; i < ours.size(); ++i)
        if (ours[i] > 0) largest = std::max(largest, std::abs(ours[i] - out.values()[i]));
    state.counters["largest_difference"] = largest;
}

// What a slider of the finish asks of every picture at 1280x800: all stages.
void sliderPicture(benchmark::State& state) {
    LinearImage image(1280, 800);
    std::memcpy(image.values().data(), frame().values().data(), image.values().size_bytes());
    Rendering r = latticed(2);
    Correction c;
    c.gains = r.gains;
    c.colours = Colours(r.colours, ColourLattice(*r.lattice));
    c.finish = *finishByName("rounded");
    for (auto _ : state) {
        c.finish.warmthSteps = c.finish.warmthSteps > 5 ? 0 : c.finish.warmthSteps + 0.5;
        benchmark::DoNotOptimize(render(image, compile(c, OutputSpace::srgb)).values().data());
    }
}

void plainCopy24(benchmark::State& state) {
    EncodedImage out = target();
    for (auto _ : state) {
        inStrips([&](std::size_t at, std::size_t n) {
            std::memcpy(out.values().data() + 3 * at, frame().values().data() + 3 * at, 12 * n);
        });
        benchmark::DoNotOptimize(out.values().data());
    }
}

BENCHMARK(refero24)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(matrixAlone24)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(rootPolynomial24)->ArgName("degree")->Arg(2)->Arg(3)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(openColorIO24)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(lattice24)->ArgName("degree")->DenseRange(1, 3)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(openColorIOLattice24)
    ->ArgName("threads")
    ->Arg(1)
    ->Arg(2)
    ->Unit(benchmark::kMillisecond)
    ->UseRealTime();
BENCHMARK(sliderPicture)->Unit(benchmark::kMillisecond)->UseRealTime();
BENCHMARK(plainCopy24)->Unit(benchmark::kMillisecond)->UseRealTime();

}  // namespace
}  // namespace refero
