// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <filesystem>
#include <ostream>

#include "cli/deliver_document.h"
#include "cli/verbs.h"
#include "io/json.h"
#include "studio/studio.h"
#include "workflow/shelf.h"

namespace refero::cli {
namespace {

class LibraryVerb : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand(
            "library", "What a studio can lend: its corrections by body, lens and light, of all its shoots.");
        verb->add_option("studio", studio_, "Studio file (.refero)")->required();
        verb->add_option("--copy-in", in_, "First bring in what another studio copied out");
        verb->add_option("--copy-out", out_, "Write all of it as one file, for another studio");
        verb->add_option("--json", json_, "Write the list here (- for standard output)");
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        const auto studio = studio::Studio::open(studio_);
        if (!studio) return tl::unexpected(studio.error());
        if (!in_.empty()) {
            const auto fresh = workflow::recordsIn(in_).and_then([&](const auto& records) {
                return workflow::putOnShelf(
                    **studio, records,
                    "Bring in the library " + std::filesystem::path(in_).filename().string());
            });
            if (!fresh) return tl::unexpected(fresh.error());
            s.err << *fresh << (*fresh == 1 ? " correction is" : " corrections are") << " new.\n";
        }
        workflow::ParsedCorrections parser;
        const auto items = workflow::parsed(workflow::shelfItems((*studio)->contents()), parser);
        if (!out_.empty()) {
            const auto written = workflow::copyOut(items, out_);
            if (!written) return tl::unexpected(written.error());
            s.err << *written << (*written == 1 ? " correction" : " corrections") << " written.\n";
        }
        const auto groups = workflow::grouped(items);
        if (!json_.empty())
            if (auto ok = deliver(json_, io::prettyJson(document(groups)), s); !ok)
                return tl::unexpected(ok.error());
        if (json_ != "-") list(groups, s.out);
        return Outcome::done;
    }

  private:
    static io::Json document(const std::vector<workflow::ShelfGroup>& groups) {
        io::Json j{{"format", "refero-library-list"}, {"version", 1}, {"groups", io::Json::array()}};
        for (const workflow::ShelfGroup& g : groups) {
            io::Json one{{"body", g.body},
                         {"serial", g.serial},
                         {"lens", g.lens},
                         {"light", g.light},
                         {"shots", g.items.size()},
                         {"spread", g.spread ? io::Json(*g.spread) : io::Json(nullptr)},
                         {"proof", g.proof ? io::Json(*g.proof) : io::Json(nullptr)},
                         {"disagrees", g.disagreement.has_value()},
                         {"corrections", io::Json::array()}};
            for (const workflow::ShelfItem& item : g.items)
                one["corrections"].push_back({{"name", item.correction->name},
                                              {"taken", item.correction->taken},
                                              {"shoot", item.shoot},
                                              {"from_elsewhere", item.setup == 0},
                                              {"left", item.correction->summary.after.mean},
                                              {"expected", item.correction->summary.expectedError}});
            j["groups"].push_back(std::move(one));
        }
        return j;
    }

    static void list(const std::vector<workflow::ShelfGroup>& groups, std::ostream& out) {
        if (groups.empty())
            out << "The library is empty: it fills with corrections built from chart shots.\n";
        for (const workflow::ShelfGroup& g : groups) {
            out << g.body << (g.serial.empty() ? "" : " " + g.serial) << (g.lens.empty() ? "" : ", " + g.lens)
                << (g.light.empty() ? "" : ", " + g.light) << ": " << g.items.size()
                << (g.items.size() == 1 ? " chart shot\n" : " chart shots\n");
            for (const workflow::ShelfItem& item : g.items)
                out << "  " << item.correction->name
                    << (item.shoot.empty() ? std::string() : " (" + item.shoot + ")") << "\n";
            if (g.disagreement) out << "  " << words::sentence(*g.disagreement) << "\n";
        }
    }

    std::string studio_, in_, out_, json_;
};

}  // namespace

std::unique_ptr<Verb> makeLibrary() {
    return std::make_unique<LibraryVerb>();
}

}  // namespace refero::cli
