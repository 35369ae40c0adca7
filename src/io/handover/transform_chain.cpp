// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/handover/transform_chain.h"

#include <tbb/parallel_for.h>

#include <Eigen/LU>
#include <span>
#include <sstream>
#include <vector>

#include "core/render/render.h"
#include "core/say/say.h"
#include "io/files/content_hash.h"
#include "io/handover/grid_polish.h"

namespace refero::io {
namespace {

namespace ocio = OCIO_NAMESPACE;

void addMatrix(ocio::GroupTransform& group, const Matrix3& m, double offset = 0) {
    double m44[16] = {};
    for (int i = 0; i < 3; ++i)
        for (int j = 0; j < 3; ++j) m44[4 * i + j] = m(i, j);
    m44[15] = 1;
    auto t = ocio::MatrixTransform::Create();
    t->setMatrix(m44);
    const double offsets[4] = {offset, offset, offset, 0};
    t->setOffset(offsets);
    group.appendTransform(t);
}

void addPower(ocio::GroupTransform& group, double exponent, ocio::TransformDirection direction) {
    auto t = ocio::ExponentTransform::Create();
    const double v[4] = {exponent, exponent, exponent, 1};
    t->setValue(v);
    t->setNegativeStyle(ocio::NEGATIVE_MIRROR);
    t->setDirection(direction);
    group.appendTransform(t);
}

void addToe(ocio::GroupTransform& group, double gamma, double offset, ocio::TransformDirection direction) {
    auto t = ocio::ExponentWithLinearTransform::Create();
    const double g[4] = {gamma, gamma, gamma, 1}, o[4] = {offset, offset, offset, 0};
    t->setGamma(g);
    t->setOffset(o);
    t->setNegativeStyle(ocio::NEGATIVE_MIRROR);
    t->setDirection(direction);
    group.appendTransform(t);
}

// Academy S-2016-001, in the form of CLF's camera logarithm.
void addAcescct(ocio::GroupTransform& group, ocio::TransformDirection direction) {
    const double breakPoint[3] = {0.0078125, 0.0078125, 0.0078125};
    auto t = ocio::LogCameraTransform::Create(breakPoint);
    t->setBase(2);
    const double slope[3] = {1 / 17.52, 1 / 17.52, 1 / 17.52},
                 offset[3] = {9.72 / 17.52, 9.72 / 17.52, 9.72 / 17.52}, one[3] = {1, 1, 1}, none[3] = {};
    t->setLogSideSlopeValue(slope);
    t->setLogSideOffsetValue(offset);
    t->setLinSideSlopeValue(one);
    t->setLinSideOffsetValue(none);
    t->setDirection(direction);
    group.appendTransform(t);
}

// By points, for curves that have no form of their own; the ends hold beyond 0 and 1.
void addSampled(ocio::GroupTransform& group, const Transfer& transfer) {
    constexpr unsigned long kPoints = 4096;
    auto t = ocio::Lut1DTransform::Create(kPoints, false);
    for (unsigned long i = 0; i < kPoints; ++i) {
        const auto v = static_cast<float>(transfer.decode(static_cast<double>(i) / (kPoints - 1)));
        t->setValue(i, v, v, v);
    }
    t->setFileOutputBitDepth(ocio::BIT_DEPTH_F32);
    group.appendTransform(t);
}

// The other way, over the fourth root of light, where shadows have their share of the points.
void addSampledInverse(ocio::GroupTransform& group, const Transfer& transfer) {
    constexpr unsigned long kPoints = 16384;
    auto t = ocio::Lut1DTransform::Create(kPoints, false);
    for (unsigned long i = 0; i < kPoints; ++i) {
        const double root = static_cast<double>(i) / (kPoints - 1);
        const auto v = static_cast<float>(transfer.encode(root * root * root * root));
        t->setValue(i, v, v, v);
    }
    t->setFileOutputBitDepth(ocio::BIT_DEPTH_F32);
    addPower(group, 4, ocio::TRANSFORM_DIR_INVERSE);
    group.appendTransform(t);
}

// Forward: from the stored number to light.
void addCurve(ocio::GroupTransform& group, const Transfer& transfer, ocio::TransformDirection direction) {
    switch (transfer.named().value_or(Encoding::pq)) {
        case Encoding::linear:
            return;
        case Encoding::srgb:
            return addToe(group, 2.4, 0.055, direction);
        case Encoding::rec709:
            return addToe(group, 1 / 0.45, 0.099, direction);
        case Encoding::rec2020:
            return addToe(group, 1 / 0.45, 0.09929682680944, direction);
        case Encoding::gamma22:
            return addPower(group, 2.2, direction);
        case Encoding::bt1886:
            return addPower(group, 2.4, direction);
        case Encoding::acescct:
            return addAcescct(group, direction == ocio::TRANSFORM_DIR_FORWARD ? ocio::TRANSFORM_DIR_INVERSE
                                                                              : ocio::TRANSFORM_DIR_FORWARD);
        case Encoding::oprgb:
            return addPower(group, 563.0 / 256, direction);
        case Encoding::gamma26:
            return addPower(group, 2.6, direction);
        case Encoding::hlg:
        case Encoding::pq:
        case Encoding::cineon:
        case Encoding::romm:
            break;
    }
    if (direction == ocio::TRANSFORM_DIR_FORWARD) return addSampled(group, transfer);
    addSampledInverse(group, transfer);
}

// The finish's curve over each channel: straight between points over the root of light, as it is itself, from
// 25 times white below none to as much above.
void addTone(ocio::GroupTransform& group, const RootCurve& curve) {
    constexpr unsigned long kPoints = 8 * (RootCurve::kPoints - 1) + 1;
    constexpr double kTop = 4 * RootCurve::kRange;
    auto t = ocio::Lut1DTransform::Create(kPoints, false);
    for (unsigned long i = 0; i < kPoints; ++i) {
        const double root = kTop * (2 * static_cast<double>(i) / (kPoints - 1) - 1);
        const auto v = static_cast<float>(toRoot(curve(fromRoot(root))));
        t->setValue(i, v, v, v);
    }
    t->setFileOutputBitDepth(ocio::BIT_DEPTH_F32);
    addPower(group, 2, ocio::TRANSFORM_DIR_INVERSE);
    addMatrix(group, Matrix3::Identity() / (2 * kTop), 0.5);
    group.appendTransform(t);
    addPower(group, 2, ocio::TRANSFORM_DIR_FORWARD);
}

void addFinish(ocio::GroupTransform& group, const Matrix3& before, const Finish& finish, OutputSpace space) {
    const CompiledFinish f = compile(finish);
    const Matrix3 last = xyzD50ToLinear(space) * f.toXyzD50;
    if (f.curve) {
        addMatrix(group, f.toWorking * before);
        addTone(group, *f.curve);
        addMatrix(group, last);
    } else {
        addMatrix(group, last * f.toWorking * before);
    }
    addCurve(group, info(space).encoding, ocio::TRANSFORM_DIR_INVERSE);
}

// From cube roots of light, where roots of products are products, to the output's own curve; what shall be
// linear goes through sRGB's, which is straight where a channel changes its sign.
void addLattice(ocio::GroupTransform& group, const ColourTransform& c, OutputSpace space, int size) {
    addPower(group, 3, ocio::TRANSFORM_DIR_INVERSE);
    const bool linear = info(space).encoding == Encoding::linear;
    Rendering r = compile(c, space);
    if (linear) r.encoding = Encoding::srgb;
    const auto truth = [&](std::span<float> places) {
        for (float& v : places) v = v * v * v;
        render(places, places, r);
    };
    const auto n = static_cast<std::size_t>(size);
    std::vector<Eigen::Vector3f> grid(n * n * n);
    tbb::parallel_for(std::size_t{0}, n, [&](std::size_t b) {
        Eigen::Vector3f* out = grid.data() + b * n * n;
        const std::span<float> values(out->data(), 3 * n * n);
        const auto place = [&](std::size_t i) { return static_cast<float>(i) / static_cast<float>(n - 1); };
        for (std::size_t g = 0; g < n; ++g)
            for (std::size_t red = 0; red < n; ++red) *out++ = {place(red), place(g), place(b)};
        truth(values);
    });
    polish(grid, size, truth);
    auto lut = ocio::Lut3DTransform::Create(n);
    for (std::size_t b = 0, at = 0; b < n; ++b)
        for (std::size_t g = 0; g < n; ++g)
            for (std::size_t red = 0; red < n; ++red, ++at)
                lut->setValue(red, g, b, grid[at].x(), grid[at].y(), grid[at].z());
    lut->setInterpolation(ocio::INTERP_TETRAHEDRAL);
    lut->setFileOutputBitDepth(ocio::BIT_DEPTH_F32);
    group.appendTransform(lut);
    if (linear) addCurve(group, Encoding::srgb, ocio::TRANSFORM_DIR_FORWARD);
}

}  // namespace

ocio::GroupTransformRcPtr chainOf(const ColourTransform& c, const Transfer& inputEncoding, OutputSpace space,
                                  int size) {
    auto group = ocio::GroupTransform::Create();
    addCurve(*group, inputEncoding, ocio::TRANSFORM_DIR_FORWARD);
    // What mixes channels after the matrix is in the lattice.
    const auto matrix = c.cameraToXyzD50();
    if (matrix && info(space).systemGamma == 1)
        addFinish(*group, *matrix, c.finish, space);
    else
        addLattice(*group, c, space, size);
    return group;
}

ocio::GroupTransformRcPtr viewOf(const Finish& finish, OutputSpace sceneLinear, OutputSpace display) {
    auto group = ocio::GroupTransform::Create();
    addFinish(*group, xyzD50ToLinear(sceneLinear).inverse(), finish, display);
    return group;
}

Result<std::string> clfText(const ocio::GroupTransformRcPtr& group, const std::string& name,
                            const std::vector<std::string>& description) {
    try {
        auto& meta = group->getFormatMetadata();
        meta.setName(name.c_str());
        for (const std::string& line : description) meta.addChildElement("Description", line.c_str());
        const auto written = [&](const std::string& id) {
            meta.setID(id.c_str());
            std::ostringstream out;
            group->write(ocio::Config::CreateRaw(), "Academy/ASC Common LUT Format", out);
            return out.str();
        };
        // Named by what it holds: the same correction gives the same bytes, another one another id.
        return written("refero-" + textHash(written("refero")).substr(0, 16));
    } catch (const std::exception& e) {
        return failure(say("OpenColorIO could not write the transform: %1", e.what()));
    }
}

}  // namespace refero::io
