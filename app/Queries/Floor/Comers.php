<?php

declare(strict_types=1);

namespace App\Queries\Floor;

use App\Models\Athletes\Athlete;

/**
 * Who is listed for a day of a class.
 */
final readonly class Comers
{
    /**
     * @param  list<Athlete>  $athletes  by name
     * @param  list<Athlete>  $left  with a tag of the class, but beyond what a floor holds
     * @param  array<string, bool>  $said  by athlete, whether it was said that they come
     */
    public function __construct(public array $athletes, public array $left, public array $said)
    {
    }

    /** @return list<Athlete> of whom nobody said that they do not come */
    public function coming(): array
    {
        return array_values(array_filter($this->athletes, fn (Athlete $a): bool => $this->said[$a->id] ?? true));
    }
}
