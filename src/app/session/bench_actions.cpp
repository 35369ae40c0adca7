// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/session/bench_actions.h"

#include <QDate>
#include <QFileInfo>
#include <algorithm>
#include <cmath>
#include <deque>
#include <set>

#include "app/look/text.h"
#include "app/session/reading_actions.h"
#include "app/session/session.h"
#include "core/colour/primaries_text.h"
#include "io/foreign/transform_file.h"
#include "io/series_file.h"
#include "paper/document_pdf.h"
#include "words/series_words.h"
#include "words/terms_words.h"
#include "workflow/chart_shot.h"
#include "workflow/intake.h"
#include "workflow/kit_lookup.h"
#include "workflow/series.h"
#include "workflow/single_export.h"

namespace refero {

struct BenchActions::Run {
    std::deque<QString> waiting;
    int done = 0, all = 0;
    std::stop_source stop;
};

namespace {

std::vector<Vector3> patchesOf(const Reading& r) {
    std::vector<Vector3> out;
    for (const PatchReading& p : r.patches) out.push_back(p.leftOut ? Vector3::Zero() : p.rgb);
    return out;
}

struct Tried {
    Result<workflow::Assessed> done;
    std::shared_ptr<const Reading> own = nullptr;  ///< of a picture
};

Tried tried(const BenchActions::Trial& t, const Reading& reading, const workflow::ShotContext& context,
            const std::stop_token& stop) {
    using What = BenchActions::Trial::What;
    const std::span<const Reading> shot(&reading, 1);
    switch (t.what) {
        case What::recorded:
        case What::dataSheet:
            return {workflow::assess(std::filesystem::path(), shot, t.stated, stop)};
        case What::file:
            return {workflow::assess(std::filesystem::path(t.path.toStdString()), shot, t.stated, stop)};
        case What::ours:
            return {workflow::assess(io::transformOf(*t.correction, t.title.toStdString()), shot, t.stated,
                                     stop)};
        case What::picture:
            break;
    }
    const workflow::ChartShot own = workflow::readShot(t.path.toStdString(), context, {}, stop);
    if (!own.reading) return {tl::unexpected(own.reading.error())};
    ForeignTransform itself = io::asRecorded(*own.reading);
    itself.name = t.title.toStdString();
    return {workflow::assess(std::move(itself), std::span(&*own.reading, 1), t.stated, stop),
            std::make_shared<const Reading>(*own.reading)};
}

}  // namespace

BenchActions::BenchActions(Session& session) : QObject(&session), session_(session) {
    connect(&session, &Session::studioChanged, this, [this] {
        stop();
        trials_.assign(1, asRecorded());
        setup_ = 0;
        emit trialsChanged();
    });
    trials_.push_back(asRecorded());
}

void BenchActions::bringIn(const QStringList& paths) {
    std::vector<std::filesystem::path> dropped;
    for (const QString& p : paths) dropped.emplace_back(p.toStdString());
    session_.background([dropped] { return workflow::Intake::itemsBehind(dropped); },
                        [this](const std::vector<io::MediaItem>& items) {
                            const bool atWork = run_ != nullptr;
                            if (!atWork) run_ = std::make_shared<Run>();
                            for (const io::MediaItem& item : items) {
                                const QString path = text(item.files.front().string());
                                const auto same = [&](const BenchShot& s) { return s.path == path; };
                                if (std::any_of(shots_.begin(), shots_.end(), same)) continue;
                                run_->waiting.push_back(path);
                                ++run_->all;
                            }
                            if (!atWork) readNext();
                        });
}

void BenchActions::stop() {
    analysis_.request_stop();
    if (!run_) return;
    run_->stop.request_stop();
    run_.reset();
    emit progress(0, 0);
}

void BenchActions::clear() {
    stop();
    shots_.clear();
    inSeries_.clear();
    series_.reset();
    normal_.clear();
    emit shotsChanged();
    emit seriesChanged();
}

void BenchActions::readNext() {
    emit progress(run_->done, run_->all);
    if (run_->waiting.empty()) {
        run_.reset();
        return analyse();
    }
    const QString path = run_->waiting.front();
    run_->waiting.pop_front();
    session_.background(
        [path, context = session_.reading().contextOf(0), frames = session_.sharedFrames(),
         mine = run_->stop.get_token()](const std::stop_token&) {
            workflow::ReadShotOptions o;
            o.frames = frames.get();
            const workflow::ChartShot shot = workflow::readShot(path.toStdString(), context, o, mine);
            BenchShot out;
            out.path = path;
            if (shot.reading)
                out.reading = *shot.reading;
            else
                out.why = text(shot.reading.error().message);
            if (shot.frame && shot.reading) {
                out.crop = std::make_shared<const LinearImage>(
                    workflow::chartCrop(shot.frame->image, shot.reading->corners));
                const int longest = std::max(out.crop->width(), out.crop->height());
                out.cell = std::make_shared<const LinearImage>(
                    shrunk(*out.crop, std::max(1, longest / BenchShot::kCellEdge)));
            }
            return out;
        },
        [this, run = run_](const BenchShot& shot) {
            if (run_ != run) return;
            ++run_->done;
            shots_.push_back(shot);
            emit shotsChanged();
            readNext();
        },
        Urgency::soon);
}

void BenchActions::setProfile(const QString& path, const std::string& profile) {
    for (BenchShot& s : shots_)
        if (s.path == path) s.profile = profile;
    analyse();
}

void BenchActions::setNd(const QString& path, double stops) {
    for (BenchShot& s : shots_)
        if (s.path == path) s.ndStops = stops;
    analyse();
}

void BenchActions::setNormal(const QString& path) {
    normal_ = path;
    analyse();
}

void BenchActions::setLimits(const SeriesLimits& limits) {
    limits_ = limits;
    if (!series_) return analyse();
    // Nothing is measured anew; what is being measured goes on by the limits that it began with.
    session_.background(
        [series = series_, given = given_, limits] { return judgedBy(*series, given, limits); },
        [this, series = series_](const Series& judged) {
            if (series_ != series) return;
            series_ = std::make_shared<const Series>(judged);
            emit seriesChanged();
            if (series_->pairs.empty()) addPairs();
        },
        Urgency::now);
}

void BenchActions::addPairs() {
    if (series_->profiles.size() < 2) return;
    session_.background([series = series_, given = given_,
                         stop = analysis_.get_token()] { return withPairs(*series, given, stop); },
                        [this, series = series_](const Series& compared) {
                            if (series_ != series) return;
                            series_ = std::make_shared<const Series>(compared);
                            emit seriesChanged();
                        },
                        Urgency::soon);
}

const BenchShot* BenchActions::shotOf(std::size_t seriesShot) const {
    return seriesShot < inSeries_.size() ? &shots_[inSeries_[seriesShot]] : nullptr;
}

QString BenchActions::bodyName() const {
    std::set<std::string> names;
    for (const BenchShot& s : shots_)
        if (s.reading) names.insert(s.reading->body);
    return names.size() == 1 ? text(*names.begin()) : QString();
}

void BenchActions::keep() {
    if (!series_) return;
    const BenchShot* zero = shotOf(series_->zero);
    if (!zero || !zero->reading) return;
    const QString name = bodyName();
    std::vector<std::string> paths;
    for (std::size_t k = 0; const BenchShot* s = shotOf(k); ++k) paths.push_back(s->path.toStdString());
    const std::string document = io::prettyJson(io::toJson(*series_, paths));
    const Status kept =
        session_.perform(tr("Keep the test of %1").arg(name), [&](studio::Edit& edit) -> Status {
            const studio::BodyId body =
                workflow::bodyFor(edit, session_.contents(), zero->reading->body, zero->reading->serial);
            for (plan::ProfileTest test : workflow::profileTests(*series_)) {
                test.body = body;
                test.testedOn = QDate::currentDate().toString(Qt::ISODate).toStdString();
                test.document = document;
                if (auto ok = plan::validate(test); !ok) return ok;
                edit.add(test);
            }
            return {};
        });
    emit this->kept(kept ? tr("The test stays with %1 in the kit.").arg(name) : text(kept.error().message));
}

void BenchActions::shareLut(std::size_t profile, const QString& path) {
    if (!series_ || profile >= series_->profiles.size()) return;
    const SeriesProfile& p = series_->profiles[profile];
    workflow::SingleExport wish;
    wish.card = true;
    for (const SeriesStep& step : p.steps) {
        const BenchShot* shot = shotOf(step.shot);
        // A third of a stop beyond the ends is within what they are told by.
        constexpr double kSlack = 0.17;
        if (shot && shot->reading && step.stops >= p.usableLow - kSlack &&
            step.stops <= p.usableHigh + kSlack)
            wish.pool.push_back({*shot->reading, 1, words::exposure(step.stops)});
    }
    Correction own = p.correction;
    own.name = bodyName().toStdString() + ", " + p.name;
    session_.background(
        [own, wish, path = path.toStdString()](const std::stop_token& stop) {
            return workflow::exportSingle(path, own, wish, paper::writeDocument, stop);
        },
        [this, path](const Result<workflow::SingleOutcome>& done) {
            const QString file = QFileInfo(path).fileName();
            emit kept(done ? tr("%1 is written, with a card for the camera. %2")
                                 .arg(file, text(words::poolSentence(done->correction)))
                           : text(done.error().message));
        });
}

void BenchActions::analyse() {
    analysis_.request_stop();
    std::vector<Reading> readings;
    std::vector<std::size_t> from;
    for (std::size_t i = 0; i < shots_.size(); ++i)
        if (shots_[i].reading) {
            readings.push_back(*shots_[i].reading);
            from.push_back(i);
        }
    if (readings.empty()) {
        if (!shots_.empty()) emit seriesFailed(shots_.front().why);
        return;
    }
    std::vector<SeriesShot> given = workflow::seriesOf(std::move(readings));
    SeriesOptions options;
    options.limits = limits_;
    for (std::size_t k = 0; k < given.size(); ++k) {
        const BenchShot& s = shots_[from[k]];
        if (!s.profile.empty()) given[k].profile = s.profile;
        given[k].ndStops = s.ndStops;
        if (s.path == normal_) options.zero = k;
    }
    for (const auto& [id, curve] : session_.contents().all<plan::RecordingCurve>())
        if (auto t = Transfer::fromLog(curve.curve)) options.curves.push_back(*std::move(t));
    analysis_ = std::stop_source();
    options.stop = analysis_.get_token();
    // The grid does not wait for what lies between the profiles.
    options.pairs = false;
    session_.background([given, options](const std::stop_token&) { return analysed(given, options); },
                        [this, from, given, job = ++job_](const Result<Series>& s) {
                            if (job != job_) return;
                            if (!s) {
                                if (s.error().kind != ErrorKind::stopped)
                                    emit seriesFailed(text(s.error().message));
                                return;
                            }
                            inSeries_ = from;
                            given_ = given;
                            series_ = std::make_shared<const Series>(*s);
                            ++measured_;
                            emit seriesChanged();
                            if (!(series_->limits == limits_)) return setLimits(limits_);
                            addPairs();
                        },
                        Urgency::now);
}

BenchActions::Trial BenchActions::asRecorded() {
    Trial out;
    out.title = tr("As recorded");
    return out;
}

const BenchActions::Trial* BenchActions::trial(const QString& path) const {
    const auto at =
        std::find_if(trials_.begin(), trials_.end(), [&](const Trial& t) { return t.path == path; });
    return at == trials_.end() ? nullptr : &*at;
}

void BenchActions::add(Trial added) {
    if (trial(added.path)) return;
    trials_.push_back(std::move(added));
    tryOut(trials_.size() - 1);
}

void BenchActions::addFiles(Trial::What what, const QStringList& paths) {
    for (const QString& path : paths) {
        Trial t;
        t.what = what;
        t.path = path;
        t.title = QFileInfo(path).fileName();
        add(std::move(t));
    }
    emit trialsChanged();
}

void BenchActions::addTransforms(const QStringList& paths) {
    addFiles(Trial::What::file, paths);
}

void BenchActions::addPictures(const QStringList& paths) {
    addFiles(Trial::What::picture, paths);
}

void BenchActions::addOwn(const QString& title, const std::shared_ptr<const Correction>& correction) {
    Trial t;
    t.what = Trial::What::ours;
    // No file is called so.
    t.path = QStringLiteral("ours:\n") + title;
    t.title = title;
    t.correction = correction;
    std::erase_if(trials_, [&](const Trial& each) { return each.path == t.path; });
    add(std::move(t));
    emit trialsChanged();
}

void BenchActions::removeTransform(const QString& path) {
    std::erase_if(trials_, [&](const Trial& t) { return t.isAdded() && t.path == path; });
    emit trialsChanged();
}

void BenchActions::state(const QString& path, const workflow::StatedTerms& terms) {
    for (std::size_t i = 0; i < trials_.size(); ++i)
        if (trials_[i].path == path) {
            trials_[i].stated = terms;
            tryOut(i);
        }
}

void BenchActions::assessOn(studio::SetupId setup) {
    setup_ = setup;
    const Setup* s = session_.setup(setup);
    assessedOn_ = s && s->reading ? patchesOf(*s->reading) : std::vector<Vector3>();
    std::erase_if(trials_, [](const Trial& t) { return t.what == Trial::What::dataSheet; });
    if (const auto gamut = s && s->reading ? gamutOf(*s->reading) : std::nullopt) {
        Trial own;
        own.what = Trial::What::dataSheet;
        own.path = QStringLiteral("data sheet:\n");
        own.title = tr("By its data sheet");
        own.stated.gamut = gamut;
        trials_.insert(trials_.begin() + std::min<std::ptrdiff_t>(1, std::ssize(trials_)), std::move(own));
    }
    for (std::size_t i = 0; i < trials_.size(); ++i) tryOut(i);
}

std::optional<Primaries> BenchActions::gamutOf(const Reading& reading) const {
    if (!reading.encoding.logCurve()) return {};
    const auto* setup = session_.contents().find<plan::Setup>(setup_);
    for (const auto& [id, curve] : session_.contents().all<plan::RecordingCurve>()) {
        if (curve.gamut.empty() || (curve.body && setup && curve.body != setup->conditions.body)) continue;
        const auto own = Transfer::fromLog(curve.curve);
        const auto same = [&](double light) {
            return std::abs(own->encode(light) - reading.encoding.encode(light)) < 1e-6;
        };
        if (own && same(0.002) && same(0.02) && same(0.2))
            if (const auto gamut = primariesFrom(curve.gamut)) return *gamut;
    }
    return {};
}

bool BenchActions::isOutOfDate() const {
    const Setup* s = session_.setup(setup_);
    return s && assessedOn_ != (s->reading ? patchesOf(*s->reading) : std::vector<Vector3>());
}

void BenchActions::tryOut(std::size_t trial) {
    Trial& t = trials_[trial];
    t.result.reset();
    t.why.clear();
    const Setup* s = session_.setup(setup_);
    if (!s || !s->reading) return emit trialsChanged();
    session_.background([t, reading = *s->reading, context = session_.reading().contextOf(setup_)](
                            const std::stop_token& stop) { return tried(t, reading, context, stop); },
                        [this, path = t.path, setup = setup_](const Tried& outcome) {
                            const Result<workflow::Assessed>& done = outcome.done;
                            const auto at =
                                std::find_if(trials_.begin(), trials_.end(),
                                             [&](const Trial& each) { return each.path == path; });
                            if (setup != setup_ || at == trials_.end()) return;
                            at->own = outcome.own;
                            if (done)
                                at->result = std::make_shared<const workflow::Assessed>(*done);
                            else
                                at->why = text(done.error().message);
                            emit trialsChanged();
                        },
                        Urgency::soon);
}

}  // namespace refero
