// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/fit_words.h"

namespace refero::words {

std::string_view label(Model model) {
    switch (model) {
        case Model::balance:
            return "Balance alone";
        case Model::matrix:
            return "Matrix";
        case Model::rootPolynomial:
            return "Root polynomial 2";
        case Model::rootPolynomial3:
            return "Root polynomial 3";
        case Model::polynomial:
            return "Polynomial";
        case Model::lattice:
            return "Lattice";
        case Model::hueSectors:
            return "Hue sectors";
    }
    return {};
}

}  // namespace refero::words
