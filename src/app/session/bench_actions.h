// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QStringList>
#include <memory>
#include <optional>
#include <vector>

#include "core/frame/image.h"
#include "core/series/series.h"
#include "studio/records.h"
#include "workflow/assess.h"

namespace refero {

class Session;

/// A frame of a camera test, its chart read; the chart's place is kept small, to be looked at.
struct BenchShot {
    QString path;
    std::optional<Reading> reading;  ///< nothing where `why` says so
    QString why;
    std::shared_ptr<const LinearImage> crop;  ///< to be looked at large
    std::shared_ptr<const LinearImage> cell;  ///< the same for a grid, kCellEdge pixels or a little more

    static constexpr int kCellEdge = 200;
    std::string profile;  ///< as typed; empty: by metadata, encoding or name
    double ndStops = 0;
};

/// What a person does on the test bench. All of it is worked out in the background; nothing of it is a step
/// of the shoot until it is kept with a body.
class BenchActions : public QObject {
    Q_OBJECT
  public:
    explicit BenchActions(Session& session);

    // An exposure series.
    /// Frames, clips and folders join the series; each chart is read.
    void bringIn(const QStringList& paths);
    void stop();
    void clear();
    bool reading() const { return run_ != nullptr; }
    const std::vector<BenchShot>& shots() const { return shots_; }
    void setProfile(const QString& path, const std::string& profile);
    void setNd(const QString& path, double stops);
    void setNormal(const QString& path);
    void setLimits(const SeriesLimits& limits);
    const SeriesLimits& limits() const { return limits_; }
    /// Null while there is none.
    const std::shared_ptr<const Series>& series() const { return series_; }
    /// Counts measurings: other limits, and pairs that come behind, leave it and all pictures as they are.
    int measured() const { return measured_; }
    /// The shot of the series' own numbering; null where it has gone.
    const BenchShot* shotOf(std::size_t seriesShot) const;
    /// As the shots' files name it; empty where they do not, or name two.
    QString bodyName() const;
    /// What can be used of each profile stays with the body in the kit; one step. A body that the kit does
    /// not have is entered.
    void keep();
    /// One LUT (.cube) that all usable steps of a profile share, with a card for the person at the camera.
    void shareLut(std::size_t profile, const QString& path);

    // Transforms of others, on the current setup's chart shot.
    struct Trial {
        enum class What {
            recorded,   ///< the recording as it is
            dataSheet,  ///< the same by its own curve and gamut, where the kit has them
            file,       ///< somebody's transform
            picture,    ///< a chart shot that shows itself, such as in another picture style
            ours,       ///< a correction or snapshot
        };
        What what = What::recorded;
        QString path;   ///< by which it is known; of files and pictures, theirs
        QString title;  ///< until it is tried
        std::shared_ptr<const Correction> correction;  ///< of ours
        std::shared_ptr<const Reading> own;            ///< of a picture, once it is read
        std::shared_ptr<const workflow::Assessed> result;
        QString why;  ///< there is no result
        workflow::StatedTerms stated;

        bool isFile() const { return what == What::file || what == What::picture; }
        /// By a person, who can take it out.
        bool isAdded() const { return isFile() || what == What::ours; }
    };
    const std::vector<Trial>& trials() const { return trials_; }
    /// Null where there is none of that name.
    const Trial* trial(const QString& path) const;
    void addTransforms(const QStringList& paths);
    /// Chart shots that show themselves, each against its references.
    void addPictures(const QStringList& paths);
    /// A correction or a snapshot; one of that title is replaced.
    void addOwn(const QString& title, const std::shared_ptr<const Correction>& correction);
    void removeTransform(const QString& path);
    void state(const QString& path, const workflow::StatedTerms& terms);
    /// Tries all of them on that setup's reading.
    void assessOn(studio::SetupId setup);
    studio::SetupId assessedSetup() const { return setup_; }
    /// The setup's chart was read anew since.
    bool isOutOfDate() const;

  signals:
    void progress(int done, int all);
    void shotsChanged();
    void seriesChanged();
    void seriesFailed(const QString& message);
    void kept(const QString& what);
    void trialsChanged();

  private:
    struct Run;
    void readNext();
    void analyse();
    void addPairs();
    static Trial asRecorded();
    void add(Trial added);
    void addFiles(Trial::What what, const QStringList& paths);
    void tryOut(std::size_t trial);
    std::optional<Primaries> gamutOf(const Reading& reading) const;

    Session& session_;
    std::shared_ptr<Run> run_;
    std::vector<BenchShot> shots_;
    std::vector<std::size_t> inSeries_;  ///< of shots_, in the series' numbering
    std::vector<SeriesShot> given_;      ///< that the series was made from
    SeriesLimits limits_;
    QString normal_;
    std::shared_ptr<const Series> series_;
    std::stop_source analysis_;
    int job_ = 0, measured_ = 0;
    std::vector<Trial> trials_;
    studio::SetupId setup_ = 0;
    std::vector<Vector3> assessedOn_;  ///< the patches of the reading that was
};

}  // namespace refero
