<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\OutOfRange;

/**
 * Which of several like pieces are taken, whatever the order they were named in.
 */
final class PieceIds
{
    /**
     * Each once, sorted.
     *
     * @param  list<string>  $ids
     * @param  array{float, float}  $allowed
     * @return list<string>
     *
     * @throws OutOfRange if there are fewer or more of them than allowed
     */
    public static function of(string $field, array $ids, array $allowed): array
    {
        $ids = array_values(array_unique($ids));
        OutOfRange::guard([$field => [count($ids), $allowed]]);
        sort($ids);

        return $ids;
    }
}
