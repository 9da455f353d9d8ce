<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Search;

use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Kit\GearClash;
use SteadyRung\Setup\Row\HeelMark;
use SteadyRung\Setup\Row\Row;

/**
 * Which heel mark gives a share, on every anchor, strap and box of a kit.
 */
final class HeelMarks
{
    private const MOST_PLACES = 200;

    /**
     * The rows that give a share: those whose heels hold first, then those that need the least grip.
     *
     * @return list<Rung>
     */
    public static function forShare(RungSearch $search, Body $body, float $share): array
    {
        $found = [];
        foreach (array_slice(self::places($search), 0, self::MOST_PLACES) as $place) {
            try {
                $row = HeelMark::forShare($place->setup($search->kit), $body, $share);
            } catch (GearClash) {
                continue;
            }
            $rung = $row instanceof Row ? $search->standing(Exercise::of($place->withHeelMark($row->heelMarkM)), $body) : null;
            if ($rung instanceof Rung) {
                $found[] = $rung;
            }
        }
        usort(
            $found,
            static fn (Rung $a, Rung $b): int => [$a->load->isCautioned(), $a->load->friction]
                <=> [$b->load->isCautioned(), $b->load->friction],
        );

        return $found;
    }

    /** @return list<InRow> on the floor first */
    private static function places(RungSearch $search): array
    {
        $places = [];
        foreach ([null, ...array_column($search->kit->boxes, 'id')] as $boxId) {
            foreach ($search->kit->ringPairs as $rings) {
                foreach ($rings->strapsM as $strapM) {
                    $places[] = InRow::onRings($rings->id, $strapM, 0.0, $boxId);
                }
            }
            foreach ($search->kit->bars as $bar) {
                $places[] = InRow::onBar($bar->id, 0.0, $boxId);
            }
        }

        return $places;
    }
}
