<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Counterweighted;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\FormFault;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Kit;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Method;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\SessionPart;
use SteadyRung\Method\Stage;
use SteadyRung\OutOfRange;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\ChangesByHand;
use SteadyRung\Plan\Context\LineChange;
use SteadyRung\Plan\Context\RefusalCode;
use SteadyRung\Plan\Diary\AccessoryWork;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\Pick;
use SteadyRung\Plan\Session\Session;
use SteadyRung\Plan\Session\SessionWriter;
use SteadyRung\Safety\CapLimits;
use SteadyRung\Safety\Caution;
use SteadyRung\Safety\Limit;
use SteadyRung\Safety\Limits;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\PainPlace;
use SteadyRung\Safety\Symptom;

function loweringRung(float $seconds = 3.0)
{
    return rung(smallGym(), Exercise::of(new StrictPull, Movement::Lowering, seconds: $seconds), athlete(70, 1.75, 2.1));
}

it('writes each part in its order on gear that fits, with what is likely, cues, rest, length and gear', function (): void {
    $rung = bandRung(44);
    $session = SessionWriter::write(athleteContext(sessionsOn($rung, 4), rung: $rung));
    $main = blocksOf($session, SessionPart::Main)[0];

    expect(array_map(fn (Block $b): SessionPart => $b->part, $session->blocks))->toBe([
        SessionPart::WarmUp,
        SessionPart::Main,
        SessionPart::Accessory,
        SessionPart::Trunk,
    ])
        ->and($session->refused)->toBeNull()
        ->and($main->rung()?->key())->toBe($rung->key())
        ->and($main->expected)->toHaveCount(3)
        ->and($main->expected[0]->median())->toBeGreaterThan($main->expected[2]->median())
        ->and($main->cues)->toHaveCount(2)
        ->and($main->cautions)->toContain(Caution::BandWear)->toContain(Caution::BandEntry)
        ->and($session->gear)->toContain('High bar')->toContain('b44')
        ->and($session->minutes())->toBeGreaterThan(10)->toBeLessThan(60);
});

it('picks a set-up where none is in use: the hardest its least count is likely on, and the easiest where nothing is known', function (): void {
    $strong = SessionWriter::write(athleteContext(sessionsOn(bandRung(19), 4, 10, 3)))->place->rung;
    $weak = SessionWriter::write(athleteContext(sessionsOn(bandRung(44), 4, 5, 0)))->place->rung;

    expect($strong->share())->toBeGreaterThan($weak->share())->and($strong->exercise->setup->kind())->toBe(ChoiceKind::Band)
        ->and(SessionWriter::write(athleteContext())->place->rung)->not->toBeNull();
});

it('chooses cues that answer what was seen lately', function (): void {
    $rung = bandRung();
    $kicking = array_map(fn ($d) => done($d->day, $rung, 8, 2, faults: [FormFault::LegsKick]), sessionsOn($rung, 2));

    expect(
        blocksOf(SessionWriter::write(athleteContext($kicking, rung: $rung)), SessionPart::Main)[0]->cues[0],
    )->toBe(FormFault::LegsKick->cue());
});

it('begins with a fresh try from a chance of one in seven on, five days apart, and calls it a test where it is likely', function (
    int $mm,
    int $reps,
    ?int $triedDaysAgo,
    ?Purpose $purpose,
): void {
    $rung = bandRung($mm);
    $done = sessionsOn($rung, 6, $reps, 0);
    if ($triedDaysAgo !== null) {
        $done[] = done(WEDNESDAY - $triedDaysAgo, rung(smallGym(), new StrictPull, athlete(70, 1.75, 2.1)), 0, 0, purpose: Purpose::Try);
    }
    $tries = blocksOf(SessionWriter::write(athleteContext($done, rung: $rung)), SessionPart::Test);

    expect($tries[0]->purpose ?? null)->toBe($purpose);
})->with([
    'hardly' => [32, 5, null, null],
    'not quite one in seven' => [22, 3, null, null],
    'likelier than that' => [22, 4, null, Purpose::Try],
    'an even chance' => [22, 5, null, Purpose::Test],
    'likely' => [13, 9, null, Purpose::Test],
    'likely, but tried four days ago' => [13, 9, 4, null],
    'likely, and tried five days ago' => [13, 9, 5, Purpose::Test],
]);

it('keeps the caps of lowering: fifteen a session and thirty a week at first, two days a week, and says what the school asks', function (
    array $lowered,
    ?int $written,
): void {
    $rung = loweringRung();
    $done = sessionsOn(bandRung(13), 4, 8, 2, 14);
    foreach ($lowered as $daysAgo => $reps) {
        $done[] = done(WEDNESDAY - $daysAgo, $rung, $reps, null, seconds: 4.0);
    }
    $session = SessionWriter::write(athleteContext($done, 'lowering', $rung, method: smallMethod(8)));
    $lines = array_values(array_filter($session->blocks, fn (Block $b): bool => $b->lowerings() > 0));

    expect($lines === [] ? null : $lines[0]->lowerings())->toBe($written);
    if ($written !== null) {
        expect($lines[0]->note)->toContain('The method asks 3 × 8')
            ->and($lines[0]->cautions)->toContain(Caution::LoweringSoreness)->toContain(Caution::MuscleBreakdown);
    } else {
        expect(implode(' ', $session->notes))->toContain('Lowering left out');
    }
})->with([
    'none yet this week' => [[16 => 12, 9 => 12], 14],
    'one day this week' => [[2 => 15], 14],
    'the week’s thirty nearly there' => [[2 => 24], 6],
    'two days this week' => [[1 => 5, 2 => 5], null],
]);

it('lets the week of lowering grow by a fifth at most after four weeks of it', function (): void {
    $rung = loweringRung();
    $done = [];
    foreach (range(1, 6) as $weeksAgo) {
        foreach ([2, 5] as $day) {
            array_push($done, done(WEDNESDAY - 7 * $weeksAgo - $day, $rung, 20, null, seconds: 4.0));
        }
    }
    $caps = athleteContext($done, 'lowering', $rung)->caps();

    expect($caps->loweringsAWeek)->toBe(48)->and($caps->loweringsASession)->toBe(24)->and($caps->hardSetsAWeek)->toBe(20);
});

it('does not write lowering where the house never does, and passes over the stage', function (): void {
    $session = SessionWriter::write(athleteContext(
        sessionsOn(bandRung(13), 4),
        'lowering',
        rules: HouseRules::of(['lowering' => 'never']),
    ));

    expect(array_filter($session->blocks, fn (Block $b): bool => $b->lowerings() > 0))->toBe([]);
});

it('writes what is left of the week’s hard sets, and none beyond', function (): void {
    $rung = bandRung();
    $monday = WEDNESDAY - 2;
    $done = [...sessionsOn($rung, 1, 8, 2, 9), ...array_map(fn (int $i) => done($monday, $rung, 8, 2), range(1, 8))];
    $session = SessionWriter::write(athleteContext($done, rung: $rung));

    expect(blocksOf($session, SessionPart::Main)[0]->sets)->toBe(2)
        ->and(implode(' ', $session->notes))->toContain('10 hard vertical sets a week are the cap');
});

it('loads nothing while pain or a symptom is told and not cleared, nor before the screen allows it', function (
    array $signals,
    array $cleared,
    ?Limits $limits,
    ?RefusalCode $code,
): void {
    $rung = bandRung();
    $session = SessionWriter::write(athleteContext(
        sessionsOn($rung, 4),
        rung: $rung,
        signals: $signals,
        cleared: $cleared,
        limits: $limits,
    ));

    expect($session->refused?->code)->toBe($code)->and($session->blocks === [])->toBe($code !== null);
})->with([
    'pain' => [[Signal::of(WEDNESDAY - 1, pain: Pain::of(PainPlace::Elbow, 1))], [], null, RefusalCode::Paused],
    'dark urine' => [[Signal::of(WEDNESDAY - 1, symptoms: [Symptom::DarkUrine])], [], null, RefusalCode::Paused],
    'cleared on the day it was told' => [
        [Signal::of(WEDNESDAY - 1, symptoms: [Symptom::Numbness])],
        [WEDNESDAY - 1],
        null,
        RefusalCode::Paused,
    ],
    'cleared later' => [[Signal::of(WEDNESDAY - 1, symptoms: [Symptom::Numbness])], [WEDNESDAY], null, null],
    'screened and not cleared' => [[], [], Limits::everything(), RefusalCode::Screen],
]);

it('holds nothing that the screen bars', function (Limit $limit): void {
    $session = SessionWriter::write(athleteContext(
        [...sessionsOn(bandRung(13), 4), hang(WEDNESDAY - 30, 50.0)],
        'lowering',
        limits: Limits::of([$limit]),
    ));
    foreach ($session->blocks as $block) {
        $rung = $block->rung();
        $lane = $rung?->lane()->value;
        expect(match ($limit) {
            Limit::NoOverhead => $lane !== null && $lane !== 'row',
            Limit::NoLowering => $block->lowerings() > 0,
            Limit::NoHanging => $lane === 'pull' && ! in_array($rung->exercise->setup->kind()->value, ['low-bar', 'foot'], true),
            Limit::NoBandsAtHeight => ($rung?->load->hazard?->mount->boxM ?? 0.0) > 0.0,
        })->toBeFalse($rung?->key() ?? '');
    }
    expect($session->refused?->code === RefusalCode::NothingFits || $session->blocks !== [])->toBeTrue();
})->with([Limit::NoHanging, Limit::NoOverhead, Limit::NoLowering, Limit::NoBandsAtHeight]);

it('would hold each of it where the screen bars nothing', function (Closure $holds): void {
    $session = SessionWriter::write(athleteContext([...sessionsOn(bandRung(13), 4), hang(WEDNESDAY - 30, 50.0)], 'lowering'));

    expect(array_filter($session->blocks, $holds))->not->toBe([]);
})->with([
    'hanging and overhead' => [fn (Block $b): bool => $b->rung()?->lane()->value === 'pull'],
    'lowering' => [fn (Block $b): bool => $b->lowerings() > 0],
]);

it('asks for baselines after four weeks away and of whom nothing is logged, and goes on no harder after two', function (): void {
    $rung = bandRung(22);
    $back = SessionWriter::write(athleteContext(sessionsOn($rung, 4, 5, 0, 15), rung: $rung));
    $strong = SessionWriter::write(athleteContext(sessionsOn($rung, 4, 10, 2, 15), rung: $rung));

    expect(SessionWriter::write(athleteContext(sessionsOn($rung, 4, 8, 2, 28), rung: $rung))->refused?->code)->toBe(RefusalCode::Baselines)
        ->and(SessionWriter::write(athleteContext())->refused?->code)->toBe(RefusalCode::Baselines)
        ->and($back->refused)->toBeNull()
        ->and($back->place->rung)->toBe($rung)
        ->and(blocksOf($back, SessionPart::Main)[0]->rung()->share())->toBeLessThan($rung->share() - 0.02)
        ->and(blocksOf($strong, SessionPart::Main)[0]->rung())->toBe($rung)
        ->and(implode(' ', $back->notes))->toContain('nothing harder than last time');
});

it('sets the date of the next session: not twice a day, not beyond the week, not two hard days running for a newcomer', function (
    array $daysAgo,
    ?RefusalCode $code,
    ?int $nextOn,
): void {
    $rung = bandRung();
    $done = array_merge(...array_map(fn (int $ago): array => sessionsOn($rung, 1, 8, 2, $ago), $daysAgo));
    $session = SessionWriter::write(athleteContext($done, rung: $rung, today: WEDNESDAY + 1));

    expect($session->refused?->code)->toBe($code)->and($session->refused?->nextOn)->toBe($nextOn);
    if ($code !== null) {
        expect(array_filter($session->blocks, fn (Block $b): bool => $b->part === SessionPart::Main))->toBe([]);
    }
})->with([
    'today already' => [[-1], RefusalCode::TooSoon, WEDNESDAY + 3],
    'yesterday, a newcomer' => [[0], RefusalCode::TooSoon, WEDNESDAY + 2],
    'yesterday, not new' => [[0, 40], null, null],
    'the day before' => [[1], null, null],
    'three this week' => [[0, 1, 2, 50], RefusalCode::WeekFull, WEDNESDAY + 5],
]);

it('says what would do where nothing fits', function (): void {
    $bare = new Kit([Bar::of('rack', 'Rack bar', 1.1)]);
    $session = SessionWriter::write(athleteContext([hang(WEDNESDAY - 3, 20.0)], 'bands', kit: $bare));

    expect($session->refused?->code)->toBe(RefusalCode::NothingFits)->and($session->refused?->text)->toContain('loop band');
});

it('goes up the trunk ladder after a minute held, and tells what was lifted last', function (): void {
    $rung = bandRung();
    $beside = [new AccessoryWork(WEDNESDAY - 5, Accessory::Plank, null, 60.0, null)];
    $trunk = blocksOf(SessionWriter::write(athleteContext(sessionsOn($rung, 2), rung: $rung, beside: $beside)), SessionPart::Trunk)[0];
    $same = blocksOf(
        SessionWriter::write(athleteContext(
            sessionsOn($rung, 2),
            rung: $rung,
            beside: [new AccessoryWork(WEDNESDAY - 5, Accessory::Plank, null, 45.0, null)],
        )),
        SessionPart::Trunk,
    )[0];

    expect($trunk->do)->toBe(Accessory::SidePlank)->and($same->do)->toBe(Accessory::Plank)->and($same->note)->toBe('Last time 45 s.');
});

it('puts on the work of the stage whoever was placed on it from another, and lets a climbing stage go on from what is in use in its lane; what was chosen afterwards stays', function (): void {
    $band = bandRung(13);
    $done = [...sessionsOn($band, 4), hang(WEDNESDAY - 30, 50.0)];
    $hoist = rung(gymWithHoist(), Counterweighted::of('hoist', 30.0), athlete(70, 1.75, 2.1));

    expect(Course::entering(athleteContext($done, 'lowering', $band))->rung?->exercise->style->movement)->toBe(Movement::Lowering)
        ->and(Course::entering(athleteContext($done, 'bands', $hoist, kit: gymWithHoist()))->rung)->toBe($hoist)
        ->and(SessionWriter::write(athleteContext($done, 'lowering', $band))->place->rung)->toBe($band);
});

it('writes a line as the coach changed it, says which gate and cap that touches, and goes back to the method after the next work', function (): void {
    $rung = bandRung(44);
    $main = work(AllowedExercises::of(ChoiceKind::Band, toShare: 0.95), climbs: true)->key();
    $written = fn (LineChange ...$changes): Session => SessionWriter::write(
        athleteContext(sessionsOn($rung, 4), rung: $rung)->with(new ChangesByHand($changes)),
    );
    $fewer = blocksOf($written(LineChange::of($main, WEDNESDAY, true, sets: 2, low: 5, restS: 90)), SessionPart::Main)[0];
    $once = LineChange::of($main, WEDNESDAY - 2, false, sets: 5);

    expect([$fewer->sets, $fewer->amount->words(), $fewer->restS, $fewer->school])->toBe([2, '5', 90, 'Band pull-up 3 × 8–10'])
        ->and($fewer->note)->toBe('With this the gate cannot be met: 3 × 8 in 2 sessions.')
        ->and(blocksOf($written($once), SessionPart::Main)[0]->sets)->toBe(5)
        ->and(blocksOf($written(LineChange::of($main, WEDNESDAY - 3, false, sets: 5)), SessionPart::Main)[0]->sets)->toBe(3)
        ->and(blocksOf($written(LineChange::of($main, WEDNESDAY - 9, true, sets: 4), $once), SessionPart::Main)[0]->sets)->toBe(5);
});

it('leaves lines out by hand, adds others, and puts another exercise in a line’s place', function (): void {
    $rung = bandRung(44);
    $main = work(AllowedExercises::of(ChoiceKind::Band, toShare: 0.95), climbs: true)->key();
    $written = fn (LineChange ...$changes): Session => SessionWriter::write(
        athleteContext(sessionsOn($rung, 4), rung: $rung)->with(new ChangesByHand($changes)),
    );
    $plank = 'trunk:plank';
    $out = $written(
        LineChange::of($plank, WEDNESDAY, true, isLeftOut: true),
        LineChange::of('accessory:carry', WEDNESDAY, true, sets: 3, instead: Accessory::Carry),
    );
    $curls = blocksOf($out, SessionPart::Accessory);
    $other = blocksOf($written(LineChange::of($main, WEDNESDAY, false, instead: bandRung(32)->exercise)), SessionPart::Main)[0];
    $hollow = blocksOf($written(LineChange::of($plank, WEDNESDAY, true, instead: Accessory::Hollow)), SessionPart::Trunk)[0];

    expect(blocksOf($out, SessionPart::Trunk))->toBe([])->and($out->leftOut[0]->key())->toBe($plank)
        ->and([$curls[1]->do, $curls[1]->sets, $curls[1]->amount->words(), $curls[1]->school])->toBe([Accessory::Carry, 3, '30 m', null])
        ->and($other->rung()?->key())->toBe(bandRung(32)->key())->and($other->note)->toContain('do not count for the gate')
        ->and([$hollow->do, $hollow->amount->words()])->toBe([Accessory::Hollow, '60 s']);
});

it('keeps the caps and the control of the way down in what the coach puts in by hand', function (): void {
    $line = 'main:'.AllowedExercises::of(ChoiceKind::Strict, Movement::Lowering, seconds: 3.0)->key();
    $strong = athleteContext(sessionsOn(bandRung(13), 4), 'lowering', loweringRung())->with(new ChangesByHand([LineChange::of(
        $line,
        WEDNESDAY,
        true,
        sets: 6,
        low: 5,
    )]));
    $weak = athleteContext(sessionsOn(bandRung(44), 4, 5, 0), rung: bandRung(44))->with(new ChangesByHand([LineChange::of(
        'accessory:'.AllowedExercises::of(ChoiceKind::Row)->key(),
        WEDNESDAY,
        true,
        instead: loweringRung()->exercise,
    )]));
    $put = fn (string $line): LineChange => LineChange::of($line, WEDNESDAY, true, sets: 3, low: 5, instead: loweringRung()->exercise);
    $twice = athleteContext(sessionsOn(bandRung(13), 4), rung: bandRung(13))->with(new ChangesByHand([
        $put('accessory:'.AllowedExercises::of(ChoiceKind::Row)->key()),
        $put('trunk:plank'),
    ]));
    $cut = blocksOf(SessionWriter::write($strong), SessionPart::Main)[0];
    $row = blocksOf(SessionWriter::write($weak), SessionPart::Accessory)[0];

    expect(array_sum(array_map(fn (Block $b): int => $b->lowerings(), SessionWriter::write($twice)->blocks)))->toBe(15)
        ->and($cut->lowerings())->toBeLessThanOrEqual(15)->and($cut->note)->toContain('By hand it would be 6 × 5')
        ->and($row->rung()?->exercise->setup->kind())->toBe(ChoiceKind::Row)->and($row->note)->toContain('would not be controlled');
});

it('offers in a line’s place what is near in carried share, within the house rules', function (): void {
    $rung = bandRung(32);
    $others = fn (?HouseRules $rules = null): array => (new Pick(athleteContext(
        sessionsOn($rung, 4),
        rung: $rung,
        rules: $rules,
        kit: gymWithHoist(),
    )))->others(work(AllowedExercises::of(ChoiceKind::Band)), $rung);
    $kinds = fn (array $rungs): array => array_map(fn ($r) => $r->exercise->setup->kind(), $rungs);

    expect($kinds($others()))->toContain(ChoiceKind::Band)->toContain(ChoiceKind::Counterweight)
        ->and(abs($others()[0]->share() - $rung->share()))->toBeLessThan(0.05)
        ->and($kinds($others(HouseRules::of([
            'bands' => 'avoid',
            'machines' => 'not-used',
        ]))))->not->toContain(ChoiceKind::Band)->not->toContain(ChoiceKind::Counterweight);
});

it('keeps the caps as the gym has them', function (): void {
    $rung = loweringRung();
    $done = [...sessionsOn(bandRung(13), 4), done(WEDNESDAY - 9, $rung, 1, null, seconds: 4.0)];
    $base = athleteContext($done, 'lowering', $rung, method: smallMethod(8));
    $strict = new AthleteContext(
        $base->today,
        $base->method,
        $base->place,
        $base->rules,
        $base->diary,
        $base->estimates,
        $base->ways,
        capLimits: CapLimits::of(['lowerings_a_session' => 6, 'lowerings_a_week' => 12]),
    );

    expect(blocksOf(SessionWriter::write($strict), SessionPart::Main)[0]->lowerings())->toBeLessThanOrEqual(6)
        ->and(CapLimits::of(['lowerings_a_session' => 20])->raised())->toBe(['lowerings_a_session' => 20])
        ->and(fn () => CapLimits::of(['lowerings_a_week' => 10]))->toThrow(OutOfRange::class);
});

it('looks at the next means where the gear of the first has nothing hard enough', function (): void {
    $line = Prescription::of(
        SessionPart::Main,
        [AllowedExercises::of(ChoiceKind::BandPullDown), AllowedExercises::of(ChoiceKind::Row, toShare: 0.5)],
        3,
        Amount::of(Measure::Reps, 15),
        60,
    );
    $picked = fn (int $mm, int $reps): ChoiceKind => (new Pick(athleteContext(
        sessionsOn(bandRung($mm), 5, $reps, 2),
        rung: bandRung($mm),
    )))->of($line)->exercise->setup->kind();

    expect($picked(13, 8))->toBe(ChoiceKind::Row);
});

it('keeps the tempo of the method where the rule of the way up speaks of pulls, and takes its own there', function (
    string $stage,
    string $tempo,
): void {
    $lines = fn (Prescription $line): array => [Prescription::of(
        SessionPart::Main,
        $line->allowed,
        $line->sets,
        $line->amount,
        $line->restS,
        tempo: 'as the method says',
    )];
    $stages = array_map(
        fn (Stage $s): Stage => new Stage($s->key, $s->name, $s->weeks, $lines($s->work()), $s->gate, $s->endsAtShare),
        smallMethod(3)->stages,
    );
    $context = athleteContext(
        sessionsOn(bandRung(13), 6, 8, 2),
        $stage,
        rules: HouseRules::of(['way-up' => 'fast']),
        method: Method::of('small', 'Small', 'With tempos.', [2, 3], $stages),
    );

    expect(blocksOf(SessionWriter::write($context), SessionPart::Main)[0]->tempo)->toBe($tempo);
})->with([['lowering', 'as the method says'], ['bands', 'fast up, two seconds down']]);
