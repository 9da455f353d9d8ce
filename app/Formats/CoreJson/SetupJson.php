<?php

declare(strict_types=1);

namespace App\Formats\CoreJson;

use SteadyRung\Kit\CalibrationPoint;
use SteadyRung\Kit\LoopBand;
use SteadyRung\Ladder\ChoiceKind;
use SteadyRung\Setup\AddedWeight;
use SteadyRung\Setup\BandHelp;
use SteadyRung\Setup\Counterweight;
use SteadyRung\Setup\FootHelp;
use SteadyRung\Setup\Row;
use SteadyRung\Setup\Setup;

/**
 * Writes a set-up as the topic "carried" reads it.
 */
final class SetupJson
{
    /** @return array<string, mixed> */
    public static function of(Setup $setup): array
    {
        return match (true) {
            $setup instanceof BandHelp => [
                'kind' => ChoiceKind::Band,
                'bar_height_m' => $setup->barHeightM,
                'attach' => $setup->attach,
                'bands' => array_map(self::band(...), $setup->bands),
            ],
            $setup instanceof Row => [
                'kind' => ChoiceKind::Row,
                'anchor_height_m' => $setup->anchorHeightM,
                'strap_m' => $setup->strapM,
                'heel_mark_m' => $setup->heelMarkM,
                'heel_height_m' => $setup->heelHeightM,
            ],
            $setup instanceof FootHelp => ['kind' => ChoiceKind::Foot, 'bar_height_m' => $setup->reach->barHeightM, 'box_m' => $setup->reach->boxM],
            $setup instanceof Counterweight => ['kind' => ChoiceKind::Counterweight, 'stack_kg' => $setup->stackKg, 'leverage' => $setup->leverage],
            $setup instanceof AddedWeight => ['kind' => ChoiceKind::Added, 'added_kg' => $setup->addedKg],
            default => ['kind' => ChoiceKind::Strict],
        };
    }

    /** @return array<string, mixed> */
    private static function band(LoopBand $band): array
    {
        return [
            'id' => $band->id,
            'hung_length_m' => $band->hungLengthM(),
            'width_mm' => $band->widthMm,
            'thickness_mm' => $band->thicknessMm,
            'points' => array_map(static fn (CalibrationPoint $p): array => ['length_m' => $p->lengthM, 'force_n' => $p->forceN], $band->points),
        ];
    }
}
