<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
    <context>
        <name>AbPlot</name>
        <message>
            <source>Errors in the a*b* plane</source>
            <translation>Abweichungen in der a*b*-Ebene</translation>
        </message>
        <message>
            <source>Ring: where a patch belongs. Thin line: from where balance alone puts it. Dot: where the correction puts it. a* runs from green to red, b* from blue to yellow.</source>
            <translation>Ring: wohin ein Feld gehört. Dünne Linie: von wo der Abgleich allein es hinstellt. Punkt: wohin die Korrektur es stellt. a* läuft von Grün nach Rot, b* von Blau nach Gelb.</translation>
        </message>
        <message>
            <source>Where colours move</source>
            <translation>Wohin Farben sich bewegen</translation>
        </message>
        <message>
            <source>Nothing to show.</source>
            <translation>Nichts zu zeigen.</translation>
        </message>
        <message>
            <source>%1 belongs at a* %2, b* %3; it was %4 CIEDE2000 away and is %5 now.</source>
            <translation>%1 gehört nach a* %2, b* %3; es war %4 CIEDE2000 entfernt und ist jetzt %5.</translation>
        </message>
    </context>
    <context>
        <name>refero::AbPlot</name>
        <message>
            <source>Errors in the a*b* plane</source>
            <translation>Abweichungen in der a*b*-Ebene</translation>
        </message>
        <message>
            <source>Ring: where a patch belongs. Thin line: from where balance alone puts it. Dot: where the correction puts it. a* runs from green to red, b* from blue to yellow.</source>
            <translation>Ring: wohin ein Feld gehört. Dünne Linie: von wo der Abgleich allein es hinstellt. Punkt: wohin die Korrektur es stellt. a* läuft von Grün nach Rot, b* von Blau nach Gelb.</translation>
        </message>
        <message>
            <source>Where colours move</source>
            <translation>Wohin Farben sich bewegen</translation>
        </message>
        <message>
            <source>Nothing to show.</source>
            <translation>Nichts zu zeigen.</translation>
        </message>
        <message>
            <source>%1 belongs at a* %2, b* %3; it was %4 CIEDE2000 away and is %5 now.</source>
            <translation>%1 gehört nach a* %2, b* %3; es war %4 CIEDE2000 entfernt und ist jetzt %5.</translation>
        </message>
    </context>
    <context>
        <name>About</name>
        <message>
            <source>letters</source>
            <translation>Schrift</translation>
        </message>
        <message>
            <source>figures, made from Inter</source>
            <translation>Ziffern, aus Inter gemacht</translation>
        </message>
        <message>
            <source>icons</source>
            <translation>Symbole</translation>
        </message>
        <message>
            <source>observers, illuminants and daylight</source>
            <translation>Beobachter, Lichtarten und Tageslicht</translation>
        </message>
        <message>
            <source>facts published by the CIE; sources in the bibliography</source>
            <translation>von der CIE veröffentlichte Tatsachen; Quellen im Verzeichnis</translation>
        </message>
        <message>
            <source>the window</source>
            <translation>das Fenster</translation>
        </message>
        <message>
            <source>pictures</source>
            <translation>Bilder</translation>
        </message>
        <message>
            <source>lines and regions in pictures</source>
            <translation>Linien und Flächen in Bildern</translation>
        </message>
        <message>
            <source>raw frames</source>
            <translation>Raw-Dateien</translation>
        </message>
        <message>
            <source>clips</source>
            <translation>Clips</translation>
        </message>
        <message>
            <source>sizes and ranges of clips</source>
            <translation>Größen und Bereiche von Clips</translation>
        </message>
        <message>
            <source>LUTs and configurations</source>
            <translation>LUTs und Konfigurationen</translation>
        </message>
        <message>
            <source>ICC profiles</source>
            <translation>ICC-Profile</translation>
        </message>
        <message>
            <source>metadata</source>
            <translation>Metadaten</translation>
        </message>
        <message>
            <source>linear algebra</source>
            <translation>lineare Algebra</translation>
        </message>
        <message>
            <source>least squares</source>
            <translation>kleinste Quadrate</translation>
        </message>
        <message>
            <source>many threads</source>
            <translation>viele Fäden</translation>
        </message>
        <message>
            <source>vectors</source>
            <translation>Vektoren</translation>
        </message>
        <message>
            <source>the studio file</source>
            <translation>die Studiodatei</translation>
        </message>
        <message>
            <source>documents</source>
            <translation>Dokumente</translation>
        </message>
        <message>
            <source>the command line</source>
            <translation>die Befehlszeile</translation>
        </message>
        <message>
            <source>results or errors</source>
            <translation>Ergebnisse oder Fehler</translation>
        </message>
        <message>
            <source>files, codes on slates, checksums</source>
            <translation>Dateien, Codes auf Klappen, Prüfsummen</translation>
        </message>
    </context>
    <context>
        <name>refero::About</name>
        <message>
            <source>letters</source>
            <translation>Schrift</translation>
        </message>
        <message>
            <source>figures, made from Inter</source>
            <translation>Ziffern, aus Inter gemacht</translation>
        </message>
        <message>
            <source>icons</source>
            <translation>Symbole</translation>
        </message>
        <message>
            <source>observers, illuminants and daylight</source>
            <translation>Beobachter, Lichtarten und Tageslicht</translation>
        </message>
        <message>
            <source>facts published by the CIE; sources in the bibliography</source>
            <translation>von der CIE veröffentlichte Tatsachen; Quellen im Verzeichnis</translation>
        </message>
        <message>
            <source>the window</source>
            <translation>das Fenster</translation>
        </message>
        <message>
            <source>pictures</source>
            <translation>Bilder</translation>
        </message>
        <message>
            <source>lines and regions in pictures</source>
            <translation>Linien und Flächen in Bildern</translation>
        </message>
        <message>
            <source>raw frames</source>
            <translation>Raw-Dateien</translation>
        </message>
        <message>
            <source>clips</source>
            <translation>Clips</translation>
        </message>
        <message>
            <source>sizes and ranges of clips</source>
            <translation>Größen und Bereiche von Clips</translation>
        </message>
        <message>
            <source>LUTs and configurations</source>
            <translation>LUTs und Konfigurationen</translation>
        </message>
        <message>
            <source>ICC profiles</source>
            <translation>ICC-Profile</translation>
        </message>
        <message>
            <source>metadata</source>
            <translation>Metadaten</translation>
        </message>
        <message>
            <source>linear algebra</source>
            <translation>lineare Algebra</translation>
        </message>
        <message>
            <source>least squares</source>
            <translation>kleinste Quadrate</translation>
        </message>
        <message>
            <source>many threads</source>
            <translation>viele Fäden</translation>
        </message>
        <message>
            <source>vectors</source>
            <translation>Vektoren</translation>
        </message>
        <message>
            <source>the studio file</source>
            <translation>die Studiodatei</translation>
        </message>
        <message>
            <source>documents</source>
            <translation>Dokumente</translation>
        </message>
        <message>
            <source>the command line</source>
            <translation>die Befehlszeile</translation>
        </message>
        <message>
            <source>results or errors</source>
            <translation>Ergebnisse oder Fehler</translation>
        </message>
        <message>
            <source>files, codes on slates, checksums</source>
            <translation>Dateien, Codes auf Klappen, Prüfsummen</translation>
        </message>
    </context>
    <context>
        <name>AboutWindow</name>
        <message>
            <source>About Refero</source>
            <translation>Über Refero</translation>
        </message>
        <message>
            <source>Refero %1</source>
            <translation>Refero %1</translation>
        </message>
        <message>
            <source>Finds the colour chart, measures it, judges the shot, and makes the correction for all that was taken in that light. Free software under the GNU General Public License, version 3 or later, without any warranty.</source>
            <translation>Findet die Farbtafel, misst sie, beurteilt die Aufnahme und macht die Korrektur für alles, was in diesem Licht aufgenommen wurde. Freie Software unter der GNU General Public License, Version 3 oder später, ohne jede Gewähr.</translation>
        </message>
        <message>
            <source>Licences</source>
            <translation>Lizenzen</translation>
        </message>
        <message>
            <source>Shipped within the program</source>
            <translation>Im Programm mitgeliefert</translation>
        </message>
        <message>
            <source>Stands on, from the system's packages</source>
            <translation>Steht auf, aus den Paketen des Systems</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Schließen</translation>
        </message>
    </context>
    <context>
        <name>refero::AboutWindow</name>
        <message>
            <source>About Refero</source>
            <translation>Über Refero</translation>
        </message>
        <message>
            <source>Refero %1</source>
            <translation>Refero %1</translation>
        </message>
        <message>
            <source>Finds the colour chart, measures it, judges the shot, and makes the correction for all that was taken in that light. Free software under the GNU General Public License, version 3 or later, without any warranty.</source>
            <translation>Findet die Farbtafel, misst sie, beurteilt die Aufnahme und macht die Korrektur für alles, was in diesem Licht aufgenommen wurde. Freie Software unter der GNU General Public License, Version 3 oder später, ohne jede Gewähr.</translation>
        </message>
        <message>
            <source>Licences</source>
            <translation>Lizenzen</translation>
        </message>
        <message>
            <source>Shipped within the program</source>
            <translation>Im Programm mitgeliefert</translation>
        </message>
        <message>
            <source>Stands on, from the system's packages</source>
            <translation>Steht auf, aus den Paketen des Systems</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Schließen</translation>
        </message>
    </context>
    <context>
        <name>BenchActions</name>
        <message>
            <source>Keep the test of %1</source>
            <translation>Den Test von %1 behalten</translation>
        </message>
        <message>
            <source>The test stays with %1 in the kit.</source>
            <translation>Der Test bleibt bei %1 in der Ausrüstung.</translation>
        </message>
        <message>
            <source>%1 is written, with a card for the camera. %2</source>
            <translation>%1 ist geschrieben, mit einer Karte für die Kamera. %2</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Wie aufgenommen</translation>
        </message>
        <message>
            <source>By its data sheet</source>
            <translation>Nach ihrem Datenblatt</translation>
        </message>
    </context>
    <context>
        <name>refero::BenchActions</name>
        <message>
            <source>Keep the test of %1</source>
            <translation>Den Test von %1 behalten</translation>
        </message>
        <message>
            <source>The test stays with %1 in the kit.</source>
            <translation>Der Test bleibt bei %1 in der Ausrüstung.</translation>
        </message>
        <message>
            <source>%1 is written, with a card for the camera. %2</source>
            <translation>%1 ist geschrieben, mit einer Karte für die Kamera. %2</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Wie aufgenommen</translation>
        </message>
        <message>
            <source>By its data sheet</source>
            <translation>Nach ihrem Datenblatt</translation>
        </message>
    </context>
    <context>
        <name>BenchPage</name>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick.</source>
            <translation>Ziehen Sie die Kante zum Wischen; halten Sie F oder die Leertaste zum Wechseln.</translation>
        </message>
    </context>
    <context>
        <name>refero::BenchPage</name>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick.</source>
            <translation>Ziehen Sie die Kante zum Wischen; halten Sie F oder die Leertaste zum Wechseln.</translation>
        </message>
    </context>
    <context>
        <name>BenchStation</name>
        <message>
            <source>Exposure series</source>
            <translation>Belichtungsreihe</translation>
        </message>
        <message>
            <source>What a camera can take, profile by profile.</source>
            <translation>Was eine Kamera verträgt, Profil für Profil.</translation>
        </message>
        <message>
            <source>Transforms of others</source>
            <translation>Umrechnungen anderer</translation>
        </message>
        <message>
            <source>What LUTs, profiles and decision lists do to this setup's colours.</source>
            <translation>Was LUTs, Profile und Entscheidungslisten mit den Farben dieses Aufbaus tun.</translation>
        </message>
    </context>
    <context>
        <name>refero::BenchStation</name>
        <message>
            <source>Exposure series</source>
            <translation>Belichtungsreihe</translation>
        </message>
        <message>
            <source>What a camera can take, profile by profile.</source>
            <translation>Was eine Kamera verträgt, Profil für Profil.</translation>
        </message>
        <message>
            <source>Transforms of others</source>
            <translation>Umrechnungen anderer</translation>
        </message>
        <message>
            <source>What LUTs, profiles and decision lists do to this setup's colours.</source>
            <translation>Was LUTs, Profile und Entscheidungslisten mit den Farben dieses Aufbaus tun.</translation>
        </message>
    </context>
    <context>
        <name>CameraNotes</name>
        <message>
            <source>The camera was set to</source>
            <translation>Die Kamera stand auf</translation>
        </message>
        <message>
            <source>Kelvin that the camera was set to</source>
            <translation>Kelvin, auf die die Kamera gestellt war</translation>
        </message>
        <message>
            <source>Read off the camera. Each teaches this body's own scale, on which it is told what to dial.</source>
            <translation>Von der Kamera abgelesen. Jeder lehrt die eigene Skala dieses Gehäuses, auf der gesagt wird, was einzustellen ist.</translation>
        </message>
        <message>
            <source>not said</source>
            <translation>nicht gesagt</translation>
        </message>
        <message>
            <source>Nothing is to be changed in the camera for this light.</source>
            <translation>Für dieses Licht ist an der Kamera nichts zu ändern.</translation>
        </message>
    </context>
    <context>
        <name>refero::CameraNotes</name>
        <message>
            <source>The camera was set to</source>
            <translation>Die Kamera stand auf</translation>
        </message>
        <message>
            <source>Kelvin that the camera was set to</source>
            <translation>Kelvin, auf die die Kamera gestellt war</translation>
        </message>
        <message>
            <source>Read off the camera. Each teaches this body's own scale, on which it is told what to dial.</source>
            <translation>Von der Kamera abgelesen. Jeder lehrt die eigene Skala dieses Gehäuses, auf der gesagt wird, was einzustellen ist.</translation>
        </message>
        <message>
            <source>not said</source>
            <translation>nicht gesagt</translation>
        </message>
        <message>
            <source>Nothing is to be changed in the camera for this light.</source>
            <translation>Für dieses Licht ist an der Kamera nichts zu ändern.</translation>
        </message>
    </context>
    <context>
        <name>CamerasPage</name>
        <message>
            <source>Pair</source>
            <translation>Paar</translation>
        </message>
        <message>
            <source>Before</source>
            <translation>Vorher</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the two as they show themselves.</source>
            <translation>Mittleres CIEDE2000 zwischen den beiden, wie sie sich zeigen.</translation>
        </message>
        <message>
            <source>Now</source>
            <translation>Jetzt</translation>
        </message>
        <message>
            <source>The same with the corrections that are kept.</source>
            <translation>Dasselbe mit den behaltenen Korrekturen.</translation>
        </message>
        <message>
            <source>Pairs of cameras</source>
            <translation>Kamerapaare</translation>
        </message>
        <message>
            <source>%1 and %2 (weakest)</source>
            <translation>%1 und %2 (schwächstes)</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 und %2</translation>
        </message>
        <message>
            <source>Over %1 patches that both show.</source>
            <translation>Über %1 Felder, die beide zeigen.</translation>
        </message>
    </context>
    <context>
        <name>refero::CamerasPage</name>
        <message>
            <source>Pair</source>
            <translation>Paar</translation>
        </message>
        <message>
            <source>Before</source>
            <translation>Vorher</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the two as they show themselves.</source>
            <translation>Mittleres CIEDE2000 zwischen den beiden, wie sie sich zeigen.</translation>
        </message>
        <message>
            <source>Now</source>
            <translation>Jetzt</translation>
        </message>
        <message>
            <source>The same with the corrections that are kept.</source>
            <translation>Dasselbe mit den behaltenen Korrekturen.</translation>
        </message>
        <message>
            <source>Pairs of cameras</source>
            <translation>Kamerapaare</translation>
        </message>
        <message>
            <source>%1 and %2 (weakest)</source>
            <translation>%1 und %2 (schwächstes)</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 und %2</translation>
        </message>
        <message>
            <source>Over %1 patches that both show.</source>
            <translation>Über %1 Felder, die beide zeigen.</translation>
        </message>
    </context>
    <context>
        <name>CardPage</name>
        <message>
            <source>None: lent</source>
            <translation>Keine: geliehen</translation>
        </message>
        <message>
            <source>%1, mended</source>
            <translation>%1, behoben</translation>
        </message>
        <message>
            <source>Back to the frames</source>
            <translation>Zurück zu den Bildern</translation>
        </message>
        <message>
            <source>Setups are begun for frames that have none, chart shots read and judged, corrections built where the shot is good or can be mended, and each receiver gets a folder. What is done already stays as it is.</source>
            <translation>Für Bilder ohne Aufbau werden Aufbauten begonnen, Tafelaufnahmen gemessen und beurteilt, Korrekturen gebaut, wo die Aufnahme gut oder zu beheben ist, und jeder Empfänger bekommt einen Ordner. Was schon getan ist, bleibt.</translation>
        </message>
        <message>
            <source>Take it all back</source>
            <translation>Alles zurücknehmen</translation>
        </message>
        <message>
            <source>Setups, readings and corrections of this run, as one step; files that went out stay.</source>
            <translation>Aufbauten, Messungen und Korrekturen dieses Laufs, als ein Schritt; Dateien, die hinausgingen, bleiben.</translation>
        </message>
        <message>
            <source>Setup</source>
            <translation>Aufbau</translation>
        </message>
        <message>
            <source>Chart shot</source>
            <translation>Tafelaufnahme</translation>
        </message>
        <message>
            <source>By the shoot's limits of today.</source>
            <translation>Nach den heutigen Grenzen des Drehs.</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Übrig</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that the correction leaves on the chart.</source>
            <translation>Mittleres CIEDE2000, das die Korrektur auf der Tafel übrig lässt.</translation>
        </message>
        <message>
            <source>Receivers</source>
            <translation>Empfänger</translation>
        </message>
        <message>
            <source>How many have all of it as it is now.</source>
            <translation>Wie viele alles davon haben, wie es jetzt ist.</translation>
        </message>
        <message>
            <source>What happens</source>
            <translation>Was geschieht</translation>
        </message>
        <message>
            <source>What was done with each setup</source>
            <translation>Was mit jedem Aufbau getan wurde</translation>
        </message>
        <message>
            <source>Hand over to</source>
            <translation>Übergeben an</translation>
        </message>
        <message>
            <source>Hand over to: %1</source>
            <translation>Übergeben an: %1</translation>
        </message>
        <message>
            <source>Into a folder...</source>
            <translation>In einen Ordner ...</translation>
        </message>
        <message>
            <source>No frames have come in yet.</source>
            <translation>Es sind noch keine Bilder hereingekommen.</translation>
        </message>
        <message>
            <source>%1 frames, %2 lights, %3 chart shots</source>
            <translation>%1 Bilder, %2 Lichter, %3 Tafelaufnahmen</translation>
        </message>
        <message>
            <source>%1, not read yet.</source>
            <translation>%1, noch nicht gemessen.</translation>
        </message>
        <message>
            <source>%1 good</source>
            <translation>%1 gut</translation>
        </message>
        <message>
            <source>%1 to be looked at</source>
            <translation>%1 anzusehen</translation>
        </message>
        <message>
            <source>%1 to be shot again</source>
            <translation>%1 noch einmal aufzunehmen</translation>
        </message>
        <message>
            <source>%1 not read yet</source>
            <translation>%1 noch nicht gemessen</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <translation>%1: %2.</translation>
        </message>
        <message>
            <source>Where the receivers' folders are made</source>
            <translation>Wo die Ordner der Empfänger angelegt werden</translation>
        </message>
        <message>
            <source>Frames are still coming in; begin when they are there.</source>
            <translation>Es kommen noch Bilder herein; beginnen Sie, wenn sie da sind.</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Hier anhalten</translation>
        </message>
        <message>
            <source>Read and correct</source>
            <translation>Messen und korrigieren</translation>
        </message>
        <message>
            <source>Read, correct and hand over</source>
            <translation>Messen, korrigieren und übergeben</translation>
        </message>
        <message>
            <source>Colours %1</source>
            <translation>Farben %1</translation>
        </message>
        <message>
            <source>Stopped. What was done stays; the same button goes on.</source>
            <translation>Angehalten. Was getan ist, bleibt; dieselbe Taste macht weiter.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected.</source>
            <translation>Fertig: %1 Aufbauten sind korrigiert.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected, %2 more by colours that are lent.</source>
            <translation>Fertig: %1 Aufbauten sind korrigiert, %2 weitere mit geliehenen Farben.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected, %2 are not; the list says why.</source>
            <translation>Fertig: %1 Aufbauten sind korrigiert, %2 nicht; die Liste sagt, warum.</translation>
        </message>
        <message>
            <source>Done. Corrected: %1; by colours that are lent: %2; not: %3, and the list says why.</source>
            <translation>Fertig. Korrigiert: %1; mit geliehenen Farben: %2; nicht: %3, und die Liste sagt, warum.</translation>
        </message>
    </context>
    <context>
        <name>refero::CardPage</name>
        <message>
            <source>None: lent</source>
            <translation>Keine: geliehen</translation>
        </message>
        <message>
            <source>%1, mended</source>
            <translation>%1, behoben</translation>
        </message>
        <message>
            <source>Back to the frames</source>
            <translation>Zurück zu den Bildern</translation>
        </message>
        <message>
            <source>Setups are begun for frames that have none, chart shots read and judged, corrections built where the shot is good or can be mended, and each receiver gets a folder. What is done already stays as it is.</source>
            <translation>Für Bilder ohne Aufbau werden Aufbauten begonnen, Tafelaufnahmen gemessen und beurteilt, Korrekturen gebaut, wo die Aufnahme gut oder zu beheben ist, und jeder Empfänger bekommt einen Ordner. Was schon getan ist, bleibt.</translation>
        </message>
        <message>
            <source>Take it all back</source>
            <translation>Alles zurücknehmen</translation>
        </message>
        <message>
            <source>Setups, readings and corrections of this run, as one step; files that went out stay.</source>
            <translation>Aufbauten, Messungen und Korrekturen dieses Laufs, als ein Schritt; Dateien, die hinausgingen, bleiben.</translation>
        </message>
        <message>
            <source>Setup</source>
            <translation>Aufbau</translation>
        </message>
        <message>
            <source>Chart shot</source>
            <translation>Tafelaufnahme</translation>
        </message>
        <message>
            <source>By the shoot's limits of today.</source>
            <translation>Nach den heutigen Grenzen des Drehs.</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Übrig</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that the correction leaves on the chart.</source>
            <translation>Mittleres CIEDE2000, das die Korrektur auf der Tafel übrig lässt.</translation>
        </message>
        <message>
            <source>Receivers</source>
            <translation>Empfänger</translation>
        </message>
        <message>
            <source>How many have all of it as it is now.</source>
            <translation>Wie viele alles davon haben, wie es jetzt ist.</translation>
        </message>
        <message>
            <source>What happens</source>
            <translation>Was geschieht</translation>
        </message>
        <message>
            <source>What was done with each setup</source>
            <translation>Was mit jedem Aufbau getan wurde</translation>
        </message>
        <message>
            <source>Hand over to</source>
            <translation>Übergeben an</translation>
        </message>
        <message>
            <source>Hand over to: %1</source>
            <translation>Übergeben an: %1</translation>
        </message>
        <message>
            <source>Into a folder...</source>
            <translation>In einen Ordner ...</translation>
        </message>
        <message>
            <source>No frames have come in yet.</source>
            <translation>Es sind noch keine Bilder hereingekommen.</translation>
        </message>
        <message>
            <source>%1 frames, %2 lights, %3 chart shots</source>
            <translation>%1 Bilder, %2 Lichter, %3 Tafelaufnahmen</translation>
        </message>
        <message>
            <source>%1, not read yet.</source>
            <translation>%1, noch nicht gemessen.</translation>
        </message>
        <message>
            <source>%1 good</source>
            <translation>%1 gut</translation>
        </message>
        <message>
            <source>%1 to be looked at</source>
            <translation>%1 anzusehen</translation>
        </message>
        <message>
            <source>%1 to be shot again</source>
            <translation>%1 noch einmal aufzunehmen</translation>
        </message>
        <message>
            <source>%1 not read yet</source>
            <translation>%1 noch nicht gemessen</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <translation>%1: %2.</translation>
        </message>
        <message>
            <source>Where the receivers' folders are made</source>
            <translation>Wo die Ordner der Empfänger angelegt werden</translation>
        </message>
        <message>
            <source>Frames are still coming in; begin when they are there.</source>
            <translation>Es kommen noch Bilder herein; beginnen Sie, wenn sie da sind.</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Hier anhalten</translation>
        </message>
        <message>
            <source>Read and correct</source>
            <translation>Messen und korrigieren</translation>
        </message>
        <message>
            <source>Read, correct and hand over</source>
            <translation>Messen, korrigieren und übergeben</translation>
        </message>
        <message>
            <source>Colours %1</source>
            <translation>Farben %1</translation>
        </message>
        <message>
            <source>Stopped. What was done stays; the same button goes on.</source>
            <translation>Angehalten. Was getan ist, bleibt; dieselbe Taste macht weiter.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected.</source>
            <translation>Fertig: %1 Aufbauten sind korrigiert.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected, %2 more by colours that are lent.</source>
            <translation>Fertig: %1 Aufbauten sind korrigiert, %2 weitere mit geliehenen Farben.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected, %2 are not; the list says why.</source>
            <translation>Fertig: %1 Aufbauten sind korrigiert, %2 nicht; die Liste sagt, warum.</translation>
        </message>
        <message>
            <source>Done. Corrected: %1; by colours that are lent: %2; not: %3, and the list says why.</source>
            <translation>Fertig. Korrigiert: %1; mit geliehenen Farben: %2; nicht: %3, und die Liste sagt, warum.</translation>
        </message>
    </context>
    <context>
        <name>CertaintyView</name>
        <message>
            <source>%1 (%2 to %3)</source>
            <translation>%1 (%2 bis %3)</translation>
        </message>
        <message>
            <source>Figures and how sure they are</source>
            <translation>Zahlen, und wie sicher sie sind</translation>
        </message>
    </context>
    <context>
        <name>refero::CertaintyView</name>
        <message>
            <source>%1 (%2 to %3)</source>
            <translation>%1 (%2 bis %3)</translation>
        </message>
        <message>
            <source>Figures and how sure they are</source>
            <translation>Zahlen, und wie sicher sie sind</translation>
        </message>
    </context>
    <context>
        <name>ChartAdvice</name>
        <message>
            <source>Sits well: large enough, and clear of the corners.</source>
            <translation>Sitzt gut: groß genug und frei von den Ecken.</translation>
        </message>
        <message>
            <source>%1 % of the frame
Smallest patch %2 px wide
%3 % of the way to the corners</source>
            <translation>%1 % des Bildes
Kleinstes Feld %2 px breit
%3 % des Wegs zu den Ecken</translation>
        </message>
        <message>
            <source>Take %1</source>
            <translation>%1 nehmen</translation>
        </message>
        <message>
            <source>Shoot it from %1 m</source>
            <translation>Aus %1 m aufnehmen</translation>
        </message>
    </context>
    <context>
        <name>refero::ChartAdvice</name>
        <message>
            <source>Sits well: large enough, and clear of the corners.</source>
            <translation>Sitzt gut: groß genug und frei von den Ecken.</translation>
        </message>
        <message>
            <source>%1 % of the frame
Smallest patch %2 px wide
%3 % of the way to the corners</source>
            <translation>%1 % des Bildes
Kleinstes Feld %2 px breit
%3 % des Wegs zu den Ecken</translation>
        </message>
        <message>
            <source>Take %1</source>
            <translation>%1 nehmen</translation>
        </message>
        <message>
            <source>Shoot it from %1 m</source>
            <translation>Aus %1 m aufnehmen</translation>
        </message>
    </context>
    <context>
        <name>ChartAssistant</name>
        <message>
            <source>A chart from its data</source>
            <translation>Eine Tafel aus ihren Daten</translation>
        </message>
        <message>
            <source>Chart data</source>
            <translation>Tafeldaten</translation>
        </message>
        <message>
            <source>Open a data file</source>
            <translation>Datendatei öffnen</translation>
        </message>
        <message>
            <source>Measured under</source>
            <translation>Gemessen unter</translation>
        </message>
        <message>
            <source>The condition of ISO 13655, where the data hold several: M0 as it came, M1 with daylight's ultraviolet, M2 without ultraviolet, M3 polarised.</source>
            <translation>Die Bedingung nach ISO 13655, wo die Daten mehrere haben: M0 wie es kam, M1 mit dem Ultraviolett des Tageslichts, M2 ohne Ultraviolett, M3 polarisiert.</translation>
        </message>
        <message>
            <source>As the file says</source>
            <translation>Wie die Datei sagt</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>What it is called.</source>
            <translation>Wie sie heißt.</translation>
        </message>
        <message>
            <source>Keep this chart</source>
            <translation>Diese Tafel behalten</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Abbrechen</translation>
        </message>
        <message>
            <source>My chart</source>
            <translation>Meine Tafel</translation>
        </message>
        <message>
            <source>Open chart data</source>
            <translation>Tafeldaten öffnen</translation>
        </message>
        <message>
            <source>From %1</source>
            <translation>Aus %1</translation>
        </message>
    </context>
    <context>
        <name>refero::ChartAssistant</name>
        <message>
            <source>A chart from its data</source>
            <translation>Eine Tafel aus ihren Daten</translation>
        </message>
        <message>
            <source>Chart data</source>
            <translation>Tafeldaten</translation>
        </message>
        <message>
            <source>Open a data file</source>
            <translation>Datendatei öffnen</translation>
        </message>
        <message>
            <source>Measured under</source>
            <translation>Gemessen unter</translation>
        </message>
        <message>
            <source>The condition of ISO 13655, where the data hold several: M0 as it came, M1 with daylight's ultraviolet, M2 without ultraviolet, M3 polarised.</source>
            <translation>Die Bedingung nach ISO 13655, wo die Daten mehrere haben: M0 wie es kam, M1 mit dem Ultraviolett des Tageslichts, M2 ohne Ultraviolett, M3 polarisiert.</translation>
        </message>
        <message>
            <source>As the file says</source>
            <translation>Wie die Datei sagt</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>What it is called.</source>
            <translation>Wie sie heißt.</translation>
        </message>
        <message>
            <source>Keep this chart</source>
            <translation>Diese Tafel behalten</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Abbrechen</translation>
        </message>
        <message>
            <source>My chart</source>
            <translation>Meine Tafel</translation>
        </message>
        <message>
            <source>Open chart data</source>
            <translation>Tafeldaten öffnen</translation>
        </message>
        <message>
            <source>From %1</source>
            <translation>Aus %1</translation>
        </message>
    </context>
    <context>
        <name>ChartData</name>
        <message>
            <source>Chart data (%1)</source>
            <translation>Tafeldaten (%1)</translation>
        </message>
    </context>
    <context>
        <name>refero::ChartData</name>
        <message>
            <source>Chart data (%1)</source>
            <translation>Tafeldaten (%1)</translation>
        </message>
    </context>
    <context>
        <name>ChartPicture</name>
        <message>
            <source>The chart</source>
            <translation>Die Tafel</translation>
        </message>
        <message numerus="yes">
            <source>%1, %n patches.</source>
            <translation>
                <numerusform>%1, %n Feld.</numerusform>
                <numerusform>%1, %n Felder.</numerusform>
            </translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a patch and its figure</comment>
            <translation>%1: %2.</translation>
        </message>
        <message>
            <source>%1 is chosen.</source>
            <translation>%1 ist gewählt.</translation>
        </message>
    </context>
    <context>
        <name>refero::ChartPicture</name>
        <message>
            <source>The chart</source>
            <translation>Die Tafel</translation>
        </message>
        <message numerus="yes">
            <source>%1, %n patches.</source>
            <translation>
                <numerusform>%1, %n Feld.</numerusform>
                <numerusform>%1, %n Felder.</numerusform>
            </translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a patch and its figure</comment>
            <translation>%1: %2.</translation>
        </message>
        <message>
            <source>%1 is chosen.</source>
            <translation>%1 ist gewählt.</translation>
        </message>
    </context>
    <context>
        <name>ChartsPage</name>
        <message>
            <source>Charts and their copies</source>
            <translation>Tafeln und ihre Exemplare</translation>
        </message>
        <message>
            <source>New chart from data</source>
            <translation>Neue Tafel aus Daten</translation>
        </message>
        <message>
            <source>Measure this copy</source>
            <translation>Dieses Exemplar vermessen</translation>
        </message>
        <message>
            <source>Patch by patch with an instrument; the simulated one that ships.</source>
            <translation>Feld für Feld mit einem Messgerät; mit dem simulierten, das beiliegt.</translation>
        </message>
        <message>
            <source>Its values from a file</source>
            <translation>Seine Werte aus einer Datei</translation>
        </message>
        <message>
            <source>Hand on its data</source>
            <translation>Ihre Daten weitergeben</translation>
        </message>
        <message>
            <source>As CGATS text, CxF or CSV, by the file's ending.</source>
            <translation>Als CGATS-Text, CxF oder CSV, nach der Endung der Datei.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Herausnehmen</translation>
        </message>
        <message>
            <source>Give its data</source>
            <translation>Ihre Daten angeben</translation>
        </message>
        <message>
            <source>Its colours are as one picture showed them: it is found in frames, and corrections wait for its data.</source>
            <translation>Ihre Farben sind, wie ein Bild sie zeigte: sie wird in Bildern gefunden, und Korrekturen warten auf ihre Daten.</translation>
        </message>
        <message>
            <source>Its rows, columns and sizes are a proposal: a photograph of it, opened as a frame, tells them.</source>
            <translation>Reihen, Spalten und Größen sind ein Vorschlag: ein Foto von ihr, als Bild geöffnet, sagt sie.</translation>
        </message>
        <message>
            <source>The chart appears here as soon as its data can be read.</source>
            <translation>Die Tafel erscheint hier, sobald ihre Daten lesbar sind.</translation>
        </message>
        <message>
            <source>Keep the chart %1</source>
            <translation>Tafel %1 behalten</translation>
        </message>
        <message>
            <source>Keep what was measured on %1</source>
            <translation>Behalten, was an %1 gemessen wurde</translation>
        </message>
        <message>
            <source>Open the chart's data</source>
            <translation>Die Daten der Tafel öffnen</translation>
        </message>
        <message>
            <source>Give the data of %1</source>
            <translation>Die Daten von %1 angeben</translation>
        </message>
        <message>
            <source>Open this copy's values</source>
            <translation>Die Werte dieses Exemplars öffnen</translation>
        </message>
        <message>
            <source>Take the values of %1 from a file</source>
            <translation>Die Werte von %1 aus einer Datei nehmen</translation>
        </message>
        <message>
            <source>Hand on the chart's data</source>
            <translation>Die Daten der Tafel weitergeben</translation>
        </message>
        <message>
            <source>CGATS (*.txt);;CxF (*.cxf);;Table (*.csv)</source>
            <translation>CGATS (*.txt);;CxF (*.cxf);;Tabelle (*.csv)</translation>
        </message>
        <message>
            <source>Written to %1</source>
            <translation>Nach %1 geschrieben</translation>
        </message>
        <message>
            <source>Take out %1</source>
            <translation>%1 herausnehmen</translation>
        </message>
    </context>
    <context>
        <name>refero::ChartsPage</name>
        <message>
            <source>Charts and their copies</source>
            <translation>Tafeln und ihre Exemplare</translation>
        </message>
        <message>
            <source>New chart from data</source>
            <translation>Neue Tafel aus Daten</translation>
        </message>
        <message>
            <source>Measure this copy</source>
            <translation>Dieses Exemplar vermessen</translation>
        </message>
        <message>
            <source>Patch by patch with an instrument; the simulated one that ships.</source>
            <translation>Feld für Feld mit einem Messgerät; mit dem simulierten, das beiliegt.</translation>
        </message>
        <message>
            <source>Its values from a file</source>
            <translation>Seine Werte aus einer Datei</translation>
        </message>
        <message>
            <source>Hand on its data</source>
            <translation>Ihre Daten weitergeben</translation>
        </message>
        <message>
            <source>As CGATS text, CxF or CSV, by the file's ending.</source>
            <translation>Als CGATS-Text, CxF oder CSV, nach der Endung der Datei.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Herausnehmen</translation>
        </message>
        <message>
            <source>Give its data</source>
            <translation>Ihre Daten angeben</translation>
        </message>
        <message>
            <source>Its colours are as one picture showed them: it is found in frames, and corrections wait for its data.</source>
            <translation>Ihre Farben sind, wie ein Bild sie zeigte: sie wird in Bildern gefunden, und Korrekturen warten auf ihre Daten.</translation>
        </message>
        <message>
            <source>Its rows, columns and sizes are a proposal: a photograph of it, opened as a frame, tells them.</source>
            <translation>Reihen, Spalten und Größen sind ein Vorschlag: ein Foto von ihr, als Bild geöffnet, sagt sie.</translation>
        </message>
        <message>
            <source>The chart appears here as soon as its data can be read.</source>
            <translation>Die Tafel erscheint hier, sobald ihre Daten lesbar sind.</translation>
        </message>
        <message>
            <source>Keep the chart %1</source>
            <translation>Tafel %1 behalten</translation>
        </message>
        <message>
            <source>Keep what was measured on %1</source>
            <translation>Behalten, was an %1 gemessen wurde</translation>
        </message>
        <message>
            <source>Open the chart's data</source>
            <translation>Die Daten der Tafel öffnen</translation>
        </message>
        <message>
            <source>Give the data of %1</source>
            <translation>Die Daten von %1 angeben</translation>
        </message>
        <message>
            <source>Open this copy's values</source>
            <translation>Die Werte dieses Exemplars öffnen</translation>
        </message>
        <message>
            <source>Take the values of %1 from a file</source>
            <translation>Die Werte von %1 aus einer Datei nehmen</translation>
        </message>
        <message>
            <source>Hand on the chart's data</source>
            <translation>Die Daten der Tafel weitergeben</translation>
        </message>
        <message>
            <source>CGATS (*.txt);;CxF (*.cxf);;Table (*.csv)</source>
            <translation>CGATS (*.txt);;CxF (*.cxf);;Tabelle (*.csv)</translation>
        </message>
        <message>
            <source>Written to %1</source>
            <translation>Nach %1 geschrieben</translation>
        </message>
        <message>
            <source>Take out %1</source>
            <translation>%1 herausnehmen</translation>
        </message>
    </context>
    <context>
        <name>CheckView</name>
        <message>
            <source>Allowed: %1.</source>
            <translation>Erlaubt: %1.</translation>
        </message>
        <message>
            <source>Allow this value</source>
            <translation>Diesen Wert erlauben</translation>
        </message>
        <message>
            <source>Back to the limit of the set</source>
            <translation>Zurück zur Grenze des Satzes</translation>
        </message>
    </context>
    <context>
        <name>refero::CheckView</name>
        <message>
            <source>Allowed: %1.</source>
            <translation>Erlaubt: %1.</translation>
        </message>
        <message>
            <source>Allow this value</source>
            <translation>Diesen Wert erlauben</translation>
        </message>
        <message>
            <source>Back to the limit of the set</source>
            <translation>Zurück zur Grenze des Satzes</translation>
        </message>
    </context>
    <context>
        <name>ColoursPage</name>
        <message>
            <source>Add</source>
            <translation>Hinzufügen</translation>
        </message>
        <message>
            <source>Things of known colour</source>
            <translation>Dinge bekannter Farbe</translation>
        </message>
        <message>
            <source>In %1: give it a name and its measured colour (D50, 2 degrees). The frame must have the chart shot's exposure.</source>
            <translation>In %1: geben Sie ihr einen Namen und ihre gemessene Farbe (D50, 2 Grad). Das Bild muss wie die Tafelaufnahme belichtet sein.</translation>
        </message>
        <message>
            <source>This job's colours: with Shift held, draw over the cloth or paint on the picture (as a wipe); then enter what an instrument read.</source>
            <translation>Die Farben dieses Auftrags: ziehen Sie mit gehaltener Umschalttaste im Bild (als Wischen) über den Stoff oder Lack; dann geben Sie ein, was ein Messgerät las.</translation>
        </message>
        <message>
            <source>Check only</source>
            <translation>Nur prüfen</translation>
        </message>
        <message>
            <source>Count it</source>
            <translation>Mitzählen</translation>
        </message>
    </context>
    <context>
        <name>refero::ColoursPage</name>
        <message>
            <source>Add</source>
            <translation>Hinzufügen</translation>
        </message>
        <message>
            <source>Things of known colour</source>
            <translation>Dinge bekannter Farbe</translation>
        </message>
        <message>
            <source>In %1: give it a name and its measured colour (D50, 2 degrees). The frame must have the chart shot's exposure.</source>
            <translation>In %1: geben Sie ihr einen Namen und ihre gemessene Farbe (D50, 2 Grad). Das Bild muss wie die Tafelaufnahme belichtet sein.</translation>
        </message>
        <message>
            <source>This job's colours: with Shift held, draw over the cloth or paint on the picture (as a wipe); then enter what an instrument read.</source>
            <translation>Die Farben dieses Auftrags: ziehen Sie mit gehaltener Umschalttaste im Bild (als Wischen) über den Stoff oder Lack; dann geben Sie ein, was ein Messgerät las.</translation>
        </message>
        <message>
            <source>Check only</source>
            <translation>Nur prüfen</translation>
        </message>
        <message>
            <source>Count it</source>
            <translation>Mitzählen</translation>
        </message>
    </context>
    <context>
        <name>CommandFinder</name>
        <message>
            <source>Find and do</source>
            <translation>Finden und tun</translation>
        </message>
        <message>
            <source>What to find or do</source>
            <translation>Was zu finden oder zu tun ist</translation>
        </message>
        <message>
            <source>Type what to do or where to go</source>
            <translation>Tippen Sie, was zu tun oder wohin zu gehen ist</translation>
        </message>
        <message>
            <source>What was found</source>
            <translation>Was gefunden wurde</translation>
        </message>
    </context>
    <context>
        <name>refero::CommandFinder</name>
        <message>
            <source>Find and do</source>
            <translation>Finden und tun</translation>
        </message>
        <message>
            <source>What to find or do</source>
            <translation>Was zu finden oder zu tun ist</translation>
        </message>
        <message>
            <source>Type what to do or where to go</source>
            <translation>Tippen Sie, was zu tun oder wohin zu gehen ist</translation>
        </message>
        <message>
            <source>What was found</source>
            <translation>Was gefunden wurde</translation>
        </message>
    </context>
    <context>
        <name>Commands</name>
        <message>
            <source>On this page</source>
            <translation>Auf dieser Seite</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <comment>a choice and its value</comment>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>Choice</source>
            <translation>Auswahl</translation>
        </message>
    </context>
    <context>
        <name>refero::Commands</name>
        <message>
            <source>On this page</source>
            <translation>Auf dieser Seite</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <comment>a choice and its value</comment>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>Choice</source>
            <translation>Auswahl</translation>
        </message>
    </context>
    <context>
        <name>CompareView</name>
        <message>
            <source>Before and after</source>
            <translation>Vorher und nachher</translation>
        </message>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick to the picture before.</source>
            <translation>Ziehen Sie die Kante zum Wischen; halten Sie F oder die Leertaste, um zum Bild davor zu wechseln.</translation>
        </message>
        <message>
            <source>No picture yet.</source>
            <translation>Noch kein Bild.</translation>
        </message>
        <message>
            <source>%1 at the left, %2 at the right, the line at %3 % of the width.</source>
            <translation>%1 links, %2 rechts, die Linie bei %3 % der Breite.</translation>
        </message>
    </context>
    <context>
        <name>refero::CompareView</name>
        <message>
            <source>Before and after</source>
            <translation>Vorher und nachher</translation>
        </message>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick to the picture before.</source>
            <translation>Ziehen Sie die Kante zum Wischen; halten Sie F oder die Leertaste, um zum Bild davor zu wechseln.</translation>
        </message>
        <message>
            <source>No picture yet.</source>
            <translation>Noch kein Bild.</translation>
        </message>
        <message>
            <source>%1 at the left, %2 at the right, the line at %3 % of the width.</source>
            <translation>%1 links, %2 rechts, die Linie bei %3 % der Breite.</translation>
        </message>
    </context>
    <context>
        <name>Comparison</name>
        <message>
            <source>What moved since an earlier chart shot</source>
            <translation>Was sich seit einer früheren Tafelaufnahme bewegte</translation>
        </message>
        <message>
            <source>Chart frame to compare with</source>
            <translation>Tafelbild zum Vergleichen</translation>
        </message>
        <message>
            <source>Another chart frame of this setup: the one that is read is held against it.</source>
            <translation>Ein anderes Tafelbild dieses Aufbaus: das gemessene wird damit verglichen.</translation>
        </message>
        <message>
            <source>There is no other chart frame of this setup to compare with.</source>
            <translation>Es gibt kein anderes Tafelbild dieses Aufbaus zum Vergleichen.</translation>
        </message>
        <message>
            <source>Reading it</source>
            <translation>Wird gemessen</translation>
        </message>
    </context>
    <context>
        <name>refero::Comparison</name>
        <message>
            <source>What moved since an earlier chart shot</source>
            <translation>Was sich seit einer früheren Tafelaufnahme bewegte</translation>
        </message>
        <message>
            <source>Chart frame to compare with</source>
            <translation>Tafelbild zum Vergleichen</translation>
        </message>
        <message>
            <source>Another chart frame of this setup: the one that is read is held against it.</source>
            <translation>Ein anderes Tafelbild dieses Aufbaus: das gemessene wird damit verglichen.</translation>
        </message>
        <message>
            <source>There is no other chart frame of this setup to compare with.</source>
            <translation>Es gibt kein anderes Tafelbild dieses Aufbaus zum Vergleichen.</translation>
        </message>
        <message>
            <source>Reading it</source>
            <translation>Wird gemessen</translation>
        </message>
    </context>
    <context>
        <name>ContactSheet</name>
        <message>
            <source>Frames by setup</source>
            <translation>Bilder nach Aufbau</translation>
        </message>
        <message>
            <source>Open</source>
            <translation>Öffnen</translation>
        </message>
        <message>
            <source>Show the file</source>
            <translation>Datei zeigen</translation>
        </message>
        <message>
            <source>Take out of this shoot</source>
            <translation>Aus diesem Dreh nehmen</translation>
        </message>
        <message>
            <source>%1 with a chart</source>
            <translation>%1 mit einer Tafel</translation>
        </message>
        <message>
            <source>%1, doubtful</source>
            <translation>%1, zweifelhaft</translation>
        </message>
        <message>
            <source>%1, chosen</source>
            <translation>%1, gewählt</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a setup and its frames</comment>
            <translation>%1: %2.</translation>
        </message>
        <message>
            <source>No frames.</source>
            <translation>Keine Bilder.</translation>
        </message>
    </context>
    <context>
        <name>refero::ContactSheet</name>
        <message>
            <source>Frames by setup</source>
            <translation>Bilder nach Aufbau</translation>
        </message>
        <message>
            <source>Open</source>
            <translation>Öffnen</translation>
        </message>
        <message>
            <source>Show the file</source>
            <translation>Datei zeigen</translation>
        </message>
        <message>
            <source>Take out of this shoot</source>
            <translation>Aus diesem Dreh nehmen</translation>
        </message>
        <message>
            <source>%1 with a chart</source>
            <translation>%1 mit einer Tafel</translation>
        </message>
        <message>
            <source>%1, doubtful</source>
            <translation>%1, zweifelhaft</translation>
        </message>
        <message>
            <source>%1, chosen</source>
            <translation>%1, gewählt</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a setup and its frames</comment>
            <translation>%1: %2.</translation>
        </message>
        <message>
            <source>No frames.</source>
            <translation>Keine Bilder.</translation>
        </message>
    </context>
    <context>
        <name>ContenderModel</name>
        <message>
            <source>greys</source>
            <translation>Grautöne</translation>
        </message>
        <message>
            <source>for looks</source>
            <translation>für Bildstile</translation>
        </message>
    </context>
    <context>
        <name>refero::ContenderModel</name>
        <message>
            <source>greys</source>
            <translation>Grautöne</translation>
        </message>
        <message>
            <source>for looks</source>
            <translation>für Bildstile</translation>
        </message>
    </context>
    <context>
        <name>CopyPanel</name>
        <message>
            <source>Measure</source>
            <translation>Messen</translation>
        </message>
        <message>
            <source>Space</source>
            <translation>Leertaste</translation>
        </message>
        <message>
            <source>White tile</source>
            <translation>Weiße Kachel</translation>
        </message>
        <message>
            <source>Takes out what the instrument has drifted since the last time.</source>
            <translation>Nimmt heraus, was das Gerät seit dem letzten Mal gewandert ist.</translation>
        </message>
        <message>
            <source>Keep these values</source>
            <translation>Diese Werte behalten</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Abbrechen</translation>
        </message>
        <message>
            <source>Put the instrument on its white tile.</source>
            <translation>Legen Sie das Gerät auf seine weiße Kachel.</translation>
        </message>
        <message>
            <source>The tile is measured. Now lay it on the marked patch.</source>
            <translation>Die Kachel ist gemessen. Legen Sie es jetzt auf das markierte Feld.</translation>
        </message>
        <message>
            <source>Put it on its white tile first, and press White tile.</source>
            <translation>Legen Sie es zuerst auf seine weiße Kachel und drücken Sie Weiße Kachel.</translation>
        </message>
        <message>
            <source>Measure %1</source>
            <translation>%1 messen</translation>
        </message>
        <message>
            <source>All %1 measured</source>
            <translation>Alle %1 gemessen</translation>
        </message>
        <message>
            <source>Patch %1</source>
            <translation>Feld %1</translation>
        </message>
    </context>
    <context>
        <name>refero::CopyPanel</name>
        <message>
            <source>Measure</source>
            <translation>Messen</translation>
        </message>
        <message>
            <source>Space</source>
            <translation>Leertaste</translation>
        </message>
        <message>
            <source>White tile</source>
            <translation>Weiße Kachel</translation>
        </message>
        <message>
            <source>Takes out what the instrument has drifted since the last time.</source>
            <translation>Nimmt heraus, was das Gerät seit dem letzten Mal gewandert ist.</translation>
        </message>
        <message>
            <source>Keep these values</source>
            <translation>Diese Werte behalten</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Abbrechen</translation>
        </message>
        <message>
            <source>Put the instrument on its white tile.</source>
            <translation>Legen Sie das Gerät auf seine weiße Kachel.</translation>
        </message>
        <message>
            <source>The tile is measured. Now lay it on the marked patch.</source>
            <translation>Die Kachel ist gemessen. Legen Sie es jetzt auf das markierte Feld.</translation>
        </message>
        <message>
            <source>Put it on its white tile first, and press White tile.</source>
            <translation>Legen Sie es zuerst auf seine weiße Kachel und drücken Sie Weiße Kachel.</translation>
        </message>
        <message>
            <source>Measure %1</source>
            <translation>%1 messen</translation>
        </message>
        <message>
            <source>All %1 measured</source>
            <translation>Alle %1 gemessen</translation>
        </message>
        <message>
            <source>Patch %1</source>
            <translation>Feld %1</translation>
        </message>
    </context>
    <context>
        <name>CorrectionActions</name>
        <message>
            <source>Check the correction on %1</source>
            <translation>Die Korrektur an %1 prüfen</translation>
        </message>
        <message>
            <source>Finish: %1</source>
            <translation>Finish: %1</translation>
        </message>
        <message>
            <source>Judge the correction as %1</source>
            <translation>Die Korrektur als %1 beurteilen</translation>
        </message>
    </context>
    <context>
        <name>refero::CorrectionActions</name>
        <message>
            <source>Check the correction on %1</source>
            <translation>Die Korrektur an %1 prüfen</translation>
        </message>
        <message>
            <source>Finish: %1</source>
            <translation>Finish: %1</translation>
        </message>
        <message>
            <source>Judge the correction as %1</source>
            <translation>Die Korrektur als %1 beurteilen</translation>
        </message>
    </context>
    <context>
        <name>CorrectionStation</name>
        <message>
            <source>Noise of linear sRGB against balance alone: red %1, green %2, blue %3 times.</source>
            <translation>Rauschen von linearem sRGB gegenüber Abgleich allein: Rot %1-, Grün %2-, Blau %3-fach.</translation>
        </message>
        <message numerus="yes">
            <source>Mended in the chart shot: %n things; see Stage by stage.</source>
            <translation>
                <numerusform>In der Tafelaufnahme behoben: %n Sache; siehe Stufe für Stufe.</numerusform>
                <numerusform>In der Tafelaufnahme behoben: %n Sachen; siehe Stufe für Stufe.</numerusform>
            </translation>
        </message>
        <message>
            <source>Noise in colour: %1 times that of balance alone.</source>
            <translation>Farbrauschen: das %1-fache des Abgleichs allein.</translation>
        </message>
        <message>
            <source> Colour noise shows %1 stops above this sensitivity.</source>
            <translation> Farbrauschen zeigt sich %1 Blenden über dieser Empfindlichkeit.</translation>
        </message>
        <message>
            <source> Colour noise shows already: use less sensitivity.</source>
            <translation> Farbrauschen zeigt sich schon: nehmen Sie weniger Empfindlichkeit.</translation>
        </message>
        <message>
            <source> Best that this camera can do here: %1 CIEDE2000, over made-up surfaces.</source>
            <translation> Das Beste, was diese Kamera hier kann: %1 CIEDE2000, über erdachte Oberflächen.</translation>
        </message>
        <message>
            <source>figures</source>
            <translation>Zahlen</translation>
        </message>
        <message>
            <source>What is told of the correction</source>
            <translation>Was von der Korrektur gesagt wird</translation>
        </message>
        <message>
            <source>Show</source>
            <translation>Zeigen</translation>
        </message>
        <message>
            <source>Automatic</source>
            <translation>Automatisch</translation>
        </message>
        <message>
            <source>Model</source>
            <translation>Modell</translation>
        </message>
        <message>
            <source>Automatic takes what does better on patches it has not seen, and minds the noise.</source>
            <translation>Automatisch nimmt, was bei ungesehenen Feldern besser abschneidet, und achtet auf das Rauschen.</translation>
        </message>
        <message>
            <source>Priority</source>
            <translation>Vorrang</translation>
        </message>
        <message>
            <source>All patches equally</source>
            <translation>Alle Felder gleich</translation>
        </message>
        <message>
            <source>Neutrals</source>
            <translation>Grautöne</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Haut</translation>
        </message>
        <message>
            <source>Pleasing</source>
            <translation>Gefällig</translation>
        </message>
        <message>
            <source>Which patches the fit favours: the chosen ones count four times. Pleasing puts the Rounded finish on top.</source>
            <translation>Welche Felder das Anpassen bevorzugt: die gewählten zählen vierfach. Gefällig legt das abgerundete Finish darüber.</translation>
        </message>
        <message>
            <source>Judged as</source>
            <translation>Beurteilt als</translation>
        </message>
        <message>
            <source>What the figures are held against.</source>
            <translation>Womit die Zahlen verglichen werden.</translation>
        </message>
        <message>
            <source>Mend the shot</source>
            <translation>Aufnahme beheben</translation>
        </message>
        <message>
            <source>Mend the shot before the fit</source>
            <translation>Die Aufnahme vor dem Anpassen beheben</translation>
        </message>
        <message>
            <source>Before the fit: leaves out patches that are covered or mirror a lamp, takes uneven light and shadows out, subtracts flare; each where it is certain enough to help. Switched off, the shot is used as it is.</source>
            <translation>Vor dem Anpassen: lässt Felder aus, die verdeckt sind oder eine Lampe spiegeln, nimmt ungleiches Licht und Schatten heraus, zieht Streulicht ab; jedes, wo es sicher genug hilft. Abgeschaltet wird die Aufnahme benutzt, wie sie ist.</translation>
        </message>
        <message>
            <source>Models that were tried</source>
            <translation>Versuchte Modelle</translation>
        </message>
        <message>
            <source>Patches by remaining difference</source>
            <translation>Felder nach verbleibendem Abstand</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Felder</translation>
        </message>
        <message>
            <source>Certainty and price</source>
            <translation>Sicherheit und Preis</translation>
        </message>
        <message>
            <source>How it is built</source>
            <translation>Wie sie gebaut ist</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Finish</translation>
        </message>
        <message>
            <source>Levels by hand</source>
            <translation>Pegel von Hand</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Messkurven beider</translation>
        </message>
        <message>
            <source>Snapshots</source>
            <translation>Schnappschüsse</translation>
        </message>
        <message>
            <source>This job's colours</source>
            <translation>Farben dieses Auftrags</translation>
        </message>
        <message>
            <source>Proof on another shot</source>
            <translation>Beleg an anderer Aufnahme</translation>
        </message>
        <message>
            <source>Stage by stage</source>
            <translation>Stufe für Stufe</translation>
        </message>
        <message>
            <source>No chart shot</source>
            <translation>Keine Tafelaufnahme</translation>
        </message>
        <message>
            <source>Its frames can be given colours that are lent: by a setup that the plan's rules allow, or by the library for this body and light.</source>
            <translation>Seinen Bildern können Farben geliehen werden: von einem Aufbau, den die Regeln des Plans erlauben, oder aus der Bibliothek für dieses Gehäuse und Licht.</translation>
        </message>
        <message>
            <source>Borrow a correction</source>
            <translation>Eine Korrektur leihen</translation>
        </message>
        <message>
            <source>It says whose colours these are. Shoot the chart where you still can.</source>
            <translation>Sie sagt, wessen Farben das sind. Nehmen Sie die Tafel auf, wo Sie noch können.</translation>
        </message>
        <message>
            <source>No reading yet</source>
            <translation>Noch keine Messung</translation>
        </message>
        <message>
            <source>A correction is built from a chart that was read. Go to Reading first.</source>
            <translation>Eine Korrektur wird aus einer gemessenen Tafel gebaut. Gehen Sie zuerst zur Messung.</translation>
        </message>
        <message>
            <source>Go to Reading</source>
            <translation>Zur Messung</translation>
        </message>
        <message>
            <source>Not corrected yet</source>
            <translation>Noch nicht korrigiert</translation>
        </message>
        <message numerus="yes">
            <source>The chart of %1 is read. From its %n patches Refero tries every model, takes the one that does best on colours it has not seen, and shows what is left.</source>
            <translation>
                <numerusform>Die Tafel von %1 ist gemessen. Aus ihrem %n Feld versucht Refero jedes Modell, nimmt das, welches bei ungesehenen Farben am besten ist, und zeigt, was übrig bleibt.</numerusform>
                <numerusform>Die Tafel von %1 ist gemessen. Aus ihren %n Feldern versucht Refero jedes Modell, nimmt das, welches bei ungesehenen Farben am besten ist, und zeigt, was übrig bleibt.</numerusform>
            </translation>
        </message>
        <message>
            <source>Build the correction</source>
            <translation>Korrektur bauen</translation>
        </message>
        <message>
            <source>It takes a moment; every choice can be changed afterwards.</source>
            <translation>Das dauert einen Augenblick; jede Wahl lässt sich danach ändern.</translation>
        </message>
        <message>
            <source>Lent, not proved</source>
            <translation>Geliehen, nicht belegt</translation>
        </message>
        <message>
            <source>Nothing tells how well these colours fit this light. Shoot a chart in it where you still can: the correction is built anew from that.</source>
            <translation>Nichts sagt, wie gut diese Farben zu diesem Licht passen. Nehmen Sie darin eine Tafel auf, wo Sie noch können: die Korrektur wird daraus neu gebaut.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Übergeben</translation>
        </message>
    </context>
    <context>
        <name>refero::CorrectionStation</name>
        <message>
            <source>Noise of linear sRGB against balance alone: red %1, green %2, blue %3 times.</source>
            <translation>Rauschen von linearem sRGB gegenüber Abgleich allein: Rot %1-, Grün %2-, Blau %3-fach.</translation>
        </message>
        <message numerus="yes">
            <source>Mended in the chart shot: %n things; see Stage by stage.</source>
            <translation>
                <numerusform>In der Tafelaufnahme behoben: %n Sache; siehe Stufe für Stufe.</numerusform>
                <numerusform>In der Tafelaufnahme behoben: %n Sachen; siehe Stufe für Stufe.</numerusform>
            </translation>
        </message>
        <message>
            <source>Noise in colour: %1 times that of balance alone.</source>
            <translation>Farbrauschen: das %1-fache des Abgleichs allein.</translation>
        </message>
        <message>
            <source> Colour noise shows %1 stops above this sensitivity.</source>
            <translation> Farbrauschen zeigt sich %1 Blenden über dieser Empfindlichkeit.</translation>
        </message>
        <message>
            <source> Colour noise shows already: use less sensitivity.</source>
            <translation> Farbrauschen zeigt sich schon: nehmen Sie weniger Empfindlichkeit.</translation>
        </message>
        <message>
            <source> Best that this camera can do here: %1 CIEDE2000, over made-up surfaces.</source>
            <translation> Das Beste, was diese Kamera hier kann: %1 CIEDE2000, über erdachte Oberflächen.</translation>
        </message>
        <message>
            <source>figures</source>
            <translation>Zahlen</translation>
        </message>
        <message>
            <source>What is told of the correction</source>
            <translation>Was von der Korrektur gesagt wird</translation>
        </message>
        <message>
            <source>Show</source>
            <translation>Zeigen</translation>
        </message>
        <message>
            <source>Automatic</source>
            <translation>Automatisch</translation>
        </message>
        <message>
            <source>Model</source>
            <translation>Modell</translation>
        </message>
        <message>
            <source>Automatic takes what does better on patches it has not seen, and minds the noise.</source>
            <translation>Automatisch nimmt, was bei ungesehenen Feldern besser abschneidet, und achtet auf das Rauschen.</translation>
        </message>
        <message>
            <source>Priority</source>
            <translation>Vorrang</translation>
        </message>
        <message>
            <source>All patches equally</source>
            <translation>Alle Felder gleich</translation>
        </message>
        <message>
            <source>Neutrals</source>
            <translation>Grautöne</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Haut</translation>
        </message>
        <message>
            <source>Pleasing</source>
            <translation>Gefällig</translation>
        </message>
        <message>
            <source>Which patches the fit favours: the chosen ones count four times. Pleasing puts the Rounded finish on top.</source>
            <translation>Welche Felder das Anpassen bevorzugt: die gewählten zählen vierfach. Gefällig legt das abgerundete Finish darüber.</translation>
        </message>
        <message>
            <source>Judged as</source>
            <translation>Beurteilt als</translation>
        </message>
        <message>
            <source>What the figures are held against.</source>
            <translation>Womit die Zahlen verglichen werden.</translation>
        </message>
        <message>
            <source>Mend the shot</source>
            <translation>Aufnahme beheben</translation>
        </message>
        <message>
            <source>Mend the shot before the fit</source>
            <translation>Die Aufnahme vor dem Anpassen beheben</translation>
        </message>
        <message>
            <source>Before the fit: leaves out patches that are covered or mirror a lamp, takes uneven light and shadows out, subtracts flare; each where it is certain enough to help. Switched off, the shot is used as it is.</source>
            <translation>Vor dem Anpassen: lässt Felder aus, die verdeckt sind oder eine Lampe spiegeln, nimmt ungleiches Licht und Schatten heraus, zieht Streulicht ab; jedes, wo es sicher genug hilft. Abgeschaltet wird die Aufnahme benutzt, wie sie ist.</translation>
        </message>
        <message>
            <source>Models that were tried</source>
            <translation>Versuchte Modelle</translation>
        </message>
        <message>
            <source>Patches by remaining difference</source>
            <translation>Felder nach verbleibendem Abstand</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Felder</translation>
        </message>
        <message>
            <source>Certainty and price</source>
            <translation>Sicherheit und Preis</translation>
        </message>
        <message>
            <source>How it is built</source>
            <translation>Wie sie gebaut ist</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Finish</translation>
        </message>
        <message>
            <source>Levels by hand</source>
            <translation>Pegel von Hand</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Messkurven beider</translation>
        </message>
        <message>
            <source>Snapshots</source>
            <translation>Schnappschüsse</translation>
        </message>
        <message>
            <source>This job's colours</source>
            <translation>Farben dieses Auftrags</translation>
        </message>
        <message>
            <source>Proof on another shot</source>
            <translation>Beleg an anderer Aufnahme</translation>
        </message>
        <message>
            <source>Stage by stage</source>
            <translation>Stufe für Stufe</translation>
        </message>
        <message>
            <source>No chart shot</source>
            <translation>Keine Tafelaufnahme</translation>
        </message>
        <message>
            <source>Its frames can be given colours that are lent: by a setup that the plan's rules allow, or by the library for this body and light.</source>
            <translation>Seinen Bildern können Farben geliehen werden: von einem Aufbau, den die Regeln des Plans erlauben, oder aus der Bibliothek für dieses Gehäuse und Licht.</translation>
        </message>
        <message>
            <source>Borrow a correction</source>
            <translation>Eine Korrektur leihen</translation>
        </message>
        <message>
            <source>It says whose colours these are. Shoot the chart where you still can.</source>
            <translation>Sie sagt, wessen Farben das sind. Nehmen Sie die Tafel auf, wo Sie noch können.</translation>
        </message>
        <message>
            <source>No reading yet</source>
            <translation>Noch keine Messung</translation>
        </message>
        <message>
            <source>A correction is built from a chart that was read. Go to Reading first.</source>
            <translation>Eine Korrektur wird aus einer gemessenen Tafel gebaut. Gehen Sie zuerst zur Messung.</translation>
        </message>
        <message>
            <source>Go to Reading</source>
            <translation>Zur Messung</translation>
        </message>
        <message>
            <source>Not corrected yet</source>
            <translation>Noch nicht korrigiert</translation>
        </message>
        <message numerus="yes">
            <source>The chart of %1 is read. From its %n patches Refero tries every model, takes the one that does best on colours it has not seen, and shows what is left.</source>
            <translation>
                <numerusform>Die Tafel von %1 ist gemessen. Aus ihrem %n Feld versucht Refero jedes Modell, nimmt das, welches bei ungesehenen Farben am besten ist, und zeigt, was übrig bleibt.</numerusform>
                <numerusform>Die Tafel von %1 ist gemessen. Aus ihren %n Feldern versucht Refero jedes Modell, nimmt das, welches bei ungesehenen Farben am besten ist, und zeigt, was übrig bleibt.</numerusform>
            </translation>
        </message>
        <message>
            <source>Build the correction</source>
            <translation>Korrektur bauen</translation>
        </message>
        <message>
            <source>It takes a moment; every choice can be changed afterwards.</source>
            <translation>Das dauert einen Augenblick; jede Wahl lässt sich danach ändern.</translation>
        </message>
        <message>
            <source>Lent, not proved</source>
            <translation>Geliehen, nicht belegt</translation>
        </message>
        <message>
            <source>Nothing tells how well these colours fit this light. Shoot a chart in it where you still can: the correction is built anew from that.</source>
            <translation>Nichts sagt, wie gut diese Farben zu diesem Licht passen. Nehmen Sie darin eine Tafel auf, wo Sie noch können: die Korrektur wird daraus neu gebaut.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Übergeben</translation>
        </message>
    </context>
    <context>
        <name>CoverageModel</name>
        <message>
            <source>No frames yet.</source>
            <translation>Noch keine Bilder.</translation>
        </message>
    </context>
    <context>
        <name>refero::CoverageModel</name>
        <message>
            <source>No frames yet.</source>
            <translation>Noch keine Bilder.</translation>
        </message>
    </context>
    <context>
        <name>CoveragePage</name>
        <message>
            <source>Coverage by setup</source>
            <translation>Abdeckung nach Aufbau</translation>
        </message>
        <message>
            <source>In no setup</source>
            <translation>In keinem Aufbau</translation>
        </message>
        <message>
            <source>No frames of a subject yet. Once there are some, this page says which have a correction that is valid for them.</source>
            <translation>Noch keine Bilder eines Motivs. Sobald es welche gibt, sagt diese Seite, welche eine gültige Korrektur haben.</translation>
        </message>
    </context>
    <context>
        <name>refero::CoveragePage</name>
        <message>
            <source>Coverage by setup</source>
            <translation>Abdeckung nach Aufbau</translation>
        </message>
        <message>
            <source>In no setup</source>
            <translation>In keinem Aufbau</translation>
        </message>
        <message>
            <source>No frames of a subject yet. Once there are some, this page says which have a correction that is valid for them.</source>
            <translation>Noch keine Bilder eines Motivs. Sobald es welche gibt, sagt diese Seite, welche eine gültige Korrektur haben.</translation>
        </message>
    </context>
    <context>
        <name>CurvePlot</name>
        <message>
            <source>Mid-grey at %1 % of the range; %2 stops above it, %3 below.</source>
            <translation>Mittelgrau bei %1 % des Bereichs; %2 Blenden darüber, %3 darunter.</translation>
        </message>
        <message>
            <source>Curve. %1</source>
            <translation>Kurve. %1</translation>
        </message>
    </context>
    <context>
        <name>refero::CurvePlot</name>
        <message>
            <source>Mid-grey at %1 % of the range; %2 stops above it, %3 below.</source>
            <translation>Mittelgrau bei %1 % des Bereichs; %2 Blenden darüber, %3 darunter.</translation>
        </message>
        <message>
            <source>Curve. %1</source>
            <translation>Kurve. %1</translation>
        </message>
    </context>
    <context>
        <name>CurveView</name>
        <message>
            <source>Characteristic curve</source>
            <translation>Kennlinie</translation>
        </message>
        <message>
            <source>Each mark is a grey of a shot: what is stored of it (per cent of the whole range) against its light, in stops from mid-grey at the normal exposure. Rings have clipped. The line is the curve that the recording states, laid over them.</source>
            <translation>Jede Marke ist ein Grau einer Aufnahme: was davon gespeichert ist (Prozent des ganzen Bereichs) gegen sein Licht, in Blenden von Mittelgrau bei der normalen Belichtung. Ringe sind beschnitten. Die Linie ist die Kurve, welche die Aufzeichnung angibt, darübergelegt.</translation>
        </message>
        <message numerus="yes">
            <source>%n greys</source>
            <translation>
                <numerusform>%n Grau</numerusform>
                <numerusform>%n Grautöne</numerusform>
            </translation>
        </message>
        <message>
            <source>%1; %2 fits with an offset of %3 stops</source>
            <translation>%1; %2 passt mit einem Versatz von %3 Blenden</translation>
        </message>
        <message>
            <source>stops from mid-grey</source>
            <translation>Blenden von Mittelgrau</translation>
        </message>
        <message>
            <source>stored, %</source>
            <translation>gespeichert, %</translation>
        </message>
    </context>
    <context>
        <name>refero::CurveView</name>
        <message>
            <source>Characteristic curve</source>
            <translation>Kennlinie</translation>
        </message>
        <message>
            <source>Each mark is a grey of a shot: what is stored of it (per cent of the whole range) against its light, in stops from mid-grey at the normal exposure. Rings have clipped. The line is the curve that the recording states, laid over them.</source>
            <translation>Jede Marke ist ein Grau einer Aufnahme: was davon gespeichert ist (Prozent des ganzen Bereichs) gegen sein Licht, in Blenden von Mittelgrau bei der normalen Belichtung. Ringe sind beschnitten. Die Linie ist die Kurve, welche die Aufzeichnung angibt, darübergelegt.</translation>
        </message>
        <message numerus="yes">
            <source>%n greys</source>
            <translation>
                <numerusform>%n Grau</numerusform>
                <numerusform>%n Grautöne</numerusform>
            </translation>
        </message>
        <message>
            <source>%1; %2 fits with an offset of %3 stops</source>
            <translation>%1; %2 passt mit einem Versatz von %3 Blenden</translation>
        </message>
        <message>
            <source>stops from mid-grey</source>
            <translation>Blenden von Mittelgrau</translation>
        </message>
        <message>
            <source>stored, %</source>
            <translation>gespeichert, %</translation>
        </message>
    </context>
    <context>
        <name>DayActions</name>
        <message>
            <source>Building the correction</source>
            <translation>Korrektur wird gebaut</translation>
        </message>
        <message>
            <source>Reading the chart</source>
            <translation>Tafel wird gemessen</translation>
        </message>
        <message>
            <source>Looking for colours in the library</source>
            <translation>Farben in der Bibliothek werden gesucht</translation>
        </message>
        <message>
            <source>Do the day's work</source>
            <translation>Die Arbeit des Tages tun</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>two sentences</comment>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>The folder %1 cannot be made.</source>
            <translation>Der Ordner %1 lässt sich nicht anlegen.</translation>
        </message>
        <message>
            <source>Handing over to: %1</source>
            <translation>Wird übergeben an: %1</translation>
        </message>
    </context>
    <context>
        <name>refero::DayActions</name>
        <message>
            <source>Building the correction</source>
            <translation>Korrektur wird gebaut</translation>
        </message>
        <message>
            <source>Reading the chart</source>
            <translation>Tafel wird gemessen</translation>
        </message>
        <message>
            <source>Looking for colours in the library</source>
            <translation>Farben in der Bibliothek werden gesucht</translation>
        </message>
        <message>
            <source>Do the day's work</source>
            <translation>Die Arbeit des Tages tun</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>two sentences</comment>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>The folder %1 cannot be made.</source>
            <translation>Der Ordner %1 lässt sich nicht anlegen.</translation>
        </message>
        <message>
            <source>Handing over to: %1</source>
            <translation>Wird übergeben an: %1</translation>
        </message>
    </context>
    <context>
        <name>DayDelegate</name>
        <message>
            <source>No time yet: draw one here</source>
            <translation>Noch keine Zeit: ziehen Sie hier eine</translation>
        </message>
    </context>
    <context>
        <name>refero::DayDelegate</name>
        <message>
            <source>No time yet: draw one here</source>
            <translation>Noch keine Zeit: ziehen Sie hier eine</translation>
        </message>
    </context>
    <context>
        <name>DayModel</name>
        <message>
            <source>Body, lens and light not stated</source>
            <translation>Gehäuse, Objektiv und Licht nicht angegeben</translation>
        </message>
        <message>
            <source>Chart shot missing</source>
            <translation>Tafelaufnahme fehlt</translation>
        </message>
        <message>
            <source>Out of date: shoot the chart again</source>
            <translation>Veraltet: Tafel noch einmal aufnehmen</translation>
        </message>
        <message>
            <source>Chart shot</source>
            <translation>Tafelaufnahme</translation>
        </message>
        <message>
            <source>No chart of its own</source>
            <translation>Keine eigene Tafel</translation>
        </message>
        <message>
            <source>Shoot %1</source>
            <translation>%1 aufnehmen</translation>
        </message>
        <message>
            <source>Shoot the chart</source>
            <translation>Die Tafel aufnehmen</translation>
        </message>
    </context>
    <context>
        <name>refero::DayModel</name>
        <message>
            <source>Body, lens and light not stated</source>
            <translation>Gehäuse, Objektiv und Licht nicht angegeben</translation>
        </message>
        <message>
            <source>Chart shot missing</source>
            <translation>Tafelaufnahme fehlt</translation>
        </message>
        <message>
            <source>Out of date: shoot the chart again</source>
            <translation>Veraltet: Tafel noch einmal aufnehmen</translation>
        </message>
        <message>
            <source>Chart shot</source>
            <translation>Tafelaufnahme</translation>
        </message>
        <message>
            <source>No chart of its own</source>
            <translation>Keine eigene Tafel</translation>
        </message>
        <message>
            <source>Shoot %1</source>
            <translation>%1 aufnehmen</translation>
        </message>
        <message>
            <source>Shoot the chart</source>
            <translation>Die Tafel aufnehmen</translation>
        </message>
    </context>
    <context>
        <name>DayPage</name>
        <message>
            <source>Plan the day</source>
            <translation>Den Tag planen</translation>
        </message>
        <message>
            <source>Enter the first setup</source>
            <translation>Den ersten Aufbau eintragen</translation>
        </message>
        <message>
            <source>Its light does not move by itself.</source>
            <translation>Sein Licht bewegt sich nicht von selbst.</translation>
        </message>
        <message>
            <source>With the place's coordinates, the sun's way is drawn here.</source>
            <translation>Mit den Koordinaten des Ortes wird hier der Weg der Sonne gezeichnet.</translation>
        </message>
        <message>
            <source>With the shoot's date, the sun's way is drawn here.</source>
            <translation>Mit dem Datum des Drehs wird hier der Weg der Sonne gezeichnet.</translation>
        </message>
        <message>
            <source>How its light moves</source>
            <translation>Wie sich sein Licht bewegt</translation>
        </message>
        <message>
            <source>Sky light</source>
            <translation>Himmelslicht</translation>
        </message>
        <message>
            <source>Daylight</source>
            <translation>Tageslicht</translation>
        </message>
        <message>
            <source>A chart shot at %1: </source>
            <translation>Eine Tafel, aufgenommen um %1: </translation>
        </message>
        <message>
            <source>The sun is down.</source>
            <translation>Die Sonne ist untergegangen.</translation>
        </message>
    </context>
    <context>
        <name>refero::DayPage</name>
        <message>
            <source>Plan the day</source>
            <translation>Den Tag planen</translation>
        </message>
        <message>
            <source>Enter the first setup</source>
            <translation>Den ersten Aufbau eintragen</translation>
        </message>
        <message>
            <source>Its light does not move by itself.</source>
            <translation>Sein Licht bewegt sich nicht von selbst.</translation>
        </message>
        <message>
            <source>With the place's coordinates, the sun's way is drawn here.</source>
            <translation>Mit den Koordinaten des Ortes wird hier der Weg der Sonne gezeichnet.</translation>
        </message>
        <message>
            <source>With the shoot's date, the sun's way is drawn here.</source>
            <translation>Mit dem Datum des Drehs wird hier der Weg der Sonne gezeichnet.</translation>
        </message>
        <message>
            <source>How its light moves</source>
            <translation>Wie sich sein Licht bewegt</translation>
        </message>
        <message>
            <source>Sky light</source>
            <translation>Himmelslicht</translation>
        </message>
        <message>
            <source>Daylight</source>
            <translation>Tageslicht</translation>
        </message>
        <message>
            <source>A chart shot at %1: </source>
            <translation>Eine Tafel, aufgenommen um %1: </translation>
        </message>
        <message>
            <source>The sun is down.</source>
            <translation>Die Sonne ist untergegangen.</translation>
        </message>
    </context>
    <context>
        <name>DayTable</name>
        <message>
            <source>The day's setups</source>
            <translation>Die Aufbauten des Tages</translation>
        </message>
    </context>
    <context>
        <name>refero::DayTable</name>
        <message>
            <source>The day's setups</source>
            <translation>Die Aufbauten des Tages</translation>
        </message>
    </context>
    <context>
        <name>Dialogs</name>
        <message>
            <source>Import frames</source>
            <translation>Bilder einbringen</translation>
        </message>
        <message>
            <source>Raw files, pictures and clips (%1)</source>
            <comment>the endings</comment>
            <translation>Raw-Dateien, Bilder und Clips (%1)</translation>
        </message>
        <message>
            <source>All files (*)</source>
            <translation>Alle Dateien (*)</translation>
        </message>
        <message>
            <source>Close Refero</source>
            <translation>Refero schließen</translation>
        </message>
        <message>
            <source>Something is still being done</source>
            <translation>Es wird noch etwas getan</translation>
        </message>
        <message>
            <source>Stay</source>
            <translation>Bleiben</translation>
        </message>
        <message>
            <source>Stop and close</source>
            <translation>Anhalten und schließen</translation>
        </message>
        <message>
            <source>Close when it is done</source>
            <translation>Schließen, wenn es fertig ist</translation>
        </message>
    </context>
    <context>
        <name>refero::Dialogs</name>
        <message>
            <source>Import frames</source>
            <translation>Bilder einbringen</translation>
        </message>
        <message>
            <source>Raw files, pictures and clips (%1)</source>
            <comment>the endings</comment>
            <translation>Raw-Dateien, Bilder und Clips (%1)</translation>
        </message>
        <message>
            <source>All files (*)</source>
            <translation>Alle Dateien (*)</translation>
        </message>
        <message>
            <source>Close Refero</source>
            <translation>Refero schließen</translation>
        </message>
        <message>
            <source>Something is still being done</source>
            <translation>Es wird noch etwas getan</translation>
        </message>
        <message>
            <source>Stay</source>
            <translation>Bleiben</translation>
        </message>
        <message>
            <source>Stop and close</source>
            <translation>Anhalten und schließen</translation>
        </message>
        <message>
            <source>Close when it is done</source>
            <translation>Schließen, wenn es fertig ist</translation>
        </message>
    </context>
    <context>
        <name>Display</name>
        <message>
            <source>Shown for this display by the profile that the system's colour manager names, %1.</source>
            <translation>Für diesen Bildschirm nach dem Profil gezeigt, das die Farbverwaltung des Systems nennt, %1.</translation>
        </message>
        <message>
            <source>The system names no profile for this display, so pictures are shown for sRGB: on another display colours look wrong. Choose the display's profile in the menu, under View.</source>
            <translation>Das System nennt kein Profil für diesen Bildschirm, darum werden Bilder für sRGB gezeigt: auf einem anderen sehen Farben falsch aus. Wählen Sie das Profil im Menü unter Ansicht.</translation>
        </message>
        <message>
            <source>No display profile</source>
            <translation>Kein Bildschirmprofil</translation>
        </message>
        <message>
            <source>Shown for %1</source>
            <translation>Gezeigt für %1</translation>
        </message>
    </context>
    <context>
        <name>refero::Display</name>
        <message>
            <source>Shown for this display by the profile that the system's colour manager names, %1.</source>
            <translation>Für diesen Bildschirm nach dem Profil gezeigt, das die Farbverwaltung des Systems nennt, %1.</translation>
        </message>
        <message>
            <source>The system names no profile for this display, so pictures are shown for sRGB: on another display colours look wrong. Choose the display's profile in the menu, under View.</source>
            <translation>Das System nennt kein Profil für diesen Bildschirm, darum werden Bilder für sRGB gezeigt: auf einem anderen sehen Farben falsch aus. Wählen Sie das Profil im Menü unter Ansicht.</translation>
        </message>
        <message>
            <source>No display profile</source>
            <translation>Kein Bildschirmprofil</translation>
        </message>
        <message>
            <source>Shown for %1</source>
            <translation>Gezeigt für %1</translation>
        </message>
    </context>
    <context>
        <name>EmptyState</name>
        <message>
            <source>Drop a photograph of your chart here</source>
            <translation>Legen Sie hier ein Foto Ihrer Tafel ab</translation>
        </message>
        <message>
            <source>Refero finds the chart, measures its patches, judges the shot and builds the correction for everything taken with this body, lens and light.</source>
            <translation>Refero findet die Tafel, misst ihre Felder, beurteilt die Aufnahme und baut die Korrektur für alles, was mit diesem Gehäuse, Objektiv und Licht aufgenommen wurde.</translation>
        </message>
        <message>
            <source>Your chart</source>
            <translation>Ihre Tafel</translation>
        </message>
        <message>
            <source>The Fen 24 and the Fen 48 are known. Any other chart in rows and columns takes two steps: drop a photograph of it, which shows how its patches lie; then drop its data, the file of its maker or of an instrument, or paste its table.</source>
            <translation>Fen 24 und Fen 48 sind bekannt. Jede andere Tafel in Reihen und Spalten braucht zwei Schritte: legen Sie ein Foto von ihr ab, das zeigt, wie ihre Felder liegen; dann ihre Daten, die Datei ihres Herstellers oder eines Messgeräts, oder fügen Sie ihre Tabelle ein.</translation>
        </message>
        <message>
            <source>Open a frame</source>
            <translation>Ein Bild öffnen</translation>
        </message>
        <message>
            <source>Look at the demo</source>
            <translation>Das Beispiel ansehen</translation>
        </message>
        <message>
            <source>Plan a day</source>
            <translation>Einen Tag planen</translation>
        </message>
    </context>
    <context>
        <name>refero::EmptyState</name>
        <message>
            <source>Drop a photograph of your chart here</source>
            <translation>Legen Sie hier ein Foto Ihrer Tafel ab</translation>
        </message>
        <message>
            <source>Refero finds the chart, measures its patches, judges the shot and builds the correction for everything taken with this body, lens and light.</source>
            <translation>Refero findet die Tafel, misst ihre Felder, beurteilt die Aufnahme und baut die Korrektur für alles, was mit diesem Gehäuse, Objektiv und Licht aufgenommen wurde.</translation>
        </message>
        <message>
            <source>Your chart</source>
            <translation>Ihre Tafel</translation>
        </message>
        <message>
            <source>The Fen 24 and the Fen 48 are known. Any other chart in rows and columns takes two steps: drop a photograph of it, which shows how its patches lie; then drop its data, the file of its maker or of an instrument, or paste its table.</source>
            <translation>Fen 24 und Fen 48 sind bekannt. Jede andere Tafel in Reihen und Spalten braucht zwei Schritte: legen Sie ein Foto von ihr ab, das zeigt, wie ihre Felder liegen; dann ihre Daten, die Datei ihres Herstellers oder eines Messgeräts, oder fügen Sie ihre Tabelle ein.</translation>
        </message>
        <message>
            <source>Open a frame</source>
            <translation>Ein Bild öffnen</translation>
        </message>
        <message>
            <source>Look at the demo</source>
            <translation>Das Beispiel ansehen</translation>
        </message>
        <message>
            <source>Plan a day</source>
            <translation>Einen Tag planen</translation>
        </message>
    </context>
    <context>
        <name>EvennessMap</name>
        <message>
            <source>Even light</source>
            <translation>Gleichmäßiges Licht</translation>
        </message>
        <message>
            <source>The greys do not tell</source>
            <translation>Die Grautöne sagen es nicht</translation>
        </message>
    </context>
    <context>
        <name>refero::EvennessMap</name>
        <message>
            <source>Even light</source>
            <translation>Gleichmäßiges Licht</translation>
        </message>
        <message>
            <source>The greys do not tell</source>
            <translation>Die Grautöne sagen es nicht</translation>
        </message>
    </context>
    <context>
        <name>FiguresPanel</name>
        <message>
            <source>Show %1</source>
            <translation>%1 zeigen</translation>
        </message>
        <message>
            <source>Fold %1 away</source>
            <translation>%1 einklappen</translation>
        </message>
        <message>
            <source>Put %1 at the right of the picture</source>
            <translation>%1 rechts vom Bild</translation>
        </message>
        <message>
            <source>Put %1 below the picture</source>
            <translation>%1 unter das Bild</translation>
        </message>
    </context>
    <context>
        <name>refero::FiguresPanel</name>
        <message>
            <source>Show %1</source>
            <translation>%1 zeigen</translation>
        </message>
        <message>
            <source>Fold %1 away</source>
            <translation>%1 einklappen</translation>
        </message>
        <message>
            <source>Put %1 at the right of the picture</source>
            <translation>%1 rechts vom Bild</translation>
        </message>
        <message>
            <source>Put %1 below the picture</source>
            <translation>%1 unter das Bild</translation>
        </message>
    </context>
    <context>
        <name>Findings</name>
        <message>
            <source>Findings</source>
            <translation>Befunde</translation>
        </message>
        <message numerus="yes">
            <source>%n others are good</source>
            <translation>
                <numerusform>%n anderer ist gut</numerusform>
                <numerusform>%n andere sind gut</numerusform>
            </translation>
        </message>
        <message>
            <source>Shows or hides what is good.</source>
            <translation>Zeigt oder verbirgt, was gut ist.</translation>
        </message>
    </context>
    <context>
        <name>refero::Findings</name>
        <message>
            <source>Findings</source>
            <translation>Befunde</translation>
        </message>
        <message numerus="yes">
            <source>%n others are good</source>
            <translation>
                <numerusform>%n anderer ist gut</numerusform>
                <numerusform>%n andere sind gut</numerusform>
            </translation>
        </message>
        <message>
            <source>Shows or hides what is good.</source>
            <translation>Zeigt oder verbirgt, was gut ist.</translation>
        </message>
    </context>
    <context>
        <name>FinishPage</name>
        <message>
            <source>On top; no figure counts it.</source>
            <translation>Obenauf; keine Zahl rechnet es ein.</translation>
        </message>
        <message>
            <source>Warmth,
mired</source>
            <translation>Wärme,
Mired</translation>
        </message>
    </context>
    <context>
        <name>refero::FinishPage</name>
        <message>
            <source>On top; no figure counts it.</source>
            <translation>Obenauf; keine Zahl rechnet es ein.</translation>
        </message>
        <message>
            <source>Warmth,
mired</source>
            <translation>Wärme,
Mired</translation>
        </message>
    </context>
    <context>
        <name>FrameFacts</name>
        <message>
            <source>Taken %1, %2</source>
            <comment>a date and a time</comment>
            <translation>Aufgenommen %1, %2</translation>
        </message>
        <message>
            <source>Shows the slate %1</source>
            <translation>Zeigt die Klappe %1</translation>
        </message>
        <message>
            <source>With the camera's own picture, %1</source>
            <translation>Mit dem eigenen Bild der Kamera, %1</translation>
        </message>
    </context>
    <context>
        <name>refero::FrameFacts</name>
        <message>
            <source>Taken %1, %2</source>
            <comment>a date and a time</comment>
            <translation>Aufgenommen %1, %2</translation>
        </message>
        <message>
            <source>Shows the slate %1</source>
            <translation>Zeigt die Klappe %1</translation>
        </message>
        <message>
            <source>With the camera's own picture, %1</source>
            <translation>Mit dem eigenen Bild der Kamera, %1</translation>
        </message>
    </context>
    <context>
        <name>FrameView</name>
        <message>
            <source>Chart frame with outline and sampling areas</source>
            <translation>Tafelbild mit Umriss und Messflächen</translation>
        </message>
        <message>
            <source>Move the %1 corner</source>
            <translation>Die Ecke %1 verschieben</translation>
        </message>
        <message>
            <source>Put %1 back in its place</source>
            <translation>%1 an ihren Platz zurücklegen</translation>
        </message>
        <message>
            <source>Nudge the %1 corner</source>
            <translation>Die Ecke %1 anstoßen</translation>
        </message>
        <message>
            <source>No picture yet.</source>
            <translation>Noch kein Bild.</translation>
        </message>
        <message>
            <source>No chart is outlined.</source>
            <translation>Keine Tafel ist umrissen.</translation>
        </message>
        <message numerus="yes">
            <source>%1 is outlined, %n patches.</source>
            <translation>
                <numerusform>%1 ist umrissen, %n Feld.</numerusform>
                <numerusform>%1 ist umrissen, %n Felder.</numerusform>
            </translation>
        </message>
        <message>
            <source>%1, left out</source>
            <translation>%1, ausgelassen</translation>
        </message>
        <message>
            <source>%1, marked by a finding</source>
            <translation>%1, von einem Befund markiert</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a patch and its value</comment>
            <translation>%1: %2.</translation>
        </message>
    </context>
    <context>
        <name>refero::FrameView</name>
        <message>
            <source>Chart frame with outline and sampling areas</source>
            <translation>Tafelbild mit Umriss und Messflächen</translation>
        </message>
        <message>
            <source>Move the %1 corner</source>
            <translation>Die Ecke %1 verschieben</translation>
        </message>
        <message>
            <source>Put %1 back in its place</source>
            <translation>%1 an ihren Platz zurücklegen</translation>
        </message>
        <message>
            <source>Nudge the %1 corner</source>
            <translation>Die Ecke %1 anstoßen</translation>
        </message>
        <message>
            <source>No picture yet.</source>
            <translation>Noch kein Bild.</translation>
        </message>
        <message>
            <source>No chart is outlined.</source>
            <translation>Keine Tafel ist umrissen.</translation>
        </message>
        <message numerus="yes">
            <source>%1 is outlined, %n patches.</source>
            <translation>
                <numerusform>%1 ist umrissen, %n Feld.</numerusform>
                <numerusform>%1 ist umrissen, %n Felder.</numerusform>
            </translation>
        </message>
        <message>
            <source>%1, left out</source>
            <translation>%1, ausgelassen</translation>
        </message>
        <message>
            <source>%1, marked by a finding</source>
            <translation>%1, von einem Befund markiert</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a patch and its value</comment>
            <translation>%1: %2.</translation>
        </message>
    </context>
    <context>
        <name>FrameViewer</name>
        <message>
            <source>Contact sheet</source>
            <translation>Kontaktbogen</translation>
        </message>
        <message>
            <source>Back to all frames (Esc)</source>
            <translation>Zurück zu allen Bildern (Esc)</translation>
        </message>
        <message>
            <source>See its reading</source>
            <translation>Seine Messung ansehen</translation>
        </message>
        <message>
            <source>Display profile</source>
            <translation>Bildschirmprofil</translation>
        </message>
        <message>
            <source>Choose the ICC profile of this display.</source>
            <translation>Wählen Sie das ICC-Profil dieses Bildschirms.</translation>
        </message>
        <message>
            <source>Moment of the clip</source>
            <translation>Moment des Clips</translation>
        </message>
        <message>
            <source>Take this moment</source>
            <translation>Diesen Moment nehmen</translation>
        </message>
        <message>
            <source>The clip stands for this picture from now on; a chart in it is read.</source>
            <translation>Der Clip steht von nun an für dieses Bild; eine Tafel darin wird gemessen.</translation>
        </message>
        <message>
            <source>No profile for this display: colours may look wrong</source>
            <translation>Kein Profil für diesen Bildschirm: Farben können falsch aussehen</translation>
        </message>
        <message>
            <source>Shown for %1</source>
            <translation>Gezeigt für %1</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>%1 von %2</translation>
        </message>
        <message>
            <source>Opening</source>
            <translation>Wird geöffnet</translation>
        </message>
        <message>
            <source>%1 of %2, %3 x %4, %5%6, %7</source>
            <translation>%1 von %2, %3 x %4, %5%6, %7</translation>
        </message>
        <message>
            <source>%1 of %2 s</source>
            <translation>%1 von %2 s</translation>
        </message>
        <message>
            <source>A grey is marked in a subject's frame of a setup; this is none.</source>
            <translation>Ein Grau wird in einem Motivbild eines Aufbaus markiert; das ist keines.</translation>
        </message>
        <message>
            <source>Nothing is marked as grey here.</source>
            <translation>Hier ist nichts als Grau markiert.</translation>
        </message>
        <message>
            <source>This is clipped or black: it tells nothing of the light.</source>
            <translation>Das ist beschnitten oder schwarz: es sagt nichts über das Licht.</translation>
        </message>
    </context>
    <context>
        <name>refero::FrameViewer</name>
        <message>
            <source>Contact sheet</source>
            <translation>Kontaktbogen</translation>
        </message>
        <message>
            <source>Back to all frames (Esc)</source>
            <translation>Zurück zu allen Bildern (Esc)</translation>
        </message>
        <message>
            <source>See its reading</source>
            <translation>Seine Messung ansehen</translation>
        </message>
        <message>
            <source>Display profile</source>
            <translation>Bildschirmprofil</translation>
        </message>
        <message>
            <source>Choose the ICC profile of this display.</source>
            <translation>Wählen Sie das ICC-Profil dieses Bildschirms.</translation>
        </message>
        <message>
            <source>Moment of the clip</source>
            <translation>Moment des Clips</translation>
        </message>
        <message>
            <source>Take this moment</source>
            <translation>Diesen Moment nehmen</translation>
        </message>
        <message>
            <source>The clip stands for this picture from now on; a chart in it is read.</source>
            <translation>Der Clip steht von nun an für dieses Bild; eine Tafel darin wird gemessen.</translation>
        </message>
        <message>
            <source>No profile for this display: colours may look wrong</source>
            <translation>Kein Profil für diesen Bildschirm: Farben können falsch aussehen</translation>
        </message>
        <message>
            <source>Shown for %1</source>
            <translation>Gezeigt für %1</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>%1 von %2</translation>
        </message>
        <message>
            <source>Opening</source>
            <translation>Wird geöffnet</translation>
        </message>
        <message>
            <source>%1 of %2, %3 x %4, %5%6, %7</source>
            <translation>%1 von %2, %3 x %4, %5%6, %7</translation>
        </message>
        <message>
            <source>%1 of %2 s</source>
            <translation>%1 von %2 s</translation>
        </message>
        <message>
            <source>A grey is marked in a subject's frame of a setup; this is none.</source>
            <translation>Ein Grau wird in einem Motivbild eines Aufbaus markiert; das ist keines.</translation>
        </message>
        <message>
            <source>Nothing is marked as grey here.</source>
            <translation>Hier ist nichts als Grau markiert.</translation>
        </message>
        <message>
            <source>This is clipped or black: it tells nothing of the light.</source>
            <translation>Das ist beschnitten oder schwarz: es sagt nichts über das Licht.</translation>
        </message>
    </context>
    <context>
        <name>FramesChoice</name>
        <message>
            <source>As the frame</source>
            <translation>Wie das Bild</translation>
        </message>
        <message>
            <source>Setup, number</source>
            <translation>Aufbau, Nummer</translation>
        </message>
        <message>
            <source>Setup, frame</source>
            <translation>Aufbau, Bild</translation>
        </message>
        <message>
            <source>Date, frame</source>
            <translation>Datum, Bild</translation>
        </message>
        <message>
            <source>A pattern of mine</source>
            <translation>Ein eigenes Muster</translation>
        </message>
        <message>
            <source>This setup</source>
            <translation>Dieser Aufbau</translation>
        </message>
        <message>
            <source>Whole shoot</source>
            <translation>Ganzer Dreh</translation>
        </message>
        <message>
            <source>None</source>
            <translation>Keine</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Wie es ist</translation>
        </message>
        <message>
            <source>Pattern of the names</source>
            <translation>Muster der Namen</translation>
        </message>
        <message>
            <source>{frame} is the frame's own name; {n}, {space}, {setup}, {body}, {light}, {place} and {date} can be in it.</source>
            <translation>{frame} ist der eigene Name des Bildes; {n}, {space}, {setup}, {body}, {light}, {place} und {date} können darin sein.</translation>
        </message>
        <message>
            <source>By</source>
            <translation>Durch</translation>
        </message>
        <message>
            <source>Frames</source>
            <translation>Bilder</translation>
        </message>
        <message>
            <source>By which correction</source>
            <translation>Durch welche Korrektur</translation>
        </message>
        <message>
            <source>Because</source>
            <translation>Weil</translation>
        </message>
        <message>
            <source>Why this correction serves them</source>
            <translation>Warum diese Korrektur ihnen dient</translation>
        </message>
        <message>
            <source>Why this one serves frames that the rules give another</source>
            <translation>Warum diese Bildern dient, denen die Regeln eine andere geben</translation>
        </message>
        <message>
            <source>Clips as</source>
            <translation>Clips als</translation>
        </message>
        <message>
            <source>What clips become</source>
            <translation>Was aus Clips wird</translation>
        </message>
        <message>
            <source>One clip keeps its rate, sound, timecode and colour tags; both kinds have 10 bits.</source>
            <translation>Ein Clip behält Rate, Ton, Timecode und Farbangaben; beide Arten haben 10 Bit.</translation>
        </message>
        <message>
            <source>A folder of pictures</source>
            <translation>Ein Ordner mit Bildern</translation>
        </message>
        <message>
            <source>FFV1: no loss</source>
            <translation>FFV1: ohne Verlust</translation>
        </message>
        <message>
            <source>AV1: small</source>
            <translation>AV1: klein</translation>
        </message>
        <message>
            <source>Chosen (%1)</source>
            <translation>Gewählte (%1)</translation>
        </message>
        <message>
            <source>Its own correction</source>
            <translation>Ihre eigene Korrektur</translation>
        </message>
        <message>
            <source>No frames to render yet.</source>
            <translation>Noch keine Bilder zu rendern.</translation>
        </message>
        <message>
            <source>%1 frame as %2.</source>
            <translation>%1 Bild als %2.</translation>
        </message>
        <message>
            <source>%1 frames as %2.</source>
            <translation>%1 Bilder als %2.</translation>
        </message>
    </context>
    <context>
        <name>refero::FramesChoice</name>
        <message>
            <source>As the frame</source>
            <translation>Wie das Bild</translation>
        </message>
        <message>
            <source>Setup, number</source>
            <translation>Aufbau, Nummer</translation>
        </message>
        <message>
            <source>Setup, frame</source>
            <translation>Aufbau, Bild</translation>
        </message>
        <message>
            <source>Date, frame</source>
            <translation>Datum, Bild</translation>
        </message>
        <message>
            <source>A pattern of mine</source>
            <translation>Ein eigenes Muster</translation>
        </message>
        <message>
            <source>This setup</source>
            <translation>Dieser Aufbau</translation>
        </message>
        <message>
            <source>Whole shoot</source>
            <translation>Ganzer Dreh</translation>
        </message>
        <message>
            <source>None</source>
            <translation>Keine</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Wie es ist</translation>
        </message>
        <message>
            <source>Pattern of the names</source>
            <translation>Muster der Namen</translation>
        </message>
        <message>
            <source>{frame} is the frame's own name; {n}, {space}, {setup}, {body}, {light}, {place} and {date} can be in it.</source>
            <translation>{frame} ist der eigene Name des Bildes; {n}, {space}, {setup}, {body}, {light}, {place} und {date} können darin sein.</translation>
        </message>
        <message>
            <source>By</source>
            <translation>Durch</translation>
        </message>
        <message>
            <source>Frames</source>
            <translation>Bilder</translation>
        </message>
        <message>
            <source>By which correction</source>
            <translation>Durch welche Korrektur</translation>
        </message>
        <message>
            <source>Because</source>
            <translation>Weil</translation>
        </message>
        <message>
            <source>Why this correction serves them</source>
            <translation>Warum diese Korrektur ihnen dient</translation>
        </message>
        <message>
            <source>Why this one serves frames that the rules give another</source>
            <translation>Warum diese Bildern dient, denen die Regeln eine andere geben</translation>
        </message>
        <message>
            <source>Clips as</source>
            <translation>Clips als</translation>
        </message>
        <message>
            <source>What clips become</source>
            <translation>Was aus Clips wird</translation>
        </message>
        <message>
            <source>One clip keeps its rate, sound, timecode and colour tags; both kinds have 10 bits.</source>
            <translation>Ein Clip behält Rate, Ton, Timecode und Farbangaben; beide Arten haben 10 Bit.</translation>
        </message>
        <message>
            <source>A folder of pictures</source>
            <translation>Ein Ordner mit Bildern</translation>
        </message>
        <message>
            <source>FFV1: no loss</source>
            <translation>FFV1: ohne Verlust</translation>
        </message>
        <message>
            <source>AV1: small</source>
            <translation>AV1: klein</translation>
        </message>
        <message>
            <source>Chosen (%1)</source>
            <translation>Gewählte (%1)</translation>
        </message>
        <message>
            <source>Its own correction</source>
            <translation>Ihre eigene Korrektur</translation>
        </message>
        <message>
            <source>No frames to render yet.</source>
            <translation>Noch keine Bilder zu rendern.</translation>
        </message>
        <message>
            <source>%1 frame as %2.</source>
            <translation>%1 Bild als %2.</translation>
        </message>
        <message>
            <source>%1 frames as %2.</source>
            <translation>%1 Bilder als %2.</translation>
        </message>
    </context>
    <context>
        <name>FramesStation</name>
        <message>
            <source>Import frames</source>
            <translation>Bilder einbringen</translation>
        </message>
        <message>
            <source>Or drop files, folders or a card on the window.</source>
            <translation>Oder legen Sie Dateien, Ordner oder eine Karte auf dem Fenster ab.</translation>
        </message>
        <message>
            <source>What becomes of the files</source>
            <translation>Was mit den Dateien geschieht</translation>
        </message>
        <message>
            <source>Files stay in place</source>
            <translation>Dateien bleiben am Ort</translation>
        </message>
        <message>
            <source>Copy them, verified, to...</source>
            <translation>Geprüft kopieren nach ...</translation>
        </message>
        <message>
            <source>A verified copy is read again from the disk and compared.</source>
            <translation>Eine geprüfte Kopie wird vom Datenträger zurückgelesen und verglichen.</translation>
        </message>
        <message>
            <source>On set</source>
            <translation>Am Set</translation>
        </message>
        <message>
            <source>Watch the folder that a camera shoots into, and judge every chart shot at once.</source>
            <translation>Den Ordner beobachten, in den eine Kamera aufnimmt, und jede Tafelaufnahme sofort beurteilen.</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>Anhalten</translation>
        </message>
        <message>
            <source>What came in so far stays.</source>
            <translation>Was bisher hereinkam, bleibt.</translation>
        </message>
        <message>
            <source>Frames shown</source>
            <translation>Gezeigte Bilder</translation>
        </message>
        <message>
            <source>All frames</source>
            <translation>Alle Bilder</translation>
        </message>
        <message>
            <source>Chart frames</source>
            <translation>Tafelbilder</translation>
        </message>
        <message>
            <source>In no setup</source>
            <translation>In keinem Aufbau</translation>
        </message>
        <message>
            <source>Doubtful</source>
            <translation>Zweifelhafte</translation>
        </message>
        <message>
            <source>Grey cards</source>
            <translation>Graukarten</translation>
        </message>
        <message>
            <source>Order of the frames</source>
            <translation>Reihenfolge der Bilder</translation>
        </message>
        <message>
            <source>By time</source>
            <translation>Nach Zeit</translation>
        </message>
        <message>
            <source>By name</source>
            <translation>Nach Name</translation>
        </message>
        <message>
            <source>Charts first</source>
            <translation>Tafeln zuerst</translation>
        </message>
        <message>
            <source>Setup of the chosen frames</source>
            <translation>Aufbau der gewählten Bilder</translation>
        </message>
        <message>
            <source>Camera clock slow by</source>
            <translation>Kamerauhr geht nach um</translation>
        </message>
        <message>
            <source>How far this camera's clock was behind, as 0:03:20; -1:00:00 where it was ahead. All frames of this body move, and are sorted anew.</source>
            <translation>Um wie viel die Uhr dieser Kamera nachging, als 0:03:20; -1:00:00, wo sie vorging. Alle Bilder dieses Gehäuses rücken und werden neu sortiert.</translation>
        </message>
        <message>
            <source>New setup from selection</source>
            <translation>Neuer Aufbau aus der Auswahl</translation>
        </message>
        <message>
            <source>A new setup with their body and lens; name it with F2.</source>
            <translation>Ein neuer Aufbau mit ihrem Gehäuse und Objektiv; benennen Sie ihn mit F2.</translation>
        </message>
        <message>
            <source>Begin this proposed setup</source>
            <translation>Diesen vorgeschlagenen Aufbau beginnen</translation>
        </message>
        <message>
            <source>With all of its frames; its chart shot is read.</source>
            <translation>Mit allen seinen Bildern; seine Tafelaufnahme wird gemessen.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Übergeben</translation>
        </message>
        <message>
            <source>To the handover, with these frames as what goes out.</source>
            <translation>Zur Übergabe, mit diesen Bildern als dem, was hinausgeht.</translation>
        </message>
        <message>
            <source>What could not be brought in</source>
            <translation>Was nicht eingebracht werden konnte</translation>
        </message>
        <message>
            <source>Drop the day's card here</source>
            <translation>Legen Sie hier die Karte des Tages ab</translation>
        </message>
        <message>
            <source>Copy the frames into</source>
            <translation>Bilder kopieren nach</translation>
        </message>
        <message>
            <source>Copy to %1</source>
            <translation>Nach %1 kopieren</translation>
        </message>
        <message>
            <source>A verified copy is read again and compared.</source>
            <translation>Eine geprüfte Kopie wird zurückgelesen und verglichen.</translation>
        </message>
        <message>
            <source>No frame chosen</source>
            <translation>Kein Bild gewählt</translation>
        </message>
        <message>
            <source>Drag frames onto another setup to correct what was sorted wrongly.</source>
            <translation>Ziehen Sie Bilder auf einen anderen Aufbau, um falsch Sortiertes zu berichtigen.</translation>
        </message>
        <message>
            <source>Proposed: %1</source>
            <translation>Vorgeschlagen: %1</translation>
        </message>
        <message>
            <source>A light of its own</source>
            <translation>Ein eigenes Licht</translation>
        </message>
        <message>
            <source>Looking for files</source>
            <translation>Dateien werden gesucht</translation>
        </message>
        <message>
            <source>Frame %1 of %2</source>
            <translation>Bild %1 von %2</translation>
        </message>
    </context>
    <context>
        <name>refero::FramesStation</name>
        <message>
            <source>Import frames</source>
            <translation>Bilder einbringen</translation>
        </message>
        <message>
            <source>Or drop files, folders or a card on the window.</source>
            <translation>Oder legen Sie Dateien, Ordner oder eine Karte auf dem Fenster ab.</translation>
        </message>
        <message>
            <source>What becomes of the files</source>
            <translation>Was mit den Dateien geschieht</translation>
        </message>
        <message>
            <source>Files stay in place</source>
            <translation>Dateien bleiben am Ort</translation>
        </message>
        <message>
            <source>Copy them, verified, to...</source>
            <translation>Geprüft kopieren nach ...</translation>
        </message>
        <message>
            <source>A verified copy is read again from the disk and compared.</source>
            <translation>Eine geprüfte Kopie wird vom Datenträger zurückgelesen und verglichen.</translation>
        </message>
        <message>
            <source>On set</source>
            <translation>Am Set</translation>
        </message>
        <message>
            <source>Watch the folder that a camera shoots into, and judge every chart shot at once.</source>
            <translation>Den Ordner beobachten, in den eine Kamera aufnimmt, und jede Tafelaufnahme sofort beurteilen.</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>Anhalten</translation>
        </message>
        <message>
            <source>What came in so far stays.</source>
            <translation>Was bisher hereinkam, bleibt.</translation>
        </message>
        <message>
            <source>Frames shown</source>
            <translation>Gezeigte Bilder</translation>
        </message>
        <message>
            <source>All frames</source>
            <translation>Alle Bilder</translation>
        </message>
        <message>
            <source>Chart frames</source>
            <translation>Tafelbilder</translation>
        </message>
        <message>
            <source>In no setup</source>
            <translation>In keinem Aufbau</translation>
        </message>
        <message>
            <source>Doubtful</source>
            <translation>Zweifelhafte</translation>
        </message>
        <message>
            <source>Grey cards</source>
            <translation>Graukarten</translation>
        </message>
        <message>
            <source>Order of the frames</source>
            <translation>Reihenfolge der Bilder</translation>
        </message>
        <message>
            <source>By time</source>
            <translation>Nach Zeit</translation>
        </message>
        <message>
            <source>By name</source>
            <translation>Nach Name</translation>
        </message>
        <message>
            <source>Charts first</source>
            <translation>Tafeln zuerst</translation>
        </message>
        <message>
            <source>Setup of the chosen frames</source>
            <translation>Aufbau der gewählten Bilder</translation>
        </message>
        <message>
            <source>Camera clock slow by</source>
            <translation>Kamerauhr geht nach um</translation>
        </message>
        <message>
            <source>How far this camera's clock was behind, as 0:03:20; -1:00:00 where it was ahead. All frames of this body move, and are sorted anew.</source>
            <translation>Um wie viel die Uhr dieser Kamera nachging, als 0:03:20; -1:00:00, wo sie vorging. Alle Bilder dieses Gehäuses rücken und werden neu sortiert.</translation>
        </message>
        <message>
            <source>New setup from selection</source>
            <translation>Neuer Aufbau aus der Auswahl</translation>
        </message>
        <message>
            <source>A new setup with their body and lens; name it with F2.</source>
            <translation>Ein neuer Aufbau mit ihrem Gehäuse und Objektiv; benennen Sie ihn mit F2.</translation>
        </message>
        <message>
            <source>Begin this proposed setup</source>
            <translation>Diesen vorgeschlagenen Aufbau beginnen</translation>
        </message>
        <message>
            <source>With all of its frames; its chart shot is read.</source>
            <translation>Mit allen seinen Bildern; seine Tafelaufnahme wird gemessen.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Übergeben</translation>
        </message>
        <message>
            <source>To the handover, with these frames as what goes out.</source>
            <translation>Zur Übergabe, mit diesen Bildern als dem, was hinausgeht.</translation>
        </message>
        <message>
            <source>What could not be brought in</source>
            <translation>Was nicht eingebracht werden konnte</translation>
        </message>
        <message>
            <source>Drop the day's card here</source>
            <translation>Legen Sie hier die Karte des Tages ab</translation>
        </message>
        <message>
            <source>Copy the frames into</source>
            <translation>Bilder kopieren nach</translation>
        </message>
        <message>
            <source>Copy to %1</source>
            <translation>Nach %1 kopieren</translation>
        </message>
        <message>
            <source>A verified copy is read again and compared.</source>
            <translation>Eine geprüfte Kopie wird zurückgelesen und verglichen.</translation>
        </message>
        <message>
            <source>No frame chosen</source>
            <translation>Kein Bild gewählt</translation>
        </message>
        <message>
            <source>Drag frames onto another setup to correct what was sorted wrongly.</source>
            <translation>Ziehen Sie Bilder auf einen anderen Aufbau, um falsch Sortiertes zu berichtigen.</translation>
        </message>
        <message>
            <source>Proposed: %1</source>
            <translation>Vorgeschlagen: %1</translation>
        </message>
        <message>
            <source>A light of its own</source>
            <translation>Ein eigenes Licht</translation>
        </message>
        <message>
            <source>Looking for files</source>
            <translation>Dateien werden gesucht</translation>
        </message>
        <message>
            <source>Frame %1 of %2</source>
            <translation>Bild %1 von %2</translation>
        </message>
    </context>
    <context>
        <name>FramingView</name>
        <message>
            <source>The chart covers %1 % of the frame</source>
            <translation>Die Tafel bedeckt %1 % des Bildes</translation>
        </message>
        <message>
            <source>The chart in the frame: not known yet</source>
            <translation>Die Tafel im Bild: noch nicht bekannt</translation>
        </message>
        <message>
            <source>The chart takes %1 % of the frame.</source>
            <translation>Die Tafel nimmt %1 % des Bildes ein.</translation>
        </message>
        <message>
            <source>What the chart takes of the frame cannot be told yet.</source>
            <translation>Was die Tafel vom Bild einnimmt, ist noch nicht zu sagen.</translation>
        </message>
    </context>
    <context>
        <name>refero::FramingView</name>
        <message>
            <source>The chart covers %1 % of the frame</source>
            <translation>Die Tafel bedeckt %1 % des Bildes</translation>
        </message>
        <message>
            <source>The chart in the frame: not known yet</source>
            <translation>Die Tafel im Bild: noch nicht bekannt</translation>
        </message>
        <message>
            <source>The chart takes %1 % of the frame.</source>
            <translation>Die Tafel nimmt %1 % des Bildes ein.</translation>
        </message>
        <message>
            <source>What the chart takes of the frame cannot be told yet.</source>
            <translation>Was die Tafel vom Bild einnimmt, ist noch nicht zu sagen.</translation>
        </message>
    </context>
    <context>
        <name>GreyList</name>
        <message>
            <source>Greys to balance on</source>
            <translation>Grautöne zum Abgleichen</translation>
        </message>
        <message>
            <source>Hold Shift and draw over something that looks grey.</source>
            <translation>Halten Sie die Umschalttaste und ziehen Sie über etwas, das grau aussieht.</translation>
        </message>
    </context>
    <context>
        <name>refero::GreyList</name>
        <message>
            <source>Greys to balance on</source>
            <translation>Grautöne zum Abgleichen</translation>
        </message>
        <message>
            <source>Hold Shift and draw over something that looks grey.</source>
            <translation>Halten Sie die Umschalttaste und ziehen Sie über etwas, das grau aussieht.</translation>
        </message>
    </context>
    <context>
        <name>HandoverActions</name>
        <message>
            <source>Writing</source>
            <translation>Wird geschrieben</translation>
        </message>
        <message>
            <source>Left as it was there</source>
            <translation>Gelassen, wie es dort war</translation>
        </message>
        <message>
            <source>Written</source>
            <translation>Geschrieben</translation>
        </message>
        <message>
            <source>Leaves %1 on average, %2 at most</source>
            <translation>Lässt im Mittel %1, höchstens %2</translation>
        </message>
    </context>
    <context>
        <name>refero::HandoverActions</name>
        <message>
            <source>Writing</source>
            <translation>Wird geschrieben</translation>
        </message>
        <message>
            <source>Left as it was there</source>
            <translation>Gelassen, wie es dort war</translation>
        </message>
        <message>
            <source>Written</source>
            <translation>Geschrieben</translation>
        </message>
        <message>
            <source>Leaves %1 on average, %2 at most</source>
            <translation>Lässt im Mittel %1, höchstens %2</translation>
        </message>
    </context>
    <context>
        <name>HandoverStation</name>
        <message>
            <source>Holds all of it.</source>
            <translation>Fasst alles davon.</translation>
        </message>
        <message>
            <source>Check frame</source>
            <translation>Prüfbild</translation>
        </message>
        <message>
            <source>A frame as a plate, seen through the view; held against the graded picture.</source>
            <translation>Ein Bild als Plate, durch die Ansicht gesehen; mit dem gegradeten Bild verglichen.</translation>
        </message>
        <message>
            <source>Recipe</source>
            <translation>Rezept</translation>
        </message>
        <message>
            <source>What wheels, curves and hue controls cannot do; it says how much that is.</source>
            <translation>Was Räder, Kurven und Farbtonregler nicht können; es sagt, wie viel das ist.</translation>
        </message>
        <message>
            <source>Report</source>
            <translation>Bericht</translation>
        </message>
        <message>
            <source>No correction: figures and pictures.</source>
            <translation>Keine Korrektur: Zahlen und Bilder.</translation>
        </message>
        <message>
            <source>To the correction</source>
            <translation>Zur Korrektur</translation>
        </message>
        <message>
            <source>No setup is chosen. Bring in a chart shot, or plan the day.</source>
            <translation>Kein Aufbau ist gewählt. Bringen Sie eine Tafelaufnahme ein, oder planen Sie den Tag.</translation>
        </message>
        <message>
            <source>The chart of %1 serves %2, too; it has no correction yet.</source>
            <translation>Die Tafel von %1 dient auch %2; sie hat noch keine Korrektur.</translation>
        </message>
        <message>
            <source>The chart of %1 serves %2, too: its frames go out by that correction.</source>
            <translation>Die Tafel von %1 dient auch %2: seine Bilder gehen mit jener Korrektur hinaus.</translation>
        </message>
        <message>
            <source>Hand its frames over</source>
            <translation>Seine Bilder übergeben</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Übergeben</translation>
        </message>
        <message>
            <source>Asks for a folder, writes all of it there and reads each file back.</source>
            <translation>Fragt nach einem Ordner, schreibt alles dorthin und liest jede Datei zurück.</translation>
        </message>
        <message>
            <source>What goes out</source>
            <translation>Was hinausgeht</translation>
        </message>
        <message>
            <source>Base tone curve</source>
            <translation>Grundtonkurve</translation>
        </message>
        <message>
            <source>Straight</source>
            <translation>Gerade</translation>
        </message>
        <message>
            <source>The finish's contrast</source>
            <translation>Der Kontrast des Finishs</translation>
        </message>
        <message>
            <source>Search what went out</source>
            <translation>Suchen, was hinausging</translation>
        </message>
        <message>
            <source>Search</source>
            <translation>Suchen</translation>
        </message>
        <message>
            <source>Show the file</source>
            <translation>Datei zeigen</translation>
        </message>
        <message>
            <source>Opens its folder in the file manager.</source>
            <translation>Öffnet seinen Ordner im Dateiverwalter.</translation>
        </message>
        <message>
            <source>Go on with these frames</source>
            <translation>Mit diesen Bildern weitermachen</translation>
        </message>
        <message>
            <source>Does what is left of a job of frames; what is finished is kept.</source>
            <translation>Tut, was von einem Bilderauftrag übrig ist; Fertiges bleibt.</translation>
        </message>
        <message>
            <source>Nothing yet. Whatever goes out of this setup is kept here, with what another engine made of it; it is marked as out of date when the correction changes.</source>
            <translation>Noch nichts. Was aus diesem Aufbau hinausgeht, wird hier festgehalten, mit dem, was ein anderes Programm daraus machte; es wird als veraltet markiert, wenn sich die Korrektur ändert.</translation>
        </message>
        <message>
            <source>What went out of this setup</source>
            <translation>Was aus diesem Aufbau hinausging</translation>
        </message>
        <message>
            <source>Into which folder for the %1</source>
            <translation>In welchen Ordner für: %1</translation>
        </message>
    </context>
    <context>
        <name>refero::HandoverStation</name>
        <message>
            <source>Holds all of it.</source>
            <translation>Fasst alles davon.</translation>
        </message>
        <message>
            <source>Check frame</source>
            <translation>Prüfbild</translation>
        </message>
        <message>
            <source>A frame as a plate, seen through the view; held against the graded picture.</source>
            <translation>Ein Bild als Plate, durch die Ansicht gesehen; mit dem gegradeten Bild verglichen.</translation>
        </message>
        <message>
            <source>Recipe</source>
            <translation>Rezept</translation>
        </message>
        <message>
            <source>What wheels, curves and hue controls cannot do; it says how much that is.</source>
            <translation>Was Räder, Kurven und Farbtonregler nicht können; es sagt, wie viel das ist.</translation>
        </message>
        <message>
            <source>Report</source>
            <translation>Bericht</translation>
        </message>
        <message>
            <source>No correction: figures and pictures.</source>
            <translation>Keine Korrektur: Zahlen und Bilder.</translation>
        </message>
        <message>
            <source>To the correction</source>
            <translation>Zur Korrektur</translation>
        </message>
        <message>
            <source>No setup is chosen. Bring in a chart shot, or plan the day.</source>
            <translation>Kein Aufbau ist gewählt. Bringen Sie eine Tafelaufnahme ein, oder planen Sie den Tag.</translation>
        </message>
        <message>
            <source>The chart of %1 serves %2, too; it has no correction yet.</source>
            <translation>Die Tafel von %1 dient auch %2; sie hat noch keine Korrektur.</translation>
        </message>
        <message>
            <source>The chart of %1 serves %2, too: its frames go out by that correction.</source>
            <translation>Die Tafel von %1 dient auch %2: seine Bilder gehen mit jener Korrektur hinaus.</translation>
        </message>
        <message>
            <source>Hand its frames over</source>
            <translation>Seine Bilder übergeben</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Übergeben</translation>
        </message>
        <message>
            <source>Asks for a folder, writes all of it there and reads each file back.</source>
            <translation>Fragt nach einem Ordner, schreibt alles dorthin und liest jede Datei zurück.</translation>
        </message>
        <message>
            <source>What goes out</source>
            <translation>Was hinausgeht</translation>
        </message>
        <message>
            <source>Base tone curve</source>
            <translation>Grundtonkurve</translation>
        </message>
        <message>
            <source>Straight</source>
            <translation>Gerade</translation>
        </message>
        <message>
            <source>The finish's contrast</source>
            <translation>Der Kontrast des Finishs</translation>
        </message>
        <message>
            <source>Search what went out</source>
            <translation>Suchen, was hinausging</translation>
        </message>
        <message>
            <source>Search</source>
            <translation>Suchen</translation>
        </message>
        <message>
            <source>Show the file</source>
            <translation>Datei zeigen</translation>
        </message>
        <message>
            <source>Opens its folder in the file manager.</source>
            <translation>Öffnet seinen Ordner im Dateiverwalter.</translation>
        </message>
        <message>
            <source>Go on with these frames</source>
            <translation>Mit diesen Bildern weitermachen</translation>
        </message>
        <message>
            <source>Does what is left of a job of frames; what is finished is kept.</source>
            <translation>Tut, was von einem Bilderauftrag übrig ist; Fertiges bleibt.</translation>
        </message>
        <message>
            <source>Nothing yet. Whatever goes out of this setup is kept here, with what another engine made of it; it is marked as out of date when the correction changes.</source>
            <translation>Noch nichts. Was aus diesem Aufbau hinausgeht, wird hier festgehalten, mit dem, was ein anderes Programm daraus machte; es wird als veraltet markiert, wenn sich die Korrektur ändert.</translation>
        </message>
        <message>
            <source>What went out of this setup</source>
            <translation>Was aus diesem Aufbau hinausging</translation>
        </message>
        <message>
            <source>Into which folder for the %1</source>
            <translation>In welchen Ordner für: %1</translation>
        </message>
    </context>
    <context>
        <name>HelpWindow</name>
        <message>
            <source>Guide to Refero</source>
            <translation>Handbuch zu Refero</translation>
        </message>
        <message>
            <source>Back</source>
            <translation>Zurück</translation>
        </message>
        <message>
            <source>Forward</source>
            <translation>Vor</translation>
        </message>
        <message>
            <source>Search the guide</source>
            <translation>Im Handbuch suchen</translation>
        </message>
        <message>
            <source>Contents</source>
            <translation>Inhalt</translation>
        </message>
        <message>
            <source>The guide</source>
            <translation>Das Handbuch</translation>
        </message>
        <message>
            <source>The guide is not beside the program. It is installed with the package.</source>
            <translation>Das Handbuch liegt nicht beim Programm. Es wird mit dem Paket installiert.</translation>
        </message>
        <message>
            <source>Next: %1</source>
            <translation>Weiter: %1</translation>
        </message>
        <message>
            <source>Nothing has these words.</source>
            <translation>Nichts enthält diese Wörter.</translation>
        </message>
        <message numerus="yes">
            <source>In %n parts:</source>
            <translation>
                <numerusform>In %n Teil:</numerusform>
                <numerusform>In %n Teilen:</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::HelpWindow</name>
        <message>
            <source>Guide to Refero</source>
            <translation>Handbuch zu Refero</translation>
        </message>
        <message>
            <source>Back</source>
            <translation>Zurück</translation>
        </message>
        <message>
            <source>Forward</source>
            <translation>Vor</translation>
        </message>
        <message>
            <source>Search the guide</source>
            <translation>Im Handbuch suchen</translation>
        </message>
        <message>
            <source>Contents</source>
            <translation>Inhalt</translation>
        </message>
        <message>
            <source>The guide</source>
            <translation>Das Handbuch</translation>
        </message>
        <message>
            <source>The guide is not beside the program. It is installed with the package.</source>
            <translation>Das Handbuch liegt nicht beim Programm. Es wird mit dem Paket installiert.</translation>
        </message>
        <message>
            <source>Next: %1</source>
            <translation>Weiter: %1</translation>
        </message>
        <message>
            <source>Nothing has these words.</source>
            <translation>Nichts enthält diese Wörter.</translation>
        </message>
        <message numerus="yes">
            <source>In %n parts:</source>
            <translation>
                <numerusform>In %n Teil:</numerusform>
                <numerusform>In %n Teilen:</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>HistoryModel</name>
        <message>
            <source>Report (.%1)</source>
            <translation>Bericht (.%1)</translation>
        </message>
        <message>
            <source>Recipe (.%1)</source>
            <translation>Rezept (.%1)</translation>
        </message>
        <message>
            <source>As written</source>
            <translation>Wie geschrieben</translation>
        </message>
        <message>
            <source>Out of date</source>
            <translation>Veraltet</translation>
        </message>
        <message>
            <source>Up to date</source>
            <translation>Aktuell</translation>
        </message>
    </context>
    <context>
        <name>refero::HistoryModel</name>
        <message>
            <source>Report (.%1)</source>
            <translation>Bericht (.%1)</translation>
        </message>
        <message>
            <source>Recipe (.%1)</source>
            <translation>Rezept (.%1)</translation>
        </message>
        <message>
            <source>As written</source>
            <translation>Wie geschrieben</translation>
        </message>
        <message>
            <source>Out of date</source>
            <translation>Veraltet</translation>
        </message>
        <message>
            <source>Up to date</source>
            <translation>Aktuell</translation>
        </message>
    </context>
    <context>
        <name>IntakeActions</name>
        <message>
            <source>Other frames are still coming in; bring these in after them.</source>
            <translation>Andere Bilder kommen noch herein; bringen Sie diese danach ein.</translation>
        </message>
        <message numerus="yes">
            <source>New setup from %n frames</source>
            <translation>
                <numerusform>Neuer Aufbau aus %n Bild</numerusform>
                <numerusform>Neuer Aufbau aus %n Bildern</numerusform>
            </translation>
        </message>
        <message>
            <source>Put a frame into %1</source>
            <translation>Ein Bild in %1 legen</translation>
        </message>
        <message>
            <source>Put %1 frames into %2</source>
            <translation>%1 Bilder in %2 legen</translation>
        </message>
        <message numerus="yes">
            <source>%n frames stay: their setups were read from them.</source>
            <translation>
                <numerusform>%n Bild bleibt: sein Aufbau wurde daraus gemessen.</numerusform>
                <numerusform>%n Bilder bleiben: ihre Aufbauten wurden daraus gemessen.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>Take %n frames out</source>
            <translation>
                <numerusform>%n Bild herausnehmen</numerusform>
                <numerusform>%n Bilder herausnehmen</numerusform>
            </translation>
        </message>
        <message>
            <source>Take another moment of the clip</source>
            <translation>Einen anderen Moment des Clips nehmen</translation>
        </message>
        <message>
            <source>Set the clock of %1</source>
            <translation>Die Uhr von %1 stellen</translation>
        </message>
    </context>
    <context>
        <name>refero::IntakeActions</name>
        <message>
            <source>Other frames are still coming in; bring these in after them.</source>
            <translation>Andere Bilder kommen noch herein; bringen Sie diese danach ein.</translation>
        </message>
        <message numerus="yes">
            <source>New setup from %n frames</source>
            <translation>
                <numerusform>Neuer Aufbau aus %n Bild</numerusform>
                <numerusform>Neuer Aufbau aus %n Bildern</numerusform>
            </translation>
        </message>
        <message>
            <source>Put a frame into %1</source>
            <translation>Ein Bild in %1 legen</translation>
        </message>
        <message>
            <source>Put %1 frames into %2</source>
            <translation>%1 Bilder in %2 legen</translation>
        </message>
        <message numerus="yes">
            <source>%n frames stay: their setups were read from them.</source>
            <translation>
                <numerusform>%n Bild bleibt: sein Aufbau wurde daraus gemessen.</numerusform>
                <numerusform>%n Bilder bleiben: ihre Aufbauten wurden daraus gemessen.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>Take %n frames out</source>
            <translation>
                <numerusform>%n Bild herausnehmen</numerusform>
                <numerusform>%n Bilder herausnehmen</numerusform>
            </translation>
        </message>
        <message>
            <source>Take another moment of the clip</source>
            <translation>Einen anderen Moment des Clips nehmen</translation>
        </message>
        <message>
            <source>Set the clock of %1</source>
            <translation>Die Uhr von %1 stellen</translation>
        </message>
    </context>
    <context>
        <name>JudgingView</name>
        <message>
            <source>Picture</source>
            <translation>Bild</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Ansicht</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Wischen</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Nebeneinander</translation>
        </message>
        <message>
            <source>Four up</source>
            <translation>Vier</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>Unterschied</translation>
        </message>
        <message>
            <source>Against</source>
            <translation>Gegen</translation>
        </message>
        <message>
            <source>Warn of</source>
            <translation>Warnen vor</translation>
        </message>
        <message>
            <source>Nothing</source>
            <translation>Nichts</translation>
        </message>
        <message>
            <source>Outside %1</source>
            <translation>Außerhalb %1</translation>
        </message>
        <message>
            <source>Keep a snapshot</source>
            <translation>Schnappschuss behalten</translation>
        </message>
        <message>
            <source>Keeps the correction as it is now, to hold others against it.</source>
            <translation>Behält die Korrektur, wie sie jetzt ist, um andere damit zu vergleichen.</translation>
        </message>
        <message>
            <source>Balance alone</source>
            <translation>Abgleich allein</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Wie aufgenommen</translation>
        </message>
        <message>
            <source>Without finish</source>
            <translation>Ohne Finish</translation>
        </message>
        <message>
            <source>Keep</source>
            <translation>Behalten</translation>
        </message>
        <message>
            <source>Corrected</source>
            <translation>Korrigiert</translation>
        </message>
    </context>
    <context>
        <name>refero::JudgingView</name>
        <message>
            <source>Picture</source>
            <translation>Bild</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Ansicht</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Wischen</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Nebeneinander</translation>
        </message>
        <message>
            <source>Four up</source>
            <translation>Vier</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>Unterschied</translation>
        </message>
        <message>
            <source>Against</source>
            <translation>Gegen</translation>
        </message>
        <message>
            <source>Warn of</source>
            <translation>Warnen vor</translation>
        </message>
        <message>
            <source>Nothing</source>
            <translation>Nichts</translation>
        </message>
        <message>
            <source>Outside %1</source>
            <translation>Außerhalb %1</translation>
        </message>
        <message>
            <source>Keep a snapshot</source>
            <translation>Schnappschuss behalten</translation>
        </message>
        <message>
            <source>Keeps the correction as it is now, to hold others against it.</source>
            <translation>Behält die Korrektur, wie sie jetzt ist, um andere damit zu vergleichen.</translation>
        </message>
        <message>
            <source>Balance alone</source>
            <translation>Abgleich allein</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Wie aufgenommen</translation>
        </message>
        <message>
            <source>Without finish</source>
            <translation>Ohne Finish</translation>
        </message>
        <message>
            <source>Keep</source>
            <translation>Behalten</translation>
        </message>
        <message>
            <source>Corrected</source>
            <translation>Korrigiert</translation>
        </message>
    </context>
    <context>
        <name>KitFields</name>
        <message>
            <source>any change</source>
            <translation>jeder Änderung</translation>
        </message>
        <message>
            <source>usual changes</source>
            <translation>Üblichem</translation>
        </message>
        <message>
            <source>great changes</source>
            <translation>großen Änderungen</translation>
        </message>
    </context>
    <context>
        <name>refero::KitFields</name>
        <message>
            <source>any change</source>
            <translation>jeder Änderung</translation>
        </message>
        <message>
            <source>usual changes</source>
            <translation>Üblichem</translation>
        </message>
        <message>
            <source>great changes</source>
            <translation>großen Änderungen</translation>
        </message>
    </context>
    <context>
        <name>KitKind</name>
        <message>
            <source>%1 assumed</source>
            <translation>%1 angenommen</translation>
        </message>
        <message>
            <source>%1 to %2 mm</source>
            <translation>%1 bis %2 mm</translation>
        </message>
    </context>
    <context>
        <name>refero::KitKind</name>
        <message>
            <source>%1 assumed</source>
            <translation>%1 angenommen</translation>
        </message>
        <message>
            <source>%1 to %2 mm</source>
            <translation>%1 bis %2 mm</translation>
        </message>
    </context>
    <context>
        <name>KitPage</name>
        <message>
            <source>Done</source>
            <translation>Fertig</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Herausnehmen</translation>
        </message>
        <message>
            <source>Choose a line to see it, or enter what you own</source>
            <translation>Wählen Sie eine Zeile, um sie zu sehen, oder tragen Sie ein, was Sie haben</translation>
        </message>
    </context>
    <context>
        <name>refero::KitPage</name>
        <message>
            <source>Done</source>
            <translation>Fertig</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Herausnehmen</translation>
        </message>
        <message>
            <source>Choose a line to see it, or enter what you own</source>
            <translation>Wählen Sie eine Zeile, um sie zu sehen, oder tragen Sie ein, was Sie haben</translation>
        </message>
    </context>
    <context>
        <name>LadderPlot</name>
        <message>
            <source>Neutral ladder</source>
            <translation>Grauleiter</translation>
        </message>
        <message>
            <source>No usable grey step</source>
            <translation>Keine brauchbare Graustufe</translation>
        </message>
        <message>
            <source>No grey is usable.</source>
            <translation>Kein Grau ist brauchbar.</translation>
        </message>
        <message>
            <source>Lightness %1: red %2 %, green %3 %, blue %4 %.</source>
            <translation>Helligkeit %1: Rot %2 %, Grün %3 %, Blau %4 %.</translation>
        </message>
    </context>
    <context>
        <name>refero::LadderPlot</name>
        <message>
            <source>Neutral ladder</source>
            <translation>Grauleiter</translation>
        </message>
        <message>
            <source>No usable grey step</source>
            <translation>Keine brauchbare Graustufe</translation>
        </message>
        <message>
            <source>No grey is usable.</source>
            <translation>Kein Grau ist brauchbar.</translation>
        </message>
        <message>
            <source>Lightness %1: red %2 %, green %3 %, blue %4 %.</source>
            <translation>Helligkeit %1: Rot %2 %, Grün %3 %, Blau %4 %.</translation>
        </message>
    </context>
    <context>
        <name>Ledger</name>
        <message>
            <source>Filter the setups</source>
            <translation>Aufbauten filtern</translation>
        </message>
        <message>
            <source>Filter</source>
            <translation>Filtern</translation>
        </message>
        <message>
            <source>Words of place, light, body, lens or what is due; Escape clears it.</source>
            <translation>Wörter aus Ort, Licht, Gehäuse, Objektiv oder was fällig ist; Esc leert es.</translation>
        </message>
        <message>
            <source>Setups</source>
            <translation>Aufbauten</translation>
        </message>
        <message>
            <source>No setups yet</source>
            <translation>Noch keine Aufbauten</translation>
        </message>
        <message>
            <source>1 setup, %1 left</source>
            <translation>1 Aufbau, %1 übrig</translation>
        </message>
        <message>
            <source>%1 setups, %2 left</source>
            <translation>%1 Aufbauten, %2 übrig</translation>
        </message>
        <message>
            <source>, %1 to redo</source>
            <translation>, %1 neu zu machen</translation>
        </message>
    </context>
    <context>
        <name>refero::Ledger</name>
        <message>
            <source>Filter the setups</source>
            <translation>Aufbauten filtern</translation>
        </message>
        <message>
            <source>Filter</source>
            <translation>Filtern</translation>
        </message>
        <message>
            <source>Words of place, light, body, lens or what is due; Escape clears it.</source>
            <translation>Wörter aus Ort, Licht, Gehäuse, Objektiv oder was fällig ist; Esc leert es.</translation>
        </message>
        <message>
            <source>Setups</source>
            <translation>Aufbauten</translation>
        </message>
        <message>
            <source>No setups yet</source>
            <translation>Noch keine Aufbauten</translation>
        </message>
        <message>
            <source>1 setup, %1 left</source>
            <translation>1 Aufbau, %1 übrig</translation>
        </message>
        <message>
            <source>%1 setups, %2 left</source>
            <translation>%1 Aufbauten, %2 übrig</translation>
        </message>
        <message>
            <source>, %1 to redo</source>
            <translation>, %1 neu zu machen</translation>
        </message>
    </context>
    <context>
        <name>LedgerModel</name>
        <message>
            <source>Body and lens not stated</source>
            <translation>Gehäuse und Objektiv nicht angegeben</translation>
        </message>
    </context>
    <context>
        <name>refero::LedgerModel</name>
        <message>
            <source>Body and lens not stated</source>
            <translation>Gehäuse und Objektiv nicht angegeben</translation>
        </message>
    </context>
    <context>
        <name>LevelsPage</name>
        <message>
            <source>Colours</source>
            <translation>Farben</translation>
        </message>
        <message>
            <source>Groups of the chart's patches.</source>
            <translation>Gruppen der Felder der Tafel.</translation>
        </message>
        <message>
            <source>Chroma</source>
            <translation>Buntheit</translation>
        </message>
        <message>
            <source>By how much they are stronger or paler than without these levels.</source>
            <translation>Um wie viel sie kräftiger oder blasser sind als ohne diese Pegel.</translation>
        </message>
        <message>
            <source>Hue</source>
            <translation>Farbton</translation>
        </message>
        <message>
            <source>By how many degrees it turns, towards larger hue angles.</source>
            <translation>Um wie viele Grad er sich dreht, zu größeren Farbtonwinkeln.</translation>
        </message>
        <message>
            <source>Apart</source>
            <translation>Abstand</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the colours with and without these levels.</source>
            <translation>Mittleres CIEDE2000 zwischen den Farben mit und ohne diese Pegel.</translation>
        </message>
        <message>
            <source>Black</source>
            <translation>Schwarz</translation>
        </message>
        <message>
            <source>Mid-grey</source>
            <translation>Mittelgrau</translation>
        </message>
        <message>
            <source>White</source>
            <translation>Weiß</translation>
        </message>
        <message>
            <source>What the levels do to colours</source>
            <translation>Was die Pegel mit Farben tun</translation>
        </message>
        <message>
            <source>Grey of the chart for %1</source>
            <translation>Grau der Tafel für %1</translation>
        </message>
        <message>
            <source>The grey of the chart by which this level is set, or none.</source>
            <translation>Das Grau der Tafel, nach dem dieser Pegel gesetzt wird, oder keines.</translation>
        </message>
        <message>
            <source>%1 in per cent of the signal</source>
            <translation>%1 in Prozent des Signals</translation>
        </message>
        <message>
            <source>What that grey is to show, in per cent of a BT.1886 video signal.</source>
            <translation>Was dieses Grau zeigen soll, in Prozent eines BT.1886-Videosignals.</translation>
        </message>
        <message>
            <source>As it comes</source>
            <translation>Wie es kommt</translation>
        </message>
        <message>
            <source>%1, L* %2</source>
            <comment>a patch, its lightness</comment>
            <translation>%1, L* %2</translation>
        </message>
        <message>
            <source>A grey of another shot</source>
            <translation>Ein Grau einer anderen Aufnahme</translation>
        </message>
        <message>
            <source>was %1 %</source>
            <translation>war %1 %</translation>
        </message>
        <message>
            <source>Choose a grey of the chart and the per cent of signal that it is to show. The picture follows; no figure of the correction counts it.</source>
            <translation>Wählen Sie ein Grau der Tafel und die Prozente des Signals, die es zeigen soll. Das Bild folgt; keine Zahl der Korrektur rechnet es ein.</translation>
        </message>
        <message>
            <source>A curve through these levels, the same in each channel, moves colours as well:</source>
            <translation>Eine Kurve durch diese Pegel, in jedem Kanal dieselbe, bewegt auch Farben:</translation>
        </message>
        <message>
            <source>%1 %</source>
            <comment>a change</comment>
            <translation>%1 %</translation>
        </message>
        <message>
            <source>%1°</source>
            <comment>a change</comment>
            <translation>%1°</translation>
        </message>
    </context>
    <context>
        <name>refero::LevelsPage</name>
        <message>
            <source>Colours</source>
            <translation>Farben</translation>
        </message>
        <message>
            <source>Groups of the chart's patches.</source>
            <translation>Gruppen der Felder der Tafel.</translation>
        </message>
        <message>
            <source>Chroma</source>
            <translation>Buntheit</translation>
        </message>
        <message>
            <source>By how much they are stronger or paler than without these levels.</source>
            <translation>Um wie viel sie kräftiger oder blasser sind als ohne diese Pegel.</translation>
        </message>
        <message>
            <source>Hue</source>
            <translation>Farbton</translation>
        </message>
        <message>
            <source>By how many degrees it turns, towards larger hue angles.</source>
            <translation>Um wie viele Grad er sich dreht, zu größeren Farbtonwinkeln.</translation>
        </message>
        <message>
            <source>Apart</source>
            <translation>Abstand</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the colours with and without these levels.</source>
            <translation>Mittleres CIEDE2000 zwischen den Farben mit und ohne diese Pegel.</translation>
        </message>
        <message>
            <source>Black</source>
            <translation>Schwarz</translation>
        </message>
        <message>
            <source>Mid-grey</source>
            <translation>Mittelgrau</translation>
        </message>
        <message>
            <source>White</source>
            <translation>Weiß</translation>
        </message>
        <message>
            <source>What the levels do to colours</source>
            <translation>Was die Pegel mit Farben tun</translation>
        </message>
        <message>
            <source>Grey of the chart for %1</source>
            <translation>Grau der Tafel für %1</translation>
        </message>
        <message>
            <source>The grey of the chart by which this level is set, or none.</source>
            <translation>Das Grau der Tafel, nach dem dieser Pegel gesetzt wird, oder keines.</translation>
        </message>
        <message>
            <source>%1 in per cent of the signal</source>
            <translation>%1 in Prozent des Signals</translation>
        </message>
        <message>
            <source>What that grey is to show, in per cent of a BT.1886 video signal.</source>
            <translation>Was dieses Grau zeigen soll, in Prozent eines BT.1886-Videosignals.</translation>
        </message>
        <message>
            <source>As it comes</source>
            <translation>Wie es kommt</translation>
        </message>
        <message>
            <source>%1, L* %2</source>
            <comment>a patch, its lightness</comment>
            <translation>%1, L* %2</translation>
        </message>
        <message>
            <source>A grey of another shot</source>
            <translation>Ein Grau einer anderen Aufnahme</translation>
        </message>
        <message>
            <source>was %1 %</source>
            <translation>war %1 %</translation>
        </message>
        <message>
            <source>Choose a grey of the chart and the per cent of signal that it is to show. The picture follows; no figure of the correction counts it.</source>
            <translation>Wählen Sie ein Grau der Tafel und die Prozente des Signals, die es zeigen soll. Das Bild folgt; keine Zahl der Korrektur rechnet es ein.</translation>
        </message>
        <message>
            <source>A curve through these levels, the same in each channel, moves colours as well:</source>
            <translation>Eine Kurve durch diese Pegel, in jedem Kanal dieselbe, bewegt auch Farben:</translation>
        </message>
        <message>
            <source>%1 %</source>
            <comment>a change</comment>
            <translation>%1 %</translation>
        </message>
        <message>
            <source>%1°</source>
            <comment>a change</comment>
            <translation>%1°</translation>
        </message>
    </context>
    <context>
        <name>LibraryPage</name>
        <message>
            <source>no date</source>
            <translation>ohne Datum</translation>
        </message>
        <message>
            <source>not yet</source>
            <translation>noch nicht</translation>
        </message>
        <message numerus="yes">
            <source>%n days</source>
            <translation>
                <numerusform>%n Tag</numerusform>
                <numerusform>%n Tage</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n months</source>
            <translation>
                <numerusform>%n Monat</numerusform>
                <numerusform>%n Monate</numerusform>
            </translation>
        </message>
        <message>
            <source>Body</source>
            <translation>Gehäuse</translation>
        </message>
        <message>
            <source>Lens</source>
            <translation>Objektiv</translation>
        </message>
        <message>
            <source>Light</source>
            <translation>Licht</translation>
        </message>
        <message>
            <source>As the plan names its lamp, else as its setup is called.</source>
            <translation>Wie der Plan seine Lampe nennt, sonst wie sein Aufbau heißt.</translation>
        </message>
        <message>
            <source>Shots</source>
            <translation>Aufnahmen</translation>
        </message>
        <message>
            <source>Chart shots that a correction was built from.</source>
            <translation>Tafelaufnahmen, aus denen eine Korrektur gebaut wurde.</translation>
        </message>
        <message>
            <source>Newest</source>
            <translation>Neueste</translation>
        </message>
        <message>
            <source>Age</source>
            <translation>Alter</translation>
        </message>
        <message>
            <source>Spread</source>
            <translation>Streuung</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the newest and the one that is furthest from it, on the chart's patches.</source>
            <translation>Mittleres CIEDE2000 zwischen der neuesten und der am weitesten von ihr entfernten, auf den Feldern der Tafel.</translation>
        </message>
        <message>
            <source>Proof</source>
            <translation>Beleg</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that the latest proof on another chart shot left.</source>
            <translation>Mittleres CIEDE2000, das der letzte Beleg an einer anderen Tafelaufnahme übrig ließ.</translation>
        </message>
        <message>
            <source>Corrections by body, lens and light</source>
            <translation>Korrekturen nach Gehäuse, Objektiv und Licht</translation>
        </message>
        <message>
            <source>Correction</source>
            <translation>Korrektur</translation>
        </message>
        <message>
            <source>Shoot</source>
            <translation>Dreh</translation>
        </message>
        <message>
            <source>Shot on</source>
            <translation>Aufgenommen am</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Übrig</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that it leaves on the chart.</source>
            <translation>Mittleres CIEDE2000, das sie auf der Tafel übrig lässt.</translation>
        </message>
        <message>
            <source>Expected</source>
            <translation>Erwartet</translation>
        </message>
        <message>
            <source>CIEDE2000 to expect of an ordinary colour that is not on the chart.</source>
            <translation>CIEDE2000, das von einer gewöhnlichen Farbe zu erwarten ist, die nicht auf der Tafel ist.</translation>
        </message>
        <message>
            <source>Corrections of the chosen light</source>
            <translation>Korrekturen des gewählten Lichts</translation>
        </message>
        <message>
            <source>Bring in a library</source>
            <translation>Eine Bibliothek einbringen</translation>
        </message>
        <message>
            <source>What another studio has copied out.</source>
            <translation>Was ein anderes Studio hinauskopiert hat.</translation>
        </message>
        <message>
            <source>Copy it out</source>
            <translation>Hinauskopieren</translation>
        </message>
        <message>
            <source>All of it as one file, for another studio.</source>
            <translation>Alles davon als eine Datei, für ein anderes Studio.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Herausnehmen</translation>
        </message>
        <message>
            <source>Those of the chosen light that came from another studio; setups keep theirs.</source>
            <translation>Die des gewählten Lichts, die aus einem anderen Studio kamen; Aufbauten behalten ihre.</translation>
        </message>
        <message>
            <source>A light without a chart shot of its own is lent the colours of its body: from a setup that the plan's rules allow, then from here: the same kind of light, a mix of two, another light. Never those of another body.</source>
            <translation>Einem Licht ohne eigene Tafelaufnahme werden die Farben seines Gehäuses geliehen: von einem Aufbau, den die Regeln des Plans erlauben, dann von hier: dieselbe Lichtart, eine Mischung aus zweien, ein anderes Licht. Nie die eines anderen Gehäuses.</translation>
        </message>
        <message>
            <source>The library is empty</source>
            <translation>Die Bibliothek ist leer</translation>
        </message>
        <message>
            <source>Corrections in the library: %1</source>
            <translation>Korrekturen in der Bibliothek: %1</translation>
        </message>
        <message>
            <source>%1, another studio</source>
            <translation>%1, anderes Studio</translation>
        </message>
        <message>
            <source>It fills by itself: every correction that is built from a chart shot stands here, also when its shoot is long over.</source>
            <translation>Sie füllt sich von selbst: jede aus einer Tafelaufnahme gebaute Korrektur steht hier, auch wenn ihr Dreh längst vorbei ist.</translation>
        </message>
        <message>
            <source>Copy the library out</source>
            <translation>Die Bibliothek hinauskopieren</translation>
        </message>
        <message>
            <source>Corrections written: %1</source>
            <translation>Geschriebene Korrekturen: %1</translation>
        </message>
        <message>
            <source>Bring in the library %1</source>
            <translation>Die Bibliothek %1 einbringen</translation>
        </message>
        <message>
            <source>New in the library: %1</source>
            <translation>Neu in der Bibliothek: %1</translation>
        </message>
        <message>
            <source>Take out of the library</source>
            <translation>Aus der Bibliothek nehmen</translation>
        </message>
    </context>
    <context>
        <name>refero::LibraryPage</name>
        <message>
            <source>no date</source>
            <translation>ohne Datum</translation>
        </message>
        <message>
            <source>not yet</source>
            <translation>noch nicht</translation>
        </message>
        <message numerus="yes">
            <source>%n days</source>
            <translation>
                <numerusform>%n Tag</numerusform>
                <numerusform>%n Tage</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n months</source>
            <translation>
                <numerusform>%n Monat</numerusform>
                <numerusform>%n Monate</numerusform>
            </translation>
        </message>
        <message>
            <source>Body</source>
            <translation>Gehäuse</translation>
        </message>
        <message>
            <source>Lens</source>
            <translation>Objektiv</translation>
        </message>
        <message>
            <source>Light</source>
            <translation>Licht</translation>
        </message>
        <message>
            <source>As the plan names its lamp, else as its setup is called.</source>
            <translation>Wie der Plan seine Lampe nennt, sonst wie sein Aufbau heißt.</translation>
        </message>
        <message>
            <source>Shots</source>
            <translation>Aufnahmen</translation>
        </message>
        <message>
            <source>Chart shots that a correction was built from.</source>
            <translation>Tafelaufnahmen, aus denen eine Korrektur gebaut wurde.</translation>
        </message>
        <message>
            <source>Newest</source>
            <translation>Neueste</translation>
        </message>
        <message>
            <source>Age</source>
            <translation>Alter</translation>
        </message>
        <message>
            <source>Spread</source>
            <translation>Streuung</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the newest and the one that is furthest from it, on the chart's patches.</source>
            <translation>Mittleres CIEDE2000 zwischen der neuesten und der am weitesten von ihr entfernten, auf den Feldern der Tafel.</translation>
        </message>
        <message>
            <source>Proof</source>
            <translation>Beleg</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that the latest proof on another chart shot left.</source>
            <translation>Mittleres CIEDE2000, das der letzte Beleg an einer anderen Tafelaufnahme übrig ließ.</translation>
        </message>
        <message>
            <source>Corrections by body, lens and light</source>
            <translation>Korrekturen nach Gehäuse, Objektiv und Licht</translation>
        </message>
        <message>
            <source>Correction</source>
            <translation>Korrektur</translation>
        </message>
        <message>
            <source>Shoot</source>
            <translation>Dreh</translation>
        </message>
        <message>
            <source>Shot on</source>
            <translation>Aufgenommen am</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Übrig</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that it leaves on the chart.</source>
            <translation>Mittleres CIEDE2000, das sie auf der Tafel übrig lässt.</translation>
        </message>
        <message>
            <source>Expected</source>
            <translation>Erwartet</translation>
        </message>
        <message>
            <source>CIEDE2000 to expect of an ordinary colour that is not on the chart.</source>
            <translation>CIEDE2000, das von einer gewöhnlichen Farbe zu erwarten ist, die nicht auf der Tafel ist.</translation>
        </message>
        <message>
            <source>Corrections of the chosen light</source>
            <translation>Korrekturen des gewählten Lichts</translation>
        </message>
        <message>
            <source>Bring in a library</source>
            <translation>Eine Bibliothek einbringen</translation>
        </message>
        <message>
            <source>What another studio has copied out.</source>
            <translation>Was ein anderes Studio hinauskopiert hat.</translation>
        </message>
        <message>
            <source>Copy it out</source>
            <translation>Hinauskopieren</translation>
        </message>
        <message>
            <source>All of it as one file, for another studio.</source>
            <translation>Alles davon als eine Datei, für ein anderes Studio.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Herausnehmen</translation>
        </message>
        <message>
            <source>Those of the chosen light that came from another studio; setups keep theirs.</source>
            <translation>Die des gewählten Lichts, die aus einem anderen Studio kamen; Aufbauten behalten ihre.</translation>
        </message>
        <message>
            <source>A light without a chart shot of its own is lent the colours of its body: from a setup that the plan's rules allow, then from here: the same kind of light, a mix of two, another light. Never those of another body.</source>
            <translation>Einem Licht ohne eigene Tafelaufnahme werden die Farben seines Gehäuses geliehen: von einem Aufbau, den die Regeln des Plans erlauben, dann von hier: dieselbe Lichtart, eine Mischung aus zweien, ein anderes Licht. Nie die eines anderen Gehäuses.</translation>
        </message>
        <message>
            <source>The library is empty</source>
            <translation>Die Bibliothek ist leer</translation>
        </message>
        <message>
            <source>Corrections in the library: %1</source>
            <translation>Korrekturen in der Bibliothek: %1</translation>
        </message>
        <message>
            <source>%1, another studio</source>
            <translation>%1, anderes Studio</translation>
        </message>
        <message>
            <source>It fills by itself: every correction that is built from a chart shot stands here, also when its shoot is long over.</source>
            <translation>Sie füllt sich von selbst: jede aus einer Tafelaufnahme gebaute Korrektur steht hier, auch wenn ihr Dreh längst vorbei ist.</translation>
        </message>
        <message>
            <source>Copy the library out</source>
            <translation>Die Bibliothek hinauskopieren</translation>
        </message>
        <message>
            <source>Corrections written: %1</source>
            <translation>Geschriebene Korrekturen: %1</translation>
        </message>
        <message>
            <source>Bring in the library %1</source>
            <translation>Die Bibliothek %1 einbringen</translation>
        </message>
        <message>
            <source>New in the library: %1</source>
            <translation>Neu in der Bibliothek: %1</translation>
        </message>
        <message>
            <source>Take out of the library</source>
            <translation>Aus der Bibliothek nehmen</translation>
        </message>
    </context>
    <context>
        <name>MainMenu</name>
        <message>
            <source>Studio</source>
            <translation>Studio</translation>
        </message>
        <message>
            <source>Edit</source>
            <translation>Bearbeiten</translation>
        </message>
        <message>
            <source>Go to</source>
            <translation>Gehe zu</translation>
        </message>
        <message>
            <source>On this page</source>
            <translation>Auf dieser Seite</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Ansicht</translation>
        </message>
        <message>
            <source>Help</source>
            <translation>Hilfe</translation>
        </message>
    </context>
    <context>
        <name>refero::MainMenu</name>
        <message>
            <source>Studio</source>
            <translation>Studio</translation>
        </message>
        <message>
            <source>Edit</source>
            <translation>Bearbeiten</translation>
        </message>
        <message>
            <source>Go to</source>
            <translation>Gehe zu</translation>
        </message>
        <message>
            <source>On this page</source>
            <translation>Auf dieser Seite</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Ansicht</translation>
        </message>
        <message>
            <source>Help</source>
            <translation>Hilfe</translation>
        </message>
    </context>
    <context>
        <name>MainWindow</name>
        <message>
            <source>%1 What came with it was not brought in.</source>
            <translation>%1 Was mit ihm kam, wurde nicht eingebracht.</translation>
        </message>
        <message>
            <source>Shooting the demo: frame %1 of %2</source>
            <translation>Das Beispiel wird aufgenommen: Bild %1 von %2</translation>
        </message>
        <message>
            <source>This is a demo with made-up frames: try anything. What you bring in here is gone when Refero closes; for your own work open or begin a studio in the menu.</source>
            <translation>Dies ist ein Beispiel mit erdachten Bildern: probieren Sie alles. Was Sie hier einbringen, ist weg, wenn Refero schließt; für eigene Arbeit öffnen oder beginnen Sie im Menü ein Studio.</translation>
        </message>
        <message>
            <source>Dismiss this message</source>
            <translation>Diese Meldung schließen</translation>
        </message>
        <message>
            <source>Choose the display's ICC profile</source>
            <translation>Das ICC-Profil des Bildschirms wählen</translation>
        </message>
        <message>
            <source>ICC profiles (*.icc *.icm)</source>
            <translation>ICC-Profile (*.icc *.icm)</translation>
        </message>
        <message>
            <source>%1 - Refero</source>
            <comment>the studio's name</comment>
            <translation>%1 - Refero</translation>
        </message>
        <message>
            <source>%1 of %2 frames are handed over; the rest can be gone on with under What went out.</source>
            <translation>%1 von %2 Bildern sind übergeben; mit dem Rest lässt sich unter Was hinausging weitermachen.</translation>
        </message>
        <message>
            <source>Files for a receiver are being written.</source>
            <translation>Dateien für einen Empfänger werden geschrieben.</translation>
        </message>
        <message>
            <source>The day is being read, corrected and handed over.</source>
            <translation>Der Tag wird gemessen, korrigiert und übergeben.</translation>
        </message>
        <message>
            <source>Frames are coming in.</source>
            <translation>Bilder kommen herein.</translation>
        </message>
        <message>
            <source>An exposure series is being read.</source>
            <translation>Eine Belichtungsreihe wird gemessen.</translation>
        </message>
        <message>
            <source>Find and do</source>
            <translation>Finden und tun</translation>
        </message>
        <message>
            <source>Import frames</source>
            <translation>Bilder einbringen</translation>
        </message>
        <message>
            <source>Undo</source>
            <translation>Rückgängig</translation>
        </message>
        <message>
            <source>Redo</source>
            <translation>Wiederholen</translation>
        </message>
        <message>
            <source>Plan</source>
            <translation>Plan</translation>
        </message>
        <message>
            <source>Frames</source>
            <translation>Bilder</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Messung</translation>
        </message>
        <message>
            <source>Correction</source>
            <translation>Korrektur</translation>
        </message>
        <message>
            <source>Pairing</source>
            <translation>Angleichung</translation>
        </message>
        <message>
            <source>Handover</source>
            <translation>Übergabe</translation>
        </message>
        <message>
            <source>Test a camera or a transform</source>
            <translation>Eine Kamera oder Umrechnung testen</translation>
        </message>
        <message>
            <source>On set: judge chart shots as they come</source>
            <translation>Am Set: Tafelaufnahmen beurteilen, wie sie kommen</translation>
        </message>
        <message>
            <source>The day in one go: read, correct, hand over</source>
            <translation>Der Tag auf einmal: messen, korrigieren, übergeben</translation>
        </message>
        <message>
            <source>Change the surround</source>
            <translation>Umfeld wechseln</translation>
        </message>
        <message>
            <source>Picture only</source>
            <translation>Nur Bild</translation>
        </message>
        <message>
            <source>Leave picture only</source>
            <translation>Nur Bild verlassen</translation>
        </message>
        <message>
            <source>Choose the display's profile</source>
            <translation>Das Profil des Bildschirms wählen</translation>
        </message>
        <message>
            <source>Take the system's profile of the display</source>
            <translation>Das Bildschirmprofil des Systems nehmen</translation>
        </message>
        <message>
            <source>Text as large as the desktop's</source>
            <translation>Text so groß wie in der Arbeitsumgebung</translation>
        </message>
        <message>
            <source>Text at %1 %</source>
            <translation>Text mit %1 %</translation>
        </message>
        <message>
            <source>Help for this page</source>
            <translation>Hilfe zu dieser Seite</translation>
        </message>
        <message>
            <source>Guide</source>
            <translation>Handbuch</translation>
        </message>
        <message>
            <source>All keys</source>
            <translation>Alle Tasten</translation>
        </message>
        <message>
            <source>About Refero</source>
            <translation>Über Refero</translation>
        </message>
        <message>
            <source>Menu</source>
            <translation>Menü</translation>
        </message>
        <message>
            <source>Close Refero</source>
            <translation>Refero schließen</translation>
        </message>
        <message>
            <source>%1 holds a chart's colours. Open a photograph of that chart first, then drop it again; or open it under Plan, Charts.</source>
            <translation>%1 enthält die Farben einer Tafel. Öffnen Sie zuerst ein Foto jener Tafel, dann legen Sie es noch einmal ab; oder öffnen Sie es unter Plan, Tafeln.</translation>
        </message>
        <message>
            <source>%1 holds no log curve by constants.</source>
            <translation>%1 enthält keine Log-Kurve aus Konstanten.</translation>
        </message>
        <message>
            <source>Enter the curve %1</source>
            <translation>Kurve %1 eintragen</translation>
        </message>
        <message>
            <source>%1 is in the kit, and offered as an encoding.</source>
            <translation>%1 ist in der Ausrüstung und wird als Kodierung angeboten.</translation>
        </message>
    </context>
    <context>
        <name>refero::MainWindow</name>
        <message>
            <source>%1 What came with it was not brought in.</source>
            <translation>%1 Was mit ihm kam, wurde nicht eingebracht.</translation>
        </message>
        <message>
            <source>Shooting the demo: frame %1 of %2</source>
            <translation>Das Beispiel wird aufgenommen: Bild %1 von %2</translation>
        </message>
        <message>
            <source>This is a demo with made-up frames: try anything. What you bring in here is gone when Refero closes; for your own work open or begin a studio in the menu.</source>
            <translation>Dies ist ein Beispiel mit erdachten Bildern: probieren Sie alles. Was Sie hier einbringen, ist weg, wenn Refero schließt; für eigene Arbeit öffnen oder beginnen Sie im Menü ein Studio.</translation>
        </message>
        <message>
            <source>Dismiss this message</source>
            <translation>Diese Meldung schließen</translation>
        </message>
        <message>
            <source>Choose the display's ICC profile</source>
            <translation>Das ICC-Profil des Bildschirms wählen</translation>
        </message>
        <message>
            <source>ICC profiles (*.icc *.icm)</source>
            <translation>ICC-Profile (*.icc *.icm)</translation>
        </message>
        <message>
            <source>%1 - Refero</source>
            <comment>the studio's name</comment>
            <translation>%1 - Refero</translation>
        </message>
        <message>
            <source>%1 of %2 frames are handed over; the rest can be gone on with under What went out.</source>
            <translation>%1 von %2 Bildern sind übergeben; mit dem Rest lässt sich unter Was hinausging weitermachen.</translation>
        </message>
        <message>
            <source>Files for a receiver are being written.</source>
            <translation>Dateien für einen Empfänger werden geschrieben.</translation>
        </message>
        <message>
            <source>The day is being read, corrected and handed over.</source>
            <translation>Der Tag wird gemessen, korrigiert und übergeben.</translation>
        </message>
        <message>
            <source>Frames are coming in.</source>
            <translation>Bilder kommen herein.</translation>
        </message>
        <message>
            <source>An exposure series is being read.</source>
            <translation>Eine Belichtungsreihe wird gemessen.</translation>
        </message>
        <message>
            <source>Find and do</source>
            <translation>Finden und tun</translation>
        </message>
        <message>
            <source>Import frames</source>
            <translation>Bilder einbringen</translation>
        </message>
        <message>
            <source>Undo</source>
            <translation>Rückgängig</translation>
        </message>
        <message>
            <source>Redo</source>
            <translation>Wiederholen</translation>
        </message>
        <message>
            <source>Plan</source>
            <translation>Plan</translation>
        </message>
        <message>
            <source>Frames</source>
            <translation>Bilder</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Messung</translation>
        </message>
        <message>
            <source>Correction</source>
            <translation>Korrektur</translation>
        </message>
        <message>
            <source>Pairing</source>
            <translation>Angleichung</translation>
        </message>
        <message>
            <source>Handover</source>
            <translation>Übergabe</translation>
        </message>
        <message>
            <source>Test a camera or a transform</source>
            <translation>Eine Kamera oder Umrechnung testen</translation>
        </message>
        <message>
            <source>On set: judge chart shots as they come</source>
            <translation>Am Set: Tafelaufnahmen beurteilen, wie sie kommen</translation>
        </message>
        <message>
            <source>The day in one go: read, correct, hand over</source>
            <translation>Der Tag auf einmal: messen, korrigieren, übergeben</translation>
        </message>
        <message>
            <source>Change the surround</source>
            <translation>Umfeld wechseln</translation>
        </message>
        <message>
            <source>Picture only</source>
            <translation>Nur Bild</translation>
        </message>
        <message>
            <source>Leave picture only</source>
            <translation>Nur Bild verlassen</translation>
        </message>
        <message>
            <source>Choose the display's profile</source>
            <translation>Das Profil des Bildschirms wählen</translation>
        </message>
        <message>
            <source>Take the system's profile of the display</source>
            <translation>Das Bildschirmprofil des Systems nehmen</translation>
        </message>
        <message>
            <source>Text as large as the desktop's</source>
            <translation>Text so groß wie in der Arbeitsumgebung</translation>
        </message>
        <message>
            <source>Text at %1 %</source>
            <translation>Text mit %1 %</translation>
        </message>
        <message>
            <source>Help for this page</source>
            <translation>Hilfe zu dieser Seite</translation>
        </message>
        <message>
            <source>Guide</source>
            <translation>Handbuch</translation>
        </message>
        <message>
            <source>All keys</source>
            <translation>Alle Tasten</translation>
        </message>
        <message>
            <source>About Refero</source>
            <translation>Über Refero</translation>
        </message>
        <message>
            <source>Menu</source>
            <translation>Menü</translation>
        </message>
        <message>
            <source>Close Refero</source>
            <translation>Refero schließen</translation>
        </message>
        <message>
            <source>%1 holds a chart's colours. Open a photograph of that chart first, then drop it again; or open it under Plan, Charts.</source>
            <translation>%1 enthält die Farben einer Tafel. Öffnen Sie zuerst ein Foto jener Tafel, dann legen Sie es noch einmal ab; oder öffnen Sie es unter Plan, Tafeln.</translation>
        </message>
        <message>
            <source>%1 holds no log curve by constants.</source>
            <translation>%1 enthält keine Log-Kurve aus Konstanten.</translation>
        </message>
        <message>
            <source>Enter the curve %1</source>
            <translation>Kurve %1 eintragen</translation>
        </message>
        <message>
            <source>%1 is in the kit, and offered as an encoding.</source>
            <translation>%1 ist in der Ausrüstung und wird als Kodierung angeboten.</translation>
        </message>
    </context>
    <context>
        <name>MeterPanel</name>
        <message>
            <source>Instrument</source>
            <translation>Messgerät</translation>
        </message>
        <message>
            <source>Neutral ladder</source>
            <translation>Grauleiter</translation>
        </message>
        <message>
            <source>Even light</source>
            <translation>Gleichmäßiges Licht</translation>
        </message>
        <message>
            <source>Histogram</source>
            <translation>Histogramm</translation>
        </message>
        <message>
            <source>Waveform</source>
            <translation>Waveform</translation>
        </message>
        <message>
            <source>Parade</source>
            <translation>Parade</translation>
        </message>
        <message>
            <source>Vectorscope</source>
            <translation>Vektorskop</translation>
        </message>
        <message>
            <source>Is this grey grey?</source>
            <translation>Ist dieses Grau grau?</translation>
        </message>
        <message>
            <source>What moved?</source>
            <translation>Was bewegte sich?</translation>
        </message>
        <message>
            <source>In the camera</source>
            <translation>In der Kamera</translation>
        </message>
        <message>
            <source>What feeds the scope</source>
            <translation>Was die Anzeige speist</translation>
        </message>
        <message>
            <source>What feeds the scope. A region is drawn on the frame with Shift held.</source>
            <translation>Was die Anzeige speist. Ein Bereich wird mit gehaltener Umschalttaste ins Bild gezogen.</translation>
        </message>
        <message>
            <source>Whole picture</source>
            <translation>Ganzes Bild</translation>
        </message>
        <message>
            <source>Region</source>
            <translation>Bereich</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Felder</translation>
        </message>
        <message>
            <source>Greys alone</source>
            <translation>Nur Grautöne</translation>
        </message>
        <message>
            <source>Region %1</source>
            <translation>Bereich %1</translation>
        </message>
        <message>
            <source>There is no reading to compare it with.</source>
            <translation>Es gibt keine Messung zum Vergleichen.</translation>
        </message>
    </context>
    <context>
        <name>refero::MeterPanel</name>
        <message>
            <source>Instrument</source>
            <translation>Messgerät</translation>
        </message>
        <message>
            <source>Neutral ladder</source>
            <translation>Grauleiter</translation>
        </message>
        <message>
            <source>Even light</source>
            <translation>Gleichmäßiges Licht</translation>
        </message>
        <message>
            <source>Histogram</source>
            <translation>Histogramm</translation>
        </message>
        <message>
            <source>Waveform</source>
            <translation>Waveform</translation>
        </message>
        <message>
            <source>Parade</source>
            <translation>Parade</translation>
        </message>
        <message>
            <source>Vectorscope</source>
            <translation>Vektorskop</translation>
        </message>
        <message>
            <source>Is this grey grey?</source>
            <translation>Ist dieses Grau grau?</translation>
        </message>
        <message>
            <source>What moved?</source>
            <translation>Was bewegte sich?</translation>
        </message>
        <message>
            <source>In the camera</source>
            <translation>In der Kamera</translation>
        </message>
        <message>
            <source>What feeds the scope</source>
            <translation>Was die Anzeige speist</translation>
        </message>
        <message>
            <source>What feeds the scope. A region is drawn on the frame with Shift held.</source>
            <translation>Was die Anzeige speist. Ein Bereich wird mit gehaltener Umschalttaste ins Bild gezogen.</translation>
        </message>
        <message>
            <source>Whole picture</source>
            <translation>Ganzes Bild</translation>
        </message>
        <message>
            <source>Region</source>
            <translation>Bereich</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Felder</translation>
        </message>
        <message>
            <source>Greys alone</source>
            <translation>Nur Grautöne</translation>
        </message>
        <message>
            <source>Region %1</source>
            <translation>Bereich %1</translation>
        </message>
        <message>
            <source>There is no reading to compare it with.</source>
            <translation>Es gibt keine Messung zum Vergleichen.</translation>
        </message>
    </context>
    <context>
        <name>Offers</name>
        <message>
            <source>%1 frames are in no setup. They belong to setups that are there.</source>
            <translation>%1 Bilder sind in keinem Aufbau. Sie gehören zu vorhandenen Aufbauten.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for %2 new lights, %3 with a chart shot; the rest belongs to setups that are there.</source>
            <translation>%1 Bilder sind in keinem Aufbau. Sie sprechen für %2 neue Lichter, %3 mit Tafelaufnahme; der Rest gehört zu vorhandenen Aufbauten.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for one light.</source>
            <translation>%1 Bilder sind in keinem Aufbau. Sie sprechen für ein Licht.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for %2 lights, %3 with a chart shot.</source>
            <translation>%1 Bilder sind in keinem Aufbau. Sie sprechen für %2 Lichter, %3 mit Tafelaufnahme.</translation>
        </message>
        <message>
            <source>Begin the proposed setups</source>
            <translation>Die vorgeschlagenen Aufbauten beginnen</translation>
        </message>
        <message>
            <source>Do the rest in one go</source>
            <translation>Den Rest auf einmal tun</translation>
        </message>
        <message>
            <source>Begins the setups, reads and judges their charts, builds the corrections and hands over to the receivers of last time; all of it is listed, and can be stopped or taken back.</source>
            <translation>Beginnt die Aufbauten, misst und beurteilt ihre Tafeln, baut die Korrekturen und übergibt an die Empfänger vom letzten Mal; alles wird aufgelistet und lässt sich anhalten oder zurücknehmen.</translation>
        </message>
        <message>
            <source>Not a chart</source>
            <translation>Keine Tafel</translation>
        </message>
        <message>
            <source>Give its data</source>
            <translation>Ihre Daten angeben</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Hier anhalten</translation>
        </message>
        <message>
            <source>Looking for the chart in the other frames: %1 of %2, found in %3.</source>
            <translation>Die Tafel wird in den anderen Bildern gesucht: %1 von %2, gefunden in %3.</translation>
        </message>
        <message>
            <source>No known chart is in these frames. %1 looks like a chart of %2.</source>
            <translation>In diesen Bildern ist keine bekannte Tafel. %1 sieht nach einer Tafel mit %2 aus.</translation>
        </message>
        <message>
            <source>A camera without a name</source>
            <translation>Eine Kamera ohne Namen</translation>
        </message>
        <message>
            <source>%1, %2 frames with a chart shot: %3</source>
            <translation>%1, %2 Bilder mit einer Tafelaufnahme: %3</translation>
        </message>
        <message>
            <source>%1, %2 frames: %3</source>
            <translation>%1, %2 Bilder: %3</translation>
        </message>
        <message>
            <source>Put them there</source>
            <translation>Dorthin legen</translation>
        </message>
        <message>
            <source>Begin its setup</source>
            <translation>Seinen Aufbau beginnen</translation>
        </message>
        <message>
            <source>Begin %1 setups</source>
            <translation>%1 Aufbauten beginnen</translation>
        </message>
    </context>
    <context>
        <name>refero::Offers</name>
        <message>
            <source>%1 frames are in no setup. They belong to setups that are there.</source>
            <translation>%1 Bilder sind in keinem Aufbau. Sie gehören zu vorhandenen Aufbauten.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for %2 new lights, %3 with a chart shot; the rest belongs to setups that are there.</source>
            <translation>%1 Bilder sind in keinem Aufbau. Sie sprechen für %2 neue Lichter, %3 mit Tafelaufnahme; der Rest gehört zu vorhandenen Aufbauten.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for one light.</source>
            <translation>%1 Bilder sind in keinem Aufbau. Sie sprechen für ein Licht.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for %2 lights, %3 with a chart shot.</source>
            <translation>%1 Bilder sind in keinem Aufbau. Sie sprechen für %2 Lichter, %3 mit Tafelaufnahme.</translation>
        </message>
        <message>
            <source>Begin the proposed setups</source>
            <translation>Die vorgeschlagenen Aufbauten beginnen</translation>
        </message>
        <message>
            <source>Do the rest in one go</source>
            <translation>Den Rest auf einmal tun</translation>
        </message>
        <message>
            <source>Begins the setups, reads and judges their charts, builds the corrections and hands over to the receivers of last time; all of it is listed, and can be stopped or taken back.</source>
            <translation>Beginnt die Aufbauten, misst und beurteilt ihre Tafeln, baut die Korrekturen und übergibt an die Empfänger vom letzten Mal; alles wird aufgelistet und lässt sich anhalten oder zurücknehmen.</translation>
        </message>
        <message>
            <source>Not a chart</source>
            <translation>Keine Tafel</translation>
        </message>
        <message>
            <source>Give its data</source>
            <translation>Ihre Daten angeben</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Hier anhalten</translation>
        </message>
        <message>
            <source>Looking for the chart in the other frames: %1 of %2, found in %3.</source>
            <translation>Die Tafel wird in den anderen Bildern gesucht: %1 von %2, gefunden in %3.</translation>
        </message>
        <message>
            <source>No known chart is in these frames. %1 looks like a chart of %2.</source>
            <translation>In diesen Bildern ist keine bekannte Tafel. %1 sieht nach einer Tafel mit %2 aus.</translation>
        </message>
        <message>
            <source>A camera without a name</source>
            <translation>Eine Kamera ohne Namen</translation>
        </message>
        <message>
            <source>%1, %2 frames with a chart shot: %3</source>
            <translation>%1, %2 Bilder mit einer Tafelaufnahme: %3</translation>
        </message>
        <message>
            <source>%1, %2 frames: %3</source>
            <translation>%1, %2 Bilder: %3</translation>
        </message>
        <message>
            <source>Put them there</source>
            <translation>Dorthin legen</translation>
        </message>
        <message>
            <source>Begin its setup</source>
            <translation>Seinen Aufbau beginnen</translation>
        </message>
        <message>
            <source>Begin %1 setups</source>
            <translation>%1 Aufbauten beginnen</translation>
        </message>
    </context>
    <context>
        <name>OnSetPage</name>
        <message>
            <source>Contact sheet</source>
            <translation>Kontaktbogen</translation>
        </message>
        <message>
            <source>Back to all frames (Esc); the watch goes on.</source>
            <translation>Zurück zu allen Bildern (Esc); die Beobachtung geht weiter.</translation>
        </message>
        <message>
            <source>Watch a folder</source>
            <translation>Einen Ordner beobachten</translation>
        </message>
        <message>
            <source>Into which the camera's own program leaves its frames.</source>
            <translation>In den das eigene Programm der Kamera ihre Bilder legt.</translation>
        </message>
        <message>
            <source>Release the simulated camera</source>
            <translation>Die simulierte Kamera auslösen</translation>
        </message>
        <message>
            <source>A stand-in that shoots the demo's charts into the folder, first too dark, then too light, then right.</source>
            <translation>Ein Stellvertreter, der die Tafeln des Beispiels in den Ordner aufnimmt, erst zu dunkel, dann zu hell, dann richtig.</translation>
        </message>
        <message>
            <source>End the watch</source>
            <translation>Beobachtung beenden</translation>
        </message>
        <message>
            <source>Hand over as they come</source>
            <translation>Übergeben, wie sie kommen</translation>
        </message>
        <message>
            <source>Frames that follow a good chart shot go out to the receivers, and into the folder, that the day in one go had last.</source>
            <translation>Bilder, die auf eine gute Tafelaufnahme folgen, gehen an die Empfänger und in den Ordner, die der Tag auf einmal zuletzt hatte.</translation>
        </message>
        <message>
            <source>Sounds</source>
            <translation>Töne</translation>
        </message>
        <message>
            <source>One for a good shot, two for one that wants a look, three for one to be shot again.</source>
            <translation>Einer für eine gute Aufnahme, zwei für eine anzusehende, drei für eine zu wiederholende.</translation>
        </message>
        <message>
            <source>Folder gone</source>
            <translation>Ordner weg</translation>
        </message>
        <message>
            <source>The watched folder is not there any more. Nothing that came in is lost.</source>
            <translation>Den beobachteten Ordner gibt es nicht mehr. Nichts, was hereinkam, ist verloren.</translation>
        </message>
        <message>
            <source>Watch the folder</source>
            <translation>Den Ordner beobachten</translation>
        </message>
        <message>
            <source>Watching %1</source>
            <translation>%1 wird beobachtet</translation>
        </message>
        <message>
            <source>Waiting</source>
            <translation>Warten</translation>
        </message>
        <message>
            <source>Shoot the chart: it is judged as soon as it is here.</source>
            <translation>Nehmen Sie die Tafel auf: sie wird beurteilt, sobald sie da ist.</translation>
        </message>
        <message>
            <source>On set</source>
            <translation>Am Set</translation>
        </message>
        <message>
            <source>No camera</source>
            <translation>Keine Kamera</translation>
        </message>
        <message>
            <source>Not shot</source>
            <translation>Nicht aufgenommen</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Messung</translation>
        </message>
        <message>
            <source>Not readable</source>
            <translation>Nicht lesbar</translation>
        </message>
        <message>
            <source>No chart</source>
            <translation>Keine Tafel</translation>
        </message>
        <message>
            <source>Tick who gets something in the day in one go (Ctrl+Shift+D) first.</source>
            <translation>Kreuzen Sie zuerst im Tag auf einmal (Strg+Umschalt+D) an, wer etwas bekommt.</translation>
        </message>
        <message>
            <source>Where the receivers' folders are made</source>
            <translation>Wo die Ordner der Empfänger angelegt werden</translation>
        </message>
    </context>
    <context>
        <name>refero::OnSetPage</name>
        <message>
            <source>Contact sheet</source>
            <translation>Kontaktbogen</translation>
        </message>
        <message>
            <source>Back to all frames (Esc); the watch goes on.</source>
            <translation>Zurück zu allen Bildern (Esc); die Beobachtung geht weiter.</translation>
        </message>
        <message>
            <source>Watch a folder</source>
            <translation>Einen Ordner beobachten</translation>
        </message>
        <message>
            <source>Into which the camera's own program leaves its frames.</source>
            <translation>In den das eigene Programm der Kamera ihre Bilder legt.</translation>
        </message>
        <message>
            <source>Release the simulated camera</source>
            <translation>Die simulierte Kamera auslösen</translation>
        </message>
        <message>
            <source>A stand-in that shoots the demo's charts into the folder, first too dark, then too light, then right.</source>
            <translation>Ein Stellvertreter, der die Tafeln des Beispiels in den Ordner aufnimmt, erst zu dunkel, dann zu hell, dann richtig.</translation>
        </message>
        <message>
            <source>End the watch</source>
            <translation>Beobachtung beenden</translation>
        </message>
        <message>
            <source>Hand over as they come</source>
            <translation>Übergeben, wie sie kommen</translation>
        </message>
        <message>
            <source>Frames that follow a good chart shot go out to the receivers, and into the folder, that the day in one go had last.</source>
            <translation>Bilder, die auf eine gute Tafelaufnahme folgen, gehen an die Empfänger und in den Ordner, die der Tag auf einmal zuletzt hatte.</translation>
        </message>
        <message>
            <source>Sounds</source>
            <translation>Töne</translation>
        </message>
        <message>
            <source>One for a good shot, two for one that wants a look, three for one to be shot again.</source>
            <translation>Einer für eine gute Aufnahme, zwei für eine anzusehende, drei für eine zu wiederholende.</translation>
        </message>
        <message>
            <source>Folder gone</source>
            <translation>Ordner weg</translation>
        </message>
        <message>
            <source>The watched folder is not there any more. Nothing that came in is lost.</source>
            <translation>Den beobachteten Ordner gibt es nicht mehr. Nichts, was hereinkam, ist verloren.</translation>
        </message>
        <message>
            <source>Watch the folder</source>
            <translation>Den Ordner beobachten</translation>
        </message>
        <message>
            <source>Watching %1</source>
            <translation>%1 wird beobachtet</translation>
        </message>
        <message>
            <source>Waiting</source>
            <translation>Warten</translation>
        </message>
        <message>
            <source>Shoot the chart: it is judged as soon as it is here.</source>
            <translation>Nehmen Sie die Tafel auf: sie wird beurteilt, sobald sie da ist.</translation>
        </message>
        <message>
            <source>On set</source>
            <translation>Am Set</translation>
        </message>
        <message>
            <source>No camera</source>
            <translation>Keine Kamera</translation>
        </message>
        <message>
            <source>Not shot</source>
            <translation>Nicht aufgenommen</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Messung</translation>
        </message>
        <message>
            <source>Not readable</source>
            <translation>Nicht lesbar</translation>
        </message>
        <message>
            <source>No chart</source>
            <translation>Keine Tafel</translation>
        </message>
        <message>
            <source>Tick who gets something in the day in one go (Ctrl+Shift+D) first.</source>
            <translation>Kreuzen Sie zuerst im Tag auf einmal (Strg+Umschalt+D) an, wer etwas bekommt.</translation>
        </message>
        <message>
            <source>Where the receivers' folders are made</source>
            <translation>Wo die Ordner der Empfänger angelegt werden</translation>
        </message>
    </context>
    <context>
        <name>PairChoices</name>
        <message>
            <source>%1, from its beginning.</source>
            <translation>%1, von Anfang an.</translation>
        </message>
        <message>
            <source> s</source>
            <comment>seconds, behind a number</comment>
            <translation> s</translation>
        </message>
        <message>
            <source>Leads</source>
            <translation>Führt</translation>
        </message>
        <message>
            <source>The camera whose look is wanted. The setup chosen at the left follows it.</source>
            <translation>Die Kamera, deren Aussehen gewollt ist. Der links gewählte Aufbau folgt ihr.</translation>
        </message>
        <message>
            <source>Seen</source>
            <translation>Gesehen</translation>
        </message>
        <message>
            <source>What the leader looks like: as it shows itself, through its correction, or through somebody's transform, such as the view of a log recording.</source>
            <translation>Wie die führende aussieht: wie sie sich zeigt, durch ihre Korrektur, oder durch jemandes Umrechnung, etwa die Ansicht einer Log-Aufzeichnung.</translation>
        </message>
        <message>
            <source>What the transform's numbers are meant for.</source>
            <translation>Wofür die Zahlen der Umrechnung gedacht sind.</translation>
        </message>
        <message>
            <source>The transform gives</source>
            <translation>Die Umrechnung gibt</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Ansicht</translation>
        </message>
        <message>
            <source>How the two pictures share the view.</source>
            <translation>Wie die zwei Bilder die Ansicht teilen.</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Wischen</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Schachbrett</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Nebeneinander</translation>
        </message>
        <message>
            <source>Leader alone</source>
            <translation>Führende allein</translation>
        </message>
        <message>
            <source>Follower alone</source>
            <translation>Folgende allein</translation>
        </message>
        <message>
            <source>Leader's</source>
            <translation>Der führenden</translation>
        </message>
        <message>
            <source>The follower's picture goes along: to the one of the same slate, else to the one shot nearest in time.</source>
            <translation>Das Bild der folgenden geht mit: zu dem derselben Klappe, sonst zu dem zeitlich nächsten.</translation>
        </message>
        <message>
            <source>Moment of the leader's clip</source>
            <translation>Moment des Clips der führenden</translation>
        </message>
        <message>
            <source>Follower's</source>
            <translation>Der folgenden</translation>
        </message>
        <message>
            <source>Any of the follower's pictures.</source>
            <translation>Jedes der Bilder der folgenden.</translation>
        </message>
        <message>
            <source>Moment of the follower's clip</source>
            <translation>Moment des Clips der folgenden</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Wie es ist</translation>
        </message>
        <message>
            <source>Corrected</source>
            <translation>Korrigiert</translation>
        </message>
        <message>
            <source>Through %1</source>
            <translation>Durch %1</translation>
        </message>
        <message>
            <source>Through a transform…</source>
            <translation>Durch eine Umrechnung …</translation>
        </message>
        <message>
            <source>The transform through which the leader is seen</source>
            <translation>Die Umrechnung, durch die die führende gesehen wird</translation>
        </message>
        <message>
            <source>Transforms (*.cube *.clf *.ctf *.icc *.icm *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</source>
            <translation>Umrechnungen (*.cube *.clf *.ctf *.icc *.icm *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</translation>
        </message>
    </context>
    <context>
        <name>refero::PairChoices</name>
        <message>
            <source>%1, from its beginning.</source>
            <translation>%1, von Anfang an.</translation>
        </message>
        <message>
            <source> s</source>
            <comment>seconds, behind a number</comment>
            <translation> s</translation>
        </message>
        <message>
            <source>Leads</source>
            <translation>Führt</translation>
        </message>
        <message>
            <source>The camera whose look is wanted. The setup chosen at the left follows it.</source>
            <translation>Die Kamera, deren Aussehen gewollt ist. Der links gewählte Aufbau folgt ihr.</translation>
        </message>
        <message>
            <source>Seen</source>
            <translation>Gesehen</translation>
        </message>
        <message>
            <source>What the leader looks like: as it shows itself, through its correction, or through somebody's transform, such as the view of a log recording.</source>
            <translation>Wie die führende aussieht: wie sie sich zeigt, durch ihre Korrektur, oder durch jemandes Umrechnung, etwa die Ansicht einer Log-Aufzeichnung.</translation>
        </message>
        <message>
            <source>What the transform's numbers are meant for.</source>
            <translation>Wofür die Zahlen der Umrechnung gedacht sind.</translation>
        </message>
        <message>
            <source>The transform gives</source>
            <translation>Die Umrechnung gibt</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Ansicht</translation>
        </message>
        <message>
            <source>How the two pictures share the view.</source>
            <translation>Wie die zwei Bilder die Ansicht teilen.</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Wischen</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Schachbrett</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Nebeneinander</translation>
        </message>
        <message>
            <source>Leader alone</source>
            <translation>Führende allein</translation>
        </message>
        <message>
            <source>Follower alone</source>
            <translation>Folgende allein</translation>
        </message>
        <message>
            <source>Leader's</source>
            <translation>Der führenden</translation>
        </message>
        <message>
            <source>The follower's picture goes along: to the one of the same slate, else to the one shot nearest in time.</source>
            <translation>Das Bild der folgenden geht mit: zu dem derselben Klappe, sonst zu dem zeitlich nächsten.</translation>
        </message>
        <message>
            <source>Moment of the leader's clip</source>
            <translation>Moment des Clips der führenden</translation>
        </message>
        <message>
            <source>Follower's</source>
            <translation>Der folgenden</translation>
        </message>
        <message>
            <source>Any of the follower's pictures.</source>
            <translation>Jedes der Bilder der folgenden.</translation>
        </message>
        <message>
            <source>Moment of the follower's clip</source>
            <translation>Moment des Clips der folgenden</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Wie es ist</translation>
        </message>
        <message>
            <source>Corrected</source>
            <translation>Korrigiert</translation>
        </message>
        <message>
            <source>Through %1</source>
            <translation>Durch %1</translation>
        </message>
        <message>
            <source>Through a transform…</source>
            <translation>Durch eine Umrechnung …</translation>
        </message>
        <message>
            <source>The transform through which the leader is seen</source>
            <translation>Die Umrechnung, durch die die führende gesehen wird</translation>
        </message>
        <message>
            <source>Transforms (*.cube *.clf *.ctf *.icc *.icm *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</source>
            <translation>Umrechnungen (*.cube *.clf *.ctf *.icc *.icm *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</translation>
        </message>
    </context>
    <context>
        <name>PairLadder</name>
        <message>
            <source>Greys of both cameras</source>
            <translation>Grautöne beider Kameras</translation>
        </message>
        <message>
            <source>Each grey step of the chart: how much lighter or darker than its reference the leader (squares, solid) and the follower (circles, dashed) show it. Where the lines lie on each other, contrast and level are one.</source>
            <translation>Jede Graustufe der Tafel: wie viel heller oder dunkler als ihre Referenz die führende (Quadrate, durchgezogen) und die folgende (Kreise, gestrichelt) sie zeigen. Wo die Linien aufeinanderliegen, sind Kontrast und Pegel eins.</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 und %2</translation>
        </message>
        <message>
            <source>L* %1: %2 and %3, tint %4</source>
            <translation>L* %1: %2 und %3, Tönung %4</translation>
        </message>
        <message>
            <source>Greys of both</source>
            <translation>Grautöne beider</translation>
        </message>
        <message>
            <source>No grey that both show</source>
            <translation>Kein Grau, das beide zeigen</translation>
        </message>
        <message>
            <source>L* of the step</source>
            <translation>L* der Stufe</translation>
        </message>
        <message>
            <source>L* shown, less that</source>
            <translation>Gezeigtes L* minus jenes</translation>
        </message>
    </context>
    <context>
        <name>refero::PairLadder</name>
        <message>
            <source>Greys of both cameras</source>
            <translation>Grautöne beider Kameras</translation>
        </message>
        <message>
            <source>Each grey step of the chart: how much lighter or darker than its reference the leader (squares, solid) and the follower (circles, dashed) show it. Where the lines lie on each other, contrast and level are one.</source>
            <translation>Jede Graustufe der Tafel: wie viel heller oder dunkler als ihre Referenz die führende (Quadrate, durchgezogen) und die folgende (Kreise, gestrichelt) sie zeigen. Wo die Linien aufeinanderliegen, sind Kontrast und Pegel eins.</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 und %2</translation>
        </message>
        <message>
            <source>L* %1: %2 and %3, tint %4</source>
            <translation>L* %1: %2 und %3, Tönung %4</translation>
        </message>
        <message>
            <source>Greys of both</source>
            <translation>Grautöne beider</translation>
        </message>
        <message>
            <source>No grey that both show</source>
            <translation>Kein Grau, das beide zeigen</translation>
        </message>
        <message>
            <source>L* of the step</source>
            <translation>L* der Stufe</translation>
        </message>
        <message>
            <source>L* shown, less that</source>
            <translation>Gezeigtes L* minus jenes</translation>
        </message>
    </context>
    <context>
        <name>PairedView</name>
        <message>
            <source>Both cameras</source>
            <translation>Beide Kameras</translation>
        </message>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick to the leader. Shift and drag over both feeds the scopes with that region; over one alone it marks a colour, first in the leader's picture, then in the follower's.</source>
            <translation>Ziehen Sie die Kante zum Wischen; halten Sie F oder die Leertaste, um zur führenden zu wechseln. Umschalttaste und Ziehen über beide speist die Anzeigen mit diesem Bereich; über einer allein markiert es eine Farbe, erst im Bild der führenden, dann in dem der folgenden.</translation>
        </message>
    </context>
    <context>
        <name>refero::PairedView</name>
        <message>
            <source>Both cameras</source>
            <translation>Beide Kameras</translation>
        </message>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick to the leader. Shift and drag over both feeds the scopes with that region; over one alone it marks a colour, first in the leader's picture, then in the follower's.</source>
            <translation>Ziehen Sie die Kante zum Wischen; halten Sie F oder die Leertaste, um zur führenden zu wechseln. Umschalttaste und Ziehen über beide speist die Anzeigen mit diesem Bereich; über einer allein markiert es eine Farbe, erst im Bild der führenden, dann in dem der folgenden.</translation>
        </message>
    </context>
    <context>
        <name>PairingStation</name>
        <message>
            <source>the match</source>
            <translation>die Angleichung</translation>
        </message>
        <message>
            <source>These two cannot be matched</source>
            <translation>Diese beiden lassen sich nicht angleichen</translation>
        </message>
        <message>
            <source>Match all cameras</source>
            <translation>Alle Kameras angleichen</translation>
        </message>
        <message>
            <source>Every other camera that has read its chart at this place follows the leader.</source>
            <translation>Jede andere Kamera, die ihre Tafel an diesem Ort gemessen hat, folgt der führenden.</translation>
        </message>
        <message>
            <source>Keep this match</source>
            <translation>Diese Angleichung behalten</translation>
        </message>
        <message>
            <source>What is told of the match</source>
            <translation>Was von der Angleichung gesagt wird</translation>
        </message>
        <message>
            <source>Show</source>
            <translation>Zeigen</translation>
        </message>
        <message>
            <source>Step by step</source>
            <translation>Schritt für Schritt</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Felder</translation>
        </message>
        <message>
            <source>Greys and hues</source>
            <translation>Grautöne und Farbtöne</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Messkurven beider</translation>
        </message>
        <message>
            <source>All cameras</source>
            <translation>Alle Kameras</translation>
        </message>
        <message>
            <source>Nearer to the truth</source>
            <translation>Näher an der Wahrheit</translation>
        </message>
        <message>
            <source>How sure</source>
            <translation>Wie sicher</translation>
        </message>
        <message>
            <source>From the follower's hues to the leader's</source>
            <translation>Von den Farbtönen der folgenden zu denen der führenden</translation>
        </message>
        <message>
            <source>Ring: what the leader shows. Thin line: from what the follower shows. Dot: after the match. a* runs from green to red, b* from blue to yellow.</source>
            <translation>Ring: was die führende zeigt. Dünne Linie: von dem, was die folgende zeigt. Punkt: nach der Angleichung. a* geht von Grün nach Rot, b* von Blau nach Gelb.</translation>
        </message>
        <message>
            <source>What the scopes show</source>
            <translation>Was die Anzeigen zeigen</translation>
        </message>
        <message>
            <source>Shift and drag over the pictures feeds the scopes with that region of both.</source>
            <translation>Umschalttaste und Ziehen über die Bilder speist die Anzeigen mit diesem Bereich beider.</translation>
        </message>
        <message>
            <source>Pictures, or a region of both</source>
            <translation>Bilder, oder ein Bereich beider</translation>
        </message>
        <message>
            <source>The same patches of both</source>
            <translation>Dieselben Felder beider</translation>
        </message>
        <message>
            <source>No reading to follow with</source>
            <translation>Keine Messung zum Folgen</translation>
        </message>
        <message>
            <source>A camera follows by its chart shot. Choose a setup at the left whose chart is read, or read this one's first.</source>
            <translation>Eine Kamera folgt durch ihre Tafelaufnahme. Wählen Sie links einen Aufbau, dessen Tafel gemessen ist, oder messen Sie zuerst die von diesem.</translation>
        </message>
        <message>
            <source>Nobody leads yet</source>
            <translation>Noch führt niemand</translation>
        </message>
        <message>
            <source>Two cameras of one scene are matched by a chart shot of each. Bring in the chart shot of another camera, as a setup of its own, and read it.</source>
            <translation>Zwei Kameras einer Szene werden durch je eine Tafelaufnahme angeglichen. Bringen Sie die Tafelaufnahme einer anderen Kamera als eigenen Aufbau ein und messen Sie sie.</translation>
        </message>
        <message>
            <source>Go to Reading</source>
            <translation>Zur Messung</translation>
        </message>
        <message>
            <source>%1 follows %2: %3 apart, %4 after the match</source>
            <translation>%1 folgt %2: %3 auseinander, %4 nach der Angleichung</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 over the chart.</source>
            <translation>Mittleres CIEDE2000 über die Tafel.</translation>
        </message>
        <message>
            <source>Expect %1 CIEDE2000 between ordinary colours that are not on the chart.</source>
            <translation>Erwarten Sie %1 CIEDE2000 zwischen gewöhnlichen Farben, die nicht auf der Tafel sind.</translation>
        </message>
        <message>
            <source>The charts are two: translating between them errs by %1 on average.</source>
            <translation>Es sind zwei Tafeln: das Übersetzen zwischen ihnen irrt im Mittel um %1.</translation>
        </message>
        <message>
            <source>Bars: 95 % intervals, by drawing the noise of both readings anew.</source>
            <translation>Balken: 95-%-Intervalle, durch neues Ziehen des Rauschens beider Messungen.</translation>
        </message>
        <message>
            <source>Intervals are told of a match of which no step is held back.</source>
            <translation>Intervalle werden von einer Angleichung gesagt, bei der kein Schritt zurückgehalten ist.</translation>
        </message>
        <message>
            <source>The intervals are being worked out.</source>
            <translation>Die Intervalle werden ausgearbeitet.</translation>
        </message>
        <message>
            <source>Hand it over</source>
            <translation>Übergeben</translation>
        </message>
        <message>
            <source>Match again</source>
            <translation>Noch einmal angleichen</translation>
        </message>
        <message>
            <source>The match is this setup's correction: its frames go out looking like %1.</source>
            <translation>Die Angleichung ist die Korrektur dieses Aufbaus: seine Bilder gehen hinaus und sehen aus wie %1.</translation>
        </message>
        <message>
            <source>Makes the match this setup's correction, in the place of the one that it has.</source>
            <translation>Macht die Angleichung zur Korrektur dieses Aufbaus, an der Stelle derjenigen, die er hat.</translation>
        </message>
        <message>
            <source>as it is</source>
            <translation>wie es ist</translation>
        </message>
        <message>
            <source>%1 through %2</source>
            <translation>%1 durch %2</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Marked in the leader's picture. Now see the follower alone and mark the same thing there.</source>
            <translation>Im Bild der führenden markiert. Sehen Sie jetzt die folgende allein und markieren Sie dort dasselbe.</translation>
        </message>
        <message>
            <source>Mark it in the leader's picture first.</source>
            <translation>Markieren Sie sie zuerst im Bild der führenden.</translation>
        </message>
        <message>
            <source>Colour %1</source>
            <translation>Farbe %1</translation>
        </message>
        <message>
            <source>It counts four times now.</source>
            <translation>Sie zählt jetzt vierfach.</translation>
        </message>
    </context>
    <context>
        <name>refero::PairingStation</name>
        <message>
            <source>the match</source>
            <translation>die Angleichung</translation>
        </message>
        <message>
            <source>These two cannot be matched</source>
            <translation>Diese beiden lassen sich nicht angleichen</translation>
        </message>
        <message>
            <source>Match all cameras</source>
            <translation>Alle Kameras angleichen</translation>
        </message>
        <message>
            <source>Every other camera that has read its chart at this place follows the leader.</source>
            <translation>Jede andere Kamera, die ihre Tafel an diesem Ort gemessen hat, folgt der führenden.</translation>
        </message>
        <message>
            <source>Keep this match</source>
            <translation>Diese Angleichung behalten</translation>
        </message>
        <message>
            <source>What is told of the match</source>
            <translation>Was von der Angleichung gesagt wird</translation>
        </message>
        <message>
            <source>Show</source>
            <translation>Zeigen</translation>
        </message>
        <message>
            <source>Step by step</source>
            <translation>Schritt für Schritt</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Felder</translation>
        </message>
        <message>
            <source>Greys and hues</source>
            <translation>Grautöne und Farbtöne</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Messkurven beider</translation>
        </message>
        <message>
            <source>All cameras</source>
            <translation>Alle Kameras</translation>
        </message>
        <message>
            <source>Nearer to the truth</source>
            <translation>Näher an der Wahrheit</translation>
        </message>
        <message>
            <source>How sure</source>
            <translation>Wie sicher</translation>
        </message>
        <message>
            <source>From the follower's hues to the leader's</source>
            <translation>Von den Farbtönen der folgenden zu denen der führenden</translation>
        </message>
        <message>
            <source>Ring: what the leader shows. Thin line: from what the follower shows. Dot: after the match. a* runs from green to red, b* from blue to yellow.</source>
            <translation>Ring: was die führende zeigt. Dünne Linie: von dem, was die folgende zeigt. Punkt: nach der Angleichung. a* geht von Grün nach Rot, b* von Blau nach Gelb.</translation>
        </message>
        <message>
            <source>What the scopes show</source>
            <translation>Was die Anzeigen zeigen</translation>
        </message>
        <message>
            <source>Shift and drag over the pictures feeds the scopes with that region of both.</source>
            <translation>Umschalttaste und Ziehen über die Bilder speist die Anzeigen mit diesem Bereich beider.</translation>
        </message>
        <message>
            <source>Pictures, or a region of both</source>
            <translation>Bilder, oder ein Bereich beider</translation>
        </message>
        <message>
            <source>The same patches of both</source>
            <translation>Dieselben Felder beider</translation>
        </message>
        <message>
            <source>No reading to follow with</source>
            <translation>Keine Messung zum Folgen</translation>
        </message>
        <message>
            <source>A camera follows by its chart shot. Choose a setup at the left whose chart is read, or read this one's first.</source>
            <translation>Eine Kamera folgt durch ihre Tafelaufnahme. Wählen Sie links einen Aufbau, dessen Tafel gemessen ist, oder messen Sie zuerst die von diesem.</translation>
        </message>
        <message>
            <source>Nobody leads yet</source>
            <translation>Noch führt niemand</translation>
        </message>
        <message>
            <source>Two cameras of one scene are matched by a chart shot of each. Bring in the chart shot of another camera, as a setup of its own, and read it.</source>
            <translation>Zwei Kameras einer Szene werden durch je eine Tafelaufnahme angeglichen. Bringen Sie die Tafelaufnahme einer anderen Kamera als eigenen Aufbau ein und messen Sie sie.</translation>
        </message>
        <message>
            <source>Go to Reading</source>
            <translation>Zur Messung</translation>
        </message>
        <message>
            <source>%1 follows %2: %3 apart, %4 after the match</source>
            <translation>%1 folgt %2: %3 auseinander, %4 nach der Angleichung</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 over the chart.</source>
            <translation>Mittleres CIEDE2000 über die Tafel.</translation>
        </message>
        <message>
            <source>Expect %1 CIEDE2000 between ordinary colours that are not on the chart.</source>
            <translation>Erwarten Sie %1 CIEDE2000 zwischen gewöhnlichen Farben, die nicht auf der Tafel sind.</translation>
        </message>
        <message>
            <source>The charts are two: translating between them errs by %1 on average.</source>
            <translation>Es sind zwei Tafeln: das Übersetzen zwischen ihnen irrt im Mittel um %1.</translation>
        </message>
        <message>
            <source>Bars: 95 % intervals, by drawing the noise of both readings anew.</source>
            <translation>Balken: 95-%-Intervalle, durch neues Ziehen des Rauschens beider Messungen.</translation>
        </message>
        <message>
            <source>Intervals are told of a match of which no step is held back.</source>
            <translation>Intervalle werden von einer Angleichung gesagt, bei der kein Schritt zurückgehalten ist.</translation>
        </message>
        <message>
            <source>The intervals are being worked out.</source>
            <translation>Die Intervalle werden ausgearbeitet.</translation>
        </message>
        <message>
            <source>Hand it over</source>
            <translation>Übergeben</translation>
        </message>
        <message>
            <source>Match again</source>
            <translation>Noch einmal angleichen</translation>
        </message>
        <message>
            <source>The match is this setup's correction: its frames go out looking like %1.</source>
            <translation>Die Angleichung ist die Korrektur dieses Aufbaus: seine Bilder gehen hinaus und sehen aus wie %1.</translation>
        </message>
        <message>
            <source>Makes the match this setup's correction, in the place of the one that it has.</source>
            <translation>Macht die Angleichung zur Korrektur dieses Aufbaus, an der Stelle derjenigen, die er hat.</translation>
        </message>
        <message>
            <source>as it is</source>
            <translation>wie es ist</translation>
        </message>
        <message>
            <source>%1 through %2</source>
            <translation>%1 durch %2</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Marked in the leader's picture. Now see the follower alone and mark the same thing there.</source>
            <translation>Im Bild der führenden markiert. Sehen Sie jetzt die folgende allein und markieren Sie dort dasselbe.</translation>
        </message>
        <message>
            <source>Mark it in the leader's picture first.</source>
            <translation>Markieren Sie sie zuerst im Bild der führenden.</translation>
        </message>
        <message>
            <source>Colour %1</source>
            <translation>Farbe %1</translation>
        </message>
        <message>
            <source>It counts four times now.</source>
            <translation>Sie zählt jetzt vierfach.</translation>
        </message>
    </context>
    <context>
        <name>PatchModel</name>
        <message>
            <source>Reference L* %1, a* %2, b* %3 (D50). Measured over %4 pixels.</source>
            <translation>Referenz L* %1, a* %2, b* %3 (D50). Über %4 Pixel gemessen.</translation>
        </message>
        <message>
            <source>Reference and reading</source>
            <translation>Referenz und Messung</translation>
        </message>
    </context>
    <context>
        <name>refero::PatchModel</name>
        <message>
            <source>Reference L* %1, a* %2, b* %3 (D50). Measured over %4 pixels.</source>
            <translation>Referenz L* %1, a* %2, b* %3 (D50). Über %4 Pixel gemessen.</translation>
        </message>
        <message>
            <source>Reference and reading</source>
            <translation>Referenz und Messung</translation>
        </message>
    </context>
    <context>
        <name>PatchTable</name>
        <message>
            <source>Patches as read</source>
            <translation>Felder, wie gemessen</translation>
        </message>
    </context>
    <context>
        <name>refero::PatchTable</name>
        <message>
            <source>Patches as read</source>
            <translation>Felder, wie gemessen</translation>
        </message>
    </context>
    <context>
        <name>PatchesPage</name>
        <message>
            <source>Patch</source>
            <translation>Feld</translation>
        </message>
        <message>
            <source>Patches and marked colours, the farthest apart first.</source>
            <translation>Felder und markierte Farben, die entferntesten zuerst.</translation>
        </message>
        <message>
            <source>Before</source>
            <translation>Vorher</translation>
        </message>
        <message>
            <source>CIEDE2000 between the two cameras as they are.</source>
            <translation>CIEDE2000 zwischen den beiden Kameras, wie sie sind.</translation>
        </message>
        <message>
            <source>After</source>
            <translation>Nachher</translation>
        </message>
        <message>
            <source>The same after the steps that are taken.</source>
            <translation>Dasselbe nach den genommenen Schritten.</translation>
        </message>
        <message>
            <source>Unseen</source>
            <translation>Ungesehen</translation>
        </message>
        <message>
            <source>The same where the match did not see this patch.</source>
            <translation>Dasselbe, wo die Angleichung dieses Feld nicht sah.</translation>
        </message>
        <message>
            <source>Cannot meet</source>
            <translation>Unvereinbar</translation>
        </message>
        <message>
            <source>What no transform of the follower's numbers can take away of surfaces like this: its sensor sees them as one, the leader's does not. By the sensitivities that the chart tells.</source>
            <translation>Was keine Umrechnung der Zahlen der folgenden von solchen Oberflächen nehmen kann: ihr Sensor sieht sie als eins, der der führenden nicht. Nach den Empfindlichkeiten, die die Tafel verrät.</translation>
        </message>
        <message>
            <source>Counts</source>
            <translation>Zählt</translation>
        </message>
        <message>
            <source>How often it counts in the match.</source>
            <translation>Wie oft es bei der Angleichung zählt.</translation>
        </message>
        <message>
            <source>Patches of both</source>
            <translation>Felder beider</translation>
        </message>
        <message>
            <source>+ and − let the chosen patch count more or less, 0 lets it count once.</source>
            <translation>+ und − lassen das gewählte Feld mehr oder weniger zählen, 0 einmal.</translation>
        </message>
        <message>
            <source>Count it twice as often</source>
            <translation>Doppelt so oft zählen</translation>
        </message>
        <message>
            <source>Count it half as often</source>
            <translation>Halb so oft zählen</translation>
        </message>
        <message>
            <source>Count it once</source>
            <translation>Einmal zählen</translation>
        </message>
        <message>
            <source>A colour of the scene counts, too: see one picture alone, and mark it with Shift and drag in both.</source>
            <translation>Auch eine Farbe der Szene zählt: sehen Sie ein Bild allein, und markieren Sie sie mit Umschalttaste und Ziehen in beiden.</translation>
        </message>
        <message>
            <source>no</source>
            <translation>nein</translation>
        </message>
        <message>
            <source>Not used: clipped, covered or left out in one of the two shots.</source>
            <translation>Nicht benutzt: in einer der beiden Aufnahmen beschnitten, verdeckt oder ausgelassen.</translation>
        </message>
    </context>
    <context>
        <name>refero::PatchesPage</name>
        <message>
            <source>Patch</source>
            <translation>Feld</translation>
        </message>
        <message>
            <source>Patches and marked colours, the farthest apart first.</source>
            <translation>Felder und markierte Farben, die entferntesten zuerst.</translation>
        </message>
        <message>
            <source>Before</source>
            <translation>Vorher</translation>
        </message>
        <message>
            <source>CIEDE2000 between the two cameras as they are.</source>
            <translation>CIEDE2000 zwischen den beiden Kameras, wie sie sind.</translation>
        </message>
        <message>
            <source>After</source>
            <translation>Nachher</translation>
        </message>
        <message>
            <source>The same after the steps that are taken.</source>
            <translation>Dasselbe nach den genommenen Schritten.</translation>
        </message>
        <message>
            <source>Unseen</source>
            <translation>Ungesehen</translation>
        </message>
        <message>
            <source>The same where the match did not see this patch.</source>
            <translation>Dasselbe, wo die Angleichung dieses Feld nicht sah.</translation>
        </message>
        <message>
            <source>Cannot meet</source>
            <translation>Unvereinbar</translation>
        </message>
        <message>
            <source>What no transform of the follower's numbers can take away of surfaces like this: its sensor sees them as one, the leader's does not. By the sensitivities that the chart tells.</source>
            <translation>Was keine Umrechnung der Zahlen der folgenden von solchen Oberflächen nehmen kann: ihr Sensor sieht sie als eins, der der führenden nicht. Nach den Empfindlichkeiten, die die Tafel verrät.</translation>
        </message>
        <message>
            <source>Counts</source>
            <translation>Zählt</translation>
        </message>
        <message>
            <source>How often it counts in the match.</source>
            <translation>Wie oft es bei der Angleichung zählt.</translation>
        </message>
        <message>
            <source>Patches of both</source>
            <translation>Felder beider</translation>
        </message>
        <message>
            <source>+ and − let the chosen patch count more or less, 0 lets it count once.</source>
            <translation>+ und − lassen das gewählte Feld mehr oder weniger zählen, 0 einmal.</translation>
        </message>
        <message>
            <source>Count it twice as often</source>
            <translation>Doppelt so oft zählen</translation>
        </message>
        <message>
            <source>Count it half as often</source>
            <translation>Halb so oft zählen</translation>
        </message>
        <message>
            <source>Count it once</source>
            <translation>Einmal zählen</translation>
        </message>
        <message>
            <source>A colour of the scene counts, too: see one picture alone, and mark it with Shift and drag in both.</source>
            <translation>Auch eine Farbe der Szene zählt: sehen Sie ein Bild allein, und markieren Sie sie mit Umschalttaste und Ziehen in beiden.</translation>
        </message>
        <message>
            <source>no</source>
            <translation>nein</translation>
        </message>
        <message>
            <source>Not used: clipped, covered or left out in one of the two shots.</source>
            <translation>Nicht benutzt: in einer der beiden Aufnahmen beschnitten, verdeckt oder ausgelassen.</translation>
        </message>
    </context>
    <context>
        <name>PlanStation</name>
        <message>
            <source>Shoot</source>
            <translation>Dreh</translation>
        </message>
        <message>
            <source>Date</source>
            <translation>Datum</translation>
        </message>
        <message>
            <source>Name, client, date and limits of the shoot</source>
            <translation>Name, Kunde, Datum und Grenzen des Drehs</translation>
        </message>
        <message>
            <source>New chart shot after</source>
            <translation>Neue Tafelaufnahme nach</translation>
        </message>
        <message>
            <source>Duplicate %1</source>
            <translation>%1 duplizieren</translation>
        </message>
        <message>
            <source>Enter a setup</source>
            <translation>Einen Aufbau eintragen</translation>
        </message>
        <message>
            <source>Begin another shoot</source>
            <translation>Noch einen Dreh beginnen</translation>
        </message>
        <message>
            <source>No date</source>
            <translation>Kein Datum</translation>
        </message>
        <message>
            <source>New chart shot after: %1</source>
            <translation>Neue Tafelaufnahme nach: %1</translation>
        </message>
    </context>
    <context>
        <name>refero::PlanStation</name>
        <message>
            <source>Shoot</source>
            <translation>Dreh</translation>
        </message>
        <message>
            <source>Date</source>
            <translation>Datum</translation>
        </message>
        <message>
            <source>Name, client, date and limits of the shoot</source>
            <translation>Name, Kunde, Datum und Grenzen des Drehs</translation>
        </message>
        <message>
            <source>New chart shot after</source>
            <translation>Neue Tafelaufnahme nach</translation>
        </message>
        <message>
            <source>Duplicate %1</source>
            <translation>%1 duplizieren</translation>
        </message>
        <message>
            <source>Enter a setup</source>
            <translation>Einen Aufbau eintragen</translation>
        </message>
        <message>
            <source>Begin another shoot</source>
            <translation>Noch einen Dreh beginnen</translation>
        </message>
        <message>
            <source>No date</source>
            <translation>Kein Datum</translation>
        </message>
        <message>
            <source>New chart shot after: %1</source>
            <translation>Neue Tafelaufnahme nach: %1</translation>
        </message>
    </context>
    <context>
        <name>PointedView</name>
        <message>
            <source>The frame</source>
            <translation>Das Bild</translation>
        </message>
        <message>
            <source>Hold Shift and draw over something grey in the subject's light: the chart's light is held against it.</source>
            <translation>Halten Sie die Umschalttaste und ziehen Sie über etwas Graues im Licht des Motivs: das Licht der Tafel wird damit verglichen.</translation>
        </message>
    </context>
    <context>
        <name>refero::PointedView</name>
        <message>
            <source>The frame</source>
            <translation>Das Bild</translation>
        </message>
        <message>
            <source>Hold Shift and draw over something grey in the subject's light: the chart's light is held against it.</source>
            <translation>Halten Sie die Umschalttaste und ziehen Sie über etwas Graues im Licht des Motivs: das Licht der Tafel wird damit verglichen.</translation>
        </message>
    </context>
    <context>
        <name>PreparePage</name>
        <message>
            <source>Cautions</source>
            <translation>Vorsicht</translation>
        </message>
        <message>
            <source>What to prepare follows from the setups; enter one first.</source>
            <translation>Was vorzubereiten ist, folgt aus den Aufbauten; tragen Sie zuerst einen ein.</translation>
        </message>
        <message>
            <source>Tick: %1</source>
            <translation>Abhaken: %1</translation>
        </message>
    </context>
    <context>
        <name>refero::PreparePage</name>
        <message>
            <source>Cautions</source>
            <translation>Vorsicht</translation>
        </message>
        <message>
            <source>What to prepare follows from the setups; enter one first.</source>
            <translation>Was vorzubereiten ist, folgt aus den Aufbauten; tragen Sie zuerst einen ein.</translation>
        </message>
        <message>
            <source>Tick: %1</source>
            <translation>Abhaken: %1</translation>
        </message>
    </context>
    <context>
        <name>ProblemLines</name>
        <message>
            <source>Show all of them</source>
            <translation>Alle zeigen</translation>
        </message>
        <message>
            <source>And %1 more.</source>
            <translation>Und %1 mehr.</translation>
        </message>
    </context>
    <context>
        <name>refero::ProblemLines</name>
        <message>
            <source>Show all of them</source>
            <translation>Alle zeigen</translation>
        </message>
        <message>
            <source>And %1 more.</source>
            <translation>Und %1 mehr.</translation>
        </message>
    </context>
    <context>
        <name>ProblemList</name>
        <message>
            <source>Copy all</source>
            <translation>Alles kopieren</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Schließen</translation>
        </message>
    </context>
    <context>
        <name>refero::ProblemList</name>
        <message>
            <source>Copy all</source>
            <translation>Alles kopieren</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Schließen</translation>
        </message>
    </context>
    <context>
        <name>ProofPage</name>
        <message>
            <source>Frame to check the correction on</source>
            <translation>Bild, an dem die Korrektur geprüft wird</translation>
        </message>
        <message>
            <source>Another shot of a chart in this setup, which the correction has not seen.</source>
            <translation>Eine andere Tafelaufnahme in diesem Aufbau, die die Korrektur nicht gesehen hat.</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Prüfung</translation>
        </message>
        <message>
            <source>Reading the chart in that frame</source>
            <translation>Die Tafel in jenem Bild wird gemessen</translation>
        </message>
    </context>
    <context>
        <name>refero::ProofPage</name>
        <message>
            <source>Frame to check the correction on</source>
            <translation>Bild, an dem die Korrektur geprüft wird</translation>
        </message>
        <message>
            <source>Another shot of a chart in this setup, which the correction has not seen.</source>
            <translation>Eine andere Tafelaufnahme in diesem Aufbau, die die Korrektur nicht gesehen hat.</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Prüfung</translation>
        </message>
        <message>
            <source>Reading the chart in that frame</source>
            <translation>Die Tafel in jenem Bild wird gemessen</translation>
        </message>
    </context>
    <context>
        <name>QLineEdit</name>
        <message>
            <source>Clear</source>
            <translation>Leeren</translation>
        </message>
    </context>
    <context>
        <name>refero::QLineEdit</name>
        <message>
            <source>Clear</source>
            <translation>Leeren</translation>
        </message>
    </context>
    <context>
        <name>QueueStrip</name>
        <message>
            <source>%1 of %2 frames, quick</source>
            <translation>%1 von %2 Bildern, schnell</translation>
        </message>
        <message numerus="yes">
            <source>; in %n the camera had cut colours, which the raw files bring back</source>
            <translation>
                <numerusform>; in %n hatte die Kamera Farben abgeschnitten, die die Raw-Datei zurückbringt</numerusform>
                <numerusform>; in %n hatte die Kamera Farben abgeschnitten, die die Raw-Dateien zurückbringen</numerusform>
            </translation>
        </message>
        <message>
            <source>Frames that are done</source>
            <translation>Fertige Bilder</translation>
        </message>
        <message>
            <source>Pause</source>
            <translation>Anhalten</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Hier anhalten</translation>
        </message>
        <message>
            <source>What is finished stays; the rest can be taken up from the history.</source>
            <translation>Fertiges bleibt; der Rest lässt sich aus der Liste wieder aufnehmen.</translation>
        </message>
        <message>
            <source>Frames that were not handed over</source>
            <translation>Bilder, die nicht übergeben wurden</translation>
        </message>
        <message>
            <source>Go on</source>
            <translation>Weitermachen</translation>
        </message>
    </context>
    <context>
        <name>refero::QueueStrip</name>
        <message>
            <source>%1 of %2 frames, quick</source>
            <translation>%1 von %2 Bildern, schnell</translation>
        </message>
        <message numerus="yes">
            <source>; in %n the camera had cut colours, which the raw files bring back</source>
            <translation>
                <numerusform>; in %n hatte die Kamera Farben abgeschnitten, die die Raw-Datei zurückbringt</numerusform>
                <numerusform>; in %n hatte die Kamera Farben abgeschnitten, die die Raw-Dateien zurückbringen</numerusform>
            </translation>
        </message>
        <message>
            <source>Frames that are done</source>
            <translation>Fertige Bilder</translation>
        </message>
        <message>
            <source>Pause</source>
            <translation>Anhalten</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Hier anhalten</translation>
        </message>
        <message>
            <source>What is finished stays; the rest can be taken up from the history.</source>
            <translation>Fertiges bleibt; der Rest lässt sich aus der Liste wieder aufnehmen.</translation>
        </message>
        <message>
            <source>Frames that were not handed over</source>
            <translation>Bilder, die nicht übergeben wurden</translation>
        </message>
        <message>
            <source>Go on</source>
            <translation>Weitermachen</translation>
        </message>
    </context>
    <context>
        <name>ReadingActions</name>
        <message>
            <source>Take uneven light out</source>
            <translation>Ungleiches Licht herausnehmen</translation>
        </message>
        <message>
            <source>Leave uneven light in</source>
            <translation>Ungleiches Licht lassen</translation>
        </message>
        <message>
            <source>Average the chart frames</source>
            <translation>Tafelbilder mitteln</translation>
        </message>
        <message>
            <source>Read one frame alone</source>
            <translation>Ein Bild allein messen</translation>
        </message>
        <message>
            <source>A camera is set to 1500 to 20000 K, not to %1.</source>
            <translation>Eine Kamera wird auf 1500 bis 20000 K gestellt, nicht auf %1.</translation>
        </message>
        <message>
            <source>Say what the camera was set to</source>
            <translation>Sagen, worauf die Kamera gestellt war</translation>
        </message>
        <message>
            <source>Leave the flat field in</source>
            <translation>Flatfield lassen</translation>
        </message>
        <message>
            <source>Read as %1</source>
            <translation>Als %1 gelesen</translation>
        </message>
        <message>
            <source>State encoding %1</source>
            <translation>Kodierung %1 angeben</translation>
        </message>
        <message>
            <source>The chart frame of %1 is being read; state its encoding when it is there.</source>
            <translation>Das Tafelbild von %1 wird gerade gelesen; geben Sie seine Kodierung an, wenn es da ist.</translation>
        </message>
    </context>
    <context>
        <name>refero::ReadingActions</name>
        <message>
            <source>Take uneven light out</source>
            <translation>Ungleiches Licht herausnehmen</translation>
        </message>
        <message>
            <source>Leave uneven light in</source>
            <translation>Ungleiches Licht lassen</translation>
        </message>
        <message>
            <source>Average the chart frames</source>
            <translation>Tafelbilder mitteln</translation>
        </message>
        <message>
            <source>Read one frame alone</source>
            <translation>Ein Bild allein messen</translation>
        </message>
        <message>
            <source>A camera is set to 1500 to 20000 K, not to %1.</source>
            <translation>Eine Kamera wird auf 1500 bis 20000 K gestellt, nicht auf %1.</translation>
        </message>
        <message>
            <source>Say what the camera was set to</source>
            <translation>Sagen, worauf die Kamera gestellt war</translation>
        </message>
        <message>
            <source>Leave the flat field in</source>
            <translation>Flatfield lassen</translation>
        </message>
        <message>
            <source>Read as %1</source>
            <translation>Als %1 gelesen</translation>
        </message>
        <message>
            <source>State encoding %1</source>
            <translation>Kodierung %1 angeben</translation>
        </message>
        <message>
            <source>The chart frame of %1 is being read; state its encoding when it is there.</source>
            <translation>Das Tafelbild von %1 wird gerade gelesen; geben Sie seine Kodierung an, wenn es da ist.</translation>
        </message>
    </context>
    <context>
        <name>ReadingStation</name>
        <message>
            <source>patches and instruments</source>
            <translation>Felder und Messanzeigen</translation>
        </message>
        <message>
            <source>Chart</source>
            <translation>Tafel</translation>
        </message>
        <message>
            <source>Which chart the frame shows; it is recognised by itself.</source>
            <translation>Welche Tafel das Bild zeigt; sie wird von selbst erkannt.</translation>
        </message>
        <message>
            <source>Encoding</source>
            <translation>Kodierung</translation>
        </message>
        <message>
            <source>How the frame's numbers relate to light.</source>
            <translation>Wie die Zahlen des Bildes zum Licht stehen.</translation>
        </message>
        <message>
            <source>Curve file...</source>
            <translation>Kurvendatei ...</translation>
        </message>
        <message>
            <source>Take it</source>
            <translation>Nehmen</translation>
        </message>
        <message>
            <source>What the frame is shown as</source>
            <translation>Als was das Bild gezeigt wird</translation>
        </message>
        <message>
            <source>The picture, its levels in stops from mid-grey, what is clipped, or where the aimed-at levels lie.</source>
            <translation>Das Bild, seine Pegel in Blenden von Mittelgrau, was beschnitten ist, oder wo die angestrebten Pegel liegen.</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Bild</translation>
        </message>
        <message>
            <source>Stops</source>
            <translation>Blenden</translation>
        </message>
        <message>
            <source>Clipping</source>
            <translation>Clipping</translation>
        </message>
        <message>
            <source>White 90 %</source>
            <translation>Weiß 90 %</translation>
        </message>
        <message>
            <source>White 96 %</source>
            <translation>Weiß 96 %</translation>
        </message>
        <message>
            <source>Mend the reading</source>
            <translation>Messung beheben</translation>
        </message>
        <message>
            <source>Open a curve from stored number to linear light</source>
            <translation>Eine Kurve von gespeicherter Zahl zu linearem Licht öffnen</translation>
        </message>
        <message>
            <source>Curves (*.cube *.clf *.spi1d *.csv *.txt)</source>
            <translation>Kurven (*.cube *.clf *.spi1d *.csv *.txt)</translation>
        </message>
        <message>
            <source>Patches and instruments</source>
            <translation>Felder und Messanzeigen</translation>
        </message>
        <message>
            <source>No setup is chosen</source>
            <translation>Kein Aufbau ist gewählt</translation>
        </message>
        <message>
            <source>Choose one at the left, or drop a chart shot on this window.</source>
            <translation>Wählen Sie links einen, oder legen Sie eine Tafelaufnahme auf diesem Fenster ab.</translation>
        </message>
        <message>
            <source>Read a chart shot first.</source>
            <translation>Messen Sie zuerst eine Tafelaufnahme.</translation>
        </message>
        <message>
            <source>Take uneven light out</source>
            <translation>Ungleiches Licht herausnehmen</translation>
        </message>
        <message>
            <source>Flat field %1</source>
            <translation>Flatfield %1</translation>
        </message>
        <message>
            <source>Take out a flat field...</source>
            <translation>Ein Flatfield herausnehmen ...</translation>
        </message>
        <message>
            <source>Average the chart frames (there is one)</source>
            <translation>Tafelbilder mitteln (es gibt eines)</translation>
        </message>
        <message>
            <source>Average the %1 chart frames</source>
            <translation>Die %1 Tafelbilder mitteln</translation>
        </message>
        <message>
            <source>The file does not state it:</source>
            <translation>Die Datei gibt es nicht an:</translation>
        </message>
        <message>
            <source>The greys agree with %1 %2.</source>
            <translation>Die Grautöne stimmen mit %1 %2 überein.</translation>
        </message>
        <message>
            <source>The greys agree with %1 %2, with %3 %4.</source>
            <translation>Die Grautöne stimmen mit %1 %2 überein, mit %3 %4.</translation>
        </message>
        <message>
            <source>It is %1</source>
            <translation>Es ist %1</translation>
        </message>
        <message>
            <source>More likely %1</source>
            <translation>Eher %1</translation>
        </message>
        <message>
            <source>Mend</source>
            <comment>on a button</comment>
            <translation>Beheben</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Messung</translation>
        </message>
        <message>
            <source>The frame is being opened and searched for a chart.</source>
            <translation>Das Bild wird geöffnet und nach einer Tafel durchsucht.</translation>
        </message>
        <message>
            <source>No chart found</source>
            <translation>Keine Tafel gefunden</translation>
        </message>
        <message>
            <source>Not readable</source>
            <translation>Nicht lesbar</translation>
        </message>
        <message>
            <source>Set the corners by hand</source>
            <translation>Ecken von Hand setzen</translation>
        </message>
        <message>
            <source>Lays the outline over the frame for you to drag into place.</source>
            <translation>Legt den Umriss über das Bild, damit Sie ihn an seinen Platz ziehen.</translation>
        </message>
        <message>
            <source>Build the correction</source>
            <translation>Korrektur bauen</translation>
        </message>
        <message>
            <source>See the correction</source>
            <translation>Korrektur ansehen</translation>
        </message>
        <message>
            <source>It was built from this reading.</source>
            <translation>Sie wurde aus dieser Messung gebaut.</translation>
        </message>
        <message>
            <source>Everything a correction needs is here.</source>
            <translation>Alles, was eine Korrektur braucht, ist da.</translation>
        </message>
        <message>
            <source>It can be used; look at the findings first.</source>
            <translation>Sie ist brauchbar; sehen Sie zuerst die Befunde an.</translation>
        </message>
        <message>
            <source>Build anyway</source>
            <translation>Trotzdem bauen</translation>
        </message>
        <message>
            <source>Better: mend what is named above and shoot the chart again.</source>
            <translation>Besser: beheben Sie, was oben genannt ist, und nehmen Sie die Tafel noch einmal auf.</translation>
        </message>
        <message>
            <source>This looks like a chart of %1.</source>
            <translation>Das sieht nach einer Tafel mit %1 aus.</translation>
        </message>
        <message>
            <source>Give its data, a file of its maker's or an instrument's: they tell the names, the order and which way up it is. Rows, sizes and gaps come from this picture, and it is found by itself from then on.</source>
            <translation>Geben Sie ihre Daten an, eine Datei ihres Herstellers oder eines Messgeräts: sie nennen Namen, Reihenfolge und was oben ist. Reihen, Größen und Abstände kommen aus diesem Bild, und von da an wird sie von selbst gefunden.</translation>
        </message>
        <message>
            <source>Not a known chart</source>
            <translation>Keine bekannte Tafel</translation>
        </message>
        <message>
            <source>Open its data</source>
            <translation>Ihre Daten öffnen</translation>
        </message>
        <message>
            <source>CGATS, CxF or a table; it can be dropped, too.</source>
            <translation>CGATS, CxF oder eine Tabelle; sie lässt sich auch ablegen.</translation>
        </message>
        <message>
            <source>No chart of its own</source>
            <translation>Keine eigene Tafel</translation>
        </message>
        <message>
            <source>No chart frame yet</source>
            <translation>Noch kein Tafelbild</translation>
        </message>
        <message>
            <source>Go to %1</source>
            <translation>Zu %1</translation>
        </message>
        <message>
            <source>Its chart shot holds here, too.</source>
            <translation>Seine Tafelaufnahme gilt auch hier.</translation>
        </message>
        <message>
            <source>Open its chart frame</source>
            <translation>Sein Tafelbild öffnen</translation>
        </message>
        <message>
            <source>Or drop it anywhere on this window.</source>
            <translation>Oder legen Sie es irgendwo auf diesem Fenster ab.</translation>
        </message>
    </context>
    <context>
        <name>refero::ReadingStation</name>
        <message>
            <source>patches and instruments</source>
            <translation>Felder und Messanzeigen</translation>
        </message>
        <message>
            <source>Chart</source>
            <translation>Tafel</translation>
        </message>
        <message>
            <source>Which chart the frame shows; it is recognised by itself.</source>
            <translation>Welche Tafel das Bild zeigt; sie wird von selbst erkannt.</translation>
        </message>
        <message>
            <source>Encoding</source>
            <translation>Kodierung</translation>
        </message>
        <message>
            <source>How the frame's numbers relate to light.</source>
            <translation>Wie die Zahlen des Bildes zum Licht stehen.</translation>
        </message>
        <message>
            <source>Curve file...</source>
            <translation>Kurvendatei ...</translation>
        </message>
        <message>
            <source>Take it</source>
            <translation>Nehmen</translation>
        </message>
        <message>
            <source>What the frame is shown as</source>
            <translation>Als was das Bild gezeigt wird</translation>
        </message>
        <message>
            <source>The picture, its levels in stops from mid-grey, what is clipped, or where the aimed-at levels lie.</source>
            <translation>Das Bild, seine Pegel in Blenden von Mittelgrau, was beschnitten ist, oder wo die angestrebten Pegel liegen.</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Bild</translation>
        </message>
        <message>
            <source>Stops</source>
            <translation>Blenden</translation>
        </message>
        <message>
            <source>Clipping</source>
            <translation>Clipping</translation>
        </message>
        <message>
            <source>White 90 %</source>
            <translation>Weiß 90 %</translation>
        </message>
        <message>
            <source>White 96 %</source>
            <translation>Weiß 96 %</translation>
        </message>
        <message>
            <source>Mend the reading</source>
            <translation>Messung beheben</translation>
        </message>
        <message>
            <source>Open a curve from stored number to linear light</source>
            <translation>Eine Kurve von gespeicherter Zahl zu linearem Licht öffnen</translation>
        </message>
        <message>
            <source>Curves (*.cube *.clf *.spi1d *.csv *.txt)</source>
            <translation>Kurven (*.cube *.clf *.spi1d *.csv *.txt)</translation>
        </message>
        <message>
            <source>Patches and instruments</source>
            <translation>Felder und Messanzeigen</translation>
        </message>
        <message>
            <source>No setup is chosen</source>
            <translation>Kein Aufbau ist gewählt</translation>
        </message>
        <message>
            <source>Choose one at the left, or drop a chart shot on this window.</source>
            <translation>Wählen Sie links einen, oder legen Sie eine Tafelaufnahme auf diesem Fenster ab.</translation>
        </message>
        <message>
            <source>Read a chart shot first.</source>
            <translation>Messen Sie zuerst eine Tafelaufnahme.</translation>
        </message>
        <message>
            <source>Take uneven light out</source>
            <translation>Ungleiches Licht herausnehmen</translation>
        </message>
        <message>
            <source>Flat field %1</source>
            <translation>Flatfield %1</translation>
        </message>
        <message>
            <source>Take out a flat field...</source>
            <translation>Ein Flatfield herausnehmen ...</translation>
        </message>
        <message>
            <source>Average the chart frames (there is one)</source>
            <translation>Tafelbilder mitteln (es gibt eines)</translation>
        </message>
        <message>
            <source>Average the %1 chart frames</source>
            <translation>Die %1 Tafelbilder mitteln</translation>
        </message>
        <message>
            <source>The file does not state it:</source>
            <translation>Die Datei gibt es nicht an:</translation>
        </message>
        <message>
            <source>The greys agree with %1 %2.</source>
            <translation>Die Grautöne stimmen mit %1 %2 überein.</translation>
        </message>
        <message>
            <source>The greys agree with %1 %2, with %3 %4.</source>
            <translation>Die Grautöne stimmen mit %1 %2 überein, mit %3 %4.</translation>
        </message>
        <message>
            <source>It is %1</source>
            <translation>Es ist %1</translation>
        </message>
        <message>
            <source>More likely %1</source>
            <translation>Eher %1</translation>
        </message>
        <message>
            <source>Mend</source>
            <comment>on a button</comment>
            <translation>Beheben</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Messung</translation>
        </message>
        <message>
            <source>The frame is being opened and searched for a chart.</source>
            <translation>Das Bild wird geöffnet und nach einer Tafel durchsucht.</translation>
        </message>
        <message>
            <source>No chart found</source>
            <translation>Keine Tafel gefunden</translation>
        </message>
        <message>
            <source>Not readable</source>
            <translation>Nicht lesbar</translation>
        </message>
        <message>
            <source>Set the corners by hand</source>
            <translation>Ecken von Hand setzen</translation>
        </message>
        <message>
            <source>Lays the outline over the frame for you to drag into place.</source>
            <translation>Legt den Umriss über das Bild, damit Sie ihn an seinen Platz ziehen.</translation>
        </message>
        <message>
            <source>Build the correction</source>
            <translation>Korrektur bauen</translation>
        </message>
        <message>
            <source>See the correction</source>
            <translation>Korrektur ansehen</translation>
        </message>
        <message>
            <source>It was built from this reading.</source>
            <translation>Sie wurde aus dieser Messung gebaut.</translation>
        </message>
        <message>
            <source>Everything a correction needs is here.</source>
            <translation>Alles, was eine Korrektur braucht, ist da.</translation>
        </message>
        <message>
            <source>It can be used; look at the findings first.</source>
            <translation>Sie ist brauchbar; sehen Sie zuerst die Befunde an.</translation>
        </message>
        <message>
            <source>Build anyway</source>
            <translation>Trotzdem bauen</translation>
        </message>
        <message>
            <source>Better: mend what is named above and shoot the chart again.</source>
            <translation>Besser: beheben Sie, was oben genannt ist, und nehmen Sie die Tafel noch einmal auf.</translation>
        </message>
        <message>
            <source>This looks like a chart of %1.</source>
            <translation>Das sieht nach einer Tafel mit %1 aus.</translation>
        </message>
        <message>
            <source>Give its data, a file of its maker's or an instrument's: they tell the names, the order and which way up it is. Rows, sizes and gaps come from this picture, and it is found by itself from then on.</source>
            <translation>Geben Sie ihre Daten an, eine Datei ihres Herstellers oder eines Messgeräts: sie nennen Namen, Reihenfolge und was oben ist. Reihen, Größen und Abstände kommen aus diesem Bild, und von da an wird sie von selbst gefunden.</translation>
        </message>
        <message>
            <source>Not a known chart</source>
            <translation>Keine bekannte Tafel</translation>
        </message>
        <message>
            <source>Open its data</source>
            <translation>Ihre Daten öffnen</translation>
        </message>
        <message>
            <source>CGATS, CxF or a table; it can be dropped, too.</source>
            <translation>CGATS, CxF oder eine Tabelle; sie lässt sich auch ablegen.</translation>
        </message>
        <message>
            <source>No chart of its own</source>
            <translation>Keine eigene Tafel</translation>
        </message>
        <message>
            <source>No chart frame yet</source>
            <translation>Noch kein Tafelbild</translation>
        </message>
        <message>
            <source>Go to %1</source>
            <translation>Zu %1</translation>
        </message>
        <message>
            <source>Its chart shot holds here, too.</source>
            <translation>Seine Tafelaufnahme gilt auch hier.</translation>
        </message>
        <message>
            <source>Open its chart frame</source>
            <translation>Sein Tafelbild öffnen</translation>
        </message>
        <message>
            <source>Or drop it anywhere on this window.</source>
            <translation>Oder legen Sie es irgendwo auf diesem Fenster ab.</translation>
        </message>
    </context>
    <context>
        <name>Receivers</name>
        <message>
            <source>One file</source>
            <translation>Eine Datei</translation>
        </message>
        <message>
            <source>; clips as FFV1, 10 bits</source>
            <translation>; Clips als FFV1, 10 Bit</translation>
        </message>
        <message>
            <source>; clips as AV1, 10 bits</source>
            <translation>; Clips als AV1, 10 Bit</translation>
        </message>
    </context>
    <context>
        <name>refero::Receivers</name>
        <message>
            <source>One file</source>
            <translation>Eine Datei</translation>
        </message>
        <message>
            <source>; clips as FFV1, 10 bits</source>
            <translation>; Clips als FFV1, 10 Bit</translation>
        </message>
        <message>
            <source>; clips as AV1, 10 bits</source>
            <translation>; Clips als AV1, 10 Bit</translation>
        </message>
    </context>
    <context>
        <name>ScopeView</name>
        <message>
            <source>No picture</source>
            <translation>Kein Bild</translation>
        </message>
        <message>
            <source>Nothing to show.</source>
            <translation>Nichts zu zeigen.</translation>
        </message>
        <message>
            <source>Red</source>
            <translation>Rot</translation>
        </message>
        <message>
            <source>Green</source>
            <translation>Grün</translation>
        </message>
        <message>
            <source>Blue</source>
            <translation>Blau</translation>
        </message>
        <message>
            <source>%1: median %2 %, from %3 to %4 %, %5 % of the pixels at the top, %6 % at the bottom.</source>
            <comment>of a channel</comment>
            <translation>%1: Median %2 %, von %3 bis %4 %, %5 % der Pixel oben, %6 % unten.</translation>
        </message>
        <message>
            <source>The middle of all colours is at %1 % of the reach, towards %2 degrees.</source>
            <translation>Die Mitte aller Farben liegt bei %1 % der Weite, in Richtung %2 Grad.</translation>
        </message>
    </context>
    <context>
        <name>refero::ScopeView</name>
        <message>
            <source>No picture</source>
            <translation>Kein Bild</translation>
        </message>
        <message>
            <source>Nothing to show.</source>
            <translation>Nichts zu zeigen.</translation>
        </message>
        <message>
            <source>Red</source>
            <translation>Rot</translation>
        </message>
        <message>
            <source>Green</source>
            <translation>Grün</translation>
        </message>
        <message>
            <source>Blue</source>
            <translation>Blau</translation>
        </message>
        <message>
            <source>%1: median %2 %, from %3 to %4 %, %5 % of the pixels at the top, %6 % at the bottom.</source>
            <comment>of a channel</comment>
            <translation>%1: Median %2 %, von %3 bis %4 %, %5 % der Pixel oben, %6 % unten.</translation>
        </message>
        <message>
            <source>The middle of all colours is at %1 % of the reach, towards %2 degrees.</source>
            <translation>Die Mitte aller Farben liegt bei %1 % der Weite, in Richtung %2 Grad.</translation>
        </message>
    </context>
    <context>
        <name>ScopesPage</name>
        <message>
            <source>Scope</source>
            <translation>Anzeige</translation>
        </message>
        <message>
            <source>Histogram</source>
            <translation>Histogramm</translation>
        </message>
        <message>
            <source>Waveform</source>
            <translation>Waveform</translation>
        </message>
        <message>
            <source>Parade</source>
            <translation>Parade</translation>
        </message>
        <message>
            <source>Vectorscope</source>
            <translation>Vektorskop</translation>
        </message>
    </context>
    <context>
        <name>refero::ScopesPage</name>
        <message>
            <source>Scope</source>
            <translation>Anzeige</translation>
        </message>
        <message>
            <source>Histogram</source>
            <translation>Histogramm</translation>
        </message>
        <message>
            <source>Waveform</source>
            <translation>Waveform</translation>
        </message>
        <message>
            <source>Parade</source>
            <translation>Parade</translation>
        </message>
        <message>
            <source>Vectorscope</source>
            <translation>Vektorskop</translation>
        </message>
    </context>
    <context>
        <name>SeriesGrid</name>
        <message>
            <source>Recording profiles by exposure</source>
            <translation>Aufzeichnungsprofile nach Belichtung</translation>
        </message>
        <message>
            <source>%1 at %2: level only %3, drift %4</source>
            <translation>%1 bei %2: nur Pegel %3, Drift %4</translation>
        </message>
        <message>
            <source>, corrected %1, chroma noise %2</source>
            <translation>, korrigiert %1, Farbrauschen %2</translation>
        </message>
        <message>
            <source>, %1 % of the patches clipped</source>
            <translation>, %1 % der Felder beschnitten</translation>
        </message>
        <message>
            <source>%1. Held against %2.</source>
            <translation>%1. Verglichen mit %2.</translation>
        </message>
        <message>
            <source>A B</source>
            <comment>the cells that are compared</comment>
            <translation>A B</translation>
        </message>
        <message>
            <source>A</source>
            <translation>A</translation>
        </message>
        <message>
            <source>B</source>
            <translation>B</translation>
        </message>
        <message>
            <source>This is the normal exposure</source>
            <translation>Das ist die normale Belichtung</translation>
        </message>
        <message>
            <source>Name its recording profile</source>
            <translation>Sein Aufzeichnungsprofil benennen</translation>
        </message>
        <message>
            <source>Neutral density before its lens</source>
            <translation>Neutraldichte vor dem Objektiv</translation>
        </message>
    </context>
    <context>
        <name>refero::SeriesGrid</name>
        <message>
            <source>Recording profiles by exposure</source>
            <translation>Aufzeichnungsprofile nach Belichtung</translation>
        </message>
        <message>
            <source>%1 at %2: level only %3, drift %4</source>
            <translation>%1 bei %2: nur Pegel %3, Drift %4</translation>
        </message>
        <message>
            <source>, corrected %1, chroma noise %2</source>
            <translation>, korrigiert %1, Farbrauschen %2</translation>
        </message>
        <message>
            <source>, %1 % of the patches clipped</source>
            <translation>, %1 % der Felder beschnitten</translation>
        </message>
        <message>
            <source>%1. Held against %2.</source>
            <translation>%1. Verglichen mit %2.</translation>
        </message>
        <message>
            <source>A B</source>
            <comment>the cells that are compared</comment>
            <translation>A B</translation>
        </message>
        <message>
            <source>A</source>
            <translation>A</translation>
        </message>
        <message>
            <source>B</source>
            <translation>B</translation>
        </message>
        <message>
            <source>This is the normal exposure</source>
            <translation>Das ist die normale Belichtung</translation>
        </message>
        <message>
            <source>Name its recording profile</source>
            <translation>Sein Aufzeichnungsprofil benennen</translation>
        </message>
        <message>
            <source>Neutral density before its lens</source>
            <translation>Neutraldichte vor dem Objektiv</translation>
        </message>
    </context>
    <context>
        <name>SeriesPage</name>
        <message>
            <source>The chosen steps, large</source>
            <translation>Die gewählten Schritte, groß</translation>
        </message>
        <message>
            <source>%1 of %2. Begin anew stops it.</source>
            <translation>%1 von %2. Neu beginnen hält es an.</translation>
        </message>
        <message>
            <source>No series yet</source>
            <translation>Noch keine Reihe</translation>
        </message>
        <message>
            <source>Add frames</source>
            <translation>Bilder hinzufügen</translation>
        </message>
        <message>
            <source>Chart shots of one scene at steps of exposure, in one or more recording profiles. Frames, clips and folders can also be dropped here.</source>
            <translation>Tafelaufnahmen einer Szene in Belichtungsschritten, in einem oder mehreren Aufzeichnungsprofilen. Bilder, Clips und Ordner lassen sich auch hier ablegen.</translation>
        </message>
        <message>
            <source>Begin anew</source>
            <translation>Neu beginnen</translation>
        </message>
        <message>
            <source>Seen</source>
            <translation>Gesehen</translation>
        </message>
        <message>
            <source>How the steps are seen</source>
            <translation>Wie die Schritte gesehen werden</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Wie aufgenommen</translation>
        </message>
        <message>
            <source>Level only</source>
            <translation>Nur Pegel</translation>
        </message>
        <message>
            <source>Contrast from the greys</source>
            <translation>Kontrast aus den Grautönen</translation>
        </message>
        <message>
            <source>Fully corrected</source>
            <translation>Ganz korrigiert</translation>
        </message>
        <message>
            <source>How A and B share the view</source>
            <translation>Wie A und B die Ansicht teilen</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Wischen</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Schachbrett</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Nebeneinander</translation>
        </message>
        <message>
            <source>A alone</source>
            <translation>A allein</translation>
        </message>
        <message>
            <source>Drift up to</source>
            <translation>Drift bis</translation>
        </message>
        <message>
            <source>Drift that can be used, CIEDE2000</source>
            <translation>Brauchbare Drift, CIEDE2000</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 of all patches, of the greys and of skin, with the level alone corrected, that a shot may be from the base to be used.</source>
            <translation>Mittleres CIEDE2000 aller Felder, der Grautöne und der Haut, nur im Pegel korrigiert, das eine Aufnahme von der Basis entfernt sein darf, um brauchbar zu sein.</translation>
        </message>
        <message>
            <source>Try it with the demo's series</source>
            <translation>Mit der Reihe des Beispiels versuchen</translation>
        </message>
        <message>
            <source>A simulated camera shoots one scene at five exposures in two profiles.</source>
            <translation>Eine simulierte Kamera nimmt eine Szene in fünf Belichtungen und zwei Profilen auf.</translation>
        </message>
        <message>
            <source>Report</source>
            <translation>Bericht</translation>
        </message>
        <message>
            <source>Two pages to hand round, as PDF or HTML.</source>
            <translation>Zwei Seiten zum Weitergeben, als PDF oder HTML.</translation>
        </message>
        <message>
            <source>Keep with the body</source>
            <translation>Beim Gehäuse behalten</translation>
        </message>
        <message>
            <source>What can be used of each profile stays with the body in the kit, and a plan that goes beyond it says so.</source>
            <translation>Was von jedem Profil brauchbar ist, bleibt beim Gehäuse in der Ausrüstung, und ein Plan, der darüber hinausgeht, sagt es.</translation>
        </message>
        <message>
            <source>One LUT</source>
            <translation>Eine LUT</translation>
        </message>
        <message>
            <source>A LUT that all usable steps share, in the profile of the step chosen as A, with a card for the camera; it is said what each step pays.</source>
            <translation>Eine LUT, die alle brauchbaren Schritte teilen, im Profil des als A gewählten Schritts, mit einer Karte für die Kamera; es wird gesagt, was jeder Schritt zahlt.</translation>
        </message>
        <message>
            <source>Reading the charts</source>
            <translation>Tafeln werden gemessen</translation>
        </message>
        <message>
            <source>What can this camera take?</source>
            <translation>Was verträgt diese Kamera?</translation>
        </message>
        <message>
            <source>Shoot one scene with the chart at steps of exposure, from far too dark to far too light, in every recording profile that you might use. Drop the frames or clips here: which exposures can be used, where colours drift and what each profile costs is told at once.</source>
            <translation>Nehmen Sie eine Szene mit der Tafel in Belichtungsschritten auf, von viel zu dunkel bis viel zu hell, in jedem Aufzeichnungsprofil, das Sie benutzen könnten. Legen Sie die Bilder oder Clips hier ab: welche Belichtungen brauchbar sind, wo Farben wandern und was jedes Profil kostet, wird sofort gesagt.</translation>
        </message>
        <message>
            <source>%1: %2 steps in %3</source>
            <comment>body, number, profiles</comment>
            <translation>%1: %2 Schritte in %3</translation>
        </message>
        <message>
            <source>A camera</source>
            <translation>Eine Kamera</translation>
        </message>
        <message numerus="yes">
            <source>%n profiles</source>
            <translation>
                <numerusform>%n Profil</numerusform>
                <numerusform>%n Profilen</numerusform>
            </translation>
        </message>
        <message>
            <source>0 is the exposure of %1. A click chooses A, with Shift B.</source>
            <translation>0 ist die Belichtung von %1. Ein Klick wählt A, mit Umschalttaste B.</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>%1: %2, %3</source>
            <comment>A: profile, exposure</comment>
            <translation>%1: %2, %3</translation>
        </message>
        <message>
            <source>A</source>
            <translation>A</translation>
        </message>
        <message>
            <source>B</source>
            <translation>B</translation>
        </message>
        <message>
            <source>One LUT for all usable steps</source>
            <translation>Eine LUT für alle brauchbaren Schritte</translation>
        </message>
        <message>
            <source>3D LUT (*.cube)</source>
            <translation>3D-LUT (*.cube)</translation>
        </message>
        <message>
            <source>Exposure series</source>
            <translation>Belichtungsreihe</translation>
        </message>
        <message>
            <source>Exposure series of %1</source>
            <translation>Belichtungsreihe von %1</translation>
        </message>
        <message>
            <source>Report of the series</source>
            <translation>Bericht der Reihe</translation>
        </message>
        <message>
            <source>Report (*.pdf *.html)</source>
            <translation>Bericht (*.pdf *.html)</translation>
        </message>
        <message>
            <source>The series is another one by now; ask for its report again.</source>
            <translation>Die Reihe ist inzwischen eine andere; fordern Sie ihren Bericht noch einmal an.</translation>
        </message>
        <message>
            <source>The report is in %1.</source>
            <translation>Der Bericht ist in %1.</translation>
        </message>
        <message>
            <source>Neutral density</source>
            <translation>Neutraldichte</translation>
        </message>
        <message>
            <source>Stops that it takes away:</source>
            <translation>Blenden, die sie wegnimmt:</translation>
        </message>
        <message>
            <source>Neutral density is a number of stops, from 0 to 20.</source>
            <translation>Neutraldichte ist eine Zahl von Blenden, von 0 bis 20.</translation>
        </message>
        <message>
            <source>Shooting the demo's series</source>
            <translation>Die Reihe des Beispiels wird aufgenommen</translation>
        </message>
        <message>
            <source>Recording profile</source>
            <translation>Aufzeichnungsprofil</translation>
        </message>
        <message>
            <source>What this shot was recorded in:</source>
            <translation>Worin diese Aufnahme aufgezeichnet wurde:</translation>
        </message>
    </context>
    <context>
        <name>refero::SeriesPage</name>
        <message>
            <source>The chosen steps, large</source>
            <translation>Die gewählten Schritte, groß</translation>
        </message>
        <message>
            <source>%1 of %2. Begin anew stops it.</source>
            <translation>%1 von %2. Neu beginnen hält es an.</translation>
        </message>
        <message>
            <source>No series yet</source>
            <translation>Noch keine Reihe</translation>
        </message>
        <message>
            <source>Add frames</source>
            <translation>Bilder hinzufügen</translation>
        </message>
        <message>
            <source>Chart shots of one scene at steps of exposure, in one or more recording profiles. Frames, clips and folders can also be dropped here.</source>
            <translation>Tafelaufnahmen einer Szene in Belichtungsschritten, in einem oder mehreren Aufzeichnungsprofilen. Bilder, Clips und Ordner lassen sich auch hier ablegen.</translation>
        </message>
        <message>
            <source>Begin anew</source>
            <translation>Neu beginnen</translation>
        </message>
        <message>
            <source>Seen</source>
            <translation>Gesehen</translation>
        </message>
        <message>
            <source>How the steps are seen</source>
            <translation>Wie die Schritte gesehen werden</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Wie aufgenommen</translation>
        </message>
        <message>
            <source>Level only</source>
            <translation>Nur Pegel</translation>
        </message>
        <message>
            <source>Contrast from the greys</source>
            <translation>Kontrast aus den Grautönen</translation>
        </message>
        <message>
            <source>Fully corrected</source>
            <translation>Ganz korrigiert</translation>
        </message>
        <message>
            <source>How A and B share the view</source>
            <translation>Wie A und B die Ansicht teilen</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Wischen</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Schachbrett</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Nebeneinander</translation>
        </message>
        <message>
            <source>A alone</source>
            <translation>A allein</translation>
        </message>
        <message>
            <source>Drift up to</source>
            <translation>Drift bis</translation>
        </message>
        <message>
            <source>Drift that can be used, CIEDE2000</source>
            <translation>Brauchbare Drift, CIEDE2000</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 of all patches, of the greys and of skin, with the level alone corrected, that a shot may be from the base to be used.</source>
            <translation>Mittleres CIEDE2000 aller Felder, der Grautöne und der Haut, nur im Pegel korrigiert, das eine Aufnahme von der Basis entfernt sein darf, um brauchbar zu sein.</translation>
        </message>
        <message>
            <source>Try it with the demo's series</source>
            <translation>Mit der Reihe des Beispiels versuchen</translation>
        </message>
        <message>
            <source>A simulated camera shoots one scene at five exposures in two profiles.</source>
            <translation>Eine simulierte Kamera nimmt eine Szene in fünf Belichtungen und zwei Profilen auf.</translation>
        </message>
        <message>
            <source>Report</source>
            <translation>Bericht</translation>
        </message>
        <message>
            <source>Two pages to hand round, as PDF or HTML.</source>
            <translation>Zwei Seiten zum Weitergeben, als PDF oder HTML.</translation>
        </message>
        <message>
            <source>Keep with the body</source>
            <translation>Beim Gehäuse behalten</translation>
        </message>
        <message>
            <source>What can be used of each profile stays with the body in the kit, and a plan that goes beyond it says so.</source>
            <translation>Was von jedem Profil brauchbar ist, bleibt beim Gehäuse in der Ausrüstung, und ein Plan, der darüber hinausgeht, sagt es.</translation>
        </message>
        <message>
            <source>One LUT</source>
            <translation>Eine LUT</translation>
        </message>
        <message>
            <source>A LUT that all usable steps share, in the profile of the step chosen as A, with a card for the camera; it is said what each step pays.</source>
            <translation>Eine LUT, die alle brauchbaren Schritte teilen, im Profil des als A gewählten Schritts, mit einer Karte für die Kamera; es wird gesagt, was jeder Schritt zahlt.</translation>
        </message>
        <message>
            <source>Reading the charts</source>
            <translation>Tafeln werden gemessen</translation>
        </message>
        <message>
            <source>What can this camera take?</source>
            <translation>Was verträgt diese Kamera?</translation>
        </message>
        <message>
            <source>Shoot one scene with the chart at steps of exposure, from far too dark to far too light, in every recording profile that you might use. Drop the frames or clips here: which exposures can be used, where colours drift and what each profile costs is told at once.</source>
            <translation>Nehmen Sie eine Szene mit der Tafel in Belichtungsschritten auf, von viel zu dunkel bis viel zu hell, in jedem Aufzeichnungsprofil, das Sie benutzen könnten. Legen Sie die Bilder oder Clips hier ab: welche Belichtungen brauchbar sind, wo Farben wandern und was jedes Profil kostet, wird sofort gesagt.</translation>
        </message>
        <message>
            <source>%1: %2 steps in %3</source>
            <comment>body, number, profiles</comment>
            <translation>%1: %2 Schritte in %3</translation>
        </message>
        <message>
            <source>A camera</source>
            <translation>Eine Kamera</translation>
        </message>
        <message numerus="yes">
            <source>%n profiles</source>
            <translation>
                <numerusform>%n Profil</numerusform>
                <numerusform>%n Profilen</numerusform>
            </translation>
        </message>
        <message>
            <source>0 is the exposure of %1. A click chooses A, with Shift B.</source>
            <translation>0 ist die Belichtung von %1. Ein Klick wählt A, mit Umschalttaste B.</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>%1: %2, %3</source>
            <comment>A: profile, exposure</comment>
            <translation>%1: %2, %3</translation>
        </message>
        <message>
            <source>A</source>
            <translation>A</translation>
        </message>
        <message>
            <source>B</source>
            <translation>B</translation>
        </message>
        <message>
            <source>One LUT for all usable steps</source>
            <translation>Eine LUT für alle brauchbaren Schritte</translation>
        </message>
        <message>
            <source>3D LUT (*.cube)</source>
            <translation>3D-LUT (*.cube)</translation>
        </message>
        <message>
            <source>Exposure series</source>
            <translation>Belichtungsreihe</translation>
        </message>
        <message>
            <source>Exposure series of %1</source>
            <translation>Belichtungsreihe von %1</translation>
        </message>
        <message>
            <source>Report of the series</source>
            <translation>Bericht der Reihe</translation>
        </message>
        <message>
            <source>Report (*.pdf *.html)</source>
            <translation>Bericht (*.pdf *.html)</translation>
        </message>
        <message>
            <source>The series is another one by now; ask for its report again.</source>
            <translation>Die Reihe ist inzwischen eine andere; fordern Sie ihren Bericht noch einmal an.</translation>
        </message>
        <message>
            <source>The report is in %1.</source>
            <translation>Der Bericht ist in %1.</translation>
        </message>
        <message>
            <source>Neutral density</source>
            <translation>Neutraldichte</translation>
        </message>
        <message>
            <source>Stops that it takes away:</source>
            <translation>Blenden, die sie wegnimmt:</translation>
        </message>
        <message>
            <source>Neutral density is a number of stops, from 0 to 20.</source>
            <translation>Neutraldichte ist eine Zahl von Blenden, von 0 bis 20.</translation>
        </message>
        <message>
            <source>Shooting the demo's series</source>
            <translation>Die Reihe des Beispiels wird aufgenommen</translation>
        </message>
        <message>
            <source>Recording profile</source>
            <translation>Aufzeichnungsprofil</translation>
        </message>
        <message>
            <source>What this shot was recorded in:</source>
            <translation>Worin diese Aufnahme aufgezeichnet wurde:</translation>
        </message>
    </context>
    <context>
        <name>Session</name>
        <message>
            <source>Frames are still coming into this shoot; stop that first.</source>
            <translation>Es kommen noch Bilder in diesen Dreh; halten Sie das zuerst an.</translation>
        </message>
        <message>
            <source>Open %1</source>
            <translation>%1 öffnen</translation>
        </message>
        <message>
            <source>Move %1</source>
            <translation>%1 verschieben</translation>
        </message>
    </context>
    <context>
        <name>refero::Session</name>
        <message>
            <source>Frames are still coming into this shoot; stop that first.</source>
            <translation>Es kommen noch Bilder in diesen Dreh; halten Sie das zuerst an.</translation>
        </message>
        <message>
            <source>Open %1</source>
            <translation>%1 öffnen</translation>
        </message>
        <message>
            <source>Move %1</source>
            <translation>%1 verschieben</translation>
        </message>
    </context>
    <context>
        <name>Setup</name>
        <message>
            <source>Colours lent</source>
            <translation>Farben geliehen</translation>
        </message>
        <message>
            <source>Out of date: its leader has changed</source>
            <translation>Veraltet: die führende Kamera hat sich geändert</translation>
        </message>
        <message>
            <source>Out of date: %1</source>
            <translation>Veraltet: %1</translation>
        </message>
    </context>
    <context>
        <name>refero::Setup</name>
        <message>
            <source>Colours lent</source>
            <translation>Farben geliehen</translation>
        </message>
        <message>
            <source>Out of date: its leader has changed</source>
            <translation>Veraltet: die führende Kamera hat sich geändert</translation>
        </message>
        <message>
            <source>Out of date: %1</source>
            <translation>Veraltet: %1</translation>
        </message>
    </context>
    <context>
        <name>SetupEditor</name>
        <message>
            <source>Its chart was shot like this</source>
            <translation>Seine Tafel wurde so aufgenommen</translation>
        </message>
        <message>
            <source>Where an entry was wrong and nothing was changed on the set.</source>
            <translation>Wo ein Eintrag falsch war und am Set nichts geändert wurde.</translation>
        </message>
        <message>
            <source>Chart: %1</source>
            <translation>Tafel: %1</translation>
        </message>
        <message>
            <source>Distance: %1 m</source>
            <translation>Abstand: %1 m</translation>
        </message>
        <message>
            <source>Nothing is changed since %1.</source>
            <translation>Seit %1 ist nichts geändert.</translation>
        </message>
        <message>
            <source>Since %1: %2.</source>
            <translation>Seit %1: %2.</translation>
        </message>
        <message>
            <source>The first setup of its body.</source>
            <translation>Der erste Aufbau seines Gehäuses.</translation>
        </message>
        <message>
            <source>Planned %1 stops darker than the test of %2 says can be used.</source>
            <translation>Geplant sind %1 Blenden dunkler, als der Test von %2 für brauchbar hält.</translation>
        </message>
        <message>
            <source>Planned %1 stops lighter than the test of %2 says can be used.</source>
            <translation>Geplant sind %1 Blenden heller, als der Test von %2 für brauchbar hält.</translation>
        </message>
        <message>
            <source>No setup chosen</source>
            <translation>Kein Aufbau gewählt</translation>
        </message>
    </context>
    <context>
        <name>refero::SetupEditor</name>
        <message>
            <source>Its chart was shot like this</source>
            <translation>Seine Tafel wurde so aufgenommen</translation>
        </message>
        <message>
            <source>Where an entry was wrong and nothing was changed on the set.</source>
            <translation>Wo ein Eintrag falsch war und am Set nichts geändert wurde.</translation>
        </message>
        <message>
            <source>Chart: %1</source>
            <translation>Tafel: %1</translation>
        </message>
        <message>
            <source>Distance: %1 m</source>
            <translation>Abstand: %1 m</translation>
        </message>
        <message>
            <source>Nothing is changed since %1.</source>
            <translation>Seit %1 ist nichts geändert.</translation>
        </message>
        <message>
            <source>Since %1: %2.</source>
            <translation>Seit %1: %2.</translation>
        </message>
        <message>
            <source>The first setup of its body.</source>
            <translation>Der erste Aufbau seines Gehäuses.</translation>
        </message>
        <message>
            <source>Planned %1 stops darker than the test of %2 says can be used.</source>
            <translation>Geplant sind %1 Blenden dunkler, als der Test von %2 für brauchbar hält.</translation>
        </message>
        <message>
            <source>Planned %1 stops lighter than the test of %2 says can be used.</source>
            <translation>Geplant sind %1 Blenden heller, als der Test von %2 für brauchbar hält.</translation>
        </message>
        <message>
            <source>No setup chosen</source>
            <translation>Kein Aufbau gewählt</translation>
        </message>
    </context>
    <context>
        <name>SetupFields</name>
        <message>
            <source>not stated</source>
            <translation>nicht angegeben</translation>
        </message>
        <message>
            <source>Exposure</source>
            <translation>Belichtung</translation>
        </message>
    </context>
    <context>
        <name>refero::SetupFields</name>
        <message>
            <source>not stated</source>
            <translation>nicht angegeben</translation>
        </message>
        <message>
            <source>Exposure</source>
            <translation>Belichtung</translation>
        </message>
    </context>
    <context>
        <name>SheetGroups</name>
        <message>
            <source>a camera without a name</source>
            <translation>einer Kamera ohne Namen</translation>
        </message>
        <message>
            <source>Proposed for %1</source>
            <translation>Vorgeschlagen für %1</translation>
        </message>
        <message>
            <source>Proposed: %1</source>
            <translation>Vorgeschlagen: %1</translation>
        </message>
        <message>
            <source>A light of its own</source>
            <translation>Ein eigenes Licht</translation>
        </message>
        <message>
            <source>drop frames here</source>
            <translation>Bilder hier ablegen</translation>
        </message>
    </context>
    <context>
        <name>refero::SheetGroups</name>
        <message>
            <source>a camera without a name</source>
            <translation>einer Kamera ohne Namen</translation>
        </message>
        <message>
            <source>Proposed for %1</source>
            <translation>Vorgeschlagen für %1</translation>
        </message>
        <message>
            <source>Proposed: %1</source>
            <translation>Vorgeschlagen: %1</translation>
        </message>
        <message>
            <source>A light of its own</source>
            <translation>Ein eigenes Licht</translation>
        </message>
        <message>
            <source>drop frames here</source>
            <translation>Bilder hier ablegen</translation>
        </message>
    </context>
    <context>
        <name>SingleFile</name>
        <message>
            <source>As</source>
            <translation>Als</translation>
        </message>
        <message>
            <source>What the receiver's program reads.</source>
            <translation>Was das Programm des Empfängers liest.</translation>
        </message>
        <message>
            <source>Input</source>
            <translation>Eingabe</translation>
        </message>
        <message>
            <source>The encoding of the camera's picture that the file will be given.</source>
            <translation>Die Kodierung des Kamerabildes, das die Datei bekommt.</translation>
        </message>
        <message>
            <source>Output</source>
            <translation>Ausgabe</translation>
        </message>
        <message>
            <source>The colour space of what comes out of the LUT.</source>
            <translation>Der Farbraum dessen, was aus der LUT kommt.</translation>
        </message>
        <message>
            <source>Of</source>
            <translation>Von</translation>
        </message>
        <message>
            <source>Whose correction</source>
            <translation>Wessen Korrektur</translation>
        </message>
        <message>
            <source>One file for all setups of this body that were recorded alike: their chart shots are averaged, and it is said what each pays for sharing.</source>
            <translation>Eine Datei für alle gleich aufgezeichneten Aufbauten dieses Gehäuses: ihre Tafelaufnahmen werden gemittelt, und es wird gesagt, was jeder fürs Teilen zahlt.</translation>
        </message>
        <message>
            <source>Base and rounded</source>
            <translation>Basis und abgerundet</translation>
        </message>
        <message>
            <source>Two files: one without a finish, one with the rounded one.</source>
            <translation>Zwei Dateien: eine ohne Finish, eine mit dem abgerundeten.</translation>
        </message>
        <message>
            <source>With a card for the camera</source>
            <translation>Mit einer Karte für die Kamera</translation>
        </message>
        <message>
            <source>A page beside the file: what to record, where mid-grey, white and skin must lie, and how far the exposure may be off.</source>
            <translation>Eine Seite neben der Datei: was aufzuzeichnen ist, wo Mittelgrau, Weiß und Haut liegen müssen, und wie weit die Belichtung daneben sein darf.</translation>
        </message>
        <message>
            <source>This setup</source>
            <translation>Dieser Aufbau</translation>
        </message>
        <message numerus="yes">
            <source>%n setups of this body, sharing one</source>
            <translation>
                <numerusform>%n Aufbau dieses Gehäuses, mit einer geteilten</numerusform>
                <numerusform>%n Aufbauten dieses Gehäuses, mit einer geteilten</numerusform>
            </translation>
        </message>
        <message>
            <source>What it holds is %1 CIEDE2000 off on average, %2 at most.</source>
            <translation>Was sie fasst, liegt im Mittel %1 CIEDE2000 daneben, höchstens %2.</translation>
        </message>
        <message>
            <source>Writing, and reading it back with another engine</source>
            <translation>Wird geschrieben und mit einem anderen Programm zurückgelesen</translation>
        </message>
        <message>
            <source>%1 written. %2 read it back: at most %3 CIEDE2000 off over %4 colours.</source>
            <translation>%1 geschrieben. %2 las es zurück: höchstens %3 CIEDE2000 daneben über %4 Farben.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Übergeben</translation>
        </message>
    </context>
    <context>
        <name>refero::SingleFile</name>
        <message>
            <source>As</source>
            <translation>Als</translation>
        </message>
        <message>
            <source>What the receiver's program reads.</source>
            <translation>Was das Programm des Empfängers liest.</translation>
        </message>
        <message>
            <source>Input</source>
            <translation>Eingabe</translation>
        </message>
        <message>
            <source>The encoding of the camera's picture that the file will be given.</source>
            <translation>Die Kodierung des Kamerabildes, das die Datei bekommt.</translation>
        </message>
        <message>
            <source>Output</source>
            <translation>Ausgabe</translation>
        </message>
        <message>
            <source>The colour space of what comes out of the LUT.</source>
            <translation>Der Farbraum dessen, was aus der LUT kommt.</translation>
        </message>
        <message>
            <source>Of</source>
            <translation>Von</translation>
        </message>
        <message>
            <source>Whose correction</source>
            <translation>Wessen Korrektur</translation>
        </message>
        <message>
            <source>One file for all setups of this body that were recorded alike: their chart shots are averaged, and it is said what each pays for sharing.</source>
            <translation>Eine Datei für alle gleich aufgezeichneten Aufbauten dieses Gehäuses: ihre Tafelaufnahmen werden gemittelt, und es wird gesagt, was jeder fürs Teilen zahlt.</translation>
        </message>
        <message>
            <source>Base and rounded</source>
            <translation>Basis und abgerundet</translation>
        </message>
        <message>
            <source>Two files: one without a finish, one with the rounded one.</source>
            <translation>Zwei Dateien: eine ohne Finish, eine mit dem abgerundeten.</translation>
        </message>
        <message>
            <source>With a card for the camera</source>
            <translation>Mit einer Karte für die Kamera</translation>
        </message>
        <message>
            <source>A page beside the file: what to record, where mid-grey, white and skin must lie, and how far the exposure may be off.</source>
            <translation>Eine Seite neben der Datei: was aufzuzeichnen ist, wo Mittelgrau, Weiß und Haut liegen müssen, und wie weit die Belichtung daneben sein darf.</translation>
        </message>
        <message>
            <source>This setup</source>
            <translation>Dieser Aufbau</translation>
        </message>
        <message numerus="yes">
            <source>%n setups of this body, sharing one</source>
            <translation>
                <numerusform>%n Aufbau dieses Gehäuses, mit einer geteilten</numerusform>
                <numerusform>%n Aufbauten dieses Gehäuses, mit einer geteilten</numerusform>
            </translation>
        </message>
        <message>
            <source>What it holds is %1 CIEDE2000 off on average, %2 at most.</source>
            <translation>Was sie fasst, liegt im Mittel %1 CIEDE2000 daneben, höchstens %2.</translation>
        </message>
        <message>
            <source>Writing, and reading it back with another engine</source>
            <translation>Wird geschrieben und mit einem anderen Programm zurückgelesen</translation>
        </message>
        <message>
            <source>%1 written. %2 read it back: at most %3 CIEDE2000 off over %4 colours.</source>
            <translation>%1 geschrieben. %2 las es zurück: höchstens %3 CIEDE2000 daneben über %4 Farben.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Übergeben</translation>
        </message>
    </context>
    <context>
        <name>SnapshotsPage</name>
        <message>
            <source>Snapshots</source>
            <translation>Schnappschüsse</translation>
        </message>
    </context>
    <context>
        <name>refero::SnapshotsPage</name>
        <message>
            <source>Snapshots</source>
            <translation>Schnappschüsse</translation>
        </message>
    </context>
    <context>
        <name>StagesPage</name>
        <message>
            <source>nothing: the chart shot is used as it was shot</source>
            <translation>nichts: die Tafelaufnahme wird benutzt, wie sie ist</translation>
        </message>
        <message>
            <source>nothing: there was nothing to mend</source>
            <translation>nichts: es gab nichts zu beheben</translation>
        </message>
        <message>
            <source>To linear light</source>
            <translation>Zu linearem Licht</translation>
        </message>
        <message>
            <source>Light field</source>
            <translation>Lichtverlauf</translation>
        </message>
        <message>
            <source>Mended</source>
            <translation>Behoben</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Abgleich</translation>
        </message>
        <message>
            <source>Grey curves</source>
            <translation>Graukurven</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Farben</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Finish</translation>
        </message>
        <message>
            <source>Built from</source>
            <translation>Gebaut aus</translation>
        </message>
        <message>
            <source>Judged as</source>
            <translation>Beurteilt als</translation>
        </message>
        <message>
            <source>The leader's look</source>
            <translation>Das Aussehen der führenden</translation>
        </message>
        <message>
            <source>contrast, level and cast of its picture, a curve a channel</source>
            <translation>Kontrast, Pegel und Stich ihres Bildes, eine Kurve je Kanal</translation>
        </message>
        <message>
            <source>none: it is seen through its correction</source>
            <translation>keines: sie wird durch ihre Korrektur gesehen</translation>
        </message>
        <message>
            <source>Goes towards</source>
            <translation>Führt zu</translation>
        </message>
        <message>
            <source>Held back</source>
            <translation>Zurückgehalten</translation>
        </message>
    </context>
    <context>
        <name>refero::StagesPage</name>
        <message>
            <source>nothing: the chart shot is used as it was shot</source>
            <translation>nichts: die Tafelaufnahme wird benutzt, wie sie ist</translation>
        </message>
        <message>
            <source>nothing: there was nothing to mend</source>
            <translation>nichts: es gab nichts zu beheben</translation>
        </message>
        <message>
            <source>To linear light</source>
            <translation>Zu linearem Licht</translation>
        </message>
        <message>
            <source>Light field</source>
            <translation>Lichtverlauf</translation>
        </message>
        <message>
            <source>Mended</source>
            <translation>Behoben</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Abgleich</translation>
        </message>
        <message>
            <source>Grey curves</source>
            <translation>Graukurven</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Farben</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Finish</translation>
        </message>
        <message>
            <source>Built from</source>
            <translation>Gebaut aus</translation>
        </message>
        <message>
            <source>Judged as</source>
            <translation>Beurteilt als</translation>
        </message>
        <message>
            <source>The leader's look</source>
            <translation>Das Aussehen der führenden</translation>
        </message>
        <message>
            <source>contrast, level and cast of its picture, a curve a channel</source>
            <translation>Kontrast, Pegel und Stich ihres Bildes, eine Kurve je Kanal</translation>
        </message>
        <message>
            <source>none: it is seen through its correction</source>
            <translation>keines: sie wird durch ihre Korrektur gesehen</translation>
        </message>
        <message>
            <source>Goes towards</source>
            <translation>Führt zu</translation>
        </message>
        <message>
            <source>Held back</source>
            <translation>Zurückgehalten</translation>
        </message>
    </context>
    <context>
        <name>StepsPage</name>
        <message>
            <source>Step</source>
            <translation>Schritt</translation>
        </message>
        <message>
            <source>In the order of the trade. A step that is not ticked is held back.</source>
            <translation>In der Reihenfolge des Handwerks. Ein nicht angehakter Schritt wird zurückgehalten.</translation>
        </message>
        <message>
            <source>All</source>
            <translation>Alle</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the two cameras over the chart after this step.</source>
            <translation>Mittleres CIEDE2000 zwischen den beiden Kameras über die Tafel nach diesem Schritt.</translation>
        </message>
        <message>
            <source>Greys</source>
            <translation>Grautöne</translation>
        </message>
        <message>
            <source>The same over the greys.</source>
            <translation>Dasselbe über die Grautöne.</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Haut</translation>
        </message>
        <message>
            <source>The same over skin.</source>
            <translation>Dasselbe über Haut.</translation>
        </message>
        <message>
            <source>Its own</source>
            <translation>Eigene</translation>
        </message>
        <message>
            <source>The same over the hue that this step is for.</source>
            <translation>Dasselbe über den Farbton, für den dieser Schritt ist.</translation>
        </message>
        <message>
            <source>Steps of the match</source>
            <translation>Schritte der Angleichung</translation>
        </message>
        <message>
            <source>Choose a step to see the pictures after it; untick one to hold it back.</source>
            <translation>Wählen Sie einen Schritt, um die Bilder danach zu sehen; entfernen Sie das Häkchen, um ihn zurückzuhalten.</translation>
        </message>
        <message>
            <source>Skin counts four times</source>
            <translation>Haut zählt vierfach</translation>
        </message>
        <message>
            <source>as it is</source>
            <translation>wie es ist</translation>
        </message>
        <message>
            <source>matched</source>
            <translation>angeglichen</translation>
        </message>
        <message>
            <source>after %1</source>
            <translation>nach %1</translation>
        </message>
        <message>
            <source>As they are</source>
            <translation>Wie sie sind</translation>
        </message>
    </context>
    <context>
        <name>refero::StepsPage</name>
        <message>
            <source>Step</source>
            <translation>Schritt</translation>
        </message>
        <message>
            <source>In the order of the trade. A step that is not ticked is held back.</source>
            <translation>In der Reihenfolge des Handwerks. Ein nicht angehakter Schritt wird zurückgehalten.</translation>
        </message>
        <message>
            <source>All</source>
            <translation>Alle</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the two cameras over the chart after this step.</source>
            <translation>Mittleres CIEDE2000 zwischen den beiden Kameras über die Tafel nach diesem Schritt.</translation>
        </message>
        <message>
            <source>Greys</source>
            <translation>Grautöne</translation>
        </message>
        <message>
            <source>The same over the greys.</source>
            <translation>Dasselbe über die Grautöne.</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Haut</translation>
        </message>
        <message>
            <source>The same over skin.</source>
            <translation>Dasselbe über Haut.</translation>
        </message>
        <message>
            <source>Its own</source>
            <translation>Eigene</translation>
        </message>
        <message>
            <source>The same over the hue that this step is for.</source>
            <translation>Dasselbe über den Farbton, für den dieser Schritt ist.</translation>
        </message>
        <message>
            <source>Steps of the match</source>
            <translation>Schritte der Angleichung</translation>
        </message>
        <message>
            <source>Choose a step to see the pictures after it; untick one to hold it back.</source>
            <translation>Wählen Sie einen Schritt, um die Bilder danach zu sehen; entfernen Sie das Häkchen, um ihn zurückzuhalten.</translation>
        </message>
        <message>
            <source>Skin counts four times</source>
            <translation>Haut zählt vierfach</translation>
        </message>
        <message>
            <source>as it is</source>
            <translation>wie es ist</translation>
        </message>
        <message>
            <source>matched</source>
            <translation>angeglichen</translation>
        </message>
        <message>
            <source>after %1</source>
            <translation>nach %1</translation>
        </message>
        <message>
            <source>As they are</source>
            <translation>Wie sie sind</translation>
        </message>
    </context>
    <context>
        <name>StudioMenu</name>
        <message>
            <source>%1, in %2</source>
            <comment>a file and its folder</comment>
            <translation>%1, in %2</translation>
        </message>
        <message>
            <source>Opening %1</source>
            <translation>%1 wird geöffnet</translation>
        </message>
        <message>
            <source>Open a studio</source>
            <translation>Ein Studio öffnen</translation>
        </message>
        <message>
            <source>Begin a new studio</source>
            <translation>Ein neues Studio beginnen</translation>
        </message>
        <message>
            <source>Save a copy</source>
            <translation>Eine Kopie sichern</translation>
        </message>
        <message>
            <source>Copied to</source>
            <translation>Kopiert nach</translation>
        </message>
        <message>
            <source>There is no setup in this shoot yet, so there is nothing to print.</source>
            <translation>In diesem Dreh gibt es noch keinen Aufbau, also nichts zu drucken.</translation>
        </message>
        <message>
            <source>Call sheet and slates</source>
            <translation>Disposition und Klappen</translation>
        </message>
        <message>
            <source>PDF (*.pdf)</source>
            <translation>PDF (*.pdf)</translation>
        </message>
        <message>
            <source>Call sheet written:</source>
            <translation>Disposition geschrieben:</translation>
        </message>
        <message>
            <source>Export all as JSON</source>
            <translation>Alles als JSON ausgeben</translation>
        </message>
        <message>
            <source>Exported to</source>
            <translation>Ausgegeben nach</translation>
        </message>
        <message>
            <source>Make a studio of exported JSON</source>
            <translation>Ein Studio aus JSON machen</translation>
        </message>
        <message>
            <source>Where the studio shall be</source>
            <translation>Wo das Studio sein soll</translation>
        </message>
    </context>
    <context>
        <name>refero::StudioMenu</name>
        <message>
            <source>%1, in %2</source>
            <comment>a file and its folder</comment>
            <translation>%1, in %2</translation>
        </message>
        <message>
            <source>Opening %1</source>
            <translation>%1 wird geöffnet</translation>
        </message>
        <message>
            <source>Open a studio</source>
            <translation>Ein Studio öffnen</translation>
        </message>
        <message>
            <source>Begin a new studio</source>
            <translation>Ein neues Studio beginnen</translation>
        </message>
        <message>
            <source>Save a copy</source>
            <translation>Eine Kopie sichern</translation>
        </message>
        <message>
            <source>Copied to</source>
            <translation>Kopiert nach</translation>
        </message>
        <message>
            <source>There is no setup in this shoot yet, so there is nothing to print.</source>
            <translation>In diesem Dreh gibt es noch keinen Aufbau, also nichts zu drucken.</translation>
        </message>
        <message>
            <source>Call sheet and slates</source>
            <translation>Disposition und Klappen</translation>
        </message>
        <message>
            <source>PDF (*.pdf)</source>
            <translation>PDF (*.pdf)</translation>
        </message>
        <message>
            <source>Call sheet written:</source>
            <translation>Disposition geschrieben:</translation>
        </message>
        <message>
            <source>Export all as JSON</source>
            <translation>Alles als JSON ausgeben</translation>
        </message>
        <message>
            <source>Exported to</source>
            <translation>Ausgegeben nach</translation>
        </message>
        <message>
            <source>Make a studio of exported JSON</source>
            <translation>Ein Studio aus JSON machen</translation>
        </message>
        <message>
            <source>Where the studio shall be</source>
            <translation>Wo das Studio sein soll</translation>
        </message>
    </context>
    <context>
        <name>SunStrip</name>
        <message>
            <source>The sun's height over the day</source>
            <translation>Die Höhe der Sonne über den Tag</translation>
        </message>
        <message>
            <source>Height of the sun</source>
            <translation>Höhe der Sonne</translation>
        </message>
        <message>
            <source>The sun is highest at %1, %2 degrees.</source>
            <translation>Am höchsten steht die Sonne um %1, %2 Grad.</translation>
        </message>
        <message>
            <source>A chart shot at %1 holds until %2.</source>
            <translation>Eine Tafelaufnahme um %1 hält bis %2.</translation>
        </message>
    </context>
    <context>
        <name>refero::SunStrip</name>
        <message>
            <source>The sun's height over the day</source>
            <translation>Die Höhe der Sonne über den Tag</translation>
        </message>
        <message>
            <source>Height of the sun</source>
            <translation>Höhe der Sonne</translation>
        </message>
        <message>
            <source>The sun is highest at %1, %2 degrees.</source>
            <translation>Am höchsten steht die Sonne um %1, %2 Grad.</translation>
        </message>
        <message>
            <source>A chart shot at %1 holds until %2.</source>
            <translation>Eine Tafelaufnahme um %1 hält bis %2.</translation>
        </message>
    </context>
    <context>
        <name>TopBar</name>
        <message>
            <source>Find and do</source>
            <translation>Finden und tun</translation>
        </message>
        <message>
            <source>Find and do anything by its name (Ctrl+K)</source>
            <translation>Alles nach seinem Namen finden und tun (Strg+K)</translation>
        </message>
        <message>
            <source>Import frames (Ctrl+O)</source>
            <translation>Bilder einbringen (Strg+O)</translation>
        </message>
        <message>
            <source>Undo (Ctrl+Z)</source>
            <translation>Rückgängig (Strg+Z)</translation>
        </message>
        <message>
            <source>Redo (Ctrl+Shift+Z)</source>
            <translation>Wiederholen (Strg+Umschalt+Z)</translation>
        </message>
        <message>
            <source>All steps, by name</source>
            <translation>Alle Schritte, mit Namen</translation>
        </message>
        <message>
            <source>Undo: %1 (Ctrl+Z)</source>
            <translation>Rückgängig: %1 (Strg+Z)</translation>
        </message>
        <message>
            <source>Nothing to undo</source>
            <translation>Nichts rückgängig zu machen</translation>
        </message>
        <message>
            <source>Redo: %1 (Ctrl+Shift+Z)</source>
            <translation>Wiederholen: %1 (Strg+Umschalt+Z)</translation>
        </message>
        <message>
            <source>Nothing to redo</source>
            <translation>Nichts zu wiederholen</translation>
        </message>
        <message>
            <source>Dim or booth surround (Ctrl+B)</source>
            <translation>Dunkles oder helles Umfeld (Strg+B)</translation>
        </message>
        <message>
            <source>Nothing but the picture (F11)</source>
            <translation>Nichts als das Bild (F11)</translation>
        </message>
        <message>
            <source>Menu: studios, steps, pages, help (F10)</source>
            <translation>Menü: Studios, Schritte, Seiten, Hilfe (F10)</translation>
        </message>
        <message>
            <source>Find  Ctrl+K</source>
            <translation>Finden  Strg+K</translation>
        </message>
        <message>
            <source>Beginning</source>
            <translation>Anfang</translation>
        </message>
    </context>
    <context>
        <name>refero::TopBar</name>
        <message>
            <source>Find and do</source>
            <translation>Finden und tun</translation>
        </message>
        <message>
            <source>Find and do anything by its name (Ctrl+K)</source>
            <translation>Alles nach seinem Namen finden und tun (Strg+K)</translation>
        </message>
        <message>
            <source>Import frames (Ctrl+O)</source>
            <translation>Bilder einbringen (Strg+O)</translation>
        </message>
        <message>
            <source>Undo (Ctrl+Z)</source>
            <translation>Rückgängig (Strg+Z)</translation>
        </message>
        <message>
            <source>Redo (Ctrl+Shift+Z)</source>
            <translation>Wiederholen (Strg+Umschalt+Z)</translation>
        </message>
        <message>
            <source>All steps, by name</source>
            <translation>Alle Schritte, mit Namen</translation>
        </message>
        <message>
            <source>Undo: %1 (Ctrl+Z)</source>
            <translation>Rückgängig: %1 (Strg+Z)</translation>
        </message>
        <message>
            <source>Nothing to undo</source>
            <translation>Nichts rückgängig zu machen</translation>
        </message>
        <message>
            <source>Redo: %1 (Ctrl+Shift+Z)</source>
            <translation>Wiederholen: %1 (Strg+Umschalt+Z)</translation>
        </message>
        <message>
            <source>Nothing to redo</source>
            <translation>Nichts zu wiederholen</translation>
        </message>
        <message>
            <source>Dim or booth surround (Ctrl+B)</source>
            <translation>Dunkles oder helles Umfeld (Strg+B)</translation>
        </message>
        <message>
            <source>Nothing but the picture (F11)</source>
            <translation>Nichts als das Bild (F11)</translation>
        </message>
        <message>
            <source>Menu: studios, steps, pages, help (F10)</source>
            <translation>Menü: Studios, Schritte, Seiten, Hilfe (F10)</translation>
        </message>
        <message>
            <source>Find  Ctrl+K</source>
            <translation>Finden  Strg+K</translation>
        </message>
        <message>
            <source>Beginning</source>
            <translation>Anfang</translation>
        </message>
    </context>
    <context>
        <name>TransformTable</name>
        <message>
            <source>reverses</source>
            <translation>kehrt um</translation>
        </message>
        <message>
            <source>bands</source>
            <translation>Stufen</translation>
        </message>
        <message>
            <source>merges</source>
            <translation>verschmilzt</translation>
        </message>
        <message>
            <source>cuts</source>
            <translation>schneidet</translation>
        </message>
        <message>
            <source>none</source>
            <translation>keines</translation>
        </message>
        <message>
            <source>Being tried</source>
            <translation>Wird versucht</translation>
        </message>
        <message>
            <source>Transform</source>
            <translation>Umrechnung</translation>
        </message>
        <message>
            <source>What it is</source>
            <translation>Was es ist</translation>
        </message>
        <message>
            <source>Error</source>
            <translation>Fehler</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 to the reference values at the exposure that it expects.</source>
            <translation>Mittleres CIEDE2000 zu den Referenzwerten bei der Belichtung, die sie erwartet.</translation>
        </message>
        <message>
            <source>Expects</source>
            <translation>Erwartet</translation>
        </message>
        <message>
            <source>Stops more than the chart shot has.</source>
            <translation>Blenden mehr, als die Tafelaufnahme hat.</translation>
        </message>
        <message>
            <source>Cast</source>
            <translation>Stich</translation>
        </message>
        <message>
            <source>CIEDE2000 of the grey that is furthest from grey.</source>
            <translation>CIEDE2000 des Graus, das am weitesten von Grau entfernt ist.</translation>
        </message>
        <message>
            <source>Hue</source>
            <translation>Farbton</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 of the hue that is furthest off.</source>
            <translation>Mittleres CIEDE2000 des Farbtons, der am weitesten daneben ist.</translation>
        </message>
        <message>
            <source>Noise</source>
            <translation>Rauschen</translation>
        </message>
        <message>
            <source>Chroma noise of one pixel, a* and b*.</source>
            <translation>Farbrauschen eines Pixels, a* und b*.</translation>
        </message>
        <message>
            <source>Flaws</source>
            <translation>Mängel</translation>
        </message>
        <message>
            <source>Whether it turns colours over, makes steps, merges near colours, or cuts colours off.</source>
            <translation>Ob sie Farben umkehrt, Stufen macht, nahe Farben verschmilzt oder Farben abschneidet.</translation>
        </message>
        <message>
            <source>Transforms</source>
            <translation>Umrechnungen</translation>
        </message>
        <message>
            <source>A click on a heading sorts by it.</source>
            <translation>Ein Klick auf eine Überschrift sortiert danach.</translation>
        </message>
    </context>
    <context>
        <name>refero::TransformTable</name>
        <message>
            <source>reverses</source>
            <translation>kehrt um</translation>
        </message>
        <message>
            <source>bands</source>
            <translation>Stufen</translation>
        </message>
        <message>
            <source>merges</source>
            <translation>verschmilzt</translation>
        </message>
        <message>
            <source>cuts</source>
            <translation>schneidet</translation>
        </message>
        <message>
            <source>none</source>
            <translation>keines</translation>
        </message>
        <message>
            <source>Being tried</source>
            <translation>Wird versucht</translation>
        </message>
        <message>
            <source>Transform</source>
            <translation>Umrechnung</translation>
        </message>
        <message>
            <source>What it is</source>
            <translation>Was es ist</translation>
        </message>
        <message>
            <source>Error</source>
            <translation>Fehler</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 to the reference values at the exposure that it expects.</source>
            <translation>Mittleres CIEDE2000 zu den Referenzwerten bei der Belichtung, die sie erwartet.</translation>
        </message>
        <message>
            <source>Expects</source>
            <translation>Erwartet</translation>
        </message>
        <message>
            <source>Stops more than the chart shot has.</source>
            <translation>Blenden mehr, als die Tafelaufnahme hat.</translation>
        </message>
        <message>
            <source>Cast</source>
            <translation>Stich</translation>
        </message>
        <message>
            <source>CIEDE2000 of the grey that is furthest from grey.</source>
            <translation>CIEDE2000 des Graus, das am weitesten von Grau entfernt ist.</translation>
        </message>
        <message>
            <source>Hue</source>
            <translation>Farbton</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 of the hue that is furthest off.</source>
            <translation>Mittleres CIEDE2000 des Farbtons, der am weitesten daneben ist.</translation>
        </message>
        <message>
            <source>Noise</source>
            <translation>Rauschen</translation>
        </message>
        <message>
            <source>Chroma noise of one pixel, a* and b*.</source>
            <translation>Farbrauschen eines Pixels, a* und b*.</translation>
        </message>
        <message>
            <source>Flaws</source>
            <translation>Mängel</translation>
        </message>
        <message>
            <source>Whether it turns colours over, makes steps, merges near colours, or cuts colours off.</source>
            <translation>Ob sie Farben umkehrt, Stufen macht, nahe Farben verschmilzt oder Farben abschneidet.</translation>
        </message>
        <message>
            <source>Transforms</source>
            <translation>Umrechnungen</translation>
        </message>
        <message>
            <source>A click on a heading sorts by it.</source>
            <translation>Ein Klick auf eine Überschrift sortiert danach.</translation>
        </message>
    </context>
    <context>
        <name>TransformsPage</name>
        <message>
            <source>A picture of the setup through two transforms</source>
            <translation>Ein Bild des Aufbaus durch zwei Umrechnungen</translation>
        </message>
        <message>
            <source>Add a transform</source>
            <translation>Umrechnung hinzufügen</translation>
        </message>
        <message>
            <source>A .cube, .clf, .icc, .dcp, .cdl, an OpenColorIO configuration or a correction. They can also be dropped here.</source>
            <translation>Ein .cube, .clf, .icc, .dcp, .cdl, eine OpenColorIO-Konfiguration oder eine Korrektur. Sie lassen sich auch hier ablegen.</translation>
        </message>
        <message>
            <source>Somebody's transform</source>
            <translation>Jemandes Umrechnung</translation>
        </message>
        <message>
            <source>Transforms (*.cube *.clf *.ctf *.icc *.icm *.dcp *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</source>
            <translation>Umrechnungen (*.cube *.clf *.ctf *.icc *.icm *.dcp *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</translation>
        </message>
        <message>
            <source>Ours</source>
            <translation>Unsere</translation>
        </message>
        <message>
            <source>This setup's correction and its snapshots, to be held against the others.</source>
            <translation>Die Korrektur dieses Aufbaus und ihre Schnappschüsse, mit den anderen verglichen.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Herausnehmen</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Bild</translation>
        </message>
        <message>
            <source>Any picture of the setup.</source>
            <translation>Jedes Bild des Aufbaus.</translation>
        </message>
        <message>
            <source>Against</source>
            <translation>Gegen</translation>
        </message>
        <message>
            <source>What the chosen one is held against.</source>
            <translation>Womit die gewählte verglichen wird.</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Ansicht</translation>
        </message>
        <message>
            <source>How the two share the view.</source>
            <translation>Wie die beiden die Ansicht teilen.</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Wischen</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Schachbrett</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Nebeneinander</translation>
        </message>
        <message>
            <source>Chosen alone</source>
            <translation>Gewählte allein</translation>
        </message>
        <message>
            <source>Fed</source>
            <translation>Gespeist</translation>
        </message>
        <message>
            <source>As its file says, or as the patches tell</source>
            <translation>Wie ihre Datei sagt, oder wie die Felder verraten</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Abgleich</translation>
        </message>
        <message>
            <source>As the patches tell</source>
            <translation>Wie die Felder verraten</translation>
        </message>
        <message>
            <source>Numbers as recorded</source>
            <translation>Zahlen, wie aufgenommen</translation>
        </message>
        <message>
            <source>Balanced numbers</source>
            <translation>Abgeglichene Zahlen</translation>
        </message>
        <message>
            <source>Gives</source>
            <translation>Gibt</translation>
        </message>
        <message>
            <source>Try three made-up ones</source>
            <translation>Drei erdachte versuchen</translation>
        </message>
        <message>
            <source>A look, a LUT that expects a stop more, and one of few numbers, made for this camera.</source>
            <translation>Ein Look, eine LUT, die eine Blende mehr erwartet, und eine mit wenigen Zahlen, für diese Kamera gemacht.</translation>
        </message>
        <message>
            <source>What is told of the transform</source>
            <translation>Was von der Umrechnung gesagt wird</translation>
        </message>
        <message>
            <source>What it does</source>
            <translation>Was sie tut</translation>
        </message>
        <message>
            <source>Patch</source>
            <translation>Feld</translation>
        </message>
        <message>
            <source>The farthest from its reference first.</source>
            <translation>Die von der Referenz entferntesten zuerst.</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Wie es ist</translation>
        </message>
        <message>
            <source>CIEDE2000 to the reference.</source>
            <translation>CIEDE2000 zur Referenz.</translation>
        </message>
        <message>
            <source>Levelled</source>
            <translation>Gepegelt</translation>
        </message>
        <message>
            <source>The same at the exposure that it expects.</source>
            <translation>Dasselbe bei der Belichtung, die sie erwartet.</translation>
        </message>
        <message>
            <source>Noise</source>
            <translation>Rauschen</translation>
        </message>
        <message>
            <source>Chroma noise of one pixel, a* and b*.</source>
            <translation>Farbrauschen eines Pixels, a* und b*.</translation>
        </message>
        <message>
            <source>Patches through the transform</source>
            <translation>Felder durch die Umrechnung</translation>
        </message>
        <message>
            <source>Patch by patch</source>
            <translation>Feld für Feld</translation>
        </message>
        <message>
            <source>Each grey of the chart at the exposure that the transform expects: how much lighter or darker than its reference it is shown. A slope is contrast.</source>
            <translation>Jedes Grau der Tafel bei der Belichtung, die die Umrechnung erwartet: wie viel heller oder dunkler als seine Referenz es gezeigt wird. Eine Steigung ist Kontrast.</translation>
        </message>
        <message>
            <source>Hues through the transform</source>
            <translation>Farbtöne durch die Umrechnung</translation>
        </message>
        <message>
            <source>Ring: where a patch belongs. Thin line: from where the transform shows it as it is. Dot: at the exposure that it expects.</source>
            <translation>Ring: wohin ein Feld gehört. Dünne Linie: von wo die Umrechnung es zeigt, wie es ist. Punkt: bei der Belichtung, die sie erwartet.</translation>
        </message>
        <message>
            <source>Greys and hues</source>
            <translation>Grautöne und Farbtöne</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Messkurven beider</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <comment>patch, its role</comment>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Clipped or left out in the shot.</source>
            <translation>In der Aufnahme beschnitten oder ausgelassen.</translation>
        </message>
        <message>
            <source>At the exposure that it expects this lies past the end of what it is fed.</source>
            <translation>Bei der Belichtung, die sie erwartet, liegt das hinter dem Ende dessen, womit sie gespeist wird.</translation>
        </message>
        <message>
            <source>A channel ends here.</source>
            <translation>Hier endet ein Kanal.</translation>
        </message>
        <message>
            <source>Reference</source>
            <translation>Referenz</translation>
        </message>
        <message>
            <source>Correction of %1</source>
            <translation>Korrektur von %1</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <comment>a snapshot, its setup</comment>
            <translation>%1 von %2</translation>
        </message>
        <message>
            <source>This setup has no correction yet</source>
            <translation>Dieser Aufbau hat noch keine Korrektur</translation>
        </message>
        <message>
            <source>The chart shot</source>
            <translation>Die Tafelaufnahme</translation>
        </message>
        <message>
            <source>No chart shot to try them on</source>
            <translation>Keine Tafelaufnahme zum Versuchen</translation>
        </message>
        <message>
            <source>Choose a setup at the left whose chart is read. Then drop the transforms here that you use or were given, and see what each does to its colours.</source>
            <translation>Wählen Sie links einen Aufbau, dessen Tafel gemessen ist. Dann legen Sie hier die Umrechnungen ab, die Sie benutzen oder bekamen, und sehen, was jede mit seinen Farben tut.</translation>
        </message>
        <message>
            <source>Being tried</source>
            <translation>Wird versucht</translation>
        </message>
        <message>
            <source>It cannot be tried</source>
            <translation>Sie lässt sich nicht versuchen</translation>
        </message>
    </context>
    <context>
        <name>refero::TransformsPage</name>
        <message>
            <source>A picture of the setup through two transforms</source>
            <translation>Ein Bild des Aufbaus durch zwei Umrechnungen</translation>
        </message>
        <message>
            <source>Add a transform</source>
            <translation>Umrechnung hinzufügen</translation>
        </message>
        <message>
            <source>A .cube, .clf, .icc, .dcp, .cdl, an OpenColorIO configuration or a correction. They can also be dropped here.</source>
            <translation>Ein .cube, .clf, .icc, .dcp, .cdl, eine OpenColorIO-Konfiguration oder eine Korrektur. Sie lassen sich auch hier ablegen.</translation>
        </message>
        <message>
            <source>Somebody's transform</source>
            <translation>Jemandes Umrechnung</translation>
        </message>
        <message>
            <source>Transforms (*.cube *.clf *.ctf *.icc *.icm *.dcp *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</source>
            <translation>Umrechnungen (*.cube *.clf *.ctf *.icc *.icm *.dcp *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</translation>
        </message>
        <message>
            <source>Ours</source>
            <translation>Unsere</translation>
        </message>
        <message>
            <source>This setup's correction and its snapshots, to be held against the others.</source>
            <translation>Die Korrektur dieses Aufbaus und ihre Schnappschüsse, mit den anderen verglichen.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Herausnehmen</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Bild</translation>
        </message>
        <message>
            <source>Any picture of the setup.</source>
            <translation>Jedes Bild des Aufbaus.</translation>
        </message>
        <message>
            <source>Against</source>
            <translation>Gegen</translation>
        </message>
        <message>
            <source>What the chosen one is held against.</source>
            <translation>Womit die gewählte verglichen wird.</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Ansicht</translation>
        </message>
        <message>
            <source>How the two share the view.</source>
            <translation>Wie die beiden die Ansicht teilen.</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Wischen</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Schachbrett</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Nebeneinander</translation>
        </message>
        <message>
            <source>Chosen alone</source>
            <translation>Gewählte allein</translation>
        </message>
        <message>
            <source>Fed</source>
            <translation>Gespeist</translation>
        </message>
        <message>
            <source>As its file says, or as the patches tell</source>
            <translation>Wie ihre Datei sagt, oder wie die Felder verraten</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Abgleich</translation>
        </message>
        <message>
            <source>As the patches tell</source>
            <translation>Wie die Felder verraten</translation>
        </message>
        <message>
            <source>Numbers as recorded</source>
            <translation>Zahlen, wie aufgenommen</translation>
        </message>
        <message>
            <source>Balanced numbers</source>
            <translation>Abgeglichene Zahlen</translation>
        </message>
        <message>
            <source>Gives</source>
            <translation>Gibt</translation>
        </message>
        <message>
            <source>Try three made-up ones</source>
            <translation>Drei erdachte versuchen</translation>
        </message>
        <message>
            <source>A look, a LUT that expects a stop more, and one of few numbers, made for this camera.</source>
            <translation>Ein Look, eine LUT, die eine Blende mehr erwartet, und eine mit wenigen Zahlen, für diese Kamera gemacht.</translation>
        </message>
        <message>
            <source>What is told of the transform</source>
            <translation>Was von der Umrechnung gesagt wird</translation>
        </message>
        <message>
            <source>What it does</source>
            <translation>Was sie tut</translation>
        </message>
        <message>
            <source>Patch</source>
            <translation>Feld</translation>
        </message>
        <message>
            <source>The farthest from its reference first.</source>
            <translation>Die von der Referenz entferntesten zuerst.</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Wie es ist</translation>
        </message>
        <message>
            <source>CIEDE2000 to the reference.</source>
            <translation>CIEDE2000 zur Referenz.</translation>
        </message>
        <message>
            <source>Levelled</source>
            <translation>Gepegelt</translation>
        </message>
        <message>
            <source>The same at the exposure that it expects.</source>
            <translation>Dasselbe bei der Belichtung, die sie erwartet.</translation>
        </message>
        <message>
            <source>Noise</source>
            <translation>Rauschen</translation>
        </message>
        <message>
            <source>Chroma noise of one pixel, a* and b*.</source>
            <translation>Farbrauschen eines Pixels, a* und b*.</translation>
        </message>
        <message>
            <source>Patches through the transform</source>
            <translation>Felder durch die Umrechnung</translation>
        </message>
        <message>
            <source>Patch by patch</source>
            <translation>Feld für Feld</translation>
        </message>
        <message>
            <source>Each grey of the chart at the exposure that the transform expects: how much lighter or darker than its reference it is shown. A slope is contrast.</source>
            <translation>Jedes Grau der Tafel bei der Belichtung, die die Umrechnung erwartet: wie viel heller oder dunkler als seine Referenz es gezeigt wird. Eine Steigung ist Kontrast.</translation>
        </message>
        <message>
            <source>Hues through the transform</source>
            <translation>Farbtöne durch die Umrechnung</translation>
        </message>
        <message>
            <source>Ring: where a patch belongs. Thin line: from where the transform shows it as it is. Dot: at the exposure that it expects.</source>
            <translation>Ring: wohin ein Feld gehört. Dünne Linie: von wo die Umrechnung es zeigt, wie es ist. Punkt: bei der Belichtung, die sie erwartet.</translation>
        </message>
        <message>
            <source>Greys and hues</source>
            <translation>Grautöne und Farbtöne</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Messkurven beider</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <comment>patch, its role</comment>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Clipped or left out in the shot.</source>
            <translation>In der Aufnahme beschnitten oder ausgelassen.</translation>
        </message>
        <message>
            <source>At the exposure that it expects this lies past the end of what it is fed.</source>
            <translation>Bei der Belichtung, die sie erwartet, liegt das hinter dem Ende dessen, womit sie gespeist wird.</translation>
        </message>
        <message>
            <source>A channel ends here.</source>
            <translation>Hier endet ein Kanal.</translation>
        </message>
        <message>
            <source>Reference</source>
            <translation>Referenz</translation>
        </message>
        <message>
            <source>Correction of %1</source>
            <translation>Korrektur von %1</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <comment>a snapshot, its setup</comment>
            <translation>%1 von %2</translation>
        </message>
        <message>
            <source>This setup has no correction yet</source>
            <translation>Dieser Aufbau hat noch keine Korrektur</translation>
        </message>
        <message>
            <source>The chart shot</source>
            <translation>Die Tafelaufnahme</translation>
        </message>
        <message>
            <source>No chart shot to try them on</source>
            <translation>Keine Tafelaufnahme zum Versuchen</translation>
        </message>
        <message>
            <source>Choose a setup at the left whose chart is read. Then drop the transforms here that you use or were given, and see what each does to its colours.</source>
            <translation>Wählen Sie links einen Aufbau, dessen Tafel gemessen ist. Dann legen Sie hier die Umrechnungen ab, die Sie benutzen oder bekamen, und sehen, was jede mit seinen Farben tut.</translation>
        </message>
        <message>
            <source>Being tried</source>
            <translation>Wird versucht</translation>
        </message>
        <message>
            <source>It cannot be tried</source>
            <translation>Sie lässt sich nicht versuchen</translation>
        </message>
    </context>
    <context>
        <name>TruthPage</name>
        <message>
            <source>Greys</source>
            <translation>Grautöne</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Haut</translation>
        </message>
        <message>
            <source>leader</source>
            <translation>führende</translation>
        </message>
        <message>
            <source>follower</source>
            <translation>folgende</translation>
        </message>
        <message>
            <source>not told</source>
            <translation>nicht zu sagen</translation>
        </message>
        <message>
            <source>%1 to %2</source>
            <translation>%1 bis %2</translation>
        </message>
        <message>
            <source>%1 and %2 (%3, should be %4)</source>
            <translation>%1 und %2 (%3, sollte %4 sein)</translation>
        </message>
        <message>
            <source>%1 tells all near colours apart.</source>
            <translation>%1 hält alle nahen Farben auseinander.</translation>
        </message>
        <message>
            <source>%1 merges %2.</source>
            <translation>%1 verschmilzt %2.</translation>
        </message>
        <message>
            <source>Its greys %1 and %2 lose their step.</source>
            <translation>Ihre Grautöne %1 und %2 verlieren ihre Stufe.</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Farben</translation>
        </message>
        <message>
            <source>Leader</source>
            <translation>Führende</translation>
        </message>
        <message>
            <source>Follower</source>
            <translation>Folgende</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>Unterschied</translation>
        </message>
        <message>
            <source>95 % interval of the leader's less the follower's difference.</source>
            <translation>95-%-Intervall vom Abstand der führenden minus dem der folgenden.</translation>
        </message>
        <message>
            <source>Nearer</source>
            <translation>Näher</translation>
        </message>
        <message>
            <source>Told only where the interval leaves out 0.</source>
            <translation>Nur gesagt, wo das Intervall 0 auslässt.</translation>
        </message>
        <message>
            <source>Who is nearer to the reference</source>
            <translation>Wer näher an der Referenz ist</translation>
        </message>
        <message>
            <source>After the match %1</source>
            <translation>Nach der Angleichung %1</translation>
        </message>
    </context>
    <context>
        <name>refero::TruthPage</name>
        <message>
            <source>Greys</source>
            <translation>Grautöne</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Haut</translation>
        </message>
        <message>
            <source>leader</source>
            <translation>führende</translation>
        </message>
        <message>
            <source>follower</source>
            <translation>folgende</translation>
        </message>
        <message>
            <source>not told</source>
            <translation>nicht zu sagen</translation>
        </message>
        <message>
            <source>%1 to %2</source>
            <translation>%1 bis %2</translation>
        </message>
        <message>
            <source>%1 and %2 (%3, should be %4)</source>
            <translation>%1 und %2 (%3, sollte %4 sein)</translation>
        </message>
        <message>
            <source>%1 tells all near colours apart.</source>
            <translation>%1 hält alle nahen Farben auseinander.</translation>
        </message>
        <message>
            <source>%1 merges %2.</source>
            <translation>%1 verschmilzt %2.</translation>
        </message>
        <message>
            <source>Its greys %1 and %2 lose their step.</source>
            <translation>Ihre Grautöne %1 und %2 verlieren ihre Stufe.</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Farben</translation>
        </message>
        <message>
            <source>Leader</source>
            <translation>Führende</translation>
        </message>
        <message>
            <source>Follower</source>
            <translation>Folgende</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>Unterschied</translation>
        </message>
        <message>
            <source>95 % interval of the leader's less the follower's difference.</source>
            <translation>95-%-Intervall vom Abstand der führenden minus dem der folgenden.</translation>
        </message>
        <message>
            <source>Nearer</source>
            <translation>Näher</translation>
        </message>
        <message>
            <source>Told only where the interval leaves out 0.</source>
            <translation>Nur gesagt, wo das Intervall 0 auslässt.</translation>
        </message>
        <message>
            <source>Who is nearer to the reference</source>
            <translation>Wer näher an der Referenz ist</translation>
        </message>
        <message>
            <source>After the match %1</source>
            <translation>Nach der Angleichung %1</translation>
        </message>
    </context>
    <context>
        <name>UnknownChart</name>
        <message>
            <source>Chart data, pasted</source>
            <translation>Tafeldaten, eingefügt</translation>
        </message>
        <message>
            <source>Paste its table here: a line of names, then Lab, XYZ or spectra</source>
            <translation>Fügen Sie hier ihre Tabelle ein: eine Zeile mit Namen, dann Lab, XYZ oder Spektren</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>What the chart is called.</source>
            <translation>Wie die Tafel heißt.</translation>
        </message>
        <message>
            <source>as its data</source>
            <translation>wie ihre Daten</translation>
        </message>
        <message>
            <source>Longer side</source>
            <translation>Längere Seite</translation>
        </message>
        <message>
            <source>Of the chart's patches with their margin; only the plan needs it.</source>
            <translation>Der Felder der Tafel mit ihrem Rand; nur der Plan braucht sie.</translation>
        </message>
        <message>
            <source>not known</source>
            <translation>nicht bekannt</translation>
        </message>
        <message>
            <source>Take the pasted table</source>
            <translation>Die eingefügte Tabelle nehmen</translation>
        </message>
        <message>
            <source>Keep its layout for now</source>
            <translation>Vorerst ihre Anordnung behalten</translation>
        </message>
        <message>
            <source>It is found in other frames from now on; corrections need its data, which can be given later.</source>
            <translation>Sie wird von nun an in anderen Bildern gefunden; Korrekturen brauchen ihre Daten, die sich später angeben lassen.</translation>
        </message>
        <message>
            <source>Set corners by hand</source>
            <translation>Ecken von Hand setzen</translation>
        </message>
        <message>
            <source>It is a chart that Refero knows: lay its outline over the frame.</source>
            <translation>Es ist eine Tafel, die Refero kennt: legen Sie ihren Umriss über das Bild.</translation>
        </message>
        <message>
            <source>the pasted text</source>
            <translation>der eingefügte Text</translation>
        </message>
        <message>
            <source>My chart</source>
            <translation>Meine Tafel</translation>
        </message>
        <message>
            <source>A chart's longer side can be %1 to %2 mm.</source>
            <translation>Die längere Seite einer Tafel kann %1 bis %2 mm sein.</translation>
        </message>
        <message>
            <source>Open the chart's data</source>
            <translation>Die Daten der Tafel öffnen</translation>
        </message>
    </context>
    <context>
        <name>refero::UnknownChart</name>
        <message>
            <source>Chart data, pasted</source>
            <translation>Tafeldaten, eingefügt</translation>
        </message>
        <message>
            <source>Paste its table here: a line of names, then Lab, XYZ or spectra</source>
            <translation>Fügen Sie hier ihre Tabelle ein: eine Zeile mit Namen, dann Lab, XYZ oder Spektren</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>What the chart is called.</source>
            <translation>Wie die Tafel heißt.</translation>
        </message>
        <message>
            <source>as its data</source>
            <translation>wie ihre Daten</translation>
        </message>
        <message>
            <source>Longer side</source>
            <translation>Längere Seite</translation>
        </message>
        <message>
            <source>Of the chart's patches with their margin; only the plan needs it.</source>
            <translation>Der Felder der Tafel mit ihrem Rand; nur der Plan braucht sie.</translation>
        </message>
        <message>
            <source>not known</source>
            <translation>nicht bekannt</translation>
        </message>
        <message>
            <source>Take the pasted table</source>
            <translation>Die eingefügte Tabelle nehmen</translation>
        </message>
        <message>
            <source>Keep its layout for now</source>
            <translation>Vorerst ihre Anordnung behalten</translation>
        </message>
        <message>
            <source>It is found in other frames from now on; corrections need its data, which can be given later.</source>
            <translation>Sie wird von nun an in anderen Bildern gefunden; Korrekturen brauchen ihre Daten, die sich später angeben lassen.</translation>
        </message>
        <message>
            <source>Set corners by hand</source>
            <translation>Ecken von Hand setzen</translation>
        </message>
        <message>
            <source>It is a chart that Refero knows: lay its outline over the frame.</source>
            <translation>Es ist eine Tafel, die Refero kennt: legen Sie ihren Umriss über das Bild.</translation>
        </message>
        <message>
            <source>the pasted text</source>
            <translation>der eingefügte Text</translation>
        </message>
        <message>
            <source>My chart</source>
            <translation>Meine Tafel</translation>
        </message>
        <message>
            <source>A chart's longer side can be %1 to %2 mm.</source>
            <translation>Die längere Seite einer Tafel kann %1 bis %2 mm sein.</translation>
        </message>
        <message>
            <source>Open the chart's data</source>
            <translation>Die Daten der Tafel öffnen</translation>
        </message>
    </context>
    <context>
        <name>UnknownCharts</name>
        <message>
            <source>%1 shows a chart</source>
            <translation>%1 zeigt eine Tafel</translation>
        </message>
        <message>
            <source>A chart that was learned is in it</source>
            <translation>Darin ist eine gelernte Tafel</translation>
        </message>
    </context>
    <context>
        <name>refero::UnknownCharts</name>
        <message>
            <source>%1 shows a chart</source>
            <translation>%1 zeigt eine Tafel</translation>
        </message>
        <message>
            <source>A chart that was learned is in it</source>
            <translation>Darin ist eine gelernte Tafel</translation>
        </message>
    </context>
    <context>
        <name>UnknownList</name>
        <message>
            <source> mm</source>
            <translation> mm</translation>
        </message>
        <message>
            <source>No file tells; asked once for all frames</source>
            <translation>Keine Datei verrät es; einmal für alle Bilder gefragt</translation>
        </message>
        <message>
            <source>An unnamed camera</source>
            <translation>Eine unbenannte Kamera</translation>
        </message>
        <message numerus="yes">
            <source>%n frame(s) name no camera. Which one shot them?</source>
            <translation>
                <numerusform>%n Bild nennt keine Kamera. Welche nahm es auf?</numerusform>
                <numerusform>%n Bilder nennen keine Kamera. Welche nahm sie auf?</numerusform>
            </translation>
        </message>
        <message>
            <source>%1: how are its pictures encoded? They are read as %2; the chart's greys agree better with %3.</source>
            <translation>%1: wie sind ihre Bilder kodiert? Sie werden als %2 gelesen; die Grautöne der Tafel passen besser zu %3.</translation>
        </message>
        <message>
            <source>%1: how are its pictures encoded? They are read as %2, and the chart's greys agree.</source>
            <translation>%1: wie sind ihre Bilder kodiert? Sie werden als %2 gelesen, und die Grautöne der Tafel passen dazu.</translation>
        </message>
        <message>
            <source>%1: how large is its sensor? How large a chart is in a planned frame follows from it.</source>
            <translation>%1: wie groß ist ihr Sensor? Daraus folgt, wie groß eine Tafel in einem geplanten Bild ist.</translation>
        </message>
        <message>
            <source>%1: which focal length does it have?</source>
            <translation>%1: welche Brennweite hat es?</translation>
        </message>
        <message>
            <source>So it is</source>
            <translation>So ist es</translation>
        </message>
        <message>
            <source>So it is: %1</source>
            <translation>So ist es: %1</translation>
        </message>
        <message>
            <source>Of the kit, or another name</source>
            <translation>Aus der Ausrüstung, oder ein anderer Name</translation>
        </message>
        <message>
            <source>Camera of frames that name none: %1</source>
            <translation>Kamera der Bilder, die keine nennen: %1</translation>
        </message>
        <message>
            <source>Sensor's width</source>
            <translation>Breite des Sensors</translation>
        </message>
        <message>
            <source>Sensor's height</source>
            <translation>Höhe des Sensors</translation>
        </message>
        <message>
            <source>Sensor of %1</source>
            <translation>Sensor von %1</translation>
        </message>
        <message>
            <source>Focal length of %1</source>
            <translation>Brennweite von %1</translation>
        </message>
    </context>
    <context>
        <name>refero::UnknownList</name>
        <message>
            <source> mm</source>
            <translation> mm</translation>
        </message>
        <message>
            <source>No file tells; asked once for all frames</source>
            <translation>Keine Datei verrät es; einmal für alle Bilder gefragt</translation>
        </message>
        <message>
            <source>An unnamed camera</source>
            <translation>Eine unbenannte Kamera</translation>
        </message>
        <message numerus="yes">
            <source>%n frame(s) name no camera. Which one shot them?</source>
            <translation>
                <numerusform>%n Bild nennt keine Kamera. Welche nahm es auf?</numerusform>
                <numerusform>%n Bilder nennen keine Kamera. Welche nahm sie auf?</numerusform>
            </translation>
        </message>
        <message>
            <source>%1: how are its pictures encoded? They are read as %2; the chart's greys agree better with %3.</source>
            <translation>%1: wie sind ihre Bilder kodiert? Sie werden als %2 gelesen; die Grautöne der Tafel passen besser zu %3.</translation>
        </message>
        <message>
            <source>%1: how are its pictures encoded? They are read as %2, and the chart's greys agree.</source>
            <translation>%1: wie sind ihre Bilder kodiert? Sie werden als %2 gelesen, und die Grautöne der Tafel passen dazu.</translation>
        </message>
        <message>
            <source>%1: how large is its sensor? How large a chart is in a planned frame follows from it.</source>
            <translation>%1: wie groß ist ihr Sensor? Daraus folgt, wie groß eine Tafel in einem geplanten Bild ist.</translation>
        </message>
        <message>
            <source>%1: which focal length does it have?</source>
            <translation>%1: welche Brennweite hat es?</translation>
        </message>
        <message>
            <source>So it is</source>
            <translation>So ist es</translation>
        </message>
        <message>
            <source>So it is: %1</source>
            <translation>So ist es: %1</translation>
        </message>
        <message>
            <source>Of the kit, or another name</source>
            <translation>Aus der Ausrüstung, oder ein anderer Name</translation>
        </message>
        <message>
            <source>Camera of frames that name none: %1</source>
            <translation>Kamera der Bilder, die keine nennen: %1</translation>
        </message>
        <message>
            <source>Sensor's width</source>
            <translation>Breite des Sensors</translation>
        </message>
        <message>
            <source>Sensor's height</source>
            <translation>Höhe des Sensors</translation>
        </message>
        <message>
            <source>Sensor of %1</source>
            <translation>Sensor von %1</translation>
        </message>
        <message>
            <source>Focal length of %1</source>
            <translation>Brennweite von %1</translation>
        </message>
    </context>
    <context>
        <name>VerdictBoard</name>
        <message>
            <source>Open up by %1</source>
            <translation>Um %1 aufblenden</translation>
        </message>
        <message>
            <source>Close down by %1</source>
            <translation>Um %1 abblenden</translation>
        </message>
        <message>
            <source>The chart shot can be used.</source>
            <translation>Die Tafelaufnahme ist brauchbar.</translation>
        </message>
        <message>
            <source>%1. %2</source>
            <comment>headline, what to do</comment>
            <translation>%1. %2</translation>
        </message>
        <message>
            <source>%1, %2. %3</source>
            <comment>headline, setup, what to do</comment>
            <translation>%1, %2. %3</translation>
        </message>
    </context>
    <context>
        <name>refero::VerdictBoard</name>
        <message>
            <source>Open up by %1</source>
            <translation>Um %1 aufblenden</translation>
        </message>
        <message>
            <source>Close down by %1</source>
            <translation>Um %1 abblenden</translation>
        </message>
        <message>
            <source>The chart shot can be used.</source>
            <translation>Die Tafelaufnahme ist brauchbar.</translation>
        </message>
        <message>
            <source>%1. %2</source>
            <comment>headline, what to do</comment>
            <translation>%1. %2</translation>
        </message>
        <message>
            <source>%1, %2. %3</source>
            <comment>headline, setup, what to do</comment>
            <translation>%1, %2. %3</translation>
        </message>
    </context>
    <context>
        <name>VerdictLine</name>
        <message>
            <source>Findings</source>
            <translation>Befunde</translation>
        </message>
        <message>
            <source>Every check behind the verdict, with its value, its limit and what to do.</source>
            <translation>Jede Prüfung hinter dem Urteil, mit ihrem Wert, ihrer Grenze und was zu tun ist.</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>a check's title and its value</comment>
            <translation>%1 %2</translation>
        </message>
        <message numerus="yes">
            <source>%1 of %n checks: %2</source>
            <comment>those that are not good, of all</comment>
            <translation>
                <numerusform>%1 von %n Prüfung: %2</numerusform>
                <numerusform>%1 von %n Prüfungen: %2</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>All %n checks are good.</source>
            <translation>
                <numerusform>Die eine Prüfung ist gut.</numerusform>
                <numerusform>Alle %n Prüfungen sind gut.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::VerdictLine</name>
        <message>
            <source>Findings</source>
            <translation>Befunde</translation>
        </message>
        <message>
            <source>Every check behind the verdict, with its value, its limit and what to do.</source>
            <translation>Jede Prüfung hinter dem Urteil, mit ihrem Wert, ihrer Grenze und was zu tun ist.</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>a check's title and its value</comment>
            <translation>%1 %2</translation>
        </message>
        <message numerus="yes">
            <source>%1 of %n checks: %2</source>
            <comment>those that are not good, of all</comment>
            <translation>
                <numerusform>%1 von %n Prüfung: %2</numerusform>
                <numerusform>%1 von %n Prüfungen: %2</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>All %n checks are good.</source>
            <translation>
                <numerusform>Die eine Prüfung ist gut.</numerusform>
                <numerusform>Alle %n Prüfungen sind gut.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>VerdictList</name>
        <message>
            <source>Good</source>
            <translation>Gut</translation>
        </message>
        <message>
            <source>Look at this</source>
            <translation>Sehen Sie das an</translation>
        </message>
        <message>
            <source>Not good</source>
            <translation>Nicht gut</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <comment>verdict and what</comment>
            <translation>%1: %2</translation>
        </message>
    </context>
    <context>
        <name>refero::VerdictList</name>
        <message>
            <source>Good</source>
            <translation>Gut</translation>
        </message>
        <message>
            <source>Look at this</source>
            <translation>Sehen Sie das an</translation>
        </message>
        <message>
            <source>Not good</source>
            <translation>Nicht gut</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <comment>verdict and what</comment>
            <translation>%1: %2</translation>
        </message>
    </context>
    <context>
        <name>WarmthLadder</name>
        <message>
            <source>Warmth</source>
            <translation>Wärme</translation>
        </message>
        <message>
            <source>Warmth in mired, cooler to the left: a rung is the same shift in every shoot. Arrow keys go a rung, with Shift half of one.</source>
            <translation>Wärme in Mired, kühler nach links: eine Sprosse ist in jedem Dreh dieselbe Verschiebung. Pfeiltasten gehen eine Sprosse, mit Umschalttaste eine halbe.</translation>
        </message>
        <message>
            <source>%1 mired</source>
            <translation>%1 Mired</translation>
        </message>
    </context>
    <context>
        <name>refero::WarmthLadder</name>
        <message>
            <source>Warmth</source>
            <translation>Wärme</translation>
        </message>
        <message>
            <source>Warmth in mired, cooler to the left: a rung is the same shift in every shoot. Arrow keys go a rung, with Shift half of one.</source>
            <translation>Wärme in Mired, kühler nach links: eine Sprosse ist in jedem Dreh dieselbe Verschiebung. Pfeiltasten gehen eine Sprosse, mit Umschalttaste eine halbe.</translation>
        </message>
        <message>
            <source>%1 mired</source>
            <translation>%1 Mired</translation>
        </message>
    </context>
    <context>
        <name>Work</name>
        <message>
            <source>Writing %1</source>
            <translation>%1 wird geschrieben</translation>
        </message>
    </context>
    <context>
        <name>refero::Work</name>
        <message>
            <source>Writing %1</source>
            <translation>%1 wird geschrieben</translation>
        </message>
    </context>
    <context>
        <name>WorkNotices</name>
        <message>
            <source>Frames were not handed over</source>
            <translation>Bilder wurden nicht übergeben</translation>
        </message>
        <message>
            <source>%1 of %2 frames are handed over</source>
            <translation>%1 von %2 Bildern sind übergeben</translation>
        </message>
        <message numerus="yes">
            <source>%n failed; the reasons stand under Handover.</source>
            <translation>
                <numerusform>%n schlug fehl; die Gründe stehen unter Übergabe.</numerusform>
                <numerusform>%n schlugen fehl; die Gründe stehen unter Übergabe.</numerusform>
            </translation>
        </message>
        <message>
            <source>The day is done</source>
            <translation>Der Tag ist getan</translation>
        </message>
        <message>
            <source>What became of each setup stands under Frames.</source>
            <translation>Was aus jedem Aufbau wurde, steht unter Bilder.</translation>
        </message>
        <message numerus="yes">
            <source>%n frames came in</source>
            <translation>
                <numerusform>%n Bild kam herein</numerusform>
                <numerusform>%n Bilder kamen herein</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n could not be read.</source>
            <translation>
                <numerusform>%n war nicht lesbar.</numerusform>
                <numerusform>%n waren nicht lesbar.</numerusform>
            </translation>
        </message>
        <message>
            <source>The series is read</source>
            <translation>Die Reihe ist gemessen</translation>
        </message>
        <message>
            <source>Its verdicts stand under Test.</source>
            <translation>Ihre Urteile stehen unter Test.</translation>
        </message>
    </context>
    <context>
        <name>refero::WorkNotices</name>
        <message>
            <source>Frames were not handed over</source>
            <translation>Bilder wurden nicht übergeben</translation>
        </message>
        <message>
            <source>%1 of %2 frames are handed over</source>
            <translation>%1 von %2 Bildern sind übergeben</translation>
        </message>
        <message numerus="yes">
            <source>%n failed; the reasons stand under Handover.</source>
            <translation>
                <numerusform>%n schlug fehl; die Gründe stehen unter Übergabe.</numerusform>
                <numerusform>%n schlugen fehl; die Gründe stehen unter Übergabe.</numerusform>
            </translation>
        </message>
        <message>
            <source>The day is done</source>
            <translation>Der Tag ist getan</translation>
        </message>
        <message>
            <source>What became of each setup stands under Frames.</source>
            <translation>Was aus jedem Aufbau wurde, steht unter Bilder.</translation>
        </message>
        <message numerus="yes">
            <source>%n frames came in</source>
            <translation>
                <numerusform>%n Bild kam herein</numerusform>
                <numerusform>%n Bilder kamen herein</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n could not be read.</source>
            <translation>
                <numerusform>%n war nicht lesbar.</numerusform>
                <numerusform>%n waren nicht lesbar.</numerusform>
            </translation>
        </message>
        <message>
            <source>The series is read</source>
            <translation>Die Reihe ist gemessen</translation>
        </message>
        <message>
            <source>Its verdicts stand under Test.</source>
            <translation>Ihre Urteile stehen unter Test.</translation>
        </message>
    </context>
    <context>
        <name>core</name>
        <message>
            <source>Rows, columns</source>
            <translation>Reihen, Spalten</translation>
        </message>
        <message>
            <source>Rows from the top.</source>
            <translation>Reihen von oben.</translation>
        </message>
        <message>
            <source>Columns</source>
            <translation>Spalten</translation>
        </message>
        <message>
            <source>From the left.</source>
            <translation>Von links.</translation>
        </message>
        <message>
            <source>Patch size</source>
            <translation>Feldgröße</translation>
        </message>
        <message>
            <source>Width of one patch.</source>
            <translation>Breite eines Feldes.</translation>
        </message>
        <message>
            <source>Patch's height</source>
            <translation>Höhe des Feldes</translation>
        </message>
        <message>
            <source>Height of one patch.</source>
            <translation>Höhe eines Feldes.</translation>
        </message>
        <message>
            <source>Gap, margin</source>
            <translation>Abstand, Rand</translation>
        </message>
        <message>
            <source>Between patches; 0 where they touch.</source>
            <translation>Zwischen den Feldern; 0, wo sie sich berühren.</translation>
        </message>
        <message>
            <source>Margin</source>
            <translation>Rand</translation>
        </message>
        <message>
            <source>From the outline to the patches.</source>
            <translation>Vom Umriss bis zu den Feldern.</translation>
        </message>
        <message>
            <source>Paste a table of Lab, XYZ or spectra with a line of names, or open CGATS, CxF or CSV.</source>
            <translation>Fügen Sie eine Tabelle mit Lab, XYZ oder Spektren und einer Zeile mit Namen ein, oder öffnen Sie CGATS, CxF oder CSV.</translation>
        </message>
        <message>
            <source>the pasted text</source>
            <translation>der eingefügte Text</translation>
        </message>
        <message>
            <source>%1 can be %2 to %3.</source>
            <translation>%1 kann %2 bis %3 sein.</translation>
        </message>
        <message>
            <source>%1 patches: %2. %3</source>
            <translation>%1 Felder: %2. %3</translation>
        </message>
        <message>
            <source>CGATS, CxF or CSV with as many colours as it has patches, in their order.</source>
            <translation>CGATS, CxF oder CSV mit so vielen Farben, wie sie Felder hat, in deren Reihenfolge.</translation>
        </message>
        <message>
            <source>design</source>
            <translation>Entwurf</translation>
        </message>
        <message>
            <source>your own</source>
            <translation>Ihre eigene</translation>
        </message>
        <message>
            <source>copy</source>
            <translation>Exemplar</translation>
        </message>
        <message>
            <source>measured</source>
            <translation>gemessen</translation>
        </message>
        <message>
            <source>%1 patches, %2 of them neutral</source>
            <translation>%1 Felder, davon %2 neutral</translation>
        </message>
        <message>
            <source>This copy differs from its design by %1 on average, %2 at most (CIEDE2000). Readings of its setups use its own values.</source>
            <translation>Dieses Exemplar weicht im Mittel um %1, höchstens um %2 von seinem Entwurf ab (CIEDE2000). Messungen seiner Aufbauten nutzen seine eigenen Werte.</translation>
        </message>
        <message>
            <source>It is taken to be as its design. Measured, its readings become as good as it is.</source>
            <translation>Es gilt als seinem Entwurf gleich. Vermessen werden seine Messungen so gut wie es selbst.</translation>
        </message>
        <message>
            <source>%1 is %2 from its design (CIEDE2000).</source>
            <translation>%1 liegt %2 von seinem Entwurf entfernt (CIEDE2000).</translation>
        </message>
        <message>
            <source> Did it lie on that patch? Choose it and measure it again.</source>
            <translation> Lag es auf diesem Feld? Wählen Sie es und messen Sie noch einmal.</translation>
        </message>
        <message>
            <source>%1 of %2 measured.</source>
            <translation>%1 von %2 gemessen.</translation>
        </message>
        <message>
            <source> %1 of %2 measured.</source>
            <translation> %1 von %2 gemessen.</translation>
        </message>
        <message>
            <source>Undo: %1</source>
            <translation>Rückgängig: %1</translation>
        </message>
        <message>
            <source>Redo: %1</source>
            <translation>Wiederholen: %1</translation>
        </message>
        <message>
            <source>Go to %1</source>
            <translation>Zu %1</translation>
        </message>
        <message>
            <source>Count it twice as often</source>
            <translation>Doppelt so oft zählen</translation>
        </message>
        <message>
            <source>Count it half as often</source>
            <translation>Halb so oft zählen</translation>
        </message>
        <message>
            <source>Count it once</source>
            <translation>Einmal zählen</translation>
        </message>
        <message>
            <source>Not yet checked. What a correction does on the chart that it was built from says little; on another shot of a chart it has to keep its word.</source>
            <translation>Noch nicht geprüft. Was eine Korrektur auf der Tafel tut, aus der sie gebaut wurde, sagt wenig; auf einer anderen Aufnahme einer Tafel muss sie Wort halten.</translation>
        </message>
        <message>
            <source>There is no other chart frame in this setup. Shoot the chart once more under the same light and bring it in: the correction can then be checked on a shot that it has not seen.</source>
            <translation>In diesem Aufbau gibt es kein anderes Tafelbild. Nehmen Sie die Tafel unter demselben Licht noch einmal auf und bringen Sie das Bild ein: dann lässt sich die Korrektur an einer Aufnahme prüfen, die sie nicht gesehen hat.</translation>
        </message>
        <message>
            <source>%1 (%2): mean %3, half within %4, largest %5; on its own chart the mean is %6.</source>
            <translation>%1 (%2): Mittel %3, Hälfte innerhalb %4, größte %5; auf der eigenen Tafel ist das Mittel %6.</translation>
        </message>
        <message>
            <source> That shot is %1 stops brighter.</source>
            <translation> Diese Aufnahme ist %1 Blenden heller.</translation>
        </message>
        <message>
            <source> That shot is %1 stops darker.</source>
            <translation> Diese Aufnahme ist %1 Blenden dunkler.</translation>
        </message>
        <message>
            <source> Farthest off: </source>
            <translation> Am weitesten entfernt: </translation>
        </message>
        <message>
            <source>Name this setup</source>
            <translation>Diesen Aufbau benennen</translation>
        </message>
        <message>
            <source>Place</source>
            <translation>Ort</translation>
        </message>
        <message>
            <source>Light</source>
            <translation>Licht</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Abbrechen</translation>
        </message>
        <message>
            <source>Name it</source>
            <translation>Benennen</translation>
        </message>
        <message>
            <source> patch</source>
            <translation> Feld</translation>
        </message>
        <message>
            <source> chart</source>
            <translation> Tafel</translation>
        </message>
        <message>
            <source> Shown on the frame.</source>
            <translation> Im Bild gezeigt.</translation>
        </message>
        <message>
            <source>: 0 is not possible; leave it empty where it is not known.</source>
            <translation>: 0 ist nicht möglich; leer lassen, wo es nicht bekannt ist.</translation>
        </message>
        <message>
            <source>none</source>
            <translation>keines</translation>
        </message>
        <message>
            <source>balance %1</source>
            <translation>Weißabgleich %1</translation>
        </message>
        <message>
            <source>Shows %1, %2 % sure</source>
            <translation>Zeigt %1, zu %2 % sicher</translation>
        </message>
        <message>
            <source>Shows a plain grey card</source>
            <translation>Zeigt eine einfache Graukarte</translation>
        </message>
        <message>
            <source>Clip of %1 pictures</source>
            <translation>Clip mit %1 Bildern</translation>
        </message>
        <message>
            <source>Sequence of %1 pictures</source>
            <translation>Sequenz mit %1 Bildern</translation>
        </message>
        <message>
            <source> assumed</source>
            <translation> angenommen</translation>
        </message>
        <message>
            <source>corrected</source>
            <translation>korrigiert</translation>
        </message>
        <message>
            <source>roughly balanced</source>
            <translation>grob abgeglichen</translation>
        </message>
        <message>
            <source>x %1  y %2   recorded R %3  G %4  B %5 %</source>
            <translation>x %1  y %2   aufgenommen R %3  G %4  B %5 %</translation>
        </message>
        <message>
            <source>   mean of %1 x %1</source>
            <translation>   Mittel aus %1 x %1</translation>
        </message>
        <message>
            <source>Marked as grey: its light is compared with that on the chart of its setup (station Reading).</source>
            <translation>Als Grau markiert: sein Licht wird mit dem auf der Tafel seines Aufbaus verglichen (Station Messung).</translation>
        </message>
        <message>
            <source>Files, folders or a whole card. Refero finds the chart shots and the slates, and sorts every frame into its setup by slate, body, lens and time, with the reason. The files stay where they are, or are copied and each copy compared.</source>
            <translation>Dateien, Ordner oder eine ganze Karte. Refero findet die Tafelaufnahmen und die Klappen und ordnet jedes Bild nach Klappe, Gehäuse, Objektiv und Zeit seinem Aufbau zu, mit Begründung. Die Dateien bleiben, wo sie sind, oder werden kopiert und jede Kopie verglichen.</translation>
        </message>
        <message>
            <source>%1 frames, %2 with a chart, %3 in no setup, %4 doubtful</source>
            <translation>%1 Bilder, %2 mit Tafel, %3 ohne Aufbau, %4 zweifelhaft</translation>
        </message>
        <message>
            <source>%1 frames</source>
            <translation>%1 Bilder</translation>
        </message>
        <message>
            <source>%1 brought in</source>
            <translation>%1 eingebracht</translation>
        </message>
        <message>
            <source>, %1 not</source>
            <translation>, %1 nicht</translation>
        </message>
        <message>
            <source>In no setup</source>
            <translation>In keinem Aufbau</translation>
        </message>
        <message>
            <source>
But: </source>
            <translation>
Aber: </translation>
        </message>
        <message>
            <source>%1 frame</source>
            <translation>%1 Bild</translation>
        </message>
        <message>
            <source>Keep both</source>
            <translation>Beide behalten</translation>
        </message>
        <message>
            <source>The new ones get a number behind their names.</source>
            <translation>Die neuen bekommen eine Nummer hinter dem Namen.</translation>
        </message>
        <message>
            <source>Replace</source>
            <translation>Ersetzen</translation>
        </message>
        <message>
            <source>The old ones are gone once the new ones stand.</source>
            <translation>Die alten sind weg, sobald die neuen stehen.</translation>
        </message>
        <message>
            <source>Skip those</source>
            <translation>Diese auslassen</translation>
        </message>
        <message>
            <source>What is there stays, and is not written anew.</source>
            <translation>Was da ist, bleibt und wird nicht neu geschrieben.</translation>
        </message>
        <message>
            <source>Not now</source>
            <translation>Jetzt nicht</translation>
        </message>
        <message>
            <source>Nothing is written.</source>
            <translation>Nichts wird geschrieben.</translation>
        </message>
        <message>
            <source>%1 is there already.</source>
            <translation>%1 ist schon da.</translation>
        </message>
        <message>
            <source>%1 files are there already, %2 among them.</source>
            <translation>%1 Dateien sind schon da, darunter %2.</translation>
        </message>
        <message>
            <source>EXR, half floats</source>
            <translation>EXR, halbe Gleitkommazahlen</translation>
        </message>
        <message>
            <source>EXR, floats</source>
            <translation>EXR, Gleitkommazahlen</translation>
        </message>
        <message>
            <source>Frames</source>
            <translation>Bilder</translation>
        </message>
        <message>
            <source>Of this setup, or of every setup of the shoot by its own correction.</source>
            <translation>Dieses Aufbaus, oder jedes Aufbaus des Drehs mit seiner eigenen Korrektur.</translation>
        </message>
        <message>
            <source>As</source>
            <translation>Als</translation>
        </message>
        <message>
            <source>The kind of file.</source>
            <translation>Die Art der Datei.</translation>
        </message>
        <message>
            <source>In</source>
            <translation>In</translation>
        </message>
        <message>
            <source>The colour space; its profile is embedded.</source>
            <translation>Der Farbraum; sein Profil wird eingebettet.</translation>
        </message>
        <message>
            <source>Long edge</source>
            <translation>Lange Kante</translation>
        </message>
        <message>
            <source>Frames are only made smaller, and not sharpened.</source>
            <translation>Bilder werden nur verkleinert und nicht geschärft.</translation>
        </message>
        <message>
            <source>Named</source>
            <translation>Benannt</translation>
        </message>
        <message>
            <source>What the files are called.</source>
            <translation>Wie die Dateien heißen.</translation>
        </message>
        <message>
            <source>The valid correction of each frame's setup, as the plan's rules have it, or one for all of them.</source>
            <translation>Die gültige Korrektur des Aufbaus jedes Bildes nach den Regeln des Plans, oder eine für alle.</translation>
        </message>
        <message>
            <source> The rules give %1 of them another correction: say why this one serves.</source>
            <translation> Die Regeln geben %1 davon eine andere Korrektur: sagen Sie, warum diese dient.</translation>
        </message>
        <message>
            <source> %1 of them by a weaker correction; the reason is recorded.</source>
            <translation> %1 davon durch eine schwächere Korrektur; der Grund wird festgehalten.</translation>
        </message>
        <message>
            <source> %1 left out: %2</source>
            <translation> %1 ausgelassen: %2</translation>
        </message>
        <message>
            <source>%1 off on average, %2 at most.</source>
            <translation>Im Mittel %1 daneben, höchstens %2.</translation>
        </message>
        <message>
            <source>%1 has no correction yet. Once it has one, it goes from here to whoever needs it.</source>
            <translation>%1 hat noch keine Korrektur. Sobald es eine hat, geht sie von hier an alle, die sie brauchen.</translation>
        </message>
        <message>
            <source>What the raw developer begins with: a straight line, or the contrast of the finish.</source>
            <translation>Womit der Raw-Entwickler beginnt: einer geraden Linie oder dem Kontrast des Finishs.</translation>
        </message>
        <message>
            <source>What went out</source>
            <translation>Was hinausging</translation>
        </message>
        <message>
            <source>%1, at most %2</source>
            <translation>%1, höchstens %2</translation>
        </message>
        <message>
            <source>The correction has changed since: what this receiver has is another one.</source>
            <translation>Die Korrektur hat sich seither geändert: was dieser Empfänger hat, ist eine andere.</translation>
        </message>
        <message>
            <source>When</source>
            <translation>Wann</translation>
        </message>
        <message>
            <source>For</source>
            <translation>Für</translation>
        </message>
        <message>
            <source>What</source>
            <translation>Was</translation>
        </message>
        <message>
            <source>Read back by</source>
            <translation>Gegengelesen von</translation>
        </message>
        <message>
            <source>The correction</source>
            <translation>Die Korrektur</translation>
        </message>
        <message>
            <source>What goes out</source>
            <translation>Was hinausgeht</translation>
        </message>
        <message>
            <source>What it cannot hold</source>
            <translation>Was es nicht fassen kann</translation>
        </message>
        <message>
            <source>State</source>
            <translation>Zustand</translation>
        </message>
        <message>
            <source>%1 of %2 frames</source>
            <translation>%1 von %2 Bildern</translation>
        </message>
        <message>
            <source>, %1 failed</source>
            <translation>, %1 fehlgeschlagen</translation>
        </message>
        <message>
            <source>, pausing</source>
            <translation>, hält an</translation>
        </message>
        <message>
            <source>, paused</source>
            <translation>, angehalten</translation>
        </message>
        <message>
            <source>LUT, profile or table</source>
            <translation>LUT, Profil oder Tabelle</translation>
        </message>
        <message>
            <source>One file of the kind that you choose, under a name that you choose.</source>
            <translation>Eine Datei der Art, die Sie wählen, unter einem Namen, den Sie wählen.</translation>
        </message>
        <message>
            <source>Camera profiles</source>
            <translation>Kameraprofile</translation>
        </message>
        <message>
            <source>For whoever develops the frames: true colours for every frame of this setup.</source>
            <translation>Für alle, die die Bilder entwickeln: wahre Farben für jedes Bild dieses Aufbaus.</translation>
        </message>
        <message>
            <source>LUT and recipe</source>
            <translation>LUT und Rezept</translation>
        </message>
        <message>
            <source>For cutting and grading: a LUT for BT.709, and the correction told for wheels and hue controls.</source>
            <translation>Für Schnitt und Grading: eine LUT für BT.709, und die Korrektur in Worten für Räder und Farbtonregler.</translation>
        </message>
        <message>
            <source>Plates and their view</source>
            <translation>Plates und ihre Ansicht</translation>
        </message>
        <message>
            <source>For images that a renderer's sit in: scene-linear ACEScg, nothing clipped, no finish, and the view to judge them by.</source>
            <translation>Für Bilder, in denen die eines Renderers sitzen: szenenlineares ACEScg, nichts beschnitten, ohne Finish, und die Ansicht, in der man sie beurteilt.</translation>
        </message>
        <message>
            <source>Pictures and report</source>
            <translation>Bilder und Bericht</translation>
        </message>
        <message>
            <source>For whoever decides by the colour: finished pictures, and what the colours are good for.</source>
            <translation>Für alle, die nach der Farbe entscheiden: fertige Bilder, und wozu die Farben taugen.</translation>
        </message>
        <message>
            <source>Masters, all figures</source>
            <translation>Master, alle Zahlen</translation>
        </message>
        <message>
            <source>For later: pictures of 16 bits, the correction's document, its readings and the report.</source>
            <translation>Für später: Bilder mit 16 Bit, das Dokument der Korrektur, ihre Messungen und der Bericht.</translation>
        </message>
        <message>
            <source>TIFF, %1 bit</source>
            <translation>TIFF, %1 Bit</translation>
        </message>
        <message>
            <source>PNG, %1 bit</source>
            <translation>PNG, %1 Bit</translation>
        </message>
        <message>
            <source>DPX, %1 bit</source>
            <translation>DPX, %1 Bit</translation>
        </message>
        <message>
            <source>, %1 pixels</source>
            <translation>, %1 Pixel</translation>
        </message>
        <message>
            <source>, no finish</source>
            <translation>, ohne Finish</translation>
        </message>
        <message>
            <source>%1 written; reads back as it was.</source>
            <translation>%1 geschrieben; liest sich zurück, wie es war.</translation>
        </message>
        <message>
            <source>%1: measured %2, corrected %3 (L* a* b*)</source>
            <translation>%1: gemessen %2, korrigiert %3 (L* a* b*)</translation>
        </message>
        <message>
            <source>4 times</source>
            <translation>4-mal</translation>
        </message>
        <message>
            <source>Colour</source>
            <translation>Farbe</translation>
        </message>
        <message>
            <source>Measured</source>
            <translation>Gemessen</translation>
        </message>
        <message>
            <source>Corrected</source>
            <translation>Korrigiert</translation>
        </message>
        <message>
            <source>Off by</source>
            <translation>Daneben um</translation>
        </message>
        <message>
            <source>Counts</source>
            <translation>Zählt</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <source>Count it</source>
            <translation>Mitzählen</translation>
        </message>
        <message>
            <source>Whether it counts in the fit, four times, or is only checked.</source>
            <translation>Ob sie beim Anpassen zählt, vierfach, oder nur geprüft wird.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Herausnehmen</translation>
        </message>
        <message>
            <source>Removes it; it can be undone.</source>
            <translation>Entfernt sie; das lässt sich rückgängig machen.</translation>
        </message>
        <message>
            <source>Keep as proof</source>
            <translation>Als Beleg behalten</translation>
        </message>
        <message>
            <source>Keeps how far those are that do not count, among the correction's findings.</source>
            <translation>Hält unter den Befunden der Korrektur fest, wie weit die liegen, die nicht zählen.</translation>
        </message>
        <message>
            <source> stops</source>
            <translation> Blenden</translation>
        </message>
        <message>
            <source>%1 greener</source>
            <translation>%1 grüner</translation>
        </message>
        <message>
            <source>%1 more magenta</source>
            <translation>%1 mehr Magenta</translation>
        </message>
        <message>
            <source>Base</source>
            <translation>Basis</translation>
        </message>
        <message>
            <source>Adds nothing: the colours as they were.</source>
            <translation>Fügt nichts hinzu: die Farben, wie sie waren.</translation>
        </message>
        <message>
            <source>Rounded</source>
            <translation>Abgerundet</translation>
        </message>
        <message>
            <source>A gentle curve and a little saturation.</source>
            <translation>Eine sanfte Kurve und etwas Sättigung.</translation>
        </message>
        <message>
            <source>Tint</source>
            <translation>Tönung</translation>
        </message>
        <message>
            <source>Green to magenta, in thousandths of Duv.</source>
            <translation>Grün bis Magenta, in Tausendsteln Duv.</translation>
        </message>
        <message>
            <source>Exposure</source>
            <translation>Belichtung</translation>
        </message>
        <message>
            <source>In stops.</source>
            <translation>In Blenden.</translation>
        </message>
        <message>
            <source>Contrast</source>
            <translation>Kontrast</translation>
        </message>
        <message>
            <source>Black, mid-grey and white stay where they are.</source>
            <translation>Schwarz, Mittelgrau und Weiß bleiben, wo sie sind.</translation>
        </message>
        <message>
            <source>Saturation</source>
            <translation>Sättigung</translation>
        </message>
        <message>
            <source>Luminance stays.</source>
            <translation>Die Leuchtdichte bleibt.</translation>
        </message>
        <message>
            <source> · %1 outside %2 (\), %3 clipped (/), %4 nearly</source>
            <translation> · %1 außerhalb %2 (\), %3 beschnitten (/), %4 beinahe</translation>
        </message>
        <message>
            <source>CIEDE2000 between %1 and %2</source>
            <translation>CIEDE2000 zwischen %1 und %2</translation>
        </message>
        <message>
            <source>: mean %1, 95 % within %2</source>
            <translation>: Mittel %1, 95 % innerhalb %2</translation>
        </message>
        <message>
            <source>, largest %1</source>
            <translation>, größte %1</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Bild</translation>
        </message>
        <message>
            <source>What is judged on; drop more frames of this setup here.</source>
            <translation>Worauf geurteilt wird; ziehen Sie weitere Bilder dieses Aufbaus hierher.</translation>
        </message>
        <message>
            <source>How the renderings are shown</source>
            <translation>Wie die Wiedergaben gezeigt werden</translation>
        </message>
        <message>
            <source>A wipe, two side by side, four with one zoom, or how far two are apart.</source>
            <translation>Eine Wischgrenze, zwei nebeneinander, vier mit einem Zoom, oder wie weit zwei auseinander sind.</translation>
        </message>
        <message>
            <source>What the correction is held against</source>
            <translation>Womit die Korrektur verglichen wird</translation>
        </message>
        <message>
            <source>What the correction is held against: hold F over the picture to see it alone.</source>
            <translation>Womit die Korrektur verglichen wird: halten Sie F über dem Bild, um es allein zu sehen.</translation>
        </message>
        <message>
            <source>Warnings</source>
            <translation>Warnungen</translation>
        </message>
        <message>
            <source>Marks what a space cannot show: stripes to the left are outside it, stripes to the right are clipped, dots are nearly.</source>
            <translation>Markiert, was ein Raum nicht zeigen kann: Streifen nach links liegen außerhalb, Streifen nach rechts sind beschnitten, Punkte sind es beinahe.</translation>
        </message>
        <message>
            <source>Model</source>
            <translation>Modell</translation>
        </message>
        <message>
            <source>Mean</source>
            <translation>Mittel</translation>
        </message>
        <message>
            <source>Unseen</source>
            <translation>Ungesehen</translation>
        </message>
        <message>
            <source>Compare</source>
            <translation>Vergleichen</translation>
        </message>
        <message>
            <source>The correction is held against this one.</source>
            <translation>Die Korrektur wird mit diesem verglichen.</translation>
        </message>
        <message>
            <source>Go back</source>
            <translation>Zurückkehren</translation>
        </message>
        <message>
            <source>This one becomes the setup's correction again.</source>
            <translation>Dieser wird wieder die Korrektur des Aufbaus.</translation>
        </message>
        <message>
            <source>Removes the snapshot; it can be undone.</source>
            <translation>Entfernt den Schnappschuss; das lässt sich rückgängig machen.</translation>
        </message>
        <message>
            <source>red %1, green %2, blue %3 times; level %4 stops</source>
            <translation>Rot %1-, Grün %2-, Blau %3-fach; Pegel %4 Blenden</translation>
        </message>
        <message>
            <source>, least mean CIEDE2000</source>
            <translation>, kleinstes Mittel CIEDE2000</translation>
        </message>
        <message>
            <source>, least squares</source>
            <translation>, kleinste Quadrate</translation>
        </message>
        <message>
            <source>, with made-up surfaces</source>
            <translation>, mit erdachten Oberflächen</translation>
        </message>
        <message>
            <source>, %1 × %1 × %1 points</source>
            <translation>, %1 × %1 × %1 Punkte</translation>
        </message>
        <message>
            <source>%1 patches of %2 in %3</source>
            <translation>%1 Felder von %2 in %3</translation>
        </message>
        <message>
            <source>; built %1</source>
            <translation>; gebaut %1</translation>
        </message>
        <message>
            <source> by %1</source>
            <translation> mit %1</translation>
        </message>
        <message>
            <source>nothing taken out of the chart shot</source>
            <translation>nichts aus der Tafelaufnahme herausgenommen</translation>
        </message>
        <message>
            <source>, taken out of the chart shot</source>
            <translation>, aus der Tafelaufnahme herausgenommen</translation>
        </message>
        <message>
            <source>one a channel, from the chart's greys</source>
            <translation>eine je Kanal, aus den Grautönen der Tafel</translation>
        </message>
        <message>
            <source>none: the greys are straight enough</source>
            <translation>keine: die Grautöne sind gerade genug</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Finish</translation>
        </message>
        <message>
            <source>Daylight</source>
            <translation>Tageslicht</translation>
        </message>
        <message>
            <source>Shade</source>
            <translation>Schatten</translation>
        </message>
        <message>
            <source>Flash</source>
            <translation>Blitz</translation>
        </message>
        <message>
            <source>Tungsten</source>
            <translation>Kunstlicht</translation>
        </message>
        <message>
            <source>Fluorescent</source>
            <translation>Leuchtstoff</translation>
        </message>
        <message>
            <source>LED</source>
            <translation>LED</translation>
        </message>
        <message>
            <source>Mixed</source>
            <translation>Gemischt</translation>
        </message>
        <message>
            <source>Raw</source>
            <translation>Raw</translation>
        </message>
        <message>
            <source>JPEG</source>
            <translation>JPEG</translation>
        </message>
        <message>
            <source>Flat video</source>
            <translation>Flaches Video</translation>
        </message>
        <message>
            <source>Log video</source>
            <translation>Log-Video</translation>
        </message>
        <message>
            <source>As the files of this body name it.</source>
            <translation>Wie die Dateien dieses Gehäuses es nennen.</translation>
        </message>
        <message>
            <source>Serial number</source>
            <translation>Seriennummer</translation>
        </message>
        <message>
            <source>Two bodies of a model differ; this tells them apart.</source>
            <translation>Zwei Gehäuse eines Modells unterscheiden sich; dies hält sie auseinander.</translation>
        </message>
        <message>
            <source>Called</source>
            <translation>Genannt</translation>
        </message>
        <message>
            <source>What you call it on the day; may be left empty.</source>
            <translation>Wie Sie es am Drehtag nennen; darf leer bleiben.</translation>
        </message>
        <message>
            <source>Shoots</source>
            <translation>Nimmt auf</translation>
        </message>
        <message>
            <source>Stills or film.</source>
            <translation>Fotos oder Film.</translation>
        </message>
        <message>
            <source>Stills</source>
            <translation>Fotos</translation>
        </message>
        <message>
            <source>Film</source>
            <translation>Film</translation>
        </message>
        <message>
            <source>Sensor</source>
            <translation>Sensor</translation>
        </message>
        <message>
            <source>Width of the part of the sensor that records.</source>
            <translation>Breite des Teils, den der Sensor aufzeichnet.</translation>
        </message>
        <message>
            <source>Sensor's height</source>
            <translation>Höhe des Sensors</translation>
        </message>
        <message>
            <source>Height of the part that records.</source>
            <translation>Höhe des Teils, der aufzeichnet.</translation>
        </message>
        <message>
            <source>Frame</source>
            <translation>Bild</translation>
        </message>
        <message>
            <source>px</source>
            <translation>px</translation>
        </message>
        <message>
            <source>Pixels across the frame.</source>
            <translation>Pixel in der Breite des Bildes.</translation>
        </message>
        <message>
            <source>Frame's height</source>
            <translation>Höhe des Bildes</translation>
        </message>
        <message>
            <source>Pixels down the frame.</source>
            <translation>Pixel in der Höhe des Bildes.</translation>
        </message>
        <message>
            <source>Focal length</source>
            <translation>Brennweite</translation>
        </message>
        <message>
            <source>The shortest; of a fixed lens, the only one.</source>
            <translation>Die kürzeste; bei fester Brennweite die einzige.</translation>
        </message>
        <message>
            <source>As the files name it.</source>
            <translation>Wie die Dateien es nennen.</translation>
        </message>
        <message>
            <source>May be left empty.</source>
            <translation>Darf leer bleiben.</translation>
        </message>
        <message>
            <source>Longest</source>
            <translation>Längste</translation>
        </message>
        <message>
            <source>The longest focal length of a zoom.</source>
            <translation>Die längste Brennweite eines Zooms.</translation>
        </message>
        <message>
            <source>Fall-off</source>
            <translation>Randabfall</translation>
        </message>
        <message>
            <source>From the middle to the corners; a flat-field frame fills it in.</source>
            <translation>Von der Mitte zu den Ecken; ein Flatfield-Bild füllt es aus.</translation>
        </message>
        <message>
            <source>f-no.</source>
            <translation>Blende</translation>
        </message>
        <message>
            <source>The aperture of the flat-field frame.</source>
            <translation>Die Blende des Flatfield-Bildes.</translation>
        </message>
        <message>
            <source>Kind of light</source>
            <translation>Lichtart</translation>
        </message>
        <message>
            <source>Profiles of one kind may stand in for each other, as the weaker choice they are.</source>
            <translation>Profile einer Art dürfen füreinander einspringen, als die schwächere Wahl, die sie sind.</translation>
        </message>
        <message>
            <source>A lamp, a flash, or daylight from one side.</source>
            <translation>Eine Lampe, ein Blitz oder Tageslicht von einer Seite.</translation>
        </message>
        <message>
            <source>Warm-up</source>
            <translation>Aufwärmen</translation>
        </message>
        <message>
            <source>min</source>
            <translation>min</translation>
        </message>
        <message>
            <source>Until its colour is steady; 0 for none.</source>
            <translation>Bis ihre Farbe stetig ist; 0 für keines.</translation>
        </message>
        <message>
            <source>Power from</source>
            <translation>Strom von</translation>
        </message>
        <message>
            <source>Mains power calls for cautions in the preparations.</source>
            <translation>Netzstrom verlangt Vorsichtsmaßnahmen bei der Vorbereitung.</translation>
        </message>
        <message>
            <source>Battery or none</source>
            <translation>Akku oder keiner</translation>
        </message>
        <message>
            <source>Mains</source>
            <translation>Netz</translation>
        </message>
        <message>
            <source>Touch</source>
            <translation>Berührung</translation>
        </message>
        <message>
            <source>Hot lamps call for cautions in the preparations.</source>
            <translation>Heiße Lampen verlangen Vorsichtsmaßnahmen bei der Vorbereitung.</translation>
        </message>
        <message>
            <source>Stays cool</source>
            <translation>Bleibt kühl</translation>
        </message>
        <message>
            <source>Gets hot</source>
            <translation>Wird heiß</translation>
        </message>
        <message>
            <source>Chart</source>
            <translation>Tafel</translation>
        </message>
        <message>
            <source>Which design this is a copy of.</source>
            <translation>Von welchem Entwurf dies ein Exemplar ist.</translation>
        </message>
        <message>
            <source>Width</source>
            <translation>Breite</translation>
        </message>
        <message>
            <source>Of the whole chart; its height follows.</source>
            <translation>Der ganzen Tafel; die Höhe folgt daraus.</translation>
        </message>
        <message>
            <source>What is written on this copy.</source>
            <translation>Was auf diesem Exemplar steht.</translation>
        </message>
        <message>
            <source>Made on</source>
            <translation>Hergestellt am</translation>
        </message>
        <message>
            <source>As 2026-05-14; charts fade, so their age counts.</source>
            <translation>Als 2026-05-14; Tafeln bleichen aus, darum zählt ihr Alter.</translation>
        </message>
        <message>
            <source>Replace after</source>
            <translation>Ersetzen nach</translation>
        </message>
        <message>
            <source>months</source>
            <translation>Monate</translation>
        </message>
        <message>
            <source>Of its making; common practice is two years.</source>
            <translation>Nach der Herstellung; üblich sind zwei Jahre.</translation>
        </message>
        <message>
            <source>Values from</source>
            <translation>Werte von</translation>
        </message>
        <message>
            <source>Who measured this copy, with what, when; empty: the chart file's values.</source>
            <translation>Wer dieses Exemplar womit und wann gemessen hat; leer: die Werte der Tafeldatei.</translation>
        </message>
        <message>
            <source>What it is</source>
            <translation>Was es ist</translation>
        </message>
        <message>
            <source>A display to judge on, or a measuring instrument.</source>
            <translation>Ein Bildschirm, auf dem geurteilt wird, oder ein Messgerät.</translation>
        </message>
        <message>
            <source>Instrument</source>
            <translation>Messgerät</translation>
        </message>
        <message>
            <source>Display</source>
            <translation>Bildschirm</translation>
        </message>
        <message>
            <source>What you call it.</source>
            <translation>Wie Sie es nennen.</translation>
        </message>
        <message>
            <source>Last checked</source>
            <translation>Zuletzt geprüft</translation>
        </message>
        <message>
            <source>As 2026-05-14; empty: never, or not known.</source>
            <translation>Als 2026-05-14; leer: nie, oder nicht bekannt.</translation>
        </message>
        <message>
            <source>Check every</source>
            <translation>Prüfen alle</translation>
        </message>
        <message>
            <source>days</source>
            <translation>Tage</translation>
        </message>
        <message>
            <source>A month is common practice for displays.</source>
            <translation>Bei Bildschirmen ist ein Monat üblich.</translation>
        </message>
        <message>
            <source>Body</source>
            <translation>Gehäuse</translation>
        </message>
        <message>
            <source>Whose recording this is.</source>
            <translation>Wessen Aufzeichnung dies ist.</translation>
        </message>
        <message>
            <source>Any body</source>
            <translation>Jedes Gehäuse</translation>
        </message>
        <message>
            <source>Recording</source>
            <translation>Aufzeichnung</translation>
        </message>
        <message>
            <source>Which of its recordings is written like that.</source>
            <translation>Welche seiner Aufzeichnungen so geschrieben ist.</translation>
        </message>
        <message>
            <source>Stored = log slope x log(linear slope x light + linear offset) + log offset.</source>
            <translation>Gespeichert = Log-Steigung x log(Linear-Steigung x Licht + Linear-Versatz) + Log-Versatz.</translation>
        </message>
        <message>
            <source>What the camera calls it.</source>
            <translation>Wie die Kamera es nennt.</translation>
        </message>
        <message>
            <source>Of the logarithm: 2, 10 or 2.71828.</source>
            <translation>Des Logarithmus: 2, 10 oder 2.71828.</translation>
        </message>
        <message>
            <source>Log side</source>
            <translation>Log-Seite</translation>
        </message>
        <message>
            <source>Log offset</source>
            <translation>Log-Versatz</translation>
        </message>
        <message>
            <source>Light side</source>
            <translation>Lichtseite</translation>
        </message>
        <message>
            <source>Linear offset</source>
            <translation>Linear-Versatz</translation>
        </message>
        <message>
            <source>Straight part</source>
            <translation>Gerader Teil</translation>
        </message>
        <message>
            <source>Linear light under which the curve is a straight line; empty: nowhere.</source>
            <translation>Lineares Licht, unter dem die Kurve eine Gerade ist; leer: nirgends.</translation>
        </message>
        <message>
            <source>Its slope</source>
            <translation>Ihre Steigung</translation>
        </message>
        <message>
            <source>Of the straight part; empty: it goes on smoothly.</source>
            <translation>Des geraden Teils; leer: er geht glatt weiter.</translation>
        </message>
        <message>
            <source>Gamut</source>
            <translation>Farbumfang</translation>
        </message>
        <message>
            <source>Of the recording: x and y of red, green, blue and white, or a space's name such as rec2020; empty: not known. The bench shows what the data sheet makes of a chart.</source>
            <translation>Der Aufzeichnung: x und y von Rot, Grün, Blau und Weiß, oder der Name eines Raums wie rec2020; leer: nicht bekannt. Der Prüfstand zeigt, was das Datenblatt aus einer Tafel macht.</translation>
        </message>
        <message>
            <source>New chart after</source>
            <translation>Neue Tafel nach</translation>
        </message>
        <message>
            <source>Which changes call for a new chart shot.</source>
            <translation>Welche Änderungen eine neue Tafelaufnahme verlangen.</translation>
        </message>
        <message>
            <source>Charts judged as</source>
            <translation>Tafeln beurteilt als</translation>
        </message>
        <message>
            <source>How strictly chart shots are judged; single limits are changed at their finding.</source>
            <translation>Wie streng Tafelaufnahmen beurteilt werden; einzelne Grenzen ändert man an ihrem Befund.</translation>
        </message>
        <message>
            <source>On the call sheet and in the record.</source>
            <translation>Auf der Disposition und in der Akte.</translation>
        </message>
        <message>
            <source>Client</source>
            <translation>Kunde</translation>
        </message>
        <message>
            <source>Date</source>
            <translation>Datum</translation>
        </message>
        <message>
            <source>Light may move</source>
            <translation>Licht darf sich ändern</translation>
        </message>
        <message>
            <source>stops</source>
            <translation>Blenden</translation>
        </message>
        <message>
            <source>How far the level of daylight may go before a chart shot is too old.</source>
            <translation>Wie weit sich der Pegel des Tageslichts ändern darf, bevor eine Tafelaufnahme zu alt ist.</translation>
        </message>
        <message>
            <source>Colour may move</source>
            <translation>Farbe darf sich ändern</translation>
        </message>
        <message>
            <source>mired</source>
            <translation>Mired</translation>
        </message>
        <message>
            <source>How far its colour may go before a chart shot is too old.</source>
            <translation>Wie weit sich seine Farbe ändern darf, bevor eine Tafelaufnahme zu alt ist.</translation>
        </message>
        <message>
            <source>Clock</source>
            <translation>Uhr</translation>
        </message>
        <message>
            <source>h from UTC</source>
            <translation>h ab UTC</translation>
        </message>
        <message>
            <source>Summer time included: 2 for UTC+2.</source>
            <translation>Sommerzeit eingerechnet: 2 für UTC+2.</translation>
        </message>
        <message>
            <source>Coordinates</source>
            <translation>Koordinaten</translation>
        </message>
        <message>
            <source>Degrees north and east, as 52.35, 0.27; south and west are negative. With them the sun's way is known.</source>
            <translation>Grad Nord und Ost, als 52.35, 0.27; Süd und West sind negativ. Damit ist der Weg der Sonne bekannt.</translation>
        </message>
        <message>
            <source>Coordinates are two numbers, degrees north and east, as 52.35, 0.27.</source>
            <translation>Koordinaten sind zwei Zahlen, Grad Nord und Ost, als 52.35, 0.27.</translation>
        </message>
        <message>
            <source>Degrees north</source>
            <translation>Grad Nord</translation>
        </message>
        <message>
            <source>Degrees east</source>
            <translation>Grad Ost</translation>
        </message>
        <message>
            <source>A room, a window, a spot outdoors.</source>
            <translation>Ein Raum, ein Fenster, eine Stelle im Freien.</translation>
        </message>
        <message>
            <source>film, </source>
            <translation>Film, </translation>
        </message>
        <message>
            <source>, mains</source>
            <translation>, Netz</translation>
        </message>
        <message>
            <source>, hot</source>
            <translation>, heiß</translation>
        </message>
        <message>
            <source>age not known</source>
            <translation>Alter nicht bekannt</translation>
        </message>
        <message>
            <source>made %1</source>
            <translation>hergestellt %1</translation>
        </message>
        <message>
            <source>never checked</source>
            <translation>nie geprüft</translation>
        </message>
        <message>
            <source>checked %1</source>
            <translation>geprüft %1</translation>
        </message>
        <message>
            <source>, mid-grey %1 %</source>
            <translation>, Mittelgrau %1 %</translation>
        </message>
        <message>
            <source>no coordinates</source>
            <translation>keine Koordinaten</translation>
        </message>
        <message>
            <source>New body</source>
            <translation>Neues Gehäuse</translation>
        </message>
        <message>
            <source>New lens</source>
            <translation>Neues Objektiv</translation>
        </message>
        <message>
            <source>New %1</source>
            <translation>Neu: %1</translation>
        </message>
        <message>
            <source>Enter another %1</source>
            <translation>Noch eins eintragen: %1</translation>
        </message>
        <message>
            <source>Take out %1</source>
            <translation>%1 herausnehmen</translation>
        </message>
        <message>
            <source>Checked today</source>
            <translation>Heute geprüft</translation>
        </message>
        <message>
            <source>Log recordings</source>
            <translation>Log-Aufzeichnungen</translation>
        </message>
        <message>
            <source>log recording</source>
            <translation>Log-Aufzeichnung</translation>
        </message>
        <message>
            <source>New log recording</source>
            <translation>Neue Log-Aufzeichnung</translation>
        </message>
        <message>
            <source>Begin another shoot</source>
            <translation>Noch einen Dreh beginnen</translation>
        </message>
        <message>
            <source>Bodies</source>
            <translation>Gehäuse</translation>
        </message>
        <message>
            <source>body</source>
            <translation>Gehäuse</translation>
        </message>
        <message>
            <source>Lenses</source>
            <translation>Objektive</translation>
        </message>
        <message>
            <source>lens</source>
            <translation>Objektiv</translation>
        </message>
        <message>
            <source>Lights</source>
            <translation>Lichter</translation>
        </message>
        <message>
            <source>light</source>
            <translation>Licht</translation>
        </message>
        <message>
            <source>Charts</source>
            <translation>Tafeln</translation>
        </message>
        <message>
            <source>chart copy</source>
            <translation>Tafelexemplar</translation>
        </message>
        <message>
            <source>Displays and instruments</source>
            <translation>Bildschirme und Messgeräte</translation>
        </message>
        <message>
            <source>display or instrument</source>
            <translation>Bildschirm oder Messgerät</translation>
        </message>
        <message>
            <source>Places of this shoot</source>
            <translation>Orte dieses Drehs</translation>
        </message>
        <message>
            <source>place</source>
            <translation>Ort</translation>
        </message>
        <message>
            <source>shoot</source>
            <translation>Dreh</translation>
        </message>
        <message>
            <source>, %1 missing</source>
            <translation>, %1 fehlen</translation>
        </message>
        <message>
            <source>Refero library (*.refero-library.json)</source>
            <translation>Refero-Bibliothek (*.refero-library.json)</translation>
        </message>
        <message>
            <source>, about %1 s left</source>
            <translation>, noch etwa %1 s</translation>
        </message>
        <message>
            <source>, about %1 min left</source>
            <translation>, noch etwa %1 min</translation>
        </message>
        <message>
            <source>The light over the chart, told from its greys, its ground and what the colours leave: lighter is more. A line is a tenth of a stop.</source>
            <translation>Das Licht über der Tafel, erschlossen aus ihren Grautönen, ihrem Grund und dem, was die Farben übrig lassen: heller ist mehr. Eine Linie ist eine Zehntelblende.</translation>
        </message>
        <message>
            <source>%1 stops, %2 %</source>
            <translation>%1 Blenden, %2 %</translation>
        </message>
        <message>
            <source>; a shadow of %1</source>
            <translation>; ein Schatten von %1</translation>
        </message>
        <message>
            <source>; taken out</source>
            <translation>; herausgenommen</translation>
        </message>
        <message>
            <source>Histogram</source>
            <translation>Histogramm</translation>
        </message>
        <message>
            <source>Waveform</source>
            <translation>Waveform</translation>
        </message>
        <message>
            <source>Parade</source>
            <translation>Parade</translation>
        </message>
        <message>
            <source>Vectorscope</source>
            <translation>Vektorskop</translation>
        </message>
        <message>
            <source>How many pixels there are of each level, dark at the left.</source>
            <translation>Wie viele Pixel es von jedem Pegel gibt, dunkle links.</translation>
        </message>
        <message>
            <source>Brightness (Y') of each part of the picture, left to right as in the picture.</source>
            <translation>Helligkeit (Y') jedes Bildteils, von links nach rechts wie im Bild.</translation>
        </message>
        <message>
            <source>Red, green and blue beside each other: where greys stand at one height in all three, there is no cast.</source>
            <translation>Rot, Grün und Blau nebeneinander: wo Grautöne in allen dreien gleich hoch stehen, ist kein Stich.</translation>
        </message>
        <message>
            <source>Hue by direction, saturation by distance: greys sit in the middle, a patch of the chart in its box, skin of every depth along the line.</source>
            <translation>Farbton nach Richtung, Sättigung nach Abstand: Grautöne liegen in der Mitte, ein Feld der Tafel in seinem Kästchen, Haut jeder Tiefe auf der Linie.</translation>
        </message>
        <message>
            <source>Watch the folder that the camera shoots into. Every chart shot is judged at once, so that mistakes are mended while the light still stands.</source>
            <translation>Beobachten Sie den Ordner, in den die Kamera aufnimmt. Jede Tafelaufnahme wird sofort beurteilt, damit Fehler behoben werden, solange das Licht noch steht.</translation>
        </message>
        <message>
            <source>%1 is a frame like others.</source>
            <translation>%1 ist ein Bild wie andere.</translation>
        </message>
        <message>
            <source>Shown for this display by the system's profile, %1.</source>
            <translation>Für diesen Bildschirm nach dem Profil des Systems gezeigt, %1.</translation>
        </message>
        <message>
            <source>Shown for this display by the profile that you chose, %1.</source>
            <translation>Für diesen Bildschirm nach dem von Ihnen gewählten Profil gezeigt, %1.</translation>
        </message>
        <message>
            <source>top left</source>
            <translation>oben links</translation>
        </message>
        <message>
            <source>top right</source>
            <translation>oben rechts</translation>
        </message>
        <message>
            <source>bottom right</source>
            <translation>unten rechts</translation>
        </message>
        <message>
            <source>bottom left</source>
            <translation>unten links</translation>
        </message>
        <message>
            <source>Move %1</source>
            <translation>%1 verschieben</translation>
        </message>
        <message>
            <source>Leave out %1</source>
            <translation>%1 auslassen</translation>
        </message>
        <message>
            <source>Count %1 again</source>
            <translation>%1 wieder zählen</translation>
        </message>
        <message>
            <source>Put %1 back</source>
            <translation>%1 zurücklegen</translation>
        </message>
        <message>
            <source>Nudge %1</source>
            <translation>%1 anstoßen</translation>
        </message>
        <message>
            <source>linear %1 %2 %3   %4 %5 %6 %   8 bit %7 %8 %9</source>
            <translation>linear %1 %2 %3   %4 %5 %6 %   8 Bit %7 %8 %9</translation>
        </message>
        <message>
            <source>   %1%2 stops from mid-grey   L*a*b* %3 %4 %5</source>
            <translation>   %1%2 Blenden von Mittelgrau   L*a*b* %3 %4 %5</translation>
        </message>
        <message>
            <source>Frames of the subject; chart frames do not count.</source>
            <translation>Bilder des Motivs; Tafelbilder zählen nicht.</translation>
        </message>
        <message>
            <source>A correction built under the same conditions.</source>
            <translation>Eine unter denselben Bedingungen gebaute Korrektur.</translation>
        </message>
        <message>
            <source>Only the same body and kind of light.</source>
            <translation>Nur dasselbe Gehäuse und dieselbe Lichtart.</translation>
        </message>
        <message>
            <source>No correction of this body under this kind of light.</source>
            <translation>Keine Korrektur dieses Gehäuses unter dieser Lichtart.</translation>
        </message>
        <message>
            <source>Solid: valid; hatched: weaker; outline: none.</source>
            <translation>Voll: gültig; schraffiert: schwächer; Umriss: keine.</translation>
        </message>
        <message>
            <source>Setup</source>
            <translation>Aufbau</translation>
        </message>
        <message>
            <source>Valid</source>
            <translation>Gültig</translation>
        </message>
        <message>
            <source>Weaker</source>
            <translation>Schwächer</translation>
        </message>
        <message>
            <source>None</source>
            <translation>Keine</translation>
        </message>
        <message>
            <source>Why</source>
            <translation>Warum</translation>
        </message>
        <message>
            <source>%1 frames: %2 with a valid correction, %3 with a weaker one, %4 with none</source>
            <translation>%1 Bilder: %2 mit gültiger Korrektur, %3 mit schwächerer, %4 ohne</translation>
        </message>
        <message>
            <source>%1 to %2</source>
            <translation>%1 bis %2</translation>
        </message>
        <message>
            <source>Time</source>
            <translation>Zeit</translation>
        </message>
        <message>
            <source>Enter the setups in shooting order: body, lens, light, place. Refero says which need a chart shot of their own, which copy of the chart suits the framing, and how long daylight holds.</source>
            <translation>Tragen Sie die Aufbauten in Drehreihenfolge ein: Gehäuse, Objektiv, Licht, Ort. Refero sagt, welche eine eigene Tafelaufnahme brauchen, welches Exemplar zum Ausschnitt passt und wie lange das Tageslicht hält.</translation>
        </message>
        <message>
            <source>%1, time: %2 to %3</source>
            <translation>%1, Zeit: %2 bis %3</translation>
        </message>
        <message>
            <source>%1 at %2
Sun %3° high, azimuth %4°</source>
            <translation>%1 um %2
Sonne %3° hoch, Azimut %4°</translation>
        </message>
        <message>
            <source>
%1, clear sky: %2 mired (%3 K)</source>
            <translation>
%1, klarer Himmel: %2 Mired (%3 K)</translation>
        </message>
        <message>
            <source>Day</source>
            <translation>Tag</translation>
        </message>
        <message>
            <source>Prepare</source>
            <translation>Vorbereiten</translation>
        </message>
        <message>
            <source>Coverage</source>
            <translation>Abdeckung</translation>
        </message>
        <message>
            <source>Kit</source>
            <translation>Ausrüstung</translation>
        </message>
        <message>
            <source>Library</source>
            <translation>Bibliothek</translation>
        </message>
        <message>
            <source>Enter a setup</source>
            <translation>Einen Aufbau eintragen</translation>
        </message>
        <message>
            <source>Duplicate the setup</source>
            <translation>Aufbau duplizieren</translation>
        </message>
        <message>
            <source>Move the setup up</source>
            <translation>Aufbau nach oben</translation>
        </message>
        <message>
            <source>Move the setup down</source>
            <translation>Aufbau nach unten</translation>
        </message>
        <message>
            <source>%1 of %2 seen to</source>
            <translation>%1 von %2 erledigt</translation>
        </message>
        <message>
            <source>%1: its chart was shot like this</source>
            <translation>%1: seine Tafel wurde so aufgenommen</translation>
        </message>
        <message>
            <source>The setup needs a name.</source>
            <translation>Der Aufbau braucht einen Namen.</translation>
        </message>
        <message>
            <source>Not stated</source>
            <translation>Nicht angegeben</translation>
        </message>
        <message>
            <source>What the camera writes.</source>
            <translation>Was die Kamera schreibt.</translation>
        </message>
        <message>
            <source>Profile</source>
            <translation>Profil</translation>
        </message>
        <message>
            <source>The recording profile, as the camera calls it.</source>
            <translation>Das Aufzeichnungsprofil, wie die Kamera es nennt.</translation>
        </message>
        <message>
            <source>More than normal, as planned; below 0 less. A test of the profile says how far it may go.</source>
            <translation>Mehr als normal, wie geplant; unter 0 weniger. Ein Test des Profils sagt, wie weit es gehen darf.</translation>
        </message>
        <message>
            <source>Power, with</source>
            <translation>Leistung, mit</translation>
        </message>
        <message>
            <source>Of the lamp's full power.</source>
            <translation>Der vollen Leistung der Lampe.</translation>
        </message>
        <message>
            <source>Power</source>
            <translation>Leistung</translation>
        </message>
        <message>
            <source>Modifier</source>
            <translation>Lichtformer</translation>
        </message>
        <message>
            <source>Softbox, grid, diffusion; empty: bare.</source>
            <translation>Softbox, Wabe, Diffusion; leer: ohne.</translation>
        </message>
        <message>
            <source>bare</source>
            <translation>ohne</translation>
        </message>
        <message>
            <source>Field</source>
            <translation>Feld</translation>
        </message>
        <message>
            <source>Width of what the frame shows, in the plane of the subject.</source>
            <translation>Breite dessen, was das Bild zeigt, in der Ebene des Motivs.</translation>
        </message>
        <message>
            <source>Enter another...</source>
            <translation>Weitere eintragen ...</translation>
        </message>
        <message>
            <source>Short; it is on the slate and in the names of files.</source>
            <translation>Kurz; er steht auf der Klappe und in Dateinamen.</translation>
        </message>
        <message>
            <source>Where it is shot.</source>
            <translation>Wo gedreht wird.</translation>
        </message>
        <message>
            <source>From, to</source>
            <translation>Von, bis</translation>
        </message>
        <message>
            <source>On the place's clock, as 9:30.</source>
            <translation>Nach der Uhr des Ortes, als 9:30.</translation>
        </message>
        <message>
            <source>On the place's clock, as 11:00.</source>
            <translation>Nach der Uhr des Ortes, als 11:00.</translation>
        </message>
        <message>
            <source>The camera; two of a model are two bodies.</source>
            <translation>Die Kamera; zwei eines Modells sind zwei Gehäuse.</translation>
        </message>
        <message>
            <source>Lens</source>
            <translation>Objektiv</translation>
        </message>
        <message>
            <source>Lenses tint and darken differently.</source>
            <translation>Objektive färben und dunkeln verschieden.</translation>
        </message>
        <message>
            <source>Of a zoom; empty: its shortest.</source>
            <translation>Eines Zooms; leer: seine kürzeste.</translation>
        </message>
        <message>
            <source>The lamp, flash or daylight that colours the subject.</source>
            <translation>Die Lampe, der Blitz oder das Tageslicht, das dem Motiv die Farbe gibt.</translation>
        </message>
        <message>
            <source>The copy to be shot.</source>
            <translation>Das Exemplar, das aufgenommen wird.</translation>
        </message>
        <message>
            <source>Distance, field</source>
            <translation>Abstand, Feld</translation>
        </message>
        <message>
            <source>From the sensor to the subject.</source>
            <translation>Vom Sensor zum Motiv.</translation>
        </message>
        <message>
            <source>Note</source>
            <translation>Notiz</translation>
        </message>
        <message>
            <source>For whoever reads this later.</source>
            <translation>Für alle, die dies später lesen.</translation>
        </message>
        <message>
            <source>CIEDE2000. The bars hold the truth in 95 of 100 cases, allowing for the reading's noise and for how far this copy of the chart may be from its definition. Where bars overlap, one figure is not surely better than the other.</source>
            <translation>CIEDE2000. Die Balken enthalten in 95 von 100 Fällen die Wahrheit; sie berücksichtigen das Rauschen der Messung und wie weit dieses Exemplar von seiner Definition abliegen mag. Wo Balken sich überlappen, ist eine Zahl nicht sicher besser als die andere.</translation>
        </message>
        <message>
            <source>Median</source>
            <translation>Median</translation>
        </message>
        <message>
            <source>Largest</source>
            <translation>Größte</translation>
        </message>
        <message>
            <source>%1: before %2, after %3, unseen %4</source>
            <translation>%1: vorher %2, nachher %3, ungesehen %4</translation>
        </message>
        <message>
            <source>balance alone</source>
            <translation>Abgleich allein</translation>
        </message>
        <message>
            <source>unseen</source>
            <translation>ungesehen</translation>
        </message>
        <message>
            <source>Each grey step after one balance for all: where red, green and blue part, that level has a cast; where they rise or fall together, the light is uneven or the tone is bent.</source>
            <translation>Jede Graustufe nach einem Abgleich für alle: wo Rot, Grün und Blau auseinandergehen, hat dieser Pegel einen Stich; wo sie gemeinsam steigen oder fallen, ist das Licht ungleichmäßig oder der Ton gebogen.</translation>
        </message>
        <message>
            <source>L* of the step</source>
            <translation>L* der Stufe</translation>
        </message>
        <message>
            <source>Encoding</source>
            <translation>Kodierung</translation>
        </message>
        <message>
            <source>Show</source>
            <translation>Zeigen</translation>
        </message>
        <message>
            <source>Take uneven light or a flat field out of the patches, or average the setup's chart frames.</source>
            <translation>Nimmt ungleiches Licht oder ein Flatfield aus den Feldern heraus, oder mittelt die Tafelbilder des Aufbaus.</translation>
        </message>
        <message>
            <source>not at all</source>
            <translation>gar nicht</translation>
        </message>
        <message>
            <source>within %1 stops</source>
            <translation>innerhalb von %1 Blenden</translation>
        </message>
        <message>
            <source>Build correction for %1</source>
            <translation>Korrektur für %1 bauen</translation>
        </message>
        <message>
            <source>Lend a correction to %1</source>
            <translation>%1 eine Korrektur leihen</translation>
        </message>
        <message>
            <source>Keep %1</source>
            <translation>%1 behalten</translation>
        </message>
        <message>
            <source>Name the snapshot %1</source>
            <translation>Schnappschuss %1 benennen</translation>
        </message>
        <message>
            <source>Take out the snapshot %1</source>
            <translation>Schnappschuss %1 herausnehmen</translation>
        </message>
        <message>
            <source>Go back to %1</source>
            <translation>Zurück zu %1</translation>
        </message>
        <message>
            <source>Add the known colour %1</source>
            <translation>Bekannte Farbe %1 hinzufügen</translation>
        </message>
        <message>
            <source>Count %1</source>
            <translation>%1 zählen</translation>
        </message>
        <message>
            <source>Check only %1</source>
            <translation>%1 nur prüfen</translation>
        </message>
        <message>
            <source>Take out the known colour %1</source>
            <translation>Bekannte Farbe %1 herausnehmen</translation>
        </message>
        <message>
            <source>Add picture %1</source>
            <translation>Bild %1 hinzufügen</translation>
        </message>
        <message>
            <source>Added to this setup by hand.</source>
            <translation>Von Hand zu diesem Aufbau hinzugefügt.</translation>
        </message>
        <message>
            <source>Frames of %1</source>
            <translation>Bilder von %1</translation>
        </message>
        <message>
            <source>Report with its frames</source>
            <translation>Bericht mit seinen Bildern</translation>
        </message>
        <message>
            <source>Frame %1 came in</source>
            <translation>Bild %1 kam herein</translation>
        </message>
        <message>
            <source>It came in for this setup.</source>
            <translation>Es kam für diesen Aufbau herein.</translation>
        </message>
        <message>
            <source>no setup</source>
            <translation>kein Aufbau</translation>
        </message>
        <message>
            <source>Match %1 to %2</source>
            <translation>%1 an %2 angleichen</translation>
        </message>
        <message>
            <source>the leader</source>
            <translation>die führende Kamera</translation>
        </message>
        <message>
            <source>Match all cameras of the scene</source>
            <translation>Alle Kameras der Szene angleichen</translation>
        </message>
        <message>
            <source>Allow this value of %1</source>
            <translation>Diesen Wert von %1 zulassen</translation>
        </message>
        <message>
            <source>Back to the set's limit of %1</source>
            <translation>Zurück zur Grenze des Satzes für %1</translation>
        </message>
        <message>
            <source>Chart frame of %1: %2</source>
            <translation>Tafelbild von %1: %2</translation>
        </message>
        <message>
            <source>Opened as its chart frame.</source>
            <translation>Als sein Tafelbild geöffnet.</translation>
        </message>
        <message>
            <source>Read the frame of %1</source>
            <translation>Das Bild von %1 messen</translation>
        </message>
        <message>
            <source>Take out the flat field %1</source>
            <translation>Flatfield %1 herausnehmen</translation>
        </message>
        <message>
            <source>Nothing is grey in %1</source>
            <translation>In %1 ist nichts grau</translation>
        </message>
        <message>
            <source>Mark a grey in %1</source>
            <translation>Ein Grau in %1 markieren</translation>
        </message>
        <message>
            <source>Learn the chart %1</source>
            <translation>Tafel %1 lernen</translation>
        </message>
        <message>
            <source>State encoding %1</source>
            <translation>Kodierung %1 angeben</translation>
        </message>
        <message>
            <source>Name setup %1</source>
            <translation>Aufbau %1 benennen</translation>
        </message>
        <message>
            <source>Reading the frame</source>
            <translation>Das Bild wird gemessen</translation>
        </message>
        <message>
            <source>Chart not found</source>
            <translation>Tafel nicht gefunden</translation>
        </message>
        <message>
            <source>Served by %1</source>
            <translation>Bedient von %1</translation>
        </message>
        <message>
            <source>Chart to be shot</source>
            <translation>Tafel aufzunehmen</translation>
        </message>
        <message>
            <source>Chart shot missing</source>
            <translation>Tafelaufnahme fehlt</translation>
        </message>
        <message>
            <source>Shoot the chart again</source>
            <translation>Tafel noch einmal aufnehmen</translation>
        </message>
        <message>
            <source>Read, not corrected</source>
            <translation>Gemessen, nicht korrigiert</translation>
        </message>
        <message>
            <source>Not handed over</source>
            <translation>Nicht übergeben</translation>
        </message>
        <message>
            <source>Changed since it went out</source>
            <translation>Geändert, seit es hinausging</translation>
        </message>
        <message>
            <source>Done</source>
            <translation>Fertig</translation>
        </message>
        <message>
            <source>Chart frame</source>
            <translation>Tafelbild</translation>
        </message>
        <message>
            <source> A new one was begun: %1.</source>
            <translation> Ein neues wurde begonnen: %1.</translation>
        </message>
        <message>
            <source>Refero studios (*.refero)</source>
            <translation>Refero-Studios (*.refero)</translation>
        </message>
        <message>
            <source>Refero studio as JSON (*.json)</source>
            <translation>Refero-Studio als JSON (*.json)</translation>
        </message>
        <message>
            <source>Open a studio</source>
            <translation>Ein Studio öffnen</translation>
        </message>
        <message>
            <source>Begin a new studio</source>
            <translation>Ein neues Studio beginnen</translation>
        </message>
        <message>
            <source>Save a copy</source>
            <translation>Eine Kopie sichern</translation>
        </message>
        <message>
            <source>Call sheet and slates as PDF</source>
            <translation>Disposition und Klappen als PDF</translation>
        </message>
        <message>
            <source>Export all as JSON</source>
            <translation>Alles als JSON ausgeben</translation>
        </message>
        <message>
            <source>Make a studio of exported JSON</source>
            <translation>Ein Studio aus JSON machen</translation>
        </message>
        <message>
            <source>Look at the demo</source>
            <translation>Das Beispiel ansehen</translation>
        </message>
        <message>
            <source>chart, surfaces</source>
            <translation>Tafel, Oberflächen</translation>
        </message>
        <message>
            <source>chart, mean</source>
            <translation>Tafel, Mittel</translation>
        </message>
        <message>
            <source>chart, squares</source>
            <translation>Tafel, Quadrate</translation>
        </message>
        <message>
            <source>, taken</source>
            <translation>, genommen</translation>
        </message>
        <message>
            <source>Fitted to</source>
            <translation>Angepasst an</translation>
        </message>
        <message>
            <source>Trials</source>
            <translation>Proben</translation>
        </message>
        <message>
            <source>Noise</source>
            <translation>Rauschen</translation>
        </message>
        <message>
            <source>In bold: the one that was taken.</source>
            <translation>Fett: das genommene.</translation>
        </message>
        <message>
            <source>Squares or the mean of the differences on the chart; or the chart and 1,500 made-up surfaces.</source>
            <translation>Quadrate oder Mittel der Abstände auf der Tafel; oder die Tafel und 1500 erdachte Oberflächen.</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 of patches that the fit did not see, over many ways of leaving some out.</source>
            <translation>Mittleres CIEDE2000 von Feldern, die beim Anpassen nicht gesehen wurden, über viele Arten, welche auszulassen.</translation>
        </message>
        <message>
            <source>How many times balance alone's noise in colour.</source>
            <translation>Wievielmal das Farbrauschen des Abgleichs allein.</translation>
        </message>
        <message>
            <source>  clipped</source>
            <translation>  beschnitten</translation>
        </message>
        <message>
            <source>Ref | now</source>
            <translation>Ref. | jetzt</translation>
        </message>
        <message>
            <source>Patch</source>
            <translation>Feld</translation>
        </message>
        <message>
            <source>Before</source>
            <translation>Vorher</translation>
        </message>
        <message>
            <source>After</source>
            <translation>Nachher</translation>
        </message>
        <message>
            <source>Left: the reference colour. Right: the corrected reading.</source>
            <translation>Links: die Referenzfarbe. Rechts: die korrigierte Messung.</translation>
        </message>
        <message>
            <source>Place on the chart.</source>
            <translation>Platz auf der Tafel.</translation>
        </message>
        <message>
            <source>CIEDE2000 with balance alone.</source>
            <translation>CIEDE2000 mit Abgleich allein.</translation>
        </message>
        <message>
            <source>CIEDE2000 with this correction.</source>
            <translation>CIEDE2000 mit dieser Korrektur.</translation>
        </message>
        <message>
            <source>CIEDE2000 of this patch when the fit did not see it: what to expect of a colour that is not on the chart.</source>
            <translation>CIEDE2000 dieses Feldes, wenn das Anpassen es nicht sah: was von einer Farbe zu erwarten ist, die nicht auf der Tafel ist.</translation>
        </message>
        <message>
            <source>How often it counts in the fit. Right click, or + and −, to favour this job's colours.</source>
            <translation>Wie oft es beim Anpassen zählt. Rechtsklick, oder + und −, um die Farben dieses Auftrags zu bevorzugen.</translation>
        </message>
        <message>
            <source>  left out</source>
            <translation>  ausgelassen</translation>
        </message>
        <message>
            <source>Ref | read</source>
            <translation>Ref. | gemessen</translation>
        </message>
        <message>
            <source>Noise %</source>
            <translation>Rauschen %</translation>
        </message>
        <message>
            <source>Clip %</source>
            <translation>Beschnitten %</translation>
        </message>
        <message>
            <source>Left: the reference colour. Right: the reading, balanced on the greys.</source>
            <translation>Links: die Referenzfarbe. Rechts: die Messung, auf die Grautöne abgeglichen.</translation>
        </message>
        <message>
            <source>Place on the chart and name.</source>
            <translation>Platz auf der Tafel und Name.</translation>
        </message>
        <message>
            <source>Linear red, in per cent of the clipping level, before any balance.</source>
            <translation>Lineares Rot, in Prozent des Clipping-Pegels, vor jedem Abgleich.</translation>
        </message>
        <message>
            <source>Linear green, in per cent of the clipping level, before any balance.</source>
            <translation>Lineares Grün, in Prozent des Clipping-Pegels, vor jedem Abgleich.</translation>
        </message>
        <message>
            <source>Linear blue, in per cent of the clipping level, before any balance.</source>
            <translation>Lineares Blau, in Prozent des Clipping-Pegels, vor jedem Abgleich.</translation>
        </message>
        <message>
            <source>Standard deviation of one pixel in the noisiest channel, in per cent of its value.</source>
            <translation>Standardabweichung eines Pixels im verrauschtesten Kanal, in Prozent seines Wertes.</translation>
        </message>
        <message>
            <source>Share of the pixels in which a channel is clipped.</source>
            <translation>Anteil der Pixel, in denen ein Kanal beschnitten ist.</translation>
        </message>
        <message>
            <source>Plan</source>
            <translation>Plan</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Messung</translation>
        </message>
        <message>
            <source>Correction</source>
            <translation>Korrektur</translation>
        </message>
        <message>
            <source>Pairing</source>
            <translation>Angleichung</translation>
        </message>
        <message>
            <source>Handover</source>
            <translation>Übergabe</translation>
        </message>
        <message>
            <source>Test</source>
            <translation>Test</translation>
        </message>
        <message>
            <source>   (now)</source>
            <translation>   (jetzt)</translation>
        </message>
        <message>
            <source>An assessment needs a reading.</source>
            <translation>Eine Bewertung braucht eine Messung.</translation>
        </message>
        <message>
            <source>%1 shows %2, %3 shows %4. Assess on one chart at a time.</source>
            <translation>%1 zeigt %2, %3 zeigt %4. Bewerten Sie auf einer Tafel zur Zeit.</translation>
        </message>
        <message>
            <source>No patch of %1 can be used: all are clipped or left out.</source>
            <translation>Kein Feld von %1 ist brauchbar: alle sind beschnitten oder ausgelassen.</translation>
        </message>
        <message>
            <source>What %1 gives is %2. To be another camera's aim it must be a picture for sRGB or BT.1886.</source>
            <translation>Was %1 gibt, ist %2. Um Ziel einer anderen Kamera zu sein, muss es ein Bild für sRGB oder BT.1886 sein.</translation>
        </message>
        <message>
            <source>the diagonal of its grid</source>
            <translation>die Diagonale seines Gitters</translation>
        </message>
        <message>
            <source>The curve %1 does not say where white belongs, so its recording has no colours of its own. A log curve by constants does.</source>
            <translation>Die Kurve %1 sagt nicht, wohin Weiß gehört; ihre Aufzeichnung hat darum keine eigenen Farben. Eine Log-Kurve aus Konstanten sagt es.</translation>
        </message>
        <message>
            <source>By its data sheet</source>
            <translation>Nach ihrem Datenblatt</translation>
        </message>
        <message>
            <source>Its own curve and gamut</source>
            <translation>Eigene Kurve und eigener Farbumfang</translation>
        </message>
        <message>
            <source>The correction has no patch called "%1" to set a level by.</source>
            <translation>Die Korrektur hat kein Feld namens „%1“, nach dem ein Pegel gesetzt werden könnte.</translation>
        </message>
        <message>
            <source>Patch %1 is a colour; levels are set by greys.</source>
            <translation>Feld %1 ist eine Farbe; Pegel werden nach Grautönen gesetzt.</translation>
        </message>
        <message>
            <source>Patch %1 was clipped or left out, so no level can be set by it.</source>
            <translation>Feld %1 war beschnitten oder ausgelassen; nach ihm lässt sich kein Pegel setzen.</translation>
        </message>
        <message>
            <source>The picture shows %1 patches, the data have %2 colours. Are they of this chart, and is all of it in the picture?</source>
            <translation>Das Bild zeigt %1 Felder, die Daten haben %2 Farben. Sind sie von dieser Tafel, und ist sie ganz im Bild?</translation>
        </message>
        <message>
            <source>The colours of the data do not agree with those in the picture in any order. Are they of this chart?</source>
            <translation>Die Farben der Daten passen in keiner Reihenfolge zu denen im Bild. Sind sie von dieser Tafel?</translation>
        </message>
        <message>
            <source>Two orders of the data's colours agree with the picture alike, so it cannot be told which way the chart lies. Shoot it evenly lit and in focus, or enter its rows and columns by hand.</source>
            <translation>Zwei Reihenfolgen der Daten passen gleich gut zum Bild; wie die Tafel liegt, ist nicht zu sagen. Nehmen Sie sie gleichmäßig beleuchtet und scharf auf, oder geben Sie Reihen und Spalten von Hand ein.</translation>
        </message>
        <message>
            <source>neutral</source>
            <translation>neutral</translation>
        </message>
        <message>
            <source>skin</source>
            <translation>Haut</translation>
        </message>
        <message>
            <source>foliage</source>
            <translation>Laub</translation>
        </message>
        <message>
            <source>sky</source>
            <translation>Himmel</translation>
        </message>
        <message>
            <source>primary</source>
            <translation>Grundfarbe</translation>
        </message>
        <message>
            <source>secondary</source>
            <translation>Mischfarbe</translation>
        </message>
        <message>
            <source>warm</source>
            <translation>warm</translation>
        </message>
        <message>
            <source>cool</source>
            <translation>kühl</translation>
        </message>
        <message>
            <source>other</source>
            <translation>andere</translation>
        </message>
        <message>
            <source>Patch %1 of chart %2</source>
            <translation>Feld %1 der Tafel %2</translation>
        </message>
        <message>
            <source>%1: lab_d50 must be three finite numbers with L* from 0 to 120.</source>
            <translation>%1: lab_d50 muss drei endliche Zahlen mit L* von 0 bis 120 sein.</translation>
        </message>
        <message>
            <source>%1: size_mm must be above 0.</source>
            <translation>%1: size_mm muss über 0 sein.</translation>
        </message>
        <message>
            <source>%1: lies outside outline_mm.</source>
            <translation>%1: liegt außerhalb von outline_mm.</translation>
        </message>
        <message>
            <source>%1: reflectance needs start_nm, step_nm above 0 and at least two values.</source>
            <translation>%1: reflectance braucht start_nm, step_nm über 0 und mindestens zwei Werte.</translation>
        </message>
        <message>
            <source>%1: a reflectance value is outside 0 to 3.</source>
            <translation>%1: ein Reflexionswert liegt außerhalb 0 bis 3.</translation>
        </message>
        <message>
            <source>"%1" is not a role; known are neutral, skin, foliage, sky, primary, secondary, warm, cool and other.</source>
            <translation>„%1“ ist keine Rolle; bekannt sind neutral, skin, foliage, sky, primary, secondary, warm, cool und other.</translation>
        </message>
        <message>
            <source>Chart %1 has no patches.</source>
            <translation>Tafel %1 hat keine Felder.</translation>
        </message>
        <message>
            <source>Chart %1 has more than 5000 patches.</source>
            <translation>Tafel %1 hat mehr als 5000 Felder.</translation>
        </message>
        <message>
            <source>Chart %1: outline_mm must be two numbers above 0.</source>
            <translation>Tafel %1: outline_mm muss zwei Zahlen über 0 sein.</translation>
        </message>
        <message>
            <source>Chart %1: surround_lab_d50 is not finite.</source>
            <translation>Tafel %1: surround_lab_d50 ist nicht endlich.</translation>
        </message>
        <message>
            <source>Chart %1: a patch has no id.</source>
            <translation>Tafel %1: ein Feld hat keine id.</translation>
        </message>
        <message>
            <source>Chart %1: patch id %2 occurs twice.</source>
            <translation>Tafel %1: die Feld-id %2 kommt zweimal vor.</translation>
        </message>
        <message>
            <source>Chart %1: patches %2 and %3 overlap.</source>
            <translation>Tafel %1: die Felder %2 und %3 überlappen sich.</translation>
        </message>
        <message>
            <source> Measured under %1 (ISO 13655).</source>
            <translation> Gemessen unter %1 (ISO 13655).</translation>
        </message>
        <message>
            <source> The file does not say the measurement condition (M0, M1, M2 of ISO 13655).</source>
            <translation> Die Datei nennt die Messbedingung nicht (M0, M1, M2 nach ISO 13655).</translation>
        </message>
        <message>
            <source>There are no colours in it.</source>
            <translation>Es sind keine Farben darin.</translation>
        </message>
        <message>
            <source>It has %1 colours; 10000 are the most.</source>
            <translation>Es hat %1 Farben; höchstens 10000 sind möglich.</translation>
        </message>
        <message>
            <source>Its spectra start at %1 nm in steps of %2 nm, which no instrument measures.</source>
            <translation>Seine Spektren beginnen bei %1 nm in Schritten von %2 nm, was kein Gerät misst.</translation>
        </message>
        <message>
            <source>Two colours have the id "%1".</source>
            <translation>Zwei Farben haben die id „%1“.</translation>
        </message>
        <message>
            <source>The colour "%1" has values that are out of range.</source>
            <translation>Die Farbe „%1“ hat Werte außerhalb des Möglichen.</translation>
        </message>
        <message>
            <source>L*a*b* computed from the spectra for D50 and the 2 degree observer.%1</source>
            <translation>L*a*b* aus den Spektren für D50 und den 2-Grad-Beobachter berechnet.%1</translation>
        </message>
        <message>
            <source> Above 1, so fluorescent: %1; what they look like depends on the ultraviolet in the light, and they count a quarter in a fit.</source>
            <translation> Über 1, also fluoreszierend: %1; wie sie aussehen, hängt vom Ultraviolett im Licht ab, und beim Anpassen zählen sie ein Viertel.</translation>
        </message>
        <message>
            <source>Its values are for the illuminant "%1", which is not known here. Give spectra, or values for D50.</source>
            <translation>Die Werte gelten für die Lichtart „%1“, die hier nicht bekannt ist. Geben Sie Spektren, oder Werte für D50.</translation>
        </message>
        <message>
            <source>%1 for D50, taken as they are.</source>
            <translation>%1 für D50, unverändert genommen.</translation>
        </message>
        <message>
            <source>%1 for %2, brought to D50 with CAT16.</source>
            <translation>%1 für %2, mit CAT16 auf D50 gebracht.</translation>
        </message>
        <message>
            <source> The file does not say the illuminant; D50 is assumed.</source>
            <translation> Die Datei nennt die Lichtart nicht; D50 wird angenommen.</translation>
        </message>
        <message>
            <source> They are of the 10 degree observer and are used as they are: without spectra there is no way to the 2 degree observer.</source>
            <translation> Sie gelten für den 10-Grad-Beobachter und werden so verwendet: ohne Spektren führt kein Weg zum 2-Grad-Beobachter.</translation>
        </message>
        <message>
            <source> The file does not say the observer; 2 degrees is assumed.</source>
            <translation> Die Datei nennt den Beobachter nicht; 2 Grad werden angenommen.</translation>
        </message>
        <message>
            <source>A grid has 1 to 200 rows and columns.</source>
            <translation>Ein Raster hat 1 bis 200 Reihen und Spalten.</translation>
        </message>
        <message>
            <source>Patches need a width and a height above 0, gaps and margin of 0 or more.</source>
            <translation>Felder brauchen Breite und Höhe über 0, Abstände und Rand ab 0.</translation>
        </message>
        <message>
            <source>%1 colours do not fit into %2 rows of %3.</source>
            <translation>%1 Farben passen nicht in %2 Reihen zu %3.</translation>
        </message>
        <message>
            <source>%1 has %2 patches, the data %3 colours.</source>
            <translation>%1 hat %2 Felder, die Daten %3 Farben.</translation>
        </message>
        <message>
            <source>Measured on this copy. %1</source>
            <translation>An diesem Exemplar gemessen. %1</translation>
        </message>
        <message>
            <source>A lattice has 2 to %1 points a side, not %2.</source>
            <translation>Ein Gitter hat 2 bis %1 Punkte je Seite, nicht %2.</translation>
        </message>
        <message>
            <source>The lattice does not hold as many numbers as its size says.</source>
            <translation>Das Gitter enthält nicht so viele Zahlen, wie seine Größe sagt.</translation>
        </message>
        <message>
            <source>The lattice holds what is no number.</source>
            <translation>Das Gitter enthält, was keine Zahl ist.</translation>
        </message>
        <message>
            <source>The lattice does not keep greys grey.</source>
            <translation>Das Gitter lässt Grau nicht grau.</translation>
        </message>
        <message>
            <source>There is no encoding called "%1". Known are %2.</source>
            <translation>Es gibt keine Kodierung namens „%1“. Bekannt sind %2.</translation>
        </message>
        <message>
            <source>base</source>
            <translation>Basis</translation>
        </message>
        <message>
            <source>log slope</source>
            <translation>Log-Steigung</translation>
        </message>
        <message>
            <source>log offset</source>
            <translation>Log-Versatz</translation>
        </message>
        <message>
            <source>linear slope</source>
            <translation>lineare Steigung</translation>
        </message>
        <message>
            <source>linear offset</source>
            <translation>linearer Versatz</translation>
        </message>
        <message>
            <source>linear break</source>
            <translation>lineare Grenze</translation>
        </message>
        <message>
            <source>slope of the straight part</source>
            <translation>Steigung des geraden Teils</translation>
        </message>
        <message>
            <source>The %1 is %2; it can be %3 to %4.</source>
            <translation>%1: %2; möglich ist %3 bis %4.</translation>
        </message>
        <message>
            <source>At the linear break there is no logarithm: linear slope times break plus linear offset must be above 0.</source>
            <translation>Am linearen Knick gibt es keinen Logarithmus: Linear-Steigung mal Knick plus Linear-Versatz muss über 0 sein.</translation>
        </message>
        <message>
            <source>The stored number 1 would be %g times white; above 0.18 and up to 1,000,000 is possible. Is the log slope right?</source>
            <translation>Die gespeicherte Zahl 1 wäre das %g-Fache von Weiß; möglich ist über 0,18 und bis 1 000 000. Stimmt die Log-Steigung?</translation>
        </message>
        <message>
            <source>Mid-grey would be stored as %.3f; between 0.02 and 0.98 is possible.</source>
            <translation>Mittelgrau wäre als %.3f gespeichert; möglich ist zwischen 0,02 und 0,98.</translation>
        </message>
        <message>
            <source>The look's primaries have no inverse.</source>
            <translation>Die Primärfarben des Looks haben keine Umkehrung.</translation>
        </message>
        <message>
            <source>The look's primaries do not make D50's white of equal parts.</source>
            <translation>Die Primärfarben des Looks ergeben zu gleichen Teilen nicht das Weiß von D50.</translation>
        </message>
        <message>
            <source>The look's curves must rise everywhere.</source>
            <translation>Die Kurven des Looks müssen überall steigen.</translation>
        </message>
        <message>
            <source>A gamut is x and y of red, green, blue and white: eight numbers, or the name of a space such as rec2020.</source>
            <translation>Ein Farbumfang ist x und y von Rot, Grün, Blau und Weiß: acht Zahlen, oder der Name eines Raums wie rec2020.</translation>
        </message>
        <message>
            <source>A gamut is x and y of red, green, blue and white: eight numbers, not %1.</source>
            <translation>Ein Farbumfang ist x und y von Rot, Grün, Blau und Weiß: acht Zahlen, nicht %1.</translation>
        </message>
        <message>
            <source>A gamut's chromaticities must be -0.5 to 1.5.</source>
            <translation>Die Farbwertanteile eines Farbumfangs müssen -0,5 bis 1,5 sein.</translation>
        </message>
        <message>
            <source>The gamut's red, green and blue lie on one line.</source>
            <translation>Rot, Grün und Blau des Farbumfangs liegen auf einer Linie.</translation>
        </message>
        <message>
            <source>The gamut's white must lie between red, green and blue.</source>
            <translation>Das Weiß des Farbumfangs muss zwischen Rot, Grün und Blau liegen.</translation>
        </message>
        <message>
            <source>scene light</source>
            <translation>Szenenlicht</translation>
        </message>
        <message>
            <source>scene light, for working in</source>
            <translation>Szenenlicht, zum Arbeiten</translation>
        </message>
        <message>
            <source>CIE XYZ, D50</source>
            <translation>CIE XYZ, D50</translation>
        </message>
        <message>
            <source>Linear sRGB</source>
            <translation>Lineares sRGB</translation>
        </message>
        <message>
            <source>display, sRGB at 80 cd/m2 in an office; full range</source>
            <translation>Bildschirm, sRGB mit 80 cd/m2 im Büro; voller Bereich</translation>
        </message>
        <message>
            <source>BT.709, camera</source>
            <translation>BT.709, Kamera</translation>
        </message>
        <message>
            <source>scene light through BT.709's camera curve; a BT.1886 display shows it darker</source>
            <translation>Szenenlicht durch die Kamerakurve von BT.709; ein Bildschirm nach BT.1886 zeigt es dunkler</translation>
        </message>
        <message>
            <source>display, P3 with sRGB's curve; full range</source>
            <translation>Bildschirm, P3 mit der Kurve von sRGB; voller Bereich</translation>
        </message>
        <message>
            <source>BT.2020, camera</source>
            <translation>BT.2020, Kamera</translation>
        </message>
        <message>
            <source>scene light through BT.2020's camera curve</source>
            <translation>Szenenlicht durch die Kamerakurve von BT.2020</translation>
        </message>
        <message>
            <source>scene light, logarithmic, for grading</source>
            <translation>Szenenlicht, logarithmisch, zum Grading</translation>
        </message>
        <message>
            <source>display of 100 cd/m2 in a dim room, gamma 2.4, black at 0</source>
            <translation>Bildschirm mit 100 cd/m2 im dämmrigen Raum, Gamma 2,4, Schwarz bei 0</translation>
        </message>
        <message>
            <source>mastering display in the dark, gamma 2.6</source>
            <translation>Mastering-Bildschirm im Dunkeln, Gamma 2,6</translation>
        </message>
        <message>
            <source>projector of 48 cd/m2 in the dark, gamma 2.6, the projector's own white</source>
            <translation>Projektor mit 48 cd/m2 im Dunkeln, Gamma 2,6, mit eigenem Weiß</translation>
        </message>
        <message>
            <source>HDR display in a dim room, white at 203 cd/m2 (BT.2408)</source>
            <translation>HDR-Bildschirm im dämmrigen Raum, Weiß bei 203 cd/m2 (BT.2408)</translation>
        </message>
        <message>
            <source>HDR display of 1,000 cd/m2 in a dim room, white at 203 cd/m2 (BT.2408)</source>
            <translation>HDR-Bildschirm mit 1000 cd/m2 im dämmrigen Raum, Weiß bei 203 cd/m2 (BT.2408)</translation>
        </message>
        <message>
            <source>display or print, IEC 61966-2-5; full range</source>
            <translation>Bildschirm oder Druck, IEC 61966-2-5; voller Bereich</translation>
        </message>
        <message>
            <source>for editing, ISO 22028-2; its white is D50</source>
            <translation>zum Bearbeiten, ISO 22028-2; sein Weiß ist D50</translation>
        </message>
        <message>
            <source>scene light, for interchange and keeping</source>
            <translation>Szenenlicht, zum Austausch und Aufbewahren</translation>
        </message>
        <message>
            <source>There is no output space called "%1". Known are %2.</source>
            <translation>Es gibt keinen Ausgaberaum namens „%1“. Bekannt sind %2.</translation>
        </message>
        <message>
            <source>The curve must begin at 0.</source>
            <translation>Die Kurve muss bei 0 beginnen.</translation>
        </message>
        <message>
            <source>The curve's values must be numbers that do not fall.</source>
            <translation>Die Werte der Kurve müssen Zahlen sein, die nicht fallen.</translation>
        </message>
        <message>
            <source>it needs at least two points, each with a stored number and its linear light</source>
            <translation>sie braucht mindestens zwei Punkte, jeden mit einer gespeicherten Zahl und ihrem linearen Licht</translation>
        </message>
        <message>
            <source>it has more than 65537 points</source>
            <translation>sie hat mehr als 65537 Punkte</translation>
        </message>
        <message>
            <source>one of its values is not a finite number</source>
            <translation>einer ihrer Werte ist keine endliche Zahl</translation>
        </message>
        <message>
            <source>it does not rise from point %zu (%g, %g) to point %zu (%g, %g)</source>
            <translation>sie steigt nicht von Punkt %zu (%g, %g) zu Punkt %zu (%g, %g)</translation>
        </message>
        <message>
            <source>its stored numbers must cover 0.1 to 0.9, where 0 to 1 is the whole range of the recording</source>
            <translation>ihre gespeicherten Zahlen müssen 0,1 bis 0,9 abdecken; 0 bis 1 ist der ganze Bereich der Aufnahme</translation>
        </message>
        <message>
            <source>The curve "%1" cannot be used: %2.</source>
            <translation>Die Kurve „%1“ ist nicht verwendbar: %2.</translation>
        </message>
        <message>
            <source>it gives no light at the stored number 1</source>
            <translation>sie gibt bei der gespeicherten Zahl 1 kein Licht</translation>
        </message>
        <message>
            <source>it runs from light to number; the other direction is needed, from number to light</source>
            <translation>sie führt vom Licht zur Zahl; gebraucht wird die andere Richtung, von der Zahl zum Licht</translation>
        </message>
        <message>
            <source>The curve "%1" cannot be used. %2</source>
            <translation>Die Kurve „%1“ ist nicht verwendbar. %2</translation>
        </message>
        <message>
            <source>The frame is %1 x %2 pixels; a chart needs at least 64 x 64 to be found.</source>
            <translation>Das Bild hat %1 x %2 Pixel; eine Tafel braucht mindestens 64 x 64, um gefunden zu werden.</translation>
        </message>
        <message>
            <source>The frame is black; there is nothing in it to measure.</source>
            <translation>Das Bild ist schwarz; es gibt nichts zu messen.</translation>
        </message>
        <message>
            <source>The frame shows the %1 mirrored, as in a looking glass. Turn the picture over (or shoot the chart itself) and read it again.</source>
            <translation>Das Bild zeigt die %1 gespiegelt, wie in einem Spiegel. Drehen Sie das Bild um (oder nehmen Sie die Tafel selbst auf) und messen Sie noch einmal.</translation>
        </message>
        <message>
            <source>No %1 was found in this frame. Is the whole chart in it, in focus and not covered? If you can see it, set its four corners by hand.</source>
            <translation>Keine %1 wurde in diesem Bild gefunden. Ist die ganze Tafel darin, scharf und nicht verdeckt? Wenn Sie sie sehen, setzen Sie ihre vier Ecken von Hand.</translation>
        </message>
        <message>
            <source>Only part of the chart is in the frame: %1 lie outside. Frame the whole chart and shoot it again.</source>
            <translation>Nur ein Teil der Tafel ist im Bild: %1 liegen außerhalb. Nehmen Sie die ganze Tafel ins Bild und noch einmal auf.</translation>
        </message>
        <message>
            <source>A corner of the chart is not a number.</source>
            <translation>Eine Ecke der Tafel ist keine Zahl.</translation>
        </message>
        <message>
            <source>The four corners go round the chart the other way: left and right are changed. Give them as top left, top right, bottom right, bottom left of the chart as its definition draws it.</source>
            <translation>Die vier Ecken gehen andersherum um die Tafel: links und rechts sind vertauscht. Geben Sie sie als oben links, oben rechts, unten rechts, unten links der Tafel an, wie ihre Definition sie zeichnet.</translation>
        </message>
        <message>
            <source>The four corners do not go round the chart: give them as top left, top right, bottom right, bottom left of the chart as its definition draws it.</source>
            <translation>Die vier Ecken gehen nicht um die Tafel herum: geben Sie sie als oben links, oben rechts, unten rechts, unten links der Tafel an, wie ihre Definition sie zeichnet.</translation>
        </message>
        <message>
            <source>With these corners, patches %1 lie outside the frame.</source>
            <translation>Mit diesen Ecken liegen die Felder %1 außerhalb des Bildes.</translation>
        </message>
        <message>
            <source>No field of patches in rows and columns was found in this frame. Frame the whole chart, in focus and evenly lit, so that it fills a quarter of the picture.</source>
            <translation>Kein Feld von Flächen in Reihen und Spalten wurde in diesem Bild gefunden. Nehmen Sie die ganze Tafel scharf und gleichmäßig beleuchtet auf, sodass sie ein Viertel des Bildes füllt.</translation>
        </message>
        <message>
            <source>No layout was learned.</source>
            <translation>Keine Anordnung wurde gelernt.</translation>
        </message>
        <message>
            <source>A level's grey must reflect 0.0001 to 16 and show 0 to 16, 1 being white.</source>
            <translation>Das Grau eines Pegels muss 0,0001 bis 16 reflektieren und 0 bis 16 zeigen; 1 ist Weiß.</translation>
        </message>
        <message>
            <source>Levels must rise: black below mid-grey, mid-grey below white, as seen and as wanted.</source>
            <translation>Pegel müssen steigen: Schwarz unter Mittelgrau, Mittelgrau unter Weiß, gesehen wie gewollt.</translation>
        </message>
        <message>
            <source>A finish's exposure must be -4 to 4 stops.</source>
            <translation>Die Belichtung eines Finishs muss -4 bis 4 Blenden sein.</translation>
        </message>
        <message>
            <source>A finish's warmth must be -12 to 12 steps.</source>
            <translation>Die Wärme eines Finishs muss -12 bis 12 Schritte sein.</translation>
        </message>
        <message>
            <source>A finish's tint must be -20 to 20 thousandths of Duv.</source>
            <translation>Die Tönung eines Finishs muss -20 bis 20 Tausendstel Duv sein.</translation>
        </message>
        <message>
            <source>A finish's contrast must be -1 to 1.</source>
            <translation>Der Kontrast eines Finishs muss -1 bis 1 sein.</translation>
        </message>
        <message>
            <source>A finish's saturation must be 0 to 2.</source>
            <translation>Die Sättigung eines Finishs muss 0 bis 2 sein.</translation>
        </message>
        <message>
            <source>There is no finish called "%1". Known are base and rounded.</source>
            <translation>Es gibt kein Finish namens „%1“. Bekannt sind base und rounded.</translation>
        </message>
        <message>
            <source>%+.2f stops</source>
            <translation>%+.2f Blenden</translation>
        </message>
        <message>
            <source>%.1f steps warmer</source>
            <translation>%.1f Schritte wärmer</translation>
        </message>
        <message>
            <source>%.1f steps cooler</source>
            <translation>%.1f Schritte kühler</translation>
        </message>
        <message>
            <source>%.1f greener</source>
            <translation>%.1f grüner</translation>
        </message>
        <message>
            <source>%.1f more magenta</source>
            <translation>%.1f mehr Magenta</translation>
        </message>
        <message>
            <source>contrast %+.0f %%</source>
            <translation>Kontrast %+.0f %%</translation>
        </message>
        <message>
            <source>saturation %.0f %%</source>
            <translation>Sättigung %.0f %%</translation>
        </message>
        <message>
            <source>levels by hand</source>
            <translation>Pegel von Hand</translation>
        </message>
        <message>
            <source>There is no aim called "%1". Known are reference and reading.</source>
            <translation>Es gibt kein Ziel namens „%1“. Bekannt sind reference und reading.</translation>
        </message>
        <message>
            <source>Only %1 patches are usable; a %2 needs %3. Use the balance model.</source>
            <translation>Nur %1 Felder sind brauchbar; ein Modell %2 braucht %3. Nehmen Sie das Abgleichmodell.</translation>
        </message>
        <message>
            <source>The chart does not tell what this camera would see of other colours.</source>
            <translation>Die Tafel sagt nicht, was diese Kamera von anderen Farben sähe.</translation>
        </message>
        <message>
            <source>The fitted %1 would fold colours over; check that the reading is of the chart it says.</source>
            <translation>Das angepasste Modell %1 würde Farben umklappen; prüfen Sie, ob die Messung von der genannten Tafel ist.</translation>
        </message>
        <message>
            <source>matrix</source>
            <translation>Matrix</translation>
        </message>
        <message>
            <source>root polynomial 2</source>
            <translation>Wurzelpolynom 2</translation>
        </message>
        <message>
            <source>root polynomial 3</source>
            <translation>Wurzelpolynom 3</translation>
        </message>
        <message>
            <source>polynomial</source>
            <translation>Polynom</translation>
        </message>
        <message>
            <source>lattice</source>
            <translation>Gitter</translation>
        </message>
        <message>
            <source>hue sectors</source>
            <translation>Farbtonsektoren</translation>
        </message>
        <message>
            <source> for looks</source>
            <translation> für Bildstile</translation>
        </message>
        <message>
            <source>: %1 in trials on patches left out</source>
            <translation>: %1 in Proben mit ausgelassenen Feldern</translation>
        </message>
        <message>
            <source>No model that this chart can carry is fitted by that objective. Leave the objective open, or use a matrix.</source>
            <translation>Kein Modell, das diese Tafel tragen kann, wird nach diesem Maß angepasst. Lassen Sie das Maß offen, oder nehmen Sie eine Matrix.</translation>
        </message>
        <message>
            <source>Too few patches are left where some are taken away.</source>
            <translation>Zu wenige Felder bleiben, wo einige weggenommen werden.</translation>
        </message>
        <message>
            <source>Correction from %1</source>
            <translation>Korrektur aus %1</translation>
        </message>
        <message>
            <source>maxClipped must be 0 to 1.</source>
            <translation>maxClipped muss 0 bis 1 sein.</translation>
        </message>
        <message>
            <source>The chart's tolerance must be 0 to 10 CIEDE2000.</source>
            <translation>Die Toleranz der Tafel muss 0 bis 10 CIEDE2000 sein.</translation>
        </message>
        <message>
            <source>The greys tell no curve: four usable ones at least are needed, and each must follow from the others. Leave the curves to be used where they help.</source>
            <translation>Die Grautöne ergeben keine Kurve: mindestens vier brauchbare sind nötig, und jeder muss aus den anderen folgen. Lassen Sie die Kurven dort, wo sie helfen.</translation>
        </message>
        <message>
            <source>A polynomial changes with exposure, so it is for encoded frames only; this one is linear. Use a root polynomial, which does the same at every exposure.</source>
            <translation>Ein Polynom ändert sich mit der Belichtung, gilt also nur für kodierte Bilder; dieses ist linear. Nehmen Sie ein Wurzelpolynom, das bei jeder Belichtung dasselbe tut.</translation>
        </message>
        <message>
            <source> No move foretells one patch from the others, so it is a root polynomial alone.</source>
            <translation> Keine Bewegung sagt ein Feld aus den anderen voraus, also ist es ein Wurzelpolynom allein.</translation>
        </message>
        <message>
            <source>at most %.1f</source>
            <translation>höchstens %.1f</translation>
        </message>
        <message>
            <source>Mean difference</source>
            <translation>Mittlerer Abstand</translation>
        </message>
        <message>
            <source>Between the two cameras over the chart; as they are it is %.2f. Half the patches are within %.2f.</source>
            <translation>Zwischen den beiden Kameras über die Tafel; so wie sie sind, ist er %.2f. Die Hälfte der Felder liegt innerhalb %.2f.</translation>
        </message>
        <message>
            <source>Over the chart; balance alone leaves %.2f, and half the patches are within %.2f.</source>
            <translation>Über die Tafel; Abgleich allein lässt %.2f, und die Hälfte der Felder liegt innerhalb %.2f.</translation>
        </message>
        <message>
            <source>See which patches stand out in the list; look for glare or a cover on them.</source>
            <translation>Sehen Sie in der Liste, welche Felder herausragen; suchen Sie dort Glanz oder etwas Verdeckendes.</translation>
        </message>
        <message>
            <source>Largest difference</source>
            <translation>Größter Abstand</translation>
        </message>
        <message>
            <source>Patch %1. 95 % of the patches are within %2; before it was %3.</source>
            <translation>Feld %1. 95 % der Felder liegen innerhalb %2; vorher war es %3.</translation>
        </message>
        <message>
            <source>This colour stays off under this light: judge it by eye, or light it otherwise.</source>
            <translation>Diese Farbe bleibt unter diesem Licht daneben: beurteilen Sie sie mit dem Auge, oder beleuchten Sie sie anders.</translation>
        </message>
        <message>
            <source>Unseen colours</source>
            <translation>Ungesehene Farben</translation>
        </message>
        <message>
            <source>Expect this of an ordinary colour. Each patch left out in turn, the chart's strongest among them: %.2f on average, %.2f at the worst.</source>
            <translation>Erwarten Sie das von einer gewöhnlichen Farbe. Jedes Feld der Reihe nach ausgelassen, die stärksten der Tafel darunter: im Mittel %.2f, im schlimmsten Fall %.2f.</translation>
        </message>
        <message>
            <source>The chart promises more than it can keep; a chart with more patches would help.</source>
            <translation>Die Tafel verspricht mehr, als sie halten kann; eine Tafel mit mehr Feldern würde helfen.</translation>
        </message>
        <message>
            <source>On another shot</source>
            <translation>Auf einer anderen Aufnahme</translation>
        </message>
        <message>
            <source>%1 (%2): the largest is %3, half are within %4.</source>
            <translation>%1 (%2): der größte ist %3, die Hälfte liegt innerhalb %4.</translation>
        </message>
        <message>
            <source>One of the two shots is not of this light, or a patch is covered or shines: see what moved between them.</source>
            <translation>Eine der beiden Aufnahmen ist nicht von diesem Licht, oder ein Feld ist verdeckt oder glänzt: sehen Sie, was sich dazwischen bewegte.</translation>
        </message>
        <message>
            <source>Copy work</source>
            <translation>Reproduktion</translation>
        </message>
        <message>
            <source>good as the US federal guidelines' four stars, tolerable as ISO 19264-1's level A</source>
            <translation>gut wie die vier Sterne der US-Bundesrichtlinien, tragbar wie Stufe A von ISO 19264-1</translation>
        </message>
        <message>
            <source>Event</source>
            <translation>Veranstaltung</translation>
        </message>
        <message>
            <source>common practice</source>
            <translation>übliche Praxis</translation>
        </message>
        <message>
            <source>There are no limits called "%1". Known are Copy work, Product, Event and Film.</source>
            <translation>Es gibt keine Grenzen namens „%1“. Bekannt sind Copy work, Product, Event und Film.</translation>
        </message>
        <message>
            <source>A correction has no limit for "%1".</source>
            <translation>Eine Korrektur hat keine Grenze für „%1“.</translation>
        </message>
        <message>
            <source>A known colour needs a name.</source>
            <translation>Eine bekannte Farbe braucht einen Namen.</translation>
        </message>
        <message>
            <source>There is a patch or a colour called %1 already; give it another name.</source>
            <translation>Ein Feld oder eine Farbe namens %1 gibt es schon; geben Sie einen anderen Namen.</translation>
        </message>
        <message>
            <source>L* 0 to 110, a* and b* within 150: what is given for %1 is no such colour.</source>
            <translation>L* 0 bis 110, a* und b* innerhalb 150: was für %1 angegeben ist, ist keine solche Farbe.</translation>
        </message>
        <message>
            <source>Nothing was measured for %1.</source>
            <translation>Für %1 wurde nichts gemessen.</translation>
        </message>
        <message>
            <source>%1 is clipped or black in %2, so that its colour cannot be told. Take another place or frame.</source>
            <translation>%1 ist in %2 beschnitten oder schwarz; ihre Farbe ist nicht zu bestimmen. Nehmen Sie eine andere Stelle oder ein anderes Bild.</translation>
        </message>
        <message>
            <source>The frames do not say which body took them, and a correction is never lent to another body.</source>
            <translation>Die Bilder sagen nicht, welches Gehäuse sie aufnahm, und eine Korrektur wird nie einem anderen Gehäuse geliehen.</translation>
        </message>
        <message>
            <source>The library holds no correction of %1 for this kind of recording.</source>
            <translation>Die Bibliothek hat keine Korrektur von %1 für diese Art Aufzeichnung.</translation>
        </message>
        <message>
            <source>Nothing tells the light of these frames: mark something neutral in one of them, or name the lamp in the plan.</source>
            <translation>Nichts verrät das Licht dieser Bilder: markieren Sie in einem etwas Neutrales, oder nennen Sie die Lampe im Plan.</translation>
        </message>
        <message>
            <source>No source of colours is called "%1".</source>
            <translation>Keine Farbquelle heißt „%1“.</translation>
        </message>
        <message>
            <source>No balance is called "%1".</source>
            <translation>Kein Abgleich heißt „%1“.</translation>
        </message>
        <message>
            <source>The patches are all of one hue, so a matrix cannot be told from them. Use a chart with several hues, or the balance model.</source>
            <translation>Die Felder haben alle einen Farbton, daraus lässt sich keine Matrix bestimmen. Nehmen Sie eine Tafel mit mehreren Farbtönen, oder das Abgleichmodell.</translation>
        </message>
        <message>
            <source>There is no model called "%1". Known are balance, matrix, root-polynomial, root-polynomial-3, polynomial, lattice and hue-sectors.</source>
            <translation>Es gibt kein Modell namens „%1“. Bekannt sind balance, matrix, root-polynomial, root-polynomial-3, polynomial, lattice und hue-sectors.</translation>
        </message>
        <message>
            <source>There is no intent called "%1". Known are colorimetric, neutrals, skin and pleasing.</source>
            <translation>Es gibt keine Absicht namens „%1“. Bekannt sind colorimetric, neutrals, skin und pleasing.</translation>
        </message>
        <message>
            <source>What is left of these colours contradicts itself: bringing each to its reference would fold others over. Check that the reading is of the chart it says, or use a matrix.</source>
            <translation>Was von diesen Farben übrig ist, widerspricht sich: jede an ihre Referenz zu bringen würde andere umklappen. Prüfen Sie, ob die Messung von der genannten Tafel ist, oder nehmen Sie eine Matrix.</translation>
        </message>
        <message>
            <source>A pool needs two chart shots or more; one alone has a correction of its own.</source>
            <translation>Ein Verbund braucht mindestens zwei Tafelaufnahmen; eine allein hat ihre eigene Korrektur.</translation>
        </message>
        <message>
            <source>The reading of %1 holds no chart; read the frame again.</source>
            <translation>Die Messung von %1 enthält keine Tafel; messen Sie das Bild noch einmal.</translation>
        </message>
        <message>
            <source>The weight of %1 must be above 0.</source>
            <translation>Das Gewicht von %1 muss über 0 sein.</translation>
        </message>
        <message>
            <source>The chart shots show two charts, %1 and %2; only shots of one chart share a correction.</source>
            <translation>Die Tafelaufnahmen zeigen zwei Tafeln, %1 und %2; nur Aufnahmen einer Tafel teilen eine Korrektur.</translation>
        </message>
        <message>
            <source>The recordings are %1 and %2; one LUT cannot be fed both.</source>
            <translation>Die Aufzeichnungen sind %1 und %2; einer LUT kann man nicht beide geben.</translation>
        </message>
        <message>
            <source>The chart shots are of two bodies; each needs a correction of its own.</source>
            <translation>Die Tafelaufnahmen sind von zwei Gehäusen; jedes braucht seine eigene Korrektur.</translation>
        </message>
        <message>
            <source>No grey of %1 can be used, so %2 cannot share a correction. Leave it out, or shoot its chart again.</source>
            <translation>Kein Grau von %1 ist brauchbar, also kann %2 keine Korrektur teilen. Lassen Sie es aus, oder nehmen Sie die Tafel noch einmal auf.</translation>
        </message>
        <message>
            <source>A root polynomial has degree 1, 2 or 3, not %1.</source>
            <translation>Ein Wurzelpolynom hat Grad 1, 2 oder 3, nicht %1.</translation>
        </message>
        <message>
            <source>Only %1 colours are usable; a root polynomial of degree %2 needs %3.</source>
            <translation>Nur %1 Farben sind brauchbar; ein Wurzelpolynom vom Grad %2 braucht %3.</translation>
        </message>
        <message>
            <source>The colours are too much alike to tell a root polynomial from them. Use a chart with more hues, a matrix, or the balance model.</source>
            <translation>Die Farben ähneln sich zu sehr, um daraus ein Wurzelpolynom zu bestimmen. Nehmen Sie eine Tafel mit mehr Farbtönen, eine Matrix oder das Abgleichmodell.</translation>
        </message>
        <message>
            <source>The readings are of two cameras, %1 and %2; each needs a correction of its own.</source>
            <translation>Die Messungen sind von zwei Kameras, %1 und %2; jede braucht ihre eigene Korrektur.</translation>
        </message>
        <message>
            <source>The readings are of two bodies of one model, number %1 and %2; each needs a correction of its own.</source>
            <translation>Die Messungen sind von zwei Gehäusen eines Modells, Nummer %1 und %2; jedes braucht seine eigene Korrektur.</translation>
        </message>
        <message>
            <source>The greys of %1 differ from those of %2 by %3 % in colour: that is another light. Build a correction for each.</source>
            <translation>Die Grautöne von %1 unterscheiden sich von denen von %2 in der Farbe um %3 %: das ist ein anderes Licht. Bauen Sie für jedes eine Korrektur.</translation>
        </message>
        <message>
            <source>A correction needs at least one reading.</source>
            <translation>Eine Korrektur braucht mindestens eine Messung.</translation>
        </message>
        <message>
            <source>The readings are of two charts, %1 and %2. Give readings of one chart.</source>
            <translation>Die Messungen sind von zwei Tafeln, %1 und %2. Geben Sie Messungen einer Tafel.</translation>
        </message>
        <message>
            <source>The readings are of two encodings, %1 and %2; they cannot be of one setup.</source>
            <translation>Die Messungen haben zwei Kodierungen, %1 und %2; sie können nicht von einem Aufbau sein.</translation>
        </message>
        <message>
            <source>There is no patch %1 on %2.</source>
            <translation>Es gibt kein Feld %1 auf %2.</translation>
        </message>
        <message>
            <source>Patch %1 can count from %2 to %3 times, not %4. To count it nowhere, leave it out of the reading.</source>
            <translation>Feld %1 kann %2- bis %3-mal zählen, nicht %4-mal. Soll es nirgends zählen, lassen Sie es aus der Messung aus.</translation>
        </message>
        <message>
            <source>Patch %1 of %2 has no reflectance, so its colour under %3 is not known. Use d50.</source>
            <translation>Feld %1 von %2 hat keine Reflexion, seine Farbe unter %3 ist nicht bekannt. Nehmen Sie d50.</translation>
        </message>
        <message>
            <source>The colours of %1 are not known yet: its layout was learned from a picture. Give its data, then build the correction.</source>
            <translation>Die Farben von %1 sind noch nicht bekannt: ihre Anordnung wurde aus einem Bild gelernt. Geben Sie ihre Daten an, dann bauen Sie die Korrektur.</translation>
        </message>
        <message>
            <source>No grey patch of this reading is usable (all are clipped, buried in noise, or missing), so there is nothing to balance on. Shoot the chart again.</source>
            <translation>Kein Graufeld dieser Messung ist brauchbar (alle beschnitten, im Rauschen oder fehlend), also gibt es nichts zum Abgleichen. Nehmen Sie die Tafel noch einmal auf.</translation>
        </message>
        <message>
            <source>Only %1 patches have a known reflectance; to tell the camera's sensitivities from them needs %2.</source>
            <translation>Nur %1 Felder haben eine bekannte Reflexion; um die Empfindlichkeiten der Kamera daraus zu bestimmen, braucht es %2.</translation>
        </message>
        <message>
            <source>A reading is not a number, so the camera's sensitivities cannot be told.</source>
            <translation>Eine Messung ist keine Zahl; die Empfindlichkeiten der Kamera sind nicht zu bestimmen.</translation>
        </message>
        <message>
            <source>A light's colour temperature must be 1500 to 20000 K, not %1.</source>
            <translation>Die Farbtemperatur eines Lichts muss 1500 bis 20000 K sein, nicht %1.</translation>
        </message>
        <message>
            <source>The corrections are of two cameras, %1 and %2; only those of one can be mixed.</source>
            <translation>Die Korrekturen sind von zwei Kameras, %1 und %2; nur die einer lassen sich mischen.</translation>
        </message>
        <message>
            <source>The corrections are for two encodings, %1 and %2.</source>
            <translation>Die Korrekturen sind für zwei Kodierungen, %1 und %2.</translation>
        </message>
        <message>
            <source>A correction towards another camera belongs to one light; mix two that go to reference values.</source>
            <translation>Eine Korrektur auf eine andere Kamera hin gehört zu einem Licht; mischen Sie zwei, die zu Referenzwerten gehen.</translation>
        </message>
        <message>
            <source>Curves and lattices belong to one light; mix two matrices or two root polynomials of one degree.</source>
            <translation>Kurven und Gitter gehören zu einem Licht; mischen Sie zwei Matrizen oder zwei Wurzelpolynome gleichen Grades.</translation>
        </message>
        <message>
            <source>One correction is a %1, the other a %2; build both with the same model.</source>
            <translation>Eine Korrektur ist %1, die andere %2; bauen Sie beide mit demselben Modell.</translation>
        </message>
        <message>
            <source>The two lights are closer than 20 mired; use the nearer one's correction.</source>
            <translation>Die beiden Lichter liegen näher als 20 Mired; nehmen Sie die Korrektur des näheren.</translation>
        </message>
        <message>
            <source>%1 is not between %2 and %3: shoot the chart under that light.</source>
            <translation>%1 liegt nicht zwischen %2 und %3: nehmen Sie die Tafel unter jenem Licht auf.</translation>
        </message>
        <message>
            <source>%1, %2 between %3 and %4</source>
            <translation>%1, %2 zwischen %3 und %4</translation>
        </message>
        <message>
            <source>Between "%1" and "%2"</source>
            <translation>Zwischen „%1“ und „%2“</translation>
        </message>
        <message>
            <source>Mixed by mired for %1, %2 % of the way from %3 to %4; check it on a chart shot under that light.</source>
            <translation>Nach Mired für %1 gemischt, %2 % des Weges von %3 nach %4; prüfen Sie es an einer Tafelaufnahme unter jenem Licht.</translation>
        </message>
        <message>
            <source>That grey has no light in some channel.</source>
            <translation>Jenes Grau hat in einem Kanal kein Licht.</translation>
        </message>
        <message>
            <source>What is grey there is in a light that is not between the two.</source>
            <translation>Was dort grau ist, steht in einem Licht, das nicht zwischen den beiden liegt.</translation>
        </message>
        <message>
            <source>%1 shows %2</source>
            <translation>%1 zeigt %2</translation>
        </message>
        <message>
            <source>The correction was built from %1, so that it proves nothing. Check it on another shot.</source>
            <translation>Die Korrektur wurde aus %1 gebaut; das beweist nichts. Prüfen Sie sie an einer anderen Aufnahme.</translation>
        </message>
        <message>
            <source>%1 is encoded as %2, the correction is for %3. State the frame's encoding, or check it on a frame of the same kind.</source>
            <translation>%1 ist als %2 kodiert, die Korrektur ist für %3. Geben Sie die Kodierung des Bildes an, oder prüfen Sie an einem Bild derselben Art.</translation>
        </message>
        <message>
            <source>The correction goes to %1 as patches of %2 look there; %3. Check it on a shot of the same chart.</source>
            <translation>Die Korrektur führt zu %1, wie Felder von %2 dort aussehen; %3. Prüfen Sie sie an einer Aufnahme derselben Tafel.</translation>
        </message>
        <message>
            <source>No patch of %1 is usable.</source>
            <translation>Kein Feld von %1 ist brauchbar.</translation>
        </message>
        <message>
            <source>No colour is given to check the correction on.</source>
            <translation>Es ist keine Farbe angegeben, an der die Korrektur zu prüfen wäre.</translation>
        </message>
        <message>
            <source>one known colour</source>
            <translation>eine bekannte Farbe</translation>
        </message>
        <message>
            <source>%1 known colours</source>
            <translation>%1 bekannte Farben</translation>
        </message>
        <message>
            <source>The correction was built from %1, so that it proves nothing. Check it on another colour.</source>
            <translation>Die Korrektur wurde aus %1 gebaut; das beweist nichts. Prüfen Sie sie an einer anderen Farbe.</translation>
        </message>
        <message>
            <source>"%1" is no source of an encoding; it is stated, file or assumed.</source>
            <translation>„%1“ ist keine Quelle einer Kodierung; sie ist stated, file oder assumed.</translation>
        </message>
        <message>
            <source>A projective map needs four pairs of points.</source>
            <translation>Eine projektive Abbildung braucht vier Punktpaare.</translation>
        </message>
        <message>
            <source>The points lie on one line; no projective map follows from them.</source>
            <translation>Die Punkte liegen auf einer Linie; daraus folgt keine projektive Abbildung.</translation>
        </message>
        <message>
            <source>An affine map needs three pairs of points.</source>
            <translation>Eine affine Abbildung braucht drei Punktpaare.</translation>
        </message>
        <message>
            <source>The points lie on one line; no affine map follows from them.</source>
            <translation>Die Punkte liegen auf einer Linie; daraus folgt keine affine Abbildung.</translation>
        </message>
        <message>
            <source>A decision list has ten numbers; fewer than ten colours do not tell them.</source>
            <translation>Eine Entscheidungsliste hat zehn Zahlen; weniger als zehn Farben bestimmen sie nicht.</translation>
        </message>
        <message>
            <source>A colour for the decision list is no number.</source>
            <translation>Eine Farbe für die Entscheidungsliste ist keine Zahl.</translation>
        </message>
        <message>
            <source>No decision list comes near this correction.</source>
            <translation>Keine Entscheidungsliste kommt dieser Korrektur nahe.</translation>
        </message>
        <message>
            <source>Gain of red %1 stops, of green %2, of blue %3.</source>
            <translation>Verstärkung von Rot %1 Blenden, von Grün %2, von Blau %3.</translation>
        </message>
        <message>
            <source>Temperature and tint do not reach a light like this one, of a camera's bare numbers: set the gains, or pick a grey of the chart as white.</source>
            <translation>Temperatur und Tönung reichen nicht an ein Licht wie dieses, in den bloßen Zahlen einer Kamera: stellen Sie die Verstärkungen ein, oder wählen Sie ein Grau der Tafel als Weiß.</translation>
        </message>
        <message>
            <source>With temperature and tint instead: %1 K, tint Duv %2 (%3).</source>
            <translation>Stattdessen mit Temperatur und Tönung: %1 K, Tönung Duv %2 (%3).</translation>
        </message>
        <message>
            <source>a greenish light, so magenta takes it out</source>
            <translation>ein grünliches Licht, Magenta nimmt es heraus</translation>
        </message>
        <message>
            <source>a pinkish light, so green takes it out</source>
            <translation>ein rötliches Licht, Grün nimmt es heraus</translation>
        </message>
        <message>
            <source>In mired: %1, as %2; the tint alike.</source>
            <translation>In Mired: %1, wie %2; die Tönung ebenso.</translation>
        </message>
        <message>
            <source>a cooling filter does</source>
            <translation>ein kühlendes Filter</translation>
        </message>
        <message>
            <source>a warming filter does</source>
            <translation>ein wärmendes Filter</translation>
        </message>
        <message>
            <source> turn by %1 degrees (%2),</source>
            <translation> um %1 Grad drehen (%2),</translation>
        </message>
        <message>
            <source>counter-clockwise, as hues rise</source>
            <translation>gegen den Uhrzeigersinn, wie Farbtöne steigen</translation>
        </message>
        <message>
            <source>clockwise, as hues fall</source>
            <translation>im Uhrzeigersinn, wie Farbtöne fallen</translation>
        </message>
        <message>
            <source> saturation %1 %,</source>
            <translation> Sättigung %1 %,</translation>
        </message>
        <message>
            <source> lightness %1,</source>
            <translation> Helligkeit %1,</translation>
        </message>
        <message>
            <source>Exposure %1 stops.</source>
            <translation>Belichtung %1 Blenden.</translation>
        </message>
        <message>
            <source>Black to %1 %, white to %2 %.</source>
            <translation>Schwarz auf %1 %, Weiß auf %2 %.</translation>
        </message>
        <message>
            <source>The curve's point at %1 % to %2 %.</source>
            <translation>Den Punkt der Kurve bei %1 % auf %2 %.</translation>
        </message>
        <message>
            <source>Saturation of all colours %1 %.</source>
            <translation>Sättigung aller Farben %1 %.</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Haut</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Abgleich</translation>
        </message>
        <message>
            <source>Black and white</source>
            <translation>Schwarz und Weiß</translation>
        </message>
        <message>
            <source>Hues</source>
            <translation>Farbtöne</translation>
        </message>
        <message>
            <source>A recipe is told from the chart's patches; %1 usable ones are too few.</source>
            <translation>Ein Rezept wird aus den Feldern der Tafel bestimmt; %1 brauchbare sind zu wenige.</translation>
        </message>
        <message>
            <source>Recipe for %1
</source>
            <translation>Rezept für %1
</translation>
        </message>
        <message>
            <source>From the frame as it was recorded, in sRGB. The chart is off by %1 CIEDE2000 on average.

</source>
            <translation>Vom Bild, wie es aufgenommen wurde, in sRGB. Die Tafel liegt im Mittel %1 CIEDE2000 daneben.

</translation>
        </message>
        <message>
            <source>   Nothing to do.
</source>
            <translation>   Nichts zu tun.
</translation>
        </message>
        <message>
            <source>   Left: %1
</source>
            <translation>   Übrig: %1
</translation>
        </message>
        <message>
            <source>%1
In the end %2 is left on average, %3 at most (%4).
</source>
            <translation>%1
Am Ende bleibt im Mittel %2, höchstens %3 (%4).
</translation>
        </message>
        <message>
            <source>red</source>
            <translation>Rot</translation>
        </message>
        <message>
            <source>orange</source>
            <translation>Orange</translation>
        </message>
        <message>
            <source>yellow</source>
            <translation>Gelb</translation>
        </message>
        <message>
            <source>yellow-green</source>
            <translation>Gelbgrün</translation>
        </message>
        <message>
            <source>green</source>
            <translation>Grün</translation>
        </message>
        <message>
            <source>blue-green</source>
            <translation>Blaugrün</translation>
        </message>
        <message>
            <source>blue</source>
            <translation>Blau</translation>
        </message>
        <message>
            <source>purple-blue</source>
            <translation>Purpurblau</translation>
        </message>
        <message>
            <source>purple</source>
            <translation>Purpur</translation>
        </message>
        <message>
            <source>red-purple</source>
            <translation>Purpurrot</translation>
        </message>
        <message>
            <source>The chart has no such patch.</source>
            <translation>Die Tafel hat kein solches Feld.</translation>
        </message>
        <message>
            <source>The instrument gave no proper reflectance. Put it on its tile and measure again.</source>
            <translation>Das Gerät gab keine ordentliche Reflexion. Legen Sie es auf seine Kachel und messen Sie noch einmal.</translation>
        </message>
        <message>
            <source>The instrument measures at other wavelengths than before. Begin this copy anew.</source>
            <translation>Das Gerät misst bei anderen Wellenlängen als zuvor. Beginnen Sie dieses Exemplar neu.</translation>
        </message>
        <message>
            <source>Patch %1 is not measured yet.</source>
            <translation>Feld %1 ist noch nicht gemessen.</translation>
        </message>
        <message>
            <source>Only %1 greys of %2 can be used (the others are clipped, covered or missing), and four are needed to tell the picture's contrast. Expose the leading camera less, or shoot a chart with more greys.</source>
            <translation>Nur %1 Grautöne von %2 sind brauchbar (die anderen beschnitten, verdeckt oder fehlend), und vier braucht es, um den Kontrast des Bildes zu bestimmen. Belichten Sie die führende Kamera knapper, oder nehmen Sie eine Tafel mit mehr Grautönen.</translation>
        </message>
        <message>
            <source>The leading camera's correction is for %1, its reading is %2. Give the correction that belongs to %3.</source>
            <translation>Die Korrektur der führenden Kamera ist für %1, ihre Messung ist %2. Geben Sie die Korrektur an, die zu %3 gehört.</translation>
        </message>
        <message>
            <source>The leading camera's correction is of %1, its reading of %2. Give the correction that belongs to %3.</source>
            <translation>Die Korrektur der führenden Kamera ist von %1, ihre Messung von %2. Geben Sie die Korrektur an, die zu %3 gehört.</translation>
        </message>
        <message>
            <source>%1 is a picture that shows itself, so no correction stands between it and the eye. Leave the correction out.</source>
            <translation>%1 ist ein Bild, das sich selbst zeigt; keine Korrektur steht zwischen ihm und dem Auge. Lassen Sie die Korrektur weg.</translation>
        </message>
        <message>
            <source>Only %1 patches of %2 can be used, and eight are needed. Shoot the chart with the leading camera again.</source>
            <translation>Nur %1 Felder von %2 sind brauchbar, und acht braucht es. Nehmen Sie die Tafel mit der führenden Kamera noch einmal auf.</translation>
        </message>
        <message>
            <source>A match needs a reading of the camera that follows.</source>
            <translation>Eine Angleichung braucht eine Messung der folgenden Kamera.</translation>
        </message>
        <message>
            <source>%1 is on both sides, and a frame looks like itself. Give a chart shot of the other camera.</source>
            <translation>%1 steht auf beiden Seiten, und ein Bild sieht aus wie es selbst. Geben Sie eine Tafelaufnahme der anderen Kamera.</translation>
        </message>
        <message>
            <source> to %1</source>
            <translation> an %1</translation>
        </message>
        <message>
            <source>The two shots are of two charts, %1 and %2; who is nearer to the truth is told on one chart only.</source>
            <translation>Die beiden Aufnahmen sind von zwei Tafeln, %1 und %2; wer näher an der Wahrheit ist, lässt sich nur auf einer sagen.</translation>
        </message>
        <message>
            <source>An interval needs at least one draw.</source>
            <translation>Ein Intervall braucht mindestens eine Ziehung.</translation>
        </message>
        <message>
            <source>No patch can be used in both shots, so nothing can be compared. Shoot the chart again.</source>
            <translation>Kein Feld ist in beiden Aufnahmen brauchbar, also lässt sich nichts vergleichen. Nehmen Sie die Tafel noch einmal auf.</translation>
        </message>
        <message>
            <source>There is no step called "%1". Known are balance, level, contrast, skin and the hues R, YR, Y, GY, G, BG, B, PB, P and RP.</source>
            <translation>Es gibt keinen Schritt namens „%1“. Bekannt sind balance, level, contrast, skin und die Farbtöne R, YR, Y, GY, G, BG, B, PB, P und RP.</translation>
        </message>
        <message>
            <source>These steps cannot be held back alone: colours beside them are moved so far that hues would change places. Hold back their neighbours, too, or none of them.</source>
            <translation>Diese Schritte lassen sich nicht allein zurückhalten: Farben daneben werden so weit bewegt, dass Farbtöne die Plätze tauschen würden. Halten Sie auch ihre Nachbarn zurück, oder keinen.</translation>
        </message>
        <message>
            <source>As shown</source>
            <translation>Wie gezeigt</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Wie aufgenommen</translation>
        </message>
        <message>
            <source>%s at %g mm</source>
            <translation>%s bei %g mm</translation>
        </message>
        <message>
            <source>A change of body, lens, light, power, modifier, place or recording calls for a new chart shot.</source>
            <translation>Ein Wechsel von Gehäuse, Objektiv, Licht, Leistung, Lichtformer, Ort oder Aufzeichnung verlangt eine neue Tafelaufnahme.</translation>
        </message>
        <message>
            <source>A change of body, lens, light or place calls for a new chart shot.</source>
            <translation>Ein Wechsel von Gehäuse, Objektiv, Licht oder Ort verlangt eine neue Tafelaufnahme.</translation>
        </message>
        <message>
            <source>A change of body or light calls for a new chart shot.</source>
            <translation>Ein Wechsel von Gehäuse oder Licht verlangt eine neue Tafelaufnahme.</translation>
        </message>
        <message>
            <source>No chart of its own</source>
            <translation>Keine eigene Tafel</translation>
        </message>
        <message>
            <source>Shoot %1</source>
            <translation>%1 aufnehmen</translation>
        </message>
        <message>
            <source>Shoot the chart</source>
            <translation>Die Tafel aufnehmen</translation>
        </message>
        <message>
            <source>, and again by %1</source>
            <translation>, und noch einmal bis %1</translation>
        </message>
        <message>
            <source>power</source>
            <translation>Leistung</translation>
        </message>
        <message>
            <source>modifier</source>
            <translation>Lichtformer</translation>
        </message>
        <message>
            <source>recording</source>
            <translation>Aufzeichnung</translation>
        </message>
        <message>
            <source>no body</source>
            <translation>kein Gehäuse</translation>
        </message>
        <message>
            <source>no lens</source>
            <translation>kein Objektiv</translation>
        </message>
        <message>
            <source>no light</source>
            <translation>kein Licht</translation>
        </message>
        <message>
            <source>no place</source>
            <translation>kein Ort</translation>
        </message>
        <message>
            <source>%1 %2 to %3</source>
            <translation>%1 von %2 zu %3</translation>
        </message>
        <message>
            <source>the sun sets</source>
            <translation>die Sonne untergeht</translation>
        </message>
        <message>
            <source>its colour has moved by %g mired</source>
            <translation>seine Farbe sich um %g Mired geändert hat</translation>
        </message>
        <message>
            <source>its level has moved by %.2g stops</source>
            <translation>sein Pegel sich um %.2g Blenden geändert hat</translation>
        </message>
        <message>
            <source>a day has passed</source>
            <translation>ein Tag vergangen ist</translation>
        </message>
        <message>
            <source>holds until %1, when %2. That assumes a clear sky; a cloud ends it at once.</source>
            <translation>hält bis %1, wenn %2. Das setzt klaren Himmel voraus; eine Wolke beendet es sofort.</translation>
        </message>
        <message>
            <source>Its chart was shot at %1.</source>
            <translation>Seine Tafel wurde um %1 aufgenommen.</translation>
        </message>
        <message>
            <source>an earlier setup</source>
            <translation>ein früherer Aufbau</translation>
        </message>
        <message>
            <source>The chart of %1 serves it, shot at %2.</source>
            <translation>Die Tafel von %1 bedient ihn, aufgenommen um %2.</translation>
        </message>
        <message>
            <source>1 frame was shot, but no chart.</source>
            <translation>1 Bild wurde aufgenommen, aber keine Tafel.</translation>
        </message>
        <message>
            <source>%1 frames were shot, but no chart.</source>
            <translation>%1 Bilder wurden aufgenommen, aber keine Tafel.</translation>
        </message>
        <message>
            <source>It ended at %1 without a chart shot.</source>
            <translation>Er endete um %1 ohne Tafelaufnahme.</translation>
        </message>
        <message>
            <source>Shoot the chart at the beginning or the end.</source>
            <translation>Nehmen Sie die Tafel am Anfang oder am Ende auf.</translation>
        </message>
        <message>
            <source>the light has moved</source>
            <translation>das Licht hat sich geändert</translation>
        </message>
        <message>
            <source>changed and changed back</source>
            <translation>geändert und zurückgeändert</translation>
        </message>
        <message>
            <source>judged: shoot again</source>
            <translation>beurteilt: noch einmal aufnehmen</translation>
        </message>
        <message>
            <source>Changed since its chart shot at %1: %2.</source>
            <translation>Geändert seit der Tafelaufnahme um %1: %2.</translation>
        </message>
        <message>
            <source>The light has moved since its chart shot at %1; it held until %2.</source>
            <translation>Das Licht hat sich seit der Tafelaufnahme um %1 geändert; sie hielt bis %2.</translation>
        </message>
        <message>
            <source>Something was changed and changed back since the chart shot at %1.</source>
            <translation>Seit der Tafelaufnahme um %1 wurde etwas geändert und zurückgeändert.</translation>
        </message>
        <message>
            <source>The chart shot at %1 was judged: shoot again.</source>
            <translation>Die Tafelaufnahme um %1 wurde beurteilt: noch einmal aufnehmen.</translation>
        </message>
        <message>
            <source>The frame belongs to no setup.</source>
            <translation>Das Bild gehört zu keinem Aufbau.</translation>
        </message>
        <message>
            <source>Built from the chart shot at %1.</source>
            <translation>Aus der Tafelaufnahme um %1 gebaut.</translation>
        </message>
        <message>
            <source>Only the same body and kind of light. %1</source>
            <translation>Nur dasselbe Gehäuse und dieselbe Lichtart. %1</translation>
        </message>
        <message>
            <source>The chart that serves it is not corrected yet.</source>
            <translation>Die Tafel, die ihn bedient, ist noch nicht korrigiert.</translation>
        </message>
        <message>
            <source>The body's sensor has no size; enter it in the kit.</source>
            <translation>Der Sensor des Gehäuses hat keine Größe; tragen Sie sie in der Ausrüstung ein.</translation>
        </message>
        <message>
            <source>The focal length is %g mm; it must be 1 to 3000.</source>
            <translation>Die Brennweite ist %g mm; sie muss 1 bis 3000 sein.</translation>
        </message>
        <message>
            <source>The distance is %g m; it must be above 0, to 10000.</source>
            <translation>Der Abstand ist %g m; er muss über 0 sein, bis 10000.</translation>
        </message>
        <message>
            <source>Larger than the frame.</source>
            <translation>Größer als das Bild.</translation>
        </message>
        <message>
            <source>Too small: %.0f pixels in the smallest patch, and %.0f are wanted.</source>
            <translation>Zu klein: %.0f Pixel im kleinsten Feld, und %.0f sind gewünscht.</translation>
        </message>
        <message>
            <source>Too small: %.1f %% of the frame.</source>
            <translation>Zu klein: %.1f %% des Bildes.</translation>
        </message>
        <message>
            <source>Too large: it reaches %.0f %% of the way into the corners, where the lens darkens.</source>
            <translation>Zu groß: sie reicht zu %.0f %% in die Ecken, wo das Objektiv abdunkelt.</translation>
        </message>
        <message>
            <source>%.0f %% of the frame, %.0f pixels in the smallest patch, clear of the corners.</source>
            <translation>%.0f %% des Bildes, %.0f Pixel im kleinsten Feld, frei von den Ecken.</translation>
        </message>
        <message>
            <source>At %.2f m a %g mm lens cannot focus: by the thin lens it needs %.2f m at least.</source>
            <translation>Bei %.2f m kann ein Objektiv mit %g mm nicht scharfstellen: nach der dünnen Linse braucht es mindestens %.2f m.</translation>
        </message>
        <message>
            <source>The width of the field must be above 0.</source>
            <translation>Die Breite des Feldes muss über 0 sein.</translation>
        </message>
        <message>
            <source>A field of %.0f mm is smaller than the sensor: beyond life size, enter a macro lens's own distance.</source>
            <translation>Ein Feld von %.0f mm ist kleiner als der Sensor: jenseits der Lebensgröße geben Sie den Abstand des Makroobjektivs selbst ein.</translation>
        </message>
        <message>
            <source>Say which body, and the framing can be worked out.</source>
            <translation>Sagen Sie, welches Gehäuse, und der Ausschnitt lässt sich berechnen.</translation>
        </message>
        <message>
            <source>Say which lens, and the framing can be worked out.</source>
            <translation>Sagen Sie, welches Objektiv, und der Ausschnitt lässt sich berechnen.</translation>
        </message>
        <message>
            <source>Say how far the subject is, or how wide the field, and the framing can be worked out.</source>
            <translation>Sagen Sie, wie weit das Motiv entfernt oder wie breit das Feld ist, und der Ausschnitt lässt sich berechnen.</translation>
        </message>
        <message>
            <source>There is no chart in the kit; enter the copies you own.</source>
            <translation>In der Ausrüstung ist keine Tafel; tragen Sie Ihre Exemplare ein.</translation>
        </message>
        <message>
            <source>Take %1: %2 % of the frame from %3 m.</source>
            <translation>Nehmen Sie %1: %2 % des Bildes aus %3 m.</translation>
        </message>
        <message>
            <source>No chart in the kit fits at %1 m. Nearest is %2: shoot it from %3 m.</source>
            <translation>Keine Tafel der Ausrüstung passt bei %1 m. Am nächsten ist %2: nehmen Sie sie aus %3 m auf.</translation>
        </message>
        <message>
            <source>No chart in the kit fits at %.2f m; a smaller one is needed.</source>
            <translation>Keine Tafel der Ausrüstung passt bei %.2f m; eine kleinere ist nötig.</translation>
        </message>
        <message>
            <source>%1 is %2; it must be %3 to %4.</source>
            <translation>%1: %2; erlaubt sind %3 bis %4.</translation>
        </message>
        <message>
            <source>%1 needs a name.</source>
            <translation>%1 braucht einen Namen.</translation>
        </message>
        <message>
            <source>There is no kind of light called "%1". Known are daylight, shade, flash, tungsten, fluorescent, led and mixed.</source>
            <translation>Es gibt keine Lichtart namens „%1“. Bekannt sind daylight, shade, flash, tungsten, fluorescent, led und mixed.</translation>
        </message>
        <message>
            <source>The body</source>
            <translation>Das Gehäuse</translation>
        </message>
        <message>
            <source>The sensor's width</source>
            <translation>Breite des Sensors</translation>
        </message>
        <message>
            <source>The sensor's height</source>
            <translation>Höhe des Sensors</translation>
        </message>
        <message>
            <source>pixels</source>
            <translation>Pixel</translation>
        </message>
        <message>
            <source>The lens's longest focal length is below its shortest.</source>
            <translation>Die längste Brennweite des Objektivs liegt unter seiner kürzesten.</translation>
        </message>
        <message>
            <source>The lens</source>
            <translation>Das Objektiv</translation>
        </message>
        <message>
            <source>The lens's shortest focal length</source>
            <translation>Kürzeste Brennweite des Objektivs</translation>
        </message>
        <message>
            <source>The lens's longest focal length</source>
            <translation>Längste Brennweite des Objektivs</translation>
        </message>
        <message>
            <source>The light</source>
            <translation>Das Licht</translation>
        </message>
        <message>
            <source>The warm-up</source>
            <translation>Das Aufwärmen</translation>
        </message>
        <message>
            <source>minutes</source>
            <translation>Minuten</translation>
        </message>
        <message>
            <source>The chart copy</source>
            <translation>Das Tafelexemplar</translation>
        </message>
        <message>
            <source>The chart's definition</source>
            <translation>Die Definition der Tafel</translation>
        </message>
        <message>
            <source>The chart's scale</source>
            <translation>Der Maßstab der Tafel</translation>
        </message>
        <message>
            <source>The chart's life</source>
            <translation>Die Lebensdauer der Tafel</translation>
        </message>
        <message>
            <source>The chart's date</source>
            <translation>Das Datum der Tafel</translation>
        </message>
        <message>
            <source>The display</source>
            <translation>Der Bildschirm</translation>
        </message>
        <message>
            <source>The instrument</source>
            <translation>Das Messgerät</translation>
        </message>
        <message>
            <source>The time between checks</source>
            <translation>Die Zeit zwischen Prüfungen</translation>
        </message>
        <message>
            <source>The date of its check</source>
            <translation>Das Datum der Prüfung</translation>
        </message>
        <message>
            <source>A tested recording profile needs a name.</source>
            <translation>Ein getestetes Aufzeichnungsprofil braucht einen Namen.</translation>
        </message>
        <message>
            <source>Usable exposures must rise, from -20 to 20 stops.</source>
            <translation>Brauchbare Belichtungen müssen steigen, von -20 bis 20 Blenden.</translation>
        </message>
        <message>
            <source>The best exposure must be -20 to 20 stops.</source>
            <translation>Die beste Belichtung muss -20 bis 20 Blenden sein.</translation>
        </message>
        <message>
            <source>The curve</source>
            <translation>Die Kurve</translation>
        </message>
        <message>
            <source>%1 min</source>
            <translation>%1 min</translation>
        </message>
        <message>
            <source>%1 h %2 min</source>
            <translation>%1 h %2 min</translation>
        </message>
        <message>
            <source>Taken at %1; the chart shot of %2 holds until %3.</source>
            <translation>Um %1 aufgenommen; die Tafelaufnahme von %2 hält bis %3.</translation>
        </message>
        <message>
            <source>Taken %1 after the chart shot.</source>
            <translation>%1 nach der Tafelaufnahme aufgenommen.</translation>
        </message>
        <message>
            <source>Taken %1 before the chart shot.</source>
            <translation>%1 vor der Tafelaufnahme aufgenommen.</translation>
        </message>
        <message>
            <source>by %+.1f stops and about %+.0f mired</source>
            <translation>um %+.1f Blenden und etwa %+.0f Mired</translation>
        </message>
        <message>
            <source>by about %+.0f mired</source>
            <translation>um etwa %+.0f Mired</translation>
        </message>
        <message>
            <source>The light moved between %1 and %2, %3.</source>
            <translation>Das Licht änderte sich zwischen %1 und %2, %3.</translation>
        </message>
        <message>
            <source>"%1" is not a time: 2026-05-14T09:30:00Z or with an offset such as +02:00 is wanted.</source>
            <translation>„%1“ ist keine Zeit: gewünscht ist 2026-05-14T09:30:00Z oder mit einem Versatz wie +02:00.</translation>
        </message>
        <message>
            <source>"%1" is not a date: 2026-05-14 is wanted.</source>
            <translation>„%1“ ist kein Datum: gewünscht ist 2026-05-14.</translation>
        </message>
        <message>
            <source>"%1" is not a time of day: 9:30 or 14:05 is wanted.</source>
            <translation>„%1“ ist keine Tageszeit: gewünscht ist 9:30 oder 14:05.</translation>
        </message>
        <message>
            <source>Raw, uncompressed or lossless, 14 bit where the body has it</source>
            <translation>Raw, unkomprimiert oder verlustfrei, 14 Bit, wo das Gehäuse es hat</translation>
        </message>
        <message>
            <source>Lossy raw and 12 bit cost shadow steps that a correction then stretches.</source>
            <translation>Verlustbehaftetes Raw und 12 Bit kosten Schattenstufen, die eine Korrektur dann streckt.</translation>
        </message>
        <message>
            <source>Balance and expose right in the camera</source>
            <translation>In der Kamera richtig abgleichen und belichten</translation>
        </message>
        <message>
            <source>JPEG and video leave little room afterwards: what clips or drowns is gone.</source>
            <translation>JPEG und Video lassen hinterher wenig Spielraum: was beschnitten wird oder untergeht, ist weg.</translation>
        </message>
        <message>
            <source>Note the recording profile and its exposure offset</source>
            <translation>Aufzeichnungsprofil und Belichtungsversatz notieren</translation>
        </message>
        <message>
            <source>A log or flat picture read with the wrong curve bends every colour. Nominal exposure is our default; some go over by a fixed offset, which the exposure series has to bear out.</source>
            <translation>Ein Log- oder flaches Bild, mit der falschen Kurve gelesen, biegt jede Farbe. Nennbelichtung ist unsere Vorgabe; manche gehen um einen festen Versatz darüber, was die Belichtungsreihe bestätigen muss.</translation>
        </message>
        <message>
            <source>Low sensitivity, manual exposure</source>
            <translation>Niedrige Empfindlichkeit, manuelle Belichtung</translation>
        </message>
        <message>
            <source>Noise goes into every patch, and automatic exposure moves between the chart and the subject.</source>
            <translation>Rauschen geht in jedes Feld, und die Belichtungsautomatik ändert sich zwischen Tafel und Motiv.</translation>
        </message>
        <message>
            <source>No automatic white balance under flash</source>
            <translation>Kein automatischer Weißabgleich unter Blitz</translation>
        </message>
        <message>
            <source>It sees the room before the flash, not the flash.</source>
            <translation>Er sieht den Raum vor dem Blitz, nicht den Blitz.</translation>
        </message>
        <message>
            <source>Custom balance from a grey that is bright but not clipped</source>
            <translation>Eigener Abgleich von einem Grau, das hell, aber nicht beschnitten ist</translation>
        </message>
        <message>
            <source>Schools differ: a preset for the key light, a kelvin number, custom from grey (our default), or automatic where only raw follows. Pure white is too near the ceiling: one clipped channel makes the balance worthless.</source>
            <translation>Die Schulen gehen auseinander: eine Voreinstellung für das Führungslicht, eine Kelvinzahl, eigener Abgleich von Grau (unsere Vorgabe), oder Automatik, wo nur Raw folgt. Reines Weiß ist zu nah an der Decke: ein beschnittener Kanal macht den Abgleich wertlos.</translation>
        </message>
        <message>
            <source>Meter a mid-grey card or the incident light</source>
            <translation>Eine mittelgraue Karte oder das auffallende Licht messen</translation>
        </message>
        <message>
            <source>Reflected metering is fooled: white on white comes out too dark, black on black too bright.</source>
            <translation>Objektmessung lässt sich täuschen: Weiß auf Weiß wird zu dunkel, Schwarz auf Schwarz zu hell.</translation>
        </message>
        <message>
            <source>Find out how old %1 is</source>
            <translation>Herausfinden, wie alt %1 ist</translation>
        </message>
        <message>
            <source>Pigments fade; a copy without a date cannot be trusted for tight work.</source>
            <translation>Pigmente bleichen; einem Exemplar ohne Datum ist bei genauer Arbeit nicht zu trauen.</translation>
        </message>
        <message>
            <source>Measure or replace %1</source>
            <translation>%1 vermessen oder ersetzen</translation>
        </message>
        <message>
            <source>It was made on %1 and is a month past its time.</source>
            <translation>Hergestellt am %1, seit einem Monat über der Zeit.</translation>
        </message>
        <message>
            <source>It was made on %1 and is %2 months past its time.</source>
            <translation>Hergestellt am %1, seit %2 Monaten über der Zeit.</translation>
        </message>
        <message>
            <source>Chart clean, shut between shots, out of sun and water</source>
            <translation>Tafel sauber, zwischen Aufnahmen zu, aus Sonne und Wasser</translation>
        </message>
        <message>
            <source>Never touch the patches: skin oil darkens them for good.</source>
            <translation>Berühren Sie nie die Felder: Hautfett dunkelt sie für immer.</translation>
        </message>
        <message>
            <source>In the subject's light, on the key side, facing the camera, the right way up</source>
            <translation>Im Licht des Motivs, auf der Führungsseite, zur Kamera gewandt, richtig herum</translation>
        </message>
        <message>
            <source>Fingers, shadow and glare off the patches; about a tenth of the frame, away from the corners.</source>
            <translation>Finger, Schatten und Glanz von den Feldern weg; etwa ein Zehntel des Bildes, fern der Ecken.</translation>
        </message>
        <message>
            <source>Check %1</source>
            <translation>%1 prüfen</translation>
        </message>
        <message>
            <source>There is no check of it on record.</source>
            <translation>Es ist keine Prüfung davon vermerkt.</translation>
        </message>
        <message>
            <source>Its last check was on %1; every %2 days is yours.</source>
            <translation>Zuletzt geprüft am %1; Sie wollen es alle %2 Tage.</translation>
        </message>
        <message>
            <source>Switch %1 on %2 minutes before its chart shot</source>
            <translation>%1 %2 Minuten vor der Tafelaufnahme einschalten</translation>
        </message>
        <message>
            <source>Its colour drifts while it warms up.</source>
            <translation>Ihre Farbe wandert, während sie warm wird.</translation>
        </message>
        <message>
            <source>Shoot the chart again when daylight moves or a cloud comes</source>
            <translation>Die Tafel neu aufnehmen, wenn sich das Tageslicht ändert oder eine Wolke kommt</translation>
        </message>
        <message>
            <source>The plan says how long a clear sky holds; it cannot see clouds.</source>
            <translation>Der Plan sagt, wie lange ein klarer Himmel hält; Wolken sieht er nicht.</translation>
        </message>
        <message>
            <source>Hot lamps: gloves, distance to cloth and paper, time to cool</source>
            <translation>Heiße Lampen: Handschuhe, Abstand zu Stoff und Papier, Zeit zum Abkühlen</translation>
        </message>
        <message>
            <source>Follow the maker's instructions for lamps and modifiers.</source>
            <translation>Folgen Sie den Anweisungen des Herstellers für Lampen und Lichtformer.</translation>
        </message>
        <message>
            <source>Mains: add up the load, keep cables dry and taped</source>
            <translation>Netz: Last zusammenzählen, Kabel trocken und festgeklebt</translation>
        </message>
        <message>
            <source>Temporary wiring is for a licensed electrician, by local rules.</source>
            <translation>Provisorische Verkabelung ist Sache einer Elektrofachkraft, nach örtlichen Vorschriften.</translation>
        </message>
        <message>
            <source>Stands sandbagged, nothing overhead without a second hold</source>
            <translation>Stative mit Sandsäcken, nichts über Kopf ohne zweite Sicherung</translation>
        </message>
        <message>
            <source>A lamp that falls is heavy and hot. The house's rigging rules come first.</source>
            <translation>Eine fallende Lampe ist schwer und heiß. Die Regeln des Hauses gehen vor.</translation>
        </message>
        <message>
            <source>Flash: ask about photosensitive people, keep it from eyes</source>
            <translation>Blitz: nach lichtempfindlichen Menschen fragen, von Augen fernhalten</translation>
        </message>
        <message>
            <source>No flash close to the eyes of infants or animals. Capacitors hold their charge: leave repairs to the maker's service.</source>
            <translation>Kein Blitz nah an den Augen von Säuglingen oder Tieren. Kondensatoren halten ihre Ladung: Reparaturen macht der Dienst des Herstellers.</translation>
        </message>
        <message>
            <source>Never aim a lens or an eye at the sun</source>
            <translation>Nie ein Objektiv oder ein Auge auf die Sonne richten</translation>
        </message>
        <message>
            <source>It burns retinas, sensors and shutters within moments.</source>
            <translation>Sie verbrennt Netzhaut, Sensor und Verschluss in Augenblicken.</translation>
        </message>
        <message>
            <source>Delicate objects: ask how much light they may get</source>
            <translation>Empfindliche Objekte: fragen, wie viel Licht sie bekommen dürfen</translation>
        </message>
        <message>
            <source>The keeper or conservator decides on level, time and ultraviolet.</source>
            <translation>Über Stärke, Zeit und Ultraviolett entscheidet die Restaurierung.</translation>
        </message>
        <message>
            <source>The light has moved since %1.</source>
            <translation>Das Licht hat sich seit %1 geändert.</translation>
        </message>
        <message>
            <source>Changed since %1: %2.</source>
            <translation>Geändert seit %1: %2.</translation>
        </message>
        <message>
            <source>The first setup of %1.</source>
            <translation>Der erste Aufbau mit %1.</translation>
        </message>
        <message>
            <source>Nothing that counts changed: the chart of %1 serves.</source>
            <translation>Nichts Wichtiges änderte sich: die Tafel von %1 dient.</translation>
        </message>
        <message>
            <source>"%1" is none of strict, usual and run-and-gun.</source>
            <translation>„%1“ ist weder strict noch usual noch run-and-gun.</translation>
        </message>
        <message>
            <source>"%1" is none of raw, jpeg, flat-video and log-video.</source>
            <translation>„%1“ ist weder raw noch jpeg, flat-video oder log-video.</translation>
        </message>
        <message>
            <source>The shoot needs a name.</source>
            <translation>Der Dreh braucht einen Namen.</translation>
        </message>
        <message>
            <source>The shoot's date: %1</source>
            <translation>Das Datum des Drehs: %1</translation>
        </message>
        <message>
            <source>The limit for the level is %g stops; it must be above 0, to 4.</source>
            <translation>Die Grenze für den Pegel ist %g Blenden; sie muss über 0 sein, bis 4.</translation>
        </message>
        <message>
            <source>The limit for the colour is %g mired; it must be above 0, to 200.</source>
            <translation>Die Grenze für die Farbe ist %g Mired; sie muss über 0 sein, bis 200.</translation>
        </message>
        <message>
            <source>The place needs a name.</source>
            <translation>Der Ort braucht einen Namen.</translation>
        </message>
        <message>
            <source>The place needs both latitude and longitude, or neither.</source>
            <translation>Der Ort braucht Breite und Länge, oder keines von beiden.</translation>
        </message>
        <message>
            <source>The latitude is %g degrees; it must be -90 to 90.</source>
            <translation>Die Breite ist %g Grad; sie muss -90 bis 90 sein.</translation>
        </message>
        <message>
            <source>The longitude is %g degrees; it must be -180 to 180.</source>
            <translation>Die Länge ist %g Grad; sie muss -180 bis 180 sein.</translation>
        </message>
        <message>
            <source>The clock is %d minutes ahead of UTC; it must be -840 to 840.</source>
            <translation>Die Uhr geht UTC um %d Minuten voraus; es müssen -840 bis 840 sein.</translation>
        </message>
        <message>
            <source>The power is %g %%; it must be 0 to 100.</source>
            <translation>Die Leistung ist %g %%; sie muss 0 bis 100 sein.</translation>
        </message>
        <message>
            <source>The setup ends at %02d:%02d, before it starts at %02d:%02d.</source>
            <translation>Der Aufbau endet um %02d:%02d, bevor er um %02d:%02d beginnt.</translation>
        </message>
        <message>
            <source>The distance is %g m; it must be 0 to 10000.</source>
            <translation>Der Abstand ist %g m; er muss 0 bis 10000 sein.</translation>
        </message>
        <message>
            <source>The focal length is %g mm; it must be above 0, to 3000.</source>
            <translation>Die Brennweite ist %g mm; sie muss über 0 sein, bis 3000.</translation>
        </message>
        <message>
            <source>The exposure is %g stops from normal; it must be -20 to 20.</source>
            <translation>Die Belichtung liegt %g Blenden von normal; sie muss -20 bis 20 sein.</translation>
        </message>
        <message>
            <source>The focal length is %g mm, but %s goes from %g to %g mm.</source>
            <translation>Die Brennweite ist %g mm, aber %s geht von %g bis %g mm.</translation>
        </message>
        <message>
            <source>"%1" is not the code of a slate.</source>
            <translation>„%1“ ist kein Code einer Klappe.</translation>
        </message>
        <message>
            <source>Taken %1 after the slate of %2.</source>
            <translation>%1 nach der Klappe von %2 aufgenommen.</translation>
        </message>
        <message>
            <source>%1 s</source>
            <translation>%1 s</translation>
        </message>
        <message>
            <source>It shows a slate of another shoot, or of a setup that is not there any more.</source>
            <translation>Es zeigt eine Klappe eines anderen Drehs, oder eines Aufbaus, den es nicht mehr gibt.</translation>
        </message>
        <message>
            <source>It shows the slate of %1.</source>
            <translation>Es zeigt die Klappe von %1.</translation>
        </message>
        <message>
            <source>No setup has this body and lens.</source>
            <translation>Kein Aufbau hat dieses Gehäuse und Objektiv.</translation>
        </message>
        <message>
            <source>Its body and lens are those of %1, but it was taken at another time.</source>
            <translation>Gehäuse und Objektiv sind die von %1, aber es wurde zu anderer Zeit aufgenommen.</translation>
        </message>
        <message>
            <source>It could be of %1; nothing in the file tells which.</source>
            <translation>Es könnte von %1 sein; nichts in der Datei verrät, wovon.</translation>
        </message>
        <message>
            <source>The only setup with this body and lens.</source>
            <translation>Der einzige Aufbau mit diesem Gehäuse und Objektiv.</translation>
        </message>
        <message>
            <source>Of the setups with this body and lens, it was taken in this one's time.</source>
            <translation>Von den Aufbauten mit diesem Gehäuse und Objektiv wurde es in der Zeit von diesem aufgenommen.</translation>
        </message>
        <message>
            <source>Its body, %1, is not the setup's, %2.</source>
            <translation>Sein Gehäuse, %1, ist nicht das des Aufbaus, %2.</translation>
        </message>
        <message>
            <source>Its body, %1, is not the setup's.</source>
            <translation>Sein Gehäuse, %1, ist nicht das des Aufbaus.</translation>
        </message>
        <message>
            <source>Its lens, %1, is not the setup's, %2.</source>
            <translation>Sein Objektiv, %1, ist nicht das des Aufbaus, %2.</translation>
        </message>
        <message>
            <source>It was taken %1 minutes outside the setup's time.</source>
            <translation>Es wurde %1 Minuten außerhalb der Zeit des Aufbaus aufgenommen.</translation>
        </message>
        <message>
            <source>There is no reading to average.</source>
            <translation>Es gibt keine Messung zum Mitteln.</translation>
        </message>
        <message>
            <source>These frames show different charts; only frames of one chart can be averaged.</source>
            <translation>Diese Bilder zeigen verschiedene Tafeln; nur Bilder einer Tafel lassen sich mitteln.</translation>
        </message>
        <message>
            <source>A white must have light in every channel.</source>
            <translation>Ein Weiß muss in jedem Kanal Licht haben.</translation>
        </message>
        <message>
            <source>The raw file's colour matrix cannot be inverted.</source>
            <translation>Die Farbmatrix der Raw-Datei lässt sich nicht umkehren.</translation>
        </message>
        <message>
            <source>That is no light's colour by the raw file's own matrix.</source>
            <translation>Das ist nach der eigenen Matrix der Raw-Datei keines Lichtes Farbe.</translation>
        </message>
        <message>
            <source>magenta</source>
            <translation>Magenta</translation>
        </message>
        <message>
            <source>cold</source>
            <translation>kalt</translation>
        </message>
        <message>
            <source>cyan</source>
            <translation>Cyan</translation>
        </message>
        <message>
            <source>Level</source>
            <translation>Pegel</translation>
        </message>
        <message>
            <source>%.2f stops darker</source>
            <translation>%.2f Blenden dunkler</translation>
        </message>
        <message>
            <source>%.2f stops lighter</source>
            <translation>%.2f Blenden heller</translation>
        </message>
        <message>
            <source>The earlier reading has no usable grey.</source>
            <translation>Die frühere Messung hat kein brauchbares Grau.</translation>
        </message>
        <message>
            <source>%.0f mired colder</source>
            <translation>%.0f Mired kälter</translation>
        </message>
        <message>
            <source>%.0f mired warmer</source>
            <translation>%.0f Mired wärmer</translation>
        </message>
        <message>
            <source>, greener</source>
            <translation>, grüner</translation>
        </message>
        <message>
            <source>, more magenta</source>
            <translation>, mehr Magenta</translation>
        </message>
        <message>
            <source>Focus</source>
            <translation>Schärfe</translation>
        </message>
        <message>
            <source>edges of %.1f px, were %.1f</source>
            <translation>Kanten von %.1f px, waren %.1f</translation>
        </message>
        <message>
            <source>Even light</source>
            <translation>Gleichmäßiges Licht</translation>
        </message>
        <message>
            <source>%.2f stops, was %.2f</source>
            <translation>%.2f Blenden, waren %.2f</translation>
        </message>
        <message>
            <source>Veil</source>
            <translation>Schleier</translation>
        </message>
        <message>
            <source>%.2f %%, was %.2f</source>
            <translation>%.2f %%, waren %.2f</translation>
        </message>
        <message>
            <source>%.1f %% of the frame</source>
            <translation>%.1f %% des Bildes</translation>
        </message>
        <message>
            <source>Size</source>
            <translation>Größe</translation>
        </message>
        <message>
            <source>the same</source>
            <translation>dieselbe</translation>
        </message>
        <message>
            <source>%.0f %% smaller</source>
            <translation>%.0f %% kleiner</translation>
        </message>
        <message>
            <source>%.0f %% larger</source>
            <translation>%.0f %% größer</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Farben</translation>
        </message>
        <message>
            <source>These are readings of different charts; only the same chart can be compared.</source>
            <translation>Dies sind Messungen verschiedener Tafeln; nur dieselbe Tafel lässt sich vergleichen.</translation>
        </message>
        <message>
            <source>The two readings have no usable grey in common, so nothing can be compared.</source>
            <translation>Die beiden Messungen haben kein brauchbares Grau gemeinsam; es lässt sich nichts vergleichen.</translation>
        </message>
        <message>
            <source>Nothing moved.</source>
            <translation>Nichts hat sich bewegt.</translation>
        </message>
        <message>
            <source>Moved: %1.</source>
            <translation>Bewegt: %1.</translation>
        </message>
        <message>
            <source>of clipping</source>
            <translation>des Clippings</translation>
        </message>
        <message>
            <source>The lightest neutral, %1, would reach %2 of the clipping level in %3, its strongest channel (red %4, green %5, blue %6). </source>
            <translation>Das hellste Neutrale, %1, würde %2 des Clipping-Pegels erreichen, in %3, seinem stärksten Kanal (Rot %4, Grün %5, Blau %6). </translation>
        </message>
        <message>
            <source>The lightest neutral, %1, reaches %2 of the clipping level in %3, its strongest channel (red %4, green %5, blue %6). </source>
            <translation>Das hellste Neutrale, %1, erreicht %2 des Clipping-Pegels, in %3, seinem stärksten Kanal (Rot %4, Grün %5, Blau %6). </translation>
        </message>
        <message>
            <source>This close to the ceiling, highlights of the subject and a channel of the chart are lost.</source>
            <translation>So nah an der Decke gehen Lichter des Motivs und ein Kanal der Tafel verloren.</translation>
        </message>
        <message>
            <source>Close down by %1 stops and shoot it again.</source>
            <translation>Blenden Sie um %1 Blenden ab und nehmen Sie noch einmal auf.</translation>
        </message>
        <message>
            <source>Dark patches sink into noise, and the correction would lift that noise with them.</source>
            <translation>Dunkle Felder sinken ins Rauschen, und die Korrektur würde das Rauschen mit anheben.</translation>
        </message>
        <message>
            <source>Open up by %1 stops and shoot it again.</source>
            <translation>Blenden Sie um %1 Blenden auf und nehmen Sie noch einmal auf.</translation>
        </message>
        <message>
            <source>That uses the range well and clips nothing.</source>
            <translation>Das nutzt den Bereich gut und beschneidet nichts.</translation>
        </message>
        <message>
            <source>%1 to %2 stops from nominal</source>
            <translation>%1 bis %2 Blenden vom Nennwert</translation>
        </message>
        <message>
            <source>By all greys the chart lies %1 stops below where %2 has it at nominal exposure: a grey of 18 % is at %3 of the signal, nominal is %4. </source>
            <translation>Nach allen Grautönen liegt die Tafel %1 Blenden unter dem Platz, den %2 ihr bei Nennbelichtung gibt: ein Grau von 18 % liegt bei %3 des Signals, Nennwert ist %4. </translation>
        </message>
        <message>
            <source>By all greys the chart lies %1 stops above where %2 has it at nominal exposure: a grey of 18 % is at %3 of the signal, nominal is %4. </source>
            <translation>Nach allen Grautönen liegt die Tafel %1 Blenden über dem Platz, den %2 ihr bei Nennbelichtung gibt: ein Grau von 18 % liegt bei %3 des Signals, Nennwert ist %4. </translation>
        </message>
        <message>
            <source>That is where the curve is meant to be used.</source>
            <translation>Dort soll die Kurve benutzt werden.</translation>
        </message>
        <message>
            <source>Highlights of the subject reach the recording's end sooner.</source>
            <translation>Lichter des Motivs erreichen das Ende der Aufzeichnung früher.</translation>
        </message>
        <message>
            <source>The subject's shadows lie in noise, which the correction lifts.</source>
            <translation>Die Schatten des Motivs liegen im Rauschen, das die Korrektur anhebt.</translation>
        </message>
        <message>
            <source>Clipping</source>
            <translation>Clipping</translation>
        </message>
        <message>
            <source>of pixels</source>
            <translation>der Pixel</translation>
        </message>
        <message>
            <source>at most %1 in any patch</source>
            <translation>höchstens %1 in jedem Feld</translation>
        </message>
        <message>
            <source>No patch touches the ceiling in any channel.</source>
            <translation>Kein Feld berührt in einem Kanal die Decke.</translation>
        </message>
        <message>
            <source>In %1, %2 of the pixels are clipped, most in %3. A clipped channel reads too low, and its colour turns.</source>
            <translation>In %1 sind %2 der Pixel beschnitten, am meisten in %3. Ein beschnittener Kanal liest zu niedrig, und seine Farbe dreht sich.</translation>
        </message>
        <message>
            <source> Clipped: %1.</source>
            <translation> Beschnitten: %1.</translation>
        </message>
        <message>
            <source>Close down by half a stop to a stop and shoot it again.</source>
            <translation>Blenden Sie eine halbe bis eine Blende ab und nehmen Sie noch einmal auf.</translation>
        </message>
        <message>
            <source>Shadow signal to noise</source>
            <translation>Signal zu Rauschen im Schatten</translation>
        </message>
        <message>
            <source>at least %1</source>
            <translation>mindestens %1</translation>
        </message>
        <message>
            <source>In the darkest neutral, %1, one pixel's %2 is %3 times its noise.</source>
            <translation>Im dunkelsten Neutralen, %1, ist %2 eines Pixels das %3-fache seines Rauschens.</translation>
        </message>
        <message>
            <source> Black that lies in noise cannot be corrected, only lifted.</source>
            <translation> Schwarz, das im Rauschen liegt, lässt sich nicht korrigieren, nur anheben.</translation>
        </message>
        <message>
            <source>Give more light or a lower sensitivity, and shoot it again.</source>
            <translation>Geben Sie mehr Licht oder weniger Empfindlichkeit, und nehmen Sie noch einmal auf.</translation>
        </message>
        <message>
            <source>Signal to noise</source>
            <translation>Signal zu Rauschen</translation>
        </message>
        <message>
            <source>A mid-grey, %1, is %2 times the visual noise of one pixel once the greys are balanced.</source>
            <translation>Ein Mittelgrau, %1, ist das %2-fache des sichtbaren Rauschens eines Pixels, wenn die Grautöne abgeglichen sind.</translation>
        </message>
        <message>
            <source> The chart's means average it away; the pictures keep it, and a strong correction adds to it.</source>
            <translation> Die Mittel der Tafel mitteln es weg; die Bilder behalten es, und eine starke Korrektur vermehrt es.</translation>
        </message>
        <message>
            <source>Lower the sensitivity and give more light, then shoot it again.</source>
            <translation>Senken Sie die Empfindlichkeit und geben Sie mehr Licht, dann nehmen Sie noch einmal auf.</translation>
        </message>
        <message>
            <source>Size in the frame</source>
            <translation>Größe im Bild</translation>
        </message>
        <message>
            <source>% of the frame</source>
            <translation>% des Bildes</translation>
        </message>
        <message>
            <source>%1 to %2 %</source>
            <translation>%1 bis %2 %</translation>
        </message>
        <message>
            <source>The chart covers %1 % of the frame.</source>
            <translation>Die Tafel bedeckt %1 % des Bildes.</translation>
        </message>
        <message>
            <source> Filling the frame, it takes the lens's darker corners for colour.</source>
            <translation> Füllt sie das Bild, hält sie die dunkleren Ecken des Objektivs für Farbe.</translation>
        </message>
        <message>
            <source>Step back until it covers about a tenth of the frame.</source>
            <translation>Treten Sie zurück, bis sie etwa ein Zehntel des Bildes bedeckt.</translation>
        </message>
        <message>
            <source>Go closer, or use a larger chart.</source>
            <translation>Gehen Sie näher heran, oder nehmen Sie eine größere Tafel.</translation>
        </message>
        <message>
            <source> About a tenth, away from the corners, is the safest.</source>
            <translation> Etwa ein Zehntel, fern der Ecken, ist am sichersten.</translation>
        </message>
        <message>
            <source>Pixels per patch</source>
            <translation>Pixel je Feld</translation>
        </message>
        <message>
            <source>The smallest patch, %1, gives %2 pixels to average; the mean's noise falls with their square root.</source>
            <translation>Das kleinste Feld, %1, gibt %2 Pixel zum Mitteln; das Rauschen des Mittels sinkt mit deren Wurzel.</translation>
        </message>
        <message>
            <source>Away from the edge</source>
            <translation>Weg vom Rand</translation>
        </message>
        <message>
            <source>% of the short side</source>
            <translation>% der kurzen Seite</translation>
        </message>
        <message>
            <source>at least %1 %</source>
            <translation>mindestens %1 %</translation>
        </message>
        <message>
            <source>Its %1 corner is %2 pixels from the frame's edge.</source>
            <translation>Ihre Ecke %1 ist %2 Pixel vom Bildrand.</translation>
        </message>
        <message>
            <source> Lenses are darkest and least sharp there.</source>
            <translation> Objektive sind dort am dunkelsten und unschärfsten.</translation>
        </message>
        <message>
            <source>Bring the chart nearer to the middle.</source>
            <translation>Bringen Sie die Tafel näher zur Mitte.</translation>
        </message>
        <message>
            <source>Tilt</source>
            <translation>Neigung</translation>
        </message>
        <message>
            <source>degrees</source>
            <translation>Grad</translation>
        </message>
        <message>
            <source>at most %1 degrees</source>
            <translation>höchstens %1 Grad</translation>
        </message>
        <message>
            <source>The chart is tilted %1 degrees away from the camera, and turned %2 degrees in the picture.</source>
            <translation>Die Tafel ist %1 Grad von der Kamera weggeneigt und im Bild um %2 Grad gedreht.</translation>
        </message>
        <message>
            <source>The chart is tilted %1 degrees away from the camera, taking the lens for a 50 mm (the frame does not say), and turned %2 degrees in the picture.</source>
            <translation>Die Tafel ist %1 Grad von der Kamera weggeneigt, wenn das Objektiv als 50 mm gilt (das Bild sagt es nicht), und im Bild um %2 Grad gedreht.</translation>
        </message>
        <message>
            <source> At a slant its surface shines, and its patches differ in brightness.</source>
            <translation> Schräg glänzt ihre Fläche, und ihre Felder werden verschieden hell.</translation>
        </message>
        <message>
            <source>Face it to the camera, and shoot it again.</source>
            <translation>Wenden Sie sie zur Kamera und nehmen Sie noch einmal auf.</translation>
        </message>
        <message>
            <source>Sharpness</source>
            <translation>Schärfe</translation>
        </message>
        <message>
            <source>% of a patch</source>
            <translation>% eines Feldes</translation>
        </message>
        <message>
            <source>edges at most %1 % of the smallest patch</source>
            <translation>Kanten höchstens %1 % des kleinsten Feldes</translation>
        </message>
        <message>
            <source>Edges of patches are %1 pixels wide; the smallest patch has %2.</source>
            <translation>Kanten der Felder sind %1 Pixel breit; das kleinste Feld hat %2.</translation>
        </message>
        <message>
            <source> Colours of neighbours run into one another.</source>
            <translation> Farben von Nachbarn laufen ineinander.</translation>
        </message>
        <message>
            <source> They are wide one way only (%1 degrees from level): something moved.</source>
            <translation> Sie sind nur in einer Richtung breit (%1 Grad zur Waagrechten): etwas hat sich bewegt.</translation>
        </message>
        <message>
            <source>Use a stand or a shorter exposure, and shoot it again.</source>
            <translation>Nehmen Sie ein Stativ oder eine kürzere Belichtung, und nehmen Sie noch einmal auf.</translation>
        </message>
        <message>
            <source>Focus on the chart, and shoot it again.</source>
            <translation>Stellen Sie auf die Tafel scharf und nehmen Sie noch einmal auf.</translation>
        </message>
        <message>
            <source>Neutral greys</source>
            <translation>Neutrale Grautöne</translation>
        </message>
        <message>
            <source>cast</source>
            <translation>Stich</translation>
        </message>
        <message>
            <source>at most %1</source>
            <translation>höchstens %1</translation>
        </message>
        <message>
            <source>No grey patch is usable: each is clipped or lies in noise, so there is nothing to balance on.</source>
            <translation>Kein Graufeld ist brauchbar: jedes ist beschnitten oder liegt im Rauschen, also gibt es nichts zum Abgleichen.</translation>
        </message>
        <message>
            <source>Set the exposure so that the lightest grey is bright but not clipped, and shoot it again.</source>
            <translation>Belichten Sie so, dass das hellste Grau hell, aber nicht beschnitten ist, und nehmen Sie noch einmal auf.</translation>
        </message>
        <message>
            <source>After one balance for all greys, the worst, %1, is %2 from neutral.</source>
            <translation>Nach einem Abgleich für alle Grautöne ist der schlechteste, %1, %2 von neutral entfernt.</translation>
        </message>
        <message>
            <source> The greys disagree: mixed or uneven light, glare on the dark ones, or a dirty patch.</source>
            <translation> Die Grautöne widersprechen sich: gemischtes oder ungleiches Licht, Glanz auf den dunklen, oder ein schmutziges Feld.</translation>
        </message>
        <message>
            <source>Look for a second light or a reflection on the chart, remove it, and shoot it again.</source>
            <translation>Suchen Sie ein zweites Licht oder eine Spiegelung auf der Tafel, entfernen Sie sie, und nehmen Sie noch einmal auf.</translation>
        </message>
        <message>
            <source> One balance serves highlights and shadows alike.</source>
            <translation> Ein Abgleich dient Lichtern und Schatten zugleich.</translation>
        </message>
        <message>
            <source>Cast by level</source>
            <translation>Stich nach Pegel</translation>
        </message>
        <message>
            <source>at most %1 at any level</source>
            <translation>höchstens %1 auf jedem Pegel</translation>
        </message>
        <message>
            <source>light greys %1</source>
            <translation>helle Grautöne %1</translation>
        </message>
        <message>
            <source>middle greys %1</source>
            <translation>mittlere Grautöne %1</translation>
        </message>
        <message>
            <source>dark greys %1</source>
            <translation>dunkle Grautöne %1</translation>
        </message>
        <message>
            <source> One balance cannot serve all levels.</source>
            <translation> Ein Abgleich kann nicht allen Pegeln dienen.</translation>
        </message>
        <message>
            <source>If the recording is balanced on a light grey, balance on a mid-grey instead; look for coloured stray light on the dark patches.</source>
            <translation>Ist die Aufzeichnung auf ein helles Grau abgeglichen, gleichen Sie stattdessen auf ein Mittelgrau ab; suchen Sie farbiges Streulicht auf den dunklen Feldern.</translation>
        </message>
        <message>
            <source>greys within %1 stops of the stated curve</source>
            <translation>Grautöne innerhalb von %1 Blenden der angegebenen Kurve</translation>
        </message>
        <message>
            <source>The file does not say how its numbers relate to light; %1 was assumed from its kind. A wrong curve bends every colour.</source>
            <translation>Die Datei sagt nicht, wie ihre Zahlen zum Licht stehen; %1 wurde nach ihrer Art angenommen. Eine falsche Kurve biegt jede Farbe.</translation>
        </message>
        <message>
            <source>Read as %1, which you stated.</source>
            <translation>Als %1 gelesen, wie von Ihnen angegeben.</translation>
        </message>
        <message>
            <source>Read as %1, which the file states.</source>
            <translation>Als %1 gelesen, wie die Datei angibt.</translation>
        </message>
        <message>
            <source> The greys agree with it within %1 stops, and with %2 within %3.</source>
            <translation> Die Grautöne stimmen damit auf %1 Blenden überein, und mit %2 auf %3.</translation>
        </message>
        <message>
            <source> The greys agree with it within %1 stops.</source>
            <translation> Die Grautöne stimmen damit auf %1 Blenden überein.</translation>
        </message>
        <message>
            <source>State %1 as the encoding and read it again, unless you know better.</source>
            <translation>Geben Sie %1 als Kodierung an und messen Sie noch einmal, wenn Sie es nicht besser wissen.</translation>
        </message>
        <message>
            <source>If you know better, state the encoding and read it again.</source>
            <translation>Wenn Sie es besser wissen, geben Sie die Kodierung an und messen Sie noch einmal.</translation>
        </message>
        <message>
            <source>Balance left alone</source>
            <translation>Abgleich unberührt</translation>
        </message>
        <message>
            <source>gain</source>
            <translation>Verstärkung</translation>
        </message>
        <message>
            <source>linear frames not balanced before</source>
            <translation>lineare Bilder nicht vorher abgeglichen</translation>
        </message>
        <message>
            <source>The greys are as the sensor saw this light: red needs %1 and blue %2 times green's gain.</source>
            <translation>Die Grautöne sind, wie der Sensor dieses Licht sah: Rot braucht %1-mal und Blau %2-mal die Verstärkung von Grün.</translation>
        </message>
        <message>
            <source>The greys of this linear frame are already neutral within %1: a balance is baked in. The correction fits only frames that carry the same one.</source>
            <translation>Die Grautöne dieses linearen Bildes sind schon auf %1 neutral: ein Abgleich ist eingebrannt. Die Korrektur passt nur zu Bildern mit demselben.</translation>
        </message>
        <message>
            <source>Where there is a choice, export without white balance, and read that.</source>
            <translation>Wo es die Wahl gibt, geben Sie ohne Weißabgleich aus und messen das.</translation>
        </message>
        <message>
            <source>The right chart</source>
            <translation>Die richtige Tafel</translation>
        </message>
        <message>
            <source>of its colours</source>
            <translation>ihrer Farben</translation>
        </message>
        <message>
            <source>at least %1 explained</source>
            <translation>mindestens %1 erklärt</translation>
        </message>
        <message>
            <source>%1 of the colours of %2 are explained by what was read.</source>
            <translation>%1 der Farben von %2 sind durch das Gemessene erklärt.</translation>
        </message>
        <message>
            <source> That is little: it may be another chart, or the corners are not where they belong.</source>
            <translation> Das ist wenig: es mag eine andere Tafel sein, oder die Ecken liegen nicht, wo sie hingehören.</translation>
        </message>
        <message>
            <source>Choose the chart that is in the picture, or set its corners by hand.</source>
            <translation>Wählen Sie die Tafel, die im Bild ist, oder setzen Sie ihre Ecken von Hand.</translation>
        </message>
        <message>
            <source>Right way round</source>
            <translation>Richtig herum</translation>
        </message>
        <message>
            <source>corners in the definition's order</source>
            <translation>Ecken in der Reihenfolge der Definition</translation>
        </message>
        <message>
            <source>The corners go round the chart as its definition draws it.</source>
            <translation>Die Ecken gehen um die Tafel, wie ihre Definition sie zeichnet.</translation>
        </message>
        <message>
            <source>The colours agree much better with the corners moved on by %1 of 4.</source>
            <translation>Die Farben stimmen viel besser, wenn die Ecken um %1 von 4 weiterrücken.</translation>
        </message>
        <message>
            <source>Set the corners as top left, top right, bottom right, bottom left of the chart, not of the picture.</source>
            <translation>Setzen Sie die Ecken als oben links, oben rechts, unten rechts, unten links der Tafel, nicht des Bildes.</translation>
        </message>
        <message>
            <source>One chart</source>
            <translation>Eine Tafel</translation>
        </message>
        <message>
            <source>charts</source>
            <translation>Tafeln</translation>
        </message>
        <message>
            <source>one in the frame</source>
            <translation>eine im Bild</translation>
        </message>
        <message>
            <source>No other chart was found beside it.</source>
            <translation>Keine andere Tafel wurde daneben gefunden.</translation>
        </message>
        <message>
            <source>There is another chart in this frame; %1 was read.</source>
            <translation>In diesem Bild ist noch eine Tafel; %1 wurde gemessen.</translation>
        </message>
        <message>
            <source>Make sure that the one in the subject's light was read; take the other away.</source>
            <translation>Stellen Sie sicher, dass die im Licht des Motivs gemessen wurde; nehmen Sie die andere weg.</translation>
        </message>
        <message>
            <source>at most %1 stops</source>
            <translation>höchstens %1 Blenden</translation>
        </message>
        <message>
            <source>From its lightest to its darkest place the light on the chart falls by %1 stops, %2.</source>
            <translation>Vom hellsten zum dunkelsten Ort fällt das Licht auf der Tafel um %1 Blenden, %2.</translation>
        </message>
        <message>
            <source> That is after the flat field was taken out.</source>
            <translation> Das ist, nachdem das Flatfield herausgenommen wurde.</translation>
        </message>
        <message>
            <source> It was taken out of the patches; the greys lie within %1 stops of the field that was.</source>
            <translation> Es wurde aus den Feldern herausgenommen; die Grautöne liegen innerhalb von %1 Blenden des herausgenommenen Verlaufs.</translation>
        </message>
        <message>
            <source> Patches are then measured in different light.</source>
            <translation> Felder werden dann in verschiedenem Licht gemessen.</translation>
        </message>
        <message>
            <source>Move the lamp away or bounce it, or turn the chart towards it; or let Refero take the unevenness out.</source>
            <translation>Rücken Sie die Lampe weg oder lassen Sie sie abprallen, oder drehen Sie die Tafel zu ihr; oder lassen Sie Refero die Ungleichheit herausnehmen.</translation>
        </message>
        <message>
            <source>No shadow</source>
            <translation>Kein Schatten</translation>
        </message>
        <message>
            <source>at most %1 stops at an edge</source>
            <translation>höchstens %1 Blenden an einer Kante</translation>
        </message>
        <message>
            <source>No edge runs through the light on the chart.</source>
            <translation>Keine Kante läuft durch das Licht auf der Tafel.</translation>
        </message>
        <message>
            <source>An edge crosses the chart; beyond it the light is %1 stops down. In it: %2.</source>
            <translation>Eine Kante läuft über die Tafel; dahinter ist das Licht %1 Blenden schwächer. Darin: %2.</translation>
        </message>
        <message>
            <source>Find what throws it (a stand, a hand, yourself), and shoot it again.</source>
            <translation>Finden Sie, was ihn wirft (ein Stativ, eine Hand, Sie selbst), und nehmen Sie noch einmal auf.</translation>
        </message>
        <message>
            <source>Nothing on the chart</source>
            <translation>Nichts auf der Tafel</translation>
        </message>
        <message>
            <source>patches</source>
            <translation>Felder</translation>
        </message>
        <message>
            <source>no patch</source>
            <translation>kein Feld</translation>
        </message>
        <message>
            <source>Every patch is of one colour, and of the colour that the others lead one to expect.</source>
            <translation>Jedes Feld hat eine Farbe, und zwar die, welche die anderen erwarten lassen.</translation>
        </message>
        <message>
            <source>Something lies between the patches: a finger, a clip, dirt.</source>
            <translation>Zwischen den Feldern liegt etwas: ein Finger, eine Klammer, Schmutz.</translation>
        </message>
        <message>
            <source>Something lies on %1, or it is dirty: it does not show the colour that the others lead one to expect, or not one colour.</source>
            <translation>Auf %1 liegt etwas, oder es ist schmutzig: es zeigt nicht die Farbe, welche die anderen erwarten lassen, oder nicht eine Farbe.</translation>
        </message>
        <message>
            <source>Something lies on %1, or they are dirty: they do not show the colours that the others lead one to expect, or not one colour.</source>
            <translation>Auf %1 liegt etwas, oder sie sind schmutzig: sie zeigen nicht die Farben, welche die anderen erwarten lassen, oder nicht eine Farbe.</translation>
        </message>
        <message>
            <source>Take it away, or clean the chart with a soft dry brush, and shoot it again.</source>
            <translation>Nehmen Sie es weg, oder reinigen Sie die Tafel mit einem weichen trockenen Pinsel, und nehmen Sie noch einmal auf.</translation>
        </message>
        <message>
            <source>No veil</source>
            <translation>Kein Schleier</translation>
        </message>
        <message>
            <source>of white</source>
            <translation>von Weiß</translation>
        </message>
        <message>
            <source>at most %1 of white</source>
            <translation>höchstens %1 von Weiß</translation>
        </message>
        <message>
            <source>From the dark greys, %1 % of white's light lies over everything.</source>
            <translation>Nach den dunklen Grautönen liegt %1 % vom Licht des Weiß über allem.</translation>
        </message>
        <message>
            <source> It lifts the blacks and washes colour out.</source>
            <translation> Er hebt das Schwarz und wäscht die Farben aus.</translation>
        </message>
        <message>
            <source>Shade the lens, clean it, keep bright things out of the frame, and shoot it again.</source>
            <translation>Beschatten Sie das Objektiv, reinigen Sie es, halten Sie Helles aus dem Bild, und nehmen Sie noch einmal auf.</translation>
        </message>
        <message>
            <source>No shine</source>
            <translation>Kein Glanz</translation>
        </message>
        <message>
            <source>No patch mirrors a lamp or a window.</source>
            <translation>Kein Feld spiegelt eine Lampe oder ein Fenster.</translation>
        </message>
        <message>
            <source>A lamp or a window is mirrored in the chart: up to %1 of white is added.</source>
            <translation>Eine Lampe oder ein Fenster spiegelt sich in der Tafel: bis zu %1 von Weiß kommen hinzu.</translation>
        </message>
        <message>
            <source>A lamp or a window is mirrored in the chart: up to %1 of white is added on %2.</source>
            <translation>Eine Lampe oder ein Fenster spiegelt sich in der Tafel: bis zu %1 von Weiß kommen hinzu, auf %2.</translation>
        </message>
        <message>
            <source>Turn the chart until the reflection leaves it, or put the lamp at 45 degrees.</source>
            <translation>Drehen Sie die Tafel, bis die Spiegelung sie verlässt, oder stellen Sie die Lampe auf 45 Grad.</translation>
        </message>
        <message>
            <source>The subject's light</source>
            <translation>Das Licht des Motivs</translation>
        </message>
        <message>
            <source>at most %1 on a mid-grey</source>
            <translation>höchstens %1 auf einem Mittelgrau</translation>
        </message>
        <message>
            <source>Balanced on the chart, %1 in %2 is grey within %3 CIEDE2000, the farthest of %4.</source>
            <translation>Auf die Tafel abgeglichen ist %1 in %2 auf %3 CIEDE2000 grau, das fernste von %4.</translation>
        </message>
        <message>
            <source>Balanced on the chart, %1 in %2 is grey within %3 CIEDE2000.</source>
            <translation>Auf die Tafel abgeglichen ist %1 in %2 auf %3 CIEDE2000 grau.</translation>
        </message>
        <message>
            <source>Balanced on the chart, %1 in %2 is %3 CIEDE2000 from grey: the light there is %4 than that on the chart.</source>
            <translation>Auf die Tafel abgeglichen liegt %1 in %2 %3 CIEDE2000 von Grau: das Licht dort ist %4 als das auf der Tafel.</translation>
        </message>
        <message>
            <source>of another tint</source>
            <translation>von anderer Tönung</translation>
        </message>
        <message>
            <source>Hold the chart where the subject is, turned to the same lamp, and shoot it again.</source>
            <translation>Halten Sie die Tafel, wo das Motiv ist, zur selben Lampe gedreht, und nehmen Sie noch einmal auf.</translation>
        </message>
        <message>
            <source>Patches by hand</source>
            <translation>Felder von Hand</translation>
        </message>
        <message>
            <source>left out</source>
            <translation>ausgelassen</translation>
        </message>
        <message>
            <source>at most a quarter left out</source>
            <translation>höchstens ein Viertel ausgelassen</translation>
        </message>
        <message>
            <source>Left out: %1. </source>
            <translation>Ausgelassen: %1. </translation>
        </message>
        <message>
            <source>Moved: %1. </source>
            <translation>Verschoben: %1. </translation>
        </message>
        <message>
            <source>They are measured where you put them.</source>
            <translation>Sie werden gemessen, wo Sie sie hinlegten.</translation>
        </message>
        <message>
            <source>A patch left out counts nowhere.</source>
            <translation>Ein ausgelassenes Feld zählt nirgends.</translation>
        </message>
        <message>
            <source>So few patches carry only a simple correction; shoot the chart again where you can.</source>
            <translation>So wenige Felder tragen nur eine einfache Korrektur; nehmen Sie die Tafel noch einmal auf, wo Sie können.</translation>
        </message>
        <message>
            <source> %1 does not count: its greys are lit in another colour.</source>
            <translation> %1 zählt nicht: seine Grautöne stehen in anderer Lichtfarbe.</translation>
        </message>
        <message>
            <source> Not counted in %1, for they disagree: %2.</source>
            <translation> In %1 nicht gezählt, weil sie widersprechen: %2.</translation>
        </message>
        <message>
            <source>Frames agree</source>
            <translation>Bilder stimmen überein</translation>
        </message>
        <message>
            <source>not counted</source>
            <translation>nicht gezählt</translation>
        </message>
        <message>
            <source>every patch of every frame</source>
            <translation>jedes Feld jedes Bildes</translation>
        </message>
        <message>
            <source>The patches are those of 1 frame, brought to the level of the others.</source>
            <translation>Die Felder sind die eines Bildes, auf den Pegel der anderen gebracht.</translation>
        </message>
        <message>
            <source>The patches are the mean of %1 frames, whose light differed by %2 stops and was brought to one level.</source>
            <translation>Die Felder sind das Mittel von %1 Bildern, deren Licht sich um %2 Blenden unterschied und auf einen Pegel gebracht wurde.</translation>
        </message>
        <message>
            <source>Look at the frames named; leave them out of the average.</source>
            <translation>Sehen Sie sich die genannten Bilder an; lassen Sie sie aus dem Mittel.</translation>
        </message>
        <message>
            <source>The flat-field frame is too small: it needs 96 x 64 pixels at least.</source>
            <translation>Das Flatfield-Bild ist zu klein: es braucht mindestens 96 x 64 Pixel.</translation>
        </message>
        <message>
            <source>The flat-field frame is too dark.</source>
            <translation>Das Flatfield-Bild ist zu dunkel.</translation>
        </message>
        <message>
            <source>The flat-field frame is clipped; expose it as a light grey.</source>
            <translation>Das Flatfield-Bild ist beschnitten; belichten Sie es als helles Grau.</translation>
        </message>
        <message>
            <source>This frame shows more than a plain card: its brightness jumps. Fill the frame with a grey or white card, out of focus.</source>
            <translation>Dieses Bild zeigt mehr als eine einfache Karte: seine Helligkeit springt. Füllen Sie das Bild mit einer grauen oder weißen Karte, unscharf.</translation>
        </message>
        <message>
            <source>Grey within %.1f CIEDE2000</source>
            <translation>Grau auf %.1f CIEDE2000</translation>
        </message>
        <message>
            <source>warmer</source>
            <translation>wärmer</translation>
        </message>
        <message>
            <source>colder</source>
            <translation>kälter</translation>
        </message>
        <message>
            <source>greener</source>
            <translation>grüner</translation>
        </message>
        <message>
            <source>more magenta</source>
            <translation>mehr Magenta</translation>
        </message>
        <message>
            <source>Not grey: %1, %2 CIEDE2000, %3 mired</source>
            <translation>Nicht grau: %1, %2 CIEDE2000, %3 Mired</translation>
        </message>
        <message>
            <source>There is too little light in this region to balance on.</source>
            <translation>In diesem Bereich ist zu wenig Licht zum Abgleichen.</translation>
        </message>
        <message>
            <source>This region is clipped: balancing on it would bring a cast that cannot be seen here.</source>
            <translation>Dieser Bereich ist beschnitten: ein Abgleich darauf brächte einen Stich, der hier nicht zu sehen ist.</translation>
        </message>
        <message>
            <source>The chart has no usable grey to compare with.</source>
            <translation>Die Tafel hat kein brauchbares Grau zum Vergleichen.</translation>
        </message>
        <message>
            <source>Evenness after the lightness uniformity of the US federal digitisation guidelines (three stars, from memory); noise after ISO 12232's excellent; the rest is common practice of collections.</source>
            <translation>Gleichmäßigkeit nach der Helligkeitsgleichmäßigkeit der US-Digitalisierungsrichtlinien (drei Sterne, aus dem Gedächtnis); Rauschen nach dem Exzellent von ISO 12232; der Rest ist übliche Praxis von Sammlungen.</translation>
        </message>
        <message>
            <source>Product</source>
            <translation>Produkt</translation>
        </message>
        <message>
            <source>Greys within 1 % after balancing and 90 % for the lightest patch are common practice; evenness, glare and focus lie between careful and slightly mistaken shots of the virtual camera.</source>
            <translation>Grautöne auf 1 % nach dem Abgleich und 90 % für das hellste Feld sind übliche Praxis; Gleichmäßigkeit, Glanz und Schärfe liegen zwischen sorgfältigen und leicht verfehlten Aufnahmen der virtuellen Kamera.</translation>
        </message>
        <message>
            <source>What still gives a usable balance and matrix in a hurry; common practice of reportage.</source>
            <translation>Was in Eile noch einen brauchbaren Abgleich und eine Matrix gibt; übliche Praxis der Reportage.</translation>
        </message>
        <message>
            <source>Log and flat recordings hold white low and black high; common practice of camera crews.</source>
            <translation>Log- und flache Aufzeichnungen halten Weiß tief und Schwarz hoch; übliche Praxis von Kamerateams.</translation>
        </message>
        <message>
            <source>There are no limits called "%1"; there are Copy work, Product, Event and Film.</source>
            <translation>Es gibt keine Grenzen namens „%1“; es gibt Copy work, Product, Event und Film.</translation>
        </message>
        <message>
            <source>No check is called %1.</source>
            <translation>Keine Prüfung heißt %1.</translation>
        </message>
        <message>
            <source>The limits of %1 are not in order: tolerable from, good from, good to, tolerable to.</source>
            <translation>Die Grenzen von %1 sind nicht in Reihenfolge: tragbar ab, gut ab, gut bis, tragbar bis.</translation>
        </message>
        <message>
            <source>The changed limit of %1 needs four numbers.</source>
            <translation>Die geänderte Grenze von %1 braucht vier Zahlen.</translation>
        </message>
        <message>
            <source>The changed limit of %1 has more than four numbers.</source>
            <translation>Die geänderte Grenze von %1 hat mehr als vier Zahlen.</translation>
        </message>
        <message>
            <source>Good</source>
            <translation>Gut</translation>
        </message>
        <message>
            <source>Look again</source>
            <translation>Noch einmal ansehen</translation>
        </message>
        <message>
            <source>Shoot again</source>
            <translation>Noch einmal aufnehmen</translation>
        </message>
        <message>
            <source>"%1" is nothing that is taken out of the light; it is a flat field, the chart, or both.</source>
            <translation>„%1“ ist nichts, was aus dem Licht genommen wird; das ist ein Flatfield, die Tafel oder beides.</translation>
        </message>
        <message>
            <source>There is no treatment called "%1".</source>
            <translation>Es gibt keine Behandlung namens „%1“.</translation>
        </message>
        <message>
            <source>was recorded as %1, and its correction is for %2, whose numbers mean other colours. Shoot the chart once in this recording, too, or lend it a correction that was made from it</source>
            <translation>wurde als %1 aufgezeichnet, und seine Korrektur ist für %2, deren Zahlen andere Farben bedeuten. Nehmen Sie die Tafel auch einmal in dieser Aufzeichnung auf, oder leihen Sie eine Korrektur, die daraus gemacht wurde</translation>
        </message>
        <message>
            <source>Colours outside a space are compressed, cut or automatic, not "%1".</source>
            <translation>Farben außerhalb eines Raums werden compressed, cut oder automatic behandelt, nicht „%1“.</translation>
        </message>
        <message>
            <source>Highlights are cut, rebuilt or as-recorded, not "%1".</source>
            <translation>Lichter sind cut, rebuilt oder as-recorded, nicht „%1“.</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 und %2</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>%1 and %2 more</source>
            <translation>%1 und %2 weitere</translation>
        </message>
        <message>
            <source>more than +2 stops</source>
            <translation>mehr als +2 Blenden</translation>
        </message>
        <message>
            <source>+1 to +2</source>
            <translation>+1 bis +2</translation>
        </message>
        <message>
            <source>+1/3 to +1</source>
            <translation>+1/3 bis +1</translation>
        </message>
        <message>
            <source>mid-grey</source>
            <translation>Mittelgrau</translation>
        </message>
        <message>
            <source>−1 to −1/3</source>
            <translation>−1 bis −1/3</translation>
        </message>
        <message>
            <source>−2 to −1</source>
            <translation>−2 bis −1</translation>
        </message>
        <message>
            <source>−3 to −2</source>
            <translation>−3 bis −2</translation>
        </message>
        <message>
            <source>−4 to −3</source>
            <translation>−4 bis −3</translation>
        </message>
        <message>
            <source>−5 to −4</source>
            <translation>−5 bis −4</translation>
        </message>
        <message>
            <source>less than −5 stops</source>
            <translation>weniger als −5 Blenden</translation>
        </message>
        <message>
            <source>white, 94 to 98 %</source>
            <translation>Weiß, 94 bis 98 %</translation>
        </message>
        <message>
            <source>white, 88 to 92 %</source>
            <translation>Weiß, 88 bis 92 %</translation>
        </message>
        <message>
            <source>mid-grey within 1/3 stop</source>
            <translation>Mittelgrau innerhalb 1/3 Blende</translation>
        </message>
        <message>
            <source>black, 2 to 6 %</source>
            <translation>Schwarz, 2 bis 6 %</translation>
        </message>
        <message>
            <source>clipped</source>
            <translation>beschnitten</translation>
        </message>
        <message>
            <source>all channels clipped</source>
            <translation>alle Kanäle beschnitten</translation>
        </message>
        <message>
            <source>red clipped</source>
            <translation>Rot beschnitten</translation>
        </message>
        <message>
            <source>green clipped</source>
            <translation>Grün beschnitten</translation>
        </message>
        <message>
            <source>blue clipped</source>
            <translation>Blau beschnitten</translation>
        </message>
        <message>
            <source>at the floor</source>
            <translation>am Boden</translation>
        </message>
        <message>
            <source>A series needs at least one chart shot.</source>
            <translation>Eine Reihe braucht mindestens eine Tafelaufnahme.</translation>
        </message>
        <message>
            <source>%1 shows %2, %3 shows %4. A series is of one chart.</source>
            <translation>%1 zeigt %2, %3 zeigt %4. Eine Reihe ist von einer Tafel.</translation>
        </message>
        <message>
            <source>Nothing of the series is left to be compared.</source>
            <translation>Von der Reihe bleibt nichts zu vergleichen.</translation>
        </message>
        <message>
            <source>"%1" is not a colour temperature in kelvin.</source>
            <translation>„%1“ ist keine Farbtemperatur in Kelvin.</translation>
        </message>
        <message>
            <source>CIE daylight is defined from 4000 K to 25000 K.</source>
            <translation>CIE-Tageslicht ist von 4000 K bis 25000 K definiert.</translation>
        </message>
        <message>
            <source>A black body's temperature must be 500 K to 50000 K.</source>
            <translation>Die Temperatur eines schwarzen Körpers muss 500 K bis 50000 K sein.</translation>
        </message>
        <message>
            <source>There is no light called "%1". Known are a, d50, d55, d65, e, f2, f7, f11, led-3000, led-5600, daylight-&lt;kelvin&gt; and blackbody-&lt;kelvin&gt;.</source>
            <translation>Es gibt kein Licht namens „%1“. Bekannt sind a, d50, d55, d65, e, f2, f7, f11, led-3000, led-5600, daylight-&lt;kelvin&gt; und blackbody-&lt;kelvin&gt;.</translation>
        </message>
        <message>
            <source>A chromaticity with y = 0 has no colour temperature.</source>
            <translation>Ein Farbort mit y = 0 hat keine Farbtemperatur.</translation>
        </message>
        <message>
            <source>This colour is too far from white light for a colour temperature to mean anything.</source>
            <translation>Diese Farbe liegt zu weit von weißem Licht, als dass eine Farbtemperatur etwas hieße.</translation>
        </message>
        <message>
            <source>Clips become pictures, ffv1 or av1, not "%1".</source>
            <translation>Clips werden zu pictures, ffv1 oder av1, nicht zu „%1“.</translation>
        </message>
        <message>
            <source>Frames are written as exr, tif, png, jpg or dpx, not as "%1".</source>
            <translation>Bilder werden als exr, tif, png, jpg oder dpx geschrieben, nicht als „%1“.</translation>
        </message>
        <message>
            <source>A dpx has 10 or 16 bits.</source>
            <translation>Ein dpx hat 10 oder 16 Bit.</translation>
        </message>
        <message>
            <source>A picture has 8 or 16 bits.</source>
            <translation>Ein Bild hat 8 oder 16 Bit.</translation>
        </message>
        <message>
            <source>A JPEG's quality is 1 to 100.</source>
            <translation>Die Qualität eines JPEG ist 1 bis 100.</translation>
        </message>
        <message>
            <source>The long edge is 16 to 60,000 pixels, or 0 for the frame's own.</source>
            <translation>Die lange Kante ist 16 bis 60000 Pixel, oder 0 für die des Bildes.</translation>
        </message>
        <message>
            <source>The job does not say into which folder.</source>
            <translation>Der Auftrag sagt nicht, in welchen Ordner.</translation>
        </message>
        <message>
            <source>The job has no frames.</source>
            <translation>Der Auftrag hat keine Bilder.</translation>
        </message>
        <message>
            <source>%1 is for .exr: other kinds of file cut off what is lighter than white and are too coarse in the shadows.</source>
            <translation>%1 ist für .exr: andere Dateiarten schneiden ab, was heller als Weiß ist, und sind in den Schatten zu grob.</translation>
        </message>
        <message>
            <source>%1 has no correction: the job has none by the name "%2".</source>
            <translation>%1 hat keine Korrektur: der Auftrag hat keine namens „%2“.</translation>
        </message>
        <message>
            <source>The name's pattern has a { without its }.</source>
            <translation>Das Namensmuster hat ein { ohne sein }.</translation>
        </message>
        <message>
            <source>The name's pattern has {%1}, which is not known; there are {frame}, {n}, {space}, {setup}, {body}, {light}, {place} and {date}.</source>
            <translation>Das Namensmuster hat {%1}, das nicht bekannt ist; es gibt {frame}, {n}, {space}, {setup}, {body}, {light}, {place} und {date}.</translation>
        </message>
        <message>
            <source>The name's pattern gives no name for %1.</source>
            <translation>Das Namensmuster ergibt keinen Namen für %1.</translation>
        </message>
        <message>
            <source>%1 could not be written: %2. The journal stands beside the job; put the job where it can be written.</source>
            <translation>%1 konnte nicht geschrieben werden: %2. Das Journal steht neben dem Auftrag; legen Sie den Auftrag dorthin, wo geschrieben werden kann.</translation>
        </message>
        <message>
            <source>%1 was changed since it was begun. Run it under another name, or remove %2 to begin anew.</source>
            <translation>%1 wurde geändert, seit er begonnen wurde. Führen Sie ihn unter anderem Namen aus, oder entfernen Sie %2, um neu zu beginnen.</translation>
        </message>
        <message>
            <source>%1 is no journal of a job. Remove it to begin anew.</source>
            <translation>%1 ist kein Journal eines Auftrags. Entfernen Sie es, um neu zu beginnen.</translation>
        </message>
        <message>
            <source>The folder %1 could not be made: %2.</source>
            <translation>Der Ordner %1 konnte nicht angelegt werden: %2.</translation>
        </message>
        <message>
            <source>%1 could not be written: %2.</source>
            <translation>%1 konnte nicht geschrieben werden: %2.</translation>
        </message>
        <message>
            <source>The job's journal could not be written: %1. The picture itself is finished.</source>
            <translation>Das Journal des Auftrags konnte nicht geschrieben werden: %1. Das Bild selbst ist fertig.</translation>
        </message>
        <message>
            <source>%1 was written, but is not there any more: has its disk gone?</source>
            <translation>%1 wurde geschrieben, ist aber nicht mehr da: ist sein Datenträger weg?</translation>
        </message>
        <message>
            <source>The folder %1 could not be made.</source>
            <translation>Der Ordner %1 konnte nicht angelegt werden.</translation>
        </message>
        <message>
            <source>%1 has no pictures in it.</source>
            <translation>%1 enthält keine Bilder.</translation>
        </message>
        <message>
            <source>The job has %1 frames; there is no number %2.</source>
            <translation>Der Auftrag hat %1 Bilder; Nummer %2 gibt es nicht.</translation>
        </message>
        <message>
            <source>%1 is a frame of the job itself; use another folder.</source>
            <translation>%1 ist ein Bild des Auftrags selbst; nehmen Sie einen anderen Ordner.</translation>
        </message>
        <message>
            <source>%1 of the files are there already (%2 and others). Say whether to replace, skip or number them, or use another folder.</source>
            <translation>%1 der Dateien sind schon da (%2 und andere). Sagen Sie, ob sie ersetzt, übersprungen oder nummeriert werden sollen, oder nehmen Sie einen anderen Ordner.</translation>
        </message>
        <message>
            <source>1 of the files is there already (%1). Say whether to replace, skip or number it, or use another folder.</source>
            <translation>1 der Dateien ist schon da (%1). Sagen Sie, ob sie ersetzt, übersprungen oder nummeriert werden soll, oder nehmen Sie einen anderen Ordner.</translation>
        </message>
        <message>
            <source>%1 is not CGATS text: %2</source>
            <translation>%1 ist kein CGATS-Text: %2</translation>
        </message>
        <message>
            <source>%1 has no data format.</source>
            <translation>%1 hat kein Datenformat.</translation>
        </message>
        <message>
            <source>%1 is empty.</source>
            <translation>%1 ist leer.</translation>
        </message>
        <message>
            <source>%1 refers to the colour specification "%2", which is not in the file.</source>
            <translation>%1 verweist auf die Farbspezifikation „%2“, die nicht in der Datei ist.</translation>
        </message>
        <message>
            <source>%1 was not measured under %2, but under %3.</source>
            <translation>%1 wurde nicht unter %2 gemessen, sondern unter %3.</translation>
        </message>
        <message>
            <source>%1 was measured under %2 (ISO 13655). Say which of them: they differ where the surface has a brightener.</source>
            <translation>%1 wurde unter %2 gemessen (ISO 13655). Sagen Sie, welches gilt: sie unterscheiden sich, wo die Fläche einen Aufheller hat.</translation>
        </message>
        <message>
            <source>%1: its spectrum is not a list of numbers.</source>
            <translation>%1: sein Spektrum ist keine Liste von Zahlen.</translation>
        </message>
        <message>
            <source>%1 has neither a reflectance spectrum nor CIE L*a*b* or XYZ.</source>
            <translation>%1 hat weder ein Reflexionsspektrum noch CIE L*a*b* oder XYZ.</translation>
        </message>
        <message>
            <source>%1 is not whole XML: %2 near character %3.</source>
            <translation>%1 ist kein ganzes XML: %2 nahe Zeichen %3.</translation>
        </message>
        <message>
            <source>%1 is XML, but not CxF.</source>
            <translation>%1 ist XML, aber kein CxF.</translation>
        </message>
        <message>
            <source>%1 has another kind of values than those before it.</source>
            <translation>%1 hat andere Werte als die davor.</translation>
        </message>
        <message>
            <source>%1 is of another illuminant, observer or measurement condition than those before it; give a file of one.</source>
            <translation>%1 ist von anderer Lichtart, anderem Beobachter oder anderer Messbedingung als die davor; geben Sie eine Datei mit einer.</translation>
        </message>
        <message>
            <source>%1 has a spectrum of another length.</source>
            <translation>%1 hat ein Spektrum anderer Länge.</translation>
        </message>
        <message>
            <source>%1 has no columns for L*, a*, b*, or X, Y, Z, or wavelengths.</source>
            <translation>%1 hat keine Spalten für L*, a*, b* oder X, Y, Z oder Wellenlängen.</translation>
        </message>
        <message>
            <source>%1: its wavelengths are not evenly apart at %2 nm.</source>
            <translation>%1: die Wellenlängen haben bei %2 nm keinen gleichen Abstand.</translation>
        </message>
        <message>
            <source>%1: "%2" is not a number.</source>
            <translation>%1: „%2“ ist keine Zahl.</translation>
        </message>
        <message>
            <source>There is no chart file %1, and no chart of that name ships with Refero (%2).</source>
            <translation>Es gibt keine Tafeldatei %1, und keine Tafel dieses Namens liegt Refero bei (%2).</translation>
        </message>
        <message>
            <source>%1 mixes the channels: it is not a curve but a LUT of three dimensions.</source>
            <translation>%1 mischt die Kanäle: das ist keine Kurve, sondern eine dreidimensionale LUT.</translation>
        </message>
        <message>
            <source>%1 bends its three channels differently; one curve for all is needed.</source>
            <translation>%1 biegt seine drei Kanäle verschieden; gebraucht wird eine Kurve für alle.</translation>
        </message>
        <message>
            <source>%1 is neither two columns of numbers nor a 1D LUT that can be read. Stored number and linear light are wanted on each line.</source>
            <translation>%1 ist weder zwei Spalten Zahlen noch eine lesbare 1D-LUT. In jeder Zeile werden gespeicherte Zahl und lineares Licht gebraucht.</translation>
        </message>
        <message>
            <source>%1 A curve file of that name is not there, either.</source>
            <translation>%1 Eine Kurvendatei dieses Namens gibt es auch nicht.</translation>
        </message>
        <message>
            <source>%1 could not be written as DNG.</source>
            <translation>%1 konnte nicht als DNG geschrieben werden.</translation>
        </message>
        <message>
            <source>A raw picture has at least 2 x 2 sites.</source>
            <translation>Ein Raw-Bild hat mindestens 2 x 2 Stellen.</translation>
        </message>
        <message>
            <source>A sensor has 8 to 16 bits.</source>
            <translation>Ein Sensor hat 8 bis 16 Bit.</translation>
        </message>
        <message>
            <source>%1 cannot be read.</source>
            <translation>%1 ist nicht lesbar.</translation>
        </message>
        <message>
            <source>%1 could not be read to its end.</source>
            <translation>%1 war nicht bis zum Ende lesbar.</translation>
        </message>
        <message>
            <source>The folder %1 holds too many files called %2.</source>
            <translation>Der Ordner %1 enthält zu viele Dateien namens %2.</translation>
        </message>
        <message>
            <source>%1 could not be copied: %2.</source>
            <translation>%1 konnte nicht kopiert werden: %2.</translation>
        </message>
        <message>
            <source>The copy of %1 is not what was read from the card. Check the disk and the card reader.</source>
            <translation>Die Kopie von %1 ist nicht, was von der Karte gelesen wurde. Prüfen Sie den Datenträger und das Lesegerät.</translation>
        </message>
        <message>
            <source>%1 could not be opened: %2.</source>
            <translation>%1 ließ sich nicht öffnen: %2.</translation>
        </message>
        <message>
            <source>%1 could not be flushed to the disk: %2.</source>
            <translation>%1 ließ sich nicht auf die Platte bringen: %2.</translation>
        </message>
        <message>
            <source>The folder %1 does not exist, so %2 was not written.</source>
            <translation>Den Ordner %1 gibt es nicht, darum wurde %2 nicht geschrieben.</translation>
        </message>
        <message>
            <source>%1 is a folder, not a file.</source>
            <translation>%1 ist ein Ordner, keine Datei.</translation>
        </message>
        <message>
            <source>%1 could not be replaced: %2.</source>
            <translation>%1 ließ sich nicht ersetzen: %2.</translation>
        </message>
        <message>
            <source>%1 %2 is as it was before.</source>
            <translation>%1 %2 ist, wie es war.</translation>
        </message>
        <message>
            <source>There is no file %1.</source>
            <translation>Es gibt keine Datei %1.</translation>
        </message>
        <message>
            <source>%1 is larger than %2 MB, which no file of this kind is.</source>
            <translation>%1 ist größer als %2 MB, was keine Datei dieser Art ist.</translation>
        </message>
        <message>
            <source>%1 could not be read: %2.</source>
            <translation>%1 war nicht lesbar: %2.</translation>
        </message>
        <message>
            <source>%1 is too large.</source>
            <translation>%1 ist zu groß.</translation>
        </message>
        <message>
            <source>%1 %2 and what belongs to it are as before.</source>
            <translation>%1 %2 und was dazugehört sind wie zuvor.</translation>
        </message>
        <message>
            <source>%1 %2 is as before.</source>
            <translation>%1 %2 ist wie zuvor.</translation>
        </message>
        <message>
            <source>%1 could not be written to.</source>
            <translation>In %1 ließ sich nicht schreiben.</translation>
        </message>
        <message>
            <source>%1 could not be written: the disk may be full or read-only.</source>
            <translation>%1 ließ sich nicht schreiben: Die Platte ist vielleicht voll oder nur lesbar.</translation>
        </message>
        <message>
            <source>%1 could not be put in its place.</source>
            <translation>%1 ließ sich nicht an seinen Platz bringen.</translation>
        </message>
        <message>
            <source>%1, line %2: %3</source>
            <translation>%1, Zeile %2: %3</translation>
        </message>
        <message>
            <source>%1: it states no size, so it is no .cube.</source>
            <translation>%1: es nennt keine Größe, ist also kein .cube.</translation>
        </message>
        <message>
            <source>%1: its domain is none: it must rise in each channel.</source>
            <translation>%1: der Definitionsbereich ist keiner: er muss in jedem Kanal steigen.</translation>
        </message>
        <message>
            <source>%1: %2 rows of numbers, where its size asks for %3.</source>
            <translation>%1: %2 Zeilen Zahlen, wo die Größe %3 verlangt.</translation>
        </message>
        <message>
            <source>The camera profile's matrices lead to no white for this grey.</source>
            <translation>Die Matrizen des Kameraprofils führen bei diesem Grau zu keinem Weiß.</translation>
        </message>
        <message>
            <source>The camera profile's colour matrix makes white black.</source>
            <translation>Die Farbmatrix des Kameraprofils macht Weiß schwarz.</translation>
        </message>
        <message>
            <source>%1 makes numbers that are not finite of plain greys.</source>
            <translation>%1 macht aus einfachen Grautönen Zahlen, die nicht endlich sind.</translation>
        </message>
        <message>
            <source>%1 cannot be read: %2</source>
            <translation>%1 ist nicht lesbar: %2</translation>
        </message>
        <message>
            <source>.cube, curves of %1 points</source>
            <translation>.cube, Kurven mit %1 Punkten</translation>
        </message>
        <message>
            <source>.cube, 3D of %1 points%2</source>
            <translation>.cube, 3D mit %1 Punkten%2</translation>
        </message>
        <message>
            <source> after curves</source>
            <translation> nach Kurven</translation>
        </message>
        <message>
            <source>OpenColorIO configuration, from %1 to %2, view %3</source>
            <translation>OpenColorIO-Konfiguration, von %1 nach %2, Ansicht %3</translation>
        </message>
        <message>
            <source>%1 cannot be used: %2</source>
            <translation>%1 ist nicht verwendbar: %2</translation>
        </message>
        <message>
            <source>%1 is no ICC profile, or it is damaged.</source>
            <translation>%1 ist kein ICC-Profil, oder beschädigt.</translation>
        </message>
        <message>
            <source>%1 is an ICC profile of another class. Only input profiles and device links for RGB do something to a camera's picture.</source>
            <translation>%1 ist ein ICC-Profil anderer Klasse. Nur Eingabeprofile und Device-Links für RGB tun etwas mit dem Bild einer Kamera.</translation>
        </message>
        <message>
            <source>ICC device link</source>
            <translation>ICC-Device-Link</translation>
        </message>
        <message>
            <source>ICC input profile</source>
            <translation>ICC-Eingabeprofil</translation>
        </message>
        <message>
            <source>%1 cannot be carried out by Little CMS.</source>
            <translation>%1 kann von Little CMS nicht ausgeführt werden.</translation>
        </message>
        <message>
            <source>%1 is for raw files; this reading is of an encoded frame.</source>
            <translation>%1 ist für Raw-Dateien; diese Messung ist von einem kodierten Bild.</translation>
        </message>
        <message>
            <source>%1 needs a grey to be balanced on, and no grey of the chart can be used.</source>
            <translation>%1 braucht ein Grau zum Abgleichen, und kein Grau der Tafel ist brauchbar.</translation>
        </message>
        <message>
            <source>Camera profile for two lights</source>
            <translation>Kameraprofil für zwei Lichter</translation>
        </message>
        <message>
            <source>Camera profile for one light</source>
            <translation>Kameraprofil für ein Licht</translation>
        </message>
        <message>
            <source>Of its two lights, the second has a share of %1 % in this one.</source>
            <translation>Von seinen zwei Lichtern hat das zweite in diesem einen Anteil von %1 %.</translation>
        </message>
        <message>
            <source>%1 is not there, or is no file.</source>
            <translation>%1 ist nicht da, oder keine Datei.</translation>
        </message>
        <message>
            <source>Decision list (CDL)</source>
            <translation>Entscheidungsliste (CDL)</translation>
        </message>
        <message>
            <source>%1 file</source>
            <translation>%1-Datei</translation>
        </message>
        <message>
            <source>%1 is no transform that can be assessed: .cube, .clf, .icc, .dcp, .cdl, an OpenColorIO configuration or a correction is.</source>
            <translation>%1 ist keine bewertbare Umrechnung: .cube, .clf, .icc, .dcp, .cdl, eine OpenColorIO-Konfiguration oder eine Korrektur ist es.</translation>
        </message>
        <message>
            <source>Correction, %1</source>
            <translation>Korrektur, %1</translation>
        </message>
        <message>
            <source>Nothing is done</source>
            <translation>Nichts geschieht</translation>
        </message>
        <message>
            <source>%1 is a raw file: its numbers are linear light, and no other encoding fits.</source>
            <translation>%1 ist eine Raw-Datei: ihre Zahlen sind lineares Licht, und keine andere Kodierung passt.</translation>
        </message>
        <message>
            <source>Its mosaic is not Bayer's: it was demosaiced by LibRaw, whose neighbours are alike.</source>
            <translation>Sein Mosaik ist kein Bayer-Muster: LibRaw hat es aufgelöst, und Nachbarn gleichen sich.</translation>
        </message>
        <message>
            <source>%1 is a folder, not a picture.</source>
            <translation>%1 ist ein Ordner, kein Bild.</translation>
        </message>
        <message>
            <source>%1 is empty: it has no bytes in it. Copy it from the card again.</source>
            <translation>%1 ist leer: es enthält keine Bytes. Kopieren Sie es noch einmal von der Karte.</translation>
        </message>
        <message>
            <source>%1 needs more memory than there is. Make a smaller copy and use that.</source>
            <translation>%1 braucht mehr Speicher, als da ist. Machen Sie eine kleinere Kopie und nehmen Sie die.</translation>
        </message>
        <message>
            <source>OpenColorIO could not write the decision list: %1</source>
            <translation>OpenColorIO konnte die Entscheidungsliste nicht schreiben: %1</translation>
        </message>
        <message>
            <source>A LUT's size must be 2 to 129 points a side; 33 and 65 are usual.</source>
            <translation>Die Größe einer LUT muss 2 bis 129 Punkte je Seite sein; üblich sind 33 und 65.</translation>
        </message>
        <message>
            <source>libtiff could not begin a camera profile.</source>
            <translation>libtiff konnte kein Kameraprofil beginnen.</translation>
        </message>
        <message>
            <source>libtiff could not write the camera profile.</source>
            <translation>libtiff konnte das Kameraprofil nicht schreiben.</translation>
        </message>
        <message>
            <source>That is no camera profile: it does not begin as one.</source>
            <translation>Das ist kein Kameraprofil: es beginnt nicht wie eines.</translation>
        </message>
        <message>
            <source>The camera profile has no matrices that could be read.</source>
            <translation>Das Kameraprofil hat keine lesbaren Matrizen.</translation>
        </message>
        <message>
            <source>Exiv2 could not read the camera profile: %1</source>
            <translation>Exiv2 konnte das Kameraprofil nicht lesen: %1</translation>
        </message>
        <message>
            <source>A camera profile's light is A, D50, D55, D65 or D75.</source>
            <translation>Das Licht eines Kameraprofils ist A, D50, D55, D65 oder D75.</translation>
        </message>
        <message>
            <source>The correction's matrix has no inverse.</source>
            <translation>Die Matrix der Korrektur hat keine Umkehrung.</translation>
        </message>
        <message>
            <source>A camera profile is for one light or for two.</source>
            <translation>Ein Kameraprofil ist für ein Licht oder für zwei.</translation>
        </message>
        <message>
            <source>A camera profile is for raw files; this correction is for frames encoded as %1. Write an ICC profile or a .cube for those.</source>
            <translation>Ein Kameraprofil ist für Raw-Dateien; diese Korrektur ist für als %1 kodierte Bilder. Schreiben Sie dafür ein ICC-Profil oder ein .cube.</translation>
        </message>
        <message>
            <source>State as many lights as there are corrections in the profile.</source>
            <translation>Nennen Sie so viele Lichter, wie Korrekturen im Profil sind.</translation>
        </message>
        <message>
            <source>The two corrections are of two bodies: %1 and %2.</source>
            <translation>Die beiden Korrekturen sind von zwei Gehäusen: %1 und %2.</translation>
        </message>
        <message>
            <source>Both corrections are for the same kind of light.</source>
            <translation>Beide Korrekturen sind für dieselbe Lichtart.</translation>
        </message>
        <message>
            <source>The two corrections' lights are too much alike to go between them.</source>
            <translation>Die Lichter der beiden Korrekturen sind sich zu ähnlich, um dazwischen zu gehen.</translation>
        </message>
        <message>
            <source>Refero does not write "%1"; it writes %2.</source>
            <translation>Refero schreibt kein „%1“; es schreibt %2.</translation>
        </message>
        <message>
            <source>Ten numbers cannot mix channels as a matrix does: strong colours stay off most.</source>
            <translation>Zehn Zahlen können Kanäle nicht mischen wie eine Matrix: kräftige Farben bleiben am weitesten daneben.</translation>
        </message>
        <message>
            <source>Decision list (ASC CDL)</source>
            <translation>Entscheidungsliste (ASC CDL)</translation>
        </message>
        <message>
            <source>Slope, offset and power of each channel and one saturation: ten numbers for a grading program.</source>
            <translation>Slope, Offset und Power jedes Kanals und eine Sättigung: zehn Zahlen für ein Grading-Programm.</translation>
        </message>
        <message>
            <source>Common LUT Format (.clf)</source>
            <translation>Common LUT Format (.clf)</translation>
        </message>
        <message>
            <source>All of the correction, its finish too; a matrix stays a matrix.</source>
            <translation>Die ganze Korrektur, auch ihr Finish; eine Matrix bleibt eine Matrix.</translation>
        </message>
        <message>
            <source>No size was tried.</source>
            <translation>Keine Größe wurde versucht.</translation>
        </message>
        <message>
            <source>Colours stay the camera's: a curve a channel can only balance, level and straighten greys.</source>
            <translation>Die Farben bleiben die der Kamera: eine Kurve je Kanal kann nur abgleichen, pegeln und Grautöne begradigen.</translation>
        </message>
        <message>
            <source>3D LUT (.cube)</source>
            <translation>3D-LUT (.cube)</translation>
        </message>
        <message>
            <source>All of the correction, its finish too, between grid points.</source>
            <translation>Die ganze Korrektur, auch ihr Finish, zwischen Gitterpunkten.</translation>
        </message>
        <message>
            <source>1D LUT (.cube)</source>
            <translation>1D-LUT (.cube)</translation>
        </message>
        <message>
            <source>Balance, level and the curves of the greys; a curve a channel cannot move colours.</source>
            <translation>Abgleich, Pegel und die Kurven der Grautöne; eine Kurve je Kanal kann Farben nicht bewegen.</translation>
        </message>
        <message>
            <source>What bends colours becomes a map of hue and saturation, which does not tell levels apart.</source>
            <translation>Was Farben biegt, wird eine Karte von Farbton und Sättigung, die Pegel nicht unterscheidet.</translation>
        </message>
        <message>
            <source>The balance is the raw developer's own: pick a grey of the chart with it.</source>
            <translation>Der Abgleich ist Sache des Raw-Entwicklers: wählen Sie damit ein Grau der Tafel.</translation>
        </message>
        <message>
            <source>Of the finish its contrast is the base tone curve, which each raw developer applies in its own way; the figures are without it.</source>
            <translation>Vom Finish ist der Kontrast die Grundtonkurve, die jeder Raw-Entwickler auf seine Weise anwendet; die Zahlen gelten ohne sie.</translation>
        </message>
        <message>
            <source>Camera profile (.dcp)</source>
            <translation>Kameraprofil (.dcp)</translation>
        </message>
        <message>
            <source>Matrices and a map of hue and saturation for raw developers, by the DNG specification.</source>
            <translation>Matrizen und eine Karte von Farbton und Sättigung für Raw-Entwickler, nach der DNG-Spezifikation.</translation>
        </message>
        <message>
            <source>The document does not read back as it was written.</source>
            <translation>Das Dokument liest sich nicht zurück, wie es geschrieben wurde.</translation>
        </message>
        <message>
            <source>Refero document (.json)</source>
            <translation>Refero-Dokument (.json)</translation>
        </message>
        <message>
            <source>The correction as it is, with all of its figures.</source>
            <translation>Die Korrektur, wie sie ist, mit allen Zahlen.</translation>
        </message>
        <message>
            <source>Only the nearest matrix is in it: a matrix cannot bend a hue.</source>
            <translation>Nur die nächste Matrix ist darin: eine Matrix kann keinen Farbton biegen.</translation>
        </message>
        <message>
            <source>Input profile, ICC 4</source>
            <translation>Eingabeprofil, ICC 4</translation>
        </message>
        <message>
            <source>True colours for a raw developer or an editor.</source>
            <translation>Wahre Farben für einen Raw-Entwickler oder ein Schnittprogramm.</translation>
        </message>
        <message>
            <source>Input profile, ICC 2</source>
            <translation>Eingabeprofil, ICC 2</translation>
        </message>
        <message>
            <source>The same for programs that read version 2 only.</source>
            <translation>Dasselbe für Programme, die nur Version 2 lesen.</translation>
        </message>
        <message>
            <source>OpenColorIO configuration</source>
            <translation>OpenColorIO-Konfiguration</translation>
        </message>
        <message>
            <source>A colour space for compositing, with its CLF file beside it.</source>
            <translation>Ein Farbraum fürs Compositing, mit seiner CLF-Datei daneben.</translation>
        </message>
        <message>
            <source>It is a table to read: nothing can be corrected with it.</source>
            <translation>Es ist eine Tabelle zum Lesen: korrigieren lässt sich damit nichts.</translation>
        </message>
        <message>
            <source>The table does not read back as it was written.</source>
            <translation>Die Tabelle liest sich nicht zurück, wie sie geschrieben wurde.</translation>
        </message>
        <message>
            <source>Table of the patches (.csv)</source>
            <translation>Tabelle der Felder (.csv)</translation>
        </message>
        <message>
            <source>What was read, what it should be, and what became of it; no correction to apply.</source>
            <translation>Was gemessen wurde, was es sein soll und was daraus wurde; keine Korrektur zum Anwenden.</translation>
        </message>
        <message>
            <source>Read back by %s, the file differs from the correction by up to %.2f CIEDE2000 (limit %.1f), by %.2f on average (limit %.1f).</source>
            <translation>Von %s zurückgelesen, weicht die Datei um bis zu %.2f CIEDE2000 von der Korrektur ab (Grenze %.1f), im Mittel um %.2f (Grenze %.1f).</translation>
        </message>
        <message>
            <source> A LUT fed with linear light is too coarse in the shadows: feed it srgb or acescct, or begin it with a shaper.</source>
            <translation> Eine LUT, die lineares Licht bekommt, ist in den Schatten zu grob: Geben Sie ihr srgb oder acescct oder beginnen Sie sie mit einem Shaper.</translation>
        </message>
        <message>
            <source> Ask for more points a side (97 or 129) where the program takes them, or feed it another encoding.</source>
            <translation> Nehmen Sie mehr Punkte je Seite (97 oder 129), wo das Programm sie annimmt, oder geben Sie ihr eine andere Kodierung.</translation>
        </message>
        <message>
            <source> Use an ICC profile, or feed it srgb.</source>
            <translation> Nehmen Sie ein ICC-Profil oder geben Sie ihr srgb.</translation>
        </message>
        <message>
            <source>An exposure offset is at most 8 stops.</source>
            <translation>Ein Belichtungsversatz ist höchstens 8 Blenden.</translation>
        </message>
        <message>
            <source>Only a 3D .cube begins with a shaper.</source>
            <translation>Nur ein 3D-.cube beginnt mit einem Shaper.</translation>
        </message>
        <message>
            <source>Only a .cube is made for video range.</source>
            <translation>Nur ein .cube wird für Videobereich gemacht.</translation>
        </message>
        <message>
            <source>A shaper is for linear light, which has no video range.</source>
            <translation>Ein Shaper ist für lineares Licht, das keinen Videobereich hat.</translation>
        </message>
        <message>
            <source>A shaper is for linear light; feed it linear.</source>
            <translation>Ein Shaper ist für lineares Licht; geben Sie linear hinein.</translation>
        </message>
        <message>
            <source>Only a camera profile is for two lights.</source>
            <translation>Nur ein Kameraprofil ist für zwei Lichter.</translation>
        </message>
        <message>
            <source>Only a camera profile has a base tone curve.</source>
            <translation>Nur ein Kameraprofil hat eine Grundtonkurve.</translation>
        </message>
        <message>
            <source>Only an ICC profile is made for balanced or unbalanced input.</source>
            <translation>Nur ein ICC-Profil wird für abgeglichene oder unabgeglichene Eingabe gemacht.</translation>
        </message>
        <message>
            <source>Only a profile can leave the level as it is.</source>
            <translation>Nur ein Profil kann den Pegel lassen, wie er ist.</translation>
        </message>
        <message>
            <source>Only a camera profile names its light.</source>
            <translation>Nur ein Kameraprofil nennt sein Licht.</translation>
        </message>
        <message>
            <source>OpenColorIO could not make the configuration: %1</source>
            <translation>OpenColorIO konnte die Konfiguration nicht machen: %1</translation>
        </message>
        <message>
            <source>A plate is an .exr in linear sRGB or ACEScg, without the finish.</source>
            <translation>Eine Plate ist ein .exr in linearem sRGB oder ACEScg, ohne Finish.</translation>
        </message>
        <message>
            <source>OpenColorIO could not show the plate: %1.</source>
            <translation>OpenColorIO konnte die Plate nicht zeigen: %1.</translation>
        </message>
        <message>
            <source>Through the view, by %s, the plate differs from the graded picture by up to %.2f CIEDE2000 (limit %.1f), by %.2f on average (limit %.1f). What it showed is kept aside as %s.</source>
            <translation>Durch die Ansicht, nach %s, weicht die Platte vom gegradeten Bild um bis zu %.2f CIEDE2000 ab (Grenze %.1f), im Mittel um %.2f (Grenze %.1f). Was sie zeigte, liegt beiseite als %s.</translation>
        </message>
        <message>
            <source>The plate and the graded picture are not of one size.</source>
            <translation>Plate und gegradetes Bild sind nicht gleich groß.</translation>
        </message>
        <message>
            <source>OpenColorIO could not read the file back: %1</source>
            <translation>OpenColorIO konnte die Datei nicht zurücklesen: %1</translation>
        </message>
        <message>
            <source>The camera profile does not read back with its lights.</source>
            <translation>Das Kameraprofil liest sich nicht mit seinen Lichtern zurück.</translation>
        </message>
        <message>
            <source>The camera profile does not read back with its tone curve.</source>
            <translation>Das Kameraprofil liest sich nicht mit seiner Tonkurve zurück.</translation>
        </message>
        <message>
            <source>Little CMS could not read the profile back.</source>
            <translation>Little CMS konnte das Profil nicht zurücklesen.</translation>
        </message>
        <message>
            <source>Little CMS could not make a transform of the profile.</source>
            <translation>Little CMS konnte aus dem Profil keine Umrechnung machen.</translation>
        </message>
        <message>
            <source>OpenColorIO could not write the transform: %1</source>
            <translation>OpenColorIO konnte die Umrechnung nicht schreiben: %1</translation>
        </message>
        <message>
            <source>That is no ICC profile, or a damaged one.</source>
            <translation>Das ist kein ICC-Profil, oder ein beschädigtes.</translation>
        </message>
        <message>
            <source>That ICC profile does not describe a display of red, green and blue.</source>
            <translation>Dieses ICC-Profil beschreibt keinen Bildschirm in Rot, Grün und Blau.</translation>
        </message>
        <message>
            <source>That ICC profile cannot be used to show pictures with.</source>
            <translation>Mit diesem ICC-Profil lassen sich keine Bilder zeigen.</translation>
        </message>
        <message>
            <source>An ICC profile cannot undo %1, whose linear values go beyond 1. Write a .cube for it.</source>
            <translation>Ein ICC-Profil kann %1 nicht umkehren, dessen lineare Werte über 1 gehen. Schreiben Sie dafür ein .cube.</translation>
        </message>
        <message>
            <source>An ICC profile cannot hold the curve "%1", which begins below no light. Write a .cube for it.</source>
            <translation>Ein ICC-Profil kann die Kurve „%1“ nicht fassen, die unter keinem Licht beginnt. Schreiben Sie dafür ein .cube.</translation>
        </message>
        <message>
            <source>Little CMS could not write the profile.</source>
            <translation>Little CMS konnte das Profil nicht schreiben.</translation>
        </message>
        <message>
            <source>Little CMS could not begin a profile.</source>
            <translation>Little CMS konnte kein Profil beginnen.</translation>
        </message>
        <message>
            <source>The correction's gain is too large for an ICC profile.</source>
            <translation>Die Verstärkung der Korrektur ist zu groß für ein ICC-Profil.</translation>
        </message>
        <message>
            <source>Little CMS could not write the profile's colours.</source>
            <translation>Little CMS konnte die Farben des Profils nicht schreiben.</translation>
        </message>
        <message>
            <source>Its embedded ICC profile is damaged.</source>
            <translation>Sein eingebettetes ICC-Profil ist beschädigt.</translation>
        </message>
        <message>
            <source>Its embedded ICC profile, "%1", does not describe RGB pictures.</source>
            <translation>Sein eingebettetes ICC-Profil, „%1“, beschreibt keine RGB-Bilder.</translation>
        </message>
        <message>
            <source>Its embedded ICC profile, "%1", cannot be used.</source>
            <translation>Sein eingebettetes ICC-Profil, „%1“, ist nicht verwendbar.</translation>
        </message>
        <message>
            <source>%1: its parts are nested too deeply.</source>
            <translation>%1: seine Teile sind zu tief verschachtelt.</translation>
        </message>
        <message>
            <source>%1: this is not JSON; it stops making sense at %2.</source>
            <translation>%1: das ist kein JSON; es ergibt bei %2 keinen Sinn mehr.</translation>
        </message>
        <message>
            <source>The part of Refero that reads and writes pictures could not be loaded: %1. Install Refero again.</source>
            <translation>Der Teil von Refero, der Bilder liest und schreibt, konnte nicht geladen werden: %1. Installieren Sie Refero neu.</translation>
        </message>
        <message>
            <source>Refero cannot write files ending in "%1"; use .exr, .tif, .png, .jpg or .dpx.</source>
            <translation>Refero kann keine Dateien auf „%1“ schreiben; nehmen Sie .exr, .tif, .png, .jpg oder .dpx.</translation>
        </message>
        <message>
            <source>"%1" is too long for a QR code.</source>
            <translation>„%1“ ist zu lang für einen QR-Code.</translation>
        </message>
        <message>
            <source>%1 has %2 kinds of colour sites; colour is measured in red, green and blue. Convert it to a linear TIFF and use that.</source>
            <translation>%1 hat %2 Arten Farbstellen; Farbe wird in Rot, Grün und Blau gemessen. Wandeln Sie es in ein lineares TIFF und nehmen Sie das.</translation>
        </message>
        <message>
            <source>%1 could not be demosaiced: %2.</source>
            <translation>%1 war nicht aufzulösen (Demosaicing): %2.</translation>
        </message>
        <message>
            <source>%1 does not say where its sensor clips.</source>
            <translation>%1 sagt nicht, wo sein Sensor beschneidet.</translation>
        </message>
        <message>
            <source>%1 could not be opened as a raw file: %2.</source>
            <translation>%1 konnte nicht als Raw-Datei geöffnet werden: %2.</translation>
        </message>
        <message>
            <source>%1 is damaged or incomplete: %2. Copy it from the card again.</source>
            <translation>%1 ist beschädigt oder unvollständig: %2. Kopieren Sie es noch einmal von der Karte.</translation>
        </message>
        <message>
            <source>%1 has another mosaic than Bayer's.</source>
            <translation>%1 hat ein anderes Mosaik als das von Bayer.</translation>
        </message>
        <message>
            <source>%1 carries no preview.</source>
            <translation>%1 enthält keine Vorschau.</translation>
        </message>
        <message>
            <source>No %1 was found, but this frame shows a %2. Read it with that chart.</source>
            <translation>Keine %1 wurde gefunden, aber dieses Bild zeigt eine %2. Messen Sie es mit jener Tafel.</translation>
        </message>
        <message>
            <source>No grey of the chart in %1 is usable.</source>
            <translation>Kein Grau der Tafel in %1 ist brauchbar.</translation>
        </message>
        <message>
            <source>No chart that Refero knows was found in this frame. Is the whole chart in it, in focus and not covered? If you can see it, choose the chart and set its four corners by hand.</source>
            <translation>In diesem Bild wurde keine Tafel gefunden, die Refero kennt. Ist die ganze Tafel darin, scharf und nicht verdeckt? Wenn Sie sie sehen, wählen Sie die Tafel und setzen ihre vier Ecken von Hand.</translation>
        </message>
        <message>
            <source>Camera</source>
            <translation>Kamera</translation>
        </message>
        <message>
            <source>not stated</source>
            <translation>nicht angegeben</translation>
        </message>
        <message>
            <source>White balance</source>
            <translation>Weißabgleich</translation>
        </message>
        <message>
            <source>as in the chart shot, set by hand: the file balances, and what the camera does by itself is added to it</source>
            <translation>wie in der Tafelaufnahme, von Hand gesetzt: die Datei gleicht ab, und was die Kamera selbst tut, kommt hinzu</translation>
        </message>
        <message>
            <source>as in the chart shot</source>
            <translation>wie in der Tafelaufnahme</translation>
        </message>
        <message>
            <source>%1 stops %2 the chart shot; the file takes it back</source>
            <translation>%1 Blenden %2 der Tafelaufnahme; die Datei nimmt es zurück</translation>
        </message>
        <message>
            <source>over</source>
            <translation>über</translation>
        </message>
        <message>
            <source>under</source>
            <translation>unter</translation>
        </message>
        <message>
            <source>The file is fed</source>
            <translation>Die Datei bekommt</translation>
        </message>
        <message>
            <source>, video range</source>
            <translation>, Videobereich</translation>
        </message>
        <message>
            <source>, full range</source>
            <translation>, voller Bereich</translation>
        </message>
        <message>
            <source>It gives</source>
            <translation>Sie gibt</translation>
        </message>
        <message>
            <source>Per cent of the signal (IRE)</source>
            <translation>Prozent des Signals (IRE)</translation>
        </message>
        <message>
            <source>Code of 1023</source>
            <translation>Code von 1023</translation>
        </message>
        <message>
            <source>Chart shot</source>
            <translation>Tafelaufnahme</translation>
        </message>
        <message>
            <source>Stops</source>
            <translation>Blenden</translation>
        </message>
        <message>
            <source>Mired</source>
            <translation>Mired</translation>
        </message>
        <message>
            <source>Its own</source>
            <translation>Eigene</translation>
        </message>
        <message>
            <source>Shared</source>
            <translation>Geteilt</translation>
        </message>
        <message>
            <source>Brings %1 to the reference values of %2.</source>
            <translation>Bringt %1 auf die Referenzwerte von %2.</translation>
        </message>
        <message>
            <source>this camera</source>
            <translation>diese Kamera</translation>
        </message>
        <message>
            <source>Makes %1 look like %2.</source>
            <translation>Lässt %1 aussehen wie %2.</translation>
        </message>
        <message>
            <source>Set at the camera</source>
            <translation>An der Kamera einzustellen</translation>
        </message>
        <message>
            <source>Exposed right when</source>
            <translation>Richtig belichtet, wenn</translation>
        </message>
        <message>
            <source>A waveform shows these per cent; a false-colour scale in per cent has its zones there.</source>
            <translation>Eine Waveform zeigt diese Prozente; eine Falschfarbenskala in Prozent hat dort ihre Zonen.</translation>
        </message>
        <message>
            <source>Exposed otherwise</source>
            <translation>Anders belichtet</translation>
        </message>
        <message>
            <source>Shared by</source>
            <translation>Geteilt von</translation>
        </message>
        <message>
            <source>Before and after it</source>
            <translation>Davor und danach</translation>
        </message>
        <message>
            <source>The level of the chart shot is in this file. A camera profile, a LUT or an exposure before or after it that brings the level as well brightens or darkens twice: switch one of them off.</source>
            <translation>Der Pegel der Tafelaufnahme ist in dieser Datei. Ein Kameraprofil, eine LUT oder eine Belichtung davor oder danach, die den Pegel ebenfalls bringt, hellt oder dunkelt doppelt: schalten Sie eines ab.</translation>
        </message>
        <message>
            <source>Figures are CIEDE2000 (CIE 142-2001) over the chart's patches; mired and stops are from what the chart shots share. %1</source>
            <translation>Zahlen sind CIEDE2000 (CIE 142-2001) über die Felder der Tafel; Mired und Blenden gegenüber dem, was die Aufnahmen teilen. %1</translation>
        </message>
        <message>
            <source>Step</source>
            <translation>Schritt</translation>
        </message>
        <message>
            <source>What to set</source>
            <translation>Was einzustellen ist</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Übrig</translation>
        </message>
        <message>
            <source>Nothing to do.</source>
            <translation>Nichts zu tun.</translation>
        </message>
        <message>
            <source>Each sector as in the table below.</source>
            <translation>Jeder Sektor wie in der Tabelle unten.</translation>
        </message>
        <message>
            <source>Sector</source>
            <translation>Sektor</translation>
        </message>
        <message>
            <source>Before and after</source>
            <translation>Vorher und nachher</translation>
        </message>
        <message>
            <source>Turn</source>
            <translation>Drehung</translation>
        </message>
        <message>
            <source>Lightness</source>
            <translation>Helligkeit</translation>
        </message>
        <message>
            <source>Wanted, by the recipe</source>
            <translation>Gewollt, nach dem Rezept</translation>
        </message>
        <message>
            <source>Wanted</source>
            <translation>Gewollt</translation>
        </message>
        <message>
            <source>Recipe</source>
            <translation>Rezept</translation>
        </message>
        <message>
            <source>Recipe for %1</source>
            <translation>Rezept für %1</translation>
        </message>
        <message>
            <source>%1 before, %2 in the end</source>
            <translation>%1 vorher, %2 am Ende</translation>
        </message>
        <message>
            <source>From the frame as it was recorded, in sRGB. The figures are the chart's mean difference (CIEDE2000) from the corrected picture after each step; what is left at most is %1 (%2).</source>
            <translation>Vom Bild, wie es aufgenommen wurde, in sRGB. Die Zahlen sind der mittlere Abstand der Tafel (CIEDE2000) vom korrigierten Bild nach jedem Schritt; höchstens bleibt %1 (%2).</translation>
        </message>
        <message>
            <source>The goal is %1. %2</source>
            <translation>Das Ziel ist %1. %2</translation>
        </message>
        <message>
            <source>In this order</source>
            <translation>In dieser Reihenfolge</translation>
        </message>
        <message>
            <source>Hues, sector by sector</source>
            <translation>Farbtöne, Sektor für Sektor</translation>
        </message>
        <message>
            <source>A positive turn is counter-clockwise in the a*b* plane, from red over yellow to green; lightness is L* of a colour of medium strength.</source>
            <translation>Eine positive Drehung geht in der a*b*-Ebene gegen den Uhrzeigersinn, von Rot über Gelb nach Grün; Helligkeit ist L* einer mittelkräftigen Farbe.</translation>
        </message>
        <message>
            <source>What is left, patch by patch</source>
            <translation>Was übrig ist, Feld für Feld</translation>
        </message>
        <message>
            <source>Found by optimising exactly these settings on the chart's patches. Made by Refero.</source>
            <translation>Gefunden durch Optimieren genau dieser Einstellungen an den Feldern der Tafel. Erstellt mit Refero.</translation>
        </message>
        <message>
            <source> UTC</source>
            <translation> UTC</translation>
        </message>
        <message>
            <source>Shot</source>
            <translation>Aufnahme</translation>
        </message>
        <message>
            <source>Chart frames</source>
            <translation>Tafelbilder</translation>
        </message>
        <message>
            <source>Frames are encoded as</source>
            <translation>Bilder sind kodiert als</translation>
        </message>
        <message>
            <source>Taken out of the light</source>
            <translation>Aus dem Licht genommen</translation>
        </message>
        <message>
            <source>Mended</source>
            <translation>Behoben</translation>
        </message>
        <message>
            <source>nothing: used as it was shot</source>
            <translation>nichts: benutzt, wie aufgenommen</translation>
        </message>
        <message>
            <source>Built</source>
            <translation>Gebaut</translation>
        </message>
        <message>
            <source>Judged as</source>
            <translation>Beurteilt als</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Prüfung</translation>
        </message>
        <message>
            <source>Verdict</source>
            <translation>Urteil</translation>
        </message>
        <message>
            <source>Limit</source>
            <translation>Grenze</translation>
        </message>
        <message>
            <source>Reason and remedy</source>
            <translation>Grund und Abhilfe</translation>
        </message>
        <message>
            <source>CIEDE2000</source>
            <translation>CIEDE2000</translation>
        </message>
        <message>
            <source>Half within</source>
            <translation>Hälfte innerhalb</translation>
        </message>
        <message>
            <source>95 % within</source>
            <translation>95 % innerhalb</translation>
        </message>
        <message>
            <source>Mean, 95 of 100</source>
            <translation>Mittel, 95 von 100</translation>
        </message>
        <message>
            <source>As they are</source>
            <translation>Wie sie sind</translation>
        </message>
        <message>
            <source>Balance alone</source>
            <translation>Abgleich allein</translation>
        </message>
        <message>
            <source>Patches left out in turn</source>
            <translation>Felder der Reihe nach ausgelassen</translation>
        </message>
        <message>
            <source>Before, reference, after</source>
            <translation>Vorher, Referenz, nachher</translation>
        </message>
        <message>
            <source>Reference</source>
            <translation>Referenz</translation>
        </message>
        <message>
            <source>%1 (not used)</source>
            <translation>%1 (nicht benutzt)</translation>
        </message>
        <message>
            <source>Not checked on another shot: what is said here is of the chart that it was built from.</source>
            <translation>Nicht an einer anderen Aufnahme geprüft: was hier steht, gilt für die Tafel, aus der sie gebaut wurde.</translation>
        </message>
        <message>
            <source>File</source>
            <translation>Datei</translation>
        </message>
        <message>
            <source>Bytes</source>
            <translation>Bytes</translation>
        </message>
        <message>
            <source>Read back</source>
            <translation>Gegengelesen</translation>
        </message>
        <message>
            <source>SHA-256</source>
            <translation>SHA-256</translation>
        </message>
        <message>
            <source>The chart frame</source>
            <translation>Das Tafelbild</translation>
        </message>
        <message>
            <source>Goes towards %1. %2</source>
            <translation>Führt zu %1. %2</translation>
        </message>
        <message>
            <source>The chart frame, corrected</source>
            <translation>Das Tafelbild, korrigiert</translation>
        </message>
        <message>
            <source>The chart shot</source>
            <translation>Die Tafelaufnahme</translation>
        </message>
        <message>
            <source>Patch by patch</source>
            <translation>Feld für Feld</translation>
        </message>
        <message>
            <source>Handed over</source>
            <translation>Übergeben</translation>
        </message>
        <message>
            <source>Differences are CIEDE2000; colours relative to D50 and the 2 degree observer. Made by Refero.</source>
            <translation>Abstände sind CIEDE2000; Farben relativ zu D50 und dem 2-Grad-Beobachter. Erstellt mit Refero.</translation>
        </message>
        <message>
            <source>Why, and what to do</source>
            <translation>Warum, und was zu tun ist</translation>
        </message>
        <message>
            <source>Not good</source>
            <translation>Nicht gut</translation>
        </message>
        <message>
            <source>Level only</source>
            <translation>Nur Pegel</translation>
        </message>
        <message>
            <source>Drift</source>
            <translation>Drift</translation>
        </message>
        <message>
            <source>Chroma noise</source>
            <translation>Farbrauschen</translation>
        </message>
        <message>
            <source>Clipped</source>
            <translation>Beschnitten</translation>
        </message>
        <message>
            <source>Steps lost</source>
            <translation>Verlorene Stufen</translation>
        </message>
        <message>
            <source>Skin %1</source>
            <translation>Haut %1</translation>
        </message>
        <message>
            <source>Grey %1</source>
            <translation>Grau %1</translation>
        </message>
        <message>
            <source>Red %1</source>
            <translation>Rot %1</translation>
        </message>
        <message>
            <source>Profiles</source>
            <translation>Profile</translation>
        </message>
        <message>
            <source>Noisier by, stops</source>
            <translation>Rauschen mehr um, Blenden</translation>
        </message>
        <message>
            <source>Look at what is marked</source>
            <translation>Sehen Sie das Markierte an</translation>
        </message>
        <message>
            <source>Not good in parts</source>
            <translation>Teils nicht gut</translation>
        </message>
        <message>
            <source>%1 chart shots of %2 in 1 recording profile.</source>
            <translation>%1 Tafelaufnahmen von %2 in 1 Aufzeichnungsprofil.</translation>
        </message>
        <message>
            <source>%1 chart shots of %2 in %3 recording profiles.</source>
            <translation>%1 Tafelaufnahmen von %2 in %3 Aufzeichnungsprofilen.</translation>
        </message>
        <message>
            <source>What it says</source>
            <translation>Was sie sagt</translation>
        </message>
        <message>
            <source>Each step with its level alone corrected.</source>
            <translation>Jeder Schritt nur im Pegel korrigiert.</translation>
        </message>
        <message>
            <source>%1, step by step</source>
            <translation>%1, Schritt für Schritt</translation>
        </message>
        <message>
            <source>Skin, red and grey: the base beside each step with its level alone corrected</source>
            <translation>Haut, Rot und Grau: die Basis neben jedem Schritt, nur im Pegel korrigiert</translation>
        </message>
        <message>
            <source>Profiles against each other</source>
            <translation>Profile gegeneinander</translation>
        </message>
        <message>
            <source>Differences are CIEDE2000. As shown: the picture as it is, its level matched. Level only: through the base's correction with this step's level. Corrected: through a correction of its own.</source>
            <translation>Abstände sind CIEDE2000. Wie gezeigt: das Bild, wie es ist, im Pegel angeglichen. Nur Pegel: durch die Korrektur der Basis mit dem Pegel dieses Schritts. Korrigiert: durch eine eigene Korrektur.</translation>
        </message>
        <message>
            <source>there is not enough memory for one of its pictures</source>
            <translation>für eines seiner Bilder reicht der Speicher nicht</translation>
        </message>
        <message>
            <source>its pixels are laid out in a way that cannot be read</source>
            <translation>seine Pixel sind auf unlesbare Art angeordnet</translation>
        </message>
        <message>
            <source>its colours cannot be undone (%1)</source>
            <translation>seine Farben lassen sich nicht umkehren (%1)</translation>
        </message>
        <message>
            <source>none of its pictures can be decoded</source>
            <translation>keines seiner Bilder lässt sich dekodieren</translation>
        </message>
        <message>
            <source>Clips go out in srgb, rec709, bt1886, display-p3, rec2020, rec2100-pq or rec2100-hlg; %1 cannot be said in a clip.</source>
            <translation>Clips gehen in srgb, rec709, bt1886, display-p3, rec2020, rec2100-pq oder rec2100-hlg hinaus; %1 lässt sich in einem Clip nicht sagen.</translation>
        </message>
        <message>
            <source>Clips cannot be written here: there is no Matroska writer.</source>
            <translation>Clips können hier nicht geschrieben werden: es fehlt ein Matroska-Schreiber.</translation>
        </message>
        <message>
            <source>%1 could not be begun: %2.</source>
            <translation>%1 konnte nicht begonnen werden: %2.</translation>
        </message>
        <message>
            <source>This system has no encoder for that kind of clip.</source>
            <translation>Dieses System hat keinen Encoder für diese Art Clip.</translation>
        </message>
        <message>
            <source>The encoder could not be begun: %1.</source>
            <translation>Der Encoder konnte nicht begonnen werden: %1.</translation>
        </message>
        <message>
            <source>The clip could not be begun.</source>
            <translation>Der Clip konnte nicht begonnen werden.</translation>
        </message>
        <message>
            <source>The clip's colours could not be set up.</source>
            <translation>Die Farben des Clips konnten nicht eingerichtet werden.</translation>
        </message>
        <message>
            <source>There is not enough memory for the clip's pictures.</source>
            <translation>Für die Bilder des Clips reicht der Speicher nicht.</translation>
        </message>
        <message>
            <source>The clip's pictures change their size, which cannot be written as one clip.</source>
            <translation>Die Bilder des Clips ändern ihre Größe; das lässt sich nicht als ein Clip schreiben.</translation>
        </message>
        <message>
            <source>The clip's colours could not be written.</source>
            <translation>Die Farben des Clips konnten nicht geschrieben werden.</translation>
        </message>
        <message>
            <source>A picture could not be encoded: %1.</source>
            <translation>Ein Bild konnte nicht kodiert werden: %1.</translation>
        </message>
        <message>
            <source>%1 could not be ended: %2.</source>
            <translation>%1 konnte nicht beendet werden: %2.</translation>
        </message>
        <message>
            <source>is damaged or incomplete: %1</source>
            <translation>ist beschädigt oder unvollständig: %1</translation>
        </message>
        <message>
            <source>%1 could not be opened as a picture: %2.</source>
            <translation>%1 konnte nicht als Bild geöffnet werden: %2.</translation>
        </message>
        <message>
            <source>%1 is incomplete: the file ends before its picture does. Copy it from the card again.</source>
            <translation>%1 ist unvollständig: die Datei endet vor ihrem Bild. Kopieren Sie sie noch einmal von der Karte.</translation>
        </message>
        <message>
            <source>%1 could not be rendered: %2.</source>
            <translation>%1 konnte nicht gerendert werden: %2.</translation>
        </message>
        <message>
            <source>%1 could not be read. %2</source>
            <translation>%1 war nicht lesbar. %2</translation>
        </message>
        <message>
            <source>It is no JPEG in colour.</source>
            <translation>Es ist kein JPEG in Farbe.</translation>
        </message>
        <message>
            <source>The JPEG is damaged.</source>
            <translation>Das JPEG ist beschädigt.</translation>
        </message>
        <message>
            <source>%1 is of a kind that cannot be written here.</source>
            <translation>%1 ist von einer Art, die hier nicht geschrieben werden kann.</translation>
        </message>
        <message>
            <source>%1 cannot be written: a JPEG has at most 65,500 pixels a side, and this picture has %2. Make it smaller, or write a .tif.</source>
            <translation>%1 kann nicht geschrieben werden: ein JPEG hat höchstens 65500 Pixel je Seite, dieses Bild hat %2. Verkleinern Sie es, oder schreiben Sie ein .tif.</translation>
        </message>
        <message>
            <source>%1 has no pixels.</source>
            <translation>%1 hat keine Pixel.</translation>
        </message>
        <message>
            <source>%1 has %2 megapixels (%3 x %4); Refero reads up to %5. Make a smaller copy and use that.</source>
            <translation>%1 hat %2 Megapixel (%3 x %4); Refero liest bis %5. Machen Sie eine kleinere Kopie und nehmen Sie die.</translation>
        </message>
        <message>
            <source>%1 is a grey picture with %2 channel(s); colour can only be measured in red, green and blue. Use the colour original.</source>
            <translation>%1 ist ein Graubild mit %2 Kanal/Kanälen; Farbe lässt sich nur in Rot, Grün und Blau messen. Nehmen Sie das farbige Original.</translation>
        </message>
        <message>
            <source>%1 has %2 channels that are not red, green, blue and alpha (a print separation, perhaps). Save it as RGB and use that.</source>
            <translation>%1 hat %2 Kanäle, die nicht Rot, Grün, Blau und Alpha sind (vielleicht Druckfarben). Sichern Sie es als RGB und nehmen Sie das.</translation>
        </message>
        <message>
            <source>%1 is a print separation (CMYK), not a camera's picture. Use the RGB original.</source>
            <translation>%1 ist ein Druckauszug (CMYK), kein Kamerabild. Nehmen Sie das RGB-Original.</translation>
        </message>
        <message>
            <source>%1 holds deep data; flatten it first.</source>
            <translation>%1 enthält Tiefendaten; flachen Sie es zuerst ab.</translation>
        </message>
        <message>
            <source>There is no setup in this shoot yet, so there is nothing to print.</source>
            <translation>In diesem Dreh gibt es noch keinen Aufbau, also nichts zu drucken.</translation>
        </message>
        <message>
            <source>%1 could not be laid out.</source>
            <translation>%1 konnte nicht gesetzt werden.</translation>
        </message>
        <message>
            <source>There is a chart with the id "%1" already, %2. Give this one another name.</source>
            <translation>Eine Tafel mit der id „%1“ gibt es schon, %2. Geben Sie dieser einen anderen Namen.</translation>
        </message>
        <message>
            <source>The chart %1 is not among your own any more.</source>
            <translation>Die Tafel %1 ist nicht mehr unter Ihren.</translation>
        </message>
        <message>
            <source>That copy of the chart is not in the kit any more.</source>
            <translation>Dieses Exemplar der Tafel ist nicht mehr in der Ausrüstung.</translation>
        </message>
        <message>
            <source>The values are of another chart, %1.</source>
            <translation>Die Werte sind von einer anderen Tafel, %1.</translation>
        </message>
        <message>
            <source>Its colours are lent; no chart was shot in this light.</source>
            <translation>Seine Farben sind geliehen; in diesem Licht wurde keine Tafel aufgenommen.</translation>
        </message>
        <message>
            <source>They belong to no setup, so no correction is theirs.</source>
            <translation>Sie gehören zu keinem Aufbau, also ist keine Korrektur ihre.</translation>
        </message>
        <message>
            <source>the disk is full. Free some space and do it again.</source>
            <translation>der Datenträger ist voll. Schaffen Sie Platz und tun Sie es noch einmal.</translation>
        </message>
        <message>
            <source>its folder cannot be written any more. Make it writable, or save a copy elsewhere.</source>
            <translation>in seinen Ordner kann nicht mehr geschrieben werden. Machen Sie ihn beschreibbar, oder sichern Sie anderswo eine Kopie.</translation>
        </message>
        <message>
            <source>another program is using the file. Close it there and do it again.</source>
            <translation>ein anderes Programm benutzt die Datei. Schließen Sie sie dort und tun Sie es noch einmal.</translation>
        </message>
        <message>
            <source>the file is damaged. Do not go on with it: salvage what can be read into a new one.</source>
            <translation>die Datei ist beschädigt. Machen Sie nicht damit weiter: retten Sie, was lesbar ist, in eine neue.</translation>
        </message>
        <message>
            <source>the disk gave an error. Save a copy elsewhere.</source>
            <translation>der Datenträger meldete einen Fehler. Sichern Sie anderswo eine Kopie.</translation>
        </message>
        <message>
            <source>%1 is not there.</source>
            <translation>%1 ist nicht da.</translation>
        </message>
        <message>
            <source>%1 is not a file.</source>
            <translation>%1 ist keine Datei.</translation>
        </message>
        <message>
            <source>%1 could not be read.</source>
            <translation>%1 war nicht lesbar.</translation>
        </message>
        <message>
            <source>%1 is not a Refero studio. It was not touched.</source>
            <translation>%1 ist kein Refero-Studio. Es wurde nicht angerührt.</translation>
        </message>
        <message>
            <source>Chosen: %1 By the rules: %2</source>
            <translation>Gewählt: %1 Nach den Regeln: %2</translation>
        </message>
        <message>
            <source>Lent, since no chart shot serves this light. %1</source>
            <translation>Geliehen, da keine Tafelaufnahme diesem Licht dient. %1</translation>
        </message>
        <message>
            <source>It is there already, as %1.</source>
            <translation>Es ist schon da, als %1.</translation>
        </message>
        <message>
            <source>It had moved and is found again.</source>
            <translation>Es war verschoben und ist wiedergefunden.</translation>
        </message>
        <message>
            <source>It is the same as another file that came with it.</source>
            <translation>Es ist dieselbe wie eine andere Datei, die mitkam.</translation>
        </message>
        <message>
            <source>Put here by hand.</source>
            <translation>Von Hand hierher gelegt.</translation>
        </message>
        <message>
            <source>Taken out of its setup by hand.</source>
            <translation>Von Hand aus seinem Aufbau genommen.</translation>
        </message>
        <message>
            <source>Its name has several lines. Rename it and bring it in again.</source>
            <translation>Ihr Name hat mehrere Zeilen. Benennen Sie sie um und bringen Sie sie noch einmal ein.</translation>
        </message>
        <message>
            <source>Its name has bytes that are not UTF-8. Rename it and bring it in again.</source>
            <translation>Ihr Name hat Bytes, die kein UTF-8 sind. Benennen Sie sie um und bringen Sie sie noch einmal ein.</translation>
        </message>
        <message>
            <source>Setup 1</source>
            <translation>Aufbau 1</translation>
        </message>
        <message>
            <source>It is in use: %1. Choose another there, or take them out, first.</source>
            <translation>Es ist in Gebrauch: %1. Wählen Sie dort zuerst ein anderes oder nehmen Sie diese heraus.</translation>
        </message>
        <message>
            <source>"%1" is none of unsorted, chart and subject.</source>
            <translation>„%1“ ist weder unsorted noch chart oder subject.</translation>
        </message>
        <message>
            <source>"%1" is none of sorted and by-hand.</source>
            <translation>„%1“ ist weder sorted noch by-hand.</translation>
        </message>
        <message>
            <source>Nothing in %1 can be read.</source>
            <translation>In %1 ist nichts lesbar.</translation>
        </message>
        <message>
            <source>Saved into %1: %2. Every list was whole.</source>
            <translation>In %1 gesichert: %2. Jede Liste war ganz.</translation>
        </message>
        <message>
            <source>Saved into %1: %2. Not whole: %3.</source>
            <translation>In %1 gesichert: %2. Nicht ganz: %3.</translation>
        </message>
        <message>
            <source>It was written by a newer Refero (file version %1, this one knows %2). It is unharmed; open it with the newer one.</source>
            <translation>Es wurde von einem neueren Refero geschrieben (Dateiversion %1, dieses kennt %2). Es ist unversehrt; öffnen Sie es mit dem neueren.</translation>
        </message>
        <message>
            <source>SQLite says: %1</source>
            <translation>SQLite sagt: %1</translation>
        </message>
        <message>
            <source>%1 cannot be written where it is.</source>
            <translation>%1 kann an seinem Ort nicht geschrieben werden.</translation>
        </message>
        <message>
            <source>%1 is open in another window of Refero.</source>
            <translation>%1 ist in einem anderen Fenster von Refero offen.</translation>
        </message>
        <message>
            <source>The history lacks "%1".</source>
            <translation>Der Geschichte fehlt „%1“.</translation>
        </message>
        <message>
            <source>%1 could not be opened</source>
            <translation>%1 konnte nicht geöffnet werden</translation>
        </message>
        <message>
            <source>%1 is damaged. %2. It was not touched. What can be read is saved by: refero-cli studio FILE salvage NEW</source>
            <translation>%1 ist beschädigt. %2. Es wurde nicht angerührt. Was lesbar ist, rettet: refero-cli studio FILE salvage NEW</translation>
        </message>
        <message>
            <source>%1 It is of an older version and must be writable once.</source>
            <translation>%1 Es ist von einer älteren Version und muss einmal beschreibbar sein.</translation>
        </message>
        <message>
            <source>There is nothing to undo.</source>
            <translation>Es gibt nichts rückgängig zu machen.</translation>
        </message>
        <message>
            <source>There is nothing to redo.</source>
            <translation>Es gibt nichts zu wiederholen.</translation>
        </message>
        <message>
            <source>The file holds other records than this window shows.</source>
            <translation>Die Datei enthält andere Einträge, als dieses Fenster zeigt.</translation>
        </message>
        <message>
            <source>A studio cannot be copied onto itself.</source>
            <translation>Ein Studio lässt sich nicht auf sich selbst kopieren.</translation>
        </message>
        <message>
            <source>%1 is there already; choose another name.</source>
            <translation>%1 gibt es schon; wählen Sie einen anderen Namen.</translation>
        </message>
        <message>
            <source>Expects the exposure that the shot has</source>
            <translation>Erwartet die Belichtung, die die Aufnahme hat</translation>
        </message>
        <message>
            <source>Expects %.1f stops %s</source>
            <translation>Erwartet %.1f Blenden %s</translation>
        </message>
        <message>
            <source>more</source>
            <translation>mehr</translation>
        </message>
        <message>
            <source>less</source>
            <translation>weniger</translation>
        </message>
        <message>
            <source>As it is, the mean is %.2f CIEDE2000; with the shot %.2f stops %s it is %.2f.</source>
            <translation>So wie es ist, ist das Mittel %.2f CIEDE2000; mit der Aufnahme um %.2f Blenden %s ist es %.2f.</translation>
        </message>
        <message>
            <source>lighter</source>
            <translation>heller</translation>
        </message>
        <message>
            <source>darker</source>
            <translation>dunkler</translation>
        </message>
        <message>
            <source>Expects the balance that the shot has</source>
            <translation>Erwartet den Abgleich, den die Aufnahme hat</translation>
        </message>
        <message>
            <source>Expects a light %.0f mired %s</source>
            <translation>Erwartet ein Licht, %.0f Mired %s</translation>
        </message>
        <message>
            <source>cooler</source>
            <translation>kühler</translation>
        </message>
        <message>
            <source>Its greys are nearest to grey there.</source>
            <translation>Dort sind seine Grautöne am nächsten an Grau.</translation>
        </message>
        <message>
            <source>No grey to judge by</source>
            <translation>Kein Grau zum Beurteilen</translation>
        </message>
        <message>
            <source>Greys are grey</source>
            <translation>Grautöne sind grau</translation>
        </message>
        <message>
            <source>Greys up to %.1f from grey</source>
            <translation>Grautöne bis %.1f von Grau</translation>
        </message>
        <message>
            <source>The grey of L* %1 is %2.</source>
            <translation>Das Grau von L* %1 ist %2.</translation>
        </message>
        <message>
            <source>No colour to judge by</source>
            <translation>Keine Farbe zum Beurteilen</translation>
        </message>
        <message>
            <source>not turned</source>
            <translation>nicht gedreht</translation>
        </message>
        <message>
            <source>turned %.0f degrees %s</source>
            <translation>um %.0f Grad gedreht, %s</translation>
        </message>
        <message>
            <source>from red towards yellow and green</source>
            <translation>von Rot zu Gelb und Grün</translation>
        </message>
        <message>
            <source>from yellow towards red and purple</source>
            <translation>von Gelb zu Rot und Purpur</translation>
        </message>
        <message>
            <source>Farthest off: %1, by %2</source>
            <translation>Am weitesten daneben: %1, um %2</translation>
        </message>
        <message>
            <source>They are %1, with %2 % of the chroma of the reference.</source>
            <translation>Sie sind %1, mit %2 % der Buntheit der Referenz.</translation>
        </message>
        <message>
            <source>balanced numbers</source>
            <translation>abgeglichenen Zahlen</translation>
        </message>
        <message>
            <source>the recorded numbers</source>
            <translation>den aufgenommenen Zahlen</translation>
        </message>
        <message>
            <source>Fed %1 in %2, it gives %3 (tried out; state it where you know better).</source>
            <translation>Gespeist mit %1 in %2, gibt es %3 (ausprobiert; geben Sie es an, wo Sie es besser wissen).</translation>
        </message>
        <message>
            <source>Fed %1 in %2, it gives %3.</source>
            <translation>Gespeist mit %1 in %2, gibt es %3.</translation>
        </message>
        <message>
            <source>%.2f from the reference values</source>
            <translation>%.2f von den Referenzwerten</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 at the exposure that it expects; %.2f as it is.</source>
            <translation>Mittleres CIEDE2000 bei der Belichtung, die es erwartet; so wie es ist, %.2f.</translation>
        </message>
        <message>
            <source>Keeps the order of colours</source>
            <translation>Hält die Reihenfolge der Farben</translation>
        </message>
        <message>
            <source>Turns colours over</source>
            <translation>Kehrt Farben um</translation>
        </message>
        <message>
            <source>At %.1f %% of the colours between those of the chart, one that changes one way is shown changing the other.</source>
            <translation>Bei %.1f %% der Farben zwischen denen der Tafel wird eine, die sich in eine Richtung ändert, in die andere gezeigt.</translation>
        </message>
        <message>
            <source>Greys get darker where they should get lighter.</source>
            <translation>Grautöne werden dunkler, wo sie heller werden sollten.</translation>
        </message>
        <message>
            <source>Smooth on even ramps</source>
            <translation>Glatt auf gleichmäßigen Verläufen</translation>
        </message>
        <message>
            <source>Makes steps</source>
            <translation>Macht Stufen</translation>
        </message>
        <message>
            <source>An even ramp through %s jumps by up to %.1f CIEDE2000.</source>
            <translation>Ein gleichmäßiger Verlauf durch %s springt um bis zu %.1f CIEDE2000.</translation>
        </message>
        <message>
            <source>Keeps near colours apart</source>
            <translation>Hält nahe Farben auseinander</translation>
        </message>
        <message>
            <source>Merges near colours</source>
            <translation>Verschmilzt nahe Farben</translation>
        </message>
        <message>
            <source>%1; the first are %2 apart and shown %3 apart.</source>
            <translation>%1; die ersten liegen %2 auseinander und werden %3 auseinander gezeigt.</translation>
        </message>
        <message>
            <source>Cuts colours off</source>
            <translation>Schneidet Farben ab</translation>
        </message>
        <message>
            <source>A channel ends at %1.</source>
            <translation>Ein Kanal endet bei %1.</translation>
        </message>
        <message>
            <source>Half a stop moves colours by %.1f</source>
            <translation>Eine halbe Blende bewegt Farben um %.1f</translation>
        </message>
        <message>
            <source>%.1f under and %.1f over, the level taken back; 20 mired warmer, %.1f.</source>
            <translation>%.1f darunter und %.1f darüber, der Pegel zurückgenommen; 20 Mired wärmer, %.1f.</translation>
        </message>
        <message>
            <source>no tint</source>
            <translation>keine Tönung</translation>
        </message>
        <message>
            <source>a tint towards magenta (Duv +%.3f)</source>
            <translation>eine Tönung zu Magenta (Duv +%.3f)</translation>
        </message>
        <message>
            <source>a tint towards green (Duv −%.3f)</source>
            <translation>eine Tönung zu Grün (Duv −%.3f)</translation>
        </message>
        <message>
            <source>, by the raw file's own matrix.</source>
            <translation>, nach der eigenen Matrix der Raw-Datei.</translation>
        </message>
        <message>
            <source>, on this body's scale (1 frame).</source>
            <translation>, auf der Skala dieses Gehäuses (1 Bild).</translation>
        </message>
        <message>
            <source>, on this body's scale (%1 frames).</source>
            <translation>, auf der Skala dieses Gehäuses (%1 Bilder).</translation>
        </message>
        <message>
            <source>The balance is right: %1%2</source>
            <translation>Der Abgleich stimmt: %1%2</translation>
        </message>
        <message>
            <source>Dial %1</source>
            <translation>Stellen Sie %1 ein</translation>
        </message>
        <message>
            <source>; it had %1, meant for a light %2 mired %3</source>
            <translation>; es waren %1, gedacht für ein Licht, %2 Mired %3</translation>
        </message>
        <message>
            <source>The raw file holds %1 bits; shadows that are lifted far show steps.</source>
            <translation>Die Raw-Datei hat %1 Bit; stark angehobene Schatten zeigen Stufen.</translation>
        </message>
        <message>
            <source>Its highlights are written in coarser steps (a lossy recording).</source>
            <translation>Ihre Lichter sind in gröberen Stufen geschrieben (eine verlustbehaftete Aufzeichnung).</translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>nichts</translation>
        </message>
        <message>
            <source>%1 stop</source>
            <translation>%1 Blende</translation>
        </message>
        <message>
            <source>%1 stops</source>
            <translation>%1 Blenden</translation>
        </message>
        <message>
            <source>Open up by %1.</source>
            <translation>Blenden Sie um %1 auf.</translation>
        </message>
        <message>
            <source>Close down by %1.</source>
            <translation>Blenden Sie um %1 ab.</translation>
        </message>
        <message>
            <source>The stored balance "%1" is near enough.</source>
            <translation>Der gespeicherte Abgleich „%1“ ist nah genug.</translation>
        </message>
        <message>
            <source>The camera's histogram is misled by its balance: it shows this light's strongest channel %1 stops lighter than the raw file holds it.</source>
            <translation>Das Histogramm der Kamera wird durch ihren Abgleich getäuscht: es zeigt den stärksten Kanal dieses Lichts %1 Blenden heller, als die Raw-Datei ihn hat.</translation>
        </message>
        <message>
            <source>The camera's histogram is misled by its balance: it shows this light's strongest channel %1 stops darker than the raw file holds it.</source>
            <translation>Das Histogramm der Kamera wird durch ihren Abgleich getäuscht: es zeigt den stärksten Kanal dieses Lichts %1 Blenden dunkler, als die Raw-Datei ihn hat.</translation>
        </message>
        <message>
            <source>The balance wandered by %1 mired over %2 frames of this light: fix it, so that JPEGs and clips match.</source>
            <translation>Der Abgleich wanderte um %1 Mired über %2 Bilder dieses Lichts: stellen Sie ihn fest, damit JPEGs und Clips zusammenpassen.</translation>
        </message>
        <message>
            <source>%1 patches</source>
            <translation>%1 Felder</translation>
        </message>
        <message>
            <source>Matrix</source>
            <translation>Matrix</translation>
        </message>
        <message>
            <source>Root polynomial 2</source>
            <translation>Wurzelpolynom 2</translation>
        </message>
        <message>
            <source>Root polynomial 3</source>
            <translation>Wurzelpolynom 3</translation>
        </message>
        <message>
            <source>Polynomial</source>
            <translation>Polynom</translation>
        </message>
        <message>
            <source>Lattice</source>
            <translation>Gitter</translation>
        </message>
        <message>
            <source>Hue sectors</source>
            <translation>Farbtonsektoren</translation>
        </message>
        <message>
            <source> (this light is %1 mired %2)</source>
            <translation> (dieses Licht ist %1 Mired %2)</translation>
        </message>
        <message>
            <source>The plan's rules lend it the chart shot of %1.</source>
            <translation>Die Regeln des Plans leihen ihm die Tafelaufnahme von %1.</translation>
        </message>
        <message>
            <source>Its colours are from the library: %1, the same body in the same kind of light%2.</source>
            <translation>Seine Farben kommen aus der Bibliothek: %1, dasselbe Gehäuse in derselben Lichtart%2.</translation>
        </message>
        <message>
            <source>Its light lies between two in the library: its colours are %1 %2 and for the rest %3.</source>
            <translation>Sein Licht liegt zwischen zweien der Bibliothek: seine Farben sind zu %1 %2 und im Übrigen %3.</translation>
        </message>
        <message>
            <source>Its colours are those of the same body in another light: %1%2. Shoot a chart where they matter.</source>
            <translation>Seine Farben sind die desselben Gehäuses in anderem Licht: %1%2. Nehmen Sie eine Tafel auf, wo es darauf ankommt.</translation>
        </message>
        <message>
            <source>Camera RGB is taken as BT.709, since no correction of this body is known.</source>
            <translation>Kamera-RGB wird als BT.709 genommen, da keine Korrektur dieses Gehäuses bekannt ist.</translation>
        </message>
        <message>
            <source>It is balanced on something neutral in this light.</source>
            <translation>Abgeglichen auf etwas Neutrales in diesem Licht.</translation>
        </message>
        <message>
            <source>It is balanced as the lender is.</source>
            <translation>Abgeglichen wie der Leihgeber.</translation>
        </message>
        <message>
            <source>It is balanced as the camera was, which nothing proves.</source>
            <translation>Abgeglichen wie die Kamera war, was nichts beweist.</translation>
        </message>
        <message>
            <source>lent by the plan's rules</source>
            <translation>geliehen nach den Regeln des Plans</translation>
        </message>
        <message>
            <source>lent by the library</source>
            <translation>geliehen aus der Bibliothek</translation>
        </message>
        <message>
            <source>lent by two lights of the library</source>
            <translation>geliehen von zwei Lichtern der Bibliothek</translation>
        </message>
        <message>
            <source>lent by another light of this body</source>
            <translation>geliehen von anderem Licht dieses Gehäuses</translation>
        </message>
        <message>
            <source>on a grey alone</source>
            <translation>auf ein Grau allein</translation>
        </message>
        <message>
            <source>The library's "%1" no longer agrees with this chart shot: they are %2 CIEDE2000 apart, where %3 was to be expected. A filter, another lens coating, a lamp of another make or a chart that has aged can be why.</source>
            <translation>„%1“ der Bibliothek passt nicht mehr zu dieser Tafelaufnahme: sie liegen %2 CIEDE2000 auseinander, wo %3 zu erwarten war. Ein Filter, eine andere Vergütung, eine Lampe anderer Machart oder eine gealterte Tafel kann der Grund sein.</translation>
        </message>
        <message>
            <source>Both show mid-grey equally bright.</source>
            <translation>Beide zeigen Mittelgrau gleich hell.</translation>
        </message>
        <message>
            <source>Both are exposed alike.</source>
            <translation>Beide sind gleich belichtet.</translation>
        </message>
        <message>
            <source>The follower shows mid-grey %.1f stops brighter than the leader.</source>
            <translation>Die folgende zeigt Mittelgrau %.1f Blenden heller als die führende.</translation>
        </message>
        <message>
            <source>The follower is exposed %.1f stops more than the leader.</source>
            <translation>Die folgende ist %.1f Blenden reichlicher belichtet als die führende.</translation>
        </message>
        <message>
            <source>The follower shows mid-grey %.1f stops darker than the leader.</source>
            <translation>Die folgende zeigt Mittelgrau %.1f Blenden dunkler als die führende.</translation>
        </message>
        <message>
            <source>The follower is exposed %.1f stops less than the leader.</source>
            <translation>Die folgende ist %.1f Blenden knapper belichtet als die führende.</translation>
        </message>
        <message>
            <source>%1 Two sensors do not tell whether the light was one; look at the places of the two charts.</source>
            <translation>%1 Zwei Sensoren sagen nicht, ob das Licht eines war; sehen Sie auf die Plätze der beiden Tafeln.</translation>
        </message>
        <message>
            <source>%1 Greys have the same warmth.</source>
            <translation>%1 Die Grautöne sind gleich warm.</translation>
        </message>
        <message>
            <source> Its greys are %.0f mired %s.</source>
            <translation> Ihre Grautöne sind %.0f Mired %s.</translation>
        </message>
        <message>
            <source> That is another light or another white balance, as of one chart in the shade and one in the sun: the match takes it out, unless balance is held back.</source>
            <translation> Das ist ein anderes Licht oder ein anderer Weißabgleich, wie bei einer Tafel im Schatten und einer in der Sonne: die Angleichung nimmt es heraus, wenn der Abgleich nicht zurückgehalten wird.</translation>
        </message>
        <message>
            <source>the chart's reference values</source>
            <translation>den Referenzwerten der Tafel</translation>
        </message>
        <message>
            <source>%1 through %2, as in %3</source>
            <translation>%1 durch %2, wie in %3</translation>
        </message>
        <message>
            <source>%1 through its correction, as in %2</source>
            <translation>%1 durch seine Korrektur, wie in %2</translation>
        </message>
        <message>
            <source>%1 as %2 shows it</source>
            <translation>%1, wie %2 es zeigt</translation>
        </message>
        <message>
            <source>The series</source>
            <translation>Die Reihe</translation>
        </message>
        <message>
            <source>Usable from %1 to %2</source>
            <translation>Brauchbar von %1 bis %2</translation>
        </message>
        <message>
            <source>below it colours drift</source>
            <translation>darunter wandern Farben</translation>
        </message>
        <message>
            <source>above it colours drift</source>
            <translation>darüber wandern Farben</translation>
        </message>
        <message>
            <source>below it chroma noise shows</source>
            <translation>darunter zeigt sich Farbrauschen</translation>
        </message>
        <message>
            <source>above it chroma noise shows</source>
            <translation>darüber zeigt sich Farbrauschen</translation>
        </message>
        <message>
            <source>below it nothing was shot</source>
            <translation>darunter wurde nichts aufgenommen</translation>
        </message>
        <message>
            <source>above it nothing was shot</source>
            <translation>darüber wurde nichts aufgenommen</translation>
        </message>
        <message>
            <source>%1 stops within a drift of %2 CIEDE2000 and a chroma noise of %3: %4, %5.</source>
            <translation>%1 Blenden innerhalb einer Drift von %2 CIEDE2000 und eines Farbrauschens von %3: %4, %5.</translation>
        </message>
        <message>
            <source>Shoot more steps on that side to know where it ends.</source>
            <translation>Nehmen Sie auf dieser Seite mehr Schritte auf, um zu wissen, wo sie endet.</translation>
        </message>
        <message>
            <source>Expose within it, or plan another recording profile.</source>
            <translation>Belichten Sie darin, oder planen Sie ein anderes Aufzeichnungsprofil.</translation>
        </message>
        <message>
            <source>Best exposed at %1</source>
            <translation>Am besten belichtet bei %1</translation>
        </message>
        <message>
            <source>Least drift and noise together with %.0f stop of room above white.</source>
            <translation>Geringste Drift und geringstes Rauschen zusammen, mit %.0f Blende Raum über Weiß.</translation>
        </message>
        <message>
            <source>Expose %s %.1f stops %s than this series' normal exposure.</source>
            <translation>Belichten Sie %s %.1f Blenden %s als die normale Belichtung dieser Reihe.</translation>
        </message>
        <message>
            <source>Records as its curve states</source>
            <translation>Zeichnet auf, wie die Kurve angibt</translation>
        </message>
        <message>
            <source>Records %.2f stops %s than its curve states</source>
            <translation>Zeichnet %.2f Blenden %s auf, als die Kurve angibt</translation>
        </message>
        <message>
            <source>%s fits the measured greys with an offset of %+.2f ± %.2f stops and misses them by %.1f codes of 1023.</source>
            <translation>%s passt zu den gemessenen Grautönen mit einem Versatz von %+.2f ± %.2f Blenden und verfehlt sie um %.1f Codes von 1023.</translation>
        </message>
        <message>
            <source> %s fits better: %.1f codes.</source>
            <translation> %s passt besser: %.1f Codes.</translation>
        </message>
        <message>
            <source>Rate it %.1f stops %s, or state the curve that it really has.</source>
            <translation>Stufen Sie sie %.1f Blenden %s ein, oder geben Sie die Kurve an, die sie wirklich hat.</translation>
        </message>
        <message>
            <source>higher</source>
            <translation>höher</translation>
        </message>
        <message>
            <source>lower</source>
            <translation>niedriger</translation>
        </message>
        <message>
            <source>In the unders %.2f a stop</source>
            <translation>Unterbelichtet %.2f je Blende</translation>
        </message>
        <message>
            <source>In the overs %.2f a stop</source>
            <translation>Überbelichtet %.2f je Blende</translation>
        </message>
        <message>
            <source>At %s, with its level alone corrected, colours are %.2f CIEDE2000 (%.2f to %.2f) from the base</source>
            <translation>Bei %s, nur im Pegel korrigiert, liegen Farben %.2f CIEDE2000 (%.2f bis %.2f) von der Basis</translation>
        </message>
        <message>
            <source>; greys are %1</source>
            <translation>; Grautöne sind %1</translation>
        </message>
        <message>
            <source>; %1 most: %2</source>
            <translation>; %1 am meisten: %2</translation>
        </message>
        <message>
            <source>Light more, or correct such shots with a chart of their own.</source>
            <translation>Beleuchten Sie mehr, oder korrigieren Sie solche Aufnahmen mit eigener Tafel.</translation>
        </message>
        <message>
            <source>Expose less, or correct such shots with a chart of their own.</source>
            <translation>Belichten Sie weniger, oder korrigieren Sie solche Aufnahmen mit eigener Tafel.</translation>
        </message>
        <message>
            <source>More than %.1f stops deep</source>
            <translation>Mehr als %.1f Blenden tief</translation>
        </message>
        <message>
            <source>%.1f stops deep</source>
            <translation>%.1f Blenden tief</translation>
        </message>
        <message>
            <source>Between clipping and a signal to noise of %.0f in green, one pixel of the file as it is, after the idea of ISO 15739%s.</source>
            <translation>Zwischen Clipping und einem Signal zu Rauschen von %.0f in Grün, ein Pixel der Datei, wie sie ist, nach der Idee von ISO 15739%s.</translation>
        </message>
        <message>
            <source>; nothing dark enough was shot to tell where it ends</source>
            <translation>; nichts Dunkles genug wurde aufgenommen, um zu sagen, wo es endet</translation>
        </message>
        <message>
            <source>; the noise of the darkest patches was continued</source>
            <translation>; das Rauschen der dunkelsten Felder wurde fortgesetzt</translation>
        </message>
        <message>
            <source>greys</source>
            <translation>Grautöne</translation>
        </message>
        <message>
            <source>reds</source>
            <translation>Rottöne</translation>
        </message>
        <message>
            <source>oranges</source>
            <translation>Orangetöne</translation>
        </message>
        <message>
            <source>yellows</source>
            <translation>Gelbtöne</translation>
        </message>
        <message>
            <source>yellow-greens</source>
            <translation>Gelbgrüntöne</translation>
        </message>
        <message>
            <source>greens</source>
            <translation>Grüntöne</translation>
        </message>
        <message>
            <source>blue-greens</source>
            <translation>Blaugrüntöne</translation>
        </message>
        <message>
            <source>blues</source>
            <translation>Blautöne</translation>
        </message>
        <message>
            <source>purple-blues</source>
            <translation>Purpurblautöne</translation>
        </message>
        <message>
            <source>purples</source>
            <translation>Purpurtöne</translation>
        </message>
        <message>
            <source>red-purples</source>
            <translation>Purpurrottöne</translation>
        </message>
        <message>
            <source>%.1f redder</source>
            <translation>%.1f röter</translation>
        </message>
        <message>
            <source>%.1f yellower</source>
            <translation>%.1f gelber</translation>
        </message>
        <message>
            <source>%.1f bluer</source>
            <translation>%.1f blauer</translation>
        </message>
        <message>
            <source>turned %1 degrees (%2 to %3) %4</source>
            <translation>um %1 Grad gedreht (%2 bis %3) %4</translation>
        </message>
        <message>
            <source>%.0f %% stronger</source>
            <translation>%.0f %% kräftiger</translation>
        </message>
        <message>
            <source>%.0f %% paler</source>
            <translation>%.0f %% blasser</translation>
        </message>
        <message>
            <source>%.1f lighter</source>
            <translation>%.1f heller</translation>
        </message>
        <message>
            <source>%.1f darker</source>
            <translation>%.1f dunkler</translation>
        </message>
        <message>
            <source>as they were</source>
            <translation>wie sie waren</translation>
        </message>
        <message>
            <source>%1: a step is missing at %2, between %3 and %4.</source>
            <translation>%1: ein Schritt fehlt bei %2, zwischen %3 und %4.</translation>
        </message>
        <message>
            <source>%1: %2 and %3 got the same exposure, %4.</source>
            <translation>%1: %2 und %3 bekamen dieselbe Belichtung, %4.</translation>
        </message>
        <message>
            <source>%1: %2 was shot out of order. The steps are sorted by what the chart shows.</source>
            <translation>%1: %2 wurde außer der Reihe aufgenommen. Die Schritte sind nach dem sortiert, was die Tafel zeigt.</translation>
        </message>
        <message>
            <source>%1: the camera was set to %2 stops more than the chart got. The chart counts; look whether the light or a filter changed.</source>
            <translation>%1: die Kamera war %2 Blenden reichlicher eingestellt, als die Tafel bekam. Die Tafel zählt; sehen Sie nach, ob sich Licht oder Filter änderten.</translation>
        </message>
        <message>
            <source>%1: the camera was set to %2 stops less than the chart got. The chart counts; look whether the light or a filter changed.</source>
            <translation>%1: die Kamera war %2 Blenden knapper eingestellt, als die Tafel bekam. Die Tafel zählt; sehen Sie nach, ob sich Licht oder Filter änderten.</translation>
        </message>
        <message>
            <source>%1: its light has another colour than that of its neighbours (by %2 stops of red or blue). It is left out.</source>
            <translation>%1: sein Licht hat eine andere Farbe als das seiner Nachbarn (um %2 Blenden Rot oder Blau). Es ist ausgelassen.</translation>
        </message>
        <message>
            <source>%1: its patches do not differ from the others' by an exposure (they miss by %2 stops). It is left out as another scene or light.</source>
            <translation>%1: seine Felder unterscheiden sich von denen der anderen nicht um eine Belichtung (sie verfehlen um %2 Blenden). Es ist als andere Szene oder anderes Licht ausgelassen.</translation>
        </message>
        <message>
            <source>%1: it shows another chart than most of the series and is left out.</source>
            <translation>%1: es zeigt eine andere Tafel als die meisten der Reihe und ist ausgelassen.</translation>
        </message>
        <message>
            <source>%1: no patch of it is usable beside the others, so its step cannot be told. It is left out.</source>
            <translation>%1: kein Feld davon ist neben den anderen brauchbar, der Schritt ist nicht zu bestimmen. Es ist ausgelassen.</translation>
        </message>
        <message>
            <source>%1: a stop of exposure is %2 stops in the recording. It does not follow the curve that it states.</source>
            <translation>%1: eine Blende Belichtung sind in der Aufzeichnung %2 Blenden. Sie folgt nicht der Kurve, die sie angibt.</translation>
        </message>
        <message>
            <source>%1: its greys miss the curve that it states by %2 codes of 1023.</source>
            <translation>%1: seine Grautöne verfehlen die angegebene Kurve um %2 Codes von 1023.</translation>
        </message>
        <message>
            <source>%1: its greys miss the curve that it states by %2 codes of 1023; %3 fits better.</source>
            <translation>%1: seine Grautöne verfehlen die angegebene Kurve um %2 Codes von 1023; %3 passt besser.</translation>
        </message>
        <message>
            <source>Chroma noise of %.1f</source>
            <translation>Farbrauschen von %.1f</translation>
        </message>
        <message>
            <source>Of one pixel in a* and b* at the base, after the full correction; at %.0f colours begin to look blotchy.</source>
            <translation>Eines Pixels in a* und b* an der Basis, nach der vollen Korrektur; ab %.0f sehen Farben fleckig aus.</translation>
        </message>
        <message>
            <source>Light more, or choose a lower sensitivity.</source>
            <translation>Beleuchten Sie mehr, oder wählen Sie eine niedrigere Empfindlichkeit.</translation>
        </message>
        <message>
            <source>%1 starts closest to neutral</source>
            <translation>%1 beginnt am nächsten an neutral</translation>
        </message>
        <message>
            <source>As it shows itself, with its level matched, %.1f CIEDE2000 from the reference values.</source>
            <translation>Wie es sich selbst zeigt, im Pegel angeglichen, %.1f CIEDE2000 von den Referenzwerten.</translation>
        </message>
        <message>
            <source>%1 left between %2 and %3</source>
            <translation>%1 übrig zwischen %2 und %3</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 once the second is made to look like the first; up to %.1f cuts together.</source>
            <translation>Mittleres CIEDE2000, wenn das zweite wie das erste gemacht ist; bis %.1f lässt es sich zusammenschneiden.</translation>
        </message>
        <message>
            <source>Do not cut these two profiles against each other.</source>
            <translation>Schneiden Sie diese zwei Profile nicht gegeneinander.</translation>
        </message>
        <message>
            <source>%1 is %2 stops noisier than %3</source>
            <translation>%1 rauscht %2 Blenden mehr als %3</translation>
        </message>
        <message>
            <source>Chroma noise after the full correction, told in stops of light at which photon noise is alike.</source>
            <translation>Farbrauschen nach der vollen Korrektur, in Blenden Licht, bei denen Photonenrauschen gleich ist.</translation>
        </message>
        <message>
            <source>Use it only where there is light to spare.</source>
            <translation>Nehmen Sie es nur, wo Licht übrig ist.</translation>
        </message>
        <message>
            <source>%1 colours move by %2 CIEDE2000 on average</source>
            <translation>%1 bewegen sich Farben im Mittel um %2 CIEDE2000</translation>
        </message>
        <message>
            <source>%1 colours stay as they are</source>
            <translation>%1 bleiben Farben, wie sie sind</translation>
        </message>
        <message>
            <source>, by %.2f at most (%s)</source>
            <translation>, höchstens um %.2f (%s)</translation>
        </message>
        <message>
            <source>, and %s and %zu more are clipped</source>
            <translation>, und %s und %zu weitere sind beschnitten</translation>
        </message>
        <message>
            <source>, and %1 is clipped</source>
            <translation>, und %1 ist beschnitten</translation>
        </message>
        <message>
            <source>mid-grey (18 %)</source>
            <translation>Mittelgrau (18 %)</translation>
        </message>
        <message>
            <source>white</source>
            <translation>Weiß</translation>
        </message>
        <message>
            <source>skin %1</source>
            <translation>Haut %1</translation>
        </message>
        <message>
            <source>code %.0f of 1023 (%.0f %% of the signal, green)</source>
            <translation>Code %.0f von 1023 (%.0f %% des Signals, Grün)</translation>
        </message>
        <message>
            <source>%1; %2. It holds </source>
            <translation>%1; %2. Sie hält </translation>
        </message>
        <message>
            <source>Half a stop under,</source>
            <translation>Eine halbe Blende darunter</translation>
        </message>
        <message>
            <source>half a stop over,</source>
            <translation>eine halbe Blende darüber</translation>
        </message>
        <message>
            <source>at any exposure within %.0f stops.</source>
            <translation>bei jeder Belichtung innerhalb %.0f Blenden.</translation>
        </message>
        <message>
            <source>from %.1f to %+.1f stops: there no patch moves by more than %.0f or is clipped.</source>
            <translation>von %.1f bis %+.1f Blenden: dort bewegt sich kein Feld um mehr als %.0f oder wird beschnitten.</translation>
        </message>
        <message>
            <source>Shared by %zu chart shots: %.2f CIEDE2000 where each is balanced and levelled, %.2f with corrections of their own, %.2f as the file is. %s pays most: %.2f instead of %.2f.</source>
            <translation>Von %zu Tafelaufnahmen geteilt: %.2f CIEDE2000, wo jede abgeglichen und gepegelt ist, %.2f mit eigenen Korrekturen, %.2f mit der Datei, wie sie ist. %s zahlt am meisten: %.2f statt %.2f.</translation>
        </message>
        <message>
            <source>Left out, since something lies there: %1.</source>
            <translation>Ausgelassen, weil dort etwas liegt: %1.</translation>
        </message>
        <message>
            <source>Left out, since a lamp is mirrored there: %1.</source>
            <translation>Ausgelassen, weil sich dort eine Lampe spiegelt: %1.</translation>
        </message>
        <message>
            <source>Left out, since clipped: %1.</source>
            <translation>Ausgelassen, weil beschnitten: %1.</translation>
        </message>
        <message>
            <source>Left out, since a shadow's edge crosses them: %1.</source>
            <translation>Ausgelassen, weil die Kante eines Schattens darüber läuft: %1.</translation>
        </message>
        <message>
            <source>Brought out of the shadow by %.2f stops (known to %.2f).</source>
            <translation>Aus dem Schatten geholt um %.2f Blenden (auf %.2f bekannt).</translation>
        </message>
        <message>
            <source>Brought out of the shadow by %1 stops (known to %2): %3.</source>
            <translation>Aus dem Schatten geholt um %1 Blenden (auf %2 bekannt): %3.</translation>
        </message>
        <message>
            <source>Uneven light taken out: %.2f stops from the lightest to the darkest place (known to %.2f).</source>
            <translation>Ungleiches Licht herausgenommen: %.2f Blenden vom hellsten zum dunkelsten Ort (auf %.2f bekannt).</translation>
        </message>
        <message>
            <source>Flare subtracted: %.2f %% of white (known to %.2f %%).</source>
            <translation>Streulicht abgezogen: %.2f %% von Weiß (auf %.2f %% bekannt).</translation>
        </message>
        <message>
            <source> Its size is not known; its longer side is taken for %1 mm.</source>
            <translation> Ihre Größe ist nicht bekannt; ihre längere Seite gilt als %1 mm.</translation>
        </message>
        <message>
            <source>Layout learned from %1.</source>
            <translation>Anordnung aus %1 gelernt.</translation>
        </message>
        <message>
            <source>%1 knows the layout of a chart and not its colours; give its data.</source>
            <translation>%1 kennt die Anordnung einer Tafel und nicht ihre Farben; geben Sie ihre Daten.</translation>
        </message>
        <message>
            <source>%1 patches.</source>
            <translation>%1 Felder.</translation>
        </message>
        <message>
            <source>The setup's reading is gone, so there is nothing to keep a correction for.</source>
            <translation>Die Messung des Aufbaus ist weg, also gibt es nichts, wofür eine Korrektur zu behalten wäre.</translation>
        </message>
        <message>
            <source>A colour counts beside a chart that was read; this setup has none.</source>
            <translation>Eine Farbe zählt neben einer gemessenen Tafel; dieser Aufbau hat keine.</translation>
        </message>
        <message>
            <source>That place is not in the frame.</source>
            <translation>Diese Stelle ist nicht im Bild.</translation>
        </message>
        <message>
            <source>Add the chart %1</source>
            <translation>Tafel %1 hinzufügen</translation>
        </message>
        <message>
            <source>Looking at a frame</source>
            <translation>Ein Bild wird angesehen</translation>
        </message>
        <message>
            <source>Nothing in there can be read as a picture or a clip. Give the card's folder, or frames.</source>
            <translation>Nichts darin ist als Bild oder Clip lesbar. Geben Sie den Ordner der Karte, oder Bilder.</translation>
        </message>
        <message>
            <source>Reading the chart of %1</source>
            <translation>Die Tafel von %1 wird gemessen</translation>
        </message>
        <message>
            <source>Correcting %1</source>
            <translation>%1 wird korrigiert</translation>
        </message>
        <message>
            <source>Looking for colours for %1</source>
            <translation>Farben für %1 werden gesucht</translation>
        </message>
        <message>
            <source>Build correction for %1, mended</source>
            <translation>Korrektur für %1 bauen, behoben</translation>
        </message>
        <message>
            <source>The folder %1 cannot be made: %2.</source>
            <translation>Der Ordner %1 lässt sich nicht anlegen: %2.</translation>
        </message>
        <message>
            <source>Handing over %1 to the %2</source>
            <translation>%1 wird übergeben an: %2</translation>
        </message>
        <message>
            <source>Quick pictures of %1</source>
            <translation>Schnelle Bilder von %1</translation>
        </message>
        <message>
            <source>Rendering frames of %1</source>
            <translation>Bilder von %1 werden gerendert</translation>
        </message>
        <message>
            <source>No chart was shot in this light.</source>
            <translation>In diesem Licht wurde keine Tafel aufgenommen.</translation>
        </message>
        <message>
            <source>It is the chart shot.</source>
            <translation>Es ist die Tafelaufnahme.</translation>
        </message>
        <message>
            <source>Its setup has no correction.</source>
            <translation>Sein Aufbau hat keine Korrektur.</translation>
        </message>
        <message>
            <source>No receiver was to get frames, or they have it already.</source>
            <translation>Kein Empfänger sollte Bilder bekommen, oder er hat es schon.</translation>
        </message>
        <message>
            <source>0 of %1 frames</source>
            <translation>0 von %1 Bildern</translation>
        </message>
        <message>
            <source>Hand over %1</source>
            <translation>%1 übergeben</translation>
        </message>
        <message>
            <source>There is no configuration to look at a plate through.</source>
            <translation>Es gibt keine Konfiguration, durch die eine Plate anzusehen wäre.</translation>
        </message>
        <message>
            <source>1 month; to be replaced after %1</source>
            <translation>1 Monat; nach %1 zu ersetzen</translation>
        </message>
        <message>
            <source>%1 months; to be replaced after %2</source>
            <translation>%1 Monate; nach %2 zu ersetzen</translation>
        </message>
        <message>
            <source>%s at %g %%</source>
            <translation>%s bei %g %%</translation>
        </message>
        <message>
            <source>Shoot</source>
            <translation>Dreh</translation>
        </message>
        <message>
            <source>Chart copy</source>
            <translation>Tafelexemplar</translation>
        </message>
        <message>
            <source>Copy made on</source>
            <translation>Exemplar hergestellt am</translation>
        </message>
        <message>
            <source>Its age at the shot</source>
            <translation>Sein Alter bei der Aufnahme</translation>
        </message>
        <message>
            <source>Its values</source>
            <translation>Seine Werte</translation>
        </message>
        <message>
            <source>Reads back as written</source>
            <translation>Liest sich zurück, wie geschrieben</translation>
        </message>
        <message>
            <source>%1 on average, %2 at most, by %3, from the graded picture</source>
            <translation>%1 im Mittel, %2 höchstens, von %3, aus dem gegradeten Bild</translation>
        </message>
        <message>
            <source>%1 on average, %2 at most, by %3, which read it back</source>
            <translation>%1 im Mittel, %2 höchstens, von %3 gegengelesen</translation>
        </message>
        <message>
            <source>Match %1 again</source>
            <translation>%1 noch einmal angleichen</translation>
        </message>
        <message>
            <source>The chart is to be shot again, and nothing can be built on this shot: %1</source>
            <translation>Die Tafel ist noch einmal aufzunehmen, und auf dieser Aufnahme lässt sich nichts bauen: %1</translation>
        </message>
        <message>
            <source>The chart is to be shot again; nothing is built on this shot.</source>
            <translation>Die Tafel ist noch einmal aufzunehmen; auf dieser Aufnahme wird nichts gebaut.</translation>
        </message>
        <message>
            <source>The chart is to be shot again if that is possible; its faults were mended.</source>
            <translation>Die Tafel ist, wenn möglich, noch einmal aufzunehmen; ihre Fehler wurden behoben.</translation>
        </message>
        <message>
            <source>The place of the grey is not in %1.</source>
            <translation>Die Stelle des Graus ist nicht in %1.</translation>
        </message>
        <message>
            <source>No grey card was found in %1. Say where something neutral is, as --grey "x,y,width,height" in pixels.</source>
            <translation>In %1 wurde keine Graukarte gefunden. Sagen Sie, wo etwas Neutrales ist, als --grey "x,y,Breite,Höhe" in Pixeln.</translation>
        </message>
        <message>
            <source>A grey's reflectance must be 0.02 to 1; the usual card has 0.18.</source>
            <translation>Die Reflexion eines Graus muss 0,02 bis 1 sein; die übliche Karte hat 0,18.</translation>
        </message>
        <message>
            <source>The grey in %1 is clipped, so its colour is lost. Use a darker one.</source>
            <translation>Das Grau in %1 ist beschnitten, seine Farbe verloren. Nehmen Sie ein dunkleres.</translation>
        </message>
        <message>
            <source>The grey in %1 is too dark to balance on. Use a lighter one.</source>
            <translation>Das Grau in %1 ist zum Abgleichen zu dunkel. Nehmen Sie ein helleres.</translation>
        </message>
        <message>
            <source>%1, on a grey</source>
            <translation>%1, auf ein Grau</translation>
        </message>
        <message>
            <source>From a grey alone: balance and level are measured. %1 Nothing proves its colours; shoot a chart where they matter.</source>
            <translation>Aus einem Grau allein: Abgleich und Pegel sind gemessen. %1 Nichts beweist seine Farben; nehmen Sie eine Tafel auf, wo es darauf ankommt.</translation>
        </message>
        <message>
            <source>Import %1</source>
            <translation>%1 einbringen</translation>
        </message>
        <message>
            <source>Import %1 files</source>
            <translation>%1 Dateien einbringen</translation>
        </message>
        <message>
            <source>Sort the frames</source>
            <translation>Bilder sortieren</translation>
        </message>
        <message>
            <source>That place is not in the leader's picture.</source>
            <translation>Diese Stelle ist nicht im Bild der führenden Kamera.</translation>
        </message>
        <message>
            <source>A setup cannot follow itself. Choose another that leads.</source>
            <translation>Ein Aufbau kann sich nicht selbst folgen. Wählen Sie einen anderen, der führt.</translation>
        </message>
        <message>
            <source>%1, %2 has no chart reading yet, so that it can neither lead nor follow. Read its chart shot first.</source>
            <translation>%1, %2 hat noch keine Messung und kann weder führen noch folgen. Messen Sie zuerst seine Tafelaufnahme.</translation>
        </message>
        <message>
            <source>%1, to %2</source>
            <translation>%1, an %2</translation>
        </message>
        <message>
            <source>The chart shot that it was matched to is not part of this shoot any more.</source>
            <translation>Die Tafelaufnahme, an die angeglichen wurde, gehört nicht mehr zu diesem Dreh.</translation>
        </message>
        <message>
            <source>The leading camera's reading, its correction or the transform that it is seen through has changed since. Match again.</source>
            <translation>Messung oder Korrektur der führenden Kamera oder die Umrechnung, durch die sie gesehen wird, hat sich seither geändert. Gleichen Sie noch einmal an.</translation>
        </message>
        <message>
            <source>That place is not in the follower's picture.</source>
            <translation>Diese Stelle ist nicht im Bild der folgenden Kamera.</translation>
        </message>
        <message>
            <source>: about %.0f mired warmer</source>
            <translation>: etwa %.0f Mired wärmer</translation>
        </message>
        <message>
            <source>: about %.0f mired cooler</source>
            <translation>: etwa %.0f Mired kühler</translation>
        </message>
        <message>
            <source> and %.1f stops brighter</source>
            <translation> und %.1f Blenden heller</translation>
        </message>
        <message>
            <source> and %.1f stops darker</source>
            <translation> und %.1f Blenden dunkler</translation>
        </message>
        <message>
            <source>%1 than before</source>
            <translation>%1 als zuvor</translation>
        </message>
        <message>
            <source>The first frames of %1.</source>
            <translation>Die ersten Bilder von %1.</translation>
        </message>
        <message>
            <source>a camera without a name</source>
            <translation>einer Kamera ohne Namen</translation>
        </message>
        <message>
            <source>The lens was changed to %1.</source>
            <translation>Das Objektiv wechselte zu %1.</translation>
        </message>
        <message>
            <source>Nothing was taken for %.0f minutes before.</source>
            <translation>Davor wurde %.0f Minuten nichts aufgenommen.</translation>
        </message>
        <message>
            <source>A chart was shot.</source>
            <translation>Eine Tafel wurde aufgenommen.</translation>
        </message>
        <message>
            <source>A chart was shot in another light%1.</source>
            <translation>Eine Tafel wurde in anderem Licht aufgenommen%1.</translation>
        </message>
        <message>
            <source>Taken among the frames of a setup that is there, or soon after.</source>
            <translation>Unter den Bildern eines vorhandenen Aufbaus aufgenommen, oder bald danach.</translation>
        </message>
        <message>
            <source>Put together by hand.</source>
            <translation>Von Hand zusammengestellt.</translation>
        </message>
        <message>
            <source>Begin a proposed setup</source>
            <translation>Einen vorgeschlagenen Aufbau beginnen</translation>
        </message>
        <message>
            <source>Begin %1 proposed setups</source>
            <translation>%1 vorgeschlagene Aufbauten beginnen</translation>
        </message>
        <message>
            <source>The frames of a proposed setup have gone; bring them in again.</source>
            <translation>Die Bilder eines vorgeschlagenen Aufbaus sind weg; bringen Sie sie noch einmal ein.</translation>
        </message>
        <message>
            <source>%1 is too poor a chart shot to correct the camera's own pictures by.</source>
            <translation>%1 ist eine zu schlechte Tafelaufnahme, um die eigenen Bilder der Kamera danach zu korrigieren.</translation>
        </message>
        <message>
            <source>Quick, %1</source>
            <translation>Schnell, %1</translation>
        </message>
        <message>
            <source>"%1" is no receiver; it is raw, editor, compositor, client or archive.</source>
            <translation>„%1“ ist kein Empfänger; es gibt raw, editor, compositor, client oder archive.</translation>
        </message>
        <message>
            <source>Raw developer</source>
            <translation>Raw-Entwickler</translation>
        </message>
        <message>
            <source>Editor</source>
            <translation>Schnitt</translation>
        </message>
        <message>
            <source>Compositor</source>
            <translation>Compositing</translation>
        </message>
        <message>
            <source>Archive</source>
            <translation>Archiv</translation>
        </message>
        <message>
            <source>The library is empty: build a correction from a chart shot first.</source>
            <translation>Die Bibliothek ist leer: bauen Sie zuerst eine Korrektur aus einer Tafelaufnahme.</translation>
        </message>
        <message>
            <source>what was marked as grey</source>
            <translation>was als Grau markiert wurde</translation>
        </message>
        <message>
            <source>what looks like a grey card</source>
            <translation>was wie eine Graukarte aussieht</translation>
        </message>
        <message>
            <source>No place yet</source>
            <translation>Noch kein Ort</translation>
        </message>
        <message>
            <source>Shoot of %1</source>
            <translation>Dreh vom %1</translation>
        </message>
        <message>
            <source>Setup %1</source>
            <translation>Aufbau %1</translation>
        </message>
        <message>
            <source>Its setup was begun with it.</source>
            <translation>Sein Aufbau wurde damit begonnen.</translation>
        </message>
        <message>
            <source>%1, shared by %2</source>
            <translation>%1, geteilt von %2</translation>
        </message>
        <message>
            <source>%+.1f stops</source>
            <translation>%+.1f Blenden</translation>
        </message>
        <message>
            <source>%1 of this setup went out and brings the level, too (%2): one after the other they bring it twice. Let a profile leave the level, or use one alone.</source>
            <translation>%1 dieses Aufbaus ging hinaus und bringt den Pegel auch (%2): hintereinander bringen sie ihn doppelt. Lassen Sie ein Profil den Pegel lassen, oder nehmen Sie eines allein.</translation>
        </message>
        <message>
            <source>Say which camera it was: one of the kit, or another's name.</source>
            <translation>Sagen Sie, welche Kamera es war: eine der Ausrüstung, oder den Namen einer anderen.</translation>
        </message>
        <message>
            <source>The studio has no shoot yet; plan one or bring frames in first.</source>
            <translation>Das Studio hat noch keinen Dreh; planen Sie einen oder bringen Sie Bilder ein.</translation>
        </message>
    </context>
</TS>
