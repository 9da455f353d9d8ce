<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

/**
 * What nobody is asked to go beyond: counted lowerings a session and a week, and hard vertical sets a week. After the first four weeks
 * of lowering a week grows by at most a fifth over the best of the last four (common practice).
 */
final readonly class Caps
{
    public const NEW_DAYS = 28;

    private const GROWTH = 1.2;

    /** A week has two days of them. */
    private const DAYS_A_WEEK = 2;

    private function __construct(public int $loweringsASession, public int $loweringsAWeek, public int $hardSetsAWeek)
    {
    }

    /**
     * @param  bool  $isNewToLowering  the first lowering is under 28 days ago, or still to come
     * @param  bool  $isNewcomer  the first log entry is under 28 days ago
     * @param  int  $bestWeek  the most lowerings of one of the last four weeks
     */
    public static function of(CapLimits $limits, bool $isNewToLowering, bool $isNewcomer, int $bestWeek = 0): self
    {
        $week = $isNewToLowering ? $limits->loweringsAWeek : max($limits->loweringsAWeek, (int) floor(self::GROWTH * $bestWeek));

        return new self(
            $isNewToLowering ? $limits->loweringsASession : max($limits->loweringsASession, intdiv($week, self::DAYS_A_WEEK)),
            $week,
            $isNewcomer ? $limits->hardSetsFirstMonth : $limits->hardSetsLater,
        );
    }
}
