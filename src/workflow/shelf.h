// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <map>
#include <memory>
#include <mutex>
#include <optional>
#include <string>
#include <vector>

#include "core/fit/lending.h"
#include "studio/studio.h"
#include "words/loan_words.h"

namespace refero::workflow {

/// Corrections by their documents, parsed once. Any thread.
class ParsedCorrections {
  public:
    /// Null where it cannot be read.
    std::shared_ptr<const Correction> of(const std::string& document);

  private:
    std::mutex mutex_;
    std::map<std::string, std::shared_ptr<const Correction>> parsed_;  ///< by the SHA-256 of the text
};

/// A correction that outlives its shoot.
struct ShelfItem {
    studio::AnyId record = 0;   ///< of the correction, or of the shelf where it came from another studio
    studio::SetupId setup = 0;  ///< 0: it came from another studio
    std::string lightKind, light, shoot;
    std::string body, serial, lens;  ///< by the plan, for corrections of frames that did not say theirs
    std::string document;
    std::shared_ptr<const Correction> correction{};  ///< null until it is parsed
};

/// What the studio can lend: its setups' own corrections towards reference values, of all its shoots, and
/// those from other studios; the oldest first. With a body of the kit, nothing that another of its bodies
/// has taken. Nothing is parsed.
std::vector<ShelfItem> shelfItems(const studio::Contents& contents, studio::BodyId body = 0);

/// Parses them; what cannot be read, is lent itself or goes towards another camera falls out.
std::vector<ShelfItem> parsed(std::vector<ShelfItem> items, ParsedCorrections& parser);
std::vector<Lender> lenders(const std::vector<ShelfItem>& parsed);

/// One body's corrections in one kind of light.
struct ShelfGroup {
    std::string body, serial, lens, light;
    std::vector<ShelfItem> items;    ///< the newest first
    std::optional<double> spread{};  ///< largest mean CIEDE2000 between the newest and another of them
    std::optional<double> proof{};   ///< mean CIEDE2000 of the latest proof on another shot
    /// The newest no longer agrees with the one before: they are further apart than both promise together and
    /// one CIEDE2000 on top.
    std::optional<words::Disagreement> disagreement{};
};
/// By body, then lens, then light from warm to cool.
std::vector<ShelfGroup> grouped(const std::vector<ShelfItem>& parsed);

/// All of it as one file, for another studio; how many. An error where there is nothing.
Result<std::size_t> copyOut(const std::vector<ShelfItem>& parsed, const std::filesystem::path& path);
/// What such a file holds, for the shelf. Any thread.
Result<std::vector<studio::ShelfRecord>> recordsIn(const std::filesystem::path& path);
/// Puts them on the shelf, as one step of that name; those that are there already are left. How many are new.
Result<std::size_t> putOnShelf(studio::Studio& studio, std::vector<studio::ShelfRecord> records,
                               const std::string& step);

}  // namespace refero::workflow
