// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <poppler/cpp/poppler-document.h>
#include <poppler/cpp/poppler-page-renderer.h>
#include <poppler/cpp/poppler-page.h>

#include <algorithm>
#include <memory>
#include <set>
#include <string>
#include <vector>

#include "support/codes.h"

namespace refero::test {

// What is on the pages, by a library that is not the one that wrote them.
struct Printed {
    std::string text;
    std::vector<std::string> pageTexts{};
    std::vector<std::string> codes;
    int pages = 0;
    std::set<unsigned> colours{};  ///< 0xRRGGBB of every pixel at 150 dots an inch
    bool grey = true;
};

/// Codes are only looked for where they are wanted: that takes its time.
inline Printed printed(const std::string& file, bool codes = false) {
    Printed out;
    const std::unique_ptr<poppler::document> document(poppler::document::load_from_file(file));
    if (!document) return out;
    poppler::page_renderer renderer;
    renderer.set_render_hint(poppler::page_renderer::text_antialiasing);
    out.pages = document->pages();
    for (int i = 0; i < out.pages; ++i) {
        const std::unique_ptr<poppler::page> page(document->create_page(i));
        const auto bytes = page->text().to_utf8();
        out.pageTexts.emplace_back(bytes.begin(), bytes.end());
        out.text += out.pageTexts.back();
        poppler::image image = renderer.render_page(page.get(), 150, 150);
        std::vector<unsigned char> grey;
        for (int y = 0; y < image.height(); ++y) {
            const auto* row =
                reinterpret_cast<const unsigned char*>(image.const_data()) + y * image.bytes_per_row();
            for (int x = 0; x < image.width(); ++x) {
                const unsigned char* p = row + 4 * x;
                out.grey = out.grey && p[0] == p[1] && p[1] == p[2];
                out.colours.insert(unsigned(p[2]) << 16 | unsigned(p[1]) << 8 | p[0]);
                grey.push_back(p[1]);
            }
        }
        if (!codes) continue;
        for (const std::string& code : codesIn(grey.data(), image.width(), image.height()))
            out.codes.push_back(code);
    }
    std::sort(out.codes.begin(), out.codes.end());
    return out;
}

}  // namespace refero::test
