<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de">
    <context>
        <name>desk</name>
        <message>
            <location filename="softmound/desk/dialogs/command_box.py" />
            <source>station</source>
            <translation>Station</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/command_box.py" />
            <source>command in {}</source>
            <translation>Befehl in {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/command_box.py" />
            <source>command</source>
            <translation>Befehl</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/command_box.py" />
            <source>number of {}</source>
            <translation>Zahl in {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/command_box.py" />
            <source>page of the manual</source>
            <translation>Seite des Handbuchs</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/command_box.py" />
            <location filename="softmound/desk/dialogs/command_box.py" />
            <source>Find anything</source>
            <translation>Alles finden</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/command_box.py" />
            <source>A command, a station, a number, a chapter</source>
            <translation>Ein Befehl, eine Station, eine Zahl, ein Kapitel</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/command_box.py" />
            <source>What was found</source>
            <translation>Was gefunden wurde</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/command_box.py" />
            <source>Nothing has that name.</source>
            <translation>Nichts heißt so.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/examples_dialog.py" />
            <source>Examples</source>
            <translation>Beispiele</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/examples_dialog.py" />
            <source>Finished clouds to take apart</source>
            <translation>Fertige Wolken zum Zerlegen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/examples_dialog.py" />
            <source>A click opens a copy: every form, grain and lamp in it is yours to change.</source>
            <translation>Ein Klick öffnet eine Kopie: jede Form, jedes Korn und jede Lampe darin gehört dir.</translation>
        </message>
        <message>
            <location filename="softmound/desk/help/reference.py" />
            <location filename="softmound/desk/dialogs/examples_dialog.py" />
            <source>Open a copy</source>
            <translation>Kopie öffnen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
            <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <location filename="softmound/desk/dialogs/examples_dialog.py" />
            <source>Close</source>
            <translation>Schließen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Export OpenVDB</source>
            <translation>OpenVDB ausgeben</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>File</source>
            <translation>Datei</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Choose…</source>
            <translation>Wählen…</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Tiers: each in a file of its own</source>
            <translation>Stufen: jede in einer eigenen Datei</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Tier: {}</source>
            <translation>Stufe: {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/dialogs.py" />
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Which axis is up</source>
            <translation>Welche Achse oben ist</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/dialogs.py" />
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Unit of its numbers</source>
            <translation>Einheit seiner Zahlen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Name of the grid</source>
            <translation>Name des Gitters</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Pruning tolerance</source>
            <translation>Toleranz beim Ausdünnen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Densities so close to one another become one: a smaller file, a little off.</source>
            <translation>So nah beieinanderliegende Dichten werden eine: eine kleinere Datei, etwas daneben.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Also the surface, as a level set</source>
            <translation>Auch die Oberfläche, als Level Set</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Finer where the camera comes near, for a picture of {} × {}</source>
            <translation>Feiner, wo die Kamera nahe kommt, für ein Bild von {} × {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Further grids, each with half the voxel of the one before. They add up: give the renderer all of them.</source>
            <translation>Weitere Gitter, jedes mit dem halben Voxel des vorigen. Sie addieren sich: gib dem Renderer alle.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>A mound with steps, grains that move density about, or volumes that join by density is as fine everywhere.</source>
            <translation>Ein Mound mit Schritten, mit Körnern, die Dichte bewegen, oder mit Volumen, die über ihre Dichte hinzukommen, ist überall gleich fein.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Export</source>
            <translation>Ausgeben</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/arriving.py" />
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>OpenVDB (*.vdb)</source>
            <translation>OpenVDB (*.vdb)</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Name a file.</source>
            <translation>Nenne eine Datei.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Choose a tier at least.</source>
            <translation>Wähle mindestens eine Stufe.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>There is no folder {}; choose another.</source>
            <translation>Es gibt keinen Ordner {}; wähle einen anderen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>The grid needs a name other than 'surface'.</source>
            <translation>Das Gitter braucht einen anderen Namen als 'surface'.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>{}: about {} and {} to build. Read back and compared before it gets its name.</source>
            <translation>{}: etwa {} und {} zum Bauen. Zurückgelesen und verglichen, bevor es seinen Namen bekommt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Export mesh</source>
            <translation>Netz ausgeben</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>A closed surface of the density, for layout. </source>
            <translation>Eine geschlossene Oberfläche der Dichte, fürs Layout. </translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>It is taken from the finished grid.</source>
            <translation>Es wird vom fertigen Gitter genommen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>It is taken from the draft; build the final grid first for a finer one.</source>
            <translation>Es wird vom Entwurf genommen; baue erst das endgültige Gitter für ein feineres.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Density of the surface</source>
            <translation>Dichte der Oberfläche</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Lower reaches farther out into the skin.</source>
            <translation>Kleiner reicht weiter in die Haut hinaus.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Triangles at most</source>
            <translation>Höchstens so viele Dreiecke</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>The surface is made on coarser voxels until it has no more.</source>
            <translation>Die Oberfläche wird auf gröberen Voxeln gemacht, bis sie nicht mehr hat.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Meshes ({})</source>
            <translation>Netze ({})</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/export_dialog.py" />
            <source>Let the file's name end in {}.</source>
            <translation>Lass den Dateinamen auf {} enden.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>{}: holds no grid of single numbers, only of {}; choose another file.</source>
            <translation>{}: enthält kein Gitter aus einzelnen Zahlen, nur aus {}; wähle eine andere Datei.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>A form from a file</source>
            <translation>Eine Form aus einer Datei</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>Meshes, points and volumes ({})</source>
            <translation>Netze, Punkte und Volumen ({})</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>An open surface encloses nothing. What shall become of it?</source>
            <translation>Eine offene Oberfläche umschließt nichts. Was soll daraus werden?</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>Close the holes</source>
            <translation>Die Löcher schließen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>A sheet</source>
            <translation>Ein Blatt</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>Leave it open</source>
            <translation>Offen lassen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>Thickness</source>
            <translation>Dicke</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>Of the sheet.</source>
            <translation>Des Blatts.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>Add it</source>
            <translation>Hinzufügen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>Open surface</source>
            <translation>Offene Oberfläche</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>Frame</source>
            <translation>Bild</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>Of the sequence of {} files; gaps take the one before.</source>
            <translation>Der Folge aus {} Dateien; Lücken nehmen die vorige.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>How it joins the mound</source>
            <translation>Wie es zum Mound kommt</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>By its surface</source>
            <translation>Über seine Oberfläche</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>By its density</source>
            <translation>Über seine Dichte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>As a form like any other: grains and skin work on it.</source>
            <translation>Als Form wie jede andere: Körner und Haut wirken darauf.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>Its values stay what they are, beside what the other forms make.</source>
            <translation>Seine Werte bleiben, was sie sind, neben dem, was die anderen Formen machen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>Threshold</source>
            <translation>Schwelle</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>Density at which the surface lies.</source>
            <translation>Dichte, bei der die Oberfläche liegt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>{:,} points</source>
            <translation>{:,} Punkte</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>, each with {}.</source>
            <translation>, je mit {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/import_dialog.py" />
            <source>It will be {} (width, height, depth).</source>
            <translation>Es wird {} (Breite, Höhe, Tiefe).</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/help/reference.py" />
            <location filename="softmound/desk/help/reference.py" />
            <location filename="softmound/desk/dialogs/keys_dialog.py" />
            <location filename="softmound/desk/dialogs/keys_dialog.py" />
            <source>Keys and gestures</source>
            <translation>Tasten und Gesten</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/keys_dialog.py" />
            <location filename="softmound/desk/dialogs/keys_dialog.py" />
            <source>Find a key or what it does</source>
            <translation>Eine Taste finden, oder was sie tut</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/keys_dialog.py" />
            <source>Nothing is called so.</source>
            <translation>Nichts heißt so.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/manual_dialog.py" />
            <source>Page of the manual</source>
            <translation>Seite des Handbuchs</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/manual_dialog.py" />
            <source>Manual</source>
            <translation>Handbuch</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/manual_dialog.py" />
            <source>Back</source>
            <translation>Zurück</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/manual_dialog.py" />
            <source>Forward</source>
            <translation>Vorwärts</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/manual_dialog.py" />
            <source>The page before (Alt+Left).</source>
            <translation>Die vorige Seite (Alt+Links).</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/manual_dialog.py" />
            <source>The page that was left by Back (Alt+Right).</source>
            <translation>Die Seite, die mit Zurück verlassen wurde (Alt+Rechts).</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/manual_dialog.py" />
            <location filename="softmound/desk/dialogs/manual_dialog.py" />
            <source>Find words in the manual</source>
            <translation>Wörter im Handbuch finden</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/manual_dialog.py" />
            <source>Chapters</source>
            <translation>Kapitel</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/manual_dialog.py" />
            <source>No page has all these words.</source>
            <translation>Keine Seite hat alle diese Wörter.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/manual_dialog.py" />
            <source>On this page: {}. Enter goes to the next.</source>
            <translation>Auf dieser Seite: {}. Eingabe geht zum nächsten.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <source>Bring it near</source>
            <translation>Annähern</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <source>The photograph</source>
            <translation>Das Foto</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <source>The mound</source>
            <translation>Das Mound</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/settings.py" />
            <location filename="softmound/desk/stations/formation/settings.py" />
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <source>Locked</source>
            <translation>Gesperrt</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <source>Take it</source>
            <translation>Nehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <source>Likeness {:.3f}. Double-click takes it.</source>
            <translation>Ähnlichkeit {:.3f}. Ein Doppelklick nimmt es.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/snapshots.py" />
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <source>nothing worth a word</source>
            <translation>nichts der Rede wert</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <source>Likeness {:.3f}: outlines {:.0f} % in common, light {:.0f} % in step. Beside the photograph: {}.</source>
            <translation>Ähnlichkeit {:.3f}: Umrisse zu {:.0f} % gemeinsam, Licht zu {:.0f} % im Gleichklang. Neben dem Foto: {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/jobs.py" />
            <location filename="softmound/desk/view/time_line.py" />
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <source>Stop</source>
            <translation>Anhalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <source>Search on</source>
            <translation>Weitersuchen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <source>What was found stays.</source>
            <translation>Was gefunden wurde, bleibt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <source>From the candidate that is shown.</source>
            <translation>Von dem Kandidaten aus, der gezeigt wird.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <source>Searching: {} tried, {:.0f} s. Double-click a picture to take it.</source>
            <translation>Suche: {} versucht, {:.0f} s. Doppelklicke ein Bild, um es zu nehmen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <source>Searching: measuring the photograph…</source>
            <translation>Suche: das Foto wird vermessen…</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/near_dialog.py" />
            <source>{} tried. Take one, or search on.</source>
            <translation>{} versucht. Nimm eines, oder suche weiter.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>Take pictures</source>
            <translation>Bilder nehmen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>Draft light</source>
            <translation>Entwurfslicht</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>True light</source>
            <translation>Wahres Licht</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>As fine as a pixel</source>
            <translation>So fein wie ein Pixel</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>The draft</source>
            <translation>Der Entwurf</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>The finished grid</source>
            <translation>Das fertige Gitter</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>There is none yet: F5 builds it.</source>
            <translation>Es gibt noch keines: F5 baut es.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>Width</source>
            <translation>Breite</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>Of each picture.</source>
            <translation>Jedes Bildes.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>Height</source>
            <translation>Höhe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>Noise</source>
            <translation>Rauschen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>True light is enough when a pixel errs by such a share.</source>
            <translation>Wahres Licht genügt, wenn ein Pixel um einen solchen Anteil irrt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>Pictures</source>
            <translation>Bilder</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>How many there are: 24 make a second of film.</source>
            <translation>Wie viele es gibt: 24 machen eine Sekunde Film.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>Give it a name.</source>
            <translation>Gib ihm einen Namen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>This kind is written as {}.</source>
            <translation>Diese Art wird als {} geschrieben.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/picture_dialog.py" />
            <source>Tick a layer at least.</source>
            <translation>Kreuze mindestens eine Ebene an.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>Publish</source>
            <translation>Veröffentlichen</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/delivering.py" />
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>Publish {}</source>
            <translation>{} veröffentlichen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>A new version of it in {}: built, checked, with its recipe and its picture.</source>
            <translation>Eine neue Version davon in {}: gebaut, geprüft, mit Rezept und Bild.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>Final voxel</source>
            <translation>Endvoxel</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>Edge of a voxel of the full grid.</source>
            <translation>Kante eines Voxels des vollen Gitters.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>Files</source>
            <translation>Dateien</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>full</source>
            <translation>voll</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>Publish the full grid</source>
            <translation>Das volle Gitter veröffentlichen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>Publish a grid of 1/{}</source>
            <translation>Ein Gitter von 1/{} veröffentlichen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>A file at the final voxel.</source>
            <translation>Eine Datei mit dem Endvoxel.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>A file with voxels {} times as wide, of the same mass: for far clouds and quick looks.</source>
            <translation>Eine Datei mit {}-mal so breiten Voxeln, von gleicher Masse: für ferne Wolken und schnelle Blicke.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>With them</source>
            <translation>Mit ihnen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>Also keep {}.</source>
            <translation>Auch {} behalten.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>Said of it</source>
            <translation>Dazu gesagt</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>Choose one file at least.</source>
            <translation>Wähle mindestens eine Datei.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/publish_dialog.py" />
            <source>About {} of files at the most, in {}.</source>
            <translation>Höchstens etwa {} an Dateien, in {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/queue_dialog.py" />
            <location filename="softmound/desk/dialogs/queue_dialog.py" />
            <source>What waits</source>
            <translation>Was wartet</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/queue_dialog.py" />
            <source>Work that waits</source>
            <translation>Wartende Arbeit</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/queue_dialog.py" />
            <source>Sooner</source>
            <translation>Eher</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/settings.py" />
            <location filename="softmound/desk/dialogs/queue_dialog.py" />
            <source>Later</source>
            <translation>Später</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/queue_dialog.py" />
            <source>Take out</source>
            <translation>Herausnehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/queue_dialog.py" />
            <source>Do it before the one above it.</source>
            <translation>Vor dem darüber erledigen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/queue_dialog.py" />
            <source>Do it after the one below it.</source>
            <translation>Nach dem darunter erledigen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/queue_dialog.py" />
            <source>Do not do it.</source>
            <translation>Nicht erledigen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/queue_dialog.py" />
            <source>Nothing is being done.</source>
            <translation>Nichts wird gerade getan.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/queue_dialog.py" />
            <source>Now: {}</source>
            <translation>Jetzt: {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>Photograph and the outline of its cloud</source>
            <translation>Foto und der Umriss seiner Wolke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/formation/plate.py" />
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>horizon</source>
            <translation>Horizont</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>base</source>
            <translation>Basis</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>From a photograph</source>
            <translation>Aus einem Foto</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>Block it in</source>
            <translation>Aufbauen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>Outline</source>
            <translation>Umriss</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>Brush</source>
            <translation>Pinsel</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>Radius, in hundredths of the photograph's width.</source>
            <translation>Radius, in Hundertsteln der Breite des Fotos.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>Forget the brush</source>
            <translation>Pinsel vergessen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>The outline as it is found by itself.</source>
            <translation>Der Umriss, wie er von selbst gefunden wird.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>Camera and cloud</source>
            <translation>Kamera und Wolke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>Sun</source>
            <translation>Sonne</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>Sun {}</source>
            <translation>Sonne {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>Looked for once the cloud is blocked in: three proposals, the likeliest first.</source>
            <translation>Wird gesucht, sobald die Wolke aufgebaut ist: drei Vorschläge, der wahrscheinlichste zuerst.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>Finding the cloud…</source>
            <translation>Die Wolke wird gesucht…</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>Blocking it in…</source>
            <translation>Sie wird aufgebaut…</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>Azimuth {:.0f}°, elevation {:.0f}°: explains {:.0f} % of the photograph's light.</source>
            <translation>Azimut {:.0f}°, Höhe {:.0f}°: erklärt {:.0f} % vom Licht des Fotos.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/reading_dialog.py" />
            <source>Choose the sun that fits, then block it in.</source>
            <translation>Wähle die Sonne, die passt, dann baue auf.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/resize_dialog.py" />
            <location filename="softmound/desk/dialogs/resize_dialog.py" />
            <source>Resize mound</source>
            <translation>Größe des Mounds ändern</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/resize_dialog.py" />
            <source>Forms, base level, skin, grains, voxels and view scale together; the underside stays at its altitude.</source>
            <translation>Formen, Basishöhe, Haut, Körner, Voxel und Ansicht werden zusammen skaliert; die Unterseite bleibt in ihrer Höhe.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/resize_dialog.py" />
            <source>Longest side</source>
            <translation>Längste Seite</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/resize_dialog.py" />
            <source>Longest side of the blocked-in shape.</source>
            <translation>Längste Seite der groben Form.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/resize_dialog.py" />
            <source>Keep the look: scale the extinction as well</source>
            <translation>Das Aussehen behalten: auch die Extinktion skalieren</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/resize_dialog.py" />
            <source>Resize</source>
            <translation>Größe ändern</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/resize_dialog.py" />
            <source>{} times the present {}; extinction {} per metre.</source>
            <translation>{}-mal die jetzigen {}; Extinktion {} je Meter.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>{}.</source>
            <translation>{}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>{}; no sky has it.</source>
            <translation>{}; kein Himmel hat es.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>New mound</source>
            <translation>Neues Mound</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Begin with a cloud</source>
            <translation>Mit einer Wolke beginnen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Every part of it can be changed afterwards: forms, grains and light. Double-click takes one.</source>
            <translation>Alles daran lässt sich danach ändern: Formen, Körner und Licht. Ein Doppelklick nimmt ihn.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Roll again</source>
            <translation>Neu würfeln</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Other seeds for all (R).</source>
            <translation>Andere Seeds für alle (R).</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Begin with it</source>
            <translation>Damit beginnen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Examples…</source>
            <translation>Beispiele…</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Finished clouds, to take apart.</source>
            <translation>Fertige Wolken, zum Zerlegen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/tray.py" />
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>From a photograph…</source>
            <translation>Aus einem Foto…</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>A mound with the outline and the sun of a photographed cloud.</source>
            <translation>Ein Mound mit dem Umriss und der Sonne einer fotografierten Wolke.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Span</source>
            <translation>Spannweite</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Longest side of the model.</source>
            <translation>Längste Seite des Modells.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/settings.py" />
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Looks as large as</source>
            <translation>Sieht so groß aus wie</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>The natural cloud that has its optical depth: a model of 300 m can look like 2 km of cloud.</source>
            <translation>Die natürliche Wolke mit ihrer optischen Tiefe: ein Modell von 300 m kann aussehen wie 2 km Wolke.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Over the span.</source>
            <translation>Im Verhältnis zur Spannweite.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Lean</source>
            <translation>Neigung</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>How far the tops stand downwind, over the height.</source>
            <translation>Wie weit die Spitzen in Windrichtung stehen, im Verhältnis zur Höhe.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Turrets</source>
            <translation>Türmchen</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Towers of thermals, or pieces.</source>
            <translation>Türme aus Thermik, oder Stücke.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Tired</source>
            <translation>Müde</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>0: crisp and crowded with buds. 1: old and frayed.</source>
            <translation>0: scharf und voller Knospen. 1: alt und zerfranst.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>As the species has them</source>
            <translation>Wie die Art sie hat</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Forget what was asked for, but for the span.</source>
            <translation>Vergessen, was verlangt wurde, außer der Spannweite.</translation>
        </message>
        <message>
            <location filename="softmound/desk/dialogs/wall_dialog.py" />
            <source>Making the pictures…</source>
            <translation>Macht die Bilder…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <location filename="softmound/desk/documents/files.py" />
            <source>A photograph of a cloud</source>
            <translation>Ein Foto einer Wolke</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/files.py" />
            <source>Open a mound, a volume, or what made a picture</source>
            <translation>Ein Mound, ein Volumen, oder was ein Bild gemacht hat, öffnen</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/files.py" />
            <source>Mounds, volumes, pictures (*.mound *.vdb *.png *.exr)</source>
            <translation>Mounds, Volumen, Bilder (*.mound *.vdb *.png *.exr)</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/files.py" />
            <source>Opened what made {}.</source>
            <translation>Geöffnet, was {} gemacht hat.</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/files.py" />
            <source>Save the mound</source>
            <translation>Das Mound sichern</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/files.py" />
            <location filename="softmound/desk/documents/files.py" />
            <source>Saved {}.</source>
            <translation>{} gesichert.</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/files.py" />
            <source>“{}” has changes that are not saved.</source>
            <translation>„{}“ hat Änderungen, die nicht gesichert sind.</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/files.py" />
            <source>Leave without saving</source>
            <translation>Ohne Sichern verlassen</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/files.py" />
            <source>Open recent</source>
            <translation>Zuletzt geöffnete</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/files.py" />
            <source>Nothing yet</source>
            <translation>Noch nichts</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/files.py" />
            <source>New from a start</source>
            <translation>Neu aus einem Start</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/mound.py" />
            <source>key</source>
            <translation>Schlüssel</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/mound.py" />
            <source>key of the camera</source>
            <translation>Schlüssel der Kamera</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/mound.py" />
            <source>remove key of the camera</source>
            <translation>Schlüssel der Kamera entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/recovery.py" />
            <source>Something went wrong inside and was written to the log; your work is kept. Save it, and start again if it goes on.</source>
            <translation>Im Inneren ging etwas schief und wurde ins Protokoll geschrieben; deine Arbeit ist behalten. Sichere sie, und starte neu, wenn es so weitergeht.</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/recovery.py" />
            <source>Soft Mound was ended from outside last time, without being closed.</source>
            <translation>Soft Mound wurde letztes Mal von außen beendet, ohne geschlossen zu werden.</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/recovery.py" />
            <source>Soft Mound crashed last time. What it was doing is written in its log.</source>
            <translation>Soft Mound ist letztes Mal abgestürzt. Was es gerade tat, steht in seinem Protokoll.</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/recovery.py" />
            <source>The work on {} was recovered.</source>
            <translation>Die Arbeit an {} wurde wiederhergestellt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/recovery.py" />
            <source>There was no work to recover: everything had been saved, or was left as it was.</source>
            <translation>Es gab keine Arbeit wiederherzustellen: alles war gesichert, oder wurde gelassen, wie es war.</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/recovery.py" />
            <source>The log is {}.</source>
            <translation>Das Protokoll ist {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/recovery.py" />
            <source>“{}” was not saved when Soft Mound ended last time. Its work was kept.</source>
            <translation>„{}“ war nicht gesichert, als Soft Mound letztes Mal endete. Die Arbeit daran wurde behalten.</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/recovery.py" />
            <source>Recover it</source>
            <translation>Wiederherstellen</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/recovery.py" />
            <source>Throw it away</source>
            <translation>Wegwerfen</translation>
        </message>
        <message>
            <location filename="softmound/desk/documents/recovery.py" />
            <source>Ask again later</source>
            <translation>Später wieder fragen</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/controls.py" />
            <source>Drag the track or the number, double-click to type, Backspace resets.</source>
            <translation>Zieh die Spur oder die Zahl, Doppelklick zum Tippen, Rücktaste stellt zurück.</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/controls.py" />
            <source>{}, typed</source>
            <translation>{}, getippt</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/controls.py" />
            <source>Click to choose, Backspace resets.</source>
            <translation>Klick zum Wählen, Rücktaste stellt zurück.</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/curve_field.py" />
            <source>{}: ready curves</source>
            <translation>{}: fertige Kurven</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/curve_field.py" />
            <source>{} over {}. Drag the points; double-click adds one, Delete takes it away; with the keyboard, Tab goes to the plan, N to the next point, arrows move it.</source>
            <translation>{} über {}. Zieh die Punkte; ein Doppelklick fügt einen hinzu, Entf nimmt ihn weg; mit der Tastatur geht Tab zum Plan, N zum nächsten Punkt, Pfeile bewegen ihn.</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/faders.py" />
            <source>Lamps beyond the first {} groups have one fader together: give lamps a group by a right click on them.</source>
            <translation>Lampen nach den ersten {} Gruppen teilen sich einen Regler: gib Lampen mit der rechten Taste eine Gruppe.</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/faders.py" />
            <source>{}: tint</source>
            <translation>{}: Farbton</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/faders.py" />
            <source>mixer: {} {}</source>
            <translation>Mischpult: {} {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/faders.py" />
            <source>take the mixer back</source>
            <translation>das Mischpult zurücknehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/figures.py" />
            <source>{:.0f} ms</source>
            <translation>{:.0f} ms</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/figures.py" />
            <source>{} min {} s</source>
            <translation>{} min {} s</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/ramp_field.py" />
            <source>Where the first colour stands.</source>
            <translation>Wo die erste Farbe steht.</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/ramp_field.py" />
            <source>Where the last one stands.</source>
            <translation>Wo die letzte steht.</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/ramp_field.py" />
            <source>{}: colours</source>
            <translation>{}: Farben</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/ramp_field.py" />
            <source>Drag a stop; double-click it for its colour, or the strip for another stop. With the keyboard, N goes to the next stop, arrows move it, Enter changes its colour, + adds one, Delete takes it away.</source>
            <translation>Zieh eine Stufe; Doppelklick für ihre Farbe, oder auf den Streifen für eine weitere. Mit der Tastatur: N geht zur nächsten, Pfeile bewegen sie, Eingabe ändert ihre Farbe, + fügt eine hinzu, Entf nimmt sie weg.</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/ramp_field.py" />
            <source>Colour of the stop</source>
            <translation>Farbe der Stufe</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/settings_panel.py" />
            <source>Folds or opens this section.</source>
            <translation>Klappt diesen Abschnitt zu oder auf.</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/settings_panel.py" />
            <source>{} settings</source>
            <translation>{}: Einstellungen</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/settings_panel.py" />
            <source>Find a number  (Ctrl+F)</source>
            <translation>Eine Zahl finden  (Strg+F)</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/settings_panel.py" />
            <source>Find a number in {}</source>
            <translation>Eine Zahl in {} finden</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/settings_panel.py" />
            <source>Nothing here has that name.</source>
            <translation>Nichts hier heißt so.</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/settings_panel.py" />
            <source>{}: {} of {}; Enter for the next, Tab to it</source>
            <translation>{}: {} von {}; Eingabe für das nächste, Tab dorthin</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/stand_in_fields.py" />
            <source>Which stand-in</source>
            <translation>Welcher Statist</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/tray.py" />
            <location filename="softmound/desk/fields/stand_in_fields.py" />
            <source>Add</source>
            <translation>Hinzufügen</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/stand_in_fields.py" />
            <source>A solid thing beside the cloud, which gives it scale and casts its shadow.</source>
            <translation>Ein fester Gegenstand neben der Wolke, der ihr Maßstab gibt und einen Schatten wirft.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/tray.py" />
            <location filename="softmound/desk/fields/stand_in_fields.py" />
            <source>Duplicate</source>
            <translation>Verdoppeln</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/voxels/surface_steps.py" />
            <location filename="softmound/desk/stations/mass/tray.py" />
            <location filename="softmound/desk/stations/mass/settings.py" />
            <location filename="softmound/desk/stations/grain/settings.py" />
            <location filename="softmound/desk/stations/formation/settings.py" />
            <location filename="softmound/desk/fields/where_fields.py" />
            <location filename="softmound/desk/fields/stand_in_fields.py" />
            <source>Remove</source>
            <translation>Entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/stand_in_fields.py" />
            <source>Duplicate the stand-in</source>
            <translation>Den Statisten verdoppeln</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/stand_in_fields.py" />
            <source>Remove the stand-in</source>
            <translation>Den Statisten entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/stand_in_fields.py" />
            <source>None chosen</source>
            <translation>Nichts gewählt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/fields/stand_in_fields.py" />
            <source>None</source>
            <translation>Keine</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/stand_in_fields.py" />
            <source>Solid things give a cloud scale; they cast shadows, and receive its own.</source>
            <translation>Feste Gegenstände geben einer Wolke Maßstab; sie werfen Schatten und empfangen ihren.</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/where_fields.py" />
            <source>Everywhere. Masks multiply: {}.</source>
            <translation>Überall. Masken multiplizieren sich: {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/where_fields.py" />
            <source>Add a mask</source>
            <translation>Eine Maske hinzufügen</translation>
        </message>
        <message>
            <location filename="softmound/desk/fields/where_fields.py" />
            <source>Remove mask {}</source>
            <translation>Maske {} entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/settings.py" />
            <location filename="softmound/desk/fields/where_fields.py" />
            <source>Paint</source>
            <translation>Malen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/settings.py" />
            <location filename="softmound/desk/fields/where_fields.py" />
            <source>Paint on the cloud with the left hand; Alt takes paint away.</source>
            <translation>Male mit der linken Hand auf die Wolke; Alt nimmt Farbe weg.</translation>
        </message>
        <message>
            <location filename="softmound/desk/help/reference.py" />
            <location filename="softmound/desk/help/reference.py" />
            <source>The command line</source>
            <translation>Die Kommandozeile</translation>
        </message>
        <message>
            <location filename="softmound/desk/help/reference.py" />
            <source>off at first</source>
            <translation>anfangs aus</translation>
        </message>
        <message>
            <location filename="softmound/desk/help/reference.py" />
            <source>on at first</source>
            <translation>anfangs an</translation>
        </message>
        <message>
            <location filename="softmound/desk/help/reference.py" />
            <source>at first: {}</source>
            <translation>anfangs: {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/help/reference.py" />
            <source>from {} to {} {}</source>
            <translation>von {} bis {} {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/help/reference.py" />
            <source>by hand from {} to {}</source>
            <translation>von Hand von {} bis {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/help/reference.py" />
            <source>left out at first</source>
            <translation>anfangs weggelassen</translation>
        </message>
        <message>
            <location filename="softmound/desk/help/reference.py" />
            <source>at first {}</source>
            <translation>anfangs {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/help/reference.py" />
            <source>Every action has --help with examples. Lengths are metres, angles degrees, unless it says otherwise.</source>
            <translation>Jede Aktion hat --help mit Beispielen. Längen sind Meter, Winkel Grad, wenn nichts anderes dabeisteht.</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/application.py" />
            <source>You can begin. What only some need, such as True light and growth, is still being compiled for two minutes.</source>
            <translation>Du kannst beginnen. Was nur manche brauchen, wie wahres Licht und Wachstum, wird noch zwei Minuten lang übersetzt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/application.py" />
            <source>All is compiled now.</source>
            <translation>Alles ist jetzt übersetzt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/application.py" />
            <source>Not all could be compiled; what is missing is compiled when it is needed.</source>
            <translation>Nicht alles ließ sich übersetzen; was fehlt, wird übersetzt, wenn es gebraucht wird.</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/bars.py" />
            <source>Menu</source>
            <translation>Menü</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/bars.py" />
            <source>Menu (Alt+M)</source>
            <translation>Menü (Alt+M)</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/bars.py" />
            <source>not saved</source>
            <translation>nicht gesichert</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/bars.py" />
            <source>saved {}</source>
            <translation>gesichert {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/bars.py" />
            <source>saved</source>
            <translation>gesichert</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/shell/bars.py" />
            <source>Undo</source>
            <translation>Rückgängig</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/shell/bars.py" />
            <source>Redo</source>
            <translation>Wiederholen</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/bars.py" />
            <source>Voxels and memory</source>
            <translation>Voxel und Speicher</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/bars.py" />
            <source>Timing and messages</source>
            <translation>Zeiten und Meldungen</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/bars.py" />
            <source>{} seen · {} of {} kept</source>
            <translation>{} zu sehen · {} von {} behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/bars.py" />
            <source>no voxels</source>
            <translation>keine Voxel</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/bars.py" />
            <source> · {} active</source>
            <translation> · {} aktiv</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/bars.py" />
            <source>, near {} m</source>
            <translation>, bei {} m</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/bars.py" />
            <source>{} voxels · {} m{} · {} of {} kept</source>
            <translation>{} Voxel · {} m{} · {} von {} behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/bars.py" />
            <source>lit in {}</source>
            <translation>beleuchtet in {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/commands.py" />
            <source>Stations</source>
            <translation>Stationen</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/commands.py" />
            <source>Open {}</source>
            <translation>{} öffnen</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/commands.py" />
            <location filename="softmound/desk/shell/commands.py" />
            <source>In {}</source>
            <translation>In {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/explaining.py" />
            <source>Choose one.</source>
            <translation>Wähle eines.</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/explaining.py" />
            <source>Type here.</source>
            <translation>Hier tippen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/leaving.py" />
            <source>, and {} more</source>
            <translation>, und {} weitere</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/leaving.py" />
            <source>“{}” is being done{}. It can go on without the window; Soft Mound ends when it is done.</source>
            <translation>„{}“ ist in Arbeit{}. Es kann ohne das Fenster weitergehen; Soft Mound endet, wenn es fertig ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/shell/leaving.py" />
            <source>Go on</source>
            <translation>Weiter</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/leaving.py" />
            <source>Stop it</source>
            <translation>Anhalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/opening.py" />
            <source>There is no screen to open on; start it from a desktop session.</source>
            <translation>Es gibt keinen Bildschirm zum Öffnen; starte es in einer Desktop-Sitzung.</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/strip.py" />
            <source>{} station</source>
            <translation>Station {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/strip.py" />
            <source>{}; key {}</source>
            <translation>{}; Taste {}</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/shell/window.py" />
            <location filename="softmound/desk/shell/warming.py" />
            <location filename="softmound/desk/shell/telling.py" />
            <source>Soft Mound</source>
            <translation>Soft Mound</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/tour.py" />
            <source>First cloud</source>
            <translation>Erste Wolke</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/tour.py" />
            <source>Skip this step</source>
            <translation>Diesen Schritt überspringen</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/tour.py" />
            <source>Leave</source>
            <translation>Verlassen</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/tour.py" />
            <source>That was a cloud. The manual goes on from here (Shift+F2); Ctrl+K finds anything.</source>
            <translation>Das war eine Wolke. Das Handbuch geht von hier weiter (Umschalt+F2); Strg+K findet alles.</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/tour.py" />
            <source>step {} of {}</source>
            <translation>Schritt {} von {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/warming.py" />
            <source>Getting ready</source>
            <translation>Macht sich bereit</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/warming.py" />
            <source>What makes and lights clouds is compiled for this processor, once. It takes about a minute until you can begin; what only some need is compiled while you work. From then on Soft Mound starts in seconds.</source>
            <translation>Was Wolken macht und beleuchtet, wird einmal für diesen Prozessor übersetzt. Es dauert etwa eine Minute, bis du beginnen kannst; was nur manche brauchen, wird übersetzt, während du arbeitest. Danach startet Soft Mound in Sekunden.</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/warming.py" />
            <source>beginning</source>
            <translation>Anfang</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/warming.py" />
            <source>How far it is</source>
            <translation>Wie weit es ist</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/warming.py" />
            <source>Not now</source>
            <translation>Nicht jetzt</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/warming.py" />
            <source>Leave; it begins again at the next start.</source>
            <translation>Verlassen; es beginnt beim nächsten Start von neuem.</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/warming.py" />
            <source>That did not work; start softmound from a terminal to see why.</source>
            <translation>Das ging nicht; starte softmound in einem Terminal, um zu sehen, warum.</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/window.py" />
            <source>Against something</source>
            <translation>Neben etwas</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/picture.py" />
            <location filename="softmound/desk/shell/window.py" />
            <source>base level</source>
            <translation>Basishöhe</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/picture.py" />
            <location filename="softmound/desk/shell/window.py" />
            <source>top level</source>
            <translation>Deckhöhe</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/window.py" />
            <source>{}: ended.</source>
            <translation>{}: beendet.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <location filename="softmound/desk/view/flying.py" />
            <location filename="softmound/desk/shell/window.py" />
            <source>time line</source>
            <translation>Zeitleiste</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/window.py" />
            <source>There is nothing to resize yet: add a blob in Mass.</source>
            <translation>Es gibt noch nichts, dessen Größe sich ändern ließe: füge in Masse einen Blob hinzu.</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/window.py" />
            <source>resize mound</source>
            <translation>Größe des Mounds ändern</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/window.py" />
            <source>Against a craft</source>
            <translation>Neben einem Fluggerät</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/window.py" />
            <source>How long is it, in metres?</source>
            <translation>Wie lang ist es, in Metern?</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/window.py" />
            <source>Lengths</source>
            <translation>Längen</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/window.py" />
            <source>Show lengths in; any unit can be typed, as 3 ft or 120 cm, whatever is shown:</source>
            <translation>Längen zeigen in; jede Einheit lässt sich tippen, wie 3 ft oder 120 cm, was auch gezeigt wird:</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/window.py" />
            <source>Language</source>
            <translation>Sprache</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/window.py" />
            <source>From the next start on. Translations made with Qt Linguist, named by their language as de.ts, are looked for in {}:</source>
            <translation>Vom nächsten Start an. Übersetzungen aus Qt Linguist, nach ihrer Sprache benannt wie de.ts, werden gesucht in {}:</translation>
        </message>
        <message>
            <location filename="softmound/desk/shell/window.py" />
            <source>Judge colours on the dark ground: before a light one a picture looks darker than it is.</source>
            <translation>Beurteile Farben auf dem dunklen Grund: vor einem hellen sieht ein Bild dunkler aus, als es ist.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/files.py" />
            <source>Open a flock</source>
            <translation>Eine Schar öffnen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/files.py" />
            <source>Flocks, stages, lists (*.flock *.usda *.usdc *.usd *.json)</source>
            <translation>Scharen, Bühnen, Listen (*.flock *.usda *.usdc *.usd *.json)</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/files.py" />
            <location filename="softmound/desk/stations/formation/files.py" />
            <source>open flock</source>
            <translation>Schar öffnen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/files.py" />
            <source>Save the flock</source>
            <translation>Die Schar sichern</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/files.py" />
            <source>Flocks (*.flock)</source>
            <translation>Scharen (*.flock)</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/files.py" />
            <source>Export the flock</source>
            <translation>Die Schar ausgeben</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/files.py" />
            <source>OpenUSD (*.usda *.usdc);;List of members (*.json);;Merged OpenVDB (*.vdb)</source>
            <translation>OpenUSD (*.usda *.usdc);;Mitgliederliste (*.json);;Vereintes OpenVDB (*.vdb)</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/files.py" />
            <source>Exported {}: {}.</source>
            <translation>{} ausgegeben: {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/files.py" />
            <source>Export {}</source>
            <translation>{} ausgeben</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/files.py" />
            <source>There is nothing to take pictures of: place clouds of the library on the plan first.</source>
            <translation>Es gibt nichts für Bilder: setze erst Wolken der Bibliothek auf den Plan.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/files.py" />
            <source>With two kept views or more a film goes along a path through them.</source>
            <translation>Mit zwei oder mehr behaltenen Ansichten führt ein Film auf einem Weg durch sie.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/files.py" />
            <source>Take {}</source>
            <translation>{} nehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/layers.py" />
            <source>Eight decks are the most a flock can have; remove one first.</source>
            <translation>Acht Decken sind das Meiste für eine Schar; entferne erst eine.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/layers.py" />
            <source>Eight hazes are the most a flock can have; remove one first.</source>
            <translation>Acht Dünste sind das Meiste für eine Schar; entferne erst einen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/stand_ins.py" />
            <location filename="softmound/desk/stations/stand_ins.py" />
            <location filename="softmound/desk/stations/mass/station.py" />
            <location filename="softmound/desk/stations/grain/station.py" />
            <location filename="softmound/desk/stations/formation/layers.py" />
            <source>add {}</source>
            <translation>{} hinzufügen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/layers.py" />
            <source>change {}</source>
            <translation>{} ändern</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/layers.py" />
            <source>remove {}</source>
            <translation>{} entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/layers.py" />
            <source>Which {}</source>
            <translation>Was: {}</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/settings.py" />
            <location filename="softmound/desk/stations/formation/settings.py" />
            <location filename="softmound/desk/stations/formation/plate.py" />
            <location filename="softmound/desk/stations/formation/layers.py" />
            <source>Hidden</source>
            <translation>Verborgen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/layers.py" />
            <source>{} hidden</source>
            <translation>{} verborgen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/layers.py" />
            <source>In a box</source>
            <translation>In einem Kasten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/layers.py" />
            <source>It fills a box rather than all that is within its reach.</source>
            <translation>Er füllt einen Kasten statt alles in seiner Reichweite.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/layers.py" />
            <source>Add {}</source>
            <translation>{} hinzufügen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/layers.py" />
            <source>Remove {}</source>
            <translation>{} entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/layers.py" />
            <source>Take it out of the sky.</source>
            <translation>Aus dem Himmel nehmen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/members.py" />
            <source>Group {}</source>
            <translation>Gruppe {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/members.py" />
            <source>group members</source>
            <translation>Mitglieder gruppieren</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/members.py" />
            <source>ungroup members</source>
            <translation>Mitglieder trennen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/members.py" />
            <source>move members</source>
            <translation>Mitglieder bewegen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/members.py" />
            <source>lift members</source>
            <translation>Mitglieder heben</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/members.py" />
            <source>change members</source>
            <translation>Mitglieder ändern</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/members.py" />
            <location filename="softmound/desk/stations/formation/members.py" />
            <source>It has no recipe: it was adopted, or its files are gone.</source>
            <translation>Sie hat kein Rezept: sie wurde übernommen, oder ihre Dateien sind weg.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/members.py" />
            <source>own mound</source>
            <translation>eigenes Mound</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/members.py" />
            <source>Written: {}.mound; what you save there is shown here.</source>
            <translation>Geschrieben: {}.mound; was du dort sicherst, wird hier gezeigt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/members.py" />
            <source>place {}</source>
            <translation>{} setzen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/members.py" />
            <source>remove members</source>
            <translation>Mitglieder entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plan.py" />
            <source>Plan of the sky</source>
            <translation>Plan des Himmels</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plan.py" />
            <source>The sky from above. Drag members; drag beside them to slide; the wheel approaches; double click places another.</source>
            <translation>Der Himmel von oben. Zieh Mitglieder; daneben ziehen schiebt; das Rad geht näher; ein Doppelklick setzt ein weiteres.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>Horizon</source>
            <translation>Horizont</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>How far down the photograph its horizon lies; the view is turned up or down until its own lies there.</source>
            <translation>Wie weit unten im Foto sein Horizont liegt; die Ansicht wird auf oder ab gedreht, bis ihr eigener dort liegt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>Opacity</source>
            <translation>Deckkraft</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>How much of the sky it hides.</source>
            <translation>Wie viel vom Himmel es verdeckt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>Plate hidden</source>
            <translation>Fototafel verborgen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>Take horizon</source>
            <translation>Horizont nehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>Drag in the picture to where the photograph has its horizon; Esc lets go.</source>
            <translation>Zieh im Bild dorthin, wo das Foto seinen Horizont hat; Esc lässt los.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>Take sun</source>
            <translation>Sonne nehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>Click in the picture where the photograph has its sun, or would have it; Esc lets go.</source>
            <translation>Klick ins Bild, wo das Foto seine Sonne hat oder hätte; Esc lässt los.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>Photograph…</source>
            <translation>Foto…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>Remove plate</source>
            <translation>Fototafel entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>Choose the photograph that stands behind the clouds, here and in pictures and films.</source>
            <translation>Wähle das Foto, das hinter den Wolken steht, hier und in Bildern und Filmen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>The file stays where it is.</source>
            <translation>Die Datei bleibt, wo sie ist.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>remove photograph</source>
            <translation>Foto entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>No photograph stands behind the clouds.</source>
            <translation>Kein Foto steht hinter den Wolken.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>Read {}</source>
            <translation>{} lesen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>A plate</source>
            <translation>Eine Fototafel</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/plate.py" />
            <location filename="softmound/desk/stations/formation/plate.py" />
            <source>photograph behind</source>
            <translation>Foto dahinter</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Chosen members</source>
            <translation>Gewählte Mitglieder</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Multiplies its own colour.</source>
            <translation>Multipliziert seine eigene Farbe.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Mirrored</source>
            <translation>Gespiegelt</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Spreading again leaves it as it is, and the hand does not move it.</source>
            <translation>Neues Streuen lässt es, wie es ist, und die Hand bewegt es nicht.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Take them out (Delete); spreading again does not bring them back.</source>
            <translation>Sie herausnehmen (Entf); neues Streuen bringt sie nicht zurück.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Open its mound</source>
            <translation>Sein Mound öffnen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Make its recipe the present mound.</source>
            <translation>Sein Rezept zum jetzigen Mound machen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Group</source>
            <translation>Gruppe</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Let the chosen members be chosen together from now on, or no longer (Ctrl+G).</source>
            <translation>Die gewählten Mitglieder von nun an zusammen wählen, oder nicht mehr (Strg+G).</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Make its own mound</source>
            <translation>Eigenes Mound machen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Write its recipe as a mound of its own beside the flock; it stays where it stands, and follows what you save there.</source>
            <translation>Sein Rezept als eigenes Mound neben der Schar schreiben; es bleibt, wo es steht, und folgt dem, was du dort sicherst.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Which spread</source>
            <translation>Welche Streuung</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Another seed</source>
            <translation>Anderer Seed</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Place all of them anew; what was changed by hand stays.</source>
            <translation>Alle neu setzen; was von Hand geändert wurde, bleibt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Remove spread</source>
            <translation>Streuung entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>With all that it placed and nobody changed.</source>
            <translation>Mit allem, was sie gesetzt hat und niemand geändert hat.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Light and view</source>
            <translation>Licht und Ansicht</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Air between</source>
            <translation>Luft dazwischen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Earth's curve</source>
            <translation>Erdkrümmung</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Far clouds fade into the air before them, where the sky is that of the air.</source>
            <translation>Ferne Wolken verblassen in der Luft davor, wo der Himmel der der Luft ist.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>What is far stands lower, as the earth falls away.</source>
            <translation>Was fern ist, steht tiefer, da die Erde sich wegkrümmt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/mixer.py" />
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Take all back</source>
            <translation>Alles zurücknehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/mixer.py" />
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>All light as it comes: every fader at 1, no tint, nothing solo or muted.</source>
            <translation>Alles Licht, wie es kommt: jeder Regler auf 1, kein Farbton, nichts solo oder stumm.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Light of the mound</source>
            <translation>Licht des Mounds</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Show the flock in the light of the present mound; the sun can be dragged on the dome as well.</source>
            <translation>Die Schar im Licht des jetzigen Mounds zeigen; die Sonne lässt sich auch auf der Kuppel ziehen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Keep view</source>
            <translation>Ansicht behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Keep where it is looked at from: a camera of the stage, and a point of the film's path.</source>
            <translation>Behalten, von wo man schaut: eine Kamera der Bühne, und ein Punkt auf dem Weg des Films.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Focal length</source>
            <translation>Brennweite</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Of a 36 mm film: short lenses look wide.</source>
            <translation>Eines 36-mm-Films: kurze Objektive sehen weit.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Kept views</source>
            <translation>Behaltene Ansichten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Forget</source>
            <translation>Vergessen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Take the kept view that is chosen off the list.</source>
            <translation>Die gewählte behaltene Ansicht von der Liste nehmen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Picture, film…</source>
            <translation>Bild, Film…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>A still, or a film along a path through the kept views (Ctrl+T).</source>
            <translation>Ein Standbild, oder ein Film auf einem Weg durch die behaltenen Ansichten (Strg+T).</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Begin an empty flock.</source>
            <translation>Eine leere Schar beginnen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Open a .flock file.</source>
            <translation>Eine .flock-Datei öffnen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Save as…</source>
            <translation>Sichern als…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Save it as a .flock file; a copy outlives the program in any case.</source>
            <translation>Als .flock-Datei sichern; eine Kopie überlebt das Programm in jedem Fall.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>An OpenUSD stage, a list of members, or one merged OpenVDB grid.</source>
            <translation>Eine OpenUSD-Bühne, eine Mitgliederliste, oder ein vereintes OpenVDB-Gitter.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Choose members in the picture or on the plan.</source>
            <translation>Wähle Mitglieder im Bild oder auf dem Plan.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>{} members</source>
            <translation>{} Mitglieder</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>Ungroup</source>
            <translation>Trennen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>sun {}° high, at {}°</source>
            <translation>Sonne {}° hoch, bei {}°</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/settings.py" />
            <source>not saved as a file</source>
            <translation>nicht als Datei gesichert</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/spreads.py" />
            <source>Spread {}</source>
            <translation>{} streuen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/spreads.py" />
            <source>spread</source>
            <translation>streuen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/spreads.py" />
            <source>change spread</source>
            <translation>Streuung ändern</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/spreads.py" />
            <location filename="softmound/desk/stations/formation/spreads.py" />
            <source>paint spread</source>
            <translation>Streuung malen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/spreads.py" />
            <source>spread along a line</source>
            <translation>an einer Linie streuen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/spreads.py" />
            <source>remove spread</source>
            <translation>Streuung entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/station.py" />
            <source>Place clouds of the library on the plan below, or spread them.</source>
            <translation>Setze Wolken der Bibliothek auf den Plan darunter, oder streue sie.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/station.py" />
            <source>air between</source>
            <translation>Luft dazwischen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/station.py" />
            <source>curve of the earth</source>
            <translation>Erdkrümmung</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/station.py" />
            <source>light of the mound</source>
            <translation>Licht des Mounds</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <location filename="softmound/desk/stations/formation/station.py" />
            <source>View {}</source>
            <translation>Ansicht {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/station.py" />
            <source>keep view</source>
            <translation>Ansicht behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/station.py" />
            <source>forget view</source>
            <translation>Ansicht vergessen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/station.py" />
            <source>new flock</source>
            <translation>neue Schar</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>Asset that is placed</source>
            <translation>Asset, das gesetzt wird</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>An asset of the library.</source>
            <translation>Ein Asset der Bibliothek.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>Place one</source>
            <translation>Eines setzen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>In the middle of the plan; a double click on the plan places it there.</source>
            <translation>In der Mitte des Plans; ein Doppelklick auf den Plan setzt es dorthin.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>Spread it</source>
            <translation>Streuen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>Place many of it over what the plan shows, by a rule and one seed.</source>
            <translation>Viele davon nach einer Regel und einem Seed über das setzen, was der Plan zeigt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>Whole sky</source>
            <translation>Ganzer Himmel</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>Spread every asset of the library over what the plan shows.</source>
            <translation>Jedes Asset der Bibliothek über das streuen, was der Plan zeigt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>Fit plan</source>
            <translation>Plan einpassen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>Show all members on the plan.</source>
            <translation>Alle Mitglieder auf dem Plan zeigen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>Paint area</source>
            <translation>Fläche malen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>Draw line</source>
            <translation>Linie zeichnen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>Paint on the plan where the members of the spread stand; Alt takes away.</source>
            <translation>Male auf den Plan, wo die Mitglieder der Streuung stehen; Alt nimmt weg.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>Draw on the plan a line along which the members of the spread stand.</source>
            <translation>Zeichne auf dem Plan eine Linie, an der die Mitglieder der Streuung stehen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>Formation places published clouds in one sky. The library is empty: publish this mound first.</source>
            <translation>Formation setzt veröffentlichte Wolken in einen Himmel. Die Bibliothek ist leer: veröffentliche erst dieses Mound.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/wall_page.py" />
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>Publish this mound</source>
            <translation>Dieses Mound veröffentlichen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>, {} chosen</source>
            <translation>, {} gewählt</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/formation/tray.py" />
            <source>nothing is placed yet</source>
            <translation>noch nichts gesetzt</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/nature_dialog.py" />
            <location filename="softmound/desk/stations/grain/nature_dialog.py" />
            <source>Nature check</source>
            <translation>Naturprüfung</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/nature_dialog.py" />
            <source>Measured on this cloud as it is looked at; green is what is measured of clouds.</source>
            <translation>An dieser Wolke gemessen, wie sie zu sehen ist; grün ist, was an Wolken gemessen wurde.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/nature_dialog.py" />
            <source>too small to tell</source>
            <translation>zu klein, um es zu sagen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/nature_dialog.py" />
            <source>Natural: {} to {}{}{}; {}.</source>
            <translation>Natürlich: {} bis {}{}{}; {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/nature_dialog.py" />
            <source>What moves it: {}</source>
            <translation>Was es bewegt: {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/scale_ruler.py" />
            <location filename="softmound/desk/stations/grain/scale_ruler.py" />
            <source>Scale ruler</source>
            <translation>Größenlineal</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/scale_ruler.py" />
            <source>Remedy</source>
            <translation>Abhilfe</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/scale_ruler.py" />
            <source>Feature sizes from the voxel to the cloud. Drag a hill sideways for its size, up for its strength; arrow keys do the same, Tab goes on to the settings. The pale line is all grains together, the dotted one nature's slope.</source>
            <translation>Merkmalsgrößen vom Voxel bis zur Wolke. Zieh einen Hügel seitwärts für seine Größe, aufwärts für seine Stärke; Pfeiltasten tun dasselbe, Tab geht weiter zu den Einstellungen. Die blasse Linie sind alle Körner zusammen, die gepunktete das Gefälle der Natur.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/scale_ruler.py" />
            <location filename="softmound/desk/stations/grain/scale_ruler.py" />
            <source>size and strength of grain</source>
            <translation>Größe und Stärke des Korns</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/scale_ruler.py" />
            <source>Nothing to measure yet: add a blob in Mass.</source>
            <translation>Noch nichts zu messen: füge in Masse einen Blob hinzu.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/scale_ruler.py" />
            <source>cloud span</source>
            <translation>Spannweite der Wolke</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/scale_ruler.py" />
            <source>finer than 2 final voxels</source>
            <translation>feiner als 2 Endvoxel</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/scale_ruler.py" />
            <source>finer than 2 draft voxels</source>
            <translation>feiner als 2 Entwurfsvoxel</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/scale_ruler.py" />
            <source>nature's slope</source>
            <translation>Gefälle der Natur</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/scale_ruler.py" />
            <source> · off</source>
            <translation> · aus</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/settings.py" />
            <location filename="softmound/desk/stations/grain/settings.py" />
            <source>Action</source>
            <translation>Wirkung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/grain/settings.py" />
            <source>On</source>
            <translation>An</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/settings.py" />
            <source>grain on or off</source>
            <translation>Korn an oder aus</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/settings.py" />
            <source>More of the noise</source>
            <translation>Mehr vom Rauschen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/settings.py" />
            <source>Warp the noise</source>
            <translation>Das Rauschen verzerren</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/settings.py" />
            <source>Moves the places at which the noise is read, by another noise.</source>
            <translation>Verschiebt die Orte, an denen das Rauschen gelesen wird, durch ein anderes Rauschen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/settings.py" />
            <source>Show it in the picture</source>
            <translation>Im Bild zeigen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/settings.py" />
            <source>Tints the cloud where this grain acts.</source>
            <translation>Färbt die Wolke, wo dieses Korn wirkt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/settings.py" />
            <source>All densities</source>
            <translation>Alle Dichten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/grain/settings.py" />
            <source>Grain</source>
            <translation>Korn</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/grain/settings.py" />
            <source>noise at every scale</source>
            <translation>Rauschen in jeder Größe</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/settings.py" />
            <source>Make a part thicker or thinner: a ball, a box or paint that changes the density there.</source>
            <translation>Macht einen Teil dicker oder dünner: eine Kugel, ein Quader oder Farbe, die dort die Dichte ändert.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/settings.py" />
            <source>Add a patch</source>
            <translation>Einen Flicken hinzufügen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/settings.py" />
            <source>Remove patch {}</source>
            <translation>Flicken {} entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/settings.py" />
            <location filename="softmound/desk/stations/grain/settings.py" />
            <source>Patch {}</source>
            <translation>Flicken {}</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
            <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
            <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
            <source>Siblings</source>
            <translation>Geschwister</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
            <source>The same mound under other seeds. Choose one to go on with, or several to publish.</source>
            <translation>Dasselbe Mound unter anderen Seeds. Wähle eines, um damit weiterzumachen, oder mehrere zum Veröffentlichen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
            <source>Others</source>
            <translation>Andere</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
            <source>Another dozen.</source>
            <translation>Ein weiteres Dutzend.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
            <source>Seeds of</source>
            <translation>Seeds von</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
            <source>Take it over</source>
            <translation>Übernehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
            <source>Keep as snapshots</source>
            <translation>Als Schnappschüsse behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
            <source>Kept with the mound in Light, to compare with and to go back to.</source>
            <translation>Mit dem Mound in Licht behalten, zum Vergleichen und Zurückgehen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
            <source>Publish the chosen</source>
            <translation>Die gewählten veröffentlichen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
            <source>Taking their pictures…</source>
            <translation>Nimmt ihre Bilder…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
            <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
            <source>This one</source>
            <translation>Dieses</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
            <source>Sibling {}</source>
            <translation>Geschwister {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>There is no shape to grain yet: add a blob in Mass.</source>
            <translation>Es gibt noch keine Form zum Körnen: füge in Masse einen Blob hinzu.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>The surface is still smooth. Press Add grain to break it up.</source>
            <translation>Die Oberfläche ist noch glatt. Drücke Korn hinzufügen, um sie aufzubrechen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>grain {}</source>
            <translation>Korn {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>warp {}</source>
            <translation>Verzerrung {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>make it {}</source>
            <translation>{} daraus machen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>A mound has at most {} grains; remove one first.</source>
            <translation>Ein Mound hat höchstens {} Körner; entferne erst eines.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>remove grain</source>
            <translation>Korn entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>duplicate grain</source>
            <translation>Korn verdoppeln</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>order of grains</source>
            <translation>Reihenfolge der Körner</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>all grains again</source>
            <translation>wieder alle Körner</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>solo grain</source>
            <translation>Korn solo</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>character {}</source>
            <translation>Charakter {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>A character from a file</source>
            <translation>Ein Charakter aus einer Datei</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>Characters (*{})</source>
            <translation>Charaktere (*{})</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>There are no grains to keep yet.</source>
            <translation>Es gibt noch keine Körner zu behalten.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>Keep as a character</source>
            <translation>Als Charakter behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>Its name</source>
            <translation>Sein Name</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>Kept as {}.</source>
            <translation>Behalten als {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>A grain or a patch has at most {} masks; remove one first.</source>
            <translation>Ein Korn oder ein Flicken hat höchstens {} Masken; entferne erst eine.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>mask {}</source>
            <translation>Maske {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>remove mask</source>
            <translation>Maske entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>There is no shape to patch yet: add a blob in Mass.</source>
            <translation>Es gibt noch keine Form zum Flicken: füge in Masse einen Blob hinzu.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>add patch</source>
            <translation>Flicken hinzufügen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>paint</source>
            <translation>malen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>patch {}</source>
            <translation>Flicken {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>curve over all densities</source>
            <translation>Kurve über alle Dichten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>remove patch</source>
            <translation>Flicken entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>There is no cloud yet: add a blob in Mass.</source>
            <translation>Es gibt noch keine Wolke: füge in Masse einen Blob hinzu.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>take a sibling</source>
            <translation>Geschwister nehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>keep siblings as snapshots</source>
            <translation>Geschwister als Schnappschüsse behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>Kept {} siblings as snapshots: they lie in the tray of Light.</source>
            <translation>{} Geschwister als Schnappschüsse behalten: sie liegen in der Ablage von Licht.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/station.py" />
            <source>There is no cloud to measure yet: add a blob in Mass.</source>
            <translation>Es gibt noch keine Wolke zu messen: füge in Masse einen Blob hinzu.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Add grain</source>
            <translation>Korn hinzufügen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Add a push, finer than the finest (G).</source>
            <translation>Einen Schub hinzufügen, feiner als der feinste (G).</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Other…</source>
            <translation>Anderes…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Add a grain of another action.</source>
            <translation>Ein Korn mit anderer Wirkung hinzufügen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Duplicate the chosen grain with another seed.</source>
            <translation>Das gewählte Korn mit anderem Seed verdoppeln.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Remove the chosen grain (Delete).</source>
            <translation>Das gewählte Korn entfernen (Entf).</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Let it work earlier: each grain sees what those before have made.</source>
            <translation>Früher wirken lassen: jedes Korn sieht, was die vorigen gemacht haben.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Let it work later.</source>
            <translation>Später wirken lassen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Solo</source>
            <translation>Solo</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Only this grain; press again for all.</source>
            <translation>Nur dieses Korn; noch einmal drücken für alle.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Final</source>
            <translation>Endgültig</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Hatch what the final voxel cannot hold, rather than the draft's.</source>
            <translation>Schraffiert, was das Endvoxel nicht fasst, statt das des Entwurfs.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Characters</source>
            <translation>Charaktere</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Ready sets of grains, and your own.</source>
            <translation>Fertige Sätze von Körnern, und eigene.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Siblings…</source>
            <translation>Geschwister…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>The same mound under other seeds.</source>
            <translation>Dasselbe Mound unter anderen Seeds.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Nature…</source>
            <translation>Natur…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Measure this cloud against measured nature.</source>
            <translation>Diese Wolke an der gemessenen Natur messen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Duplicate grain</source>
            <translation>Korn verdoppeln</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Remove grain</source>
            <translation>Korn entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Grain earlier</source>
            <translation>Korn früher</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Grain later</source>
            <translation>Korn später</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>Keep these grains…</source>
            <translation>Diese Körner behalten…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/tray.py" />
            <location filename="softmound/desk/stations/grain/tray.py" />
            <source>From a file…</source>
            <translation>Aus einer Datei…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <location filename="softmound/desk/stations/library/arriving.py" />
            <source>Watch a folder</source>
            <translation>Einen Ordner beobachten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/arriving.py" />
            <location filename="softmound/desk/stations/library/arriving.py" />
            <source>Adopt {}</source>
            <translation>{} übernehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/arriving.py" />
            <location filename="softmound/desk/stations/library/arriving.py" />
            <source>Adopted as {} {}.</source>
            <translation>Übernommen als {} {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/library/wall_page.py" />
            <location filename="softmound/desk/stations/library/arriving.py" />
            <source>Adopt</source>
            <translation>Übernehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>A basket is called by letters and figures, without a slash.</source>
            <translation>Ein Korb heißt nach Buchstaben und Ziffern, ohne Schrägstrich.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>New basket</source>
            <translation>Neuer Korb</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>The shot, or what it is for:</source>
            <translation>Die Einstellung, oder wofür er ist:</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>new basket</source>
            <translation>neuer Korb</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>Drag cards onto {} to put them into it.</source>
            <translation>Zieh Karten auf {}, um sie hineinzulegen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>put into {}</source>
            <translation>in {} legen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>take out</source>
            <translation>herausnehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>order</source>
            <translation>Reihenfolge</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>note</source>
            <translation>Notiz</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>take the newest</source>
            <translation>die neueste nehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>All of them are the newest.</source>
            <translation>Alle sind die neuesten.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>Rename basket</source>
            <translation>Korb umbenennen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>From now on:</source>
            <translation>Von nun an:</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>delete basket</source>
            <translation>Korb löschen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>The basket {} was deleted; its versions stay. Ctrl+Z brings it back.</source>
            <translation>Der Korb {} wurde gelöscht; seine Versionen bleiben. Strg+Z bringt ihn zurück.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>Contact sheet</source>
            <translation>Kontaktbogen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>Picture (*.png)</source>
            <translation>Bild (*.png)</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>{} is written.</source>
            <translation>{} ist geschrieben.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>Contact sheet of {}</source>
            <translation>Kontaktbogen von {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>Pack it all the same</source>
            <translation>Trotzdem packen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>Not yet</source>
            <translation>Noch nicht</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>Pack the basket</source>
            <translation>Den Korb packen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>Archive (*.tar);;Folder (*)</source>
            <translation>Archiv (*.tar);;Ordner (*)</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>{} versions are packed in {}.</source>
            <translation>{} Versionen sind in {} gepackt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>Pack {}</source>
            <translation>{} packen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/baskets.py" />
            <source>A click shows it on the wall; cards that are dropped on it are put into it; right click for more.</source>
            <translation>Ein Klick zeigt ihn auf der Wand; Karten, die man darauf fallen lässt, kommen hinein; mehr mit der rechten Taste.</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/delivering.py" />
            <location filename="softmound/desk/work/delivering.py" />
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>There is no cloud to publish yet: add a blob in Mass.</source>
            <translation>Es gibt noch keine Wolke zu veröffentlichen: füge in Masse einen Blob hinzu.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>Publish seeds</source>
            <translation>Seeds veröffentlichen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>This mound and so many siblings:</source>
            <translation>Dieses Mound und so viele Geschwister:</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>{} is on the clipboard.</source>
            <translation>{} ist in der Zwischenablage.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>Drop files of {}</source>
            <translation>Dateien von {} ablegen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>{} were freed; “Bring its files back” builds them again.</source>
            <translation>{} wurden frei; „Seine Dateien zurückholen“ baut sie wieder.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>Bring files of {} back</source>
            <translation>Dateien von {} zurückholen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>{} v{:03d} has its files again, with the same values.</source>
            <translation>{} v{:03d} hat seine Dateien wieder, mit denselben Werten.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>{}: its recipe gives the same values today.</source>
            <translation>{}: sein Rezept ergibt heute dieselben Werte.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>{}: its recipe gives a cloud that stands elsewhere today.</source>
            <translation>{}: sein Rezept ergibt heute eine Wolke, die anderswo steht.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>{}: its recipe gives other values today: by up to {}, in the mean {}.</source>
            <translation>{}: sein Rezept ergibt heute andere Werte: um bis zu {}, im Mittel {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>Build {} again</source>
            <translation>{} neu bauen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>{} versions were brought back.</source>
            <translation>{} Versionen wurden zurückgeholt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>Nothing was put aside.</source>
            <translation>Nichts wurde beiseitegelegt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>Delete what was put aside</source>
            <translation>Löschen, was beiseitegelegt wurde</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>{} versions were deleted, {}.</source>
            <translation>{} Versionen wurden gelöscht, {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source> {} files were put right.</source>
            <translation> {} Dateien wurden berichtigt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>{} of {} versions are as published, {}{}.{}{}</source>
            <translation>{} von {} Versionen sind wie veröffentlicht, {}{}.{}{}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>Look after the library</source>
            <translation>Die Bibliothek pflegen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>{} v{:03d} is used in {}.</source>
            <translation>{} v{:03d} wird verwendet in {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>Put it aside all the same</source>
            <translation>Trotzdem beiseitelegen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>Leave it there</source>
            <translation>Dort lassen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>{} v{:03d} was put aside; under “Put aside” it can be brought back.</source>
            <translation>{} v{:03d} wurde beiseitegelegt; unter „Beiseitelegen“ lässt es sich zurückholen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>Replace where it is used</source>
            <translation>Ersetzen, wo es verwendet wird</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>{} v{:03d} by:</source>
            <translation>{} v{:03d} durch:</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>replace a version</source>
            <translation>Version ersetzen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>{} baskets and flocks use {} now.</source>
            <translation>{} Körbe und Scharen verwenden jetzt {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>No basket and no flock is bound to this version.</source>
            <translation>Kein Korb und keine Schar ist an diese Version gebunden.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/caring.py" />
            <source>{} v{:03d} is as published.</source>
            <translation>{} v{:03d} ist wie veröffentlicht.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/dialogs.py" />
            <source>What is said of it</source>
            <translation>Was dazu gesagt ist</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/dialogs.py" />
            <source>Its grids and its recipe stay as they were published.</source>
            <translation>Ihre Gitter und ihr Rezept bleiben, wie sie veröffentlicht wurden.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/dialogs.py" />
            <source>Name of the asset, with all its versions; what refers to its files has to follow.</source>
            <translation>Name des Assets, mit allen Versionen; was auf seine Dateien verweist, muss folgen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/dialogs.py" />
            <location filename="softmound/desk/stations/library/dialogs.py" />
            <source>Name of the asset</source>
            <translation>Name des Assets</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/dialogs.py" />
            <source>Keep it so</source>
            <translation>So behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/dialogs.py" />
            <source>Adopt into the library</source>
            <translation>In die Bibliothek übernehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/dialogs.py" />
            <source>{} numbered frames become one asset.</source>
            <translation>{} nummerierte Bilder werden ein Asset.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <location filename="softmound/desk/stations/library/dialogs.py" />
            <source>Name</source>
            <translation>Name</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/dialogs.py" />
            <location filename="softmound/desk/stations/library/dialogs.py" />
            <source>Where it comes from</source>
            <translation>Woher es kommt</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/dialogs.py" />
            <source>Frames a second</source>
            <translation>Bilder je Sekunde</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/dialogs.py" />
            <source>At which the frames play.</source>
            <translation>Mit der die Bilder laufen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/facts.py" />
            <source>&lt;b&gt;{}&lt;/b&gt; v{:03d}&lt;br&gt;grid “{}”, {}-bit&lt;br&gt;voxel {}&lt;br&gt;{}&lt;br&gt;{} voxels, {} active&lt;br&gt;density up to {}&lt;br&gt;extinction {} per metre&lt;br&gt;seeds {}&lt;br&gt;{}, {}</source>
            <translation>&lt;b&gt;{}&lt;/b&gt; v{:03d}&lt;br&gt;Gitter „{}“, {} Bit&lt;br&gt;Voxel {}&lt;br&gt;{}&lt;br&gt;{} Voxel, {} aktiv&lt;br&gt;Dichte bis {}&lt;br&gt;Extinktion {} je Meter&lt;br&gt;Seeds {}&lt;br&gt;{}, {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/facts.py" />
            <source>&lt;br&gt;dropped: {}</source>
            <translation>&lt;br&gt;abgelegt: {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/facts.py" />
            <source>in the baskets</source>
            <translation>in den Körben</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/facts.py" />
            <source>in the flocks</source>
            <translation>in den Scharen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/facts.py" />
            <source>{} per metre</source>
            <translation>{} je Meter</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/finding.py" />
            <source>A picture of a cloud, or a drawn outline</source>
            <translation>Ein Bild einer Wolke, oder ein gezeichneter Umriss</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/photographs.py" />
            <location filename="softmound/desk/stations/light/settings.py" />
            <location filename="softmound/desk/stations/library/finding.py" />
            <source>Pictures ({})</source>
            <translation>Bilder ({})</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/finding.py" />
            <source>Find an outline</source>
            <translation>Einen Umriss finden</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Chosen version</source>
            <translation>Gewählte Version</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <location filename="softmound/desk/stations/library/settings.py" />
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Look at it</source>
            <translation>Ansehen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Show its published files in the picture; of two that are selected (Ctrl) both, to be compared.</source>
            <translation>Ihre veröffentlichten Dateien im Bild zeigen; von zwei gewählten (Strg) beide, zum Vergleich.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Use as a form</source>
            <translation>Als Form verwenden</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Add its grid to the present mound, in Mass.</source>
            <translation>Sein Gitter dem jetzigen Mound hinzufügen, in Masse.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Verify</source>
            <translation>Prüfen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Check its files against their checksums.</source>
            <translation>Ihre Dateien gegen ihre Prüfsummen prüfen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Reveal</source>
            <translation>Im Ordner zeigen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Show its folder in the file manager.</source>
            <translation>Seinen Ordner in der Dateiverwaltung zeigen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>More</source>
            <translation>Mehr</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Say or rename…</source>
            <translation>Etwas sagen oder umbenennen…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Copy path</source>
            <translation>Pfad kopieren</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Build it again and compare</source>
            <translation>Neu bauen und vergleichen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Replace it where it is used…</source>
            <translation>Ersetzen, wo es verwendet wird…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Let the baskets and flocks that use this version use another one of its asset.</source>
            <translation>Die Körbe und Scharen, die diese Version verwenden, eine andere ihres Assets verwenden lassen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Drop its larger files</source>
            <translation>Seine größeren Dateien ablegen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Delete all but the smallest of its files; the recipe builds them again.</source>
            <translation>Alle Dateien außer der kleinsten löschen; das Rezept baut sie wieder.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Bring its files back</source>
            <translation>Seine Dateien zurückholen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Put aside</source>
            <translation>Beiseitelegen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Take it off the shelf. It is kept until the library is emptied of what was put aside.</source>
            <translation>Aus dem Regal nehmen. Es bleibt erhalten, bis die Bibliothek von Beiseitegelegtem geleert wird.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>This mound</source>
            <translation>Dieses Mound</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Publish…</source>
            <translation>Veröffentlichen…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Build at the final voxel and add a version to the library.</source>
            <translation>Mit dem Endvoxel bauen und der Bibliothek eine Version hinzufügen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Publish seeds…</source>
            <translation>Seeds veröffentlichen…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Publish this mound under several seeds, one after the other.</source>
            <translation>Dieses Mound unter mehreren Seeds veröffentlichen, eines nach dem anderen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>The shelf</source>
            <translation>Das Regal</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Change folder…</source>
            <translation>Ordner wechseln…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Like a picture…</source>
            <translation>Wie ein Bild…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Find clouds by an outline, drawn or of a photograph; a picture can be dropped on the cards as well.</source>
            <translation>Wolken nach einem Umriss finden, gezeichnet oder aus einem Foto; ein Bild lässt sich auch auf die Karten fallen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Look after it</source>
            <translation>Pflegen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Verify every version, put right what can be, and say what takes how much room.</source>
            <translation>Jede Version prüfen, berichtigen, was geht, und sagen, was wie viel Platz braucht.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Adopt…</source>
            <translation>Übernehmen…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Take an OpenVDB file of somebody else's into the library; it can be dropped on the cards as well.</source>
            <translation>Eine OpenVDB-Datei von jemand anderem in die Bibliothek nehmen; man kann sie auch auf die Karten fallen lassen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Bring back what was put aside</source>
            <translation>Zurückholen, was beiseitegelegt wurde</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Delete it for good…</source>
            <translation>Endgültig löschen…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Adopt OpenVDB files that arrive in a folder, asked or unasked.</source>
            <translation>OpenVDB-Dateien übernehmen, die in einem Ordner eintreffen, mit oder ohne Nachfrage.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Note on the basket</source>
            <translation>Notiz zum Korb</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Note on the chosen version in it</source>
            <translation>Notiz zur gewählten Version darin</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Take the selected versions out of the basket; they stay in the library. With none selected, take out what is not in the library any more.</source>
            <translation>Die gewählten Versionen aus dem Korb nehmen; sie bleiben in der Bibliothek. Ist keine gewählt, wird herausgenommen, was nicht mehr in der Bibliothek ist.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Let each version in it be the newest of its asset.</source>
            <translation>Jede Version darin die neueste ihres Assets sein lassen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>A picture of all that is in it, with names, sizes and notes.</source>
            <translation>Ein Bild von allem, was darin ist, mit Namen, Größen und Notizen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Copy all files of its versions into a folder or an archive, with a scene of all (USD), a list (CSV) and the contact sheet; first it is said what speaks against it.</source>
            <translation>Kopiert alle Dateien seiner Versionen in einen Ordner oder ein Archiv, mit einer Szene von allem (USD), einer Liste (CSV) und dem Kontaktbogen; vorher wird gesagt, was dagegen spricht.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Choose a folder…</source>
            <translation>Ordner wählen…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Adopt without asking</source>
            <translation>Ohne Nachfrage übernehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Watch it no longer</source>
            <translation>Nicht mehr beobachten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>watching {}</source>
            <translation>beobachtet {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Nothing speaks against handing it over.</source>
            <translation>Nichts spricht dagegen, ihn weiterzugeben.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Nothing is in it yet.</source>
            <translation>Es ist noch nichts darin.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>“{}” is published as it is now.</source>
            <translation>„{}“ ist veröffentlicht, wie es jetzt ist.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>“{}” will be published at its final voxel of {}.</source>
            <translation>„{}“ wird mit seinem Endvoxel von {} veröffentlicht.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/showing.py" />
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>To the wall</source>
            <translation>Zur Wand</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Compare both</source>
            <translation>Beide vergleichen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/settings.py" />
            <source>Choose a card to see its facts.</source>
            <translation>Wähle eine Karte, um ihre Angaben zu sehen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/showing.py" />
            <source>published files</source>
            <translation>veröffentlichte Dateien</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/showing.py" />
            <source>published files, {} a voxel</source>
            <translation>veröffentlichte Dateien, {} je Voxel</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/showing.py" />
            <source>Back to the wall, where one was (Esc).</source>
            <translation>Zurück zur Wand, wo man war (Esc).</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/station.py" />
            <source>waits</source>
            <translation>wartet</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/station.py" />
            <source>Versions are put aside under More, and taken out of a basket that is on the wall.</source>
            <translation>Versionen werden unter Mehr beiseitegelegt, und aus einem Korb genommen, der an der Wand ist.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/station.py" />
            <source>Look at a version first, by Enter: pictures are taken of what is in the picture.</source>
            <translation>Sieh dir erst mit Eingabe eine Version an: Bilder werden von dem genommen, was im Bild ist.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/station.py" />
            <source>Choose a card on the wall first.</source>
            <translation>Wähle erst eine Karte an der Wand.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/station.py" />
            <source>Library folder</source>
            <translation>Bibliotheksordner</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Find: words, 300-500 m, shot:…</source>
            <translation>Finden: Wörter, 300-500 m, shot:…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Find published clouds</source>
            <translation>Veröffentlichte Wolken finden</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Beginnings of words in the name, note, tags, shots, species and author; all of them have to be there, those after a - must not.&lt;br&gt;300-500 m, over 2 km, under 80 m: the longest side.&lt;br&gt;shot:CODE, tag:WORD, species:WORD; since:2026-11-30, until:2026-12-24; height:50-90, voxel:1-2, depth:8-.</source>
            <translation>Wortanfänge in Name, Notiz, Tags, Einstellungen, Art und Urheber; alle müssen vorkommen, die nach einem - dürfen nicht.&lt;br&gt;300-500 m, over 2 km, under 80 m: die längste Seite.&lt;br&gt;shot:CODE, tag:WORT, species:WORT; since:2026-11-30, until:2026-12-24; height:50-90, voxel:1-2, depth:8-.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Kept</source>
            <translation>Behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Searches that are kept.</source>
            <translation>Behaltene Suchen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Sorted</source>
            <translation>Sortiert</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>In groups</source>
            <translation>In Gruppen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Lay the wall out in groups; a click on a title folds its group.</source>
            <translation>Die Wand in Gruppen legen; ein Klick auf einen Titel klappt seine Gruppe zu.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>More like this</source>
            <translation>Mehr wie dieses</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Show the clouds whose outlines, from twelve sides, are most like those of the chosen one.</source>
            <translation>Die Wolken zeigen, deren Umrisse aus zwölf Richtungen denen der gewählten am ähnlichsten sind.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>In one light</source>
            <translation>In einem Licht</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Show every cloud of the wall from the same side in the sun and sky of the present mound; the dome at the right turns the sun.</source>
            <translation>Jede Wolke der Wand von derselben Seite in Sonne und Himmel des jetzigen Mounds zeigen; die Kuppel rechts dreht die Sonne.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Size of the cards</source>
            <translation>Größe der Karten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>How large the cards of the wall are; Ctrl and the wheel do the same.</source>
            <translation>Wie groß die Karten der Wand sind</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>In the tray</source>
            <translation>In der Ablage</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>A basket holds the clouds of a shot. Drag cards onto it.</source>
            <translation>Ein Korb enthält die Wolken einer Einstellung. Zieh Karten darauf.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>New basket…</source>
            <translation>Neuer Korb…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Make one, with the versions that are selected on the wall in it.</source>
            <translation>Einen anlegen, mit den an der Wand gewählten Versionen darin.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Versions of the chosen asset</source>
            <translation>Versionen des gewählten Assets</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>A click chooses this version; while one is in the picture it shows it, and with Ctrl compares the two.</source>
            <translation>Ein Klick wählt diese Version; ist eine im Bild, so zeigt er sie, und mit Strg vergleicht er beide.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Keep “{}”</source>
            <translation>„{}“ behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Type a search to keep it</source>
            <translation>Tippe eine Suche, um sie zu behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Forget “{}”</source>
            <translation>„{}“ vergessen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Choose a card on the wall; a double click looks at it.</source>
            <translation>Wähle eine Karte an der Wand; ein Doppelklick sieht sie an.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Put the selected versions into it</source>
            <translation>Die gewählten Versionen hineinlegen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Rename…</source>
            <translation>Umbenennen…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Delete</source>
            <translation>Löschen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>basket {}</source>
            <translation>Korb {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>like the outline in {}</source>
            <translation>wie der Umriss in {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>like {}</source>
            <translation>wie {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>nothing is found</source>
            <translation>nichts gefunden</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>{:,} of {:,} versions</source>
            <translation>{:,} von {:,} Versionen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/wall_page.py" />
            <location filename="softmound/desk/stations/library/tray.py" />
            <source>Show all again</source>
            <translation>Wieder alle zeigen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/wall.py" />
            <source>{} version {}</source>
            <translation>{} Version {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/wall.py" />
            <source>{} frames</source>
            <translation>{} Bilder</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/wall.py" />
            <source>v{:03d} is newer</source>
            <translation>v{:03d} ist neuer</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/wall.py" />
            <source>Published versions</source>
            <translation>Veröffentlichte Versionen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/wall.py" />
            <source>none said</source>
            <translation>nichts gesagt</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/wall_page.py" />
            <source>Take it into the library, measured and with a picture.</source>
            <translation>In die Bibliothek nehmen, gemessen und mit Bild.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/wall_page.py" />
            <source>Leave it</source>
            <translation>Lassen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/wall_page.py" />
            <source>Never ask again about these files.</source>
            <translation>Nie wieder nach diesen Dateien fragen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/wall_page.py" />
            <source>{} ({} frames)</source>
            <translation>{} ({} Bilder)</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/wall_page.py" />
            <source>Arrived: {}</source>
            <translation>Eingetroffen: {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/wall_page.py" />
            <source>Nothing on the wall is called that.</source>
            <translation>Nichts an der Wand heißt so.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/wall_page.py" />
            <source>This library is empty. Publishing puts this mound into it as an OpenVDB asset.</source>
            <translation>Diese Bibliothek ist leer. Veröffentlichen legt dieses Mound als OpenVDB-Asset hinein.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/library/wall_page.py" />
            <source>The folder {} is not there. Publishing makes it; or choose another at the right.</source>
            <translation>Der Ordner {} ist nicht da. Veröffentlichen legt ihn an; oder wähle rechts einen anderen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/histogram.py" />
            <source>Histogram of the cloud</source>
            <translation>Histogramm der Wolke</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/histogram.py" />
            <source>How much of the cloud lies at which brightness, in stops from middle grey. What lies right of the second line is nearly white.</source>
            <translation>Wie viel der Wolke bei welcher Helligkeit liegt, in Blendenstufen vom mittleren Grau. Was rechts der zweiten Linie liegt, ist fast weiß.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/settings.py" />
            <source>By place and time…</source>
            <translation>Nach Ort und Zeit…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/settings.py" />
            <source>The size of natural cloud that has this optical depth, at 0.08 per metre: it sets the extinction.</source>
            <translation>Die Größe der natürlichen Wolke mit dieser optischen Tiefe, bei 0,08 je Meter: sie bestimmt die Extinktion.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/settings.py" />
            <source>Open a picture…</source>
            <translation>Ein Bild öffnen…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/settings.py" />
            <source>An OpenEXR, Radiance HDR, PNG or JPEG picture over longitude and latitude.</source>
            <translation>Ein OpenEXR-, Radiance-HDR-, PNG- oder JPEG-Bild über Länge und Breite.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/settings.py" />
            <source>True light by whole paths alone</source>
            <translation>Wahres Licht nur aus ganzen Wegen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/settings.py" />
            <source>Without what is gathered from Draft light: exact in every pixel, and many times slower.</source>
            <translation>Ohne das, was aus dem Entwurfslicht geholt wird: exakt in jedem Pixel, und viele Male langsamer.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/settings.py" />
            <source>Denoise True light</source>
            <translation>Wahres Licht entrauschen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/settings.py" />
            <source>Take the noise that is left out of it by a guess: sooner to look at, not to be measured.</source>
            <translation>Das restliche Rauschen durch Schätzen entfernen: eher anzusehen, nicht zum Messen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/settings.py" />
            <source>Needs a package that is not installed: pip install 'softmound[denoise]'.</source>
            <translation>Braucht ein Paket, das nicht installiert ist: pip install 'softmound[denoise]'.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/settings.py" />
            <source>View transform</source>
            <translation>Bildschirmumrechnung</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/settings.py" />
            <source>How light becomes what the screen shows: the curve of our own, or those of the OpenColorIO config that the environment names in OCIO, else a built-in one.</source>
            <translation>Wie aus Licht wird, was der Bildschirm zeigt: unsere eigene Kurve, oder die der OpenColorIO-Konfiguration, die in der Umgebung OCIO nennt, sonst eine eingebaute.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/settings.py" />
            <source>view transform</source>
            <translation>Bildschirmumrechnung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/light/settings.py" />
            <source>A picture of all directions</source>
            <translation>Ein Bild aller Richtungen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/settings.py" />
            <source>The sun is far below the horizon there and then; nothing was changed.</source>
            <translation>Die Sonne steht dort und dann weit unter dem Horizont; nichts wurde geändert.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/settings.py" />
            <source>sun by place and time</source>
            <translation>Sonne nach Ort und Zeit</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/situation_tray.py" />
            <source>Light: {}</source>
            <translation>Licht: {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/situation_tray.py" />
            <source>Sun, sky and exposure of “{}”, turned to the present view.</source>
            <translation>Sonne, Himmel und Belichtung von „{}“, zur jetzigen Ansicht gedreht.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/snapshots.py" />
            <source>There is no cloud to keep a snapshot of yet: add a blob in Mass.</source>
            <translation>Es gibt noch keine Wolke für einen Schnappschuss: füge in Masse einen Blob hinzu.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/snapshots.py" />
            <source>keep a snapshot</source>
            <translation>Schnappschuss behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/snapshots.py" />
            <source>Nothing was read in it yet: in Mass click the photograph, and block in its cloud.</source>
            <translation>Darin wurde noch nichts gelesen: klicke in Masse das Foto an und baue seine Wolke auf.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/snapshots.py" />
            <source>Likeness {:.2f}, {:.0f} % in common: {}</source>
            <translation>Ähnlichkeit {:.2f}, {:.0f} % gemeinsam: {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/snapshots.py" />
            <source>mark a photograph</source>
            <translation>ein Foto markieren</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>True light: the first paths, eased with Draft light as a guide</source>
            <translation>Wahres Licht: die ersten Wege, nach dem Entwurfslicht geglättet</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>True light: {} paths a pixel, noise {:.1f} %{}{}</source>
            <translation>Wahres Licht: {} Wege je Pixel, Rauschen {:.1f} %{}{}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>exposure by the picture</source>
            <translation>Belichtung nach dem Bild</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>sea or land below</source>
            <translation>Meer oder Land darunter</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>looks as large as</source>
            <translation>sieht so groß aus wie</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>add a lamp</source>
            <translation>Lampe hinzufügen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>lamp {}</source>
            <translation>Lampe {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>duplicate a lamp</source>
            <translation>Lampe verdoppeln</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>Light group</source>
            <translation>Lichtgruppe</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>Lamps of one light group have one fader; without a name a lamp has its own.</source>
            <translation>Lampen einer Lichtgruppe haben einen Regler; ohne Namen hat eine Lampe ihren eigenen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>remove a lamp</source>
            <translation>Lampe entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>keep a view</source>
            <translation>Ansicht behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>keep a view anew</source>
            <translation>Ansicht neu behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>Rename</source>
            <translation>Umbenennen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>rename</source>
            <translation>umbenennen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>remove</source>
            <translation>entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>go back to a snapshot</source>
            <translation>zu einem Schnappschuss zurückgehen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>sky picture</source>
            <translation>Himmelsbild</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>There is nothing to light yet: add a blob in Mass.</source>
            <translation>Es gibt noch nichts zu beleuchten: füge in Masse einen Blob hinzu.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/station.py" />
            <source>light: {}</source>
            <translation>Licht: {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/sun_dialog.py" />
            <location filename="softmound/desk/stations/light/sun_dialog.py" />
            <source>Sun by place and time</source>
            <translation>Sonne nach Ort und Zeit</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/sun_dialog.py" />
            <source>+z is taken for north and +x for east.</source>
            <translation>+z gilt als Norden und +x als Osten.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/sun_dialog.py" />
            <source>Latitude</source>
            <translation>Breitengrad</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/sun_dialog.py" />
            <source>North positive.</source>
            <translation>Norden positiv.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/sun_dialog.py" />
            <source>Longitude</source>
            <translation>Längengrad</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/sun_dialog.py" />
            <source>East positive.</source>
            <translation>Osten positiv.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/sun_dialog.py" />
            <source>Day</source>
            <translation>Tag</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/sun_dialog.py" />
            <source>Of the year: 172 is the 21st of June.</source>
            <translation>Des Jahres: 172 ist der 21. Juni.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/sun_dialog.py" />
            <source>Hour</source>
            <translation>Stunde</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/sun_dialog.py" />
            <source>Universal time; noon in the middle of a time zone is near 12 minus a fifteenth of the longitude.</source>
            <translation>Weltzeit; Mittag in der Mitte einer Zeitzone ist nahe 12 minus ein Fünfzehntel der Länge.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/sun_dialog.py" />
            <source>Put it there</source>
            <translation>Dorthin legen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/sun_dialog.py" />
            <source>The sun stands at {:.1f}°, {:.1f}° above the horizon.</source>
            <translation>Die Sonne steht bei {:.1f}°, {:.1f}° über dem Horizont.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/sun_dialog.py" />
            <source>The sun stands at {:.1f}°, {:.1f}° below the horizon.</source>
            <translation>Die Sonne steht bei {:.1f}°, {:.1f}° unter dem Horizont.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>No lamps: the sun and the sky light this cloud. A lamp inside it makes lightning.</source>
            <translation>Keine Lampen: Sonne und Himmel beleuchten diese Wolke. Eine Lampe darin macht einen Blitz.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Add a lamp</source>
            <translation>Eine Lampe hinzufügen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>A ball that shines, in the middle of the cloud to begin with.</source>
            <translation>Eine leuchtende Kugel, zunächst in der Mitte der Wolke.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>No stand-ins: a person, a house or a model beside the cloud says how large it is.</source>
            <translation>Keine Statisten: ein Mensch, ein Haus oder ein Modell neben der Wolke sagt, wie groß sie ist.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Add a stand-in</source>
            <translation>Einen Statisten hinzufügen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>A solid thing: it gives scale, casts shadows and receives them.</source>
            <translation>Ein fester Gegenstand: er gibt Maßstab, wirft Schatten und empfängt welche.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Keep a view to come back to it, here and on the command line.</source>
            <translation>Eine Ansicht behalten, um zu ihr zurückzukommen, hier und auf der Kommandozeile.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Keep this view</source>
            <translation>Diese Ansicht behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Keep where the picture is taken from, under a name.</source>
            <translation>Behalten, von wo das Bild genommen wird, unter einem Namen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>A snapshot keeps this picture and its recipe, to compare with later.</source>
            <translation>Ein Schnappschuss behält dieses Bild und sein Rezept, zum späteren Vergleich.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Keep a snapshot</source>
            <translation>Schnappschuss behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Keep this picture and its recipe (K).</source>
            <translation>Dieses Bild und sein Rezept behalten (K).</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Take pictures…</source>
            <translation>Bilder nehmen…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>A still, a turntable, a sweep of the sun or a contact sheet (Ctrl+T).</source>
            <translation>Ein Standbild, ein Drehteller, ein Sonnenlauf oder ein Kontaktbogen (Strg+T).</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Choose it to change it; right click for more.</source>
            <translation>Wähle ihn, um ihn zu ändern; mehr mit der rechten Taste.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>{} Mlm</source>
            <translation>{} Mlm</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Switch off</source>
            <translation>Ausschalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Switch on</source>
            <translation>Einschalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Mix together as…</source>
            <translation>Zusammen mischen als…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Look from here again; right click for more.</source>
            <translation>Wieder von hier schauen; mehr mit der rechten Taste.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>{} mm</source>
            <translation>{} mm</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Keep the present view here</source>
            <translation>Die jetzige Ansicht hier behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Compare with the present picture; right click for more.</source>
            <translation>Mit dem jetzigen Bild vergleichen; mehr mit der rechten Taste.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/light/tray.py" />
            <source>Go back to this recipe</source>
            <translation>Zu diesem Rezept zurückgehen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/paint_hand.py" />
            <location filename="softmound/desk/stations/mass/brush_hand.py" />
            <source>There is nothing under the brush: begin the stroke on the cloud.</source>
            <translation>Unter dem Pinsel ist nichts: beginne den Strich auf der Wolke.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/brush_hand.py" />
            <source>{} stroke</source>
            <translation>Strich mit {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/form_hand.py" />
            <source>The form is locked: unlock it in its settings to move it.</source>
            <translation>Die Form ist gesperrt: entsperre sie in ihren Einstellungen, um sie zu bewegen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/form_hand.py" />
            <source>move {}</source>
            <translation>{} bewegen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/form_hand.py" />
            <source>turn {}</source>
            <translation>{} drehen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/form_hand.py" />
            <source>resize {}</source>
            <translation>Größe ändern: {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Let it grow</source>
            <translation>Wachsen lassen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Smoke and cloud rise from the form; the best frame can be frozen and refined.</source>
            <translation>Rauch und Wolke steigen aus der Form; das beste Bild lässt sich einfrieren und verfeinern.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>growth</source>
            <translation>Wachstum</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Ready growths…</source>
            <translation>Fertige Wachstümer…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Open one of six as a mound of its own, and let it rise at once.</source>
            <translation>Eines von sechs als eigenes Mound öffnen und sofort aufsteigen lassen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>growth {}</source>
            <translation>Wachstum {}</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Air</source>
            <translation>Luft</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Temperature and humidity by height: a sounding.</source>
            <translation>Temperatur und Feuchte nach Höhe: eine Schichtung.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Even and dry</source>
            <translation>Gleichmäßig und trocken</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Own</source>
            <translation>Eigene</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>air {}</source>
            <translation>Luft {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Gives off where</source>
            <translation>Gibt ab, wo</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Grow</source>
            <translation>Wachsen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Let it run, or go on where it was stopped; Escape stops it, the frames stay.</source>
            <translation>Laufen lassen, oder weiter, wo es angehalten wurde; Escape hält an, die Bilder bleiben.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Show the frames that are kept.</source>
            <translation>Die behaltenen Bilder zeigen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Go on from here</source>
            <translation>Von hier weiter</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Let it grow with another seed; the growth before is found again by its seed, for a while.</source>
            <translation>Mit anderem Seed wachsen lassen; das vorige Wachstum findet man eine Weile unter seinem Seed wieder.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Six side by side…</source>
            <translation>Sechs nebeneinander…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>Six seeds, coarse and small, to choose the best from.</source>
            <translation>Sechs Seeds, grob und klein, um den besten zu wählen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>air</source>
            <translation>Luft</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>growth seed</source>
            <translation>Seed des Wachstums</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>The next growth goes on from the frame that is seen, by the numbers it has then.</source>
            <translation>Das nächste Wachstum geht von dem Bild weiter, das zu sehen ist, mit den Zahlen, die es dann hat.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>From frame {} ×</source>
            <translation>Ab Bild {} ×</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>The next growth goes on from that frame; press to let it begin at the start again.</source>
            <translation>Das nächste Wachstum geht von diesem Bild weiter; drücke, damit es wieder von vorn beginnt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>growth mask {}</source>
            <translation>Maske {} des Wachstums</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/growth_fields.py" />
            <source>remove growth mask</source>
            <translation>Maske des Wachstums entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>Heap</source>
            <translation>Haufen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>A pile of blobs to begin with; each can be moved and changed afterwards.</source>
            <translation>Ein Haufen Blobs für den Anfang; jeder lässt sich danach bewegen und ändern.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>Blobs in the heap.</source>
            <translation>Blobs im Haufen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>Spread x</source>
            <translation>Ausdehnung x</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>How wide the heap is along x.</source>
            <translation>Wie breit der Haufen entlang x ist.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>Spread y</source>
            <translation>Ausdehnung y</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>How high the heap is in its middle.</source>
            <translation>Wie hoch der Haufen in der Mitte ist.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>Spread z</source>
            <translation>Ausdehnung z</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>How deep the heap is along z.</source>
            <translation>Wie tief der Haufen entlang z ist.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>How much higher the middle is piled: 0 flat, 1 a dome.</source>
            <translation>Wie viel höher die Mitte gehäuft ist: 0 flach, 1 eine Kuppel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>Smallest radius</source>
            <translation>Kleinster Radius</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>Radius at the rim of the heap.</source>
            <translation>Radius am Rand des Haufens.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>Largest radius</source>
            <translation>Größter Radius</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>Radius in the middle of the heap.</source>
            <translation>Radius in der Mitte des Haufens.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>Another number, another heap.</source>
            <translation>Andere Zahl, anderer Haufen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/heap_dialog.py" />
            <source>Add heap</source>
            <translation>Haufen hinzufügen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Click a form in the picture or in the tray to change it; Shift adds another, a box drawn over the sky picks all in it.</source>
            <translation>Klick eine Form im Bild oder in der Ablage an, um sie zu ändern; Umschalt nimmt eine weitere dazu, ein Kasten über den Himmel wählt alle darin.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Base level</source>
            <translation>Basishöhe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Flatten the underside</source>
            <translation>Die Unterseite abflachen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Top level</source>
            <translation>Deckhöhe</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Flatten the top</source>
            <translation>Die Oberseite abflachen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Brush: {}</source>
            <translation>Pinsel: {}</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Symmetry</source>
            <translation>Symmetrie</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Form's name</source>
            <translation>Name der Form</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Make it a sheet</source>
            <translation>Zum Blatt machen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Fill each hole with a fan around its middle.</source>
            <translation>Jedes Loch mit einem Fächer um seine Mitte füllen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Give the open surface a thickness.</source>
            <translation>Der offenen Oberfläche eine Dicke geben.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>role</source>
            <translation>Rolle</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>hide form</source>
            <translation>Form verbergen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>show form</source>
            <translation>Form zeigen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>lock form</source>
            <translation>Form sperren</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>unlock form</source>
            <translation>Form entsperren</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Neither moved nor sculpted in the picture.</source>
            <translation>Weder im Bild bewegt noch geformt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Earlier</source>
            <translation>Früher</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Roles act in the order of the tray.</source>
            <translation>Rollen wirken in der Reihenfolge der Ablage.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Unlink</source>
            <translation>Verknüpfung lösen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Let this copy go its own way.</source>
            <translation>Diese Kopie ihren eigenen Weg gehen lassen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>how it joins</source>
            <translation>wie es hinzukommt</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>how densities join</source>
            <translation>wie Dichten sich verbinden</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Joins by</source>
            <translation>Kommt hinzu über</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Melt of its own</source>
            <translation>Eigener Übergang</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>own melt</source>
            <translation>eigener Übergang</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Own melt</source>
            <translation>Eigener Übergang</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Blend radius where this form joins.</source>
            <translation>Übergangsradius, wo diese Form sich verbindet.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Moves…</source>
            <translation>Bewegt sich…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Let it move as numbered files do, or as a stage with time samples; once more: stand still.</source>
            <translation>Bewegt sich, wie nummerierte Dateien es tun, oder eine Bühne mit Zeitwerten; noch einmal: steht still.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>form {}</source>
            <translation>Form {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>make a sheet</source>
            <translation>Blatt daraus machen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>rename form</source>
            <translation>Form umbenennen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Stand still (moves by {})</source>
            <translation>Stillstehen (bewegt durch {})</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Lumps go into a trail of their own.</source>
            <translation>Beulen kommen in eine eigene Spur.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Blobs and solids move and change size as a whole; of meshes, volumes and points each part by itself.</source>
            <translation>Blobs und Körper bewegen und ändern sich als Ganzes; bei Netzen, Volumen und Punkten jeder Teil für sich.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source> Only the chosen forms are worked on.</source>
            <translation> Nur an den gewählten Formen wird gearbeitet.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>{}, and {} more chosen</source>
            <translation>{}, und {} weitere gewählt</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Remove stroke {}</source>
            <translation>Strich {} entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/settings.py" />
            <source>Take this stroke away; later ones stay.</source>
            <translation>Diesen Strich wegnehmen; spätere bleiben.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
            <source>Six growths</source>
            <translation>Sechs Wachstümer</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
            <source>Six growths side by side</source>
            <translation>Sechs Wachstümer nebeneinander</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
            <source>The same numbers under other seeds, coarse and small. Take the best one: it then grows as fine as it is asked to.</source>
            <translation>Dieselben Zahlen unter anderen Seeds, grob und klein. Nimm den besten: er wächst dann so fein wie verlangt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
            <source>Growths</source>
            <translation>Wachstümer</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
            <source>Letting them grow…</source>
            <translation>Lässt sie wachsen…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
            <source>Grow this one</source>
            <translation>Dieses wachsen lassen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
            <source>Seed {}</source>
            <translation>Seed {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/sounding_chart.py" />
            <source>Chart of the sounding</source>
            <translation>Diagramm der Schichtung</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/sounding_chart.py" />
            <source>Height in kilometres of nature above the base level. Barley: temperature of the air; blue: its dew point, the nearer the damper; dashed: what rises without mixing, as long as it is right of the barley line.</source>
            <translation>Höhe in Kilometern der Natur über der Basis. Gerste: Temperatur der Luft; blau: ihr Taupunkt, je näher, desto feuchter; gestrichelt: was ungemischt aufsteigt, solange es rechts der gerstenfarbenen Linie ist.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/sounding_chart.py" />
            <source>stops at {:.1f} km</source>
            <translation>endet bei {:.1f} km</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/sounding_chart.py" />
            <source>inversion</source>
            <translation>Inversion</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>A cloud begins with a form. Press Add, or the key B for a blob.</source>
            <translation>Eine Wolke beginnt mit einer Form. Drücke Hinzufügen, oder die Taste B für einen Blob.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>linked copy</source>
            <translation>verknüpfte Kopie</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>mirror copy</source>
            <translation>Spiegelkopie</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>duplicate</source>
            <translation>verdoppeln</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>unlink</source>
            <translation>Verknüpfung lösen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>One of its numbered files, or a stage</source>
            <translation>Eine ihrer nummerierten Dateien, oder eine Bühne</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>Models, points, volumes (*.obj *.ply *.glb *.stl *.csv *.npz *.vdb *.usd *.usda)</source>
            <translation>Modelle, Punkte, Volumen (*.obj *.ply *.glb *.stl *.csv *.npz *.vdb *.usd *.usda)</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>{} moves by {} files{}.</source>
            <translation>{} bewegt sich durch {} Dateien{}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>moving form</source>
            <translation>bewegte Form</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>order of forms</source>
            <translation>Reihenfolge der Formen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>remove stroke</source>
            <translation>Strich entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>Not done: choose at least one form that adds.</source>
            <translation>Nicht getan: wähle mindestens eine Form, die hinzufügt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>The forms have changed meanwhile; nothing was done. Make the mesh again.</source>
            <translation>Die Formen haben sich inzwischen geändert; nichts wurde getan. Mach das Netz noch einmal.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>make mesh</source>
            <translation>Netz machen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>{}: not a file that becomes a form; choose one that ends in {}.</source>
            <translation>{}: keine Datei, die eine Form wird; wähle eine, die auf {} endet.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>import {}</source>
            <translation>{} einlesen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>add photograph</source>
            <translation>Foto hinzufügen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>place photograph</source>
            <translation>Foto legen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>Block in its cloud…</source>
            <translation>Seine Wolke aufbauen…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>Its outline, horizon and sun are read, and a mound is made of them.</source>
            <translation>Umriss, Horizont und Sonne werden gelesen, und daraus wird ein Mound.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>Compare with the cloud</source>
            <translation>Mit der Wolke vergleichen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>Outline over outline, by a line, side by side, or their difference.</source>
            <translation>Umriss über Umriss, durch eine Linie, nebeneinander oder ihr Unterschied.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>Bring the mound near…</source>
            <translation>Das Mound annähern…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>A search for mounds that look more like it, as long as you let it.</source>
            <translation>Eine Suche nach Mounds, die ihm ähnlicher sehen, solange du sie lässt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>block in a photograph</source>
            <translation>Foto aufbauen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>That was no outline: draw once round the cloud, and let go where you began.</source>
            <translation>Das war kein Umriss: zeichne einmal um die Wolke, und lass los, wo du begonnen hast.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>Draw the outline of the cloud with the pen or the mouse; Esc lets go.</source>
            <translation>Zeichne den Umriss der Wolke mit Stift oder Maus; Esc lässt los.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>Turn the cloud until you see its side, then draw its outline from there; Esc lets go.</source>
            <translation>Drehe die Wolke, bis du ihre Seite siehst, und zeichne von dort ihren Umriss; Esc lässt los.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>The forms have changed meanwhile; nothing was done. Draw the outline again.</source>
            <translation>Die Formen haben sich inzwischen geändert; nichts wurde getan. Zeichne den Umriss noch einmal.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>draw the side</source>
            <translation>Seite zeichnen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>draw an outline</source>
            <translation>Umriss zeichnen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>{:.0f} % of the cloud and of the drawn outline are in common.</source>
            <translation>{:.0f} % der Wolke und des gezeichneten Umrisses sind gemeinsam.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>Block in the cloud of a photograph first: Add, From a photograph.</source>
            <translation>Baue zuerst die Wolke eines Fotos auf: Hinzufügen, Aus einem Foto.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>bring it near</source>
            <translation>annähern</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/station.py" />
            <source>add heap</source>
            <translation>Haufen hinzufügen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>Add a form: a blob (B), a solid, a heap, or what a file holds.</source>
            <translation>Eine Form hinzufügen: einen Blob (B), einen Körper, einen Haufen, oder was eine Datei enthält.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>Copy</source>
            <translation>Kopieren</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>Copy the chosen forms: as they are (Ctrl+D), linked, or mirrored.</source>
            <translation>Die gewählten Formen kopieren: wie sie sind (Strg+D), verknüpft oder gespiegelt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>Make mesh</source>
            <translation>Netz machen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>Turn the chosen forms into one mesh, joined as they are, at the draft voxel.</source>
            <translation>Die gewählten Formen zu einem Netz machen, so verbunden, wie sie sind, mit dem Entwurfsvoxel.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>Remove the chosen forms (Delete).</source>
            <translation>Die gewählten Formen entfernen (Entf).</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>Forms</source>
            <translation>Formen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>Blob</source>
            <translation>Blob</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>Heap…</source>
            <translation>Haufen…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>Draw an outline</source>
            <translation>Einen Umriss zeichnen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>Reference photograph…</source>
            <translation>Vergleichsfoto…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>Linked copy</source>
            <translation>Verknüpfte Kopie</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>Mirror copy across x = 0</source>
            <translation>Spiegelkopie über x = 0</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>Mirror copy across z = 0</source>
            <translation>Spiegelkopie über z = 0</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>{}: shown {}. Click to place it.</source>
            <translation>{}: gezeigt {}. Klick, um es zu legen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/mass/tray.py" />
            <source>Photograph {}</source>
            <translation>Foto {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/stand_ins.py" />
            <source>against {}</source>
            <translation>neben {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/stand_ins.py" />
            <source>A stand-in from a file</source>
            <translation>Ein Statist aus einer Datei</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/stand_ins.py" />
            <source>Models ({})</source>
            <translation>Modelle ({})</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/stand_ins.py" />
            <location filename="softmound/desk/stations/stand_ins.py" />
            <source>stand-in {}</source>
            <translation>Statist {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/stand_ins.py" />
            <source>There is no stand-in; add one in Light.</source>
            <translation>Es gibt keinen Statisten; füge in Licht einen hinzu.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/stand_ins.py" />
            <source>Stand-ins</source>
            <translation>Statisten</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/stand_ins.py" />
            <source>duplicate a stand-in</source>
            <translation>Statisten verdoppeln</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/stand_ins.py" />
            <source>remove a stand-in</source>
            <translation>Statisten entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/stand_ins.py" />
            <source>{}…</source>
            <translation>{}…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/station.py" />
            <source>sun</source>
            <translation>Sonne</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/cost_line.py" />
            <source>Cost line: final voxel</source>
            <translation>Kostenlinie: Endvoxel</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/cost_line.py" />
            <source>Memory and time a build needs, over the voxel size. Drag the barley marker to set the final voxel, or use the arrow keys. Both are foretold from a trial of a few bricks on this machine and from its past builds.</source>
            <translation>Speicher und Zeit, die ein Bau braucht, über der Voxelgröße. Zieh die gerstenfarbene Marke, um das Endvoxel zu setzen, oder nimm die Pfeiltasten. Beides wird aus einem Versuch an einigen Blöcken auf diesem Rechner und aus früheren Bauten vorausgesagt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/delivering.py" />
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <location filename="softmound/desk/stations/voxels/cost_line.py" />
            <location filename="softmound/desk/stations/voxels/cost_line.py" />
            <source>final voxel</source>
            <translation>Endvoxel</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/cost_line.py" />
            <source>Cost line</source>
            <translation>Kostenlinie</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/cost_line.py" />
            <source>Nothing to build yet: add a blob in Mass.</source>
            <translation>Noch nichts zu bauen: füge in Masse einen Blob hinzu.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/cost_line.py" />
            <source>memory limit {}</source>
            <translation>Speichergrenze {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/cost_line.py" />
            <source> · {} · {} voxels</source>
            <translation> · {} · {} Voxel</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>Draft voxel follows the span</source>
            <translation>Entwurfsvoxel folgt der Spannweite</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>Draft voxel</source>
            <translation>Entwurfsvoxel</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>Voxel size while working: small enough to judge, large enough to follow the hand.</source>
            <translation>Voxelgröße beim Arbeiten: klein genug zum Beurteilen, groß genug, um der Hand zu folgen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>draft voxel</source>
            <translation>Entwurfsvoxel</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>Voxel size of the asset. Half of it takes eight times the voxels.</source>
            <translation>Voxelgröße des Assets. Die Hälfte davon braucht achtmal so viele Voxel.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>Voxels along</source>
            <translation>Voxel entlang</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>The same, as voxels along the cloud's longest side.</source>
            <translation>Dasselbe, als Voxel entlang der längsten Seite der Wolke.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>Take the smallest voxel whose build fits into memory.</source>
            <translation>Das kleinste Voxel nehmen, dessen Bau in den Speicher passt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>Build final</source>
            <translation>Endgültig bauen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>Build the grid at the final voxel beside your work (F5).</source>
            <translation>Das Gitter mit dem Endvoxel neben der Arbeit bauen (F5).</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>Draft</source>
            <translation>Entwurf</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>Look at</source>
            <translation>Ansehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>crumbs</source>
            <translation>Krümel</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>Finished in an earlier session and kept: nothing has to be built.</source>
            <translation>In einer früheren Sitzung fertig geworden und behalten: nichts muss gebaut werden.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>{} along {}</source>
            <translation>{} entlang {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>Finished: {} voxels, {} active, {}. Mean density {}, volume {} m³, {} t of water at {:g} g/m³. Optical depth: {}.</source>
            <translation>Fertig: {} Voxel, {} aktiv, {}. Mittlere Dichte {}, Volumen {} m³, {} t Wasser bei {:g} g/m³. Optische Tiefe: {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>Looking at the shape…</source>
            <translation>Sieht sich die Form an…</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>Final: {} active voxels, {} and about {} to build.</source>
            <translation>Endgültig: {} aktive Voxel, {} und etwa {} zum Bauen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>More than the {} allowed: it is not started.</source>
            <translation>Mehr als die erlaubten {}: es wird nicht begonnen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/settings.py" />
            <source>Use {}, the smallest that fits</source>
            <translation>{} nehmen, das kleinste, das passt</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/skin_fields.py" />
            <source>Another skin below a height</source>
            <translation>Eine andere Haut unter einer Höhe</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/skin_fields.py" />
            <source>Lower skin</source>
            <translation>Untere Haut</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/skin_fields.py" />
            <source>skin {}</source>
            <translation>Haut {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/skin_fields.py" />
            <source>lower skin {}</source>
            <translation>untere Haut {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/skin_fields.py" />
            <source>A skin thinner than the final voxel would alias: it is built {:.3g} m thick.</source>
            <translation>Eine Haut, die dünner ist als das Endvoxel, gäbe Treppen: sie wird {:.3g} m dick gebaut.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/station.py" />
            <source>{} the surface</source>
            <translation>{} die Oberfläche</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/station.py" />
            <source>remove step</source>
            <translation>Schritt entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/station.py" />
            <source>lower skin</source>
            <translation>untere Haut</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/surface_steps.py" />
            <source>Nothing is done to the surface between its forms and its skin.</source>
            <translation>Zwischen den Formen und der Haut geschieht der Oberfläche nichts.</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/surface_steps.py" />
            <source>Step {}: {}</source>
            <translation>Schritt {}: {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/surface_steps.py" />
            <source>Remove step {}</source>
            <translation>Schritt {} entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/stations/voxels/surface_steps.py" />
            <source>Step {}</source>
            <translation>Schritt {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/comparing.py" />
            <source>left</source>
            <translation>links</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/comparing.py" />
            <source>right</source>
            <translation>rechts</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/comparing.py" />
            <source>On the {}</source>
            <translation>Auf der Seite {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/comparing.py" />
            <source>What is seen on the {}: a snapshot, a photograph, or the present picture.</source>
            <translation>Was auf der Seite {} zu sehen ist: ein Schnappschuss, ein Foto, oder das jetzige Bild.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/comparing.py" />
            <source>One on the left of a line that can be dragged, the other on its right.</source>
            <translation>Eines links einer Linie, die man ziehen kann, das andere rechts.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/comparing.py" />
            <source>Both whole clouds side by side, as large as each other; drag the marks on a photograph to the top and the base of its cloud.</source>
            <translation>Beide Wolken ganz nebeneinander, gleich groß; zieh auf einem Foto die Marken an Oberkante und Basis seiner Wolke.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/comparing.py" />
            <source>How the two differ, {:g} times as strong, on grey.</source>
            <translation>Worin sich beide unterscheiden, {:g}-mal so stark, auf Grau.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/comparing.py" />
            <source>The outline that was read in a photograph over that of the cloud, and their likeness.</source>
            <translation>Der Umriss, der in einem Foto gelesen wurde, über dem der Wolke, und ihre Ähnlichkeit.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/comparing.py" />
            <source>Compare by: {}</source>
            <translation>Vergleichen durch: {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/comparing.py" />
            <source>Done</source>
            <translation>Fertig</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/comparing.py" />
            <source>Back to the present picture alone.</source>
            <translation>Zurück zum jetzigen Bild allein.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/cut.py" />
            <source>{} at ({}) m</source>
            <translation>{} bei ({}) m</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/view/cut.py" />
            <source>Slice</source>
            <translation>Schnitt</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/cut.py" />
            <source>Slice: square to {}</source>
            <translation>Schnitt: quer zu {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/cut.py" />
            <source>Cut square to the {} axis.</source>
            <translation>Quer zur {}-Achse schneiden.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/cut.py" />
            <source>Slice: place in metres</source>
            <translation>Schnitt: Ort in Metern</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/cut.py" />
            <source>Where the cut lies on its axis. Drag in the picture, or type.</source>
            <translation>Wo der Schnitt auf seiner Achse liegt. Zieh im Bild, oder tippe.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/cut.py" />
            <source>at</source>
            <translation>bei</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/cut.py" />
            <source>Contours</source>
            <translation>Höhenlinien</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/cut.py" />
            <source>{} lines of equal density between the ends of the range.</source>
            <translation>{} Linien gleicher Dichte zwischen den Enden des Bereichs.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/cut.py" />
            <location filename="softmound/desk/view/cut.py" />
            <source>Point at the cut to read it.</source>
            <translation>Zeig auf den Schnitt, um ihn zu lesen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/cut.py" />
            <source>{:.0%} of the cut is cloud, {} dense on average and {} at most. Drag the two ends of the range of colours; double-click takes all.</source>
            <translation>{:.0%} des Schnitts sind Wolke, im Mittel {} und höchstens {} dicht. Zieh die beiden Enden des Farbbereichs; ein Doppelklick nimmt alles.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/cut.py" />
            <source>Slice: range of colours</source>
            <translation>Schnitt: Bereich der Farben</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/cut.py" />
            <source>nothing to count</source>
            <translation>nichts zu zählen</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/cut.py" />
            <source>density 0 to {} · whole {} voxels</source>
            <translation>Dichte 0 bis {} · ganz {} Voxel</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/cut.py" />
            <source>optical depth 0 to {} · whole along {}, cut along {}</source>
            <translation>optische Tiefe 0 bis {} · ganz entlang {}, geschnitten entlang {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/flying.py" />
            <source>It is recorded from frame {} on.</source>
            <translation>Es wird von Bild {} an aufgenommen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/flying.py" />
            <source>camera path</source>
            <translation>Kameraweg</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/flying.py" />
            <source>Recorded: {} keys of the camera, frames {} to {}.</source>
            <translation>Aufgenommen: {} Schlüssel der Kamera, Bilder {} bis {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/flying.py" />
            <source>Nothing was flown, so nothing is recorded.</source>
            <translation>Nichts wurde geflogen, also ist nichts aufgenommen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/overlays.py" />
            <source>Altitude rail: base and top level</source>
            <translation>Höhenleiste: Basis- und Deckhöhe</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/overlays.py" />
            <source>Altitude in metres. Drag a handle, or use the arrow keys, to move the base level or the one touched last.</source>
            <translation>Höhe in Metern. Zieh einen Griff, oder bewege mit den Pfeiltasten die Basishöhe oder die zuletzt berührte.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/overlays.py" />
            <source>Sun dome</source>
            <translation>Sonnenkuppel</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/overlays.py" />
            <source>The sky from above: the middle is overhead, the ring is the horizon, the wedge is where the camera looks. Drag the sun, or use the arrow keys.</source>
            <translation>Der Himmel von oben: die Mitte ist der Zenit, der Ring der Horizont, der Keil, wohin die Kamera schaut. Zieh die Sonne, oder nimm die Pfeiltasten.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/photographs.py" />
            <source>Reference photograph</source>
            <translation>Vergleichsfoto</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/photographs.py" />
            <source>Shown: {}</source>
            <translation>Gezeigt: {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/photographs.py" />
            <source>How much of the picture behind it hides.</source>
            <translation>Wie viel vom Bild dahinter es verdeckt.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/photographs.py" />
            <source>In widths of the picture.</source>
            <translation>In Bildbreiten.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/photographs.py" />
            <source>Place across</source>
            <translation>Ort quer</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/photographs.py" />
            <source>Of its middle: 0 is the left side, 1 the right.</source>
            <translation>Seiner Mitte: 0 ist die linke Seite, 1 die rechte.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/photographs.py" />
            <source>Place down</source>
            <translation>Ort senkrecht</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/photographs.py" />
            <source>Of its middle: 0 is the upper side, 1 the lower.</source>
            <translation>Seiner Mitte: 0 ist die obere Seite, 1 die untere.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/picture.py" />
            <source>Picture of the cloud</source>
            <translation>Bild der Wolke</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>A camera path is a mound's; of a flock keep views, and film from one to the next.</source>
            <translation>Ein Kameraweg gehört zu einem Mound; bei einer Schar behalte Ansichten und filme von einer zur nächsten.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>A key needs a frame: give the mound a time line (Ctrl+L), or let it grow.</source>
            <translation>Ein Schlüssel braucht ein Bild: gib dem Mound eine Zeitleiste (Strg+L), oder lass es wachsen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>There is nothing to play: give the mound a time line (Ctrl+L), or let it grow.</source>
            <translation>Es gibt nichts abzuspielen: gib dem Mound eine Zeitleiste (Strg+L), oder lass es wachsen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>{:,} frames are more than can be kept to be played; shorten the line to {:,}.</source>
            <translation>{:,} Bilder sind mehr, als zum Abspielen behalten werden können; kürze die Leiste auf {:,}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>About {} × {} × {} cells of {} in the end, {} frames; {:.0f} s, {:.1f} GB of memory, {:.1f} GB on disk</source>
            <translation>Am Ende etwa {} × {} × {} Zellen von {}, {} Bilder; {:.0f} s, {:.1f} GB Speicher, {:.1f} GB auf der Platte</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>Let it grow, and go to the frame from which it is to go on.</source>
            <translation>Lass es wachsen und geh zu dem Bild, von dem es weitergehen soll.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>The next growth goes on from frame {}: change its numbers, then let it grow.</source>
            <translation>Das nächste Wachstum geht von Bild {} weiter: ändere seine Zahlen und lass es wachsen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>There is no frame to freeze: let the mound grow first.</source>
            <translation>Es gibt kein Bild einzufrieren: lass das Mound erst wachsen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>freeze</source>
            <translation>einfrieren</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>Freeze frame {}</source>
            <translation>Bild {} einfrieren</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>There is nothing to film: give the mound a time line (Ctrl+L), or let it grow.</source>
            <translation>Es gibt nichts zu filmen: gib dem Mound eine Zeitleiste (Strg+L), oder lass es wachsen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>Film {}</source>
            <translation>Film {}</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>Written: {} frames in {}.</source>
            <translation>Geschrieben: {} Bilder in {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>Growth as OpenVDB</source>
            <translation>Wachstum als OpenVDB</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>There is no growth to publish: let the mound grow first.</source>
            <translation>Es gibt kein Wachstum zu veröffentlichen: lass das Mound erst wachsen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>In the library: {}.</source>
            <translation>In der Bibliothek: {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/playing.py" />
            <source>Growth as an asset</source>
            <translation>Wachstum als Asset</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/scale_bar.py" />
            <source>{} km</source>
            <translation>{} km</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/scale_bar.py" />
            <source>{} cm</source>
            <translation>{} cm</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/view/time_line.py" />
            <source>Time line</source>
            <translation>Zeitleiste</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Drag to another frame; arrow keys go by one.</source>
            <translation>Zieh zu einem anderen Bild; Pfeiltasten gehen um eines.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <location filename="softmound/desk/view/time_line.py" />
            <source>Play</source>
            <translation>Abspielen</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Play from memory; frames are made first, once (Alt+P).</source>
            <translation>Aus dem Speicher abspielen; die Bilder werden vorher einmal gemacht (Alt+P).</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Film…</source>
            <translation>Film…</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>All frames, lit, as a film or as numbered pictures.</source>
            <translation>Alle Bilder, beleuchtet, als Film oder als nummerierte Bilder.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/view/time_line.py" />
            <source>Where the line begins.</source>
            <translation>Wo die Leiste beginnt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/view/time_line.py" />
            <source>Where it ends.</source>
            <translation>Wo er endet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/view/time_line.py" />
            <source>Frames a second.</source>
            <translation>Bilder je Sekunde.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/view/time_line.py" />
            <source>With which forms drift at the base level.</source>
            <translation>Mit dem Formen in der Basishöhe treiben.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/view/time_line.py" />
            <source>Blows to</source>
            <translation>Weht nach</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Azimuth to which the wind blows.</source>
            <translation>Azimut, zu dem der Wind weht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/view/time_line.py" />
            <source>So much more wind for each hundred metres of height.</source>
            <translation>So viel mehr Wind je hundert Meter Höhe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/view/time_line.py" />
            <source>Loop</source>
            <translation>Schleife</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/view/time_line.py" />
            <source>What evolves by itself is after the last frame as at the first.</source>
            <translation>Was sich von selbst ändert, ist nach dem letzten Bild wie beim ersten.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Drift</source>
            <translation>Treiben</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Let forms go with the wind: its numbers below.</source>
            <translation>Formen mit dem Wind treiben lassen: seine Zahlen darunter.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Camera</source>
            <translation>Kamera</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Let the camera move: keys of the view, or a flight that is recorded.</source>
            <translation>Die Kamera bewegen lassen: Schlüssel der Ansicht, oder ein aufgenommener Flug.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Keyed number</source>
            <translation>Zahl mit Schlüsseln</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Numbers that have keys; the curve of the chosen one is drawn.</source>
            <translation>Zahlen mit Schlüsseln; die Kurve der gewählten ist gezeichnet.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Key</source>
            <translation>Schlüssel</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <location filename="softmound/desk/view/time_line.py" />
            <source>Remove key</source>
            <translation>Schlüssel entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Take away the key at this frame; where there is none, all keys of the number.</source>
            <translation>Den Schlüssel bei diesem Bild wegnehmen; wo keiner ist, alle Schlüssel der Zahl.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Freeze this frame</source>
            <translation>Dieses Bild einfrieren</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Write OpenVDB…</source>
            <translation>OpenVDB schreiben…</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Make an asset</source>
            <translation>Asset daraus machen</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Take all frames into the library as a sequence, refined twofold.</source>
            <translation>Alle Bilder als Folge in die Bibliothek nehmen, zweifach verfeinert.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Back to the mound</source>
            <translation>Zurück zum Mound</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Make it the form of the mound, refined by detail that rides on its flow.</source>
            <translation>Macht es zur Form des Mounds, verfeinert mit Details, die auf seiner Strömung reiten.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>All frames, numbered, with velocity in m/s.</source>
            <translation>Alle Bilder, nummeriert, mit Geschwindigkeit in m/s.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Look at the mound itself again; the frames stay (Ctrl+L does so as well).</source>
            <translation>Wieder das Mound selbst ansehen; die Bilder bleiben (auch Strg+L).</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <location filename="softmound/desk/view/time_line.py" />
            <source>Key the view</source>
            <translation>Der Ansicht einen Schlüssel geben</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>The camera is at this frame where it is now (Shift+V); between keys it goes on smoothly.</source>
            <translation>Die Kamera ist bei diesem Bild, wo sie jetzt ist (Umschalt+V); zwischen Schlüsseln geht sie sanft weiter.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Take away the key of the camera at this frame; where there is none, all of them.</source>
            <translation>Den Schlüssel der Kamera bei diesem Bild wegnehmen; wo keiner ist, alle.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <location filename="softmound/desk/view/time_line.py" />
            <source>Record a flight</source>
            <translation>Flug aufnehmen</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Fly from this frame on, in real time; landing makes keys of it (Shift+F).</source>
            <translation>Von diesem Bild an fliegen, in Echtzeit; die Landung macht daraus Schlüssel (Umschalt+F).</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Look along it</source>
            <translation>Entlangschauen</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Frames that are gone to, played and filmed are seen from the camera path, else from here.</source>
            <translation>Bilder, zu denen man geht, die man abspielt und filmt, sieht man vom Kameraweg, sonst von hier.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Land and keep it</source>
            <translation>Landen und behalten</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Flying, from frame {} on.</source>
            <translation>Im Flug, von Bild {} an.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>{} keys of the camera, one of them here</source>
            <translation>{} Schlüssel der Kamera, einer davon hier</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>{} keys of the camera</source>
            <translation>{} Schlüssel der Kamera</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>The camera stands still: go to a frame, choose a view, and key it.</source>
            <translation>Die Kamera steht still: geh zu einem Bild, wähle eine Ansicht, und gib ihr einen Schlüssel.</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>remove key</source>
            <translation>Schlüssel entfernen</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Write the frames into</source>
            <translation>Die Bilder schreiben nach</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Give {} a key at this frame (Shift+K).</source>
            <translation>{} einen Schlüssel bei diesem Bild geben (Umschalt+K).</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>Change a number first: this gives it a key at this frame (Shift+K).</source>
            <translation>Ändere erst eine Zahl: dies gibt ihr einen Schlüssel bei diesem Bild (Umschalt+K).</translation>
        </message>
        <message>
            <location filename="softmound/desk/view/time_line.py" />
            <source>{}frame {}, {:.2f} s</source>
            <translation>{}Bild {}, {:.2f} s</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/delivering.py" />
            <source>Put {} clouds in the queue</source>
            <translation>{} Wolken in die Warteschlange stellen</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/delivering.py" />
            <source>Published as {} {}.</source>
            <translation>Veröffentlicht als {} {}.</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/delivering.py" />
            <source> and others</source>
            <translation> und andere</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/delivering.py" />
            <source>{} still to be published when Soft Mound ended: {}. Nothing was lost.</source>
            <translation>{} noch zu veröffentlichen, als Soft Mound endete: {}. Nichts ging verloren.</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/delivering.py" />
            <source>Publish now</source>
            <translation>Jetzt veröffentlichen</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/delivering.py" />
            <source>Ask again next time</source>
            <translation>Nächstes Mal wieder fragen</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/delivering.py" />
            <location filename="softmound/desk/work/delivering.py" />
            <source>There is no cloud to export yet: add a blob in Mass.</source>
            <translation>Es gibt noch keine Wolke auszugeben: füge in Masse einen Blob hinzu.</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/delivering.py" />
            <source>Exported {} to {}, read back and compared.</source>
            <translation>{} nach {} ausgegeben, zurückgelesen und verglichen.</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/delivering.py" />
            <source>Exported {:,} triangles to {}.</source>
            <translation>{:,} Dreiecke nach {} ausgegeben.</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/delivering.py" />
            <source>There is no cloud to take pictures of yet: add a blob in Mass.</source>
            <translation>Es gibt noch keine Wolke für Bilder: füge in Masse einen Blob hinzu.</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/finished.py" />
            <source>Final grid built: {} active voxels.</source>
            <translation>Endgültiges Gitter gebaut: {} aktive Voxel.</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/jobs.py" />
            <source>{} pieces of work wait already; stop some, or wait for them.</source>
            <translation>{} Arbeiten warten schon; halte einige an, oder warte auf sie.</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/jobs.py" />
            <source>It waits its turn, after the work that is being done.</source>
            <translation>Es wartet, bis die laufende Arbeit erledigt ist.</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/jobs.py" />
            <source>Stopped; nothing was changed.</source>
            <translation>Angehalten; nichts wurde geändert.</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/jobs.py" />
            <source>Progress</source>
            <translation>Fortschritt</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/jobs.py" />
            <source>Stop the work in the background (Esc).</source>
            <translation>Die Arbeit im Hintergrund anhalten (Esc).</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/jobs.py" />
            <source>See what waits, do it sooner or later, or not at all.</source>
            <translation>Sehen, was wartet, es früher oder später tun, oder gar nicht.</translation>
        </message>
        <message>
            <location filename="softmound/desk/work/jobs.py" />
            <source>{} waiting</source>
            <translation>{} wartend</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>--frames is for a mound without a time line; choose frames by --range.</source>
            <translation>--frames ist für ein Mound ohne Zeitleiste; wähle Bilder mit --range.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>--layers has no --{}: layers are without the sky and as they were traced, and depth is one of them.</source>
            <translation>--layers hat kein --{}: Ebenen sind ohne den Himmel und wie sie verfolgt wurden, und die Tiefe ist eine davon.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>--of says of which growth; say from which frame too, by --from N.</source>
            <translation>--of sagt, von welchem Wachstum; sage mit --from N auch, von welchem Bild an.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>--set {}: say WHAT=VALUE, where WHAT is one of {}.</source>
            <translation>--set {}: schreibe WAS=WERT, wobei WAS eines ist von {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>--view says from where --as-seen looks; give both.</source>
            <translation>--view sagt, von wo --as-seen schaut; gib beide an.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>/s</source>
            <translation>/s</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>0 for worn hills, 1 for crests like knives.</source>
            <translation>0 für abgetragene Hügel, 1 für messerscharfe Grate.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>0 is fresh, 1 long past its birth: what masks by tiredness go by.</source>
            <translation>0 ist frisch, 1 lange nach der Entstehung: danach richten sich Masken nach Müdigkeit.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>0 reads the noise at the voxel, 1 at the nearest surface point: lumps stand straight out.</source>
            <translation>0 liest das Rauschen am Voxel, 1 am nächsten Punkt der Oberfläche: Beulen stehen gerade heraus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>0.2 for humilis, about 1 for congestus</source>
            <translation>0,2 für Humilis, etwa 1 für Congestus</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>1 lights a white sheet facing the sun to white.</source>
            <translation>1 beleuchtet ein weißes Blatt, das der Sonne zugewandt ist, bis zum Weiß.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>1.35 from 1 to 1000 km (Lovejoy 1982, Science 216)</source>
            <translation>1,35 von 1 bis 1000 km (Lovejoy 1982, Science 216)</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>1/m</source>
            <translation>1/m</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>2 to 3 m at 100 m across</source>
            <translation>2 bis 3 m bei 100 m Breite</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>3 W / (2 r) of up to 3 kg of water per square metre in droplets of 12 µm (Stephens 1978, J. Atmos. Sci. 35)</source>
            <translation>3 W / (2 r) von bis zu 3 kg Wasser je Quadratmeter in Tröpfchen von 12 µm (Stephens 1978, J. Atmos. Sci. 35)</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A .png as it is seen here, or an .exr in linear light with opacity.</source>
            <translation>Ein .png, wie man es hier sieht, oder ein .exr in linearem Licht mit Deckkraft.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A .png as it is seen here, or an .exr in linear light, with layers for compositing.</source>
            <translation>Ein .png, wie man es hier sieht, oder ein .exr in linearem Licht, mit Ebenen fürs Compositing.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A ball around each point of a file; points with an age end as small ones.</source>
            <translation>Eine Kugel um jeden Punkt einer Datei; Punkte mit Alter enden als kleine.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A ball of one metre, or any ellipsoid.</source>
            <translation>Eine Kugel von einem Meter, oder ein beliebiges Ellipsoid.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A ball of wool with a wide soft edge.</source>
            <translation>Eine Kugel aus Wolle mit breitem, weichem Rand.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A ball that shines in all directions, beside the cloud or inside it.</source>
            <translation>Eine Kugel, die in alle Richtungen leuchtet, neben der Wolke oder in ihr.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A ball, or a ball drawn out along its axes: what most clouds are heaped from.</source>
            <translation>Eine Kugel, oder eine entlang ihrer Achsen gestreckte: woraus die meisten Wolken gehäuft sind.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A base level of its own</source>
            <translation>Eine eigene Basishöhe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A basket holds {} versions at most; make another one.</source>
            <translation>Ein Korb enthält höchstens {} Versionen; lege einen weiteren an.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A broad loaf with a smaller one on top; the sun at the side.</source>
            <translation>Ein breiter Laib mit einem kleineren obenauf; die Sonne von der Seite.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A bud's radius over its parent's.</source>
            <translation>Der Radius einer Knospe im Verhältnis zu dem, worauf sie sitzt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A cell around each of many points; turned over, a dome in each: lumps.</source>
            <translation>Eine Zelle um jeden von vielen Punkten; umgekehrt in jeder eine Kuppel: Beulen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A chain of mountains along its own x, by noise; another seed, other peaks.</source>
            <translation>Eine Bergkette entlang der eigenen x-Achse, aus Rauschen; anderer Seed, andere Gipfel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A cloud of less than a metre in a room, by the light of a lamp.</source>
            <translation>Eine Wolke von weniger als einem Meter in einem Zimmer, bei Lampenlicht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A crescent: a ring with a part carved out, torn by the wind.</source>
            <translation>Eine Sichel: ein Ring, aus dem ein Teil geschnitten ist, vom Wind zerrissen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A cube of one metre, or any box.</source>
            <translation>Ein Würfel von einem Meter, oder ein beliebiger Quader.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A curve over all of them</source>
            <translation>Eine Kurve über alle</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A cut through the numbers: drag it through the cloud, read what is there.</source>
            <translation>Ein Schnitt durch die Zahlen: zieh ihn durch die Wolke und lies, was da ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A deck: low, wide and lumpy.</source>
            <translation>Eine Decke: niedrig, breit und bucklig.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A draft voxel of {:g} m needs more memory than there is; choose a larger one, or let it follow the span.</source>
            <translation>Ein Entwurfsvoxel von {:g} m braucht mehr Speicher, als da ist; wähle ein größeres, oder lass es der Spannweite folgen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A fast estimate of light scattered many times: judge the look.</source>
            <translation>Eine schnelle Schätzung des vielfach gestreuten Lichts: zum Beurteilen des Aussehens.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A field of small tufts, heaped above and torn below.</source>
            <translation>Ein Feld kleiner Büschel, oben gehäuft und unten zerrissen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A field of tufts: soft curls above, torn below.</source>
            <translation>Ein Feld von Büscheln: oben weiche Locken, unten zerrissen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A first cloud, step by step</source>
            <translation>Eine erste Wolke, Schritt für Schritt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A flat disc with a round rim.</source>
            <translation>Eine flache Scheibe mit rundem Rand.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A flying craft of stated span, height and length, which flies along its own z.</source>
            <translation>Ein Fluggerät mit genannter Spannweite, Höhe und Länge, das entlang der eigenen z-Achse fliegt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A geometric solid of a stated size.</source>
            <translation>Ein geometrischer Körper von genannter Größe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A house of two floors with a gable roof and a chimney.</source>
            <translation>Ein Haus mit zwei Stockwerken, Giebeldach und Schornstein.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A layer of cloud to the horizon.</source>
            <translation>Eine Wolkenschicht bis zum Horizont.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A layer with pouches hanging from it.</source>
            <translation>Eine Schicht, von der Beutel hängen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A leaning tower against the sun, its rim alight.</source>
            <translation>Ein schiefer Turm gegen die Sonne, mit leuchtendem Saum.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A lens of lifted air, blanket over blanket.</source>
            <translation>Eine Linse aus gehobener Luft, Decke über Decke.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A lens of lifted air, rippled across the wind.</source>
            <translation>Eine Linse aus gehobener Luft, quer zum Wind geriffelt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A level sheet: a floor, a table, or turned up a wall. Its height does not count.</source>
            <translation>Eine ebene Fläche: ein Boden, ein Tisch, oder aufgestellt eine Wand. Ihre Höhe zählt nicht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A local correction of density, with a soft edge: thicker here, thinner there.</source>
            <translation>Eine örtliche Korrektur der Dichte mit weichem Rand: hier dicker, dort dünner.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A model from a file.</source>
            <translation>Ein Modell aus einer Datei.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A person of 1.75 m, standing, who faces along its own z.</source>
            <translation>Ein Mensch von 1,75 m, stehend, der entlang der eigenen z-Achse schaut.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A picture is denoised as a whole; leave out either denoising or the light groups.</source>
            <translation>Ein Bild wird als Ganzes entrauscht; lass entweder das Entrauschen oder die Lichtgruppen weg.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A picture of {}x{} needs about {:,.1f} GB and {:,.1f} GB are free; the largest of that shape that fits is about {}x{}.</source>
            <translation>Ein Bild von {}x{} braucht etwa {:,.1f} GB, und {:,.1f} GB sind frei; das größte dieses Formats, das passt, ist etwa {}x{}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A piece of a layer of flat lumps, the sun low.</source>
            <translation>Ein Stück einer Schicht flacher Beulen, bei tiefer Sonne.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A piece of a layer of flat lumps.</source>
            <translation>Ein Stück einer Schicht flacher Beulen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A puff leaves a mouth and rolls up to a ring.</source>
            <translation>Ein Wölkchen verlässt eine Mündung und rollt sich zum Ring.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A range from {:g} to {:g} holds nothing; give the lower value first.</source>
            <translation>Ein Bereich von {:g} bis {:g} enthält nichts; nenne den kleineren Wert zuerst.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A reference photograph</source>
            <translation>Ein Vergleichsfoto</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A ring covered with balls, its edges crumbling.</source>
            <translation>Ein Ring, mit Kugeln bedeckt, an den Rändern bröselig.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A room with a window in the wall toward its own -x, and a front, toward its own z, to look in by.</source>
            <translation>Ein Zimmer mit einem Fenster in der Wand zum eigenen -x, und einer Front zum eigenen z, durch die man hineinsieht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A rule that places members over an area by one seed.</source>
            <translation>Eine Regel, die nach einem Seed Mitglieder über eine Fläche verteilt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A small flat cumulus over the sea, early.</source>
            <translation>Ein kleiner flacher Cumulus über dem Meer, früh am Tag.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A soft ball of wool.</source>
            <translation>Eine weiche Kugel aus Wolle.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A start takes a {} from {:g} to {:g}; {:g} is outside.</source>
            <translation>Ein Start nimmt ein {} von {:g} bis {:g}; {:g} liegt außerhalb.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A sum of octaves: the same pattern again and again, each time finer and weaker.</source>
            <translation>Eine Summe von Oktaven: immer wieder dasselbe Muster, jedes Mal feiner und schwächer.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A thin medium that hugs the ground; the sun casts shadows through it.</source>
            <translation>Ein dünnes Medium dicht über dem Boden; die Sonne wirft Schatten hindurch.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A thin uneven veil with holes.</source>
            <translation>Ein dünner, ungleichmäßiger Schleier mit Löchern.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A top level of its own</source>
            <translation>Eine eigene Deckhöhe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A tower meets a lid and spreads below it, downwind.</source>
            <translation>Ein Turm trifft auf einen Deckel und breitet sich darunter aus, mit dem Wind.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A tower that has met the top of the weather: the anvil.</source>
            <translation>Ein Turm, der an die Obergrenze des Wetters gestoßen ist: der Amboss.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A tower whose tops have begun to freeze and to smooth.</source>
            <translation>Ein Turm, dessen Spitzen zu gefrieren und glatt zu werden beginnen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A tower whose tops have begun to freeze.</source>
            <translation>Ein Turm, dessen Spitzen zu gefrieren beginnen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A tube bent to a ring that lies flat.</source>
            <translation>Ein zum Ring gebogenes Rohr, das flach liegt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A turret under a smooth cap.</source>
            <translation>Ein Türmchen unter einer glatten Kappe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A voxel of {:g} m needs about {:,.1f} GB and {:,.1f} GB are allowed; the smallest voxel that fits is about {:.2g} m.</source>
            <translation>Ein Voxel von {:g} m braucht etwa {:,.1f} GB, und {:,.1f} GB sind erlaubt; das kleinste Voxel, das passt, ist etwa {:.2g} m.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A voxel of {:g} m needs about {:,.1f} GB and {:,.1f} GB are free; the smallest voxel that fits is about {:.2g} m.</source>
            <translation>Ein Voxel von {:g} m braucht etwa {:,.1f} GB, und {:,.1f} GB sind frei; das kleinste Voxel, das passt, ist etwa {:.2g} m.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>A {} of {:g} m reaches {:,} bricks at a voxel of {:g} m, more than memory holds; choose a larger voxel, or make it weaker.</source>
            <translation>Ein {} von {:g} m erreicht {:,} Blöcke bei einem Voxel von {:g} m, mehr als der Speicher fasst; wähle ein größeres Voxel, oder mach es schwächer.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>About half as tall as wide.</source>
            <translation>Etwa halb so hoch wie breit.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>About the axis; x first, then y, then z.</source>
            <translation>Um die Achse; erst x, dann y, dann z.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>About the vertical.</source>
            <translation>Um die Senkrechte.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Above the inversion; 0 is as warm all the way.</source>
            <translation>Über der Inversion; 0 ist durchweg gleich warm.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Above this altitude nothing rises.</source>
            <translation>Über dieser Höhe steigt nichts auf.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Add a blob</source>
            <translation>Einen Blob hinzufügen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Add a blob there</source>
            <translation>Dort einen Blob hinzufügen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Add a grain</source>
            <translation>Ein Korn hinzufügen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Add a grain at {:.2g} m</source>
            <translation>Ein Korn bei {:.2g} m hinzufügen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Add lumps along the stroke</source>
            <translation>Entlang des Strichs Beulen hinzufügen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Adds</source>
            <translation>Fügt hinzu</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>After so long other patches give off; 0 is always the same.</source>
            <translation>Nach so langer Zeit geben andere Flecken ab; 0 sind immer dieselben.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>After so long the pattern is as it was: a seamless loop.</source>
            <translation>Nach so langer Zeit ist das Muster wieder wie zuvor: eine nahtlose Schleife.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>After sunset, by the light of the sky alone.</source>
            <translation>Nach Sonnenuntergang, nur im Licht des Himmels.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>After the grains</source>
            <translation>Nach den Körnern</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Against a craft…</source>
            <translation>Neben einem Fluggerät…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Against a house</source>
            <translation>Neben einem Haus</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Against a person</source>
            <translation>Neben einem Menschen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Air: computed from the sun</source>
            <translation>Luft: aus der Sonne berechnet</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Albedo</source>
            <translation>Albedo</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>All at</source>
            <translation>Alles bei</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>All at a depth of</source>
            <translation>Alles in einer Tiefe von</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>All forms are hidden.</source>
            <translation>Alle Formen sind verborgen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>All forms, joined in their order.</source>
            <translation>Alle Formen, der Reihe nach verbunden.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>All frames, lit: a film (.mp4, or .webp, .gif, .png), or a folder of numbered .png where the name has no ending.</source>
            <translation>Alle Bilder, beleuchtet: ein Film (.mp4, oder .webp, .gif, .png), oder ein Ordner nummerierter .png, wenn der Name keine Endung hat.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>All of {} at {:.3g} m is finer than half of a final voxel and costs time for nothing.</source>
            <translation>Alles von {} bei {:.3g} m ist feiner als ein halbes Endvoxel und kostet Zeit für nichts.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>All parts of the cloud are crumbs, smaller than {:g} m, and are dropped.</source>
            <translation>Alle Teile der Wolke sind Krümel, kleiner als {:g} m, und fallen weg.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>All round the cloud: a film (.mp4, or .webp, .gif, .png), or a folder of numbered .png where the name has no ending.</source>
            <translation>Rund um die Wolke: ein Film (.mp4, oder .webp, .gif, .png), oder ein Ordner nummerierter .png, wenn der Name keine Endung hat.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>All seeds.</source>
            <translation>Alle Keime.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>All where the cloud is old and frayed, nothing where it is fresh.</source>
            <translation>Alles, wo die Wolke alt und zerfranst ist, nichts, wo sie frisch ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>All where the surface faces one way, nothing where it faces away.</source>
            <translation>Alles, wo die Oberfläche in eine Richtung zeigt, nichts, wo sie abgewandt ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>All within one form, nothing some metres off it.</source>
            <translation>Alles innerhalb einer Form, nichts einige Meter daneben.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Along</source>
            <translation>Richtung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Along a path through the kept views, at rest at both ends: a film (.mp4, or .webp, .gif, .png), or a folder of numbered .png where the name has no ending.</source>
            <translation>Auf einem Weg durch die behaltenen Ansichten, ruhend an beiden Enden: ein Film (.mp4, oder .webp, .gif, .png), oder ein Ordner nummerierter .png, wenn der Name keine Endung hat.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Along the axes: pointed ones.</source>
            <translation>Entlang der Achsen: spitze.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Alt, with a tool</source>
            <translation>Alt, mit einem Werkzeug</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Altitude</source>
            <translation>Höhe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Altitude at which one skin passes into the other.</source>
            <translation>Höhe, in der eine Haut in die andere übergeht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Altitude from which on it is new.</source>
            <translation>Höhe, von der an sie neu ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Altitude of the sea or land; the eye has to be above it.</source>
            <translation>Höhe von Meer oder Land; das Auge muss darüber sein.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Altitude up to which the cloud is old.</source>
            <translation>Höhe, bis zu der die Wolke alt ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Altitude where it acts fully.</source>
            <translation>Höhe, in der sie voll wirkt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Altitude where it begins.</source>
            <translation>Höhe, in der sie beginnt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>An animal of blobs: body, head, ears and tail.</source>
            <translation>Ein Tier aus Blobs: Rumpf, Kopf, Ohren und Schwanz.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>An anvil, its fibres drawn out by the wind above.</source>
            <translation>Ein Amboss, dessen Fasern der Wind oben auszieht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>An upright cylinder with round ends.</source>
            <translation>Ein aufrechter Zylinder mit runden Enden.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>An upright cylinder: a column, a tank, a chimney.</source>
            <translation>Ein aufrechter Zylinder: eine Säule, ein Tank, ein Schornstein.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Anchor</source>
            <translation>Anker</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Anchored to the sky</source>
            <translation>Am Himmel verankert</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Anisotropy</source>
            <translation>Anisotropie</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Another number, another deck.</source>
            <translation>Andere Zahl, andere Decke.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Another number, another growth.</source>
            <translation>Andere Zahl, anderes Wachstum.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Another number, another haze.</source>
            <translation>Andere Zahl, anderer Dunst.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Another number, another pattern.</source>
            <translation>Andere Zahl, anderes Muster.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Another number, another warp.</source>
            <translation>Andere Zahl, andere Verzerrung.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Another number, other peaks.</source>
            <translation>Andere Zahl, andere Gipfel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Another seed of the spread</source>
            <translation>Anderer Seed der Streuung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Another seed places all of them anew, but for what was changed by hand.</source>
            <translation>Ein anderer Seed setzt alle neu, außer was von Hand geändert wurde.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Another skin for the underside, into which the upper one passes.</source>
            <translation>Eine andere Haut für die Unterseite, in die die obere übergeht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Anvil</source>
            <translation>Amboss</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Anvil fibres</source>
            <translation>Ambossfasern</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Apart</source>
            <translation>Abstand</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Approach, and draw back</source>
            <translation>Näher heran, und zurück</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Area</source>
            <translation>Fläche</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Arrows</source>
            <translation>Pfeile</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>As a noise of its own says: here and there.</source>
            <translation>Wie ein eigenes Rauschen sagt: hier und da.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>As in the mound</source>
            <translation>Wie im Mound</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>As it is</source>
            <translation>Wie es ist</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>As large</source>
            <translation>So groß</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>As the crow flies: round cells.</source>
            <translation>Luftlinie: runde Zellen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>As they are: in and out alike.</source>
            <translation>Wie sie sind: nach innen und außen gleich.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>As water droplets scatter: a narrow peak, a glory, a fogbow.</source>
            <translation>Wie Wassertröpfchen streuen: eine schmale Spitze, eine Glorie, ein Nebelbogen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Aspect</source>
            <translation>Seitenverhältnis</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>At density 1; natural cumulus has 0.01 to 0.12 per metre.</source>
            <translation>Bei Dichte 1; natürlicher Cumulus hat 0,01 bis 0,12 je Meter.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>At the base level, in nature.</source>
            <translation>In der Basishöhe, in der Natur.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>At {:.3g} times its size the mound's {} would leave its limits; choose a size nearer to the present one.</source>
            <translation>Bei {:.3g}-facher Größe verließe {} des Mounds seine Grenzen; wähle eine Größe näher an der jetzigen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Author</source>
            <translation>Urheber</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Average</source>
            <translation>Mittel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Azimuth of the middle of the picture.</source>
            <translation>Azimut der Mitte des Bildes.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Azimuth of the wind.</source>
            <translation>Azimut des Windes.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Azimuth.</source>
            <translation>Azimut.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Back to where it began</source>
            <translation>Zurück zum Anfang</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Backspace</source>
            <translation>Rücktaste</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Bakers Hare</source>
            <translation>Bakers Hare</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ball</source>
            <translation>Kugel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ball radius</source>
            <translation>Kugelradius</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Balls that cover a form evenly.</source>
            <translation>Kugeln, die eine Form gleichmäßig bedecken.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Base</source>
            <translation>Basis</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Basket</source>
            <translation>Korb</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Baskets</source>
            <translation>Körbe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Begin</source>
            <translation>Beginnen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Begin with a shape</source>
            <translation>Mit einer Form beginnen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Begun before</source>
            <translation>Schon begonnen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Behind</source>
            <translation>Dahinter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Behind the cloud, in place of the sky.</source>
            <translation>Hinter der Wolke, an Stelle des Himmels.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Below</source>
            <translation>Darunter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Below this altitude nothing condenses.</source>
            <translation>Unter dieser Höhe kondensiert nichts.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Beside</source>
            <translation>Daneben</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Beside something</source>
            <translation>Neben etwas</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Between the lumps, in their radii.</source>
            <translation>Zwischen den Beulen, in ihren Radien.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Bits cut off by grains that hang on nothing and are smaller than this are dropped; 0 keeps them all.</source>
            <translation>Von Körnern abgetrennte Stückchen, die an nichts hängen und kleiner sind, fallen weg; 0 behält alle.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Blend radius where forms join: 0 leaves a crease.</source>
            <translation>Übergangsradius, wo Formen sich verbinden: 0 lässt eine Kerbe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Blends values at corners: blunter than gradient noise.</source>
            <translation>Mischt Werte an Ecken: stumpfer als Gradientenrauschen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Blue Hour Roll</source>
            <translation>Blue Hour Roll</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Blue hour</source>
            <translation>Blaue Stunde</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Boil</source>
            <translation>Brodeln</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Both</source>
            <translation>Beides</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Bound</source>
            <translation>Grenze</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Box</source>
            <translation>Quader</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Break it up</source>
            <translation>Aufbrechen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Break up what is under the brush</source>
            <translation>Aufbrechen, was unter dem Pinsel ist</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Bring the mound near a photograph…</source>
            <translation>Das Mound einem Foto annähern…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Brioche</source>
            <translation>Brioche</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Buds</source>
            <translation>Knospen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Buds and coats</source>
            <translation>Knospen und Hüllen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Buds on each parent.</source>
            <translation>Knospen auf jeder Kugel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Buds on the form, buds on those buds, and so on.</source>
            <translation>Knospen auf der Form, Knospen auf diesen Knospen, und so fort.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Buds' seed</source>
            <translation>Seed der Knospen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Buds: smaller lumps over its surface</source>
            <translation>Knospen: kleinere Beulen über der Oberfläche</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Bundt</source>
            <translation>Bundt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Burnt Crust</source>
            <translation>Burnt Crust</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Burst</source>
            <translation>Ausbruch</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Bursts</source>
            <translation>Stöße</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>By a curve</source>
            <translation>Nach einer Kurve</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>By density</source>
            <translation>Nach Dichte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>By depth</source>
            <translation>Nach Tiefe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>By droplets</source>
            <translation>Nach Tröpfchen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>By facing</source>
            <translation>Nach Ausrichtung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>By form</source>
            <translation>Nach Form</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>By height</source>
            <translation>Nach Höhe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>By how much the air is warmer above it.</source>
            <translation>Um wie viel die Luft darüber wärmer ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>By mean cosine</source>
            <translation>Nach mittlerem Kosinus</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>By name</source>
            <translation>Nach Name</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>By noise</source>
            <translation>Nach Rauschen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>By tiredness</source>
            <translation>Nach Müdigkeit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>By two lobes</source>
            <translation>Nach zwei Keulen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Calvus</source>
            <translation>Calvus</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Candidates</source>
            <translation>Kandidaten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Capsule</source>
            <translation>Kapsel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Carve along the stroke</source>
            <translation>Entlang des Strichs schnitzen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Carves</source>
            <translation>Schneidet weg</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Carves the cloud so far around it.</source>
            <translation>Schneidet die Wolke so weit um ihn herum weg.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Cauliflower</source>
            <translation>Blumenkohl</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Cell</source>
            <translation>Zelle</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Cellular</source>
            <translation>Zellulär</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Centre</source>
            <translation>Mitte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Chebyshev</source>
            <translation>Tschebyschow</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Chimney Puff</source>
            <translation>Chimney Puff</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Choose New mound (Ctrl+N), take a start you like on the wall, and Begin.</source>
            <translation>Wähle Neues Mound (Strg+N), nimm einen Start an der Wand, der dir gefällt, und beginne damit.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Choose all forms</source>
            <translation>Alle Formen wählen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Choose all forms in the box</source>
            <translation>Alle Formen im Kasten wählen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Choose another form as well</source>
            <translation>Auch eine andere Form wählen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Choose one more</source>
            <translation>Noch eine wählen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Choose one more, to compare two</source>
            <translation>Noch eine wählen, um zwei zu vergleichen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Cirrus hooks</source>
            <translation>Cirrushaken</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Clay</source>
            <translation>Ton</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Clay on the left, Draft light on the right, at once.</source>
            <translation>Links Ton, rechts Entwurfslicht, zugleich.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Clear for</source>
            <translation>Klar bis</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Click a cloud to have it, or not.</source>
            <translation>Klicke eine Wolke an, um sie zu nehmen oder wegzulassen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Click in the picture</source>
            <translation>Klick ins Bild</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Cloud</source>
            <translation>Wolke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Clouds to begin with, on the wall of starts.</source>
            <translation>Wolken für den Anfang, an der Wand der Starts.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Coat</source>
            <translation>Hülle</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Coat's seed</source>
            <translation>Seed der Hülle</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Coat: evenly covered with balls</source>
            <translation>Hülle: gleichmäßig mit Kugeln bedeckt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Codes of shots it is meant for.</source>
            <translation>Kürzel von Einstellungen, für die sie gedacht ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Cold fog runs over the edge of a plateau and down.</source>
            <translation>Kalter Nebel läuft über die Kante einer Hochebene und hinab.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Colder by so much each kilometre: the more, the faster they rise.</source>
            <translation>Um so viel kälter je Kilometer: je mehr, desto schneller steigen sie.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Colour</source>
            <translation>Farbe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Colour of a black body: 2,700 a warm lamp, 6,500 daylight, above it bluer.</source>
            <translation>Farbe eines schwarzen Körpers: 2.700 eine warme Lampe, 6.500 Tageslicht, darüber bläulicher.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Colour of its own light.</source>
            <translation>Farbe des eigenen Lichts.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Colour of the sky at the horizon.</source>
            <translation>Farbe des Himmels am Horizont.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Colour of the sky overhead.</source>
            <translation>Farbe des Himmels im Zenit.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Colour of the sunlight; behind air, outside it.</source>
            <translation>Farbe des Sonnenlichts; hinter Luft die außerhalb davon.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Colours for exposure</source>
            <translation>Farben für die Belichtung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Compare…</source>
            <translation>Vergleichen…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Cone</source>
            <translation>Kegel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Congestus</source>
            <translation>Congestus</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Contact sheet…</source>
            <translation>Kontaktbogen…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Contrast</source>
            <translation>Kontrast</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Cools</source>
            <translation>Kühlt ab</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Core density</source>
            <translation>Kerndichte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Cottage Loaf</source>
            <translation>Cottage Loaf</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Cotton</source>
            <translation>Watte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Cotton Bun</source>
            <translation>Cotton Bun</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Count</source>
            <translation>Anzahl</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Cover</source>
            <translation>Bedeckung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Craft</source>
            <translation>Fluggerät</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Crisp</source>
            <translation>Schärfe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Crisp above, torn to wisps below and downwind.</source>
            <translation>Oben scharf, unten und im Lee zu Fetzen zerrissen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Crisp lumps on a level base, at noon.</source>
            <translation>Scharfe Beulen auf ebener Basis, am Mittag.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Crumb</source>
            <translation>Krume</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Crumbs</source>
            <translation>Crumbs</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Crust</source>
            <translation>Kruste</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ctrl + click on a card</source>
            <translation>Strg + Klick auf eine Karte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ctrl + wheel on the wall</source>
            <translation>Strg + Rad auf der Wand</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Curl</source>
            <translation>Wirbel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Curvature flow</source>
            <translation>Krümmungsfluss</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Curve</source>
            <translation>Kurve</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Cylinder</source>
            <translation>Zylinder</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Dab</source>
            <translation>Tupfen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Deck</source>
            <translation>Decke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Deck slab</source>
            <translation>Deckenscholle</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Delete for good</source>
            <translation>Endgültig löschen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Denoising needs a package that is not installed; add it with: {} -m pip install pyoidn cffi.</source>
            <translation>Entrauschen braucht ein Paket, das nicht installiert ist; füge es hinzu mit: {} -m pip install pyoidn cffi.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Densities</source>
            <translation>Dichten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Density</source>
            <translation>Dichte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Density inside, which the extinction multiplies.</source>
            <translation>Dichte im Inneren, die die Extinktion multipliziert.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Depth</source>
            <translation>Tiefe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Detail</source>
            <translation>Detail</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Diameter of the droplets: 5 to 50; larger ones glare more.</source>
            <translation>Durchmesser der Tröpfchen: 5 bis 50; größere blenden mehr.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Dies away</source>
            <translation>Verklingt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Difference</source>
            <translation>Unterschied</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Direction</source>
            <translation>Richtung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Disc</source>
            <translation>Scheibe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Displacement of a form along its normals, before it is joined.</source>
            <translation>Verschiebung einer Form entlang ihrer Normalen, bevor sie verbunden wird.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Distance</source>
            <translation>Abstand</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Dome</source>
            <translation>Wölbung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Domed</source>
            <translation>Gekuppelt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Double click on a card, Enter</source>
            <translation>Doppelklick auf eine Karte, Eingabe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Double click on the plan</source>
            <translation>Doppelklick auf den Plan</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Double-click</source>
            <translation>Doppelklick</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Double-click, or type</source>
            <translation>Doppelklick, oder tippen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Down</source>
            <translation>Runter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drag</source>
            <translation>Ziehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drag a form</source>
            <translation>Eine Form ziehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drag a hill</source>
            <translation>Einen Hügel ziehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drag a round handle</source>
            <translation>Einen runden Griff ziehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drag a stand-in</source>
            <translation>Einen Statisten ziehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drag beside them, wheel</source>
            <translation>Daneben ziehen, Rad</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drag cards onto a basket</source>
            <translation>Karten auf einen Korb ziehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drag in the picture</source>
            <translation>Im Bild ziehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drag on the dome</source>
            <translation>Auf der Kuppel ziehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drag on the plan</source>
            <translation>Auf dem Plan ziehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drag over the sky</source>
            <translation>Über den Himmel ziehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drag the arc</source>
            <translation>Den Bogen ziehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drag the small mark at the left of the picture, or the altitude under Base level in the settings: clouds are flat where droplets begin.</source>
            <translation>Zieh die kleine Marke links am Bild, oder die Höhe unter Basishöhe in den Einstellungen: Wolken sind flach, wo Tröpfchen beginnen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drag the sun on the dome at the upper left, or use the numbers in Light (key 4). Low and beside the cloud shows its lumps.</source>
            <translation>Zieh die Sonne auf der Kuppel, oder nimm die Zahlen in Licht (Taste 4). Tief und neben der Wolke zeigt ihre Beulen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drag x, y or z</source>
            <translation>x, y oder z ziehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drawn: three colours</source>
            <translation>Gezeichnet: drei Farben</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Draws buds toward the top, or below 0 toward the bottom.</source>
            <translation>Zieht Knospen nach oben, oder unter 0 nach unten.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Draws the edge out into wisps.</source>
            <translation>Zieht den Rand zu Fasern aus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Drop crumbs below</source>
            <translation>Krümel weglassen unter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Droplets</source>
            <translation>Tröpfchen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Duplicate the chosen forms</source>
            <translation>Die gewählten Formen verdoppeln</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Dusk</source>
            <translation>Dämmerung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Each octave grows from the surface that the larger ones have made, in its own directions: lumps on lumps.</source>
            <translation>Jede Oktave wächst von der Oberfläche aus, die die größeren gemacht haben, in deren Richtungen: Beulen auf Beulen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Each without its sign: round valleys, sharp creases.</source>
            <translation>Jede ohne ihr Vorzeichen: runde Täler, scharfe Falten.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Early</source>
            <translation>Früh</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ease</source>
            <translation>Glätten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ease in and out</source>
            <translation>Weich an- und auslaufen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ease the surface by a filter.</source>
            <translation>Die Oberfläche mit einem Filter glätten.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Eats the edge of the density away.</source>
            <translation>Frisst den Rand der Dichte weg.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Edge</source>
            <translation>Kante</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Edge and skin</source>
            <translation>Kante und Haut</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Edge softness</source>
            <translation>Randweichheit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Editing</source>
            <translation>Bearbeiten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ember Crust</source>
            <translation>Ember Crust</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ends early</source>
            <translation>Endet früh</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>English</source>
            <translation>Englisch</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Escape</source>
            <translation>Escape</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Euclidean</source>
            <translation>Euklidisch</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Even</source>
            <translation>Gleichmäßig</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Even on pushed surfaces</source>
            <translation>Gleichmäßig auf verschobenen Flächen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Evening and night</source>
            <translation>Abend und Nacht</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Every form</source>
            <translation>Jede Form</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Every fourth</source>
            <translation>Jedes vierte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Every frame</source>
            <translation>Jedes Bild</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Every mask</source>
            <translation>Jede Maske</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Every second</source>
            <translation>Jedes zweite</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Every stand-in</source>
            <translation>Jeder Statist</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Explained</source>
            <translation>Erklärt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Export OpenVDB…</source>
            <translation>OpenVDB ausgeben…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Export mesh…</source>
            <translation>Netz ausgeben…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Export…</source>
            <translation>Ausgeben…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Exposure</source>
            <translation>Belichtung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Exposure by the picture</source>
            <translation>Belichtung nach dem Bild</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Extinction</source>
            <translation>Extinktion</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Extinction, in Light.</source>
            <translation>Extinktion, in Licht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>F1</source>
            <translation>F1</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>F2</source>
            <translation>F2</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>F2-F1</source>
            <translation>F2-F1</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Facing</source>
            <translation>Ausrichtung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Fader of a light group</source>
            <translation>Regler einer Lichtgruppe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Fair weather</source>
            <translation>Schönwetter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Falloff</source>
            <translation>Abfall</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Feature size</source>
            <translation>Merkmalsgröße</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Feature size of the raggedness.</source>
            <translation>Merkmalsgröße der Zerklüftung.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Features so many times as long along the axis.</source>
            <translation>Merkmale so viele Male so lang entlang der Achse.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Fewer below</source>
            <translation>Unten weniger</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Field</source>
            <translation>Feld</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Fill</source>
            <translation>Füllung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Film</source>
            <translation>Film</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Films are written as {}, not as {}.</source>
            <translation>Filme werden als {} geschrieben, nicht als {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Filter</source>
            <translation>Filter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Find a number of this station</source>
            <translation>Eine Zahl dieser Station finden</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Find anything…</source>
            <translation>Alles finden…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Find on the wall</source>
            <translation>An der Wand finden</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Find: words, 300-500 m, shot:CODE, tag:WORD, species:WORD, since:DAY, -WORD</source>
            <translation>Finden: Wörter, 300-500 m, shot:CODE, tag:WORT, species:WORT, since:TAG, -WORT</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Fine waves across the wind; smoother than any sky's.</source>
            <translation>Feine Wellen quer zum Wind; glatter als an jedem Himmel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Finer detail on the same silhouette.</source>
            <translation>Feineres Detail auf demselben Umriss.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Finer octaves follow as far as voxels show them: a close view finds lumps on lumps. The final voxel says which of them are exported.</source>
            <translation>Feinere Oktaven folgen, so weit Voxel sie zeigen: aus der Nähe findet man Beulen auf Beulen. Das Endvoxel sagt, welche ausgegeben werden.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Finished clouds of The Weather Bakery, to take apart.</source>
            <translation>Fertige Wolken der Wetterbäckerei, zum Zerlegen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Firm</source>
            <translation>Fest</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>First</source>
            <translation>Erstes</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>First frame</source>
            <translation>Erstes Bild</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Fit the cloud</source>
            <translation>Die Wolke einpassen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Flat underneath</source>
            <translation>Unten flach</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Fleece</source>
            <translation>Vlies</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Flicker</source>
            <translation>Flackern</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Floccus</source>
            <translation>Floccus</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Flock</source>
            <translation>Schar</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Floor</source>
            <translation>Mindestwert</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Flour Drift</source>
            <translation>Flour Drift</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Fly, or land</source>
            <translation>Fliegen, oder landen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Flying: ↑ ↓ go, ← → turn, , . aside, Page up and down rise and sink, Home and End look up and down, Shift is faster, F or Esc lands.</source>
            <translation>Im Flug: ↑ ↓ vor, ← → drehen, , . seitwärts, Bild auf und ab steigen und sinken, Pos1 und Ende auf und ab schauen, Umschalt schneller, F oder Esc landet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Fog that pours</source>
            <translation>Fließender Nebel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Folded</source>
            <translation>Gefaltet</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Folded and turned over: sharp ridges.</source>
            <translation>Gefaltet und umgekehrt: scharfe Grate.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>For --scheduler the package softmound[farm] has to be installed.</source>
            <translation>Für --scheduler muss das Paket softmound[farm] installiert sein.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>For USD the package usd-core has to be installed.</source>
            <translation>Für USD muss das Paket usd-core installiert sein.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Form</source>
            <translation>Form</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Formation</source>
            <translation>Formation</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Forms, base level and top level.</source>
            <translation>Formen, Basishöhe und Deckhöhe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Four sides, three suns</source>
            <translation>Vier Seiten, drei Sonnen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Fractus</source>
            <translation>Fractus</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Frame {} holds no cloud; choose a later one.</source>
            <translation>Bild {} enthält keine Wolke; wähle ein späteres.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Frame {}: {} voxels along a cell would be voxels of {:.3g} m and take {:,.1f} GB; {:.1f} GB are free, and voxels are {} m at the least. Choose fewer.</source>
            <translation>Bild {}: {} Voxel entlang einer Zelle wären Voxel von {:.3g} m und bräuchten {:,.1f} GB; {:.1f} GB sind frei, und Voxel sind mindestens {} m. Wähle weniger.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Frames are published of one mound at a time; leave --seeds, --scheduler and further mounds.</source>
            <translation>Bilder werden von einem Mound auf einmal veröffentlicht; lass --seeds, --scheduler und weitere Mounds weg.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Frames of a mound, and the wind that carries its noise.</source>
            <translation>Bilder eines Mounds, und der Wind, der sein Rauschen trägt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Frames to be played</source>
            <translation>Bilder zum Abspielen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Fresh above</source>
            <translation>Frisch oben</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>From</source>
            <translation>Von</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>From +z toward +x; drag the sun dome as well.</source>
            <translation>Von +z nach +x; zieh auch an der Sonnenkuppel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>From below</source>
            <translation>Von unten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>From crest to crest.</source>
            <translation>Von Kamm zu Kamm.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>From nothing at one altitude to all at another.</source>
            <translation>Von nichts in einer Höhe bis alles in einer anderen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>From nothing at the surface to all at a depth inside.</source>
            <translation>Von nichts an der Oberfläche bis alles in einer Tiefe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>From overhead to the horizon, with light from the ground below.</source>
            <translation>Vom Zenit zum Horizont, mit Licht vom Boden darunter.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>From the middle of a street to that of the next; 0 for none.</source>
            <translation>Von der Mitte einer Straße zu der der nächsten; 0 für keine.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>From the shape to the density, in Voxels.</source>
            <translation>Von der Form zur Dichte, in Voxel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>From the underside up to its tops.</source>
            <translation>Von der Unterseite bis zu ihren Spitzen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Front open</source>
            <translation>Front offen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Fusion</source>
            <translation>Verschmelzung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Gain</source>
            <translation>Verstärkung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Gaps narrower than this close to one sheet; 0 leaves them.</source>
            <translation>Lücken, die schmaler sind, schließen sich zu einem Blatt; 0 lässt sie.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Gaussian</source>
            <translation>Gauß</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Generations</source>
            <translation>Generationen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Give at least two files to combine.</source>
            <translation>Nenne mindestens zwei Dateien zum Vereinen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Give it a value</source>
            <translation>Ihm einen Wert geben</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Gives off</source>
            <translation>Gibt ab</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Gives off for</source>
            <translation>Gibt ab für</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Glazed Lid</source>
            <translation>Glazed Lid</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Glow</source>
            <translation>Glühen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Glow changes</source>
            <translation>Glühen ändert sich</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Glow colour</source>
            <translation>Farbe des Glühens</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Gradient</source>
            <translation>Gradient</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Grains</source>
            <translation>Körner</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Grains and noise</source>
            <translation>Körner und Rauschen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Grid</source>
            <translation>Gitter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ground</source>
            <translation>Boden</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Group or ungroup the chosen members</source>
            <translation>Die gewählten Mitglieder gruppieren oder trennen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Grow or shrink</source>
            <translation>Wachsen oder schrumpfen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Growth</source>
            <translation>Wachstum</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Growths to begin with.</source>
            <translation>Wachstümer für den Anfang.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Half the blob's size along its own axis.</source>
            <translation>Die halbe Größe des Blobs entlang der eigenen Achse.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Hand it over</source>
            <translation>Weitergeben</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Handed on with OpenUSD; here every stand-in sends light back evenly to all sides.</source>
            <translation>Wird mit OpenUSD weitergegeben; hier schickt jeder Statist Licht nach allen Seiten gleich zurück.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Hanging Dough</source>
            <translation>Hanging Dough</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Hard</source>
            <translation>Hart</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Hard little lumps, close together, and the sun in front.</source>
            <translation>Harte kleine Beulen, dicht beisammen, und die Sonne von vorn.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Haze</source>
            <translation>Dunst</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Heat</source>
            <translation>Wärme</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Heavy lumps above a ragged, hanging underside.</source>
            <translation>Schwere Beulen über einer zerfetzten, hängenden Unterseite.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Height above the base level, in nature, where clouds are stopped and spread.</source>
            <translation>Höhe über der Basis, in der Natur, in der Wolken aufgehalten werden und sich ausbreiten.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Height above the horizon.</source>
            <translation>Höhe über dem Horizont.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Height over which it becomes e times thinner.</source>
            <translation>Höhe, über die er e-mal dünner wird.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Height over which it does.</source>
            <translation>Höhe, über die sie es tut.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Height over width</source>
            <translation>Höhe zu Breite</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Henyey and Greenstein's phase function, by one number.</source>
            <translation>Die Phasenfunktion von Henyey und Greenstein, mit einer Zahl.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Hide or show the settings</source>
            <translation>Die Einstellungen verbergen oder zeigen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Hide or show the tray</source>
            <translation>Die Ablage verbergen oder zeigen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Hide {}</source>
            <translation>{} verbergen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>High, noon</source>
            <translation>Hoch, Mittag</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Highest</source>
            <translation>Höchste</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Hollow: a shell</source>
            <translation>Hohl: eine Schale</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>House</source>
            <translation>Haus</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How bright the picture is.</source>
            <translation>Wie hell das Bild ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How deep it eats.</source>
            <translation>Wie tief es frisst.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How deep it reaches.</source>
            <translation>Wie tief es reicht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How distances are measured.</source>
            <translation>Wie Abstände gemessen werden.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far apart they are, in their radii.</source>
            <translation>Wie weit sie auseinander sind, in ihren Radien.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far around a tired form.</source>
            <translation>Wie weit um eine müde Form.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far crests stand above hollows.</source>
            <translation>Wie weit Kämme über Senken stehen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far density is moved at the most.</source>
            <translation>Wie weit Dichte höchstens bewegt wird.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far edges roll up in whirls finer than the cells; seen at once.</source>
            <translation>Wie weit Ränder sich in Wirbeln einrollen, die feiner sind als die Zellen; sofort zu sehen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far from the level things are pressed together.</source>
            <translation>Wie weit vom Niveau etwas zusammengedrückt wird.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far it goes all round the middle.</source>
            <translation>Wie weit sie rund um die Mitte reicht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far it may rise, in spans of the form.</source>
            <translation>Wie weit es steigen darf, in Spannweiten der Form.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far it reaches along its own axis.</source>
            <translation>Wie weit es entlang der eigenen Achse reicht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far off the form it still acts.</source>
            <translation>Wie weit neben der Form sie noch wirkt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far one sees over it before it is lost in haze.</source>
            <translation>Wie weit man darüber sieht, bevor es im Dunst verschwindet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far one sees: haze whitens the sky and dims the sun.</source>
            <translation>Wie weit man sieht: Dunst bleicht den Himmel und dämpft die Sonne.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far out a bud's middle lies, in its parent's radii.</source>
            <translation>Wie weit außen die Mitte einer Knospe liegt, in Radien dessen, worauf sie sitzt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far places are moved.</source>
            <translation>Wie weit Orte verschoben werden.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far the filter looks: larger lumps melt away.</source>
            <translation>Wie weit das Filter schaut: größere Beulen schmelzen weg.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far the largest features move the surface.</source>
            <translation>Wie weit die größten Merkmale die Oberfläche bewegen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far the level goes up and down.</source>
            <translation>Wie weit das Niveau auf und ab geht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far the wisps reach.</source>
            <translation>Wie weit die Fasern reichen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far they go in and out.</source>
            <translation>Wie weit sie hinein- und hinausgehen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How far, how large and how fine grains push.</source>
            <translation>Wie weit, wie groß und wie fein Körner schieben.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How fine the density is made.</source>
            <translation>Wie fein die Dichte gemacht wird.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How gently the radius begins and ends to change.</source>
            <translation>Wie sanft der Radius zu wechseln beginnt und endet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How high the window begins, as a share of the height.</source>
            <translation>Wie hoch das Fenster beginnt, als Anteil der Höhe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How long it grows.</source>
            <translation>Wie lange es wächst.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How long the form gives off.</source>
            <translation>Wie lange die Form abgibt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How many finer layers are added, each smaller and weaker.</source>
            <translation>Wie viele feinere Schichten dazukommen, jede kleiner und schwächer.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How many finer layers it has.</source>
            <translation>Wie viele feinere Schichten sie hat.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How many times its light is mixed into the picture.</source>
            <translation>Wie viele Male sein Licht ins Bild gemischt wird.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How much farther the second is: walls between cells.</source>
            <translation>Wie viel weiter der zweite ist: Wände zwischen Zellen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How much finer each octave is than the one before.</source>
            <translation>Wie viel feiner jede Oktave ist als die vorige.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How much is eaten where the noise is highest.</source>
            <translation>Wie viel gefressen wird, wo das Rauschen am höchsten ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How much it changes from place to place, by the noise below.</source>
            <translation>Wie sehr es sich von Ort zu Ort ändert, nach dem Rauschen darunter.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How much it is varied.</source>
            <translation>Wie sehr er schwankt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How much more tired the side is that the wind blows to.</source>
            <translation>Wie viel müder die Seite ist, zu der der Wind weht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How much of one light group is mixed into the picture.</source>
            <translation>Wie viel von einer Lichtgruppe ins Bild gemischt wird.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How much of the light the second lobe scatters.</source>
            <translation>Wie viel des Lichts die zweite Keule streut.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How much of the power comes and goes from picture to picture of a sequence.</source>
            <translation>Wie viel der Leistung in einer Folge von Bild zu Bild kommt und geht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How much of the push is taken away at the base level.</source>
            <translation>Wie viel vom Schub auf der Basishöhe weggenommen wird.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How much the density varies.</source>
            <translation>Wie sehr die Dichte schwankt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How often it is done.</source>
            <translation>Wie oft es getan wird.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How round the edges of a box or a cone are.</source>
            <translation>Wie rund die Kanten eines Quaders oder Kegels sind.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How soon they thin out.</source>
            <translation>Wie bald sie dünn werden.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How steeply they rise.</source>
            <translation>Wie steil sie steigen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How strong each octave is beside the one before.</source>
            <translation>Wie stark jede Oktave neben der vorigen ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How the octaves are added.</source>
            <translation>Wie die Oktaven addiert werden.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How thick they are.</source>
            <translation>Wie dick sie sind.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How unlike one another the buds are.</source>
            <translation>Wie ungleich die Knospen einander sind.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How unlike one another the lumps are.</source>
            <translation>Wie ungleich die Beulen einander sind.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How unlike one another they are.</source>
            <translation>Wie ungleich sie einander sind.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How wide its lumps are.</source>
            <translation>Wie breit ihre Beulen sind.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How wide the cone is at its top, over its foot.</source>
            <translation>Wie breit der Kegel oben ist, im Verhältnis zum Fuß.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How wide the sun looks: 0.53 in nature. True light softens by it.</source>
            <translation>Wie breit die Sonne aussieht: 0,53 in der Natur. Wahres Licht wird danach weicher.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How wide they are.</source>
            <translation>Wie breit sie sind.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>How wide what varies it is.</source>
            <translation>Wie breit ist, was ihn schwanken lässt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Humidity</source>
            <translation>Feuchte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Humidity above</source>
            <translation>Feuchte darüber</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Humilis</source>
            <translation>Humilis</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>IBM Plex Sans</source>
            <translation>IBM Plex Sans</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Iced Finger</source>
            <translation>Iced Finger</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>In Formation</source>
            <translation>In Formation</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>In front of everything, where it does not hide the cloud.</source>
            <translation>Vor allem, wo es die Wolke nicht verdeckt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>In it, at its lowest.</source>
            <translation>In ihm, an seiner tiefsten Stelle.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>In the library</source>
            <translation>In der Bibliothek</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>In the way of growth</source>
            <translation>Dem Wachstum im Weg</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>In this unit it would be {:,.0f} m long or lie as far away; choose a smaller unit.</source>
            <translation>In dieser Einheit wäre es {:,.0f} m lang oder läge so weit weg; wähle eine kleinere.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Incus</source>
            <translation>Incus</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Inside</source>
            <translation>Innen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Inversion</source>
            <translation>Inversion</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Inverted</source>
            <translation>Umgekehrt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Inward</source>
            <translation>Nach innen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Is not seen</source>
            <translation>Ist nicht zu sehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Is the first cloud</source>
            <translation>Ist die erste Wolke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>It</source>
            <translation>Er</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>It glows from within, as embers do, under the moon.</source>
            <translation>Sie glüht von innen, wie Glut, unter dem Mond.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Its density is added to the mound's.</source>
            <translation>Seine Dichte wird zu der des Mounds addiert.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Its feature size sideways, its strength upward</source>
            <translation>Seitwärts seine Merkmalsgröße, aufwärts seine Stärke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Its foot</source>
            <translation>Ihr Fuß</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Its light is left out.</source>
            <translation>Sein Licht wird weggelassen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Its number in the tray of Mass, from 0.</source>
            <translation>Ihre Nummer in der Ablage von Masse, ab 0.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Its share</source>
            <translation>Ihr Anteil</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Its size along the axis.</source>
            <translation>Seine Größe entlang der Achse.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Its strength</source>
            <translation>Ihre Stärke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Its surface</source>
            <translation>Ihre Oberfläche</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Its thickness</source>
            <translation>Ihre Dicke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Its values stay what they are.</source>
            <translation>Seine Werte bleiben, was sie sind.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Jitter</source>
            <translation>Streuung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Joined to what came before.</source>
            <translation>Mit dem Vorigen verbunden.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Joining</source>
            <translation>Verbinden</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Joins</source>
            <translation>Kommt hinzu</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>K/km</source>
            <translation>K/km</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Keep</source>
            <translation>Behalten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Keep crumbs</source>
            <translation>Krümel behalten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Keep it</source>
            <translation>Behalten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Keep them</source>
            <translation>Sie behalten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Keep {} octaves</source>
            <translation>{} Oktaven behalten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Keeps</source>
            <translation>Behält</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Keeps cloud away</source>
            <translation>Hält Wolke fern</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Keeps the size</source>
            <translation>Behält die Größe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Kept views, or four sides, side by side; below one another the sun in front, beside and behind.</source>
            <translation>Behaltene Ansichten oder vier Seiten, nebeneinander; untereinander die Sonne vorn, seitlich und hinten.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Kept, but not shown.</source>
            <translation>Behalten, aber nicht gezeigt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Key the number that was changed last</source>
            <translation>Der zuletzt geänderten Zahl einen Schlüssel geben</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Kind</source>
            <translation>Art</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Kinds of picture that are taken of a cloud or a flock.</source>
            <translation>Arten von Bildern, die man von einer Wolke oder Schar nimmt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Lacunarity</source>
            <translation>Lakunarität</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Lamp</source>
            <translation>Lampe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Lamps</source>
            <translation>Lampen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Land</source>
            <translation>Land</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Language…</source>
            <translation>Sprache…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Lapse rate</source>
            <translation>Temperaturgefälle</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Lapse rate above</source>
            <translation>Temperaturgefälle darüber</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Larger and rounder lumps, in full boil.</source>
            <translation>Größere und rundere Beulen, voll am Brodeln.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Larger or smaller cards</source>
            <translation>Größere oder kleinere Karten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Largest</source>
            <translation>Größte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Largest files</source>
            <translation>Größte Dateien</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Last</source>
            <translation>Letztes</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Last frame</source>
            <translation>Letztes Bild</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Lasts</source>
            <translation>Dauert</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Late</source>
            <translation>Spät</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Layers and wisps</source>
            <translation>Schichten und Fasern</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Layers of noise, in Grain.</source>
            <translation>Schichten von Rauschen, in Korn.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Least distance between the middles of two.</source>
            <translation>Kleinster Abstand zwischen den Mitten von zweien.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Leaves only what lies inside it.</source>
            <translation>Lässt nur, was darin liegt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Left and right of its own x axis are exchanged.</source>
            <translation>Links und rechts der eigenen x-Achse werden vertauscht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Length</source>
            <translation>Länge</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Lengths in another unit…</source>
            <translation>Längen in anderer Einheit…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Lenticularis</source>
            <translation>Lenticularis</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Lessons</source>
            <translation>Lektionen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Let the glow change within the cloud: embers in its depth, light in its base.</source>
            <translation>Das Glühen in der Wolke sich ändern lassen: Glut in ihrer Tiefe, Licht in ihrer Basis.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Let what is scattered of each colour change within the cloud, for stylised work.</source>
            <translation>Was von jeder Farbe gestreut wird, in der Wolke sich ändern lassen, für stilisierte Arbeit.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Level</source>
            <translation>Pegel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Levels</source>
            <translation>Niveaus</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Library</source>
            <translation>Bibliothek</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Licence</source>
            <translation>Lizenz</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Light</source>
            <translation>Licht</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Light and background of a photograph.</source>
            <translation>Licht und Hintergrund eines Fotos.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Light from all round, and the picture's background.</source>
            <translation>Licht von rundum, und der Hintergrund des Bildes.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Light in all directions, in millions of lumens: a bulb has 0.001, lightning thousands.</source>
            <translation>Licht in alle Richtungen, in Millionen Lumen: eine Birne hat 0,001, ein Blitz Tausende.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Light mesh</source>
            <translation>Leichtes Netz</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Light of its own: radiance where it is thick.</source>
            <translation>Eigenes Licht: Strahldichte, wo es dick ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Light or dark ground</source>
            <translation>Heller oder dunkler Grund</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Light that the ground sends back to the underside; with air, its reflectance.</source>
            <translation>Licht, das der Boden an die Unterseite zurückgibt; bei Luft sein Reflexionsgrad.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Lightning inside a tower, at dusk.</source>
            <translation>Blitze in einem Turm, in der Dämmerung.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Line</source>
            <translation>Linie</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Long Shelf</source>
            <translation>Long Shelf</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Longest side of the cloud as it is seen.</source>
            <translation>Längste Seite der Wolke, wie man sie sieht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Look</source>
            <translation>Ansehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Look all round</source>
            <translation>Rundum schauen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Look at a Slice</source>
            <translation>Einen Schnitt ansehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Look at the chosen version, or at the wall</source>
            <translation>Die gewählte Version ansehen, oder die Wand</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Look away from the sun</source>
            <translation>Von der Sonne weg schauen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Look in Clay</source>
            <translation>In Ton ansehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Look in Draft light</source>
            <translation>Im Entwurfslicht ansehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Look in True light</source>
            <translation>Im wahren Licht ansehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Look toward the sun</source>
            <translation>Zur Sonne schauen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Look up from below</source>
            <translation>Von unten hinaufschauen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Looking</source>
            <translation>Ansehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Low, behind</source>
            <translation>Tief, hinten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Low, in front</source>
            <translation>Tief, vorn</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Lowest</source>
            <translation>Tiefste</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Lumps</source>
            <translation>Beulen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Lumps below, fibres drawn out by the wind above.</source>
            <translation>Unten Beulen, oben vom Wind ausgezogene Fasern.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Lumps on lumps, crisp: a cumulus that grows.</source>
            <translation>Beulen auf Beulen, scharf: ein Cumulus, der wächst.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Lumps whose edges have begun to crumble.</source>
            <translation>Beulen, deren Ränder zu bröseln beginnen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mamma</source>
            <translation>Mamma</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Manhattan</source>
            <translation>Manhattan</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Many clouds in one sky, in Formation.</source>
            <translation>Viele Wolken in einem Himmel, in Formation.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mask</source>
            <translation>Maske</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mass</source>
            <translation>Masse</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Matte only: a hole in what is behind</source>
            <translation>Nur Matte: ein Loch in dem, was dahinter ist</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Matte surface under an even light: judge the shape.</source>
            <translation>Matte Oberfläche in gleichmäßigem Licht: zum Beurteilen der Form.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mean</source>
            <translation>Mittelwert</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mean cosine of scattering: 0.85 for cloud droplets.</source>
            <translation>Mittlerer Kosinus der Streuung: 0,85 für Wolkentröpfchen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mean cosine of the second lobe; below 0 it scatters back.</source>
            <translation>Mittlerer Kosinus der zweiten Keule; unter 0 streut sie zurück.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Measures the thickness square to the surface that the grains have left, so that it is as thick on steep lumps as on flat parts.</source>
            <translation>Misst die Dicke senkrecht zu der Oberfläche, die die Körner gelassen haben, damit sie auf steilen Beulen so dick ist wie auf flachen Teilen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Median</source>
            <translation>Median</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mediocris</source>
            <translation>Mediocris</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Medium</source>
            <translation>Medium</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Medium and phase function</source>
            <translation>Medium und Phasenfunktion</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Melt</source>
            <translation>Übergang</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Member</source>
            <translation>Mitglied</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Members, spreads and layers</source>
            <translation>Mitglieder, Streuungen und Schichten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Memory ran out; nothing was changed. Choose a larger voxel.</source>
            <translation>Der Speicher ist ausgegangen; nichts wurde geändert. Wähle ein größeres Voxel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Meringue Spire</source>
            <translation>Meringue Spire</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mesh</source>
            <translation>Netz</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Metres from the edge to the core: thin looks like plaster, thick like cotton wool.</source>
            <translation>Meter vom Rand zum Kern: dünn sieht nach Gips aus, dick nach Watte.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Metres of nature in one of the mound: how large it moves.</source>
            <translation>Meter der Natur in einem des Mounds: wie groß es sich bewegt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Metric</source>
            <translation>Metrik</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Middle</source>
            <translation>Mitte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Middle of the base</source>
            <translation>Mitte der Basis</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Middle x</source>
            <translation>Mitte x</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Middle z</source>
            <translation>Mitte z</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Milk Bread</source>
            <translation>Milk Bread</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mirrored along its own x</source>
            <translation>Entlang der eigenen x-Achse gespiegelt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mixer</source>
            <translation>Mischpult</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mlm</source>
            <translation>Mlm</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Model</source>
            <translation>Modell</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Moisture</source>
            <translation>Feuchtigkeit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Moon</source>
            <translation>Mond</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>More octaves and a higher gain roughen it.</source>
            <translation>Mehr Oktaven und höhere Verstärkung machen ihn rauer.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Morning Bun</source>
            <translation>Morning Bun</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Most</source>
            <translation>Maximum</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mottle</source>
            <translation>Sprenkel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mottle and fine Push make it flatter.</source>
            <translation>Sprenkel und feiner Schub machen es flacher.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mound</source>
            <translation>Mound</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mounds</source>
            <translation>Mounds</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mounds (*.mound)</source>
            <translation>Mounds (*.mound)</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Move a lump</source>
            <translation>Eine Beule bewegen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Move the chosen members</source>
            <translation>Die gewählten Mitglieder bewegen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Move the sun</source>
            <translation>Die Sonne bewegen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Move the surface outward or inward everywhere.</source>
            <translation>Die Oberfläche überall nach außen oder innen bewegen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Moves the density by a vector field.</source>
            <translation>Bewegt die Dichte durch ein Vektorfeld.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Moves the places at which a noise is read, by three noises of its own.</source>
            <translation>Verschiebt die Orte, an denen ein Rauschen gelesen wird, durch drei eigene Rauschen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Moves the surface along its normal.</source>
            <translation>Bewegt die Oberfläche entlang ihrer Normalen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Multiplies</source>
            <translation>Multipliziert</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Multiply</source>
            <translation>Multiplizieren</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Mute</source>
            <translation>Stumm</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Natural cloud has 0.01 to 0.12.</source>
            <translation>Natürliche Wolke hat 0,01 bis 0,12.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Nature</source>
            <translation>Natur</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Never less than this of what was there: no holes open.</source>
            <translation>Nie weniger als dies von dem, was da war: keine Löcher gehen auf.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>New</source>
            <translation>Neu</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>New mound from a photograph…</source>
            <translation>Neues Mound aus einem Foto…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>New mound…</source>
            <translation>Neues Mound…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Newest first</source>
            <translation>Neueste zuerst</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Nibble</source>
            <translation>Nagen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Nibble, and the skin.</source>
            <translation>Knabbern, und die Haut.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>No ball is smaller than so many voxels.</source>
            <translation>Keine Kugel ist kleiner als so viele Voxel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>No cloud stands out from the sky in it; paint over the cloud, or draw its outline.</source>
            <translation>Keine Wolke hebt sich darin vom Himmel ab; übermale die Wolke, oder zeichne ihren Umriss.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Not done</source>
            <translation>Nicht getan</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Not enough memory for a voxel of {:g} m; choose a larger one.</source>
            <translation>Nicht genug Speicher für ein Voxel von {:g} m; wähle ein größeres.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Note</source>
            <translation>Notiz</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Nothing</source>
            <translation>Nichts</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Nothing at</source>
            <translation>Nichts bei</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Nothing at the surface.</source>
            <translation>Nichts an der Oberfläche.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Nothing between {:.2g} and {:.2g} m: the layers will look like two clouds laid on each other.</source>
            <translation>Nichts zwischen {:.2g} und {:.2g} m: die Schichten werden aussehen wie zwei aufeinandergelegte Wolken.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Nothing in the grid lies within its surface; choose another threshold or grid.</source>
            <translation>Nichts im Gitter liegt in seiner Oberfläche; wähle eine andere Schwelle oder ein anderes Gitter.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Nothing is left of the forms; undo what was done last, or make them larger.</source>
            <translation>Von den Formen bleibt nichts; nimm das Letzte zurück, oder mach sie größer.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Nothing is left of them when they are combined this way; nothing was written.</source>
            <translation>Nichts bleibt von ihnen, wenn man sie so vereint; nichts wurde geschrieben.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Nothing of the surface is left within {:,} triangles; allow more.</source>
            <translation>Innerhalb von {:,} Dreiecken bleibt nichts von der Oberfläche; erlaube mehr.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Nothing: the sky goes on</source>
            <translation>Nichts: der Himmel geht weiter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Notify</source>
            <translation>Notify</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Now</source>
            <translation>Jetzt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Numbers</source>
            <translation>Zahlen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Octaves</source>
            <translation>Oktaven</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Octaves go on</source>
            <translation>Oktaven gehen weiter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Octaves of the warp</source>
            <translation>Oktaven der Verzerrung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Octaves stand on one another</source>
            <translation>Oktaven stehen aufeinander</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Odd forms</source>
            <translation>Ungewöhnliche Formen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Of cloud, as meteorology calls it.</source>
            <translation>Der Wolke, wie die Meteorologie sie nennt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Of its middle along the axis; y is the altitude.</source>
            <translation>Ihrer Mitte entlang der Achse; y ist die Höhe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Of its underside.</source>
            <translation>Ihrer Unterseite.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Of the air at the base level.</source>
            <translation>Der Luft in der Basishöhe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Of the area.</source>
            <translation>Der Fläche.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Of the ball that shines: larger is softer.</source>
            <translation>Der leuchtenden Kugel: größer ist weicher.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Of the box.</source>
            <translation>Des Kastens.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Of the camera, for the air below and above it.</source>
            <translation>Der Kamera, für die Luft unter und über ihr.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Of the lamp, where no temperature gives it.</source>
            <translation>Der Lampe, wo keine Temperatur sie bestimmt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Of the lens, on a film back 36 mm wide.</source>
            <translation>Des Objektivs, auf einem 36 mm breiten Film.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Of the photograph's lens, on a film back 36 mm wide: read from the file where it says so.</source>
            <translation>Vom Objektiv des Fotos, auf einem 36 mm breiten Film: aus der Datei gelesen, wo sie es sagt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Of the sunlight Draft light then shows what is scattered once: hard light, to judge shapes by.</source>
            <translation>Vom Sonnenlicht zeigt Entwurfslicht dann, was einmal gestreut ist: hartes Licht, um Formen zu beurteilen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Of what rises; 1 is saturated at the base level, 0 is smoke.</source>
            <translation>Dessen, was aufsteigt; 1 ist in der Basishöhe gesättigt, 0 ist Rauch.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Off</source>
            <translation>Aus</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Offset</source>
            <translation>Versatz</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>On the lee</source>
            <translation>Im Lee</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>On what terms others may use it.</source>
            <translation>Zu welchen Bedingungen andere es verwenden dürfen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>One colour</source>
            <translation>Eine Farbe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>One frame back</source>
            <translation>Ein Bild zurück</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>One frame on</source>
            <translation>Ein Bild weiter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>One placing of an asset.</source>
            <translation>Eine Platzierung eines Assets.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>One side only.</source>
            <translation>Nur eine Seite.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>One strong thermal breaks through: crisp, round, rolling over.</source>
            <translation>Eine starke Thermik bricht durch: scharf, rund, sich überschlagend.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Only a wall of the stated thickness, with the skin on both its sides.</source>
            <translation>Nur eine Wand von genannter Dicke, mit der Haut auf beiden Seiten.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Only near the surface</source>
            <translation>Nur nahe der Oberfläche</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Only the groups that are solo are seen.</source>
            <translation>Nur die Gruppen auf Solo sind zu sehen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Open…</source>
            <translation>Öffnen…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Optical depth</source>
            <translation>Optische Tiefe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Order of the flicker.</source>
            <translation>Reihenfolge des Flackerns.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Origin</source>
            <translation>Ursprung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Otherwise before them: the forms are eased and the grains stay crisp.</source>
            <translation>Sonst davor: die Formen werden geglättet und die Körner bleiben scharf.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Our own curve</source>
            <translation>Unsere eigene Kurve</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Out of the window</source>
            <translation>Aus dem Fenster</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Outline dimension</source>
            <translation>Umrissdimension</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Outlines</source>
            <translation>Umrisse</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Outward</source>
            <translation>Nach außen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Outward above 0, inward below.</source>
            <translation>Über 0 nach außen, darunter nach innen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Oven Door</source>
            <translation>Oven Door</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Over</source>
            <translation>Über</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Over how far it begins.</source>
            <translation>Über welche Strecke er beginnt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Over how much height it becomes warmer.</source>
            <translation>Über wie viel Höhe es wärmer wird.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Overcast</source>
            <translation>Bedeckt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Overhead</source>
            <translation>Zenit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Overlap</source>
            <translation>Überlappung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Pace</source>
            <translation>Tempo</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Pack…</source>
            <translation>Packen…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Paint over what is cloud: what looks alike follows.</source>
            <translation>Übermale, was Wolke ist: was ähnlich aussieht, folgt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Paint over what is sky: what looks alike follows.</source>
            <translation>Übermale, was Himmel ist: was ähnlich aussieht, folgt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Painted</source>
            <translation>Gemalt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Paper Cap</source>
            <translation>Paper Cap</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Passes</source>
            <translation>Durchgänge</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Patch</source>
            <translation>Flicken</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Patches</source>
            <translation>Flecken</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Patchy</source>
            <translation>Fleckig</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Paths of light traced one by one: the truth, coming out of the noise.</source>
            <translation>Lichtwege, einer nach dem anderen verfolgt: die Wahrheit, die aus dem Rauschen kommt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Period</source>
            <translation>Periode</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Person</source>
            <translation>Mensch</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Photograph</source>
            <translation>Foto</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Pick clouds</source>
            <translation>Auswählen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Pick, move, turn and size forms. Drag over the empty sky to pick all in a box.</source>
            <translation>Formen greifen, bewegen, drehen und in der Größe ändern. Zieh über den leeren Himmel, um alle in einem Kasten zu wählen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Pileus</source>
            <translation>Pileus</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Place</source>
            <translation>Ort</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Place the asset there</source>
            <translation>Das Asset dort setzen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Plain: one colour</source>
            <translation>Einfach: eine Farbe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Plane</source>
            <translation>Fläche</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Plate</source>
            <translation>Fototafel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Play, or stop</source>
            <translation>Abspielen, oder anhalten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Points</source>
            <translation>Punkte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Poppy Roll</source>
            <translation>Poppy Roll</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Pouches under a layer, lit from below.</source>
            <translation>Beutel unter einer Schicht, von unten beleuchtet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Power</source>
            <translation>Leistung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Press</source>
            <translation>Drücken</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Press toward the plane where the stroke began</source>
            <translation>Zur Ebene drücken, in der der Strich begann</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Pressure</source>
            <translation>Druck</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Pretzel</source>
            <translation>Pretzel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Proving Tray</source>
            <translation>Proving Tray</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Publish it (Ctrl+P): OpenVDB grids in several resolutions, with recipe, scale and picture, in your library. Key 5 shows it there.</source>
            <translation>Veröffentliche es (Strg+P): OpenVDB-Gitter in mehreren Auflösungen, mit Rezept, Maßstab und Bild, in deiner Bibliothek. Taste 5 zeigt es dort.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Puff of smoke</source>
            <translation>Rauchwölkchen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Pull what is under the brush along with the hand</source>
            <translation>Mit der Hand mitziehen, was unter dem Pinsel ist</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Pulse</source>
            <translation>Puls</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Push</source>
            <translation>Schub</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Quit</source>
            <translation>Beenden</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Radius</source>
            <translation>Radius</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Radius at age 0, or of all points without an age; times their own radius, if they have one.</source>
            <translation>Radius im Alter 0, oder aller Punkte ohne Alter; mal ihren eigenen, wenn sie einen haben.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Radius at age 1.</source>
            <translation>Radius im Alter 1.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Radius of the balls.</source>
            <translation>Radius der Kugeln.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Radius when old</source>
            <translation>Radius im Alter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Radius when young</source>
            <translation>Radius in der Jugend</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Raggedness</source>
            <translation>Zerklüftung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Raggedness seed</source>
            <translation>Seed der Zerklüftung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Raggedness size</source>
            <translation>Größe der Zerklüftung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Rate</source>
            <translation>Rate</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Reach</source>
            <translation>Reichweite</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Read at the surface</source>
            <translation>An der Oberfläche gelesen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ready growths</source>
            <translation>Fertige Wachstümer</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ready lights: where the sun stands beside the view, and its sky.</source>
            <translation>Fertige Lichter: wo die Sonne neben der Ansicht steht, und ihr Himmel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ready sets of grains, sized to the cloud, in Grain.</source>
            <translation>Fertige Sätze von Körnern, auf die Wolke bemessen, in Korn.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Record a flight, or land</source>
            <translation>Flug aufnehmen, oder landen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Rectangle</source>
            <translation>Rechteck</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Reference</source>
            <translation>Nachschlagen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Relative, above the inversion.</source>
            <translation>Relativ, über der Inversion.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Relative, around the cloud: in dry air edges dry up and sink.</source>
            <translation>Relativ, rund um die Wolke: in trockener Luft trocknen Ränder und sinken.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Remove that patch</source>
            <translation>Diesen Flicken entfernen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Remove that step</source>
            <translation>Diesen Schritt entfernen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Remove what is chosen in the station</source>
            <translation>Entfernen, was in der Station gewählt ist</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Resize mound…</source>
            <translation>Größe des Mounds ändern…</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ridge</source>
            <translation>Bergkette</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ridged</source>
            <translation>Gratig</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Right drag</source>
            <translation>Rechts ziehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Rim</source>
            <translation>Saum</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ring</source>
            <translation>Ring</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Rings that pass through one another, in full boil.</source>
            <translation>Ringe, die durcheinandergehen, voll am Brodeln.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Ripple</source>
            <translation>Riffel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Rise</source>
            <translation>Anstieg</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Rise below</source>
            <translation>Anstieg unten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Role</source>
            <translation>Rolle</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Rolled Dough</source>
            <translation>Rolled Dough</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Room</source>
            <translation>Zimmer</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Room above</source>
            <translation>Platz darüber</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Rotation</source>
            <translation>Drehung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Roughen</source>
            <translation>Aufrauen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Roughens the sea: the sun's glitter spreads, the mirrored sky blurs.</source>
            <translation>Raut das Meer auf: das Glitzern der Sonne wird breiter, der gespiegelte Himmel verschwimmt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Roughness</source>
            <translation>Rauheit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Roughness seed</source>
            <translation>Seed der Rauheit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Roughness: broken up along its normals</source>
            <translation>Rauheit: entlang der Normalen aufgebrochen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Round and fluffy, with a wide soft edge; smoother than any sky's.</source>
            <translation>Rund und flauschig, mit breitem weichem Rand; glatter als an jedem Himmel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Round and plain, as a child draws it.</source>
            <translation>Rund und schlicht, wie ein Kind sie zeichnet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Round domes with creases between them.</source>
            <translation>Runde Kuppeln mit Falten dazwischen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Round, or drawn out.</source>
            <translation>Rund, oder gestreckt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Row of the cloud's base in heights of the photograph from above.</source>
            <translation>Zeile der Wolkenbasis, in Höhen des Fotos von oben.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Row of the horizon in heights of the photograph from above; without one the eye is a little below the base.</source>
            <translation>Zeile des Horizonts, in Höhen des Fotos von oben; ohne ihn liegt das Auge etwas unter der Basis.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Rye Tower</source>
            <translation>Rye Tower</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Save</source>
            <translation>Sichern</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Save it (Ctrl+S). It is copied at every step as well: nothing you do here is lost.</source>
            <translation>Sichere es (Strg+S). Auch bei jedem Schritt wird eine Kopie behalten: nichts, was du hier tust, geht verloren.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Say how wide a voxel is to be: --voxel M.</source>
            <translation>Sage, wie breit ein Voxel sein soll: --voxel M.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Say in which folder files arrive: library watch DIR --from FOLDER.</source>
            <translation>Sage, in welchem Ordner Dateien eintreffen: library watch DIR --from FOLDER.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Say of which asset: library {} DIR NAME.</source>
            <translation>Sage, von welchem Asset: library {} DIR NAME.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Say what is put into it: basket add DIR {} ASSET.</source>
            <translation>Sage, was hineinkommt: basket add DIR {} ASSET.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Say what is to be placed: --asset NAME, again for more.</source>
            <translation>Sage, was gesetzt wird: --asset NAME, mehrfach für mehr.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Say what is to be said: --tags, --shots, --note, --species, --author or --licence.</source>
            <translation>Sage, was zu sagen ist: --tags, --shots, --note, --species, --author oder --licence.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Say what it is called from now on: basket rename DIR {} NEW.</source>
            <translation>Sage, wie er von nun an heißt: basket rename DIR {} NEW.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Say where it goes: basket {} DIR {} --out FILE.</source>
            <translation>Sage, wohin: basket {} DIR {} --out FILE.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Say where to: --out FILE, ending in {}, or a folder for numbered pictures.</source>
            <translation>Sage, wohin: --out FILE, mit der Endung {}, oder ein Ordner für nummerierte Bilder.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Say where to: --out FILE, ending in {}.</source>
            <translation>Sage, wohin: --out FILE, mit der Endung {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Say which asset, and what it is called from now on: library rename DIR NAME NEW.</source>
            <translation>Sage, welches Asset und wie es von nun an heißt: library rename DIR NAME NEW.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Say which basket: basket {} DIR NAME.</source>
            <translation>Sage, welcher Korb: basket {} DIR NAME.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Say which files are to be dropped: --tiers 1,2.</source>
            <translation>Sage, welche Dateien abgelegt werden: --tiers 1,2.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Say which version is replaced, and by which: --version 1 --by 3.</source>
            <translation>Sage, welche Version ersetzt wird und durch welche: --version 1 --by 3.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Scale</source>
            <translation>Maßstab</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Scattered by air and haze, bluer overhead, redder where the sun is low.</source>
            <translation>Von Luft und Dunst gestreut, oben blauer, röter bei tiefer Sonne.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Scattering</source>
            <translation>Streuung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Scoop</source>
            <translation>Schaufeln</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sea</source>
            <translation>Meer</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sea or land below the cloud: it has the cloud's shadow and lights its underside.</source>
            <translation>Meer oder Land unter der Wolke: es hat ihren Schatten und beleuchtet ihre Unterseite.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Second lobe</source>
            <translation>Zweite Keule</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Seconds of weather in one of the film.</source>
            <translation>Sekunden Wetter in einer des Films.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Seed</source>
            <translation>Seed</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Seed of the warp</source>
            <translation>Seed der Verzerrung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Seeds</source>
            <translation>Keime</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Seen</source>
            <translation>Zu sehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sets</source>
            <translation>Setzt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Shadow only</source>
            <translation>Nur Schatten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Shape</source>
            <translation>Form</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Share of light scattered rather than absorbed.</source>
            <translation>Anteil des Lichts, der gestreut und nicht absorbiert wird.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Share of the balls left out on undersides.</source>
            <translation>Anteil der Kugeln, die an Unterseiten wegbleiben.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Share of the buds left out on undersides.</source>
            <translation>Anteil der Knospen, die an Unterseiten wegbleiben.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Share of the form that gives off nothing.</source>
            <translation>Anteil der Form, der nichts abgibt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Share of the front wall's width that is left open, to look in by.</source>
            <translation>Anteil der Breite der Frontwand, der zum Hineinsehen offen bleibt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Share of the side wall's length that its window takes; 0 for none.</source>
            <translation>Anteil der Länge der Seitenwand, den ihr Fenster einnimmt; 0 für keines.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Share of the sky it covers; the rest is holes.</source>
            <translation>Anteil des Himmels, den sie bedeckt; der Rest sind Löcher.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Share of the smoke that is lost in a second of weather.</source>
            <translation>Anteil des Rauchs, der in einer Sekunde Wetter verloren geht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Share of the warmth that is lost in a second of weather.</source>
            <translation>Anteil der Wärme, der in einer Sekunde Wetter verloren geht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Share of the way to the edge over which they become fewer.</source>
            <translation>Anteil des Weges zum Rand, auf dem sie weniger werden.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Share of their widths by which two may stand in one another.</source>
            <translation>Anteil ihrer Breiten, um den zwei ineinander stehen dürfen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sharp</source>
            <translation>Schroff</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Shear</source>
            <translation>Scherung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sheet thickness</source>
            <translation>Blattdicke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Shelf cloud</source>
            <translation>Böenwalze</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Shift + Space, held</source>
            <translation>Umschalt + Leertaste, gehalten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Shift + click</source>
            <translation>Umschalt + Klick</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Shift + click on the plan</source>
            <translation>Umschalt + Klick auf den Plan</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Shift + right drag</source>
            <translation>Umschalt + rechts ziehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Shots, with commas</source>
            <translation>Einstellungen, mit Kommas</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Show all forms</source>
            <translation>Alle Formen zeigen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Show it otherwise</source>
            <translation>Anders zeigen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Show the log</source>
            <translation>Das Protokoll zeigen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Show the stand-in otherwise: seen, matte only, shadow only, hidden</source>
            <translation>Den Statisten anders zeigen: zu sehen, nur Matte, nur Schatten, verborgen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Shown</source>
            <translation>Gezeigt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Shrink</source>
            <translation>Schrumpfung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Side, morning</source>
            <translation>Seitlich, Morgen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sideways</source>
            <translation>Seitwärts</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sill</source>
            <translation>Brüstung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Simplex</source>
            <translation>Simplex</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Situations</source>
            <translation>Lichtlagen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Size</source>
            <translation>Größe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Size it along that axis</source>
            <translation>Entlang dieser Achse größer oder kleiner machen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Size jitter</source>
            <translation>Größenschwankung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Size of its features.</source>
            <translation>Größe ihrer Merkmale.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Size of lighter and darker fields.</source>
            <translation>Größe hellerer und dunklerer Felder.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Size of the bumps.</source>
            <translation>Größe der Buckel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Size of the largest features.</source>
            <translation>Größe der größten Merkmale.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Size of the solid along its own axis.</source>
            <translation>Größe des Körpers entlang der eigenen Achse.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Size of the warp</source>
            <translation>Größe der Verzerrung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Size the form evenly</source>
            <translation>Die Form gleichmäßig größer oder kleiner machen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Size variation</source>
            <translation>Größenschwankung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sizes are between the smallest and this, times their own.</source>
            <translation>Größen liegen zwischen der kleinsten und dieser, mal ihre eigene.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sizes are between this and the largest, times their own.</source>
            <translation>Größen liegen zwischen dieser und der größten, mal ihre eigene.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Skin</source>
            <translation>Haut</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Skin of the underside</source>
            <translation>Haut der Unterseite</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sky</source>
            <translation>Himmel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Slab</source>
            <translation>Scholle</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Slide</source>
            <translation>Schieben</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Slide the plan, approach</source>
            <translation>Den Plan schieben, näher heran</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Slides the pattern through the cloud.</source>
            <translation>Schiebt das Muster durch die Wolke.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Small hard lumps, close together, like baked crust.</source>
            <translation>Kleine harte Beulen, dicht beisammen, wie gebackene Kruste.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Small steps follow the field round its bends.</source>
            <translation>Kleine Schritte folgen dem Feld um seine Biegungen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Smaller balls over a form's surface, and over theirs: the cauliflower.</source>
            <translation>Kleinere Kugeln über der Oberfläche einer Form, und über ihren: der Blumenkohl.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Smallest</source>
            <translation>Kleinste</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Smoke</source>
            <translation>Rauch</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Smoke and cloud that rise from the form, solved with the air around them.</source>
            <translation>Rauch und Wolke, die aus der Form steigen, mit der Luft um sie berechnet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Smoke over a house.</source>
            <translation>Rauch über einem Haus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Smoke that has just left a chimney.</source>
            <translation>Rauch, der eben einen Schornstein verlassen hat.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Smoke that is given off as such.</source>
            <translation>Rauch, der als solcher abgegeben wird.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Smooth</source>
            <translation>Glätten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Smooth F1</source>
            <translation>Glattes F1</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Smooth hills and valleys: alone it looks like rock.</source>
            <translation>Sanfte Hügel und Täler: allein sieht es nach Fels aus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Smooth what is under the brush</source>
            <translation>Glätten, was unter dem Pinsel ist</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Snapshots</source>
            <translation>Schnappschüsse</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>So long it has been going on already at the first frame.</source>
            <translation>So lange geht es beim ersten Bild schon.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>So many at the most; fewer where no more find room.</source>
            <translation>So viele höchstens; weniger, wo kein Platz mehr ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>So many times as long along the wind.</source>
            <translation>So viele Male so lang entlang des Windes.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>So much more wind for each kilometre of height.</source>
            <translation>So viel mehr Wind je Kilometer Höhe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Soft</source>
            <translation>Weich</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Soft curls, for flocks of small clouds; smoother than any sky's.</source>
            <translation>Weiche Locken, für Scharen kleiner Wolken; glatter als an jedem Himmel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Soft edge</source>
            <translation>Weicher Rand</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Soft folds, as of whipped cream; smoother than any sky's.</source>
            <translation>Weiche Falten, wie von Schlagsahne; glatter als an jedem Himmel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Soft over</source>
            <translation>Weich über</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Softness</source>
            <translation>Weichheit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Solid</source>
            <translation>Körper</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Solid things beside the cloud, in Light and Formation.</source>
            <translation>Feste Gegenstände neben der Wolke, in Licht und Formation.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sounding</source>
            <translation>Schichtung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Space, held</source>
            <translation>Leertaste, gehalten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Spacing</source>
            <translation>Abstand</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Species</source>
            <translation>Art</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Spectrum slope</source>
            <translation>Gefälle des Spektrums</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Speed</source>
            <translation>Geschwindigkeit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Spread</source>
            <translation>Streuung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Stairs of air before a storm.</source>
            <translation>Treppen aus Luft vor einem Sturm.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Stairs of air that a storm lifts before it.</source>
            <translation>Treppen aus Luft, die ein Sturm vor sich hebt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Stand-in</source>
            <translation>Statist</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>StandIn</source>
            <translation>StandIn</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Starts</source>
            <translation>Starts</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Stay</source>
            <translation>Bleiben</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Stays beside</source>
            <translation>Bleibt daneben</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Stays in the sky, or goes with the first form.</source>
            <translation>Bleibt am Himmel, oder geht mit der ersten Form.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Steam</source>
            <translation>Dampf</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Steam from a chimney is drawn away by a breeze, and gone after a while.</source>
            <translation>Dampf aus einem Schornstein zieht mit der Brise weg und ist nach einer Weile vergangen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Steps</source>
            <translation>Schritte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Still</source>
            <translation>Standbild</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Stir</source>
            <translation>Rühren</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Stop the work, or let go</source>
            <translation>Die Arbeit anhalten, oder loslassen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Storm base</source>
            <translation>Sturmbasis</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Stratocumulus</source>
            <translation>Stratocumulus</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Streak</source>
            <translation>Strähne</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Streets</source>
            <translation>Straßen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Strength</source>
            <translation>Stärke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Strength of the warp</source>
            <translation>Stärke der Verzerrung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Stretch</source>
            <translation>Streckung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Stretched</source>
            <translation>Gestreckt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Strokes</source>
            <translation>Striche</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sugar Threads</source>
            <translation>Sugar Threads</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sum</source>
            <translation>Summe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sun sweep</source>
            <translation>Sonnenlauf</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sun's azimuth</source>
            <translation>Azimut der Sonne</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sun's elevation</source>
            <translation>Höhe der Sonne</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sun, haze, exposure and extinction.</source>
            <translation>Sonne, Dunst, Belichtung und Extinktion.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sun, sky, lamps, medium and lens, in Light.</source>
            <translation>Sonne, Himmel, Lampen, Medium und Objektiv, in Licht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Sunlight scattered once only</source>
            <translation>Nur einfach gestreutes Sonnenlicht</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Surface</source>
            <translation>Oberfläche</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Swell</source>
            <translation>Schwellen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Swells</source>
            <translation>Schwillt an</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Tags, with commas</source>
            <translation>Tags, mit Kommas</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Take</source>
            <translation>Nehmen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Take the newest</source>
            <translation>Die neueste nehmen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Taken away from what came before.</source>
            <translation>Vom Vorigen weggenommen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Taller than wide: turret upon turret, growing.</source>
            <translation>Höher als breit: Türmchen auf Türmchen, im Wachsen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Taper</source>
            <translation>Verjüngung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Temperature</source>
            <translation>Temperatur</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Temperature and humidity of the air by height, in which a growth rises.</source>
            <translation>Temperatur und Feuchte der Luft nach Höhe, in der ein Wachstum aufsteigt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The altitude above which nothing rises.</source>
            <translation>Die Höhe, über der nichts aufsteigt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The altitude below which nothing condenses: clouds are flat there.</source>
            <translation>Die Höhe, unter der nichts kondensiert: Wolken sind dort flach.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The bare picture</source>
            <translation>Das bloße Bild</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The base level at {:g} m lies above all that there is, so nothing is left.</source>
            <translation>Die Basishöhe bei {:g} m liegt über allem, was da ist, also bleibt nichts.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The basket {!r} is empty; put versions into it first.</source>
            <translation>Der Korb {!r} ist leer; lege erst Versionen hinein.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The bright parts of the cloud lie just below white, whatever the light; the number below is then how much brighter than that.</source>
            <translation>Die hellen Teile der Wolke liegen knapp unter Weiß, wie das Licht auch sei; die Zahl darunter ist, wie viel heller als das.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The cloud before its grains</source>
            <translation>Die Wolke vor ihren Körnern</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The cloud is not seen in that picture, or the outline lies outside it; turn it back, and draw again.</source>
            <translation>Die Wolke ist in diesem Bild nicht zu sehen, oder der Umriss liegt außerhalb; drehe sie zurück und zeichne noch einmal.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The coat of {} would have about {:,.0f} balls, more than {:,}; make them larger or set them farther apart.</source>
            <translation>Die Hülle von {} hätte etwa {:,.0f} Kugeln, mehr als {:,}; mach sie größer oder setze sie weiter auseinander.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The density at which the surface lies.</source>
            <translation>Die Dichte, bei der die Oberfläche liegt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The density from the edge inward: how hard the cloud looks.</source>
            <translation>Die Dichte vom Rand nach innen: wie hart die Wolke aussieht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The form</source>
            <translation>Die Form</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The grain {} “{}” eats all of the cloud away.</source>
            <translation>Das Korn {} „{}“ frisst die ganze Wolke weg.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The grid of an OpenVDB file, as a shape or with its density.</source>
            <translation>Das Gitter einer OpenVDB-Datei, als Form oder mit seiner Dichte.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The grid {!r} is turned or has voxels of unequal sides; resample it to equal voxels along the axes first.</source>
            <translation>Das Gitter {!r} ist gedreht oder hat Voxel mit ungleichen Seiten; rechne es erst auf gleiche Voxel entlang der Achsen um.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The growth has come to take {:.1f} GB, more than there is; frames up to here are kept. Choose larger cells, or less room.</source>
            <translation>Das Wachstum braucht inzwischen {:.1f} GB, mehr als da ist; die Bilder bis hierher sind behalten. Wähle größere Zellen, oder weniger Platz.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The hand in the picture does not move it.</source>
            <translation>Die Hand im Bild bewegt ihn nicht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The heavy base of a storm at dusk.</source>
            <translation>Die schwere Basis eines Sturms in der Dämmerung.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The larger of the two densities.</source>
            <translation>Die größere der beiden Dichten.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The layer holdout needs a stand-in that is matte only; add one, or leave the layer out.</source>
            <translation>Die Ebene holdout braucht einen Statisten, der nur Matte ist; füge einen hinzu, oder lass die Ebene weg.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The layer shadow needs sea or land below: choose one in Light, or give --below sea.</source>
            <translation>Die Ebene shadow braucht Meer oder Land darunter: wähle eines in Licht, oder gib --below sea an.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The layer stand_ins needs a stand-in that is seen; add one, or leave the layer out.</source>
            <translation>Die Ebene stand_ins braucht einen Statisten, der zu sehen ist; füge einen hinzu, oder lass die Ebene weg.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The layer {} needs True light; add --true, or leave it out.</source>
            <translation>Die Ebene {} braucht wahres Licht; füge --true hinzu, oder lass sie weg.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The lens, and the frame.</source>
            <translation>Das Objektiv, und der Bildausschnitt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The longest of the three: boxes.</source>
            <translation>Der längste der drei: Würfel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The mask “{}” lets the grain {} eat all of the cloud.</source>
            <translation>Die Maske „{}“ lässt das Korn {} die ganze Wolke fressen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The mass</source>
            <translation>Die Masse</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The mean of the two densities.</source>
            <translation>Das Mittel der beiden Dichten.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The mesh could not be converted: {}; choose a larger voxel.</source>
            <translation>Das Netz ließ sich nicht umwandeln: {}; wähle ein größeres Voxel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The model of a brioche, baked to a cloud.</source>
            <translation>Das Modell einer Brioche, zur Wolke gebacken.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The mound gets a base level where the cloud's underside is.</source>
            <translation>Das Mound bekommt eine Basishöhe, wo die Unterseite der Wolke ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The mound's density times its own: nothing is left where it is empty.</source>
            <translation>Die Dichte des Mounds mal seine eigene: nichts bleibt, wo es leer ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The nearest ones, blended: no creases.</source>
            <translation>Die nächsten, gemischt: keine Falten.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The nearest point.</source>
            <translation>Der nächste Punkt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The outline is too small to make a cloud of; draw it larger.</source>
            <translation>Der Umriss ist zu klein, um eine Wolke daraus zu machen; zeichne ihn größer.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The outline is too thin to be filled with lumps; take a larger cloud, or draw it thicker.</source>
            <translation>Der Umriss ist zu dünn, um mit Beulen gefüllt zu werden; nimm eine größere Wolke, oder zeichne ihn dicker.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The parts of this cloud lie too far apart for this voxel size; move them closer or choose a larger voxel.</source>
            <translation>Die Teile dieser Wolke liegen für diese Voxelgröße zu weit auseinander; rücke sie zusammen oder wähle ein größeres Voxel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The patch “{}” thins all of the cloud away.</source>
            <translation>Der Flicken „{}“ dünnt die ganze Wolke weg.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The pattern changes with it, smoothly.</source>
            <translation>Das Muster ändert sich mit ihr, sanft.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The pattern stays where it is: moving the form changes it.</source>
            <translation>Das Muster bleibt, wo es ist: die Form zu bewegen ändert es.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The picture could not be made; the mound is as it was.</source>
            <translation>Das Bild ließ sich nicht machen; das Mound ist, wie es war.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The points are too many for their radius at this voxel; make the radius smaller or thin them.</source>
            <translation>Es sind zu viele Punkte für ihren Radius bei diesem Voxel; mach den Radius kleiner oder nimm weniger.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The points lie too far apart for this voxel; choose a larger one, or remove what strays.</source>
            <translation>Die Punkte liegen für dieses Voxel zu weit auseinander; wähle ein größeres, oder entferne, was abseits liegt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The ring on the surface.</source>
            <translation>Der Ring auf der Oberfläche.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The same all round.</source>
            <translation>Rundum gleich.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The same on triangles: no axis shows in it.</source>
            <translation>Dasselbe auf Dreiecken: keine Achse ist darin zu sehen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The second nearest.</source>
            <translation>Der zweitnächste.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The silhouette moves by no more than this.</source>
            <translation>Der Umriss bewegt sich um nicht mehr als dies.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The skin's thickness, and Nibble.</source>
            <translation>Die Dicke der Haut, und Nagen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The step “{}” on the surface takes all of it away.</source>
            <translation>Der Schritt „{}“ an der Oberfläche nimmt sie ganz weg.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The sun</source>
            <translation>Die Sonne</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The sun from where it stands down to the horizon, as a film or a folder of pictures.</source>
            <translation>Die Sonne von dort, wo sie steht, bis zum Horizont, als Film oder Ordner von Bildern.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The top level at {:g} m lies below all that there is, so that nothing is left.</source>
            <translation>Die Deckhöhe bei {:g} m liegt unter allem, was da ist, sodass nichts bleibt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The view transform {!r} of this OpenColorIO config does not work ({}); choose another in Light.</source>
            <translation>Die Bildschirmumrechnung {!r} dieser OpenColorIO-Konfiguration geht nicht ({}); wähle in Licht eine andere.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The work</source>
            <translation>Die Arbeit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>The work could not be done ({}); nothing was changed.</source>
            <translation>Die Arbeit ließ sich nicht erledigen ({}); nichts wurde geändert.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Their files have several {}: {}.</source>
            <translation>Ihre Dateien haben mehrere {}: {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>There is a stand-in {!r} already; give another name.</source>
            <translation>Es gibt schon einen Statisten {!r}; gib ihm einen anderen Namen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>There is no cloud to be seen, and layers are of clouds; take the picture without them.</source>
            <translation>Es ist keine Wolke zu sehen, und Ebenen sind von Wolken; nimm das Bild ohne sie.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>There is no cloud to publish; add a blob above the base level first.</source>
            <translation>Es gibt keine Wolke zu veröffentlichen; füge erst einen Blob über der Basishöhe hinzu.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>There is no example {!r}; choose one of {}.</source>
            <translation>Es gibt kein Beispiel {!r}; wähle eines von {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>There is no form yet that adds something.</source>
            <translation>Es gibt noch keine Form, die etwas hinzufügt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>There is no kind of stand-in {!r}; there are {}, or give a model file.</source>
            <translation>Es gibt keine Art von Statisten {!r}; es gibt {}, oder nenne eine Modelldatei.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>There is no layer {!r}; there are {}, or all.</source>
            <translation>Es gibt keine Ebene {!r}; es gibt {}, oder all.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>There is no light group {!r}; there are {}.</source>
            <translation>Es gibt keine Lichtgruppe {!r}; es gibt {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>There is no ready growth {!r}; choose one of {}.</source>
            <translation>Es gibt kein fertiges Wachstum {!r}; wähle eines von {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>There is no start {!r}; choose one of {}.</source>
            <translation>Es gibt keinen Start {!r}; wähle einen von {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>There is no surface at this density; choose another.</source>
            <translation>Bei dieser Dichte gibt es keine Oberfläche; wähle eine andere.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>There is no surface at this voxel; add a form or choose a smaller voxel.</source>
            <translation>Bei diesem Voxel gibt es keine Oberfläche; füge eine Form hinzu oder wähle ein kleineres Voxel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>There is no view transform {!r} in this OpenColorIO config; choose another in Light.</source>
            <translation>Es gibt keine Bildschirmumrechnung {!r} in dieser OpenColorIO-Konfiguration; wähle in Licht eine andere.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>There is no view transform {!r}; there are: {}.</source>
            <translation>Es gibt keine Bildschirmumrechnung {!r}; es gibt: {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>There is no view {!r}; give azimuth,elevation in degrees, the elevation from -89 to 89, or a kept view ({}).</source>
            <translation>Es gibt keine Ansicht {!r}; gib Azimut,Höhe in Grad an, die Höhe von -89 bis 89, oder eine behaltene Ansicht ({}).</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Thickest first</source>
            <translation>Dickste zuerst</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Thickness of a surface that is not closed.</source>
            <translation>Dicke einer Oberfläche, die nicht geschlossen ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Thinning</source>
            <translation>Ausdünnung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Thins</source>
            <translation>Verdünnt sich</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Thins over</source>
            <translation>Dünnt aus über</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Three noises</source>
            <translation>Drei Rauschen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Thunder Tin</source>
            <translation>Thunder Tin</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Time</source>
            <translation>Zeit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Time and growth</source>
            <translation>Zeit und Wachstum</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Times its own size along its own axis.</source>
            <translation>Mal die eigene Größe entlang der eigenen Achse.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Times its own size.</source>
            <translation>Mal die eigene Größe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Times its own.</source>
            <translation>Mal die eigene.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Times that it gives off meanwhile; 0 is all the time.</source>
            <translation>So oft gibt sie inzwischen ab; 0 ist die ganze Zeit.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Tint</source>
            <translation>Farbton</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Tint changes</source>
            <translation>Farbton ändert sich</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Tired below</source>
            <translation>Müde unten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>To</source>
            <translation>Bis</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Tool</source>
            <translation>Werkzeug</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Torn</source>
            <translation>Zerrissen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Torn Croissant</source>
            <translation>Torn Croissant</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Torn and thin, at dawn.</source>
            <translation>Zerrissen und dünn, im Morgengrauen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Torn pieces without a common base.</source>
            <translation>Zerrissene Stücke ohne gemeinsame Basis.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Toward</source>
            <translation>Richtung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Towers</source>
            <translation>Türme</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Toy</source>
            <translation>Spielzeug</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Toy Loaf</source>
            <translation>Toy Loaf</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Trail</source>
            <translation>Spur</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Tray on a Shelf</source>
            <translation>Tray on a Shelf</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Triangles from a model's file, or of other forms made one.</source>
            <translation>Dreiecke aus einer Modelldatei, oder aus anderen zu einer gemachten Formen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Tufts of ice whose crystals fall and stay behind.</source>
            <translation>Büschel aus Eis, deren Kristalle fallen und zurückbleiben.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turn</source>
            <translation>Drehung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turn about the axis; x first, then y, then z.</source>
            <translation>Drehung um die Achse; erst x, dann y, dann z.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turn around the cloud</source>
            <translation>Um die Wolke drehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turn it</source>
            <translation>Drehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turn that grain off</source>
            <translation>Dieses Korn ausschalten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turn that mask over</source>
            <translation>Diese Maske umkehren</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turn the base level off</source>
            <translation>Die Basishöhe ausschalten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turn the sun</source>
            <translation>Die Sonne drehen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turn the tool round</source>
            <translation>Das Werkzeug umkehren</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turn the top level off</source>
            <translation>Die Deckhöhe ausschalten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turned</source>
            <translation>Gedreht</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turned over</source>
            <translation>Umgekehrt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turns the noise over: cells become domes.</source>
            <translation>Kehrt das Rauschen um: Zellen werden Kuppeln.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turns the stretched pattern.</source>
            <translation>Dreht das gestreckte Muster.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turntable</source>
            <translation>Drehteller</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turret</source>
            <translation>Türmchen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turret upon turret in full boil, seen from near its foot.</source>
            <translation>Türmchen auf Türmchen, voll am Brodeln, von nahe am Fuß gesehen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Turrets rise one after the other from warm ground: a congestus.</source>
            <translation>Türmchen steigen eines nach dem anderen vom warmen Boden: ein Congestus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Twelve sides</source>
            <translation>Zwölf Seiten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Twice the light for each stop.</source>
            <translation>Doppelt so viel Licht je Blendenstufe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Two of them: forward, and some light back.</source>
            <translation>Zwei davon: vorwärts, und etwas Licht zurück.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Type on the wall</source>
            <translation>Auf der Wand tippen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Undersides stand between the lowest altitude and this.</source>
            <translation>Unterseiten stehen zwischen der tiefsten Höhe und dieser.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Undersides stand between this altitude and the highest.</source>
            <translation>Unterseiten stehen zwischen dieser Höhe und der höchsten.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Uneven</source>
            <translation>Ungleichmäßig</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Untitled</source>
            <translation>Unbenannt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Up</source>
            <translation>Rauf</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Upright, narrowing to a point or to a smaller top.</source>
            <translation>Aufrecht, zu einer Spitze oder einer kleineren Oberseite verjüngt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Upward</source>
            <translation>Aufwärts</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Value</source>
            <translation>Wert</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Values</source>
            <translation>Wert</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Varies the density inside.</source>
            <translation>Lässt die Dichte im Inneren schwanken.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Veil</source>
            <translation>Schleier</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Veiled</source>
            <translation>Verschleiert</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Versions</source>
            <translation>Versionen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>View</source>
            <translation>Ansicht</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Views</source>
            <translation>Ansichten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Visibility</source>
            <translation>Sichtweite</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Volume</source>
            <translation>Volumen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Voxels</source>
            <translation>Voxel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Voxels, steps and skin</source>
            <translation>Voxel, Schritte und Haut</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Walls</source>
            <translation>Wände</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Warmer than the air by so much: warmth rises, cold pours down.</source>
            <translation>Um so viel wärmer als die Luft: Wärme steigt, Kälte fließt hinab.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Warp</source>
            <translation>Verzerrung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Warped by</source>
            <translation>Verzerrt durch</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Wavelength</source>
            <translation>Wellenlänge</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Waves</source>
            <translation>Wellen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Weaker below</source>
            <translation>Unten schwächer</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What a cloud is blocked in from, in Mass.</source>
            <translation>Woraus eine Wolke aufgebaut wird, in Masse.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What all forms have.</source>
            <translation>Was alle Formen haben.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What all masks have; with several of them their shares are multiplied.</source>
            <translation>Was alle Masken haben; bei mehreren werden ihre Anteile multipliziert.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What all stand-ins have.</source>
            <translation>Was alle Statisten haben.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What does not move has no motion: the layer motion needs a mound with a time line, and --frame.</source>
            <translation>Was sich nicht bewegt, hat keine Bewegung: die Ebene motion braucht ein Mound mit Zeitleiste, und --frame.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What grows flows round it.</source>
            <translation>Was wächst, umströmt ihn.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What is this?</source>
            <translation>Was ist das?</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What it multiplies by, adds or sets; in parts of the core.</source>
            <translation>Womit er multipliziert, was er addiert oder setzt; in Teilen des Kerns.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What it sends back of each colour of light.</source>
            <translation>Was er von jeder Farbe des Lichts zurückschickt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What it sends back of light from all round; what water mirrors comes on top.</source>
            <translation>Was es vom Licht von rundum zurückschickt; was Wasser spiegelt, kommt dazu.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What it takes in one place it gives in another: the cloud stays as large as its forms.</source>
            <translation>Was es an einer Stelle nimmt, gibt es an einer anderen: die Wolke bleibt so groß wie ihre Formen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What its light is multiplied by.</source>
            <translation>Womit sein Licht multipliziert wird.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What moves, in every station, and what rises, in Mass.</source>
            <translation>Was sich bewegt, in jeder Station, und was aufsteigt, in Masse.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What of each colour is scattered; the rest is absorbed.</source>
            <translation>Was von jeder Farbe gestreut wird; der Rest wird absorbiert.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What of the distances to the points counts.</source>
            <translation>Was von den Abständen zu den Punkten zählt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What strokes of Dab add, or of Scoop take away.</source>
            <translation>Was Striche von Tupfen hinzufügen, oder von Schaufeln wegnehmen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What surrounds the cloud and lights it.</source>
            <translation>Was die Wolke umgibt und beleuchtet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What the cloud is made of: how much light it takes from a ray, and where it sends it.</source>
            <translation>Woraus die Wolke besteht: wie viel Licht sie einem Strahl nimmt, und wohin sie es schickt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What the manual says of this</source>
            <translation>Was das Handbuch dazu sagt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What the pattern is made of.</source>
            <translation>Woraus das Muster besteht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What there is to say of it.</source>
            <translation>Was es dazu zu sagen gibt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>What was read in a photograph, and how large its cloud is to be.</source>
            <translation>Was in einem Foto gelesen wurde, und wie groß seine Wolke sein soll.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Wheel, + and -</source>
            <translation>Rad, + und -</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Where</source>
            <translation>Wo</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Where a grain, a patch or a growth acts.</source>
            <translation>Wo ein Korn, ein Flicken oder ein Wachstum wirkt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Where forms are, how large, and their buds.</source>
            <translation>Wo Formen sind, wie groß, und ihre Knospen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Where it begins.</source>
            <translation>Wo er beginnt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Where it was painted in the picture.</source>
            <translation>Wo im Bild gemalt wurde.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Where its middle is.</source>
            <translation>Wo seine Mitte ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Where streets run: azimuth.</source>
            <translation>Wohin Straßen laufen: Azimut.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Where the form's middle is; y is the altitude.</source>
            <translation>Wo die Mitte der Form ist; y ist die Höhe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Where the middle of its underside stands; y is the altitude.</source>
            <translation>Wo die Mitte seiner Unterseite steht; y ist die Höhe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Where the sun stands, and its light.</source>
            <translation>Wo die Sonne steht, und ihr Licht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Where the underside stands.</source>
            <translation>Wo die Unterseite steht.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Where the wind blows to, from +z toward +x.</source>
            <translation>Wohin der Wind weht, von +z nach +x.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Where they go, from +z toward +x.</source>
            <translation>Wohin sie gehen, von +z nach +x.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Where: masks</source>
            <translation>Wo: Masken</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Whipped</source>
            <translation>Geschlagen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Who made it.</source>
            <translation>Wer es gemacht hat.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Wider than tall, hardly grown: fair weather.</source>
            <translation>Breiter als hoch, kaum gewachsen: Schönwetter.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Widest first</source>
            <translation>Breiteste zuerst</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Width over height of the frame drawn in the picture; 0 for none.</source>
            <translation>Breite zu Höhe des im Bild gezeichneten Rahmens; 0 für keinen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Wind</source>
            <translation>Wind</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Wind along</source>
            <translation>Wind entlang</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Wind toward</source>
            <translation>Wind nach</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Window</source>
            <translation>Fenster</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>With edges that can be rounded.</source>
            <translation>Mit Kanten, die sich runden lassen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>With which it comes out, in nature.</source>
            <translation>Mit der es herauskommt, in der Natur.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Wool</source>
            <translation>Wolle</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Words it is to be found by.</source>
            <translation>Wörter, unter denen es zu finden ist.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>Work in the background</source>
            <translation>Arbeit im Hintergrund</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a copy could not be recovered: %s</source>
            <translation>eine Kopie ließ sich nicht wiederherstellen: %s</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a deck: low, wide and lumpy</source>
            <translation>eine Decke: niedrig, breit und bucklig</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a fault inside ({}); nothing was written. Run it again with --verbose to see where, and report it.</source>
            <translation>ein Fehler im Inneren ({}); nichts wurde geschrieben. Führe es noch einmal mit --verbose aus, um zu sehen, wo, und melde ihn.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a field of small tufts, heaped above and torn below</source>
            <translation>ein Feld kleiner Büschel, oben gehäuft und unten zerrissen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a layer with pouches hanging from it</source>
            <translation>eine Schicht, von der Beutel hängen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a lens of lifted air, blanket over blanket</source>
            <translation>eine Linse aus gehobener Luft, Decke über Decke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a light mesh of its surface, in metres</source>
            <translation>ein leichtes Netz seiner Oberfläche, in Metern</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a picture of four sides in three suns</source>
            <translation>ein Bild von vier Seiten in drei Sonnen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a picture of twelve sides</source>
            <translation>ein Bild von zwölf Seiten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a piece of a layer of flat lumps</source>
            <translation>ein Stück einer Schicht flacher Beulen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a radius</source>
            <translation>einem Radius</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a soft ball of wool</source>
            <translation>eine weiche Kugel aus Wolle</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a tower that has met the top of the weather: the anvil</source>
            <translation>ein Turm, der an die Obergrenze des Wetters gestoßen ist: der Amboss</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a tower whose tops have begun to freeze and to smooth</source>
            <translation>ein Turm, dessen Spitzen zu gefrieren und glatt zu werden beginnen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a triangle refers to vertex {} of {}; export the file again.</source>
            <translation>ein Dreieck verweist auf Ecke {} von {}; gib die Datei neu aus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>a turret under a smooth cap</source>
            <translation>ein Türmchen unter einer glatten Kappe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>about half as tall as wide</source>
            <translation>etwa halb so hoch wie breit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>action</source>
            <translation>Wirkung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>active voxels</source>
            <translation>aktive Voxel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>adopted from</source>
            <translation>übernommen von</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>after</source>
            <translation>danach</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>albedo</source>
            <translation>Albedo</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>all its triangles are without area; choose another file.</source>
            <translation>alle seine Dreiecke sind ohne Fläche; wähle eine andere Datei.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>along</source>
            <translation>Richtung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>altitude</source>
            <translation>Höhe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>an age</source>
            <translation>einem Alter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>anchor</source>
            <translation>Anker</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>anisotropy</source>
            <translation>Anisotropie</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>as stated</source>
            <translation>wie angegeben</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>aspect</source>
            <translation>Seitenverhältnis</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>at surface</source>
            <translation>an der Oberfläche</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>azimuth</source>
            <translation>Azimut</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>balanced</source>
            <translation>ausgeglichen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>before</source>
            <translation>davor</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>below</source>
            <translation>unten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>blend</source>
            <translation>Übergang</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>brighter</source>
            <translation>heller</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>buds</source>
            <translation>Knospen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>bursts</source>
            <translation>Stöße</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>by</source>
            <translation>durch</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>called before</source>
            <translation>früher genannt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>card pictures</source>
            <translation>Kartenbilder</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>cell</source>
            <translation>Zelle</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>centre</source>
            <translation>Mitte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>clears</source>
            <translation>hält fern</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>close</source>
            <translation>schließen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>cloud</source>
            <translation>Wolke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>coat</source>
            <translation>Hülle</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>colour</source>
            <translation>Farbe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>contrast</source>
            <translation>Kontrast</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>cools</source>
            <translation>kühlt ab</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>core</source>
            <translation>Kern</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>count</source>
            <translation>Anzahl</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>crisp</source>
            <translation>Schärfe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>curve</source>
            <translation>Kurve</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>dabs</source>
            <translation>Tupfer</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>darker</source>
            <translation>dunkler</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>density</source>
            <translation>Dichte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>depth</source>
            <translation>Tiefe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>detail</source>
            <translation>Detail</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>diameter</source>
            <translation>Durchmesser</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>direction</source>
            <translation>Richtung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>distance</source>
            <translation>Abstand</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>draft</source>
            <translation>Entwurf</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>draws the edge out into wisps</source>
            <translation>zieht den Rand zu Fasern aus</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>ease</source>
            <translation>Weichheit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>eats the edge of the density away</source>
            <translation>frisst den Rand der Dichte weg</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>edge</source>
            <translation>Kante</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>elevation</source>
            <translation>Höhe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>emits</source>
            <translation>gibt ab</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>even</source>
            <translation>gleichmäßig</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>exposure</source>
            <translation>Belichtung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>extinction</source>
            <translation>Extinktion</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>fBm</source>
            <translation>fBm</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>fades</source>
            <translation>verklingt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>far</source>
            <translation>fern</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>feature</source>
            <translation>Merkmal</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>fewer below</source>
            <translation>unten weniger</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>field</source>
            <translation>Feld</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>fill</source>
            <translation>Füllung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>filter</source>
            <translation>Filter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>final</source>
            <translation>endgültig</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>finer detail on the same silhouette</source>
            <translation>feineres Detail auf demselben Umriss</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>first</source>
            <translation>erstes</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>flat</source>
            <translation>flach</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>flicker</source>
            <translation>Flackern</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>floor</source>
            <translation>Mindestwert</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>focal</source>
            <translation>Brennweite</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>form</source>
            <translation>Form</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>from nothing to all</source>
            <translation>von nichts bis alles</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>front</source>
            <translation>Front</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>fuller</source>
            <translation>voller</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>gain</source>
            <translation>Verstärkung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>generations</source>
            <translation>Generationen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>gives</source>
            <translation>gibt ab</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>glow</source>
            <translation>Glühen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>glow by</source>
            <translation>Glühen durch</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>glow strength</source>
            <translation>Stärke des Glühens</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>go on</source>
            <translation>weiter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>goes on</source>
            <translation>geht weiter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>grid</source>
            <translation>Gitter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>ground</source>
            <translation>Boden</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>group</source>
            <translation>Gruppe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>growth, </source>
            <translation>Wachstum, </translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>hPa</source>
            <translation>hPa</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>has no columns x, y and z; name them in its first line.</source>
            <translation>hat keine Spalten x, y und z; nenne sie in der ersten Zeile.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>heat</source>
            <translation>Wärme</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>hidden</source>
            <translation>verborgen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>high</source>
            <translation>hoch</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>holds no channels; export it again.</source>
            <translation>enthält keine Kanäle; gib es neu aus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>holds no grid {!r}; it has {}.</source>
            <translation>enthält kein Gitter {!r}; es hat {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>holds no grid; it is empty or damaged.</source>
            <translation>enthält kein Gitter; es ist leer oder beschädigt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>holds no points with x, y and z; choose another file.</source>
            <translation>enthält keine Punkte mit x, y und z; wähle eine andere Datei.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>holds no triangles</source>
            <translation>enthält keine Dreiecke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>holds no triangles; choose a file with a surface, or import it as points.</source>
            <translation>enthält keine Dreiecke; wähle eine Datei mit einer Oberfläche, oder lies sie als Punkte ein.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>holds {:,} points, more than {:,}; thin them first.</source>
            <translation>enthält {:,} Punkte, mehr als {:,}; dünne sie erst aus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>holds {:,} triangles, more than {:,}; reduce them first.</source>
            <translation>enthält {:,} Dreiecke, mehr als {:,}; verringere sie erst.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>humidity</source>
            <translation>Feuchte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>humidity above</source>
            <translation>Feuchte darüber</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>invert</source>
            <translation>umkehren</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>inverted</source>
            <translation>umgekehrt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>inward</source>
            <translation>nach innen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>is damaged, or no Radiance HDR file; export it again.</source>
            <translation>ist beschädigt, oder keine Radiance-HDR-Datei; gib sie neu aus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>is damaged; export it again.</source>
            <translation>ist beschädigt; gib es neu aus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>is larger than {:,} pixels; make it smaller first.</source>
            <translation>ist größer als {:,} Pixel; mach es erst kleiner.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>is no GLB file; export it again.</source>
            <translation>ist keine GLB-Datei; gib sie neu aus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>is no glTF file; export it again.</source>
            <translation>ist keine glTF-Datei; gib sie neu aus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>is no picture; choose a PNG, JPEG, TIFF or EXR file.</source>
            <translation>ist kein Bild; wähle eine PNG-, JPEG-, TIFF- oder EXR-Datei.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>is no table of numbers ({}); check that line.</source>
            <translation>ist keine Zahlentabelle ({}); prüfe diese Zeile.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>is {} by {} pixels; a picture of all directions is twice as wide as high.</source>
            <translation>hat {} mal {} Pixel; ein Bild aller Richtungen ist doppelt so breit wie hoch.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>its coordinates reach {:.3g}; scale it to something real first.</source>
            <translation>seine Koordinaten reichen bis {:.3g}; skaliere es erst auf etwas Wirkliches.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>its tiles fill most of a box of {} voxels; write it with larger voxels.</source>
            <translation>seine Kacheln füllen fast einen ganzen Kasten von {} Voxeln; schreibe es mit größeren Voxeln.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>its tiles fill {:,} voxels, more than the {:,} that can be taken in; write it with larger voxels.</source>
            <translation>seine Kacheln füllen {:,} Voxel, mehr als die {:,}, die sich aufnehmen lassen; schreibe es mit größeren Voxeln.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>its voxels are strewn over a box of {}; cut it into parts that lie closer together.</source>
            <translation>seine Voxel sind über einen Kasten von {} verstreut; zerlege es in Teile, die näher beieinanderliegen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>its {} are not one finite number for each point; export the file again.</source>
            <translation>seine {} sind nicht je Punkt eine endliche Zahl; gib die Datei neu aus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>jitter</source>
            <translation>Streuung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>joins</source>
            <translation>verbindet</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>kelvin</source>
            <translation>Kelvin</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>kept</source>
            <translation>behalten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>kind</source>
            <translation>Art</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>km</source>
            <translation>km</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>lacunarity</source>
            <translation>Lakunarität</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>lamps</source>
            <translation>Lampen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>lapse</source>
            <translation>Gefälle</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>lapse above</source>
            <translation>Gefälle darüber</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>larger</source>
            <translation>größer</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>last</source>
            <translation>letztes</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>lead</source>
            <translation>Vorlauf</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>least</source>
            <translation>kleinste</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>lee</source>
            <translation>Lee</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>less fine light and shade</source>
            <translation>weniger feines Licht und Schatten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>level</source>
            <translation>Pegel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>level set</source>
            <translation>Level Set</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>library folders</source>
            <translation>Bibliotheksordner</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>light group</source>
            <translation>Lichtgruppe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>link</source>
            <translation>verknüpfen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>locked</source>
            <translation>gesperrt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>loop</source>
            <translation>Schleife</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>low</source>
            <translation>niedrig</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>lower by {:.0f} %</source>
            <translation>niedriger um {:.0f} %</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>m/s</source>
            <translation>m/s</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>making a mesh</source>
            <translation>macht ein Netz</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>making the mesh</source>
            <translation>macht das Netz</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>many clouds in one sky</source>
            <translation>viele Wolken in einem Himmel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>matte only</source>
            <translation>nur Matte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>measuring the cloud</source>
            <translation>misst die Wolke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>medium</source>
            <translation>Medium</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>melt</source>
            <translation>Übergang</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>memory ran out; choose a larger voxel or a smaller picture.</source>
            <translation>der Speicher ist ausgegangen; wähle ein größeres Voxel oder ein kleineres Bild.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>metered</source>
            <translation>gemessen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>metres</source>
            <translation>Meter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>metric</source>
            <translation>Metrik</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>middle</source>
            <translation>Mitte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>mirror</source>
            <translation>spiegeln</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>mix</source>
            <translation>mischen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>mm</source>
            <translation>mm</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>moisture</source>
            <translation>Feuchtigkeit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>more fine light and shade</source>
            <translation>mehr feines Licht und Schatten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>mottle</source>
            <translation>Sprenkel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>moves the density by a vector field</source>
            <translation>bewegt die Dichte durch ein Vektorfeld</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>moves the surface along its normal</source>
            <translation>bewegt die Oberfläche entlang ihrer Normalen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>muted</source>
            <translation>stumm</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>name</source>
            <translation>Name</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>names {} columns but holds {}; check its first line.</source>
            <translation>nennt {} Spalten, enthält aber {}; prüfe die erste Zeile.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>nan</source>
            <translation>nan</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>near -5/3 for liquid water</source>
            <translation>nahe -5/3 für flüssiges Wasser</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>nibble</source>
            <translation>Nagen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>noise</source>
            <translation>Rauschen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>not measured</source>
            <translation>nicht gemessen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>obstacle</source>
            <translation>Hindernis</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>octaves</source>
            <translation>Oktaven</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>offset</source>
            <translation>Versatz</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>on</source>
            <translation>an</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>once</source>
            <translation>einmal</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>optical depth</source>
            <translation>optische Tiefe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>out of date</source>
            <translation>veraltet</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>outline</source>
            <translation>Umriss</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>outline’s dimension</source>
            <translation>Dimension des Umrisses</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>pace</source>
            <translation>Tempo</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>passes</source>
            <translation>Durchgänge</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>patch</source>
            <translation>Flicken</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>patches</source>
            <translation>Flecken</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>patchy</source>
            <translation>fleckig</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>period</source>
            <translation>Periode</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>phase</source>
            <translation>Phase</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>picture</source>
            <translation>Bild</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>place</source>
            <translation>Ort</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>power</source>
            <translation>Leistung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>pressure</source>
            <translation>Druck</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>problems</source>
            <translation>Probleme</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>published clouds, with their recipes</source>
            <translation>veröffentlichte Wolken, mit ihren Rezepten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>pulse</source>
            <translation>Puls</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>push</source>
            <translation>Schub</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>radii</source>
            <translation>Radien</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>radius</source>
            <translation>Radius</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>ragged size</source>
            <translation>Größe der Zerklüftung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>raggedness</source>
            <translation>Zerklüftung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>rate</source>
            <translation>Rate</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>reach</source>
            <translation>Reichweite</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>read ahead</source>
            <translation>vorauslesen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>reading the sky</source>
            <translation>liest den Himmel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>refers to {!r} outside its folder; it is not opened.</source>
            <translation>verweist auf {!r} außerhalb seines Ordners; es wird nicht geöffnet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>room</source>
            <translation>Platz</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>rotation</source>
            <translation>Drehung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>rough</source>
            <translation>rau</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>rougher</source>
            <translation>rauer</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>roughness</source>
            <translation>Rauheit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>round and plain, as a child draws it</source>
            <translation>rund und schlicht, wie ein Kind sie zeichnet</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>scale</source>
            <translation>Maßstab</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>second</source>
            <translation>zweite</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>seconds</source>
            <translation>Sekunden</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>seed</source>
            <translation>Seed</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>sequence</source>
            <translation>Folge</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>shadow only</source>
            <translation>nur Schatten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>shape</source>
            <translation>Form</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>share</source>
            <translation>Anteil</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>sharp</source>
            <translation>schroff</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>shear</source>
            <translation>Scherung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>sheet</source>
            <translation>Blatt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>shell</source>
            <translation>Schale</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>shown</source>
            <translation>gezeigt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>shrink</source>
            <translation>Schrumpfung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>sill</source>
            <translation>Brüstung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>size</source>
            <translation>Größe</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>sky</source>
            <translation>Himmel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>slimmer</source>
            <translation>schlanker</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>smoke</source>
            <translation>Rauch</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>smoke that has just left a chimney</source>
            <translation>Rauch, der eben einen Schornstein verlassen hat</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>smoother</source>
            <translation>glatter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>soft</source>
            <translation>weich</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>softness</source>
            <translation>Weichheit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>solo</source>
            <translation>solo</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>some of its radii are below 0; export the file again.</source>
            <translation>einige seiner Radien sind unter 0; gib die Datei neu aus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>sounding</source>
            <translation>Schichtung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>spacing</source>
            <translation>Abstand</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>span</source>
            <translation>Spanne</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>speed</source>
            <translation>Geschwindigkeit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>stairs of air that a storm lifts before it</source>
            <translation>Treppen aus Luft, die ein Sturm vor sich hebt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>standing</source>
            <translation>stehend</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>step</source>
            <translation>Schritt</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>step's place</source>
            <translation>Platz des Schritts</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>steps</source>
            <translation>Schritte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>stir</source>
            <translation>Rühren</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>stops</source>
            <translation>Blendenstufen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>streak</source>
            <translation>Strähne</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>strength</source>
            <translation>Stärke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>stretch</source>
            <translation>Streckung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>strokes</source>
            <translation>Striche</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>summed</source>
            <translation>summiert</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>sun turned by {:.0f}° anticlockwise</source>
            <translation>Sonne um {:.0f}° gegen den Uhrzeigersinn gedreht</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>sun turned by {:.0f}° clockwise</source>
            <translation>Sonne um {:.0f}° im Uhrzeigersinn gedreht</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>sun {:.0f}° higher</source>
            <translation>Sonne {:.0f}° höher</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>sun {:.0f}° lower</source>
            <translation>Sonne {:.0f}° tiefer</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>sun, sky and what the cloud is made of</source>
            <translation>Sonne, Himmel und woraus die Wolke besteht</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>surface</source>
            <translation>Oberfläche</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>taking the picture</source>
            <translation>nimmt das Bild</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>taller by {:.0f} %</source>
            <translation>höher um {:.0f} %</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>taller than wide: turret upon turret, growing</source>
            <translation>höher als breit: Türmchen auf Türmchen, im Wachsen</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>taper</source>
            <translation>Verjüngung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>target</source>
            <translation>Ziel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>temperature</source>
            <translation>Temperatur</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>the </source>
            <translation>der </translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>the field {} is missing; add it</source>
            <translation>das Feld {} fehlt; füge es hinzu</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>the field {} is not known to this version; remove it or update Soft Mound</source>
            <translation>das Feld {} ist dieser Version unbekannt; entferne es oder aktualisiere Soft Mound</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>the grid {!r} holds numbers of type {}, which the OpenVDB library of this system cannot read; write it as float first.</source>
            <translation>das Gitter {!r} enthält Zahlen vom Typ {}, die die OpenVDB-Bibliothek dieses Systems nicht lesen kann; schreibe es erst als float.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>the grid {!r} holds values that are not finite numbers, {:,} within {} voxels from {}; clean it where it was made.</source>
            <translation>das Gitter {!r} enthält Werte, die keine endlichen Zahlen sind, {:,} innerhalb von {} Voxeln ab {}; bereinige es, wo es gemacht wurde.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>the grid {!r} holds vectors ({}); choose a grid of single numbers.</source>
            <translation>das Gitter {!r} enthält Vektoren ({}); wähle ein Gitter aus einzelnen Zahlen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>the growth</source>
            <translation>das Wachstum</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>the name of the asset</source>
            <translation>der Name des Assets</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>the new name</source>
            <translation>der neue Name</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>the plate</source>
            <translation>die Fototafel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>the shape as density</source>
            <translation>die Form als Dichte</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>the shape, blocked in from forms</source>
            <translation>die Form, aus Formen aufgebaut</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>the spread</source>
            <translation>die Streuung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>thickness</source>
            <translation>Dicke</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>thins</source>
            <translation>verdünnt sich</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>threshold</source>
            <translation>Schwelle</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>time</source>
            <translation>Zeit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>times</source>
            <translation>Male</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>tint</source>
            <translation>Farbton</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>tint by</source>
            <translation>Farbton durch</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>tired</source>
            <translation>müde</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>tone</source>
            <translation>Tonkurve</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>top</source>
            <translation>Deckel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>torn pieces without a common base</source>
            <translation>zerrissene Stücke ohne gemeinsame Basis</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>toward</source>
            <translation>nach</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>transform</source>
            <translation>Umrechnung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>tufts of ice whose crystals fall and stay behind</source>
            <translation>Büschel aus Eis, deren Kristalle fallen und zurückbleiben</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>turn</source>
            <translation>Drehung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>uneven</source>
            <translation>ungleichmäßig</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>upward</source>
            <translation>aufwärts</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>value</source>
            <translation>Wert</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>variation</source>
            <translation>Schwankung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>varies the density inside</source>
            <translation>lässt die Dichte im Inneren schwanken</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>visibility</source>
            <translation>Sichtweite</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>voxels</source>
            <translation>Voxel</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>wall</source>
            <translation>Wand</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>warp</source>
            <translation>Verzerrung</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>watch folder</source>
            <translation>Ordner beobachten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>weaker below</source>
            <translation>unten schwächer</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>what is said of it</source>
            <translation>was dazu gesagt ist</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>where</source>
            <translation>wo</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>wider than tall, hardly grown: fair weather</source>
            <translation>breiter als hoch, kaum gewachsen: Schönwetter</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>width</source>
            <translation>Breite</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>wind</source>
            <translation>Wind</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>window</source>
            <translation>Fenster</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>zenith</source>
            <translation>Zenit</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{!r} cannot go with a version; there are {}.</source>
            <translation>{!r} kann nicht mit einer Version gehen; es gibt {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{!r} is no name for a basket; it needs a letter or a figure, and no slash.</source>
            <translation>{!r} ist kein Name für einen Korb; er braucht einen Buchstaben oder eine Ziffer, und keinen Schrägstrich.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{!r} is no name for the grid; give letters and numbers.</source>
            <translation>{!r} ist kein Name für das Gitter; nimm Buchstaben und Ziffern.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{!r} is no {}; choose one of {}.</source>
            <translation>{!r} ist kein {}; wähle eines von {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{:,} of its {:,} positions are not finite numbers; export the file again.</source>
            <translation>{:,} seiner {:,} Orte sind keine endlichen Zahlen; gib die Datei neu aus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{} ({} in all)</source>
            <translation>{} ({} insgesamt)</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{} ({} of {} could not be published)</source>
            <translation>{} ({} von {} ließen sich nicht veröffentlichen)</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{} holds too many entries; keep at most {}</source>
            <translation>{} enthält zu viele Einträge; behalte höchstens {}</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{} is another asset than {}; replace a version by one of its own.</source>
            <translation>{} ist ein anderes Asset als {}; ersetze eine Version durch eine eigene.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{} is not a finite number; give it a real value</source>
            <translation>{} ist keine endliche Zahl; gib ihm einen wirklichen Wert</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{} is {}: {}</source>
            <translation>{} ist {}: {}</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{} is {}; name it without slashes, control characters, and dots alone</source>
            <translation>{} ist {}; benenne es ohne Schrägstriche, Steuerzeichen und nicht nur mit Punkten</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{} is {}; set it to at least {}</source>
            <translation>{} ist {}; setze es auf mindestens {}</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{} is {}; set it to at most {}</source>
            <translation>{} ist {}; setze es auf höchstens {}</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{} octave of {} at {:.3g} m is finer than half of a final voxel and costs time for nothing.</source>
            <translation>{} Oktave von {} bei {:.3g} m ist feiner als ein halbes Endvoxel und kostet Zeit für nichts.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{} octaves of {} at {:.3g} m are finer than half of a final voxel and cost time for nothing.</source>
            <translation>{} Oktaven von {} bei {:.3g} m sind feiner als ein halbes Endvoxel und kosten Zeit für nichts.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{} views are more than the {} frames; choose fewer views or more frames.</source>
            <translation>{} Ansichten sind mehr als die {} Bilder; wähle weniger Ansichten oder mehr Bilder.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{} v{:03d} has no files that others have: {}.</source>
            <translation>{} v{:03d} hat keine Dateien, die andere haben: {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{} v{:03d} is in it; v{:03d} is newer.</source>
            <translation>{} v{:03d} ist darin; v{:03d} ist neuer.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{} v{:03d} is not in the library any more; take it out of the basket {!r} first.</source>
            <translation>{} v{:03d} ist nicht mehr in der Bibliothek; nimm es erst aus dem Korb {!r}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: --{} is for OpenEXR; a PNG does not hold it. Let the name end in .exr.</source>
            <translation>{}: --{} ist für OpenEXR; ein PNG enthält es nicht. Lass den Namen auf .exr enden.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: --{} writes {}; give it such an ending.</source>
            <translation>{}: --{} schreibt {}; gib ihm eine solche Endung.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: OpenColorIO cannot read this config ({}); correct OCIO in the environment.</source>
            <translation>{}: OpenColorIO kann diese Konfiguration nicht lesen ({}); berichtige OCIO in der Umgebung.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: a film needs two kept views at least, to go from one to the next.</source>
            <translation>{}: ein Film braucht mindestens zwei behaltene Ansichten, um von einer zur nächsten zu gehen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: a model keeps its proportions; give one number, its longest side.</source>
            <translation>{}: ein Modell behält seine Proportionen; gib eine Zahl an, seine längste Seite.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: active voxels did not survive writing; the file is not kept.</source>
            <translation>{}: aktive Voxel haben das Schreiben nicht überstanden; die Datei wird nicht behalten.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: along {} it reaches from {:g} to {:g}; cut it there, not at {:g}.</source>
            <translation>{}: entlang {} reicht es von {:g} bis {:g}; schneide dort, nicht bei {:g}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: at a voxel of {:g} m it takes {:.1f} GB, more than there is; choose a larger voxel, or a region.</source>
            <translation>{}: bei einem Voxel von {:g} m braucht es {:.1f} GB, mehr als da ist; wähle ein größeres Voxel, oder einen Ausschnitt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: at frame {:g} {} cannot be {:g}; change its keys.</source>
            <translation>{}: bei Bild {:g} kann {} nicht {:g} sein; ändere seine Schlüssel.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: baskets cannot be kept there ({}); choose another library.</source>
            <translation>{}: Körbe lassen sich dort nicht behalten ({}); wähle eine andere Bibliothek.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot be a file's name here ({}); choose a shorter one.</source>
            <translation>{}: kann hier kein Dateiname sein ({}); wähle einen kürzeren.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot be brought back ({}).</source>
            <translation>{}: lässt sich nicht zurückholen ({}).</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot be changed ({}); look who may write there.</source>
            <translation>{}: lässt sich nicht ändern ({}); sieh nach, wer dort schreiben darf.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot be looked into ({}); check the folder.</source>
            <translation>{}: lässt sich nicht einsehen ({}); prüfe den Ordner.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot be made ({}).</source>
            <translation>{}: lässt sich nicht anlegen ({}).</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot be made finer in parts, since it has steps, grains that move density about, or volumes that join by density; export it at a smaller voxel.</source>
            <translation>{}: lässt sich nicht stellenweise verfeinern, denn es hat Schritte, Körner, die Dichte bewegen, oder Volumen, die über ihre Dichte hinzukommen; gib es mit kleinerem Voxel aus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot be put aside ({}); free the folder.</source>
            <translation>{}: lässt sich nicht beiseitelegen ({}); mach den Ordner frei.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot be read ({}).</source>
            <translation>{}: lässt sich nicht lesen ({}).</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot be read ({}); check the file.</source>
            <translation>{}: lässt sich nicht lesen ({}); prüfe die Datei.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot be read ({}); check the name.</source>
            <translation>{}: lässt sich nicht lesen ({}); prüfe den Namen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot be read as USD; check the file.</source>
            <translation>{}: lässt sich nicht als USD lesen; prüfe die Datei.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot be read as a picture ({}); check the file.</source>
            <translation>{}: lässt sich nicht als Bild lesen ({}); prüfe die Datei.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot be read; publish the mound again.</source>
            <translation>{}: lässt sich nicht lesen; veröffentliche das Mound neu.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot be renamed ({}); what is left can be renamed again.</source>
            <translation>{}: lässt sich nicht umbenennen ({}); was übrig ist, lässt sich erneut umbenennen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot be watched ({}); choose another folder.</source>
            <translation>{}: lässt sich nicht beobachten ({}); wähle einen anderen Ordner.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cannot build its tier of 1/{} again; it says too little of it.</source>
            <translation>{}: kann seine Stufe 1/{} nicht wieder bauen; es sagt zu wenig darüber.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: carries no picture; save it from the window once.</source>
            <translation>{}: trägt kein Bild; sichere es einmal aus dem Fenster.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: carries no recipe; only pictures that Soft Mound took of a mound do.</source>
            <translation>{}: trägt kein Rezept; nur Bilder, die Soft Mound von einem Mound nahm, tun es.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: cells of {:g} m would be {:,} along one side, more than {:,}; choose larger ones.</source>
            <translation>{}: Zellen von {:g} m wären {:,} entlang einer Seite, mehr als {:,}; wähle größere.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: could not be published to ({}); choose another folder or free some space.</source>
            <translation>{}: dorthin ließ sich nicht veröffentlichen ({}); wähle einen anderen Ordner oder mach Platz.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: could not be read ({}).</source>
            <translation>{}: ließ sich nicht lesen ({}).</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: could not be written ({}); choose another place or free some space.</source>
            <translation>{}: ließ sich nicht schreiben ({}); wähle einen anderen Ort oder mach Platz.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: damaged or no set of grains; restore it from a copy.</source>
            <translation>{}: beschädigt oder kein Satz von Körnern; stelle es aus einer Kopie wieder her.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: damaged or not a .mound file; restore it from a copy.</source>
            <translation>{}: beschädigt oder keine .mound-Datei; stelle sie aus einer Kopie wieder her.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: damaged or not readable; restore it from a copy.</source>
            <translation>{}: beschädigt oder nicht lesbar; stelle es aus einer Kopie wieder her.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: exists already; choose another name, or add --force to replace it.</source>
            <translation>{}: gibt es schon; wähle einen anderen Namen, oder füge --force hinzu, um es zu ersetzen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: frame {} is missing ({} in all), and without it a film would run too fast there; let it grow again, or choose frames before or after by --range.</source>
            <translation>{}: Bild {} fehlt ({} insgesamt), und ohne es liefe ein Film dort zu schnell; lass es noch einmal wachsen, oder wähle mit --range Bilder davor oder danach.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: give it the ending .flock.</source>
            <translation>{}: gib ihm die Endung .flock.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: give it the ending {}.</source>
            <translation>{}: gib ihm die Endung {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: give one run of # where the number of the frame stands, as storm.####.vdb.</source>
            <translation>{}: gib eine Reihe von # an, wo die Bildnummer steht, wie storm.####.vdb.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: gives nothing off, and its form is no cloud to begin with; choose one of both.</source>
            <translation>{}: gibt nichts ab, und seine Form ist keine Wolke für den Anfang; wähle eines von beiden.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: gives off nothing that could be seen: no smoke, and nothing condenses without moisture and a sounding; give it one of both.</source>
            <translation>{}: gibt nichts ab, was zu sehen wäre: keinen Rauch, und ohne Feuchtigkeit und Schichtung kondensiert nichts; gib ihm eines von beiden.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: grew at {:g} frames a second; go on at the same rate.</source>
            <translation>{}: wuchs mit {:g} Bildern je Sekunde; mach mit derselben Rate weiter.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: growing on {:.1f} million cells takes {:.1f} GB, more than there is; choose larger cells.</source>
            <translation>{}: auf {:.1f} Millionen Zellen zu wachsen braucht {:.1f} GB, mehr als da ist; wähle größere Zellen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has a basket {!r} already.</source>
            <translation>{}: hat schon einen Korb {!r}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has keys of {}, which is not there; remove them.</source>
            <translation>{}: hat Schlüssel von {}, das es nicht gibt; entferne sie.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no basket {!r}.</source>
            <translation>{}: hat keinen Korb {!r}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no basket {!r}; there are: {}.</source>
            <translation>{}: hat keinen Korb {!r}; es gibt: {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no form that could give anything off; add one first.</source>
            <translation>{}: hat keine Form, die etwas abgeben könnte; füge erst eine hinzu.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no frame in that range; choose another.</source>
            <translation>{}: hat kein Bild in diesem Bereich; wähle einen anderen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no frame {}; {}.</source>
            <translation>{}: hat kein Bild {}; {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no grain, so every frame would be the same; add one, or publish it without frames.</source>
            <translation>{}: hat kein Korn, also wäre jedes Bild gleich; füge eines hinzu, oder veröffentliche es ohne Bilder.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no growth; choose Grow in Mass, or say how long it lasts.</source>
            <translation>{}: hat kein Wachstum; wähle Wachsen in Masse, oder sage, wie lange es dauert.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no members to be merged; place some, or let a spread do it.</source>
            <translation>{}: hat keine Mitglieder zum Vereinen; setze welche, oder lass eine Streuung es tun.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no members to be seen; place some, or let a spread do it.</source>
            <translation>{}: hat keine Mitglieder zu sehen; setze welche, oder lass eine Streuung es tun.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no members to be seen; there is nothing to merge.</source>
            <translation>{}: hat keine Mitglieder zu sehen; es gibt nichts zu vereinen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no mesh, point set, volume or model called {!r}; there are {}.</source>
            <translation>{}: hat kein Netz, keine Punkte, kein Volumen oder Modell namens {!r}; es gibt {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no number in its name; choose one of the numbered files.</source>
            <translation>{}: hat keine Nummer im Namen; wähle eine der nummerierten Dateien.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no plate yet; say --photograph FILE.</source>
            <translation>{}: hat noch keine Fototafel; sage --photograph FILE.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no recipe; a file of it that is dropped could not come back.</source>
            <translation>{}: hat kein Rezept; eine abgelegte Datei davon könnte nicht zurückkommen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no spread {!r} that could be placed again.</source>
            <translation>{}: hat keine Streuung {!r}, die sich neu setzen ließe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no stand-in {!r}; there are {}.</source>
            <translation>{}: hat keinen Statisten {!r}; es gibt {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no surface; add a form above its base level first.</source>
            <translation>{}: hat keine Oberfläche; füge erst eine Form über der Basishöhe hinzu.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no tier of 1/{}; there are {}.</source>
            <translation>{}: hat keine Stufe 1/{}; es gibt {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no time line and stands still; give it one, say --growth DIR, or let the camera move by --along VIEW VIEW.</source>
            <translation>{}: hat keine Zeitleiste und steht still; gib ihm eine, sage --growth DIR, oder lass die Kamera mit --along VIEW VIEW sich bewegen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no view {!r}; there are {}.</source>
            <translation>{}: hat keine Ansicht {!r}; es gibt {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has no {!r}; there are {}.</source>
            <translation>{}: hat kein {!r}; es gibt {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has none called {!r}; there are {}.</source>
            <translation>{}: hat keines namens {!r}; es gibt {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has nothing that could be seen; open it and add a form.</source>
            <translation>{}: hat nichts, was zu sehen wäre; öffne es und füge eine Form hinzu.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: has voxels of {:g} m where those of {} are {:g}; frames of one cloud have one voxel. Write them alike, or adopt them apart.</source>
            <translation>{}: hat Voxel von {:g} m, wo die von {} {:g} sind; Bilder einer Wolke haben ein Voxel. Schreibe sie gleich, oder übernimm sie getrennt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds a growth already; say --go-on, --force, or another folder.</source>
            <translation>{}: enthält schon ein Wachstum; sage --go-on, --force, oder einen anderen Ordner.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds another growth, or a damaged one, so this one cannot go on there; choose another folder, or let it be replaced.</source>
            <translation>{}: enthält ein anderes Wachstum, oder ein beschädigtes, also kann dieses dort nicht weitergehen; wähle einen anderen Ordner, oder lass es ersetzen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds files already; choose another folder, or add --force to write among them.</source>
            <translation>{}: enthält schon Dateien; wähle einen anderen Ordner, oder füge --force hinzu, um dazwischen zu schreiben.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds more than {:,} triangles; reduce them first.</source>
            <translation>{}: enthält mehr als {:,} Dreiecke; verringere sie erst.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds no asset.json; name the folder of a version.</source>
            <translation>{}: enthält keine asset.json; nenne den Ordner einer Version.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds no cloud above its base level; add a form first.</source>
            <translation>{}: enthält keine Wolke über der Basishöhe; füge erst eine Form hinzu.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds no cloud; there is nothing to take a picture of.</source>
            <translation>{}: enthält keine Wolke; es gibt nichts für ein Bild.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds no growth; let one grow there first.</source>
            <translation>{}: enthält kein Wachstum; lass dort erst eines wachsen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds no mesh at time {}; check the file.</source>
            <translation>{}: enthält kein Netz zur Zeit {}; prüfe die Datei.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds no mesh; there is nothing that could stand in.</source>
            <translation>{}: enthält kein Netz; nichts darin könnte Statist sein.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds no mound.json; this is not a Soft Mound file.</source>
            <translation>{}: enthält keine mound.json; das ist keine Soft-Mound-Datei.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds no outline; give a picture that is white where the cloud is and black elsewhere.</source>
            <translation>{}: enthält keinen Umriss; gib ein Bild, das weiß ist, wo die Wolke ist, und sonst schwarz.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds no set of grains; choose a file that ends in {}.</source>
            <translation>{}: enthält keinen Satz von Körnern; wähle eine Datei, die auf {} endet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds no volume with an OpenVDB file, and no mesh; there is nothing to place.</source>
            <translation>{}: enthält kein Volumen mit OpenVDB-Datei, und kein Netz; es gibt nichts zu setzen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds nothing published as {!r}.</source>
            <translation>{}: enthält nichts, was als {!r} veröffentlicht wäre.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds no{} {!r}, which {!r} shows; publish it, or choose another library.</source>
            <translation>{}: enthält kein{} {!r}, das {!r} zeigt; veröffentliche es, oder wähle eine andere Bibliothek.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: holds {} grains; a set has 1 to {}.</source>
            <translation>{}: enthält {} Körner; ein Satz hat 1 bis {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is a flock of format {!r}, unknown to this version; open it with a newer one.</source>
            <translation>{}: ist eine Schar im Format {!r}, das diese Version nicht kennt; öffne sie mit einer neueren.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is a folder; choose another name.</source>
            <translation>{}: ist ein Ordner; wähle einen anderen Namen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is a folder; give the name of a file in it.</source>
            <translation>{}: ist ein Ordner; nenne eine Datei darin.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is a link, where a file of its own has to lie; it is not followed.</source>
            <translation>{}: ist ein Verweis, wo eine eigene Datei liegen muss; ihm wird nicht gefolgt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is a pipe or a device and no file; choose a file.</source>
            <translation>{}: ist eine Pipe oder ein Gerät und keine Datei; wähle eine Datei.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is a sequence; files of its frames cannot be dropped.</source>
            <translation>{}: ist eine Folge; Dateien ihrer Bilder lassen sich nicht ablegen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is damaged ({}); let it grow again.</source>
            <translation>{}: ist beschädigt ({}); lass es noch einmal wachsen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is damaged; let it grow again from the frame before.</source>
            <translation>{}: ist beschädigt; lass es vom Bild davor aus noch einmal wachsen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is empty; export it again.</source>
            <translation>{}: ist leer; gib es neu aus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is larger than {:,} bytes, which such a file never is; restore it from a copy.</source>
            <translation>{}: ist größer als {:,} Bytes, was eine solche Datei nie ist; stelle sie aus einer Kopie wieder her.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is missing; publish the mound again.</source>
            <translation>{}: fehlt; veröffentliche das Mound neu.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is no OpenUSD stage that can be read; check the file.</source>
            <translation>{}: ist keine lesbare OpenUSD-Bühne; prüfe die Datei.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is no basket; restore it from a copy.</source>
            <translation>{}: ist kein Korb; stelle ihn aus einer Kopie wieder her.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is no flock; choose another file.</source>
            <translation>{}: ist keine Schar; wähle eine andere Datei.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is no list of members; each needs a matrix, a place, and a file or an asset.</source>
            <translation>{}: ist keine Mitgliederliste; jedes braucht eine Matrix, einen Ort, und eine Datei oder ein Asset.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is no translation of Qt Linguist that can be read ({}).</source>
            <translation>{}: ist keine lesbare Übersetzung aus Qt Linguist ({}).</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is no valid JSON{}; restore it from a copy.</source>
            <translation>{}: ist kein gültiges JSON{}; stelle es aus einer Kopie wieder her.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is not the file that was published; look after the library first.</source>
            <translation>{}: ist nicht die Datei, die veröffentlicht wurde; pflege erst die Bibliothek.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is not the file that was published; publish the mound again.</source>
            <translation>{}: ist nicht die Datei, die veröffentlicht wurde; veröffentliche das Mound neu.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is not what was published, so nothing is done by what it says; publish the mound again.</source>
            <translation>{}: ist nicht, was veröffentlicht wurde, also geschieht nichts von dem, was es sagt; veröffentliche das Mound neu.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is one frame; give a run of # for the number, as storm.####.vdb.</source>
            <translation>{}: ist ein einzelnes Bild; gib für die Nummer eine Reihe von # an, wie storm.####.vdb.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is there already; choose another name.</source>
            <translation>{}: ist schon da; wähle einen anderen Namen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is there already; say --force to replace it, or choose another name.</source>
            <translation>{}: ist schon da; sage --force, um es zu ersetzen, oder wähle einen anderen Namen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is there already; say --force, or choose another folder.</source>
            <translation>{}: ist schon da; sage --force, oder wähle einen anderen Ordner.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is {:,} by {:,} pixels, more than a picture of ours can be; choose another.</source>
            <translation>{}: hat {:,} mal {:,} Pixel, mehr als ein Bild von uns haben kann; wähle ein anderes.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: is {} by {} pixels, and its photograph {} by {}; give an outline of the same shape.</source>
            <translation>{}: misst {} mal {} Pixel, sein Foto {} mal {}; gib einen Umriss derselben Form.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its arrays are damaged; restore the file from a copy.</source>
            <translation>{}: seine Felder sind beschädigt; stelle die Datei aus einer Kopie wieder her.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its basket {!r} cannot be deleted ({}).</source>
            <translation>{}: sein Korb {!r} lässt sich nicht löschen ({}).</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its clouds need {:.3g} GB of memory, and {:.3g} GB are there; show fewer assets, or publish them with coarser tiers.</source>
            <translation>{}: seine Wolken brauchen {:.3g} GB Speicher, und {:.3g} GB sind da; zeige weniger Assets, oder veröffentliche sie mit gröberen Stufen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its folder does not exist; make it first.</source>
            <translation>{}: sein Ordner existiert nicht; lege ihn erst an.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its frames go from {} to {}, more than {:,}; choose some by --frames.</source>
            <translation>{}: seine Bilder gehen von {} bis {}, mehr als {:,}; wähle einige mit --frames.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its frames would take {:.0f} GB; choose larger cells, keep fewer frames, or let it grow for a shorter time.</source>
            <translation>{}: seine Bilder bräuchten {:.0f} GB; wähle größere Zellen, behalte weniger Bilder, oder lass es kürzer wachsen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its grid is empty; there is nothing to place.</source>
            <translation>{}: sein Gitter ist leer; es gibt nichts zu setzen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its grid {!r} is empty; publish the mound again.</source>
            <translation>{}: sein Gitter {!r} ist leer; veröffentliche das Mound neu.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its grid {!r} is empty; there is nothing to adopt.</source>
            <translation>{}: sein Gitter {!r} ist leer; es gibt nichts zu übernehmen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its grid {} was not stored as it was; write it again.</source>
            <translation>{}: sein Gitter {} wurde nicht gespeichert, wie es war; schreibe es noch einmal.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its growth has {:g} m cells in another box; go on with the same cells, room and wind, or begin anew.</source>
            <translation>{}: sein Wachstum hat Zellen von {:g} m in einem anderen Kasten; mach mit denselben Zellen, Platz und Wind weiter, oder beginne neu.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its polygons refer to points that are not there; export it again.</source>
            <translation>{}: seine Vielecke verweisen auf Punkte, die nicht da sind; gib es neu aus.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its recipe gives other values today than those published; publish a new version, and see with library rebuild by how much they differ.</source>
            <translation>{}: sein Rezept ergibt heute andere Werte als die veröffentlichten; veröffentliche eine neue Version, und sieh mit library rebuild, um wie viel sie abweichen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its surface is closed, so --thickness would make it hollow; leave it out, or open the model.</source>
            <translation>{}: seine Oberfläche ist geschlossen, also würde --thickness es aushöhlen; lass es weg, oder öffne das Modell.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its tier of 1/{} was dropped to save room; softmound library bring builds it again.</source>
            <translation>{}: seine Stufe 1/{} wurde abgelegt, um Platz zu sparen; softmound library bring baut sie wieder.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: its tier of 1/{} was not dropped.</source>
            <translation>{}: seine Stufe 1/{} wurde nicht abgelegt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: layers are for OpenEXR; a PNG does not hold them. Let the name end in .exr.</source>
            <translation>{}: Ebenen sind für OpenEXR; ein PNG enthält sie nicht. Lass den Namen auf .exr enden.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: lists no members.</source>
            <translation>{}: nennt keine Mitglieder.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: member {} cannot be read ({}); it needs a matrix, a place, and a file or an asset.</source>
            <translation>{}: Mitglied {} lässt sich nicht lesen ({}); es braucht eine Matrix, einen Ort, und eine Datei oder ein Asset.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: meshes are written as .obj, .ply, .stl, .glb or .off; choose one of these.</source>
            <translation>{}: Netze werden als .obj, .ply, .stl, .glb oder .off geschrieben; wähle eines davon.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: mound.json is not valid JSON{}; restore it from a copy.</source>
            <translation>{}: mound.json ist kein gültiges JSON{}; stelle es aus einer Kopie wieder her.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: mound.json must hold one JSON object; this is no recipe.</source>
            <translation>{}: mound.json muss ein JSON-Objekt enthalten; das ist kein Rezept.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: no frame holds any cloud yet; let it grow for longer.</source>
            <translation>{}: noch kein Bild enthält eine Wolke; lass es länger wachsen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: no frame is kept yet; let it grow first.</source>
            <translation>{}: noch kein Bild ist behalten; lass es erst wachsen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: no scheduler answers there; look at its address.</source>
            <translation>{}: dort antwortet kein Scheduler; sieh dir seine Adresse an.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: no state is kept up to frame {}; go on from a later one, or let it grow again.</source>
            <translation>{}: bis Bild {} ist kein Zustand behalten; mach von einem späteren weiter, oder lass es noch einmal wachsen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: not a file of {}; choose one that ends in {}.</source>
            <translation>{}: keine Datei von {}; wähle eine, die auf {} endet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: not all of it could be deleted; look who may write there.</source>
            <translation>{}: nicht alles davon ließ sich löschen; sieh nach, wer dort schreiben darf.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: not an OpenVDB file; choose a .vdb.</source>
            <translation>{}: keine OpenVDB-Datei; wähle ein .vdb.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: not read within {:g} s; it is damaged or too large.</source>
            <translation>{}: nicht innerhalb von {:g} s gelesen; es ist beschädigt oder zu groß.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: not read within {} s of work; it is damaged or too large.</source>
            <translation>{}: nicht innerhalb von {} s Arbeit gelesen; es ist beschädigt oder zu groß.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: nothing lies on either side of {:g}; its distances reach {:g} either way.</source>
            <translation>{}: auf keiner Seite von {:g} liegt etwas; seine Abstände reichen {:g} in beide Richtungen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: nothing lies on either side of {:g}; its largest is {:g}.</source>
            <translation>{}: auf keiner Seite von {:g} liegt etwas; sein größter Wert ist {:g}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: nothing of it gives anything off; add a form, or choose fewer masks and patches.</source>
            <translation>{}: nichts davon gibt etwas ab; füge eine Form hinzu, oder wähle weniger Masken und Flecken.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: nothing of it is left as a cloud; choose a larger --span.</source>
            <translation>{}: nichts davon bleibt als Wolke; wähle ein größeres --span.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: nothing of it lies above the base level of {:g} m; choose a lower --level.</source>
            <translation>{}: nichts davon liegt über der Basishöhe von {:g} m; wähle ein tieferes --level.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: nothing of it lies there; choose another region.</source>
            <translation>{}: nichts davon liegt dort; wähle einen anderen Ausschnitt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: nothing retired is called {!r} and numbered {}.</source>
            <translation>{}: nichts Beiseitegelegtes heißt {!r} und hat die Nummer {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: nothing retired is called {!r}.</source>
            <translation>{}: nichts Beiseitegelegtes heißt {!r}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: one file has to stay; keep the smallest tier.</source>
            <translation>{}: eine Datei muss bleiben; behalte die kleinste Stufe.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: only a mound has a time line; leave out --frame.</source>
            <translation>{}: nur ein Mound hat eine Zeitleiste; lass --frame weg.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: pictures are written as .png or .exr; give it one of these endings.</source>
            <translation>{}: Bilder werden als .png oder .exr geschrieben; gib ihm eine dieser Endungen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: placement or class did not survive writing; the file is not kept.</source>
            <translation>{}: Lage oder Klasse haben das Schreiben nicht überstanden; die Datei wird nicht behalten.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: somebody else holds the index of the library; try again.</source>
            <translation>{}: jemand anderes hält den Index der Bibliothek; versuche es noch einmal.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: stands {:.3g} m away from where asset.json says; a unit, an axis or an origin is wrong.</source>
            <translation>{}: steht {:.3g} m von dort weg, wo asset.json sagt; eine Einheit, eine Achse oder ein Ursprung ist falsch.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: that worker has version {}, here it is {}; results could differ.</source>
            <translation>{}: dieser Arbeiter hat Version {}, hier ist es {}; Ergebnisse könnten abweichen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: the copy of the work cannot be kept ({}); save it elsewhere, or free some space.</source>
            <translation>{}: die Kopie der Arbeit lässt sich nicht behalten ({}); sichere sie anderswo, oder mach Platz.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: the entry {!r} does not belong in a mound; it is not opened.</source>
            <translation>{}: der Eintrag {!r} gehört nicht in ein Mound; es wird nicht geöffnet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: the entry {!r} points outside the file; it is not opened.</source>
            <translation>{}: der Eintrag {!r} zeigt aus der Datei hinaus; sie wird nicht geöffnet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: the frames before cannot be kept there ({}); make room, or choose another folder.</source>
            <translation>{}: die Bilder davor lassen sich dort nicht behalten ({}); mach Platz, oder wähle einen anderen Ordner.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: the grid {!r} holds no voxels; there is nothing to cut.</source>
            <translation>{}: das Gitter {!r} enthält keine Voxel; es gibt nichts zu schneiden.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: the grid {!r} is no density, its background is {:g}; choose another with --grid.</source>
            <translation>{}: das Gitter {!r} ist keine Dichte, sein Hintergrund ist {:g}; wähle mit --grid ein anderes.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: the grid {!r} is no density; choose another with --grid.</source>
            <translation>{}: das Gitter {!r} ist keine Dichte; wähle mit --grid ein anderes.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: the index of the library cannot be kept ({}).</source>
            <translation>{}: der Index der Bibliothek lässt sich nicht behalten ({}).</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: the index of the library cannot be made ({}); delete it.</source>
            <translation>{}: der Index der Bibliothek lässt sich nicht anlegen ({}); lösche ihn.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: the name {!r} points outside of it; it is not touched.</source>
            <translation>{}: der Name {!r} zeigt aus ihm hinaus; nichts wird angerührt.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: the recipe in it is damaged; open the mound itself.</source>
            <translation>{}: das Rezept darin ist beschädigt; öffne das Mound selbst.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: the recipe states no format version; save it again from Soft Mound.</source>
            <translation>{}: das Rezept nennt keine Formatversion; sichere es noch einmal aus Soft Mound.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: the scheduler has no workers; start some first.</source>
            <translation>{}: der Scheduler hat keine Arbeiter; starte erst welche.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: the surface did not survive writing; the file is not kept.</source>
            <translation>{}: die Oberfläche hat das Schreiben nicht überstanden; die Datei wird nicht behalten.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: the triangles of its models are damaged ({}); restore it from a copy.</source>
            <translation>{}: die Dreiecke seiner Modelle sind beschädigt ({}); stelle es aus einer Kopie wieder her.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: there is no file of that pattern within these frames.</source>
            <translation>{}: es gibt innerhalb dieser Bilder keine Datei nach diesem Muster.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: there is no file of that pattern.</source>
            <translation>{}: es gibt keine Datei nach diesem Muster.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: there is no stand-in to be written; add one, or show one that is hidden.</source>
            <translation>{}: es gibt keinen Statisten zu schreiben; füge einen hinzu, oder zeige einen verborgenen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: there is no such file ({}); a moving form has lost it.</source>
            <translation>{}: eine solche Datei gibt es nicht ({}); eine bewegte Form hat sie verloren.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: there is no such file ({}); the flock's asset is gone.</source>
            <translation>{}: eine solche Datei gibt es nicht ({}); das Asset der Schar ist weg.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: there is no such file; check the name.</source>
            <translation>{}: eine solche Datei gibt es nicht; prüfe den Namen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: there is no such file; the flock's plate is gone. Choose another, or remove it.</source>
            <translation>{}: eine solche Datei gibt es nicht; die Fototafel der Schar ist weg. Wähle eine andere, oder entferne sie.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: there is no such folder; check the name.</source>
            <translation>{}: einen solchen Ordner gibt es nicht; prüfe den Namen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: there is no surface at this voxel; choose a smaller one.</source>
            <translation>{}: bei diesem Voxel gibt es keine Oberfläche; wähle ein kleineres.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: there is nothing in this frame.</source>
            <translation>{}: in diesem Bild ist nichts.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: there is {} of {!r} already; choose another name.</source>
            <translation>{}: es gibt schon {} von {!r}; wähle einen anderen Namen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: values did not survive writing; the file is not kept.</source>
            <translation>{}: Werte haben das Schreiben nicht überstanden; die Datei wird nicht behalten.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: was adopted from {}; it has no recipe.</source>
            <translation>{}: wurde von {} übernommen; es hat kein Rezept.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: was changed by somebody else meanwhile; look at it again.</source>
            <translation>{}: wurde inzwischen von jemand anderem geändert; sieh es noch einmal an.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: was published before it was kept what its values are; publish it again first.</source>
            <translation>{}: wurde veröffentlicht, bevor seine Werte festgehalten wurden; veröffentliche es erst noch einmal.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: was published before shapes were measured; publish it again.</source>
            <translation>{}: wurde veröffentlicht, bevor Formen gemessen wurden; veröffentliche es noch einmal.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: would be written over {}, which is read or written as well; choose another name.</source>
            <translation>{}: würde über {} geschrieben, das auch gelesen oder geschrieben wird; wähle einen anderen Namen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: would be {:.3g} m long; state its size from {:g} to {:,.0f} m, or another unit of its numbers.</source>
            <translation>{}: wäre {:.3g} m lang; nenne seine Größe von {:g} bis {:,.0f} m, oder eine andere Einheit seiner Zahlen.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: would unpack to {:,.1f} GiB, more than the {:.1f} GiB allowed; it is not opened.</source>
            <translation>{}: würde entpackt {:,.1f} GiB, mehr als die erlaubten {:.1f} GiB; es wird nicht geöffnet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: written in format {}, but this Soft Mound reads up to {}; open it with a newer version.</source>
            <translation>{}: im Format {} geschrieben, aber dieses Soft Mound liest bis {}; öffne es mit einer neueren Version.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: {}</source>
            <translation>{}: {}</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: {} ({} more problems).</source>
            <translation>{}: {} ({} weitere Probleme).</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: {} An open surface encloses nothing: add --close-holes, or --thickness M to treat it as a sheet.</source>
            <translation>{}: {} Eine offene Oberfläche umschließt nichts: füge --close-holes hinzu, oder --thickness M, um sie als Blatt zu behandeln.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: {} has no version {}; there are {}.</source>
            <translation>{}: {} hat keine Version {}; es gibt {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: {} unpacks to more than it states; it is not opened.</source>
            <translation>{}: {} wird entpackt mehr, als es angibt; es wird nicht geöffnet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: {} would unpack to {:,.0f} MiB, more than the {:.0f} MiB allowed; it is not opened.</source>
            <translation>{}: {} würde entpackt {:,.0f} MiB, mehr als die erlaubten {:.0f} MiB; es wird nicht geöffnet.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: {}.</source>
            <translation>{}: {}.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}: {}; choose another place or free some space.</source>
            <translation>{}: {}; wähle einen anderen Ort oder mach Platz.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}; choose another place or free some space.</source>
            <translation>{}; wähle einen anderen Ort oder mach Platz.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>{}{} is not in the library any more.</source>
            <translation>{}{} ist nicht mehr in der Bibliothek.</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>°C</source>
            <translation>°C</translation>
        </message>
        <message>
            <location filename="tables.py" />
            <source>µm</source>
            <translation>µm</translation>
        </message>
        <message numerus="yes">
            <location filename="tables.py" />
            <source>Blocked in: {} forms, {:.0f} % of both outlines in common. Looking for the sun…</source>
            <translation>
                <numerusform>Aufgebaut: {} Form, beide Umrisse zu {:.0f} % gemeinsam. Die Sonne wird gesucht…</numerusform>
                <numerusform>Aufgebaut: {} Formen, beide Umrisse zu {:.0f} % gemeinsam. Die Sonne wird gesucht…</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <location filename="tables.py" />
            <source>Linked with {} others: editing one edits all.</source>
            <translation>
                <numerusform>Mit einer anderen verknüpft: eine zu ändern ändert beide.</numerusform>
                <numerusform>Mit {} anderen verknüpft: eine zu ändern ändert alle.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <location filename="tables.py" />
            <source>close {} holes</source>
            <translation>
                <numerusform>{} Loch schließen</numerusform>
                <numerusform>{} Löcher schließen</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <location filename="tables.py" />
            <source>forms</source>
            <translation>
                <numerusform>Form</numerusform>
                <numerusform>Formen</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <location filename="tables.py" />
            <source>remove forms</source>
            <translation>
                <numerusform>Form entfernen</numerusform>
                <numerusform>Formen entfernen</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <location filename="tables.py" />
            <source>{:,} members</source>
            <translation>
                <numerusform>ein Mitglied</numerusform>
                <numerusform>{:,} Mitglieder</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <location filename="tables.py" />
            <source>{:,} versions</source>
            <translation>
                <numerusform>eine Version</numerusform>
                <numerusform>{:,} Versionen</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <location filename="tables.py" />
            <source>{} clouds</source>
            <translation>
                <numerusform>eine Wolke</numerusform>
                <numerusform>{} Wolken</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <location filename="tables.py" />
            <source>{} clouds were</source>
            <translation>
                <numerusform>Eine Wolke war</numerusform>
                <numerusform>{} Wolken waren</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <location filename="tables.py" />
            <source>{} files become an asset each, named after them.</source>
            <translation>
                <numerusform>Sie wird geprüft, gemessen und abgebildet; die Datei selbst bleibt, wie sie ist.</numerusform>
                <numerusform>{} Dateien werden je ein Asset, nach ihnen benannt.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <location filename="tables.py" />
            <source>{} holds {} versions now.</source>
            <translation>
                <numerusform>{} enthält jetzt eine Version.</numerusform>
                <numerusform>{} enthält jetzt {} Versionen.</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <location filename="tables.py" />
            <source>{} {}, on {} forms</source>
            <translation>
                <numerusform>{} {}, auf einer Form</numerusform>
                <numerusform>{} {}, auf {} Formen</numerusform>
            </translation>
        </message>
        <message numerus="yes">
            <location filename="tables.py" />
            <source>{}, {} versions</source>
            <translation>
                <numerusform>{}, eine Version</numerusform>
                <numerusform>{}, {} Versionen</numerusform>
            </translation>
        </message>
    </context>
</TS>
