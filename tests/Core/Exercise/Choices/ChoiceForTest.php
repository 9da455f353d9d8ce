<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\Choice;
use SteadyRung\Exercise\Choices\ChoiceFor;
use SteadyRung\Exercise\Choices\Footing;
use SteadyRung\Exercise\Choices\Hopped;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\OnLowBar;
use SteadyRung\Exercise\Search\EveryChoice;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Kit;
use SteadyRung\Setup\AddedWeight;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\Band\AttachedBand;
use SteadyRung\Setup\Band\BandHelp;
use SteadyRung\Setup\Feet\Hop;
use SteadyRung\Setup\HelpGrade;
use SteadyRung\Setup\Row\Heels;
use SteadyRung\Setup\Row\Knees;
use SteadyRung\Setup\Row\Row;
use SteadyRung\Setup\Stack\Counterweight;
use SteadyRung\Setup\Strict;

/** A choice found again from its measures. */
function foundAgain(Choice $choice, Kit $kit): ?string
{
    return ChoiceFor::setup($choice->setup($kit), $kit)?->key();
}

it('finds every choice of a kit again from the measures of its set-up', function (): void {
    $kit = gymWithHoist();
    $seen = [];
    foreach (Lane::cases() as $lane) {
        foreach ((new EveryChoice($kit, athlete()))->in($lane) as $i => $choice) {
            if ($lane === Lane::Row && $i % 7 !== 0) {
                continue; // marks alone differ
            }
            expect(foundAgain($choice, $kit))->toBe($choice->key());
            $seen[$choice->kind()->value] = true;
        }
    }
    foreach ([
        Hopped::of('high', Footing::box('box'), 0.25), OnLowBar::of('rack', 20.0, HelpGrade::Toes), OnBands::split('high', 'b22', 'b44'),
        InRow::onBar('rack', 0.4)->with(Heels::Blocked, Knees::Bent), InRow::onRings('rings', 1.2, -0.1, 'box'),
    ] as $choice) {
        expect(foundAgain($choice, $kit))->toBe($choice->key());
        $seen[$choice->kind()->value] = true;
    }

    expect(count($seen))->toBeGreaterThanOrEqual(8);
});

it('finds nothing where the kit lacks a piece of those measures', function (): void {
    $kit = fullKit();
    $lacking = [
        'a bar of that height' => Hop::of(2.31, 0.4, 0.1),
        'a box of that height' => Hop::of(2.5, 0.55, 0.1),
        'a strap mark' => Row::of(2.4, 1.35, 0.2),
        'that anchor' => Row::of(2.7, 1.5, 0.2),
        'that pin' => Counterweight::of(25.0, 0.9),
        'those weights' => AddedWeight::of(7.5),
        'that band' => BandHelp::of(2.5, Attach::Foot, [band(29, 1.0, 'other')]),
    ];
    foreach ($lacking as $what => $setup) {
        expect(ChoiceFor::setup($setup, $kit))->toBeNull($what);
    }

    expect(ChoiceFor::setup(new Strict, new Kit([], []))?->key())->toBe('strict')
        ->and(ChoiceFor::setup(Row::of(2.4, 1.5, 0.2, addedKg: 10.0), $kit))->toBeNull('a vest is not told apart from its weight');
});

it('takes a piece for the one meant within a millimetre and ten grams, and no further', function (): void {
    $kit = fullKit();
    $mark = fn (float $strapM): ?string => ChoiceFor::setup(Row::of(2.4, $strapM, 0.2), $kit)?->key();
    $plates = fn (float $kg): ?string => ChoiceFor::setup(AddedWeight::of($kg), $kit)?->key();

    expect($mark(1.5009))->not->toBeNull()->and($mark(1.502))->toBeNull()
        ->and($plates(15.0))->toBe('added:five+ten')->and($plates(15.009))->not->toBeNull()->and($plates(15.02))->toBeNull();
});

it('knows a band by what it is where its id is another gym’s', function (): void {
    $elsewhere = band(44, 0.96, 'elsewhere');
    $found = ChoiceFor::setup(BandHelp::of(2.5, Attach::Knee, [$elsewhere]), fullKit());

    expect($found?->bandIds())->toBe(['thick']);
});

it('names which band is under which leg', function (): void {
    $kit = fullKit();
    $one = fn (string $foot, string $knee): ?string => ChoiceFor::setup(
        BandHelp::each(2.5, [new AttachedBand($kit->band($foot), Attach::Foot), new AttachedBand($kit->band($knee), Attach::Knee)]),
        $kit,
    )?->key();

    expect($one('thin', 'thick'))->toBe(OnBands::split('high', 'thin', 'thick')->key())
        ->and($one('thick', 'thin'))->not->toBe($one('thin', 'thick'));
});

it('takes the first of two bars of one height', function (): void {
    $kit = new Kit([Bar::of('one', 'One', 2.4), Bar::of('two', 'Two', 2.4)], [band(29)]);

    expect(ChoiceFor::setup(BandHelp::of(2.4, Attach::Foot, [band(29)]), $kit)?->pieces()['bar'])->toBe('one');
});
