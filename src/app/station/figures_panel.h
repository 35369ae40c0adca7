// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QSplitter>
#include <QString>

class QHBoxLayout;
class QScrollArea;
class QVBoxLayout;

namespace refero {

namespace look {
class Button;
class Label;
}  // namespace look

/// A picture and the figures that belong to it. The figures have a header; under it they fold away, and the
/// picture has their room. They stand below the picture or at its right, as large as a person makes them;
/// place, size and fold are remembered under a name.
class FiguresPanel : public QSplitter {
    Q_OBJECT
  public:
    enum class Side { below, right };

    /// `name` is the key of what is remembered, `title` what the figures are called.
    FiguresPanel(const QString& name, const QString& title, QWidget* picture, QWidget* parent);

    /// What stands in the header beside the fold.
    QHBoxLayout* header() { return header_; }
    void setContent(QWidget* content);
    bool folded() const { return folded_; }
    void setFolded(bool folded);
    Side side() const { return side_; }
    void setSide(Side side);
    /// Nothing but the picture.
    void setPictureAlone(bool alone);
    /// Which display the picture is made for stands beside it; to be said anew when that is another one.
    void sayDisplay();
    /// Unfolded, and with at least so much room for the content, px.
    void giveRoom(int pixels);

  signals:
    /// The content has another shape now.
    void sideChanged(Side side);

  protected:
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;

  private:
    QString key(const char* what) const;
    void arrange();
    void orderTabs();
    void applySize();
    int wantedSize() const;

    QString name_;
    QWidget* picture_;
    QWidget* figures_;
    QScrollArea* content_ = nullptr;
    QHBoxLayout* header_;
    QVBoxLayout* column_;
    look::Button *fold_, *move_;
    look::Label* display_;
    QString title_;
    Side side_ = Side::below;
    bool folded_ = true;
};

}  // namespace refero
