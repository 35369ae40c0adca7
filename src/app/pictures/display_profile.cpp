// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pictures/display_profile.h"

#include <QCoreApplication>
#include <QGuiApplication>
#include <map>
#include <mutex>
#include <optional>

#include "app/look/text.h"
#include "app/settings/own_settings.h"
#include "io/files/safe_write.h"

#if QT_CONFIG(xcb)
#include <xcb/xcb.h>

#include <QtGui/qguiapplication_platform.h>
#endif

namespace refero::display {
namespace {

// Pictures are drawn on worker threads.
std::mutex mutex;
io::DisplayTransform& current() {
    static io::DisplayTransform transform;
    return transform;
}
Source from = Source::assumed;

const QString kSetting = QStringLiteral("displayProfile");

std::string inUse;  // the profile's bytes; a display may be profiled anew under the same name

bool set(const io::DisplayTransform& t, Source s, const std::string& bytes) {
    const std::lock_guard lock(mutex);
    const bool other = from != s || inUse != bytes;
    current() = t;
    from = s;
    inUse = bytes;
    return other;
}

constexpr std::size_t kLargestProfile = 32u << 20;

std::string fileOf(const QString& path) {
    return path.isEmpty() ? std::string()
                          : io::readFile(path.toStdString(), kLargestProfile).value_or(std::string());
}

int shownOn = 0;                     // the screen
QString shownAt;                     // its connector
std::map<QString, QString> managed;  // files by connector

// The property _ICC_PROFILE of the root window, with the screen's number behind it from the second on;
// nothing under other window systems.
std::string fromSystem() {
#if QT_CONFIG(xcb)
    const auto* x11 = qGuiApp->nativeInterface<QNativeInterface::QX11Application>();
    xcb_connection_t* const c = x11 ? x11->connection() : nullptr;
    if (!c) return {};
    const std::string kName = shownOn == 0 ? "_ICC_PROFILE" : "_ICC_PROFILE_" + std::to_string(shownOn);
    const auto freed = [](auto* p) {
        return std::unique_ptr<std::remove_pointer_t<decltype(p)>, decltype(&std::free)>(p, &std::free);
    };
    const auto atom = freed(xcb_intern_atom_reply(
        c, xcb_intern_atom(c, 1, static_cast<std::uint16_t>(kName.size()), kName.data()), nullptr));
    if (!atom || atom->atom == XCB_ATOM_NONE) return {};
    const auto root = xcb_setup_roots_iterator(xcb_get_setup(c)).data->root;
    constexpr std::uint32_t kWords = 8u << 20;
    const auto reply = freed(xcb_get_property_reply(
        c, xcb_get_property(c, 0, root, atom->atom, XCB_ATOM_CARDINAL, 0, kWords), nullptr));
    if (!reply || reply->format != 8) return {};
    return {static_cast<const char*>(xcb_get_property_value(reply.get())),
            static_cast<std::size_t>(xcb_get_property_value_length(reply.get()))};
#else
    return {};
#endif
}

}  // namespace

bool find(int screen, const QString& connector) {
    shownOn = screen;
    shownAt = connector;
    const std::pair<Source, std::string> places[] = {
        {Source::chosen, fileOf(ownSettings().value(kSetting).toString())},
        {Source::system, fromSystem()},
        {Source::manager, fileOf(managed[shownAt])}};
    for (const auto& [where, bytes] : places) {
        if (bytes.empty()) continue;
        // It is asked again and again; what is in use is not worked out anew.
        if (from == where && inUse == bytes) return false;
        if (const auto t = io::DisplayTransform::fromProfile(bytes)) return set(*t, where, bytes);
    }
    return set({}, Source::assumed, {});
}

Status choose(const QString& path) {
    if (path.isEmpty()) {
        ownSettings().remove(kSetting);
        find(shownOn, shownAt);
        return {};
    }
    const auto bytes = io::readFile(path.toStdString(), kLargestProfile);
    if (!bytes) return tl::unexpected(bytes.error());
    const auto t = io::DisplayTransform::fromProfile(*bytes);
    if (!t) return tl::unexpected(t.error());
    ownSettings().setValue(kSetting, path);
    set(*t, Source::chosen, *bytes);
    return {};
}

void know(const QString& connector, const QString& file) {
    managed[connector] = file;
}

io::DisplayTransform transform() {
    const std::lock_guard lock(mutex);
    return current();
}

Source source() {
    const std::lock_guard lock(mutex);
    return from;
}

QString inWords() {
    const QString name = QString::fromStdString(transform().description());
    switch (source()) {
        case Source::system:
            return told("Shown for this display by the system's profile, %1.").arg(name);
        case Source::manager:
            return QCoreApplication::translate(
                       "Display",
                       "Shown for this display by the profile that the system's colour manager "
                       "names, %1.")
                .arg(name);
        case Source::chosen:
            return told("Shown for this display by the profile that you chose, %1.").arg(name);
        case Source::assumed:
            break;
    }
    return QCoreApplication::translate(
        "Display",
        "The system names no profile for this display, so pictures are shown for sRGB: on another "
        "display colours look wrong. Choose the display's profile in the menu, under View.");
}

QString briefly() {
    return source() == Source::assumed ? QCoreApplication::translate("Display", "No display profile")
                                       : QCoreApplication::translate("Display", "Shown for %1")
                                             .arg(QString::fromStdString(transform().description()));
}

}  // namespace refero::display
