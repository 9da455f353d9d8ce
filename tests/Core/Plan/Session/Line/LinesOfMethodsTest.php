<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Condition;
use SteadyRung\Method\Gate;
use SteadyRung\Method\Grows;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Method;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\SessionPart;
use SteadyRung\Method\Stage;
use SteadyRung\Plan\Diary\AccessoryWork;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\EvenDown;
use SteadyRung\Plan\Session\AlsoAsked;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\SessionWriter;

require_once __DIR__.'/../../../Support/plan.php';

function beside(Accessory $what, Amount $amount, ?int $perWeek = null): Prescription
{
    return Prescription::of(SessionPart::Accessory, $what, 3, $amount, 60, perWeek: $perWeek);
}

/** A stage of rows with more beside them, then strict. */
function withLines(Gate $gate, Prescription ...$beside): Method
{
    return Method::of('drawn', 'Drawn', 'Rows.', [2, 3], [
        new Stage('rows', 'Rows', [2, 8], [work(AllowedExercises::of(ChoiceKind::Row)), ...array_values($beside)], $gate, 0.9),
        new Stage('strict', 'Strict', [2, 8], [work(AllowedExercises::of(ChoiceKind::Strict), 3, Amount::of(Measure::Reps, 1, 5))], Gate::of(Measure::Reps, 3, 5, 1), 1.0),
    ]);
}

/** @param  list<AccessoryWork>  $done */
function besideIn(Prescription $line, array $done): Block|string
{
    $session = SessionWriter::write(athleteContext([hang(WEDNESDAY - 20, 50.0)], 'rows', method: withLines(Gate::of(Measure::Reps, 3, 10, 5), $line), beside: $done));
    $blocks = array_values(array_filter($session->blocks, static fn (Block $b): bool => $b->do instanceof Accessory));

    return $blocks[0] ?? implode(' ', $session->notes);
}

function did(Accessory $what, int $daysAgo, ?int $reps = 10, ?float $seconds = null): AccessoryWork
{
    return new AccessoryWork(WEDNESDAY - $daysAgo, $what, $reps, $seconds, null);
}

it('writes a line no oftener in a week than its method has it', function (array $daysAgo, ?int $perWeek, bool $isWritten): void {
    $done = array_map(static fn (int $ago): AccessoryWork => did(Accessory::Curl, $ago), $daysAgo);
    $found = besideIn(beside(Accessory::Curl, Amount::of(Measure::Reps, 10), $perWeek), $done);

    expect($found instanceof Block)->toBe($isWritten);
    if (is_string($found)) {
        expect($found)->toContain('Curl: once a week, and it was done on Monday.');
    }
})->with([
    'not yet this week' => [[4], 1, true],
    'on Monday' => [[2], 1, false],
    'today, and still the same session' => [[0], 1, true],
    'once of twice' => [[2], 2, true],
    'each session' => [[2, 1], null, true],
]);

it('goes on to the next step of what goes by steps, once the last set came to what is asked', function (
    Accessory $asked,
    Amount $amount,
    array $done,
    Accessory $due,
): void {
    expect(besideIn(beside($asked, $amount), $done)->do)->toBe($due);
})->with([
    'short dips' => [Accessory::ShortDip, Amount::of(Measure::Reps, 6, 12), [did(Accessory::ShortDip, 3, 11)], Accessory::ShortDip],
    'dips' => [Accessory::ShortDip, Amount::of(Measure::Reps, 6, 12), [did(Accessory::ShortDip, 3, 12)], Accessory::Dip],
    'a lean' => [
        Accessory::KneelingLean,
        Amount::of(Measure::Seconds, 15),
        [did(Accessory::KneelingLean, 6, null, 15.0), did(Accessory::StraightArmLean, 3, null, 15.0)],
        Accessory::RaisedLean,
    ],
    'a handstand' => [Accessory::HalfWallWalk, Amount::of(Measure::Reps, 3), [did(Accessory::HalfWallWalk, 3, 3)], Accessory::WallWalk],
    'pegs' => [Accessory::PegRow, Amount::of(Measure::Reps, 4, 6), [did(Accessory::PegRow, 3, 6)], Accessory::PegHeight],
    'no steps' => [Accessory::Curl, Amount::of(Measure::Reps, 10), [did(Accessory::Curl, 3, 20)], Accessory::Curl],
]);

it('changes the hand that leads, and asks two pulls more on the rope', function (): void {
    $rope = beside(Accessory::RopePull, Amount::of(Measure::Reps, 4, 8));
    $third = [did(Accessory::RopePull, 3, 4), did(Accessory::RopePull, 3, 4), did(Accessory::RopePull, 3, 4)];

    expect(besideIn($rope, [])->note)->toBe('The left hand leads in the first set, then they change.')
        ->and(besideIn($rope, $third)->note)->toBe('Last time 4; 6 next. The right hand leads in the first set, then they change.');
});

it('tells who pushes beside the pull whether both are in step', function (int $pushes, string $said): void {
    $done = array_fill(0, $pushes, did(Accessory::PushUp, 3));
    $context = athleteContext(
        [hang(WEDNESDAY - 20, 50.0), ...sessionsOn(bandRung(), 4)],
        'rows',
        method: withLines(Gate::of(Measure::Reps, 3, 10, 5), beside(Accessory::PushUp, Amount::of(Measure::Reps, 8, 15))),
        beside: $done,
    );

    expect(SessionWriter::write($context)->notes)->toContain($said);
})->with([
    [6, 'Four weeks: 12 sets of pull, 6 of push.'],
    [5, 'Four weeks: 12 sets of pull, 5 of push. The push lags behind: add some to each pull day.'],
]);

it('holds a stage until the second condition of its gate is met', function (int $strict, ?string $lacks): void {
    $gate = Gate::of(Measure::Reps, 3, 8, 5, 1, also: Condition::of(AllowedExercises::of(ChoiceKind::Strict), 3));
    $row = (new SteadyRung\Exercise\Search\RungSearch(smallGym()))->lane(SteadyRung\Exercise\Choices\Lane::Row, athlete(70, 1.75, 2.1))[10];
    $pull = rung(smallGym(), new StrictPull, athlete(70, 1.75, 2.1));
    $context = athleteContext(
        [hang(WEDNESDAY - 40, 60.0), ...sessionsOn($row, 3), ...sessionsOn($pull, 1, $strict, 0, 12)],
        'rows',
        $row,
        method: withLines($gate),
    );

    expect(AlsoAsked::lacks($context, Course::of($context)))->toBe($lacks)
        ->and($gate->words())->toBe('3 × 8, and 3 in one set (pull-up)');
})->with([
    [2, 'The gate asks 3 in one set (pull-up) too; the most is 2.'],
    [3, null],
]);

/** A session of three lowerings on a band, asked for so long, of which each lasted so long. */
function loweredFor(int $daysAgo, float $askedS, float $lastedS): array
{
    $exercise = Exercise::of(bandRung(44)->exercise->setup, Movement::Lowering, seconds: $askedS);

    return array_fill(0, 3, done(WEDNESDAY - $daysAgo, rung(smallGym(), $exercise, athlete(70, 1.75, 2.1)), 5, null, seconds: $lastedS));
}

it('begins a lowering that rises at two seconds, and asks one more after each session that kept to it', function (array $done, float $seconds): void {
    $lowering = AllowedExercises::of(ChoiceKind::Band, Movement::Lowering, seconds: 5.0);
    $line = Prescription::of(SessionPart::Main, [$lowering], 3, Amount::of(Measure::Reps, 5, 8), 120, grows: Grows::Slower);
    $method = Method::of('drawn', 'Drawn', 'Lowering.', [2, 3], [
        new Stage('down', 'Down', [2, 8], [$line], Gate::of(Measure::Reps, 3, 5, 2), 0.9),
        withLines(Gate::of(Measure::Reps, 3, 10, 5))->stages[1],
    ]);
    $on = rung(smallGym(), Exercise::of(bandRung(44)->exercise->setup, Movement::Lowering, seconds: 5.0), athlete(70, 1.75, 2.1));
    $context = athleteContext([hang(WEDNESDAY - 40, 60.0), ...$done], 'down', $on, method: $method);

    expect(blocksOf(SessionWriter::write($context), SessionPart::Main)[0]->rung()?->exercise->style->seconds)->toBe($seconds);
})->with(fn () => [
    'new to it' => [[], 2.0],
    'kept two' => [loweredFor(8, 2.0, 2.4), 3.0],
    'too fast at three' => [[...loweredFor(12, 2.0, 2.4), ...loweredFor(8, 3.0, 2.6)], 3.0],
    'at the top' => [loweredFor(8, 5.0, 6.0), 5.0],
]);

it('counts for a gate no lowering of fewer than three seconds where more are asked', function (float $asked, bool $counts): void {
    $on = rung(smallGym(), Exercise::of(bandRung(44)->exercise->setup, Movement::Lowering, seconds: 5.0), athlete(70, 1.75, 2.1));
    $set = new Done(...[...get_object_vars(loweredFor(8, $asked, 6.0)[0]), 'work' => null]);

    expect(athleteContext()->counts($set, $on))->toBe($counts);
})->with([[2.0, false], [3.0, true]]);

it('says how the week stands where so many are asked in all', function (): void {
    $line = Prescription::of(
        SessionPart::Main,
        [AllowedExercises::of(ChoiceKind::Band, Movement::Lowering, seconds: 3.0)],
        8,
        Amount::of(Measure::TotalReps, 10, 12),
        120,
        toFailure: true,
    );
    $method = Method::of('drawn', 'Drawn', 'Lowering.', [2, 3], [
        new Stage('down', 'Down', [2, 8], [$line], Gate::of(Measure::TotalReps, 1, 12, 2), 0.9),
        withLines(Gate::of(Measure::Reps, 3, 10, 5))->stages[1],
    ]);
    $context = athleteContext([hang(WEDNESDAY - 40, 60.0), ...loweredFor(2, 3.0, 4.0)], 'down', method: $method);

    expect(blocksOf(SessionWriter::write($context), SessionPart::Main)[0]->note)->toContain('15 this week before today; with these 27.');
});

it('takes a lowering for even unless one half took less than a third of it', function (float $half, int $uneven): void {
    expect(EvenDown::uneven([6.0], [$half]))->toBe($uneven);
})->with([[0.0, 0], [1.9, 1], [2.0, 0], [4.0, 0], [4.1, 1]]);
