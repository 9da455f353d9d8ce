<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

use SteadyRung\Exercise\Rung;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Session\Block;

/**
 * What is done without any model: the next thinner band after a count in one set, or in all three, and a strict try every four weeks.
 */
final readonly class RuleOfThumb
{
    private const DAYS_BETWEEN = [2, 3, 2];

    private const MISSED = 0.1;

    private const TRY_DAYS = 28;

    private const SETS = 3;

    private const REST_S = 150;

    /** Reps the first band is chosen for. */
    private const BEGIN_REPS = 8;

    /** @param  int  $asked  reps in each set */
    private function __construct(private int $asked, private bool $inEverySet)
    {
    }

    /** Ten clean in one set, then the next band. */
    public static function tenOnce(): self
    {
        return new self(10, false);
    }

    /** Three sets of eight, then the next band. */
    public static function eightThrice(): self
    {
        return new self(8, true);
    }

    /**
     * @param  non-empty-list<Rung>  $bands  from the most help to the least, then none
     * @return \Generator<int, list<\SteadyRung\Plan\Diary\Done>> the sets by the day
     */
    public function run(Trainee $trainee, array $bands, int $days): \Generator
    {
        $at = self::begin($trainee, $bands);
        $lastTry = 0;
        $strict = $bands[count($bands) - 1];
        for ($day = $i = 0; $day < $days; $i++) {
            $between = self::DAYS_BETWEEN[$i % count(self::DAYS_BETWEEN)];
            $day += $between;
            $missed = $trainee->athlete->chance(self::MISSED);
            $trainee->pass($between, ! $missed);
            if ($missed) {
                continue;
            }
            $tries = [];
            if ($day - $lastTry >= self::TRY_DAYS) {
                $lastTry = $day;
                $tries = $trainee->do(
                    new Block(
                        part: SessionPart::Test,
                        do: $strict,
                        sets: 1,
                        amount: Amount::of(Measure::Reps, 1),
                        restS: 180,
                        toFailure: true,
                        purpose: Purpose::Try,
                    ),
                    $day,
                    0.0,
                );
            }
            $work = $trainee->do(
                new Block(SessionPart::Main, $bands[$at], self::SETS, Amount::of(Measure::Reps, $this->asked), self::REST_S),
                $day,
                300.0,
            );
            yield $day => [...$tries, ...$work];
            $met = array_filter($work, fn ($set): bool => $set->reps >= $this->asked);
            $at += ($this->inEverySet ? count($met) === self::SETS : $met !== []) && $at < count($bands) - 1 ? 1 : 0;
        }
    }

    /** @param  non-empty-list<Rung>  $bands */
    private static function begin(Trainee $trainee, array $bands): int
    {
        $at = 0;
        foreach ($bands as $i => $band) {
            $at = $trainee->failure($band, 0) >= self::BEGIN_REPS ? $i : $at;
        }

        return $at;
    }
}
