"""Light groups: sun, sky, what is below, the cloud's own glow, and lamps by name; and the mixer's faders on them.

Light adds up, so a picture is the sum of those that each group makes alone. Whatever reads the sun, the sky, lamps or glow of a
`Light` reads them as they are mixed; what keeps the groups apart takes an `unmixed` light, and mixes what comes of it with
`factors`.
"""

from dataclasses import replace

import numpy as np

from ...problems import Problem
from ...recipe import Fader

SUN, SKY, BELOW, GLOW = range(4)
"""Numbers of the groups that every light has; those of lamps follow."""
FIXED = ("sun", "sky", "below", "glow")
"""Their names."""
MOST_OF_LAMPS, OTHERS = 8, "other lamps"
"""Light groups of lamps, at most: each takes memory in every pixel. Those of lamps beyond are one, of this name."""


def group_of(lamp, names):
    """Name of the light group of a lamp.

    Parameters
    ----------
    lamp : Lamp
    names : sequence of str
        Of all groups of its light, from `groups_of`.

    Returns
    -------
    str
    """
    name = _named(lamp)
    return name if name in names else OTHERS


def _named(lamp):
    """That of a lamp's group, or its own; never one of those that are no lamps."""
    name = lamp.group or lamp.name
    return f"{name} lamp" if name in FIXED else name


def groups_of(light):
    """Names of all light groups.

    Parameters
    ----------
    light : Light

    Returns
    -------
    tuple of str
        Sun, sky, below, glow, then those of the lamps that are on, in their order; beyond so many the rest together.
    """
    lamps = list(dict.fromkeys(_named(lamp) for lamp in light.lamps if lamp.on))
    return *FIXED, *(lamps if len(lamps) <= MOST_OF_LAMPS else (*lamps[: MOST_OF_LAMPS - 1], OTHERS))


def shining(light, media):
    """Names of the light groups that have any light.

    Parameters
    ----------
    light : Light
    media : sequence of Medium
        Of the clouds.

    Returns
    -------
    tuple of str
        As of `groups_of`, without a sun, a sky or a glow of strength 0.
    """
    lit = {"sun": light.sun.strength > 0.0, "sky": light.sky.strength > 0.0,
           "below": light.sky.strength > 0.0 or light.floor.kind != "none" and light.sun.strength > 0.0,
           "glow": any(medium.glow_strength > 0.0 for medium in media)}
    return tuple(name for name in groups_of(light) if lit.get(name, True))


def factors(light, names):
    """What the light of groups is multiplied by.

    Parameters
    ----------
    light : Light
        Of which the faders count.
    names : sequence of str

    Returns
    -------
    ndarray of float32, shape (n, 3)
        Red, green and blue.
    """
    there = groups_of(light) if light.mix else ()
    # A lamp that is gone, or off, must not keep all others dark.
    alone = any(fader.solo and fader.group in there for fader in light.mix)
    by_name = {fader.group: fader for fader in light.mix}

    def factor(name):
        fader = by_name.get(name)
        if fader is None:
            return np.zeros(3) if alone else np.ones(3)
        return np.zeros(3) if fader.muted or alone and not fader.solo else fader.level * np.asarray(fader.tint)

    return np.array([factor(name) for name in names], np.float32).reshape(-1, 3)


def unmixed(light):
    """A light with all of each group.

    Parameters
    ----------
    light : Light

    Returns
    -------
    Light
    """
    return light.edited(mix=()) if light.mix else light


def with_fader(light, group, **changes):
    """A light with another fader on a group.

    Parameters
    ----------
    light : Light
    group : str
    **changes
        Fields of `Fader`.

    Returns
    -------
    Light
        A fader that changes nothing is left out.
    """
    before = next((fader for fader in light.mix if fader.group == group), Fader(group=group))
    after = before.edited(**changes)
    rest = tuple(fader for fader in light.mix if fader.group != group)
    return light.edited(mix=rest if after == Fader(group=group) else (*rest, after))


def mixed_light(light, asked):
    """A light as it was asked to be mixed.

    Parameters
    ----------
    light : Light
    asked : sequence of (str, float, tuple of float)
        Light groups, how many times their light is mixed in, and its tint.

    Returns
    -------
    Light

    Raises
    ------
    Problem
        If there is no such light group.
    """
    there = groups_of(light)
    for name, level, tint in asked or ():
        if name not in there:
            raise Problem("There is no light group {!r}; there are {}.", name, ", ".join(there))
        light = with_fader(light, name, level=level, tint=tint, muted=False)
    return light


def alone_in(scene, group):
    """A scene in the light of one light group.

    Parameters
    ----------
    scene : Scene
    group : str

    Returns
    -------
    Scene
    """
    light = scene.light.edited(mix=(Fader(group=group, solo=True),))
    if group == FIXED[GLOW]:
        return scene.under(light)
    return scene.under(light, lambda medium: medium.edited(glow_strength=0.0))


def glowing(clouds, light):
    """Clouds whose glow is as it is mixed.

    Parameters
    ----------
    clouds : sequence of PlacedCloud
    light : Light

    Returns
    -------
    tuple of PlacedCloud
    """
    glow = tuple(factors(light, FIXED)[GLOW].tolist())
    return tuple(cloud if cloud.glow == glow else replace(cloud, glow=glow) for cloud in clouds)
