<?php

declare(strict_types=1);

use App\Formats\Methods\Library;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Method\Builders\Builder;
use SteadyRung\Method\Builders\Builders;
use SteadyRung\Method\GripTier;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\SessionPart;
use SteadyRung\Method\Variation;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Pick;
use SteadyRung\Plan\Session\SessionWriter;
use SteadyRung\Safety\Caution;

/** Somebody with eight strict reps, at a stage, with a builder. */
function buildingOn(?Builder $builder, string $stage = 'strict'): AthleteContext
{
    $strict = rung(smallGym(), Exercise::of(new StrictPull), athlete(70, 1.75, 2.1));
    $base = athleteContext(sessionsOn($strict, 12, 8, 1), $stage, $strict);

    return new AthleteContext(
        $base->today,
        $base->method,
        $base->place,
        $base->rules,
        $base->diary,
        $base->estimates,
        $base->ways,
        builders: new Builders(Library::builders(), $builder, $base->today),
    );
}

it('puts each builder in the place of strict work, on this gear, its gear and cautions with it', function (Builder $builder): void {
    $session = SessionWriter::write(buildingOn($builder));
    $main = blocksOf($session, SessionPart::Main);
    $asked = array_filter(
        $builder->lines,
        fn (Prescription $p): bool => $p->part === SessionPart::Main
            && ! in_array('weight', array_map(fn ($m) => $m->kind->value, $p->allowed), true),
    );

    expect($main)->not->toBe([])->and(count($main))->toBeLessThanOrEqual(count($asked))
        ->and($session->notes)->toContain($builder->idea)
        ->and(in_array(
            Caution::PreTired,
            array_merge(...array_map(fn (Block $b): array => $b->cautions, $main)),
            true,
        ))->toBe($builder->tires);
})->with(
    fn (): array => array_combine(array_column(Library::builders(), 'key'), array_map(fn (Builder $b): array => [$b], Library::builders())),
);

it('leaves other stages as they are', function (): void {
    $builder = Library::find('mixed-sets');

    expect(array_map(fn (Block $b): string => $b->words(), SessionWriter::write(buildingOn($builder, 'bands'))->blocks))
        ->toBe(array_map(fn (Block $b): string => $b->words(), SessionWriter::write(buildingOn(null, 'bands'))->blocks));
});

it('has something for a class of any set size, each likely to be done', function (int $reps): void {
    $suiting = array_filter(Library::variations(), fn (Variation $v): bool => $v->suits($reps));
    $pick = new Pick(athleteContext(sessionsOn(bandRung(32), 5), rung: bandRung(32)));
    $rungs = array_filter(array_map(fn (Variation $v) => $v->accessory === null ? $pick->of($v->line($reps)) : null, $suiting));

    expect($suiting)->not->toBe([])->and($rungs)->not->toBe([]);
})->with([1, 5, 8, 12, 20, 30]);

it('climbs the grip ladder by the longest hang', function (?float $longest, ?GripTier $tier, string $next): void {
    expect($longest === null ? null : GripTier::of($longest))->toBe($tier)->and(GripTier::next($longest)->words())->toBe($next);
})->with([
    [null, null, '15–30 s'],
    [8.0, null, '15–30 s'],
    [22.0, GripTier::Beginner, '22–30 s'],
    [34.0, GripTier::Intermediate, '34–60 s'],
    [75.0, GripTier::Advanced, '75–120 s'],
    [150.0, GripTier::Advanced, '120 s'],
]);

it('ships builders and variations that fit their schemas, each known by one key', function (string $name, string $path): void {
    $file = json_decode((string) file_get_contents(dirname(__DIR__, 2)."/core/Method/$path.json"));

    expect(fitsSchema($file, $name))->toBeTrue()
        ->and(count(array_unique(array_column($file, 'key'))))->toBe(count($file))
        ->and(fitsSchema([['key' => 'odd', 'reps' => 'many']], $name))->toBeFalse();
})->with([['builders', 'Builders/builders'], ['variations', 'variations']]);
