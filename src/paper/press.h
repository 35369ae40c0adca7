// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <memory>

class QGuiApplication;

namespace refero::paper {

/// Makes the shipped fonts known; once an application exists.
void loadFonts();

/// Pages are laid out with an application's fonts. A program that has no window keeps one of these while it
/// prints; where there is an application already, it does nothing.
class Press {
  public:
    Press();
    ~Press();
    Press(const Press&) = delete;
    Press& operator=(const Press&) = delete;

  private:
    std::unique_ptr<QGuiApplication> application_;
};

}  // namespace refero::paper
