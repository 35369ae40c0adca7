// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/help/help_window.h"

#include <QAbstractTextDocumentLayout>
#include <QFile>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QImage>
#include <QImageReader>
#include <QKeyEvent>
#include <QListWidget>
#include <QPointer>
#include <QScrollBar>
#include <QTextBlock>
#include <QTextList>
#include <QTextTable>
#include <QVBoxLayout>
#include <algorithm>

#include "app/help/guide_file.h"
#include "app/jobs/job.h"
#include "app/language/language.h"
#include "app/look/button.h"
#include "app/look/label.h"
#include "app/look/search_field.h"
#include "app/look/tokens.h"

namespace refero {
namespace {

constexpr int kContentsWidth = 260;                                     // px
constexpr int kHeadingSpace = 18, kParagraphSpace = 8, kListSpace = 4;  // px
constexpr int kScrollRoom = 24;                                         // px, for the bar at the side
constexpr int kPartRole = Qt::UserRole;                                 // of an entry of the contents

GuideText textOf(const QString& file) {
    QFile source(file);
    return source.open(QIODevice::ReadOnly) ? guideText(QString::fromUtf8(source.readAll())) : GuideText();
}

}  // namespace

void GuidePage::showText(const QString& markdown, const QString& folder) {
    markdown_ = markdown;
    folder_ = folder;
    fill();
}

// A document of its own until all of it is there: shown, it would be laid out with each paragraph.
void GuidePage::fill() {
    headings_.clear();
    auto* fresh = new QTextDocument(this);
    fresh->setUndoRedoEnabled(false);
    fresh->setDefaultFont(look::font(look::Size::body));
    fresh->setDocumentMargin(20);
    QTextCursor cursor(fresh);
    cursor.beginEditBlock();
    fresh->setMarkdown(markdown_);
    for (QTextBlock block = fresh->begin(); block.isValid(); block = block.next()) {
        const int level = block.blockFormat().headingLevel();
        if (level > 0) headings_.push_back(block.blockNumber());
        cursor.setPosition(block.position());
        QTextBlockFormat format = block.blockFormat();
        format.setTopMargin(level > 0 ? kHeadingSpace : 0);
        format.setBottomMargin(block.textList() || cursor.currentTable() ? kListSpace : kParagraphSpace);
        cursor.setBlockFormat(format);
    }
    cursor.endEditBlock();
    const QPointer<QTextDocument> before = document();
    setDocument(fresh);                 // lets go of Qt's own first document, but of none that was given
    if (before) before->deleteLater();  // a link in it may be on its way here
}

void GuidePage::goTo(int heading, const QString& words) {
    if (heading < 0 || heading >= static_cast<int>(headings_.size())) return;
    const auto from = static_cast<std::size_t>(heading);
    const int end = from + 1 < headings_.size() ? headings_[from + 1] : document()->blockCount();
    QTextBlock at = document()->findBlockByNumber(headings_[from]);
    for (QTextBlock b = at; !words.isEmpty() && b.isValid() && b.blockNumber() < end; b = b.next())
        if (b.text().contains(words, Qt::CaseInsensitive)) {
            at = b;
            break;
        }
    // Laid out first: a place is only known then.
    const QRectF place = document()->documentLayout()->blockBoundingRect(at);
    setTextCursor(QTextCursor(at));
    verticalScrollBar()->setValue(static_cast<int>(place.top()) - 8);
}

// Pictures of whole windows are wider than the page. They are read in the background; their size is known at
// once, so that nothing moves when they come.
QVariant GuidePage::loadResource(int type, const QUrl& name) {
    if (type != QTextDocument::ImageResource) return QTextBrowser::loadResource(type, name);
    const QString file = folder_ + QLatin1Char('/') + name.path();
    QSize size = QImageReader(file).size();
    if (size.isEmpty()) return {};
    const int room =
        std::max(200, viewport()->width() - 2 * static_cast<int>(document()->documentMargin()) - kScrollRoom);
    if (size.width() > room) size = QSize(room, size.height() * room / size.width());
    runJob(
        this,
        [file, size] { return QImage(file).scaled(size, Qt::IgnoreAspectRatio, Qt::SmoothTransformation); },
        [this, name, size](const QImage& image) {
            const auto now = document()->resource(QTextDocument::ImageResource, name).value<QImage>();
            if (now.size() != size) return;  // another chapter, or another width by now
            document()->addResource(QTextDocument::ImageResource, name, image);
            viewport()->update();
        },
        Urgency::later);
    QImage blank(size, QImage::Format_RGB32);
    blank.fill(look::palette().raised);
    return blank;
}

void GuidePage::resizeEvent(QResizeEvent* event) {
    const bool wider = event->oldSize().width() != event->size().width();
    QTextBrowser::resizeEvent(event);
    if (!wider || markdown_.isEmpty()) return;
    const int kept = verticalScrollBar()->value();
    fill();
    verticalScrollBar()->setValue(kept);
}

HelpWindow::HelpWindow(QWidget* parent) : QWidget(parent, Qt::Window) {
    setObjectName(QStringLiteral("helpWindow"));
    setWindowTitle(tr("Guide to Refero"));
    resize(1000, 720);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(12, 12, 0, 0);
    row->setSpacing(12);
    auto* side = new QVBoxLayout;
    side->setSpacing(8);
    auto* trail = new QHBoxLayout;
    const auto step = [&](const QString& label, QKeySequence::StandardKey key, const char* name) {
        auto* button = new look::Button(look::Button::Kind::plain, label, this);
        button->setObjectName(QLatin1String(name));
        button->setShortcut(key);
        button->setToolTip(button->shortcut().toString(QKeySequence::NativeText));
        trail->addWidget(button);
        return button;
    };
    back_ = step(tr("Back"), QKeySequence::Back, "helpBack");
    forward_ = step(tr("Forward"), QKeySequence::Forward, "helpForward");
    trail->addStretch();
    side->addLayout(trail);
    connect(back_, &QAbstractButton::clicked, this, [this] { walk(behind_, ahead_); });
    connect(forward_, &QAbstractButton::clicked, this, [this] { walk(ahead_, behind_); });
    showTrail();
    field_ = look::searchField("helpSearch", tr("Search the guide"), tr("Search the guide"), this);
    field_->setFixedWidth(kContentsWidth);
    side->addWidget(field_);
    found_ = new look::Label({}, look::Size::small, look::Label::Tone::quiet, QFont::Normal, this);
    found_->hide();
    side->addWidget(found_);
    contents_ = new QListWidget(this);
    contents_->setObjectName(QStringLiteral("helpContents"));
    contents_->setAccessibleName(tr("Contents"));
    contents_->setFixedWidth(kContentsWidth);
    contents_->setWordWrap(true);
    contents_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    contents_->setFrameShape(QFrame::NoFrame);
    side->addWidget(contents_, 1);
    row->addLayout(side);
    page_ = new GuidePage(this);
    page_->setObjectName(QStringLiteral("helpPage"));
    page_->setAccessibleName(tr("The guide"));
    page_->setOpenLinks(false);
    page_->setFrameShape(QFrame::NoFrame);
    page_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    page_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOn);  // so that the page keeps its width as it fills
    row->addWidget(page_, 1);
    connect(page_, &QTextBrowser::anchorClicked, this, &HelpWindow::follow);
    connect(field_, &QLineEdit::textChanged, this, &HelpWindow::search);
    const auto go = [this](const QListWidgetItem* item) {
        if (!item) return;
        leave();
        goTo(guide_.parts[item->data(kPartRole).toUInt()],
             field_->text().simplified().section(QLatin1Char(' '), 0, 0));
    };
    connect(contents_, &QListWidget::itemClicked, this, go);
    connect(contents_, &QListWidget::itemActivated, this, go);
    connect(field_, &QLineEdit::returnPressed, this, [this, go] {
        if (contents_->count() > 0) go(contents_->item(0));
    });
    if (guideFolder().isEmpty())
        page_->setPlainText(tr("The guide is not beside the program. It is installed with the package."));
}

void HelpWindow::open(const QString& file) {
    GuideText text = textOf(file);
    if (text.parts.empty()) return;
    guide_ = std::move(text);
    file_ = file;
    chapter_ = part_ = -1;
    fill();
}

void HelpWindow::fill() {
    contents_->clear();
    for (std::size_t i = 0; i < guide_.parts.size(); ++i) {
        const GuidePart& part = guide_.parts[i];
        auto* item = new QListWidgetItem(part.heading, contents_);
        item->setFont(look::font(look::Size::body, part.level <= 2 ? QFont::DemiBold : QFont::Normal));
        item->setData(kPartRole, static_cast<uint>(i));
    }
    mark();
}

void HelpWindow::mark() {
    for (int row = 0; row < contents_->count(); ++row)
        if (contents_->item(row)->data(kPartRole).toInt() == part_) contents_->setCurrentRow(row);
}

// A chapter ends with the way to the next, for those who read on.
void HelpWindow::goTo(const GuidePart& part, const QString& words) {
    part_ = static_cast<int>(&part - guide_.parts.data());
    mark();
    if (chapter_ != part.chapter) {
        chapter_ = part.chapter;
        QString text = guide_.chapters[static_cast<std::size_t>(chapter_)];
        const auto next = std::find_if(guide_.parts.begin(), guide_.parts.end(),
                                       [this](const GuidePart& p) { return p.chapter > chapter_; });
        if (next != guide_.parts.end())
            text += QStringLiteral("\n\n[%1](#%2)\n").arg(tr("Next: %1").arg(next->heading), next->slug);
        page_->showText(text, QFileInfo(file_).absolutePath());
    }
    page_->goTo(part.place, words);
}

void HelpWindow::openAt(const QString& heading) {
    // Seen first: pictures are as wide as there is room.
    show();
    leave();
    const QString guide = guideFile(language::wanted());
    if (file_ != guide) open(guide);
    field_->clear();
    raise();
    activateWindow();
    // Headings are known by their English words; in other languages the same ones stand in the same order.
    if (english_.parts.empty()) english_ = textOf(guideFile(QStringLiteral("en")));
    const auto& parts = english_.parts;
    const auto found = std::find_if(parts.begin(), parts.end(),
                                    [&](const GuidePart& p) { return p.heading.startsWith(heading); });
    const auto part = static_cast<std::size_t>(found - parts.begin());
    if (part >= std::min(parts.size(), guide_.parts.size())) return;
    goTo(guide_.parts[part]);
    page_->setFocus();
}

QString HelpWindow::heading() const {
    return part_ < 0 ? QString() : guide_.parts[static_cast<std::size_t>(part_)].heading;
}

// The parts in which all words are.
void HelpWindow::search(const QString& words) {
    const QStringList wanted = words.simplified().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    found_->setVisible(!wanted.isEmpty());
    if (wanted.isEmpty()) return fill();
    contents_->clear();
    for (std::size_t i = 0; i < guide_.parts.size(); ++i) {
        const GuidePart& part = guide_.parts[i];
        if (!std::all_of(wanted.begin(), wanted.end(),
                         [&](const QString& w) { return part.words.contains(w, Qt::CaseInsensitive); }))
            continue;
        auto* item = new QListWidgetItem(part.heading, contents_);
        item->setData(kPartRole, static_cast<uint>(i));
    }
    found_->setText(contents_->count() == 0 ? tr("Nothing has these words.")
                                            : tr("In %n parts:", nullptr, contents_->count()));
}

// Within the page, to another page of the guide; nothing leads outside.
void HelpWindow::follow(const QUrl& link) {
    leave();
    if (!link.path().isEmpty()) open(QFileInfo(file_).absolutePath() + QLatin1Char('/') + link.path());
    const auto found = std::find_if(guide_.parts.begin(), guide_.parts.end(),
                                    [&](const GuidePart& p) { return p.slug == link.fragment(); });
    if (found != guide_.parts.end()) return goTo(*found);
    if (!link.path().isEmpty() && !guide_.parts.empty()) goTo(guide_.parts.front());
}

HelpWindow::Place HelpWindow::here() const {
    return {file_, part_, page_->verticalScrollBar()->value()};
}

void HelpWindow::leave() {
    if (part_ < 0) return;
    const Place now = here();
    if (behind_.empty() || behind_.back().file != now.file || behind_.back().part != now.part)
        behind_.push_back(now);
    ahead_.clear();
    showTrail();
}

void HelpWindow::walk(std::vector<Place>& from, std::vector<Place>& to) {
    const Place now = here();
    // Help asked for again where one is has left the same place behind.
    while (!from.empty() && from.back().file == now.file && from.back().part == now.part) from.pop_back();
    if (from.empty()) return showTrail();
    to.push_back(now);
    const Place place = from.back();
    from.pop_back();
    if (file_ != place.file) open(place.file);
    if (place.part < static_cast<int>(guide_.parts.size()))
        goTo(guide_.parts[static_cast<std::size_t>(place.part)]);
    page_->verticalScrollBar()->setValue(place.scrolled);
    showTrail();
}

void HelpWindow::showTrail() {
    back_->setEnabled(!behind_.empty());
    forward_->setEnabled(!ahead_.empty());
}

void HelpWindow::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape) {
        hide();
        return;
    }
    QWidget::keyPressEvent(event);
}

}  // namespace refero
