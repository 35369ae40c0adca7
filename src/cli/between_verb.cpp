// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <ostream>

#include "cli/verbs.h"
#include "core/fit/two_light.h"
#include "core/plan/moment.h"
#include "io/correction_file.h"

namespace refero::cli {
namespace {

class Between : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand(
            "between", "Mix the corrections of two lights for a light between them, by mired.");
        verb->add_option("one", one_, "Correction of one light, a matrix or a root polynomial")->required();
        verb->add_option("other", other_, "Correction of the other light, by the same model")->required();
        verb->add_option("--kelvins", kelvins_, "Colour temperatures of the two lights")
            ->required()
            ->expected(2)
            ->delimiter(',');
        auto* light = verb->add_option("--kelvin", kelvin_, "Colour temperature of the light between them");
        verb->add_option("--grey", grey_,
                         "Or linear camera RGB of something grey in that light, as 0.2,0.3,0.1")
            ->expected(3)
            ->delimiter(',')
            ->excludes(light);
        verb->add_option("--out", out_, "Write the correction here (- for standard output)")->required();
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        const auto one = io::readCorrection(one_), other = io::readCorrection(other_);
        if (!one) return tl::unexpected(one.error());
        if (!other) return tl::unexpected(other.error());
        const LitCorrection a{*one, kelvins_[0]}, b{*other, kelvins_[1]};
        if (grey_.empty() && kelvin_ == 0)
            return failure("Say the light between them: --kelvin, or --grey with what something grey reads.");
        double kelvin = kelvin_;
        if (!grey_.empty()) {
            const auto told = kelvinOfGrey(a, b, {grey_[0], grey_[1], grey_[2]});
            if (!told) return tl::unexpected(told.error());
            kelvin = *told;
        }
        auto mixed = betweenLights(a, b, kelvin);
        if (!mixed) return tl::unexpected(mixed.error());
        mixed->built = plan::isoText(plan::now());
        if (auto ok = deliver(out_, io::prettyJson(io::toJson(*mixed)), s); !ok)
            return tl::unexpected(ok.error());
        (out_ == "-" ? s.err : s.out) << mixed->summary.message << "\n";
        return Outcome::done;
    }

  private:
    std::string one_, other_, out_;
    std::vector<double> kelvins_, grey_;
    double kelvin_ = 0;
};

}  // namespace

std::unique_ptr<Verb> makeBetween() {
    return std::make_unique<Between>();
}

}  // namespace refero::cli
