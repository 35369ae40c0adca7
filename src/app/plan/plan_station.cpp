// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan/plan_station.h"

#include <QAction>
#include <QButtonGroup>
#include <QComboBox>
#include <QHBoxLayout>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QVBoxLayout>

#include "app/charts/charts_page.h"
#include "app/kit/kit_fields.h"
#include "app/kit/kit_page.h"
#include "app/library/library_page.h"
#include "app/look/button.h"
#include "app/look/caption.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/plan/coverage_page.h"
#include "app/plan/day_page.h"
#include "app/plan/prepare_page.h"
#include "app/plan/setup_editor.h"
#include "core/plan/call_sheet.h"
#include "studio/plan_edits.h"
#include "workflow/shoots.h"

namespace refero {
namespace {
constexpr int kNarrowPolicy = 104;
}  // namespace

PlanStation::PlanStation(Session& session, Dialogs& dialogs, QWidget* parent)
    : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("planStation"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    pages_ = new QStackedWidget(this);
    day_ = new DayPage(session_, pages_);
    prepare_ = new PreparePage(session_, pages_);
    coverage_ = new CoveragePage(session_, pages_);
    kit_ = new KitPage(session_, pages_);
    charts_ = new ChartsPage(session_, dialogs, pages_);
    library_ = new LibraryPage(session_, dialogs, pages_);
    for (QWidget* page :
         {static_cast<QWidget*>(day_), static_cast<QWidget*>(prepare_), static_cast<QWidget*>(coverage_),
          static_cast<QWidget*>(kit_), static_cast<QWidget*>(charts_), static_cast<QWidget*>(library_)})
        pages_->addWidget(page);
    column->addWidget(buildBar());
    column->addWidget(pages_, 1);
    buildActions();
    connect(charts_, &ChartsPage::told, this, &PlanStation::told);
    connect(library_, &LibraryPage::told, this, &PlanStation::told);
    connect(day_, &DayPage::kitWanted, this, [this] { showPage(Page::kit); });
    connect(&session_, &Session::planChanged, this, &PlanStation::refresh);
    connect(&session_, &Session::currentChanged, this, &PlanStation::refresh);
    showPage(Page::day);
}

QWidget* PlanStation::buildBar() {
    auto* bar = new QWidget(this);
    auto* row = new QHBoxLayout(bar);
    row->setContentsMargins(16, 8, 16, 8);
    row->setSpacing(8);
    shoot_ = new QComboBox(bar);
    shoot_->setObjectName(QStringLiteral("shootChoice"));
    shoot_->setAccessibleName(tr("Shoot"));
    // A long name is told by the list; it may not widen the window.
    shoot_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    shoot_->setMinimumContentsLength(14);
    row->addWidget(shoot_);
    date_ = new look::Button(look::Button::Kind::plain, tr("Date"), bar);
    date_->setObjectName(QStringLiteral("shootDateButton"));
    date_->setToolTip(tr("Name, client, date and limits of the shoot"));
    connect(date_, &QAbstractButton::clicked, this, [this] {
        showPage(Page::kit);
        kit_->chooseShoot(session_.shootId());
    });
    row->addWidget(date_);
    row->addSpacing(12);
    // Longer languages take their room for the pages' names from this.
    auto* caption = look::caption(tr("New chart shot after"));
    caption->setSingleLine();
    caption->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Preferred);
    caption->setToolTip(caption->text());
    caption_ = caption;
    row->addWidget(caption_);
    policy_ = new QComboBox(bar);
    policy_->setObjectName(QStringLiteral("policyChoice"));
    policy_->setAccessibleName(tr("New chart shot after"));
    policy_->setMinimumWidth(kNarrowPolicy);
    for (const plan::Policy p : plan::kPolicies) {
        policy_->addItem(inWords(p));
        policy_->setItemData(policy_->count() - 1, QString::fromStdString(plan::described(p)),
                             Qt::ToolTipRole);
    }
    row->addWidget(policy_);
    row->addStretch(1);
    auto* group = new QButtonGroup(this);
    for (const char* name :
         {word("Day"), word("Prepare"), word("Coverage"), word("Kit"), word("Charts"), word("Library")}) {
        auto* tab = new look::Button(look::Button::Kind::plain, refero::told(name), bar);
        tab->setObjectName(QLatin1String(name) + QStringLiteral("Page"));
        tab->setCheckable(true);
        group->addButton(tab, static_cast<int>(tabs_.size()));
        row->addWidget(tab);
        tabs_ << tab;
    }
    connect(group, &QButtonGroup::idClicked, this, [this](int i) { showPage(static_cast<Page>(i)); });
    connect(shoot_, &QComboBox::activated, this, &PlanStation::chooseShoot);
    connect(policy_, &QComboBox::activated, this, &PlanStation::choosePolicy);
    return bar;
}

void PlanStation::buildActions() {
    const auto add = [this](const char* object, const char* text, const char* keys, auto slot) {
        auto* action = new QAction(refero::told(text), this);
        action->setObjectName(QLatin1String(object));
        action->setShortcut(QKeySequence(QLatin1String(keys)));
        connect(action, &QAction::triggered, this, slot);
        window()->addAction(action);
    };
    add("addSetupAction", word("Enter a setup"), "Ctrl+N", [this] { addSetup(false); });
    add("duplicateSetupAction", word("Duplicate the setup"), "Ctrl+D", [this] { addSetup(true); });
    add("setupUpAction", word("Move the setup up"), "Alt+Up", [this] { move(-1); });
    add("setupDownAction", word("Move the setup down"), "Alt+Down", [this] { move(1); });
}

void PlanStation::act(const QString& name, const std::function<Status(studio::Edit&)>& fill) {
    if (const Status kept = session_.perform(name, fill); !kept)
        emit told(QString::fromStdString(kept.error().message));
}

void PlanStation::addSetup(bool alikeCurrent) {
    const studio::Contents& contents = session_.studio()->contents();
    const auto* model = contents.find<plan::Setup>(session_.currentId());
    if (alikeCurrent && !model) return;
    const QString name =
        alikeCurrent ? tr("Duplicate %1").arg(QString::fromStdString(model->label)) : tr("Enter a setup");
    studio::SetupId id = 0;
    act(name, [&](studio::Edit& edit) -> Status {
        if (alikeCurrent) {
            id = studio::duplicateSetup(edit, contents, model->id);
            return {};
        }
        id = studio::addSetup(edit, contents, session_.shootFor(edit));
        return {};
    });
    if (id == 0) return;
    session_.select(id);
    emit told({});
    if (!isVisible()) return;
    showPage(Page::day);
    day_->editor().focusOn("setupLabel");
}

void PlanStation::move(int by) {
    const auto& all = session_.day().setups;
    for (std::size_t i = 0; i < all.size(); ++i) {
        if (all[i].id != session_.currentId()) continue;
        const int to = static_cast<int>(i) + by;
        if (to < 0 || to >= static_cast<int>(all.size())) return;
        return session_.moveSetup(all[i].id, to);
    }
}

void PlanStation::showPage(Page page) {
    pages_->setCurrentIndex(static_cast<int>(page));
    for (int i = 0; i < tabs_.size(); ++i) tabs_[i]->setChecked(i == static_cast<int>(page));
    refresh();
}

PlanStation::Page PlanStation::page() const {
    return static_cast<Page>(pages_->currentIndex());
}

void PlanStation::setCompact(bool compact) {
    compact_ = compact;
    date_->setVisible(session_.day().shoot.id != 0 && !compact);
    caption_->setVisible(!compact);
    shoot_->setMinimumWidth(compact ? 130 : 180);
    day_->setCompact(compact);
}

void PlanStation::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

// What is not to be seen is brought up to date when it is shown.
void PlanStation::refresh() {
    if (!isVisible()) return;
    showShoots();
    refreshPage();
}

void PlanStation::refreshPage() {
    switch (page()) {
        case Page::day:
            return day_->refresh();
        case Page::prepare:
            return prepare_->refresh();
        case Page::coverage:
            return coverage_->refresh();
        case Page::kit:
            return kit_->refresh();
        case Page::charts:
            return charts_->refresh();
        case Page::library:
            return library_->refresh();
    }
}

void PlanStation::showShoots() {
    const QSignalBlocker blockShoot(shoot_), blockPolicy(policy_);
    shoots_.clear();
    shoot_->clear();
    for (const auto& [id, s] : session_.studio()->contents().all<plan::Shoot>()) {
        shoots_.push_back(id);
        shoot_->addItem(QString::fromStdString(s.label));
        if (id == session_.shootId()) shoot_->setCurrentIndex(shoot_->count() - 1);
    }
    shoot_->addItem(tr("Begin another shoot"));
    const plan::Shoot& now = session_.day().shoot;
    date_->setText(now.date.empty() ? tr("No date") : QString::fromStdString(now.date));
    date_->setVisible(now.id != 0 && !compact_);  // a small window has it in the kit
    date_->updateGeometry();
    policy_->setEnabled(now.id != 0);
    policy_->setCurrentIndex(static_cast<int>(now.policy));
    policy_->setToolTip(QString::fromStdString(plan::described(now.policy)));
    if (now.id == 0) shoot_->setCurrentIndex(-1);
}

void PlanStation::chooseShoot(int index) {
    if (index < static_cast<int>(shoots_.size())) {
        session_.openShoot(shoots_[static_cast<std::size_t>(index)]);
        return refresh();
    }
    studio::ShootId id = 0;
    act(tr("Begin another shoot"), [&](studio::Edit& edit) -> Status {
        id = workflow::newShoot(edit);
        return {};
    });
    if (id) session_.openShoot(id);
    refresh();
}

void PlanStation::choosePolicy(int index) {
    plan::Shoot changed = session_.day().shoot;
    const auto policy = plan::kPolicies[static_cast<std::size_t>(index)];
    if (changed.policy == policy) return;
    changed.policy = policy;
    act(tr("New chart shot after: %1").arg(inWords(policy)), [&](studio::Edit& edit) -> Status {
        edit.put(changed);
        return {};
    });
}

}  // namespace refero
