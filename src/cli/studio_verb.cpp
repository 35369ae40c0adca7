// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <ostream>

#include "cli/deliver_document.h"
#include "cli/verbs.h"
#include "io/files/safe_write.h"
#include "io/files/utf8.h"
#include "studio/charts.h"
#include "studio/intake.h"
#include "studio/record_json.h"
#include "studio/studio.h"
#include "workflow/intake.h"
#include "workflow/whole_shoot.h"

namespace refero::cli {
namespace {

class StudioVerb : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand("studio", "Look after a studio file without the window.");
        verb->add_option("file", file_, "Studio file (.refero)")->required();
        verb->add_option(
                "action", action_,
                "check: is it whole; export: all of it as JSON; restore: make FILE from such JSON; "
                "copy: a compact copy; salvage: what can be read of a damaged one into a new file; "
                "import: bring frames, or folders of them, into its latest shoot, sorted into setups; "
                "read, correct, handover: do that for the setups of its latest shoot that wait for it")
            ->required()
            ->check(CLI::IsMember(
                {"check", "export", "restore", "copy", "salvage", "import", "read", "correct", "handover"}));
        verb->add_option(
            "path", paths_,
            "For restore: the JSON; for copy and salvage: the new file; for import: frames and folders");
        verb->add_option("--json", json_,
                         "For all but restore, copy and salvage: write JSON here (- for standard output)");
        verb->add_option("--copy-to", copyTo_,
                         "For import: copy the frames into this folder, each copy read again and compared; "
                         "without it they stay where they are");
        verb->add_option("--setup", setups_, "For read, correct and handover: these setups alone, by number");
        verb->add_flag("--again", again_, "For read, correct and handover: also what is there already");
        verb->add_option("--model", model_, "For correct: as refero-cli correct has it")
            ->capture_default_str();
        verb->add_flag("--anyway", anyway_, "For correct: also from shots that are to be taken again");
        verb->add_option("--receiver", receiver_, "For handover: raw, editor, compositor, client or archive");
        verb->add_option("--into", into_, "For handover: the folder");
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        if (action_ == "check") return check(s);
        if (action_ == "export") return exported(s);
        if (action_ == "read" || action_ == "correct" || action_ == "handover") return shoot(s);
        if (paths_.empty()) return failure(action_ + " needs a path.");
        if (action_ == "import") return import(s);
        if (paths_.size() > 1) return failure(action_ + " takes one path.");
        path_ = paths_.front();
        if (action_ == "restore") return restore(s);
        if (action_ == "salvage")
            return studio::salvage(file_, path_).map([&](const std::string& said) {
                s.out << said << "\n";
                return Outcome::done;
            });
        return copy(s);
    }

  private:
    Result<Outcome> check(Streams& s) {
        const auto opened = studio::Studio::open(file_);
        const Status status = opened ? (*opened)->check() : tl::unexpected(opened.error());
        io::Json report{
            {"format", "refero-studio-check"}, {"version", 1}, {"file", file_}, {"whole", bool(status)}};
        std::string counts;
        if (!status) report["problem"] = status.error().message;
        if (opened)
            studio::forEachKind([&]<class R>() {
                const auto n = (*opened)->contents().template all<R>().size();
                report["records"][std::string(studio::kindName<R>())] = n;
                if (n > 0)
                    counts += (counts.empty() ? "" : ", ") + std::to_string(n) + " " +
                              std::string(studio::kindName<R>());
            });
        if (!json_.empty())
            if (auto ok = deliver(json_, io::prettyJson(report), s); !ok) return tl::unexpected(ok.error());
        if (!status) return tl::unexpected(status.error());
        if (json_ != "-")
            s.out << file_ << " is whole: " << (counts.empty() ? "nothing in it yet" : counts) << ".\n";
        return Outcome::done;
    }

    Result<Outcome> exported(Streams& s) {
        const auto opened = studio::Studio::open(file_);
        if (!opened) return tl::unexpected(opened.error());
        const std::string text = io::prettyJson(studio::toJson((*opened)->contents()));
        const std::string target = !json_.empty() ? json_ : !path_.empty() ? path_ : "-";
        if (auto ok = deliver(target, text, s); !ok) return tl::unexpected(ok.error());
        return Outcome::done;
    }

    Result<Outcome> restore(Streams& s) {
        if (auto ok = studio::restore(path_, file_); !ok) return tl::unexpected(ok.error());
        s.out << file_ << "\n";
        return Outcome::done;
    }

    // The studio, open for writing.
    Result<std::unique_ptr<studio::Studio>> writable() const {
        auto opened = studio::Studio::open(file_);
        if (opened && !(*opened)->readOnlyBecause().empty()) return failure((*opened)->readOnlyBecause());
        return opened;
    }

    Result<Outcome> import(Streams& s) {
        const auto studio = writable();
        if (!studio) return tl::unexpected(studio.error());
        const studio::LookOptions look{studio::chartsOf((*studio)->contents()), copyTo_};
        const auto intake = workflow::bringIn(**studio, {paths_.begin(), paths_.end()}, look, {},
                                              [&](std::size_t frame, std::size_t all) {
                                                  s.err << "frame " << frame + 1 << " of " << all << "\n";
                                              });
        if (!intake) return tl::unexpected(intake.error());
        return report(intake->brought(), (*studio)->contents(), s);
    }

    workflow::ShootOptions wanted(Streams& s) const {
        workflow::ShootOptions o;
        o.only = {setups_.begin(), setups_.end()};
        o.again = again_;
        o.told = [&](const workflow::Setup& setup, std::size_t number, std::size_t all) {
            s.err << "setup " << number << " of " << all << ": " << setup.light << "\n";
        };
        return o;
    }

    Result<std::vector<workflow::SetupOutcome>> wholeShoot(studio::Studio& studio, Streams& s) const {
        const workflow::ShootOptions o = wanted(s);
        if (action_ == "read") return workflow::readAll(studio, o);
        if (action_ == "correct") {
            FitOptions wish;
            if (model_ != "auto") {
                const auto model = modelByName(model_);
                if (!model) return tl::unexpected(model.error());
                wish.model = *model;
            }
            return workflow::correctAll(studio, wish, anyway_, o);
        }
        if (receiver_.empty() || into_.empty())
            return failure("handover needs --receiver and --into: for whom, and into which folder.");
        const auto receiver = workflow::receiverByName(receiver_);
        if (!receiver) return tl::unexpected(receiver.error());
        return workflow::handOverAll(studio, *receiver, into_, io::Collision::number, printer(), o);
    }

    Result<Outcome> shoot(Streams& s) {
        const auto studio = writable();
        if (!studio) return tl::unexpected(studio.error());
        const auto outcomes = wholeShoot(**studio, s);
        if (!outcomes) return tl::unexpected(outcomes.error());
        io::Json list = io::Json::array();
        bool failed = false;
        for (const workflow::SetupOutcome& o : *outcomes) {
            failed = failed || o.what == workflow::SetupOutcome::What::failed;
            io::Json one{{"setup", o.setup.number()}, {"name", o.name}, {"status", name(o.what)}};
            if (o.verdict) one["verdict"] = name(*o.verdict);
            if (o.after) one["ciede2000_after"] = *o.after;
            if (!o.message.empty()) one["message"] = o.message;
            if (!o.files.empty()) one["files"] = o.files;
            list.push_back(std::move(one));
            if (json_ == "-") continue;
            s.out << o.name << ": " << inWords(o.what) << (o.message.empty() ? "" : ". " + o.message) << "\n";
            for (const std::string& file : o.files) s.out << "  " << file << "\n";
        }
        if (!json_.empty()) {
            const io::Json report{
                {"format", "refero-shoot"}, {"version", 1}, {"action", action_}, {"setups", list}};
            if (auto ok = deliver(json_, io::prettyJson(report), s); !ok) return tl::unexpected(ok.error());
        }
        return failed ? Outcome::failed : Outcome::done;
    }

    static const char* inWords(workflow::SetupOutcome::What what) {
        using What = workflow::SetupOutcome::What;
        switch (what) {
            case What::done:
                return "done";
            case What::already:
                return "is there already";
            case What::nothing:
                return "nothing to do it with yet";
            case What::reshoot:
                return "its chart is to be shot again, so nothing is built on it (--anyway does)";
            case What::failed:
                return "failed";
        }
        return "";
    }

    Result<Outcome> report(const std::vector<studio::Brought>& brought, const studio::Contents& contents,
                           Streams& s) {
        io::Json frames = io::Json::array();
        for (const auto& b : brought) {
            const auto* setup = contents.find<plan::Setup>(b.setup);
            const std::string where = setup ? setup->label : b.frame ? "no setup" : "not brought in";
            const std::string path = io::printable(b.path.string());
            frames.push_back({{"path", path},
                              {"frame", b.frame.number()},
                              {"setup", b.setup.number()},
                              {"setup_label", setup ? setup->label : ""},
                              {"reason", b.reason},
                              {"doubt", b.doubt},
                              {"chart", b.chart}});
            if (json_ != "-")
                s.out << path << ": " << where << (b.chart.empty() ? "" : ", shows " + b.chart) << ". "
                      << b.reason << (b.doubt.empty() ? "" : " But: " + b.doubt) << "\n";
        }
        if (json_.empty()) return Outcome::done;
        const io::Json report{{"format", "refero-intake"}, {"version", 1}, {"frames", frames}};
        if (auto ok = deliver(json_, io::prettyJson(report), s); !ok) return tl::unexpected(ok.error());
        return Outcome::done;
    }

    Result<Outcome> copy(Streams& s) {
        // Opened for its checks: what is no studio is not copied as one.
        if (const auto opened = studio::Studio::open(file_); !opened) return tl::unexpected(opened.error());
        if (auto ok = studio::saveCopy(file_, path_); !ok) return tl::unexpected(ok.error());
        s.out << path_ << "\n";
        return Outcome::done;
    }

    std::string file_, action_, path_, json_, copyTo_;
    std::string model_ = "auto", receiver_, into_;
    std::vector<std::string> paths_;
    std::vector<studio::SetupId> setups_;
    bool again_ = false, anyway_ = false;
};

}  // namespace

std::unique_ptr<Verb> makeStudio() {
    return std::make_unique<StudioVerb>();
}

}  // namespace refero::cli
