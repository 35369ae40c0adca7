// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/onset/on_set_page.h"

#include <QApplication>
#include <QCheckBox>
#include <QDir>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPainter>
#include <QTimer>
#include <QVBoxLayout>

#include "app/demo/demo.h"
#include "app/dialogs/dialogs.h"
#include "app/jobs/job.h"
#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/onset/verdict_board.h"
#include "app/pictures/display_colour.h"
#include "app/session/correction_actions.h"
#include "app/session/day_actions.h"
#include "app/session/intake_actions.h"
#include "app/session/reading_actions.h"
#include "app/settings/day_settings.h"
#include "app/settings/own_settings.h"
#include "core/read/swatch.h"
#include "core/render/render.h"
#include "io/read_frame.h"
#include "sim/tethered_camera.h"

namespace refero {
namespace {

constexpr int kRemembered = 8;
constexpr int kShownEdge = 900;  // pixels
constexpr int kBetweenSoundsMs = 220;

}  // namespace

OnSetPage::OnSetPage(Session& session, Dialogs& dialogs, QWidget* parent)
    : QWidget(parent), session_(session), dialogs_(dialogs) {
    setObjectName(QStringLiteral("onSetPage"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    auto* row = new QHBoxLayout;
    row->setContentsMargins(16, 8, 16, 8);
    row->setSpacing(8);
    auto* back = new look::Button(look::Button::Kind::plain, tr("Contact sheet"), this);
    back->setObjectName(QStringLiteral("leaveOnSet"));
    back->setToolTip(tr("Back to all frames (Esc); the watch goes on."));
    connect(back, &QAbstractButton::clicked, this, &OnSetPage::leaveWanted);
    row->addWidget(back);
    choose_ = new look::Button(look::Button::Kind::plain, tr("Watch a folder"), this);
    choose_->setObjectName(QStringLiteral("watchFolder"));
    choose_->setToolTip(tr("Into which the camera's own program leaves its frames."));
    shoot_ = new look::Button(look::Button::Kind::plain, tr("Release the simulated camera"), this);
    shoot_->setObjectName(QStringLiteral("releaseCamera"));
    shoot_->setToolTip(
        tr("A stand-in that shoots the demo's charts into the folder, first too dark, then "
           "too light, then right."));
    stop_ = new look::Button(look::Button::Kind::plain, tr("End the watch"), this);
    stop_->setObjectName(QStringLiteral("endWatch"));
    where_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    where_->setObjectName(QStringLiteral("watchedWhere"));
    where_->setWordWrap(false);
    where_->setMinimumWidth(40);
    for (QWidget* w :
         {static_cast<QWidget*>(choose_), static_cast<QWidget*>(shoot_), static_cast<QWidget*>(stop_)})
        row->addWidget(w);
    row->addWidget(where_, 1);
    column->addLayout(row);
    board_ = new VerdictBoard(this);
    column->addWidget(board_, 1);
    history_ = new look::Label({}, look::Size::body, look::Label::Tone::text);
    history_->setObjectName(QStringLiteral("watchedHistory"));
    history_->setContentsMargins(48, 8, 48, 16);
    column->addWidget(history_);
    // Under the board, where the row above would be too wide for a small screen.
    auto* wishes = new QHBoxLayout;
    wishes->setContentsMargins(48, 0, 48, 16);
    wishes->setSpacing(24);
    const auto tick = [&](const char* name, const QString& words, const QString& hint, const QString& key) {
        auto* box = new QCheckBox(words, this);
        box->setObjectName(QLatin1String(name));
        box->setAccessibleName(words);
        box->setToolTip(hint);
        box->setChecked(ownSettings().value(key, false).toBool());
        connect(box, &QCheckBox::toggled, this, [key](bool on) { ownSettings().setValue(key, on); });
        wishes->addWidget(box);
        return box;
    };
    handOn_ =
        tick("handOnOnSet", tr("Hand over as they come"),
             tr("Frames that follow a good chart shot go out to the receivers, and into the folder, that the "
                "day in one go had last."),
             QStringLiteral("onset/handOn"));
    connect(handOn_, &QCheckBox::clicked, this, &OnSetPage::askWhere);
    sounds_ = tick("soundsOnSet", tr("Sounds"),
                   tr("One for a good shot, two for one that wants a look, three for one to be shot again."),
                   QStringLiteral("onset/sounds"));
    wishes->addStretch(1);
    column->addLayout(wishes);
    connect(choose_, &QAbstractButton::clicked, this, &OnSetPage::chooseFolder);
    connect(shoot_, &QAbstractButton::clicked, this, &OnSetPage::shoot);
    connect(stop_, &QAbstractButton::clicked, this, [this] { watch({}); });
    connect(&watched_, &WatchedFolder::arrived, this, &OnSetPage::arrived);
    connect(&watched_, &WatchedFolder::lost, this, [this] {
        watch({});
        board_->say(tr("Folder gone"),
                    tr("The watched folder is not there any more. Nothing that came in is lost."));
    });
    connect(&session_.intake(), &IntakeActions::finished, this, [this] {
        cameIn();
        bringInNext();
    });
    connect(&session_, &Session::changed, this, [this] { buildWaiting(); });
    connect(&session_, &Session::listChanged, this, [this] { buildWaiting(); });
    connect(&session_, &Session::planChanged, this, [this] { buildWaiting(); });
    connect(&session_.dayWork(), &DayActions::finished, this, [this](bool stopped) {
        if (handOnAgain_ && !stopped) handOn();
    });
    watch({});
}

void OnSetPage::chooseFolder() {
    const QString folder = dialogs_.openFolder(this, tr("Watch the folder"));
    if (!folder.isEmpty()) watch(folder);
}

void OnSetPage::watch(const QString& folder) {
    watched_.watch(folder);
    const bool on = !folder.isEmpty();
    shoot_->setVisible(on);
    stop_->setVisible(on);
    choose_->setVisible(!on);
    where_->setText(on ? tr("Watching %1").arg(QDir(folder).dirName()) : QString());
    where_->setToolTip(folder);
    if (on) {
        board_->say(tr("Waiting"), tr("Shoot the chart: it is judged as soon as it is here."));
    } else {
        board_->say(tr("On set"),
                    told("Watch the folder that the camera shoots into. Every chart shot is judged at once, "
                         "so that mistakes are mended while the light still stands."));
    }
}

void OnSetPage::shoot() {
    if (shooting_ || watched_.folder().isEmpty()) return;
    if (!camera_) {
        auto scene = Demo::scene();
        if (!scene) return board_->say(tr("No camera"), QString::fromStdString(scene.error().message));
        camera_ = std::make_shared<sim::SimulatedCamera>(*std::move(scene));
    }
    shooting_ = true;
    shoot_->setEnabled(false);
    runJob(
        this, [camera = camera_, folder = watched_.folder().toStdString()] { return camera->shoot(folder); },
        [this](const Result<std::filesystem::path>& done) {
            shooting_ = false;
            shoot_->setEnabled(true);
            if (!done) board_->say(tr("Not shot"), QString::fromStdString(done.error().message));
        });
}

void OnSetPage::arrived(const QString& path) {
    toJudge_ << path;
    judgeNext();
}

void OnSetPage::judgeNext() {
    if (judging_ || toJudge_.isEmpty()) return;
    judging_ = true;
    const QString path = toJudge_.takeFirst();
    since_.start();
    board_->say(tr("Reading"), QFileInfo(path).fileName());
    // As the setup at hand is planned: its copy's values, its body's curve, the shoot's limits.
    runJob(
        this,
        [path = path.toStdString(), context = session_.reading().contextOf(session_.currentId())](
            const std::stop_token& stop) { return workflow::readShot(path, context, {}, stop); },
        [this, path](const workflow::ChartShot& shot) { judged(path, shot); }, Urgency::now);
}

void OnSetPage::judged(const QString& path, const workflow::ChartShot& j) {
    judging_ = false;
    lastMs_ = since_.elapsed();
    ++count_;
    const QString file = QFileInfo(path).fileName();
    if (j.reading) {
        judged_[path] = j.reading->verdict;
        const Setup* s = session_.current();
        board_->show(*j.reading,
                     s ? text(s->place.empty() ? s->light : s->light + ", " + s->place) : QString());
        sound(j.reading->verdict);
    } else if (!j.frame) {
        board_->say(tr("Not readable"), QString::fromStdString(j.reading.error().message));
    } else {
        board_->say(tr("No chart"), told("%1 is a frame like others.").arg(file));
    }
    showFrame(j);
    said_.prepend(QStringLiteral("%1   %2, %3 s")
                      .arg(file, board_->headline())
                      .arg(decimalText(double(lastMs_) / 1000, 1)));
    while (said_.size() > kRemembered) said_.removeLast();
    history_->setText(said_.join(QStringLiteral("      ")));
    if (j.frame) toBringIn_ << path;
    bringInNext();
    judgeNext();
}

// One intake runs at a time; what came meanwhile goes in together.
void OnSetPage::bringInNext() {
    if (toBringIn_.isEmpty() || session_.intake().running()) return;
    session_.intake().bringIn(std::exchange(toBringIn_, {}));
}

// A chart shot that is no worse than the setup's reading takes its place: the last word counts.
void OnSetPage::cameIn() {
    for (const auto& [id, f] : session_.studio()->contents().all<studio::Frame>()) {
        const auto it = judged_.find(QString::fromStdString(f.path));
        if (it == judged_.end() || f.setup == 0) continue;
        const Verdict verdict = it->second;
        judged_.erase(it);
        const Setup* s = session_.setup(f.setup);
        if (!s) continue;
        if (verdict != Verdict::reshoot) toBuild_[s->id] = f.path;
        if (!s->reading || s->reading->framePath == f.path || verdict > s->reading->verdict) continue;
        session_.reading().readNewest(s->id);
    }
    buildWaiting();
    handOn();
}

// Whoever wants frames handed over says to whom and where, once.
void OnSetPage::askWhere(bool on) {
    if (!on) return;
    const DayWishes last = dayWishes();
    QString folder = last.folder;
    if (last.receivers.empty())
        where_->setText(tr("Tick who gets something in the day in one go (Ctrl+Shift+D) first."));
    else if (folder.isEmpty() || !QDir(folder).exists())
        folder = dialogs_.openFolder(this, tr("Where the receivers' folders are made"));
    if (last.receivers.empty() || folder.isEmpty()) return handOn_->setChecked(false);
    rememberDayFolder(folder);
    handOn();
}

// What comes while the day's work is at it goes out when that has ended.
void OnSetPage::handOn() {
    handOnAgain_ = false;
    if (!handOn_->isChecked() || watched_.folder().isEmpty()) return;
    const DayWishes last = dayWishes();
    if (last.folder.isEmpty()) return;
    if (session_.dayWork().running() || session_.intake().running())
        handOnAgain_ = true;
    else
        session_.dayWork().run(last.receivers, last.folder);
}

// A correction follows as soon as the shot that it is built from is the setup's reading.
void OnSetPage::buildWaiting() {
    for (auto it = toBuild_.begin(); it != toBuild_.end();) {
        const auto& [id, path] = *it;
        const Setup* s = session_.setup(id);
        if (s && (s->busy || !s->reading || s->reading->framePath != path)) {
            ++it;
            continue;
        }
        if (s && !s->correction && !session_.dayWork().running()) session_.correction().build(id, {});
        it = toBuild_.erase(it);
    }
}

// As the chart's greys balance it, else roughly.
void OnSetPage::showFrame(const workflow::ChartShot& shot) {
    if (!shot.frame) return board_->setPicture({});
    const auto gains = shot.reading ? std::optional(viewingGains(*shot.reading)) : std::nullopt;
    runJob(
        this,
        [frame = shot.frame, gains] {
            Rendering r = compileUntouched(kShownSpace);
            r.gains = gains ? *gains : roughGains(frame->image);
            return displayImage(frame->image, r, kShownEdge);
        },
        [this](const QImage& picture) { board_->setPicture(picture); }, Urgency::now);
}

void OnSetPage::sound(std::optional<Verdict> verdict) {
    if (!sounds_->isChecked() || !verdict) return;
    const int times = 1 + static_cast<int>(*verdict);
    for (int i = 0; i < times; ++i)
        QTimer::singleShot(i * kBetweenSoundsMs, this, [] { QApplication::beep(); });
    emit sounded(times);
}

void OnSetPage::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) return emit leaveWanted();
    QWidget::keyPressEvent(event);
}

void OnSetPage::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), look::palette().ground);
}

}  // namespace refero
