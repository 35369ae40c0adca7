// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cstring>
#include <pugixml.hpp>
#include <sstream>

#include "core/say/say.h"
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
}

// What a value's own ColorSpecification says; of a file without one, or of a value that names none, what the
// only one there says.
struct Specification {
    std::string illuminant, condition;
    int observerDegrees = 0;
    double startNm = 0, stepNm = 10;
};

class Specifications {
  public:
    explicit Specifications(const pugi::xml_node& root) {
        for (const auto& n : first(root, "ColorSpecificationCollection").children())
            if (named(n, "ColorSpecification"))
                byId_.emplace_back(n.attribute("Id").as_string(), specificationOf(n));
        if (byId_.size() == 1) other_ = byId_.front().second;
        if (byId_.empty()) other_ = specificationOf(root);
    }

    // An error where the file names one that it does not have.
    Result<Specification> of(const pugi::xml_node& value, const std::string& where) const {
        const std::string id = value.attribute("ColorSpecification").as_string();
        if (id.empty()) return other_;
        for (const auto& [own, specification] : byId_)
            if (own == id) return specification;
        if (byId_.empty()) return other_;
        return failure(
            say("%1 refers to the colour specification \"%2\", which is not in the file.", where, id));
    }

  private:
    static Specification specificationOf(const pugi::xml_node& n) {
        Specification s;
        s.illuminant = textOf(n, "Illuminant");
        const std::string observer = textOf(n, "Observer");
        s.observerDegrees = observer.starts_with("10") ? 10 : observer.starts_with("2") ? 2 : 0;
        const auto range = first(n, "WavelengthRange");
        s.startNm = range.attribute("StartWL").as_double();
        s.stepNm = range.attribute("Increment").as_double(10);
        for (const char* key :
             {"DeviceIllumination", "MeasurementCondition", "MeasurementType", "DeviceFilter"})
            if (s.condition.empty()) s.condition = detail::conditionIn(textOf(n, key));
        if (s.condition.empty()) s.condition = detail::conditionIn(n.attribute("Id").as_string());
        return s;
    }
    std::vector<std::pair<std::string, Specification>> byId_;
    Specification other_;
};

// Of an object's values of a kind, the one to take: of several conditions, the one that was asked for.
Result<std::pair<pugi::xml_node, Specification>> chosen(const pugi::xml_node& values, const char* kind,
                                                        const Specifications& all, const std::string& wanted,
                                                        const std::string& where) {
    std::vector<std::pair<pugi::xml_node, Specification>> found;
    for (const auto& n : values.children()) {
        if (!named(n, kind)) continue;
        const auto s = all.of(n, where);
        if (!s) return tl::unexpected(s.error());
        found.emplace_back(n, *s);
    }
    if (found.empty()) return std::pair<pugi::xml_node, Specification>{};
    std::string conditions;
    for (const auto& [n, s] : found) {
        if (!wanted.empty() && s.condition == wanted) return std::pair{n, s};
        conditions +=
            (conditions.empty() ? "" : ", ") + (s.condition.empty() ? std::string("?") : s.condition);
    }
    if (!wanted.empty() && (found.size() > 1 || !found.front().second.condition.empty()))
        return failure(say("%1 was not measured under %2, but under %3.", where, wanted, conditions));
    const bool differ = std::any_of(found.begin(), found.end(), [&](const auto& f) {
        return f.second.condition != found.front().second.condition;
    });
    if (differ)
        return failure(
            say("%1 was measured under %2 (ISO 13655). Say which of them: they differ where the surface has "
                "a brightener.",
                where, conditions));
    return found.front();
}

void take(const Specification& s, ChartData& data) {
    data.illuminant = s.illuminant;
    data.observerDegrees = s.observerDegrees;
    data.condition = s.condition;
    data.startNm = s.startNm;
    data.stepNm = s.stepNm;
}

Result<ChartData::Sample> sampleOf(const pugi::xml_node& object, const Specifications& all,
                                   const ChartDataOptions& options, ChartData& data,
                                   const std::string& where) {
    ChartData::Sample s;
    s.id = object.attribute("Name").as_string(object.attribute("Id").as_string());
    const auto values = first(object, "ColorValues");
    for (const auto& [element, kind] : {std::pair{"ReflectanceSpectrum", ChartData::Kind::spectra},
                                        {"ColorCIELab", ChartData::Kind::lab},
                                        {"ColorCIEXYZ", ChartData::Kind::xyz}}) {
        const auto found = chosen(values, element, all, options.condition, where);
        if (!found) return tl::unexpected(found.error());
        const auto& [n, specification] = *found;
        if (!n) continue;
        data.kind = kind;
        take(specification, data);
        if (kind == ChartData::Kind::spectra) {
            s.spectrum = numbersOf(n.text().as_string());
            if (s.spectrum.empty()) return failure(say("%1: its spectrum is not a list of numbers.", where));
            if (n.attribute("StartWL")) data.startNm = n.attribute("StartWL").as_double();
            return s;
        }
        const bool lab = kind == ChartData::Kind::lab;
        const auto v = lab ? threeOf(n, "L", "A", "B") : threeOf(n, "X", "Y", "Z");
        if (!v)
            return failure(where +
                           (lab ? ": its L*a*b* is not three numbers." : ": its XYZ is not three numbers."));
        s.value = lab ? *v : Vector3(*v / 100);
        return s;
    }
    return failure(say("%1 has neither a reflectance spectrum nor CIE L*a*b* or XYZ.", where));
}

}  // namespace

Result<ChartData> parseCxf(std::string_view text, const std::string& origin,
                           const ChartDataOptions& options) {
    pugi::xml_document document;
    // Document types and the entities they declare are not read: no colour needs them.
    const auto parsed =
        document.load_buffer(text.data(), text.size(), pugi::parse_default & ~pugi::parse_doctype);
    if (!parsed)
        return failure(say("%1 is not whole XML: %2 near character %3.", origin, parsed.description(),
                           std::to_string(parsed.offset)));
    const auto root = document.document_element();
    if (!named(root, "CxF")) return failure(say("%1 is XML, but not CxF.", origin));
    ChartData data;
    describe(root, data);
    const Specifications specifications(root);
    std::optional<ChartData> before;
    for (const auto& object : first(root, "ObjectCollection").children()) {
        if (!named(object, "Object") || !first(object, "ColorValues")) continue;
        const std::string where = origin + ", object \"" + object.attribute("Name").as_string("?") + "\"";
        auto s = sampleOf(object, specifications, options, data, where);
        if (!s) return tl::unexpected(s.error());
        if (before && before->kind != data.kind)
            return failure(say("%1 has another kind of values than those before it.", where));
        if (before &&
            (before->illuminant != data.illuminant || before->observerDegrees != data.observerDegrees ||
             before->condition != data.condition))
            return failure(
                say("%1 is of another illuminant, observer or measurement condition than those before it; "
                    "give a file of one.",
                    where));
        if (!before)
            before =
                ChartData{data.kind, {}, data.illuminant, data.observerDegrees, data.condition, 0, 0, {}};
        if (!data.samples.empty() && s->spectrum.size() != data.samples.front().spectrum.size())
            return failure(say("%1 has a spectrum of another length.", where));
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
