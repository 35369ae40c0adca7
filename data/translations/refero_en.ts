<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
    <context>
        <name>ChartPicture</name>
        <message numerus="yes">
            <source>%1, %n patches.</source>
            <translation>
                <numerusform>%1, %n patch.</numerusform>
                <numerusform>%1, %n patches.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::ChartPicture</name>
        <message numerus="yes">
            <source>%1, %n patches.</source>
            <translation>
                <numerusform>%1, %n patch.</numerusform>
                <numerusform>%1, %n patches.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>CorrectionStation</name>
        <message numerus="yes">
            <source>Mended in the chart shot: %n things; see Stage by stage.</source>
            <translation>
                <numerusform>Mended in the chart shot: one thing; see Stage by stage.</numerusform>
                <numerusform>Mended in the chart shot: %n things; see Stage by stage.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>The chart of %1 is read. From its %n patches Refero tries every model, takes the one that does best on colours it has not seen, and shows what is left.</source>
            <translation>
                <numerusform>The chart of %1 is read. From its one patch Refero tries every model, takes the one that does best on colours it has not seen, and shows what is left.</numerusform>
                <numerusform>The chart of %1 is read. From its %n patches Refero tries every model, takes the one that does best on colours it has not seen, and shows what is left.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::CorrectionStation</name>
        <message numerus="yes">
            <source>Mended in the chart shot: %n things; see Stage by stage.</source>
            <translation>
                <numerusform>Mended in the chart shot: one thing; see Stage by stage.</numerusform>
                <numerusform>Mended in the chart shot: %n things; see Stage by stage.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>The chart of %1 is read. From its %n patches Refero tries every model, takes the one that does best on colours it has not seen, and shows what is left.</source>
            <translation>
                <numerusform>The chart of %1 is read. From its one patch Refero tries every model, takes the one that does best on colours it has not seen, and shows what is left.</numerusform>
                <numerusform>The chart of %1 is read. From its %n patches Refero tries every model, takes the one that does best on colours it has not seen, and shows what is left.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>CurveView</name>
        <message numerus="yes">
            <source>%n greys</source>
            <translation>
                <numerusform>%n grey</numerusform>
                <numerusform>%n greys</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::CurveView</name>
        <message numerus="yes">
            <source>%n greys</source>
            <translation>
                <numerusform>%n grey</numerusform>
                <numerusform>%n greys</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>Findings</name>
        <message numerus="yes">
            <source>%n others are good</source>
            <translation>
                <numerusform>%n other is good</numerusform>
                <numerusform>%n others are good</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::Findings</name>
        <message numerus="yes">
            <source>%n others are good</source>
            <translation>
                <numerusform>%n other is good</numerusform>
                <numerusform>%n others are good</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>FrameView</name>
        <message numerus="yes">
            <source>%1 is outlined, %n patches.</source>
            <translation>
                <numerusform>%1 is outlined, %n patch.</numerusform>
                <numerusform>%1 is outlined, %n patches.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::FrameView</name>
        <message numerus="yes">
            <source>%1 is outlined, %n patches.</source>
            <translation>
                <numerusform>%1 is outlined, %n patch.</numerusform>
                <numerusform>%1 is outlined, %n patches.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>HelpWindow</name>
        <message numerus="yes">
            <source>In %n parts:</source>
            <translation>
                <numerusform>In %n part:</numerusform>
                <numerusform>In %n parts:</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::HelpWindow</name>
        <message numerus="yes">
            <source>In %n parts:</source>
            <translation>
                <numerusform>In %n part:</numerusform>
                <numerusform>In %n parts:</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>IntakeActions</name>
        <message numerus="yes">
            <source>New setup from %n frames</source>
            <translation>
                <numerusform>New setup from %n frame</numerusform>
                <numerusform>New setup from %n frames</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n frames stay: their setups were read from them.</source>
            <translation>
                <numerusform>%n frame stays: its setup was read from it.</numerusform>
                <numerusform>%n frames stay: their setups were read from them.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>Take %n frames out</source>
            <translation>
                <numerusform>Take a frame out</numerusform>
                <numerusform>Take %n frames out</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::IntakeActions</name>
        <message numerus="yes">
            <source>New setup from %n frames</source>
            <translation>
                <numerusform>New setup from %n frame</numerusform>
                <numerusform>New setup from %n frames</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n frames stay: their setups were read from them.</source>
            <translation>
                <numerusform>%n frame stays: its setup was read from it.</numerusform>
                <numerusform>%n frames stay: their setups were read from them.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>Take %n frames out</source>
            <translation>
                <numerusform>Take a frame out</numerusform>
                <numerusform>Take %n frames out</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>LibraryPage</name>
        <message numerus="yes">
            <source>%n days</source>
            <translation>
                <numerusform>%n day</numerusform>
                <numerusform>%n days</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n months</source>
            <translation>
                <numerusform>%n month</numerusform>
                <numerusform>%n months</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::LibraryPage</name>
        <message numerus="yes">
            <source>%n days</source>
            <translation>
                <numerusform>%n day</numerusform>
                <numerusform>%n days</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n months</source>
            <translation>
                <numerusform>%n month</numerusform>
                <numerusform>%n months</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>QueueStrip</name>
        <message numerus="yes">
            <source>; in %n the camera had cut colours, which the raw files bring back</source>
            <translation>
                <numerusform>; in %n the camera had cut colours, which the raw file brings back</numerusform>
                <numerusform>; in %n the camera had cut colours, which the raw files bring back</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::QueueStrip</name>
        <message numerus="yes">
            <source>; in %n the camera had cut colours, which the raw files bring back</source>
            <translation>
                <numerusform>; in %n the camera had cut colours, which the raw file brings back</numerusform>
                <numerusform>; in %n the camera had cut colours, which the raw files bring back</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>SeriesPage</name>
        <message numerus="yes">
            <source>%n profiles</source>
            <translation>
                <numerusform>%n profile</numerusform>
                <numerusform>%n profiles</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::SeriesPage</name>
        <message numerus="yes">
            <source>%n profiles</source>
            <translation>
                <numerusform>%n profile</numerusform>
                <numerusform>%n profiles</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>SingleFile</name>
        <message numerus="yes">
            <source>%n setups of this body, sharing one</source>
            <translation>
                <numerusform>%n setup of this body</numerusform>
                <numerusform>%n setups of this body, sharing one</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::SingleFile</name>
        <message numerus="yes">
            <source>%n setups of this body, sharing one</source>
            <translation>
                <numerusform>%n setup of this body</numerusform>
                <numerusform>%n setups of this body, sharing one</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>UnknownList</name>
        <message numerus="yes">
            <source>%n frame(s) name no camera. Which one shot them?</source>
            <translation>
                <numerusform>A frame names no camera. Which one shot it?</numerusform>
                <numerusform>%n frames name no camera. Which one shot them?</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::UnknownList</name>
        <message numerus="yes">
            <source>%n frame(s) name no camera. Which one shot them?</source>
            <translation>
                <numerusform>A frame names no camera. Which one shot it?</numerusform>
                <numerusform>%n frames name no camera. Which one shot them?</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>VerdictLine</name>
        <message numerus="yes">
            <source>%1 of %n checks: %2</source>
            <comment>those that are not good, of all</comment>
            <translation>
                <numerusform>%1 of %n check: %2</numerusform>
                <numerusform>%1 of %n checks: %2</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>All %n checks are good.</source>
            <translation>
                <numerusform>The one check is good.</numerusform>
                <numerusform>All %n checks are good.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::VerdictLine</name>
        <message numerus="yes">
            <source>%1 of %n checks: %2</source>
            <comment>those that are not good, of all</comment>
            <translation>
                <numerusform>%1 of %n check: %2</numerusform>
                <numerusform>%1 of %n checks: %2</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>All %n checks are good.</source>
            <translation>
                <numerusform>The one check is good.</numerusform>
                <numerusform>All %n checks are good.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>WorkNotices</name>
        <message numerus="yes">
            <source>%n failed; the reasons stand under Handover.</source>
            <translation>
                <numerusform>%n failed; the reason stands under Handover.</numerusform>
                <numerusform>%n failed; the reasons stand under Handover.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n frames came in</source>
            <translation>
                <numerusform>%n frame came in</numerusform>
                <numerusform>%n frames came in</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n could not be read.</source>
            <translation>
                <numerusform>%n could not be read.</numerusform>
                <numerusform>%n could not be read.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::WorkNotices</name>
        <message numerus="yes">
            <source>%n failed; the reasons stand under Handover.</source>
            <translation>
                <numerusform>%n failed; the reason stands under Handover.</numerusform>
                <numerusform>%n failed; the reasons stand under Handover.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n frames came in</source>
            <translation>
                <numerusform>%n frame came in</numerusform>
                <numerusform>%n frames came in</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n could not be read.</source>
            <translation>
                <numerusform>%n could not be read.</numerusform>
                <numerusform>%n could not be read.</numerusform>
            </translation>
        </message>
    </context>
</TS>
