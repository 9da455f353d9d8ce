<?php

declare(strict_types=1);

use SteadyRung\Call\Rules\ClimbWhenGateMet;
use SteadyRung\Call\Rules\RestWhenFallingOff;
use SteadyRung\Call\Rules\RestWhenSore;
use SteadyRung\Call\Rules\Rule;
use SteadyRung\Call\Rules\StepDownBelowFloor;
use SteadyRung\Call\Rules\StepDownUnclean;
use SteadyRung\Call\Situation\FromEstimate;
use SteadyRung\Call\Situation\SessionResult;
use SteadyRung\Call\Situation\Signs;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Situation\Standard;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Search\RungSearch;

/**
 * Whether a rule fires on what these sessions came to.
 *
 * @param  list<SessionResult>  $sessions
 */
function fires(Rule $rule, array $sessions, Signs $signs = new Signs, float $capacity = 1.0): bool
{
    $from = rung(fineKit(), on('d'));
    $found = $rule->look(new Situation(
        stepsAround($from, new RungSearch(fineKit())),
        $sessions,
        new FromEstimate(estimateOf($capacity)),
        $signs,
    ));

    return $found->call !== null;
}

it('fires at its bound and not beside it', function (Rule $rule, array $sessions, bool $fires, Signs $signs = new Signs): void {
    expect(fires($rule, $sessions, $signs))->toBe($fires);
})->with([
    'soreness of three' => [new RestWhenSore, [], false, new Signs(soreness: 3)],
    'soreness of four' => [new RestWhenSore, [], true, new Signs(soreness: 4)],
    'seven of ten clean' => [new StepDownUnclean, [new SessionResult(0, [7], noCounts: 3)], false],
    'sixty-nine of a hundred clean' => [new StepDownUnclean, [new SessionResult(0, [69], noCounts: 31)], true],
    'half of the sets too fast' => [new StepDownUnclean, [new SessionResult(0, [5, 5], tooFast: 1)], false],
    'more than half of the sets too fast' => [new StepDownUnclean, [new SessionResult(0, [5, 5, 5], tooFast: 2)], true],
    'one session short' => [new StepDownBelowFloor, [new SessionResult(0, [5, 5, 4]), new SessionResult(2, [4, 4, 4])], false],
    'six tenths of what was asked' => [
        new StepDownBelowFloor,
        [new SessionResult(0, [6, 6, 6], asked: 10), new SessionResult(2, [6, 6, 6], asked: 10)],
        false,
    ],
    'under six tenths twice' => [
        new StepDownBelowFloor,
        [new SessionResult(0, [6, 5, 5], asked: 10), new SessionResult(2, [9, 5, 5], asked: 10)],
        true,
    ],
    'three tenths once' => [new StepDownBelowFloor, [new SessionResult(0, [3, 3, 3], asked: 10)], false],
    'under three tenths once' => [new StepDownBelowFloor, [new SessionResult(0, [5, 2, 2], asked: 10)], true],
    'two sessions short' => [new StepDownBelowFloor, [new SessionResult(0, [4, 4, 4]), new SessionResult(2, [4, 4, 4])], true],
    'a quarter under, twice' => [
        new RestWhenFallingOff,
        [new SessionResult(0, [6], expected: 8.0, effort: 8), new SessionResult(2, [6], expected: 8.0, effort: 8)],
        true,
    ],
    'a quarter under, once' => [
        new RestWhenFallingOff,
        [new SessionResult(0, [7], expected: 8.0, effort: 8), new SessionResult(2, [6], expected: 8.0, effort: 8)],
        false,
    ],
    'less than a quarter under, twice' => [
        new RestWhenFallingOff,
        [new SessionResult(0, [6], expected: 7.9, effort: 8), new SessionResult(2, [6], expected: 7.9, effort: 8)],
        false,
    ],
    'a quarter under, twice, at an effort of seven' => [
        new RestWhenFallingOff,
        [new SessionResult(0, [6], expected: 8.0, effort: 7), new SessionResult(2, [6], expected: 8.0, effort: 7)],
        false,
    ],
]);

it('moves on from a stage on the day its least days are over', function (int $days, bool $isClimb): void {
    $sessions = [new SessionResult(0, [8, 8, 8]), new SessionResult(2, [8, 8, 8])];
    $from = rung(fineKit(), on('d'));
    $call = (new ClimbWhenGateMet)->look(new Situation(
        stepsAround($from, new RungSearch(fineKit())),
        $sessions,
        new FromEstimate(estimateOf(1.2)),
        new Signs(daysAtStage: $days, endsStage: true),
        new Standard(leastDays: 21),
    ))->call;

    expect($call?->verdict === Verdict::Climb)->toBe($isClimb);
})->with([[20, false], [21, true]]);
