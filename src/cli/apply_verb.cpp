// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <filesystem>
#include <ostream>
#include <set>

#include "cli/finish_options.h"
#include "cli/verbs.h"
#include "io/batch/apply.h"
#include "io/correction_file.h"
#include "io/curve_file.h"

namespace refero::cli {
namespace {

namespace fs = std::filesystem;

class Apply : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand("apply", "Render frames through a correction.");
        verb->add_option("correction", correction_, "Correction file")->required();
        verb->add_option("frames", frames_, "Pictures of the same setup")->required();
        verb->add_option("--space", space_,
                         "xyz-d50, linear-srgb, srgb, rec709, display-p3, rec2020, acescg or acescct")
            ->capture_default_str();
        verb->add_option("--encoding", encoding_,
                         "The frames' encoding, by name or as a curve file; else what each says of itself, "
                         "or the correction's");
        verb->add_option("--out", out_, "A file for one frame, or a folder; the ending says the kind")
            ->required();
        finish_.declare(*verb, "Another finish than the correction's own");
        verb->add_option("--type", type_, "Kind of file in a folder: exr, tif, png or jpg")
            ->check(CLI::IsMember({"exr", "tif", "png", "jpg"}));
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        auto correction = io::readCorrection(correction_);
        if (!correction) return tl::unexpected(correction.error());
        const auto finish = finish_.over(correction->finish);
        if (!finish) return tl::unexpected(finish.error());
        correction->finish = *finish;
        const auto space = outputSpaceByName(space_);
        if (!space) return tl::unexpected(space.error());
        std::optional<Transfer> encoding;
        if (!encoding_.empty()) {
            const auto e = io::transferByNameOrPath(encoding_);
            if (!e) return tl::unexpected(e.error());
            encoding = *e;
        }
        const auto targets = targetsFor(*space);
        if (!targets) return tl::unexpected(targets.error());
        for (std::size_t i = 0; i < frames_.size(); ++i) {
            if (auto ok = io::applyToFile(*correction, frames_[i], encoding, *space, (*targets)[i]); !ok)
                return tl::unexpected(ok.error());
            s.out << (*targets)[i].string() << "\n";
        }
        return Outcome::done;
    }

  private:
    Result<std::vector<fs::path>> targetsFor(OutputSpace space) const {
        const bool folder = fs::is_directory(out_) || out_.ends_with('/') || frames_.size() > 1;
        if (!folder) return std::vector<fs::path>{out_};
        std::error_code error;
        if (fs::exists(out_, error) && !fs::is_directory(out_, error))
            return failure(out_ + " is a file; several frames need a folder.");
        fs::create_directories(out_, error);
        if (error) return failure("The folder " + out_ + " could not be made: " + error.message() + ".");
        const std::string ending = "." + (!type_.empty() ? type_ : info(space).unbounded ? "exr" : "tif");
        std::vector<fs::path> out;
        std::set<fs::path> used;
        for (const std::string& frame : frames_) {
            const fs::path target = fs::path(out_) / (fs::path(frame).stem().string() + ending);
            if (!used.insert(target).second)
                return failure("Two frames would both be written as " + target.string() +
                               "; use two folders.");
            std::error_code same;
            if (fs::equivalent(target, frame, same))
                return failure("Rendering " + frame +
                               " into its own folder would replace it; use another folder.");
            out.push_back(target);
        }
        return out;
    }

    FinishOptions finish_;
    std::string correction_, space_ = "srgb", encoding_, out_, type_;
    std::vector<std::string> frames_;
};

}  // namespace

std::unique_ptr<Verb> makeApply() {
    return std::make_unique<Apply>();
}

}  // namespace refero::cli
