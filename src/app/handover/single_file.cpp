// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/handover/single_file.h"

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
    column->addWidget(lost_);
    outcome_ = new look::Label({}, look::Size::small);
    outcome_->setObjectName(QStringLiteral("handoverOutcome"));
    column->addWidget(outcome_);
    connect(format_, &QComboBox::currentIndexChanged, this, &SingleFile::follow);
    connect(feed_, &QComboBox::currentIndexChanged, this, &SingleFile::foresee);
    connect(space_, &QComboBox::currentIndexChanged, this, &SingleFile::foresee);
    connect(&session.handover(), &HandoverActions::handedOver, this, [this](int id, const QString& error) {
        running_ = false;
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
    const Setup* s = session_.current();
    if (!s || !s->correction) return;
    feed_->setValue(io::naturalInputEncoding(*s->correction, format));
    foresee();
}

void SingleFile::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    foresee();
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

void SingleFile::show(const Setup& setup) {
    feed_->setKit(session_.day().kit.curves);
    if (running_)
        return outcome_->setText(QStringLiteral("Writing, and reading it back with another engine"));
    follow();
    if (!error_.isEmpty()) return outcome_->setText(error_);
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
    const io::ExportOptions chosen = options();
    const io::FormatInfo& kind = io::info(chosen.format);
    const QString target = dialogs_.saveFile(
        this, QStringLiteral("Hand over"), QString::fromStdString(io::suggestedName(*s->correction, chosen)),
        text(kind.label) + QStringLiteral(" (*%1)").arg(text(kind.ending)));
    if (target.isEmpty()) return;
    running_ = true;
    error_.clear();
    outcome_->setText(QStringLiteral("Writing, and reading it back with another engine"));
    session_.handover().handOver(s->id, target, chosen);
}

}  // namespace refero
