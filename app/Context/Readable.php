<?php

declare(strict_types=1);

namespace App\Context;

use App\Formats\Stored\Damaged;

/**
 * Reads the rows of a list one by one: a row that cannot be read is logged and marked, and the list still answers.
 */
final class Readable
{
    /**
     * @template R
     * @template T
     * @template D
     *
     * @param  list<R>  $rows
     * @param  \Closure(R): T  $read
     * @param  \Closure(R): D  $mark
     * @return array{list<T>, list<D>}
     */
    public static function all(array $rows, \Closure $read, \Closure $mark): array
    {
        $good = $damaged = [];
        foreach ($rows as $row) {
            try {
                $good[] = $read($row);
            } catch (Damaged $fault) {
                report($fault);
                $damaged[] = $mark($row);
            }
        }

        return [$good, $damaged];
    }

    /**
     * What a row says of itself; none where it cannot be read.
     *
     * @template T
     *
     * @param  \Closure(): T  $read
     * @return T|null
     */
    public static function orNull(\Closure $read): mixed
    {
        try {
            return $read();
        } catch (Damaged $fault) {
            report($fault);

            return null;
        }
    }
}
