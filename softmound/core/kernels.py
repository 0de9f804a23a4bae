"""What marks a function as one that Numba compiles; the flags are in `compiling`.

Kernels work in float32, have no branches in their inner loop, and release the interpreter lock.
Nothing here reduces across threads, so a result never depends on their number.

To read Numba, and to wrap what is marked, takes as long as a window or a line of the command line needs for all else: it is
done when a kernel is first called.
"""

import functools
import importlib
import inspect
import threading
from collections import deque
from concurrent.futures import ThreadPoolExecutor

import numpy as np

f32 = np.float32
u32 = np.uint32
i32 = np.int32
i64 = np.int64
u64 = np.uint64

_MAKING = threading.RLock()


class Late:
    """What is made when it is first called, or when a kernel that names it is.

    Parameters
    ----------
    make : callable
        Makes it.
    function : callable, optional
        Whose name and docstring it has.
    """

    def __init__(self, make, function=None):
        self._make, self._made = make, None
        if function is not None:
            functools.update_wrapper(self, function, updated=())  # what it holds is its own

    def now(self):
        """What was made."""
        if self._made is None:
            with _MAKING:
                if self._made is None:
                    self._made = self._make()
        return self._made

    def __call__(self, *arguments):
        return self.now()(*arguments)

    def __getattr__(self, name):
        if name.startswith("__"):  # copying and pickling ask for what is not there
            raise AttributeError(name)
        return getattr(self.now(), name)


def _compiling():
    """The module that reads Numba."""
    from . import compiling

    return compiling


def _codes(code):
    """A function's code and that of functions in it."""
    yield code
    for within in code.co_consts:
        if inspect.iscode(within):
            yield from _codes(within)


def _settled(function):
    """A function whose names stand for what was made of them: Numba knows nothing of `Late`."""
    space = function.__globals__
    for name in {name for code in _codes(function.__code__) for name in code.co_names}:
        if isinstance(space.get(name), Late):
            space[name] = space[name].now()
    for cell in function.__closure__ or ():
        if isinstance(cell.cell_contents, Late):
            cell.cell_contents = cell.cell_contents.now()
    return function


def _marked(kind):
    """The decorator of `compiling` of that name, used when the function is first called."""
    return lambda function: Late(lambda: getattr(_compiling(), kind)(_settled(function)), function)


row, call, inlined, serial, kernel = map(_marked, ("row", "call", "inlined", "serial", "kernel"))
prange, borrowed = (Late(lambda name=name: getattr(_compiling(), name)) for name in ("prange", "borrowed"))


def each(along):
    """Make a kernel of what is done for each item of an array, items side by side.

    All that a `prange` loop contains is worked over several times by what makes loops parallel, which took two thirds of
    the time to compile. Here it contains one call, which is put in place by LLVM.

    Parameters
    ----------
    along : str
        The parameter whose items along the first axis are meant.

    Returns
    -------
    callable
        Takes a function of the item's number and further parameters; gives a kernel of these further parameters.
    """
    def made(function):
        body = inlined(function)
        names = list(inspect.signature(function).parameters)[1:]
        # The cache knows kernels by their name and line.
        name = "_".join([function.__name__, *(str(cell.cell_contents) for cell in function.__closure__ or ())])
        source = f"def {name}({', '.join(names)}):\n for item in prange(len({along})):\n  body(i64(item), {', '.join(names)})"
        space = {"prange": prange, "body": body, "i64": np.int64, "__name__": function.__module__}
        exec(compile(source, function.__code__.co_filename, "exec"), space)
        whole = space[name]
        whole.__code__ = whole.__code__.replace(co_firstlineno=function.__code__.co_firstlineno)
        whole.__doc__ = function.__doc__
        return kernel(whole)

    return made


def when_needed(name):
    """A module that reads Numba by itself, read when a kernel that names it is first called.

    Parameters
    ----------
    name : str
        As in an import.

    Returns
    -------
    Late
        What kernels take for the module.
    """
    return Late(lambda: importlib.import_module(name))


def threads():
    """Number of threads the kernels use in this process.

    Returns
    -------
    int
        At least 1.
    """
    return _compiling().numba.get_num_threads()


def use_threads(count):
    """Limit the kernels called from this Python thread to `count` threads.

    Parameters
    ----------
    count : int
        From 1 to the number of cores numba found.
    """
    _compiling().numba.set_num_threads(count)


def side_by_side(work, things):
    """Do the same with many things, as many at once as there are threads, each by one of them.

    So all threads have something to do while what is no kernel is done between kernels.

    Parameters
    ----------
    work : callable
        Given a thing.
    things : iterable

    Yields
    ------
    object
        What each of them gave, in their order; no more of them are begun than are waited for.
    """
    count = threads()
    if count < 2:
        yield from map(work, things)
        return
    waiting = deque()
    with ThreadPoolExecutor(count, initializer=use_threads, initargs=(1,)) as pool:
        try:
            for thing in things:
                waiting.append(pool.submit(work, thing))
                if len(waiting) > count:
                    yield waiting.popleft().result()
            while waiting:
                yield waiting.popleft().result()
        finally:
            for left in waiting:
                left.cancel()
