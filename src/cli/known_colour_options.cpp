// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/known_colour_options.h"

#include <sstream>

#include "core/read/spot.h"
#include "io/read_frame.h"

namespace refero::cli {
namespace {

Result<std::vector<double>> numbers(const std::string& text, std::size_t count, const char* what) {
    std::vector<double> out;
    std::stringstream parts(text);
    for (std::string part; std::getline(parts, part, ',');) {
        double v = 0;
        if (!CLI::detail::lexical_cast(part, v)) break;
        out.push_back(v);
    }
    if (out.size() != count)
        return failure("\"" + text + "\" is no " + what + ": " + std::to_string(count) +
                       " numbers with commas between them.");
    return out;
}

}  // namespace

void KnownColourOptions::declare(CLI::App& verb) {
    verb.add_option(
            "--known", words_,
            "Something of known colour: its name, a frame of the setup, where in it (x,y,width,height in "
            "pixels), and its measured L*,a*,b* (D50, 2 degrees); may be given again")
        ->type_name("NAME FRAME X,Y,W,H L,A,B")
        ->expected(4)
        ->take_all();
}

Result<std::vector<KnownColour>> KnownColourOptions::measured(const Transfer& encoding) const {
    std::vector<KnownColour> out;
    for (std::size_t i = 0; i + 3 < words_.size(); i += 4) {
        KnownColour c;
        c.name = words_[i];
        c.framePath = words_[i + 1];
        const auto place = numbers(words_[i + 2], 4, "place"), lab = numbers(words_[i + 3], 3, "colour");
        if (!place) return tl::unexpected(place.error());
        if (!lab) return tl::unexpected(lab.error());
        c.labD50 = {(*lab)[0], (*lab)[1], (*lab)[2], white::d50};
        const auto frame = io::readFrameAssuming(encoding, c.framePath);
        if (!frame) return tl::unexpected(frame.error());
        const auto area = areaReading(frame->image, {(*place)[0], (*place)[1]},
                                      {(*place)[0] + (*place)[2], (*place)[1] + (*place)[3]});
        if (!area) return failure("The place of " + c.name + " is not in " + c.framePath + ".");
        c.rgb = area->mean;
        c.deviation = area->deviation;
        c.pixels = area->pixels;
        out.push_back(std::move(c));
    }
    return out;
}

}  // namespace refero::cli
