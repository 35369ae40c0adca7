// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>

#include "core/result.h"
#include "io/report/document.h"

namespace refero::paper {

/// The document as a PDF of A4 pages: tables carry their heads on to the next page, rows are not torn.
/// Errors: the target cannot be written.
Status writeDocument(const std::filesystem::path& target, const io::Document& document);

}  // namespace refero::paper
