"""What can be wrong with something from outside, said in one sentence."""

from .kinds import WORDS
from .sentences import Sentence


class Problem(Exception):
    """Bad input, a full disk, a build that does not fit: `str()` is one sentence for the user.

    Parameters
    ----------
    sentence : str
        With braces where values are put in, if there are any, as of `str.format`.
    *values
        What is put in.

    Attributes
    ----------
    code : int
        Exit code of the command line.
    """

    code = 2

    def __init__(self, sentence, *values):
        super().__init__(Sentence(sentence, *values) if values else sentence)

    @property
    def sentence(self):
        """What is wrong: str, a `Sentence` where it was made of several parts."""
        return self.args[0]


class DoesNotFit(Problem):
    """More memory or time would be needed than there is."""

    code = 3


class NotWritten(Problem):
    """The disk does not take it: full, read-only, or no such folder."""

    code = 4


class OutOfLimits(Problem):
    """What an edit would make of a part of a recipe is outside of its limits.

    Parameters
    ----------
    error : pydantic.ValidationError

    Attributes
    ----------
    error : pydantic.ValidationError
    """

    def __init__(self, error):
        super().__init__(sentence_for(error, Sentence("Not done")))
        self.error = error


def sentence_for(error, source):
    """Say what a validation found first, in one sentence.

    Parameters
    ----------
    error : pydantic.ValidationError
        From reading a recipe.
    source : str or path-like
        The file it came from.

    Returns
    -------
    Sentence
        Names the file, the place in it and what to do.
    """
    first = error.errors(include_url=False)[0]
    # Behind the number of a form, a grain, a step or a mask the checker names its kind, which is no step in the file.
    steps = [step for before, step in zip(("", *first["loc"]), first["loc"])
             if not (isinstance(before, int) and step in WORDS)]
    place = ".".join(str(step) for step in steps) or "the recipe"
    kind, value, context = first["type"], _short(first.get("input")), first.get("ctx", {})
    more = len(error.errors()) - 1
    if kind == "extra_forbidden":
        text = Sentence("the field {} is not known to this version; remove it or update Soft Mound", place)
    elif kind == "missing":
        text = Sentence("the field {} is missing; add it", place)
    elif kind in ("greater_than_equal", "greater_than"):
        text = Sentence("{} is {}; set it to at least {}", place, value, context.get("ge", context.get("gt")))
    elif kind in ("less_than_equal", "less_than"):
        text = Sentence("{} is {}; set it to at most {}", place, value, context.get("le", context.get("lt")))
    elif kind == "string_pattern_mismatch":
        text = Sentence("{} is {}; name it without slashes, control characters, and dots alone", place, value)
    elif kind == "finite_number":
        text = Sentence("{} is not a finite number; give it a real value", place)
    elif kind == "too_long":
        text = Sentence("{} holds too many entries; keep at most {}", place, context.get("max_length"))
    elif kind == "value_error":
        said = context.get("error", first["msg"])
        said = said.args[0] if isinstance(said, ValueError) and said.args else str(said)
        text = Sentence("{}: {}", place, said)
    else:
        text = Sentence("{} is {}: {}", place, value, f"{first['msg'][:1].lower()}{first['msg'][1:]}")
    return Sentence("{}: {} ({} more problems).", source, text, more) if more else Sentence("{}: {}.", source, text)


def _short(value):
    try:
        shown = repr(value)
    except ValueError:  # a whole number of thousands of digits
        shown = "a number too long to print"
    return shown if len(shown) <= 40 else shown[:37] + "..."
