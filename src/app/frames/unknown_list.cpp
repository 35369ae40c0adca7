// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/frames/unknown_list.h"

#include <QDoubleSpinBox>
#include <QHBoxLayout>
#include <QLineEdit>
#include <QVBoxLayout>

#include "app/forms/encoding_choice.h"
#include "app/look/button.h"
#include "app/look/caption.h"
#include "app/look/decimal_box.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/look/tokens.h"
#include "app/session/reading_actions.h"

namespace refero {
namespace {

using workflow::Missing;
using workflow::Unknown;

QString nameOf(const Unknown& u) {
    const std::string_view name = workflow::name(u.what);
    return QLatin1String(name.data(), static_cast<qsizetype>(name.size()));
}

QString nameOf(const Transfer& t) {
    return text(std::string(t.name()));
}

QDoubleSpinBox* millimetres(QWidget* parent, const QString& what, double value, double most) {
    auto* box = new look::DecimalBox(parent);
    box->setRange(1, most);
    box->setDecimals(1);
    box->setSuffix(UnknownList::tr(" mm"));
    box->setValue(value);
    box->setAccessibleName(what);
    return box;
}

}  // namespace

UnknownList::UnknownList(Session& session, QWidget* parent) : QWidget(parent), session_(session) {
    setObjectName(QStringLiteral("unknownList"));
    rows_ = new QVBoxLayout(this);
    rows_->setContentsMargins(0, 0, 0, 0);
    rows_->setSpacing(look::kStep);
    rows_->addWidget(look::caption(tr("No file tells; asked once for all frames")));
    hide();
}

QString UnknownList::question(const Unknown& u) const {
    const int frames = static_cast<int>(u.frames);
    const QString who = u.who.empty() ? tr("An unnamed camera") : text(u.who);
    switch (u.what) {
        case Missing::camera:
            return tr("%n frame(s) name no camera. Which one shot them?", nullptr, frames);
        case Missing::encoding:
            return u.likely ? tr("%1: how are its pictures encoded? They are read as %2; the chart's greys "
                                 "agree better with %3.")
                                  .arg(who, nameOf(u.taken), nameOf(*u.likely))
                            : tr("%1: how are its pictures encoded? They are read as %2, and the chart's "
                                 "greys agree.")
                                  .arg(who, nameOf(u.taken));
        case Missing::sensor:
            return tr("%1: how large is its sensor? How large a chart is in a planned frame follows from "
                      "it.")
                .arg(who);
        case Missing::focalLength:
            return tr("%1: which focal length does it have?").arg(who);
    }
    return {};
}

void UnknownList::refresh() {
    std::vector<const workflow::Setup*> setups;
    for (const Setup& s : session_.setups()) setups.push_back(&s);
    auto now = workflow::unknownsOf(session_.contents(), session_.shootId(), setups);
    if (now == unknowns_) return;
    unknowns_ = std::move(now);
    for (QWidget* row : shown_) row->deleteLater();
    shown_.clear();
    for (const Unknown& u : unknowns_) addRow(u);
    setVisible(!unknowns_.empty());
}

void UnknownList::keep(const QString& name, const std::function<Status(studio::Edit&)>& answer) {
    if (const auto ok = session_.perform(name, answer); !ok) emit session_.refused(text(ok.error().message));
}

void UnknownList::addRow(const Unknown& u) {
    auto* row = new QWidget(this);
    row->setObjectName(QStringLiteral("unknown-") + nameOf(u));
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(0, 0, 0, 0);
    line->setSpacing(2 * look::kStep);
    const QString asked = question(u);
    auto* label = new look::Label(asked, look::Size::body);
    label->setWordWrap(true);
    line->addWidget(label, 1);
    auto* take = new look::Button(look::Button::Kind::plain, tr("So it is"), row);
    take->setAccessibleName(tr("So it is: %1").arg(asked));
    switch (u.what) {
        case Missing::camera: {
            auto* box = new QComboBox(row);
            box->setEditable(true);
            for (const plan::Body& b : session_.day().kit.bodies) box->addItem(text(b.label()));
            box->setCurrentIndex(-1);
            box->lineEdit()->setPlaceholderText(tr("Of the kit, or another name"));
            box->setMinimumContentsLength(24);
            box->setAccessibleName(asked);
            line->addWidget(box);
            connect(take, &QAbstractButton::clicked, this, [this, u, box] {
                keep(tr("Camera of frames that name none: %1").arg(box->currentText()),
                     [&](studio::Edit& edit) {
                         return workflow::answerCamera(edit, session_.contents(), u,
                                                       box->currentText().trimmed().toStdString());
                     });
            });
            break;
        }
        case Missing::encoding: {
            auto* box = new EncodingChoice(row);
            box->setKit(session_.day().kit.curves);
            box->setValue(u.likely.value_or(u.taken));
            box->setAccessibleName(asked);
            line->addWidget(box);
            connect(take, &QAbstractButton::clicked, this, [this, u, box] {
                std::vector<studio::SetupId> setups;
                for (const auto id : u.setups) setups.push_back(id);
                session_.reading().setEncodings(setups, box->value());
            });
            break;
        }
        case Missing::sensor: {
            const auto* body = session_.contents().find<plan::Body>(u.of);
            if (!body) break;
            auto* wide = millimetres(row, tr("Sensor's width"), body->sensorWidthMm, 200);
            auto* high = millimetres(row, tr("Sensor's height"), body->sensorHeightMm, 200);
            line->addWidget(wide);
            line->addWidget(high);
            connect(take, &QAbstractButton::clicked, this, [this, u, wide, high] {
                keep(tr("Sensor of %1").arg(text(u.who)), [&](studio::Edit& edit) {
                    return workflow::answerSensor(edit, u, wide->value(), high->value());
                });
            });
            break;
        }
        case Missing::focalLength: {
            const auto* lens = session_.contents().find<plan::Lens>(u.of);
            if (!lens) break;
            auto* length = millimetres(row, asked, lens->shortestMm, 3000);
            line->addWidget(length);
            connect(take, &QAbstractButton::clicked, this, [this, u, length] {
                keep(tr("Focal length of %1").arg(text(u.who)), [&](studio::Edit& edit) {
                    return workflow::answerFocalLength(edit, u, length->value());
                });
            });
            break;
        }
    }
    // The answer comes before its button.
    if (auto* field = qobject_cast<QWidget*>(row->children().back()); field && field != take)
        QWidget::setTabOrder(field, take);
    line->addWidget(take);
    rows_->addWidget(row);
    shown_.push_back(row);
}

}  // namespace refero
