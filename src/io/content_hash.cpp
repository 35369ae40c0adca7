// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/content_hash.h"

#include <openssl/evp.h>

#include <array>
#include <fstream>
#include <memory>
#include <vector>

namespace refero::io {

Result<std::string> contentHash(const std::filesystem::path& path) {
    std::ifstream file(path, std::ios::binary);
    if (!file) return failure(path.filename().string() + " cannot be read.");
    const std::unique_ptr<EVP_MD_CTX, decltype(&EVP_MD_CTX_free)> context(EVP_MD_CTX_new(), EVP_MD_CTX_free);
    EVP_DigestInit_ex(context.get(), EVP_sha256(), nullptr);
    std::vector<char> block(1 << 20);
    while (file.read(block.data(), static_cast<std::streamsize>(block.size())) || file.gcount() > 0)
        EVP_DigestUpdate(context.get(), block.data(), static_cast<std::size_t>(file.gcount()));
    if (file.bad()) return failure(path.filename().string() + " could not be read to its end.");
    std::array<unsigned char, EVP_MAX_MD_SIZE> digest{};
    unsigned size = 0;
    EVP_DigestFinal_ex(context.get(), digest.data(), &size);
    std::string out;
    for (unsigned i = 0; i < size; ++i) {
        constexpr const char* kDigits = "0123456789abcdef";
        out += kDigits[digest[i] >> 4];
        out += kDigits[digest[i] & 15];
    }
    return out;
}

}  // namespace refero::io
