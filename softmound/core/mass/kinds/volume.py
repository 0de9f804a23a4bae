"""A volume: an OpenVDB grid, as a shape or as density."""

from typing import Annotated, ClassVar, Literal

from pydantic import Field

from ...recipe.forms import SCALE, Form, GridArrays, Scale
from ...recipe.rows import Number
from ...recipe.sequence import Sequence
from ...recipe.value import Name
from ..surface import volume_triangles


class Volume(Form):
    """An OpenVDB grid. As a shape: the surface of a level set, or of a fog volume at `threshold`. As density: its
    values, joined to the mound's density by `by` and not shaped by anything else.

    Attributes
    ----------
    grid : Arrays
        `coords` (n, 3), `values` (n, 512), `tiles` (m, 3), `tile_values` (m,), `about` (voxel,
        background, offset x, y, z).
    """

    sentence: ClassVar[str] = "The grid of an OpenVDB file, as a shape or with its density."
    order: ClassVar[int] = 50
    rows: ClassVar[tuple] = (
        SCALE,
        Number("threshold", "Threshold", "", (0.001, 2.0), "log", "The density at which the surface lies.",
               (("level_set", (False,)), ("joins", ("shape",)))))

    kind: Literal["volume"] = "volume"
    name: Name = "Volume"
    grid: GridArrays
    level_set: bool = False
    joins: Literal["shape", "density"] = "shape"
    by: Literal["add", "maximum", "multiply", "average"] = "maximum"
    threshold: Annotated[float, Field(ge=-10_000.0, le=10_000.0)] = 0.1
    scale: Scale = (1.0, 1.0, 1.0)
    sequence: Sequence | None = None

    @property
    def shapes(self):
        return not self.hidden and self.joins == "shape"

    @property
    def even(self):
        return True

    @property
    def as_density(self):
        return self.joins == "density" and not self.hidden

    def triangles(self):
        vertices, faces = volume_triangles(self.grid, self.level_set, self.threshold)
        return vertices * self.scale, faces

    def facts(self):
        return f"{512 * len(self.grid['coords']):,} stored voxels of {float(self.grid['about'][0]):.4g} m.", ""
