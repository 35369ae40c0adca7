<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr" sourcelanguage="en">
    <context>
        <name>AbPlot</name>
        <message>
            <source>Errors in the a*b* plane</source>
            <translation>Erreurs dans le plan a*b*</translation>
        </message>
        <message>
            <source>Ring: where a patch belongs. Thin line: from where balance alone puts it. Dot: where the correction puts it. a* runs from green to red, b* from blue to yellow.</source>
            <translation>Anneau : la place d'une plage. Trait fin : d'où la balance seule la met. Point : où la correction la met. a* va du vert au rouge, b* du bleu au jaune.</translation>
        </message>
        <message>
            <source>Where colours move</source>
            <translation>Où vont les couleurs</translation>
        </message>
        <message>
            <source>Nothing to show.</source>
            <translation>Rien à montrer.</translation>
        </message>
        <message>
            <source>%1 belongs at a* %2, b* %3; it was %4 CIEDE2000 away and is %5 now.</source>
            <translation>%1 va à a* %2, b* %3 ; à %4 CIEDE2000 avant, à %5 maintenant.</translation>
        </message>
    </context>
    <context>
        <name>refero::AbPlot</name>
        <message>
            <source>Errors in the a*b* plane</source>
            <translation>Erreurs dans le plan a*b*</translation>
        </message>
        <message>
            <source>Ring: where a patch belongs. Thin line: from where balance alone puts it. Dot: where the correction puts it. a* runs from green to red, b* from blue to yellow.</source>
            <translation>Anneau : la place d'une plage. Trait fin : d'où la balance seule la met. Point : où la correction la met. a* va du vert au rouge, b* du bleu au jaune.</translation>
        </message>
        <message>
            <source>Where colours move</source>
            <translation>Où vont les couleurs</translation>
        </message>
        <message>
            <source>Nothing to show.</source>
            <translation>Rien à montrer.</translation>
        </message>
        <message>
            <source>%1 belongs at a* %2, b* %3; it was %4 CIEDE2000 away and is %5 now.</source>
            <translation>%1 va à a* %2, b* %3 ; à %4 CIEDE2000 avant, à %5 maintenant.</translation>
        </message>
    </context>
    <context>
        <name>About</name>
        <message>
            <source>letters</source>
            <translation>lettres</translation>
        </message>
        <message>
            <source>figures, made from Inter</source>
            <translation>chiffres, tirés d'Inter</translation>
        </message>
        <message>
            <source>icons</source>
            <translation>icônes</translation>
        </message>
        <message>
            <source>observers, illuminants and daylight</source>
            <translation>observateurs, illuminants et lumière du jour</translation>
        </message>
        <message>
            <source>facts published by the CIE; sources in the bibliography</source>
            <translation>faits publiés par la CIE ; sources dans la bibliographie</translation>
        </message>
        <message>
            <source>the window</source>
            <translation>la fenêtre</translation>
        </message>
        <message>
            <source>pictures</source>
            <translation>images</translation>
        </message>
        <message>
            <source>lines and regions in pictures</source>
            <translation>lignes et zones dans les images</translation>
        </message>
        <message>
            <source>raw frames</source>
            <translation>images raw</translation>
        </message>
        <message>
            <source>clips</source>
            <translation>clips</translation>
        </message>
        <message>
            <source>sizes and ranges of clips</source>
            <translation>tailles et plages des clips</translation>
        </message>
        <message>
            <source>LUTs and configurations</source>
            <translation>LUT et configurations</translation>
        </message>
        <message>
            <source>ICC profiles</source>
            <translation>profils ICC</translation>
        </message>
        <message>
            <source>metadata</source>
            <translation>métadonnées</translation>
        </message>
        <message>
            <source>linear algebra</source>
            <translation>algèbre linéaire</translation>
        </message>
        <message>
            <source>least squares</source>
            <translation>moindres carrés</translation>
        </message>
        <message>
            <source>many threads</source>
            <translation>plusieurs fils</translation>
        </message>
        <message>
            <source>vectors</source>
            <translation>vecteurs</translation>
        </message>
        <message>
            <source>the studio file</source>
            <translation>le fichier studio</translation>
        </message>
        <message>
            <source>documents</source>
            <translation>documents</translation>
        </message>
        <message>
            <source>the command line</source>
            <translation>la ligne de commande</translation>
        </message>
        <message>
            <source>results or errors</source>
            <translation>résultats ou erreurs</translation>
        </message>
        <message>
            <source>files, codes on slates, checksums</source>
            <translation>fichiers, codes sur claps, sommes de contrôle</translation>
        </message>
    </context>
    <context>
        <name>refero::About</name>
        <message>
            <source>letters</source>
            <translation>lettres</translation>
        </message>
        <message>
            <source>figures, made from Inter</source>
            <translation>chiffres, tirés d'Inter</translation>
        </message>
        <message>
            <source>icons</source>
            <translation>icônes</translation>
        </message>
        <message>
            <source>observers, illuminants and daylight</source>
            <translation>observateurs, illuminants et lumière du jour</translation>
        </message>
        <message>
            <source>facts published by the CIE; sources in the bibliography</source>
            <translation>faits publiés par la CIE ; sources dans la bibliographie</translation>
        </message>
        <message>
            <source>the window</source>
            <translation>la fenêtre</translation>
        </message>
        <message>
            <source>pictures</source>
            <translation>images</translation>
        </message>
        <message>
            <source>lines and regions in pictures</source>
            <translation>lignes et zones dans les images</translation>
        </message>
        <message>
            <source>raw frames</source>
            <translation>images raw</translation>
        </message>
        <message>
            <source>clips</source>
            <translation>clips</translation>
        </message>
        <message>
            <source>sizes and ranges of clips</source>
            <translation>tailles et plages des clips</translation>
        </message>
        <message>
            <source>LUTs and configurations</source>
            <translation>LUT et configurations</translation>
        </message>
        <message>
            <source>ICC profiles</source>
            <translation>profils ICC</translation>
        </message>
        <message>
            <source>metadata</source>
            <translation>métadonnées</translation>
        </message>
        <message>
            <source>linear algebra</source>
            <translation>algèbre linéaire</translation>
        </message>
        <message>
            <source>least squares</source>
            <translation>moindres carrés</translation>
        </message>
        <message>
            <source>many threads</source>
            <translation>plusieurs fils</translation>
        </message>
        <message>
            <source>vectors</source>
            <translation>vecteurs</translation>
        </message>
        <message>
            <source>the studio file</source>
            <translation>le fichier studio</translation>
        </message>
        <message>
            <source>documents</source>
            <translation>documents</translation>
        </message>
        <message>
            <source>the command line</source>
            <translation>la ligne de commande</translation>
        </message>
        <message>
            <source>results or errors</source>
            <translation>résultats ou erreurs</translation>
        </message>
        <message>
            <source>files, codes on slates, checksums</source>
            <translation>fichiers, codes sur claps, sommes de contrôle</translation>
        </message>
    </context>
    <context>
        <name>AboutWindow</name>
        <message>
            <source>About Refero</source>
            <translation>À propos de Refero</translation>
        </message>
        <message>
            <source>Refero %1</source>
            <translation>Refero %1</translation>
        </message>
        <message>
            <source>Finds the colour chart, measures it, judges the shot, and makes the correction for all that was taken in that light. Free software under the GNU General Public License, version 3 or later, without any warranty.</source>
            <translation>Trouve la mire, la mesure, juge la prise, et fait la correction de tout ce qui a été pris sous cette lumière. Logiciel libre sous GNU General Public License, version 3 ou ultérieure, sans aucune garantie.</translation>
        </message>
        <message>
            <source>Licences</source>
            <translation>Licences</translation>
        </message>
        <message>
            <source>Shipped within the program</source>
            <translation>Livré dans le programme</translation>
        </message>
        <message>
            <source>Stands on, from the system's packages</source>
            <translation>Repose sur, des paquets du système</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Fermer</translation>
        </message>
    </context>
    <context>
        <name>refero::AboutWindow</name>
        <message>
            <source>About Refero</source>
            <translation>À propos de Refero</translation>
        </message>
        <message>
            <source>Refero %1</source>
            <translation>Refero %1</translation>
        </message>
        <message>
            <source>Finds the colour chart, measures it, judges the shot, and makes the correction for all that was taken in that light. Free software under the GNU General Public License, version 3 or later, without any warranty.</source>
            <translation>Trouve la mire, la mesure, juge la prise, et fait la correction de tout ce qui a été pris sous cette lumière. Logiciel libre sous GNU General Public License, version 3 ou ultérieure, sans aucune garantie.</translation>
        </message>
        <message>
            <source>Licences</source>
            <translation>Licences</translation>
        </message>
        <message>
            <source>Shipped within the program</source>
            <translation>Livré dans le programme</translation>
        </message>
        <message>
            <source>Stands on, from the system's packages</source>
            <translation>Repose sur, des paquets du système</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Fermer</translation>
        </message>
    </context>
    <context>
        <name>BenchActions</name>
        <message>
            <source>Keep the test of %1</source>
            <translation>Garder le test de %1</translation>
        </message>
        <message>
            <source>The test stays with %1 in the kit.</source>
            <translation>Le test reste avec %1 dans le matériel.</translation>
        </message>
        <message>
            <source>%1 is written, with a card for the camera. %2</source>
            <translation>%1 est écrit, avec une fiche pour la caméra. %2</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Telle qu'enregistrée</translation>
        </message>
        <message>
            <source>By its data sheet</source>
            <translation>Selon sa fiche technique</translation>
        </message>
    </context>
    <context>
        <name>refero::BenchActions</name>
        <message>
            <source>Keep the test of %1</source>
            <translation>Garder le test de %1</translation>
        </message>
        <message>
            <source>The test stays with %1 in the kit.</source>
            <translation>Le test reste avec %1 dans le matériel.</translation>
        </message>
        <message>
            <source>%1 is written, with a card for the camera. %2</source>
            <translation>%1 est écrit, avec une fiche pour la caméra. %2</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Telle qu'enregistrée</translation>
        </message>
        <message>
            <source>By its data sheet</source>
            <translation>Selon sa fiche technique</translation>
        </message>
    </context>
    <context>
        <name>BenchPage</name>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick.</source>
            <translation>Glissez le bord pour le volet ; maintenez F ou espace pour alterner.</translation>
        </message>
    </context>
    <context>
        <name>refero::BenchPage</name>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick.</source>
            <translation>Glissez le bord pour le volet ; maintenez F ou espace pour alterner.</translation>
        </message>
    </context>
    <context>
        <name>BenchStation</name>
        <message>
            <source>Exposure series</source>
            <translation>Série d'exposition</translation>
        </message>
        <message>
            <source>What a camera can take, profile by profile.</source>
            <translation>Ce qu'une caméra supporte, profil par profil.</translation>
        </message>
        <message>
            <source>Transforms of others</source>
            <translation>Transformations des autres</translation>
        </message>
        <message>
            <source>What LUTs, profiles and decision lists do to this setup's colours.</source>
            <translation>Ce que LUT, profils et listes de décision font des couleurs de cette configuration.</translation>
        </message>
    </context>
    <context>
        <name>refero::BenchStation</name>
        <message>
            <source>Exposure series</source>
            <translation>Série d'exposition</translation>
        </message>
        <message>
            <source>What a camera can take, profile by profile.</source>
            <translation>Ce qu'une caméra supporte, profil par profil.</translation>
        </message>
        <message>
            <source>Transforms of others</source>
            <translation>Transformations des autres</translation>
        </message>
        <message>
            <source>What LUTs, profiles and decision lists do to this setup's colours.</source>
            <translation>Ce que LUT, profils et listes de décision font des couleurs de cette configuration.</translation>
        </message>
    </context>
    <context>
        <name>CameraNotes</name>
        <message>
            <source>The camera was set to</source>
            <translation>La caméra était réglée sur</translation>
        </message>
        <message>
            <source>Kelvin that the camera was set to</source>
            <translation>Kelvins réglés sur la caméra</translation>
        </message>
        <message>
            <source>Read off the camera. Each teaches this body's own scale, on which it is told what to dial.</source>
            <translation>Lus sur la caméra. Chacun apprend l'échelle propre de ce boîtier, sur laquelle le réglage est dit.</translation>
        </message>
        <message>
            <source>not said</source>
            <translation>non dit</translation>
        </message>
        <message>
            <source>Nothing is to be changed in the camera for this light.</source>
            <translation>Rien à changer sur la caméra pour cette lumière.</translation>
        </message>
    </context>
    <context>
        <name>refero::CameraNotes</name>
        <message>
            <source>The camera was set to</source>
            <translation>La caméra était réglée sur</translation>
        </message>
        <message>
            <source>Kelvin that the camera was set to</source>
            <translation>Kelvins réglés sur la caméra</translation>
        </message>
        <message>
            <source>Read off the camera. Each teaches this body's own scale, on which it is told what to dial.</source>
            <translation>Lus sur la caméra. Chacun apprend l'échelle propre de ce boîtier, sur laquelle le réglage est dit.</translation>
        </message>
        <message>
            <source>not said</source>
            <translation>non dit</translation>
        </message>
        <message>
            <source>Nothing is to be changed in the camera for this light.</source>
            <translation>Rien à changer sur la caméra pour cette lumière.</translation>
        </message>
    </context>
    <context>
        <name>CamerasPage</name>
        <message>
            <source>Pair</source>
            <translation>Paire</translation>
        </message>
        <message>
            <source>Before</source>
            <translation>Avant</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the two as they show themselves.</source>
            <translation>CIEDE2000 moyen entre les deux telles qu'elles se montrent.</translation>
        </message>
        <message>
            <source>Now</source>
            <translation>Maintenant</translation>
        </message>
        <message>
            <source>The same with the corrections that are kept.</source>
            <translation>De même avec les corrections gardées.</translation>
        </message>
        <message>
            <source>Pairs of cameras</source>
            <translation>Paires de caméras</translation>
        </message>
        <message>
            <source>%1 and %2 (weakest)</source>
            <translation>%1 et %2 (la plus faible)</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 et %2</translation>
        </message>
        <message>
            <source>Over %1 patches that both show.</source>
            <translation>Sur %1 plages que toutes deux montrent.</translation>
        </message>
    </context>
    <context>
        <name>refero::CamerasPage</name>
        <message>
            <source>Pair</source>
            <translation>Paire</translation>
        </message>
        <message>
            <source>Before</source>
            <translation>Avant</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the two as they show themselves.</source>
            <translation>CIEDE2000 moyen entre les deux telles qu'elles se montrent.</translation>
        </message>
        <message>
            <source>Now</source>
            <translation>Maintenant</translation>
        </message>
        <message>
            <source>The same with the corrections that are kept.</source>
            <translation>De même avec les corrections gardées.</translation>
        </message>
        <message>
            <source>Pairs of cameras</source>
            <translation>Paires de caméras</translation>
        </message>
        <message>
            <source>%1 and %2 (weakest)</source>
            <translation>%1 et %2 (la plus faible)</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 et %2</translation>
        </message>
        <message>
            <source>Over %1 patches that both show.</source>
            <translation>Sur %1 plages que toutes deux montrent.</translation>
        </message>
    </context>
    <context>
        <name>CardPage</name>
        <message>
            <source>None: lent</source>
            <translation>Aucune : prêtée</translation>
        </message>
        <message>
            <source>%1, mended</source>
            <translation>%1, réparée</translation>
        </message>
        <message>
            <source>Back to the frames</source>
            <translation>Retour aux images</translation>
        </message>
        <message>
            <source>Setups are begun for frames that have none, chart shots read and judged, corrections built where the shot is good or can be mended, and each receiver gets a folder. What is done already stays as it is.</source>
            <translation>Des configurations sont commencées pour les images qui n'en ont pas, les prises de mire lues et jugées, les corrections construites si la prise est bonne ou réparable, et chaque destinataire reçoit un dossier. Ce qui est fait reste.</translation>
        </message>
        <message>
            <source>Take it all back</source>
            <translation>Tout reprendre</translation>
        </message>
        <message>
            <source>Setups, readings and corrections of this run, as one step; files that went out stay.</source>
            <translation>Configurations, lectures et corrections de ce passage, en une étape ; les fichiers sortis restent.</translation>
        </message>
        <message>
            <source>Setup</source>
            <translation>Configuration</translation>
        </message>
        <message>
            <source>Chart shot</source>
            <translation>Prise de mire</translation>
        </message>
        <message>
            <source>By the shoot's limits of today.</source>
            <translation>Selon les limites actuelles de la prise de vues.</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Reste</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that the correction leaves on the chart.</source>
            <translation>CIEDE2000 moyen que la correction laisse sur la mire.</translation>
        </message>
        <message>
            <source>Receivers</source>
            <translation>Destinataires</translation>
        </message>
        <message>
            <source>How many have all of it as it is now.</source>
            <translation>Combien en ont tout, tel que c'est.</translation>
        </message>
        <message>
            <source>What happens</source>
            <translation>Ce qui se passe</translation>
        </message>
        <message>
            <source>What was done with each setup</source>
            <translation>Ce qui a été fait de chaque configuration</translation>
        </message>
        <message>
            <source>Hand over to</source>
            <translation>Livrer à</translation>
        </message>
        <message>
            <source>Hand over to: %1</source>
            <translation>Livrer à : %1</translation>
        </message>
        <message>
            <source>Into a folder...</source>
            <translation>Dans un dossier...</translation>
        </message>
        <message>
            <source>No frames have come in yet.</source>
            <translation>Aucune image n'est encore arrivée.</translation>
        </message>
        <message>
            <source>%1 frames, %2 lights, %3 chart shots</source>
            <translation>%1 images, %2 lumières, %3 prises de mire</translation>
        </message>
        <message>
            <source>%1, not read yet.</source>
            <translation>%1, pas encore lues.</translation>
        </message>
        <message>
            <source>%1 good</source>
            <translation>%1 bonnes</translation>
        </message>
        <message>
            <source>%1 to be looked at</source>
            <translation>%1 à revoir</translation>
        </message>
        <message>
            <source>%1 to be shot again</source>
            <translation>%1 à refaire</translation>
        </message>
        <message>
            <source>%1 not read yet</source>
            <translation>%1 pas encore lues</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <translation>%1 : %2.</translation>
        </message>
        <message>
            <source>Where the receivers' folders are made</source>
            <translation>Où sont créés les dossiers des destinataires</translation>
        </message>
        <message>
            <source>Frames are still coming in; begin when they are there.</source>
            <translation>Des images arrivent encore ; commencez quand elles seront là.</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Arrêter ici</translation>
        </message>
        <message>
            <source>Read and correct</source>
            <translation>Lire et corriger</translation>
        </message>
        <message>
            <source>Read, correct and hand over</source>
            <translation>Lire, corriger et livrer</translation>
        </message>
        <message>
            <source>Colours %1</source>
            <translation>Couleurs %1</translation>
        </message>
        <message>
            <source>Stopped. What was done stays; the same button goes on.</source>
            <translation>Arrêté. Ce qui est fait reste ; le même bouton continue.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected.</source>
            <translation>Terminé : %1 configurations corrigées.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected, %2 more by colours that are lent.</source>
            <translation>Terminé : %1 configurations corrigées, %2 de plus par couleurs prêtées.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected, %2 are not; the list says why.</source>
            <translation>Terminé : %1 configurations corrigées, %2 non ; la liste dit pourquoi.</translation>
        </message>
        <message>
            <source>Done. Corrected: %1; by colours that are lent: %2; not: %3, and the list says why.</source>
            <translation>Terminé. Corrigées : %1 ; par couleurs prêtées : %2 ; non : %3, et la liste dit pourquoi.</translation>
        </message>
    </context>
    <context>
        <name>refero::CardPage</name>
        <message>
            <source>None: lent</source>
            <translation>Aucune : prêtée</translation>
        </message>
        <message>
            <source>%1, mended</source>
            <translation>%1, réparée</translation>
        </message>
        <message>
            <source>Back to the frames</source>
            <translation>Retour aux images</translation>
        </message>
        <message>
            <source>Setups are begun for frames that have none, chart shots read and judged, corrections built where the shot is good or can be mended, and each receiver gets a folder. What is done already stays as it is.</source>
            <translation>Des configurations sont commencées pour les images qui n'en ont pas, les prises de mire lues et jugées, les corrections construites si la prise est bonne ou réparable, et chaque destinataire reçoit un dossier. Ce qui est fait reste.</translation>
        </message>
        <message>
            <source>Take it all back</source>
            <translation>Tout reprendre</translation>
        </message>
        <message>
            <source>Setups, readings and corrections of this run, as one step; files that went out stay.</source>
            <translation>Configurations, lectures et corrections de ce passage, en une étape ; les fichiers sortis restent.</translation>
        </message>
        <message>
            <source>Setup</source>
            <translation>Configuration</translation>
        </message>
        <message>
            <source>Chart shot</source>
            <translation>Prise de mire</translation>
        </message>
        <message>
            <source>By the shoot's limits of today.</source>
            <translation>Selon les limites actuelles de la prise de vues.</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Reste</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that the correction leaves on the chart.</source>
            <translation>CIEDE2000 moyen que la correction laisse sur la mire.</translation>
        </message>
        <message>
            <source>Receivers</source>
            <translation>Destinataires</translation>
        </message>
        <message>
            <source>How many have all of it as it is now.</source>
            <translation>Combien en ont tout, tel que c'est.</translation>
        </message>
        <message>
            <source>What happens</source>
            <translation>Ce qui se passe</translation>
        </message>
        <message>
            <source>What was done with each setup</source>
            <translation>Ce qui a été fait de chaque configuration</translation>
        </message>
        <message>
            <source>Hand over to</source>
            <translation>Livrer à</translation>
        </message>
        <message>
            <source>Hand over to: %1</source>
            <translation>Livrer à : %1</translation>
        </message>
        <message>
            <source>Into a folder...</source>
            <translation>Dans un dossier...</translation>
        </message>
        <message>
            <source>No frames have come in yet.</source>
            <translation>Aucune image n'est encore arrivée.</translation>
        </message>
        <message>
            <source>%1 frames, %2 lights, %3 chart shots</source>
            <translation>%1 images, %2 lumières, %3 prises de mire</translation>
        </message>
        <message>
            <source>%1, not read yet.</source>
            <translation>%1, pas encore lues.</translation>
        </message>
        <message>
            <source>%1 good</source>
            <translation>%1 bonnes</translation>
        </message>
        <message>
            <source>%1 to be looked at</source>
            <translation>%1 à revoir</translation>
        </message>
        <message>
            <source>%1 to be shot again</source>
            <translation>%1 à refaire</translation>
        </message>
        <message>
            <source>%1 not read yet</source>
            <translation>%1 pas encore lues</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <translation>%1 : %2.</translation>
        </message>
        <message>
            <source>Where the receivers' folders are made</source>
            <translation>Où sont créés les dossiers des destinataires</translation>
        </message>
        <message>
            <source>Frames are still coming in; begin when they are there.</source>
            <translation>Des images arrivent encore ; commencez quand elles seront là.</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Arrêter ici</translation>
        </message>
        <message>
            <source>Read and correct</source>
            <translation>Lire et corriger</translation>
        </message>
        <message>
            <source>Read, correct and hand over</source>
            <translation>Lire, corriger et livrer</translation>
        </message>
        <message>
            <source>Colours %1</source>
            <translation>Couleurs %1</translation>
        </message>
        <message>
            <source>Stopped. What was done stays; the same button goes on.</source>
            <translation>Arrêté. Ce qui est fait reste ; le même bouton continue.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected.</source>
            <translation>Terminé : %1 configurations corrigées.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected, %2 more by colours that are lent.</source>
            <translation>Terminé : %1 configurations corrigées, %2 de plus par couleurs prêtées.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected, %2 are not; the list says why.</source>
            <translation>Terminé : %1 configurations corrigées, %2 non ; la liste dit pourquoi.</translation>
        </message>
        <message>
            <source>Done. Corrected: %1; by colours that are lent: %2; not: %3, and the list says why.</source>
            <translation>Terminé. Corrigées : %1 ; par couleurs prêtées : %2 ; non : %3, et la liste dit pourquoi.</translation>
        </message>
    </context>
    <context>
        <name>CertaintyView</name>
        <message>
            <source>%1 (%2 to %3)</source>
            <translation>%1 (%2 à %3)</translation>
        </message>
        <message>
            <source>Figures and how sure they are</source>
            <translation>Chiffres et leur certitude</translation>
        </message>
    </context>
    <context>
        <name>refero::CertaintyView</name>
        <message>
            <source>%1 (%2 to %3)</source>
            <translation>%1 (%2 à %3)</translation>
        </message>
        <message>
            <source>Figures and how sure they are</source>
            <translation>Chiffres et leur certitude</translation>
        </message>
    </context>
    <context>
        <name>ChartAdvice</name>
        <message>
            <source>Sits well: large enough, and clear of the corners.</source>
            <translation>Bien placée : assez grande, et loin des coins.</translation>
        </message>
        <message>
            <source>%1 % of the frame
Smallest patch %2 px wide
%3 % of the way to the corners</source>
            <translation>%1 % de l'image
Plus petite plage %2 px de large
%3 % du chemin vers les coins</translation>
        </message>
        <message>
            <source>Take %1</source>
            <translation>Prendre %1</translation>
        </message>
        <message>
            <source>Shoot it from %1 m</source>
            <translation>La prendre à %1 m</translation>
        </message>
    </context>
    <context>
        <name>refero::ChartAdvice</name>
        <message>
            <source>Sits well: large enough, and clear of the corners.</source>
            <translation>Bien placée : assez grande, et loin des coins.</translation>
        </message>
        <message>
            <source>%1 % of the frame
Smallest patch %2 px wide
%3 % of the way to the corners</source>
            <translation>%1 % de l'image
Plus petite plage %2 px de large
%3 % du chemin vers les coins</translation>
        </message>
        <message>
            <source>Take %1</source>
            <translation>Prendre %1</translation>
        </message>
        <message>
            <source>Shoot it from %1 m</source>
            <translation>La prendre à %1 m</translation>
        </message>
    </context>
    <context>
        <name>ChartAssistant</name>
        <message>
            <source>A chart from its data</source>
            <translation>Une mire d'après ses données</translation>
        </message>
        <message>
            <source>Chart data</source>
            <translation>Données de la mire</translation>
        </message>
        <message>
            <source>Open a data file</source>
            <translation>Ouvrir un fichier de données</translation>
        </message>
        <message>
            <source>Measured under</source>
            <translation>Mesuré sous</translation>
        </message>
        <message>
            <source>The condition of ISO 13655, where the data hold several: M0 as it came, M1 with daylight's ultraviolet, M2 without ultraviolet, M3 polarised.</source>
            <translation>La condition d'ISO 13655, si les données en ont plusieurs : M0 telle quelle, M1 avec l'ultraviolet du jour, M2 sans ultraviolet, M3 polarisé.</translation>
        </message>
        <message>
            <source>As the file says</source>
            <translation>Comme dit le fichier</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nom</translation>
        </message>
        <message>
            <source>What it is called.</source>
            <translation>Comment elle s'appelle.</translation>
        </message>
        <message>
            <source>Keep this chart</source>
            <translation>Garder cette mire</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Annuler</translation>
        </message>
        <message>
            <source>My chart</source>
            <translation>Ma mire</translation>
        </message>
        <message>
            <source>Open chart data</source>
            <translation>Ouvrir des données de mire</translation>
        </message>
        <message>
            <source>From %1</source>
            <translation>De %1</translation>
        </message>
    </context>
    <context>
        <name>refero::ChartAssistant</name>
        <message>
            <source>A chart from its data</source>
            <translation>Une mire d'après ses données</translation>
        </message>
        <message>
            <source>Chart data</source>
            <translation>Données de la mire</translation>
        </message>
        <message>
            <source>Open a data file</source>
            <translation>Ouvrir un fichier de données</translation>
        </message>
        <message>
            <source>Measured under</source>
            <translation>Mesuré sous</translation>
        </message>
        <message>
            <source>The condition of ISO 13655, where the data hold several: M0 as it came, M1 with daylight's ultraviolet, M2 without ultraviolet, M3 polarised.</source>
            <translation>La condition d'ISO 13655, si les données en ont plusieurs : M0 telle quelle, M1 avec l'ultraviolet du jour, M2 sans ultraviolet, M3 polarisé.</translation>
        </message>
        <message>
            <source>As the file says</source>
            <translation>Comme dit le fichier</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nom</translation>
        </message>
        <message>
            <source>What it is called.</source>
            <translation>Comment elle s'appelle.</translation>
        </message>
        <message>
            <source>Keep this chart</source>
            <translation>Garder cette mire</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Annuler</translation>
        </message>
        <message>
            <source>My chart</source>
            <translation>Ma mire</translation>
        </message>
        <message>
            <source>Open chart data</source>
            <translation>Ouvrir des données de mire</translation>
        </message>
        <message>
            <source>From %1</source>
            <translation>De %1</translation>
        </message>
    </context>
    <context>
        <name>ChartData</name>
        <message>
            <source>Chart data (%1)</source>
            <translation>Données de mire (%1)</translation>
        </message>
    </context>
    <context>
        <name>refero::ChartData</name>
        <message>
            <source>Chart data (%1)</source>
            <translation>Données de mire (%1)</translation>
        </message>
    </context>
    <context>
        <name>ChartPicture</name>
        <message>
            <source>The chart</source>
            <translation>La mire</translation>
        </message>
        <message numerus="yes">
            <source>%1, %n patches.</source>
            <translation>
                <numerusform>%1, %n plage.</numerusform>
                <numerusform>%1, %n plages.</numerusform>
            </translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a patch and its figure</comment>
            <translation>%1 : %2.</translation>
        </message>
        <message>
            <source>%1 is chosen.</source>
            <translation>%1 est choisie.</translation>
        </message>
    </context>
    <context>
        <name>refero::ChartPicture</name>
        <message>
            <source>The chart</source>
            <translation>La mire</translation>
        </message>
        <message numerus="yes">
            <source>%1, %n patches.</source>
            <translation>
                <numerusform>%1, %n plage.</numerusform>
                <numerusform>%1, %n plages.</numerusform>
            </translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a patch and its figure</comment>
            <translation>%1 : %2.</translation>
        </message>
        <message>
            <source>%1 is chosen.</source>
            <translation>%1 est choisie.</translation>
        </message>
    </context>
    <context>
        <name>ChartsPage</name>
        <message>
            <source>Charts and their copies</source>
            <translation>Les mires et leurs exemplaires</translation>
        </message>
        <message>
            <source>New chart from data</source>
            <translation>Nouvelle mire d'après des données</translation>
        </message>
        <message>
            <source>Measure this copy</source>
            <translation>Mesurer cet exemplaire</translation>
        </message>
        <message>
            <source>Patch by patch with an instrument; the simulated one that ships.</source>
            <translation>Plage par plage avec un instrument ; celui simulé qui est livré.</translation>
        </message>
        <message>
            <source>Its values from a file</source>
            <translation>Ses valeurs d'un fichier</translation>
        </message>
        <message>
            <source>Hand on its data</source>
            <translation>Transmettre ses données</translation>
        </message>
        <message>
            <source>As CGATS text, CxF or CSV, by the file's ending.</source>
            <translation>En texte CGATS, CxF ou CSV, selon l'extension.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Retirer</translation>
        </message>
        <message>
            <source>Give its data</source>
            <translation>Donner ses données</translation>
        </message>
        <message>
            <source>Its colours are as one picture showed them: it is found in frames, and corrections wait for its data.</source>
            <translation>Ses couleurs sont celles d'une image : elle est trouvée dans les images, et les corrections attendent ses données.</translation>
        </message>
        <message>
            <source>Its rows, columns and sizes are a proposal: a photograph of it, opened as a frame, tells them.</source>
            <translation>Ses lignes, colonnes et tailles sont une proposition : une photo d'elle, ouverte comme image, les dit.</translation>
        </message>
        <message>
            <source>The chart appears here as soon as its data can be read.</source>
            <translation>La mire paraît ici dès que ses données se lisent.</translation>
        </message>
        <message>
            <source>Keep the chart %1</source>
            <translation>Garder la mire %1</translation>
        </message>
        <message>
            <source>Keep what was measured on %1</source>
            <translation>Garder ce qui a été mesuré sur %1</translation>
        </message>
        <message>
            <source>Open the chart's data</source>
            <translation>Ouvrir les données de la mire</translation>
        </message>
        <message>
            <source>Give the data of %1</source>
            <translation>Donner les données de %1</translation>
        </message>
        <message>
            <source>Open this copy's values</source>
            <translation>Ouvrir les valeurs de cet exemplaire</translation>
        </message>
        <message>
            <source>Take the values of %1 from a file</source>
            <translation>Prendre les valeurs de %1 d'un fichier</translation>
        </message>
        <message>
            <source>Hand on the chart's data</source>
            <translation>Transmettre les données de la mire</translation>
        </message>
        <message>
            <source>CGATS (*.txt);;CxF (*.cxf);;Table (*.csv)</source>
            <translation>CGATS (*.txt);;CxF (*.cxf);;Tableau (*.csv)</translation>
        </message>
        <message>
            <source>Written to %1</source>
            <translation>Écrit dans %1</translation>
        </message>
        <message>
            <source>Take out %1</source>
            <translation>Retirer %1</translation>
        </message>
    </context>
    <context>
        <name>refero::ChartsPage</name>
        <message>
            <source>Charts and their copies</source>
            <translation>Les mires et leurs exemplaires</translation>
        </message>
        <message>
            <source>New chart from data</source>
            <translation>Nouvelle mire d'après des données</translation>
        </message>
        <message>
            <source>Measure this copy</source>
            <translation>Mesurer cet exemplaire</translation>
        </message>
        <message>
            <source>Patch by patch with an instrument; the simulated one that ships.</source>
            <translation>Plage par plage avec un instrument ; celui simulé qui est livré.</translation>
        </message>
        <message>
            <source>Its values from a file</source>
            <translation>Ses valeurs d'un fichier</translation>
        </message>
        <message>
            <source>Hand on its data</source>
            <translation>Transmettre ses données</translation>
        </message>
        <message>
            <source>As CGATS text, CxF or CSV, by the file's ending.</source>
            <translation>En texte CGATS, CxF ou CSV, selon l'extension.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Retirer</translation>
        </message>
        <message>
            <source>Give its data</source>
            <translation>Donner ses données</translation>
        </message>
        <message>
            <source>Its colours are as one picture showed them: it is found in frames, and corrections wait for its data.</source>
            <translation>Ses couleurs sont celles d'une image : elle est trouvée dans les images, et les corrections attendent ses données.</translation>
        </message>
        <message>
            <source>Its rows, columns and sizes are a proposal: a photograph of it, opened as a frame, tells them.</source>
            <translation>Ses lignes, colonnes et tailles sont une proposition : une photo d'elle, ouverte comme image, les dit.</translation>
        </message>
        <message>
            <source>The chart appears here as soon as its data can be read.</source>
            <translation>La mire paraît ici dès que ses données se lisent.</translation>
        </message>
        <message>
            <source>Keep the chart %1</source>
            <translation>Garder la mire %1</translation>
        </message>
        <message>
            <source>Keep what was measured on %1</source>
            <translation>Garder ce qui a été mesuré sur %1</translation>
        </message>
        <message>
            <source>Open the chart's data</source>
            <translation>Ouvrir les données de la mire</translation>
        </message>
        <message>
            <source>Give the data of %1</source>
            <translation>Donner les données de %1</translation>
        </message>
        <message>
            <source>Open this copy's values</source>
            <translation>Ouvrir les valeurs de cet exemplaire</translation>
        </message>
        <message>
            <source>Take the values of %1 from a file</source>
            <translation>Prendre les valeurs de %1 d'un fichier</translation>
        </message>
        <message>
            <source>Hand on the chart's data</source>
            <translation>Transmettre les données de la mire</translation>
        </message>
        <message>
            <source>CGATS (*.txt);;CxF (*.cxf);;Table (*.csv)</source>
            <translation>CGATS (*.txt);;CxF (*.cxf);;Tableau (*.csv)</translation>
        </message>
        <message>
            <source>Written to %1</source>
            <translation>Écrit dans %1</translation>
        </message>
        <message>
            <source>Take out %1</source>
            <translation>Retirer %1</translation>
        </message>
    </context>
    <context>
        <name>CheckView</name>
        <message>
            <source>Allowed: %1.</source>
            <translation>Permis : %1.</translation>
        </message>
        <message>
            <source>Allow this value</source>
            <translation>Permettre cette valeur</translation>
        </message>
        <message>
            <source>Back to the limit of the set</source>
            <translation>Revenir à la limite du jeu</translation>
        </message>
    </context>
    <context>
        <name>refero::CheckView</name>
        <message>
            <source>Allowed: %1.</source>
            <translation>Permis : %1.</translation>
        </message>
        <message>
            <source>Allow this value</source>
            <translation>Permettre cette valeur</translation>
        </message>
        <message>
            <source>Back to the limit of the set</source>
            <translation>Revenir à la limite du jeu</translation>
        </message>
    </context>
    <context>
        <name>ColoursPage</name>
        <message>
            <source>Add</source>
            <translation>Ajouter</translation>
        </message>
        <message>
            <source>Things of known colour</source>
            <translation>Choses de couleur connue</translation>
        </message>
        <message>
            <source>In %1: give it a name and its measured colour (D50, 2 degrees). The frame must have the chart shot's exposure.</source>
            <translation>Dans %1 : donnez-lui un nom et sa couleur mesurée (D50, 2 degrés). L'image doit avoir l'exposition de la prise de mire.</translation>
        </message>
        <message>
            <source>This job's colours: with Shift held, draw over the cloth or paint on the picture (as a wipe); then enter what an instrument read.</source>
            <translation>Les couleurs de ce travail : avec Maj, tracez sur le tissu ou la peinture dans l'image (en volet) ; puis saisissez ce qu'a lu un instrument.</translation>
        </message>
        <message>
            <source>Check only</source>
            <translation>Seulement vérifier</translation>
        </message>
        <message>
            <source>Count it</source>
            <translation>La compter</translation>
        </message>
    </context>
    <context>
        <name>refero::ColoursPage</name>
        <message>
            <source>Add</source>
            <translation>Ajouter</translation>
        </message>
        <message>
            <source>Things of known colour</source>
            <translation>Choses de couleur connue</translation>
        </message>
        <message>
            <source>In %1: give it a name and its measured colour (D50, 2 degrees). The frame must have the chart shot's exposure.</source>
            <translation>Dans %1 : donnez-lui un nom et sa couleur mesurée (D50, 2 degrés). L'image doit avoir l'exposition de la prise de mire.</translation>
        </message>
        <message>
            <source>This job's colours: with Shift held, draw over the cloth or paint on the picture (as a wipe); then enter what an instrument read.</source>
            <translation>Les couleurs de ce travail : avec Maj, tracez sur le tissu ou la peinture dans l'image (en volet) ; puis saisissez ce qu'a lu un instrument.</translation>
        </message>
        <message>
            <source>Check only</source>
            <translation>Seulement vérifier</translation>
        </message>
        <message>
            <source>Count it</source>
            <translation>La compter</translation>
        </message>
    </context>
    <context>
        <name>CommandFinder</name>
        <message>
            <source>Find and do</source>
            <translation>Trouver et faire</translation>
        </message>
        <message>
            <source>What to find or do</source>
            <translation>Que trouver ou faire</translation>
        </message>
        <message>
            <source>Type what to do or where to go</source>
            <translation>Tapez quoi faire ou où aller</translation>
        </message>
        <message>
            <source>What was found</source>
            <translation>Ce qui a été trouvé</translation>
        </message>
    </context>
    <context>
        <name>refero::CommandFinder</name>
        <message>
            <source>Find and do</source>
            <translation>Trouver et faire</translation>
        </message>
        <message>
            <source>What to find or do</source>
            <translation>Que trouver ou faire</translation>
        </message>
        <message>
            <source>Type what to do or where to go</source>
            <translation>Tapez quoi faire ou où aller</translation>
        </message>
        <message>
            <source>What was found</source>
            <translation>Ce qui a été trouvé</translation>
        </message>
    </context>
    <context>
        <name>Commands</name>
        <message>
            <source>On this page</source>
            <translation>Sur cette page</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <comment>a choice and its value</comment>
            <translation>%1 : %2</translation>
        </message>
        <message>
            <source>Choice</source>
            <translation>Choix</translation>
        </message>
    </context>
    <context>
        <name>refero::Commands</name>
        <message>
            <source>On this page</source>
            <translation>Sur cette page</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <comment>a choice and its value</comment>
            <translation>%1 : %2</translation>
        </message>
        <message>
            <source>Choice</source>
            <translation>Choix</translation>
        </message>
    </context>
    <context>
        <name>CompareView</name>
        <message>
            <source>Before and after</source>
            <translation>Avant et après</translation>
        </message>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick to the picture before.</source>
            <translation>Glissez le bord pour le volet ; maintenez F ou espace pour voir l'image d'avant.</translation>
        </message>
        <message>
            <source>No picture yet.</source>
            <translation>Pas encore d'image.</translation>
        </message>
        <message>
            <source>%1 at the left, %2 at the right, the line at %3 % of the width.</source>
            <translation>%1 à gauche, %2 à droite, la ligne à %3 % de la largeur.</translation>
        </message>
    </context>
    <context>
        <name>refero::CompareView</name>
        <message>
            <source>Before and after</source>
            <translation>Avant et après</translation>
        </message>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick to the picture before.</source>
            <translation>Glissez le bord pour le volet ; maintenez F ou espace pour voir l'image d'avant.</translation>
        </message>
        <message>
            <source>No picture yet.</source>
            <translation>Pas encore d'image.</translation>
        </message>
        <message>
            <source>%1 at the left, %2 at the right, the line at %3 % of the width.</source>
            <translation>%1 à gauche, %2 à droite, la ligne à %3 % de la largeur.</translation>
        </message>
    </context>
    <context>
        <name>Comparison</name>
        <message>
            <source>What moved since an earlier chart shot</source>
            <translation>Ce qui a bougé depuis une prise antérieure</translation>
        </message>
        <message>
            <source>Chart frame to compare with</source>
            <translation>Image de mire à comparer</translation>
        </message>
        <message>
            <source>Another chart frame of this setup: the one that is read is held against it.</source>
            <translation>Une autre image de mire de cette configuration : celle qu'on lit lui est comparée.</translation>
        </message>
        <message>
            <source>There is no other chart frame of this setup to compare with.</source>
            <translation>Pas d'autre image de mire de cette configuration à comparer.</translation>
        </message>
        <message>
            <source>Reading it</source>
            <translation>Lecture en cours</translation>
        </message>
    </context>
    <context>
        <name>refero::Comparison</name>
        <message>
            <source>What moved since an earlier chart shot</source>
            <translation>Ce qui a bougé depuis une prise antérieure</translation>
        </message>
        <message>
            <source>Chart frame to compare with</source>
            <translation>Image de mire à comparer</translation>
        </message>
        <message>
            <source>Another chart frame of this setup: the one that is read is held against it.</source>
            <translation>Une autre image de mire de cette configuration : celle qu'on lit lui est comparée.</translation>
        </message>
        <message>
            <source>There is no other chart frame of this setup to compare with.</source>
            <translation>Pas d'autre image de mire de cette configuration à comparer.</translation>
        </message>
        <message>
            <source>Reading it</source>
            <translation>Lecture en cours</translation>
        </message>
    </context>
    <context>
        <name>ContactSheet</name>
        <message>
            <source>Frames by setup</source>
            <translation>Images par configuration</translation>
        </message>
        <message>
            <source>Open</source>
            <translation>Ouvrir</translation>
        </message>
        <message>
            <source>Show the file</source>
            <translation>Montrer le fichier</translation>
        </message>
        <message>
            <source>Take out of this shoot</source>
            <translation>Retirer de cette prise de vues</translation>
        </message>
        <message>
            <source>%1 with a chart</source>
            <translation>%1 avec une mire</translation>
        </message>
        <message>
            <source>%1, doubtful</source>
            <translation>%1, douteuse</translation>
        </message>
        <message>
            <source>%1, chosen</source>
            <translation>%1, choisie</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a setup and its frames</comment>
            <translation>%1 : %2.</translation>
        </message>
        <message>
            <source>No frames.</source>
            <translation>Aucune image.</translation>
        </message>
    </context>
    <context>
        <name>refero::ContactSheet</name>
        <message>
            <source>Frames by setup</source>
            <translation>Images par configuration</translation>
        </message>
        <message>
            <source>Open</source>
            <translation>Ouvrir</translation>
        </message>
        <message>
            <source>Show the file</source>
            <translation>Montrer le fichier</translation>
        </message>
        <message>
            <source>Take out of this shoot</source>
            <translation>Retirer de cette prise de vues</translation>
        </message>
        <message>
            <source>%1 with a chart</source>
            <translation>%1 avec une mire</translation>
        </message>
        <message>
            <source>%1, doubtful</source>
            <translation>%1, douteuse</translation>
        </message>
        <message>
            <source>%1, chosen</source>
            <translation>%1, choisie</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a setup and its frames</comment>
            <translation>%1 : %2.</translation>
        </message>
        <message>
            <source>No frames.</source>
            <translation>Aucune image.</translation>
        </message>
    </context>
    <context>
        <name>ContenderModel</name>
        <message>
            <source>greys</source>
            <translation>gris</translation>
        </message>
        <message>
            <source>for looks</source>
            <translation>pour les styles d’image</translation>
        </message>
    </context>
    <context>
        <name>refero::ContenderModel</name>
        <message>
            <source>greys</source>
            <translation>gris</translation>
        </message>
        <message>
            <source>for looks</source>
            <translation>pour les styles d’image</translation>
        </message>
    </context>
    <context>
        <name>CopyPanel</name>
        <message>
            <source>Measure</source>
            <translation>Mesurer</translation>
        </message>
        <message>
            <source>Space</source>
            <translation>Espace</translation>
        </message>
        <message>
            <source>White tile</source>
            <translation>Céramique blanche</translation>
        </message>
        <message>
            <source>Takes out what the instrument has drifted since the last time.</source>
            <translation>Retire la dérive de l'instrument depuis la dernière fois.</translation>
        </message>
        <message>
            <source>Keep these values</source>
            <translation>Garder ces valeurs</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Annuler</translation>
        </message>
        <message>
            <source>Put the instrument on its white tile.</source>
            <translation>Posez l'instrument sur sa céramique blanche.</translation>
        </message>
        <message>
            <source>The tile is measured. Now lay it on the marked patch.</source>
            <translation>La céramique est mesurée. Posez-le maintenant sur la plage marquée.</translation>
        </message>
        <message>
            <source>Put it on its white tile first, and press White tile.</source>
            <translation>Posez-le d'abord sur sa céramique et pressez Céramique blanche.</translation>
        </message>
        <message>
            <source>Measure %1</source>
            <translation>Mesurer %1</translation>
        </message>
        <message>
            <source>All %1 measured</source>
            <translation>Les %1 mesurées</translation>
        </message>
        <message>
            <source>Patch %1</source>
            <translation>Plage %1</translation>
        </message>
    </context>
    <context>
        <name>refero::CopyPanel</name>
        <message>
            <source>Measure</source>
            <translation>Mesurer</translation>
        </message>
        <message>
            <source>Space</source>
            <translation>Espace</translation>
        </message>
        <message>
            <source>White tile</source>
            <translation>Céramique blanche</translation>
        </message>
        <message>
            <source>Takes out what the instrument has drifted since the last time.</source>
            <translation>Retire la dérive de l'instrument depuis la dernière fois.</translation>
        </message>
        <message>
            <source>Keep these values</source>
            <translation>Garder ces valeurs</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Annuler</translation>
        </message>
        <message>
            <source>Put the instrument on its white tile.</source>
            <translation>Posez l'instrument sur sa céramique blanche.</translation>
        </message>
        <message>
            <source>The tile is measured. Now lay it on the marked patch.</source>
            <translation>La céramique est mesurée. Posez-le maintenant sur la plage marquée.</translation>
        </message>
        <message>
            <source>Put it on its white tile first, and press White tile.</source>
            <translation>Posez-le d'abord sur sa céramique et pressez Céramique blanche.</translation>
        </message>
        <message>
            <source>Measure %1</source>
            <translation>Mesurer %1</translation>
        </message>
        <message>
            <source>All %1 measured</source>
            <translation>Les %1 mesurées</translation>
        </message>
        <message>
            <source>Patch %1</source>
            <translation>Plage %1</translation>
        </message>
    </context>
    <context>
        <name>CorrectionActions</name>
        <message>
            <source>Check the correction on %1</source>
            <translation>Vérifier la correction sur %1</translation>
        </message>
        <message>
            <source>Finish: %1</source>
            <translation>Finition : %1</translation>
        </message>
        <message>
            <source>Judge the correction as %1</source>
            <translation>Juger la correction comme %1</translation>
        </message>
    </context>
    <context>
        <name>refero::CorrectionActions</name>
        <message>
            <source>Check the correction on %1</source>
            <translation>Vérifier la correction sur %1</translation>
        </message>
        <message>
            <source>Finish: %1</source>
            <translation>Finition : %1</translation>
        </message>
        <message>
            <source>Judge the correction as %1</source>
            <translation>Juger la correction comme %1</translation>
        </message>
    </context>
    <context>
        <name>CorrectionStation</name>
        <message>
            <source>Noise of linear sRGB against balance alone: red %1, green %2, blue %3 times.</source>
            <translation>Bruit de sRGB linéaire face à la balance seule : rouge %1, vert %2, bleu %3 fois.</translation>
        </message>
        <message numerus="yes">
            <source>Mended in the chart shot: %n things; see Stage by stage.</source>
            <translation>
                <numerusform>Réparé dans la prise de mire : %n chose ; voir Étape par étape.</numerusform>
                <numerusform>Réparé dans la prise de mire : %n choses ; voir Étape par étape.</numerusform>
            </translation>
        </message>
        <message>
            <source>Noise in colour: %1 times that of balance alone.</source>
            <translation>Bruit de couleur : %1 fois celui de la balance seule.</translation>
        </message>
        <message>
            <source> Colour noise shows %1 stops above this sensitivity.</source>
            <translation> Le bruit de couleur paraît à %1 diaph. au-dessus de cette sensibilité.</translation>
        </message>
        <message>
            <source> Colour noise shows already: use less sensitivity.</source>
            <translation> Le bruit de couleur se voit déjà : baissez la sensibilité.</translation>
        </message>
        <message>
            <source> Best that this camera can do here: %1 CIEDE2000, over made-up surfaces.</source>
            <translation> Le mieux que puisse cette caméra ici : %1 CIEDE2000, sur des surfaces imaginées.</translation>
        </message>
        <message>
            <source>figures</source>
            <translation>chiffres</translation>
        </message>
        <message>
            <source>What is told of the correction</source>
            <translation>Ce qui est dit de la correction</translation>
        </message>
        <message>
            <source>Show</source>
            <translation>Montrer</translation>
        </message>
        <message>
            <source>Automatic</source>
            <translation>Automatique</translation>
        </message>
        <message>
            <source>Model</source>
            <translation>Modèle</translation>
        </message>
        <message>
            <source>Automatic takes what does better on patches it has not seen, and minds the noise.</source>
            <translation>Automatique prend ce qui réussit mieux sur des plages non vues, et surveille le bruit.</translation>
        </message>
        <message>
            <source>Priority</source>
            <translation>Priorité</translation>
        </message>
        <message>
            <source>All patches equally</source>
            <translation>Toutes les plages également</translation>
        </message>
        <message>
            <source>Neutrals</source>
            <translation>Neutres</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Peau</translation>
        </message>
        <message>
            <source>Pleasing</source>
            <translation>Plaisant</translation>
        </message>
        <message>
            <source>Which patches the fit favours: the chosen ones count four times. Pleasing puts the Rounded finish on top.</source>
            <translation>Quelles plages l'ajustement favorise : les choisies comptent quatre fois. Plaisant pose la finition arrondie par-dessus.</translation>
        </message>
        <message>
            <source>Judged as</source>
            <translation>Jugée comme</translation>
        </message>
        <message>
            <source>What the figures are held against.</source>
            <translation>Ce à quoi les chiffres sont comparés.</translation>
        </message>
        <message>
            <source>Mend the shot</source>
            <translation>Réparer la prise</translation>
        </message>
        <message>
            <source>Mend the shot before the fit</source>
            <translation>Réparer la prise avant l'ajustement</translation>
        </message>
        <message>
            <source>Before the fit: leaves out patches that are covered or mirror a lamp, takes uneven light and shadows out, subtracts flare; each where it is certain enough to help. Switched off, the shot is used as it is.</source>
            <translation>Avant l'ajustement : exclut les plages couvertes ou reflétant une lampe, retire lumière inégale et ombres, soustrait le voile ; chacun s'il aide assez sûrement. Désactivé, la prise sert telle quelle.</translation>
        </message>
        <message>
            <source>Models that were tried</source>
            <translation>Modèles essayés</translation>
        </message>
        <message>
            <source>Patches by remaining difference</source>
            <translation>Plages par écart restant</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Plages</translation>
        </message>
        <message>
            <source>Certainty and price</source>
            <translation>Certitude et prix</translation>
        </message>
        <message>
            <source>How it is built</source>
            <translation>Comment elle est construite</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Finition</translation>
        </message>
        <message>
            <source>Levels by hand</source>
            <translation>Niveaux à la main</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Instruments des deux</translation>
        </message>
        <message>
            <source>Snapshots</source>
            <translation>Instantanés</translation>
        </message>
        <message>
            <source>This job's colours</source>
            <translation>Couleurs de ce travail</translation>
        </message>
        <message>
            <source>Proof on another shot</source>
            <translation>Preuve sur une autre prise</translation>
        </message>
        <message>
            <source>Stage by stage</source>
            <translation>Étape par étape</translation>
        </message>
        <message>
            <source>No chart shot</source>
            <translation>Pas de prise de mire</translation>
        </message>
        <message>
            <source>Its frames can be given colours that are lent: by a setup that the plan's rules allow, or by the library for this body and light.</source>
            <translation>Ses images peuvent recevoir des couleurs prêtées : par une configuration que les règles du plan permettent, ou par la bibliothèque pour ce boîtier et cette lumière.</translation>
        </message>
        <message>
            <source>Borrow a correction</source>
            <translation>Emprunter une correction</translation>
        </message>
        <message>
            <source>It says whose colours these are. Shoot the chart where you still can.</source>
            <translation>Elle dit de qui sont ces couleurs. Prenez la mire là où vous le pouvez encore.</translation>
        </message>
        <message>
            <source>No reading yet</source>
            <translation>Pas encore de lecture</translation>
        </message>
        <message>
            <source>A correction is built from a chart that was read. Go to Reading first.</source>
            <translation>Une correction se construit d'une mire lue. Allez d'abord à Lecture.</translation>
        </message>
        <message>
            <source>Go to Reading</source>
            <translation>Aller à Lecture</translation>
        </message>
        <message>
            <source>Not corrected yet</source>
            <translation>Pas encore corrigée</translation>
        </message>
        <message numerus="yes">
            <source>The chart of %1 is read. From its %n patches Refero tries every model, takes the one that does best on colours it has not seen, and shows what is left.</source>
            <translation>
                <numerusform>La mire de %1 est lue. De sa %n plage, Refero essaie chaque modèle, prend celui qui réussit le mieux sur des couleurs non vues, et montre ce qui reste.</numerusform>
                <numerusform>La mire de %1 est lue. De ses %n plages, Refero essaie chaque modèle, prend celui qui réussit le mieux sur des couleurs non vues, et montre ce qui reste.</numerusform>
            </translation>
        </message>
        <message>
            <source>Build the correction</source>
            <translation>Construire la correction</translation>
        </message>
        <message>
            <source>It takes a moment; every choice can be changed afterwards.</source>
            <translation>Cela prend un instant ; chaque choix peut être changé ensuite.</translation>
        </message>
        <message>
            <source>Lent, not proved</source>
            <translation>Prêtée, non prouvée</translation>
        </message>
        <message>
            <source>Nothing tells how well these colours fit this light. Shoot a chart in it where you still can: the correction is built anew from that.</source>
            <translation>Rien ne dit si ces couleurs conviennent à cette lumière. Prenez-y une mire si vous le pouvez encore : la correction en sera reconstruite.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Livrer</translation>
        </message>
    </context>
    <context>
        <name>refero::CorrectionStation</name>
        <message>
            <source>Noise of linear sRGB against balance alone: red %1, green %2, blue %3 times.</source>
            <translation>Bruit de sRGB linéaire face à la balance seule : rouge %1, vert %2, bleu %3 fois.</translation>
        </message>
        <message numerus="yes">
            <source>Mended in the chart shot: %n things; see Stage by stage.</source>
            <translation>
                <numerusform>Réparé dans la prise de mire : %n chose ; voir Étape par étape.</numerusform>
                <numerusform>Réparé dans la prise de mire : %n choses ; voir Étape par étape.</numerusform>
            </translation>
        </message>
        <message>
            <source>Noise in colour: %1 times that of balance alone.</source>
            <translation>Bruit de couleur : %1 fois celui de la balance seule.</translation>
        </message>
        <message>
            <source> Colour noise shows %1 stops above this sensitivity.</source>
            <translation> Le bruit de couleur paraît à %1 diaph. au-dessus de cette sensibilité.</translation>
        </message>
        <message>
            <source> Colour noise shows already: use less sensitivity.</source>
            <translation> Le bruit de couleur se voit déjà : baissez la sensibilité.</translation>
        </message>
        <message>
            <source> Best that this camera can do here: %1 CIEDE2000, over made-up surfaces.</source>
            <translation> Le mieux que puisse cette caméra ici : %1 CIEDE2000, sur des surfaces imaginées.</translation>
        </message>
        <message>
            <source>figures</source>
            <translation>chiffres</translation>
        </message>
        <message>
            <source>What is told of the correction</source>
            <translation>Ce qui est dit de la correction</translation>
        </message>
        <message>
            <source>Show</source>
            <translation>Montrer</translation>
        </message>
        <message>
            <source>Automatic</source>
            <translation>Automatique</translation>
        </message>
        <message>
            <source>Model</source>
            <translation>Modèle</translation>
        </message>
        <message>
            <source>Automatic takes what does better on patches it has not seen, and minds the noise.</source>
            <translation>Automatique prend ce qui réussit mieux sur des plages non vues, et surveille le bruit.</translation>
        </message>
        <message>
            <source>Priority</source>
            <translation>Priorité</translation>
        </message>
        <message>
            <source>All patches equally</source>
            <translation>Toutes les plages également</translation>
        </message>
        <message>
            <source>Neutrals</source>
            <translation>Neutres</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Peau</translation>
        </message>
        <message>
            <source>Pleasing</source>
            <translation>Plaisant</translation>
        </message>
        <message>
            <source>Which patches the fit favours: the chosen ones count four times. Pleasing puts the Rounded finish on top.</source>
            <translation>Quelles plages l'ajustement favorise : les choisies comptent quatre fois. Plaisant pose la finition arrondie par-dessus.</translation>
        </message>
        <message>
            <source>Judged as</source>
            <translation>Jugée comme</translation>
        </message>
        <message>
            <source>What the figures are held against.</source>
            <translation>Ce à quoi les chiffres sont comparés.</translation>
        </message>
        <message>
            <source>Mend the shot</source>
            <translation>Réparer la prise</translation>
        </message>
        <message>
            <source>Mend the shot before the fit</source>
            <translation>Réparer la prise avant l'ajustement</translation>
        </message>
        <message>
            <source>Before the fit: leaves out patches that are covered or mirror a lamp, takes uneven light and shadows out, subtracts flare; each where it is certain enough to help. Switched off, the shot is used as it is.</source>
            <translation>Avant l'ajustement : exclut les plages couvertes ou reflétant une lampe, retire lumière inégale et ombres, soustrait le voile ; chacun s'il aide assez sûrement. Désactivé, la prise sert telle quelle.</translation>
        </message>
        <message>
            <source>Models that were tried</source>
            <translation>Modèles essayés</translation>
        </message>
        <message>
            <source>Patches by remaining difference</source>
            <translation>Plages par écart restant</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Plages</translation>
        </message>
        <message>
            <source>Certainty and price</source>
            <translation>Certitude et prix</translation>
        </message>
        <message>
            <source>How it is built</source>
            <translation>Comment elle est construite</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Finition</translation>
        </message>
        <message>
            <source>Levels by hand</source>
            <translation>Niveaux à la main</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Instruments des deux</translation>
        </message>
        <message>
            <source>Snapshots</source>
            <translation>Instantanés</translation>
        </message>
        <message>
            <source>This job's colours</source>
            <translation>Couleurs de ce travail</translation>
        </message>
        <message>
            <source>Proof on another shot</source>
            <translation>Preuve sur une autre prise</translation>
        </message>
        <message>
            <source>Stage by stage</source>
            <translation>Étape par étape</translation>
        </message>
        <message>
            <source>No chart shot</source>
            <translation>Pas de prise de mire</translation>
        </message>
        <message>
            <source>Its frames can be given colours that are lent: by a setup that the plan's rules allow, or by the library for this body and light.</source>
            <translation>Ses images peuvent recevoir des couleurs prêtées : par une configuration que les règles du plan permettent, ou par la bibliothèque pour ce boîtier et cette lumière.</translation>
        </message>
        <message>
            <source>Borrow a correction</source>
            <translation>Emprunter une correction</translation>
        </message>
        <message>
            <source>It says whose colours these are. Shoot the chart where you still can.</source>
            <translation>Elle dit de qui sont ces couleurs. Prenez la mire là où vous le pouvez encore.</translation>
        </message>
        <message>
            <source>No reading yet</source>
            <translation>Pas encore de lecture</translation>
        </message>
        <message>
            <source>A correction is built from a chart that was read. Go to Reading first.</source>
            <translation>Une correction se construit d'une mire lue. Allez d'abord à Lecture.</translation>
        </message>
        <message>
            <source>Go to Reading</source>
            <translation>Aller à Lecture</translation>
        </message>
        <message>
            <source>Not corrected yet</source>
            <translation>Pas encore corrigée</translation>
        </message>
        <message numerus="yes">
            <source>The chart of %1 is read. From its %n patches Refero tries every model, takes the one that does best on colours it has not seen, and shows what is left.</source>
            <translation>
                <numerusform>La mire de %1 est lue. De sa %n plage, Refero essaie chaque modèle, prend celui qui réussit le mieux sur des couleurs non vues, et montre ce qui reste.</numerusform>
                <numerusform>La mire de %1 est lue. De ses %n plages, Refero essaie chaque modèle, prend celui qui réussit le mieux sur des couleurs non vues, et montre ce qui reste.</numerusform>
            </translation>
        </message>
        <message>
            <source>Build the correction</source>
            <translation>Construire la correction</translation>
        </message>
        <message>
            <source>It takes a moment; every choice can be changed afterwards.</source>
            <translation>Cela prend un instant ; chaque choix peut être changé ensuite.</translation>
        </message>
        <message>
            <source>Lent, not proved</source>
            <translation>Prêtée, non prouvée</translation>
        </message>
        <message>
            <source>Nothing tells how well these colours fit this light. Shoot a chart in it where you still can: the correction is built anew from that.</source>
            <translation>Rien ne dit si ces couleurs conviennent à cette lumière. Prenez-y une mire si vous le pouvez encore : la correction en sera reconstruite.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Livrer</translation>
        </message>
    </context>
    <context>
        <name>CoverageModel</name>
        <message>
            <source>No frames yet.</source>
            <translation>Pas encore d'images.</translation>
        </message>
    </context>
    <context>
        <name>refero::CoverageModel</name>
        <message>
            <source>No frames yet.</source>
            <translation>Pas encore d'images.</translation>
        </message>
    </context>
    <context>
        <name>CoveragePage</name>
        <message>
            <source>Coverage by setup</source>
            <translation>Couverture par configuration</translation>
        </message>
        <message>
            <source>In no setup</source>
            <translation>Sans configuration</translation>
        </message>
        <message>
            <source>No frames of a subject yet. Once there are some, this page says which have a correction that is valid for them.</source>
            <translation>Pas encore d'images d'un sujet. Dès qu'il y en aura, cette page dira lesquelles ont une correction valide.</translation>
        </message>
    </context>
    <context>
        <name>refero::CoveragePage</name>
        <message>
            <source>Coverage by setup</source>
            <translation>Couverture par configuration</translation>
        </message>
        <message>
            <source>In no setup</source>
            <translation>Sans configuration</translation>
        </message>
        <message>
            <source>No frames of a subject yet. Once there are some, this page says which have a correction that is valid for them.</source>
            <translation>Pas encore d'images d'un sujet. Dès qu'il y en aura, cette page dira lesquelles ont une correction valide.</translation>
        </message>
    </context>
    <context>
        <name>CurvePlot</name>
        <message>
            <source>Mid-grey at %1 % of the range; %2 stops above it, %3 below.</source>
            <translation>Gris moyen à %1 % de la plage ; %2 diaph. au-dessus, %3 en dessous.</translation>
        </message>
        <message>
            <source>Curve. %1</source>
            <translation>Courbe. %1</translation>
        </message>
    </context>
    <context>
        <name>refero::CurvePlot</name>
        <message>
            <source>Mid-grey at %1 % of the range; %2 stops above it, %3 below.</source>
            <translation>Gris moyen à %1 % de la plage ; %2 diaph. au-dessus, %3 en dessous.</translation>
        </message>
        <message>
            <source>Curve. %1</source>
            <translation>Courbe. %1</translation>
        </message>
    </context>
    <context>
        <name>CurveView</name>
        <message>
            <source>Characteristic curve</source>
            <translation>Courbe caractéristique</translation>
        </message>
        <message>
            <source>Each mark is a grey of a shot: what is stored of it (per cent of the whole range) against its light, in stops from mid-grey at the normal exposure. Rings have clipped. The line is the curve that the recording states, laid over them.</source>
            <translation>Chaque marque est un gris d'une prise : ce qui en est stocké (pour cent de la plage) selon sa lumière, en diaph. du gris moyen à l'exposition normale. Les anneaux sont écrêtés. La ligne est la courbe annoncée par l'enregistrement.</translation>
        </message>
        <message numerus="yes">
            <source>%n greys</source>
            <translation>
                <numerusform>%n gris</numerusform>
                <numerusform>%n gris</numerusform>
            </translation>
        </message>
        <message>
            <source>%1; %2 fits with an offset of %3 stops</source>
            <translation>%1 ; %2 convient avec un décalage de %3 diaph.</translation>
        </message>
        <message>
            <source>stops from mid-grey</source>
            <translation>diaph. du gris moyen</translation>
        </message>
        <message>
            <source>stored, %</source>
            <translation>stocké, %</translation>
        </message>
    </context>
    <context>
        <name>refero::CurveView</name>
        <message>
            <source>Characteristic curve</source>
            <translation>Courbe caractéristique</translation>
        </message>
        <message>
            <source>Each mark is a grey of a shot: what is stored of it (per cent of the whole range) against its light, in stops from mid-grey at the normal exposure. Rings have clipped. The line is the curve that the recording states, laid over them.</source>
            <translation>Chaque marque est un gris d'une prise : ce qui en est stocké (pour cent de la plage) selon sa lumière, en diaph. du gris moyen à l'exposition normale. Les anneaux sont écrêtés. La ligne est la courbe annoncée par l'enregistrement.</translation>
        </message>
        <message numerus="yes">
            <source>%n greys</source>
            <translation>
                <numerusform>%n gris</numerusform>
                <numerusform>%n gris</numerusform>
            </translation>
        </message>
        <message>
            <source>%1; %2 fits with an offset of %3 stops</source>
            <translation>%1 ; %2 convient avec un décalage de %3 diaph.</translation>
        </message>
        <message>
            <source>stops from mid-grey</source>
            <translation>diaph. du gris moyen</translation>
        </message>
        <message>
            <source>stored, %</source>
            <translation>stocké, %</translation>
        </message>
    </context>
    <context>
        <name>DayActions</name>
        <message>
            <source>Building the correction</source>
            <translation>Construction de la correction</translation>
        </message>
        <message>
            <source>Reading the chart</source>
            <translation>Lecture de la mire</translation>
        </message>
        <message>
            <source>Looking for colours in the library</source>
            <translation>Recherche de couleurs dans la bibliothèque</translation>
        </message>
        <message>
            <source>Do the day's work</source>
            <translation>Faire le travail du jour</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>two sentences</comment>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>The folder %1 cannot be made.</source>
            <translation>Le dossier %1 ne peut être créé.</translation>
        </message>
        <message>
            <source>Handing over to: %1</source>
            <translation>Livraison à : %1</translation>
        </message>
    </context>
    <context>
        <name>refero::DayActions</name>
        <message>
            <source>Building the correction</source>
            <translation>Construction de la correction</translation>
        </message>
        <message>
            <source>Reading the chart</source>
            <translation>Lecture de la mire</translation>
        </message>
        <message>
            <source>Looking for colours in the library</source>
            <translation>Recherche de couleurs dans la bibliothèque</translation>
        </message>
        <message>
            <source>Do the day's work</source>
            <translation>Faire le travail du jour</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>two sentences</comment>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>The folder %1 cannot be made.</source>
            <translation>Le dossier %1 ne peut être créé.</translation>
        </message>
        <message>
            <source>Handing over to: %1</source>
            <translation>Livraison à : %1</translation>
        </message>
    </context>
    <context>
        <name>DayDelegate</name>
        <message>
            <source>No time yet: draw one here</source>
            <translation>Pas encore d'heure : tracez-la ici</translation>
        </message>
    </context>
    <context>
        <name>refero::DayDelegate</name>
        <message>
            <source>No time yet: draw one here</source>
            <translation>Pas encore d'heure : tracez-la ici</translation>
        </message>
    </context>
    <context>
        <name>DayModel</name>
        <message>
            <source>Body, lens and light not stated</source>
            <translation>Boîtier, objectif et lumière non indiqués</translation>
        </message>
        <message>
            <source>Chart shot missing</source>
            <translation>Prise de mire manquante</translation>
        </message>
        <message>
            <source>Out of date: shoot the chart again</source>
            <translation>Périmée : reprendre la mire</translation>
        </message>
        <message>
            <source>Chart shot</source>
            <translation>Prise de mire</translation>
        </message>
        <message>
            <source>No chart of its own</source>
            <translation>Pas de mire propre</translation>
        </message>
        <message>
            <source>Shoot %1</source>
            <translation>Photographier %1</translation>
        </message>
        <message>
            <source>Shoot the chart</source>
            <translation>Photographier la mire</translation>
        </message>
    </context>
    <context>
        <name>refero::DayModel</name>
        <message>
            <source>Body, lens and light not stated</source>
            <translation>Boîtier, objectif et lumière non indiqués</translation>
        </message>
        <message>
            <source>Chart shot missing</source>
            <translation>Prise de mire manquante</translation>
        </message>
        <message>
            <source>Out of date: shoot the chart again</source>
            <translation>Périmée : reprendre la mire</translation>
        </message>
        <message>
            <source>Chart shot</source>
            <translation>Prise de mire</translation>
        </message>
        <message>
            <source>No chart of its own</source>
            <translation>Pas de mire propre</translation>
        </message>
        <message>
            <source>Shoot %1</source>
            <translation>Photographier %1</translation>
        </message>
        <message>
            <source>Shoot the chart</source>
            <translation>Photographier la mire</translation>
        </message>
    </context>
    <context>
        <name>DayPage</name>
        <message>
            <source>Plan the day</source>
            <translation>Planifier la journée</translation>
        </message>
        <message>
            <source>Enter the first setup</source>
            <translation>Saisir la première configuration</translation>
        </message>
        <message>
            <source>Its light does not move by itself.</source>
            <translation>Sa lumière ne bouge pas d'elle-même.</translation>
        </message>
        <message>
            <source>With the place's coordinates, the sun's way is drawn here.</source>
            <translation>Avec les coordonnées du lieu, la course du soleil est tracée ici.</translation>
        </message>
        <message>
            <source>With the shoot's date, the sun's way is drawn here.</source>
            <translation>Avec la date de la prise de vues, la course du soleil est tracée ici.</translation>
        </message>
        <message>
            <source>How its light moves</source>
            <translation>Comment bouge sa lumière</translation>
        </message>
        <message>
            <source>Sky light</source>
            <translation>Lumière du ciel</translation>
        </message>
        <message>
            <source>Daylight</source>
            <translation>Lumière du jour</translation>
        </message>
        <message>
            <source>A chart shot at %1: </source>
            <translation>Une mire prise à %1 : </translation>
        </message>
        <message>
            <source>The sun is down.</source>
            <translation>Le soleil est couché.</translation>
        </message>
    </context>
    <context>
        <name>refero::DayPage</name>
        <message>
            <source>Plan the day</source>
            <translation>Planifier la journée</translation>
        </message>
        <message>
            <source>Enter the first setup</source>
            <translation>Saisir la première configuration</translation>
        </message>
        <message>
            <source>Its light does not move by itself.</source>
            <translation>Sa lumière ne bouge pas d'elle-même.</translation>
        </message>
        <message>
            <source>With the place's coordinates, the sun's way is drawn here.</source>
            <translation>Avec les coordonnées du lieu, la course du soleil est tracée ici.</translation>
        </message>
        <message>
            <source>With the shoot's date, the sun's way is drawn here.</source>
            <translation>Avec la date de la prise de vues, la course du soleil est tracée ici.</translation>
        </message>
        <message>
            <source>How its light moves</source>
            <translation>Comment bouge sa lumière</translation>
        </message>
        <message>
            <source>Sky light</source>
            <translation>Lumière du ciel</translation>
        </message>
        <message>
            <source>Daylight</source>
            <translation>Lumière du jour</translation>
        </message>
        <message>
            <source>A chart shot at %1: </source>
            <translation>Une mire prise à %1 : </translation>
        </message>
        <message>
            <source>The sun is down.</source>
            <translation>Le soleil est couché.</translation>
        </message>
    </context>
    <context>
        <name>DayTable</name>
        <message>
            <source>The day's setups</source>
            <translation>Les configurations du jour</translation>
        </message>
    </context>
    <context>
        <name>refero::DayTable</name>
        <message>
            <source>The day's setups</source>
            <translation>Les configurations du jour</translation>
        </message>
    </context>
    <context>
        <name>Dialogs</name>
        <message>
            <source>Import frames</source>
            <translation>Importer des images</translation>
        </message>
        <message>
            <source>Raw files, pictures and clips (%1)</source>
            <comment>the endings</comment>
            <translation>Fichiers raw, images et clips (%1)</translation>
        </message>
        <message>
            <source>All files (*)</source>
            <translation>Tous les fichiers (*)</translation>
        </message>
        <message>
            <source>Close Refero</source>
            <translation>Fermer Refero</translation>
        </message>
        <message>
            <source>Something is still being done</source>
            <translation>Quelque chose est encore en cours</translation>
        </message>
        <message>
            <source>Stay</source>
            <translation>Rester</translation>
        </message>
        <message>
            <source>Stop and close</source>
            <translation>Arrêter et fermer</translation>
        </message>
        <message>
            <source>Close when it is done</source>
            <translation>Fermer quand c'est fini</translation>
        </message>
    </context>
    <context>
        <name>refero::Dialogs</name>
        <message>
            <source>Import frames</source>
            <translation>Importer des images</translation>
        </message>
        <message>
            <source>Raw files, pictures and clips (%1)</source>
            <comment>the endings</comment>
            <translation>Fichiers raw, images et clips (%1)</translation>
        </message>
        <message>
            <source>All files (*)</source>
            <translation>Tous les fichiers (*)</translation>
        </message>
        <message>
            <source>Close Refero</source>
            <translation>Fermer Refero</translation>
        </message>
        <message>
            <source>Something is still being done</source>
            <translation>Quelque chose est encore en cours</translation>
        </message>
        <message>
            <source>Stay</source>
            <translation>Rester</translation>
        </message>
        <message>
            <source>Stop and close</source>
            <translation>Arrêter et fermer</translation>
        </message>
        <message>
            <source>Close when it is done</source>
            <translation>Fermer quand c'est fini</translation>
        </message>
    </context>
    <context>
        <name>Display</name>
        <message>
            <source>Shown for this display by the profile that the system's colour manager names, %1.</source>
            <translation>Affiché pour cet écran selon le profil que nomme la gestion des couleurs du système, %1.</translation>
        </message>
        <message>
            <source>The system names no profile for this display, so pictures are shown for sRGB: on another display colours look wrong. Choose the display's profile in the menu, under View.</source>
            <translation>Le système ne nomme pas de profil pour cet écran, les images sont donc montrées pour sRGB : sur un autre écran les couleurs paraissent fausses. Choisissez le profil dans le menu, sous Affichage.</translation>
        </message>
        <message>
            <source>No display profile</source>
            <translation>Pas de profil d'écran</translation>
        </message>
        <message>
            <source>Shown for %1</source>
            <translation>Affiché pour %1</translation>
        </message>
    </context>
    <context>
        <name>refero::Display</name>
        <message>
            <source>Shown for this display by the profile that the system's colour manager names, %1.</source>
            <translation>Affiché pour cet écran selon le profil que nomme la gestion des couleurs du système, %1.</translation>
        </message>
        <message>
            <source>The system names no profile for this display, so pictures are shown for sRGB: on another display colours look wrong. Choose the display's profile in the menu, under View.</source>
            <translation>Le système ne nomme pas de profil pour cet écran, les images sont donc montrées pour sRGB : sur un autre écran les couleurs paraissent fausses. Choisissez le profil dans le menu, sous Affichage.</translation>
        </message>
        <message>
            <source>No display profile</source>
            <translation>Pas de profil d'écran</translation>
        </message>
        <message>
            <source>Shown for %1</source>
            <translation>Affiché pour %1</translation>
        </message>
    </context>
    <context>
        <name>EmptyState</name>
        <message>
            <source>Drop a photograph of your chart here</source>
            <translation>Déposez ici une photo de votre mire</translation>
        </message>
        <message>
            <source>Refero finds the chart, measures its patches, judges the shot and builds the correction for everything taken with this body, lens and light.</source>
            <translation>Refero trouve la mire, mesure ses plages, juge la prise et construit la correction de tout ce qui a été pris avec ce boîtier, cet objectif et cette lumière.</translation>
        </message>
        <message>
            <source>Your chart</source>
            <translation>Votre mire</translation>
        </message>
        <message>
            <source>The Fen 24 and the Fen 48 are known. Any other chart in rows and columns takes two steps: drop a photograph of it, which shows how its patches lie; then drop its data, the file of its maker or of an instrument, or paste its table.</source>
            <translation>Fen 24 et Fen 48 sont connues. Toute autre mire en lignes et colonnes demande deux étapes : déposez sa photo, qui montre la place des plages ; puis ses données, le fichier du fabricant ou d'un instrument, ou collez son tableau.</translation>
        </message>
        <message>
            <source>Open a frame</source>
            <translation>Ouvrir une image</translation>
        </message>
        <message>
            <source>Look at the demo</source>
            <translation>Voir la démo</translation>
        </message>
        <message>
            <source>Plan a day</source>
            <translation>Planifier une journée</translation>
        </message>
    </context>
    <context>
        <name>refero::EmptyState</name>
        <message>
            <source>Drop a photograph of your chart here</source>
            <translation>Déposez ici une photo de votre mire</translation>
        </message>
        <message>
            <source>Refero finds the chart, measures its patches, judges the shot and builds the correction for everything taken with this body, lens and light.</source>
            <translation>Refero trouve la mire, mesure ses plages, juge la prise et construit la correction de tout ce qui a été pris avec ce boîtier, cet objectif et cette lumière.</translation>
        </message>
        <message>
            <source>Your chart</source>
            <translation>Votre mire</translation>
        </message>
        <message>
            <source>The Fen 24 and the Fen 48 are known. Any other chart in rows and columns takes two steps: drop a photograph of it, which shows how its patches lie; then drop its data, the file of its maker or of an instrument, or paste its table.</source>
            <translation>Fen 24 et Fen 48 sont connues. Toute autre mire en lignes et colonnes demande deux étapes : déposez sa photo, qui montre la place des plages ; puis ses données, le fichier du fabricant ou d'un instrument, ou collez son tableau.</translation>
        </message>
        <message>
            <source>Open a frame</source>
            <translation>Ouvrir une image</translation>
        </message>
        <message>
            <source>Look at the demo</source>
            <translation>Voir la démo</translation>
        </message>
        <message>
            <source>Plan a day</source>
            <translation>Planifier une journée</translation>
        </message>
    </context>
    <context>
        <name>EvennessMap</name>
        <message>
            <source>Even light</source>
            <translation>Lumière égale</translation>
        </message>
        <message>
            <source>The greys do not tell</source>
            <translation>Les gris ne le disent pas</translation>
        </message>
    </context>
    <context>
        <name>refero::EvennessMap</name>
        <message>
            <source>Even light</source>
            <translation>Lumière égale</translation>
        </message>
        <message>
            <source>The greys do not tell</source>
            <translation>Les gris ne le disent pas</translation>
        </message>
    </context>
    <context>
        <name>FiguresPanel</name>
        <message>
            <source>Show %1</source>
            <translation>Montrer %1</translation>
        </message>
        <message>
            <source>Fold %1 away</source>
            <translation>Replier %1</translation>
        </message>
        <message>
            <source>Put %1 at the right of the picture</source>
            <translation>Mettre %1 à droite de l'image</translation>
        </message>
        <message>
            <source>Put %1 below the picture</source>
            <translation>Mettre %1 sous l'image</translation>
        </message>
    </context>
    <context>
        <name>refero::FiguresPanel</name>
        <message>
            <source>Show %1</source>
            <translation>Montrer %1</translation>
        </message>
        <message>
            <source>Fold %1 away</source>
            <translation>Replier %1</translation>
        </message>
        <message>
            <source>Put %1 at the right of the picture</source>
            <translation>Mettre %1 à droite de l'image</translation>
        </message>
        <message>
            <source>Put %1 below the picture</source>
            <translation>Mettre %1 sous l'image</translation>
        </message>
    </context>
    <context>
        <name>Findings</name>
        <message>
            <source>Findings</source>
            <translation>Constats</translation>
        </message>
        <message numerus="yes">
            <source>%n others are good</source>
            <translation>
                <numerusform>%n autre est bon</numerusform>
                <numerusform>%n autres sont bons</numerusform>
            </translation>
        </message>
        <message>
            <source>Shows or hides what is good.</source>
            <translation>Montre ou cache ce qui est bon.</translation>
        </message>
    </context>
    <context>
        <name>refero::Findings</name>
        <message>
            <source>Findings</source>
            <translation>Constats</translation>
        </message>
        <message numerus="yes">
            <source>%n others are good</source>
            <translation>
                <numerusform>%n autre est bon</numerusform>
                <numerusform>%n autres sont bons</numerusform>
            </translation>
        </message>
        <message>
            <source>Shows or hides what is good.</source>
            <translation>Montre ou cache ce qui est bon.</translation>
        </message>
    </context>
    <context>
        <name>FinishPage</name>
        <message>
            <source>On top; no figure counts it.</source>
            <translation>Par-dessus ; aucun chiffre ne le compte.</translation>
        </message>
        <message>
            <source>Warmth,
mired</source>
            <translation>Chaleur,
mired</translation>
        </message>
    </context>
    <context>
        <name>refero::FinishPage</name>
        <message>
            <source>On top; no figure counts it.</source>
            <translation>Par-dessus ; aucun chiffre ne le compte.</translation>
        </message>
        <message>
            <source>Warmth,
mired</source>
            <translation>Chaleur,
mired</translation>
        </message>
    </context>
    <context>
        <name>FrameFacts</name>
        <message>
            <source>Taken %1, %2</source>
            <comment>a date and a time</comment>
            <translation>Prise %1, %2</translation>
        </message>
        <message>
            <source>Shows the slate %1</source>
            <translation>Montre le clap %1</translation>
        </message>
        <message>
            <source>With the camera's own picture, %1</source>
            <translation>Avec l'image propre de l'appareil, %1</translation>
        </message>
    </context>
    <context>
        <name>refero::FrameFacts</name>
        <message>
            <source>Taken %1, %2</source>
            <comment>a date and a time</comment>
            <translation>Prise %1, %2</translation>
        </message>
        <message>
            <source>Shows the slate %1</source>
            <translation>Montre le clap %1</translation>
        </message>
        <message>
            <source>With the camera's own picture, %1</source>
            <translation>Avec l'image propre de l'appareil, %1</translation>
        </message>
    </context>
    <context>
        <name>FrameView</name>
        <message>
            <source>Chart frame with outline and sampling areas</source>
            <translation>Image de mire avec contour et zones mesurées</translation>
        </message>
        <message>
            <source>Move the %1 corner</source>
            <translation>Déplacer le coin %1</translation>
        </message>
        <message>
            <source>Put %1 back in its place</source>
            <translation>Remettre %1 à sa place</translation>
        </message>
        <message>
            <source>Nudge the %1 corner</source>
            <translation>Décaler le coin %1</translation>
        </message>
        <message>
            <source>No picture yet.</source>
            <translation>Pas encore d'image.</translation>
        </message>
        <message>
            <source>No chart is outlined.</source>
            <translation>Aucune mire n'est délimitée.</translation>
        </message>
        <message numerus="yes">
            <source>%1 is outlined, %n patches.</source>
            <translation>
                <numerusform>%1 est délimitée, %n plage.</numerusform>
                <numerusform>%1 est délimitée, %n plages.</numerusform>
            </translation>
        </message>
        <message>
            <source>%1, left out</source>
            <translation>%1, exclue</translation>
        </message>
        <message>
            <source>%1, marked by a finding</source>
            <translation>%1, marquée par un constat</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a patch and its value</comment>
            <translation>%1 : %2.</translation>
        </message>
    </context>
    <context>
        <name>refero::FrameView</name>
        <message>
            <source>Chart frame with outline and sampling areas</source>
            <translation>Image de mire avec contour et zones mesurées</translation>
        </message>
        <message>
            <source>Move the %1 corner</source>
            <translation>Déplacer le coin %1</translation>
        </message>
        <message>
            <source>Put %1 back in its place</source>
            <translation>Remettre %1 à sa place</translation>
        </message>
        <message>
            <source>Nudge the %1 corner</source>
            <translation>Décaler le coin %1</translation>
        </message>
        <message>
            <source>No picture yet.</source>
            <translation>Pas encore d'image.</translation>
        </message>
        <message>
            <source>No chart is outlined.</source>
            <translation>Aucune mire n'est délimitée.</translation>
        </message>
        <message numerus="yes">
            <source>%1 is outlined, %n patches.</source>
            <translation>
                <numerusform>%1 est délimitée, %n plage.</numerusform>
                <numerusform>%1 est délimitée, %n plages.</numerusform>
            </translation>
        </message>
        <message>
            <source>%1, left out</source>
            <translation>%1, exclue</translation>
        </message>
        <message>
            <source>%1, marked by a finding</source>
            <translation>%1, marquée par un constat</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a patch and its value</comment>
            <translation>%1 : %2.</translation>
        </message>
    </context>
    <context>
        <name>FrameViewer</name>
        <message>
            <source>Contact sheet</source>
            <translation>Planche contact</translation>
        </message>
        <message>
            <source>Back to all frames (Esc)</source>
            <translation>Retour à toutes les images (Échap)</translation>
        </message>
        <message>
            <source>See its reading</source>
            <translation>Voir sa lecture</translation>
        </message>
        <message>
            <source>Display profile</source>
            <translation>Profil d'écran</translation>
        </message>
        <message>
            <source>Choose the ICC profile of this display.</source>
            <translation>Choisissez le profil ICC de cet écran.</translation>
        </message>
        <message>
            <source>Moment of the clip</source>
            <translation>Moment du clip</translation>
        </message>
        <message>
            <source>Take this moment</source>
            <translation>Prendre ce moment</translation>
        </message>
        <message>
            <source>The clip stands for this picture from now on; a chart in it is read.</source>
            <translation>Le clip vaut désormais pour cette image ; une mire qui y est sera lue.</translation>
        </message>
        <message>
            <source>No profile for this display: colours may look wrong</source>
            <translation>Pas de profil pour cet écran : les couleurs peuvent être fausses</translation>
        </message>
        <message>
            <source>Shown for %1</source>
            <translation>Affiché pour %1</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>%1 sur %2</translation>
        </message>
        <message>
            <source>Opening</source>
            <translation>Ouverture</translation>
        </message>
        <message>
            <source>%1 of %2, %3 x %4, %5%6, %7</source>
            <translation>%1 sur %2, %3 x %4, %5%6, %7</translation>
        </message>
        <message>
            <source>%1 of %2 s</source>
            <translation>%1 sur %2 s</translation>
        </message>
        <message>
            <source>A grey is marked in a subject's frame of a setup; this is none.</source>
            <translation>Un gris se marque dans une image de sujet d'une configuration ; ce n'en est pas une.</translation>
        </message>
        <message>
            <source>Nothing is marked as grey here.</source>
            <translation>Rien n'est marqué comme gris ici.</translation>
        </message>
        <message>
            <source>This is clipped or black: it tells nothing of the light.</source>
            <translation>C'est écrêté ou noir : cela ne dit rien de la lumière.</translation>
        </message>
    </context>
    <context>
        <name>refero::FrameViewer</name>
        <message>
            <source>Contact sheet</source>
            <translation>Planche contact</translation>
        </message>
        <message>
            <source>Back to all frames (Esc)</source>
            <translation>Retour à toutes les images (Échap)</translation>
        </message>
        <message>
            <source>See its reading</source>
            <translation>Voir sa lecture</translation>
        </message>
        <message>
            <source>Display profile</source>
            <translation>Profil d'écran</translation>
        </message>
        <message>
            <source>Choose the ICC profile of this display.</source>
            <translation>Choisissez le profil ICC de cet écran.</translation>
        </message>
        <message>
            <source>Moment of the clip</source>
            <translation>Moment du clip</translation>
        </message>
        <message>
            <source>Take this moment</source>
            <translation>Prendre ce moment</translation>
        </message>
        <message>
            <source>The clip stands for this picture from now on; a chart in it is read.</source>
            <translation>Le clip vaut désormais pour cette image ; une mire qui y est sera lue.</translation>
        </message>
        <message>
            <source>No profile for this display: colours may look wrong</source>
            <translation>Pas de profil pour cet écran : les couleurs peuvent être fausses</translation>
        </message>
        <message>
            <source>Shown for %1</source>
            <translation>Affiché pour %1</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>%1 sur %2</translation>
        </message>
        <message>
            <source>Opening</source>
            <translation>Ouverture</translation>
        </message>
        <message>
            <source>%1 of %2, %3 x %4, %5%6, %7</source>
            <translation>%1 sur %2, %3 x %4, %5%6, %7</translation>
        </message>
        <message>
            <source>%1 of %2 s</source>
            <translation>%1 sur %2 s</translation>
        </message>
        <message>
            <source>A grey is marked in a subject's frame of a setup; this is none.</source>
            <translation>Un gris se marque dans une image de sujet d'une configuration ; ce n'en est pas une.</translation>
        </message>
        <message>
            <source>Nothing is marked as grey here.</source>
            <translation>Rien n'est marqué comme gris ici.</translation>
        </message>
        <message>
            <source>This is clipped or black: it tells nothing of the light.</source>
            <translation>C'est écrêté ou noir : cela ne dit rien de la lumière.</translation>
        </message>
    </context>
    <context>
        <name>FramesChoice</name>
        <message>
            <source>As the frame</source>
            <translation>Comme l'image</translation>
        </message>
        <message>
            <source>Setup, number</source>
            <translation>Configuration, numéro</translation>
        </message>
        <message>
            <source>Setup, frame</source>
            <translation>Configuration, image</translation>
        </message>
        <message>
            <source>Date, frame</source>
            <translation>Date, image</translation>
        </message>
        <message>
            <source>A pattern of mine</source>
            <translation>Un modèle à moi</translation>
        </message>
        <message>
            <source>This setup</source>
            <translation>Cette configuration</translation>
        </message>
        <message>
            <source>Whole shoot</source>
            <translation>Toute la prise de vues</translation>
        </message>
        <message>
            <source>None</source>
            <translation>Aucune</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Telle quelle</translation>
        </message>
        <message>
            <source>Pattern of the names</source>
            <translation>Modèle des noms</translation>
        </message>
        <message>
            <source>{frame} is the frame's own name; {n}, {space}, {setup}, {body}, {light}, {place} and {date} can be in it.</source>
            <translation>{frame} est le nom propre de l'image ; {n}, {space}, {setup}, {body}, {light}, {place} et {date} peuvent y être.</translation>
        </message>
        <message>
            <source>By</source>
            <translation>Par</translation>
        </message>
        <message>
            <source>Frames</source>
            <translation>Images</translation>
        </message>
        <message>
            <source>By which correction</source>
            <translation>Par quelle correction</translation>
        </message>
        <message>
            <source>Because</source>
            <translation>Parce que</translation>
        </message>
        <message>
            <source>Why this correction serves them</source>
            <translation>Pourquoi cette correction leur convient</translation>
        </message>
        <message>
            <source>Why this one serves frames that the rules give another</source>
            <translation>Pourquoi celle-ci sert des images auxquelles les règles en donnent une autre</translation>
        </message>
        <message>
            <source>Clips as</source>
            <translation>Clips en</translation>
        </message>
        <message>
            <source>What clips become</source>
            <translation>Ce que deviennent les clips</translation>
        </message>
        <message>
            <source>One clip keeps its rate, sound, timecode and colour tags; both kinds have 10 bits.</source>
            <translation>Un clip garde cadence, son, timecode et balises de couleur ; les deux ont 10 bits.</translation>
        </message>
        <message>
            <source>A folder of pictures</source>
            <translation>Un dossier d'images</translation>
        </message>
        <message>
            <source>FFV1: no loss</source>
            <translation>FFV1 : sans perte</translation>
        </message>
        <message>
            <source>AV1: small</source>
            <translation>AV1 : petit</translation>
        </message>
        <message>
            <source>Chosen (%1)</source>
            <translation>Choisies (%1)</translation>
        </message>
        <message>
            <source>Its own correction</source>
            <translation>Sa propre correction</translation>
        </message>
        <message>
            <source>No frames to render yet.</source>
            <translation>Pas encore d'images à rendre.</translation>
        </message>
        <message>
            <source>%1 frame as %2.</source>
            <translation>%1 image en %2.</translation>
        </message>
        <message>
            <source>%1 frames as %2.</source>
            <translation>%1 images en %2.</translation>
        </message>
    </context>
    <context>
        <name>refero::FramesChoice</name>
        <message>
            <source>As the frame</source>
            <translation>Comme l'image</translation>
        </message>
        <message>
            <source>Setup, number</source>
            <translation>Configuration, numéro</translation>
        </message>
        <message>
            <source>Setup, frame</source>
            <translation>Configuration, image</translation>
        </message>
        <message>
            <source>Date, frame</source>
            <translation>Date, image</translation>
        </message>
        <message>
            <source>A pattern of mine</source>
            <translation>Un modèle à moi</translation>
        </message>
        <message>
            <source>This setup</source>
            <translation>Cette configuration</translation>
        </message>
        <message>
            <source>Whole shoot</source>
            <translation>Toute la prise de vues</translation>
        </message>
        <message>
            <source>None</source>
            <translation>Aucune</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Telle quelle</translation>
        </message>
        <message>
            <source>Pattern of the names</source>
            <translation>Modèle des noms</translation>
        </message>
        <message>
            <source>{frame} is the frame's own name; {n}, {space}, {setup}, {body}, {light}, {place} and {date} can be in it.</source>
            <translation>{frame} est le nom propre de l'image ; {n}, {space}, {setup}, {body}, {light}, {place} et {date} peuvent y être.</translation>
        </message>
        <message>
            <source>By</source>
            <translation>Par</translation>
        </message>
        <message>
            <source>Frames</source>
            <translation>Images</translation>
        </message>
        <message>
            <source>By which correction</source>
            <translation>Par quelle correction</translation>
        </message>
        <message>
            <source>Because</source>
            <translation>Parce que</translation>
        </message>
        <message>
            <source>Why this correction serves them</source>
            <translation>Pourquoi cette correction leur convient</translation>
        </message>
        <message>
            <source>Why this one serves frames that the rules give another</source>
            <translation>Pourquoi celle-ci sert des images auxquelles les règles en donnent une autre</translation>
        </message>
        <message>
            <source>Clips as</source>
            <translation>Clips en</translation>
        </message>
        <message>
            <source>What clips become</source>
            <translation>Ce que deviennent les clips</translation>
        </message>
        <message>
            <source>One clip keeps its rate, sound, timecode and colour tags; both kinds have 10 bits.</source>
            <translation>Un clip garde cadence, son, timecode et balises de couleur ; les deux ont 10 bits.</translation>
        </message>
        <message>
            <source>A folder of pictures</source>
            <translation>Un dossier d'images</translation>
        </message>
        <message>
            <source>FFV1: no loss</source>
            <translation>FFV1 : sans perte</translation>
        </message>
        <message>
            <source>AV1: small</source>
            <translation>AV1 : petit</translation>
        </message>
        <message>
            <source>Chosen (%1)</source>
            <translation>Choisies (%1)</translation>
        </message>
        <message>
            <source>Its own correction</source>
            <translation>Sa propre correction</translation>
        </message>
        <message>
            <source>No frames to render yet.</source>
            <translation>Pas encore d'images à rendre.</translation>
        </message>
        <message>
            <source>%1 frame as %2.</source>
            <translation>%1 image en %2.</translation>
        </message>
        <message>
            <source>%1 frames as %2.</source>
            <translation>%1 images en %2.</translation>
        </message>
    </context>
    <context>
        <name>FramesStation</name>
        <message>
            <source>Import frames</source>
            <translation>Importer des images</translation>
        </message>
        <message>
            <source>Or drop files, folders or a card on the window.</source>
            <translation>Ou déposez fichiers, dossiers ou une carte sur la fenêtre.</translation>
        </message>
        <message>
            <source>What becomes of the files</source>
            <translation>Ce que deviennent les fichiers</translation>
        </message>
        <message>
            <source>Files stay in place</source>
            <translation>Les fichiers restent en place</translation>
        </message>
        <message>
            <source>Copy them, verified, to...</source>
            <translation>Les copier, vérifiés, vers...</translation>
        </message>
        <message>
            <source>A verified copy is read again from the disk and compared.</source>
            <translation>Une copie vérifiée est relue du disque et comparée.</translation>
        </message>
        <message>
            <source>On set</source>
            <translation>Sur le plateau</translation>
        </message>
        <message>
            <source>Watch the folder that a camera shoots into, and judge every chart shot at once.</source>
            <translation>Surveiller le dossier où une caméra enregistre, et juger chaque prise de mire aussitôt.</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>Arrêter</translation>
        </message>
        <message>
            <source>What came in so far stays.</source>
            <translation>Ce qui est arrivé reste.</translation>
        </message>
        <message>
            <source>Frames shown</source>
            <translation>Images montrées</translation>
        </message>
        <message>
            <source>All frames</source>
            <translation>Toutes les images</translation>
        </message>
        <message>
            <source>Chart frames</source>
            <translation>Images de mire</translation>
        </message>
        <message>
            <source>In no setup</source>
            <translation>Sans configuration</translation>
        </message>
        <message>
            <source>Doubtful</source>
            <translation>Douteuses</translation>
        </message>
        <message>
            <source>Grey cards</source>
            <translation>Cartes grises</translation>
        </message>
        <message>
            <source>Order of the frames</source>
            <translation>Ordre des images</translation>
        </message>
        <message>
            <source>By time</source>
            <translation>Par heure</translation>
        </message>
        <message>
            <source>By name</source>
            <translation>Par nom</translation>
        </message>
        <message>
            <source>Charts first</source>
            <translation>Mires d'abord</translation>
        </message>
        <message>
            <source>Setup of the chosen frames</source>
            <translation>Configuration des images choisies</translation>
        </message>
        <message>
            <source>Camera clock slow by</source>
            <translation>Horloge de l'appareil en retard de</translation>
        </message>
        <message>
            <source>How far this camera's clock was behind, as 0:03:20; -1:00:00 where it was ahead. All frames of this body move, and are sorted anew.</source>
            <translation>De combien l'horloge de cet appareil retardait, comme 0:03:20 ; -1:00:00 si elle avançait. Toutes les images de ce boîtier bougent et sont retriées.</translation>
        </message>
        <message>
            <source>New setup from selection</source>
            <translation>Nouvelle configuration d'après la sélection</translation>
        </message>
        <message>
            <source>A new setup with their body and lens; name it with F2.</source>
            <translation>Une nouvelle configuration avec leur boîtier et objectif ; nommez-la avec F2.</translation>
        </message>
        <message>
            <source>Begin this proposed setup</source>
            <translation>Commencer cette configuration proposée</translation>
        </message>
        <message>
            <source>With all of its frames; its chart shot is read.</source>
            <translation>Avec toutes ses images ; sa prise de mire est lue.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Livrer</translation>
        </message>
        <message>
            <source>To the handover, with these frames as what goes out.</source>
            <translation>À la livraison, avec ces images comme envoi.</translation>
        </message>
        <message>
            <source>What could not be brought in</source>
            <translation>Ce qui n'a pu être importé</translation>
        </message>
        <message>
            <source>Drop the day's card here</source>
            <translation>Déposez ici la carte du jour</translation>
        </message>
        <message>
            <source>Copy the frames into</source>
            <translation>Copier les images dans</translation>
        </message>
        <message>
            <source>Copy to %1</source>
            <translation>Copier vers %1</translation>
        </message>
        <message>
            <source>A verified copy is read again and compared.</source>
            <translation>Une copie vérifiée est relue et comparée.</translation>
        </message>
        <message>
            <source>No frame chosen</source>
            <translation>Aucune image choisie</translation>
        </message>
        <message>
            <source>Drag frames onto another setup to correct what was sorted wrongly.</source>
            <translation>Glissez des images sur une autre configuration pour corriger un mauvais tri.</translation>
        </message>
        <message>
            <source>Proposed: %1</source>
            <translation>Proposée : %1</translation>
        </message>
        <message>
            <source>A light of its own</source>
            <translation>Une lumière à part</translation>
        </message>
        <message>
            <source>Looking for files</source>
            <translation>Recherche de fichiers</translation>
        </message>
        <message>
            <source>Frame %1 of %2</source>
            <translation>Image %1 sur %2</translation>
        </message>
    </context>
    <context>
        <name>refero::FramesStation</name>
        <message>
            <source>Import frames</source>
            <translation>Importer des images</translation>
        </message>
        <message>
            <source>Or drop files, folders or a card on the window.</source>
            <translation>Ou déposez fichiers, dossiers ou une carte sur la fenêtre.</translation>
        </message>
        <message>
            <source>What becomes of the files</source>
            <translation>Ce que deviennent les fichiers</translation>
        </message>
        <message>
            <source>Files stay in place</source>
            <translation>Les fichiers restent en place</translation>
        </message>
        <message>
            <source>Copy them, verified, to...</source>
            <translation>Les copier, vérifiés, vers...</translation>
        </message>
        <message>
            <source>A verified copy is read again from the disk and compared.</source>
            <translation>Une copie vérifiée est relue du disque et comparée.</translation>
        </message>
        <message>
            <source>On set</source>
            <translation>Sur le plateau</translation>
        </message>
        <message>
            <source>Watch the folder that a camera shoots into, and judge every chart shot at once.</source>
            <translation>Surveiller le dossier où une caméra enregistre, et juger chaque prise de mire aussitôt.</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>Arrêter</translation>
        </message>
        <message>
            <source>What came in so far stays.</source>
            <translation>Ce qui est arrivé reste.</translation>
        </message>
        <message>
            <source>Frames shown</source>
            <translation>Images montrées</translation>
        </message>
        <message>
            <source>All frames</source>
            <translation>Toutes les images</translation>
        </message>
        <message>
            <source>Chart frames</source>
            <translation>Images de mire</translation>
        </message>
        <message>
            <source>In no setup</source>
            <translation>Sans configuration</translation>
        </message>
        <message>
            <source>Doubtful</source>
            <translation>Douteuses</translation>
        </message>
        <message>
            <source>Grey cards</source>
            <translation>Cartes grises</translation>
        </message>
        <message>
            <source>Order of the frames</source>
            <translation>Ordre des images</translation>
        </message>
        <message>
            <source>By time</source>
            <translation>Par heure</translation>
        </message>
        <message>
            <source>By name</source>
            <translation>Par nom</translation>
        </message>
        <message>
            <source>Charts first</source>
            <translation>Mires d'abord</translation>
        </message>
        <message>
            <source>Setup of the chosen frames</source>
            <translation>Configuration des images choisies</translation>
        </message>
        <message>
            <source>Camera clock slow by</source>
            <translation>Horloge de l'appareil en retard de</translation>
        </message>
        <message>
            <source>How far this camera's clock was behind, as 0:03:20; -1:00:00 where it was ahead. All frames of this body move, and are sorted anew.</source>
            <translation>De combien l'horloge de cet appareil retardait, comme 0:03:20 ; -1:00:00 si elle avançait. Toutes les images de ce boîtier bougent et sont retriées.</translation>
        </message>
        <message>
            <source>New setup from selection</source>
            <translation>Nouvelle configuration d'après la sélection</translation>
        </message>
        <message>
            <source>A new setup with their body and lens; name it with F2.</source>
            <translation>Une nouvelle configuration avec leur boîtier et objectif ; nommez-la avec F2.</translation>
        </message>
        <message>
            <source>Begin this proposed setup</source>
            <translation>Commencer cette configuration proposée</translation>
        </message>
        <message>
            <source>With all of its frames; its chart shot is read.</source>
            <translation>Avec toutes ses images ; sa prise de mire est lue.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Livrer</translation>
        </message>
        <message>
            <source>To the handover, with these frames as what goes out.</source>
            <translation>À la livraison, avec ces images comme envoi.</translation>
        </message>
        <message>
            <source>What could not be brought in</source>
            <translation>Ce qui n'a pu être importé</translation>
        </message>
        <message>
            <source>Drop the day's card here</source>
            <translation>Déposez ici la carte du jour</translation>
        </message>
        <message>
            <source>Copy the frames into</source>
            <translation>Copier les images dans</translation>
        </message>
        <message>
            <source>Copy to %1</source>
            <translation>Copier vers %1</translation>
        </message>
        <message>
            <source>A verified copy is read again and compared.</source>
            <translation>Une copie vérifiée est relue et comparée.</translation>
        </message>
        <message>
            <source>No frame chosen</source>
            <translation>Aucune image choisie</translation>
        </message>
        <message>
            <source>Drag frames onto another setup to correct what was sorted wrongly.</source>
            <translation>Glissez des images sur une autre configuration pour corriger un mauvais tri.</translation>
        </message>
        <message>
            <source>Proposed: %1</source>
            <translation>Proposée : %1</translation>
        </message>
        <message>
            <source>A light of its own</source>
            <translation>Une lumière à part</translation>
        </message>
        <message>
            <source>Looking for files</source>
            <translation>Recherche de fichiers</translation>
        </message>
        <message>
            <source>Frame %1 of %2</source>
            <translation>Image %1 sur %2</translation>
        </message>
    </context>
    <context>
        <name>FramingView</name>
        <message>
            <source>The chart covers %1 % of the frame</source>
            <translation>La mire couvre %1 % de l'image</translation>
        </message>
        <message>
            <source>The chart in the frame: not known yet</source>
            <translation>La mire dans l'image : pas encore connue</translation>
        </message>
        <message>
            <source>The chart takes %1 % of the frame.</source>
            <translation>La mire prend %1 % de l'image.</translation>
        </message>
        <message>
            <source>What the chart takes of the frame cannot be told yet.</source>
            <translation>Ce que la mire prend de l'image ne peut encore se dire.</translation>
        </message>
    </context>
    <context>
        <name>refero::FramingView</name>
        <message>
            <source>The chart covers %1 % of the frame</source>
            <translation>La mire couvre %1 % de l'image</translation>
        </message>
        <message>
            <source>The chart in the frame: not known yet</source>
            <translation>La mire dans l'image : pas encore connue</translation>
        </message>
        <message>
            <source>The chart takes %1 % of the frame.</source>
            <translation>La mire prend %1 % de l'image.</translation>
        </message>
        <message>
            <source>What the chart takes of the frame cannot be told yet.</source>
            <translation>Ce que la mire prend de l'image ne peut encore se dire.</translation>
        </message>
    </context>
    <context>
        <name>GreyList</name>
        <message>
            <source>Greys to balance on</source>
            <translation>Gris pour équilibrer</translation>
        </message>
        <message>
            <source>Hold Shift and draw over something that looks grey.</source>
            <translation>Tenez Maj et tracez sur quelque chose qui semble gris.</translation>
        </message>
    </context>
    <context>
        <name>refero::GreyList</name>
        <message>
            <source>Greys to balance on</source>
            <translation>Gris pour équilibrer</translation>
        </message>
        <message>
            <source>Hold Shift and draw over something that looks grey.</source>
            <translation>Tenez Maj et tracez sur quelque chose qui semble gris.</translation>
        </message>
    </context>
    <context>
        <name>HandoverActions</name>
        <message>
            <source>Writing</source>
            <translation>Écriture</translation>
        </message>
        <message>
            <source>Left as it was there</source>
            <translation>Laissé tel que c'était là</translation>
        </message>
        <message>
            <source>Written</source>
            <translation>Écrit</translation>
        </message>
        <message>
            <source>Leaves %1 on average, %2 at most</source>
            <translation>Laisse %1 en moyenne, %2 au plus</translation>
        </message>
    </context>
    <context>
        <name>refero::HandoverActions</name>
        <message>
            <source>Writing</source>
            <translation>Écriture</translation>
        </message>
        <message>
            <source>Left as it was there</source>
            <translation>Laissé tel que c'était là</translation>
        </message>
        <message>
            <source>Written</source>
            <translation>Écrit</translation>
        </message>
        <message>
            <source>Leaves %1 on average, %2 at most</source>
            <translation>Laisse %1 en moyenne, %2 au plus</translation>
        </message>
    </context>
    <context>
        <name>HandoverStation</name>
        <message>
            <source>Holds all of it.</source>
            <translation>Contient tout.</translation>
        </message>
        <message>
            <source>Check frame</source>
            <translation>Image de contrôle</translation>
        </message>
        <message>
            <source>A frame as a plate, seen through the view; held against the graded picture.</source>
            <translation>Une image en plate, vue par la vue ; comparée à l'image étalonnée.</translation>
        </message>
        <message>
            <source>Recipe</source>
            <translation>Recette</translation>
        </message>
        <message>
            <source>What wheels, curves and hue controls cannot do; it says how much that is.</source>
            <translation>Ce que roues, courbes et réglages de teinte ne peuvent ; il dit combien.</translation>
        </message>
        <message>
            <source>Report</source>
            <translation>Rapport</translation>
        </message>
        <message>
            <source>No correction: figures and pictures.</source>
            <translation>Pas de correction : chiffres et images.</translation>
        </message>
        <message>
            <source>To the correction</source>
            <translation>Vers la correction</translation>
        </message>
        <message>
            <source>No setup is chosen. Bring in a chart shot, or plan the day.</source>
            <translation>Aucune configuration choisie. Importez une prise de mire, ou planifiez la journée.</translation>
        </message>
        <message>
            <source>The chart of %1 serves %2, too; it has no correction yet.</source>
            <translation>La mire de %1 sert aussi %2 ; elle n'a pas encore de correction.</translation>
        </message>
        <message>
            <source>The chart of %1 serves %2, too: its frames go out by that correction.</source>
            <translation>La mire de %1 sert aussi %2 : ses images sortent par cette correction.</translation>
        </message>
        <message>
            <source>Hand its frames over</source>
            <translation>Livrer ses images</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Livrer</translation>
        </message>
        <message>
            <source>Asks for a folder, writes all of it there and reads each file back.</source>
            <translation>Demande un dossier, y écrit tout et relit chaque fichier.</translation>
        </message>
        <message>
            <source>What goes out</source>
            <translation>Ce qui sort</translation>
        </message>
        <message>
            <source>Base tone curve</source>
            <translation>Courbe de base</translation>
        </message>
        <message>
            <source>Straight</source>
            <translation>Droite</translation>
        </message>
        <message>
            <source>The finish's contrast</source>
            <translation>Le contraste de la finition</translation>
        </message>
        <message>
            <source>Search what went out</source>
            <translation>Chercher ce qui est sorti</translation>
        </message>
        <message>
            <source>Search</source>
            <translation>Chercher</translation>
        </message>
        <message>
            <source>Show the file</source>
            <translation>Montrer le fichier</translation>
        </message>
        <message>
            <source>Opens its folder in the file manager.</source>
            <translation>Ouvre son dossier dans le gestionnaire de fichiers.</translation>
        </message>
        <message>
            <source>Go on with these frames</source>
            <translation>Continuer avec ces images</translation>
        </message>
        <message>
            <source>Does what is left of a job of frames; what is finished is kept.</source>
            <translation>Fait ce qui reste d'un travail d'images ; le fini est gardé.</translation>
        </message>
        <message>
            <source>Nothing yet. Whatever goes out of this setup is kept here, with what another engine made of it; it is marked as out of date when the correction changes.</source>
            <translation>Encore rien. Ce qui sort de cette configuration est gardé ici, avec ce qu'un autre moteur en a fait ; c'est marqué périmé quand la correction change.</translation>
        </message>
        <message>
            <source>What went out of this setup</source>
            <translation>Ce qui est sorti de cette configuration</translation>
        </message>
        <message>
            <source>Into which folder for the %1</source>
            <translation>Dans quel dossier pour : %1</translation>
        </message>
    </context>
    <context>
        <name>refero::HandoverStation</name>
        <message>
            <source>Holds all of it.</source>
            <translation>Contient tout.</translation>
        </message>
        <message>
            <source>Check frame</source>
            <translation>Image de contrôle</translation>
        </message>
        <message>
            <source>A frame as a plate, seen through the view; held against the graded picture.</source>
            <translation>Une image en plate, vue par la vue ; comparée à l'image étalonnée.</translation>
        </message>
        <message>
            <source>Recipe</source>
            <translation>Recette</translation>
        </message>
        <message>
            <source>What wheels, curves and hue controls cannot do; it says how much that is.</source>
            <translation>Ce que roues, courbes et réglages de teinte ne peuvent ; il dit combien.</translation>
        </message>
        <message>
            <source>Report</source>
            <translation>Rapport</translation>
        </message>
        <message>
            <source>No correction: figures and pictures.</source>
            <translation>Pas de correction : chiffres et images.</translation>
        </message>
        <message>
            <source>To the correction</source>
            <translation>Vers la correction</translation>
        </message>
        <message>
            <source>No setup is chosen. Bring in a chart shot, or plan the day.</source>
            <translation>Aucune configuration choisie. Importez une prise de mire, ou planifiez la journée.</translation>
        </message>
        <message>
            <source>The chart of %1 serves %2, too; it has no correction yet.</source>
            <translation>La mire de %1 sert aussi %2 ; elle n'a pas encore de correction.</translation>
        </message>
        <message>
            <source>The chart of %1 serves %2, too: its frames go out by that correction.</source>
            <translation>La mire de %1 sert aussi %2 : ses images sortent par cette correction.</translation>
        </message>
        <message>
            <source>Hand its frames over</source>
            <translation>Livrer ses images</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Livrer</translation>
        </message>
        <message>
            <source>Asks for a folder, writes all of it there and reads each file back.</source>
            <translation>Demande un dossier, y écrit tout et relit chaque fichier.</translation>
        </message>
        <message>
            <source>What goes out</source>
            <translation>Ce qui sort</translation>
        </message>
        <message>
            <source>Base tone curve</source>
            <translation>Courbe de base</translation>
        </message>
        <message>
            <source>Straight</source>
            <translation>Droite</translation>
        </message>
        <message>
            <source>The finish's contrast</source>
            <translation>Le contraste de la finition</translation>
        </message>
        <message>
            <source>Search what went out</source>
            <translation>Chercher ce qui est sorti</translation>
        </message>
        <message>
            <source>Search</source>
            <translation>Chercher</translation>
        </message>
        <message>
            <source>Show the file</source>
            <translation>Montrer le fichier</translation>
        </message>
        <message>
            <source>Opens its folder in the file manager.</source>
            <translation>Ouvre son dossier dans le gestionnaire de fichiers.</translation>
        </message>
        <message>
            <source>Go on with these frames</source>
            <translation>Continuer avec ces images</translation>
        </message>
        <message>
            <source>Does what is left of a job of frames; what is finished is kept.</source>
            <translation>Fait ce qui reste d'un travail d'images ; le fini est gardé.</translation>
        </message>
        <message>
            <source>Nothing yet. Whatever goes out of this setup is kept here, with what another engine made of it; it is marked as out of date when the correction changes.</source>
            <translation>Encore rien. Ce qui sort de cette configuration est gardé ici, avec ce qu'un autre moteur en a fait ; c'est marqué périmé quand la correction change.</translation>
        </message>
        <message>
            <source>What went out of this setup</source>
            <translation>Ce qui est sorti de cette configuration</translation>
        </message>
        <message>
            <source>Into which folder for the %1</source>
            <translation>Dans quel dossier pour : %1</translation>
        </message>
    </context>
    <context>
        <name>HelpWindow</name>
        <message>
            <source>Guide to Refero</source>
            <translation>Guide de Refero</translation>
        </message>
        <message>
            <source>Back</source>
            <translation>Retour</translation>
        </message>
        <message>
            <source>Forward</source>
            <translation>Avancer</translation>
        </message>
        <message>
            <source>Search the guide</source>
            <translation>Chercher dans le guide</translation>
        </message>
        <message>
            <source>Contents</source>
            <translation>Sommaire</translation>
        </message>
        <message>
            <source>The guide</source>
            <translation>Le guide</translation>
        </message>
        <message>
            <source>The guide is not beside the program. It is installed with the package.</source>
            <translation>Le guide n'est pas à côté du programme. Il s'installe avec le paquet.</translation>
        </message>
        <message>
            <source>Next: %1</source>
            <translation>Suite : %1</translation>
        </message>
        <message>
            <source>Nothing has these words.</source>
            <translation>Rien n'a ces mots.</translation>
        </message>
        <message numerus="yes">
            <source>In %n parts:</source>
            <translation>
                <numerusform>Dans %n partie :</numerusform>
                <numerusform>Dans %n parties :</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::HelpWindow</name>
        <message>
            <source>Guide to Refero</source>
            <translation>Guide de Refero</translation>
        </message>
        <message>
            <source>Back</source>
            <translation>Retour</translation>
        </message>
        <message>
            <source>Forward</source>
            <translation>Avancer</translation>
        </message>
        <message>
            <source>Search the guide</source>
            <translation>Chercher dans le guide</translation>
        </message>
        <message>
            <source>Contents</source>
            <translation>Sommaire</translation>
        </message>
        <message>
            <source>The guide</source>
            <translation>Le guide</translation>
        </message>
        <message>
            <source>The guide is not beside the program. It is installed with the package.</source>
            <translation>Le guide n'est pas à côté du programme. Il s'installe avec le paquet.</translation>
        </message>
        <message>
            <source>Next: %1</source>
            <translation>Suite : %1</translation>
        </message>
        <message>
            <source>Nothing has these words.</source>
            <translation>Rien n'a ces mots.</translation>
        </message>
        <message numerus="yes">
            <source>In %n parts:</source>
            <translation>
                <numerusform>Dans %n partie :</numerusform>
                <numerusform>Dans %n parties :</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>HistoryModel</name>
        <message>
            <source>Report (.%1)</source>
            <translation>Rapport (.%1)</translation>
        </message>
        <message>
            <source>Recipe (.%1)</source>
            <translation>Recette (.%1)</translation>
        </message>
        <message>
            <source>As written</source>
            <translation>Comme écrit</translation>
        </message>
        <message>
            <source>Out of date</source>
            <translation>Périmé</translation>
        </message>
        <message>
            <source>Up to date</source>
            <translation>À jour</translation>
        </message>
    </context>
    <context>
        <name>refero::HistoryModel</name>
        <message>
            <source>Report (.%1)</source>
            <translation>Rapport (.%1)</translation>
        </message>
        <message>
            <source>Recipe (.%1)</source>
            <translation>Recette (.%1)</translation>
        </message>
        <message>
            <source>As written</source>
            <translation>Comme écrit</translation>
        </message>
        <message>
            <source>Out of date</source>
            <translation>Périmé</translation>
        </message>
        <message>
            <source>Up to date</source>
            <translation>À jour</translation>
        </message>
    </context>
    <context>
        <name>IntakeActions</name>
        <message>
            <source>Other frames are still coming in; bring these in after them.</source>
            <translation>D'autres images arrivent encore ; importez celles-ci après.</translation>
        </message>
        <message numerus="yes">
            <source>New setup from %n frames</source>
            <translation>
                <numerusform>Nouvelle configuration de %n image</numerusform>
                <numerusform>Nouvelle configuration de %n images</numerusform>
            </translation>
        </message>
        <message>
            <source>Put a frame into %1</source>
            <translation>Mettre une image dans %1</translation>
        </message>
        <message>
            <source>Put %1 frames into %2</source>
            <translation>Mettre %1 images dans %2</translation>
        </message>
        <message numerus="yes">
            <source>%n frames stay: their setups were read from them.</source>
            <translation>
                <numerusform>%n image reste : sa configuration a été lue d'elle.</numerusform>
                <numerusform>%n images restent : leurs configurations ont été lues d'elles.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>Take %n frames out</source>
            <translation>
                <numerusform>Retirer %n image</numerusform>
                <numerusform>Retirer %n images</numerusform>
            </translation>
        </message>
        <message>
            <source>Take another moment of the clip</source>
            <translation>Prendre un autre moment du clip</translation>
        </message>
        <message>
            <source>Set the clock of %1</source>
            <translation>Régler l'horloge de %1</translation>
        </message>
    </context>
    <context>
        <name>refero::IntakeActions</name>
        <message>
            <source>Other frames are still coming in; bring these in after them.</source>
            <translation>D'autres images arrivent encore ; importez celles-ci après.</translation>
        </message>
        <message numerus="yes">
            <source>New setup from %n frames</source>
            <translation>
                <numerusform>Nouvelle configuration de %n image</numerusform>
                <numerusform>Nouvelle configuration de %n images</numerusform>
            </translation>
        </message>
        <message>
            <source>Put a frame into %1</source>
            <translation>Mettre une image dans %1</translation>
        </message>
        <message>
            <source>Put %1 frames into %2</source>
            <translation>Mettre %1 images dans %2</translation>
        </message>
        <message numerus="yes">
            <source>%n frames stay: their setups were read from them.</source>
            <translation>
                <numerusform>%n image reste : sa configuration a été lue d'elle.</numerusform>
                <numerusform>%n images restent : leurs configurations ont été lues d'elles.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>Take %n frames out</source>
            <translation>
                <numerusform>Retirer %n image</numerusform>
                <numerusform>Retirer %n images</numerusform>
            </translation>
        </message>
        <message>
            <source>Take another moment of the clip</source>
            <translation>Prendre un autre moment du clip</translation>
        </message>
        <message>
            <source>Set the clock of %1</source>
            <translation>Régler l'horloge de %1</translation>
        </message>
    </context>
    <context>
        <name>JudgingView</name>
        <message>
            <source>Picture</source>
            <translation>Image</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Affichage</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Volet</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Côte à côte</translation>
        </message>
        <message>
            <source>Four up</source>
            <translation>Quatre</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>Différence</translation>
        </message>
        <message>
            <source>Against</source>
            <translation>Contre</translation>
        </message>
        <message>
            <source>Warn of</source>
            <translation>Avertir de</translation>
        </message>
        <message>
            <source>Nothing</source>
            <translation>Rien</translation>
        </message>
        <message>
            <source>Outside %1</source>
            <translation>Hors de %1</translation>
        </message>
        <message>
            <source>Keep a snapshot</source>
            <translation>Garder un instantané</translation>
        </message>
        <message>
            <source>Keeps the correction as it is now, to hold others against it.</source>
            <translation>Garde la correction telle qu'elle est, pour lui en comparer d'autres.</translation>
        </message>
        <message>
            <source>Balance alone</source>
            <translation>Balance seule</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Telle qu'enregistrée</translation>
        </message>
        <message>
            <source>Without finish</source>
            <translation>Sans finition</translation>
        </message>
        <message>
            <source>Keep</source>
            <translation>Garder</translation>
        </message>
        <message>
            <source>Corrected</source>
            <translation>Corrigé</translation>
        </message>
    </context>
    <context>
        <name>refero::JudgingView</name>
        <message>
            <source>Picture</source>
            <translation>Image</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Affichage</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Volet</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Côte à côte</translation>
        </message>
        <message>
            <source>Four up</source>
            <translation>Quatre</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>Différence</translation>
        </message>
        <message>
            <source>Against</source>
            <translation>Contre</translation>
        </message>
        <message>
            <source>Warn of</source>
            <translation>Avertir de</translation>
        </message>
        <message>
            <source>Nothing</source>
            <translation>Rien</translation>
        </message>
        <message>
            <source>Outside %1</source>
            <translation>Hors de %1</translation>
        </message>
        <message>
            <source>Keep a snapshot</source>
            <translation>Garder un instantané</translation>
        </message>
        <message>
            <source>Keeps the correction as it is now, to hold others against it.</source>
            <translation>Garde la correction telle qu'elle est, pour lui en comparer d'autres.</translation>
        </message>
        <message>
            <source>Balance alone</source>
            <translation>Balance seule</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Telle qu'enregistrée</translation>
        </message>
        <message>
            <source>Without finish</source>
            <translation>Sans finition</translation>
        </message>
        <message>
            <source>Keep</source>
            <translation>Garder</translation>
        </message>
        <message>
            <source>Corrected</source>
            <translation>Corrigé</translation>
        </message>
    </context>
    <context>
        <name>KitFields</name>
        <message>
            <source>any change</source>
            <translation>tout changement</translation>
        </message>
        <message>
            <source>usual changes</source>
            <translation>changements usuels</translation>
        </message>
        <message>
            <source>great changes</source>
            <translation>grands changements</translation>
        </message>
    </context>
    <context>
        <name>refero::KitFields</name>
        <message>
            <source>any change</source>
            <translation>tout changement</translation>
        </message>
        <message>
            <source>usual changes</source>
            <translation>changements usuels</translation>
        </message>
        <message>
            <source>great changes</source>
            <translation>grands changements</translation>
        </message>
    </context>
    <context>
        <name>KitKind</name>
        <message>
            <source>%1 assumed</source>
            <translation>%1 supposé</translation>
        </message>
        <message>
            <source>%1 to %2 mm</source>
            <translation>%1 à %2 mm</translation>
        </message>
    </context>
    <context>
        <name>refero::KitKind</name>
        <message>
            <source>%1 assumed</source>
            <translation>%1 supposé</translation>
        </message>
        <message>
            <source>%1 to %2 mm</source>
            <translation>%1 à %2 mm</translation>
        </message>
    </context>
    <context>
        <name>KitPage</name>
        <message>
            <source>Done</source>
            <translation>Terminé</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Retirer</translation>
        </message>
        <message>
            <source>Choose a line to see it, or enter what you own</source>
            <translation>Choisissez une ligne pour la voir, ou saisissez ce que vous avez</translation>
        </message>
    </context>
    <context>
        <name>refero::KitPage</name>
        <message>
            <source>Done</source>
            <translation>Terminé</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Retirer</translation>
        </message>
        <message>
            <source>Choose a line to see it, or enter what you own</source>
            <translation>Choisissez une ligne pour la voir, ou saisissez ce que vous avez</translation>
        </message>
    </context>
    <context>
        <name>LadderPlot</name>
        <message>
            <source>Neutral ladder</source>
            <translation>Échelle de gris</translation>
        </message>
        <message>
            <source>No usable grey step</source>
            <translation>Aucun gris utilisable</translation>
        </message>
        <message>
            <source>No grey is usable.</source>
            <translation>Aucun gris n'est utilisable.</translation>
        </message>
        <message>
            <source>Lightness %1: red %2 %, green %3 %, blue %4 %.</source>
            <translation>Clarté %1 : rouge %2 %, vert %3 %, bleu %4 %.</translation>
        </message>
    </context>
    <context>
        <name>refero::LadderPlot</name>
        <message>
            <source>Neutral ladder</source>
            <translation>Échelle de gris</translation>
        </message>
        <message>
            <source>No usable grey step</source>
            <translation>Aucun gris utilisable</translation>
        </message>
        <message>
            <source>No grey is usable.</source>
            <translation>Aucun gris n'est utilisable.</translation>
        </message>
        <message>
            <source>Lightness %1: red %2 %, green %3 %, blue %4 %.</source>
            <translation>Clarté %1 : rouge %2 %, vert %3 %, bleu %4 %.</translation>
        </message>
    </context>
    <context>
        <name>Ledger</name>
        <message>
            <source>Filter the setups</source>
            <translation>Filtrer les configurations</translation>
        </message>
        <message>
            <source>Filter</source>
            <translation>Filtrer</translation>
        </message>
        <message>
            <source>Words of place, light, body, lens or what is due; Escape clears it.</source>
            <translation>Mots de lieu, lumière, boîtier, objectif ou à faire ; Échap efface.</translation>
        </message>
        <message>
            <source>Setups</source>
            <translation>Configurations</translation>
        </message>
        <message>
            <source>No setups yet</source>
            <translation>Pas encore de configurations</translation>
        </message>
        <message>
            <source>1 setup, %1 left</source>
            <translation>1 configuration, reste %1</translation>
        </message>
        <message>
            <source>%1 setups, %2 left</source>
            <translation>%1 configurations, reste %2</translation>
        </message>
        <message>
            <source>, %1 to redo</source>
            <translation>, %1 à refaire</translation>
        </message>
    </context>
    <context>
        <name>refero::Ledger</name>
        <message>
            <source>Filter the setups</source>
            <translation>Filtrer les configurations</translation>
        </message>
        <message>
            <source>Filter</source>
            <translation>Filtrer</translation>
        </message>
        <message>
            <source>Words of place, light, body, lens or what is due; Escape clears it.</source>
            <translation>Mots de lieu, lumière, boîtier, objectif ou à faire ; Échap efface.</translation>
        </message>
        <message>
            <source>Setups</source>
            <translation>Configurations</translation>
        </message>
        <message>
            <source>No setups yet</source>
            <translation>Pas encore de configurations</translation>
        </message>
        <message>
            <source>1 setup, %1 left</source>
            <translation>1 configuration, reste %1</translation>
        </message>
        <message>
            <source>%1 setups, %2 left</source>
            <translation>%1 configurations, reste %2</translation>
        </message>
        <message>
            <source>, %1 to redo</source>
            <translation>, %1 à refaire</translation>
        </message>
    </context>
    <context>
        <name>LedgerModel</name>
        <message>
            <source>Body and lens not stated</source>
            <translation>Boîtier et objectif non indiqués</translation>
        </message>
    </context>
    <context>
        <name>refero::LedgerModel</name>
        <message>
            <source>Body and lens not stated</source>
            <translation>Boîtier et objectif non indiqués</translation>
        </message>
    </context>
    <context>
        <name>LevelsPage</name>
        <message>
            <source>Colours</source>
            <translation>Couleurs</translation>
        </message>
        <message>
            <source>Groups of the chart's patches.</source>
            <translation>Groupes des plages de la mire.</translation>
        </message>
        <message>
            <source>Chroma</source>
            <translation>Chroma</translation>
        </message>
        <message>
            <source>By how much they are stronger or paler than without these levels.</source>
            <translation>De combien elles sont plus fortes ou plus pâles que sans ces niveaux.</translation>
        </message>
        <message>
            <source>Hue</source>
            <translation>Teinte</translation>
        </message>
        <message>
            <source>By how many degrees it turns, towards larger hue angles.</source>
            <translation>De combien de degrés elle tourne, vers les plus grands angles de teinte.</translation>
        </message>
        <message>
            <source>Apart</source>
            <translation>Écart</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the colours with and without these levels.</source>
            <translation>CIEDE2000 moyen entre les couleurs avec et sans ces niveaux.</translation>
        </message>
        <message>
            <source>Black</source>
            <translation>Noir</translation>
        </message>
        <message>
            <source>Mid-grey</source>
            <translation>Gris moyen</translation>
        </message>
        <message>
            <source>White</source>
            <translation>Blanc</translation>
        </message>
        <message>
            <source>What the levels do to colours</source>
            <translation>Ce que les niveaux font aux couleurs</translation>
        </message>
        <message>
            <source>Grey of the chart for %1</source>
            <translation>Gris de la mire pour %1</translation>
        </message>
        <message>
            <source>The grey of the chart by which this level is set, or none.</source>
            <translation>Le gris de la mire qui règle ce niveau, ou aucun.</translation>
        </message>
        <message>
            <source>%1 in per cent of the signal</source>
            <translation>%1 en pour cent du signal</translation>
        </message>
        <message>
            <source>What that grey is to show, in per cent of a BT.1886 video signal.</source>
            <translation>Ce que ce gris doit montrer, en pour cent d'un signal vidéo BT.1886.</translation>
        </message>
        <message>
            <source>As it comes</source>
            <translation>Tel quel</translation>
        </message>
        <message>
            <source>%1, L* %2</source>
            <comment>a patch, its lightness</comment>
            <translation>%1, L* %2</translation>
        </message>
        <message>
            <source>A grey of another shot</source>
            <translation>Un gris d'une autre prise</translation>
        </message>
        <message>
            <source>was %1 %</source>
            <translation>était %1 %</translation>
        </message>
        <message>
            <source>Choose a grey of the chart and the per cent of signal that it is to show. The picture follows; no figure of the correction counts it.</source>
            <translation>Choisissez un gris de la mire et le pour cent de signal qu'il doit montrer. L'image suit ; aucun chiffre de la correction ne le compte.</translation>
        </message>
        <message>
            <source>A curve through these levels, the same in each channel, moves colours as well:</source>
            <translation>Une courbe par ces niveaux, la même dans chaque canal, déplace aussi les couleurs :</translation>
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
            <translation>Couleurs</translation>
        </message>
        <message>
            <source>Groups of the chart's patches.</source>
            <translation>Groupes des plages de la mire.</translation>
        </message>
        <message>
            <source>Chroma</source>
            <translation>Chroma</translation>
        </message>
        <message>
            <source>By how much they are stronger or paler than without these levels.</source>
            <translation>De combien elles sont plus fortes ou plus pâles que sans ces niveaux.</translation>
        </message>
        <message>
            <source>Hue</source>
            <translation>Teinte</translation>
        </message>
        <message>
            <source>By how many degrees it turns, towards larger hue angles.</source>
            <translation>De combien de degrés elle tourne, vers les plus grands angles de teinte.</translation>
        </message>
        <message>
            <source>Apart</source>
            <translation>Écart</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the colours with and without these levels.</source>
            <translation>CIEDE2000 moyen entre les couleurs avec et sans ces niveaux.</translation>
        </message>
        <message>
            <source>Black</source>
            <translation>Noir</translation>
        </message>
        <message>
            <source>Mid-grey</source>
            <translation>Gris moyen</translation>
        </message>
        <message>
            <source>White</source>
            <translation>Blanc</translation>
        </message>
        <message>
            <source>What the levels do to colours</source>
            <translation>Ce que les niveaux font aux couleurs</translation>
        </message>
        <message>
            <source>Grey of the chart for %1</source>
            <translation>Gris de la mire pour %1</translation>
        </message>
        <message>
            <source>The grey of the chart by which this level is set, or none.</source>
            <translation>Le gris de la mire qui règle ce niveau, ou aucun.</translation>
        </message>
        <message>
            <source>%1 in per cent of the signal</source>
            <translation>%1 en pour cent du signal</translation>
        </message>
        <message>
            <source>What that grey is to show, in per cent of a BT.1886 video signal.</source>
            <translation>Ce que ce gris doit montrer, en pour cent d'un signal vidéo BT.1886.</translation>
        </message>
        <message>
            <source>As it comes</source>
            <translation>Tel quel</translation>
        </message>
        <message>
            <source>%1, L* %2</source>
            <comment>a patch, its lightness</comment>
            <translation>%1, L* %2</translation>
        </message>
        <message>
            <source>A grey of another shot</source>
            <translation>Un gris d'une autre prise</translation>
        </message>
        <message>
            <source>was %1 %</source>
            <translation>était %1 %</translation>
        </message>
        <message>
            <source>Choose a grey of the chart and the per cent of signal that it is to show. The picture follows; no figure of the correction counts it.</source>
            <translation>Choisissez un gris de la mire et le pour cent de signal qu'il doit montrer. L'image suit ; aucun chiffre de la correction ne le compte.</translation>
        </message>
        <message>
            <source>A curve through these levels, the same in each channel, moves colours as well:</source>
            <translation>Une courbe par ces niveaux, la même dans chaque canal, déplace aussi les couleurs :</translation>
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
            <translation>sans date</translation>
        </message>
        <message>
            <source>not yet</source>
            <translation>pas encore</translation>
        </message>
        <message numerus="yes">
            <source>%n days</source>
            <translation>
                <numerusform>%n jour</numerusform>
                <numerusform>%n jours</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n months</source>
            <translation>
                <numerusform>%n mois</numerusform>
                <numerusform>%n mois</numerusform>
            </translation>
        </message>
        <message>
            <source>Body</source>
            <translation>Boîtier</translation>
        </message>
        <message>
            <source>Lens</source>
            <translation>Objectif</translation>
        </message>
        <message>
            <source>Light</source>
            <translation>Lumière</translation>
        </message>
        <message>
            <source>As the plan names its lamp, else as its setup is called.</source>
            <translation>Comme le plan nomme sa lampe, sinon comme sa configuration.</translation>
        </message>
        <message>
            <source>Shots</source>
            <translation>Prises</translation>
        </message>
        <message>
            <source>Chart shots that a correction was built from.</source>
            <translation>Prises de mire dont une correction a été construite.</translation>
        </message>
        <message>
            <source>Newest</source>
            <translation>La plus récente</translation>
        </message>
        <message>
            <source>Age</source>
            <translation>Âge</translation>
        </message>
        <message>
            <source>Spread</source>
            <translation>Dispersion</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the newest and the one that is furthest from it, on the chart's patches.</source>
            <translation>CIEDE2000 moyen entre la plus récente et la plus éloignée d'elle, sur les plages.</translation>
        </message>
        <message>
            <source>Proof</source>
            <translation>Preuve</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that the latest proof on another chart shot left.</source>
            <translation>CIEDE2000 moyen laissé par la dernière preuve sur une autre prise de mire.</translation>
        </message>
        <message>
            <source>Corrections by body, lens and light</source>
            <translation>Corrections par boîtier, objectif et lumière</translation>
        </message>
        <message>
            <source>Correction</source>
            <translation>Correction</translation>
        </message>
        <message>
            <source>Shoot</source>
            <translation>Prise de vues</translation>
        </message>
        <message>
            <source>Shot on</source>
            <translation>Prise le</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Reste</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that it leaves on the chart.</source>
            <translation>CIEDE2000 moyen qu'elle laisse sur la mire.</translation>
        </message>
        <message>
            <source>Expected</source>
            <translation>Attendu</translation>
        </message>
        <message>
            <source>CIEDE2000 to expect of an ordinary colour that is not on the chart.</source>
            <translation>CIEDE2000 à attendre d'une couleur ordinaire absente de la mire.</translation>
        </message>
        <message>
            <source>Corrections of the chosen light</source>
            <translation>Corrections de la lumière choisie</translation>
        </message>
        <message>
            <source>Bring in a library</source>
            <translation>Importer une bibliothèque</translation>
        </message>
        <message>
            <source>What another studio has copied out.</source>
            <translation>Ce qu'un autre studio a copié.</translation>
        </message>
        <message>
            <source>Copy it out</source>
            <translation>La copier</translation>
        </message>
        <message>
            <source>All of it as one file, for another studio.</source>
            <translation>Le tout en un fichier, pour un autre studio.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Retirer</translation>
        </message>
        <message>
            <source>Those of the chosen light that came from another studio; setups keep theirs.</source>
            <translation>Celles de la lumière choisie venues d'un autre studio ; les configurations gardent les leurs.</translation>
        </message>
        <message>
            <source>A light without a chart shot of its own is lent the colours of its body: from a setup that the plan's rules allow, then from here: the same kind of light, a mix of two, another light. Never those of another body.</source>
            <translation>À une lumière sans prise de mire sont prêtées les couleurs de son boîtier : d'une configuration permise par le plan, puis d'ici : même type de lumière, mélange de deux, autre lumière. Jamais celles d'un autre boîtier.</translation>
        </message>
        <message>
            <source>The library is empty</source>
            <translation>La bibliothèque est vide</translation>
        </message>
        <message>
            <source>Corrections in the library: %1</source>
            <translation>Corrections dans la bibliothèque : %1</translation>
        </message>
        <message>
            <source>%1, another studio</source>
            <translation>%1, autre studio</translation>
        </message>
        <message>
            <source>It fills by itself: every correction that is built from a chart shot stands here, also when its shoot is long over.</source>
            <translation>Elle se remplit seule : chaque correction construite d'une prise de mire est ici, même longtemps après.</translation>
        </message>
        <message>
            <source>Copy the library out</source>
            <translation>Copier la bibliothèque</translation>
        </message>
        <message>
            <source>Corrections written: %1</source>
            <translation>Corrections écrites : %1</translation>
        </message>
        <message>
            <source>Bring in the library %1</source>
            <translation>Importer la bibliothèque %1</translation>
        </message>
        <message>
            <source>New in the library: %1</source>
            <translation>Nouvelles dans la bibliothèque : %1</translation>
        </message>
        <message>
            <source>Take out of the library</source>
            <translation>Retirer de la bibliothèque</translation>
        </message>
    </context>
    <context>
        <name>refero::LibraryPage</name>
        <message>
            <source>no date</source>
            <translation>sans date</translation>
        </message>
        <message>
            <source>not yet</source>
            <translation>pas encore</translation>
        </message>
        <message numerus="yes">
            <source>%n days</source>
            <translation>
                <numerusform>%n jour</numerusform>
                <numerusform>%n jours</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n months</source>
            <translation>
                <numerusform>%n mois</numerusform>
                <numerusform>%n mois</numerusform>
            </translation>
        </message>
        <message>
            <source>Body</source>
            <translation>Boîtier</translation>
        </message>
        <message>
            <source>Lens</source>
            <translation>Objectif</translation>
        </message>
        <message>
            <source>Light</source>
            <translation>Lumière</translation>
        </message>
        <message>
            <source>As the plan names its lamp, else as its setup is called.</source>
            <translation>Comme le plan nomme sa lampe, sinon comme sa configuration.</translation>
        </message>
        <message>
            <source>Shots</source>
            <translation>Prises</translation>
        </message>
        <message>
            <source>Chart shots that a correction was built from.</source>
            <translation>Prises de mire dont une correction a été construite.</translation>
        </message>
        <message>
            <source>Newest</source>
            <translation>La plus récente</translation>
        </message>
        <message>
            <source>Age</source>
            <translation>Âge</translation>
        </message>
        <message>
            <source>Spread</source>
            <translation>Dispersion</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the newest and the one that is furthest from it, on the chart's patches.</source>
            <translation>CIEDE2000 moyen entre la plus récente et la plus éloignée d'elle, sur les plages.</translation>
        </message>
        <message>
            <source>Proof</source>
            <translation>Preuve</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that the latest proof on another chart shot left.</source>
            <translation>CIEDE2000 moyen laissé par la dernière preuve sur une autre prise de mire.</translation>
        </message>
        <message>
            <source>Corrections by body, lens and light</source>
            <translation>Corrections par boîtier, objectif et lumière</translation>
        </message>
        <message>
            <source>Correction</source>
            <translation>Correction</translation>
        </message>
        <message>
            <source>Shoot</source>
            <translation>Prise de vues</translation>
        </message>
        <message>
            <source>Shot on</source>
            <translation>Prise le</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Reste</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that it leaves on the chart.</source>
            <translation>CIEDE2000 moyen qu'elle laisse sur la mire.</translation>
        </message>
        <message>
            <source>Expected</source>
            <translation>Attendu</translation>
        </message>
        <message>
            <source>CIEDE2000 to expect of an ordinary colour that is not on the chart.</source>
            <translation>CIEDE2000 à attendre d'une couleur ordinaire absente de la mire.</translation>
        </message>
        <message>
            <source>Corrections of the chosen light</source>
            <translation>Corrections de la lumière choisie</translation>
        </message>
        <message>
            <source>Bring in a library</source>
            <translation>Importer une bibliothèque</translation>
        </message>
        <message>
            <source>What another studio has copied out.</source>
            <translation>Ce qu'un autre studio a copié.</translation>
        </message>
        <message>
            <source>Copy it out</source>
            <translation>La copier</translation>
        </message>
        <message>
            <source>All of it as one file, for another studio.</source>
            <translation>Le tout en un fichier, pour un autre studio.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Retirer</translation>
        </message>
        <message>
            <source>Those of the chosen light that came from another studio; setups keep theirs.</source>
            <translation>Celles de la lumière choisie venues d'un autre studio ; les configurations gardent les leurs.</translation>
        </message>
        <message>
            <source>A light without a chart shot of its own is lent the colours of its body: from a setup that the plan's rules allow, then from here: the same kind of light, a mix of two, another light. Never those of another body.</source>
            <translation>À une lumière sans prise de mire sont prêtées les couleurs de son boîtier : d'une configuration permise par le plan, puis d'ici : même type de lumière, mélange de deux, autre lumière. Jamais celles d'un autre boîtier.</translation>
        </message>
        <message>
            <source>The library is empty</source>
            <translation>La bibliothèque est vide</translation>
        </message>
        <message>
            <source>Corrections in the library: %1</source>
            <translation>Corrections dans la bibliothèque : %1</translation>
        </message>
        <message>
            <source>%1, another studio</source>
            <translation>%1, autre studio</translation>
        </message>
        <message>
            <source>It fills by itself: every correction that is built from a chart shot stands here, also when its shoot is long over.</source>
            <translation>Elle se remplit seule : chaque correction construite d'une prise de mire est ici, même longtemps après.</translation>
        </message>
        <message>
            <source>Copy the library out</source>
            <translation>Copier la bibliothèque</translation>
        </message>
        <message>
            <source>Corrections written: %1</source>
            <translation>Corrections écrites : %1</translation>
        </message>
        <message>
            <source>Bring in the library %1</source>
            <translation>Importer la bibliothèque %1</translation>
        </message>
        <message>
            <source>New in the library: %1</source>
            <translation>Nouvelles dans la bibliothèque : %1</translation>
        </message>
        <message>
            <source>Take out of the library</source>
            <translation>Retirer de la bibliothèque</translation>
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
            <translation>Édition</translation>
        </message>
        <message>
            <source>Go to</source>
            <translation>Aller à</translation>
        </message>
        <message>
            <source>On this page</source>
            <translation>Sur cette page</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Affichage</translation>
        </message>
        <message>
            <source>Help</source>
            <translation>Aide</translation>
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
            <translation>Édition</translation>
        </message>
        <message>
            <source>Go to</source>
            <translation>Aller à</translation>
        </message>
        <message>
            <source>On this page</source>
            <translation>Sur cette page</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Affichage</translation>
        </message>
        <message>
            <source>Help</source>
            <translation>Aide</translation>
        </message>
    </context>
    <context>
        <name>MainWindow</name>
        <message>
            <source>%1 What came with it was not brought in.</source>
            <translation>%1 Ce qui l'accompagnait n'a pas été importé.</translation>
        </message>
        <message>
            <source>Shooting the demo: frame %1 of %2</source>
            <translation>Prise de la démo : image %1 sur %2</translation>
        </message>
        <message>
            <source>This is a demo with made-up frames: try anything. What you bring in here is gone when Refero closes; for your own work open or begin a studio in the menu.</source>
            <translation>Ceci est une démo aux images inventées : essayez tout. Ce que vous y importez disparaît à la fermeture de Refero ; pour votre travail, ouvrez ou commencez un studio dans le menu.</translation>
        </message>
        <message>
            <source>Dismiss this message</source>
            <translation>Fermer ce message</translation>
        </message>
        <message>
            <source>Choose the display's ICC profile</source>
            <translation>Choisir le profil ICC de l'écran</translation>
        </message>
        <message>
            <source>ICC profiles (*.icc *.icm)</source>
            <translation>Profils ICC (*.icc *.icm)</translation>
        </message>
        <message>
            <source>%1 - Refero</source>
            <comment>the studio's name</comment>
            <translation>%1 - Refero</translation>
        </message>
        <message>
            <source>%1 of %2 frames are handed over; the rest can be gone on with under What went out.</source>
            <translation>%1 images sur %2 sont livrées ; le reste peut continuer sous Ce qui est sorti.</translation>
        </message>
        <message>
            <source>Files for a receiver are being written.</source>
            <translation>Des fichiers s'écrivent pour un destinataire.</translation>
        </message>
        <message>
            <source>The day is being read, corrected and handed over.</source>
            <translation>La journée est lue, corrigée et livrée.</translation>
        </message>
        <message>
            <source>Frames are coming in.</source>
            <translation>Des images arrivent.</translation>
        </message>
        <message>
            <source>An exposure series is being read.</source>
            <translation>Une série d'exposition est lue.</translation>
        </message>
        <message>
            <source>Find and do</source>
            <translation>Trouver et faire</translation>
        </message>
        <message>
            <source>Import frames</source>
            <translation>Importer des images</translation>
        </message>
        <message>
            <source>Undo</source>
            <translation>Annuler</translation>
        </message>
        <message>
            <source>Redo</source>
            <translation>Rétablir</translation>
        </message>
        <message>
            <source>Plan</source>
            <translation>Plan</translation>
        </message>
        <message>
            <source>Frames</source>
            <translation>Images</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Lecture</translation>
        </message>
        <message>
            <source>Correction</source>
            <translation>Correction</translation>
        </message>
        <message>
            <source>Pairing</source>
            <translation>Accord</translation>
        </message>
        <message>
            <source>Handover</source>
            <translation>Livraison</translation>
        </message>
        <message>
            <source>Test a camera or a transform</source>
            <translation>Tester une caméra ou une transformation</translation>
        </message>
        <message>
            <source>On set: judge chart shots as they come</source>
            <translation>Sur le plateau : juger les prises de mire à leur arrivée</translation>
        </message>
        <message>
            <source>The day in one go: read, correct, hand over</source>
            <translation>La journée d'un coup : lire, corriger, livrer</translation>
        </message>
        <message>
            <source>Change the surround</source>
            <translation>Changer l'entourage</translation>
        </message>
        <message>
            <source>Picture only</source>
            <translation>Image seule</translation>
        </message>
        <message>
            <source>Leave picture only</source>
            <translation>Quitter l'image seule</translation>
        </message>
        <message>
            <source>Choose the display's profile</source>
            <translation>Choisir le profil de l'écran</translation>
        </message>
        <message>
            <source>Take the system's profile of the display</source>
            <translation>Prendre le profil d'écran du système</translation>
        </message>
        <message>
            <source>Text as large as the desktop's</source>
            <translation>Texte à la taille du bureau</translation>
        </message>
        <message>
            <source>Text at %1 %</source>
            <translation>Texte à %1 %</translation>
        </message>
        <message>
            <source>Help for this page</source>
            <translation>Aide pour cette page</translation>
        </message>
        <message>
            <source>Guide</source>
            <translation>Guide</translation>
        </message>
        <message>
            <source>All keys</source>
            <translation>Tous les raccourcis</translation>
        </message>
        <message>
            <source>About Refero</source>
            <translation>À propos de Refero</translation>
        </message>
        <message>
            <source>Menu</source>
            <translation>Menu</translation>
        </message>
        <message>
            <source>Close Refero</source>
            <translation>Fermer Refero</translation>
        </message>
        <message>
            <source>%1 holds a chart's colours. Open a photograph of that chart first, then drop it again; or open it under Plan, Charts.</source>
            <translation>%1 contient les couleurs d'une mire. Ouvrez d'abord une photo de cette mire, puis déposez-le de nouveau ; ou ouvrez-le sous Plan, Mires.</translation>
        </message>
        <message>
            <source>%1 holds no log curve by constants.</source>
            <translation>%1 ne contient pas de courbe log par constantes.</translation>
        </message>
        <message>
            <source>Enter the curve %1</source>
            <translation>Saisir la courbe %1</translation>
        </message>
        <message>
            <source>%1 is in the kit, and offered as an encoding.</source>
            <translation>%1 est dans le matériel, et proposée comme encodage.</translation>
        </message>
    </context>
    <context>
        <name>refero::MainWindow</name>
        <message>
            <source>%1 What came with it was not brought in.</source>
            <translation>%1 Ce qui l'accompagnait n'a pas été importé.</translation>
        </message>
        <message>
            <source>Shooting the demo: frame %1 of %2</source>
            <translation>Prise de la démo : image %1 sur %2</translation>
        </message>
        <message>
            <source>This is a demo with made-up frames: try anything. What you bring in here is gone when Refero closes; for your own work open or begin a studio in the menu.</source>
            <translation>Ceci est une démo aux images inventées : essayez tout. Ce que vous y importez disparaît à la fermeture de Refero ; pour votre travail, ouvrez ou commencez un studio dans le menu.</translation>
        </message>
        <message>
            <source>Dismiss this message</source>
            <translation>Fermer ce message</translation>
        </message>
        <message>
            <source>Choose the display's ICC profile</source>
            <translation>Choisir le profil ICC de l'écran</translation>
        </message>
        <message>
            <source>ICC profiles (*.icc *.icm)</source>
            <translation>Profils ICC (*.icc *.icm)</translation>
        </message>
        <message>
            <source>%1 - Refero</source>
            <comment>the studio's name</comment>
            <translation>%1 - Refero</translation>
        </message>
        <message>
            <source>%1 of %2 frames are handed over; the rest can be gone on with under What went out.</source>
            <translation>%1 images sur %2 sont livrées ; le reste peut continuer sous Ce qui est sorti.</translation>
        </message>
        <message>
            <source>Files for a receiver are being written.</source>
            <translation>Des fichiers s'écrivent pour un destinataire.</translation>
        </message>
        <message>
            <source>The day is being read, corrected and handed over.</source>
            <translation>La journée est lue, corrigée et livrée.</translation>
        </message>
        <message>
            <source>Frames are coming in.</source>
            <translation>Des images arrivent.</translation>
        </message>
        <message>
            <source>An exposure series is being read.</source>
            <translation>Une série d'exposition est lue.</translation>
        </message>
        <message>
            <source>Find and do</source>
            <translation>Trouver et faire</translation>
        </message>
        <message>
            <source>Import frames</source>
            <translation>Importer des images</translation>
        </message>
        <message>
            <source>Undo</source>
            <translation>Annuler</translation>
        </message>
        <message>
            <source>Redo</source>
            <translation>Rétablir</translation>
        </message>
        <message>
            <source>Plan</source>
            <translation>Plan</translation>
        </message>
        <message>
            <source>Frames</source>
            <translation>Images</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Lecture</translation>
        </message>
        <message>
            <source>Correction</source>
            <translation>Correction</translation>
        </message>
        <message>
            <source>Pairing</source>
            <translation>Accord</translation>
        </message>
        <message>
            <source>Handover</source>
            <translation>Livraison</translation>
        </message>
        <message>
            <source>Test a camera or a transform</source>
            <translation>Tester une caméra ou une transformation</translation>
        </message>
        <message>
            <source>On set: judge chart shots as they come</source>
            <translation>Sur le plateau : juger les prises de mire à leur arrivée</translation>
        </message>
        <message>
            <source>The day in one go: read, correct, hand over</source>
            <translation>La journée d'un coup : lire, corriger, livrer</translation>
        </message>
        <message>
            <source>Change the surround</source>
            <translation>Changer l'entourage</translation>
        </message>
        <message>
            <source>Picture only</source>
            <translation>Image seule</translation>
        </message>
        <message>
            <source>Leave picture only</source>
            <translation>Quitter l'image seule</translation>
        </message>
        <message>
            <source>Choose the display's profile</source>
            <translation>Choisir le profil de l'écran</translation>
        </message>
        <message>
            <source>Take the system's profile of the display</source>
            <translation>Prendre le profil d'écran du système</translation>
        </message>
        <message>
            <source>Text as large as the desktop's</source>
            <translation>Texte à la taille du bureau</translation>
        </message>
        <message>
            <source>Text at %1 %</source>
            <translation>Texte à %1 %</translation>
        </message>
        <message>
            <source>Help for this page</source>
            <translation>Aide pour cette page</translation>
        </message>
        <message>
            <source>Guide</source>
            <translation>Guide</translation>
        </message>
        <message>
            <source>All keys</source>
            <translation>Tous les raccourcis</translation>
        </message>
        <message>
            <source>About Refero</source>
            <translation>À propos de Refero</translation>
        </message>
        <message>
            <source>Menu</source>
            <translation>Menu</translation>
        </message>
        <message>
            <source>Close Refero</source>
            <translation>Fermer Refero</translation>
        </message>
        <message>
            <source>%1 holds a chart's colours. Open a photograph of that chart first, then drop it again; or open it under Plan, Charts.</source>
            <translation>%1 contient les couleurs d'une mire. Ouvrez d'abord une photo de cette mire, puis déposez-le de nouveau ; ou ouvrez-le sous Plan, Mires.</translation>
        </message>
        <message>
            <source>%1 holds no log curve by constants.</source>
            <translation>%1 ne contient pas de courbe log par constantes.</translation>
        </message>
        <message>
            <source>Enter the curve %1</source>
            <translation>Saisir la courbe %1</translation>
        </message>
        <message>
            <source>%1 is in the kit, and offered as an encoding.</source>
            <translation>%1 est dans le matériel, et proposée comme encodage.</translation>
        </message>
    </context>
    <context>
        <name>MeterPanel</name>
        <message>
            <source>Instrument</source>
            <translation>Instrument</translation>
        </message>
        <message>
            <source>Neutral ladder</source>
            <translation>Échelle de gris</translation>
        </message>
        <message>
            <source>Even light</source>
            <translation>Lumière égale</translation>
        </message>
        <message>
            <source>Histogram</source>
            <translation>Histogramme</translation>
        </message>
        <message>
            <source>Waveform</source>
            <translation>Forme d'onde</translation>
        </message>
        <message>
            <source>Parade</source>
            <translation>Parade</translation>
        </message>
        <message>
            <source>Vectorscope</source>
            <translation>Vecteurscope</translation>
        </message>
        <message>
            <source>Is this grey grey?</source>
            <translation>Ce gris est-il gris ?</translation>
        </message>
        <message>
            <source>What moved?</source>
            <translation>Qu'est-ce qui a bougé ?</translation>
        </message>
        <message>
            <source>In the camera</source>
            <translation>Dans la caméra</translation>
        </message>
        <message>
            <source>What feeds the scope</source>
            <translation>Ce qui alimente l'instrument</translation>
        </message>
        <message>
            <source>What feeds the scope. A region is drawn on the frame with Shift held.</source>
            <translation>Ce qui alimente l'instrument. Une zone se trace sur l'image avec Maj.</translation>
        </message>
        <message>
            <source>Whole picture</source>
            <translation>Image entière</translation>
        </message>
        <message>
            <source>Region</source>
            <translation>Zone</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Plages</translation>
        </message>
        <message>
            <source>Greys alone</source>
            <translation>Gris seuls</translation>
        </message>
        <message>
            <source>Region %1</source>
            <translation>Zone %1</translation>
        </message>
        <message>
            <source>There is no reading to compare it with.</source>
            <translation>Il n'y a pas de lecture à comparer.</translation>
        </message>
    </context>
    <context>
        <name>refero::MeterPanel</name>
        <message>
            <source>Instrument</source>
            <translation>Instrument</translation>
        </message>
        <message>
            <source>Neutral ladder</source>
            <translation>Échelle de gris</translation>
        </message>
        <message>
            <source>Even light</source>
            <translation>Lumière égale</translation>
        </message>
        <message>
            <source>Histogram</source>
            <translation>Histogramme</translation>
        </message>
        <message>
            <source>Waveform</source>
            <translation>Forme d'onde</translation>
        </message>
        <message>
            <source>Parade</source>
            <translation>Parade</translation>
        </message>
        <message>
            <source>Vectorscope</source>
            <translation>Vecteurscope</translation>
        </message>
        <message>
            <source>Is this grey grey?</source>
            <translation>Ce gris est-il gris ?</translation>
        </message>
        <message>
            <source>What moved?</source>
            <translation>Qu'est-ce qui a bougé ?</translation>
        </message>
        <message>
            <source>In the camera</source>
            <translation>Dans la caméra</translation>
        </message>
        <message>
            <source>What feeds the scope</source>
            <translation>Ce qui alimente l'instrument</translation>
        </message>
        <message>
            <source>What feeds the scope. A region is drawn on the frame with Shift held.</source>
            <translation>Ce qui alimente l'instrument. Une zone se trace sur l'image avec Maj.</translation>
        </message>
        <message>
            <source>Whole picture</source>
            <translation>Image entière</translation>
        </message>
        <message>
            <source>Region</source>
            <translation>Zone</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Plages</translation>
        </message>
        <message>
            <source>Greys alone</source>
            <translation>Gris seuls</translation>
        </message>
        <message>
            <source>Region %1</source>
            <translation>Zone %1</translation>
        </message>
        <message>
            <source>There is no reading to compare it with.</source>
            <translation>Il n'y a pas de lecture à comparer.</translation>
        </message>
    </context>
    <context>
        <name>Offers</name>
        <message>
            <source>%1 frames are in no setup. They belong to setups that are there.</source>
            <translation>%1 images sont sans configuration. Elles appartiennent à des configurations existantes.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for %2 new lights, %3 with a chart shot; the rest belongs to setups that are there.</source>
            <translation>%1 images sont sans configuration. Elles indiquent %2 nouvelles lumières, %3 avec prise de mire ; le reste va à des configurations existantes.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for one light.</source>
            <translation>%1 images sont sans configuration. Elles indiquent une lumière.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for %2 lights, %3 with a chart shot.</source>
            <translation>%1 images sont sans configuration. Elles indiquent %2 lumières, %3 avec prise de mire.</translation>
        </message>
        <message>
            <source>Begin the proposed setups</source>
            <translation>Commencer les configurations proposées</translation>
        </message>
        <message>
            <source>Do the rest in one go</source>
            <translation>Faire le reste d'un coup</translation>
        </message>
        <message>
            <source>Begins the setups, reads and judges their charts, builds the corrections and hands over to the receivers of last time; all of it is listed, and can be stopped or taken back.</source>
            <translation>Commence les configurations, lit et juge leurs mires, construit les corrections et livre aux destinataires de la dernière fois ; tout est listé, et peut être arrêté ou repris.</translation>
        </message>
        <message>
            <source>Not a chart</source>
            <translation>Pas une mire</translation>
        </message>
        <message>
            <source>Give its data</source>
            <translation>Donner ses données</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Arrêter ici</translation>
        </message>
        <message>
            <source>Looking for the chart in the other frames: %1 of %2, found in %3.</source>
            <translation>Recherche de la mire dans les autres images : %1 sur %2, trouvée dans %3.</translation>
        </message>
        <message>
            <source>No known chart is in these frames. %1 looks like a chart of %2.</source>
            <translation>Aucune mire connue dans ces images. %1 ressemble à une mire de %2.</translation>
        </message>
        <message>
            <source>A camera without a name</source>
            <translation>Un appareil sans nom</translation>
        </message>
        <message>
            <source>%1, %2 frames with a chart shot: %3</source>
            <translation>%1, %2 images avec une prise de mire : %3</translation>
        </message>
        <message>
            <source>%1, %2 frames: %3</source>
            <translation>%1, %2 images : %3</translation>
        </message>
        <message>
            <source>Put them there</source>
            <translation>Les y mettre</translation>
        </message>
        <message>
            <source>Begin its setup</source>
            <translation>Commencer sa configuration</translation>
        </message>
        <message>
            <source>Begin %1 setups</source>
            <translation>Commencer %1 configurations</translation>
        </message>
    </context>
    <context>
        <name>refero::Offers</name>
        <message>
            <source>%1 frames are in no setup. They belong to setups that are there.</source>
            <translation>%1 images sont sans configuration. Elles appartiennent à des configurations existantes.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for %2 new lights, %3 with a chart shot; the rest belongs to setups that are there.</source>
            <translation>%1 images sont sans configuration. Elles indiquent %2 nouvelles lumières, %3 avec prise de mire ; le reste va à des configurations existantes.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for one light.</source>
            <translation>%1 images sont sans configuration. Elles indiquent une lumière.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for %2 lights, %3 with a chart shot.</source>
            <translation>%1 images sont sans configuration. Elles indiquent %2 lumières, %3 avec prise de mire.</translation>
        </message>
        <message>
            <source>Begin the proposed setups</source>
            <translation>Commencer les configurations proposées</translation>
        </message>
        <message>
            <source>Do the rest in one go</source>
            <translation>Faire le reste d'un coup</translation>
        </message>
        <message>
            <source>Begins the setups, reads and judges their charts, builds the corrections and hands over to the receivers of last time; all of it is listed, and can be stopped or taken back.</source>
            <translation>Commence les configurations, lit et juge leurs mires, construit les corrections et livre aux destinataires de la dernière fois ; tout est listé, et peut être arrêté ou repris.</translation>
        </message>
        <message>
            <source>Not a chart</source>
            <translation>Pas une mire</translation>
        </message>
        <message>
            <source>Give its data</source>
            <translation>Donner ses données</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Arrêter ici</translation>
        </message>
        <message>
            <source>Looking for the chart in the other frames: %1 of %2, found in %3.</source>
            <translation>Recherche de la mire dans les autres images : %1 sur %2, trouvée dans %3.</translation>
        </message>
        <message>
            <source>No known chart is in these frames. %1 looks like a chart of %2.</source>
            <translation>Aucune mire connue dans ces images. %1 ressemble à une mire de %2.</translation>
        </message>
        <message>
            <source>A camera without a name</source>
            <translation>Un appareil sans nom</translation>
        </message>
        <message>
            <source>%1, %2 frames with a chart shot: %3</source>
            <translation>%1, %2 images avec une prise de mire : %3</translation>
        </message>
        <message>
            <source>%1, %2 frames: %3</source>
            <translation>%1, %2 images : %3</translation>
        </message>
        <message>
            <source>Put them there</source>
            <translation>Les y mettre</translation>
        </message>
        <message>
            <source>Begin its setup</source>
            <translation>Commencer sa configuration</translation>
        </message>
        <message>
            <source>Begin %1 setups</source>
            <translation>Commencer %1 configurations</translation>
        </message>
    </context>
    <context>
        <name>OnSetPage</name>
        <message>
            <source>Contact sheet</source>
            <translation>Planche contact</translation>
        </message>
        <message>
            <source>Back to all frames (Esc); the watch goes on.</source>
            <translation>Retour à toutes les images (Échap) ; la surveillance continue.</translation>
        </message>
        <message>
            <source>Watch a folder</source>
            <translation>Surveiller un dossier</translation>
        </message>
        <message>
            <source>Into which the camera's own program leaves its frames.</source>
            <translation>Où le logiciel de l'appareil dépose ses images.</translation>
        </message>
        <message>
            <source>Release the simulated camera</source>
            <translation>Déclencher la caméra simulée</translation>
        </message>
        <message>
            <source>A stand-in that shoots the demo's charts into the folder, first too dark, then too light, then right.</source>
            <translation>Un substitut qui prend les mires de la démo dans le dossier, d'abord trop sombres, puis trop claires, puis justes.</translation>
        </message>
        <message>
            <source>End the watch</source>
            <translation>Arrêter la surveillance</translation>
        </message>
        <message>
            <source>Hand over as they come</source>
            <translation>Livrer à leur arrivée</translation>
        </message>
        <message>
            <source>Frames that follow a good chart shot go out to the receivers, and into the folder, that the day in one go had last.</source>
            <translation>Les images suivant une bonne prise de mire vont aux destinataires, et dans le dossier, de la dernière journée d'un coup.</translation>
        </message>
        <message>
            <source>Sounds</source>
            <translation>Sons</translation>
        </message>
        <message>
            <source>One for a good shot, two for one that wants a look, three for one to be shot again.</source>
            <translation>Un pour une bonne prise, deux pour une à revoir, trois pour une à refaire.</translation>
        </message>
        <message>
            <source>Folder gone</source>
            <translation>Dossier disparu</translation>
        </message>
        <message>
            <source>The watched folder is not there any more. Nothing that came in is lost.</source>
            <translation>Le dossier surveillé n'existe plus. Rien de ce qui est arrivé n'est perdu.</translation>
        </message>
        <message>
            <source>Watch the folder</source>
            <translation>Surveiller le dossier</translation>
        </message>
        <message>
            <source>Watching %1</source>
            <translation>Surveillance de %1</translation>
        </message>
        <message>
            <source>Waiting</source>
            <translation>En attente</translation>
        </message>
        <message>
            <source>Shoot the chart: it is judged as soon as it is here.</source>
            <translation>Prenez la mire : elle est jugée dès qu'elle est là.</translation>
        </message>
        <message>
            <source>On set</source>
            <translation>Sur le plateau</translation>
        </message>
        <message>
            <source>No camera</source>
            <translation>Pas de caméra</translation>
        </message>
        <message>
            <source>Not shot</source>
            <translation>Non prise</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Lecture</translation>
        </message>
        <message>
            <source>Not readable</source>
            <translation>Illisible</translation>
        </message>
        <message>
            <source>No chart</source>
            <translation>Pas de mire</translation>
        </message>
        <message>
            <source>Tick who gets something in the day in one go (Ctrl+Shift+D) first.</source>
            <translation>Cochez d'abord qui reçoit quoi dans la journée d'un coup (Ctrl+Maj+D).</translation>
        </message>
        <message>
            <source>Where the receivers' folders are made</source>
            <translation>Où sont créés les dossiers des destinataires</translation>
        </message>
    </context>
    <context>
        <name>refero::OnSetPage</name>
        <message>
            <source>Contact sheet</source>
            <translation>Planche contact</translation>
        </message>
        <message>
            <source>Back to all frames (Esc); the watch goes on.</source>
            <translation>Retour à toutes les images (Échap) ; la surveillance continue.</translation>
        </message>
        <message>
            <source>Watch a folder</source>
            <translation>Surveiller un dossier</translation>
        </message>
        <message>
            <source>Into which the camera's own program leaves its frames.</source>
            <translation>Où le logiciel de l'appareil dépose ses images.</translation>
        </message>
        <message>
            <source>Release the simulated camera</source>
            <translation>Déclencher la caméra simulée</translation>
        </message>
        <message>
            <source>A stand-in that shoots the demo's charts into the folder, first too dark, then too light, then right.</source>
            <translation>Un substitut qui prend les mires de la démo dans le dossier, d'abord trop sombres, puis trop claires, puis justes.</translation>
        </message>
        <message>
            <source>End the watch</source>
            <translation>Arrêter la surveillance</translation>
        </message>
        <message>
            <source>Hand over as they come</source>
            <translation>Livrer à leur arrivée</translation>
        </message>
        <message>
            <source>Frames that follow a good chart shot go out to the receivers, and into the folder, that the day in one go had last.</source>
            <translation>Les images suivant une bonne prise de mire vont aux destinataires, et dans le dossier, de la dernière journée d'un coup.</translation>
        </message>
        <message>
            <source>Sounds</source>
            <translation>Sons</translation>
        </message>
        <message>
            <source>One for a good shot, two for one that wants a look, three for one to be shot again.</source>
            <translation>Un pour une bonne prise, deux pour une à revoir, trois pour une à refaire.</translation>
        </message>
        <message>
            <source>Folder gone</source>
            <translation>Dossier disparu</translation>
        </message>
        <message>
            <source>The watched folder is not there any more. Nothing that came in is lost.</source>
            <translation>Le dossier surveillé n'existe plus. Rien de ce qui est arrivé n'est perdu.</translation>
        </message>
        <message>
            <source>Watch the folder</source>
            <translation>Surveiller le dossier</translation>
        </message>
        <message>
            <source>Watching %1</source>
            <translation>Surveillance de %1</translation>
        </message>
        <message>
            <source>Waiting</source>
            <translation>En attente</translation>
        </message>
        <message>
            <source>Shoot the chart: it is judged as soon as it is here.</source>
            <translation>Prenez la mire : elle est jugée dès qu'elle est là.</translation>
        </message>
        <message>
            <source>On set</source>
            <translation>Sur le plateau</translation>
        </message>
        <message>
            <source>No camera</source>
            <translation>Pas de caméra</translation>
        </message>
        <message>
            <source>Not shot</source>
            <translation>Non prise</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Lecture</translation>
        </message>
        <message>
            <source>Not readable</source>
            <translation>Illisible</translation>
        </message>
        <message>
            <source>No chart</source>
            <translation>Pas de mire</translation>
        </message>
        <message>
            <source>Tick who gets something in the day in one go (Ctrl+Shift+D) first.</source>
            <translation>Cochez d'abord qui reçoit quoi dans la journée d'un coup (Ctrl+Maj+D).</translation>
        </message>
        <message>
            <source>Where the receivers' folders are made</source>
            <translation>Où sont créés les dossiers des destinataires</translation>
        </message>
    </context>
    <context>
        <name>PairChoices</name>
        <message>
            <source>%1, from its beginning.</source>
            <translation>%1, depuis son début.</translation>
        </message>
        <message>
            <source> s</source>
            <comment>seconds, behind a number</comment>
            <translation> s</translation>
        </message>
        <message>
            <source>Leads</source>
            <translation>Dirige</translation>
        </message>
        <message>
            <source>The camera whose look is wanted. The setup chosen at the left follows it.</source>
            <translation>La caméra dont on veut le rendu. La configuration choisie à gauche la suit.</translation>
        </message>
        <message>
            <source>Seen</source>
            <translation>Vu</translation>
        </message>
        <message>
            <source>What the leader looks like: as it shows itself, through its correction, or through somebody's transform, such as the view of a log recording.</source>
            <translation>L'aspect de la directrice : telle qu'elle se montre, par sa correction, ou par la transformation de quelqu'un, comme la vue d'un enregistrement log.</translation>
        </message>
        <message>
            <source>What the transform's numbers are meant for.</source>
            <translation>À quoi sont destinés les nombres de la transformation.</translation>
        </message>
        <message>
            <source>The transform gives</source>
            <translation>La transformation donne</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Affichage</translation>
        </message>
        <message>
            <source>How the two pictures share the view.</source>
            <translation>Comment les deux images partagent la vue.</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Volet</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Damier</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Côte à côte</translation>
        </message>
        <message>
            <source>Leader alone</source>
            <translation>Directrice seule</translation>
        </message>
        <message>
            <source>Follower alone</source>
            <translation>Suiveuse seule</translation>
        </message>
        <message>
            <source>Leader's</source>
            <translation>De la directrice</translation>
        </message>
        <message>
            <source>The follower's picture goes along: to the one of the same slate, else to the one shot nearest in time.</source>
            <translation>L'image de la suiveuse accompagne : celle du même clap, sinon la plus proche en heure.</translation>
        </message>
        <message>
            <source>Moment of the leader's clip</source>
            <translation>Moment du clip de la directrice</translation>
        </message>
        <message>
            <source>Follower's</source>
            <translation>De la suiveuse</translation>
        </message>
        <message>
            <source>Any of the follower's pictures.</source>
            <translation>Toute image de la suiveuse.</translation>
        </message>
        <message>
            <source>Moment of the follower's clip</source>
            <translation>Moment du clip de la suiveuse</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Telle quelle</translation>
        </message>
        <message>
            <source>Corrected</source>
            <translation>Corrigé</translation>
        </message>
        <message>
            <source>Through %1</source>
            <translation>Par %1</translation>
        </message>
        <message>
            <source>Through a transform…</source>
            <translation>Par une transformation…</translation>
        </message>
        <message>
            <source>The transform through which the leader is seen</source>
            <translation>La transformation par laquelle on voit la directrice</translation>
        </message>
        <message>
            <source>Transforms (*.cube *.clf *.ctf *.icc *.icm *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</source>
            <translation>Transformations (*.cube *.clf *.ctf *.icc *.icm *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</translation>
        </message>
    </context>
    <context>
        <name>refero::PairChoices</name>
        <message>
            <source>%1, from its beginning.</source>
            <translation>%1, depuis son début.</translation>
        </message>
        <message>
            <source> s</source>
            <comment>seconds, behind a number</comment>
            <translation> s</translation>
        </message>
        <message>
            <source>Leads</source>
            <translation>Dirige</translation>
        </message>
        <message>
            <source>The camera whose look is wanted. The setup chosen at the left follows it.</source>
            <translation>La caméra dont on veut le rendu. La configuration choisie à gauche la suit.</translation>
        </message>
        <message>
            <source>Seen</source>
            <translation>Vu</translation>
        </message>
        <message>
            <source>What the leader looks like: as it shows itself, through its correction, or through somebody's transform, such as the view of a log recording.</source>
            <translation>L'aspect de la directrice : telle qu'elle se montre, par sa correction, ou par la transformation de quelqu'un, comme la vue d'un enregistrement log.</translation>
        </message>
        <message>
            <source>What the transform's numbers are meant for.</source>
            <translation>À quoi sont destinés les nombres de la transformation.</translation>
        </message>
        <message>
            <source>The transform gives</source>
            <translation>La transformation donne</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Affichage</translation>
        </message>
        <message>
            <source>How the two pictures share the view.</source>
            <translation>Comment les deux images partagent la vue.</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Volet</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Damier</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Côte à côte</translation>
        </message>
        <message>
            <source>Leader alone</source>
            <translation>Directrice seule</translation>
        </message>
        <message>
            <source>Follower alone</source>
            <translation>Suiveuse seule</translation>
        </message>
        <message>
            <source>Leader's</source>
            <translation>De la directrice</translation>
        </message>
        <message>
            <source>The follower's picture goes along: to the one of the same slate, else to the one shot nearest in time.</source>
            <translation>L'image de la suiveuse accompagne : celle du même clap, sinon la plus proche en heure.</translation>
        </message>
        <message>
            <source>Moment of the leader's clip</source>
            <translation>Moment du clip de la directrice</translation>
        </message>
        <message>
            <source>Follower's</source>
            <translation>De la suiveuse</translation>
        </message>
        <message>
            <source>Any of the follower's pictures.</source>
            <translation>Toute image de la suiveuse.</translation>
        </message>
        <message>
            <source>Moment of the follower's clip</source>
            <translation>Moment du clip de la suiveuse</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Telle quelle</translation>
        </message>
        <message>
            <source>Corrected</source>
            <translation>Corrigé</translation>
        </message>
        <message>
            <source>Through %1</source>
            <translation>Par %1</translation>
        </message>
        <message>
            <source>Through a transform…</source>
            <translation>Par une transformation…</translation>
        </message>
        <message>
            <source>The transform through which the leader is seen</source>
            <translation>La transformation par laquelle on voit la directrice</translation>
        </message>
        <message>
            <source>Transforms (*.cube *.clf *.ctf *.icc *.icm *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</source>
            <translation>Transformations (*.cube *.clf *.ctf *.icc *.icm *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</translation>
        </message>
    </context>
    <context>
        <name>PairLadder</name>
        <message>
            <source>Greys of both cameras</source>
            <translation>Gris des deux caméras</translation>
        </message>
        <message>
            <source>Each grey step of the chart: how much lighter or darker than its reference the leader (squares, solid) and the follower (circles, dashed) show it. Where the lines lie on each other, contrast and level are one.</source>
            <translation>Chaque gris de la mire : de combien plus clair ou sombre que sa référence le montrent la directrice (carrés, plein) et la suiveuse (cercles, tireté). Là où les lignes se confondent, contraste et niveau sont égaux.</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 et %2</translation>
        </message>
        <message>
            <source>L* %1: %2 and %3, tint %4</source>
            <translation>L* %1 : %2 et %3, teinte %4</translation>
        </message>
        <message>
            <source>Greys of both</source>
            <translation>Gris des deux</translation>
        </message>
        <message>
            <source>No grey that both show</source>
            <translation>Aucun gris que les deux montrent</translation>
        </message>
        <message>
            <source>L* of the step</source>
            <translation>L* du gris</translation>
        </message>
        <message>
            <source>L* shown, less that</source>
            <translation>L* montré, moins celui-là</translation>
        </message>
    </context>
    <context>
        <name>refero::PairLadder</name>
        <message>
            <source>Greys of both cameras</source>
            <translation>Gris des deux caméras</translation>
        </message>
        <message>
            <source>Each grey step of the chart: how much lighter or darker than its reference the leader (squares, solid) and the follower (circles, dashed) show it. Where the lines lie on each other, contrast and level are one.</source>
            <translation>Chaque gris de la mire : de combien plus clair ou sombre que sa référence le montrent la directrice (carrés, plein) et la suiveuse (cercles, tireté). Là où les lignes se confondent, contraste et niveau sont égaux.</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 et %2</translation>
        </message>
        <message>
            <source>L* %1: %2 and %3, tint %4</source>
            <translation>L* %1 : %2 et %3, teinte %4</translation>
        </message>
        <message>
            <source>Greys of both</source>
            <translation>Gris des deux</translation>
        </message>
        <message>
            <source>No grey that both show</source>
            <translation>Aucun gris que les deux montrent</translation>
        </message>
        <message>
            <source>L* of the step</source>
            <translation>L* du gris</translation>
        </message>
        <message>
            <source>L* shown, less that</source>
            <translation>L* montré, moins celui-là</translation>
        </message>
    </context>
    <context>
        <name>PairedView</name>
        <message>
            <source>Both cameras</source>
            <translation>Les deux caméras</translation>
        </message>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick to the leader. Shift and drag over both feeds the scopes with that region; over one alone it marks a colour, first in the leader's picture, then in the follower's.</source>
            <translation>Glissez le bord pour le volet ; maintenez F ou espace pour voir la directrice. Maj et tracer sur les deux alimente les instruments de cette zone ; sur une seule, cela marque une couleur, d'abord chez la directrice, puis chez la suiveuse.</translation>
        </message>
    </context>
    <context>
        <name>refero::PairedView</name>
        <message>
            <source>Both cameras</source>
            <translation>Les deux caméras</translation>
        </message>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick to the leader. Shift and drag over both feeds the scopes with that region; over one alone it marks a colour, first in the leader's picture, then in the follower's.</source>
            <translation>Glissez le bord pour le volet ; maintenez F ou espace pour voir la directrice. Maj et tracer sur les deux alimente les instruments de cette zone ; sur une seule, cela marque une couleur, d'abord chez la directrice, puis chez la suiveuse.</translation>
        </message>
    </context>
    <context>
        <name>PairingStation</name>
        <message>
            <source>the match</source>
            <translation>l'accord</translation>
        </message>
        <message>
            <source>These two cannot be matched</source>
            <translation>Ces deux-là ne peuvent s'accorder</translation>
        </message>
        <message>
            <source>Match all cameras</source>
            <translation>Accorder toutes les caméras</translation>
        </message>
        <message>
            <source>Every other camera that has read its chart at this place follows the leader.</source>
            <translation>Toute autre caméra qui a lu sa mire en ce lieu suit la directrice.</translation>
        </message>
        <message>
            <source>Keep this match</source>
            <translation>Garder cet accord</translation>
        </message>
        <message>
            <source>What is told of the match</source>
            <translation>Ce qui est dit de l'accord</translation>
        </message>
        <message>
            <source>Show</source>
            <translation>Montrer</translation>
        </message>
        <message>
            <source>Step by step</source>
            <translation>Pas à pas</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Plages</translation>
        </message>
        <message>
            <source>Greys and hues</source>
            <translation>Gris et teintes</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Instruments des deux</translation>
        </message>
        <message>
            <source>All cameras</source>
            <translation>Toutes les caméras</translation>
        </message>
        <message>
            <source>Nearer to the truth</source>
            <translation>Plus près du vrai</translation>
        </message>
        <message>
            <source>How sure</source>
            <translation>Quelle certitude</translation>
        </message>
        <message>
            <source>From the follower's hues to the leader's</source>
            <translation>Des teintes de la suiveuse à celles de la directrice</translation>
        </message>
        <message>
            <source>Ring: what the leader shows. Thin line: from what the follower shows. Dot: after the match. a* runs from green to red, b* from blue to yellow.</source>
            <translation>Anneau : ce que montre la directrice. Trait fin : depuis ce que montre la suiveuse. Point : après l'accord. a* va du vert au rouge, b* du bleu au jaune.</translation>
        </message>
        <message>
            <source>What the scopes show</source>
            <translation>Ce que montrent les instruments</translation>
        </message>
        <message>
            <source>Shift and drag over the pictures feeds the scopes with that region of both.</source>
            <translation>Maj et tracer sur les images alimente les instruments de cette zone des deux.</translation>
        </message>
        <message>
            <source>Pictures, or a region of both</source>
            <translation>Images, ou une zone des deux</translation>
        </message>
        <message>
            <source>The same patches of both</source>
            <translation>Les mêmes plages des deux</translation>
        </message>
        <message>
            <source>No reading to follow with</source>
            <translation>Pas de lecture pour suivre</translation>
        </message>
        <message>
            <source>A camera follows by its chart shot. Choose a setup at the left whose chart is read, or read this one's first.</source>
            <translation>Une caméra suit par sa prise de mire. Choisissez à gauche une configuration dont la mire est lue, ou lisez d'abord celle-ci.</translation>
        </message>
        <message>
            <source>Nobody leads yet</source>
            <translation>Personne ne dirige encore</translation>
        </message>
        <message>
            <source>Two cameras of one scene are matched by a chart shot of each. Bring in the chart shot of another camera, as a setup of its own, and read it.</source>
            <translation>Deux caméras d'une scène s'accordent par une prise de mire chacune. Importez celle d'une autre caméra, comme configuration à part, et lisez-la.</translation>
        </message>
        <message>
            <source>Go to Reading</source>
            <translation>Aller à Lecture</translation>
        </message>
        <message>
            <source>%1 follows %2: %3 apart, %4 after the match</source>
            <translation>%1 suit %2 : %3 d'écart, %4 après l'accord</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 over the chart.</source>
            <translation>CIEDE2000 moyen sur la mire.</translation>
        </message>
        <message>
            <source>Expect %1 CIEDE2000 between ordinary colours that are not on the chart.</source>
            <translation>Attendez %1 CIEDE2000 entre couleurs ordinaires absentes de la mire.</translation>
        </message>
        <message>
            <source>The charts are two: translating between them errs by %1 on average.</source>
            <translation>Les mires sont deux : passer de l'une à l'autre erre de %1 en moyenne.</translation>
        </message>
        <message>
            <source>Bars: 95 % intervals, by drawing the noise of both readings anew.</source>
            <translation>Barres : intervalles à 95 %, en retirant le bruit des deux lectures.</translation>
        </message>
        <message>
            <source>Intervals are told of a match of which no step is held back.</source>
            <translation>Les intervalles se disent d'un accord dont aucune étape n'est retenue.</translation>
        </message>
        <message>
            <source>The intervals are being worked out.</source>
            <translation>Les intervalles se calculent.</translation>
        </message>
        <message>
            <source>Hand it over</source>
            <translation>La livrer</translation>
        </message>
        <message>
            <source>Match again</source>
            <translation>Accorder de nouveau</translation>
        </message>
        <message>
            <source>The match is this setup's correction: its frames go out looking like %1.</source>
            <translation>L'accord est la correction de cette configuration : ses images sortent avec l'aspect de %1.</translation>
        </message>
        <message>
            <source>Makes the match this setup's correction, in the place of the one that it has.</source>
            <translation>Fait de l'accord la correction de cette configuration, à la place de la sienne.</translation>
        </message>
        <message>
            <source>as it is</source>
            <translation>tel quel</translation>
        </message>
        <message>
            <source>%1 through %2</source>
            <translation>%1 par %2</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Marked in the leader's picture. Now see the follower alone and mark the same thing there.</source>
            <translation>Marquée chez la directrice. Voyez maintenant la suiveuse seule et marquez-y la même chose.</translation>
        </message>
        <message>
            <source>Mark it in the leader's picture first.</source>
            <translation>Marquez-la d'abord chez la directrice.</translation>
        </message>
        <message>
            <source>Colour %1</source>
            <translation>Couleur %1</translation>
        </message>
        <message>
            <source>It counts four times now.</source>
            <translation>Elle compte maintenant quatre fois.</translation>
        </message>
    </context>
    <context>
        <name>refero::PairingStation</name>
        <message>
            <source>the match</source>
            <translation>l'accord</translation>
        </message>
        <message>
            <source>These two cannot be matched</source>
            <translation>Ces deux-là ne peuvent s'accorder</translation>
        </message>
        <message>
            <source>Match all cameras</source>
            <translation>Accorder toutes les caméras</translation>
        </message>
        <message>
            <source>Every other camera that has read its chart at this place follows the leader.</source>
            <translation>Toute autre caméra qui a lu sa mire en ce lieu suit la directrice.</translation>
        </message>
        <message>
            <source>Keep this match</source>
            <translation>Garder cet accord</translation>
        </message>
        <message>
            <source>What is told of the match</source>
            <translation>Ce qui est dit de l'accord</translation>
        </message>
        <message>
            <source>Show</source>
            <translation>Montrer</translation>
        </message>
        <message>
            <source>Step by step</source>
            <translation>Pas à pas</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Plages</translation>
        </message>
        <message>
            <source>Greys and hues</source>
            <translation>Gris et teintes</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Instruments des deux</translation>
        </message>
        <message>
            <source>All cameras</source>
            <translation>Toutes les caméras</translation>
        </message>
        <message>
            <source>Nearer to the truth</source>
            <translation>Plus près du vrai</translation>
        </message>
        <message>
            <source>How sure</source>
            <translation>Quelle certitude</translation>
        </message>
        <message>
            <source>From the follower's hues to the leader's</source>
            <translation>Des teintes de la suiveuse à celles de la directrice</translation>
        </message>
        <message>
            <source>Ring: what the leader shows. Thin line: from what the follower shows. Dot: after the match. a* runs from green to red, b* from blue to yellow.</source>
            <translation>Anneau : ce que montre la directrice. Trait fin : depuis ce que montre la suiveuse. Point : après l'accord. a* va du vert au rouge, b* du bleu au jaune.</translation>
        </message>
        <message>
            <source>What the scopes show</source>
            <translation>Ce que montrent les instruments</translation>
        </message>
        <message>
            <source>Shift and drag over the pictures feeds the scopes with that region of both.</source>
            <translation>Maj et tracer sur les images alimente les instruments de cette zone des deux.</translation>
        </message>
        <message>
            <source>Pictures, or a region of both</source>
            <translation>Images, ou une zone des deux</translation>
        </message>
        <message>
            <source>The same patches of both</source>
            <translation>Les mêmes plages des deux</translation>
        </message>
        <message>
            <source>No reading to follow with</source>
            <translation>Pas de lecture pour suivre</translation>
        </message>
        <message>
            <source>A camera follows by its chart shot. Choose a setup at the left whose chart is read, or read this one's first.</source>
            <translation>Une caméra suit par sa prise de mire. Choisissez à gauche une configuration dont la mire est lue, ou lisez d'abord celle-ci.</translation>
        </message>
        <message>
            <source>Nobody leads yet</source>
            <translation>Personne ne dirige encore</translation>
        </message>
        <message>
            <source>Two cameras of one scene are matched by a chart shot of each. Bring in the chart shot of another camera, as a setup of its own, and read it.</source>
            <translation>Deux caméras d'une scène s'accordent par une prise de mire chacune. Importez celle d'une autre caméra, comme configuration à part, et lisez-la.</translation>
        </message>
        <message>
            <source>Go to Reading</source>
            <translation>Aller à Lecture</translation>
        </message>
        <message>
            <source>%1 follows %2: %3 apart, %4 after the match</source>
            <translation>%1 suit %2 : %3 d'écart, %4 après l'accord</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 over the chart.</source>
            <translation>CIEDE2000 moyen sur la mire.</translation>
        </message>
        <message>
            <source>Expect %1 CIEDE2000 between ordinary colours that are not on the chart.</source>
            <translation>Attendez %1 CIEDE2000 entre couleurs ordinaires absentes de la mire.</translation>
        </message>
        <message>
            <source>The charts are two: translating between them errs by %1 on average.</source>
            <translation>Les mires sont deux : passer de l'une à l'autre erre de %1 en moyenne.</translation>
        </message>
        <message>
            <source>Bars: 95 % intervals, by drawing the noise of both readings anew.</source>
            <translation>Barres : intervalles à 95 %, en retirant le bruit des deux lectures.</translation>
        </message>
        <message>
            <source>Intervals are told of a match of which no step is held back.</source>
            <translation>Les intervalles se disent d'un accord dont aucune étape n'est retenue.</translation>
        </message>
        <message>
            <source>The intervals are being worked out.</source>
            <translation>Les intervalles se calculent.</translation>
        </message>
        <message>
            <source>Hand it over</source>
            <translation>La livrer</translation>
        </message>
        <message>
            <source>Match again</source>
            <translation>Accorder de nouveau</translation>
        </message>
        <message>
            <source>The match is this setup's correction: its frames go out looking like %1.</source>
            <translation>L'accord est la correction de cette configuration : ses images sortent avec l'aspect de %1.</translation>
        </message>
        <message>
            <source>Makes the match this setup's correction, in the place of the one that it has.</source>
            <translation>Fait de l'accord la correction de cette configuration, à la place de la sienne.</translation>
        </message>
        <message>
            <source>as it is</source>
            <translation>tel quel</translation>
        </message>
        <message>
            <source>%1 through %2</source>
            <translation>%1 par %2</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Marked in the leader's picture. Now see the follower alone and mark the same thing there.</source>
            <translation>Marquée chez la directrice. Voyez maintenant la suiveuse seule et marquez-y la même chose.</translation>
        </message>
        <message>
            <source>Mark it in the leader's picture first.</source>
            <translation>Marquez-la d'abord chez la directrice.</translation>
        </message>
        <message>
            <source>Colour %1</source>
            <translation>Couleur %1</translation>
        </message>
        <message>
            <source>It counts four times now.</source>
            <translation>Elle compte maintenant quatre fois.</translation>
        </message>
    </context>
    <context>
        <name>PatchModel</name>
        <message>
            <source>Reference L* %1, a* %2, b* %3 (D50). Measured over %4 pixels.</source>
            <translation>Référence L* %1, a* %2, b* %3 (D50). Mesurée sur %4 pixels.</translation>
        </message>
        <message>
            <source>Reference and reading</source>
            <translation>Référence et lecture</translation>
        </message>
    </context>
    <context>
        <name>refero::PatchModel</name>
        <message>
            <source>Reference L* %1, a* %2, b* %3 (D50). Measured over %4 pixels.</source>
            <translation>Référence L* %1, a* %2, b* %3 (D50). Mesurée sur %4 pixels.</translation>
        </message>
        <message>
            <source>Reference and reading</source>
            <translation>Référence et lecture</translation>
        </message>
    </context>
    <context>
        <name>PatchTable</name>
        <message>
            <source>Patches as read</source>
            <translation>Plages telles que lues</translation>
        </message>
    </context>
    <context>
        <name>refero::PatchTable</name>
        <message>
            <source>Patches as read</source>
            <translation>Plages telles que lues</translation>
        </message>
    </context>
    <context>
        <name>PatchesPage</name>
        <message>
            <source>Patch</source>
            <translation>Plage</translation>
        </message>
        <message>
            <source>Patches and marked colours, the farthest apart first.</source>
            <translation>Plages et couleurs marquées, les plus éloignées d'abord.</translation>
        </message>
        <message>
            <source>Before</source>
            <translation>Avant</translation>
        </message>
        <message>
            <source>CIEDE2000 between the two cameras as they are.</source>
            <translation>CIEDE2000 entre les deux caméras telles quelles.</translation>
        </message>
        <message>
            <source>After</source>
            <translation>Après</translation>
        </message>
        <message>
            <source>The same after the steps that are taken.</source>
            <translation>De même après les étapes prises.</translation>
        </message>
        <message>
            <source>Unseen</source>
            <translation>Non vu</translation>
        </message>
        <message>
            <source>The same where the match did not see this patch.</source>
            <translation>De même là où l'accord n'a pas vu cette plage.</translation>
        </message>
        <message>
            <source>Cannot meet</source>
            <translation>Incompatible</translation>
        </message>
        <message>
            <source>What no transform of the follower's numbers can take away of surfaces like this: its sensor sees them as one, the leader's does not. By the sensitivities that the chart tells.</source>
            <translation>Ce qu'aucune transformation des nombres de la suiveuse ne peut ôter de telles surfaces : son capteur les confond, pas celui de la directrice. D'après les sensibilités que dit la mire.</translation>
        </message>
        <message>
            <source>Counts</source>
            <translation>Compte</translation>
        </message>
        <message>
            <source>How often it counts in the match.</source>
            <translation>Combien elle compte dans l'accord.</translation>
        </message>
        <message>
            <source>Patches of both</source>
            <translation>Plages des deux</translation>
        </message>
        <message>
            <source>+ and − let the chosen patch count more or less, 0 lets it count once.</source>
            <translation>+ et − font compter plus ou moins la plage choisie, 0 une fois.</translation>
        </message>
        <message>
            <source>Count it twice as often</source>
            <translation>Compter deux fois plus</translation>
        </message>
        <message>
            <source>Count it half as often</source>
            <translation>Compter deux fois moins</translation>
        </message>
        <message>
            <source>Count it once</source>
            <translation>Compter une fois</translation>
        </message>
        <message>
            <source>A colour of the scene counts, too: see one picture alone, and mark it with Shift and drag in both.</source>
            <translation>Une couleur de la scène compte aussi : voyez une image seule, et marquez-la par Maj et tracer dans les deux.</translation>
        </message>
        <message>
            <source>no</source>
            <translation>non</translation>
        </message>
        <message>
            <source>Not used: clipped, covered or left out in one of the two shots.</source>
            <translation>Non utilisée : écrêtée, couverte ou exclue dans une des deux prises.</translation>
        </message>
    </context>
    <context>
        <name>refero::PatchesPage</name>
        <message>
            <source>Patch</source>
            <translation>Plage</translation>
        </message>
        <message>
            <source>Patches and marked colours, the farthest apart first.</source>
            <translation>Plages et couleurs marquées, les plus éloignées d'abord.</translation>
        </message>
        <message>
            <source>Before</source>
            <translation>Avant</translation>
        </message>
        <message>
            <source>CIEDE2000 between the two cameras as they are.</source>
            <translation>CIEDE2000 entre les deux caméras telles quelles.</translation>
        </message>
        <message>
            <source>After</source>
            <translation>Après</translation>
        </message>
        <message>
            <source>The same after the steps that are taken.</source>
            <translation>De même après les étapes prises.</translation>
        </message>
        <message>
            <source>Unseen</source>
            <translation>Non vu</translation>
        </message>
        <message>
            <source>The same where the match did not see this patch.</source>
            <translation>De même là où l'accord n'a pas vu cette plage.</translation>
        </message>
        <message>
            <source>Cannot meet</source>
            <translation>Incompatible</translation>
        </message>
        <message>
            <source>What no transform of the follower's numbers can take away of surfaces like this: its sensor sees them as one, the leader's does not. By the sensitivities that the chart tells.</source>
            <translation>Ce qu'aucune transformation des nombres de la suiveuse ne peut ôter de telles surfaces : son capteur les confond, pas celui de la directrice. D'après les sensibilités que dit la mire.</translation>
        </message>
        <message>
            <source>Counts</source>
            <translation>Compte</translation>
        </message>
        <message>
            <source>How often it counts in the match.</source>
            <translation>Combien elle compte dans l'accord.</translation>
        </message>
        <message>
            <source>Patches of both</source>
            <translation>Plages des deux</translation>
        </message>
        <message>
            <source>+ and − let the chosen patch count more or less, 0 lets it count once.</source>
            <translation>+ et − font compter plus ou moins la plage choisie, 0 une fois.</translation>
        </message>
        <message>
            <source>Count it twice as often</source>
            <translation>Compter deux fois plus</translation>
        </message>
        <message>
            <source>Count it half as often</source>
            <translation>Compter deux fois moins</translation>
        </message>
        <message>
            <source>Count it once</source>
            <translation>Compter une fois</translation>
        </message>
        <message>
            <source>A colour of the scene counts, too: see one picture alone, and mark it with Shift and drag in both.</source>
            <translation>Une couleur de la scène compte aussi : voyez une image seule, et marquez-la par Maj et tracer dans les deux.</translation>
        </message>
        <message>
            <source>no</source>
            <translation>non</translation>
        </message>
        <message>
            <source>Not used: clipped, covered or left out in one of the two shots.</source>
            <translation>Non utilisée : écrêtée, couverte ou exclue dans une des deux prises.</translation>
        </message>
    </context>
    <context>
        <name>PlanStation</name>
        <message>
            <source>Shoot</source>
            <translation>Prise de vues</translation>
        </message>
        <message>
            <source>Date</source>
            <translation>Date</translation>
        </message>
        <message>
            <source>Name, client, date and limits of the shoot</source>
            <translation>Nom, client, date et limites de la prise de vues</translation>
        </message>
        <message>
            <source>New chart shot after</source>
            <translation>Nouvelle prise de mire après</translation>
        </message>
        <message>
            <source>Duplicate %1</source>
            <translation>Dupliquer %1</translation>
        </message>
        <message>
            <source>Enter a setup</source>
            <translation>Saisir une configuration</translation>
        </message>
        <message>
            <source>Begin another shoot</source>
            <translation>Commencer une autre prise de vues</translation>
        </message>
        <message>
            <source>No date</source>
            <translation>Pas de date</translation>
        </message>
        <message>
            <source>New chart shot after: %1</source>
            <translation>Nouvelle prise de mire après : %1</translation>
        </message>
    </context>
    <context>
        <name>refero::PlanStation</name>
        <message>
            <source>Shoot</source>
            <translation>Prise de vues</translation>
        </message>
        <message>
            <source>Date</source>
            <translation>Date</translation>
        </message>
        <message>
            <source>Name, client, date and limits of the shoot</source>
            <translation>Nom, client, date et limites de la prise de vues</translation>
        </message>
        <message>
            <source>New chart shot after</source>
            <translation>Nouvelle prise de mire après</translation>
        </message>
        <message>
            <source>Duplicate %1</source>
            <translation>Dupliquer %1</translation>
        </message>
        <message>
            <source>Enter a setup</source>
            <translation>Saisir une configuration</translation>
        </message>
        <message>
            <source>Begin another shoot</source>
            <translation>Commencer une autre prise de vues</translation>
        </message>
        <message>
            <source>No date</source>
            <translation>Pas de date</translation>
        </message>
        <message>
            <source>New chart shot after: %1</source>
            <translation>Nouvelle prise de mire après : %1</translation>
        </message>
    </context>
    <context>
        <name>PointedView</name>
        <message>
            <source>The frame</source>
            <translation>L'image</translation>
        </message>
        <message>
            <source>Hold Shift and draw over something grey in the subject's light: the chart's light is held against it.</source>
            <translation>Tenez Maj et tracez sur quelque chose de gris dans la lumière du sujet : la lumière de la mire lui est comparée.</translation>
        </message>
    </context>
    <context>
        <name>refero::PointedView</name>
        <message>
            <source>The frame</source>
            <translation>L'image</translation>
        </message>
        <message>
            <source>Hold Shift and draw over something grey in the subject's light: the chart's light is held against it.</source>
            <translation>Tenez Maj et tracez sur quelque chose de gris dans la lumière du sujet : la lumière de la mire lui est comparée.</translation>
        </message>
    </context>
    <context>
        <name>PreparePage</name>
        <message>
            <source>Cautions</source>
            <translation>Précautions</translation>
        </message>
        <message>
            <source>What to prepare follows from the setups; enter one first.</source>
            <translation>Les préparatifs suivent des configurations ; saisissez-en une d'abord.</translation>
        </message>
        <message>
            <source>Tick: %1</source>
            <translation>Cocher : %1</translation>
        </message>
    </context>
    <context>
        <name>refero::PreparePage</name>
        <message>
            <source>Cautions</source>
            <translation>Précautions</translation>
        </message>
        <message>
            <source>What to prepare follows from the setups; enter one first.</source>
            <translation>Les préparatifs suivent des configurations ; saisissez-en une d'abord.</translation>
        </message>
        <message>
            <source>Tick: %1</source>
            <translation>Cocher : %1</translation>
        </message>
    </context>
    <context>
        <name>ProblemLines</name>
        <message>
            <source>Show all of them</source>
            <translation>Tout montrer</translation>
        </message>
        <message>
            <source>And %1 more.</source>
            <translation>Et %1 de plus.</translation>
        </message>
    </context>
    <context>
        <name>refero::ProblemLines</name>
        <message>
            <source>Show all of them</source>
            <translation>Tout montrer</translation>
        </message>
        <message>
            <source>And %1 more.</source>
            <translation>Et %1 de plus.</translation>
        </message>
    </context>
    <context>
        <name>ProblemList</name>
        <message>
            <source>Copy all</source>
            <translation>Tout copier</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Fermer</translation>
        </message>
    </context>
    <context>
        <name>refero::ProblemList</name>
        <message>
            <source>Copy all</source>
            <translation>Tout copier</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Fermer</translation>
        </message>
    </context>
    <context>
        <name>ProofPage</name>
        <message>
            <source>Frame to check the correction on</source>
            <translation>Image où vérifier la correction</translation>
        </message>
        <message>
            <source>Another shot of a chart in this setup, which the correction has not seen.</source>
            <translation>Une autre prise de mire dans cette configuration, que la correction n'a pas vue.</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Contrôle</translation>
        </message>
        <message>
            <source>Reading the chart in that frame</source>
            <translation>Lecture de la mire dans cette image</translation>
        </message>
    </context>
    <context>
        <name>refero::ProofPage</name>
        <message>
            <source>Frame to check the correction on</source>
            <translation>Image où vérifier la correction</translation>
        </message>
        <message>
            <source>Another shot of a chart in this setup, which the correction has not seen.</source>
            <translation>Une autre prise de mire dans cette configuration, que la correction n'a pas vue.</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Contrôle</translation>
        </message>
        <message>
            <source>Reading the chart in that frame</source>
            <translation>Lecture de la mire dans cette image</translation>
        </message>
    </context>
    <context>
        <name>QLineEdit</name>
        <message>
            <source>Clear</source>
            <translation>Effacer</translation>
        </message>
    </context>
    <context>
        <name>refero::QLineEdit</name>
        <message>
            <source>Clear</source>
            <translation>Effacer</translation>
        </message>
    </context>
    <context>
        <name>QueueStrip</name>
        <message>
            <source>%1 of %2 frames, quick</source>
            <translation>%1 images sur %2, rapides</translation>
        </message>
        <message numerus="yes">
            <source>; in %n the camera had cut colours, which the raw files bring back</source>
            <translation>
                <numerusform> ; dans %n l'appareil avait coupé des couleurs, que le raw ramène</numerusform>
                <numerusform> ; dans %n l'appareil avait coupé des couleurs, que les raw ramènent</numerusform>
            </translation>
        </message>
        <message>
            <source>Frames that are done</source>
            <translation>Images finies</translation>
        </message>
        <message>
            <source>Pause</source>
            <translation>Pause</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Arrêter ici</translation>
        </message>
        <message>
            <source>What is finished stays; the rest can be taken up from the history.</source>
            <translation>Le fini reste ; le reste se reprend depuis l'historique.</translation>
        </message>
        <message>
            <source>Frames that were not handed over</source>
            <translation>Images non livrées</translation>
        </message>
        <message>
            <source>Go on</source>
            <translation>Continuer</translation>
        </message>
    </context>
    <context>
        <name>refero::QueueStrip</name>
        <message>
            <source>%1 of %2 frames, quick</source>
            <translation>%1 images sur %2, rapides</translation>
        </message>
        <message numerus="yes">
            <source>; in %n the camera had cut colours, which the raw files bring back</source>
            <translation>
                <numerusform> ; dans %n l'appareil avait coupé des couleurs, que le raw ramène</numerusform>
                <numerusform> ; dans %n l'appareil avait coupé des couleurs, que les raw ramènent</numerusform>
            </translation>
        </message>
        <message>
            <source>Frames that are done</source>
            <translation>Images finies</translation>
        </message>
        <message>
            <source>Pause</source>
            <translation>Pause</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Arrêter ici</translation>
        </message>
        <message>
            <source>What is finished stays; the rest can be taken up from the history.</source>
            <translation>Le fini reste ; le reste se reprend depuis l'historique.</translation>
        </message>
        <message>
            <source>Frames that were not handed over</source>
            <translation>Images non livrées</translation>
        </message>
        <message>
            <source>Go on</source>
            <translation>Continuer</translation>
        </message>
    </context>
    <context>
        <name>ReadingActions</name>
        <message>
            <source>Take uneven light out</source>
            <translation>Retirer la lumière inégale</translation>
        </message>
        <message>
            <source>Leave uneven light in</source>
            <translation>Laisser la lumière inégale</translation>
        </message>
        <message>
            <source>Average the chart frames</source>
            <translation>Moyenner les images de mire</translation>
        </message>
        <message>
            <source>Read one frame alone</source>
            <translation>Lire une seule image</translation>
        </message>
        <message>
            <source>A camera is set to 1500 to 20000 K, not to %1.</source>
            <translation>Une caméra se règle de 1500 à 20000 K, pas à %1.</translation>
        </message>
        <message>
            <source>Say what the camera was set to</source>
            <translation>Dire sur quoi la caméra était réglée</translation>
        </message>
        <message>
            <source>Leave the flat field in</source>
            <translation>Laisser l'image uniforme</translation>
        </message>
        <message>
            <source>Read as %1</source>
            <translation>Lu comme %1</translation>
        </message>
        <message>
            <source>State encoding %1</source>
            <translation>Indiquer l'encodage %1</translation>
        </message>
        <message>
            <source>The chart frame of %1 is being read; state its encoding when it is there.</source>
            <translation>L'image de mire de %1 est en cours de lecture ; indiquez son encodage quand elle sera là.</translation>
        </message>
    </context>
    <context>
        <name>refero::ReadingActions</name>
        <message>
            <source>Take uneven light out</source>
            <translation>Retirer la lumière inégale</translation>
        </message>
        <message>
            <source>Leave uneven light in</source>
            <translation>Laisser la lumière inégale</translation>
        </message>
        <message>
            <source>Average the chart frames</source>
            <translation>Moyenner les images de mire</translation>
        </message>
        <message>
            <source>Read one frame alone</source>
            <translation>Lire une seule image</translation>
        </message>
        <message>
            <source>A camera is set to 1500 to 20000 K, not to %1.</source>
            <translation>Une caméra se règle de 1500 à 20000 K, pas à %1.</translation>
        </message>
        <message>
            <source>Say what the camera was set to</source>
            <translation>Dire sur quoi la caméra était réglée</translation>
        </message>
        <message>
            <source>Leave the flat field in</source>
            <translation>Laisser l'image uniforme</translation>
        </message>
        <message>
            <source>Read as %1</source>
            <translation>Lu comme %1</translation>
        </message>
        <message>
            <source>State encoding %1</source>
            <translation>Indiquer l'encodage %1</translation>
        </message>
        <message>
            <source>The chart frame of %1 is being read; state its encoding when it is there.</source>
            <translation>L'image de mire de %1 est en cours de lecture ; indiquez son encodage quand elle sera là.</translation>
        </message>
    </context>
    <context>
        <name>ReadingStation</name>
        <message>
            <source>patches and instruments</source>
            <translation>plages et instruments</translation>
        </message>
        <message>
            <source>Chart</source>
            <translation>Mire</translation>
        </message>
        <message>
            <source>Which chart the frame shows; it is recognised by itself.</source>
            <translation>Quelle mire montre l'image ; elle est reconnue d'elle-même.</translation>
        </message>
        <message>
            <source>Encoding</source>
            <translation>Encodage</translation>
        </message>
        <message>
            <source>How the frame's numbers relate to light.</source>
            <translation>Le lien des nombres de l'image à la lumière.</translation>
        </message>
        <message>
            <source>Curve file...</source>
            <translation>Fichier de courbe...</translation>
        </message>
        <message>
            <source>Take it</source>
            <translation>La prendre</translation>
        </message>
        <message>
            <source>What the frame is shown as</source>
            <translation>Comment l'image est montrée</translation>
        </message>
        <message>
            <source>The picture, its levels in stops from mid-grey, what is clipped, or where the aimed-at levels lie.</source>
            <translation>L'image, ses niveaux en diaph. du gris moyen, ce qui est écrêté, ou où sont les niveaux visés.</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Image</translation>
        </message>
        <message>
            <source>Stops</source>
            <translation>Diaph.</translation>
        </message>
        <message>
            <source>Clipping</source>
            <translation>Écrêtage</translation>
        </message>
        <message>
            <source>White 90 %</source>
            <translation>Blanc 90 %</translation>
        </message>
        <message>
            <source>White 96 %</source>
            <translation>Blanc 96 %</translation>
        </message>
        <message>
            <source>Mend the reading</source>
            <translation>Réparer la lecture</translation>
        </message>
        <message>
            <source>Open a curve from stored number to linear light</source>
            <translation>Ouvrir une courbe du nombre stocké à la lumière linéaire</translation>
        </message>
        <message>
            <source>Curves (*.cube *.clf *.spi1d *.csv *.txt)</source>
            <translation>Courbes (*.cube *.clf *.spi1d *.csv *.txt)</translation>
        </message>
        <message>
            <source>Patches and instruments</source>
            <translation>Plages et instruments</translation>
        </message>
        <message>
            <source>No setup is chosen</source>
            <translation>Aucune configuration choisie</translation>
        </message>
        <message>
            <source>Choose one at the left, or drop a chart shot on this window.</source>
            <translation>Choisissez-en une à gauche, ou déposez une prise de mire sur cette fenêtre.</translation>
        </message>
        <message>
            <source>Read a chart shot first.</source>
            <translation>Lisez d'abord une prise de mire.</translation>
        </message>
        <message>
            <source>Take uneven light out</source>
            <translation>Retirer la lumière inégale</translation>
        </message>
        <message>
            <source>Flat field %1</source>
            <translation>Image uniforme %1</translation>
        </message>
        <message>
            <source>Take out a flat field...</source>
            <translation>Retirer une image uniforme...</translation>
        </message>
        <message>
            <source>Average the chart frames (there is one)</source>
            <translation>Moyenner les images de mire (il y en a une)</translation>
        </message>
        <message>
            <source>Average the %1 chart frames</source>
            <translation>Moyenner les %1 images de mire</translation>
        </message>
        <message>
            <source>The file does not state it:</source>
            <translation>Le fichier ne le dit pas :</translation>
        </message>
        <message>
            <source>The greys agree with %1 %2.</source>
            <translation>Les gris concordent avec %1 %2.</translation>
        </message>
        <message>
            <source>The greys agree with %1 %2, with %3 %4.</source>
            <translation>Les gris concordent avec %1 %2, avec %3 %4.</translation>
        </message>
        <message>
            <source>It is %1</source>
            <translation>C'est %1</translation>
        </message>
        <message>
            <source>More likely %1</source>
            <translation>Plutôt %1</translation>
        </message>
        <message>
            <source>Mend</source>
            <comment>on a button</comment>
            <translation>Réparer</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Lecture</translation>
        </message>
        <message>
            <source>The frame is being opened and searched for a chart.</source>
            <translation>L'image s'ouvre et une mire y est cherchée.</translation>
        </message>
        <message>
            <source>No chart found</source>
            <translation>Aucune mire trouvée</translation>
        </message>
        <message>
            <source>Not readable</source>
            <translation>Illisible</translation>
        </message>
        <message>
            <source>Set the corners by hand</source>
            <translation>Placer les coins à la main</translation>
        </message>
        <message>
            <source>Lays the outline over the frame for you to drag into place.</source>
            <translation>Pose le contour sur l'image, à glisser en place.</translation>
        </message>
        <message>
            <source>Build the correction</source>
            <translation>Construire la correction</translation>
        </message>
        <message>
            <source>See the correction</source>
            <translation>Voir la correction</translation>
        </message>
        <message>
            <source>It was built from this reading.</source>
            <translation>Elle a été construite de cette lecture.</translation>
        </message>
        <message>
            <source>Everything a correction needs is here.</source>
            <translation>Tout ce qu'il faut à une correction est là.</translation>
        </message>
        <message>
            <source>It can be used; look at the findings first.</source>
            <translation>Elle est utilisable ; voyez d'abord les constats.</translation>
        </message>
        <message>
            <source>Build anyway</source>
            <translation>Construire quand même</translation>
        </message>
        <message>
            <source>Better: mend what is named above and shoot the chart again.</source>
            <translation>Mieux : réparez ce qui est nommé ci-dessus et reprenez la mire.</translation>
        </message>
        <message>
            <source>This looks like a chart of %1.</source>
            <translation>Cela ressemble à une mire de %1.</translation>
        </message>
        <message>
            <source>Give its data, a file of its maker's or an instrument's: they tell the names, the order and which way up it is. Rows, sizes and gaps come from this picture, and it is found by itself from then on.</source>
            <translation>Donnez ses données, un fichier du fabricant ou d'un instrument : elles disent les noms, l'ordre et le haut. Lignes, tailles et écarts viennent de cette image, et elle est ensuite trouvée d'elle-même.</translation>
        </message>
        <message>
            <source>Not a known chart</source>
            <translation>Pas une mire connue</translation>
        </message>
        <message>
            <source>Open its data</source>
            <translation>Ouvrir ses données</translation>
        </message>
        <message>
            <source>CGATS, CxF or a table; it can be dropped, too.</source>
            <translation>CGATS, CxF ou un tableau ; on peut aussi le déposer.</translation>
        </message>
        <message>
            <source>No chart of its own</source>
            <translation>Pas de mire propre</translation>
        </message>
        <message>
            <source>No chart frame yet</source>
            <translation>Pas encore d'image de mire</translation>
        </message>
        <message>
            <source>Go to %1</source>
            <translation>Aller à %1</translation>
        </message>
        <message>
            <source>Its chart shot holds here, too.</source>
            <translation>Sa prise de mire vaut ici aussi.</translation>
        </message>
        <message>
            <source>Open its chart frame</source>
            <translation>Ouvrir son image de mire</translation>
        </message>
        <message>
            <source>Or drop it anywhere on this window.</source>
            <translation>Ou déposez-la n'importe où sur cette fenêtre.</translation>
        </message>
    </context>
    <context>
        <name>refero::ReadingStation</name>
        <message>
            <source>patches and instruments</source>
            <translation>plages et instruments</translation>
        </message>
        <message>
            <source>Chart</source>
            <translation>Mire</translation>
        </message>
        <message>
            <source>Which chart the frame shows; it is recognised by itself.</source>
            <translation>Quelle mire montre l'image ; elle est reconnue d'elle-même.</translation>
        </message>
        <message>
            <source>Encoding</source>
            <translation>Encodage</translation>
        </message>
        <message>
            <source>How the frame's numbers relate to light.</source>
            <translation>Le lien des nombres de l'image à la lumière.</translation>
        </message>
        <message>
            <source>Curve file...</source>
            <translation>Fichier de courbe...</translation>
        </message>
        <message>
            <source>Take it</source>
            <translation>La prendre</translation>
        </message>
        <message>
            <source>What the frame is shown as</source>
            <translation>Comment l'image est montrée</translation>
        </message>
        <message>
            <source>The picture, its levels in stops from mid-grey, what is clipped, or where the aimed-at levels lie.</source>
            <translation>L'image, ses niveaux en diaph. du gris moyen, ce qui est écrêté, ou où sont les niveaux visés.</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Image</translation>
        </message>
        <message>
            <source>Stops</source>
            <translation>Diaph.</translation>
        </message>
        <message>
            <source>Clipping</source>
            <translation>Écrêtage</translation>
        </message>
        <message>
            <source>White 90 %</source>
            <translation>Blanc 90 %</translation>
        </message>
        <message>
            <source>White 96 %</source>
            <translation>Blanc 96 %</translation>
        </message>
        <message>
            <source>Mend the reading</source>
            <translation>Réparer la lecture</translation>
        </message>
        <message>
            <source>Open a curve from stored number to linear light</source>
            <translation>Ouvrir une courbe du nombre stocké à la lumière linéaire</translation>
        </message>
        <message>
            <source>Curves (*.cube *.clf *.spi1d *.csv *.txt)</source>
            <translation>Courbes (*.cube *.clf *.spi1d *.csv *.txt)</translation>
        </message>
        <message>
            <source>Patches and instruments</source>
            <translation>Plages et instruments</translation>
        </message>
        <message>
            <source>No setup is chosen</source>
            <translation>Aucune configuration choisie</translation>
        </message>
        <message>
            <source>Choose one at the left, or drop a chart shot on this window.</source>
            <translation>Choisissez-en une à gauche, ou déposez une prise de mire sur cette fenêtre.</translation>
        </message>
        <message>
            <source>Read a chart shot first.</source>
            <translation>Lisez d'abord une prise de mire.</translation>
        </message>
        <message>
            <source>Take uneven light out</source>
            <translation>Retirer la lumière inégale</translation>
        </message>
        <message>
            <source>Flat field %1</source>
            <translation>Image uniforme %1</translation>
        </message>
        <message>
            <source>Take out a flat field...</source>
            <translation>Retirer une image uniforme...</translation>
        </message>
        <message>
            <source>Average the chart frames (there is one)</source>
            <translation>Moyenner les images de mire (il y en a une)</translation>
        </message>
        <message>
            <source>Average the %1 chart frames</source>
            <translation>Moyenner les %1 images de mire</translation>
        </message>
        <message>
            <source>The file does not state it:</source>
            <translation>Le fichier ne le dit pas :</translation>
        </message>
        <message>
            <source>The greys agree with %1 %2.</source>
            <translation>Les gris concordent avec %1 %2.</translation>
        </message>
        <message>
            <source>The greys agree with %1 %2, with %3 %4.</source>
            <translation>Les gris concordent avec %1 %2, avec %3 %4.</translation>
        </message>
        <message>
            <source>It is %1</source>
            <translation>C'est %1</translation>
        </message>
        <message>
            <source>More likely %1</source>
            <translation>Plutôt %1</translation>
        </message>
        <message>
            <source>Mend</source>
            <comment>on a button</comment>
            <translation>Réparer</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Lecture</translation>
        </message>
        <message>
            <source>The frame is being opened and searched for a chart.</source>
            <translation>L'image s'ouvre et une mire y est cherchée.</translation>
        </message>
        <message>
            <source>No chart found</source>
            <translation>Aucune mire trouvée</translation>
        </message>
        <message>
            <source>Not readable</source>
            <translation>Illisible</translation>
        </message>
        <message>
            <source>Set the corners by hand</source>
            <translation>Placer les coins à la main</translation>
        </message>
        <message>
            <source>Lays the outline over the frame for you to drag into place.</source>
            <translation>Pose le contour sur l'image, à glisser en place.</translation>
        </message>
        <message>
            <source>Build the correction</source>
            <translation>Construire la correction</translation>
        </message>
        <message>
            <source>See the correction</source>
            <translation>Voir la correction</translation>
        </message>
        <message>
            <source>It was built from this reading.</source>
            <translation>Elle a été construite de cette lecture.</translation>
        </message>
        <message>
            <source>Everything a correction needs is here.</source>
            <translation>Tout ce qu'il faut à une correction est là.</translation>
        </message>
        <message>
            <source>It can be used; look at the findings first.</source>
            <translation>Elle est utilisable ; voyez d'abord les constats.</translation>
        </message>
        <message>
            <source>Build anyway</source>
            <translation>Construire quand même</translation>
        </message>
        <message>
            <source>Better: mend what is named above and shoot the chart again.</source>
            <translation>Mieux : réparez ce qui est nommé ci-dessus et reprenez la mire.</translation>
        </message>
        <message>
            <source>This looks like a chart of %1.</source>
            <translation>Cela ressemble à une mire de %1.</translation>
        </message>
        <message>
            <source>Give its data, a file of its maker's or an instrument's: they tell the names, the order and which way up it is. Rows, sizes and gaps come from this picture, and it is found by itself from then on.</source>
            <translation>Donnez ses données, un fichier du fabricant ou d'un instrument : elles disent les noms, l'ordre et le haut. Lignes, tailles et écarts viennent de cette image, et elle est ensuite trouvée d'elle-même.</translation>
        </message>
        <message>
            <source>Not a known chart</source>
            <translation>Pas une mire connue</translation>
        </message>
        <message>
            <source>Open its data</source>
            <translation>Ouvrir ses données</translation>
        </message>
        <message>
            <source>CGATS, CxF or a table; it can be dropped, too.</source>
            <translation>CGATS, CxF ou un tableau ; on peut aussi le déposer.</translation>
        </message>
        <message>
            <source>No chart of its own</source>
            <translation>Pas de mire propre</translation>
        </message>
        <message>
            <source>No chart frame yet</source>
            <translation>Pas encore d'image de mire</translation>
        </message>
        <message>
            <source>Go to %1</source>
            <translation>Aller à %1</translation>
        </message>
        <message>
            <source>Its chart shot holds here, too.</source>
            <translation>Sa prise de mire vaut ici aussi.</translation>
        </message>
        <message>
            <source>Open its chart frame</source>
            <translation>Ouvrir son image de mire</translation>
        </message>
        <message>
            <source>Or drop it anywhere on this window.</source>
            <translation>Ou déposez-la n'importe où sur cette fenêtre.</translation>
        </message>
    </context>
    <context>
        <name>Receivers</name>
        <message>
            <source>One file</source>
            <translation>Un fichier</translation>
        </message>
        <message>
            <source>; clips as FFV1, 10 bits</source>
            <translation> ; clips en FFV1, 10 bits</translation>
        </message>
        <message>
            <source>; clips as AV1, 10 bits</source>
            <translation> ; clips en AV1, 10 bits</translation>
        </message>
    </context>
    <context>
        <name>refero::Receivers</name>
        <message>
            <source>One file</source>
            <translation>Un fichier</translation>
        </message>
        <message>
            <source>; clips as FFV1, 10 bits</source>
            <translation> ; clips en FFV1, 10 bits</translation>
        </message>
        <message>
            <source>; clips as AV1, 10 bits</source>
            <translation> ; clips en AV1, 10 bits</translation>
        </message>
    </context>
    <context>
        <name>ScopeView</name>
        <message>
            <source>No picture</source>
            <translation>Pas d'image</translation>
        </message>
        <message>
            <source>Nothing to show.</source>
            <translation>Rien à montrer.</translation>
        </message>
        <message>
            <source>Red</source>
            <translation>Rouge</translation>
        </message>
        <message>
            <source>Green</source>
            <translation>Vert</translation>
        </message>
        <message>
            <source>Blue</source>
            <translation>Bleu</translation>
        </message>
        <message>
            <source>%1: median %2 %, from %3 to %4 %, %5 % of the pixels at the top, %6 % at the bottom.</source>
            <comment>of a channel</comment>
            <translation>%1 : médiane %2 %, de %3 à %4 %, %5 % des pixels en haut, %6 % en bas.</translation>
        </message>
        <message>
            <source>The middle of all colours is at %1 % of the reach, towards %2 degrees.</source>
            <translation>Le milieu des couleurs est à %1 % de la portée, vers %2 degrés.</translation>
        </message>
    </context>
    <context>
        <name>refero::ScopeView</name>
        <message>
            <source>No picture</source>
            <translation>Pas d'image</translation>
        </message>
        <message>
            <source>Nothing to show.</source>
            <translation>Rien à montrer.</translation>
        </message>
        <message>
            <source>Red</source>
            <translation>Rouge</translation>
        </message>
        <message>
            <source>Green</source>
            <translation>Vert</translation>
        </message>
        <message>
            <source>Blue</source>
            <translation>Bleu</translation>
        </message>
        <message>
            <source>%1: median %2 %, from %3 to %4 %, %5 % of the pixels at the top, %6 % at the bottom.</source>
            <comment>of a channel</comment>
            <translation>%1 : médiane %2 %, de %3 à %4 %, %5 % des pixels en haut, %6 % en bas.</translation>
        </message>
        <message>
            <source>The middle of all colours is at %1 % of the reach, towards %2 degrees.</source>
            <translation>Le milieu des couleurs est à %1 % de la portée, vers %2 degrés.</translation>
        </message>
    </context>
    <context>
        <name>ScopesPage</name>
        <message>
            <source>Scope</source>
            <translation>Instrument</translation>
        </message>
        <message>
            <source>Histogram</source>
            <translation>Histogramme</translation>
        </message>
        <message>
            <source>Waveform</source>
            <translation>Forme d'onde</translation>
        </message>
        <message>
            <source>Parade</source>
            <translation>Parade</translation>
        </message>
        <message>
            <source>Vectorscope</source>
            <translation>Vecteurscope</translation>
        </message>
    </context>
    <context>
        <name>refero::ScopesPage</name>
        <message>
            <source>Scope</source>
            <translation>Instrument</translation>
        </message>
        <message>
            <source>Histogram</source>
            <translation>Histogramme</translation>
        </message>
        <message>
            <source>Waveform</source>
            <translation>Forme d'onde</translation>
        </message>
        <message>
            <source>Parade</source>
            <translation>Parade</translation>
        </message>
        <message>
            <source>Vectorscope</source>
            <translation>Vecteurscope</translation>
        </message>
    </context>
    <context>
        <name>SeriesGrid</name>
        <message>
            <source>Recording profiles by exposure</source>
            <translation>Profils d'enregistrement par exposition</translation>
        </message>
        <message>
            <source>%1 at %2: level only %3, drift %4</source>
            <translation>%1 à %2 : niveau seul %3, dérive %4</translation>
        </message>
        <message>
            <source>, corrected %1, chroma noise %2</source>
            <translation>, corrigé %1, bruit de chroma %2</translation>
        </message>
        <message>
            <source>, %1 % of the patches clipped</source>
            <translation>, %1 % des plages écrêtées</translation>
        </message>
        <message>
            <source>%1. Held against %2.</source>
            <translation>%1. Comparé à %2.</translation>
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
            <translation>C'est l'exposition normale</translation>
        </message>
        <message>
            <source>Name its recording profile</source>
            <translation>Nommer son profil d'enregistrement</translation>
        </message>
        <message>
            <source>Neutral density before its lens</source>
            <translation>Densité neutre devant l'objectif</translation>
        </message>
    </context>
    <context>
        <name>refero::SeriesGrid</name>
        <message>
            <source>Recording profiles by exposure</source>
            <translation>Profils d'enregistrement par exposition</translation>
        </message>
        <message>
            <source>%1 at %2: level only %3, drift %4</source>
            <translation>%1 à %2 : niveau seul %3, dérive %4</translation>
        </message>
        <message>
            <source>, corrected %1, chroma noise %2</source>
            <translation>, corrigé %1, bruit de chroma %2</translation>
        </message>
        <message>
            <source>, %1 % of the patches clipped</source>
            <translation>, %1 % des plages écrêtées</translation>
        </message>
        <message>
            <source>%1. Held against %2.</source>
            <translation>%1. Comparé à %2.</translation>
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
            <translation>C'est l'exposition normale</translation>
        </message>
        <message>
            <source>Name its recording profile</source>
            <translation>Nommer son profil d'enregistrement</translation>
        </message>
        <message>
            <source>Neutral density before its lens</source>
            <translation>Densité neutre devant l'objectif</translation>
        </message>
    </context>
    <context>
        <name>SeriesPage</name>
        <message>
            <source>The chosen steps, large</source>
            <translation>Les pas choisis, en grand</translation>
        </message>
        <message>
            <source>%1 of %2. Begin anew stops it.</source>
            <translation>%1 sur %2. Recommencer l'arrête.</translation>
        </message>
        <message>
            <source>No series yet</source>
            <translation>Pas encore de série</translation>
        </message>
        <message>
            <source>Add frames</source>
            <translation>Ajouter des images</translation>
        </message>
        <message>
            <source>Chart shots of one scene at steps of exposure, in one or more recording profiles. Frames, clips and folders can also be dropped here.</source>
            <translation>Prises de mire d'une scène à des pas d'exposition, dans un ou plusieurs profils. Images, clips et dossiers peuvent aussi être déposés ici.</translation>
        </message>
        <message>
            <source>Begin anew</source>
            <translation>Recommencer</translation>
        </message>
        <message>
            <source>Seen</source>
            <translation>Vu</translation>
        </message>
        <message>
            <source>How the steps are seen</source>
            <translation>Comment les pas sont vus</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Telle qu'enregistrée</translation>
        </message>
        <message>
            <source>Level only</source>
            <translation>Niveau seul</translation>
        </message>
        <message>
            <source>Contrast from the greys</source>
            <translation>Contraste d'après les gris</translation>
        </message>
        <message>
            <source>Fully corrected</source>
            <translation>Entièrement corrigé</translation>
        </message>
        <message>
            <source>How A and B share the view</source>
            <translation>Comment A et B partagent la vue</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Volet</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Damier</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Côte à côte</translation>
        </message>
        <message>
            <source>A alone</source>
            <translation>A seul</translation>
        </message>
        <message>
            <source>Drift up to</source>
            <translation>Dérive jusqu'à</translation>
        </message>
        <message>
            <source>Drift that can be used, CIEDE2000</source>
            <translation>Dérive utilisable, CIEDE2000</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 of all patches, of the greys and of skin, with the level alone corrected, that a shot may be from the base to be used.</source>
            <translation>CIEDE2000 moyen de toutes les plages, des gris et de la peau, corrigés en niveau seulement, qu'une prise peut avoir par rapport à la base pour servir.</translation>
        </message>
        <message>
            <source>Try it with the demo's series</source>
            <translation>Essayer avec la série de la démo</translation>
        </message>
        <message>
            <source>A simulated camera shoots one scene at five exposures in two profiles.</source>
            <translation>Une caméra simulée prend une scène à cinq expositions dans deux profils.</translation>
        </message>
        <message>
            <source>Report</source>
            <translation>Rapport</translation>
        </message>
        <message>
            <source>Two pages to hand round, as PDF or HTML.</source>
            <translation>Deux pages à faire circuler, en PDF ou HTML.</translation>
        </message>
        <message>
            <source>Keep with the body</source>
            <translation>Garder avec le boîtier</translation>
        </message>
        <message>
            <source>What can be used of each profile stays with the body in the kit, and a plan that goes beyond it says so.</source>
            <translation>Ce qui sert de chaque profil reste avec le boîtier dans le matériel, et un plan qui le dépasse le dit.</translation>
        </message>
        <message>
            <source>One LUT</source>
            <translation>Une LUT</translation>
        </message>
        <message>
            <source>A LUT that all usable steps share, in the profile of the step chosen as A, with a card for the camera; it is said what each step pays.</source>
            <translation>Une LUT que partagent tous les pas utilisables, dans le profil du pas choisi comme A, avec une fiche caméra ; il est dit ce que paie chaque pas.</translation>
        </message>
        <message>
            <source>Reading the charts</source>
            <translation>Lecture des mires</translation>
        </message>
        <message>
            <source>What can this camera take?</source>
            <translation>Que supporte cette caméra ?</translation>
        </message>
        <message>
            <source>Shoot one scene with the chart at steps of exposure, from far too dark to far too light, in every recording profile that you might use. Drop the frames or clips here: which exposures can be used, where colours drift and what each profile costs is told at once.</source>
            <translation>Prenez une scène avec la mire à des pas d'exposition, de bien trop sombre à bien trop clair, dans chaque profil utilisable. Déposez ici les images ou clips : quelles expositions servent, où dérivent les couleurs et ce que coûte chaque profil est dit aussitôt.</translation>
        </message>
        <message>
            <source>%1: %2 steps in %3</source>
            <comment>body, number, profiles</comment>
            <translation>%1 : %2 pas dans %3</translation>
        </message>
        <message>
            <source>A camera</source>
            <translation>Une caméra</translation>
        </message>
        <message numerus="yes">
            <source>%n profiles</source>
            <translation>
                <numerusform>%n profil</numerusform>
                <numerusform>%n profils</numerusform>
            </translation>
        </message>
        <message>
            <source>0 is the exposure of %1. A click chooses A, with Shift B.</source>
            <translation>0 est l'exposition de %1. Un clic choisit A, avec Maj B.</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1 : %2</translation>
        </message>
        <message>
            <source>%1: %2, %3</source>
            <comment>A: profile, exposure</comment>
            <translation>%1 : %2, %3</translation>
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
            <translation>Une LUT pour tous les pas utilisables</translation>
        </message>
        <message>
            <source>3D LUT (*.cube)</source>
            <translation>LUT 3D (*.cube)</translation>
        </message>
        <message>
            <source>Exposure series</source>
            <translation>Série d'exposition</translation>
        </message>
        <message>
            <source>Exposure series of %1</source>
            <translation>Série d'exposition de %1</translation>
        </message>
        <message>
            <source>Report of the series</source>
            <translation>Rapport de la série</translation>
        </message>
        <message>
            <source>Report (*.pdf *.html)</source>
            <translation>Rapport (*.pdf *.html)</translation>
        </message>
        <message>
            <source>The series is another one by now; ask for its report again.</source>
            <translation>La série est désormais une autre ; redemandez son rapport.</translation>
        </message>
        <message>
            <source>The report is in %1.</source>
            <translation>Le rapport est dans %1.</translation>
        </message>
        <message>
            <source>Neutral density</source>
            <translation>Densité neutre</translation>
        </message>
        <message>
            <source>Stops that it takes away:</source>
            <translation>Diaph. qu'elle retire :</translation>
        </message>
        <message>
            <source>Neutral density is a number of stops, from 0 to 20.</source>
            <translation>La densité neutre est un nombre de diaph., de 0 à 20.</translation>
        </message>
        <message>
            <source>Shooting the demo's series</source>
            <translation>Prise de la série de la démo</translation>
        </message>
        <message>
            <source>Recording profile</source>
            <translation>Profil d'enregistrement</translation>
        </message>
        <message>
            <source>What this shot was recorded in:</source>
            <translation>Dans quoi cette prise a été enregistrée :</translation>
        </message>
    </context>
    <context>
        <name>refero::SeriesPage</name>
        <message>
            <source>The chosen steps, large</source>
            <translation>Les pas choisis, en grand</translation>
        </message>
        <message>
            <source>%1 of %2. Begin anew stops it.</source>
            <translation>%1 sur %2. Recommencer l'arrête.</translation>
        </message>
        <message>
            <source>No series yet</source>
            <translation>Pas encore de série</translation>
        </message>
        <message>
            <source>Add frames</source>
            <translation>Ajouter des images</translation>
        </message>
        <message>
            <source>Chart shots of one scene at steps of exposure, in one or more recording profiles. Frames, clips and folders can also be dropped here.</source>
            <translation>Prises de mire d'une scène à des pas d'exposition, dans un ou plusieurs profils. Images, clips et dossiers peuvent aussi être déposés ici.</translation>
        </message>
        <message>
            <source>Begin anew</source>
            <translation>Recommencer</translation>
        </message>
        <message>
            <source>Seen</source>
            <translation>Vu</translation>
        </message>
        <message>
            <source>How the steps are seen</source>
            <translation>Comment les pas sont vus</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Telle qu'enregistrée</translation>
        </message>
        <message>
            <source>Level only</source>
            <translation>Niveau seul</translation>
        </message>
        <message>
            <source>Contrast from the greys</source>
            <translation>Contraste d'après les gris</translation>
        </message>
        <message>
            <source>Fully corrected</source>
            <translation>Entièrement corrigé</translation>
        </message>
        <message>
            <source>How A and B share the view</source>
            <translation>Comment A et B partagent la vue</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Volet</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Damier</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Côte à côte</translation>
        </message>
        <message>
            <source>A alone</source>
            <translation>A seul</translation>
        </message>
        <message>
            <source>Drift up to</source>
            <translation>Dérive jusqu'à</translation>
        </message>
        <message>
            <source>Drift that can be used, CIEDE2000</source>
            <translation>Dérive utilisable, CIEDE2000</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 of all patches, of the greys and of skin, with the level alone corrected, that a shot may be from the base to be used.</source>
            <translation>CIEDE2000 moyen de toutes les plages, des gris et de la peau, corrigés en niveau seulement, qu'une prise peut avoir par rapport à la base pour servir.</translation>
        </message>
        <message>
            <source>Try it with the demo's series</source>
            <translation>Essayer avec la série de la démo</translation>
        </message>
        <message>
            <source>A simulated camera shoots one scene at five exposures in two profiles.</source>
            <translation>Une caméra simulée prend une scène à cinq expositions dans deux profils.</translation>
        </message>
        <message>
            <source>Report</source>
            <translation>Rapport</translation>
        </message>
        <message>
            <source>Two pages to hand round, as PDF or HTML.</source>
            <translation>Deux pages à faire circuler, en PDF ou HTML.</translation>
        </message>
        <message>
            <source>Keep with the body</source>
            <translation>Garder avec le boîtier</translation>
        </message>
        <message>
            <source>What can be used of each profile stays with the body in the kit, and a plan that goes beyond it says so.</source>
            <translation>Ce qui sert de chaque profil reste avec le boîtier dans le matériel, et un plan qui le dépasse le dit.</translation>
        </message>
        <message>
            <source>One LUT</source>
            <translation>Une LUT</translation>
        </message>
        <message>
            <source>A LUT that all usable steps share, in the profile of the step chosen as A, with a card for the camera; it is said what each step pays.</source>
            <translation>Une LUT que partagent tous les pas utilisables, dans le profil du pas choisi comme A, avec une fiche caméra ; il est dit ce que paie chaque pas.</translation>
        </message>
        <message>
            <source>Reading the charts</source>
            <translation>Lecture des mires</translation>
        </message>
        <message>
            <source>What can this camera take?</source>
            <translation>Que supporte cette caméra ?</translation>
        </message>
        <message>
            <source>Shoot one scene with the chart at steps of exposure, from far too dark to far too light, in every recording profile that you might use. Drop the frames or clips here: which exposures can be used, where colours drift and what each profile costs is told at once.</source>
            <translation>Prenez une scène avec la mire à des pas d'exposition, de bien trop sombre à bien trop clair, dans chaque profil utilisable. Déposez ici les images ou clips : quelles expositions servent, où dérivent les couleurs et ce que coûte chaque profil est dit aussitôt.</translation>
        </message>
        <message>
            <source>%1: %2 steps in %3</source>
            <comment>body, number, profiles</comment>
            <translation>%1 : %2 pas dans %3</translation>
        </message>
        <message>
            <source>A camera</source>
            <translation>Une caméra</translation>
        </message>
        <message numerus="yes">
            <source>%n profiles</source>
            <translation>
                <numerusform>%n profil</numerusform>
                <numerusform>%n profils</numerusform>
            </translation>
        </message>
        <message>
            <source>0 is the exposure of %1. A click chooses A, with Shift B.</source>
            <translation>0 est l'exposition de %1. Un clic choisit A, avec Maj B.</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <translation>%1 : %2</translation>
        </message>
        <message>
            <source>%1: %2, %3</source>
            <comment>A: profile, exposure</comment>
            <translation>%1 : %2, %3</translation>
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
            <translation>Une LUT pour tous les pas utilisables</translation>
        </message>
        <message>
            <source>3D LUT (*.cube)</source>
            <translation>LUT 3D (*.cube)</translation>
        </message>
        <message>
            <source>Exposure series</source>
            <translation>Série d'exposition</translation>
        </message>
        <message>
            <source>Exposure series of %1</source>
            <translation>Série d'exposition de %1</translation>
        </message>
        <message>
            <source>Report of the series</source>
            <translation>Rapport de la série</translation>
        </message>
        <message>
            <source>Report (*.pdf *.html)</source>
            <translation>Rapport (*.pdf *.html)</translation>
        </message>
        <message>
            <source>The series is another one by now; ask for its report again.</source>
            <translation>La série est désormais une autre ; redemandez son rapport.</translation>
        </message>
        <message>
            <source>The report is in %1.</source>
            <translation>Le rapport est dans %1.</translation>
        </message>
        <message>
            <source>Neutral density</source>
            <translation>Densité neutre</translation>
        </message>
        <message>
            <source>Stops that it takes away:</source>
            <translation>Diaph. qu'elle retire :</translation>
        </message>
        <message>
            <source>Neutral density is a number of stops, from 0 to 20.</source>
            <translation>La densité neutre est un nombre de diaph., de 0 à 20.</translation>
        </message>
        <message>
            <source>Shooting the demo's series</source>
            <translation>Prise de la série de la démo</translation>
        </message>
        <message>
            <source>Recording profile</source>
            <translation>Profil d'enregistrement</translation>
        </message>
        <message>
            <source>What this shot was recorded in:</source>
            <translation>Dans quoi cette prise a été enregistrée :</translation>
        </message>
    </context>
    <context>
        <name>Session</name>
        <message>
            <source>Frames are still coming into this shoot; stop that first.</source>
            <translation>Des images arrivent encore dans cette prise de vues ; arrêtez cela d'abord.</translation>
        </message>
        <message>
            <source>Open %1</source>
            <translation>Ouvrir %1</translation>
        </message>
        <message>
            <source>Move %1</source>
            <translation>Déplacer %1</translation>
        </message>
    </context>
    <context>
        <name>refero::Session</name>
        <message>
            <source>Frames are still coming into this shoot; stop that first.</source>
            <translation>Des images arrivent encore dans cette prise de vues ; arrêtez cela d'abord.</translation>
        </message>
        <message>
            <source>Open %1</source>
            <translation>Ouvrir %1</translation>
        </message>
        <message>
            <source>Move %1</source>
            <translation>Déplacer %1</translation>
        </message>
    </context>
    <context>
        <name>Setup</name>
        <message>
            <source>Colours lent</source>
            <translation>Couleurs prêtées</translation>
        </message>
        <message>
            <source>Out of date: its leader has changed</source>
            <translation>Périmée : sa directrice a changé</translation>
        </message>
        <message>
            <source>Out of date: %1</source>
            <translation>Périmée : %1</translation>
        </message>
    </context>
    <context>
        <name>refero::Setup</name>
        <message>
            <source>Colours lent</source>
            <translation>Couleurs prêtées</translation>
        </message>
        <message>
            <source>Out of date: its leader has changed</source>
            <translation>Périmée : sa directrice a changé</translation>
        </message>
        <message>
            <source>Out of date: %1</source>
            <translation>Périmée : %1</translation>
        </message>
    </context>
    <context>
        <name>SetupEditor</name>
        <message>
            <source>Its chart was shot like this</source>
            <translation>Sa mire a été prise ainsi</translation>
        </message>
        <message>
            <source>Where an entry was wrong and nothing was changed on the set.</source>
            <translation>Si une saisie était fausse et que rien n'a changé sur le plateau.</translation>
        </message>
        <message>
            <source>Chart: %1</source>
            <translation>Mire : %1</translation>
        </message>
        <message>
            <source>Distance: %1 m</source>
            <translation>Distance : %1 m</translation>
        </message>
        <message>
            <source>Nothing is changed since %1.</source>
            <translation>Rien n'a changé depuis %1.</translation>
        </message>
        <message>
            <source>Since %1: %2.</source>
            <translation>Depuis %1 : %2.</translation>
        </message>
        <message>
            <source>The first setup of its body.</source>
            <translation>La première configuration de son boîtier.</translation>
        </message>
        <message>
            <source>Planned %1 stops darker than the test of %2 says can be used.</source>
            <translation>Prévu %1 diaph. plus sombre que ce que le test de %2 dit utilisable.</translation>
        </message>
        <message>
            <source>Planned %1 stops lighter than the test of %2 says can be used.</source>
            <translation>Prévu %1 diaph. plus clair que ce que le test de %2 dit utilisable.</translation>
        </message>
        <message>
            <source>No setup chosen</source>
            <translation>Aucune configuration choisie</translation>
        </message>
    </context>
    <context>
        <name>refero::SetupEditor</name>
        <message>
            <source>Its chart was shot like this</source>
            <translation>Sa mire a été prise ainsi</translation>
        </message>
        <message>
            <source>Where an entry was wrong and nothing was changed on the set.</source>
            <translation>Si une saisie était fausse et que rien n'a changé sur le plateau.</translation>
        </message>
        <message>
            <source>Chart: %1</source>
            <translation>Mire : %1</translation>
        </message>
        <message>
            <source>Distance: %1 m</source>
            <translation>Distance : %1 m</translation>
        </message>
        <message>
            <source>Nothing is changed since %1.</source>
            <translation>Rien n'a changé depuis %1.</translation>
        </message>
        <message>
            <source>Since %1: %2.</source>
            <translation>Depuis %1 : %2.</translation>
        </message>
        <message>
            <source>The first setup of its body.</source>
            <translation>La première configuration de son boîtier.</translation>
        </message>
        <message>
            <source>Planned %1 stops darker than the test of %2 says can be used.</source>
            <translation>Prévu %1 diaph. plus sombre que ce que le test de %2 dit utilisable.</translation>
        </message>
        <message>
            <source>Planned %1 stops lighter than the test of %2 says can be used.</source>
            <translation>Prévu %1 diaph. plus clair que ce que le test de %2 dit utilisable.</translation>
        </message>
        <message>
            <source>No setup chosen</source>
            <translation>Aucune configuration choisie</translation>
        </message>
    </context>
    <context>
        <name>SetupFields</name>
        <message>
            <source>not stated</source>
            <translation>non indiquée</translation>
        </message>
        <message>
            <source>Exposure</source>
            <translation>Exposition</translation>
        </message>
    </context>
    <context>
        <name>refero::SetupFields</name>
        <message>
            <source>not stated</source>
            <translation>non indiquée</translation>
        </message>
        <message>
            <source>Exposure</source>
            <translation>Exposition</translation>
        </message>
    </context>
    <context>
        <name>SheetGroups</name>
        <message>
            <source>a camera without a name</source>
            <translation>un appareil sans nom</translation>
        </message>
        <message>
            <source>Proposed for %1</source>
            <translation>Proposée pour %1</translation>
        </message>
        <message>
            <source>Proposed: %1</source>
            <translation>Proposée : %1</translation>
        </message>
        <message>
            <source>A light of its own</source>
            <translation>Une lumière à part</translation>
        </message>
        <message>
            <source>drop frames here</source>
            <translation>déposez des images ici</translation>
        </message>
    </context>
    <context>
        <name>refero::SheetGroups</name>
        <message>
            <source>a camera without a name</source>
            <translation>un appareil sans nom</translation>
        </message>
        <message>
            <source>Proposed for %1</source>
            <translation>Proposée pour %1</translation>
        </message>
        <message>
            <source>Proposed: %1</source>
            <translation>Proposée : %1</translation>
        </message>
        <message>
            <source>A light of its own</source>
            <translation>Une lumière à part</translation>
        </message>
        <message>
            <source>drop frames here</source>
            <translation>déposez des images ici</translation>
        </message>
    </context>
    <context>
        <name>SingleFile</name>
        <message>
            <source>As</source>
            <translation>En</translation>
        </message>
        <message>
            <source>What the receiver's program reads.</source>
            <translation>Ce que lit le logiciel du destinataire.</translation>
        </message>
        <message>
            <source>Input</source>
            <translation>Entrée</translation>
        </message>
        <message>
            <source>The encoding of the camera's picture that the file will be given.</source>
            <translation>L'encodage de l'image de la caméra que recevra le fichier.</translation>
        </message>
        <message>
            <source>Output</source>
            <translation>Sortie</translation>
        </message>
        <message>
            <source>The colour space of what comes out of the LUT.</source>
            <translation>L'espace de couleur de ce qui sort de la LUT.</translation>
        </message>
        <message>
            <source>Of</source>
            <translation>De</translation>
        </message>
        <message>
            <source>Whose correction</source>
            <translation>La correction de qui</translation>
        </message>
        <message>
            <source>One file for all setups of this body that were recorded alike: their chart shots are averaged, and it is said what each pays for sharing.</source>
            <translation>Un fichier pour toutes les configurations de ce boîtier enregistrées pareillement : leurs prises sont moyennées, et il est dit ce que chacune paie.</translation>
        </message>
        <message>
            <source>Base and rounded</source>
            <translation>Base et arrondi</translation>
        </message>
        <message>
            <source>Two files: one without a finish, one with the rounded one.</source>
            <translation>Deux fichiers : un sans finition, un avec l'arrondie.</translation>
        </message>
        <message>
            <source>With a card for the camera</source>
            <translation>Avec une fiche pour la caméra</translation>
        </message>
        <message>
            <source>A page beside the file: what to record, where mid-grey, white and skin must lie, and how far the exposure may be off.</source>
            <translation>Une page à côté du fichier : que régler, où doivent tomber gris moyen, blanc et peau, et de combien l'exposition peut s'écarter.</translation>
        </message>
        <message>
            <source>This setup</source>
            <translation>Cette configuration</translation>
        </message>
        <message numerus="yes">
            <source>%n setups of this body, sharing one</source>
            <translation>
                <numerusform>%n configuration de ce boîtier, partageant une</numerusform>
                <numerusform>%n configurations de ce boîtier, partageant une</numerusform>
            </translation>
        </message>
        <message>
            <source>What it holds is %1 CIEDE2000 off on average, %2 at most.</source>
            <translation>Ce qu'il contient est à %1 CIEDE2000 en moyenne, %2 au plus.</translation>
        </message>
        <message>
            <source>Writing, and reading it back with another engine</source>
            <translation>Écriture, et relecture par un autre moteur</translation>
        </message>
        <message>
            <source>%1 written. %2 read it back: at most %3 CIEDE2000 off over %4 colours.</source>
            <translation>%1 écrit. %2 l'a relu : au plus %3 CIEDE2000 d'écart sur %4 couleurs.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Livrer</translation>
        </message>
    </context>
    <context>
        <name>refero::SingleFile</name>
        <message>
            <source>As</source>
            <translation>En</translation>
        </message>
        <message>
            <source>What the receiver's program reads.</source>
            <translation>Ce que lit le logiciel du destinataire.</translation>
        </message>
        <message>
            <source>Input</source>
            <translation>Entrée</translation>
        </message>
        <message>
            <source>The encoding of the camera's picture that the file will be given.</source>
            <translation>L'encodage de l'image de la caméra que recevra le fichier.</translation>
        </message>
        <message>
            <source>Output</source>
            <translation>Sortie</translation>
        </message>
        <message>
            <source>The colour space of what comes out of the LUT.</source>
            <translation>L'espace de couleur de ce qui sort de la LUT.</translation>
        </message>
        <message>
            <source>Of</source>
            <translation>De</translation>
        </message>
        <message>
            <source>Whose correction</source>
            <translation>La correction de qui</translation>
        </message>
        <message>
            <source>One file for all setups of this body that were recorded alike: their chart shots are averaged, and it is said what each pays for sharing.</source>
            <translation>Un fichier pour toutes les configurations de ce boîtier enregistrées pareillement : leurs prises sont moyennées, et il est dit ce que chacune paie.</translation>
        </message>
        <message>
            <source>Base and rounded</source>
            <translation>Base et arrondi</translation>
        </message>
        <message>
            <source>Two files: one without a finish, one with the rounded one.</source>
            <translation>Deux fichiers : un sans finition, un avec l'arrondie.</translation>
        </message>
        <message>
            <source>With a card for the camera</source>
            <translation>Avec une fiche pour la caméra</translation>
        </message>
        <message>
            <source>A page beside the file: what to record, where mid-grey, white and skin must lie, and how far the exposure may be off.</source>
            <translation>Une page à côté du fichier : que régler, où doivent tomber gris moyen, blanc et peau, et de combien l'exposition peut s'écarter.</translation>
        </message>
        <message>
            <source>This setup</source>
            <translation>Cette configuration</translation>
        </message>
        <message numerus="yes">
            <source>%n setups of this body, sharing one</source>
            <translation>
                <numerusform>%n configuration de ce boîtier, partageant une</numerusform>
                <numerusform>%n configurations de ce boîtier, partageant une</numerusform>
            </translation>
        </message>
        <message>
            <source>What it holds is %1 CIEDE2000 off on average, %2 at most.</source>
            <translation>Ce qu'il contient est à %1 CIEDE2000 en moyenne, %2 au plus.</translation>
        </message>
        <message>
            <source>Writing, and reading it back with another engine</source>
            <translation>Écriture, et relecture par un autre moteur</translation>
        </message>
        <message>
            <source>%1 written. %2 read it back: at most %3 CIEDE2000 off over %4 colours.</source>
            <translation>%1 écrit. %2 l'a relu : au plus %3 CIEDE2000 d'écart sur %4 couleurs.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Livrer</translation>
        </message>
    </context>
    <context>
        <name>SnapshotsPage</name>
        <message>
            <source>Snapshots</source>
            <translation>Instantanés</translation>
        </message>
    </context>
    <context>
        <name>refero::SnapshotsPage</name>
        <message>
            <source>Snapshots</source>
            <translation>Instantanés</translation>
        </message>
    </context>
    <context>
        <name>StagesPage</name>
        <message>
            <source>nothing: the chart shot is used as it was shot</source>
            <translation>rien : la prise de mire sert telle quelle</translation>
        </message>
        <message>
            <source>nothing: there was nothing to mend</source>
            <translation>rien : il n'y avait rien à réparer</translation>
        </message>
        <message>
            <source>To linear light</source>
            <translation>Vers la lumière linéaire</translation>
        </message>
        <message>
            <source>Light field</source>
            <translation>Champ de lumière</translation>
        </message>
        <message>
            <source>Mended</source>
            <translation>Réparé</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Balance</translation>
        </message>
        <message>
            <source>Grey curves</source>
            <translation>Courbes de gris</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Couleurs</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Finition</translation>
        </message>
        <message>
            <source>Built from</source>
            <translation>Construite de</translation>
        </message>
        <message>
            <source>Judged as</source>
            <translation>Jugée comme</translation>
        </message>
        <message>
            <source>The leader's look</source>
            <translation>Le rendu de la directrice</translation>
        </message>
        <message>
            <source>contrast, level and cast of its picture, a curve a channel</source>
            <translation>contraste, niveau et dominante de son image, une courbe par canal</translation>
        </message>
        <message>
            <source>none: it is seen through its correction</source>
            <translation>aucun : on la voit par sa correction</translation>
        </message>
        <message>
            <source>Goes towards</source>
            <translation>Va vers</translation>
        </message>
        <message>
            <source>Held back</source>
            <translation>Retenues</translation>
        </message>
    </context>
    <context>
        <name>refero::StagesPage</name>
        <message>
            <source>nothing: the chart shot is used as it was shot</source>
            <translation>rien : la prise de mire sert telle quelle</translation>
        </message>
        <message>
            <source>nothing: there was nothing to mend</source>
            <translation>rien : il n'y avait rien à réparer</translation>
        </message>
        <message>
            <source>To linear light</source>
            <translation>Vers la lumière linéaire</translation>
        </message>
        <message>
            <source>Light field</source>
            <translation>Champ de lumière</translation>
        </message>
        <message>
            <source>Mended</source>
            <translation>Réparé</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Balance</translation>
        </message>
        <message>
            <source>Grey curves</source>
            <translation>Courbes de gris</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Couleurs</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Finition</translation>
        </message>
        <message>
            <source>Built from</source>
            <translation>Construite de</translation>
        </message>
        <message>
            <source>Judged as</source>
            <translation>Jugée comme</translation>
        </message>
        <message>
            <source>The leader's look</source>
            <translation>Le rendu de la directrice</translation>
        </message>
        <message>
            <source>contrast, level and cast of its picture, a curve a channel</source>
            <translation>contraste, niveau et dominante de son image, une courbe par canal</translation>
        </message>
        <message>
            <source>none: it is seen through its correction</source>
            <translation>aucun : on la voit par sa correction</translation>
        </message>
        <message>
            <source>Goes towards</source>
            <translation>Va vers</translation>
        </message>
        <message>
            <source>Held back</source>
            <translation>Retenues</translation>
        </message>
    </context>
    <context>
        <name>StepsPage</name>
        <message>
            <source>Step</source>
            <translation>Étape</translation>
        </message>
        <message>
            <source>In the order of the trade. A step that is not ticked is held back.</source>
            <translation>Dans l'ordre du métier. Une étape non cochée est retenue.</translation>
        </message>
        <message>
            <source>All</source>
            <translation>Toutes</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the two cameras over the chart after this step.</source>
            <translation>CIEDE2000 moyen entre les deux caméras sur la mire après cette étape.</translation>
        </message>
        <message>
            <source>Greys</source>
            <translation>Gris</translation>
        </message>
        <message>
            <source>The same over the greys.</source>
            <translation>De même sur les gris.</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Peau</translation>
        </message>
        <message>
            <source>The same over skin.</source>
            <translation>De même sur la peau.</translation>
        </message>
        <message>
            <source>Its own</source>
            <translation>Propre</translation>
        </message>
        <message>
            <source>The same over the hue that this step is for.</source>
            <translation>De même sur la teinte de cette étape.</translation>
        </message>
        <message>
            <source>Steps of the match</source>
            <translation>Étapes de l'accord</translation>
        </message>
        <message>
            <source>Choose a step to see the pictures after it; untick one to hold it back.</source>
            <translation>Choisissez une étape pour voir les images après elle ; décochez-la pour la retenir.</translation>
        </message>
        <message>
            <source>Skin counts four times</source>
            <translation>La peau compte quatre fois</translation>
        </message>
        <message>
            <source>as it is</source>
            <translation>tel quel</translation>
        </message>
        <message>
            <source>matched</source>
            <translation>accordée</translation>
        </message>
        <message>
            <source>after %1</source>
            <translation>après %1</translation>
        </message>
        <message>
            <source>As they are</source>
            <translation>Telles quelles</translation>
        </message>
    </context>
    <context>
        <name>refero::StepsPage</name>
        <message>
            <source>Step</source>
            <translation>Étape</translation>
        </message>
        <message>
            <source>In the order of the trade. A step that is not ticked is held back.</source>
            <translation>Dans l'ordre du métier. Une étape non cochée est retenue.</translation>
        </message>
        <message>
            <source>All</source>
            <translation>Toutes</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the two cameras over the chart after this step.</source>
            <translation>CIEDE2000 moyen entre les deux caméras sur la mire après cette étape.</translation>
        </message>
        <message>
            <source>Greys</source>
            <translation>Gris</translation>
        </message>
        <message>
            <source>The same over the greys.</source>
            <translation>De même sur les gris.</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Peau</translation>
        </message>
        <message>
            <source>The same over skin.</source>
            <translation>De même sur la peau.</translation>
        </message>
        <message>
            <source>Its own</source>
            <translation>Propre</translation>
        </message>
        <message>
            <source>The same over the hue that this step is for.</source>
            <translation>De même sur la teinte de cette étape.</translation>
        </message>
        <message>
            <source>Steps of the match</source>
            <translation>Étapes de l'accord</translation>
        </message>
        <message>
            <source>Choose a step to see the pictures after it; untick one to hold it back.</source>
            <translation>Choisissez une étape pour voir les images après elle ; décochez-la pour la retenir.</translation>
        </message>
        <message>
            <source>Skin counts four times</source>
            <translation>La peau compte quatre fois</translation>
        </message>
        <message>
            <source>as it is</source>
            <translation>tel quel</translation>
        </message>
        <message>
            <source>matched</source>
            <translation>accordée</translation>
        </message>
        <message>
            <source>after %1</source>
            <translation>après %1</translation>
        </message>
        <message>
            <source>As they are</source>
            <translation>Telles quelles</translation>
        </message>
    </context>
    <context>
        <name>StudioMenu</name>
        <message>
            <source>%1, in %2</source>
            <comment>a file and its folder</comment>
            <translation>%1, dans %2</translation>
        </message>
        <message>
            <source>Opening %1</source>
            <translation>Ouverture de %1</translation>
        </message>
        <message>
            <source>Open a studio</source>
            <translation>Ouvrir un studio</translation>
        </message>
        <message>
            <source>Begin a new studio</source>
            <translation>Commencer un nouveau studio</translation>
        </message>
        <message>
            <source>Save a copy</source>
            <translation>Enregistrer une copie</translation>
        </message>
        <message>
            <source>Copied to</source>
            <translation>Copié vers</translation>
        </message>
        <message>
            <source>There is no setup in this shoot yet, so there is nothing to print.</source>
            <translation>Il n'y a pas encore de configuration dans cette prise de vues, rien à imprimer.</translation>
        </message>
        <message>
            <source>Call sheet and slates</source>
            <translation>Feuille de service et claps</translation>
        </message>
        <message>
            <source>PDF (*.pdf)</source>
            <translation>PDF (*.pdf)</translation>
        </message>
        <message>
            <source>Call sheet written:</source>
            <translation>Feuille de service écrite :</translation>
        </message>
        <message>
            <source>Export all as JSON</source>
            <translation>Tout exporter en JSON</translation>
        </message>
        <message>
            <source>Exported to</source>
            <translation>Exporté vers</translation>
        </message>
        <message>
            <source>Make a studio of exported JSON</source>
            <translation>Faire un studio d'un JSON exporté</translation>
        </message>
        <message>
            <source>Where the studio shall be</source>
            <translation>Où doit être le studio</translation>
        </message>
    </context>
    <context>
        <name>refero::StudioMenu</name>
        <message>
            <source>%1, in %2</source>
            <comment>a file and its folder</comment>
            <translation>%1, dans %2</translation>
        </message>
        <message>
            <source>Opening %1</source>
            <translation>Ouverture de %1</translation>
        </message>
        <message>
            <source>Open a studio</source>
            <translation>Ouvrir un studio</translation>
        </message>
        <message>
            <source>Begin a new studio</source>
            <translation>Commencer un nouveau studio</translation>
        </message>
        <message>
            <source>Save a copy</source>
            <translation>Enregistrer une copie</translation>
        </message>
        <message>
            <source>Copied to</source>
            <translation>Copié vers</translation>
        </message>
        <message>
            <source>There is no setup in this shoot yet, so there is nothing to print.</source>
            <translation>Il n'y a pas encore de configuration dans cette prise de vues, rien à imprimer.</translation>
        </message>
        <message>
            <source>Call sheet and slates</source>
            <translation>Feuille de service et claps</translation>
        </message>
        <message>
            <source>PDF (*.pdf)</source>
            <translation>PDF (*.pdf)</translation>
        </message>
        <message>
            <source>Call sheet written:</source>
            <translation>Feuille de service écrite :</translation>
        </message>
        <message>
            <source>Export all as JSON</source>
            <translation>Tout exporter en JSON</translation>
        </message>
        <message>
            <source>Exported to</source>
            <translation>Exporté vers</translation>
        </message>
        <message>
            <source>Make a studio of exported JSON</source>
            <translation>Faire un studio d'un JSON exporté</translation>
        </message>
        <message>
            <source>Where the studio shall be</source>
            <translation>Où doit être le studio</translation>
        </message>
    </context>
    <context>
        <name>SunStrip</name>
        <message>
            <source>The sun's height over the day</source>
            <translation>La hauteur du soleil dans la journée</translation>
        </message>
        <message>
            <source>Height of the sun</source>
            <translation>Hauteur du soleil</translation>
        </message>
        <message>
            <source>The sun is highest at %1, %2 degrees.</source>
            <translation>Le soleil est au plus haut à %1, %2 degrés.</translation>
        </message>
        <message>
            <source>A chart shot at %1 holds until %2.</source>
            <translation>Une prise de mire à %1 tient jusqu'à %2.</translation>
        </message>
    </context>
    <context>
        <name>refero::SunStrip</name>
        <message>
            <source>The sun's height over the day</source>
            <translation>La hauteur du soleil dans la journée</translation>
        </message>
        <message>
            <source>Height of the sun</source>
            <translation>Hauteur du soleil</translation>
        </message>
        <message>
            <source>The sun is highest at %1, %2 degrees.</source>
            <translation>Le soleil est au plus haut à %1, %2 degrés.</translation>
        </message>
        <message>
            <source>A chart shot at %1 holds until %2.</source>
            <translation>Une prise de mire à %1 tient jusqu'à %2.</translation>
        </message>
    </context>
    <context>
        <name>TopBar</name>
        <message>
            <source>Find and do</source>
            <translation>Trouver et faire</translation>
        </message>
        <message>
            <source>Find and do anything by its name (Ctrl+K)</source>
            <translation>Tout trouver et faire par son nom (Ctrl+K)</translation>
        </message>
        <message>
            <source>Import frames (Ctrl+O)</source>
            <translation>Importer des images (Ctrl+O)</translation>
        </message>
        <message>
            <source>Undo (Ctrl+Z)</source>
            <translation>Annuler (Ctrl+Z)</translation>
        </message>
        <message>
            <source>Redo (Ctrl+Shift+Z)</source>
            <translation>Rétablir (Ctrl+Maj+Z)</translation>
        </message>
        <message>
            <source>All steps, by name</source>
            <translation>Toutes les étapes, par nom</translation>
        </message>
        <message>
            <source>Undo: %1 (Ctrl+Z)</source>
            <translation>Annuler : %1 (Ctrl+Z)</translation>
        </message>
        <message>
            <source>Nothing to undo</source>
            <translation>Rien à annuler</translation>
        </message>
        <message>
            <source>Redo: %1 (Ctrl+Shift+Z)</source>
            <translation>Rétablir : %1 (Ctrl+Maj+Z)</translation>
        </message>
        <message>
            <source>Nothing to redo</source>
            <translation>Rien à rétablir</translation>
        </message>
        <message>
            <source>Dim or booth surround (Ctrl+B)</source>
            <translation>Entourage sombre ou clair (Ctrl+B)</translation>
        </message>
        <message>
            <source>Nothing but the picture (F11)</source>
            <translation>Rien que l'image (F11)</translation>
        </message>
        <message>
            <source>Menu: studios, steps, pages, help (F10)</source>
            <translation>Menu : studios, étapes, pages, aide (F10)</translation>
        </message>
        <message>
            <source>Find  Ctrl+K</source>
            <translation>Trouver  Ctrl+K</translation>
        </message>
        <message>
            <source>Beginning</source>
            <translation>Début</translation>
        </message>
    </context>
    <context>
        <name>refero::TopBar</name>
        <message>
            <source>Find and do</source>
            <translation>Trouver et faire</translation>
        </message>
        <message>
            <source>Find and do anything by its name (Ctrl+K)</source>
            <translation>Tout trouver et faire par son nom (Ctrl+K)</translation>
        </message>
        <message>
            <source>Import frames (Ctrl+O)</source>
            <translation>Importer des images (Ctrl+O)</translation>
        </message>
        <message>
            <source>Undo (Ctrl+Z)</source>
            <translation>Annuler (Ctrl+Z)</translation>
        </message>
        <message>
            <source>Redo (Ctrl+Shift+Z)</source>
            <translation>Rétablir (Ctrl+Maj+Z)</translation>
        </message>
        <message>
            <source>All steps, by name</source>
            <translation>Toutes les étapes, par nom</translation>
        </message>
        <message>
            <source>Undo: %1 (Ctrl+Z)</source>
            <translation>Annuler : %1 (Ctrl+Z)</translation>
        </message>
        <message>
            <source>Nothing to undo</source>
            <translation>Rien à annuler</translation>
        </message>
        <message>
            <source>Redo: %1 (Ctrl+Shift+Z)</source>
            <translation>Rétablir : %1 (Ctrl+Maj+Z)</translation>
        </message>
        <message>
            <source>Nothing to redo</source>
            <translation>Rien à rétablir</translation>
        </message>
        <message>
            <source>Dim or booth surround (Ctrl+B)</source>
            <translation>Entourage sombre ou clair (Ctrl+B)</translation>
        </message>
        <message>
            <source>Nothing but the picture (F11)</source>
            <translation>Rien que l'image (F11)</translation>
        </message>
        <message>
            <source>Menu: studios, steps, pages, help (F10)</source>
            <translation>Menu : studios, étapes, pages, aide (F10)</translation>
        </message>
        <message>
            <source>Find  Ctrl+K</source>
            <translation>Trouver  Ctrl+K</translation>
        </message>
        <message>
            <source>Beginning</source>
            <translation>Début</translation>
        </message>
    </context>
    <context>
        <name>TransformTable</name>
        <message>
            <source>reverses</source>
            <translation>inverse</translation>
        </message>
        <message>
            <source>bands</source>
            <translation>marches</translation>
        </message>
        <message>
            <source>merges</source>
            <translation>confond</translation>
        </message>
        <message>
            <source>cuts</source>
            <translation>coupe</translation>
        </message>
        <message>
            <source>none</source>
            <translation>aucune</translation>
        </message>
        <message>
            <source>Being tried</source>
            <translation>À l'essai</translation>
        </message>
        <message>
            <source>Transform</source>
            <translation>Transformation</translation>
        </message>
        <message>
            <source>What it is</source>
            <translation>Ce que c'est</translation>
        </message>
        <message>
            <source>Error</source>
            <translation>Erreur</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 to the reference values at the exposure that it expects.</source>
            <translation>CIEDE2000 moyen à la référence, à l'exposition attendue.</translation>
        </message>
        <message>
            <source>Expects</source>
            <translation>Attend</translation>
        </message>
        <message>
            <source>Stops more than the chart shot has.</source>
            <translation>Diaph. de plus que la prise de mire.</translation>
        </message>
        <message>
            <source>Cast</source>
            <translation>Dominante</translation>
        </message>
        <message>
            <source>CIEDE2000 of the grey that is furthest from grey.</source>
            <translation>CIEDE2000 du gris le plus loin du gris.</translation>
        </message>
        <message>
            <source>Hue</source>
            <translation>Teinte</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 of the hue that is furthest off.</source>
            <translation>CIEDE2000 moyen de la teinte la plus fausse.</translation>
        </message>
        <message>
            <source>Noise</source>
            <translation>Bruit</translation>
        </message>
        <message>
            <source>Chroma noise of one pixel, a* and b*.</source>
            <translation>Bruit de chroma d'un pixel, a* et b*.</translation>
        </message>
        <message>
            <source>Flaws</source>
            <translation>Défauts</translation>
        </message>
        <message>
            <source>Whether it turns colours over, makes steps, merges near colours, or cuts colours off.</source>
            <translation>Si elle inverse des couleurs, fait des marches, confond des couleurs proches ou en coupe.</translation>
        </message>
        <message>
            <source>Transforms</source>
            <translation>Transformations</translation>
        </message>
        <message>
            <source>A click on a heading sorts by it.</source>
            <translation>Un clic sur un titre trie selon lui.</translation>
        </message>
    </context>
    <context>
        <name>refero::TransformTable</name>
        <message>
            <source>reverses</source>
            <translation>inverse</translation>
        </message>
        <message>
            <source>bands</source>
            <translation>marches</translation>
        </message>
        <message>
            <source>merges</source>
            <translation>confond</translation>
        </message>
        <message>
            <source>cuts</source>
            <translation>coupe</translation>
        </message>
        <message>
            <source>none</source>
            <translation>aucune</translation>
        </message>
        <message>
            <source>Being tried</source>
            <translation>À l'essai</translation>
        </message>
        <message>
            <source>Transform</source>
            <translation>Transformation</translation>
        </message>
        <message>
            <source>What it is</source>
            <translation>Ce que c'est</translation>
        </message>
        <message>
            <source>Error</source>
            <translation>Erreur</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 to the reference values at the exposure that it expects.</source>
            <translation>CIEDE2000 moyen à la référence, à l'exposition attendue.</translation>
        </message>
        <message>
            <source>Expects</source>
            <translation>Attend</translation>
        </message>
        <message>
            <source>Stops more than the chart shot has.</source>
            <translation>Diaph. de plus que la prise de mire.</translation>
        </message>
        <message>
            <source>Cast</source>
            <translation>Dominante</translation>
        </message>
        <message>
            <source>CIEDE2000 of the grey that is furthest from grey.</source>
            <translation>CIEDE2000 du gris le plus loin du gris.</translation>
        </message>
        <message>
            <source>Hue</source>
            <translation>Teinte</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 of the hue that is furthest off.</source>
            <translation>CIEDE2000 moyen de la teinte la plus fausse.</translation>
        </message>
        <message>
            <source>Noise</source>
            <translation>Bruit</translation>
        </message>
        <message>
            <source>Chroma noise of one pixel, a* and b*.</source>
            <translation>Bruit de chroma d'un pixel, a* et b*.</translation>
        </message>
        <message>
            <source>Flaws</source>
            <translation>Défauts</translation>
        </message>
        <message>
            <source>Whether it turns colours over, makes steps, merges near colours, or cuts colours off.</source>
            <translation>Si elle inverse des couleurs, fait des marches, confond des couleurs proches ou en coupe.</translation>
        </message>
        <message>
            <source>Transforms</source>
            <translation>Transformations</translation>
        </message>
        <message>
            <source>A click on a heading sorts by it.</source>
            <translation>Un clic sur un titre trie selon lui.</translation>
        </message>
    </context>
    <context>
        <name>TransformsPage</name>
        <message>
            <source>A picture of the setup through two transforms</source>
            <translation>Une image de la configuration par deux transformations</translation>
        </message>
        <message>
            <source>Add a transform</source>
            <translation>Ajouter une transformation</translation>
        </message>
        <message>
            <source>A .cube, .clf, .icc, .dcp, .cdl, an OpenColorIO configuration or a correction. They can also be dropped here.</source>
            <translation>Un .cube, .clf, .icc, .dcp, .cdl, une configuration OpenColorIO ou une correction. On peut aussi les déposer ici.</translation>
        </message>
        <message>
            <source>Somebody's transform</source>
            <translation>La transformation de quelqu'un</translation>
        </message>
        <message>
            <source>Transforms (*.cube *.clf *.ctf *.icc *.icm *.dcp *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</source>
            <translation>Transformations (*.cube *.clf *.ctf *.icc *.icm *.dcp *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</translation>
        </message>
        <message>
            <source>Ours</source>
            <translation>Les nôtres</translation>
        </message>
        <message>
            <source>This setup's correction and its snapshots, to be held against the others.</source>
            <translation>La correction de cette configuration et ses instantanés, comparés aux autres.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Retirer</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Image</translation>
        </message>
        <message>
            <source>Any picture of the setup.</source>
            <translation>Toute image de la configuration.</translation>
        </message>
        <message>
            <source>Against</source>
            <translation>Contre</translation>
        </message>
        <message>
            <source>What the chosen one is held against.</source>
            <translation>À quoi la choisie est comparée.</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Affichage</translation>
        </message>
        <message>
            <source>How the two share the view.</source>
            <translation>Comment les deux partagent la vue.</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Volet</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Damier</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Côte à côte</translation>
        </message>
        <message>
            <source>Chosen alone</source>
            <translation>La choisie seule</translation>
        </message>
        <message>
            <source>Fed</source>
            <translation>Nourri</translation>
        </message>
        <message>
            <source>As its file says, or as the patches tell</source>
            <translation>Comme dit son fichier, ou comme le disent les plages</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Balance</translation>
        </message>
        <message>
            <source>As the patches tell</source>
            <translation>Comme le disent les plages</translation>
        </message>
        <message>
            <source>Numbers as recorded</source>
            <translation>Nombres tels qu'enregistrés</translation>
        </message>
        <message>
            <source>Balanced numbers</source>
            <translation>Nombres équilibrés</translation>
        </message>
        <message>
            <source>Gives</source>
            <translation>Donne</translation>
        </message>
        <message>
            <source>Try three made-up ones</source>
            <translation>Essayer trois inventées</translation>
        </message>
        <message>
            <source>A look, a LUT that expects a stop more, and one of few numbers, made for this camera.</source>
            <translation>Un look, une LUT attendant un diaph. de plus, et une de peu de nombres, faites pour cette caméra.</translation>
        </message>
        <message>
            <source>What is told of the transform</source>
            <translation>Ce qui est dit de la transformation</translation>
        </message>
        <message>
            <source>What it does</source>
            <translation>Ce qu'elle fait</translation>
        </message>
        <message>
            <source>Patch</source>
            <translation>Plage</translation>
        </message>
        <message>
            <source>The farthest from its reference first.</source>
            <translation>Les plus éloignées de la référence d'abord.</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Telle quelle</translation>
        </message>
        <message>
            <source>CIEDE2000 to the reference.</source>
            <translation>CIEDE2000 à la référence.</translation>
        </message>
        <message>
            <source>Levelled</source>
            <translation>Mis à niveau</translation>
        </message>
        <message>
            <source>The same at the exposure that it expects.</source>
            <translation>De même à l'exposition attendue.</translation>
        </message>
        <message>
            <source>Noise</source>
            <translation>Bruit</translation>
        </message>
        <message>
            <source>Chroma noise of one pixel, a* and b*.</source>
            <translation>Bruit de chroma d'un pixel, a* et b*.</translation>
        </message>
        <message>
            <source>Patches through the transform</source>
            <translation>Plages par la transformation</translation>
        </message>
        <message>
            <source>Patch by patch</source>
            <translation>Plage par plage</translation>
        </message>
        <message>
            <source>Each grey of the chart at the exposure that the transform expects: how much lighter or darker than its reference it is shown. A slope is contrast.</source>
            <translation>Chaque gris de la mire à l'exposition attendue : de combien plus clair ou sombre que sa référence il est montré. Une pente est du contraste.</translation>
        </message>
        <message>
            <source>Hues through the transform</source>
            <translation>Teintes par la transformation</translation>
        </message>
        <message>
            <source>Ring: where a patch belongs. Thin line: from where the transform shows it as it is. Dot: at the exposure that it expects.</source>
            <translation>Anneau : la place d'une plage. Trait fin : d'où la transformation la montre telle quelle. Point : à l'exposition attendue.</translation>
        </message>
        <message>
            <source>Greys and hues</source>
            <translation>Gris et teintes</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Instruments des deux</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <comment>patch, its role</comment>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Clipped or left out in the shot.</source>
            <translation>Écrêtée ou exclue dans la prise.</translation>
        </message>
        <message>
            <source>At the exposure that it expects this lies past the end of what it is fed.</source>
            <translation>À l'exposition attendue, c'est au-delà de ce qu'elle reçoit.</translation>
        </message>
        <message>
            <source>A channel ends here.</source>
            <translation>Un canal s'arrête ici.</translation>
        </message>
        <message>
            <source>Reference</source>
            <translation>Référence</translation>
        </message>
        <message>
            <source>Correction of %1</source>
            <translation>Correction de %1</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <comment>a snapshot, its setup</comment>
            <translation>%1 sur %2</translation>
        </message>
        <message>
            <source>This setup has no correction yet</source>
            <translation>Cette configuration n'a pas encore de correction</translation>
        </message>
        <message>
            <source>The chart shot</source>
            <translation>La prise de mire</translation>
        </message>
        <message>
            <source>No chart shot to try them on</source>
            <translation>Pas de prise de mire pour les essayer</translation>
        </message>
        <message>
            <source>Choose a setup at the left whose chart is read. Then drop the transforms here that you use or were given, and see what each does to its colours.</source>
            <translation>Choisissez à gauche une configuration dont la mire est lue. Déposez ensuite ici les transformations que vous utilisez ou avez reçues, et voyez ce que chacune fait de ses couleurs.</translation>
        </message>
        <message>
            <source>Being tried</source>
            <translation>À l'essai</translation>
        </message>
        <message>
            <source>It cannot be tried</source>
            <translation>Elle ne peut être essayée</translation>
        </message>
    </context>
    <context>
        <name>refero::TransformsPage</name>
        <message>
            <source>A picture of the setup through two transforms</source>
            <translation>Une image de la configuration par deux transformations</translation>
        </message>
        <message>
            <source>Add a transform</source>
            <translation>Ajouter une transformation</translation>
        </message>
        <message>
            <source>A .cube, .clf, .icc, .dcp, .cdl, an OpenColorIO configuration or a correction. They can also be dropped here.</source>
            <translation>Un .cube, .clf, .icc, .dcp, .cdl, une configuration OpenColorIO ou une correction. On peut aussi les déposer ici.</translation>
        </message>
        <message>
            <source>Somebody's transform</source>
            <translation>La transformation de quelqu'un</translation>
        </message>
        <message>
            <source>Transforms (*.cube *.clf *.ctf *.icc *.icm *.dcp *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</source>
            <translation>Transformations (*.cube *.clf *.ctf *.icc *.icm *.dcp *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</translation>
        </message>
        <message>
            <source>Ours</source>
            <translation>Les nôtres</translation>
        </message>
        <message>
            <source>This setup's correction and its snapshots, to be held against the others.</source>
            <translation>La correction de cette configuration et ses instantanés, comparés aux autres.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Retirer</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Image</translation>
        </message>
        <message>
            <source>Any picture of the setup.</source>
            <translation>Toute image de la configuration.</translation>
        </message>
        <message>
            <source>Against</source>
            <translation>Contre</translation>
        </message>
        <message>
            <source>What the chosen one is held against.</source>
            <translation>À quoi la choisie est comparée.</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Affichage</translation>
        </message>
        <message>
            <source>How the two share the view.</source>
            <translation>Comment les deux partagent la vue.</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Volet</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Damier</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Côte à côte</translation>
        </message>
        <message>
            <source>Chosen alone</source>
            <translation>La choisie seule</translation>
        </message>
        <message>
            <source>Fed</source>
            <translation>Nourri</translation>
        </message>
        <message>
            <source>As its file says, or as the patches tell</source>
            <translation>Comme dit son fichier, ou comme le disent les plages</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Balance</translation>
        </message>
        <message>
            <source>As the patches tell</source>
            <translation>Comme le disent les plages</translation>
        </message>
        <message>
            <source>Numbers as recorded</source>
            <translation>Nombres tels qu'enregistrés</translation>
        </message>
        <message>
            <source>Balanced numbers</source>
            <translation>Nombres équilibrés</translation>
        </message>
        <message>
            <source>Gives</source>
            <translation>Donne</translation>
        </message>
        <message>
            <source>Try three made-up ones</source>
            <translation>Essayer trois inventées</translation>
        </message>
        <message>
            <source>A look, a LUT that expects a stop more, and one of few numbers, made for this camera.</source>
            <translation>Un look, une LUT attendant un diaph. de plus, et une de peu de nombres, faites pour cette caméra.</translation>
        </message>
        <message>
            <source>What is told of the transform</source>
            <translation>Ce qui est dit de la transformation</translation>
        </message>
        <message>
            <source>What it does</source>
            <translation>Ce qu'elle fait</translation>
        </message>
        <message>
            <source>Patch</source>
            <translation>Plage</translation>
        </message>
        <message>
            <source>The farthest from its reference first.</source>
            <translation>Les plus éloignées de la référence d'abord.</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Telle quelle</translation>
        </message>
        <message>
            <source>CIEDE2000 to the reference.</source>
            <translation>CIEDE2000 à la référence.</translation>
        </message>
        <message>
            <source>Levelled</source>
            <translation>Mis à niveau</translation>
        </message>
        <message>
            <source>The same at the exposure that it expects.</source>
            <translation>De même à l'exposition attendue.</translation>
        </message>
        <message>
            <source>Noise</source>
            <translation>Bruit</translation>
        </message>
        <message>
            <source>Chroma noise of one pixel, a* and b*.</source>
            <translation>Bruit de chroma d'un pixel, a* et b*.</translation>
        </message>
        <message>
            <source>Patches through the transform</source>
            <translation>Plages par la transformation</translation>
        </message>
        <message>
            <source>Patch by patch</source>
            <translation>Plage par plage</translation>
        </message>
        <message>
            <source>Each grey of the chart at the exposure that the transform expects: how much lighter or darker than its reference it is shown. A slope is contrast.</source>
            <translation>Chaque gris de la mire à l'exposition attendue : de combien plus clair ou sombre que sa référence il est montré. Une pente est du contraste.</translation>
        </message>
        <message>
            <source>Hues through the transform</source>
            <translation>Teintes par la transformation</translation>
        </message>
        <message>
            <source>Ring: where a patch belongs. Thin line: from where the transform shows it as it is. Dot: at the exposure that it expects.</source>
            <translation>Anneau : la place d'une plage. Trait fin : d'où la transformation la montre telle quelle. Point : à l'exposition attendue.</translation>
        </message>
        <message>
            <source>Greys and hues</source>
            <translation>Gris et teintes</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Instruments des deux</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <comment>patch, its role</comment>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Clipped or left out in the shot.</source>
            <translation>Écrêtée ou exclue dans la prise.</translation>
        </message>
        <message>
            <source>At the exposure that it expects this lies past the end of what it is fed.</source>
            <translation>À l'exposition attendue, c'est au-delà de ce qu'elle reçoit.</translation>
        </message>
        <message>
            <source>A channel ends here.</source>
            <translation>Un canal s'arrête ici.</translation>
        </message>
        <message>
            <source>Reference</source>
            <translation>Référence</translation>
        </message>
        <message>
            <source>Correction of %1</source>
            <translation>Correction de %1</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <comment>a snapshot, its setup</comment>
            <translation>%1 sur %2</translation>
        </message>
        <message>
            <source>This setup has no correction yet</source>
            <translation>Cette configuration n'a pas encore de correction</translation>
        </message>
        <message>
            <source>The chart shot</source>
            <translation>La prise de mire</translation>
        </message>
        <message>
            <source>No chart shot to try them on</source>
            <translation>Pas de prise de mire pour les essayer</translation>
        </message>
        <message>
            <source>Choose a setup at the left whose chart is read. Then drop the transforms here that you use or were given, and see what each does to its colours.</source>
            <translation>Choisissez à gauche une configuration dont la mire est lue. Déposez ensuite ici les transformations que vous utilisez ou avez reçues, et voyez ce que chacune fait de ses couleurs.</translation>
        </message>
        <message>
            <source>Being tried</source>
            <translation>À l'essai</translation>
        </message>
        <message>
            <source>It cannot be tried</source>
            <translation>Elle ne peut être essayée</translation>
        </message>
    </context>
    <context>
        <name>TruthPage</name>
        <message>
            <source>Greys</source>
            <translation>Gris</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Peau</translation>
        </message>
        <message>
            <source>leader</source>
            <translation>directrice</translation>
        </message>
        <message>
            <source>follower</source>
            <translation>suiveuse</translation>
        </message>
        <message>
            <source>not told</source>
            <translation>non dit</translation>
        </message>
        <message>
            <source>%1 to %2</source>
            <translation>%1 à %2</translation>
        </message>
        <message>
            <source>%1 and %2 (%3, should be %4)</source>
            <translation>%1 et %2 (%3, devrait être %4)</translation>
        </message>
        <message>
            <source>%1 tells all near colours apart.</source>
            <translation>%1 distingue toutes les couleurs proches.</translation>
        </message>
        <message>
            <source>%1 merges %2.</source>
            <translation>%1 confond %2.</translation>
        </message>
        <message>
            <source>Its greys %1 and %2 lose their step.</source>
            <translation>Ses gris %1 et %2 perdent leur marche.</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Couleurs</translation>
        </message>
        <message>
            <source>Leader</source>
            <translation>Directrice</translation>
        </message>
        <message>
            <source>Follower</source>
            <translation>Suiveuse</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>Différence</translation>
        </message>
        <message>
            <source>95 % interval of the leader's less the follower's difference.</source>
            <translation>Intervalle à 95 % de l'écart de la directrice moins celui de la suiveuse.</translation>
        </message>
        <message>
            <source>Nearer</source>
            <translation>Plus près</translation>
        </message>
        <message>
            <source>Told only where the interval leaves out 0.</source>
            <translation>Dit seulement où l'intervalle exclut 0.</translation>
        </message>
        <message>
            <source>Who is nearer to the reference</source>
            <translation>Qui est plus près de la référence</translation>
        </message>
        <message>
            <source>After the match %1</source>
            <translation>Après l'accord %1</translation>
        </message>
    </context>
    <context>
        <name>refero::TruthPage</name>
        <message>
            <source>Greys</source>
            <translation>Gris</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Peau</translation>
        </message>
        <message>
            <source>leader</source>
            <translation>directrice</translation>
        </message>
        <message>
            <source>follower</source>
            <translation>suiveuse</translation>
        </message>
        <message>
            <source>not told</source>
            <translation>non dit</translation>
        </message>
        <message>
            <source>%1 to %2</source>
            <translation>%1 à %2</translation>
        </message>
        <message>
            <source>%1 and %2 (%3, should be %4)</source>
            <translation>%1 et %2 (%3, devrait être %4)</translation>
        </message>
        <message>
            <source>%1 tells all near colours apart.</source>
            <translation>%1 distingue toutes les couleurs proches.</translation>
        </message>
        <message>
            <source>%1 merges %2.</source>
            <translation>%1 confond %2.</translation>
        </message>
        <message>
            <source>Its greys %1 and %2 lose their step.</source>
            <translation>Ses gris %1 et %2 perdent leur marche.</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Couleurs</translation>
        </message>
        <message>
            <source>Leader</source>
            <translation>Directrice</translation>
        </message>
        <message>
            <source>Follower</source>
            <translation>Suiveuse</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>Différence</translation>
        </message>
        <message>
            <source>95 % interval of the leader's less the follower's difference.</source>
            <translation>Intervalle à 95 % de l'écart de la directrice moins celui de la suiveuse.</translation>
        </message>
        <message>
            <source>Nearer</source>
            <translation>Plus près</translation>
        </message>
        <message>
            <source>Told only where the interval leaves out 0.</source>
            <translation>Dit seulement où l'intervalle exclut 0.</translation>
        </message>
        <message>
            <source>Who is nearer to the reference</source>
            <translation>Qui est plus près de la référence</translation>
        </message>
        <message>
            <source>After the match %1</source>
            <translation>Après l'accord %1</translation>
        </message>
    </context>
    <context>
        <name>UnknownChart</name>
        <message>
            <source>Chart data, pasted</source>
            <translation>Données de mire, collées</translation>
        </message>
        <message>
            <source>Paste its table here: a line of names, then Lab, XYZ or spectra</source>
            <translation>Collez ici son tableau : une ligne de noms, puis Lab, XYZ ou spectres</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nom</translation>
        </message>
        <message>
            <source>What the chart is called.</source>
            <translation>Comment s'appelle la mire.</translation>
        </message>
        <message>
            <source>as its data</source>
            <translation>comme ses données</translation>
        </message>
        <message>
            <source>Longer side</source>
            <translation>Grand côté</translation>
        </message>
        <message>
            <source>Of the chart's patches with their margin; only the plan needs it.</source>
            <translation>Des plages avec leur marge ; seul le plan en a besoin.</translation>
        </message>
        <message>
            <source>not known</source>
            <translation>inconnu</translation>
        </message>
        <message>
            <source>Take the pasted table</source>
            <translation>Prendre le tableau collé</translation>
        </message>
        <message>
            <source>Keep its layout for now</source>
            <translation>Garder sa disposition pour l'instant</translation>
        </message>
        <message>
            <source>It is found in other frames from now on; corrections need its data, which can be given later.</source>
            <translation>Elle est trouvée désormais dans d'autres images ; les corrections demandent ses données, à donner plus tard.</translation>
        </message>
        <message>
            <source>Set corners by hand</source>
            <translation>Placer les coins à la main</translation>
        </message>
        <message>
            <source>It is a chart that Refero knows: lay its outline over the frame.</source>
            <translation>C'est une mire que Refero connaît : posez son contour sur l'image.</translation>
        </message>
        <message>
            <source>the pasted text</source>
            <translation>le texte collé</translation>
        </message>
        <message>
            <source>My chart</source>
            <translation>Ma mire</translation>
        </message>
        <message>
            <source>A chart's longer side can be %1 to %2 mm.</source>
            <translation>Le grand côté d'une mire va de %1 à %2 mm.</translation>
        </message>
        <message>
            <source>Open the chart's data</source>
            <translation>Ouvrir les données de la mire</translation>
        </message>
    </context>
    <context>
        <name>refero::UnknownChart</name>
        <message>
            <source>Chart data, pasted</source>
            <translation>Données de mire, collées</translation>
        </message>
        <message>
            <source>Paste its table here: a line of names, then Lab, XYZ or spectra</source>
            <translation>Collez ici son tableau : une ligne de noms, puis Lab, XYZ ou spectres</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nom</translation>
        </message>
        <message>
            <source>What the chart is called.</source>
            <translation>Comment s'appelle la mire.</translation>
        </message>
        <message>
            <source>as its data</source>
            <translation>comme ses données</translation>
        </message>
        <message>
            <source>Longer side</source>
            <translation>Grand côté</translation>
        </message>
        <message>
            <source>Of the chart's patches with their margin; only the plan needs it.</source>
            <translation>Des plages avec leur marge ; seul le plan en a besoin.</translation>
        </message>
        <message>
            <source>not known</source>
            <translation>inconnu</translation>
        </message>
        <message>
            <source>Take the pasted table</source>
            <translation>Prendre le tableau collé</translation>
        </message>
        <message>
            <source>Keep its layout for now</source>
            <translation>Garder sa disposition pour l'instant</translation>
        </message>
        <message>
            <source>It is found in other frames from now on; corrections need its data, which can be given later.</source>
            <translation>Elle est trouvée désormais dans d'autres images ; les corrections demandent ses données, à donner plus tard.</translation>
        </message>
        <message>
            <source>Set corners by hand</source>
            <translation>Placer les coins à la main</translation>
        </message>
        <message>
            <source>It is a chart that Refero knows: lay its outline over the frame.</source>
            <translation>C'est une mire que Refero connaît : posez son contour sur l'image.</translation>
        </message>
        <message>
            <source>the pasted text</source>
            <translation>le texte collé</translation>
        </message>
        <message>
            <source>My chart</source>
            <translation>Ma mire</translation>
        </message>
        <message>
            <source>A chart's longer side can be %1 to %2 mm.</source>
            <translation>Le grand côté d'une mire va de %1 à %2 mm.</translation>
        </message>
        <message>
            <source>Open the chart's data</source>
            <translation>Ouvrir les données de la mire</translation>
        </message>
    </context>
    <context>
        <name>UnknownCharts</name>
        <message>
            <source>%1 shows a chart</source>
            <translation>%1 montre une mire</translation>
        </message>
        <message>
            <source>A chart that was learned is in it</source>
            <translation>Une mire apprise s'y trouve</translation>
        </message>
    </context>
    <context>
        <name>refero::UnknownCharts</name>
        <message>
            <source>%1 shows a chart</source>
            <translation>%1 montre une mire</translation>
        </message>
        <message>
            <source>A chart that was learned is in it</source>
            <translation>Une mire apprise s'y trouve</translation>
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
            <translation>Aucun fichier ne le dit ; demandé une fois pour toutes les images</translation>
        </message>
        <message>
            <source>An unnamed camera</source>
            <translation>Un appareil sans nom</translation>
        </message>
        <message numerus="yes">
            <source>%n frame(s) name no camera. Which one shot them?</source>
            <translation>
                <numerusform>%n image ne nomme pas d'appareil. Lequel l'a prise ?</numerusform>
                <numerusform>%n images ne nomment pas d'appareil. Lequel les a prises ?</numerusform>
            </translation>
        </message>
        <message>
            <source>%1: how are its pictures encoded? They are read as %2; the chart's greys agree better with %3.</source>
            <translation>%1 : comment ses images sont-elles encodées ? Elles sont lues comme %2 ; les gris de la mire concordent mieux avec %3.</translation>
        </message>
        <message>
            <source>%1: how are its pictures encoded? They are read as %2, and the chart's greys agree.</source>
            <translation>%1 : comment ses images sont-elles encodées ? Elles sont lues comme %2, et les gris de la mire concordent.</translation>
        </message>
        <message>
            <source>%1: how large is its sensor? How large a chart is in a planned frame follows from it.</source>
            <translation>%1 : quelle taille fait son capteur ? La taille d'une mire dans une image prévue en suit.</translation>
        </message>
        <message>
            <source>%1: which focal length does it have?</source>
            <translation>%1 : quelle focale a-t-il ?</translation>
        </message>
        <message>
            <source>So it is</source>
            <translation>C'est cela</translation>
        </message>
        <message>
            <source>So it is: %1</source>
            <translation>C'est cela : %1</translation>
        </message>
        <message>
            <source>Of the kit, or another name</source>
            <translation>Du matériel, ou un autre nom</translation>
        </message>
        <message>
            <source>Camera of frames that name none: %1</source>
            <translation>Appareil des images qui n'en nomment pas : %1</translation>
        </message>
        <message>
            <source>Sensor's width</source>
            <translation>Largeur du capteur</translation>
        </message>
        <message>
            <source>Sensor's height</source>
            <translation>Hauteur du capteur</translation>
        </message>
        <message>
            <source>Sensor of %1</source>
            <translation>Capteur de %1</translation>
        </message>
        <message>
            <source>Focal length of %1</source>
            <translation>Focale de %1</translation>
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
            <translation>Aucun fichier ne le dit ; demandé une fois pour toutes les images</translation>
        </message>
        <message>
            <source>An unnamed camera</source>
            <translation>Un appareil sans nom</translation>
        </message>
        <message numerus="yes">
            <source>%n frame(s) name no camera. Which one shot them?</source>
            <translation>
                <numerusform>%n image ne nomme pas d'appareil. Lequel l'a prise ?</numerusform>
                <numerusform>%n images ne nomment pas d'appareil. Lequel les a prises ?</numerusform>
            </translation>
        </message>
        <message>
            <source>%1: how are its pictures encoded? They are read as %2; the chart's greys agree better with %3.</source>
            <translation>%1 : comment ses images sont-elles encodées ? Elles sont lues comme %2 ; les gris de la mire concordent mieux avec %3.</translation>
        </message>
        <message>
            <source>%1: how are its pictures encoded? They are read as %2, and the chart's greys agree.</source>
            <translation>%1 : comment ses images sont-elles encodées ? Elles sont lues comme %2, et les gris de la mire concordent.</translation>
        </message>
        <message>
            <source>%1: how large is its sensor? How large a chart is in a planned frame follows from it.</source>
            <translation>%1 : quelle taille fait son capteur ? La taille d'une mire dans une image prévue en suit.</translation>
        </message>
        <message>
            <source>%1: which focal length does it have?</source>
            <translation>%1 : quelle focale a-t-il ?</translation>
        </message>
        <message>
            <source>So it is</source>
            <translation>C'est cela</translation>
        </message>
        <message>
            <source>So it is: %1</source>
            <translation>C'est cela : %1</translation>
        </message>
        <message>
            <source>Of the kit, or another name</source>
            <translation>Du matériel, ou un autre nom</translation>
        </message>
        <message>
            <source>Camera of frames that name none: %1</source>
            <translation>Appareil des images qui n'en nomment pas : %1</translation>
        </message>
        <message>
            <source>Sensor's width</source>
            <translation>Largeur du capteur</translation>
        </message>
        <message>
            <source>Sensor's height</source>
            <translation>Hauteur du capteur</translation>
        </message>
        <message>
            <source>Sensor of %1</source>
            <translation>Capteur de %1</translation>
        </message>
        <message>
            <source>Focal length of %1</source>
            <translation>Focale de %1</translation>
        </message>
    </context>
    <context>
        <name>VerdictBoard</name>
        <message>
            <source>Open up by %1</source>
            <translation>Ouvrir de %1</translation>
        </message>
        <message>
            <source>Close down by %1</source>
            <translation>Fermer de %1</translation>
        </message>
        <message>
            <source>The chart shot can be used.</source>
            <translation>La prise de mire est utilisable.</translation>
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
            <translation>Ouvrir de %1</translation>
        </message>
        <message>
            <source>Close down by %1</source>
            <translation>Fermer de %1</translation>
        </message>
        <message>
            <source>The chart shot can be used.</source>
            <translation>La prise de mire est utilisable.</translation>
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
            <translation>Constats</translation>
        </message>
        <message>
            <source>Every check behind the verdict, with its value, its limit and what to do.</source>
            <translation>Chaque contrôle derrière le verdict, avec sa valeur, sa limite et que faire.</translation>
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
                <numerusform>%1 sur %n contrôle : %2</numerusform>
                <numerusform>%1 sur %n contrôles : %2</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>All %n checks are good.</source>
            <translation>
                <numerusform>Le contrôle est bon.</numerusform>
                <numerusform>Les %n contrôles sont bons.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::VerdictLine</name>
        <message>
            <source>Findings</source>
            <translation>Constats</translation>
        </message>
        <message>
            <source>Every check behind the verdict, with its value, its limit and what to do.</source>
            <translation>Chaque contrôle derrière le verdict, avec sa valeur, sa limite et que faire.</translation>
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
                <numerusform>%1 sur %n contrôle : %2</numerusform>
                <numerusform>%1 sur %n contrôles : %2</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>All %n checks are good.</source>
            <translation>
                <numerusform>Le contrôle est bon.</numerusform>
                <numerusform>Les %n contrôles sont bons.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>VerdictList</name>
        <message>
            <source>Good</source>
            <translation>Bon</translation>
        </message>
        <message>
            <source>Look at this</source>
            <translation>Regardez ceci</translation>
        </message>
        <message>
            <source>Not good</source>
            <translation>Pas bon</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <comment>verdict and what</comment>
            <translation>%1 : %2</translation>
        </message>
    </context>
    <context>
        <name>refero::VerdictList</name>
        <message>
            <source>Good</source>
            <translation>Bon</translation>
        </message>
        <message>
            <source>Look at this</source>
            <translation>Regardez ceci</translation>
        </message>
        <message>
            <source>Not good</source>
            <translation>Pas bon</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <comment>verdict and what</comment>
            <translation>%1 : %2</translation>
        </message>
    </context>
    <context>
        <name>WarmthLadder</name>
        <message>
            <source>Warmth</source>
            <translation>Chaleur</translation>
        </message>
        <message>
            <source>Warmth in mired, cooler to the left: a rung is the same shift in every shoot. Arrow keys go a rung, with Shift half of one.</source>
            <translation>Chaleur en mired, plus froid à gauche : un échelon est le même décalage partout. Les flèches vont d'un échelon, avec Maj d'un demi.</translation>
        </message>
        <message>
            <source>%1 mired</source>
            <translation>%1 mired</translation>
        </message>
    </context>
    <context>
        <name>refero::WarmthLadder</name>
        <message>
            <source>Warmth</source>
            <translation>Chaleur</translation>
        </message>
        <message>
            <source>Warmth in mired, cooler to the left: a rung is the same shift in every shoot. Arrow keys go a rung, with Shift half of one.</source>
            <translation>Chaleur en mired, plus froid à gauche : un échelon est le même décalage partout. Les flèches vont d'un échelon, avec Maj d'un demi.</translation>
        </message>
        <message>
            <source>%1 mired</source>
            <translation>%1 mired</translation>
        </message>
    </context>
    <context>
        <name>Work</name>
        <message>
            <source>Writing %1</source>
            <translation>Écriture de %1</translation>
        </message>
    </context>
    <context>
        <name>refero::Work</name>
        <message>
            <source>Writing %1</source>
            <translation>Écriture de %1</translation>
        </message>
    </context>
    <context>
        <name>WorkNotices</name>
        <message>
            <source>Frames were not handed over</source>
            <translation>Des images n'ont pas été livrées</translation>
        </message>
        <message>
            <source>%1 of %2 frames are handed over</source>
            <translation>%1 images sur %2 sont livrées</translation>
        </message>
        <message numerus="yes">
            <source>%n failed; the reasons stand under Handover.</source>
            <translation>
                <numerusform>%n a échoué ; les raisons sont sous Livraison.</numerusform>
                <numerusform>%n ont échoué ; les raisons sont sous Livraison.</numerusform>
            </translation>
        </message>
        <message>
            <source>The day is done</source>
            <translation>La journée est faite</translation>
        </message>
        <message>
            <source>What became of each setup stands under Frames.</source>
            <translation>Ce qu'est devenue chaque configuration est sous Images.</translation>
        </message>
        <message numerus="yes">
            <source>%n frames came in</source>
            <translation>
                <numerusform>%n image est arrivée</numerusform>
                <numerusform>%n images sont arrivées</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n could not be read.</source>
            <translation>
                <numerusform>%n n'a pu être lue.</numerusform>
                <numerusform>%n n'ont pu être lues.</numerusform>
            </translation>
        </message>
        <message>
            <source>The series is read</source>
            <translation>La série est lue</translation>
        </message>
        <message>
            <source>Its verdicts stand under Test.</source>
            <translation>Ses verdicts sont sous Test.</translation>
        </message>
    </context>
    <context>
        <name>refero::WorkNotices</name>
        <message>
            <source>Frames were not handed over</source>
            <translation>Des images n'ont pas été livrées</translation>
        </message>
        <message>
            <source>%1 of %2 frames are handed over</source>
            <translation>%1 images sur %2 sont livrées</translation>
        </message>
        <message numerus="yes">
            <source>%n failed; the reasons stand under Handover.</source>
            <translation>
                <numerusform>%n a échoué ; les raisons sont sous Livraison.</numerusform>
                <numerusform>%n ont échoué ; les raisons sont sous Livraison.</numerusform>
            </translation>
        </message>
        <message>
            <source>The day is done</source>
            <translation>La journée est faite</translation>
        </message>
        <message>
            <source>What became of each setup stands under Frames.</source>
            <translation>Ce qu'est devenue chaque configuration est sous Images.</translation>
        </message>
        <message numerus="yes">
            <source>%n frames came in</source>
            <translation>
                <numerusform>%n image est arrivée</numerusform>
                <numerusform>%n images sont arrivées</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n could not be read.</source>
            <translation>
                <numerusform>%n n'a pu être lue.</numerusform>
                <numerusform>%n n'ont pu être lues.</numerusform>
            </translation>
        </message>
        <message>
            <source>The series is read</source>
            <translation>La série est lue</translation>
        </message>
        <message>
            <source>Its verdicts stand under Test.</source>
            <translation>Ses verdicts sont sous Test.</translation>
        </message>
    </context>
    <context>
        <name>core</name>
        <message>
            <source>Rows, columns</source>
            <translation>Lignes, colonnes</translation>
        </message>
        <message>
            <source>Rows from the top.</source>
            <translation>Lignes depuis le haut.</translation>
        </message>
        <message>
            <source>Columns</source>
            <translation>Colonnes</translation>
        </message>
        <message>
            <source>From the left.</source>
            <translation>Depuis la gauche.</translation>
        </message>
        <message>
            <source>Patch size</source>
            <translation>Taille des plages</translation>
        </message>
        <message>
            <source>Width of one patch.</source>
            <translation>Largeur d'une plage.</translation>
        </message>
        <message>
            <source>Patch's height</source>
            <translation>Hauteur de la plage</translation>
        </message>
        <message>
            <source>Height of one patch.</source>
            <translation>Hauteur d'une plage.</translation>
        </message>
        <message>
            <source>Gap, margin</source>
            <translation>Écart, marge</translation>
        </message>
        <message>
            <source>Between patches; 0 where they touch.</source>
            <translation>Entre les plages ; 0 si elles se touchent.</translation>
        </message>
        <message>
            <source>Margin</source>
            <translation>Marge</translation>
        </message>
        <message>
            <source>From the outline to the patches.</source>
            <translation>Du contour jusqu'aux plages.</translation>
        </message>
        <message>
            <source>Paste a table of Lab, XYZ or spectra with a line of names, or open CGATS, CxF or CSV.</source>
            <translation>Collez un tableau de Lab, XYZ ou spectres avec une ligne de noms, ou ouvrez un fichier CGATS, CxF ou CSV.</translation>
        </message>
        <message>
            <source>the pasted text</source>
            <translation>le texte collé</translation>
        </message>
        <message>
            <source>%1 can be %2 to %3.</source>
            <translation>%1 peut aller de %2 à %3.</translation>
        </message>
        <message>
            <source>%1 patches: %2. %3</source>
            <translation>%1 plages : %2. %3</translation>
        </message>
        <message>
            <source>CGATS, CxF or CSV with as many colours as it has patches, in their order.</source>
            <translation>CGATS, CxF ou CSV avec autant de couleurs qu'elle a de plages, dans leur ordre.</translation>
        </message>
        <message>
            <source>design</source>
            <translation>dessin</translation>
        </message>
        <message>
            <source>your own</source>
            <translation>la vôtre</translation>
        </message>
        <message>
            <source>copy</source>
            <translation>exemplaire</translation>
        </message>
        <message>
            <source>measured</source>
            <translation>mesuré</translation>
        </message>
        <message>
            <source>%1 patches, %2 of them neutral</source>
            <translation>%1 plages, dont %2 neutres</translation>
        </message>
        <message>
            <source>This copy differs from its design by %1 on average, %2 at most (CIEDE2000). Readings of its setups use its own values.</source>
            <translation>Cet exemplaire s'écarte de son modèle de %1 en moyenne, de %2 au plus (CIEDE2000). Les lectures de ses configurations utilisent ses propres valeurs.</translation>
        </message>
        <message>
            <source>It is taken to be as its design. Measured, its readings become as good as it is.</source>
            <translation>Il est tenu pour conforme à son modèle. Mesuré, ses lectures deviennent aussi bonnes que lui.</translation>
        </message>
        <message>
            <source>%1 is %2 from its design (CIEDE2000).</source>
            <translation>%1 est à %2 de son modèle (CIEDE2000).</translation>
        </message>
        <message>
            <source> Did it lie on that patch? Choose it and measure it again.</source>
            <translation> Était-il posé sur cette plage ? Choisissez-la et mesurez-la de nouveau.</translation>
        </message>
        <message>
            <source>%1 of %2 measured.</source>
            <translation>%1 sur %2 mesurées.</translation>
        </message>
        <message>
            <source> %1 of %2 measured.</source>
            <translation> %1 sur %2 mesurées.</translation>
        </message>
        <message>
            <source>Undo: %1</source>
            <translation>Annuler : %1</translation>
        </message>
        <message>
            <source>Redo: %1</source>
            <translation>Rétablir : %1</translation>
        </message>
        <message>
            <source>Go to %1</source>
            <translation>Aller à %1</translation>
        </message>
        <message>
            <source>Count it twice as often</source>
            <translation>Compter deux fois plus</translation>
        </message>
        <message>
            <source>Count it half as often</source>
            <translation>Compter deux fois moins</translation>
        </message>
        <message>
            <source>Count it once</source>
            <translation>Compter une fois</translation>
        </message>
        <message>
            <source>Not yet checked. What a correction does on the chart that it was built from says little; on another shot of a chart it has to keep its word.</source>
            <translation>Pas encore vérifiée. Ce qu'une correction fait sur la mire dont elle est issue dit peu ; elle doit tenir parole sur une autre prise d'une mire.</translation>
        </message>
        <message>
            <source>There is no other chart frame in this setup. Shoot the chart once more under the same light and bring it in: the correction can then be checked on a shot that it has not seen.</source>
            <translation>Il n'y a pas d'autre image de mire dans cette configuration. Photographiez la mire encore une fois sous la même lumière et importez-la : la correction pourra être vérifiée sur une prise qu'elle n'a pas vue.</translation>
        </message>
        <message>
            <source>%1 (%2): mean %3, half within %4, largest %5; on its own chart the mean is %6.</source>
            <translation>%1 (%2) : moyenne %3, moitié sous %4, maximum %5 ; sur sa propre mire la moyenne est %6.</translation>
        </message>
        <message>
            <source> That shot is %1 stops brighter.</source>
            <translation> Cette prise est plus claire de %1 diaph.</translation>
        </message>
        <message>
            <source> That shot is %1 stops darker.</source>
            <translation> Cette prise est plus sombre de %1 diaph.</translation>
        </message>
        <message>
            <source> Farthest off: </source>
            <translation> Les plus éloignées : </translation>
        </message>
        <message>
            <source>Name this setup</source>
            <translation>Nommer cette configuration</translation>
        </message>
        <message>
            <source>Place</source>
            <translation>Lieu</translation>
        </message>
        <message>
            <source>Light</source>
            <translation>Lumière</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Annuler</translation>
        </message>
        <message>
            <source>Name it</source>
            <translation>Nommer</translation>
        </message>
        <message>
            <source> patch</source>
            <translation> plage</translation>
        </message>
        <message>
            <source> chart</source>
            <translation> mire</translation>
        </message>
        <message>
            <source> Shown on the frame.</source>
            <translation> Indiqué sur l'image.</translation>
        </message>
        <message>
            <source>: 0 is not possible; leave it empty where it is not known.</source>
            <translation> : 0 n'est pas possible ; laissez vide si ce n'est pas connu.</translation>
        </message>
        <message>
            <source>none</source>
            <translation>aucune</translation>
        </message>
        <message>
            <source>balance %1</source>
            <translation>balance %1</translation>
        </message>
        <message>
            <source>Shows %1, %2 % sure</source>
            <translation>Montre %1, sûr à %2 %</translation>
        </message>
        <message>
            <source>Shows a plain grey card</source>
            <translation>Montre une simple carte grise</translation>
        </message>
        <message>
            <source>Clip of %1 pictures</source>
            <translation>Clip de %1 images</translation>
        </message>
        <message>
            <source>Sequence of %1 pictures</source>
            <translation>Séquence de %1 images</translation>
        </message>
        <message>
            <source> assumed</source>
            <translation> supposé</translation>
        </message>
        <message>
            <source>corrected</source>
            <translation>corrigé</translation>
        </message>
        <message>
            <source>roughly balanced</source>
            <translation>grossièrement équilibrée</translation>
        </message>
        <message>
            <source>x %1  y %2   recorded R %3  G %4  B %5 %</source>
            <translation>x %1  y %2   enregistré R %3  V %4  B %5 %</translation>
        </message>
        <message>
            <source>   mean of %1 x %1</source>
            <translation>   moyenne de %1 x %1</translation>
        </message>
        <message>
            <source>Marked as grey: its light is compared with that on the chart of its setup (station Reading).</source>
            <translation>Marqué comme gris : sa lumière est comparée à celle de la mire de sa configuration (poste Lecture).</translation>
        </message>
        <message>
            <source>Files, folders or a whole card. Refero finds the chart shots and the slates, and sorts every frame into its setup by slate, body, lens and time, with the reason. The files stay where they are, or are copied and each copy compared.</source>
            <translation>Fichiers, dossiers ou une carte entière. Refero trouve les prises de mire et les claps, et range chaque image dans sa configuration d'après le clap, le boîtier, l'objectif et l'heure, avec la raison. Les fichiers restent où ils sont, ou sont copiés et chaque copie comparée.</translation>
        </message>
        <message>
            <source>%1 frames, %2 with a chart, %3 in no setup, %4 doubtful</source>
            <translation>%1 images, %2 avec mire, %3 sans configuration, %4 douteuses</translation>
        </message>
        <message>
            <source>%1 frames</source>
            <translation>%1 images</translation>
        </message>
        <message>
            <source>%1 brought in</source>
            <translation>%1 importées</translation>
        </message>
        <message>
            <source>, %1 not</source>
            <translation>, %1 non</translation>
        </message>
        <message>
            <source>In no setup</source>
            <translation>Sans configuration</translation>
        </message>
        <message>
            <source>
But: </source>
            <translation>
Mais : </translation>
        </message>
        <message>
            <source>%1 frame</source>
            <translation>%1 image</translation>
        </message>
        <message>
            <source>Keep both</source>
            <translation>Garder les deux</translation>
        </message>
        <message>
            <source>The new ones get a number behind their names.</source>
            <translation>Les nouveaux reçoivent un numéro après leur nom.</translation>
        </message>
        <message>
            <source>Replace</source>
            <translation>Remplacer</translation>
        </message>
        <message>
            <source>The old ones are gone once the new ones stand.</source>
            <translation>Les anciens disparaissent dès que les nouveaux sont là.</translation>
        </message>
        <message>
            <source>Skip those</source>
            <translation>Sauter ceux-là</translation>
        </message>
        <message>
            <source>What is there stays, and is not written anew.</source>
            <translation>Ce qui est là reste et n'est pas réécrit.</translation>
        </message>
        <message>
            <source>Not now</source>
            <translation>Pas maintenant</translation>
        </message>
        <message>
            <source>Nothing is written.</source>
            <translation>Rien n'est écrit.</translation>
        </message>
        <message>
            <source>%1 is there already.</source>
            <translation>%1 existe déjà.</translation>
        </message>
        <message>
            <source>%1 files are there already, %2 among them.</source>
            <translation>%1 fichiers existent déjà, dont %2.</translation>
        </message>
        <message>
            <source>EXR, half floats</source>
            <translation>EXR, flottants demi-précision</translation>
        </message>
        <message>
            <source>EXR, floats</source>
            <translation>EXR, flottants</translation>
        </message>
        <message>
            <source>Frames</source>
            <translation>Images</translation>
        </message>
        <message>
            <source>Of this setup, or of every setup of the shoot by its own correction.</source>
            <translation>De cette configuration, ou de chaque configuration de la prise de vues par sa propre correction.</translation>
        </message>
        <message>
            <source>As</source>
            <translation>En</translation>
        </message>
        <message>
            <source>The kind of file.</source>
            <translation>Le type de fichier.</translation>
        </message>
        <message>
            <source>In</source>
            <translation>En</translation>
        </message>
        <message>
            <source>The colour space; its profile is embedded.</source>
            <translation>L'espace colorimétrique ; son profil est intégré.</translation>
        </message>
        <message>
            <source>Long edge</source>
            <translation>Grand côté</translation>
        </message>
        <message>
            <source>Frames are only made smaller, and not sharpened.</source>
            <translation>Les images sont seulement réduites, jamais accentuées.</translation>
        </message>
        <message>
            <source>Named</source>
            <translation>Nommées</translation>
        </message>
        <message>
            <source>What the files are called.</source>
            <translation>Le nom des fichiers.</translation>
        </message>
        <message>
            <source>The valid correction of each frame's setup, as the plan's rules have it, or one for all of them.</source>
            <translation>La correction valide de la configuration de chaque image, selon les règles du plan, ou une seule pour toutes.</translation>
        </message>
        <message>
            <source> The rules give %1 of them another correction: say why this one serves.</source>
            <translation> Les règles donnent à %1 d'entre elles une autre correction : dites pourquoi celle-ci convient.</translation>
        </message>
        <message>
            <source> %1 of them by a weaker correction; the reason is recorded.</source>
            <translation> %1 d'entre elles par une correction plus faible ; la raison est notée.</translation>
        </message>
        <message>
            <source> %1 left out: %2</source>
            <translation> %1 laissées de côté : %2</translation>
        </message>
        <message>
            <source>%1 off on average, %2 at most.</source>
            <translation>%1 d'écart en moyenne, %2 au plus.</translation>
        </message>
        <message>
            <source>%1 has no correction yet. Once it has one, it goes from here to whoever needs it.</source>
            <translation>%1 n'a pas encore de correction. Dès qu'elle en aura une, elle partira d'ici vers ceux qui en ont besoin.</translation>
        </message>
        <message>
            <source>What the raw developer begins with: a straight line, or the contrast of the finish.</source>
            <translation>Ce par quoi commence le développeur raw : une droite, ou le contraste de la finition.</translation>
        </message>
        <message>
            <source>What went out</source>
            <translation>Ce qui est sorti</translation>
        </message>
        <message>
            <source>%1, at most %2</source>
            <translation>%1, au plus %2</translation>
        </message>
        <message>
            <source>The correction has changed since: what this receiver has is another one.</source>
            <translation>La correction a changé depuis : ce que ce destinataire possède en est une autre.</translation>
        </message>
        <message>
            <source>When</source>
            <translation>Quand</translation>
        </message>
        <message>
            <source>For</source>
            <translation>Pour</translation>
        </message>
        <message>
            <source>What</source>
            <translation>Quoi</translation>
        </message>
        <message>
            <source>Read back by</source>
            <translation>Relu par</translation>
        </message>
        <message>
            <source>The correction</source>
            <translation>La correction</translation>
        </message>
        <message>
            <source>What goes out</source>
            <translation>Ce qui sort</translation>
        </message>
        <message>
            <source>What it cannot hold</source>
            <translation>Ce qu'il ne peut contenir</translation>
        </message>
        <message>
            <source>State</source>
            <translation>État</translation>
        </message>
        <message>
            <source>%1 of %2 frames</source>
            <translation>%1 images sur %2</translation>
        </message>
        <message>
            <source>, %1 failed</source>
            <translation>, %1 en échec</translation>
        </message>
        <message>
            <source>, pausing</source>
            <translation>, mise en pause</translation>
        </message>
        <message>
            <source>, paused</source>
            <translation>, en pause</translation>
        </message>
        <message>
            <source>LUT, profile or table</source>
            <translation>LUT, profil ou tableau</translation>
        </message>
        <message>
            <source>One file of the kind that you choose, under a name that you choose.</source>
            <translation>Un fichier du type et du nom que vous choisissez.</translation>
        </message>
        <message>
            <source>Camera profiles</source>
            <translation>Profils d'appareil</translation>
        </message>
        <message>
            <source>For whoever develops the frames: true colours for every frame of this setup.</source>
            <translation>Pour qui développe les images : des couleurs justes pour chaque image de cette configuration.</translation>
        </message>
        <message>
            <source>LUT and recipe</source>
            <translation>LUT et recette</translation>
        </message>
        <message>
            <source>For cutting and grading: a LUT for BT.709, and the correction told for wheels and hue controls.</source>
            <translation>Pour le montage et l'étalonnage : une LUT pour BT.709, et la correction dite pour roues et réglages de teinte.</translation>
        </message>
        <message>
            <source>Plates and their view</source>
            <translation>Plates et leur vue</translation>
        </message>
        <message>
            <source>For images that a renderer's sit in: scene-linear ACEScg, nothing clipped, no finish, and the view to judge them by.</source>
            <translation>Pour des images où viendront celles d'un moteur de rendu : ACEScg linéaire de scène, rien d'écrêté, sans finition, et la vue pour les juger.</translation>
        </message>
        <message>
            <source>Pictures and report</source>
            <translation>Images et rapport</translation>
        </message>
        <message>
            <source>For whoever decides by the colour: finished pictures, and what the colours are good for.</source>
            <translation>Pour qui décide d'après la couleur : des images finies, et ce que valent leurs couleurs.</translation>
        </message>
        <message>
            <source>Masters, all figures</source>
            <translation>Masters, tous les chiffres</translation>
        </message>
        <message>
            <source>For later: pictures of 16 bits, the correction's document, its readings and the report.</source>
            <translation>Pour plus tard : images de 16 bits, le document de la correction, ses lectures et le rapport.</translation>
        </message>
        <message>
            <source>TIFF, %1 bit</source>
            <translation>TIFF, %1 bits</translation>
        </message>
        <message>
            <source>PNG, %1 bit</source>
            <translation>PNG, %1 bits</translation>
        </message>
        <message>
            <source>DPX, %1 bit</source>
            <translation>DPX, %1 bits</translation>
        </message>
        <message>
            <source>, %1 pixels</source>
            <translation>, %1 pixels</translation>
        </message>
        <message>
            <source>, no finish</source>
            <translation>, sans finition</translation>
        </message>
        <message>
            <source>%1 written; reads back as it was.</source>
            <translation>%1 écrit ; relu à l'identique.</translation>
        </message>
        <message>
            <source>%1: measured %2, corrected %3 (L* a* b*)</source>
            <translation>%1 : mesuré %2, corrigé %3 (L* a* b*)</translation>
        </message>
        <message>
            <source>4 times</source>
            <translation>4 fois</translation>
        </message>
        <message>
            <source>Colour</source>
            <translation>Couleur</translation>
        </message>
        <message>
            <source>Measured</source>
            <translation>Mesuré</translation>
        </message>
        <message>
            <source>Corrected</source>
            <translation>Corrigé</translation>
        </message>
        <message>
            <source>Off by</source>
            <translation>Écart</translation>
        </message>
        <message>
            <source>Counts</source>
            <translation>Compte</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nom</translation>
        </message>
        <message>
            <source>Count it</source>
            <translation>La compter</translation>
        </message>
        <message>
            <source>Whether it counts in the fit, four times, or is only checked.</source>
            <translation>Si elle compte dans l'ajustement, quatre fois, ou est seulement vérifiée.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Retirer</translation>
        </message>
        <message>
            <source>Removes it; it can be undone.</source>
            <translation>La retire ; cela peut être annulé.</translation>
        </message>
        <message>
            <source>Keep as proof</source>
            <translation>Garder comme preuve</translation>
        </message>
        <message>
            <source>Keeps how far those are that do not count, among the correction's findings.</source>
            <translation>Note, parmi les constats de la correction, l'écart de celles qui ne comptent pas.</translation>
        </message>
        <message>
            <source> stops</source>
            <translation> diaph.</translation>
        </message>
        <message>
            <source>%1 greener</source>
            <translation>%1 plus vert</translation>
        </message>
        <message>
            <source>%1 more magenta</source>
            <translation>%1 plus magenta</translation>
        </message>
        <message>
            <source>Base</source>
            <translation>Base</translation>
        </message>
        <message>
            <source>Adds nothing: the colours as they were.</source>
            <translation>N'ajoute rien : les couleurs telles quelles.</translation>
        </message>
        <message>
            <source>Rounded</source>
            <translation>Arrondi</translation>
        </message>
        <message>
            <source>A gentle curve and a little saturation.</source>
            <translation>Une courbe douce et un peu de saturation.</translation>
        </message>
        <message>
            <source>Tint</source>
            <translation>Teinte</translation>
        </message>
        <message>
            <source>Green to magenta, in thousandths of Duv.</source>
            <translation>Du vert au magenta, en millièmes de Duv.</translation>
        </message>
        <message>
            <source>Exposure</source>
            <translation>Exposition</translation>
        </message>
        <message>
            <source>In stops.</source>
            <translation>En diaphs.</translation>
        </message>
        <message>
            <source>Contrast</source>
            <translation>Contraste</translation>
        </message>
        <message>
            <source>Black, mid-grey and white stay where they are.</source>
            <translation>Noir, gris moyen et blanc restent où ils sont.</translation>
        </message>
        <message>
            <source>Saturation</source>
            <translation>Saturation</translation>
        </message>
        <message>
            <source>Luminance stays.</source>
            <translation>La luminance reste.</translation>
        </message>
        <message>
            <source> · %1 outside %2 (\), %3 clipped (/), %4 nearly</source>
            <translation> · %1 hors de %2 (\), %3 écrêtés (/), %4 presque</translation>
        </message>
        <message>
            <source>CIEDE2000 between %1 and %2</source>
            <translation>CIEDE2000 entre %1 et %2</translation>
        </message>
        <message>
            <source>: mean %1, 95 % within %2</source>
            <translation> : moyenne %1, 95 % sous %2</translation>
        </message>
        <message>
            <source>, largest %1</source>
            <translation>, maximum %1</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Image</translation>
        </message>
        <message>
            <source>What is judged on; drop more frames of this setup here.</source>
            <translation>Ce sur quoi on juge ; déposez ici d'autres images de cette configuration.</translation>
        </message>
        <message>
            <source>How the renderings are shown</source>
            <translation>Comment les rendus sont montrés</translation>
        </message>
        <message>
            <source>A wipe, two side by side, four with one zoom, or how far two are apart.</source>
            <translation>Un volet, deux côte à côte, quatre au même zoom, ou l'écart entre deux.</translation>
        </message>
        <message>
            <source>What the correction is held against</source>
            <translation>À quoi la correction est comparée</translation>
        </message>
        <message>
            <source>What the correction is held against: hold F over the picture to see it alone.</source>
            <translation>À quoi la correction est comparée : maintenez F sur l'image pour le voir seul.</translation>
        </message>
        <message>
            <source>Warnings</source>
            <translation>Avertissements</translation>
        </message>
        <message>
            <source>Marks what a space cannot show: stripes to the left are outside it, stripes to the right are clipped, dots are nearly.</source>
            <translation>Marque ce qu'un espace ne peut montrer : rayures vers la gauche, hors de lui ; vers la droite, écrêté ; points, presque.</translation>
        </message>
        <message>
            <source>Model</source>
            <translation>Modèle</translation>
        </message>
        <message>
            <source>Mean</source>
            <translation>Moyenne</translation>
        </message>
        <message>
            <source>Unseen</source>
            <translation>Non vu</translation>
        </message>
        <message>
            <source>Compare</source>
            <translation>Comparer</translation>
        </message>
        <message>
            <source>The correction is held against this one.</source>
            <translation>La correction est comparée à celui-ci.</translation>
        </message>
        <message>
            <source>Go back</source>
            <translation>Revenir</translation>
        </message>
        <message>
            <source>This one becomes the setup's correction again.</source>
            <translation>Celui-ci redevient la correction de la configuration.</translation>
        </message>
        <message>
            <source>Removes the snapshot; it can be undone.</source>
            <translation>Retire l'instantané ; cela peut être annulé.</translation>
        </message>
        <message>
            <source>red %1, green %2, blue %3 times; level %4 stops</source>
            <translation>rouge %1, vert %2, bleu %3 fois ; niveau %4 diaph.</translation>
        </message>
        <message>
            <source>, least mean CIEDE2000</source>
            <translation>, moyenne CIEDE2000 minimale</translation>
        </message>
        <message>
            <source>, least squares</source>
            <translation>, moindres carrés</translation>
        </message>
        <message>
            <source>, with made-up surfaces</source>
            <translation>, avec des surfaces imaginées</translation>
        </message>
        <message>
            <source>, %1 × %1 × %1 points</source>
            <translation>, %1 × %1 × %1 points</translation>
        </message>
        <message>
            <source>%1 patches of %2 in %3</source>
            <translation>%1 plages de %2 dans %3</translation>
        </message>
        <message>
            <source>; built %1</source>
            <translation> ; construite %1</translation>
        </message>
        <message>
            <source> by %1</source>
            <translation> par %1</translation>
        </message>
        <message>
            <source>nothing taken out of the chart shot</source>
            <translation>rien retiré de la prise de mire</translation>
        </message>
        <message>
            <source>, taken out of the chart shot</source>
            <translation>, retiré de la prise de mire</translation>
        </message>
        <message>
            <source>one a channel, from the chart's greys</source>
            <translation>une par canal, d'après les gris de la mire</translation>
        </message>
        <message>
            <source>none: the greys are straight enough</source>
            <translation>aucune : les gris sont assez droits</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Finition</translation>
        </message>
        <message>
            <source>Daylight</source>
            <translation>Lumière du jour</translation>
        </message>
        <message>
            <source>Shade</source>
            <translation>Ombre</translation>
        </message>
        <message>
            <source>Flash</source>
            <translation>Flash</translation>
        </message>
        <message>
            <source>Tungsten</source>
            <translation>Tungstène</translation>
        </message>
        <message>
            <source>Fluorescent</source>
            <translation>Fluorescent</translation>
        </message>
        <message>
            <source>LED</source>
            <translation>LED</translation>
        </message>
        <message>
            <source>Mixed</source>
            <translation>Mixte</translation>
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
            <translation>Vidéo plate</translation>
        </message>
        <message>
            <source>Log video</source>
            <translation>Vidéo log</translation>
        </message>
        <message>
            <source>As the files of this body name it.</source>
            <translation>Comme le nomment les fichiers de ce boîtier.</translation>
        </message>
        <message>
            <source>Serial number</source>
            <translation>Numéro de série</translation>
        </message>
        <message>
            <source>Two bodies of a model differ; this tells them apart.</source>
            <translation>Deux boîtiers d'un modèle diffèrent ; ceci les distingue.</translation>
        </message>
        <message>
            <source>Called</source>
            <translation>Surnom</translation>
        </message>
        <message>
            <source>What you call it on the day; may be left empty.</source>
            <translation>Comme vous l'appelez ce jour-là ; peut rester vide.</translation>
        </message>
        <message>
            <source>Shoots</source>
            <translation>Prend</translation>
        </message>
        <message>
            <source>Stills or film.</source>
            <translation>Photos ou film.</translation>
        </message>
        <message>
            <source>Stills</source>
            <translation>Photos</translation>
        </message>
        <message>
            <source>Film</source>
            <translation>Film</translation>
        </message>
        <message>
            <source>Sensor</source>
            <translation>Capteur</translation>
        </message>
        <message>
            <source>Width of the part of the sensor that records.</source>
            <translation>Largeur de la partie enregistrée du capteur.</translation>
        </message>
        <message>
            <source>Sensor's height</source>
            <translation>Hauteur du capteur</translation>
        </message>
        <message>
            <source>Height of the part that records.</source>
            <translation>Hauteur de la partie enregistrée.</translation>
        </message>
        <message>
            <source>Frame</source>
            <translation>Image</translation>
        </message>
        <message>
            <source>px</source>
            <translation>px</translation>
        </message>
        <message>
            <source>Pixels across the frame.</source>
            <translation>Pixels en largeur de l'image.</translation>
        </message>
        <message>
            <source>Frame's height</source>
            <translation>Hauteur de l'image</translation>
        </message>
        <message>
            <source>Pixels down the frame.</source>
            <translation>Pixels en hauteur de l'image.</translation>
        </message>
        <message>
            <source>Focal length</source>
            <translation>Focale</translation>
        </message>
        <message>
            <source>The shortest; of a fixed lens, the only one.</source>
            <translation>La plus courte ; d'une focale fixe, la seule.</translation>
        </message>
        <message>
            <source>As the files name it.</source>
            <translation>Comme le nomment les fichiers.</translation>
        </message>
        <message>
            <source>May be left empty.</source>
            <translation>Peut rester vide.</translation>
        </message>
        <message>
            <source>Longest</source>
            <translation>La plus longue</translation>
        </message>
        <message>
            <source>The longest focal length of a zoom.</source>
            <translation>La plus longue focale d'un zoom.</translation>
        </message>
        <message>
            <source>Fall-off</source>
            <translation>Vignetage</translation>
        </message>
        <message>
            <source>From the middle to the corners; a flat-field frame fills it in.</source>
            <translation>Du centre aux coins ; une image uniforme le remplit.</translation>
        </message>
        <message>
            <source>f-no.</source>
            <translation>ouv.</translation>
        </message>
        <message>
            <source>The aperture of the flat-field frame.</source>
            <translation>L'ouverture de l'image uniforme.</translation>
        </message>
        <message>
            <source>Kind of light</source>
            <translation>Type de lumière</translation>
        </message>
        <message>
            <source>Profiles of one kind may stand in for each other, as the weaker choice they are.</source>
            <translation>Les profils d'un même type peuvent se remplacer, comme le choix plus faible qu'ils sont.</translation>
        </message>
        <message>
            <source>A lamp, a flash, or daylight from one side.</source>
            <translation>Une lampe, un flash ou la lumière du jour d'un côté.</translation>
        </message>
        <message>
            <source>Warm-up</source>
            <translation>Préchauffage</translation>
        </message>
        <message>
            <source>min</source>
            <translation>min</translation>
        </message>
        <message>
            <source>Until its colour is steady; 0 for none.</source>
            <translation>Jusqu'à ce que sa couleur soit stable ; 0 pour aucun.</translation>
        </message>
        <message>
            <source>Power from</source>
            <translation>Alimentation</translation>
        </message>
        <message>
            <source>Mains power calls for cautions in the preparations.</source>
            <translation>Le secteur demande des précautions dans les préparatifs.</translation>
        </message>
        <message>
            <source>Battery or none</source>
            <translation>Batterie ou aucune</translation>
        </message>
        <message>
            <source>Mains</source>
            <translation>Secteur</translation>
        </message>
        <message>
            <source>Touch</source>
            <translation>Toucher</translation>
        </message>
        <message>
            <source>Hot lamps call for cautions in the preparations.</source>
            <translation>Les lampes chaudes demandent des précautions dans les préparatifs.</translation>
        </message>
        <message>
            <source>Stays cool</source>
            <translation>Reste froide</translation>
        </message>
        <message>
            <source>Gets hot</source>
            <translation>Devient chaude</translation>
        </message>
        <message>
            <source>Chart</source>
            <translation>Mire</translation>
        </message>
        <message>
            <source>Which design this is a copy of.</source>
            <translation>De quel modèle ceci est un exemplaire.</translation>
        </message>
        <message>
            <source>Width</source>
            <translation>Largeur</translation>
        </message>
        <message>
            <source>Of the whole chart; its height follows.</source>
            <translation>De toute la mire ; sa hauteur suit.</translation>
        </message>
        <message>
            <source>What is written on this copy.</source>
            <translation>Ce qui est écrit sur cet exemplaire.</translation>
        </message>
        <message>
            <source>Made on</source>
            <translation>Fabriquée le</translation>
        </message>
        <message>
            <source>As 2026-05-14; charts fade, so their age counts.</source>
            <translation>Comme 2026-05-14 ; les mires pâlissent, leur âge compte.</translation>
        </message>
        <message>
            <source>Replace after</source>
            <translation>Remplacer après</translation>
        </message>
        <message>
            <source>months</source>
            <translation>mois</translation>
        </message>
        <message>
            <source>Of its making; common practice is two years.</source>
            <translation>Après sa fabrication ; deux ans d'usage courant.</translation>
        </message>
        <message>
            <source>Values from</source>
            <translation>Valeurs de</translation>
        </message>
        <message>
            <source>Who measured this copy, with what, when; empty: the chart file's values.</source>
            <translation>Qui a mesuré cet exemplaire, avec quoi, quand ; vide : les valeurs du fichier de la mire.</translation>
        </message>
        <message>
            <source>What it is</source>
            <translation>Ce que c'est</translation>
        </message>
        <message>
            <source>A display to judge on, or a measuring instrument.</source>
            <translation>Un écran sur lequel on juge, ou un instrument de mesure.</translation>
        </message>
        <message>
            <source>Instrument</source>
            <translation>Instrument</translation>
        </message>
        <message>
            <source>Display</source>
            <translation>Écran</translation>
        </message>
        <message>
            <source>What you call it.</source>
            <translation>Comme vous l'appelez.</translation>
        </message>
        <message>
            <source>Last checked</source>
            <translation>Dernière vérification</translation>
        </message>
        <message>
            <source>As 2026-05-14; empty: never, or not known.</source>
            <translation>Comme 2026-05-14 ; vide : jamais, ou inconnu.</translation>
        </message>
        <message>
            <source>Check every</source>
            <translation>Vérifier tous les</translation>
        </message>
        <message>
            <source>days</source>
            <translation>jours</translation>
        </message>
        <message>
            <source>A month is common practice for displays.</source>
            <translation>Un mois est courant pour les écrans.</translation>
        </message>
        <message>
            <source>Body</source>
            <translation>Boîtier</translation>
        </message>
        <message>
            <source>Whose recording this is.</source>
            <translation>De qui est cet enregistrement.</translation>
        </message>
        <message>
            <source>Any body</source>
            <translation>Tout boîtier</translation>
        </message>
        <message>
            <source>Recording</source>
            <translation>Enregistrement</translation>
        </message>
        <message>
            <source>Which of its recordings is written like that.</source>
            <translation>Lequel de ses enregistrements est écrit ainsi.</translation>
        </message>
        <message>
            <source>Stored = log slope x log(linear slope x light + linear offset) + log offset.</source>
            <translation>Stocké = pente log x log(pente linéaire x lumière + décalage linéaire) + décalage log.</translation>
        </message>
        <message>
            <source>What the camera calls it.</source>
            <translation>Comme l'appelle la caméra.</translation>
        </message>
        <message>
            <source>Of the logarithm: 2, 10 or 2.71828.</source>
            <translation>Du logarithme : 2, 10 ou 2.71828.</translation>
        </message>
        <message>
            <source>Log side</source>
            <translation>Côté log</translation>
        </message>
        <message>
            <source>Log offset</source>
            <translation>Décalage log</translation>
        </message>
        <message>
            <source>Light side</source>
            <translation>Côté lumière</translation>
        </message>
        <message>
            <source>Linear offset</source>
            <translation>Décalage linéaire</translation>
        </message>
        <message>
            <source>Straight part</source>
            <translation>Partie droite</translation>
        </message>
        <message>
            <source>Linear light under which the curve is a straight line; empty: nowhere.</source>
            <translation>Lumière linéaire sous laquelle la courbe est une droite ; vide : nulle part.</translation>
        </message>
        <message>
            <source>Its slope</source>
            <translation>Sa pente</translation>
        </message>
        <message>
            <source>Of the straight part; empty: it goes on smoothly.</source>
            <translation>De la partie droite ; vide : elle continue sans rupture.</translation>
        </message>
        <message>
            <source>Gamut</source>
            <translation>Gamut</translation>
        </message>
        <message>
            <source>Of the recording: x and y of red, green, blue and white, or a space's name such as rec2020; empty: not known. The bench shows what the data sheet makes of a chart.</source>
            <translation>De l'enregistrement : x et y du rouge, vert, bleu et blanc, ou le nom d'un espace comme rec2020 ; vide : inconnu. Le banc montre ce que la fiche technique fait d'une mire.</translation>
        </message>
        <message>
            <source>New chart after</source>
            <translation>Nouvelle mire après</translation>
        </message>
        <message>
            <source>Which changes call for a new chart shot.</source>
            <translation>Quels changements exigent une nouvelle prise de mire.</translation>
        </message>
        <message>
            <source>Charts judged as</source>
            <translation>Mires jugées comme</translation>
        </message>
        <message>
            <source>How strictly chart shots are judged; single limits are changed at their finding.</source>
            <translation>La sévérité du jugement des prises de mire ; une limite seule se change à son constat.</translation>
        </message>
        <message>
            <source>On the call sheet and in the record.</source>
            <translation>Sur la feuille de service et dans le dossier.</translation>
        </message>
        <message>
            <source>Client</source>
            <translation>Client</translation>
        </message>
        <message>
            <source>Date</source>
            <translation>Date</translation>
        </message>
        <message>
            <source>Light may move</source>
            <translation>Dérive de lumière admise</translation>
        </message>
        <message>
            <source>stops</source>
            <translation>diaph.</translation>
        </message>
        <message>
            <source>How far the level of daylight may go before a chart shot is too old.</source>
            <translation>Jusqu'où le niveau du jour peut varier avant qu'une prise de mire soit trop vieille.</translation>
        </message>
        <message>
            <source>Colour may move</source>
            <translation>Dérive de couleur admise</translation>
        </message>
        <message>
            <source>mired</source>
            <translation>mired</translation>
        </message>
        <message>
            <source>How far its colour may go before a chart shot is too old.</source>
            <translation>Jusqu'où sa couleur peut varier avant qu'une prise de mire soit trop vieille.</translation>
        </message>
        <message>
            <source>Clock</source>
            <translation>Horloge</translation>
        </message>
        <message>
            <source>h from UTC</source>
            <translation>h d'UTC</translation>
        </message>
        <message>
            <source>Summer time included: 2 for UTC+2.</source>
            <translation>Heure d'été comprise : 2 pour UTC+2.</translation>
        </message>
        <message>
            <source>Coordinates</source>
            <translation>Coordonnées</translation>
        </message>
        <message>
            <source>Degrees north and east, as 52.35, 0.27; south and west are negative. With them the sun's way is known.</source>
            <translation>Degrés nord et est, comme 52.35, 0.27 ; sud et ouest sont négatifs. Avec eux, la course du soleil est connue.</translation>
        </message>
        <message>
            <source>Coordinates are two numbers, degrees north and east, as 52.35, 0.27.</source>
            <translation>Les coordonnées sont deux nombres, degrés nord et est, comme 52.35, 0.27.</translation>
        </message>
        <message>
            <source>Degrees north</source>
            <translation>Degrés nord</translation>
        </message>
        <message>
            <source>Degrees east</source>
            <translation>Degrés est</translation>
        </message>
        <message>
            <source>A room, a window, a spot outdoors.</source>
            <translation>Une pièce, une fenêtre, un endroit dehors.</translation>
        </message>
        <message>
            <source>film, </source>
            <translation>film, </translation>
        </message>
        <message>
            <source>, mains</source>
            <translation>, secteur</translation>
        </message>
        <message>
            <source>, hot</source>
            <translation>, chaude</translation>
        </message>
        <message>
            <source>age not known</source>
            <translation>âge inconnu</translation>
        </message>
        <message>
            <source>made %1</source>
            <translation>fabriquée %1</translation>
        </message>
        <message>
            <source>never checked</source>
            <translation>jamais vérifié</translation>
        </message>
        <message>
            <source>checked %1</source>
            <translation>vérifié %1</translation>
        </message>
        <message>
            <source>, mid-grey %1 %</source>
            <translation>, gris moyen %1 %</translation>
        </message>
        <message>
            <source>no coordinates</source>
            <translation>pas de coordonnées</translation>
        </message>
        <message>
            <source>New body</source>
            <translation>Nouveau boîtier</translation>
        </message>
        <message>
            <source>New lens</source>
            <translation>Nouvel objectif</translation>
        </message>
        <message>
            <source>New %1</source>
            <translation>Nouveau : %1</translation>
        </message>
        <message>
            <source>Enter another %1</source>
            <translation>Ajouter : %1</translation>
        </message>
        <message>
            <source>Take out %1</source>
            <translation>Retirer %1</translation>
        </message>
        <message>
            <source>Checked today</source>
            <translation>Vérifié aujourd'hui</translation>
        </message>
        <message>
            <source>Log recordings</source>
            <translation>Enregistrements log</translation>
        </message>
        <message>
            <source>log recording</source>
            <translation>enregistrement log</translation>
        </message>
        <message>
            <source>New log recording</source>
            <translation>Nouvel enregistrement log</translation>
        </message>
        <message>
            <source>Begin another shoot</source>
            <translation>Commencer une autre prise de vues</translation>
        </message>
        <message>
            <source>Bodies</source>
            <translation>Boîtiers</translation>
        </message>
        <message>
            <source>body</source>
            <translation>boîtier</translation>
        </message>
        <message>
            <source>Lenses</source>
            <translation>Objectifs</translation>
        </message>
        <message>
            <source>lens</source>
            <translation>objectif</translation>
        </message>
        <message>
            <source>Lights</source>
            <translation>Lumières</translation>
        </message>
        <message>
            <source>light</source>
            <translation>lumière</translation>
        </message>
        <message>
            <source>Charts</source>
            <translation>Mires</translation>
        </message>
        <message>
            <source>chart copy</source>
            <translation>exemplaire de mire</translation>
        </message>
        <message>
            <source>Displays and instruments</source>
            <translation>Écrans et instruments</translation>
        </message>
        <message>
            <source>display or instrument</source>
            <translation>écran ou instrument</translation>
        </message>
        <message>
            <source>Places of this shoot</source>
            <translation>Lieux de cette prise de vues</translation>
        </message>
        <message>
            <source>place</source>
            <translation>lieu</translation>
        </message>
        <message>
            <source>shoot</source>
            <translation>prise de vues</translation>
        </message>
        <message>
            <source>, %1 missing</source>
            <translation>, %1 manquent</translation>
        </message>
        <message>
            <source>Refero library (*.refero-library.json)</source>
            <translation>Bibliothèque Refero (*.refero-library.json)</translation>
        </message>
        <message>
            <source>, about %1 s left</source>
            <translation>, encore %1 s environ</translation>
        </message>
        <message>
            <source>, about %1 min left</source>
            <translation>, encore %1 min environ</translation>
        </message>
        <message>
            <source>The light over the chart, told from its greys, its ground and what the colours leave: lighter is more. A line is a tenth of a stop.</source>
            <translation>La lumière sur la mire, déduite de ses gris, de son fond et de ce que laissent les couleurs : plus clair, c'est plus. Une ligne vaut un dixième de diaph.</translation>
        </message>
        <message>
            <source>%1 stops, %2 %</source>
            <translation>%1 diaph., %2 %</translation>
        </message>
        <message>
            <source>; a shadow of %1</source>
            <translation> ; une ombre de %1</translation>
        </message>
        <message>
            <source>; taken out</source>
            <translation> ; retirée</translation>
        </message>
        <message>
            <source>Histogram</source>
            <translation>Histogramme</translation>
        </message>
        <message>
            <source>Waveform</source>
            <translation>Forme d'onde</translation>
        </message>
        <message>
            <source>Parade</source>
            <translation>Parade</translation>
        </message>
        <message>
            <source>Vectorscope</source>
            <translation>Vecteurscope</translation>
        </message>
        <message>
            <source>How many pixels there are of each level, dark at the left.</source>
            <translation>Le nombre de pixels de chaque niveau, les sombres à gauche.</translation>
        </message>
        <message>
            <source>Brightness (Y') of each part of the picture, left to right as in the picture.</source>
            <translation>Luminosité (Y') de chaque partie de l'image, de gauche à droite comme dans l'image.</translation>
        </message>
        <message>
            <source>Red, green and blue beside each other: where greys stand at one height in all three, there is no cast.</source>
            <translation>Rouge, vert et bleu côte à côte : où les gris sont à même hauteur dans les trois, il n'y a pas de dominante.</translation>
        </message>
        <message>
            <source>Hue by direction, saturation by distance: greys sit in the middle, a patch of the chart in its box, skin of every depth along the line.</source>
            <translation>La teinte par la direction, la saturation par la distance : les gris au centre, une plage dans sa case, la peau de toute nuance le long de la ligne.</translation>
        </message>
        <message>
            <source>Watch the folder that the camera shoots into. Every chart shot is judged at once, so that mistakes are mended while the light still stands.</source>
            <translation>Surveillez le dossier où la caméra enregistre. Chaque prise de mire est jugée aussitôt, pour corriger les erreurs tant que la lumière est en place.</translation>
        </message>
        <message>
            <source>%1 is a frame like others.</source>
            <translation>%1 est une image comme les autres.</translation>
        </message>
        <message>
            <source>Shown for this display by the system's profile, %1.</source>
            <translation>Affiché pour cet écran selon le profil du système, %1.</translation>
        </message>
        <message>
            <source>Shown for this display by the profile that you chose, %1.</source>
            <translation>Affiché pour cet écran selon le profil que vous avez choisi, %1.</translation>
        </message>
        <message>
            <source>top left</source>
            <translation>en haut à gauche</translation>
        </message>
        <message>
            <source>top right</source>
            <translation>en haut à droite</translation>
        </message>
        <message>
            <source>bottom right</source>
            <translation>en bas à droite</translation>
        </message>
        <message>
            <source>bottom left</source>
            <translation>en bas à gauche</translation>
        </message>
        <message>
            <source>Move %1</source>
            <translation>Déplacer %1</translation>
        </message>
        <message>
            <source>Leave out %1</source>
            <translation>Exclure %1</translation>
        </message>
        <message>
            <source>Count %1 again</source>
            <translation>Compter %1 de nouveau</translation>
        </message>
        <message>
            <source>Put %1 back</source>
            <translation>Remettre %1</translation>
        </message>
        <message>
            <source>Nudge %1</source>
            <translation>Décaler %1</translation>
        </message>
        <message>
            <source>linear %1 %2 %3   %4 %5 %6 %   8 bit %7 %8 %9</source>
            <translation>linéaire %1 %2 %3   %4 %5 %6 %   8 bits %7 %8 %9</translation>
        </message>
        <message>
            <source>   %1%2 stops from mid-grey   L*a*b* %3 %4 %5</source>
            <translation>   %1%2 diaph. du gris moyen   L*a*b* %3 %4 %5</translation>
        </message>
        <message>
            <source>Frames of the subject; chart frames do not count.</source>
            <translation>Images du sujet ; les images de mire ne comptent pas.</translation>
        </message>
        <message>
            <source>A correction built under the same conditions.</source>
            <translation>Une correction construite dans les mêmes conditions.</translation>
        </message>
        <message>
            <source>Only the same body and kind of light.</source>
            <translation>Seulement le même boîtier et le même type de lumière.</translation>
        </message>
        <message>
            <source>No correction of this body under this kind of light.</source>
            <translation>Aucune correction de ce boîtier sous ce type de lumière.</translation>
        </message>
        <message>
            <source>Solid: valid; hatched: weaker; outline: none.</source>
            <translation>Plein : valide ; hachuré : plus faible ; contour : aucune.</translation>
        </message>
        <message>
            <source>Setup</source>
            <translation>Configuration</translation>
        </message>
        <message>
            <source>Valid</source>
            <translation>Valide</translation>
        </message>
        <message>
            <source>Weaker</source>
            <translation>Plus faible</translation>
        </message>
        <message>
            <source>None</source>
            <translation>Aucune</translation>
        </message>
        <message>
            <source>Why</source>
            <translation>Pourquoi</translation>
        </message>
        <message>
            <source>%1 frames: %2 with a valid correction, %3 with a weaker one, %4 with none</source>
            <translation>%1 images : %2 avec une correction valide, %3 avec une plus faible, %4 sans</translation>
        </message>
        <message>
            <source>%1 to %2</source>
            <translation>%1 à %2</translation>
        </message>
        <message>
            <source>Time</source>
            <translation>Heure</translation>
        </message>
        <message>
            <source>Enter the setups in shooting order: body, lens, light, place. Refero says which need a chart shot of their own, which copy of the chart suits the framing, and how long daylight holds.</source>
            <translation>Saisissez les configurations dans l'ordre de tournage : boîtier, objectif, lumière, lieu. Refero dit lesquelles exigent leur propre prise de mire, quel exemplaire convient au cadrage et combien de temps tient la lumière du jour.</translation>
        </message>
        <message>
            <source>%1, time: %2 to %3</source>
            <translation>%1, heure : %2 à %3</translation>
        </message>
        <message>
            <source>%1 at %2
Sun %3° high, azimuth %4°</source>
            <translation>%1 à %2
Soleil à %3° de hauteur, azimut %4°</translation>
        </message>
        <message>
            <source>
%1, clear sky: %2 mired (%3 K)</source>
            <translation>
%1, ciel clair : %2 mired (%3 K)</translation>
        </message>
        <message>
            <source>Day</source>
            <translation>Jour</translation>
        </message>
        <message>
            <source>Prepare</source>
            <translation>Préparer</translation>
        </message>
        <message>
            <source>Coverage</source>
            <translation>Couverture</translation>
        </message>
        <message>
            <source>Kit</source>
            <translation>Matériel</translation>
        </message>
        <message>
            <source>Library</source>
            <translation>Bibliothèque</translation>
        </message>
        <message>
            <source>Enter a setup</source>
            <translation>Saisir une configuration</translation>
        </message>
        <message>
            <source>Duplicate the setup</source>
            <translation>Dupliquer la configuration</translation>
        </message>
        <message>
            <source>Move the setup up</source>
            <translation>Monter la configuration</translation>
        </message>
        <message>
            <source>Move the setup down</source>
            <translation>Descendre la configuration</translation>
        </message>
        <message>
            <source>%1 of %2 seen to</source>
            <translation>%1 sur %2 faits</translation>
        </message>
        <message>
            <source>%1: its chart was shot like this</source>
            <translation>%1 : sa mire a été prise ainsi</translation>
        </message>
        <message>
            <source>The setup needs a name.</source>
            <translation>La configuration a besoin d'un nom.</translation>
        </message>
        <message>
            <source>Not stated</source>
            <translation>Non indiqué</translation>
        </message>
        <message>
            <source>What the camera writes.</source>
            <translation>Ce qu'écrit la caméra.</translation>
        </message>
        <message>
            <source>Profile</source>
            <translation>Profil</translation>
        </message>
        <message>
            <source>The recording profile, as the camera calls it.</source>
            <translation>Le profil d'enregistrement, comme l'appelle la caméra.</translation>
        </message>
        <message>
            <source>More than normal, as planned; below 0 less. A test of the profile says how far it may go.</source>
            <translation>Plus que la normale, comme prévu ; sous 0, moins. Un test du profil dit jusqu'où aller.</translation>
        </message>
        <message>
            <source>Power, with</source>
            <translation>Puissance, avec</translation>
        </message>
        <message>
            <source>Of the lamp's full power.</source>
            <translation>De la pleine puissance de la lampe.</translation>
        </message>
        <message>
            <source>Power</source>
            <translation>Puissance</translation>
        </message>
        <message>
            <source>Modifier</source>
            <translation>Modeleur</translation>
        </message>
        <message>
            <source>Softbox, grid, diffusion; empty: bare.</source>
            <translation>Boîte à lumière, grille, diffusion ; vide : nue.</translation>
        </message>
        <message>
            <source>bare</source>
            <translation>nu</translation>
        </message>
        <message>
            <source>Field</source>
            <translation>Champ</translation>
        </message>
        <message>
            <source>Width of what the frame shows, in the plane of the subject.</source>
            <translation>Largeur de ce que montre l'image, dans le plan du sujet.</translation>
        </message>
        <message>
            <source>Enter another...</source>
            <translation>Saisir un autre...</translation>
        </message>
        <message>
            <source>Short; it is on the slate and in the names of files.</source>
            <translation>Court ; il figure sur le clap et dans les noms de fichiers.</translation>
        </message>
        <message>
            <source>Where it is shot.</source>
            <translation>Où l'on tourne.</translation>
        </message>
        <message>
            <source>From, to</source>
            <translation>De, à</translation>
        </message>
        <message>
            <source>On the place's clock, as 9:30.</source>
            <translation>À l'heure du lieu, comme 9:30.</translation>
        </message>
        <message>
            <source>On the place's clock, as 11:00.</source>
            <translation>À l'heure du lieu, comme 11:00.</translation>
        </message>
        <message>
            <source>The camera; two of a model are two bodies.</source>
            <translation>L'appareil ; deux d'un modèle sont deux boîtiers.</translation>
        </message>
        <message>
            <source>Lens</source>
            <translation>Objectif</translation>
        </message>
        <message>
            <source>Lenses tint and darken differently.</source>
            <translation>Les objectifs teintent et assombrissent différemment.</translation>
        </message>
        <message>
            <source>Of a zoom; empty: its shortest.</source>
            <translation>D'un zoom ; vide : sa plus courte.</translation>
        </message>
        <message>
            <source>The lamp, flash or daylight that colours the subject.</source>
            <translation>La lampe, le flash ou le jour qui colore le sujet.</translation>
        </message>
        <message>
            <source>The copy to be shot.</source>
            <translation>L'exemplaire à photographier.</translation>
        </message>
        <message>
            <source>Distance, field</source>
            <translation>Distance, champ</translation>
        </message>
        <message>
            <source>From the sensor to the subject.</source>
            <translation>Du capteur au sujet.</translation>
        </message>
        <message>
            <source>Note</source>
            <translation>Note</translation>
        </message>
        <message>
            <source>For whoever reads this later.</source>
            <translation>Pour qui lira ceci plus tard.</translation>
        </message>
        <message>
            <source>CIEDE2000. The bars hold the truth in 95 of 100 cases, allowing for the reading's noise and for how far this copy of the chart may be from its definition. Where bars overlap, one figure is not surely better than the other.</source>
            <translation>CIEDE2000. Les barres contiennent la vérité dans 95 cas sur 100, compte tenu du bruit de la lecture et de l'écart possible de cet exemplaire à sa définition. Là où des barres se recouvrent, un chiffre n'est pas sûrement meilleur que l'autre.</translation>
        </message>
        <message>
            <source>Median</source>
            <translation>Médiane</translation>
        </message>
        <message>
            <source>Largest</source>
            <translation>Maximum</translation>
        </message>
        <message>
            <source>%1: before %2, after %3, unseen %4</source>
            <translation>%1 : avant %2, après %3, non vu %4</translation>
        </message>
        <message>
            <source>balance alone</source>
            <translation>balance seule</translation>
        </message>
        <message>
            <source>unseen</source>
            <translation>non vu</translation>
        </message>
        <message>
            <source>Each grey step after one balance for all: where red, green and blue part, that level has a cast; where they rise or fall together, the light is uneven or the tone is bent.</source>
            <translation>Chaque gris après une seule balance : où rouge, vert et bleu se séparent, ce niveau a une dominante ; où ils montent ou baissent ensemble, la lumière est inégale ou le ton courbé.</translation>
        </message>
        <message>
            <source>L* of the step</source>
            <translation>L* du gris</translation>
        </message>
        <message>
            <source>Encoding</source>
            <translation>Encodage</translation>
        </message>
        <message>
            <source>Show</source>
            <translation>Montrer</translation>
        </message>
        <message>
            <source>Take uneven light or a flat field out of the patches, or average the setup's chart frames.</source>
            <translation>Retire des plages la lumière inégale ou une image uniforme, ou fait la moyenne des images de mire de la configuration.</translation>
        </message>
        <message>
            <source>not at all</source>
            <translation>pas du tout</translation>
        </message>
        <message>
            <source>within %1 stops</source>
            <translation>à %1 diaph. près</translation>
        </message>
        <message>
            <source>Build correction for %1</source>
            <translation>Construire la correction de %1</translation>
        </message>
        <message>
            <source>Lend a correction to %1</source>
            <translation>Prêter une correction à %1</translation>
        </message>
        <message>
            <source>Keep %1</source>
            <translation>Garder %1</translation>
        </message>
        <message>
            <source>Name the snapshot %1</source>
            <translation>Nommer l'instantané %1</translation>
        </message>
        <message>
            <source>Take out the snapshot %1</source>
            <translation>Retirer l'instantané %1</translation>
        </message>
        <message>
            <source>Go back to %1</source>
            <translation>Revenir à %1</translation>
        </message>
        <message>
            <source>Add the known colour %1</source>
            <translation>Ajouter la couleur connue %1</translation>
        </message>
        <message>
            <source>Count %1</source>
            <translation>Compter %1</translation>
        </message>
        <message>
            <source>Check only %1</source>
            <translation>Seulement vérifier %1</translation>
        </message>
        <message>
            <source>Take out the known colour %1</source>
            <translation>Retirer la couleur connue %1</translation>
        </message>
        <message>
            <source>Add picture %1</source>
            <translation>Ajouter l'image %1</translation>
        </message>
        <message>
            <source>Added to this setup by hand.</source>
            <translation>Ajoutée à la main à cette configuration.</translation>
        </message>
        <message>
            <source>Frames of %1</source>
            <translation>Images de %1</translation>
        </message>
        <message>
            <source>Report with its frames</source>
            <translation>Rapport avec ses images</translation>
        </message>
        <message>
            <source>Frame %1 came in</source>
            <translation>Image %1 arrivée</translation>
        </message>
        <message>
            <source>It came in for this setup.</source>
            <translation>Arrivée pour cette configuration.</translation>
        </message>
        <message>
            <source>no setup</source>
            <translation>sans configuration</translation>
        </message>
        <message>
            <source>Match %1 to %2</source>
            <translation>Accorder %1 à %2</translation>
        </message>
        <message>
            <source>the leader</source>
            <translation>la caméra directrice</translation>
        </message>
        <message>
            <source>Match all cameras of the scene</source>
            <translation>Accorder toutes les caméras de la scène</translation>
        </message>
        <message>
            <source>Allow this value of %1</source>
            <translation>Accepter cette valeur de %1</translation>
        </message>
        <message>
            <source>Back to the set's limit of %1</source>
            <translation>Revenir à la limite du jeu pour %1</translation>
        </message>
        <message>
            <source>Chart frame of %1: %2</source>
            <translation>Image de mire de %1 : %2</translation>
        </message>
        <message>
            <source>Opened as its chart frame.</source>
            <translation>Ouverte comme son image de mire.</translation>
        </message>
        <message>
            <source>Read the frame of %1</source>
            <translation>Lire l'image de %1</translation>
        </message>
        <message>
            <source>Take out the flat field %1</source>
            <translation>Retirer l'image uniforme %1</translation>
        </message>
        <message>
            <source>Nothing is grey in %1</source>
            <translation>Rien n'est gris dans %1</translation>
        </message>
        <message>
            <source>Mark a grey in %1</source>
            <translation>Marquer un gris dans %1</translation>
        </message>
        <message>
            <source>Learn the chart %1</source>
            <translation>Apprendre la mire %1</translation>
        </message>
        <message>
            <source>State encoding %1</source>
            <translation>Indiquer l'encodage %1</translation>
        </message>
        <message>
            <source>Name setup %1</source>
            <translation>Nommer la configuration %1</translation>
        </message>
        <message>
            <source>Reading the frame</source>
            <translation>Lecture de l'image</translation>
        </message>
        <message>
            <source>Chart not found</source>
            <translation>Mire introuvable</translation>
        </message>
        <message>
            <source>Served by %1</source>
            <translation>Servie par %1</translation>
        </message>
        <message>
            <source>Chart to be shot</source>
            <translation>Mire à photographier</translation>
        </message>
        <message>
            <source>Chart shot missing</source>
            <translation>Prise de mire manquante</translation>
        </message>
        <message>
            <source>Shoot the chart again</source>
            <translation>Reprendre la mire</translation>
        </message>
        <message>
            <source>Read, not corrected</source>
            <translation>Lue, non corrigée</translation>
        </message>
        <message>
            <source>Not handed over</source>
            <translation>Non livrée</translation>
        </message>
        <message>
            <source>Changed since it went out</source>
            <translation>Modifiée depuis sa livraison</translation>
        </message>
        <message>
            <source>Done</source>
            <translation>Terminé</translation>
        </message>
        <message>
            <source>Chart frame</source>
            <translation>Image de mire</translation>
        </message>
        <message>
            <source> A new one was begun: %1.</source>
            <translation> Un nouveau a été commencé : %1.</translation>
        </message>
        <message>
            <source>Refero studios (*.refero)</source>
            <translation>Studios Refero (*.refero)</translation>
        </message>
        <message>
            <source>Refero studio as JSON (*.json)</source>
            <translation>Studio Refero en JSON (*.json)</translation>
        </message>
        <message>
            <source>Open a studio</source>
            <translation>Ouvrir un studio</translation>
        </message>
        <message>
            <source>Begin a new studio</source>
            <translation>Commencer un nouveau studio</translation>
        </message>
        <message>
            <source>Save a copy</source>
            <translation>Enregistrer une copie</translation>
        </message>
        <message>
            <source>Call sheet and slates as PDF</source>
            <translation>Feuille de service et claps en PDF</translation>
        </message>
        <message>
            <source>Export all as JSON</source>
            <translation>Tout exporter en JSON</translation>
        </message>
        <message>
            <source>Make a studio of exported JSON</source>
            <translation>Faire un studio d'un JSON exporté</translation>
        </message>
        <message>
            <source>Look at the demo</source>
            <translation>Voir la démo</translation>
        </message>
        <message>
            <source>chart, surfaces</source>
            <translation>mire, surfaces</translation>
        </message>
        <message>
            <source>chart, mean</source>
            <translation>mire, moyenne</translation>
        </message>
        <message>
            <source>chart, squares</source>
            <translation>mire, carrés</translation>
        </message>
        <message>
            <source>, taken</source>
            <translation>, retenu</translation>
        </message>
        <message>
            <source>Fitted to</source>
            <translation>Ajusté à</translation>
        </message>
        <message>
            <source>Trials</source>
            <translation>Essais</translation>
        </message>
        <message>
            <source>Noise</source>
            <translation>Bruit</translation>
        </message>
        <message>
            <source>In bold: the one that was taken.</source>
            <translation>En gras : celui retenu.</translation>
        </message>
        <message>
            <source>Squares or the mean of the differences on the chart; or the chart and 1,500 made-up surfaces.</source>
            <translation>Carrés ou moyenne des écarts sur la mire ; ou la mire et 1 500 surfaces imaginées.</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 of patches that the fit did not see, over many ways of leaving some out.</source>
            <translation>CIEDE2000 moyen de plages que l'ajustement n'a pas vues, sur de nombreuses façons d'en exclure.</translation>
        </message>
        <message>
            <source>How many times balance alone's noise in colour.</source>
            <translation>Combien de fois le bruit de couleur de la balance seule.</translation>
        </message>
        <message>
            <source>  clipped</source>
            <translation>  écrêtée</translation>
        </message>
        <message>
            <source>Ref | now</source>
            <translation>Réf. | maintenant</translation>
        </message>
        <message>
            <source>Patch</source>
            <translation>Plage</translation>
        </message>
        <message>
            <source>Before</source>
            <translation>Avant</translation>
        </message>
        <message>
            <source>After</source>
            <translation>Après</translation>
        </message>
        <message>
            <source>Left: the reference colour. Right: the corrected reading.</source>
            <translation>À gauche : la couleur de référence. À droite : la lecture corrigée.</translation>
        </message>
        <message>
            <source>Place on the chart.</source>
            <translation>Place sur la mire.</translation>
        </message>
        <message>
            <source>CIEDE2000 with balance alone.</source>
            <translation>CIEDE2000 avec la balance seule.</translation>
        </message>
        <message>
            <source>CIEDE2000 with this correction.</source>
            <translation>CIEDE2000 avec cette correction.</translation>
        </message>
        <message>
            <source>CIEDE2000 of this patch when the fit did not see it: what to expect of a colour that is not on the chart.</source>
            <translation>CIEDE2000 de cette plage quand l'ajustement ne l'a pas vue : ce qu'on peut attendre d'une couleur absente de la mire.</translation>
        </message>
        <message>
            <source>How often it counts in the fit. Right click, or + and −, to favour this job's colours.</source>
            <translation>Combien elle compte dans l'ajustement. Clic droit, ou + et −, pour favoriser les couleurs de ce travail.</translation>
        </message>
        <message>
            <source>  left out</source>
            <translation>  exclue</translation>
        </message>
        <message>
            <source>Ref | read</source>
            <translation>Réf. | lue</translation>
        </message>
        <message>
            <source>Noise %</source>
            <translation>Bruit %</translation>
        </message>
        <message>
            <source>Clip %</source>
            <translation>Écrêté %</translation>
        </message>
        <message>
            <source>Left: the reference colour. Right: the reading, balanced on the greys.</source>
            <translation>À gauche : la couleur de référence. À droite : la lecture, équilibrée sur les gris.</translation>
        </message>
        <message>
            <source>Place on the chart and name.</source>
            <translation>Place sur la mire et nom.</translation>
        </message>
        <message>
            <source>Linear red, in per cent of the clipping level, before any balance.</source>
            <translation>Rouge linéaire, en pour cent du niveau d'écrêtage, avant toute balance.</translation>
        </message>
        <message>
            <source>Linear green, in per cent of the clipping level, before any balance.</source>
            <translation>Vert linéaire, en pour cent du niveau d'écrêtage, avant toute balance.</translation>
        </message>
        <message>
            <source>Linear blue, in per cent of the clipping level, before any balance.</source>
            <translation>Bleu linéaire, en pour cent du niveau d'écrêtage, avant toute balance.</translation>
        </message>
        <message>
            <source>Standard deviation of one pixel in the noisiest channel, in per cent of its value.</source>
            <translation>Écart type d'un pixel dans le canal le plus bruité, en pour cent de sa valeur.</translation>
        </message>
        <message>
            <source>Share of the pixels in which a channel is clipped.</source>
            <translation>Part des pixels dont un canal est écrêté.</translation>
        </message>
        <message>
            <source>Plan</source>
            <translation>Plan</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Lecture</translation>
        </message>
        <message>
            <source>Correction</source>
            <translation>Correction</translation>
        </message>
        <message>
            <source>Pairing</source>
            <translation>Accord</translation>
        </message>
        <message>
            <source>Handover</source>
            <translation>Livraison</translation>
        </message>
        <message>
            <source>Test</source>
            <translation>Test</translation>
        </message>
        <message>
            <source>   (now)</source>
            <translation>   (maintenant)</translation>
        </message>
        <message>
            <source>An assessment needs a reading.</source>
            <translation>Une évaluation demande une lecture.</translation>
        </message>
        <message>
            <source>%1 shows %2, %3 shows %4. Assess on one chart at a time.</source>
            <translation>%1 montre %2, %3 montre %4. Évaluez sur une mire à la fois.</translation>
        </message>
        <message>
            <source>No patch of %1 can be used: all are clipped or left out.</source>
            <translation>Aucune plage de %1 n'est utilisable : toutes sont écrêtées ou exclues.</translation>
        </message>
        <message>
            <source>What %1 gives is %2. To be another camera's aim it must be a picture for sRGB or BT.1886.</source>
            <translation>Ce que donne %1 est %2. Pour être le but d'une autre caméra, ce doit être une image pour sRGB ou BT.1886.</translation>
        </message>
        <message>
            <source>the diagonal of its grid</source>
            <translation>la diagonale de sa grille</translation>
        </message>
        <message>
            <source>The curve %1 does not say where white belongs, so its recording has no colours of its own. A log curve by constants does.</source>
            <translation>La courbe %1 ne dit pas où va le blanc ; son enregistrement n'a donc pas de couleurs propres. Une courbe log par constantes le dit.</translation>
        </message>
        <message>
            <source>By its data sheet</source>
            <translation>Selon sa fiche technique</translation>
        </message>
        <message>
            <source>Its own curve and gamut</source>
            <translation>Sa propre courbe et son gamut</translation>
        </message>
        <message>
            <source>The correction has no patch called "%1" to set a level by.</source>
            <translation>La correction n'a pas de plage « %1 » pour régler un niveau.</translation>
        </message>
        <message>
            <source>Patch %1 is a colour; levels are set by greys.</source>
            <translation>La plage %1 est une couleur ; les niveaux se règlent sur les gris.</translation>
        </message>
        <message>
            <source>Patch %1 was clipped or left out, so no level can be set by it.</source>
            <translation>La plage %1 était écrêtée ou exclue ; aucun niveau ne peut se régler sur elle.</translation>
        </message>
        <message>
            <source>The picture shows %1 patches, the data have %2 colours. Are they of this chart, and is all of it in the picture?</source>
            <translation>L'image montre %1 plages, les données ont %2 couleurs. Sont-elles de cette mire, et est-elle toute dans l'image ?</translation>
        </message>
        <message>
            <source>The colours of the data do not agree with those in the picture in any order. Are they of this chart?</source>
            <translation>Les couleurs des données ne concordent dans aucun ordre avec celles de l'image. Sont-elles de cette mire ?</translation>
        </message>
        <message>
            <source>Two orders of the data's colours agree with the picture alike, so it cannot be told which way the chart lies. Shoot it evenly lit and in focus, or enter its rows and columns by hand.</source>
            <translation>Deux ordres des données concordent aussi bien avec l'image ; impossible de dire comment la mire est posée. Prenez-la nette et également éclairée, ou saisissez ses lignes et colonnes.</translation>
        </message>
        <message>
            <source>neutral</source>
            <translation>neutre</translation>
        </message>
        <message>
            <source>skin</source>
            <translation>peau</translation>
        </message>
        <message>
            <source>foliage</source>
            <translation>feuillage</translation>
        </message>
        <message>
            <source>sky</source>
            <translation>ciel</translation>
        </message>
        <message>
            <source>primary</source>
            <translation>primaire</translation>
        </message>
        <message>
            <source>secondary</source>
            <translation>secondaire</translation>
        </message>
        <message>
            <source>warm</source>
            <translation>chaud</translation>
        </message>
        <message>
            <source>cool</source>
            <translation>froid</translation>
        </message>
        <message>
            <source>other</source>
            <translation>autre</translation>
        </message>
        <message>
            <source>Patch %1 of chart %2</source>
            <translation>La plage %1 de la mire %2</translation>
        </message>
        <message>
            <source>%1: lab_d50 must be three finite numbers with L* from 0 to 120.</source>
            <translation>%1 : lab_d50 doit être trois nombres finis avec L* de 0 à 120.</translation>
        </message>
        <message>
            <source>%1: size_mm must be above 0.</source>
            <translation>%1 : size_mm doit être supérieur à 0.</translation>
        </message>
        <message>
            <source>%1: lies outside outline_mm.</source>
            <translation>%1 : est hors de outline_mm.</translation>
        </message>
        <message>
            <source>%1: reflectance needs start_nm, step_nm above 0 and at least two values.</source>
            <translation>%1 : reflectance demande start_nm, step_nm supérieur à 0 et deux valeurs au moins.</translation>
        </message>
        <message>
            <source>%1: a reflectance value is outside 0 to 3.</source>
            <translation>%1 : une réflectance est hors de 0 à 3.</translation>
        </message>
        <message>
            <source>"%1" is not a role; known are neutral, skin, foliage, sky, primary, secondary, warm, cool and other.</source>
            <translation>« %1 » n'est pas un rôle ; connus : neutral, skin, foliage, sky, primary, secondary, warm, cool et other.</translation>
        </message>
        <message>
            <source>Chart %1 has no patches.</source>
            <translation>La mire %1 n'a pas de plages.</translation>
        </message>
        <message>
            <source>Chart %1 has more than 5000 patches.</source>
            <translation>La mire %1 a plus de 5000 plages.</translation>
        </message>
        <message>
            <source>Chart %1: outline_mm must be two numbers above 0.</source>
            <translation>Mire %1 : outline_mm doit être deux nombres supérieurs à 0.</translation>
        </message>
        <message>
            <source>Chart %1: surround_lab_d50 is not finite.</source>
            <translation>Mire %1 : surround_lab_d50 n'est pas fini.</translation>
        </message>
        <message>
            <source>Chart %1: a patch has no id.</source>
            <translation>Mire %1 : une plage n'a pas d'id.</translation>
        </message>
        <message>
            <source>Chart %1: patch id %2 occurs twice.</source>
            <translation>Mire %1 : l'id de plage %2 apparaît deux fois.</translation>
        </message>
        <message>
            <source>Chart %1: patches %2 and %3 overlap.</source>
            <translation>Mire %1 : les plages %2 et %3 se recouvrent.</translation>
        </message>
        <message>
            <source> Measured under %1 (ISO 13655).</source>
            <translation> Mesuré sous %1 (ISO 13655).</translation>
        </message>
        <message>
            <source> The file does not say the measurement condition (M0, M1, M2 of ISO 13655).</source>
            <translation> Le fichier ne dit pas la condition de mesure (M0, M1, M2 d'ISO 13655).</translation>
        </message>
        <message>
            <source>There are no colours in it.</source>
            <translation>Il ne contient pas de couleurs.</translation>
        </message>
        <message>
            <source>It has %1 colours; 10000 are the most.</source>
            <translation>Il a %1 couleurs ; 10000 au plus.</translation>
        </message>
        <message>
            <source>Its spectra start at %1 nm in steps of %2 nm, which no instrument measures.</source>
            <translation>Ses spectres commencent à %1 nm par pas de %2 nm, ce qu'aucun instrument ne mesure.</translation>
        </message>
        <message>
            <source>Two colours have the id "%1".</source>
            <translation>Deux couleurs ont l'id « %1 ».</translation>
        </message>
        <message>
            <source>The colour "%1" has values that are out of range.</source>
            <translation>La couleur « %1 » a des valeurs hors limites.</translation>
        </message>
        <message>
            <source>L*a*b* computed from the spectra for D50 and the 2 degree observer.%1</source>
            <translation>L*a*b* calculé des spectres pour D50 et l'observateur 2 degrés.%1</translation>
        </message>
        <message>
            <source> Above 1, so fluorescent: %1; what they look like depends on the ultraviolet in the light, and they count a quarter in a fit.</source>
            <translation> Au-dessus de 1, donc fluorescentes : %1 ; leur aspect dépend de l'ultraviolet de la lumière, et elles comptent un quart dans l'ajustement.</translation>
        </message>
        <message>
            <source>Its values are for the illuminant "%1", which is not known here. Give spectra, or values for D50.</source>
            <translation>Ses valeurs sont pour l'illuminant « %1 », inconnu ici. Donnez des spectres, ou des valeurs pour D50.</translation>
        </message>
        <message>
            <source>%1 for D50, taken as they are.</source>
            <translation>%1 pour D50, pris tels quels.</translation>
        </message>
        <message>
            <source>%1 for %2, brought to D50 with CAT16.</source>
            <translation>%1 pour %2, ramenés à D50 par CAT16.</translation>
        </message>
        <message>
            <source> The file does not say the illuminant; D50 is assumed.</source>
            <translation> Le fichier ne dit pas l'illuminant ; D50 est supposé.</translation>
        </message>
        <message>
            <source> They are of the 10 degree observer and are used as they are: without spectra there is no way to the 2 degree observer.</source>
            <translation> Elles sont de l'observateur 10 degrés et utilisées telles quelles : sans spectres, pas de passage à l'observateur 2 degrés.</translation>
        </message>
        <message>
            <source> The file does not say the observer; 2 degrees is assumed.</source>
            <translation> Le fichier ne dit pas l'observateur ; 2 degrés sont supposés.</translation>
        </message>
        <message>
            <source>A grid has 1 to 200 rows and columns.</source>
            <translation>Une grille a de 1 à 200 lignes et colonnes.</translation>
        </message>
        <message>
            <source>Patches need a width and a height above 0, gaps and margin of 0 or more.</source>
            <translation>Les plages demandent largeur et hauteur supérieures à 0, écarts et marge d'au moins 0.</translation>
        </message>
        <message>
            <source>%1 colours do not fit into %2 rows of %3.</source>
            <translation>%1 couleurs ne tiennent pas dans %2 lignes de %3.</translation>
        </message>
        <message>
            <source>%1 has %2 patches, the data %3 colours.</source>
            <translation>%1 a %2 plages, les données %3 couleurs.</translation>
        </message>
        <message>
            <source>Measured on this copy. %1</source>
            <translation>Mesuré sur cet exemplaire. %1</translation>
        </message>
        <message>
            <source>A lattice has 2 to %1 points a side, not %2.</source>
            <translation>Un treillis a de 2 à %1 points par côté, pas %2.</translation>
        </message>
        <message>
            <source>The lattice does not hold as many numbers as its size says.</source>
            <translation>Le treillis ne contient pas autant de nombres que dit sa taille.</translation>
        </message>
        <message>
            <source>The lattice holds what is no number.</source>
            <translation>Le treillis contient ce qui n'est pas un nombre.</translation>
        </message>
        <message>
            <source>The lattice does not keep greys grey.</source>
            <translation>Le treillis ne garde pas les gris gris.</translation>
        </message>
        <message>
            <source>There is no encoding called "%1". Known are %2.</source>
            <translation>Il n'y a pas d'encodage « %1 ». Connus : %2.</translation>
        </message>
        <message>
            <source>base</source>
            <translation>Base</translation>
        </message>
        <message>
            <source>log slope</source>
            <translation>Pente log</translation>
        </message>
        <message>
            <source>log offset</source>
            <translation>Décalage log</translation>
        </message>
        <message>
            <source>linear slope</source>
            <translation>Pente linéaire</translation>
        </message>
        <message>
            <source>linear offset</source>
            <translation>Décalage linéaire</translation>
        </message>
        <message>
            <source>linear break</source>
            <translation>Rupture linéaire</translation>
        </message>
        <message>
            <source>slope of the straight part</source>
            <translation>Pente de la partie droite</translation>
        </message>
        <message>
            <source>The %1 is %2; it can be %3 to %4.</source>
            <translation>%1 : %2 ; possible de %3 à %4.</translation>
        </message>
        <message>
            <source>At the linear break there is no logarithm: linear slope times break plus linear offset must be above 0.</source>
            <translation>Au point de rupture il n'y a pas de logarithme : pente linéaire fois rupture plus décalage linéaire doit dépasser 0.</translation>
        </message>
        <message>
            <source>The stored number 1 would be %g times white; above 0.18 and up to 1,000,000 is possible. Is the log slope right?</source>
            <translation>Le nombre enregistré 1 vaudrait %g fois le blanc ; possible au-dessus de 0,18 et jusqu'à 1 000 000. La pente log est-elle juste ?</translation>
        </message>
        <message>
            <source>Mid-grey would be stored as %.3f; between 0.02 and 0.98 is possible.</source>
            <translation>Le gris moyen serait enregistré à %.3f ; possible entre 0,02 et 0,98.</translation>
        </message>
        <message>
            <source>The look's primaries have no inverse.</source>
            <translation>Les primaires du look n'ont pas d'inverse.</translation>
        </message>
        <message>
            <source>The look's primaries do not make D50's white of equal parts.</source>
            <translation>Les primaires du look ne font pas le blanc D50 à parts égales.</translation>
        </message>
        <message>
            <source>The look's curves must rise everywhere.</source>
            <translation>Les courbes du look doivent monter partout.</translation>
        </message>
        <message>
            <source>A gamut is x and y of red, green, blue and white: eight numbers, or the name of a space such as rec2020.</source>
            <translation>Un gamut est x et y du rouge, vert, bleu et blanc : huit nombres, ou le nom d'un espace comme rec2020.</translation>
        </message>
        <message>
            <source>A gamut is x and y of red, green, blue and white: eight numbers, not %1.</source>
            <translation>Un gamut est x et y du rouge, vert, bleu et blanc : huit nombres, pas %1.</translation>
        </message>
        <message>
            <source>A gamut's chromaticities must be -0.5 to 1.5.</source>
            <translation>Les chromaticités d'un gamut doivent être de -0,5 à 1,5.</translation>
        </message>
        <message>
            <source>The gamut's red, green and blue lie on one line.</source>
            <translation>Le rouge, le vert et le bleu du gamut sont alignés.</translation>
        </message>
        <message>
            <source>The gamut's white must lie between red, green and blue.</source>
            <translation>Le blanc du gamut doit être entre rouge, vert et bleu.</translation>
        </message>
        <message>
            <source>scene light</source>
            <translation>lumière de scène</translation>
        </message>
        <message>
            <source>scene light, for working in</source>
            <translation>lumière de scène, pour travailler</translation>
        </message>
        <message>
            <source>CIE XYZ, D50</source>
            <translation>CIE XYZ, D50</translation>
        </message>
        <message>
            <source>Linear sRGB</source>
            <translation>sRGB linéaire</translation>
        </message>
        <message>
            <source>display, sRGB at 80 cd/m2 in an office; full range</source>
            <translation>écran, sRGB à 80 cd/m2 dans un bureau ; plage complète</translation>
        </message>
        <message>
            <source>BT.709, camera</source>
            <translation>BT.709, caméra</translation>
        </message>
        <message>
            <source>scene light through BT.709's camera curve; a BT.1886 display shows it darker</source>
            <translation>lumière de scène par la courbe caméra BT.709 ; un écran BT.1886 la montre plus sombre</translation>
        </message>
        <message>
            <source>display, P3 with sRGB's curve; full range</source>
            <translation>écran, P3 avec la courbe de sRGB ; plage complète</translation>
        </message>
        <message>
            <source>BT.2020, camera</source>
            <translation>BT.2020, caméra</translation>
        </message>
        <message>
            <source>scene light through BT.2020's camera curve</source>
            <translation>lumière de scène par la courbe caméra BT.2020</translation>
        </message>
        <message>
            <source>scene light, logarithmic, for grading</source>
            <translation>lumière de scène, logarithmique, pour l'étalonnage</translation>
        </message>
        <message>
            <source>display of 100 cd/m2 in a dim room, gamma 2.4, black at 0</source>
            <translation>écran de 100 cd/m2 en pièce sombre, gamma 2,4, noir à 0</translation>
        </message>
        <message>
            <source>mastering display in the dark, gamma 2.6</source>
            <translation>écran de mastering dans le noir, gamma 2,6</translation>
        </message>
        <message>
            <source>projector of 48 cd/m2 in the dark, gamma 2.6, the projector's own white</source>
            <translation>projecteur de 48 cd/m2 dans le noir, gamma 2,6, avec son propre blanc</translation>
        </message>
        <message>
            <source>HDR display in a dim room, white at 203 cd/m2 (BT.2408)</source>
            <translation>écran HDR en pièce sombre, blanc à 203 cd/m2 (BT.2408)</translation>
        </message>
        <message>
            <source>HDR display of 1,000 cd/m2 in a dim room, white at 203 cd/m2 (BT.2408)</source>
            <translation>écran HDR de 1 000 cd/m2 en pièce sombre, blanc à 203 cd/m2 (BT.2408)</translation>
        </message>
        <message>
            <source>display or print, IEC 61966-2-5; full range</source>
            <translation>écran ou impression, IEC 61966-2-5 ; plage complète</translation>
        </message>
        <message>
            <source>for editing, ISO 22028-2; its white is D50</source>
            <translation>pour retoucher, ISO 22028-2 ; son blanc est D50</translation>
        </message>
        <message>
            <source>scene light, for interchange and keeping</source>
            <translation>lumière de scène, pour échanger et conserver</translation>
        </message>
        <message>
            <source>There is no output space called "%1". Known are %2.</source>
            <translation>Il n'y a pas d'espace de sortie « %1 ». Connus : %2.</translation>
        </message>
        <message>
            <source>The curve must begin at 0.</source>
            <translation>La courbe doit commencer à 0.</translation>
        </message>
        <message>
            <source>The curve's values must be numbers that do not fall.</source>
            <translation>Les valeurs de la courbe doivent être des nombres qui ne baissent pas.</translation>
        </message>
        <message>
            <source>it needs at least two points, each with a stored number and its linear light</source>
            <translation>il lui faut au moins deux points, chacun avec un nombre enregistré et sa lumière linéaire</translation>
        </message>
        <message>
            <source>it has more than 65537 points</source>
            <translation>elle a plus de 65537 points</translation>
        </message>
        <message>
            <source>one of its values is not a finite number</source>
            <translation>une de ses valeurs n'est pas un nombre fini</translation>
        </message>
        <message>
            <source>it does not rise from point %zu (%g, %g) to point %zu (%g, %g)</source>
            <translation>elle ne monte pas du point %zu (%g, %g) au point %zu (%g, %g)</translation>
        </message>
        <message>
            <source>its stored numbers must cover 0.1 to 0.9, where 0 to 1 is the whole range of the recording</source>
            <translation>ses nombres enregistrés doivent couvrir 0,1 à 0,9, où 0 à 1 est toute la plage de l'enregistrement</translation>
        </message>
        <message>
            <source>The curve "%1" cannot be used: %2.</source>
            <translation>La courbe « %1 » est inutilisable : %2.</translation>
        </message>
        <message>
            <source>it gives no light at the stored number 1</source>
            <translation>elle ne donne pas de lumière au nombre enregistré 1</translation>
        </message>
        <message>
            <source>it runs from light to number; the other direction is needed, from number to light</source>
            <translation>elle va de la lumière au nombre ; il faut l'autre sens, du nombre à la lumière</translation>
        </message>
        <message>
            <source>The curve "%1" cannot be used. %2</source>
            <translation>La courbe « %1 » est inutilisable. %2</translation>
        </message>
        <message>
            <source>The frame is %1 x %2 pixels; a chart needs at least 64 x 64 to be found.</source>
            <translation>L'image fait %1 x %2 pixels ; il faut au moins 64 x 64 pour trouver une mire.</translation>
        </message>
        <message>
            <source>The frame is black; there is nothing in it to measure.</source>
            <translation>L'image est noire ; il n'y a rien à mesurer.</translation>
        </message>
        <message>
            <source>The frame shows the %1 mirrored, as in a looking glass. Turn the picture over (or shoot the chart itself) and read it again.</source>
            <translation>L'image montre la %1 en miroir. Retournez l'image (ou prenez la mire elle-même) et relisez-la.</translation>
        </message>
        <message>
            <source>No %1 was found in this frame. Is the whole chart in it, in focus and not covered? If you can see it, set its four corners by hand.</source>
            <translation>Aucune %1 trouvée dans cette image. La mire y est-elle entière, nette et découverte ? Si vous la voyez, placez ses quatre coins à la main.</translation>
        </message>
        <message>
            <source>Only part of the chart is in the frame: %1 lie outside. Frame the whole chart and shoot it again.</source>
            <translation>Une partie seulement de la mire est dans l'image : %1 sont dehors. Cadrez toute la mire et reprenez-la.</translation>
        </message>
        <message>
            <source>A corner of the chart is not a number.</source>
            <translation>Un coin de la mire n'est pas un nombre.</translation>
        </message>
        <message>
            <source>The four corners go round the chart the other way: left and right are changed. Give them as top left, top right, bottom right, bottom left of the chart as its definition draws it.</source>
            <translation>Les quatre coins tournent à l'envers : gauche et droite sont échangées. Donnez-les en haut à gauche, en haut à droite, en bas à droite, en bas à gauche, comme la définition dessine la mire.</translation>
        </message>
        <message>
            <source>The four corners do not go round the chart: give them as top left, top right, bottom right, bottom left of the chart as its definition draws it.</source>
            <translation>Les quatre coins n'entourent pas la mire : donnez-les en haut à gauche, en haut à droite, en bas à droite, en bas à gauche, comme la définition la dessine.</translation>
        </message>
        <message>
            <source>With these corners, patches %1 lie outside the frame.</source>
            <translation>Avec ces coins, les plages %1 sont hors de l'image.</translation>
        </message>
        <message>
            <source>No field of patches in rows and columns was found in this frame. Frame the whole chart, in focus and evenly lit, so that it fills a quarter of the picture.</source>
            <translation>Aucun champ de plages en lignes et colonnes trouvé dans cette image. Cadrez toute la mire, nette et également éclairée, sur un quart de l'image.</translation>
        </message>
        <message>
            <source>No layout was learned.</source>
            <translation>Aucune disposition apprise.</translation>
        </message>
        <message>
            <source>A level's grey must reflect 0.0001 to 16 and show 0 to 16, 1 being white.</source>
            <translation>Le gris d'un niveau doit réfléchir de 0,0001 à 16 et montrer de 0 à 16, 1 étant le blanc.</translation>
        </message>
        <message>
            <source>Levels must rise: black below mid-grey, mid-grey below white, as seen and as wanted.</source>
            <translation>Les niveaux doivent monter : noir sous gris moyen, gris moyen sous blanc, vus comme voulus.</translation>
        </message>
        <message>
            <source>A finish's exposure must be -4 to 4 stops.</source>
            <translation>L'exposition d'une finition doit être de -4 à 4 diaph.</translation>
        </message>
        <message>
            <source>A finish's warmth must be -12 to 12 steps.</source>
            <translation>La chaleur d'une finition doit être de -12 à 12 crans.</translation>
        </message>
        <message>
            <source>A finish's tint must be -20 to 20 thousandths of Duv.</source>
            <translation>La teinte d'une finition doit être de -20 à 20 millièmes de Duv.</translation>
        </message>
        <message>
            <source>A finish's contrast must be -1 to 1.</source>
            <translation>Le contraste d'une finition doit être de -1 à 1.</translation>
        </message>
        <message>
            <source>A finish's saturation must be 0 to 2.</source>
            <translation>La saturation d'une finition doit être de 0 à 2.</translation>
        </message>
        <message>
            <source>There is no finish called "%1". Known are base and rounded.</source>
            <translation>Il n'y a pas de finition « %1 ». Connues : base et rounded.</translation>
        </message>
        <message>
            <source>%+.2f stops</source>
            <translation>%+.2f diaph.</translation>
        </message>
        <message>
            <source>%.1f steps warmer</source>
            <translation>%.1f crans plus chaud</translation>
        </message>
        <message>
            <source>%.1f steps cooler</source>
            <translation>%.1f crans plus froid</translation>
        </message>
        <message>
            <source>%.1f greener</source>
            <translation>%.1f plus vert</translation>
        </message>
        <message>
            <source>%.1f more magenta</source>
            <translation>%.1f plus magenta</translation>
        </message>
        <message>
            <source>contrast %+.0f %%</source>
            <translation>contraste %+.0f %%</translation>
        </message>
        <message>
            <source>saturation %.0f %%</source>
            <translation>saturation %.0f %%</translation>
        </message>
        <message>
            <source>levels by hand</source>
            <translation>niveaux à la main</translation>
        </message>
        <message>
            <source>There is no aim called "%1". Known are reference and reading.</source>
            <translation>Il n'y a pas de but « %1 ». Connus : reference et reading.</translation>
        </message>
        <message>
            <source>Only %1 patches are usable; a %2 needs %3. Use the balance model.</source>
            <translation>Seules %1 plages sont utilisables ; un modèle %2 en demande %3. Prenez le modèle balance.</translation>
        </message>
        <message>
            <source>The chart does not tell what this camera would see of other colours.</source>
            <translation>La mire ne dit pas ce que cette caméra verrait d'autres couleurs.</translation>
        </message>
        <message>
            <source>The fitted %1 would fold colours over; check that the reading is of the chart it says.</source>
            <translation>Le modèle %1 ajusté replierait des couleurs ; vérifiez que la lecture est bien de la mire annoncée.</translation>
        </message>
        <message>
            <source>matrix</source>
            <translation>matrice</translation>
        </message>
        <message>
            <source>root polynomial 2</source>
            <translation>polynôme de racines 2</translation>
        </message>
        <message>
            <source>root polynomial 3</source>
            <translation>polynôme de racines 3</translation>
        </message>
        <message>
            <source>polynomial</source>
            <translation>polynôme</translation>
        </message>
        <message>
            <source>lattice</source>
            <translation>treillis</translation>
        </message>
        <message>
            <source>hue sectors</source>
            <translation>secteurs de teinte</translation>
        </message>
        <message>
            <source> for looks</source>
            <translation> pour les styles d’image</translation>
        </message>
        <message>
            <source>: %1 in trials on patches left out</source>
            <translation> : %1 aux essais sur plages exclues</translation>
        </message>
        <message>
            <source>No model that this chart can carry is fitted by that objective. Leave the objective open, or use a matrix.</source>
            <translation>Aucun modèle que cette mire peut porter ne s'ajuste par ce critère. Laissez le critère libre, ou prenez une matrice.</translation>
        </message>
        <message>
            <source>Too few patches are left where some are taken away.</source>
            <translation>Trop peu de plages restent quand on en retire.</translation>
        </message>
        <message>
            <source>Correction from %1</source>
            <translation>Correction d'après %1</translation>
        </message>
        <message>
            <source>maxClipped must be 0 to 1.</source>
            <translation>maxClipped doit être de 0 à 1.</translation>
        </message>
        <message>
            <source>The chart's tolerance must be 0 to 10 CIEDE2000.</source>
            <translation>La tolérance de la mire doit être de 0 à 10 CIEDE2000.</translation>
        </message>
        <message>
            <source>The greys tell no curve: four usable ones at least are needed, and each must follow from the others. Leave the curves to be used where they help.</source>
            <translation>Les gris ne donnent pas de courbe : il en faut quatre utilisables, et chacun doit suivre des autres. Laissez les courbes là où elles aident.</translation>
        </message>
        <message>
            <source>A polynomial changes with exposure, so it is for encoded frames only; this one is linear. Use a root polynomial, which does the same at every exposure.</source>
            <translation>Un polynôme change avec l'exposition, il ne vaut que pour des images encodées ; celle-ci est linéaire. Prenez un polynôme de racines, identique à toute exposition.</translation>
        </message>
        <message>
            <source> No move foretells one patch from the others, so it is a root polynomial alone.</source>
            <translation> Aucun déplacement ne prédit une plage d'après les autres ; c'est donc un polynôme de racines seul.</translation>
        </message>
        <message>
            <source>at most %.1f</source>
            <translation>au plus %.1f</translation>
        </message>
        <message>
            <source>Mean difference</source>
            <translation>Écart moyen</translation>
        </message>
        <message>
            <source>Between the two cameras over the chart; as they are it is %.2f. Half the patches are within %.2f.</source>
            <translation>Entre les deux caméras sur la mire ; telles quelles il est de %.2f. La moitié des plages sont sous %.2f.</translation>
        </message>
        <message>
            <source>Over the chart; balance alone leaves %.2f, and half the patches are within %.2f.</source>
            <translation>Sur la mire ; la balance seule laisse %.2f, et la moitié des plages sont sous %.2f.</translation>
        </message>
        <message>
            <source>See which patches stand out in the list; look for glare or a cover on them.</source>
            <translation>Voyez dans la liste quelles plages ressortent ; cherchez-y un reflet ou un cache.</translation>
        </message>
        <message>
            <source>Largest difference</source>
            <translation>Écart maximal</translation>
        </message>
        <message>
            <source>Patch %1. 95 % of the patches are within %2; before it was %3.</source>
            <translation>Plage %1. 95 % des plages sont sous %2 ; avant c'était %3.</translation>
        </message>
        <message>
            <source>This colour stays off under this light: judge it by eye, or light it otherwise.</source>
            <translation>Cette couleur reste fausse sous cette lumière : jugez-la à l'œil, ou éclairez-la autrement.</translation>
        </message>
        <message>
            <source>Unseen colours</source>
            <translation>Couleurs non vues</translation>
        </message>
        <message>
            <source>Expect this of an ordinary colour. Each patch left out in turn, the chart's strongest among them: %.2f on average, %.2f at the worst.</source>
            <translation>Attendez cela d'une couleur ordinaire. Chaque plage exclue tour à tour, les plus fortes comprises : %.2f en moyenne, %.2f au pire.</translation>
        </message>
        <message>
            <source>The chart promises more than it can keep; a chart with more patches would help.</source>
            <translation>La mire promet plus qu'elle ne peut tenir ; une mire à plus de plages aiderait.</translation>
        </message>
        <message>
            <source>On another shot</source>
            <translation>Sur une autre prise</translation>
        </message>
        <message>
            <source>%1 (%2): the largest is %3, half are within %4.</source>
            <translation>%1 (%2) : le maximum est %3, la moitié sous %4.</translation>
        </message>
        <message>
            <source>One of the two shots is not of this light, or a patch is covered or shines: see what moved between them.</source>
            <translation>L'une des deux prises n'est pas de cette lumière, ou une plage est couverte ou brille : voyez ce qui a changé entre elles.</translation>
        </message>
        <message>
            <source>Copy work</source>
            <translation>Reproduction</translation>
        </message>
        <message>
            <source>good as the US federal guidelines' four stars, tolerable as ISO 19264-1's level A</source>
            <translation>bon comme les quatre étoiles des directives fédérales américaines, tolérable comme le niveau A d'ISO 19264-1</translation>
        </message>
        <message>
            <source>Event</source>
            <translation>Événement</translation>
        </message>
        <message>
            <source>common practice</source>
            <translation>pratique courante</translation>
        </message>
        <message>
            <source>There are no limits called "%1". Known are Copy work, Product, Event and Film.</source>
            <translation>Il n'y a pas de limites « %1 ». Connues : Copy work, Product, Event et Film.</translation>
        </message>
        <message>
            <source>A correction has no limit for "%1".</source>
            <translation>Une correction n'a pas de limite pour « %1 ».</translation>
        </message>
        <message>
            <source>A known colour needs a name.</source>
            <translation>Une couleur connue a besoin d'un nom.</translation>
        </message>
        <message>
            <source>There is a patch or a colour called %1 already; give it another name.</source>
            <translation>Une plage ou une couleur %1 existe déjà ; donnez un autre nom.</translation>
        </message>
        <message>
            <source>L* 0 to 110, a* and b* within 150: what is given for %1 is no such colour.</source>
            <translation>L* de 0 à 110, a* et b* à moins de 150 : ce qui est donné pour %1 n'en est pas une.</translation>
        </message>
        <message>
            <source>Nothing was measured for %1.</source>
            <translation>Rien n'a été mesuré pour %1.</translation>
        </message>
        <message>
            <source>%1 is clipped or black in %2, so that its colour cannot be told. Take another place or frame.</source>
            <translation>%1 est écrêté ou noir dans %2 ; sa couleur ne peut être dite. Prenez un autre endroit ou une autre image.</translation>
        </message>
        <message>
            <source>The frames do not say which body took them, and a correction is never lent to another body.</source>
            <translation>Les images ne disent pas quel boîtier les a prises, et une correction ne se prête jamais à un autre boîtier.</translation>
        </message>
        <message>
            <source>The library holds no correction of %1 for this kind of recording.</source>
            <translation>La bibliothèque n'a pas de correction de %1 pour ce type d'enregistrement.</translation>
        </message>
        <message>
            <source>Nothing tells the light of these frames: mark something neutral in one of them, or name the lamp in the plan.</source>
            <translation>Rien ne dit la lumière de ces images : marquez-y quelque chose de neutre, ou nommez la lampe dans le plan.</translation>
        </message>
        <message>
            <source>No source of colours is called "%1".</source>
            <translation>Aucune source de couleurs ne s'appelle « %1 ».</translation>
        </message>
        <message>
            <source>No balance is called "%1".</source>
            <translation>Aucune balance ne s'appelle « %1 ».</translation>
        </message>
        <message>
            <source>The patches are all of one hue, so a matrix cannot be told from them. Use a chart with several hues, or the balance model.</source>
            <translation>Les plages sont toutes d'une teinte, aucune matrice ne s'en déduit. Prenez une mire à plusieurs teintes, ou le modèle balance.</translation>
        </message>
        <message>
            <source>There is no model called "%1". Known are balance, matrix, root-polynomial, root-polynomial-3, polynomial, lattice and hue-sectors.</source>
            <translation>Il n'y a pas de modèle « %1 ». Connus : balance, matrix, root-polynomial, root-polynomial-3, polynomial, lattice et hue-sectors.</translation>
        </message>
        <message>
            <source>There is no intent called "%1". Known are colorimetric, neutrals, skin and pleasing.</source>
            <translation>Il n'y a pas d'intention « %1 ». Connues : colorimetric, neutrals, skin et pleasing.</translation>
        </message>
        <message>
            <source>What is left of these colours contradicts itself: bringing each to its reference would fold others over. Check that the reading is of the chart it says, or use a matrix.</source>
            <translation>Ce qui reste de ces couleurs se contredit : mener chacune à sa référence en replierait d'autres. Vérifiez que la lecture est bien de cette mire, ou prenez une matrice.</translation>
        </message>
        <message>
            <source>A pool needs two chart shots or more; one alone has a correction of its own.</source>
            <translation>Un groupe demande au moins deux prises de mire ; une seule a sa propre correction.</translation>
        </message>
        <message>
            <source>The reading of %1 holds no chart; read the frame again.</source>
            <translation>La lecture de %1 ne contient pas de mire ; relisez l'image.</translation>
        </message>
        <message>
            <source>The weight of %1 must be above 0.</source>
            <translation>Le poids de %1 doit dépasser 0.</translation>
        </message>
        <message>
            <source>The chart shots show two charts, %1 and %2; only shots of one chart share a correction.</source>
            <translation>Les prises montrent deux mires, %1 et %2 ; seules des prises d'une même mire partagent une correction.</translation>
        </message>
        <message>
            <source>The recordings are %1 and %2; one LUT cannot be fed both.</source>
            <translation>Les enregistrements sont %1 et %2 ; une LUT ne peut recevoir les deux.</translation>
        </message>
        <message>
            <source>The chart shots are of two bodies; each needs a correction of its own.</source>
            <translation>Les prises sont de deux boîtiers ; chacun demande sa propre correction.</translation>
        </message>
        <message>
            <source>No grey of %1 can be used, so %2 cannot share a correction. Leave it out, or shoot its chart again.</source>
            <translation>Aucun gris de %1 n'est utilisable, %2 ne peut donc partager une correction. Laissez-le de côté, ou reprenez sa mire.</translation>
        </message>
        <message>
            <source>A root polynomial has degree 1, 2 or 3, not %1.</source>
            <translation>Un polynôme de racines est de degré 1, 2 ou 3, pas %1.</translation>
        </message>
        <message>
            <source>Only %1 colours are usable; a root polynomial of degree %2 needs %3.</source>
            <translation>Seules %1 couleurs sont utilisables ; un polynôme de racines de degré %2 en demande %3.</translation>
        </message>
        <message>
            <source>The colours are too much alike to tell a root polynomial from them. Use a chart with more hues, a matrix, or the balance model.</source>
            <translation>Les couleurs se ressemblent trop pour en déduire un polynôme de racines. Prenez une mire à plus de teintes, une matrice ou le modèle balance.</translation>
        </message>
        <message>
            <source>The readings are of two cameras, %1 and %2; each needs a correction of its own.</source>
            <translation>Les lectures sont de deux caméras, %1 et %2 ; chacune demande sa propre correction.</translation>
        </message>
        <message>
            <source>The readings are of two bodies of one model, number %1 and %2; each needs a correction of its own.</source>
            <translation>Les lectures sont de deux boîtiers d'un modèle, numéros %1 et %2 ; chacun demande sa propre correction.</translation>
        </message>
        <message>
            <source>The greys of %1 differ from those of %2 by %3 % in colour: that is another light. Build a correction for each.</source>
            <translation>Les gris de %1 diffèrent de ceux de %2 de %3 % en couleur : c'est une autre lumière. Construisez une correction pour chacune.</translation>
        </message>
        <message>
            <source>A correction needs at least one reading.</source>
            <translation>Une correction demande au moins une lecture.</translation>
        </message>
        <message>
            <source>The readings are of two charts, %1 and %2. Give readings of one chart.</source>
            <translation>Les lectures sont de deux mires, %1 et %2. Donnez des lectures d'une seule.</translation>
        </message>
        <message>
            <source>The readings are of two encodings, %1 and %2; they cannot be of one setup.</source>
            <translation>Les lectures sont de deux encodages, %1 et %2 ; elles ne peuvent être d'une configuration.</translation>
        </message>
        <message>
            <source>There is no patch %1 on %2.</source>
            <translation>Il n'y a pas de plage %1 sur %2.</translation>
        </message>
        <message>
            <source>Patch %1 can count from %2 to %3 times, not %4. To count it nowhere, leave it out of the reading.</source>
            <translation>La plage %1 peut compter de %2 à %3 fois, pas %4. Pour ne pas la compter, excluez-la de la lecture.</translation>
        </message>
        <message>
            <source>Patch %1 of %2 has no reflectance, so its colour under %3 is not known. Use d50.</source>
            <translation>La plage %1 de %2 n'a pas de réflectance, sa couleur sous %3 est inconnue. Prenez d50.</translation>
        </message>
        <message>
            <source>The colours of %1 are not known yet: its layout was learned from a picture. Give its data, then build the correction.</source>
            <translation>Les couleurs de %1 sont encore inconnues : sa disposition a été apprise d'une image. Donnez ses données, puis construisez la correction.</translation>
        </message>
        <message>
            <source>No grey patch of this reading is usable (all are clipped, buried in noise, or missing), so there is nothing to balance on. Shoot the chart again.</source>
            <translation>Aucune plage grise de cette lecture n'est utilisable (toutes écrêtées, noyées dans le bruit ou absentes), rien sur quoi équilibrer. Reprenez la mire.</translation>
        </message>
        <message>
            <source>Only %1 patches have a known reflectance; to tell the camera's sensitivities from them needs %2.</source>
            <translation>Seules %1 plages ont une réflectance connue ; il en faut %2 pour en déduire les sensibilités de la caméra.</translation>
        </message>
        <message>
            <source>A reading is not a number, so the camera's sensitivities cannot be told.</source>
            <translation>Une lecture n'est pas un nombre ; les sensibilités de la caméra ne peuvent être dites.</translation>
        </message>
        <message>
            <source>A light's colour temperature must be 1500 to 20000 K, not %1.</source>
            <translation>La température de couleur d'une lumière doit être de 1500 à 20000 K, pas %1.</translation>
        </message>
        <message>
            <source>The corrections are of two cameras, %1 and %2; only those of one can be mixed.</source>
            <translation>Les corrections sont de deux caméras, %1 et %2 ; seules celles d'une peuvent se mélanger.</translation>
        </message>
        <message>
            <source>The corrections are for two encodings, %1 and %2.</source>
            <translation>Les corrections sont pour deux encodages, %1 et %2.</translation>
        </message>
        <message>
            <source>A correction towards another camera belongs to one light; mix two that go to reference values.</source>
            <translation>Une correction vers une autre caméra appartient à une lumière ; mélangez-en deux qui vont vers la référence.</translation>
        </message>
        <message>
            <source>Curves and lattices belong to one light; mix two matrices or two root polynomials of one degree.</source>
            <translation>Courbes et treillis appartiennent à une lumière ; mélangez deux matrices ou deux polynômes de racines d'un même degré.</translation>
        </message>
        <message>
            <source>One correction is a %1, the other a %2; build both with the same model.</source>
            <translation>Une correction est %1, l'autre %2 ; construisez-les avec le même modèle.</translation>
        </message>
        <message>
            <source>The two lights are closer than 20 mired; use the nearer one's correction.</source>
            <translation>Les deux lumières sont à moins de 20 mired ; prenez la correction de la plus proche.</translation>
        </message>
        <message>
            <source>%1 is not between %2 and %3: shoot the chart under that light.</source>
            <translation>%1 n'est pas entre %2 et %3 : prenez la mire sous cette lumière.</translation>
        </message>
        <message>
            <source>%1, %2 between %3 and %4</source>
            <translation>%1, %2 entre %3 et %4</translation>
        </message>
        <message>
            <source>Between "%1" and "%2"</source>
            <translation>Entre « %1 » et « %2 »</translation>
        </message>
        <message>
            <source>Mixed by mired for %1, %2 % of the way from %3 to %4; check it on a chart shot under that light.</source>
            <translation>Mélangée en mired pour %1, %2 % du chemin de %3 à %4 ; vérifiez-la sur une prise de mire sous cette lumière.</translation>
        </message>
        <message>
            <source>That grey has no light in some channel.</source>
            <translation>Ce gris n'a pas de lumière dans un canal.</translation>
        </message>
        <message>
            <source>What is grey there is in a light that is not between the two.</source>
            <translation>Ce qui est gris là est sous une lumière qui n'est pas entre les deux.</translation>
        </message>
        <message>
            <source>%1 shows %2</source>
            <translation>%1 montre %2</translation>
        </message>
        <message>
            <source>The correction was built from %1, so that it proves nothing. Check it on another shot.</source>
            <translation>La correction a été construite d'après %1, cela ne prouve rien. Vérifiez-la sur une autre prise.</translation>
        </message>
        <message>
            <source>%1 is encoded as %2, the correction is for %3. State the frame's encoding, or check it on a frame of the same kind.</source>
            <translation>%1 est encodé en %2, la correction est pour %3. Indiquez l'encodage de l'image, ou vérifiez sur une image du même type.</translation>
        </message>
        <message>
            <source>The correction goes to %1 as patches of %2 look there; %3. Check it on a shot of the same chart.</source>
            <translation>La correction mène à %1 tel que les plages de %2 y paraissent ; %3. Vérifiez-la sur une prise de la même mire.</translation>
        </message>
        <message>
            <source>No patch of %1 is usable.</source>
            <translation>Aucune plage de %1 n'est utilisable.</translation>
        </message>
        <message>
            <source>No colour is given to check the correction on.</source>
            <translation>Aucune couleur n'est donnée pour vérifier la correction.</translation>
        </message>
        <message>
            <source>one known colour</source>
            <translation>une couleur connue</translation>
        </message>
        <message>
            <source>%1 known colours</source>
            <translation>%1 couleurs connues</translation>
        </message>
        <message>
            <source>The correction was built from %1, so that it proves nothing. Check it on another colour.</source>
            <translation>La correction a été construite d'après %1, cela ne prouve rien. Vérifiez-la sur une autre couleur.</translation>
        </message>
        <message>
            <source>"%1" is no source of an encoding; it is stated, file or assumed.</source>
            <translation>« %1 » n'est pas une source d'encodage ; c'est stated, file ou assumed.</translation>
        </message>
        <message>
            <source>A projective map needs four pairs of points.</source>
            <translation>Une application projective demande quatre paires de points.</translation>
        </message>
        <message>
            <source>The points lie on one line; no projective map follows from them.</source>
            <translation>Les points sont alignés ; aucune application projective n'en suit.</translation>
        </message>
        <message>
            <source>An affine map needs three pairs of points.</source>
            <translation>Une application affine demande trois paires de points.</translation>
        </message>
        <message>
            <source>The points lie on one line; no affine map follows from them.</source>
            <translation>Les points sont alignés ; aucune application affine n'en suit.</translation>
        </message>
        <message>
            <source>A decision list has ten numbers; fewer than ten colours do not tell them.</source>
            <translation>Une liste de décision a dix nombres ; moins de dix couleurs ne les donnent pas.</translation>
        </message>
        <message>
            <source>A colour for the decision list is no number.</source>
            <translation>Une couleur de la liste de décision n'est pas un nombre.</translation>
        </message>
        <message>
            <source>No decision list comes near this correction.</source>
            <translation>Aucune liste de décision n'approche cette correction.</translation>
        </message>
        <message>
            <source>Gain of red %1 stops, of green %2, of blue %3.</source>
            <translation>Gain du rouge %1 diaph., du vert %2, du bleu %3.</translation>
        </message>
        <message>
            <source>Temperature and tint do not reach a light like this one, of a camera's bare numbers: set the gains, or pick a grey of the chart as white.</source>
            <translation>Température et teinte n'atteignent pas une telle lumière, dans les nombres bruts d'une caméra : réglez les gains, ou prenez un gris de la mire comme blanc.</translation>
        </message>
        <message>
            <source>With temperature and tint instead: %1 K, tint Duv %2 (%3).</source>
            <translation>Ou par température et teinte : %1 K, teinte Duv %2 (%3).</translation>
        </message>
        <message>
            <source>a greenish light, so magenta takes it out</source>
            <translation>une lumière verdâtre, le magenta la retire</translation>
        </message>
        <message>
            <source>a pinkish light, so green takes it out</source>
            <translation>une lumière rosée, le vert la retire</translation>
        </message>
        <message>
            <source>In mired: %1, as %2; the tint alike.</source>
            <translation>En mired : %1, comme %2 ; la teinte de même.</translation>
        </message>
        <message>
            <source>a cooling filter does</source>
            <translation>un filtre refroidissant</translation>
        </message>
        <message>
            <source>a warming filter does</source>
            <translation>un filtre réchauffant</translation>
        </message>
        <message>
            <source> turn by %1 degrees (%2),</source>
            <translation> tourner de %1 degrés (%2),</translation>
        </message>
        <message>
            <source>counter-clockwise, as hues rise</source>
            <translation>sens antihoraire, comme montent les teintes</translation>
        </message>
        <message>
            <source>clockwise, as hues fall</source>
            <translation>sens horaire, comme descendent les teintes</translation>
        </message>
        <message>
            <source> saturation %1 %,</source>
            <translation> saturation %1 %,</translation>
        </message>
        <message>
            <source> lightness %1,</source>
            <translation> clarté %1,</translation>
        </message>
        <message>
            <source>Exposure %1 stops.</source>
            <translation>Exposition %1 diaph.</translation>
        </message>
        <message>
            <source>Black to %1 %, white to %2 %.</source>
            <translation>Noir à %1 %, blanc à %2 %.</translation>
        </message>
        <message>
            <source>The curve's point at %1 % to %2 %.</source>
            <translation>Le point de la courbe à %1 % vers %2 %.</translation>
        </message>
        <message>
            <source>Saturation of all colours %1 %.</source>
            <translation>Saturation de toutes les couleurs %1 %.</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Peau</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Balance</translation>
        </message>
        <message>
            <source>Black and white</source>
            <translation>Noir et blanc</translation>
        </message>
        <message>
            <source>Hues</source>
            <translation>Teintes</translation>
        </message>
        <message>
            <source>A recipe is told from the chart's patches; %1 usable ones are too few.</source>
            <translation>Une recette se tire des plages de la mire ; %1 utilisables, c'est trop peu.</translation>
        </message>
        <message>
            <source>Recipe for %1
</source>
            <translation>Recette pour %1
</translation>
        </message>
        <message>
            <source>From the frame as it was recorded, in sRGB. The chart is off by %1 CIEDE2000 on average.

</source>
            <translation>De l'image telle qu'enregistrée, en sRGB. La mire est à %1 CIEDE2000 en moyenne.

</translation>
        </message>
        <message>
            <source>   Nothing to do.
</source>
            <translation>   Rien à faire.
</translation>
        </message>
        <message>
            <source>   Left: %1
</source>
            <translation>   Reste : %1
</translation>
        </message>
        <message>
            <source>%1
In the end %2 is left on average, %3 at most (%4).
</source>
            <translation>%1
À la fin il reste %2 en moyenne, %3 au plus (%4).
</translation>
        </message>
        <message>
            <source>red</source>
            <translation>rouge</translation>
        </message>
        <message>
            <source>orange</source>
            <translation>orange</translation>
        </message>
        <message>
            <source>yellow</source>
            <translation>jaune</translation>
        </message>
        <message>
            <source>yellow-green</source>
            <translation>vert-jaune</translation>
        </message>
        <message>
            <source>green</source>
            <translation>vert</translation>
        </message>
        <message>
            <source>blue-green</source>
            <translation>bleu-vert</translation>
        </message>
        <message>
            <source>blue</source>
            <translation>bleu</translation>
        </message>
        <message>
            <source>purple-blue</source>
            <translation>bleu-violet</translation>
        </message>
        <message>
            <source>purple</source>
            <translation>violet</translation>
        </message>
        <message>
            <source>red-purple</source>
            <translation>rouge-violet</translation>
        </message>
        <message>
            <source>The chart has no such patch.</source>
            <translation>La mire n'a pas cette plage.</translation>
        </message>
        <message>
            <source>The instrument gave no proper reflectance. Put it on its tile and measure again.</source>
            <translation>L'instrument n'a pas donné de réflectance correcte. Posez-le sur sa céramique et mesurez de nouveau.</translation>
        </message>
        <message>
            <source>The instrument measures at other wavelengths than before. Begin this copy anew.</source>
            <translation>L'instrument mesure à d'autres longueurs d'onde qu'avant. Recommencez cet exemplaire.</translation>
        </message>
        <message>
            <source>Patch %1 is not measured yet.</source>
            <translation>La plage %1 n'est pas encore mesurée.</translation>
        </message>
        <message>
            <source>Only %1 greys of %2 can be used (the others are clipped, covered or missing), and four are needed to tell the picture's contrast. Expose the leading camera less, or shoot a chart with more greys.</source>
            <translation>Seuls %1 gris sur %2 sont utilisables (les autres écrêtés, couverts ou absents), et il en faut quatre pour dire le contraste. Exposez moins la caméra directrice, ou prenez une mire à plus de gris.</translation>
        </message>
        <message>
            <source>The leading camera's correction is for %1, its reading is %2. Give the correction that belongs to %3.</source>
            <translation>La correction de la caméra directrice est pour %1, sa lecture est %2. Donnez la correction qui va avec %3.</translation>
        </message>
        <message>
            <source>The leading camera's correction is of %1, its reading of %2. Give the correction that belongs to %3.</source>
            <translation>La correction de la caméra directrice est de %1, sa lecture de %2. Donnez la correction qui va avec %3.</translation>
        </message>
        <message>
            <source>%1 is a picture that shows itself, so no correction stands between it and the eye. Leave the correction out.</source>
            <translation>%1 est une image qui se montre elle-même ; aucune correction ne s'interpose. Omettez-la.</translation>
        </message>
        <message>
            <source>Only %1 patches of %2 can be used, and eight are needed. Shoot the chart with the leading camera again.</source>
            <translation>Seules %1 plages sur %2 sont utilisables, il en faut huit. Reprenez la mire avec la caméra directrice.</translation>
        </message>
        <message>
            <source>A match needs a reading of the camera that follows.</source>
            <translation>Un accord demande une lecture de la caméra suiveuse.</translation>
        </message>
        <message>
            <source>%1 is on both sides, and a frame looks like itself. Give a chart shot of the other camera.</source>
            <translation>%1 est des deux côtés, et une image se ressemble. Donnez une prise de mire de l'autre caméra.</translation>
        </message>
        <message>
            <source> to %1</source>
            <translation> vers %1</translation>
        </message>
        <message>
            <source>The two shots are of two charts, %1 and %2; who is nearer to the truth is told on one chart only.</source>
            <translation>Les deux prises sont de deux mires, %1 et %2 ; on ne dit qui est plus près du vrai que sur une seule.</translation>
        </message>
        <message>
            <source>An interval needs at least one draw.</source>
            <translation>Un intervalle demande au moins un tirage.</translation>
        </message>
        <message>
            <source>No patch can be used in both shots, so nothing can be compared. Shoot the chart again.</source>
            <translation>Aucune plage n'est utilisable dans les deux prises, rien à comparer. Reprenez la mire.</translation>
        </message>
        <message>
            <source>There is no step called "%1". Known are balance, level, contrast, skin and the hues R, YR, Y, GY, G, BG, B, PB, P and RP.</source>
            <translation>Il n'y a pas d'étape « %1 ». Connues : balance, level, contrast, skin et les teintes R, YR, Y, GY, G, BG, B, PB, P et RP.</translation>
        </message>
        <message>
            <source>These steps cannot be held back alone: colours beside them are moved so far that hues would change places. Hold back their neighbours, too, or none of them.</source>
            <translation>Ces étapes ne peuvent être retenues seules : les couleurs voisines bougent tant que des teintes échangeraient leur place. Retenez aussi leurs voisines, ou aucune.</translation>
        </message>
        <message>
            <source>As shown</source>
            <translation>Telle que montrée</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Telle qu'enregistrée</translation>
        </message>
        <message>
            <source>%s at %g mm</source>
            <translation>%s à %g mm</translation>
        </message>
        <message>
            <source>A change of body, lens, light, power, modifier, place or recording calls for a new chart shot.</source>
            <translation>Un changement de boîtier, objectif, lumière, puissance, modeleur, lieu ou enregistrement exige une nouvelle prise de mire.</translation>
        </message>
        <message>
            <source>A change of body, lens, light or place calls for a new chart shot.</source>
            <translation>Un changement de boîtier, objectif, lumière ou lieu exige une nouvelle prise de mire.</translation>
        </message>
        <message>
            <source>A change of body or light calls for a new chart shot.</source>
            <translation>Un changement de boîtier ou de lumière exige une nouvelle prise de mire.</translation>
        </message>
        <message>
            <source>No chart of its own</source>
            <translation>Pas de mire propre</translation>
        </message>
        <message>
            <source>Shoot %1</source>
            <translation>Photographier %1</translation>
        </message>
        <message>
            <source>Shoot the chart</source>
            <translation>Photographier la mire</translation>
        </message>
        <message>
            <source>, and again by %1</source>
            <translation>, et encore avant %1</translation>
        </message>
        <message>
            <source>power</source>
            <translation>puissance</translation>
        </message>
        <message>
            <source>modifier</source>
            <translation>modeleur</translation>
        </message>
        <message>
            <source>recording</source>
            <translation>enregistrement</translation>
        </message>
        <message>
            <source>no body</source>
            <translation>pas de boîtier</translation>
        </message>
        <message>
            <source>no lens</source>
            <translation>pas d'objectif</translation>
        </message>
        <message>
            <source>no light</source>
            <translation>pas de lumière</translation>
        </message>
        <message>
            <source>no place</source>
            <translation>pas de lieu</translation>
        </message>
        <message>
            <source>%1 %2 to %3</source>
            <translation>%1 de %2 à %3</translation>
        </message>
        <message>
            <source>the sun sets</source>
            <translation>le soleil se couche</translation>
        </message>
        <message>
            <source>its colour has moved by %g mired</source>
            <translation>sa couleur a bougé de %g mired</translation>
        </message>
        <message>
            <source>its level has moved by %.2g stops</source>
            <translation>son niveau a bougé de %.2g diaph.</translation>
        </message>
        <message>
            <source>a day has passed</source>
            <translation>un jour a passé</translation>
        </message>
        <message>
            <source>holds until %1, when %2. That assumes a clear sky; a cloud ends it at once.</source>
            <translation>tient jusqu'à %1, quand %2. Cela suppose un ciel clair ; un nuage y met fin aussitôt.</translation>
        </message>
        <message>
            <source>Its chart was shot at %1.</source>
            <translation>Sa mire a été prise à %1.</translation>
        </message>
        <message>
            <source>an earlier setup</source>
            <translation>une configuration antérieure</translation>
        </message>
        <message>
            <source>The chart of %1 serves it, shot at %2.</source>
            <translation>La mire de %1 la sert, prise à %2.</translation>
        </message>
        <message>
            <source>1 frame was shot, but no chart.</source>
            <translation>1 image a été prise, mais pas de mire.</translation>
        </message>
        <message>
            <source>%1 frames were shot, but no chart.</source>
            <translation>%1 images ont été prises, mais pas de mire.</translation>
        </message>
        <message>
            <source>It ended at %1 without a chart shot.</source>
            <translation>Elle a fini à %1 sans prise de mire.</translation>
        </message>
        <message>
            <source>Shoot the chart at the beginning or the end.</source>
            <translation>Prenez la mire au début ou à la fin.</translation>
        </message>
        <message>
            <source>the light has moved</source>
            <translation>la lumière a bougé</translation>
        </message>
        <message>
            <source>changed and changed back</source>
            <translation>changée puis rétablie</translation>
        </message>
        <message>
            <source>judged: shoot again</source>
            <translation>jugée : à refaire</translation>
        </message>
        <message>
            <source>Changed since its chart shot at %1: %2.</source>
            <translation>Changée depuis sa prise de mire à %1 : %2.</translation>
        </message>
        <message>
            <source>The light has moved since its chart shot at %1; it held until %2.</source>
            <translation>La lumière a bougé depuis la prise de mire à %1 ; elle tenait jusqu'à %2.</translation>
        </message>
        <message>
            <source>Something was changed and changed back since the chart shot at %1.</source>
            <translation>Quelque chose a été changé puis rétabli depuis la prise de mire à %1.</translation>
        </message>
        <message>
            <source>The chart shot at %1 was judged: shoot again.</source>
            <translation>La prise de mire à %1 a été jugée : à refaire.</translation>
        </message>
        <message>
            <source>The frame belongs to no setup.</source>
            <translation>L'image n'appartient à aucune configuration.</translation>
        </message>
        <message>
            <source>Built from the chart shot at %1.</source>
            <translation>Construite d'après la prise de mire à %1.</translation>
        </message>
        <message>
            <source>Only the same body and kind of light. %1</source>
            <translation>Seulement le même boîtier et type de lumière. %1</translation>
        </message>
        <message>
            <source>The chart that serves it is not corrected yet.</source>
            <translation>La mire qui la sert n'est pas encore corrigée.</translation>
        </message>
        <message>
            <source>The body's sensor has no size; enter it in the kit.</source>
            <translation>Le capteur du boîtier n'a pas de taille ; saisissez-la dans le matériel.</translation>
        </message>
        <message>
            <source>The focal length is %g mm; it must be 1 to 3000.</source>
            <translation>La focale est de %g mm ; elle doit être de 1 à 3000.</translation>
        </message>
        <message>
            <source>The distance is %g m; it must be above 0, to 10000.</source>
            <translation>La distance est de %g m ; elle doit dépasser 0, jusqu'à 10000.</translation>
        </message>
        <message>
            <source>Larger than the frame.</source>
            <translation>Plus grande que l'image.</translation>
        </message>
        <message>
            <source>Too small: %.0f pixels in the smallest patch, and %.0f are wanted.</source>
            <translation>Trop petite : %.0f pixels dans la plus petite plage, il en faut %.0f.</translation>
        </message>
        <message>
            <source>Too small: %.1f %% of the frame.</source>
            <translation>Trop petite : %.1f %% de l'image.</translation>
        </message>
        <message>
            <source>Too large: it reaches %.0f %% of the way into the corners, where the lens darkens.</source>
            <translation>Trop grande : elle va à %.0f %% vers les coins, où l'objectif assombrit.</translation>
        </message>
        <message>
            <source>%.0f %% of the frame, %.0f pixels in the smallest patch, clear of the corners.</source>
            <translation>%.0f %% de l'image, %.0f pixels dans la plus petite plage, loin des coins.</translation>
        </message>
        <message>
            <source>At %.2f m a %g mm lens cannot focus: by the thin lens it needs %.2f m at least.</source>
            <translation>À %.2f m, un objectif de %g mm ne peut faire le point : selon la lentille mince il lui faut au moins %.2f m.</translation>
        </message>
        <message>
            <source>The width of the field must be above 0.</source>
            <translation>La largeur du champ doit dépasser 0.</translation>
        </message>
        <message>
            <source>A field of %.0f mm is smaller than the sensor: beyond life size, enter a macro lens's own distance.</source>
            <translation>Un champ de %.0f mm est plus petit que le capteur : au-delà de la grandeur nature, saisissez la distance propre d'un objectif macro.</translation>
        </message>
        <message>
            <source>Say which body, and the framing can be worked out.</source>
            <translation>Dites quel boîtier, et le cadrage pourra se calculer.</translation>
        </message>
        <message>
            <source>Say which lens, and the framing can be worked out.</source>
            <translation>Dites quel objectif, et le cadrage pourra se calculer.</translation>
        </message>
        <message>
            <source>Say how far the subject is, or how wide the field, and the framing can be worked out.</source>
            <translation>Dites la distance du sujet, ou la largeur du champ, et le cadrage pourra se calculer.</translation>
        </message>
        <message>
            <source>There is no chart in the kit; enter the copies you own.</source>
            <translation>Il n'y a pas de mire dans le matériel ; saisissez vos exemplaires.</translation>
        </message>
        <message>
            <source>Take %1: %2 % of the frame from %3 m.</source>
            <translation>Prenez %1 : %2 % de l'image à %3 m.</translation>
        </message>
        <message>
            <source>No chart in the kit fits at %1 m. Nearest is %2: shoot it from %3 m.</source>
            <translation>Aucune mire du matériel ne convient à %1 m. La plus proche est %2 : prenez-la à %3 m.</translation>
        </message>
        <message>
            <source>No chart in the kit fits at %.2f m; a smaller one is needed.</source>
            <translation>Aucune mire du matériel ne convient à %.2f m ; il en faut une plus petite.</translation>
        </message>
        <message>
            <source>%1 is %2; it must be %3 to %4.</source>
            <translation>%1 : %2 ; il faut de %3 à %4.</translation>
        </message>
        <message>
            <source>%1 needs a name.</source>
            <translation>%1 : il faut un nom.</translation>
        </message>
        <message>
            <source>There is no kind of light called "%1". Known are daylight, shade, flash, tungsten, fluorescent, led and mixed.</source>
            <translation>Il n'y a pas de type de lumière « %1 ». Connus : daylight, shade, flash, tungsten, fluorescent, led et mixed.</translation>
        </message>
        <message>
            <source>The body</source>
            <translation>Le boîtier</translation>
        </message>
        <message>
            <source>The sensor's width</source>
            <translation>Largeur du capteur</translation>
        </message>
        <message>
            <source>The sensor's height</source>
            <translation>Hauteur du capteur</translation>
        </message>
        <message>
            <source>pixels</source>
            <translation>pixels</translation>
        </message>
        <message>
            <source>The lens's longest focal length is below its shortest.</source>
            <translation>La plus longue focale de l'objectif est sous la plus courte.</translation>
        </message>
        <message>
            <source>The lens</source>
            <translation>L'objectif</translation>
        </message>
        <message>
            <source>The lens's shortest focal length</source>
            <translation>Plus courte focale de l'objectif</translation>
        </message>
        <message>
            <source>The lens's longest focal length</source>
            <translation>Plus longue focale de l'objectif</translation>
        </message>
        <message>
            <source>The light</source>
            <translation>La lumière</translation>
        </message>
        <message>
            <source>The warm-up</source>
            <translation>Le préchauffage</translation>
        </message>
        <message>
            <source>minutes</source>
            <translation>minutes</translation>
        </message>
        <message>
            <source>The chart copy</source>
            <translation>L'exemplaire de mire</translation>
        </message>
        <message>
            <source>The chart's definition</source>
            <translation>La définition de la mire</translation>
        </message>
        <message>
            <source>The chart's scale</source>
            <translation>L'échelle de la mire</translation>
        </message>
        <message>
            <source>The chart's life</source>
            <translation>La durée de vie de la mire</translation>
        </message>
        <message>
            <source>The chart's date</source>
            <translation>La date de la mire</translation>
        </message>
        <message>
            <source>The display</source>
            <translation>L'écran</translation>
        </message>
        <message>
            <source>The instrument</source>
            <translation>L'instrument</translation>
        </message>
        <message>
            <source>The time between checks</source>
            <translation>Le temps entre vérifications</translation>
        </message>
        <message>
            <source>The date of its check</source>
            <translation>La date de sa vérification</translation>
        </message>
        <message>
            <source>A tested recording profile needs a name.</source>
            <translation>Un profil d'enregistrement testé a besoin d'un nom.</translation>
        </message>
        <message>
            <source>Usable exposures must rise, from -20 to 20 stops.</source>
            <translation>Les expositions utilisables doivent monter, de -20 à 20 diaph.</translation>
        </message>
        <message>
            <source>The best exposure must be -20 to 20 stops.</source>
            <translation>La meilleure exposition doit être de -20 à 20 diaph.</translation>
        </message>
        <message>
            <source>The curve</source>
            <translation>La courbe</translation>
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
            <translation>Prise à %1 ; la prise de mire de %2 tient jusqu'à %3.</translation>
        </message>
        <message>
            <source>Taken %1 after the chart shot.</source>
            <translation>Prise %1 après la prise de mire.</translation>
        </message>
        <message>
            <source>Taken %1 before the chart shot.</source>
            <translation>Prise %1 avant la prise de mire.</translation>
        </message>
        <message>
            <source>by %+.1f stops and about %+.0f mired</source>
            <translation>de %+.1f diaph. et d'environ %+.0f mired</translation>
        </message>
        <message>
            <source>by about %+.0f mired</source>
            <translation>d'environ %+.0f mired</translation>
        </message>
        <message>
            <source>The light moved between %1 and %2, %3.</source>
            <translation>La lumière a bougé entre %1 et %2, %3.</translation>
        </message>
        <message>
            <source>"%1" is not a time: 2026-05-14T09:30:00Z or with an offset such as +02:00 is wanted.</source>
            <translation>« %1 » n'est pas une heure : il faut 2026-05-14T09:30:00Z ou avec un décalage comme +02:00.</translation>
        </message>
        <message>
            <source>"%1" is not a date: 2026-05-14 is wanted.</source>
            <translation>« %1 » n'est pas une date : il faut 2026-05-14.</translation>
        </message>
        <message>
            <source>"%1" is not a time of day: 9:30 or 14:05 is wanted.</source>
            <translation>« %1 » n'est pas une heure du jour : il faut 9:30 ou 14:05.</translation>
        </message>
        <message>
            <source>Raw, uncompressed or lossless, 14 bit where the body has it</source>
            <translation>Raw, non compressé ou sans perte, 14 bits si le boîtier les a</translation>
        </message>
        <message>
            <source>Lossy raw and 12 bit cost shadow steps that a correction then stretches.</source>
            <translation>Raw avec pertes et 12 bits coûtent des nuances sombres qu'une correction étire ensuite.</translation>
        </message>
        <message>
            <source>Balance and expose right in the camera</source>
            <translation>Équilibrer et exposer juste dans l'appareil</translation>
        </message>
        <message>
            <source>JPEG and video leave little room afterwards: what clips or drowns is gone.</source>
            <translation>JPEG et vidéo laissent peu de marge ensuite : ce qui est écrêté ou noyé est perdu.</translation>
        </message>
        <message>
            <source>Note the recording profile and its exposure offset</source>
            <translation>Noter le profil d'enregistrement et son décalage d'exposition</translation>
        </message>
        <message>
            <source>A log or flat picture read with the wrong curve bends every colour. Nominal exposure is our default; some go over by a fixed offset, which the exposure series has to bear out.</source>
            <translation>Une image log ou plate lue avec la mauvaise courbe courbe toutes les couleurs. L'exposition nominale est notre défaut ; certains vont au-delà d'un décalage fixe, que la série d'exposition doit confirmer.</translation>
        </message>
        <message>
            <source>Low sensitivity, manual exposure</source>
            <translation>Faible sensibilité, exposition manuelle</translation>
        </message>
        <message>
            <source>Noise goes into every patch, and automatic exposure moves between the chart and the subject.</source>
            <translation>Le bruit entre dans chaque plage, et l'exposition automatique change entre mire et sujet.</translation>
        </message>
        <message>
            <source>No automatic white balance under flash</source>
            <translation>Pas de balance automatique sous flash</translation>
        </message>
        <message>
            <source>It sees the room before the flash, not the flash.</source>
            <translation>Elle voit la pièce avant le flash, pas le flash.</translation>
        </message>
        <message>
            <source>Custom balance from a grey that is bright but not clipped</source>
            <translation>Balance personnalisée sur un gris clair mais non écrêté</translation>
        </message>
        <message>
            <source>Schools differ: a preset for the key light, a kelvin number, custom from grey (our default), or automatic where only raw follows. Pure white is too near the ceiling: one clipped channel makes the balance worthless.</source>
            <translation>Les écoles divergent : un préréglage pour la lumière principale, un nombre de kelvins, une balance sur gris (notre défaut), ou l'automatique si seul le raw suit. Le blanc pur est trop près du plafond : un canal écrêté rend la balance sans valeur.</translation>
        </message>
        <message>
            <source>Meter a mid-grey card or the incident light</source>
            <translation>Mesurer une carte gris moyen ou la lumière incidente</translation>
        </message>
        <message>
            <source>Reflected metering is fooled: white on white comes out too dark, black on black too bright.</source>
            <translation>La mesure réfléchie se trompe : blanc sur blanc sort trop sombre, noir sur noir trop clair.</translation>
        </message>
        <message>
            <source>Find out how old %1 is</source>
            <translation>Trouver l'âge de %1</translation>
        </message>
        <message>
            <source>Pigments fade; a copy without a date cannot be trusted for tight work.</source>
            <translation>Les pigments pâlissent ; un exemplaire sans date n'est pas fiable pour un travail serré.</translation>
        </message>
        <message>
            <source>Measure or replace %1</source>
            <translation>Mesurer ou remplacer %1</translation>
        </message>
        <message>
            <source>It was made on %1 and is a month past its time.</source>
            <translation>Fabriqué le %1, dépassé d'un mois.</translation>
        </message>
        <message>
            <source>It was made on %1 and is %2 months past its time.</source>
            <translation>Fabriqué le %1, dépassé de %2 mois.</translation>
        </message>
        <message>
            <source>Chart clean, shut between shots, out of sun and water</source>
            <translation>Mire propre, fermée entre les prises, hors du soleil et de l'eau</translation>
        </message>
        <message>
            <source>Never touch the patches: skin oil darkens them for good.</source>
            <translation>Ne touchez jamais les plages : le gras de la peau les assombrit à jamais.</translation>
        </message>
        <message>
            <source>In the subject's light, on the key side, facing the camera, the right way up</source>
            <translation>Dans la lumière du sujet, côté principal, face à la caméra, à l'endroit</translation>
        </message>
        <message>
            <source>Fingers, shadow and glare off the patches; about a tenth of the frame, away from the corners.</source>
            <translation>Doigts, ombre et reflets hors des plages ; environ un dixième de l'image, loin des coins.</translation>
        </message>
        <message>
            <source>Check %1</source>
            <translation>Vérifier %1</translation>
        </message>
        <message>
            <source>There is no check of it on record.</source>
            <translation>Aucune vérification n'en est notée.</translation>
        </message>
        <message>
            <source>Its last check was on %1; every %2 days is yours.</source>
            <translation>Dernière vérification le %1 ; la vôtre est tous les %2 jours.</translation>
        </message>
        <message>
            <source>Switch %1 on %2 minutes before its chart shot</source>
            <translation>Allumer %1 %2 minutes avant sa prise de mire</translation>
        </message>
        <message>
            <source>Its colour drifts while it warms up.</source>
            <translation>Sa couleur dérive pendant qu'elle chauffe.</translation>
        </message>
        <message>
            <source>Shoot the chart again when daylight moves or a cloud comes</source>
            <translation>Reprendre la mire quand le jour change ou qu'un nuage passe</translation>
        </message>
        <message>
            <source>The plan says how long a clear sky holds; it cannot see clouds.</source>
            <translation>Le plan dit combien tient un ciel clair ; il ne voit pas les nuages.</translation>
        </message>
        <message>
            <source>Hot lamps: gloves, distance to cloth and paper, time to cool</source>
            <translation>Lampes chaudes : gants, distance aux tissus et papiers, temps de refroidir</translation>
        </message>
        <message>
            <source>Follow the maker's instructions for lamps and modifiers.</source>
            <translation>Suivez les instructions du fabricant pour lampes et modeleurs.</translation>
        </message>
        <message>
            <source>Mains: add up the load, keep cables dry and taped</source>
            <translation>Secteur : additionner la charge, câbles secs et fixés</translation>
        </message>
        <message>
            <source>Temporary wiring is for a licensed electrician, by local rules.</source>
            <translation>Un câblage provisoire revient à un électricien agréé, selon les règles locales.</translation>
        </message>
        <message>
            <source>Stands sandbagged, nothing overhead without a second hold</source>
            <translation>Pieds lestés, rien en hauteur sans seconde attache</translation>
        </message>
        <message>
            <source>A lamp that falls is heavy and hot. The house's rigging rules come first.</source>
            <translation>Une lampe qui tombe est lourde et brûlante. Les règles d'accrochage du lieu priment.</translation>
        </message>
        <message>
            <source>Flash: ask about photosensitive people, keep it from eyes</source>
            <translation>Flash : demander s'il y a des personnes photosensibles, loin des yeux</translation>
        </message>
        <message>
            <source>No flash close to the eyes of infants or animals. Capacitors hold their charge: leave repairs to the maker's service.</source>
            <translation>Pas de flash près des yeux des nourrissons ou des animaux. Les condensateurs gardent leur charge : réparations au service du fabricant.</translation>
        </message>
        <message>
            <source>Never aim a lens or an eye at the sun</source>
            <translation>Ne jamais viser le soleil, ni objectif ni œil</translation>
        </message>
        <message>
            <source>It burns retinas, sensors and shutters within moments.</source>
            <translation>Il brûle rétine, capteur et obturateur en un instant.</translation>
        </message>
        <message>
            <source>Delicate objects: ask how much light they may get</source>
            <translation>Objets fragiles : demander combien de lumière ils supportent</translation>
        </message>
        <message>
            <source>The keeper or conservator decides on level, time and ultraviolet.</source>
            <translation>Le conservateur décide du niveau, de la durée et de l'ultraviolet.</translation>
        </message>
        <message>
            <source>The light has moved since %1.</source>
            <translation>La lumière a bougé depuis %1.</translation>
        </message>
        <message>
            <source>Changed since %1: %2.</source>
            <translation>Changé depuis %1 : %2.</translation>
        </message>
        <message>
            <source>The first setup of %1.</source>
            <translation>La première configuration de %1.</translation>
        </message>
        <message>
            <source>Nothing that counts changed: the chart of %1 serves.</source>
            <translation>Rien d'important n'a changé : la mire de %1 convient.</translation>
        </message>
        <message>
            <source>"%1" is none of strict, usual and run-and-gun.</source>
            <translation>« %1 » n'est ni strict, ni usual, ni run-and-gun.</translation>
        </message>
        <message>
            <source>"%1" is none of raw, jpeg, flat-video and log-video.</source>
            <translation>« %1 » n'est ni raw, ni jpeg, ni flat-video, ni log-video.</translation>
        </message>
        <message>
            <source>The shoot needs a name.</source>
            <translation>La prise de vues a besoin d'un nom.</translation>
        </message>
        <message>
            <source>The shoot's date: %1</source>
            <translation>La date de la prise de vues : %1</translation>
        </message>
        <message>
            <source>The limit for the level is %g stops; it must be above 0, to 4.</source>
            <translation>La limite du niveau est %g diaph. ; elle doit dépasser 0, jusqu'à 4.</translation>
        </message>
        <message>
            <source>The limit for the colour is %g mired; it must be above 0, to 200.</source>
            <translation>La limite de couleur est %g mired ; elle doit dépasser 0, jusqu'à 200.</translation>
        </message>
        <message>
            <source>The place needs a name.</source>
            <translation>Le lieu a besoin d'un nom.</translation>
        </message>
        <message>
            <source>The place needs both latitude and longitude, or neither.</source>
            <translation>Le lieu demande latitude et longitude, ou ni l'une ni l'autre.</translation>
        </message>
        <message>
            <source>The latitude is %g degrees; it must be -90 to 90.</source>
            <translation>La latitude est %g degrés ; elle doit être de -90 à 90.</translation>
        </message>
        <message>
            <source>The longitude is %g degrees; it must be -180 to 180.</source>
            <translation>La longitude est %g degrés ; elle doit être de -180 à 180.</translation>
        </message>
        <message>
            <source>The clock is %d minutes ahead of UTC; it must be -840 to 840.</source>
            <translation>L'horloge avance de %d minutes sur UTC ; ce doit être de -840 à 840.</translation>
        </message>
        <message>
            <source>The power is %g %%; it must be 0 to 100.</source>
            <translation>La puissance est %g %% ; elle doit être de 0 à 100.</translation>
        </message>
        <message>
            <source>The setup ends at %02d:%02d, before it starts at %02d:%02d.</source>
            <translation>La configuration finit à %02d:%02d, avant de commencer à %02d:%02d.</translation>
        </message>
        <message>
            <source>The distance is %g m; it must be 0 to 10000.</source>
            <translation>La distance est %g m ; elle doit être de 0 à 10000.</translation>
        </message>
        <message>
            <source>The focal length is %g mm; it must be above 0, to 3000.</source>
            <translation>La focale est %g mm ; elle doit dépasser 0, jusqu'à 3000.</translation>
        </message>
        <message>
            <source>The exposure is %g stops from normal; it must be -20 to 20.</source>
            <translation>L'exposition est à %g diaph. de la normale ; ce doit être de -20 à 20.</translation>
        </message>
        <message>
            <source>The focal length is %g mm, but %s goes from %g to %g mm.</source>
            <translation>La focale est %g mm, mais %s va de %g à %g mm.</translation>
        </message>
        <message>
            <source>"%1" is not the code of a slate.</source>
            <translation>« %1 » n'est pas le code d'un clap.</translation>
        </message>
        <message>
            <source>Taken %1 after the slate of %2.</source>
            <translation>Prise %1 après le clap de %2.</translation>
        </message>
        <message>
            <source>%1 s</source>
            <translation>%1 s</translation>
        </message>
        <message>
            <source>It shows a slate of another shoot, or of a setup that is not there any more.</source>
            <translation>Elle montre un clap d'une autre prise de vues, ou d'une configuration disparue.</translation>
        </message>
        <message>
            <source>It shows the slate of %1.</source>
            <translation>Elle montre le clap de %1.</translation>
        </message>
        <message>
            <source>No setup has this body and lens.</source>
            <translation>Aucune configuration n'a ce boîtier et cet objectif.</translation>
        </message>
        <message>
            <source>Its body and lens are those of %1, but it was taken at another time.</source>
            <translation>Boîtier et objectif sont ceux de %1, mais elle a été prise à un autre moment.</translation>
        </message>
        <message>
            <source>It could be of %1; nothing in the file tells which.</source>
            <translation>Elle pourrait être de %1 ; rien dans le fichier ne le dit.</translation>
        </message>
        <message>
            <source>The only setup with this body and lens.</source>
            <translation>La seule configuration avec ce boîtier et cet objectif.</translation>
        </message>
        <message>
            <source>Of the setups with this body and lens, it was taken in this one's time.</source>
            <translation>Des configurations à ce boîtier et objectif, elle a été prise au temps de celle-ci.</translation>
        </message>
        <message>
            <source>Its body, %1, is not the setup's, %2.</source>
            <translation>Son boîtier, %1, n'est pas celui de la configuration, %2.</translation>
        </message>
        <message>
            <source>Its body, %1, is not the setup's.</source>
            <translation>Son boîtier, %1, n'est pas celui de la configuration.</translation>
        </message>
        <message>
            <source>Its lens, %1, is not the setup's, %2.</source>
            <translation>Son objectif, %1, n'est pas celui de la configuration, %2.</translation>
        </message>
        <message>
            <source>It was taken %1 minutes outside the setup's time.</source>
            <translation>Elle a été prise %1 minutes hors du temps de la configuration.</translation>
        </message>
        <message>
            <source>There is no reading to average.</source>
            <translation>Il n'y a pas de lecture à moyenner.</translation>
        </message>
        <message>
            <source>These frames show different charts; only frames of one chart can be averaged.</source>
            <translation>Ces images montrent des mires différentes ; seules celles d'une mire se moyennent.</translation>
        </message>
        <message>
            <source>A white must have light in every channel.</source>
            <translation>Un blanc doit avoir de la lumière dans chaque canal.</translation>
        </message>
        <message>
            <source>The raw file's colour matrix cannot be inverted.</source>
            <translation>La matrice de couleur du fichier raw ne s'inverse pas.</translation>
        </message>
        <message>
            <source>That is no light's colour by the raw file's own matrix.</source>
            <translation>Selon la matrice du fichier raw, ce n'est la couleur d'aucune lumière.</translation>
        </message>
        <message>
            <source>magenta</source>
            <translation>magenta</translation>
        </message>
        <message>
            <source>cold</source>
            <translation>froid</translation>
        </message>
        <message>
            <source>cyan</source>
            <translation>cyan</translation>
        </message>
        <message>
            <source>Level</source>
            <translation>Niveau</translation>
        </message>
        <message>
            <source>%.2f stops darker</source>
            <translation>%.2f diaph. plus sombre</translation>
        </message>
        <message>
            <source>%.2f stops lighter</source>
            <translation>%.2f diaph. plus clair</translation>
        </message>
        <message>
            <source>The earlier reading has no usable grey.</source>
            <translation>La lecture antérieure n'a pas de gris utilisable.</translation>
        </message>
        <message>
            <source>%.0f mired colder</source>
            <translation>%.0f mired plus froid</translation>
        </message>
        <message>
            <source>%.0f mired warmer</source>
            <translation>%.0f mired plus chaud</translation>
        </message>
        <message>
            <source>, greener</source>
            <translation>, plus vert</translation>
        </message>
        <message>
            <source>, more magenta</source>
            <translation>, plus magenta</translation>
        </message>
        <message>
            <source>Focus</source>
            <translation>Netteté</translation>
        </message>
        <message>
            <source>edges of %.1f px, were %.1f</source>
            <translation>bords de %.1f px, étaient %.1f</translation>
        </message>
        <message>
            <source>Even light</source>
            <translation>Lumière égale</translation>
        </message>
        <message>
            <source>%.2f stops, was %.2f</source>
            <translation>%.2f diaph., étaient %.2f</translation>
        </message>
        <message>
            <source>Veil</source>
            <translation>Voile</translation>
        </message>
        <message>
            <source>%.2f %%, was %.2f</source>
            <translation>%.2f %%, étaient %.2f</translation>
        </message>
        <message>
            <source>%.1f %% of the frame</source>
            <translation>%.1f %% de l'image</translation>
        </message>
        <message>
            <source>Size</source>
            <translation>Taille</translation>
        </message>
        <message>
            <source>the same</source>
            <translation>la même</translation>
        </message>
        <message>
            <source>%.0f %% smaller</source>
            <translation>%.0f %% plus petite</translation>
        </message>
        <message>
            <source>%.0f %% larger</source>
            <translation>%.0f %% plus grande</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Couleurs</translation>
        </message>
        <message>
            <source>These are readings of different charts; only the same chart can be compared.</source>
            <translation>Ce sont des lectures de mires différentes ; seule une même mire se compare.</translation>
        </message>
        <message>
            <source>The two readings have no usable grey in common, so nothing can be compared.</source>
            <translation>Les deux lectures n'ont aucun gris utilisable en commun, rien à comparer.</translation>
        </message>
        <message>
            <source>Nothing moved.</source>
            <translation>Rien n'a bougé.</translation>
        </message>
        <message>
            <source>Moved: %1.</source>
            <translation>A bougé : %1.</translation>
        </message>
        <message>
            <source>of clipping</source>
            <translation>de l'écrêtage</translation>
        </message>
        <message>
            <source>The lightest neutral, %1, would reach %2 of the clipping level in %3, its strongest channel (red %4, green %5, blue %6). </source>
            <translation>Le neutre le plus clair, %1, atteindrait %2 du niveau d'écrêtage en %3, son canal le plus fort (rouge %4, vert %5, bleu %6). </translation>
        </message>
        <message>
            <source>The lightest neutral, %1, reaches %2 of the clipping level in %3, its strongest channel (red %4, green %5, blue %6). </source>
            <translation>Le neutre le plus clair, %1, atteint %2 du niveau d'écrêtage en %3, son canal le plus fort (rouge %4, vert %5, bleu %6). </translation>
        </message>
        <message>
            <source>This close to the ceiling, highlights of the subject and a channel of the chart are lost.</source>
            <translation>Si près du plafond, les hautes lumières du sujet et un canal de la mire sont perdus.</translation>
        </message>
        <message>
            <source>Close down by %1 stops and shoot it again.</source>
            <translation>Fermez de %1 diaph. et reprenez.</translation>
        </message>
        <message>
            <source>Dark patches sink into noise, and the correction would lift that noise with them.</source>
            <translation>Les plages sombres se noient dans le bruit, et la correction le relèverait avec elles.</translation>
        </message>
        <message>
            <source>Open up by %1 stops and shoot it again.</source>
            <translation>Ouvrez de %1 diaph. et reprenez.</translation>
        </message>
        <message>
            <source>That uses the range well and clips nothing.</source>
            <translation>Cela utilise bien la plage et n'écrête rien.</translation>
        </message>
        <message>
            <source>%1 to %2 stops from nominal</source>
            <translation>%1 à %2 diaph. du nominal</translation>
        </message>
        <message>
            <source>By all greys the chart lies %1 stops below where %2 has it at nominal exposure: a grey of 18 % is at %3 of the signal, nominal is %4. </source>
            <translation>D'après tous les gris, la mire est %1 diaph. sous la place que lui donne %2 à l'exposition nominale : un gris de 18 % est à %3 du signal, le nominal est %4. </translation>
        </message>
        <message>
            <source>By all greys the chart lies %1 stops above where %2 has it at nominal exposure: a grey of 18 % is at %3 of the signal, nominal is %4. </source>
            <translation>D'après tous les gris, la mire est %1 diaph. au-dessus de la place que lui donne %2 à l'exposition nominale : un gris de 18 % est à %3 du signal, le nominal est %4. </translation>
        </message>
        <message>
            <source>That is where the curve is meant to be used.</source>
            <translation>C'est là que la courbe doit servir.</translation>
        </message>
        <message>
            <source>Highlights of the subject reach the recording's end sooner.</source>
            <translation>Les hautes lumières du sujet atteignent plus tôt la fin de l'enregistrement.</translation>
        </message>
        <message>
            <source>The subject's shadows lie in noise, which the correction lifts.</source>
            <translation>Les ombres du sujet sont dans le bruit, que la correction relève.</translation>
        </message>
        <message>
            <source>Clipping</source>
            <translation>Écrêtage</translation>
        </message>
        <message>
            <source>of pixels</source>
            <translation>des pixels</translation>
        </message>
        <message>
            <source>at most %1 in any patch</source>
            <translation>au plus %1 dans une plage</translation>
        </message>
        <message>
            <source>No patch touches the ceiling in any channel.</source>
            <translation>Aucune plage ne touche le plafond dans un canal.</translation>
        </message>
        <message>
            <source>In %1, %2 of the pixels are clipped, most in %3. A clipped channel reads too low, and its colour turns.</source>
            <translation>Dans %1, %2 des pixels sont écrêtés, surtout en %3. Un canal écrêté lit trop bas, et sa couleur tourne.</translation>
        </message>
        <message>
            <source> Clipped: %1.</source>
            <translation> Écrêtées : %1.</translation>
        </message>
        <message>
            <source>Close down by half a stop to a stop and shoot it again.</source>
            <translation>Fermez d'un demi à un diaph. et reprenez.</translation>
        </message>
        <message>
            <source>Shadow signal to noise</source>
            <translation>Signal sur bruit dans l'ombre</translation>
        </message>
        <message>
            <source>at least %1</source>
            <translation>au moins %1</translation>
        </message>
        <message>
            <source>In the darkest neutral, %1, one pixel's %2 is %3 times its noise.</source>
            <translation>Dans le neutre le plus sombre, %1, le %2 d'un pixel vaut %3 fois son bruit.</translation>
        </message>
        <message>
            <source> Black that lies in noise cannot be corrected, only lifted.</source>
            <translation> Un noir dans le bruit ne se corrige pas, il se relève seulement.</translation>
        </message>
        <message>
            <source>Give more light or a lower sensitivity, and shoot it again.</source>
            <translation>Donnez plus de lumière ou moins de sensibilité, et reprenez.</translation>
        </message>
        <message>
            <source>Signal to noise</source>
            <translation>Signal sur bruit</translation>
        </message>
        <message>
            <source>A mid-grey, %1, is %2 times the visual noise of one pixel once the greys are balanced.</source>
            <translation>Un gris moyen, %1, vaut %2 fois le bruit visuel d'un pixel une fois les gris équilibrés.</translation>
        </message>
        <message>
            <source> The chart's means average it away; the pictures keep it, and a strong correction adds to it.</source>
            <translation> Les moyennes de la mire l'effacent ; les images le gardent, et une forte correction l'augmente.</translation>
        </message>
        <message>
            <source>Lower the sensitivity and give more light, then shoot it again.</source>
            <translation>Baissez la sensibilité et donnez plus de lumière, puis reprenez.</translation>
        </message>
        <message>
            <source>Size in the frame</source>
            <translation>Taille dans l'image</translation>
        </message>
        <message>
            <source>% of the frame</source>
            <translation>% de l'image</translation>
        </message>
        <message>
            <source>%1 to %2 %</source>
            <translation>%1 à %2 %</translation>
        </message>
        <message>
            <source>The chart covers %1 % of the frame.</source>
            <translation>La mire couvre %1 % de l'image.</translation>
        </message>
        <message>
            <source> Filling the frame, it takes the lens's darker corners for colour.</source>
            <translation> Plein cadre, elle prend les coins sombres de l'objectif pour de la couleur.</translation>
        </message>
        <message>
            <source>Step back until it covers about a tenth of the frame.</source>
            <translation>Reculez jusqu'à ce qu'elle couvre environ un dixième de l'image.</translation>
        </message>
        <message>
            <source>Go closer, or use a larger chart.</source>
            <translation>Approchez-vous, ou prenez une mire plus grande.</translation>
        </message>
        <message>
            <source> About a tenth, away from the corners, is the safest.</source>
            <translation> Environ un dixième, loin des coins, est le plus sûr.</translation>
        </message>
        <message>
            <source>Pixels per patch</source>
            <translation>Pixels par plage</translation>
        </message>
        <message>
            <source>The smallest patch, %1, gives %2 pixels to average; the mean's noise falls with their square root.</source>
            <translation>La plus petite plage, %1, donne %2 pixels à moyenner ; le bruit de la moyenne baisse avec leur racine.</translation>
        </message>
        <message>
            <source>Away from the edge</source>
            <translation>Loin du bord</translation>
        </message>
        <message>
            <source>% of the short side</source>
            <translation>% du petit côté</translation>
        </message>
        <message>
            <source>at least %1 %</source>
            <translation>au moins %1 %</translation>
        </message>
        <message>
            <source>Its %1 corner is %2 pixels from the frame's edge.</source>
            <translation>Son coin %1 est à %2 pixels du bord.</translation>
        </message>
        <message>
            <source> Lenses are darkest and least sharp there.</source>
            <translation> Les objectifs y sont les plus sombres et les moins nets.</translation>
        </message>
        <message>
            <source>Bring the chart nearer to the middle.</source>
            <translation>Rapprochez la mire du centre.</translation>
        </message>
        <message>
            <source>Tilt</source>
            <translation>Inclinaison</translation>
        </message>
        <message>
            <source>degrees</source>
            <translation>degrés</translation>
        </message>
        <message>
            <source>at most %1 degrees</source>
            <translation>au plus %1 degrés</translation>
        </message>
        <message>
            <source>The chart is tilted %1 degrees away from the camera, and turned %2 degrees in the picture.</source>
            <translation>La mire est inclinée de %1 degrés par rapport à la caméra, et tournée de %2 degrés dans l'image.</translation>
        </message>
        <message>
            <source>The chart is tilted %1 degrees away from the camera, taking the lens for a 50 mm (the frame does not say), and turned %2 degrees in the picture.</source>
            <translation>La mire est inclinée de %1 degrés par rapport à la caméra, en supposant un 50 mm (l'image ne le dit pas), et tournée de %2 degrés dans l'image.</translation>
        </message>
        <message>
            <source> At a slant its surface shines, and its patches differ in brightness.</source>
            <translation> De biais sa surface brille, et ses plages diffèrent en clarté.</translation>
        </message>
        <message>
            <source>Face it to the camera, and shoot it again.</source>
            <translation>Tournez-la face à la caméra, et reprenez.</translation>
        </message>
        <message>
            <source>Sharpness</source>
            <translation>Netteté</translation>
        </message>
        <message>
            <source>% of a patch</source>
            <translation>% d'une plage</translation>
        </message>
        <message>
            <source>edges at most %1 % of the smallest patch</source>
            <translation>bords au plus %1 % de la plus petite plage</translation>
        </message>
        <message>
            <source>Edges of patches are %1 pixels wide; the smallest patch has %2.</source>
            <translation>Les bords des plages font %1 pixels ; la plus petite plage en a %2.</translation>
        </message>
        <message>
            <source> Colours of neighbours run into one another.</source>
            <translation> Les couleurs voisines se mêlent.</translation>
        </message>
        <message>
            <source> They are wide one way only (%1 degrees from level): something moved.</source>
            <translation> Ils ne sont larges que dans un sens (%1 degrés de l'horizontale) : quelque chose a bougé.</translation>
        </message>
        <message>
            <source>Use a stand or a shorter exposure, and shoot it again.</source>
            <translation>Prenez un pied ou une pose plus courte, et reprenez.</translation>
        </message>
        <message>
            <source>Focus on the chart, and shoot it again.</source>
            <translation>Faites le point sur la mire, et reprenez.</translation>
        </message>
        <message>
            <source>Neutral greys</source>
            <translation>Gris neutres</translation>
        </message>
        <message>
            <source>cast</source>
            <translation>dominante</translation>
        </message>
        <message>
            <source>at most %1</source>
            <translation>au plus %1</translation>
        </message>
        <message>
            <source>No grey patch is usable: each is clipped or lies in noise, so there is nothing to balance on.</source>
            <translation>Aucune plage grise n'est utilisable : chacune est écrêtée ou dans le bruit, rien sur quoi équilibrer.</translation>
        </message>
        <message>
            <source>Set the exposure so that the lightest grey is bright but not clipped, and shoot it again.</source>
            <translation>Exposez pour que le gris le plus clair soit clair mais non écrêté, et reprenez.</translation>
        </message>
        <message>
            <source>After one balance for all greys, the worst, %1, is %2 from neutral.</source>
            <translation>Après une balance pour tous les gris, le pire, %1, est à %2 du neutre.</translation>
        </message>
        <message>
            <source> The greys disagree: mixed or uneven light, glare on the dark ones, or a dirty patch.</source>
            <translation> Les gris se contredisent : lumière mêlée ou inégale, reflets sur les sombres, ou une plage sale.</translation>
        </message>
        <message>
            <source>Look for a second light or a reflection on the chart, remove it, and shoot it again.</source>
            <translation>Cherchez une seconde lumière ou un reflet sur la mire, retirez-les, et reprenez.</translation>
        </message>
        <message>
            <source> One balance serves highlights and shadows alike.</source>
            <translation> Une balance sert hautes lumières et ombres à la fois.</translation>
        </message>
        <message>
            <source>Cast by level</source>
            <translation>Dominante par niveau</translation>
        </message>
        <message>
            <source>at most %1 at any level</source>
            <translation>au plus %1 à chaque niveau</translation>
        </message>
        <message>
            <source>light greys %1</source>
            <translation>gris clairs %1</translation>
        </message>
        <message>
            <source>middle greys %1</source>
            <translation>gris moyens %1</translation>
        </message>
        <message>
            <source>dark greys %1</source>
            <translation>gris sombres %1</translation>
        </message>
        <message>
            <source> One balance cannot serve all levels.</source>
            <translation> Une balance ne peut servir tous les niveaux.</translation>
        </message>
        <message>
            <source>If the recording is balanced on a light grey, balance on a mid-grey instead; look for coloured stray light on the dark patches.</source>
            <translation>Si l'enregistrement est équilibré sur un gris clair, prenez plutôt un gris moyen ; cherchez une lumière parasite colorée sur les plages sombres.</translation>
        </message>
        <message>
            <source>greys within %1 stops of the stated curve</source>
            <translation>gris à %1 diaph. de la courbe indiquée</translation>
        </message>
        <message>
            <source>The file does not say how its numbers relate to light; %1 was assumed from its kind. A wrong curve bends every colour.</source>
            <translation>Le fichier ne dit pas le lien de ses nombres à la lumière ; %1 a été supposé d'après son type. Une courbe fausse courbe toutes les couleurs.</translation>
        </message>
        <message>
            <source>Read as %1, which you stated.</source>
            <translation>Lu comme %1, selon votre indication.</translation>
        </message>
        <message>
            <source>Read as %1, which the file states.</source>
            <translation>Lu comme %1, selon le fichier.</translation>
        </message>
        <message>
            <source> The greys agree with it within %1 stops, and with %2 within %3.</source>
            <translation> Les gris concordent à %1 diaph., et avec %2 à %3.</translation>
        </message>
        <message>
            <source> The greys agree with it within %1 stops.</source>
            <translation> Les gris concordent à %1 diaph.</translation>
        </message>
        <message>
            <source>State %1 as the encoding and read it again, unless you know better.</source>
            <translation>Indiquez %1 comme encodage et relisez, sauf si vous savez mieux.</translation>
        </message>
        <message>
            <source>If you know better, state the encoding and read it again.</source>
            <translation>Si vous savez mieux, indiquez l'encodage et relisez.</translation>
        </message>
        <message>
            <source>Balance left alone</source>
            <translation>Balance intacte</translation>
        </message>
        <message>
            <source>gain</source>
            <translation>gain</translation>
        </message>
        <message>
            <source>linear frames not balanced before</source>
            <translation>images linéaires non équilibrées avant</translation>
        </message>
        <message>
            <source>The greys are as the sensor saw this light: red needs %1 and blue %2 times green's gain.</source>
            <translation>Les gris sont tels que le capteur a vu cette lumière : le rouge demande %1 et le bleu %2 fois le gain du vert.</translation>
        </message>
        <message>
            <source>The greys of this linear frame are already neutral within %1: a balance is baked in. The correction fits only frames that carry the same one.</source>
            <translation>Les gris de cette image linéaire sont déjà neutres à %1 : une balance y est incluse. La correction ne convient qu'aux images qui ont la même.</translation>
        </message>
        <message>
            <source>Where there is a choice, export without white balance, and read that.</source>
            <translation>Si possible, exportez sans balance des blancs, et lisez cela.</translation>
        </message>
        <message>
            <source>The right chart</source>
            <translation>La bonne mire</translation>
        </message>
        <message>
            <source>of its colours</source>
            <translation>de ses couleurs</translation>
        </message>
        <message>
            <source>at least %1 explained</source>
            <translation>au moins %1 expliqués</translation>
        </message>
        <message>
            <source>%1 of the colours of %2 are explained by what was read.</source>
            <translation>%1 des couleurs de %2 sont expliquées par la lecture.</translation>
        </message>
        <message>
            <source> That is little: it may be another chart, or the corners are not where they belong.</source>
            <translation> C'est peu : c'est peut-être une autre mire, ou les coins sont mal placés.</translation>
        </message>
        <message>
            <source>Choose the chart that is in the picture, or set its corners by hand.</source>
            <translation>Choisissez la mire qui est dans l'image, ou placez ses coins à la main.</translation>
        </message>
        <message>
            <source>Right way round</source>
            <translation>À l'endroit</translation>
        </message>
        <message>
            <source>corners in the definition's order</source>
            <translation>coins dans l'ordre de la définition</translation>
        </message>
        <message>
            <source>The corners go round the chart as its definition draws it.</source>
            <translation>Les coins suivent la mire comme la dessine sa définition.</translation>
        </message>
        <message>
            <source>The colours agree much better with the corners moved on by %1 of 4.</source>
            <translation>Les couleurs concordent bien mieux en décalant les coins de %1 sur 4.</translation>
        </message>
        <message>
            <source>Set the corners as top left, top right, bottom right, bottom left of the chart, not of the picture.</source>
            <translation>Placez les coins en haut à gauche, en haut à droite, en bas à droite, en bas à gauche de la mire, pas de l'image.</translation>
        </message>
        <message>
            <source>One chart</source>
            <translation>Une mire</translation>
        </message>
        <message>
            <source>charts</source>
            <translation>mires</translation>
        </message>
        <message>
            <source>one in the frame</source>
            <translation>une dans l'image</translation>
        </message>
        <message>
            <source>No other chart was found beside it.</source>
            <translation>Aucune autre mire trouvée à côté.</translation>
        </message>
        <message>
            <source>There is another chart in this frame; %1 was read.</source>
            <translation>Il y a une autre mire dans cette image ; %1 a été lue.</translation>
        </message>
        <message>
            <source>Make sure that the one in the subject's light was read; take the other away.</source>
            <translation>Assurez-vous que celle dans la lumière du sujet a été lue ; retirez l'autre.</translation>
        </message>
        <message>
            <source>at most %1 stops</source>
            <translation>au plus %1 diaph.</translation>
        </message>
        <message>
            <source>From its lightest to its darkest place the light on the chart falls by %1 stops, %2.</source>
            <translation>Du plus clair au plus sombre, la lumière sur la mire baisse de %1 diaph., %2.</translation>
        </message>
        <message>
            <source> That is after the flat field was taken out.</source>
            <translation> C'est après retrait de l'image uniforme.</translation>
        </message>
        <message>
            <source> It was taken out of the patches; the greys lie within %1 stops of the field that was.</source>
            <translation> Cela a été retiré des plages ; les gris sont à %1 diaph. du champ retiré.</translation>
        </message>
        <message>
            <source> Patches are then measured in different light.</source>
            <translation> Les plages sont alors mesurées sous une lumière différente.</translation>
        </message>
        <message>
            <source>Move the lamp away or bounce it, or turn the chart towards it; or let Refero take the unevenness out.</source>
            <translation>Éloignez la lampe ou faites-la rebondir, ou tournez la mire vers elle ; ou laissez Refero retirer l'inégalité.</translation>
        </message>
        <message>
            <source>No shadow</source>
            <translation>Pas d'ombre</translation>
        </message>
        <message>
            <source>at most %1 stops at an edge</source>
            <translation>au plus %1 diaph. à un bord</translation>
        </message>
        <message>
            <source>No edge runs through the light on the chart.</source>
            <translation>Aucun bord ne traverse la lumière sur la mire.</translation>
        </message>
        <message>
            <source>An edge crosses the chart; beyond it the light is %1 stops down. In it: %2.</source>
            <translation>Un bord traverse la mire ; au-delà la lumière baisse de %1 diaph. Dedans : %2.</translation>
        </message>
        <message>
            <source>Find what throws it (a stand, a hand, yourself), and shoot it again.</source>
            <translation>Trouvez ce qui la projette (un pied, une main, vous-même), et reprenez.</translation>
        </message>
        <message>
            <source>Nothing on the chart</source>
            <translation>Rien sur la mire</translation>
        </message>
        <message>
            <source>patches</source>
            <translation>plages</translation>
        </message>
        <message>
            <source>no patch</source>
            <translation>aucune plage</translation>
        </message>
        <message>
            <source>Every patch is of one colour, and of the colour that the others lead one to expect.</source>
            <translation>Chaque plage est d'une seule couleur, celle que les autres laissent attendre.</translation>
        </message>
        <message>
            <source>Something lies between the patches: a finger, a clip, dirt.</source>
            <translation>Quelque chose est entre les plages : un doigt, une pince, de la saleté.</translation>
        </message>
        <message>
            <source>Something lies on %1, or it is dirty: it does not show the colour that the others lead one to expect, or not one colour.</source>
            <translation>Quelque chose couvre %1, ou elle est sale : elle ne montre pas la couleur attendue d'après les autres, ou pas une seule.</translation>
        </message>
        <message>
            <source>Something lies on %1, or they are dirty: they do not show the colours that the others lead one to expect, or not one colour.</source>
            <translation>Quelque chose couvre %1, ou elles sont sales : elles ne montrent pas les couleurs attendues d'après les autres, ou pas une seule.</translation>
        </message>
        <message>
            <source>Take it away, or clean the chart with a soft dry brush, and shoot it again.</source>
            <translation>Retirez-le, ou nettoyez la mire avec une brosse douce et sèche, et reprenez.</translation>
        </message>
        <message>
            <source>No veil</source>
            <translation>Pas de voile</translation>
        </message>
        <message>
            <source>of white</source>
            <translation>du blanc</translation>
        </message>
        <message>
            <source>at most %1 of white</source>
            <translation>au plus %1 du blanc</translation>
        </message>
        <message>
            <source>From the dark greys, %1 % of white's light lies over everything.</source>
            <translation>D'après les gris sombres, %1 % de la lumière du blanc couvre tout.</translation>
        </message>
        <message>
            <source> It lifts the blacks and washes colour out.</source>
            <translation> Il relève les noirs et délave les couleurs.</translation>
        </message>
        <message>
            <source>Shade the lens, clean it, keep bright things out of the frame, and shoot it again.</source>
            <translation>Ombragez l'objectif, nettoyez-le, gardez les choses claires hors cadre, et reprenez.</translation>
        </message>
        <message>
            <source>No shine</source>
            <translation>Pas de reflet</translation>
        </message>
        <message>
            <source>No patch mirrors a lamp or a window.</source>
            <translation>Aucune plage ne reflète une lampe ou une fenêtre.</translation>
        </message>
        <message>
            <source>A lamp or a window is mirrored in the chart: up to %1 of white is added.</source>
            <translation>Une lampe ou une fenêtre se reflète dans la mire : jusqu'à %1 du blanc s'ajoute.</translation>
        </message>
        <message>
            <source>A lamp or a window is mirrored in the chart: up to %1 of white is added on %2.</source>
            <translation>Une lampe ou une fenêtre se reflète dans la mire : jusqu'à %1 du blanc s'ajoute sur %2.</translation>
        </message>
        <message>
            <source>Turn the chart until the reflection leaves it, or put the lamp at 45 degrees.</source>
            <translation>Tournez la mire jusqu'à ce que le reflet la quitte, ou mettez la lampe à 45 degrés.</translation>
        </message>
        <message>
            <source>The subject's light</source>
            <translation>La lumière du sujet</translation>
        </message>
        <message>
            <source>at most %1 on a mid-grey</source>
            <translation>au plus %1 sur un gris moyen</translation>
        </message>
        <message>
            <source>Balanced on the chart, %1 in %2 is grey within %3 CIEDE2000, the farthest of %4.</source>
            <translation>Équilibré sur la mire, %1 dans %2 est gris à %3 CIEDE2000, le plus éloigné de %4.</translation>
        </message>
        <message>
            <source>Balanced on the chart, %1 in %2 is grey within %3 CIEDE2000.</source>
            <translation>Équilibré sur la mire, %1 dans %2 est gris à %3 CIEDE2000.</translation>
        </message>
        <message>
            <source>Balanced on the chart, %1 in %2 is %3 CIEDE2000 from grey: the light there is %4 than that on the chart.</source>
            <translation>Équilibré sur la mire, %1 dans %2 est à %3 CIEDE2000 du gris : la lumière y est %4 par rapport à celle de la mire.</translation>
        </message>
        <message>
            <source>of another tint</source>
            <translation>d'une autre teinte</translation>
        </message>
        <message>
            <source>Hold the chart where the subject is, turned to the same lamp, and shoot it again.</source>
            <translation>Tenez la mire où est le sujet, tournée vers la même lampe, et reprenez.</translation>
        </message>
        <message>
            <source>Patches by hand</source>
            <translation>Plages à la main</translation>
        </message>
        <message>
            <source>left out</source>
            <translation>exclues</translation>
        </message>
        <message>
            <source>at most a quarter left out</source>
            <translation>au plus un quart exclu</translation>
        </message>
        <message>
            <source>Left out: %1. </source>
            <translation>Exclues : %1. </translation>
        </message>
        <message>
            <source>Moved: %1. </source>
            <translation>Déplacées : %1. </translation>
        </message>
        <message>
            <source>They are measured where you put them.</source>
            <translation>Elles sont mesurées là où vous les avez mises.</translation>
        </message>
        <message>
            <source>A patch left out counts nowhere.</source>
            <translation>Une plage exclue ne compte nulle part.</translation>
        </message>
        <message>
            <source>So few patches carry only a simple correction; shoot the chart again where you can.</source>
            <translation>Si peu de plages ne portent qu'une correction simple ; reprenez la mire si vous pouvez.</translation>
        </message>
        <message>
            <source> %1 does not count: its greys are lit in another colour.</source>
            <translation> %1 ne compte pas : ses gris sont éclairés d'une autre couleur.</translation>
        </message>
        <message>
            <source> Not counted in %1, for they disagree: %2.</source>
            <translation> Non comptées dans %1, car elles se contredisent : %2.</translation>
        </message>
        <message>
            <source>Frames agree</source>
            <translation>Les images concordent</translation>
        </message>
        <message>
            <source>not counted</source>
            <translation>non comptées</translation>
        </message>
        <message>
            <source>every patch of every frame</source>
            <translation>chaque plage de chaque image</translation>
        </message>
        <message>
            <source>The patches are those of 1 frame, brought to the level of the others.</source>
            <translation>Les plages sont celles d'une image, ramenées au niveau des autres.</translation>
        </message>
        <message>
            <source>The patches are the mean of %1 frames, whose light differed by %2 stops and was brought to one level.</source>
            <translation>Les plages sont la moyenne de %1 images, dont la lumière différait de %2 diaph. et a été ramenée à un niveau.</translation>
        </message>
        <message>
            <source>Look at the frames named; leave them out of the average.</source>
            <translation>Regardez les images nommées ; excluez-les de la moyenne.</translation>
        </message>
        <message>
            <source>The flat-field frame is too small: it needs 96 x 64 pixels at least.</source>
            <translation>L'image uniforme est trop petite : il lui faut au moins 96 x 64 pixels.</translation>
        </message>
        <message>
            <source>The flat-field frame is too dark.</source>
            <translation>L'image uniforme est trop sombre.</translation>
        </message>
        <message>
            <source>The flat-field frame is clipped; expose it as a light grey.</source>
            <translation>L'image uniforme est écrêtée ; exposez-la comme un gris clair.</translation>
        </message>
        <message>
            <source>This frame shows more than a plain card: its brightness jumps. Fill the frame with a grey or white card, out of focus.</source>
            <translation>Cette image montre plus qu'une carte unie : sa clarté saute. Remplissez le cadre d'une carte grise ou blanche, floue.</translation>
        </message>
        <message>
            <source>Grey within %.1f CIEDE2000</source>
            <translation>Gris à %.1f CIEDE2000</translation>
        </message>
        <message>
            <source>warmer</source>
            <translation>plus chaud</translation>
        </message>
        <message>
            <source>colder</source>
            <translation>plus froid</translation>
        </message>
        <message>
            <source>greener</source>
            <translation>plus vert</translation>
        </message>
        <message>
            <source>more magenta</source>
            <translation>plus magenta</translation>
        </message>
        <message>
            <source>Not grey: %1, %2 CIEDE2000, %3 mired</source>
            <translation>Pas gris : %1, %2 CIEDE2000, %3 mired</translation>
        </message>
        <message>
            <source>There is too little light in this region to balance on.</source>
            <translation>Trop peu de lumière dans cette zone pour équilibrer.</translation>
        </message>
        <message>
            <source>This region is clipped: balancing on it would bring a cast that cannot be seen here.</source>
            <translation>Cette zone est écrêtée : l'équilibrer dessus donnerait une dominante invisible ici.</translation>
        </message>
        <message>
            <source>The chart has no usable grey to compare with.</source>
            <translation>La mire n'a pas de gris utilisable à comparer.</translation>
        </message>
        <message>
            <source>Evenness after the lightness uniformity of the US federal digitisation guidelines (three stars, from memory); noise after ISO 12232's excellent; the rest is common practice of collections.</source>
            <translation>Uniformité selon celle de clarté des directives fédérales américaines de numérisation (trois étoiles, de mémoire) ; bruit selon l'excellent d'ISO 12232 ; le reste est la pratique des collections.</translation>
        </message>
        <message>
            <source>Product</source>
            <translation>Produit</translation>
        </message>
        <message>
            <source>Greys within 1 % after balancing and 90 % for the lightest patch are common practice; evenness, glare and focus lie between careful and slightly mistaken shots of the virtual camera.</source>
            <translation>Des gris à 1 % après balance et 90 % pour la plage la plus claire sont courants ; uniformité, reflets et netteté se placent entre prises soignées et légèrement manquées de la caméra virtuelle.</translation>
        </message>
        <message>
            <source>What still gives a usable balance and matrix in a hurry; common practice of reportage.</source>
            <translation>Ce qui donne encore, dans l'urgence, une balance et une matrice utilisables ; pratique du reportage.</translation>
        </message>
        <message>
            <source>Log and flat recordings hold white low and black high; common practice of camera crews.</source>
            <translation>Les enregistrements log et plats tiennent le blanc bas et le noir haut ; pratique des équipes caméra.</translation>
        </message>
        <message>
            <source>There are no limits called "%1"; there are Copy work, Product, Event and Film.</source>
            <translation>Il n'y a pas de limites « %1 » ; il y a Copy work, Product, Event et Film.</translation>
        </message>
        <message>
            <source>No check is called %1.</source>
            <translation>Aucun contrôle ne s'appelle %1.</translation>
        </message>
        <message>
            <source>The limits of %1 are not in order: tolerable from, good from, good to, tolerable to.</source>
            <translation>Les limites de %1 ne sont pas dans l'ordre : tolérable dès, bon dès, bon jusqu'à, tolérable jusqu'à.</translation>
        </message>
        <message>
            <source>The changed limit of %1 needs four numbers.</source>
            <translation>La limite modifiée de %1 demande quatre nombres.</translation>
        </message>
        <message>
            <source>The changed limit of %1 has more than four numbers.</source>
            <translation>La limite modifiée de %1 a plus de quatre nombres.</translation>
        </message>
        <message>
            <source>Good</source>
            <translation>Bon</translation>
        </message>
        <message>
            <source>Look again</source>
            <translation>À revoir</translation>
        </message>
        <message>
            <source>Shoot again</source>
            <translation>À refaire</translation>
        </message>
        <message>
            <source>"%1" is nothing that is taken out of the light; it is a flat field, the chart, or both.</source>
            <translation>« %1 » n'est rien qu'on retire de la lumière ; c'est une image uniforme, la mire, ou les deux.</translation>
        </message>
        <message>
            <source>There is no treatment called "%1".</source>
            <translation>Il n'y a pas de traitement « %1 ».</translation>
        </message>
        <message>
            <source>was recorded as %1, and its correction is for %2, whose numbers mean other colours. Shoot the chart once in this recording, too, or lend it a correction that was made from it</source>
            <translation>a été enregistrée en %1, et sa correction est pour %2, dont les nombres signifient d'autres couleurs. Prenez aussi la mire une fois dans cet enregistrement, ou prêtez-lui une correction qui en vient</translation>
        </message>
        <message>
            <source>Colours outside a space are compressed, cut or automatic, not "%1".</source>
            <translation>Les couleurs hors d'un espace sont compressed, cut ou automatic, pas « %1 ».</translation>
        </message>
        <message>
            <source>Highlights are cut, rebuilt or as-recorded, not "%1".</source>
            <translation>Les hautes lumières sont cut, rebuilt ou as-recorded, pas « %1 ».</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 et %2</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>%1 and %2 more</source>
            <translation>%1 et %2 autres</translation>
        </message>
        <message>
            <source>more than +2 stops</source>
            <translation>plus de +2 diaph.</translation>
        </message>
        <message>
            <source>+1 to +2</source>
            <translation>+1 à +2</translation>
        </message>
        <message>
            <source>+1/3 to +1</source>
            <translation>+1/3 à +1</translation>
        </message>
        <message>
            <source>mid-grey</source>
            <translation>gris moyen</translation>
        </message>
        <message>
            <source>−1 to −1/3</source>
            <translation>−1 à −1/3</translation>
        </message>
        <message>
            <source>−2 to −1</source>
            <translation>−2 à −1</translation>
        </message>
        <message>
            <source>−3 to −2</source>
            <translation>−3 à −2</translation>
        </message>
        <message>
            <source>−4 to −3</source>
            <translation>−4 à −3</translation>
        </message>
        <message>
            <source>−5 to −4</source>
            <translation>−5 à −4</translation>
        </message>
        <message>
            <source>less than −5 stops</source>
            <translation>moins de −5 diaph.</translation>
        </message>
        <message>
            <source>white, 94 to 98 %</source>
            <translation>blanc, 94 à 98 %</translation>
        </message>
        <message>
            <source>white, 88 to 92 %</source>
            <translation>blanc, 88 à 92 %</translation>
        </message>
        <message>
            <source>mid-grey within 1/3 stop</source>
            <translation>gris moyen à 1/3 de diaph.</translation>
        </message>
        <message>
            <source>black, 2 to 6 %</source>
            <translation>noir, 2 à 6 %</translation>
        </message>
        <message>
            <source>clipped</source>
            <translation>écrêté</translation>
        </message>
        <message>
            <source>all channels clipped</source>
            <translation>tous les canaux écrêtés</translation>
        </message>
        <message>
            <source>red clipped</source>
            <translation>rouge écrêté</translation>
        </message>
        <message>
            <source>green clipped</source>
            <translation>vert écrêté</translation>
        </message>
        <message>
            <source>blue clipped</source>
            <translation>bleu écrêté</translation>
        </message>
        <message>
            <source>at the floor</source>
            <translation>au plancher</translation>
        </message>
        <message>
            <source>A series needs at least one chart shot.</source>
            <translation>Une série demande au moins une prise de mire.</translation>
        </message>
        <message>
            <source>%1 shows %2, %3 shows %4. A series is of one chart.</source>
            <translation>%1 montre %2, %3 montre %4. Une série est d'une seule mire.</translation>
        </message>
        <message>
            <source>Nothing of the series is left to be compared.</source>
            <translation>Il ne reste rien de la série à comparer.</translation>
        </message>
        <message>
            <source>"%1" is not a colour temperature in kelvin.</source>
            <translation>« %1 » n'est pas une température de couleur en kelvins.</translation>
        </message>
        <message>
            <source>CIE daylight is defined from 4000 K to 25000 K.</source>
            <translation>La lumière du jour CIE est définie de 4000 K à 25000 K.</translation>
        </message>
        <message>
            <source>A black body's temperature must be 500 K to 50000 K.</source>
            <translation>La température d'un corps noir doit être de 500 K à 50000 K.</translation>
        </message>
        <message>
            <source>There is no light called "%1". Known are a, d50, d55, d65, e, f2, f7, f11, led-3000, led-5600, daylight-&lt;kelvin&gt; and blackbody-&lt;kelvin&gt;.</source>
            <translation>Il n'y a pas de lumière « %1 ». Connues : a, d50, d55, d65, e, f2, f7, f11, led-3000, led-5600, daylight-&lt;kelvin&gt; et blackbody-&lt;kelvin&gt;.</translation>
        </message>
        <message>
            <source>A chromaticity with y = 0 has no colour temperature.</source>
            <translation>Une chromaticité avec y = 0 n'a pas de température de couleur.</translation>
        </message>
        <message>
            <source>This colour is too far from white light for a colour temperature to mean anything.</source>
            <translation>Cette couleur est trop loin du blanc pour qu'une température de couleur ait un sens.</translation>
        </message>
        <message>
            <source>Clips become pictures, ffv1 or av1, not "%1".</source>
            <translation>Les clips deviennent pictures, ffv1 ou av1, pas « %1 ».</translation>
        </message>
        <message>
            <source>Frames are written as exr, tif, png, jpg or dpx, not as "%1".</source>
            <translation>Les images s'écrivent en exr, tif, png, jpg ou dpx, pas en « %1 ».</translation>
        </message>
        <message>
            <source>A dpx has 10 or 16 bits.</source>
            <translation>Un dpx a 10 ou 16 bits.</translation>
        </message>
        <message>
            <source>A picture has 8 or 16 bits.</source>
            <translation>Une image a 8 ou 16 bits.</translation>
        </message>
        <message>
            <source>A JPEG's quality is 1 to 100.</source>
            <translation>La qualité d'un JPEG va de 1 à 100.</translation>
        </message>
        <message>
            <source>The long edge is 16 to 60,000 pixels, or 0 for the frame's own.</source>
            <translation>Le grand côté va de 16 à 60 000 pixels, ou 0 pour celui de l'image.</translation>
        </message>
        <message>
            <source>The job does not say into which folder.</source>
            <translation>Le travail ne dit pas dans quel dossier.</translation>
        </message>
        <message>
            <source>The job has no frames.</source>
            <translation>Le travail n'a pas d'images.</translation>
        </message>
        <message>
            <source>%1 is for .exr: other kinds of file cut off what is lighter than white and are too coarse in the shadows.</source>
            <translation>%1 est pour .exr : les autres types coupent ce qui dépasse le blanc et sont trop grossiers dans les ombres.</translation>
        </message>
        <message>
            <source>%1 has no correction: the job has none by the name "%2".</source>
            <translation>%1 n'a pas de correction : le travail n'en a pas du nom « %2 ».</translation>
        </message>
        <message>
            <source>The name's pattern has a { without its }.</source>
            <translation>Le modèle de nom a un { sans son }.</translation>
        </message>
        <message>
            <source>The name's pattern has {%1}, which is not known; there are {frame}, {n}, {space}, {setup}, {body}, {light}, {place} and {date}.</source>
            <translation>Le modèle de nom a {%1}, inconnu ; il y a {frame}, {n}, {space}, {setup}, {body}, {light}, {place} et {date}.</translation>
        </message>
        <message>
            <source>The name's pattern gives no name for %1.</source>
            <translation>Le modèle de nom ne donne pas de nom pour %1.</translation>
        </message>
        <message>
            <source>%1 could not be written: %2. The journal stands beside the job; put the job where it can be written.</source>
            <translation>%1 n'a pu être écrit : %2. Le journal est à côté du travail ; mettez le travail où l'on peut écrire.</translation>
        </message>
        <message>
            <source>%1 was changed since it was begun. Run it under another name, or remove %2 to begin anew.</source>
            <translation>%1 a changé depuis son début. Lancez-le sous un autre nom, ou supprimez %2 pour recommencer.</translation>
        </message>
        <message>
            <source>%1 is no journal of a job. Remove it to begin anew.</source>
            <translation>%1 n'est pas le journal d'un travail. Supprimez-le pour recommencer.</translation>
        </message>
        <message>
            <source>The folder %1 could not be made: %2.</source>
            <translation>Le dossier %1 n'a pu être créé : %2.</translation>
        </message>
        <message>
            <source>%1 could not be written: %2.</source>
            <translation>%1 n'a pu être écrit : %2.</translation>
        </message>
        <message>
            <source>The job's journal could not be written: %1. The picture itself is finished.</source>
            <translation>Le journal du travail n'a pu être écrit : %1. L'image elle-même est finie.</translation>
        </message>
        <message>
            <source>%1 was written, but is not there any more: has its disk gone?</source>
            <translation>%1 a été écrit mais n'est plus là : son disque a-t-il disparu ?</translation>
        </message>
        <message>
            <source>The folder %1 could not be made.</source>
            <translation>Le dossier %1 n'a pu être créé.</translation>
        </message>
        <message>
            <source>%1 has no pictures in it.</source>
            <translation>%1 ne contient pas d'images.</translation>
        </message>
        <message>
            <source>The job has %1 frames; there is no number %2.</source>
            <translation>Le travail a %1 images ; il n'y a pas de numéro %2.</translation>
        </message>
        <message>
            <source>%1 is a frame of the job itself; use another folder.</source>
            <translation>%1 est une image du travail lui-même ; prenez un autre dossier.</translation>
        </message>
        <message>
            <source>%1 of the files are there already (%2 and others). Say whether to replace, skip or number them, or use another folder.</source>
            <translation>%1 des fichiers existent déjà (%2 et d'autres). Dites s'il faut les remplacer, les sauter ou les numéroter, ou prenez un autre dossier.</translation>
        </message>
        <message>
            <source>1 of the files is there already (%1). Say whether to replace, skip or number it, or use another folder.</source>
            <translation>1 des fichiers existe déjà (%1). Dites s'il faut le remplacer, le sauter ou le numéroter, ou prenez un autre dossier.</translation>
        </message>
        <message>
            <source>%1 is not CGATS text: %2</source>
            <translation>%1 n'est pas du texte CGATS : %2</translation>
        </message>
        <message>
            <source>%1 has no data format.</source>
            <translation>%1 n'a pas de format de données.</translation>
        </message>
        <message>
            <source>%1 is empty.</source>
            <translation>%1 est vide.</translation>
        </message>
        <message>
            <source>%1 refers to the colour specification "%2", which is not in the file.</source>
            <translation>%1 renvoie à la spécification de couleur « %2 », absente du fichier.</translation>
        </message>
        <message>
            <source>%1 was not measured under %2, but under %3.</source>
            <translation>%1 n'a pas été mesuré sous %2, mais sous %3.</translation>
        </message>
        <message>
            <source>%1 was measured under %2 (ISO 13655). Say which of them: they differ where the surface has a brightener.</source>
            <translation>%1 a été mesuré sous %2 (ISO 13655). Dites lequel prendre : ils diffèrent si la surface a un azurant.</translation>
        </message>
        <message>
            <source>%1: its spectrum is not a list of numbers.</source>
            <translation>%1 : son spectre n'est pas une liste de nombres.</translation>
        </message>
        <message>
            <source>%1 has neither a reflectance spectrum nor CIE L*a*b* or XYZ.</source>
            <translation>%1 n'a ni spectre de réflectance, ni CIE L*a*b* ou XYZ.</translation>
        </message>
        <message>
            <source>%1 is not whole XML: %2 near character %3.</source>
            <translation>%1 n'est pas du XML entier : %2 près du caractère %3.</translation>
        </message>
        <message>
            <source>%1 is XML, but not CxF.</source>
            <translation>%1 est du XML, mais pas du CxF.</translation>
        </message>
        <message>
            <source>%1 has another kind of values than those before it.</source>
            <translation>%1 a un autre type de valeurs que ceux d'avant.</translation>
        </message>
        <message>
            <source>%1 is of another illuminant, observer or measurement condition than those before it; give a file of one.</source>
            <translation>%1 est d'un autre illuminant, observateur ou condition de mesure que ceux d'avant ; donnez un fichier d'un seul.</translation>
        </message>
        <message>
            <source>%1 has a spectrum of another length.</source>
            <translation>%1 a un spectre d'une autre longueur.</translation>
        </message>
        <message>
            <source>%1 has no columns for L*, a*, b*, or X, Y, Z, or wavelengths.</source>
            <translation>%1 n'a pas de colonnes pour L*, a*, b*, ni X, Y, Z, ni longueurs d'onde.</translation>
        </message>
        <message>
            <source>%1: its wavelengths are not evenly apart at %2 nm.</source>
            <translation>%1 : ses longueurs d'onde ne sont pas régulières à %2 nm.</translation>
        </message>
        <message>
            <source>%1: "%2" is not a number.</source>
            <translation>%1 : « %2 » n'est pas un nombre.</translation>
        </message>
        <message>
            <source>There is no chart file %1, and no chart of that name ships with Refero (%2).</source>
            <translation>Il n'y a pas de fichier de mire %1, et aucune mire de ce nom n'est livrée avec Refero (%2).</translation>
        </message>
        <message>
            <source>%1 mixes the channels: it is not a curve but a LUT of three dimensions.</source>
            <translation>%1 mélange les canaux : ce n'est pas une courbe mais une LUT à trois dimensions.</translation>
        </message>
        <message>
            <source>%1 bends its three channels differently; one curve for all is needed.</source>
            <translation>%1 courbe différemment ses trois canaux ; il faut une courbe pour tous.</translation>
        </message>
        <message>
            <source>%1 is neither two columns of numbers nor a 1D LUT that can be read. Stored number and linear light are wanted on each line.</source>
            <translation>%1 n'est ni deux colonnes de nombres ni une LUT 1D lisible. Il faut nombre stocké et lumière linéaire par ligne.</translation>
        </message>
        <message>
            <source>%1 A curve file of that name is not there, either.</source>
            <translation>%1 Il n'y a pas non plus de fichier de courbe de ce nom.</translation>
        </message>
        <message>
            <source>%1 could not be written as DNG.</source>
            <translation>%1 n'a pu être écrit en DNG.</translation>
        </message>
        <message>
            <source>A raw picture has at least 2 x 2 sites.</source>
            <translation>Une image raw a au moins 2 x 2 sites.</translation>
        </message>
        <message>
            <source>A sensor has 8 to 16 bits.</source>
            <translation>Un capteur a de 8 à 16 bits.</translation>
        </message>
        <message>
            <source>%1 cannot be read.</source>
            <translation>%1 n'est pas lisible.</translation>
        </message>
        <message>
            <source>%1 could not be read to its end.</source>
            <translation>%1 n'a pu être lu jusqu'au bout.</translation>
        </message>
        <message>
            <source>The folder %1 holds too many files called %2.</source>
            <translation>Le dossier %1 contient trop de fichiers nommés %2.</translation>
        </message>
        <message>
            <source>%1 could not be copied: %2.</source>
            <translation>%1 n'a pu être copié : %2.</translation>
        </message>
        <message>
            <source>The copy of %1 is not what was read from the card. Check the disk and the card reader.</source>
            <translation>La copie de %1 n'est pas ce qui a été lu de la carte. Vérifiez le disque et le lecteur.</translation>
        </message>
        <message>
            <source>%1 could not be opened: %2.</source>
            <translation>%1 n'a pas pu être ouvert : %2.</translation>
        </message>
        <message>
            <source>%1 could not be flushed to the disk: %2.</source>
            <translation>%1 n'a pas pu être écrit jusqu'au disque : %2.</translation>
        </message>
        <message>
            <source>The folder %1 does not exist, so %2 was not written.</source>
            <translation>Le dossier %1 n'existe pas, %2 n'a donc pas été écrit.</translation>
        </message>
        <message>
            <source>%1 is a folder, not a file.</source>
            <translation>%1 est un dossier, pas un fichier.</translation>
        </message>
        <message>
            <source>%1 could not be replaced: %2.</source>
            <translation>%1 n'a pas pu être remplacé : %2.</translation>
        </message>
        <message>
            <source>%1 %2 is as it was before.</source>
            <translation>%1 %2 est comme avant.</translation>
        </message>
        <message>
            <source>There is no file %1.</source>
            <translation>Il n'y a pas de fichier %1.</translation>
        </message>
        <message>
            <source>%1 is larger than %2 MB, which no file of this kind is.</source>
            <translation>%1 dépasse %2 Mo, ce qu'aucun fichier de ce type n'atteint.</translation>
        </message>
        <message>
            <source>%1 could not be read: %2.</source>
            <translation>%1 n'a pu être lu : %2.</translation>
        </message>
        <message>
            <source>%1 is too large.</source>
            <translation>%1 est trop grand.</translation>
        </message>
        <message>
            <source>%1 %2 and what belongs to it are as before.</source>
            <translation>%1 %2 et ce qui s'y rattache sont comme avant.</translation>
        </message>
        <message>
            <source>%1 %2 is as before.</source>
            <translation>%1 %2 est comme avant.</translation>
        </message>
        <message>
            <source>%1 could not be written to.</source>
            <translation>Impossible d'écrire dans %1.</translation>
        </message>
        <message>
            <source>%1 could not be written: the disk may be full or read-only.</source>
            <translation>%1 n'a pas pu être écrit : le disque est peut-être plein ou en lecture seule.</translation>
        </message>
        <message>
            <source>%1 could not be put in its place.</source>
            <translation>%1 n'a pas pu être mis à sa place.</translation>
        </message>
        <message>
            <source>%1, line %2: %3</source>
            <translation>%1, ligne %2 : %3</translation>
        </message>
        <message>
            <source>%1: it states no size, so it is no .cube.</source>
            <translation>%1 : sans taille indiquée, ce n'est pas un .cube.</translation>
        </message>
        <message>
            <source>%1: its domain is none: it must rise in each channel.</source>
            <translation>%1 : son domaine n'en est pas un : il doit monter dans chaque canal.</translation>
        </message>
        <message>
            <source>%1: %2 rows of numbers, where its size asks for %3.</source>
            <translation>%1 : %2 lignes de nombres, là où sa taille en demande %3.</translation>
        </message>
        <message>
            <source>The camera profile's matrices lead to no white for this grey.</source>
            <translation>Les matrices du profil d'appareil ne mènent à aucun blanc pour ce gris.</translation>
        </message>
        <message>
            <source>The camera profile's colour matrix makes white black.</source>
            <translation>La matrice de couleur du profil rend le blanc noir.</translation>
        </message>
        <message>
            <source>%1 makes numbers that are not finite of plain greys.</source>
            <translation>%1 donne des nombres non finis pour de simples gris.</translation>
        </message>
        <message>
            <source>%1 cannot be read: %2</source>
            <translation>%1 n'est pas lisible : %2</translation>
        </message>
        <message>
            <source>.cube, curves of %1 points</source>
            <translation>.cube, courbes de %1 points</translation>
        </message>
        <message>
            <source>.cube, 3D of %1 points%2</source>
            <translation>.cube, 3D de %1 points%2</translation>
        </message>
        <message>
            <source> after curves</source>
            <translation> après courbes</translation>
        </message>
        <message>
            <source>OpenColorIO configuration, from %1 to %2, view %3</source>
            <translation>Configuration OpenColorIO, de %1 à %2, vue %3</translation>
        </message>
        <message>
            <source>%1 cannot be used: %2</source>
            <translation>%1 est inutilisable : %2</translation>
        </message>
        <message>
            <source>%1 is no ICC profile, or it is damaged.</source>
            <translation>%1 n'est pas un profil ICC, ou il est endommagé.</translation>
        </message>
        <message>
            <source>%1 is an ICC profile of another class. Only input profiles and device links for RGB do something to a camera's picture.</source>
            <translation>%1 est un profil ICC d'une autre classe. Seuls profils d'entrée et liens RGB agissent sur l'image d'une caméra.</translation>
        </message>
        <message>
            <source>ICC device link</source>
            <translation>lien ICC</translation>
        </message>
        <message>
            <source>ICC input profile</source>
            <translation>profil ICC d'entrée</translation>
        </message>
        <message>
            <source>%1 cannot be carried out by Little CMS.</source>
            <translation>%1 ne peut être exécuté par Little CMS.</translation>
        </message>
        <message>
            <source>%1 is for raw files; this reading is of an encoded frame.</source>
            <translation>%1 est pour fichiers raw ; cette lecture est d'une image encodée.</translation>
        </message>
        <message>
            <source>%1 needs a grey to be balanced on, and no grey of the chart can be used.</source>
            <translation>%1 demande un gris pour équilibrer, et aucun gris de la mire n'est utilisable.</translation>
        </message>
        <message>
            <source>Camera profile for two lights</source>
            <translation>Profil d'appareil pour deux lumières</translation>
        </message>
        <message>
            <source>Camera profile for one light</source>
            <translation>Profil d'appareil pour une lumière</translation>
        </message>
        <message>
            <source>Of its two lights, the second has a share of %1 % in this one.</source>
            <translation>De ses deux lumières, la seconde a une part de %1 % dans celle-ci.</translation>
        </message>
        <message>
            <source>%1 is not there, or is no file.</source>
            <translation>%1 n'est pas là, ou n'est pas un fichier.</translation>
        </message>
        <message>
            <source>Decision list (CDL)</source>
            <translation>Liste de décision (CDL)</translation>
        </message>
        <message>
            <source>%1 file</source>
            <translation>fichier %1</translation>
        </message>
        <message>
            <source>%1 is no transform that can be assessed: .cube, .clf, .icc, .dcp, .cdl, an OpenColorIO configuration or a correction is.</source>
            <translation>%1 n'est pas une transformation évaluable : un .cube, .clf, .icc, .dcp, .cdl, une configuration OpenColorIO ou une correction l'est.</translation>
        </message>
        <message>
            <source>Correction, %1</source>
            <translation>Correction, %1</translation>
        </message>
        <message>
            <source>Nothing is done</source>
            <translation>Rien n'est fait</translation>
        </message>
        <message>
            <source>%1 is a raw file: its numbers are linear light, and no other encoding fits.</source>
            <translation>%1 est un fichier raw : ses nombres sont de la lumière linéaire, aucun autre encodage ne convient.</translation>
        </message>
        <message>
            <source>Its mosaic is not Bayer's: it was demosaiced by LibRaw, whose neighbours are alike.</source>
            <translation>Sa mosaïque n'est pas de Bayer : LibRaw l'a dématricée, et les voisins se ressemblent.</translation>
        </message>
        <message>
            <source>%1 is a folder, not a picture.</source>
            <translation>%1 est un dossier, pas une image.</translation>
        </message>
        <message>
            <source>%1 is empty: it has no bytes in it. Copy it from the card again.</source>
            <translation>%1 est vide : il ne contient aucun octet. Recopiez-le de la carte.</translation>
        </message>
        <message>
            <source>%1 needs more memory than there is. Make a smaller copy and use that.</source>
            <translation>%1 demande plus de mémoire qu'il n'y en a. Faites-en une copie plus petite.</translation>
        </message>
        <message>
            <source>OpenColorIO could not write the decision list: %1</source>
            <translation>OpenColorIO n'a pu écrire la liste de décision : %1</translation>
        </message>
        <message>
            <source>A LUT's size must be 2 to 129 points a side; 33 and 65 are usual.</source>
            <translation>La taille d'une LUT va de 2 à 129 points par côté ; 33 et 65 sont courants.</translation>
        </message>
        <message>
            <source>libtiff could not begin a camera profile.</source>
            <translation>libtiff n'a pu commencer un profil d'appareil.</translation>
        </message>
        <message>
            <source>libtiff could not write the camera profile.</source>
            <translation>libtiff n'a pu écrire le profil d'appareil.</translation>
        </message>
        <message>
            <source>That is no camera profile: it does not begin as one.</source>
            <translation>Ce n'est pas un profil d'appareil : il ne commence pas comme tel.</translation>
        </message>
        <message>
            <source>The camera profile has no matrices that could be read.</source>
            <translation>Le profil d'appareil n'a pas de matrices lisibles.</translation>
        </message>
        <message>
            <source>Exiv2 could not read the camera profile: %1</source>
            <translation>Exiv2 n'a pu lire le profil d'appareil : %1</translation>
        </message>
        <message>
            <source>A camera profile's light is A, D50, D55, D65 or D75.</source>
            <translation>La lumière d'un profil d'appareil est A, D50, D55, D65 ou D75.</translation>
        </message>
        <message>
            <source>The correction's matrix has no inverse.</source>
            <translation>La matrice de la correction n'a pas d'inverse.</translation>
        </message>
        <message>
            <source>A camera profile is for one light or for two.</source>
            <translation>Un profil d'appareil est pour une lumière ou deux.</translation>
        </message>
        <message>
            <source>A camera profile is for raw files; this correction is for frames encoded as %1. Write an ICC profile or a .cube for those.</source>
            <translation>Un profil d'appareil est pour fichiers raw ; cette correction est pour des images en %1. Écrivez un profil ICC ou un .cube.</translation>
        </message>
        <message>
            <source>State as many lights as there are corrections in the profile.</source>
            <translation>Indiquez autant de lumières qu'il y a de corrections dans le profil.</translation>
        </message>
        <message>
            <source>The two corrections are of two bodies: %1 and %2.</source>
            <translation>Les deux corrections sont de deux boîtiers : %1 et %2.</translation>
        </message>
        <message>
            <source>Both corrections are for the same kind of light.</source>
            <translation>Les deux corrections sont pour le même type de lumière.</translation>
        </message>
        <message>
            <source>The two corrections' lights are too much alike to go between them.</source>
            <translation>Les lumières des deux corrections se ressemblent trop pour aller de l'une à l'autre.</translation>
        </message>
        <message>
            <source>Refero does not write "%1"; it writes %2.</source>
            <translation>Refero n'écrit pas « %1 » ; il écrit %2.</translation>
        </message>
        <message>
            <source>Ten numbers cannot mix channels as a matrix does: strong colours stay off most.</source>
            <translation>Dix nombres ne mélangent pas les canaux comme une matrice : les couleurs fortes restent les plus fausses.</translation>
        </message>
        <message>
            <source>Decision list (ASC CDL)</source>
            <translation>Liste de décision (ASC CDL)</translation>
        </message>
        <message>
            <source>Slope, offset and power of each channel and one saturation: ten numbers for a grading program.</source>
            <translation>Pente, décalage et puissance de chaque canal et une saturation : dix nombres pour un étalonneur.</translation>
        </message>
        <message>
            <source>Common LUT Format (.clf)</source>
            <translation>Common LUT Format (.clf)</translation>
        </message>
        <message>
            <source>All of the correction, its finish too; a matrix stays a matrix.</source>
            <translation>Toute la correction, sa finition aussi ; une matrice reste une matrice.</translation>
        </message>
        <message>
            <source>No size was tried.</source>
            <translation>Aucune taille n'a été essayée.</translation>
        </message>
        <message>
            <source>Colours stay the camera's: a curve a channel can only balance, level and straighten greys.</source>
            <translation>Les couleurs restent celles de la caméra : une courbe par canal ne fait qu'équilibrer, mettre à niveau et redresser les gris.</translation>
        </message>
        <message>
            <source>3D LUT (.cube)</source>
            <translation>LUT 3D (.cube)</translation>
        </message>
        <message>
            <source>All of the correction, its finish too, between grid points.</source>
            <translation>Toute la correction, sa finition aussi, entre points de grille.</translation>
        </message>
        <message>
            <source>1D LUT (.cube)</source>
            <translation>LUT 1D (.cube)</translation>
        </message>
        <message>
            <source>Balance, level and the curves of the greys; a curve a channel cannot move colours.</source>
            <translation>Balance, niveau et courbes des gris ; une courbe par canal ne déplace pas les couleurs.</translation>
        </message>
        <message>
            <source>What bends colours becomes a map of hue and saturation, which does not tell levels apart.</source>
            <translation>Ce qui courbe les couleurs devient une carte de teinte et saturation, qui ne distingue pas les niveaux.</translation>
        </message>
        <message>
            <source>The balance is the raw developer's own: pick a grey of the chart with it.</source>
            <translation>La balance revient au développeur raw : prenez-y un gris de la mire.</translation>
        </message>
        <message>
            <source>Of the finish its contrast is the base tone curve, which each raw developer applies in its own way; the figures are without it.</source>
            <translation>De la finition, le contraste est la courbe de base, que chaque développeur raw applique à sa façon ; les chiffres sont sans elle.</translation>
        </message>
        <message>
            <source>Camera profile (.dcp)</source>
            <translation>Profil d'appareil (.dcp)</translation>
        </message>
        <message>
            <source>Matrices and a map of hue and saturation for raw developers, by the DNG specification.</source>
            <translation>Matrices et carte de teinte et saturation pour développeurs raw, selon la spécification DNG.</translation>
        </message>
        <message>
            <source>The document does not read back as it was written.</source>
            <translation>Le document ne se relit pas comme il a été écrit.</translation>
        </message>
        <message>
            <source>Refero document (.json)</source>
            <translation>Document Refero (.json)</translation>
        </message>
        <message>
            <source>The correction as it is, with all of its figures.</source>
            <translation>La correction telle quelle, avec tous ses chiffres.</translation>
        </message>
        <message>
            <source>Only the nearest matrix is in it: a matrix cannot bend a hue.</source>
            <translation>Seule la matrice la plus proche y est : une matrice ne courbe pas une teinte.</translation>
        </message>
        <message>
            <source>Input profile, ICC 4</source>
            <translation>Profil d'entrée, ICC 4</translation>
        </message>
        <message>
            <source>True colours for a raw developer or an editor.</source>
            <translation>Des couleurs justes pour un développeur raw ou un montage.</translation>
        </message>
        <message>
            <source>Input profile, ICC 2</source>
            <translation>Profil d'entrée, ICC 2</translation>
        </message>
        <message>
            <source>The same for programs that read version 2 only.</source>
            <translation>Le même pour les programmes qui ne lisent que la version 2.</translation>
        </message>
        <message>
            <source>OpenColorIO configuration</source>
            <translation>Configuration OpenColorIO</translation>
        </message>
        <message>
            <source>A colour space for compositing, with its CLF file beside it.</source>
            <translation>Un espace de couleur pour le compositing, avec son fichier CLF à côté.</translation>
        </message>
        <message>
            <source>It is a table to read: nothing can be corrected with it.</source>
            <translation>C'est un tableau à lire : il ne corrige rien.</translation>
        </message>
        <message>
            <source>The table does not read back as it was written.</source>
            <translation>Le tableau ne se relit pas comme il a été écrit.</translation>
        </message>
        <message>
            <source>Table of the patches (.csv)</source>
            <translation>Tableau des plages (.csv)</translation>
        </message>
        <message>
            <source>What was read, what it should be, and what became of it; no correction to apply.</source>
            <translation>Ce qui a été lu, ce qu'il faudrait et ce que c'est devenu ; pas de correction à appliquer.</translation>
        </message>
        <message>
            <source>Read back by %s, the file differs from the correction by up to %.2f CIEDE2000 (limit %.1f), by %.2f on average (limit %.1f).</source>
            <translation>Relu par %s, le fichier s'écarte de la correction de %.2f CIEDE2000 au plus (limite %.1f), de %.2f en moyenne (limite %.1f).</translation>
        </message>
        <message>
            <source> A LUT fed with linear light is too coarse in the shadows: feed it srgb or acescct, or begin it with a shaper.</source>
            <translation> Une LUT nourrie de lumière linéaire est trop grossière dans les ombres : donnez-lui srgb ou acescct, ou commencez-la par un shaper.</translation>
        </message>
        <message>
            <source> Ask for more points a side (97 or 129) where the program takes them, or feed it another encoding.</source>
            <translation> Demandez plus de points par côté (97 ou 129) là où le programme les accepte, ou donnez-lui un autre encodage.</translation>
        </message>
        <message>
            <source> Use an ICC profile, or feed it srgb.</source>
            <translation> Utilisez un profil ICC, ou donnez-lui srgb.</translation>
        </message>
        <message>
            <source>An exposure offset is at most 8 stops.</source>
            <translation>Un décalage d'exposition est d'au plus 8 diaph.</translation>
        </message>
        <message>
            <source>Only a 3D .cube begins with a shaper.</source>
            <translation>Seul un .cube 3D commence par un shaper.</translation>
        </message>
        <message>
            <source>Only a .cube is made for video range.</source>
            <translation>Seul un .cube se fait en plage vidéo.</translation>
        </message>
        <message>
            <source>A shaper is for linear light, which has no video range.</source>
            <translation>Un shaper est pour la lumière linéaire, qui n'a pas de plage vidéo.</translation>
        </message>
        <message>
            <source>A shaper is for linear light; feed it linear.</source>
            <translation>Un shaper est pour la lumière linéaire ; donnez-lui du linéaire.</translation>
        </message>
        <message>
            <source>Only a camera profile is for two lights.</source>
            <translation>Seul un profil d'appareil est pour deux lumières.</translation>
        </message>
        <message>
            <source>Only a camera profile has a base tone curve.</source>
            <translation>Seul un profil d'appareil a une courbe de base.</translation>
        </message>
        <message>
            <source>Only an ICC profile is made for balanced or unbalanced input.</source>
            <translation>Seul un profil ICC se fait pour une entrée équilibrée ou non.</translation>
        </message>
        <message>
            <source>Only a profile can leave the level as it is.</source>
            <translation>Seul un profil peut laisser le niveau tel quel.</translation>
        </message>
        <message>
            <source>Only a camera profile names its light.</source>
            <translation>Seul un profil d'appareil nomme sa lumière.</translation>
        </message>
        <message>
            <source>OpenColorIO could not make the configuration: %1</source>
            <translation>OpenColorIO n'a pu faire la configuration : %1</translation>
        </message>
        <message>
            <source>A plate is an .exr in linear sRGB or ACEScg, without the finish.</source>
            <translation>Une plate est un .exr en sRGB linéaire ou ACEScg, sans finition.</translation>
        </message>
        <message>
            <source>OpenColorIO could not show the plate: %1.</source>
            <translation>OpenColorIO n'a pu montrer la plate : %1.</translation>
        </message>
        <message>
            <source>Through the view, by %s, the plate differs from the graded picture by up to %.2f CIEDE2000 (limit %.1f), by %.2f on average (limit %.1f). What it showed is kept aside as %s.</source>
            <translation>À travers la vue, selon %s, la plaque s'écarte de l'image étalonnée de %.2f CIEDE2000 au plus (limite %.1f), de %.2f en moyenne (limite %.1f). Ce qu'elle montrait est gardé à part sous %s.</translation>
        </message>
        <message>
            <source>The plate and the graded picture are not of one size.</source>
            <translation>La plate et l'image étalonnée n'ont pas la même taille.</translation>
        </message>
        <message>
            <source>OpenColorIO could not read the file back: %1</source>
            <translation>OpenColorIO n'a pu relire le fichier : %1</translation>
        </message>
        <message>
            <source>The camera profile does not read back with its lights.</source>
            <translation>Le profil d'appareil ne se relit pas avec ses lumières.</translation>
        </message>
        <message>
            <source>The camera profile does not read back with its tone curve.</source>
            <translation>Le profil d'appareil ne se relit pas avec sa courbe.</translation>
        </message>
        <message>
            <source>Little CMS could not read the profile back.</source>
            <translation>Little CMS n'a pu relire le profil.</translation>
        </message>
        <message>
            <source>Little CMS could not make a transform of the profile.</source>
            <translation>Little CMS n'a pu faire une transformation du profil.</translation>
        </message>
        <message>
            <source>OpenColorIO could not write the transform: %1</source>
            <translation>OpenColorIO n'a pu écrire la transformation : %1</translation>
        </message>
        <message>
            <source>That is no ICC profile, or a damaged one.</source>
            <translation>Ce n'est pas un profil ICC, ou il est endommagé.</translation>
        </message>
        <message>
            <source>That ICC profile does not describe a display of red, green and blue.</source>
            <translation>Ce profil ICC ne décrit pas un écran rouge, vert et bleu.</translation>
        </message>
        <message>
            <source>That ICC profile cannot be used to show pictures with.</source>
            <translation>Ce profil ICC ne peut servir à montrer des images.</translation>
        </message>
        <message>
            <source>An ICC profile cannot undo %1, whose linear values go beyond 1. Write a .cube for it.</source>
            <translation>Un profil ICC ne peut défaire %1, dont les valeurs linéaires dépassent 1. Écrivez un .cube.</translation>
        </message>
        <message>
            <source>An ICC profile cannot hold the curve "%1", which begins below no light. Write a .cube for it.</source>
            <translation>Un profil ICC ne peut contenir la courbe « %1 », qui commence sous l'absence de lumière. Écrivez un .cube.</translation>
        </message>
        <message>
            <source>Little CMS could not write the profile.</source>
            <translation>Little CMS n'a pu écrire le profil.</translation>
        </message>
        <message>
            <source>Little CMS could not begin a profile.</source>
            <translation>Little CMS n'a pu commencer un profil.</translation>
        </message>
        <message>
            <source>The correction's gain is too large for an ICC profile.</source>
            <translation>Le gain de la correction est trop grand pour un profil ICC.</translation>
        </message>
        <message>
            <source>Little CMS could not write the profile's colours.</source>
            <translation>Little CMS n'a pu écrire les couleurs du profil.</translation>
        </message>
        <message>
            <source>Its embedded ICC profile is damaged.</source>
            <translation>Son profil ICC intégré est endommagé.</translation>
        </message>
        <message>
            <source>Its embedded ICC profile, "%1", does not describe RGB pictures.</source>
            <translation>Son profil ICC intégré, « %1 », ne décrit pas des images RVB.</translation>
        </message>
        <message>
            <source>Its embedded ICC profile, "%1", cannot be used.</source>
            <translation>Son profil ICC intégré, « %1 », est inutilisable.</translation>
        </message>
        <message>
            <source>%1: its parts are nested too deeply.</source>
            <translation>%1 : ses parties sont trop imbriquées.</translation>
        </message>
        <message>
            <source>%1: this is not JSON; it stops making sense at %2.</source>
            <translation>%1 : ce n'est pas du JSON ; il perd son sens à %2.</translation>
        </message>
        <message>
            <source>The part of Refero that reads and writes pictures could not be loaded: %1. Install Refero again.</source>
            <translation>La partie de Refero qui lit et écrit les images n'a pu être chargée : %1. Réinstallez Refero.</translation>
        </message>
        <message>
            <source>Refero cannot write files ending in "%1"; use .exr, .tif, .png, .jpg or .dpx.</source>
            <translation>Refero ne peut écrire de fichiers en « %1 » ; prenez .exr, .tif, .png, .jpg ou .dpx.</translation>
        </message>
        <message>
            <source>"%1" is too long for a QR code.</source>
            <translation>« %1 » est trop long pour un code QR.</translation>
        </message>
        <message>
            <source>%1 has %2 kinds of colour sites; colour is measured in red, green and blue. Convert it to a linear TIFF and use that.</source>
            <translation>%1 a %2 sortes de sites de couleur ; la couleur se mesure en rouge, vert et bleu. Convertissez-le en TIFF linéaire.</translation>
        </message>
        <message>
            <source>%1 could not be demosaiced: %2.</source>
            <translation>%1 n'a pu être dématricé : %2.</translation>
        </message>
        <message>
            <source>%1 does not say where its sensor clips.</source>
            <translation>%1 ne dit pas où son capteur écrête.</translation>
        </message>
        <message>
            <source>%1 could not be opened as a raw file: %2.</source>
            <translation>%1 n'a pu être ouvert comme fichier raw : %2.</translation>
        </message>
        <message>
            <source>%1 is damaged or incomplete: %2. Copy it from the card again.</source>
            <translation>%1 est endommagé ou incomplet : %2. Recopiez-le de la carte.</translation>
        </message>
        <message>
            <source>%1 has another mosaic than Bayer's.</source>
            <translation>%1 a une autre mosaïque que celle de Bayer.</translation>
        </message>
        <message>
            <source>%1 carries no preview.</source>
            <translation>%1 ne contient pas d'aperçu.</translation>
        </message>
        <message>
            <source>No %1 was found, but this frame shows a %2. Read it with that chart.</source>
            <translation>Aucune %1 trouvée, mais cette image montre une %2. Lisez-la avec cette mire.</translation>
        </message>
        <message>
            <source>No grey of the chart in %1 is usable.</source>
            <translation>Aucun gris de la mire dans %1 n'est utilisable.</translation>
        </message>
        <message>
            <source>No chart that Refero knows was found in this frame. Is the whole chart in it, in focus and not covered? If you can see it, choose the chart and set its four corners by hand.</source>
            <translation>Aucune mire connue de Refero n'a été trouvée dans cette image. Y est-elle entière, nette et découverte ? Si vous la voyez, choisissez-la et placez ses quatre coins à la main.</translation>
        </message>
        <message>
            <source>Camera</source>
            <translation>Caméra</translation>
        </message>
        <message>
            <source>not stated</source>
            <translation>non indiquée</translation>
        </message>
        <message>
            <source>White balance</source>
            <translation>Balance des blancs</translation>
        </message>
        <message>
            <source>as in the chart shot, set by hand: the file balances, and what the camera does by itself is added to it</source>
            <translation>comme dans la prise de mire, réglée à la main : le fichier équilibre, et ce que fait la caméra s'y ajoute</translation>
        </message>
        <message>
            <source>as in the chart shot</source>
            <translation>comme dans la prise de mire</translation>
        </message>
        <message>
            <source>%1 stops %2 the chart shot; the file takes it back</source>
            <translation>%1 diaph. %2 la prise de mire ; le fichier le reprend</translation>
        </message>
        <message>
            <source>over</source>
            <translation>au-dessus de</translation>
        </message>
        <message>
            <source>under</source>
            <translation>en dessous de</translation>
        </message>
        <message>
            <source>The file is fed</source>
            <translation>Le fichier reçoit</translation>
        </message>
        <message>
            <source>, video range</source>
            <translation>, plage vidéo</translation>
        </message>
        <message>
            <source>, full range</source>
            <translation>, plage complète</translation>
        </message>
        <message>
            <source>It gives</source>
            <translation>Il donne</translation>
        </message>
        <message>
            <source>Per cent of the signal (IRE)</source>
            <translation>Pour cent du signal (IRE)</translation>
        </message>
        <message>
            <source>Code of 1023</source>
            <translation>Code sur 1023</translation>
        </message>
        <message>
            <source>Chart shot</source>
            <translation>Prise de mire</translation>
        </message>
        <message>
            <source>Stops</source>
            <translation>Diaph.</translation>
        </message>
        <message>
            <source>Mired</source>
            <translation>Mired</translation>
        </message>
        <message>
            <source>Its own</source>
            <translation>Propre</translation>
        </message>
        <message>
            <source>Shared</source>
            <translation>Partagée</translation>
        </message>
        <message>
            <source>Brings %1 to the reference values of %2.</source>
            <translation>Mène %1 aux valeurs de référence de %2.</translation>
        </message>
        <message>
            <source>this camera</source>
            <translation>cette caméra</translation>
        </message>
        <message>
            <source>Makes %1 look like %2.</source>
            <translation>Fait ressembler %1 à %2.</translation>
        </message>
        <message>
            <source>Set at the camera</source>
            <translation>À régler sur la caméra</translation>
        </message>
        <message>
            <source>Exposed right when</source>
            <translation>Bien exposé quand</translation>
        </message>
        <message>
            <source>A waveform shows these per cent; a false-colour scale in per cent has its zones there.</source>
            <translation>Une forme d'onde montre ces pour cent ; une échelle de fausses couleurs y a ses zones.</translation>
        </message>
        <message>
            <source>Exposed otherwise</source>
            <translation>Exposé autrement</translation>
        </message>
        <message>
            <source>Shared by</source>
            <translation>Partagée par</translation>
        </message>
        <message>
            <source>Before and after it</source>
            <translation>Avant et après</translation>
        </message>
        <message>
            <source>The level of the chart shot is in this file. A camera profile, a LUT or an exposure before or after it that brings the level as well brightens or darkens twice: switch one of them off.</source>
            <translation>Le niveau de la prise de mire est dans ce fichier. Un profil, une LUT ou une exposition avant ou après qui l'apporte aussi éclaircit ou assombrit deux fois : coupez-en un.</translation>
        </message>
        <message>
            <source>Figures are CIEDE2000 (CIE 142-2001) over the chart's patches; mired and stops are from what the chart shots share. %1</source>
            <translation>Les chiffres sont CIEDE2000 (CIE 142-2001) sur les plages ; mired et diaph. par rapport à ce que partagent les prises. %1</translation>
        </message>
        <message>
            <source>Step</source>
            <translation>Étape</translation>
        </message>
        <message>
            <source>What to set</source>
            <translation>À régler</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Reste</translation>
        </message>
        <message>
            <source>Nothing to do.</source>
            <translation>Rien à faire.</translation>
        </message>
        <message>
            <source>Each sector as in the table below.</source>
            <translation>Chaque secteur comme dans le tableau ci-dessous.</translation>
        </message>
        <message>
            <source>Sector</source>
            <translation>Secteur</translation>
        </message>
        <message>
            <source>Before and after</source>
            <translation>Avant et après</translation>
        </message>
        <message>
            <source>Turn</source>
            <translation>Rotation</translation>
        </message>
        <message>
            <source>Lightness</source>
            <translation>Clarté</translation>
        </message>
        <message>
            <source>Wanted, by the recipe</source>
            <translation>Voulu, selon la recette</translation>
        </message>
        <message>
            <source>Wanted</source>
            <translation>Voulu</translation>
        </message>
        <message>
            <source>Recipe</source>
            <translation>Recette</translation>
        </message>
        <message>
            <source>Recipe for %1</source>
            <translation>Recette pour %1</translation>
        </message>
        <message>
            <source>%1 before, %2 in the end</source>
            <translation>%1 avant, %2 à la fin</translation>
        </message>
        <message>
            <source>From the frame as it was recorded, in sRGB. The figures are the chart's mean difference (CIEDE2000) from the corrected picture after each step; what is left at most is %1 (%2).</source>
            <translation>De l'image telle qu'enregistrée, en sRGB. Les chiffres sont l'écart moyen de la mire (CIEDE2000) à l'image corrigée après chaque étape ; au plus il reste %1 (%2).</translation>
        </message>
        <message>
            <source>The goal is %1. %2</source>
            <translation>Le but est %1. %2</translation>
        </message>
        <message>
            <source>In this order</source>
            <translation>Dans cet ordre</translation>
        </message>
        <message>
            <source>Hues, sector by sector</source>
            <translation>Teintes, secteur par secteur</translation>
        </message>
        <message>
            <source>A positive turn is counter-clockwise in the a*b* plane, from red over yellow to green; lightness is L* of a colour of medium strength.</source>
            <translation>Une rotation positive est antihoraire dans le plan a*b*, du rouge par le jaune au vert ; la clarté est L* d'une couleur de force moyenne.</translation>
        </message>
        <message>
            <source>What is left, patch by patch</source>
            <translation>Ce qui reste, plage par plage</translation>
        </message>
        <message>
            <source>Found by optimising exactly these settings on the chart's patches. Made by Refero.</source>
            <translation>Trouvée en optimisant ces réglages mêmes sur les plages de la mire. Fait avec Refero.</translation>
        </message>
        <message>
            <source> UTC</source>
            <translation> UTC</translation>
        </message>
        <message>
            <source>Shot</source>
            <translation>Prise</translation>
        </message>
        <message>
            <source>Chart frames</source>
            <translation>Images de mire</translation>
        </message>
        <message>
            <source>Frames are encoded as</source>
            <translation>Images encodées en</translation>
        </message>
        <message>
            <source>Taken out of the light</source>
            <translation>Retiré de la lumière</translation>
        </message>
        <message>
            <source>Mended</source>
            <translation>Réparé</translation>
        </message>
        <message>
            <source>nothing: used as it was shot</source>
            <translation>rien : utilisée telle quelle</translation>
        </message>
        <message>
            <source>Built</source>
            <translation>Construite</translation>
        </message>
        <message>
            <source>Judged as</source>
            <translation>Jugée comme</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Contrôle</translation>
        </message>
        <message>
            <source>Verdict</source>
            <translation>Verdict</translation>
        </message>
        <message>
            <source>Limit</source>
            <translation>Limite</translation>
        </message>
        <message>
            <source>Reason and remedy</source>
            <translation>Raison et remède</translation>
        </message>
        <message>
            <source>CIEDE2000</source>
            <translation>CIEDE2000</translation>
        </message>
        <message>
            <source>Half within</source>
            <translation>Moitié sous</translation>
        </message>
        <message>
            <source>95 % within</source>
            <translation>95 % sous</translation>
        </message>
        <message>
            <source>Mean, 95 of 100</source>
            <translation>Moyenne, 95 sur 100</translation>
        </message>
        <message>
            <source>As they are</source>
            <translation>Telles quelles</translation>
        </message>
        <message>
            <source>Balance alone</source>
            <translation>Balance seule</translation>
        </message>
        <message>
            <source>Patches left out in turn</source>
            <translation>Plages exclues tour à tour</translation>
        </message>
        <message>
            <source>Before, reference, after</source>
            <translation>Avant, référence, après</translation>
        </message>
        <message>
            <source>Reference</source>
            <translation>Référence</translation>
        </message>
        <message>
            <source>%1 (not used)</source>
            <translation>%1 (non utilisée)</translation>
        </message>
        <message>
            <source>Not checked on another shot: what is said here is of the chart that it was built from.</source>
            <translation>Non vérifiée sur une autre prise : ceci vaut pour la mire dont elle est issue.</translation>
        </message>
        <message>
            <source>File</source>
            <translation>Fichier</translation>
        </message>
        <message>
            <source>Bytes</source>
            <translation>Octets</translation>
        </message>
        <message>
            <source>Read back</source>
            <translation>Relu</translation>
        </message>
        <message>
            <source>SHA-256</source>
            <translation>SHA-256</translation>
        </message>
        <message>
            <source>The chart frame</source>
            <translation>L'image de mire</translation>
        </message>
        <message>
            <source>Goes towards %1. %2</source>
            <translation>Va vers %1. %2</translation>
        </message>
        <message>
            <source>The chart frame, corrected</source>
            <translation>L'image de mire, corrigée</translation>
        </message>
        <message>
            <source>The chart shot</source>
            <translation>La prise de mire</translation>
        </message>
        <message>
            <source>Patch by patch</source>
            <translation>Plage par plage</translation>
        </message>
        <message>
            <source>Handed over</source>
            <translation>Livré</translation>
        </message>
        <message>
            <source>Differences are CIEDE2000; colours relative to D50 and the 2 degree observer. Made by Refero.</source>
            <translation>Les écarts sont CIEDE2000 ; couleurs relatives à D50 et à l'observateur 2 degrés. Fait avec Refero.</translation>
        </message>
        <message>
            <source>Why, and what to do</source>
            <translation>Pourquoi, et que faire</translation>
        </message>
        <message>
            <source>Not good</source>
            <translation>Pas bon</translation>
        </message>
        <message>
            <source>Level only</source>
            <translation>Niveau seul</translation>
        </message>
        <message>
            <source>Drift</source>
            <translation>Dérive</translation>
        </message>
        <message>
            <source>Chroma noise</source>
            <translation>Bruit de chroma</translation>
        </message>
        <message>
            <source>Clipped</source>
            <translation>Écrêté</translation>
        </message>
        <message>
            <source>Steps lost</source>
            <translation>Marches perdues</translation>
        </message>
        <message>
            <source>Skin %1</source>
            <translation>Peau %1</translation>
        </message>
        <message>
            <source>Grey %1</source>
            <translation>Gris %1</translation>
        </message>
        <message>
            <source>Red %1</source>
            <translation>Rouge %1</translation>
        </message>
        <message>
            <source>Profiles</source>
            <translation>Profils</translation>
        </message>
        <message>
            <source>Noisier by, stops</source>
            <translation>Plus bruité de, diaph.</translation>
        </message>
        <message>
            <source>Look at what is marked</source>
            <translation>Regardez ce qui est marqué</translation>
        </message>
        <message>
            <source>Not good in parts</source>
            <translation>Pas bon en partie</translation>
        </message>
        <message>
            <source>%1 chart shots of %2 in 1 recording profile.</source>
            <translation>%1 prises de %2 dans 1 profil d'enregistrement.</translation>
        </message>
        <message>
            <source>%1 chart shots of %2 in %3 recording profiles.</source>
            <translation>%1 prises de %2 dans %3 profils d'enregistrement.</translation>
        </message>
        <message>
            <source>What it says</source>
            <translation>Ce qu'elle dit</translation>
        </message>
        <message>
            <source>Each step with its level alone corrected.</source>
            <translation>Chaque pas corrigé en niveau seulement.</translation>
        </message>
        <message>
            <source>%1, step by step</source>
            <translation>%1, pas à pas</translation>
        </message>
        <message>
            <source>Skin, red and grey: the base beside each step with its level alone corrected</source>
            <translation>Peau, rouge et gris : la base à côté de chaque pas, corrigé en niveau seulement</translation>
        </message>
        <message>
            <source>Profiles against each other</source>
            <translation>Profils l'un contre l'autre</translation>
        </message>
        <message>
            <source>Differences are CIEDE2000. As shown: the picture as it is, its level matched. Level only: through the base's correction with this step's level. Corrected: through a correction of its own.</source>
            <translation>Les écarts sont CIEDE2000. Telle que montrée : l'image telle quelle, niveau accordé. Niveau seul : par la correction de base au niveau de ce pas. Corrigé : par sa propre correction.</translation>
        </message>
        <message>
            <source>there is not enough memory for one of its pictures</source>
            <translation>la mémoire ne suffit pas pour une de ses images</translation>
        </message>
        <message>
            <source>its pixels are laid out in a way that cannot be read</source>
            <translation>ses pixels sont disposés de façon illisible</translation>
        </message>
        <message>
            <source>its colours cannot be undone (%1)</source>
            <translation>ses couleurs ne peuvent être défaites (%1)</translation>
        </message>
        <message>
            <source>none of its pictures can be decoded</source>
            <translation>aucune de ses images ne se décode</translation>
        </message>
        <message>
            <source>Clips go out in srgb, rec709, bt1886, display-p3, rec2020, rec2100-pq or rec2100-hlg; %1 cannot be said in a clip.</source>
            <translation>Les clips sortent en srgb, rec709, bt1886, display-p3, rec2020, rec2100-pq ou rec2100-hlg ; %1 ne peut se dire dans un clip.</translation>
        </message>
        <message>
            <source>Clips cannot be written here: there is no Matroska writer.</source>
            <translation>On ne peut écrire de clips ici : pas d'enregistreur Matroska.</translation>
        </message>
        <message>
            <source>%1 could not be begun: %2.</source>
            <translation>%1 n'a pu être commencé : %2.</translation>
        </message>
        <message>
            <source>This system has no encoder for that kind of clip.</source>
            <translation>Ce système n'a pas d'encodeur pour ce type de clip.</translation>
        </message>
        <message>
            <source>The encoder could not be begun: %1.</source>
            <translation>L'encodeur n'a pu démarrer : %1.</translation>
        </message>
        <message>
            <source>The clip could not be begun.</source>
            <translation>Le clip n'a pu être commencé.</translation>
        </message>
        <message>
            <source>The clip's colours could not be set up.</source>
            <translation>Les couleurs du clip n'ont pu être préparées.</translation>
        </message>
        <message>
            <source>There is not enough memory for the clip's pictures.</source>
            <translation>La mémoire ne suffit pas pour les images du clip.</translation>
        </message>
        <message>
            <source>The clip's pictures change their size, which cannot be written as one clip.</source>
            <translation>Les images du clip changent de taille, ce qui ne s'écrit pas en un clip.</translation>
        </message>
        <message>
            <source>The clip's colours could not be written.</source>
            <translation>Les couleurs du clip n'ont pu être écrites.</translation>
        </message>
        <message>
            <source>A picture could not be encoded: %1.</source>
            <translation>Une image n'a pu être encodée : %1.</translation>
        </message>
        <message>
            <source>%1 could not be ended: %2.</source>
            <translation>%1 n'a pu être terminé : %2.</translation>
        </message>
        <message>
            <source>is damaged or incomplete: %1</source>
            <translation>est endommagé ou incomplet : %1</translation>
        </message>
        <message>
            <source>%1 could not be opened as a picture: %2.</source>
            <translation>%1 n'a pu être ouvert comme image : %2.</translation>
        </message>
        <message>
            <source>%1 is incomplete: the file ends before its picture does. Copy it from the card again.</source>
            <translation>%1 est incomplet : le fichier finit avant son image. Recopiez-le de la carte.</translation>
        </message>
        <message>
            <source>%1 could not be rendered: %2.</source>
            <translation>%1 n'a pu être rendu : %2.</translation>
        </message>
        <message>
            <source>%1 could not be read. %2</source>
            <translation>%1 n'a pu être lu. %2</translation>
        </message>
        <message>
            <source>It is no JPEG in colour.</source>
            <translation>Ce n'est pas un JPEG en couleur.</translation>
        </message>
        <message>
            <source>The JPEG is damaged.</source>
            <translation>Le JPEG est endommagé.</translation>
        </message>
        <message>
            <source>%1 is of a kind that cannot be written here.</source>
            <translation>%1 est d'un type qu'on ne peut écrire ici.</translation>
        </message>
        <message>
            <source>%1 cannot be written: a JPEG has at most 65,500 pixels a side, and this picture has %2. Make it smaller, or write a .tif.</source>
            <translation>%1 ne peut être écrit : un JPEG a au plus 65 500 pixels par côté, cette image en a %2. Réduisez-la, ou écrivez un .tif.</translation>
        </message>
        <message>
            <source>%1 has no pixels.</source>
            <translation>%1 n'a pas de pixels.</translation>
        </message>
        <message>
            <source>%1 has %2 megapixels (%3 x %4); Refero reads up to %5. Make a smaller copy and use that.</source>
            <translation>%1 a %2 mégapixels (%3 x %4) ; Refero en lit jusqu'à %5. Faites une copie plus petite.</translation>
        </message>
        <message>
            <source>%1 is a grey picture with %2 channel(s); colour can only be measured in red, green and blue. Use the colour original.</source>
            <translation>%1 est une image grise à %2 canal/canaux ; la couleur ne se mesure qu'en rouge, vert et bleu. Prenez l'original couleur.</translation>
        </message>
        <message>
            <source>%1 has %2 channels that are not red, green, blue and alpha (a print separation, perhaps). Save it as RGB and use that.</source>
            <translation>%1 a %2 canaux qui ne sont pas rouge, vert, bleu et alpha (une séparation peut-être). Enregistrez-le en RVB.</translation>
        </message>
        <message>
            <source>%1 is a print separation (CMYK), not a camera's picture. Use the RGB original.</source>
            <translation>%1 est une séparation d'impression (CMJN), pas une image de caméra. Prenez l'original RVB.</translation>
        </message>
        <message>
            <source>%1 holds deep data; flatten it first.</source>
            <translation>%1 contient des données profondes ; aplatissez-le d'abord.</translation>
        </message>
        <message>
            <source>There is no setup in this shoot yet, so there is nothing to print.</source>
            <translation>Il n'y a pas encore de configuration dans cette prise de vues, rien à imprimer.</translation>
        </message>
        <message>
            <source>%1 could not be laid out.</source>
            <translation>%1 n'a pu être mis en page.</translation>
        </message>
        <message>
            <source>There is a chart with the id "%1" already, %2. Give this one another name.</source>
            <translation>Il y a déjà une mire d'id « %1 », %2. Donnez un autre nom à celle-ci.</translation>
        </message>
        <message>
            <source>The chart %1 is not among your own any more.</source>
            <translation>La mire %1 n'est plus parmi les vôtres.</translation>
        </message>
        <message>
            <source>That copy of the chart is not in the kit any more.</source>
            <translation>Cet exemplaire n'est plus dans le matériel.</translation>
        </message>
        <message>
            <source>The values are of another chart, %1.</source>
            <translation>Les valeurs sont d'une autre mire, %1.</translation>
        </message>
        <message>
            <source>Its colours are lent; no chart was shot in this light.</source>
            <translation>Ses couleurs sont prêtées ; aucune mire n'a été prise sous cette lumière.</translation>
        </message>
        <message>
            <source>They belong to no setup, so no correction is theirs.</source>
            <translation>Elles n'appartiennent à aucune configuration, aucune correction n'est la leur.</translation>
        </message>
        <message>
            <source>the disk is full. Free some space and do it again.</source>
            <translation>le disque est plein. Libérez de la place et recommencez.</translation>
        </message>
        <message>
            <source>its folder cannot be written any more. Make it writable, or save a copy elsewhere.</source>
            <translation>son dossier n'est plus modifiable. Rendez-le modifiable, ou enregistrez une copie ailleurs.</translation>
        </message>
        <message>
            <source>another program is using the file. Close it there and do it again.</source>
            <translation>un autre programme utilise le fichier. Fermez-le là et recommencez.</translation>
        </message>
        <message>
            <source>the file is damaged. Do not go on with it: salvage what can be read into a new one.</source>
            <translation>le fichier est endommagé. Ne continuez pas avec : récupérez ce qui se lit dans un nouveau.</translation>
        </message>
        <message>
            <source>the disk gave an error. Save a copy elsewhere.</source>
            <translation>le disque a signalé une erreur. Enregistrez une copie ailleurs.</translation>
        </message>
        <message>
            <source>%1 is not there.</source>
            <translation>%1 n'est pas là.</translation>
        </message>
        <message>
            <source>%1 is not a file.</source>
            <translation>%1 n'est pas un fichier.</translation>
        </message>
        <message>
            <source>%1 could not be read.</source>
            <translation>%1 n'a pu être lu.</translation>
        </message>
        <message>
            <source>%1 is not a Refero studio. It was not touched.</source>
            <translation>%1 n'est pas un studio Refero. Il n'a pas été touché.</translation>
        </message>
        <message>
            <source>Chosen: %1 By the rules: %2</source>
            <translation>Choisi : %1 Selon les règles : %2</translation>
        </message>
        <message>
            <source>Lent, since no chart shot serves this light. %1</source>
            <translation>Prêtée, car aucune prise de mire ne sert cette lumière. %1</translation>
        </message>
        <message>
            <source>It is there already, as %1.</source>
            <translation>Elle est déjà là, sous %1.</translation>
        </message>
        <message>
            <source>It had moved and is found again.</source>
            <translation>Elle avait été déplacée et est retrouvée.</translation>
        </message>
        <message>
            <source>It is the same as another file that came with it.</source>
            <translation>C'est le même qu'un autre fichier venu avec.</translation>
        </message>
        <message>
            <source>Put here by hand.</source>
            <translation>Mise ici à la main.</translation>
        </message>
        <message>
            <source>Taken out of its setup by hand.</source>
            <translation>Retirée à la main de sa configuration.</translation>
        </message>
        <message>
            <source>Its name has several lines. Rename it and bring it in again.</source>
            <translation>Son nom a plusieurs lignes. Renommez-le et réimportez.</translation>
        </message>
        <message>
            <source>Its name has bytes that are not UTF-8. Rename it and bring it in again.</source>
            <translation>Son nom a des octets non UTF-8. Renommez-le et réimportez.</translation>
        </message>
        <message>
            <source>Setup 1</source>
            <translation>Configuration 1</translation>
        </message>
        <message>
            <source>It is in use: %1. Choose another there, or take them out, first.</source>
            <translation>Utilisé par : %1. Choisissez-en d'abord un autre là-bas, ou retirez-les.</translation>
        </message>
        <message>
            <source>"%1" is none of unsorted, chart and subject.</source>
            <translation>« %1 » n'est ni unsorted, ni chart, ni subject.</translation>
        </message>
        <message>
            <source>"%1" is none of sorted and by-hand.</source>
            <translation>« %1 » n'est ni sorted ni by-hand.</translation>
        </message>
        <message>
            <source>Nothing in %1 can be read.</source>
            <translation>Rien dans %1 n'est lisible.</translation>
        </message>
        <message>
            <source>Saved into %1: %2. Every list was whole.</source>
            <translation>Enregistré dans %1 : %2. Chaque liste était entière.</translation>
        </message>
        <message>
            <source>Saved into %1: %2. Not whole: %3.</source>
            <translation>Enregistré dans %1 : %2. Incomplet : %3.</translation>
        </message>
        <message>
            <source>It was written by a newer Refero (file version %1, this one knows %2). It is unharmed; open it with the newer one.</source>
            <translation>Il a été écrit par un Refero plus récent (version %1, celui-ci connaît %2). Il est intact ; ouvrez-le avec le plus récent.</translation>
        </message>
        <message>
            <source>SQLite says: %1</source>
            <translation>SQLite dit : %1</translation>
        </message>
        <message>
            <source>%1 cannot be written where it is.</source>
            <translation>%1 ne peut être écrit où il est.</translation>
        </message>
        <message>
            <source>%1 is open in another window of Refero.</source>
            <translation>%1 est ouvert dans une autre fenêtre de Refero.</translation>
        </message>
        <message>
            <source>The history lacks "%1".</source>
            <translation>Il manque « %1 » à l'historique.</translation>
        </message>
        <message>
            <source>%1 could not be opened</source>
            <translation>%1 n'a pu être ouvert</translation>
        </message>
        <message>
            <source>%1 is damaged. %2. It was not touched. What can be read is saved by: refero-cli studio FILE salvage NEW</source>
            <translation>%1 est endommagé. %2. Il n'a pas été touché. Ce qui se lit est sauvé par : refero-cli studio FILE salvage NEW</translation>
        </message>
        <message>
            <source>%1 It is of an older version and must be writable once.</source>
            <translation>%1 Il est d'une version antérieure et doit être modifiable une fois.</translation>
        </message>
        <message>
            <source>There is nothing to undo.</source>
            <translation>Rien à annuler.</translation>
        </message>
        <message>
            <source>There is nothing to redo.</source>
            <translation>Rien à rétablir.</translation>
        </message>
        <message>
            <source>The file holds other records than this window shows.</source>
            <translation>Le fichier contient d'autres données que cette fenêtre.</translation>
        </message>
        <message>
            <source>A studio cannot be copied onto itself.</source>
            <translation>Un studio ne se copie pas sur lui-même.</translation>
        </message>
        <message>
            <source>%1 is there already; choose another name.</source>
            <translation>%1 existe déjà ; choisissez un autre nom.</translation>
        </message>
        <message>
            <source>Expects the exposure that the shot has</source>
            <translation>Attend l'exposition de la prise</translation>
        </message>
        <message>
            <source>Expects %.1f stops %s</source>
            <translation>Attend %.1f diaph. de %s</translation>
        </message>
        <message>
            <source>more</source>
            <translation>plus</translation>
        </message>
        <message>
            <source>less</source>
            <translation>moins</translation>
        </message>
        <message>
            <source>As it is, the mean is %.2f CIEDE2000; with the shot %.2f stops %s it is %.2f.</source>
            <translation>Telle quelle, la moyenne est %.2f CIEDE2000 ; avec la prise de %.2f diaph. %s elle est %.2f.</translation>
        </message>
        <message>
            <source>lighter</source>
            <translation>plus claire</translation>
        </message>
        <message>
            <source>darker</source>
            <translation>plus sombre</translation>
        </message>
        <message>
            <source>Expects the balance that the shot has</source>
            <translation>Attend la balance de la prise</translation>
        </message>
        <message>
            <source>Expects a light %.0f mired %s</source>
            <translation>Attend une lumière de %.0f mired %s</translation>
        </message>
        <message>
            <source>cooler</source>
            <translation>plus froid</translation>
        </message>
        <message>
            <source>Its greys are nearest to grey there.</source>
            <translation>Ses gris y sont les plus proches du gris.</translation>
        </message>
        <message>
            <source>No grey to judge by</source>
            <translation>Pas de gris pour juger</translation>
        </message>
        <message>
            <source>Greys are grey</source>
            <translation>Les gris sont gris</translation>
        </message>
        <message>
            <source>Greys up to %.1f from grey</source>
            <translation>Gris jusqu'à %.1f du gris</translation>
        </message>
        <message>
            <source>The grey of L* %1 is %2.</source>
            <translation>Le gris de L* %1 est %2.</translation>
        </message>
        <message>
            <source>No colour to judge by</source>
            <translation>Pas de couleur pour juger</translation>
        </message>
        <message>
            <source>not turned</source>
            <translation>non tournées</translation>
        </message>
        <message>
            <source>turned %.0f degrees %s</source>
            <translation>tournées de %.0f degrés %s</translation>
        </message>
        <message>
            <source>from red towards yellow and green</source>
            <translation>du rouge vers le jaune et le vert</translation>
        </message>
        <message>
            <source>from yellow towards red and purple</source>
            <translation>du jaune vers le rouge et le violet</translation>
        </message>
        <message>
            <source>Farthest off: %1, by %2</source>
            <translation>Les plus éloignées : %1, de %2</translation>
        </message>
        <message>
            <source>They are %1, with %2 % of the chroma of the reference.</source>
            <translation>Elles sont %1, avec %2 % du chroma de la référence.</translation>
        </message>
        <message>
            <source>balanced numbers</source>
            <translation>des nombres équilibrés</translation>
        </message>
        <message>
            <source>the recorded numbers</source>
            <translation>les nombres enregistrés</translation>
        </message>
        <message>
            <source>Fed %1 in %2, it gives %3 (tried out; state it where you know better).</source>
            <translation>Nourri de %1 en %2, il donne %3 (essayé ; indiquez-le si vous savez mieux).</translation>
        </message>
        <message>
            <source>Fed %1 in %2, it gives %3.</source>
            <translation>Nourri de %1 en %2, il donne %3.</translation>
        </message>
        <message>
            <source>%.2f from the reference values</source>
            <translation>%.2f des valeurs de référence</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 at the exposure that it expects; %.2f as it is.</source>
            <translation>CIEDE2000 moyen à l'exposition attendue ; %.2f telle quelle.</translation>
        </message>
        <message>
            <source>Keeps the order of colours</source>
            <translation>Garde l'ordre des couleurs</translation>
        </message>
        <message>
            <source>Turns colours over</source>
            <translation>Inverse des couleurs</translation>
        </message>
        <message>
            <source>At %.1f %% of the colours between those of the chart, one that changes one way is shown changing the other.</source>
            <translation>Pour %.1f %% des couleurs entre celles de la mire, une qui change dans un sens est montrée dans l'autre.</translation>
        </message>
        <message>
            <source>Greys get darker where they should get lighter.</source>
            <translation>Des gris s'assombrissent où ils devraient s'éclaircir.</translation>
        </message>
        <message>
            <source>Smooth on even ramps</source>
            <translation>Lisse sur les dégradés réguliers</translation>
        </message>
        <message>
            <source>Makes steps</source>
            <translation>Fait des marches</translation>
        </message>
        <message>
            <source>An even ramp through %s jumps by up to %.1f CIEDE2000.</source>
            <translation>Un dégradé régulier par %s saute de %.1f CIEDE2000 au plus.</translation>
        </message>
        <message>
            <source>Keeps near colours apart</source>
            <translation>Garde distinctes les couleurs proches</translation>
        </message>
        <message>
            <source>Merges near colours</source>
            <translation>Confond des couleurs proches</translation>
        </message>
        <message>
            <source>%1; the first are %2 apart and shown %3 apart.</source>
            <translation>%1 ; les premières sont à %2 et montrées à %3.</translation>
        </message>
        <message>
            <source>Cuts colours off</source>
            <translation>Coupe des couleurs</translation>
        </message>
        <message>
            <source>A channel ends at %1.</source>
            <translation>Un canal s'arrête à %1.</translation>
        </message>
        <message>
            <source>Half a stop moves colours by %.1f</source>
            <translation>Un demi-diaph. déplace les couleurs de %.1f</translation>
        </message>
        <message>
            <source>%.1f under and %.1f over, the level taken back; 20 mired warmer, %.1f.</source>
            <translation>%.1f en dessous et %.1f au-dessus, le niveau repris ; 20 mired plus chaud, %.1f.</translation>
        </message>
        <message>
            <source>no tint</source>
            <translation>sans teinte</translation>
        </message>
        <message>
            <source>a tint towards magenta (Duv +%.3f)</source>
            <translation>une teinte vers le magenta (Duv +%.3f)</translation>
        </message>
        <message>
            <source>a tint towards green (Duv −%.3f)</source>
            <translation>une teinte vers le vert (Duv −%.3f)</translation>
        </message>
        <message>
            <source>, by the raw file's own matrix.</source>
            <translation>, selon la matrice du fichier raw.</translation>
        </message>
        <message>
            <source>, on this body's scale (1 frame).</source>
            <translation>, à l'échelle de ce boîtier (1 image).</translation>
        </message>
        <message>
            <source>, on this body's scale (%1 frames).</source>
            <translation>, à l'échelle de ce boîtier (%1 images).</translation>
        </message>
        <message>
            <source>The balance is right: %1%2</source>
            <translation>La balance est juste : %1%2</translation>
        </message>
        <message>
            <source>Dial %1</source>
            <translation>Réglez %1</translation>
        </message>
        <message>
            <source>; it had %1, meant for a light %2 mired %3</source>
            <translation> ; c'était %1, pour une lumière de %2 mired %3</translation>
        </message>
        <message>
            <source>The raw file holds %1 bits; shadows that are lifted far show steps.</source>
            <translation>Le fichier raw a %1 bits ; des ombres très relevées montrent des marches.</translation>
        </message>
        <message>
            <source>Its highlights are written in coarser steps (a lossy recording).</source>
            <translation>Ses hautes lumières sont écrites en marches plus grossières (enregistrement avec pertes).</translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>rien</translation>
        </message>
        <message>
            <source>%1 stop</source>
            <translation>%1 diaph.</translation>
        </message>
        <message>
            <source>%1 stops</source>
            <translation>%1 diaph.</translation>
        </message>
        <message>
            <source>Open up by %1.</source>
            <translation>Ouvrez de %1.</translation>
        </message>
        <message>
            <source>Close down by %1.</source>
            <translation>Fermez de %1.</translation>
        </message>
        <message>
            <source>The stored balance "%1" is near enough.</source>
            <translation>La balance mémorisée « %1 » est assez proche.</translation>
        </message>
        <message>
            <source>The camera's histogram is misled by its balance: it shows this light's strongest channel %1 stops lighter than the raw file holds it.</source>
            <translation>L'histogramme de la caméra est trompé par sa balance : il montre le canal le plus fort %1 diaph. plus clair que le fichier raw.</translation>
        </message>
        <message>
            <source>The camera's histogram is misled by its balance: it shows this light's strongest channel %1 stops darker than the raw file holds it.</source>
            <translation>L'histogramme de la caméra est trompé par sa balance : il montre le canal le plus fort %1 diaph. plus sombre que le fichier raw.</translation>
        </message>
        <message>
            <source>The balance wandered by %1 mired over %2 frames of this light: fix it, so that JPEGs and clips match.</source>
            <translation>La balance a dérivé de %1 mired sur %2 images de cette lumière : fixez-la, pour que JPEG et clips s'accordent.</translation>
        </message>
        <message>
            <source>%1 patches</source>
            <translation>%1 plages</translation>
        </message>
        <message>
            <source>Matrix</source>
            <translation>Matrice</translation>
        </message>
        <message>
            <source>Root polynomial 2</source>
            <translation>Polynôme de racines 2</translation>
        </message>
        <message>
            <source>Root polynomial 3</source>
            <translation>Polynôme de racines 3</translation>
        </message>
        <message>
            <source>Polynomial</source>
            <translation>Polynôme</translation>
        </message>
        <message>
            <source>Lattice</source>
            <translation>Treillis</translation>
        </message>
        <message>
            <source>Hue sectors</source>
            <translation>Secteurs de teinte</translation>
        </message>
        <message>
            <source> (this light is %1 mired %2)</source>
            <translation> (cette lumière est de %1 mired %2)</translation>
        </message>
        <message>
            <source>The plan's rules lend it the chart shot of %1.</source>
            <translation>Les règles du plan lui prêtent la prise de mire de %1.</translation>
        </message>
        <message>
            <source>Its colours are from the library: %1, the same body in the same kind of light%2.</source>
            <translation>Ses couleurs viennent de la bibliothèque : %1, le même boîtier sous le même type de lumière%2.</translation>
        </message>
        <message>
            <source>Its light lies between two in the library: its colours are %1 %2 and for the rest %3.</source>
            <translation>Sa lumière est entre deux de la bibliothèque : ses couleurs sont %1 %2 et pour le reste %3.</translation>
        </message>
        <message>
            <source>Its colours are those of the same body in another light: %1%2. Shoot a chart where they matter.</source>
            <translation>Ses couleurs sont celles du même boîtier sous une autre lumière : %1%2. Prenez une mire là où elles comptent.</translation>
        </message>
        <message>
            <source>Camera RGB is taken as BT.709, since no correction of this body is known.</source>
            <translation>Le RVB de la caméra est pris pour BT.709, aucune correction de ce boîtier n'étant connue.</translation>
        </message>
        <message>
            <source>It is balanced on something neutral in this light.</source>
            <translation>Équilibrée sur quelque chose de neutre sous cette lumière.</translation>
        </message>
        <message>
            <source>It is balanced as the lender is.</source>
            <translation>Équilibrée comme le prêteur.</translation>
        </message>
        <message>
            <source>It is balanced as the camera was, which nothing proves.</source>
            <translation>Équilibrée comme l'était la caméra, ce que rien ne prouve.</translation>
        </message>
        <message>
            <source>lent by the plan's rules</source>
            <translation>prêtées par les règles du plan</translation>
        </message>
        <message>
            <source>lent by the library</source>
            <translation>prêtées par la bibliothèque</translation>
        </message>
        <message>
            <source>lent by two lights of the library</source>
            <translation>prêtées par deux lumières de la bibliothèque</translation>
        </message>
        <message>
            <source>lent by another light of this body</source>
            <translation>prêtées par une autre lumière de ce boîtier</translation>
        </message>
        <message>
            <source>on a grey alone</source>
            <translation>sur un gris seul</translation>
        </message>
        <message>
            <source>The library's "%1" no longer agrees with this chart shot: they are %2 CIEDE2000 apart, where %3 was to be expected. A filter, another lens coating, a lamp of another make or a chart that has aged can be why.</source>
            <translation>« %1 » de la bibliothèque ne concorde plus avec cette prise de mire : écart de %2 CIEDE2000, où l'on attendait %3. Un filtre, un autre traitement d'objectif, une lampe d'une autre marque ou une mire vieillie peuvent l'expliquer.</translation>
        </message>
        <message>
            <source>Both show mid-grey equally bright.</source>
            <translation>Les deux montrent le gris moyen aussi clair.</translation>
        </message>
        <message>
            <source>Both are exposed alike.</source>
            <translation>Les deux sont exposées pareillement.</translation>
        </message>
        <message>
            <source>The follower shows mid-grey %.1f stops brighter than the leader.</source>
            <translation>La suiveuse montre le gris moyen %.1f diaph. plus clair que la directrice.</translation>
        </message>
        <message>
            <source>The follower is exposed %.1f stops more than the leader.</source>
            <translation>La suiveuse est exposée %.1f diaph. de plus que la directrice.</translation>
        </message>
        <message>
            <source>The follower shows mid-grey %.1f stops darker than the leader.</source>
            <translation>La suiveuse montre le gris moyen %.1f diaph. plus sombre que la directrice.</translation>
        </message>
        <message>
            <source>The follower is exposed %.1f stops less than the leader.</source>
            <translation>La suiveuse est exposée %.1f diaph. de moins que la directrice.</translation>
        </message>
        <message>
            <source>%1 Two sensors do not tell whether the light was one; look at the places of the two charts.</source>
            <translation>%1 Deux capteurs ne disent pas si la lumière était la même ; regardez la place des deux mires.</translation>
        </message>
        <message>
            <source>%1 Greys have the same warmth.</source>
            <translation>%1 Les gris ont la même chaleur.</translation>
        </message>
        <message>
            <source> Its greys are %.0f mired %s.</source>
            <translation> Ses gris sont %.0f mired %s.</translation>
        </message>
        <message>
            <source> That is another light or another white balance, as of one chart in the shade and one in the sun: the match takes it out, unless balance is held back.</source>
            <translation> C'est une autre lumière ou une autre balance, comme d'une mire à l'ombre et l'autre au soleil : l'accord la retire, sauf si la balance est retenue.</translation>
        </message>
        <message>
            <source>the chart's reference values</source>
            <translation>les valeurs de référence de la mire</translation>
        </message>
        <message>
            <source>%1 through %2, as in %3</source>
            <translation>%1 à travers %2, comme dans %3</translation>
        </message>
        <message>
            <source>%1 through its correction, as in %2</source>
            <translation>%1 à travers sa correction, comme dans %2</translation>
        </message>
        <message>
            <source>%1 as %2 shows it</source>
            <translation>%1 tel que le montre %2</translation>
        </message>
        <message>
            <source>The series</source>
            <translation>La série</translation>
        </message>
        <message>
            <source>Usable from %1 to %2</source>
            <translation>Utilisable de %1 à %2</translation>
        </message>
        <message>
            <source>below it colours drift</source>
            <translation>en dessous les couleurs dérivent</translation>
        </message>
        <message>
            <source>above it colours drift</source>
            <translation>au-dessus les couleurs dérivent</translation>
        </message>
        <message>
            <source>below it chroma noise shows</source>
            <translation>en dessous le bruit de chroma se voit</translation>
        </message>
        <message>
            <source>above it chroma noise shows</source>
            <translation>au-dessus le bruit de chroma se voit</translation>
        </message>
        <message>
            <source>below it nothing was shot</source>
            <translation>en dessous rien n'a été pris</translation>
        </message>
        <message>
            <source>above it nothing was shot</source>
            <translation>au-dessus rien n'a été pris</translation>
        </message>
        <message>
            <source>%1 stops within a drift of %2 CIEDE2000 and a chroma noise of %3: %4, %5.</source>
            <translation>%1 diaph. sous une dérive de %2 CIEDE2000 et un bruit de chroma de %3 : %4, %5.</translation>
        </message>
        <message>
            <source>Shoot more steps on that side to know where it ends.</source>
            <translation>Prenez plus de pas de ce côté pour savoir où cela finit.</translation>
        </message>
        <message>
            <source>Expose within it, or plan another recording profile.</source>
            <translation>Exposez dedans, ou prévoyez un autre profil d'enregistrement.</translation>
        </message>
        <message>
            <source>Best exposed at %1</source>
            <translation>Mieux exposé à %1</translation>
        </message>
        <message>
            <source>Least drift and noise together with %.0f stop of room above white.</source>
            <translation>Dérive et bruit minimaux ensemble, avec %.0f diaph. de marge au-dessus du blanc.</translation>
        </message>
        <message>
            <source>Expose %s %.1f stops %s than this series' normal exposure.</source>
            <translation>Exposez %s %.1f diaph. %s que l'exposition normale de cette série.</translation>
        </message>
        <message>
            <source>Records as its curve states</source>
            <translation>Enregistre comme le dit sa courbe</translation>
        </message>
        <message>
            <source>Records %.2f stops %s than its curve states</source>
            <translation>Enregistre %.2f diaph. %s que ne le dit sa courbe</translation>
        </message>
        <message>
            <source>%s fits the measured greys with an offset of %+.2f ± %.2f stops and misses them by %.1f codes of 1023.</source>
            <translation>%s suit les gris mesurés avec un décalage de %+.2f ± %.2f diaph. et les manque de %.1f codes sur 1023.</translation>
        </message>
        <message>
            <source> %s fits better: %.1f codes.</source>
            <translation> %s va mieux : %.1f codes.</translation>
        </message>
        <message>
            <source>Rate it %.1f stops %s, or state the curve that it really has.</source>
            <translation>Notez-la %.1f diaph. %s, ou indiquez la courbe qu'elle a vraiment.</translation>
        </message>
        <message>
            <source>higher</source>
            <translation>plus haut</translation>
        </message>
        <message>
            <source>lower</source>
            <translation>plus bas</translation>
        </message>
        <message>
            <source>In the unders %.2f a stop</source>
            <translation>En sous-exposition %.2f par diaph.</translation>
        </message>
        <message>
            <source>In the overs %.2f a stop</source>
            <translation>En surexposition %.2f par diaph.</translation>
        </message>
        <message>
            <source>At %s, with its level alone corrected, colours are %.2f CIEDE2000 (%.2f to %.2f) from the base</source>
            <translation>À %s, corrigées en niveau seulement, les couleurs sont à %.2f CIEDE2000 (%.2f à %.2f) de la base</translation>
        </message>
        <message>
            <source>; greys are %1</source>
            <translation> ; les gris sont %1</translation>
        </message>
        <message>
            <source>; %1 most: %2</source>
            <translation> ; %1 surtout : %2</translation>
        </message>
        <message>
            <source>Light more, or correct such shots with a chart of their own.</source>
            <translation>Éclairez plus, ou corrigez ces prises avec leur propre mire.</translation>
        </message>
        <message>
            <source>Expose less, or correct such shots with a chart of their own.</source>
            <translation>Exposez moins, ou corrigez ces prises avec leur propre mire.</translation>
        </message>
        <message>
            <source>More than %.1f stops deep</source>
            <translation>Plus de %.1f diaph. de profondeur</translation>
        </message>
        <message>
            <source>%.1f stops deep</source>
            <translation>%.1f diaph. de profondeur</translation>
        </message>
        <message>
            <source>Between clipping and a signal to noise of %.0f in green, one pixel of the file as it is, after the idea of ISO 15739%s.</source>
            <translation>Entre l'écrêtage et un signal sur bruit de %.0f en vert, un pixel du fichier tel quel, selon l'idée d'ISO 15739%s.</translation>
        </message>
        <message>
            <source>; nothing dark enough was shot to tell where it ends</source>
            <translation> ; rien d'assez sombre n'a été pris pour dire où cela finit</translation>
        </message>
        <message>
            <source>; the noise of the darkest patches was continued</source>
            <translation> ; le bruit des plages les plus sombres a été prolongé</translation>
        </message>
        <message>
            <source>greys</source>
            <translation>gris</translation>
        </message>
        <message>
            <source>reds</source>
            <translation>rouges</translation>
        </message>
        <message>
            <source>oranges</source>
            <translation>oranges</translation>
        </message>
        <message>
            <source>yellows</source>
            <translation>jaunes</translation>
        </message>
        <message>
            <source>yellow-greens</source>
            <translation>verts-jaunes</translation>
        </message>
        <message>
            <source>greens</source>
            <translation>verts</translation>
        </message>
        <message>
            <source>blue-greens</source>
            <translation>bleus-verts</translation>
        </message>
        <message>
            <source>blues</source>
            <translation>bleus</translation>
        </message>
        <message>
            <source>purple-blues</source>
            <translation>bleus-violets</translation>
        </message>
        <message>
            <source>purples</source>
            <translation>violets</translation>
        </message>
        <message>
            <source>red-purples</source>
            <translation>rouges-violets</translation>
        </message>
        <message>
            <source>%.1f redder</source>
            <translation>%.1f plus rouges</translation>
        </message>
        <message>
            <source>%.1f yellower</source>
            <translation>%.1f plus jaunes</translation>
        </message>
        <message>
            <source>%.1f bluer</source>
            <translation>%.1f plus bleus</translation>
        </message>
        <message>
            <source>turned %1 degrees (%2 to %3) %4</source>
            <translation>tournés de %1 degrés (%2 à %3) %4</translation>
        </message>
        <message>
            <source>%.0f %% stronger</source>
            <translation>%.0f %% plus forts</translation>
        </message>
        <message>
            <source>%.0f %% paler</source>
            <translation>%.0f %% plus pâles</translation>
        </message>
        <message>
            <source>%.1f lighter</source>
            <translation>%.1f plus clairs</translation>
        </message>
        <message>
            <source>%.1f darker</source>
            <translation>%.1f plus sombres</translation>
        </message>
        <message>
            <source>as they were</source>
            <translation>comme ils étaient</translation>
        </message>
        <message>
            <source>%1: a step is missing at %2, between %3 and %4.</source>
            <translation>%1 : il manque un pas à %2, entre %3 et %4.</translation>
        </message>
        <message>
            <source>%1: %2 and %3 got the same exposure, %4.</source>
            <translation>%1 : %2 et %3 ont eu la même exposition, %4.</translation>
        </message>
        <message>
            <source>%1: %2 was shot out of order. The steps are sorted by what the chart shows.</source>
            <translation>%1 : %2 a été prise hors de l'ordre. Les pas sont triés d'après la mire.</translation>
        </message>
        <message>
            <source>%1: the camera was set to %2 stops more than the chart got. The chart counts; look whether the light or a filter changed.</source>
            <translation>%1 : la caméra était réglée %2 diaph. de plus que n'a reçu la mire. La mire compte ; voyez si la lumière ou un filtre a changé.</translation>
        </message>
        <message>
            <source>%1: the camera was set to %2 stops less than the chart got. The chart counts; look whether the light or a filter changed.</source>
            <translation>%1 : la caméra était réglée %2 diaph. de moins que n'a reçu la mire. La mire compte ; voyez si la lumière ou un filtre a changé.</translation>
        </message>
        <message>
            <source>%1: its light has another colour than that of its neighbours (by %2 stops of red or blue). It is left out.</source>
            <translation>%1 : sa lumière a une autre couleur que ses voisines (de %2 diaph. de rouge ou de bleu). Exclue.</translation>
        </message>
        <message>
            <source>%1: its patches do not differ from the others' by an exposure (they miss by %2 stops). It is left out as another scene or light.</source>
            <translation>%1 : ses plages ne diffèrent pas des autres par une exposition (écart de %2 diaph.). Exclue comme autre scène ou lumière.</translation>
        </message>
        <message>
            <source>%1: it shows another chart than most of the series and is left out.</source>
            <translation>%1 : elle montre une autre mire que la plupart de la série et est exclue.</translation>
        </message>
        <message>
            <source>%1: no patch of it is usable beside the others, so its step cannot be told. It is left out.</source>
            <translation>%1 : aucune de ses plages n'est utilisable à côté des autres, son pas ne peut être dit. Exclue.</translation>
        </message>
        <message>
            <source>%1: a stop of exposure is %2 stops in the recording. It does not follow the curve that it states.</source>
            <translation>%1 : un diaph. d'exposition vaut %2 diaph. dans l'enregistrement. Il ne suit pas la courbe annoncée.</translation>
        </message>
        <message>
            <source>%1: its greys miss the curve that it states by %2 codes of 1023.</source>
            <translation>%1 : ses gris manquent la courbe annoncée de %2 codes sur 1023.</translation>
        </message>
        <message>
            <source>%1: its greys miss the curve that it states by %2 codes of 1023; %3 fits better.</source>
            <translation>%1 : ses gris manquent la courbe annoncée de %2 codes sur 1023 ; %3 va mieux.</translation>
        </message>
        <message>
            <source>Chroma noise of %.1f</source>
            <translation>Bruit de chroma de %.1f</translation>
        </message>
        <message>
            <source>Of one pixel in a* and b* at the base, after the full correction; at %.0f colours begin to look blotchy.</source>
            <translation>D'un pixel en a* et b* à la base, après correction complète ; à %.0f les couleurs paraissent tachées.</translation>
        </message>
        <message>
            <source>Light more, or choose a lower sensitivity.</source>
            <translation>Éclairez plus, ou choisissez une sensibilité plus basse.</translation>
        </message>
        <message>
            <source>%1 starts closest to neutral</source>
            <translation>%1 part le plus près du neutre</translation>
        </message>
        <message>
            <source>As it shows itself, with its level matched, %.1f CIEDE2000 from the reference values.</source>
            <translation>Tel qu'il se montre, niveau accordé, %.1f CIEDE2000 de la référence.</translation>
        </message>
        <message>
            <source>%1 left between %2 and %3</source>
            <translation>%1 restent entre %2 et %3</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 once the second is made to look like the first; up to %.1f cuts together.</source>
            <translation>CIEDE2000 moyen une fois le second rendu comme le premier ; jusqu'à %.1f se monte ensemble.</translation>
        </message>
        <message>
            <source>Do not cut these two profiles against each other.</source>
            <translation>Ne montez pas ces deux profils l'un contre l'autre.</translation>
        </message>
        <message>
            <source>%1 is %2 stops noisier than %3</source>
            <translation>%1 est plus bruité de %2 diaph. que %3</translation>
        </message>
        <message>
            <source>Chroma noise after the full correction, told in stops of light at which photon noise is alike.</source>
            <translation>Bruit de chroma après correction complète, dit en diaph. de lumière à bruit de photons égal.</translation>
        </message>
        <message>
            <source>Use it only where there is light to spare.</source>
            <translation>Ne l'utilisez que s'il y a de la lumière à revendre.</translation>
        </message>
        <message>
            <source>%1 colours move by %2 CIEDE2000 on average</source>
            <translation>%1 les couleurs bougent de %2 CIEDE2000 en moyenne</translation>
        </message>
        <message>
            <source>%1 colours stay as they are</source>
            <translation>%1 les couleurs restent telles quelles</translation>
        </message>
        <message>
            <source>, by %.2f at most (%s)</source>
            <translation>, de %.2f au plus (%s)</translation>
        </message>
        <message>
            <source>, and %s and %zu more are clipped</source>
            <translation>, et %s et %zu autres sont écrêtées</translation>
        </message>
        <message>
            <source>, and %1 is clipped</source>
            <translation>, et %1 est écrêtée</translation>
        </message>
        <message>
            <source>mid-grey (18 %)</source>
            <translation>gris moyen (18 %)</translation>
        </message>
        <message>
            <source>white</source>
            <translation>blanc</translation>
        </message>
        <message>
            <source>skin %1</source>
            <translation>peau %1</translation>
        </message>
        <message>
            <source>code %.0f of 1023 (%.0f %% of the signal, green)</source>
            <translation>code %.0f sur 1023 (%.0f %% du signal, vert)</translation>
        </message>
        <message>
            <source>%1; %2. It holds </source>
            <translation>%1 ; %2. Elle tient </translation>
        </message>
        <message>
            <source>Half a stop under,</source>
            <translation>Un demi-diaph. en dessous,</translation>
        </message>
        <message>
            <source>half a stop over,</source>
            <translation>un demi-diaph. au-dessus,</translation>
        </message>
        <message>
            <source>at any exposure within %.0f stops.</source>
            <translation>à toute exposition à %.0f diaph. près.</translation>
        </message>
        <message>
            <source>from %.1f to %+.1f stops: there no patch moves by more than %.0f or is clipped.</source>
            <translation>de %.1f à %+.1f diaph. : aucune plage n'y bouge de plus de %.0f ni n'est écrêtée.</translation>
        </message>
        <message>
            <source>Shared by %zu chart shots: %.2f CIEDE2000 where each is balanced and levelled, %.2f with corrections of their own, %.2f as the file is. %s pays most: %.2f instead of %.2f.</source>
            <translation>Partagée par %zu prises de mire : %.2f CIEDE2000 si chacune est équilibrée et mise à niveau, %.2f avec leurs propres corrections, %.2f avec le fichier tel quel. %s paie le plus : %.2f au lieu de %.2f.</translation>
        </message>
        <message>
            <source>Left out, since something lies there: %1.</source>
            <translation>Exclues, car quelque chose y repose : %1.</translation>
        </message>
        <message>
            <source>Left out, since a lamp is mirrored there: %1.</source>
            <translation>Exclues, car une lampe s'y reflète : %1.</translation>
        </message>
        <message>
            <source>Left out, since clipped: %1.</source>
            <translation>Exclues, car écrêtées : %1.</translation>
        </message>
        <message>
            <source>Left out, since a shadow's edge crosses them: %1.</source>
            <translation>Exclues, car le bord d'une ombre les traverse : %1.</translation>
        </message>
        <message>
            <source>Brought out of the shadow by %.2f stops (known to %.2f).</source>
            <translation>Sorties de l'ombre de %.2f diaph. (connu à %.2f).</translation>
        </message>
        <message>
            <source>Brought out of the shadow by %1 stops (known to %2): %3.</source>
            <translation>Sorties de l'ombre de %1 diaph. (connu à %2) : %3.</translation>
        </message>
        <message>
            <source>Uneven light taken out: %.2f stops from the lightest to the darkest place (known to %.2f).</source>
            <translation>Lumière inégale retirée : %.2f diaph. du plus clair au plus sombre (connu à %.2f).</translation>
        </message>
        <message>
            <source>Flare subtracted: %.2f %% of white (known to %.2f %%).</source>
            <translation>Voile soustrait : %.2f %% du blanc (connu à %.2f %%).</translation>
        </message>
        <message>
            <source> Its size is not known; its longer side is taken for %1 mm.</source>
            <translation> Sa taille est inconnue ; son grand côté est pris pour %1 mm.</translation>
        </message>
        <message>
            <source>Layout learned from %1.</source>
            <translation>Disposition apprise de %1.</translation>
        </message>
        <message>
            <source>%1 knows the layout of a chart and not its colours; give its data.</source>
            <translation>%1 connaît la disposition d'une mire et non ses couleurs ; donnez ses données.</translation>
        </message>
        <message>
            <source>%1 patches.</source>
            <translation>%1 plages.</translation>
        </message>
        <message>
            <source>The setup's reading is gone, so there is nothing to keep a correction for.</source>
            <translation>La lecture de la configuration a disparu, rien pour quoi garder une correction.</translation>
        </message>
        <message>
            <source>A colour counts beside a chart that was read; this setup has none.</source>
            <translation>Une couleur compte à côté d'une mire lue ; cette configuration n'en a pas.</translation>
        </message>
        <message>
            <source>That place is not in the frame.</source>
            <translation>Cet endroit n'est pas dans l'image.</translation>
        </message>
        <message>
            <source>Add the chart %1</source>
            <translation>Ajouter la mire %1</translation>
        </message>
        <message>
            <source>Looking at a frame</source>
            <translation>Examen d'une image</translation>
        </message>
        <message>
            <source>Nothing in there can be read as a picture or a clip. Give the card's folder, or frames.</source>
            <translation>Rien là-dedans ne se lit comme image ou clip. Donnez le dossier de la carte, ou des images.</translation>
        </message>
        <message>
            <source>Reading the chart of %1</source>
            <translation>Lecture de la mire de %1</translation>
        </message>
        <message>
            <source>Correcting %1</source>
            <translation>Correction de %1</translation>
        </message>
        <message>
            <source>Looking for colours for %1</source>
            <translation>Recherche de couleurs pour %1</translation>
        </message>
        <message>
            <source>Build correction for %1, mended</source>
            <translation>Construire la correction de %1, réparée</translation>
        </message>
        <message>
            <source>The folder %1 cannot be made: %2.</source>
            <translation>Le dossier %1 ne peut être créé : %2.</translation>
        </message>
        <message>
            <source>Handing over %1 to the %2</source>
            <translation>Livraison de %1 à %2</translation>
        </message>
        <message>
            <source>Quick pictures of %1</source>
            <translation>Images rapides de %1</translation>
        </message>
        <message>
            <source>Rendering frames of %1</source>
            <translation>Rendu des images de %1</translation>
        </message>
        <message>
            <source>No chart was shot in this light.</source>
            <translation>Aucune mire n'a été prise sous cette lumière.</translation>
        </message>
        <message>
            <source>It is the chart shot.</source>
            <translation>C'est la prise de mire.</translation>
        </message>
        <message>
            <source>Its setup has no correction.</source>
            <translation>Sa configuration n'a pas de correction.</translation>
        </message>
        <message>
            <source>No receiver was to get frames, or they have it already.</source>
            <translation>Aucun destinataire ne devait recevoir d'images, ou il l'a déjà.</translation>
        </message>
        <message>
            <source>0 of %1 frames</source>
            <translation>0 image sur %1</translation>
        </message>
        <message>
            <source>Hand over %1</source>
            <translation>Livrer %1</translation>
        </message>
        <message>
            <source>There is no configuration to look at a plate through.</source>
            <translation>Il n'y a pas de configuration pour regarder une plate.</translation>
        </message>
        <message>
            <source>1 month; to be replaced after %1</source>
            <translation>1 mois ; à remplacer après %1</translation>
        </message>
        <message>
            <source>%1 months; to be replaced after %2</source>
            <translation>%1 mois ; à remplacer après %2</translation>
        </message>
        <message>
            <source>%s at %g %%</source>
            <translation>%s à %g %%</translation>
        </message>
        <message>
            <source>Shoot</source>
            <translation>Prise de vues</translation>
        </message>
        <message>
            <source>Chart copy</source>
            <translation>Exemplaire de mire</translation>
        </message>
        <message>
            <source>Copy made on</source>
            <translation>Exemplaire fabriqué le</translation>
        </message>
        <message>
            <source>Its age at the shot</source>
            <translation>Son âge à la prise</translation>
        </message>
        <message>
            <source>Its values</source>
            <translation>Ses valeurs</translation>
        </message>
        <message>
            <source>Reads back as written</source>
            <translation>Relu comme écrit</translation>
        </message>
        <message>
            <source>%1 on average, %2 at most, by %3, from the graded picture</source>
            <translation>%1 en moyenne, %2 au plus, par %3, d'après l'image étalonnée</translation>
        </message>
        <message>
            <source>%1 on average, %2 at most, by %3, which read it back</source>
            <translation>%1 en moyenne, %2 au plus, relu par %3</translation>
        </message>
        <message>
            <source>Match %1 again</source>
            <translation>Accorder %1 de nouveau</translation>
        </message>
        <message>
            <source>The chart is to be shot again, and nothing can be built on this shot: %1</source>
            <translation>La mire est à reprendre, et rien ne peut se construire sur cette prise : %1</translation>
        </message>
        <message>
            <source>The chart is to be shot again; nothing is built on this shot.</source>
            <translation>La mire est à reprendre ; rien n'est construit sur cette prise.</translation>
        </message>
        <message>
            <source>The chart is to be shot again if that is possible; its faults were mended.</source>
            <translation>La mire est à reprendre si possible ; ses défauts ont été réparés.</translation>
        </message>
        <message>
            <source>The place of the grey is not in %1.</source>
            <translation>L'endroit du gris n'est pas dans %1.</translation>
        </message>
        <message>
            <source>No grey card was found in %1. Say where something neutral is, as --grey "x,y,width,height" in pixels.</source>
            <translation>Aucune carte grise trouvée dans %1. Dites où est quelque chose de neutre, par --grey "x,y,largeur,hauteur" en pixels.</translation>
        </message>
        <message>
            <source>A grey's reflectance must be 0.02 to 1; the usual card has 0.18.</source>
            <translation>La réflectance d'un gris doit être de 0,02 à 1 ; la carte usuelle a 0,18.</translation>
        </message>
        <message>
            <source>The grey in %1 is clipped, so its colour is lost. Use a darker one.</source>
            <translation>Le gris de %1 est écrêté, sa couleur est perdue. Prenez-en un plus sombre.</translation>
        </message>
        <message>
            <source>The grey in %1 is too dark to balance on. Use a lighter one.</source>
            <translation>Le gris de %1 est trop sombre pour équilibrer. Prenez-en un plus clair.</translation>
        </message>
        <message>
            <source>%1, on a grey</source>
            <translation>%1, sur un gris</translation>
        </message>
        <message>
            <source>From a grey alone: balance and level are measured. %1 Nothing proves its colours; shoot a chart where they matter.</source>
            <translation>D'un gris seul : balance et niveau sont mesurés. %1 Rien ne prouve ses couleurs ; prenez une mire là où elles comptent.</translation>
        </message>
        <message>
            <source>Import %1</source>
            <translation>Importer %1</translation>
        </message>
        <message>
            <source>Import %1 files</source>
            <translation>Importer %1 fichiers</translation>
        </message>
        <message>
            <source>Sort the frames</source>
            <translation>Trier les images</translation>
        </message>
        <message>
            <source>That place is not in the leader's picture.</source>
            <translation>Cet endroit n'est pas dans l'image de la directrice.</translation>
        </message>
        <message>
            <source>A setup cannot follow itself. Choose another that leads.</source>
            <translation>Une configuration ne peut se suivre elle-même. Choisissez-en une autre qui dirige.</translation>
        </message>
        <message>
            <source>%1, %2 has no chart reading yet, so that it can neither lead nor follow. Read its chart shot first.</source>
            <translation>%1, %2 n'a pas encore de lecture et ne peut ni diriger ni suivre. Lisez d'abord sa prise de mire.</translation>
        </message>
        <message>
            <source>%1, to %2</source>
            <translation>%1, vers %2</translation>
        </message>
        <message>
            <source>The chart shot that it was matched to is not part of this shoot any more.</source>
            <translation>La prise de mire de l'accord ne fait plus partie de cette prise de vues.</translation>
        </message>
        <message>
            <source>The leading camera's reading, its correction or the transform that it is seen through has changed since. Match again.</source>
            <translation>La lecture de la directrice, sa correction ou la transformation par laquelle on la voit a changé depuis. Accordez de nouveau.</translation>
        </message>
        <message>
            <source>That place is not in the follower's picture.</source>
            <translation>Cet endroit n'est pas dans l'image de la suiveuse.</translation>
        </message>
        <message>
            <source>: about %.0f mired warmer</source>
            <translation> : environ %.0f mired plus chaude</translation>
        </message>
        <message>
            <source>: about %.0f mired cooler</source>
            <translation> : environ %.0f mired plus froide</translation>
        </message>
        <message>
            <source> and %.1f stops brighter</source>
            <translation> et %.1f diaph. plus claire</translation>
        </message>
        <message>
            <source> and %.1f stops darker</source>
            <translation> et %.1f diaph. plus sombre</translation>
        </message>
        <message>
            <source>%1 than before</source>
            <translation>%1 qu'avant</translation>
        </message>
        <message>
            <source>The first frames of %1.</source>
            <translation>Les premières images de %1.</translation>
        </message>
        <message>
            <source>a camera without a name</source>
            <translation>un appareil sans nom</translation>
        </message>
        <message>
            <source>The lens was changed to %1.</source>
            <translation>L'objectif est devenu %1.</translation>
        </message>
        <message>
            <source>Nothing was taken for %.0f minutes before.</source>
            <translation>Rien n'a été pris pendant %.0f minutes avant.</translation>
        </message>
        <message>
            <source>A chart was shot.</source>
            <translation>Une mire a été prise.</translation>
        </message>
        <message>
            <source>A chart was shot in another light%1.</source>
            <translation>Une mire a été prise sous une autre lumière%1.</translation>
        </message>
        <message>
            <source>Taken among the frames of a setup that is there, or soon after.</source>
            <translation>Prise parmi les images d'une configuration existante, ou peu après.</translation>
        </message>
        <message>
            <source>Put together by hand.</source>
            <translation>Réunies à la main.</translation>
        </message>
        <message>
            <source>Begin a proposed setup</source>
            <translation>Commencer une configuration proposée</translation>
        </message>
        <message>
            <source>Begin %1 proposed setups</source>
            <translation>Commencer %1 configurations proposées</translation>
        </message>
        <message>
            <source>The frames of a proposed setup have gone; bring them in again.</source>
            <translation>Les images d'une configuration proposée ont disparu ; réimportez-les.</translation>
        </message>
        <message>
            <source>%1 is too poor a chart shot to correct the camera's own pictures by.</source>
            <translation>%1 est une prise de mire trop pauvre pour corriger les images de la caméra.</translation>
        </message>
        <message>
            <source>Quick, %1</source>
            <translation>Rapide, %1</translation>
        </message>
        <message>
            <source>"%1" is no receiver; it is raw, editor, compositor, client or archive.</source>
            <translation>« %1 » n'est pas un destinataire ; c'est raw, editor, compositor, client ou archive.</translation>
        </message>
        <message>
            <source>Raw developer</source>
            <translation>Développeur raw</translation>
        </message>
        <message>
            <source>Editor</source>
            <translation>Montage</translation>
        </message>
        <message>
            <source>Compositor</source>
            <translation>Compositing</translation>
        </message>
        <message>
            <source>Archive</source>
            <translation>Archives</translation>
        </message>
        <message>
            <source>The library is empty: build a correction from a chart shot first.</source>
            <translation>La bibliothèque est vide : construisez d'abord une correction d'après une prise de mire.</translation>
        </message>
        <message>
            <source>what was marked as grey</source>
            <translation>ce qui a été marqué comme gris</translation>
        </message>
        <message>
            <source>what looks like a grey card</source>
            <translation>ce qui ressemble à une carte grise</translation>
        </message>
        <message>
            <source>No place yet</source>
            <translation>Pas encore de lieu</translation>
        </message>
        <message>
            <source>Shoot of %1</source>
            <translation>Prise de vues du %1</translation>
        </message>
        <message>
            <source>Setup %1</source>
            <translation>Configuration %1</translation>
        </message>
        <message>
            <source>Its setup was begun with it.</source>
            <translation>Sa configuration a été commencée avec elle.</translation>
        </message>
        <message>
            <source>%1, shared by %2</source>
            <translation>%1, partagée par %2</translation>
        </message>
        <message>
            <source>%+.1f stops</source>
            <translation>%+.1f diaph.</translation>
        </message>
        <message>
            <source>%1 of this setup went out and brings the level, too (%2): one after the other they bring it twice. Let a profile leave the level, or use one alone.</source>
            <translation>%1 de cette configuration est sorti et apporte aussi le niveau (%2) : l'un après l'autre l'apportent deux fois. Qu'un profil laisse le niveau, ou utilisez-en un seul.</translation>
        </message>
        <message>
            <source>Say which camera it was: one of the kit, or another's name.</source>
            <translation>Dites quel appareil c'était : un du matériel, ou le nom d'un autre.</translation>
        </message>
        <message>
            <source>The studio has no shoot yet; plan one or bring frames in first.</source>
            <translation>Le studio n'a pas encore de prise de vues ; planifiez-en une ou importez des images.</translation>
        </message>
    </context>
</TS>
