// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <memory>
#include <vector>

#include "app/session/session.h"

namespace refero {

/// One kind of record as the kit page handles it: its lines, its form, entering and taking out.
class KitKind {
  public:
    struct Line {
        studio::AnyId id = 0;
        QString label, detail;
        bool operator==(const Line&) const = default;
    };

    virtual ~KitKind() = default;
    virtual QString title() const = 0;
    virtual QString addText() const = 0;
    virtual std::vector<Line> lines() const = 0;
    /// A form that the page owns; `show` fills it.
    virtual QWidget* makeForm(QWidget* parent) = 0;
    virtual void show(studio::AnyId id) = 0;
    /// The id of a new one, or why there is none.
    virtual Result<studio::AnyId> add() = 0;
    virtual Status remove(studio::AnyId id) = 0;
    /// Something that is done to it with one press, such as "Checked today"; empty where there is nothing.
    virtual QString deed() const { return {}; }
    virtual Status doDeed(studio::AnyId) { return {}; }
};

/// All kinds, in the order of the page.
std::vector<std::unique_ptr<KitKind>> kitKinds(Session& session);

}  // namespace refero
