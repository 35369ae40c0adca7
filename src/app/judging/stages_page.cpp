// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/judging/stages_page.h"

#include <QFileInfo>
#include <QGridLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "app/look/caption.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/tables/contender_model.h"
#include "words/pair_words.h"
#include "words/treatment_words.h"

namespace refero {
namespace {

QString text(std::string_view s) {
    return QString::fromUtf8(s.data(), static_cast<qsizetype>(s.size()));
}

QString balanceOf(const Correction& c) {
    const auto times = [](double v) { return decimalText(v, 3); };
    return told("red %1, green %2, blue %3 times; level %4 stops")
        .arg(times(c.gains.x()), times(c.gains.y()), times(c.gains.z()),
             decimalText(std::log2(c.level), 2).replace(QLatin1Char('-'), QChar(0x2212)));
}

QString modelOf(const Correction& c) {
    QString out = inWords(c.model);
    if (c.model != Model::balance)
        out += c.objective == Objective::ciede2000 ? told(", least mean CIEDE2000") : told(", least squares");
    if (c.training) out += told(", with made-up surfaces");
    if (c.colours.lattice()) {
        const int n = c.colours.lattice()->points();
        out += told(", %1 × %1 × %1 points").arg(n);
    }
    return out;
}

QString originOf(const Correction& c) {
    QStringList frames;
    for (const std::string& path : c.readings) frames << QFileInfo(QString::fromStdString(path)).fileName();
    QString out = told("%1 patches of %2 in %3")
                      .arg(c.summary.used)
                      .arg(QString::fromStdString(c.chartName), frames.join(QStringLiteral(", ")));
    if (!c.built.empty())
        out += told("; built %1")
                   .arg(QString::fromStdString(c.built.substr(0, 16))
                            .replace(QLatin1Char('T'), QLatin1Char(' ')));
    if (!c.builtBy.empty()) out += told(" by %1").arg(QString::fromStdString(c.builtBy));
    return out;
}

// A line a thing.
QString mendedOf(const Correction& c) {
    if (c.asShot) return StagesPage::tr("nothing: the chart shot is used as it was shot");
    if (c.treatments.empty()) return StagesPage::tr("nothing: there was nothing to mend");
    QStringList lines;
    for (const Treatment& t : c.treatments) lines << text(words::sentence(t));
    return lines.join(QLatin1Char('\n'));
}

}  // namespace

std::vector<StagesPage::Stage> StagesPage::stagesOf(const Correction& c) {
    std::vector<StagesPage::Stage> out{
        {tr("To linear light"), text(c.inputEncoding.name()), c.inputEncoding != Encoding::linear},
        {tr("Light field"),
         !c.lightTakenOut.any() ? told("nothing taken out of the chart shot")
                                : text(name(c.lightTakenOut)) + told(", taken out of the chart shot"),
         !!c.lightTakenOut.any()},
        {tr("Mended"), mendedOf(c), !c.treatments.empty()},
        {tr("Balance"), balanceOf(c), true},
        {tr("Grey curves"),
         c.greyCurves ? told("one a channel, from the chart's greys")
                      : told("none: the greys are straight enough"),
         c.greyCurves.has_value()},
        {tr("Colours"), modelOf(c), true},
        {tr("Finish"), QString::fromStdString(inWords(c.finish)), !c.finish.isNone()},
        {tr("Built from"), originOf(c), true},
        {tr("Judged as"),
         told(c.limits.name) + QStringLiteral(" (") + told(c.limits.source) + QLatin1Char(')'), true},
    };
    if (c.aim.kind == AimKind::reading) {
        const auto finish =
            std::find_if(out.begin(), out.end(), [](const Stage& s) { return s.name == told("Finish"); });
        out.insert(finish, {tr("The leader's look"),
                            c.look ? tr("contrast, level and cast of its picture, a curve a channel")
                                   : tr("none: it is seen through its correction"),
                            c.look.has_value()});
        out.push_back({tr("Goes towards"), text(words::aim(c.aim)), true});
        QStringList held;
        for (const std::string& step : c.aim.heldBack) held << text(step);
        if (!held.isEmpty()) out.push_back({tr("Held back"), held.join(QStringLiteral(", ")), true});
    }
    return out;
}

StagesPage::StagesPage(QWidget* parent) : QWidget(parent) {
    setObjectName(QStringLiteral("stagesPage"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    grid_ = new QGridLayout;
    grid_->setHorizontalSpacing(12);
    grid_->setVerticalSpacing(4);
    grid_->setColumnStretch(1, 1);
    column->addLayout(grid_);
    column->addStretch(1);
}

void StagesPage::setCorrection(const std::optional<Correction>& correction) {
    while (QLayoutItem* item = grid_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    if (!correction) return;
    int row = 0;
    for (const Stage& s : stagesOf(*correction)) {
        const auto tone = s.there ? look::Label::Tone::text : look::Label::Tone::quiet;
        auto* name = look::caption(s.name);
        grid_->addWidget(name, row, 0, Qt::AlignTop);
        grid_->addWidget(new look::Label(s.what, look::Size::small, tone), row, 1, Qt::AlignTop);
        ++row;
    }
}

}  // namespace refero
