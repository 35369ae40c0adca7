// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/findings/evidence_mark.h"

#include <QLineF>
#include <algorithm>
#include <cmath>

namespace refero {

EvidenceMark markOf(const std::string& id) {
    if (id == "covered" || id == "byhand" || id == "frames") return EvidenceMark::crossed;
    if (id == "shadow") return EvidenceMark::hatched;
    if (id == "shine") return EvidenceMark::ringed;
    if (id == "clipping" || id == "buried" || id == "exposure") return EvidenceMark::barred;
    return EvidenceMark::bracketed;
}

bool isBroken(EvidenceMark mark) {
    return mark == EvidenceMark::hatched;
}

QPainterPath patternIn(const QPolygonF& p, EvidenceMark mark) {
    const auto at = [&](double across, double down) {
        const QPointF top = p[0] + across * (p[1] - p[0]), bottom = p[3] + across * (p[2] - p[3]);
        return top + down * (bottom - top);
    };
    QPainterPath out;
    const auto line = [&](const QPointF& a, const QPointF& b) {
        out.moveTo(a);
        out.lineTo(b);
    };
    switch (mark) {
        case EvidenceMark::bracketed:
            for (const auto& [x, y] :
                 {std::pair(0.0, 0.0), std::pair(1.0, 0.0), std::pair(1.0, 1.0), std::pair(0.0, 1.0)}) {
                const double inX = x < 0.5 ? 0.28 : 0.72, inY = y < 0.5 ? 0.28 : 0.72;
                out.moveTo(at(inX, y));
                out.lineTo(at(x, y));
                out.lineTo(at(x, inY));
            }
            break;
        case EvidenceMark::crossed:
            out.addPolygon(p);
            out.closeSubpath();
            line(at(0, 0), at(1, 1));
            line(at(1, 0), at(0, 1));
            break;
        case EvidenceMark::hatched:
            line(at(0.5, 0), at(0, 0.5));
            line(at(1, 0), at(0, 1));
            line(at(1, 0.5), at(0.5, 1));
            break;
        case EvidenceMark::ringed: {
            const QPointF centre = at(0.5, 0.5);
            const double wide = QLineF(at(0, 0.5), at(1, 0.5)).length(),
                         high = QLineF(at(0.5, 0), at(0.5, 1)).length();
            const double r = 0.24 * std::min(wide, high);
            out.addEllipse(centre, r, r);
            for (const QPointF& end : {at(0, 0), at(1, 0), at(1, 1), at(0, 1)}) {
                const QPointF way = end - centre;
                const double length = std::hypot(way.x(), way.y());
                if (length > r) line(centre + way * (1.3 * r / length), centre + way * 0.8);
            }
            break;
        }
        case EvidenceMark::barred:
            for (const double y : {0.25, 0.5, 0.75}) line(at(0, y), at(1, y));
            break;
    }
    return out;
}

}  // namespace refero
