<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\Choice;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Exercise\Search\SameOnBars;
use SteadyRung\Kit\UnknownGear;
use SteadyRung\Ladder\LadderPath;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Band\Attach;

function foot(string $band, string $bar = 'bar-0'): Choice
{
    return OnBands::of($bar, Attach::Foot, [$band]);
}

it('finds every single band under foot and knee on every bar, and the unassisted pull-up, in order', function (): void {
    $rungs = (new RungSearch(kit(['a' => 13, 'b' => 29], 2.5, 3.0)))->singles(athlete());
    $shares = array_map(fn ($r) => $r->share(), $rungs);
    $sorted = $shares;
    sort($sorted);

    expect($rungs)->toHaveCount(9)->and($shares)->toBe($sorted)->and(end($rungs)->exercise->setup->kind())->toBe(ChoiceKind::Strict);
});

it('leaves out what does not fit, and tells of it apart', function (): void {
    $search = new RungSearch(kit(['a' => 29], 1.4, 2.5));

    expect($search->singles(athlete()))->toHaveCount(3)
        ->and($search->misfits(athlete()))->toHaveCount(2)
        ->and($search->misfits(athlete())[0][0])->toContain('Bar 0');
});

it('steps down to the nearest single band that is felt, and up without passing a single band under the foot', function (): void {
    $kit = kit(['a' => 13, 'b' => 22, 'c' => 32, 'd' => 44], 2.5, 3.0);
    $from = rung($kit, foot('b'));
    $steps = stepsAround($from, new RungSearch($kit));
    $singles = (new RungSearch($kit))->singles(athlete());
    $below = array_filter(array_map(fn ($r) => $from->share() - $r->share(), $singles), fn ($d) => $d >= 0.02);
    $passed = array_filter($singles, fn ($r) => $r->exercise->setup instanceof OnBands && $r->exercise->setup->attach === Attach::Foot
        && $r->share() - $from->share() >= 0.02 && $r->share() < $steps->up->share() - 1e-9);

    expect($steps->sizeUp())->toBeGreaterThanOrEqual(0.02)->toBeLessThanOrEqual(0.12)
        ->and($passed)->toBe([])
        ->and($from->share() - $steps->down->share())->toEqualWithDelta(min($below), 1e-12);
});

it('stays on the same bar where several carry the same', function (): void {
    $kit = kit(['a' => 13, 'b' => 22], 2.5, 3.0);
    $steps = stepsAround(rung($kit, foot('b', 'bar-1')), new RungSearch($kit));

    expect($steps->up?->exercise->setup->barId)->toBe('bar-1');
});

it('has no step up from the top and none down from the bottom', function (): void {
    $kit = kit(['a' => 13]);

    expect(stepsAround(rung($kit, new StrictPull), new RungSearch($kit))->up)->toBeNull()
        ->and(stepsAround(rung($kit, foot('a')), new RungSearch($kit))->down)->toBeNull();
});

it('begins every ladder with the same rung, however many rungs are asked for', function (?int $most): void {
    $kit = kit(['a' => 13, 'b' => 22, 'c' => 32, 'd' => 44]);
    $search = new RungSearch($kit);
    $way = LadderPath::of(
        $search,
        athlete(),
        Lane::Pull,
        $search->lane(Lane::Pull, athlete()),
        rung($kit, foot('d')),
        estimateOf(null),
        null,
        $most,
    );

    expect($way->ladder->rungs[0]->key())->toBe(stepsAround(rung($kit, foot('d')), $search)->up->key())
        ->and($way->below)->toBeNull()
        ->and($way->ladder->rungs[count($way->ladder->rungs) - 1]->exercise->setup)->toEqual(new StrictPull);
})->with([null, 3, 5, 20]);

it('groups bars on which a rung carries the same, and shows the chosen one', function (): void {
    $kit = kit(['a' => 22], 2.0, 2.5, 3.0);
    $groups = SameOnBars::grouped((new RungSearch($kit))->singles(athlete()), Exercise::of(foot('a', 'bar-2')));
    $chosen = array_values(array_filter($groups, fn ($g) => $g->includes(Exercise::of(foot('a', 'bar-2')))));

    expect($groups)->toHaveCount(4)
        ->and($chosen)->toHaveCount(1)
        ->and($chosen[0]->rung->exercise->setup->barId)->toBe('bar-2')
        ->and($chosen[0]->barNames($kit))->toBe(['Bar 1', 'Bar 2']);
});

it('knows a choice by its gear, in any order, and refuses none, three or unknown bands', function (): void {
    $search = new RungSearch(kit(['a' => 22]));

    expect(OnBands::of('p', Attach::Foot, ['b', 'a'])->key())->toBe(OnBands::of('p', Attach::Foot, ['a', 'b'])->key())
        ->and(fn () => OnBands::of('p', Attach::Foot, []))->toThrow(OutOfRange::class)
        ->and(fn () => OnBands::of('p', Attach::Foot, ['a', 'b', 'c']))->toThrow(OutOfRange::class)
        ->and(fn () => $search->rung(Exercise::of(foot('zzz')), athlete()))->toThrow(UnknownGear::class)
        ->and(fn () => $search->rung(Exercise::of(foot('a', 'zzz')), athlete()))->toThrow(UnknownGear::class);
});
