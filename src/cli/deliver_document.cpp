// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/deliver_document.h"

#ifdef REFERO_PAPER
#include "paper/document_pdf.h"
#include "paper/press.h"
#endif

namespace refero::cli {

bool isDocument(const std::string& target) {
    return target.ends_with(".pdf") || target.ends_with(".html");
}

Status deliverDocument(const std::string& target, const io::Document& document, Streams& streams) {
    if (!target.ends_with(".pdf")) return deliver(target, io::documentHtml(document), streams);
#ifdef REFERO_PAPER
    const paper::Press press;
    return paper::writeDocument(target, document);
#else
    return failure("This program was built without pages: give the file a name that ends in .html.");
#endif
}

std::function<Status(const std::filesystem::path&, const io::Document&)> printer() {
#ifdef REFERO_PAPER
    return [](const std::filesystem::path& target, const io::Document& document) {
        const paper::Press press;
        return paper::writeDocument(target, document);
    };
#else
    return {};
#endif
}

}  // namespace refero::cli
