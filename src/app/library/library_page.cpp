// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/library/library_page.h"

#include <QDate>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QItemSelectionModel>
#include <QLocale>
#include <QPainter>
#include <QVBoxLayout>

#include "app/dialogs/dialogs.h"
#include "app/kit/kit_fields.h"
#include "app/look/button.h"
#include "app/look/caption.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/tables/figure_rows.h"
#include "app/tables/row_table.h"

namespace refero {
namespace {

QString filter() {
    return refero::told("Refero library (*.refero-library.json)");
}

// EXIF's "2026:05:14 09:12:08", or ISO 8601.
QDate dayOf(const std::string& taken) {
    return QDate::fromString(text(taken.substr(0, 10)).replace(QLatin1Char(':'), QLatin1Char('-')),
                             Qt::ISODate);
}

QString dateText(const std::string& taken) {
    const QDate day = dayOf(taken);
    return day.isValid() ? QLocale().toString(day, QLocale::ShortFormat) : LibraryPage::tr("no date");
}

QString ageOf(const std::string& taken) {
    const QDate day = dayOf(taken);
    if (!day.isValid()) return {};
    const auto days = static_cast<int>(day.daysTo(QDate::currentDate()));
    if (days < 0) return LibraryPage::tr("not yet");
    return days < 60 ? LibraryPage::tr("%n days", nullptr, days)
                     : LibraryPage::tr("%n months", nullptr, days / 30);
}

// The plan names kinds of light; what else it is called stays as people wrote it.
QString lightText(const std::string& light) {
    const auto kind = plan::lightKindByName(light);
    return kind ? inWords(plan::name(*kind)) : text(light);
}

QString saidOf(const workflow::ShelfGroup& g) {
    return g.disagreement ? text(words::sentence(*g.disagreement)) : QString();
}

QString figure(const std::optional<double>& v) {
    return v ? decimalText(*v, 2) : QString();
}

}  // namespace

LibraryPage::LibraryPage(Session& session, Dialogs& dialogs, QWidget* parent)
    : QWidget(parent), session_(session), dialogs_(dialogs) {
    setObjectName(QStringLiteral("libraryPage"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 16, 24, 16);
    column->setSpacing(3 * look::kStep);
    column->addWidget(buildTop());
    groupRows_ = new FigureRows(
        {{tr("Body"), {}, false},
         {tr("Lens"), {}, false},
         {tr("Light"), tr("As the plan names its lamp, else as its setup is called."), false},
         {tr("Shots"), tr("Chart shots that a correction was built from."), true},
         {tr("Newest"), {}, true},
         {tr("Age"), {}, true},
         {tr("Spread"),
          tr("Mean CIEDE2000 between the newest and the one that is furthest from it, on the chart's "
             "patches."),
          true},
         {tr("Proof"), tr("Mean CIEDE2000 that the latest proof on another chart shot left."), true}},
        this);
    groupTable_ = new RowTable(this);
    groupTable_->setObjectName(QStringLiteral("libraryGroups"));
    groupTable_->setAccessibleName(tr("Corrections by body, lens and light"));
    groupTable_->setModel(groupRows_);
    groupTable_->setWidths({180, 120, 0, 60, 100, 90, 70, 70});
    column->addWidget(groupTable_, 3);
    said_ = new look::Label({}, look::Size::body);
    said_->setObjectName(QStringLiteral("librarySaid"));
    column->addWidget(said_);
    itemRows_ = new FigureRows(
        {{tr("Correction"), {}, false},
         {tr("Shoot"), {}, false},
         {tr("Shot on"), {}, true},
         {tr("Left"), tr("Mean CIEDE2000 that it leaves on the chart."), true},
         {tr("Expected"), tr("CIEDE2000 to expect of an ordinary colour that is not on the chart."), true}},
        this);
    itemTable_ = new RowTable(this);
    itemTable_->setObjectName(QStringLiteral("libraryItems"));
    itemTable_->setAccessibleName(tr("Corrections of the chosen light"));
    itemTable_->setModel(itemRows_);
    itemTable_->setWidths({0, 200, 100, 70, 90});
    column->addWidget(itemTable_, 2);
    connect(groupTable_->selectionModel(), &QItemSelectionModel::currentChanged, this,
            [this](const QModelIndex& now) { showGroup(now.row()); });
    connect(out_, &QAbstractButton::clicked, this, &LibraryPage::copyOut);
    connect(in_, &QAbstractButton::clicked, this, &LibraryPage::copyIn);
    connect(remove_, &QAbstractButton::clicked, this, &LibraryPage::takeOut);
    show({});
}

QWidget* LibraryPage::buildTop() {
    auto* box = new QWidget(this);
    auto* column = new QVBoxLayout(box);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(2 * look::kStep);
    auto* row = new QHBoxLayout;
    title_ = new look::Label({}, look::Size::title, look::Label::Tone::loud, QFont::DemiBold);
    title_->setObjectName(QStringLiteral("libraryTitle"));
    row->addWidget(title_, 1);
    const auto button = [&](const char* name, const QString& words, const QString& hint) {
        auto* b = new look::Button(look::Button::Kind::plain, words, box);
        b->setObjectName(QLatin1String(name));
        b->setToolTip(hint);
        row->addWidget(b);
        return b;
    };
    in_ = button("libraryIn", tr("Bring in a library"), tr("What another studio has copied out."));
    out_ = button("libraryOut", tr("Copy it out"), tr("All of it as one file, for another studio."));
    remove_ = button("libraryRemove", tr("Take out"),
                     tr("Those of the chosen light that came from another studio; setups keep theirs."));
    column->addLayout(row);
    column->addWidget(new look::Label(tr("A light without a chart shot of its own is lent the colours of its "
                                         "body: from a setup that the plan's rules "
                                         "allow, then from here: the same kind of light, a mix of two, "
                                         "another light. Never those of another body."),
                                      look::Size::body));
    return box;
}

void LibraryPage::refresh() {
    const int mine = ++asked_;
    session_.background(
        [items = workflow::shelfItems(session_.contents()), parser = session_.parsedCorrections()](
            const std::stop_token&) { return workflow::grouped(workflow::parsed(items, *parser)); },
        [this, mine](std::vector<workflow::ShelfGroup> groups) {
            if (mine == asked_) show(std::move(groups));
        },
        Urgency::soon);
}

void LibraryPage::show(std::vector<workflow::ShelfGroup> groups) {
    const int before = groupTable_->currentIndex().row();
    groups_ = std::move(groups);
    std::vector<FigureRow> rows;
    std::size_t shots = 0;
    for (const workflow::ShelfGroup& g : groups_) {
        shots += g.items.size();
        const std::string& taken = g.items.front().correction->taken;
        rows.push_back({QString::number(rows.size()),
                        {text(g.serial.empty() ? g.body : g.body + " " + g.serial), text(g.lens),
                         lightText(g.light), QString::number(g.items.size()), dateText(taken), ageOf(taken),
                         figure(g.spread), figure(g.proof)},
                        g.disagreement.has_value(),
                        false,
                        {},
                        saidOf(g)});
    }
    groupRows_->setRows(std::move(rows));
    title_->setText(groups_.empty() ? tr("The library is empty")
                                    : tr("Corrections in the library: %1").arg(shots));
    out_->setEnabled(!groups_.empty());
    if (!groups_.empty()) groupTable_->selectRow(std::clamp(before, 0, static_cast<int>(groups_.size()) - 1));
    showGroup(groupTable_->currentIndex().row());
}

void LibraryPage::showGroup(int row) {
    const bool there = row >= 0 && row < static_cast<int>(groups_.size());
    std::vector<FigureRow> rows;
    bool elsewhere = false;
    if (there)
        for (const workflow::ShelfItem& item : groups_[static_cast<std::size_t>(row)].items) {
            const Correction& c = *item.correction;
            elsewhere = elsewhere || item.setup == 0;
            rows.push_back(
                {QString::number(item.record),
                 {text(c.name),
                  item.setup == 0 ? tr("%1, another studio").arg(text(item.shoot)) : text(item.shoot),
                  dateText(c.taken), decimalText(c.summary.after.mean, 2),
                  decimalText(c.summary.expectedError, 2)},
                 false,
                 false,
                 {},
                 text(c.summary.message)});
        }
    itemRows_->setRows(std::move(rows));
    remove_->setEnabled(elsewhere);
    if (groups_.empty())
        said_->setText(
            tr("It fills by itself: every correction that is built from a chart shot stands here, "
               "also when its shoot is long over."));
    else
        said_->setText(there ? saidOf(groups_[static_cast<std::size_t>(row)]) : QString());
    said_->setVisible(!said_->text().isEmpty());
}

void LibraryPage::copyOut() {
    const QString path = dialogs_.saveFile(this, tr("Copy the library out"),
                                           QStringLiteral("Corrections.refero-library.json"), filter());
    if (path.isEmpty()) return;
    std::vector<workflow::ShelfItem> all;
    for (const workflow::ShelfGroup& g : groups_) all.insert(all.end(), g.items.begin(), g.items.end());
    session_.background(
        [all = std::move(all), path = path.toStdString()](const std::stop_token&) {
            return workflow::copyOut(all, path);
        },
        [this](const Result<std::size_t>& written) {
            emit told(written ? tr("Corrections written: %1").arg(*written) : text(written.error().message));
        },
        Urgency::soon);
}

void LibraryPage::copyIn() {
    const QString path = dialogs_.openFile(this, tr("Bring in a library"), filter());
    if (path.isEmpty() || !session_.studio()) return;
    session_.background(
        [path = path.toStdString()](const std::stop_token&) { return workflow::recordsIn(path); },
        [this, name = QFileInfo(path).fileName()](const Result<std::vector<studio::ShelfRecord>>& records) {
            if (!session_.studio()) return;
            const auto fresh = records.and_then([&](const auto& all) {
                return workflow::putOnShelf(*session_.studio(), all,
                                            tr("Bring in the library %1").arg(name).toStdString());
            });
            session_.rebuild();
            session_.undo().refresh();
            emit told(fresh ? tr("New in the library: %1").arg(*fresh) : text(fresh.error().message));
            refresh();
        },
        Urgency::soon);
}

void LibraryPage::takeOut() {
    const int row = groupTable_->currentIndex().row();
    if (row < 0 || row >= static_cast<int>(groups_.size())) return;
    const Status kept = session_.perform(tr("Take out of the library"), [&](studio::Edit& edit) -> Status {
        for (const workflow::ShelfItem& item : groups_[static_cast<std::size_t>(row)].items)
            if (item.setup == 0) edit.remove<studio::ShelfRecord>(item.record);
        return {};
    });
    if (!kept) emit told(text(kept.error().message));
    refresh();
}

void LibraryPage::paintEvent(QPaintEvent*) {
    QPainter(this).fillRect(rect(), look::palette().ground);
}

}  // namespace refero
