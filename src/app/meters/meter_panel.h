// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>
#include <QRectF>
#include <QWidget>
#include <cstdint>
#include <memory>
#include <optional>
#include <vector>

#include "core/read/reading.h"
#include "io/frame_file.h"

class QComboBox;
class QStackedWidget;

namespace refero {

class CameraNotes;
class Comparison;
class EvennessMap;
class GreyList;
class LadderPlot;
class ScopeView;

/// The instruments on a chart frame: the neutral ladder, the light over the chart, the scopes and the greys
/// to balance on; one at a time, with what feeds the scopes.
class MeterPanel : public QWidget {
    Q_OBJECT
  public:
    enum class Meter {
        ladder,
        evenness,
        histogram,
        waveform,
        parade,
        vectorscope,
        greys,
        comparison,
        camera
    };
    enum class Source { picture, region, patches, neutrals };

    explicit MeterPanel(QWidget* parent = nullptr);

    void setReading(const std::optional<Reading>& reading);
    /// sRGB, balanced.
    struct Picture {
        QImage full, small;  ///< for the scopes, and for the greys
        QSize frame;         ///< of which it is a copy, px
    };
    /// Slow: for worker threads.
    static Picture pictureOf(const QImage& srgb, QSize frame);
    void setPicture(Picture picture);
    void clearPicture();
    /// In frame pixels; `frame` is what it lies in.
    void setRegion(const QRectF& region, const std::shared_ptr<const io::Frame>& frame);
    void showMeter(Meter meter);
    void showSource(Source source);
    ScopeView& scope() { return *scope_; }
    GreyList& greys() { return *greys_; }
    Comparison& comparison() { return *comparison_; }
    CameraNotes& camera() { return *camera_; }
    Meter meter() const;

    /// The regions that were asked about, in frame pixels, in the order of their numbers from 1; empty while
    /// another instrument is looked at.
    std::vector<QRectF> greyRegions() const;

  signals:
    void meterChanged();
    void greyRegionsChanged();

  private:
    void refresh();
    void measureGrey(const QRectF& region, const std::shared_ptr<const io::Frame>& frame);

    QComboBox* meter_;
    QComboBox* source_;
    QStackedWidget* stack_;
    LadderPlot* ladder_;
    EvennessMap* evenness_;
    ScopeView* scope_;
    GreyList* greys_;
    Comparison* comparison_;
    CameraNotes* camera_;
    std::optional<Reading> reading_;
    Picture picture_;
    QRectF region_;
    std::uint64_t readings_ = 0, scopesWanted_ = 0;  ///< counts: what comes late is not shown
    std::vector<QRectF> regions_;                    ///< that were held against the greys
};

}  // namespace refero
