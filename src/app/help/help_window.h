// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QTextBrowser>
#include <QWidget>
#include <vector>

#include "app/help/guide_text.h"

class QLineEdit;
class QListWidget;

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look

/// A chapter of the guide: Markdown, with its pictures as wide as there is room.
class GuidePage : public QTextBrowser {
    Q_OBJECT
  public:
    using QTextBrowser::QTextBrowser;

    /// Pictures are looked for from this folder.
    void showText(const QString& markdown, const QString& folder);
    /// To a heading, by its number; where words are given, to the first place under it that has them.
    void goTo(int heading, const QString& words = {});

  protected:
    QVariant loadResource(int type, const QUrl& name) override;
    void resizeEvent(QResizeEvent* event) override;

  private:
    void fill();

    QString markdown_, folder_;
    std::vector<int> headings_;  ///< numbers of their blocks in the document
};

/// The shipped guide in a window of its own: contents, search, a chapter, the way back. Needs no network.
class HelpWindow : public QWidget {
    Q_OBJECT
  public:
    explicit HelpWindow(QWidget* parent);
    /// Opens at the heading that begins with these words; at the top where there is none.
    void openAt(const QString& heading);
    /// The heading at the top of what is seen.
    QString heading() const;

  protected:
    void keyPressEvent(QKeyEvent* event) override;

  private:
    void open(const QString& file);
    void fill();
    /// The part that is shown, among the contents.
    void mark();
    void search(const QString& words);
    void follow(const QUrl& link);
    void goTo(const GuidePart& part, const QString& words = {});
    /// Where one reads: a page of the guide, a part of it, how far down.
    struct Place {
        QString file;
        int part = -1, scrolled = 0;
    };
    Place here() const;
    /// Remembers where one is, before one goes elsewhere.
    void leave();
    /// To the last of `from`; where one is becomes the last of `to`.
    void walk(std::vector<Place>& from, std::vector<Place>& to);
    void showTrail();

    QLineEdit* field_;
    QListWidget* contents_;
    GuidePage* page_;
    look::Label* found_;
    look::Button *back_, *forward_;
    std::vector<Place> behind_, ahead_;
    GuideText guide_, english_;  ///< that is shown; by whose headings parts are asked for
    QString file_;
    int chapter_ = -1, part_ = -1;  ///< those that are shown
};

}  // namespace refero
