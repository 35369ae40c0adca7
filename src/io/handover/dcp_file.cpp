// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The bytes of a camera profile: a TIFF directory without a picture, under a magic number of its own (DNG
// specification 1.4, chapter 6).
#include <tiffio.h>

#include <algorithm>
#include <cmath>
#include <cstring>
#include <exiv2/exiv2.hpp>
#include <memory>
#include <stdexcept>

#include "core/say/say.h"
#include "io/handover/dcp_profile.h"

namespace refero::io {
namespace {

// DNG specification 1.4, by name.
enum Tag : std::uint32_t {
    kUniqueCameraModel = 50708,
    kColorMatrix1 = 50721,
    kColorMatrix2 = 50722,
    kCalibrationIlluminant1 = 50778,
    kCalibrationIlluminant2 = 50779,
    kProfileName = 50936,
    kProfileHueSatMapDims = 50937,
    kProfileHueSatMapData1 = 50938,
    kProfileHueSatMapData2 = 50939,
    kProfileToneCurve = 50940,
    kProfileEmbedPolicy = 50941,
    kProfileCopyright = 50942,
    kHueSatMapEncoding = 51107,
    kLookTableEncoding = 51108,
    kLookTableDims = 50981,
    kLookTableData = 50982,
    kForwardMatrix1 = 50964,
    kForwardMatrix2 = 50965,
    kBaselineExposureOffset = 51109,
    kDefaultBlackRender = 51110,
};

// Those that libtiff does not know, or knows with another type.
const TIFFFieldInfo kFields[] = {
    {kProfileName, -1, -1, TIFF_ASCII, FIELD_CUSTOM, 1, 0, const_cast<char*>("ProfileName")},
    {kProfileHueSatMapDims, -1, -1, TIFF_LONG, FIELD_CUSTOM, 1, 1, const_cast<char*>("ProfileHueSatMapDims")},
    {kProfileHueSatMapData1, -1, -3, TIFF_FLOAT, FIELD_CUSTOM, 1, 1,
     const_cast<char*>("ProfileHueSatMapData1")},
    {kProfileHueSatMapData2, -1, -3, TIFF_FLOAT, FIELD_CUSTOM, 1, 1,
     const_cast<char*>("ProfileHueSatMapData2")},
    {kProfileToneCurve, -1, -1, TIFF_FLOAT, FIELD_CUSTOM, 1, 1, const_cast<char*>("ProfileToneCurve")},
    {kProfileEmbedPolicy, 1, 1, TIFF_LONG, FIELD_CUSTOM, 1, 0, const_cast<char*>("ProfileEmbedPolicy")},
    {kProfileCopyright, -1, -1, TIFF_ASCII, FIELD_CUSTOM, 1, 0, const_cast<char*>("ProfileCopyright")},
    {kForwardMatrix1, -1, -1, TIFF_SRATIONAL, FIELD_CUSTOM, 1, 1, const_cast<char*>("ForwardMatrix1")},
    {kForwardMatrix2, -1, -1, TIFF_SRATIONAL, FIELD_CUSTOM, 1, 1, const_cast<char*>("ForwardMatrix2")},
    {kBaselineExposureOffset, 1, 1, TIFF_SRATIONAL, FIELD_CUSTOM, 1, 0,
     const_cast<char*>("BaselineExposureOffset")},
    {kDefaultBlackRender, 1, 1, TIFF_LONG, FIELD_CUSTOM, 1, 0, const_cast<char*>("DefaultBlackRender")},
};

// libtiff writes into this.
struct Memory {
    std::string bytes;
    std::size_t at = 0;
};

TIFF* openedIn(Memory& memory) {
    static const auto read = [](thandle_t, void*, tmsize_t) -> tmsize_t { return 0; };
    static const auto write = [](thandle_t h, void* data, tmsize_t size) -> tmsize_t {
        auto& m = *static_cast<Memory*>(h);
        const auto n = static_cast<std::size_t>(size);
        if (m.bytes.size() < m.at + n) m.bytes.resize(m.at + n);
        std::memcpy(m.bytes.data() + m.at, data, n);
        m.at += n;
        return size;
    };
    static const auto seek = [](thandle_t h, toff_t offset, int whence) -> toff_t {
        auto& m = *static_cast<Memory*>(h);
        const std::size_t from = whence == SEEK_SET ? 0 : whence == SEEK_CUR ? m.at : m.bytes.size();
        m.at = from + static_cast<std::size_t>(offset);
        return m.at;
    };
    static const auto close = [](thandle_t) { return 0; };
    static const auto size = [](thandle_t h) -> toff_t { return static_cast<Memory*>(h)->bytes.size(); };
    static const auto map = [](thandle_t, void**, toff_t*) { return 0; };
    static const auto unmap = [](thandle_t, void*, toff_t) {};
    return TIFFClientOpen("profile", "wl", &memory, read, write, seek, close, size, map, unmap);
}

bool putMatrix(TIFF* file, std::uint32_t tag, const Matrix3& m) {
    float values[9];
    for (int i = 0; i < 9; ++i) values[i] = static_cast<float>(m(i / 3, i % 3));
    return TIFFSetField(file, tag, 9, values) == 1;
}

std::vector<float> dataOf(const HueSatMap& map) {
    std::vector<float> out;
    for (const auto& e : map.entries())
        out.insert(out.end(), {e.hueShiftDegrees, e.saturationScale, e.valueScale});
    return out;
}

// The same text with what is no ASCII replaced: the tags are ASCII by definition.
std::string ascii(std::string text) {
    for (char& c : text)
        if (static_cast<unsigned char>(c) >= 128 || static_cast<unsigned char>(c) < 32) c = '?';
    return text;
}

}  // namespace

Result<std::string> dcpFile(const DcpProfile& p) {
    Memory memory;
    const std::unique_ptr<TIFF, void (*)(TIFF*)> file(openedIn(memory), TIFFClose);
    if (!file) return failure(say("libtiff could not begin a camera profile."));
    TIFF* t = file.get();
    TIFFMergeFieldInfo(t, kFields, std::size(kFields));
    TIFFSetField(t, kUniqueCameraModel, ascii(p.camera).c_str());
    TIFFSetField(t, kProfileName, ascii(p.name).c_str());
    TIFFSetField(t, kProfileCopyright, "No copyright; use freely.");
    TIFFSetField(t, kProfileEmbedPolicy, 0u);  // allow copying
    TIFFSetField(t, kDefaultBlackRender, 1u);  // none: black is where the correction puts it
    TIFFSetField(t, kBaselineExposureOffset, p.baselineExposureOffset);
    std::vector<float> tone;
    for (const auto& [from, to] : p.toneCurve) {
        tone.push_back(static_cast<float>(from));
        tone.push_back(static_cast<float>(to));
    }
    TIFFSetField(t, kProfileToneCurve, static_cast<int>(tone.size()), tone.data());
    bool ok = true;
    for (std::size_t i = 0; i < p.lights.size(); ++i) {
        const auto& light = p.lights[i];
        TIFFSetField(t, i ? kCalibrationIlluminant2 : kCalibrationIlluminant1, light.illuminant);
        ok = ok && putMatrix(t, i ? kColorMatrix2 : kColorMatrix1, light.colourMatrix) &&
             putMatrix(t, i ? kForwardMatrix2 : kForwardMatrix1, light.forwardMatrix);
    }
    // Where only one light bends colours, the other has a map that changes nothing.
    const HueSatMap* any = nullptr;
    for (const auto& light : p.lights)
        if (light.map) any = &*light.map;
    if (any) {
        const std::uint32_t dims[3] = {std::uint32_t(any->hues()), std::uint32_t(any->saturations()), 1};
        ok = ok && TIFFSetField(t, kProfileHueSatMapDims, 3, dims) == 1;
        for (std::size_t i = 0; i < p.lights.size(); ++i) {
            const auto data = p.lights[i].map
                                  ? dataOf(*p.lights[i].map)
                                  : dataOf(HueSatMap(any->hues(), any->saturations(),
                                                     std::vector<HueSatMap::Entry>(any->entries().size())));
            ok = ok && TIFFSetField(t, i ? kProfileHueSatMapData2 : kProfileHueSatMapData1,
                                    static_cast<std::uint32_t>(data.size()), data.data()) == 1;
        }
    }
    std::uint64_t offset = 0;
    ok = ok && TIFFWriteCustomDirectory(t, &offset) == 1;
    if (!ok) return failure(say("libtiff could not write the camera profile."));
    std::string& bytes = memory.bytes;
    bytes[2] = 'R';
    bytes[3] = 'C';
    for (std::size_t k = 0; k < 4; ++k) bytes[4 + k] = static_cast<char>(offset >> (8 * k));
    // Else the library would want to write it once more on closing; it lets go of no directory by itself.
    TIFFFreeDirectory(t);
    TIFFCreateDirectory(t);
    return bytes;
}

Result<DcpProfile> readDcp(const std::string& bytes) {
    if (bytes.size() < 8 || bytes.compare(0, 4, "IIRC") != 0)
        return failure(say("That is no camera profile: it does not begin as one."));
    std::string tiff = bytes;
    tiff[2] = 42;
    tiff[3] = 0;
    try {
        Exiv2::ExifData data;
        Exiv2::ExifParser::decode(data, reinterpret_cast<const Exiv2::byte*>(tiff.data()), tiff.size());
        const auto find = [&](std::uint16_t tag) -> const Exiv2::Exifdatum* {
            for (const auto& d : data)
                if (d.tag() == tag) return &d;
            return nullptr;
        };
        const auto numbers = [&](std::uint16_t tag) {
            std::vector<double> out;
            if (const auto* d = find(tag))
                for (std::size_t i = 0; i < static_cast<std::size_t>(d->count()); ++i)
                    out.push_back(d->toFloat(static_cast<long>(i)));
            return out;
        };
        const auto text = [&](std::uint16_t tag) {
            const auto* d = find(tag);
            return d ? d->toString() : std::string();
        };
        DcpProfile p;
        p.camera = text(kUniqueCameraModel);
        p.name = text(kProfileName);
        if (const auto e = numbers(kBaselineExposureOffset); e.size() == 1) p.baselineExposureOffset = e[0];
        if (const auto tone = numbers(kProfileToneCurve); tone.size() >= 4) {
            p.toneCurve.clear();
            for (std::size_t i = 0; i + 1 < tone.size(); i += 2)
                p.toneCurve.emplace_back(tone[i], tone[i + 1]);
        }
        const auto mapOf = [&](std::uint16_t dimsTag, std::uint16_t dataTag,
                               std::uint16_t encodingTag) -> std::optional<HueSatMap> {
            const auto dims = numbers(dimsTag), table = numbers(dataTag), encoding = numbers(encodingTag);
            if (table.empty()) return {};
            const bool fits = dims.size() >= 2 && dims[0] >= 1 && dims[1] >= 2 &&
                              (dims.size() < 3 || dims[2] >= 1) &&
                              double(table.size()) == 3 * dims[0] * dims[1] * (dims.size() > 2 ? dims[2] : 1);
            if (!fits || !std::all_of(table.begin(), table.end(), [](double v) { return std::isfinite(v); }))
                throw std::runtime_error("a table does not fit its dimensions");
            std::vector<HueSatMap::Entry> entries;
            for (std::size_t k = 0; k < table.size(); k += 3)
                entries.push_back({float(table[k]), float(table[k + 1]), float(table[k + 2])});
            return HueSatMap(int(dims[0]), int(dims[1]), std::move(entries),
                             dims.size() > 2 ? int(dims[2]) : 1, !encoding.empty() && encoding[0] == 1);
        };
        p.look = mapOf(kLookTableDims, kLookTableData, kLookTableEncoding);
        for (std::uint16_t i = 0; i < 2; ++i) {
            const auto colour = numbers(static_cast<std::uint16_t>(kColorMatrix1 + i)),
                       forward = numbers(static_cast<std::uint16_t>(kForwardMatrix1 + i)),
                       light = numbers(static_cast<std::uint16_t>(kCalibrationIlluminant1 + i));
            if (colour.size() != 9) break;
            DcpProfile::Light l;
            l.illuminant = light.empty() ? 0 : static_cast<int>(light[0]);
            l.forward = forward.size() == 9;
            for (int k = 0; k < 9; ++k) {
                l.colourMatrix(k / 3, k % 3) = colour[static_cast<std::size_t>(k)];
                if (l.forward) l.forwardMatrix(k / 3, k % 3) = forward[static_cast<std::size_t>(k)];
            }
            if (!l.colourMatrix.allFinite() || !l.forwardMatrix.allFinite())
                throw std::runtime_error("a matrix is no numbers");
            l.map = mapOf(kProfileHueSatMapDims, static_cast<std::uint16_t>(kProfileHueSatMapData1 + i),
                          kHueSatMapEncoding);
            p.lights.push_back(std::move(l));
        }
        if (p.lights.empty()) return failure(say("The camera profile has no matrices that could be read."));
        return p;
    } catch (const std::exception& e) {
        return failure(say("Exiv2 could not read the camera profile: %1", e.what()));
    }
}

}  // namespace refero::io
