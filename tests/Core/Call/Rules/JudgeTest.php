<?php

declare(strict_types=1);

use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Rules\Firing;
use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Kit;
use SteadyRung\Safety\Caution;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\PainPlace;
use SteadyRung\Setup\Band\Attach;

const MET = [8, 9, 8];
const SHORT = [4, 3, 4];

function reasonsOf(Call $call): string
{
    return implode(' ', array_map(fn (Evidence $e): string => $e->text, $call->reasons));
}

it('climbs when the gate is met twice running and the floor is likely on the next rung', function (): void {
    $call = Judge::call(situation(fineKit(), on('d'), [MET, MET], 1.1));

    expect($call->verdict)->toBe(Verdict::Climb)
        ->and($call->next->share())->toBeGreaterThan(rung(fineKit(), on('d'))->share())
        ->and($call->chance)->toBeGreaterThanOrEqual(0.8)
        ->and($call->confidence)->toBe(Confidence::Firm)
        ->and(reasonsOf($call))->toContain('8 clean')->toContain('it needs 4 in 5');
});

it('stays and says what is missing', function (array $sessions, ?float $capacity, string $missing): void {
    $call = Judge::call(situation(fineKit(), on('d'), $sessions, $capacity));

    expect($call->verdict)->toBe(Verdict::Stay)
        ->and($call->next->exercise->setup)->toEqual(on('d'))
        ->and(implode(' ', $call->missing))->toContain($missing);
})->with([
    'nothing yet' => [[], 1.1, '2 sessions running at 3 × 8 clean.'],
    'one session met' => [[[6, 6, 5], MET], 0.97, 'One more session at 3 × 8 clean.'],
    'met, but not running' => [[MET, [8, 8, 7]], 0.97, '2 sessions running at 3 × 8 clean.'],
    'two sets only' => [[[9, 9], [9, 9]], 0.97, '2 sessions running'],
    'floor unlikely on the next' => [[MET, MET], 0.9, 'it needs 4 in 5'],
    'no baseline' => [[MET, MET], null, 'A baseline'],
]);

it('steps down when no set came up to the floor in two sessions running', function (): void {
    $call = Judge::call(situation(fineKit(), on('d'), [[9, 9, 9], SHORT, SHORT], 0.8));

    expect($call->verdict)->toBe(Verdict::StepDown)
        ->and($call->next->share())->toBeLessThan(rung(fineKit(), on('d'))->share())
        ->and($call->reasons[0]->text)->toBe('Half of the sets short of the 8 asked in 2 sessions running (4, 3, 4; 4, 3, 4).');
});

it('does not step down for one short session, half of the sets at the floor, or with nothing easier', function (): void {
    expect(Judge::call(situation(fineKit(), on('d'), [MET, SHORT]))->verdict)->toBe(Verdict::Stay)
        ->and(Judge::call(situation(fineKit(), on('d'), [SHORT, [5, 5, 3]]))->verdict)->toBe(Verdict::Stay)
        ->and(Judge::call(situation(kit(['a' => 13]), on('a'), [SHORT, SHORT]))->verdict)->toBe(Verdict::Stay);
});

it('refers for pain before anything else, names no set-up, and shows the cautions', function (array $sessions, ?int $level): void {
    $call = Judge::call(situation(fineKit(), on('d'), $sessions, 1.2, pain: Pain::of(PainPlace::Elbow, $level)));

    expect($call->verdict)->toBe(Verdict::Refer)
        ->and($call->next)->toBeNull()
        ->and($call->cautions)->toContain(Caution::StopForPain)
        ->and($call->nearly)->toBe([])
        ->and(implode(' ', $call->missing))->toContain('clinician');
})->with([[[MET, MET], 2], [[SHORT, SHORT], 1], [[SHORT, MET], 2], [[], 10], [[MET, MET], null]]);

it('puts emergency care first for pain in the chest', function (): void {
    $call = Judge::call(situation(fineKit(), on('d'), [MET], pain: Pain::of(PainPlace::Chest, 1)));

    expect($call->cautions[0])->toBe(Caution::Emergency);
});

it('goes in between with two bands where the next single band is far', function (): void {
    $kit = kit(['a' => 13, 'b' => 26, 'c' => 64], 2.5);
    $knee = OnBands::of('bar-0', Attach::Knee, ['c']);
    $call = Judge::call(situation($kit, $knee, [MET, MET], 1.2));
    $singles = array_filter((new RungSearch($kit))->singles(athlete()), fn ($r) => $r->share() > rung($kit, $knee)->share() + 0.02);

    expect($call->verdict)->toBe(Verdict::Climb)
        ->and($call->next->exercise->setup->bandIds)->toHaveCount(2)
        ->and($call->next->share())->toBeLessThan(min(array_map(fn ($r) => $r->share(), $singles)))
        ->and($call->mixed)->toBeNull();
});

it('says so and offers a mixed set where the kit has nothing in between', function (): void {
    $call = Judge::call(situation(kit(['c' => 44]), on('c'), [[8, 8, 7]], 0.9));

    expect($call->mixed?->firstReps)->toBe(3)
        ->and($call->mixed?->thenReps)->toBe(5)
        ->and($call->mixed?->then->exercise->setup)->toEqual(on('c'))
        ->and(reasonsOf($call))->toContain('more than 12 %')->toContain('Mix the set');
});

it('tells which rules nearly fired, and how far they were met', function (
    array $sessions,
    float $capacity,
    Verdict $nearly,
    float $figure,
    float $threshold,
): void {
    $call = Judge::call(situation(fineKit(), on('d'), $sessions, $capacity));
    $found = array_values(array_filter($call->nearly, fn ($n) => $n->verdict === $nearly));

    expect($call->verdict)->toBe(Verdict::Stay)->and($found)->toHaveCount(1)
        ->and(array_filter(
            $found[0]->evidence,
            fn ($e) => $e->threshold === $threshold && abs($e->figure - $figure) < 0.5,
        ))->not->toBeEmpty();
})->with([
    'one short session' => [[MET, SHORT], 0.8, Verdict::StepDown, 1.0, 2.0],
    'one session at the gate' => [[[6, 6, 6], MET], 0.97, Verdict::Climb, 1.0, 2.0],
    'the gate met, the floor unlikely' => [[MET, MET], 0.85, Verdict::Climb, 0.3, 0.8],
]);

it('looks at the rules in the order of the verdicts, each with a name of its own', function (): void {
    $rules = Judge::rules();
    $names = array_map(fn ($r) => $r->name(), $rules);

    $verdicts = array_map(fn ($r) => $r->verdict(), $rules);

    expect(array_values(array_unique($verdicts, SORT_REGULAR)))->toBe(Verdict::cases())
        ->and(array_unique($names))->toHaveCount(count($names))
        ->and(end($rules)->look(situation(fineKit(), on('d'), []))->firing)->toBe(Firing::Fires);
});

it('has nowhere to climb from the top of the ladder', function (): void {
    $call = Judge::call(situation(fineKit(), new StrictPull, [MET, MET], 1.4));

    expect($call->verdict)->toBe(Verdict::Stay)->and(implode(' ', $call->missing))->toContain('top of the ladder');
});

it('never climbs by more than one rung, whatever the capacity', function (): void {
    foreach (['c', 'd', 'e', 'f'] as $band) {
        $situation = situation(fineKit(), on($band), [MET, MET], 2.0);
        $call = Judge::call($situation);
        expect($call->next)->toBe($situation->steps->up)->and($situation->steps->isTooLarge())->toBeFalse();
    }
});

it('gives the same call for the same situation', function (): void {
    expect(Judge::call(situation(
        fineKit(),
        on('d'),
        [MET, MET],
        1.02,
    )))->toEqual(Judge::call(situation(fineKit(), on('d'), [MET, MET], 1.02)));
});

it('asks to measure the band that makes the chance uncertain', function (): void {
    $estimated = LoopBand::of('z', 'Zelkova', 1.0, 24, 4.5);
    $kit = new Kit(fineKit()->bars, [band(29, id: 'd'), $estimated]);
    $call = Judge::call(situation($kit, on('d'), [MET, MET], 0.93));

    expect(implode(' ', $call->missing))->toContain('Band Zelkova is estimated');
});
