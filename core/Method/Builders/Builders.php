<?php

declare(strict_types=1);

namespace SteadyRung\Method\Builders;

use SteadyRung\Method\House\HouseRules;

/**
 * The builders there are, and the one a coach chose for an athlete.
 */
final readonly class Builders
{
    private const DAYS_A_WEEK = 7;

    /**
     * @param  list<Builder>  $all
     * @param  int  $since  day the chosen one was begun
     */
    public function __construct(private array $all = [], private ?Builder $chosen = null, private int $since = 0)
    {
    }

    /** The one chosen until its weeks are over; where none was chosen that of the house, for whoever is there. */
    public function on(int $today, HouseRules $rules, int $mostStrict, bool $isNewcomer): ?Builder
    {
        if ($this->chosen !== null) {
            return $this->over($today) === null ? $this->chosen : null;
        }
        foreach ($rules->builders(intdiv($today, self::DAYS_A_WEEK)) as $key) {
            $builder = $this->find($key);
            if ($builder !== null && $mostStrict >= $builder->fromReps && ! ($builder->tires && $isNewcomer)) {
                return $builder;
            }
        }

        return null;
    }

    /** The one chosen, once its weeks are over. */
    public function over(int $today): ?Builder
    {
        return $this->chosen !== null && $today >= $this->endsOn($this->chosen) ? $this->chosen : null;
    }

    /** Weeks since the chosen one was begun, the first as 0. */
    public function weeksInto(int $today): int
    {
        return intdiv(max(0, $today - $this->since), self::DAYS_A_WEEK);
    }

    /** The day after the last of its weeks. */
    public function endsOn(Builder $builder): int
    {
        return $this->since + self::DAYS_A_WEEK * $builder->weeks[1];
    }

    /**
     * What may come after one, for whoever has so many strict reps: the others, the most asked of the athlete first.
     *
     * @return list<Builder>
     */
    public function after(Builder $over, int $mostStrict): array
    {
        $others = array_values(array_filter(
            $this->all,
            static fn (Builder $b): bool => $b->key !== $over->key && $b->fromReps <= $mostStrict,
        ));
        usort($others, static fn (Builder $a, Builder $b): int => [$b->fromReps, $a->name] <=> [$a->fromReps, $b->name]);

        return $others;
    }

    private function find(string $key): ?Builder
    {
        return array_values(array_filter($this->all, static fn (Builder $b): bool => $b->key === $key))[0] ?? null;
    }
}
