"""Radiance of a lit slab by a second method."""

import math

import numpy as np


def slab_radiance(depth, g, sun_cosine, layers=160, angles=24):
    """Radiance straight up from a slab lit at an angle, per unit of irradiance on the slab's plane of a sheet facing the sun.

    Successive orders of scattering over Gaussian angles, light averaged over azimuth: straight up nothing depends on it.
    """
    mu, w = np.polynomial.legendre.leggauss(2 * angles)
    edges = np.linspace(0.0, depth, layers + 1)
    tau = (edges[1:] + edges[:-1]) / 2
    step = depth / layers
    moments = 64
    legendre = lambda x: np.array([np.polynomial.legendre.legval(x, np.eye(moments)[k]) for k in range(moments)])  # noqa: E731
    series = (2 * np.arange(moments) + 1) * g ** np.arange(moments)
    # Phase function averaged over azimuth between cosines, as its Legendre series.
    between = lambda a, b: np.einsum("k,ka,kb->ab", series, legendre(a), legendre(b)) / (4 * math.pi)  # noqa: E731
    directions = np.concatenate([mu, [1.0]])
    scatter = between(directions, mu)
    first = between(directions, np.array([-sun_cosine]))[:, 0]
    source = first[:, None] * np.exp(-tau / sun_cosine)
    total = source.copy()
    for _ in range(400):
        radiance = np.zeros((len(mu), layers))
        for n, m in enumerate(mu):
            share = math.exp(-step / abs(m))
            order = range(layers) if m < 0 else range(layers - 1, -1, -1)
            arriving = 0.0
            for k in order:
                inside = source[n, k]
                # Mean within the layer, then what leaves it.
                radiance[n, k] = inside + (arriving - inside) * (1 - share) * abs(m) / step
                arriving = inside + (arriving - inside) * share
        source = 2 * math.pi * scatter @ (w[:, None] * radiance)
        total += source
        if source[-1].max() < 1e-5 * total[-1].max():
            break
    up = total[-1]
    return float(np.sum(up * (np.exp(-edges[:-1]) - np.exp(-edges[1:]))))
