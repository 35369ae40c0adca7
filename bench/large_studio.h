// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "studio/contents.h"

namespace refero {

/// 10 shoots with 200 setups and 50,000 frames; every setup has a reading with that document.
inline studio::Contents largeContents(const std::string& readingDocument) {
    studio::Contents c;
    plan::AnyId id = 1;
    plan::Lamp window;
    window.id = id++;
    window.kind = plan::LightKind::shade;
    c.put(window);
    for (int s = 0; s < 10; ++s) {
        plan::Shoot shoot;
        shoot.id = id++;
        shoot.date = "2026-06-21";
        c.put(shoot);
        plan::Place place;
        place.id = id++;
        place.shoot = shoot.id;
        place.latitude = 52.6;
        place.longitude = 0.2;
        c.put(place);
        for (int i = 0; i < 20; ++i) {
            plan::Setup setup;
            setup.id = id++;
            setup.shoot = shoot.id;
            setup.position = i;
            setup.conditions.lamp = window.id;
            setup.conditions.place = place.id;
            c.put(setup);
            studio::ReadingRecord reading;
            reading.id = id++;
            reading.setup = setup.id;
            reading.conditions = setup.conditions;
            reading.shotAt = "2026-06-21T12:00:00Z";
            reading.document = readingDocument;
            reading.verdict = "pass";
            c.put(reading);
            for (int f = 0; f < 250; ++f) {
                studio::Frame frame;
                frame.id = id++;
                frame.shoot = shoot.id;
                frame.setup = setup.id;
                frame.path = "/pictures/2026-06-21/frame-" + std::to_string(id) + ".tif";
                frame.sha256 = std::string(64, 'a');
                frame.taken = "2026-06-21T12:00:00Z";
                frame.because = "Taken eleven minutes after the chart shot of this setup.";
                c.put(frame);
            }
        }
    }
    return c;
}

}  // namespace refero
