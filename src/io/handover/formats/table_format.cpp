// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/say/say.h"
#include "io/files/safe_write.h"
#include "io/handover/handover_format.h"
#include "io/handover/readings_table.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

Status hold(RepresentablePart& part, const Correction&, const ExportOptions&) {
    lose(part, say("It is a table to read: nothing can be corrected with it."));
    return {};
}

// A table has a line a patch and one more.
Result<Proof> prove(const fs::path& file, const Correction& c, const RepresentablePart&) {
    const auto text = readFile(file);
    if (!text) return tl::unexpected(text.error());
    if (*text != readingsTable(c)) return failure(say("The table does not read back as it was written."));
    return Proof{"Refero", 0, 0, 0};
}

Result<Content> write(const Correction& whole, const RepresentablePart&, const ExportOptions&,
                      const fs::path&) {
    return Content::plain(readingsTable(whole));
}

}  // namespace

const HandoverFormat kTable{
    {"csv", word("Table of the patches (.csv)"), ".csv",
     word("What was read, what it should be, and what became of it; no correction to apply."), false, false,
     0, 0},
    &hold,
    &write,
    &prove};

}  // namespace refero::io
