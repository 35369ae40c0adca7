// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/frames/frame_viewer.h"

#include <QAction>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QSignalBlocker>
#include <QSlider>
#include <QVBoxLayout>
#include <cmath>

#include "app/jobs/job.h"
#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/pictures/display_colour.h"
#include "app/pictures/display_profile.h"
#include "app/session/intake_actions.h"
#include "app/session/reading_actions.h"
#include "core/colour/lab.h"
#include "core/read/spot.h"
#include "core/read/swatch.h"
#include "io/media_path.h"

namespace refero {
namespace {

constexpr int kWholePicture = 1 << 20;  // no long edge is longer
constexpr int kMeanOver = 5;            // pixels a side, of the readout

QString figure(double v, int decimals) {
    return decimalText(v, decimals).replace(QLatin1Char('-'), QChar(0x2212));
}

}  // namespace

PointedView::PointedView(QWidget* parent) : PictureView(parent) {
    setObjectName(QStringLiteral("viewerPicture"));
    setAccessibleName(tr("The frame"));
    setMouseTracking(true);
    setCursor(Qt::CrossCursor);
    setToolTip(
        tr("Hold Shift and draw over something grey in the subject's light: the chart's light is "
           "held against it."));
}

void PointedView::toggleActualPixels() {
    if (!hasPicture()) return;
    const double actual = 1 / devicePixelRatioF();
    if (std::abs(scale() - actual) < 1e-6) return fit();
    zoomTo(QPointF(width() / 2.0, height() / 2.0), actual);
}

void PointedView::mouseMoveEvent(QMouseEvent* event) {
    PictureView::mouseMoveEvent(event);
    if (hasPicture()) emit pointedAt(toFrame(event->position()));
}

void PointedView::mouseDoubleClickEvent(QMouseEvent* event) {
    const double actual = 1 / devicePixelRatioF();
    std::abs(scale() - actual) < 1e-6 ? fit() : zoomTo(event->position(), actual);
}

void PointedView::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_1) return toggleActualPixels();
    PictureView::keyPressEvent(event);
}

void PointedView::leaveEvent(QEvent*) {
    emit pointerLeft();
}

struct FrameViewer::Loaded {
    studio::FrameId id = 0;
    FramePointer frame;
    std::optional<Correction> correction;
    PictureView::Levels levels;
    QString error;
    double clipSeconds = 0;  ///< of a clip, its length
    double at = 0;           ///< of a clip, where this picture is
};

FrameViewer::FrameViewer(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("frameViewer"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    column->addWidget(buildBar());
    view_ = new PointedView(this);
    column->addWidget(view_, 1);
    column->addWidget(buildFoot());
    connect(view_, &PointedView::pointedAt, this, &FrameViewer::pointed);
    view_->allowRegions();
    connect(view_, &PictureView::regionDrawn, this, &FrameViewer::greyDrawn);
    connect(view_, &PointedView::pointerLeft, this,
            [this] { figures_->setText(loaded_ ? loaded_->error : QString()); });
    // Long names and figures are cut rather than making the window wider.
    for (QLabel* l : {static_cast<QLabel*>(title_), static_cast<QLabel*>(facts_),
                      static_cast<QLabel*>(display_), static_cast<QLabel*>(figures_)})
        l->setMinimumWidth(40);
    connect(&session_, &Session::displayChanged, this, [this] {
        sayDisplay();
        if (isVisible()) load();
    });
    sayDisplay();
}

QWidget* FrameViewer::buildBar() {
    auto* bar = new QWidget(this);
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(16, 8, 16, 8);
    row->setSpacing(8);
    auto* back = new look::Button(look::Button::Kind::plain, tr("Contact sheet"), bar);
    back->setObjectName(QStringLiteral("leaveViewer"));
    back->setToolTip(tr("Back to all frames (Esc)"));
    row->addWidget(back);
    title_ = new look::Label({}, look::Size::title, look::Label::Tone::loud, QFont::DemiBold);
    title_->setObjectName(QStringLiteral("viewerTitle"));
    title_->setWordWrap(false);
    row->addWidget(title_);
    facts_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    facts_->setObjectName(QStringLiteral("viewerFacts"));
    facts_->setWordWrap(false);
    row->addWidget(facts_);
    row->addStretch(1);
    read_ = new look::Button(look::Button::Kind::plain, tr("See its reading"), bar);
    read_->setObjectName(QStringLiteral("viewerReading"));
    row->addWidget(read_);
    auto* profile = new look::Button(look::Button::Kind::plain, tr("Display profile"), bar);
    profile->setObjectName(QStringLiteral("displayProfile"));
    profile->setToolTip(tr("Choose the ICC profile of this display."));
    row->addWidget(profile);
    connect(back, &QAbstractButton::clicked, this, &FrameViewer::leaveWanted);
    connect(read_, &QAbstractButton::clicked, this, &FrameViewer::readingWanted);
    // One choice for all pictures, in the menu under View.
    connect(profile, &QAbstractButton::clicked, this, [this] {
        if (auto* choose = window()->findChild<QAction*>(QStringLiteral("displayAction"))) choose->trigger();
    });
    return bar;
}

QWidget* FrameViewer::buildFoot() {
    auto* foot = new QWidget(this);
    auto* column = new QVBoxLayout(foot);
    column->setContentsMargins(16, 8, 16, 8);
    column->setSpacing(look::kStep);
    clipRow_ = new QWidget(foot);
    auto* row = new QHBoxLayout(clipRow_);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(12);
    slider_ = new QSlider(Qt::Horizontal, clipRow_);
    slider_->setObjectName(QStringLiteral("clipMoment"));
    slider_->setAccessibleName(tr("Moment of the clip"));
    row->addWidget(slider_, 1);
    moment_ = new look::Label({}, look::Size::small);
    moment_->setObjectName(QStringLiteral("clipMomentText"));
    moment_->setWordWrap(false);
    moment_->setFont(look::figures(look::Size::small));
    row->addWidget(moment_);
    take_ = new look::Button(look::Button::Kind::plain, tr("Take this moment"), clipRow_);
    take_->setObjectName(QStringLiteral("takeMoment"));
    take_->setToolTip(tr("The clip stands for this picture from now on; a chart in it is read."));
    row->addWidget(take_);
    column->addWidget(clipRow_);
    auto* line = new QHBoxLayout;
    line->setSpacing(12);
    figures_ = new look::Label({}, look::Size::small);
    figures_->setObjectName(QStringLiteral("viewerFigures"));
    figures_->setWordWrap(false);
    figures_->setFont(look::figures(look::Size::small));
    line->addWidget(figures_, 1);
    display_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    display_->setObjectName(QStringLiteral("viewerDisplay"));
    display_->setWordWrap(false);
    line->addWidget(display_);
    column->addLayout(line);
    connect(slider_, &QSlider::valueChanged, this, &FrameViewer::momentChosen);
    connect(take_, &QAbstractButton::clicked, this, &FrameViewer::takeMoment);
    return foot;
}

void FrameViewer::sayDisplay() {
    display_->setText(
        display::source() == display::Source::assumed
            ? tr("No profile for this display: colours may look wrong")
            : tr("Shown for %1").arg(QString::fromStdString(display::transform().description())));
    display_->setToolTip(display::inWords());
}

void FrameViewer::show(studio::FrameId frame, std::vector<studio::FrameId> among) {
    among_ = std::move(among);
    id_ = frame;
    seconds_.reset();
    loaded_.reset();
    view_->clearPicture();
    view_->setRegion({});
    load();
    view_->setFocus();
}

void FrameViewer::step(int by) {
    const auto at = std::find(among_.begin(), among_.end(), id_);
    const auto next = at - among_.begin() + by;
    if (at == among_.end() || next < 0 || next >= static_cast<std::ptrdiff_t>(among_.size())) return;
    id_ = among_[static_cast<std::size_t>(next)];
    seconds_.reset();
    loaded_.reset();
    view_->setRegion({});
    emit shownChanged(id_.number());
    load();
}

QString FrameViewer::path() const {
    const auto* f = session_.studio()->contents().find<studio::Frame>(id_);
    if (!f) return {};
    if (!seconds_) return QString::fromStdString(f->path);
    return QString::fromStdString(io::atMoment(io::mediaPath(f->path).file, *seconds_));
}

// One picture is decoded at a time; what was asked for meanwhile comes after it, the last alone.
void FrameViewer::load() {
    const auto* f = session_.studio()->contents().find<studio::Frame>(id_);
    if (!f) return emit leaveWanted();
    const QString file = QString::fromStdString(io::mediaPath(f->path).file.string());
    title_->setText(QFileInfo(file).fileName());
    const auto at = std::find(among_.begin(), among_.end(), id_) - among_.begin();
    facts_->setText(tr("%1 of %2").arg(at + 1).arg(among_.size()));
    const Setup* setup = session_.setup(f->setup);
    read_->setVisible(f->role == studio::FrameRole::chart && setup);
    if (!loaded_) {
        figures_->setText(tr("Opening"));
        clipRow_->setVisible(io::isClip(file.toStdString()));
    }
    if (busy_) {
        again_ = true;
        return;
    }
    busy_ = true;
    const int job = ++job_;
    runJob(
        this,
        [path = path().toStdString(), id = id_,
         correction = setup ? setup->correction : std::optional<Correction>()] {
            auto out = std::make_shared<Loaded>();
            out->id = id;
            const io::MediaPath media = io::mediaPath(path);
            if (io::isClip(media.file))
                if (const auto clip = io::Clip::open(media.file)) {
                    out->clipSeconds = clip->info().seconds;
                    out->at = media.seconds.value_or(out->clipSeconds / 2);
                }
            auto frame = io::readFrame(path);
            if (frame && correction && frame->encodingSource == EncodingSource::assumed &&
                frame->encoding != correction->inputEncoding)
                frame = io::readFrame(path, correction->inputEncoding);
            if (!frame) {
                out->error = QString::fromStdString(frame.error().message);
                return out;
            }
            Rendering r = correction ? compile(*correction, kShownSpace) : compileUntouched(kShownSpace);
            if (!correction) r.gains = roughGains(frame->image);
            out->correction = correction;
            out->levels = PictureView::pyramid(displayImage(frame->image, r, kWholePicture));
            out->frame = std::make_shared<const io::Frame>(*std::move(frame));
            return out;
        },
        [this, job](std::shared_ptr<Loaded> loaded) {
            busy_ = false;
            if (std::exchange(again_, false)) return load();
            if (job == job_) took(std::move(loaded));
        });
}

void FrameViewer::took(std::shared_ptr<Loaded> loaded) {
    if (loaded->id != id_) return load();
    loaded_ = std::move(loaded);
    figures_->setText(loaded_->error);
    if (!loaded_->frame) return view_->clearPicture();
    const LinearImage& image = loaded_->frame->image;
    view_->setPicture(loaded_->levels, QSize(image.width(), image.height()));
    const auto at = std::find(among_.begin(), among_.end(), id_) - among_.begin();
    const auto encoding = loaded_->frame->encoding.name();
    facts_->setText(
        tr("%1 of %2, %3 x %4, %5%6, %7")
            .arg(at + 1)
            .arg(among_.size())
            .arg(image.width())
            .arg(image.height())
            .arg(QString::fromUtf8(encoding.data(), static_cast<qsizetype>(encoding.size())),
                 loaded_->frame->encodingSource == EncodingSource::assumed ? told(" assumed") : QString(),
                 loaded_->correction ? told("corrected") : told("roughly balanced")));
    QStringList notes;
    for (const std::string& n : loaded_->frame->notes) notes << QString::fromStdString(n);
    facts_->setToolTip(notes.join(QLatin1Char('\n')));
    clipRow_->setVisible(loaded_->clipSeconds > 0);
    if (loaded_->clipSeconds > 0) {
        const QSignalBlocker block(slider_);
        slider_->setRange(0, static_cast<int>(loaded_->clipSeconds * 1000));
        if (!seconds_) slider_->setValue(static_cast<int>(loaded_->at * 1000));
        moment_->setText(tr("%1 of %2 s").arg(figure(loaded_->at, 2), figure(loaded_->clipSeconds, 2)));
    }
    take_->setEnabled(seconds_.has_value());
}

void FrameViewer::pointed(const QPointF& at) {
    if (!loaded_ || !loaded_->frame) return;
    const int x = static_cast<int>(std::floor(at.x())), y = static_cast<int>(std::floor(at.y()));
    const LinearImage& image = loaded_->frame->image;
    const bool inside = x >= 0 && y >= 0 && x < image.width() && y < image.height();
    const double reach = kMeanOver / 2;
    const auto rgb =
        inside ? meanOf(image, {x - reach, y - reach}, {x + reach + 1, y + reach + 1}) : std::nullopt;
    if (!rgb) return figures_->setText({});
    QString text = told("x %1  y %2   recorded R %3  G %4  B %5 %")
                       .arg(x)
                       .arg(y)
                       .arg(figure(100 * rgb->x(), 1), figure(100 * rgb->y(), 1), figure(100 * rgb->z(), 1));
    if (loaded_->correction) {
        const Vector3 xyz = loaded_->correction->toXyzD50(*rgb).vector();
        const Lab lab = toLab(Xyz::from(xyz), white::d50);
        text += QStringLiteral("   L* %1  a* %2  b* %3")
                    .arg(figure(lab.L, 1), figure(lab.a, 1), figure(lab.b, 1));
    }
    figures_->setText(text + told("   mean of %1 x %1").arg(kMeanOver));
}

// Something in the subject's light that is known to be grey: its setup's chart is held against it.
void FrameViewer::greyDrawn(const QRectF& region) {
    const auto* f = session_.studio()->contents().find<studio::Frame>(id_);
    if (!f || !loaded_ || !loaded_->frame) return;
    if (f->role != studio::FrameRole::subject || f->setup == 0)
        return figures_->setText(tr("A grey is marked in a subject's frame of a setup; this is none."));
    if (region.isEmpty()) {
        if (f->greyGreen > 0) session_.reading().markGrey(id_, Vector3::Zero());
        return figures_->setText(tr("Nothing is marked as grey here."));
    }
    const auto mean =
        meanOf(loaded_->frame->image, {region.left(), region.top()}, {region.right(), region.bottom()});
    if (!mean || !(mean->minCoeff() > 0) || mean->maxCoeff() > 0.985)
        return figures_->setText(tr("This is clipped or black: it tells nothing of the light."));
    session_.reading().markGrey(id_, *mean);
    figures_->setText(
        told("Marked as grey: its light is compared with that on the chart of its setup (station Reading)."));
}

void FrameViewer::momentChosen(int milliseconds) {
    seconds_ = milliseconds / 1000.0;
    moment_->setText(QStringLiteral("%1 s").arg(figure(*seconds_, 2)));
    load();
}

void FrameViewer::takeMoment() {
    if (!seconds_) return;
    session_.intake().takeMoment(id_, *seconds_);
}

void FrameViewer::keyPressEvent(QKeyEvent* event) {
    switch (event->key()) {
        case Qt::Key_Escape:
            return emit leaveWanted();
        case Qt::Key_Right:
        case Qt::Key_PageDown:
            return step(1);
        case Qt::Key_Left:
        case Qt::Key_PageUp:
            return step(-1);
        default:
            QWidget::keyPressEvent(event);
    }
}

void FrameViewer::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), look::palette().ground);
}

}  // namespace refero
