// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <ostream>

#include "cli/verbs.h"
#include "sim/shoot.h"

namespace refero::cli {
namespace {

class Simulate : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand("simulate", "Shoot the virtual camera: frames and truth.json.");
        verb->add_option("scene", scene_, "Scene file; see docs/formats.md")->required();
        verb->add_option("--out", out_, "Folder for the frames")->required();
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        const auto scene = sim::readScene(scene_);
        if (!scene) return tl::unexpected(scene.error());
        const auto done = sim::simulate(*scene, out_, [&](std::size_t i, std::size_t all) {
            s.err << "frame " << i + 1 << " of " << all << "\n";
            return true;
        });
        if (!done) return tl::unexpected(done.error());
        s.out << out_ << "/truth.json\n";
        return Outcome::done;
    }

  private:
    std::string scene_, out_;
};

}  // namespace

std::unique_ptr<Verb> makeSimulate() {
    return std::make_unique<Simulate>();
}

}  // namespace refero::cli
