// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLabel>
#include <utility>
#include <vector>

#include "app/look/tokens.h"

namespace refero::look {

/// Text in one of the sizes; quiet text is for what can be skipped. Follows the surround.
class Label : public QLabel {
    Q_OBJECT
  public:
    enum class Tone { text, quiet, loud };

    explicit Label(const QString& text, Size size = Size::body, Tone tone = Tone::text,
                   QFont::Weight weight = QFont::Normal, QWidget* parent = nullptr);

    /// Wrapped text may be as narrow as a longer word; QLabel would ask for a well-proportioned block.
    QSize minimumSizeHint() const override;
    /// Kept: layouts ask for the same few widths again and again, and each answer shapes the whole text.
    int heightForWidth(int width) const override;
    /// Takes the room that its row leaves, and ends in an ellipsis where that is too little for its text.
    void setSingleLine();
    bool isSingleLine() const { return singleLine_; }

  protected:
    void changeEvent(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

  private:
    void recolour();
    Tone tone_;
    bool singleLine_ = false;
    /// Of what heights are known: all but the font that they depend on.
    struct Measured {
        QString text;
        QMargins margins;
        int indent = -1, margin = 0;
        bool wrapped = true;
        bool operator==(const Measured&) const = default;
    };
    mutable Measured measured_;
    mutable std::vector<std::pair<int, int>> heights_;  ///< of widths
};

}  // namespace refero::look
