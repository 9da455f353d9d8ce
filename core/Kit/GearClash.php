<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

use SteadyRung\CoreError;
use SteadyRung\InWords;

/**
 * Two pieces of gear, each fine by itself, that cannot go together; names the quantity to change.
 */
final class GearClash extends \DomainException implements CoreError
{
    private function __construct(public readonly string $quantity, public readonly float $value, string $message)
    {
        parent::__construct($message);
    }

    public static function boxAboveBar(float $boxM, float $barHeightM, float $leastBelowM): self
    {
        return new self('box_m', $boxM, sprintf(
            'A box of %s under a bar at %s leaves no room to hang: take one at least %s lower than the bar.',
            InWords::cm($boxM), InWords::cm($barHeightM), InWords::cm($leastBelowM),
        ));
    }

    public static function strapTooLong(float $strapM, float $anchorHeightM, float $leastOverFloorM): self
    {
        return new self('strap_m', $strapM, sprintf(
            'A strap of %s on an anchor at %s hangs to the floor: keep the rings %s over it.',
            InWords::cm($strapM), InWords::cm($anchorHeightM), InWords::cm($leastOverFloorM),
        ));
    }

    public static function otherMachine(Machine $machine, MachineUse $for): self
    {
        return new self(
            'machine_id',
            $machine->mostKg,
            sprintf('%s %s: choose another machine to %s.', $machine->name, $machine->use->words(), $for->wanted()),
        );
    }

    public static function heelsAboveAnchor(float $heelHeightM, float $anchorHeightM): self
    {
        return new self(
            'heel_height_m',
            $heelHeightM,
            sprintf(
                'Heels at %s are not below the anchor at %s. Take a lower box.',
                InWords::cm($heelHeightM),
                InWords::cm($anchorHeightM),
            ),
        );
    }
}
