<?php

declare(strict_types=1);

use SteadyRung\Plan\Calendar;
use SteadyRung\Plan\PlannedStage;
use SteadyRung\Plan\Signal;
use SteadyRung\Plan\Week;
use SteadyRung\Safety\Symptom;

it('begins weeks on Monday, before 1970 too', function (int $day, int $monday): void {
    expect(Week::monday($day))->toBe($monday)->and(Week::next($day))->toBe($monday + 7);
})->with([[WEDNESDAY, WEDNESDAY - 2], [WEDNESDAY - 2, WEDNESDAY - 2], [WEDNESDAY + 4, WEDNESDAY - 2], [WEDNESDAY + 5, WEDNESDAY + 5], [0, -3], [-4, -10]]);

it('sets the next sessions by the times a week, never on two days running, from when one may be', function (): void {
    $days = Calendar::of(brief(sessionsOn(bandRung(), 3, lastDaysAgo: 0), rung: bandRung()))->sessions;
    $apart = array_map(fn (int $i): int => $days[$i + 1] - $days[$i], range(0, count($days) - 2));

    expect($days[0])->toBeGreaterThan(WEDNESDAY)->and(min($apart))->toBeGreaterThanOrEqual(2)->and(count($days))->toBeGreaterThanOrEqual(10);
});

it('sets none while pulling is paused', function (): void {
    expect(Calendar::of(brief(sessionsOn(bandRung(), 3), rung: bandRung(), signals: [Signal::of(WEDNESDAY, symptoms: [Symptom::Chest])]))->sessions)->toBe([]);
});

it('foretells stages one after the other, each no sooner than it usually takes, and leaves open what is not foreseeable', function (): void {
    $strong = Calendar::of(brief(sessionsOn(bandRung(13), 6, 8, 2), rung: bandRung(13)))->stages;
    $weak = Calendar::of(brief(sessionsOn(bandRung(44), 6, 3, 0), rung: bandRung(44)))->stages;

    expect(array_map(fn (PlannedStage $p): string => $p->stage->key, $strong))->toBe(array_slice(['bands', 'lowering', 'strict'], 0, count($strong)))
        ->and($strong[0]->fromWeek)->toBe(0)->and($strong[1]->fromWeek)->toBe($strong[0]->toWeek)
        ->and($strong[1]->toWeek === null || $strong[1]->toWeek - $strong[1]->fromWeek >= 2)->toBeTrue()
        ->and($weak[count($weak) - 1]->toWeek)->toBeNull();
});
