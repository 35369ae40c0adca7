// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/judging/judging_view.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <algorithm>

#include "app/jobs/job.h"
#include "app/look/button.h"
#include "app/look/caption.h"
#include "app/look/text.h"

namespace refero {
namespace {

// What the correction is held against, before the snapshots.
enum Against { balanceAlone, asRecorded, withoutFinish, firstSnapshot };

constexpr std::array kWarnSpaces{OutputSpace::srgb, OutputSpace::displayP3, OutputSpace::rec2020};

// What a rendering depends on.
QString numbersOf(const Correction& c) {
    QString out;
    const Vector3 scale = c.gains * c.level;
    const auto add = [&](double v) { out += QLatin1Char(' ') + QString::number(v, 'g', 17); };
    for (const double v : scale) add(v);
    for (const double v : c.colours.base().coefficients().reshaped()) add(v);
    // Copies of a correction share their lattice.
    out += QStringLiteral(" %1").arg(reinterpret_cast<quintptr>(c.colours.lattice().get()));
    if (c.greyCurves)
        for (const RootCurve& curve : *c.greyCurves)
            for (const float v : curve.roots()) add(v);
    return out;
}

QString numbersOf(const Finish& f) {
    QString levels;
    for (const auto* p : {&f.levels.black, &f.levels.grey, &f.levels.white})
        levels += *p ? QStringLiteral(" %1 %2").arg((*p)->light).arg((*p)->shows) : QStringLiteral(" -");
    return QStringLiteral(" %1 %2 %3 %4 %5")
        .arg(f.exposureStops)
        .arg(f.warmthSteps)
        .arg(f.tintDuv)
        .arg(f.contrast)
        .arg(f.saturation)
        .append(levels);
}

struct Drawn {
    std::shared_ptr<const SmallFrame> frame;
    Judged judged;
    QString error;
};

}  // namespace

JudgingView::JudgingView(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("judgingView"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    bar_ = buildBar();
    column->addWidget(bar_);
    compare_ = new CompareView(this);
    compare_->allowRegions();
    connect(compare_, &PictureView::regionDrawn, this,
            [this](const QRectF& place) { emit placeDrawn(picture_->currentData().toString(), place); });
    column->addWidget(compare_, 1);
    show(nullptr);
}

QWidget* JudgingView::buildBar() {
    auto* bar = new QWidget(this);
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(16, 6, 16, 6);
    row->setSpacing(8);
    const auto choice = [&](const QString& caption, const char* object, const char* name, const char* hint,
                            int length) {
        captions_.push_back(look::caption(caption, bar));
        row->addWidget(captions_.back());
        auto* box = new QComboBox(bar);
        box->setObjectName(QLatin1String(object));
        box->setAccessibleName(told(name));
        box->setToolTip(told(hint));
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        box->setMinimumContentsLength(length);
        row->addWidget(box, length);
        return box;
    };
    picture_ = choice(tr("Picture"), "pictureChoice", word("Picture"),
                      word("What is judged on; drop more frames of this setup here."), 5);
    mode_ = choice(tr("View"), "judgingMode", word("How the renderings are shown"),
                   word("A wipe, two side by side, four with one zoom, or how far two are apart."), 5);
    mode_->addItems({tr("Wipe"), tr("Side by side"), tr("Four up"), tr("Difference")});
    against_ =
        choice(tr("Against"), "againstChoice", word("What the correction is held against"),
               word("What the correction is held against: hold F over the picture to see it alone."), 5);
    warnings_ = choice(tr("Warn of"), "warningChoice", word("Warnings"),
                       word("Marks what a space cannot show: stripes to the left are outside it, stripes to "
                            "the right are clipped, dots are nearly."),
                       5);
    warnings_->addItem(tr("Nothing"));
    for (const OutputSpace s : kWarnSpaces) {
        warnings_->addItem(tr("Outside %1").arg(told(info(s).label)));
    }
    keep_ = new look::Button(look::Button::Kind::plain, tr("Keep a snapshot"), bar);
    keep_->setObjectName(QStringLiteral("keepSnapshot"));
    keep_->setToolTip(tr("Keeps the correction as it is now, to hold others against it."));
    row->addWidget(keep_);
    for (QComboBox* box : {picture_, mode_, against_, warnings_})
        connect(box, &QComboBox::activated, this, &JudgingView::wish);
    // A place in one frame is none in another.
    connect(picture_, &QComboBox::activated, this, [this] {
        compare_->setRegion({});
        emit placeDrawn({}, {});
    });
    connect(keep_, &QAbstractButton::clicked, this, &JudgingView::snapshotWanted);
    return bar;
}

void JudgingView::show(const Setup* setup) {
    const bool ready = setup && setup->correction;
    for (QWidget* w : std::initializer_list<QWidget*>{picture_, mode_, against_, warnings_, keep_})
        w->setEnabled(ready);
    if (!ready) {
        compare_->clearPicture();
        correction_.reset();
        frame_.reset();
        shown_.clear();
        ++job_;
        busy_ = again_ = false;
        return;
    }
    if (setup->id != setup_) {
        // What is being drawn was the other setup's.
        frame_.reset();
        shown_.clear();
        tried_.reset();
        ++job_;
        busy_ = again_ = false;
        compare_->setRegion({});
        emit placeDrawn({}, {});
    }
    setup_ = setup->id;
    atHand_ = setup->frame;
    pictures_ = setup->pictures;
    snapshots_ = setup->snapshots;
    correction_ = std::make_shared<const Correction>(*setup->correction);
    fillChoices();
    wish();
}

void JudgingView::fillChoices() {
    const QString picture = picture_->currentData().toString();
    const QVariant held = against_->currentData();
    picture_->clear();
    for (const workflow::Picture& p : pictures_) picture_->addItem(titleOf(p), text(p.path));
    const int at = picture_->findData(picture);
    // A picture of the subject says more than the chart does.
    picture_->setCurrentIndex(at >= 0 ? at : picture_->count() > 1 ? 1 : 0);
    against_->clear();
    against_->addItem(tr("Balance alone"), balanceAlone);
    against_->addItem(tr("As recorded"), asRecorded);
    if (!correction_->finish.isNone()) against_->addItem(tr("Without finish"), withoutFinish);
    for (const workflow::Snapshot& s : snapshots_)
        against_->addItem(text(s.name), firstSnapshot + static_cast<int>(s.id));
    against_->setCurrentIndex(std::max(0, against_->findData(held)));
}

void JudgingView::tryFinish(const std::optional<Finish>& finish) {
    if (!correction_) return;
    tried_ = finish;
    wish();
}

void JudgingView::holdAgainst(studio::SnapshotId snapshot) {
    const int at = against_->findData(firstSnapshot + static_cast<int>(snapshot));
    if (at < 0) return;
    against_->setCurrentIndex(at);
    wish();
}

void JudgingView::showMode(JudgingWish::Mode mode) {
    mode_->setCurrentIndex(static_cast<int>(mode));
    wish();
}

void JudgingView::drawAnew() {
    shown_.clear();
    wish();
}

void JudgingView::setCompact(bool compact) {
    for (QWidget* caption : captions_) caption->setVisible(!compact);
    keep_->setText(compact ? tr("Keep") : tr("Keep a snapshot"));
    keep_->updateGeometry();
}

void JudgingView::setBarVisible(bool visible) {
    bar_->setVisible(visible);
}

Contestant JudgingView::against() const {
    using Kind = Contestant::Kind;
    const int which = against_->currentData().toInt();
    const QString title = against_->currentText();
    if (which == balanceAlone) return {title, Kind::balanceAlone, correction_, {}};
    if (which == asRecorded) return {title, Kind::asRecorded, correction_, {}};
    if (which == withoutFinish) return {title, Kind::corrected, correction_, {}};
    for (const workflow::Snapshot& s : snapshots_)
        if (firstSnapshot + s.id.number() == which)
            return {title, Kind::corrected, s.correction, s.correction->finish};
    return {title, Kind::balanceAlone, correction_, {}};
}

JudgingWish JudgingView::wishOf(bool quick) const {
    using Kind = Contestant::Kind;
    JudgingWish out;
    out.mode = static_cast<JudgingWish::Mode>(mode_->currentIndex());
    out.quick = quick;
    if (warnings_->currentIndex() > 0)
        out.warnFor = kWarnSpaces[static_cast<std::size_t>(warnings_->currentIndex() - 1)];
    out.contestants.push_back(against());
    if (out.mode == JudgingWish::Mode::fourUp) {
        const int held = against_->currentData().toInt();
        for (auto s = snapshots_.rbegin(); s != snapshots_.rend() && out.contestants.size() < 3; ++s)
            if (firstSnapshot + s->id.number() != held)
                out.contestants.push_back(
                    {text(s->name), Kind::corrected, s->correction, s->correction->finish});
        if (out.contestants.size() < 2 && held != asRecorded)
            out.contestants.push_back({tr("As recorded"), Kind::asRecorded, correction_, {}});
    }
    out.contestants.push_back(
        {tr("Corrected"), Kind::corrected, correction_, tried_.value_or(correction_->finish)});
    return out;
}

// Draws what is wanted now, where it is not that already.
void JudgingView::wish() {
    if (!correction_ || picture_->count() == 0) return;
    QString key = picture_->currentData().toString() + mode_->currentText() + against_->currentText() +
                  against_->currentData().toString() + warnings_->currentText() + numbersOf(*correction_) +
                  numbersOf(tried_.value_or(correction_->finish)) +
                  (tried_ ? QStringLiteral("~") : QString());
    for (const workflow::Snapshot& s : snapshots_) key += text(s.name) + QString::number(s.id.number());
    if (key == shown_) return;
    shown_ = key;
    if (busy_) {
        again_ = true;
        return;
    }
    start(tried_.has_value());
}

void JudgingView::start(bool quick) {
    busy_ = true;
    again_ = false;
    const QString path = picture_->currentData().toString();
    const JudgingWish wanted = wishOf(quick);
    runJob(
        this,
        [path, wanted, atHand = atHand_, kept = frame_, encoding = correction_->inputEncoding] {
            Drawn out;
            out.frame = kept;
            if (!kept || kept->path != path || kept->encoding != encoding) {
                auto frame = smallFrame(path, atHand, encoding);
                if (!frame) {
                    out.error = QString::fromStdString(frame.error().message);
                    return out;
                }
                out.frame = *std::move(frame);
            }
            out.judged = judged(*out.frame, wanted);
            return out;
        },
        [this, job = ++job_, first = wanted.contestants.front().title,
         last = wanted.contestants.back().title](Drawn drawn) {
            if (job != job_) return;  // another setup is looked at by now
            busy_ = false;
            frame_ = drawn.frame;
            if (!drawn.error.isEmpty()) {
                compare_->clearPicture();
                emit failed(drawn.error);
            } else {
                compare_->setPanes(drawn.judged.layout, std::move(drawn.judged.panes), frame_->full,
                                   std::move(drawn.judged.legend));
                if (!drawn.judged.scopes.empty()) emit scopesChanged(drawn.judged.scopes, first, last);
            }
            if (again_) start(tried_.has_value());
        });
}

}  // namespace refero
