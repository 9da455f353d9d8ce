<?php

declare(strict_types=1);

namespace SteadyRung;

/**
 * What every refusal of the core has in common: the class is the kind, the readonly fields are the data.
 */
interface CoreError extends \Throwable
{
}
