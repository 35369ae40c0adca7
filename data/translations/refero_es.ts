<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es" sourcelanguage="en">
    <context>
        <name>AbPlot</name>
        <message>
            <source>Errors in the a*b* plane</source>
            <translation>Errores en el plano a*b*</translation>
        </message>
        <message>
            <source>Ring: where a patch belongs. Thin line: from where balance alone puts it. Dot: where the correction puts it. a* runs from green to red, b* from blue to yellow.</source>
            <translation>Anillo: el lugar de un parche. Línea fina: desde donde lo pone el balance solo. Punto: donde lo pone la corrección. a* va del verde al rojo, b* del azul al amarillo.</translation>
        </message>
        <message>
            <source>Where colours move</source>
            <translation>Adónde van los colores</translation>
        </message>
        <message>
            <source>Nothing to show.</source>
            <translation>Nada que mostrar.</translation>
        </message>
        <message>
            <source>%1 belongs at a* %2, b* %3; it was %4 CIEDE2000 away and is %5 now.</source>
            <translation>%1 va en a* %2, b* %3; estaba a %4 CIEDE2000 y ahora a %5.</translation>
        </message>
    </context>
    <context>
        <name>refero::AbPlot</name>
        <message>
            <source>Errors in the a*b* plane</source>
            <translation>Errores en el plano a*b*</translation>
        </message>
        <message>
            <source>Ring: where a patch belongs. Thin line: from where balance alone puts it. Dot: where the correction puts it. a* runs from green to red, b* from blue to yellow.</source>
            <translation>Anillo: el lugar de un parche. Línea fina: desde donde lo pone el balance solo. Punto: donde lo pone la corrección. a* va del verde al rojo, b* del azul al amarillo.</translation>
        </message>
        <message>
            <source>Where colours move</source>
            <translation>Adónde van los colores</translation>
        </message>
        <message>
            <source>Nothing to show.</source>
            <translation>Nada que mostrar.</translation>
        </message>
        <message>
            <source>%1 belongs at a* %2, b* %3; it was %4 CIEDE2000 away and is %5 now.</source>
            <translation>%1 va en a* %2, b* %3; estaba a %4 CIEDE2000 y ahora a %5.</translation>
        </message>
    </context>
    <context>
        <name>About</name>
        <message>
            <source>letters</source>
            <translation>letras</translation>
        </message>
        <message>
            <source>figures, made from Inter</source>
            <translation>cifras, hechas de Inter</translation>
        </message>
        <message>
            <source>icons</source>
            <translation>iconos</translation>
        </message>
        <message>
            <source>observers, illuminants and daylight</source>
            <translation>observadores, iluminantes y luz de día</translation>
        </message>
        <message>
            <source>facts published by the CIE; sources in the bibliography</source>
            <translation>hechos publicados por la CIE; fuentes en la bibliografía</translation>
        </message>
        <message>
            <source>the window</source>
            <translation>la ventana</translation>
        </message>
        <message>
            <source>pictures</source>
            <translation>imágenes</translation>
        </message>
        <message>
            <source>lines and regions in pictures</source>
            <translation>líneas y zonas en imágenes</translation>
        </message>
        <message>
            <source>raw frames</source>
            <translation>fotogramas raw</translation>
        </message>
        <message>
            <source>clips</source>
            <translation>clips</translation>
        </message>
        <message>
            <source>sizes and ranges of clips</source>
            <translation>tamaños y rangos de clips</translation>
        </message>
        <message>
            <source>LUTs and configurations</source>
            <translation>LUT y configuraciones</translation>
        </message>
        <message>
            <source>ICC profiles</source>
            <translation>perfiles ICC</translation>
        </message>
        <message>
            <source>metadata</source>
            <translation>metadatos</translation>
        </message>
        <message>
            <source>linear algebra</source>
            <translation>álgebra lineal</translation>
        </message>
        <message>
            <source>least squares</source>
            <translation>mínimos cuadrados</translation>
        </message>
        <message>
            <source>many threads</source>
            <translation>muchos hilos</translation>
        </message>
        <message>
            <source>vectors</source>
            <translation>vectores</translation>
        </message>
        <message>
            <source>the studio file</source>
            <translation>el archivo de estudio</translation>
        </message>
        <message>
            <source>documents</source>
            <translation>documentos</translation>
        </message>
        <message>
            <source>the command line</source>
            <translation>la línea de órdenes</translation>
        </message>
        <message>
            <source>results or errors</source>
            <translation>resultados o errores</translation>
        </message>
        <message>
            <source>files, codes on slates, checksums</source>
            <translation>archivos, códigos en claquetas, sumas de control</translation>
        </message>
    </context>
    <context>
        <name>refero::About</name>
        <message>
            <source>letters</source>
            <translation>letras</translation>
        </message>
        <message>
            <source>figures, made from Inter</source>
            <translation>cifras, hechas de Inter</translation>
        </message>
        <message>
            <source>icons</source>
            <translation>iconos</translation>
        </message>
        <message>
            <source>observers, illuminants and daylight</source>
            <translation>observadores, iluminantes y luz de día</translation>
        </message>
        <message>
            <source>facts published by the CIE; sources in the bibliography</source>
            <translation>hechos publicados por la CIE; fuentes en la bibliografía</translation>
        </message>
        <message>
            <source>the window</source>
            <translation>la ventana</translation>
        </message>
        <message>
            <source>pictures</source>
            <translation>imágenes</translation>
        </message>
        <message>
            <source>lines and regions in pictures</source>
            <translation>líneas y zonas en imágenes</translation>
        </message>
        <message>
            <source>raw frames</source>
            <translation>fotogramas raw</translation>
        </message>
        <message>
            <source>clips</source>
            <translation>clips</translation>
        </message>
        <message>
            <source>sizes and ranges of clips</source>
            <translation>tamaños y rangos de clips</translation>
        </message>
        <message>
            <source>LUTs and configurations</source>
            <translation>LUT y configuraciones</translation>
        </message>
        <message>
            <source>ICC profiles</source>
            <translation>perfiles ICC</translation>
        </message>
        <message>
            <source>metadata</source>
            <translation>metadatos</translation>
        </message>
        <message>
            <source>linear algebra</source>
            <translation>álgebra lineal</translation>
        </message>
        <message>
            <source>least squares</source>
            <translation>mínimos cuadrados</translation>
        </message>
        <message>
            <source>many threads</source>
            <translation>muchos hilos</translation>
        </message>
        <message>
            <source>vectors</source>
            <translation>vectores</translation>
        </message>
        <message>
            <source>the studio file</source>
            <translation>el archivo de estudio</translation>
        </message>
        <message>
            <source>documents</source>
            <translation>documentos</translation>
        </message>
        <message>
            <source>the command line</source>
            <translation>la línea de órdenes</translation>
        </message>
        <message>
            <source>results or errors</source>
            <translation>resultados o errores</translation>
        </message>
        <message>
            <source>files, codes on slates, checksums</source>
            <translation>archivos, códigos en claquetas, sumas de control</translation>
        </message>
    </context>
    <context>
        <name>AboutWindow</name>
        <message>
            <source>About Refero</source>
            <translation>Acerca de Refero</translation>
        </message>
        <message>
            <source>Refero %1</source>
            <translation>Refero %1</translation>
        </message>
        <message>
            <source>Finds the colour chart, measures it, judges the shot, and makes the correction for all that was taken in that light. Free software under the GNU General Public License, version 3 or later, without any warranty.</source>
            <translation>Encuentra la carta de color, la mide, juzga la toma y hace la corrección de todo lo tomado con esa luz. Software libre con la GNU General Public License, versión 3 o posterior, sin garantía alguna.</translation>
        </message>
        <message>
            <source>Licences</source>
            <translation>Licencias</translation>
        </message>
        <message>
            <source>Shipped within the program</source>
            <translation>Incluido en el programa</translation>
        </message>
        <message>
            <source>Stands on, from the system's packages</source>
            <translation>Se apoya en, de los paquetes del sistema</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Cerrar</translation>
        </message>
    </context>
    <context>
        <name>refero::AboutWindow</name>
        <message>
            <source>About Refero</source>
            <translation>Acerca de Refero</translation>
        </message>
        <message>
            <source>Refero %1</source>
            <translation>Refero %1</translation>
        </message>
        <message>
            <source>Finds the colour chart, measures it, judges the shot, and makes the correction for all that was taken in that light. Free software under the GNU General Public License, version 3 or later, without any warranty.</source>
            <translation>Encuentra la carta de color, la mide, juzga la toma y hace la corrección de todo lo tomado con esa luz. Software libre con la GNU General Public License, versión 3 o posterior, sin garantía alguna.</translation>
        </message>
        <message>
            <source>Licences</source>
            <translation>Licencias</translation>
        </message>
        <message>
            <source>Shipped within the program</source>
            <translation>Incluido en el programa</translation>
        </message>
        <message>
            <source>Stands on, from the system's packages</source>
            <translation>Se apoya en, de los paquetes del sistema</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Cerrar</translation>
        </message>
    </context>
    <context>
        <name>BenchActions</name>
        <message>
            <source>Keep the test of %1</source>
            <translation>Guardar la prueba de %1</translation>
        </message>
        <message>
            <source>The test stays with %1 in the kit.</source>
            <translation>La prueba queda con %1 en el equipo.</translation>
        </message>
        <message>
            <source>%1 is written, with a card for the camera. %2</source>
            <translation>%1 está escrito, con una ficha para la cámara. %2</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Tal como se grabó</translation>
        </message>
        <message>
            <source>By its data sheet</source>
            <translation>Según su ficha técnica</translation>
        </message>
    </context>
    <context>
        <name>refero::BenchActions</name>
        <message>
            <source>Keep the test of %1</source>
            <translation>Guardar la prueba de %1</translation>
        </message>
        <message>
            <source>The test stays with %1 in the kit.</source>
            <translation>La prueba queda con %1 en el equipo.</translation>
        </message>
        <message>
            <source>%1 is written, with a card for the camera. %2</source>
            <translation>%1 está escrito, con una ficha para la cámara. %2</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Tal como se grabó</translation>
        </message>
        <message>
            <source>By its data sheet</source>
            <translation>Según su ficha técnica</translation>
        </message>
    </context>
    <context>
        <name>BenchPage</name>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick.</source>
            <translation>Arrastre el borde para la cortinilla; mantenga F o espacio para alternar.</translation>
        </message>
    </context>
    <context>
        <name>refero::BenchPage</name>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick.</source>
            <translation>Arrastre el borde para la cortinilla; mantenga F o espacio para alternar.</translation>
        </message>
    </context>
    <context>
        <name>BenchStation</name>
        <message>
            <source>Exposure series</source>
            <translation>Serie de exposición</translation>
        </message>
        <message>
            <source>What a camera can take, profile by profile.</source>
            <translation>Lo que aguanta una cámara, perfil a perfil.</translation>
        </message>
        <message>
            <source>Transforms of others</source>
            <translation>Transformaciones ajenas</translation>
        </message>
        <message>
            <source>What LUTs, profiles and decision lists do to this setup's colours.</source>
            <translation>Lo que LUT, perfiles y listas de decisión hacen con los colores de este montaje.</translation>
        </message>
    </context>
    <context>
        <name>refero::BenchStation</name>
        <message>
            <source>Exposure series</source>
            <translation>Serie de exposición</translation>
        </message>
        <message>
            <source>What a camera can take, profile by profile.</source>
            <translation>Lo que aguanta una cámara, perfil a perfil.</translation>
        </message>
        <message>
            <source>Transforms of others</source>
            <translation>Transformaciones ajenas</translation>
        </message>
        <message>
            <source>What LUTs, profiles and decision lists do to this setup's colours.</source>
            <translation>Lo que LUT, perfiles y listas de decisión hacen con los colores de este montaje.</translation>
        </message>
    </context>
    <context>
        <name>CameraNotes</name>
        <message>
            <source>The camera was set to</source>
            <translation>La cámara estaba en</translation>
        </message>
        <message>
            <source>Kelvin that the camera was set to</source>
            <translation>Kelvin puestos en la cámara</translation>
        </message>
        <message>
            <source>Read off the camera. Each teaches this body's own scale, on which it is told what to dial.</source>
            <translation>Leídos en la cámara. Cada uno enseña la escala propia de este cuerpo, en la que se dice qué poner.</translation>
        </message>
        <message>
            <source>not said</source>
            <translation>sin decir</translation>
        </message>
        <message>
            <source>Nothing is to be changed in the camera for this light.</source>
            <translation>Nada que cambiar en la cámara para esta luz.</translation>
        </message>
    </context>
    <context>
        <name>refero::CameraNotes</name>
        <message>
            <source>The camera was set to</source>
            <translation>La cámara estaba en</translation>
        </message>
        <message>
            <source>Kelvin that the camera was set to</source>
            <translation>Kelvin puestos en la cámara</translation>
        </message>
        <message>
            <source>Read off the camera. Each teaches this body's own scale, on which it is told what to dial.</source>
            <translation>Leídos en la cámara. Cada uno enseña la escala propia de este cuerpo, en la que se dice qué poner.</translation>
        </message>
        <message>
            <source>not said</source>
            <translation>sin decir</translation>
        </message>
        <message>
            <source>Nothing is to be changed in the camera for this light.</source>
            <translation>Nada que cambiar en la cámara para esta luz.</translation>
        </message>
    </context>
    <context>
        <name>CamerasPage</name>
        <message>
            <source>Pair</source>
            <translation>Par</translation>
        </message>
        <message>
            <source>Before</source>
            <translation>Antes</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the two as they show themselves.</source>
            <translation>CIEDE2000 medio entre las dos tal como se muestran.</translation>
        </message>
        <message>
            <source>Now</source>
            <translation>Ahora</translation>
        </message>
        <message>
            <source>The same with the corrections that are kept.</source>
            <translation>Lo mismo con las correcciones guardadas.</translation>
        </message>
        <message>
            <source>Pairs of cameras</source>
            <translation>Pares de cámaras</translation>
        </message>
        <message>
            <source>%1 and %2 (weakest)</source>
            <translation>%1 y %2 (el más débil)</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 y %2</translation>
        </message>
        <message>
            <source>Over %1 patches that both show.</source>
            <translation>Sobre %1 parches que ambas muestran.</translation>
        </message>
    </context>
    <context>
        <name>refero::CamerasPage</name>
        <message>
            <source>Pair</source>
            <translation>Par</translation>
        </message>
        <message>
            <source>Before</source>
            <translation>Antes</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the two as they show themselves.</source>
            <translation>CIEDE2000 medio entre las dos tal como se muestran.</translation>
        </message>
        <message>
            <source>Now</source>
            <translation>Ahora</translation>
        </message>
        <message>
            <source>The same with the corrections that are kept.</source>
            <translation>Lo mismo con las correcciones guardadas.</translation>
        </message>
        <message>
            <source>Pairs of cameras</source>
            <translation>Pares de cámaras</translation>
        </message>
        <message>
            <source>%1 and %2 (weakest)</source>
            <translation>%1 y %2 (el más débil)</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 y %2</translation>
        </message>
        <message>
            <source>Over %1 patches that both show.</source>
            <translation>Sobre %1 parches que ambas muestran.</translation>
        </message>
    </context>
    <context>
        <name>CardPage</name>
        <message>
            <source>None: lent</source>
            <translation>Ninguna: prestada</translation>
        </message>
        <message>
            <source>%1, mended</source>
            <translation>%1, reparada</translation>
        </message>
        <message>
            <source>Back to the frames</source>
            <translation>Volver a los fotogramas</translation>
        </message>
        <message>
            <source>Setups are begun for frames that have none, chart shots read and judged, corrections built where the shot is good or can be mended, and each receiver gets a folder. What is done already stays as it is.</source>
            <translation>Se empiezan montajes para fotogramas que no tienen, se leen y juzgan las tomas de carta, se construyen correcciones donde la toma es buena o reparable, y cada destinatario recibe una carpeta. Lo ya hecho queda.</translation>
        </message>
        <message>
            <source>Take it all back</source>
            <translation>Deshacer todo</translation>
        </message>
        <message>
            <source>Setups, readings and corrections of this run, as one step; files that went out stay.</source>
            <translation>Montajes, lecturas y correcciones de esta pasada, en un paso; los archivos que salieron quedan.</translation>
        </message>
        <message>
            <source>Setup</source>
            <translation>Montaje</translation>
        </message>
        <message>
            <source>Chart shot</source>
            <translation>Toma de carta</translation>
        </message>
        <message>
            <source>By the shoot's limits of today.</source>
            <translation>Según los límites de hoy del rodaje.</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Queda</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that the correction leaves on the chart.</source>
            <translation>CIEDE2000 medio que la corrección deja en la carta.</translation>
        </message>
        <message>
            <source>Receivers</source>
            <translation>Destinatarios</translation>
        </message>
        <message>
            <source>How many have all of it as it is now.</source>
            <translation>Cuántos lo tienen todo como está ahora.</translation>
        </message>
        <message>
            <source>What happens</source>
            <translation>Qué sucede</translation>
        </message>
        <message>
            <source>What was done with each setup</source>
            <translation>Qué se hizo con cada montaje</translation>
        </message>
        <message>
            <source>Hand over to</source>
            <translation>Entregar a</translation>
        </message>
        <message>
            <source>Hand over to: %1</source>
            <translation>Entregar a: %1</translation>
        </message>
        <message>
            <source>Into a folder...</source>
            <translation>En una carpeta...</translation>
        </message>
        <message>
            <source>No frames have come in yet.</source>
            <translation>Aún no han llegado fotogramas.</translation>
        </message>
        <message>
            <source>%1 frames, %2 lights, %3 chart shots</source>
            <translation>%1 fotogramas, %2 luces, %3 tomas de carta</translation>
        </message>
        <message>
            <source>%1, not read yet.</source>
            <translation>%1, aún sin leer.</translation>
        </message>
        <message>
            <source>%1 good</source>
            <translation>%1 buenas</translation>
        </message>
        <message>
            <source>%1 to be looked at</source>
            <translation>%1 por revisar</translation>
        </message>
        <message>
            <source>%1 to be shot again</source>
            <translation>%1 por tomar de nuevo</translation>
        </message>
        <message>
            <source>%1 not read yet</source>
            <translation>%1 aún sin leer</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <translation>%1: %2.</translation>
        </message>
        <message>
            <source>Where the receivers' folders are made</source>
            <translation>Dónde se crean las carpetas de los destinatarios</translation>
        </message>
        <message>
            <source>Frames are still coming in; begin when they are there.</source>
            <translation>Aún llegan fotogramas; empiece cuando estén.</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Parar aquí</translation>
        </message>
        <message>
            <source>Read and correct</source>
            <translation>Leer y corregir</translation>
        </message>
        <message>
            <source>Read, correct and hand over</source>
            <translation>Leer, corregir y entregar</translation>
        </message>
        <message>
            <source>Colours %1</source>
            <translation>Colores %1</translation>
        </message>
        <message>
            <source>Stopped. What was done stays; the same button goes on.</source>
            <translation>Parado. Lo hecho queda; el mismo botón sigue.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected.</source>
            <translation>Hecho: %1 montajes corregidos.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected, %2 more by colours that are lent.</source>
            <translation>Hecho: %1 montajes corregidos, %2 más con colores prestados.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected, %2 are not; the list says why.</source>
            <translation>Hecho: %1 montajes corregidos, %2 no; la lista dice por qué.</translation>
        </message>
        <message>
            <source>Done. Corrected: %1; by colours that are lent: %2; not: %3, and the list says why.</source>
            <translation>Hecho. Corregidos: %1; con colores prestados: %2; no: %3, y la lista dice por qué.</translation>
        </message>
    </context>
    <context>
        <name>refero::CardPage</name>
        <message>
            <source>None: lent</source>
            <translation>Ninguna: prestada</translation>
        </message>
        <message>
            <source>%1, mended</source>
            <translation>%1, reparada</translation>
        </message>
        <message>
            <source>Back to the frames</source>
            <translation>Volver a los fotogramas</translation>
        </message>
        <message>
            <source>Setups are begun for frames that have none, chart shots read and judged, corrections built where the shot is good or can be mended, and each receiver gets a folder. What is done already stays as it is.</source>
            <translation>Se empiezan montajes para fotogramas que no tienen, se leen y juzgan las tomas de carta, se construyen correcciones donde la toma es buena o reparable, y cada destinatario recibe una carpeta. Lo ya hecho queda.</translation>
        </message>
        <message>
            <source>Take it all back</source>
            <translation>Deshacer todo</translation>
        </message>
        <message>
            <source>Setups, readings and corrections of this run, as one step; files that went out stay.</source>
            <translation>Montajes, lecturas y correcciones de esta pasada, en un paso; los archivos que salieron quedan.</translation>
        </message>
        <message>
            <source>Setup</source>
            <translation>Montaje</translation>
        </message>
        <message>
            <source>Chart shot</source>
            <translation>Toma de carta</translation>
        </message>
        <message>
            <source>By the shoot's limits of today.</source>
            <translation>Según los límites de hoy del rodaje.</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Queda</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that the correction leaves on the chart.</source>
            <translation>CIEDE2000 medio que la corrección deja en la carta.</translation>
        </message>
        <message>
            <source>Receivers</source>
            <translation>Destinatarios</translation>
        </message>
        <message>
            <source>How many have all of it as it is now.</source>
            <translation>Cuántos lo tienen todo como está ahora.</translation>
        </message>
        <message>
            <source>What happens</source>
            <translation>Qué sucede</translation>
        </message>
        <message>
            <source>What was done with each setup</source>
            <translation>Qué se hizo con cada montaje</translation>
        </message>
        <message>
            <source>Hand over to</source>
            <translation>Entregar a</translation>
        </message>
        <message>
            <source>Hand over to: %1</source>
            <translation>Entregar a: %1</translation>
        </message>
        <message>
            <source>Into a folder...</source>
            <translation>En una carpeta...</translation>
        </message>
        <message>
            <source>No frames have come in yet.</source>
            <translation>Aún no han llegado fotogramas.</translation>
        </message>
        <message>
            <source>%1 frames, %2 lights, %3 chart shots</source>
            <translation>%1 fotogramas, %2 luces, %3 tomas de carta</translation>
        </message>
        <message>
            <source>%1, not read yet.</source>
            <translation>%1, aún sin leer.</translation>
        </message>
        <message>
            <source>%1 good</source>
            <translation>%1 buenas</translation>
        </message>
        <message>
            <source>%1 to be looked at</source>
            <translation>%1 por revisar</translation>
        </message>
        <message>
            <source>%1 to be shot again</source>
            <translation>%1 por tomar de nuevo</translation>
        </message>
        <message>
            <source>%1 not read yet</source>
            <translation>%1 aún sin leer</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <translation>%1: %2.</translation>
        </message>
        <message>
            <source>Where the receivers' folders are made</source>
            <translation>Dónde se crean las carpetas de los destinatarios</translation>
        </message>
        <message>
            <source>Frames are still coming in; begin when they are there.</source>
            <translation>Aún llegan fotogramas; empiece cuando estén.</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Parar aquí</translation>
        </message>
        <message>
            <source>Read and correct</source>
            <translation>Leer y corregir</translation>
        </message>
        <message>
            <source>Read, correct and hand over</source>
            <translation>Leer, corregir y entregar</translation>
        </message>
        <message>
            <source>Colours %1</source>
            <translation>Colores %1</translation>
        </message>
        <message>
            <source>Stopped. What was done stays; the same button goes on.</source>
            <translation>Parado. Lo hecho queda; el mismo botón sigue.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected.</source>
            <translation>Hecho: %1 montajes corregidos.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected, %2 more by colours that are lent.</source>
            <translation>Hecho: %1 montajes corregidos, %2 más con colores prestados.</translation>
        </message>
        <message>
            <source>Done: %1 setups are corrected, %2 are not; the list says why.</source>
            <translation>Hecho: %1 montajes corregidos, %2 no; la lista dice por qué.</translation>
        </message>
        <message>
            <source>Done. Corrected: %1; by colours that are lent: %2; not: %3, and the list says why.</source>
            <translation>Hecho. Corregidos: %1; con colores prestados: %2; no: %3, y la lista dice por qué.</translation>
        </message>
    </context>
    <context>
        <name>CertaintyView</name>
        <message>
            <source>%1 (%2 to %3)</source>
            <translation>%1 (%2 a %3)</translation>
        </message>
        <message>
            <source>Figures and how sure they are</source>
            <translation>Cifras y su certeza</translation>
        </message>
    </context>
    <context>
        <name>refero::CertaintyView</name>
        <message>
            <source>%1 (%2 to %3)</source>
            <translation>%1 (%2 a %3)</translation>
        </message>
        <message>
            <source>Figures and how sure they are</source>
            <translation>Cifras y su certeza</translation>
        </message>
    </context>
    <context>
        <name>ChartAdvice</name>
        <message>
            <source>Sits well: large enough, and clear of the corners.</source>
            <translation>Bien puesta: bastante grande y lejos de las esquinas.</translation>
        </message>
        <message>
            <source>%1 % of the frame
Smallest patch %2 px wide
%3 % of the way to the corners</source>
            <translation>%1 % del fotograma
Parche menor %2 px de ancho
%3 % del camino a las esquinas</translation>
        </message>
        <message>
            <source>Take %1</source>
            <translation>Usar %1</translation>
        </message>
        <message>
            <source>Shoot it from %1 m</source>
            <translation>Tomarla a %1 m</translation>
        </message>
    </context>
    <context>
        <name>refero::ChartAdvice</name>
        <message>
            <source>Sits well: large enough, and clear of the corners.</source>
            <translation>Bien puesta: bastante grande y lejos de las esquinas.</translation>
        </message>
        <message>
            <source>%1 % of the frame
Smallest patch %2 px wide
%3 % of the way to the corners</source>
            <translation>%1 % del fotograma
Parche menor %2 px de ancho
%3 % del camino a las esquinas</translation>
        </message>
        <message>
            <source>Take %1</source>
            <translation>Usar %1</translation>
        </message>
        <message>
            <source>Shoot it from %1 m</source>
            <translation>Tomarla a %1 m</translation>
        </message>
    </context>
    <context>
        <name>ChartAssistant</name>
        <message>
            <source>A chart from its data</source>
            <translation>Una carta desde sus datos</translation>
        </message>
        <message>
            <source>Chart data</source>
            <translation>Datos de la carta</translation>
        </message>
        <message>
            <source>Open a data file</source>
            <translation>Abrir un archivo de datos</translation>
        </message>
        <message>
            <source>Measured under</source>
            <translation>Medido con</translation>
        </message>
        <message>
            <source>The condition of ISO 13655, where the data hold several: M0 as it came, M1 with daylight's ultraviolet, M2 without ultraviolet, M3 polarised.</source>
            <translation>La condición de ISO 13655, si los datos tienen varias: M0 tal cual, M1 con ultravioleta de luz de día, M2 sin ultravioleta, M3 polarizada.</translation>
        </message>
        <message>
            <source>As the file says</source>
            <translation>Como dice el archivo</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nombre</translation>
        </message>
        <message>
            <source>What it is called.</source>
            <translation>Cómo se llama.</translation>
        </message>
        <message>
            <source>Keep this chart</source>
            <translation>Guardar esta carta</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Cancelar</translation>
        </message>
        <message>
            <source>My chart</source>
            <translation>Mi carta</translation>
        </message>
        <message>
            <source>Open chart data</source>
            <translation>Abrir datos de carta</translation>
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
            <translation>Una carta desde sus datos</translation>
        </message>
        <message>
            <source>Chart data</source>
            <translation>Datos de la carta</translation>
        </message>
        <message>
            <source>Open a data file</source>
            <translation>Abrir un archivo de datos</translation>
        </message>
        <message>
            <source>Measured under</source>
            <translation>Medido con</translation>
        </message>
        <message>
            <source>The condition of ISO 13655, where the data hold several: M0 as it came, M1 with daylight's ultraviolet, M2 without ultraviolet, M3 polarised.</source>
            <translation>La condición de ISO 13655, si los datos tienen varias: M0 tal cual, M1 con ultravioleta de luz de día, M2 sin ultravioleta, M3 polarizada.</translation>
        </message>
        <message>
            <source>As the file says</source>
            <translation>Como dice el archivo</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nombre</translation>
        </message>
        <message>
            <source>What it is called.</source>
            <translation>Cómo se llama.</translation>
        </message>
        <message>
            <source>Keep this chart</source>
            <translation>Guardar esta carta</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Cancelar</translation>
        </message>
        <message>
            <source>My chart</source>
            <translation>Mi carta</translation>
        </message>
        <message>
            <source>Open chart data</source>
            <translation>Abrir datos de carta</translation>
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
            <translation>Datos de carta (%1)</translation>
        </message>
    </context>
    <context>
        <name>refero::ChartData</name>
        <message>
            <source>Chart data (%1)</source>
            <translation>Datos de carta (%1)</translation>
        </message>
    </context>
    <context>
        <name>ChartPicture</name>
        <message>
            <source>The chart</source>
            <translation>La carta</translation>
        </message>
        <message numerus="yes">
            <source>%1, %n patches.</source>
            <translation>
                <numerusform>%1, %n parche.</numerusform>
                <numerusform>%1, %n parches.</numerusform>
            </translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a patch and its figure</comment>
            <translation>%1: %2.</translation>
        </message>
        <message>
            <source>%1 is chosen.</source>
            <translation>%1 está elegida.</translation>
        </message>
    </context>
    <context>
        <name>refero::ChartPicture</name>
        <message>
            <source>The chart</source>
            <translation>La carta</translation>
        </message>
        <message numerus="yes">
            <source>%1, %n patches.</source>
            <translation>
                <numerusform>%1, %n parche.</numerusform>
                <numerusform>%1, %n parches.</numerusform>
            </translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a patch and its figure</comment>
            <translation>%1: %2.</translation>
        </message>
        <message>
            <source>%1 is chosen.</source>
            <translation>%1 está elegida.</translation>
        </message>
    </context>
    <context>
        <name>ChartsPage</name>
        <message>
            <source>Charts and their copies</source>
            <translation>Cartas y sus ejemplares</translation>
        </message>
        <message>
            <source>New chart from data</source>
            <translation>Carta nueva desde datos</translation>
        </message>
        <message>
            <source>Measure this copy</source>
            <translation>Medir este ejemplar</translation>
        </message>
        <message>
            <source>Patch by patch with an instrument; the simulated one that ships.</source>
            <translation>Parche a parche con un instrumento; el simulado que se incluye.</translation>
        </message>
        <message>
            <source>Its values from a file</source>
            <translation>Sus valores de un archivo</translation>
        </message>
        <message>
            <source>Hand on its data</source>
            <translation>Pasar sus datos</translation>
        </message>
        <message>
            <source>As CGATS text, CxF or CSV, by the file's ending.</source>
            <translation>Como texto CGATS, CxF o CSV, según la extensión.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Quitar</translation>
        </message>
        <message>
            <source>Give its data</source>
            <translation>Dar sus datos</translation>
        </message>
        <message>
            <source>Its colours are as one picture showed them: it is found in frames, and corrections wait for its data.</source>
            <translation>Sus colores son como los mostró una imagen: se halla en fotogramas, y las correcciones esperan sus datos.</translation>
        </message>
        <message>
            <source>Its rows, columns and sizes are a proposal: a photograph of it, opened as a frame, tells them.</source>
            <translation>Sus filas, columnas y tamaños son una propuesta: una foto suya, abierta como fotograma, los dice.</translation>
        </message>
        <message>
            <source>The chart appears here as soon as its data can be read.</source>
            <translation>La carta aparece aquí en cuanto se puedan leer sus datos.</translation>
        </message>
        <message>
            <source>Keep the chart %1</source>
            <translation>Guardar la carta %1</translation>
        </message>
        <message>
            <source>Keep what was measured on %1</source>
            <translation>Guardar lo medido en %1</translation>
        </message>
        <message>
            <source>Open the chart's data</source>
            <translation>Abrir los datos de la carta</translation>
        </message>
        <message>
            <source>Give the data of %1</source>
            <translation>Dar los datos de %1</translation>
        </message>
        <message>
            <source>Open this copy's values</source>
            <translation>Abrir los valores de este ejemplar</translation>
        </message>
        <message>
            <source>Take the values of %1 from a file</source>
            <translation>Tomar los valores de %1 de un archivo</translation>
        </message>
        <message>
            <source>Hand on the chart's data</source>
            <translation>Pasar los datos de la carta</translation>
        </message>
        <message>
            <source>CGATS (*.txt);;CxF (*.cxf);;Table (*.csv)</source>
            <translation>CGATS (*.txt);;CxF (*.cxf);;Tabla (*.csv)</translation>
        </message>
        <message>
            <source>Written to %1</source>
            <translation>Escrito en %1</translation>
        </message>
        <message>
            <source>Take out %1</source>
            <translation>Quitar %1</translation>
        </message>
    </context>
    <context>
        <name>refero::ChartsPage</name>
        <message>
            <source>Charts and their copies</source>
            <translation>Cartas y sus ejemplares</translation>
        </message>
        <message>
            <source>New chart from data</source>
            <translation>Carta nueva desde datos</translation>
        </message>
        <message>
            <source>Measure this copy</source>
            <translation>Medir este ejemplar</translation>
        </message>
        <message>
            <source>Patch by patch with an instrument; the simulated one that ships.</source>
            <translation>Parche a parche con un instrumento; el simulado que se incluye.</translation>
        </message>
        <message>
            <source>Its values from a file</source>
            <translation>Sus valores de un archivo</translation>
        </message>
        <message>
            <source>Hand on its data</source>
            <translation>Pasar sus datos</translation>
        </message>
        <message>
            <source>As CGATS text, CxF or CSV, by the file's ending.</source>
            <translation>Como texto CGATS, CxF o CSV, según la extensión.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Quitar</translation>
        </message>
        <message>
            <source>Give its data</source>
            <translation>Dar sus datos</translation>
        </message>
        <message>
            <source>Its colours are as one picture showed them: it is found in frames, and corrections wait for its data.</source>
            <translation>Sus colores son como los mostró una imagen: se halla en fotogramas, y las correcciones esperan sus datos.</translation>
        </message>
        <message>
            <source>Its rows, columns and sizes are a proposal: a photograph of it, opened as a frame, tells them.</source>
            <translation>Sus filas, columnas y tamaños son una propuesta: una foto suya, abierta como fotograma, los dice.</translation>
        </message>
        <message>
            <source>The chart appears here as soon as its data can be read.</source>
            <translation>La carta aparece aquí en cuanto se puedan leer sus datos.</translation>
        </message>
        <message>
            <source>Keep the chart %1</source>
            <translation>Guardar la carta %1</translation>
        </message>
        <message>
            <source>Keep what was measured on %1</source>
            <translation>Guardar lo medido en %1</translation>
        </message>
        <message>
            <source>Open the chart's data</source>
            <translation>Abrir los datos de la carta</translation>
        </message>
        <message>
            <source>Give the data of %1</source>
            <translation>Dar los datos de %1</translation>
        </message>
        <message>
            <source>Open this copy's values</source>
            <translation>Abrir los valores de este ejemplar</translation>
        </message>
        <message>
            <source>Take the values of %1 from a file</source>
            <translation>Tomar los valores de %1 de un archivo</translation>
        </message>
        <message>
            <source>Hand on the chart's data</source>
            <translation>Pasar los datos de la carta</translation>
        </message>
        <message>
            <source>CGATS (*.txt);;CxF (*.cxf);;Table (*.csv)</source>
            <translation>CGATS (*.txt);;CxF (*.cxf);;Tabla (*.csv)</translation>
        </message>
        <message>
            <source>Written to %1</source>
            <translation>Escrito en %1</translation>
        </message>
        <message>
            <source>Take out %1</source>
            <translation>Quitar %1</translation>
        </message>
    </context>
    <context>
        <name>CheckView</name>
        <message>
            <source>Allowed: %1.</source>
            <translation>Permitido: %1.</translation>
        </message>
        <message>
            <source>Allow this value</source>
            <translation>Permitir este valor</translation>
        </message>
        <message>
            <source>Back to the limit of the set</source>
            <translation>Volver al límite del conjunto</translation>
        </message>
    </context>
    <context>
        <name>refero::CheckView</name>
        <message>
            <source>Allowed: %1.</source>
            <translation>Permitido: %1.</translation>
        </message>
        <message>
            <source>Allow this value</source>
            <translation>Permitir este valor</translation>
        </message>
        <message>
            <source>Back to the limit of the set</source>
            <translation>Volver al límite del conjunto</translation>
        </message>
    </context>
    <context>
        <name>ColoursPage</name>
        <message>
            <source>Add</source>
            <translation>Añadir</translation>
        </message>
        <message>
            <source>Things of known colour</source>
            <translation>Cosas de color conocido</translation>
        </message>
        <message>
            <source>In %1: give it a name and its measured colour (D50, 2 degrees). The frame must have the chart shot's exposure.</source>
            <translation>En %1: dele un nombre y su color medido (D50, 2 grados). El fotograma debe tener la exposición de la toma de carta.</translation>
        </message>
        <message>
            <source>This job's colours: with Shift held, draw over the cloth or paint on the picture (as a wipe); then enter what an instrument read.</source>
            <translation>Los colores de este trabajo: con Mayús, dibuje sobre la tela o pintura en la imagen (como cortinilla); luego introduzca lo que leyó un instrumento.</translation>
        </message>
        <message>
            <source>Check only</source>
            <translation>Solo comprobar</translation>
        </message>
        <message>
            <source>Count it</source>
            <translation>Contarlo</translation>
        </message>
    </context>
    <context>
        <name>refero::ColoursPage</name>
        <message>
            <source>Add</source>
            <translation>Añadir</translation>
        </message>
        <message>
            <source>Things of known colour</source>
            <translation>Cosas de color conocido</translation>
        </message>
        <message>
            <source>In %1: give it a name and its measured colour (D50, 2 degrees). The frame must have the chart shot's exposure.</source>
            <translation>En %1: dele un nombre y su color medido (D50, 2 grados). El fotograma debe tener la exposición de la toma de carta.</translation>
        </message>
        <message>
            <source>This job's colours: with Shift held, draw over the cloth or paint on the picture (as a wipe); then enter what an instrument read.</source>
            <translation>Los colores de este trabajo: con Mayús, dibuje sobre la tela o pintura en la imagen (como cortinilla); luego introduzca lo que leyó un instrumento.</translation>
        </message>
        <message>
            <source>Check only</source>
            <translation>Solo comprobar</translation>
        </message>
        <message>
            <source>Count it</source>
            <translation>Contarlo</translation>
        </message>
    </context>
    <context>
        <name>CommandFinder</name>
        <message>
            <source>Find and do</source>
            <translation>Buscar y hacer</translation>
        </message>
        <message>
            <source>What to find or do</source>
            <translation>Qué buscar o hacer</translation>
        </message>
        <message>
            <source>Type what to do or where to go</source>
            <translation>Escriba qué hacer o adónde ir</translation>
        </message>
        <message>
            <source>What was found</source>
            <translation>Lo encontrado</translation>
        </message>
    </context>
    <context>
        <name>refero::CommandFinder</name>
        <message>
            <source>Find and do</source>
            <translation>Buscar y hacer</translation>
        </message>
        <message>
            <source>What to find or do</source>
            <translation>Qué buscar o hacer</translation>
        </message>
        <message>
            <source>Type what to do or where to go</source>
            <translation>Escriba qué hacer o adónde ir</translation>
        </message>
        <message>
            <source>What was found</source>
            <translation>Lo encontrado</translation>
        </message>
    </context>
    <context>
        <name>Commands</name>
        <message>
            <source>On this page</source>
            <translation>En esta página</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <comment>a choice and its value</comment>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>Choice</source>
            <translation>Elección</translation>
        </message>
    </context>
    <context>
        <name>refero::Commands</name>
        <message>
            <source>On this page</source>
            <translation>En esta página</translation>
        </message>
        <message>
            <source>%1: %2</source>
            <comment>a choice and its value</comment>
            <translation>%1: %2</translation>
        </message>
        <message>
            <source>Choice</source>
            <translation>Elección</translation>
        </message>
    </context>
    <context>
        <name>CompareView</name>
        <message>
            <source>Before and after</source>
            <translation>Antes y después</translation>
        </message>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick to the picture before.</source>
            <translation>Arrastre el borde para la cortinilla; mantenga F o espacio para ver la imagen de antes.</translation>
        </message>
        <message>
            <source>No picture yet.</source>
            <translation>Aún sin imagen.</translation>
        </message>
        <message>
            <source>%1 at the left, %2 at the right, the line at %3 % of the width.</source>
            <translation>%1 a la izquierda, %2 a la derecha, la línea al %3 % del ancho.</translation>
        </message>
    </context>
    <context>
        <name>refero::CompareView</name>
        <message>
            <source>Before and after</source>
            <translation>Antes y después</translation>
        </message>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick to the picture before.</source>
            <translation>Arrastre el borde para la cortinilla; mantenga F o espacio para ver la imagen de antes.</translation>
        </message>
        <message>
            <source>No picture yet.</source>
            <translation>Aún sin imagen.</translation>
        </message>
        <message>
            <source>%1 at the left, %2 at the right, the line at %3 % of the width.</source>
            <translation>%1 a la izquierda, %2 a la derecha, la línea al %3 % del ancho.</translation>
        </message>
    </context>
    <context>
        <name>Comparison</name>
        <message>
            <source>What moved since an earlier chart shot</source>
            <translation>Qué se movió desde una toma anterior</translation>
        </message>
        <message>
            <source>Chart frame to compare with</source>
            <translation>Fotograma de carta con que comparar</translation>
        </message>
        <message>
            <source>Another chart frame of this setup: the one that is read is held against it.</source>
            <translation>Otro fotograma de carta de este montaje: el leído se compara con él.</translation>
        </message>
        <message>
            <source>There is no other chart frame of this setup to compare with.</source>
            <translation>No hay otro fotograma de carta de este montaje con que comparar.</translation>
        </message>
        <message>
            <source>Reading it</source>
            <translation>Leyéndolo</translation>
        </message>
    </context>
    <context>
        <name>refero::Comparison</name>
        <message>
            <source>What moved since an earlier chart shot</source>
            <translation>Qué se movió desde una toma anterior</translation>
        </message>
        <message>
            <source>Chart frame to compare with</source>
            <translation>Fotograma de carta con que comparar</translation>
        </message>
        <message>
            <source>Another chart frame of this setup: the one that is read is held against it.</source>
            <translation>Otro fotograma de carta de este montaje: el leído se compara con él.</translation>
        </message>
        <message>
            <source>There is no other chart frame of this setup to compare with.</source>
            <translation>No hay otro fotograma de carta de este montaje con que comparar.</translation>
        </message>
        <message>
            <source>Reading it</source>
            <translation>Leyéndolo</translation>
        </message>
    </context>
    <context>
        <name>ContactSheet</name>
        <message>
            <source>Frames by setup</source>
            <translation>Fotogramas por montaje</translation>
        </message>
        <message>
            <source>Open</source>
            <translation>Abrir</translation>
        </message>
        <message>
            <source>Show the file</source>
            <translation>Mostrar el archivo</translation>
        </message>
        <message>
            <source>Take out of this shoot</source>
            <translation>Quitar de este rodaje</translation>
        </message>
        <message>
            <source>%1 with a chart</source>
            <translation>%1 con una carta</translation>
        </message>
        <message>
            <source>%1, doubtful</source>
            <translation>%1, dudoso</translation>
        </message>
        <message>
            <source>%1, chosen</source>
            <translation>%1, elegido</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a setup and its frames</comment>
            <translation>%1: %2.</translation>
        </message>
        <message>
            <source>No frames.</source>
            <translation>Sin fotogramas.</translation>
        </message>
    </context>
    <context>
        <name>refero::ContactSheet</name>
        <message>
            <source>Frames by setup</source>
            <translation>Fotogramas por montaje</translation>
        </message>
        <message>
            <source>Open</source>
            <translation>Abrir</translation>
        </message>
        <message>
            <source>Show the file</source>
            <translation>Mostrar el archivo</translation>
        </message>
        <message>
            <source>Take out of this shoot</source>
            <translation>Quitar de este rodaje</translation>
        </message>
        <message>
            <source>%1 with a chart</source>
            <translation>%1 con una carta</translation>
        </message>
        <message>
            <source>%1, doubtful</source>
            <translation>%1, dudoso</translation>
        </message>
        <message>
            <source>%1, chosen</source>
            <translation>%1, elegido</translation>
        </message>
        <message>
            <source>%1: %2.</source>
            <comment>a setup and its frames</comment>
            <translation>%1: %2.</translation>
        </message>
        <message>
            <source>No frames.</source>
            <translation>Sin fotogramas.</translation>
        </message>
    </context>
    <context>
        <name>ContenderModel</name>
        <message>
            <source>greys</source>
            <translation>grises</translation>
        </message>
        <message>
            <source>for looks</source>
            <translation>para estilos de imagen</translation>
        </message>
    </context>
    <context>
        <name>refero::ContenderModel</name>
        <message>
            <source>greys</source>
            <translation>grises</translation>
        </message>
        <message>
            <source>for looks</source>
            <translation>para estilos de imagen</translation>
        </message>
    </context>
    <context>
        <name>CopyPanel</name>
        <message>
            <source>Measure</source>
            <translation>Medir</translation>
        </message>
        <message>
            <source>Space</source>
            <translation>Espacio</translation>
        </message>
        <message>
            <source>White tile</source>
            <translation>Patrón blanco</translation>
        </message>
        <message>
            <source>Takes out what the instrument has drifted since the last time.</source>
            <translation>Quita lo que el instrumento ha derivado desde la última vez.</translation>
        </message>
        <message>
            <source>Keep these values</source>
            <translation>Guardar estos valores</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Cancelar</translation>
        </message>
        <message>
            <source>Put the instrument on its white tile.</source>
            <translation>Ponga el instrumento en su patrón blanco.</translation>
        </message>
        <message>
            <source>The tile is measured. Now lay it on the marked patch.</source>
            <translation>El patrón está medido. Póngalo ahora en el parche marcado.</translation>
        </message>
        <message>
            <source>Put it on its white tile first, and press White tile.</source>
            <translation>Póngalo primero en su patrón blanco y pulse Patrón blanco.</translation>
        </message>
        <message>
            <source>Measure %1</source>
            <translation>Medir %1</translation>
        </message>
        <message>
            <source>All %1 measured</source>
            <translation>Los %1 medidos</translation>
        </message>
        <message>
            <source>Patch %1</source>
            <translation>Parche %1</translation>
        </message>
    </context>
    <context>
        <name>refero::CopyPanel</name>
        <message>
            <source>Measure</source>
            <translation>Medir</translation>
        </message>
        <message>
            <source>Space</source>
            <translation>Espacio</translation>
        </message>
        <message>
            <source>White tile</source>
            <translation>Patrón blanco</translation>
        </message>
        <message>
            <source>Takes out what the instrument has drifted since the last time.</source>
            <translation>Quita lo que el instrumento ha derivado desde la última vez.</translation>
        </message>
        <message>
            <source>Keep these values</source>
            <translation>Guardar estos valores</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Cancelar</translation>
        </message>
        <message>
            <source>Put the instrument on its white tile.</source>
            <translation>Ponga el instrumento en su patrón blanco.</translation>
        </message>
        <message>
            <source>The tile is measured. Now lay it on the marked patch.</source>
            <translation>El patrón está medido. Póngalo ahora en el parche marcado.</translation>
        </message>
        <message>
            <source>Put it on its white tile first, and press White tile.</source>
            <translation>Póngalo primero en su patrón blanco y pulse Patrón blanco.</translation>
        </message>
        <message>
            <source>Measure %1</source>
            <translation>Medir %1</translation>
        </message>
        <message>
            <source>All %1 measured</source>
            <translation>Los %1 medidos</translation>
        </message>
        <message>
            <source>Patch %1</source>
            <translation>Parche %1</translation>
        </message>
    </context>
    <context>
        <name>CorrectionActions</name>
        <message>
            <source>Check the correction on %1</source>
            <translation>Comprobar la corrección en %1</translation>
        </message>
        <message>
            <source>Finish: %1</source>
            <translation>Acabado: %1</translation>
        </message>
        <message>
            <source>Judge the correction as %1</source>
            <translation>Juzgar la corrección como %1</translation>
        </message>
    </context>
    <context>
        <name>refero::CorrectionActions</name>
        <message>
            <source>Check the correction on %1</source>
            <translation>Comprobar la corrección en %1</translation>
        </message>
        <message>
            <source>Finish: %1</source>
            <translation>Acabado: %1</translation>
        </message>
        <message>
            <source>Judge the correction as %1</source>
            <translation>Juzgar la corrección como %1</translation>
        </message>
    </context>
    <context>
        <name>CorrectionStation</name>
        <message>
            <source>Noise of linear sRGB against balance alone: red %1, green %2, blue %3 times.</source>
            <translation>Ruido de sRGB lineal frente a solo balance: rojo %1, verde %2, azul %3 veces.</translation>
        </message>
        <message numerus="yes">
            <source>Mended in the chart shot: %n things; see Stage by stage.</source>
            <translation>
                <numerusform>Reparado en la toma de carta: %n cosa; vea Etapa por etapa.</numerusform>
                <numerusform>Reparado en la toma de carta: %n cosas; vea Etapa por etapa.</numerusform>
            </translation>
        </message>
        <message>
            <source>Noise in colour: %1 times that of balance alone.</source>
            <translation>Ruido de color: %1 veces el de solo balance.</translation>
        </message>
        <message>
            <source> Colour noise shows %1 stops above this sensitivity.</source>
            <translation> El ruido de color aparece %1 pasos sobre esta sensibilidad.</translation>
        </message>
        <message>
            <source> Colour noise shows already: use less sensitivity.</source>
            <translation> El ruido de color ya se ve: use menos sensibilidad.</translation>
        </message>
        <message>
            <source> Best that this camera can do here: %1 CIEDE2000, over made-up surfaces.</source>
            <translation> Lo mejor que puede esta cámara aquí: %1 CIEDE2000, sobre superficies imaginadas.</translation>
        </message>
        <message>
            <source>figures</source>
            <translation>cifras</translation>
        </message>
        <message>
            <source>What is told of the correction</source>
            <translation>Lo que se dice de la corrección</translation>
        </message>
        <message>
            <source>Show</source>
            <translation>Mostrar</translation>
        </message>
        <message>
            <source>Automatic</source>
            <translation>Automático</translation>
        </message>
        <message>
            <source>Model</source>
            <translation>Modelo</translation>
        </message>
        <message>
            <source>Automatic takes what does better on patches it has not seen, and minds the noise.</source>
            <translation>Automático toma lo que va mejor en parches no vistos, y cuida el ruido.</translation>
        </message>
        <message>
            <source>Priority</source>
            <translation>Prioridad</translation>
        </message>
        <message>
            <source>All patches equally</source>
            <translation>Todos los parches por igual</translation>
        </message>
        <message>
            <source>Neutrals</source>
            <translation>Neutros</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Piel</translation>
        </message>
        <message>
            <source>Pleasing</source>
            <translation>Agradable</translation>
        </message>
        <message>
            <source>Which patches the fit favours: the chosen ones count four times. Pleasing puts the Rounded finish on top.</source>
            <translation>Qué parches favorece el ajuste: los elegidos cuentan cuatro veces. Agradable pone encima el acabado redondeado.</translation>
        </message>
        <message>
            <source>Judged as</source>
            <translation>Juzgada como</translation>
        </message>
        <message>
            <source>What the figures are held against.</source>
            <translation>Con qué se comparan las cifras.</translation>
        </message>
        <message>
            <source>Mend the shot</source>
            <translation>Reparar la toma</translation>
        </message>
        <message>
            <source>Mend the shot before the fit</source>
            <translation>Reparar la toma antes del ajuste</translation>
        </message>
        <message>
            <source>Before the fit: leaves out patches that are covered or mirror a lamp, takes uneven light and shadows out, subtracts flare; each where it is certain enough to help. Switched off, the shot is used as it is.</source>
            <translation>Antes del ajuste: omite parches tapados o que reflejan una lámpara, quita luz desigual y sombras, resta velo; cada cosa si ayuda con certeza. Apagado, la toma se usa tal cual.</translation>
        </message>
        <message>
            <source>Models that were tried</source>
            <translation>Modelos probados</translation>
        </message>
        <message>
            <source>Patches by remaining difference</source>
            <translation>Parches por diferencia restante</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Parches</translation>
        </message>
        <message>
            <source>Certainty and price</source>
            <translation>Certeza y precio</translation>
        </message>
        <message>
            <source>How it is built</source>
            <translation>Cómo está construida</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Acabado</translation>
        </message>
        <message>
            <source>Levels by hand</source>
            <translation>Niveles a mano</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Medidores de ambas</translation>
        </message>
        <message>
            <source>Snapshots</source>
            <translation>Instantáneas</translation>
        </message>
        <message>
            <source>This job's colours</source>
            <translation>Colores de este trabajo</translation>
        </message>
        <message>
            <source>Proof on another shot</source>
            <translation>Prueba en otra toma</translation>
        </message>
        <message>
            <source>Stage by stage</source>
            <translation>Etapa por etapa</translation>
        </message>
        <message>
            <source>No chart shot</source>
            <translation>Sin toma de carta</translation>
        </message>
        <message>
            <source>Its frames can be given colours that are lent: by a setup that the plan's rules allow, or by the library for this body and light.</source>
            <translation>A sus fotogramas se les pueden prestar colores: de un montaje que las reglas del plan permiten, o de la biblioteca para este cuerpo y luz.</translation>
        </message>
        <message>
            <source>Borrow a correction</source>
            <translation>Tomar prestada una corrección</translation>
        </message>
        <message>
            <source>It says whose colours these are. Shoot the chart where you still can.</source>
            <translation>Dice de quién son estos colores. Tome la carta donde aún pueda.</translation>
        </message>
        <message>
            <source>No reading yet</source>
            <translation>Aún sin lectura</translation>
        </message>
        <message>
            <source>A correction is built from a chart that was read. Go to Reading first.</source>
            <translation>Una corrección se construye de una carta leída. Vaya primero a Lectura.</translation>
        </message>
        <message>
            <source>Go to Reading</source>
            <translation>Ir a Lectura</translation>
        </message>
        <message>
            <source>Not corrected yet</source>
            <translation>Aún sin corregir</translation>
        </message>
        <message numerus="yes">
            <source>The chart of %1 is read. From its %n patches Refero tries every model, takes the one that does best on colours it has not seen, and shows what is left.</source>
            <translation>
                <numerusform>La carta de %1 está leída. De su %n parche Refero prueba cada modelo, toma el que va mejor con colores no vistos y muestra lo que queda.</numerusform>
                <numerusform>La carta de %1 está leída. De sus %n parches Refero prueba cada modelo, toma el que va mejor con colores no vistos y muestra lo que queda.</numerusform>
            </translation>
        </message>
        <message>
            <source>Build the correction</source>
            <translation>Construir la corrección</translation>
        </message>
        <message>
            <source>It takes a moment; every choice can be changed afterwards.</source>
            <translation>Tarda un momento; toda elección se puede cambiar después.</translation>
        </message>
        <message>
            <source>Lent, not proved</source>
            <translation>Prestada, sin probar</translation>
        </message>
        <message>
            <source>Nothing tells how well these colours fit this light. Shoot a chart in it where you still can: the correction is built anew from that.</source>
            <translation>Nada dice cuánto convienen estos colores a esta luz. Tome en ella una carta si aún puede: la corrección se construirá de nuevo con ella.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Entregar</translation>
        </message>
    </context>
    <context>
        <name>refero::CorrectionStation</name>
        <message>
            <source>Noise of linear sRGB against balance alone: red %1, green %2, blue %3 times.</source>
            <translation>Ruido de sRGB lineal frente a solo balance: rojo %1, verde %2, azul %3 veces.</translation>
        </message>
        <message numerus="yes">
            <source>Mended in the chart shot: %n things; see Stage by stage.</source>
            <translation>
                <numerusform>Reparado en la toma de carta: %n cosa; vea Etapa por etapa.</numerusform>
                <numerusform>Reparado en la toma de carta: %n cosas; vea Etapa por etapa.</numerusform>
            </translation>
        </message>
        <message>
            <source>Noise in colour: %1 times that of balance alone.</source>
            <translation>Ruido de color: %1 veces el de solo balance.</translation>
        </message>
        <message>
            <source> Colour noise shows %1 stops above this sensitivity.</source>
            <translation> El ruido de color aparece %1 pasos sobre esta sensibilidad.</translation>
        </message>
        <message>
            <source> Colour noise shows already: use less sensitivity.</source>
            <translation> El ruido de color ya se ve: use menos sensibilidad.</translation>
        </message>
        <message>
            <source> Best that this camera can do here: %1 CIEDE2000, over made-up surfaces.</source>
            <translation> Lo mejor que puede esta cámara aquí: %1 CIEDE2000, sobre superficies imaginadas.</translation>
        </message>
        <message>
            <source>figures</source>
            <translation>cifras</translation>
        </message>
        <message>
            <source>What is told of the correction</source>
            <translation>Lo que se dice de la corrección</translation>
        </message>
        <message>
            <source>Show</source>
            <translation>Mostrar</translation>
        </message>
        <message>
            <source>Automatic</source>
            <translation>Automático</translation>
        </message>
        <message>
            <source>Model</source>
            <translation>Modelo</translation>
        </message>
        <message>
            <source>Automatic takes what does better on patches it has not seen, and minds the noise.</source>
            <translation>Automático toma lo que va mejor en parches no vistos, y cuida el ruido.</translation>
        </message>
        <message>
            <source>Priority</source>
            <translation>Prioridad</translation>
        </message>
        <message>
            <source>All patches equally</source>
            <translation>Todos los parches por igual</translation>
        </message>
        <message>
            <source>Neutrals</source>
            <translation>Neutros</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Piel</translation>
        </message>
        <message>
            <source>Pleasing</source>
            <translation>Agradable</translation>
        </message>
        <message>
            <source>Which patches the fit favours: the chosen ones count four times. Pleasing puts the Rounded finish on top.</source>
            <translation>Qué parches favorece el ajuste: los elegidos cuentan cuatro veces. Agradable pone encima el acabado redondeado.</translation>
        </message>
        <message>
            <source>Judged as</source>
            <translation>Juzgada como</translation>
        </message>
        <message>
            <source>What the figures are held against.</source>
            <translation>Con qué se comparan las cifras.</translation>
        </message>
        <message>
            <source>Mend the shot</source>
            <translation>Reparar la toma</translation>
        </message>
        <message>
            <source>Mend the shot before the fit</source>
            <translation>Reparar la toma antes del ajuste</translation>
        </message>
        <message>
            <source>Before the fit: leaves out patches that are covered or mirror a lamp, takes uneven light and shadows out, subtracts flare; each where it is certain enough to help. Switched off, the shot is used as it is.</source>
            <translation>Antes del ajuste: omite parches tapados o que reflejan una lámpara, quita luz desigual y sombras, resta velo; cada cosa si ayuda con certeza. Apagado, la toma se usa tal cual.</translation>
        </message>
        <message>
            <source>Models that were tried</source>
            <translation>Modelos probados</translation>
        </message>
        <message>
            <source>Patches by remaining difference</source>
            <translation>Parches por diferencia restante</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Parches</translation>
        </message>
        <message>
            <source>Certainty and price</source>
            <translation>Certeza y precio</translation>
        </message>
        <message>
            <source>How it is built</source>
            <translation>Cómo está construida</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Acabado</translation>
        </message>
        <message>
            <source>Levels by hand</source>
            <translation>Niveles a mano</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Medidores de ambas</translation>
        </message>
        <message>
            <source>Snapshots</source>
            <translation>Instantáneas</translation>
        </message>
        <message>
            <source>This job's colours</source>
            <translation>Colores de este trabajo</translation>
        </message>
        <message>
            <source>Proof on another shot</source>
            <translation>Prueba en otra toma</translation>
        </message>
        <message>
            <source>Stage by stage</source>
            <translation>Etapa por etapa</translation>
        </message>
        <message>
            <source>No chart shot</source>
            <translation>Sin toma de carta</translation>
        </message>
        <message>
            <source>Its frames can be given colours that are lent: by a setup that the plan's rules allow, or by the library for this body and light.</source>
            <translation>A sus fotogramas se les pueden prestar colores: de un montaje que las reglas del plan permiten, o de la biblioteca para este cuerpo y luz.</translation>
        </message>
        <message>
            <source>Borrow a correction</source>
            <translation>Tomar prestada una corrección</translation>
        </message>
        <message>
            <source>It says whose colours these are. Shoot the chart where you still can.</source>
            <translation>Dice de quién son estos colores. Tome la carta donde aún pueda.</translation>
        </message>
        <message>
            <source>No reading yet</source>
            <translation>Aún sin lectura</translation>
        </message>
        <message>
            <source>A correction is built from a chart that was read. Go to Reading first.</source>
            <translation>Una corrección se construye de una carta leída. Vaya primero a Lectura.</translation>
        </message>
        <message>
            <source>Go to Reading</source>
            <translation>Ir a Lectura</translation>
        </message>
        <message>
            <source>Not corrected yet</source>
            <translation>Aún sin corregir</translation>
        </message>
        <message numerus="yes">
            <source>The chart of %1 is read. From its %n patches Refero tries every model, takes the one that does best on colours it has not seen, and shows what is left.</source>
            <translation>
                <numerusform>La carta de %1 está leída. De su %n parche Refero prueba cada modelo, toma el que va mejor con colores no vistos y muestra lo que queda.</numerusform>
                <numerusform>La carta de %1 está leída. De sus %n parches Refero prueba cada modelo, toma el que va mejor con colores no vistos y muestra lo que queda.</numerusform>
            </translation>
        </message>
        <message>
            <source>Build the correction</source>
            <translation>Construir la corrección</translation>
        </message>
        <message>
            <source>It takes a moment; every choice can be changed afterwards.</source>
            <translation>Tarda un momento; toda elección se puede cambiar después.</translation>
        </message>
        <message>
            <source>Lent, not proved</source>
            <translation>Prestada, sin probar</translation>
        </message>
        <message>
            <source>Nothing tells how well these colours fit this light. Shoot a chart in it where you still can: the correction is built anew from that.</source>
            <translation>Nada dice cuánto convienen estos colores a esta luz. Tome en ella una carta si aún puede: la corrección se construirá de nuevo con ella.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Entregar</translation>
        </message>
    </context>
    <context>
        <name>CoverageModel</name>
        <message>
            <source>No frames yet.</source>
            <translation>Aún sin fotogramas.</translation>
        </message>
    </context>
    <context>
        <name>refero::CoverageModel</name>
        <message>
            <source>No frames yet.</source>
            <translation>Aún sin fotogramas.</translation>
        </message>
    </context>
    <context>
        <name>CoveragePage</name>
        <message>
            <source>Coverage by setup</source>
            <translation>Cobertura por montaje</translation>
        </message>
        <message>
            <source>In no setup</source>
            <translation>Sin montaje</translation>
        </message>
        <message>
            <source>No frames of a subject yet. Once there are some, this page says which have a correction that is valid for them.</source>
            <translation>Aún sin fotogramas de un sujeto. Cuando los haya, esta página dirá cuáles tienen una corrección válida.</translation>
        </message>
    </context>
    <context>
        <name>refero::CoveragePage</name>
        <message>
            <source>Coverage by setup</source>
            <translation>Cobertura por montaje</translation>
        </message>
        <message>
            <source>In no setup</source>
            <translation>Sin montaje</translation>
        </message>
        <message>
            <source>No frames of a subject yet. Once there are some, this page says which have a correction that is valid for them.</source>
            <translation>Aún sin fotogramas de un sujeto. Cuando los haya, esta página dirá cuáles tienen una corrección válida.</translation>
        </message>
    </context>
    <context>
        <name>CurvePlot</name>
        <message>
            <source>Mid-grey at %1 % of the range; %2 stops above it, %3 below.</source>
            <translation>Gris medio al %1 % del rango; %2 pasos por encima, %3 por debajo.</translation>
        </message>
        <message>
            <source>Curve. %1</source>
            <translation>Curva. %1</translation>
        </message>
    </context>
    <context>
        <name>refero::CurvePlot</name>
        <message>
            <source>Mid-grey at %1 % of the range; %2 stops above it, %3 below.</source>
            <translation>Gris medio al %1 % del rango; %2 pasos por encima, %3 por debajo.</translation>
        </message>
        <message>
            <source>Curve. %1</source>
            <translation>Curva. %1</translation>
        </message>
    </context>
    <context>
        <name>CurveView</name>
        <message>
            <source>Characteristic curve</source>
            <translation>Curva característica</translation>
        </message>
        <message>
            <source>Each mark is a grey of a shot: what is stored of it (per cent of the whole range) against its light, in stops from mid-grey at the normal exposure. Rings have clipped. The line is the curve that the recording states, laid over them.</source>
            <translation>Cada marca es un gris de una toma: lo guardado (tanto por ciento del rango) según su luz, en pasos del gris medio a la exposición normal. Los aros están recortados. La línea es la curva que declara la grabación.</translation>
        </message>
        <message numerus="yes">
            <source>%n greys</source>
            <translation>
                <numerusform>%n gris</numerusform>
                <numerusform>%n grises</numerusform>
            </translation>
        </message>
        <message>
            <source>%1; %2 fits with an offset of %3 stops</source>
            <translation>%1; %2 se ajusta con un desfase de %3 pasos</translation>
        </message>
        <message>
            <source>stops from mid-grey</source>
            <translation>pasos del gris medio</translation>
        </message>
        <message>
            <source>stored, %</source>
            <translation>guardado, %</translation>
        </message>
    </context>
    <context>
        <name>refero::CurveView</name>
        <message>
            <source>Characteristic curve</source>
            <translation>Curva característica</translation>
        </message>
        <message>
            <source>Each mark is a grey of a shot: what is stored of it (per cent of the whole range) against its light, in stops from mid-grey at the normal exposure. Rings have clipped. The line is the curve that the recording states, laid over them.</source>
            <translation>Cada marca es un gris de una toma: lo guardado (tanto por ciento del rango) según su luz, en pasos del gris medio a la exposición normal. Los aros están recortados. La línea es la curva que declara la grabación.</translation>
        </message>
        <message numerus="yes">
            <source>%n greys</source>
            <translation>
                <numerusform>%n gris</numerusform>
                <numerusform>%n grises</numerusform>
            </translation>
        </message>
        <message>
            <source>%1; %2 fits with an offset of %3 stops</source>
            <translation>%1; %2 se ajusta con un desfase de %3 pasos</translation>
        </message>
        <message>
            <source>stops from mid-grey</source>
            <translation>pasos del gris medio</translation>
        </message>
        <message>
            <source>stored, %</source>
            <translation>guardado, %</translation>
        </message>
    </context>
    <context>
        <name>DayActions</name>
        <message>
            <source>Building the correction</source>
            <translation>Construyendo la corrección</translation>
        </message>
        <message>
            <source>Reading the chart</source>
            <translation>Leyendo la carta</translation>
        </message>
        <message>
            <source>Looking for colours in the library</source>
            <translation>Buscando colores en la biblioteca</translation>
        </message>
        <message>
            <source>Do the day's work</source>
            <translation>Hacer el trabajo del día</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>two sentences</comment>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>The folder %1 cannot be made.</source>
            <translation>No se puede crear la carpeta %1.</translation>
        </message>
        <message>
            <source>Handing over to: %1</source>
            <translation>Entregando a: %1</translation>
        </message>
    </context>
    <context>
        <name>refero::DayActions</name>
        <message>
            <source>Building the correction</source>
            <translation>Construyendo la corrección</translation>
        </message>
        <message>
            <source>Reading the chart</source>
            <translation>Leyendo la carta</translation>
        </message>
        <message>
            <source>Looking for colours in the library</source>
            <translation>Buscando colores en la biblioteca</translation>
        </message>
        <message>
            <source>Do the day's work</source>
            <translation>Hacer el trabajo del día</translation>
        </message>
        <message>
            <source>%1 %2</source>
            <comment>two sentences</comment>
            <translation>%1 %2</translation>
        </message>
        <message>
            <source>The folder %1 cannot be made.</source>
            <translation>No se puede crear la carpeta %1.</translation>
        </message>
        <message>
            <source>Handing over to: %1</source>
            <translation>Entregando a: %1</translation>
        </message>
    </context>
    <context>
        <name>DayDelegate</name>
        <message>
            <source>No time yet: draw one here</source>
            <translation>Aún sin hora: dibújela aquí</translation>
        </message>
    </context>
    <context>
        <name>refero::DayDelegate</name>
        <message>
            <source>No time yet: draw one here</source>
            <translation>Aún sin hora: dibújela aquí</translation>
        </message>
    </context>
    <context>
        <name>DayModel</name>
        <message>
            <source>Body, lens and light not stated</source>
            <translation>Cuerpo, objetivo y luz sin indicar</translation>
        </message>
        <message>
            <source>Chart shot missing</source>
            <translation>Falta la toma de carta</translation>
        </message>
        <message>
            <source>Out of date: shoot the chart again</source>
            <translation>Anticuado: tomar la carta de nuevo</translation>
        </message>
        <message>
            <source>Chart shot</source>
            <translation>Toma de carta</translation>
        </message>
        <message>
            <source>No chart of its own</source>
            <translation>Sin carta propia</translation>
        </message>
        <message>
            <source>Shoot %1</source>
            <translation>Tomar %1</translation>
        </message>
        <message>
            <source>Shoot the chart</source>
            <translation>Tomar la carta</translation>
        </message>
    </context>
    <context>
        <name>refero::DayModel</name>
        <message>
            <source>Body, lens and light not stated</source>
            <translation>Cuerpo, objetivo y luz sin indicar</translation>
        </message>
        <message>
            <source>Chart shot missing</source>
            <translation>Falta la toma de carta</translation>
        </message>
        <message>
            <source>Out of date: shoot the chart again</source>
            <translation>Anticuado: tomar la carta de nuevo</translation>
        </message>
        <message>
            <source>Chart shot</source>
            <translation>Toma de carta</translation>
        </message>
        <message>
            <source>No chart of its own</source>
            <translation>Sin carta propia</translation>
        </message>
        <message>
            <source>Shoot %1</source>
            <translation>Tomar %1</translation>
        </message>
        <message>
            <source>Shoot the chart</source>
            <translation>Tomar la carta</translation>
        </message>
    </context>
    <context>
        <name>DayPage</name>
        <message>
            <source>Plan the day</source>
            <translation>Planear el día</translation>
        </message>
        <message>
            <source>Enter the first setup</source>
            <translation>Introducir el primer montaje</translation>
        </message>
        <message>
            <source>Its light does not move by itself.</source>
            <translation>Su luz no se mueve sola.</translation>
        </message>
        <message>
            <source>With the place's coordinates, the sun's way is drawn here.</source>
            <translation>Con las coordenadas del lugar se dibuja aquí el recorrido del sol.</translation>
        </message>
        <message>
            <source>With the shoot's date, the sun's way is drawn here.</source>
            <translation>Con la fecha del rodaje se dibuja aquí el recorrido del sol.</translation>
        </message>
        <message>
            <source>How its light moves</source>
            <translation>Cómo se mueve su luz</translation>
        </message>
        <message>
            <source>Sky light</source>
            <translation>Luz del cielo</translation>
        </message>
        <message>
            <source>Daylight</source>
            <translation>Luz de día</translation>
        </message>
        <message>
            <source>A chart shot at %1: </source>
            <translation>Una carta tomada a las %1: </translation>
        </message>
        <message>
            <source>The sun is down.</source>
            <translation>El sol se ha puesto.</translation>
        </message>
    </context>
    <context>
        <name>refero::DayPage</name>
        <message>
            <source>Plan the day</source>
            <translation>Planear el día</translation>
        </message>
        <message>
            <source>Enter the first setup</source>
            <translation>Introducir el primer montaje</translation>
        </message>
        <message>
            <source>Its light does not move by itself.</source>
            <translation>Su luz no se mueve sola.</translation>
        </message>
        <message>
            <source>With the place's coordinates, the sun's way is drawn here.</source>
            <translation>Con las coordenadas del lugar se dibuja aquí el recorrido del sol.</translation>
        </message>
        <message>
            <source>With the shoot's date, the sun's way is drawn here.</source>
            <translation>Con la fecha del rodaje se dibuja aquí el recorrido del sol.</translation>
        </message>
        <message>
            <source>How its light moves</source>
            <translation>Cómo se mueve su luz</translation>
        </message>
        <message>
            <source>Sky light</source>
            <translation>Luz del cielo</translation>
        </message>
        <message>
            <source>Daylight</source>
            <translation>Luz de día</translation>
        </message>
        <message>
            <source>A chart shot at %1: </source>
            <translation>Una carta tomada a las %1: </translation>
        </message>
        <message>
            <source>The sun is down.</source>
            <translation>El sol se ha puesto.</translation>
        </message>
    </context>
    <context>
        <name>DayTable</name>
        <message>
            <source>The day's setups</source>
            <translation>Los montajes del día</translation>
        </message>
    </context>
    <context>
        <name>refero::DayTable</name>
        <message>
            <source>The day's setups</source>
            <translation>Los montajes del día</translation>
        </message>
    </context>
    <context>
        <name>Dialogs</name>
        <message>
            <source>Import frames</source>
            <translation>Importar fotogramas</translation>
        </message>
        <message>
            <source>Raw files, pictures and clips (%1)</source>
            <comment>the endings</comment>
            <translation>Archivos raw, imágenes y clips (%1)</translation>
        </message>
        <message>
            <source>All files (*)</source>
            <translation>Todos los archivos (*)</translation>
        </message>
        <message>
            <source>Close Refero</source>
            <translation>Cerrar Refero</translation>
        </message>
        <message>
            <source>Something is still being done</source>
            <translation>Aún se está haciendo algo</translation>
        </message>
        <message>
            <source>Stay</source>
            <translation>Quedarse</translation>
        </message>
        <message>
            <source>Stop and close</source>
            <translation>Parar y cerrar</translation>
        </message>
        <message>
            <source>Close when it is done</source>
            <translation>Cerrar cuando acabe</translation>
        </message>
    </context>
    <context>
        <name>refero::Dialogs</name>
        <message>
            <source>Import frames</source>
            <translation>Importar fotogramas</translation>
        </message>
        <message>
            <source>Raw files, pictures and clips (%1)</source>
            <comment>the endings</comment>
            <translation>Archivos raw, imágenes y clips (%1)</translation>
        </message>
        <message>
            <source>All files (*)</source>
            <translation>Todos los archivos (*)</translation>
        </message>
        <message>
            <source>Close Refero</source>
            <translation>Cerrar Refero</translation>
        </message>
        <message>
            <source>Something is still being done</source>
            <translation>Aún se está haciendo algo</translation>
        </message>
        <message>
            <source>Stay</source>
            <translation>Quedarse</translation>
        </message>
        <message>
            <source>Stop and close</source>
            <translation>Parar y cerrar</translation>
        </message>
        <message>
            <source>Close when it is done</source>
            <translation>Cerrar cuando acabe</translation>
        </message>
    </context>
    <context>
        <name>Display</name>
        <message>
            <source>Shown for this display by the profile that the system's colour manager names, %1.</source>
            <translation>Mostrado para esta pantalla con el perfil que nombra el gestor de color del sistema, %1.</translation>
        </message>
        <message>
            <source>The system names no profile for this display, so pictures are shown for sRGB: on another display colours look wrong. Choose the display's profile in the menu, under View.</source>
            <translation>El sistema no nombra perfil para esta pantalla, así que las imágenes se muestran para sRGB: en otra los colores se ven mal. Elija el perfil en el menú, en Vista.</translation>
        </message>
        <message>
            <source>No display profile</source>
            <translation>Sin perfil de pantalla</translation>
        </message>
        <message>
            <source>Shown for %1</source>
            <translation>Mostrado para %1</translation>
        </message>
    </context>
    <context>
        <name>refero::Display</name>
        <message>
            <source>Shown for this display by the profile that the system's colour manager names, %1.</source>
            <translation>Mostrado para esta pantalla con el perfil que nombra el gestor de color del sistema, %1.</translation>
        </message>
        <message>
            <source>The system names no profile for this display, so pictures are shown for sRGB: on another display colours look wrong. Choose the display's profile in the menu, under View.</source>
            <translation>El sistema no nombra perfil para esta pantalla, así que las imágenes se muestran para sRGB: en otra los colores se ven mal. Elija el perfil en el menú, en Vista.</translation>
        </message>
        <message>
            <source>No display profile</source>
            <translation>Sin perfil de pantalla</translation>
        </message>
        <message>
            <source>Shown for %1</source>
            <translation>Mostrado para %1</translation>
        </message>
    </context>
    <context>
        <name>EmptyState</name>
        <message>
            <source>Drop a photograph of your chart here</source>
            <translation>Suelte aquí una foto de su carta</translation>
        </message>
        <message>
            <source>Refero finds the chart, measures its patches, judges the shot and builds the correction for everything taken with this body, lens and light.</source>
            <translation>Refero encuentra la carta, mide sus parches, juzga la toma y construye la corrección de todo lo tomado con este cuerpo, objetivo y luz.</translation>
        </message>
        <message>
            <source>Your chart</source>
            <translation>Su carta</translation>
        </message>
        <message>
            <source>The Fen 24 and the Fen 48 are known. Any other chart in rows and columns takes two steps: drop a photograph of it, which shows how its patches lie; then drop its data, the file of its maker or of an instrument, or paste its table.</source>
            <translation>Se conocen Fen 24 y Fen 48. Cualquier otra carta en filas y columnas lleva dos pasos: suelte una foto suya, que muestra cómo están sus parches; luego sus datos, el archivo de su fabricante o de un instrumento, o pegue su tabla.</translation>
        </message>
        <message>
            <source>Open a frame</source>
            <translation>Abrir un fotograma</translation>
        </message>
        <message>
            <source>Look at the demo</source>
            <translation>Ver la demostración</translation>
        </message>
        <message>
            <source>Plan a day</source>
            <translation>Planear un día</translation>
        </message>
    </context>
    <context>
        <name>refero::EmptyState</name>
        <message>
            <source>Drop a photograph of your chart here</source>
            <translation>Suelte aquí una foto de su carta</translation>
        </message>
        <message>
            <source>Refero finds the chart, measures its patches, judges the shot and builds the correction for everything taken with this body, lens and light.</source>
            <translation>Refero encuentra la carta, mide sus parches, juzga la toma y construye la corrección de todo lo tomado con este cuerpo, objetivo y luz.</translation>
        </message>
        <message>
            <source>Your chart</source>
            <translation>Su carta</translation>
        </message>
        <message>
            <source>The Fen 24 and the Fen 48 are known. Any other chart in rows and columns takes two steps: drop a photograph of it, which shows how its patches lie; then drop its data, the file of its maker or of an instrument, or paste its table.</source>
            <translation>Se conocen Fen 24 y Fen 48. Cualquier otra carta en filas y columnas lleva dos pasos: suelte una foto suya, que muestra cómo están sus parches; luego sus datos, el archivo de su fabricante o de un instrumento, o pegue su tabla.</translation>
        </message>
        <message>
            <source>Open a frame</source>
            <translation>Abrir un fotograma</translation>
        </message>
        <message>
            <source>Look at the demo</source>
            <translation>Ver la demostración</translation>
        </message>
        <message>
            <source>Plan a day</source>
            <translation>Planear un día</translation>
        </message>
    </context>
    <context>
        <name>EvennessMap</name>
        <message>
            <source>Even light</source>
            <translation>Luz uniforme</translation>
        </message>
        <message>
            <source>The greys do not tell</source>
            <translation>Los grises no lo dicen</translation>
        </message>
    </context>
    <context>
        <name>refero::EvennessMap</name>
        <message>
            <source>Even light</source>
            <translation>Luz uniforme</translation>
        </message>
        <message>
            <source>The greys do not tell</source>
            <translation>Los grises no lo dicen</translation>
        </message>
    </context>
    <context>
        <name>FiguresPanel</name>
        <message>
            <source>Show %1</source>
            <translation>Mostrar %1</translation>
        </message>
        <message>
            <source>Fold %1 away</source>
            <translation>Plegar %1</translation>
        </message>
        <message>
            <source>Put %1 at the right of the picture</source>
            <translation>Poner %1 a la derecha de la imagen</translation>
        </message>
        <message>
            <source>Put %1 below the picture</source>
            <translation>Poner %1 bajo la imagen</translation>
        </message>
    </context>
    <context>
        <name>refero::FiguresPanel</name>
        <message>
            <source>Show %1</source>
            <translation>Mostrar %1</translation>
        </message>
        <message>
            <source>Fold %1 away</source>
            <translation>Plegar %1</translation>
        </message>
        <message>
            <source>Put %1 at the right of the picture</source>
            <translation>Poner %1 a la derecha de la imagen</translation>
        </message>
        <message>
            <source>Put %1 below the picture</source>
            <translation>Poner %1 bajo la imagen</translation>
        </message>
    </context>
    <context>
        <name>Findings</name>
        <message>
            <source>Findings</source>
            <translation>Hallazgos</translation>
        </message>
        <message numerus="yes">
            <source>%n others are good</source>
            <translation>
                <numerusform>%n otro está bien</numerusform>
                <numerusform>%n otros están bien</numerusform>
            </translation>
        </message>
        <message>
            <source>Shows or hides what is good.</source>
            <translation>Muestra u oculta lo que está bien.</translation>
        </message>
    </context>
    <context>
        <name>refero::Findings</name>
        <message>
            <source>Findings</source>
            <translation>Hallazgos</translation>
        </message>
        <message numerus="yes">
            <source>%n others are good</source>
            <translation>
                <numerusform>%n otro está bien</numerusform>
                <numerusform>%n otros están bien</numerusform>
            </translation>
        </message>
        <message>
            <source>Shows or hides what is good.</source>
            <translation>Muestra u oculta lo que está bien.</translation>
        </message>
    </context>
    <context>
        <name>FinishPage</name>
        <message>
            <source>On top; no figure counts it.</source>
            <translation>Por encima; ninguna cifra lo cuenta.</translation>
        </message>
        <message>
            <source>Warmth,
mired</source>
            <translation>Calidez,
mired</translation>
        </message>
    </context>
    <context>
        <name>refero::FinishPage</name>
        <message>
            <source>On top; no figure counts it.</source>
            <translation>Por encima; ninguna cifra lo cuenta.</translation>
        </message>
        <message>
            <source>Warmth,
mired</source>
            <translation>Calidez,
mired</translation>
        </message>
    </context>
    <context>
        <name>FrameFacts</name>
        <message>
            <source>Taken %1, %2</source>
            <comment>a date and a time</comment>
            <translation>Tomado %1, %2</translation>
        </message>
        <message>
            <source>Shows the slate %1</source>
            <translation>Muestra la claqueta %1</translation>
        </message>
        <message>
            <source>With the camera's own picture, %1</source>
            <translation>Con la imagen propia de la cámara, %1</translation>
        </message>
    </context>
    <context>
        <name>refero::FrameFacts</name>
        <message>
            <source>Taken %1, %2</source>
            <comment>a date and a time</comment>
            <translation>Tomado %1, %2</translation>
        </message>
        <message>
            <source>Shows the slate %1</source>
            <translation>Muestra la claqueta %1</translation>
        </message>
        <message>
            <source>With the camera's own picture, %1</source>
            <translation>Con la imagen propia de la cámara, %1</translation>
        </message>
    </context>
    <context>
        <name>FrameView</name>
        <message>
            <source>Chart frame with outline and sampling areas</source>
            <translation>Fotograma de carta con contorno y áreas de muestra</translation>
        </message>
        <message>
            <source>Move the %1 corner</source>
            <translation>Mover la esquina %1</translation>
        </message>
        <message>
            <source>Put %1 back in its place</source>
            <translation>Devolver %1 a su sitio</translation>
        </message>
        <message>
            <source>Nudge the %1 corner</source>
            <translation>Empujar la esquina %1</translation>
        </message>
        <message>
            <source>No picture yet.</source>
            <translation>Aún sin imagen.</translation>
        </message>
        <message>
            <source>No chart is outlined.</source>
            <translation>Ninguna carta está delimitada.</translation>
        </message>
        <message numerus="yes">
            <source>%1 is outlined, %n patches.</source>
            <translation>
                <numerusform>%1 está delimitada, %n parche.</numerusform>
                <numerusform>%1 está delimitada, %n parches.</numerusform>
            </translation>
        </message>
        <message>
            <source>%1, left out</source>
            <translation>%1, omitido</translation>
        </message>
        <message>
            <source>%1, marked by a finding</source>
            <translation>%1, marcado por un hallazgo</translation>
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
            <translation>Fotograma de carta con contorno y áreas de muestra</translation>
        </message>
        <message>
            <source>Move the %1 corner</source>
            <translation>Mover la esquina %1</translation>
        </message>
        <message>
            <source>Put %1 back in its place</source>
            <translation>Devolver %1 a su sitio</translation>
        </message>
        <message>
            <source>Nudge the %1 corner</source>
            <translation>Empujar la esquina %1</translation>
        </message>
        <message>
            <source>No picture yet.</source>
            <translation>Aún sin imagen.</translation>
        </message>
        <message>
            <source>No chart is outlined.</source>
            <translation>Ninguna carta está delimitada.</translation>
        </message>
        <message numerus="yes">
            <source>%1 is outlined, %n patches.</source>
            <translation>
                <numerusform>%1 está delimitada, %n parche.</numerusform>
                <numerusform>%1 está delimitada, %n parches.</numerusform>
            </translation>
        </message>
        <message>
            <source>%1, left out</source>
            <translation>%1, omitido</translation>
        </message>
        <message>
            <source>%1, marked by a finding</source>
            <translation>%1, marcado por un hallazgo</translation>
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
            <translation>Hoja de contactos</translation>
        </message>
        <message>
            <source>Back to all frames (Esc)</source>
            <translation>Volver a todos los fotogramas (Esc)</translation>
        </message>
        <message>
            <source>See its reading</source>
            <translation>Ver su lectura</translation>
        </message>
        <message>
            <source>Display profile</source>
            <translation>Perfil de pantalla</translation>
        </message>
        <message>
            <source>Choose the ICC profile of this display.</source>
            <translation>Elija el perfil ICC de esta pantalla.</translation>
        </message>
        <message>
            <source>Moment of the clip</source>
            <translation>Momento del clip</translation>
        </message>
        <message>
            <source>Take this moment</source>
            <translation>Tomar este momento</translation>
        </message>
        <message>
            <source>The clip stands for this picture from now on; a chart in it is read.</source>
            <translation>El clip vale desde ahora por esta imagen; se leerá la carta que haya.</translation>
        </message>
        <message>
            <source>No profile for this display: colours may look wrong</source>
            <translation>Sin perfil para esta pantalla: los colores pueden verse mal</translation>
        </message>
        <message>
            <source>Shown for %1</source>
            <translation>Mostrado para %1</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>%1 de %2</translation>
        </message>
        <message>
            <source>Opening</source>
            <translation>Abriendo</translation>
        </message>
        <message>
            <source>%1 of %2, %3 x %4, %5%6, %7</source>
            <translation>%1 de %2, %3 x %4, %5%6, %7</translation>
        </message>
        <message>
            <source>%1 of %2 s</source>
            <translation>%1 de %2 s</translation>
        </message>
        <message>
            <source>A grey is marked in a subject's frame of a setup; this is none.</source>
            <translation>Un gris se marca en un fotograma de sujeto de un montaje; este no lo es.</translation>
        </message>
        <message>
            <source>Nothing is marked as grey here.</source>
            <translation>Aquí nada está marcado como gris.</translation>
        </message>
        <message>
            <source>This is clipped or black: it tells nothing of the light.</source>
            <translation>Está recortado o negro: no dice nada de la luz.</translation>
        </message>
    </context>
    <context>
        <name>refero::FrameViewer</name>
        <message>
            <source>Contact sheet</source>
            <translation>Hoja de contactos</translation>
        </message>
        <message>
            <source>Back to all frames (Esc)</source>
            <translation>Volver a todos los fotogramas (Esc)</translation>
        </message>
        <message>
            <source>See its reading</source>
            <translation>Ver su lectura</translation>
        </message>
        <message>
            <source>Display profile</source>
            <translation>Perfil de pantalla</translation>
        </message>
        <message>
            <source>Choose the ICC profile of this display.</source>
            <translation>Elija el perfil ICC de esta pantalla.</translation>
        </message>
        <message>
            <source>Moment of the clip</source>
            <translation>Momento del clip</translation>
        </message>
        <message>
            <source>Take this moment</source>
            <translation>Tomar este momento</translation>
        </message>
        <message>
            <source>The clip stands for this picture from now on; a chart in it is read.</source>
            <translation>El clip vale desde ahora por esta imagen; se leerá la carta que haya.</translation>
        </message>
        <message>
            <source>No profile for this display: colours may look wrong</source>
            <translation>Sin perfil para esta pantalla: los colores pueden verse mal</translation>
        </message>
        <message>
            <source>Shown for %1</source>
            <translation>Mostrado para %1</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <translation>%1 de %2</translation>
        </message>
        <message>
            <source>Opening</source>
            <translation>Abriendo</translation>
        </message>
        <message>
            <source>%1 of %2, %3 x %4, %5%6, %7</source>
            <translation>%1 de %2, %3 x %4, %5%6, %7</translation>
        </message>
        <message>
            <source>%1 of %2 s</source>
            <translation>%1 de %2 s</translation>
        </message>
        <message>
            <source>A grey is marked in a subject's frame of a setup; this is none.</source>
            <translation>Un gris se marca en un fotograma de sujeto de un montaje; este no lo es.</translation>
        </message>
        <message>
            <source>Nothing is marked as grey here.</source>
            <translation>Aquí nada está marcado como gris.</translation>
        </message>
        <message>
            <source>This is clipped or black: it tells nothing of the light.</source>
            <translation>Está recortado o negro: no dice nada de la luz.</translation>
        </message>
    </context>
    <context>
        <name>FramesChoice</name>
        <message>
            <source>As the frame</source>
            <translation>Como el fotograma</translation>
        </message>
        <message>
            <source>Setup, number</source>
            <translation>Montaje, número</translation>
        </message>
        <message>
            <source>Setup, frame</source>
            <translation>Montaje, fotograma</translation>
        </message>
        <message>
            <source>Date, frame</source>
            <translation>Fecha, fotograma</translation>
        </message>
        <message>
            <source>A pattern of mine</source>
            <translation>Un patrón propio</translation>
        </message>
        <message>
            <source>This setup</source>
            <translation>Este montaje</translation>
        </message>
        <message>
            <source>Whole shoot</source>
            <translation>Todo el rodaje</translation>
        </message>
        <message>
            <source>None</source>
            <translation>Ninguna</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Tal cual</translation>
        </message>
        <message>
            <source>Pattern of the names</source>
            <translation>Patrón de los nombres</translation>
        </message>
        <message>
            <source>{frame} is the frame's own name; {n}, {space}, {setup}, {body}, {light}, {place} and {date} can be in it.</source>
            <translation>{frame} es el nombre propio del fotograma; pueden ir {n}, {space}, {setup}, {body}, {light}, {place} y {date}.</translation>
        </message>
        <message>
            <source>By</source>
            <translation>Con</translation>
        </message>
        <message>
            <source>Frames</source>
            <translation>Fotogramas</translation>
        </message>
        <message>
            <source>By which correction</source>
            <translation>Con qué corrección</translation>
        </message>
        <message>
            <source>Because</source>
            <translation>Porque</translation>
        </message>
        <message>
            <source>Why this correction serves them</source>
            <translation>Por qué les sirve esta corrección</translation>
        </message>
        <message>
            <source>Why this one serves frames that the rules give another</source>
            <translation>Por qué esta sirve a fotogramas a los que las reglas dan otra</translation>
        </message>
        <message>
            <source>Clips as</source>
            <translation>Clips como</translation>
        </message>
        <message>
            <source>What clips become</source>
            <translation>En qué se convierten los clips</translation>
        </message>
        <message>
            <source>One clip keeps its rate, sound, timecode and colour tags; both kinds have 10 bits.</source>
            <translation>Un clip conserva cadencia, sonido, código de tiempo y etiquetas de color; ambos tienen 10 bits.</translation>
        </message>
        <message>
            <source>A folder of pictures</source>
            <translation>Una carpeta de imágenes</translation>
        </message>
        <message>
            <source>FFV1: no loss</source>
            <translation>FFV1: sin pérdida</translation>
        </message>
        <message>
            <source>AV1: small</source>
            <translation>AV1: pequeño</translation>
        </message>
        <message>
            <source>Chosen (%1)</source>
            <translation>Elegidos (%1)</translation>
        </message>
        <message>
            <source>Its own correction</source>
            <translation>Su propia corrección</translation>
        </message>
        <message>
            <source>No frames to render yet.</source>
            <translation>Aún sin fotogramas que renderizar.</translation>
        </message>
        <message>
            <source>%1 frame as %2.</source>
            <translation>%1 imagen como %2.</translation>
        </message>
        <message>
            <source>%1 frames as %2.</source>
            <translation>%1 imágenes como %2.</translation>
        </message>
    </context>
    <context>
        <name>refero::FramesChoice</name>
        <message>
            <source>As the frame</source>
            <translation>Como el fotograma</translation>
        </message>
        <message>
            <source>Setup, number</source>
            <translation>Montaje, número</translation>
        </message>
        <message>
            <source>Setup, frame</source>
            <translation>Montaje, fotograma</translation>
        </message>
        <message>
            <source>Date, frame</source>
            <translation>Fecha, fotograma</translation>
        </message>
        <message>
            <source>A pattern of mine</source>
            <translation>Un patrón propio</translation>
        </message>
        <message>
            <source>This setup</source>
            <translation>Este montaje</translation>
        </message>
        <message>
            <source>Whole shoot</source>
            <translation>Todo el rodaje</translation>
        </message>
        <message>
            <source>None</source>
            <translation>Ninguna</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Tal cual</translation>
        </message>
        <message>
            <source>Pattern of the names</source>
            <translation>Patrón de los nombres</translation>
        </message>
        <message>
            <source>{frame} is the frame's own name; {n}, {space}, {setup}, {body}, {light}, {place} and {date} can be in it.</source>
            <translation>{frame} es el nombre propio del fotograma; pueden ir {n}, {space}, {setup}, {body}, {light}, {place} y {date}.</translation>
        </message>
        <message>
            <source>By</source>
            <translation>Con</translation>
        </message>
        <message>
            <source>Frames</source>
            <translation>Fotogramas</translation>
        </message>
        <message>
            <source>By which correction</source>
            <translation>Con qué corrección</translation>
        </message>
        <message>
            <source>Because</source>
            <translation>Porque</translation>
        </message>
        <message>
            <source>Why this correction serves them</source>
            <translation>Por qué les sirve esta corrección</translation>
        </message>
        <message>
            <source>Why this one serves frames that the rules give another</source>
            <translation>Por qué esta sirve a fotogramas a los que las reglas dan otra</translation>
        </message>
        <message>
            <source>Clips as</source>
            <translation>Clips como</translation>
        </message>
        <message>
            <source>What clips become</source>
            <translation>En qué se convierten los clips</translation>
        </message>
        <message>
            <source>One clip keeps its rate, sound, timecode and colour tags; both kinds have 10 bits.</source>
            <translation>Un clip conserva cadencia, sonido, código de tiempo y etiquetas de color; ambos tienen 10 bits.</translation>
        </message>
        <message>
            <source>A folder of pictures</source>
            <translation>Una carpeta de imágenes</translation>
        </message>
        <message>
            <source>FFV1: no loss</source>
            <translation>FFV1: sin pérdida</translation>
        </message>
        <message>
            <source>AV1: small</source>
            <translation>AV1: pequeño</translation>
        </message>
        <message>
            <source>Chosen (%1)</source>
            <translation>Elegidos (%1)</translation>
        </message>
        <message>
            <source>Its own correction</source>
            <translation>Su propia corrección</translation>
        </message>
        <message>
            <source>No frames to render yet.</source>
            <translation>Aún sin fotogramas que renderizar.</translation>
        </message>
        <message>
            <source>%1 frame as %2.</source>
            <translation>%1 imagen como %2.</translation>
        </message>
        <message>
            <source>%1 frames as %2.</source>
            <translation>%1 imágenes como %2.</translation>
        </message>
    </context>
    <context>
        <name>FramesStation</name>
        <message>
            <source>Import frames</source>
            <translation>Importar fotogramas</translation>
        </message>
        <message>
            <source>Or drop files, folders or a card on the window.</source>
            <translation>O suelte archivos, carpetas o una tarjeta en la ventana.</translation>
        </message>
        <message>
            <source>What becomes of the files</source>
            <translation>Qué pasa con los archivos</translation>
        </message>
        <message>
            <source>Files stay in place</source>
            <translation>Los archivos quedan en su sitio</translation>
        </message>
        <message>
            <source>Copy them, verified, to...</source>
            <translation>Copiarlos, verificados, a...</translation>
        </message>
        <message>
            <source>A verified copy is read again from the disk and compared.</source>
            <translation>Una copia verificada se relee del disco y se compara.</translation>
        </message>
        <message>
            <source>On set</source>
            <translation>En el plató</translation>
        </message>
        <message>
            <source>Watch the folder that a camera shoots into, and judge every chart shot at once.</source>
            <translation>Vigilar la carpeta donde graba una cámara y juzgar cada toma de carta al instante.</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>Parar</translation>
        </message>
        <message>
            <source>What came in so far stays.</source>
            <translation>Lo que ha llegado queda.</translation>
        </message>
        <message>
            <source>Frames shown</source>
            <translation>Fotogramas mostrados</translation>
        </message>
        <message>
            <source>All frames</source>
            <translation>Todos los fotogramas</translation>
        </message>
        <message>
            <source>Chart frames</source>
            <translation>Fotogramas de carta</translation>
        </message>
        <message>
            <source>In no setup</source>
            <translation>Sin montaje</translation>
        </message>
        <message>
            <source>Doubtful</source>
            <translation>Dudosos</translation>
        </message>
        <message>
            <source>Grey cards</source>
            <translation>Tarjetas grises</translation>
        </message>
        <message>
            <source>Order of the frames</source>
            <translation>Orden de los fotogramas</translation>
        </message>
        <message>
            <source>By time</source>
            <translation>Por hora</translation>
        </message>
        <message>
            <source>By name</source>
            <translation>Por nombre</translation>
        </message>
        <message>
            <source>Charts first</source>
            <translation>Cartas primero</translation>
        </message>
        <message>
            <source>Setup of the chosen frames</source>
            <translation>Montaje de los fotogramas elegidos</translation>
        </message>
        <message>
            <source>Camera clock slow by</source>
            <translation>Reloj de la cámara atrasado en</translation>
        </message>
        <message>
            <source>How far this camera's clock was behind, as 0:03:20; -1:00:00 where it was ahead. All frames of this body move, and are sorted anew.</source>
            <translation>Cuánto atrasaba el reloj de esta cámara, como 0:03:20; -1:00:00 si adelantaba. Todos los fotogramas de este cuerpo se mueven y se ordenan de nuevo.</translation>
        </message>
        <message>
            <source>New setup from selection</source>
            <translation>Montaje nuevo de la selección</translation>
        </message>
        <message>
            <source>A new setup with their body and lens; name it with F2.</source>
            <translation>Un montaje nuevo con su cuerpo y objetivo; nómbrelo con F2.</translation>
        </message>
        <message>
            <source>Begin this proposed setup</source>
            <translation>Empezar este montaje propuesto</translation>
        </message>
        <message>
            <source>With all of its frames; its chart shot is read.</source>
            <translation>Con todos sus fotogramas; se lee su toma de carta.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Entregar</translation>
        </message>
        <message>
            <source>To the handover, with these frames as what goes out.</source>
            <translation>A la entrega, con estos fotogramas como lo que sale.</translation>
        </message>
        <message>
            <source>What could not be brought in</source>
            <translation>Lo que no se pudo importar</translation>
        </message>
        <message>
            <source>Drop the day's card here</source>
            <translation>Suelte aquí la tarjeta del día</translation>
        </message>
        <message>
            <source>Copy the frames into</source>
            <translation>Copiar los fotogramas en</translation>
        </message>
        <message>
            <source>Copy to %1</source>
            <translation>Copiar a %1</translation>
        </message>
        <message>
            <source>A verified copy is read again and compared.</source>
            <translation>Una copia verificada se relee y se compara.</translation>
        </message>
        <message>
            <source>No frame chosen</source>
            <translation>Ningún fotograma elegido</translation>
        </message>
        <message>
            <source>Drag frames onto another setup to correct what was sorted wrongly.</source>
            <translation>Arrastre fotogramas a otro montaje para corregir lo mal ordenado.</translation>
        </message>
        <message>
            <source>Proposed: %1</source>
            <translation>Propuesto: %1</translation>
        </message>
        <message>
            <source>A light of its own</source>
            <translation>Una luz propia</translation>
        </message>
        <message>
            <source>Looking for files</source>
            <translation>Buscando archivos</translation>
        </message>
        <message>
            <source>Frame %1 of %2</source>
            <translation>Fotograma %1 de %2</translation>
        </message>
    </context>
    <context>
        <name>refero::FramesStation</name>
        <message>
            <source>Import frames</source>
            <translation>Importar fotogramas</translation>
        </message>
        <message>
            <source>Or drop files, folders or a card on the window.</source>
            <translation>O suelte archivos, carpetas o una tarjeta en la ventana.</translation>
        </message>
        <message>
            <source>What becomes of the files</source>
            <translation>Qué pasa con los archivos</translation>
        </message>
        <message>
            <source>Files stay in place</source>
            <translation>Los archivos quedan en su sitio</translation>
        </message>
        <message>
            <source>Copy them, verified, to...</source>
            <translation>Copiarlos, verificados, a...</translation>
        </message>
        <message>
            <source>A verified copy is read again from the disk and compared.</source>
            <translation>Una copia verificada se relee del disco y se compara.</translation>
        </message>
        <message>
            <source>On set</source>
            <translation>En el plató</translation>
        </message>
        <message>
            <source>Watch the folder that a camera shoots into, and judge every chart shot at once.</source>
            <translation>Vigilar la carpeta donde graba una cámara y juzgar cada toma de carta al instante.</translation>
        </message>
        <message>
            <source>Stop</source>
            <translation>Parar</translation>
        </message>
        <message>
            <source>What came in so far stays.</source>
            <translation>Lo que ha llegado queda.</translation>
        </message>
        <message>
            <source>Frames shown</source>
            <translation>Fotogramas mostrados</translation>
        </message>
        <message>
            <source>All frames</source>
            <translation>Todos los fotogramas</translation>
        </message>
        <message>
            <source>Chart frames</source>
            <translation>Fotogramas de carta</translation>
        </message>
        <message>
            <source>In no setup</source>
            <translation>Sin montaje</translation>
        </message>
        <message>
            <source>Doubtful</source>
            <translation>Dudosos</translation>
        </message>
        <message>
            <source>Grey cards</source>
            <translation>Tarjetas grises</translation>
        </message>
        <message>
            <source>Order of the frames</source>
            <translation>Orden de los fotogramas</translation>
        </message>
        <message>
            <source>By time</source>
            <translation>Por hora</translation>
        </message>
        <message>
            <source>By name</source>
            <translation>Por nombre</translation>
        </message>
        <message>
            <source>Charts first</source>
            <translation>Cartas primero</translation>
        </message>
        <message>
            <source>Setup of the chosen frames</source>
            <translation>Montaje de los fotogramas elegidos</translation>
        </message>
        <message>
            <source>Camera clock slow by</source>
            <translation>Reloj de la cámara atrasado en</translation>
        </message>
        <message>
            <source>How far this camera's clock was behind, as 0:03:20; -1:00:00 where it was ahead. All frames of this body move, and are sorted anew.</source>
            <translation>Cuánto atrasaba el reloj de esta cámara, como 0:03:20; -1:00:00 si adelantaba. Todos los fotogramas de este cuerpo se mueven y se ordenan de nuevo.</translation>
        </message>
        <message>
            <source>New setup from selection</source>
            <translation>Montaje nuevo de la selección</translation>
        </message>
        <message>
            <source>A new setup with their body and lens; name it with F2.</source>
            <translation>Un montaje nuevo con su cuerpo y objetivo; nómbrelo con F2.</translation>
        </message>
        <message>
            <source>Begin this proposed setup</source>
            <translation>Empezar este montaje propuesto</translation>
        </message>
        <message>
            <source>With all of its frames; its chart shot is read.</source>
            <translation>Con todos sus fotogramas; se lee su toma de carta.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Entregar</translation>
        </message>
        <message>
            <source>To the handover, with these frames as what goes out.</source>
            <translation>A la entrega, con estos fotogramas como lo que sale.</translation>
        </message>
        <message>
            <source>What could not be brought in</source>
            <translation>Lo que no se pudo importar</translation>
        </message>
        <message>
            <source>Drop the day's card here</source>
            <translation>Suelte aquí la tarjeta del día</translation>
        </message>
        <message>
            <source>Copy the frames into</source>
            <translation>Copiar los fotogramas en</translation>
        </message>
        <message>
            <source>Copy to %1</source>
            <translation>Copiar a %1</translation>
        </message>
        <message>
            <source>A verified copy is read again and compared.</source>
            <translation>Una copia verificada se relee y se compara.</translation>
        </message>
        <message>
            <source>No frame chosen</source>
            <translation>Ningún fotograma elegido</translation>
        </message>
        <message>
            <source>Drag frames onto another setup to correct what was sorted wrongly.</source>
            <translation>Arrastre fotogramas a otro montaje para corregir lo mal ordenado.</translation>
        </message>
        <message>
            <source>Proposed: %1</source>
            <translation>Propuesto: %1</translation>
        </message>
        <message>
            <source>A light of its own</source>
            <translation>Una luz propia</translation>
        </message>
        <message>
            <source>Looking for files</source>
            <translation>Buscando archivos</translation>
        </message>
        <message>
            <source>Frame %1 of %2</source>
            <translation>Fotograma %1 de %2</translation>
        </message>
    </context>
    <context>
        <name>FramingView</name>
        <message>
            <source>The chart covers %1 % of the frame</source>
            <translation>La carta cubre el %1 % del fotograma</translation>
        </message>
        <message>
            <source>The chart in the frame: not known yet</source>
            <translation>La carta en el fotograma: aún no se sabe</translation>
        </message>
        <message>
            <source>The chart takes %1 % of the frame.</source>
            <translation>La carta ocupa el %1 % del fotograma.</translation>
        </message>
        <message>
            <source>What the chart takes of the frame cannot be told yet.</source>
            <translation>Aún no se puede decir cuánto ocupa la carta.</translation>
        </message>
    </context>
    <context>
        <name>refero::FramingView</name>
        <message>
            <source>The chart covers %1 % of the frame</source>
            <translation>La carta cubre el %1 % del fotograma</translation>
        </message>
        <message>
            <source>The chart in the frame: not known yet</source>
            <translation>La carta en el fotograma: aún no se sabe</translation>
        </message>
        <message>
            <source>The chart takes %1 % of the frame.</source>
            <translation>La carta ocupa el %1 % del fotograma.</translation>
        </message>
        <message>
            <source>What the chart takes of the frame cannot be told yet.</source>
            <translation>Aún no se puede decir cuánto ocupa la carta.</translation>
        </message>
    </context>
    <context>
        <name>GreyList</name>
        <message>
            <source>Greys to balance on</source>
            <translation>Grises con que equilibrar</translation>
        </message>
        <message>
            <source>Hold Shift and draw over something that looks grey.</source>
            <translation>Mantenga Mayús y dibuje sobre algo que parezca gris.</translation>
        </message>
    </context>
    <context>
        <name>refero::GreyList</name>
        <message>
            <source>Greys to balance on</source>
            <translation>Grises con que equilibrar</translation>
        </message>
        <message>
            <source>Hold Shift and draw over something that looks grey.</source>
            <translation>Mantenga Mayús y dibuje sobre algo que parezca gris.</translation>
        </message>
    </context>
    <context>
        <name>HandoverActions</name>
        <message>
            <source>Writing</source>
            <translation>Escribiendo</translation>
        </message>
        <message>
            <source>Left as it was there</source>
            <translation>Se dejó como estaba</translation>
        </message>
        <message>
            <source>Written</source>
            <translation>Escrito</translation>
        </message>
        <message>
            <source>Leaves %1 on average, %2 at most</source>
            <translation>Deja %1 de media, %2 como máximo</translation>
        </message>
    </context>
    <context>
        <name>refero::HandoverActions</name>
        <message>
            <source>Writing</source>
            <translation>Escribiendo</translation>
        </message>
        <message>
            <source>Left as it was there</source>
            <translation>Se dejó como estaba</translation>
        </message>
        <message>
            <source>Written</source>
            <translation>Escrito</translation>
        </message>
        <message>
            <source>Leaves %1 on average, %2 at most</source>
            <translation>Deja %1 de media, %2 como máximo</translation>
        </message>
    </context>
    <context>
        <name>HandoverStation</name>
        <message>
            <source>Holds all of it.</source>
            <translation>Lo contiene todo.</translation>
        </message>
        <message>
            <source>Check frame</source>
            <translation>Fotograma de control</translation>
        </message>
        <message>
            <source>A frame as a plate, seen through the view; held against the graded picture.</source>
            <translation>Un fotograma como placa, visto por la vista; comparado con la imagen etalonada.</translation>
        </message>
        <message>
            <source>Recipe</source>
            <translation>Receta</translation>
        </message>
        <message>
            <source>What wheels, curves and hue controls cannot do; it says how much that is.</source>
            <translation>Lo que ruedas, curvas y controles de tono no pueden; dice cuánto es.</translation>
        </message>
        <message>
            <source>Report</source>
            <translation>Informe</translation>
        </message>
        <message>
            <source>No correction: figures and pictures.</source>
            <translation>Ninguna corrección: cifras e imágenes.</translation>
        </message>
        <message>
            <source>To the correction</source>
            <translation>A la corrección</translation>
        </message>
        <message>
            <source>No setup is chosen. Bring in a chart shot, or plan the day.</source>
            <translation>Ningún montaje elegido. Importe una toma de carta, o planee el día.</translation>
        </message>
        <message>
            <source>The chart of %1 serves %2, too; it has no correction yet.</source>
            <translation>La carta de %1 sirve también a %2; aún no tiene corrección.</translation>
        </message>
        <message>
            <source>The chart of %1 serves %2, too: its frames go out by that correction.</source>
            <translation>La carta de %1 sirve también a %2: sus fotogramas salen con esa corrección.</translation>
        </message>
        <message>
            <source>Hand its frames over</source>
            <translation>Entregar sus fotogramas</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Entregar</translation>
        </message>
        <message>
            <source>Asks for a folder, writes all of it there and reads each file back.</source>
            <translation>Pide una carpeta, lo escribe todo allí y relee cada archivo.</translation>
        </message>
        <message>
            <source>What goes out</source>
            <translation>Lo que sale</translation>
        </message>
        <message>
            <source>Base tone curve</source>
            <translation>Curva de tono base</translation>
        </message>
        <message>
            <source>Straight</source>
            <translation>Recta</translation>
        </message>
        <message>
            <source>The finish's contrast</source>
            <translation>El contraste del acabado</translation>
        </message>
        <message>
            <source>Search what went out</source>
            <translation>Buscar lo que salió</translation>
        </message>
        <message>
            <source>Search</source>
            <translation>Buscar</translation>
        </message>
        <message>
            <source>Show the file</source>
            <translation>Mostrar el archivo</translation>
        </message>
        <message>
            <source>Opens its folder in the file manager.</source>
            <translation>Abre su carpeta en el gestor de archivos.</translation>
        </message>
        <message>
            <source>Go on with these frames</source>
            <translation>Seguir con estos fotogramas</translation>
        </message>
        <message>
            <source>Does what is left of a job of frames; what is finished is kept.</source>
            <translation>Hace lo que queda de un trabajo de fotogramas; lo acabado se conserva.</translation>
        </message>
        <message>
            <source>Nothing yet. Whatever goes out of this setup is kept here, with what another engine made of it; it is marked as out of date when the correction changes.</source>
            <translation>Aún nada. Lo que sale de este montaje se guarda aquí, con lo que otro motor hizo de ello; se marca anticuado al cambiar la corrección.</translation>
        </message>
        <message>
            <source>What went out of this setup</source>
            <translation>Lo que salió de este montaje</translation>
        </message>
        <message>
            <source>Into which folder for the %1</source>
            <translation>En qué carpeta para: %1</translation>
        </message>
    </context>
    <context>
        <name>refero::HandoverStation</name>
        <message>
            <source>Holds all of it.</source>
            <translation>Lo contiene todo.</translation>
        </message>
        <message>
            <source>Check frame</source>
            <translation>Fotograma de control</translation>
        </message>
        <message>
            <source>A frame as a plate, seen through the view; held against the graded picture.</source>
            <translation>Un fotograma como placa, visto por la vista; comparado con la imagen etalonada.</translation>
        </message>
        <message>
            <source>Recipe</source>
            <translation>Receta</translation>
        </message>
        <message>
            <source>What wheels, curves and hue controls cannot do; it says how much that is.</source>
            <translation>Lo que ruedas, curvas y controles de tono no pueden; dice cuánto es.</translation>
        </message>
        <message>
            <source>Report</source>
            <translation>Informe</translation>
        </message>
        <message>
            <source>No correction: figures and pictures.</source>
            <translation>Ninguna corrección: cifras e imágenes.</translation>
        </message>
        <message>
            <source>To the correction</source>
            <translation>A la corrección</translation>
        </message>
        <message>
            <source>No setup is chosen. Bring in a chart shot, or plan the day.</source>
            <translation>Ningún montaje elegido. Importe una toma de carta, o planee el día.</translation>
        </message>
        <message>
            <source>The chart of %1 serves %2, too; it has no correction yet.</source>
            <translation>La carta de %1 sirve también a %2; aún no tiene corrección.</translation>
        </message>
        <message>
            <source>The chart of %1 serves %2, too: its frames go out by that correction.</source>
            <translation>La carta de %1 sirve también a %2: sus fotogramas salen con esa corrección.</translation>
        </message>
        <message>
            <source>Hand its frames over</source>
            <translation>Entregar sus fotogramas</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Entregar</translation>
        </message>
        <message>
            <source>Asks for a folder, writes all of it there and reads each file back.</source>
            <translation>Pide una carpeta, lo escribe todo allí y relee cada archivo.</translation>
        </message>
        <message>
            <source>What goes out</source>
            <translation>Lo que sale</translation>
        </message>
        <message>
            <source>Base tone curve</source>
            <translation>Curva de tono base</translation>
        </message>
        <message>
            <source>Straight</source>
            <translation>Recta</translation>
        </message>
        <message>
            <source>The finish's contrast</source>
            <translation>El contraste del acabado</translation>
        </message>
        <message>
            <source>Search what went out</source>
            <translation>Buscar lo que salió</translation>
        </message>
        <message>
            <source>Search</source>
            <translation>Buscar</translation>
        </message>
        <message>
            <source>Show the file</source>
            <translation>Mostrar el archivo</translation>
        </message>
        <message>
            <source>Opens its folder in the file manager.</source>
            <translation>Abre su carpeta en el gestor de archivos.</translation>
        </message>
        <message>
            <source>Go on with these frames</source>
            <translation>Seguir con estos fotogramas</translation>
        </message>
        <message>
            <source>Does what is left of a job of frames; what is finished is kept.</source>
            <translation>Hace lo que queda de un trabajo de fotogramas; lo acabado se conserva.</translation>
        </message>
        <message>
            <source>Nothing yet. Whatever goes out of this setup is kept here, with what another engine made of it; it is marked as out of date when the correction changes.</source>
            <translation>Aún nada. Lo que sale de este montaje se guarda aquí, con lo que otro motor hizo de ello; se marca anticuado al cambiar la corrección.</translation>
        </message>
        <message>
            <source>What went out of this setup</source>
            <translation>Lo que salió de este montaje</translation>
        </message>
        <message>
            <source>Into which folder for the %1</source>
            <translation>En qué carpeta para: %1</translation>
        </message>
    </context>
    <context>
        <name>HelpWindow</name>
        <message>
            <source>Guide to Refero</source>
            <translation>Guía de Refero</translation>
        </message>
        <message>
            <source>Back</source>
            <translation>Atrás</translation>
        </message>
        <message>
            <source>Forward</source>
            <translation>Adelante</translation>
        </message>
        <message>
            <source>Search the guide</source>
            <translation>Buscar en la guía</translation>
        </message>
        <message>
            <source>Contents</source>
            <translation>Contenido</translation>
        </message>
        <message>
            <source>The guide</source>
            <translation>La guía</translation>
        </message>
        <message>
            <source>The guide is not beside the program. It is installed with the package.</source>
            <translation>La guía no está junto al programa. Se instala con el paquete.</translation>
        </message>
        <message>
            <source>Next: %1</source>
            <translation>Siguiente: %1</translation>
        </message>
        <message>
            <source>Nothing has these words.</source>
            <translation>Nada tiene esas palabras.</translation>
        </message>
        <message numerus="yes">
            <source>In %n parts:</source>
            <translation>
                <numerusform>En %n parte:</numerusform>
                <numerusform>En %n partes:</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::HelpWindow</name>
        <message>
            <source>Guide to Refero</source>
            <translation>Guía de Refero</translation>
        </message>
        <message>
            <source>Back</source>
            <translation>Atrás</translation>
        </message>
        <message>
            <source>Forward</source>
            <translation>Adelante</translation>
        </message>
        <message>
            <source>Search the guide</source>
            <translation>Buscar en la guía</translation>
        </message>
        <message>
            <source>Contents</source>
            <translation>Contenido</translation>
        </message>
        <message>
            <source>The guide</source>
            <translation>La guía</translation>
        </message>
        <message>
            <source>The guide is not beside the program. It is installed with the package.</source>
            <translation>La guía no está junto al programa. Se instala con el paquete.</translation>
        </message>
        <message>
            <source>Next: %1</source>
            <translation>Siguiente: %1</translation>
        </message>
        <message>
            <source>Nothing has these words.</source>
            <translation>Nada tiene esas palabras.</translation>
        </message>
        <message numerus="yes">
            <source>In %n parts:</source>
            <translation>
                <numerusform>En %n parte:</numerusform>
                <numerusform>En %n partes:</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>HistoryModel</name>
        <message>
            <source>Report (.%1)</source>
            <translation>Informe (.%1)</translation>
        </message>
        <message>
            <source>Recipe (.%1)</source>
            <translation>Receta (.%1)</translation>
        </message>
        <message>
            <source>As written</source>
            <translation>Como se escribió</translation>
        </message>
        <message>
            <source>Out of date</source>
            <translation>Anticuado</translation>
        </message>
        <message>
            <source>Up to date</source>
            <translation>Al día</translation>
        </message>
    </context>
    <context>
        <name>refero::HistoryModel</name>
        <message>
            <source>Report (.%1)</source>
            <translation>Informe (.%1)</translation>
        </message>
        <message>
            <source>Recipe (.%1)</source>
            <translation>Receta (.%1)</translation>
        </message>
        <message>
            <source>As written</source>
            <translation>Como se escribió</translation>
        </message>
        <message>
            <source>Out of date</source>
            <translation>Anticuado</translation>
        </message>
        <message>
            <source>Up to date</source>
            <translation>Al día</translation>
        </message>
    </context>
    <context>
        <name>IntakeActions</name>
        <message>
            <source>Other frames are still coming in; bring these in after them.</source>
            <translation>Aún llegan otros fotogramas; importe estos después.</translation>
        </message>
        <message numerus="yes">
            <source>New setup from %n frames</source>
            <translation>
                <numerusform>Montaje nuevo de %n fotograma</numerusform>
                <numerusform>Montaje nuevo de %n fotogramas</numerusform>
            </translation>
        </message>
        <message>
            <source>Put a frame into %1</source>
            <translation>Poner un fotograma en %1</translation>
        </message>
        <message>
            <source>Put %1 frames into %2</source>
            <translation>Poner %1 fotogramas en %2</translation>
        </message>
        <message numerus="yes">
            <source>%n frames stay: their setups were read from them.</source>
            <translation>
                <numerusform>%n fotograma queda: su montaje se leyó de él.</numerusform>
                <numerusform>%n fotogramas quedan: sus montajes se leyeron de ellos.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>Take %n frames out</source>
            <translation>
                <numerusform>Quitar %n fotograma</numerusform>
                <numerusform>Quitar %n fotogramas</numerusform>
            </translation>
        </message>
        <message>
            <source>Take another moment of the clip</source>
            <translation>Tomar otro momento del clip</translation>
        </message>
        <message>
            <source>Set the clock of %1</source>
            <translation>Poner en hora %1</translation>
        </message>
    </context>
    <context>
        <name>refero::IntakeActions</name>
        <message>
            <source>Other frames are still coming in; bring these in after them.</source>
            <translation>Aún llegan otros fotogramas; importe estos después.</translation>
        </message>
        <message numerus="yes">
            <source>New setup from %n frames</source>
            <translation>
                <numerusform>Montaje nuevo de %n fotograma</numerusform>
                <numerusform>Montaje nuevo de %n fotogramas</numerusform>
            </translation>
        </message>
        <message>
            <source>Put a frame into %1</source>
            <translation>Poner un fotograma en %1</translation>
        </message>
        <message>
            <source>Put %1 frames into %2</source>
            <translation>Poner %1 fotogramas en %2</translation>
        </message>
        <message numerus="yes">
            <source>%n frames stay: their setups were read from them.</source>
            <translation>
                <numerusform>%n fotograma queda: su montaje se leyó de él.</numerusform>
                <numerusform>%n fotogramas quedan: sus montajes se leyeron de ellos.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>Take %n frames out</source>
            <translation>
                <numerusform>Quitar %n fotograma</numerusform>
                <numerusform>Quitar %n fotogramas</numerusform>
            </translation>
        </message>
        <message>
            <source>Take another moment of the clip</source>
            <translation>Tomar otro momento del clip</translation>
        </message>
        <message>
            <source>Set the clock of %1</source>
            <translation>Poner en hora %1</translation>
        </message>
    </context>
    <context>
        <name>JudgingView</name>
        <message>
            <source>Picture</source>
            <translation>Imagen</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Vista</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Cortinilla</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Lado a lado</translation>
        </message>
        <message>
            <source>Four up</source>
            <translation>Cuatro</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>Diferencia</translation>
        </message>
        <message>
            <source>Against</source>
            <translation>Contra</translation>
        </message>
        <message>
            <source>Warn of</source>
            <translation>Avisar de</translation>
        </message>
        <message>
            <source>Nothing</source>
            <translation>Nada</translation>
        </message>
        <message>
            <source>Outside %1</source>
            <translation>Fuera de %1</translation>
        </message>
        <message>
            <source>Keep a snapshot</source>
            <translation>Guardar una instantánea</translation>
        </message>
        <message>
            <source>Keeps the correction as it is now, to hold others against it.</source>
            <translation>Guarda la corrección como está ahora, para comparar otras con ella.</translation>
        </message>
        <message>
            <source>Balance alone</source>
            <translation>Solo balance</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Tal como se grabó</translation>
        </message>
        <message>
            <source>Without finish</source>
            <translation>Sin acabado</translation>
        </message>
        <message>
            <source>Keep</source>
            <translation>Guardar</translation>
        </message>
        <message>
            <source>Corrected</source>
            <translation>Corregido</translation>
        </message>
    </context>
    <context>
        <name>refero::JudgingView</name>
        <message>
            <source>Picture</source>
            <translation>Imagen</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Vista</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Cortinilla</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Lado a lado</translation>
        </message>
        <message>
            <source>Four up</source>
            <translation>Cuatro</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>Diferencia</translation>
        </message>
        <message>
            <source>Against</source>
            <translation>Contra</translation>
        </message>
        <message>
            <source>Warn of</source>
            <translation>Avisar de</translation>
        </message>
        <message>
            <source>Nothing</source>
            <translation>Nada</translation>
        </message>
        <message>
            <source>Outside %1</source>
            <translation>Fuera de %1</translation>
        </message>
        <message>
            <source>Keep a snapshot</source>
            <translation>Guardar una instantánea</translation>
        </message>
        <message>
            <source>Keeps the correction as it is now, to hold others against it.</source>
            <translation>Guarda la corrección como está ahora, para comparar otras con ella.</translation>
        </message>
        <message>
            <source>Balance alone</source>
            <translation>Solo balance</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Tal como se grabó</translation>
        </message>
        <message>
            <source>Without finish</source>
            <translation>Sin acabado</translation>
        </message>
        <message>
            <source>Keep</source>
            <translation>Guardar</translation>
        </message>
        <message>
            <source>Corrected</source>
            <translation>Corregido</translation>
        </message>
    </context>
    <context>
        <name>KitFields</name>
        <message>
            <source>any change</source>
            <translation>todo cambio</translation>
        </message>
        <message>
            <source>usual changes</source>
            <translation>cambios habituales</translation>
        </message>
        <message>
            <source>great changes</source>
            <translation>grandes cambios</translation>
        </message>
    </context>
    <context>
        <name>refero::KitFields</name>
        <message>
            <source>any change</source>
            <translation>todo cambio</translation>
        </message>
        <message>
            <source>usual changes</source>
            <translation>cambios habituales</translation>
        </message>
        <message>
            <source>great changes</source>
            <translation>grandes cambios</translation>
        </message>
    </context>
    <context>
        <name>KitKind</name>
        <message>
            <source>%1 assumed</source>
            <translation>%1 supuesto</translation>
        </message>
        <message>
            <source>%1 to %2 mm</source>
            <translation>%1 a %2 mm</translation>
        </message>
    </context>
    <context>
        <name>refero::KitKind</name>
        <message>
            <source>%1 assumed</source>
            <translation>%1 supuesto</translation>
        </message>
        <message>
            <source>%1 to %2 mm</source>
            <translation>%1 a %2 mm</translation>
        </message>
    </context>
    <context>
        <name>KitPage</name>
        <message>
            <source>Done</source>
            <translation>Hecho</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Quitar</translation>
        </message>
        <message>
            <source>Choose a line to see it, or enter what you own</source>
            <translation>Elija una línea para verla, o introduzca lo que tiene</translation>
        </message>
    </context>
    <context>
        <name>refero::KitPage</name>
        <message>
            <source>Done</source>
            <translation>Hecho</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Quitar</translation>
        </message>
        <message>
            <source>Choose a line to see it, or enter what you own</source>
            <translation>Elija una línea para verla, o introduzca lo que tiene</translation>
        </message>
    </context>
    <context>
        <name>LadderPlot</name>
        <message>
            <source>Neutral ladder</source>
            <translation>Escala de grises</translation>
        </message>
        <message>
            <source>No usable grey step</source>
            <translation>Ningún gris utilizable</translation>
        </message>
        <message>
            <source>No grey is usable.</source>
            <translation>Ningún gris es utilizable.</translation>
        </message>
        <message>
            <source>Lightness %1: red %2 %, green %3 %, blue %4 %.</source>
            <translation>Claridad %1: rojo %2 %, verde %3 %, azul %4 %.</translation>
        </message>
    </context>
    <context>
        <name>refero::LadderPlot</name>
        <message>
            <source>Neutral ladder</source>
            <translation>Escala de grises</translation>
        </message>
        <message>
            <source>No usable grey step</source>
            <translation>Ningún gris utilizable</translation>
        </message>
        <message>
            <source>No grey is usable.</source>
            <translation>Ningún gris es utilizable.</translation>
        </message>
        <message>
            <source>Lightness %1: red %2 %, green %3 %, blue %4 %.</source>
            <translation>Claridad %1: rojo %2 %, verde %3 %, azul %4 %.</translation>
        </message>
    </context>
    <context>
        <name>Ledger</name>
        <message>
            <source>Filter the setups</source>
            <translation>Filtrar los montajes</translation>
        </message>
        <message>
            <source>Filter</source>
            <translation>Filtrar</translation>
        </message>
        <message>
            <source>Words of place, light, body, lens or what is due; Escape clears it.</source>
            <translation>Palabras de lugar, luz, cuerpo, objetivo o lo pendiente; Esc borra.</translation>
        </message>
        <message>
            <source>Setups</source>
            <translation>Montajes</translation>
        </message>
        <message>
            <source>No setups yet</source>
            <translation>Aún sin montajes</translation>
        </message>
        <message>
            <source>1 setup, %1 left</source>
            <translation>1 montaje, quedan %1</translation>
        </message>
        <message>
            <source>%1 setups, %2 left</source>
            <translation>%1 montajes, quedan %2</translation>
        </message>
        <message>
            <source>, %1 to redo</source>
            <translation>, %1 por repetir</translation>
        </message>
    </context>
    <context>
        <name>refero::Ledger</name>
        <message>
            <source>Filter the setups</source>
            <translation>Filtrar los montajes</translation>
        </message>
        <message>
            <source>Filter</source>
            <translation>Filtrar</translation>
        </message>
        <message>
            <source>Words of place, light, body, lens or what is due; Escape clears it.</source>
            <translation>Palabras de lugar, luz, cuerpo, objetivo o lo pendiente; Esc borra.</translation>
        </message>
        <message>
            <source>Setups</source>
            <translation>Montajes</translation>
        </message>
        <message>
            <source>No setups yet</source>
            <translation>Aún sin montajes</translation>
        </message>
        <message>
            <source>1 setup, %1 left</source>
            <translation>1 montaje, quedan %1</translation>
        </message>
        <message>
            <source>%1 setups, %2 left</source>
            <translation>%1 montajes, quedan %2</translation>
        </message>
        <message>
            <source>, %1 to redo</source>
            <translation>, %1 por repetir</translation>
        </message>
    </context>
    <context>
        <name>LedgerModel</name>
        <message>
            <source>Body and lens not stated</source>
            <translation>Cuerpo y objetivo sin indicar</translation>
        </message>
    </context>
    <context>
        <name>refero::LedgerModel</name>
        <message>
            <source>Body and lens not stated</source>
            <translation>Cuerpo y objetivo sin indicar</translation>
        </message>
    </context>
    <context>
        <name>LevelsPage</name>
        <message>
            <source>Colours</source>
            <translation>Colores</translation>
        </message>
        <message>
            <source>Groups of the chart's patches.</source>
            <translation>Grupos de los parches de la carta.</translation>
        </message>
        <message>
            <source>Chroma</source>
            <translation>Croma</translation>
        </message>
        <message>
            <source>By how much they are stronger or paler than without these levels.</source>
            <translation>Cuánto más fuertes o pálidos son que sin estos niveles.</translation>
        </message>
        <message>
            <source>Hue</source>
            <translation>Tono</translation>
        </message>
        <message>
            <source>By how many degrees it turns, towards larger hue angles.</source>
            <translation>Cuántos grados gira, hacia mayores ángulos de tono.</translation>
        </message>
        <message>
            <source>Apart</source>
            <translation>Distancia</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the colours with and without these levels.</source>
            <translation>CIEDE2000 medio entre los colores con y sin estos niveles.</translation>
        </message>
        <message>
            <source>Black</source>
            <translation>Negro</translation>
        </message>
        <message>
            <source>Mid-grey</source>
            <translation>Gris medio</translation>
        </message>
        <message>
            <source>White</source>
            <translation>Blanco</translation>
        </message>
        <message>
            <source>What the levels do to colours</source>
            <translation>Lo que los niveles hacen con los colores</translation>
        </message>
        <message>
            <source>Grey of the chart for %1</source>
            <translation>Gris de la carta para %1</translation>
        </message>
        <message>
            <source>The grey of the chart by which this level is set, or none.</source>
            <translation>El gris de la carta que fija este nivel, o ninguno.</translation>
        </message>
        <message>
            <source>%1 in per cent of the signal</source>
            <translation>%1 en tanto por ciento de la señal</translation>
        </message>
        <message>
            <source>What that grey is to show, in per cent of a BT.1886 video signal.</source>
            <translation>Lo que debe mostrar ese gris, en tanto por ciento de una señal de vídeo BT.1886.</translation>
        </message>
        <message>
            <source>As it comes</source>
            <translation>Tal como viene</translation>
        </message>
        <message>
            <source>%1, L* %2</source>
            <comment>a patch, its lightness</comment>
            <translation>%1, L* %2</translation>
        </message>
        <message>
            <source>A grey of another shot</source>
            <translation>Un gris de otra toma</translation>
        </message>
        <message>
            <source>was %1 %</source>
            <translation>era %1 %</translation>
        </message>
        <message>
            <source>Choose a grey of the chart and the per cent of signal that it is to show. The picture follows; no figure of the correction counts it.</source>
            <translation>Elija un gris de la carta y el tanto por ciento de señal que debe mostrar. La imagen sigue; ninguna cifra de la corrección lo cuenta.</translation>
        </message>
        <message>
            <source>A curve through these levels, the same in each channel, moves colours as well:</source>
            <translation>Una curva por estos niveles, igual en cada canal, mueve también los colores:</translation>
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
            <translation>Colores</translation>
        </message>
        <message>
            <source>Groups of the chart's patches.</source>
            <translation>Grupos de los parches de la carta.</translation>
        </message>
        <message>
            <source>Chroma</source>
            <translation>Croma</translation>
        </message>
        <message>
            <source>By how much they are stronger or paler than without these levels.</source>
            <translation>Cuánto más fuertes o pálidos son que sin estos niveles.</translation>
        </message>
        <message>
            <source>Hue</source>
            <translation>Tono</translation>
        </message>
        <message>
            <source>By how many degrees it turns, towards larger hue angles.</source>
            <translation>Cuántos grados gira, hacia mayores ángulos de tono.</translation>
        </message>
        <message>
            <source>Apart</source>
            <translation>Distancia</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the colours with and without these levels.</source>
            <translation>CIEDE2000 medio entre los colores con y sin estos niveles.</translation>
        </message>
        <message>
            <source>Black</source>
            <translation>Negro</translation>
        </message>
        <message>
            <source>Mid-grey</source>
            <translation>Gris medio</translation>
        </message>
        <message>
            <source>White</source>
            <translation>Blanco</translation>
        </message>
        <message>
            <source>What the levels do to colours</source>
            <translation>Lo que los niveles hacen con los colores</translation>
        </message>
        <message>
            <source>Grey of the chart for %1</source>
            <translation>Gris de la carta para %1</translation>
        </message>
        <message>
            <source>The grey of the chart by which this level is set, or none.</source>
            <translation>El gris de la carta que fija este nivel, o ninguno.</translation>
        </message>
        <message>
            <source>%1 in per cent of the signal</source>
            <translation>%1 en tanto por ciento de la señal</translation>
        </message>
        <message>
            <source>What that grey is to show, in per cent of a BT.1886 video signal.</source>
            <translation>Lo que debe mostrar ese gris, en tanto por ciento de una señal de vídeo BT.1886.</translation>
        </message>
        <message>
            <source>As it comes</source>
            <translation>Tal como viene</translation>
        </message>
        <message>
            <source>%1, L* %2</source>
            <comment>a patch, its lightness</comment>
            <translation>%1, L* %2</translation>
        </message>
        <message>
            <source>A grey of another shot</source>
            <translation>Un gris de otra toma</translation>
        </message>
        <message>
            <source>was %1 %</source>
            <translation>era %1 %</translation>
        </message>
        <message>
            <source>Choose a grey of the chart and the per cent of signal that it is to show. The picture follows; no figure of the correction counts it.</source>
            <translation>Elija un gris de la carta y el tanto por ciento de señal que debe mostrar. La imagen sigue; ninguna cifra de la corrección lo cuenta.</translation>
        </message>
        <message>
            <source>A curve through these levels, the same in each channel, moves colours as well:</source>
            <translation>Una curva por estos niveles, igual en cada canal, mueve también los colores:</translation>
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
            <translation>sin fecha</translation>
        </message>
        <message>
            <source>not yet</source>
            <translation>aún no</translation>
        </message>
        <message numerus="yes">
            <source>%n days</source>
            <translation>
                <numerusform>%n día</numerusform>
                <numerusform>%n días</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n months</source>
            <translation>
                <numerusform>%n mes</numerusform>
                <numerusform>%n meses</numerusform>
            </translation>
        </message>
        <message>
            <source>Body</source>
            <translation>Cuerpo</translation>
        </message>
        <message>
            <source>Lens</source>
            <translation>Objetivo</translation>
        </message>
        <message>
            <source>Light</source>
            <translation>Luz</translation>
        </message>
        <message>
            <source>As the plan names its lamp, else as its setup is called.</source>
            <translation>Como el plan nombra su lámpara, o como se llama su montaje.</translation>
        </message>
        <message>
            <source>Shots</source>
            <translation>Tomas</translation>
        </message>
        <message>
            <source>Chart shots that a correction was built from.</source>
            <translation>Tomas de carta de las que se construyó una corrección.</translation>
        </message>
        <message>
            <source>Newest</source>
            <translation>La más nueva</translation>
        </message>
        <message>
            <source>Age</source>
            <translation>Edad</translation>
        </message>
        <message>
            <source>Spread</source>
            <translation>Dispersión</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the newest and the one that is furthest from it, on the chart's patches.</source>
            <translation>CIEDE2000 medio entre la más nueva y la más lejana de ella, en los parches.</translation>
        </message>
        <message>
            <source>Proof</source>
            <translation>Prueba</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that the latest proof on another chart shot left.</source>
            <translation>CIEDE2000 medio que dejó la última prueba en otra toma de carta.</translation>
        </message>
        <message>
            <source>Corrections by body, lens and light</source>
            <translation>Correcciones por cuerpo, objetivo y luz</translation>
        </message>
        <message>
            <source>Correction</source>
            <translation>Corrección</translation>
        </message>
        <message>
            <source>Shoot</source>
            <translation>Rodaje</translation>
        </message>
        <message>
            <source>Shot on</source>
            <translation>Tomada el</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Queda</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that it leaves on the chart.</source>
            <translation>CIEDE2000 medio que deja en la carta.</translation>
        </message>
        <message>
            <source>Expected</source>
            <translation>Esperado</translation>
        </message>
        <message>
            <source>CIEDE2000 to expect of an ordinary colour that is not on the chart.</source>
            <translation>CIEDE2000 que cabe esperar de un color corriente que no está en la carta.</translation>
        </message>
        <message>
            <source>Corrections of the chosen light</source>
            <translation>Correcciones de la luz elegida</translation>
        </message>
        <message>
            <source>Bring in a library</source>
            <translation>Importar una biblioteca</translation>
        </message>
        <message>
            <source>What another studio has copied out.</source>
            <translation>Lo que otro estudio ha copiado.</translation>
        </message>
        <message>
            <source>Copy it out</source>
            <translation>Copiarla</translation>
        </message>
        <message>
            <source>All of it as one file, for another studio.</source>
            <translation>Toda en un archivo, para otro estudio.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Quitar</translation>
        </message>
        <message>
            <source>Those of the chosen light that came from another studio; setups keep theirs.</source>
            <translation>Las de la luz elegida que vinieron de otro estudio; los montajes conservan las suyas.</translation>
        </message>
        <message>
            <source>A light without a chart shot of its own is lent the colours of its body: from a setup that the plan's rules allow, then from here: the same kind of light, a mix of two, another light. Never those of another body.</source>
            <translation>A una luz sin toma de carta propia se le prestan los colores de su cuerpo: de un montaje que el plan permite, luego de aquí: el mismo tipo de luz, una mezcla de dos, otra luz. Nunca los de otro cuerpo.</translation>
        </message>
        <message>
            <source>The library is empty</source>
            <translation>La biblioteca está vacía</translation>
        </message>
        <message>
            <source>Corrections in the library: %1</source>
            <translation>Correcciones en la biblioteca: %1</translation>
        </message>
        <message>
            <source>%1, another studio</source>
            <translation>%1, otro estudio</translation>
        </message>
        <message>
            <source>It fills by itself: every correction that is built from a chart shot stands here, also when its shoot is long over.</source>
            <translation>Se llena sola: cada corrección construida de una toma de carta está aquí, también mucho después del rodaje.</translation>
        </message>
        <message>
            <source>Copy the library out</source>
            <translation>Copiar la biblioteca</translation>
        </message>
        <message>
            <source>Corrections written: %1</source>
            <translation>Correcciones escritas: %1</translation>
        </message>
        <message>
            <source>Bring in the library %1</source>
            <translation>Importar la biblioteca %1</translation>
        </message>
        <message>
            <source>New in the library: %1</source>
            <translation>Nuevas en la biblioteca: %1</translation>
        </message>
        <message>
            <source>Take out of the library</source>
            <translation>Quitar de la biblioteca</translation>
        </message>
    </context>
    <context>
        <name>refero::LibraryPage</name>
        <message>
            <source>no date</source>
            <translation>sin fecha</translation>
        </message>
        <message>
            <source>not yet</source>
            <translation>aún no</translation>
        </message>
        <message numerus="yes">
            <source>%n days</source>
            <translation>
                <numerusform>%n día</numerusform>
                <numerusform>%n días</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n months</source>
            <translation>
                <numerusform>%n mes</numerusform>
                <numerusform>%n meses</numerusform>
            </translation>
        </message>
        <message>
            <source>Body</source>
            <translation>Cuerpo</translation>
        </message>
        <message>
            <source>Lens</source>
            <translation>Objetivo</translation>
        </message>
        <message>
            <source>Light</source>
            <translation>Luz</translation>
        </message>
        <message>
            <source>As the plan names its lamp, else as its setup is called.</source>
            <translation>Como el plan nombra su lámpara, o como se llama su montaje.</translation>
        </message>
        <message>
            <source>Shots</source>
            <translation>Tomas</translation>
        </message>
        <message>
            <source>Chart shots that a correction was built from.</source>
            <translation>Tomas de carta de las que se construyó una corrección.</translation>
        </message>
        <message>
            <source>Newest</source>
            <translation>La más nueva</translation>
        </message>
        <message>
            <source>Age</source>
            <translation>Edad</translation>
        </message>
        <message>
            <source>Spread</source>
            <translation>Dispersión</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the newest and the one that is furthest from it, on the chart's patches.</source>
            <translation>CIEDE2000 medio entre la más nueva y la más lejana de ella, en los parches.</translation>
        </message>
        <message>
            <source>Proof</source>
            <translation>Prueba</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that the latest proof on another chart shot left.</source>
            <translation>CIEDE2000 medio que dejó la última prueba en otra toma de carta.</translation>
        </message>
        <message>
            <source>Corrections by body, lens and light</source>
            <translation>Correcciones por cuerpo, objetivo y luz</translation>
        </message>
        <message>
            <source>Correction</source>
            <translation>Corrección</translation>
        </message>
        <message>
            <source>Shoot</source>
            <translation>Rodaje</translation>
        </message>
        <message>
            <source>Shot on</source>
            <translation>Tomada el</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Queda</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 that it leaves on the chart.</source>
            <translation>CIEDE2000 medio que deja en la carta.</translation>
        </message>
        <message>
            <source>Expected</source>
            <translation>Esperado</translation>
        </message>
        <message>
            <source>CIEDE2000 to expect of an ordinary colour that is not on the chart.</source>
            <translation>CIEDE2000 que cabe esperar de un color corriente que no está en la carta.</translation>
        </message>
        <message>
            <source>Corrections of the chosen light</source>
            <translation>Correcciones de la luz elegida</translation>
        </message>
        <message>
            <source>Bring in a library</source>
            <translation>Importar una biblioteca</translation>
        </message>
        <message>
            <source>What another studio has copied out.</source>
            <translation>Lo que otro estudio ha copiado.</translation>
        </message>
        <message>
            <source>Copy it out</source>
            <translation>Copiarla</translation>
        </message>
        <message>
            <source>All of it as one file, for another studio.</source>
            <translation>Toda en un archivo, para otro estudio.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Quitar</translation>
        </message>
        <message>
            <source>Those of the chosen light that came from another studio; setups keep theirs.</source>
            <translation>Las de la luz elegida que vinieron de otro estudio; los montajes conservan las suyas.</translation>
        </message>
        <message>
            <source>A light without a chart shot of its own is lent the colours of its body: from a setup that the plan's rules allow, then from here: the same kind of light, a mix of two, another light. Never those of another body.</source>
            <translation>A una luz sin toma de carta propia se le prestan los colores de su cuerpo: de un montaje que el plan permite, luego de aquí: el mismo tipo de luz, una mezcla de dos, otra luz. Nunca los de otro cuerpo.</translation>
        </message>
        <message>
            <source>The library is empty</source>
            <translation>La biblioteca está vacía</translation>
        </message>
        <message>
            <source>Corrections in the library: %1</source>
            <translation>Correcciones en la biblioteca: %1</translation>
        </message>
        <message>
            <source>%1, another studio</source>
            <translation>%1, otro estudio</translation>
        </message>
        <message>
            <source>It fills by itself: every correction that is built from a chart shot stands here, also when its shoot is long over.</source>
            <translation>Se llena sola: cada corrección construida de una toma de carta está aquí, también mucho después del rodaje.</translation>
        </message>
        <message>
            <source>Copy the library out</source>
            <translation>Copiar la biblioteca</translation>
        </message>
        <message>
            <source>Corrections written: %1</source>
            <translation>Correcciones escritas: %1</translation>
        </message>
        <message>
            <source>Bring in the library %1</source>
            <translation>Importar la biblioteca %1</translation>
        </message>
        <message>
            <source>New in the library: %1</source>
            <translation>Nuevas en la biblioteca: %1</translation>
        </message>
        <message>
            <source>Take out of the library</source>
            <translation>Quitar de la biblioteca</translation>
        </message>
    </context>
    <context>
        <name>MainMenu</name>
        <message>
            <source>Studio</source>
            <translation>Estudio</translation>
        </message>
        <message>
            <source>Edit</source>
            <translation>Edición</translation>
        </message>
        <message>
            <source>Go to</source>
            <translation>Ir a</translation>
        </message>
        <message>
            <source>On this page</source>
            <translation>En esta página</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Vista</translation>
        </message>
        <message>
            <source>Help</source>
            <translation>Ayuda</translation>
        </message>
    </context>
    <context>
        <name>refero::MainMenu</name>
        <message>
            <source>Studio</source>
            <translation>Estudio</translation>
        </message>
        <message>
            <source>Edit</source>
            <translation>Edición</translation>
        </message>
        <message>
            <source>Go to</source>
            <translation>Ir a</translation>
        </message>
        <message>
            <source>On this page</source>
            <translation>En esta página</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Vista</translation>
        </message>
        <message>
            <source>Help</source>
            <translation>Ayuda</translation>
        </message>
    </context>
    <context>
        <name>MainWindow</name>
        <message>
            <source>%1 What came with it was not brought in.</source>
            <translation>%1 Lo que venía con él no se importó.</translation>
        </message>
        <message>
            <source>Shooting the demo: frame %1 of %2</source>
            <translation>Tomando la demostración: fotograma %1 de %2</translation>
        </message>
        <message>
            <source>This is a demo with made-up frames: try anything. What you bring in here is gone when Refero closes; for your own work open or begin a studio in the menu.</source>
            <translation>Esto es una demostración con fotogramas inventados: pruebe todo. Lo que importe aquí se va al cerrar Refero; para su trabajo abra o empiece un estudio en el menú.</translation>
        </message>
        <message>
            <source>Dismiss this message</source>
            <translation>Cerrar este mensaje</translation>
        </message>
        <message>
            <source>Choose the display's ICC profile</source>
            <translation>Elegir el perfil ICC de la pantalla</translation>
        </message>
        <message>
            <source>ICC profiles (*.icc *.icm)</source>
            <translation>Perfiles ICC (*.icc *.icm)</translation>
        </message>
        <message>
            <source>%1 - Refero</source>
            <comment>the studio's name</comment>
            <translation>%1 - Refero</translation>
        </message>
        <message>
            <source>%1 of %2 frames are handed over; the rest can be gone on with under What went out.</source>
            <translation>%1 de %2 fotogramas están entregados; con el resto se puede seguir en Lo que salió.</translation>
        </message>
        <message>
            <source>Files for a receiver are being written.</source>
            <translation>Se escriben archivos para un destinatario.</translation>
        </message>
        <message>
            <source>The day is being read, corrected and handed over.</source>
            <translation>El día se lee, se corrige y se entrega.</translation>
        </message>
        <message>
            <source>Frames are coming in.</source>
            <translation>Llegan fotogramas.</translation>
        </message>
        <message>
            <source>An exposure series is being read.</source>
            <translation>Se lee una serie de exposición.</translation>
        </message>
        <message>
            <source>Find and do</source>
            <translation>Buscar y hacer</translation>
        </message>
        <message>
            <source>Import frames</source>
            <translation>Importar fotogramas</translation>
        </message>
        <message>
            <source>Undo</source>
            <translation>Deshacer</translation>
        </message>
        <message>
            <source>Redo</source>
            <translation>Rehacer</translation>
        </message>
        <message>
            <source>Plan</source>
            <translation>Plan</translation>
        </message>
        <message>
            <source>Frames</source>
            <translation>Fotogramas</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Lectura</translation>
        </message>
        <message>
            <source>Correction</source>
            <translation>Corrección</translation>
        </message>
        <message>
            <source>Pairing</source>
            <translation>Igualación</translation>
        </message>
        <message>
            <source>Handover</source>
            <translation>Entrega</translation>
        </message>
        <message>
            <source>Test a camera or a transform</source>
            <translation>Probar una cámara o una transformación</translation>
        </message>
        <message>
            <source>On set: judge chart shots as they come</source>
            <translation>En el plató: juzgar tomas de carta según llegan</translation>
        </message>
        <message>
            <source>The day in one go: read, correct, hand over</source>
            <translation>El día de una vez: leer, corregir, entregar</translation>
        </message>
        <message>
            <source>Change the surround</source>
            <translation>Cambiar el entorno</translation>
        </message>
        <message>
            <source>Picture only</source>
            <translation>Solo imagen</translation>
        </message>
        <message>
            <source>Leave picture only</source>
            <translation>Salir de solo imagen</translation>
        </message>
        <message>
            <source>Choose the display's profile</source>
            <translation>Elegir el perfil de la pantalla</translation>
        </message>
        <message>
            <source>Take the system's profile of the display</source>
            <translation>Tomar el perfil de pantalla del sistema</translation>
        </message>
        <message>
            <source>Text as large as the desktop's</source>
            <translation>Texto tan grande como el del escritorio</translation>
        </message>
        <message>
            <source>Text at %1 %</source>
            <translation>Texto al %1 %</translation>
        </message>
        <message>
            <source>Help for this page</source>
            <translation>Ayuda de esta página</translation>
        </message>
        <message>
            <source>Guide</source>
            <translation>Guía</translation>
        </message>
        <message>
            <source>All keys</source>
            <translation>Todas las teclas</translation>
        </message>
        <message>
            <source>About Refero</source>
            <translation>Acerca de Refero</translation>
        </message>
        <message>
            <source>Menu</source>
            <translation>Menú</translation>
        </message>
        <message>
            <source>Close Refero</source>
            <translation>Cerrar Refero</translation>
        </message>
        <message>
            <source>%1 holds a chart's colours. Open a photograph of that chart first, then drop it again; or open it under Plan, Charts.</source>
            <translation>%1 contiene los colores de una carta. Abra primero una foto de esa carta y suéltelo de nuevo; o ábralo en Plan, Cartas.</translation>
        </message>
        <message>
            <source>%1 holds no log curve by constants.</source>
            <translation>%1 no contiene una curva log por constantes.</translation>
        </message>
        <message>
            <source>Enter the curve %1</source>
            <translation>Introducir la curva %1</translation>
        </message>
        <message>
            <source>%1 is in the kit, and offered as an encoding.</source>
            <translation>%1 está en el equipo y se ofrece como codificación.</translation>
        </message>
    </context>
    <context>
        <name>refero::MainWindow</name>
        <message>
            <source>%1 What came with it was not brought in.</source>
            <translation>%1 Lo que venía con él no se importó.</translation>
        </message>
        <message>
            <source>Shooting the demo: frame %1 of %2</source>
            <translation>Tomando la demostración: fotograma %1 de %2</translation>
        </message>
        <message>
            <source>This is a demo with made-up frames: try anything. What you bring in here is gone when Refero closes; for your own work open or begin a studio in the menu.</source>
            <translation>Esto es una demostración con fotogramas inventados: pruebe todo. Lo que importe aquí se va al cerrar Refero; para su trabajo abra o empiece un estudio en el menú.</translation>
        </message>
        <message>
            <source>Dismiss this message</source>
            <translation>Cerrar este mensaje</translation>
        </message>
        <message>
            <source>Choose the display's ICC profile</source>
            <translation>Elegir el perfil ICC de la pantalla</translation>
        </message>
        <message>
            <source>ICC profiles (*.icc *.icm)</source>
            <translation>Perfiles ICC (*.icc *.icm)</translation>
        </message>
        <message>
            <source>%1 - Refero</source>
            <comment>the studio's name</comment>
            <translation>%1 - Refero</translation>
        </message>
        <message>
            <source>%1 of %2 frames are handed over; the rest can be gone on with under What went out.</source>
            <translation>%1 de %2 fotogramas están entregados; con el resto se puede seguir en Lo que salió.</translation>
        </message>
        <message>
            <source>Files for a receiver are being written.</source>
            <translation>Se escriben archivos para un destinatario.</translation>
        </message>
        <message>
            <source>The day is being read, corrected and handed over.</source>
            <translation>El día se lee, se corrige y se entrega.</translation>
        </message>
        <message>
            <source>Frames are coming in.</source>
            <translation>Llegan fotogramas.</translation>
        </message>
        <message>
            <source>An exposure series is being read.</source>
            <translation>Se lee una serie de exposición.</translation>
        </message>
        <message>
            <source>Find and do</source>
            <translation>Buscar y hacer</translation>
        </message>
        <message>
            <source>Import frames</source>
            <translation>Importar fotogramas</translation>
        </message>
        <message>
            <source>Undo</source>
            <translation>Deshacer</translation>
        </message>
        <message>
            <source>Redo</source>
            <translation>Rehacer</translation>
        </message>
        <message>
            <source>Plan</source>
            <translation>Plan</translation>
        </message>
        <message>
            <source>Frames</source>
            <translation>Fotogramas</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Lectura</translation>
        </message>
        <message>
            <source>Correction</source>
            <translation>Corrección</translation>
        </message>
        <message>
            <source>Pairing</source>
            <translation>Igualación</translation>
        </message>
        <message>
            <source>Handover</source>
            <translation>Entrega</translation>
        </message>
        <message>
            <source>Test a camera or a transform</source>
            <translation>Probar una cámara o una transformación</translation>
        </message>
        <message>
            <source>On set: judge chart shots as they come</source>
            <translation>En el plató: juzgar tomas de carta según llegan</translation>
        </message>
        <message>
            <source>The day in one go: read, correct, hand over</source>
            <translation>El día de una vez: leer, corregir, entregar</translation>
        </message>
        <message>
            <source>Change the surround</source>
            <translation>Cambiar el entorno</translation>
        </message>
        <message>
            <source>Picture only</source>
            <translation>Solo imagen</translation>
        </message>
        <message>
            <source>Leave picture only</source>
            <translation>Salir de solo imagen</translation>
        </message>
        <message>
            <source>Choose the display's profile</source>
            <translation>Elegir el perfil de la pantalla</translation>
        </message>
        <message>
            <source>Take the system's profile of the display</source>
            <translation>Tomar el perfil de pantalla del sistema</translation>
        </message>
        <message>
            <source>Text as large as the desktop's</source>
            <translation>Texto tan grande como el del escritorio</translation>
        </message>
        <message>
            <source>Text at %1 %</source>
            <translation>Texto al %1 %</translation>
        </message>
        <message>
            <source>Help for this page</source>
            <translation>Ayuda de esta página</translation>
        </message>
        <message>
            <source>Guide</source>
            <translation>Guía</translation>
        </message>
        <message>
            <source>All keys</source>
            <translation>Todas las teclas</translation>
        </message>
        <message>
            <source>About Refero</source>
            <translation>Acerca de Refero</translation>
        </message>
        <message>
            <source>Menu</source>
            <translation>Menú</translation>
        </message>
        <message>
            <source>Close Refero</source>
            <translation>Cerrar Refero</translation>
        </message>
        <message>
            <source>%1 holds a chart's colours. Open a photograph of that chart first, then drop it again; or open it under Plan, Charts.</source>
            <translation>%1 contiene los colores de una carta. Abra primero una foto de esa carta y suéltelo de nuevo; o ábralo en Plan, Cartas.</translation>
        </message>
        <message>
            <source>%1 holds no log curve by constants.</source>
            <translation>%1 no contiene una curva log por constantes.</translation>
        </message>
        <message>
            <source>Enter the curve %1</source>
            <translation>Introducir la curva %1</translation>
        </message>
        <message>
            <source>%1 is in the kit, and offered as an encoding.</source>
            <translation>%1 está en el equipo y se ofrece como codificación.</translation>
        </message>
    </context>
    <context>
        <name>MeterPanel</name>
        <message>
            <source>Instrument</source>
            <translation>Instrumento</translation>
        </message>
        <message>
            <source>Neutral ladder</source>
            <translation>Escala de grises</translation>
        </message>
        <message>
            <source>Even light</source>
            <translation>Luz uniforme</translation>
        </message>
        <message>
            <source>Histogram</source>
            <translation>Histograma</translation>
        </message>
        <message>
            <source>Waveform</source>
            <translation>Forma de onda</translation>
        </message>
        <message>
            <source>Parade</source>
            <translation>Parade</translation>
        </message>
        <message>
            <source>Vectorscope</source>
            <translation>Vectorscopio</translation>
        </message>
        <message>
            <source>Is this grey grey?</source>
            <translation>¿Es gris este gris?</translation>
        </message>
        <message>
            <source>What moved?</source>
            <translation>¿Qué se movió?</translation>
        </message>
        <message>
            <source>In the camera</source>
            <translation>En la cámara</translation>
        </message>
        <message>
            <source>What feeds the scope</source>
            <translation>Qué alimenta el medidor</translation>
        </message>
        <message>
            <source>What feeds the scope. A region is drawn on the frame with Shift held.</source>
            <translation>Qué alimenta el medidor. Una zona se dibuja en el fotograma con Mayús.</translation>
        </message>
        <message>
            <source>Whole picture</source>
            <translation>Imagen entera</translation>
        </message>
        <message>
            <source>Region</source>
            <translation>Zona</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Parches</translation>
        </message>
        <message>
            <source>Greys alone</source>
            <translation>Solo grises</translation>
        </message>
        <message>
            <source>Region %1</source>
            <translation>Zona %1</translation>
        </message>
        <message>
            <source>There is no reading to compare it with.</source>
            <translation>No hay lectura con que comparar.</translation>
        </message>
    </context>
    <context>
        <name>refero::MeterPanel</name>
        <message>
            <source>Instrument</source>
            <translation>Instrumento</translation>
        </message>
        <message>
            <source>Neutral ladder</source>
            <translation>Escala de grises</translation>
        </message>
        <message>
            <source>Even light</source>
            <translation>Luz uniforme</translation>
        </message>
        <message>
            <source>Histogram</source>
            <translation>Histograma</translation>
        </message>
        <message>
            <source>Waveform</source>
            <translation>Forma de onda</translation>
        </message>
        <message>
            <source>Parade</source>
            <translation>Parade</translation>
        </message>
        <message>
            <source>Vectorscope</source>
            <translation>Vectorscopio</translation>
        </message>
        <message>
            <source>Is this grey grey?</source>
            <translation>¿Es gris este gris?</translation>
        </message>
        <message>
            <source>What moved?</source>
            <translation>¿Qué se movió?</translation>
        </message>
        <message>
            <source>In the camera</source>
            <translation>En la cámara</translation>
        </message>
        <message>
            <source>What feeds the scope</source>
            <translation>Qué alimenta el medidor</translation>
        </message>
        <message>
            <source>What feeds the scope. A region is drawn on the frame with Shift held.</source>
            <translation>Qué alimenta el medidor. Una zona se dibuja en el fotograma con Mayús.</translation>
        </message>
        <message>
            <source>Whole picture</source>
            <translation>Imagen entera</translation>
        </message>
        <message>
            <source>Region</source>
            <translation>Zona</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Parches</translation>
        </message>
        <message>
            <source>Greys alone</source>
            <translation>Solo grises</translation>
        </message>
        <message>
            <source>Region %1</source>
            <translation>Zona %1</translation>
        </message>
        <message>
            <source>There is no reading to compare it with.</source>
            <translation>No hay lectura con que comparar.</translation>
        </message>
    </context>
    <context>
        <name>Offers</name>
        <message>
            <source>%1 frames are in no setup. They belong to setups that are there.</source>
            <translation>%1 fotogramas están sin montaje. Son de montajes existentes.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for %2 new lights, %3 with a chart shot; the rest belongs to setups that are there.</source>
            <translation>%1 fotogramas están sin montaje. Indican %2 luces nuevas, %3 con toma de carta; el resto es de montajes existentes.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for one light.</source>
            <translation>%1 fotogramas están sin montaje. Indican una luz.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for %2 lights, %3 with a chart shot.</source>
            <translation>%1 fotogramas están sin montaje. Indican %2 luces, %3 con toma de carta.</translation>
        </message>
        <message>
            <source>Begin the proposed setups</source>
            <translation>Empezar los montajes propuestos</translation>
        </message>
        <message>
            <source>Do the rest in one go</source>
            <translation>Hacer el resto de una vez</translation>
        </message>
        <message>
            <source>Begins the setups, reads and judges their charts, builds the corrections and hands over to the receivers of last time; all of it is listed, and can be stopped or taken back.</source>
            <translation>Empieza los montajes, lee y juzga sus cartas, construye las correcciones y entrega a los destinatarios de la última vez; todo se lista, y se puede parar o deshacer.</translation>
        </message>
        <message>
            <source>Not a chart</source>
            <translation>No es una carta</translation>
        </message>
        <message>
            <source>Give its data</source>
            <translation>Dar sus datos</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Parar aquí</translation>
        </message>
        <message>
            <source>Looking for the chart in the other frames: %1 of %2, found in %3.</source>
            <translation>Buscando la carta en los otros fotogramas: %1 de %2, hallada en %3.</translation>
        </message>
        <message>
            <source>No known chart is in these frames. %1 looks like a chart of %2.</source>
            <translation>No hay carta conocida en estos fotogramas. %1 parece una carta de %2.</translation>
        </message>
        <message>
            <source>A camera without a name</source>
            <translation>Una cámara sin nombre</translation>
        </message>
        <message>
            <source>%1, %2 frames with a chart shot: %3</source>
            <translation>%1, %2 fotogramas con una toma de carta: %3</translation>
        </message>
        <message>
            <source>%1, %2 frames: %3</source>
            <translation>%1, %2 fotogramas: %3</translation>
        </message>
        <message>
            <source>Put them there</source>
            <translation>Ponerlos allí</translation>
        </message>
        <message>
            <source>Begin its setup</source>
            <translation>Empezar su montaje</translation>
        </message>
        <message>
            <source>Begin %1 setups</source>
            <translation>Empezar %1 montajes</translation>
        </message>
    </context>
    <context>
        <name>refero::Offers</name>
        <message>
            <source>%1 frames are in no setup. They belong to setups that are there.</source>
            <translation>%1 fotogramas están sin montaje. Son de montajes existentes.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for %2 new lights, %3 with a chart shot; the rest belongs to setups that are there.</source>
            <translation>%1 fotogramas están sin montaje. Indican %2 luces nuevas, %3 con toma de carta; el resto es de montajes existentes.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for one light.</source>
            <translation>%1 fotogramas están sin montaje. Indican una luz.</translation>
        </message>
        <message>
            <source>%1 frames are in no setup. They speak for %2 lights, %3 with a chart shot.</source>
            <translation>%1 fotogramas están sin montaje. Indican %2 luces, %3 con toma de carta.</translation>
        </message>
        <message>
            <source>Begin the proposed setups</source>
            <translation>Empezar los montajes propuestos</translation>
        </message>
        <message>
            <source>Do the rest in one go</source>
            <translation>Hacer el resto de una vez</translation>
        </message>
        <message>
            <source>Begins the setups, reads and judges their charts, builds the corrections and hands over to the receivers of last time; all of it is listed, and can be stopped or taken back.</source>
            <translation>Empieza los montajes, lee y juzga sus cartas, construye las correcciones y entrega a los destinatarios de la última vez; todo se lista, y se puede parar o deshacer.</translation>
        </message>
        <message>
            <source>Not a chart</source>
            <translation>No es una carta</translation>
        </message>
        <message>
            <source>Give its data</source>
            <translation>Dar sus datos</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Parar aquí</translation>
        </message>
        <message>
            <source>Looking for the chart in the other frames: %1 of %2, found in %3.</source>
            <translation>Buscando la carta en los otros fotogramas: %1 de %2, hallada en %3.</translation>
        </message>
        <message>
            <source>No known chart is in these frames. %1 looks like a chart of %2.</source>
            <translation>No hay carta conocida en estos fotogramas. %1 parece una carta de %2.</translation>
        </message>
        <message>
            <source>A camera without a name</source>
            <translation>Una cámara sin nombre</translation>
        </message>
        <message>
            <source>%1, %2 frames with a chart shot: %3</source>
            <translation>%1, %2 fotogramas con una toma de carta: %3</translation>
        </message>
        <message>
            <source>%1, %2 frames: %3</source>
            <translation>%1, %2 fotogramas: %3</translation>
        </message>
        <message>
            <source>Put them there</source>
            <translation>Ponerlos allí</translation>
        </message>
        <message>
            <source>Begin its setup</source>
            <translation>Empezar su montaje</translation>
        </message>
        <message>
            <source>Begin %1 setups</source>
            <translation>Empezar %1 montajes</translation>
        </message>
    </context>
    <context>
        <name>OnSetPage</name>
        <message>
            <source>Contact sheet</source>
            <translation>Hoja de contactos</translation>
        </message>
        <message>
            <source>Back to all frames (Esc); the watch goes on.</source>
            <translation>Volver a todos los fotogramas (Esc); la vigilancia sigue.</translation>
        </message>
        <message>
            <source>Watch a folder</source>
            <translation>Vigilar una carpeta</translation>
        </message>
        <message>
            <source>Into which the camera's own program leaves its frames.</source>
            <translation>Donde el programa de la cámara deja sus fotogramas.</translation>
        </message>
        <message>
            <source>Release the simulated camera</source>
            <translation>Disparar la cámara simulada</translation>
        </message>
        <message>
            <source>A stand-in that shoots the demo's charts into the folder, first too dark, then too light, then right.</source>
            <translation>Un sustituto que toma las cartas de la demostración en la carpeta: primero oscuras, luego claras, luego bien.</translation>
        </message>
        <message>
            <source>End the watch</source>
            <translation>Terminar la vigilancia</translation>
        </message>
        <message>
            <source>Hand over as they come</source>
            <translation>Entregar según llegan</translation>
        </message>
        <message>
            <source>Frames that follow a good chart shot go out to the receivers, and into the folder, that the day in one go had last.</source>
            <translation>Los fotogramas que siguen a una buena toma de carta van a los destinatarios, y a la carpeta, que tuvo el último día de una vez.</translation>
        </message>
        <message>
            <source>Sounds</source>
            <translation>Sonidos</translation>
        </message>
        <message>
            <source>One for a good shot, two for one that wants a look, three for one to be shot again.</source>
            <translation>Uno si la toma es buena, dos si hay que revisarla, tres si hay que repetirla.</translation>
        </message>
        <message>
            <source>Folder gone</source>
            <translation>Carpeta perdida</translation>
        </message>
        <message>
            <source>The watched folder is not there any more. Nothing that came in is lost.</source>
            <translation>La carpeta vigilada ya no está. Nada de lo que llegó se pierde.</translation>
        </message>
        <message>
            <source>Watch the folder</source>
            <translation>Vigilar la carpeta</translation>
        </message>
        <message>
            <source>Watching %1</source>
            <translation>Vigilando %1</translation>
        </message>
        <message>
            <source>Waiting</source>
            <translation>Esperando</translation>
        </message>
        <message>
            <source>Shoot the chart: it is judged as soon as it is here.</source>
            <translation>Tome la carta: se juzga en cuanto llega.</translation>
        </message>
        <message>
            <source>On set</source>
            <translation>En el plató</translation>
        </message>
        <message>
            <source>No camera</source>
            <translation>Sin cámara</translation>
        </message>
        <message>
            <source>Not shot</source>
            <translation>Sin tomar</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Lectura</translation>
        </message>
        <message>
            <source>Not readable</source>
            <translation>Ilegible</translation>
        </message>
        <message>
            <source>No chart</source>
            <translation>Sin carta</translation>
        </message>
        <message>
            <source>Tick who gets something in the day in one go (Ctrl+Shift+D) first.</source>
            <translation>Marque primero quién recibe algo en el día de una vez (Ctrl+Mayús+D).</translation>
        </message>
        <message>
            <source>Where the receivers' folders are made</source>
            <translation>Dónde se crean las carpetas de los destinatarios</translation>
        </message>
    </context>
    <context>
        <name>refero::OnSetPage</name>
        <message>
            <source>Contact sheet</source>
            <translation>Hoja de contactos</translation>
        </message>
        <message>
            <source>Back to all frames (Esc); the watch goes on.</source>
            <translation>Volver a todos los fotogramas (Esc); la vigilancia sigue.</translation>
        </message>
        <message>
            <source>Watch a folder</source>
            <translation>Vigilar una carpeta</translation>
        </message>
        <message>
            <source>Into which the camera's own program leaves its frames.</source>
            <translation>Donde el programa de la cámara deja sus fotogramas.</translation>
        </message>
        <message>
            <source>Release the simulated camera</source>
            <translation>Disparar la cámara simulada</translation>
        </message>
        <message>
            <source>A stand-in that shoots the demo's charts into the folder, first too dark, then too light, then right.</source>
            <translation>Un sustituto que toma las cartas de la demostración en la carpeta: primero oscuras, luego claras, luego bien.</translation>
        </message>
        <message>
            <source>End the watch</source>
            <translation>Terminar la vigilancia</translation>
        </message>
        <message>
            <source>Hand over as they come</source>
            <translation>Entregar según llegan</translation>
        </message>
        <message>
            <source>Frames that follow a good chart shot go out to the receivers, and into the folder, that the day in one go had last.</source>
            <translation>Los fotogramas que siguen a una buena toma de carta van a los destinatarios, y a la carpeta, que tuvo el último día de una vez.</translation>
        </message>
        <message>
            <source>Sounds</source>
            <translation>Sonidos</translation>
        </message>
        <message>
            <source>One for a good shot, two for one that wants a look, three for one to be shot again.</source>
            <translation>Uno si la toma es buena, dos si hay que revisarla, tres si hay que repetirla.</translation>
        </message>
        <message>
            <source>Folder gone</source>
            <translation>Carpeta perdida</translation>
        </message>
        <message>
            <source>The watched folder is not there any more. Nothing that came in is lost.</source>
            <translation>La carpeta vigilada ya no está. Nada de lo que llegó se pierde.</translation>
        </message>
        <message>
            <source>Watch the folder</source>
            <translation>Vigilar la carpeta</translation>
        </message>
        <message>
            <source>Watching %1</source>
            <translation>Vigilando %1</translation>
        </message>
        <message>
            <source>Waiting</source>
            <translation>Esperando</translation>
        </message>
        <message>
            <source>Shoot the chart: it is judged as soon as it is here.</source>
            <translation>Tome la carta: se juzga en cuanto llega.</translation>
        </message>
        <message>
            <source>On set</source>
            <translation>En el plató</translation>
        </message>
        <message>
            <source>No camera</source>
            <translation>Sin cámara</translation>
        </message>
        <message>
            <source>Not shot</source>
            <translation>Sin tomar</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Lectura</translation>
        </message>
        <message>
            <source>Not readable</source>
            <translation>Ilegible</translation>
        </message>
        <message>
            <source>No chart</source>
            <translation>Sin carta</translation>
        </message>
        <message>
            <source>Tick who gets something in the day in one go (Ctrl+Shift+D) first.</source>
            <translation>Marque primero quién recibe algo en el día de una vez (Ctrl+Mayús+D).</translation>
        </message>
        <message>
            <source>Where the receivers' folders are made</source>
            <translation>Dónde se crean las carpetas de los destinatarios</translation>
        </message>
    </context>
    <context>
        <name>PairChoices</name>
        <message>
            <source>%1, from its beginning.</source>
            <translation>%1, desde su comienzo.</translation>
        </message>
        <message>
            <source> s</source>
            <comment>seconds, behind a number</comment>
            <translation> s</translation>
        </message>
        <message>
            <source>Leads</source>
            <translation>Guía</translation>
        </message>
        <message>
            <source>The camera whose look is wanted. The setup chosen at the left follows it.</source>
            <translation>La cámara cuyo aspecto se quiere. El montaje elegido a la izquierda la sigue.</translation>
        </message>
        <message>
            <source>Seen</source>
            <translation>Visto</translation>
        </message>
        <message>
            <source>What the leader looks like: as it shows itself, through its correction, or through somebody's transform, such as the view of a log recording.</source>
            <translation>Cómo se ve la guía: tal como se muestra, con su corrección, o con una transformación ajena, como la vista de una grabación logarítmica.</translation>
        </message>
        <message>
            <source>What the transform's numbers are meant for.</source>
            <translation>Para qué son los números de la transformación.</translation>
        </message>
        <message>
            <source>The transform gives</source>
            <translation>La transformación da</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Vista</translation>
        </message>
        <message>
            <source>How the two pictures share the view.</source>
            <translation>Cómo comparten la vista las dos imágenes.</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Cortinilla</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Ajedrez</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Lado a lado</translation>
        </message>
        <message>
            <source>Leader alone</source>
            <translation>Solo la guía</translation>
        </message>
        <message>
            <source>Follower alone</source>
            <translation>Solo la que sigue</translation>
        </message>
        <message>
            <source>Leader's</source>
            <translation>De la guía</translation>
        </message>
        <message>
            <source>The follower's picture goes along: to the one of the same slate, else to the one shot nearest in time.</source>
            <translation>La imagen de la que sigue acompaña: la de la misma claqueta, o la más próxima en hora.</translation>
        </message>
        <message>
            <source>Moment of the leader's clip</source>
            <translation>Momento del clip de la guía</translation>
        </message>
        <message>
            <source>Follower's</source>
            <translation>De la que sigue</translation>
        </message>
        <message>
            <source>Any of the follower's pictures.</source>
            <translation>Cualquier imagen de la que sigue.</translation>
        </message>
        <message>
            <source>Moment of the follower's clip</source>
            <translation>Momento del clip de la que sigue</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Tal cual</translation>
        </message>
        <message>
            <source>Corrected</source>
            <translation>Corregido</translation>
        </message>
        <message>
            <source>Through %1</source>
            <translation>Con %1</translation>
        </message>
        <message>
            <source>Through a transform…</source>
            <translation>Con una transformación…</translation>
        </message>
        <message>
            <source>The transform through which the leader is seen</source>
            <translation>La transformación con que se ve la guía</translation>
        </message>
        <message>
            <source>Transforms (*.cube *.clf *.ctf *.icc *.icm *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</source>
            <translation>Transformaciones (*.cube *.clf *.ctf *.icc *.icm *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</translation>
        </message>
    </context>
    <context>
        <name>refero::PairChoices</name>
        <message>
            <source>%1, from its beginning.</source>
            <translation>%1, desde su comienzo.</translation>
        </message>
        <message>
            <source> s</source>
            <comment>seconds, behind a number</comment>
            <translation> s</translation>
        </message>
        <message>
            <source>Leads</source>
            <translation>Guía</translation>
        </message>
        <message>
            <source>The camera whose look is wanted. The setup chosen at the left follows it.</source>
            <translation>La cámara cuyo aspecto se quiere. El montaje elegido a la izquierda la sigue.</translation>
        </message>
        <message>
            <source>Seen</source>
            <translation>Visto</translation>
        </message>
        <message>
            <source>What the leader looks like: as it shows itself, through its correction, or through somebody's transform, such as the view of a log recording.</source>
            <translation>Cómo se ve la guía: tal como se muestra, con su corrección, o con una transformación ajena, como la vista de una grabación logarítmica.</translation>
        </message>
        <message>
            <source>What the transform's numbers are meant for.</source>
            <translation>Para qué son los números de la transformación.</translation>
        </message>
        <message>
            <source>The transform gives</source>
            <translation>La transformación da</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Vista</translation>
        </message>
        <message>
            <source>How the two pictures share the view.</source>
            <translation>Cómo comparten la vista las dos imágenes.</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Cortinilla</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Ajedrez</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Lado a lado</translation>
        </message>
        <message>
            <source>Leader alone</source>
            <translation>Solo la guía</translation>
        </message>
        <message>
            <source>Follower alone</source>
            <translation>Solo la que sigue</translation>
        </message>
        <message>
            <source>Leader's</source>
            <translation>De la guía</translation>
        </message>
        <message>
            <source>The follower's picture goes along: to the one of the same slate, else to the one shot nearest in time.</source>
            <translation>La imagen de la que sigue acompaña: la de la misma claqueta, o la más próxima en hora.</translation>
        </message>
        <message>
            <source>Moment of the leader's clip</source>
            <translation>Momento del clip de la guía</translation>
        </message>
        <message>
            <source>Follower's</source>
            <translation>De la que sigue</translation>
        </message>
        <message>
            <source>Any of the follower's pictures.</source>
            <translation>Cualquier imagen de la que sigue.</translation>
        </message>
        <message>
            <source>Moment of the follower's clip</source>
            <translation>Momento del clip de la que sigue</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Tal cual</translation>
        </message>
        <message>
            <source>Corrected</source>
            <translation>Corregido</translation>
        </message>
        <message>
            <source>Through %1</source>
            <translation>Con %1</translation>
        </message>
        <message>
            <source>Through a transform…</source>
            <translation>Con una transformación…</translation>
        </message>
        <message>
            <source>The transform through which the leader is seen</source>
            <translation>La transformación con que se ve la guía</translation>
        </message>
        <message>
            <source>Transforms (*.cube *.clf *.ctf *.icc *.icm *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</source>
            <translation>Transformaciones (*.cube *.clf *.ctf *.icc *.icm *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</translation>
        </message>
    </context>
    <context>
        <name>PairLadder</name>
        <message>
            <source>Greys of both cameras</source>
            <translation>Grises de ambas cámaras</translation>
        </message>
        <message>
            <source>Each grey step of the chart: how much lighter or darker than its reference the leader (squares, solid) and the follower (circles, dashed) show it. Where the lines lie on each other, contrast and level are one.</source>
            <translation>Cada gris de la carta: cuánto más claro u oscuro que su referencia lo muestran la guía (cuadrados, línea continua) y la que sigue (círculos, discontinua). Donde las líneas coinciden, contraste y nivel son uno.</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 y %2</translation>
        </message>
        <message>
            <source>L* %1: %2 and %3, tint %4</source>
            <translation>L* %1: %2 y %3, matiz %4</translation>
        </message>
        <message>
            <source>Greys of both</source>
            <translation>Grises de ambas</translation>
        </message>
        <message>
            <source>No grey that both show</source>
            <translation>Ningún gris que ambas muestren</translation>
        </message>
        <message>
            <source>L* of the step</source>
            <translation>L* del gris</translation>
        </message>
        <message>
            <source>L* shown, less that</source>
            <translation>L* mostrado, menos ese</translation>
        </message>
    </context>
    <context>
        <name>refero::PairLadder</name>
        <message>
            <source>Greys of both cameras</source>
            <translation>Grises de ambas cámaras</translation>
        </message>
        <message>
            <source>Each grey step of the chart: how much lighter or darker than its reference the leader (squares, solid) and the follower (circles, dashed) show it. Where the lines lie on each other, contrast and level are one.</source>
            <translation>Cada gris de la carta: cuánto más claro u oscuro que su referencia lo muestran la guía (cuadrados, línea continua) y la que sigue (círculos, discontinua). Donde las líneas coinciden, contraste y nivel son uno.</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 y %2</translation>
        </message>
        <message>
            <source>L* %1: %2 and %3, tint %4</source>
            <translation>L* %1: %2 y %3, matiz %4</translation>
        </message>
        <message>
            <source>Greys of both</source>
            <translation>Grises de ambas</translation>
        </message>
        <message>
            <source>No grey that both show</source>
            <translation>Ningún gris que ambas muestren</translation>
        </message>
        <message>
            <source>L* of the step</source>
            <translation>L* del gris</translation>
        </message>
        <message>
            <source>L* shown, less that</source>
            <translation>L* mostrado, menos ese</translation>
        </message>
    </context>
    <context>
        <name>PairedView</name>
        <message>
            <source>Both cameras</source>
            <translation>Ambas cámaras</translation>
        </message>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick to the leader. Shift and drag over both feeds the scopes with that region; over one alone it marks a colour, first in the leader's picture, then in the follower's.</source>
            <translation>Arrastre el borde para la cortinilla; mantenga F o espacio para ver la guía. Mayús y arrastrar sobre ambas alimenta los medidores con esa zona; sobre una sola marca un color, primero en la guía, luego en la que sigue.</translation>
        </message>
    </context>
    <context>
        <name>refero::PairedView</name>
        <message>
            <source>Both cameras</source>
            <translation>Ambas cámaras</translation>
        </message>
        <message>
            <source>Drag the edge to wipe; hold F or the space bar to flick to the leader. Shift and drag over both feeds the scopes with that region; over one alone it marks a colour, first in the leader's picture, then in the follower's.</source>
            <translation>Arrastre el borde para la cortinilla; mantenga F o espacio para ver la guía. Mayús y arrastrar sobre ambas alimenta los medidores con esa zona; sobre una sola marca un color, primero en la guía, luego en la que sigue.</translation>
        </message>
    </context>
    <context>
        <name>PairingStation</name>
        <message>
            <source>the match</source>
            <translation>la igualación</translation>
        </message>
        <message>
            <source>These two cannot be matched</source>
            <translation>Estas dos no se pueden igualar</translation>
        </message>
        <message>
            <source>Match all cameras</source>
            <translation>Igualar todas las cámaras</translation>
        </message>
        <message>
            <source>Every other camera that has read its chart at this place follows the leader.</source>
            <translation>Toda otra cámara que ha leído su carta en este lugar sigue a la guía.</translation>
        </message>
        <message>
            <source>Keep this match</source>
            <translation>Guardar esta igualación</translation>
        </message>
        <message>
            <source>What is told of the match</source>
            <translation>Lo que se dice de la igualación</translation>
        </message>
        <message>
            <source>Show</source>
            <translation>Mostrar</translation>
        </message>
        <message>
            <source>Step by step</source>
            <translation>Paso a paso</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Parches</translation>
        </message>
        <message>
            <source>Greys and hues</source>
            <translation>Grises y tonos</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Medidores de ambas</translation>
        </message>
        <message>
            <source>All cameras</source>
            <translation>Todas las cámaras</translation>
        </message>
        <message>
            <source>Nearer to the truth</source>
            <translation>Más cerca de la verdad</translation>
        </message>
        <message>
            <source>How sure</source>
            <translation>Cuán seguro</translation>
        </message>
        <message>
            <source>From the follower's hues to the leader's</source>
            <translation>De los tonos de la que sigue a los de la guía</translation>
        </message>
        <message>
            <source>Ring: what the leader shows. Thin line: from what the follower shows. Dot: after the match. a* runs from green to red, b* from blue to yellow.</source>
            <translation>Aro: lo que muestra la guía. Línea fina: desde lo que muestra la que sigue. Punto: tras igualar. a* va de verde a rojo, b* de azul a amarillo.</translation>
        </message>
        <message>
            <source>What the scopes show</source>
            <translation>Qué muestran los medidores</translation>
        </message>
        <message>
            <source>Shift and drag over the pictures feeds the scopes with that region of both.</source>
            <translation>Mayús y arrastrar sobre las imágenes alimenta los medidores con esa zona de ambas.</translation>
        </message>
        <message>
            <source>Pictures, or a region of both</source>
            <translation>Imágenes, o una zona de ambas</translation>
        </message>
        <message>
            <source>The same patches of both</source>
            <translation>Los mismos parches de ambas</translation>
        </message>
        <message>
            <source>No reading to follow with</source>
            <translation>Sin lectura con que seguir</translation>
        </message>
        <message>
            <source>A camera follows by its chart shot. Choose a setup at the left whose chart is read, or read this one's first.</source>
            <translation>Una cámara sigue por su toma de carta. Elija a la izquierda un montaje con la carta leída, o lea primero la de este.</translation>
        </message>
        <message>
            <source>Nobody leads yet</source>
            <translation>Aún no guía nadie</translation>
        </message>
        <message>
            <source>Two cameras of one scene are matched by a chart shot of each. Bring in the chart shot of another camera, as a setup of its own, and read it.</source>
            <translation>Dos cámaras de una escena se igualan con una toma de carta cada una. Importe la de otra cámara como montaje propio, y léala.</translation>
        </message>
        <message>
            <source>Go to Reading</source>
            <translation>Ir a Lectura</translation>
        </message>
        <message>
            <source>%1 follows %2: %3 apart, %4 after the match</source>
            <translation>%1 sigue a %2: %3 de distancia, %4 tras igualar</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 over the chart.</source>
            <translation>CIEDE2000 medio sobre la carta.</translation>
        </message>
        <message>
            <source>Expect %1 CIEDE2000 between ordinary colours that are not on the chart.</source>
            <translation>Espere %1 CIEDE2000 entre colores corrientes que no están en la carta.</translation>
        </message>
        <message>
            <source>The charts are two: translating between them errs by %1 on average.</source>
            <translation>Son dos cartas: pasar de una a otra yerra %1 de media.</translation>
        </message>
        <message>
            <source>Bars: 95 % intervals, by drawing the noise of both readings anew.</source>
            <translation>Barras: intervalos del 95 %, extrayendo de nuevo el ruido de ambas lecturas.</translation>
        </message>
        <message>
            <source>Intervals are told of a match of which no step is held back.</source>
            <translation>Los intervalos se dicen de una igualación sin pasos retenidos.</translation>
        </message>
        <message>
            <source>The intervals are being worked out.</source>
            <translation>Se calculan los intervalos.</translation>
        </message>
        <message>
            <source>Hand it over</source>
            <translation>Entregarla</translation>
        </message>
        <message>
            <source>Match again</source>
            <translation>Igualar de nuevo</translation>
        </message>
        <message>
            <source>The match is this setup's correction: its frames go out looking like %1.</source>
            <translation>La igualación es la corrección de este montaje: sus fotogramas salen viéndose como %1.</translation>
        </message>
        <message>
            <source>Makes the match this setup's correction, in the place of the one that it has.</source>
            <translation>Hace de la igualación la corrección de este montaje, en lugar de la que tiene.</translation>
        </message>
        <message>
            <source>as it is</source>
            <translation>tal cual</translation>
        </message>
        <message>
            <source>%1 through %2</source>
            <translation>%1 con %2</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Marked in the leader's picture. Now see the follower alone and mark the same thing there.</source>
            <translation>Marcado en la guía. Ahora vea solo la que sigue y marque allí lo mismo.</translation>
        </message>
        <message>
            <source>Mark it in the leader's picture first.</source>
            <translation>Márquelo primero en la guía.</translation>
        </message>
        <message>
            <source>Colour %1</source>
            <translation>Color %1</translation>
        </message>
        <message>
            <source>It counts four times now.</source>
            <translation>Ahora cuenta cuatro veces.</translation>
        </message>
    </context>
    <context>
        <name>refero::PairingStation</name>
        <message>
            <source>the match</source>
            <translation>la igualación</translation>
        </message>
        <message>
            <source>These two cannot be matched</source>
            <translation>Estas dos no se pueden igualar</translation>
        </message>
        <message>
            <source>Match all cameras</source>
            <translation>Igualar todas las cámaras</translation>
        </message>
        <message>
            <source>Every other camera that has read its chart at this place follows the leader.</source>
            <translation>Toda otra cámara que ha leído su carta en este lugar sigue a la guía.</translation>
        </message>
        <message>
            <source>Keep this match</source>
            <translation>Guardar esta igualación</translation>
        </message>
        <message>
            <source>What is told of the match</source>
            <translation>Lo que se dice de la igualación</translation>
        </message>
        <message>
            <source>Show</source>
            <translation>Mostrar</translation>
        </message>
        <message>
            <source>Step by step</source>
            <translation>Paso a paso</translation>
        </message>
        <message>
            <source>Patches</source>
            <translation>Parches</translation>
        </message>
        <message>
            <source>Greys and hues</source>
            <translation>Grises y tonos</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Medidores de ambas</translation>
        </message>
        <message>
            <source>All cameras</source>
            <translation>Todas las cámaras</translation>
        </message>
        <message>
            <source>Nearer to the truth</source>
            <translation>Más cerca de la verdad</translation>
        </message>
        <message>
            <source>How sure</source>
            <translation>Cuán seguro</translation>
        </message>
        <message>
            <source>From the follower's hues to the leader's</source>
            <translation>De los tonos de la que sigue a los de la guía</translation>
        </message>
        <message>
            <source>Ring: what the leader shows. Thin line: from what the follower shows. Dot: after the match. a* runs from green to red, b* from blue to yellow.</source>
            <translation>Aro: lo que muestra la guía. Línea fina: desde lo que muestra la que sigue. Punto: tras igualar. a* va de verde a rojo, b* de azul a amarillo.</translation>
        </message>
        <message>
            <source>What the scopes show</source>
            <translation>Qué muestran los medidores</translation>
        </message>
        <message>
            <source>Shift and drag over the pictures feeds the scopes with that region of both.</source>
            <translation>Mayús y arrastrar sobre las imágenes alimenta los medidores con esa zona de ambas.</translation>
        </message>
        <message>
            <source>Pictures, or a region of both</source>
            <translation>Imágenes, o una zona de ambas</translation>
        </message>
        <message>
            <source>The same patches of both</source>
            <translation>Los mismos parches de ambas</translation>
        </message>
        <message>
            <source>No reading to follow with</source>
            <translation>Sin lectura con que seguir</translation>
        </message>
        <message>
            <source>A camera follows by its chart shot. Choose a setup at the left whose chart is read, or read this one's first.</source>
            <translation>Una cámara sigue por su toma de carta. Elija a la izquierda un montaje con la carta leída, o lea primero la de este.</translation>
        </message>
        <message>
            <source>Nobody leads yet</source>
            <translation>Aún no guía nadie</translation>
        </message>
        <message>
            <source>Two cameras of one scene are matched by a chart shot of each. Bring in the chart shot of another camera, as a setup of its own, and read it.</source>
            <translation>Dos cámaras de una escena se igualan con una toma de carta cada una. Importe la de otra cámara como montaje propio, y léala.</translation>
        </message>
        <message>
            <source>Go to Reading</source>
            <translation>Ir a Lectura</translation>
        </message>
        <message>
            <source>%1 follows %2: %3 apart, %4 after the match</source>
            <translation>%1 sigue a %2: %3 de distancia, %4 tras igualar</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 over the chart.</source>
            <translation>CIEDE2000 medio sobre la carta.</translation>
        </message>
        <message>
            <source>Expect %1 CIEDE2000 between ordinary colours that are not on the chart.</source>
            <translation>Espere %1 CIEDE2000 entre colores corrientes que no están en la carta.</translation>
        </message>
        <message>
            <source>The charts are two: translating between them errs by %1 on average.</source>
            <translation>Son dos cartas: pasar de una a otra yerra %1 de media.</translation>
        </message>
        <message>
            <source>Bars: 95 % intervals, by drawing the noise of both readings anew.</source>
            <translation>Barras: intervalos del 95 %, extrayendo de nuevo el ruido de ambas lecturas.</translation>
        </message>
        <message>
            <source>Intervals are told of a match of which no step is held back.</source>
            <translation>Los intervalos se dicen de una igualación sin pasos retenidos.</translation>
        </message>
        <message>
            <source>The intervals are being worked out.</source>
            <translation>Se calculan los intervalos.</translation>
        </message>
        <message>
            <source>Hand it over</source>
            <translation>Entregarla</translation>
        </message>
        <message>
            <source>Match again</source>
            <translation>Igualar de nuevo</translation>
        </message>
        <message>
            <source>The match is this setup's correction: its frames go out looking like %1.</source>
            <translation>La igualación es la corrección de este montaje: sus fotogramas salen viéndose como %1.</translation>
        </message>
        <message>
            <source>Makes the match this setup's correction, in the place of the one that it has.</source>
            <translation>Hace de la igualación la corrección de este montaje, en lugar de la que tiene.</translation>
        </message>
        <message>
            <source>as it is</source>
            <translation>tal cual</translation>
        </message>
        <message>
            <source>%1 through %2</source>
            <translation>%1 con %2</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Marked in the leader's picture. Now see the follower alone and mark the same thing there.</source>
            <translation>Marcado en la guía. Ahora vea solo la que sigue y marque allí lo mismo.</translation>
        </message>
        <message>
            <source>Mark it in the leader's picture first.</source>
            <translation>Márquelo primero en la guía.</translation>
        </message>
        <message>
            <source>Colour %1</source>
            <translation>Color %1</translation>
        </message>
        <message>
            <source>It counts four times now.</source>
            <translation>Ahora cuenta cuatro veces.</translation>
        </message>
    </context>
    <context>
        <name>PatchModel</name>
        <message>
            <source>Reference L* %1, a* %2, b* %3 (D50). Measured over %4 pixels.</source>
            <translation>Referencia L* %1, a* %2, b* %3 (D50). Medido sobre %4 píxeles.</translation>
        </message>
        <message>
            <source>Reference and reading</source>
            <translation>Referencia y lectura</translation>
        </message>
    </context>
    <context>
        <name>refero::PatchModel</name>
        <message>
            <source>Reference L* %1, a* %2, b* %3 (D50). Measured over %4 pixels.</source>
            <translation>Referencia L* %1, a* %2, b* %3 (D50). Medido sobre %4 píxeles.</translation>
        </message>
        <message>
            <source>Reference and reading</source>
            <translation>Referencia y lectura</translation>
        </message>
    </context>
    <context>
        <name>PatchTable</name>
        <message>
            <source>Patches as read</source>
            <translation>Parches como se leyeron</translation>
        </message>
    </context>
    <context>
        <name>refero::PatchTable</name>
        <message>
            <source>Patches as read</source>
            <translation>Parches como se leyeron</translation>
        </message>
    </context>
    <context>
        <name>PatchesPage</name>
        <message>
            <source>Patch</source>
            <translation>Parche</translation>
        </message>
        <message>
            <source>Patches and marked colours, the farthest apart first.</source>
            <translation>Parches y colores marcados, primero los más lejanos.</translation>
        </message>
        <message>
            <source>Before</source>
            <translation>Antes</translation>
        </message>
        <message>
            <source>CIEDE2000 between the two cameras as they are.</source>
            <translation>CIEDE2000 entre las dos cámaras tal cual.</translation>
        </message>
        <message>
            <source>After</source>
            <translation>Después</translation>
        </message>
        <message>
            <source>The same after the steps that are taken.</source>
            <translation>Lo mismo tras los pasos dados.</translation>
        </message>
        <message>
            <source>Unseen</source>
            <translation>No visto</translation>
        </message>
        <message>
            <source>The same where the match did not see this patch.</source>
            <translation>Lo mismo donde la igualación no vio este parche.</translation>
        </message>
        <message>
            <source>Cannot meet</source>
            <translation>No coincide</translation>
        </message>
        <message>
            <source>What no transform of the follower's numbers can take away of surfaces like this: its sensor sees them as one, the leader's does not. By the sensitivities that the chart tells.</source>
            <translation>Lo que ninguna transformación de los números de la que sigue puede quitar en superficies así: su sensor las ve como una, el de la guía no. Según las sensibilidades que dice la carta.</translation>
        </message>
        <message>
            <source>Counts</source>
            <translation>Cuenta</translation>
        </message>
        <message>
            <source>How often it counts in the match.</source>
            <translation>Cuánto cuenta en la igualación.</translation>
        </message>
        <message>
            <source>Patches of both</source>
            <translation>Parches de ambas</translation>
        </message>
        <message>
            <source>+ and − let the chosen patch count more or less, 0 lets it count once.</source>
            <translation>+ y − hacen contar más o menos el parche elegido, 0 una vez.</translation>
        </message>
        <message>
            <source>Count it twice as often</source>
            <translation>Contar el doble</translation>
        </message>
        <message>
            <source>Count it half as often</source>
            <translation>Contar la mitad</translation>
        </message>
        <message>
            <source>Count it once</source>
            <translation>Contar una vez</translation>
        </message>
        <message>
            <source>A colour of the scene counts, too: see one picture alone, and mark it with Shift and drag in both.</source>
            <translation>También cuenta un color de la escena: vea una imagen sola y márquelo con Mayús y arrastrar en ambas.</translation>
        </message>
        <message>
            <source>no</source>
            <translation>no</translation>
        </message>
        <message>
            <source>Not used: clipped, covered or left out in one of the two shots.</source>
            <translation>Sin usar: recortado, tapado u omitido en una de las dos tomas.</translation>
        </message>
    </context>
    <context>
        <name>refero::PatchesPage</name>
        <message>
            <source>Patch</source>
            <translation>Parche</translation>
        </message>
        <message>
            <source>Patches and marked colours, the farthest apart first.</source>
            <translation>Parches y colores marcados, primero los más lejanos.</translation>
        </message>
        <message>
            <source>Before</source>
            <translation>Antes</translation>
        </message>
        <message>
            <source>CIEDE2000 between the two cameras as they are.</source>
            <translation>CIEDE2000 entre las dos cámaras tal cual.</translation>
        </message>
        <message>
            <source>After</source>
            <translation>Después</translation>
        </message>
        <message>
            <source>The same after the steps that are taken.</source>
            <translation>Lo mismo tras los pasos dados.</translation>
        </message>
        <message>
            <source>Unseen</source>
            <translation>No visto</translation>
        </message>
        <message>
            <source>The same where the match did not see this patch.</source>
            <translation>Lo mismo donde la igualación no vio este parche.</translation>
        </message>
        <message>
            <source>Cannot meet</source>
            <translation>No coincide</translation>
        </message>
        <message>
            <source>What no transform of the follower's numbers can take away of surfaces like this: its sensor sees them as one, the leader's does not. By the sensitivities that the chart tells.</source>
            <translation>Lo que ninguna transformación de los números de la que sigue puede quitar en superficies así: su sensor las ve como una, el de la guía no. Según las sensibilidades que dice la carta.</translation>
        </message>
        <message>
            <source>Counts</source>
            <translation>Cuenta</translation>
        </message>
        <message>
            <source>How often it counts in the match.</source>
            <translation>Cuánto cuenta en la igualación.</translation>
        </message>
        <message>
            <source>Patches of both</source>
            <translation>Parches de ambas</translation>
        </message>
        <message>
            <source>+ and − let the chosen patch count more or less, 0 lets it count once.</source>
            <translation>+ y − hacen contar más o menos el parche elegido, 0 una vez.</translation>
        </message>
        <message>
            <source>Count it twice as often</source>
            <translation>Contar el doble</translation>
        </message>
        <message>
            <source>Count it half as often</source>
            <translation>Contar la mitad</translation>
        </message>
        <message>
            <source>Count it once</source>
            <translation>Contar una vez</translation>
        </message>
        <message>
            <source>A colour of the scene counts, too: see one picture alone, and mark it with Shift and drag in both.</source>
            <translation>También cuenta un color de la escena: vea una imagen sola y márquelo con Mayús y arrastrar en ambas.</translation>
        </message>
        <message>
            <source>no</source>
            <translation>no</translation>
        </message>
        <message>
            <source>Not used: clipped, covered or left out in one of the two shots.</source>
            <translation>Sin usar: recortado, tapado u omitido en una de las dos tomas.</translation>
        </message>
    </context>
    <context>
        <name>PlanStation</name>
        <message>
            <source>Shoot</source>
            <translation>Rodaje</translation>
        </message>
        <message>
            <source>Date</source>
            <translation>Fecha</translation>
        </message>
        <message>
            <source>Name, client, date and limits of the shoot</source>
            <translation>Nombre, cliente, fecha y límites del rodaje</translation>
        </message>
        <message>
            <source>New chart shot after</source>
            <translation>Nueva toma de carta tras</translation>
        </message>
        <message>
            <source>Duplicate %1</source>
            <translation>Duplicar %1</translation>
        </message>
        <message>
            <source>Enter a setup</source>
            <translation>Introducir un montaje</translation>
        </message>
        <message>
            <source>Begin another shoot</source>
            <translation>Empezar otro rodaje</translation>
        </message>
        <message>
            <source>No date</source>
            <translation>Sin fecha</translation>
        </message>
        <message>
            <source>New chart shot after: %1</source>
            <translation>Nueva toma de carta tras: %1</translation>
        </message>
    </context>
    <context>
        <name>refero::PlanStation</name>
        <message>
            <source>Shoot</source>
            <translation>Rodaje</translation>
        </message>
        <message>
            <source>Date</source>
            <translation>Fecha</translation>
        </message>
        <message>
            <source>Name, client, date and limits of the shoot</source>
            <translation>Nombre, cliente, fecha y límites del rodaje</translation>
        </message>
        <message>
            <source>New chart shot after</source>
            <translation>Nueva toma de carta tras</translation>
        </message>
        <message>
            <source>Duplicate %1</source>
            <translation>Duplicar %1</translation>
        </message>
        <message>
            <source>Enter a setup</source>
            <translation>Introducir un montaje</translation>
        </message>
        <message>
            <source>Begin another shoot</source>
            <translation>Empezar otro rodaje</translation>
        </message>
        <message>
            <source>No date</source>
            <translation>Sin fecha</translation>
        </message>
        <message>
            <source>New chart shot after: %1</source>
            <translation>Nueva toma de carta tras: %1</translation>
        </message>
    </context>
    <context>
        <name>PointedView</name>
        <message>
            <source>The frame</source>
            <translation>El fotograma</translation>
        </message>
        <message>
            <source>Hold Shift and draw over something grey in the subject's light: the chart's light is held against it.</source>
            <translation>Mantenga Mayús y dibuje sobre algo gris en la luz del sujeto: la luz de la carta se compara con él.</translation>
        </message>
    </context>
    <context>
        <name>refero::PointedView</name>
        <message>
            <source>The frame</source>
            <translation>El fotograma</translation>
        </message>
        <message>
            <source>Hold Shift and draw over something grey in the subject's light: the chart's light is held against it.</source>
            <translation>Mantenga Mayús y dibuje sobre algo gris en la luz del sujeto: la luz de la carta se compara con él.</translation>
        </message>
    </context>
    <context>
        <name>PreparePage</name>
        <message>
            <source>Cautions</source>
            <translation>Precauciones</translation>
        </message>
        <message>
            <source>What to prepare follows from the setups; enter one first.</source>
            <translation>Los preparativos se siguen de los montajes; introduzca primero uno.</translation>
        </message>
        <message>
            <source>Tick: %1</source>
            <translation>Marcar: %1</translation>
        </message>
    </context>
    <context>
        <name>refero::PreparePage</name>
        <message>
            <source>Cautions</source>
            <translation>Precauciones</translation>
        </message>
        <message>
            <source>What to prepare follows from the setups; enter one first.</source>
            <translation>Los preparativos se siguen de los montajes; introduzca primero uno.</translation>
        </message>
        <message>
            <source>Tick: %1</source>
            <translation>Marcar: %1</translation>
        </message>
    </context>
    <context>
        <name>ProblemLines</name>
        <message>
            <source>Show all of them</source>
            <translation>Mostrar todos</translation>
        </message>
        <message>
            <source>And %1 more.</source>
            <translation>Y %1 más.</translation>
        </message>
    </context>
    <context>
        <name>refero::ProblemLines</name>
        <message>
            <source>Show all of them</source>
            <translation>Mostrar todos</translation>
        </message>
        <message>
            <source>And %1 more.</source>
            <translation>Y %1 más.</translation>
        </message>
    </context>
    <context>
        <name>ProblemList</name>
        <message>
            <source>Copy all</source>
            <translation>Copiar todo</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Cerrar</translation>
        </message>
    </context>
    <context>
        <name>refero::ProblemList</name>
        <message>
            <source>Copy all</source>
            <translation>Copiar todo</translation>
        </message>
        <message>
            <source>Close</source>
            <translation>Cerrar</translation>
        </message>
    </context>
    <context>
        <name>ProofPage</name>
        <message>
            <source>Frame to check the correction on</source>
            <translation>Fotograma en que comprobar la corrección</translation>
        </message>
        <message>
            <source>Another shot of a chart in this setup, which the correction has not seen.</source>
            <translation>Otra toma de carta de este montaje, que la corrección no ha visto.</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Comprobación</translation>
        </message>
        <message>
            <source>Reading the chart in that frame</source>
            <translation>Leyendo la carta de ese fotograma</translation>
        </message>
    </context>
    <context>
        <name>refero::ProofPage</name>
        <message>
            <source>Frame to check the correction on</source>
            <translation>Fotograma en que comprobar la corrección</translation>
        </message>
        <message>
            <source>Another shot of a chart in this setup, which the correction has not seen.</source>
            <translation>Otra toma de carta de este montaje, que la corrección no ha visto.</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Comprobación</translation>
        </message>
        <message>
            <source>Reading the chart in that frame</source>
            <translation>Leyendo la carta de ese fotograma</translation>
        </message>
    </context>
    <context>
        <name>QLineEdit</name>
        <message>
            <source>Clear</source>
            <translation>Borrar</translation>
        </message>
    </context>
    <context>
        <name>refero::QLineEdit</name>
        <message>
            <source>Clear</source>
            <translation>Borrar</translation>
        </message>
    </context>
    <context>
        <name>QueueStrip</name>
        <message>
            <source>%1 of %2 frames, quick</source>
            <translation>%1 de %2 fotogramas, rápidos</translation>
        </message>
        <message numerus="yes">
            <source>; in %n the camera had cut colours, which the raw files bring back</source>
            <translation>
                <numerusform>; en %n la cámara había cortado colores, que el raw recupera</numerusform>
                <numerusform>; en %n la cámara había cortado colores, que los raw recuperan</numerusform>
            </translation>
        </message>
        <message>
            <source>Frames that are done</source>
            <translation>Fotogramas acabados</translation>
        </message>
        <message>
            <source>Pause</source>
            <translation>Pausar</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Parar aquí</translation>
        </message>
        <message>
            <source>What is finished stays; the rest can be taken up from the history.</source>
            <translation>Lo acabado queda; el resto se puede retomar desde el historial.</translation>
        </message>
        <message>
            <source>Frames that were not handed over</source>
            <translation>Fotogramas sin entregar</translation>
        </message>
        <message>
            <source>Go on</source>
            <translation>Seguir</translation>
        </message>
    </context>
    <context>
        <name>refero::QueueStrip</name>
        <message>
            <source>%1 of %2 frames, quick</source>
            <translation>%1 de %2 fotogramas, rápidos</translation>
        </message>
        <message numerus="yes">
            <source>; in %n the camera had cut colours, which the raw files bring back</source>
            <translation>
                <numerusform>; en %n la cámara había cortado colores, que el raw recupera</numerusform>
                <numerusform>; en %n la cámara había cortado colores, que los raw recuperan</numerusform>
            </translation>
        </message>
        <message>
            <source>Frames that are done</source>
            <translation>Fotogramas acabados</translation>
        </message>
        <message>
            <source>Pause</source>
            <translation>Pausar</translation>
        </message>
        <message>
            <source>Stop here</source>
            <translation>Parar aquí</translation>
        </message>
        <message>
            <source>What is finished stays; the rest can be taken up from the history.</source>
            <translation>Lo acabado queda; el resto se puede retomar desde el historial.</translation>
        </message>
        <message>
            <source>Frames that were not handed over</source>
            <translation>Fotogramas sin entregar</translation>
        </message>
        <message>
            <source>Go on</source>
            <translation>Seguir</translation>
        </message>
    </context>
    <context>
        <name>ReadingActions</name>
        <message>
            <source>Take uneven light out</source>
            <translation>Quitar la luz desigual</translation>
        </message>
        <message>
            <source>Leave uneven light in</source>
            <translation>Dejar la luz desigual</translation>
        </message>
        <message>
            <source>Average the chart frames</source>
            <translation>Promediar los fotogramas de carta</translation>
        </message>
        <message>
            <source>Read one frame alone</source>
            <translation>Leer un solo fotograma</translation>
        </message>
        <message>
            <source>A camera is set to 1500 to 20000 K, not to %1.</source>
            <translation>Una cámara se pone de 1500 a 20000 K, no a %1.</translation>
        </message>
        <message>
            <source>Say what the camera was set to</source>
            <translation>Decir en qué estaba la cámara</translation>
        </message>
        <message>
            <source>Leave the flat field in</source>
            <translation>Dejar el campo plano</translation>
        </message>
        <message>
            <source>Read as %1</source>
            <translation>Leído como %1</translation>
        </message>
        <message>
            <source>State encoding %1</source>
            <translation>Indicar la codificación %1</translation>
        </message>
        <message>
            <source>The chart frame of %1 is being read; state its encoding when it is there.</source>
            <translation>El fotograma de carta de %1 se está leyendo; indique su codificación cuando esté.</translation>
        </message>
    </context>
    <context>
        <name>refero::ReadingActions</name>
        <message>
            <source>Take uneven light out</source>
            <translation>Quitar la luz desigual</translation>
        </message>
        <message>
            <source>Leave uneven light in</source>
            <translation>Dejar la luz desigual</translation>
        </message>
        <message>
            <source>Average the chart frames</source>
            <translation>Promediar los fotogramas de carta</translation>
        </message>
        <message>
            <source>Read one frame alone</source>
            <translation>Leer un solo fotograma</translation>
        </message>
        <message>
            <source>A camera is set to 1500 to 20000 K, not to %1.</source>
            <translation>Una cámara se pone de 1500 a 20000 K, no a %1.</translation>
        </message>
        <message>
            <source>Say what the camera was set to</source>
            <translation>Decir en qué estaba la cámara</translation>
        </message>
        <message>
            <source>Leave the flat field in</source>
            <translation>Dejar el campo plano</translation>
        </message>
        <message>
            <source>Read as %1</source>
            <translation>Leído como %1</translation>
        </message>
        <message>
            <source>State encoding %1</source>
            <translation>Indicar la codificación %1</translation>
        </message>
        <message>
            <source>The chart frame of %1 is being read; state its encoding when it is there.</source>
            <translation>El fotograma de carta de %1 se está leyendo; indique su codificación cuando esté.</translation>
        </message>
    </context>
    <context>
        <name>ReadingStation</name>
        <message>
            <source>patches and instruments</source>
            <translation>parches y medidores</translation>
        </message>
        <message>
            <source>Chart</source>
            <translation>Carta</translation>
        </message>
        <message>
            <source>Which chart the frame shows; it is recognised by itself.</source>
            <translation>Qué carta muestra el fotograma; se reconoce sola.</translation>
        </message>
        <message>
            <source>Encoding</source>
            <translation>Codificación</translation>
        </message>
        <message>
            <source>How the frame's numbers relate to light.</source>
            <translation>Cómo se relacionan los números del fotograma con la luz.</translation>
        </message>
        <message>
            <source>Curve file...</source>
            <translation>Archivo de curva...</translation>
        </message>
        <message>
            <source>Take it</source>
            <translation>Tomarla</translation>
        </message>
        <message>
            <source>What the frame is shown as</source>
            <translation>Cómo se muestra el fotograma</translation>
        </message>
        <message>
            <source>The picture, its levels in stops from mid-grey, what is clipped, or where the aimed-at levels lie.</source>
            <translation>La imagen, sus niveles en pasos del gris medio, lo recortado, o dónde están los niveles buscados.</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Imagen</translation>
        </message>
        <message>
            <source>Stops</source>
            <translation>Pasos</translation>
        </message>
        <message>
            <source>Clipping</source>
            <translation>Recorte</translation>
        </message>
        <message>
            <source>White 90 %</source>
            <translation>Blanco 90 %</translation>
        </message>
        <message>
            <source>White 96 %</source>
            <translation>Blanco 96 %</translation>
        </message>
        <message>
            <source>Mend the reading</source>
            <translation>Reparar la lectura</translation>
        </message>
        <message>
            <source>Open a curve from stored number to linear light</source>
            <translation>Abrir una curva de número guardado a luz lineal</translation>
        </message>
        <message>
            <source>Curves (*.cube *.clf *.spi1d *.csv *.txt)</source>
            <translation>Curvas (*.cube *.clf *.spi1d *.csv *.txt)</translation>
        </message>
        <message>
            <source>Patches and instruments</source>
            <translation>Parches y medidores</translation>
        </message>
        <message>
            <source>No setup is chosen</source>
            <translation>Ningún montaje elegido</translation>
        </message>
        <message>
            <source>Choose one at the left, or drop a chart shot on this window.</source>
            <translation>Elija uno a la izquierda, o suelte una toma de carta en esta ventana.</translation>
        </message>
        <message>
            <source>Read a chart shot first.</source>
            <translation>Lea primero una toma de carta.</translation>
        </message>
        <message>
            <source>Take uneven light out</source>
            <translation>Quitar la luz desigual</translation>
        </message>
        <message>
            <source>Flat field %1</source>
            <translation>Campo plano %1</translation>
        </message>
        <message>
            <source>Take out a flat field...</source>
            <translation>Quitar un campo plano...</translation>
        </message>
        <message>
            <source>Average the chart frames (there is one)</source>
            <translation>Promediar los fotogramas de carta (hay uno)</translation>
        </message>
        <message>
            <source>Average the %1 chart frames</source>
            <translation>Promediar los %1 fotogramas de carta</translation>
        </message>
        <message>
            <source>The file does not state it:</source>
            <translation>El archivo no lo dice:</translation>
        </message>
        <message>
            <source>The greys agree with %1 %2.</source>
            <translation>Los grises concuerdan con %1 %2.</translation>
        </message>
        <message>
            <source>The greys agree with %1 %2, with %3 %4.</source>
            <translation>Los grises concuerdan con %1 %2, con %3 %4.</translation>
        </message>
        <message>
            <source>It is %1</source>
            <translation>Es %1</translation>
        </message>
        <message>
            <source>More likely %1</source>
            <translation>Más bien %1</translation>
        </message>
        <message>
            <source>Mend</source>
            <comment>on a button</comment>
            <translation>Reparar</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Lectura</translation>
        </message>
        <message>
            <source>The frame is being opened and searched for a chart.</source>
            <translation>El fotograma se abre y se busca una carta.</translation>
        </message>
        <message>
            <source>No chart found</source>
            <translation>No se halló carta</translation>
        </message>
        <message>
            <source>Not readable</source>
            <translation>Ilegible</translation>
        </message>
        <message>
            <source>Set the corners by hand</source>
            <translation>Poner las esquinas a mano</translation>
        </message>
        <message>
            <source>Lays the outline over the frame for you to drag into place.</source>
            <translation>Pone el contorno sobre el fotograma para que lo arrastre a su sitio.</translation>
        </message>
        <message>
            <source>Build the correction</source>
            <translation>Construir la corrección</translation>
        </message>
        <message>
            <source>See the correction</source>
            <translation>Ver la corrección</translation>
        </message>
        <message>
            <source>It was built from this reading.</source>
            <translation>Se construyó de esta lectura.</translation>
        </message>
        <message>
            <source>Everything a correction needs is here.</source>
            <translation>Está todo lo que necesita una corrección.</translation>
        </message>
        <message>
            <source>It can be used; look at the findings first.</source>
            <translation>Es utilizable; mire primero los hallazgos.</translation>
        </message>
        <message>
            <source>Build anyway</source>
            <translation>Construir igualmente</translation>
        </message>
        <message>
            <source>Better: mend what is named above and shoot the chart again.</source>
            <translation>Mejor: arregle lo nombrado arriba y tome la carta de nuevo.</translation>
        </message>
        <message>
            <source>This looks like a chart of %1.</source>
            <translation>Parece una carta de %1.</translation>
        </message>
        <message>
            <source>Give its data, a file of its maker's or an instrument's: they tell the names, the order and which way up it is. Rows, sizes and gaps come from this picture, and it is found by itself from then on.</source>
            <translation>Dé sus datos, un archivo de su fabricante o de un instrumento: dicen los nombres, el orden y qué va arriba. Filas, tamaños y huecos vienen de esta imagen, y desde entonces se halla sola.</translation>
        </message>
        <message>
            <source>Not a known chart</source>
            <translation>No es una carta conocida</translation>
        </message>
        <message>
            <source>Open its data</source>
            <translation>Abrir sus datos</translation>
        </message>
        <message>
            <source>CGATS, CxF or a table; it can be dropped, too.</source>
            <translation>CGATS, CxF o una tabla; también se puede soltar.</translation>
        </message>
        <message>
            <source>No chart of its own</source>
            <translation>Sin carta propia</translation>
        </message>
        <message>
            <source>No chart frame yet</source>
            <translation>Aún sin fotograma de carta</translation>
        </message>
        <message>
            <source>Go to %1</source>
            <translation>Ir a %1</translation>
        </message>
        <message>
            <source>Its chart shot holds here, too.</source>
            <translation>Su toma de carta vale también aquí.</translation>
        </message>
        <message>
            <source>Open its chart frame</source>
            <translation>Abrir su fotograma de carta</translation>
        </message>
        <message>
            <source>Or drop it anywhere on this window.</source>
            <translation>O suéltelo en cualquier parte de esta ventana.</translation>
        </message>
    </context>
    <context>
        <name>refero::ReadingStation</name>
        <message>
            <source>patches and instruments</source>
            <translation>parches y medidores</translation>
        </message>
        <message>
            <source>Chart</source>
            <translation>Carta</translation>
        </message>
        <message>
            <source>Which chart the frame shows; it is recognised by itself.</source>
            <translation>Qué carta muestra el fotograma; se reconoce sola.</translation>
        </message>
        <message>
            <source>Encoding</source>
            <translation>Codificación</translation>
        </message>
        <message>
            <source>How the frame's numbers relate to light.</source>
            <translation>Cómo se relacionan los números del fotograma con la luz.</translation>
        </message>
        <message>
            <source>Curve file...</source>
            <translation>Archivo de curva...</translation>
        </message>
        <message>
            <source>Take it</source>
            <translation>Tomarla</translation>
        </message>
        <message>
            <source>What the frame is shown as</source>
            <translation>Cómo se muestra el fotograma</translation>
        </message>
        <message>
            <source>The picture, its levels in stops from mid-grey, what is clipped, or where the aimed-at levels lie.</source>
            <translation>La imagen, sus niveles en pasos del gris medio, lo recortado, o dónde están los niveles buscados.</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Imagen</translation>
        </message>
        <message>
            <source>Stops</source>
            <translation>Pasos</translation>
        </message>
        <message>
            <source>Clipping</source>
            <translation>Recorte</translation>
        </message>
        <message>
            <source>White 90 %</source>
            <translation>Blanco 90 %</translation>
        </message>
        <message>
            <source>White 96 %</source>
            <translation>Blanco 96 %</translation>
        </message>
        <message>
            <source>Mend the reading</source>
            <translation>Reparar la lectura</translation>
        </message>
        <message>
            <source>Open a curve from stored number to linear light</source>
            <translation>Abrir una curva de número guardado a luz lineal</translation>
        </message>
        <message>
            <source>Curves (*.cube *.clf *.spi1d *.csv *.txt)</source>
            <translation>Curvas (*.cube *.clf *.spi1d *.csv *.txt)</translation>
        </message>
        <message>
            <source>Patches and instruments</source>
            <translation>Parches y medidores</translation>
        </message>
        <message>
            <source>No setup is chosen</source>
            <translation>Ningún montaje elegido</translation>
        </message>
        <message>
            <source>Choose one at the left, or drop a chart shot on this window.</source>
            <translation>Elija uno a la izquierda, o suelte una toma de carta en esta ventana.</translation>
        </message>
        <message>
            <source>Read a chart shot first.</source>
            <translation>Lea primero una toma de carta.</translation>
        </message>
        <message>
            <source>Take uneven light out</source>
            <translation>Quitar la luz desigual</translation>
        </message>
        <message>
            <source>Flat field %1</source>
            <translation>Campo plano %1</translation>
        </message>
        <message>
            <source>Take out a flat field...</source>
            <translation>Quitar un campo plano...</translation>
        </message>
        <message>
            <source>Average the chart frames (there is one)</source>
            <translation>Promediar los fotogramas de carta (hay uno)</translation>
        </message>
        <message>
            <source>Average the %1 chart frames</source>
            <translation>Promediar los %1 fotogramas de carta</translation>
        </message>
        <message>
            <source>The file does not state it:</source>
            <translation>El archivo no lo dice:</translation>
        </message>
        <message>
            <source>The greys agree with %1 %2.</source>
            <translation>Los grises concuerdan con %1 %2.</translation>
        </message>
        <message>
            <source>The greys agree with %1 %2, with %3 %4.</source>
            <translation>Los grises concuerdan con %1 %2, con %3 %4.</translation>
        </message>
        <message>
            <source>It is %1</source>
            <translation>Es %1</translation>
        </message>
        <message>
            <source>More likely %1</source>
            <translation>Más bien %1</translation>
        </message>
        <message>
            <source>Mend</source>
            <comment>on a button</comment>
            <translation>Reparar</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Lectura</translation>
        </message>
        <message>
            <source>The frame is being opened and searched for a chart.</source>
            <translation>El fotograma se abre y se busca una carta.</translation>
        </message>
        <message>
            <source>No chart found</source>
            <translation>No se halló carta</translation>
        </message>
        <message>
            <source>Not readable</source>
            <translation>Ilegible</translation>
        </message>
        <message>
            <source>Set the corners by hand</source>
            <translation>Poner las esquinas a mano</translation>
        </message>
        <message>
            <source>Lays the outline over the frame for you to drag into place.</source>
            <translation>Pone el contorno sobre el fotograma para que lo arrastre a su sitio.</translation>
        </message>
        <message>
            <source>Build the correction</source>
            <translation>Construir la corrección</translation>
        </message>
        <message>
            <source>See the correction</source>
            <translation>Ver la corrección</translation>
        </message>
        <message>
            <source>It was built from this reading.</source>
            <translation>Se construyó de esta lectura.</translation>
        </message>
        <message>
            <source>Everything a correction needs is here.</source>
            <translation>Está todo lo que necesita una corrección.</translation>
        </message>
        <message>
            <source>It can be used; look at the findings first.</source>
            <translation>Es utilizable; mire primero los hallazgos.</translation>
        </message>
        <message>
            <source>Build anyway</source>
            <translation>Construir igualmente</translation>
        </message>
        <message>
            <source>Better: mend what is named above and shoot the chart again.</source>
            <translation>Mejor: arregle lo nombrado arriba y tome la carta de nuevo.</translation>
        </message>
        <message>
            <source>This looks like a chart of %1.</source>
            <translation>Parece una carta de %1.</translation>
        </message>
        <message>
            <source>Give its data, a file of its maker's or an instrument's: they tell the names, the order and which way up it is. Rows, sizes and gaps come from this picture, and it is found by itself from then on.</source>
            <translation>Dé sus datos, un archivo de su fabricante o de un instrumento: dicen los nombres, el orden y qué va arriba. Filas, tamaños y huecos vienen de esta imagen, y desde entonces se halla sola.</translation>
        </message>
        <message>
            <source>Not a known chart</source>
            <translation>No es una carta conocida</translation>
        </message>
        <message>
            <source>Open its data</source>
            <translation>Abrir sus datos</translation>
        </message>
        <message>
            <source>CGATS, CxF or a table; it can be dropped, too.</source>
            <translation>CGATS, CxF o una tabla; también se puede soltar.</translation>
        </message>
        <message>
            <source>No chart of its own</source>
            <translation>Sin carta propia</translation>
        </message>
        <message>
            <source>No chart frame yet</source>
            <translation>Aún sin fotograma de carta</translation>
        </message>
        <message>
            <source>Go to %1</source>
            <translation>Ir a %1</translation>
        </message>
        <message>
            <source>Its chart shot holds here, too.</source>
            <translation>Su toma de carta vale también aquí.</translation>
        </message>
        <message>
            <source>Open its chart frame</source>
            <translation>Abrir su fotograma de carta</translation>
        </message>
        <message>
            <source>Or drop it anywhere on this window.</source>
            <translation>O suéltelo en cualquier parte de esta ventana.</translation>
        </message>
    </context>
    <context>
        <name>Receivers</name>
        <message>
            <source>One file</source>
            <translation>Un archivo</translation>
        </message>
        <message>
            <source>; clips as FFV1, 10 bits</source>
            <translation>; clips como FFV1, 10 bits</translation>
        </message>
        <message>
            <source>; clips as AV1, 10 bits</source>
            <translation>; clips como AV1, 10 bits</translation>
        </message>
    </context>
    <context>
        <name>refero::Receivers</name>
        <message>
            <source>One file</source>
            <translation>Un archivo</translation>
        </message>
        <message>
            <source>; clips as FFV1, 10 bits</source>
            <translation>; clips como FFV1, 10 bits</translation>
        </message>
        <message>
            <source>; clips as AV1, 10 bits</source>
            <translation>; clips como AV1, 10 bits</translation>
        </message>
    </context>
    <context>
        <name>ScopeView</name>
        <message>
            <source>No picture</source>
            <translation>Sin imagen</translation>
        </message>
        <message>
            <source>Nothing to show.</source>
            <translation>Nada que mostrar.</translation>
        </message>
        <message>
            <source>Red</source>
            <translation>Rojo</translation>
        </message>
        <message>
            <source>Green</source>
            <translation>Verde</translation>
        </message>
        <message>
            <source>Blue</source>
            <translation>Azul</translation>
        </message>
        <message>
            <source>%1: median %2 %, from %3 to %4 %, %5 % of the pixels at the top, %6 % at the bottom.</source>
            <comment>of a channel</comment>
            <translation>%1: mediana %2 %, de %3 a %4 %, %5 % de los píxeles arriba, %6 % abajo.</translation>
        </message>
        <message>
            <source>The middle of all colours is at %1 % of the reach, towards %2 degrees.</source>
            <translation>El centro de los colores está al %1 % del alcance, hacia %2 grados.</translation>
        </message>
    </context>
    <context>
        <name>refero::ScopeView</name>
        <message>
            <source>No picture</source>
            <translation>Sin imagen</translation>
        </message>
        <message>
            <source>Nothing to show.</source>
            <translation>Nada que mostrar.</translation>
        </message>
        <message>
            <source>Red</source>
            <translation>Rojo</translation>
        </message>
        <message>
            <source>Green</source>
            <translation>Verde</translation>
        </message>
        <message>
            <source>Blue</source>
            <translation>Azul</translation>
        </message>
        <message>
            <source>%1: median %2 %, from %3 to %4 %, %5 % of the pixels at the top, %6 % at the bottom.</source>
            <comment>of a channel</comment>
            <translation>%1: mediana %2 %, de %3 a %4 %, %5 % de los píxeles arriba, %6 % abajo.</translation>
        </message>
        <message>
            <source>The middle of all colours is at %1 % of the reach, towards %2 degrees.</source>
            <translation>El centro de los colores está al %1 % del alcance, hacia %2 grados.</translation>
        </message>
    </context>
    <context>
        <name>ScopesPage</name>
        <message>
            <source>Scope</source>
            <translation>Medidor</translation>
        </message>
        <message>
            <source>Histogram</source>
            <translation>Histograma</translation>
        </message>
        <message>
            <source>Waveform</source>
            <translation>Forma de onda</translation>
        </message>
        <message>
            <source>Parade</source>
            <translation>Parade</translation>
        </message>
        <message>
            <source>Vectorscope</source>
            <translation>Vectorscopio</translation>
        </message>
    </context>
    <context>
        <name>refero::ScopesPage</name>
        <message>
            <source>Scope</source>
            <translation>Medidor</translation>
        </message>
        <message>
            <source>Histogram</source>
            <translation>Histograma</translation>
        </message>
        <message>
            <source>Waveform</source>
            <translation>Forma de onda</translation>
        </message>
        <message>
            <source>Parade</source>
            <translation>Parade</translation>
        </message>
        <message>
            <source>Vectorscope</source>
            <translation>Vectorscopio</translation>
        </message>
    </context>
    <context>
        <name>SeriesGrid</name>
        <message>
            <source>Recording profiles by exposure</source>
            <translation>Perfiles de grabación por exposición</translation>
        </message>
        <message>
            <source>%1 at %2: level only %3, drift %4</source>
            <translation>%1 a %2: solo nivel %3, deriva %4</translation>
        </message>
        <message>
            <source>, corrected %1, chroma noise %2</source>
            <translation>, corregido %1, ruido de croma %2</translation>
        </message>
        <message>
            <source>, %1 % of the patches clipped</source>
            <translation>, %1 % de los parches recortados</translation>
        </message>
        <message>
            <source>%1. Held against %2.</source>
            <translation>%1. Comparado con %2.</translation>
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
            <translation>Es la exposición normal</translation>
        </message>
        <message>
            <source>Name its recording profile</source>
            <translation>Nombrar su perfil de grabación</translation>
        </message>
        <message>
            <source>Neutral density before its lens</source>
            <translation>Densidad neutra ante el objetivo</translation>
        </message>
    </context>
    <context>
        <name>refero::SeriesGrid</name>
        <message>
            <source>Recording profiles by exposure</source>
            <translation>Perfiles de grabación por exposición</translation>
        </message>
        <message>
            <source>%1 at %2: level only %3, drift %4</source>
            <translation>%1 a %2: solo nivel %3, deriva %4</translation>
        </message>
        <message>
            <source>, corrected %1, chroma noise %2</source>
            <translation>, corregido %1, ruido de croma %2</translation>
        </message>
        <message>
            <source>, %1 % of the patches clipped</source>
            <translation>, %1 % de los parches recortados</translation>
        </message>
        <message>
            <source>%1. Held against %2.</source>
            <translation>%1. Comparado con %2.</translation>
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
            <translation>Es la exposición normal</translation>
        </message>
        <message>
            <source>Name its recording profile</source>
            <translation>Nombrar su perfil de grabación</translation>
        </message>
        <message>
            <source>Neutral density before its lens</source>
            <translation>Densidad neutra ante el objetivo</translation>
        </message>
    </context>
    <context>
        <name>SeriesPage</name>
        <message>
            <source>The chosen steps, large</source>
            <translation>Los pasos elegidos, en grande</translation>
        </message>
        <message>
            <source>%1 of %2. Begin anew stops it.</source>
            <translation>%1 de %2. Empezar de nuevo lo para.</translation>
        </message>
        <message>
            <source>No series yet</source>
            <translation>Aún sin serie</translation>
        </message>
        <message>
            <source>Add frames</source>
            <translation>Añadir fotogramas</translation>
        </message>
        <message>
            <source>Chart shots of one scene at steps of exposure, in one or more recording profiles. Frames, clips and folders can also be dropped here.</source>
            <translation>Tomas de carta de una escena en pasos de exposición, en uno o más perfiles. También se pueden soltar aquí fotogramas, clips y carpetas.</translation>
        </message>
        <message>
            <source>Begin anew</source>
            <translation>Empezar de nuevo</translation>
        </message>
        <message>
            <source>Seen</source>
            <translation>Visto</translation>
        </message>
        <message>
            <source>How the steps are seen</source>
            <translation>Cómo se ven los pasos</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Tal como se grabó</translation>
        </message>
        <message>
            <source>Level only</source>
            <translation>Solo nivel</translation>
        </message>
        <message>
            <source>Contrast from the greys</source>
            <translation>Contraste según los grises</translation>
        </message>
        <message>
            <source>Fully corrected</source>
            <translation>Corregido del todo</translation>
        </message>
        <message>
            <source>How A and B share the view</source>
            <translation>Cómo comparten la vista A y B</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Cortinilla</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Ajedrez</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Lado a lado</translation>
        </message>
        <message>
            <source>A alone</source>
            <translation>Solo A</translation>
        </message>
        <message>
            <source>Drift up to</source>
            <translation>Deriva hasta</translation>
        </message>
        <message>
            <source>Drift that can be used, CIEDE2000</source>
            <translation>Deriva utilizable, CIEDE2000</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 of all patches, of the greys and of skin, with the level alone corrected, that a shot may be from the base to be used.</source>
            <translation>CIEDE2000 medio de todos los parches, de los grises y de la piel, corregidos solo en nivel, que puede distar una toma de la base para servir.</translation>
        </message>
        <message>
            <source>Try it with the demo's series</source>
            <translation>Probar con la serie de la demostración</translation>
        </message>
        <message>
            <source>A simulated camera shoots one scene at five exposures in two profiles.</source>
            <translation>Una cámara simulada toma una escena en cinco exposiciones y dos perfiles.</translation>
        </message>
        <message>
            <source>Report</source>
            <translation>Informe</translation>
        </message>
        <message>
            <source>Two pages to hand round, as PDF or HTML.</source>
            <translation>Dos páginas para repartir, como PDF o HTML.</translation>
        </message>
        <message>
            <source>Keep with the body</source>
            <translation>Guardar con el cuerpo</translation>
        </message>
        <message>
            <source>What can be used of each profile stays with the body in the kit, and a plan that goes beyond it says so.</source>
            <translation>Lo utilizable de cada perfil queda con el cuerpo en el equipo, y un plan que lo supere lo dice.</translation>
        </message>
        <message>
            <source>One LUT</source>
            <translation>Una LUT</translation>
        </message>
        <message>
            <source>A LUT that all usable steps share, in the profile of the step chosen as A, with a card for the camera; it is said what each step pays.</source>
            <translation>Una LUT que comparten todos los pasos utilizables, en el perfil del paso elegido como A, con una ficha para la cámara; se dice lo que paga cada paso.</translation>
        </message>
        <message>
            <source>Reading the charts</source>
            <translation>Leyendo las cartas</translation>
        </message>
        <message>
            <source>What can this camera take?</source>
            <translation>¿Qué aguanta esta cámara?</translation>
        </message>
        <message>
            <source>Shoot one scene with the chart at steps of exposure, from far too dark to far too light, in every recording profile that you might use. Drop the frames or clips here: which exposures can be used, where colours drift and what each profile costs is told at once.</source>
            <translation>Tome una escena con la carta en pasos de exposición, de muy oscuro a muy claro, en cada perfil que pueda usar. Suelte aquí los fotogramas o clips: qué exposiciones sirven, dónde derivan los colores y qué cuesta cada perfil se dice al momento.</translation>
        </message>
        <message>
            <source>%1: %2 steps in %3</source>
            <comment>body, number, profiles</comment>
            <translation>%1: %2 pasos en %3</translation>
        </message>
        <message>
            <source>A camera</source>
            <translation>Una cámara</translation>
        </message>
        <message numerus="yes">
            <source>%n profiles</source>
            <translation>
                <numerusform>%n perfil</numerusform>
                <numerusform>%n perfiles</numerusform>
            </translation>
        </message>
        <message>
            <source>0 is the exposure of %1. A click chooses A, with Shift B.</source>
            <translation>0 es la exposición de %1. Un clic elige A, con Mayús B.</translation>
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
            <translation>Una LUT para todos los pasos utilizables</translation>
        </message>
        <message>
            <source>3D LUT (*.cube)</source>
            <translation>LUT 3D (*.cube)</translation>
        </message>
        <message>
            <source>Exposure series</source>
            <translation>Serie de exposición</translation>
        </message>
        <message>
            <source>Exposure series of %1</source>
            <translation>Serie de exposición de %1</translation>
        </message>
        <message>
            <source>Report of the series</source>
            <translation>Informe de la serie</translation>
        </message>
        <message>
            <source>Report (*.pdf *.html)</source>
            <translation>Informe (*.pdf *.html)</translation>
        </message>
        <message>
            <source>The series is another one by now; ask for its report again.</source>
            <translation>La serie es ya otra; pida de nuevo su informe.</translation>
        </message>
        <message>
            <source>The report is in %1.</source>
            <translation>El informe está en %1.</translation>
        </message>
        <message>
            <source>Neutral density</source>
            <translation>Densidad neutra</translation>
        </message>
        <message>
            <source>Stops that it takes away:</source>
            <translation>Pasos que quita:</translation>
        </message>
        <message>
            <source>Neutral density is a number of stops, from 0 to 20.</source>
            <translation>La densidad neutra es un número de pasos, de 0 a 20.</translation>
        </message>
        <message>
            <source>Shooting the demo's series</source>
            <translation>Tomando la serie de la demostración</translation>
        </message>
        <message>
            <source>Recording profile</source>
            <translation>Perfil de grabación</translation>
        </message>
        <message>
            <source>What this shot was recorded in:</source>
            <translation>En qué se grabó esta toma:</translation>
        </message>
    </context>
    <context>
        <name>refero::SeriesPage</name>
        <message>
            <source>The chosen steps, large</source>
            <translation>Los pasos elegidos, en grande</translation>
        </message>
        <message>
            <source>%1 of %2. Begin anew stops it.</source>
            <translation>%1 de %2. Empezar de nuevo lo para.</translation>
        </message>
        <message>
            <source>No series yet</source>
            <translation>Aún sin serie</translation>
        </message>
        <message>
            <source>Add frames</source>
            <translation>Añadir fotogramas</translation>
        </message>
        <message>
            <source>Chart shots of one scene at steps of exposure, in one or more recording profiles. Frames, clips and folders can also be dropped here.</source>
            <translation>Tomas de carta de una escena en pasos de exposición, en uno o más perfiles. También se pueden soltar aquí fotogramas, clips y carpetas.</translation>
        </message>
        <message>
            <source>Begin anew</source>
            <translation>Empezar de nuevo</translation>
        </message>
        <message>
            <source>Seen</source>
            <translation>Visto</translation>
        </message>
        <message>
            <source>How the steps are seen</source>
            <translation>Cómo se ven los pasos</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Tal como se grabó</translation>
        </message>
        <message>
            <source>Level only</source>
            <translation>Solo nivel</translation>
        </message>
        <message>
            <source>Contrast from the greys</source>
            <translation>Contraste según los grises</translation>
        </message>
        <message>
            <source>Fully corrected</source>
            <translation>Corregido del todo</translation>
        </message>
        <message>
            <source>How A and B share the view</source>
            <translation>Cómo comparten la vista A y B</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Cortinilla</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Ajedrez</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Lado a lado</translation>
        </message>
        <message>
            <source>A alone</source>
            <translation>Solo A</translation>
        </message>
        <message>
            <source>Drift up to</source>
            <translation>Deriva hasta</translation>
        </message>
        <message>
            <source>Drift that can be used, CIEDE2000</source>
            <translation>Deriva utilizable, CIEDE2000</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 of all patches, of the greys and of skin, with the level alone corrected, that a shot may be from the base to be used.</source>
            <translation>CIEDE2000 medio de todos los parches, de los grises y de la piel, corregidos solo en nivel, que puede distar una toma de la base para servir.</translation>
        </message>
        <message>
            <source>Try it with the demo's series</source>
            <translation>Probar con la serie de la demostración</translation>
        </message>
        <message>
            <source>A simulated camera shoots one scene at five exposures in two profiles.</source>
            <translation>Una cámara simulada toma una escena en cinco exposiciones y dos perfiles.</translation>
        </message>
        <message>
            <source>Report</source>
            <translation>Informe</translation>
        </message>
        <message>
            <source>Two pages to hand round, as PDF or HTML.</source>
            <translation>Dos páginas para repartir, como PDF o HTML.</translation>
        </message>
        <message>
            <source>Keep with the body</source>
            <translation>Guardar con el cuerpo</translation>
        </message>
        <message>
            <source>What can be used of each profile stays with the body in the kit, and a plan that goes beyond it says so.</source>
            <translation>Lo utilizable de cada perfil queda con el cuerpo en el equipo, y un plan que lo supere lo dice.</translation>
        </message>
        <message>
            <source>One LUT</source>
            <translation>Una LUT</translation>
        </message>
        <message>
            <source>A LUT that all usable steps share, in the profile of the step chosen as A, with a card for the camera; it is said what each step pays.</source>
            <translation>Una LUT que comparten todos los pasos utilizables, en el perfil del paso elegido como A, con una ficha para la cámara; se dice lo que paga cada paso.</translation>
        </message>
        <message>
            <source>Reading the charts</source>
            <translation>Leyendo las cartas</translation>
        </message>
        <message>
            <source>What can this camera take?</source>
            <translation>¿Qué aguanta esta cámara?</translation>
        </message>
        <message>
            <source>Shoot one scene with the chart at steps of exposure, from far too dark to far too light, in every recording profile that you might use. Drop the frames or clips here: which exposures can be used, where colours drift and what each profile costs is told at once.</source>
            <translation>Tome una escena con la carta en pasos de exposición, de muy oscuro a muy claro, en cada perfil que pueda usar. Suelte aquí los fotogramas o clips: qué exposiciones sirven, dónde derivan los colores y qué cuesta cada perfil se dice al momento.</translation>
        </message>
        <message>
            <source>%1: %2 steps in %3</source>
            <comment>body, number, profiles</comment>
            <translation>%1: %2 pasos en %3</translation>
        </message>
        <message>
            <source>A camera</source>
            <translation>Una cámara</translation>
        </message>
        <message numerus="yes">
            <source>%n profiles</source>
            <translation>
                <numerusform>%n perfil</numerusform>
                <numerusform>%n perfiles</numerusform>
            </translation>
        </message>
        <message>
            <source>0 is the exposure of %1. A click chooses A, with Shift B.</source>
            <translation>0 es la exposición de %1. Un clic elige A, con Mayús B.</translation>
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
            <translation>Una LUT para todos los pasos utilizables</translation>
        </message>
        <message>
            <source>3D LUT (*.cube)</source>
            <translation>LUT 3D (*.cube)</translation>
        </message>
        <message>
            <source>Exposure series</source>
            <translation>Serie de exposición</translation>
        </message>
        <message>
            <source>Exposure series of %1</source>
            <translation>Serie de exposición de %1</translation>
        </message>
        <message>
            <source>Report of the series</source>
            <translation>Informe de la serie</translation>
        </message>
        <message>
            <source>Report (*.pdf *.html)</source>
            <translation>Informe (*.pdf *.html)</translation>
        </message>
        <message>
            <source>The series is another one by now; ask for its report again.</source>
            <translation>La serie es ya otra; pida de nuevo su informe.</translation>
        </message>
        <message>
            <source>The report is in %1.</source>
            <translation>El informe está en %1.</translation>
        </message>
        <message>
            <source>Neutral density</source>
            <translation>Densidad neutra</translation>
        </message>
        <message>
            <source>Stops that it takes away:</source>
            <translation>Pasos que quita:</translation>
        </message>
        <message>
            <source>Neutral density is a number of stops, from 0 to 20.</source>
            <translation>La densidad neutra es un número de pasos, de 0 a 20.</translation>
        </message>
        <message>
            <source>Shooting the demo's series</source>
            <translation>Tomando la serie de la demostración</translation>
        </message>
        <message>
            <source>Recording profile</source>
            <translation>Perfil de grabación</translation>
        </message>
        <message>
            <source>What this shot was recorded in:</source>
            <translation>En qué se grabó esta toma:</translation>
        </message>
    </context>
    <context>
        <name>Session</name>
        <message>
            <source>Frames are still coming into this shoot; stop that first.</source>
            <translation>Aún llegan fotogramas a este rodaje; pare eso primero.</translation>
        </message>
        <message>
            <source>Open %1</source>
            <translation>Abrir %1</translation>
        </message>
        <message>
            <source>Move %1</source>
            <translation>Mover %1</translation>
        </message>
    </context>
    <context>
        <name>refero::Session</name>
        <message>
            <source>Frames are still coming into this shoot; stop that first.</source>
            <translation>Aún llegan fotogramas a este rodaje; pare eso primero.</translation>
        </message>
        <message>
            <source>Open %1</source>
            <translation>Abrir %1</translation>
        </message>
        <message>
            <source>Move %1</source>
            <translation>Mover %1</translation>
        </message>
    </context>
    <context>
        <name>Setup</name>
        <message>
            <source>Colours lent</source>
            <translation>Colores prestados</translation>
        </message>
        <message>
            <source>Out of date: its leader has changed</source>
            <translation>Anticuada: su guía ha cambiado</translation>
        </message>
        <message>
            <source>Out of date: %1</source>
            <translation>Anticuada: %1</translation>
        </message>
    </context>
    <context>
        <name>refero::Setup</name>
        <message>
            <source>Colours lent</source>
            <translation>Colores prestados</translation>
        </message>
        <message>
            <source>Out of date: its leader has changed</source>
            <translation>Anticuada: su guía ha cambiado</translation>
        </message>
        <message>
            <source>Out of date: %1</source>
            <translation>Anticuada: %1</translation>
        </message>
    </context>
    <context>
        <name>SetupEditor</name>
        <message>
            <source>Its chart was shot like this</source>
            <translation>Su carta se tomó así</translation>
        </message>
        <message>
            <source>Where an entry was wrong and nothing was changed on the set.</source>
            <translation>Si una entrada era errónea y nada cambió en el plató.</translation>
        </message>
        <message>
            <source>Chart: %1</source>
            <translation>Carta: %1</translation>
        </message>
        <message>
            <source>Distance: %1 m</source>
            <translation>Distancia: %1 m</translation>
        </message>
        <message>
            <source>Nothing is changed since %1.</source>
            <translation>Nada ha cambiado desde %1.</translation>
        </message>
        <message>
            <source>Since %1: %2.</source>
            <translation>Desde %1: %2.</translation>
        </message>
        <message>
            <source>The first setup of its body.</source>
            <translation>El primer montaje de su cuerpo.</translation>
        </message>
        <message>
            <source>Planned %1 stops darker than the test of %2 says can be used.</source>
            <translation>Planeado %1 pasos más oscuro de lo que la prueba de %2 dice utilizable.</translation>
        </message>
        <message>
            <source>Planned %1 stops lighter than the test of %2 says can be used.</source>
            <translation>Planeado %1 pasos más claro de lo que la prueba de %2 dice utilizable.</translation>
        </message>
        <message>
            <source>No setup chosen</source>
            <translation>Ningún montaje elegido</translation>
        </message>
    </context>
    <context>
        <name>refero::SetupEditor</name>
        <message>
            <source>Its chart was shot like this</source>
            <translation>Su carta se tomó así</translation>
        </message>
        <message>
            <source>Where an entry was wrong and nothing was changed on the set.</source>
            <translation>Si una entrada era errónea y nada cambió en el plató.</translation>
        </message>
        <message>
            <source>Chart: %1</source>
            <translation>Carta: %1</translation>
        </message>
        <message>
            <source>Distance: %1 m</source>
            <translation>Distancia: %1 m</translation>
        </message>
        <message>
            <source>Nothing is changed since %1.</source>
            <translation>Nada ha cambiado desde %1.</translation>
        </message>
        <message>
            <source>Since %1: %2.</source>
            <translation>Desde %1: %2.</translation>
        </message>
        <message>
            <source>The first setup of its body.</source>
            <translation>El primer montaje de su cuerpo.</translation>
        </message>
        <message>
            <source>Planned %1 stops darker than the test of %2 says can be used.</source>
            <translation>Planeado %1 pasos más oscuro de lo que la prueba de %2 dice utilizable.</translation>
        </message>
        <message>
            <source>Planned %1 stops lighter than the test of %2 says can be used.</source>
            <translation>Planeado %1 pasos más claro de lo que la prueba de %2 dice utilizable.</translation>
        </message>
        <message>
            <source>No setup chosen</source>
            <translation>Ningún montaje elegido</translation>
        </message>
    </context>
    <context>
        <name>SetupFields</name>
        <message>
            <source>not stated</source>
            <translation>sin indicar</translation>
        </message>
        <message>
            <source>Exposure</source>
            <translation>Exposición</translation>
        </message>
    </context>
    <context>
        <name>refero::SetupFields</name>
        <message>
            <source>not stated</source>
            <translation>sin indicar</translation>
        </message>
        <message>
            <source>Exposure</source>
            <translation>Exposición</translation>
        </message>
    </context>
    <context>
        <name>SheetGroups</name>
        <message>
            <source>a camera without a name</source>
            <translation>una cámara sin nombre</translation>
        </message>
        <message>
            <source>Proposed for %1</source>
            <translation>Propuesto para %1</translation>
        </message>
        <message>
            <source>Proposed: %1</source>
            <translation>Propuesto: %1</translation>
        </message>
        <message>
            <source>A light of its own</source>
            <translation>Una luz propia</translation>
        </message>
        <message>
            <source>drop frames here</source>
            <translation>suelte fotogramas aquí</translation>
        </message>
    </context>
    <context>
        <name>refero::SheetGroups</name>
        <message>
            <source>a camera without a name</source>
            <translation>una cámara sin nombre</translation>
        </message>
        <message>
            <source>Proposed for %1</source>
            <translation>Propuesto para %1</translation>
        </message>
        <message>
            <source>Proposed: %1</source>
            <translation>Propuesto: %1</translation>
        </message>
        <message>
            <source>A light of its own</source>
            <translation>Una luz propia</translation>
        </message>
        <message>
            <source>drop frames here</source>
            <translation>suelte fotogramas aquí</translation>
        </message>
    </context>
    <context>
        <name>SingleFile</name>
        <message>
            <source>As</source>
            <translation>Como</translation>
        </message>
        <message>
            <source>What the receiver's program reads.</source>
            <translation>Lo que lee el programa del destinatario.</translation>
        </message>
        <message>
            <source>Input</source>
            <translation>Entrada</translation>
        </message>
        <message>
            <source>The encoding of the camera's picture that the file will be given.</source>
            <translation>La codificación de la imagen de cámara que recibirá el archivo.</translation>
        </message>
        <message>
            <source>Output</source>
            <translation>Salida</translation>
        </message>
        <message>
            <source>The colour space of what comes out of the LUT.</source>
            <translation>El espacio de color de lo que sale de la LUT.</translation>
        </message>
        <message>
            <source>Of</source>
            <translation>De</translation>
        </message>
        <message>
            <source>Whose correction</source>
            <translation>De quién es la corrección</translation>
        </message>
        <message>
            <source>One file for all setups of this body that were recorded alike: their chart shots are averaged, and it is said what each pays for sharing.</source>
            <translation>Un archivo para todos los montajes de este cuerpo grabados igual: sus tomas se promedian, y se dice lo que cada uno paga.</translation>
        </message>
        <message>
            <source>Base and rounded</source>
            <translation>Base y redondeado</translation>
        </message>
        <message>
            <source>Two files: one without a finish, one with the rounded one.</source>
            <translation>Dos archivos: uno sin acabado, otro con el redondeado.</translation>
        </message>
        <message>
            <source>With a card for the camera</source>
            <translation>Con una ficha para la cámara</translation>
        </message>
        <message>
            <source>A page beside the file: what to record, where mid-grey, white and skin must lie, and how far the exposure may be off.</source>
            <translation>Una página junto al archivo: qué grabar, dónde deben caer gris medio, blanco y piel, y cuánto puede desviarse la exposición.</translation>
        </message>
        <message>
            <source>This setup</source>
            <translation>Este montaje</translation>
        </message>
        <message numerus="yes">
            <source>%n setups of this body, sharing one</source>
            <translation>
                <numerusform>%n montaje de este cuerpo, compartiendo una</numerusform>
                <numerusform>%n montajes de este cuerpo, compartiendo una</numerusform>
            </translation>
        </message>
        <message>
            <source>What it holds is %1 CIEDE2000 off on average, %2 at most.</source>
            <translation>Lo que contiene se desvía %1 CIEDE2000 de media, %2 como máximo.</translation>
        </message>
        <message>
            <source>Writing, and reading it back with another engine</source>
            <translation>Escribiendo, y releyéndolo con otro motor</translation>
        </message>
        <message>
            <source>%1 written. %2 read it back: at most %3 CIEDE2000 off over %4 colours.</source>
            <translation>%1 escrito. %2 lo releyó: como máximo %3 CIEDE2000 de desvío en %4 colores.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Entregar</translation>
        </message>
    </context>
    <context>
        <name>refero::SingleFile</name>
        <message>
            <source>As</source>
            <translation>Como</translation>
        </message>
        <message>
            <source>What the receiver's program reads.</source>
            <translation>Lo que lee el programa del destinatario.</translation>
        </message>
        <message>
            <source>Input</source>
            <translation>Entrada</translation>
        </message>
        <message>
            <source>The encoding of the camera's picture that the file will be given.</source>
            <translation>La codificación de la imagen de cámara que recibirá el archivo.</translation>
        </message>
        <message>
            <source>Output</source>
            <translation>Salida</translation>
        </message>
        <message>
            <source>The colour space of what comes out of the LUT.</source>
            <translation>El espacio de color de lo que sale de la LUT.</translation>
        </message>
        <message>
            <source>Of</source>
            <translation>De</translation>
        </message>
        <message>
            <source>Whose correction</source>
            <translation>De quién es la corrección</translation>
        </message>
        <message>
            <source>One file for all setups of this body that were recorded alike: their chart shots are averaged, and it is said what each pays for sharing.</source>
            <translation>Un archivo para todos los montajes de este cuerpo grabados igual: sus tomas se promedian, y se dice lo que cada uno paga.</translation>
        </message>
        <message>
            <source>Base and rounded</source>
            <translation>Base y redondeado</translation>
        </message>
        <message>
            <source>Two files: one without a finish, one with the rounded one.</source>
            <translation>Dos archivos: uno sin acabado, otro con el redondeado.</translation>
        </message>
        <message>
            <source>With a card for the camera</source>
            <translation>Con una ficha para la cámara</translation>
        </message>
        <message>
            <source>A page beside the file: what to record, where mid-grey, white and skin must lie, and how far the exposure may be off.</source>
            <translation>Una página junto al archivo: qué grabar, dónde deben caer gris medio, blanco y piel, y cuánto puede desviarse la exposición.</translation>
        </message>
        <message>
            <source>This setup</source>
            <translation>Este montaje</translation>
        </message>
        <message numerus="yes">
            <source>%n setups of this body, sharing one</source>
            <translation>
                <numerusform>%n montaje de este cuerpo, compartiendo una</numerusform>
                <numerusform>%n montajes de este cuerpo, compartiendo una</numerusform>
            </translation>
        </message>
        <message>
            <source>What it holds is %1 CIEDE2000 off on average, %2 at most.</source>
            <translation>Lo que contiene se desvía %1 CIEDE2000 de media, %2 como máximo.</translation>
        </message>
        <message>
            <source>Writing, and reading it back with another engine</source>
            <translation>Escribiendo, y releyéndolo con otro motor</translation>
        </message>
        <message>
            <source>%1 written. %2 read it back: at most %3 CIEDE2000 off over %4 colours.</source>
            <translation>%1 escrito. %2 lo releyó: como máximo %3 CIEDE2000 de desvío en %4 colores.</translation>
        </message>
        <message>
            <source>Hand over</source>
            <translation>Entregar</translation>
        </message>
    </context>
    <context>
        <name>SnapshotsPage</name>
        <message>
            <source>Snapshots</source>
            <translation>Instantáneas</translation>
        </message>
    </context>
    <context>
        <name>refero::SnapshotsPage</name>
        <message>
            <source>Snapshots</source>
            <translation>Instantáneas</translation>
        </message>
    </context>
    <context>
        <name>StagesPage</name>
        <message>
            <source>nothing: the chart shot is used as it was shot</source>
            <translation>nada: la toma de carta se usa tal cual</translation>
        </message>
        <message>
            <source>nothing: there was nothing to mend</source>
            <translation>nada: no había nada que reparar</translation>
        </message>
        <message>
            <source>To linear light</source>
            <translation>A luz lineal</translation>
        </message>
        <message>
            <source>Light field</source>
            <translation>Campo de luz</translation>
        </message>
        <message>
            <source>Mended</source>
            <translation>Corregido</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Balance</translation>
        </message>
        <message>
            <source>Grey curves</source>
            <translation>Curvas de gris</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Colores</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Acabado</translation>
        </message>
        <message>
            <source>Built from</source>
            <translation>Construida de</translation>
        </message>
        <message>
            <source>Judged as</source>
            <translation>Juzgada como</translation>
        </message>
        <message>
            <source>The leader's look</source>
            <translation>El aspecto de la guía</translation>
        </message>
        <message>
            <source>contrast, level and cast of its picture, a curve a channel</source>
            <translation>contraste, nivel y dominante de su imagen, una curva por canal</translation>
        </message>
        <message>
            <source>none: it is seen through its correction</source>
            <translation>ninguno: se ve con su corrección</translation>
        </message>
        <message>
            <source>Goes towards</source>
            <translation>Va hacia</translation>
        </message>
        <message>
            <source>Held back</source>
            <translation>Retenido</translation>
        </message>
    </context>
    <context>
        <name>refero::StagesPage</name>
        <message>
            <source>nothing: the chart shot is used as it was shot</source>
            <translation>nada: la toma de carta se usa tal cual</translation>
        </message>
        <message>
            <source>nothing: there was nothing to mend</source>
            <translation>nada: no había nada que reparar</translation>
        </message>
        <message>
            <source>To linear light</source>
            <translation>A luz lineal</translation>
        </message>
        <message>
            <source>Light field</source>
            <translation>Campo de luz</translation>
        </message>
        <message>
            <source>Mended</source>
            <translation>Corregido</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Balance</translation>
        </message>
        <message>
            <source>Grey curves</source>
            <translation>Curvas de gris</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Colores</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Acabado</translation>
        </message>
        <message>
            <source>Built from</source>
            <translation>Construida de</translation>
        </message>
        <message>
            <source>Judged as</source>
            <translation>Juzgada como</translation>
        </message>
        <message>
            <source>The leader's look</source>
            <translation>El aspecto de la guía</translation>
        </message>
        <message>
            <source>contrast, level and cast of its picture, a curve a channel</source>
            <translation>contraste, nivel y dominante de su imagen, una curva por canal</translation>
        </message>
        <message>
            <source>none: it is seen through its correction</source>
            <translation>ninguno: se ve con su corrección</translation>
        </message>
        <message>
            <source>Goes towards</source>
            <translation>Va hacia</translation>
        </message>
        <message>
            <source>Held back</source>
            <translation>Retenido</translation>
        </message>
    </context>
    <context>
        <name>StepsPage</name>
        <message>
            <source>Step</source>
            <translation>Paso</translation>
        </message>
        <message>
            <source>In the order of the trade. A step that is not ticked is held back.</source>
            <translation>En el orden del oficio. Un paso sin marcar se retiene.</translation>
        </message>
        <message>
            <source>All</source>
            <translation>Todos</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the two cameras over the chart after this step.</source>
            <translation>CIEDE2000 medio entre las dos cámaras sobre la carta tras este paso.</translation>
        </message>
        <message>
            <source>Greys</source>
            <translation>Grises</translation>
        </message>
        <message>
            <source>The same over the greys.</source>
            <translation>Lo mismo sobre los grises.</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Piel</translation>
        </message>
        <message>
            <source>The same over skin.</source>
            <translation>Lo mismo sobre la piel.</translation>
        </message>
        <message>
            <source>Its own</source>
            <translation>Propia</translation>
        </message>
        <message>
            <source>The same over the hue that this step is for.</source>
            <translation>Lo mismo sobre el tono de este paso.</translation>
        </message>
        <message>
            <source>Steps of the match</source>
            <translation>Pasos de la igualación</translation>
        </message>
        <message>
            <source>Choose a step to see the pictures after it; untick one to hold it back.</source>
            <translation>Elija un paso para ver las imágenes tras él; desmárquelo para retenerlo.</translation>
        </message>
        <message>
            <source>Skin counts four times</source>
            <translation>La piel cuenta cuatro veces</translation>
        </message>
        <message>
            <source>as it is</source>
            <translation>tal cual</translation>
        </message>
        <message>
            <source>matched</source>
            <translation>igualada</translation>
        </message>
        <message>
            <source>after %1</source>
            <translation>tras %1</translation>
        </message>
        <message>
            <source>As they are</source>
            <translation>Tal como están</translation>
        </message>
    </context>
    <context>
        <name>refero::StepsPage</name>
        <message>
            <source>Step</source>
            <translation>Paso</translation>
        </message>
        <message>
            <source>In the order of the trade. A step that is not ticked is held back.</source>
            <translation>En el orden del oficio. Un paso sin marcar se retiene.</translation>
        </message>
        <message>
            <source>All</source>
            <translation>Todos</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 between the two cameras over the chart after this step.</source>
            <translation>CIEDE2000 medio entre las dos cámaras sobre la carta tras este paso.</translation>
        </message>
        <message>
            <source>Greys</source>
            <translation>Grises</translation>
        </message>
        <message>
            <source>The same over the greys.</source>
            <translation>Lo mismo sobre los grises.</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Piel</translation>
        </message>
        <message>
            <source>The same over skin.</source>
            <translation>Lo mismo sobre la piel.</translation>
        </message>
        <message>
            <source>Its own</source>
            <translation>Propia</translation>
        </message>
        <message>
            <source>The same over the hue that this step is for.</source>
            <translation>Lo mismo sobre el tono de este paso.</translation>
        </message>
        <message>
            <source>Steps of the match</source>
            <translation>Pasos de la igualación</translation>
        </message>
        <message>
            <source>Choose a step to see the pictures after it; untick one to hold it back.</source>
            <translation>Elija un paso para ver las imágenes tras él; desmárquelo para retenerlo.</translation>
        </message>
        <message>
            <source>Skin counts four times</source>
            <translation>La piel cuenta cuatro veces</translation>
        </message>
        <message>
            <source>as it is</source>
            <translation>tal cual</translation>
        </message>
        <message>
            <source>matched</source>
            <translation>igualada</translation>
        </message>
        <message>
            <source>after %1</source>
            <translation>tras %1</translation>
        </message>
        <message>
            <source>As they are</source>
            <translation>Tal como están</translation>
        </message>
    </context>
    <context>
        <name>StudioMenu</name>
        <message>
            <source>%1, in %2</source>
            <comment>a file and its folder</comment>
            <translation>%1, en %2</translation>
        </message>
        <message>
            <source>Opening %1</source>
            <translation>Abriendo %1</translation>
        </message>
        <message>
            <source>Open a studio</source>
            <translation>Abrir un estudio</translation>
        </message>
        <message>
            <source>Begin a new studio</source>
            <translation>Empezar un estudio nuevo</translation>
        </message>
        <message>
            <source>Save a copy</source>
            <translation>Guardar una copia</translation>
        </message>
        <message>
            <source>Copied to</source>
            <translation>Copiado a</translation>
        </message>
        <message>
            <source>There is no setup in this shoot yet, so there is nothing to print.</source>
            <translation>Aún no hay montaje en este rodaje, nada que imprimir.</translation>
        </message>
        <message>
            <source>Call sheet and slates</source>
            <translation>Orden de rodaje y claquetas</translation>
        </message>
        <message>
            <source>PDF (*.pdf)</source>
            <translation>PDF (*.pdf)</translation>
        </message>
        <message>
            <source>Call sheet written:</source>
            <translation>Orden de rodaje escrita:</translation>
        </message>
        <message>
            <source>Export all as JSON</source>
            <translation>Exportar todo como JSON</translation>
        </message>
        <message>
            <source>Exported to</source>
            <translation>Exportado a</translation>
        </message>
        <message>
            <source>Make a studio of exported JSON</source>
            <translation>Hacer un estudio de un JSON exportado</translation>
        </message>
        <message>
            <source>Where the studio shall be</source>
            <translation>Dónde estará el estudio</translation>
        </message>
    </context>
    <context>
        <name>refero::StudioMenu</name>
        <message>
            <source>%1, in %2</source>
            <comment>a file and its folder</comment>
            <translation>%1, en %2</translation>
        </message>
        <message>
            <source>Opening %1</source>
            <translation>Abriendo %1</translation>
        </message>
        <message>
            <source>Open a studio</source>
            <translation>Abrir un estudio</translation>
        </message>
        <message>
            <source>Begin a new studio</source>
            <translation>Empezar un estudio nuevo</translation>
        </message>
        <message>
            <source>Save a copy</source>
            <translation>Guardar una copia</translation>
        </message>
        <message>
            <source>Copied to</source>
            <translation>Copiado a</translation>
        </message>
        <message>
            <source>There is no setup in this shoot yet, so there is nothing to print.</source>
            <translation>Aún no hay montaje en este rodaje, nada que imprimir.</translation>
        </message>
        <message>
            <source>Call sheet and slates</source>
            <translation>Orden de rodaje y claquetas</translation>
        </message>
        <message>
            <source>PDF (*.pdf)</source>
            <translation>PDF (*.pdf)</translation>
        </message>
        <message>
            <source>Call sheet written:</source>
            <translation>Orden de rodaje escrita:</translation>
        </message>
        <message>
            <source>Export all as JSON</source>
            <translation>Exportar todo como JSON</translation>
        </message>
        <message>
            <source>Exported to</source>
            <translation>Exportado a</translation>
        </message>
        <message>
            <source>Make a studio of exported JSON</source>
            <translation>Hacer un estudio de un JSON exportado</translation>
        </message>
        <message>
            <source>Where the studio shall be</source>
            <translation>Dónde estará el estudio</translation>
        </message>
    </context>
    <context>
        <name>SunStrip</name>
        <message>
            <source>The sun's height over the day</source>
            <translation>La altura del sol durante el día</translation>
        </message>
        <message>
            <source>Height of the sun</source>
            <translation>Altura del sol</translation>
        </message>
        <message>
            <source>The sun is highest at %1, %2 degrees.</source>
            <translation>El sol está más alto a las %1, %2 grados.</translation>
        </message>
        <message>
            <source>A chart shot at %1 holds until %2.</source>
            <translation>Una toma de carta a las %1 vale hasta las %2.</translation>
        </message>
    </context>
    <context>
        <name>refero::SunStrip</name>
        <message>
            <source>The sun's height over the day</source>
            <translation>La altura del sol durante el día</translation>
        </message>
        <message>
            <source>Height of the sun</source>
            <translation>Altura del sol</translation>
        </message>
        <message>
            <source>The sun is highest at %1, %2 degrees.</source>
            <translation>El sol está más alto a las %1, %2 grados.</translation>
        </message>
        <message>
            <source>A chart shot at %1 holds until %2.</source>
            <translation>Una toma de carta a las %1 vale hasta las %2.</translation>
        </message>
    </context>
    <context>
        <name>TopBar</name>
        <message>
            <source>Find and do</source>
            <translation>Buscar y hacer</translation>
        </message>
        <message>
            <source>Find and do anything by its name (Ctrl+K)</source>
            <translation>Buscar y hacer todo por su nombre (Ctrl+K)</translation>
        </message>
        <message>
            <source>Import frames (Ctrl+O)</source>
            <translation>Importar fotogramas (Ctrl+O)</translation>
        </message>
        <message>
            <source>Undo (Ctrl+Z)</source>
            <translation>Deshacer (Ctrl+Z)</translation>
        </message>
        <message>
            <source>Redo (Ctrl+Shift+Z)</source>
            <translation>Rehacer (Ctrl+Mayús+Z)</translation>
        </message>
        <message>
            <source>All steps, by name</source>
            <translation>Todos los pasos, por nombre</translation>
        </message>
        <message>
            <source>Undo: %1 (Ctrl+Z)</source>
            <translation>Deshacer: %1 (Ctrl+Z)</translation>
        </message>
        <message>
            <source>Nothing to undo</source>
            <translation>Nada que deshacer</translation>
        </message>
        <message>
            <source>Redo: %1 (Ctrl+Shift+Z)</source>
            <translation>Rehacer: %1 (Ctrl+Mayús+Z)</translation>
        </message>
        <message>
            <source>Nothing to redo</source>
            <translation>Nada que rehacer</translation>
        </message>
        <message>
            <source>Dim or booth surround (Ctrl+B)</source>
            <translation>Entorno tenue o de cabina (Ctrl+B)</translation>
        </message>
        <message>
            <source>Nothing but the picture (F11)</source>
            <translation>Nada más que la imagen (F11)</translation>
        </message>
        <message>
            <source>Menu: studios, steps, pages, help (F10)</source>
            <translation>Menú: estudios, pasos, páginas, ayuda (F10)</translation>
        </message>
        <message>
            <source>Find  Ctrl+K</source>
            <translation>Buscar  Ctrl+K</translation>
        </message>
        <message>
            <source>Beginning</source>
            <translation>Comienzo</translation>
        </message>
    </context>
    <context>
        <name>refero::TopBar</name>
        <message>
            <source>Find and do</source>
            <translation>Buscar y hacer</translation>
        </message>
        <message>
            <source>Find and do anything by its name (Ctrl+K)</source>
            <translation>Buscar y hacer todo por su nombre (Ctrl+K)</translation>
        </message>
        <message>
            <source>Import frames (Ctrl+O)</source>
            <translation>Importar fotogramas (Ctrl+O)</translation>
        </message>
        <message>
            <source>Undo (Ctrl+Z)</source>
            <translation>Deshacer (Ctrl+Z)</translation>
        </message>
        <message>
            <source>Redo (Ctrl+Shift+Z)</source>
            <translation>Rehacer (Ctrl+Mayús+Z)</translation>
        </message>
        <message>
            <source>All steps, by name</source>
            <translation>Todos los pasos, por nombre</translation>
        </message>
        <message>
            <source>Undo: %1 (Ctrl+Z)</source>
            <translation>Deshacer: %1 (Ctrl+Z)</translation>
        </message>
        <message>
            <source>Nothing to undo</source>
            <translation>Nada que deshacer</translation>
        </message>
        <message>
            <source>Redo: %1 (Ctrl+Shift+Z)</source>
            <translation>Rehacer: %1 (Ctrl+Mayús+Z)</translation>
        </message>
        <message>
            <source>Nothing to redo</source>
            <translation>Nada que rehacer</translation>
        </message>
        <message>
            <source>Dim or booth surround (Ctrl+B)</source>
            <translation>Entorno tenue o de cabina (Ctrl+B)</translation>
        </message>
        <message>
            <source>Nothing but the picture (F11)</source>
            <translation>Nada más que la imagen (F11)</translation>
        </message>
        <message>
            <source>Menu: studios, steps, pages, help (F10)</source>
            <translation>Menú: estudios, pasos, páginas, ayuda (F10)</translation>
        </message>
        <message>
            <source>Find  Ctrl+K</source>
            <translation>Buscar  Ctrl+K</translation>
        </message>
        <message>
            <source>Beginning</source>
            <translation>Comienzo</translation>
        </message>
    </context>
    <context>
        <name>TransformTable</name>
        <message>
            <source>reverses</source>
            <translation>invierte</translation>
        </message>
        <message>
            <source>bands</source>
            <translation>escalones</translation>
        </message>
        <message>
            <source>merges</source>
            <translation>funde</translation>
        </message>
        <message>
            <source>cuts</source>
            <translation>corta</translation>
        </message>
        <message>
            <source>none</source>
            <translation>ninguno</translation>
        </message>
        <message>
            <source>Being tried</source>
            <translation>Probándose</translation>
        </message>
        <message>
            <source>Transform</source>
            <translation>Transformación</translation>
        </message>
        <message>
            <source>What it is</source>
            <translation>Qué es</translation>
        </message>
        <message>
            <source>Error</source>
            <translation>Error</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 to the reference values at the exposure that it expects.</source>
            <translation>CIEDE2000 medio a la referencia a la exposición que espera.</translation>
        </message>
        <message>
            <source>Expects</source>
            <translation>Espera</translation>
        </message>
        <message>
            <source>Stops more than the chart shot has.</source>
            <translation>Pasos más que la toma de carta.</translation>
        </message>
        <message>
            <source>Cast</source>
            <translation>Dominante</translation>
        </message>
        <message>
            <source>CIEDE2000 of the grey that is furthest from grey.</source>
            <translation>CIEDE2000 del gris más lejano del gris.</translation>
        </message>
        <message>
            <source>Hue</source>
            <translation>Tono</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 of the hue that is furthest off.</source>
            <translation>CIEDE2000 medio del tono más desviado.</translation>
        </message>
        <message>
            <source>Noise</source>
            <translation>Ruido</translation>
        </message>
        <message>
            <source>Chroma noise of one pixel, a* and b*.</source>
            <translation>Ruido de croma de un píxel, a* y b*.</translation>
        </message>
        <message>
            <source>Flaws</source>
            <translation>Defectos</translation>
        </message>
        <message>
            <source>Whether it turns colours over, makes steps, merges near colours, or cuts colours off.</source>
            <translation>Si invierte colores, hace escalones, funde colores próximos o los corta.</translation>
        </message>
        <message>
            <source>Transforms</source>
            <translation>Transformaciones</translation>
        </message>
        <message>
            <source>A click on a heading sorts by it.</source>
            <translation>Un clic en un título ordena por él.</translation>
        </message>
    </context>
    <context>
        <name>refero::TransformTable</name>
        <message>
            <source>reverses</source>
            <translation>invierte</translation>
        </message>
        <message>
            <source>bands</source>
            <translation>escalones</translation>
        </message>
        <message>
            <source>merges</source>
            <translation>funde</translation>
        </message>
        <message>
            <source>cuts</source>
            <translation>corta</translation>
        </message>
        <message>
            <source>none</source>
            <translation>ninguno</translation>
        </message>
        <message>
            <source>Being tried</source>
            <translation>Probándose</translation>
        </message>
        <message>
            <source>Transform</source>
            <translation>Transformación</translation>
        </message>
        <message>
            <source>What it is</source>
            <translation>Qué es</translation>
        </message>
        <message>
            <source>Error</source>
            <translation>Error</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 to the reference values at the exposure that it expects.</source>
            <translation>CIEDE2000 medio a la referencia a la exposición que espera.</translation>
        </message>
        <message>
            <source>Expects</source>
            <translation>Espera</translation>
        </message>
        <message>
            <source>Stops more than the chart shot has.</source>
            <translation>Pasos más que la toma de carta.</translation>
        </message>
        <message>
            <source>Cast</source>
            <translation>Dominante</translation>
        </message>
        <message>
            <source>CIEDE2000 of the grey that is furthest from grey.</source>
            <translation>CIEDE2000 del gris más lejano del gris.</translation>
        </message>
        <message>
            <source>Hue</source>
            <translation>Tono</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 of the hue that is furthest off.</source>
            <translation>CIEDE2000 medio del tono más desviado.</translation>
        </message>
        <message>
            <source>Noise</source>
            <translation>Ruido</translation>
        </message>
        <message>
            <source>Chroma noise of one pixel, a* and b*.</source>
            <translation>Ruido de croma de un píxel, a* y b*.</translation>
        </message>
        <message>
            <source>Flaws</source>
            <translation>Defectos</translation>
        </message>
        <message>
            <source>Whether it turns colours over, makes steps, merges near colours, or cuts colours off.</source>
            <translation>Si invierte colores, hace escalones, funde colores próximos o los corta.</translation>
        </message>
        <message>
            <source>Transforms</source>
            <translation>Transformaciones</translation>
        </message>
        <message>
            <source>A click on a heading sorts by it.</source>
            <translation>Un clic en un título ordena por él.</translation>
        </message>
    </context>
    <context>
        <name>TransformsPage</name>
        <message>
            <source>A picture of the setup through two transforms</source>
            <translation>Una imagen del montaje con dos transformaciones</translation>
        </message>
        <message>
            <source>Add a transform</source>
            <translation>Añadir una transformación</translation>
        </message>
        <message>
            <source>A .cube, .clf, .icc, .dcp, .cdl, an OpenColorIO configuration or a correction. They can also be dropped here.</source>
            <translation>Un .cube, .clf, .icc, .dcp, .cdl, una configuración OpenColorIO o una corrección. También se pueden soltar aquí.</translation>
        </message>
        <message>
            <source>Somebody's transform</source>
            <translation>Transformación ajena</translation>
        </message>
        <message>
            <source>Transforms (*.cube *.clf *.ctf *.icc *.icm *.dcp *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</source>
            <translation>Transformaciones (*.cube *.clf *.ctf *.icc *.icm *.dcp *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</translation>
        </message>
        <message>
            <source>Ours</source>
            <translation>Las nuestras</translation>
        </message>
        <message>
            <source>This setup's correction and its snapshots, to be held against the others.</source>
            <translation>La corrección de este montaje y sus instantáneas, comparadas con las otras.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Quitar</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Imagen</translation>
        </message>
        <message>
            <source>Any picture of the setup.</source>
            <translation>Cualquier imagen del montaje.</translation>
        </message>
        <message>
            <source>Against</source>
            <translation>Contra</translation>
        </message>
        <message>
            <source>What the chosen one is held against.</source>
            <translation>Con qué se compara la elegida.</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Vista</translation>
        </message>
        <message>
            <source>How the two share the view.</source>
            <translation>Cómo comparten la vista.</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Cortinilla</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Ajedrez</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Lado a lado</translation>
        </message>
        <message>
            <source>Chosen alone</source>
            <translation>Solo la elegida</translation>
        </message>
        <message>
            <source>Fed</source>
            <translation>Alimentada</translation>
        </message>
        <message>
            <source>As its file says, or as the patches tell</source>
            <translation>Como dice su archivo, o como dicen los parches</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Balance</translation>
        </message>
        <message>
            <source>As the patches tell</source>
            <translation>Como dicen los parches</translation>
        </message>
        <message>
            <source>Numbers as recorded</source>
            <translation>Números como se grabaron</translation>
        </message>
        <message>
            <source>Balanced numbers</source>
            <translation>Números equilibrados</translation>
        </message>
        <message>
            <source>Gives</source>
            <translation>Da</translation>
        </message>
        <message>
            <source>Try three made-up ones</source>
            <translation>Probar tres inventadas</translation>
        </message>
        <message>
            <source>A look, a LUT that expects a stop more, and one of few numbers, made for this camera.</source>
            <translation>Un look, una LUT que espera un paso más y una de pocos números, hechas para esta cámara.</translation>
        </message>
        <message>
            <source>What is told of the transform</source>
            <translation>Lo que se dice de la transformación</translation>
        </message>
        <message>
            <source>What it does</source>
            <translation>Lo que hace</translation>
        </message>
        <message>
            <source>Patch</source>
            <translation>Parche</translation>
        </message>
        <message>
            <source>The farthest from its reference first.</source>
            <translation>Primero los más lejanos de su referencia.</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Tal cual</translation>
        </message>
        <message>
            <source>CIEDE2000 to the reference.</source>
            <translation>CIEDE2000 a la referencia.</translation>
        </message>
        <message>
            <source>Levelled</source>
            <translation>Nivelado</translation>
        </message>
        <message>
            <source>The same at the exposure that it expects.</source>
            <translation>Lo mismo a la exposición que espera.</translation>
        </message>
        <message>
            <source>Noise</source>
            <translation>Ruido</translation>
        </message>
        <message>
            <source>Chroma noise of one pixel, a* and b*.</source>
            <translation>Ruido de croma de un píxel, a* y b*.</translation>
        </message>
        <message>
            <source>Patches through the transform</source>
            <translation>Parches con la transformación</translation>
        </message>
        <message>
            <source>Patch by patch</source>
            <translation>Parche a parche</translation>
        </message>
        <message>
            <source>Each grey of the chart at the exposure that the transform expects: how much lighter or darker than its reference it is shown. A slope is contrast.</source>
            <translation>Cada gris de la carta a la exposición que la transformación espera: cuánto más claro u oscuro que su referencia se muestra. Una pendiente es contraste.</translation>
        </message>
        <message>
            <source>Hues through the transform</source>
            <translation>Tonos con la transformación</translation>
        </message>
        <message>
            <source>Ring: where a patch belongs. Thin line: from where the transform shows it as it is. Dot: at the exposure that it expects.</source>
            <translation>Aro: donde va un parche. Línea fina: desde donde la transformación lo muestra tal cual. Punto: a la exposición que espera.</translation>
        </message>
        <message>
            <source>Greys and hues</source>
            <translation>Grises y tonos</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Medidores de ambas</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <comment>patch, its role</comment>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Clipped or left out in the shot.</source>
            <translation>Recortado u omitido en la toma.</translation>
        </message>
        <message>
            <source>At the exposure that it expects this lies past the end of what it is fed.</source>
            <translation>A la exposición que espera, esto queda más allá de lo que recibe.</translation>
        </message>
        <message>
            <source>A channel ends here.</source>
            <translation>Aquí acaba un canal.</translation>
        </message>
        <message>
            <source>Reference</source>
            <translation>Referencia</translation>
        </message>
        <message>
            <source>Correction of %1</source>
            <translation>Corrección de %1</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <comment>a snapshot, its setup</comment>
            <translation>%1 de %2</translation>
        </message>
        <message>
            <source>This setup has no correction yet</source>
            <translation>Este montaje aún no tiene corrección</translation>
        </message>
        <message>
            <source>The chart shot</source>
            <translation>La toma de carta</translation>
        </message>
        <message>
            <source>No chart shot to try them on</source>
            <translation>Sin toma de carta con que probarlas</translation>
        </message>
        <message>
            <source>Choose a setup at the left whose chart is read. Then drop the transforms here that you use or were given, and see what each does to its colours.</source>
            <translation>Elija a la izquierda un montaje con la carta leída. Luego suelte aquí las transformaciones que usa o recibió, y vea qué hace cada una con sus colores.</translation>
        </message>
        <message>
            <source>Being tried</source>
            <translation>Probándose</translation>
        </message>
        <message>
            <source>It cannot be tried</source>
            <translation>No se puede probar</translation>
        </message>
    </context>
    <context>
        <name>refero::TransformsPage</name>
        <message>
            <source>A picture of the setup through two transforms</source>
            <translation>Una imagen del montaje con dos transformaciones</translation>
        </message>
        <message>
            <source>Add a transform</source>
            <translation>Añadir una transformación</translation>
        </message>
        <message>
            <source>A .cube, .clf, .icc, .dcp, .cdl, an OpenColorIO configuration or a correction. They can also be dropped here.</source>
            <translation>Un .cube, .clf, .icc, .dcp, .cdl, una configuración OpenColorIO o una corrección. También se pueden soltar aquí.</translation>
        </message>
        <message>
            <source>Somebody's transform</source>
            <translation>Transformación ajena</translation>
        </message>
        <message>
            <source>Transforms (*.cube *.clf *.ctf *.icc *.icm *.dcp *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</source>
            <translation>Transformaciones (*.cube *.clf *.ctf *.icc *.icm *.dcp *.cdl *.cc *.ccc *.ocio *.3dl *.spi1d *.spi3d *.json)</translation>
        </message>
        <message>
            <source>Ours</source>
            <translation>Las nuestras</translation>
        </message>
        <message>
            <source>This setup's correction and its snapshots, to be held against the others.</source>
            <translation>La corrección de este montaje y sus instantáneas, comparadas con las otras.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Quitar</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Imagen</translation>
        </message>
        <message>
            <source>Any picture of the setup.</source>
            <translation>Cualquier imagen del montaje.</translation>
        </message>
        <message>
            <source>Against</source>
            <translation>Contra</translation>
        </message>
        <message>
            <source>What the chosen one is held against.</source>
            <translation>Con qué se compara la elegida.</translation>
        </message>
        <message>
            <source>View</source>
            <translation>Vista</translation>
        </message>
        <message>
            <source>How the two share the view.</source>
            <translation>Cómo comparten la vista.</translation>
        </message>
        <message>
            <source>Wipe</source>
            <translation>Cortinilla</translation>
        </message>
        <message>
            <source>Checker</source>
            <translation>Ajedrez</translation>
        </message>
        <message>
            <source>Side by side</source>
            <translation>Lado a lado</translation>
        </message>
        <message>
            <source>Chosen alone</source>
            <translation>Solo la elegida</translation>
        </message>
        <message>
            <source>Fed</source>
            <translation>Alimentada</translation>
        </message>
        <message>
            <source>As its file says, or as the patches tell</source>
            <translation>Como dice su archivo, o como dicen los parches</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Balance</translation>
        </message>
        <message>
            <source>As the patches tell</source>
            <translation>Como dicen los parches</translation>
        </message>
        <message>
            <source>Numbers as recorded</source>
            <translation>Números como se grabaron</translation>
        </message>
        <message>
            <source>Balanced numbers</source>
            <translation>Números equilibrados</translation>
        </message>
        <message>
            <source>Gives</source>
            <translation>Da</translation>
        </message>
        <message>
            <source>Try three made-up ones</source>
            <translation>Probar tres inventadas</translation>
        </message>
        <message>
            <source>A look, a LUT that expects a stop more, and one of few numbers, made for this camera.</source>
            <translation>Un look, una LUT que espera un paso más y una de pocos números, hechas para esta cámara.</translation>
        </message>
        <message>
            <source>What is told of the transform</source>
            <translation>Lo que se dice de la transformación</translation>
        </message>
        <message>
            <source>What it does</source>
            <translation>Lo que hace</translation>
        </message>
        <message>
            <source>Patch</source>
            <translation>Parche</translation>
        </message>
        <message>
            <source>The farthest from its reference first.</source>
            <translation>Primero los más lejanos de su referencia.</translation>
        </message>
        <message>
            <source>As it is</source>
            <translation>Tal cual</translation>
        </message>
        <message>
            <source>CIEDE2000 to the reference.</source>
            <translation>CIEDE2000 a la referencia.</translation>
        </message>
        <message>
            <source>Levelled</source>
            <translation>Nivelado</translation>
        </message>
        <message>
            <source>The same at the exposure that it expects.</source>
            <translation>Lo mismo a la exposición que espera.</translation>
        </message>
        <message>
            <source>Noise</source>
            <translation>Ruido</translation>
        </message>
        <message>
            <source>Chroma noise of one pixel, a* and b*.</source>
            <translation>Ruido de croma de un píxel, a* y b*.</translation>
        </message>
        <message>
            <source>Patches through the transform</source>
            <translation>Parches con la transformación</translation>
        </message>
        <message>
            <source>Patch by patch</source>
            <translation>Parche a parche</translation>
        </message>
        <message>
            <source>Each grey of the chart at the exposure that the transform expects: how much lighter or darker than its reference it is shown. A slope is contrast.</source>
            <translation>Cada gris de la carta a la exposición que la transformación espera: cuánto más claro u oscuro que su referencia se muestra. Una pendiente es contraste.</translation>
        </message>
        <message>
            <source>Hues through the transform</source>
            <translation>Tonos con la transformación</translation>
        </message>
        <message>
            <source>Ring: where a patch belongs. Thin line: from where the transform shows it as it is. Dot: at the exposure that it expects.</source>
            <translation>Aro: donde va un parche. Línea fina: desde donde la transformación lo muestra tal cual. Punto: a la exposición que espera.</translation>
        </message>
        <message>
            <source>Greys and hues</source>
            <translation>Grises y tonos</translation>
        </message>
        <message>
            <source>Scopes of both</source>
            <translation>Medidores de ambas</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <comment>patch, its role</comment>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>Clipped or left out in the shot.</source>
            <translation>Recortado u omitido en la toma.</translation>
        </message>
        <message>
            <source>At the exposure that it expects this lies past the end of what it is fed.</source>
            <translation>A la exposición que espera, esto queda más allá de lo que recibe.</translation>
        </message>
        <message>
            <source>A channel ends here.</source>
            <translation>Aquí acaba un canal.</translation>
        </message>
        <message>
            <source>Reference</source>
            <translation>Referencia</translation>
        </message>
        <message>
            <source>Correction of %1</source>
            <translation>Corrección de %1</translation>
        </message>
        <message>
            <source>%1 of %2</source>
            <comment>a snapshot, its setup</comment>
            <translation>%1 de %2</translation>
        </message>
        <message>
            <source>This setup has no correction yet</source>
            <translation>Este montaje aún no tiene corrección</translation>
        </message>
        <message>
            <source>The chart shot</source>
            <translation>La toma de carta</translation>
        </message>
        <message>
            <source>No chart shot to try them on</source>
            <translation>Sin toma de carta con que probarlas</translation>
        </message>
        <message>
            <source>Choose a setup at the left whose chart is read. Then drop the transforms here that you use or were given, and see what each does to its colours.</source>
            <translation>Elija a la izquierda un montaje con la carta leída. Luego suelte aquí las transformaciones que usa o recibió, y vea qué hace cada una con sus colores.</translation>
        </message>
        <message>
            <source>Being tried</source>
            <translation>Probándose</translation>
        </message>
        <message>
            <source>It cannot be tried</source>
            <translation>No se puede probar</translation>
        </message>
    </context>
    <context>
        <name>TruthPage</name>
        <message>
            <source>Greys</source>
            <translation>Grises</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Piel</translation>
        </message>
        <message>
            <source>leader</source>
            <translation>guía</translation>
        </message>
        <message>
            <source>follower</source>
            <translation>la que sigue</translation>
        </message>
        <message>
            <source>not told</source>
            <translation>no se dice</translation>
        </message>
        <message>
            <source>%1 to %2</source>
            <translation>%1 a %2</translation>
        </message>
        <message>
            <source>%1 and %2 (%3, should be %4)</source>
            <translation>%1 y %2 (%3, debería ser %4)</translation>
        </message>
        <message>
            <source>%1 tells all near colours apart.</source>
            <translation>%1 distingue todos los colores próximos.</translation>
        </message>
        <message>
            <source>%1 merges %2.</source>
            <translation>%1 funde %2.</translation>
        </message>
        <message>
            <source>Its greys %1 and %2 lose their step.</source>
            <translation>Sus grises %1 y %2 pierden su escalón.</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Colores</translation>
        </message>
        <message>
            <source>Leader</source>
            <translation>Guía</translation>
        </message>
        <message>
            <source>Follower</source>
            <translation>La que sigue</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>Diferencia</translation>
        </message>
        <message>
            <source>95 % interval of the leader's less the follower's difference.</source>
            <translation>Intervalo del 95 % de la diferencia de la guía menos la de la que sigue.</translation>
        </message>
        <message>
            <source>Nearer</source>
            <translation>Más cerca</translation>
        </message>
        <message>
            <source>Told only where the interval leaves out 0.</source>
            <translation>Se dice solo donde el intervalo excluye 0.</translation>
        </message>
        <message>
            <source>Who is nearer to the reference</source>
            <translation>Quién está más cerca de la referencia</translation>
        </message>
        <message>
            <source>After the match %1</source>
            <translation>Tras igualar %1</translation>
        </message>
    </context>
    <context>
        <name>refero::TruthPage</name>
        <message>
            <source>Greys</source>
            <translation>Grises</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Piel</translation>
        </message>
        <message>
            <source>leader</source>
            <translation>guía</translation>
        </message>
        <message>
            <source>follower</source>
            <translation>la que sigue</translation>
        </message>
        <message>
            <source>not told</source>
            <translation>no se dice</translation>
        </message>
        <message>
            <source>%1 to %2</source>
            <translation>%1 a %2</translation>
        </message>
        <message>
            <source>%1 and %2 (%3, should be %4)</source>
            <translation>%1 y %2 (%3, debería ser %4)</translation>
        </message>
        <message>
            <source>%1 tells all near colours apart.</source>
            <translation>%1 distingue todos los colores próximos.</translation>
        </message>
        <message>
            <source>%1 merges %2.</source>
            <translation>%1 funde %2.</translation>
        </message>
        <message>
            <source>Its greys %1 and %2 lose their step.</source>
            <translation>Sus grises %1 y %2 pierden su escalón.</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Colores</translation>
        </message>
        <message>
            <source>Leader</source>
            <translation>Guía</translation>
        </message>
        <message>
            <source>Follower</source>
            <translation>La que sigue</translation>
        </message>
        <message>
            <source>Difference</source>
            <translation>Diferencia</translation>
        </message>
        <message>
            <source>95 % interval of the leader's less the follower's difference.</source>
            <translation>Intervalo del 95 % de la diferencia de la guía menos la de la que sigue.</translation>
        </message>
        <message>
            <source>Nearer</source>
            <translation>Más cerca</translation>
        </message>
        <message>
            <source>Told only where the interval leaves out 0.</source>
            <translation>Se dice solo donde el intervalo excluye 0.</translation>
        </message>
        <message>
            <source>Who is nearer to the reference</source>
            <translation>Quién está más cerca de la referencia</translation>
        </message>
        <message>
            <source>After the match %1</source>
            <translation>Tras igualar %1</translation>
        </message>
    </context>
    <context>
        <name>UnknownChart</name>
        <message>
            <source>Chart data, pasted</source>
            <translation>Datos de carta, pegados</translation>
        </message>
        <message>
            <source>Paste its table here: a line of names, then Lab, XYZ or spectra</source>
            <translation>Pegue aquí su tabla: una línea de nombres, luego Lab, XYZ o espectros</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nombre</translation>
        </message>
        <message>
            <source>What the chart is called.</source>
            <translation>Cómo se llama la carta.</translation>
        </message>
        <message>
            <source>as its data</source>
            <translation>como sus datos</translation>
        </message>
        <message>
            <source>Longer side</source>
            <translation>Lado mayor</translation>
        </message>
        <message>
            <source>Of the chart's patches with their margin; only the plan needs it.</source>
            <translation>De los parches con su margen; solo lo necesita el plan.</translation>
        </message>
        <message>
            <source>not known</source>
            <translation>no se conoce</translation>
        </message>
        <message>
            <source>Take the pasted table</source>
            <translation>Tomar la tabla pegada</translation>
        </message>
        <message>
            <source>Keep its layout for now</source>
            <translation>Guardar por ahora su disposición</translation>
        </message>
        <message>
            <source>It is found in other frames from now on; corrections need its data, which can be given later.</source>
            <translation>Desde ahora se halla en otros fotogramas; las correcciones necesitan sus datos, que se pueden dar después.</translation>
        </message>
        <message>
            <source>Set corners by hand</source>
            <translation>Poner las esquinas a mano</translation>
        </message>
        <message>
            <source>It is a chart that Refero knows: lay its outline over the frame.</source>
            <translation>Es una carta que Refero conoce: ponga su contorno sobre el fotograma.</translation>
        </message>
        <message>
            <source>the pasted text</source>
            <translation>el texto pegado</translation>
        </message>
        <message>
            <source>My chart</source>
            <translation>Mi carta</translation>
        </message>
        <message>
            <source>A chart's longer side can be %1 to %2 mm.</source>
            <translation>El lado mayor de una carta va de %1 a %2 mm.</translation>
        </message>
        <message>
            <source>Open the chart's data</source>
            <translation>Abrir los datos de la carta</translation>
        </message>
    </context>
    <context>
        <name>refero::UnknownChart</name>
        <message>
            <source>Chart data, pasted</source>
            <translation>Datos de carta, pegados</translation>
        </message>
        <message>
            <source>Paste its table here: a line of names, then Lab, XYZ or spectra</source>
            <translation>Pegue aquí su tabla: una línea de nombres, luego Lab, XYZ o espectros</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nombre</translation>
        </message>
        <message>
            <source>What the chart is called.</source>
            <translation>Cómo se llama la carta.</translation>
        </message>
        <message>
            <source>as its data</source>
            <translation>como sus datos</translation>
        </message>
        <message>
            <source>Longer side</source>
            <translation>Lado mayor</translation>
        </message>
        <message>
            <source>Of the chart's patches with their margin; only the plan needs it.</source>
            <translation>De los parches con su margen; solo lo necesita el plan.</translation>
        </message>
        <message>
            <source>not known</source>
            <translation>no se conoce</translation>
        </message>
        <message>
            <source>Take the pasted table</source>
            <translation>Tomar la tabla pegada</translation>
        </message>
        <message>
            <source>Keep its layout for now</source>
            <translation>Guardar por ahora su disposición</translation>
        </message>
        <message>
            <source>It is found in other frames from now on; corrections need its data, which can be given later.</source>
            <translation>Desde ahora se halla en otros fotogramas; las correcciones necesitan sus datos, que se pueden dar después.</translation>
        </message>
        <message>
            <source>Set corners by hand</source>
            <translation>Poner las esquinas a mano</translation>
        </message>
        <message>
            <source>It is a chart that Refero knows: lay its outline over the frame.</source>
            <translation>Es una carta que Refero conoce: ponga su contorno sobre el fotograma.</translation>
        </message>
        <message>
            <source>the pasted text</source>
            <translation>el texto pegado</translation>
        </message>
        <message>
            <source>My chart</source>
            <translation>Mi carta</translation>
        </message>
        <message>
            <source>A chart's longer side can be %1 to %2 mm.</source>
            <translation>El lado mayor de una carta va de %1 a %2 mm.</translation>
        </message>
        <message>
            <source>Open the chart's data</source>
            <translation>Abrir los datos de la carta</translation>
        </message>
    </context>
    <context>
        <name>UnknownCharts</name>
        <message>
            <source>%1 shows a chart</source>
            <translation>%1 muestra una carta</translation>
        </message>
        <message>
            <source>A chart that was learned is in it</source>
            <translation>Hay en él una carta aprendida</translation>
        </message>
    </context>
    <context>
        <name>refero::UnknownCharts</name>
        <message>
            <source>%1 shows a chart</source>
            <translation>%1 muestra una carta</translation>
        </message>
        <message>
            <source>A chart that was learned is in it</source>
            <translation>Hay en él una carta aprendida</translation>
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
            <translation>Ningún archivo lo dice; se pregunta una vez para todos los fotogramas</translation>
        </message>
        <message>
            <source>An unnamed camera</source>
            <translation>Una cámara sin nombre</translation>
        </message>
        <message numerus="yes">
            <source>%n frame(s) name no camera. Which one shot them?</source>
            <translation>
                <numerusform>%n fotograma no nombra cámara. ¿Cuál lo tomó?</numerusform>
                <numerusform>%n fotogramas no nombran cámara. ¿Cuál los tomó?</numerusform>
            </translation>
        </message>
        <message>
            <source>%1: how are its pictures encoded? They are read as %2; the chart's greys agree better with %3.</source>
            <translation>%1: ¿cómo están codificadas sus imágenes? Se leen como %2; los grises de la carta concuerdan mejor con %3.</translation>
        </message>
        <message>
            <source>%1: how are its pictures encoded? They are read as %2, and the chart's greys agree.</source>
            <translation>%1: ¿cómo están codificadas sus imágenes? Se leen como %2, y los grises de la carta concuerdan.</translation>
        </message>
        <message>
            <source>%1: how large is its sensor? How large a chart is in a planned frame follows from it.</source>
            <translation>%1: ¿cuánto mide su sensor? De ello se sigue cuán grande es una carta en un fotograma planeado.</translation>
        </message>
        <message>
            <source>%1: which focal length does it have?</source>
            <translation>%1: ¿qué focal tiene?</translation>
        </message>
        <message>
            <source>So it is</source>
            <translation>Así es</translation>
        </message>
        <message>
            <source>So it is: %1</source>
            <translation>Así es: %1</translation>
        </message>
        <message>
            <source>Of the kit, or another name</source>
            <translation>Del equipo, u otro nombre</translation>
        </message>
        <message>
            <source>Camera of frames that name none: %1</source>
            <translation>Cámara de los fotogramas que no nombran ninguna: %1</translation>
        </message>
        <message>
            <source>Sensor's width</source>
            <translation>Anchura del sensor</translation>
        </message>
        <message>
            <source>Sensor's height</source>
            <translation>Altura del sensor</translation>
        </message>
        <message>
            <source>Sensor of %1</source>
            <translation>Sensor de %1</translation>
        </message>
        <message>
            <source>Focal length of %1</source>
            <translation>Focal de %1</translation>
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
            <translation>Ningún archivo lo dice; se pregunta una vez para todos los fotogramas</translation>
        </message>
        <message>
            <source>An unnamed camera</source>
            <translation>Una cámara sin nombre</translation>
        </message>
        <message numerus="yes">
            <source>%n frame(s) name no camera. Which one shot them?</source>
            <translation>
                <numerusform>%n fotograma no nombra cámara. ¿Cuál lo tomó?</numerusform>
                <numerusform>%n fotogramas no nombran cámara. ¿Cuál los tomó?</numerusform>
            </translation>
        </message>
        <message>
            <source>%1: how are its pictures encoded? They are read as %2; the chart's greys agree better with %3.</source>
            <translation>%1: ¿cómo están codificadas sus imágenes? Se leen como %2; los grises de la carta concuerdan mejor con %3.</translation>
        </message>
        <message>
            <source>%1: how are its pictures encoded? They are read as %2, and the chart's greys agree.</source>
            <translation>%1: ¿cómo están codificadas sus imágenes? Se leen como %2, y los grises de la carta concuerdan.</translation>
        </message>
        <message>
            <source>%1: how large is its sensor? How large a chart is in a planned frame follows from it.</source>
            <translation>%1: ¿cuánto mide su sensor? De ello se sigue cuán grande es una carta en un fotograma planeado.</translation>
        </message>
        <message>
            <source>%1: which focal length does it have?</source>
            <translation>%1: ¿qué focal tiene?</translation>
        </message>
        <message>
            <source>So it is</source>
            <translation>Así es</translation>
        </message>
        <message>
            <source>So it is: %1</source>
            <translation>Así es: %1</translation>
        </message>
        <message>
            <source>Of the kit, or another name</source>
            <translation>Del equipo, u otro nombre</translation>
        </message>
        <message>
            <source>Camera of frames that name none: %1</source>
            <translation>Cámara de los fotogramas que no nombran ninguna: %1</translation>
        </message>
        <message>
            <source>Sensor's width</source>
            <translation>Anchura del sensor</translation>
        </message>
        <message>
            <source>Sensor's height</source>
            <translation>Altura del sensor</translation>
        </message>
        <message>
            <source>Sensor of %1</source>
            <translation>Sensor de %1</translation>
        </message>
        <message>
            <source>Focal length of %1</source>
            <translation>Focal de %1</translation>
        </message>
    </context>
    <context>
        <name>VerdictBoard</name>
        <message>
            <source>Open up by %1</source>
            <translation>Abrir %1</translation>
        </message>
        <message>
            <source>Close down by %1</source>
            <translation>Cerrar %1</translation>
        </message>
        <message>
            <source>The chart shot can be used.</source>
            <translation>La toma de carta es utilizable.</translation>
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
            <translation>Abrir %1</translation>
        </message>
        <message>
            <source>Close down by %1</source>
            <translation>Cerrar %1</translation>
        </message>
        <message>
            <source>The chart shot can be used.</source>
            <translation>La toma de carta es utilizable.</translation>
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
            <translation>Hallazgos</translation>
        </message>
        <message>
            <source>Every check behind the verdict, with its value, its limit and what to do.</source>
            <translation>Cada comprobación tras el veredicto, con su valor, su límite y qué hacer.</translation>
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
                <numerusform>%1 de %n comprobación: %2</numerusform>
                <numerusform>%1 de %n comprobaciones: %2</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>All %n checks are good.</source>
            <translation>
                <numerusform>La comprobación está bien.</numerusform>
                <numerusform>Las %n comprobaciones están bien.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>refero::VerdictLine</name>
        <message>
            <source>Findings</source>
            <translation>Hallazgos</translation>
        </message>
        <message>
            <source>Every check behind the verdict, with its value, its limit and what to do.</source>
            <translation>Cada comprobación tras el veredicto, con su valor, su límite y qué hacer.</translation>
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
                <numerusform>%1 de %n comprobación: %2</numerusform>
                <numerusform>%1 de %n comprobaciones: %2</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>All %n checks are good.</source>
            <translation>
                <numerusform>La comprobación está bien.</numerusform>
                <numerusform>Las %n comprobaciones están bien.</numerusform>
            </translation>
        </message>
    </context>
    <context>
        <name>VerdictList</name>
        <message>
            <source>Good</source>
            <translation>Bien</translation>
        </message>
        <message>
            <source>Look at this</source>
            <translation>Mire esto</translation>
        </message>
        <message>
            <source>Not good</source>
            <translation>No está bien</translation>
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
            <translation>Bien</translation>
        </message>
        <message>
            <source>Look at this</source>
            <translation>Mire esto</translation>
        </message>
        <message>
            <source>Not good</source>
            <translation>No está bien</translation>
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
            <translation>Calidez</translation>
        </message>
        <message>
            <source>Warmth in mired, cooler to the left: a rung is the same shift in every shoot. Arrow keys go a rung, with Shift half of one.</source>
            <translation>Calidez en mired, más frío a la izquierda: un peldaño es el mismo cambio en todo rodaje. Las flechas van un peldaño, con Mayús medio.</translation>
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
            <translation>Calidez</translation>
        </message>
        <message>
            <source>Warmth in mired, cooler to the left: a rung is the same shift in every shoot. Arrow keys go a rung, with Shift half of one.</source>
            <translation>Calidez en mired, más frío a la izquierda: un peldaño es el mismo cambio en todo rodaje. Las flechas van un peldaño, con Mayús medio.</translation>
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
            <translation>Escribiendo %1</translation>
        </message>
    </context>
    <context>
        <name>refero::Work</name>
        <message>
            <source>Writing %1</source>
            <translation>Escribiendo %1</translation>
        </message>
    </context>
    <context>
        <name>WorkNotices</name>
        <message>
            <source>Frames were not handed over</source>
            <translation>Hay fotogramas sin entregar</translation>
        </message>
        <message>
            <source>%1 of %2 frames are handed over</source>
            <translation>%1 de %2 fotogramas están entregados</translation>
        </message>
        <message numerus="yes">
            <source>%n failed; the reasons stand under Handover.</source>
            <translation>
                <numerusform>%n falló; los motivos están en Entrega.</numerusform>
                <numerusform>%n fallaron; los motivos están en Entrega.</numerusform>
            </translation>
        </message>
        <message>
            <source>The day is done</source>
            <translation>El día está hecho</translation>
        </message>
        <message>
            <source>What became of each setup stands under Frames.</source>
            <translation>Qué fue de cada montaje está en Fotogramas.</translation>
        </message>
        <message numerus="yes">
            <source>%n frames came in</source>
            <translation>
                <numerusform>Llegó %n fotograma</numerusform>
                <numerusform>Llegaron %n fotogramas</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n could not be read.</source>
            <translation>
                <numerusform>%n no se pudo leer.</numerusform>
                <numerusform>%n no se pudieron leer.</numerusform>
            </translation>
        </message>
        <message>
            <source>The series is read</source>
            <translation>La serie está leída</translation>
        </message>
        <message>
            <source>Its verdicts stand under Test.</source>
            <translation>Sus veredictos están en Prueba.</translation>
        </message>
    </context>
    <context>
        <name>refero::WorkNotices</name>
        <message>
            <source>Frames were not handed over</source>
            <translation>Hay fotogramas sin entregar</translation>
        </message>
        <message>
            <source>%1 of %2 frames are handed over</source>
            <translation>%1 de %2 fotogramas están entregados</translation>
        </message>
        <message numerus="yes">
            <source>%n failed; the reasons stand under Handover.</source>
            <translation>
                <numerusform>%n falló; los motivos están en Entrega.</numerusform>
                <numerusform>%n fallaron; los motivos están en Entrega.</numerusform>
            </translation>
        </message>
        <message>
            <source>The day is done</source>
            <translation>El día está hecho</translation>
        </message>
        <message>
            <source>What became of each setup stands under Frames.</source>
            <translation>Qué fue de cada montaje está en Fotogramas.</translation>
        </message>
        <message numerus="yes">
            <source>%n frames came in</source>
            <translation>
                <numerusform>Llegó %n fotograma</numerusform>
                <numerusform>Llegaron %n fotogramas</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <source>%n could not be read.</source>
            <translation>
                <numerusform>%n no se pudo leer.</numerusform>
                <numerusform>%n no se pudieron leer.</numerusform>
            </translation>
        </message>
        <message>
            <source>The series is read</source>
            <translation>La serie está leída</translation>
        </message>
        <message>
            <source>Its verdicts stand under Test.</source>
            <translation>Sus veredictos están en Prueba.</translation>
        </message>
    </context>
    <context>
        <name>core</name>
        <message>
            <source>Rows, columns</source>
            <translation>Filas, columnas</translation>
        </message>
        <message>
            <source>Rows from the top.</source>
            <translation>Filas desde arriba.</translation>
        </message>
        <message>
            <source>Columns</source>
            <translation>Columnas</translation>
        </message>
        <message>
            <source>From the left.</source>
            <translation>Desde la izquierda.</translation>
        </message>
        <message>
            <source>Patch size</source>
            <translation>Tamaño del parche</translation>
        </message>
        <message>
            <source>Width of one patch.</source>
            <translation>Anchura de un parche.</translation>
        </message>
        <message>
            <source>Patch's height</source>
            <translation>Altura del parche</translation>
        </message>
        <message>
            <source>Height of one patch.</source>
            <translation>Altura de un parche.</translation>
        </message>
        <message>
            <source>Gap, margin</source>
            <translation>Hueco, margen</translation>
        </message>
        <message>
            <source>Between patches; 0 where they touch.</source>
            <translation>Entre parches; 0 si se tocan.</translation>
        </message>
        <message>
            <source>Margin</source>
            <translation>Margen</translation>
        </message>
        <message>
            <source>From the outline to the patches.</source>
            <translation>Del contorno a los parches.</translation>
        </message>
        <message>
            <source>Paste a table of Lab, XYZ or spectra with a line of names, or open CGATS, CxF or CSV.</source>
            <translation>Pegue una tabla de Lab, XYZ o espectros con una línea de nombres, o abra CGATS, CxF o CSV.</translation>
        </message>
        <message>
            <source>the pasted text</source>
            <translation>el texto pegado</translation>
        </message>
        <message>
            <source>%1 can be %2 to %3.</source>
            <translation>%1 puede ir de %2 a %3.</translation>
        </message>
        <message>
            <source>%1 patches: %2. %3</source>
            <translation>%1 parches: %2. %3</translation>
        </message>
        <message>
            <source>CGATS, CxF or CSV with as many colours as it has patches, in their order.</source>
            <translation>CGATS, CxF o CSV con tantos colores como parches tiene, en su orden.</translation>
        </message>
        <message>
            <source>design</source>
            <translation>diseño</translation>
        </message>
        <message>
            <source>your own</source>
            <translation>propia</translation>
        </message>
        <message>
            <source>copy</source>
            <translation>ejemplar</translation>
        </message>
        <message>
            <source>measured</source>
            <translation>medido</translation>
        </message>
        <message>
            <source>%1 patches, %2 of them neutral</source>
            <translation>%1 parches, %2 de ellos neutros</translation>
        </message>
        <message>
            <source>This copy differs from its design by %1 on average, %2 at most (CIEDE2000). Readings of its setups use its own values.</source>
            <translation>Este ejemplar difiere de su diseño en %1 de media, %2 como máximo (CIEDE2000). Las lecturas de sus montajes usan sus propios valores.</translation>
        </message>
        <message>
            <source>It is taken to be as its design. Measured, its readings become as good as it is.</source>
            <translation>Se toma por igual a su diseño. Medido, sus lecturas serán tan buenas como él.</translation>
        </message>
        <message>
            <source>%1 is %2 from its design (CIEDE2000).</source>
            <translation>%1 está a %2 de su diseño (CIEDE2000).</translation>
        </message>
        <message>
            <source> Did it lie on that patch? Choose it and measure it again.</source>
            <translation> ¿Estaba sobre ese parche? Elíjalo y mídalo de nuevo.</translation>
        </message>
        <message>
            <source>%1 of %2 measured.</source>
            <translation>%1 de %2 medidos.</translation>
        </message>
        <message>
            <source> %1 of %2 measured.</source>
            <translation> %1 de %2 medidos.</translation>
        </message>
        <message>
            <source>Undo: %1</source>
            <translation>Deshacer: %1</translation>
        </message>
        <message>
            <source>Redo: %1</source>
            <translation>Rehacer: %1</translation>
        </message>
        <message>
            <source>Go to %1</source>
            <translation>Ir a %1</translation>
        </message>
        <message>
            <source>Count it twice as often</source>
            <translation>Contar el doble</translation>
        </message>
        <message>
            <source>Count it half as often</source>
            <translation>Contar la mitad</translation>
        </message>
        <message>
            <source>Count it once</source>
            <translation>Contar una vez</translation>
        </message>
        <message>
            <source>Not yet checked. What a correction does on the chart that it was built from says little; on another shot of a chart it has to keep its word.</source>
            <translation>Aún sin comprobar. Lo que una corrección hace en la carta de la que se construyó dice poco; debe cumplir en otra toma de una carta.</translation>
        </message>
        <message>
            <source>There is no other chart frame in this setup. Shoot the chart once more under the same light and bring it in: the correction can then be checked on a shot that it has not seen.</source>
            <translation>No hay otro fotograma de carta en este montaje. Tome la carta otra vez con la misma luz e impórtelo: así la corrección podrá comprobarse en una toma que no ha visto.</translation>
        </message>
        <message>
            <source>%1 (%2): mean %3, half within %4, largest %5; on its own chart the mean is %6.</source>
            <translation>%1 (%2): media %3, mitad dentro de %4, máximo %5; en su propia carta la media es %6.</translation>
        </message>
        <message>
            <source> That shot is %1 stops brighter.</source>
            <translation> Esta toma es %1 pasos más clara.</translation>
        </message>
        <message>
            <source> That shot is %1 stops darker.</source>
            <translation> Esta toma es %1 pasos más oscura.</translation>
        </message>
        <message>
            <source> Farthest off: </source>
            <translation> Los más lejanos: </translation>
        </message>
        <message>
            <source>Name this setup</source>
            <translation>Nombrar este montaje</translation>
        </message>
        <message>
            <source>Place</source>
            <translation>Lugar</translation>
        </message>
        <message>
            <source>Light</source>
            <translation>Luz</translation>
        </message>
        <message>
            <source>Cancel</source>
            <translation>Cancelar</translation>
        </message>
        <message>
            <source>Name it</source>
            <translation>Nombrar</translation>
        </message>
        <message>
            <source> patch</source>
            <translation> parche</translation>
        </message>
        <message>
            <source> chart</source>
            <translation> carta</translation>
        </message>
        <message>
            <source> Shown on the frame.</source>
            <translation> Mostrado en el fotograma.</translation>
        </message>
        <message>
            <source>: 0 is not possible; leave it empty where it is not known.</source>
            <translation>: 0 no es posible; déjelo vacío si no se conoce.</translation>
        </message>
        <message>
            <source>none</source>
            <translation>ninguno</translation>
        </message>
        <message>
            <source>balance %1</source>
            <translation>balance %1</translation>
        </message>
        <message>
            <source>Shows %1, %2 % sure</source>
            <translation>Muestra %1, %2 % seguro</translation>
        </message>
        <message>
            <source>Shows a plain grey card</source>
            <translation>Muestra una tarjeta gris</translation>
        </message>
        <message>
            <source>Clip of %1 pictures</source>
            <translation>Clip de %1 imágenes</translation>
        </message>
        <message>
            <source>Sequence of %1 pictures</source>
            <translation>Secuencia de %1 imágenes</translation>
        </message>
        <message>
            <source> assumed</source>
            <translation> supuesto</translation>
        </message>
        <message>
            <source>corrected</source>
            <translation>corregido</translation>
        </message>
        <message>
            <source>roughly balanced</source>
            <translation>equilibrada a grandes rasgos</translation>
        </message>
        <message>
            <source>x %1  y %2   recorded R %3  G %4  B %5 %</source>
            <translation>x %1  y %2   grabado R %3  G %4  B %5 %</translation>
        </message>
        <message>
            <source>   mean of %1 x %1</source>
            <translation>   media de %1 x %1</translation>
        </message>
        <message>
            <source>Marked as grey: its light is compared with that on the chart of its setup (station Reading).</source>
            <translation>Marcado como gris: su luz se compara con la de la carta de su montaje (estación Lectura).</translation>
        </message>
        <message>
            <source>Files, folders or a whole card. Refero finds the chart shots and the slates, and sorts every frame into its setup by slate, body, lens and time, with the reason. The files stay where they are, or are copied and each copy compared.</source>
            <translation>Archivos, carpetas o una tarjeta entera. Refero encuentra las tomas de carta y las claquetas, y ordena cada fotograma en su montaje por claqueta, cuerpo, objetivo y hora, con el motivo. Los archivos quedan donde están, o se copian y cada copia se compara.</translation>
        </message>
        <message>
            <source>%1 frames, %2 with a chart, %3 in no setup, %4 doubtful</source>
            <translation>%1 fotogramas, %2 con carta, %3 sin montaje, %4 dudosos</translation>
        </message>
        <message>
            <source>%1 frames</source>
            <translation>%1 fotogramas</translation>
        </message>
        <message>
            <source>%1 brought in</source>
            <translation>%1 importados</translation>
        </message>
        <message>
            <source>, %1 not</source>
            <translation>, %1 no</translation>
        </message>
        <message>
            <source>In no setup</source>
            <translation>Sin montaje</translation>
        </message>
        <message>
            <source>
But: </source>
            <translation>
Pero: </translation>
        </message>
        <message>
            <source>%1 frame</source>
            <translation>%1 imagen</translation>
        </message>
        <message>
            <source>Keep both</source>
            <translation>Conservar ambos</translation>
        </message>
        <message>
            <source>The new ones get a number behind their names.</source>
            <translation>Los nuevos llevan un número tras su nombre.</translation>
        </message>
        <message>
            <source>Replace</source>
            <translation>Reemplazar</translation>
        </message>
        <message>
            <source>The old ones are gone once the new ones stand.</source>
            <translation>Los antiguos desaparecen cuando los nuevos están.</translation>
        </message>
        <message>
            <source>Skip those</source>
            <translation>Omitir esos</translation>
        </message>
        <message>
            <source>What is there stays, and is not written anew.</source>
            <translation>Lo que hay se queda y no se escribe de nuevo.</translation>
        </message>
        <message>
            <source>Not now</source>
            <translation>Ahora no</translation>
        </message>
        <message>
            <source>Nothing is written.</source>
            <translation>No se escribe nada.</translation>
        </message>
        <message>
            <source>%1 is there already.</source>
            <translation>%1 ya existe.</translation>
        </message>
        <message>
            <source>%1 files are there already, %2 among them.</source>
            <translation>%1 archivos ya existen, entre ellos %2.</translation>
        </message>
        <message>
            <source>EXR, half floats</source>
            <translation>EXR, flotantes de media precisión</translation>
        </message>
        <message>
            <source>EXR, floats</source>
            <translation>EXR, flotantes</translation>
        </message>
        <message>
            <source>Frames</source>
            <translation>Fotogramas</translation>
        </message>
        <message>
            <source>Of this setup, or of every setup of the shoot by its own correction.</source>
            <translation>De este montaje, o de cada montaje del rodaje con su propia corrección.</translation>
        </message>
        <message>
            <source>As</source>
            <translation>Como</translation>
        </message>
        <message>
            <source>The kind of file.</source>
            <translation>El tipo de archivo.</translation>
        </message>
        <message>
            <source>In</source>
            <translation>En</translation>
        </message>
        <message>
            <source>The colour space; its profile is embedded.</source>
            <translation>El espacio de color; su perfil se incrusta.</translation>
        </message>
        <message>
            <source>Long edge</source>
            <translation>Lado largo</translation>
        </message>
        <message>
            <source>Frames are only made smaller, and not sharpened.</source>
            <translation>Los fotogramas solo se reducen, no se enfocan.</translation>
        </message>
        <message>
            <source>Named</source>
            <translation>Nombre</translation>
        </message>
        <message>
            <source>What the files are called.</source>
            <translation>Cómo se llaman los archivos.</translation>
        </message>
        <message>
            <source>The valid correction of each frame's setup, as the plan's rules have it, or one for all of them.</source>
            <translation>La corrección válida del montaje de cada fotograma, según las reglas del plan, o una para todos.</translation>
        </message>
        <message>
            <source> The rules give %1 of them another correction: say why this one serves.</source>
            <translation> Las reglas dan a %1 de ellos otra corrección: diga por qué sirve esta.</translation>
        </message>
        <message>
            <source> %1 of them by a weaker correction; the reason is recorded.</source>
            <translation> %1 de ellos con una corrección más débil; se anota el motivo.</translation>
        </message>
        <message>
            <source> %1 left out: %2</source>
            <translation> %1 omitidos: %2</translation>
        </message>
        <message>
            <source>%1 off on average, %2 at most.</source>
            <translation>%1 de desvío de media, %2 como máximo.</translation>
        </message>
        <message>
            <source>%1 has no correction yet. Once it has one, it goes from here to whoever needs it.</source>
            <translation>%1 aún no tiene corrección. Cuando la tenga, saldrá de aquí hacia quien la necesite.</translation>
        </message>
        <message>
            <source>What the raw developer begins with: a straight line, or the contrast of the finish.</source>
            <translation>Con qué empieza el revelador raw: una línea recta o el contraste del acabado.</translation>
        </message>
        <message>
            <source>What went out</source>
            <translation>Lo que salió</translation>
        </message>
        <message>
            <source>%1, at most %2</source>
            <translation>%1, como máximo %2</translation>
        </message>
        <message>
            <source>The correction has changed since: what this receiver has is another one.</source>
            <translation>La corrección ha cambiado desde entonces: lo que tiene este destinatario es otra.</translation>
        </message>
        <message>
            <source>When</source>
            <translation>Cuándo</translation>
        </message>
        <message>
            <source>For</source>
            <translation>Para</translation>
        </message>
        <message>
            <source>What</source>
            <translation>Qué</translation>
        </message>
        <message>
            <source>Read back by</source>
            <translation>Releído por</translation>
        </message>
        <message>
            <source>The correction</source>
            <translation>La corrección</translation>
        </message>
        <message>
            <source>What goes out</source>
            <translation>Lo que sale</translation>
        </message>
        <message>
            <source>What it cannot hold</source>
            <translation>Lo que no puede contener</translation>
        </message>
        <message>
            <source>State</source>
            <translation>Estado</translation>
        </message>
        <message>
            <source>%1 of %2 frames</source>
            <translation>%1 de %2 fotogramas</translation>
        </message>
        <message>
            <source>, %1 failed</source>
            <translation>, %1 fallidos</translation>
        </message>
        <message>
            <source>, pausing</source>
            <translation>, pausando</translation>
        </message>
        <message>
            <source>, paused</source>
            <translation>, en pausa</translation>
        </message>
        <message>
            <source>LUT, profile or table</source>
            <translation>LUT, perfil o tabla</translation>
        </message>
        <message>
            <source>One file of the kind that you choose, under a name that you choose.</source>
            <translation>Un archivo del tipo y con el nombre que elija.</translation>
        </message>
        <message>
            <source>Camera profiles</source>
            <translation>Perfiles de cámara</translation>
        </message>
        <message>
            <source>For whoever develops the frames: true colours for every frame of this setup.</source>
            <translation>Para quien revela los fotogramas: colores fieles en cada fotograma de este montaje.</translation>
        </message>
        <message>
            <source>LUT and recipe</source>
            <translation>LUT y receta</translation>
        </message>
        <message>
            <source>For cutting and grading: a LUT for BT.709, and the correction told for wheels and hue controls.</source>
            <translation>Para edición y etalonaje: una LUT para BT.709 y la corrección contada para ruedas y controles de tono.</translation>
        </message>
        <message>
            <source>Plates and their view</source>
            <translation>Placas y su vista</translation>
        </message>
        <message>
            <source>For images that a renderer's sit in: scene-linear ACEScg, nothing clipped, no finish, and the view to judge them by.</source>
            <translation>Para imágenes donde irán las de un motor de render: ACEScg lineal de escena, nada recortado, sin acabado, y la vista con que juzgarlas.</translation>
        </message>
        <message>
            <source>Pictures and report</source>
            <translation>Imágenes e informe</translation>
        </message>
        <message>
            <source>For whoever decides by the colour: finished pictures, and what the colours are good for.</source>
            <translation>Para quien decide por el color: imágenes acabadas y para qué valen sus colores.</translation>
        </message>
        <message>
            <source>Masters, all figures</source>
            <translation>Másteres, todas las cifras</translation>
        </message>
        <message>
            <source>For later: pictures of 16 bits, the correction's document, its readings and the report.</source>
            <translation>Para más tarde: imágenes de 16 bits, el documento de la corrección, sus lecturas y el informe.</translation>
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
            <translation>, %1 píxeles</translation>
        </message>
        <message>
            <source>, no finish</source>
            <translation>, sin acabado</translation>
        </message>
        <message>
            <source>%1 written; reads back as it was.</source>
            <translation>%1 escrito; se relee tal como era.</translation>
        </message>
        <message>
            <source>%1: measured %2, corrected %3 (L* a* b*)</source>
            <translation>%1: medido %2, corregido %3 (L* a* b*)</translation>
        </message>
        <message>
            <source>4 times</source>
            <translation>4 veces</translation>
        </message>
        <message>
            <source>Colour</source>
            <translation>Color</translation>
        </message>
        <message>
            <source>Measured</source>
            <translation>Medido</translation>
        </message>
        <message>
            <source>Corrected</source>
            <translation>Corregido</translation>
        </message>
        <message>
            <source>Off by</source>
            <translation>Desvío</translation>
        </message>
        <message>
            <source>Counts</source>
            <translation>Cuenta</translation>
        </message>
        <message>
            <source>Name</source>
            <translation>Nombre</translation>
        </message>
        <message>
            <source>Count it</source>
            <translation>Contarlo</translation>
        </message>
        <message>
            <source>Whether it counts in the fit, four times, or is only checked.</source>
            <translation>Si cuenta en el ajuste, cuatro veces, o solo se comprueba.</translation>
        </message>
        <message>
            <source>Take out</source>
            <translation>Quitar</translation>
        </message>
        <message>
            <source>Removes it; it can be undone.</source>
            <translation>Lo quita; se puede deshacer.</translation>
        </message>
        <message>
            <source>Keep as proof</source>
            <translation>Guardar como prueba</translation>
        </message>
        <message>
            <source>Keeps how far those are that do not count, among the correction's findings.</source>
            <translation>Guarda entre los hallazgos de la corrección cuánto distan los que no cuentan.</translation>
        </message>
        <message>
            <source> stops</source>
            <translation> pasos</translation>
        </message>
        <message>
            <source>%1 greener</source>
            <translation>%1 más verde</translation>
        </message>
        <message>
            <source>%1 more magenta</source>
            <translation>%1 más magenta</translation>
        </message>
        <message>
            <source>Base</source>
            <translation>Base</translation>
        </message>
        <message>
            <source>Adds nothing: the colours as they were.</source>
            <translation>No añade nada: los colores tal como eran.</translation>
        </message>
        <message>
            <source>Rounded</source>
            <translation>Redondeado</translation>
        </message>
        <message>
            <source>A gentle curve and a little saturation.</source>
            <translation>Una curva suave y algo de saturación.</translation>
        </message>
        <message>
            <source>Tint</source>
            <translation>Matiz</translation>
        </message>
        <message>
            <source>Green to magenta, in thousandths of Duv.</source>
            <translation>De verde a magenta, en milésimas de Duv.</translation>
        </message>
        <message>
            <source>Exposure</source>
            <translation>Exposición</translation>
        </message>
        <message>
            <source>In stops.</source>
            <translation>En pasos.</translation>
        </message>
        <message>
            <source>Contrast</source>
            <translation>Contraste</translation>
        </message>
        <message>
            <source>Black, mid-grey and white stay where they are.</source>
            <translation>Negro, gris medio y blanco quedan donde están.</translation>
        </message>
        <message>
            <source>Saturation</source>
            <translation>Saturación</translation>
        </message>
        <message>
            <source>Luminance stays.</source>
            <translation>La luminancia se mantiene.</translation>
        </message>
        <message>
            <source> · %1 outside %2 (\), %3 clipped (/), %4 nearly</source>
            <translation> · %1 fuera de %2 (\), %3 recortado (/), %4 casi</translation>
        </message>
        <message>
            <source>CIEDE2000 between %1 and %2</source>
            <translation>CIEDE2000 entre %1 y %2</translation>
        </message>
        <message>
            <source>: mean %1, 95 % within %2</source>
            <translation>: media %1, 95 % dentro de %2</translation>
        </message>
        <message>
            <source>, largest %1</source>
            <translation>, máximo %1</translation>
        </message>
        <message>
            <source>Picture</source>
            <translation>Imagen</translation>
        </message>
        <message>
            <source>What is judged on; drop more frames of this setup here.</source>
            <translation>Sobre qué se juzga; suelte aquí más fotogramas de este montaje.</translation>
        </message>
        <message>
            <source>How the renderings are shown</source>
            <translation>Cómo se muestran las versiones</translation>
        </message>
        <message>
            <source>A wipe, two side by side, four with one zoom, or how far two are apart.</source>
            <translation>Una cortinilla, dos lado a lado, cuatro con un zoom, o cuánto distan dos.</translation>
        </message>
        <message>
            <source>What the correction is held against</source>
            <translation>Con qué se compara la corrección</translation>
        </message>
        <message>
            <source>What the correction is held against: hold F over the picture to see it alone.</source>
            <translation>Con qué se compara la corrección: mantenga F sobre la imagen para verlo solo.</translation>
        </message>
        <message>
            <source>Warnings</source>
            <translation>Avisos</translation>
        </message>
        <message>
            <source>Marks what a space cannot show: stripes to the left are outside it, stripes to the right are clipped, dots are nearly.</source>
            <translation>Marca lo que un espacio no puede mostrar: rayas a la izquierda, fuera de él; rayas a la derecha, recortado; puntos, casi.</translation>
        </message>
        <message>
            <source>Model</source>
            <translation>Modelo</translation>
        </message>
        <message>
            <source>Mean</source>
            <translation>Media</translation>
        </message>
        <message>
            <source>Unseen</source>
            <translation>No visto</translation>
        </message>
        <message>
            <source>Compare</source>
            <translation>Comparar</translation>
        </message>
        <message>
            <source>The correction is held against this one.</source>
            <translation>La corrección se compara con esta.</translation>
        </message>
        <message>
            <source>Go back</source>
            <translation>Volver</translation>
        </message>
        <message>
            <source>This one becomes the setup's correction again.</source>
            <translation>Esta vuelve a ser la corrección del montaje.</translation>
        </message>
        <message>
            <source>Removes the snapshot; it can be undone.</source>
            <translation>Quita la instantánea; se puede deshacer.</translation>
        </message>
        <message>
            <source>red %1, green %2, blue %3 times; level %4 stops</source>
            <translation>rojo %1, verde %2, azul %3 veces; nivel %4 pasos</translation>
        </message>
        <message>
            <source>, least mean CIEDE2000</source>
            <translation>, media CIEDE2000 mínima</translation>
        </message>
        <message>
            <source>, least squares</source>
            <translation>, mínimos cuadrados</translation>
        </message>
        <message>
            <source>, with made-up surfaces</source>
            <translation>, con superficies imaginadas</translation>
        </message>
        <message>
            <source>, %1 × %1 × %1 points</source>
            <translation>, %1 × %1 × %1 puntos</translation>
        </message>
        <message>
            <source>%1 patches of %2 in %3</source>
            <translation>%1 parches de %2 en %3</translation>
        </message>
        <message>
            <source>; built %1</source>
            <translation>; construida %1</translation>
        </message>
        <message>
            <source> by %1</source>
            <translation> por %1</translation>
        </message>
        <message>
            <source>nothing taken out of the chart shot</source>
            <translation>nada quitado de la toma de carta</translation>
        </message>
        <message>
            <source>, taken out of the chart shot</source>
            <translation>, quitado de la toma de carta</translation>
        </message>
        <message>
            <source>one a channel, from the chart's greys</source>
            <translation>una por canal, de los grises de la carta</translation>
        </message>
        <message>
            <source>none: the greys are straight enough</source>
            <translation>ninguna: los grises son bastante rectos</translation>
        </message>
        <message>
            <source>Finish</source>
            <translation>Acabado</translation>
        </message>
        <message>
            <source>Daylight</source>
            <translation>Luz de día</translation>
        </message>
        <message>
            <source>Shade</source>
            <translation>Sombra</translation>
        </message>
        <message>
            <source>Flash</source>
            <translation>Flash</translation>
        </message>
        <message>
            <source>Tungsten</source>
            <translation>Tungsteno</translation>
        </message>
        <message>
            <source>Fluorescent</source>
            <translation>Fluorescente</translation>
        </message>
        <message>
            <source>LED</source>
            <translation>LED</translation>
        </message>
        <message>
            <source>Mixed</source>
            <translation>Mixta</translation>
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
            <translation>Vídeo plano</translation>
        </message>
        <message>
            <source>Log video</source>
            <translation>Vídeo log</translation>
        </message>
        <message>
            <source>As the files of this body name it.</source>
            <translation>Como lo nombran los archivos de este cuerpo.</translation>
        </message>
        <message>
            <source>Serial number</source>
            <translation>Número de serie</translation>
        </message>
        <message>
            <source>Two bodies of a model differ; this tells them apart.</source>
            <translation>Dos cuerpos de un modelo difieren; esto los distingue.</translation>
        </message>
        <message>
            <source>Called</source>
            <translation>Apodo</translation>
        </message>
        <message>
            <source>What you call it on the day; may be left empty.</source>
            <translation>Cómo lo llama ese día; puede quedar vacío.</translation>
        </message>
        <message>
            <source>Shoots</source>
            <translation>Toma</translation>
        </message>
        <message>
            <source>Stills or film.</source>
            <translation>Fotos o cine.</translation>
        </message>
        <message>
            <source>Stills</source>
            <translation>Fotos</translation>
        </message>
        <message>
            <source>Film</source>
            <translation>Cine</translation>
        </message>
        <message>
            <source>Sensor</source>
            <translation>Sensor</translation>
        </message>
        <message>
            <source>Width of the part of the sensor that records.</source>
            <translation>Anchura de la parte del sensor que graba.</translation>
        </message>
        <message>
            <source>Sensor's height</source>
            <translation>Altura del sensor</translation>
        </message>
        <message>
            <source>Height of the part that records.</source>
            <translation>Altura de la parte que graba.</translation>
        </message>
        <message>
            <source>Frame</source>
            <translation>Fotograma</translation>
        </message>
        <message>
            <source>px</source>
            <translation>px</translation>
        </message>
        <message>
            <source>Pixels across the frame.</source>
            <translation>Píxeles a lo ancho del fotograma.</translation>
        </message>
        <message>
            <source>Frame's height</source>
            <translation>Altura del fotograma</translation>
        </message>
        <message>
            <source>Pixels down the frame.</source>
            <translation>Píxeles a lo alto del fotograma.</translation>
        </message>
        <message>
            <source>Focal length</source>
            <translation>Distancia focal</translation>
        </message>
        <message>
            <source>The shortest; of a fixed lens, the only one.</source>
            <translation>La más corta; de un objetivo fijo, la única.</translation>
        </message>
        <message>
            <source>As the files name it.</source>
            <translation>Como lo nombran los archivos.</translation>
        </message>
        <message>
            <source>May be left empty.</source>
            <translation>Puede quedar vacío.</translation>
        </message>
        <message>
            <source>Longest</source>
            <translation>La más larga</translation>
        </message>
        <message>
            <source>The longest focal length of a zoom.</source>
            <translation>La focal más larga de un zoom.</translation>
        </message>
        <message>
            <source>Fall-off</source>
            <translation>Viñeteo</translation>
        </message>
        <message>
            <source>From the middle to the corners; a flat-field frame fills it in.</source>
            <translation>Del centro a las esquinas; un campo plano lo rellena.</translation>
        </message>
        <message>
            <source>f-no.</source>
            <translation>n.º f</translation>
        </message>
        <message>
            <source>The aperture of the flat-field frame.</source>
            <translation>La abertura del campo plano.</translation>
        </message>
        <message>
            <source>Kind of light</source>
            <translation>Tipo de luz</translation>
        </message>
        <message>
            <source>Profiles of one kind may stand in for each other, as the weaker choice they are.</source>
            <translation>Los perfiles de un tipo pueden sustituirse, como la opción más débil que son.</translation>
        </message>
        <message>
            <source>A lamp, a flash, or daylight from one side.</source>
            <translation>Una lámpara, un flash o luz de día de un lado.</translation>
        </message>
        <message>
            <source>Warm-up</source>
            <translation>Calentamiento</translation>
        </message>
        <message>
            <source>min</source>
            <translation>min</translation>
        </message>
        <message>
            <source>Until its colour is steady; 0 for none.</source>
            <translation>Hasta que su color es estable; 0 si no hay.</translation>
        </message>
        <message>
            <source>Power from</source>
            <translation>Alimentación</translation>
        </message>
        <message>
            <source>Mains power calls for cautions in the preparations.</source>
            <translation>La red eléctrica pide precauciones en los preparativos.</translation>
        </message>
        <message>
            <source>Battery or none</source>
            <translation>Batería o ninguna</translation>
        </message>
        <message>
            <source>Mains</source>
            <translation>Red</translation>
        </message>
        <message>
            <source>Touch</source>
            <translation>Tacto</translation>
        </message>
        <message>
            <source>Hot lamps call for cautions in the preparations.</source>
            <translation>Las lámparas calientes piden precauciones en los preparativos.</translation>
        </message>
        <message>
            <source>Stays cool</source>
            <translation>Queda fría</translation>
        </message>
        <message>
            <source>Gets hot</source>
            <translation>Se calienta</translation>
        </message>
        <message>
            <source>Chart</source>
            <translation>Carta</translation>
        </message>
        <message>
            <source>Which design this is a copy of.</source>
            <translation>De qué diseño es este ejemplar.</translation>
        </message>
        <message>
            <source>Width</source>
            <translation>Anchura</translation>
        </message>
        <message>
            <source>Of the whole chart; its height follows.</source>
            <translation>De toda la carta; la altura se deduce.</translation>
        </message>
        <message>
            <source>What is written on this copy.</source>
            <translation>Lo que pone en este ejemplar.</translation>
        </message>
        <message>
            <source>Made on</source>
            <translation>Fabricada el</translation>
        </message>
        <message>
            <source>As 2026-05-14; charts fade, so their age counts.</source>
            <translation>Como 2026-05-14; las cartas se decoloran y su edad cuenta.</translation>
        </message>
        <message>
            <source>Replace after</source>
            <translation>Reemplazar tras</translation>
        </message>
        <message>
            <source>months</source>
            <translation>meses</translation>
        </message>
        <message>
            <source>Of its making; common practice is two years.</source>
            <translation>Desde su fabricación; lo habitual son dos años.</translation>
        </message>
        <message>
            <source>Values from</source>
            <translation>Valores de</translation>
        </message>
        <message>
            <source>Who measured this copy, with what, when; empty: the chart file's values.</source>
            <translation>Quién midió este ejemplar, con qué, cuándo; vacío: los valores del archivo de la carta.</translation>
        </message>
        <message>
            <source>What it is</source>
            <translation>Qué es</translation>
        </message>
        <message>
            <source>A display to judge on, or a measuring instrument.</source>
            <translation>Una pantalla en la que juzgar, o un instrumento de medida.</translation>
        </message>
        <message>
            <source>Instrument</source>
            <translation>Instrumento</translation>
        </message>
        <message>
            <source>Display</source>
            <translation>Pantalla</translation>
        </message>
        <message>
            <source>What you call it.</source>
            <translation>Cómo lo llama usted.</translation>
        </message>
        <message>
            <source>Last checked</source>
            <translation>Última comprobación</translation>
        </message>
        <message>
            <source>As 2026-05-14; empty: never, or not known.</source>
            <translation>Como 2026-05-14; vacío: nunca, o no se sabe.</translation>
        </message>
        <message>
            <source>Check every</source>
            <translation>Comprobar cada</translation>
        </message>
        <message>
            <source>days</source>
            <translation>días</translation>
        </message>
        <message>
            <source>A month is common practice for displays.</source>
            <translation>En pantallas lo habitual es un mes.</translation>
        </message>
        <message>
            <source>Body</source>
            <translation>Cuerpo</translation>
        </message>
        <message>
            <source>Whose recording this is.</source>
            <translation>De quién es esta grabación.</translation>
        </message>
        <message>
            <source>Any body</source>
            <translation>Cualquier cuerpo</translation>
        </message>
        <message>
            <source>Recording</source>
            <translation>Grabación</translation>
        </message>
        <message>
            <source>Which of its recordings is written like that.</source>
            <translation>Cuál de sus grabaciones se escribe así.</translation>
        </message>
        <message>
            <source>Stored = log slope x log(linear slope x light + linear offset) + log offset.</source>
            <translation>Guardado = pendiente log x log(pendiente lineal x luz + desplazamiento lineal) + desplazamiento log.</translation>
        </message>
        <message>
            <source>What the camera calls it.</source>
            <translation>Cómo lo llama la cámara.</translation>
        </message>
        <message>
            <source>Of the logarithm: 2, 10 or 2.71828.</source>
            <translation>Del logaritmo: 2, 10 o 2.71828.</translation>
        </message>
        <message>
            <source>Log side</source>
            <translation>Lado log</translation>
        </message>
        <message>
            <source>Log offset</source>
            <translation>Desplazamiento log</translation>
        </message>
        <message>
            <source>Light side</source>
            <translation>Lado luz</translation>
        </message>
        <message>
            <source>Linear offset</source>
            <translation>Desplazamiento lineal</translation>
        </message>
        <message>
            <source>Straight part</source>
            <translation>Parte recta</translation>
        </message>
        <message>
            <source>Linear light under which the curve is a straight line; empty: nowhere.</source>
            <translation>Luz lineal bajo la cual la curva es recta; vacío: en ninguna parte.</translation>
        </message>
        <message>
            <source>Its slope</source>
            <translation>Su pendiente</translation>
        </message>
        <message>
            <source>Of the straight part; empty: it goes on smoothly.</source>
            <translation>De la parte recta; vacío: continúa suavemente.</translation>
        </message>
        <message>
            <source>Gamut</source>
            <translation>Gama</translation>
        </message>
        <message>
            <source>Of the recording: x and y of red, green, blue and white, or a space's name such as rec2020; empty: not known. The bench shows what the data sheet makes of a chart.</source>
            <translation>De la grabación: x e y de rojo, verde, azul y blanco, o el nombre de un espacio como rec2020; vacío: no se conoce. El banco muestra lo que la ficha técnica hace de una carta.</translation>
        </message>
        <message>
            <source>New chart after</source>
            <translation>Nueva carta tras</translation>
        </message>
        <message>
            <source>Which changes call for a new chart shot.</source>
            <translation>Qué cambios piden una nueva toma de carta.</translation>
        </message>
        <message>
            <source>Charts judged as</source>
            <translation>Cartas juzgadas como</translation>
        </message>
        <message>
            <source>How strictly chart shots are judged; single limits are changed at their finding.</source>
            <translation>Con qué rigor se juzgan las tomas de carta; un límite suelto se cambia en su hallazgo.</translation>
        </message>
        <message>
            <source>On the call sheet and in the record.</source>
            <translation>En la orden de rodaje y en el registro.</translation>
        </message>
        <message>
            <source>Client</source>
            <translation>Cliente</translation>
        </message>
        <message>
            <source>Date</source>
            <translation>Fecha</translation>
        </message>
        <message>
            <source>Light may move</source>
            <translation>La luz puede variar</translation>
        </message>
        <message>
            <source>stops</source>
            <translation>pasos</translation>
        </message>
        <message>
            <source>How far the level of daylight may go before a chart shot is too old.</source>
            <translation>Cuánto puede variar el nivel de la luz de día antes de que una toma de carta sea vieja.</translation>
        </message>
        <message>
            <source>Colour may move</source>
            <translation>El color puede variar</translation>
        </message>
        <message>
            <source>mired</source>
            <translation>mired</translation>
        </message>
        <message>
            <source>How far its colour may go before a chart shot is too old.</source>
            <translation>Cuánto puede variar su color antes de que una toma de carta sea vieja.</translation>
        </message>
        <message>
            <source>Clock</source>
            <translation>Reloj</translation>
        </message>
        <message>
            <source>h from UTC</source>
            <translation>h de UTC</translation>
        </message>
        <message>
            <source>Summer time included: 2 for UTC+2.</source>
            <translation>Horario de verano incluido: 2 para UTC+2.</translation>
        </message>
        <message>
            <source>Coordinates</source>
            <translation>Coordenadas</translation>
        </message>
        <message>
            <source>Degrees north and east, as 52.35, 0.27; south and west are negative. With them the sun's way is known.</source>
            <translation>Grados norte y este, como 52.35, 0.27; sur y oeste son negativos. Con ellos se conoce el recorrido del sol.</translation>
        </message>
        <message>
            <source>Coordinates are two numbers, degrees north and east, as 52.35, 0.27.</source>
            <translation>Las coordenadas son dos números, grados norte y este, como 52.35, 0.27.</translation>
        </message>
        <message>
            <source>Degrees north</source>
            <translation>Grados norte</translation>
        </message>
        <message>
            <source>Degrees east</source>
            <translation>Grados este</translation>
        </message>
        <message>
            <source>A room, a window, a spot outdoors.</source>
            <translation>Una sala, una ventana, un sitio al aire libre.</translation>
        </message>
        <message>
            <source>film, </source>
            <translation>cine, </translation>
        </message>
        <message>
            <source>, mains</source>
            <translation>, red</translation>
        </message>
        <message>
            <source>, hot</source>
            <translation>, caliente</translation>
        </message>
        <message>
            <source>age not known</source>
            <translation>edad desconocida</translation>
        </message>
        <message>
            <source>made %1</source>
            <translation>fabricada %1</translation>
        </message>
        <message>
            <source>never checked</source>
            <translation>nunca comprobado</translation>
        </message>
        <message>
            <source>checked %1</source>
            <translation>comprobado %1</translation>
        </message>
        <message>
            <source>, mid-grey %1 %</source>
            <translation>, gris medio %1 %</translation>
        </message>
        <message>
            <source>no coordinates</source>
            <translation>sin coordenadas</translation>
        </message>
        <message>
            <source>New body</source>
            <translation>Cuerpo nuevo</translation>
        </message>
        <message>
            <source>New lens</source>
            <translation>Objetivo nuevo</translation>
        </message>
        <message>
            <source>New %1</source>
            <translation>Nuevo: %1</translation>
        </message>
        <message>
            <source>Enter another %1</source>
            <translation>Añadir otro: %1</translation>
        </message>
        <message>
            <source>Take out %1</source>
            <translation>Quitar %1</translation>
        </message>
        <message>
            <source>Checked today</source>
            <translation>Comprobado hoy</translation>
        </message>
        <message>
            <source>Log recordings</source>
            <translation>Grabaciones log</translation>
        </message>
        <message>
            <source>log recording</source>
            <translation>grabación logarítmica</translation>
        </message>
        <message>
            <source>New log recording</source>
            <translation>Grabación logarítmica nueva</translation>
        </message>
        <message>
            <source>Begin another shoot</source>
            <translation>Empezar otro rodaje</translation>
        </message>
        <message>
            <source>Bodies</source>
            <translation>Cuerpos</translation>
        </message>
        <message>
            <source>body</source>
            <translation>cuerpo</translation>
        </message>
        <message>
            <source>Lenses</source>
            <translation>Objetivos</translation>
        </message>
        <message>
            <source>lens</source>
            <translation>objetivo</translation>
        </message>
        <message>
            <source>Lights</source>
            <translation>Luces</translation>
        </message>
        <message>
            <source>light</source>
            <translation>luz</translation>
        </message>
        <message>
            <source>Charts</source>
            <translation>Cartas</translation>
        </message>
        <message>
            <source>chart copy</source>
            <translation>ejemplar de carta</translation>
        </message>
        <message>
            <source>Displays and instruments</source>
            <translation>Pantallas e instrumentos</translation>
        </message>
        <message>
            <source>display or instrument</source>
            <translation>pantalla o instrumento</translation>
        </message>
        <message>
            <source>Places of this shoot</source>
            <translation>Lugares de este rodaje</translation>
        </message>
        <message>
            <source>place</source>
            <translation>lugar</translation>
        </message>
        <message>
            <source>shoot</source>
            <translation>rodaje</translation>
        </message>
        <message>
            <source>, %1 missing</source>
            <translation>, faltan %1</translation>
        </message>
        <message>
            <source>Refero library (*.refero-library.json)</source>
            <translation>Biblioteca de Refero (*.refero-library.json)</translation>
        </message>
        <message>
            <source>, about %1 s left</source>
            <translation>, quedan unos %1 s</translation>
        </message>
        <message>
            <source>, about %1 min left</source>
            <translation>, quedan unos %1 min</translation>
        </message>
        <message>
            <source>The light over the chart, told from its greys, its ground and what the colours leave: lighter is more. A line is a tenth of a stop.</source>
            <translation>La luz sobre la carta, deducida de sus grises, su fondo y lo que dejan los colores: más claro es más. Una línea es una décima de paso.</translation>
        </message>
        <message>
            <source>%1 stops, %2 %</source>
            <translation>%1 pasos, %2 %</translation>
        </message>
        <message>
            <source>; a shadow of %1</source>
            <translation>; una sombra de %1</translation>
        </message>
        <message>
            <source>; taken out</source>
            <translation>; quitada</translation>
        </message>
        <message>
            <source>Histogram</source>
            <translation>Histograma</translation>
        </message>
        <message>
            <source>Waveform</source>
            <translation>Forma de onda</translation>
        </message>
        <message>
            <source>Parade</source>
            <translation>Parade</translation>
        </message>
        <message>
            <source>Vectorscope</source>
            <translation>Vectorscopio</translation>
        </message>
        <message>
            <source>How many pixels there are of each level, dark at the left.</source>
            <translation>Cuántos píxeles hay de cada nivel, los oscuros a la izquierda.</translation>
        </message>
        <message>
            <source>Brightness (Y') of each part of the picture, left to right as in the picture.</source>
            <translation>Brillo (Y') de cada parte de la imagen, de izquierda a derecha como en ella.</translation>
        </message>
        <message>
            <source>Red, green and blue beside each other: where greys stand at one height in all three, there is no cast.</source>
            <translation>Rojo, verde y azul uno junto a otro: donde los grises están a igual altura en los tres, no hay dominante.</translation>
        </message>
        <message>
            <source>Hue by direction, saturation by distance: greys sit in the middle, a patch of the chart in its box, skin of every depth along the line.</source>
            <translation>Tono por dirección, saturación por distancia: los grises en el centro, un parche en su casilla, la piel de toda profundidad a lo largo de la línea.</translation>
        </message>
        <message>
            <source>Watch the folder that the camera shoots into. Every chart shot is judged at once, so that mistakes are mended while the light still stands.</source>
            <translation>Vigile la carpeta donde graba la cámara. Cada toma de carta se juzga al instante, para corregir errores mientras la luz sigue puesta.</translation>
        </message>
        <message>
            <source>%1 is a frame like others.</source>
            <translation>%1 es un fotograma como otros.</translation>
        </message>
        <message>
            <source>Shown for this display by the system's profile, %1.</source>
            <translation>Mostrado para esta pantalla con el perfil del sistema, %1.</translation>
        </message>
        <message>
            <source>Shown for this display by the profile that you chose, %1.</source>
            <translation>Mostrado para esta pantalla con el perfil que eligió, %1.</translation>
        </message>
        <message>
            <source>top left</source>
            <translation>superior izquierda</translation>
        </message>
        <message>
            <source>top right</source>
            <translation>superior derecha</translation>
        </message>
        <message>
            <source>bottom right</source>
            <translation>inferior derecha</translation>
        </message>
        <message>
            <source>bottom left</source>
            <translation>inferior izquierda</translation>
        </message>
        <message>
            <source>Move %1</source>
            <translation>Mover %1</translation>
        </message>
        <message>
            <source>Leave out %1</source>
            <translation>Omitir %1</translation>
        </message>
        <message>
            <source>Count %1 again</source>
            <translation>Contar %1 de nuevo</translation>
        </message>
        <message>
            <source>Put %1 back</source>
            <translation>Devolver %1</translation>
        </message>
        <message>
            <source>Nudge %1</source>
            <translation>Empujar %1</translation>
        </message>
        <message>
            <source>linear %1 %2 %3   %4 %5 %6 %   8 bit %7 %8 %9</source>
            <translation>lineal %1 %2 %3   %4 %5 %6 %   8 bits %7 %8 %9</translation>
        </message>
        <message>
            <source>   %1%2 stops from mid-grey   L*a*b* %3 %4 %5</source>
            <translation>   %1%2 pasos del gris medio   L*a*b* %3 %4 %5</translation>
        </message>
        <message>
            <source>Frames of the subject; chart frames do not count.</source>
            <translation>Fotogramas del sujeto; los de carta no cuentan.</translation>
        </message>
        <message>
            <source>A correction built under the same conditions.</source>
            <translation>Una corrección construida en las mismas condiciones.</translation>
        </message>
        <message>
            <source>Only the same body and kind of light.</source>
            <translation>Solo el mismo cuerpo y tipo de luz.</translation>
        </message>
        <message>
            <source>No correction of this body under this kind of light.</source>
            <translation>Ninguna corrección de este cuerpo con este tipo de luz.</translation>
        </message>
        <message>
            <source>Solid: valid; hatched: weaker; outline: none.</source>
            <translation>Lleno: válida; rayado: más débil; contorno: ninguna.</translation>
        </message>
        <message>
            <source>Setup</source>
            <translation>Montaje</translation>
        </message>
        <message>
            <source>Valid</source>
            <translation>Válida</translation>
        </message>
        <message>
            <source>Weaker</source>
            <translation>Más débil</translation>
        </message>
        <message>
            <source>None</source>
            <translation>Ninguna</translation>
        </message>
        <message>
            <source>Why</source>
            <translation>Por qué</translation>
        </message>
        <message>
            <source>%1 frames: %2 with a valid correction, %3 with a weaker one, %4 with none</source>
            <translation>%1 fotogramas: %2 con corrección válida, %3 con una más débil, %4 sin ninguna</translation>
        </message>
        <message>
            <source>%1 to %2</source>
            <translation>%1 a %2</translation>
        </message>
        <message>
            <source>Time</source>
            <translation>Hora</translation>
        </message>
        <message>
            <source>Enter the setups in shooting order: body, lens, light, place. Refero says which need a chart shot of their own, which copy of the chart suits the framing, and how long daylight holds.</source>
            <translation>Introduzca los montajes en orden de rodaje: cuerpo, objetivo, luz, lugar. Refero dice cuáles necesitan su propia toma de carta, qué ejemplar conviene al encuadre y cuánto dura la luz de día.</translation>
        </message>
        <message>
            <source>%1, time: %2 to %3</source>
            <translation>%1, hora: %2 a %3</translation>
        </message>
        <message>
            <source>%1 at %2
Sun %3° high, azimuth %4°</source>
            <translation>%1 a las %2
Sol a %3° de altura, acimut %4°</translation>
        </message>
        <message>
            <source>
%1, clear sky: %2 mired (%3 K)</source>
            <translation>
%1, cielo despejado: %2 mired (%3 K)</translation>
        </message>
        <message>
            <source>Day</source>
            <translation>Día</translation>
        </message>
        <message>
            <source>Prepare</source>
            <translation>Preparar</translation>
        </message>
        <message>
            <source>Coverage</source>
            <translation>Cobertura</translation>
        </message>
        <message>
            <source>Kit</source>
            <translation>Equipo</translation>
        </message>
        <message>
            <source>Library</source>
            <translation>Biblioteca</translation>
        </message>
        <message>
            <source>Enter a setup</source>
            <translation>Introducir un montaje</translation>
        </message>
        <message>
            <source>Duplicate the setup</source>
            <translation>Duplicar el montaje</translation>
        </message>
        <message>
            <source>Move the setup up</source>
            <translation>Subir el montaje</translation>
        </message>
        <message>
            <source>Move the setup down</source>
            <translation>Bajar el montaje</translation>
        </message>
        <message>
            <source>%1 of %2 seen to</source>
            <translation>%1 de %2 atendidos</translation>
        </message>
        <message>
            <source>%1: its chart was shot like this</source>
            <translation>%1: su carta se tomó así</translation>
        </message>
        <message>
            <source>The setup needs a name.</source>
            <translation>El montaje necesita un nombre.</translation>
        </message>
        <message>
            <source>Not stated</source>
            <translation>Sin indicar</translation>
        </message>
        <message>
            <source>What the camera writes.</source>
            <translation>Lo que escribe la cámara.</translation>
        </message>
        <message>
            <source>Profile</source>
            <translation>Perfil</translation>
        </message>
        <message>
            <source>The recording profile, as the camera calls it.</source>
            <translation>El perfil de grabación, como lo llama la cámara.</translation>
        </message>
        <message>
            <source>More than normal, as planned; below 0 less. A test of the profile says how far it may go.</source>
            <translation>Más de lo normal, según el plan; bajo 0, menos. Una prueba del perfil dice hasta dónde.</translation>
        </message>
        <message>
            <source>Power, with</source>
            <translation>Potencia, con</translation>
        </message>
        <message>
            <source>Of the lamp's full power.</source>
            <translation>De la potencia total de la lámpara.</translation>
        </message>
        <message>
            <source>Power</source>
            <translation>Potencia</translation>
        </message>
        <message>
            <source>Modifier</source>
            <translation>Modificador</translation>
        </message>
        <message>
            <source>Softbox, grid, diffusion; empty: bare.</source>
            <translation>Softbox, rejilla, difusión; vacío: desnuda.</translation>
        </message>
        <message>
            <source>bare</source>
            <translation>desnuda</translation>
        </message>
        <message>
            <source>Field</source>
            <translation>Campo</translation>
        </message>
        <message>
            <source>Width of what the frame shows, in the plane of the subject.</source>
            <translation>Anchura de lo que muestra el fotograma, en el plano del sujeto.</translation>
        </message>
        <message>
            <source>Enter another...</source>
            <translation>Introducir otro...</translation>
        </message>
        <message>
            <source>Short; it is on the slate and in the names of files.</source>
            <translation>Corto; está en la claqueta y en los nombres de archivo.</translation>
        </message>
        <message>
            <source>Where it is shot.</source>
            <translation>Dónde se rueda.</translation>
        </message>
        <message>
            <source>From, to</source>
            <translation>Desde, hasta</translation>
        </message>
        <message>
            <source>On the place's clock, as 9:30.</source>
            <translation>Según el reloj del lugar, como 9:30.</translation>
        </message>
        <message>
            <source>On the place's clock, as 11:00.</source>
            <translation>Según el reloj del lugar, como 11:00.</translation>
        </message>
        <message>
            <source>The camera; two of a model are two bodies.</source>
            <translation>La cámara; dos de un modelo son dos cuerpos.</translation>
        </message>
        <message>
            <source>Lens</source>
            <translation>Objetivo</translation>
        </message>
        <message>
            <source>Lenses tint and darken differently.</source>
            <translation>Los objetivos tiñen y oscurecen de modo distinto.</translation>
        </message>
        <message>
            <source>Of a zoom; empty: its shortest.</source>
            <translation>De un zoom; vacío: la más corta.</translation>
        </message>
        <message>
            <source>The lamp, flash or daylight that colours the subject.</source>
            <translation>La lámpara, el flash o la luz de día que da color al sujeto.</translation>
        </message>
        <message>
            <source>The copy to be shot.</source>
            <translation>El ejemplar que se tomará.</translation>
        </message>
        <message>
            <source>Distance, field</source>
            <translation>Distancia, campo</translation>
        </message>
        <message>
            <source>From the sensor to the subject.</source>
            <translation>Del sensor al sujeto.</translation>
        </message>
        <message>
            <source>Note</source>
            <translation>Nota</translation>
        </message>
        <message>
            <source>For whoever reads this later.</source>
            <translation>Para quien lo lea después.</translation>
        </message>
        <message>
            <source>CIEDE2000. The bars hold the truth in 95 of 100 cases, allowing for the reading's noise and for how far this copy of the chart may be from its definition. Where bars overlap, one figure is not surely better than the other.</source>
            <translation>CIEDE2000. Las barras contienen la verdad en 95 de 100 casos, contando el ruido de la lectura y lo que este ejemplar puede distar de su definición. Donde las barras se solapan, una cifra no es con seguridad mejor que la otra.</translation>
        </message>
        <message>
            <source>Median</source>
            <translation>Mediana</translation>
        </message>
        <message>
            <source>Largest</source>
            <translation>Máximo</translation>
        </message>
        <message>
            <source>%1: before %2, after %3, unseen %4</source>
            <translation>%1: antes %2, después %3, no visto %4</translation>
        </message>
        <message>
            <source>balance alone</source>
            <translation>solo balance</translation>
        </message>
        <message>
            <source>unseen</source>
            <translation>no visto</translation>
        </message>
        <message>
            <source>Each grey step after one balance for all: where red, green and blue part, that level has a cast; where they rise or fall together, the light is uneven or the tone is bent.</source>
            <translation>Cada gris tras un solo balance: donde rojo, verde y azul se separan, ese nivel tiene dominante; donde suben o bajan juntos, la luz es desigual o el tono está curvado.</translation>
        </message>
        <message>
            <source>L* of the step</source>
            <translation>L* del gris</translation>
        </message>
        <message>
            <source>Encoding</source>
            <translation>Codificación</translation>
        </message>
        <message>
            <source>Show</source>
            <translation>Mostrar</translation>
        </message>
        <message>
            <source>Take uneven light or a flat field out of the patches, or average the setup's chart frames.</source>
            <translation>Quita de los parches la luz desigual o un campo plano, o promedia los fotogramas de carta del montaje.</translation>
        </message>
        <message>
            <source>not at all</source>
            <translation>nada</translation>
        </message>
        <message>
            <source>within %1 stops</source>
            <translation>dentro de %1 pasos</translation>
        </message>
        <message>
            <source>Build correction for %1</source>
            <translation>Construir la corrección de %1</translation>
        </message>
        <message>
            <source>Lend a correction to %1</source>
            <translation>Prestar una corrección a %1</translation>
        </message>
        <message>
            <source>Keep %1</source>
            <translation>Guardar %1</translation>
        </message>
        <message>
            <source>Name the snapshot %1</source>
            <translation>Nombrar la instantánea %1</translation>
        </message>
        <message>
            <source>Take out the snapshot %1</source>
            <translation>Quitar la instantánea %1</translation>
        </message>
        <message>
            <source>Go back to %1</source>
            <translation>Volver a %1</translation>
        </message>
        <message>
            <source>Add the known colour %1</source>
            <translation>Añadir el color conocido %1</translation>
        </message>
        <message>
            <source>Count %1</source>
            <translation>Contar %1</translation>
        </message>
        <message>
            <source>Check only %1</source>
            <translation>Solo comprobar %1</translation>
        </message>
        <message>
            <source>Take out the known colour %1</source>
            <translation>Quitar el color conocido %1</translation>
        </message>
        <message>
            <source>Add picture %1</source>
            <translation>Añadir la imagen %1</translation>
        </message>
        <message>
            <source>Added to this setup by hand.</source>
            <translation>Añadido a mano a este montaje.</translation>
        </message>
        <message>
            <source>Frames of %1</source>
            <translation>Fotogramas de %1</translation>
        </message>
        <message>
            <source>Report with its frames</source>
            <translation>Informe con sus fotogramas</translation>
        </message>
        <message>
            <source>Frame %1 came in</source>
            <translation>Llegó el fotograma %1</translation>
        </message>
        <message>
            <source>It came in for this setup.</source>
            <translation>Llegó para este montaje.</translation>
        </message>
        <message>
            <source>no setup</source>
            <translation>sin montaje</translation>
        </message>
        <message>
            <source>Match %1 to %2</source>
            <translation>Igualar %1 con %2</translation>
        </message>
        <message>
            <source>the leader</source>
            <translation>la cámara guía</translation>
        </message>
        <message>
            <source>Match all cameras of the scene</source>
            <translation>Igualar todas las cámaras de la escena</translation>
        </message>
        <message>
            <source>Allow this value of %1</source>
            <translation>Permitir este valor de %1</translation>
        </message>
        <message>
            <source>Back to the set's limit of %1</source>
            <translation>Volver al límite del conjunto para %1</translation>
        </message>
        <message>
            <source>Chart frame of %1: %2</source>
            <translation>Fotograma de carta de %1: %2</translation>
        </message>
        <message>
            <source>Opened as its chart frame.</source>
            <translation>Abierto como su fotograma de carta.</translation>
        </message>
        <message>
            <source>Read the frame of %1</source>
            <translation>Leer el fotograma de %1</translation>
        </message>
        <message>
            <source>Take out the flat field %1</source>
            <translation>Quitar el campo plano %1</translation>
        </message>
        <message>
            <source>Nothing is grey in %1</source>
            <translation>Nada es gris en %1</translation>
        </message>
        <message>
            <source>Mark a grey in %1</source>
            <translation>Marcar un gris en %1</translation>
        </message>
        <message>
            <source>Learn the chart %1</source>
            <translation>Aprender la carta %1</translation>
        </message>
        <message>
            <source>State encoding %1</source>
            <translation>Indicar la codificación %1</translation>
        </message>
        <message>
            <source>Name setup %1</source>
            <translation>Nombrar el montaje %1</translation>
        </message>
        <message>
            <source>Reading the frame</source>
            <translation>Leyendo el fotograma</translation>
        </message>
        <message>
            <source>Chart not found</source>
            <translation>Carta no encontrada</translation>
        </message>
        <message>
            <source>Served by %1</source>
            <translation>Servido por %1</translation>
        </message>
        <message>
            <source>Chart to be shot</source>
            <translation>Carta por tomar</translation>
        </message>
        <message>
            <source>Chart shot missing</source>
            <translation>Falta la toma de carta</translation>
        </message>
        <message>
            <source>Shoot the chart again</source>
            <translation>Tomar la carta de nuevo</translation>
        </message>
        <message>
            <source>Read, not corrected</source>
            <translation>Leído, sin corregir</translation>
        </message>
        <message>
            <source>Not handed over</source>
            <translation>Sin entregar</translation>
        </message>
        <message>
            <source>Changed since it went out</source>
            <translation>Cambiado desde que salió</translation>
        </message>
        <message>
            <source>Done</source>
            <translation>Hecho</translation>
        </message>
        <message>
            <source>Chart frame</source>
            <translation>Fotograma de carta</translation>
        </message>
        <message>
            <source> A new one was begun: %1.</source>
            <translation> Se empezó uno nuevo: %1.</translation>
        </message>
        <message>
            <source>Refero studios (*.refero)</source>
            <translation>Estudios de Refero (*.refero)</translation>
        </message>
        <message>
            <source>Refero studio as JSON (*.json)</source>
            <translation>Estudio de Refero como JSON (*.json)</translation>
        </message>
        <message>
            <source>Open a studio</source>
            <translation>Abrir un estudio</translation>
        </message>
        <message>
            <source>Begin a new studio</source>
            <translation>Empezar un estudio nuevo</translation>
        </message>
        <message>
            <source>Save a copy</source>
            <translation>Guardar una copia</translation>
        </message>
        <message>
            <source>Call sheet and slates as PDF</source>
            <translation>Orden de rodaje y claquetas en PDF</translation>
        </message>
        <message>
            <source>Export all as JSON</source>
            <translation>Exportar todo como JSON</translation>
        </message>
        <message>
            <source>Make a studio of exported JSON</source>
            <translation>Hacer un estudio de un JSON exportado</translation>
        </message>
        <message>
            <source>Look at the demo</source>
            <translation>Ver la demostración</translation>
        </message>
        <message>
            <source>chart, surfaces</source>
            <translation>carta, superficies</translation>
        </message>
        <message>
            <source>chart, mean</source>
            <translation>carta, media</translation>
        </message>
        <message>
            <source>chart, squares</source>
            <translation>carta, cuadrados</translation>
        </message>
        <message>
            <source>, taken</source>
            <translation>, elegido</translation>
        </message>
        <message>
            <source>Fitted to</source>
            <translation>Ajustado a</translation>
        </message>
        <message>
            <source>Trials</source>
            <translation>Ensayos</translation>
        </message>
        <message>
            <source>Noise</source>
            <translation>Ruido</translation>
        </message>
        <message>
            <source>In bold: the one that was taken.</source>
            <translation>En negrita: el elegido.</translation>
        </message>
        <message>
            <source>Squares or the mean of the differences on the chart; or the chart and 1,500 made-up surfaces.</source>
            <translation>Cuadrados o media de las diferencias en la carta; o la carta y 1500 superficies imaginadas.</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 of patches that the fit did not see, over many ways of leaving some out.</source>
            <translation>CIEDE2000 medio de parches que el ajuste no vio, con muchas formas de omitir algunos.</translation>
        </message>
        <message>
            <source>How many times balance alone's noise in colour.</source>
            <translation>Cuántas veces el ruido de color del solo balance.</translation>
        </message>
        <message>
            <source>  clipped</source>
            <translation>  recortado</translation>
        </message>
        <message>
            <source>Ref | now</source>
            <translation>Ref. | ahora</translation>
        </message>
        <message>
            <source>Patch</source>
            <translation>Parche</translation>
        </message>
        <message>
            <source>Before</source>
            <translation>Antes</translation>
        </message>
        <message>
            <source>After</source>
            <translation>Después</translation>
        </message>
        <message>
            <source>Left: the reference colour. Right: the corrected reading.</source>
            <translation>Izquierda: el color de referencia. Derecha: la lectura corregida.</translation>
        </message>
        <message>
            <source>Place on the chart.</source>
            <translation>Lugar en la carta.</translation>
        </message>
        <message>
            <source>CIEDE2000 with balance alone.</source>
            <translation>CIEDE2000 con solo balance.</translation>
        </message>
        <message>
            <source>CIEDE2000 with this correction.</source>
            <translation>CIEDE2000 con esta corrección.</translation>
        </message>
        <message>
            <source>CIEDE2000 of this patch when the fit did not see it: what to expect of a colour that is not on the chart.</source>
            <translation>CIEDE2000 de este parche cuando el ajuste no lo vio: lo que cabe esperar de un color que no está en la carta.</translation>
        </message>
        <message>
            <source>How often it counts in the fit. Right click, or + and −, to favour this job's colours.</source>
            <translation>Cuánto cuenta en el ajuste. Clic derecho, o + y −, para favorecer los colores de este trabajo.</translation>
        </message>
        <message>
            <source>  left out</source>
            <translation>  omitido</translation>
        </message>
        <message>
            <source>Ref | read</source>
            <translation>Ref. | leído</translation>
        </message>
        <message>
            <source>Noise %</source>
            <translation>Ruido %</translation>
        </message>
        <message>
            <source>Clip %</source>
            <translation>Recorte %</translation>
        </message>
        <message>
            <source>Left: the reference colour. Right: the reading, balanced on the greys.</source>
            <translation>Izquierda: el color de referencia. Derecha: la lectura, equilibrada con los grises.</translation>
        </message>
        <message>
            <source>Place on the chart and name.</source>
            <translation>Lugar en la carta y nombre.</translation>
        </message>
        <message>
            <source>Linear red, in per cent of the clipping level, before any balance.</source>
            <translation>Rojo lineal, en tanto por ciento del nivel de recorte, antes de todo balance.</translation>
        </message>
        <message>
            <source>Linear green, in per cent of the clipping level, before any balance.</source>
            <translation>Verde lineal, en tanto por ciento del nivel de recorte, antes de todo balance.</translation>
        </message>
        <message>
            <source>Linear blue, in per cent of the clipping level, before any balance.</source>
            <translation>Azul lineal, en tanto por ciento del nivel de recorte, antes de todo balance.</translation>
        </message>
        <message>
            <source>Standard deviation of one pixel in the noisiest channel, in per cent of its value.</source>
            <translation>Desviación típica de un píxel en el canal más ruidoso, en tanto por ciento de su valor.</translation>
        </message>
        <message>
            <source>Share of the pixels in which a channel is clipped.</source>
            <translation>Proporción de píxeles con un canal recortado.</translation>
        </message>
        <message>
            <source>Plan</source>
            <translation>Plan</translation>
        </message>
        <message>
            <source>Reading</source>
            <translation>Lectura</translation>
        </message>
        <message>
            <source>Correction</source>
            <translation>Corrección</translation>
        </message>
        <message>
            <source>Pairing</source>
            <translation>Igualación</translation>
        </message>
        <message>
            <source>Handover</source>
            <translation>Entrega</translation>
        </message>
        <message>
            <source>Test</source>
            <translation>Prueba</translation>
        </message>
        <message>
            <source>   (now)</source>
            <translation>   (ahora)</translation>
        </message>
        <message>
            <source>An assessment needs a reading.</source>
            <translation>Una evaluación necesita una lectura.</translation>
        </message>
        <message>
            <source>%1 shows %2, %3 shows %4. Assess on one chart at a time.</source>
            <translation>%1 muestra %2, %3 muestra %4. Evalúe con una carta a la vez.</translation>
        </message>
        <message>
            <source>No patch of %1 can be used: all are clipped or left out.</source>
            <translation>Ningún parche de %1 es utilizable: todos están recortados u omitidos.</translation>
        </message>
        <message>
            <source>What %1 gives is %2. To be another camera's aim it must be a picture for sRGB or BT.1886.</source>
            <translation>Lo que da %1 es %2. Para ser la meta de otra cámara debe ser una imagen para sRGB o BT.1886.</translation>
        </message>
        <message>
            <source>the diagonal of its grid</source>
            <translation>la diagonal de su rejilla</translation>
        </message>
        <message>
            <source>The curve %1 does not say where white belongs, so its recording has no colours of its own. A log curve by constants does.</source>
            <translation>La curva %1 no dice dónde va el blanco, así que su grabación no tiene colores propios. Una curva log por constantes sí.</translation>
        </message>
        <message>
            <source>By its data sheet</source>
            <translation>Según su ficha técnica</translation>
        </message>
        <message>
            <source>Its own curve and gamut</source>
            <translation>Su propia curva y gama</translation>
        </message>
        <message>
            <source>The correction has no patch called "%1" to set a level by.</source>
            <translation>La corrección no tiene un parche «%1» con que fijar un nivel.</translation>
        </message>
        <message>
            <source>Patch %1 is a colour; levels are set by greys.</source>
            <translation>El parche %1 es un color; los niveles se fijan con grises.</translation>
        </message>
        <message>
            <source>Patch %1 was clipped or left out, so no level can be set by it.</source>
            <translation>El parche %1 estaba recortado u omitido; no sirve para fijar un nivel.</translation>
        </message>
        <message>
            <source>The picture shows %1 patches, the data have %2 colours. Are they of this chart, and is all of it in the picture?</source>
            <translation>La imagen muestra %1 parches, los datos tienen %2 colores. ¿Son de esta carta, y está entera en la imagen?</translation>
        </message>
        <message>
            <source>The colours of the data do not agree with those in the picture in any order. Are they of this chart?</source>
            <translation>Los colores de los datos no concuerdan en ningún orden con los de la imagen. ¿Son de esta carta?</translation>
        </message>
        <message>
            <source>Two orders of the data's colours agree with the picture alike, so it cannot be told which way the chart lies. Shoot it evenly lit and in focus, or enter its rows and columns by hand.</source>
            <translation>Dos órdenes de los datos concuerdan igual con la imagen; no se sabe cómo está puesta la carta. Tómela enfocada y con luz uniforme, o introduzca filas y columnas a mano.</translation>
        </message>
        <message>
            <source>neutral</source>
            <translation>neutro</translation>
        </message>
        <message>
            <source>skin</source>
            <translation>piel</translation>
        </message>
        <message>
            <source>foliage</source>
            <translation>follaje</translation>
        </message>
        <message>
            <source>sky</source>
            <translation>cielo</translation>
        </message>
        <message>
            <source>primary</source>
            <translation>primario</translation>
        </message>
        <message>
            <source>secondary</source>
            <translation>secundario</translation>
        </message>
        <message>
            <source>warm</source>
            <translation>cálido</translation>
        </message>
        <message>
            <source>cool</source>
            <translation>frío</translation>
        </message>
        <message>
            <source>other</source>
            <translation>otro</translation>
        </message>
        <message>
            <source>Patch %1 of chart %2</source>
            <translation>El parche %1 de la carta %2</translation>
        </message>
        <message>
            <source>%1: lab_d50 must be three finite numbers with L* from 0 to 120.</source>
            <translation>%1: lab_d50 debe ser tres números finitos con L* de 0 a 120.</translation>
        </message>
        <message>
            <source>%1: size_mm must be above 0.</source>
            <translation>%1: size_mm debe ser mayor que 0.</translation>
        </message>
        <message>
            <source>%1: lies outside outline_mm.</source>
            <translation>%1: está fuera de outline_mm.</translation>
        </message>
        <message>
            <source>%1: reflectance needs start_nm, step_nm above 0 and at least two values.</source>
            <translation>%1: reflectance necesita start_nm, step_nm mayor que 0 y al menos dos valores.</translation>
        </message>
        <message>
            <source>%1: a reflectance value is outside 0 to 3.</source>
            <translation>%1: una reflectancia está fuera de 0 a 3.</translation>
        </message>
        <message>
            <source>"%1" is not a role; known are neutral, skin, foliage, sky, primary, secondary, warm, cool and other.</source>
            <translation>«%1» no es un papel; se conocen neutral, skin, foliage, sky, primary, secondary, warm, cool y other.</translation>
        </message>
        <message>
            <source>Chart %1 has no patches.</source>
            <translation>La carta %1 no tiene parches.</translation>
        </message>
        <message>
            <source>Chart %1 has more than 5000 patches.</source>
            <translation>La carta %1 tiene más de 5000 parches.</translation>
        </message>
        <message>
            <source>Chart %1: outline_mm must be two numbers above 0.</source>
            <translation>Carta %1: outline_mm debe ser dos números mayores que 0.</translation>
        </message>
        <message>
            <source>Chart %1: surround_lab_d50 is not finite.</source>
            <translation>Carta %1: surround_lab_d50 no es finito.</translation>
        </message>
        <message>
            <source>Chart %1: a patch has no id.</source>
            <translation>Carta %1: un parche no tiene id.</translation>
        </message>
        <message>
            <source>Chart %1: patch id %2 occurs twice.</source>
            <translation>Carta %1: el id de parche %2 aparece dos veces.</translation>
        </message>
        <message>
            <source>Chart %1: patches %2 and %3 overlap.</source>
            <translation>Carta %1: los parches %2 y %3 se solapan.</translation>
        </message>
        <message>
            <source> Measured under %1 (ISO 13655).</source>
            <translation> Medido con %1 (ISO 13655).</translation>
        </message>
        <message>
            <source> The file does not say the measurement condition (M0, M1, M2 of ISO 13655).</source>
            <translation> El archivo no dice la condición de medida (M0, M1, M2 de ISO 13655).</translation>
        </message>
        <message>
            <source>There are no colours in it.</source>
            <translation>No contiene colores.</translation>
        </message>
        <message>
            <source>It has %1 colours; 10000 are the most.</source>
            <translation>Tiene %1 colores; 10000 como máximo.</translation>
        </message>
        <message>
            <source>Its spectra start at %1 nm in steps of %2 nm, which no instrument measures.</source>
            <translation>Sus espectros empiezan en %1 nm con pasos de %2 nm, lo que ningún instrumento mide.</translation>
        </message>
        <message>
            <source>Two colours have the id "%1".</source>
            <translation>Dos colores tienen el id «%1».</translation>
        </message>
        <message>
            <source>The colour "%1" has values that are out of range.</source>
            <translation>El color «%1» tiene valores fuera de rango.</translation>
        </message>
        <message>
            <source>L*a*b* computed from the spectra for D50 and the 2 degree observer.%1</source>
            <translation>L*a*b* calculado de los espectros para D50 y el observador de 2 grados.%1</translation>
        </message>
        <message>
            <source> Above 1, so fluorescent: %1; what they look like depends on the ultraviolet in the light, and they count a quarter in a fit.</source>
            <translation> Por encima de 1, luego fluorescentes: %1; su aspecto depende del ultravioleta de la luz y cuentan un cuarto en el ajuste.</translation>
        </message>
        <message>
            <source>Its values are for the illuminant "%1", which is not known here. Give spectra, or values for D50.</source>
            <translation>Sus valores son para el iluminante «%1», desconocido aquí. Dé espectros, o valores para D50.</translation>
        </message>
        <message>
            <source>%1 for D50, taken as they are.</source>
            <translation>%1 para D50, tomados tal cual.</translation>
        </message>
        <message>
            <source>%1 for %2, brought to D50 with CAT16.</source>
            <translation>%1 para %2, llevados a D50 con CAT16.</translation>
        </message>
        <message>
            <source> The file does not say the illuminant; D50 is assumed.</source>
            <translation> El archivo no dice el iluminante; se supone D50.</translation>
        </message>
        <message>
            <source> They are of the 10 degree observer and are used as they are: without spectra there is no way to the 2 degree observer.</source>
            <translation> Son del observador de 10 grados y se usan tal cual: sin espectros no hay camino al de 2 grados.</translation>
        </message>
        <message>
            <source> The file does not say the observer; 2 degrees is assumed.</source>
            <translation> El archivo no dice el observador; se suponen 2 grados.</translation>
        </message>
        <message>
            <source>A grid has 1 to 200 rows and columns.</source>
            <translation>Una cuadrícula tiene de 1 a 200 filas y columnas.</translation>
        </message>
        <message>
            <source>Patches need a width and a height above 0, gaps and margin of 0 or more.</source>
            <translation>Los parches necesitan anchura y altura mayores que 0, huecos y margen de 0 o más.</translation>
        </message>
        <message>
            <source>%1 colours do not fit into %2 rows of %3.</source>
            <translation>%1 colores no caben en %2 filas de %3.</translation>
        </message>
        <message>
            <source>%1 has %2 patches, the data %3 colours.</source>
            <translation>%1 tiene %2 parches, los datos %3 colores.</translation>
        </message>
        <message>
            <source>Measured on this copy. %1</source>
            <translation>Medido en este ejemplar. %1</translation>
        </message>
        <message>
            <source>A lattice has 2 to %1 points a side, not %2.</source>
            <translation>Una malla tiene de 2 a %1 puntos por lado, no %2.</translation>
        </message>
        <message>
            <source>The lattice does not hold as many numbers as its size says.</source>
            <translation>La malla no contiene tantos números como dice su tamaño.</translation>
        </message>
        <message>
            <source>The lattice holds what is no number.</source>
            <translation>La malla contiene algo que no es un número.</translation>
        </message>
        <message>
            <source>The lattice does not keep greys grey.</source>
            <translation>La malla no mantiene grises los grises.</translation>
        </message>
        <message>
            <source>There is no encoding called "%1". Known are %2.</source>
            <translation>No hay codificación «%1». Se conocen %2.</translation>
        </message>
        <message>
            <source>base</source>
            <translation>Base</translation>
        </message>
        <message>
            <source>log slope</source>
            <translation>Pendiente log</translation>
        </message>
        <message>
            <source>log offset</source>
            <translation>Desplazamiento log</translation>
        </message>
        <message>
            <source>linear slope</source>
            <translation>Pendiente lineal</translation>
        </message>
        <message>
            <source>linear offset</source>
            <translation>Desplazamiento lineal</translation>
        </message>
        <message>
            <source>linear break</source>
            <translation>Corte lineal</translation>
        </message>
        <message>
            <source>slope of the straight part</source>
            <translation>Pendiente de la parte recta</translation>
        </message>
        <message>
            <source>The %1 is %2; it can be %3 to %4.</source>
            <translation>%1: %2; puede ser de %3 a %4.</translation>
        </message>
        <message>
            <source>At the linear break there is no logarithm: linear slope times break plus linear offset must be above 0.</source>
            <translation>En el corte lineal no hay logaritmo: pendiente lineal por corte más desplazamiento lineal debe ser mayor que 0.</translation>
        </message>
        <message>
            <source>The stored number 1 would be %g times white; above 0.18 and up to 1,000,000 is possible. Is the log slope right?</source>
            <translation>El número guardado 1 sería %g veces el blanco; es posible por encima de 0,18 y hasta 1 000 000. ¿Es correcta la pendiente log?</translation>
        </message>
        <message>
            <source>Mid-grey would be stored as %.3f; between 0.02 and 0.98 is possible.</source>
            <translation>El gris medio se guardaría como %.3f; es posible entre 0,02 y 0,98.</translation>
        </message>
        <message>
            <source>The look's primaries have no inverse.</source>
            <translation>Los primarios del look no tienen inverso.</translation>
        </message>
        <message>
            <source>The look's primaries do not make D50's white of equal parts.</source>
            <translation>Los primarios del look no dan el blanco D50 a partes iguales.</translation>
        </message>
        <message>
            <source>The look's curves must rise everywhere.</source>
            <translation>Las curvas del look deben subir en todas partes.</translation>
        </message>
        <message>
            <source>A gamut is x and y of red, green, blue and white: eight numbers, or the name of a space such as rec2020.</source>
            <translation>Una gama es x e y de rojo, verde, azul y blanco: ocho números, o el nombre de un espacio como rec2020.</translation>
        </message>
        <message>
            <source>A gamut is x and y of red, green, blue and white: eight numbers, not %1.</source>
            <translation>Una gama es x e y de rojo, verde, azul y blanco: ocho números, no %1.</translation>
        </message>
        <message>
            <source>A gamut's chromaticities must be -0.5 to 1.5.</source>
            <translation>Las cromaticidades de una gama deben ser de -0,5 a 1,5.</translation>
        </message>
        <message>
            <source>The gamut's red, green and blue lie on one line.</source>
            <translation>Rojo, verde y azul de la gama están en una línea.</translation>
        </message>
        <message>
            <source>The gamut's white must lie between red, green and blue.</source>
            <translation>El blanco de la gama debe estar entre rojo, verde y azul.</translation>
        </message>
        <message>
            <source>scene light</source>
            <translation>luz de escena</translation>
        </message>
        <message>
            <source>scene light, for working in</source>
            <translation>luz de escena, para trabajar</translation>
        </message>
        <message>
            <source>CIE XYZ, D50</source>
            <translation>CIE XYZ, D50</translation>
        </message>
        <message>
            <source>Linear sRGB</source>
            <translation>sRGB lineal</translation>
        </message>
        <message>
            <source>display, sRGB at 80 cd/m2 in an office; full range</source>
            <translation>pantalla, sRGB a 80 cd/m2 en una oficina; rango completo</translation>
        </message>
        <message>
            <source>BT.709, camera</source>
            <translation>BT.709, cámara</translation>
        </message>
        <message>
            <source>scene light through BT.709's camera curve; a BT.1886 display shows it darker</source>
            <translation>luz de escena por la curva de cámara BT.709; una pantalla BT.1886 la muestra más oscura</translation>
        </message>
        <message>
            <source>display, P3 with sRGB's curve; full range</source>
            <translation>pantalla, P3 con la curva de sRGB; rango completo</translation>
        </message>
        <message>
            <source>BT.2020, camera</source>
            <translation>BT.2020, cámara</translation>
        </message>
        <message>
            <source>scene light through BT.2020's camera curve</source>
            <translation>luz de escena por la curva de cámara BT.2020</translation>
        </message>
        <message>
            <source>scene light, logarithmic, for grading</source>
            <translation>luz de escena, logarítmica, para etalonaje</translation>
        </message>
        <message>
            <source>display of 100 cd/m2 in a dim room, gamma 2.4, black at 0</source>
            <translation>pantalla de 100 cd/m2 en sala tenue, gamma 2,4, negro en 0</translation>
        </message>
        <message>
            <source>mastering display in the dark, gamma 2.6</source>
            <translation>pantalla de masterización a oscuras, gamma 2,6</translation>
        </message>
        <message>
            <source>projector of 48 cd/m2 in the dark, gamma 2.6, the projector's own white</source>
            <translation>proyector de 48 cd/m2 a oscuras, gamma 2,6, con su propio blanco</translation>
        </message>
        <message>
            <source>HDR display in a dim room, white at 203 cd/m2 (BT.2408)</source>
            <translation>pantalla HDR en sala tenue, blanco a 203 cd/m2 (BT.2408)</translation>
        </message>
        <message>
            <source>HDR display of 1,000 cd/m2 in a dim room, white at 203 cd/m2 (BT.2408)</source>
            <translation>pantalla HDR de 1000 cd/m2 en sala tenue, blanco a 203 cd/m2 (BT.2408)</translation>
        </message>
        <message>
            <source>display or print, IEC 61966-2-5; full range</source>
            <translation>pantalla o impresión, IEC 61966-2-5; rango completo</translation>
        </message>
        <message>
            <source>for editing, ISO 22028-2; its white is D50</source>
            <translation>para editar, ISO 22028-2; su blanco es D50</translation>
        </message>
        <message>
            <source>scene light, for interchange and keeping</source>
            <translation>luz de escena, para intercambiar y conservar</translation>
        </message>
        <message>
            <source>There is no output space called "%1". Known are %2.</source>
            <translation>No hay espacio de salida «%1». Se conocen %2.</translation>
        </message>
        <message>
            <source>The curve must begin at 0.</source>
            <translation>La curva debe empezar en 0.</translation>
        </message>
        <message>
            <source>The curve's values must be numbers that do not fall.</source>
            <translation>Los valores de la curva deben ser números que no bajen.</translation>
        </message>
        <message>
            <source>it needs at least two points, each with a stored number and its linear light</source>
            <translation>necesita al menos dos puntos, cada uno con un número guardado y su luz lineal</translation>
        </message>
        <message>
            <source>it has more than 65537 points</source>
            <translation>tiene más de 65537 puntos</translation>
        </message>
        <message>
            <source>one of its values is not a finite number</source>
            <translation>uno de sus valores no es un número finito</translation>
        </message>
        <message>
            <source>it does not rise from point %zu (%g, %g) to point %zu (%g, %g)</source>
            <translation>no sube del punto %zu (%g, %g) al punto %zu (%g, %g)</translation>
        </message>
        <message>
            <source>its stored numbers must cover 0.1 to 0.9, where 0 to 1 is the whole range of the recording</source>
            <translation>sus números guardados deben cubrir de 0,1 a 0,9, donde 0 a 1 es todo el rango de la grabación</translation>
        </message>
        <message>
            <source>The curve "%1" cannot be used: %2.</source>
            <translation>La curva «%1» no se puede usar: %2.</translation>
        </message>
        <message>
            <source>it gives no light at the stored number 1</source>
            <translation>no da luz en el número guardado 1</translation>
        </message>
        <message>
            <source>it runs from light to number; the other direction is needed, from number to light</source>
            <translation>va de la luz al número; hace falta el otro sentido, del número a la luz</translation>
        </message>
        <message>
            <source>The curve "%1" cannot be used. %2</source>
            <translation>La curva «%1» no se puede usar. %2</translation>
        </message>
        <message>
            <source>The frame is %1 x %2 pixels; a chart needs at least 64 x 64 to be found.</source>
            <translation>El fotograma es de %1 x %2 píxeles; para hallar una carta hacen falta 64 x 64 al menos.</translation>
        </message>
        <message>
            <source>The frame is black; there is nothing in it to measure.</source>
            <translation>El fotograma es negro; no hay nada que medir.</translation>
        </message>
        <message>
            <source>The frame shows the %1 mirrored, as in a looking glass. Turn the picture over (or shoot the chart itself) and read it again.</source>
            <translation>El fotograma muestra la %1 en espejo. Dele la vuelta (o tome la carta misma) y léalo de nuevo.</translation>
        </message>
        <message>
            <source>No %1 was found in this frame. Is the whole chart in it, in focus and not covered? If you can see it, set its four corners by hand.</source>
            <translation>No se encontró ninguna %1 en este fotograma. ¿Está entera, enfocada y sin tapar? Si la ve, ponga sus cuatro esquinas a mano.</translation>
        </message>
        <message>
            <source>Only part of the chart is in the frame: %1 lie outside. Frame the whole chart and shoot it again.</source>
            <translation>Solo parte de la carta está en el fotograma: %1 quedan fuera. Encuadre toda la carta y tómela de nuevo.</translation>
        </message>
        <message>
            <source>A corner of the chart is not a number.</source>
            <translation>Una esquina de la carta no es un número.</translation>
        </message>
        <message>
            <source>The four corners go round the chart the other way: left and right are changed. Give them as top left, top right, bottom right, bottom left of the chart as its definition draws it.</source>
            <translation>Las cuatro esquinas van al revés: izquierda y derecha están cambiadas. Délas como superior izquierda, superior derecha, inferior derecha, inferior izquierda de la carta según su definición.</translation>
        </message>
        <message>
            <source>The four corners do not go round the chart: give them as top left, top right, bottom right, bottom left of the chart as its definition draws it.</source>
            <translation>Las cuatro esquinas no rodean la carta: délas como superior izquierda, superior derecha, inferior derecha, inferior izquierda según su definición.</translation>
        </message>
        <message>
            <source>With these corners, patches %1 lie outside the frame.</source>
            <translation>Con estas esquinas, los parches %1 quedan fuera del fotograma.</translation>
        </message>
        <message>
            <source>No field of patches in rows and columns was found in this frame. Frame the whole chart, in focus and evenly lit, so that it fills a quarter of the picture.</source>
            <translation>No se encontró un campo de parches en filas y columnas. Encuadre toda la carta, enfocada y con luz uniforme, ocupando un cuarto de la imagen.</translation>
        </message>
        <message>
            <source>No layout was learned.</source>
            <translation>No se aprendió ninguna disposición.</translation>
        </message>
        <message>
            <source>A level's grey must reflect 0.0001 to 16 and show 0 to 16, 1 being white.</source>
            <translation>El gris de un nivel debe reflejar de 0,0001 a 16 y mostrar de 0 a 16; 1 es blanco.</translation>
        </message>
        <message>
            <source>Levels must rise: black below mid-grey, mid-grey below white, as seen and as wanted.</source>
            <translation>Los niveles deben subir: negro bajo gris medio, gris medio bajo blanco, vistos y deseados.</translation>
        </message>
        <message>
            <source>A finish's exposure must be -4 to 4 stops.</source>
            <translation>La exposición de un acabado debe ser de -4 a 4 pasos.</translation>
        </message>
        <message>
            <source>A finish's warmth must be -12 to 12 steps.</source>
            <translation>La calidez de un acabado debe ser de -12 a 12 grados.</translation>
        </message>
        <message>
            <source>A finish's tint must be -20 to 20 thousandths of Duv.</source>
            <translation>El matiz de un acabado debe ser de -20 a 20 milésimas de Duv.</translation>
        </message>
        <message>
            <source>A finish's contrast must be -1 to 1.</source>
            <translation>El contraste de un acabado debe ser de -1 a 1.</translation>
        </message>
        <message>
            <source>A finish's saturation must be 0 to 2.</source>
            <translation>La saturación de un acabado debe ser de 0 a 2.</translation>
        </message>
        <message>
            <source>There is no finish called "%1". Known are base and rounded.</source>
            <translation>No hay acabado «%1». Se conocen base y rounded.</translation>
        </message>
        <message>
            <source>%+.2f stops</source>
            <translation>%+.2f pasos</translation>
        </message>
        <message>
            <source>%.1f steps warmer</source>
            <translation>%.1f grados más cálido</translation>
        </message>
        <message>
            <source>%.1f steps cooler</source>
            <translation>%.1f grados más frío</translation>
        </message>
        <message>
            <source>%.1f greener</source>
            <translation>%.1f más verde</translation>
        </message>
        <message>
            <source>%.1f more magenta</source>
            <translation>%.1f más magenta</translation>
        </message>
        <message>
            <source>contrast %+.0f %%</source>
            <translation>contraste %+.0f %%</translation>
        </message>
        <message>
            <source>saturation %.0f %%</source>
            <translation>saturación %.0f %%</translation>
        </message>
        <message>
            <source>levels by hand</source>
            <translation>niveles a mano</translation>
        </message>
        <message>
            <source>There is no aim called "%1". Known are reference and reading.</source>
            <translation>No hay meta «%1». Se conocen reference y reading.</translation>
        </message>
        <message>
            <source>Only %1 patches are usable; a %2 needs %3. Use the balance model.</source>
            <translation>Solo %1 parches son utilizables; un modelo %2 necesita %3. Use el modelo de balance.</translation>
        </message>
        <message>
            <source>The chart does not tell what this camera would see of other colours.</source>
            <translation>La carta no dice qué vería esta cámara de otros colores.</translation>
        </message>
        <message>
            <source>The fitted %1 would fold colours over; check that the reading is of the chart it says.</source>
            <translation>El modelo %1 ajustado plegaría colores; compruebe que la lectura es de la carta que dice.</translation>
        </message>
        <message>
            <source>matrix</source>
            <translation>matriz</translation>
        </message>
        <message>
            <source>root polynomial 2</source>
            <translation>polinomio de raíces 2</translation>
        </message>
        <message>
            <source>root polynomial 3</source>
            <translation>polinomio de raíces 3</translation>
        </message>
        <message>
            <source>polynomial</source>
            <translation>polinomio</translation>
        </message>
        <message>
            <source>lattice</source>
            <translation>malla</translation>
        </message>
        <message>
            <source>hue sectors</source>
            <translation>sectores de tono</translation>
        </message>
        <message>
            <source> for looks</source>
            <translation> para estilos de imagen</translation>
        </message>
        <message>
            <source>: %1 in trials on patches left out</source>
            <translation>: %1 en ensayos con parches omitidos</translation>
        </message>
        <message>
            <source>No model that this chart can carry is fitted by that objective. Leave the objective open, or use a matrix.</source>
            <translation>Ningún modelo que esta carta soporte se ajusta con ese criterio. Déjelo libre, o use una matriz.</translation>
        </message>
        <message>
            <source>Too few patches are left where some are taken away.</source>
            <translation>Quedan muy pocos parches al quitar algunos.</translation>
        </message>
        <message>
            <source>Correction from %1</source>
            <translation>Corrección de %1</translation>
        </message>
        <message>
            <source>maxClipped must be 0 to 1.</source>
            <translation>maxClipped debe ser de 0 a 1.</translation>
        </message>
        <message>
            <source>The chart's tolerance must be 0 to 10 CIEDE2000.</source>
            <translation>La tolerancia de la carta debe ser de 0 a 10 CIEDE2000.</translation>
        </message>
        <message>
            <source>The greys tell no curve: four usable ones at least are needed, and each must follow from the others. Leave the curves to be used where they help.</source>
            <translation>Los grises no dan curva: hacen falta cuatro utilizables, y cada uno debe seguirse de los demás. Deje las curvas donde ayuden.</translation>
        </message>
        <message>
            <source>A polynomial changes with exposure, so it is for encoded frames only; this one is linear. Use a root polynomial, which does the same at every exposure.</source>
            <translation>Un polinomio cambia con la exposición, sirve solo para fotogramas codificados; este es lineal. Use un polinomio de raíces, igual a toda exposición.</translation>
        </message>
        <message>
            <source> No move foretells one patch from the others, so it is a root polynomial alone.</source>
            <translation> Ningún desplazamiento predice un parche por los demás; es un polinomio de raíces solo.</translation>
        </message>
        <message>
            <source>at most %.1f</source>
            <translation>como máximo %.1f</translation>
        </message>
        <message>
            <source>Mean difference</source>
            <translation>Diferencia media</translation>
        </message>
        <message>
            <source>Between the two cameras over the chart; as they are it is %.2f. Half the patches are within %.2f.</source>
            <translation>Entre las dos cámaras sobre la carta; tal cual es %.2f. La mitad de los parches está dentro de %.2f.</translation>
        </message>
        <message>
            <source>Over the chart; balance alone leaves %.2f, and half the patches are within %.2f.</source>
            <translation>Sobre la carta; solo el balance deja %.2f, y la mitad de los parches está dentro de %.2f.</translation>
        </message>
        <message>
            <source>See which patches stand out in the list; look for glare or a cover on them.</source>
            <translation>Vea en la lista qué parches destacan; busque en ellos brillo o algo que tape.</translation>
        </message>
        <message>
            <source>Largest difference</source>
            <translation>Diferencia máxima</translation>
        </message>
        <message>
            <source>Patch %1. 95 % of the patches are within %2; before it was %3.</source>
            <translation>Parche %1. El 95 % de los parches está dentro de %2; antes era %3.</translation>
        </message>
        <message>
            <source>This colour stays off under this light: judge it by eye, or light it otherwise.</source>
            <translation>Este color sigue desviado con esta luz: júzguelo a ojo, o ilumínelo de otro modo.</translation>
        </message>
        <message>
            <source>Unseen colours</source>
            <translation>Colores no vistos</translation>
        </message>
        <message>
            <source>Expect this of an ordinary colour. Each patch left out in turn, the chart's strongest among them: %.2f on average, %.2f at the worst.</source>
            <translation>Espere esto de un color corriente. Omitido cada parche por turno, incluidos los más fuertes: %.2f de media, %.2f en el peor caso.</translation>
        </message>
        <message>
            <source>The chart promises more than it can keep; a chart with more patches would help.</source>
            <translation>La carta promete más de lo que puede cumplir; una con más parches ayudaría.</translation>
        </message>
        <message>
            <source>On another shot</source>
            <translation>En otra toma</translation>
        </message>
        <message>
            <source>%1 (%2): the largest is %3, half are within %4.</source>
            <translation>%1 (%2): la máxima es %3, la mitad dentro de %4.</translation>
        </message>
        <message>
            <source>One of the two shots is not of this light, or a patch is covered or shines: see what moved between them.</source>
            <translation>Una de las dos tomas no es de esta luz, o un parche está tapado o brilla: vea qué cambió entre ellas.</translation>
        </message>
        <message>
            <source>Copy work</source>
            <translation>Reproducción</translation>
        </message>
        <message>
            <source>good as the US federal guidelines' four stars, tolerable as ISO 19264-1's level A</source>
            <translation>bueno como las cuatro estrellas de las directrices federales de EE. UU., tolerable como el nivel A de ISO 19264-1</translation>
        </message>
        <message>
            <source>Event</source>
            <translation>Evento</translation>
        </message>
        <message>
            <source>common practice</source>
            <translation>práctica habitual</translation>
        </message>
        <message>
            <source>There are no limits called "%1". Known are Copy work, Product, Event and Film.</source>
            <translation>No hay límites «%1». Se conocen Copy work, Product, Event y Film.</translation>
        </message>
        <message>
            <source>A correction has no limit for "%1".</source>
            <translation>Una corrección no tiene límite para «%1».</translation>
        </message>
        <message>
            <source>A known colour needs a name.</source>
            <translation>Un color conocido necesita un nombre.</translation>
        </message>
        <message>
            <source>There is a patch or a colour called %1 already; give it another name.</source>
            <translation>Ya hay un parche o color llamado %1; dele otro nombre.</translation>
        </message>
        <message>
            <source>L* 0 to 110, a* and b* within 150: what is given for %1 is no such colour.</source>
            <translation>L* de 0 a 110, a* y b* dentro de 150: lo dado para %1 no es tal color.</translation>
        </message>
        <message>
            <source>Nothing was measured for %1.</source>
            <translation>No se midió nada para %1.</translation>
        </message>
        <message>
            <source>%1 is clipped or black in %2, so that its colour cannot be told. Take another place or frame.</source>
            <translation>%1 está recortado o negro en %2; no se puede saber su color. Tome otro sitio o fotograma.</translation>
        </message>
        <message>
            <source>The frames do not say which body took them, and a correction is never lent to another body.</source>
            <translation>Los fotogramas no dicen qué cuerpo los tomó, y una corrección nunca se presta a otro cuerpo.</translation>
        </message>
        <message>
            <source>The library holds no correction of %1 for this kind of recording.</source>
            <translation>La biblioteca no tiene corrección de %1 para este tipo de grabación.</translation>
        </message>
        <message>
            <source>Nothing tells the light of these frames: mark something neutral in one of them, or name the lamp in the plan.</source>
            <translation>Nada dice la luz de estos fotogramas: marque algo neutro en uno, o nombre la lámpara en el plan.</translation>
        </message>
        <message>
            <source>No source of colours is called "%1".</source>
            <translation>Ninguna fuente de colores se llama «%1».</translation>
        </message>
        <message>
            <source>No balance is called "%1".</source>
            <translation>Ningún balance se llama «%1».</translation>
        </message>
        <message>
            <source>The patches are all of one hue, so a matrix cannot be told from them. Use a chart with several hues, or the balance model.</source>
            <translation>Los parches son todos de un tono, no se deduce una matriz. Use una carta con varios tonos, o el modelo de balance.</translation>
        </message>
        <message>
            <source>There is no model called "%1". Known are balance, matrix, root-polynomial, root-polynomial-3, polynomial, lattice and hue-sectors.</source>
            <translation>No hay modelo «%1». Se conocen balance, matrix, root-polynomial, root-polynomial-3, polynomial, lattice y hue-sectors.</translation>
        </message>
        <message>
            <source>There is no intent called "%1". Known are colorimetric, neutrals, skin and pleasing.</source>
            <translation>No hay intención «%1». Se conocen colorimetric, neutrals, skin y pleasing.</translation>
        </message>
        <message>
            <source>What is left of these colours contradicts itself: bringing each to its reference would fold others over. Check that the reading is of the chart it says, or use a matrix.</source>
            <translation>Lo que queda de estos colores se contradice: llevar cada uno a su referencia plegaría otros. Compruebe que la lectura es de esa carta, o use una matriz.</translation>
        </message>
        <message>
            <source>A pool needs two chart shots or more; one alone has a correction of its own.</source>
            <translation>Un grupo necesita dos tomas de carta o más; una sola tiene su propia corrección.</translation>
        </message>
        <message>
            <source>The reading of %1 holds no chart; read the frame again.</source>
            <translation>La lectura de %1 no contiene carta; lea de nuevo el fotograma.</translation>
        </message>
        <message>
            <source>The weight of %1 must be above 0.</source>
            <translation>El peso de %1 debe ser mayor que 0.</translation>
        </message>
        <message>
            <source>The chart shots show two charts, %1 and %2; only shots of one chart share a correction.</source>
            <translation>Las tomas muestran dos cartas, %1 y %2; solo tomas de una carta comparten corrección.</translation>
        </message>
        <message>
            <source>The recordings are %1 and %2; one LUT cannot be fed both.</source>
            <translation>Las grabaciones son %1 y %2; una LUT no puede recibir ambas.</translation>
        </message>
        <message>
            <source>The chart shots are of two bodies; each needs a correction of its own.</source>
            <translation>Las tomas son de dos cuerpos; cada uno necesita su corrección.</translation>
        </message>
        <message>
            <source>No grey of %1 can be used, so %2 cannot share a correction. Leave it out, or shoot its chart again.</source>
            <translation>Ningún gris de %1 es utilizable, así que %2 no puede compartir corrección. Omítalo, o tome su carta de nuevo.</translation>
        </message>
        <message>
            <source>A root polynomial has degree 1, 2 or 3, not %1.</source>
            <translation>Un polinomio de raíces es de grado 1, 2 o 3, no %1.</translation>
        </message>
        <message>
            <source>Only %1 colours are usable; a root polynomial of degree %2 needs %3.</source>
            <translation>Solo %1 colores son utilizables; un polinomio de raíces de grado %2 necesita %3.</translation>
        </message>
        <message>
            <source>The colours are too much alike to tell a root polynomial from them. Use a chart with more hues, a matrix, or the balance model.</source>
            <translation>Los colores se parecen demasiado para deducir un polinomio de raíces. Use una carta con más tonos, una matriz o el modelo de balance.</translation>
        </message>
        <message>
            <source>The readings are of two cameras, %1 and %2; each needs a correction of its own.</source>
            <translation>Las lecturas son de dos cámaras, %1 y %2; cada una necesita su corrección.</translation>
        </message>
        <message>
            <source>The readings are of two bodies of one model, number %1 and %2; each needs a correction of its own.</source>
            <translation>Las lecturas son de dos cuerpos de un modelo, números %1 y %2; cada uno necesita su corrección.</translation>
        </message>
        <message>
            <source>The greys of %1 differ from those of %2 by %3 % in colour: that is another light. Build a correction for each.</source>
            <translation>Los grises de %1 difieren de los de %2 en un %3 % de color: es otra luz. Construya una corrección para cada una.</translation>
        </message>
        <message>
            <source>A correction needs at least one reading.</source>
            <translation>Una corrección necesita al menos una lectura.</translation>
        </message>
        <message>
            <source>The readings are of two charts, %1 and %2. Give readings of one chart.</source>
            <translation>Las lecturas son de dos cartas, %1 y %2. Dé lecturas de una.</translation>
        </message>
        <message>
            <source>The readings are of two encodings, %1 and %2; they cannot be of one setup.</source>
            <translation>Las lecturas son de dos codificaciones, %1 y %2; no pueden ser de un montaje.</translation>
        </message>
        <message>
            <source>There is no patch %1 on %2.</source>
            <translation>No hay parche %1 en %2.</translation>
        </message>
        <message>
            <source>Patch %1 can count from %2 to %3 times, not %4. To count it nowhere, leave it out of the reading.</source>
            <translation>El parche %1 puede contar de %2 a %3 veces, no %4. Para que no cuente, omítalo de la lectura.</translation>
        </message>
        <message>
            <source>Patch %1 of %2 has no reflectance, so its colour under %3 is not known. Use d50.</source>
            <translation>El parche %1 de %2 no tiene reflectancia, su color con %3 no se conoce. Use d50.</translation>
        </message>
        <message>
            <source>The colours of %1 are not known yet: its layout was learned from a picture. Give its data, then build the correction.</source>
            <translation>Los colores de %1 aún no se conocen: su disposición se aprendió de una imagen. Dé sus datos y construya la corrección.</translation>
        </message>
        <message>
            <source>No grey patch of this reading is usable (all are clipped, buried in noise, or missing), so there is nothing to balance on. Shoot the chart again.</source>
            <translation>Ningún parche gris de esta lectura es utilizable (recortados, hundidos en ruido o ausentes), no hay con qué equilibrar. Tome la carta de nuevo.</translation>
        </message>
        <message>
            <source>Only %1 patches have a known reflectance; to tell the camera's sensitivities from them needs %2.</source>
            <translation>Solo %1 parches tienen reflectancia conocida; para deducir las sensibilidades de la cámara hacen falta %2.</translation>
        </message>
        <message>
            <source>A reading is not a number, so the camera's sensitivities cannot be told.</source>
            <translation>Una lectura no es un número; no se pueden deducir las sensibilidades de la cámara.</translation>
        </message>
        <message>
            <source>A light's colour temperature must be 1500 to 20000 K, not %1.</source>
            <translation>La temperatura de color de una luz debe ser de 1500 a 20000 K, no %1.</translation>
        </message>
        <message>
            <source>The corrections are of two cameras, %1 and %2; only those of one can be mixed.</source>
            <translation>Las correcciones son de dos cámaras, %1 y %2; solo las de una se mezclan.</translation>
        </message>
        <message>
            <source>The corrections are for two encodings, %1 and %2.</source>
            <translation>Las correcciones son para dos codificaciones, %1 y %2.</translation>
        </message>
        <message>
            <source>A correction towards another camera belongs to one light; mix two that go to reference values.</source>
            <translation>Una corrección hacia otra cámara es de una luz; mezcle dos que vayan a la referencia.</translation>
        </message>
        <message>
            <source>Curves and lattices belong to one light; mix two matrices or two root polynomials of one degree.</source>
            <translation>Curvas y mallas son de una luz; mezcle dos matrices o dos polinomios de raíces de un grado.</translation>
        </message>
        <message>
            <source>One correction is a %1, the other a %2; build both with the same model.</source>
            <translation>Una corrección es %1, la otra %2; construya ambas con el mismo modelo.</translation>
        </message>
        <message>
            <source>The two lights are closer than 20 mired; use the nearer one's correction.</source>
            <translation>Las dos luces están a menos de 20 mired; use la corrección de la más próxima.</translation>
        </message>
        <message>
            <source>%1 is not between %2 and %3: shoot the chart under that light.</source>
            <translation>%1 no está entre %2 y %3: tome la carta con esa luz.</translation>
        </message>
        <message>
            <source>%1, %2 between %3 and %4</source>
            <translation>%1, %2 entre %3 y %4</translation>
        </message>
        <message>
            <source>Between "%1" and "%2"</source>
            <translation>Entre «%1» y «%2»</translation>
        </message>
        <message>
            <source>Mixed by mired for %1, %2 % of the way from %3 to %4; check it on a chart shot under that light.</source>
            <translation>Mezclada en mired para %1, %2 % del camino de %3 a %4; compruébela en una toma de carta con esa luz.</translation>
        </message>
        <message>
            <source>That grey has no light in some channel.</source>
            <translation>Ese gris no tiene luz en algún canal.</translation>
        </message>
        <message>
            <source>What is grey there is in a light that is not between the two.</source>
            <translation>Lo gris de ahí está en una luz que no queda entre las dos.</translation>
        </message>
        <message>
            <source>%1 shows %2</source>
            <translation>%1 muestra %2</translation>
        </message>
        <message>
            <source>The correction was built from %1, so that it proves nothing. Check it on another shot.</source>
            <translation>La corrección se construyó de %1, eso no prueba nada. Compruébela en otra toma.</translation>
        </message>
        <message>
            <source>%1 is encoded as %2, the correction is for %3. State the frame's encoding, or check it on a frame of the same kind.</source>
            <translation>%1 está codificado como %2, la corrección es para %3. Indique la codificación, o compruebe en un fotograma del mismo tipo.</translation>
        </message>
        <message>
            <source>The correction goes to %1 as patches of %2 look there; %3. Check it on a shot of the same chart.</source>
            <translation>La corrección lleva a %1 como se ven allí los parches de %2; %3. Compruébela en una toma de la misma carta.</translation>
        </message>
        <message>
            <source>No patch of %1 is usable.</source>
            <translation>Ningún parche de %1 es utilizable.</translation>
        </message>
        <message>
            <source>No colour is given to check the correction on.</source>
            <translation>No se da ningún color con que comprobar la corrección.</translation>
        </message>
        <message>
            <source>one known colour</source>
            <translation>un color conocido</translation>
        </message>
        <message>
            <source>%1 known colours</source>
            <translation>%1 colores conocidos</translation>
        </message>
        <message>
            <source>The correction was built from %1, so that it proves nothing. Check it on another colour.</source>
            <translation>La corrección se construyó de %1, eso no prueba nada. Compruébela en otro color.</translation>
        </message>
        <message>
            <source>"%1" is no source of an encoding; it is stated, file or assumed.</source>
            <translation>«%1» no es una fuente de codificación; es stated, file o assumed.</translation>
        </message>
        <message>
            <source>A projective map needs four pairs of points.</source>
            <translation>Una proyección necesita cuatro pares de puntos.</translation>
        </message>
        <message>
            <source>The points lie on one line; no projective map follows from them.</source>
            <translation>Los puntos están en línea; no se sigue ninguna proyección.</translation>
        </message>
        <message>
            <source>An affine map needs three pairs of points.</source>
            <translation>Una transformación afín necesita tres pares de puntos.</translation>
        </message>
        <message>
            <source>The points lie on one line; no affine map follows from them.</source>
            <translation>Los puntos están en línea; no se sigue ninguna transformación afín.</translation>
        </message>
        <message>
            <source>A decision list has ten numbers; fewer than ten colours do not tell them.</source>
            <translation>Una lista de decisión tiene diez números; menos de diez colores no los dan.</translation>
        </message>
        <message>
            <source>A colour for the decision list is no number.</source>
            <translation>Un color de la lista de decisión no es un número.</translation>
        </message>
        <message>
            <source>No decision list comes near this correction.</source>
            <translation>Ninguna lista de decisión se acerca a esta corrección.</translation>
        </message>
        <message>
            <source>Gain of red %1 stops, of green %2, of blue %3.</source>
            <translation>Ganancia del rojo %1 pasos, del verde %2, del azul %3.</translation>
        </message>
        <message>
            <source>Temperature and tint do not reach a light like this one, of a camera's bare numbers: set the gains, or pick a grey of the chart as white.</source>
            <translation>Temperatura y matiz no alcanzan una luz así, en los números brutos de una cámara: ajuste las ganancias, o tome un gris de la carta como blanco.</translation>
        </message>
        <message>
            <source>With temperature and tint instead: %1 K, tint Duv %2 (%3).</source>
            <translation>O con temperatura y matiz: %1 K, matiz Duv %2 (%3).</translation>
        </message>
        <message>
            <source>a greenish light, so magenta takes it out</source>
            <translation>una luz verdosa, el magenta la quita</translation>
        </message>
        <message>
            <source>a pinkish light, so green takes it out</source>
            <translation>una luz rosada, el verde la quita</translation>
        </message>
        <message>
            <source>In mired: %1, as %2; the tint alike.</source>
            <translation>En mired: %1, como %2; el matiz igual.</translation>
        </message>
        <message>
            <source>a cooling filter does</source>
            <translation>un filtro de enfriamiento</translation>
        </message>
        <message>
            <source>a warming filter does</source>
            <translation>un filtro de calentamiento</translation>
        </message>
        <message>
            <source> turn by %1 degrees (%2),</source>
            <translation> girar %1 grados (%2),</translation>
        </message>
        <message>
            <source>counter-clockwise, as hues rise</source>
            <translation>en sentido antihorario, como suben los tonos</translation>
        </message>
        <message>
            <source>clockwise, as hues fall</source>
            <translation>en sentido horario, como bajan los tonos</translation>
        </message>
        <message>
            <source> saturation %1 %,</source>
            <translation> saturación %1 %,</translation>
        </message>
        <message>
            <source> lightness %1,</source>
            <translation> claridad %1,</translation>
        </message>
        <message>
            <source>Exposure %1 stops.</source>
            <translation>Exposición %1 pasos.</translation>
        </message>
        <message>
            <source>Black to %1 %, white to %2 %.</source>
            <translation>Negro al %1 %, blanco al %2 %.</translation>
        </message>
        <message>
            <source>The curve's point at %1 % to %2 %.</source>
            <translation>El punto de la curva en %1 % a %2 %.</translation>
        </message>
        <message>
            <source>Saturation of all colours %1 %.</source>
            <translation>Saturación de todos los colores %1 %.</translation>
        </message>
        <message>
            <source>Skin</source>
            <translation>Piel</translation>
        </message>
        <message>
            <source>Balance</source>
            <translation>Balance</translation>
        </message>
        <message>
            <source>Black and white</source>
            <translation>Negro y blanco</translation>
        </message>
        <message>
            <source>Hues</source>
            <translation>Tonos</translation>
        </message>
        <message>
            <source>A recipe is told from the chart's patches; %1 usable ones are too few.</source>
            <translation>Una receta se saca de los parches de la carta; %1 utilizables son muy pocos.</translation>
        </message>
        <message>
            <source>Recipe for %1
</source>
            <translation>Receta para %1
</translation>
        </message>
        <message>
            <source>From the frame as it was recorded, in sRGB. The chart is off by %1 CIEDE2000 on average.

</source>
            <translation>Del fotograma tal como se grabó, en sRGB. La carta se desvía %1 CIEDE2000 de media.

</translation>
        </message>
        <message>
            <source>   Nothing to do.
</source>
            <translation>   Nada que hacer.
</translation>
        </message>
        <message>
            <source>   Left: %1
</source>
            <translation>   Queda: %1
</translation>
        </message>
        <message>
            <source>%1
In the end %2 is left on average, %3 at most (%4).
</source>
            <translation>%1
Al final queda %2 de media, %3 como máximo (%4).
</translation>
        </message>
        <message>
            <source>red</source>
            <translation>rojo</translation>
        </message>
        <message>
            <source>orange</source>
            <translation>naranja</translation>
        </message>
        <message>
            <source>yellow</source>
            <translation>amarillo</translation>
        </message>
        <message>
            <source>yellow-green</source>
            <translation>verde amarillento</translation>
        </message>
        <message>
            <source>green</source>
            <translation>verde</translation>
        </message>
        <message>
            <source>blue-green</source>
            <translation>azul verdoso</translation>
        </message>
        <message>
            <source>blue</source>
            <translation>azul</translation>
        </message>
        <message>
            <source>purple-blue</source>
            <translation>azul purpúreo</translation>
        </message>
        <message>
            <source>purple</source>
            <translation>púrpura</translation>
        </message>
        <message>
            <source>red-purple</source>
            <translation>rojo purpúreo</translation>
        </message>
        <message>
            <source>The chart has no such patch.</source>
            <translation>La carta no tiene ese parche.</translation>
        </message>
        <message>
            <source>The instrument gave no proper reflectance. Put it on its tile and measure again.</source>
            <translation>El instrumento no dio una reflectancia correcta. Póngalo en su patrón y mida de nuevo.</translation>
        </message>
        <message>
            <source>The instrument measures at other wavelengths than before. Begin this copy anew.</source>
            <translation>El instrumento mide en otras longitudes de onda que antes. Empiece de nuevo este ejemplar.</translation>
        </message>
        <message>
            <source>Patch %1 is not measured yet.</source>
            <translation>El parche %1 aún no está medido.</translation>
        </message>
        <message>
            <source>Only %1 greys of %2 can be used (the others are clipped, covered or missing), and four are needed to tell the picture's contrast. Expose the leading camera less, or shoot a chart with more greys.</source>
            <translation>Solo %1 grises de %2 son utilizables (los demás recortados, tapados o ausentes), y hacen falta cuatro para el contraste. Exponga menos la cámara guía, o use una carta con más grises.</translation>
        </message>
        <message>
            <source>The leading camera's correction is for %1, its reading is %2. Give the correction that belongs to %3.</source>
            <translation>La corrección de la cámara guía es para %1, su lectura es %2. Dé la corrección que corresponde a %3.</translation>
        </message>
        <message>
            <source>The leading camera's correction is of %1, its reading of %2. Give the correction that belongs to %3.</source>
            <translation>La corrección de la cámara guía es de %1, su lectura de %2. Dé la corrección que corresponde a %3.</translation>
        </message>
        <message>
            <source>%1 is a picture that shows itself, so no correction stands between it and the eye. Leave the correction out.</source>
            <translation>%1 es una imagen que se muestra por sí misma; ninguna corrección media. Omítala.</translation>
        </message>
        <message>
            <source>Only %1 patches of %2 can be used, and eight are needed. Shoot the chart with the leading camera again.</source>
            <translation>Solo %1 parches de %2 son utilizables, y hacen falta ocho. Tome la carta de nuevo con la cámara guía.</translation>
        </message>
        <message>
            <source>A match needs a reading of the camera that follows.</source>
            <translation>Una igualación necesita una lectura de la cámara que sigue.</translation>
        </message>
        <message>
            <source>%1 is on both sides, and a frame looks like itself. Give a chart shot of the other camera.</source>
            <translation>%1 está en ambos lados, y un fotograma se parece a sí mismo. Dé una toma de carta de la otra cámara.</translation>
        </message>
        <message>
            <source> to %1</source>
            <translation> a %1</translation>
        </message>
        <message>
            <source>The two shots are of two charts, %1 and %2; who is nearer to the truth is told on one chart only.</source>
            <translation>Las dos tomas son de dos cartas, %1 y %2; quién está más cerca de la verdad se dice solo en una.</translation>
        </message>
        <message>
            <source>An interval needs at least one draw.</source>
            <translation>Un intervalo necesita al menos una extracción.</translation>
        </message>
        <message>
            <source>No patch can be used in both shots, so nothing can be compared. Shoot the chart again.</source>
            <translation>Ningún parche es utilizable en ambas tomas, nada que comparar. Tome la carta de nuevo.</translation>
        </message>
        <message>
            <source>There is no step called "%1". Known are balance, level, contrast, skin and the hues R, YR, Y, GY, G, BG, B, PB, P and RP.</source>
            <translation>No hay paso «%1». Se conocen balance, level, contrast, skin y los tonos R, YR, Y, GY, G, BG, B, PB, P y RP.</translation>
        </message>
        <message>
            <source>These steps cannot be held back alone: colours beside them are moved so far that hues would change places. Hold back their neighbours, too, or none of them.</source>
            <translation>Estos pasos no se pueden retener solos: los colores vecinos se mueven tanto que los tonos cambiarían de sitio. Retenga también sus vecinos, o ninguno.</translation>
        </message>
        <message>
            <source>As shown</source>
            <translation>Tal como se muestra</translation>
        </message>
        <message>
            <source>As recorded</source>
            <translation>Tal como se grabó</translation>
        </message>
        <message>
            <source>%s at %g mm</source>
            <translation>%s a %g mm</translation>
        </message>
        <message>
            <source>A change of body, lens, light, power, modifier, place or recording calls for a new chart shot.</source>
            <translation>Un cambio de cuerpo, objetivo, luz, potencia, modificador, lugar o grabación pide una nueva toma de carta.</translation>
        </message>
        <message>
            <source>A change of body, lens, light or place calls for a new chart shot.</source>
            <translation>Un cambio de cuerpo, objetivo, luz o lugar pide una nueva toma de carta.</translation>
        </message>
        <message>
            <source>A change of body or light calls for a new chart shot.</source>
            <translation>Un cambio de cuerpo o luz pide una nueva toma de carta.</translation>
        </message>
        <message>
            <source>No chart of its own</source>
            <translation>Sin carta propia</translation>
        </message>
        <message>
            <source>Shoot %1</source>
            <translation>Tomar %1</translation>
        </message>
        <message>
            <source>Shoot the chart</source>
            <translation>Tomar la carta</translation>
        </message>
        <message>
            <source>, and again by %1</source>
            <translation>, y otra vez antes de las %1</translation>
        </message>
        <message>
            <source>power</source>
            <translation>potencia</translation>
        </message>
        <message>
            <source>modifier</source>
            <translation>modificador</translation>
        </message>
        <message>
            <source>recording</source>
            <translation>grabación</translation>
        </message>
        <message>
            <source>no body</source>
            <translation>sin cuerpo</translation>
        </message>
        <message>
            <source>no lens</source>
            <translation>sin objetivo</translation>
        </message>
        <message>
            <source>no light</source>
            <translation>sin luz</translation>
        </message>
        <message>
            <source>no place</source>
            <translation>sin lugar</translation>
        </message>
        <message>
            <source>%1 %2 to %3</source>
            <translation>%1 de %2 a %3</translation>
        </message>
        <message>
            <source>the sun sets</source>
            <translation>se pone el sol</translation>
        </message>
        <message>
            <source>its colour has moved by %g mired</source>
            <translation>su color ha variado %g mired</translation>
        </message>
        <message>
            <source>its level has moved by %.2g stops</source>
            <translation>su nivel ha variado %.2g pasos</translation>
        </message>
        <message>
            <source>a day has passed</source>
            <translation>ha pasado un día</translation>
        </message>
        <message>
            <source>holds until %1, when %2. That assumes a clear sky; a cloud ends it at once.</source>
            <translation>vale hasta las %1, cuando %2. Eso supone cielo despejado; una nube lo acaba al instante.</translation>
        </message>
        <message>
            <source>Its chart was shot at %1.</source>
            <translation>Su carta se tomó a las %1.</translation>
        </message>
        <message>
            <source>an earlier setup</source>
            <translation>un montaje anterior</translation>
        </message>
        <message>
            <source>The chart of %1 serves it, shot at %2.</source>
            <translation>Lo sirve la carta de %1, tomada a las %2.</translation>
        </message>
        <message>
            <source>1 frame was shot, but no chart.</source>
            <translation>Se tomó 1 fotograma, pero ninguna carta.</translation>
        </message>
        <message>
            <source>%1 frames were shot, but no chart.</source>
            <translation>Se tomaron %1 fotogramas, pero ninguna carta.</translation>
        </message>
        <message>
            <source>It ended at %1 without a chart shot.</source>
            <translation>Acabó a las %1 sin toma de carta.</translation>
        </message>
        <message>
            <source>Shoot the chart at the beginning or the end.</source>
            <translation>Tome la carta al principio o al final.</translation>
        </message>
        <message>
            <source>the light has moved</source>
            <translation>la luz ha cambiado</translation>
        </message>
        <message>
            <source>changed and changed back</source>
            <translation>cambiado y devuelto</translation>
        </message>
        <message>
            <source>judged: shoot again</source>
            <translation>juzgada: tomar de nuevo</translation>
        </message>
        <message>
            <source>Changed since its chart shot at %1: %2.</source>
            <translation>Cambiado desde su toma de carta a las %1: %2.</translation>
        </message>
        <message>
            <source>The light has moved since its chart shot at %1; it held until %2.</source>
            <translation>La luz ha cambiado desde su toma de carta a las %1; valía hasta las %2.</translation>
        </message>
        <message>
            <source>Something was changed and changed back since the chart shot at %1.</source>
            <translation>Algo se cambió y se devolvió desde la toma de carta a las %1.</translation>
        </message>
        <message>
            <source>The chart shot at %1 was judged: shoot again.</source>
            <translation>La toma de carta de las %1 se juzgó: tomar de nuevo.</translation>
        </message>
        <message>
            <source>The frame belongs to no setup.</source>
            <translation>El fotograma no es de ningún montaje.</translation>
        </message>
        <message>
            <source>Built from the chart shot at %1.</source>
            <translation>Construida de la toma de carta de las %1.</translation>
        </message>
        <message>
            <source>Only the same body and kind of light. %1</source>
            <translation>Solo el mismo cuerpo y tipo de luz. %1</translation>
        </message>
        <message>
            <source>The chart that serves it is not corrected yet.</source>
            <translation>La carta que lo sirve aún no está corregida.</translation>
        </message>
        <message>
            <source>The body's sensor has no size; enter it in the kit.</source>
            <translation>El sensor del cuerpo no tiene tamaño; introdúzcalo en el equipo.</translation>
        </message>
        <message>
            <source>The focal length is %g mm; it must be 1 to 3000.</source>
            <translation>La focal es de %g mm; debe ser de 1 a 3000.</translation>
        </message>
        <message>
            <source>The distance is %g m; it must be above 0, to 10000.</source>
            <translation>La distancia es de %g m; debe ser mayor que 0, hasta 10000.</translation>
        </message>
        <message>
            <source>Larger than the frame.</source>
            <translation>Mayor que el fotograma.</translation>
        </message>
        <message>
            <source>Too small: %.0f pixels in the smallest patch, and %.0f are wanted.</source>
            <translation>Muy pequeña: %.0f píxeles en el parche menor, y se quieren %.0f.</translation>
        </message>
        <message>
            <source>Too small: %.1f %% of the frame.</source>
            <translation>Muy pequeña: %.1f %% del fotograma.</translation>
        </message>
        <message>
            <source>Too large: it reaches %.0f %% of the way into the corners, where the lens darkens.</source>
            <translation>Muy grande: llega al %.0f %% hacia las esquinas, donde el objetivo oscurece.</translation>
        </message>
        <message>
            <source>%.0f %% of the frame, %.0f pixels in the smallest patch, clear of the corners.</source>
            <translation>%.0f %% del fotograma, %.0f píxeles en el parche menor, lejos de las esquinas.</translation>
        </message>
        <message>
            <source>At %.2f m a %g mm lens cannot focus: by the thin lens it needs %.2f m at least.</source>
            <translation>A %.2f m un objetivo de %g mm no puede enfocar: según la lente delgada necesita al menos %.2f m.</translation>
        </message>
        <message>
            <source>The width of the field must be above 0.</source>
            <translation>La anchura del campo debe ser mayor que 0.</translation>
        </message>
        <message>
            <source>A field of %.0f mm is smaller than the sensor: beyond life size, enter a macro lens's own distance.</source>
            <translation>Un campo de %.0f mm es menor que el sensor: más allá del tamaño natural, introduzca la distancia propia de un objetivo macro.</translation>
        </message>
        <message>
            <source>Say which body, and the framing can be worked out.</source>
            <translation>Diga qué cuerpo, y se podrá calcular el encuadre.</translation>
        </message>
        <message>
            <source>Say which lens, and the framing can be worked out.</source>
            <translation>Diga qué objetivo, y se podrá calcular el encuadre.</translation>
        </message>
        <message>
            <source>Say how far the subject is, or how wide the field, and the framing can be worked out.</source>
            <translation>Diga a qué distancia está el sujeto, o cuán ancho es el campo, y se podrá calcular el encuadre.</translation>
        </message>
        <message>
            <source>There is no chart in the kit; enter the copies you own.</source>
            <translation>No hay cartas en el equipo; introduzca los ejemplares que tiene.</translation>
        </message>
        <message>
            <source>Take %1: %2 % of the frame from %3 m.</source>
            <translation>Use %1: %2 % del fotograma a %3 m.</translation>
        </message>
        <message>
            <source>No chart in the kit fits at %1 m. Nearest is %2: shoot it from %3 m.</source>
            <translation>Ninguna carta del equipo encaja a %1 m. La más próxima es %2: tómela a %3 m.</translation>
        </message>
        <message>
            <source>No chart in the kit fits at %.2f m; a smaller one is needed.</source>
            <translation>Ninguna carta del equipo encaja a %.2f m; hace falta una menor.</translation>
        </message>
        <message>
            <source>%1 is %2; it must be %3 to %4.</source>
            <translation>%1: %2; debe ser de %3 a %4.</translation>
        </message>
        <message>
            <source>%1 needs a name.</source>
            <translation>%1: falta un nombre.</translation>
        </message>
        <message>
            <source>There is no kind of light called "%1". Known are daylight, shade, flash, tungsten, fluorescent, led and mixed.</source>
            <translation>No hay tipo de luz «%1». Se conocen daylight, shade, flash, tungsten, fluorescent, led y mixed.</translation>
        </message>
        <message>
            <source>The body</source>
            <translation>El cuerpo</translation>
        </message>
        <message>
            <source>The sensor's width</source>
            <translation>Anchura del sensor</translation>
        </message>
        <message>
            <source>The sensor's height</source>
            <translation>Altura del sensor</translation>
        </message>
        <message>
            <source>pixels</source>
            <translation>píxeles</translation>
        </message>
        <message>
            <source>The lens's longest focal length is below its shortest.</source>
            <translation>La focal más larga del objetivo es menor que la más corta.</translation>
        </message>
        <message>
            <source>The lens</source>
            <translation>El objetivo</translation>
        </message>
        <message>
            <source>The lens's shortest focal length</source>
            <translation>Focal más corta del objetivo</translation>
        </message>
        <message>
            <source>The lens's longest focal length</source>
            <translation>Focal más larga del objetivo</translation>
        </message>
        <message>
            <source>The light</source>
            <translation>La luz</translation>
        </message>
        <message>
            <source>The warm-up</source>
            <translation>El calentamiento</translation>
        </message>
        <message>
            <source>minutes</source>
            <translation>minutos</translation>
        </message>
        <message>
            <source>The chart copy</source>
            <translation>El ejemplar de carta</translation>
        </message>
        <message>
            <source>The chart's definition</source>
            <translation>La definición de la carta</translation>
        </message>
        <message>
            <source>The chart's scale</source>
            <translation>La escala de la carta</translation>
        </message>
        <message>
            <source>The chart's life</source>
            <translation>La vida de la carta</translation>
        </message>
        <message>
            <source>The chart's date</source>
            <translation>La fecha de la carta</translation>
        </message>
        <message>
            <source>The display</source>
            <translation>La pantalla</translation>
        </message>
        <message>
            <source>The instrument</source>
            <translation>El instrumento</translation>
        </message>
        <message>
            <source>The time between checks</source>
            <translation>El tiempo entre comprobaciones</translation>
        </message>
        <message>
            <source>The date of its check</source>
            <translation>La fecha de su comprobación</translation>
        </message>
        <message>
            <source>A tested recording profile needs a name.</source>
            <translation>Un perfil de grabación probado necesita un nombre.</translation>
        </message>
        <message>
            <source>Usable exposures must rise, from -20 to 20 stops.</source>
            <translation>Las exposiciones utilizables deben subir, de -20 a 20 pasos.</translation>
        </message>
        <message>
            <source>The best exposure must be -20 to 20 stops.</source>
            <translation>La mejor exposición debe ser de -20 a 20 pasos.</translation>
        </message>
        <message>
            <source>The curve</source>
            <translation>La curva</translation>
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
            <translation>Tomado a las %1; la toma de carta de las %2 vale hasta las %3.</translation>
        </message>
        <message>
            <source>Taken %1 after the chart shot.</source>
            <translation>Tomado %1 después de la toma de carta.</translation>
        </message>
        <message>
            <source>Taken %1 before the chart shot.</source>
            <translation>Tomado %1 antes de la toma de carta.</translation>
        </message>
        <message>
            <source>by %+.1f stops and about %+.0f mired</source>
            <translation>%+.1f pasos y unos %+.0f mired</translation>
        </message>
        <message>
            <source>by about %+.0f mired</source>
            <translation>unos %+.0f mired</translation>
        </message>
        <message>
            <source>The light moved between %1 and %2, %3.</source>
            <translation>La luz cambió entre las %1 y las %2, %3.</translation>
        </message>
        <message>
            <source>"%1" is not a time: 2026-05-14T09:30:00Z or with an offset such as +02:00 is wanted.</source>
            <translation>«%1» no es una hora: se quiere 2026-05-14T09:30:00Z o con un desfase como +02:00.</translation>
        </message>
        <message>
            <source>"%1" is not a date: 2026-05-14 is wanted.</source>
            <translation>«%1» no es una fecha: se quiere 2026-05-14.</translation>
        </message>
        <message>
            <source>"%1" is not a time of day: 9:30 or 14:05 is wanted.</source>
            <translation>«%1» no es una hora del día: se quiere 9:30 o 14:05.</translation>
        </message>
        <message>
            <source>Raw, uncompressed or lossless, 14 bit where the body has it</source>
            <translation>Raw, sin comprimir o sin pérdida, 14 bits si el cuerpo los tiene</translation>
        </message>
        <message>
            <source>Lossy raw and 12 bit cost shadow steps that a correction then stretches.</source>
            <translation>Raw con pérdida y 12 bits cuestan escalones de sombra que luego estira una corrección.</translation>
        </message>
        <message>
            <source>Balance and expose right in the camera</source>
            <translation>Equilibrar y exponer bien en la cámara</translation>
        </message>
        <message>
            <source>JPEG and video leave little room afterwards: what clips or drowns is gone.</source>
            <translation>JPEG y vídeo dejan poco margen después: lo recortado o hundido se pierde.</translation>
        </message>
        <message>
            <source>Note the recording profile and its exposure offset</source>
            <translation>Anotar el perfil de grabación y su desfase de exposición</translation>
        </message>
        <message>
            <source>A log or flat picture read with the wrong curve bends every colour. Nominal exposure is our default; some go over by a fixed offset, which the exposure series has to bear out.</source>
            <translation>Una imagen log o plana leída con la curva equivocada tuerce todos los colores. La exposición nominal es nuestra opción; algunos la superan en un desfase fijo, que la serie de exposición debe avalar.</translation>
        </message>
        <message>
            <source>Low sensitivity, manual exposure</source>
            <translation>Baja sensibilidad, exposición manual</translation>
        </message>
        <message>
            <source>Noise goes into every patch, and automatic exposure moves between the chart and the subject.</source>
            <translation>El ruido entra en cada parche, y la exposición automática cambia entre carta y sujeto.</translation>
        </message>
        <message>
            <source>No automatic white balance under flash</source>
            <translation>Sin balance automático con flash</translation>
        </message>
        <message>
            <source>It sees the room before the flash, not the flash.</source>
            <translation>Ve la sala antes del flash, no el flash.</translation>
        </message>
        <message>
            <source>Custom balance from a grey that is bright but not clipped</source>
            <translation>Balance personalizado con un gris claro pero no recortado</translation>
        </message>
        <message>
            <source>Schools differ: a preset for the key light, a kelvin number, custom from grey (our default), or automatic where only raw follows. Pure white is too near the ceiling: one clipped channel makes the balance worthless.</source>
            <translation>Las escuelas difieren: un preajuste para la luz principal, un número de kelvin, personalizado con gris (nuestra opción), o automático si solo sigue raw. El blanco puro está muy cerca del techo: un canal recortado inutiliza el balance.</translation>
        </message>
        <message>
            <source>Meter a mid-grey card or the incident light</source>
            <translation>Medir una tarjeta gris medio o la luz incidente</translation>
        </message>
        <message>
            <source>Reflected metering is fooled: white on white comes out too dark, black on black too bright.</source>
            <translation>La medición reflejada se engaña: blanco sobre blanco sale oscuro, negro sobre negro claro.</translation>
        </message>
        <message>
            <source>Find out how old %1 is</source>
            <translation>Averiguar la edad de %1</translation>
        </message>
        <message>
            <source>Pigments fade; a copy without a date cannot be trusted for tight work.</source>
            <translation>Los pigmentos se decoloran; un ejemplar sin fecha no es fiable para trabajo fino.</translation>
        </message>
        <message>
            <source>Measure or replace %1</source>
            <translation>Medir o reemplazar %1</translation>
        </message>
        <message>
            <source>It was made on %1 and is a month past its time.</source>
            <translation>Hecho el %1, pasado un mes de su plazo.</translation>
        </message>
        <message>
            <source>It was made on %1 and is %2 months past its time.</source>
            <translation>Hecho el %1, pasados %2 meses de su plazo.</translation>
        </message>
        <message>
            <source>Chart clean, shut between shots, out of sun and water</source>
            <translation>Carta limpia, cerrada entre tomas, sin sol ni agua</translation>
        </message>
        <message>
            <source>Never touch the patches: skin oil darkens them for good.</source>
            <translation>No toque nunca los parches: la grasa de la piel los oscurece para siempre.</translation>
        </message>
        <message>
            <source>In the subject's light, on the key side, facing the camera, the right way up</source>
            <translation>En la luz del sujeto, del lado principal, de cara a la cámara, al derecho</translation>
        </message>
        <message>
            <source>Fingers, shadow and glare off the patches; about a tenth of the frame, away from the corners.</source>
            <translation>Dedos, sombra y brillos fuera de los parches; una décima parte del fotograma, lejos de las esquinas.</translation>
        </message>
        <message>
            <source>Check %1</source>
            <translation>Comprobar %1</translation>
        </message>
        <message>
            <source>There is no check of it on record.</source>
            <translation>No consta ninguna comprobación.</translation>
        </message>
        <message>
            <source>Its last check was on %1; every %2 days is yours.</source>
            <translation>Última comprobación el %1; la suya es cada %2 días.</translation>
        </message>
        <message>
            <source>Switch %1 on %2 minutes before its chart shot</source>
            <translation>Encender %1 %2 minutos antes de su toma de carta</translation>
        </message>
        <message>
            <source>Its colour drifts while it warms up.</source>
            <translation>Su color deriva mientras se calienta.</translation>
        </message>
        <message>
            <source>Shoot the chart again when daylight moves or a cloud comes</source>
            <translation>Tomar la carta de nuevo cuando cambie la luz de día o llegue una nube</translation>
        </message>
        <message>
            <source>The plan says how long a clear sky holds; it cannot see clouds.</source>
            <translation>El plan dice cuánto dura un cielo despejado; no ve las nubes.</translation>
        </message>
        <message>
            <source>Hot lamps: gloves, distance to cloth and paper, time to cool</source>
            <translation>Lámparas calientes: guantes, distancia a tela y papel, tiempo de enfriar</translation>
        </message>
        <message>
            <source>Follow the maker's instructions for lamps and modifiers.</source>
            <translation>Siga las instrucciones del fabricante de lámparas y modificadores.</translation>
        </message>
        <message>
            <source>Mains: add up the load, keep cables dry and taped</source>
            <translation>Red: sumar la carga, cables secos y fijados</translation>
        </message>
        <message>
            <source>Temporary wiring is for a licensed electrician, by local rules.</source>
            <translation>El cableado provisional es cosa de un electricista autorizado, según normas locales.</translation>
        </message>
        <message>
            <source>Stands sandbagged, nothing overhead without a second hold</source>
            <translation>Trípodes con sacos, nada en alto sin segunda sujeción</translation>
        </message>
        <message>
            <source>A lamp that falls is heavy and hot. The house's rigging rules come first.</source>
            <translation>Una lámpara que cae pesa y quema. Mandan las normas de montaje de la casa.</translation>
        </message>
        <message>
            <source>Flash: ask about photosensitive people, keep it from eyes</source>
            <translation>Flash: preguntar por personas fotosensibles, lejos de los ojos</translation>
        </message>
        <message>
            <source>No flash close to the eyes of infants or animals. Capacitors hold their charge: leave repairs to the maker's service.</source>
            <translation>Sin flash cerca de los ojos de bebés o animales. Los condensadores guardan carga: reparaciones, al servicio del fabricante.</translation>
        </message>
        <message>
            <source>Never aim a lens or an eye at the sun</source>
            <translation>No apuntar nunca al sol un objetivo ni un ojo</translation>
        </message>
        <message>
            <source>It burns retinas, sensors and shutters within moments.</source>
            <translation>Quema retinas, sensores y obturadores en instantes.</translation>
        </message>
        <message>
            <source>Delicate objects: ask how much light they may get</source>
            <translation>Objetos delicados: preguntar cuánta luz pueden recibir</translation>
        </message>
        <message>
            <source>The keeper or conservator decides on level, time and ultraviolet.</source>
            <translation>El conservador decide nivel, tiempo y ultravioleta.</translation>
        </message>
        <message>
            <source>The light has moved since %1.</source>
            <translation>La luz ha cambiado desde %1.</translation>
        </message>
        <message>
            <source>Changed since %1: %2.</source>
            <translation>Cambiado desde %1: %2.</translation>
        </message>
        <message>
            <source>The first setup of %1.</source>
            <translation>El primer montaje de %1.</translation>
        </message>
        <message>
            <source>Nothing that counts changed: the chart of %1 serves.</source>
            <translation>Nada importante cambió: sirve la carta de %1.</translation>
        </message>
        <message>
            <source>"%1" is none of strict, usual and run-and-gun.</source>
            <translation>«%1» no es strict, usual ni run-and-gun.</translation>
        </message>
        <message>
            <source>"%1" is none of raw, jpeg, flat-video and log-video.</source>
            <translation>«%1» no es raw, jpeg, flat-video ni log-video.</translation>
        </message>
        <message>
            <source>The shoot needs a name.</source>
            <translation>El rodaje necesita un nombre.</translation>
        </message>
        <message>
            <source>The shoot's date: %1</source>
            <translation>La fecha del rodaje: %1</translation>
        </message>
        <message>
            <source>The limit for the level is %g stops; it must be above 0, to 4.</source>
            <translation>El límite del nivel es %g pasos; debe ser mayor que 0, hasta 4.</translation>
        </message>
        <message>
            <source>The limit for the colour is %g mired; it must be above 0, to 200.</source>
            <translation>El límite del color es %g mired; debe ser mayor que 0, hasta 200.</translation>
        </message>
        <message>
            <source>The place needs a name.</source>
            <translation>El lugar necesita un nombre.</translation>
        </message>
        <message>
            <source>The place needs both latitude and longitude, or neither.</source>
            <translation>El lugar necesita latitud y longitud, o ninguna.</translation>
        </message>
        <message>
            <source>The latitude is %g degrees; it must be -90 to 90.</source>
            <translation>La latitud es %g grados; debe ser de -90 a 90.</translation>
        </message>
        <message>
            <source>The longitude is %g degrees; it must be -180 to 180.</source>
            <translation>La longitud es %g grados; debe ser de -180 a 180.</translation>
        </message>
        <message>
            <source>The clock is %d minutes ahead of UTC; it must be -840 to 840.</source>
            <translation>El reloj adelanta %d minutos a UTC; debe ser de -840 a 840.</translation>
        </message>
        <message>
            <source>The power is %g %%; it must be 0 to 100.</source>
            <translation>La potencia es %g %%; debe ser de 0 a 100.</translation>
        </message>
        <message>
            <source>The setup ends at %02d:%02d, before it starts at %02d:%02d.</source>
            <translation>El montaje acaba a las %02d:%02d, antes de empezar a las %02d:%02d.</translation>
        </message>
        <message>
            <source>The distance is %g m; it must be 0 to 10000.</source>
            <translation>La distancia es %g m; debe ser de 0 a 10000.</translation>
        </message>
        <message>
            <source>The focal length is %g mm; it must be above 0, to 3000.</source>
            <translation>La focal es %g mm; debe ser mayor que 0, hasta 3000.</translation>
        </message>
        <message>
            <source>The exposure is %g stops from normal; it must be -20 to 20.</source>
            <translation>La exposición está a %g pasos de lo normal; debe ser de -20 a 20.</translation>
        </message>
        <message>
            <source>The focal length is %g mm, but %s goes from %g to %g mm.</source>
            <translation>La focal es %g mm, pero %s va de %g a %g mm.</translation>
        </message>
        <message>
            <source>"%1" is not the code of a slate.</source>
            <translation>«%1» no es el código de una claqueta.</translation>
        </message>
        <message>
            <source>Taken %1 after the slate of %2.</source>
            <translation>Tomado %1 después de la claqueta de %2.</translation>
        </message>
        <message>
            <source>%1 s</source>
            <translation>%1 s</translation>
        </message>
        <message>
            <source>It shows a slate of another shoot, or of a setup that is not there any more.</source>
            <translation>Muestra una claqueta de otro rodaje, o de un montaje que ya no existe.</translation>
        </message>
        <message>
            <source>It shows the slate of %1.</source>
            <translation>Muestra la claqueta de %1.</translation>
        </message>
        <message>
            <source>No setup has this body and lens.</source>
            <translation>Ningún montaje tiene este cuerpo y objetivo.</translation>
        </message>
        <message>
            <source>Its body and lens are those of %1, but it was taken at another time.</source>
            <translation>Cuerpo y objetivo son los de %1, pero se tomó a otra hora.</translation>
        </message>
        <message>
            <source>It could be of %1; nothing in the file tells which.</source>
            <translation>Podría ser de %1; nada en el archivo lo dice.</translation>
        </message>
        <message>
            <source>The only setup with this body and lens.</source>
            <translation>El único montaje con este cuerpo y objetivo.</translation>
        </message>
        <message>
            <source>Of the setups with this body and lens, it was taken in this one's time.</source>
            <translation>De los montajes con este cuerpo y objetivo, se tomó en la hora de este.</translation>
        </message>
        <message>
            <source>Its body, %1, is not the setup's, %2.</source>
            <translation>Su cuerpo, %1, no es el del montaje, %2.</translation>
        </message>
        <message>
            <source>Its body, %1, is not the setup's.</source>
            <translation>Su cuerpo, %1, no es el del montaje.</translation>
        </message>
        <message>
            <source>Its lens, %1, is not the setup's, %2.</source>
            <translation>Su objetivo, %1, no es el del montaje, %2.</translation>
        </message>
        <message>
            <source>It was taken %1 minutes outside the setup's time.</source>
            <translation>Se tomó %1 minutos fuera de la hora del montaje.</translation>
        </message>
        <message>
            <source>There is no reading to average.</source>
            <translation>No hay lectura que promediar.</translation>
        </message>
        <message>
            <source>These frames show different charts; only frames of one chart can be averaged.</source>
            <translation>Estos fotogramas muestran cartas distintas; solo se promedian los de una.</translation>
        </message>
        <message>
            <source>A white must have light in every channel.</source>
            <translation>Un blanco debe tener luz en cada canal.</translation>
        </message>
        <message>
            <source>The raw file's colour matrix cannot be inverted.</source>
            <translation>La matriz de color del raw no se puede invertir.</translation>
        </message>
        <message>
            <source>That is no light's colour by the raw file's own matrix.</source>
            <translation>Según la matriz del raw, eso no es el color de ninguna luz.</translation>
        </message>
        <message>
            <source>magenta</source>
            <translation>magenta</translation>
        </message>
        <message>
            <source>cold</source>
            <translation>frío</translation>
        </message>
        <message>
            <source>cyan</source>
            <translation>cian</translation>
        </message>
        <message>
            <source>Level</source>
            <translation>Nivel</translation>
        </message>
        <message>
            <source>%.2f stops darker</source>
            <translation>%.2f pasos más oscuro</translation>
        </message>
        <message>
            <source>%.2f stops lighter</source>
            <translation>%.2f pasos más claro</translation>
        </message>
        <message>
            <source>The earlier reading has no usable grey.</source>
            <translation>La lectura anterior no tiene gris utilizable.</translation>
        </message>
        <message>
            <source>%.0f mired colder</source>
            <translation>%.0f mired más frío</translation>
        </message>
        <message>
            <source>%.0f mired warmer</source>
            <translation>%.0f mired más cálido</translation>
        </message>
        <message>
            <source>, greener</source>
            <translation>, más verde</translation>
        </message>
        <message>
            <source>, more magenta</source>
            <translation>, más magenta</translation>
        </message>
        <message>
            <source>Focus</source>
            <translation>Enfoque</translation>
        </message>
        <message>
            <source>edges of %.1f px, were %.1f</source>
            <translation>bordes de %.1f px, eran %.1f</translation>
        </message>
        <message>
            <source>Even light</source>
            <translation>Luz uniforme</translation>
        </message>
        <message>
            <source>%.2f stops, was %.2f</source>
            <translation>%.2f pasos, eran %.2f</translation>
        </message>
        <message>
            <source>Veil</source>
            <translation>Velo</translation>
        </message>
        <message>
            <source>%.2f %%, was %.2f</source>
            <translation>%.2f %%, eran %.2f</translation>
        </message>
        <message>
            <source>%.1f %% of the frame</source>
            <translation>%.1f %% del fotograma</translation>
        </message>
        <message>
            <source>Size</source>
            <translation>Tamaño</translation>
        </message>
        <message>
            <source>the same</source>
            <translation>el mismo</translation>
        </message>
        <message>
            <source>%.0f %% smaller</source>
            <translation>%.0f %% menor</translation>
        </message>
        <message>
            <source>%.0f %% larger</source>
            <translation>%.0f %% mayor</translation>
        </message>
        <message>
            <source>Colours</source>
            <translation>Colores</translation>
        </message>
        <message>
            <source>These are readings of different charts; only the same chart can be compared.</source>
            <translation>Son lecturas de cartas distintas; solo se compara la misma.</translation>
        </message>
        <message>
            <source>The two readings have no usable grey in common, so nothing can be compared.</source>
            <translation>Las dos lecturas no comparten gris utilizable, nada que comparar.</translation>
        </message>
        <message>
            <source>Nothing moved.</source>
            <translation>Nada se movió.</translation>
        </message>
        <message>
            <source>Moved: %1.</source>
            <translation>Se movió: %1.</translation>
        </message>
        <message>
            <source>of clipping</source>
            <translation>del recorte</translation>
        </message>
        <message>
            <source>The lightest neutral, %1, would reach %2 of the clipping level in %3, its strongest channel (red %4, green %5, blue %6). </source>
            <translation>El neutro más claro, %1, alcanzaría el %2 del nivel de recorte en %3, su canal más fuerte (rojo %4, verde %5, azul %6). </translation>
        </message>
        <message>
            <source>The lightest neutral, %1, reaches %2 of the clipping level in %3, its strongest channel (red %4, green %5, blue %6). </source>
            <translation>El neutro más claro, %1, alcanza el %2 del nivel de recorte en %3, su canal más fuerte (rojo %4, verde %5, azul %6). </translation>
        </message>
        <message>
            <source>This close to the ceiling, highlights of the subject and a channel of the chart are lost.</source>
            <translation>Tan cerca del techo se pierden luces altas del sujeto y un canal de la carta.</translation>
        </message>
        <message>
            <source>Close down by %1 stops and shoot it again.</source>
            <translation>Cierre %1 pasos y tómela de nuevo.</translation>
        </message>
        <message>
            <source>Dark patches sink into noise, and the correction would lift that noise with them.</source>
            <translation>Los parches oscuros se hunden en ruido, y la corrección lo levantaría con ellos.</translation>
        </message>
        <message>
            <source>Open up by %1 stops and shoot it again.</source>
            <translation>Abra %1 pasos y tómela de nuevo.</translation>
        </message>
        <message>
            <source>That uses the range well and clips nothing.</source>
            <translation>Aprovecha bien el rango y no recorta nada.</translation>
        </message>
        <message>
            <source>%1 to %2 stops from nominal</source>
            <translation>%1 a %2 pasos del nominal</translation>
        </message>
        <message>
            <source>By all greys the chart lies %1 stops below where %2 has it at nominal exposure: a grey of 18 % is at %3 of the signal, nominal is %4. </source>
            <translation>Según todos los grises, la carta está %1 pasos por debajo de donde %2 la pone a exposición nominal: un gris del 18 % está al %3 de la señal, lo nominal es %4. </translation>
        </message>
        <message>
            <source>By all greys the chart lies %1 stops above where %2 has it at nominal exposure: a grey of 18 % is at %3 of the signal, nominal is %4. </source>
            <translation>Según todos los grises, la carta está %1 pasos por encima de donde %2 la pone a exposición nominal: un gris del 18 % está al %3 de la señal, lo nominal es %4. </translation>
        </message>
        <message>
            <source>That is where the curve is meant to be used.</source>
            <translation>Ahí está pensada para usarse la curva.</translation>
        </message>
        <message>
            <source>Highlights of the subject reach the recording's end sooner.</source>
            <translation>Las luces altas del sujeto alcanzan antes el final de la grabación.</translation>
        </message>
        <message>
            <source>The subject's shadows lie in noise, which the correction lifts.</source>
            <translation>Las sombras del sujeto están en ruido, que la corrección levanta.</translation>
        </message>
        <message>
            <source>Clipping</source>
            <translation>Recorte</translation>
        </message>
        <message>
            <source>of pixels</source>
            <translation>de los píxeles</translation>
        </message>
        <message>
            <source>at most %1 in any patch</source>
            <translation>como máximo %1 en cualquier parche</translation>
        </message>
        <message>
            <source>No patch touches the ceiling in any channel.</source>
            <translation>Ningún parche toca el techo en ningún canal.</translation>
        </message>
        <message>
            <source>In %1, %2 of the pixels are clipped, most in %3. A clipped channel reads too low, and its colour turns.</source>
            <translation>En %1 el %2 de los píxeles está recortado, sobre todo en %3. Un canal recortado lee bajo, y su color gira.</translation>
        </message>
        <message>
            <source> Clipped: %1.</source>
            <translation> Recortados: %1.</translation>
        </message>
        <message>
            <source>Close down by half a stop to a stop and shoot it again.</source>
            <translation>Cierre de medio a un paso y tómela de nuevo.</translation>
        </message>
        <message>
            <source>Shadow signal to noise</source>
            <translation>Señal a ruido en sombra</translation>
        </message>
        <message>
            <source>at least %1</source>
            <translation>al menos %1</translation>
        </message>
        <message>
            <source>In the darkest neutral, %1, one pixel's %2 is %3 times its noise.</source>
            <translation>En el neutro más oscuro, %1, el %2 de un píxel es %3 veces su ruido.</translation>
        </message>
        <message>
            <source> Black that lies in noise cannot be corrected, only lifted.</source>
            <translation> Un negro en ruido no se corrige, solo se levanta.</translation>
        </message>
        <message>
            <source>Give more light or a lower sensitivity, and shoot it again.</source>
            <translation>Dé más luz o menos sensibilidad, y tómela de nuevo.</translation>
        </message>
        <message>
            <source>Signal to noise</source>
            <translation>Señal a ruido</translation>
        </message>
        <message>
            <source>A mid-grey, %1, is %2 times the visual noise of one pixel once the greys are balanced.</source>
            <translation>Un gris medio, %1, es %2 veces el ruido visual de un píxel con los grises equilibrados.</translation>
        </message>
        <message>
            <source> The chart's means average it away; the pictures keep it, and a strong correction adds to it.</source>
            <translation> Las medias de la carta lo borran; las imágenes lo conservan, y una corrección fuerte lo aumenta.</translation>
        </message>
        <message>
            <source>Lower the sensitivity and give more light, then shoot it again.</source>
            <translation>Baje la sensibilidad y dé más luz, y tómela de nuevo.</translation>
        </message>
        <message>
            <source>Size in the frame</source>
            <translation>Tamaño en el fotograma</translation>
        </message>
        <message>
            <source>% of the frame</source>
            <translation>% del fotograma</translation>
        </message>
        <message>
            <source>%1 to %2 %</source>
            <translation>%1 a %2 %</translation>
        </message>
        <message>
            <source>The chart covers %1 % of the frame.</source>
            <translation>La carta cubre el %1 % del fotograma.</translation>
        </message>
        <message>
            <source> Filling the frame, it takes the lens's darker corners for colour.</source>
            <translation> Si llena el cuadro, toma las esquinas oscuras del objetivo por color.</translation>
        </message>
        <message>
            <source>Step back until it covers about a tenth of the frame.</source>
            <translation>Retroceda hasta que cubra una décima parte del fotograma.</translation>
        </message>
        <message>
            <source>Go closer, or use a larger chart.</source>
            <translation>Acérquese, o use una carta mayor.</translation>
        </message>
        <message>
            <source> About a tenth, away from the corners, is the safest.</source>
            <translation> Una décima parte, lejos de las esquinas, es lo más seguro.</translation>
        </message>
        <message>
            <source>Pixels per patch</source>
            <translation>Píxeles por parche</translation>
        </message>
        <message>
            <source>The smallest patch, %1, gives %2 pixels to average; the mean's noise falls with their square root.</source>
            <translation>El parche menor, %1, da %2 píxeles que promediar; el ruido de la media baja con su raíz.</translation>
        </message>
        <message>
            <source>Away from the edge</source>
            <translation>Lejos del borde</translation>
        </message>
        <message>
            <source>% of the short side</source>
            <translation>% del lado corto</translation>
        </message>
        <message>
            <source>at least %1 %</source>
            <translation>al menos %1 %</translation>
        </message>
        <message>
            <source>Its %1 corner is %2 pixels from the frame's edge.</source>
            <translation>Su esquina %1 está a %2 píxeles del borde.</translation>
        </message>
        <message>
            <source> Lenses are darkest and least sharp there.</source>
            <translation> Ahí los objetivos son más oscuros y menos nítidos.</translation>
        </message>
        <message>
            <source>Bring the chart nearer to the middle.</source>
            <translation>Acerque la carta al centro.</translation>
        </message>
        <message>
            <source>Tilt</source>
            <translation>Inclinación</translation>
        </message>
        <message>
            <source>degrees</source>
            <translation>grados</translation>
        </message>
        <message>
            <source>at most %1 degrees</source>
            <translation>como máximo %1 grados</translation>
        </message>
        <message>
            <source>The chart is tilted %1 degrees away from the camera, and turned %2 degrees in the picture.</source>
            <translation>La carta está inclinada %1 grados respecto a la cámara, y girada %2 grados en la imagen.</translation>
        </message>
        <message>
            <source>The chart is tilted %1 degrees away from the camera, taking the lens for a 50 mm (the frame does not say), and turned %2 degrees in the picture.</source>
            <translation>La carta está inclinada %1 grados respecto a la cámara, suponiendo un 50 mm (el fotograma no lo dice), y girada %2 grados en la imagen.</translation>
        </message>
        <message>
            <source> At a slant its surface shines, and its patches differ in brightness.</source>
            <translation> De lado su superficie brilla, y sus parches difieren en claridad.</translation>
        </message>
        <message>
            <source>Face it to the camera, and shoot it again.</source>
            <translation>Póngala de cara a la cámara, y tómela de nuevo.</translation>
        </message>
        <message>
            <source>Sharpness</source>
            <translation>Nitidez</translation>
        </message>
        <message>
            <source>% of a patch</source>
            <translation>% de un parche</translation>
        </message>
        <message>
            <source>edges at most %1 % of the smallest patch</source>
            <translation>bordes como máximo %1 % del parche menor</translation>
        </message>
        <message>
            <source>Edges of patches are %1 pixels wide; the smallest patch has %2.</source>
            <translation>Los bordes de los parches miden %1 píxeles; el parche menor tiene %2.</translation>
        </message>
        <message>
            <source> Colours of neighbours run into one another.</source>
            <translation> Los colores vecinos se mezclan.</translation>
        </message>
        <message>
            <source> They are wide one way only (%1 degrees from level): something moved.</source>
            <translation> Son anchos en un solo sentido (%1 grados de la horizontal): algo se movió.</translation>
        </message>
        <message>
            <source>Use a stand or a shorter exposure, and shoot it again.</source>
            <translation>Use un trípode o una exposición más corta, y tómela de nuevo.</translation>
        </message>
        <message>
            <source>Focus on the chart, and shoot it again.</source>
            <translation>Enfoque la carta, y tómela de nuevo.</translation>
        </message>
        <message>
            <source>Neutral greys</source>
            <translation>Grises neutros</translation>
        </message>
        <message>
            <source>cast</source>
            <translation>dominante</translation>
        </message>
        <message>
            <source>at most %1</source>
            <translation>como máximo %1</translation>
        </message>
        <message>
            <source>No grey patch is usable: each is clipped or lies in noise, so there is nothing to balance on.</source>
            <translation>Ningún parche gris es utilizable: todos están recortados o en ruido, no hay con qué equilibrar.</translation>
        </message>
        <message>
            <source>Set the exposure so that the lightest grey is bright but not clipped, and shoot it again.</source>
            <translation>Exponga para que el gris más claro sea claro pero no recortado, y tómela de nuevo.</translation>
        </message>
        <message>
            <source>After one balance for all greys, the worst, %1, is %2 from neutral.</source>
            <translation>Tras un balance para todos los grises, el peor, %1, está a %2 del neutro.</translation>
        </message>
        <message>
            <source> The greys disagree: mixed or uneven light, glare on the dark ones, or a dirty patch.</source>
            <translation> Los grises discrepan: luz mezclada o desigual, brillos en los oscuros, o un parche sucio.</translation>
        </message>
        <message>
            <source>Look for a second light or a reflection on the chart, remove it, and shoot it again.</source>
            <translation>Busque una segunda luz o un reflejo en la carta, quítelos, y tómela de nuevo.</translation>
        </message>
        <message>
            <source> One balance serves highlights and shadows alike.</source>
            <translation> Un balance sirve a luces y sombras por igual.</translation>
        </message>
        <message>
            <source>Cast by level</source>
            <translation>Dominante por nivel</translation>
        </message>
        <message>
            <source>at most %1 at any level</source>
            <translation>como máximo %1 en cada nivel</translation>
        </message>
        <message>
            <source>light greys %1</source>
            <translation>grises claros %1</translation>
        </message>
        <message>
            <source>middle greys %1</source>
            <translation>grises medios %1</translation>
        </message>
        <message>
            <source>dark greys %1</source>
            <translation>grises oscuros %1</translation>
        </message>
        <message>
            <source> One balance cannot serve all levels.</source>
            <translation> Un balance no puede servir a todos los niveles.</translation>
        </message>
        <message>
            <source>If the recording is balanced on a light grey, balance on a mid-grey instead; look for coloured stray light on the dark patches.</source>
            <translation>Si la grabación se equilibró con un gris claro, use uno medio; busque luz parásita de color en los parches oscuros.</translation>
        </message>
        <message>
            <source>greys within %1 stops of the stated curve</source>
            <translation>grises dentro de %1 pasos de la curva indicada</translation>
        </message>
        <message>
            <source>The file does not say how its numbers relate to light; %1 was assumed from its kind. A wrong curve bends every colour.</source>
            <translation>El archivo no dice cómo sus números se relacionan con la luz; se supuso %1 por su tipo. Una curva errónea tuerce todos los colores.</translation>
        </message>
        <message>
            <source>Read as %1, which you stated.</source>
            <translation>Leído como %1, según indicó usted.</translation>
        </message>
        <message>
            <source>Read as %1, which the file states.</source>
            <translation>Leído como %1, según el archivo.</translation>
        </message>
        <message>
            <source> The greys agree with it within %1 stops, and with %2 within %3.</source>
            <translation> Los grises concuerdan con ella dentro de %1 pasos, y con %2 dentro de %3.</translation>
        </message>
        <message>
            <source> The greys agree with it within %1 stops.</source>
            <translation> Los grises concuerdan con ella dentro de %1 pasos.</translation>
        </message>
        <message>
            <source>State %1 as the encoding and read it again, unless you know better.</source>
            <translation>Indique %1 como codificación y lea de nuevo, salvo que sepa algo mejor.</translation>
        </message>
        <message>
            <source>If you know better, state the encoding and read it again.</source>
            <translation>Si sabe algo mejor, indique la codificación y lea de nuevo.</translation>
        </message>
        <message>
            <source>Balance left alone</source>
            <translation>Balance intacto</translation>
        </message>
        <message>
            <source>gain</source>
            <translation>ganancia</translation>
        </message>
        <message>
            <source>linear frames not balanced before</source>
            <translation>fotogramas lineales sin equilibrar antes</translation>
        </message>
        <message>
            <source>The greys are as the sensor saw this light: red needs %1 and blue %2 times green's gain.</source>
            <translation>Los grises son como el sensor vio esta luz: el rojo necesita %1 y el azul %2 veces la ganancia del verde.</translation>
        </message>
        <message>
            <source>The greys of this linear frame are already neutral within %1: a balance is baked in. The correction fits only frames that carry the same one.</source>
            <translation>Los grises de este fotograma lineal ya son neutros dentro del %1: lleva un balance incorporado. La corrección solo sirve para los que llevan el mismo.</translation>
        </message>
        <message>
            <source>Where there is a choice, export without white balance, and read that.</source>
            <translation>Si puede, exporte sin balance de blancos, y lea eso.</translation>
        </message>
        <message>
            <source>The right chart</source>
            <translation>La carta correcta</translation>
        </message>
        <message>
            <source>of its colours</source>
            <translation>de sus colores</translation>
        </message>
        <message>
            <source>at least %1 explained</source>
            <translation>al menos %1 explicado</translation>
        </message>
        <message>
            <source>%1 of the colours of %2 are explained by what was read.</source>
            <translation>El %1 de los colores de %2 se explica por lo leído.</translation>
        </message>
        <message>
            <source> That is little: it may be another chart, or the corners are not where they belong.</source>
            <translation> Es poco: puede ser otra carta, o las esquinas no están en su sitio.</translation>
        </message>
        <message>
            <source>Choose the chart that is in the picture, or set its corners by hand.</source>
            <translation>Elija la carta que está en la imagen, o ponga sus esquinas a mano.</translation>
        </message>
        <message>
            <source>Right way round</source>
            <translation>Al derecho</translation>
        </message>
        <message>
            <source>corners in the definition's order</source>
            <translation>esquinas en el orden de la definición</translation>
        </message>
        <message>
            <source>The corners go round the chart as its definition draws it.</source>
            <translation>Las esquinas siguen la carta como la dibuja su definición.</translation>
        </message>
        <message>
            <source>The colours agree much better with the corners moved on by %1 of 4.</source>
            <translation>Los colores concuerdan mucho mejor moviendo las esquinas %1 de 4.</translation>
        </message>
        <message>
            <source>Set the corners as top left, top right, bottom right, bottom left of the chart, not of the picture.</source>
            <translation>Ponga las esquinas como superior izquierda, superior derecha, inferior derecha, inferior izquierda de la carta, no de la imagen.</translation>
        </message>
        <message>
            <source>One chart</source>
            <translation>Una carta</translation>
        </message>
        <message>
            <source>charts</source>
            <translation>cartas</translation>
        </message>
        <message>
            <source>one in the frame</source>
            <translation>una en el fotograma</translation>
        </message>
        <message>
            <source>No other chart was found beside it.</source>
            <translation>No se encontró otra carta al lado.</translation>
        </message>
        <message>
            <source>There is another chart in this frame; %1 was read.</source>
            <translation>Hay otra carta en este fotograma; se leyó %1.</translation>
        </message>
        <message>
            <source>Make sure that the one in the subject's light was read; take the other away.</source>
            <translation>Asegúrese de que se leyó la que está en la luz del sujeto; quite la otra.</translation>
        </message>
        <message>
            <source>at most %1 stops</source>
            <translation>como máximo %1 pasos</translation>
        </message>
        <message>
            <source>From its lightest to its darkest place the light on the chart falls by %1 stops, %2.</source>
            <translation>De lo más claro a lo más oscuro, la luz en la carta cae %1 pasos, %2.</translation>
        </message>
        <message>
            <source> That is after the flat field was taken out.</source>
            <translation> Eso es tras quitar el campo plano.</translation>
        </message>
        <message>
            <source> It was taken out of the patches; the greys lie within %1 stops of the field that was.</source>
            <translation> Se quitó de los parches; los grises están dentro de %1 pasos del campo quitado.</translation>
        </message>
        <message>
            <source> Patches are then measured in different light.</source>
            <translation> Los parches se miden entonces con luz distinta.</translation>
        </message>
        <message>
            <source>Move the lamp away or bounce it, or turn the chart towards it; or let Refero take the unevenness out.</source>
            <translation>Aleje la lámpara o hágala rebotar, o gire la carta hacia ella; o deje que Refero quite la desigualdad.</translation>
        </message>
        <message>
            <source>No shadow</source>
            <translation>Sin sombra</translation>
        </message>
        <message>
            <source>at most %1 stops at an edge</source>
            <translation>como máximo %1 pasos en un borde</translation>
        </message>
        <message>
            <source>No edge runs through the light on the chart.</source>
            <translation>Ningún borde cruza la luz de la carta.</translation>
        </message>
        <message>
            <source>An edge crosses the chart; beyond it the light is %1 stops down. In it: %2.</source>
            <translation>Un borde cruza la carta; más allá la luz baja %1 pasos. Dentro: %2.</translation>
        </message>
        <message>
            <source>Find what throws it (a stand, a hand, yourself), and shoot it again.</source>
            <translation>Busque qué la arroja (un trípode, una mano, usted), y tómela de nuevo.</translation>
        </message>
        <message>
            <source>Nothing on the chart</source>
            <translation>Nada sobre la carta</translation>
        </message>
        <message>
            <source>patches</source>
            <translation>parches</translation>
        </message>
        <message>
            <source>no patch</source>
            <translation>ningún parche</translation>
        </message>
        <message>
            <source>Every patch is of one colour, and of the colour that the others lead one to expect.</source>
            <translation>Cada parche es de un solo color, el que los demás hacen esperar.</translation>
        </message>
        <message>
            <source>Something lies between the patches: a finger, a clip, dirt.</source>
            <translation>Hay algo entre los parches: un dedo, una pinza, suciedad.</translation>
        </message>
        <message>
            <source>Something lies on %1, or it is dirty: it does not show the colour that the others lead one to expect, or not one colour.</source>
            <translation>Algo cubre %1, o está sucio: no muestra el color que los demás hacen esperar, o no uno solo.</translation>
        </message>
        <message>
            <source>Something lies on %1, or they are dirty: they do not show the colours that the others lead one to expect, or not one colour.</source>
            <translation>Algo cubre %1, o están sucios: no muestran los colores que los demás hacen esperar, o no uno solo.</translation>
        </message>
        <message>
            <source>Take it away, or clean the chart with a soft dry brush, and shoot it again.</source>
            <translation>Quítelo, o limpie la carta con un cepillo suave y seco, y tómela de nuevo.</translation>
        </message>
        <message>
            <source>No veil</source>
            <translation>Sin velo</translation>
        </message>
        <message>
            <source>of white</source>
            <translation>del blanco</translation>
        </message>
        <message>
            <source>at most %1 of white</source>
            <translation>como máximo %1 del blanco</translation>
        </message>
        <message>
            <source>From the dark greys, %1 % of white's light lies over everything.</source>
            <translation>Según los grises oscuros, el %1 % de la luz del blanco lo cubre todo.</translation>
        </message>
        <message>
            <source> It lifts the blacks and washes colour out.</source>
            <translation> Levanta los negros y lava los colores.</translation>
        </message>
        <message>
            <source>Shade the lens, clean it, keep bright things out of the frame, and shoot it again.</source>
            <translation>Dé sombra al objetivo, límpielo, deje lo brillante fuera de cuadro, y tómela de nuevo.</translation>
        </message>
        <message>
            <source>No shine</source>
            <translation>Sin brillo</translation>
        </message>
        <message>
            <source>No patch mirrors a lamp or a window.</source>
            <translation>Ningún parche refleja una lámpara o ventana.</translation>
        </message>
        <message>
            <source>A lamp or a window is mirrored in the chart: up to %1 of white is added.</source>
            <translation>Una lámpara o ventana se refleja en la carta: se añade hasta un %1 del blanco.</translation>
        </message>
        <message>
            <source>A lamp or a window is mirrored in the chart: up to %1 of white is added on %2.</source>
            <translation>Una lámpara o ventana se refleja en la carta: se añade hasta un %1 del blanco en %2.</translation>
        </message>
        <message>
            <source>Turn the chart until the reflection leaves it, or put the lamp at 45 degrees.</source>
            <translation>Gire la carta hasta que el reflejo salga, o ponga la lámpara a 45 grados.</translation>
        </message>
        <message>
            <source>The subject's light</source>
            <translation>La luz del sujeto</translation>
        </message>
        <message>
            <source>at most %1 on a mid-grey</source>
            <translation>como máximo %1 en un gris medio</translation>
        </message>
        <message>
            <source>Balanced on the chart, %1 in %2 is grey within %3 CIEDE2000, the farthest of %4.</source>
            <translation>Equilibrado con la carta, %1 en %2 es gris dentro de %3 CIEDE2000, el más lejano de %4.</translation>
        </message>
        <message>
            <source>Balanced on the chart, %1 in %2 is grey within %3 CIEDE2000.</source>
            <translation>Equilibrado con la carta, %1 en %2 es gris dentro de %3 CIEDE2000.</translation>
        </message>
        <message>
            <source>Balanced on the chart, %1 in %2 is %3 CIEDE2000 from grey: the light there is %4 than that on the chart.</source>
            <translation>Equilibrado con la carta, %1 en %2 está a %3 CIEDE2000 del gris: la luz ahí es %4 que la de la carta.</translation>
        </message>
        <message>
            <source>of another tint</source>
            <translation>de otro matiz</translation>
        </message>
        <message>
            <source>Hold the chart where the subject is, turned to the same lamp, and shoot it again.</source>
            <translation>Ponga la carta donde está el sujeto, girada hacia la misma lámpara, y tómela de nuevo.</translation>
        </message>
        <message>
            <source>Patches by hand</source>
            <translation>Parches a mano</translation>
        </message>
        <message>
            <source>left out</source>
            <translation>omitidos</translation>
        </message>
        <message>
            <source>at most a quarter left out</source>
            <translation>como máximo un cuarto omitido</translation>
        </message>
        <message>
            <source>Left out: %1. </source>
            <translation>Omitidos: %1. </translation>
        </message>
        <message>
            <source>Moved: %1. </source>
            <translation>Movidos: %1. </translation>
        </message>
        <message>
            <source>They are measured where you put them.</source>
            <translation>Se miden donde usted los puso.</translation>
        </message>
        <message>
            <source>A patch left out counts nowhere.</source>
            <translation>Un parche omitido no cuenta en nada.</translation>
        </message>
        <message>
            <source>So few patches carry only a simple correction; shoot the chart again where you can.</source>
            <translation>Tan pocos parches solo sostienen una corrección simple; tome la carta de nuevo si puede.</translation>
        </message>
        <message>
            <source> %1 does not count: its greys are lit in another colour.</source>
            <translation> %1 no cuenta: sus grises están en luz de otro color.</translation>
        </message>
        <message>
            <source> Not counted in %1, for they disagree: %2.</source>
            <translation> Sin contar en %1, porque discrepan: %2.</translation>
        </message>
        <message>
            <source>Frames agree</source>
            <translation>Los fotogramas concuerdan</translation>
        </message>
        <message>
            <source>not counted</source>
            <translation>sin contar</translation>
        </message>
        <message>
            <source>every patch of every frame</source>
            <translation>cada parche de cada fotograma</translation>
        </message>
        <message>
            <source>The patches are those of 1 frame, brought to the level of the others.</source>
            <translation>Los parches son los de 1 fotograma, llevados al nivel de los demás.</translation>
        </message>
        <message>
            <source>The patches are the mean of %1 frames, whose light differed by %2 stops and was brought to one level.</source>
            <translation>Los parches son la media de %1 fotogramas, cuya luz difería %2 pasos y se llevó a un nivel.</translation>
        </message>
        <message>
            <source>Look at the frames named; leave them out of the average.</source>
            <translation>Mire los fotogramas nombrados; exclúyalos de la media.</translation>
        </message>
        <message>
            <source>The flat-field frame is too small: it needs 96 x 64 pixels at least.</source>
            <translation>El campo plano es muy pequeño: necesita al menos 96 x 64 píxeles.</translation>
        </message>
        <message>
            <source>The flat-field frame is too dark.</source>
            <translation>El campo plano es muy oscuro.</translation>
        </message>
        <message>
            <source>The flat-field frame is clipped; expose it as a light grey.</source>
            <translation>El campo plano está recortado; expóngalo como un gris claro.</translation>
        </message>
        <message>
            <source>This frame shows more than a plain card: its brightness jumps. Fill the frame with a grey or white card, out of focus.</source>
            <translation>Este fotograma muestra más que una tarjeta lisa: su claridad salta. Llene el cuadro con una tarjeta gris o blanca, desenfocada.</translation>
        </message>
        <message>
            <source>Grey within %.1f CIEDE2000</source>
            <translation>Gris dentro de %.1f CIEDE2000</translation>
        </message>
        <message>
            <source>warmer</source>
            <translation>más cálido</translation>
        </message>
        <message>
            <source>colder</source>
            <translation>más frío</translation>
        </message>
        <message>
            <source>greener</source>
            <translation>más verde</translation>
        </message>
        <message>
            <source>more magenta</source>
            <translation>más magenta</translation>
        </message>
        <message>
            <source>Not grey: %1, %2 CIEDE2000, %3 mired</source>
            <translation>No es gris: %1, %2 CIEDE2000, %3 mired</translation>
        </message>
        <message>
            <source>There is too little light in this region to balance on.</source>
            <translation>Hay muy poca luz en esta zona para equilibrar.</translation>
        </message>
        <message>
            <source>This region is clipped: balancing on it would bring a cast that cannot be seen here.</source>
            <translation>Esta zona está recortada: equilibrar con ella daría una dominante que aquí no se ve.</translation>
        </message>
        <message>
            <source>The chart has no usable grey to compare with.</source>
            <translation>La carta no tiene gris utilizable con que comparar.</translation>
        </message>
        <message>
            <source>Evenness after the lightness uniformity of the US federal digitisation guidelines (three stars, from memory); noise after ISO 12232's excellent; the rest is common practice of collections.</source>
            <translation>Uniformidad según la de claridad de las directrices federales de digitalización de EE. UU. (tres estrellas, de memoria); ruido según el excelente de ISO 12232; el resto es práctica de colecciones.</translation>
        </message>
        <message>
            <source>Product</source>
            <translation>Producto</translation>
        </message>
        <message>
            <source>Greys within 1 % after balancing and 90 % for the lightest patch are common practice; evenness, glare and focus lie between careful and slightly mistaken shots of the virtual camera.</source>
            <translation>Grises dentro del 1 % tras equilibrar y 90 % en el parche más claro son práctica habitual; uniformidad, brillo y enfoque quedan entre tomas cuidadas y algo fallidas de la cámara virtual.</translation>
        </message>
        <message>
            <source>What still gives a usable balance and matrix in a hurry; common practice of reportage.</source>
            <translation>Lo que aún da, con prisa, un balance y una matriz utilizables; práctica del reportaje.</translation>
        </message>
        <message>
            <source>Log and flat recordings hold white low and black high; common practice of camera crews.</source>
            <translation>Las grabaciones log y planas tienen el blanco bajo y el negro alto; práctica de equipos de cámara.</translation>
        </message>
        <message>
            <source>There are no limits called "%1"; there are Copy work, Product, Event and Film.</source>
            <translation>No hay límites «%1»; hay Copy work, Product, Event y Film.</translation>
        </message>
        <message>
            <source>No check is called %1.</source>
            <translation>Ninguna comprobación se llama %1.</translation>
        </message>
        <message>
            <source>The limits of %1 are not in order: tolerable from, good from, good to, tolerable to.</source>
            <translation>Los límites de %1 no están en orden: tolerable desde, bueno desde, bueno hasta, tolerable hasta.</translation>
        </message>
        <message>
            <source>The changed limit of %1 needs four numbers.</source>
            <translation>El límite cambiado de %1 necesita cuatro números.</translation>
        </message>
        <message>
            <source>The changed limit of %1 has more than four numbers.</source>
            <translation>El límite cambiado de %1 tiene más de cuatro números.</translation>
        </message>
        <message>
            <source>Good</source>
            <translation>Bien</translation>
        </message>
        <message>
            <source>Look again</source>
            <translation>Revisar</translation>
        </message>
        <message>
            <source>Shoot again</source>
            <translation>Tomar de nuevo</translation>
        </message>
        <message>
            <source>"%1" is nothing that is taken out of the light; it is a flat field, the chart, or both.</source>
            <translation>«%1» no es nada que se quite de la luz; es un campo plano, la carta, o ambos.</translation>
        </message>
        <message>
            <source>There is no treatment called "%1".</source>
            <translation>No hay tratamiento «%1».</translation>
        </message>
        <message>
            <source>was recorded as %1, and its correction is for %2, whose numbers mean other colours. Shoot the chart once in this recording, too, or lend it a correction that was made from it</source>
            <translation>se grabó como %1, y su corrección es para %2, cuyos números significan otros colores. Tome también la carta una vez en esta grabación, o préstele una corrección hecha de ella</translation>
        </message>
        <message>
            <source>Colours outside a space are compressed, cut or automatic, not "%1".</source>
            <translation>Los colores fuera de un espacio son compressed, cut o automatic, no «%1».</translation>
        </message>
        <message>
            <source>Highlights are cut, rebuilt or as-recorded, not "%1".</source>
            <translation>Las luces altas son cut, rebuilt o as-recorded, no «%1».</translation>
        </message>
        <message>
            <source>%1 and %2</source>
            <translation>%1 y %2</translation>
        </message>
        <message>
            <source>%1, %2</source>
            <translation>%1, %2</translation>
        </message>
        <message>
            <source>%1 and %2 more</source>
            <translation>%1 y %2 más</translation>
        </message>
        <message>
            <source>more than +2 stops</source>
            <translation>más de +2 pasos</translation>
        </message>
        <message>
            <source>+1 to +2</source>
            <translation>+1 a +2</translation>
        </message>
        <message>
            <source>+1/3 to +1</source>
            <translation>+1/3 a +1</translation>
        </message>
        <message>
            <source>mid-grey</source>
            <translation>gris medio</translation>
        </message>
        <message>
            <source>−1 to −1/3</source>
            <translation>−1 a −1/3</translation>
        </message>
        <message>
            <source>−2 to −1</source>
            <translation>−2 a −1</translation>
        </message>
        <message>
            <source>−3 to −2</source>
            <translation>−3 a −2</translation>
        </message>
        <message>
            <source>−4 to −3</source>
            <translation>−4 a −3</translation>
        </message>
        <message>
            <source>−5 to −4</source>
            <translation>−5 a −4</translation>
        </message>
        <message>
            <source>less than −5 stops</source>
            <translation>menos de −5 pasos</translation>
        </message>
        <message>
            <source>white, 94 to 98 %</source>
            <translation>blanco, 94 a 98 %</translation>
        </message>
        <message>
            <source>white, 88 to 92 %</source>
            <translation>blanco, 88 a 92 %</translation>
        </message>
        <message>
            <source>mid-grey within 1/3 stop</source>
            <translation>gris medio dentro de 1/3 de paso</translation>
        </message>
        <message>
            <source>black, 2 to 6 %</source>
            <translation>negro, 2 a 6 %</translation>
        </message>
        <message>
            <source>clipped</source>
            <translation>recortado</translation>
        </message>
        <message>
            <source>all channels clipped</source>
            <translation>todos los canales recortados</translation>
        </message>
        <message>
            <source>red clipped</source>
            <translation>rojo recortado</translation>
        </message>
        <message>
            <source>green clipped</source>
            <translation>verde recortado</translation>
        </message>
        <message>
            <source>blue clipped</source>
            <translation>azul recortado</translation>
        </message>
        <message>
            <source>at the floor</source>
            <translation>en el suelo</translation>
        </message>
        <message>
            <source>A series needs at least one chart shot.</source>
            <translation>Una serie necesita al menos una toma de carta.</translation>
        </message>
        <message>
            <source>%1 shows %2, %3 shows %4. A series is of one chart.</source>
            <translation>%1 muestra %2, %3 muestra %4. Una serie es de una sola carta.</translation>
        </message>
        <message>
            <source>Nothing of the series is left to be compared.</source>
            <translation>No queda nada de la serie que comparar.</translation>
        </message>
        <message>
            <source>"%1" is not a colour temperature in kelvin.</source>
            <translation>«%1» no es una temperatura de color en kelvin.</translation>
        </message>
        <message>
            <source>CIE daylight is defined from 4000 K to 25000 K.</source>
            <translation>La luz de día CIE se define de 4000 K a 25000 K.</translation>
        </message>
        <message>
            <source>A black body's temperature must be 500 K to 50000 K.</source>
            <translation>La temperatura de un cuerpo negro debe ser de 500 K a 50000 K.</translation>
        </message>
        <message>
            <source>There is no light called "%1". Known are a, d50, d55, d65, e, f2, f7, f11, led-3000, led-5600, daylight-&lt;kelvin&gt; and blackbody-&lt;kelvin&gt;.</source>
            <translation>No hay luz «%1». Se conocen a, d50, d55, d65, e, f2, f7, f11, led-3000, led-5600, daylight-&lt;kelvin&gt; y blackbody-&lt;kelvin&gt;.</translation>
        </message>
        <message>
            <source>A chromaticity with y = 0 has no colour temperature.</source>
            <translation>Una cromaticidad con y = 0 no tiene temperatura de color.</translation>
        </message>
        <message>
            <source>This colour is too far from white light for a colour temperature to mean anything.</source>
            <translation>Este color está muy lejos de la luz blanca para que una temperatura de color signifique algo.</translation>
        </message>
        <message>
            <source>Clips become pictures, ffv1 or av1, not "%1".</source>
            <translation>Los clips pasan a pictures, ffv1 o av1, no «%1».</translation>
        </message>
        <message>
            <source>Frames are written as exr, tif, png, jpg or dpx, not as "%1".</source>
            <translation>Los fotogramas se escriben como exr, tif, png, jpg o dpx, no como «%1».</translation>
        </message>
        <message>
            <source>A dpx has 10 or 16 bits.</source>
            <translation>Un dpx tiene 10 o 16 bits.</translation>
        </message>
        <message>
            <source>A picture has 8 or 16 bits.</source>
            <translation>Una imagen tiene 8 o 16 bits.</translation>
        </message>
        <message>
            <source>A JPEG's quality is 1 to 100.</source>
            <translation>La calidad de un JPEG es de 1 a 100.</translation>
        </message>
        <message>
            <source>The long edge is 16 to 60,000 pixels, or 0 for the frame's own.</source>
            <translation>El lado largo es de 16 a 60 000 píxeles, o 0 para el del fotograma.</translation>
        </message>
        <message>
            <source>The job does not say into which folder.</source>
            <translation>El trabajo no dice en qué carpeta.</translation>
        </message>
        <message>
            <source>The job has no frames.</source>
            <translation>El trabajo no tiene fotogramas.</translation>
        </message>
        <message>
            <source>%1 is for .exr: other kinds of file cut off what is lighter than white and are too coarse in the shadows.</source>
            <translation>%1 es para .exr: otros tipos cortan lo más claro que el blanco y son toscos en las sombras.</translation>
        </message>
        <message>
            <source>%1 has no correction: the job has none by the name "%2".</source>
            <translation>%1 no tiene corrección: el trabajo no tiene ninguna llamada «%2».</translation>
        </message>
        <message>
            <source>The name's pattern has a { without its }.</source>
            <translation>El patrón de nombre tiene un { sin su }.</translation>
        </message>
        <message>
            <source>The name's pattern has {%1}, which is not known; there are {frame}, {n}, {space}, {setup}, {body}, {light}, {place} and {date}.</source>
            <translation>El patrón tiene {%1}, que no se conoce; hay {frame}, {n}, {space}, {setup}, {body}, {light}, {place} y {date}.</translation>
        </message>
        <message>
            <source>The name's pattern gives no name for %1.</source>
            <translation>El patrón no da nombre para %1.</translation>
        </message>
        <message>
            <source>%1 could not be written: %2. The journal stands beside the job; put the job where it can be written.</source>
            <translation>%1 no se pudo escribir: %2. El diario está junto al trabajo; póngalo donde se pueda escribir.</translation>
        </message>
        <message>
            <source>%1 was changed since it was begun. Run it under another name, or remove %2 to begin anew.</source>
            <translation>%1 cambió desde que se empezó. Ejecútelo con otro nombre, o quite %2 para empezar de nuevo.</translation>
        </message>
        <message>
            <source>%1 is no journal of a job. Remove it to begin anew.</source>
            <translation>%1 no es el diario de un trabajo. Quítelo para empezar de nuevo.</translation>
        </message>
        <message>
            <source>The folder %1 could not be made: %2.</source>
            <translation>No se pudo crear la carpeta %1: %2.</translation>
        </message>
        <message>
            <source>%1 could not be written: %2.</source>
            <translation>%1 no se pudo escribir: %2.</translation>
        </message>
        <message>
            <source>The job's journal could not be written: %1. The picture itself is finished.</source>
            <translation>No se pudo escribir el diario del trabajo: %1. La imagen en sí está acabada.</translation>
        </message>
        <message>
            <source>%1 was written, but is not there any more: has its disk gone?</source>
            <translation>%1 se escribió, pero ya no está: ¿se fue su disco?</translation>
        </message>
        <message>
            <source>The folder %1 could not be made.</source>
            <translation>No se pudo crear la carpeta %1.</translation>
        </message>
        <message>
            <source>%1 has no pictures in it.</source>
            <translation>%1 no contiene imágenes.</translation>
        </message>
        <message>
            <source>The job has %1 frames; there is no number %2.</source>
            <translation>El trabajo tiene %1 fotogramas; no hay número %2.</translation>
        </message>
        <message>
            <source>%1 is a frame of the job itself; use another folder.</source>
            <translation>%1 es un fotograma del propio trabajo; use otra carpeta.</translation>
        </message>
        <message>
            <source>%1 of the files are there already (%2 and others). Say whether to replace, skip or number them, or use another folder.</source>
            <translation>%1 de los archivos ya existen (%2 y otros). Diga si hay que reemplazarlos, saltarlos o numerarlos, o use otra carpeta.</translation>
        </message>
        <message>
            <source>1 of the files is there already (%1). Say whether to replace, skip or number it, or use another folder.</source>
            <translation>1 de los archivos ya existe (%1). Diga si hay que reemplazarlo, saltarlo o numerarlo, o use otra carpeta.</translation>
        </message>
        <message>
            <source>%1 is not CGATS text: %2</source>
            <translation>%1 no es texto CGATS: %2</translation>
        </message>
        <message>
            <source>%1 has no data format.</source>
            <translation>%1 no tiene formato de datos.</translation>
        </message>
        <message>
            <source>%1 is empty.</source>
            <translation>%1 está vacío.</translation>
        </message>
        <message>
            <source>%1 refers to the colour specification "%2", which is not in the file.</source>
            <translation>%1 remite a la especificación de color «%2», que no está en el archivo.</translation>
        </message>
        <message>
            <source>%1 was not measured under %2, but under %3.</source>
            <translation>%1 no se midió con %2, sino con %3.</translation>
        </message>
        <message>
            <source>%1 was measured under %2 (ISO 13655). Say which of them: they differ where the surface has a brightener.</source>
            <translation>%1 se midió con %2 (ISO 13655). Diga cuál: difieren donde la superficie tiene blanqueador.</translation>
        </message>
        <message>
            <source>%1: its spectrum is not a list of numbers.</source>
            <translation>%1: su espectro no es una lista de números.</translation>
        </message>
        <message>
            <source>%1 has neither a reflectance spectrum nor CIE L*a*b* or XYZ.</source>
            <translation>%1 no tiene espectro de reflectancia ni CIE L*a*b* o XYZ.</translation>
        </message>
        <message>
            <source>%1 is not whole XML: %2 near character %3.</source>
            <translation>%1 no es XML completo: %2 cerca del carácter %3.</translation>
        </message>
        <message>
            <source>%1 is XML, but not CxF.</source>
            <translation>%1 es XML, pero no CxF.</translation>
        </message>
        <message>
            <source>%1 has another kind of values than those before it.</source>
            <translation>%1 tiene otro tipo de valores que los anteriores.</translation>
        </message>
        <message>
            <source>%1 is of another illuminant, observer or measurement condition than those before it; give a file of one.</source>
            <translation>%1 es de otro iluminante, observador o condición de medida que los anteriores; dé un archivo de uno.</translation>
        </message>
        <message>
            <source>%1 has a spectrum of another length.</source>
            <translation>%1 tiene un espectro de otra longitud.</translation>
        </message>
        <message>
            <source>%1 has no columns for L*, a*, b*, or X, Y, Z, or wavelengths.</source>
            <translation>%1 no tiene columnas de L*, a*, b*, ni X, Y, Z, ni longitudes de onda.</translation>
        </message>
        <message>
            <source>%1: its wavelengths are not evenly apart at %2 nm.</source>
            <translation>%1: sus longitudes de onda no son regulares en %2 nm.</translation>
        </message>
        <message>
            <source>%1: "%2" is not a number.</source>
            <translation>%1: «%2» no es un número.</translation>
        </message>
        <message>
            <source>There is no chart file %1, and no chart of that name ships with Refero (%2).</source>
            <translation>No hay archivo de carta %1, ni carta de ese nombre en Refero (%2).</translation>
        </message>
        <message>
            <source>%1 mixes the channels: it is not a curve but a LUT of three dimensions.</source>
            <translation>%1 mezcla los canales: no es una curva sino una LUT de tres dimensiones.</translation>
        </message>
        <message>
            <source>%1 bends its three channels differently; one curve for all is needed.</source>
            <translation>%1 curva sus tres canales de forma distinta; hace falta una para todos.</translation>
        </message>
        <message>
            <source>%1 is neither two columns of numbers nor a 1D LUT that can be read. Stored number and linear light are wanted on each line.</source>
            <translation>%1 no es dos columnas de números ni una LUT 1D legible. Hacen falta número guardado y luz lineal en cada línea.</translation>
        </message>
        <message>
            <source>%1 A curve file of that name is not there, either.</source>
            <translation>%1 Tampoco hay archivo de curva con ese nombre.</translation>
        </message>
        <message>
            <source>%1 could not be written as DNG.</source>
            <translation>%1 no se pudo escribir como DNG.</translation>
        </message>
        <message>
            <source>A raw picture has at least 2 x 2 sites.</source>
            <translation>Una imagen raw tiene al menos 2 x 2 puntos.</translation>
        </message>
        <message>
            <source>A sensor has 8 to 16 bits.</source>
            <translation>Un sensor tiene de 8 a 16 bits.</translation>
        </message>
        <message>
            <source>%1 cannot be read.</source>
            <translation>%1 no se puede leer.</translation>
        </message>
        <message>
            <source>%1 could not be read to its end.</source>
            <translation>%1 no se pudo leer hasta el final.</translation>
        </message>
        <message>
            <source>The folder %1 holds too many files called %2.</source>
            <translation>La carpeta %1 tiene demasiados archivos llamados %2.</translation>
        </message>
        <message>
            <source>%1 could not be copied: %2.</source>
            <translation>%1 no se pudo copiar: %2.</translation>
        </message>
        <message>
            <source>The copy of %1 is not what was read from the card. Check the disk and the card reader.</source>
            <translation>La copia de %1 no es lo leído de la tarjeta. Compruebe el disco y el lector.</translation>
        </message>
        <message>
            <source>%1 could not be opened: %2.</source>
            <translation>%1 no se pudo abrir: %2.</translation>
        </message>
        <message>
            <source>%1 could not be flushed to the disk: %2.</source>
            <translation>%1 no se pudo llevar al disco: %2.</translation>
        </message>
        <message>
            <source>The folder %1 does not exist, so %2 was not written.</source>
            <translation>La carpeta %1 no existe, así que no se escribió %2.</translation>
        </message>
        <message>
            <source>%1 is a folder, not a file.</source>
            <translation>%1 es una carpeta, no un archivo.</translation>
        </message>
        <message>
            <source>%1 could not be replaced: %2.</source>
            <translation>%1 no se pudo reemplazar: %2.</translation>
        </message>
        <message>
            <source>%1 %2 is as it was before.</source>
            <translation>%1 %2 está como antes.</translation>
        </message>
        <message>
            <source>There is no file %1.</source>
            <translation>No hay archivo %1.</translation>
        </message>
        <message>
            <source>%1 is larger than %2 MB, which no file of this kind is.</source>
            <translation>%1 pasa de %2 MB, lo que ningún archivo de este tipo es.</translation>
        </message>
        <message>
            <source>%1 could not be read: %2.</source>
            <translation>%1 no se pudo leer: %2.</translation>
        </message>
        <message>
            <source>%1 is too large.</source>
            <translation>%1 es demasiado grande.</translation>
        </message>
        <message>
            <source>%1 %2 and what belongs to it are as before.</source>
            <translation>%1 %2 y lo que le pertenece están como antes.</translation>
        </message>
        <message>
            <source>%1 %2 is as before.</source>
            <translation>%1 %2 está como antes.</translation>
        </message>
        <message>
            <source>%1 could not be written to.</source>
            <translation>No se pudo escribir en %1.</translation>
        </message>
        <message>
            <source>%1 could not be written: the disk may be full or read-only.</source>
            <translation>%1 no se pudo escribir: el disco puede estar lleno o ser de solo lectura.</translation>
        </message>
        <message>
            <source>%1 could not be put in its place.</source>
            <translation>%1 no se pudo poner en su lugar.</translation>
        </message>
        <message>
            <source>%1, line %2: %3</source>
            <translation>%1, línea %2: %3</translation>
        </message>
        <message>
            <source>%1: it states no size, so it is no .cube.</source>
            <translation>%1: no indica tamaño, luego no es un .cube.</translation>
        </message>
        <message>
            <source>%1: its domain is none: it must rise in each channel.</source>
            <translation>%1: su dominio no lo es: debe subir en cada canal.</translation>
        </message>
        <message>
            <source>%1: %2 rows of numbers, where its size asks for %3.</source>
            <translation>%1: %2 filas de números, donde su tamaño pide %3.</translation>
        </message>
        <message>
            <source>The camera profile's matrices lead to no white for this grey.</source>
            <translation>Las matrices del perfil de cámara no llevan a ningún blanco con este gris.</translation>
        </message>
        <message>
            <source>The camera profile's colour matrix makes white black.</source>
            <translation>La matriz de color del perfil vuelve negro el blanco.</translation>
        </message>
        <message>
            <source>%1 makes numbers that are not finite of plain greys.</source>
            <translation>%1 da números no finitos de simples grises.</translation>
        </message>
        <message>
            <source>%1 cannot be read: %2</source>
            <translation>%1 no se puede leer: %2</translation>
        </message>
        <message>
            <source>.cube, curves of %1 points</source>
            <translation>.cube, curvas de %1 puntos</translation>
        </message>
        <message>
            <source>.cube, 3D of %1 points%2</source>
            <translation>.cube, 3D de %1 puntos%2</translation>
        </message>
        <message>
            <source> after curves</source>
            <translation> tras curvas</translation>
        </message>
        <message>
            <source>OpenColorIO configuration, from %1 to %2, view %3</source>
            <translation>Configuración OpenColorIO, de %1 a %2, vista %3</translation>
        </message>
        <message>
            <source>%1 cannot be used: %2</source>
            <translation>%1 no se puede usar: %2</translation>
        </message>
        <message>
            <source>%1 is no ICC profile, or it is damaged.</source>
            <translation>%1 no es un perfil ICC, o está dañado.</translation>
        </message>
        <message>
            <source>%1 is an ICC profile of another class. Only input profiles and device links for RGB do something to a camera's picture.</source>
            <translation>%1 es un perfil ICC de otra clase. Solo perfiles de entrada y enlaces RGB actúan sobre la imagen de una cámara.</translation>
        </message>
        <message>
            <source>ICC device link</source>
            <translation>enlace ICC</translation>
        </message>
        <message>
            <source>ICC input profile</source>
            <translation>perfil ICC de entrada</translation>
        </message>
        <message>
            <source>%1 cannot be carried out by Little CMS.</source>
            <translation>Little CMS no puede ejecutar %1.</translation>
        </message>
        <message>
            <source>%1 is for raw files; this reading is of an encoded frame.</source>
            <translation>%1 es para archivos raw; esta lectura es de un fotograma codificado.</translation>
        </message>
        <message>
            <source>%1 needs a grey to be balanced on, and no grey of the chart can be used.</source>
            <translation>%1 necesita un gris para equilibrar, y ningún gris de la carta es utilizable.</translation>
        </message>
        <message>
            <source>Camera profile for two lights</source>
            <translation>Perfil de cámara para dos luces</translation>
        </message>
        <message>
            <source>Camera profile for one light</source>
            <translation>Perfil de cámara para una luz</translation>
        </message>
        <message>
            <source>Of its two lights, the second has a share of %1 % in this one.</source>
            <translation>De sus dos luces, la segunda tiene un %1 % en esta.</translation>
        </message>
        <message>
            <source>%1 is not there, or is no file.</source>
            <translation>%1 no está, o no es un archivo.</translation>
        </message>
        <message>
            <source>Decision list (CDL)</source>
            <translation>Lista de decisión (CDL)</translation>
        </message>
        <message>
            <source>%1 file</source>
            <translation>archivo %1</translation>
        </message>
        <message>
            <source>%1 is no transform that can be assessed: .cube, .clf, .icc, .dcp, .cdl, an OpenColorIO configuration or a correction is.</source>
            <translation>%1 no es una transformación evaluable: lo es un .cube, .clf, .icc, .dcp, .cdl, una configuración OpenColorIO o una corrección.</translation>
        </message>
        <message>
            <source>Correction, %1</source>
            <translation>Corrección, %1</translation>
        </message>
        <message>
            <source>Nothing is done</source>
            <translation>No se hace nada</translation>
        </message>
        <message>
            <source>%1 is a raw file: its numbers are linear light, and no other encoding fits.</source>
            <translation>%1 es un archivo raw: sus números son luz lineal, y ninguna otra codificación encaja.</translation>
        </message>
        <message>
            <source>Its mosaic is not Bayer's: it was demosaiced by LibRaw, whose neighbours are alike.</source>
            <translation>Su mosaico no es de Bayer: lo desmosaicó LibRaw, y los vecinos se parecen.</translation>
        </message>
        <message>
            <source>%1 is a folder, not a picture.</source>
            <translation>%1 es una carpeta, no una imagen.</translation>
        </message>
        <message>
            <source>%1 is empty: it has no bytes in it. Copy it from the card again.</source>
            <translation>%1 está vacío: no tiene ningún byte. Cópielo de nuevo de la tarjeta.</translation>
        </message>
        <message>
            <source>%1 needs more memory than there is. Make a smaller copy and use that.</source>
            <translation>%1 necesita más memoria de la que hay. Haga una copia menor y úsela.</translation>
        </message>
        <message>
            <source>OpenColorIO could not write the decision list: %1</source>
            <translation>OpenColorIO no pudo escribir la lista de decisión: %1</translation>
        </message>
        <message>
            <source>A LUT's size must be 2 to 129 points a side; 33 and 65 are usual.</source>
            <translation>El tamaño de una LUT va de 2 a 129 puntos por lado; 33 y 65 son habituales.</translation>
        </message>
        <message>
            <source>libtiff could not begin a camera profile.</source>
            <translation>libtiff no pudo empezar un perfil de cámara.</translation>
        </message>
        <message>
            <source>libtiff could not write the camera profile.</source>
            <translation>libtiff no pudo escribir el perfil de cámara.</translation>
        </message>
        <message>
            <source>That is no camera profile: it does not begin as one.</source>
            <translation>No es un perfil de cámara: no empieza como tal.</translation>
        </message>
        <message>
            <source>The camera profile has no matrices that could be read.</source>
            <translation>El perfil de cámara no tiene matrices legibles.</translation>
        </message>
        <message>
            <source>Exiv2 could not read the camera profile: %1</source>
            <translation>Exiv2 no pudo leer el perfil de cámara: %1</translation>
        </message>
        <message>
            <source>A camera profile's light is A, D50, D55, D65 or D75.</source>
            <translation>La luz de un perfil de cámara es A, D50, D55, D65 o D75.</translation>
        </message>
        <message>
            <source>The correction's matrix has no inverse.</source>
            <translation>La matriz de la corrección no tiene inversa.</translation>
        </message>
        <message>
            <source>A camera profile is for one light or for two.</source>
            <translation>Un perfil de cámara es para una luz o dos.</translation>
        </message>
        <message>
            <source>A camera profile is for raw files; this correction is for frames encoded as %1. Write an ICC profile or a .cube for those.</source>
            <translation>Un perfil de cámara es para raw; esta corrección es para fotogramas en %1. Escriba un perfil ICC o un .cube.</translation>
        </message>
        <message>
            <source>State as many lights as there are corrections in the profile.</source>
            <translation>Indique tantas luces como correcciones hay en el perfil.</translation>
        </message>
        <message>
            <source>The two corrections are of two bodies: %1 and %2.</source>
            <translation>Las dos correcciones son de dos cuerpos: %1 y %2.</translation>
        </message>
        <message>
            <source>Both corrections are for the same kind of light.</source>
            <translation>Ambas correcciones son para el mismo tipo de luz.</translation>
        </message>
        <message>
            <source>The two corrections' lights are too much alike to go between them.</source>
            <translation>Las luces de las dos correcciones se parecen demasiado para ir entre ellas.</translation>
        </message>
        <message>
            <source>Refero does not write "%1"; it writes %2.</source>
            <translation>Refero no escribe «%1»; escribe %2.</translation>
        </message>
        <message>
            <source>Ten numbers cannot mix channels as a matrix does: strong colours stay off most.</source>
            <translation>Diez números no mezclan canales como una matriz: los colores fuertes quedan más desviados.</translation>
        </message>
        <message>
            <source>Decision list (ASC CDL)</source>
            <translation>Lista de decisión (ASC CDL)</translation>
        </message>
        <message>
            <source>Slope, offset and power of each channel and one saturation: ten numbers for a grading program.</source>
            <translation>Pendiente, desplazamiento y potencia de cada canal y una saturación: diez números para un programa de etalonaje.</translation>
        </message>
        <message>
            <source>Common LUT Format (.clf)</source>
            <translation>Common LUT Format (.clf)</translation>
        </message>
        <message>
            <source>All of the correction, its finish too; a matrix stays a matrix.</source>
            <translation>Toda la corrección, también su acabado; una matriz sigue siendo matriz.</translation>
        </message>
        <message>
            <source>No size was tried.</source>
            <translation>No se probó ningún tamaño.</translation>
        </message>
        <message>
            <source>Colours stay the camera's: a curve a channel can only balance, level and straighten greys.</source>
            <translation>Los colores siguen siendo los de la cámara: una curva por canal solo equilibra, nivela y endereza grises.</translation>
        </message>
        <message>
            <source>3D LUT (.cube)</source>
            <translation>LUT 3D (.cube)</translation>
        </message>
        <message>
            <source>All of the correction, its finish too, between grid points.</source>
            <translation>Toda la corrección, también su acabado, entre puntos de la malla.</translation>
        </message>
        <message>
            <source>1D LUT (.cube)</source>
            <translation>LUT 1D (.cube)</translation>
        </message>
        <message>
            <source>Balance, level and the curves of the greys; a curve a channel cannot move colours.</source>
            <translation>Balance, nivel y curvas de los grises; una curva por canal no mueve colores.</translation>
        </message>
        <message>
            <source>What bends colours becomes a map of hue and saturation, which does not tell levels apart.</source>
            <translation>Lo que curva colores pasa a un mapa de tono y saturación, que no distingue niveles.</translation>
        </message>
        <message>
            <source>The balance is the raw developer's own: pick a grey of the chart with it.</source>
            <translation>El balance es del revelador raw: tome con él un gris de la carta.</translation>
        </message>
        <message>
            <source>Of the finish its contrast is the base tone curve, which each raw developer applies in its own way; the figures are without it.</source>
            <translation>Del acabado, el contraste es la curva de tono base, que cada revelador aplica a su modo; las cifras son sin ella.</translation>
        </message>
        <message>
            <source>Camera profile (.dcp)</source>
            <translation>Perfil de cámara (.dcp)</translation>
        </message>
        <message>
            <source>Matrices and a map of hue and saturation for raw developers, by the DNG specification.</source>
            <translation>Matrices y un mapa de tono y saturación para reveladores raw, según la especificación DNG.</translation>
        </message>
        <message>
            <source>The document does not read back as it was written.</source>
            <translation>El documento no se relee como se escribió.</translation>
        </message>
        <message>
            <source>Refero document (.json)</source>
            <translation>Documento de Refero (.json)</translation>
        </message>
        <message>
            <source>The correction as it is, with all of its figures.</source>
            <translation>La corrección tal cual, con todas sus cifras.</translation>
        </message>
        <message>
            <source>Only the nearest matrix is in it: a matrix cannot bend a hue.</source>
            <translation>Solo lleva la matriz más próxima: una matriz no curva un tono.</translation>
        </message>
        <message>
            <source>Input profile, ICC 4</source>
            <translation>Perfil de entrada, ICC 4</translation>
        </message>
        <message>
            <source>True colours for a raw developer or an editor.</source>
            <translation>Colores fieles para un revelador raw o un editor.</translation>
        </message>
        <message>
            <source>Input profile, ICC 2</source>
            <translation>Perfil de entrada, ICC 2</translation>
        </message>
        <message>
            <source>The same for programs that read version 2 only.</source>
            <translation>Lo mismo para programas que solo leen la versión 2.</translation>
        </message>
        <message>
            <source>OpenColorIO configuration</source>
            <translation>Configuración OpenColorIO</translation>
        </message>
        <message>
            <source>A colour space for compositing, with its CLF file beside it.</source>
            <translation>Un espacio de color para composición, con su archivo CLF al lado.</translation>
        </message>
        <message>
            <source>It is a table to read: nothing can be corrected with it.</source>
            <translation>Es una tabla para leer: no corrige nada.</translation>
        </message>
        <message>
            <source>The table does not read back as it was written.</source>
            <translation>La tabla no se relee como se escribió.</translation>
        </message>
        <message>
            <source>Table of the patches (.csv)</source>
            <translation>Tabla de los parches (.csv)</translation>
        </message>
        <message>
            <source>What was read, what it should be, and what became of it; no correction to apply.</source>
            <translation>Lo leído, lo que debería ser y en qué quedó; ninguna corrección que aplicar.</translation>
        </message>
        <message>
            <source>Read back by %s, the file differs from the correction by up to %.2f CIEDE2000 (limit %.1f), by %.2f on average (limit %.1f).</source>
            <translation>Leído de nuevo por %s, el archivo difiere de la corrección hasta %.2f CIEDE2000 (límite %.1f), %.2f de media (límite %.1f).</translation>
        </message>
        <message>
            <source> A LUT fed with linear light is too coarse in the shadows: feed it srgb or acescct, or begin it with a shaper.</source>
            <translation> Una LUT que recibe luz lineal es demasiado gruesa en las sombras: dele srgb o acescct, o comiéncela con un shaper.</translation>
        </message>
        <message>
            <source> Ask for more points a side (97 or 129) where the program takes them, or feed it another encoding.</source>
            <translation> Pida más puntos por lado (97 o 129) donde el programa los acepte, o dele otra codificación.</translation>
        </message>
        <message>
            <source> Use an ICC profile, or feed it srgb.</source>
            <translation> Use un perfil ICC, o dele srgb.</translation>
        </message>
        <message>
            <source>An exposure offset is at most 8 stops.</source>
            <translation>Un desfase de exposición es de 8 pasos como máximo.</translation>
        </message>
        <message>
            <source>Only a 3D .cube begins with a shaper.</source>
            <translation>Solo un .cube 3D empieza con un shaper.</translation>
        </message>
        <message>
            <source>Only a .cube is made for video range.</source>
            <translation>Solo un .cube se hace para rango de vídeo.</translation>
        </message>
        <message>
            <source>A shaper is for linear light, which has no video range.</source>
            <translation>Un shaper es para luz lineal, que no tiene rango de vídeo.</translation>
        </message>
        <message>
            <source>A shaper is for linear light; feed it linear.</source>
            <translation>Un shaper es para luz lineal; dele lineal.</translation>
        </message>
        <message>
            <source>Only a camera profile is for two lights.</source>
            <translation>Solo un perfil de cámara es para dos luces.</translation>
        </message>
        <message>
            <source>Only a camera profile has a base tone curve.</source>
            <translation>Solo un perfil de cámara tiene curva de tono base.</translation>
        </message>
        <message>
            <source>Only an ICC profile is made for balanced or unbalanced input.</source>
            <translation>Solo un perfil ICC se hace para entrada equilibrada o no.</translation>
        </message>
        <message>
            <source>Only a profile can leave the level as it is.</source>
            <translation>Solo un perfil puede dejar el nivel como está.</translation>
        </message>
        <message>
            <source>Only a camera profile names its light.</source>
            <translation>Solo un perfil de cámara nombra su luz.</translation>
        </message>
        <message>
            <source>OpenColorIO could not make the configuration: %1</source>
            <translation>OpenColorIO no pudo hacer la configuración: %1</translation>
        </message>
        <message>
            <source>A plate is an .exr in linear sRGB or ACEScg, without the finish.</source>
            <translation>Una placa es un .exr en sRGB lineal o ACEScg, sin acabado.</translation>
        </message>
        <message>
            <source>OpenColorIO could not show the plate: %1.</source>
            <translation>OpenColorIO no pudo mostrar la placa: %1.</translation>
        </message>
        <message>
            <source>Through the view, by %s, the plate differs from the graded picture by up to %.2f CIEDE2000 (limit %.1f), by %.2f on average (limit %.1f). What it showed is kept aside as %s.</source>
            <translation>A través de la vista, según %s, la placa difiere de la imagen etalonada hasta en %.2f CIEDE2000 (límite %.1f), en %.2f de media (límite %.1f). Lo que mostraba queda aparte como %s.</translation>
        </message>
        <message>
            <source>The plate and the graded picture are not of one size.</source>
            <translation>La placa y la imagen etalonada no son de un tamaño.</translation>
        </message>
        <message>
            <source>OpenColorIO could not read the file back: %1</source>
            <translation>OpenColorIO no pudo releer el archivo: %1</translation>
        </message>
        <message>
            <source>The camera profile does not read back with its lights.</source>
            <translation>El perfil de cámara no se relee con sus luces.</translation>
        </message>
        <message>
            <source>The camera profile does not read back with its tone curve.</source>
            <translation>El perfil de cámara no se relee con su curva.</translation>
        </message>
        <message>
            <source>Little CMS could not read the profile back.</source>
            <translation>Little CMS no pudo releer el perfil.</translation>
        </message>
        <message>
            <source>Little CMS could not make a transform of the profile.</source>
            <translation>Little CMS no pudo hacer una transformación del perfil.</translation>
        </message>
        <message>
            <source>OpenColorIO could not write the transform: %1</source>
            <translation>OpenColorIO no pudo escribir la transformación: %1</translation>
        </message>
        <message>
            <source>That is no ICC profile, or a damaged one.</source>
            <translation>No es un perfil ICC, o está dañado.</translation>
        </message>
        <message>
            <source>That ICC profile does not describe a display of red, green and blue.</source>
            <translation>Ese perfil ICC no describe una pantalla de rojo, verde y azul.</translation>
        </message>
        <message>
            <source>That ICC profile cannot be used to show pictures with.</source>
            <translation>Ese perfil ICC no sirve para mostrar imágenes.</translation>
        </message>
        <message>
            <source>An ICC profile cannot undo %1, whose linear values go beyond 1. Write a .cube for it.</source>
            <translation>Un perfil ICC no puede deshacer %1, cuyos valores lineales pasan de 1. Escriba un .cube.</translation>
        </message>
        <message>
            <source>An ICC profile cannot hold the curve "%1", which begins below no light. Write a .cube for it.</source>
            <translation>Un perfil ICC no puede contener la curva «%1», que empieza bajo la ausencia de luz. Escriba un .cube.</translation>
        </message>
        <message>
            <source>Little CMS could not write the profile.</source>
            <translation>Little CMS no pudo escribir el perfil.</translation>
        </message>
        <message>
            <source>Little CMS could not begin a profile.</source>
            <translation>Little CMS no pudo empezar un perfil.</translation>
        </message>
        <message>
            <source>The correction's gain is too large for an ICC profile.</source>
            <translation>La ganancia de la corrección es excesiva para un perfil ICC.</translation>
        </message>
        <message>
            <source>Little CMS could not write the profile's colours.</source>
            <translation>Little CMS no pudo escribir los colores del perfil.</translation>
        </message>
        <message>
            <source>Its embedded ICC profile is damaged.</source>
            <translation>Su perfil ICC incrustado está dañado.</translation>
        </message>
        <message>
            <source>Its embedded ICC profile, "%1", does not describe RGB pictures.</source>
            <translation>Su perfil ICC incrustado, «%1», no describe imágenes RGB.</translation>
        </message>
        <message>
            <source>Its embedded ICC profile, "%1", cannot be used.</source>
            <translation>Su perfil ICC incrustado, «%1», no se puede usar.</translation>
        </message>
        <message>
            <source>%1: its parts are nested too deeply.</source>
            <translation>%1: sus partes están demasiado anidadas.</translation>
        </message>
        <message>
            <source>%1: this is not JSON; it stops making sense at %2.</source>
            <translation>%1: no es JSON; deja de tener sentido en %2.</translation>
        </message>
        <message>
            <source>The part of Refero that reads and writes pictures could not be loaded: %1. Install Refero again.</source>
            <translation>La parte de Refero que lee y escribe imágenes no se pudo cargar: %1. Reinstale Refero.</translation>
        </message>
        <message>
            <source>Refero cannot write files ending in "%1"; use .exr, .tif, .png, .jpg or .dpx.</source>
            <translation>Refero no puede escribir archivos «%1»; use .exr, .tif, .png, .jpg o .dpx.</translation>
        </message>
        <message>
            <source>"%1" is too long for a QR code.</source>
            <translation>«%1» es demasiado largo para un código QR.</translation>
        </message>
        <message>
            <source>%1 has %2 kinds of colour sites; colour is measured in red, green and blue. Convert it to a linear TIFF and use that.</source>
            <translation>%1 tiene %2 tipos de puntos de color; el color se mide en rojo, verde y azul. Conviértalo a TIFF lineal y use eso.</translation>
        </message>
        <message>
            <source>%1 could not be demosaiced: %2.</source>
            <translation>%1 no se pudo desmosaicar: %2.</translation>
        </message>
        <message>
            <source>%1 does not say where its sensor clips.</source>
            <translation>%1 no dice dónde recorta su sensor.</translation>
        </message>
        <message>
            <source>%1 could not be opened as a raw file: %2.</source>
            <translation>%1 no se pudo abrir como raw: %2.</translation>
        </message>
        <message>
            <source>%1 is damaged or incomplete: %2. Copy it from the card again.</source>
            <translation>%1 está dañado o incompleto: %2. Cópielo de nuevo de la tarjeta.</translation>
        </message>
        <message>
            <source>%1 has another mosaic than Bayer's.</source>
            <translation>%1 tiene otro mosaico que el de Bayer.</translation>
        </message>
        <message>
            <source>%1 carries no preview.</source>
            <translation>%1 no lleva vista previa.</translation>
        </message>
        <message>
            <source>No %1 was found, but this frame shows a %2. Read it with that chart.</source>
            <translation>No se encontró ninguna %1, pero este fotograma muestra una %2. Léalo con esa carta.</translation>
        </message>
        <message>
            <source>No grey of the chart in %1 is usable.</source>
            <translation>Ningún gris de la carta en %1 es utilizable.</translation>
        </message>
        <message>
            <source>No chart that Refero knows was found in this frame. Is the whole chart in it, in focus and not covered? If you can see it, choose the chart and set its four corners by hand.</source>
            <translation>No se encontró en este fotograma ninguna carta que Refero conozca. ¿Está entera, enfocada y sin tapar? Si la ve, elíjala y ponga sus cuatro esquinas a mano.</translation>
        </message>
        <message>
            <source>Camera</source>
            <translation>Cámara</translation>
        </message>
        <message>
            <source>not stated</source>
            <translation>sin indicar</translation>
        </message>
        <message>
            <source>White balance</source>
            <translation>Balance de blancos</translation>
        </message>
        <message>
            <source>as in the chart shot, set by hand: the file balances, and what the camera does by itself is added to it</source>
            <translation>como en la toma de carta, puesto a mano: el archivo equilibra, y lo que haga la cámara se suma</translation>
        </message>
        <message>
            <source>as in the chart shot</source>
            <translation>como en la toma de carta</translation>
        </message>
        <message>
            <source>%1 stops %2 the chart shot; the file takes it back</source>
            <translation>%1 pasos %2 la toma de carta; el archivo lo devuelve</translation>
        </message>
        <message>
            <source>over</source>
            <translation>por encima de</translation>
        </message>
        <message>
            <source>under</source>
            <translation>por debajo de</translation>
        </message>
        <message>
            <source>The file is fed</source>
            <translation>El archivo recibe</translation>
        </message>
        <message>
            <source>, video range</source>
            <translation>, rango de vídeo</translation>
        </message>
        <message>
            <source>, full range</source>
            <translation>, rango completo</translation>
        </message>
        <message>
            <source>It gives</source>
            <translation>Da</translation>
        </message>
        <message>
            <source>Per cent of the signal (IRE)</source>
            <translation>Tanto por ciento de la señal (IRE)</translation>
        </message>
        <message>
            <source>Code of 1023</source>
            <translation>Código de 1023</translation>
        </message>
        <message>
            <source>Chart shot</source>
            <translation>Toma de carta</translation>
        </message>
        <message>
            <source>Stops</source>
            <translation>Pasos</translation>
        </message>
        <message>
            <source>Mired</source>
            <translation>Mired</translation>
        </message>
        <message>
            <source>Its own</source>
            <translation>Propia</translation>
        </message>
        <message>
            <source>Shared</source>
            <translation>Compartida</translation>
        </message>
        <message>
            <source>Brings %1 to the reference values of %2.</source>
            <translation>Lleva %1 a los valores de referencia de %2.</translation>
        </message>
        <message>
            <source>this camera</source>
            <translation>esta cámara</translation>
        </message>
        <message>
            <source>Makes %1 look like %2.</source>
            <translation>Hace que %1 se vea como %2.</translation>
        </message>
        <message>
            <source>Set at the camera</source>
            <translation>Ajustar en la cámara</translation>
        </message>
        <message>
            <source>Exposed right when</source>
            <translation>Bien expuesto cuando</translation>
        </message>
        <message>
            <source>A waveform shows these per cent; a false-colour scale in per cent has its zones there.</source>
            <translation>Una forma de onda muestra estos tantos por ciento; una escala de falso color tiene ahí sus zonas.</translation>
        </message>
        <message>
            <source>Exposed otherwise</source>
            <translation>Expuesto de otro modo</translation>
        </message>
        <message>
            <source>Shared by</source>
            <translation>Compartida por</translation>
        </message>
        <message>
            <source>Before and after it</source>
            <translation>Antes y después</translation>
        </message>
        <message>
            <source>The level of the chart shot is in this file. A camera profile, a LUT or an exposure before or after it that brings the level as well brightens or darkens twice: switch one of them off.</source>
            <translation>El nivel de la toma de carta está en este archivo. Un perfil, una LUT o una exposición antes o después que también lo traiga aclara u oscurece dos veces: apague uno.</translation>
        </message>
        <message>
            <source>Figures are CIEDE2000 (CIE 142-2001) over the chart's patches; mired and stops are from what the chart shots share. %1</source>
            <translation>Las cifras son CIEDE2000 (CIE 142-2001) sobre los parches; mired y pasos respecto a lo que comparten las tomas. %1</translation>
        </message>
        <message>
            <source>Step</source>
            <translation>Paso</translation>
        </message>
        <message>
            <source>What to set</source>
            <translation>Qué ajustar</translation>
        </message>
        <message>
            <source>Left</source>
            <translation>Queda</translation>
        </message>
        <message>
            <source>Nothing to do.</source>
            <translation>Nada que hacer.</translation>
        </message>
        <message>
            <source>Each sector as in the table below.</source>
            <translation>Cada sector como en la tabla de abajo.</translation>
        </message>
        <message>
            <source>Sector</source>
            <translation>Sector</translation>
        </message>
        <message>
            <source>Before and after</source>
            <translation>Antes y después</translation>
        </message>
        <message>
            <source>Turn</source>
            <translation>Giro</translation>
        </message>
        <message>
            <source>Lightness</source>
            <translation>Claridad</translation>
        </message>
        <message>
            <source>Wanted, by the recipe</source>
            <translation>Deseado, según la receta</translation>
        </message>
        <message>
            <source>Wanted</source>
            <translation>Deseado</translation>
        </message>
        <message>
            <source>Recipe</source>
            <translation>Receta</translation>
        </message>
        <message>
            <source>Recipe for %1</source>
            <translation>Receta para %1</translation>
        </message>
        <message>
            <source>%1 before, %2 in the end</source>
            <translation>%1 antes, %2 al final</translation>
        </message>
        <message>
            <source>From the frame as it was recorded, in sRGB. The figures are the chart's mean difference (CIEDE2000) from the corrected picture after each step; what is left at most is %1 (%2).</source>
            <translation>Del fotograma tal como se grabó, en sRGB. Las cifras son la diferencia media de la carta (CIEDE2000) respecto a la imagen corregida tras cada paso; como máximo queda %1 (%2).</translation>
        </message>
        <message>
            <source>The goal is %1. %2</source>
            <translation>La meta es %1. %2</translation>
        </message>
        <message>
            <source>In this order</source>
            <translation>En este orden</translation>
        </message>
        <message>
            <source>Hues, sector by sector</source>
            <translation>Tonos, sector por sector</translation>
        </message>
        <message>
            <source>A positive turn is counter-clockwise in the a*b* plane, from red over yellow to green; lightness is L* of a colour of medium strength.</source>
            <translation>Un giro positivo es antihorario en el plano a*b*, del rojo por el amarillo al verde; la claridad es L* de un color de fuerza media.</translation>
        </message>
        <message>
            <source>What is left, patch by patch</source>
            <translation>Lo que queda, parche a parche</translation>
        </message>
        <message>
            <source>Found by optimising exactly these settings on the chart's patches. Made by Refero.</source>
            <translation>Hallada optimizando justo estos ajustes en los parches de la carta. Hecho con Refero.</translation>
        </message>
        <message>
            <source> UTC</source>
            <translation> UTC</translation>
        </message>
        <message>
            <source>Shot</source>
            <translation>Toma</translation>
        </message>
        <message>
            <source>Chart frames</source>
            <translation>Fotogramas de carta</translation>
        </message>
        <message>
            <source>Frames are encoded as</source>
            <translation>Fotogramas codificados como</translation>
        </message>
        <message>
            <source>Taken out of the light</source>
            <translation>Quitado de la luz</translation>
        </message>
        <message>
            <source>Mended</source>
            <translation>Corregido</translation>
        </message>
        <message>
            <source>nothing: used as it was shot</source>
            <translation>nada: usada tal como se tomó</translation>
        </message>
        <message>
            <source>Built</source>
            <translation>Construida</translation>
        </message>
        <message>
            <source>Judged as</source>
            <translation>Juzgada como</translation>
        </message>
        <message>
            <source>Check</source>
            <translation>Comprobación</translation>
        </message>
        <message>
            <source>Verdict</source>
            <translation>Veredicto</translation>
        </message>
        <message>
            <source>Limit</source>
            <translation>Límite</translation>
        </message>
        <message>
            <source>Reason and remedy</source>
            <translation>Motivo y remedio</translation>
        </message>
        <message>
            <source>CIEDE2000</source>
            <translation>CIEDE2000</translation>
        </message>
        <message>
            <source>Half within</source>
            <translation>Mitad dentro de</translation>
        </message>
        <message>
            <source>95 % within</source>
            <translation>95 % dentro de</translation>
        </message>
        <message>
            <source>Mean, 95 of 100</source>
            <translation>Media, 95 de 100</translation>
        </message>
        <message>
            <source>As they are</source>
            <translation>Tal como están</translation>
        </message>
        <message>
            <source>Balance alone</source>
            <translation>Solo balance</translation>
        </message>
        <message>
            <source>Patches left out in turn</source>
            <translation>Parches omitidos por turno</translation>
        </message>
        <message>
            <source>Before, reference, after</source>
            <translation>Antes, referencia, después</translation>
        </message>
        <message>
            <source>Reference</source>
            <translation>Referencia</translation>
        </message>
        <message>
            <source>%1 (not used)</source>
            <translation>%1 (sin usar)</translation>
        </message>
        <message>
            <source>Not checked on another shot: what is said here is of the chart that it was built from.</source>
            <translation>Sin comprobar en otra toma: lo dicho vale para la carta de la que se construyó.</translation>
        </message>
        <message>
            <source>File</source>
            <translation>Archivo</translation>
        </message>
        <message>
            <source>Bytes</source>
            <translation>Bytes</translation>
        </message>
        <message>
            <source>Read back</source>
            <translation>Releído</translation>
        </message>
        <message>
            <source>SHA-256</source>
            <translation>SHA-256</translation>
        </message>
        <message>
            <source>The chart frame</source>
            <translation>El fotograma de carta</translation>
        </message>
        <message>
            <source>Goes towards %1. %2</source>
            <translation>Va hacia %1. %2</translation>
        </message>
        <message>
            <source>The chart frame, corrected</source>
            <translation>El fotograma de carta, corregido</translation>
        </message>
        <message>
            <source>The chart shot</source>
            <translation>La toma de carta</translation>
        </message>
        <message>
            <source>Patch by patch</source>
            <translation>Parche a parche</translation>
        </message>
        <message>
            <source>Handed over</source>
            <translation>Entregado</translation>
        </message>
        <message>
            <source>Differences are CIEDE2000; colours relative to D50 and the 2 degree observer. Made by Refero.</source>
            <translation>Las diferencias son CIEDE2000; colores relativos a D50 y al observador de 2 grados. Hecho con Refero.</translation>
        </message>
        <message>
            <source>Why, and what to do</source>
            <translation>Por qué, y qué hacer</translation>
        </message>
        <message>
            <source>Not good</source>
            <translation>No está bien</translation>
        </message>
        <message>
            <source>Level only</source>
            <translation>Solo nivel</translation>
        </message>
        <message>
            <source>Drift</source>
            <translation>Deriva</translation>
        </message>
        <message>
            <source>Chroma noise</source>
            <translation>Ruido de croma</translation>
        </message>
        <message>
            <source>Clipped</source>
            <translation>Recortado</translation>
        </message>
        <message>
            <source>Steps lost</source>
            <translation>Escalones perdidos</translation>
        </message>
        <message>
            <source>Skin %1</source>
            <translation>Piel %1</translation>
        </message>
        <message>
            <source>Grey %1</source>
            <translation>Gris %1</translation>
        </message>
        <message>
            <source>Red %1</source>
            <translation>Rojo %1</translation>
        </message>
        <message>
            <source>Profiles</source>
            <translation>Perfiles</translation>
        </message>
        <message>
            <source>Noisier by, stops</source>
            <translation>Más ruido, pasos</translation>
        </message>
        <message>
            <source>Look at what is marked</source>
            <translation>Mire lo marcado</translation>
        </message>
        <message>
            <source>Not good in parts</source>
            <translation>No está bien en partes</translation>
        </message>
        <message>
            <source>%1 chart shots of %2 in 1 recording profile.</source>
            <translation>%1 tomas de %2 en 1 perfil de grabación.</translation>
        </message>
        <message>
            <source>%1 chart shots of %2 in %3 recording profiles.</source>
            <translation>%1 tomas de %2 en %3 perfiles de grabación.</translation>
        </message>
        <message>
            <source>What it says</source>
            <translation>Qué dice</translation>
        </message>
        <message>
            <source>Each step with its level alone corrected.</source>
            <translation>Cada paso corregido solo en nivel.</translation>
        </message>
        <message>
            <source>%1, step by step</source>
            <translation>%1, paso a paso</translation>
        </message>
        <message>
            <source>Skin, red and grey: the base beside each step with its level alone corrected</source>
            <translation>Piel, rojo y gris: la base junto a cada paso, corregido solo en nivel</translation>
        </message>
        <message>
            <source>Profiles against each other</source>
            <translation>Perfiles entre sí</translation>
        </message>
        <message>
            <source>Differences are CIEDE2000. As shown: the picture as it is, its level matched. Level only: through the base's correction with this step's level. Corrected: through a correction of its own.</source>
            <translation>Las diferencias son CIEDE2000. Tal como se muestra: la imagen tal cual, igualada en nivel. Solo nivel: por la corrección de la base con el nivel de este paso. Corregido: por una corrección propia.</translation>
        </message>
        <message>
            <source>there is not enough memory for one of its pictures</source>
            <translation>no hay memoria para una de sus imágenes</translation>
        </message>
        <message>
            <source>its pixels are laid out in a way that cannot be read</source>
            <translation>sus píxeles están dispuestos de modo ilegible</translation>
        </message>
        <message>
            <source>its colours cannot be undone (%1)</source>
            <translation>sus colores no se pueden deshacer (%1)</translation>
        </message>
        <message>
            <source>none of its pictures can be decoded</source>
            <translation>ninguna de sus imágenes se puede decodificar</translation>
        </message>
        <message>
            <source>Clips go out in srgb, rec709, bt1886, display-p3, rec2020, rec2100-pq or rec2100-hlg; %1 cannot be said in a clip.</source>
            <translation>Los clips salen en srgb, rec709, bt1886, display-p3, rec2020, rec2100-pq o rec2100-hlg; %1 no se puede decir en un clip.</translation>
        </message>
        <message>
            <source>Clips cannot be written here: there is no Matroska writer.</source>
            <translation>Aquí no se pueden escribir clips: falta un escritor Matroska.</translation>
        </message>
        <message>
            <source>%1 could not be begun: %2.</source>
            <translation>%1 no se pudo empezar: %2.</translation>
        </message>
        <message>
            <source>This system has no encoder for that kind of clip.</source>
            <translation>Este sistema no tiene codificador para ese tipo de clip.</translation>
        </message>
        <message>
            <source>The encoder could not be begun: %1.</source>
            <translation>El codificador no se pudo iniciar: %1.</translation>
        </message>
        <message>
            <source>The clip could not be begun.</source>
            <translation>El clip no se pudo empezar.</translation>
        </message>
        <message>
            <source>The clip's colours could not be set up.</source>
            <translation>No se pudieron preparar los colores del clip.</translation>
        </message>
        <message>
            <source>There is not enough memory for the clip's pictures.</source>
            <translation>No hay memoria para las imágenes del clip.</translation>
        </message>
        <message>
            <source>The clip's pictures change their size, which cannot be written as one clip.</source>
            <translation>Las imágenes del clip cambian de tamaño; no se puede escribir como un clip.</translation>
        </message>
        <message>
            <source>The clip's colours could not be written.</source>
            <translation>No se pudieron escribir los colores del clip.</translation>
        </message>
        <message>
            <source>A picture could not be encoded: %1.</source>
            <translation>Una imagen no se pudo codificar: %1.</translation>
        </message>
        <message>
            <source>%1 could not be ended: %2.</source>
            <translation>%1 no se pudo terminar: %2.</translation>
        </message>
        <message>
            <source>is damaged or incomplete: %1</source>
            <translation>está dañado o incompleto: %1</translation>
        </message>
        <message>
            <source>%1 could not be opened as a picture: %2.</source>
            <translation>%1 no se pudo abrir como imagen: %2.</translation>
        </message>
        <message>
            <source>%1 is incomplete: the file ends before its picture does. Copy it from the card again.</source>
            <translation>%1 está incompleto: el archivo acaba antes que su imagen. Cópielo de nuevo de la tarjeta.</translation>
        </message>
        <message>
            <source>%1 could not be rendered: %2.</source>
            <translation>%1 no se pudo renderizar: %2.</translation>
        </message>
        <message>
            <source>%1 could not be read. %2</source>
            <translation>%1 no se pudo leer. %2</translation>
        </message>
        <message>
            <source>It is no JPEG in colour.</source>
            <translation>No es un JPEG en color.</translation>
        </message>
        <message>
            <source>The JPEG is damaged.</source>
            <translation>El JPEG está dañado.</translation>
        </message>
        <message>
            <source>%1 is of a kind that cannot be written here.</source>
            <translation>%1 es de un tipo que aquí no se puede escribir.</translation>
        </message>
        <message>
            <source>%1 cannot be written: a JPEG has at most 65,500 pixels a side, and this picture has %2. Make it smaller, or write a .tif.</source>
            <translation>%1 no se puede escribir: un JPEG tiene 65 500 píxeles por lado como máximo, y esta imagen tiene %2. Redúzcala, o escriba un .tif.</translation>
        </message>
        <message>
            <source>%1 has no pixels.</source>
            <translation>%1 no tiene píxeles.</translation>
        </message>
        <message>
            <source>%1 has %2 megapixels (%3 x %4); Refero reads up to %5. Make a smaller copy and use that.</source>
            <translation>%1 tiene %2 megapíxeles (%3 x %4); Refero lee hasta %5. Haga una copia menor y úsela.</translation>
        </message>
        <message>
            <source>%1 is a grey picture with %2 channel(s); colour can only be measured in red, green and blue. Use the colour original.</source>
            <translation>%1 es una imagen gris con %2 canal(es); el color solo se mide en rojo, verde y azul. Use el original en color.</translation>
        </message>
        <message>
            <source>%1 has %2 channels that are not red, green, blue and alpha (a print separation, perhaps). Save it as RGB and use that.</source>
            <translation>%1 tiene %2 canales que no son rojo, verde, azul y alfa (quizá una separación). Guárdelo como RGB y use eso.</translation>
        </message>
        <message>
            <source>%1 is a print separation (CMYK), not a camera's picture. Use the RGB original.</source>
            <translation>%1 es una separación de imprenta (CMYK), no una imagen de cámara. Use el original RGB.</translation>
        </message>
        <message>
            <source>%1 holds deep data; flatten it first.</source>
            <translation>%1 contiene datos profundos; aplánelo primero.</translation>
        </message>
        <message>
            <source>There is no setup in this shoot yet, so there is nothing to print.</source>
            <translation>Aún no hay montaje en este rodaje, nada que imprimir.</translation>
        </message>
        <message>
            <source>%1 could not be laid out.</source>
            <translation>%1 no se pudo maquetar.</translation>
        </message>
        <message>
            <source>There is a chart with the id "%1" already, %2. Give this one another name.</source>
            <translation>Ya hay una carta con el id «%1», %2. Dé a esta otro nombre.</translation>
        </message>
        <message>
            <source>The chart %1 is not among your own any more.</source>
            <translation>La carta %1 ya no está entre las suyas.</translation>
        </message>
        <message>
            <source>That copy of the chart is not in the kit any more.</source>
            <translation>Ese ejemplar ya no está en el equipo.</translation>
        </message>
        <message>
            <source>The values are of another chart, %1.</source>
            <translation>Los valores son de otra carta, %1.</translation>
        </message>
        <message>
            <source>Its colours are lent; no chart was shot in this light.</source>
            <translation>Sus colores son prestados; no se tomó carta con esta luz.</translation>
        </message>
        <message>
            <source>They belong to no setup, so no correction is theirs.</source>
            <translation>No son de ningún montaje, así que ninguna corrección es suya.</translation>
        </message>
        <message>
            <source>the disk is full. Free some space and do it again.</source>
            <translation>el disco está lleno. Libere espacio y repítalo.</translation>
        </message>
        <message>
            <source>its folder cannot be written any more. Make it writable, or save a copy elsewhere.</source>
            <translation>su carpeta ya no admite escritura. Hágala escribible, o guarde una copia en otro sitio.</translation>
        </message>
        <message>
            <source>another program is using the file. Close it there and do it again.</source>
            <translation>otro programa usa el archivo. Ciérrelo allí y repítalo.</translation>
        </message>
        <message>
            <source>the file is damaged. Do not go on with it: salvage what can be read into a new one.</source>
            <translation>el archivo está dañado. No siga con él: rescate lo legible en uno nuevo.</translation>
        </message>
        <message>
            <source>the disk gave an error. Save a copy elsewhere.</source>
            <translation>el disco dio un error. Guarde una copia en otro sitio.</translation>
        </message>
        <message>
            <source>%1 is not there.</source>
            <translation>%1 no está.</translation>
        </message>
        <message>
            <source>%1 is not a file.</source>
            <translation>%1 no es un archivo.</translation>
        </message>
        <message>
            <source>%1 could not be read.</source>
            <translation>%1 no se pudo leer.</translation>
        </message>
        <message>
            <source>%1 is not a Refero studio. It was not touched.</source>
            <translation>%1 no es un estudio de Refero. No se tocó.</translation>
        </message>
        <message>
            <source>Chosen: %1 By the rules: %2</source>
            <translation>Elegido: %1 Según las reglas: %2</translation>
        </message>
        <message>
            <source>Lent, since no chart shot serves this light. %1</source>
            <translation>Prestada, pues ninguna toma de carta sirve a esta luz. %1</translation>
        </message>
        <message>
            <source>It is there already, as %1.</source>
            <translation>Ya está, como %1.</translation>
        </message>
        <message>
            <source>It had moved and is found again.</source>
            <translation>Se había movido y se ha vuelto a encontrar.</translation>
        </message>
        <message>
            <source>It is the same as another file that came with it.</source>
            <translation>Es igual a otro archivo que vino con él.</translation>
        </message>
        <message>
            <source>Put here by hand.</source>
            <translation>Puesto aquí a mano.</translation>
        </message>
        <message>
            <source>Taken out of its setup by hand.</source>
            <translation>Sacado a mano de su montaje.</translation>
        </message>
        <message>
            <source>Its name has several lines. Rename it and bring it in again.</source>
            <translation>Su nombre tiene varias líneas. Cámbielo e impórtelo de nuevo.</translation>
        </message>
        <message>
            <source>Its name has bytes that are not UTF-8. Rename it and bring it in again.</source>
            <translation>Su nombre tiene bytes que no son UTF-8. Cámbielo e impórtelo de nuevo.</translation>
        </message>
        <message>
            <source>Setup 1</source>
            <translation>Montaje 1</translation>
        </message>
        <message>
            <source>It is in use: %1. Choose another there, or take them out, first.</source>
            <translation>Está en uso: %1. Elija antes otro allí, o quítelos.</translation>
        </message>
        <message>
            <source>"%1" is none of unsorted, chart and subject.</source>
            <translation>«%1» no es unsorted, chart ni subject.</translation>
        </message>
        <message>
            <source>"%1" is none of sorted and by-hand.</source>
            <translation>«%1» no es sorted ni by-hand.</translation>
        </message>
        <message>
            <source>Nothing in %1 can be read.</source>
            <translation>No se puede leer nada en %1.</translation>
        </message>
        <message>
            <source>Saved into %1: %2. Every list was whole.</source>
            <translation>Guardado en %1: %2. Todas las listas estaban enteras.</translation>
        </message>
        <message>
            <source>Saved into %1: %2. Not whole: %3.</source>
            <translation>Guardado en %1: %2. Incompleto: %3.</translation>
        </message>
        <message>
            <source>It was written by a newer Refero (file version %1, this one knows %2). It is unharmed; open it with the newer one.</source>
            <translation>Lo escribió un Refero más nuevo (versión %1, este conoce %2). Está intacto; ábralo con el más nuevo.</translation>
        </message>
        <message>
            <source>SQLite says: %1</source>
            <translation>SQLite dice: %1</translation>
        </message>
        <message>
            <source>%1 cannot be written where it is.</source>
            <translation>%1 no se puede escribir donde está.</translation>
        </message>
        <message>
            <source>%1 is open in another window of Refero.</source>
            <translation>%1 está abierto en otra ventana de Refero.</translation>
        </message>
        <message>
            <source>The history lacks "%1".</source>
            <translation>Falta «%1» en el historial.</translation>
        </message>
        <message>
            <source>%1 could not be opened</source>
            <translation>%1 no se pudo abrir</translation>
        </message>
        <message>
            <source>%1 is damaged. %2. It was not touched. What can be read is saved by: refero-cli studio FILE salvage NEW</source>
            <translation>%1 está dañado. %2. No se tocó. Lo legible se rescata con: refero-cli studio FILE salvage NEW</translation>
        </message>
        <message>
            <source>%1 It is of an older version and must be writable once.</source>
            <translation>%1 Es de una versión anterior y debe ser escribible una vez.</translation>
        </message>
        <message>
            <source>There is nothing to undo.</source>
            <translation>No hay nada que deshacer.</translation>
        </message>
        <message>
            <source>There is nothing to redo.</source>
            <translation>No hay nada que rehacer.</translation>
        </message>
        <message>
            <source>The file holds other records than this window shows.</source>
            <translation>El archivo contiene otros datos que los que muestra esta ventana.</translation>
        </message>
        <message>
            <source>A studio cannot be copied onto itself.</source>
            <translation>Un estudio no se puede copiar sobre sí mismo.</translation>
        </message>
        <message>
            <source>%1 is there already; choose another name.</source>
            <translation>%1 ya existe; elija otro nombre.</translation>
        </message>
        <message>
            <source>Expects the exposure that the shot has</source>
            <translation>Espera la exposición que tiene la toma</translation>
        </message>
        <message>
            <source>Expects %.1f stops %s</source>
            <translation>Espera %.1f pasos %s</translation>
        </message>
        <message>
            <source>more</source>
            <translation>más</translation>
        </message>
        <message>
            <source>less</source>
            <translation>menos</translation>
        </message>
        <message>
            <source>As it is, the mean is %.2f CIEDE2000; with the shot %.2f stops %s it is %.2f.</source>
            <translation>Tal cual, la media es %.2f CIEDE2000; con la toma %.2f pasos %s es %.2f.</translation>
        </message>
        <message>
            <source>lighter</source>
            <translation>más clara</translation>
        </message>
        <message>
            <source>darker</source>
            <translation>más oscura</translation>
        </message>
        <message>
            <source>Expects the balance that the shot has</source>
            <translation>Espera el balance que tiene la toma</translation>
        </message>
        <message>
            <source>Expects a light %.0f mired %s</source>
            <translation>Espera una luz %.0f mired %s</translation>
        </message>
        <message>
            <source>cooler</source>
            <translation>más frío</translation>
        </message>
        <message>
            <source>Its greys are nearest to grey there.</source>
            <translation>Ahí sus grises están más cerca del gris.</translation>
        </message>
        <message>
            <source>No grey to judge by</source>
            <translation>Ningún gris con que juzgar</translation>
        </message>
        <message>
            <source>Greys are grey</source>
            <translation>Los grises son grises</translation>
        </message>
        <message>
            <source>Greys up to %.1f from grey</source>
            <translation>Grises hasta %.1f del gris</translation>
        </message>
        <message>
            <source>The grey of L* %1 is %2.</source>
            <translation>El gris de L* %1 es %2.</translation>
        </message>
        <message>
            <source>No colour to judge by</source>
            <translation>Ningún color con que juzgar</translation>
        </message>
        <message>
            <source>not turned</source>
            <translation>sin girar</translation>
        </message>
        <message>
            <source>turned %.0f degrees %s</source>
            <translation>girados %.0f grados %s</translation>
        </message>
        <message>
            <source>from red towards yellow and green</source>
            <translation>del rojo hacia amarillo y verde</translation>
        </message>
        <message>
            <source>from yellow towards red and purple</source>
            <translation>del amarillo hacia rojo y púrpura</translation>
        </message>
        <message>
            <source>Farthest off: %1, by %2</source>
            <translation>Los más desviados: %1, en %2</translation>
        </message>
        <message>
            <source>They are %1, with %2 % of the chroma of the reference.</source>
            <translation>Están %1, con el %2 % del croma de la referencia.</translation>
        </message>
        <message>
            <source>balanced numbers</source>
            <translation>números equilibrados</translation>
        </message>
        <message>
            <source>the recorded numbers</source>
            <translation>los números grabados</translation>
        </message>
        <message>
            <source>Fed %1 in %2, it gives %3 (tried out; state it where you know better).</source>
            <translation>Alimentado con %1 en %2, da %3 (por ensayo; indíquelo si lo sabe mejor).</translation>
        </message>
        <message>
            <source>Fed %1 in %2, it gives %3.</source>
            <translation>Alimentado con %1 en %2, da %3.</translation>
        </message>
        <message>
            <source>%.2f from the reference values</source>
            <translation>%.2f de los valores de referencia</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 at the exposure that it expects; %.2f as it is.</source>
            <translation>CIEDE2000 medio a la exposición que espera; %.2f tal cual.</translation>
        </message>
        <message>
            <source>Keeps the order of colours</source>
            <translation>Mantiene el orden de los colores</translation>
        </message>
        <message>
            <source>Turns colours over</source>
            <translation>Invierte colores</translation>
        </message>
        <message>
            <source>At %.1f %% of the colours between those of the chart, one that changes one way is shown changing the other.</source>
            <translation>En el %.1f %% de los colores entre los de la carta, uno que cambia en un sentido se muestra en el otro.</translation>
        </message>
        <message>
            <source>Greys get darker where they should get lighter.</source>
            <translation>Los grises se oscurecen donde deberían aclararse.</translation>
        </message>
        <message>
            <source>Smooth on even ramps</source>
            <translation>Suave en degradados regulares</translation>
        </message>
        <message>
            <source>Makes steps</source>
            <translation>Hace escalones</translation>
        </message>
        <message>
            <source>An even ramp through %s jumps by up to %.1f CIEDE2000.</source>
            <translation>Un degradado regular por %s salta hasta %.1f CIEDE2000.</translation>
        </message>
        <message>
            <source>Keeps near colours apart</source>
            <translation>Mantiene separados los colores próximos</translation>
        </message>
        <message>
            <source>Merges near colours</source>
            <translation>Funde colores próximos</translation>
        </message>
        <message>
            <source>%1; the first are %2 apart and shown %3 apart.</source>
            <translation>%1; los primeros distan %2 y se muestran a %3.</translation>
        </message>
        <message>
            <source>Cuts colours off</source>
            <translation>Corta colores</translation>
        </message>
        <message>
            <source>A channel ends at %1.</source>
            <translation>Un canal acaba en %1.</translation>
        </message>
        <message>
            <source>Half a stop moves colours by %.1f</source>
            <translation>Medio paso mueve los colores %.1f</translation>
        </message>
        <message>
            <source>%.1f under and %.1f over, the level taken back; 20 mired warmer, %.1f.</source>
            <translation>%.1f por debajo y %.1f por encima, con el nivel devuelto; 20 mired más cálido, %.1f.</translation>
        </message>
        <message>
            <source>no tint</source>
            <translation>sin matiz</translation>
        </message>
        <message>
            <source>a tint towards magenta (Duv +%.3f)</source>
            <translation>un matiz hacia magenta (Duv +%.3f)</translation>
        </message>
        <message>
            <source>a tint towards green (Duv −%.3f)</source>
            <translation>un matiz hacia verde (Duv −%.3f)</translation>
        </message>
        <message>
            <source>, by the raw file's own matrix.</source>
            <translation>, según la matriz del propio raw.</translation>
        </message>
        <message>
            <source>, on this body's scale (1 frame).</source>
            <translation>, en la escala de este cuerpo (1 fotograma).</translation>
        </message>
        <message>
            <source>, on this body's scale (%1 frames).</source>
            <translation>, en la escala de este cuerpo (%1 fotogramas).</translation>
        </message>
        <message>
            <source>The balance is right: %1%2</source>
            <translation>El balance es correcto: %1%2</translation>
        </message>
        <message>
            <source>Dial %1</source>
            <translation>Ponga %1</translation>
        </message>
        <message>
            <source>; it had %1, meant for a light %2 mired %3</source>
            <translation>; tenía %1, para una luz %2 mired %3</translation>
        </message>
        <message>
            <source>The raw file holds %1 bits; shadows that are lifted far show steps.</source>
            <translation>El raw tiene %1 bits; las sombras muy levantadas muestran escalones.</translation>
        </message>
        <message>
            <source>Its highlights are written in coarser steps (a lossy recording).</source>
            <translation>Sus luces altas se escriben en escalones más gruesos (grabación con pérdida).</translation>
        </message>
        <message>
            <source>nothing</source>
            <translation>nada</translation>
        </message>
        <message>
            <source>%1 stop</source>
            <translation>%1 paso</translation>
        </message>
        <message>
            <source>%1 stops</source>
            <translation>%1 pasos</translation>
        </message>
        <message>
            <source>Open up by %1.</source>
            <translation>Abra %1.</translation>
        </message>
        <message>
            <source>Close down by %1.</source>
            <translation>Cierre %1.</translation>
        </message>
        <message>
            <source>The stored balance "%1" is near enough.</source>
            <translation>El balance guardado «%1» está bastante cerca.</translation>
        </message>
        <message>
            <source>The camera's histogram is misled by its balance: it shows this light's strongest channel %1 stops lighter than the raw file holds it.</source>
            <translation>El histograma de la cámara se engaña por su balance: muestra el canal más fuerte de esta luz %1 pasos más claro que el raw.</translation>
        </message>
        <message>
            <source>The camera's histogram is misled by its balance: it shows this light's strongest channel %1 stops darker than the raw file holds it.</source>
            <translation>El histograma de la cámara se engaña por su balance: muestra el canal más fuerte de esta luz %1 pasos más oscuro que el raw.</translation>
        </message>
        <message>
            <source>The balance wandered by %1 mired over %2 frames of this light: fix it, so that JPEGs and clips match.</source>
            <translation>El balance varió %1 mired en %2 fotogramas de esta luz: fíjelo, para que JPEG y clips coincidan.</translation>
        </message>
        <message>
            <source>%1 patches</source>
            <translation>%1 parches</translation>
        </message>
        <message>
            <source>Matrix</source>
            <translation>Matriz</translation>
        </message>
        <message>
            <source>Root polynomial 2</source>
            <translation>Polinomio de raíces 2</translation>
        </message>
        <message>
            <source>Root polynomial 3</source>
            <translation>Polinomio de raíces 3</translation>
        </message>
        <message>
            <source>Polynomial</source>
            <translation>Polinomio</translation>
        </message>
        <message>
            <source>Lattice</source>
            <translation>Malla</translation>
        </message>
        <message>
            <source>Hue sectors</source>
            <translation>Sectores de tono</translation>
        </message>
        <message>
            <source> (this light is %1 mired %2)</source>
            <translation> (esta luz es %1 mired %2)</translation>
        </message>
        <message>
            <source>The plan's rules lend it the chart shot of %1.</source>
            <translation>Las reglas del plan le prestan la toma de carta de %1.</translation>
        </message>
        <message>
            <source>Its colours are from the library: %1, the same body in the same kind of light%2.</source>
            <translation>Sus colores son de la biblioteca: %1, el mismo cuerpo con el mismo tipo de luz%2.</translation>
        </message>
        <message>
            <source>Its light lies between two in the library: its colours are %1 %2 and for the rest %3.</source>
            <translation>Su luz está entre dos de la biblioteca: sus colores son %1 %2 y lo demás %3.</translation>
        </message>
        <message>
            <source>Its colours are those of the same body in another light: %1%2. Shoot a chart where they matter.</source>
            <translation>Sus colores son los del mismo cuerpo con otra luz: %1%2. Tome una carta donde importen.</translation>
        </message>
        <message>
            <source>Camera RGB is taken as BT.709, since no correction of this body is known.</source>
            <translation>El RGB de la cámara se toma por BT.709, pues no se conoce corrección de este cuerpo.</translation>
        </message>
        <message>
            <source>It is balanced on something neutral in this light.</source>
            <translation>Equilibrado con algo neutro en esta luz.</translation>
        </message>
        <message>
            <source>It is balanced as the lender is.</source>
            <translation>Equilibrado como quien presta.</translation>
        </message>
        <message>
            <source>It is balanced as the camera was, which nothing proves.</source>
            <translation>Equilibrado como estaba la cámara, lo que nada prueba.</translation>
        </message>
        <message>
            <source>lent by the plan's rules</source>
            <translation>prestados por las reglas del plan</translation>
        </message>
        <message>
            <source>lent by the library</source>
            <translation>prestados por la biblioteca</translation>
        </message>
        <message>
            <source>lent by two lights of the library</source>
            <translation>prestados por dos luces de la biblioteca</translation>
        </message>
        <message>
            <source>lent by another light of this body</source>
            <translation>prestados por otra luz de este cuerpo</translation>
        </message>
        <message>
            <source>on a grey alone</source>
            <translation>con solo un gris</translation>
        </message>
        <message>
            <source>The library's "%1" no longer agrees with this chart shot: they are %2 CIEDE2000 apart, where %3 was to be expected. A filter, another lens coating, a lamp of another make or a chart that has aged can be why.</source>
            <translation>«%1» de la biblioteca ya no concuerda con esta toma de carta: distan %2 CIEDE2000, donde se esperaba %3. Puede deberse a un filtro, otro recubrimiento, una lámpara de otra marca o una carta envejecida.</translation>
        </message>
        <message>
            <source>Both show mid-grey equally bright.</source>
            <translation>Ambas muestran el gris medio igual de claro.</translation>
        </message>
        <message>
            <source>Both are exposed alike.</source>
            <translation>Ambas están expuestas igual.</translation>
        </message>
        <message>
            <source>The follower shows mid-grey %.1f stops brighter than the leader.</source>
            <translation>La que sigue muestra el gris medio %.1f pasos más claro que la guía.</translation>
        </message>
        <message>
            <source>The follower is exposed %.1f stops more than the leader.</source>
            <translation>La que sigue está expuesta %.1f pasos más que la guía.</translation>
        </message>
        <message>
            <source>The follower shows mid-grey %.1f stops darker than the leader.</source>
            <translation>La que sigue muestra el gris medio %.1f pasos más oscuro que la guía.</translation>
        </message>
        <message>
            <source>The follower is exposed %.1f stops less than the leader.</source>
            <translation>La que sigue está expuesta %.1f pasos menos que la guía.</translation>
        </message>
        <message>
            <source>%1 Two sensors do not tell whether the light was one; look at the places of the two charts.</source>
            <translation>%1 Dos sensores no dicen si la luz era una; mire los sitios de las dos cartas.</translation>
        </message>
        <message>
            <source>%1 Greys have the same warmth.</source>
            <translation>%1 Los grises tienen la misma calidez.</translation>
        </message>
        <message>
            <source> Its greys are %.0f mired %s.</source>
            <translation> Sus grises son %.0f mired %s.</translation>
        </message>
        <message>
            <source> That is another light or another white balance, as of one chart in the shade and one in the sun: the match takes it out, unless balance is held back.</source>
            <translation> Es otra luz u otro balance, como de una carta a la sombra y otra al sol: la igualación lo quita, salvo que se retenga el balance.</translation>
        </message>
        <message>
            <source>the chart's reference values</source>
            <translation>los valores de referencia de la carta</translation>
        </message>
        <message>
            <source>%1 through %2, as in %3</source>
            <translation>%1 a través de %2, como en %3</translation>
        </message>
        <message>
            <source>%1 through its correction, as in %2</source>
            <translation>%1 con su corrección, como en %2</translation>
        </message>
        <message>
            <source>%1 as %2 shows it</source>
            <translation>%1 como lo muestra %2</translation>
        </message>
        <message>
            <source>The series</source>
            <translation>La serie</translation>
        </message>
        <message>
            <source>Usable from %1 to %2</source>
            <translation>Utilizable de %1 a %2</translation>
        </message>
        <message>
            <source>below it colours drift</source>
            <translation>por debajo los colores derivan</translation>
        </message>
        <message>
            <source>above it colours drift</source>
            <translation>por encima los colores derivan</translation>
        </message>
        <message>
            <source>below it chroma noise shows</source>
            <translation>por debajo se ve ruido de croma</translation>
        </message>
        <message>
            <source>above it chroma noise shows</source>
            <translation>por encima se ve ruido de croma</translation>
        </message>
        <message>
            <source>below it nothing was shot</source>
            <translation>por debajo no se tomó nada</translation>
        </message>
        <message>
            <source>above it nothing was shot</source>
            <translation>por encima no se tomó nada</translation>
        </message>
        <message>
            <source>%1 stops within a drift of %2 CIEDE2000 and a chroma noise of %3: %4, %5.</source>
            <translation>%1 pasos con una deriva de %2 CIEDE2000 y un ruido de croma de %3: %4, %5.</translation>
        </message>
        <message>
            <source>Shoot more steps on that side to know where it ends.</source>
            <translation>Tome más pasos de ese lado para saber dónde acaba.</translation>
        </message>
        <message>
            <source>Expose within it, or plan another recording profile.</source>
            <translation>Exponga dentro, o planee otro perfil de grabación.</translation>
        </message>
        <message>
            <source>Best exposed at %1</source>
            <translation>Mejor expuesto a %1</translation>
        </message>
        <message>
            <source>Least drift and noise together with %.0f stop of room above white.</source>
            <translation>Mínima deriva y ruido juntos, con %.0f paso de margen sobre el blanco.</translation>
        </message>
        <message>
            <source>Expose %s %.1f stops %s than this series' normal exposure.</source>
            <translation>Exponga %s %.1f pasos %s que la exposición normal de esta serie.</translation>
        </message>
        <message>
            <source>Records as its curve states</source>
            <translation>Graba como dice su curva</translation>
        </message>
        <message>
            <source>Records %.2f stops %s than its curve states</source>
            <translation>Graba %.2f pasos %s de lo que dice su curva</translation>
        </message>
        <message>
            <source>%s fits the measured greys with an offset of %+.2f ± %.2f stops and misses them by %.1f codes of 1023.</source>
            <translation>%s se ajusta a los grises medidos con un desfase de %+.2f ± %.2f pasos y los yerra en %.1f códigos de 1023.</translation>
        </message>
        <message>
            <source> %s fits better: %.1f codes.</source>
            <translation> %s se ajusta mejor: %.1f códigos.</translation>
        </message>
        <message>
            <source>Rate it %.1f stops %s, or state the curve that it really has.</source>
            <translation>Clasifíquela %.1f pasos %s, o indique la curva que realmente tiene.</translation>
        </message>
        <message>
            <source>higher</source>
            <translation>más alta</translation>
        </message>
        <message>
            <source>lower</source>
            <translation>más baja</translation>
        </message>
        <message>
            <source>In the unders %.2f a stop</source>
            <translation>En subexposición %.2f por paso</translation>
        </message>
        <message>
            <source>In the overs %.2f a stop</source>
            <translation>En sobreexposición %.2f por paso</translation>
        </message>
        <message>
            <source>At %s, with its level alone corrected, colours are %.2f CIEDE2000 (%.2f to %.2f) from the base</source>
            <translation>A %s, corregidos solo en nivel, los colores están a %.2f CIEDE2000 (%.2f a %.2f) de la base</translation>
        </message>
        <message>
            <source>; greys are %1</source>
            <translation>; los grises son %1</translation>
        </message>
        <message>
            <source>; %1 most: %2</source>
            <translation>; %1 sobre todo: %2</translation>
        </message>
        <message>
            <source>Light more, or correct such shots with a chart of their own.</source>
            <translation>Ilumine más, o corrija esas tomas con su propia carta.</translation>
        </message>
        <message>
            <source>Expose less, or correct such shots with a chart of their own.</source>
            <translation>Exponga menos, o corrija esas tomas con su propia carta.</translation>
        </message>
        <message>
            <source>More than %.1f stops deep</source>
            <translation>Más de %.1f pasos de profundidad</translation>
        </message>
        <message>
            <source>%.1f stops deep</source>
            <translation>%.1f pasos de profundidad</translation>
        </message>
        <message>
            <source>Between clipping and a signal to noise of %.0f in green, one pixel of the file as it is, after the idea of ISO 15739%s.</source>
            <translation>Entre el recorte y una señal a ruido de %.0f en verde, un píxel del archivo tal cual, según la idea de ISO 15739%s.</translation>
        </message>
        <message>
            <source>; nothing dark enough was shot to tell where it ends</source>
            <translation>; no se tomó nada bastante oscuro para decir dónde acaba</translation>
        </message>
        <message>
            <source>; the noise of the darkest patches was continued</source>
            <translation>; se prolongó el ruido de los parches más oscuros</translation>
        </message>
        <message>
            <source>greys</source>
            <translation>grises</translation>
        </message>
        <message>
            <source>reds</source>
            <translation>rojos</translation>
        </message>
        <message>
            <source>oranges</source>
            <translation>naranjas</translation>
        </message>
        <message>
            <source>yellows</source>
            <translation>amarillos</translation>
        </message>
        <message>
            <source>yellow-greens</source>
            <translation>verdes amarillentos</translation>
        </message>
        <message>
            <source>greens</source>
            <translation>verdes</translation>
        </message>
        <message>
            <source>blue-greens</source>
            <translation>azules verdosos</translation>
        </message>
        <message>
            <source>blues</source>
            <translation>azules</translation>
        </message>
        <message>
            <source>purple-blues</source>
            <translation>azules purpúreos</translation>
        </message>
        <message>
            <source>purples</source>
            <translation>púrpuras</translation>
        </message>
        <message>
            <source>red-purples</source>
            <translation>rojos purpúreos</translation>
        </message>
        <message>
            <source>%.1f redder</source>
            <translation>%.1f más rojos</translation>
        </message>
        <message>
            <source>%.1f yellower</source>
            <translation>%.1f más amarillos</translation>
        </message>
        <message>
            <source>%.1f bluer</source>
            <translation>%.1f más azules</translation>
        </message>
        <message>
            <source>turned %1 degrees (%2 to %3) %4</source>
            <translation>girados %1 grados (%2 a %3) %4</translation>
        </message>
        <message>
            <source>%.0f %% stronger</source>
            <translation>%.0f %% más fuertes</translation>
        </message>
        <message>
            <source>%.0f %% paler</source>
            <translation>%.0f %% más pálidos</translation>
        </message>
        <message>
            <source>%.1f lighter</source>
            <translation>%.1f más claros</translation>
        </message>
        <message>
            <source>%.1f darker</source>
            <translation>%.1f más oscuros</translation>
        </message>
        <message>
            <source>as they were</source>
            <translation>como estaban</translation>
        </message>
        <message>
            <source>%1: a step is missing at %2, between %3 and %4.</source>
            <translation>%1: falta un paso en %2, entre %3 y %4.</translation>
        </message>
        <message>
            <source>%1: %2 and %3 got the same exposure, %4.</source>
            <translation>%1: %2 y %3 recibieron la misma exposición, %4.</translation>
        </message>
        <message>
            <source>%1: %2 was shot out of order. The steps are sorted by what the chart shows.</source>
            <translation>%1: %2 se tomó fuera de orden. Los pasos se ordenan por lo que muestra la carta.</translation>
        </message>
        <message>
            <source>%1: the camera was set to %2 stops more than the chart got. The chart counts; look whether the light or a filter changed.</source>
            <translation>%1: la cámara estaba ajustada %2 pasos más de lo que recibió la carta. Cuenta la carta; vea si cambió la luz o un filtro.</translation>
        </message>
        <message>
            <source>%1: the camera was set to %2 stops less than the chart got. The chart counts; look whether the light or a filter changed.</source>
            <translation>%1: la cámara estaba ajustada %2 pasos menos de lo que recibió la carta. Cuenta la carta; vea si cambió la luz o un filtro.</translation>
        </message>
        <message>
            <source>%1: its light has another colour than that of its neighbours (by %2 stops of red or blue). It is left out.</source>
            <translation>%1: su luz tiene otro color que la de sus vecinos (en %2 pasos de rojo o azul). Se omite.</translation>
        </message>
        <message>
            <source>%1: its patches do not differ from the others' by an exposure (they miss by %2 stops). It is left out as another scene or light.</source>
            <translation>%1: sus parches no difieren de los otros por una exposición (fallan en %2 pasos). Se omite como otra escena o luz.</translation>
        </message>
        <message>
            <source>%1: it shows another chart than most of the series and is left out.</source>
            <translation>%1: muestra otra carta que la mayoría de la serie y se omite.</translation>
        </message>
        <message>
            <source>%1: no patch of it is usable beside the others, so its step cannot be told. It is left out.</source>
            <translation>%1: ningún parche suyo es utilizable junto a los demás, su paso no se puede saber. Se omite.</translation>
        </message>
        <message>
            <source>%1: a stop of exposure is %2 stops in the recording. It does not follow the curve that it states.</source>
            <translation>%1: un paso de exposición son %2 pasos en la grabación. No sigue la curva que declara.</translation>
        </message>
        <message>
            <source>%1: its greys miss the curve that it states by %2 codes of 1023.</source>
            <translation>%1: sus grises yerran la curva declarada en %2 códigos de 1023.</translation>
        </message>
        <message>
            <source>%1: its greys miss the curve that it states by %2 codes of 1023; %3 fits better.</source>
            <translation>%1: sus grises yerran la curva declarada en %2 códigos de 1023; %3 se ajusta mejor.</translation>
        </message>
        <message>
            <source>Chroma noise of %.1f</source>
            <translation>Ruido de croma de %.1f</translation>
        </message>
        <message>
            <source>Of one pixel in a* and b* at the base, after the full correction; at %.0f colours begin to look blotchy.</source>
            <translation>De un píxel en a* y b* en la base, tras la corrección completa; con %.0f los colores empiezan a verse manchados.</translation>
        </message>
        <message>
            <source>Light more, or choose a lower sensitivity.</source>
            <translation>Ilumine más, o elija una sensibilidad menor.</translation>
        </message>
        <message>
            <source>%1 starts closest to neutral</source>
            <translation>%1 parte lo más cerca de lo neutro</translation>
        </message>
        <message>
            <source>As it shows itself, with its level matched, %.1f CIEDE2000 from the reference values.</source>
            <translation>Tal como se muestra, igualado en nivel, %.1f CIEDE2000 de la referencia.</translation>
        </message>
        <message>
            <source>%1 left between %2 and %3</source>
            <translation>%1 queda entre %2 y %3</translation>
        </message>
        <message>
            <source>Mean CIEDE2000 once the second is made to look like the first; up to %.1f cuts together.</source>
            <translation>CIEDE2000 medio una vez el segundo se hace como el primero; hasta %.1f se monta junto.</translation>
        </message>
        <message>
            <source>Do not cut these two profiles against each other.</source>
            <translation>No monte estos dos perfiles uno contra otro.</translation>
        </message>
        <message>
            <source>%1 is %2 stops noisier than %3</source>
            <translation>%1 tiene %2 pasos más de ruido que %3</translation>
        </message>
        <message>
            <source>Chroma noise after the full correction, told in stops of light at which photon noise is alike.</source>
            <translation>Ruido de croma tras la corrección completa, dicho en pasos de luz con igual ruido de fotones.</translation>
        </message>
        <message>
            <source>Use it only where there is light to spare.</source>
            <translation>Úselo solo donde sobre luz.</translation>
        </message>
        <message>
            <source>%1 colours move by %2 CIEDE2000 on average</source>
            <translation>%1 los colores se mueven %2 CIEDE2000 de media</translation>
        </message>
        <message>
            <source>%1 colours stay as they are</source>
            <translation>%1 los colores quedan como están</translation>
        </message>
        <message>
            <source>, by %.2f at most (%s)</source>
            <translation>, %.2f como máximo (%s)</translation>
        </message>
        <message>
            <source>, and %s and %zu more are clipped</source>
            <translation>, y %s y %zu más están recortados</translation>
        </message>
        <message>
            <source>, and %1 is clipped</source>
            <translation>, y %1 está recortado</translation>
        </message>
        <message>
            <source>mid-grey (18 %)</source>
            <translation>gris medio (18 %)</translation>
        </message>
        <message>
            <source>white</source>
            <translation>blanco</translation>
        </message>
        <message>
            <source>skin %1</source>
            <translation>piel %1</translation>
        </message>
        <message>
            <source>code %.0f of 1023 (%.0f %% of the signal, green)</source>
            <translation>código %.0f de 1023 (%.0f %% de la señal, verde)</translation>
        </message>
        <message>
            <source>%1; %2. It holds </source>
            <translation>%1; %2. Vale </translation>
        </message>
        <message>
            <source>Half a stop under,</source>
            <translation>Medio paso por debajo,</translation>
        </message>
        <message>
            <source>half a stop over,</source>
            <translation>medio paso por encima,</translation>
        </message>
        <message>
            <source>at any exposure within %.0f stops.</source>
            <translation>a cualquier exposición dentro de %.0f pasos.</translation>
        </message>
        <message>
            <source>from %.1f to %+.1f stops: there no patch moves by more than %.0f or is clipped.</source>
            <translation>de %.1f a %+.1f pasos: ahí ningún parche se mueve más de %.0f ni se recorta.</translation>
        </message>
        <message>
            <source>Shared by %zu chart shots: %.2f CIEDE2000 where each is balanced and levelled, %.2f with corrections of their own, %.2f as the file is. %s pays most: %.2f instead of %.2f.</source>
            <translation>Compartida por %zu tomas de carta: %.2f CIEDE2000 si cada una se equilibra y nivela, %.2f con sus propias correcciones, %.2f con el archivo tal cual. %s paga más: %.2f en vez de %.2f.</translation>
        </message>
        <message>
            <source>Left out, since something lies there: %1.</source>
            <translation>Omitidos, pues hay algo encima: %1.</translation>
        </message>
        <message>
            <source>Left out, since a lamp is mirrored there: %1.</source>
            <translation>Omitidos, pues se refleja una lámpara: %1.</translation>
        </message>
        <message>
            <source>Left out, since clipped: %1.</source>
            <translation>Omitidos, por recortados: %1.</translation>
        </message>
        <message>
            <source>Left out, since a shadow's edge crosses them: %1.</source>
            <translation>Omitidos, pues los cruza el borde de una sombra: %1.</translation>
        </message>
        <message>
            <source>Brought out of the shadow by %.2f stops (known to %.2f).</source>
            <translation>Sacado de la sombra %.2f pasos (con certeza de %.2f).</translation>
        </message>
        <message>
            <source>Brought out of the shadow by %1 stops (known to %2): %3.</source>
            <translation>Sacados de la sombra %1 pasos (con certeza de %2): %3.</translation>
        </message>
        <message>
            <source>Uneven light taken out: %.2f stops from the lightest to the darkest place (known to %.2f).</source>
            <translation>Luz desigual quitada: %.2f pasos de lo más claro a lo más oscuro (con certeza de %.2f).</translation>
        </message>
        <message>
            <source>Flare subtracted: %.2f %% of white (known to %.2f %%).</source>
            <translation>Velo restado: %.2f %% del blanco (con certeza de %.2f %%).</translation>
        </message>
        <message>
            <source> Its size is not known; its longer side is taken for %1 mm.</source>
            <translation> Su tamaño no se conoce; su lado mayor se toma por %1 mm.</translation>
        </message>
        <message>
            <source>Layout learned from %1.</source>
            <translation>Disposición aprendida de %1.</translation>
        </message>
        <message>
            <source>%1 knows the layout of a chart and not its colours; give its data.</source>
            <translation>%1 conoce la disposición de una carta y no sus colores; dé sus datos.</translation>
        </message>
        <message>
            <source>%1 patches.</source>
            <translation>%1 parches.</translation>
        </message>
        <message>
            <source>The setup's reading is gone, so there is nothing to keep a correction for.</source>
            <translation>La lectura del montaje se ha ido, no hay para qué guardar una corrección.</translation>
        </message>
        <message>
            <source>A colour counts beside a chart that was read; this setup has none.</source>
            <translation>Un color cuenta junto a una carta leída; este montaje no tiene.</translation>
        </message>
        <message>
            <source>That place is not in the frame.</source>
            <translation>Ese sitio no está en el fotograma.</translation>
        </message>
        <message>
            <source>Add the chart %1</source>
            <translation>Añadir la carta %1</translation>
        </message>
        <message>
            <source>Looking at a frame</source>
            <translation>Mirando un fotograma</translation>
        </message>
        <message>
            <source>Nothing in there can be read as a picture or a clip. Give the card's folder, or frames.</source>
            <translation>Nada de eso se puede leer como imagen o clip. Dé la carpeta de la tarjeta, o fotogramas.</translation>
        </message>
        <message>
            <source>Reading the chart of %1</source>
            <translation>Leyendo la carta de %1</translation>
        </message>
        <message>
            <source>Correcting %1</source>
            <translation>Corrigiendo %1</translation>
        </message>
        <message>
            <source>Looking for colours for %1</source>
            <translation>Buscando colores para %1</translation>
        </message>
        <message>
            <source>Build correction for %1, mended</source>
            <translation>Construir la corrección de %1, reparada</translation>
        </message>
        <message>
            <source>The folder %1 cannot be made: %2.</source>
            <translation>No se puede crear la carpeta %1: %2.</translation>
        </message>
        <message>
            <source>Handing over %1 to the %2</source>
            <translation>Entregando %1 a %2</translation>
        </message>
        <message>
            <source>Quick pictures of %1</source>
            <translation>Imágenes rápidas de %1</translation>
        </message>
        <message>
            <source>Rendering frames of %1</source>
            <translation>Renderizando fotogramas de %1</translation>
        </message>
        <message>
            <source>No chart was shot in this light.</source>
            <translation>No se tomó carta con esta luz.</translation>
        </message>
        <message>
            <source>It is the chart shot.</source>
            <translation>Es la toma de carta.</translation>
        </message>
        <message>
            <source>Its setup has no correction.</source>
            <translation>Su montaje no tiene corrección.</translation>
        </message>
        <message>
            <source>No receiver was to get frames, or they have it already.</source>
            <translation>Ningún destinatario debía recibir fotogramas, o ya lo tiene.</translation>
        </message>
        <message>
            <source>0 of %1 frames</source>
            <translation>0 de %1 fotogramas</translation>
        </message>
        <message>
            <source>Hand over %1</source>
            <translation>Entregar %1</translation>
        </message>
        <message>
            <source>There is no configuration to look at a plate through.</source>
            <translation>No hay configuración con que mirar una placa.</translation>
        </message>
        <message>
            <source>1 month; to be replaced after %1</source>
            <translation>1 mes; reemplazar tras %1</translation>
        </message>
        <message>
            <source>%1 months; to be replaced after %2</source>
            <translation>%1 meses; reemplazar tras %2</translation>
        </message>
        <message>
            <source>%s at %g %%</source>
            <translation>%s al %g %%</translation>
        </message>
        <message>
            <source>Shoot</source>
            <translation>Rodaje</translation>
        </message>
        <message>
            <source>Chart copy</source>
            <translation>Ejemplar de carta</translation>
        </message>
        <message>
            <source>Copy made on</source>
            <translation>Ejemplar hecho el</translation>
        </message>
        <message>
            <source>Its age at the shot</source>
            <translation>Su edad en la toma</translation>
        </message>
        <message>
            <source>Its values</source>
            <translation>Sus valores</translation>
        </message>
        <message>
            <source>Reads back as written</source>
            <translation>Se relee como se escribió</translation>
        </message>
        <message>
            <source>%1 on average, %2 at most, by %3, from the graded picture</source>
            <translation>%1 de media, %2 como máximo, por %3, de la imagen etalonada</translation>
        </message>
        <message>
            <source>%1 on average, %2 at most, by %3, which read it back</source>
            <translation>%1 de media, %2 como máximo, releído por %3</translation>
        </message>
        <message>
            <source>Match %1 again</source>
            <translation>Igualar %1 de nuevo</translation>
        </message>
        <message>
            <source>The chart is to be shot again, and nothing can be built on this shot: %1</source>
            <translation>Hay que tomar la carta de nuevo, y nada se puede construir sobre esta toma: %1</translation>
        </message>
        <message>
            <source>The chart is to be shot again; nothing is built on this shot.</source>
            <translation>Hay que tomar la carta de nuevo; nada se construye sobre esta toma.</translation>
        </message>
        <message>
            <source>The chart is to be shot again if that is possible; its faults were mended.</source>
            <translation>Hay que tomar la carta de nuevo si se puede; sus fallos se repararon.</translation>
        </message>
        <message>
            <source>The place of the grey is not in %1.</source>
            <translation>El sitio del gris no está en %1.</translation>
        </message>
        <message>
            <source>No grey card was found in %1. Say where something neutral is, as --grey "x,y,width,height" in pixels.</source>
            <translation>No se halló tarjeta gris en %1. Diga dónde hay algo neutro, como --grey "x,y,anchura,altura" en píxeles.</translation>
        </message>
        <message>
            <source>A grey's reflectance must be 0.02 to 1; the usual card has 0.18.</source>
            <translation>La reflectancia de un gris debe ser de 0,02 a 1; la tarjeta usual tiene 0,18.</translation>
        </message>
        <message>
            <source>The grey in %1 is clipped, so its colour is lost. Use a darker one.</source>
            <translation>El gris de %1 está recortado, su color se perdió. Use uno más oscuro.</translation>
        </message>
        <message>
            <source>The grey in %1 is too dark to balance on. Use a lighter one.</source>
            <translation>El gris de %1 es muy oscuro para equilibrar. Use uno más claro.</translation>
        </message>
        <message>
            <source>%1, on a grey</source>
            <translation>%1, con un gris</translation>
        </message>
        <message>
            <source>From a grey alone: balance and level are measured. %1 Nothing proves its colours; shoot a chart where they matter.</source>
            <translation>De solo un gris: balance y nivel están medidos. %1 Nada prueba sus colores; tome una carta donde importen.</translation>
        </message>
        <message>
            <source>Import %1</source>
            <translation>Importar %1</translation>
        </message>
        <message>
            <source>Import %1 files</source>
            <translation>Importar %1 archivos</translation>
        </message>
        <message>
            <source>Sort the frames</source>
            <translation>Ordenar los fotogramas</translation>
        </message>
        <message>
            <source>That place is not in the leader's picture.</source>
            <translation>Ese sitio no está en la imagen de la guía.</translation>
        </message>
        <message>
            <source>A setup cannot follow itself. Choose another that leads.</source>
            <translation>Un montaje no puede seguirse a sí mismo. Elija otro que guíe.</translation>
        </message>
        <message>
            <source>%1, %2 has no chart reading yet, so that it can neither lead nor follow. Read its chart shot first.</source>
            <translation>%1, %2 aún no tiene lectura y no puede guiar ni seguir. Lea primero su toma de carta.</translation>
        </message>
        <message>
            <source>%1, to %2</source>
            <translation>%1, a %2</translation>
        </message>
        <message>
            <source>The chart shot that it was matched to is not part of this shoot any more.</source>
            <translation>La toma de carta con que se igualó ya no es de este rodaje.</translation>
        </message>
        <message>
            <source>The leading camera's reading, its correction or the transform that it is seen through has changed since. Match again.</source>
            <translation>La lectura de la guía, su corrección o la transformación con que se ve ha cambiado. Iguale de nuevo.</translation>
        </message>
        <message>
            <source>That place is not in the follower's picture.</source>
            <translation>Ese sitio no está en la imagen de la que sigue.</translation>
        </message>
        <message>
            <source>: about %.0f mired warmer</source>
            <translation>: unos %.0f mired más cálida</translation>
        </message>
        <message>
            <source>: about %.0f mired cooler</source>
            <translation>: unos %.0f mired más fría</translation>
        </message>
        <message>
            <source> and %.1f stops brighter</source>
            <translation> y %.1f pasos más clara</translation>
        </message>
        <message>
            <source> and %.1f stops darker</source>
            <translation> y %.1f pasos más oscura</translation>
        </message>
        <message>
            <source>%1 than before</source>
            <translation>%1 que antes</translation>
        </message>
        <message>
            <source>The first frames of %1.</source>
            <translation>Los primeros fotogramas de %1.</translation>
        </message>
        <message>
            <source>a camera without a name</source>
            <translation>una cámara sin nombre</translation>
        </message>
        <message>
            <source>The lens was changed to %1.</source>
            <translation>El objetivo cambió a %1.</translation>
        </message>
        <message>
            <source>Nothing was taken for %.0f minutes before.</source>
            <translation>Antes no se tomó nada durante %.0f minutos.</translation>
        </message>
        <message>
            <source>A chart was shot.</source>
            <translation>Se tomó una carta.</translation>
        </message>
        <message>
            <source>A chart was shot in another light%1.</source>
            <translation>Se tomó una carta con otra luz%1.</translation>
        </message>
        <message>
            <source>Taken among the frames of a setup that is there, or soon after.</source>
            <translation>Tomado entre los fotogramas de un montaje existente, o poco después.</translation>
        </message>
        <message>
            <source>Put together by hand.</source>
            <translation>Reunidos a mano.</translation>
        </message>
        <message>
            <source>Begin a proposed setup</source>
            <translation>Empezar un montaje propuesto</translation>
        </message>
        <message>
            <source>Begin %1 proposed setups</source>
            <translation>Empezar %1 montajes propuestos</translation>
        </message>
        <message>
            <source>The frames of a proposed setup have gone; bring them in again.</source>
            <translation>Los fotogramas de un montaje propuesto se han ido; impórtelos de nuevo.</translation>
        </message>
        <message>
            <source>%1 is too poor a chart shot to correct the camera's own pictures by.</source>
            <translation>%1 es una toma de carta demasiado pobre para corregir las imágenes de la cámara.</translation>
        </message>
        <message>
            <source>Quick, %1</source>
            <translation>Rápido, %1</translation>
        </message>
        <message>
            <source>"%1" is no receiver; it is raw, editor, compositor, client or archive.</source>
            <translation>«%1» no es un destinatario; es raw, editor, compositor, client o archive.</translation>
        </message>
        <message>
            <source>Raw developer</source>
            <translation>Revelador raw</translation>
        </message>
        <message>
            <source>Editor</source>
            <translation>Editor</translation>
        </message>
        <message>
            <source>Compositor</source>
            <translation>Compositor</translation>
        </message>
        <message>
            <source>Archive</source>
            <translation>Archivo</translation>
        </message>
        <message>
            <source>The library is empty: build a correction from a chart shot first.</source>
            <translation>La biblioteca está vacía: construya primero una corrección de una toma de carta.</translation>
        </message>
        <message>
            <source>what was marked as grey</source>
            <translation>lo marcado como gris</translation>
        </message>
        <message>
            <source>what looks like a grey card</source>
            <translation>lo que parece una tarjeta gris</translation>
        </message>
        <message>
            <source>No place yet</source>
            <translation>Aún sin lugar</translation>
        </message>
        <message>
            <source>Shoot of %1</source>
            <translation>Rodaje del %1</translation>
        </message>
        <message>
            <source>Setup %1</source>
            <translation>Montaje %1</translation>
        </message>
        <message>
            <source>Its setup was begun with it.</source>
            <translation>Su montaje se empezó con él.</translation>
        </message>
        <message>
            <source>%1, shared by %2</source>
            <translation>%1, compartida por %2</translation>
        </message>
        <message>
            <source>%+.1f stops</source>
            <translation>%+.1f pasos</translation>
        </message>
        <message>
            <source>%1 of this setup went out and brings the level, too (%2): one after the other they bring it twice. Let a profile leave the level, or use one alone.</source>
            <translation>%1 de este montaje salió y también trae el nivel (%2): uno tras otro lo traen dos veces. Que un perfil deje el nivel, o use uno solo.</translation>
        </message>
        <message>
            <source>Say which camera it was: one of the kit, or another's name.</source>
            <translation>Diga qué cámara era: una del equipo, o el nombre de otra.</translation>
        </message>
        <message>
            <source>The studio has no shoot yet; plan one or bring frames in first.</source>
            <translation>El estudio aún no tiene rodaje; planee uno o importe fotogramas.</translation>
        </message>
    </context>
</TS>
