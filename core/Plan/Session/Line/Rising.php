<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session\Line;

use SteadyRung\Exercise\Rung;
use SteadyRung\Ladder\Steps;
use SteadyRung\Method\Grows;
use SteadyRung\Method\Prescription;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;

/**
 * The seconds of a lowering that begins short and rises: one more after each session in which none went down faster (common practice).
 */
final class Rising
{
    public const FROM_S = 2.0;

    private const MORE_S = 1.0;

    /** The same rung for as many seconds as are due; itself where the line does not rise. */
    public static function of(AthleteContext $context, Prescription $line, Rung $rung): Rung
    {
        $asked = $rung->exercise->style->seconds;
        if ($line->grows !== Grows::Slower || $asked === null) {
            return $rung;
        }
        $due = $context->ways->rung($rung->exercise->lasting(min($asked, self::due($context, $rung))));

        return $due instanceof Rung ? $due : $rung;
    }

    private static function due(AthleteContext $context, Rung $rung): float
    {
        $ofDay = [];
        foreach ($context->diary->done as $done) {
            if ($done->purpose === Purpose::Work && $done->day < $context->today && self::isSame($done, $rung)) {
                $ofDay[$done->day][] = $done;
            }
        }
        $lasted = array_map(
            static fn (array $sets): float => (float) $sets[0]->style->seconds,
            array_filter($ofDay, static fn (array $sets): bool => array_filter($sets, self::isFaster(...)) === []),
        );

        return $lasted === [] ? self::FROM_S : max($lasted) + self::MORE_S;
    }

    /** For whatever seconds. */
    private static function isSame(Done $done, Rung $rung): bool
    {
        return $done->isLowering()
            && $done->kind === $rung->exercise->setup->kind()
            && $done->style->grip === $rung->exercise->style->grip
            && abs($done->share - $rung->share()) < Steps::SMALLEST;
    }

    private static function isFaster(Done $done): bool
    {
        return $done->seconds !== null && $done->seconds < $done->style->seconds;
    }
}
