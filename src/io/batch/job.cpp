// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/batch/job.h"

#include <algorithm>
#include <array>
#include <cstdio>

#include "core/say/say.h"
#include "io/correction_file.h"
#include "io/curve_file.h"
#include "io/files/safe_write.h"
#include "io/json.h"
#include "io/media_path.h"

namespace refero::io {
namespace {

namespace fs = std::filesystem;

constexpr std::array<std::string_view, 4> kCollisions{"refuse", "replace", "skip", "number"};

// A job carries its corrections, lattices and all.
constexpr std::size_t kLargestJob = std::size_t{512} << 20;

Collision collisionFrom(const Node& n, const std::string& text) {
    const auto it = std::find(kCollisions.begin(), kCollisions.end(), text);
    if (it == kCollisions.end()) n.fail("collisions must be refuse, replace, skip or number");
    return static_cast<Collision>(it - kCollisions.begin());
}

int whole(const Node& n, const char* key, int otherwise) {
    const int v = n.whole(key, otherwise);
    if (v < 0 || v > 1'000'000) n.fail(std::string(key) + " must be from 0 to a million");
    return v;
}

FrameOutput outputFrom(const Node& n) {
    FrameOutput o;
    o.kind = n.text("kind", o.kind);
    const auto space = outputSpaceByName(n.text("space", "srgb"));
    if (!space) n.fail(space.error().message);
    o.space = *space;
    o.bits = whole(n, "bits", o.kind == "dpx" ? 10 : 16);
    o.half = n.truth("half", o.half);
    o.quality = whole(n, "quality", o.quality);
    o.longEdge = whole(n, "long_edge", 0);
    o.finish = n.truth("finish", true);
    const auto highlights = highlightsByName(n.text("highlights", "cut"));
    if (!highlights) n.fail(highlights.error().message);
    o.highlights = *highlights;
    const auto gamut = gamutUseByName(n.text("gamut", "automatic"));
    if (!gamut) n.fail(gamut.error().message);
    o.gamut = *gamut;
    const auto clips = clipKindByName(n.text("clips", "pictures"));
    if (!clips) n.fail(clips.error().message);
    o.clips = *clips;
    o.metadata = n.truth("metadata", true);
    return o;
}

Json outputJson(const FrameOutput& o) {
    return {{"kind", o.kind},         {"space", info(o.space).name}, {"bits", o.bits},
            {"half", o.half},         {"quality", o.quality},        {"long_edge", o.longEdge},
            {"finish", o.finish},     {"metadata", o.metadata},      {"highlights", name(o.highlights)},
            {"gamut", name(o.gamut)}, {"clips", name(o.clips)}};
}

BatchFrame frameFrom(const Node& n, const fs::path& base) {
    BatchFrame f;
    f.path = base / n.at("path").text();
    f.correction = n.text("correction", "");
    f.because = n.text("because", "");
    if (n.has("quick")) {
        const Node quick = n.at("quick");
        f.quick = QuickPicture{base / quick.at("path").text(), quick.at("correction").text()};
    }
    if (n.has("encoding")) {
        const auto e = transferByNameOrPath(n.at("encoding").text());
        if (!e) n.fail(e.error().message);
        f.encoding = *e;
    }
    if (n.has("fields")) {
        const Node fields = n.at("fields");
        if (!fields.json().is_object()) fields.fail("must be an object of texts");
        for (const auto& [key, value] : fields.json().items()) {
            if (!value.is_string()) fields.fail(key + " must be text");
            f.fields[key] = value.get<std::string>();
        }
    }
    return f;
}

Correction correctionFrom(const Node& n, const fs::path& base, const std::string& key) {
    const auto c = n.json().is_string() ? readCorrection(base / n.text())
                                        : parseCorrection(n.json().dump(), "correction " + key);
    if (!c) n.fail(c.error().message);
    return *c;
}

BatchJob jobFrom(const Node& root, const fs::path& base) {
    expectFormat(root, "refero-batch", 1);
    BatchJob job;
    job.folder = base / root.at("folder").text();
    job.name = root.text("name", job.name);
    job.collisions = collisionFrom(root, root.text("collisions", "refuse"));
    if (root.has("output")) job.output = outputFrom(root.at("output"));
    const Node corrections = root.at("corrections");
    if (!corrections.json().is_object()) corrections.fail("must be an object of corrections by name");
    for (const auto& [key, value] : corrections.json().items())
        job.corrections.emplace(key, correctionFrom(Node(value, "corrections." + key), base, key));
    for (const Node& n : root.at("frames").items()) {
        job.frames.push_back(frameFrom(n, base));
        // With one correction nobody has to name it.
        if (job.frames.back().correction.empty() && job.corrections.size() == 1)
            job.frames.back().correction = job.corrections.begin()->first;
    }
    return job;
}

// Bytes that a name cannot have, or that make it another kind of path.
std::string cleaned(std::string name) {
    for (char& c : name)
        if (c == '/' || c == '\\' || c == ':' || c == '*' || c == '?' || c == '"' || c == '<' || c == '>' ||
            c == '|' || static_cast<unsigned char>(c) < 32)
            c = '-';
    while (!name.empty() && (name.back() == ' ' || name.back() == '.')) name.pop_back();
    while (!name.empty() && (name.front() == ' ' || name.front() == '.')) name.erase(0, 1);
    // Most file systems end a name at 255 bytes; a number and an ending come on top. Not within a letter.
    std::size_t end = std::min<std::size_t>(name.size(), 200);
    while (end < name.size() && end > 0 && (static_cast<unsigned char>(name[end]) & 0xC0) == 0x80) --end;
    name.resize(end);
    return name;
}

}  // namespace

Status BatchJob::validate() const {
    if (auto ok = output.validate(); !ok) return ok;
    if (folder.empty()) return failure(say("The job does not say into which folder."));
    if (frames.empty()) return failure(say("The job has no frames."));
    const OutputSpaceInfo& s = info(output.space);
    if (s.unbounded && s.encoding == Encoding::linear && output.kind != "exr")
        return failure(
            say("%1 is for .exr: other kinds of file cut off what is lighter than white and are too coarse "
                "in the shadows.",
                s.label));
    for (std::size_t i = 0; i < frames.size(); ++i) {
        if (!corrections.contains(frames[i].correction))
            return failure(say("%1 has no correction: the job has none by the name \"%2\".",
                               frames[i].path.string(), frames[i].correction));
        if (frames[i].quick && !corrections.contains(frames[i].quick->correction))
            return failure(say("%1 has no correction: the job has none by the name \"%2\".",
                               frames[i].quick->path.string(), frames[i].quick->correction));
        if (const auto named = nameFor(*this, i); !named) return tl::unexpected(named.error());
    }
    return {};
}

Result<std::string> nameFor(const BatchJob& job, std::size_t index) {
    const BatchFrame& f = job.frames[index];
    std::string out;
    for (std::size_t at = 0; at < job.name.size(); ++at) {
        if (job.name[at] != '{') {
            out += job.name[at];
            continue;
        }
        const std::size_t end = job.name.find('}', at);
        if (end == std::string::npos) return failure(say("The name's pattern has a { without its }."));
        const std::string word = job.name.substr(at + 1, end - at - 1);
        at = end;
        if (word == "frame") {
            out += mediaPath(f.path).file.stem().string();
        } else if (word == "n") {
            char number[24];
            std::snprintf(number, sizeof number, "%04zu", index + 1);
            out += number;
        } else if (word == "space") {
            out += info(job.output.space).name;
        } else if (const auto field = f.fields.find(word); field != f.fields.end()) {
            out += field->second;
        } else {
            static constexpr std::array<std::string_view, 5> known{"setup", "body", "light", "place", "date"};
            if (std::find(known.begin(), known.end(), word) == known.end())
                return failure(
                    say("The name's pattern has {%1}, which is not known; there are {frame}, {n}, {space}, "
                        "{setup}, {body}, {light}, {place} and {date}.",
                        word));
        }
    }
    out = cleaned(std::move(out));
    if (out.empty()) return failure(say("The name's pattern gives no name for %1.", f.path.string()));
    return out;
}

Result<BatchJob> readBatchJob(const fs::path& path) {
    const auto text = readFile(path, kLargestJob);
    if (!text) return tl::unexpected(text.error());
    const auto json = parseJson(*text, path.string());
    if (!json) return tl::unexpected(json.error());
    std::error_code error;
    const fs::path base = fs::absolute(path, error).parent_path();
    auto job = guarded(path.string(), [&] { return jobFrom(Node(*json, ""), base); });
    if (!job) return job;
    if (auto ok = job->validate(); !ok) return failure(path.string() + ": " + ok.error().message);
    return job;
}

std::string batchJobText(const BatchJob& job) {
    std::error_code error;
    Json j;
    j["format"] = "refero-batch";
    j["version"] = 1;
    j["folder"] = fs::absolute(job.folder, error).string();
    j["name"] = job.name;
    j["collisions"] = kCollisions[static_cast<std::size_t>(job.collisions)];
    j["output"] = outputJson(job.output);
    j["frames"] = Json::array();
    for (const BatchFrame& f : job.frames) {
        Json one{{"path", fs::absolute(f.path, error).string()}, {"correction", f.correction}};
        if (f.encoding && f.encoding->named()) one["encoding"] = f.encoding->name();
        if (!f.because.empty()) one["because"] = f.because;
        if (f.quick)
            one["quick"] = {{"path", fs::absolute(f.quick->path, error).string()},
                            {"correction", f.quick->correction}};
        if (!f.fields.empty()) one["fields"] = f.fields;
        j["frames"].push_back(std::move(one));
    }
    j["corrections"] = Json::object();
    for (const auto& [key, c] : job.corrections) j["corrections"][key] = toJson(c);
    return prettyJson(j);
}

}  // namespace refero::io
