// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/handover/frames_choice.h"

#include <QComboBox>
#include <QCoreApplication>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <algorithm>
#include <array>

#include "app/handover/receivers.h"
#include "app/look/caption.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/session/handover_actions.h"
#include "io/clip.h"
#include "io/media_path.h"

namespace refero {
namespace {

struct Kind {
    const char* label;
    const char* kind;
    int bits;
    bool half;
};
constexpr std::array kKinds{Kind{"JPEG", "jpg", 8, true},
                            Kind{"TIFF, 16 bit", "tif", 16, true},
                            Kind{"PNG, 16 bit", "png", 16, true},
                            Kind{word("EXR, half floats"), "exr", 16, true},
                            Kind{word("EXR, floats"), "exr", 16, false},
                            Kind{"DPX, 10 bit", "dpx", 10, true}};
constexpr std::array kEdges{0, 4096, 2560, 1600};
// In the order of the first choice.
enum Which : int { thisSetup, wholeShoot, none, chosen };

QString labelOf(OutputSpace space) {
    return told(info(space).label);
}

// How files are called, as a person says it; an empty pattern is one of the person's own.
struct Naming {
    const char *label, *pattern;
};
constexpr std::array kNamings{Naming{QT_TRANSLATE_NOOP("FramesChoice", "As the frame"), "{frame}"},
                              Naming{QT_TRANSLATE_NOOP("FramesChoice", "Setup, number"), "{setup} {n}"},
                              Naming{QT_TRANSLATE_NOOP("FramesChoice", "Setup, frame"), "{setup} {frame}"},
                              Naming{QT_TRANSLATE_NOOP("FramesChoice", "Date, frame"), "{date} {frame}"},
                              Naming{QT_TRANSLATE_NOOP("FramesChoice", "A pattern of mine"), ""}};

// What a job of such frames could not do is said before a folder is asked for.
Status possible(const workflow::FramesWish& wish) {
    io::BatchJob probe;
    probe.folder = ".";
    probe.name = wish.name;
    probe.output = wish.output;
    probe.corrections["x"] = Correction{};
    probe.frames.push_back({"x", "x"});
    return probe.validate();
}

}  // namespace

FramesChoice::FramesChoice(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    column->addLayout(buildOutput());
    column->addLayout(buildCorrection());
    note_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    note_->setObjectName(QStringLiteral("framesNote"));
    column->addWidget(note_);
}

QHBoxLayout* FramesChoice::buildOutput() {
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    const auto choice = [&](const char* words, const char* object, const char* hint) {
        row->addWidget(look::caption(told(words), this));
        auto* box = new QComboBox(this);
        box->setObjectName(QLatin1String(object));
        box->setAccessibleName(told(words));
        box->setToolTip(told(hint));
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(6);
        row->addWidget(box, 1);
        connect(box, &QComboBox::activated, this, &FramesChoice::change);
        return box;
    };
    which_ = choice(word("Frames"), "framesChoice",
                    word("Of this setup, or of every setup of the shoot by its own correction."));
    which_->addItems({tr("This setup"), tr("Whole shoot"), tr("None")});
    kind_ = choice(word("As"), "frameKindChoice", word("The kind of file."));
    for (const Kind& k : kKinds) kind_->addItem(told(k.label));
    space_ = choice(word("In"), "frameSpaceChoice", word("The colour space; its profile is embedded."));
    for (const OutputSpace s : kOutputSpaces) {
        space_->addItem(labelOf(s));
        space_->setItemData(space_->count() - 1, told(info(s).viewing), Qt::ToolTipRole);
    }
    space_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    space_->setMinimumContentsLength(8);
    size_ = choice(word("Long edge"), "frameSizeChoice",
                   word("Frames are only made smaller, and not sharpened."));
    for (const int edge : kEdges) size_->addItem(edge == 0 ? tr("As it is") : QString::number(edge));
    naming_ = choice(word("Named"), "frameNaming", word("What the files are called."));
    for (const Naming& n : kNamings)
        naming_->addItem(QCoreApplication::translate("FramesChoice", n.label), QLatin1String(n.pattern));
    name_ = new QLineEdit(QLatin1String(kNamings.front().pattern), this);
    name_->setObjectName(QStringLiteral("frameName"));
    name_->setAccessibleName(tr("Pattern of the names"));
    name_->setToolTip(tr(
        "{frame} is the frame's own name; {n}, {space}, {setup}, {body}, {light}, {place} and {date} can be "
        "in it."));
    name_->hide();
    connect(naming_, &QComboBox::activated, this, [this] {
        const QString pattern = naming_->currentData().toString();
        name_->setVisible(pattern.isEmpty());
        if (!pattern.isEmpty()) name_->setText(pattern);
        change();
    });
    connect(name_, &QLineEdit::textEdited, this, &FramesChoice::change);
    row->addWidget(name_, 1);
    return row;
}

// The rules give each frame its correction; a person may know better, and says why.
QHBoxLayout* FramesChoice::buildCorrection() {
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    auto* by = look::caption(tr("By"), this);
    // Under the choice above it.
    by->setFixedWidth(std::max(by->sizeHint().width(), by->fontMetrics().horizontalAdvance(tr("Frames"))));
    row->addWidget(by);
    by_ = new QComboBox(this);
    by_->setObjectName(QStringLiteral("frameCorrection"));
    by_->setAccessibleName(tr("By which correction"));
    by_->setToolTip(told(
        "The valid correction of each frame's setup, as the plan's rules have it, or one for all of them."));
    by_->setSizeAdjustPolicy(QComboBox::AdjustToContents);
    connect(by_, &QComboBox::activated, this, &FramesChoice::change);
    row->addWidget(by_);
    because_ = new QWidget(this);
    auto* because = new QHBoxLayout(because_);
    because->setContentsMargins(0, 0, 0, 0);
    because->setSpacing(8);
    because->addWidget(look::caption(tr("Because"), because_));
    reason_ = new QLineEdit(because_);
    reason_->setObjectName(QStringLiteral("chosenBecause"));
    reason_->setAccessibleName(tr("Why this correction serves them"));
    reason_->setPlaceholderText(tr("Why this one serves frames that the rules give another"));
    connect(reason_, &QLineEdit::textEdited, this, [this] {
        tell();
        emit changed();
    });
    because->addWidget(reason_, 1);
    row->addWidget(because_, 1);
    row->addStretch(0);
    clipsRow_ = new QWidget(this);
    auto* clips = new QHBoxLayout(clipsRow_);
    clips->setContentsMargins(0, 0, 0, 0);
    clips->setSpacing(8);
    clips->addWidget(look::caption(tr("Clips as"), clipsRow_));
    clips_ = new QComboBox(clipsRow_);
    clips_->setObjectName(QStringLiteral("clipKindChoice"));
    clips_->setAccessibleName(tr("What clips become"));
    clips_->setToolTip(
        tr("One clip keeps its rate, sound, timecode and colour tags; both kinds have 10 bits."));
    clips_->addItems({tr("A folder of pictures"), tr("FFV1: no loss"), tr("AV1: small")});
    connect(clips_, &QComboBox::activated, this, &FramesChoice::change);
    clips->addWidget(clips_);
    row->addWidget(clipsRow_);
    return row;
}

void FramesChoice::offer(std::vector<studio::FrameId> frames) {
    these_ = std::move(frames);
    const QString words = tr("Chosen (%1)").arg(these_.size());
    if (which_->count() > chosen)
        which_->setItemText(chosen, words);
    else
        which_->addItem(words);
    which_->setCurrentIndex(chosen);
}

void FramesChoice::setOutput(const io::FrameOutput& o) {
    usual_ = o;
    for (std::size_t i = 0; i < kKinds.size(); ++i)
        if (o.kind == kKinds[i].kind && (o.kind != "exr" || o.half == kKinds[i].half))
            kind_->setCurrentIndex(static_cast<int>(i));
    space_->setCurrentIndex(static_cast<int>(o.space));
    const auto edge = std::find(kEdges.begin(), kEdges.end(), o.longEdge);
    clips_->setCurrentIndex(static_cast<int>(o.clips));
    size_->setCurrentIndex(edge == kEdges.end() ? 0 : static_cast<int>(edge - kEdges.begin()));
}

void FramesChoice::refresh() {
    bool clips = false;
    for (const auto& [id, f] : session_.contents().all<studio::Frame>())
        clips = clips || (f.shoot == session_.shootId() && io::isClip(io::mediaPath(f.path).file));
    clipsRow_->setVisible(clips);
    fillCorrections();
    count();
}

std::optional<workflow::FramesWish> FramesChoice::wish() const {
    if (which_->currentIndex() == none) return {};
    workflow::FramesWish out;
    const Kind& k = kKinds[static_cast<std::size_t>(std::max(0, kind_->currentIndex()))];
    out.output = usual_;
    out.output.kind = k.kind;
    out.output.bits = k.bits;
    out.output.half = k.half;
    out.output.space = kOutputSpaces[static_cast<std::size_t>(std::max(0, space_->currentIndex()))];
    out.output.longEdge = kEdges[static_cast<std::size_t>(std::max(0, size_->currentIndex()))];
    out.output.clips = io::kClipKinds[static_cast<std::size_t>(std::max(0, clips_->currentIndex()))];
    out.name = name_->text().toStdString();
    if (which_->currentIndex() == wholeShoot) out.which = workflow::FramesWish::Which::shoot;
    if (which_->currentIndex() == chosen) {
        out.which = workflow::FramesWish::Which::these;
        out.these = these_;
    }
    if (by_->currentIndex() > 0)
        out.by = studio::ChosenCorrection{by_->currentData().toLongLong(),
                                          reason_->text().trimmed().toStdString()};
    return out;
}

// Every correction of the shoot, by the setup it was built for.
void FramesChoice::fillCorrections() {
    const QSignalBlocker quiet(by_);
    const auto chosenOne = by_->currentIndex() > 0 ? by_->currentData() : QVariant();
    by_->clear();
    by_->addItem(tr("Its own correction"));
    if (const studio::Studio* studio = session_.studio())
        for (const auto& [id, c] : studio->contents().all<studio::CorrectionRecord>())
            if (const Setup* s = session_.setup(c.setup))
                by_->addItem(text(s->place.empty() ? s->light : s->light + ", " + s->place),
                             QVariant::fromValue(static_cast<qlonglong>(id)));
    by_->setCurrentIndex(chosenOne.isValid() ? std::max(0, by_->findData(chosenOne)) : 0);
}

// Where a chosen correction is not what the rules say.
bool FramesChoice::needsReason() const {
    return by_->currentIndex() > 0 &&
           std::any_of(served_.frames.begin(), served_.frames.end(),
                       [](const studio::FrameToRender& f) { return f.coverage != plan::Coverage::valid; });
}

void FramesChoice::change() {
    count();
    emit changed();
}

void FramesChoice::count() {
    const Setup* s = session_.current();
    const auto w = wish();
    served_ = s && w ? session_.handover().framesFor(s->id, *w) : studio::FramesToRender{};
    because_->setVisible(needsReason());
    tell();
}

// How many go out, how many by a weaker correction, and why some do not.
void FramesChoice::tell() {
    const auto w = wish();
    ready_ = true;
    if (!session_.current() || !w) return note_->setText({});
    const studio::FramesToRender& f = served_;
    io::FrameOutput said = w->output;
    if (clipsRow_->isHidden()) said.clips = io::ClipKind::pictures;  // there are none
    const auto weaker = std::count_if(f.frames.begin(), f.frames.end(), [](const studio::FrameToRender& r) {
        return r.coverage != plan::Coverage::valid;
    });
    QString words = f.frames.empty() ? tr("No frames to render yet.")
                                     : (f.frames.size() == 1 ? tr("%1 frame as %2.") : tr("%1 frames as %2."))
                                           .arg(f.frames.size())
                                           .arg(inWords(said));
    const bool unsaid = needsReason() && reason_->text().trimmed().isEmpty();
    if (unsaid)
        words += told(" The rules give %1 of them another correction: say why this one serves.").arg(weaker);
    else if (weaker > 0)
        words += told(" %1 of them by a weaker correction; the reason is recorded.").arg(weaker);
    if (f.unserved > 0)
        words += told(" %1 left out: %2").arg(f.unserved).arg(QString::fromStdString(f.unservedWhy));
    const Status ok = possible(*w);
    if (!ok) words = QString::fromStdString(ok.error().message);
    ready_ = ok.has_value() && !unsaid;
    note_->setText(words);
}

}  // namespace refero
