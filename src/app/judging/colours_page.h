// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractTableModel>
#include <QRectF>
#include <QWidget>
#include <vector>

#include "app/session/setup.h"
#include "studio/records.h"

class QLineEdit;

namespace refero {

class RowTable;
namespace look {
class Button;
class Label;
}  // namespace look

/// Things of known colour: what they are, what the correction makes of them, and how far that is.
class ColoursModel : public QAbstractTableModel {
    Q_OBJECT
  public:
    enum Column { label, measured, corrected, difference, counts, columns };

    using QAbstractTableModel::QAbstractTableModel;
    void setSetup(const Setup* setup);
    const std::vector<workflow::OwnColour>& colours() const { return colours_; }
    double differenceOf(std::size_t row) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

  private:
    std::vector<workflow::OwnColour> colours_;
    std::vector<Lab> corrected_;
};

/// This job's colours: a place is drawn on the picture, its name and measured colour are entered here.
class ColoursPage : public QWidget {
    Q_OBJECT
  public:
    explicit ColoursPage(QWidget* parent = nullptr);
    /// Null where there is no correction.
    void show(const Setup* setup);
    /// A place in a frame was drawn; an empty one takes it back.
    void setPlace(const QString& path, const QRectF& place);
    /// Why it was not taken; empty: it was.
    void answer(const QString& message);

  signals:
    void addWanted(const QString& path, const QRectF& place, const QString& name, const Lab& labD50);
    void countWanted(studio::KnownColourId colour, bool counts);
    void removeWanted(studio::KnownColourId colour);
    void proofWanted();

  private:
    void add();
    void refresh();
    const workflow::OwnColour* chosen() const;

    ColoursModel model_;
    RowTable* list_;
    look::Label* say_;
    QLineEdit* name_;
    std::vector<QLineEdit*> lab_;
    look::Button *add_, *count_, *remove_, *prove_;
    QString path_;
    QRectF place_;
    bool ready_ = false;
};

}  // namespace refero
