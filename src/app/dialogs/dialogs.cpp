// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/dialogs/dialogs.h"

#include <QDialog>
#include <QFileDialog>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QLineEdit>

#include "app/look/button.h"
#include "app/look/label.h"

namespace refero {

QStringList Dialogs::openFrames(QWidget* parent) {
    return QFileDialog::getOpenFileNames(
        parent, QStringLiteral("Open chart frames"), {},
        QStringLiteral(
            "Pictures and clips (*.tif *.tiff *.png *.jpg *.jpeg *.heic *.heif *.exr *.dpx *.dng *.mov *.mp4 "
            "*.mkv *.mxf);;All files (*)"));
}

QString Dialogs::openFolder(QWidget* parent, const QString& title) {
    return QFileDialog::getExistingDirectory(parent, title);
}

QString Dialogs::openFile(QWidget* parent, const QString& title, const QString& filter) {
    return QFileDialog::getOpenFileName(parent, title, {}, filter + QStringLiteral(";;All files (*)"));
}

QString Dialogs::saveFile(QWidget* parent, const QString& title, const QString& suggestion,
                          const QString& filter) {
    return QFileDialog::getSaveFileName(parent, title, suggestion, filter);
}

std::optional<QString> Dialogs::nameOf(QWidget* parent, const QString& title, const QString& question,
                                       const QString& before) {
    bool kept = false;
    const QString text = QInputDialog::getText(parent, title, question, QLineEdit::Normal, before, &kept);
    return kept ? std::optional(text.trimmed()) : std::nullopt;
}

std::optional<std::pair<QString, QString>> Dialogs::nameSetup(QWidget* parent, const QString& place,
                                                              const QString& light) {
    QDialog dialog(parent);
    dialog.setWindowTitle(QStringLiteral("Name this setup"));
    auto* form = new QFormLayout(&dialog);
    form->setContentsMargins(24, 24, 24, 20);
    form->setSpacing(12);
    auto* placeField = new QLineEdit(place, &dialog);
    auto* lightField = new QLineEdit(light, &dialog);
    placeField->setMinimumWidth(260);
    form->addRow(QStringLiteral("Place"), placeField);
    form->addRow(QStringLiteral("Light"), lightField);
    auto* row = new QHBoxLayout;
    auto* cancel = new look::Button(look::Button::Kind::plain, QStringLiteral("Cancel"), &dialog);
    auto* keep = new look::Button(look::Button::Kind::primary, QStringLiteral("Name it"), &dialog);
    row->addStretch(1);
    row->addWidget(cancel);
    row->addWidget(keep);
    form->addRow(row);
    QObject::connect(cancel, &QAbstractButton::clicked, &dialog, &QDialog::reject);
    QObject::connect(keep, &QAbstractButton::clicked, &dialog, &QDialog::accept);
    QObject::connect(lightField, &QLineEdit::returnPressed, &dialog, &QDialog::accept);
    if (dialog.exec() != QDialog::Accepted) return {};
    return std::pair(placeField->text().trimmed(), lightField->text().trimmed());
}

}  // namespace refero
