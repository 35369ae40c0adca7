// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/judging/scopes_page.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QVBoxLayout>

#include "app/look/label.h"
#include "app/meters/scope_view.h"

namespace refero {

ScopesPage::ScopesPage(QWidget* parent) : QWidget(parent) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    kind_ = new QComboBox(this);
    kind_->setObjectName(QStringLiteral("pairedScope"));
    kind_->setAccessibleName(tr("Scope"));
    kind_->addItems({tr("Histogram"), tr("Waveform"), tr("Parade"), tr("Vectorscope")});
    column->addWidget(kind_, 0, Qt::AlignLeft);
    row_ = new QHBoxLayout;
    row_->setSpacing(8);
    column->addLayout(row_, 1);
    for (const char* object : {"scopeFirst", "scopeLast"}) {
        auto* half = new QVBoxLayout;
        half->setSpacing(2);
        auto* title = new look::Label({}, look::Size::small, look::Label::Tone::quiet);
        auto* scope = new ScopeView(this);
        scope->setObjectName(QLatin1String(object));
        scope->setMinimumSize(100, 110);
        half->addWidget(title);
        half->addWidget(scope, 1);
        row_->addLayout(half, 1);
        titles_.push_back(title);
        scopes_.push_back(scope);
    }
    connect(kind_, &QComboBox::currentIndexChanged, this, [this](int kind) {
        for (ScopeView* s : scopes_) s->setKind(static_cast<ScopeView::Kind>(kind));
        arrange();
    });
    kind_->setCurrentIndex(static_cast<int>(ScopeView::Kind::vectorscope));
}

void ScopesPage::setScopes(const std::vector<Scopes>& scopes, const QString& first, const QString& last) {
    for (std::size_t k = 0; k < scopes_.size() && k < scopes.size(); ++k) {
        scopes_[k]->setScopes(scopes[k]);
        titles_[k]->setText(k == 0 ? first : last);
    }
}

void ScopesPage::setTargets(const std::vector<ScopeTarget>& targets) {
    for (ScopeView* s : scopes_) s->setTargets(targets);
}

void ScopesPage::joinVectors() {
    joined_ = true;
    row_->setDirection(QBoxLayout::TopToBottom);
    arrange();
}

void ScopesPage::arrange() {
    const bool alone = joined_ && scopes_.back()->kind() == ScopeView::Kind::vectorscope;
    scopes_.front()->setVisible(!alone);
    titles_.front()->setVisible(!alone);
}

void ScopesPage::setLinks(const std::vector<ScopeView::Link>& links) {
    scopes_.back()->setLinks(links);
}

void ScopesPage::clear() {
    for (ScopeView* s : scopes_) s->clear();
    for (look::Label* t : titles_) t->clear();
}

}  // namespace refero
