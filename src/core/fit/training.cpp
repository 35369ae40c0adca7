// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/fit/training.h"

#include "core/colour/adaptation.h"
#include "core/colour/difference.h"
#include "core/colour/lab.h"
#include "core/spectra/generated_reflectances.h"
#include "core/spectra/observer.h"

namespace refero {
namespace {

constexpr std::size_t kCount = 1500;
constexpr unsigned kSeed = 1931;
constexpr auto kSize = static_cast<Eigen::Index>(Spectrum::size);

using Rows = Eigen::Matrix<double, Eigen::Dynamic, kSize, Eigen::RowMajor>;

const std::vector<Spectrum>& reflectances() {
    static const auto all = generatedReflectances(kCount, kSeed);
    return all;
}

const Rows& reflectanceRows() {
    static const Rows rows = [] {
        Rows r(static_cast<Eigen::Index>(kCount), kSize);
        for (std::size_t i = 0; i < kCount; ++i)
            r.row(static_cast<Eigen::Index>(i)) =
                Eigen::Map<const Eigen::Matrix<double, 1, kSize>>(reflectances()[i].values.data());
        return r;
    }();
    return rows;
}

}  // namespace

Matrix3 xyzMetric(const Xyz& xyz) {
    const Matrix3 slope = labSlope(xyz, white::d50);
    return slope.transpose() * ciede2000Metric(toLab(xyz, white::d50)) * slope;
}

TrainingSet::TrainingSet(const Spectrum& light) {
    const Matrix3 toD50 = adaptation(Adaptation::cat16, lightXyz(light), whiteXyz(white::d50));
    for (const Spectrum& r : reflectances()) {
        reference_.push_back(Xyz::from(toD50 * reflectedXyz(r, light).vector()));
        metrics_.push_back(xyzMetric(reference_.back()));
    }
}

TrainingSet::TrainingSet(std::vector<Xyz> reference) : reference_(std::move(reference)) {
    for (const Xyz& xyz : reference_) metrics_.push_back(xyzMetric(xyz));
}

std::vector<Vector3> TrainingSet::surfacesSeenBy(const EffectiveSensitivity& s) {
    Eigen::Matrix<double, kSize, 3> columns;
    for (int c = 0; c < 3; ++c)
        columns.col(c) = Eigen::Map<const Eigen::Matrix<double, kSize, 1>>(
            s.channels[static_cast<std::size_t>(c)].values.data());
    // Three columns are too few to be worth the packing of a blocked product.
    const Eigen::Matrix<double, Eigen::Dynamic, 3> seen = reflectanceRows().lazyProduct(columns);
    std::vector<Vector3> out;
    out.reserve(kCount);
    for (Eigen::Index i = 0; i < seen.rows(); ++i) out.emplace_back(seen.row(i).transpose());
    return out;
}

}  // namespace refero
