// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/look/described.h"

#include <QAccessible>
#include <QAccessibleWidget>
#include <QWidget>

namespace refero::look {
namespace {

class DescribedAccessible : public QAccessibleWidget {
  public:
    explicit DescribedAccessible(QWidget* widget) : QAccessibleWidget(widget, QAccessible::Graphic) {}
    QString text(QAccessible::Text part) const override {
        if (part == QAccessible::Description)
            if (const auto* described = dynamic_cast<const Described*>(widget()))
                return described->describe();
        return QAccessibleWidget::text(part);
    }
};

// Asked for each class that an object is of, the last one first.
QAccessibleInterface* interfaceOf(const QString&, QObject* object) {
    auto* widget = qobject_cast<QWidget*>(object);
    return widget && dynamic_cast<Described*>(widget) ? new DescribedAccessible(widget) : nullptr;
}

}  // namespace

void describeToReaders() {
    QAccessible::installFactory(interfaceOf);
}

}  // namespace refero::look
