// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>
#include <QWidget>

#include "app/look/described.h"
#include "core/scope/scope.h"

namespace refero {

/// One of the scopes, of a picture for the screen.
class ScopeView : public QWidget, public look::Described {
    Q_OBJECT
  public:
    enum class Kind { histogram, waveform, parade, vectorscope };

    explicit ScopeView(QWidget* parent = nullptr);
    void setKind(Kind kind);
    Kind kind() const { return kind_; }
    void setScopes(Scopes scopes);
    void setTargets(std::vector<ScopeTarget> targets);
    /// Of a vectorscope: the same patch in another picture and in this one, joined by a line.
    struct Link {
        YCbCr from, to;
    };
    void setLinks(std::vector<Link> links);
    void clear();
    const Scopes& scopes() const { return scopes_; }
    QString describe() const override;

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    void rebuild();
    void paintHistogram(QPainter& painter, const QRectF& box) const;
    void paintLevels(QPainter& painter, const QRectF& box) const;
    void paintFew(QPainter& painter, const QRectF& box) const;
    void paintVectors(QPainter& painter, const QRectF& box) const;

    Kind kind_ = Kind::waveform;
    Scopes scopes_;
    std::vector<ScopeTarget> targets_;
    std::vector<Link> links_;
    QImage image_;
    bool empty_ = true;
};

}  // namespace refero
