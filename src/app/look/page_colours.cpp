// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/look/page_colours.h"

#include <QApplication>
#include <QEvent>
#include <QPalette>
#include <QSet>
#include <QWidget>

namespace refero::look {
namespace {

// Some two hundred controls a page: each has its palette worked out anew.
class Page : public QObject {
  public:
    explicit Page(QWidget& page) : QObject(&page), page_(page) {
        all().insert(this);
        // With colours of its own it is not reached by those of its window.
        page.setPalette(QApplication::palette());
        page.installEventFilter(this);
    }
    ~Page() override { all().remove(this); }

    static QSet<Page*>& all() {
        static QSet<Page*> pages;
        return pages;
    }
    void colour() {
        if (page_.palette() != QApplication::palette()) page_.setPalette(QApplication::palette());
    }
    bool isSeen() const { return page_.isVisible(); }
    bool eventFilter(QObject*, QEvent* event) override {
        if (event->type() == QEvent::Show) colour();
        return false;
    }

  private:
    QWidget& page_;
};

}  // namespace

void colourWhenSeen(QWidget& page) {
    new Page(page);
}

void colourPages() {
    for (Page* page : Page::all())
        if (page->isSeen()) page->colour();
}

}  // namespace refero::look
