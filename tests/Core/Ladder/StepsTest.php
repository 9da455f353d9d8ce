<?php

declare(strict_types=1);

use SteadyRung\Kit\UnknownGear;
use SteadyRung\Ladder\Choice;
use SteadyRung\Ladder\ChoiceKind;
use SteadyRung\Ladder\Choices\OnBands;
use SteadyRung\Ladder\Choices\StrictPull;
use SteadyRung\Ladder\RungSearch;
use SteadyRung\Ladder\SameOnBars;
use SteadyRung\Ladder\Steps;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Attach;

function foot(string $band, string $bar = 'bar-0'): Choice
{
    return OnBands::of($bar, Attach::Foot, [$band]);
}

it('finds every single band under foot and knee on every bar, and the unassisted pull-up, in order', function (): void {
    $rungs = (new RungSearch(kit(['a' => 13, 'b' => 29], 2.5, 3.0)))->singles(athlete());
    $shares = array_map(fn ($r) => $r->share(), $rungs);
    $sorted = $shares;
    sort($sorted);

    expect($rungs)->toHaveCount(9)->and($shares)->toBe($sorted)->and(end($rungs)->choice->kind())->toBe(ChoiceKind::Strict);
});

it('leaves out what does not fit, and tells of it apart', function (): void {
    $search = new RungSearch(kit(['a' => 29], 1.4, 2.5));

    expect($search->singles(athlete()))->toHaveCount(3)
        ->and($search->misfits(athlete()))->toHaveCount(2)
        ->and($search->misfits(athlete())[0][0])->toContain('Bar 0');
});

it('steps to the nearest rung that can be felt, up and down', function (): void {
    $kit = kit(['a' => 13, 'b' => 22, 'c' => 32, 'd' => 44], 2.5, 3.0);
    $from = rung($kit, foot('b'));
    $steps = Steps::around($from, new RungSearch($kit), athlete());
    $others = array_map(fn ($r) => $r->share() - $from->share(), (new RungSearch($kit))->singles(athlete()));

    expect($steps->sizeUp())->toBe(min(array_filter($others, fn ($d) => $d >= 0.02)))
        ->and($from->share() - $steps->down->share())->toEqualWithDelta(-max(array_filter($others, fn ($d) => $d <= -0.02)), 1e-12);
});

it('stays on the same bar where several carry the same', function (): void {
    $kit = kit(['a' => 13, 'b' => 22], 2.5, 3.0);
    $steps = Steps::around(rung($kit, foot('b', 'bar-1')), new RungSearch($kit), athlete());

    expect($steps->up?->choice->barId)->toBe('bar-1');
});

it('has no step up from the top and none down from the bottom', function (): void {
    $kit = kit(['a' => 13]);

    expect(Steps::around(rung($kit, new StrictPull), new RungSearch($kit), athlete())->up)->toBeNull()
        ->and(Steps::around(rung($kit, foot('a')), new RungSearch($kit), athlete())->down)->toBeNull();
});

it('offers pairs of bands inside a step over 12 %, each a step that can be felt', function (): void {
    $kit = kit(['thin' => 13, 'thick' => 83]);
    $knee = OnBands::of('bar-0', Attach::Knee, ['thick']);
    $steps = Steps::around(rung($kit, $knee), new RungSearch(kit(['thin' => 13, 'mid' => 22, 'thick' => 83])), athlete());
    $large = Steps::around(rung($kit, $knee), new RungSearch(kit(['thick' => 83])), athlete());

    expect($large->isTooLarge())->toBeTrue()->and($large->between)->toBe([])->and($steps->sizeUp())->toBeGreaterThan(0.02);

    $body = athlete(50);
    $few = kit(['x' => 13, 'y' => 22, 'z' => 64]);
    $from = rung($few, OnBands::of('bar-0', Attach::Knee, ['z']), $body);
    $gap = Steps::around($from, new RungSearch($few), $body);
    foreach ($gap->between as $i => $rung) {
        $below = $gap->between[$i - 1] ?? $from;
        expect($rung->share() - $below->share())->toBeGreaterThanOrEqual(0.02)
            ->and($gap->up->share() - $rung->share())->toBeGreaterThanOrEqual(0.02)
            ->and($rung->choice->bandIds)->toHaveCount(2);
    }
    expect($gap->isTooLarge())->toBe($gap->sizeUp() > 0.12);
});

it('groups bars on which a rung carries the same, and shows the chosen one', function (): void {
    $kit = kit(['a' => 22], 2.0, 2.5, 3.0);
    $groups = SameOnBars::grouped((new RungSearch($kit))->singles(athlete()), foot('a', 'bar-2'));
    $chosen = array_values(array_filter($groups, fn ($g) => $g->includes(foot('a', 'bar-2'))));

    expect($groups)->toHaveCount(4)
        ->and($chosen)->toHaveCount(1)
        ->and($chosen[0]->rung->choice->barId)->toBe('bar-2')
        ->and($chosen[0]->barNames($kit))->toBe(['Bar 1', 'Bar 2']);
});

it('knows a choice by its gear, in any order, and refuses none, three or unknown bands', function (): void {
    $search = new RungSearch(kit(['a' => 22]));

    expect(OnBands::of('p', Attach::Foot, ['b', 'a'])->key())->toBe(OnBands::of('p', Attach::Foot, ['a', 'b'])->key())
        ->and(fn () => OnBands::of('p', Attach::Foot, []))->toThrow(OutOfRange::class)
        ->and(fn () => OnBands::of('p', Attach::Foot, ['a', 'b', 'c']))->toThrow(OutOfRange::class)
        ->and(fn () => $search->rung(foot('zzz'), athlete()))->toThrow(UnknownGear::class)
        ->and(fn () => $search->rung(foot('a', 'zzz'), athlete()))->toThrow(UnknownGear::class);
});
