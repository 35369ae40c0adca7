// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "studio/intake.h"

#include <algorithm>
#include <set>

#include "io/content_hash.h"
#include "io/qr_read.h"
#include "io/read_frame.h"

namespace refero::studio {
namespace {

namespace fs = std::filesystem;

bool hidden(const fs::path& path) {
    const std::string name = path.filename().string();
    return !name.empty() && name.front() == '.';
}

// Real folders are gone into once, so links that lead in a circle come to an end.
void collect(const fs::path& path, std::set<fs::path>& seen, std::vector<fs::path>& out) {
    std::error_code error;
    if (!fs::is_directory(path, error)) {
        if (fs::is_regular_file(path, error)) out.push_back(path);
        return;
    }
    const fs::path real = fs::canonical(path, error);
    if (error || !seen.insert(real).second) return;
    for (fs::directory_iterator it(path, fs::directory_options::skip_permission_denied, error), end;
         !error && it != end; it.increment(error))
        if (!hidden(it->path())) collect(it->path(), seen, out);
}

// Clocks of cameras are set to the place's time, unless the file says otherwise.
std::optional<plan::Moment> momentOf(const io::FrameMetadata& m, const plan::Day& day) {
    if (m.taken.size() < 19) return {};
    std::string iso = m.taken.substr(0, 19);
    iso[4] = iso[7] = '-';
    iso[10] = 'T';
    const auto stated = m.offset.empty() ? tl::unexpected(Error{}) : plan::momentFrom(iso + m.offset);
    if (stated) return *stated;
    const auto local = plan::momentFrom(iso + "Z");
    if (!local) return {};
    return *local - std::chrono::minutes(day.places.empty() ? 0 : day.places.front().offsetMinutes);
}

plan::FrameFacts factsOf(const Frame& f) {
    plan::FrameFacts facts{f.id, f.body, f.serial, f.lens, f.focalLengthMm, {}, {}};
    if (const auto taken = plan::momentFrom(f.taken)) facts.taken = *taken;
    if (const auto slip = plan::slipFrom(f.slip)) facts.slip = *slip;
    return facts;
}

void apply(const plan::Sorted& s, Frame& f) {
    f.setup = s.setup;
    f.because = s.reason;
    f.doubt.clear();
    for (const std::string& c : s.contradictions) f.doubt += (f.doubt.empty() ? "" : " ") + c;
}

const Frame* alike(const Contents& contents, const Arrival& a) {
    for (const auto& [id, f] : contents.all<Frame>())
        if (!f.sha256.empty() && f.sha256 == a.sha256) return &f;
    return nullptr;
}

Frame frameFrom(const Arrival& a, const plan::Day& day) {
    Frame f;
    f.shoot = day.shoot.id;
    f.role = a.chart.empty() ? FrameRole::subject : FrameRole::chart;
    f.path = a.path.string();
    f.bytes = a.bytes;
    f.sha256 = a.sha256;
    if (const auto taken = momentOf(a.metadata, day)) f.taken = plan::isoText(*taken);
    f.body = a.metadata.body;
    f.serial = a.metadata.serial;
    f.lens = a.metadata.lens;
    f.focalLengthMm = a.metadata.focalLengthMm;
    f.slip = a.slip;
    return f;
}

}  // namespace

std::vector<fs::path> filesBehind(const std::vector<fs::path>& dropped) {
    std::set<fs::path> seen;
    std::vector<fs::path> out;
    for (const fs::path& path : dropped) collect(path, seen, out);
    std::sort(out.begin(), out.end());
    out.erase(std::unique(out.begin(), out.end()), out.end());
    return out;
}

Arrival lookAt(const fs::path& file) {
    Arrival a;
    a.path = file;
    std::error_code error;
    a.bytes = static_cast<std::int64_t>(fs::file_size(file, error));
    const auto frame = io::readFrame(file);
    if (!frame) {
        a.problem = frame.error().message;
        return a;
    }
    a.sha256 = io::contentHash(file).value_or("");
    a.metadata = frame->metadata;
    if (const auto reading = io::readAnyChart(*frame)) a.chart = reading->chart.id;
    for (const std::string& code : io::codesIn(frame->image))
        if (plan::slipFrom(code)) a.slip = code;
    return a;
}

std::vector<Brought> bringIn(Edit& edit, const Contents& contents, const plan::Day& day,
                             const std::vector<Arrival>& arrivals) {
    std::vector<Brought> out;
    std::vector<Frame> fresh;
    std::set<std::string> now;
    for (const Arrival& a : arrivals) {
        Brought b{a.path};
        b.chart = a.chart;
        std::error_code error;
        if (!a.problem.empty()) {
            b.reason = a.problem;
        } else if (const Frame* known = alike(contents, a)) {
            b.frame = known->id;
            b.setup = known->setup;
            if (fs::exists(known->path, error)) {
                b.reason = "It is there already, as " + fs::path(known->path).filename().string() + ".";
            } else {
                Frame moved = *known;
                moved.path = a.path.string();
                edit.put(moved);
                b.reason = "It had moved and is found again.";
            }
        } else if (!now.insert(a.sha256).second) {
            b.reason = "It is the same as another file that came with it.";
        } else {
            Frame f = frameFrom(a, day);
            f.id = b.frame = edit.add(f);
            fresh.push_back(f);
        }
        out.push_back(std::move(b));
    }
    std::vector<plan::FrameFacts> facts;
    for (const Frame& f : fresh) facts.push_back(factsOf(f));
    const auto places = plan::sorted(day, facts);
    for (std::size_t i = 0; i < fresh.size(); ++i) {
        apply(places[i], fresh[i]);
        edit.put(fresh[i]);
        for (Brought& b : out)
            if (b.frame == fresh[i].id)
                b.setup = fresh[i].setup, b.reason = fresh[i].because, b.doubt = fresh[i].doubt;
    }
    return out;
}

void sortAgain(Edit& edit, const Contents& contents, const plan::Day& day, const std::vector<Id>& frames) {
    std::vector<const Frame*> all;
    std::vector<plan::FrameFacts> facts;
    for (const Id id : frames)
        if (const Frame* f = contents.find<Frame>(id); f && f->because != kByHand) {
            all.push_back(f);
            facts.push_back(factsOf(*f));
        }
    const auto places = plan::sorted(day, facts);
    for (std::size_t i = 0; i < all.size(); ++i) {
        Frame f = *all[i];
        apply(places[i], f);
        if (f.setup != all[i]->setup || f.because != all[i]->because || f.doubt != all[i]->doubt) edit.put(f);
    }
}

void putByHand(Edit& edit, const Contents& contents, const plan::Day& day, Id frame, Id setup) {
    const Frame* known = contents.find<Frame>(frame);
    if (!known || known->setup == setup) return;
    Frame f = *known;
    f.setup = setup;
    f.because = setup ? kByHand : "";
    f.doubt.clear();
    if (const auto* s = contents.find<plan::Setup>(setup))
        for (const std::string& c : plan::contradictions(day, factsOf(f), *s))
            f.doubt += (f.doubt.empty() ? "" : " ") + c;
    edit.put(f);
}

}  // namespace refero::studio
