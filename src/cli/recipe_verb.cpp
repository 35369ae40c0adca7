// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <ostream>

#include "cli/deliver_document.h"
#include "cli/verbs.h"
#include "core/grade/recipe.h"
#include "io/correction_file.h"
#include "io/report/recipe_document.h"

namespace refero::cli {
namespace {

class RecipeVerb : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand(
            "recipe", "Tell a correction as settings for someone who has wheels, curves and hue controls.");
        verb->add_option("correction", correction_, "Correction file")->required();
        verb->add_option("--out", out_,
                         "Write it here: .csv a table, .pdf pages, .html, else text (- for standard output)")
            ->capture_default_str();
        verb->add_flag("--table", table_, "A table on standard output, too");
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        const auto correction = io::readCorrection(correction_);
        if (!correction) return tl::unexpected(correction.error());
        const auto recipe = recipeFor(*correction);
        if (!recipe) return tl::unexpected(recipe.error());
        if (isDocument(out_))
            return deliverDocument(out_, io::recipeDocument(*recipe, *correction), s).map([] {
                return Outcome::done;
            });
        const bool table = table_ || out_.ends_with(".csv");
        if (auto ok = deliver(out_, table ? recipeTable(*recipe) : recipeText(*recipe, *correction), s); !ok)
            return tl::unexpected(ok.error());
        return Outcome::done;
    }

  private:
    std::string correction_, out_ = "-";
    bool table_ = false;
};

}  // namespace

std::unique_ptr<Verb> makeRecipe() {
    return std::make_unique<RecipeVerb>();
}

}  // namespace refero::cli
