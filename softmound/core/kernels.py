"""How every Numba kernel of the product is compiled: one place for the flags.

Kernels work in float32, have no branches in their inner loop, and release the interpreter lock.
Nothing here reduces across threads, so a result never depends on their number.
"""

import hashlib
import inspect
import os
import pathlib

import platformdirs

from .target import of_kind, of_this_machine, shipped_for, unpacked

# Numba reads its configuration from the environment when it is first imported.
# Kernels are called from several Python threads at once; the fallback layer cannot do that.
os.environ.setdefault("NUMBA_THREADING_LAYER", "tbb")
# Numba looks for compiled kernels below the path of their source; see `Place`.
os.environ["NUMBA_CACHE_LOCATOR_CLASSES"] = f"{__name__}.Place"


_MARKS = b"@kernel", b"@each", b"@serial", b"@row", b"@call", b"@inlined"


def _sources():
    """Text of every module that defines kernels, in a fixed order."""
    for path in sorted(pathlib.Path(__file__).parent.rglob("*.py")):
        text = path.read_bytes()
        if path.name in ("kernels.py", "compiling.py") or any(mark in text for mark in _MARKS):
            yield text


# Numba's cache sees a change in a kernel's own file only, not in the rows it is built from. A
# folder named after all sources can never serve a stale kernel.
CACHE = platformdirs.user_cache_path("softmound") / "kernels"
STAMP = hashlib.blake2b(b"".join(_sources()), digest_size=8).hexdigest()
# With SOFTMOUND_BOUNDS=1 every kernel checks its indices and works in one thread: slow, to find what reads past an array.
BOUNDS = os.environ.get("SOFTMOUND_BOUNDS") == "1"
if BOUNDS:
    STAMP = f"{STAMP}-bounds"
    os.environ["NUMBA_BOUNDSCHECK"] = "1"
# Which of the kinds of processors kernels are compiled for: said by what makes the packages, else what came with one.
KIND = os.environ.get("SOFTMOUND_KIND", "")
if not (KIND or BOUNDS or (CACHE / STAMP).is_dir()):
    KIND = shipped_for(STAMP)
    if KIND:
        unpacked(KIND, STAMP, CACHE / f"{STAMP}-{KIND}")
if KIND:
    STAMP = f"{STAMP}-{KIND}"
_NAME, _FEATURES = of_kind(KIND) if KIND else of_this_machine()
os.environ.setdefault("NUMBA_CPU_NAME", _NAME)
os.environ.setdefault("NUMBA_CPU_FEATURES", _FEATURES)
os.environ.setdefault("NUMBA_CACHE_DIR", str(CACHE / STAMP))

import numba  # noqa: E402  (the environment above has to be set first)
import numpy as np  # noqa: E402
from numba.core import cgutils, types  # noqa: E402
from numba.core.caching import UserProvidedCacheLocator  # noqa: E402
from numba.extending import intrinsic  # noqa: E402

from .compiling import compile_once  # noqa: E402

f32 = np.float32
u32 = np.uint32
i32 = np.int32
u64 = np.uint64

# No reassociation: it would let the compiler order sums differently in a vector and in its tail.
_FAST = {"contract", "nsz", "arcp", "nnan", "ninf"}


class Place(UserProvidedCacheLocator):
    """Where compiled kernels lie: by their place in the package, not on the disk.

    By itself Numba compiles again in a second checkout, or once the first was moved, at the first
    picture and with no word about it.
    """

    @classmethod
    def get_suitable_cache_subpath(cls, py_file):
        """Folder of a module below `STAMP`.

        Parameters
        ----------
        py_file : str

        Returns
        -------
        str
        """
        package = pathlib.Path(__file__).resolve().parents[1]
        folder = pathlib.Path(py_file).resolve().parent
        if not folder.is_relative_to(package):
            return super().get_suitable_cache_subpath(py_file)  # of a test or a figure
        return "_".join(folder.relative_to(package).parts)


prange = numba.prange
# Rows are inlined before anything else, or the loops over lanes around them would not vectorise;
# calls are for what runs once in a while, and keep the time to compile short.
compile_once()
_AS = {"fastmath": _FAST, "error_model": "numpy", "nogil": True, "no_cfunc_wrapper": True}
_WITHIN = {**_AS, "no_cpython_wrapper": True}  # called by kernels alone: from Python they would crash
row = numba.njit(**_WITHIN, inline="always")
call = numba.njit(**_WITHIN)
# For what is called in a kernel's inmost loop and is handed many arrays: handing them on costs more than the work.
inlined = numba.njit(**_WITHIN, forceinline=True)
serial = numba.njit(**_AS, cache=True)
# An index past its array cannot be raised out of parallel threads, so checked kernels have none.
kernel = numba.njit(**_AS, cache=True, parallel=not BOUNDS)


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


@intrinsic
def borrowed(typing_context, arrays):
    """A named tuple of arrays that are not counted: taking one out of it in a loop then costs nothing.

    For use within a kernel, whose caller holds the arrays as long as it runs.

    Parameters
    ----------
    arrays : NamedTuple

    Returns
    -------
    NamedTuple
        The same.
    """
    def generate(context, builder, signature, values):
        whole = values[0]
        for n, kind in enumerate(arrays.types):
            if isinstance(kind, types.Array):
                array = context.make_array(kind)(context, builder, builder.extract_value(whole, n))
                array.meminfo = cgutils.get_null_value(array.meminfo.type)
                array.parent = cgutils.get_null_value(array.parent.type)
                whole = builder.insert_value(whole, array._getvalue(), n)
        return whole

    return arrays(arrays), generate


def threads():
    """Number of threads the kernels use in this process.

    Returns
    -------
    int
        At least 1.
    """
    return numba.get_num_threads()


def use_threads(count):
    """Limit the kernels called from this Python thread to `count` threads.

    Parameters
    ----------
    count : int
        From 1 to the number of cores numba found.
    """
    numba.set_num_threads(count)
