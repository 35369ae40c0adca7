// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <memory>
#include <vector>

#include "app/kit/kit_kind.h"

class QListView;

namespace refero {
namespace look {
class Button;
class Label;
}  // namespace look
class KitLines;

/// The kit, the places and the shoots: lists in two columns, and the chosen one's form at the right.
class KitPage : public QWidget {
    Q_OBJECT
  public:
    explicit KitPage(Session& session, QWidget* parent = nullptr);
    ~KitPage() override;
    void refresh();
    void chooseShoot(studio::ShootId id);

  protected:
    void paintEvent(QPaintEvent* event) override;

  private:
    QWidget* buildLists();
    QWidget* buildPanel();
    QWidget* buildSection(std::size_t kind);
    void choose(std::size_t kind, studio::AnyId id);
    void add(std::size_t kind);
    void remove();
    void tell(const Status& status);

    Session& session_;
    std::vector<std::unique_ptr<KitKind>> kinds_;
    std::vector<KitLines*> models_;
    std::vector<QListView*> lists_;
    std::size_t kind_ = 0;
    studio::AnyId id_ = 0;
    std::vector<QWidget*> forms_;
    look::Label *title_, *message_;
    look::Button *remove_, *deed_;
};

}  // namespace refero
