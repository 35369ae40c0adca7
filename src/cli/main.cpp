// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include <iostream>

#include "cli/verb.h"

int main(int argc, char** argv) {
    refero::cli::Streams streams{std::cout, std::cerr};
    return refero::cli::run({argv + 1, argv + argc}, streams);
}
