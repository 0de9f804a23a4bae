"""What Numba compiles is optimised and turned into machine code once: as a whole, when it is to run.

By itself Numba does so with every function that a kernel calls, and with each of the layers around a parallel loop, and then
once more with what they are put into. That is four times the work, and what comes of it runs just as fast.
"""

from numba.core import codegen

_BODY = "__numba_parfor_gufunc"


class Whole(codegen.JITCodeLibrary):
    """Code that is only put together until an address in it is asked for."""

    _runs = False

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


class _Codegen(codegen.JITCPUCodegen):
    _library_class = Whole

    def set_env(self, env_name, env):
        if self._engine.get_global_value_address(env_name):  # else nothing of it runs by itself
            super().set_env(env_name, env)


def compile_once():
    """Let Numba compile so from now on; before anything is compiled."""
    codegen.JITCPUCodegen = _Codegen
