// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <functional>
#include <memory>
#include <optional>

#include "studio/studio.h"

namespace refero {

class Session;

/// Goes over to another studio. It is opened or made on a worker thread, since all of its file is checked;
/// until then the session goes on with the one it has.
class StudioChange : public QObject {
    Q_OBJECT
  public:
    using Made = Result<std::unique_ptr<studio::Studio>>;
    using Make = std::function<Made()>;
    using Then = std::function<void(const Status&)>;

    explicit StudioChange(Session& session, QObject* parent = nullptr);

    /// `make` must not touch the window. `then` is called once the session works on it, or with what failed;
    /// not at all where another one was asked for in the meantime.
    void to(Make make, Then then);
    bool underWay() const { return underWay_; }

  signals:
    /// Nothing is under way any more. `failure` says why the session stays with the studio it had; else it is
    /// empty.
    void settled(const QString& failure);

  private:
    struct Asked {
        Make make;
        Then then;
    };
    void begin();

    Session& session_;
    std::optional<Asked> next_;
    bool underWay_ = false;
};

}  // namespace refero
