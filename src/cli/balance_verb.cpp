// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <ostream>

#include "cli/verbs.h"
#include "io/correction_file.h"
#include "io/read_frame.h"
#include "studio/studio.h"
#include "workflow/grey_balance.h"

namespace refero::cli {
namespace {

class BalanceVerb : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb =
            app.add_subcommand("balance", "Make a correction from a grey card, or another neutral, alone.");
        verb->add_option("frame", frame_, "Frame")->required();
        verb->add_option("--grey", grey_,
                         "Where something neutral is: x,y,width,height in pixels; without it a grey card is "
                         "looked for")
            ->delimiter(',')
            ->expected(4)
            ->type_name("X,Y,W,H");
        verb->add_option("--reflectance", reflectance_, "Of the grey: brings the level")
            ->check(CLI::Range(0.02, 1.0))
            ->capture_default_str();
        verb->add_option("--studio", studio_, "Studio whose corrections of the same body lend their colours");
        verb->add_option("--json", json_, "Write what was found here (- for standard output)");
        verb->add_option("--out", out_, "Write the correction here (- for standard output)")->required();
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        const auto frame = io::readFrame(frame_);
        if (!frame) return tl::unexpected(frame.error());
        workflow::GreyBalanceOptions options;
        options.reflectance = reflectance_;
        if (grey_.size() == 4)
            options.place =
                workflow::DrawnPlace{{grey_[0], grey_[1]}, {grey_[0] + grey_[2], grey_[1] + grey_[3]}};
        std::unique_ptr<studio::Studio> studio;
        if (!studio_.empty()) {
            auto opened = studio::Studio::open(studio_);
            if (!opened) return tl::unexpected(opened.error());
            studio = *std::move(opened);
            options.library = &studio->contents();
        }
        const auto balance = workflow::balancedOnGrey(*frame, options);
        if (!balance) return tl::unexpected(balance.error());
        if (auto ok = deliver(out_, io::prettyJson(io::toJson(balance->correction)), s); !ok)
            return tl::unexpected(ok.error());
        const Correction& c = balance->correction;
        if (!json_.empty()) {
            const io::Json found{{"format", "refero-balance"},
                                 {"version", 1},
                                 {"frame", frame_},
                                 {"rgb", {balance->rgb.x(), balance->rgb.y(), balance->rgb.z()}},
                                 {"certainty", balance->certainty},
                                 {"gains", {c.gains.x(), c.gains.y(), c.gains.z()}},
                                 {"level", c.level},
                                 {"source", name(c.loan->source)},
                                 {"colours_from", c.loan->from.empty() ? "" : c.loan->from.front()},
                                 {"light_apart", balance->lightApart}};
            if (auto ok = deliver(json_, io::prettyJson(found), s); !ok) return tl::unexpected(ok.error());
        }
        (out_ == "-" || json_ == "-" ? s.err : s.out) << c.summary.message << "\n";
        return Outcome::done;
    }

  private:
    std::vector<double> grey_;
    double reflectance_ = 0.18;
    std::string frame_, studio_, json_, out_;
};

}  // namespace

std::unique_ptr<Verb> makeBalance() {
    return std::make_unique<BalanceVerb>();
}

}  // namespace refero::cli
