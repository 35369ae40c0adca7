// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <charconv>
#include <ostream>

#include "cli/deliver_document.h"
#include "cli/verbs.h"
#include "io/chart_file.h"
#include "io/json.h"
#include "io/raw_file.h"
#include "io/read_frame.h"
#include "words/camera_words.h"

namespace refero::cli {
namespace {

class CameraVerb : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb = app.add_subcommand(
            "camera",
            "Say from a chart shot what to set in the camera: balance, exposure, what misleads it.");
        verb->add_option("frame", frame_, "Chart shot, best a raw file")->required();
        verb->add_option("others", others_, "More frames of this light, whose balance may have wandered");
        verb->add_option("--chart", chart_, "Chart, by name or file")->capture_default_str();
        verb->add_option("--dialled", dialled_,
                         "FRAME=KELVIN: what the camera was set to for a raw file of this body; each teaches "
                         "the body's own scale")
            ->take_all();
        verb->add_option("--json", json_, "Write it here (- for standard output)");
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        const auto chart = io::chartByNameOrPath(chart_);
        if (!chart) return tl::unexpected(chart.error());
        const auto frame = io::readFrame(frame_);
        if (!frame) return tl::unexpected(frame.error());
        const auto reading = io::readAnyChart(*frame, {*chart}, {}, {});
        if (!reading) return tl::unexpected(reading.error());
        CameraFacts facts;
        facts.raw = io::readRawFacts(frame_);
        if (facts.raw && facts.raw->cameraWhite) facts.balances.push_back(*facts.raw->cameraWhite);
        for (const std::string& other : others_)
            if (const auto white = io::readCameraWhite(other)) facts.balances.push_back(*white);
        for (const std::string& pair : dialled_) {
            const auto at = pair.rfind('=');
            double kelvin = 0;
            if (at != std::string::npos) {
                const char* end = pair.data() + pair.size();
                const auto [stopped, error] = std::from_chars(pair.data() + at + 1, end, kelvin);
                if (error != std::errc() || stopped != end) kelvin = 0;
            }
            if (!(kelvin >= 1500 && kelvin <= 20000))
                return failure("--dialled wants FRAME=KELVIN with 1500 to 20000 K, not \"" + pair + "\".");
            const auto white = io::readCameraWhite(pair.substr(0, at));
            if (!white) return failure(pair.substr(0, at) + " is no raw file that says its balance.");
            facts.dialled.emplace_back(*white, kelvin);
        }
        const auto advice = cameraAdvice(*reading, facts);
        if (!json_.empty())
            if (auto ok = deliver(json_, io::prettyJson(document(advice)), s); !ok)
                return tl::unexpected(ok.error());
        if (json_ == "-") return Outcome::done;
        const auto said = words::sentences(advice);
        if (said.empty()) s.out << "Nothing is to be changed in the camera for this light.\n";
        for (const std::string& line : said) s.out << line << "\n";
        return Outcome::done;
    }

  private:
    static io::Json document(const CameraAdvice& a) {
        const auto number = [](const std::optional<double>& v) {
            return v ? io::Json(*v) : io::Json(nullptr);
        };
        const auto balance = [](const std::optional<DialledBalance>& b) {
            return b ? io::Json{{"kelvin", b->kelvin}, {"duv", b->duv}} : io::Json(nullptr);
        };
        io::Json j{{"format", "refero-camera"},
                   {"version", 1},
                   {"light", balance(a.light)},
                   {"set", balance(a.set)},
                   {"mired_off", number(a.miredOff)},
                   {"scale_samples", a.scale.samples},
                   {"stored", a.stored ? io::Json(name(*a.stored)) : io::Json(nullptr)},
                   {"open_stops", number(a.openStops)},
                   {"open_thirds", a.openStops ? io::Json(thirdsOf(*a.openStops)) : io::Json(nullptr)},
                   {"histogram_stops", number(a.histogramStops)},
                   {"wander_mired", number(a.wanderMired)}};
        if (a.precision)
            j["raw"] = {{"bits", a.precision->bits}, {"coarse_highlights", a.precision->coarseHighlights}};
        j["said"] = words::sentences(a);
        return j;
    }

    std::string frame_, chart_ = "fen-24", json_;
    std::vector<std::string> others_, dialled_;
};

}  // namespace

std::unique_ptr<Verb> makeCamera() {
    return std::make_unique<CameraVerb>();
}

}  // namespace refero::cli
