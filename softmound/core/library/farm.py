"""Jobs of a batch on other machines, by a scheduler of `dask.distributed` (an optional extra, `softmound[farm]`).

Every worker sees the library's folder under the same path and has this version of the program; a version appears in one step
there as here, so that a worker that is lost leaves nothing half done and its job is given to another.
"""

import pathlib
import secrets
import threading

from ... import __version__
from ..problems import Problem
from ..ticket import Stopped, Ticket

CONNECTS = 10.0
"""Seconds within which a scheduler has to answer."""
LOOKS = 0.3
"""Seconds between a worker's looks at whether it is to stop."""


def spread_out(jobs, library, address, ticket=None):
    """Publish jobs by the workers of a scheduler.

    Parameters
    ----------
    jobs : sequence of Job
        See `core.library.batch`.
    library : path-like
        As the workers see it.
    address : str
        Of the scheduler, as ``tcp://10.0.0.7:8786``.
    ticket : Ticket, optional

    Yields
    ------
    (Job, pathlib.Path or None, str)
        Each job when it has ended: its folder, or None and the sentence that says why not.

    Raises
    ------
    Problem
        If the extra is not installed, nobody answers there, there are no workers, or they have another version.
    """
    try:
        from distributed import Client, Event, as_completed
    except ImportError as error:
        raise Problem("For --scheduler the package softmound[farm] has to be installed.") from error
    try:
        client = Client(address, timeout=CONNECTS, set_as_default=False)
    except (OSError, ValueError) as error:
        raise Problem("{}: no scheduler answers there; look at its address.", address) from error
    with client:
        versions = client.run(_version)
        if not versions:
            raise Problem("{}: the scheduler has no workers; start some first.", address)
        other = {where: found for where, found in versions.items() if found != __version__}
        if other:
            where, found = next(iter(other.items()))
            raise Problem("{}: that worker has version {}, here it is {}; results could differ.", where, found, __version__)
        stop = Event(f"softmound-{secrets.token_hex(8)}", client=client)
        given = {client.submit(_published, job, str(library), stop.name, pure=False): job for job in jobs}
        try:
            ended = as_completed(list(given), loop=client.loop)
            while not ended.is_empty():
                if ticket is not None:
                    ticket.tick(1.0 - ended.count() / len(jobs))
                for future in ended.next_batch(block=False):
                    yield _outcome(given[future], future)
                threading.Event().wait(LOOKS / 3.0)
        finally:
            # Workers look at this while they build, and leave nothing behind.
            stop.set()
            client.cancel(list(given))


def _outcome(job, future):
    if future.status != "finished":
        return job, None, f"its worker was lost ({future.status})"
    folder, problem = future.result()
    return job, None if folder is None else pathlib.Path(folder), problem


def _version():
    return __version__


def _published(job, library, stop):
    """Publish a job on a worker: its folder, or None and a sentence."""
    from distributed import Event, get_client

    from .asset import publish

    ticket, done, told = Ticket(), threading.Event(), Event(stop, client=get_client())

    def watch():
        while not done.wait(LOOKS):
            try:
                over = told.is_set()
            except Exception:  # of many kinds: nobody is there any more who would take what is made
                over = True
            if over:
                ticket.stop()
                return

    watching = threading.Thread(target=watch, daemon=True, name="stopping")
    watching.start()
    try:
        return str(publish(job.mound, library, job.voxel, job.options, ticket, about=job.about, tiers=job.tiers, job=job.mark,
                           more=job.more)), ""
    except Problem as problem:
        return None, str(problem)
    except Stopped:
        return None, "stopped"
    finally:
        done.set()
        watching.join()
