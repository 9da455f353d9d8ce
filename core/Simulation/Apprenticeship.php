<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

use SteadyRung\Call\Call;
use SteadyRung\Call\PlaceAfter;
use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Method;
use SteadyRung\Method\Place;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\FollowedEstimates;
use SteadyRung\Plan\Context\RefusalCode;
use SteadyRung\Plan\Context\RungCatalogue;
use SteadyRung\Plan\Diary\Diary;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\Session;
use SteadyRung\Plan\Session\SessionWriter;

/**
 * A virtual athlete taken through a method by the real sessions and the real calls, each call accepted.
 */
final class Apprenticeship
{
    private const DAYS_BETWEEN = [2, 3, 2];

    private const MISSED = 0.1;

    private const LINE_S = 120.0;

    private int $day = 0;

    private Place $place;

    /** @var list<Done> */
    private array $done = [];

    /** @var list<Signal> */
    private array $signals = [];

    private FollowedEstimates $estimates;

    private function __construct(
        private readonly Trainee $trainee,
        private readonly Method $method,
        private readonly HouseRules $rules,
        private readonly RungCatalogue $ways,
    ) {
        $this->place = new Place($method->stages[0], 0, null);
        $this->estimates = FollowedEstimates::none(0);
    }

    /**
     * Session by session, until so many days are over or the method's end is met.
     *
     * @return \Generator<int, TrainedDay> by the day
     */
    public static function of(Trainee $trainee, Method $method, HouseRules $rules, RungCatalogue $ways, int $days): \Generator
    {
        yield from (new self($trainee, $method, $rules, $ways))->run($days);
    }

    /** @return \Generator<int, TrainedDay> */
    private function run(int $days): \Generator
    {
        $this->baseline();
        for ($i = 0; $this->day < $days; $i++) {
            $between = self::DAYS_BETWEEN[$i % count(self::DAYS_BETWEEN)];
            $this->day += $between;
            $missed = $this->trainee->athlete->chance(self::MISSED);
            $this->trainee->pass($between, ! $missed);
            if ($missed) {
                continue;
            }
            $this->signals[] = Signal::of($this->day, $this->trainee->soreness());
            $session = SessionWriter::write($this->context());
            if ($session->refused?->code === RefusalCode::Paused) {
                continue;
            }
            $sets = $this->perform($session);
            $course = Course::of($this->context());
            $situation = SituationOf::context($this->context(), $course);
            $call = $situation === null ? null : Judge::call($situation);
            yield $this->day => new TrainedDay(
                day: $this->day,
                session: $session,
                sets: $sets,
                call: $call,
                place: $this->place,
                soreness: $this->trainee->soreness(),
                capacityShare: $this->trainee->athlete->capacityShare(),
            );
            $this->follow($call, $course);
        }
    }

    private function context(): AthleteContext
    {
        return new AthleteContext(
            today: $this->day,
            method: $this->method,
            place: $this->place,
            house: $this->rules,
            diary: new Diary($this->done, signals: $this->signals),
            estimates: $this->estimates,
            ways: $this->ways,
        );
    }

    /** A hang, a row, and reps to failure on two loads. */
    private function baseline(): void
    {
        $lines = array_values(array_filter([
            $this->baselineBlock(
                AllowedExercises::of(ChoiceKind::Strict, Movement::Hold, HoldAt::Hang, 60.0),
                0.0,
                Amount::of(Measure::Seconds, 60),
            ),
            $this->baselineBlock(AllowedExercises::of(ChoiceKind::Row), 0.45, Amount::of(Measure::Reps, 12)),
            $this->baselineBlock(AllowedExercises::of(ChoiceKind::Band), 0.55, Amount::of(Measure::Reps, 8)),
            $this->baselineBlock(AllowedExercises::of(ChoiceKind::Band), 0.65, Amount::of(Measure::Reps, 4)),
        ]));
        $this->see(array_merge(
            [],
            ...array_map(fn (Block $b, int $i): array => $this->trainee->do($b, $this->day, self::LINE_S * $i), $lines, array_keys($lines)),
        ));
    }

    private function baselineBlock(AllowedExercises $allowed, float $share, Amount $amount): ?Block
    {
        $rungs = $this->ways->rungs($allowed);
        usort($rungs, static fn (Rung $a, Rung $b): int => abs($a->share() - $share) <=> abs($b->share() - $share));

        return $rungs === []
            ? null
            : new Block(
                part: SessionPart::Main,
                do: $rungs[0],
                sets: 1,
                amount: $amount,
                restS: 180,
                toFailure: true,
                purpose: Purpose::Baseline,
            );
    }

    /** @return list<Done> what was done; warm-ups are logged too, but not among it */
    private function perform(Session $session): array
    {
        $logged = $sets = [];
        $atS = 0.0;
        foreach ($session->blocks as $block) {
            $done = $this->trainee->do($block, $this->day, $atS);
            array_push($logged, ...$done);
            array_push($sets, ...($block->part === SessionPart::WarmUp ? [] : $done));
            $atS += $block->lastsS() + self::LINE_S;
        }
        $this->see($logged);

        return $sets;
    }

    /** @param  list<Done>  $sets */
    private function see(array $sets): void
    {
        array_push($this->done, ...$sets);
        $this->estimates->on($this->day);
        if ($sets !== []) {
            $this->estimates->see($sets);
        }
    }

    /** A test that was called for is made at once; a switch only for another set-up. */
    private function follow(?Call $call, Course $course): void
    {
        $this->place = $course->now;
        if ($call === null) {
            return;
        }
        if ($call->verdict === Verdict::Test) {
            $strict = $this->ways->rung(Exercise::of(new StrictPull));
            $test = $strict instanceof Rung
                ? new Block(SessionPart::Test, $strict, 1, Amount::of(Measure::Reps, 1), 180, purpose: Purpose::Test)
                : null;
            $this->trainee->pass(1, false);
            $this->day++;
            $this->see($test === null ? [] : $this->trainee->do($test, $this->day, 0.0));
        }
        $this->place = PlaceAfter::call($call, $course, $this->day);
    }
}
