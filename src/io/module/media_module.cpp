// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/module/media_module.h"

#include "core/say/say.h"

#include <dlfcn.h>

#include <atomic>
#include <string>

namespace refero::io {
namespace {

constexpr const char* kLibrary = "librefero-media.so";
std::atomic<bool> loaded{false};

Result<const MediaModule*> load() {
    // Found by this library's own run path: it stands beside it. Never unloaded: its libraries keep threads.
    void* library = ::dlopen(kLibrary, RTLD_LAZY | RTLD_LOCAL);
    const auto entry =
        library ? reinterpret_cast<const MediaModule* (*)()>(::dlsym(library, kMediaEntry)) : nullptr;
    if (entry) {
        loaded = true;
        return entry();
    }
    const char* why = ::dlerror();
    return failure(say(
        "The part of Refero that reads and writes pictures could not be loaded: %1. Install Refero again.",
        why ? why : kLibrary));
}

}  // namespace

Result<const MediaModule*> mediaModule() {
    static const Result<const MediaModule*> module = load();
    return module;
}

bool mediaModuleLoaded() {
    return loaded;
}

}  // namespace refero::io
