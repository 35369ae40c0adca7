// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/plan/setup_fields.h"

#include <QCoreApplication>

#include "app/kit/kit_fields.h"
#include "app/look/text.h"
#include "core/plan/framing.h"

namespace refero {
namespace {

using plan::Setup;

Form::Row row(const char* key, const char* caption, const char* unit, const char* hint, bool beside = false) {
    return {QLatin1String(key), told(caption), told(unit), told(hint), beside};
}

template <class Id>
struct Named {
    Id id;
    QString label;
};

// One record of a list that the day knows; the last choice leads to where more are entered.
template <class Get, class Id = std::remove_cvref_t<std::invoke_result_t<Get, Setup&>>>
Binding<Setup> reference(Form::Row row, std::type_identity_t<std::function<std::vector<Named<Id>>()>> list,
                         Get id, std::function<void()> more, const char* moreText) {
    Binding<Setup> b{std::move(row)};
    const auto current = [id](const Setup& s) {
        Setup copy = s;
        return id(copy);
    };
    b.choices = [list, more = told(moreText)](const Setup&) {
        QStringList out{told("Not stated")};
        for (const Named<Id>& n : list()) out << n.label;
        return out << more;
    };
    b.index = [list, current](const Setup& s) {
        const auto all = list();
        for (std::size_t i = 0; i < all.size(); ++i)
            if (all[i].id == current(s)) return static_cast<int>(i) + 1;
        return 0;
    };
    b.choose = [list, id, more](Setup& s, int i) {
        const auto all = list();
        if (i > static_cast<int>(all.size())) {
            more();
            return false;
        }
        const Id chosen = i == 0 ? Id{} : all[static_cast<std::size_t>(i) - 1].id;
        const bool other = chosen != id(s);
        id(s) = chosen;
        return other;
    };
    return b;
}

template <class R, class Label>
std::function<std::vector<Named<decltype(R::id)>>()> kitList(const SetupFieldsContext& c,
                                                             std::vector<R> plan::Kit::*list, Label label) {
    return [day = c.day, list, label] {
        std::vector<Named<decltype(R::id)>> out;
        for (const R& r : day().kit.*list) out.push_back({r.id, QString::fromStdString(label(r))});
        return out;
    };
}

Binding<Setup> timeField(Form::Row row, std::optional<int> Setup::*member) {
    Binding<Setup> b{row};
    b.text = [member](const Setup& s) { return s.*member ? clockText(*(s.*member)) : QString(); };
    b.take = [member](Setup& s, const QString& text) -> Status {
        if (text.isEmpty()) {
            (s.*member).reset();
            return {};
        }
        const auto minutes = plan::clockMinutesFrom(text.toStdString());
        if (!minutes) return tl::unexpected(minutes.error());
        // A setup that begins later goes on as long as it did.
        if (member == &Setup::startMinutes && s.startMinutes && s.endMinutes)
            s.endMinutes = std::clamp(*s.endMinutes + *minutes - *s.startMinutes, *minutes, 24 * 60 - 1);
        s.*member = *minutes;
        return {};
    };
    return b;
}

Binding<Setup> recordingField() {
    Binding<Setup> b{row("setupRecording", word("Recording"), "", word("What the camera writes."))};
    b.choices = [](const Setup&) {
        QStringList all;
        for (const plan::Recording r : plan::kRecordings) all << inWords(name(r));
        return all;
    };
    b.index = [](const Setup& s) { return static_cast<int>(s.conditions.recording); };
    b.choose = [](Setup& s, int i) {
        const auto chosen = plan::kRecordings[static_cast<std::size_t>(i)];
        const bool other = chosen != s.conditions.recording;
        s.conditions.recording = chosen;
        return other;
    };
    return b;
}

Binding<Setup> profileField() {
    Binding<Setup> b{
        row("setupProfile", word("Profile"), "", word("The recording profile, as the camera calls it."))};
    b.row.whenEmpty = QCoreApplication::translate("SetupFields", "not stated");
    b.text = [](const Setup& s) { return QString::fromStdString(s.profile); };
    b.take = [](Setup& s, const QString& text) -> Status {
        s.profile = text.toStdString();
        return {};
    };
    return b;
}

Binding<Setup> exposureField() {
    Binding<Setup> b{
        row("setupExposure", word("Exposure"), "stops",
            word("More than normal, as planned; below 0 less. A test of the profile says how far it may go."),
            true)};
    b.text = [](const Setup& s) { return numberText(s.exposureStops); };
    b.take = [](Setup& s, const QString& text) -> Status {
        return numberFrom(QCoreApplication::translate("SetupFields", "Exposure"), text).map([&](double v) {
            s.exposureStops = v;
        });
    };
    return b;
}

Binding<Setup> powerField() {
    Binding<Setup> b{row("setupPower", word("Power, with"), "%", word("Of the lamp's full power."))};
    b.text = [](const Setup& s) { return numberText(s.conditions.powerPercent); };
    b.take = [](Setup& s, const QString& text) -> Status {
        return numberFrom(told("Power"), text).map([&](double v) { s.conditions.powerPercent = v; });
    };
    return b;
}

Binding<Setup> modifierField() {
    Binding<Setup> b{
        row("setupModifier", word("Modifier"), "", word("Softbox, grid, diffusion; empty: bare."), true)};
    b.row.whenEmpty = told("bare");
    b.text = [](const Setup& s) { return QString::fromStdString(s.conditions.modifier); };
    b.take = [](Setup& s, const QString& text) -> Status {
        s.conditions.modifier = text.toStdString();
        return {};
    };
    return b;
}

// The width of what is seen says the same as the distance, in the words of those who have the set before
// them.
Binding<Setup> fieldWidthField(const SetupFieldsContext& c) {
    Binding<Setup> b{row("setupField", word("Field"), "mm",
                         word("Width of what the frame shows, in the plane of the subject."), true)};
    b.text = [day = c.day](const Setup& s) {
        const auto width = plan::viewOf(s, day().kit).and_then(plan::fieldWidthMm);
        return width ? QString::number(std::round(*width)) : QString();
    };
    b.take = [day = c.day](Setup& s, const QString& text) -> Status {
        if (text.isEmpty()) {
            s.distanceM = 0;
            return {};
        }
        Setup probe = s;
        if (probe.distanceM <= 0) probe.distanceM = 1;
        return numberFrom(told("Field"), text).and_then([&](double mm) {
            return plan::viewOf(probe, day().kit)
                .and_then([&](const plan::View& v) { return plan::viewOfField(v, mm); })
                .map([&](const plan::View& v) { s.distanceM = std::round(v.distanceM * 1000) / 1000; });
        });
    };
    return b;
}

}  // namespace

QString clockText(int minutes) {
    return QStringLiteral("%1:%2")
        .arg(minutes / 60, 2, 10, QLatin1Char('0'))
        .arg(minutes % 60, 2, 10, QLatin1Char('0'));
}

std::vector<Binding<Setup>> setupFields(const SetupFieldsContext& c) {
    const auto label = [](const auto& r) { return r.label; };
    const auto places = [day = c.day] {
        std::vector<Named<plan::PlaceId>> out;
        for (const plan::Place& p : day().places) out.push_back({p.id, QString::fromStdString(p.label)});
        return out;
    };
    constexpr const char* kMore = word("Enter another...");
    return {
        textField(
            row("setupLabel", word("Name"), "", word("Short; it is on the slate and in the names of files.")),
            &Setup::label),
        reference(
            row("setupPlace", word("Place"), "", word("Where it is shot.")), places,
            [](Setup& s) -> plan::PlaceId& { return s.conditions.place; }, c.kitWanted, kMore),
        timeField(row("setupStart", word("From, to"), "", word("On the place's clock, as 9:30.")),
                  &Setup::startMinutes),
        timeField(row("setupEnd", "To", "", word("On the place's clock, as 11:00."), true),
                  &Setup::endMinutes),
        reference(
            row("setupBody", word("Body"), "", word("The camera; two of a model are two bodies.")),
            kitList(c, &plan::Kit::bodies, [](const plan::Body& b) { return b.label(); }),
            [](Setup& s) -> plan::BodyId& { return s.conditions.body; }, c.kitWanted, kMore),
        reference(
            row("setupLens", word("Lens"), "", word("Lenses tint and darken differently.")),
            kitList(c, &plan::Kit::lenses, [](const plan::Lens& l) { return l.model; }),
            [](Setup& s) -> plan::LensId& { return s.conditions.lens; }, c.kitWanted, kMore),
        numberField(row("setupFocal", word("Focal length"), "mm", word("Of a zoom; empty: its shortest.")),
                    &Setup::focalLengthMm, true),
        recordingField(),
        profileField(),
        exposureField(),
        reference(
            row("setupLamp", word("Light"), "",
                word("The lamp, flash or daylight that colours the subject.")),
            kitList(c, &plan::Kit::lamps, label), [](Setup& s) -> plan::LampId& { return s.conditions.lamp; },
            c.kitWanted, kMore),
        powerField(),
        modifierField(),
        reference(
            row("setupChart", word("Chart"), "", word("The copy to be shot.")),
            kitList(c, &plan::Kit::charts, label), [](Setup& s) -> plan::ChartCopyId& { return s.chart; },
            c.kitWanted, kMore),
        numberField(
            row("setupDistance", word("Distance, field"), "m", word("From the sensor to the subject.")),
            &Setup::distanceM, true),
        fieldWidthField(c),
        textField(row("setupNote", word("Note"), "", word("For whoever reads this later.")), &Setup::note)};
}

}  // namespace refero
