// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/frames/sheet_groups.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <algorithm>

#include "app/look/text.h"
#include "app/session/intake_actions.h"
#include "io/media_path.h"
#include "workflow/proposals.h"

namespace refero {
namespace {

// A sentence that goes on.
QString withoutStop(QString sentence) {
    if (sentence.endsWith(QLatin1Char('.'))) sentence.chop(1);
    return sentence;
}

bool isShown(const studio::Frame& f, const QString& doubt, FramesShown shown) {
    switch (shown) {
        case FramesShown::charts:
            return f.role == studio::FrameRole::chart;
        case FramesShown::loose:
            return f.setup == 0;
        case FramesShown::doubted:
            return !doubt.isEmpty();
        case FramesShown::cards:
            return f.greyCard;
        case FramesShown::all:
            break;
    }
    return true;
}

void order(std::vector<const studio::Frame*>& frames, FramesOrder by) {
    const auto name = [](const studio::Frame& f) { return f.path.substr(f.path.rfind('/') + 1); };
    std::stable_sort(frames.begin(), frames.end(), [&](const studio::Frame* a, const studio::Frame* b) {
        if (by == FramesOrder::name) return name(*a) < name(*b);
        if (by == FramesOrder::certainty && a->certainty != b->certainty) return a->certainty > b->certainty;
        return a->taken < b->taken;
    });
}

// What is proposed stands under its reason; frames are dragged from one to the other, or to a new one. The
// group of each frame that is in one.
std::map<studio::FrameId, std::size_t> addProposals(std::vector<SheetGroup>& out, Session& session) {
    std::map<studio::FrameId, std::size_t> proposed;
    const auto proposals =
        session.intake().running() ? std::vector<plan::SetupProposal>() : session.intake().proposals();
    for (std::size_t i = 0; i < proposals.size(); ++i) {
        const plan::SetupProposal& p = proposals[i];
        for (const studio::FrameId id : p.frames) proposed[id] = out.size();
        const Setup* joins = session.setup(p.setup);
        const QString who = p.body.empty()
                                ? QCoreApplication::translate("SheetGroups", "a camera without a name")
                                : text(p.body + " " + p.serial).trimmed();
        out.push_back(
            {proposalKey(i),
             joins ? QCoreApplication::translate("SheetGroups", "Proposed for %1").arg(text(joins->light))
                   : QCoreApplication::translate("SheetGroups", "Proposed: %1")
                         .arg(p.lens.empty() ? who : who + QStringLiteral(", ") + text(p.lens)),
             withoutStop(text(workflow::reasonOf(p))),
             {}});
    }
    if (!proposals.empty())
        out.push_back({kNewProposal,
                       QCoreApplication::translate("SheetGroups", "A light of its own"),
                       QCoreApplication::translate("SheetGroups", "drop frames here"),
                       {}});
    return proposed;
}

}  // namespace

std::vector<SheetGroup> sheetGroups(Session& session, const std::map<studio::FrameId, QString>& doubts,
                                    FramesShown which, FramesOrder by) {
    const auto doubtOf = [&](studio::FrameId frame) {
        const auto at = doubts.find(frame);
        return at == doubts.end() ? QString() : at->second;
    };
    std::vector<SheetGroup> out;
    std::map<studio::SetupId, std::size_t> at;
    for (const Setup& s : session.setups()) {
        at[s.id] = out.size();
        out.push_back({s.id.number(), text(s.light), text(s.place), {}});
    }
    const auto proposed = addProposals(out, session);
    out.push_back({0, told("In no setup"), {}, {}});
    std::vector<const studio::Frame*> shown;
    for (const auto& [id, f] : session.studio()->contents().all<studio::Frame>())
        if (f.shoot == session.shootId() && isShown(f, doubtOf(id), which)) shown.push_back(&f);
    order(shown, by);
    for (const studio::Frame* f : shown) {
        const auto found = at.find(f->setup);
        const auto offered = proposed.find(f->id);
        SheetGroup& g = out[found != at.end()           ? found->second
                            : offered != proposed.end() ? offered->second
                                                        : out.size() - 1];
        const QString doubt = doubtOf(f->id);
        const QString file = QFileInfo(text(io::mediaPath(f->path).file.string())).fileName();
        g.frames.push_back({f->id.number(), text(f->path), thumbnailKey(f->sha256, f->path),
                            f->pictures > 1 ? QStringLiteral("%1, %2").arg(file).arg(f->pictures) : file,
                            text(f->because) + (doubt.isEmpty() ? QString() : told("\nBut: ") + doubt),
                            f->role == studio::FrameRole::chart, !doubt.isEmpty()});
    }
    for (SheetGroup& g : out) {
        if (g.setup == kNewProposal) continue;
        g.detail = (g.detail.isEmpty() ? QString() : g.detail + QStringLiteral(", ")) +
                   (g.frames.size() == 1 ? told("%1 frame") : told("%1 frames")).arg(g.frames.size());
    }
    std::erase_if(out, [&](const SheetGroup& g) {
        return g.frames.empty() &&
               (g.setup == 0 || (g.setup < 0 && g.setup != kNewProposal) || which != FramesShown::all);
    });
    return out;
}

}  // namespace refero
