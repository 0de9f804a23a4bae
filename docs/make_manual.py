"""Makes the manual that is shipped, in HTML, from `docs/manual`: python docs/make_manual.py."""

import pathlib
import re
import shutil

import markdown
from PIL import Image

DOCS = pathlib.Path(__file__).resolve().parent
OUT = DOCS.parent / "softmound" / "desk" / "manual"
WIDE = 660
"""Pixels of a picture in it."""
PAGE = """<!DOCTYPE html>
<html lang="en"><head><meta charset="utf-8"><title>{title}</title>
<style>body {{ font-family: sans-serif; max-width: 720px; margin: 24px; line-height: 1.5; }}
code {{ background: #343a3f; color: #e8e4da; }} td, th {{ padding: 4px 10px; text-align: left; }}</style></head>
<body>
{body}
<hr><p>{links}</p>
</body></html>
"""


def picture(name):
    """A screenshot, made smaller, among the files of the manual: its name."""
    file = f"{name}.png"
    with Image.open(DOCS / "screenshots" / file) as shot:
        small = shot.convert("RGB").resize((WIDE, round(WIDE * shot.height / shot.width)), Image.Resampling.LANCZOS)
    small.quantize(256, dither=Image.Dither.FLOYDSTEINBERG).save(OUT / file, optimize=True)
    return file


def main():
    """Make all chapters anew."""
    shutil.rmtree(OUT, ignore_errors=True)
    OUT.mkdir(parents=True)
    sources = sorted((DOCS / "manual").glob("*.md"))
    titles = {path.stem: path.read_text(encoding="utf-8").split("\n", 1)[0].lstrip("# ") for path in sources}
    links = " &middot; ".join(f'<a href="{stem}.html">{title}</a>' for stem, title in titles.items())
    for path in sources:
        text = re.sub(r"\(picture:(\w+)\)", lambda m: f"({picture(m.group(1))})", path.read_text(encoding="utf-8"))
        body = markdown.markdown(text, extensions=["tables", "fenced_code"])
        (OUT / f"{path.stem}.html").write_text(PAGE.format(title=titles[path.stem], body=body, links=links), encoding="utf-8")
    print(f"{len(sources)} chapters in {OUT}")


if __name__ == "__main__":
    main()
