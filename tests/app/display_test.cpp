// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
// The display's profile: chosen in the menu, said on every page where colour is judged, and in the pixels;
// checked against Little CMS, which makes the profile and the expected pixels here.
#include <lcms2.h>

#include <QAction>
#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusObjectPath>
#include <QDBusVariant>
#include <QDBusVirtualObject>
#include <QProcess>

#include "app/pictures/colour_manager.h"
#include "app/pictures/display_colour.h"
#include "app/pictures/display_profile.h"
#include "core/colour/lab.h"
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

// A colour that sRGB does not hold reaches a display that shows it.
TEST_F(DisplayProfile, AWideDisplayShowsMoreThanSrgb) {
    const Lab green{70, -90, 60, white::d50};  // outside sRGB, inside the wide display
    const QColor srgb = displayColour(green);
    EXPECT_EQ(srgb.red(), 0) << "cut";
    ASSERT_TRUE(display::choose(QString::fromStdString(wideProfile(own_))));
    cmsHPROFILE lab = cmsCreateLab4Profile(nullptr);
    cmsHPROFILE to = cmsOpenProfileFromFile((own_ / "wide.icc").c_str(), "r");
    cmsHTRANSFORM t = cmsCreateTransform(lab, TYPE_Lab_DBL, to, TYPE_RGB_DBL, INTENT_RELATIVE_COLORIMETRIC,
                                         cmsFLAGS_NOOPTIMIZE);
    const double in[3] = {green.L, green.a, green.b};
    double due[3];
    cmsDoTransform(t, in, due, 1);
    ASSERT_GT(due[0], 0.05) << "the display holds it";
    // As a swatch, and as a pixel of a picture.
    LinearImage image(8, 8);
    const Xyz xyz = toXyz(green);
    const Vector3 rgb = xyzD50ToLinear(OutputSpace::linearSrgb) * xyz.vector();
    for (int y = 0; y < 8; ++y)
        for (int x = 0; x < 8; ++x)
            for (int c = 0; c < 3; ++c) image.pixel(x, y)[c] = static_cast<float>(rgb(c));
    const QColor picture = displayImage(image, compileUntouched(kShownSpace), 8).pixelColor(4, 4);
    for (const QColor& shown : {displayColour(green), picture}) {
        EXPECT_NEAR(shown.red(), 255 * due[0], 1.01);
        EXPECT_NEAR(shown.green(), 255 * due[1], 1.01);
        EXPECT_NEAR(shown.blue(), 255 * due[2], 1.01);
    }
    EXPECT_EQ(srgbColour(green), srgb) << "paper stays as it was";
    cmsDeleteTransform(t);
    cmsCloseProfile(lab);
    cmsCloseProfile(to);
}

/// A colour manager of one display, as the system's serves it.
class Manager : public QDBusVirtualObject {
  public:
    explicit Manager(QString file) : file_(std::move(file)) {}
    QString introspect(const QString&) const override { return {}; }
    bool handleMessage(const QDBusMessage& message, const QDBusConnection& bus) override {
        const QVariantList with = message.arguments();
        if (message.member() == QLatin1String("FindDeviceByProperty")) {
            const bool known = with == QVariantList{QStringLiteral("XRANDR_name"), QStringLiteral("DP-7")};
            return bus.send(known ? message.createReply(QVariant::fromValue(QDBusObjectPath(
                                        QStringLiteral("/org/freedesktop/ColorManager/devices/one"))))
                                  : message.createErrorReply(QDBusError::Failed, QStringLiteral("none")));
        }
        if (with.size() == 2 && with[1].toString() == QLatin1String("Profiles")) {
            QList<QDBusObjectPath> profiles;
            if (!file_.isEmpty())
                profiles << QDBusObjectPath(QStringLiteral("/org/freedesktop/ColorManager/profiles/one"));
            return bus.send(
                message.createReply(QVariant::fromValue(QDBusVariant(QVariant::fromValue(profiles)))));
        }
        return bus.send(message.createReply(QVariant::fromValue(QDBusVariant(file_))));
    }
    QString file_;
};

// The system's bus is chosen at the first use in a process, so the whole of it runs in one of its own.
TEST(SystemsColourManager, IsFollowed) {
    QProcess run;
    run.setProcessChannelMode(QProcess::MergedChannels);
    run.start(QStringLiteral("dbus-run-session"),
              {QStringLiteral("--"), QStringLiteral("sh"), QStringLiteral("-c"),
               QStringLiteral("env -u GTEST_TOTAL_SHARDS -u GTEST_SHARD_INDEX REFERO_MANAGER=1 "
                              "DBUS_SYSTEM_BUS_ADDRESS=\"$DBUS_SESSION_BUS_ADDRESS\" '%1' "
                              "--gtest_filter=SystemsColourManager.NamesTheProfile")
                   .arg(QCoreApplication::applicationFilePath())});
    ASSERT_TRUE(run.waitForFinished(60000));
    EXPECT_EQ(run.exitCode(), 0) << run.readAll().toStdString();
}

TEST(SystemsColourManager, NamesTheProfile) {
    ColourManager asks(nullptr);
    QString connector, file = QStringLiteral("not asked");
    QObject::connect(&asks, &ColourManager::found, [&](const QString& at, const QString& named) {
        connector = at;
        file = named;
    });
    if (qEnvironmentVariableIsEmpty("REFERO_MANAGER")) {
        asks.follow(QStringLiteral("DP-7"));
        QTest::qWait(50);
        EXPECT_FALSE(file.endsWith(QStringLiteral(".icc"))) << "nobody is there who would know";
        return;
    }
    const test::TemporaryFolder folder;
    const QString wide = QString::fromStdString(wideProfile(folder));
    Manager manager(wide);
    QDBusConnection bus =
        QDBusConnection::connectToBus(QDBusConnection::SessionBus, QStringLiteral("manager"));
    ASSERT_TRUE(bus.registerService(QStringLiteral("org.freedesktop.ColorManager")));
    ASSERT_TRUE(bus.registerVirtualObject(QStringLiteral("/org/freedesktop/ColorManager"), &manager,
                                          QDBusConnection::SubPath));
    asks.follow(QStringLiteral("DP-7"));
    ASSERT_TRUE(eventually([&] { return file == wide; })) << file.toStdString();
    EXPECT_EQ(connector, QStringLiteral("DP-7"));
    display::know(connector, file);
    EXPECT_TRUE(display::find(0, connector));
    EXPECT_EQ(display::source(), display::Source::manager);
    EXPECT_TRUE(display::inWords().contains(QStringLiteral("colour manager")));
    EXPECT_TRUE(display::find(0, QStringLiteral("HDMI-1"))) << "of another display it said nothing";
    EXPECT_EQ(display::source(), display::Source::assumed);
    // The profile is taken from it: that is heard.
    manager.file_.clear();
    ASSERT_TRUE(bus.send(QDBusMessage::createSignal(QStringLiteral("/org/freedesktop/ColorManager"),
                                                    QStringLiteral("org.freedesktop.ColorManager"),
                                                    QStringLiteral("DeviceChanged"))));
    EXPECT_TRUE(eventually([&] { return file.isEmpty(); }));
    // A display that it does not know.
    file = QStringLiteral("not asked");
    asks.follow(QStringLiteral("DP-8"));
    EXPECT_TRUE(eventually([&] { return file.isEmpty() && connector == QLatin1String("DP-8"); }));
}

}  // namespace
}  // namespace refero
