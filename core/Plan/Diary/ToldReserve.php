<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

use SteadyRung\Strength\Filter\SetFall;
use SteadyRung\Strength\Reps\RepCurve;

/**
 * What was said to be left, held against what the next set on the same load came to when it ended at failure.
 */
final readonly class ToldReserve
{
    private const DAYS = 84;

    /** Fewer pairs are chance. */
    private const LEAST_PAIRS = 4;

    /** So many reps too many are worth a word, where they are surely that. */
    private const WORTH = 1.5;

    private const SURE = 1.28;

    /** One set cannot say it nearer than this (RESERVE_SD of the filter and a count). */
    private const LEAST_SD = 1.0;

    private const MOST_TOLD = 4;

    private const REST_S = 150.0;

    private const NEXT_DAYS = 10;

    private const HALF_REP = 0.5;

    private function __construct(public float $told, public float $shown, public int $sets)
    {
    }

    /** None where it agrees, or too little is known. */
    public static function of(Diary $diary, SetFall $fall, int $today): ?self
    {
        $more = [];
        $told = $shown = 0.0;
        foreach (self::onLoads($diary, $today) as $sets) {
            foreach ($sets as $i => $set) {
                $next = $sets[$i + 1] ?? null;
                if ($next !== null && self::isTold($set) && self::endsAtFailure($next) && $next->day - $set->day <= self::NEXT_DAYS) {
                    $showed = self::shownBy($set, $next, $fall);
                    $told += (int) $set->reserve;
                    $shown += $showed;
                    $more[] = (int) $set->reserve - $showed;
                }
            }
        }

        $pairs = count($more);

        return $pairs < self::LEAST_PAIRS || ! self::isTooHigh($more)
            ? null
            : new self($told / $pairs, max(0.0, $shown / $pairs), $pairs);
    }

    public function words(): string
    {
        return sprintf(
            'Says %.0f left, shows %.0f, over %d sets: what is told of the reserve counts for less here. A set to failure tells more.',
            $this->told,
            $this->shown,
            $this->sets,
        );
    }

    /** @return array<string, list<Done>> work in reps by its load, in order */
    private static function onLoads(Diary $diary, int $today): array
    {
        $onLoad = [];
        foreach ($diary->done as $done) {
            if ($done->day > $today - self::DAYS && $done->purpose === Purpose::Work && ! $done->isPart && $done->reps !== null && ! $done->isLowering()) {
                $onLoad[$done->load->key ?? (string) $done->share][] = $done;
            }
        }

        return $onLoad;
    }

    private static function isTold(Done $set): bool
    {
        return $set->reserve > 0 && $set->reserve <= self::MOST_TOLD;
    }

    private static function endsAtFailure(Done $set): bool
    {
        return $set->reps > 0 && ($set->toFailure || $set->reserve === 0);
    }

    /** Reps that were left after a set, by what the next came to, tired by it where it was the same day. */
    private static function shownBy(Done $set, Done $next, SetFall $fall): float
    {
        $curve = RepCurve::steady();
        $restS = $set->atS !== null && $next->atS !== null ? max(0.0, $next->atS - $set->atS) : self::REST_S;
        $left = $next->day === $set->day ? $fall->over(2, $restS, (int) $set->reserve)[1] : 1.0;
        $fresh = $curve->repsFor($curve->ratio((float) $next->reps + self::HALF_REP) / $left) - self::HALF_REP;

        return $fresh - (float) $set->reps;
    }

    /** @param  list<float>  $more  than was shown, of each pair */
    private static function isTooHigh(array $more): bool
    {
        $n = count($more);
        $mean = array_sum($more) / $n;
        $sd = max(self::LEAST_SD, sqrt(array_sum(array_map(static fn (float $m): float => ($m - $mean) ** 2, $more)) / ($n - 1)));

        return $mean >= self::WORTH && $mean >= self::SURE * $sd / sqrt($n);
    }
}
