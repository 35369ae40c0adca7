// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/charts/chart_assistant.h"

#include <QComboBox>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QPlainTextEdit>
#include <QVBoxLayout>
#include <array>
#include <map>

#include "app/charts/chart_data_files.h"
#include "app/dialogs/dialogs.h"
#include "app/forms/binding.h"
#include "app/look/button.h"
#include "app/look/caption.h"
#include "app/look/label.h"
#include "app/look/text.h"
#include "io/chart_data/chart_data_file.h"
#include "io/files/safe_write.h"

namespace refero {
namespace {

// "12 neutral, 4 skin, ...": what the roles were taken for.
QString rolesOf(const Chart& chart) {
    std::map<Role, int> counts;
    for (const Patch& p : chart.patches) ++counts[p.role];
    QStringList out;
    for (const auto& [role, n] : counts) {
        out << QStringLiteral("%1 %2").arg(n).arg(told(name(role)));
    }
    return out.join(QStringLiteral(", "));
}

struct Field {
    const char *key, *caption, *unit, *hint;
    bool beside;
    double least, most;
    std::function<double(const ChartGrid&)> get;
    std::function<void(ChartGrid&, double)> set;
};

const std::array<Field, 6>& fields() {
    static const std::array<Field, 6> all{
        {{"gridRows", word("Rows, columns"), "", word("Rows from the top."), false, 1, 100,
          [](const ChartGrid& g) { return double(g.rows); },
          [](ChartGrid& g, double v) { g.rows = static_cast<int>(v); }},
         {"gridColumns", word("Columns"), "", word("From the left."), true, 1, 100,
          [](const ChartGrid& g) { return double(g.columns); },
          [](ChartGrid& g, double v) { g.columns = static_cast<int>(v); }},
         {"gridWidth", word("Patch size"), "mm", word("Width of one patch."), false, 0.5, 2000,
          [](const ChartGrid& g) { return g.patchWidthMm; },
          [](ChartGrid& g, double v) { g.patchWidthMm = v; }},
         {"gridHeight", word("Patch's height"), "mm", word("Height of one patch."), true, 0.5, 2000,
          [](const ChartGrid& g) { return g.patchHeightMm; },
          [](ChartGrid& g, double v) { g.patchHeightMm = v; }},
         {"gridGap", word("Gap, margin"), "mm", word("Between patches; 0 where they touch."), false, 0, 1000,
          [](const ChartGrid& g) { return g.gapMm; }, [](ChartGrid& g, double v) { g.gapMm = v; }},
         {"gridMargin", word("Margin"), "mm", word("From the outline to the patches."), true, 0, 1000,
          [](const ChartGrid& g) { return g.marginMm; }, [](ChartGrid& g, double v) { g.marginMm = v; }}}};
    return all;
}

}  // namespace

ChartAssistant::ChartAssistant(Dialogs& dialogs, QWidget* parent) : QWidget(parent), dialogs_(dialogs) {
    setObjectName(QStringLiteral("chartAssistant"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(2 * look::kStep);
    column->addWidget(new look::Label(tr("A chart from its data"), look::Size::title, look::Label::Tone::loud,
                                      QFont::DemiBold));
    column->addWidget(new look::Label(
        told("Paste a table of Lab, XYZ or spectra with a line of names, or open CGATS, CxF or CSV."),
        look::Size::small, look::Label::Tone::quiet));
    paste_ = new QPlainTextEdit(this);
    paste_->setObjectName(QStringLiteral("chartPaste"));
    paste_->setAccessibleName(tr("Chart data"));
    paste_->setPlaceholderText(QStringLiteral("SAMPLE_ID\tLAB_L\tLAB_A\tLAB_B"));
    paste_->setFixedHeight(84);
    paste_->setFont(look::figures(look::Size::small));
    paste_->setLineWrapMode(QPlainTextEdit::NoWrap);
    paste_->setTabChangesFocus(true);
    column->addWidget(paste_);
    auto* open = new look::Button(look::Button::Kind::plain, tr("Open a data file"), this);
    open->setObjectName(QStringLiteral("openChartData"));
    auto* from = new QHBoxLayout;
    from->addWidget(open);
    from->addStretch(1);
    from->addWidget(look::caption(tr("Measured under")));
    condition_ = new QComboBox(this);
    condition_->setObjectName(QStringLiteral("chartCondition"));
    condition_->setAccessibleName(tr("Measured under"));
    condition_->setToolTip(
        tr("The condition of ISO 13655, where the data hold several: M0 as it came, M1 with daylight's "
           "ultraviolet, M2 "
           "without ultraviolet, M3 polarised."));
    condition_->addItem(tr("As the file says"));
    for (const char* m : {"M0", "M1", "M2", "M3"}) condition_->addItem(QLatin1String(m));
    from->addWidget(condition_);
    column->addLayout(from);
    method_ = new look::Label({}, look::Size::small);
    method_->setObjectName(QStringLiteral("chartMethod"));
    column->addWidget(method_);
    form_ = new Form(this);
    form_->addText({QStringLiteral("gridName"), tr("Name"), {}, tr("What it is called.")});
    for (const Field& f : fields())
        form_->addText({QLatin1String(f.key), told(f.caption), told(f.unit), told(f.hint), f.beside});
    column->addWidget(form_);
    message_ = new look::Label({}, look::Size::small, look::Label::Tone::loud);
    message_->setObjectName(QStringLiteral("chartMessage"));
    column->addWidget(message_);
    auto* row = new QHBoxLayout;
    keep_ = new look::Button(look::Button::Kind::primary, tr("Keep this chart"), this);
    keep_->setObjectName(QStringLiteral("keepChart"));
    auto* leave = new look::Button(look::Button::Kind::plain, tr("Cancel"), this);
    leave->setObjectName(QStringLiteral("leaveChart"));
    row->addWidget(keep_);
    row->addWidget(leave);
    row->addStretch(1);
    column->addLayout(row);
    column->addStretch(1);
    connect(paste_, &QPlainTextEdit::textChanged, this,
            [this] { take(paste_->toPlainText(), told("the pasted text")); });
    connect(condition_, &QComboBox::activated, this, [this] { take(text_, origin_); });
    connect(open, &QAbstractButton::clicked, this, &ChartAssistant::openData);
    connect(form_, &Form::entered, this, &ChartAssistant::enter);
    connect(keep_, &QAbstractButton::clicked, this, [this] {
        if (chart_) emit keepWanted(*chart_);
    });
    connect(leave, &QAbstractButton::clicked, this, &ChartAssistant::leaveWanted);
    begin();
}

void ChartAssistant::begin() {
    const QSignalBlocker block(paste_);
    paste_->clear();
    condition_->setCurrentIndex(0);
    text_.clear();
    colours_.reset();
    grid_ = {};
    name_ = tr("My chart");
    source_.clear();
    method_->setText({});
    rebuild();
}

void ChartAssistant::refuse(const QString& why) {
    message_->setText(why);
}

void ChartAssistant::openData() {
    const QString path = dialogs_.openFile(this, tr("Open chart data"), chartDataFilter());
    if (path.isEmpty()) return;
    const auto text = io::readFile(path.toStdString(), std::size_t{16} << 20);
    if (!text) return refuse(QString::fromStdString(text.error().message));
    name_ = QFileInfo(path).completeBaseName();
    const QSignalBlocker block(paste_);
    paste_->setPlainText(QString::fromStdString(*text).left(20000));
    take(QString::fromStdString(*text), QFileInfo(path).fileName());
}

void ChartAssistant::take(const QString& text, const QString& origin) {
    text_ = text;
    origin_ = origin;
    colours_.reset();
    method_->setText({});
    if (text.trimmed().isEmpty()) return rebuild();
    const std::string condition =
        condition_->currentIndex() > 0 ? condition_->currentText().toStdString() : "";
    const auto given = io::parseChartData(text.toStdString(), origin.toStdString(), {condition});
    const auto colours = given.and_then([](const ChartData& d) { return brought(d); });
    if (!colours) {
        rebuild();
        return refuse(QString::fromStdString(colours.error().message));
    }
    colours_ = *colours;
    measuredUnder_ = given->condition;
    source_ = given->source.empty() ? tr("From %1").arg(origin) : QString::fromStdString(given->source);
    const ChartGrid proposed = proposedGrid(colours->colours.size());
    grid_.rows = proposed.rows;
    grid_.columns = proposed.columns;
    rebuild();
}

void ChartAssistant::enter(const QString& key, const QString& text) {
    form_->setMessage(key, {});
    if (key == QLatin1String("gridName")) {
        name_ = text;
        return rebuild();
    }
    for (const Field& f : fields()) {
        if (key != QLatin1String(f.key)) continue;
        const auto v = numberFrom(told(f.caption), text);
        if (!v) return form_->setMessage(key, QString::fromStdString(v.error().message));
        if (!(*v >= f.least && *v <= f.most))
            return form_->setMessage(
                key,
                told("%1 can be %2 to %3.").arg(told(f.caption), numberText(f.least), numberText(f.most)));
        f.set(grid_, *v);
        // Rows and columns give each other, so that every patch has its place.
        if (colours_) {
            const int n = static_cast<int>(colours_->colours.size());
            if (key == QLatin1String("gridRows")) grid_.columns = (n + grid_.rows - 1) / grid_.rows;
            if (key == QLatin1String("gridColumns")) grid_.rows = (n + grid_.columns - 1) / grid_.columns;
        }
    }
    rebuild();
}

void ChartAssistant::showFields() {
    form_->setText(QStringLiteral("gridName"), name_);
    for (const Field& f : fields()) form_->setText(QLatin1String(f.key), numberText(f.get(grid_)));
}

void ChartAssistant::rebuild() {
    chart_.reset();
    message_->setText({});
    if (colours_) {
        const auto chart = chartOnGrid(*colours_, grid_, chartId(name_.toStdString()), name_.toStdString(),
                                       source_.toStdString());
        if (chart) {
            chart_ = *chart;
            chart_->condition = measuredUnder_;
            method_->setText(told("%1 patches: %2. %3")
                                 .arg(chart->patches.size())
                                 .arg(rolesOf(*chart), QString::fromStdString(colours_->method)));
        } else {
            refuse(QString::fromStdString(chart.error().message));
        }
    }
    method_->setVisible(!method_->text().isEmpty());
    keep_->setEnabled(chart_.has_value());
    showFields();
    emit changed();
}

}  // namespace refero
