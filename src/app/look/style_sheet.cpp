// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/look/style_sheet.h"

namespace refero::look {

QString styleSheet(const Palette& p) {
    QString s = QStringLiteral(R"(
QToolTip { background: @raised; color: @text; border: 1px solid @line; padding: 4px 8px; }
QMenu { background: @raised; color: @text; border: 1px solid @line; padding: 4px; }
QMenu::item { padding: 6px 24px 6px 12px; border-radius: 4px; }
QMenu::item:selected { background: @line; color: @loud; }
QMenu::item:disabled { color: @quiet; }
QMenu::separator { height: 1px; background: @line; margin: 4px 8px; }
QScrollBar:vertical { background: transparent; width: 10px; margin: 0; }
QScrollBar:horizontal { background: transparent; height: 10px; margin: 0; }
QScrollBar::handle { background: @line; border-radius: 3px; margin: 2px; min-height: 24px; min-width: 24px; }
QScrollBar::handle:hover { background: @quiet; }
QScrollBar::add-line, QScrollBar::sub-line { width: 0; height: 0; }
QScrollBar::add-page, QScrollBar::sub-page { background: transparent; }
QComboBox { background: @raised; color: @text; border: 1px solid @line; border-radius: 4px; padding: 4px 8px; min-height: 18px; }
QComboBox:hover { border-color: @quiet; }
QComboBox:focus { border: 2px solid @loud; padding: 3px 7px; }
QComboBox::drop-down { border: none; width: 20px; }
QComboBox::down-arrow { image: url(:/icons/chevron-@surround.svg); width: 12px; height: 12px; }
QComboBox QAbstractItemView { background: @raised; color: @text; border: 1px solid @line; outline: none;
    selection-background-color: @line; selection-color: @loud; padding: 4px; }
QLineEdit { background: @raised; color: @text; border: 1px solid @line; border-radius: 4px; padding: 4px 8px; }
QLineEdit:focus { border: 2px solid @loud; padding: 3px 7px; }
QProgressBar { background: @raised; border: none; border-radius: 4px; max-height: 8px; }
QProgressBar::chunk { background: @text; border-radius: 4px; }
QAbstractItemView { background: transparent; border: none; outline: none; }
QHeaderView { background: transparent; border: none; }
QHeaderView::section { background: transparent; color: @quiet; border: none; padding: 4px 6px; }
QSplitter::handle { background: @ground; }
QTextBrowser { background: @panel; color: @text; border: none; }
QListWidget { background: transparent; border: none; }
QListWidget::item { padding: 4px 8px; }
QListWidget::item:selected { background: @line; color: @loud; }
QWidget#helpWindow, QDialog { background: @ground; }
QScrollArea, QScrollArea > QWidget > QWidget { background: transparent; border: none; }
QLabel { background: transparent; }
QWidget#noticeLine { background: @raised; }
QFrame#commandFinder { background: @panel; border: 1px solid @line; }
)");
    s.replace(QLatin1String("@surround"),
              surround() == Surround::dim ? QLatin1String("dim") : QLatin1String("booth"));
    const std::pair<const char*, QColor> tokens[] = {
        {"@ground", p.ground}, {"@panel", p.panel}, {"@raised", p.raised}, {"@line", p.line},
        {"@quiet", p.quiet},   {"@text", p.text},   {"@loud", p.loud},     {"@viewing", p.viewing}};
    for (const auto& [token, colour] : tokens) s.replace(QLatin1String(token), colour.name());
    return s;
}

}  // namespace refero::look
