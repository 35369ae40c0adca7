// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <cstdio>
#include <filesystem>
#include <map>
#include <ostream>

#include <unistd.h>

#include "cli/deliver_document.h"
#include "cli/finish_options.h"
#include "cli/space_option.h"
#include "cli/verbs.h"
#include "io/correction_file.h"
#include "io/curve_file.h"
#include "io/files/safe_write.h"
#include "io/handover/handover.h"
#include "io/handover/plate_check.h"
#include "io/media_path.h"
#include "io/report/exposure_card.h"
#include "workflow/single_export.h"

namespace refero::cli {
namespace {

class Export : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand(
            "export", "Write a correction for another program, read back before it counts.");
        verb->add_option("correction", correction_, "Correction file")->required();
        std::vector<std::string> formats;
        for (const io::Format f : io::kFormats) formats.emplace_back(name(f));
        verb->add_option("--format", format_, "Kind of file")->required()->check(CLI::IsMember(formats));
        verb->add_option(
                "--size", size_,
                "Points a side of a LUT, 2 to 129; else the first of 33 and 65 that passes the proof")
            ->check(CLI::Range(2, 129));
        verb->add_option(
            "--encoding", encoding_,
            "What the file will be fed, by name or as a curve file; else the frame's own, or srgb for a LUT "
            "of linear frames");
        verb->add_option("--space", space_, spacesHelp("What a LUT gives"))->capture_default_str();
        verb->add_option("--profile", shape_,
                         "Of a profile: matrix (the nearest one) or table; else what the correction is")
            ->check(CLI::IsMember({"matrix", "table"}));
        verb->add_option(
                "--input", input_,
                "Of an ICC profile: balanced or as-recorded; else what a raw developer feeds, which is "
                "balanced for linear frames")
            ->check(CLI::IsMember({"balanced", "as-recorded"}));
        verb->add_flag("--keep-level", keepLevel_,
                       "Of a profile: leave the level as it was exposed, instead of the chart's reference");
        verb->add_option("--offset", offset_,
                         "Stops by which the pictures that it will be fed are brighter than the chart shot")
            ->check(CLI::Range(-8.0, 8.0));
        verb->add_flag("--shaper", shaper_,
                       "Begin a 3D .cube with a curve of its own, to be fed linear light up to 4");
        verb->add_option("--range", range_, "Of a .cube: full or video, what it is fed and what it gives")
            ->check(CLI::IsMember({"full", "video"}))
            ->capture_default_str();
        verb->add_option("--second", second_,
                         "Of a camera profile: the correction of the same body for another light");
        verb->add_option("--light", lights_,
                         "Of a camera profile: a, d50, d55, d65 or d75, one for each correction")
            ->check(CLI::IsMember({"a", "d50", "d55", "d65", "d75"}))
            ->expected(1, 2);
        verb->add_option("--plate", plate_,
                         "Of a configuration: also render this frame as a plate beside it, and look at that "
                         "through the view: the check frame");
        verb->add_option("--plate-space", plateSpace_, "What the plate is in")
            ->check(CLI::IsMember({"acescg", "linear-srgb"}))
            ->capture_default_str();
        verb->add_flag(
            "--finish-curve", finishCurve_,
            "Of a camera profile: the finish's contrast as its base tone curve, else a straight one");
        verb->add_flag("--every-finish", everyFinish_,
                       "A file for each ready finish, named after it: base and rounded");
        verb->add_option(
            "--card", card_,
            "Also a page for the person at the camera: what to record, where grey and skin must lie, how "
            "far the exposure may be off; .pdf pages, else HTML");
        verb->add_flag("--foresee", foresee_, "Only say what this kind of file would lose; write nothing");
        finish_.declare(*verb, "Another finish than the correction's own");
        verb->add_option("--out", out_, "The file (- for standard output)");
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        auto correction = io::readCorrection(correction_);
        if (!correction) return tl::unexpected(correction.error());
        if (auto ok = finish_.applyTo(*correction); !ok) return tl::unexpected(ok.error());
        io::ExportOptions options;
        options.format = *io::formatByName(format_);
        if (size_ > 0) options.size = size_;
        if (!encoding_.empty()) {
            const auto e = io::transferByNameOrPath(encoding_);
            if (!e) return tl::unexpected(e.error());
            options.encoding = *e;
        }
        const auto space = outputSpaceByName(space_);
        if (!space) return tl::unexpected(space.error());
        options.space = *space;
        if (auto ok = addProfileOptions(options); !ok) return tl::unexpected(ok.error());
        if (foresee_) {
            const auto foreseen = io::foresee(*correction, options);
            if (!foreseen) return tl::unexpected(foreseen.error());
            tellLosses(*foreseen, s.out);
            return Outcome::done;
        }
        if (out_.empty()) return failure("Say with --out where the file goes.");
        if (!plate_.empty() && options.format != io::Format::ocio)
            return failure("A plate is looked at through a configuration: --plate is for --format ocio.");
        if (out_ == "-") return toStandardOutput(*correction, options, s);
        if (everyFinish_) return everyFinish(*correction, options, s);
        const auto done = io::exportCorrection(*correction, out_, options);
        if (!done) return tl::unexpected(done.error());
        report(*done, out_, s.out);
        if (auto ok = card(*correction, *done, options, card_, s); !ok) return tl::unexpected(ok.error());
        if (!plate_.empty())
            if (auto ok = plate(*correction, s.out); !ok) return tl::unexpected(ok.error());
        return Outcome::done;
    }

  private:
    Status card(const Correction& c, const io::Handover& done, const io::ExportOptions& options,
                const std::string& target, Streams& s) const {
        if (target.empty()) return {};
        return deliverDocument(target,
                               io::exposureCard(c, done.path.filename().string(), done.encoding, options), s);
    }

    Result<Outcome> everyFinish(const Correction& given, const io::ExportOptions& options, Streams& s) const {
        for (const auto& [target, finish, c] : workflow::withEveryFinish(given, out_)) {
            const auto done = io::exportCorrection(c, target, options);
            if (!done) return tl::unexpected(done.error());
            report(*done, target, s.out);
            const std::string own = card_.empty() ? card_ : workflow::namedAfter(card_, finish);
            if (auto ok = card(c, *done, options, own, s); !ok) return tl::unexpected(ok.error());
        }
        return Outcome::done;
    }

    // Beside the configuration, named after the frame.
    Status plate(const Correction& c, std::ostream& out) const {
        const std::filesystem::path frame = io::mediaPath(plate_).file, config = out_;
        const auto beside = [&](const char* what) {
            return config.parent_path() / (frame.stem().string() + what);
        };
        io::FrameOutput o;
        o.kind = "exr";
        o.space = *outputSpaceByName(plateSpace_);
        o.finish = false;
        const auto checkFrame = beside(", check frame.png");
        const auto done = io::checkPlate(c, plate_, {}, o, config, beside(", plate.exr"), checkFrame);
        if (!done) return tl::unexpected(done.error());
        char text[240];
        std::snprintf(text, sizeof text,
                      ": the plate through the view, by %s: largest difference from the graded picture %.3f, "
                      "mean %.3f CIEDE2000 over %zu pixels; its lightest value is %.2f.\n",
                      done->proof.engine.c_str(), done->proof.largest, done->proof.mean, done->proof.colours,
                      done->lightest);
        out << checkFrame.string() << text;
        return {};
    }

    Status addProfileOptions(io::ExportOptions& o) const {
        o.shape = shape_ == "matrix"  ? io::ProfileShape::matrix
                  : shape_ == "table" ? io::ProfileShape::table
                                      : io::ProfileShape::automatic;
        o.exposureOffsetStops = offset_;
        o.input = input_ == "balanced"      ? io::ProfileInput::balanced
                  : input_ == "as-recorded" ? io::ProfileInput::asRecorded
                                            : io::ProfileInput::automatic;
        o.keepLevel = keepLevel_;
        o.videoRange = range_ == "video";
        o.shaper = shaper_;
        o.finishCurve = finishCurve_;
        if (shaper_ && !o.encoding) o.encoding = Encoding::linear;
        static const std::map<std::string, int> exif{
            {"a", 17}, {"d50", 23}, {"d55", 20}, {"d65", 21}, {"d75", 22}};
        for (const std::string& light : lights_) o.illuminants.push_back(exif.at(light));
        if (second_.empty()) return {};
        auto other = io::readCorrection(second_);
        if (!other) return tl::unexpected(other.error());
        o.second = *std::move(other);
        return {};
    }

    static void tellLosses(const io::Foreseen& f, std::ostream& out) {
        for (const std::string& sentence : f.lost) out << sentence << "\n";
        char text[160];
        std::snprintf(
            text, sizeof text,
            "What it holds differs from the correction by %.2f CIEDE2000 on average, %.2f at most.\n", f.mean,
            f.largest);
        if (f.largest > 0.005) out << text;
        if (f.lost.empty() && f.largest <= 0.005) out << "Nothing is lost.\n";
    }

    // Proved as a file like any other, then copied out.
    Result<Outcome> toStandardOutput(const Correction& c, const io::ExportOptions& options, Streams& s) {
        if (options.format == io::Format::ocio)
            return failure("A configuration has a file beside it: write it into a folder.");
        const auto file = std::filesystem::temp_directory_path() /
                          ("refero-" + std::to_string(::getpid()) + std::string(info(options.format).ending));
        const auto done = io::exportCorrection(c, file, options);
        if (!done) return tl::unexpected(done.error());
        const auto text = io::readFile(file, std::size_t{256} << 20);
        std::error_code error;
        std::filesystem::remove(file, error);
        if (!text) return tl::unexpected(text.error());
        if (auto ok = deliver("-", *text, s); !ok) return tl::unexpected(ok.error());
        report(*done, "standard output", s.err);
        return Outcome::done;
    }

    static void report(const io::Handover& h, const std::string& where, std::ostream& out) {
        out << where << ": ";
        if (h.proof.colours == 0) {
            out << "reads back as written.\n";
            return;
        }
        for (const auto& file : h.beside) out << "with " << file.filename().string() << " beside it, ";
        char text[200];
        if (h.size > 0) out << h.size << " points a side, ";
        std::snprintf(
            text, sizeof text,
            "to be fed %s; read back by %s on %zu colours: largest difference %.3f, mean %.3f CIEDE2000.\n",
            std::string(name(h.encoding)).c_str(), h.proof.engine.c_str(), h.proof.colours, h.proof.largest,
            h.proof.mean);
        out << text << h.feed << "\n";
        if (!h.foreseen.lost.empty()) tellLosses(h.foreseen, out);
    }

    FinishOptions finish_;
    std::string correction_, format_, encoding_, space_ = "srgb", out_, shape_, input_, range_ = "full",
                                                 second_, plate_, card_, plateSpace_ = "acescg";
    std::vector<std::string> lights_;
    int size_ = 0;
    double offset_ = 0;
    bool shaper_ = false, keepLevel_ = false, foresee_ = false, finishCurve_ = false, everyFinish_ = false;
};

}  // namespace

std::unique_ptr<Verb> makeExport() {
    return std::make_unique<Export>();
}

}  // namespace refero::cli
