// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QStringList>
#include <QWidget>
#include <map>

class QComboBox;
class QHBoxLayout;
class QLineEdit;
class QVBoxLayout;

namespace refero {
namespace look {
class Label;
}

/// Captioned fields, one under the other or two beside each other. It knows nothing of what they mean: it
/// says what a person entered, and shows why it was not taken.
class Form : public QWidget {
    Q_OBJECT
  public:
    explicit Form(QWidget* parent = nullptr);

    struct Row {
        QString key;      ///< also the field's object name
        QString caption;  ///< of the line; with `beside`, the second field's accessible name only
        QString unit, hint;
        bool beside = false;  ///< in the line of the field before it
        QString whenEmpty{};
    };
    void addText(const Row& row);
    void addChoice(const Row& row);

    /// What is being typed is left alone.
    void setText(const QString& key, const QString& text);
    void setChoices(const QString& key, const QStringList& choices, int index);
    void setFieldVisible(const QString& key, bool visible);
    /// One line under the field; an empty one takes it away.
    void setMessage(const QString& key, const QString& message);
    void clearMessages();
    void focusOn(const QString& key);

  signals:
    void entered(const QString& key, const QString& text);
    void chosen(const QString& key, int index);

  private:
    struct Field {
        QLineEdit* text = nullptr;
        QComboBox* choice = nullptr;
        QWidget* hides = nullptr;  ///< with the field: its line, or itself where it is beside another
        look::Label* message = nullptr;
        QString shown;
    };
    Field& add(const Row& row, QWidget* widget);
    void finish(const QString& key);

    QVBoxLayout* column_;
    QHBoxLayout* line_ = nullptr;
    Field* last_ = nullptr;
    std::map<QString, Field> fields_;
};

}  // namespace refero
