"""What goes with an asset to whoever renders it: a page that says what its numbers are, in general terms, and a scene with it."""

from ..exchange.numbered import frame_name, frames_of
from ..exchange.units import UNITS
from .placement import in_file_of

HANDOFF = "handoff.txt"
"""Name of the file in a version's folder."""


def handoff_text(facts):
    """A page of text for the receiving side.

    Parameters
    ----------
    facts : dict
        As in `asset.json`.

    Returns
    -------
    str
    """
    in_file = in_file_of(facts)
    unit, (low, high) = in_file.unit, in_file.box(facts["bounds"])
    voxel = in_file.length(facts["voxel"])
    size = " x ".join(f"{b - a:.6g}" for a, b in zip(low, high))
    files = "\n".join(f"    {tier['file']}: voxel {in_file.length(tier['voxel']):.6g} {unit}, "
                      + f"{' x '.join(map(str, tier['dims']))} voxels"
                      + ("" if tier["reduction"] == 1 else f"; 1/{tier['reduction']} of the full grid, the same mass")
                      for tier in tiers_there(facts))
    frames = frames_of(facts)
    if frames is not None:
        files += (f"\n    Each as frames {frames.first} to {frames.last}, {frames.rate:g} a second, numbered as "
                  f"{frame_name(facts['tiers'][0]['file'], frames.first)}"
                  + (f"; missing: {', '.join(map(str, frames.missing))}" if frames.missing else ""))
    said = "".join(f"{label}: {value}\n" for label, value in (
        ("Species", facts.get("species", "")), ("Author", facts["author"]), ("Licence", facts["licence"]),
        ("Tags", ", ".join(facts["tags"])),
        ("Shots", ", ".join(facts["shots"])), ("Note", facts["note"])) if value)
    return f"""{facts['name']}
{said}
OpenVDB files
{files}

What is in them
    Grid "{facts['grid']}", {'16' if facts['half'] else '32'}-bit floats, from 0 outside to {facts['range'][1]:.4g}.
    Lengths are in {unit}, {in_file.up} is up. The cloud stands at its place: from
    {', '.join(f'{v:.6g}' for v in low)} to {', '.join(f'{v:.6g}' for v in high)}, which is {size}.

How to render it
    Extinction is {facts['extinction'] / in_file.length(1.0):.6g} per {unit} times the grid's value. Where lengths are another
    unit, it is another number: {facts['extinction']:.6g} per m, {facts['extinction'] / 100.0:.6g} per cm.
    Single-scattering albedo {facts['albedo']:.6g}; mean cosine of scattering {facts['anisotropy']:.4g} ({facts['phase']}).
    A water cloud scatters light hundreds of times: let paths be that long, or it turns grey.
    March in steps of one voxel ({voxel:.6g} {unit}) or less; half a voxel for final pictures.
    Interpolate linearly between voxel centres. Smaller tiers have the same mass: the same extinction holds for them.

Is it right?
    Along its longest side the box measures {max(b - a for a, b in zip(low, high)):.6g} {unit}.
    If it is a hundred times larger or smaller where you load it, a unit is wrong; if it lies on its side, the up-axis is.
"""


def usd_text(name, facts):
    """A scene description (USD, as text) with one volume that refers to the grid beside it.

    Parameters
    ----------
    name : str
        Of the asset's files.
    facts : dict
        As in `asset.json`.

    Returns
    -------
    str
    """
    prim = "".join(c if c.isascii() and c.isalnum() else "_" for c in name)
    prim = prim if prim[:1].isalpha() else f"cloud_{prim}"
    in_file = in_file_of(facts)
    low, high = (", ".join(f"{v:.9g}" for v in corner) for corner in in_file.box(facts["bounds"]))
    tiers = sorted(tiers_there(facts), key=lambda tier: tier["reduction"])
    # The file of each tier is a variant; the largest is what is shown.
    frames = frames_of(facts)
    variants = "\n".join(f"""            "{_tier(tier)}" {{
                over "{facts['grid']}" {{
                    {_file(tier['file'], frames)}
                }}
            }}""" for tier in tiers)
    time = "" if frames is None else f"""
    endTimeCode = {frames.last}
    startTimeCode = {frames.first}
    timeCodesPerSecond = {frames.rate:g}"""
    return f"""#usda 1.0
(
    defaultPrim = "{prim}"
    metersPerUnit = {UNITS[in_file.unit]:.9g}{time}
    upAxis = "{in_file.up.upper()}"
)

def Volume "{prim}" (
    prepend variantSets = "tier"
    variants = {{
        string tier = "{_tier(tiers[0])}"
    }}
)
{{
    float3[] extent = [({low}), ({high})]
    rel field:{facts['grid']} = </{prim}/{facts['grid']}>
    custom float softmound:extinctionPerMetre = {facts['extinction']:.9g}
    custom float softmound:albedo = {facts['albedo']:.9g}
    custom float softmound:meanCosine = {facts['anisotropy']:.9g}

    def OpenVDBAsset "{facts['grid']}"
    {{
        token fieldName = "{facts['grid']}"
    }}

    variantSet "tier" = {{
{variants}
    }}
}}
"""


def tiers_there(facts):
    """The tiers of a version whose files were not dropped: list of dict.

    Parameters
    ----------
    facts : dict
        As in `asset.json`.
    """
    return [tier for tier in facts["tiers"] if tier["reduction"] not in facts.get("dropped", ())]


def _file(file, frames):
    """The file of a volume, or of each of its frames: what is missing holds the one before by itself."""
    if frames is None:
        return f"asset filePath = @./{file}@"
    each = ", ".join(f"{n}: @./{frame_name(file, n)}@" for n in frames.numbers)
    return f"asset filePath.timeSamples = {{ {each} }}"


def _tier(tier):
    return "full" if tier["reduction"] == 1 else f"one_in_{tier['reduction']}"
