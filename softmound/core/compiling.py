"""How every Numba kernel of the product is compiled: the one place for the flags, and the one that reads Numba.

What Numba compiles is optimised and turned into machine code once: as a whole, when it is to run. By itself Numba does so with
every function that a kernel calls, and with each of the layers around a parallel loop, and then once more with what they are
put into. That is four times the work, and what comes of it runs just as fast.
"""

import os
import pathlib

from .compiled import BOUNDS, FOLDER, KIND
from .target import of_kind, of_this_machine

# Numba reads its configuration from the environment when it is first imported.
# Kernels are called from several Python threads at once; the fallback layer cannot do that.
os.environ.setdefault("NUMBA_THREADING_LAYER", "tbb")
# Numba looks for compiled kernels below the path of their source; see `Place`.
os.environ["NUMBA_CACHE_LOCATOR_CLASSES"] = f"{__name__}.Place"
if BOUNDS:
    os.environ["NUMBA_BOUNDSCHECK"] = "1"
_NAME, _FEATURES = of_kind(KIND) if KIND else of_this_machine()
os.environ.setdefault("NUMBA_CPU_NAME", _NAME)
os.environ.setdefault("NUMBA_CPU_FEATURES", _FEATURES)
os.environ.setdefault("NUMBA_CACHE_DIR", str(FOLDER))

import llvmlite.binding as llvm  # noqa: E402
import numba  # noqa: E402  (the environment above has to be set first)
from numba.core import caching, cgutils, codegen, dispatcher, types  # noqa: E402
from numba.core.runtime import rtsys  # noqa: E402
from numba.extending import intrinsic  # noqa: E402

_BODY = "__numba_parfor_gufunc"


class Whole(codegen.JITCodeLibrary):
    """Code that is only put together until an address in it is asked for."""

    _runs = False
    _bitcode = None

    def _optimize_functions(self, ll_module):
        ll_module.data_layout = self._codegen._data_layout

    def finalize(self):
        """Put in what is called; nothing can be added from then on."""
        codegen.require_global_compiler_lock()
        self._codegen._check_llvm_bugs()
        self._raise_if_finalized()
        for library in dict.fromkeys(self._linking_libraries):
            self._reload_init.update(library._reload_init)
            self._final_module.link_in(library._get_module_for_linking(), preserve=True)
        if _BODY in self._name:
            # By itself, as long as it is known that its arrays do not overlap: loops become vectors by that.
            self._optimize_final_module()
        self._finalized = True

    def _finalize_final_module(self):
        self._runs = True
        super()._finalize_final_module()

    def get_pointer_to_function(self, name):
        """Address of a function, which makes all of it machine code.

        Parameters
        ----------
        name : str

        Returns
        -------
        int
            0 of what is only ever called by kernels.
        """
        self._ensure_finalized()
        if not self._runs:
            # The body of a parallel loop is run by what is around it.
            if _BODY in self._name or all(function.name != name for function in self.get_defined_functions()):
                return 0
            self._optimize_final_module()
            self._final_module.verify()
            self._finalize_final_module()
        return super().get_pointer_to_function(name)

    def serialize_using_object_code(self):
        """What is kept in a file: its machine code, its bitcode for others that call it, and the names in it.

        Returns
        -------
        (str, str, (bytes, bytes, list of str))
        """
        name, kind, (code, bitcode) = super().serialize_using_object_code()
        module = self._get_module_for_linking()
        return name, kind, (code, bitcode, [value.name for values in (module.functions, module.global_variables)
                                            for value in values if not value.is_declaration])

    @classmethod
    def _unserialize(cls, codegen, state):
        name, _, (code, bitcode, names) = state
        self = codegen.create_library(name)
        self.enable_object_caching()
        self._set_compiled_object(code)
        self._bitcode = bitcode  # taken apart when another calls it: most are called from Python alone
        self._finalize_final_module()
        codegen._engine._defined_symbols.update(names)
        return self

    def _get_module_for_linking(self):
        if self._bitcode is not None:
            self._shared_module, self._bitcode = llvm.parse_bitcode(self._bitcode), None
        return super()._get_module_for_linking()


class _Codegen(codegen.JITCPUCodegen):
    _library_class = Whole

    def set_env(self, env_name, env):
        if self._engine.get_global_value_address(env_name):  # else nothing of it runs by itself
            super().set_env(env_name, env)


codegen.JITCPUCodegen = _Codegen
# glibc gives an array of 128 KiB and more back as soon as it is let go of, and each new page costs more than what is then done
# with it: the light of a lattice took 155 ms rather than 139. It learns from what is freed what to hold on to, up to 32 MiB.
bytearray(31 * 2**20)


class _Kept(caching.FunctionCache):
    """What was compiled before, read without all that only compiling needs: half a second of every start."""

    def load_overload(self, sig, target_context):
        """A kernel for some types, from its file.

        Parameters
        ----------
        sig : Signature
        target_context : CPUContext

        Returns
        -------
        CompileResult or None
        """
        rtsys.initialize(target_context)
        return self._load_overload(sig, target_context)


dispatcher.FunctionCache = _Kept


class Place(caching.UserProvidedCacheLocator):
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


# No reassociation: it would let the compiler order sums differently in a vector and in its tail.
_FAST = {"contract", "nsz", "arcp", "nnan", "ninf"}
_AS = {"fastmath": _FAST, "error_model": "numpy", "nogil": True, "no_cfunc_wrapper": True}
_WITHIN = {**_AS, "no_cpython_wrapper": True}  # called by kernels alone: from Python they would crash
# Rows are inlined before anything else, or the loops over lanes around them would not vectorise;
# calls are for what runs once in a while, and keep the time to compile short.
row = numba.njit(**_WITHIN, inline="always")
call = numba.njit(**_WITHIN)
# For what is called in a kernel's inmost loop and is handed many arrays: handing them on costs more than the work.
inlined = numba.njit(**_WITHIN, forceinline=True)
serial = numba.njit(**_AS, cache=True)
# An index past its array cannot be raised out of parallel threads, so checked kernels have none.
kernel = numba.njit(**_AS, cache=True, parallel=not BOUNDS)
prange = numba.prange


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
