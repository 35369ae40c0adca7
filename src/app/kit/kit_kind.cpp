// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/kit/kit_kind.h"

#include <QCoreApplication>
#include <QDate>
#include <QVBoxLayout>

#include "app/forms/record_form.h"
#include "app/kit/curve_plot.h"
#include "app/kit/kit_fields.h"
#include "app/look/text.h"
#include "app/session/reading_actions.h"
#include "core/say/say.h"
#include "studio/plan_edits.h"
#include "workflow/shoots.h"

namespace refero {
namespace {

QString labelOf(const plan::Body& b) {
    return text(b.label());
}
QString labelOf(const plan::Lens& l) {
    return text(l.model);
}
template <class R>
QString labelOf(const R& r) {
    return text(r.label);
}

QString detailOf(const plan::Body& b) {
    const QString what = b.motion ? told("film, ") : QString();
    const QString model =
        b.nickname.empty() || b.nickname == b.model ? QString() : text(b.model) + QStringLiteral(", ");
    const QString size =
        QStringLiteral("%1 x %2 mm").arg(numberText(b.sensorWidthMm), numberText(b.sensorHeightMm));
    return model + what +
           (b.sensorAssumed ? QCoreApplication::translate("KitKind", "%1 assumed").arg(size) : size);
}
QString detailOf(const plan::Lens& l) {
    return l.zooms() ? QCoreApplication::translate("KitKind", "%1 to %2 mm")
                           .arg(numberText(l.shortestMm), numberText(l.longestMm))
                     : QStringLiteral("%1 mm").arg(numberText(l.shortestMm));
}
QString detailOf(const plan::Lamp& l) {
    return inWords(name(l.kind)) + (l.mains ? told(", mains") : QString()) +
           (l.hot ? told(", hot") : QString());
}
QString detailOf(const plan::ChartCopy& c) {
    return c.madeOn.empty() ? told("age not known") : told("made %1").arg(text(c.madeOn));
}
QString detailOf(const plan::Checked& c) {
    return c.checkedOn.empty() ? told("never checked") : told("checked %1").arg(text(c.checkedOn));
}
QString detailOf(const plan::RecordingCurve& c) {
    return inWords(name(c.recording)) +
           told(", mid-grey %1 %").arg(decimalText(100 * c.curve.encode(kMidGrey), 1));
}
QString detailOf(const plan::Place& p) {
    return p.latitude
               ? QStringLiteral("%1°, %2°").arg(decimalText(*p.latitude, 2)).arg(decimalText(*p.longitude, 2))
               : told("no coordinates");
}
QString detailOf(const plan::Shoot& s) {
    return text(s.date);
}

plan::Body fresh(plan::Body b) {
    b.model = say("New body");
    return b;
}
plan::Lens fresh(plan::Lens l) {
    l.model = say("New lens");
    return l;
}
template <class R>
R fresh(R r) {
    r.label = say("New %1", studio::kindName<R>());
    std::replace(r.label.begin(), r.label.end(), '_', ' ');
    return r;
}

template <class R>
class KindOf : public KitKind {
  public:
    KindOf(Session& session, const char* title, const char* one, std::vector<Binding<R>> fields)
        : session_(session), title_(told(title)), one_(told(one)), fields_(std::move(fields)) {}

    QString title() const override { return title_; }
    QString addText() const override { return told("Enter another %1").arg(one_); }
    std::vector<Line> lines() const override {
        std::vector<Line> out;
        for (const auto& [id, r] : contents().template all<R>())
            if (isHere(r)) out.push_back({id.number(), labelOf(r), detailOf(r)});
        return out;
    }
    QWidget* makeForm(QWidget* parent) override {
        form_ = new RecordForm<R>(
            fields_, [this](const R& changed, const QString& what) { return put(changed, what); }, parent);
        return form_;
    }
    void show(studio::AnyId id) override {
        if (const R* r = contents().template find<R>(id)) form_->setRecord(*r);
    }
    Result<studio::AnyId> add() override {
        studio::AnyId id = 0;
        const Status kept = session_.perform(addText(), [&](studio::Edit& edit) -> Status {
            id = addTo(edit).number();
            return {};
        });
        if (!kept) return tl::unexpected(kept.error());
        return id;
    }
    Status remove(studio::AnyId id) override {
        const R* r = contents().template find<R>(id);
        if (!r) return {};
        return session_.perform(told("Take out %1").arg(labelOf(*r)),
                                [&](studio::Edit& edit) { return removeFrom(edit, id); });
    }

  protected:
    using Id = decltype(R::id);

    const studio::Contents& contents() const { return session_.studio()->contents(); }
    virtual bool isHere(const R&) const { return true; }
    virtual Id addTo(studio::Edit& edit) const { return edit.add(fresh(R{})); }
    virtual Status removeFrom(studio::Edit& edit, Id id) {
        return studio::removeUnused<R>(edit, contents(), id);
    }
    Status put(const R& changed, const QString& what) {
        return session_.perform(labelOf(changed) + QStringLiteral(", ") + what,
                                [&](studio::Edit& edit) -> Status {
                                    if (auto ok = plan::validate(changed); !ok) return ok;
                                    edit.put(changed);
                                    return {};
                                });
    }

    Session& session_;

  private:
    QString title_, one_;
    std::vector<Binding<R>> fields_;
    RecordForm<R>* form_ = nullptr;
};

class PlaceKind : public KindOf<plan::Place> {
  public:
    using KindOf::KindOf;

  protected:
    bool isHere(const plan::Place& p) const override { return p.shoot == session_.shootId(); }
    Id addTo(studio::Edit& edit) const override {
        plan::Place p = fresh(plan::Place{});
        p.shoot = session_.shootFor(edit);
        p.position = static_cast<int>(contents().placesOf(p.shoot).size());
        // A shoot is seldom spread over two time zones.
        if (p.position > 0) p.offsetMinutes = contents().placesOf(p.shoot).back().offsetMinutes;
        return edit.add(p);
    }
};

class CheckedKind : public KindOf<plan::Checked> {
  public:
    using KindOf::KindOf;
    QString deed() const override { return told("Checked today"); }
    Status doDeed(studio::AnyId id) override {
        const auto* r = contents().find<plan::Checked>(id);
        if (!r) return {};
        plan::Checked changed = *r;
        changed.checkedOn = QDate::currentDate().toString(Qt::ISODate).toStdString();
        return put(changed, deed());
    }
};

// The form with the curve drawn under it.
class CurveKind : public KindOf<plan::RecordingCurve> {
  public:
    explicit CurveKind(Session& session)
        : KindOf(session, word("Log recordings"), word("log recording"),
                 recordingCurveFields([&session] { return session.studio()->contents().kit().bodies; })) {}
    QWidget* makeForm(QWidget* parent) override {
        auto* whole = new QWidget(parent);
        auto* column = new QVBoxLayout(whole);
        column->setContentsMargins(0, 0, 0, 0);
        column->addWidget(KindOf::makeForm(whole));
        plot_ = new CurvePlot(whole);
        column->addWidget(plot_);
        return whole;
    }
    void show(studio::AnyId id) override {
        KindOf::show(id);
        if (const auto* r = contents().find<plan::RecordingCurve>(id)) plot_->setCurve(r->curve);
    }

  protected:
    Id addTo(studio::Edit& edit) const override {
        plan::RecordingCurve c;
        c.label = say("New log recording");
        return edit.add(c);
    }

  private:
    CurvePlot* plot_ = nullptr;
};

class ShootKind : public KindOf<plan::Shoot> {
  public:
    using KindOf::KindOf;
    QString addText() const override { return told("Begin another shoot"); }
    void show(studio::AnyId id) override {
        session_.openShoot(id);
        KindOf::show(id);
    }

  protected:
    Id addTo(studio::Edit& edit) const override { return workflow::newShoot(edit); }
    Status removeFrom(studio::Edit& edit, Id id) override {
        if (auto ok = KindOf::removeFrom(edit, id); !ok) return ok;
        for (const plan::Place& p : contents().placesOf(id)) edit.remove<plan::Place>(p.id);
        return {};
    }
};

}  // namespace

std::vector<std::unique_ptr<KitKind>> kitKinds(Session& s) {
    std::vector<std::unique_ptr<KitKind>> out;
    out.push_back(std::make_unique<KindOf<plan::Body>>(s, word("Bodies"), word("body"), bodyFields()));
    out.push_back(std::make_unique<KindOf<plan::Lens>>(s, word("Lenses"), word("lens"), lensFields()));
    out.push_back(std::make_unique<KindOf<plan::Lamp>>(s, word("Lights"), word("light"), lampFields()));
    out.push_back(std::make_unique<CurveKind>(s));
    out.push_back(std::make_unique<KindOf<plan::ChartCopy>>(
        s, word("Charts"), word("chart copy"), chartCopyFields([&s] { return s.reading().charts(); })));
    out.push_back(std::make_unique<CheckedKind>(s, word("Displays and instruments"),
                                                word("display or instrument"), checkedFields()));
    out.push_back(std::make_unique<PlaceKind>(s, word("Places of this shoot"), word("place"), placeFields()));
    out.push_back(std::make_unique<ShootKind>(s, word("Shoots"), word("shoot"), shootFields()));
    return out;
}

}  // namespace refero
