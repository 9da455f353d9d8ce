<?php

declare(strict_types=1);

namespace SteadyRung;

/**
 * Standard gravity, exact by definition (3rd CGPM 1901): kilograms of load are newtons divided by it.
 */
final class Gravity
{
    public const M_PER_S2 = 9.80665;
}
