// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <lcms2.h>

#include <algorithm>
#include <memory>
#include <string>
#include <vector>

#include "core/say/say.h"
#include "io/chart_data/chart_data_file.h"
#include "io/chart_data/detail/columns.h"

namespace refero::io {
namespace {

struct Closed {
    void operator()(void* handle) const { cmsIT8Free(handle); }
};

// Little CMS parses the text; what it complains of is kept for the person.
class Context {
  public:
    Context() : id_(cmsCreateContext(nullptr, this)) {
        cmsSetLogErrorHandlerTHR(id_, [](cmsContext c, cmsUInt32Number, const char* text) {
            static_cast<Context*>(cmsGetContextUserData(c))->complaint = text;
        });
    }
    ~Context() { cmsDeleteContext(id_); }
    Context(const Context&) = delete;
    Context& operator=(const Context&) = delete;
    cmsContext get() const { return id_; }
    std::string complaint;

  private:
    cmsContext id_;
};

std::string property(cmsHANDLE it8, const char* name) {
    const char* text = cmsIT8GetProperty(it8, name);
    return text ? text : "";
}

// A keyword may stand in several lines, as WEIGHTING_FUNCTION does for illuminant and observer (CGATS.17,
// table 4); Little CMS gives the first of them.
std::string linesOf(std::string_view text, std::string_view key) {
    const std::string_view head = text.substr(0, text.find("BEGIN_DATA"));
    std::string out;
    for (std::size_t at = 0; at < head.size();) {
        const std::size_t end = std::min(head.find_first_of("\r\n", at), head.size());
        std::string_view line = head.substr(at, end - at);
        line.remove_prefix(std::min(line.find_first_not_of(" \t"), line.size()));
        const bool whole = line.size() > key.size() && (line[key.size()] == ' ' || line[key.size()] == '\t');
        if (line.starts_with(key) && whole)
            out += (out.empty() ? "" : "; ") + std::string(line.substr(key.size() + 1));
        at = end + 1;
    }
    return out;
}

// "D50" of "D50", "CIE D50 ..."; "2" of "2 degree", "2DEG"; whichever keyword says it.
void describe(cmsHANDLE it8, std::string_view whole, ChartData& data) {
    for (const char* key :
         {"ILLUMINANT", "MEASUREMENT_ILLUMINANT", "WEIGHTING_FUNCTION", "ILLUMINATION_NAME"}) {
        const std::string text =
            std::string_view(key) == "WEIGHTING_FUNCTION" ? linesOf(whole, key) : property(it8, key);
        for (const char* light : {"D50", "D55", "D65", "F11", "F7", "F2"})
            if (data.illuminant.empty() && text.find(light) != text.npos) data.illuminant = light;
        if (data.illuminant.empty() && text == "A") data.illuminant = "A";
    }
    for (const char* key : {"OBSERVER", "OBSERVER_ANGLE", "MEASUREMENT_OBSERVER", "WEIGHTING_FUNCTION"}) {
        std::string text = property(it8, key);
        if (std::string_view(key) == "WEIGHTING_FUNCTION") {
            text = linesOf(whole, key);
            const auto at = text.find("OBSERVER");
            text = at == text.npos ? std::string() : text.substr(at, text.find(';', at) - at);
        }
        if (data.observerDegrees == 0 && text.find("10") != text.npos) data.observerDegrees = 10;
        if (data.observerDegrees == 0 && text.find('2') != text.npos) data.observerDegrees = 2;
    }
    for (const char* key : {"MEASUREMENT_CONDITION", "MEASUREMENT_CONDITIONS", "MEASUREMENT_SOURCE", "FILTER",
                            "ILLUMINATION_NAME"}) {
        const std::string condition = detail::conditionIn(linesOf(whole, key));
        if (data.condition.empty()) data.condition = condition;
    }
    for (const char* key : {"ORIGINATOR", "DESCRIPTOR", "INSTRUMENTATION", "CREATED"}) {
        const std::string text = property(it8, key);
        if (!text.empty()) data.source += (data.source.empty() ? "" : ", ") + text;
    }
}

// Empty where the file counts its fields without naming them: the list is then not there at all, or
// ends before the count.
std::vector<std::string> fieldNames(cmsHANDLE it8) {
    char** names = nullptr;
    const int fields = cmsIT8EnumDataFormat(it8, &names);
    std::vector<std::string> out;
    for (int i = 0; names && i < fields; ++i) out.emplace_back(names[i] ? names[i] : "");
    return out;
}

// As the file says; its word may be no number, or larger than any count.
int numberOfSets(cmsHANDLE it8) {
    constexpr double kMost = 0x7ffe;  // Little CMS takes no more
    const double said = cmsIT8GetPropertyDbl(it8, "NUMBER_OF_SETS");
    return said >= 0 ? static_cast<int>(std::min(said, kMost)) : 0;
}

std::string quoted(std::string text) {
    std::erase_if(text, [](char c) { return c == '"' || c == '\n' || c == '\r'; });
    return "\"" + text + "\"";
}

std::string number(double v) {
    char text[32];
    std::snprintf(text, sizeof text, "%.6g", v);
    return text;
}

}  // namespace

Result<ChartData> parseCgats(std::string_view text, const std::string& origin) {
    Context context;
    const std::unique_ptr<void, Closed> it8(
        cmsIT8LoadFromMem(context.get(), text.data(), static_cast<cmsUInt32Number>(text.size())));
    if (!it8) return failure(say("%1 is not CGATS text: %2", origin, context.complaint));
    const auto names = fieldNames(it8.get());
    if (names.empty()) return failure(say("%1 has no data format.", origin));
    const auto columns = detail::Columns::of(names);
    auto reader = detail::RowReader::make(columns, origin);
    if (!reader) return tl::unexpected(reader.error());
    const int sets = numberOfSets(it8.get());
    for (int row = 0; row < sets; ++row) {
        std::vector<std::string> cells;
        for (int column = 0; column < static_cast<int>(names.size()); ++column) {
            const char* cell = cmsIT8GetDataRowCol(it8.get(), row, column);
            cells.emplace_back(cell ? cell : "");
        }
        if (auto ok = reader->add(cells, origin + ", set " + std::to_string(row + 1)); !ok)
            return tl::unexpected(ok.error());
    }
    ChartData data = std::move(*reader).finish();
    describe(it8.get(), text, data);
    if (auto ok = validate(data); !ok) return failure(origin + ": " + ok.error().message);
    return data;
}

std::string cgatsText(const ChartData& data) {
    std::string fields = "SAMPLE_ID SAMPLE_NAME";
    std::size_t count = 2;
    if (data.kind == ChartData::Kind::spectra) {
        for (std::size_t i = 0; i < data.samples.front().spectrum.size(); ++i, ++count)
            fields += " SPECTRAL_NM" + number(data.startNm + double(i) * data.stepNm);
    } else {
        fields += data.kind == ChartData::Kind::lab ? " LAB_L LAB_A LAB_B" : " XYZ_X XYZ_Y XYZ_Z";
        count += 3;
    }
    std::string out = "CGATS.17\nORIGINATOR " + quoted(data.source) + "\n";
    if (!data.illuminant.empty())
        out += "KEYWORD \"ILLUMINANT\"\nILLUMINANT " + quoted(data.illuminant) + "\n";
    if (data.observerDegrees)
        out += "KEYWORD \"OBSERVER\"\nOBSERVER \"" + std::to_string(data.observerDegrees) + " degree\"\n";
    if (!data.condition.empty())
        out += "KEYWORD \"MEASUREMENT_CONDITION\"\nMEASUREMENT_CONDITION " + quoted(data.condition) + "\n";
    out += "NUMBER_OF_FIELDS " + std::to_string(count) + "\nBEGIN_DATA_FORMAT\n" + fields +
           "\nEND_DATA_FORMAT\n" + "NUMBER_OF_SETS " + std::to_string(data.samples.size()) + "\nBEGIN_DATA\n";
    for (const auto& s : data.samples) {
        out += quoted(s.id) + " " + quoted(s.name);
        if (data.kind == ChartData::Kind::spectra)
            for (const double v : s.spectrum) out += " " + number(v);
        else
            for (int k = 0; k < 3; ++k)
                out += " " + number(s.value(k) * (data.kind == ChartData::Kind::xyz ? 100 : 1));
        out += "\n";
    }
    return out + "END_DATA\n";
}

}  // namespace refero::io
