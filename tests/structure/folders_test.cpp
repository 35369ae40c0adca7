// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The rooms of the house: which folder includes which, drawn from the sources themselves.
#include <gtest/gtest.h>

#include <algorithm>
#include <filesystem>
#include <fstream>
#include <functional>
#include <map>
#include <regex>
#include <set>
#include <string>
#include <vector>

namespace {

namespace fs = std::filesystem;

// A folder's detail/ is the folder itself.
std::string folderOf(const fs::path& file) {
    fs::path folder = file.parent_path();
    while (folder.filename() == "detail") folder = folder.parent_path();
    return folder.generic_string();
}

struct Arrow {
    std::string from, to;
};
using Graph = std::map<std::string, std::map<std::string, Arrow>>;  ///< with an example of each

const std::regex kInclude(R"(^#include "([^"]+)\")");

std::vector<fs::path> sources(const fs::path& root) {
    std::vector<fs::path> out;
    for (const auto& e : fs::recursive_directory_iterator(root))
        if (e.path().extension() == ".h" || e.path().extension() == ".cpp") out.push_back(e.path());
    std::sort(out.begin(), out.end());
    return out;
}

template <class Each>
void forEachInclude(const fs::path& root, Each each) {
    for (const fs::path& file : sources(root)) {
        std::ifstream in(file);
        std::smatch m;
        for (std::string line; std::getline(in, line);)
            if (std::regex_search(line, m, kInclude) && fs::exists(root / m[1].str()))
                each(fs::relative(file, root), fs::path(m[1].str()));
    }
}

Graph drawn(const fs::path& root) {
    Graph g;
    forEachInclude(root, [&](const fs::path& from, const fs::path& to) {
        if (folderOf(from) != folderOf(to))
            g[folderOf(from)].emplace(folderOf(to), Arrow{from.generic_string(), to.generic_string()});
    });
    return g;
}

// A way from a folder back to itself, as arrows; empty where there is none.
std::vector<Arrow> circleIn(const Graph& g) {
    std::set<std::string> finished;
    std::vector<std::string> way;
    std::vector<Arrow> found;
    const std::function<bool(const std::string&)> walk = [&](const std::string& at) {
        if (const auto seen = std::find(way.begin(), way.end(), at); seen != way.end()) {
            for (auto it = seen; it != way.end(); ++it)
                found.push_back(g.at(*it).at(std::next(it) == way.end() ? at : *std::next(it)));
            return true;
        }
        if (finished.contains(at)) return false;
        way.push_back(at);
        if (const auto out = g.find(at); out != g.end())
            for (const auto& [to, arrow] : out->second)
                if (walk(to)) return true;
        way.pop_back();
        finished.insert(at);
        return false;
    };
    for (const auto& [folder, out] : g)
        if (walk(folder)) break;
    return found;
}

std::string told(const std::vector<Arrow>& circle) {
    std::string out;
    for (const Arrow& a : circle) out += "\n  " + a.from + " includes " + a.to;
    return out;
}

TEST(Folders, IncludeEachOtherInOneDirection) {
    const Graph g = drawn(fs::path(REFERO_SOURCE) / "src");
    ASSERT_GT(g.size(), 20u) << "the sources are not where they were";
    const auto circle = circleIn(g);
    EXPECT_TRUE(circle.empty()) << told(circle);
}

TEST(Folders, ACircleIsSeen) {
    Graph g;
    g["a"]["b"] = {"a/1.h", "b/1.h"};
    g["b"]["c"] = {"b/2.h", "c/1.h"};
    g["x"]["a"] = {"x/1.h", "a/1.h"};
    EXPECT_TRUE(circleIn(g).empty());
    g["c"]["a"] = {"c/2.h", "a/2.h"};
    EXPECT_EQ(circleIn(g).size(), 3u);
}

// What the linker cannot see, since these are headers: who may enter which room.
TEST(Folders, KeepToTheirFloor) {
    const std::map<std::string, std::vector<std::string>> mayEnter{
        {"core", {"core"}},
        {"words", {"core", "words"}},
        {"io", {"core", "words", "io"}},
        {"media", {"core", "io", "media"}},
        {"studio", {"core", "io", "studio"}},
        {"workflow", {"core", "words", "io", "studio", "workflow"}},
        {"sim", {"core", "io", "sim"}},
        {"paper", {"core", "io", "paper"}},
        {"cli", {"core", "words", "io", "studio", "workflow", "sim", "paper", "cli"}},
        {"app", {"core", "words", "io", "studio", "workflow", "sim", "paper", "cli", "app"}},
    };
    forEachInclude(fs::path(REFERO_SOURCE) / "src", [&](const fs::path& from, const fs::path& to) {
        const std::string floor = from.begin()->string();
        ASSERT_TRUE(mayEnter.contains(floor)) << from << " is in a room that nobody knows";
        const auto& allowed = mayEnter.at(floor);
        EXPECT_NE(std::find(allowed.begin(), allowed.end(), to.begin()->string()), allowed.end())
            << from << " includes " << to;
    });
}

TEST(Folders, KeepWhatIsPrivateToThemselves) {
    forEachInclude(fs::path(REFERO_SOURCE) / "src", [&](const fs::path& from, const fs::path& to) {
        if (to.parent_path().filename() != "detail") return;
        const std::string owner = folderOf(to);
        // A folder below another may use its parent's.
        EXPECT_TRUE(folderOf(from) == owner || folderOf(from).starts_with(owner + "/"))
            << from << " includes " << to;
    });
}

TEST(Folders, TheCoreHasNoFilesAndNoWindow) {
    static const std::regex foreign(R"(^#include <(Q[A-Z]|fstream|OpenImageIO|OpenColorIO|nlohmann|sqlite))");
    for (const fs::path& file : sources(fs::path(REFERO_SOURCE) / "src/core")) {
        std::ifstream in(file);
        for (std::string line; std::getline(in, line);)
            EXPECT_FALSE(std::regex_search(line, foreign)) << file << ": " << line;
    }
}

}  // namespace
