// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/fit/correction.h"
#include "core/say/say.h"
#include "core/spectra/temperature.h"

namespace refero {

/// A hue, turned, made stronger or weaker, and lighter or darker.
struct HueMove {
    double turnDegrees = 0;        ///< of CIELAB's hue angle
    double saturationPercent = 0;  ///< of chroma
    double lightness = 0;          ///< of L*, at a chroma of 50; less for paler colours
    bool isNone() const { return turnDegrees == 0 && saturationPercent == 0 && lightness == 0; }
};

/// "+3": a setting with its sign.
std::string signedSetting(double value, int digits);

/// A sector of hues by its Munsell letters. The angles are CIELAB's of the middle of each at medium value and
/// chroma, from memory and to about five degrees; whoever carries a recipe out needs no more.
struct HueSector {
    std::string_view letters, words;
    double degrees;
};
inline constexpr std::array<HueSector, 10> kRecipeSectors{{{"R", word("red"), 25},
                                                           {"YR", word("orange"), 60},
                                                           {"Y", word("yellow"), 88},
                                                           {"GY", word("yellow-green"), 120},
                                                           {"G", word("green"), 160},
                                                           {"BG", word("blue-green"), 200},
                                                           {"B", word("blue"), 237},
                                                           {"PB", word("purple-blue"), 278},
                                                           {"P", word("purple"), 318},
                                                           {"RP", word("red-purple"), 352}}};

/// How much of a hue's move its sector takes, 0 to 1: over all sectors the shares of a hue add up to 1.
double sectorShare(double hueDegrees, std::size_t sector);
/// How much a colour counts as skin: around 55 degrees, for chroma from 10 to 40; 0 to 1.
double skinShare(const Lch& colour);

/// The settings of a person who has only wheels, curves and hue controls, in the order in which they are
/// made.
struct RecipeSettings {
    Vector3 gainStops{0, 0, 0};  ///< of red, green and blue in linear light
    double exposureStops = 0;
    double blackPercent = 0, whitePercent = 100;  ///< where the picture's 0 and 100 % go, encoded as sRGB
    std::array<double, 3> points{25, 50, 75};     ///< where 25, 50 and 75 % go, by a smooth curve
    double saturationPercent = 0;                 ///< of all colours
    HueMove skin;                                 ///< around 55 degrees, for chroma from 10 to 40
    std::array<HueMove, 10> sectors;              ///< of kRecipeSectors

    /// To what can be set by hand: 0.05 stops, half a per cent, a degree.
    RecipeSettings rounded() const;
};

/// A colour through all of the settings: linear camera RGB, or the frame's picture made linear, to Lab (D50).
Lab carriedOut(const Vector3& linearRgb, const RecipeSettings& settings);

struct RecipeStep {
    std::string name;                       ///< "Balance"
    std::vector<std::string> instructions;  ///< a line each; empty where nothing is to be done
    double left = 0;                        ///< CIEDE2000 of the mean patch after it
};

/// The light that these gains take out, read from the frame's numbers as if they were linear sRGB: what
/// temperature and tint are to be set to. Nothing where it lies so far off the Planckian locus that it has no
/// temperature (CIE 015, 9.5), as of a camera's bare numbers.
std::optional<ColourTemperature> lightTakenOut(const Vector3& gainStops);
/// sRGB's own white, at which temperature and tint do nothing; kelvin.
inline constexpr double kRecipeNeutralKelvin = 6504;

/// What of a patch is left: what it should be, and what the recipe makes of it.
struct RecipePatch {
    std::string id;
    Lab wanted, reached;
    double left = 0;  ///< CIEDE2000
};

struct Recipe {
    RecipeSettings settings;
    double start = 0;               ///< mean CIEDE2000 before the first step
    std::vector<RecipeStep> steps;  ///< in the order of the trade
    double left = 0, largest = 0;   ///< mean and largest after the last
    std::string worst;              ///< the patch that is left farthest
    std::vector<RecipePatch> patches;
};

/// The correction, with its finish, told as those settings: found by making the mean difference of the
/// chart's patches from the corrected picture small with exactly these controls, step by step and then all at
/// once. Errors: fewer than eight usable patches.
Result<Recipe> recipeFor(const Correction& correction);

/// The recipe as a text of numbered steps; as comma-separated values, a setting a line.
std::string recipeText(const Recipe& recipe, const Correction& correction);
std::string recipeTable(const Recipe& recipe);

}  // namespace refero
