"""Keys and gestures, as the help lists them."""

KEYS = """<table cellpadding='3'>
<tr><td><b>Right drag</b></td><td>turn</td><td width='30'></td><td><b>1 to 5</b></td><td>stations</td></tr>
<tr><td><b>Shift + right drag</b></td><td>slide</td><td></td><td><b>B</b></td><td>add a blob</td></tr>
<tr><td><b>Wheel, + and -</b></td><td>approach</td><td></td><td><b>G</b></td><td>add a grain</td></tr>
<tr><td><b>Ctrl+0</b></td><td>fit the cloud</td><td></td><td><b>C, D, T, Alt+S</b></td><td>Clay, Draft and True light, Slice</td></tr>
<tr><td><b>Space held</b></td><td>the bare picture</td><td></td><td><b>Ctrl+D</b></td><td>duplicate the forms</td></tr>
<tr><td><b>Esc</b></td><td>stop, or let go</td><td></td><td><b>Delete</b></td><td>remove forms or grain</td></tr>
<tr><td><b>Ctrl+Z, Ctrl+Y</b></td><td>undo, redo</td><td></td><td><b>F5</b></td><td>build final</td></tr>
<tr><td><b>Ctrl+N, O, S</b></td><td>new, open, save</td><td></td><td><b>Ctrl+P</b></td><td>publish</td></tr>
<tr><td><b>S, E, P, R</b></td><td>Swell, Ease, Press, Roughen</td><td></td><td><b>Ctrl+R</b></td><td>resize the mound</td></tr>
<tr><td><b>Shift+D, Alt+D</b></td><td>Drag, Dab</td><td></td><td><b>Shift+S</b></td><td>Scoop</td></tr>
<tr><td><b>Ctrl+A</b></td><td>choose all forms</td><td></td><td><b>Ctrl+T, K</b></td><td>take pictures, keep a snapshot</td></tr>
<tr><td><b>Shift+T, Shift+A</b></td><td>look toward the sun, away from it</td><td></td><td><b>Shift+U, F</b></td><td>look up from below, fly</td></tr>
</table>
<p>With the keyboard on the picture, arrows turn and Shift+arrows slide.<br>In Mass: drag a form to move it, its round handles to size it evenly, x, y and z along an axis, the arc to turn it;
Ctrl snaps.<br>Shift+click chooses another as well, a box drawn over the sky all in it; double-click adds a blob.
Alt turns a tool round.<br>
Numbers: drag, double-click to type, Backspace to reset; with Shift they move finely.</p>"""
