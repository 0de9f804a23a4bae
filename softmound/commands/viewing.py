"""From where a picture is taken: the options that all actions with a camera share, and the view they make."""

from ..core.problems import Problem
from . import arguments


def looking(parser):
    """Add the options.

    Parameters
    ----------
    parser : argparse.ArgumentParser
    """
    parser.add_argument("--fit", action="store_true",
                        help="from so far away that all of the cloud is seen; done as well where no view was ever chosen")
    parser.add_argument("--distance", type=arguments.distance, metavar="M", help="of the eye from what it looks at, metres")
    parser.add_argument("--target", type=arguments.place, metavar="X,Y,Z", help="what it looks at, metres")
    parser.add_argument("--focal", type=arguments.focal, metavar="MM", help="focal length, on a film back 36 mm wide")


def kept_or_turned(mound, text):
    """The view that a text names.

    Parameters
    ----------
    mound : Mound
    text : str
        Name of a kept view, or azimuth and elevation, at which the mound is looked at from as far away as before.

    Returns
    -------
    View

    Raises
    ------
    Problem
        If it is neither.
    """
    kept = next((k.view for k in mound.views if k.name == text), None)
    if kept is not None:
        return kept
    try:
        azimuth, elevation = arguments.direction(text)
        return mound.view.edited(azimuth=azimuth, elevation=elevation)
    except ValueError:
        names = ", ".join(k.name for k in mound.views) or "none yet"
        raise Problem("There is no view {!r}; give azimuth,elevation in degrees, the elevation from -89 to 89, or a "
                      "kept view ({}).", text, names) from None


def view_of(args, view, bounds, turns=(0.0,), chosen=False):
    """A view as the options say.

    Parameters
    ----------
    args : argparse.Namespace
        With the options of `looking` and `size`.
    view : View
    bounds : callable
        Gives the box to be seen, corners in metres, when it is wanted; or None.
    turns : sequence of float, optional
        Degrees by which it is turned while pictures are taken: fitted at all of them.
    chosen : bool, optional
        Somebody chose the view, though it is the one that all begin with.

    Returns
    -------
    View
    """
    from ..core.engine.framing import untouched
    from ..core.light.scene.camera import fitted

    never_set = not chosen and untouched(view)
    if args.focal is not None:
        view = view.edited(focal=args.focal)
    if args.fit or never_set and args.distance is None and args.target is None:
        box = bounds()
        if box is not None:
            fits = [fitted(view.edited(azimuth=(view.azimuth + turn + 180.0) % 360.0 - 180.0), *box, *args.size) for turn in turns]
            view = view.edited(target=fits[0].target, distance=max(fit.distance for fit in fits))
    changes = {name: value for name, value in (("distance", args.distance), ("target", args.target)) if value is not None}
    return view.edited(**changes)
