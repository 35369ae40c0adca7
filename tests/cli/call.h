// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <gtest/gtest.h>

#include <sstream>
#include <string>
#include <vector>

#include "cli/verb.h"
#include "io/json.h"

namespace refero::test {

struct Outcome {
    int status;
    std::string out, err;
};

/// The whole command line in this process.
inline Outcome call(const std::vector<std::string>& arguments) {
    std::ostringstream out, err;
    cli::Streams streams{out, err};
    const int status = cli::run(arguments, streams);
    return {status, out.str(), err.str()};
}

inline io::Json json(const std::string& text) {
    auto j = io::parseJson(text, "test");
    EXPECT_TRUE(j);
    return j ? *j : io::Json();
}

}  // namespace refero::test
