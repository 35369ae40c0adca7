// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/media.h"

extern "C" const refero::io::MediaModule* refero_media_module() {
    using namespace refero::media;
    static const refero::io::MediaModule module{readPicture, writePicture,  decodeJpeg, openClip,
                                                renderFrame, renderPicture, renderClip};
    return &module;
}
