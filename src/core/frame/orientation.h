// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <utility>

namespace refero {

/// EXIF 2.3's orientation 1..8: whether width and height change places, and where a pixel of the shown
/// picture lies in the stored one. Other values mean 1.
class Orientation {
  public:
    Orientation(int exif, int storedWidth, int storedHeight)
        : exif_(exif >= 1 && exif <= 8 ? exif : 1), right_(storedWidth - 1), bottom_(storedHeight - 1) {}

    bool turned() const { return exif_ >= 5; }
    std::pair<int, int> stored(int x, int y) const {
        switch (exif_) {
            case 2:
                return {right_ - x, y};
            case 3:
                return {right_ - x, bottom_ - y};
            case 4:
                return {x, bottom_ - y};
            case 5:
                return {y, x};
            case 6:
                return {y, bottom_ - x};
            case 7:
                return {right_ - y, bottom_ - x};
            case 8:
                return {right_ - y, x};
            default:
                return {x, y};
        }
    }

  private:
    int exif_, right_, bottom_;
};

}  // namespace refero
