// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pairing/pair_choices.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QSignalBlocker>
#include <algorithm>

#include "app/dialogs/dialogs.h"
#include "app/look/caption.h"
#include "app/look/decimal_box.h"
#include "app/look/text.h"
#include "app/pairing/pair_text.h"
#include "app/session/bench_actions.h"
#include "core/plan/moment.h"
#include "io/clip.h"
#include "io/media_path.h"

namespace refero {
namespace {

// What the entries of "Seen" hold beside a transform's path.
const QString kItself = QStringLiteral(""), kAnother = QStringLiteral("\n\n");

// Beyond a clip's end its last picture is shown.
constexpr double kLongestClip = 24 * 3600;

bool isClip(const QString& path) {
    return io::isClip(io::mediaPath(path.toStdString()).file);
}

double momentOf(const QString& path) {
    return io::mediaPath(path.toStdString()).seconds.value_or(0);
}

QString at(const QString& path, double seconds) {
    return isClip(path) ? text(io::atMoment(io::mediaPath(path.toStdString()).file, seconds)) : path;
}

}  // namespace

PairChoices::PairChoices(Session& session, Dialogs& dialogs, QWidget* parent)
    : QWidget(parent), session_(session), dialogs_(dialogs) {
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(16, 8, 16, 8);
    row->setSpacing(8);
    const auto choice = [&](const QString& name, const char* object, const QString& hint, int stretch) {
        captions_.push_back(look::caption(name, this));
        row->addWidget(captions_.back());
        auto* box = new QComboBox(this);
        box->setObjectName(QLatin1String(object));
        box->setAccessibleName(name);
        box->setToolTip(hint);
        box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
        row->addWidget(box, stretch);
        return box;
    };
    const auto moment = [&](const char* object, const QString& name) {
        auto* box = new look::DecimalBox(this);
        box->setObjectName(QLatin1String(object));
        box->setAccessibleName(name);
        box->setToolTip(tr("%1, from its beginning.").arg(name));
        box->setRange(0, kLongestClip);
        box->setDecimals(2);
        box->setSingleStep(0.5);
        box->setSuffix(tr(" s", "seconds, behind a number"));
        box->setKeyboardTracking(false);
        row->addWidget(box);
        return box;
    };
    leads_ = choice(tr("Leads"), "leaderChoice",
                    tr("The camera whose look is wanted. The setup chosen at the left follows it."), 5);
    seen_ = choice(tr("Seen"), "leaderSeen",
                   tr("What the leader looks like: as it shows itself, through its correction, or through "
                      "somebody's transform, such as the view of a log recording."),
                   3);
    gives_ = choice({}, "leaderGives", tr("What the transform's numbers are meant for."), 0);
    delete captions_.back();
    captions_.pop_back();
    gives_->setAccessibleName(tr("The transform gives"));
    for (const OutputSpace space : workflow::kPictureSpaces) gives_->addItem(told(info(space).label));
    layout_ = choice(tr("View"), "pairLayout", tr("How the two pictures share the view."), 3);
    layout_->addItems(
        {tr("Wipe"), tr("Checker"), tr("Side by side"), tr("Leader alone"), tr("Follower alone")});
    leadersPicture_ =
        choice(tr("Leader's"), "leadersPicture",
               tr("The follower's picture goes along: to the one of the same slate, else to the "
                  "one shot nearest in time."),
               3);
    leadersMoment_ = moment("leadersMoment", tr("Moment of the leader's clip"));
    followersPicture_ =
        choice(tr("Follower's"), "followersPicture", tr("Any of the follower's pictures."), 3);
    followersMoment_ = moment("followersMoment", tr("Moment of the follower's clip"));

    connect(leads_, &QComboBox::activated, this, [this] {
        leaders_[session_.currentId()] = leads_->currentData().toInt();
        through_.reset();
        fillSeen();
        emit leaderChosen();
    });
    connect(seen_, &QComboBox::activated, this, &PairChoices::chooseSeen);
    connect(gives_, &QComboBox::activated, this, [this](int index) {
        if (!through_) return;
        through_->space = workflow::kPictureSpaces[static_cast<std::size_t>(index)];
        emit seenChosen();
    });
    connect(layout_, &QComboBox::activated, this, [this] { emit arrangementChosen(); });
    connect(leadersPicture_, &QComboBox::activated, this, &PairChoices::followPicture);
    connect(followersPicture_, &QComboBox::activated, this, [this] {
        showMoments();
        followMoment();
    });
    connect(leadersMoment_, &QDoubleSpinBox::valueChanged, this, &PairChoices::followMoment);
    connect(followersMoment_, &QDoubleSpinBox::valueChanged, this, [this] { emit picturesChosen(); });
    fillSeen();
    showMoments();
}

void PairChoices::setCompact(bool compact) {
    // What the choices are called is told by their hints, too.
    for (QWidget* caption : captions_) caption->setVisible(!compact);
}

const Setup* PairChoices::leader() const {
    return session_.setup(leads_->currentData().toInt());
}

std::optional<workflow::LeaderTransform> PairChoices::through() const {
    return through_;
}

void PairChoices::setThrough(const std::optional<workflow::LeaderTransform>& through) {
    through_ = through;
    if (through && !known_.contains(text(through->file.string()))) known_ << text(through->file.string());
    fillSeen();
}

PairedView::Arrangement PairChoices::arrangement() const {
    return static_cast<PairedView::Arrangement>(layout_->currentIndex());
}

QString PairChoices::leadersPicture() const {
    return at(leadersPicture_->currentData().toString(), leadersMoment_->value());
}

QString PairChoices::followersPicture() const {
    return at(followersPicture_->currentData().toString(), followersMoment_->value());
}

void PairChoices::fillLeaders(const Setup* s, bool other) {
    const QSignalBlocker block(leads_);
    const int before = leads_->currentData().toInt();
    const studio::SetupId id = s ? s->id : studio::SetupId{};
    leads_->clear();
    for (const Setup& each : session_.setups())
        if (each.reading && each.id != id) leads_->addItem(titleOf(each), static_cast<int>(each.id));
    int wanted = leaders_.count(id) ? static_cast<int>(leaders_[id]) : 0;
    if (!wanted && s)
        if (const auto led = workflow::following(*s, workflow::leaderOf(*s, session_.setups())))
            wanted = static_cast<int>(led->leader);
    if (s)
        for (const Setup& each : session_.setups())
            if (!wanted && each.reading && each.id != id && each.place == s->place && each.body != s->body)
                wanted = static_cast<int>(each.id);
    if (leads_->findData(wanted) < 0) wanted = other ? 0 : before;
    leads_->setCurrentIndex(std::max(0, leads_->findData(wanted)));
    fillSeen();
}

void PairChoices::fillSeen() {
    const QSignalBlocker block(seen_), other(gives_);
    const Setup* a = leader();
    const bool shows = a && a->reading && showsItself(*a->reading);
    QStringList transforms = known_;
    for (const BenchActions::Trial& t : session_.bench().trials())
        if (t.what == BenchActions::Trial::What::file) transforms << t.path;
    transforms.removeDuplicates();
    seen_->clear();
    seen_->addItem(shows ? tr("As it is") : tr("Corrected"), kItself);
    for (const QString& path : std::as_const(transforms))
        seen_->addItem(tr("Through %1").arg(QFileInfo(path).fileName()), path);
    seen_->addItem(tr("Through a transform…"), kAnother);
    seen_->setCurrentIndex(through_ ? std::max(0, seen_->findData(text(through_->file.string()))) : 0);
    gives_->setVisible(through_.has_value());
    if (through_)
        gives_->setCurrentIndex(static_cast<int>(
            std::find(workflow::kPictureSpaces.begin(), workflow::kPictureSpaces.end(), through_->space) -
            workflow::kPictureSpaces.begin()));
}

void PairChoices::chooseSeen(int index) {
    QString path = seen_->itemData(index).toString();
    if (path == kAnother) {
        path =
            dialogs_.openFile(this, tr("The transform through which the leader is seen"),
                              tr("Transforms (*.cube *.clf *.ctf *.icc *.icm *.cdl *.cc *.ccc *.ocio *.3dl "
                                 "*.spi1d *.spi3d *.json)"));
        if (path.isEmpty()) return fillSeen();
        known_ << path;
    }
    through_ = path == kItself ? std::nullopt
                               : std::optional(workflow::LeaderTransform{
                                     path.toStdString(), through_ ? through_->space : OutputSpace::srgb});
    fillSeen();
    emit seenChosen();
}

void PairChoices::fillPictures(const Setup* follower) {
    const auto fill = [](QComboBox* box, QDoubleSpinBox* moment, const Setup* s) {
        const QString before = box->currentData().toString();
        const QSignalBlocker block(box), other(moment);
        box->clear();
        if (!s) return;
        for (const workflow::Picture& p : s->pictures) box->addItem(titleOf(p), text(p.path));
        box->setCurrentIndex(std::max(0, box->findData(before)));
        if (box->currentData().toString() != before)
            moment->setValue(momentOf(box->currentData().toString()));
    };
    fill(leadersPicture_, leadersMoment_, leader());
    fill(followersPicture_, followersMoment_, follower);
    showMoments();
}

void PairChoices::showMoments() {
    leadersMoment_->setVisible(isClip(leadersPicture_->currentData().toString()));
    followersMoment_->setVisible(isClip(followersPicture_->currentData().toString()));
}

workflow::TimedPicture PairChoices::timed(const QString& path) const {
    workflow::TimedPicture out{path.toStdString(), {}, {}};
    for (const auto& [id, f] : session_.contents().all<studio::Frame>())
        if (f.path == out.path) {
            if (const auto moment = plan::momentFrom(f.taken))
                out.seconds = static_cast<double>(moment->time_since_epoch().count());
            out.slate = f.slate;
        }
    return out;
}

void PairChoices::followPicture() {
    const QString path = leadersPicture_->currentData().toString();
    std::vector<workflow::TimedPicture> others;
    for (int i = 0; i < followersPicture_->count(); ++i)
        others.push_back(timed(followersPicture_->itemData(i).toString()));
    followersPicture_->setCurrentIndex(
        followersPicture_->findData(text(workflow::counterpart(others, timed(path)))));
    {
        const QSignalBlocker block(leadersMoment_);
        leadersMoment_->setValue(momentOf(path));
    }
    showMoments();
    followMoment();
}

// The other clip goes to what it saw at that moment.
void PairChoices::followMoment() {
    const QString one = leadersPicture_->currentData().toString(),
                  other = followersPicture_->currentData().toString();
    if (isClip(other)) {
        const QSignalBlocker block(followersMoment_);
        const double moment = isClip(one) ? leadersMoment_->value() : momentOf(other);
        followersMoment_->setValue(workflow::momentBeside(timed(one), moment, timed(other)));
    }
    emit picturesChosen();
}

}  // namespace refero
