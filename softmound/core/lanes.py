"""Several float32 side by side in a kernel, where the compiler does not find them by itself.

Loops over long rows become vectors without help. A walk from cell to cell, each of which needs the one before, does not: there
the numbers that a cell holds stand in one value, `Sixteen` or `Four` of them, which is added, subtracted, multiplied and
divided as one number is.
"""

import operator

from .compiling import intrinsic, types  # first, since it says to Numba how it is to be read

# isort: split
from llvmlite import ir
from numba.core.datamodel import models, register_default
from numba.extending import overload

from .kernels import row

_INDEX = ir.IntType(32)


class Lanes(types.Type):
    """Kind of a value of several numbers."""

    def __init__(self, width):
        super().__init__(f"Lanes({width})")
        self.width = width
        self.vector = ir.VectorType(ir.FloatType(), width)


Four, Sixteen = Lanes(4), Lanes(16)


@register_default(Lanes)
class _Model(models.PrimitiveModel):
    def __init__(self, manager, kind):
        super().__init__(manager, kind, kind.vector)


def _pointer(context, builder, kind, array, array_kind, at):
    data = context.make_array(array_kind)(context, builder, array).data
    return builder.bitcast(builder.gep(data, [at]), kind.vector.as_pointer())


def _shuffle(builder, one, other, places):
    return builder.shuffle_vector(one, other, ir.Constant(ir.VectorType(_INDEX, len(places)), places))


def _spread(context, builder, kind, value, given):
    """A number in every lane; what is lanes already stays."""
    if isinstance(given, Lanes):
        return value
    nothing = ir.Constant(kind.vector, ir.Undefined)
    value = context.cast(builder, value, given, types.float32)
    first = builder.insert_element(nothing, value, ir.Constant(_INDEX, 0))
    return _shuffle(builder, first, nothing, [0] * kind.width)


def _reading(kind):
    @intrinsic
    def read(typing_context, array, at):
        def generate(context, builder, signature, values):
            return builder.load(_pointer(context, builder, kind, values[0], signature.args[0], values[1]), align=4)

        return kind(array, types.uint64), generate

    return read


four_at, sixteen_at = _reading(Four), _reading(Sixteen)
"""Given a flat array of float32 and the place of the first as uint64: the numbers there."""


@intrinsic
def put(typing_context, array, at, lanes):
    """Write numbers to an array.

    Parameters
    ----------
    array : ndarray of float32, flat
        Changed.
    at : uint64
        Where the first goes.
    lanes : Four or Sixteen
    """
    def generate(context, builder, signature, values):
        builder.store(values[2], _pointer(context, builder, lanes, values[0], signature.args[0], values[1]), align=4)
        return context.get_dummy_value()

    return types.none(array, types.uint64, lanes), generate


def _of_two(build):
    """An operation of two values, of which one may be a number."""
    @intrinsic
    def work(typing_context, one, other):
        kind = one if isinstance(one, Lanes) else other

        def generate(context, builder, signature, values):
            return build(builder, *(_spread(context, builder, kind, value, given)
                                    for value, given in zip(values, signature.args)))

        return kind(one, other), generate

    return work


larger = _of_two(lambda builder, a, b: builder.select(builder.fcmp_ordered(">", a, b), a, b))
"""The larger of two in each lane."""


def _operator(sign, work):
    @overload(sign, inline="always")
    def chosen(one, other):
        if isinstance(one, Lanes) or isinstance(other, Lanes):
            return lambda one, other: work(one, other)
        return None


for _sign, _name in ((operator.add, "fadd"), (operator.sub, "fsub"), (operator.mul, "fmul"), (operator.truediv, "fdiv")):
    _operator(_sign, _of_two(lambda builder, a, b, name=_name: getattr(builder, name)(a, b)))


def _shuffled(places):
    @intrinsic
    def work(typing_context, lanes):
        def generate(context, builder, signature, values):
            return _shuffle(builder, values[0], ir.Constant(Sixteen.vector, ir.Undefined), places)

        return Sixteen(Sixteen), generate

    return work


quarter_0, quarter_1, quarter_2, quarter_3 = (_shuffled([4 * n + lane % 4 for lane in range(16)]) for n in range(4))
"""One quarter of sixteen, four times."""
_half_on, _quarter_on = (_shuffled([(lane + by) % 16 for lane in range(16)]) for by in (8, 4))


@row
def quarters_summed(lanes):
    """Sum of the four quarters, four times.

    Parameters
    ----------
    lanes : Sixteen

    Returns
    -------
    Sixteen
    """
    lanes = lanes + _half_on(lanes)
    return lanes + _quarter_on(lanes)


@intrinsic
def one_quarter_each(typing_context, a, b, c, d):
    """The first quarter of one, the second of the next, and so on.

    Parameters
    ----------
    a, b, c, d : Sixteen

    Returns
    -------
    Sixteen
    """
    def generate(context, builder, signature, values):
        low = _shuffle(builder, values[0], values[1], [lane if lane < 4 else 16 + lane for lane in range(16)])
        high = _shuffle(builder, values[2], values[3], [lane if lane < 12 else 16 + lane for lane in range(16)])
        return _shuffle(builder, low, high, [lane if lane < 8 else 16 + lane for lane in range(16)])

    return Sixteen(Sixteen, Sixteen, Sixteen, Sixteen), generate
