<?php

declare(strict_types=1);

namespace App\Context\Athletes;

use App\Formats\Day;
use App\Models\Athletes\CapacityRecord;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Plan\Context\Estimates;
use SteadyRung\Strength\Estimate;
use SteadyRung\Strength\Filter\FeltLoad;
use SteadyRung\Strength\Filter\SetFall;
use SteadyRung\Strength\RepPrediction;

/**
 * What is believed of one athlete, from what is kept; each asked for once.
 */
final class StoredEstimates implements Estimates
{
    /** @var array<string, Estimate> */
    private array $today = [];

    /** @var array<string, SetFall> */
    private array $falls = [];

    /** @param  int|null  $day  sets of it and later ones are not looked at, where there are others */
    public function __construct(
        private readonly string $athleteId,
        private readonly LoadEstimate $estimates,
        private readonly CapacityBefore $before,
        private readonly LearnedFall $fallReading,
        private readonly ?int $day = null,
    ) {
    }

    public function of(?Pattern $pattern): Estimate
    {
        return $this->today[$pattern->value ?? ''] ??= $this->asOf($pattern);
    }

    public function before(int $day): self
    {
        return new self($this->athleteId, $this->estimates, $this->before, $this->fallReading, $day);
    }

    private function asOf(?Pattern $pattern): Estimate
    {
        $today = $this->estimates->of($this->athleteId, $pattern);
        if ($pattern === null || $this->day === null || ($today->observed->day ?? PHP_INT_MIN) < $this->day) {
            return $today;
        }
        $before = $this->before->of($this->athleteId, $pattern, Day::date($this->day));

        return $before === null ? $today : Estimate::on($today->today, $before);
    }

    public function shareOn(Pattern $pattern, int $day): ?float
    {
        return CapacityRecord::of($this->athleteId, $pattern)->where(
            'trained_on',
            '<=',
            Day::date($day),
        )->orderByDesc('trained_on')->first(['share'])?->share;
    }

    public function fall(Pattern $pattern): SetFall
    {
        return $this->falls[$pattern->value] ??= $this->fallReading->of($this->athleteId, $pattern);
    }

    public function medianBefore(Pattern $pattern, FeltLoad $load, int $day): ?float
    {
        $state = $this->before->of($this->athleteId, $pattern, Day::date($day))?->on($day);

        return $state === null ? null : RepPrediction::at($state, $load)->median();
    }
}
