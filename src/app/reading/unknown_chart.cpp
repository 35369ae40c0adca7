// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/reading/unknown_chart.h"

#include <QFileInfo>
#include <QPlainTextEdit>
#include <QVBoxLayout>

#include "app/charts/chart_data_files.h"
#include "app/dialogs/dialogs.h"
#include "app/forms/binding.h"
#include "app/forms/form.h"
#include "app/look/button.h"
#include "app/look/label.h"
#include "app/session/reading_actions.h"
#include "words/chart_words.h"

namespace refero {
namespace {

constexpr double kLeastMm = 5, kMostMm = 5000;

// Closed, for drawing.
std::vector<Point> closed(const Quad& q) {
    return {q[0], q[1], q[2], q[3], q[0]};
}

}  // namespace

UnknownChart::UnknownChart(Session& session, Dialogs& dialogs, QWidget* parent)
    : QWidget(parent), session_(session), dialogs_(dialogs) {
    setObjectName(QStringLiteral("unknownChart"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(2 * look::kStep);
    paste_ = new QPlainTextEdit(this);
    paste_->setObjectName(QStringLiteral("unknownPaste"));
    paste_->setAccessibleName(tr("Chart data, pasted"));
    paste_->setPlaceholderText(tr("Paste its table here: a line of names, then Lab, XYZ or spectra"));
    paste_->setFixedHeight(72);
    paste_->setFont(look::figures(look::Size::small));
    paste_->setLineWrapMode(QPlainTextEdit::NoWrap);
    paste_->setTabChangesFocus(true);
    column->addWidget(paste_);
    form_ = new Form(this);
    form_->addText({QStringLiteral("unknownName"),
                    tr("Name"),
                    {},
                    tr("What the chart is called."),
                    false,
                    tr("as its data")});
    form_->addText({QStringLiteral("unknownLongSide"), tr("Longer side"), QStringLiteral("mm"),
                    tr("Of the chart's patches with their margin; only the plan needs it."), false,
                    tr("not known")});
    column->addWidget(form_);
    message_ = new look::Label({}, look::Size::small, look::Label::Tone::loud);
    message_->setObjectName(QStringLiteral("unknownMessage"));
    message_->hide();
    column->addWidget(message_);
    learn_ = new look::Button(look::Button::Kind::plain, tr("Take the pasted table"), this);
    learn_->setObjectName(QStringLiteral("unknownTake"));
    learn_->hide();
    layoutOnly_ = new look::Button(look::Button::Kind::plain, tr("Keep its layout for now"), this);
    layoutOnly_->setObjectName(QStringLiteral("unknownLayoutOnly"));
    layoutOnly_->setToolTip(
        tr("It is found in other frames from now on; corrections need its data, which can be given later."));
    byHand_ = new look::Button(look::Button::Kind::plain, tr("Set corners by hand"), this);
    byHand_->setObjectName(QStringLiteral("unknownByHand"));
    byHand_->setToolTip(tr("It is a chart that Refero knows: lay its outline over the frame."));
    for (look::Button* b : {learn_, layoutOnly_, byHand_}) column->addWidget(b, 0, Qt::AlignLeft);
    hide();

    connect(paste_, &QPlainTextEdit::textChanged, this,
            [this] { learn_->setVisible(!paste_->toPlainText().trimmed().isEmpty()); });
    connect(learn_, &QAbstractButton::clicked, this, [this] {
        const std::string origin = tr("the pasted text").toStdString();
        take(
            io::parseChartData(paste_->toPlainText().toStdString(), origin).and_then([&](const ChartData& d) {
                return workflow::chartSource(d, origin);
            }),
            tr("My chart"));
    });
    connect(layoutOnly_, &QAbstractButton::clicked, this, [this] { learn(std::nullopt, tr("My chart")); });
    connect(byHand_, &QAbstractButton::clicked, this, &UnknownChart::byHandWanted);
    connect(form_, &Form::entered, this, [this](const QString& key, const QString& entered) {
        form_->setMessage(key, {});
        if (key == QLatin1String("unknownName")) {
            name_ = entered.trimmed();
            return;
        }
        longSideMm_ = 0;
        if (entered.trimmed().isEmpty()) return;
        const auto mm = numberFrom(tr("Longer side"), entered);
        if (!mm) return form_->setMessage(key, text(mm.error().message));
        if (*mm < kLeastMm || *mm > kMostMm)
            return form_->setMessage(
                key, tr("A chart's longer side can be %1 to %2 mm.").arg(kLeastMm).arg(kMostMm));
        longSideMm_ = *mm;
    });
}

void UnknownChart::show(const Setup* setup) {
    const bool wanted = setup && setup->frame && !setup->reading && !setup->busy;
    setVisible(wanted && layouts_ && frame_ == setup->frame);
    if (!wanted) {
        frame_.reset();
        layouts_.reset();
        return;
    }
    if (frame_ == setup->frame) return;
    id_ = setup->id;
    frame_ = setup->frame;
    layouts_.reset();
    message_->hide();
    paste_->clear();
    form_->setText(QStringLiteral("unknownName"), name_ = QString());
    form_->setText(QStringLiteral("unknownLongSide"), {});
    longSideMm_ = 0;
    session_.background(
        [frame = frame_](const std::stop_token& stop) { return workflow::layoutsIn(*frame, stop); },
        [this, frame = frame_](const Result<std::vector<LearnedLayout>>& layouts) {
            if (frame != frame_ || !layouts) return;
            layouts_ = std::make_shared<const std::vector<LearnedLayout>>(*layouts);
            setVisible(true);
            emit looked();
        },
        Urgency::soon);
}

QString UnknownChart::seen() const {
    return layout() ? text(words::patchesOf(layout()->fields)) : QString();
}

Evidence UnknownChart::outlines() const {
    Evidence out;
    if (!layout()) return out;
    out.lines.push_back(closed(layout()->corners));
    for (const PatchField& f : layout()->fields)
        for (std::size_t i = 0; i < f.count(); ++i) {
            const Point c = f.centre(i), h = f.size * 0.35;
            out.lines.push_back(closed(layout()->chartToFrame(
                Quad{c - h, c + Point(h.x(), -h.y()), c + h, c + Point(-h.x(), h.y())})));
        }
    return out;
}

void UnknownChart::openData() {
    const QString path = dialogs_.openFile(this, tr("Open the chart's data"), chartDataFilter());
    if (!path.isEmpty()) takeData(path);
}

void UnknownChart::takeData(const QString& path) {
    session_.background(
        [path = path.toStdString()] { return workflow::chartSource(std::filesystem::path(path)); },
        [this, frame = frame_,
         name = QFileInfo(path).completeBaseName()](const Result<workflow::ChartSource>& source) {
            if (frame == frame_) take(source, name);
        },
        Urgency::now);
}

void UnknownChart::take(const Result<workflow::ChartSource>& source, const QString& name) {
    if (source) return learn(*source, name);
    message_->setText(text(source.error().message));
    message_->show();
}

void UnknownChart::learn(std::optional<workflow::ChartSource> source, const QString& name) {
    message_->hide();
    if (!layouts_) return;
    const workflow::LearnRequest request{(name_.isEmpty() ? name : name_).toStdString(), longSideMm_};
    session_.reading().learnChart(id_, layouts_, std::move(source), request, [this](const QString& refused) {
        message_->setText(refused);
        message_->setVisible(!refused.isEmpty());
    });
}

}  // namespace refero
