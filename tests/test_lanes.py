"""Numbers side by side in a kernel: against the same sums by NumPy."""

import unittest

import numpy as np

from softmound.core.kernels import f32, serial, u64
from softmound.core.lanes import (
    four_at,
    larger,
    one_quarter_each,
    put,
    quarter_0,
    quarter_1,
    quarter_2,
    quarter_3,
    quarters_summed,
    sixteen_at,
)


@serial
def _worked(values, out):
    a = sixteen_at(values, u64(0))
    b = sixteen_at(values, u64(16))
    put(out, u64(0), f32(2) * a + b * a - b / f32(4))
    put(out, u64(16), larger(a - b, f32(0)))
    put(out, u64(32), quarters_summed(a))
    put(out, u64(48), one_quarter_each(quarter_3(a), quarter_2(a), quarter_1(b), quarter_0(b)))
    put(out, u64(64), four_at(values, u64(3)) + f32(1))


class Lanes(unittest.TestCase):
    def test_as_numpy_works_it_out(self):
        values = np.random.default_rng(2).normal(size=32).astype(np.float32)
        a, b = values[:16], values[16:]
        out = np.zeros(70, np.float32)
        _worked(values, out)
        np.testing.assert_allclose(out[:16], 2.0 * a + b * a - b / 4.0, rtol=1e-5, atol=1e-6)
        np.testing.assert_array_equal(out[16:32], np.maximum(a - b, 0.0))
        np.testing.assert_allclose(out[32:48], np.tile(a.reshape(4, 4).sum(axis=0), 4), rtol=1e-5, atol=1e-6)
        np.testing.assert_array_equal(out[48:64], np.concatenate([a[12:], a[8:12], b[4:8], b[:4]]))
        np.testing.assert_array_equal(out[64:68], values[3:7] + np.float32(1.0))
        np.testing.assert_array_equal(out[68:], 0.0)


if __name__ == "__main__":
    unittest.main()
