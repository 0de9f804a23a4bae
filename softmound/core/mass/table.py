"""A mass as the kernels want it: one row for each ball, ellipsoid, solid or field, one for each form."""

import hashlib
from dataclasses import dataclass
from functools import cached_property, lru_cache

import numpy as np

from ..directions import rotation_matrix
from .boxes import row_boxes
from .buds import balls_of
from .ellipsoid import SMALLEST_MELT
from .field import NO_FIELDS, packed
from .kinds.blob import Blob
from .levels import COLUMNS as LEVEL
from .levels import level_row, slack_of
from .rows import (
    ANCHOR,
    BALL,
    BASE,
    COLUMNS,
    FIELD,
    FORM,
    FORM_COLUMNS,
    KIND,
    PLAIN,
    ROUGH,
    TOP,
    rows_of,
)
from .sampling import field_for, own_box, reach_with_melt, ready_field, sampled
from .sculpt import sculpted
from .sheet import sheet_of
from .surface import placed

SIGNS = {"adds": (1.0, 1.0), "carves": (-1.0, 1.0), "keeps": (-1.0, -1.0)}
"""Of what came before and of the form: between them every role is a (smooth) minimum."""


NO_FORM = -1
"""Number of what belongs to no form: the sheet that closes the underside of the mass."""
_SHEET = Blob()


@dataclass(frozen=True, eq=False)
class Shape:
    """Mass as the kernels want it.

    Attributes
    ----------
    table : ndarray of float32, shape (n, 22)
        Rows of one form stand together, forms in their order.
    hashes : ndarray of int64, shape (n,)
        Of all that a row's part in the shape depends on.
    forms : ndarray of float32, shape (k, 34)
    numbers : tuple of int
        Of these forms among those of the mass; `NO_FORM` for what closes its levels.
    seeds : ndarray of uint32, shape (k, 3)
        Of roughness, base and top level.
    fields : Field
        Of all forms that have one.
    base, top : BaseLevel
        Of the mass.
    slack : float
        How far roughness and levels of forms can move the surface, metres.
    """

    table: np.ndarray
    hashes: np.ndarray
    forms: np.ndarray
    numbers: tuple
    seeds: np.ndarray
    fields: object
    base: object
    top: object
    slack: float

    @cached_property
    def balls(self):
        """Centre and radius of all rows, as far as they are balls: ndarray of float32, shape (4, n)."""
        return np.ascontiguousarray(self.table[:, [0, 1, 2, 12]].T)

    @cached_property
    def rows(self):
        """All of it as kernels read it: Rows."""
        return rows_of(self.table, self.forms, self.levels, self.fields)

    @property
    def only_adds(self):
        """True when no form carves or keeps."""
        return bool(np.all(self.forms[:, 0] > 0.0))

    @property
    def levels(self):
        """Rows of the mass's base and top level, ndarray of float32, shape (2, 6)."""
        return np.stack([level_row(self.base, 1.0), level_row(self.top, -1.0)])


def shape_of(mass, voxel=1.0, reach=0.0, ticket=None, fields="made"):
    """Numbers of a mass.

    Parameters
    ----------
    mass : Mass
    voxel : float, optional
        Metres: fineness of fields.
    reach : float, optional
        How far from the surface distances shall be true, metres.
    ticket : Ticket, optional
    fields : str, optional
        "made" waits for the fields of all forms; "ready" takes what there is, of any voxel, and an
        ellipsoid where there is nothing yet; "none" leaves forms with fields to their buds and coats.

    Returns
    -------
    Shape

    Raises
    ------
    Problem
        When a form cannot be converted.
    """
    tables, hashes, forms, numbers, seeds, keeps, read, slack = [], [], [], [], [], [], [], 0.0
    levels = 0
    grow = reach_with_melt(mass, reach)
    for number, form in enumerate(mass.forms):
        if not form.shapes:
            continue
        rows, digests, line, seed = _rows(form, mass.melt)
        if fields != "none" and sampled(form):
            row, digest, field = _field_row(form, line, voxel, grow, ticket, fields == "made")
            if field is not None:
                row[13:15] = levels, len(field.voxels)
                levels += len(field.voxels)
                read.append(field)
            if row is not None:
                rows = np.concatenate([row[None], rows])
                digests = np.concatenate([[digest], digests])
        if not len(rows):
            continue
        if fields == "made":
            for level in (form.base, form.top):
                if level is None:
                    continue  # as of most forms: a thousand of them are gone through with every step of a hand
                sheet = sheet_of(level, rows, line[None], packed(read))
                rows = np.concatenate([rows, sheet])
                digests = np.concatenate([digests, _digests(sheet, line.tobytes() + seed.tobytes())])
        tables.append(rows)
        hashes.append(digests)
        forms.append(line)
        numbers.append(number)
        seeds.append(seed)
        keeps.append(form.role == "keeps")
        if form.rough is not None or form.base is not None or form.top is not None:
            slack = max(slack, _slack(form))
    if not tables:
        return Shape(np.empty((0, COLUMNS), np.float32), np.empty(0, np.int64),
                     np.empty((0, FORM_COLUMNS), np.float32), (), np.empty((0, 3), np.uint32), NO_FIELDS, mass.base,
                     mass.top, 0.0)
    if fields == "made":
        for level in (mass.base, mass.top):
            sheet = sheet_of(level, _numbered(tables), np.array(forms), packed(read))
            if len(sheet):
                line = _form_row(_SHEET, mass.melt)[0]
                tables.append(sheet)
                hashes.append(_digests(sheet, line.tobytes()))
                forms.append(line)
                numbers.append(NO_FORM)
                seeds.append(np.zeros(3, np.uint32))
                keeps.append(False)
    counts = np.array([len(rows) for rows in tables])
    table, lines = _numbered(tables), np.array(forms)
    # Rows join one by one unless the form has to be finished before it takes its role.
    one_by_one = (counts == 1) | ~np.array(keeps)
    lines[:, PLAIN] = one_by_one & (lines[:, ROUGH] == 0.0) & (lines[:, BASE] == 0.0) & (lines[:, TOP] == 0.0)
    return Shape(table, np.concatenate(hashes).astype(np.int64), lines, tuple(numbers), np.array(seeds), packed(read),
                 mass.base, mass.top, slack)


def _slack(form):
    rough = form.rough.strength if form.rough is not None else 0.0
    return rough + slack_of(form.base) + slack_of(form.top)


@lru_cache(maxsize=16384)
def _rows(form, melt):
    """Rows of a form but for its field, their hashes, the form's own row, and its seeds.

    Kept, since while one form is dragged all others stay as they are.
    """
    line, seeds = _form_row(form, melt)
    about = line.tobytes() + seeds.tobytes()
    own = [_own_row(sculpted(form))] if form.formula else []
    balls = balls_of(form)
    rows = np.zeros((len(own) + len(balls), COLUMNS), np.float32)
    if own:
        rows[0] = own[0]
    if len(balls):
        rows[len(own) :, 0:3] = balls[:, :3]
        rows[len(own) :, 12:15] = balls[:, 3:]
        rows[len(own) :, [3, 7, 11]] = 1.0
        rows[len(own) :, 18] = balls[:, 3] ** 2
        rows[len(own) :, KIND] = BALL
    return rows, _digests(rows, about), line, seeds


def _digests(rows, about):
    return np.array([_digest(row.tobytes() + about) for row in rows], np.int64)


def _numbered(tables):
    """Rows of all forms, with the number of the form of each."""
    table = np.concatenate(tables)
    table[:, FORM] = np.repeat(np.arange(len(tables)), [len(rows) for rows in tables])
    return table


def _digest(content):
    return int.from_bytes(hashlib.blake2b(content, digest_size=8).digest(), "little", signed=True)


def _own_row(form):
    """Row of a form with a formula."""
    row = np.zeros(COLUMNS, np.float32)
    row[0:3] = form.centre
    row[3:12] = rotation_matrix(form.rotation).T.ravel()
    form.row(row)
    return row


def _field_row(form, line, voxel, reach, ticket, waiting):
    """Row of a form with a field, its hash and the field; its levels' numbers come later."""
    if waiting:
        field, factor, key = field_for(form, voxel, reach, ticket)
        if field is None:
            return None, 0, None
    else:
        (field, factor), key = ready_field(form), None
    form = sculpted(form)
    row = np.zeros(COLUMNS, np.float32)
    row[0:3] = form.centre
    row[3:12] = rotation_matrix(form.rotation).T.ravel()
    if field is None:
        return _stand_in(form), 0, None
    row[12], row[15] = factor, -1.0 if form.mirror else 1.0
    row[KIND] = FIELD
    about = "" if key is None else f"{key[0].model_dump_json()} {key[1:]}"
    return row, _digest(row.tobytes() + line.tobytes() + about.encode()), field


def _stand_in(form):
    """An ellipsoid about as large as a form whose field is not there yet."""
    box = own_box(form)
    if box is None:
        return None
    low, high = box
    radii = tuple(float(max(r, 0.001)) for r in (high - low) / 2)
    middle = (low + high) / 2 * (-1.0 if form.mirror else 1.0, 1.0, 1.0)
    centre = tuple(float(c) for c in rotation_matrix(form.rotation) @ middle + form.centre)
    return _own_row(Blob(centre=centre, radii=radii, rotation=form.rotation))


def _form_row(form, melt):
    line = np.zeros(FORM_COLUMNS, np.float32)
    line[0:2] = SIGNS[form.role]
    line[2] = max(melt if form.melt is None else form.melt, SMALLEST_MELT)
    seeds = np.zeros(3, np.uint32)
    if form.rough is not None and form.rough.strength > 0.0:
        line[ROUGH], line[ROUGH + 1] = form.rough.strength, 1.0 / form.rough.size
        line[ANCHOR] = 1.0 if form.rough.anchor == "form" else 0.0
        seeds[0] = form.rough.seed
        line[7:10] = form.centre
        line[10:19] = rotation_matrix(form.rotation).T.ravel()
    for at, level, side in ((BASE, form.base, 1.0), (TOP, form.top, -1.0)):
        line[at : at + LEVEL] = level_row(level, side)
        if level is not None:
            seeds[1 if at == BASE else 2] = level.seed
    return line, seeds


@lru_cache(maxsize=16384)
def form_box(form, melt):
    """Box of a form with its buds and coat, without waiting for its field.

    Parameters
    ----------
    form : Form
    melt : float
        Metres, for forms that have none of their own: as in `shape_of`.

    Returns
    -------
    ndarray of float64, shape (2, 3), or None
        Corners in metres; None when nothing is there.
    """
    parts = []
    if sampled(form):
        box = own_box(form)
        if box is not None:
            parts.append(placed(sculpted(form), np.stack(np.meshgrid(*zip(*box), indexing="ij"), -1).reshape(-1, 3)))
    rows = _rows(form, melt)[0]
    if len(rows):
        parts += row_boxes(rows)
    if not parts:
        return None
    return np.array([np.min([p.min(axis=0) for p in parts], axis=0), np.max([p.max(axis=0) for p in parts], axis=0)])
