"""What the eye judges, in numbers: outlines of starts and characters, how white the sunlit side is, the time to a first cloud."""

import time

import numpy as np
from scipy.ndimage import gaussian_filter

from bench.figure import Figure, at_least
from bench.scene import DEMO
from softmound.core.colour import LUMINANCE
from softmound.core.engine.density import bounds_of, density_grid, span_of, surface_triangles, voxel_along
from softmound.core.engine.nature import nature_of
from softmound.core.engine.stages import Stages
from softmound.core.engine.start_sheet import start_picture
from softmound.core.engine.stills import Taking, still_of
from softmound.core.grain.actions.push import Push
from softmound.core.grain.characters import CHARACTERS, NATURAL, sized_character
from softmound.core.light.lattices.coarse import RESTING, SHARP, Fineness, coarse_of
from softmound.core.light.lattices.lattice import lit
from softmound.core.light.marching.march import march
from softmound.core.light.paths.tracer import Tracer
from softmound.core.light.picture.looks import looked
from softmound.core.light.picture.radiance import behind_of, radiance_of
from softmound.core.light.scene.camera import camera_of
from softmound.core.light.scene.scene import scene_of
from softmound.core.mass.surface import areas_and_normals
from softmound.core.recipe import BaseLevel, Mass, Mound, read_mound
from softmound.core.starts.heaps import heap
from softmound.core.starts.species import STARTS, start
from softmound.core.starts.wish import Wish, lumps
from softmound.core.volume.bricks import LANES
from softmound.core.volume.nature import outline_dimension, silhouettes, spectrum_slope

NATURAL_ONES = ("humilis", "mediocris", "congestus", "calvus", "fractus")
"""Starts that are asked to be as rough as clouds in nature: outlines of 1.30 to 1.40, slopes of -1.9 to -1.5."""
ALONG = 220
"""Voxels along the clouds whose outlines are measured."""
LOVEJOY = 1.35
"""Perimeter-area dimension of cumulus from 1 to 1,000 km (Lovejoy 1982, Science 216)."""
KOLMOGOROV = -5.0 / 3.0
COARSE = Fineness(288, 34)
FINENESS = (COARSE, RESTING, SHARP)
"""Lattices that Draft light is tried on: those of old, of a picture at rest, and of one that has sharpened."""
TRIED, BROAD, SECONDS = (160, 100), 32.0, 18.0
"""Pictures in which hollows are compared, pixels from which on something is broad, and seconds that paths are traced."""
HOLLOWED = ("congestus", "mediocris", "fractus", "incus")
WHITE = 0.8
"""Share of white from which on a pixel of the sunlit side counts as white."""


def facing_down(mound, voxel=2.0):
    """Share of the surface's upper half that faces down.

    Parameters
    ----------
    mound : Mound
    voxel : float, optional
        Metres.

    Returns
    -------
    float
    """
    vertices, faces = surface_triangles(mound, voxel)
    areas, normals = areas_and_normals(vertices, faces)
    height = vertices[faces].mean(axis=1)[:, 1]
    upper = height > (height.min() + height.max()) / 2
    return float(areas[upper & (normals[:, 1] < -0.1)].sum() / areas[upper].sum())


def whiteness(mound, width=640, height=400):
    """Share of the sunlit side's pixels that are at least `WHITE` of white.

    Parameters
    ----------
    mound : Mound
    width, height : int, optional

    Returns
    -------
    float
        Sunlit are the pixels brighter than the middle of the cloud's.
    """
    bounds = bounds_of(mound)
    voxel = float((bounds[1] - bounds[0]).max()) / ALONG
    stages = Stages()
    grid = stages.density(mound, voxel)
    still = still_of(stages, mound, grid, stages.density_key(mound, voxel), Taking(width, height, passes=2))
    pixels = looked(still.radiance, mound.light)
    cloud = pixels[pixels[..., 3] > 250][:, :3].mean(axis=1) / 255.0
    lit = cloud[cloud >= np.median(cloud)]
    return float((lit >= WHITE).mean())


def volume_of(grid):
    """Cubic metres of density 1 that would hold as much as a grid: float."""
    return (grid.values.sum(dtype=float) + LANES * grid.tile_values.sum(dtype=float)) * grid.voxel**3


def _blurred(picture, cloud, width):
    weight = gaussian_filter(cloud.astype(float), width) + 1e-9
    return gaussian_filter(picture * cloud, width) / weight


def fine_parts(picture, cloud):
    """What of a picture is finer than `BROAD` pixels, and coarser than one, within the cloud.

    Parameters
    ----------
    picture : ndarray of float, shape (height, width)
    cloud : ndarray of bool, shape (height, width)

    Returns
    -------
    ndarray of float64, flat
        In parts of the cloud's mean.
    """
    even = picture / picture[cloud].mean()
    # A Gaussian is as wide as BROAD at half its height.
    return (_blurred(even, cloud, 1.0) - _blurred(even, cloud, BROAD / 2.355))[cloud]


def _hollows(species_tried):
    """Shading of what is small in Draft light, against True light whose noise is allowed for."""
    found = {fine: [] for fine in FINENESS}
    for species in species_tried:
        mound = start(species, species)
        grid = density_grid(mound, voxel_along(mound, 160))
        for where, azimuth, elevation in (("in front", 20.0, 40.0), ("beside", 100.0, 35.0), ("behind", 155.0, 12.0)):
            light = mound.light.edited(sun=mound.light.sun.edited(azimuth=azimuth % 360.0, elevation=elevation))
            camera, scene = camera_of(mound.view, *TRIED), scene_of(light, grid)
            lattices = {fine: lit(coarse_of(grid, fine), light) for fine in FINENESS}
            halves = [Tracer(scene, lattices[RESTING], camera, seed=seed) for seed in (1, 2)]
            begun = time.perf_counter()
            while time.perf_counter() - begun < SECONDS or halves[1].turns < 2:
                for tracer in halves:
                    tracer.add(2)
            one, other = (tracer.layers()[0] @ LUMINANCE for tracer in halves)
            cloud = sum(tracer.layers()[1] for tracer in halves) > 1.9
            alike = float(np.corrcoef(fine_parts(one, cloud), fine_parts(other, cloud))[0, 1])
            # Of the mean of both: Spearman 1910, Correlation calculated from faulty data, Brit. J. Psychol. 3.
            certain = max(2.0 * alike / (1.0 + alike), 1e-3) ** 0.5
            truth = fine_parts(one + other, cloud)
            for fine, lattice in lattices.items():
                layers = np.mean([march(scene, lattice, camera, nth=n) for n in range(8)], axis=0)
                seen = radiance_of(layers, scene, camera)
                draft = (seen[..., :3] - behind_of(seen, light, camera)) @ LUMINANCE
                found[fine].append(float(np.corrcoef(fine_parts(draft, cloud), truth)[0, 1]) / certain)
            before, now = found[COARSE][-1], found[SHARP][-1]
            yield Figure(f"hollows in Draft light, {species}, sun {where}: correlation with True light", now, "",
                         f"on {COARSE.sky} cells", before, now / before, "at least 0.9", now >= 0.9)
    for fine in FINENESS:
        yield Figure(f"hollows in Draft light on {fine.sky} cells: mean correlation", float(np.mean(found[fine])), "")


def figures(brief=False):
    """Measure.

    Parameters
    ----------
    brief : bool, optional
        Starts that nature has, and hollows of one of them.

    Yields
    ------
    Figure
    """
    for species in NATURAL_ONES if brief else STARTS:
        mound = start(species, species)
        low, high = bounds_of(mound)
        grid = density_grid(mound, float((high - low).max()) / ALONG)
        outline = float(np.nanmean([outline_dimension(mask) for mask in silhouettes(grid)]))
        slope, asked = float(spectrum_slope(grid)), species in NATURAL_ONES
        yield Figure(f"outline dimension, {species}", outline, "", "cumulus in nature", LOVEJOY, outline / LOVEJOY,
                     *(("1.3 to 1.4", 1.3 <= outline <= 1.4) if asked else ()))
        yield Figure(f"slope of the spectrum, {species}", slope, "", "liquid water in nature", KOLMOGOROV, slope / KOLMOGOROV,
                     *(("-1.9 to -1.5", -1.9 <= slope <= -1.5) if asked else ()))
    base = start("mediocris", "x")
    bounds = bounds_of(base)
    plain = volume_of(density_grid(base.edited(grains=()), float((bounds[1] - bounds[0]).max()) / 260))
    for name, grains in CHARACTERS.items():
        mound = base.edited(grains=sized_character(grains, span_of(base), base.mass.base.altitude))
        grid = density_grid(mound, float((bounds[1] - bounds[0]).max()) / 260)
        measured = {found.name: found for found in nature_of(mound, grid)}
        share = volume_of(grid) / plain
        yield Figure(f"volume, {name}", share, "", "its forms", 1.0, share, "0.85 to 1.15", abs(share - 1.0) <= 0.15)
        for word, natural in (("Outline dimension", LOVEJOY), ("Spectrum slope", KOLMOGOROV)):
            found = measured[word]
            yield Figure(f"{word.lower()}, {name}", found.value, "", "in nature", natural, found.value / natural,
                         f"{found.low:g} to {found.high:g}" if name in NATURAL else "none is claimed",
                         found.natural if name in NATURAL else None)
    cauliflower = Mound(mass=Mass(forms=heap(9, 300.0, 3, generations=3, buds=7), melt=5.0, base=BaseLevel(altitude=8.0)))
    folded = Push(feature=33.0, strength=16.0, octaves=6, summed="folded", gain=0.62, weaker_below=0.35)
    before = facing_down(cauliflower.edited(grains=(folded,)))
    after = facing_down(cauliflower.edited(grains=lumps(Wish())[:1]))
    yield at_least("upper half of a cauliflower that faces down", after, "", "one folded Push", before, after / before, 2.0)
    for path in sorted(DEMO.glob("*.mound")):
        mound = read_mound(path)
        yield Figure(f"sunlit side at {100 * WHITE:g} % of white and more, {mound.name}", 100.0 * whiteness(mound), "%")
    yield from _hollows(HOLLOWED[:1] if brief else HOLLOWED)
    start_picture(start("humilis", "x"), 176, 106)
    begun = time.perf_counter()
    start_picture(start("mediocris", "x"), 176, 106)
    yield Figure("New to the first picture on the wall", 1e3 * (time.perf_counter() - begun), "ms")
    begun = time.perf_counter()
    for species in STARTS:
        start_picture(start(species, "x"), 176, 106)
    yield Figure(f"all {len(STARTS)} pictures of the wall", time.perf_counter() - begun, "s")
