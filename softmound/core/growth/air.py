"""The air that a cloud grows in: temperature, humidity and pressure by height, and what water does in it.

Constants and formulas are those of Rogers and Yau (1989, A Short Course in Cloud Physics, 3rd edition) and of Bolton (1980, The
computation of equivalent potential temperature, Monthly Weather Review 108).
"""

from dataclasses import dataclass

import numpy as np

GRAVITY = 9.81
"""Metres a second squared."""
DRY_GAS, VAPOUR_GAS, HEAT_CAPACITY, LATENT = 287.04, 461.5, 1005.0, 2.5e6
"""Gas constants of dry air and of vapour, J/(kg K); heat of dry air at even pressure, J/(kg K); of condensation, J/kg."""
EPSILON = DRY_GAS / VAPOUR_GAS
LIGHTER = 1.0 / EPSILON - 1.0
"""By how much vapour is lighter than air, as a share."""
REFERENCE = 100_000.0
"""Pascal at which potential temperature is temperature."""
FREEZING = 273.15
STEP = 5.0
"""Metres by which pressure is summed upward."""


@dataclass(frozen=True, eq=False)
class Air:
    """Still air by height.

    Attributes
    ----------
    theta : ndarray of float64, shape (n,)
        Potential temperature, kelvin.
    vapour : ndarray of float64, shape (n,)
        Mixing ratio, kg of water in a kg of air.
    pressure : ndarray of float64, shape (n,)
        Pascal.
    """

    theta: np.ndarray
    vapour: np.ndarray
    pressure: np.ndarray

    @property
    def exner(self):
        """Temperature over potential temperature: ndarray of float64, shape (n,)."""
        return exner_of(self.pressure)

    @property
    def temperature(self):
        """Kelvin: ndarray of float64, shape (n,)."""
        return self.theta * self.exner


def exner_of(pressure):
    """Temperature over potential temperature at a pressure in pascal: like it."""
    return (np.asarray(pressure, float) / REFERENCE) ** (DRY_GAS / HEAT_CAPACITY)


def saturated(temperature, pressure):
    """Mixing ratio of saturated air.

    Bolton (1980), equation 10, over water at all temperatures.

    Parameters
    ----------
    temperature : ndarray of float
        Kelvin.
    pressure : ndarray of float
        Pascal.

    Returns
    -------
    ndarray of float64
        Kilograms in a kilogram.
    """
    celsius = np.asarray(temperature, float) - FREEZING
    tension = 611.2 * np.exp(17.67 * celsius / (celsius + 243.5))
    return EPSILON * tension / (pressure - tension)


def moist_lapse(temperature, pressure):
    """Kelvin by which saturated air cools in a metre of rise: Rogers and Yau (1989), equation 3.15.

    Parameters
    ----------
    temperature, pressure : float
        Kelvin, pascal.

    Returns
    -------
    float
    """
    wet = saturated(temperature, pressure)
    return (GRAVITY / HEAT_CAPACITY * (1.0 + LATENT * wet / (DRY_GAS * temperature))
            / (1.0 + LATENT**2 * wet * EPSILON / (HEAT_CAPACITY * DRY_GAS * temperature**2)))


def _temperature(sounding, height):
    """Kelvin at heights above the base level: dry adiabatic below it, then by the lapse, the inversion and what is above it."""
    lid, top = sounding.inversion, sounding.inversion + sounding.thickness
    at = np.array([-1e4, 0.0, lid, top, top + 1e5])
    steps = np.array([0.0, -GRAVITY / HEAT_CAPACITY * 1e4, -sounding.lapse * lid / 1e3, sounding.strength,
                      -sounding.lapse_above * 1e2])
    kelvin = np.cumsum(steps)
    return FREEZING + sounding.temperature + np.interp(height, at, kelvin - kelvin[1])


def air_of(sounding, heights):
    """The air of a sounding.

    Parameters
    ----------
    sounding : Sounding
    heights : ndarray of float, shape (n,)
        Above the base level, metres of nature.

    Returns
    -------
    Air
        In hydrostatic balance. Below the base level it is mixed: potential temperature and mixing ratio are what they are there.
    """
    heights = np.asarray(heights, float)
    low, high = min(heights.min(), 0.0), max(heights.max(), 0.0)
    fine = np.concatenate([np.arange(0.0, low - STEP, -STEP)[:0:-1], np.arange(0.0, high + STEP, STEP)])
    kelvin = np.maximum(_temperature(sounding, fine), 150.0)
    lid = sounding.inversion
    damp = np.interp(fine, [lid, lid + sounding.thickness], [sounding.humidity, sounding.humidity_above])
    # The weight of the air above, from the pressure at the base level; vapour alters it by less than a hundredth.
    slope = -GRAVITY / (DRY_GAS * kelvin)
    steps = np.concatenate([[0.0], np.cumsum(0.5 * (slope[1:] + slope[:-1]) * np.diff(fine))])
    pressure = sounding.pressure * 100.0 * np.exp(steps - np.interp(0.0, fine, steps))
    vapour = damp * saturated(kelvin, pressure)
    vapour[fine < 0.0] = np.interp(0.0, fine, vapour)
    at = [np.interp(heights, fine, each) for each in (kelvin / exner_of(pressure), vapour, pressure)]
    return Air(*at)


def lifted_parcel(sounding, air, heights, warmer=0.0, moisture=1.0):
    """A parcel that rises from the base level without mixing.

    Parameters
    ----------
    sounding : Sounding
    air : Air
        At the same heights.
    heights : ndarray of float, shape (n,)
        Above the base level, rising, metres of nature.
    warmer : float, optional
        Kelvin by which it is warmer than the air.
    moisture : float, optional
        Its water, in shares of what saturates the air at the base level.

    Returns
    -------
    temperature : ndarray of float64, shape (n,)
        Kelvin.
    water : ndarray of float64, shape (n,)
        Droplets, kg in a kg.
    buoyancy : ndarray of float64, shape (n,)
        Metres a second squared.
    """
    base = air_of(sounding, np.zeros(1))
    theta = np.full(len(heights), base.theta[0] + warmer)
    total = np.full(len(heights), moisture * saturated(base.temperature[0], base.pressure[0]))
    water = droplets(theta, total, air.pressure)
    exner = air.exner
    warm = theta + LATENT / HEAT_CAPACITY / exner * water
    lift = GRAVITY * ((warm - air.theta) / air.theta + LIGHTER * (total - water - air.vapour) - water)
    return warm * exner, water, lift


def droplets(theta_liquid, total, pressure):
    """Liquid water of air by what it keeps while it rises and mixes.

    Parameters
    ----------
    theta_liquid : ndarray of float
        Potential temperature with all water evaporated, kelvin (Betts 1973, Quarterly Journal 99, linearized).
    total : ndarray of float
        Vapour and droplets, kg in a kg.
    pressure : ndarray of float
        Pascal.

    Returns
    -------
    ndarray of float64
        Kilograms in a kilogram: what is more than air of the temperature that it then has can hold; by Newton's rule.
    """
    exner = exner_of(pressure)
    cold = np.asarray(theta_liquid, float) * exner
    water = np.zeros(np.broadcast(cold, total).shape)
    for _ in range(4):
        kelvin = cold + LATENT / HEAT_CAPACITY * water
        held = saturated(kelvin, pressure)
        slope = LATENT**2 * held / (HEAT_CAPACITY * VAPOUR_GAS * kelvin**2)
        water = np.maximum(water + (total - water - held) / (1.0 + slope), 0.0)
    return water


def stopping_height(sounding, warmer=0.5, moisture=1.0, highest=20_000.0):
    """Height above the base level where a parcel is no longer lighter than the air: float, metres of nature; 0 if it never is.

    Parameters
    ----------
    sounding : Sounding
    warmer, moisture : float, optional
        As of `lifted_parcel`.
    highest : float, optional
        Up to where it is looked for.
    """
    heights = np.arange(0.0, highest, 20.0)
    lift = lifted_parcel(sounding, air_of(sounding, heights), heights, warmer, moisture)[2]
    rising = np.flatnonzero(lift > 0.0)
    if not len(rising):
        return 0.0
    after = np.flatnonzero(lift[rising[0]:] <= 0.0)
    return float(heights[rising[0] + after[0]]) if len(after) else highest


def dew_point(vapour, pressure):
    """Temperature at which air would be saturated.

    Bolton (1980), equation 11.

    Parameters
    ----------
    vapour : ndarray of float
        Kilograms in a kilogram.
    pressure : ndarray of float
        Pascal.

    Returns
    -------
    ndarray of float64
        Degrees Celsius.
    """
    tension = np.maximum(vapour, 1e-9) * pressure / (EPSILON + vapour)
    share = np.log(tension / 611.2)
    return 243.5 * share / (17.67 - share)


def drawn(sounding, warmer, moisture, highest=None):
    """A sounding as a chart shows it, and the parcel that rises through it.

    Parameters
    ----------
    sounding : Sounding
    warmer, moisture : float
        Of the parcel, as of `lifted_parcel`.
    highest : float, optional
        Metres; default half as high again as the parcel or the inversion.

    Returns
    -------
    dict
        `heights` above the base level, metres; `temperature`, `dew_point` and `parcel`, degrees Celsius, ndarray of float64, shape
        (n,); `stops`, the height where the parcel is no longer lighter, metres.
    """
    stops = stopping_height(sounding, warmer, moisture)
    highest = min(1.5 * max(stops, sounding.inversion + sounding.thickness, 500.0), 20_000.0) if highest is None else highest
    heights = np.linspace(0.0, highest, 120)
    air = air_of(sounding, heights)
    return {"heights": heights, "temperature": air.temperature - FREEZING, "dew_point": dew_point(air.vapour, air.pressure),
            "parcel": lifted_parcel(sounding, air, heights, warmer, moisture)[0] - FREEZING, "stops": stops}
