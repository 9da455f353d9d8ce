<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Call\Verdict;
use SteadyRung\Ladder\Steps;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Diary;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\PainPlace;
use SteadyRung\Safety\Symptom;

/** How bold a verdict is: the more, the more is asked next time. */
const BOLDNESS = ['refer' => 0, 'rest' => 1, 'step-down' => 2, 'switch' => 3, 'stay' => 4, 'test' => 5, 'climb' => 6];

/** So many situations; more where somebody has the time. */
function situations(): int
{
    return (int) (getenv('STEADY_SITUATIONS') ?: 1000);
}

function told(AthleteContext $context, Signal $more): AthleteContext
{
    $diary = new Diary($context->diary->done, signals: [...$context->diary->signals, $more]);

    return new AthleteContext(
        $context->today,
        $context->method,
        $context->place,
        $context->rules,
        $diary,
        $context->estimates,
        $context->ways,
    );
}

it('never moves more than one rung or raises two things, names only what the ladder shows, and is never bolder for worse news', function (): void {
    $random = new Randomizer(new Mt19937(11));
    $base = athleteContext(kit: gymWithHoist());
    $rungs = array_map(fn (int $mm) => bandRung($mm), [13, 19, 22, 29, 32, 44]);
    $seen = [];
    for ($i = 0; $i < situations(); $i++) {
        $context = randomBrief($random, $base, $rungs);
        $course = Course::of($context);
        $situation = SituationOf::context($context, $course);
        $call = Judge::call($situation);
        $seen[$call->verdict->value] = true;

        // The same again gives the same.
        expect(serialize(Judge::call(SituationOf::context($context, Course::of($context)))->reasons))->toBe(serialize($call->reasons));
        // One rung, and one the ladder shows.
        if ($call->verdict === Verdict::Climb) {
            $steps = $context->ways->steps($context->place->rung, $context->estimate($context->place->rung));
            expect($course->endsStage() || $call->next->key() === $steps->up?->key())->toBeTrue();
            expect(
                $course->endsStage()
                || $call->mixed !== null
                || $call->next->share() - $context->place->rung->share() <= Steps::LARGEST + 1e-9,
            )->toBeTrue();
        }
        if ($call->verdict === Verdict::StepDown) {
            expect($call->next->share())->toBeLessThan($context->place->rung->share());
        }
        // Precedence: whoever fires first in the order makes the call.
        $first = null;
        foreach (Judge::rules() as $rule) {
            $first ??= $rule->look($situation)->call?->verdict;
        }
        expect($call->verdict)->toBe($first);
        // Worse news is never answered more boldly.
        $bold = BOLDNESS[$call->verdict->value];
        foreach (
            [
                Signal::of(WEDNESDAY, 5),
                Signal::of(WEDNESDAY, pain: Pain::of(PainPlace::Knee, 1)),
                Signal::of(WEDNESDAY, symptoms: [Symptom::Numbness]),
            ] as $worse
        ) {
            $then = told($context, $worse);
            expect(BOLDNESS[Judge::call(SituationOf::context($then, Course::of($then)))->verdict->value])->toBeLessThanOrEqual($bold);
        }
    }
    expect(array_keys($seen))->toContain('rest', 'step-down', 'switch', 'climb', 'stay');
});

it('is never bolder for one more rep that did not count', function (): void {
    $random = new Randomizer(new Mt19937(12));
    $base = athleteContext();
    $rungs = array_map(fn (int $mm) => bandRung($mm), [19, 29, 44]);
    for ($i = 0; $i < 120; $i++) {
        $context = randomBrief($random, $base, $rungs);
        $worse = array_map(
            fn ($d) => $d->day === WEDNESDAY - 3
                ? done($d->day, $context->place->rung, $d->reps, $d->reserve, noCounts: $d->noCounts + 4)
                : $d,
            $context->diary->done,
        );
        $then = new AthleteContext(
            $context->today,
            $context->method,
            $context->place,
            $context->rules,
            new Diary($worse, signals: $context->diary->signals),
            $context->estimates,
            $context->ways,
        );
        $bold = fn (AthleteContext $b): int => BOLDNESS[Judge::call(SituationOf::context($b, Course::of($b)))->verdict->value];

        expect($bold($then))->toBeLessThanOrEqual($bold($context));
    }
});
