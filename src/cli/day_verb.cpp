// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <filesystem>
#include <optional>
#include <ostream>

#include "cli/deliver_document.h"
#include "cli/verbs.h"
#include "io/chart_file.h"
#include "io/json.h"
#include "studio/studio.h"
#include "words/loan_words.h"
#include "workflow/day_run.h"

namespace refero::cli {
namespace {

namespace fs = std::filesystem;

// A studio that goes with the program, beside the output, where none is kept.
class PassingStudio {
  public:
    explicit PassingStudio(const fs::path& out) : file_(out / ".refero-day.refero") { remove(); }
    ~PassingStudio() { remove(); }
    PassingStudio(const PassingStudio&) = delete;
    PassingStudio& operator=(const PassingStudio&) = delete;
    const fs::path& file() const { return file_; }

  private:
    void remove() const {
        std::error_code ec;
        for (const char* ending : {"", "-wal", "-shm", "-journal", ".lock"})
            fs::remove(file_.string() + ending, ec);
    }
    fs::path file_;
};

// What no file told, and what was taken for it.
std::string asked(const workflow::Unknown& u) {
    using workflow::Missing;
    const std::string who = u.who.empty() ? "an unnamed camera" : u.who;
    const auto encoding = [](const Transfer& t) { return std::string(t.name()); };
    switch (u.what) {
        case Missing::camera:
            return "which camera shot " + std::to_string(u.frames) + " frames; they share colours with none.";
        case Missing::encoding:
            return "how the pictures of " + who + " are encoded; they are read as " + encoding(u.taken) +
                   (u.likely ? ", and the chart's greys agree better with " + encoding(*u.likely) : "") + ".";
        case Missing::sensor:
            return "how large the sensor of " + who + " is.";
        case Missing::focalLength:
            return "the focal length of " + who + ".";
    }
    return {};
}

io::Json openAs(const workflow::Unknown& u) {
    io::Json j{{"what", workflow::name(u.what)}, {"who", u.who}, {"frames", u.frames}};
    if (u.what == workflow::Missing::encoding) {
        j["taken"] = u.taken.name();
        j["likely"] = u.likely ? io::Json(u.likely->name()) : io::Json(nullptr);
    }
    return j;
}

class DayVerb : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand(
            "day", "Do a card in one step: sort it into setups, read and judge charts, correct, hand over.");
        verb->add_option("folders", folders_, "Folders and frames")->required();
        verb->add_option("--chart", charts_, "Charts to look for, by name or file; without it all that ship");
        verb->add_option(
            "--deliver", deliver_,
            "Who gets what: raw, editor, compositor, client, archive, or a single format (cube, clf, cdl, "
            "icc, dcp, json); may be given again");
        verb->add_option("--studio", studio_,
                         "Keep the work in this studio file; a second run then does only what is new");
        verb->add_flag("--leave-frames", leaveFrames_,
                       "Write the jobs of the frames and do not render them: see docs/many-machines.md");
        verb->add_option("--json", json_, "Write what was done here (- for standard output)");
        verb->add_option("--out", out_, "Folder for all that is written")->required();
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        auto options = dayOptions();
        if (!options) return tl::unexpected(options.error());
        options->told = [&](const std::string& what, std::size_t number, std::size_t all) {
            s.err << what << " (" << number << " of " << all << ")\n";
        };
        std::error_code ec;
        fs::create_directories(out_, ec);
        if (ec) return failure("The folder " + out_ + " cannot be made: " + ec.message() + ".");
        std::optional<PassingStudio> passing;
        fs::path file = studio_;
        if (studio_.empty()) file = passing.emplace(out_).file();
        auto studio = fs::exists(file) ? studio::Studio::open(file) : studio::Studio::create(file);
        if (!studio) return tl::unexpected(studio.error());
        const auto outcome = workflow::runDay(**studio, *options);
        if (!outcome) return tl::unexpected(outcome.error());
        if (!json_.empty())
            if (auto ok = deliver(json_, io::prettyJson(document(*outcome)), s); !ok)
                return tl::unexpected(ok.error());
        if (json_ != "-") report(*outcome, s.out);
        return Outcome::done;
    }

  private:
    Result<workflow::DayOptions> dayOptions() const {
        workflow::DayOptions o;
        o.folders = {folders_.begin(), folders_.end()};
        for (const std::string& name : charts_) {
            auto chart = io::chartByNameOrPath(name);
            if (!chart) return tl::unexpected(chart.error());
            o.charts.push_back(*std::move(chart));
        }
        for (const std::string& who : deliver_) {
            if (const auto receiver = workflow::receiverByName(who))
                o.receivers.push_back(*receiver);
            else if (const auto format = io::formatByName(who))
                o.formats.push_back(*format);
            else
                return failure(
                    "Nobody is called \"" + who +
                    "\", and no format is. Known are raw, editor, compositor, client and archive, and "
                    "cube, clf, cdl, icc, dcp and json.");
        }
        o.out = out_;
        o.leaveFrames = leaveFrames_;
        o.print = printer();
        return o;
    }

    static io::Json document(const workflow::DayOutcome& outcome) {
        io::Json j{{"format", "refero-day"},
                   {"version", 1},
                   {"setups", io::Json::array()},
                   {"frames", io::Json::array()}};
        for (const workflow::DaySetup& s : outcome.setups) {
            io::Json one{{"id", s.id.number()},
                         {"name", s.name},
                         {"body", s.body},
                         {"lens", s.lens},
                         {"chart_frame", s.chartFrame},
                         {"verdict", s.verdict ? io::Json(name(*s.verdict)) : io::Json(nullptr)},
                         {"correction", s.correction.empty() ? io::Json(nullptr) : io::Json(s.correction)},
                         {"files", s.files}};
            if (s.mended) one["mended"] = true;
            if (s.loan)
                one["loan"] = {{"source", name(s.loan->source)},
                               {"balance", name(s.loan->balance)},
                               {"from", s.loan->from}};
            if (!s.proposed.empty()) one["proposed"] = s.proposed;
            if (!s.why.empty()) one["why"] = s.why;
            j["setups"].push_back(std::move(one));
        }
        if (!outcome.jobs.empty()) j["jobs"] = outcome.jobs;
        for (const workflow::Unknown& u : outcome.unknowns) j["not_told"].push_back(openAs(u));
        for (const workflow::DayFrame& f : outcome.frames)
            j["frames"].push_back(
                {{"path", f.path},
                 {"setup", f.setup.number()},
                 {"corrected_by", f.correctedBy.empty() ? io::Json(nullptr) : io::Json(f.correctedBy)},
                 {"files", f.files},
                 {"cut_share", f.cutShare},
                 {"why", f.why}});
        return j;
    }

    static void report(const workflow::DayOutcome& outcome, std::ostream& out) {
        std::size_t good = 0, again = 0, charts = 0, written = 0;
        for (const workflow::DaySetup& s : outcome.setups) {
            if (!s.verdict) continue;
            ++charts;
            (*s.verdict == Verdict::reshoot ? again : good) += 1;
        }
        for (const workflow::DayFrame& f : outcome.frames) written += f.files.size();
        out << outcome.frames.size() << " frames, " << outcome.setups.size() << " lights, " << charts
            << " chart shots: " << good << " good, " << again << " to be shot again. " << written
            << " pictures written.\n";
        for (const workflow::DaySetup& s : outcome.setups) {
            out << s.name << (s.body.empty() ? "" : ", " + s.body) << (s.lens.empty() ? "" : ", " + s.lens)
                << ": " << (s.verdict ? std::string(label(*s.verdict)) : "no chart shot read")
                << (s.loan                 ? ", colours " + words::label(*s.loan)
                    : s.correction.empty() ? ""
                                           : ", corrected")
                << (s.mended ? " as far as it could be mended" : "") << ".\n";
            if (!s.proposed.empty()) out << "  " << s.proposed << "\n";
            if (!s.why.empty()) out << "  " << s.why << "\n";
            for (const std::string& file : s.files) out << "  " << file << "\n";
        }
        for (const workflow::DayFrame& f : outcome.frames)
            if (f.setup == 0) out << f.path << ": " << f.why << "\n";
        for (const std::string& job : outcome.jobs) out << "Frames to be rendered: " << job << "\n";
        for (const workflow::Unknown& u : outcome.unknowns) out << "No file tells " << asked(u) << "\n";
    }

    std::vector<std::string> folders_, charts_, deliver_;
    std::string studio_, json_, out_;
    bool leaveFrames_ = false;
};

}  // namespace

std::unique_ptr<Verb> makeDay() {
    return std::make_unique<DayVerb>();
}

}  // namespace refero::cli
