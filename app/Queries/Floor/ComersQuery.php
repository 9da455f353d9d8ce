<?php

declare(strict_types=1);

namespace App\Queries\Floor;

use App\Models\Athletes\Athlete;
use App\Models\Floor\ClassComer;
use App\Models\Floor\GymClass;
use Illuminate\Database\Eloquent\Builder;

/**
 * Who is listed for a day of a class: whoever has a tag of it, and of whom it was said.
 */
final class ComersQuery
{
    /** Of those a floor does not hold so many are named. */
    private const MOST_LEFT = 40;

    public function of(GymClass $class, string $on): Comers
    {
        $said = ClassComer::of($class->id, $on);
        $tagged = $this->tagged($class, array_keys($said))->limit(GymClass::MOST_COMERS + 1)->get();
        $left = $tagged->count() > GymClass::MOST_COMERS
            ? $this->tagged($class, array_keys($said))->offset(GymClass::MOST_COMERS)->limit(self::MOST_LEFT)->get(['id', 'name', 'kind'])
            : $tagged->take(0);
        $told = Athlete::query()->whereIn('id', array_keys($said))
            ->whereNull('archived_at')
            ->orderBy('name')
            ->orderBy('id')
            ->limit(2 * GymClass::MOST_COMERS)
            ->get();

        return new Comers(
            array_values($tagged->take(GymClass::MOST_COMERS)->concat($told)->sortBy('name')->all()),
            array_values($left->all()),
            $said,
        );
    }

    /**
     * Whoever has a tag of the class, those left out of whom it was said otherwise.
     *
     * @param  list<string>  $said
     * @return Builder<Athlete>
     */
    private function tagged(GymClass $class, array $said): Builder
    {
        $tagged = Athlete::query();
        $tagged->whereNull('archived_at')->whereNotIn('id', $said)->orderBy('name')->orderBy('id')
            ->whereRaw(
                'EXISTS (SELECT 1 FROM jsonb_array_elements_text(tags) AS tag WHERE tag = ANY(?))',
                ['{'.implode(',', array_map(static fn (string $t): string => '"'.addcslashes($t, '"\\').'"', $class->tags)).'}'],
            );

        return $tagged;
    }
}
