<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session\Line;

use SteadyRung\Exercise\Rung;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\Measure;
use SteadyRung\Plan\Diary\AccessoryWork;
use SteadyRung\Plan\Diary\Diary;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Session\Block;

/**
 * What was counted of a line of the session: today, and when it was done last before.
 */
final readonly class LineDone
{
    /**
     * @param  list<int>  $today  of each set in order: clean reps, whole seconds or metres, as the line asks
     * @param  list<int>  $last  the same of the last day before today that has any
     * @param  int|null  $lastOn  that day
     */
    private function __construct(public array $today, public array $last, public ?int $lastOn)
    {
    }

    /** By the sets on its set-up for its purpose, or of the same work beside the pull; a mixed set is one, by how it ended. */
    public static function of(Block $block, Diary $diary, int $today): self
    {
        $byDay = $block->do instanceof Rung
            ? self::onRung($block, $block->do, $diary)
            : self::beside($block, $block->do, $diary);
        $before = array_filter(array_keys($byDay), static fn (int $day): bool => $day < $today);
        $lastOn = $before === [] ? null : max($before);

        return new self($byDay[$today] ?? [], $lastOn === null ? [] : $byDay[$lastOn], $lastOn);
    }

    /** @return array<int, list<int>> by day */
    private static function onRung(Block $block, Rung $rung, Diary $diary): array
    {
        $purpose = $block->purpose ?? Purpose::Work;
        $isTimed = $block->amount->measure === Measure::Seconds;
        $byDay = [];
        foreach ($diary->done as $set) {
            if ($set->isPart === ($block->begun !== null) && $set->purpose === $purpose && $set->isOn($rung)) {
                $byDay[$set->day][] = self::countOf($set, $isTimed);
            }
        }

        return $byDay;
    }

    private static function countOf(Done $set, bool $isTimed): int
    {
        return $isTimed ? (int) floor($set->seconds ?? 0.0) : (int) $set->reps;
    }

    /** @return array<int, list<int>> by day */
    private static function beside(Block $block, Accessory $accessory, Diary $diary): array
    {
        $byDay = [];
        foreach ($diary->beside as $set) {
            if ($set->accessory === $accessory) {
                $byDay[$set->day][] = self::muchOf($set, $block->amount->measure);
            }
        }

        return $byDay;
    }

    private static function muchOf(AccessoryWork $set, Measure $measure): int
    {
        return (int) floor(match ($measure) {
            Measure::Reps, Measure::TotalReps => (float) $set->reps,
            Measure::Seconds => $set->seconds ?? 0.0,
            Measure::Metres => $set->metres ?? 0.0,
        });
    }
}
