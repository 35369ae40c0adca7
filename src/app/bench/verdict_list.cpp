// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/verdict_list.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QVBoxLayout>
#include <algorithm>

#include "app/findings/check_view.h"
#include "app/look/label.h"

namespace refero {
namespace {

class Mark : public QWidget {
  public:
    Mark(Verdict verdict, QWidget* parent) : QWidget(parent), verdict_(verdict) {
        setFixedSize(18, 18);
        setAccessibleName(text());
    }
    QString text() const {
        return verdict_ == Verdict::pass     ? VerdictList::tr("Good")
               : verdict_ == Verdict::review ? VerdictList::tr("Look at this")
                                             : VerdictList::tr("Not good");
    }

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        paintVerdict(painter, {9, 9}, 6, verdict_);
    }

  private:
    Verdict verdict_;
};

}  // namespace

VerdictList::VerdictList(QWidget* parent) : QScrollArea(parent) {
    setFrameShape(QFrame::NoFrame);
    setWidgetResizable(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* content = new QWidget(this);
    column_ = new QVBoxLayout(content);
    column_->setContentsMargins(0, 0, 8, 0);
    column_->setSpacing(10);
    setWidget(content);
}

void VerdictList::setItems(std::vector<Item> items, const QStringList& words) {
    while (QLayoutItem* item = column_->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    std::stable_sort(items.begin(), items.end(),
                     [](const Item& a, const Item& b) { return a.verdict > b.verdict; });
    for (const Item& item : items) {
        auto* row = new QWidget(widget());
        auto* across = new QHBoxLayout(row);
        across->setContentsMargins(0, 0, 0, 0);
        across->setSpacing(8);
        auto* mark = new Mark(item.verdict, row);
        across->addWidget(mark, 0, Qt::AlignTop);
        auto* down = new QVBoxLayout;
        down->setSpacing(2);
        down->addWidget(
            new look::Label(item.title, look::Size::body, look::Label::Tone::loud, QFont::DemiBold, row));
        if (!item.reason.isEmpty())
            down->addWidget(
                new look::Label(item.reason, look::Size::small, look::Label::Tone::text, QFont::Normal, row));
        if (!item.remedy.isEmpty())
            down->addWidget(
                new look::Label(item.remedy, look::Size::small, look::Label::Tone::loud, QFont::Normal, row));
        across->addLayout(down, 1);
        row->setAccessibleName(tr("%1: %2", "verdict and what").arg(mark->text(), item.title));
        column_->addWidget(row);
    }
    for (const QString& line : words)
        column_->addWidget(
            new look::Label(line, look::Size::small, look::Label::Tone::quiet, QFont::Normal, widget()));
    column_->addStretch(1);
}

}  // namespace refero
