<?php

declare(strict_types=1);

namespace SteadyRung\Method\Outcomes;

/**
 * What followed for one athlete while a method, or a position of a house rule, was kept to.
 */
final readonly class Followed
{
    /**
     * @param  float  $weeks  it was followed for
     * @param  float  $gain  of log capacity over those weeks
     * @param  int  $sets  of work of which so many reps were asked
     * @param  int  $failed  of them that came to little of it
     * @param  int  $told  times that soreness was told
     * @param  int  $sore  of them that it was marked
     */
    public function __construct(
        public float $weeks,
        public float $gain,
        public int $sets = 0,
        public int $failed = 0,
        public int $told = 0,
        public int $sore = 0,
    ) {
    }
}
