<?php

declare(strict_types=1);

namespace SteadyRung\Method\Outcomes;

use SteadyRung\Normal;

/**
 * What a log says of a method or a rule: shrunk to what is known beforehand, so that a few athletes do not speak for all (normal and beta
 * priors; Gelman et al., Bayesian Data Analysis; memory).
 */
final readonly class Outcome
{
    /** Log capacity a week, and how far methods lie apart in it (judgement). */
    private const USUAL_GAIN = 0.006;

    private const METHODS_SD = 0.003;

    /** How far athletes of one method lie apart, as the filter has it beforehand. */
    private const ATHLETES_SD = 0.006;

    /** What two estimates of capacity leave open of a gain, in log. */
    private const MEASURED_SD = 0.05;

    /** A difference worth telling: three per cent in ten weeks. */
    private const WORTH = 0.003;

    private const SURE = 1.959964;

    /** Shorter is no time to follow anybody. */
    public const LEAST_WEEKS = 4.0;

    private const USUAL_WEEKS = 12.0;

    /** What is known beforehand of failed sets and of marked soreness: so much, and worth so many sets or words. */
    private const FAILED = [0.02, 50.0];

    private const SORE = [0.1, 20.0];

    /**
     * @param  float  $weeks  each was followed for, in the mean
     * @param  float  $gain  of log capacity a week, with its standard deviation
     * @param  float  $failed  part of the sets, 0–1
     * @param  float  $sore  part of the times that soreness was told, 0–1
     * @param  int  $needed  athletes who could tell a difference worth telling, followed for as long
     */
    private function __construct(
        public int $athletes,
        public float $weeks,
        public float $gain,
        public float $gainSd,
        public float $failed,
        public float $sore,
        public int $needed,
    ) {
    }

    /** @param  list<Followed>  $followed  those followed for less than four weeks say nothing */
    public static function of(array $followed): self
    {
        $long = array_values(array_filter($followed, static fn (Followed $f): bool => $f->weeks >= self::LEAST_WEEKS));
        $n = count($long);
        $weeks = $n === 0 ? self::USUAL_WEEKS : array_sum(array_map(static fn (Followed $f): float => $f->weeks, $long)) / $n;
        $ofOne = self::ATHLETES_SD ** 2 + (self::MEASURED_SD / $weeks) ** 2;
        $before = 1.0 / self::METHODS_SD ** 2;
        $seen = $n / $ofOne;
        $mean = $n === 0 ? 0.0 : array_sum(array_map(static fn (Followed $f): float => $f->gain / $f->weeks, $long)) / $n;

        return new self(
            athletes: $n,
            weeks: $n === 0 ? 0.0 : $weeks,
            gain: ($before * self::USUAL_GAIN + $seen * $mean) / ($before + $seen),
            gainSd: 1.0 / sqrt($before + $seen),
            failed: self::part($long, static fn (Followed $f): array => [$f->failed, $f->sets], self::FAILED),
            sore: self::part($long, static fn (Followed $f): array => [$f->sore, $f->told], self::SORE),
            needed: (int) ceil(self::SURE ** 2 * $ofOne / self::WORTH ** 2),
        );
    }

    /** Whether there are enough to tell. */
    public function isKnown(): bool
    {
        return $this->athletes >= $this->needed;
    }

    /** @return array{float, float, float} per cent of capacity a week: the mean, and from where to where eight in ten lie */
    public function gainPercent(): array
    {
        return array_map(
            static fn (float $log): float => 100.0 * (exp($log) - 1.0),
            [$this->gain, $this->gain - Normal::Z90 * $this->gainSd, $this->gain + Normal::Z90 * $this->gainSd],
        );
    }

    /** What it takes where it is not known; what is known else. */
    public function words(): string
    {
        return $this->isKnown()
            ? sprintf('%d athletes, %.0f weeks each: enough to tell.', $this->athletes, $this->weeks)
            : sprintf(
                'Not yet known: it takes %d athletes of %.0f weeks each to tell %.1f %% a week apart; %s.',
                $this->needed,
                $this->weeks === 0.0 ? self::USUAL_WEEKS : $this->weeks,
                100.0 * self::WORTH,
                match ($this->athletes) {
                    0 => 'there are none',
                    1 => 'there is one',
                    default => "there are $this->athletes",
                },
            );
    }

    /**
     * @param  list<Followed>  $followed
     * @param  \Closure(Followed): array{int, int}  $counts  so many of so many
     * @param  array{float, float}  $before
     */
    private static function part(array $followed, \Closure $counts, array $before): float
    {
        [$usual, $worth] = $before;
        $of = array_map($counts, $followed);

        return ($usual * $worth + array_sum(array_column($of, 0))) / ($worth + array_sum(array_column($of, 1)));
    }
}
