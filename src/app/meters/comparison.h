// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <vector>

#include "core/read/compare.h"
#include "core/result.h"
#include "studio/records.h"

class QComboBox;

namespace refero {

/// What moved since another chart frame of the same setup was shot.
class Comparison : public QWidget {
    Q_OBJECT
  public:
    explicit Comparison(QWidget* parent = nullptr);

    /// The other chart frames, shot where clocks are that far ahead of UTC; the choice is kept where it is
    /// still among them. `reading` tells one reading from another: the same again asks for nothing.
    void setFrames(const std::vector<studio::Frame>& frames, int offsetMinutes, std::size_t reading);
    void setChanges(const Result<std::vector<ReadingChange>>& changes);
    const std::vector<ReadingChange>& changes() const { return changes_; }
    /// Of the chosen one, or empty.
    QString path() const;

  signals:
    void wanted(const QString& path);

  protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

  private:
    void choose();
    QStringList said() const;

    QComboBox* frame_;
    std::vector<studio::Frame> frames_;
    std::size_t reading_ = 0;
    std::vector<ReadingChange> changes_;
    QString message_;
};

}  // namespace refero
