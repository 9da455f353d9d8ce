<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Plan\Diary\TimeOff;
use SteadyRung\Plan\Diary\Week;
use SteadyRung\Plan\Weeks\Calendar;
use SteadyRung\Plan\Weeks\PlannedStage;
use SteadyRung\Safety\Symptom;
use SteadyRung\Strength\Forecast;

it('begins weeks on Monday, before 1970 too', function (int $day, int $monday): void {
    expect(Week::monday($day))->toBe($monday)->and(Week::next($day))->toBe($monday + 7);
})->with([
    [WEDNESDAY, WEDNESDAY - 2],
    [WEDNESDAY - 2, WEDNESDAY - 2],
    [WEDNESDAY + 4, WEDNESDAY - 2],
    [WEDNESDAY + 5, WEDNESDAY + 5],
    [0, -3],
    [-4, -10],
]);

it('sets the next sessions by the times a week, never on two days running, from when one may be', function (): void {
    $days = Calendar::of(athleteContext(sessionsOn(bandRung(), 3, lastDaysAgo: 0), rung: bandRung()))->sessions;
    $apart = array_map(fn (int $i): int => $days[$i + 1] - $days[$i], range(0, count($days) - 2));

    expect($days[0])->toBeGreaterThan(WEDNESDAY)
        ->and(min($apart))->toBeGreaterThanOrEqual(2)
        ->and(count($days))->toBeGreaterThanOrEqual(10);
});

it('sets none while pulling is paused', function (): void {
    expect(
        Calendar::of(athleteContext(
            sessionsOn(bandRung(), 3),
            rung: bandRung(),
            signals: [Signal::of(WEDNESDAY, symptoms: [Symptom::Chest])],
        ))->sessions,
    )->toBe([]);
});

it('foretells stages one after the other, each no sooner than it usually takes, and leaves open what is not foreseeable', function (): void {
    $strong = Calendar::of(athleteContext(sessionsOn(bandRung(13), 6, 8, 2), rung: bandRung(13)))->stages;
    $weak = Calendar::of(athleteContext(sessionsOn(bandRung(44), 6, 3, 0), rung: bandRung(44)))->stages;

    expect(array_map(
        fn (PlannedStage $p): string => $p->stage->key,
        $strong,
    ))->toBe(array_slice(['bands', 'lowering', 'strict'], 0, count($strong)))
        ->and($strong[0]->fromWeek)->toBe(0)->and($strong[1]->fromWeek)->toBe($strong[0]->toWeek)
        ->and($strong[1]->toWeek === null || $strong[1]->toWeek - $strong[1]->fromWeek >= 2)->toBeTrue()
        ->and($weak[count($weak) - 1]->toWeek)->toBeNull();
    foreach ($strong as $stage) {
        expect($stage->soonestWeek)->toBeLessThanOrEqual($stage->toWeek ?? 52)
            ->and($stage->latestWeek ?? 52)->toBeGreaterThanOrEqual($stage->toWeek ?? 52);
    }
});

it('tells when the next strict reps come as the trend does, and of whom nothing is known nothing', function (): void {
    $context = athleteContext(sessionsOn(bandRung(13), 6, 8, 2), rung: bandRung(13));
    $next = Calendar::of($context)->next;

    expect($next?->reps)->toBe(1)
        ->and($next?->reached)->toBe(Forecast::of($context->estimates->of(Pattern::Pull)->ahead(), 1)->reached)
        ->and(Calendar::of(athleteContext([], rung: bandRung(13)))->next)->toBeNull();
});

it('sets no session on days off, says what comes first after two and four weeks away, and moves the stages', function (): void {
    $with = function (array $spans) {
        $base = athleteContext(sessionsOn(bandRung(13), 6, 8, 2), rung: bandRung(13));

        return Calendar::of(new AthleteContext(
            $base->today,
            $base->method,
            $base->place,
            $base->rules,
            $base->diary,
            $base->estimates,
            $base->ways,
            off: new TimeOff($spans),
        ));
    };
    $plain = $with([]);
    $holiday = $with([[WEDNESDAY + 3, WEDNESDAY + 20]]);
    $long = $with([[WEDNESDAY, WEDNESDAY + 34]]);
    $isOff = fn (int $day): bool => $day >= WEDNESDAY + 3 && $day <= WEDNESDAY + 20;

    expect(array_filter($holiday->sessions, $isOff))->toBe([])->and(array_filter($plain->sessions, $isOff))->not->toBe([])
        ->and($plain->comebacks)->toBe([])
        ->and([$holiday->comebacks[0]->day, $holiday->comebacks[0]->needsBaselines])->toBe([WEDNESDAY + 21, false])
        ->and([$long->comebacks[0]->day, $long->comebacks[0]->needsBaselines])->toBe([WEDNESDAY + 35, true])
        ->and($holiday->stages[0]->toWeek)->toBeGreaterThan($plain->stages[0]->toWeek)
        ->and($long->stages[0]->toWeek)->toBeGreaterThan($holiday->stages[0]->toWeek);
});

it('sets newcomers no two days running, however often they would come', function (): void {
    $newcomer = Calendar::of(athleteContext(
        sessionsOn(bandRung(), 2),
        rung: bandRung(),
        rules: HouseRules::of(['frequency' => 'most-days']),
    ))->sessions;
    $veteran = Calendar::of(athleteContext(
        sessionsOn(bandRung(), 14),
        rung: bandRung(),
        rules: HouseRules::of(['frequency' => 'most-days']),
    ))->sessions;
    $least = fn (array $days): int => min(array_map(fn (int $i): int => $days[$i + 1] - $days[$i], range(0, count($days) - 2)));

    expect($least($newcomer))->toBe(2)->and($least($veteran))->toBe(1);
});

it('plans on the days of the week the athlete comes on', function (): void {
    $monday = WEDNESDAY - 2;
    $done = [];
    foreach ([4, 3, 2, 1] as $weeksAgo) {
        foreach ([0, 2, 4] as $weekday) {
            $done[] = done($monday - 7 * $weeksAgo + $weekday, bandRung(), 8, 2);
        }
    }
    $days = Calendar::of(athleteContext($done, rung: bandRung()))->sessions;

    expect(array_values(array_unique(array_map(Week::weekday(...), $days))))->toEqualCanonicalizing([0, 2, 4])
        ->and(count($days))->toBeGreaterThan(33);
});
