"""Decks and hazes: media to the horizon, as placed clouds like any other.

A deck is laid of tiles. Each tile is made once and stands in many places: of noise that is the same on both sides of every
border, whichever tile lies beyond it. So there is no seam, and with several kinds of tile no pattern that comes again and again.
Where one noise gives way to another each counts by a share whose squares sum to one, since independent noises add up their
variances: a blend is then as uneven as what it is made of.
"""

import math

import numpy as np

from ..budget import MEMORY, remembered
from ..directions import rotation_matrix
from ..light.scene.air import KOSCHMIEDER
from ..light.scene.scene import PlacedCloud, Placing
from ..noise.sums import mean_of, noise_points
from ..recipe import Medium, Noise
from ..volume.windows import grid_of_dense

KINDS = 3
"""Different tiles of a deck."""
TILE = 8.0
"""Lumps along a tile."""
FINE, HIGH = 448, 56
"""Voxels along a tile, and from its underside to its crests, at most."""
LEAST = 12
"""Voxels along a tile at least."""
ACROSS = 60
"""Tiles from side to side at most: a deck of small lumps that reaches far has larger tiles."""
ROUGH = 0.34
"""How far its detail goes in and out, in widths of a lump."""
BORDER = 0.3
"""Share of a tile over which the noise of all tiles gives way to its own."""
AT_ONCE = 131_072
"""Places whose noise is asked for at once."""
ALONG_HAZE = 192
"""Voxels along a haze."""
RIM = 0.15
"""Share of the way to its middle over which a haze begins."""


def _smooth(share):
    share = np.clip(share, 0.0, 1.0)
    return share * share * (3.0 - 2.0 * share)


def _noise_at(noise, x, y, z, ticket=None):
    """A noise less its mean on a lattice of places: ndarray of float32, shape (X, Y, Z)."""
    out = np.empty((len(x), len(y), len(z)), np.float32)
    # Some slabs at a time: places take three times what is made of them, and a few of them keep no thread busy.
    many = max(1, AT_ONCE // (len(y) * len(z)))
    for first in range(0, len(x), many):
        if ticket is not None:
            ticket.tick(first / len(x))
        some = np.meshgrid(x[first : first + many], y, z, indexing="ij")
        places = np.stack(some, axis=-1).reshape(-1, 3).astype(np.float32)
        out[first : first + many] = noise_points(places, noise).reshape(some[0].shape)
    return out - np.float32(mean_of(noise))


def _repeated(noise, x, y, z, wide, ticket):
    """A noise that is the same a tile farther along x and z."""
    total = np.zeros((len(x), len(y), len(z)), np.float32)
    turns = [np.pi / 2.0 * _smooth(a / w) for a, w in zip((x, z), wide)]
    shares = [(np.cos(turn).astype(np.float32), np.sin(turn).astype(np.float32)) for turn in turns]
    for i in (0, 1):
        for j in (0, 1):
            part = _noise_at(noise, x - i * wide[0], y, z - j * wide[1], ticket)
            total += part * shares[0][i][:, None, None] * shares[1][j][None, None, :]
    return total


def _of_tile(noise, own, x, y, z, wide, ticket):
    """A noise of all tiles at the border, and a tile's own within."""
    near = np.minimum(np.minimum(x, wide[0] - x)[:, None], np.minimum(z, wide[1] - z)[None, :]) / (BORDER * min(wide))
    turn = (np.pi / 2.0 * _smooth(near))[:, None, :]
    shared = _repeated(noise, x, y, z, wide, ticket)
    return (shared * np.cos(turn) + _noise_at(own, x, y, z, ticket) * np.sin(turn)).astype(np.float32)


def _widths(deck):
    """Voxels of a tile of a deck across the wind and along it, and the voxel in metres."""
    short = max(TILE * deck.lumps, 2.0 * deck.reach / ACROSS)
    long = short * deck.stretched
    voxel = max(long / FINE, (1.35 * deck.thickness + deck.waves) / HIGH)
    return max(math.ceil(short / voxel), LEAST), max(math.ceil(long / voxel), LEAST), voxel


def tile(deck, kind, ticket=None):
    """A tile of a deck.

    Parameters
    ----------
    deck : Deck
        Its altitude, direction and density do not matter.
    kind : int
    ticket : Ticket, optional

    Returns
    -------
    BrickGrid
        Its own metres: from 0 along x and z, along the wind not yet stretched; 0 is the underside.
    """
    shape = _shape_of(deck)
    return MEMORY.get_or_make((f"{__name__}.tile", shape, kind), lambda: _tile(shape, kind, ticket), lambda grid: grid.nbytes)


def _shape_of(deck):
    """A deck without what does not change its tiles: kept ones serve it too."""
    near = 2.0 * deck.reach / ACROSS <= TILE * deck.lumps
    return deck.edited(name="Deck", altitude=0.0, along=0.0, density=0.03, hidden=False, reach=100.0 if near else deck.reach)


def _tile(deck, kind, ticket):
    across, along, voxel = _widths(deck)
    wide = across * voxel, along * voxel
    x, z = np.arange(across) * voxel, np.arange(along) * voxel
    y = (np.arange(math.ceil((1.35 * deck.thickness + deck.waves) / voxel) + 4) - 2) * voxel
    seeds = [(deck.seed * 101 + n * 17) % 2**31 for n in range(8)]

    def layered(n, at, feature, **more):
        noises = [Noise(seed=(seeds[n] + own) % 2**31, feature=min(feature, 20_000.0), stretch=(1.0, 1.0, deck.stretched), **more)
                  for own in (0, (1 + kind) * 7919)]
        return _of_tile(*noises, x, at, z, wide, ticket)

    flat = np.zeros(1)
    # What is covered, then domes on it, then detail all through.
    broad = layered(0, flat, 2.6 * deck.lumps, octaves=4, gain=0.55)[:, 0, :]
    domes = layered(1, flat, deck.lumps, kind="cellular", inverted=True, octaves=3, gain=0.45)[:, 0, :]
    under = layered(2, flat, 1.3 * deck.lumps, octaves=3)[:, 0, :]
    fine = layered(3, y, 0.5 * deck.lumps, summed="folded", octaves=6, gain=0.55)
    level = float(np.quantile(_broad_of(deck), 1.0 - deck.cover)) if deck.cover < 1.0 else -np.inf
    held = _smooth((broad - level) / 0.10 + 0.5) if deck.cover < 1.0 else np.ones_like(broad)
    # Crests come in whole numbers, so that they go on in the next tile.
    waves = max(1, round(wide[1] / deck.wavelength))
    crest = 0.5 * deck.waves * (1.0 + np.sin(2.0 * np.pi * waves * z / wide[1]))[None, :]
    top = deck.thickness * (0.55 + 0.9 * domes) * held + crest
    low = 0.08 * deck.thickness * under + 0.4 * crest
    edge = np.minimum(top[:, None, :] - y[None, :, None], y[None, :, None] - low[:, None, :])
    edge = edge - ROUGH * deck.lumps * (fine + 0.08) * np.clip(edge / (0.2 * deck.thickness) + 1.0, 0.0, 1.0)
    edge -= (1.0 - held)[:, None, :] * deck.thickness
    density = np.clip(edge / max(0.06 * deck.thickness, 2.0 * voxel), 0.0, 1.0)
    # One voxel of nothing all round: beyond the last one it falls off just as the next tile begins.
    return grid_of_dense(np.pad(density.astype(np.float32), 1), voxel, (-voxel, y[0] - voxel, -voxel))


@remembered
def _broad_of(deck):
    """What is covered, at places that stand for all."""
    places = np.stack(np.meshgrid(np.arange(48), [0.0], np.arange(48), indexing="ij"), -1).reshape(-1, 3) * 0.9 * deck.lumps
    noise = Noise(seed=5, feature=2.6 * deck.lumps, octaves=4, gain=0.55)
    return noise_points(places, noise) - np.float32(mean_of(noise))


def _laid(deck):
    """Where the tiles of a deck lie, in tiles across the wind and along it from the middle one, and the kind of each."""
    across, along, voxel = _widths(deck)
    wide, long = across * voxel, along * voxel
    rows, columns = (math.ceil(deck.reach / w) + 1 for w in (wide, long))
    kinds = np.random.default_rng(deck.seed).integers(0, KINDS, (2 * rows + 1, 2 * columns + 1))
    # A tile of which a corner would only just be reached is left out.
    return [(i, j, int(kinds[i + rows, j + columns])) for i in range(-rows, rows + 1) for j in range(-columns, columns + 1)
            if math.hypot(max(abs(i) - 0.3, 0.0) * wide, max(abs(j) - 0.3, 0.0) * long) <= deck.reach]


def deck_clouds(deck, ticket=None):
    """A deck as placed clouds.

    Parameters
    ----------
    deck : Deck
    ticket : Ticket, optional

    Returns
    -------
    list of PlacedCloud
    """
    shape = _shape_of(deck)
    across, along, voxel = _widths(deck)
    wide, long = across * voxel, along * voxel
    turn = rotation_matrix((0.0, deck.along, 0.0))
    medium = Medium(extinction=deck.density)
    # Held here: each is asked for again and again, and need not be kept between two of them.
    found, tiles, key = [], {}, f"deck {shape!r}"
    for i, j, kind in _laid(deck):
        if kind not in tiles:
            tiles[kind] = tile(shape, kind, ticket)
        place = turn @ np.array([(i - 0.5) * wide, 0.0, (j - 0.5) * long]) + np.array([0.0, deck.altitude, 0.0])
        found.append(PlacedCloud(tiles[kind], medium, Placing(place, turn), key=f"{key} {kind}", layer=True, name=deck.name))
    return found


@remembered
def _hazy(shape):
    haze = shape
    half = np.array(haze.size) / 2.0 if haze.boxed else np.full(2, haze.reach)
    centre = haze.centre if haze.boxed else (0.0, 0.0)
    tall = haze.high - haze.low
    voxel = max(2.0 * float(half.max()) / ALONG_HAZE, min(haze.falls / 8.0, tall / 16.0), tall / 64.0)
    half = np.maximum(half, voxel)  # what is narrower would fall between the voxels
    counts = [math.ceil(2.0 * h / voxel) + 3 for h in half] if haze.boxed else [math.ceil(2.0 * haze.reach / voxel) + 1] * 2
    x, z = (c + (np.arange(count) - (count - 1) / 2.0) * voxel for c, count in zip(centre, counts))
    y = haze.low + (np.arange(math.ceil(tall / voxel) + 2) - 1) * voxel
    if haze.boxed:
        within = [_smooth((h + voxel / 2.0 - np.abs(a - c)) / max(RIM * h, voxel)) for h, a, c in zip(half, (x, z), centre)]
        rim = within[0][:, None] * within[1][None, :]
    else:
        rim = _smooth((haze.reach - np.hypot(x[:, None], z[None, :])) / (RIM * haze.reach))
    above = np.exp(-np.maximum(y - haze.low, 0.0) / haze.falls) * _smooth((haze.high - y) / (0.2 * tall))
    if haze.boxed:
        above = above * (y > haze.low - voxel / 2.0)
    density = rim[:, None, :] * above[None, :, None]
    if haze.uneven > 0.0:
        # Lumps of a haze may be wider than features of a grain may be: flat ones are high ones drawn out.
        noise = Noise(feature=0.4 * haze.lumps, octaves=4, seed=haze.seed, stretch=(2.5, 1.0, 2.5))
        density *= np.maximum(1.0 + 1.6 * haze.uneven * _noise_at(noise, x, y, z), 0.0)
    return grid_of_dense(density.astype(np.float32), voxel, (x[0], y[0], z[0]))


def haze_cloud(haze):
    """A haze as a placed cloud.

    Parameters
    ----------
    haze : Haze

    Returns
    -------
    PlacedCloud
        The visibility is that at its lowest, by Koschmieder (1924): contrast of 2 %.
    """
    shape = haze.edited(name="Haze", visibility=30.0, hidden=False)
    medium = Medium(extinction=min(max(KOSCHMIEDER / (1000.0 * haze.visibility), 1e-4), 100.0), anisotropy=0.75)
    return PlacedCloud(_hazy(shape), medium, key=f"haze {shape!r}", layer=True, name=haze.name)


def layers_known(flock):
    """Whether what takes long of all layers of a flock that are not hidden is in memory: bool."""
    return all(MEMORY.get((f"{__name__}.tile", _shape_of(deck), kind)) is not None
               for deck in flock.decks if not deck.hidden for kind in {kind for _, _, kind in _laid(deck)})


def layer_clouds(flock, ticket=None):
    """All decks and hazes of a flock that are not hidden, as placed clouds.

    Parameters
    ----------
    flock : Flock
    ticket : Ticket, optional

    Returns
    -------
    list of PlacedCloud
    """
    found = [cloud for deck in flock.decks if not deck.hidden for cloud in deck_clouds(deck, ticket)]
    return found + [haze_cloud(haze) for haze in flock.hazes if not haze.hidden]
