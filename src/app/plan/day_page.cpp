// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan/day_page.h"

#include <QHBoxLayout>
#include <QVBoxLayout>

#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/plan/day_table.h"
#include "app/plan/setup_editor.h"
#include "app/plan/setup_fields.h"
#include "app/plan/sun_strip.h"
#include "studio/plan_edits.h"

namespace refero {
namespace {

const plan::Place* placeOf(const plan::Day& day, plan::PlaceId id) {
    for (const plan::Place& p : day.places)
        if (p.id == id) return &p;
    return nullptr;
}

}  // namespace

DayPage::DayPage(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("dayPage"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(0);
    day_ = buildDay();
    empty_ = buildEmpty();
    editor_ = new SetupEditor(session_, this);
    editor_->setFixedWidth(look::kFindingsWidth);
    row->addWidget(day_, 1);
    row->addWidget(empty_, 1);
    row->addWidget(editor_);
    connect(editor_, &SetupEditor::kitWanted, this, &DayPage::kitWanted);
    connect(table_, &DayTable::chosen, &session_, &Session::select);
    connect(table_, &DayTable::timeDragged, this, &DayPage::dragged);
    connect(table_, &DayTable::timeColumnMoved, this, &DayPage::align);
    connect(sun_, &SunStrip::pointedAt, this, &DayPage::saySun);
    refresh();
}

QWidget* DayPage::buildDay() {
    auto* day = new QWidget(this);
    auto* column = new QVBoxLayout(day);
    column->setContentsMargins(0, 0, 0, 8);
    column->setSpacing(0);
    table_ = new DayTable(day);
    column->addWidget(table_);
    sun_ = new SunStrip(day);
    column->addWidget(sun_, 1);
    column->addStretch(0);
    // Beside the curve, under the first column and the last.
    auto* row = new QHBoxLayout(sun_);
    row->setContentsMargins(16, 8, 8, 4);
    sunTitle_ = new look::Label({}, look::Size::small, look::Label::Tone::text, QFont::Medium, sun_);
    sunTitle_->setObjectName(QStringLiteral("sunTitle"));
    sunText_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet, QFont::Normal, sun_);
    sunText_->setObjectName(QStringLiteral("sunText"));
    for (look::Label* l : {sunTitle_, sunText_}) l->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    row->addWidget(sunTitle_);
    row->addStretch(1);
    row->addWidget(sunText_);
    return day;
}

QWidget* DayPage::buildEmpty() {
    auto* empty = new QWidget(this);
    auto* column = new QVBoxLayout(empty);
    column->setContentsMargins(48, 0, 48, 0);
    column->setSpacing(3 * look::kStep);
    column->addStretch(2);
    column->addWidget(
        new look::Label(tr("Plan the day"), look::Size::huge, look::Label::Tone::loud, QFont::DemiBold));
    column->addWidget(new look::Label(
        told("Enter the setups in shooting order: body, lens, light, place. Refero says which need a chart "
             "shot of their own, which copy of the chart suits the framing, and how long daylight holds."),
        look::Size::title));
    auto* add = new look::Button(look::Button::Kind::primary, tr("Enter the first setup"), empty);
    add->setObjectName(QStringLiteral("firstSetup"));
    connect(add, &QAbstractButton::clicked, this, [this] {
        for (QAction* action : window()->actions())
            if (action->objectName() == QLatin1String("addSetupAction")) action->trigger();
    });
    column->addWidget(add, 0, Qt::AlignLeft);
    column->addStretch(3);
    return empty;
}

void DayPage::setCompact(bool compact) {
    table_->setCompact(compact);
    editor_->setFixedWidth(compact ? look::kFindingsWidthCompact : look::kFindingsWidth);
}

void DayPage::dragged(studio::SetupId id, int start, int end) {
    const auto* s = session_.studio()->contents().find<plan::Setup>(id);
    if (!s) return;
    plan::Setup changed = *s;
    changed.startMinutes = start;
    changed.endMinutes = end;
    session_.perform(
        told("%1, time: %2 to %3").arg(QString::fromStdString(s->label), clockText(start), clockText(end)),
        [&](studio::Edit& edit) -> Status {
            edit.put(changed);
            return {};
        });
}

// The table is as high as its lines, where there is room; the sun has the rest.
void DayPage::align() {
    const int wanted = table_->heightOfAll();
    const int room = day_->height() - sun_->minimumHeight() - 8;
    table_->setFixedHeight(std::max(120, std::min(wanted, room)));
    const QRect column = table_->timeColumn();
    const int left = table_->viewport()->mapTo(day_, column.topLeft()).x();
    sun_->setColumn(left, column.width());
    // Time runs from left to right; the title stands where reading begins.
    const bool mirrored = layoutDirection() == Qt::RightToLeft;
    QWidget *const leftOf = mirrored ? sunText_ : sunTitle_, *const rightOf = mirrored ? sunTitle_ : sunText_;
    leftOf->setFixedWidth(std::max(60, left - 72));
    rightOf->setFixedWidth(std::max(60, day_->width() - left - column.width() - 32));
}

void DayPage::resizeEvent(QResizeEvent* event) {
    QWidget::resizeEvent(event);
    QMetaObject::invokeMethod(this, &DayPage::align, Qt::QueuedConnection);
}

void DayPage::refresh() {
    if (!session_.studio()) return;
    const bool any = !session_.day().setups.empty();
    day_->setVisible(any);
    empty_->setVisible(!any);
    editor_->setVisible(any);
    table_->day().setRows(dayRows(session_.day(), session_.sky()));
    const int row = table_->day().rowOf(session_.currentId());
    if (row >= 0 && table_->currentIndex().row() != row) table_->setCurrentIndex(table_->day().index(row, 0));
    editor_->refresh();
    showSun();
    align();
}

void DayPage::showSun() {
    const plan::Day& day = session_.day();
    const auto* setup = session_.studio()->contents().find<plan::Setup>(session_.currentId());
    const plan::Place* place = setup ? placeOf(day, setup->conditions.place) : nullptr;
    const plan::Lamp* lamp = setup ? day.kit.lamp(setup->conditions.lamp) : nullptr;
    const auto date = plan::dateFrom(day.shoot.date);
    SunStrip::Shown shown;
    shown.axis = table_->day().axis();
    const auto kind = lamp ? lamp->kind : plan::LightKind::daylight;
    if (!lamp || !plan::moves(kind)) {
        shown.empty = tr("Its light does not move by itself.");
    } else if (!place || !place->latitude) {
        shown.empty = tr("With the place's coordinates, the sun's way is drawn here.");
    } else if (!date) {
        shown.empty = tr("With the shoot's date, the sun's way is drawn here.");
    } else {
        shown.sky = plan::skyOver(*date, *place, kind, session_.sky());
        shown.midnight =
            plan::Moment(std::chrono::sys_days(*date)) - std::chrono::minutes(place->offsetMinutes);
        const int row = table_->day().rowOf(session_.currentId());
        if (row >= 0) shown.shot = table_->day().rows()[static_cast<std::size_t>(row)].shot;
        if (!shown.shot) shown.shot = setup->startMinutes;
        if (shown.shot)
            if (const auto t = plan::trust(shown.midnight + std::chrono::minutes(*shown.shot), *place, kind,
                                           day.shoot, session_.sky())) {
                const auto minutes = [&](plan::Moment m) {
                    return static_cast<int>(
                        std::chrono::floor<std::chrono::minutes>(m - shown.midnight).count());
                };
                shown.from = minutes(t->from);
                shown.until = minutes(t->until);
            }
    }
    sun_->show(std::move(shown));
    saySun({});
}

// At the chart shot, or where the pointer is.
void DayPage::saySun(std::optional<int> minutes) {
    const plan::Day& day = session_.day();
    const auto* setup = session_.studio()->contents().find<plan::Setup>(session_.currentId());
    const plan::Place* place = setup ? placeOf(day, setup->conditions.place) : nullptr;
    const plan::Lamp* lamp = setup ? day.kit.lamp(setup->conditions.lamp) : nullptr;
    const auto date = plan::dateFrom(day.shoot.date);
    const int row = setup ? table_->day().rowOf(session_.currentId()) : -1;
    std::optional<int> at = minutes;
    if (!at && row >= 0) at = table_->day().rows()[static_cast<std::size_t>(row)].shot;
    if (!at && setup) at = setup->startMinutes;
    if (!place || !place->latitude || !lamp || !plan::moves(lamp->kind) || !date || !at) {
        sunTitle_->setText(setup ? tr("How its light moves") : QString());
        return sunText_->setText({});
    }
    const plan::Moment moment =
        plan::Moment(std::chrono::sys_days(*date)) + std::chrono::minutes(*at - place->offsetMinutes);
    const auto sun = plan::sunPosition(moment, *place->latitude, *place->longitude);
    const auto light = plan::daylightAt(moment, *place, lamp->kind, session_.sky());
    QString title = told("%1 at %2\nSun %3° high, azimuth %4°")
                        .arg(QString::fromStdString(place->label), clockText(*at))
                        .arg(decimalText(sun.heightDegrees, 0))
                        .arg(decimalText(sun.azimuthDegrees, 0));
    if (light)
        title += told("\n%1, clear sky: %2 mired (%3 K)")
                     .arg(lamp->kind == plan::LightKind::shade ? tr("Sky light") : tr("Daylight"))
                     .arg(decimalText(light->mired, 0))
                     .arg(decimalText(std::round(1e4 / light->mired) * 100, 0));
    sunTitle_->setText(title);
    const auto trust = plan::trust(moment, *place, lamp->kind, day.shoot, session_.sky());
    sunText_->setText(trust ? tr("A chart shot at %1: ").arg(clockText(*at)) +
                                  QString::fromStdString(trust->reason)
                            : tr("The sun is down."));
}

}  // namespace refero
