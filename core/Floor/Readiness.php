<?php

declare(strict_types=1);

namespace SteadyRung\Floor;

use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\RefusalCode;
use SteadyRung\Plan\Session\Session;
use SteadyRung\Plan\Weeks\Comeback;
use SteadyRung\Safety\ScreenDue;

/**
 * Whether an athlete can go on the floor as the session is written, or what comes first.
 */
final class Readiness
{
    /** The gravest concern; none where the session can begin. */
    public static function of(AthleteContext $context, Session $session, ?ScreenDue $screen): ?Concern
    {
        $refused = $session->refused;
        $code = $refused?->code;

        return match (true) {
            $code === RefusalCode::Paused => new Concern(ConcernKind::Paused, $refused->text),
            $code === RefusalCode::Screen => new Concern(ConcernKind::Screen, $refused->text),
            $screen !== null => new Concern(ConcernKind::Screen, $screen->words()),
            $code === RefusalCode::Baselines => new Concern(ConcernKind::Baselines, $refused->text),
            $code === RefusalCode::NothingFits => new Concern(ConcernKind::SetUp, $refused->text),
            $context->missing !== null => new Concern(ConcernKind::SetUp, $context->missing),
            default => self::ofDays($context),
        };
    }

    private static function ofDays(AthleteContext $context): ?Concern
    {
        $away = $context->daysAway();

        return match (true) {
            $away >= Comeback::AWAY_DAYS => new Concern(
                ConcernKind::Away,
                sprintf('Back after %d days: nothing harder than last time today.', $away),
            ),
            $context->isSore() => new Concern(
                ConcernKind::Sore,
                sprintf('Sore, %d of 5: look before loading.', $context->diary->soreness($context->today)),
            ),
            default => null,
        };
    }
}
