<?php

declare(strict_types=1);

use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\FromEstimate;
use SteadyRung\Call\Situation\SessionResult;
use SteadyRung\Call\Situation\Signs;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Situation\Standard;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Choices\Choice;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Counterweighted;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\PulledDown;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\MachineUse;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;
use SteadyRung\Ladder\Steps;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\PainPlace;
use SteadyRung\Setup\DoesNotFit;

function gymOfEverything(): Kit
{
    return Kit::of([
        Bar::of('bar', 'Bar', 2.5), band(22, 0.97, 'thin'), RingPair::of('rings', 'Rings', 2.4, [1.5]),
        Weight::of('small', '1.25 kg', 1.25), Weight::of('five', '5 kg', 5), Weight::of('twenty', '20 kg', 20),
        Machine::of('lift', 'Lift', MachineUse::Counterweight, 5, 50), Machine::of('cable', 'Cable', MachineUse::PullDown, 5, 60),
    ]);
}

/** @param  list<non-empty-list<int>>  $sessions */
function laneSituation(
    Choice|Exercise $on,
    array $sessions,
    ?float $capacity,
    ?Pain $pain = null,
    Standard $standard = new Standard,
): Situation {
    $search = new RungSearch(gymOfEverything());
    $from = $search->rung($on instanceof Exercise ? $on : Exercise::of($on), athlete(70, 1.75, 2.1));
    assert(! $from instanceof DoesNotFit);

    return new Situation(
        stepsAround($from, $search, athlete(70, 1.75, 2.1)),
        array_map(static fn (array $clean, int $i): SessionResult => new SessionResult($i, $clean), $sessions, array_keys($sessions)),
        new FromEstimate(estimateOf($capacity)),
        new Signs($pain),
        $standard,
    );
}

const TWICE = [[9, 8, 8], [8, 8, 8]];

it('climbs one heel mark in a row, on the same rings and straps', function (): void {
    $call = Judge::call(laneSituation(InRow::onRings('rings', 1.5, -0.2), TWICE, 0.9));

    expect($call->verdict)->toBe(Verdict::Climb)
        ->and($call->next->exercise->setup->ringId)->toBe('rings')
        ->and($call->next->exercise->setup->strapM)->toBe(1.5)
        ->and($call->next->share())->toBeGreaterThan(0.5)->and($call->mixed)->toBeNull();
});

it('goes from the unassisted pull-up to the smallest weight that can be felt', function (): void {
    $call = Judge::call(laneSituation(new StrictPull, TWICE, 1.5));

    expect($call->verdict)->toBe(Verdict::Climb)->and($call->next->key())->toBe('added:five');
});

it('takes five kilograms off the help of a machine, not more', function (): void {
    $call = Judge::call(laneSituation(Counterweighted::of('lift', 30), TWICE, 0.85));

    expect($call->verdict)->toBe(Verdict::Climb)->and($call->next->key())->toBe('counterweight:lift:25.00');
});

it('pulls a heavier stack down, and stays with pull-downs', function (): void {
    $call = Judge::call(laneSituation(PulledDown::of('cable', 30), TWICE, 0.8));

    expect($call->verdict)->toBe(Verdict::Climb)
        ->and($call->next->exercise->setup->kind())->toBe(ChoiceKind::PullDown)
        ->and($call->next->exercise->setup->stackKg)->toBe(35.0);
});

it('steps down to more help on every lane', function (Choice|Exercise $on, string $key): void {
    $call = Judge::call(laneSituation($on, [[3, 3], [4, 2]], 0.6));

    expect($call->verdict)->toBe(Verdict::StepDown)->and($call->next->key())->toStartWith($key)
        ->and($call->next->share())->toBeLessThan(laneSituation($on, [], null)->rung()->share());
})->with(fn () => [
    [InRow::onRings('rings', 1.5, 0.3), 'row:rings:1.500'],
    [Counterweighted::of('lift', 30), 'counterweight:lift:35'],
    [PulledDown::of('cable', 40), 'pulldown:cable:35'],
    [new StrictPull, 'band:knee:bar:thin'],
]);

it('asks lowerings for fewer reps, and changes nothing by itself there', function (array $sessions, Verdict $verdict): void {
    expect(
        Judge::call(laneSituation(
            Exercise::of(new StrictPull, Movement::Lowering, seconds: 5.0),
            $sessions,
            null,
            null,
            Standard::lowering(),
        ))->verdict,
    )->toBe($verdict);
})->with([
    'under the gate' => [[[4, 4, 4], [4, 3, 3]], Verdict::Stay],
    'at the gate' => [[[5, 5, 5], [5, 5, 5]], Verdict::Stay],
    'one poor session' => [[[1, 1]], Verdict::Stay],
]);

it('refers for pain before anything else, on every lane', function (Choice|Exercise $on): void {
    $call = Judge::call(laneSituation($on, TWICE, 1.5, Pain::of(PainPlace::Shoulder, 3)));

    expect($call->verdict)->toBe(Verdict::Refer)->and($call->next)->toBeNull();
})->with(
    fn () => [
        [InRow::onRings('rings', 1.5, 0.0)],
        [Counterweighted::of('lift', 30)],
        [PulledDown::of('cable', 30)],
        [Exercise::of(new StrictPull, Movement::Lowering, seconds: 5.0)],
        [new StrictPull],
    ],
);

it('never moves more than one rung, and never to another lane', function (Choice|Exercise $on): void {
    foreach ([[], TWICE, [[3, 3], [2, 2]]] as $sessions) {
        foreach ([0.5, 0.9, 1.4] as $capacity) {
            $situation = laneSituation($on, $sessions, $capacity);
            $next = Judge::call($situation)->next;
            expect($next->lane())->toBe($situation->rung()->lane());
            $between = array_filter((new RungSearch(gymOfEverything()))->near($situation->rung(), athlete(70, 1.75, 2.1)), fn ($r): bool => $r->holds()
                && abs($r->share() - $situation->rung()->share()) >= Steps::SMALLEST
                && $r->share() > min($next->share(), $situation->rung()->share()) + 1e-6
                    && $r->share() < max($next->share(), $situation->rung()->share()) - 1e-6);
            expect($between)->toBe([]);
        }
    }
})->with(
    fn () => [[InRow::onRings('rings', 1.5, 0.0)], [Counterweighted::of('lift', 30)], [PulledDown::of('cable', 30)], [new StrictPull]],
);
