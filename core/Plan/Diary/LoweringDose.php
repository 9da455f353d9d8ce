<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

/**
 * How many controlled seconds of lowering somebody takes well in a session: begun low, and followed from one day of lowering to the next
 * by the soreness that was told one to three days later. It stays within the caps, whatever it comes to (judgement).
 */
final readonly class LoweringDose
{
    /** Eight lowerings of three seconds. */
    private const BEGIN_S = 24.0;

    private const SORE_DAYS = [1, 3];

    /** After so many days without any it begins anew. */
    private const FORGOTTEN_DAYS = 28;

    /** Who did less than this part of it tells nothing of more. */
    private const DONE = 0.8;

    /** What the next one is of this, where little soreness was told, where nobody told, and where it was marked. */
    private const WELL = 1.25;

    private const UNTOLD = 1.1;

    private const MARKED = 0.7;

    private const LITTLE_SORENESS = 2;

    /**
     * @param  float|null  $lastS  seconds done on the last day of lowering; none before a first
     * @param  int|null  $sorenessAfter  0–5, as it was told after that
     */
    private function __construct(public float $seconds, public ?float $lastS, public ?int $sorenessAfter)
    {
    }

    public static function of(Diary $diary, int $today): self
    {
        $dose = self::begin();
        $lastDay = null;
        foreach (self::secondsByDay($diary, $today) as $day => $doneS) {
            $dose = $lastDay !== null && $day - $lastDay > self::FORGOTTEN_DAYS ? self::begin() : $dose;
            $dose = $dose->after($doneS, self::sorenessAfter($diary, $day));
            $lastDay = $day;
        }

        return $lastDay !== null && $today - $lastDay > self::FORGOTTEN_DAYS ? self::begin() : $dose;
    }

    /** Whole lowerings of so many seconds; one at the least. */
    public function lowerings(float $secondsEach): int
    {
        return max(1, (int) floor($this->seconds / max(1.0, $secondsEach)));
    }

    public function words(int $lowerings): string
    {
        return $this->lastS === null
            ? "It begins low: $lowerings lowerings, and goes on by the soreness after it."
            : sprintf(
                '%d lowerings by what was taken well: %.0f s last time, %s.',
                $lowerings,
                $this->lastS,
                $this->sorenessAfter === null ? 'soreness after it not told' : "soreness $this->sorenessAfter of 5 after it",
            );
    }

    private static function begin(): self
    {
        return new self(self::BEGIN_S, null, null);
    }

    private function after(float $doneS, ?int $soreness): self
    {
        $isFull = $doneS >= self::DONE * $this->seconds;

        return new self(match (true) {
            $soreness >= Signal::MARKED_SORENESS => self::MARKED * min($this->seconds, $doneS),
            ! $isFull, $soreness > self::LITTLE_SORENESS => $this->seconds,
            default => ($soreness === null ? self::UNTOLD : self::WELL) * max($this->seconds, $doneS),
        }, $doneS, $soreness);
    }

    /** @return array<int, float> in order */
    private static function secondsByDay(Diary $diary, int $today): array
    {
        $seconds = [];
        foreach ($diary->done as $done) {
            if ($done->day < $today && $done->purpose->isTraining() && $done->lowerings() > 0) {
                $seconds[$done->day] = ($seconds[$done->day] ?? 0.0)
                    + $done->lowerings() * ($done->seconds ?? (float) $done->style->seconds);
            }
        }
        ksort($seconds);

        return $seconds;
    }

    /** The most that was told; none where nobody did. */
    private static function sorenessAfter(Diary $diary, int $day): ?int
    {
        [$from, $to] = self::SORE_DAYS;
        $told = array_filter(array_map(
            static fn (Signal $s): ?int => $s->day >= $day + $from && $s->day <= $day + $to ? $s->soreness : null,
            $diary->signals,
        ), static fn (?int $soreness): bool => $soreness !== null);

        return $told === [] ? null : max($told);
    }
}
