<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Strength\Estimate;

/**
 * One athlete's ladder in one lane, the one list that ladder, call and set-up lists look at: the rung in use, the one
 * below it, and the steadiest way up from it.
 */
final readonly class LadderPath
{
    /** Rungs up to the goal, unless the coach asks for more or fewer. */
    public const USUAL_RUNGS = 8;

    private const SAME_SHARE = 1e-6;

    private function __construct(public float $fromShare, public float $toShare, public ?Rung $below, public SteadyLadder $ladder)
    {
    }

    /**
     * The way from the rung in use (else from where eight reps are expected) to a goal. Its first rung does not depend on how
     * many are asked for: from a band or foot help it is the steadiest, never past a single band under the foot; in all else it
     * changes one thing, the next heel mark, pin or weight.
     *
     * @param  list<Rung>  $candidates what fits in the lane, sorted by share
     */
    public static function of(
        RungSearch $search,
        Body $body,
        Lane $lane,
        array $candidates,
        ?Rung $now,
        Estimate $estimate,
        ?float $goalShare = null,
        ?int $mostRungs = null,
    ): self {
        $from = LadderStart::share($now, $estimate, $candidates);
        $to = $goalShare ?? Goal::share($lane, $from, $candidates);
        $near = $now === null ? [] : self::near($now, $search, $body);
        $first = match (true) {
            $now === null => null,
            $now->exercise->setup->kind()->fades() => self::next($candidates, $from, Goal::share($lane, $from, $candidates)),
            default => Steps::nearestUp($now, $near),
        };
        $ladder = SteadyLadder::through($candidates, $from, $to, Steps::SMALLEST, $mostRungs ?? self::USUAL_RUNGS, $first)
            ->on(static fn (Rung $rung): Rung => self::onBarOf($now, $rung, $search, $body));

        return new self($from, $to, $now === null ? null : Steps::nearestDown($now, $near), $ladder);
    }

    /** @param  list<Rung>  $candidates */
    private static function next(array $candidates, float $fromShare, float $toShare): ?Rung
    {
        $steadiest = SteadyLadder::through($candidates, $fromShare, $toShare, Steps::SMALLEST, self::USUAL_RUNGS)->rungs[0] ?? null;
        foreach ($candidates as $rung) {
            if ($steadiest === null || $rung->share() >= $steadiest->share()) {
                break;
            }
            if (
                $rung->share() - $fromShare >= Steps::SMALLEST
                && $rung->holds()
                && $rung->exercise->setup instanceof OnBands
                && $rung->exercise->setup->isSingleAtFoot()
            ) {
                return $rung;
            }
        }

        return $steadiest;
    }

    /** @return list<Rung> what one change leads to: another band, weight or pin, or the heels at another mark */
    private static function near(Rung $now, RungSearch $search, Body $body): array
    {
        return array_values(array_filter($search->near($now, $body), static fn (Rung $r): bool => $r->holds()));
    }

    /** The same bands on the bar in use, where they carry the same there. */
    private static function onBarOf(?Rung $now, Rung $rung, RungSearch $search, Body $body): Rung
    {
        [$here, $there] = [$now?->exercise->setup, $rung->exercise->setup];
        if (! $here instanceof OnBands || ! $there instanceof OnBands || $there->barId === $here->barId) {
            return $rung;
        }
        $there = $search->standing($rung->exercise->on($there->onBar($here->barId)), $body);

        return $there instanceof Rung && abs($there->share() - $rung->share()) < self::SAME_SHARE ? $there : $rung;
    }
}
