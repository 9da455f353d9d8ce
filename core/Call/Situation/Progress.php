<?php

declare(strict_types=1);

namespace SteadyRung\Call\Situation;

/**
 * Capacity now and three weeks ago, and how much of what was planned was done.
 */
final readonly class Progress
{
    public const DAYS = 21;

    private const ENOUGH_DONE = 2.0 / 3.0;

    /**
     * @param  int  $planned  sessions in those weeks
     * @param  bool  $isRestedAndClean  no marked soreness, and the sessions clean
     */
    public function __construct(
        public float $shareThen,
        public float $shareNow,
        public int $sessions,
        public int $planned,
        public bool $isRestedAndClean,
    ) {
    }

    public function isDoneEnough(): bool
    {
        return $this->isRestedAndClean && $this->sessions >= self::ENOUGH_DONE * $this->planned;
    }

    public function standsStill(): bool
    {
        return $this->isDoneEnough() && $this->shareNow <= $this->shareThen;
    }
}
