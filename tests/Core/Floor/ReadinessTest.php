<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Floor\Concern;
use SteadyRung\Floor\ConcernKind;
use SteadyRung\Floor\Readiness;
use SteadyRung\Floor\Station;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Plan\Session\SessionWriter;
use SteadyRung\Safety\Limits;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\PainPlace;
use SteadyRung\Safety\ScreenDue;

function concern(AthleteContext $context, ?ScreenDue $screen = null): ?Concern
{
    return Readiness::of($context, SessionWriter::write($context), $screen);
}

it('has no concern of somebody who trained three days ago and may go on', function (): void {
    $rung = bandRung();

    expect(concern(athleteContext(sessionsOn($rung, 3), rung: $rung)))->toBeNull();
});

it('names what comes first, the gravest of several', function (
    Closure $context,
    ?ScreenDue $screen,
    ConcernKind $kind,
    string $words,
): void {
    $found = concern($context(), $screen);

    expect($found?->kind)->toBe($kind)->and($found?->text)->toContain($words);
})->with([
    'pain over everything' => [
        fn (): AthleteContext => athleteContext(
            sessionsOn(bandRung(), 3),
            rung: bandRung(),
            signals: [Signal::of(WEDNESDAY, soreness: 5, pain: Pain::of(PainPlace::Elbow, 3))],
            missing: 'The bar is out.',
        ),
        ScreenDue::Pain,
        ConcernKind::Paused,
        'elbow',
    ],
    'a screen that allows nothing' => [
        fn (): AthleteContext => athleteContext(sessionsOn(bandRung(), 3), rung: bandRung(), limits: Limits::everything()),
        null,
        ConcernKind::Screen,
        'screen',
    ],
    'no screen' => [
        fn (): AthleteContext => athleteContext(sessionsOn(bandRung(), 3), rung: bandRung()),
        ScreenDue::Never,
        ConcernKind::Screen,
        'Not screened yet',
    ],
    'no baselines' => [fn (): AthleteContext => athleteContext(), null, ConcernKind::Baselines, 'baselines first'],
    'gear that is gone' => [
        fn (): AthleteContext => athleteContext(sessionsOn(bandRung(), 3), rung: bandRung(), missing: 'The band is out of use.'),
        null,
        ConcernKind::SetUp,
        'out of use',
    ],
    'back after weeks' => [
        fn (): AthleteContext => athleteContext(sessionsOn(bandRung(), 3, lastDaysAgo: 17), rung: bandRung()),
        null,
        ConcernKind::Away,
        '17 days: nothing harder than last time',
    ],
    'sore' => [
        fn (): AthleteContext => athleteContext(
            sessionsOn(bandRung(), 3),
            rung: bandRung(),
            signals: [Signal::of(WEDNESDAY - 1, soreness: 4)],
        ),
        null,
        ConcernKind::Sore,
        '4 of 5',
    ],
]);

it('looks at the weeks before today, not at what was done today', function (): void {
    $rung = bandRung();
    $back = athleteContext([...sessionsOn($rung, 2, lastDaysAgo: 16), ...sessionsOn($rung, 1, lastDaysAgo: 0)], rung: $rung);

    expect(concern($back->beforeToday())?->kind)->toBe(ConcernKind::Away)
        ->and($back->beforeToday()->diary->days(WEDNESDAY))->not->toContain(WEDNESDAY)
        ->and(SessionWriter::write($back->beforeToday())->blocks)->not->toBe([]);
});

it('knows the one place a set-up is done at, and none where any bar will do', function (): void {
    expect(Station::of(bandRung()->exercise->setup))->toBe('high')->and(Station::of(new StrictPull))->toBeNull();
});
