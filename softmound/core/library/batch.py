"""Many versions at once: mounds, seeds, or both, each published once however often a batch is stopped and begun again.

Each job has a mark, made from all that decides what is published; a version keeps the mark of the job that made it in its
`asset.json`, which appears with the version in one step. So a batch that was killed at any moment goes on by looking into the
library.
"""

import json
import os
import pathlib
import subprocess
import sys
import threading
from concurrent.futures import FIRST_COMPLETED, ThreadPoolExecutor, wait
from dataclasses import dataclass
from functools import cached_property

from ..engine.forecast import memory_limit
from ..engine.keys import key_of
from ..engine.siblings import sibling
from ..engine.stages import Stages
from ..exchange.export import ExportOptions
from ..held import child_process
from ..problems import Problem
from ..recipe import Mound, read_mound
from .asset import About, publish, recipe_mark
from .farm import spread_out
from .shelf import listed

TOLD_EVERY = 0.1
"""Seconds between looks at whether a batch is to stop."""


@dataclass(frozen=True)
class Job:
    """One version that is to be published.

    Attributes
    ----------
    path : str
        Of the mound.
    own : Mound
        As it was read from there.
    number : int
        Of the sibling: 0 is the mound as it is.
    name : str
        Of the asset.
    voxel : float
        Metres.
    tiers : tuple of int
    about : About
    more : tuple of str
        What else goes with it, see `core.library.choices.MORE`.
    options : ExportOptions
        How its files are written.
    """

    path: str
    own: Mound
    number: int
    name: str
    voxel: float
    tiers: tuple
    about: About
    more: tuple = ()
    options: ExportOptions = ExportOptions()

    @property
    def mound(self):
        """The mound to publish: Mound."""
        return sibling(self.own, self.number).edited(name=self.name)

    @cached_property
    def mark(self):
        """Mark of the job: 32 hexadecimal digits."""
        return key_of("job", self.name, recipe_mark(self.mound), self.voxel, tuple(sorted(self.tiers)),
                      *((repr(self.options),) if self.options != ExportOptions() else ()))


def jobs_of(paths, numbers=(0,), *, apart=False, name=None, voxel=None, tiers=(1,), about=About(), more=(),
            options=ExportOptions()):
    """Jobs for every mound with every seed.

    Parameters
    ----------
    paths : sequence of path-like
        Mounds.
    numbers : sequence of int, optional
        Of siblings.
    apart : bool, optional
        Each seed is an asset of its own, named after its number, rather than a version of one.
    name : str, optional
        Of the asset, instead of the mound's own.
    voxel : float, optional
        Metres; default each mound's final voxel.
    tiers : sequence of int, optional
    about : About, optional
    more : sequence of str, optional
    options : ExportOptions, optional

    Returns
    -------
    list of Job

    Raises
    ------
    Problem
        If a mound cannot be read.
    """
    jobs = []
    for path in paths:
        mound = read_mound(path)
        called = mound.name if name is None else name
        for number in numbers:
            jobs.append(Job(os.fspath(path), mound, number, f"{called} {number:02d}" if apart else called,
                            float(mound.voxels.final if voxel is None else voxel), tuple(tiers), about, tuple(more), options))
    return jobs


def waiting(jobs, library):
    """Jobs that have no version yet.

    Parameters
    ----------
    jobs : sequence of Job
    library : path-like

    Returns
    -------
    list of Job
        In their order, each once.
    """
    done = {version.facts.get("job") for version in listed(library)}
    found = {}
    for job in jobs:
        if job.mark not in done:
            found.setdefault(job.mark, job)
    return list(found.values())


def published_all(jobs, library, workers=1, ticket=None, told=lambda job, folder, problem: None, scheduler=None):
    """Publish all jobs that have no version yet.

    Parameters
    ----------
    jobs : sequence of Job
    library : path-like
    workers : int, optional
        Processes at once; as many as memory allows by the forecast, at most.
    ticket : Ticket, optional
        Looked at all the time; a job that is under way when it stops leaves nothing behind.
    told : callable, optional
        Called as ``told(job, folder, problem)`` when a job has ended: its folder, or else the sentence that says why not.
    scheduler : str, optional
        Address of one whose workers do it, see `core.library.farm`; `workers` is not read then.

    Returns
    -------
    (int, int, int)
        Published now, there already, and failed.
    """
    todo = waiting(jobs, library)
    there, failed = len(jobs) - len(todo), 0
    if not todo:
        return 0, there, 0
    if scheduler is None and workers > 1:
        # Builds that memory holds at once, by the largest of them.
        workers = min(workers, len(todo), max(int(memory_limit() // max(needs(todo, ticket)[1], 1.0)), 1))
    if scheduler is not None:
        made = spread_out(todo, library, scheduler, ticket)
    else:
        made = _one_by_one(todo, library, ticket) if workers == 1 else _in_children(todo, library, workers, ticket)
    for job, folder, problem in made:
        failed += folder is None
        told(job, folder, problem)
    return len(todo) - failed, there, failed


def _one_by_one(jobs, library, ticket):
    # What does not depend on a seed stays known from one job to the next.
    stages = Stages()
    for number, job in enumerate(jobs):
        try:
            if ticket is not None:
                ticket.step(number / len(jobs), (number + 1) / len(jobs), f"{job.name}, {number + 1} of {len(jobs)}")
            yield job, publish(job.mound, library, job.voxel, job.options, ticket, stages, job.about, job.tiers, job.mark,
                               job.more), ""
        except Problem as problem:
            yield job, None, str(problem)


def _in_children(jobs, library, workers, ticket):
    threads, stop = max((os.cpu_count() or 1) // workers, 1), threading.Event()

    def one(job):
        if stop.is_set():
            return job, None, "stopped"
        arguments = [sys.executable, "-m", "softmound", "publish", job.path, "--library", os.fspath(library), "--seeds",
                     str(job.number), "--name", job.name, "--voxel", repr(job.voxel), "--tiers",
                     ",".join(map(str, job.tiers)), "--json", "--quiet",
                     "--threads", str(threads), "--about", job.about.model_dump_json()]
        arguments += ["--with", ",".join(job.more)] if job.more else []
        written = job.options
        arguments += ["--unit", written.unit, "--up", written.up, "--origin", written.origin, "--grid", written.name]
        arguments += [] if written.half else ["--full"]
        root = pathlib.Path(__file__).resolve().parents[3]
        env = {**os.environ, "PYTHONPATH": os.pathsep.join(filter(None, [str(root), os.environ.get("PYTHONPATH", "")]))}
        with child_process(arguments, stdout=subprocess.PIPE, stderr=subprocess.PIPE, env=env, text=True) as child:
            while child.poll() is None:
                if stop.is_set():
                    return job, None, "stopped"
                try:
                    said, wrong = child.communicate(timeout=TOLD_EVERY)
                    break
                except subprocess.TimeoutExpired:
                    continue
            else:
                said, wrong = child.communicate()
        if child.returncode == 0:
            return job, pathlib.Path(json.loads(said)["versions"][0]["folder"]), ""
        return job, None, _sentence(said, wrong, child.returncode)

    with ThreadPoolExecutor(workers) as pool:
        try:
            under_way = {pool.submit(one, job) for job in jobs}
            while under_way:
                ended, under_way = wait(under_way, TOLD_EVERY, FIRST_COMPLETED)
                for each in ended:
                    yield each.result()
                if ticket is not None:
                    done = len(jobs) - len(under_way)
                    ticket.step(done / len(jobs), 1.0, f"{done} of {len(jobs)} published")
        finally:
            # What has not begun does not; what is under way is ended with its process, which leaves nothing behind.
            stop.set()
            for each in under_way:
                each.cancel()


def _sentence(said, wrong, code):
    try:
        return json.loads(said)["error"]
    except (ValueError, KeyError, TypeError):
        lines = wrong.strip().splitlines()
        return lines[-1] if lines else f"its process ended with {code}"


def needs(jobs, ticket=None):
    """What jobs will need, foretold.

    Parameters
    ----------
    jobs : sequence of Job
    ticket : Ticket, optional

    Returns
    -------
    (float, float)
        Seconds that all take, one after the other, and bytes of the largest.
    """
    known, seconds, memory = {}, 0.0, 0.0
    for job in jobs:
        # Siblings need what their mound does.
        place = job.path, job.voxel
        if place not in known:
            ahead = Stages().forecast(job.own, ticket)
            known[place] = ahead.seconds(job.voxel), ahead.memory(job.voxel)
        seconds, memory = seconds + known[place][0], max(memory, known[place][1])
    return seconds, memory
