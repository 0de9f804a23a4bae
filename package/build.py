"""Builds the packages: python -m package.build [--out DIR] [--wheel]."""

import argparse
import os
import pathlib
import shutil
import subprocess
import sys
import tempfile

from PyQt6.QtCore import QByteArray, QRectF
from PyQt6.QtGui import QGuiApplication, QImage, QPainter
from PyQt6.QtSvg import QSvgRenderer

from docs.make_manual import for_the_web
from package.pages import completion, write_pages
from softmound import __version__
from softmound.core.target import KINDS, runs

HERE = pathlib.Path(__file__).resolve().parent
ROOT = HERE.parent
SIZES = (16, 24, 32, 48, 64, 128, 256, 512)
DEPENDS = ("python3 (>= 3.11)", "python3-openvdb", "libegl1", "libgl1", "libglib2.0-0", "libwayland-cursor0", "libwayland-egl1",
           "libxkbcommon0", "libdbus-1-3", "libfontconfig1", "libxcb-cursor0", "libxcb-icccm4", "libxcb-keysyms1", "libxcb-shape0",
           "libxkbcommon-x11-0")
_START = """#!/bin/sh
# Soft Mound, with what it brings along before what the machine has.
PYTHONPATH=/usr/lib/softmound/site${PYTHONPATH:+:$PYTHONPATH}
export PYTHONPATH
exec /usr/bin/python3 -m softmound "$@"
"""
_DESK_CACHES = """#!/bin/sh
set -e
for update in "update-mime-database /usr/share/mime" "update-desktop-database -q" \\
  "gtk-update-icon-cache -q /usr/share/icons/hicolor"; do
  command -v "${update%% *}" >/dev/null 2>&1 && $update || true
done
"""


def compiled(source):
    """Compile the kernels for the kinds of processors that this one is of, so that nobody waits for that at the first start.

    Parameters
    ----------
    source : pathlib.Path
        Checkout that they are put into.
    """
    for kind in filter(runs, KINDS):
        with tempfile.TemporaryDirectory() as cache:
            subprocess.run([sys.executable, "-m", "softmound", "warm"], check=True, cwd=source,
                           env={**os.environ, "PYTHONPATH": str(source), "XDG_CACHE_HOME": cache, "SOFTMOUND_KIND": kind})
            for folder in pathlib.Path(cache, "softmound", "kernels").glob(f"*-{kind}"):
                shutil.copytree(folder, source / "softmound" / "compiled" / kind / folder.name.removesuffix(f"-{kind}"))


def wheel(out, bare=False):
    """Build the wheel.

    Parameters
    ----------
    out : pathlib.Path
        Folder.
    bare : bool, optional
        Without compiled kernels.

    Returns
    -------
    pathlib.Path
    """
    with tempfile.TemporaryDirectory() as folder:
        # From a copy: building leaves things beside the sources.
        source = pathlib.Path(folder, "source")
        shutil.copytree(ROOT, source, ignore=shutil.ignore_patterns(".git", ".venv", "__pycache__", "docs", "tests", "bench"))
        if not bare:
            compiled(source)
        subprocess.run([sys.executable, "-m", "pip", "wheel", "--quiet", "--no-deps", "--wheel-dir", str(out), str(source)],
                       check=True)
    return max(out.glob("softmound-*.whl"), key=lambda p: p.stat().st_mtime)


def icons(folder):
    """Draw the icon at all sizes.

    Parameters
    ----------
    folder : pathlib.Path
        Of the theme: as ``/usr/share/icons/hicolor``.
    """
    application = QGuiApplication.instance() or QGuiApplication(["softmound", "-platform", "offscreen"])
    drawn = QSvgRenderer(QByteArray((HERE / "softmound.svg").read_bytes()))
    for size in SIZES:
        image = QImage(size, size, QImage.Format.Format_ARGB32)
        image.fill(0)
        painter = QPainter(image)
        drawn.render(painter, QRectF(0, 0, size, size))
        painter.end()
        path = folder / f"{size}x{size}" / "apps" / "softmound.png"
        path.parent.mkdir(parents=True)
        image.save(str(path))
    (folder / "scalable" / "apps").mkdir(parents=True)
    shutil.copy(HERE / "softmound.svg", folder / "scalable" / "apps")
    del application


def shared(share):
    """Put what a desktop wants to know below a folder.

    Parameters
    ----------
    share : pathlib.Path
        As ``/usr/share``.
    """
    for name, where in (("softmound.desktop", "applications"), ("softmound.xml", "mime/packages"),
                        ("softmound.thumbnailer", "thumbnailers"), ("org.softmound.SoftMound.metainfo.xml", "metainfo")):
        (share / where).mkdir(parents=True, exist_ok=True)
        shutil.copy(HERE / name, share / where)
    icons(share / "icons" / "hicolor")
    write_pages(share / "man" / "man1")
    complete = share / "bash-completion" / "completions" / "softmound"
    complete.parent.mkdir(parents=True)
    complete.write_text(completion())
    about = share / "doc" / "softmound"
    about.mkdir(parents=True)
    shutil.copy(ROOT / "LICENSE", about / "copyright")
    shutil.copytree(ROOT / "demo", about / "demo", ignore=shutil.ignore_patterns("__pycache__", "*.py"))
    for_the_web(about / "manual")


def deb(out, made):
    """Build the `.deb`.

    Parameters
    ----------
    out : pathlib.Path
        Folder.
    made : pathlib.Path
        The wheel.

    Returns
    -------
    pathlib.Path
    """
    with tempfile.TemporaryDirectory() as folder:
        root = pathlib.Path(folder, "root")
        site = root / "usr" / "lib" / "softmound" / "site"
        site.mkdir(parents=True)
        subprocess.run([sys.executable, "-m", "pip", "install", "--quiet", "--disable-pip-version-check", "--ignore-installed",
                        "--target", str(site), "--constraint", str(ROOT / "requirements.lock"), str(made)], check=True)
        shutil.rmtree(site / "bin", ignore_errors=True)
        for cache in list(site.rglob("__pycache__")):
            shutil.rmtree(cache)
        # With what Python makes of the sources, or it would be made again at every start, and stay behind.
        subprocess.run([sys.executable, "-m", "compileall", "-q", "--invalidation-mode", "unchecked-hash", "-s", str(root),
                        str(site)], check=False)
        start = root / "usr" / "bin" / "softmound"
        start.parent.mkdir(parents=True)
        start.write_text(_START)
        start.chmod(0o755)
        shared(root / "usr" / "share")
        control = root / "DEBIAN"
        control.mkdir()
        size = sum(p.stat().st_size for p in root.rglob("*") if p.is_file()) // 1024
        machine = subprocess.run(["dpkg", "--print-architecture"], capture_output=True, text=True, check=True).stdout.strip()
        (control / "control").write_text(
            f"Package: softmound\nVersion: {__version__}\nArchitecture: {machine}\n"
            f"Maintainer: The Soft Mound makers <makers@localhost>\nInstalled-Size: {size}\n"
            f"Depends: {', '.join(DEPENDS)}\nSection: graphics\nPriority: optional\n"
            "Description: Sculpt one cloud, grain it, light it, keep it\n For cloud artists: forms, noise by scale, light that\n"
            " was scattered many times, OpenVDB in real metres.\n")
        for name in ("postinst", "postrm"):
            (control / name).write_text(_DESK_CACHES)
            (control / name).chmod(0o755)
        path = out / f"softmound_{__version__}_{machine}.deb"
        subprocess.run(["dpkg-deb", "--root-owner-group", "-Zgzip", "--build", str(root), str(path)], check=True,
                       capture_output=True)
    return path


def main():
    """Build what is asked for and say where it is."""
    wishes = argparse.ArgumentParser(description=__doc__)
    wishes.add_argument("--out", default=str(ROOT / "dist"))
    wishes.add_argument("--wheel", action="store_true", help="the wheel alone")
    said = wishes.parse_args()
    out = pathlib.Path(said.out)
    out.mkdir(parents=True, exist_ok=True)
    made = wheel(out)
    print(made)
    if not said.wheel:
        print(deb(out, made))


if __name__ == "__main__":
    main()
