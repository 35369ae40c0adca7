// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/correction/handover_card.h"

#include <QComboBox>
#include <QFileInfo>
#include <QGridLayout>
#include <QPointer>
#include <algorithm>
#include <array>

#include "app/dialogs/dialogs.h"
#include "app/forms/encoding_choice.h"
#include "app/look/caption.h"
#include "app/look/label.h"
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

HandoverCard::HandoverCard(Session& session, Dialogs& dialogs, QWidget* parent)
    : QWidget(parent), session_(session), dialogs_(dialogs) {
    setObjectName(QStringLiteral("handoverCard"));
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 8, 0, 4);
    grid->setHorizontalSpacing(12);
    grid->setVerticalSpacing(6);
    grid->setColumnStretch(1, 1);
    grid->addWidget(new look::Label(QStringLiteral("Hand over"), look::Size::title, look::Label::Tone::text,
                                    QFont::DemiBold),
                    0, 0, 1, 2);
    format_ = new QComboBox(this);
    format_->setObjectName(QStringLiteral("formatChoice"));
    feed_ = new EncodingChoice(this);
    feed_->setObjectName(QStringLiteral("feedChoice"));
    space_ = new QComboBox(this);
    space_->setObjectName(QStringLiteral("spaceChoice"));
    const auto lay = [&](int row, QComboBox* box, const char* caption, const char* hint) {
        auto* label = look::caption(QLatin1String(caption));
        grid->addWidget(label, row, 0);
        box->setAccessibleName(QLatin1String(caption));
        box->setToolTip(QLatin1String(hint));
        grid->addWidget(box, row, 1);
    };
    lay(1, format_, "As", "What the receiver's program reads.");
    lay(2, feed_, "Fed with", "The encoding of the camera's picture that the file will be given.");
    lay(3, space_, "Gives", "The colour space of what comes out of the LUT.");
    for (const io::Format f : kOrder) {
        format_->addItem(text(io::info(f).label));
        format_->setItemData(format_->count() - 1, text(io::info(f).carries), Qt::ToolTipRole);
    }
    for (const OutputSpace s : kOutputSpaces) {
        space_->addItem(text(info(s).label));
        space_->setItemData(space_->count() - 1, text(info(s).viewing), Qt::ToolTipRole);
    }
    space_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    space_->setMinimumContentsLength(8);
    space_->setCurrentIndex(static_cast<int>(OutputSpace::srgb));
    lost_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
    lost_->setObjectName(QStringLiteral("handoverLoss"));
    lost_->hide();
    grid->addWidget(lost_, 4, 0, 1, 2);
    outcome_ = new look::Label({}, look::Size::small);
    outcome_->setObjectName(QStringLiteral("handoverOutcome"));
    grid->addWidget(outcome_, 5, 0, 1, 2);
    connect(format_, &QComboBox::currentIndexChanged, this, &HandoverCard::follow);
    connect(feed_, &QComboBox::currentIndexChanged, this, &HandoverCard::foresee);
    connect(space_, &QComboBox::currentIndexChanged, this, &HandoverCard::foresee);
    connect(&session.handover(), &HandoverActions::handedOver, this, [this](int id, const QString& error) {
        running_ = false;
        if (id == session_.currentId()) {
            if (error.isEmpty()) {
                show(*session_.current());
            } else {
                outcome_->setText(error);
            }
        }
    });
    follow();
}

// A LUT is fed even steps of a display's curve; a profile undoes whatever the frame has.
void HandoverCard::follow() {
    const auto format = formatAt(format_->currentIndex());
    feed_->setEnabled(io::info(format).hasInputEncoding);
    space_->setEnabled(io::info(format).gives);
    const Setup* s = session_.current();
    if (!s || !s->correction) return;
    feed_->setValue(io::naturalInputEncoding(*s->correction, format));
    foresee();
}

void HandoverCard::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    foresee();
}

// What the kind of file cannot hold is told before it is written.
void HandoverCard::foresee() {
    const Setup* s = session_.current();
    if (!s || !s->correction || running_ || !isVisible()) return;
    const int asked = ++asked_;
    session_.handover().foresee(
        s->id, options(), [this, asked, alive = QPointer(this)](const Result<io::Foreseen>& f) {
            if (!alive || asked != asked_) return;
            QStringList lines;
            if (!f) {
                lines << QString::fromStdString(f.error().message);
            } else {
                for (const std::string& sentence : f->lost) lines << QString::fromStdString(sentence);
                if (f->largest > 0.005)
                    lines << QStringLiteral("What it holds is %1 CIEDE2000 off on average, %2 at most.")
                                 .arg(f->mean, 0, 'f', 2)
                                 .arg(f->largest, 0, 'f', 2);
            }
            lost_->setText(lines.join(QLatin1Char(' ')));
            lost_->setVisible(!lines.isEmpty());
        });
}

void HandoverCard::show(const Setup& setup) {
    feed_->setKit(session_.day().kit.curves);
    if (running_)
        return outcome_->setText(QStringLiteral("Writing, and reading it back with another engine"));
    follow();
    if (!setup.handover) return outcome_->setText({});
    const io::Handover& h = *setup.handover;
    const QString file = QFileInfo(QString::fromStdString(h.path.string())).fileName();
    if (h.proof.colours == 0)
        return outcome_->setText(QStringLiteral("%1 written; reads back as it was.").arg(file));
    outcome_->setText(QStringLiteral("%1 written. %2 read it back: at most %3 CIEDE2000 off over %4 colours.")
                          .arg(file, QString::fromStdString(h.proof.engine))
                          .arg(h.proof.largest, 0, 'f', 2)
                          .arg(h.proof.colours));
}

io::ExportOptions HandoverCard::options() const {
    io::ExportOptions o;
    o.format = formatAt(format_->currentIndex());
    o.encoding = feed_->value();
    o.space = kOutputSpaces[static_cast<std::size_t>(space_->currentIndex())];
    return o;
}

void HandoverCard::handOver() {
    const Setup* s = session_.current();
    if (!s || !s->correction || running_) return;
    const io::ExportOptions chosen = options();
    const io::FormatInfo& kind = io::info(chosen.format);
    const QString target = dialogs_.saveFile(
        this, QStringLiteral("Hand over"), QString::fromStdString(io::suggestedName(*s->correction, chosen)),
        text(kind.label) + QStringLiteral(" (*%1)").arg(text(kind.ending)));
    if (target.isEmpty()) return;
    running_ = true;
    outcome_->setText(QStringLiteral("Writing, and reading it back with another engine"));
    session_.handover().handOver(s->id, target, chosen);
}

}  // namespace refero
