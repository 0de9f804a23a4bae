"""Steps on the surface, before the grains or after them."""

from typing import Annotated, Any, ClassVar, Self

from ..kinds import Kinds
from .rows import Switch
from .value import Value

AFTER = Switch("after", "After the grains", "Otherwise before them: the forms are eased and the grains stay crisp.")


class Step(Value):
    """What all steps share.

    A kind of step is one module of `fill/steps`. It says its label, a sentence, its place among the others, the rows an
    artist sees, what one begins as, what it becomes at another size, how far it reaches and moves things, and in `act` what
    it does.
    """

    label: ClassVar[str]
    sentence: ClassVar[str]
    order: ClassVar[int] = 100
    rows: ClassVar[tuple] = ()

    on: bool = True
    after: bool = False

    @classmethod
    def begun(cls, metres: float) -> Self:
        """Return the first step of its kind.

        Parameters
        ----------
        metres : float
            What can be seen on the cloud but spoils nothing.

        Returns
        -------
        Step
        """
        raise NotImplementedError

    def sized(self, factor: float) -> Self:
        """Return the step at another size.

        Parameters
        ----------
        factor : float
            What lengths are multiplied by.

        Returns
        -------
        Step
        """
        raise NotImplementedError

    @property
    def idle(self) -> bool:
        """Whether it changes nothing, as it is set."""
        return False

    @property
    def reach(self) -> tuple[float, float]:
        """Metres outside and inside the surface that distances have to be known further for it."""
        return 0.0, 0.0

    @property
    def outward(self) -> float:
        """Metres that it moves the surface outward, of its hull and on average; inward below 0."""
        return 0.0

    def act(self, values: Any, coords: Any, inside: Any, voxel: float, far: float, ticket: Any = None) -> Any:
        """Signed distances after the step.

        Parameters
        ----------
        values : ndarray of float32, shape (n, 512)
            Of all bricks of the band, metres.
        coords : ndarray of int32, shape (n, 3)
            Sorted.
        inside : ndarray of int32, shape (m, 3)
            Bricks deeper than the band.
        voxel : float
            Metres.
        far : float
            Reach of the band, metres.
        ticket : Ticket, optional

        Returns
        -------
        ndarray of float32, shape (n, 512)
        """
        raise NotImplementedError


STEPS = Kinds("softmound.core.fill.steps", "step")
"""The kinds of step on the surface by their words."""
AnyStep = Annotated[Step, STEPS]
