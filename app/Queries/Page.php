<?php

declare(strict_types=1);

namespace App\Queries;

use App\Models\Record;
use Illuminate\Database\Eloquent\Builder;

/**
 * One page of a query.
 *
 * @template-covariant T of Record
 */
final readonly class Page
{
    public const SIZE = 50;

    /** @param  list<T>  $items */
    private function __construct(public array $items, public ?int $next)
    {
    }

    /**
     * @template R of Record
     *
     * @param  Builder<R>  $query
     * @return self<R>
     */
    public static function of(Builder $query, int $number): self
    {
        $rows = array_values($query->offset(($number - 1) * self::SIZE)->limit(self::SIZE + 1)->get()->all());

        return new self(array_slice($rows, 0, self::SIZE), count($rows) > self::SIZE ? $number + 1 : null);
    }
}
