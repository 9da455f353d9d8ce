<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Gate;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Method;
use SteadyRung\Method\Stage;
use SteadyRung\Plan\Session\BeforeHanging;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\Line\LoweringsLeft;
use SteadyRung\Plan\Weeks\Comeback;
use SteadyRung\Safety\ScreenDue;
use SteadyRung\Setup\BandHazard;
use SteadyRung\Setup\Mount;
use SteadyRung\Setup\Warning;
use SteadyRung\Setup\WarningCode;
use SteadyRung\Strength\StrictTry;

it('counts days away to the day', function (int $days, ?bool $needsBaselines, ?ScreenDue $screen): void {
    expect(Comeback::on(100 + $days, 100)?->needsBaselines)->toBe($needsBaselines)
        ->and(ScreenDue::on(100 + $days, 90, 100, false))->toBe($screen);
})->with([[13, null, null], [14, false, null], [27, false, null], [28, true, ScreenDue::Away]]);

it('tries from a chance of one in four on', function (): void {
    expect(StrictTry::isWorthIt(0.25))->toBeTrue()->and(StrictTry::isWorthIt(0.249))->toBeFalse();
});

it('warns of bands from their bounds on', function (float $helpShare, float $recoilJ, float $handKg, array $codes): void {
    $body = athlete(70);
    $mount = Mount::of(2.4, $body, fn (float $lengthM): float => $handKg * 9.80665);
    $hazard = BandHazard::of($helpShare * $body->weightN(), 0.0, $recoilJ, $mount, $body);

    expect(array_map(fn (Warning $w): WarningCode => $w->code, $hazard->warnings()))->toBe($codes);
})->with([
    'just under each' => [0.70, 150.0, 14.999, []],
    'help' => [0.701, 150.0, 14.999, [WarningCode::FeetFlyUp]],
    'recoil' => [0.70, 150.1, 14.999, [WarningCode::StrongRecoil]],
    'one hand' => [0.70, 150.0, 15.001, [WarningCode::PartnerToMount]],
]);

it('cuts lowerings to what is left, sets before reps where a set would be left over', function (
    int $sets,
    Amount $amount,
    int $left,
    array $written,
): void {
    [$fitted, $to] = LoweringsLeft::fit($sets, $amount, $left);

    expect([$fitted, $to->low, $to->high])->toBe($written)->and($fitted * $to->low)->toBeLessThanOrEqual($left);
})->with([
    'all of it' => [3, Amount::of(Measure::Reps, 3, 5), 15, [3, 3, 5]],
    'one fewer than its most' => [3, Amount::of(Measure::Reps, 3, 5), 14, [3, 3, 4]],
    'its least' => [3, Amount::of(Measure::Reps, 3, 5), 9, [3, 3, 3]],
    'under its least' => [3, Amount::of(Measure::Reps, 3, 5), 8, [2, 3, 4]],
    'one' => [3, Amount::of(Measure::Reps, 3, 5), 1, [1, 1, 1]],
]);

it('asks for a hang of forty seconds before the first stage that hangs, and says what the longest was', function (
    ?float $longest,
    ?string $said,
): void {
    $rows = new Stage(
        'rows',
        'Rows',
        [2, 8],
        [work(AllowedExercises::of(ChoiceKind::Row), 3, Amount::of(Measure::Reps, 5, 8))],
        Gate::of(Measure::Reps, 3, 5, 1, 2),
        1.0,
    );
    $method = Method::of(
        'rows',
        'Rows',
        'Rows, then bands.',
        [2, 3],
        [$rows, smallMethod()->stage('bands'), smallMethod()->stage('strict')],
    );
    $inRow = rung(smallGym(), InRow::onRings('rings', 1.5, 0.3), athlete(70, 1.75, 2.1));
    $context = athleteContext(
        [...sessionsOn($inRow, 4, 12, 4), ...($longest === null ? [] : [hang(WEDNESDAY - 9, $longest)])],
        'rows',
        method: $method,
    );

    expect(BeforeHanging::lacks($context, Course::of($context)))->toBe($said);
})->with([
    [null, 'The next stage hangs: a hang of 40 s comes first; none is logged.'],
    [39.5, 'The next stage hangs: a hang of 40 s comes first; the longest is 39.5 s.'],
    [40.0, null],
]);
