<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1">
<context>
    <name>desk</name>
    <message>
        <location filename="softmound/desk/dialogs/command_box.py" />
        <source>station</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/command_box.py" />
        <source>command in {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/command_box.py" />
        <source>command</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/command_box.py" />
        <source>number of {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/command_box.py" />
        <source>page of the manual</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/command_box.py" />
        <location filename="softmound/desk/dialogs/command_box.py" />
        <source>Find anything</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/command_box.py" />
        <source>A command, a station, a number, a chapter</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/command_box.py" />
        <source>What was found</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/command_box.py" />
        <source>Nothing has that name.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/examples_dialog.py" />
        <source>Examples</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/examples_dialog.py" />
        <source>Finished clouds to take apart</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/examples_dialog.py" />
        <source>A click opens a copy: every form, grain and lamp in it is yours to change.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/help/reference.py" />
        <location filename="softmound/desk/dialogs/examples_dialog.py" />
        <source>Open a copy</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
        <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <location filename="softmound/desk/dialogs/examples_dialog.py" />
        <source>Close</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Export OpenVDB</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>File</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Choose…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Tiers: each in a file of its own</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Tier: {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/dialogs.py" />
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Which axis is up</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/dialogs.py" />
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Unit of its numbers</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Name of the grid</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Pruning tolerance</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Densities so close to one another become one: a smaller file, a little off.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Also the surface, as a level set</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Finer where the camera comes near, for a picture of {} × {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Further grids, each with half the voxel of the one before. They add up: give the renderer all of them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>A mound with steps, grains that move density about, or volumes that join by density is as fine everywhere.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Export</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/arriving.py" />
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>OpenVDB (*.vdb)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Name a file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Choose a tier at least.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>There is no folder {}; choose another.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>The grid needs a name other than 'surface'.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>{}: about {} and {} to build. Read back and compared before it gets its name.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Export mesh</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>A closed surface of the density, for layout. </source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>It is taken from the finished grid.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>It is taken from the draft; build the final grid first for a finer one.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Density of the surface</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Lower reaches farther out into the skin.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Triangles at most</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>The surface is made on coarser voxels until it has no more.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Meshes ({})</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/export_dialog.py" />
        <source>Let the file's name end in {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>{}: holds no grid of single numbers, only of {}; choose another file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>A form from a file</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>Meshes, points and volumes ({})</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>An open surface encloses nothing. What shall become of it?</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>Close the holes</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>A sheet</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>Leave it open</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>Thickness</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>Of the sheet.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>Add it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>Open surface</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>Frame</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>Of the sequence of {} files; gaps take the one before.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>How it joins the mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>By its surface</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>By its density</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>As a form like any other: grains and skin work on it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>Its values stay what they are, beside what the other forms make.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>Threshold</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>Density at which the surface lies.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>{:,} points</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>, each with {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/import_dialog.py" />
        <source>It will be {} (width, height, depth).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/help/reference.py" />
        <location filename="softmound/desk/help/reference.py" />
        <location filename="softmound/desk/dialogs/keys_dialog.py" />
        <location filename="softmound/desk/dialogs/keys_dialog.py" />
        <source>Keys and gestures</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/keys_dialog.py" />
        <location filename="softmound/desk/dialogs/keys_dialog.py" />
        <source>Find a key or what it does</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/keys_dialog.py" />
        <source>Nothing is called so.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/manual_dialog.py" />
        <source>Page of the manual</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/manual_dialog.py" />
        <source>Manual</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/manual_dialog.py" />
        <source>Back</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/manual_dialog.py" />
        <source>Forward</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/manual_dialog.py" />
        <source>The page before (Alt+Left).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/manual_dialog.py" />
        <source>The page that was left by Back (Alt+Right).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/manual_dialog.py" />
        <location filename="softmound/desk/dialogs/manual_dialog.py" />
        <source>Find words in the manual</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/manual_dialog.py" />
        <source>Chapters</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/manual_dialog.py" />
        <source>No page has all these words.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/manual_dialog.py" />
        <source>On this page: {}. Enter goes to the next.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <source>Bring it near</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <source>The photograph</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <source>The mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/settings.py" />
        <location filename="softmound/desk/stations/formation/settings.py" />
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <source>Locked</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <source>Take it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <source>Likeness {:.3f}. Double-click takes it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/snapshots.py" />
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <source>nothing worth a word</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <source>Likeness {:.3f}: outlines {:.0f} % in common, light {:.0f} % in step. Beside the photograph: {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/jobs.py" />
        <location filename="softmound/desk/view/time_line.py" />
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <source>Stop</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <source>Search on</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <source>What was found stays.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <source>From the candidate that is shown.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <source>Searching: {} tried, {:.0f} s. Double-click a picture to take it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <source>Searching: measuring the photograph…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/near_dialog.py" />
        <source>{} tried. Take one, or search on.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>Take pictures</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>Draft light</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>True light</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>As fine as a pixel</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>The draft</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>The finished grid</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>There is none yet: F5 builds it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>Width</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>Of each picture.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>Height</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>Noise</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>True light is enough when a pixel errs by such a share.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>Pictures</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>How many there are: 24 make a second of film.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>Give it a name.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>This kind is written as {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/picture_dialog.py" />
        <source>Tick a layer at least.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>Publish</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/delivering.py" />
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>Publish {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>A new version of it in {}: built, checked, with its recipe and its picture.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>Final voxel</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>Edge of a voxel of the full grid.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>Files</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>full</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>Publish the full grid</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>Publish a grid of 1/{}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>A file at the final voxel.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>A file with voxels {} times as wide, of the same mass: for far clouds and quick looks.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>With them</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>Also keep {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>Said of it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>Choose one file at least.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/publish_dialog.py" />
        <source>About {} of files at the most, in {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/queue_dialog.py" />
        <location filename="softmound/desk/dialogs/queue_dialog.py" />
        <source>What waits</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/queue_dialog.py" />
        <source>Work that waits</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/queue_dialog.py" />
        <source>Sooner</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/settings.py" />
        <location filename="softmound/desk/dialogs/queue_dialog.py" />
        <source>Later</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/queue_dialog.py" />
        <source>Take out</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/queue_dialog.py" />
        <source>Do it before the one above it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/queue_dialog.py" />
        <source>Do it after the one below it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/queue_dialog.py" />
        <source>Do not do it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/queue_dialog.py" />
        <source>Nothing is being done.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/queue_dialog.py" />
        <source>Now: {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>Photograph and the outline of its cloud</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/formation/plate.py" />
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>horizon</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>base</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>From a photograph</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>Block it in</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>Outline</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>Brush</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>Radius, in hundredths of the photograph's width.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>Forget the brush</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>The outline as it is found by itself.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>Camera and cloud</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>Sun</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>Sun {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>Looked for once the cloud is blocked in: three proposals, the likeliest first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>Finding the cloud…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>Blocking it in…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>Azimuth {:.0f}°, elevation {:.0f}°: explains {:.0f} % of the photograph's light.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/reading_dialog.py" />
        <source>Choose the sun that fits, then block it in.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/resize_dialog.py" />
        <location filename="softmound/desk/dialogs/resize_dialog.py" />
        <source>Resize mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/resize_dialog.py" />
        <source>Forms, base level, skin, grains, voxels and view scale together; the underside stays at its altitude.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/resize_dialog.py" />
        <source>Longest side</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/resize_dialog.py" />
        <source>Longest side of the blocked-in shape.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/resize_dialog.py" />
        <source>Keep the look: scale the extinction as well</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/resize_dialog.py" />
        <source>Resize</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/resize_dialog.py" />
        <source>{} times the present {}; extinction {} per metre.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>{}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>{}; no sky has it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>New mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Begin with a cloud</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Every part of it can be changed afterwards: forms, grains and light. Double-click takes one.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Roll again</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Other seeds for all (R).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Begin with it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Examples…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Finished clouds, to take apart.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/tray.py" />
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>From a photograph…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>A mound with the outline and the sun of a photographed cloud.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Span</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Longest side of the model.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/settings.py" />
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Looks as large as</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>The natural cloud that has its optical depth: a model of 300 m can look like 2 km of cloud.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Over the span.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Lean</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>How far the tops stand downwind, over the height.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Turrets</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Towers of thermals, or pieces.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Tired</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>0: crisp and crowded with buds. 1: old and frayed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>As the species has them</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Forget what was asked for, but for the span.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/dialogs/wall_dialog.py" />
        <source>Making the pictures…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <location filename="softmound/desk/documents/files.py" />
        <source>A photograph of a cloud</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/files.py" />
        <source>Open a mound, a volume, or what made a picture</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/files.py" />
        <source>Mounds, volumes, pictures (*.mound *.vdb *.png *.exr)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/files.py" />
        <source>Opened what made {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/files.py" />
        <source>Save the mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/files.py" />
        <location filename="softmound/desk/documents/files.py" />
        <source>Saved {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/files.py" />
        <source>“{}” has changes that are not saved.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/files.py" />
        <source>Leave without saving</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/files.py" />
        <source>Open recent</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/files.py" />
        <source>Nothing yet</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/files.py" />
        <source>New from a start</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/mound.py" />
        <source>key</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/mound.py" />
        <source>key of the camera</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/mound.py" />
        <source>remove key of the camera</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/recovery.py" />
        <source>Something went wrong inside and was written to the log; your work is kept. Save it, and start again if it goes on.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/recovery.py" />
        <source>Soft Mound was ended from outside last time, without being closed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/recovery.py" />
        <source>Soft Mound crashed last time. What it was doing is written in its log.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/recovery.py" />
        <source>The work on {} was recovered.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/recovery.py" />
        <source>There was no work to recover: everything had been saved, or was left as it was.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/recovery.py" />
        <source>The log is {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/recovery.py" />
        <source>“{}” was not saved when Soft Mound ended last time. Its work was kept.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/recovery.py" />
        <source>Recover it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/recovery.py" />
        <source>Throw it away</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/documents/recovery.py" />
        <source>Ask again later</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/controls.py" />
        <source>Drag the track or the number, double-click to type, Backspace resets.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/controls.py" />
        <source>{}, typed</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/controls.py" />
        <source>Click to choose, Backspace resets.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/curve_field.py" />
        <source>{}: ready curves</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/curve_field.py" />
        <source>{} over {}. Drag the points; double-click adds one, Delete takes it away; with the keyboard, Tab goes to the plan, N to the next point, arrows move it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/faders.py" />
        <source>Lamps beyond the first {} groups have one fader together: give lamps a group by a right click on them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/faders.py" />
        <source>{}: tint</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/faders.py" />
        <source>mixer: {} {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/faders.py" />
        <source>take the mixer back</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/figures.py" />
        <source>{:.0f} ms</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/figures.py" />
        <source>{} min {} s</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/ramp_field.py" />
        <source>Where the first colour stands.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/ramp_field.py" />
        <source>Where the last one stands.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/ramp_field.py" />
        <source>{}: colours</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/ramp_field.py" />
        <source>Drag a stop; double-click it for its colour, or the strip for another stop. With the keyboard, N goes to the next stop, arrows move it, Enter changes its colour, + adds one, Delete takes it away.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/ramp_field.py" />
        <source>Colour of the stop</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/settings_panel.py" />
        <source>Folds or opens this section.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/settings_panel.py" />
        <source>{} settings</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/settings_panel.py" />
        <source>Find a number  (Ctrl+F)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/settings_panel.py" />
        <source>Find a number in {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/settings_panel.py" />
        <source>Nothing here has that name.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/settings_panel.py" />
        <source>{}: {} of {}; Enter for the next, Tab to it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/stand_in_fields.py" />
        <source>Which stand-in</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/tray.py" />
        <location filename="softmound/desk/fields/stand_in_fields.py" />
        <source>Add</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/stand_in_fields.py" />
        <source>A solid thing beside the cloud, which gives it scale and casts its shadow.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/tray.py" />
        <location filename="softmound/desk/fields/stand_in_fields.py" />
        <source>Duplicate</source>
        <translation type="unfinished" />
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
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/stand_in_fields.py" />
        <source>Duplicate the stand-in</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/stand_in_fields.py" />
        <source>Remove the stand-in</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/stand_in_fields.py" />
        <source>None chosen</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/fields/stand_in_fields.py" />
        <source>None</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/stand_in_fields.py" />
        <source>Solid things give a cloud scale; they cast shadows, and receive its own.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/where_fields.py" />
        <source>Everywhere. Masks multiply: {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/where_fields.py" />
        <source>Add a mask</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/fields/where_fields.py" />
        <source>Remove mask {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/settings.py" />
        <location filename="softmound/desk/fields/where_fields.py" />
        <source>Paint</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/settings.py" />
        <location filename="softmound/desk/fields/where_fields.py" />
        <source>Paint on the cloud with the left hand; Alt takes paint away.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/help/reference.py" />
        <location filename="softmound/desk/help/reference.py" />
        <source>The command line</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/help/reference.py" />
        <source>off at first</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/help/reference.py" />
        <source>on at first</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/help/reference.py" />
        <source>at first: {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/help/reference.py" />
        <source>from {} to {} {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/help/reference.py" />
        <source>by hand from {} to {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/help/reference.py" />
        <source>left out at first</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/help/reference.py" />
        <source>at first {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/help/reference.py" />
        <source>Every action has --help with examples. Lengths are metres, angles degrees, unless it says otherwise.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/application.py" />
        <source>You can begin. What only some need, such as True light and growth, is still being compiled for two minutes.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/application.py" />
        <source>All is compiled now.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/application.py" />
        <source>Not all could be compiled; what is missing is compiled when it is needed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/bars.py" />
        <source>Menu</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/bars.py" />
        <source>Menu (Alt+M)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/bars.py" />
        <source>not saved</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/bars.py" />
        <source>saved {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/bars.py" />
        <source>saved</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/shell/bars.py" />
        <source>Undo</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/shell/bars.py" />
        <source>Redo</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/bars.py" />
        <source>Voxels and memory</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/bars.py" />
        <source>Timing and messages</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/bars.py" />
        <source>{} seen · {} of {} kept</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/bars.py" />
        <source>no voxels</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/bars.py" />
        <source> · {} active</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/bars.py" />
        <source>, near {} m</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/bars.py" />
        <source>{} voxels · {} m{} · {} of {} kept</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/bars.py" />
        <source>lit in {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/commands.py" />
        <source>Stations</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/commands.py" />
        <source>Open {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/commands.py" />
        <location filename="softmound/desk/shell/commands.py" />
        <source>In {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/explaining.py" />
        <source>Choose one.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/explaining.py" />
        <source>Type here.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/leaving.py" />
        <source>, and {} more</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/leaving.py" />
        <source>“{}” is being done{}. It can go on without the window; Soft Mound ends when it is done.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/shell/leaving.py" />
        <source>Go on</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/leaving.py" />
        <source>Stop it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/opening.py" />
        <source>There is no screen to open on; start it from a desktop session.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/strip.py" />
        <source>{} station</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/strip.py" />
        <source>{}; key {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/shell/window.py" />
        <location filename="softmound/desk/shell/warming.py" />
        <location filename="softmound/desk/shell/telling.py" />
        <source>Soft Mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/tour.py" />
        <source>First cloud</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/tour.py" />
        <source>Skip this step</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/tour.py" />
        <source>Leave</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/tour.py" />
        <source>That was a cloud. The manual goes on from here (Shift+F2); Ctrl+K finds anything.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/tour.py" />
        <source>step {} of {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/warming.py" />
        <source>Getting ready</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/warming.py" />
        <source>What makes and lights clouds is compiled for this processor, once. It takes about a minute until you can begin; what only some need is compiled while you work. From then on Soft Mound starts in seconds.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/warming.py" />
        <source>beginning</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/warming.py" />
        <source>How far it is</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/warming.py" />
        <source>Not now</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/warming.py" />
        <source>Leave; it begins again at the next start.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/warming.py" />
        <source>That did not work; start softmound from a terminal to see why.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/window.py" />
        <source>Against something</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/picture.py" />
        <location filename="softmound/desk/shell/window.py" />
        <source>base level</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/picture.py" />
        <location filename="softmound/desk/shell/window.py" />
        <source>top level</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/window.py" />
        <source>{}: ended.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <location filename="softmound/desk/view/flying.py" />
        <location filename="softmound/desk/shell/window.py" />
        <source>time line</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/window.py" />
        <source>There is nothing to resize yet: add a blob in Mass.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/window.py" />
        <source>resize mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/window.py" />
        <source>Against a craft</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/window.py" />
        <source>How long is it, in metres?</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/window.py" />
        <source>Lengths</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/window.py" />
        <source>Show lengths in; any unit can be typed, as 3 ft or 120 cm, whatever is shown:</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/window.py" />
        <source>Language</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/window.py" />
        <source>From the next start on. Translations made with Qt Linguist, named by their language as de.ts, are looked for in {}:</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/shell/window.py" />
        <source>Judge colours on the dark ground: before a light one a picture looks darker than it is.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/files.py" />
        <source>Open a flock</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/files.py" />
        <source>Flocks, stages, lists (*.flock *.usda *.usdc *.usd *.json)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/files.py" />
        <location filename="softmound/desk/stations/formation/files.py" />
        <source>open flock</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/files.py" />
        <source>Save the flock</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/files.py" />
        <source>Flocks (*.flock)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/files.py" />
        <source>Export the flock</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/files.py" />
        <source>OpenUSD (*.usda *.usdc);;List of members (*.json);;Merged OpenVDB (*.vdb)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/files.py" />
        <source>Exported {}: {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/files.py" />
        <source>Export {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/files.py" />
        <source>There is nothing to take pictures of: place clouds of the library on the plan first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/files.py" />
        <source>With two kept views or more a film goes along a path through them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/files.py" />
        <source>Take {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/layers.py" />
        <source>Eight decks are the most a flock can have; remove one first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/layers.py" />
        <source>Eight hazes are the most a flock can have; remove one first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/stand_ins.py" />
        <location filename="softmound/desk/stations/stand_ins.py" />
        <location filename="softmound/desk/stations/mass/station.py" />
        <location filename="softmound/desk/stations/grain/station.py" />
        <location filename="softmound/desk/stations/formation/layers.py" />
        <source>add {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/layers.py" />
        <source>change {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/layers.py" />
        <source>remove {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/layers.py" />
        <source>Which {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/settings.py" />
        <location filename="softmound/desk/stations/formation/settings.py" />
        <location filename="softmound/desk/stations/formation/plate.py" />
        <location filename="softmound/desk/stations/formation/layers.py" />
        <source>Hidden</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/layers.py" />
        <source>{} hidden</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/layers.py" />
        <source>In a box</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/layers.py" />
        <source>It fills a box rather than all that is within its reach.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/layers.py" />
        <source>Add {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/layers.py" />
        <source>Remove {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/layers.py" />
        <source>Take it out of the sky.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/members.py" />
        <source>Group {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/members.py" />
        <source>group members</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/members.py" />
        <source>ungroup members</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/members.py" />
        <source>move members</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/members.py" />
        <source>lift members</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/members.py" />
        <source>change members</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/members.py" />
        <location filename="softmound/desk/stations/formation/members.py" />
        <source>It has no recipe: it was adopted, or its files are gone.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/members.py" />
        <source>own mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/members.py" />
        <source>Written: {}.mound; what you save there is shown here.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/members.py" />
        <source>place {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/members.py" />
        <source>remove members</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plan.py" />
        <source>Plan of the sky</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plan.py" />
        <source>The sky from above. Drag members; drag beside them to slide; the wheel approaches; double click places another.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>Horizon</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>How far down the photograph its horizon lies; the view is turned up or down until its own lies there.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>Opacity</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>How much of the sky it hides.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>Plate hidden</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>Take horizon</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>Drag in the picture to where the photograph has its horizon; Esc lets go.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>Take sun</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>Click in the picture where the photograph has its sun, or would have it; Esc lets go.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>Photograph…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>Remove plate</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>Choose the photograph that stands behind the clouds, here and in pictures and films.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>The file stays where it is.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>remove photograph</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>No photograph stands behind the clouds.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>Read {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>A plate</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/plate.py" />
        <location filename="softmound/desk/stations/formation/plate.py" />
        <source>photograph behind</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Chosen members</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Multiplies its own colour.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Mirrored</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Spreading again leaves it as it is, and the hand does not move it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Take them out (Delete); spreading again does not bring them back.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Open its mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Make its recipe the present mound.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Group</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Let the chosen members be chosen together from now on, or no longer (Ctrl+G).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Make its own mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Write its recipe as a mound of its own beside the flock; it stays where it stands, and follows what you save there.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Which spread</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Another seed</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Place all of them anew; what was changed by hand stays.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Remove spread</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>With all that it placed and nobody changed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Light and view</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Air between</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Earth's curve</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Far clouds fade into the air before them, where the sky is that of the air.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>What is far stands lower, as the earth falls away.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/mixer.py" />
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Take all back</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/mixer.py" />
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>All light as it comes: every fader at 1, no tint, nothing solo or muted.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Light of the mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Show the flock in the light of the present mound; the sun can be dragged on the dome as well.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Keep view</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Keep where it is looked at from: a camera of the stage, and a point of the film's path.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Focal length</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Of a 36 mm film: short lenses look wide.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Kept views</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Forget</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Take the kept view that is chosen off the list.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Picture, film…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>A still, or a film along a path through the kept views (Ctrl+T).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Begin an empty flock.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Open a .flock file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Save as…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Save it as a .flock file; a copy outlives the program in any case.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>An OpenUSD stage, a list of members, or one merged OpenVDB grid.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Choose members in the picture or on the plan.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>{} members</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>Ungroup</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>sun {}° high, at {}°</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/settings.py" />
        <source>not saved as a file</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/spreads.py" />
        <source>Spread {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/spreads.py" />
        <source>spread</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/spreads.py" />
        <source>change spread</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/spreads.py" />
        <location filename="softmound/desk/stations/formation/spreads.py" />
        <source>paint spread</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/spreads.py" />
        <source>spread along a line</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/spreads.py" />
        <source>remove spread</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/station.py" />
        <source>Place clouds of the library on the plan below, or spread them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/station.py" />
        <source>air between</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/station.py" />
        <source>curve of the earth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/station.py" />
        <source>light of the mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <location filename="softmound/desk/stations/formation/station.py" />
        <source>View {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/station.py" />
        <source>keep view</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/station.py" />
        <source>forget view</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/station.py" />
        <source>new flock</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>Asset that is placed</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>An asset of the library.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>Place one</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>In the middle of the plan; a double click on the plan places it there.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>Spread it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>Place many of it over what the plan shows, by a rule and one seed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>Whole sky</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>Spread every asset of the library over what the plan shows.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>Fit plan</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>Show all members on the plan.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>Paint area</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>Draw line</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>Paint on the plan where the members of the spread stand; Alt takes away.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>Draw on the plan a line along which the members of the spread stand.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>Formation places published clouds in one sky. The library is empty: publish this mound first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/wall_page.py" />
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>Publish this mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>, {} chosen</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/formation/tray.py" />
        <source>nothing is placed yet</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/nature_dialog.py" />
        <location filename="softmound/desk/stations/grain/nature_dialog.py" />
        <source>Nature check</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/nature_dialog.py" />
        <source>Measured on this cloud as it is looked at; green is what is measured of clouds.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/nature_dialog.py" />
        <source>too small to tell</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/nature_dialog.py" />
        <source>Natural: {} to {}{}{}; {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/nature_dialog.py" />
        <source>What moves it: {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/scale_ruler.py" />
        <location filename="softmound/desk/stations/grain/scale_ruler.py" />
        <source>Scale ruler</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/scale_ruler.py" />
        <source>Remedy</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/scale_ruler.py" />
        <source>Feature sizes from the voxel to the cloud. Drag a hill sideways for its size, up for its strength; arrow keys do the same, Tab goes on to the settings. The pale line is all grains together, the dotted one nature's slope.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/scale_ruler.py" />
        <location filename="softmound/desk/stations/grain/scale_ruler.py" />
        <source>size and strength of grain</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/scale_ruler.py" />
        <source>Nothing to measure yet: add a blob in Mass.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/scale_ruler.py" />
        <source>cloud span</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/scale_ruler.py" />
        <source>finer than 2 final voxels</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/scale_ruler.py" />
        <source>finer than 2 draft voxels</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/scale_ruler.py" />
        <source>nature's slope</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/scale_ruler.py" />
        <source> · off</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/settings.py" />
        <location filename="softmound/desk/stations/grain/settings.py" />
        <source>Action</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/grain/settings.py" />
        <source>On</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/settings.py" />
        <source>grain on or off</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/settings.py" />
        <source>More of the noise</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/settings.py" />
        <source>Warp the noise</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/settings.py" />
        <source>Moves the places at which the noise is read, by another noise.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/settings.py" />
        <source>Show it in the picture</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/settings.py" />
        <source>Tints the cloud where this grain acts.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/settings.py" />
        <source>All densities</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/grain/settings.py" />
        <source>Grain</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/grain/settings.py" />
        <source>noise at every scale</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/settings.py" />
        <source>Make a part thicker or thinner: a ball, a box or paint that changes the density there.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/settings.py" />
        <source>Add a patch</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/settings.py" />
        <source>Remove patch {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/settings.py" />
        <location filename="softmound/desk/stations/grain/settings.py" />
        <source>Patch {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
        <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
        <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
        <source>Siblings</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
        <source>The same mound under other seeds. Choose one to go on with, or several to publish.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
        <source>Others</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
        <source>Another dozen.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
        <source>Seeds of</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
        <source>Take it over</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
        <source>Keep as snapshots</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
        <source>Kept with the mound in Light, to compare with and to go back to.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
        <source>Publish the chosen</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
        <source>Taking their pictures…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
        <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
        <source>This one</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/siblings_dialog.py" />
        <source>Sibling {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>There is no shape to grain yet: add a blob in Mass.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>The surface is still smooth. Press Add grain to break it up.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>grain {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>warp {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>make it {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>A mound has at most {} grains; remove one first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>remove grain</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>duplicate grain</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>order of grains</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>all grains again</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>solo grain</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>character {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>A character from a file</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>Characters (*{})</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>There are no grains to keep yet.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>Keep as a character</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>Its name</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>Kept as {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>A grain or a patch has at most {} masks; remove one first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>mask {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>remove mask</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>There is no shape to patch yet: add a blob in Mass.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>add patch</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>paint</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>patch {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>curve over all densities</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>remove patch</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>There is no cloud yet: add a blob in Mass.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>take a sibling</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>keep siblings as snapshots</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>Kept {} siblings as snapshots: they lie in the tray of Light.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/station.py" />
        <source>There is no cloud to measure yet: add a blob in Mass.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Add grain</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Add a push, finer than the finest (G).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Other…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Add a grain of another action.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Duplicate the chosen grain with another seed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Remove the chosen grain (Delete).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Let it work earlier: each grain sees what those before have made.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Let it work later.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Solo</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Only this grain; press again for all.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Final</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Hatch what the final voxel cannot hold, rather than the draft's.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Characters</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Ready sets of grains, and your own.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Siblings…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>The same mound under other seeds.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Nature…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Measure this cloud against measured nature.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Duplicate grain</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Remove grain</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Grain earlier</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Grain later</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>Keep these grains…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/tray.py" />
        <location filename="softmound/desk/stations/grain/tray.py" />
        <source>From a file…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <location filename="softmound/desk/stations/library/arriving.py" />
        <source>Watch a folder</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/arriving.py" />
        <location filename="softmound/desk/stations/library/arriving.py" />
        <source>Adopt {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/arriving.py" />
        <location filename="softmound/desk/stations/library/arriving.py" />
        <source>Adopted as {} {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/library/wall_page.py" />
        <location filename="softmound/desk/stations/library/arriving.py" />
        <source>Adopt</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>A basket is called by letters and figures, without a slash.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>New basket</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>The shot, or what it is for:</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>new basket</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>Drag cards onto {} to put them into it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>put into {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>take out</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>order</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>note</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>take the newest</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>All of them are the newest.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>Rename basket</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>From now on:</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>delete basket</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>The basket {} was deleted; its versions stay. Ctrl+Z brings it back.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>Contact sheet</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>Picture (*.png)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>{} is written.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>Contact sheet of {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>Pack it all the same</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>Not yet</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>Pack the basket</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>Archive (*.tar);;Folder (*)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>{} versions are packed in {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>Pack {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/baskets.py" />
        <source>A click shows it on the wall; cards that are dropped on it are put into it; right click for more.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/delivering.py" />
        <location filename="softmound/desk/work/delivering.py" />
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>There is no cloud to publish yet: add a blob in Mass.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>Publish seeds</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>This mound and so many siblings:</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>{} is on the clipboard.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>Drop files of {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>{} were freed; “Bring its files back” builds them again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>Bring files of {} back</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>{} v{:03d} has its files again, with the same values.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>{}: its recipe gives the same values today.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>{}: its recipe gives a cloud that stands elsewhere today.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>{}: its recipe gives other values today: by up to {}, in the mean {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>Build {} again</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>{} versions were brought back.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>Nothing was put aside.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>Delete what was put aside</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>{} versions were deleted, {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source> {} files were put right.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>{} of {} versions are as published, {}{}.{}{}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>Look after the library</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>{} v{:03d} is used in {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>Put it aside all the same</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>Leave it there</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>{} v{:03d} was put aside; under “Put aside” it can be brought back.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>Replace where it is used</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>{} v{:03d} by:</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>replace a version</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>{} baskets and flocks use {} now.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>No basket and no flock is bound to this version.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/caring.py" />
        <source>{} v{:03d} is as published.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/dialogs.py" />
        <source>What is said of it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/dialogs.py" />
        <source>Its grids and its recipe stay as they were published.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/dialogs.py" />
        <source>Name of the asset, with all its versions; what refers to its files has to follow.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/dialogs.py" />
        <location filename="softmound/desk/stations/library/dialogs.py" />
        <source>Name of the asset</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/dialogs.py" />
        <source>Keep it so</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/dialogs.py" />
        <source>Adopt into the library</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/dialogs.py" />
        <source>{} numbered frames become one asset.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <location filename="softmound/desk/stations/library/dialogs.py" />
        <source>Name</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/dialogs.py" />
        <location filename="softmound/desk/stations/library/dialogs.py" />
        <source>Where it comes from</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/dialogs.py" />
        <source>Frames a second</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/dialogs.py" />
        <source>At which the frames play.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/facts.py" />
        <source>&lt;b&gt;{}&lt;/b&gt; v{:03d}&lt;br&gt;grid “{}”, {}-bit&lt;br&gt;voxel {}&lt;br&gt;{}&lt;br&gt;{} voxels, {} active&lt;br&gt;density up to {}&lt;br&gt;extinction {} per metre&lt;br&gt;seeds {}&lt;br&gt;{}, {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/facts.py" />
        <source>&lt;br&gt;dropped: {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/facts.py" />
        <source>in the baskets</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/facts.py" />
        <source>in the flocks</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/facts.py" />
        <source>{} per metre</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/finding.py" />
        <source>A picture of a cloud, or a drawn outline</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/photographs.py" />
        <location filename="softmound/desk/stations/light/settings.py" />
        <location filename="softmound/desk/stations/library/finding.py" />
        <source>Pictures ({})</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/finding.py" />
        <source>Find an outline</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Chosen version</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <location filename="softmound/desk/stations/library/settings.py" />
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Look at it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Show its published files in the picture; of two that are selected (Ctrl) both, to be compared.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Use as a form</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Add its grid to the present mound, in Mass.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Verify</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Check its files against their checksums.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Reveal</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Show its folder in the file manager.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>More</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Say or rename…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Copy path</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Build it again and compare</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Replace it where it is used…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Let the baskets and flocks that use this version use another one of its asset.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Drop its larger files</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Delete all but the smallest of its files; the recipe builds them again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Bring its files back</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Put aside</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Take it off the shelf. It is kept until the library is emptied of what was put aside.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>This mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Publish…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Build at the final voxel and add a version to the library.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Publish seeds…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Publish this mound under several seeds, one after the other.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>The shelf</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Change folder…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Like a picture…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Find clouds by an outline, drawn or of a photograph; a picture can be dropped on the cards as well.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Look after it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Verify every version, put right what can be, and say what takes how much room.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Adopt…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Take an OpenVDB file of somebody else's into the library; it can be dropped on the cards as well.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Bring back what was put aside</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Delete it for good…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Adopt OpenVDB files that arrive in a folder, asked or unasked.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Note on the basket</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Note on the chosen version in it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Take the selected versions out of the basket; they stay in the library. With none selected, take out what is not in the library any more.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Let each version in it be the newest of its asset.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>A picture of all that is in it, with names, sizes and notes.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Copy all files of its versions into a folder or an archive, with a scene of all (USD), a list (CSV) and the contact sheet; first it is said what speaks against it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Choose a folder…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Adopt without asking</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Watch it no longer</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>watching {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Nothing speaks against handing it over.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Nothing is in it yet.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>“{}” is published as it is now.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>“{}” will be published at its final voxel of {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/showing.py" />
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>To the wall</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Compare both</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/settings.py" />
        <source>Choose a card to see its facts.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/showing.py" />
        <source>published files</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/showing.py" />
        <source>published files, {} a voxel</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/showing.py" />
        <source>Back to the wall, where one was (Esc).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/station.py" />
        <source>waits</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/station.py" />
        <source>Versions are put aside under More, and taken out of a basket that is on the wall.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/station.py" />
        <source>Look at a version first, by Enter: pictures are taken of what is in the picture.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/station.py" />
        <source>Choose a card on the wall first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/station.py" />
        <source>Library folder</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Find: words, 300-500 m, shot:…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Find published clouds</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Beginnings of words in the name, note, tags, shots, species and author; all of them have to be there, those after a - must not.&lt;br&gt;300-500 m, over 2 km, under 80 m: the longest side.&lt;br&gt;shot:CODE, tag:WORD, species:WORD; since:2026-11-30, until:2026-12-24; height:50-90, voxel:1-2, depth:8-.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Kept</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Searches that are kept.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Sorted</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>In groups</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Lay the wall out in groups; a click on a title folds its group.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>More like this</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Show the clouds whose outlines, from twelve sides, are most like those of the chosen one.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>In one light</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Show every cloud of the wall from the same side in the sun and sky of the present mound; the dome at the right turns the sun.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Size of the cards</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>How large the cards of the wall are; Ctrl and the wheel do the same.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>In the tray</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>A basket holds the clouds of a shot. Drag cards onto it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>New basket…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Make one, with the versions that are selected on the wall in it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Versions of the chosen asset</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>A click chooses this version; while one is in the picture it shows it, and with Ctrl compares the two.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Keep “{}”</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Type a search to keep it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Forget “{}”</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Choose a card on the wall; a double click looks at it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Put the selected versions into it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Rename…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Delete</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>basket {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>like the outline in {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>like {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>nothing is found</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>{:,} of {:,} versions</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/wall_page.py" />
        <location filename="softmound/desk/stations/library/tray.py" />
        <source>Show all again</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/wall.py" />
        <source>{} version {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/wall.py" />
        <source>{} frames</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/wall.py" />
        <source>v{:03d} is newer</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/wall.py" />
        <source>Published versions</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/wall.py" />
        <source>none said</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/wall_page.py" />
        <source>Take it into the library, measured and with a picture.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/wall_page.py" />
        <source>Leave it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/wall_page.py" />
        <source>Never ask again about these files.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/wall_page.py" />
        <source>{} ({} frames)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/wall_page.py" />
        <source>Arrived: {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/wall_page.py" />
        <source>Nothing on the wall is called that.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/wall_page.py" />
        <source>This library is empty. Publishing puts this mound into it as an OpenVDB asset.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/library/wall_page.py" />
        <source>The folder {} is not there. Publishing makes it; or choose another at the right.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/histogram.py" />
        <source>Histogram of the cloud</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/histogram.py" />
        <source>How much of the cloud lies at which brightness, in stops from middle grey. What lies right of the second line is nearly white.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/settings.py" />
        <source>By place and time…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/settings.py" />
        <source>The size of natural cloud that has this optical depth, at 0.08 per metre: it sets the extinction.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/settings.py" />
        <source>Open a picture…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/settings.py" />
        <source>An OpenEXR, Radiance HDR, PNG or JPEG picture over longitude and latitude.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/settings.py" />
        <source>True light by whole paths alone</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/settings.py" />
        <source>Without what is gathered from Draft light: exact in every pixel, and many times slower.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/settings.py" />
        <source>Denoise True light</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/settings.py" />
        <source>Take the noise that is left out of it by a guess: sooner to look at, not to be measured.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/settings.py" />
        <source>Needs a package that is not installed: pip install 'softmound[denoise]'.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/settings.py" />
        <source>View transform</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/settings.py" />
        <source>How light becomes what the screen shows: the curve of our own, or those of the OpenColorIO config that the environment names in OCIO, else a built-in one.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/settings.py" />
        <source>view transform</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/light/settings.py" />
        <source>A picture of all directions</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/settings.py" />
        <source>The sun is far below the horizon there and then; nothing was changed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/settings.py" />
        <source>sun by place and time</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/situation_tray.py" />
        <source>Light: {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/situation_tray.py" />
        <source>Sun, sky and exposure of “{}”, turned to the present view.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/snapshots.py" />
        <source>There is no cloud to keep a snapshot of yet: add a blob in Mass.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/snapshots.py" />
        <source>keep a snapshot</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/snapshots.py" />
        <source>Nothing was read in it yet: in Mass click the photograph, and block in its cloud.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/snapshots.py" />
        <source>Likeness {:.2f}, {:.0f} % in common: {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/snapshots.py" />
        <source>mark a photograph</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>True light: the first paths, eased with Draft light as a guide</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>True light: {} paths a pixel, noise {:.1f} %{}{}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>exposure by the picture</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>sea or land below</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>looks as large as</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>add a lamp</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>lamp {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>duplicate a lamp</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>Light group</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>Lamps of one light group have one fader; without a name a lamp has its own.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>remove a lamp</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>keep a view</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>keep a view anew</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>Rename</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>rename</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>remove</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>go back to a snapshot</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>sky picture</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>There is nothing to light yet: add a blob in Mass.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/station.py" />
        <source>light: {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/sun_dialog.py" />
        <location filename="softmound/desk/stations/light/sun_dialog.py" />
        <source>Sun by place and time</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/sun_dialog.py" />
        <source>+z is taken for north and +x for east.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/sun_dialog.py" />
        <source>Latitude</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/sun_dialog.py" />
        <source>North positive.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/sun_dialog.py" />
        <source>Longitude</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/sun_dialog.py" />
        <source>East positive.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/sun_dialog.py" />
        <source>Day</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/sun_dialog.py" />
        <source>Of the year: 172 is the 21st of June.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/sun_dialog.py" />
        <source>Hour</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/sun_dialog.py" />
        <source>Universal time; noon in the middle of a time zone is near 12 minus a fifteenth of the longitude.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/sun_dialog.py" />
        <source>Put it there</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/sun_dialog.py" />
        <source>The sun stands at {:.1f}°, {:.1f}° above the horizon.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/sun_dialog.py" />
        <source>The sun stands at {:.1f}°, {:.1f}° below the horizon.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>No lamps: the sun and the sky light this cloud. A lamp inside it makes lightning.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Add a lamp</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>A ball that shines, in the middle of the cloud to begin with.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>No stand-ins: a person, a house or a model beside the cloud says how large it is.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Add a stand-in</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>A solid thing: it gives scale, casts shadows and receives them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Keep a view to come back to it, here and on the command line.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Keep this view</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Keep where the picture is taken from, under a name.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>A snapshot keeps this picture and its recipe, to compare with later.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Keep a snapshot</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Keep this picture and its recipe (K).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Take pictures…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>A still, a turntable, a sweep of the sun or a contact sheet (Ctrl+T).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Choose it to change it; right click for more.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>{} Mlm</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Switch off</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Switch on</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Mix together as…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Look from here again; right click for more.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>{} mm</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Keep the present view here</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Compare with the present picture; right click for more.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/light/tray.py" />
        <source>Go back to this recipe</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/paint_hand.py" />
        <location filename="softmound/desk/stations/mass/brush_hand.py" />
        <source>There is nothing under the brush: begin the stroke on the cloud.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/brush_hand.py" />
        <source>{} stroke</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/form_hand.py" />
        <source>The form is locked: unlock it in its settings to move it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/form_hand.py" />
        <source>move {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/form_hand.py" />
        <source>turn {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/form_hand.py" />
        <source>resize {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Let it grow</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Smoke and cloud rise from the form; the best frame can be frozen and refined.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>growth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Ready growths…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Open one of six as a mound of its own, and let it rise at once.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>growth {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Air</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Temperature and humidity by height: a sounding.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Even and dry</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Own</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>air {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Gives off where</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Grow</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Let it run, or go on where it was stopped; Escape stops it, the frames stay.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Show the frames that are kept.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Go on from here</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Let it grow with another seed; the growth before is found again by its seed, for a while.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Six side by side…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>Six seeds, coarse and small, to choose the best from.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>air</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>growth seed</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>The next growth goes on from the frame that is seen, by the numbers it has then.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>From frame {} ×</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>The next growth goes on from that frame; press to let it begin at the start again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>growth mask {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/growth_fields.py" />
        <source>remove growth mask</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>Heap</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>A pile of blobs to begin with; each can be moved and changed afterwards.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>Blobs in the heap.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>Spread x</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>How wide the heap is along x.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>Spread y</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>How high the heap is in its middle.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>Spread z</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>How deep the heap is along z.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>How much higher the middle is piled: 0 flat, 1 a dome.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>Smallest radius</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>Radius at the rim of the heap.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>Largest radius</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>Radius in the middle of the heap.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>Another number, another heap.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/heap_dialog.py" />
        <source>Add heap</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Click a form in the picture or in the tray to change it; Shift adds another, a box drawn over the sky picks all in it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Base level</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Flatten the underside</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Top level</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Flatten the top</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Brush: {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Symmetry</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Form's name</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Make it a sheet</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Fill each hole with a fan around its middle.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Give the open surface a thickness.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>role</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>hide form</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>show form</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>lock form</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>unlock form</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Neither moved nor sculpted in the picture.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Earlier</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Roles act in the order of the tray.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Unlink</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Let this copy go its own way.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>how it joins</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>how densities join</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Joins by</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Melt of its own</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>own melt</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Own melt</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Blend radius where this form joins.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Moves…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Let it move as numbered files do, or as a stage with time samples; once more: stand still.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>form {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>make a sheet</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>rename form</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Stand still (moves by {})</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Lumps go into a trail of their own.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Blobs and solids move and change size as a whole; of meshes, volumes and points each part by itself.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source> Only the chosen forms are worked on.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>{}, and {} more chosen</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Remove stroke {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/settings.py" />
        <source>Take this stroke away; later ones stay.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
        <source>Six growths</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
        <source>Six growths side by side</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
        <source>The same numbers under other seeds, coarse and small. Take the best one: it then grows as fine as it is asked to.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
        <source>Growths</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
        <source>Letting them grow…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
        <source>Grow this one</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/siblings_dialog.py" />
        <source>Seed {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/sounding_chart.py" />
        <source>Chart of the sounding</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/sounding_chart.py" />
        <source>Height in kilometres of nature above the base level. Barley: temperature of the air; blue: its dew point, the nearer the damper; dashed: what rises without mixing, as long as it is right of the barley line.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/sounding_chart.py" />
        <source>stops at {:.1f} km</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/sounding_chart.py" />
        <source>inversion</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>A cloud begins with a form. Press Add, or the key B for a blob.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>linked copy</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>mirror copy</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>duplicate</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>unlink</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>One of its numbered files, or a stage</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>Models, points, volumes (*.obj *.ply *.glb *.stl *.csv *.npz *.vdb *.usd *.usda)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>{} moves by {} files{}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>moving form</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>order of forms</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>remove stroke</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>Not done: choose at least one form that adds.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>The forms have changed meanwhile; nothing was done. Make the mesh again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>make mesh</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>{}: not a file that becomes a form; choose one that ends in {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>import {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>add photograph</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>place photograph</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>Block in its cloud…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>Its outline, horizon and sun are read, and a mound is made of them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>Compare with the cloud</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>Outline over outline, by a line, side by side, or their difference.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>Bring the mound near…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>A search for mounds that look more like it, as long as you let it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>block in a photograph</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>That was no outline: draw once round the cloud, and let go where you began.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>Draw the outline of the cloud with the pen or the mouse; Esc lets go.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>Turn the cloud until you see its side, then draw its outline from there; Esc lets go.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>The forms have changed meanwhile; nothing was done. Draw the outline again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>draw the side</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>draw an outline</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>{:.0f} % of the cloud and of the drawn outline are in common.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>Block in the cloud of a photograph first: Add, From a photograph.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>bring it near</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/station.py" />
        <source>add heap</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>Add a form: a blob (B), a solid, a heap, or what a file holds.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>Copy</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>Copy the chosen forms: as they are (Ctrl+D), linked, or mirrored.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>Make mesh</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>Turn the chosen forms into one mesh, joined as they are, at the draft voxel.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>Remove the chosen forms (Delete).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>Forms</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>Blob</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>Heap…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>Draw an outline</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>Reference photograph…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>Linked copy</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>Mirror copy across x = 0</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>Mirror copy across z = 0</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>{}: shown {}. Click to place it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/mass/tray.py" />
        <source>Photograph {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/stand_ins.py" />
        <source>against {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/stand_ins.py" />
        <source>A stand-in from a file</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/stand_ins.py" />
        <source>Models ({})</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/stand_ins.py" />
        <location filename="softmound/desk/stations/stand_ins.py" />
        <source>stand-in {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/stand_ins.py" />
        <source>There is no stand-in; add one in Light.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/stand_ins.py" />
        <source>Stand-ins</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/stand_ins.py" />
        <source>duplicate a stand-in</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/stand_ins.py" />
        <source>remove a stand-in</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/stand_ins.py" />
        <source>{}…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/station.py" />
        <source>sun</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/cost_line.py" />
        <source>Cost line: final voxel</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/cost_line.py" />
        <source>Memory and time a build needs, over the voxel size. Drag the barley marker to set the final voxel, or use the arrow keys. Both are foretold from a trial of a few bricks on this machine and from its past builds.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/delivering.py" />
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <location filename="softmound/desk/stations/voxels/cost_line.py" />
        <location filename="softmound/desk/stations/voxels/cost_line.py" />
        <source>final voxel</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/cost_line.py" />
        <source>Cost line</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/cost_line.py" />
        <source>Nothing to build yet: add a blob in Mass.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/cost_line.py" />
        <source>memory limit {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/cost_line.py" />
        <source> · {} · {} voxels</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>Draft voxel follows the span</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>Draft voxel</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>Voxel size while working: small enough to judge, large enough to follow the hand.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>draft voxel</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>Voxel size of the asset. Half of it takes eight times the voxels.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>Voxels along</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>The same, as voxels along the cloud's longest side.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>Take the smallest voxel whose build fits into memory.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>Build final</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>Build the grid at the final voxel beside your work (F5).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>Draft</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>Look at</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>crumbs</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>Finished in an earlier session and kept: nothing has to be built.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>{} along {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>Finished: {} voxels, {} active, {}. Mean density {}, volume {} m³, {} t of water at {:g} g/m³. Optical depth: {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>Looking at the shape…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>Final: {} active voxels, {} and about {} to build.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>More than the {} allowed: it is not started.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/settings.py" />
        <source>Use {}, the smallest that fits</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/skin_fields.py" />
        <source>Another skin below a height</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/skin_fields.py" />
        <source>Lower skin</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/skin_fields.py" />
        <source>skin {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/skin_fields.py" />
        <source>lower skin {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/skin_fields.py" />
        <source>A skin thinner than the final voxel would alias: it is built {:.3g} m thick.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/station.py" />
        <source>{} the surface</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/station.py" />
        <source>remove step</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/station.py" />
        <source>lower skin</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/surface_steps.py" />
        <source>Nothing is done to the surface between its forms and its skin.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/surface_steps.py" />
        <source>Step {}: {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/surface_steps.py" />
        <source>Remove step {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/stations/voxels/surface_steps.py" />
        <source>Step {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/comparing.py" />
        <source>left</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/comparing.py" />
        <source>right</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/comparing.py" />
        <source>On the {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/comparing.py" />
        <source>What is seen on the {}: a snapshot, a photograph, or the present picture.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/comparing.py" />
        <source>One on the left of a line that can be dragged, the other on its right.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/comparing.py" />
        <source>Both whole clouds side by side, as large as each other; drag the marks on a photograph to the top and the base of its cloud.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/comparing.py" />
        <source>How the two differ, {:g} times as strong, on grey.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/comparing.py" />
        <source>The outline that was read in a photograph over that of the cloud, and their likeness.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/comparing.py" />
        <source>Compare by: {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/comparing.py" />
        <source>Done</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/comparing.py" />
        <source>Back to the present picture alone.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/cut.py" />
        <source>{} at ({}) m</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/view/cut.py" />
        <source>Slice</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/cut.py" />
        <source>Slice: square to {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/cut.py" />
        <source>Cut square to the {} axis.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/cut.py" />
        <source>Slice: place in metres</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/cut.py" />
        <source>Where the cut lies on its axis. Drag in the picture, or type.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/cut.py" />
        <source>at</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/cut.py" />
        <source>Contours</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/cut.py" />
        <source>{} lines of equal density between the ends of the range.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/cut.py" />
        <location filename="softmound/desk/view/cut.py" />
        <source>Point at the cut to read it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/cut.py" />
        <source>{:.0%} of the cut is cloud, {} dense on average and {} at most. Drag the two ends of the range of colours; double-click takes all.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/cut.py" />
        <source>Slice: range of colours</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/cut.py" />
        <source>nothing to count</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/cut.py" />
        <source>density 0 to {} · whole {} voxels</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/cut.py" />
        <source>optical depth 0 to {} · whole along {}, cut along {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/flying.py" />
        <source>It is recorded from frame {} on.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/flying.py" />
        <source>camera path</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/flying.py" />
        <source>Recorded: {} keys of the camera, frames {} to {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/flying.py" />
        <source>Nothing was flown, so nothing is recorded.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/overlays.py" />
        <source>Altitude rail: base and top level</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/overlays.py" />
        <source>Altitude in metres. Drag a handle, or use the arrow keys, to move the base level or the one touched last.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/overlays.py" />
        <source>Sun dome</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/overlays.py" />
        <source>The sky from above: the middle is overhead, the ring is the horizon, the wedge is where the camera looks. Drag the sun, or use the arrow keys.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/photographs.py" />
        <source>Reference photograph</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/photographs.py" />
        <source>Shown: {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/photographs.py" />
        <source>How much of the picture behind it hides.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/photographs.py" />
        <source>In widths of the picture.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/photographs.py" />
        <source>Place across</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/photographs.py" />
        <source>Of its middle: 0 is the left side, 1 the right.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/photographs.py" />
        <source>Place down</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/photographs.py" />
        <source>Of its middle: 0 is the upper side, 1 the lower.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/picture.py" />
        <source>Picture of the cloud</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>A camera path is a mound's; of a flock keep views, and film from one to the next.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>A key needs a frame: give the mound a time line (Ctrl+L), or let it grow.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>There is nothing to play: give the mound a time line (Ctrl+L), or let it grow.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>{:,} frames are more than can be kept to be played; shorten the line to {:,}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>About {} × {} × {} cells of {} in the end, {} frames; {:.0f} s, {:.1f} GB of memory, {:.1f} GB on disk</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>Let it grow, and go to the frame from which it is to go on.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>The next growth goes on from frame {}: change its numbers, then let it grow.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>There is no frame to freeze: let the mound grow first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>freeze</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>Freeze frame {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>There is nothing to film: give the mound a time line (Ctrl+L), or let it grow.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>Film {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>Written: {} frames in {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>Growth as OpenVDB</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>There is no growth to publish: let the mound grow first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>In the library: {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/playing.py" />
        <source>Growth as an asset</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/scale_bar.py" />
        <source>{} km</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/scale_bar.py" />
        <source>{} cm</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/view/time_line.py" />
        <source>Time line</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Drag to another frame; arrow keys go by one.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <location filename="softmound/desk/view/time_line.py" />
        <source>Play</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Play from memory; frames are made first, once (Alt+P).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Film…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>All frames, lit, as a film or as numbered pictures.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/view/time_line.py" />
        <source>Where the line begins.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/view/time_line.py" />
        <source>Where it ends.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/view/time_line.py" />
        <source>Frames a second.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/view/time_line.py" />
        <source>With which forms drift at the base level.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/view/time_line.py" />
        <source>Blows to</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Azimuth to which the wind blows.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/view/time_line.py" />
        <source>So much more wind for each hundred metres of height.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/view/time_line.py" />
        <source>Loop</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/view/time_line.py" />
        <source>What evolves by itself is after the last frame as at the first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Drift</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Let forms go with the wind: its numbers below.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Camera</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Let the camera move: keys of the view, or a flight that is recorded.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Keyed number</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Numbers that have keys; the curve of the chosen one is drawn.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Key</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <location filename="softmound/desk/view/time_line.py" />
        <source>Remove key</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Take away the key at this frame; where there is none, all keys of the number.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Freeze this frame</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Write OpenVDB…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Make an asset</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Take all frames into the library as a sequence, refined twofold.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Back to the mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Make it the form of the mound, refined by detail that rides on its flow.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>All frames, numbered, with velocity in m/s.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Look at the mound itself again; the frames stay (Ctrl+L does so as well).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <location filename="softmound/desk/view/time_line.py" />
        <source>Key the view</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>The camera is at this frame where it is now (Shift+V); between keys it goes on smoothly.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Take away the key of the camera at this frame; where there is none, all of them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <location filename="softmound/desk/view/time_line.py" />
        <source>Record a flight</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Fly from this frame on, in real time; landing makes keys of it (Shift+F).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Look along it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Frames that are gone to, played and filmed are seen from the camera path, else from here.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Land and keep it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Flying, from frame {} on.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>{} keys of the camera, one of them here</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>{} keys of the camera</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>The camera stands still: go to a frame, choose a view, and key it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>remove key</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Write the frames into</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Give {} a key at this frame (Shift+K).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>Change a number first: this gives it a key at this frame (Shift+K).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/view/time_line.py" />
        <source>{}frame {}, {:.2f} s</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/delivering.py" />
        <source>Put {} clouds in the queue</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/delivering.py" />
        <source>Published as {} {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/delivering.py" />
        <source> and others</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/delivering.py" />
        <source>{} still to be published when Soft Mound ended: {}. Nothing was lost.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/delivering.py" />
        <source>Publish now</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/delivering.py" />
        <source>Ask again next time</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/delivering.py" />
        <location filename="softmound/desk/work/delivering.py" />
        <source>There is no cloud to export yet: add a blob in Mass.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/delivering.py" />
        <source>Exported {} to {}, read back and compared.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/delivering.py" />
        <source>Exported {:,} triangles to {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/delivering.py" />
        <source>There is no cloud to take pictures of yet: add a blob in Mass.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/finished.py" />
        <source>Final grid built: {} active voxels.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/jobs.py" />
        <source>{} pieces of work wait already; stop some, or wait for them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/jobs.py" />
        <source>It waits its turn, after the work that is being done.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/jobs.py" />
        <source>Stopped; nothing was changed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/jobs.py" />
        <source>Progress</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/jobs.py" />
        <source>Stop the work in the background (Esc).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/jobs.py" />
        <source>See what waits, do it sooner or later, or not at all.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="softmound/desk/work/jobs.py" />
        <source>{} waiting</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>--frames is for a mound without a time line; choose frames by --range.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>--layers has no --{}: layers are without the sky and as they were traced, and depth is one of them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>--of says of which growth; say from which frame too, by --from N.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>--set {}: say WHAT=VALUE, where WHAT is one of {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>--view says from where --as-seen looks; give both.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>/s</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>0 for worn hills, 1 for crests like knives.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>0 is fresh, 1 long past its birth: what masks by tiredness go by.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>0 reads the noise at the voxel, 1 at the nearest surface point: lumps stand straight out.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>0.2 for humilis, about 1 for congestus</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>1 lights a white sheet facing the sun to white.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>1.35 from 1 to 1000 km (Lovejoy 1982, Science 216)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>1/m</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>2 to 3 m at 100 m across</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>3 W / (2 r) of up to 3 kg of water per square metre in droplets of 12 µm (Stephens 1978, J. Atmos. Sci. 35)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A .png as it is seen here, or an .exr in linear light with opacity.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A .png as it is seen here, or an .exr in linear light, with layers for compositing.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A ball around each point of a file; points with an age end as small ones.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A ball of one metre, or any ellipsoid.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A ball of wool with a wide soft edge.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A ball that shines in all directions, beside the cloud or inside it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A ball, or a ball drawn out along its axes: what most clouds are heaped from.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A base level of its own</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A basket holds {} versions at most; make another one.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A broad loaf with a smaller one on top; the sun at the side.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A bud's radius over its parent's.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A cell around each of many points; turned over, a dome in each: lumps.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A chain of mountains along its own x, by noise; another seed, other peaks.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A cloud of less than a metre in a room, by the light of a lamp.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A crescent: a ring with a part carved out, torn by the wind.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A cube of one metre, or any box.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A curve over all of them</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A cut through the numbers: drag it through the cloud, read what is there.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A deck: low, wide and lumpy.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A draft voxel of {:g} m needs more memory than there is; choose a larger one, or let it follow the span.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A fast estimate of light scattered many times: judge the look.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A field of small tufts, heaped above and torn below.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A field of tufts: soft curls above, torn below.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A first cloud, step by step</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A flat disc with a round rim.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A flying craft of stated span, height and length, which flies along its own z.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A geometric solid of a stated size.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A house of two floors with a gable roof and a chimney.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A layer of cloud to the horizon.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A layer with pouches hanging from it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A leaning tower against the sun, its rim alight.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A lens of lifted air, blanket over blanket.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A lens of lifted air, rippled across the wind.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A level sheet: a floor, a table, or turned up a wall. Its height does not count.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A local correction of density, with a soft edge: thicker here, thinner there.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A model from a file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A person of 1.75 m, standing, who faces along its own z.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A picture is denoised as a whole; leave out either denoising or the light groups.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A picture of {}x{} needs about {:,.1f} GB and {:,.1f} GB are free; the largest of that shape that fits is about {}x{}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A piece of a layer of flat lumps, the sun low.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A piece of a layer of flat lumps.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A puff leaves a mouth and rolls up to a ring.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A range from {:g} to {:g} holds nothing; give the lower value first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A reference photograph</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A ring covered with balls, its edges crumbling.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A room with a window in the wall toward its own -x, and a front, toward its own z, to look in by.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A rule that places members over an area by one seed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A small flat cumulus over the sea, early.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A soft ball of wool.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A start takes a {} from {:g} to {:g}; {:g} is outside.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A sum of octaves: the same pattern again and again, each time finer and weaker.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A thin medium that hugs the ground; the sun casts shadows through it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A thin uneven veil with holes.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A top level of its own</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A tower meets a lid and spreads below it, downwind.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A tower that has met the top of the weather: the anvil.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A tower whose tops have begun to freeze and to smooth.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A tower whose tops have begun to freeze.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A tube bent to a ring that lies flat.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A turret under a smooth cap.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A voxel of {:g} m needs about {:,.1f} GB and {:,.1f} GB are allowed; the smallest voxel that fits is about {:.2g} m.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A voxel of {:g} m needs about {:,.1f} GB and {:,.1f} GB are free; the smallest voxel that fits is about {:.2g} m.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>A {} of {:g} m reaches {:,} bricks at a voxel of {:g} m, more than memory holds; choose a larger voxel, or make it weaker.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>About half as tall as wide.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>About the axis; x first, then y, then z.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>About the vertical.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Above the inversion; 0 is as warm all the way.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Above this altitude nothing rises.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Add a blob</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Add a blob there</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Add a grain</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Add a grain at {:.2g} m</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Add lumps along the stroke</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Adds</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>After so long other patches give off; 0 is always the same.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>After so long the pattern is as it was: a seamless loop.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>After sunset, by the light of the sky alone.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>After the grains</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Against a craft…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Against a house</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Against a person</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Air: computed from the sun</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Albedo</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>All at</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>All at a depth of</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>All forms are hidden.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>All forms, joined in their order.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>All frames, lit: a film (.mp4, or .webp, .gif, .png), or a folder of numbered .png where the name has no ending.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>All of {} at {:.3g} m is finer than half of a final voxel and costs time for nothing.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>All parts of the cloud are crumbs, smaller than {:g} m, and are dropped.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>All round the cloud: a film (.mp4, or .webp, .gif, .png), or a folder of numbered .png where the name has no ending.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>All seeds.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>All where the cloud is old and frayed, nothing where it is fresh.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>All where the surface faces one way, nothing where it faces away.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>All within one form, nothing some metres off it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Along</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Along a path through the kept views, at rest at both ends: a film (.mp4, or .webp, .gif, .png), or a folder of numbered .png where the name has no ending.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Along the axes: pointed ones.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Alt, with a tool</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Altitude</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Altitude at which one skin passes into the other.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Altitude from which on it is new.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Altitude of the sea or land; the eye has to be above it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Altitude up to which the cloud is old.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Altitude where it acts fully.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Altitude where it begins.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>An animal of blobs: body, head, ears and tail.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>An anvil, its fibres drawn out by the wind above.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>An upright cylinder with round ends.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>An upright cylinder: a column, a tank, a chimney.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Anchor</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Anchored to the sky</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Anisotropy</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Another number, another deck.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Another number, another growth.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Another number, another haze.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Another number, another pattern.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Another number, another warp.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Another number, other peaks.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Another seed of the spread</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Another seed places all of them anew, but for what was changed by hand.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Another skin for the underside, into which the upper one passes.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Anvil</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Anvil fibres</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Apart</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Approach, and draw back</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Area</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Arrows</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>As a noise of its own says: here and there.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>As in the mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>As it is</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>As large</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>As the crow flies: round cells.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>As they are: in and out alike.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>As water droplets scatter: a narrow peak, a glory, a fogbow.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Aspect</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>At density 1; natural cumulus has 0.01 to 0.12 per metre.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>At the base level, in nature.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>At {:.3g} times its size the mound's {} would leave its limits; choose a size nearer to the present one.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Author</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Average</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Azimuth of the middle of the picture.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Azimuth of the wind.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Azimuth.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Back to where it began</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Backspace</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Bakers Hare</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ball</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ball radius</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Balls that cover a form evenly.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Base</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Basket</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Baskets</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Begin</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Begin with a shape</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Begun before</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Behind</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Behind the cloud, in place of the sky.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Below</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Below this altitude nothing condenses.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Beside</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Beside something</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Between the lumps, in their radii.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Bits cut off by grains that hang on nothing and are smaller than this are dropped; 0 keeps them all.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Blend radius where forms join: 0 leaves a crease.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Blends values at corners: blunter than gradient noise.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Blue Hour Roll</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Blue hour</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Boil</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Both</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Bound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Box</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Break it up</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Break up what is under the brush</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Bring the mound near a photograph…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Brioche</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Buds</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Buds and coats</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Buds on each parent.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Buds on the form, buds on those buds, and so on.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Buds' seed</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Buds: smaller lumps over its surface</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Bundt</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Burnt Crust</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Burst</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Bursts</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>By a curve</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>By density</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>By depth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>By droplets</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>By facing</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>By form</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>By height</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>By how much the air is warmer above it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>By mean cosine</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>By name</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>By noise</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>By tiredness</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>By two lobes</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Calvus</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Candidates</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Capsule</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Carve along the stroke</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Carves</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Carves the cloud so far around it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Cauliflower</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Cell</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Cellular</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Centre</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Chebyshev</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Chimney Puff</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Choose New mound (Ctrl+N), take a start you like on the wall, and Begin.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Choose all forms</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Choose all forms in the box</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Choose another form as well</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Choose one more</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Choose one more, to compare two</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Cirrus hooks</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Clay</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Clay on the left, Draft light on the right, at once.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Clear for</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Click a cloud to have it, or not.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Click in the picture</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Cloud</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Clouds to begin with, on the wall of starts.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Coat</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Coat's seed</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Coat: evenly covered with balls</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Codes of shots it is meant for.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Cold fog runs over the edge of a plateau and down.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Colder by so much each kilometre: the more, the faster they rise.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Colour</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Colour of a black body: 2,700 a warm lamp, 6,500 daylight, above it bluer.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Colour of its own light.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Colour of the sky at the horizon.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Colour of the sky overhead.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Colour of the sunlight; behind air, outside it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Colours for exposure</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Compare…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Cone</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Congestus</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Contact sheet…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Contrast</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Cools</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Core density</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Cottage Loaf</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Cotton</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Cotton Bun</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Count</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Cover</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Craft</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Crisp</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Crisp above, torn to wisps below and downwind.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Crisp lumps on a level base, at noon.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Crumb</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Crumbs</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Crust</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ctrl + click on a card</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ctrl + wheel on the wall</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Curl</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Curvature flow</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Curve</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Cylinder</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Dab</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Deck</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Deck slab</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Delete for good</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Denoising needs a package that is not installed; add it with: {} -m pip install pyoidn cffi.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Densities</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Density</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Density inside, which the extinction multiplies.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Depth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Detail</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Diameter of the droplets: 5 to 50; larger ones glare more.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Dies away</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Difference</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Direction</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Disc</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Displacement of a form along its normals, before it is joined.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Distance</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Dome</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Domed</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Double click on a card, Enter</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Double click on the plan</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Double-click</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Double-click, or type</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Down</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drag</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drag a form</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drag a hill</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drag a round handle</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drag a stand-in</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drag beside them, wheel</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drag cards onto a basket</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drag in the picture</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drag on the dome</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drag on the plan</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drag over the sky</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drag the arc</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drag the small mark at the left of the picture, or the altitude under Base level in the settings: clouds are flat where droplets begin.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drag the sun on the dome at the upper left, or use the numbers in Light (key 4). Low and beside the cloud shows its lumps.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drag x, y or z</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drawn: three colours</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Draws buds toward the top, or below 0 toward the bottom.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Draws the edge out into wisps.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Drop crumbs below</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Droplets</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Duplicate the chosen forms</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Dusk</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Each octave grows from the surface that the larger ones have made, in its own directions: lumps on lumps.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Each without its sign: round valleys, sharp creases.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Early</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ease</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ease in and out</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ease the surface by a filter.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Eats the edge of the density away.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Edge</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Edge and skin</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Edge softness</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Editing</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ember Crust</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ends early</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>English</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Escape</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Euclidean</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Even</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Even on pushed surfaces</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Evening and night</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Every form</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Every fourth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Every frame</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Every mask</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Every second</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Every stand-in</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Explained</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Export OpenVDB…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Export mesh…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Export…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Exposure</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Exposure by the picture</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Extinction</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Extinction, in Light.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>F1</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>F2</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>F2-F1</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Facing</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Fader of a light group</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Fair weather</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Falloff</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Feature size</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Feature size of the raggedness.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Features so many times as long along the axis.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Fewer below</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Field</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Fill</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Film</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Films are written as {}, not as {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Filter</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Find a number of this station</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Find anything…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Find on the wall</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Find: words, 300-500 m, shot:CODE, tag:WORD, species:WORD, since:DAY, -WORD</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Fine waves across the wind; smoother than any sky's.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Finer detail on the same silhouette.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Finer octaves follow as far as voxels show them: a close view finds lumps on lumps. The final voxel says which of them are exported.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Finished clouds of The Weather Bakery, to take apart.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Firm</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>First</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>First frame</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Fit the cloud</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Flat underneath</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Fleece</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Flicker</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Floccus</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Flock</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Floor</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Flour Drift</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Fly, or land</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Flying: ↑ ↓ go, ← → turn, , . aside, Page up and down rise and sink, Home and End look up and down, Shift is faster, F or Esc lands.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Fog that pours</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Folded</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Folded and turned over: sharp ridges.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>For --scheduler the package softmound[farm] has to be installed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>For USD the package usd-core has to be installed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Form</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Formation</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Forms, base level and top level.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Four sides, three suns</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Fractus</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Frame {} holds no cloud; choose a later one.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Frame {}: {} voxels along a cell would be voxels of {:.3g} m and take {:,.1f} GB; {:.1f} GB are free, and voxels are {} m at the least. Choose fewer.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Frames are published of one mound at a time; leave --seeds, --scheduler and further mounds.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Frames of a mound, and the wind that carries its noise.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Frames to be played</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Fresh above</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>From</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>From +z toward +x; drag the sun dome as well.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>From below</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>From crest to crest.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>From nothing at one altitude to all at another.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>From nothing at the surface to all at a depth inside.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>From overhead to the horizon, with light from the ground below.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>From the middle of a street to that of the next; 0 for none.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>From the shape to the density, in Voxels.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>From the underside up to its tops.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Front open</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Fusion</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Gain</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Gaps narrower than this close to one sheet; 0 leaves them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Gaussian</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Generations</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Give at least two files to combine.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Give it a value</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Gives off</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Gives off for</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Glazed Lid</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Glow</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Glow changes</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Glow colour</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Gradient</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Grains</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Grains and noise</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Grid</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ground</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Group or ungroup the chosen members</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Grow or shrink</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Growth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Growths to begin with.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Half the blob's size along its own axis.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Hand it over</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Handed on with OpenUSD; here every stand-in sends light back evenly to all sides.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Hanging Dough</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Hard</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Hard little lumps, close together, and the sun in front.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Haze</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Heat</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Heavy lumps above a ragged, hanging underside.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Height above the base level, in nature, where clouds are stopped and spread.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Height above the horizon.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Height over which it becomes e times thinner.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Height over which it does.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Height over width</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Henyey and Greenstein's phase function, by one number.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Hide or show the settings</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Hide or show the tray</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Hide {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>High, noon</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Highest</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Hollow: a shell</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>House</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How bright the picture is.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How deep it eats.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How deep it reaches.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How distances are measured.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far apart they are, in their radii.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far around a tired form.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far crests stand above hollows.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far density is moved at the most.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far edges roll up in whirls finer than the cells; seen at once.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far from the level things are pressed together.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far it goes all round the middle.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far it may rise, in spans of the form.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far it reaches along its own axis.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far off the form it still acts.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far one sees over it before it is lost in haze.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far one sees: haze whitens the sky and dims the sun.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far out a bud's middle lies, in its parent's radii.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far places are moved.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far the filter looks: larger lumps melt away.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far the largest features move the surface.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far the level goes up and down.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far the wisps reach.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far they go in and out.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How far, how large and how fine grains push.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How fine the density is made.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How gently the radius begins and ends to change.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How high the window begins, as a share of the height.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How long it grows.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How long the form gives off.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How many finer layers are added, each smaller and weaker.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How many finer layers it has.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How many times its light is mixed into the picture.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How much farther the second is: walls between cells.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How much finer each octave is than the one before.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How much is eaten where the noise is highest.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How much it changes from place to place, by the noise below.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How much it is varied.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How much more tired the side is that the wind blows to.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How much of one light group is mixed into the picture.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How much of the light the second lobe scatters.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How much of the power comes and goes from picture to picture of a sequence.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How much of the push is taken away at the base level.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How much the density varies.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How often it is done.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How round the edges of a box or a cone are.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How soon they thin out.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How steeply they rise.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How strong each octave is beside the one before.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How the octaves are added.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How thick they are.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How unlike one another the buds are.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How unlike one another the lumps are.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How unlike one another they are.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How wide its lumps are.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How wide the cone is at its top, over its foot.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How wide the sun looks: 0.53 in nature. True light softens by it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How wide they are.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>How wide what varies it is.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Humidity</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Humidity above</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Humilis</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>IBM Plex Sans</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Iced Finger</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>In Formation</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>In front of everything, where it does not hide the cloud.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>In it, at its lowest.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>In the library</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>In the way of growth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>In this unit it would be {:,.0f} m long or lie as far away; choose a smaller unit.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Incus</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Inside</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Inversion</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Inverted</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Inward</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Is not seen</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Is the first cloud</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>It</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>It glows from within, as embers do, under the moon.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Its density is added to the mound's.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Its feature size sideways, its strength upward</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Its foot</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Its light is left out.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Its number in the tray of Mass, from 0.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Its share</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Its size along the axis.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Its strength</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Its surface</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Its thickness</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Its values stay what they are.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Jitter</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Joined to what came before.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Joining</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Joins</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>K/km</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Keep</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Keep crumbs</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Keep it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Keep them</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Keep {} octaves</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Keeps</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Keeps cloud away</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Keeps the size</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Kept views, or four sides, side by side; below one another the sun in front, beside and behind.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Kept, but not shown.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Key the number that was changed last</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Kind</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Kinds of picture that are taken of a cloud or a flock.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Lacunarity</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Lamp</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Lamps</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Land</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Language…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Lapse rate</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Lapse rate above</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Larger and rounder lumps, in full boil.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Larger or smaller cards</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Largest</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Largest files</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Last</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Last frame</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Lasts</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Late</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Layers and wisps</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Layers of noise, in Grain.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Least distance between the middles of two.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Leaves only what lies inside it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Left and right of its own x axis are exchanged.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Length</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Lengths in another unit…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Lenticularis</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Lessons</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Let the glow change within the cloud: embers in its depth, light in its base.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Let what is scattered of each colour change within the cloud, for stylised work.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Level</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Levels</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Library</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Licence</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Light</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Light and background of a photograph.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Light from all round, and the picture's background.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Light in all directions, in millions of lumens: a bulb has 0.001, lightning thousands.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Light mesh</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Light of its own: radiance where it is thick.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Light or dark ground</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Light that the ground sends back to the underside; with air, its reflectance.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Lightning inside a tower, at dusk.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Line</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Long Shelf</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Longest side of the cloud as it is seen.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Look</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Look all round</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Look at a Slice</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Look at the chosen version, or at the wall</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Look away from the sun</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Look in Clay</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Look in Draft light</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Look in True light</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Look toward the sun</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Look up from below</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Looking</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Low, behind</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Low, in front</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Lowest</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Lumps</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Lumps below, fibres drawn out by the wind above.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Lumps on lumps, crisp: a cumulus that grows.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Lumps whose edges have begun to crumble.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mamma</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Manhattan</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Many clouds in one sky, in Formation.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mask</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mass</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Matte only: a hole in what is behind</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Matte surface under an even light: judge the shape.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mean</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mean cosine of scattering: 0.85 for cloud droplets.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mean cosine of the second lobe; below 0 it scatters back.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Measures the thickness square to the surface that the grains have left, so that it is as thick on steep lumps as on flat parts.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Median</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mediocris</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Medium</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Medium and phase function</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Melt</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Member</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Members, spreads and layers</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Memory ran out; nothing was changed. Choose a larger voxel.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Meringue Spire</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mesh</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Metres from the edge to the core: thin looks like plaster, thick like cotton wool.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Metres of nature in one of the mound: how large it moves.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Metric</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Middle</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Middle of the base</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Middle x</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Middle z</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Milk Bread</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mirrored along its own x</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mixer</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mlm</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Model</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Moisture</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Moon</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>More octaves and a higher gain roughen it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Morning Bun</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Most</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mottle</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mottle and fine Push make it flatter.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mounds</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mounds (*.mound)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Move a lump</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Move the chosen members</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Move the sun</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Move the surface outward or inward everywhere.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Moves the density by a vector field.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Moves the places at which a noise is read, by three noises of its own.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Moves the surface along its normal.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Multiplies</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Multiply</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Mute</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Natural cloud has 0.01 to 0.12.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Nature</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Never less than this of what was there: no holes open.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>New</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>New mound from a photograph…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>New mound…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Newest first</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Nibble</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Nibble, and the skin.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>No ball is smaller than so many voxels.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>No cloud stands out from the sky in it; paint over the cloud, or draw its outline.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Not done</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Not enough memory for a voxel of {:g} m; choose a larger one.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Note</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Nothing</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Nothing at</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Nothing at the surface.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Nothing between {:.2g} and {:.2g} m: the layers will look like two clouds laid on each other.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Nothing in the grid lies within its surface; choose another threshold or grid.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Nothing is left of the forms; undo what was done last, or make them larger.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Nothing is left of them when they are combined this way; nothing was written.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Nothing of the surface is left within {:,} triangles; allow more.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Nothing: the sky goes on</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Notify</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Now</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Numbers</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Octaves</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Octaves go on</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Octaves of the warp</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Octaves stand on one another</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Odd forms</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Of cloud, as meteorology calls it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Of its middle along the axis; y is the altitude.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Of its underside.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Of the air at the base level.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Of the area.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Of the ball that shines: larger is softer.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Of the box.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Of the camera, for the air below and above it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Of the lamp, where no temperature gives it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Of the lens, on a film back 36 mm wide.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Of the photograph's lens, on a film back 36 mm wide: read from the file where it says so.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Of the sunlight Draft light then shows what is scattered once: hard light, to judge shapes by.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Of what rises; 1 is saturated at the base level, 0 is smoke.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Off</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Offset</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>On the lee</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>On what terms others may use it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>One colour</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>One frame back</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>One frame on</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>One placing of an asset.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>One side only.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>One strong thermal breaks through: crisp, round, rolling over.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Only a wall of the stated thickness, with the skin on both its sides.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Only near the surface</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Only the groups that are solo are seen.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Open…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Optical depth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Order of the flicker.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Origin</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Otherwise before them: the forms are eased and the grains stay crisp.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Our own curve</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Out of the window</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Outline dimension</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Outlines</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Outward</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Outward above 0, inward below.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Oven Door</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Over</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Over how far it begins.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Over how much height it becomes warmer.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Overcast</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Overhead</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Overlap</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Pace</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Pack…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Paint over what is cloud: what looks alike follows.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Paint over what is sky: what looks alike follows.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Painted</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Paper Cap</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Passes</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Patch</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Patches</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Patchy</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Paths of light traced one by one: the truth, coming out of the noise.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Period</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Person</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Photograph</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Pick clouds</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Pick, move, turn and size forms. Drag over the empty sky to pick all in a box.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Pileus</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Place</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Place the asset there</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Plain: one colour</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Plane</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Plate</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Play, or stop</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Points</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Poppy Roll</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Pouches under a layer, lit from below.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Power</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Press</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Press toward the plane where the stroke began</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Pressure</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Pretzel</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Proving Tray</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Publish it (Ctrl+P): OpenVDB grids in several resolutions, with recipe, scale and picture, in your library. Key 5 shows it there.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Puff of smoke</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Pull what is under the brush along with the hand</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Pulse</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Push</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Quit</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Radius</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Radius at age 0, or of all points without an age; times their own radius, if they have one.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Radius at age 1.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Radius of the balls.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Radius when old</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Radius when young</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Raggedness</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Raggedness seed</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Raggedness size</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Rate</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Reach</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Read at the surface</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ready growths</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ready lights: where the sun stands beside the view, and its sky.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ready sets of grains, sized to the cloud, in Grain.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Record a flight, or land</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Rectangle</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Reference</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Relative, above the inversion.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Relative, around the cloud: in dry air edges dry up and sink.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Remove that patch</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Remove that step</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Remove what is chosen in the station</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Resize mound…</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ridge</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ridged</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Right drag</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Rim</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ring</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Rings that pass through one another, in full boil.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Ripple</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Rise</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Rise below</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Role</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Rolled Dough</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Room</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Room above</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Rotation</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Roughen</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Roughens the sea: the sun's glitter spreads, the mirrored sky blurs.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Roughness</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Roughness seed</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Roughness: broken up along its normals</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Round and fluffy, with a wide soft edge; smoother than any sky's.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Round and plain, as a child draws it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Round domes with creases between them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Round, or drawn out.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Row of the cloud's base in heights of the photograph from above.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Row of the horizon in heights of the photograph from above; without one the eye is a little below the base.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Rye Tower</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Save</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Save it (Ctrl+S). It is copied at every step as well: nothing you do here is lost.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Say how wide a voxel is to be: --voxel M.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Say in which folder files arrive: library watch DIR --from FOLDER.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Say of which asset: library {} DIR NAME.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Say what is put into it: basket add DIR {} ASSET.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Say what is to be placed: --asset NAME, again for more.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Say what is to be said: --tags, --shots, --note, --species, --author or --licence.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Say what it is called from now on: basket rename DIR {} NEW.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Say where it goes: basket {} DIR {} --out FILE.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Say where to: --out FILE, ending in {}, or a folder for numbered pictures.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Say where to: --out FILE, ending in {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Say which asset, and what it is called from now on: library rename DIR NAME NEW.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Say which basket: basket {} DIR NAME.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Say which files are to be dropped: --tiers 1,2.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Say which version is replaced, and by which: --version 1 --by 3.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Scale</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Scattered by air and haze, bluer overhead, redder where the sun is low.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Scattering</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Scoop</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sea</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sea or land below the cloud: it has the cloud's shadow and lights its underside.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Second lobe</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Seconds of weather in one of the film.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Seed</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Seed of the warp</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Seeds</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Seen</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sets</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Shadow only</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Shape</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Share of light scattered rather than absorbed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Share of the balls left out on undersides.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Share of the buds left out on undersides.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Share of the form that gives off nothing.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Share of the front wall's width that is left open, to look in by.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Share of the side wall's length that its window takes; 0 for none.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Share of the sky it covers; the rest is holes.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Share of the smoke that is lost in a second of weather.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Share of the warmth that is lost in a second of weather.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Share of the way to the edge over which they become fewer.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Share of their widths by which two may stand in one another.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sharp</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Shear</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sheet thickness</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Shelf cloud</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Shift + Space, held</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Shift + click</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Shift + click on the plan</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Shift + right drag</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Shots, with commas</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Show all forms</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Show it otherwise</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Show the log</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Show the stand-in otherwise: seen, matte only, shadow only, hidden</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Shown</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Shrink</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Side, morning</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sideways</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sill</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Simplex</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Situations</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Size</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Size it along that axis</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Size jitter</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Size of its features.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Size of lighter and darker fields.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Size of the bumps.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Size of the largest features.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Size of the solid along its own axis.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Size of the warp</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Size the form evenly</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Size variation</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sizes are between the smallest and this, times their own.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sizes are between this and the largest, times their own.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Skin</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Skin of the underside</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sky</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Slab</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Slide</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Slide the plan, approach</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Slides the pattern through the cloud.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Small hard lumps, close together, like baked crust.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Small steps follow the field round its bends.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Smaller balls over a form's surface, and over theirs: the cauliflower.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Smallest</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Smoke</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Smoke and cloud that rise from the form, solved with the air around them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Smoke over a house.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Smoke that has just left a chimney.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Smoke that is given off as such.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Smooth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Smooth F1</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Smooth hills and valleys: alone it looks like rock.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Smooth what is under the brush</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Snapshots</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>So long it has been going on already at the first frame.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>So many at the most; fewer where no more find room.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>So many times as long along the wind.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>So much more wind for each kilometre of height.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Soft</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Soft curls, for flocks of small clouds; smoother than any sky's.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Soft edge</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Soft folds, as of whipped cream; smoother than any sky's.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Soft over</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Softness</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Solid</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Solid things beside the cloud, in Light and Formation.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sounding</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Space, held</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Spacing</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Species</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Spectrum slope</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Speed</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Spread</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Stairs of air before a storm.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Stairs of air that a storm lifts before it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Stand-in</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>StandIn</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Starts</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Stay</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Stays beside</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Stays in the sky, or goes with the first form.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Steam</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Steam from a chimney is drawn away by a breeze, and gone after a while.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Steps</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Still</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Stir</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Stop the work, or let go</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Storm base</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Stratocumulus</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Streak</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Streets</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Strength</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Strength of the warp</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Stretch</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Stretched</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Strokes</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sugar Threads</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sum</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sun sweep</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sun's azimuth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sun's elevation</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sun, haze, exposure and extinction.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sun, sky, lamps, medium and lens, in Light.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Sunlight scattered once only</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Surface</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Swell</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Swells</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Tags, with commas</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Take</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Take the newest</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Taken away from what came before.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Taller than wide: turret upon turret, growing.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Taper</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Temperature</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Temperature and humidity of the air by height, in which a growth rises.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The altitude above which nothing rises.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The altitude below which nothing condenses: clouds are flat there.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The bare picture</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The base level at {:g} m lies above all that there is, so nothing is left.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The basket {!r} is empty; put versions into it first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The bright parts of the cloud lie just below white, whatever the light; the number below is then how much brighter than that.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The cloud before its grains</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The cloud is not seen in that picture, or the outline lies outside it; turn it back, and draw again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The coat of {} would have about {:,.0f} balls, more than {:,}; make them larger or set them farther apart.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The density at which the surface lies.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The density from the edge inward: how hard the cloud looks.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The form</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The grain {} “{}” eats all of the cloud away.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The grid of an OpenVDB file, as a shape or with its density.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The grid {!r} is turned or has voxels of unequal sides; resample it to equal voxels along the axes first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The growth has come to take {:.1f} GB, more than there is; frames up to here are kept. Choose larger cells, or less room.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The hand in the picture does not move it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The heavy base of a storm at dusk.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The larger of the two densities.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The layer holdout needs a stand-in that is matte only; add one, or leave the layer out.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The layer shadow needs sea or land below: choose one in Light, or give --below sea.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The layer stand_ins needs a stand-in that is seen; add one, or leave the layer out.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The layer {} needs True light; add --true, or leave it out.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The lens, and the frame.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The longest of the three: boxes.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The mask “{}” lets the grain {} eat all of the cloud.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The mass</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The mean of the two densities.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The mesh could not be converted: {}; choose a larger voxel.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The model of a brioche, baked to a cloud.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The mound gets a base level where the cloud's underside is.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The mound's density times its own: nothing is left where it is empty.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The nearest ones, blended: no creases.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The nearest point.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The outline is too small to make a cloud of; draw it larger.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The outline is too thin to be filled with lumps; take a larger cloud, or draw it thicker.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The parts of this cloud lie too far apart for this voxel size; move them closer or choose a larger voxel.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The patch “{}” thins all of the cloud away.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The pattern changes with it, smoothly.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The pattern stays where it is: moving the form changes it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The picture could not be made; the mound is as it was.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The points are too many for their radius at this voxel; make the radius smaller or thin them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The points lie too far apart for this voxel; choose a larger one, or remove what strays.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The ring on the surface.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The same all round.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The same on triangles: no axis shows in it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The second nearest.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The silhouette moves by no more than this.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The skin's thickness, and Nibble.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The step “{}” on the surface takes all of it away.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The sun</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The sun from where it stands down to the horizon, as a film or a folder of pictures.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The top level at {:g} m lies below all that there is, so that nothing is left.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The view transform {!r} of this OpenColorIO config does not work ({}); choose another in Light.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The work</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>The work could not be done ({}); nothing was changed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Their files have several {}: {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>There is a stand-in {!r} already; give another name.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>There is no cloud to be seen, and layers are of clouds; take the picture without them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>There is no cloud to publish; add a blob above the base level first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>There is no example {!r}; choose one of {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>There is no form yet that adds something.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>There is no kind of stand-in {!r}; there are {}, or give a model file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>There is no layer {!r}; there are {}, or all.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>There is no light group {!r}; there are {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>There is no ready growth {!r}; choose one of {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>There is no start {!r}; choose one of {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>There is no surface at this density; choose another.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>There is no surface at this voxel; add a form or choose a smaller voxel.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>There is no view transform {!r} in this OpenColorIO config; choose another in Light.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>There is no view transform {!r}; there are: {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>There is no view {!r}; give azimuth,elevation in degrees, the elevation from -89 to 89, or a kept view ({}).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Thickest first</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Thickness of a surface that is not closed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Thinning</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Thins</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Thins over</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Three noises</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Thunder Tin</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Time</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Time and growth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Times its own size along its own axis.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Times its own size.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Times its own.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Times that it gives off meanwhile; 0 is all the time.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Tint</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Tint changes</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Tired below</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>To</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Tool</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Torn</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Torn Croissant</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Torn and thin, at dawn.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Torn pieces without a common base.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Toward</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Towers</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Toy</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Toy Loaf</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Trail</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Tray on a Shelf</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Triangles from a model's file, or of other forms made one.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Tufts of ice whose crystals fall and stay behind.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turn</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turn about the axis; x first, then y, then z.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turn around the cloud</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turn it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turn that grain off</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turn that mask over</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turn the base level off</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turn the sun</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turn the tool round</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turn the top level off</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turned</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turned over</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turns the noise over: cells become domes.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turns the stretched pattern.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turntable</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turret</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turret upon turret in full boil, seen from near its foot.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Turrets rise one after the other from warm ground: a congestus.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Twelve sides</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Twice the light for each stop.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Two of them: forward, and some light back.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Type on the wall</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Undersides stand between the lowest altitude and this.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Undersides stand between this altitude and the highest.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Uneven</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Untitled</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Up</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Upright, narrowing to a point or to a smaller top.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Upward</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Value</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Values</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Varies the density inside.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Veil</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Veiled</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Versions</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>View</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Views</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Visibility</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Volume</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Voxels</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Voxels, steps and skin</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Walls</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Warmer than the air by so much: warmth rises, cold pours down.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Warp</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Warped by</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Wavelength</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Waves</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Weaker below</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What a cloud is blocked in from, in Mass.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What all forms have.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What all masks have; with several of them their shares are multiplied.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What all stand-ins have.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What does not move has no motion: the layer motion needs a mound with a time line, and --frame.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What grows flows round it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What is this?</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What it multiplies by, adds or sets; in parts of the core.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What it sends back of each colour of light.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What it sends back of light from all round; what water mirrors comes on top.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What it takes in one place it gives in another: the cloud stays as large as its forms.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What its light is multiplied by.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What moves, in every station, and what rises, in Mass.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What of each colour is scattered; the rest is absorbed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What of the distances to the points counts.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What strokes of Dab add, or of Scoop take away.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What surrounds the cloud and lights it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What the cloud is made of: how much light it takes from a ray, and where it sends it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What the manual says of this</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What the pattern is made of.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What there is to say of it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>What was read in a photograph, and how large its cloud is to be.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Wheel, + and -</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Where</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Where a grain, a patch or a growth acts.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Where forms are, how large, and their buds.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Where it begins.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Where it was painted in the picture.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Where its middle is.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Where streets run: azimuth.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Where the form's middle is; y is the altitude.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Where the middle of its underside stands; y is the altitude.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Where the sun stands, and its light.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Where the underside stands.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Where the wind blows to, from +z toward +x.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Where they go, from +z toward +x.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Where: masks</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Whipped</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Who made it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Wider than tall, hardly grown: fair weather.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Widest first</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Width over height of the frame drawn in the picture; 0 for none.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Wind</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Wind along</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Wind toward</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Window</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>With edges that can be rounded.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>With which it comes out, in nature.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Wool</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Words it is to be found by.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>Work in the background</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a copy could not be recovered: %s</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a deck: low, wide and lumpy</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a fault inside ({}); nothing was written. Run it again with --verbose to see where, and report it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a field of small tufts, heaped above and torn below</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a layer with pouches hanging from it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a lens of lifted air, blanket over blanket</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a light mesh of its surface, in metres</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a picture of four sides in three suns</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a picture of twelve sides</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a piece of a layer of flat lumps</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a radius</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a soft ball of wool</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a tower that has met the top of the weather: the anvil</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a tower whose tops have begun to freeze and to smooth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a triangle refers to vertex {} of {}; export the file again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>a turret under a smooth cap</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>about half as tall as wide</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>action</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>active voxels</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>adopted from</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>after</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>albedo</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>all its triangles are without area; choose another file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>along</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>altitude</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>an age</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>anchor</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>anisotropy</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>as stated</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>aspect</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>at surface</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>azimuth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>balanced</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>before</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>below</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>blend</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>brighter</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>buds</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>bursts</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>by</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>called before</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>card pictures</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>cell</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>centre</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>clears</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>close</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>cloud</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>coat</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>colour</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>contrast</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>cools</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>core</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>count</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>crisp</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>curve</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>dabs</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>darker</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>density</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>depth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>detail</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>diameter</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>direction</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>distance</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>draft</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>draws the edge out into wisps</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>ease</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>eats the edge of the density away</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>edge</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>elevation</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>emits</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>even</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>exposure</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>extinction</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>fBm</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>fades</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>far</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>feature</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>fewer below</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>field</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>fill</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>filter</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>final</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>finer detail on the same silhouette</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>first</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>flat</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>flicker</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>floor</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>focal</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>form</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>from nothing to all</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>front</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>fuller</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>gain</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>generations</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>gives</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>glow</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>glow by</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>glow strength</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>go on</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>goes on</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>grid</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>ground</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>group</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>growth, </source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>hPa</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>has no columns x, y and z; name them in its first line.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>heat</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>hidden</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>high</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>holds no channels; export it again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>holds no grid {!r}; it has {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>holds no grid; it is empty or damaged.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>holds no points with x, y and z; choose another file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>holds no triangles</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>holds no triangles; choose a file with a surface, or import it as points.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>holds {:,} points, more than {:,}; thin them first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>holds {:,} triangles, more than {:,}; reduce them first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>humidity</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>humidity above</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>invert</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>inverted</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>inward</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>is damaged, or no Radiance HDR file; export it again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>is damaged; export it again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>is larger than {:,} pixels; make it smaller first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>is no GLB file; export it again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>is no glTF file; export it again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>is no picture; choose a PNG, JPEG, TIFF or EXR file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>is no table of numbers ({}); check that line.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>is {} by {} pixels; a picture of all directions is twice as wide as high.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>its coordinates reach {:.3g}; scale it to something real first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>its tiles fill most of a box of {} voxels; write it with larger voxels.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>its tiles fill {:,} voxels, more than the {:,} that can be taken in; write it with larger voxels.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>its voxels are strewn over a box of {}; cut it into parts that lie closer together.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>its {} are not one finite number for each point; export the file again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>jitter</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>joins</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>kelvin</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>kept</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>kind</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>km</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>lacunarity</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>lamps</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>lapse</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>lapse above</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>larger</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>last</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>lead</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>least</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>lee</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>less fine light and shade</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>level</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>level set</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>library folders</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>light group</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>link</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>locked</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>loop</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>low</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>lower by {:.0f} %</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>m/s</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>making a mesh</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>making the mesh</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>many clouds in one sky</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>matte only</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>measuring the cloud</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>medium</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>melt</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>memory ran out; choose a larger voxel or a smaller picture.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>metered</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>metres</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>metric</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>middle</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>mirror</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>mix</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>mm</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>moisture</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>more fine light and shade</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>mottle</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>moves the density by a vector field</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>moves the surface along its normal</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>muted</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>name</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>names {} columns but holds {}; check its first line.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>nan</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>near -5/3 for liquid water</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>nibble</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>noise</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>not measured</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>obstacle</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>octaves</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>offset</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>on</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>once</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>optical depth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>out of date</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>outline</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>outline’s dimension</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>pace</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>passes</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>patch</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>patches</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>patchy</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>period</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>phase</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>picture</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>place</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>power</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>pressure</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>problems</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>published clouds, with their recipes</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>pulse</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>push</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>radii</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>radius</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>ragged size</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>raggedness</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>rate</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>reach</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>read ahead</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>reading the sky</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>refers to {!r} outside its folder; it is not opened.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>room</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>rotation</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>rough</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>rougher</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>roughness</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>round and plain, as a child draws it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>scale</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>second</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>seconds</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>seed</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>sequence</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>shadow only</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>shape</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>share</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>sharp</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>shear</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>sheet</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>shell</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>shown</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>shrink</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>sill</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>size</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>sky</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>slimmer</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>smoke</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>smoke that has just left a chimney</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>smoother</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>soft</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>softness</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>solo</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>some of its radii are below 0; export the file again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>sounding</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>spacing</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>span</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>speed</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>stairs of air that a storm lifts before it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>standing</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>step</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>step's place</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>steps</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>stir</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>stops</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>streak</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>strength</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>stretch</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>strokes</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>summed</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>sun turned by {:.0f}° anticlockwise</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>sun turned by {:.0f}° clockwise</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>sun {:.0f}° higher</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>sun {:.0f}° lower</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>sun, sky and what the cloud is made of</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>surface</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>taking the picture</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>taller by {:.0f} %</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>taller than wide: turret upon turret, growing</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>taper</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>target</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>temperature</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>the </source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>the field {} is missing; add it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>the field {} is not known to this version; remove it or update Soft Mound</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>the grid {!r} holds numbers of type {}, which the OpenVDB library of this system cannot read; write it as float first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>the grid {!r} holds values that are not finite numbers, {:,} within {} voxels from {}; clean it where it was made.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>the grid {!r} holds vectors ({}); choose a grid of single numbers.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>the growth</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>the name of the asset</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>the new name</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>the plate</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>the shape as density</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>the shape, blocked in from forms</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>the spread</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>thickness</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>thins</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>threshold</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>time</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>times</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>tint</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>tint by</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>tired</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>tone</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>top</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>torn pieces without a common base</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>toward</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>transform</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>tufts of ice whose crystals fall and stay behind</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>turn</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>uneven</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>upward</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>value</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>variation</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>varies the density inside</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>visibility</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>voxels</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>wall</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>warp</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>watch folder</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>weaker below</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>what is said of it</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>where</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>wider than tall, hardly grown: fair weather</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>width</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>wind</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>window</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>zenith</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{!r} cannot go with a version; there are {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{!r} is no name for a basket; it needs a letter or a figure, and no slash.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{!r} is no name for the grid; give letters and numbers.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{!r} is no {}; choose one of {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{:,} of its {:,} positions are not finite numbers; export the file again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{} ({} in all)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{} ({} of {} could not be published)</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{} holds too many entries; keep at most {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{} is another asset than {}; replace a version by one of its own.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{} is not a finite number; give it a real value</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{} is {}: {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{} is {}; name it without slashes, control characters, and dots alone</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{} is {}; set it to at least {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{} is {}; set it to at most {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{} octave of {} at {:.3g} m is finer than half of a final voxel and costs time for nothing.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{} octaves of {} at {:.3g} m are finer than half of a final voxel and cost time for nothing.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{} views are more than the {} frames; choose fewer views or more frames.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{} v{:03d} has no files that others have: {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{} v{:03d} is in it; v{:03d} is newer.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{} v{:03d} is not in the library any more; take it out of the basket {!r} first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: --{} is for OpenEXR; a PNG does not hold it. Let the name end in .exr.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: --{} writes {}; give it such an ending.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: OpenColorIO cannot read this config ({}); correct OCIO in the environment.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: a film needs two kept views at least, to go from one to the next.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: a model keeps its proportions; give one number, its longest side.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: active voxels did not survive writing; the file is not kept.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: along {} it reaches from {:g} to {:g}; cut it there, not at {:g}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: at a voxel of {:g} m it takes {:.1f} GB, more than there is; choose a larger voxel, or a region.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: at frame {:g} {} cannot be {:g}; change its keys.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: baskets cannot be kept there ({}); choose another library.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot be a file's name here ({}); choose a shorter one.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot be brought back ({}).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot be changed ({}); look who may write there.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot be looked into ({}); check the folder.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot be made ({}).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot be made finer in parts, since it has steps, grains that move density about, or volumes that join by density; export it at a smaller voxel.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot be put aside ({}); free the folder.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot be read ({}).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot be read ({}); check the file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot be read ({}); check the name.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot be read as USD; check the file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot be read as a picture ({}); check the file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot be read; publish the mound again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot be renamed ({}); what is left can be renamed again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot be watched ({}); choose another folder.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cannot build its tier of 1/{} again; it says too little of it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: carries no picture; save it from the window once.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: carries no recipe; only pictures that Soft Mound took of a mound do.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: cells of {:g} m would be {:,} along one side, more than {:,}; choose larger ones.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: could not be published to ({}); choose another folder or free some space.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: could not be read ({}).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: could not be written ({}); choose another place or free some space.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: damaged or no set of grains; restore it from a copy.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: damaged or not a .mound file; restore it from a copy.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: damaged or not readable; restore it from a copy.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: exists already; choose another name, or add --force to replace it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: frame {} is missing ({} in all), and without it a film would run too fast there; let it grow again, or choose frames before or after by --range.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: give it the ending .flock.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: give it the ending {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: give one run of # where the number of the frame stands, as storm.####.vdb.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: gives nothing off, and its form is no cloud to begin with; choose one of both.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: gives off nothing that could be seen: no smoke, and nothing condenses without moisture and a sounding; give it one of both.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: grew at {:g} frames a second; go on at the same rate.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: growing on {:.1f} million cells takes {:.1f} GB, more than there is; choose larger cells.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has a basket {!r} already.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has keys of {}, which is not there; remove them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no basket {!r}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no basket {!r}; there are: {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no form that could give anything off; add one first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no frame in that range; choose another.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no frame {}; {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no grain, so every frame would be the same; add one, or publish it without frames.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no growth; choose Grow in Mass, or say how long it lasts.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no members to be merged; place some, or let a spread do it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no members to be seen; place some, or let a spread do it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no members to be seen; there is nothing to merge.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no mesh, point set, volume or model called {!r}; there are {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no number in its name; choose one of the numbered files.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no plate yet; say --photograph FILE.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no recipe; a file of it that is dropped could not come back.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no spread {!r} that could be placed again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no stand-in {!r}; there are {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no surface; add a form above its base level first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no tier of 1/{}; there are {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no time line and stands still; give it one, say --growth DIR, or let the camera move by --along VIEW VIEW.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no view {!r}; there are {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has no {!r}; there are {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has none called {!r}; there are {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has nothing that could be seen; open it and add a form.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: has voxels of {:g} m where those of {} are {:g}; frames of one cloud have one voxel. Write them alike, or adopt them apart.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds a growth already; say --go-on, --force, or another folder.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds another growth, or a damaged one, so this one cannot go on there; choose another folder, or let it be replaced.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds files already; choose another folder, or add --force to write among them.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds more than {:,} triangles; reduce them first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds no asset.json; name the folder of a version.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds no cloud above its base level; add a form first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds no cloud; there is nothing to take a picture of.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds no growth; let one grow there first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds no mesh at time {}; check the file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds no mesh; there is nothing that could stand in.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds no mound.json; this is not a Soft Mound file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds no outline; give a picture that is white where the cloud is and black elsewhere.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds no set of grains; choose a file that ends in {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds no volume with an OpenVDB file, and no mesh; there is nothing to place.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds nothing published as {!r}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds no{} {!r}, which {!r} shows; publish it, or choose another library.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: holds {} grains; a set has 1 to {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is a flock of format {!r}, unknown to this version; open it with a newer one.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is a folder; choose another name.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is a folder; give the name of a file in it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is a link, where a file of its own has to lie; it is not followed.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is a pipe or a device and no file; choose a file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is a sequence; files of its frames cannot be dropped.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is damaged ({}); let it grow again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is damaged; let it grow again from the frame before.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is empty; export it again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is larger than {:,} bytes, which such a file never is; restore it from a copy.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is missing; publish the mound again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is no OpenUSD stage that can be read; check the file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is no basket; restore it from a copy.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is no flock; choose another file.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is no list of members; each needs a matrix, a place, and a file or an asset.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is no translation of Qt Linguist that can be read ({}).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is no valid JSON{}; restore it from a copy.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is not the file that was published; look after the library first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is not the file that was published; publish the mound again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is not what was published, so nothing is done by what it says; publish the mound again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is one frame; give a run of # for the number, as storm.####.vdb.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is there already; choose another name.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is there already; say --force to replace it, or choose another name.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is there already; say --force, or choose another folder.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is {:,} by {:,} pixels, more than a picture of ours can be; choose another.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: is {} by {} pixels, and its photograph {} by {}; give an outline of the same shape.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its arrays are damaged; restore the file from a copy.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its basket {!r} cannot be deleted ({}).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its clouds need {:.3g} GB of memory, and {:.3g} GB are there; show fewer assets, or publish them with coarser tiers.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its folder does not exist; make it first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its frames go from {} to {}, more than {:,}; choose some by --frames.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its frames would take {:.0f} GB; choose larger cells, keep fewer frames, or let it grow for a shorter time.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its grid is empty; there is nothing to place.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its grid {!r} is empty; publish the mound again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its grid {!r} is empty; there is nothing to adopt.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its grid {} was not stored as it was; write it again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its growth has {:g} m cells in another box; go on with the same cells, room and wind, or begin anew.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its polygons refer to points that are not there; export it again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its recipe gives other values today than those published; publish a new version, and see with library rebuild by how much they differ.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its surface is closed, so --thickness would make it hollow; leave it out, or open the model.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its tier of 1/{} was dropped to save room; softmound library bring builds it again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: its tier of 1/{} was not dropped.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: layers are for OpenEXR; a PNG does not hold them. Let the name end in .exr.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: lists no members.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: member {} cannot be read ({}); it needs a matrix, a place, and a file or an asset.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: meshes are written as .obj, .ply, .stl, .glb or .off; choose one of these.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: mound.json is not valid JSON{}; restore it from a copy.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: mound.json must hold one JSON object; this is no recipe.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: no frame holds any cloud yet; let it grow for longer.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: no frame is kept yet; let it grow first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: no scheduler answers there; look at its address.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: no state is kept up to frame {}; go on from a later one, or let it grow again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: not a file of {}; choose one that ends in {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: not all of it could be deleted; look who may write there.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: not an OpenVDB file; choose a .vdb.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: not read within {:g} s; it is damaged or too large.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: not read within {} s of work; it is damaged or too large.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: nothing lies on either side of {:g}; its distances reach {:g} either way.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: nothing lies on either side of {:g}; its largest is {:g}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: nothing of it gives anything off; add a form, or choose fewer masks and patches.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: nothing of it is left as a cloud; choose a larger --span.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: nothing of it lies above the base level of {:g} m; choose a lower --level.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: nothing of it lies there; choose another region.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: nothing retired is called {!r} and numbered {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: nothing retired is called {!r}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: one file has to stay; keep the smallest tier.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: only a mound has a time line; leave out --frame.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: pictures are written as .png or .exr; give it one of these endings.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: placement or class did not survive writing; the file is not kept.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: somebody else holds the index of the library; try again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: stands {:.3g} m away from where asset.json says; a unit, an axis or an origin is wrong.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: that worker has version {}, here it is {}; results could differ.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: the copy of the work cannot be kept ({}); save it elsewhere, or free some space.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: the entry {!r} does not belong in a mound; it is not opened.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: the entry {!r} points outside the file; it is not opened.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: the frames before cannot be kept there ({}); make room, or choose another folder.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: the grid {!r} holds no voxels; there is nothing to cut.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: the grid {!r} is no density, its background is {:g}; choose another with --grid.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: the grid {!r} is no density; choose another with --grid.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: the index of the library cannot be kept ({}).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: the index of the library cannot be made ({}); delete it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: the name {!r} points outside of it; it is not touched.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: the recipe in it is damaged; open the mound itself.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: the recipe states no format version; save it again from Soft Mound.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: the scheduler has no workers; start some first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: the surface did not survive writing; the file is not kept.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: the triangles of its models are damaged ({}); restore it from a copy.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: there is no file of that pattern within these frames.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: there is no file of that pattern.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: there is no stand-in to be written; add one, or show one that is hidden.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: there is no such file ({}); a moving form has lost it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: there is no such file ({}); the flock's asset is gone.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: there is no such file; check the name.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: there is no such file; the flock's plate is gone. Choose another, or remove it.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: there is no such folder; check the name.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: there is no surface at this voxel; choose a smaller one.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: there is nothing in this frame.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: there is {} of {!r} already; choose another name.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: values did not survive writing; the file is not kept.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: was adopted from {}; it has no recipe.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: was changed by somebody else meanwhile; look at it again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: was published before it was kept what its values are; publish it again first.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: was published before shapes were measured; publish it again.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: would be written over {}, which is read or written as well; choose another name.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: would be {:.3g} m long; state its size from {:g} to {:,.0f} m, or another unit of its numbers.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: would unpack to {:,.1f} GiB, more than the {:.1f} GiB allowed; it is not opened.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: written in format {}, but this Soft Mound reads up to {}; open it with a newer version.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: {}</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: {} ({} more problems).</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: {} An open surface encloses nothing: add --close-holes, or --thickness M to treat it as a sheet.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: {} has no version {}; there are {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: {} unpacks to more than it states; it is not opened.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: {} would unpack to {:,.0f} MiB, more than the {:.0f} MiB allowed; it is not opened.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: {}.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}: {}; choose another place or free some space.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}; choose another place or free some space.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>{}{} is not in the library any more.</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>°C</source>
        <translation type="unfinished" />
    </message>
    <message>
        <location filename="tables.py" />
        <source>µm</source>
        <translation type="unfinished" />
    </message>
    <message numerus="yes">
        <location filename="tables.py" />
        <source>Blocked in: {} forms, {:.0f} % of both outlines in common. Looking for the sun…</source>
        <translation type="unfinished">
            <numerusform />
        </translation>
    </message>
    <message numerus="yes">
        <location filename="tables.py" />
        <source>Linked with {} others: editing one edits all.</source>
        <translation type="unfinished">
            <numerusform />
        </translation>
    </message>
    <message numerus="yes">
        <location filename="tables.py" />
        <source>close {} holes</source>
        <translation type="unfinished">
            <numerusform />
        </translation>
    </message>
    <message numerus="yes">
        <location filename="tables.py" />
        <source>forms</source>
        <translation type="unfinished">
            <numerusform />
        </translation>
    </message>
    <message numerus="yes">
        <location filename="tables.py" />
        <source>remove forms</source>
        <translation type="unfinished">
            <numerusform />
        </translation>
    </message>
    <message numerus="yes">
        <location filename="tables.py" />
        <source>{:,} members</source>
        <translation type="unfinished">
            <numerusform />
        </translation>
    </message>
    <message numerus="yes">
        <location filename="tables.py" />
        <source>{:,} versions</source>
        <translation type="unfinished">
            <numerusform />
        </translation>
    </message>
    <message numerus="yes">
        <location filename="tables.py" />
        <source>{} clouds</source>
        <translation type="unfinished">
            <numerusform />
        </translation>
    </message>
    <message numerus="yes">
        <location filename="tables.py" />
        <source>{} clouds were</source>
        <translation type="unfinished">
            <numerusform />
        </translation>
    </message>
    <message numerus="yes">
        <location filename="tables.py" />
        <source>{} files become an asset each, named after them.</source>
        <translation type="unfinished">
            <numerusform />
        </translation>
    </message>
    <message numerus="yes">
        <location filename="tables.py" />
        <source>{} holds {} versions now.</source>
        <translation type="unfinished">
            <numerusform />
        </translation>
    </message>
    <message numerus="yes">
        <location filename="tables.py" />
        <source>{} {}, on {} forms</source>
        <translation type="unfinished">
            <numerusform />
        </translation>
    </message>
    <message numerus="yes">
        <location filename="tables.py" />
        <source>{}, {} versions</source>
        <translation type="unfinished">
            <numerusform />
        </translation>
    </message>
</context></TS>
