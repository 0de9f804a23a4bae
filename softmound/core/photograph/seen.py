"""What a camera sees of a density, on small pictures: how opaque it is, without any light."""

import numpy as np

from ..volume.bricks import LANES, SIDE


def opacity_of(grid, camera, extinction):
    """Opacity of a density in a picture, each voxel spread over the four pixels around it.

    Parameters
    ----------
    grid : BrickGrid
    camera : Camera
        Whose pixels are about as large as voxels look, or larger.
    extinction : float
        At density 1, 1/m.

    Returns
    -------
    ndarray of float32, shape (height, width)
    """
    lanes = np.stack(np.meshgrid(*[np.arange(SIDE)] * 3, indexing="ij"), -1).reshape(LANES, 3)
    brick, lane = np.nonzero(grid.values > 0.0)
    cells = np.concatenate([grid.coords[brick] * SIDE + lanes[lane],
                            (grid.tile_coords[:, None] * SIDE + lanes).reshape(-1, 3)])
    dense = np.concatenate([grid.values[brick, lane], np.repeat(grid.tile_values, LANES)])
    to = (grid.world(cells) - camera.eye) @ np.stack([camera.right, -camera.up, camera.forward], axis=1)
    before = to[:, 2] > grid.voxel
    to, dense = to[before], dense[before]
    per_metre = 1.0 / (camera.spread * to[:, 2])
    at = to[:, :2] * per_metre[:, None] + (camera.width / 2 - 0.5, camera.height / 2 - 0.5)
    inside = ((at >= -1.0) & (at < (camera.width, camera.height))).all(axis=1)
    at = at[inside]
    # The optical depth of a voxel, thinned to a pixel's area.
    weight = dense[inside] * extinction * grid.voxel**3 * per_metre[inside] ** 2
    corner = np.floor(at).astype(int)
    part = at - corner
    # A frame of one pixel takes what lies half outside.
    depth = np.zeros((camera.height + 2) * (camera.width + 2))
    column, row = corner[:, 0] + 1, corner[:, 1] + 1
    for right in (0, 1):
        for down in (0, 1):
            share = weight * np.abs(1 - right - part[:, 0]) * np.abs(1 - down - part[:, 1])
            depth += np.bincount((row + down) * (camera.width + 2) + column + right, share, len(depth))
    depth = depth.reshape(camera.height + 2, camera.width + 2)[1:-1, 1:-1]
    return (1.0 - np.exp(-depth)).astype(np.float32)
