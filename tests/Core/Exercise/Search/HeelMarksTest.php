<?php

declare(strict_types=1);

use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\HeelMarks;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Floor;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\RingPair;

function rowGym(Floor $floor = Floor::Rubber): RungSearch
{
    $gear = [
        RingPair::of('near', 'Near rings', 2.4, [1.2, 1.5]),
        RingPair::of('high', 'High rings', 3.2, [2.0, 2.4]),
        Bar::of('rack', 'Rack bar', 1.1),
        Box::of('box', 'Box', 0.4),
    ];

    return new RungSearch(new Kit(
        array_values(array_filter($gear, fn ($g): bool => $g instanceof Bar)),
        [],
        array_values(array_filter($gear, fn ($g): bool => $g instanceof RingPair)),
        array_values(array_filter($gear, fn ($g): bool => $g instanceof Box)),
        floor: $floor,
    ));
}

it('finds on every anchor, strap and box the row that carries what was asked', function (float $share): void {
    $found = HeelMarks::forShare(rowGym(), athlete(), $share);
    expect(count($found))->toBeGreaterThan(1);
    foreach ($found as $rung) {
        expect($rung->share())->toEqualWithDelta($share, 1e-4, $rung->name);
    }
    $places = array_unique(array_map(
        fn (Rung $r): string => implode('|', $r->exercise->setup->pieces()).preg_replace('/mark.*/', '', $r->name),
        $found,
    ));
    expect($places)->toHaveCount(count($found));
})->with([0.45, 0.55, 0.65]);

it('names first what holds, and of that what needs the least grip', function (Floor $floor): void {
    $found = HeelMarks::forShare(rowGym($floor), athlete(), 0.6);
    $order = array_map(fn (Rung $r): array => [$r->load->isCautioned(), $r->load->friction], $found);
    $sorted = $order;
    sort($sorted);
    expect($order)->toEqual($sorted)->and(count($found))->toBeGreaterThan(1);
})->with([Floor::Rubber, Floor::Vinyl]);

it('finds nothing where nothing reaches so far', function (): void {
    expect(HeelMarks::forShare(rowGym(), athlete(), 0.99))->toBe([])
        ->and(HeelMarks::forShare(new RungSearch(kit(['a' => 29])), athlete(), 0.5))->toBeArray();
});
