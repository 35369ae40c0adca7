// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/correction/proof_page.h"

#include <QComboBox>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"

namespace refero {

ProofPage::ProofPage(QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    column->addLayout(row);
    frame_ = new QComboBox(this);
    frame_->setObjectName(QStringLiteral("proofFrame"));
    frame_->setAccessibleName(tr("Frame to check the correction on"));
    frame_->setToolTip(tr("Another shot of a chart in this setup, which the correction has not seen."));
    row->addWidget(frame_, 1);
    check_ = new look::Button(look::Button::Kind::plain, tr("Check"), this);
    check_->setObjectName(QStringLiteral("proveButton"));
    row->addWidget(check_);
    outcome_ = new look::Label({}, look::Size::small);
    outcome_->setObjectName(QStringLiteral("proofOutcome"));
    column->addWidget(outcome_);
    column->addStretch(1);
    connect(check_, &QAbstractButton::clicked, this, [this] {
        check_->setEnabled(false);
        outcome_->setText(tr("Reading the chart in that frame"));
        emit wanted(frame_->currentData().toString());
    });
}

void ProofPage::show(const Setup* setup, const std::vector<studio::Frame>& frames) {
    const QString kept = frame_->currentData().toString();
    const QSignalBlocker block(frame_);
    frame_->clear();
    for (const studio::Frame& f : frames)
        frame_->addItem(QFileInfo(QString::fromStdString(f.path)).fileName(), QString::fromStdString(f.path));
    frame_->setCurrentIndex(std::max(0, frame_->findData(kept)));
    const bool can = setup && !frames.empty();
    frame_->setVisible(can);
    check_->setVisible(can);
    check_->setEnabled(can);
    if (!setup) return outcome_->setText({});
    if (!setup->error.isEmpty()) return outcome_->setText(setup->error);
    QString text = told(*setup->correction);
    if (text.isEmpty())
        text = can ? refero::told(
                         "Not yet checked. What a correction does on the chart that it was built from says "
                         "little; on another shot of a chart it has to keep its word.")
                   : refero::told(
                         "There is no other chart frame in this setup. Shoot the chart once more under the "
                         "same light and bring it in: the correction can then be checked on a shot that it "
                         "has not seen.");
    outcome_->setText(text);
}

QString ProofPage::told(const Correction& c) const {
    const auto figure = [](double v) { return decimalText(v, 2); };
    QStringList lines;
    for (auto v = c.verifications.rbegin(); v != c.verifications.rend(); ++v) {
        QString line =
            refero::told("%1 (%2): mean %3, half within %4, largest %5; on its own chart the mean is %6.")
                .arg(QFileInfo(QString::fromStdString(v->framePath)).fileName(),
                     QString::fromStdString(v->chartName), figure(v->differences.mean),
                     figure(v->differences.median), figure(v->differences.max), figure(c.summary.after.mean));
        if (std::abs(v->levelStops) >= 0.05)
            line += (v->levelStops > 0 ? refero::told(" That shot is %1 stops brighter.")
                                       : refero::told(" That shot is %1 stops darker."))
                        .arg(decimalText(std::abs(v->levelStops), 1));
        auto worst = v->patches;
        std::sort(worst.begin(), worst.end(),
                  [](const auto& a, const auto& b) { return a.difference > b.difference; });
        QStringList names;
        for (std::size_t i = 0; i < std::min<std::size_t>(4, worst.size()); ++i)
            names << QStringLiteral("%1 %2").arg(QString::fromStdString(worst[i].id),
                                                 figure(worst[i].difference));
        lines << line + refero::told(" Farthest off: ") + names.join(QStringLiteral(", ")) + QLatin1Char('.');
    }
    return lines.join(QStringLiteral("\n\n"));
}

}  // namespace refero
