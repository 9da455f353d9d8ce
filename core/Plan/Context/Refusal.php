<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Context;

use SteadyRung\Plan\Diary\Week;
use SteadyRung\Safety\ScreenDue;
use SteadyRung\Safety\Symptom;

/**
 * Why a session is not written, or not whole, and from when on it can be.
 */
final readonly class Refusal
{
    private function __construct(public RefusalCode $code, public string $text, public ?int $nextOn = null)
    {
    }

    /** The first reason there is, the gravest first; none where the session is written whole. */
    public static function of(AthleteContext $context): ?self
    {
        return self::ofBody($context) ?? self::ofDates($context);
    }

    public static function nothingFits(string $text): self
    {
        return new self(RefusalCode::NothingFits, $text);
    }

    /** Whether nothing at all is to be loaded. */
    public function stopsAll(): bool
    {
        return in_array($this->code, [RefusalCode::Paused, RefusalCode::Screen], true);
    }

    /** Whether hanging and pulling overhead is left out of what is written. */
    public function stopsVertical(): bool
    {
        return $this->stopsAll() || in_array($this->code, [RefusalCode::TooSoon, RefusalCode::WeekFull], true);
    }

    private static function ofBody(AthleteContext $context): ?self
    {
        $pain = $context->diary->pain();
        $symptoms = $context->diary->symptoms();
        $last = $context->diary->lastDay($context->today);

        return match (true) {
            $symptoms !== [] => new self(
                RefusalCode::Paused,
                sprintf(
                    '%s. No pulling until a licensed clinician has looked at it and you clear it with a note.',
                    ucfirst(implode(', ', array_map(static fn (Symptom $s): string => $s->words(), $symptoms))),
                ),
            ),
            $pain !== null => new self(RefusalCode::Paused, "Pain: {$pain->words()}. No pulling until you clear it with a note."),
            ! $context->ways->limits()->isCleared => new self(
                RefusalCode::Screen,
                'The screen allows no load yet. Mobility two or three times a week, then screen again.',
            ),
            $last === null => new self(RefusalCode::Baselines, 'Nothing is logged yet: take the baselines first.'),
            $context->today - $last >= ScreenDue::AWAY_DAYS => new self(
                RefusalCode::Baselines,
                sprintf('%d days away: screen again and take the baselines first.', $context->today - $last),
            ),
            default => null,
        };
    }

    private static function ofDates(AthleteContext $context): ?self
    {
        $diary = $context->diary;
        $today = $context->today;
        $worked = $diary->workDays($today);
        $hard = $diary->hardVerticalsThisWeek($today);
        $thisWeek = array_filter($worked, static fn (int $day): bool => $day >= Week::monday($today) && $day < $today);
        $yesterday = $diary->hardVerticals($today - 1, $today - 1) > 0 && $diary->isNewcomer($today);

        return match (true) {
            in_array($today, $worked, true) => new self(RefusalCode::TooSoon, 'Trained today already.', self::next($context, $today + 1)),
            count($thisWeek) >= $context->mostPerWeek() => new self(
                RefusalCode::WeekFull,
                sprintf('%d sessions this week already; more won’t help.', count($thisWeek)),
                Week::next($today),
            ),
            $hard >= $context->caps()->hardSetsAWeek => new self(
                RefusalCode::WeekFull,
                sprintf('%d hard vertical sets this week: that is the cap.', $hard),
                Week::next($today),
            ),
            $yesterday => new self(
                RefusalCode::TooSoon,
                'Hard vertical work yesterday: never two such days in a row in the first four weeks.',
                $today + 1,
            ),
            default => null,
        };
    }

    private static function next(AthleteContext $context, int $day): int
    {
        $isHard = $context->diary->hardVerticals($context->today, $context->today) > 0;

        return $isHard && $context->diary->isNewcomer($context->today) ? $day + 1 : $day;
    }
}
