// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/dialogs/dialogs.h"

#include <QDialog>
#include <QFileDialog>
#include <QFileInfo>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QLineEdit>
#include <QVBoxLayout>

#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "app/settings/own_settings.h"

namespace refero {
namespace {

// Endings that cameras give to raw files are facts of the files; any other file can be chosen, too.
constexpr const char* kFrameEndings =
    "*.dng *.3fr *.arw *.cr2 *.cr3 *.crw *.erf *.fff *.iiq *.kdc *.mef *.mos *.mrw *.nef *.nrw *.orf *.pef "
    "*.raf "
    "*.raw *.rw2 *.rwl *.sr2 *.srf *.srw *.x3f *.tif *.tiff *.png *.jpg *.jpeg *.heic *.heif *.exr *.dpx "
    "*.mov *.mp4 "
    "*.mkv *.mxf";

// Where a person was last time, by what they looked for.
QString lastFolder(const QString& kind) {
    return ownSettings().value(QStringLiteral("folders/") + kind).toString();
}

void rememberFolder(const QString& kind, const QString& file) {
    if (!file.isEmpty())
        ownSettings().setValue(QStringLiteral("folders/") + kind, QFileInfo(file).absolutePath());
}

}  // namespace

QStringList Dialogs::openFrames(QWidget* parent) {
    const QString kind = QStringLiteral("frames");
    const QStringList chosen = QFileDialog::getOpenFileNames(
        parent, tr("Import frames"), lastFolder(kind),
        tr("Raw files, pictures and clips (%1)", "the endings").arg(QLatin1String(kFrameEndings)) +
            QStringLiteral(";;") + tr("All files (*)"));
    if (!chosen.isEmpty()) rememberFolder(kind, chosen.front());
    return chosen;
}

QString Dialogs::openFolder(QWidget* parent, const QString& title) {
    const QString kind = QStringLiteral("folder");
    const QString chosen = QFileDialog::getExistingDirectory(parent, title, lastFolder(kind));
    rememberFolder(kind, chosen);
    return chosen;
}

QString Dialogs::openFile(QWidget* parent, const QString& title, const QString& filter) {
    const QString kind = QStringLiteral("file");
    const QString chosen = QFileDialog::getOpenFileName(parent, title, lastFolder(kind),
                                                        filter + QStringLiteral(";;") + tr("All files (*)"));
    rememberFolder(kind, chosen);
    return chosen;
}

QString Dialogs::saveFile(QWidget* parent, const QString& title, const QString& suggestion,
                          const QString& filter) {
    const QString kind = QStringLiteral("save"), folder = lastFolder(kind);
    const QString chosen = QFileDialog::getSaveFileName(
        parent, title, folder.isEmpty() ? suggestion : folder + QLatin1Char('/') + suggestion, filter);
    rememberFolder(kind, chosen);
    return chosen;
}

Dialogs::Closing Dialogs::closing(QWidget* parent, const QStringList& atWork) {
    QDialog dialog(parent);
    dialog.setObjectName(QStringLiteral("closingQuestion"));
    dialog.setWindowTitle(tr("Close Refero"));
    auto* column = new QVBoxLayout(&dialog);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(12);
    column->addWidget(new look::Label(tr("Something is still being done"), look::Size::title,
                                      look::Label::Tone::loud, QFont::DemiBold, &dialog));
    for (const QString& sentence : atWork)
        column->addWidget(
            new look::Label(sentence, look::Size::body, look::Label::Tone::text, QFont::Normal, &dialog));
    auto* row = new QHBoxLayout;
    row->addStretch(1);
    auto chosen = Closing::stay;
    const auto button = [&](look::Button::Kind kind, const QString& text, Closing what) {
        auto* b = new look::Button(kind, text, &dialog);
        row->addWidget(b);
        QObject::connect(b, &QAbstractButton::clicked, &dialog, [&dialog, &chosen, what] {
            chosen = what;
            dialog.accept();
        });
    };
    button(look::Button::Kind::plain, tr("Stay"), Closing::stay);
    button(look::Button::Kind::plain, tr("Stop and close"), Closing::stop);
    button(look::Button::Kind::primary, tr("Close when it is done"), Closing::afterwards);
    column->addSpacing(8);
    column->addLayout(row);
    dialog.exec();
    return chosen;
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
    dialog.setWindowTitle(told("Name this setup"));
    auto* form = new QFormLayout(&dialog);
    form->setContentsMargins(24, 24, 24, 20);
    form->setSpacing(12);
    auto* placeField = new QLineEdit(place, &dialog);
    auto* lightField = new QLineEdit(light, &dialog);
    placeField->setMinimumWidth(260);
    form->addRow(told("Place"), placeField);
    form->addRow(told("Light"), lightField);
    auto* row = new QHBoxLayout;
    auto* cancel = new look::Button(look::Button::Kind::plain, told("Cancel"), &dialog);
    auto* keep = new look::Button(look::Button::Kind::primary, told("Name it"), &dialog);
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
