// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The display's profile: chosen in the menu, said on every page where colour is judged, and in the pixels;
// checked against Little CMS, which makes the profile and the expected pixels here.
#include <lcms2.h>

#include <QAction>

#include "app/pictures/display_colour.h"
#include "app/pictures/display_profile.h"
#include "window_fixture.h"

namespace refero {
namespace {

// A wide display: opRGB's primaries (IEC 61966-2-5) with a gamma of 1.8.
std::string wideProfile(const test::TemporaryFolder& folder) {
    const cmsCIExyY white{0.3127, 0.3290, 1};
    const cmsCIExyYTRIPLE primaries{{0.6400, 0.3300, 1}, {0.2100, 0.7100, 1}, {0.1500, 0.0600, 1}};
    cmsToneCurve* gamma = cmsBuildGamma(nullptr, 1.8);
    cmsToneCurve* curves[3] = {gamma, gamma, gamma};
    cmsHPROFILE profile = cmsCreateRGBProfile(&white, &primaries, curves);
    const std::string file = folder / "wide.icc";
    EXPECT_TRUE(cmsSaveProfileToFile(profile, file.c_str()));
    cmsCloseProfile(profile);
    cmsFreeToneCurve(gamma);
    return file;
}

class DisplayProfile : public WindowTest {
  protected:
    void TearDown() override { (void)display::choose({}); }
};

TEST_F(DisplayProfile, IsChosenInTheMenuAndSaidOnEveryPage) {
    ASSERT_TRUE(openAndCorrect());
    EXPECT_EQ(visible<QLabel>("displayProfile")->accessibleName(), QStringLiteral("No display profile"));
    auto* view = find<CompareView>("compareView");
    ASSERT_TRUE(eventually([&] { return view->hasPicture(); }));
    const QImage before = view->grab().toImage();
    answers.file = QString::fromStdString(wideProfile(own_));
    find<QAction>("displayAction")->trigger();
    EXPECT_EQ(display::source(), display::Source::chosen);
    for (const auto station : {MainWindow::StationId::reading, MainWindow::StationId::pairing,
                               MainWindow::StationId::correction}) {
        window->showStation(station);
        if (station == MainWindow::StationId::pairing) continue;  // one camera: nothing to see there
        EXPECT_TRUE(
            visible<QLabel>("displayProfile")->accessibleName().startsWith(QStringLiteral("Shown for")));
    }
    EXPECT_TRUE(eventually([&] { return view->grab().toImage() != before; })) << "drawn anew for it";
    find<QAction>("systemDisplayAction")->trigger();
    EXPECT_EQ(display::source(), display::Source::assumed);
    EXPECT_TRUE(eventually([&] { return view->grab().toImage() == before; }));
}

TEST_F(DisplayProfile, PixelsAreThoseOfLittleCms) {
    ASSERT_TRUE(display::choose(QString::fromStdString(wideProfile(own_))));
    QImage srgb(16, 1, QImage::Format_RGB32);
    for (int x = 0; x < 16; ++x) srgb.setPixel(x, 0, qRgb(17 * x, 255 - 17 * x, (53 * x) % 256));
    const QImage shown = forDisplay(srgb);
    cmsHPROFILE from = cmsCreate_sRGBProfile(), to = cmsOpenProfileFromFile((own_ / "wide.icc").c_str(), "r");
    cmsHTRANSFORM t = cmsCreateTransform(from, TYPE_RGB_8, to, TYPE_RGB_8, INTENT_RELATIVE_COLORIMETRIC, 0);
    for (int x = 0; x < 16; ++x) {
        const QRgb in = srgb.pixel(x, 0), out = shown.pixel(x, 0);
        const unsigned char rgb[3] = {static_cast<unsigned char>(qRed(in)),
                                      static_cast<unsigned char>(qGreen(in)),
                                      static_cast<unsigned char>(qBlue(in))};
        unsigned char expected[3];
        cmsDoTransform(t, rgb, expected, 1);
        EXPECT_NEAR(qRed(out), expected[0], 1) << x;
        EXPECT_NEAR(qGreen(out), expected[1], 1) << x;
        EXPECT_NEAR(qBlue(out), expected[2], 1) << x;
    }
    cmsDeleteTransform(t);
    cmsCloseProfile(from);
    cmsCloseProfile(to);
}

}  // namespace
}  // namespace refero
