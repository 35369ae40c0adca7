// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <vector>

#include "core/scope/scope.h"

class QComboBox;

namespace refero {

class ScopeView;
namespace look {
class Label;
}

/// The same scope of two renderings, beside each other.
class ScopesPage : public QWidget {
    Q_OBJECT
  public:
    explicit ScopesPage(QWidget* parent = nullptr);
    void setScopes(const std::vector<Scopes>& scopes, const QString& first, const QString& last);
    void setTargets(const std::vector<ScopeTarget>& targets);
    void clear();

  private:
    QComboBox* kind_;
    std::vector<ScopeView*> scopes_;
    std::vector<look::Label*> titles_;
};

}  // namespace refero
