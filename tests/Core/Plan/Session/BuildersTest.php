<?php

declare(strict_types=1);

use SteadyRung\Call\Call;
use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Weight;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Begin;
use SteadyRung\Method\Builders\Builder;
use SteadyRung\Method\Builders\Builders;
use SteadyRung\Method\Grows;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\SessionWriter;

require_once __DIR__.'/../../Support/plan.php';

/** Strict work of 4 × 1–10 that grows in a way, or begins on something, for four weeks at the most. */
function builder(?Grows $grows = null, ?Begin $begin = null, ?AllowedExercises $do = null, array $eachWeek = []): Builder
{
    $line = Prescription::of(
        SessionPart::Main,
        [$do ?? AllowedExercises::of(ChoiceKind::Strict)],
        4,
        Amount::of(Measure::Reps, 1, 10),
        150,
        begin: $begin,
        grows: $grows,
    );

    return new Builder('drawn', 'Drawn sets', 'Whatever it is.', [2, 4], 1, [$line], eachWeek: $eachWeek);
}

/** @param  list<Done>|null  $done */
function buildingWith(Builder $builder, int $daysAgo = 5, ?array $done = null, ?Kit $kit = null): AthleteContext
{
    $strict = rung($kit ?? smallGym(), new StrictPull, athlete(70, 1.75, 2.1));
    $other = new Builder('other', 'Another one', 'Later.', [2, 4], 3, $builder->lines);

    return athleteContext(
        $done ?? sessionsOn($strict, 12, 6, 1),
        'strict',
        $strict,
        kit: $kit,
        builders: new Builders([$builder, $other], $builder, WEDNESDAY - $daysAgo),
    );
}

function callWith(AthleteContext $context): Call
{
    return Judge::call(SituationOf::context($context, Course::of($context)));
}

it('asks one more in the first set than last time, up to the top of the line', function (int $last, ?int $next): void {
    $strict = rung(smallGym(), new StrictPull, athlete(70, 1.75, 2.1));
    $block = blocksOf(SessionWriter::write(buildingWith(builder(Grows::FirstSet), done: sessionsOn($strict, 6, $last, 0))), SessionPart::Main)[0];

    expect($next === null ? $block->note : [$block->amount->low, $block->amount->high])->toBe($next === null ? null : [$next, $next]);
})->with([[3, 4], [9, 10], [10, null]]);

it('asks one more in a week than in the best session of the last', function (): void {
    $strict = rung(smallGym(), new StrictPull, athlete(70, 1.75, 2.1));
    $block = blocksOf(SessionWriter::write(buildingWith(
        builder(Grows::Weekly),
        done: [...sessionsOn($strict, 6, 3, 0, lastDaysAgo: 14), ...sessionsOn($strict, 1, 4, 0, lastDaysAgo: 4)],
    )), SessionPart::Main)[0];

    expect([$block->amount->low, $block->amount->high])->toBe([3, 4])->and($block->note)->toContain('Last week 12')->toContain('this week 13');
});

it('says the last and the best of a hold that is to be beaten', function (): void {
    $hold = AllowedExercises::of(ChoiceKind::Strict, Movement::Hold, SteadyRung\Exercise\Style\HoldAt::Top, 10.0);
    $rung = $hold->rungs(new SteadyRung\Exercise\Search\RungSearch(smallGym()), athlete(70, 1.75, 2.1))[0];
    $line = Prescription::of(SessionPart::Main, [$hold], 1, Amount::of(Measure::Seconds, 10, 60), 120, toFailure: true, grows: Grows::ToBeat);
    $done = [done(WEDNESDAY - 9, $rung, null, null, seconds: 21.0), done(WEDNESDAY - 4, $rung, null, null, seconds: 17.0)];
    $context = athleteContext($done);

    expect(SteadyRung\Plan\Session\Line\Growth::of($context, $line, $rung)?->words)->toBe('To beat: 17 s the last time, 21 s the best.')
        ->and(SteadyRung\Plan\Session\Line\Growth::of(athleteContext(), $line, $rung))->toBeNull();
});

it('begins each set with as many strict reps as are likely but one, and goes on to the whole of it', function (): void {
    $begin = new Begin([AllowedExercises::of(ChoiceKind::Strict)], 6);
    $lowering = AllowedExercises::of(ChoiceKind::Strict, Movement::Lowering, seconds: 3.0);
    $ofWeak = fn (int $reps): array => blocksOf(SessionWriter::write(buildingWith(
        builder(begin: $begin, do: AllowedExercises::of(ChoiceKind::Band, toShare: 0.95)),
        done: sessionsOn(rung(smallGym(), new StrictPull, athlete(70, 1.75, 2.1)), 6, $reps, 0),
    )), SessionPart::Main);
    [$few, $many] = [$ofWeak(3)[0], $ofWeak(12)[0]];
    $lowered = blocksOf(SessionWriter::write(buildingWith(builder(begin: $begin, do: $lowering))), SessionPart::Main)[0];

    expect($few->begun?->reps)->toBeGreaterThan(0)->toBeLessThan(4)
        ->and($few->begun->reps + $few->amount->high)->toBe(10)
        ->and($few->begun->rung->exercise->isStrictPull())->toBeTrue()
        ->and($many->begun?->reps)->toBe(6)
        ->and($lowered->lowerings())->toBe($lowered->sets * (10 - $lowered->begun->reps));
});

it('says what a week of it is', function (int $daysAgo, string $said): void {
    expect(SessionWriter::write(buildingWith(builder(eachWeek: ['First.', 'Then.']), $daysAgo))->notes)->toContain($said);
})->with([[0, 'First.'], [7, 'Then.'], [27, 'Then.']]);

it('ends after its weeks in a fresh test, then in the choice of what comes next', function (): void {
    $strict = rung(smallGym(), new StrictPull, athlete(70, 1.75, 2.1));
    [$lasts, $over] = [buildingWith(builder(), 27), buildingWith(builder(), 28)];
    $tested = buildingWith(builder(), 28, done: [
        ...sessionsOn($strict, 12, 6, 1),
        done(WEDNESDAY, $strict, 7, 0, purpose: Purpose::Test),
    ]);
    $test = blocksOf(SessionWriter::write($over), SessionPart::Test);

    expect(callWith($lasts)->rule)->not->toBe('builder-ends')
        ->and(blocksOf(SessionWriter::write($lasts), SessionPart::Main)[0]->sets)->toBe(4)
        ->and([callWith($over)->verdict, callWith($over)->rule])->toBe([Verdict::Test, 'builder-ends'])
        ->and([$test[0]->amount->high, $test[0]->toFailure])->toBe([7, true])
        ->and(blocksOf(SessionWriter::write($over), SessionPart::Main)[0]->sets)->toBe(3)
        ->and(callWith($tested)->rule)->not->toBe('builder-ends')
        ->and(implode(' ', callWith($tested)->missing))->toContain('another one')->toContain('harder grip')
        ->and(blocksOf(SessionWriter::write($tested), SessionPart::Test))->toBe([]);
});

it('goes on with weight where strict work is done and there is some', function (): void {
    $kit = new Kit(smallGym()->bars, smallGym()->bands, weights: [Weight::of('disc', 'Disc', 2.5)]);
    $strict = rung($kit, new StrictPull, athlete(70, 1.75, 2.1));
    $done = sessionsOn($strict, 12, 8, 2);
    $with = Course::of(athleteContext($done, 'strict', $strict, kit: $kit));

    expect($with->up?->rung?->exercise->setup->kind())->toBe(ChoiceKind::Added)
        ->and($with->endsStage())->toBeFalse()
        ->and(Course::of(athleteContext($done, 'strict', $strict))->up)->toBeNull();
});

it('adds one mixed set where the next set-up is far and some reps of it are likely, and no gate counts it', function (): void {
    $kit = new Kit(smallGym()->bars, kit(['c' => 44])->bands);
    $rung = rung($kit, SteadyRung\Exercise\Choices\OnBands::of(smallGym()->bars[0]->id, SteadyRung\Setup\Band\Attach::Foot, ['c']), athlete(70, 1.75, 2.1));
    $main = blocksOf(SessionWriter::write(athleteContext(sessionsOn($rung, 6, 10, 2), rung: $rung, kit: $kit)), SessionPart::Main);
    $mixed = $main[1];

    expect($main)->toHaveCount(2)
        ->and([$main[0]->begun, $mixed->sets])->toBe([null, 1])
        ->and($mixed->begun?->rung->share())->toBeGreaterThan($rung->share() + 0.12)
        ->and($mixed->begun->reps + $mixed->amount->high)->toBe(8)
        ->and($mixed->line)->toBe('')
        ->and(blocksOf(SessionWriter::write(athleteContext(sessionsOn($rung, 6, 2, 0), rung: $rung, kit: $kit)), SessionPart::Main))->toHaveCount(1);
});
