// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "workflow/intake.h"

#include <tbb/parallel_for.h>

#include <mutex>

#include "core/say/say.h"
#include "io/files/utf8.h"
#include "io/twins.h"
#include "workflow/shoot_state.h"
#include "workflow/shoots.h"

namespace refero::workflow {

Intake::Intake(std::vector<io::MediaItem> items, studio::LookOptions look)
    : items_(std::move(items)), look_(std::move(look)) {}

std::vector<io::MediaItem> Intake::itemsBehind(const std::vector<std::filesystem::path>& dropped) {
    return io::withTwins(io::mediaItems(studio::filesBehind(dropped)));
}

Status Intake::keep(studio::Studio& studio, const plan::Day& known,
                    const std::vector<studio::Arrival>& arrivals) {
    if (arrivals.empty()) return {};
    studio::Edit edit =
        studio.edit(items_.size() == 1 ? say("Import %1", items_.front().files.front().filename().string())
                                       : say("Import %1 files", std::to_string(items_.size())));
    plan::Day day = known;
    if (day.shoot.id == 0) day.shoot.id = newShoot(edit);
    const auto before = edit.changes().size();
    for (studio::Brought& b : studio::bringIn(edit, studio.contents(), day, arrivals)) {
        if (b.frame != 0 && !studio.contents().find<studio::Frame>(b.frame)) frames_.push_back(b.frame);
        brought_.push_back(std::move(b));
    }
    if (edit.changes().size() == before) return {};
    if (auto kept = step_ == 0 ? studio.commit(edit) : studio.amend(edit, step_); !kept) return kept;
    if (step_ == 0) step_ = studio.done().back().id;
    return {};
}

Status Intake::finish(studio::Studio& studio, const plan::Day& day) {
    studio::Edit edit = studio.edit(say("Sort the frames"));
    studio::sortAgain(edit, studio.contents(), day, frames_);
    if (edit.changes().empty() || step_ == 0) return {};
    return studio.amend(edit, step_);
}

std::vector<std::string> Intake::problems() const {
    std::vector<std::string> out;
    for (const studio::Brought& b : brought_)
        if (b.frame == 0) out.push_back(io::printable(b.path.filename().string()) + ": " + b.reason);
    return out;
}

Result<Intake> bringIn(studio::Studio& studio, const std::vector<std::filesystem::path>& dropped,
                       const studio::LookOptions& look, const std::stop_token& stop,
                       const std::function<void(std::size_t, std::size_t)>& told) {
    Intake intake(Intake::itemsBehind(dropped), look);
    std::vector<studio::Arrival> seen(intake.size());
    std::vector<char> looked(intake.size());
    std::mutex telling;
    std::size_t begun = 0;
    tbb::parallel_for(std::size_t{0}, intake.size(), [&](std::size_t i) {
        if (stop.stop_requested()) return;
        if (told) {
            const std::lock_guard lock(telling);
            told(begun++, intake.size());
        }
        seen[i] = intake.look(i);
        looked[i] = true;
    });
    std::vector<studio::Arrival> arrivals;
    for (std::size_t i = 0; i < seen.size(); ++i)
        if (looked[i]) arrivals.push_back(std::move(seen[i]));
    ShootState state;
    const auto day = [&] { return state.day(studio.contents(), latestShoot(studio.contents())); };
    if (auto ok = intake.keep(studio, day(), arrivals); !ok) return tl::unexpected(ok.error());
    if (auto ok = intake.finish(studio, day()); !ok) return tl::unexpected(ok.error());
    return intake;
}

}  // namespace refero::workflow
