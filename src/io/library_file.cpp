// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/library_file.h"

#include "io/correction_file.h"
#include "io/files/safe_write.h"
#include "io/json.h"

namespace refero::io {

Status writeLibrary(const std::vector<LibraryEntry>& entries, const std::filesystem::path& path) {
    Json j{{"format", "refero-library"}, {"version", 1}, {"corrections", Json::array()}};
    for (const LibraryEntry& e : entries)
        j["corrections"].push_back({{"light_kind", e.lightKind},
                                    {"light", e.light},
                                    {"shoot", e.shoot},
                                    {"correction", toJson(e.correction)}});
    return writeFile(path, prettyJson(j));
}

Result<std::vector<LibraryEntry>> readLibrary(const std::filesystem::path& path) {
    const auto text = readFile(path, std::size_t{1} << 30);
    if (!text) return tl::unexpected(text.error());
    const std::string origin = path.filename().string();
    const auto json = parseJson(*text, origin);
    if (!json) return tl::unexpected(json.error());
    return guarded(origin, [&] {
        const Node root(*json, {});
        expectFormat(root, "refero-library", 1);
        std::vector<LibraryEntry> out;
        for (const Node& n : root.at("corrections").items()) {
            auto correction = parseCorrection(n.at("correction").json().dump(), "its correction");
            if (!correction) n.at("correction").fail("is wrong: " + correction.error().message);
            out.push_back(
                {n.text("light_kind", ""), n.text("light", ""), n.text("shoot", ""), *std::move(correction)});
        }
        return out;
    });
}

}  // namespace refero::io
