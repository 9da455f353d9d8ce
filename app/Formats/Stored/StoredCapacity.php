<?php

declare(strict_types=1);

namespace App\Formats\Stored;

use App\Formats\JsonObject;
use SteadyRung\Strength\Filter\CapacityFilter;
use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Filter\Gaussian;

/**
 * A state of the filter as it is kept, exact to the last bit: the set-ups with the places of their errors, then all figures as
 * doubles. What another program kept is not read but followed anew from the log.
 */
final class StoredCapacity
{
    private const VERSION = 1;

    private const LONGEST_KEY = 500;

    private const LONGEST_STATE = 100_000;

    public static function write(CapacityState $state): string
    {
        $figures = $state->logWeights;
        foreach ($state->estimates as $estimate) {
            array_push($figures, ...$estimate->mean);
            foreach ($estimate->covariance as $i => $row) {
                array_push($figures, ...array_slice($row, 0, $i + 1));
            }
        }

        return json_encode(StoredForm::keys(self::VERSION, [
            'setups' => array_map(strval(...), array_keys($state->setups)),
            'places' => array_values($state->setups),
            'figures' => PackedFigures::write($figures),
        ]), JSON_THROW_ON_ERROR);
    }

    /**
     * Null where another version of the filter wrote it.
     *
     * @throws Damaged if it cannot be read
     */
    public static function read(string $kept, int $day): ?CapacityState
    {
        return StoredForm::read('capacity', $kept, static function (JsonObject $j) use ($day): ?CapacityState {
            $setups = array_combine(
                $j->texts('setups', StoredForm::ANY, self::LONGEST_KEY),
                array_map(intval(...), $j->numbers('places', StoredForm::ANY)),
            );
            $figures = PackedFigures::read($j->text('figures', self::LONGEST_STATE));
            $hypotheses = CapacityFilter::usual()->hypotheses;
            $size = Gaussian::FIRST_ERROR + count($setups);
            $each = $size + intdiv($size * ($size + 1), 2);
            if ($j->integer('v') !== self::VERSION || count($figures) !== count($hypotheses) * (1 + $each)) {
                return null;
            }
            $estimates = array_map(
                static fn (int $i): Gaussian => self::estimate(array_slice($figures, count($hypotheses) + $i * $each, $each), $size),
                array_keys($hypotheses),
            );

            return CapacityState::restored($day, $setups, $hypotheses, array_slice($figures, 0, count($hypotheses)), $estimates);
        });
    }

    /** @param  list<float>  $figures */
    private static function estimate(array $figures, int $size): Gaussian
    {
        $at = $size;
        $rows = array_fill(0, $size, array_fill(0, $size, 0.0));
        for ($i = 0; $i < $size; $i++) {
            for ($j = 0; $j <= $i; $j++) {
                $rows[$i][$j] = $rows[$j][$i] = $figures[$at++];
            }
        }

        return new Gaussian(array_slice($figures, 0, $size), $rows);
    }
}
