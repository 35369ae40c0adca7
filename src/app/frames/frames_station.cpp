// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/frames/frames_station.h"

#include <QComboBox>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QPainter>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <algorithm>

#include "app/dialogs.h"
#include "app/look/button.h"
#include "app/look/label.h"

namespace refero {
namespace {

QString text(const std::string& s) {
    return QString::fromStdString(s);
}

// What its file says, a line each.
QString factsOf(const studio::Frame& f) {
    QStringList lines;
    if (!f.taken.empty())
        lines << QStringLiteral("Taken ") +
                     text(f.taken).replace(QLatin1Char('T'), QLatin1Char(' ')).chopped(1) +
                     QStringLiteral(" UTC");
    QStringList camera;
    if (!f.body.empty())
        camera << text(f.body) + (f.serial.empty() ? QString() : QLatin1Char(' ') + text(f.serial));
    if (!f.lens.empty()) camera << text(f.lens);
    if (!camera.isEmpty()) lines << camera.join(QStringLiteral(", "));
    lines << QStringLiteral("%1 MB, %2")
                 .arg(double(f.bytes) / 1e6, 0, 'f', 1)
                 .arg(QFileInfo(text(f.path)).dir().dirName());
    return lines.join(QLatin1Char('\n'));
}

QString left(qint64 ms) {
    if (ms < 0) return {};
    const qint64 seconds = (ms + 999) / 1000;
    return seconds < 90 ? QStringLiteral(", about %1 s left").arg(seconds)
                        : QStringLiteral(", about %1 min left").arg((seconds + 59) / 60);
}

}  // namespace

FramesStation::FramesStation(Session& session, Dialogs& dialogs, QWidget* parent)
    : QWidget(parent), session_(session), dialogs_(dialogs) {
    setObjectName(QStringLiteral("framesStation"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    auto* column = new QVBoxLayout;
    column->setSpacing(0);
    sheet_ = new ContactSheet(this);
    empty_ = buildEmpty();
    column->addWidget(buildBar());
    column->addWidget(sheet_, 1);
    column->addWidget(empty_, 1);
    row->addLayout(column, 1);
    panel_ = buildPanel();
    row->addWidget(panel_);
    connect(sheet_, &ContactSheet::chosenChanged, this, &FramesStation::showChosen);
    connect(sheet_, &ContactSheet::moveWanted, this, [this](const std::vector<qint64>& frames, qint64 setup) {
        session_.putFrames({frames.begin(), frames.end()}, setup);
    });
    connect(sheet_, &ContactSheet::opened, this, [this](qint64 id) {
        const auto* f = session_.studio()->contents().find<studio::Frame>(id);
        if (!f || f->setup == 0) return;
        session_.select(static_cast<int>(f->setup));
        if (f->role == studio::FrameRole::chart) emit readingWanted();
    });
    connect(&session_, &Session::planChanged, this, &FramesStation::refresh);
    connect(&session_, &Session::intakeProgress, this, &FramesStation::showProgress);
    connect(&session_, &Session::intakeFinished, this, &FramesStation::finished);
}

QWidget* FramesStation::buildBar() {
    auto* bar = new QWidget(this);
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(16, 8, 16, 8);
    row->setSpacing(8);
    auto* in = new look::Button(look::Button::Kind::plain, QStringLiteral("Bring in frames"), bar);
    in->setObjectName(QStringLiteral("bringIn"));
    in->setToolTip(
        QStringLiteral("Or drop files, folders or a card on the window. The pictures stay where they are."));
    row->addWidget(in);
    show_ = new QComboBox(bar);
    show_->setObjectName(QStringLiteral("framesShown"));
    show_->setAccessibleName(QStringLiteral("Frames shown"));
    show_->addItems({QStringLiteral("All frames"), QStringLiteral("Chart frames"),
                     QStringLiteral("In no setup"), QStringLiteral("Doubtful")});
    row->addWidget(show_);
    count_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    count_->setObjectName(QStringLiteral("framesCount"));
    count_->setWordWrap(false);
    row->addWidget(count_);
    row->addStretch(1);
    progress_ = new look::Label({}, look::Size::small);
    progress_->setObjectName(QStringLiteral("intakeProgress"));
    progress_->setWordWrap(false);
    row->addWidget(progress_);
    stop_ = new look::Button(look::Button::Kind::plain, QStringLiteral("Stop"), bar);
    stop_->setObjectName(QStringLiteral("stopIntake"));
    stop_->setToolTip(QStringLiteral("What came in so far stays."));
    stop_->hide();
    row->addWidget(stop_);
    connect(in, &QAbstractButton::clicked, this, [this] {
        const QStringList paths = dialogs_.openFrames(this);
        if (!paths.isEmpty()) session_.bringInFiles(paths);
    });
    connect(stop_, &QAbstractButton::clicked, &session_, &Session::stopBringingIn);
    connect(show_, &QComboBox::activated, this, &FramesStation::refresh);
    return bar;
}

QWidget* FramesStation::buildPanel() {
    auto* panel = new QWidget(this);
    panel->setFixedWidth(look::kFindingsWidth);
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(16, 16, 16, 16);
    column->setSpacing(3 * look::kStep);
    title_ = new look::Label({}, look::Size::title, look::Label::Tone::loud, QFont::DemiBold);
    title_->setObjectName(QStringLiteral("frameTitle"));
    facts_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    setup_ = new QComboBox(panel);
    setup_->setObjectName(QStringLiteral("frameSetup"));
    setup_->setAccessibleName(QStringLiteral("Setup of the chosen frames"));
    reason_ = new look::Label({}, look::Size::body);
    reason_->setObjectName(QStringLiteral("frameReason"));
    doubt_ = new look::Label({}, look::Size::body, look::Label::Tone::loud, QFont::Medium);
    doubt_->setObjectName(QStringLiteral("frameDoubt"));
    begin_ = new look::Button(look::Button::Kind::plain, QStringLiteral("Begin a setup with them"), panel);
    begin_->setObjectName(QStringLiteral("beginSetup"));
    begin_->setToolTip(QStringLiteral("A new setup with their body and lens; name it with F2."));
    connect(begin_, &QAbstractButton::clicked, this, [this] {
        const auto chosen = sheet_->chosen();
        session_.beginSetupWith({chosen.begin(), chosen.end()});
    });
    problems_ = new look::Label({}, look::Size::small, look::Label::Tone::text);
    problems_->setObjectName(QStringLiteral("frameProblems"));
    for (QWidget* w :
         {static_cast<QWidget*>(title_), static_cast<QWidget*>(facts_), static_cast<QWidget*>(setup_),
          static_cast<QWidget*>(reason_), static_cast<QWidget*>(doubt_), static_cast<QWidget*>(begin_),
          static_cast<QWidget*>(problems_)})
        column->addWidget(w);
    column->setAlignment(begin_, Qt::AlignLeft);
    column->addStretch(1);
    connect(setup_, &QComboBox::activated, this, &FramesStation::moveChosen);
    return panel;
}

QWidget* FramesStation::buildEmpty() {
    auto* empty = new QWidget(this);
    auto* column = new QVBoxLayout(empty);
    column->setContentsMargins(48, 0, 48, 0);
    column->setSpacing(3 * look::kStep);
    column->addStretch(2);
    column->addWidget(new look::Label(QStringLiteral("Drop the day's card here"), look::Size::huge,
                                      look::Label::Tone::loud, QFont::DemiBold));
    column->addWidget(new look::Label(
        QStringLiteral(
            "Files, folders or a whole card. Refero finds the chart shots and the slips, and sorts every "
            "frame into "
            "its setup by slip, body, lens and time, with the reason. The pictures stay where they are."),
        look::Size::title));
    column->addStretch(3);
    return empty;
}

bool FramesStation::isShown(const studio::Frame& f) const {
    if (f.shoot != session_.shootId()) return false;
    switch (static_cast<Show>(show_->currentIndex())) {
        case Show::charts:
            return f.role == studio::FrameRole::chart;
        case Show::loose:
            return f.setup == 0;
        case Show::doubted:
            return !f.doubt.empty();
        case Show::all:
            break;
    }
    return true;
}

std::vector<SheetGroup> FramesStation::groups() const {
    std::vector<SheetGroup> out;
    std::map<studio::Id, std::size_t> at;
    for (const Setup& s : session_.setups()) {
        at[s.id] = out.size();
        out.push_back({s.id, s.light, s.place, {}});
    }
    out.push_back({0, QStringLiteral("In no setup"), {}, {}});
    for (const auto& [id, f] : session_.studio()->contents().all<studio::Frame>()) {
        if (!isShown(f)) continue;
        const auto found = at.find(f.setup);
        SheetGroup& g = out[found == at.end() ? out.size() - 1 : found->second];
        g.frames.push_back(
            {id, text(f.path), text(f.sha256), QFileInfo(text(f.path)).fileName(),
             text(f.because) + (f.doubt.empty() ? QString() : QStringLiteral("\nBut: ") + text(f.doubt)),
             f.role == studio::FrameRole::chart, !f.doubt.empty()});
    }
    // By time would be by name on most cards; the order in which they came is both.
    for (SheetGroup& g : out)
        g.detail = (g.detail.isEmpty() ? QString() : g.detail + QStringLiteral(", ")) +
                   QStringLiteral("%1 %2")
                       .arg(g.frames.size())
                       .arg(g.frames.size() == 1 ? QStringLiteral("frame") : QStringLiteral("frames"));
    std::erase_if(out, [&](const SheetGroup& g) {
        return g.frames.empty() && (g.setup == 0 || show_->currentIndex() != 0);
    });
    return out;
}

void FramesStation::refresh() {
    if (!isVisible() || !session_.studio()) return;
    int all = 0, charts = 0, loose = 0, doubted = 0;
    for (const auto& [id, f] : session_.studio()->contents().all<studio::Frame>()) {
        if (f.shoot != session_.shootId()) continue;
        ++all;
        charts += f.role == studio::FrameRole::chart;
        loose += f.setup == 0;
        doubted += !f.doubt.empty();
    }
    count_->setText(QStringLiteral("%1 frames, %2 with a chart, %3 in no setup, %4 doubtful")
                        .arg(all)
                        .arg(charts)
                        .arg(loose)
                        .arg(doubted));
    count_->setVisible(all > 0);
    show_->setVisible(all > 0);
    sheet_->setVisible(all > 0);
    empty_->setVisible(all == 0);
    sheet_->setGroups(groups());
    showChosen();
}

void FramesStation::showChosen() {
    const auto chosen = sheet_->chosen();
    const auto* f =
        chosen.empty() ? nullptr : session_.studio()->contents().find<studio::Frame>(chosen.front());
    const bool one = chosen.size() == 1 && f;
    title_->setText(!f    ? QStringLiteral("No frame chosen")
                    : one ? QFileInfo(text(f->path)).fileName()
                          : QStringLiteral("%1 frames").arg(chosen.size()));
    facts_->setText(
        one ? factsOf(*f)
        : f ? QString()
            : QStringLiteral("Drag frames onto another setup to correct what was sorted wrongly."));
    facts_->setToolTip(one ? text(f->path) : QString());
    reason_->setText(one ? text(f->because) : QString());
    doubt_->setText(one ? text(f->doubt) : QString());
    for (QLabel* l : {static_cast<QLabel*>(reason_), static_cast<QLabel*>(doubt_)})
        l->setVisible(!l->text().isEmpty());
    begin_->setVisible(f && std::all_of(chosen.begin(), chosen.end(), [&](qint64 id) {
                           const auto* frame = session_.studio()->contents().find<studio::Frame>(id);
                           return frame && frame->setup == 0;
                       }));
    const QSignalBlocker block(setup_);
    setup_->setVisible(f);
    setup_->clear();
    setups_.assign(1, 0);
    setup_->addItem(QStringLiteral("In no setup"));
    for (const Setup& s : session_.setups()) {
        setups_.push_back(s.id);
        setup_->addItem(s.light);
        if (f && f->setup == s.id) setup_->setCurrentIndex(setup_->count() - 1);
    }
}

void FramesStation::moveChosen(int index) {
    const auto chosen = sheet_->chosen();
    session_.putFrames({chosen.begin(), chosen.end()}, setups_[static_cast<std::size_t>(index)]);
}

void FramesStation::showProgress(int done, int all, qint64 ms) {
    stop_->show();
    problems_->setText({});
    progress_->setText(all == 0 ? QStringLiteral("Looking for files")
                                : QStringLiteral("Frame %1 of %2").arg(done + 1).arg(all) + left(ms));
}

void FramesStation::finished(int broughtIn, const QStringList& problems) {
    stop_->hide();
    progress_->setText(QStringLiteral("%1 brought in").arg(broughtIn) +
                       (problems.isEmpty() ? QString() : QStringLiteral(", %1 not").arg(problems.size())));
    constexpr int kNamed = 12;
    QString text = problems.isEmpty() ? QString()
                                      : QStringLiteral("Not brought in:\n") +
                                            problems.mid(0, kNamed).join(QLatin1Char('\n'));
    if (problems.size() > kNamed) text += QStringLiteral("\nand %1 more").arg(problems.size() - kNamed);
    problems_->setText(text);
}

void FramesStation::setCompact(bool compact) {
    panel_->setFixedWidth(compact ? look::kFindingsWidthCompact : look::kFindingsWidth);
}

void FramesStation::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

void FramesStation::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), look::palette().ground);
    p.fillRect(panel_->geometry(), look::palette().panel);
}

}  // namespace refero
