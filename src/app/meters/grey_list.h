// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>
#include <QWidget>
#include <vector>

#include "core/read/grey_candidate.h"

namespace refero {

/// Greys to balance on, side by side: what each would do to the picture, and whether it is one.
class GreyList : public QWidget {
    Q_OBJECT
  public:
    explicit GreyList(QWidget* parent = nullptr);

    /// The picture balanced on the chart, at most kSmall; what the others are made from.
    void setPicture(const QImage& small);
    void clear();
    /// At most kMost are kept; the oldest goes.
    void add(const GreyCandidate& candidate, const QString& name);
    void say(const QString& message);
    std::size_t count() const { return entries_.size(); }
    /// Of one candidate, in words.
    QString words(std::size_t index) const {
        return QString::fromStdString(entries_.at(index).candidate.words);
    }

    static constexpr std::size_t kMost = 4;
    static constexpr QSize kSmall{240, 160};  ///< px

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    struct Entry {
        GreyCandidate candidate;
        QString name;
        QImage picture;
    };
    QImage balancedOn(const GreyCandidate& candidate) const;

    QImage picture_;
    std::vector<Entry> entries_;
    QString message_;
};

}  // namespace refero
