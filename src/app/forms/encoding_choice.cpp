// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/forms/encoding_choice.h"

#include <algorithm>

namespace refero {

EncodingChoice::EncodingChoice(QWidget* parent)
    : QComboBox(parent), offered_(kEncodings.begin(), kEncodings.end()) {
    fill();
    connect(this, &QComboBox::activated, this, [this](int i) {
        if (static_cast<std::size_t>(i) < offered_.size()) {
            // A copy: who hears of it may set this box anew meanwhile.
            const Transfer picked = value_ = offered_[static_cast<std::size_t>(i)];
            emit chosen(picked);
        } else {
            setValue(value_);  // nothing is chosen until the file is
            emit fileWanted();
        }
    });
}

void EncodingChoice::offerFile(const QString& label) {
    fileLabel_ = label;
    fill();
}

void EncodingChoice::setValue(const Transfer& value) {
    value_ = value;
    fill();
}

void EncodingChoice::setKit(const std::vector<plan::RecordingCurve>& curves) {
    std::vector<Transfer> kit;
    for (const plan::RecordingCurve& recording : curves)
        if (auto t = Transfer::fromLog(recording.curve)) kit.push_back(*std::move(t));
    if (kit == kit_) return;
    kit_ = std::move(kit);
    fill();
}

void EncodingChoice::fill() {
    offered_.assign(kEncodings.begin(), kEncodings.end());
    offered_.insert(offered_.end(), kit_.begin(), kit_.end());
    if (std::find(offered_.begin(), offered_.end(), value_) == offered_.end()) offered_.push_back(value_);
    QStringList names;
    for (const Transfer& t : offered_)
        names << QString::fromUtf8(t.name().data(), static_cast<int>(t.name().size()));
    if (!fileLabel_.isEmpty()) names << fileLabel_;
    QStringList before;
    for (int i = 0; i < count(); ++i) before << itemText(i);
    if (names != before) {
        clear();
        addItems(names);
    }
    setCurrentIndex(static_cast<int>(std::find(offered_.begin(), offered_.end(), value_) - offered_.begin()));
}

}  // namespace refero
