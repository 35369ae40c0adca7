// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <ostream>

#include "cli/deliver_document.h"
#include "cli/verbs.h"
#include "io/correction_file.h"
#include "io/reading_file.h"
#include "io/report/report.h"

namespace refero::cli {
namespace {

class Report : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand(
            "report", "Tell a correction to a client or the archive: pages, or one HTML file.");
        verb->add_option("correction", correction_, "Correction file")->required();
        verb->add_option("--reading", reading_,
                         "The reading that it was built from: its checks and its frame");
        verb->add_option("--title", title_, "The shoot; else the correction's name");
        verb->add_option("--files", files_, "Files that went out: their sizes and SHA-256 are told");
        verb->add_option("--out", out_, "The report: .pdf pages, else HTML (- for standard output)")
            ->required();
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        auto correction = io::readCorrection(correction_);
        if (!correction) return tl::unexpected(correction.error());
        io::ReportContent r;
        r.correction = *std::move(correction);
        r.title = title_.empty() ? r.correction.name : title_;
        r.facts = io::factsOf(r.correction);
        if (!reading_.empty())
            if (auto ok = addReading(r, s); !ok) return tl::unexpected(ok.error());
        for (const std::string& file : files_) {
            auto f = io::reportedFile(file);
            if (!f) return tl::unexpected(f.error());
            r.files.push_back(*std::move(f));
        }
        if (auto ok = deliverDocument(out_, io::reportDocument(r), s); !ok) return tl::unexpected(ok.error());
        return Outcome::done;
    }

  private:
    // A report without its picture is still one; that the frame is gone is said.
    Status addReading(io::ReportContent& r, Streams& s) const {
        auto reading = io::readReading(reading_);
        if (!reading) return tl::unexpected(reading.error());
        r.reading = *std::move(reading);
        const auto frame = io::readFrame(r.reading->framePath, r.reading->encoding);
        const auto picture = frame ? io::chartPicture(*frame, r.correction)
                                   : Result<std::vector<unsigned char>>(tl::unexpected(frame.error()));
        if (picture)
            r.picture = *picture;
        else
            s.err << "The report has no picture of the chart frame: " << picture.error().message << "\n";
        return {};
    }

    std::string correction_, reading_, title_, out_;
    std::vector<std::string> files_;
};

}  // namespace

std::unique_ptr<Verb> makeReport() {
    return std::make_unique<Report>();
}

}  // namespace refero::cli
