// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <ostream>
#include <sstream>

#include "cli/verbs.h"
#include "io/chart_file.h"
#include "io/curve_file.h"
#include "io/read_frame.h"
#include "io/reading_file.h"

namespace refero::cli {
namespace {

// "x,y x,y x,y x,y"
Result<Quad> cornersFrom(const std::string& text) {
    std::string plain = text;
    for (char& c : plain)
        if (c == ',') c = ' ';
    std::istringstream in(plain);
    Quad q;
    for (Point& p : q)
        if (!(in >> p.x() >> p.y()))
            return failure(
                "--corners needs four points as \"x,y x,y x,y x,y\": top left, top right, bottom right, "
                "bottom left.");
    std::string rest;
    if (in >> rest) return failure("--corners has more than four points.");
    return q;
}

class Read : public Verb {
  public:
    CLI::App* declare(CLI::App& app) override {
        auto* verb =
            app.add_subcommand("read", "Find the chart in a frame, measure its patches and judge the shot.");
        verb->add_option("frame", frame_, "Picture with the chart in it")->required();
        verb->add_option("--chart", chart_, "Chart file, or fen-24 or fen-48")->required();
        verb->add_option("--encoding", encoding_,
                         "linear, srgb, rec709, rec2020, gamma22, acescct, bt1886, hlg, pq, cineon or a "
                         "curve file (1D .cube, two "
                         "columns, .log.json); "
                         "else what the file says of itself");
        verb->add_option("--corners", corners_,
                         "The outline's corners, \"x,y x,y x,y x,y\", instead of looking for them");
        verb->add_option("--limits", limits_, "Judge by these: Copy work, Product, Event or Film")
            ->capture_default_str();
        verb->add_flag("--even-light", evenLight_, "Take uneven light over the chart out of the patches");
        verb->add_option("--flat-field", flatField_,
                         "A frame of a plain card that fills it, taken out of the patches first");
        verb->add_option("--average", averagedWith_, "More frames of the same setup, averaged with it");
        verb->add_option("--leave-out", leaveOut_, "Patches that are not to count, such as B3");
        verb->add_option("--subject", subject_,
                         "A frame of the subject with a chart in it: is it lit by the same light?");
        verb->add_option("--json", json_, "Write the reading here (- for standard output)");
        return verb;
    }

    Result<Outcome> run(Streams& s) override {
        const auto chart = io::chartByNameOrPath(chart_);
        if (!chart) return tl::unexpected(chart.error());
        const auto limits = limitsByName(limits_);
        if (!limits) return tl::unexpected(limits.error());
        io::ReadRequest request{frame_, *chart};
        request.limits = *limits;
        request.takeOutLight = evenLight_;
        request.flatField = flatField_;
        request.averagedWith = averagedWith_;
        for (const std::string& id : leaveOut_) {
            if (!chart->patch(id))
                return failure("--leave-out: " + chart->name + " has no patch " + id + ".");
            request.patches.push_back({id, {0, 0}, true});
        }
        if (!encoding_.empty()) {
            const auto e = io::transferByNameOrPath(encoding_);
            if (!e) return tl::unexpected(e.error());
            request.encoding = *e;
        }
        if (!corners_.empty()) {
            const auto q = cornersFrom(corners_);
            if (!q) return tl::unexpected(q.error());
            request.corners = *q;
        }
        const auto frame = io::readFrame(frame_, request.encoding);
        if (!frame) return tl::unexpected(frame.error());
        auto reading = io::readChartIn(*frame, request);
        if (!reading) return notFound(io::aboutFrame(*frame), *chart, reading.error().message, s);
        if (!subject_.empty())
            if (auto ok = compareWithSubject(*reading, *limits); !ok) return tl::unexpected(ok.error());
        if (!json_.empty())
            if (auto ok = deliver(json_, io::prettyJson(io::toJson(*reading)), s); !ok)
                return tl::unexpected(ok.error());
        if (json_ != "-") report(*reading, s.out);
        return Outcome::done;
    }

  private:
    Status compareWithSubject(Reading& reading, const Limits& limits) const {
        const auto frame = io::readFrame(subject_, reading.encoding);
        if (!frame) return tl::unexpected(frame.error());
        auto light = io::subjectLightIn(*frame);
        if (!light) return failure(subject_ + ": " + light.error().message);
        reading.subjects = {*std::move(light)};
        reading.checks = judged(reading, limits);
        reading.verdict = worst(reading.checks);
        return {};
    }

    Result<Outcome> notFound(const Reading& about, const Chart& chart, const std::string& reason,
                             Streams& s) {
        if (!json_.empty())
            if (auto ok = deliver(json_, io::prettyJson(io::notFoundJson(about, chart, reason)), s); !ok)
                return tl::unexpected(ok.error());
        s.err << "refero-cli read: " << frame_ << ": " << reason << "\n";
        return Outcome::failed;
    }

    static void report(const Reading& r, std::ostream& out) {
        out << r.chart.name << " found in " << r.framePath << " (" << name(r.encoding) << ")\n";
        for (const Check& c : r.checks) {
            out << "  " << label(c.verdict) << "  " << c.title << ": " << c.reason;
            if (!c.remedy.empty()) out << " " << c.remedy;
            out << "\n";
        }
        out << label(r.verdict) << "\n";
    }

    std::string frame_, chart_, encoding_, corners_, json_, flatField_, subject_, limits_ = "Product";
    std::vector<std::filesystem::path> averagedWith_;
    std::vector<std::string> leaveOut_;
    bool evenLight_ = false;
};

}  // namespace

std::unique_ptr<Verb> makeRead() {
    return std::make_unique<Read>();
}

}  // namespace refero::cli
