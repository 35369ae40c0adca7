// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <functional>

#include "cli/verb.h"
#include "io/report/document.h"

namespace refero::cli {

/// Whether a target's name asks for pages (.pdf) or a page of the web (.html).
bool isDocument(const std::string& target);

/// Writes pages where the name ends in .pdf, else HTML; "-" is standard output. Errors also where this
/// program was built without pages.
Status deliverDocument(const std::string& target, const io::Document& document, Streams& streams);

/// What writes a document as pages; nothing where this program was built without them.
std::function<Status(const std::filesystem::path&, const io::Document&)> printer();

}  // namespace refero::cli
