"""Makes the manual that is shipped, in HTML, from `docs/manual`; and, into a folder, one for a web server.

    .venv/bin/python -m docs.make_manual [--web FOLDER [--language de]]
"""

import argparse
import pathlib
import re
import shutil

import markdown
from PIL import Image

from softmound.core.starts.examples import FOLDER as EXAMPLES
from softmound.desk.dialogs.manual_dialog import WIDEST
from softmound.desk.help.pages import MANUAL, MOUNDS, PICTURES
from softmound.desk.help.reference import PICTURE, STRIPS

DOCS = pathlib.Path(__file__).resolve().parent
WIDE = WIDEST
"""Pixels of a picture in it."""
SHEET = f"""
:root {{ color-scheme: light dark; --ground: #f6f5f1; --text: #23262a; --quiet: #51585d; --link: #275a86; --code: #e6e4dd; }}
@media (prefers-color-scheme: dark) {{
  :root {{ --ground: #22262a; --text: #e8e4da; --quiet: #b4babd; --link: #8fb4d6; --code: #343a3f; }} }}
body {{ font-family: "IBM Plex Sans", sans-serif; background: var(--ground); color: var(--text); line-height: 1.5; margin: 0;
  display: flex; align-items: flex-start; }}
nav {{ width: 16em; flex: none; padding: 24px; position: sticky; top: 0; height: 100vh; overflow-y: auto; box-sizing: border-box; }}
nav b {{ display: block; margin-top: 14px; color: var(--quiet); font-weight: 600; }}
nav a {{ display: block; text-decoration: none; }}
main {{ max-width: 720px; padding: 8px 24px 60px; }} a {{ color: var(--link); }} .quiet {{ color: var(--quiet); }}
code, pre {{ background: var(--code); border-radius: 4px; padding: 1px 4px; }} pre {{ padding: 10px; overflow-x: auto; }}
td, th {{ padding: 4px 10px; text-align: left; vertical-align: top; }} table.strip td {{ padding: 0 8px 10px 0; }}
img {{ max-width: 100%; }} table.strip img {{ width: {PICTURE}px; }}
"""


def picture(name):
    """A screenshot, made smaller, among the pictures of the manual: its name."""
    own = PICTURES / f"{name}.jpg"
    if own.exists():
        return own.name
    file = f"{name}.png"
    if not (PICTURES / file).exists():
        with Image.open(DOCS / "screenshots" / file) as shot:
            small = shot.convert("RGB").resize((WIDE, round(WIDE * shot.height / shot.width)), Image.Resampling.LANCZOS)
        PICTURES.mkdir(parents=True, exist_ok=True)
        small.quantize(256, dither=Image.Dither.FLOYDSTEINBERG).save(PICTURES / file, optimize=True)
    return file


def body_of(path):
    """The HTML of a page: str.

    Parameters
    ----------
    path : pathlib.Path
        Markdown; ``(picture:NAME)`` is a picture of the manual or one of the screenshots. Comments, as of what hands do in a
        lesson, are left out.
    """
    text = re.sub(r"<!--.*?-->\n*", "", path.read_text(encoding="utf-8"), flags=re.DOTALL)
    text = re.sub(r"\(picture:([\w-]+)\)", lambda m: f"({picture(m.group(1))})", text)
    return markdown.markdown(text, extensions=["tables", "fenced_code"])


def main():
    """Make all pages of all languages anew."""
    for path in PICTURES.glob("*.png"):
        path.unlink()
    count = 0
    for folder in sorted(path for path in (DOCS / "manual").iterdir() if path.is_dir()):
        out = MANUAL / folder.name
        shutil.rmtree(out, ignore_errors=True)
        for path in sorted(folder.rglob("*.md")):
            made = out / path.relative_to(folder).with_suffix(".html")
            made.parent.mkdir(parents=True, exist_ok=True)
            made.write_text(body_of(path) + "\n", encoding="utf-8")
            count += 1
    print(f"{count} pages in {MANUAL}")


def for_the_web(folder, language=""):
    """Write all pages, with the reference, into one folder with an index.

    Parameters
    ----------
    folder : path-like
    language : str, optional
        Of `docs/manual`; default English.
    """
    from PyQt6.QtCore import QCoreApplication

    from softmound.desk.help.pages import PARTS, leaves, page
    from softmound.desk.words import SHIPPED, speak, tr

    application = QCoreApplication.instance() or QCoreApplication([])
    if language:
        speak(application, SHIPPED / f"{language}.ts")
    folder = pathlib.Path(folder)
    folder.mkdir(parents=True, exist_ok=True)
    found = leaves()
    files = {leaf.name: f"{leaf.name.replace('/', '-')}.html" for leaf in found}

    def plain(body):
        body = re.sub(r'href="page:([^"#]+)', lambda m: f'href="{files[m.group(1)]}', body)
        body = re.sub(r'href="lesson:([^"]+)"', r'href="\1.mound"', body)
        # What leads into the window leads nowhere here.
        return re.sub(r'<a href="(?:do|station|example):[^"]*">(.*?)</a>', r"<em>\1</em>", body)

    listed = ""
    for part, title in PARTS.items():
        own = [leaf for leaf in found if leaf.part == part]
        listed += f"<b>{tr(title)}</b>" + "".join(f'<a href="{files[leaf.name]}">{leaf.title}</a>' for leaf in own) if own else ""
    for leaf in [*found, None]:
        body = plain(page(leaf.name)) if leaf else f"<h1>{tr('Soft Mound')}</h1><p>{tr('Manual')}</p>{listed}"
        title = leaf.title if leaf else tr("Soft Mound")
        (folder / (files[leaf.name] if leaf else "index.html")).write_text(
            f'<!DOCTYPE html>\n<html lang="{language or "en"}"><head><meta charset="utf-8"><title>{title}</title>'
            f'<meta name="viewport" content="width=device-width"><link rel="stylesheet" href="manual.css"></head>\n'
            f"<body><nav><a href=\"index.html\">{tr('Soft Mound')}</a>{listed}</nav><main>\n{body}\n</main></body></html>\n",
            encoding="utf-8")
    (folder / "manual.css").write_text(SHEET, encoding="utf-8")
    for path in (*PICTURES.iterdir(), *STRIPS.glob("*.jpg"), *EXAMPLES.glob("*.jpg"), *MOUNDS.glob("*.mound")):
        shutil.copy(path, folder / path.name)
    print(f"{len(found) + 1} pages in {folder}")


if __name__ == "__main__":
    asked = argparse.ArgumentParser(description=__doc__)
    asked.add_argument("--web", metavar="FOLDER")
    asked.add_argument("--language", default="")
    given = asked.parse_args()
    if given.web:
        for_the_web(given.web, given.language)
    else:
        main()
