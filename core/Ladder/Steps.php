<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Exercise\Rung;

/**
 * Where one rung leads: up (less help) to the next rung of the athlete's ladder, and down (more help) to a rung that
 * differs in as little gear as possible.
 */
final readonly class Steps
{
    /** Smaller than this, in carried share, nobody feels. */
    public const SMALLEST = 0.02;

    /** Larger than this, in carried share, is too much at once. */
    public const LARGEST = 0.12;

    private const SAME_SHARE = 1e-6;

    public function __construct(public Rung $from, public ?Rung $up, public ?Rung $down)
    {
    }

    /** Size of the step up in carried share, 0 if there is none. */
    public function sizeUp(): float
    {
        return $this->up === null ? 0.0 : $this->up->share() - $this->from->share();
    }

    public function isTooLarge(): bool
    {
        return $this->sizeUp() > self::LARGEST;
    }

    /**
     * The nearest rung that is felt to be harder; of equals the one with the most of the same gear.
     *
     * @param  list<Rung>  $rungs
     */
    public static function nearestUp(Rung $from, array $rungs): ?Rung
    {
        return self::nearest($from, array_filter($rungs, static fn (Rung $r): bool => $r->share() - $from->share() >= self::SMALLEST));
    }

    /**
     * The nearest rung that is felt to be easier, likewise.
     *
     * @param  list<Rung>  $rungs
     */
    public static function nearestDown(Rung $from, array $rungs): ?Rung
    {
        return self::nearest(
            $from,
            array_filter(
                $rungs,
                static fn (Rung $r): bool => $from->share() - $r->share() >= self::SMALLEST
                    && $r->load->effectiveShare() < $from->load->effectiveShare(),
            ),
        );
    }

    /** @param  array<Rung>  $rungs */
    private static function nearest(Rung $from, array $rungs): ?Rung
    {
        $rank = static fn (Rung $r): array => [
            round(abs($r->share() - $from->share()) / self::SAME_SHARE),
            -count(array_intersect_assoc($r->exercise->pieces(), $from->exercise->pieces())),
            $r->name,
        ];
        usort($rungs, static fn (Rung $a, Rung $b): int => $rank($a) <=> $rank($b));

        return $rungs[0] ?? null;
    }
}
