// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// How long a program takes until its window is on the screen, and until there is a picture in it, as someone
// who looks at the screen would say it: start_time PROGRAM [ARGUMENT...]. Prints both in seconds from exec.
// All of the window but its pictures is neutral, so a picture is there when a part of it is coloured.
#include <signal.h>
#include <sys/wait.h>
#include <unistd.h>
#include <xcb/xcb.h>

#include <algorithm>
#include <chrono>
#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <memory>
#include <thread>

namespace {

using Clock = std::chrono::steady_clock;
constexpr auto kPatience = std::chrono::seconds(60);
constexpr auto kBetweenLooks = std::chrono::milliseconds(5);
constexpr int kColoured = 12;           // of 255, between the largest and the smallest channel
constexpr double kPictureShare = 0.01;  // of the screen

struct Frees {
    void operator()(void* p) const { std::free(p); }
};
template <class T>
using Reply = std::unique_ptr<T, Frees>;

double since(Clock::time_point t) {
    return std::chrono::duration<double>(Clock::now() - t).count();
}

// A window of some size that can be seen.
bool mapped(xcb_connection_t* c, xcb_window_t root) {
    const Reply<xcb_query_tree_reply_t> tree(xcb_query_tree_reply(c, xcb_query_tree(c, root), nullptr));
    if (!tree) return false;
    const xcb_window_t* children = xcb_query_tree_children(tree.get());
    for (int i = 0; i < xcb_query_tree_children_length(tree.get()); ++i) {
        const Reply<xcb_get_window_attributes_reply_t> a(
            xcb_get_window_attributes_reply(c, xcb_get_window_attributes(c, children[i]), nullptr));
        const Reply<xcb_get_geometry_reply_t> g(
            xcb_get_geometry_reply(c, xcb_get_geometry(c, children[i]), nullptr));
        if (a && g && a->map_state == XCB_MAP_STATE_VIEWABLE && g->width > 200) return true;
    }
    return false;
}

bool coloured(xcb_connection_t* c, const xcb_screen_t& screen) {
    const Reply<xcb_get_image_reply_t> image(
        xcb_get_image_reply(c,
                            xcb_get_image(c, XCB_IMAGE_FORMAT_Z_PIXMAP, screen.root, 0, 0,
                                          screen.width_in_pixels, screen.height_in_pixels, ~0u),
                            nullptr));
    if (!image) return false;
    const std::uint8_t* p = xcb_get_image_data(image.get());
    const int pixels = screen.width_in_pixels * screen.height_in_pixels;
    int found = 0;
    for (int i = 0; i < pixels; ++i, p += 4) {
        const auto [low, high] = std::minmax({p[0], p[1], p[2]});
        found += high - low > kColoured;
    }
    return found > kPictureShare * pixels;
}

}  // namespace

int main(int argc, char** argv) {
    if (argc < 2) return 2;
    xcb_connection_t* c = xcb_connect(nullptr, nullptr);
    if (xcb_connection_has_error(c)) {
        std::fprintf(stderr, "There is no X display.\n");
        return 1;
    }
    const xcb_screen_t& screen = *xcb_setup_roots_iterator(xcb_get_setup(c)).data;
    const auto began = Clock::now();
    const pid_t child = ::fork();
    if (child == 0) {
        ::execv(argv[1], argv + 1);
        ::_exit(127);
    }
    double window = 0, picture = 0;
    while (since(began) < std::chrono::duration<double>(kPatience).count() &&
           ::waitpid(child, nullptr, WNOHANG) == 0) {
        if (window == 0 && mapped(c, screen.root)) window = since(began);
        if (window > 0 && coloured(c, screen)) {
            picture = since(began);
            break;
        }
        std::this_thread::sleep_for(kBetweenLooks);
    }
    ::kill(child, SIGTERM);
    ::waitpid(child, nullptr, 0);
    xcb_disconnect(c);
    std::printf("%.3f %.3f\n", window, picture);
    return window > 0 ? 0 : 1;
}
