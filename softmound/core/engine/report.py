"""A report of a mound in one HTML file: pictures, numbers, nature check, cost and recipe."""

import base64
import html

from ... import __version__
from ..exchange.png import png_of
from ..light.picture.looks import looked, metered_as
from ..light.scene.camera import camera_of, fitted
from ..recipe.files import mound_json
from ..ticket import one_by_one
from ..volume.numbers import numbers_of
from .density import density_grid
from .fineness import picture_voxel
from .nature import nature_of
from .stages import Stages
from .stills import Taking, still_of

SIDES = (("from its view", None), ("from the left", -90.0), ("from behind", 180.0), ("from the right", 90.0))
SIZE = (640, 400)
PASSES = 6
_STYLE = """body{font-family:sans-serif;background:#22262a;color:#e8e4da;max-width:1320px;margin:24px auto;padding:0 16px}
img{width:100%;border-radius:6px}figure{margin:0}figcaption{color:#a3abb0;font-size:13px;padding:4px 0 12px}
.four{display:grid;grid-template-columns:1fr 1fr;gap:12px}table{border-collapse:collapse;margin:8px 0 20px}
td,th{padding:4px 14px 4px 0;text-align:left;vertical-align:top;font-variant-numeric:tabular-nums}
.out{color:#cf8079}.in{color:#8fb996}pre{background:#2a2f33;padding:12px;overflow:auto;max-height:420px;font-size:12px}"""


def report_of(mound, voxel=None, ticket=None):
    """The report of a mound.

    Parameters
    ----------
    mound : Mound
    voxel : float, optional
        Metres; default as fine as a pixel of its pictures shows.
    ticket : Ticket, optional

    Returns
    -------
    str
        HTML that needs no other file.
    """
    stages = Stages()
    voxel = picture_voxel(stages, mound, camera_of(mound.view, *SIZE)) if voxel is None else voxel
    if ticket is not None:
        ticket.step(0.0, 0.3, "building")
    grid = density_grid(mound, voxel, ticket)
    numbers = numbers_of(grid, mound.light.medium.extinction)
    pictures = []
    for words, turn in one_by_one(SIDES if numbers is not None else (), lambda _, side: f"picture {side[0]}", ticket, 0.3, 0.9):
        view = mound.view
        if turn is not None:
            low, high = (grid.world(corner) for corner in grid.active_bounds())
            azimuth = (mound.view.azimuth + turn + 180.0) % 360.0 - 180.0
            view = fitted(mound.view.edited(azimuth=azimuth), low, high, *SIZE)
        still = still_of(stages, mound.edited(view=view), grid, stages.density_key(mound, voxel), Taking(*SIZE, passes=PASSES))
        png = png_of(looked(still.radiance, metered_as(mound.light, still.radiance)))
        pictures.append((words, base64.b64encode(png).decode("ascii")))
    if ticket is not None:
        ticket.step(0.9, 1.0, "measuring")
    return _page(mound, stages.forecast(mound), grid, numbers, pictures)


def _page(mound, ahead, grid, numbers, pictures):
    parts = [f"<!DOCTYPE html><html lang='en'><head><meta charset='utf-8'><title>{html.escape(mound.name)}</title>"
             f"<style>{_STYLE}</style></head><body><h1>{html.escape(mound.name)}</h1>"]
    shown = "".join(f"<figure><img alt='{words}' src='data:image/png;base64,{data}'><figcaption>{words}</figcaption></figure>"
                    for words, data in pictures)
    parts.append(f"<div class='four'>{shown}</div>" if shown else "<p>There is no cloud: add a form above the base level.</p>")
    if numbers is not None:
        size = " &times; ".join(f"{n * grid.voxel:.4g}" for n in numbers.dims)
        parts.append(_table("Size", (("across, high, deep", f"{size} m"), ("measured at a voxel of", f"{grid.voxel:g} m"),
                                     ("active voxels", f"{grid.active_voxels():,}"),
                                     ("extinction", f"{mound.light.medium.extinction:g} 1/m"))))
        rows = [(finding.name, _measured(finding), f"{finding.low:.3g} to {finding.high:.3g} {finding.unit}", finding.source)
                for finding in nature_of(mound, grid)]
        parts.append(_table("Nature check", rows, ("measure", "here", "in nature", "source")))
    rows = []
    for factor in (1.0, 2.0, 4.0):
        fine = mound.voxels.final * factor
        rows.append((f"{fine:g} m", f"{ahead.active_voxels(fine):,.0f}", f"{ahead.memory(fine) / 1e6:,.0f} MB",
                     f"{ahead.seconds(fine):.1f} s"))
    parts.append(_table("Cost on this machine", rows, ("voxel", "voxels", "memory", "time")))
    recipe = html.escape(mound_json(mound.edited(snapshots=(), references=())))
    parts.append(f"<h2>Recipe</h2><pre>{recipe}</pre><p>Soft Mound {__version__}</p></body></html>")
    return "\n".join(parts)


def _measured(finding):
    if finding.natural is None:
        return "too small to tell"
    return f"<span class='{'in' if finding.natural else 'out'}'>{finding.value:.3g} {finding.unit}</span>"


def _table(title, rows, heads=()):
    head = "".join(f"<th>{word}</th>" for word in heads)
    body = "".join("<tr>" + "".join(f"<td>{cell}</td>" for cell in row) + "</tr>" for row in rows)
    return f"<h2>{title}</h2><table>{f'<tr>{head}</tr>' if head else ''}{body}</table>"
