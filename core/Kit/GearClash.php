<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

use SteadyRung\CoreError;

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
            'A box of %.2f m under a bar at %.2f m leaves no room to hang: take one at least %.2f m lower than the bar.',
            $boxM, $barHeightM, $leastBelowM,
        ));
    }

    public static function strapTooLong(float $strapM, float $anchorHeightM, float $leastOverFloorM): self
    {
        return new self('strap_m', $strapM, sprintf(
            'A strap of %.2f m on an anchor at %.2f m hangs to the floor: keep the rings %.2f m over it.',
            $strapM, $anchorHeightM, $leastOverFloorM,
        ));
    }

    public static function heelsAboveAnchor(float $heelHeightM, float $anchorHeightM): self
    {
        return new self('heel_height_m', $heelHeightM, sprintf('Heels at %.2f m are not below the anchor at %.2f m. Take a lower box.', $heelHeightM, $anchorHeightM));
    }
}
