// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/verb.h"

#include <algorithm>
#include <ostream>

#include "cli/verbs.h"
#include "cli/version.h"
#include "io/files/safe_write.h"

namespace refero::cli {

std::vector<std::unique_ptr<Verb>> allVerbs() {
    std::vector<std::unique_ptr<Verb>> verbs;
    verbs.push_back(makeRead());
    verbs.push_back(makeCorrect());
    verbs.push_back(makeMatch());
    verbs.push_back(makeSeries());
    verbs.push_back(makeAssess());
    verbs.push_back(makeBalance());
    verbs.push_back(makeCamera());
    verbs.push_back(makeDay());
    verbs.push_back(makeLibrary());
    verbs.push_back(makeVerify());
    verbs.push_back(makeBetween());
    verbs.push_back(makeApply());
    verbs.push_back(makeBatch());
    verbs.push_back(makeRecipe());
    verbs.push_back(makeReport());
    verbs.push_back(makeExport());
    verbs.push_back(makeSimulate());
    verbs.push_back(makeStudio());
    verbs.push_back(makeChart());
    return verbs;
}

int run(const std::vector<std::string>& arguments, Streams& streams) {
    CLI::App app{"Refero measures colour reference charts and builds verified colour corrections.",
                 "refero-cli"};
    app.set_version_flag("--version", std::string("refero-cli ") + kVersion);
    app.require_subcommand(1);
    const auto verbs = allVerbs();
    std::vector<CLI::App*> commands;
    for (const auto& verb : verbs) commands.push_back(verb->declare(app));
    std::vector<std::string> reversed(arguments.rbegin(), arguments.rend());
    try {
        app.parse(reversed);
    } catch (const CLI::Success& e) {
        app.exit(e, streams.out, streams.err);
        return 0;
    } catch (const CLI::ParseError& e) {
        app.exit(e, streams.out, streams.err);
        return 2;
    }
    for (std::size_t i = 0; i < verbs.size(); ++i) {
        if (!commands[i]->parsed()) continue;
        const auto outcome = verbs[i]->run(streams);
        if (outcome) return static_cast<int>(*outcome);
        streams.err << "refero-cli " << commands[i]->get_name() << ": " << outcome.error().message << "\n";
        return 1;
    }
    return 2;
}

Status deliver(const std::string& target, const std::string& text, Streams& streams) {
    if (target != "-") return io::writeFile(target, text);
    streams.out << text;
    streams.out.flush();
    if (!streams.out) return failure("Standard output could not be written.");
    return {};
}

}  // namespace refero::cli
