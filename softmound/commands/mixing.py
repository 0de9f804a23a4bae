"""Light groups and layers on the command line: the options that pictures share, and what they ask for."""

from . import arguments


def mixing(parser, layers=True):
    """Add the options.

    Parameters
    ----------
    parser : argparse.ArgumentParser
    layers : bool, optional
        Of a picture that may be in layers.
    """
    parser.add_argument("--groups", nargs="+", type=arguments.group_level, metavar="NAME=FACTOR[,R,G,B]",
                        help="light of light groups, so many times and tinted: sun, sky, below, glow, lamps by name")
    if not layers:
        return
    parser.add_argument("--layers", metavar="all|NAME,NAME", help="EXR: layers for compositing: beauty, groups, orders, depth, "
                        "first_depth, optical_depth, position, normal, motion, shadow, matte")


def layers_asked(text, scene, true, motion=None):
    """Names of the layers that were asked for.

    Parameters
    ----------
    text : str
        "all" stands for all that the picture can have.
    scene : Scene
    true : bool
        Whether it is by True light.
    motion : Motion, optional

    Returns
    -------
    list of str
    """
    from ..core.engine.layers import ALL, possible

    return possible(scene, true, motion) if text == ALL else text.split(",")
