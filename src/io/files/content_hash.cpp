// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/files/content_hash.h"

#include "core/say/say.h"

#include <openssl/evp.h>

#include <array>
#include <fstream>
#include <memory>
#include <vector>

namespace refero::io {

namespace {

class Sha256 {
  public:
    Sha256() : context_(EVP_MD_CTX_new(), EVP_MD_CTX_free) {
        EVP_DigestInit_ex(context_.get(), EVP_sha256(), nullptr);
    }
    void add(const char* bytes, std::size_t count) { EVP_DigestUpdate(context_.get(), bytes, count); }
    std::string hexadecimal() {
        std::array<unsigned char, EVP_MAX_MD_SIZE> digest{};
        unsigned size = 0;
        EVP_DigestFinal_ex(context_.get(), digest.data(), &size);
        std::string out;
        for (unsigned i = 0; i < size; ++i) {
            constexpr const char* kDigits = "0123456789abcdef";
            out += kDigits[digest[i] >> 4];
            out += kDigits[digest[i] & 15];
        }
        return out;
    }

  private:
    std::unique_ptr<EVP_MD_CTX, decltype(&EVP_MD_CTX_free)> context_;
};

}  // namespace

Result<std::string> contentHash(const std::filesystem::path& path) {
    std::ifstream file(path, std::ios::binary);
    if (!file) return failure(say("%1 cannot be read.", path.filename().string()));
    Sha256 hash;
    std::vector<char> block(1 << 20);
    while (file.read(block.data(), static_cast<std::streamsize>(block.size())) || file.gcount() > 0)
        hash.add(block.data(), static_cast<std::size_t>(file.gcount()));
    if (file.bad()) return failure(say("%1 could not be read to its end.", path.filename().string()));
    return hash.hexadecimal();
}

std::string textHash(std::string_view text) {
    Sha256 hash;
    hash.add(text.data(), text.size());
    return hash.hexadecimal();
}

}  // namespace refero::io
