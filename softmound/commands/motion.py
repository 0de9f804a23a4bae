"""Actions on clouds that move: frames, grow, freeze, stream."""

import os
import pathlib

from .. import interrupting
from ..core.aside import shown
from ..core.problems import Problem
from . import arguments
from .common import UNITS, Progress, action, changes_of, check_outputs, check_sequence, foretold, print_facts, ticket_for
from .viewing import kept_or_turned, looking, view_of


def add_to(actions):
    """Add the actions.

    Parameters
    ----------
    actions : argparse subparsers
    """
    frames = action(actions, "frames", _frames, "write numbered OpenVDB frames of a mound that moves", """
        frames loaf.mound --out loaf_frames --range 1-48
        frames loaf.mound --out loaf_frames --range 1-96 --voxel 1.5 --workers 2
        frames loaf.mound --out loaf_frames --velocity""", writes=True)
    frames.add_argument("mound", metavar="X.mound", help="with a time line; without one its grains evolve at 24 frames a second")
    frames.add_argument("--out", metavar="DIR", required=True)
    frames.add_argument("--range", type=arguments.frame_range, metavar="A-B", help="default the whole line")
    frames.add_argument("--voxel", type=arguments.metres, metavar="M", help="default the draft voxel")
    frames.add_argument("--workers", type=arguments.frames, default=1, metavar="N", help="processes that share the frames")
    frames.add_argument("--velocity", action="store_true", help="with velocity in m/s, by how forms move, for motion blur")

    film = action(actions, "film", _film, "a film of a mound that moves, or of a growth", """
        film loaf.mound --out loaf.mp4
        film loaf.mound --out loaf_pictures --range 1-48 --size 1920x1080 --kind exr
        film loaf.mound --out through.mp4 --along front gap inside --frames 120
        film loaf.mound --growth loaf_growth --out rising.mp4 --true --noise 0.06""", writes=True)
    film.add_argument("mound", metavar="X.mound", help="its light and view; with a time line, or with --growth")
    film.add_argument("--out", metavar="FILM|FOLDER", required=True)
    film.add_argument("--growth", metavar="DIR", help="frames of this growth rather than those of the line")
    film.add_argument("--range", type=arguments.frame_range, metavar="A-B", help="default all of them")
    film.add_argument("--along", nargs="+", metavar="NAME|AZ,EL", help="the camera goes from one view to the next, kept ones or "
                      "directions, instead of the mound's camera path")
    film.add_argument("--frames", type=arguments.frames, metavar="N", help="with --along, of what has no time line; default 48")
    film.add_argument("--voxel", type=arguments.metres, metavar="M", help="default as fine as a pixel shows; a growth has its own")
    film.add_argument("--quick", action="store_true", help="with the mound's draft voxel, which takes less time")
    film.add_argument("--size", type=arguments.size, default=(1280, 720), metavar="WxH")
    film.add_argument("--true", action="store_true", help="True light")
    film.add_argument("--noise", type=arguments.noise, default=0.05, metavar="N", help="of True light")
    film.add_argument("--passes", type=arguments.frames, default=4, metavar="N", help="of Draft light")
    film.add_argument("--kind", choices=("png", "exr"), default="png", help="of pictures in a folder")
    looking(film)

    move = action(actions, "move", _move, "let a form of a mound move as numbered files do", """
        move loaf.mound --form Loaf --files walk.####.obj --out walking.mound
        move loaf.mound --form Spray --files spray.####.ply --slowed 2 --beyond looped --out loaf.mound --force
        move loaf.mound --form Dancer --files dancer.usda --offset 12 --out loaf.mound --force""", writes=True)
    move.add_argument("mound", metavar="X.mound")
    move.add_argument("--form", required=True, metavar="NAME", help="a mesh, a point set, a volume, or a model that stands in")
    move.add_argument("--files", metavar="PATTERN", help="numbered .obj, .ply, .glb, .csv, .npz or .vdb, or a .usd with time "
                      "samples; without it stands still again")
    move.add_argument("--offset", type=int, default=0, metavar="N", help="frames by which it begins later")
    move.add_argument("--slowed", type=arguments.slowed, default=1.0, metavar="N", help="so many times as long")
    move.add_argument("--beyond", choices=("held", "looped"), default="held", help="before its first and after its last file")
    move.add_argument("--unit", choices=UNITS, default="m", help="of the files' numbers")
    move.add_argument("--up", choices=("y", "z"), default="y", help="their up axis")
    move.add_argument("--out", required=True, metavar="Y.mound")

    grow = action(actions, "grow", _grow, "let smoke and cloud rise from the form of a mound", """
        grow loaf.mound --out loaf_growth --seconds 4
        grow loaf.mound --out loaf_growth --seconds 4 --voxel 4 --seed 7 --set heat=2 --sounding capped
        grow loaf.mound --out loaf_growth --go-on
        grow loaf.mound --out loaf_growth --from 36 --set heat=3
        grow loaf.mound --out loaf_growth --vdb loaf_growth_vdb --velocity""", writes=True)
    grow.add_argument("mound", metavar="X.mound")
    grow.add_argument("--out", metavar="DIR", required=True, help="folder of the frames")
    grow.add_argument("--seconds", type=arguments.seconds, metavar="S", help="of the film")
    grow.add_argument("--voxel", type=arguments.metres, metavar="M", help="edge of a cell; default a 64th of the span")
    grow.add_argument("--rate", type=arguments.rate, default=24.0, metavar="N", help="frames a second")
    grow.add_argument("--seed", type=arguments.seed, metavar="N")
    grow.add_argument("--sounding", choices=("fair", "towering", "capped", "none"), help="the air it grows in; none is as warm "
                      "everywhere, and dry")
    grow.add_argument("--set", action="append", default=[], metavar="WHAT=VALUE", help="one number of the growth; again for more")
    grow.add_argument("--go-on", action="store_true", help="go on where the same growth was stopped")
    grow.add_argument("--from", type=arguments.whole, dest="since", metavar="N", help="go on from this frame, perhaps by other "
                      "numbers; what comes after it is replaced")
    grow.add_argument("--of", metavar="DIR", help="with --from: of the growth in this folder, which stays as it is")
    grow.add_argument("--library", metavar="DIR", help="take its frames into this library as a sequence, as well")
    grow.add_argument("--vdb", metavar="DIR", help="write numbered OpenVDB frames as well")
    grow.add_argument("--velocity", action="store_true", help="with velocity in m/s in these, in the middles of cells")
    grow.add_argument("--finer", type=arguments.frames, default=2, metavar="N", help="voxels of these along a cell")
    grow.add_argument("--workers", type=arguments.frames, default=1, metavar="N", help="processes that share these frames")

    freeze = action(actions, "freeze", _freeze, "keep a frame of a growth as a form, refined by detail that rides on its flow", """
        freeze loaf_growth --frame 60 --out risen.mound
        freeze loaf_growth --frame 60 --out risen.mound --finer 4 --detail 0.9""", writes=True)
    freeze.add_argument("growth", metavar="DIR")
    freeze.add_argument("--frame", type=arguments.whole, metavar="N", help="default the last")
    freeze.add_argument("--out", metavar="Y.mound", required=True)
    freeze.add_argument("--finer", type=arguments.frames, default=2, metavar="N", help="so many voxels along a cell")
    freeze.add_argument("--detail", type=arguments.share, metavar="S", help="how far edges roll up in whirls finer than the cells; "
                        "default as the growth says")
    freeze.add_argument("--seed", type=arguments.seed, default=1, metavar="N")

    stream = action(actions, "stream", _stream, "draw a finished cloud out along the frozen flow of a growth", """
        stream loaf.mound --growth loaf_growth --seconds 0.4 --out wisps.vdb""", writes=True)
    stream.add_argument("mound", metavar="X.mound")
    stream.add_argument("--growth", metavar="DIR", required=True)
    stream.add_argument("--frame", type=arguments.whole, metavar="N", help="default the last")
    stream.add_argument("--seconds", type=arguments.seconds, required=True, metavar="S", help="of the film")
    stream.add_argument("--voxel", type=arguments.metres, metavar="M", help="default the draft voxel")
    stream.add_argument("--out", metavar="Y.vdb", required=True)


def _move(args):
    from ..core.exchange.sequences import mound_at, numbers_of_files
    from ..core.recipe import read_mound, write_mound
    from ..core.recipe.sequence import Sequence
    from ..core.recipe.time import TimeLine

    check_outputs(args, [], out=(args.out, (".mound",)))
    mound, out = read_mound(args.mound), pathlib.Path(args.out).absolute().parent
    moving = (*mound.mass.forms, *mound.stand_ins)
    forms = [form for form in moving if form.name == args.form]
    if not forms or "sequence" not in type(forms[0]).model_fields:
        there = ", ".join(f.name for f in moving if "sequence" in type(f).model_fields) or "none"
        raise Problem("{}: has no mesh, point set, volume or model called {!r}; there are {}.",
                      shown(args.mound), args.form, there)
    sequence, numbers, missing = None, [], ()
    if args.files is not None:
        files = os.path.relpath(pathlib.Path(args.files).absolute(), out)
        sequence = Sequence(files=files, offset=args.offset, slowed=args.slowed, beyond=args.beyond, unit=args.unit, up=args.up)
        numbers, missing = numbers_of_files(sequence, out)
    moved = [form.edited(sequence=sequence) if form is forms[0] else form for form in moving]
    count = len(mound.mass.forms)
    mound = mound.edited(mass=mound.mass.edited(forms=tuple(moved[:count])), stand_ins=tuple(moved[count:]))
    if sequence is not None:
        line = mound.time or TimeLine(last=max(len(numbers), 2))
        mound = mound.edited(time=line)
        for frame in (line.first, line.last):
            mound_at(mound, frame, out)  # what cannot be read is told now
    if not args.dry_run:
        write_mound(args.out, mound)
    print_facts({"file": str(args.out), "form": args.form, "files": len(numbers), "missing": list(missing)}, args)


def _frames(args):
    from ..core.engine.line_frames import frames_foretold, frames_written
    from ..core.recipe import read_mound
    from ..core.recipe.time import TimeLine

    mound = read_mound(args.mound)
    if mound.time is None:
        first, last = args.range or (1, TimeLine().last)
        mound = mound.edited(time=TimeLine(first=first, last=last))
    first, last = args.range or (mound.time.first, mound.time.last)
    out = pathlib.Path(args.out)
    if args.dry_run:
        folder = pathlib.Path(args.mound).absolute().parent
        print_facts(frames_foretold(mound, out, range(first, last + 1), args.voxel, folder, args.velocity), args)
        return
    interrupting.stays(f"whole frames stay in {shown(out)}")
    with Progress(args) as progress:
        facts = frames_written(mound, out, range(first, last + 1), args.voxel, args.workers, args.force, ticket_for(progress),
                               pathlib.Path(args.mound).absolute().parent, args.velocity)
    print_facts(facts, args)


def _film(args):
    from ..core.engine.density import draft_voxel
    from ..core.engine.films import film_of_line
    from ..core.engine.stills import Taking
    from ..core.exchange.sequences import mound_at
    from ..core.growth.films import film_of_growth
    from ..core.growth.kept import KeptGrowth
    from ..core.recipe import read_mound
    from ..core.recipe.camera_path import evenly
    from ..core.recipe.time import TimeLine

    out = pathlib.Path(args.out)
    check_sequence(args, [args.mound], out)
    mound, kept = read_mound(args.mound), None if args.growth is None else KeptGrowth(args.growth)
    if kept is None and mound.time is None:
        if args.along is None:
            raise Problem("{}: has no time line and stands still; give it one, say --growth DIR, or let the camera "
                          "move by --along VIEW VIEW.", shown(args.mound))
        mound = mound.edited(time=TimeLine(last=args.frames or TimeLine().last))
    elif args.frames is not None:
        raise Problem("--frames is for a mound without a time line; choose frames by --range.")
    line = mound.time
    numbers = kept.numbers() if kept is not None else list(range(line.first, line.last + 1))
    if args.range is not None:
        numbers = [n for n in numbers if args.range[0] <= n <= args.range[1]]
    if not numbers:
        raise Problem("{}: has no frame in that range; choose another.", shown(args.growth or args.mound))
    missing = kept.missing(numbers) if kept is not None else []
    if missing:
        raise Problem("{}: frame {} is missing ({} in all), and without it a film would run too fast there; let it "
                      "grow again, or choose frames before or after by --range.",
                      shown(args.growth), missing[0], len(missing))
    if args.dry_run:
        foretold(args, [out])
        return
    taking = Taking(*args.size, true=args.true, noise=args.noise, passes=args.passes)
    folder = pathlib.Path(args.mound).absolute().parent
    if args.along is not None:
        chosen, box = {each.name for each in mound.views}, _seen_in(mound, kept, numbers, folder)
        views = [view_of(args, kept_or_turned(mound, text), lambda: box, chosen=text in chosen) for text in args.along]
        mound = mound.edited(path=evenly(views, numbers[0], numbers[-1]))
    elif args.fit or any(getattr(args, name) is not None for name in ("distance", "target", "focal")):
        mound = mound.edited(path=())
    if not mound.path:
        mound = mound.edited(view=view_of(args, mound.view, lambda: _seen_in(mound, kept, numbers, folder)))
    with Progress(args) as progress:
        ticket = ticket_for(progress)
        if kept is not None:
            written = film_of_growth(out, kept, mound.light, mound.view, taking, numbers, args.kind, ticket, mound.path,
                                     mound.stand_ins)
        else:
            voxel = args.voxel or (draft_voxel(mound_at(mound, numbers[0], folder)) if args.quick else None)
            written = film_of_line(out, mound, numbers, taking, voxel, folder, args.kind, ticket)
    print_facts({"file": str(out), "pictures": len(numbers), "written": written}, args)


def _seen_in(mound, kept, numbers, folder):
    """Box that holds what is seen at the first, the middle and the last of some frames; None where there is nothing."""
    import numpy as np

    from ..core.engine.density import bounds_of
    from ..core.exchange.sequences import mound_at
    from ..core.recipe.timing import some_of

    boxes = []
    for number in some_of(numbers):
        if kept is None:
            boxes.append(bounds_of(mound_at(mound, number, folder)))
        else:
            grown = kept.frame(number)
            boxes.append(grown.box if grown.cloud.any() else None)
    boxes = np.array([box for box in boxes if box is not None])
    return (boxes[:, 0].min(axis=0), boxes[:, 1].max(axis=0)) if len(boxes) else None


def _grow(args):
    from pydantic import ValidationError

    from ..core.growth.frames import growth_written
    from ..core.growth.growing import foretold_growth, grown
    from ..core.growth.published import growth_published
    from ..core.growth.source import growth_for, in_even_air
    from ..core.problems import sentence_for
    from ..core.recipe import read_mound
    from ..core.recipe.time import SOUNDINGS, Growth

    mound = read_mound(args.mound)
    changes = {name: value for name, value in (("seconds", args.seconds), ("cell", args.voxel), ("seed", args.seed))
               if value is not None}
    changes.update(changes_of(args.set, Growth))
    growth = mound.growth or growth_for(mound)
    if args.sounding == "none":
        growth = in_even_air(growth)
    elif args.sounding is not None:
        growth = growth.edited(sounding=SOUNDINGS[args.sounding.capitalize()])
    try:
        held = growth.model_dump()
        mound = mound.edited(growth=Growth.model_validate({**held, **changes}))
    except ValidationError as error:
        raise Problem(sentence_for(error, "the growth")) from error
    if args.of is not None and args.since is None:
        raise Problem("--of says of which growth; say from which frame too, by --from N.")
    said = foretold_growth(mound, args.rate)
    out = pathlib.Path(args.out)
    if args.dry_run:
        print_facts({"writes": [str(out)], **said}, args)
        return
    if not args.go_on and args.since is None and not args.force and (out / "growth.json").exists():
        raise Problem("{}: holds a growth already; say --go-on, --force, or another folder.", shown(out))
    interrupting.stays(f"frames up to there are kept in {shown(out)}, and grow --go-on goes on from them")
    with Progress(args) as progress:
        ticket = ticket_for(progress)
        beside = pathlib.Path(args.mound).parent
        kept = grown(mound, out, args.rate, args.go_on, ticket, since=args.since, of=args.of, beside=beside)
        files = growth_written(kept, args.vdb, args.velocity, args.finer, args.workers, ticket) if args.vdb else []
        folder = growth_published(kept, args.library, finer=args.finer, workers=args.workers, ticket=ticket) if args.library else ""
    numbers = kept.numbers()
    print_facts({"folder": str(out), "frames": len(numbers), "last": numbers[-1], "cell": said["cell"], "cells": said["cells"],
                 "bytes": sum(os.path.getsize(p) for p in out.iterdir()), "vdb_frames": len(files), "asset": str(folder)}, args)


def _grown(folder, number):
    """A frame of a growth, the last by default, and what it grew from."""
    from ..core.growth.kept import KeptGrowth

    kept = KeptGrowth(folder)
    numbers = kept.numbers()
    if not numbers:
        raise Problem("{}: no frame is kept yet; let it grow first.", shown(folder))
    return kept.frame(numbers[-1] if number is None else number), kept.mound


def _freeze(args):
    from ..core.growth.riding import foretold_freeze, frozen_mound, refined
    from ..core.recipe import write_mound

    check_outputs(args, [], out=(args.out, (".mound",)))
    frame, mound = _grown(args.growth, args.frame)
    detail = mound.growth.detail if args.detail is None else args.detail
    ahead = foretold_freeze(frame, args.finer, detail)
    if args.dry_run:
        print_facts({"would_write": [str(args.out)], **ahead}, args)
        return
    with Progress(args) as progress:
        grid = refined(frame, args.finer, detail, args.seed, ticket_for(progress))
    made = frozen_mound(mound, frame, grid).edited(name=pathlib.Path(args.out).stem[:80])
    write_mound(args.out, made)
    print_facts({"file": str(args.out), "frame": frame.number, "voxel": grid.voxel, "active_voxels": grid.active_voxels()}, args)


def _stream(args):
    from ..core.engine.density import draft_voxel
    from ..core.engine.stages import Stages
    from ..core.exchange.stated import metadata_of
    from ..core.exchange.vdb import write_vdb
    from ..core.growth.riding import streamed
    from ..core.library.delivery import built
    from ..core.recipe import read_mound

    check_outputs(args, [args.mound], out=(args.out, (".vdb",)))
    mound = read_mound(args.mound)
    frame, _ = _grown(args.growth, args.frame)
    if args.dry_run:
        foretold(args, [args.out])
        return
    with Progress(args) as progress:
        ticket = ticket_for(progress)
        ticket.step(0.0, 0.4, "building")
        grid = built(Stages(), mound, args.voxel or draft_voxel(mound), ticket, None)
        ticket.step(0.4, 0.9, "streaming")
        grid = streamed(grid, frame, args.seconds, ticket)
        ticket.step(0.9, 1.0, "writing")
        write_vdb(args.out, grid, metadata=metadata_of(mound.name, mound.light.medium, []), ticket=ticket)
    print_facts({"file": str(args.out), "voxel": grid.voxel, "active_voxels": grid.active_voxels()}, args)
