// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/settings/own_settings.h"

#include <QCoreApplication>
#include <QEvent>
#include <QTimer>
#include <chrono>
#include <memory>

#include "app/jobs/job.h"

namespace refero {
namespace {

class OwnSettings : public QSettings {
  public:
    OwnSettings()
        : QSettings(QSettings::IniFormat, QSettings::UserScope, QStringLiteral("refero"),
                    QStringLiteral("refero")) {
        later_.setInterval(std::chrono::milliseconds(300));
        later_.callOnTimeout([this] { write(); });
    }

  protected:
    // Qt's own way is to write now, in this thread, and to wait for the disk.
    bool event(QEvent* event) override {
        if (event->type() != QEvent::UpdateRequest) return QSettings::event(event);
        later_.start();
        return true;
    }

  private:
    // Objects of the same file share what is to be written. Jobs may be dropped when a window goes: it is
    // tried until one is done.
    void write() {
        runJob(
            this,
            [file = fileName()] {
                QSettings same(file, QSettings::IniFormat);
                same.sync();
                return same.status();
            },
            [this](QSettings::Status) {
                later_.stop();
                sync();  // finds nothing to do, and listens for the next change
            },
            Urgency::now);
    }

    QTimer later_;
};

std::unique_ptr<OwnSettings> own;

}  // namespace

QSettings& ownSettings() {
    if (!own) {
        own = std::make_unique<OwnSettings>();
        qAddPostRoutine([] { own.reset(); });  // writes what is left
    }
    return *own;
}

}  // namespace refero
