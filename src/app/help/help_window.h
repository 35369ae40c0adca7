// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QTextBrowser>
#include <QWidget>
#include <vector>

class QLineEdit;
class QListWidget;

namespace refero {
namespace look {
class Label;
}

/// A page of the guide: Markdown, with its pictures as wide as there is room.
class GuidePage : public QTextBrowser {
    Q_OBJECT
  public:
    using QTextBrowser::QTextBrowser;

    struct Heading {
        QString text, slug;  ///< the slug is what links name it by
        int level, block;    ///< the number of its block in the document
    };
    /// False where the file cannot be read.
    bool open(const QString& file);
    const std::vector<Heading>& headings() const { return headings_; }
    void goTo(int block);

  protected:
    QVariant loadResource(int type, const QUrl& name) override;
    void resizeEvent(QResizeEvent* event) override;

  private:
    QString file_;
    std::vector<Heading> headings_;
};

/// The shipped guide in a window of its own: contents, search, the page. Needs no network.
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
    void search(const QString& words);
    void follow(const QUrl& link);

    QLineEdit* field_;
    QListWidget* contents_;
    GuidePage* page_;
    look::Label* found_;
    QString file_, at_;
};

}  // namespace refero
