// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/handover/handover_station.h"

#include <QComboBox>
#include <QDesktopServices>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QPointer>
#include <QSortFilterProxyModel>
#include <QStackedWidget>
#include <QUrl>
#include <QVBoxLayout>
#include <algorithm>
#include <utility>

#include "app/dialogs/dialogs.h"
#include "app/handover/collision_question.h"
#include "app/handover/frames_choice.h"
#include "app/handover/queue_strip.h"
#include "app/handover/receiver_card.h"
#include "app/handover/single_file.h"
#include "app/look/button.h"
#include "app/look/caption.h"
#include "app/look/label.h"
#include "app/look/search_field.h"
#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/session/handover_actions.h"
#include "app/station/when_seen.h"
#include "app/tables/row_table.h"
#include "workflow/delivery_items.h"

namespace refero {
namespace {

QString text(std::string_view s) {
    return QString::fromUtf8(s.data(), static_cast<int>(s.size()));
}

look::Label* heading(const char* words, QWidget* parent) {
    return new look::Label(told(words), look::Size::title, look::Label::Tone::text, QFont::DemiBold, parent);
}

QString told(const io::Foreseen& f) {
    QStringList lines;
    for (const std::string& sentence : f.lost) lines << QString::fromStdString(sentence);
    if (f.largest > 0.005)
        lines << refero::told("%1 off on average, %2 at most.")
                     .arg(decimalText(f.mean, 2))
                     .arg(decimalText(f.largest, 2));
    return lines.isEmpty() ? HandoverStation::tr("Holds all of it.") : lines.join(QLatin1Char(' '));
}

// Only a camera profile has one, and only contrast is such a curve.
bool offersCurve(const Setup* s, const workflow::Delivery& p) {
    return s && s->correction && s->correction->finish.contrast != 0 &&
           std::any_of(p.exports.begin(), p.exports.end(),
                       [](const io::ExportOptions& o) { return o.format == io::Format::dcp; });
}

DeliveryModel::Row rowOf(const workflow::DeliveryItem& item) {
    QStringList all;
    for (const std::string& ending : item.endings) all << text(ending);
    const QString endings = QStringLiteral(" (%1)").arg(all.join(QStringLiteral(", ")));
    switch (item.kind) {
        case workflow::DeliveryItem::Kind::correction:
            break;
        case workflow::DeliveryItem::Kind::check:
            return {HandoverStation::tr("Check frame") + endings,
                    HandoverStation::tr(
                        "A frame as a plate, seen through the view; held against the graded picture."),
                    {}};
        case workflow::DeliveryItem::Kind::recipe:
            return {HandoverStation::tr("Recipe") + endings,
                    HandoverStation::tr(
                        "What wheels, curves and hue controls cannot do; it says how much that is."),
                    {}};
        case workflow::DeliveryItem::Kind::report:
            return {HandoverStation::tr("Report") + endings,
                    HandoverStation::tr("No correction: figures and pictures."),
                    {}};
    }
    return {refero::told(io::info(item.options.format).label), {}, {}};
}

// Why there is nothing to give of a setup, and what its button does about it.
struct NothingToGive {
    QString why, button;
};
NothingToGive nothingToGive(const Setup* s, const Setup* by) {
    const QString toCorrection = HandoverStation::tr("To the correction");
    if (!s)
        return {HandoverStation::tr("No setup is chosen. Bring in a chart shot, or plan the day."),
                toCorrection};
    if (!by || by->id == s->id)
        return {
            refero::told("%1 has no correction yet. Once it has one, it goes from here to whoever needs it.")
                .arg(text(s->light)),
            toCorrection};
    if (!by->correction)
        return {HandoverStation::tr("The chart of %1 serves %2, too; it has no correction yet.")
                    .arg(text(by->light), text(s->light)),
                toCorrection};
    return {HandoverStation::tr("The chart of %1 serves %2, too: its frames go out by that correction.")
                .arg(text(by->light), text(s->light)),
            HandoverStation::tr("Hand its frames over")};
}

std::vector<studio::FrameId> subjectsOf(const studio::Contents& contents, studio::SetupId setup) {
    std::vector<studio::FrameId> out;
    for (const auto& [id, f] : contents.all<studio::Frame>())
        if (f.setup == setup && f.role != studio::FrameRole::chart) out.push_back(id);
    return out;
}

}  // namespace

HandoverStation::HandoverStation(Session& session, Dialogs& dialogs, QWidget* parent)
    : QWidget(parent), session_(session), dialogs_(dialogs), items_(this), history_(this) {
    setObjectName(QStringLiteral("handoverStation"));
    pages_ = new QStackedWidget(this);
    auto* whole = new QHBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->addWidget(pages_);
    auto* page = new QWidget(pages_);
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(16, 12, 16, 12);
    column->setSpacing(12);
    column->addWidget(buildCards());
    column->addWidget(buildParcel());
    inTheWay_ = new CollisionQuestion(page);
    column->addWidget(inTheWay_);
    column->addWidget(new QueueStrip(session_.handover().frameQueue(), page));
    column->addWidget(buildHistory(), 1);
    pages_->addWidget(page);
    pages_->addWidget(buildEmpty());
    auto* following = new WhenSeen(this, [this] { refresh(); });
    connect(&session_, &Session::currentChanged, this, [this, following] {
        withdraw();
        following->ask();
    });
    connect(&session_, &Session::listChanged, following, &WhenSeen::ask);
    connect(&session_, &Session::changed, this, [this, following](studio::SetupId id) {
        if (id == session_.currentId()) following->ask();
    });
    connect(&session_.handover(), &HandoverActions::told, &items_, &DeliveryModel::setState);
    connect(&session_.handover(), &HandoverActions::given, this,
            [this](studio::SetupId, const QStringList& problems) {
                told_->setText(problems.isEmpty() ? QString() : problems.join(QLatin1Char(' ')));
                told_->setVisible(!problems.isEmpty());
                showHand();
            });
    connect(&session_.handover().frameQueue(), &FrameQueue::changed, this, &HandoverStation::showGoOn);
    connect(inTheWay_, &CollisionQuestion::answered, this, &HandoverStation::give);
    connect(inTheWay_, &CollisionQuestion::declined, this, [this] {
        withdraw();
        showHand();
    });
    choose(receiver_);
    showGoOn();
}

QWidget* HandoverStation::buildCards() {
    auto* holder = new QWidget(this);
    auto* row = new QHBoxLayout(holder);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    for (const Receiver r : kReceivers) {
        auto* card = new ReceiverCard(r, holder);
        connect(card, &QAbstractButton::clicked, this, [this, r] { choose(r); });
        row->addWidget(card, 1);
        cards_.push_back(card);
    }
    auto* own = new ReceiverCard(std::nullopt, holder);
    connect(own, &QAbstractButton::clicked, this, [this] { choose({}); });
    row->addWidget(own, 1);
    cards_.push_back(own);
    return holder;
}

QWidget* HandoverStation::buildParcel() {
    auto* holder = new QWidget(this);
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    auto* row = new QHBoxLayout;
    row->setSpacing(12);
    why_ = new look::Label({}, look::Size::body, look::Label::Tone::quiet);
    why_->setObjectName(QStringLiteral("receiverWhy"));
    row->addWidget(why_, 1);
    hand_ = new look::Button(look::Button::Kind::primary, tr("Hand over"), holder);
    hand_->setObjectName(QStringLiteral("parcelButton"));
    hand_->setToolTip(tr("Asks for a folder, writes all of it there and reads each file back."));
    connect(hand_, &QAbstractButton::clicked, this, &HandoverStation::handOver);
    row->addWidget(hand_, 0, Qt::AlignTop);
    column->addLayout(row);
    list_ = new RowTable(holder);
    list_->setObjectName(QStringLiteral("parcelList"));
    list_->setAccessibleName(tr("What goes out"));
    list_->setModel(&items_);
    list_->setWidths({220, 0, 300});
    list_->showWhole();
    column->addWidget(list_);
    single_ = new SingleFile(session_, dialogs_, holder);
    connect(single_, &SingleFile::ended, this, &HandoverStation::refresh);
    column->addWidget(single_);
    column->addWidget(buildCurve());
    frames_ = new FramesChoice(session_, holder);
    connect(frames_, &FramesChoice::changed, this, [this] {
        withdraw();
        showHand();
    });
    column->addWidget(frames_);
    told_ = new look::Label({}, look::Size::small, look::Label::Tone::loud);
    told_->setObjectName(QStringLiteral("parcelProblems"));
    told_->hide();
    column->addWidget(told_);
    return holder;
}

// Taste is in no profile, unless it is asked for.
QWidget* HandoverStation::buildCurve() {
    curveRow_ = new QWidget(this);
    auto* row = new QHBoxLayout(curveRow_);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(8);
    row->addWidget(look::caption(tr("Base tone curve"), curveRow_));
    curve_ = new QComboBox(curveRow_);
    curve_->setObjectName(QStringLiteral("baseCurve"));
    curve_->setAccessibleName(tr("Base tone curve"));
    curve_->setToolTip(
        refero::told("What the raw developer begins with: a straight line, or the contrast of the finish."));
    curve_->addItems({tr("Straight"), tr("The finish's contrast")});
    connect(curve_, &QComboBox::activated, this, [this] {
        withdraw();
        showParcel();
    });
    row->addWidget(curve_);
    row->addStretch(1);
    return curveRow_;
}

QWidget* HandoverStation::buildHistory() {
    auto* holder = new QWidget(this);
    auto* column = new QVBoxLayout(holder);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    row->addWidget(heading(word("What went out"), holder));
    row->addStretch(1);
    search_ = look::searchField("historySearch", tr("Search what went out"), tr("Search"), holder);
    search_->setFixedWidth(180);
    row->addWidget(search_);
    const auto button = [&](const QString& name, const char* object, const QString& hint, auto slot) {
        auto* b = new look::Button(look::Button::Kind::plain, name, holder);
        b->setObjectName(QLatin1String(object));
        b->setToolTip(hint);
        connect(b, &QAbstractButton::clicked, this, slot);
        row->addWidget(b);
        return b;
    };
    showFile_ =
        button(tr("Show the file"), "historyShow", tr("Opens its folder in the file manager."), [this] {
            if (const auto* h = chosenPast())
                QDesktopServices::openUrl(QUrl::fromLocalFile(QFileInfo(text(h->path)).absolutePath()));
        });
    goOn_ = button(tr("Go on with these frames"), "historyGoOn",
                   tr("Does what is left of a job of frames; what is finished is kept."), [this] { goOn(); });
    column->addLayout(row);
    pastEmpty_ = new look::Label(tr("Nothing yet. Whatever goes out of this setup is kept here, with what "
                                    "another engine made of it; it "
                                    "is marked as out of date when the correction changes."),
                                 look::Size::small, look::Label::Tone::quiet);
    column->addWidget(pastEmpty_);
    sorted_ = new QSortFilterProxyModel(this);
    sorted_->setSourceModel(&history_);
    sorted_->setSortRole(HistoryModel::kSortRole);
    sorted_->setFilterKeyColumn(-1);
    sorted_->setFilterCaseSensitivity(Qt::CaseInsensitive);
    connect(search_, &QLineEdit::textChanged, sorted_, &QSortFilterProxyModel::setFilterFixedString);
    past_ = new RowTable(holder);
    past_->setObjectName(QStringLiteral("handoverHistory"));
    past_->setAccessibleName(tr("What went out of this setup"));
    past_->setModel(sorted_);
    past_->setWidths({110, 110, 0, 220, 110});
    past_->setSortingEnabled(true);
    past_->sortByColumn(HistoryModel::when, Qt::DescendingOrder);
    connect(past_->selectionModel(), &QItemSelectionModel::currentChanged, this, [this] { showGoOn(); });
    connect(past_, &QAbstractItemView::activated, this, [this] {
        if (const auto* h = chosenPast()) QDesktopServices::openUrl(QUrl::fromLocalFile(text(h->path)));
    });
    column->addWidget(past_, 1);
    column->addStretch(0);
    return holder;
}

QWidget* HandoverStation::buildEmpty() {
    auto* page = new QWidget(this);
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(48, 48, 48, 48);
    column->addStretch(1);
    emptyText_ = new look::Label({}, look::Size::large, look::Label::Tone::text);
    emptyText_->setObjectName(QStringLiteral("handoverEmpty"));
    column->addWidget(emptyText_);
    column->addSpacing(12);
    emptyGo_ = new look::Button(look::Button::Kind::primary, nothingToGive(nullptr, nullptr).button, page);
    emptyGo_->setObjectName(QStringLiteral("handoverToCorrection"));
    connect(emptyGo_, &QAbstractButton::clicked, this, &HandoverStation::leaveEmpty);
    column->addWidget(emptyGo_, 0, Qt::AlignLeft);
    column->addStretch(2);
    return page;
}

// The receiver's usual output; each choice can be changed then.
void HandoverStation::choose(std::optional<Receiver> receiver) {
    receiver_ = receiver;
    withdraw();
    single_->setVisible(!receiver);
    for (ReceiverCard* card : cards_) card->setChecked(card->receiver() == receiver);
    why_->setText(refero::told(info(receiver).why));
    const workflow::Delivery usual =
        receiver ? workflow::deliveryFor(*receiver, Correction{}) : workflow::Delivery{};
    frames_->setVisible(usual.frames.has_value());
    if (usual.frames) frames_->setOutput(usual.frames->output);
    refresh();
}

void HandoverStation::offer(std::vector<studio::FrameId> frames) {
    frames_->offer(std::move(frames));
    // Of those who get frames.
    const bool gets = receiver_ && workflow::deliveryFor(*receiver_, Correction{}).frames;
    choose(gets ? receiver_ : Receiver::client);
}

// To whichever setup has the correction, with this one's frames.
void HandoverStation::leaveEmpty() {
    const Setup* s = session_.current();
    if (!s) return emit correctionWanted();
    const auto frames = subjectsOf(session_.studio()->contents(), s->id);
    const auto by = session_.correctedBy(s->id);
    const bool others = by != s->id;
    session_.select(by);
    if (!session_.current()->correction) return emit correctionWanted();
    if (others && !frames.empty()) offer(frames);
}

void HandoverStation::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    refresh();
}

void HandoverStation::refresh() {
    // What each file would lose is worked out anew; nobody needs that while they look elsewhere.
    if (!isVisible()) return;
    const Setup* s = session_.current();
    const bool can = s && s->correction;
    pages_->setCurrentIndex(can ? 0 : 1);
    if (!can) {
        const auto nothing = nothingToGive(s, s ? session_.setup(session_.correctedBy(s->id)) : nullptr);
        emptyText_->setText(nothing.why);
        emptyGo_->setText(nothing.button);
        emptyGo_->setAccessibleName(nothing.button);
    }
    frames_->refresh();
    history_.setHandovers(s ? s->handedOver : std::vector<workflow::HandedOver>{});
    past_->setVisible(history_.rowCount() > 0);
    search_->setVisible(history_.rowCount() > 0);
    if (can) single_->show(*s);
    pastEmpty_->setVisible(history_.rowCount() == 0);
    if (can && !session_.handover().giving()) showParcel();
    showGoOn();
}

void HandoverStation::showParcel() {
    std::vector<DeliveryModel::Row> rows;
    const Setup* s = session_.current();
    if (!s || !s->correction) return;
    for (const workflow::DeliveryItem& item : workflow::itemsOf(delivery(), *s->correction))
        rows.push_back(rowOf(item));
    // The same items keep what was told of them.
    const auto same = [](const DeliveryModel::Row& a, const DeliveryModel::Row& b) {
        return a.item == b.item;
    };
    if (std::equal(rows.begin(), rows.end(), items_.rows().begin(), items_.rows().end(), same))
        for (std::size_t i = 0; i < rows.size(); ++i) rows[i] = items_.rows()[i];
    items_.setRows(std::move(rows));
    list_->setVisible(items_.rowCount() > 0);
    curveRow_->setVisible(offersCurve(s, delivery()));
    foreseeAll();
    showHand();
}

void HandoverStation::foreseeAll() {
    const Setup* s = session_.current();
    if (!s || !s->correction) return;
    const int asked = ++asked_;
    const workflow::Delivery p = delivery();
    for (int i = 0; i < static_cast<int>(p.exports.size()); ++i)
        session_.handover().foresee(s->id, p.exports[static_cast<std::size_t>(i)],
                                    [this, i, asked, alive = QPointer(this)](const Result<io::Foreseen>& f) {
                                        if (!alive || asked != asked_) return;
                                        items_.setHolds(
                                            i, f ? told(*f) : QString::fromStdString(f.error().message));
                                    });
}

workflow::Delivery HandoverStation::delivery() const {
    const Setup* s = session_.current();
    if (!receiver_) return {};
    workflow::Delivery p =
        workflow::deliveryFor(*receiver_, s && s->correction ? *s->correction : Correction{});
    if (offersCurve(s, p) && curve_->currentIndex() == 1)
        for (io::ExportOptions& o : p.exports) o.finishCurve = o.format == io::Format::dcp;
    if (!p.frames) return p;
    p.frames = frames_->wish();
    if (!p.frames) return p;
    // What is looked at is what goes out, where that is a plate.
    const io::FrameOutput& o = p.frames->output;
    if (p.check && o.kind == "exr" && (o.space == OutputSpace::acescg || o.space == OutputSpace::linearSrgb))
        p.check = o;
    return p;
}

void HandoverStation::showHand() {
    const bool asking = !folder_.isEmpty();
    hand_->setEnabled(!single_->running() && (!delivery().frames || frames_->ready()) &&
                      !session_.handover().giving() && !asking);
}

void HandoverStation::handOver() {
    const Setup* s = session_.current();
    if (!s || !s->correction || session_.handover().giving()) return;
    if (!receiver_) {
        single_->handOver();
        return showHand();
    }
    const workflow::Delivery p = delivery();
    const QString folder =
        dialogs_.openFolder(this, tr("Into which folder for the %1").arg(text(p.receiver).toLower()));
    if (folder.isEmpty()) return;
    folder_ = folder;
    told_->hide();
    hand_->setEnabled(false);
    session_.handover().conflicts(
        s->id, p, folder, [alive = QPointer(this), folder](const QStringList& names) {
            if (!alive || alive->folder_ != folder) return;  // withdrawn since
            names.isEmpty() ? alive->give(io::Collision::number) : alive->inTheWay_->ask(names);
        });
}

void HandoverStation::give(io::Collision collisions) {
    const Setup* s = session_.current();
    const QString folder = std::exchange(folder_, {});
    inTheWay_->hide();
    if (!s || !s->correction || session_.handover().giving() || folder.isEmpty()) return;
    workflow::Delivery p = delivery();
    p.collisions = collisions;
    hand_->setEnabled(false);
    session_.handover().give(s->id, p, folder);
}

// What was asked about is not what would be written now.
void HandoverStation::withdraw() {
    folder_.clear();
    inTheWay_->hide();
}

const workflow::HandedOver* HandoverStation::chosenPast() const {
    const int row = sorted_->mapToSource(past_->currentIndex()).row();
    return row < 0 ? nullptr : &history_.handovers()[static_cast<std::size_t>(row)];
}

void HandoverStation::goOn() {
    if (const auto* h = chosenPast()) session_.handover().goOnWith(h->id);
}

// Only frames that were left can be gone on with, and only while no others are at work.
void HandoverStation::showGoOn() {
    const bool busy = session_.handover().frameQueue().state() != FrameQueue::State::idle;
    const auto* h = chosenPast();
    goOn_->setVisible(!busy && h && h->format == workflow::kFrames);
    showFile_->setVisible(h);
}

}  // namespace refero
