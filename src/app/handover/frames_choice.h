// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <optional>
#include <vector>

#include "app/session/session.h"
#include "workflow/delivery.h"

class QComboBox;
class QHBoxLayout;
class QLineEdit;

namespace refero {
namespace look {
class Label;
}

/// Which frames go with a parcel, as what, by which correction and why; it says how many they are and what
/// stands in their way.
class FramesChoice : public QWidget {
    Q_OBJECT
  public:
    explicit FramesChoice(Session& session, QWidget* parent = nullptr);
    /// These frames, chosen elsewhere, are what is to go out.
    void offer(std::vector<studio::FrameId> frames);
    /// Begins with this output; each of its choices can be changed then.
    void setOutput(const io::FrameOutput& output);
    /// Counts again, for the current setup and the corrections that there are. The choices stay.
    void refresh();
    /// Nothing where no frames are to go.
    std::optional<workflow::FramesWish> wish() const;
    /// Nothing is missing, such as a reason.
    bool ready() const { return ready_; }

  signals:
    /// By the person.
    void changed();

  private:
    QHBoxLayout* buildOutput();
    QHBoxLayout* buildCorrection();
    void fillCorrections();
    bool needsReason() const;
    void change();
    void count();
    void tell();

    Session& session_;
    io::FrameOutput usual_;
    QComboBox *which_, *kind_, *space_, *size_, *naming_, *by_, *clips_;
    QWidget* clipsRow_;
    QLineEdit *name_, *reason_;
    QWidget* because_;
    look::Label* note_;
    studio::FramesToRender served_;       ///< of the frames that are chosen
    std::vector<studio::FrameId> these_;  ///< chosen elsewhere
    bool ready_ = true;
};

}  // namespace refero
