// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/bench_station.h"

#include <QButtonGroup>
#include <QHBoxLayout>
#include <QStackedWidget>
#include <QVBoxLayout>

#include "app/bench/series_page.h"
#include "app/bench/transforms_page.h"
#include "app/look/button.h"
#include "io/foreign/transform_file.h"

namespace refero {

BenchStation::BenchStation(Session& session, Dialogs& dialogs, QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("benchStation"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    auto* row = new QHBoxLayout;
    row->setContentsMargins(16, 8, 16, 0);
    row->setSpacing(8);
    auto* group = new QButtonGroup(this);
    const auto tab = [&](const QString& name, const char* object, const QString& hint, Page page) {
        auto* button = new look::Button(look::Button::Kind::plain, name, this);
        button->setObjectName(QLatin1String(object));
        button->setToolTip(hint);
        button->setCheckable(true);
        group->addButton(button);
        row->addWidget(button);
        connect(button, &QAbstractButton::clicked, this, [this, page] { showPage(page); });
        return button;
    };
    toSeries_ = tab(tr("Exposure series"), "toSeries", tr("What a camera can take, profile by profile."),
                    Page::series);
    toTransforms_ =
        tab(tr("Transforms of others"), "toTransforms",
            tr("What LUTs, profiles and decision lists do to this setup's colours."), Page::transforms);
    row->addStretch(1);
    column->addLayout(row);
    pages_ = new QStackedWidget(this);
    pages_->addWidget(series_ = new SeriesPage(session, dialogs, pages_));
    pages_->addWidget(transforms_ = new TransformsPage(session, dialogs, pages_));
    column->addWidget(pages_, 1);
    showPage(Page::series);
}

void BenchStation::take(const QStringList& paths) {
    QStringList frames, transforms;
    for (const QString& path : paths) (io::isTransformFile(path.toStdString()) ? transforms : frames) << path;
    if (!transforms.isEmpty()) {
        showPage(Page::transforms);
        transforms_->take(transforms);
    }
    if (frames.isEmpty()) return;
    // Beside transforms, a chart shot is one that shows itself.
    if (pages_->currentWidget() == transforms_) return transforms_->takePictures(frames);
    showPage(Page::series);
    series_->take(frames);
}

void BenchStation::showPage(Page page) {
    pages_->setCurrentIndex(static_cast<int>(page));
    (page == Page::series ? toSeries_ : toTransforms_)->setChecked(true);
}

void BenchStation::setCompact(bool compact) {
    series_->setCompact(compact);
    transforms_->setCompact(compact);
}

}  // namespace refero
