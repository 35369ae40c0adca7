// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "seeds.h"

int main(int argc, char** argv) {
    if (argc != 2) return 2;
    return refero::fuzz::writeSeeds(argv[1]) ? 0 : 1;
}
