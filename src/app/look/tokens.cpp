// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/look/tokens.h"

#include "app/look/described.h"

#include <QApplication>
#include <QPalette>
#include <QToolTip>
#include <array>

#include "app/look/control_style.h"
#include "app/look/page_colours.h"
#include "app/look/wheel_guard.h"
#include "paper/press.h"

// The window is a static library, so its resources must be asked for; the macro wants the global namespace.
static void loadResources() {
    Q_INIT_RESOURCE(app);
}

namespace refero::look {
namespace {

Surround current = Surround::dim;
bool high = false;

QColor grey(int v) {
    return QColor(v, v, v);
}

void apply() {
    const Palette& p = palette();
    QPalette q;
    q.setColor(QPalette::Window, p.ground);
    q.setColor(QPalette::WindowText, p.text);
    q.setColor(QPalette::Base, p.raised);
    q.setColor(QPalette::AlternateBase, p.panel);
    q.setColor(QPalette::Text, p.text);
    q.setColor(QPalette::PlaceholderText, p.quiet);
    q.setColor(QPalette::Button, p.raised);
    q.setColor(QPalette::ButtonText, p.text);
    q.setColor(QPalette::Highlight, p.line);
    q.setColor(QPalette::HighlightedText, p.loud);
    q.setColor(QPalette::ToolTipBase, p.raised);
    q.setColor(QPalette::ToolTipText, p.text);
    q.setColor(QPalette::Light, p.line);
    q.setColor(QPalette::Mid, p.line);
    q.setColor(QPalette::Dark, p.ground);
    QApplication::setPalette(q);
    QToolTip::setPalette(q);
    // Windows that are there already; all in them follow.
    for (QWidget* window : QApplication::topLevelWidgets()) {
        window->setPalette(q);
        window->update();
    }
    colourPages();
}

}  // namespace

const Palette& palette() {
    static const Palette dim{grey(0x19), grey(0x22), grey(0x2c), grey(0x3d),
                             grey(0x9a), grey(0xdc), grey(0xff), grey(0x3b)};
    static const Palette booth{grey(0xb9), grey(0xc6), grey(0xd3), grey(0xa0),
                               grey(0x45), grey(0x16), grey(0x00), grey(0x77)};
    // What is chosen stands 3 : 1 against its neighbours by its ground alone (WCAG 2.1, 1.4.11).
    static const Palette dimHigh{grey(0x00), grey(0x08), grey(0x12), grey(0x6a),
                                 grey(0xd0), grey(0xff), grey(0xff), grey(0x3b)};
    static const Palette boothHigh{grey(0xe0), grey(0xe9), grey(0xf4), grey(0x7c),
                                   grey(0x1c), grey(0x00), grey(0x00), grey(0x77)};
    if (high) return current == Surround::dim ? dimHigh : boothHigh;
    return current == Surround::dim ? dim : booth;
}

Surround surround() {
    return current;
}

void setSurround(Surround s) {
    current = s;
    apply();
}

bool highContrast() {
    return high;
}

void setHighContrast(bool on) {
    if (high == on) return;
    high = on;
    apply();
}

QColor channel(int index) {
    static const std::array<QColor, 3> onDark{QColor(0xd6, 0x86, 0x7c), QColor(0x8d, 0xb8, 0x86),
                                              QColor(0x84, 0x9f, 0xd6)};
    static const std::array<QColor, 3> onLight{QColor(0x8a, 0x2f, 0x27), QColor(0x2c, 0x5e, 0x2a),
                                               QColor(0x25, 0x42, 0x86)};
    return (current == Surround::dim ? onDark : onLight)[static_cast<std::size_t>(index)];
}

QFont font(Size size, QFont::Weight weight) {
    QFont f(QStringLiteral("Inter"));
    f.setPixelSize(static_cast<int>(size));
    f.setWeight(weight);
    f.setHintingPreference(QFont::PreferNoHinting);
    return f;
}

QFont figures(Size size, QFont::Weight weight) {
    QFont f = font(size, weight);
    f.setFamily(QStringLiteral("Refero Figures"));
    return f;
}

void dress() {
    describeToReaders();
    loadResources();
    paper::loadFonts();
    QApplication::setStyle(new ControlStyle);
    QApplication::setFont(font(Size::body));
    apply();
    qApp->installEventFilter(new WheelGuard(qApp));
}

}  // namespace refero::look
