// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/findings/verdict_line.h"

#include <QHBoxLayout>
#include <QPainter>
#include <algorithm>

#include "app/findings/check_view.h"
#include "app/look/button.h"
#include "app/look/sided.h"
#include "app/look/text.h"
#include "app/look/tokens.h"

namespace refero {
namespace {

constexpr int kHeight = 52;             // px
constexpr std::size_t kFewFigures = 4;  // that are told one by one

}  // namespace

/// The verdict by shape and word.
class VerdictLine::Word : public QWidget {
  public:
    explicit Word(QWidget* parent) : QWidget(parent) {
        setObjectName(QStringLiteral("verdict"));
        setSizePolicy(QSizePolicy::Fixed, QSizePolicy::Fixed);
    }
    void show(std::optional<Verdict> verdict, const QString& word) {
        verdict_ = verdict;
        word_ = word;
        setAccessibleName(word);
        updateGeometry();
        update();
    }
    QSize sizeHint() const override {
        const QFontMetrics metrics(look::font(look::Size::large, QFont::DemiBold));
        return {(verdict_ ? kMark : 0) + metrics.horizontalAdvance(word_) + 2, kHeight};
    }

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        const look::Sided sided(p, rect(), layoutDirection());
        if (verdict_) paintVerdict(p, sided(QPointF(10, height() / 2.0)), 9, *verdict_);
        p.setPen(look::palette().loud);
        p.setFont(look::font(look::Size::large, QFont::DemiBold));
        p.drawText(sided(rect().adjusted(verdict_ ? kMark : 0, 0, 0, 0)), Qt::AlignLeft | Qt::AlignVCenter,
                   word_);
    }

  private:
    static constexpr int kMark = 30;
    std::optional<Verdict> verdict_;
    QString word_;
};

/// As much of a sentence as there is room for; all of it where the pointer rests.
class VerdictLine::Line : public QWidget {
  public:
    explicit Line(QWidget* parent) : QWidget(parent) {
        setObjectName(QStringLiteral("verdictLine"));
        setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
        setFixedHeight(kHeight);
    }
    void say(const QString& sentence, const QString& more) {
        sentence_ = sentence;
        more_ = more;
        const QString all =
            sentence.isEmpty() || more.isEmpty() ? sentence + more : sentence + QLatin1Char('\n') + more;
        setAccessibleName(all);
        setToolTip(all);
        update();
    }

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        const auto& c = look::palette();
        p.setFont(look::figures(look::Size::body));
        const look::Sided sided(p, rect(), layoutDirection());
        const QFontMetrics metrics = p.fontMetrics();
        const auto draw = [&](const QString& s, const QRect& box, const QColor& colour) {
            p.setPen(colour);
            p.drawText(sided(box), Qt::AlignLeft | Qt::AlignVCenter,
                       metrics.elidedText(s, Qt::ElideRight, box.width()));
        };
        if (sentence_.isEmpty() || more_.isEmpty()) return draw(sentence_ + more_, rect(), c.text);
        // Beside each other where both fit, else below each other.
        const int first = metrics.horizontalAdvance(sentence_), gap = 16;
        if (first + gap + metrics.horizontalAdvance(more_) <= width()) {
            draw(sentence_, rect(), c.text);
            return draw(more_, rect().adjusted(first + gap, 0, 0, 0), c.quiet);
        }
        draw(sentence_, QRect(0, 4, width(), height() / 2 - 4), c.text);
        draw(more_, QRect(0, height() / 2, width(), height() / 2 - 4), c.quiet);
    }

  private:
    QString sentence_, more_;
};

VerdictLine::VerdictLine(QWidget* parent) : look::Strip(parent) {
    setFixedHeight(kHeight);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(16, 0, 16, 0);
    row->setSpacing(12);
    word_ = new Word(this);
    row->addWidget(word_);
    line_ = new Line(this);
    row->addWidget(line_, 1);
    findings_ = new look::Button(look::Button::Kind::plain, tr("Findings"), this);
    findings_->setObjectName(QStringLiteral("findingsToggle"));
    findings_->setCheckable(true);
    findings_->setToolTip(tr("Every check behind the verdict, with its value, its limit and what to do."));
    row->addWidget(findings_);
    step_ = new look::Button(look::Button::Kind::primary, {}, this);
    step_->setObjectName(QStringLiteral("nextStep"));
    row->addWidget(step_);
    connect(findings_, &QAbstractButton::clicked, this, [this](bool open) { emit findingsWanted(open); });
    connect(step_, &QAbstractButton::clicked, this, &VerdictLine::nextStepWanted);
    setFindings(false, false);
    setNextStep({}, {});
}

// What needs somebody is named; a few figures are told, many that are good need one number.
void VerdictLine::setChecks(const std::vector<Check>& checks, std::optional<Verdict> verdict) {
    word_->show(verdict, verdict ? text(std::string(label(*verdict))) : QString());
    QStringList wrong, figures;
    for (const Check& c : checks) {
        if (c.verdict != Verdict::pass) wrong << text(c.title);
        figures << tr("%1 %2", "a check's title and its value").arg(text(c.title), valueText(c));
    }
    const auto all = static_cast<int>(checks.size());
    if (!wrong.isEmpty())
        behind_ = tr("%1 of %n checks: %2", "those that are not good, of all", all)
                      .arg(wrong.size())
                      .arg(wrong.join(QStringLiteral(", ")));
    else if (checks.size() <= kFewFigures)
        behind_ = figures.join(QStringLiteral("   "));
    else
        behind_ = tr("All %n checks are good.", nullptr, all);
    say();
}

void VerdictLine::setTitle(const QString& title) {
    word_->show({}, title);
    behind_.clear();
    say();
}

void VerdictLine::setNextStep(const QString& step, const QString& why, bool enabled) {
    step_->setVisible(!step.isEmpty());
    step_->setText(step);
    step_->setAccessibleName(step);
    step_->setEnabled(enabled);
    step_->updateGeometry();
    why_ = why;
    say();
}

void VerdictLine::setFindings(bool any, bool open) {
    findings_->setVisible(any);
    findings_->setChecked(open);
}

void VerdictLine::say() {
    line_->say(behind_, why_);
}

}  // namespace refero
