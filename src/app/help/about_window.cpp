// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/help/about_window.h"

#include <QCoreApplication>
#include <QFile>
#include <QTextBrowser>
#include <QVBoxLayout>

#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/tokens.h"

namespace refero {
namespace {

struct Part {
    const char *name, *what, *licence;
    const char* text = nullptr;  ///< the licence's words, of what ships within the program
};

// What is shipped within the program, then what it stands on, from the system's packages.
constexpr Part kShipped[] = {
    {"Inter", QT_TRANSLATE_NOOP("About", "letters"), "SIL Open Font License 1.1", ":/licences/fonts"},
    {"Refero Figures", QT_TRANSLATE_NOOP("About", "figures, made from Inter"), "SIL Open Font License 1.1",
     nullptr},
    {"Lucide", QT_TRANSLATE_NOOP("About", "icons"), "ISC", ":/licences/icons"},
    {"CIE tables", QT_TRANSLATE_NOOP("About", "observers, illuminants and daylight"),
     QT_TRANSLATE_NOOP("About", "facts published by the CIE; sources in the bibliography"), nullptr},
};
constexpr Part kStandsOn[] = {
    {"Qt 6", QT_TRANSLATE_NOOP("About", "the window"), "LGPL-3.0"},
    {"OpenImageIO", QT_TRANSLATE_NOOP("About", "pictures"), "BSD-3-Clause"},
    {"OpenCV", QT_TRANSLATE_NOOP("About", "lines and regions in pictures"), "Apache-2.0"},
    {"LibRaw", QT_TRANSLATE_NOOP("About", "raw frames"), "LGPL-2.1 or CDDL-1.0"},
    {"FFmpeg", QT_TRANSLATE_NOOP("About", "clips"), "LGPL-2.1, in Debian's build GPL-2.0"},
    {"zimg", QT_TRANSLATE_NOOP("About", "sizes and ranges of clips"), "WTFPL"},
    {"OpenColorIO", QT_TRANSLATE_NOOP("About", "LUTs and configurations"), "BSD-3-Clause"},
    {"Little CMS", QT_TRANSLATE_NOOP("About", "ICC profiles"), "MIT"},
    {"Exiv2", QT_TRANSLATE_NOOP("About", "metadata"), "GPL-2.0"},
    {"Eigen", QT_TRANSLATE_NOOP("About", "linear algebra"), "MPL-2.0"},
    {"Ceres", QT_TRANSLATE_NOOP("About", "least squares"), "BSD-3-Clause"},
    {"oneTBB", QT_TRANSLATE_NOOP("About", "many threads"), "Apache-2.0"},
    {"Highway", QT_TRANSLATE_NOOP("About", "vectors"), "Apache-2.0"},
    {"SQLite, SQLiteCpp", QT_TRANSLATE_NOOP("About", "the studio file"), "public domain, MIT"},
    {"nlohmann-json, pugixml", QT_TRANSLATE_NOOP("About", "documents"), "MIT"},
    {"CLI11", QT_TRANSLATE_NOOP("About", "the command line"), "BSD-3-Clause"},
    {"tl::expected", QT_TRANSLATE_NOOP("About", "results or errors"), "CC0-1.0"},
    {"libtiff, ZBar, libqrencode, OpenSSL", QT_TRANSLATE_NOOP("About", "files, codes on slates, checksums"),
     "libtiff, LGPL-2.1, LGPL-2.1, Apache-2.0"},
};

QString rows(const Part* begin, const Part* end) {
    QString out = QStringLiteral("<table cellspacing='0' cellpadding='3'>");
    for (const Part* p = begin; p != end; ++p)
        out += QStringLiteral("<tr><td><b>%1</b></td><td>%2</td><td>%3</td></tr>")
                   .arg(QString::fromUtf8(p->name).toHtmlEscaped(),
                        QCoreApplication::translate("About", p->what).toHtmlEscaped(),
                        QCoreApplication::translate("About", p->licence).toHtmlEscaped());
    return out + QStringLiteral("</table>");
}

QString wordsOf(const char* resource) {
    QFile file{QLatin1String(resource)};
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
}

}  // namespace

AboutWindow::AboutWindow(QWidget* parent) : QDialog(parent) {
    setObjectName(QStringLiteral("aboutWindow"));
    setWindowTitle(tr("About Refero"));
    resize(640, 560);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(12);
    column->addWidget(new look::Label(tr("Refero %1").arg(QCoreApplication::applicationVersion()),
                                      look::Size::large, look::Label::Tone::loud, QFont::DemiBold, this));
    column->addWidget(new look::Label(
        tr("Finds the colour chart, measures it, judges the shot, and makes the correction for all that was "
           "taken in that light. Free software under the GNU General Public License, version 3 or later, "
           "without any warranty."),
        look::Size::body, look::Label::Tone::text, QFont::Normal, this));
    auto* text = new QTextBrowser(this);
    text->setObjectName(QStringLiteral("licences"));
    text->setAccessibleName(tr("Licences"));
    QString html = QStringLiteral("<h3>%1</h3>%2<h3>%3</h3>%4")
                       .arg(tr("Shipped within the program"), rows(std::begin(kShipped), std::end(kShipped)),
                            tr("Stands on, from the system's packages"),
                            rows(std::begin(kStandsOn), std::end(kStandsOn)));
    for (const Part& p : kShipped)
        if (p.text)
            html += QStringLiteral("<h3>%1</h3><pre style='white-space: pre-wrap'>%2</pre>")
                        .arg(QString::fromUtf8(p.name), wordsOf(p.text).toHtmlEscaped());
    html += QStringLiteral("<h3>%1</h3><pre style='white-space: pre-wrap'>%2</pre>")
                .arg(QStringLiteral("Refero"), wordsOf(":/licences/refero").toHtmlEscaped());
    text->document()->setDefaultFont(look::font(look::Size::small));
    text->setHtml(html);
    column->addWidget(text, 1);
    auto* close = new look::Button(look::Button::Kind::primary, tr("Close"), this);
    column->addWidget(close, 0, Qt::AlignRight);
    connect(close, &QAbstractButton::clicked, this, &QDialog::accept);
}

}  // namespace refero
