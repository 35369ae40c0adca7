// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/colour/rgb_space.h"
#include "core/colour/transfer.h"
#include "core/frame/image.h"
#include "core/read/reading.h"

namespace refero {

/// Whether a transform is fed camera RGB as it was recorded, or balanced so that greys are equal.
enum class FeedBalance { asRecorded, balanced };

/// Somebody's transform, ready to be tried.
struct ForeignTransform {
    std::string name;  ///< the file's, for people
    std::string kind;  ///< ".cube, 3D of 33 points"
    /// Stored numbers as it is fed to numbers as it gives them; any thread.
    std::function<Vector3(const Vector3& fed)> apply;
    int points = 0;  ///< a side of its grid; 0: none, or not known
    // What the file itself says; what is nothing has to be stated or tried.
    std::optional<Transfer> feed;
    std::optional<FeedBalance> balance;
    std::optional<OutputSpace> space;
    std::vector<std::string> remarks;  ///< what was seen in the file, a sentence each
};

/// A recording seen through its own curve and gamut, as its data sheet has them: what it shows if the camera
/// keeps its word. Errors: a curve that does not say where white belongs.
Result<ForeignTransform> byDataSheet(const Transfer& encoding, const Primaries& gamut);

/// How a transform is fed and what its numbers mean.
struct TransformTerms {
    Transfer feed = Encoding::srgb;
    FeedBalance balance = FeedBalance::asRecorded;
    OutputSpace space = OutputSpace::srgb;
    bool guessed = false;  ///< something of it was tried out
};

/// What a transform makes of a chart shot.
class FedTransform {
  public:
    /// `reading` must have a usable grey where it is balanced.
    FedTransform(const ForeignTransform& transform, const TransformTerms& terms, const Reading& reading);

    /// Camera RGB, linear, made `stops` brighter and `mired` warmer, as numbers that are fed.
    Vector3 fed(const Vector3& rgb, double stops = 0, double mired = 0) const;
    /// What is given for what is fed, relative to D50.
    Xyz given(const Vector3& fed) const;
    Xyz xyz(const Vector3& rgb, double stops = 0, double mired = 0) const {
        return given(fed(rgb, stops, mired));
    }
    Lab lab(const Vector3& rgb, double stops = 0, double mired = 0) const;
    const Reading& reading() const { return *reading_; }
    const ForeignTransform& transform() const { return *transform_; }
    const TransformTerms& terms() const { return terms_; }

  private:
    const ForeignTransform* transform_;
    TransformTerms terms_;
    const Reading* reading_;
    Vector3 gains_{1, 1, 1};
    Matrix3 toXyz_;
};

/// A whole picture through it, in sRGB; all cores.
EncodedImage srgbThrough(const LinearImage& image, const FedTransform& fed);

/// The terms: as stated, else as the file says, else those under which the chart's patches come nearest to
/// their references, whatever their level. Recorded numbers, their own encoding and sRGB are taken unless
/// others are plainly better.
TransformTerms termsFor(const ForeignTransform& transform, const Reading& reading,
                        const std::optional<Transfer>& feed = {},
                        const std::optional<OutputSpace>& space = {},
                        const std::optional<FeedBalance>& balance = {});

/// The exposure at which the patches come nearest to their references: of the reading, stops; and the mean
/// CIEDE2000 there.
struct ExpectedExposure {
    double stops = 0, mean = 0;
};
ExpectedExposure expectedExposure(const FedTransform& fed);

}  // namespace refero
