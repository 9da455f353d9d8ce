<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

/**
 * Sets of pushing beside sets of pulling, over four weeks: whoever climbs keeps them in step (common practice).
 */
final readonly class PushAndPull
{
    private const DAYS = 28;

    /** Less than half as much is out of step (judgement). */
    private const LEAST_PUSH = 0.5;

    private function __construct(public int $push, public int $pull)
    {
    }

    /** None before the first set of either. */
    public static function of(Diary $diary, int $today): ?self
    {
        $since = $today - self::DAYS;
        $beside = array_filter($diary->beside, static fn (AccessoryWork $b): bool => $b->day > $since && $b->day <= $today);
        $push = count(array_filter($beside, static fn (AccessoryWork $b): bool => $b->accessory->isPush()));
        $pull = count(array_filter($beside, static fn (AccessoryWork $b): bool => $b->accessory->isPull()))
            + count(array_filter(
                $diary->done,
                static fn (Done $d): bool => $d->day > $since
                    && $d->day <= $today
                    && $d->purpose->isTraining()
                    && ! $d->style->isStraightArmed(),
            ));

        return $push + $pull === 0 ? null : new self($push, $pull);
    }

    public function words(): string
    {
        return sprintf('Four weeks: %d sets of pull, %d of push.', $this->pull, $this->push)
            .($this->push < self::LEAST_PUSH * $this->pull ? ' The push lags behind: add some to each pull day.' : '');
    }
}
