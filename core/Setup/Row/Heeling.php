<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Row;

use SteadyRung\Kit\Floor;
use SteadyRung\Setup\Warning;
use SteadyRung\Setup\WarningCode;

/**
 * How a row stands on the floor.
 */
final readonly class Heeling
{
    public function __construct(
        public Heels $heels = Heels::Free,
        public Knees $knees = Knees::Straight,
        public Floor $floor = Floor::Unknown,
    ) {
    }

    /** What to say of heels that need a coefficient of friction; nothing of blocked ones. */
    public function warning(float $friction): ?Warning
    {
        [$may, $will] = $this->floor->grip();

        return match (true) {
            $this->heels === Heels::Blocked || $friction <= $may => null,
            $friction > $will => new Warning(
                WarningCode::HeelsSlip,
                sprintf(
                    'The heels slip here: they would need a grip of %.2f, and %.2f is what to count on. Block them against a wall or a plate.',
                    $friction,
                    $will,
                ),
            ),
            default => new Warning(
                WarningCode::HeelsMaySlip,
                sprintf('The heels may slip: they need a grip of %.2f. Test the floor first, or block them.', $friction),
            ),
        };
    }
}
