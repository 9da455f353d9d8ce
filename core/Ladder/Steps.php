<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Body\Body;

/**
 * The steps that lead from one rung up (less help) and down (more help) with a gym's gear.
 */
final readonly class Steps
{
    /** Smaller than this, in carried share, nobody feels. */
    public const SMALLEST = 0.02;

    /** Larger than this, in carried share, is too much at once. */
    public const LARGEST = 0.12;

    private const MOST_BETWEEN = 6;

    private const SAME_SHARE = 1e-6;

    /** @param  list<Rung>  $between set-ups of two bands inside a step that is too large */
    private function __construct(
        public Rung $from,
        public ?Rung $up,
        public ?Rung $down,
        public array $between,
    ) {
    }

    public static function around(Rung $from, RungSearch $search, Body $body): self
    {
        $rungs = $search->near($from, $body);
        $up = self::nearest($from, array_filter($rungs, static fn (Rung $r): bool => $r->share() - $from->share() >= self::SMALLEST));
        $down = self::nearest($from, array_filter($rungs, static fn (Rung $r): bool => $from->share() - $r->share() >= self::SMALLEST));
        $tooLarge = $up !== null && $up->share() - $from->share() > self::LARGEST;

        return new self($from, $up, $down, $tooLarge && $from->lane() === Lane::Pull ? self::inside($from, $up, $search->pairs($body)) : []);
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
     * The rung whose share is closest; of equals the one with the most of the same gear.
     *
     * @param  array<Rung>  $rungs
     */
    private static function nearest(Rung $from, array $rungs): ?Rung
    {
        $rank = static fn (Rung $r): array => [
            round(abs($r->share() - $from->share()) / self::SAME_SHARE),
            -count(array_intersect_assoc(explode(':', $r->choice->key()), explode(':', $from->choice->key()))),
            $r->name,
        ];
        usort($rungs, static fn (Rung $a, Rung $b): int => $rank($a) <=> $rank($b));

        return $rungs[0] ?? null;
    }

    /**
     * Rungs at least a smallest step from either end, one for each share, at most six spread over the gap.
     *
     * @param  list<Rung>  $pairs
     * @return list<Rung>
     */
    private static function inside(Rung $from, Rung $up, array $pairs): array
    {
        $between = [];
        $last = $from;
        foreach ($pairs as $rung) {
            if ($rung->share() - $last->share() >= self::SMALLEST && $up->share() - $rung->share() >= self::SMALLEST) {
                $between[] = $last = $rung;
            }
        }

        return array_slice($between, 0, self::MOST_BETWEEN);
    }
}
