"""A mesh: triangles from a file or from other forms."""

from typing import Annotated, ClassVar, Literal

import numpy as np
from pydantic import Field

from ...recipe.forms import SCALE, Form, Scale, SurfaceArrays
from ...recipe.rows import Maybe
from ...recipe.sequence import Sequence
from ...recipe.value import Name
from ..mend import open_count


class Mesh(Form):
    """Triangles from a file or from other forms: `vertices` (n, 3) in metres, `faces` (m, 3).

    With a `sheet` thickness the surface need not be closed: everything within half of it is inside.
    """

    sentence: ClassVar[str] = "Triangles from a model's file, or of other forms made one."
    order: ClassVar[int] = 30
    lengths: ClassVar[tuple] = ("scale", "sheet")
    rows: ClassVar[tuple] = (
        SCALE,
        Maybe("sheet", "Sheet thickness", "m", (0.01, 50.0), "log", "Thickness of a surface that is not closed."))

    kind: Literal["mesh"] = "mesh"
    name: Name = "Mesh"
    surface: SurfaceArrays
    scale: Scale = (1.0, 1.0, 1.0)
    sheet: Annotated[float, Field(ge=0.001, le=2_000.0)] | None = None
    sequence: Sequence | None = None

    @property
    def even(self):
        """Whether an even change of its size needs no new field: a sheet keeps its thickness."""
        return self.sheet is None

    @property
    def thickness(self):
        return self.sheet

    @property
    def encloses(self):
        return self.sheet is not None or not open_count(self.surface)

    def triangles(self):
        return self.surface["vertices"].astype(np.float64) * self.scale, self.surface["faces"]

    def facts(self):
        text = f"{len(self.surface['faces']):,} triangles, {len(self.surface['vertices']):,} vertices."
        edges = 0 if self.sheet is not None else open_count(self.surface)
        return text, "" if not edges else (
            f"Not closed: {edges:,} open edges, drawn in the picture. It encloses nothing until its holes are closed or it "
            "becomes a sheet.")
