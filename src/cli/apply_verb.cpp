// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <cstdio>
#include <filesystem>
#include <ostream>
#include <set>

#include "cli/finish_options.h"
#include "cli/space_option.h"
#include "cli/verbs.h"
#include "io/batch/apply.h"
#include "io/batch/frame_render.h"
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
        verb->add_option("--space", space_, spacesHelp("What the pictures' numbers mean"))
            ->capture_default_str();
        verb->add_option("--encoding", encoding_,
                         "The frames' encoding, by name or as a curve file; else what each says of itself, "
                         "or the correction's");
        verb->add_option("--out", out_, "A file for one frame, or a folder; the ending says the kind")
            ->required();
        verb->add_option(
                "--highlights", highlights_,
                "What becomes of pixels with a clipped channel: cut (white stays white), rebuilt from the "
                "channels that are whole, or as-recorded")
            ->check(CLI::IsMember({"cut", "rebuilt", "as-recorded"}))
            ->capture_default_str();
        verb->add_option(
                "--gamut", gamut_,
                "Colours that a display's space cannot hold: compressed along their hue, cut a channel at a "
                "time, or automatic (compressed where there is a finish)")
            ->check(CLI::IsMember({"automatic", "compressed", "cut"}))
            ->capture_default_str();
        finish_.declare(*verb, "Another finish than the correction's own");
        verb->add_option("--type", type_,
                         "Kind of file in a folder: exr, tif, png, jpg, or mkv for whole clips")
            ->check(CLI::IsMember({"exr", "tif", "png", "jpg", "mkv"}));
        verb->add_option("--clip", clip_,
                         "Of a whole clip (.mkv): ffv1 loses nothing, av1 is small; both 10 bits")
            ->check(CLI::IsMember({"ffv1", "av1"}))
            ->capture_default_str();
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        auto correction = io::readCorrection(correction_);
        if (!correction) return tl::unexpected(correction.error());
        if (auto ok = finish_.applyTo(*correction); !ok) return tl::unexpected(ok.error());
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
            if ((*targets)[i].extension() == ".mkv") {
                io::FrameOutput o;
                o.space = *space;
                o.highlights = *highlightsByName(highlights_);
                o.gamut = *gamutUseByName(gamut_);
                o.clips = *io::clipKindByName(clip_);
                const auto pictures = io::renderClip(*correction, frames_[i], encoding, o, (*targets)[i]);
                if (!pictures) return tl::unexpected(pictures.error());
                s.out << (*targets)[i].string() << "\n";
                continue;
            }
            const auto done =
                io::applied(*correction, frames_[i], encoding,
                            {*space, *highlightsByName(highlights_), *gamutUseByName(gamut_)}, (*targets)[i]);
            if (!done) return tl::unexpected(done.error());
            s.out << (*targets)[i].string() << "\n";
            tell((*targets)[i], *space, *done, s.err);
        }
        return Outcome::done;
    }

  private:
    void tell(const fs::path& target, OutputSpace space, const io::ApplyReport& report,
              std::ostream& out) const {
        const bool linear = info(space).encoding == Encoding::linear;
        if (target.extension() == ".exr" && !linear)
            out << target.filename().string() << " holds " << info(space).label
                << "'s linear components: OpenEXR is for light, not for a display's numbers.\n";
        char share[120];
        if (report.gamut.changed > 0) {
            std::snprintf(share, sizeof share, "%.1f %% of the pixels (%.1f %% of the colour of skin) ",
                          100 * report.gamut.changed, 100 * report.gamut.skin);
            out << target.filename().string() << ": " << share << "were brought into " << info(space).label
                << " along their hue.\n";
        }
        if (report.clippedShare < 0.0005) return;
        std::snprintf(share, sizeof share, "%.1f %% of the pixels have a clipped channel; ",
                      100 * report.clippedShare);
        out << target.filename().string() << ": " << share
            << (highlights_ == "rebuilt" ? "it was rebuilt from the others.\n"
                                         : "balanced channels are cut where white clips.\n");
    }

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
    std::string correction_, space_ = "srgb", encoding_, out_, type_, highlights_ = "cut",
                             gamut_ = "automatic", clip_ = "ffv1";
    std::vector<std::string> frames_;
};

}  // namespace

std::unique_ptr<Verb> makeApply() {
    return std::make_unique<Apply>();
}

}  // namespace refero::cli
