// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/fit_words.h"

#include "core/say/say.h"

namespace refero::words {

std::string label(Model model) {
    switch (model) {
        case Model::balance:
            return say("Balance alone");
        case Model::matrix:
            return say("Matrix");
        case Model::rootPolynomial:
            return say("Root polynomial 2");
        case Model::rootPolynomial3:
            return say("Root polynomial 3");
        case Model::polynomial:
            return say("Polynomial");
        case Model::lattice:
            return say("Lattice");
        case Model::hueSectors:
            return say("Hue sectors");
    }
    return {};
}

}  // namespace refero::words
