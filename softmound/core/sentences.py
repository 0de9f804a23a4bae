"""Sentences that remember what they were made of, so that others can say them in another language."""


class Sentence(str):
    """A sentence for people: the English one as a string, and what it was made of.

    Parameters
    ----------
    pattern : str
        With braces where something is put in, as of `str.format`.
    *values
        What is put in.

    Attributes
    ----------
    pattern : str
    values : tuple
    """

    __slots__ = ("pattern", "values")

    def __new__(cls, pattern, *values):
        made = super().__new__(cls, pattern.format(*values))
        made.pattern, made.values = pattern, values
        return made

    def __reduce__(self):
        # Another process gets the English as it is: what was put in may be anything.
        return _again, (str(self), self.pattern, tuple(value if isinstance(value, (str, int, float)) else str(value)
                                                       for value in self.values))


def _again(text, pattern, values):
    made = str.__new__(Sentence, text)
    made.pattern, made.values = pattern, values
    return made
