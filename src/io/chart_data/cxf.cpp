// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <cstring>
#include <pugixml.hpp>
#include <sstream>

#include "io/chart_data/chart_data_file.h"
#include "io/chart_data/detail/columns.h"

namespace refero::io {
namespace {

// Elements are found by their local name: the prefix is the writer's choice.
bool named(const pugi::xml_node& n, const char* name) {
    const char* own = std::strrchr(n.name(), ':');
    return std::strcmp(own ? own + 1 : n.name(), name) == 0;
}

pugi::xml_node first(const pugi::xml_node& parent, const char* name) {
    return parent.find_node([&](const pugi::xml_node& n) { return named(n, name); });
}

std::string textOf(const pugi::xml_node& parent, const char* name) {
    return first(parent, name).text().as_string();
}

std::vector<double> numbersOf(const char* text) {
    std::istringstream in(text);
    std::vector<double> out;
    std::string word;
    while (in >> word) {
        const auto v = detail::numberOf(word);
        if (!v) return {};
        out.push_back(*v);
    }
    return out;
}

std::optional<Vector3> threeOf(const pugi::xml_node& colour, const char* a, const char* b, const char* c) {
    Vector3 v;
    int k = 0;
    for (const char* name : {a, b, c}) {
        const auto n = detail::numberOf(textOf(colour, name));
        if (!n) return {};
        v(k++) = *n;
    }
    return v;
}

void describe(const pugi::xml_node& root, ChartData& data) {
    const auto info = first(root, "FileInformation");
    for (const char* key : {"Creator", "Description", "CreationDate"}) {
        const std::string text = textOf(info, key);
        if (!text.empty()) data.source += (data.source.empty() ? "" : ", ") + text;
    }
    data.illuminant = textOf(root, "Illuminant");
    const std::string observer = textOf(root, "Observer");
    data.observerDegrees = observer.starts_with("10") ? 10 : observer.starts_with("2") ? 2 : 0;
}

Result<ChartData::Sample> sampleOf(const pugi::xml_node& object, ChartData& data, const std::string& where) {
    ChartData::Sample s;
    s.id = object.attribute("Name").as_string(object.attribute("Id").as_string());
    const auto values = first(object, "ColorValues");
    if (const auto spectrum = first(values, "ReflectanceSpectrum")) {
        s.spectrum = numbersOf(spectrum.text().as_string());
        if (s.spectrum.empty()) return failure(where + ": its spectrum is not a list of numbers.");
        if (spectrum.attribute("StartWL")) data.startNm = spectrum.attribute("StartWL").as_double();
        data.kind = ChartData::Kind::spectra;
        return s;
    }
    if (const auto lab = first(values, "ColorCIELab")) {
        data.kind = ChartData::Kind::lab;
        if (const auto v = threeOf(lab, "L", "A", "B")) return s.value = *v, s;
        return failure(where + ": its L*a*b* is not three numbers.");
    }
    if (const auto xyz = first(values, "ColorCIEXYZ")) {
        data.kind = ChartData::Kind::xyz;
        if (const auto v = threeOf(xyz, "X", "Y", "Z")) return s.value = *v / 100, s;
        return failure(where + ": its XYZ is not three numbers.");
    }
    return failure(where + " has neither a reflectance spectrum nor CIE L*a*b* or XYZ.");
}

}  // namespace

Result<ChartData> parseCxf(std::string_view text, const std::string& origin) {
    pugi::xml_document document;
    // Document types and the entities they declare are not read: no colour needs them.
    const auto parsed =
        document.load_buffer(text.data(), text.size(), pugi::parse_default & ~pugi::parse_doctype);
    if (!parsed)
        return failure(origin + " is not whole XML: " + parsed.description() + " near character " +
                       std::to_string(parsed.offset) + ".");
    const auto root = document.document_element();
    if (!named(root, "CxF")) return failure(origin + " is XML, but not CxF.");
    ChartData data;
    describe(root, data);
    const auto range = first(root, "WavelengthRange");
    data.startNm = range.attribute("StartWL").as_double();
    data.stepNm = range.attribute("Increment").as_double(10);
    std::optional<ChartData::Kind> kind;
    for (const auto& object : first(root, "ObjectCollection").children()) {
        if (!named(object, "Object") || !first(object, "ColorValues")) continue;
        const std::string where = origin + ", object \"" + object.attribute("Name").as_string("?") + "\"";
        auto s = sampleOf(object, data, where);
        if (!s) return tl::unexpected(s.error());
        if (kind && *kind != data.kind)
            return failure(where + " has another kind of values than those before it.");
        kind = data.kind;
        if (!data.samples.empty() && s->spectrum.size() != data.samples.front().spectrum.size())
            return failure(where + " has a spectrum of another length.");
        data.samples.push_back(*std::move(s));
    }
    if (auto ok = validate(data); !ok) return failure(origin + ": " + ok.error().message);
    return data;
}

std::string cxfText(const ChartData& data) {
    pugi::xml_document document;
    auto root = document.append_child("cc:CxF");
    root.append_attribute("xmlns:cc") = "http://colorexchangeformat.com/CxF3-core";
    auto info = root.append_child("cc:FileInformation");
    info.append_child("cc:Description").text() = data.source.c_str();
    auto resources = root.append_child("cc:Resources");
    auto objects = resources.append_child("cc:ObjectCollection");
    auto specification =
        resources.append_child("cc:ColorSpecificationCollection").append_child("cc:ColorSpecification");
    specification.append_attribute("Id") = "Specification";
    auto tristimulus = specification.append_child("cc:TristimulusSpec");
    if (!data.illuminant.empty()) tristimulus.append_child("cc:Illuminant").text() = data.illuminant.c_str();
    if (data.observerDegrees)
        tristimulus.append_child("cc:Observer").text() =
            data.observerDegrees == 10 ? "10_Degree" : "2_Degree";
    const auto number = [](double v) {
        char text[32];
        std::snprintf(text, sizeof text, "%.6g", v);
        return std::string(text);
    };
    if (data.kind == ChartData::Kind::spectra) {
        auto range = specification.append_child("cc:MeasurementSpec").append_child("cc:WavelengthRange");
        range.append_attribute("StartWL") = number(data.startNm).c_str();
        range.append_attribute("Increment") = number(data.stepNm).c_str();
    }
    int n = 0;
    for (const auto& s : data.samples) {
        auto object = objects.append_child("cc:Object");
        object.append_attribute("ObjectType") = "Target";
        object.append_attribute("Name") = s.id.c_str();
        object.append_attribute("Id") = ("c" + std::to_string(++n)).c_str();
        auto values = object.append_child("cc:ColorValues");
        if (data.kind == ChartData::Kind::spectra) {
            auto spectrum = values.append_child("cc:ReflectanceSpectrum");
            spectrum.append_attribute("ColorSpecification") = "Specification";
            spectrum.append_attribute("StartWL") = number(data.startNm).c_str();
            std::string list;
            for (const double v : s.spectrum) list += (list.empty() ? "" : " ") + number(v);
            spectrum.text() = list.c_str();
            continue;
        }
        const bool lab = data.kind == ChartData::Kind::lab;
        auto colour = values.append_child(lab ? "cc:ColorCIELab" : "cc:ColorCIEXYZ");
        colour.append_attribute("ColorSpecification") = "Specification";
        const char* const names[2][3] = {{"cc:X", "cc:Y", "cc:Z"}, {"cc:L", "cc:A", "cc:B"}};
        for (int k = 0; k < 3; ++k)
            colour.append_child(names[lab][k]).text() = number(s.value(k) * (lab ? 1 : 100)).c_str();
    }
    std::ostringstream out;
    document.save(out, "  ");
    return out.str();
}

}  // namespace refero::io
