// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <vector>

#include "app/meters/scope_view.h"
#include "core/scope/scope.h"

class QBoxLayout;
class QComboBox;

namespace refero {

namespace look {
class Label;
}

/// The same scope of two renderings, beside each other.
class ScopesPage : public QWidget {
    Q_OBJECT
  public:
    explicit ScopesPage(QWidget* parent = nullptr);
    void setScopes(const std::vector<Scopes>& scopes, const QString& first, const QString& last);
    /// Beside each other there is little room: scopes stand above each other, and the vectorscope shows the
    /// last
    /// alone, to which the first's patches are joined.
    void joinVectors();
    void setTargets(const std::vector<ScopeTarget>& targets);
    /// In the last's vectorscope, from the first's patches.
    void setLinks(const std::vector<ScopeView::Link>& links);
    void clear();

  private:
    void arrange();

    bool joined_ = false;
    QBoxLayout* row_;
    QComboBox* kind_;
    std::vector<ScopeView*> scopes_;
    std::vector<look::Label*> titles_;
};

}  // namespace refero
