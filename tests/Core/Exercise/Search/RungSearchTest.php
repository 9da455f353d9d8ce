<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;

/** @return list<string> */
function keys(array $rungs): array
{
    return array_map(fn (Rung $r): string => $r->key(), $rungs);
}

it('finds with one more piece exactly what the whole lane of the larger kit has more', function (Lane $lane, object $piece): void {
    $kit = Kit::of([
        Bar::of('bar', 'Bar', 2.5),
        band(22, 0.97, 'a'),
        band(44, 0.96, 'b'),
        RingPair::of('r', 'Rings', 2.4, [1.5]),
        Weight::of('w', 'W', 5),
    ]);
    $body = athlete(70, 1.75, 2.1);
    $before = keys((new RungSearch($kit))->lane($lane, $body));
    $after = keys((new RungSearch($kit->with($piece)))->lane($lane, $body));
    $added = keys((new RungSearch($kit))->addedBy($piece, $body));
    // A second weight together with the first is another matter: a single piece is asked for.
    $expected = array_values(array_filter(
        array_diff($after, $before),
        fn (string $key): bool => ! str_contains($key, '+') || str_starts_with($key, 'band:'),
    ));

    expect($added)->toEqualCanonicalizing($expected)->and($added)->not->toBe([]);
})->with(fn () => [
    'a band' => [Lane::Pull, band(29, 0.96, 'new')],
    'a weight' => [Lane::Pull, Weight::of('new', 'New', 10)],
    'a box under the heels' => [Lane::Row, Box::of('new', 'New', 0.3)],
]);

it('sorts every lane from the least carried to the most, and leaves out what does not fit', function (Lane $lane): void {
    $kit = Kit::of([Bar::of('bar', 'Bar', 2.5), band(22, 0.97, 'a'), band(120, 0.5, 'hopeless'), RingPair::of('r', 'Rings', 2.4, [1.5])]);
    $rungs = (new RungSearch($kit))->lane($lane, athlete(70, 1.75, 2.1));
    $shares = array_map(fn (Rung $r): float => $r->share(), $rungs);
    $sorted = $shares;
    sort($sorted);

    expect($shares)->toBe($sorted)->and(array_filter(keys($rungs), fn (string $k): bool => str_contains($k, 'hopeless')))->toBe([]);
})->with([Lane::Pull, Lane::Row, Lane::PullDown]);

it('finds nothing but the unassisted pull-up, lowerings and holds in an empty kit', function (): void {
    $search = new RungSearch(new Kit);

    expect(keys($search->lane(Lane::Pull, athlete())))->toBe(['strict'])
        ->and($search->lane(Lane::Row, athlete()))->toBe([])
        ->and($search->lane(Lane::PullDown, athlete()))->toBe([])
        ->and($search->timed(athlete()))->not->toBe([])
        ->and($search->misfits(athlete()))->toBe([]);
});

it('follows a taller athlete: the same kit fits others otherwise', function (): void {
    $kit = Kit::of([Bar::of('low', 'Low', 1.75), band(22, 0.97, 'a')]);

    expect(keys((new RungSearch($kit))->lane(Lane::Pull, athlete(60, 1.60))))->toContain('band:knee:low:a')
        ->and(keys((new RungSearch($kit))->lane(Lane::Pull, athlete(90, 2.05))))->not->toContain('band:knee:low:a');
});
