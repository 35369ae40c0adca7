// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/icc/icc_file.h"

#include <lcms2.h>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <memory>
#include <vector>

#include "core/colour/adaptation.h"
#include "core/say/say.h"

namespace refero::io {
namespace {

struct Frees {
    void operator()(void* p) const { cmsCloseProfile(p); }
    void operator()(cmsToneCurve* c) const { cmsFreeToneCurve(c); }
    void operator()(cmsPipeline* p) const { cmsPipelineFree(p); }
    void operator()(cmsMLU* m) const { cmsMLUfree(m); }
};
using Profile = std::unique_ptr<void, Frees>;
using Curve = std::unique_ptr<cmsToneCurve, Frees>;

constexpr double kXyzUnit = 32768.0 / 65535;  // XYZ's 1.0 as the connection space stores it

Curve parametric(int type, std::vector<double> parameters) {
    return Curve(cmsBuildParametricToneCurve(nullptr, type, parameters.data()));
}

// Evenly spaced values from 0 to 1, joined by straight lines.
template <class Value>
Curve sampled(const Value& value) {
    std::vector<cmsUInt16Number> points(4096);
    for (std::size_t i = 0; i < points.size(); ++i)
        points[i] = static_cast<cmsUInt16Number>(
            std::lround(65535 * std::clamp(value(double(i) / double(points.size() - 1)), 0.0, 1.0)));
    return Curve(
        cmsBuildTabulatedToneCurve16(nullptr, static_cast<cmsUInt32Number>(points.size()), points.data()));
}

Status holdable(const Transfer& t) {
    if (t.named() == Encoding::acescct || t.named() == Encoding::cineon)
        return failure(
            say("An ICC profile cannot undo %1, whose linear values go beyond 1. Write a .cube for it.",
                t.name()));
    if (t.decode(0) < -1e-4)
        return failure(say(
            "An ICC profile cannot hold the curve \"%1\", which begins below no light. Write a .cube for it.",
            t.name()));
    return {};
}

// From the stored number to light, in a form of its own where the profile has one.
Curve toLight(const Transfer& t) {
    constexpr int kGamma = 1, kWithToe = 4;  // Little CMS's numbers
    const auto tv = [](double alpha, double beta) {
        return parametric(kWithToe, {1 / 0.45, 1 / alpha, (alpha - 1) / alpha, 1 / 4.5, 4.5 * beta});
    };
    if (t.named()) switch (*t.named()) {
            case Encoding::linear:
                return parametric(kGamma, {1});
            case Encoding::srgb:
                return parametric(kWithToe, {2.4, 1 / 1.055, 0.055 / 1.055, 1 / 12.92, 0.04045});
            case Encoding::rec709:
                return tv(1.099, 0.018);
            case Encoding::rec2020:
                return tv(1.09929682680944, 0.018053968510807);
            case Encoding::gamma22:
                return parametric(kGamma, {2.2});
            case Encoding::bt1886:
                return parametric(kGamma, {2.4});
            case Encoding::oprgb:
                return parametric(kGamma, {563.0 / 256});
            case Encoding::gamma26:
                return parametric(kGamma, {2.6});
            case Encoding::romm:
                return parametric(kWithToe, {1.8, 1, 0, 1.0 / 16, 1.0 / 32});
            default:
                break;
        }
    return sampled([&](double v) { return t.decode(v); });
}

void putText(cmsHPROFILE p, cmsTagSignature tag, const std::string& text) {
    const std::unique_ptr<cmsMLU, Frees> mlu(cmsMLUalloc(nullptr, 1));
    // Text outside ASCII is replaced: UTF-16 of names is of no use here, and version 2 has none.
    std::string ascii = text;
    for (char& c : ascii)
        if (static_cast<unsigned char>(c) >= 128) c = '?';
    cmsMLUsetASCII(mlu.get(), "en", "US", ascii.c_str());
    cmsWriteTag(p, tag, mlu.get());
}

void putXyz(cmsHPROFILE p, cmsTagSignature tag, const Vector3& v) {
    const cmsCIEXYZ xyz{v.x(), v.y(), v.z()};
    cmsWriteTag(p, tag, &xyz);
}

Profile begun(const std::string& description, IccVersion version, cmsProfileClassSignature kind) {
    Profile p(cmsCreateProfilePlaceholder(nullptr));
    if (!p) return p;
    cmsSetProfileVersion(p.get(), version == IccVersion::four ? 4.3 : 2.4);
    cmsSetDeviceClass(p.get(), kind);
    cmsSetColorSpace(p.get(), cmsSigRgbData);
    cmsSetPCS(p.get(), cmsSigXYZData);
    putText(p.get(), cmsSigProfileDescriptionTag, description);
    putText(p.get(), cmsSigCopyrightTag, "No copyright; use freely.");
    putXyz(p.get(), cmsSigMediaWhitePointTag, whiteXyz(white::d50).vector());
    return p;
}

Result<std::string> bytesOf(const Profile& p) {
    cmsUInt32Number size = 0;
    if (!cmsSaveProfileToMem(p.get(), nullptr, &size) || size < 128)
        return failure(say("Little CMS could not write the profile."));
    std::string out(size, '\0');
    if (!cmsSaveProfileToMem(p.get(), out.data(), &size))
        return failure(say("Little CMS could not write the profile."));
    // Bytes 24 to 35 of the header are the time of writing: a fixed one, so that the same input gives the
    // same bytes.
    const unsigned date[6] = {2026, 1, 1, 0, 0, 0};
    for (std::size_t i = 0; i < 6; ++i) {
        out[24 + 2 * i] = static_cast<char>(date[i] >> 8);
        out[25 + 2 * i] = static_cast<char>(date[i]);
    }
    return out;
}

// The largest X, Y or Z, as a share of white, that a recording can give.
double largest(const Correction& c) {
    const Vector3 white = whiteXyz(white::d50).vector();
    double most = 0;
    for (int corner = 1; corner < 8; ++corner)
        most = std::max(most, c.toXyzD50(Vector3(corner & 1, corner >> 1 & 1, corner >> 2))
                                  .vector()
                                  .cwiseQuotient(white)
                                  .maxCoeff());
    return most;
}

// Table and curves work on cube roots of light, where what bends colours is nearly straight: curves to the
// cube root of each channel, a table to the cube roots of X, Y and Z as shares of white, then cubes to the
// connection space's own scale.
constexpr int kGrid = 49;

std::vector<cmsUInt16Number> rootTable(const Correction& c, double scale) {
    const Vector3 white = whiteXyz(white::d50).vector();
    std::vector<cmsUInt16Number> out(static_cast<std::size_t>(3 * kGrid * kGrid * kGrid));
    const auto light = [](int i) { return std::pow(static_cast<double>(i) / (kGrid - 1), 3); };
    tbb::parallel_for(0, kGrid, [&](int r) {
        auto* to = out.data() + static_cast<std::ptrdiff_t>(3 * kGrid * kGrid) * r;
        for (int g = 0; g < kGrid; ++g)
            for (int b = 0; b < kGrid; ++b) {
                const Vector3 xyz = c.toXyzD50({light(r), light(g), light(b)}).vector();
                for (int k = 0; k < 3; ++k)
                    *to++ = static_cast<cmsUInt16Number>(
                        std::lround(65535 * std::cbrt(std::clamp(xyz(k) / white(k) / scale, 0.0, 1.0))));
            }
    });
    return out;
}

Curve toCubeRoot(const Transfer& encoding) {
    if (encoding.named() == Encoding::linear) return parametric(1, {1.0 / 3});
    if (encoding.named() == Encoding::gamma22) return parametric(1, {2.2 / 3});
    return sampled([&](double v) { return std::cbrt(encoding.decode(v)); });
}

void append(cmsPipeline* pipeline, cmsStage* stage) {
    cmsPipelineInsertStage(pipeline, cmsAT_END, stage);
}
void appendCurves(cmsPipeline* pipeline, const std::array<cmsToneCurve*, 3>& curves) {
    append(pipeline, cmsStageAllocToneCurves(nullptr, 3, const_cast<cmsToneCurve**>(curves.data())));
}

bool putTable(cmsHPROFILE p, const Correction& c, const Transfer& encoding, IccVersion version) {
    // The connection space ends just below 2: what is lighter than that is cut off.
    const double scale = std::clamp(largest(c), 1.0, 1.9);
    const Vector3 white = whiteXyz(white::d50).vector();
    const std::unique_ptr<cmsPipeline, Frees> pipeline(cmsPipelineAlloc(nullptr, 3, 3));
    const Curve first = toCubeRoot(encoding);
    appendCurves(pipeline.get(), {first.get(), first.get(), first.get()});
    const auto table = rootTable(c, scale);
    append(pipeline.get(), cmsStageAllocCLut16bit(nullptr, kGrid, 3, 3, table.data()));
    if (version == IccVersion::four) {  // lutAToBType: curves, a matrix and curves may follow
        const Curve cube = parametric(1, {3}), identity = parametric(1, {1});
        appendCurves(pipeline.get(), {cube.get(), cube.get(), cube.get()});
        double matrix[9] = {};
        for (int k = 0; k < 3; ++k) matrix[4 * k] = white(k) * scale * kXyzUnit;
        append(pipeline.get(), cmsStageAllocMatrix(nullptr, 3, 3, matrix, nullptr));
        appendCurves(pipeline.get(), {identity.get(), identity.get(), identity.get()});
    } else {  // lut16Type: curves only
        std::array<Curve, 3> cubes;
        for (int k = 0; k < 3; ++k)
            cubes[static_cast<std::size_t>(k)] =
                sampled([&](double v) { return v * v * v * white(k) * scale * kXyzUnit; });
        appendCurves(pipeline.get(), {cubes[0].get(), cubes[1].get(), cubes[2].get()});
    }
    return cmsWriteTag(p, cmsSigAToB0Tag, pipeline.get());
}

bool putMatrix(cmsHPROFILE p, const Matrix3& m, const Transfer& encoding) {
    const Curve curve = toLight(encoding);
    constexpr std::array colorants{cmsSigRedColorantTag, cmsSigGreenColorantTag, cmsSigBlueColorantTag};
    constexpr std::array curves{cmsSigRedTRCTag, cmsSigGreenTRCTag, cmsSigBlueTRCTag};
    bool ok = true;
    for (int k = 0; k < 3; ++k) {
        putXyz(p, colorants[static_cast<std::size_t>(k)], m.col(k));
        ok = ok && cmsWriteTag(p, curves[static_cast<std::size_t>(k)], curve.get());
    }
    return ok;
}

}  // namespace

Result<std::string> iccProfile(const Correction& c, const Transfer& encoding, IccVersion version,
                               bool table) {
    if (const auto ok = holdable(encoding); !ok) return tl::unexpected(ok.error());
    const Profile p = begun(c.name, version, cmsSigInputClass);
    if (!p) return failure(say("Little CMS could not begin a profile."));
    bool written = false;
    if (const auto m = table ? std::nullopt : c.cameraToXyzD50()) {
        if (!(m->cwiseAbs().maxCoeff() < 32000))
            return failure(say("The correction's gain is too large for an ICC profile."));
        written = putMatrix(p.get(), *m, encoding);
    } else {
        written = putTable(p.get(), c, encoding, version);
    }
    if (!written) return failure(say("Little CMS could not write the profile's colours."));
    return bytesOf(p);
}

Result<std::string> displayProfile(const Primaries& primaries, const Transfer& encoding,
                                   const std::string& description) {
    const Profile p = begun(description, IccVersion::four, cmsSigDisplayClass);
    // ISO 15076-1, 9.2.15: how the colours came from the display's own white to D50. Little CMS takes it row
    // by row, as three colours.
    const Matrix3 toD50 = adaptation(Adaptation::bradford, primaries.white, white::d50);
    cmsCIEXYZTRIPLE chad;
    cmsCIEXYZ* rows[3] = {&chad.Red, &chad.Green, &chad.Blue};
    for (Eigen::Index k = 0; k < 3; ++k) *rows[k] = {toD50(k, 0), toD50(k, 1), toD50(k, 2)};
    if (p) cmsWriteTag(p.get(), cmsSigChromaticAdaptationTag, &chad);
    const Matrix3 linearToXyzD50 = rgbToXyzD50(primaries);
    if (!p || !putMatrix(p.get(), linearToXyzD50, encoding))
        return failure(say("Little CMS could not write the profile."));
    return bytesOf(p);
}

}  // namespace refero::io
