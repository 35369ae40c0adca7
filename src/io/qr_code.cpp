// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/qr_code.h"

#include "core/say/say.h"

#include <qrencode.h>

#include <memory>

namespace refero::io {

Result<QrCode> qrCode(const std::string& text) {
    const std::unique_ptr<QRcode, decltype(&QRcode_free)> code(
        QRcode_encodeString(text.c_str(), 0, QR_ECLEVEL_Q, QR_MODE_8, 1), QRcode_free);
    if (!code) return failure(say("\"%1\" is too long for a QR code.", text.substr(0, 40)));
    QrCode out{code->width, {}};
    const auto modules = static_cast<std::size_t>(code->width * code->width);
    out.dark.resize(modules);
    for (std::size_t i = 0; i < modules; ++i) out.dark[i] = (code->data[i] & 1) != 0;
    return out;
}

}  // namespace refero::io
