// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/handover/single_file.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QPointer>
#include <QVBoxLayout>
#include <algorithm>
#include <array>

#include "app/dialogs/dialogs.h"
#include "app/forms/encoding_choice.h"
#include "app/look/caption.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/session/handover_actions.h"

namespace refero {
namespace {

QString text(std::string_view s) {
    return QString::fromUtf8(s.data(), static_cast<int>(s.size()));
}

// What a person looks for first; tables and configurations come last.
constexpr std::array kOrder{io::Format::cube, io::Format::icc,  io::Format::dcp,    io::Format::clf,
                            io::Format::cdl,  io::Format::ocio, io::Format::cube1d, io::Format::icc2,
                            io::Format::json, io::Format::csv};

io::Format formatAt(int index) {
    return kOrder[static_cast<std::size_t>(std::max(0, index))];
}

}  // namespace

SingleFile::SingleFile(Session& session, Dialogs& dialogs, QWidget* parent)
    : QWidget(parent), session_(session), dialogs_(dialogs) {
    setObjectName(QStringLiteral("singleFile"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(8);
    auto* row = new QHBoxLayout;
    row->setSpacing(8);
    column->addLayout(row);
    format_ = new QComboBox(this);
    format_->setObjectName(QStringLiteral("formatChoice"));
    feed_ = new EncodingChoice(this);
    feed_->setObjectName(QStringLiteral("feedChoice"));
    space_ = new QComboBox(this);
    space_->setObjectName(QStringLiteral("spaceChoice"));
    const auto lay = [&](QComboBox* box, const QString& caption, const QString& hint) {
        row->addWidget(look::caption(caption, this));
        box->setAccessibleName(caption);
        box->setToolTip(hint);
        row->addWidget(box, 1);
    };
    lay(format_, tr("As"), tr("What the receiver's program reads."));
    lay(feed_, tr("Input"), tr("The encoding of the camera's picture that the file will be given."));
    lay(space_, tr("Output"), tr("The colour space of what comes out of the LUT."));
    for (const io::Format f : kOrder) {
        format_->addItem(told(io::info(f).label));
        format_->setItemData(format_->count() - 1, text(io::info(f).carries), Qt::ToolTipRole);
    }
    for (const OutputSpace s : kOutputSpaces) {
        space_->addItem(told(info(s).label));
        space_->setItemData(space_->count() - 1, told(info(s).viewing), Qt::ToolTipRole);
    }
    space_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    space_->setMinimumContentsLength(8);
    space_->setCurrentIndex(static_cast<int>(OutputSpace::srgb));
    auto* along = new QHBoxLayout;
    along->setSpacing(8);
    column->addLayout(along);
    of_ = new QComboBox(this);
    of_->setObjectName(QStringLiteral("sharedChoice"));
    along->addWidget(look::caption(tr("Of"), this));
    of_->setAccessibleName(tr("Whose correction"));
    of_->setToolTip(
        tr("One file for all setups of this body that were recorded alike: their chart shots are averaged, "
           "and it "
           "is said what each pays for sharing."));
    along->addWidget(of_, 1);
    every_ = new QCheckBox(tr("Base and rounded"), this);
    every_->setObjectName(QStringLiteral("everyFinish"));
    every_->setAccessibleName(every_->text());
    every_->setToolTip(tr("Two files: one without a finish, one with the rounded one."));
    along->addWidget(every_);
    card_ = new QCheckBox(tr("With a card for the camera"), this);
    card_->setObjectName(QStringLiteral("exposureCard"));
    card_->setAccessibleName(card_->text());
    card_->setToolTip(
        tr("A page beside the file: what to record, where mid-grey, white and skin must lie, and how "
           "far the exposure may be off."));
    along->addWidget(card_);
    connect(of_, &QComboBox::activated, this, &SingleFile::foresee);
    lost_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    lost_->setObjectName(QStringLiteral("handoverLoss"));
    lost_->hide();
    column->addWidget(lost_);
    outcome_ = new look::Label({}, look::Size::small);
    outcome_->setObjectName(QStringLiteral("handoverOutcome"));
    column->addWidget(outcome_);
    connect(format_, &QComboBox::currentIndexChanged, this, &SingleFile::follow);
    connect(feed_, &QComboBox::currentIndexChanged, this, &SingleFile::foresee);
    connect(space_, &QComboBox::currentIndexChanged, this, &SingleFile::foresee);
    connect(&session.handover(), &HandoverActions::handedOver, this,
            [this](studio::SetupId id, const QString& error, const QString& told) {
                running_ = false;
                told_ = told;
                if (id == session_.currentId()) {
                    if (error.isEmpty()) {
                        show(*session_.current());
                    } else {
                        error_ = error;
                        outcome_->setText(error);
                    }
                }
                emit ended();
            });
    follow();
}

// A LUT is fed even steps of a display's curve; a profile undoes whatever the frame has.
void SingleFile::follow() {
    const auto format = formatAt(format_->currentIndex());
    feed_->setEnabled(io::info(format).hasInputEncoding);
    space_->setEnabled(io::info(format).gives);
    showChoices();
    const Setup* s = session_.current();
    if (!s || !s->correction) return;
    feed_->setValue(io::naturalInputEncoding(*s->correction, format));
    foresee();
}

void SingleFile::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    foresee();
}

// What can go along with this kind of file.
void SingleFile::showChoices() {
    const auto format = formatAt(format_->currentIndex());
    const bool lut = format == io::Format::cube || format == io::Format::clf;
    every_->setVisible(lut);
    card_->setVisible(io::info(format).hasInputEncoding);
    const Setup* s = session_.current();
    const std::size_t n = sharers().size();
    const int before = of_->currentIndex();
    of_->clear();
    of_->addItem(tr("This setup"));
    if (n > 1) of_->addItem(tr("%n setups of this body, sharing one", nullptr, static_cast<int>(n)));
    of_->setCurrentIndex(s && before == 1 && n > 1 ? 1 : 0);
}

std::vector<const workflow::Setup*> SingleFile::sharers() const {
    const Setup* s = session_.current();
    if (!s) return {};
    std::vector<const workflow::Setup*> all;
    for (const Setup& each : session_.setups()) all.push_back(&each);
    return workflow::sharersOf(*s, all);
}

// What the kind of file cannot hold is told before it is written.
void SingleFile::foresee() {
    const Setup* s = session_.current();
    if (!s || !s->correction || running_ || !isVisible()) return;
    const int asked = ++asked_;
    session_.handover().foresee(
        s->id, options(), [this, asked, alive = QPointer(this)](const Result<io::Foreseen>& f) {
            if (!alive || asked != asked_) return;
            QStringList lines;
            if (const Setup* now = session_.current())
                if (const auto twice = workflow::levelTwice(*now, formatAt(format_->currentIndex())))
                    lines << QString::fromStdString(*twice);
            if (!f) {
                lines << QString::fromStdString(f.error().message);
            } else {
                for (const std::string& sentence : f->lost) lines << QString::fromStdString(sentence);
                if (f->largest > 0.005)
                    lines << tr("What it holds is %1 CIEDE2000 off on average, %2 at most.")
                                 .arg(decimalText(f->mean, 2))
                                 .arg(decimalText(f->largest, 2));
            }
            lost_->setText(lines.join(QLatin1Char(' ')));
            lost_->setVisible(!lines.isEmpty());
        });
}

void SingleFile::show(const Setup& setup) {
    feed_->setKit(session_.day().kit.curves);
    if (running_) return outcome_->setText(tr("Writing, and reading it back with another engine"));
    follow();
    if (!error_.isEmpty()) return outcome_->setText(error_);
    if (!setup.handover) return outcome_->setText({});
    const io::Handover& h = *setup.handover;
    const QString file = QFileInfo(QString::fromStdString(h.path.string())).fileName();
    if (h.proof.colours == 0) return outcome_->setText(told("%1 written; reads back as it was.").arg(file));
    QString said = tr("%1 written. %2 read it back: at most %3 CIEDE2000 off over %4 colours.")
                       .arg(file, QString::fromStdString(h.proof.engine))
                       .arg(decimalText(h.proof.largest, 2))
                       .arg(h.proof.colours);
    if (!told_.isEmpty()) said += QLatin1Char(' ') + told_;
    outcome_->setText(said);
}

io::ExportOptions SingleFile::options() const {
    io::ExportOptions o;
    o.format = formatAt(format_->currentIndex());
    o.encoding = feed_->value();
    o.space = kOutputSpaces[static_cast<std::size_t>(space_->currentIndex())];
    return o;
}

void SingleFile::handOver() {
    const Setup* s = session_.current();
    if (!s || !s->correction || running_) return;
    workflow::SingleExport wish;
    wish.options = options();
    wish.everyFinish = !every_->isHidden() && every_->isChecked();
    wish.card = !card_->isHidden() && card_->isChecked();
    if (of_->currentIndex() == 1) wish.pool = workflow::poolOf(sharers());
    const io::ExportOptions& chosen = wish.options;
    const io::FormatInfo& kind = io::info(chosen.format);
    const QString target = dialogs_.saveFile(
        this, tr("Hand over"), QString::fromStdString(io::suggestedName(*s->correction, chosen)),
        text(kind.label) + QStringLiteral(" (*%1)").arg(text(kind.ending)));
    if (target.isEmpty()) return;
    running_ = true;
    error_.clear();
    told_.clear();
    outcome_->setText(tr("Writing, and reading it back with another engine"));
    session_.handover().handOver(s->id, target, wish);
}

}  // namespace refero
