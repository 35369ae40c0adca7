// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <ostream>

#include "cli/verbs.h"
#include "io/safe_write.h"
#include "io/utf8.h"
#include "studio/charts.h"
#include "studio/intake.h"
#include "studio/record_json.h"
#include "studio/studio.h"

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
                "import: bring frames, or folders of them, into its latest shoot, sorted into setups")
            ->required()
            ->check(CLI::IsMember({"check", "export", "restore", "copy", "salvage", "import"}));
        verb->add_option(
            "path", paths_,
            "For restore: the JSON; for copy and salvage: the new file; for import: frames and folders");
        verb->add_option("--json", json_,
                         "For check, export and import: write JSON here (- for standard output)");
        verb->add_option("--copy-to", copyTo_,
                         "For import: copy the frames into this folder, each copy read again and compared; "
                         "without it they stay where they are");
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        if (action_ == "check") return check(s);
        if (action_ == "export") return exported(s);
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

    Result<Outcome> import(Streams& s) {
        auto opened = studio::Studio::open(file_);
        if (!opened) return tl::unexpected(opened.error());
        studio::Studio& studio = **opened;
        if (!studio.readOnlyBecause().empty()) return failure(studio.readOnlyBecause());
        const auto& shoots = studio.contents().all<plan::Shoot>();
        if (shoots.empty()) return failure("The studio has no shoot yet; plan one first.");
        const auto files = studio::filesBehind({paths_.begin(), paths_.end()});
        const auto items = io::mediaItems(files);
        const studio::LookOptions look{studio::chartsOf(studio.contents()), copyTo_};
        std::vector<studio::Arrival> arrivals;
        for (const auto& item : items) {
            s.err << "frame " << arrivals.size() + 1 << " of " << items.size() << "\n";
            arrivals.push_back(studio::lookAt(item, look));
        }
        const plan::Day day = studio::dayOf(studio.contents(), shoots.rbegin()->first, plan::ClearSky());
        auto edit = studio.edit("Bring in " + std::to_string(files.size()) + " files");
        const auto brought = studio::bringIn(edit, studio.contents(), day, arrivals);
        if (auto ok = studio.commit(edit); !ok) return tl::unexpected(ok.error());
        return report(brought, studio.contents(), s);
    }

    Result<Outcome> report(const std::vector<studio::Brought>& brought, const studio::Contents& contents,
                           Streams& s) {
        io::Json frames = io::Json::array();
        for (const auto& b : brought) {
            const auto* setup = contents.find<plan::Setup>(b.setup);
            const std::string where = setup ? setup->label : b.frame ? "no setup" : "not brought in";
            const std::string path = io::printable(b.path.string());
            frames.push_back({{"path", path},
                              {"frame", b.frame},
                              {"setup", b.setup},
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
    std::vector<std::string> paths_;
};

}  // namespace

std::unique_ptr<Verb> makeStudio() {
    return std::make_unique<StudioVerb>();
}

}  // namespace refero::cli
