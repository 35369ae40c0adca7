// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/chart/arrangement.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>
#include <numeric>

#include "core/colour/lab.h"
#include "core/numeric/least_squares.h"
#include "core/say/say.h"

namespace refero {
namespace {

// Of the colours' variance: less is no likeness, as in finding a chart.
constexpr double kLeastAgreement = 0.80;
// What the best order leaves must be this share or less of what the next leaves.
constexpr double kClear = 0.7;

using Order = std::vector<std::size_t>;  // of colours, in which they are laid

// "A10" comes after "A2", "B1" after both.
std::pair<std::string, long> byLetterAndNumber(const std::string& id) {
    const auto digits = std::find_if(id.begin(), id.end(), [](unsigned char c) { return std::isdigit(c); });
    long number = 0;
    for (auto c = digits; c != id.end() && std::isdigit(static_cast<unsigned char>(*c)); ++c)
        number = std::min(number * 10 + (*c - '0'), 1'000'000L);
    return {std::string(id.begin(), digits), number};
}

std::vector<Order> ordersOf(const ChartColours& colours) {
    Order listed(colours.colours.size());
    std::iota(listed.begin(), listed.end(), std::size_t{0});
    Order named = listed;
    std::stable_sort(named.begin(), named.end(), [&](std::size_t a, std::size_t b) {
        return byLetterAndNumber(colours.colours[a].id) < byLetterAndNumber(colours.colours[b].id);
    });
    if (named == listed) return {listed};
    return {listed, named};
}

// From which corner a list begins (top left, top right, bottom right, bottom left), and whether its lines are
// the chart's rows as the field lies now.
struct Walk {
    int corner = 0;
    bool alongRows = true;
};

std::size_t placeAt(const PatchField& f, const Walk& walk, std::size_t step) {
    const auto across = static_cast<std::size_t>(f.columns), down = static_cast<std::size_t>(f.rows);
    std::size_t row = walk.alongRows ? step / across : step % down;
    std::size_t column = walk.alongRows ? step % across : step / down;
    if (walk.corner == 1 || walk.corner == 2) column = across - 1 - column;
    if (walk.corner == 2 || walk.corner == 3) row = down - 1 - row;
    return row * across + column;
}

// The chart's own rows, once its first colour is at the top left, lie along the field's or across it.
Walk walkFrom(int corner, bool byRows) {
    return {corner, (corner % 2 == 0) == byRows};
}

// Light and dark colours count alike.
struct Pairs {
    std::vector<Vector3> seen, wanted;
};

struct Agreement {
    double share = 0;  // of the variance explained
    Matrix3 m = Matrix3::Zero();
};

Agreement explained(const Pairs& pairs) {
    if (pairs.seen.size() < 6) return {};
    numeric::NormalEquations<3, 3> equations;
    Vector3 mean = Vector3::Zero();
    for (std::size_t i = 0; i < pairs.seen.size(); ++i) {
        equations.add(pairs.seen[i], pairs.wanted[i]);
        mean += pairs.wanted[i] / static_cast<double>(pairs.seen.size());
    }
    equations.pullAll(1e-9 * equations.power().trace() + 1e-300);
    const Matrix3 m = equations.solve().transpose();
    double left = 0, all = 0;
    for (std::size_t i = 0; i < pairs.seen.size(); ++i) {
        left += (pairs.wanted[i] - m * pairs.seen[i]).squaredNorm();
        all += (pairs.wanted[i] - mean).squaredNorm();
    }
    return {all > 0 ? std::max(0.0, 1 - left / all) : 0, m};
}

using Laid = std::vector<std::optional<std::size_t>>;

// `sequence` says in which order the list comes to the fields.
Laid laid(const std::vector<PatchField>& fields, const std::vector<std::size_t>& sequence,
          const std::vector<Walk>& walks, const Order& order) {
    std::vector<std::size_t> begins;
    std::size_t total = 0;
    for (const PatchField& f : fields) {
        begins.push_back(total);
        total += f.count();
    }
    Laid out(total);
    std::size_t next = 0;
    for (const std::size_t k : sequence)
        for (std::size_t step = 0; step < fields[k].count() && next < order.size(); ++step)
            out[begins[k] + placeAt(fields[k], walks[k], step)] = order[next++];
    return out;
}

Agreement agreementOf(const Laid& places, const SeenAtPlaces& seen, const std::vector<Vector3>& xyz) {
    Pairs pairs;
    for (std::size_t i = 0; i < places.size(); ++i) {
        if (!places[i] || !seen[i]) continue;
        const Vector3& wanted = xyz[*places[i]];
        const double weight = 1 / (wanted.y() + 0.1);
        pairs.seen.push_back(*seen[i] * weight);
        pairs.wanted.push_back(wanted * weight);
    }
    return explained(pairs);
}

// All colours have a place, and what is left over is less than the last row or column. Where one choice fits
// exactly, those with more places only add empty ones.
bool holds(const std::vector<PatchField>& fields, std::size_t colours, bool exactly) {
    const std::size_t n = places(fields);
    const PatchField& last = fields.back();
    return exactly
               ? n == colours
               : n >= colours && n - colours < static_cast<std::size_t>(std::max(last.rows, last.columns));
}

// Walks of all fields that begin at one corner, each field by rows or by columns.
std::vector<std::vector<Walk>> walksFrom(int corner, std::size_t fields) {
    std::vector<std::vector<Walk>> out;
    for (unsigned bits = 0; bits < 1u << fields; ++bits) {
        std::vector<Walk> walks;
        for (std::size_t k = 0; k < fields; ++k) walks.push_back(walkFrom(corner, !(bits >> k & 1)));
        out.push_back(std::move(walks));
    }
    return out;
}

// The best order in which one choice can hold the colours; the next best goes into `runnerUp`.
void tryAll(const FieldChoice& choice, const std::vector<Order>& orders, const std::vector<Vector3>& xyz,
            Arrangement& best) {
    std::vector<std::size_t> sequence(choice.fields.size());
    std::iota(sequence.begin(), sequence.end(), std::size_t{0});
    do {
        for (int corner = 0; corner < 4; ++corner)
            for (const auto& walks : walksFrom(corner, sequence.size()))
                for (const Order& order : orders) {
                    const Laid places = laid(choice.fields, sequence, walks, order);
                    const Agreement agreement = agreementOf(places, choice.seen, xyz);
                    const bool same = places == best.colourAt;
                    if (agreement.share <= best.agreement) {
                        if (!same) best.runnerUp = std::max(best.runnerUp, agreement.share);
                        continue;
                    }
                    const double second = same ? best.runnerUp : best.agreement;
                    // The first colour is at this corner; so many turns bring it to the top left.
                    best = {choice.fields, places, (4 - corner) % 4, agreement.share, second, agreement.m};
                }
    } while (std::next_permutation(sequence.begin(), sequence.end()));
}

}  // namespace

Result<Arrangement> arranged(const std::vector<FieldChoice>& choices, const ChartColours& colours) {
    std::vector<Vector3> xyz;
    for (const auto& c : colours.colours) xyz.push_back(toXyz(c.labD50).vector());
    const auto orders = ordersOf(colours);
    Arrangement best;
    std::size_t tried = 0;
    for (const bool exactly : {true, false}) {
        if (tried > 0) break;
        for (const FieldChoice& choice : choices) {
            if (choice.fields.empty() || choice.fields.size() > 3 ||
                !holds(choice.fields, xyz.size(), exactly))
                continue;
            tryAll(choice, orders, xyz, best);
            ++tried;
        }
    }
    if (tried == 0)
        return failure(ErrorKind::notFound,
                       say("The picture shows %1 patches, the data have %2 colours. Are they of this chart, "
                           "and is all of it in the picture?",
                           choices.empty() ? "no" : std::to_string(places(choices.front().fields)),
                           std::to_string(xyz.size())));
    if (best.agreement < kLeastAgreement)
        return failure(ErrorKind::notFound, say("The colours of the data do not agree with those in the "
                                                "picture in any order. Are they of this chart?"));
    if (1 - best.agreement > kClear * (1 - best.runnerUp))
        return failure(ErrorKind::notFound,
                       say("Two orders of the data's colours agree with the picture alike, so it cannot be "
                           "told which way the chart lies. Shoot it evenly lit and in focus, or enter its "
                           "rows and columns by hand."));
    return best;
}

}  // namespace refero
