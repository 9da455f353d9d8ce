<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Search;

use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Kit;

/**
 * A rung and the bars on which the same bands in the same place carry the same.
 */
final readonly class SameOnBars
{
    private const SAME_SHARE = 1e-6;

    /** @param  non-empty-list<Rung>  $all */
    private function __construct(public Rung $rung, private array $all)
    {
    }

    /**
     * The rungs grouped, in their order; each group is shown by the chosen rung if it is among them.
     *
     * @param  list<Rung>  $rungs
     * @return list<self>
     */
    public static function grouped(array $rungs, ?Exercise $chosen): array
    {
        $groups = [];
        foreach ($rungs as $rung) {
            $key = $rung->exercise->work().'|'.round($rung->share() / self::SAME_SHARE);
            $groups[$key][] = $rung;
        }

        return array_map(static function (array $all) use ($chosen): self {
            $picked = array_filter($all, static fn (Rung $r): bool => $r->key() === $chosen?->key());

            return new self(array_values($picked)[0] ?? $all[0], $all);
        }, array_values($groups));
    }

    public function includes(?Exercise $exercise): bool
    {
        return $exercise !== null && in_array($exercise->key(), array_map(static fn (Rung $r): string => $r->key(), $this->all), true);
    }

    /** @return list<string> */
    public function barNames(Kit $kit): array
    {
        $ids = array_map(
            static fn (Rung $r): ?string => $r->exercise->setup instanceof OnBands ? $r->exercise->setup->barId : null,
            $this->all,
        );

        return array_values(array_map(
            static fn (Bar $bar): string => $bar->name,
            array_filter($kit->bars, static fn (Bar $bar): bool => in_array($bar->id, $ids, true)),
        ));
    }
}
