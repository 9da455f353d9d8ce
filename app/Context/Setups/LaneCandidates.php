<?php

declare(strict_types=1);

namespace App\Context\Setups;

use App\Context\Kit\GymKit;
use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;

/**
 * What fits in a lane, remembered of the last athlete looked at: who climbs rung after rung is searched for once.
 */
final class LaneCandidates
{
    private string $of = '';

    /** @var array<string, list<Rung>> */
    private array $found = [];

    public function __construct(private readonly GymKit $kit)
    {
    }

    /** @return list<Rung> */
    public function in(Lane $lane, RungSearch $search, Body $body, ?Exercise $like): array
    {
        $of = implode(
            '|',
            [
                $this->kit->version(),
                spl_object_id($search->kit),
                $search->limits->key(),
                $body->massKg,
                $body->statureM,
                $body->reachM,
                $body->reachSource->value,
                $body->proportions->value,
            ],
        );
        if ($of !== $this->of) {
            [$this->of, $this->found] = [$of, []];
        }

        return $this->found[$lane->value.($like === null ? '' : $like->style->key($like->setup->kind()))] ??= $search->lane(
            $lane,
            $body,
            $like,
        );
    }
}
