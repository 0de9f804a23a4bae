"""A recipe to its density grid, at any voxel."""

from dataclasses import dataclass, field

import numpy as np

from ..fill.kept_away import clearing, kept_away
from ..fill.skin import DEEP, filled, inner
from ..fill.stepping import live_steps, stepped
from ..fill.volumes import box_of_volume, density_volumes, with_volumes
from ..grain.edge import live_patches, touched, worked
from ..grain.evening import STEEPEST, evened
from ..grain.moving import moved_by
from ..grain.surface import MARGIN, NarrowBand, begun_wide, pushed
from ..grain.where import landmarks_of
from ..kernels import side_by_side
from ..mass.cells import chosen
from ..mass.distance import band_of, box_of, distance_in
from ..mass.table import shape_of
from ..problems import Problem
from ..recipe.grains import EDGE, MOVED, SURFACE, live
from ..ticket import chunks
from ..volume.bricks import LANES, grid_of
from ..volume.crumbs import drop_crumbs
from ..volume.iso import triangles_of
from ..volume.memory import BrickMemory, content_stamps
from ..volume.refined import is_among, unique_bricks, with_neighbours
from .graph import GRAPH, SHAPED, moved_outward, reaches

DRAFT_CELLS = 160
"""Draft voxels along the longest axis, when the recipe does not say."""
CHUNK = 1024
SURFACE_BAND = 2.5
"""Voxels on either side of a surface that is to become triangles."""


@dataclass
class Memories:
    """What a draft remembers from the one before: distances, noise, and density before it is moved about."""

    distance: BrickMemory = field(default_factory=BrickMemory)
    noise: BrickMemory = field(default_factory=BrickMemory)
    density: BrickMemory = field(default_factory=BrickMemory)

    @property
    def nbytes(self):
        """Bytes held."""
        return self.distance.nbytes + self.noise.nbytes + self.density.nbytes


def bounds_of(mound):
    """Box that holds the displaced cloud.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    (ndarray of float64, ndarray of float64) or None
        Corners in metres; None when there is no form above the base level.
    """
    # What joins by density is moved about with the rest, but not pushed.
    about = moved_outward(mound) - moved_outward(mound, "joined")
    volumes = [box_of_volume(v) for v in density_volumes(mound.mass)]
    boxes = [box_of(mound.mass, moved_outward(mound)), *((low - about, high + about) for low, high in volumes)]
    boxes = np.array([box for box in boxes if box is not None])
    return (boxes[:, 0].min(axis=0), boxes[:, 1].max(axis=0)) if len(boxes) else None


def span_of(mound):
    """Longest side of the cloud's blocked-in shape.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    float
        Metres; 0 when there is no form.
    """
    box = bounds_of(mound.model_copy(update={"grains": (), "steps": ()}))
    return float((box[1] - box[0]).max()) if box is not None else 0.0


def draft_voxel(mound):
    """Voxel size to work at: the recipe's, or a 160th of the span rounded to two digits.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    float
        Metres.
    """
    if mound.voxels.draft is not None:
        return mound.voxels.draft
    return max(float(f"{max(span_of(mound), 0.8) / DRAFT_CELLS:.2g}"), 0.005)


def voxel_along(mound, along):
    """Voxel that puts so many voxels along the longest side of the finished cloud.

    Parameters
    ----------
    mound : Mound
    along : int

    Returns
    -------
    float
        Metres.

    Raises
    ------
    Problem
        When there is no cloud.
    """
    bounds = bounds_of(mound)
    rough = None if bounds is None else float((bounds[1] - bounds[0]).max() / DRAFT_CELLS)
    active = None if rough is None else density_grid(mound, rough).active_bounds()
    if active is None:
        raise Problem("{}: holds no cloud above its base level; add a form first.", mound.name)
    return float((active[1] - active[0] + 1).max() * rough / along)


def band_for(mound, voxel, stage=SHAPED, ticket=None, least=0.0):
    """Bricks in which the result of a stage can change.

    Parameters
    ----------
    mound : Mound
    voxel : float
        Metres.
    stage : str, optional
        Of `GRAPH`.
    ticket : Ticket, optional
    least : float, optional
        So far on either side of the surface at least, metres.

    Returns
    -------
    Band
    """
    outward, inward = (max(reach, least) for reach in reaches(mound, voxel, stage))
    return band_of(mound.mass, voxel, outward, inward, ticket)


def begun_at(mound, voxel, shape, wanted, stage="density", ticket=None):
    """What grains do to the surface on voxels wider than those of a build: see `begun_wide`.

    Parameters
    ----------
    mound : Mound
    voxel : float
        Of the build, metres.
    shape : Shape
        Of its mass.
    wanted : ndarray of int32, shape (n, 3)
        Bricks of the build.
    stage : str, optional
        Up to which the build goes.
    ticket : Ticket, optional

    Returns
    -------
    Begun or None
        None where nothing is begun: steps before the grains know the build's own voxels only.
    """
    if live_steps(mound.steps):
        return None
    quiet = ticket.quiet() if ticket is not None else None
    outward, inward = reaches(mound, voxel)

    def bricks_at(doubled):
        wide = voxel * 2**doubled
        bricks = with_neighbours(unique_bricks(wanted >> doubled))
        band = band_of(mound.mass, wide, outward + MARGIN * wide, inward + MARGIN * wide, quiet, wanted=bricks, shape=shape)
        return (band.cells.coords, band.inside,
                lambda rows: distance_in(shape, wide, chosen(band.cells, rows), quiet))

    return begun_wide(bricks_at, voxel, mound.grains, landmarks_of(mound), _counting(mound, voxel, stage), quiet)


def evaluated(mound, voxel, band, cells, stage="density", ticket=None, memories=None, begun=None):
    """What bricks hold after a stage: the pipeline from the blocked-in shape to density, written down once.

    Parameters
    ----------
    mound : Mound
    voxel : float
        Metres.
    band : Band
        The whole of it.
    cells : Cells
        Bricks of the band; all of them where steps work on the surface, since these look at neighbours.
    stage : str, optional
        "distance", "displaced" or "density".
    ticket : Ticket, optional
    memories : Memories, optional
    begun : Begun, optional
        From `begun_at`, for these bricks at least.

    Returns
    -------
    ndarray of float32, shape (n, 512), or (values, low, high)
        Metres; for density with the least and the most in each brick.
    """
    coords = cells.coords
    memory = memories.distance if memories is not None else None
    quiet = ticket.quiet() if ticket is not None else None
    if stage == "distance" or begun is None:
        values, stamps, done = distance_in(band.shape, voxel, cells, ticket, memory), cells.stamps, 0
    else:
        values = begun.at(coords, lambda rows: distance_in(band.shape, voxel, chosen(cells, rows), quiet, memory))
        # What was begun depends on forms farther off.
        stamps, done = content_stamps(values) if memories is not None else None, begun.turns
    if stage == "distance":
        return values
    far = max(reaches(mound, voxel))
    before, after = (live_steps(mound.steps, late) for late in (False, True))
    values = stepped(values, coords, band.inside, voxel, before, far, quiet)
    # Once the surface was eased, what a brick holds depends on its neighbours too.
    memory = memories.noise if memories is not None and not before else None
    values = pushed(values, coords, voxel, mound.grains, landmarks_of(mound), quiet, memory, stamps,
                    out=values if memories is None else None, counting=_counting(mound, voxel, stage), done=done)
    values = stepped(values, coords, band.inside, voxel, after, far, quiet)
    if stage == "displaced":
        return values
    if memories is None or before or after or mound.skin.even:
        return _filled_in_turn(mound, voxel, coords, values)
    # A brick's density depends on what its distance does, and on these: then it need not be filled and worn away again.
    wearing = [*live(mound.grains, EDGE), *live_patches(mound.patches)]
    pushing, landmarks = live(mound.grains, SURFACE), landmarks_of(mound)
    parts = (*pushing, *wearing)
    about = (voxel, mound.mass.base, mound.mass.top, mound.skin, parts, landmarks.read_by(parts))
    density = memories.density.recalled(about, coords, stamps,
                                        lambda rows: _filled(mound, voxel, coords[rows], values[rows])[0])
    return density, density.min(axis=1), density.max(axis=1)


def _counting(mound, voxel, stage):
    """The displaced distances that change what comes of them."""
    if live_steps(mound.steps, True):
        return NarrowBand()
    if stage == "displaced":
        return NarrowBand(SURFACE_BAND * voxel, SURFACE_BAND * voxel)
    parts = (*live(mound.grains, EDGE), *live_patches(mound.patches))
    if any(mask.reads_distance for part in parts for mask in part.where):
        return NarrowBand(0.0)
    return NarrowBand(0.0, GRAPH["density"].reach(mound, voxel)[1] * (STEEPEST if mound.skin.even else 1.0))


def density_grid(mound, voxel, ticket=None, memories=None):
    """Density of a mound.

    Parameters
    ----------
    mound : Mound
    voxel : float
        Metres.
    ticket : Ticket, optional
    memories : Memories, optional
        Makes a build after an edit redo only what the edit touched, at four times the memory.

    Returns
    -------
    BrickGrid
        From 0 to the core density, background 0; its bricks hold the whole displaced cloud.

    Raises
    ------
    Problem
        When memory runs out.
    Stopped
        When the ticket was told to stop.
    """
    try:
        if ticket is not None:
            ticket.step(0.0, 0.1, "finding the bricks")
        band = band_for(mound, voxel, ticket=ticket)
        if ticket is not None:
            ticket.step(0.1, 1.0, "filling the voxels")
        work = _whole if memories is not None or live_steps(mound.steps) else _streamed
        coords, values, tiles, tile_values, inside = work(mound, voxel, band, ticket, memories)
        quiet = ticket.quiet() if ticket is not None else None
        deep = _deep(mound, voxel, inside, quiet)
        if len(deep[0]):  # else the pool, which may be most of the memory there is, stays where it is
            coords, values = np.concatenate([coords, deep[0]]), np.concatenate([values, deep[1]])
        grid = grid_of(voxel, coords, values, np.concatenate([tiles, deep[2]]), np.concatenate([tile_values, deep[3]]))
        grid = with_volumes(grid, mound.mass, quiet)
        for grain in live(mound.grains, MOVED):
            grid = moved_by(grid, grain, mound.skin, landmarks_of(mound), quiet)
        grid = kept_away(grid, mound.stand_ins, quiet)
        drop_crumbs(grid, mound.voxels.crumbs, quiet)
    except MemoryError as error:
        raise Problem(
            "Not enough memory for a voxel of {:g} m; choose a larger one.", voxel
        ) from error
    if ticket is not None:
        ticket.tick(1.0)
    return grid


def refinable(mound):
    """Whether single bricks of a mound can be made finer: where what a brick holds does not depend on its neighbours.

    Parameters
    ----------
    mound : Mound

    Returns
    -------
    bool
        False where steps work on its surface, density is moved about, or volumes join by density.
    """
    return not (live_steps(mound.steps) or live(mound.grains, MOVED) or density_volumes(mound.mass))


def density_in(mound, voxel, bricks, sampled, ticket=None):
    """Density of a mound in some bricks.

    Parameters
    ----------
    mound : Mound
        A `refinable` one.
    voxel : float
        Metres.
    bricks : ndarray of int32, shape (n, 3)
        Their coordinates, each once.
    sampled : float
        Voxel at which forms without a formula are sampled, metres.
    ticket : Ticket, optional

    Returns
    -------
    BrickGrid
        All these bricks: with voxels, or as tiles, also those that hold nothing.
    """
    outward, inward = reaches(mound, voxel)
    quiet = ticket.quiet() if ticket is not None else None
    # As the build at that voxel has sampled them: no form is converted again.
    shape = shape_of(mound.mass, sampled, max(reaches(mound, sampled)), quiet)
    band = band_of(mound.mass, voxel, outward, inward, quiet, wanted=bricks, shape=shape)
    coords, values, tiles, tile_values, inside = _streamed(mound, voxel, band, ticket, None)
    deep = _deep(mound, voxel, inside, quiet)
    coords, values = np.concatenate([coords, deep[0]]), np.concatenate([values, deep[1]])
    tiles, tile_values = np.concatenate([tiles, deep[2]]), np.concatenate([tile_values, deep[3]])
    nothing = bricks[~is_among(bricks, np.concatenate([coords, tiles]))]
    made = grid_of(voxel, coords, values, np.concatenate([tiles, nothing]),
                   np.concatenate([tile_values, np.zeros(len(nothing), np.float32)]))
    if not clearing(mound.stand_ins):
        return made
    made = kept_away(made, mound.stand_ins, quiet)
    there = np.concatenate([made.coords, made.tile_coords])
    nothing = bricks[~is_among(bricks, there)]
    return grid_of(voxel, made.coords, made.values, np.concatenate([made.tile_coords, nothing]),
                   np.concatenate([made.tile_values, np.zeros(len(nothing), np.float32)]))


def surface_triangles(mound, voxel, ticket=None):
    """The displaced surface, before its skin, as triangles.

    Parameters
    ----------
    mound : Mound
    voxel : float
        Metres.
    ticket : Ticket, optional

    Returns
    -------
    vertices : ndarray of float64, shape (n, 3)
        Metres.
    faces : ndarray of int32, shape (m, 3)
        Closed, anticlockwise seen from outside.

    Raises
    ------
    Problem
        When there is no surface.
    """
    band = band_for(mound, voxel, "displaced", ticket, SURFACE_BAND * voxel)
    begun = begun_at(mound, voxel, band.shape, band.cells.coords, "displaced", ticket)
    values = evaluated(mound, voxel, band, band.cells, "displaced", ticket, begun=begun)
    limit = SURFACE_BAND * voxel
    grid = grid_of(voxel, band.cells.coords, np.clip(values, -limit, limit), band.inside,
                   np.full(len(band.inside), -limit, np.float32), background=limit)
    vertices, faces = triangles_of(grid, 0.0, outward=True)
    if not len(faces):
        raise Problem("{}: there is no surface at this voxel; choose a smaller one.", mound.name)
    return vertices, faces


def _whole(mound, voxel, band, ticket, memories):
    begun, cells, deep = _narrowed(mound, voxel, band, ticket)
    return *_sorted_out(cells.coords, *evaluated(mound, voxel, band, cells, "density", ticket, memories, begun)), deep


def _narrowed(mound, voxel, band, ticket):
    """What is begun on wide voxels; the bricks of a band that still count then, and those that are deeper than that."""
    begun = begun_at(mound, voxel, band.shape, band.cells.coords, "density", ticket)
    if begun is None:
        return None, band.cells, band.inside
    counts, deep = begun.sorted_out(band.cells.coords, ticket.quiet() if ticket is not None else None)
    deep = np.concatenate([band.inside, band.cells.coords[deep]])
    return begun, chosen(band.cells, np.flatnonzero(counts)), deep


def _filled(mound, voxel, coords, displaced):
    """Density from displaced distance, which is overwritten, with what works on it voxel by voxel."""
    if mound.skin.even:
        evened(displaced, voxel, out=displaced)
    more = live(mound.grains, EDGE) or live_patches(mound.patches) or mound.skin.tone is not None
    if not more:
        return filled(displaced, coords, mound.skin, voxel, out=displaced)
    density, _, _ = filled(displaced, coords, mound.skin, voxel)
    worked(density, displaced, coords, voxel, mound.grains, mound.patches, mound.skin, landmarks_of(mound))
    return density, density.min(axis=1), density.max(axis=1)


def _filled_in_turn(mound, voxel, coords, displaced):
    """The same of any number of bricks, some at a time: what that takes besides would be several times all of them."""
    low, high = np.empty((2, len(coords)), np.float32)
    for part in chunks(len(coords), CHUNK):
        displaced[part], low[part], high[part] = _filled(mound, voxel, coords[part], displaced[part])
    return displaced, low, high


def _deep(mound, voxel, inside, ticket):
    """Bricks deeper than the band: those that carry voxels all the same, and tiles."""
    tiles, tile_values, passing, passing_values = inner(inside, mound.skin, voxel)
    some = touched(tiles, voxel, mound.grains, mound.patches)
    if mound.skin.tone is not None and not some.all():
        plain = np.repeat(tile_values[~some, None], LANES, axis=1)
        tile_values[~some] = worked(plain, plain, tiles[~some], voxel, (), (), mound.skin, landmarks_of(mound))[:, 0]
    more = np.concatenate([tiles[some], passing])
    values = np.concatenate([np.repeat(tile_values[some, None], LANES, axis=1), passing_values])
    if not (live(mound.grains, EDGE) or live_patches(mound.patches) or mound.skin.tone is not None):
        return more, values, tiles[~some], tile_values[~some]
    deep = np.full((min(CHUNK, len(more)), LANES), DEEP, np.float32)
    for part in chunks(len(more), CHUNK, ticket):
        worked(values[part], deep[: len(more[part])], more[part], voxel, mound.grains, mound.patches, mound.skin,
               landmarks_of(mound))
    return more, values, tiles[~some], tile_values[~some]


def _sorted_out(coords, density, low, high):
    """Bricks that hold something: those of many values and, as tiles, those of one."""
    even = low == high
    full = even & (high > 0.0)
    return coords[~even], density[~even], coords[full], high[full]


def _streamed(mound, voxel, band, ticket, _memories):
    begun, cells, deep = _narrowed(mound, voxel, band, ticket)
    coords = cells.coords
    # Pages of the pool that no brick reaches are never touched, so they cost nothing.
    pool = np.empty((len(coords), LANES), np.float32)
    found, kept = [[np.empty((0, 3), np.int32), np.empty((0, 3), np.int32), np.empty(0, np.float32)]], 0
    quiet = ticket.quiet() if ticket is not None else None

    def made(rows):
        part = chosen(cells, rows)
        return _sorted_out(part.coords, *evaluated(mound, voxel, band, part, "density", quiet, begun=begun))

    for own, density, tiles, tile_values in side_by_side(made, chunks(len(coords), CHUNK, ticket)):
        pool[kept : kept + len(own)] = density
        kept += len(own)
        found.append([own, tiles, tile_values])
    own, tiles, tile_values = (np.concatenate(parts) for parts in zip(*found))
    return own, pool[:kept], tiles, tile_values, deep
