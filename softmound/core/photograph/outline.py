"""Segmentation of the clouds in a photograph: by how far each pixel's colour is from that of the sky around it."""

import numpy as np
import scipy
import skimage

ALONG = 1024
"""Pixels along the longer side of a photograph in which outlines are found."""
MODEL = 192
"""Columns in which the sky behind the clouds is made out."""
TURNS = 12
"""Times the sky is made out anew of what then counts as sky."""
NOISE = 0.9
"""Least deviation of a sky's colours, in CIE L*a*b* (1976), where a photograph has less noise."""
SURE, DOUBTED = 7.0, 2.8
"""Deviations from the sky's colour from which on a pixel is cloud; and from which on it is if it hangs together with such."""
FAINT = 1.7
"""Times as far off as what is sure: up to it a cloud is too faint for bays in it to be told from shade."""
LIKELY = 60.0
"""Per cent of a picture that are hardly more than its sky, of which its noise is taken."""
SMALLEST = 2e-3
"""Share of the picture below which a cloud does not count."""
_SHARP = np.array([1.0, 0.4, 0.4], np.float32)
"""Weight of lightness, and of colours, which a JPEG keeps at half the resolution."""
CLOUD, SKY = 1, 2
"""What a brush says a pixel is; 0 where it says nothing."""


def outlines_in(lab, sky, brushed=None):
    """Find the clouds in a photograph.

    Parameters
    ----------
    lab, sky : ndarray of float32, shape (rows, columns, 3)
        The photograph in CIE L*a*b*, and the sky behind it, from `sky_behind`.
    brushed : ndarray of uint8, shape (rows, columns), optional
        `CLOUD` and `SKY` where a brush said what is there.

    Returns
    -------
    ndarray of uint8, shape (rows, columns)
        0 for the sky, then the clouds that stand apart from one another from 1, the largest first.
    """
    cloud = _half_covered(lab, sky, _hysteresis(_deviations(lab - sky)))
    if brushed is not None:
        cloud = (cloud | (brushed == CLOUD)) & (brushed != SKY)
    return _apart(cloud)


def sky_behind(lab, brushed=None):
    """The sky as it would be without its clouds: along each row a parabola, from row to row as it comes.

    Parameters
    ----------
    lab : ndarray of float32, shape (rows, columns, 3)
        CIE L*a*b*.
    brushed : ndarray of uint8, shape (rows, columns), optional
        `CLOUD` and `SKY` where a brush said what is there; what looks alike follows.

    Returns
    -------
    ndarray of float32, shape (rows, columns, 3)
    """
    columns = lab.shape[1]
    # Rows stay as they are: a horizon is a line.
    step = max(1, columns // MODEL)
    small = skimage.transform.downscale_local_mean(lab, (1, step, 1)).astype(np.float64)
    height, width = small.shape[:2]
    x = np.linspace(-1.0, 1.0, width)
    basis = np.stack([np.ones(width), x, x * x - 1.0 / 3.0])
    said = np.zeros((height, width)) if brushed is None else _reduced_brush(brushed, step)
    # A sky is smooth along its rows, whatever comes below a horizon, and begins at the sides and above.
    steep = np.sqrt(sum(skimage.filters.farid_v(small[..., n]) ** 2 for n in range(3)))
    calm = 1.0 / (1.0 + (scipy.ndimage.gaussian_filter(steep, 1.5) / (2.0 * np.median(steep) + 0.15)) ** 2)
    weight = calm * ((np.abs(x) > 0.8) + (np.arange(height) < 0.06 * height)[:, None] + 0.001)
    for turn in range(TURNS):
        weight = np.where(said == CLOUD, 0.0, np.where(said == SKY, 4.0, weight))
        sky = _fitted(small, weight, basis)
        away = np.sqrt(((small - sky) ** 2).sum(axis=-1))
        wide = max(NOISE, 1.5 * _weighted_median(away, weight))
        # The net is drawn closer as it is better known what is sky.
        wide *= 1.0 + 3.0 * (1.0 - turn / (TURNS - 1))
        weight = calm / (1.0 + (away / wide) ** 2) ** 2
    across = np.clip((np.arange(columns) + 0.5) / step - 0.5, 0.0, width - 1.0)
    left = np.minimum(across.astype(int), max(width - 2, 0))
    share = (across - left)[:, None]
    return (sky[:, left] * (1.0 - share) + sky[:, np.minimum(left + 1, width - 1)] * share).astype(np.float32)


def _reduced_brush(brushed, step):
    out = np.zeros((brushed.shape[0], -(-brushed.shape[1] // step)))
    for what in (CLOUD, SKY):
        share = skimage.transform.downscale_local_mean((brushed == what).astype(float), (1, step))
        out[share > 0.25] = what
    return out


def _fitted(small, weight, basis):
    """Colours along each row by least squares, each row helped by its neighbours, and the more the less it has itself."""
    moments = np.einsum("yx,ix,jx->yij", weight, basis, basis)
    colours = np.einsum("yx,ix,yxc->yic", weight, basis, small)
    both = [0.0, 0.0]
    for wide, share in ((1.0, 1.0), (12.0, 0.02), (48.0, 0.001)):
        both = [one + share * scipy.ndimage.gaussian_filter1d(part, wide, axis=0, mode="nearest")
                for one, part in zip(both, (moments, colours))]
    moments, colours = both
    # Without enough to tell, a row is as even as can be.
    held = max(moments[:, 0, 0].mean(), 1e-12)
    moments = moments + np.diag([1e-6, 2e-3, 2e-2]) * held
    return np.einsum("ix,yic->yxc", basis, np.linalg.solve(moments, colours))


def _weighted_median(values, weight):
    order = np.argsort(values.ravel())
    sums = np.cumsum(weight.ravel()[order])
    return float(values.ravel()[order][np.searchsorted(sums, 0.5 * sums[-1])])


def _deviations(apart):
    """How far colours are from the sky's, in deviations of the sky's own."""
    far = np.sqrt((apart**2).sum(axis=-1))
    likely = far[far <= np.percentile(far, LIKELY)]
    # Of normal noise the median of what is off is its deviation divided by 1.4826 (Hampel 1974, J. Am. Stat. Assoc. 69).
    return far / max(NOISE, 1.4826 * float(np.median(likely)))


def _hysteresis(away):
    # What is doubted is seen more broadly than what is sure: noise is even, an edge is not.
    sure = scipy.ndimage.gaussian_filter(away, 1.0) > SURE
    doubted = (scipy.ndimage.gaussian_filter(away, 2.0) > DOUBTED) | sure
    # A bay between bright lumps is no cloud because their light is blurred into it.
    fine = scipy.ndimage.gaussian_filter(away, 0.5)
    beside = scipy.ndimage.gaussian_filter(scipy.ndimage.maximum_filter(fine, 5), 1.0)
    doubted &= (fine > 0.5 * beside) | (beside < FAINT * SURE)
    labels, _ = scipy.ndimage.label(doubted)
    kept = np.unique(labels[sure])
    return scipy.ndimage.binary_fill_holes(np.isin(labels, kept[kept > 0]))


def _half_covered(lab, sky, cloud):
    """The outline moved to where a pixel is half cloud and half sky, by the colours of both beside it."""
    if not cloud.any() or cloud.all():
        return cloud
    lab, sky = lab * _SHARP, sky * _SHARP
    for _ in range(2):
        inner = scipy.ndimage.distance_transform_edt(cloud) > 2.5
        near = [scipy.ndimage.gaussian_filter(part.astype(np.float32), 3.0)
                for part in (inner, *(lab[..., n] * inner for n in range(3)))]
        body = np.stack(near[1:], -1) / (near[0][..., None] + 1e-6)
        way = body - sky
        share = ((lab - sky) * way).sum(axis=-1) / np.maximum((way**2).sum(axis=-1), 1.0)
        edge = (scipy.ndimage.distance_transform_edt(~cloud) < 3.5) & ~inner & (near[0] > 1e-4)
        cloud = scipy.ndimage.binary_fill_holes(np.where(edge, share > 0.5, cloud))
    return cloud


def _apart(cloud):
    """Clouds by number, the largest first; those too small to count are none."""
    labels, count = scipy.ndimage.label(cloud)
    if not count:
        return np.zeros(cloud.shape, np.uint8)
    sizes = np.bincount(labels.ravel(), minlength=count + 1)
    sizes[0] = 0
    order = np.argsort(-sizes)[:254]
    numbers = np.zeros(count + 1, np.uint8)
    for number, label in enumerate(order[sizes[order] >= SMALLEST * cloud.size], 1):
        numbers[label] = number
    return numbers[labels]
