// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <cstdio>
#include <filesystem>
#include <ostream>

#include <unistd.h>

#include "cli/finish_options.h"
#include "cli/verbs.h"
#include "io/correction_file.h"
#include "io/curve_file.h"
#include "io/handover.h"
#include "io/safe_write.h"

namespace refero::cli {
namespace {

class Export : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand(
            "export", "Write a correction for another program, read back before it counts.");
        verb->add_option("correction", correction_, "Correction file")->required();
        verb->add_option("--format", format_, "cube, icc or json")
            ->required()
            ->check(CLI::IsMember({"cube", "icc", "json"}));
        verb->add_option("--size", size_,
                         "Points a side of a LUT; else the first of 33, 65, 97 and 129 that passes the proof")
            ->check(CLI::Range(2, 129));
        verb->add_option(
            "--encoding", encoding_,
            "What the file will be fed, by name or as a curve file; else the frame's own, or srgb for a LUT "
            "of linear frames");
        verb->add_option("--space", space_, "What a LUT gives")->capture_default_str();
        finish_.declare(*verb, "Another finish than the correction's own");
        verb->add_option("--out", out_, "The file (- for standard output)")->required();
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        auto correction = io::readCorrection(correction_);
        if (!correction) return tl::unexpected(correction.error());
        const auto finish = finish_.over(correction->finish);
        if (!finish) return tl::unexpected(finish.error());
        correction->finish = *finish;
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
        if (out_ == "-") return toStandardOutput(*correction, options, s);
        const auto done = io::exportCorrection(*correction, out_, options);
        if (!done) return tl::unexpected(done.error());
        report(*done, out_, s.out);
        if (!correction->finish.isNone() && options.format == io::Format::icc)
            s.out << "An input profile is of true colours: the finish (" << inWords(correction->finish)
                  << ") is not in it.\n";
        return Outcome::done;
    }

  private:
    // Proved as a file like any other, then copied out.
    Result<Outcome> toStandardOutput(const Correction& c, const io::ExportOptions& options, Streams& s) {
        const auto file = std::filesystem::temp_directory_path() /
                          ("refero-" + std::to_string(::getpid()) + "." + std::string(name(options.format)));
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
        char text[200];
        if (h.size > 0) out << h.size << " points a side, ";
        std::snprintf(
            text, sizeof text,
            "to be fed %s; read back by %s on %zu colours: largest difference %.3f, mean %.3f CIEDE2000.\n",
            std::string(name(h.encoding)).c_str(), h.proof.engine.c_str(), h.proof.colours, h.proof.largest,
            h.proof.mean);
        out << text;
    }

    FinishOptions finish_;
    std::string correction_, format_, encoding_, space_ = "srgb", out_;
    int size_ = 0;
};

}  // namespace

std::unique_ptr<Verb> makeExport() {
    return std::make_unique<Export>();
}

}  // namespace refero::cli
