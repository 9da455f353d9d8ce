<?php

declare(strict_types=1);

use SteadyRung\Exercise\ChoiceKind;
use SteadyRung\Exercise\Choices\Counterweighted;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Fault;
use SteadyRung\Exercise\Movement;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Kit;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\HouseRules;
use SteadyRung\Method\Part;
use SteadyRung\Plan\BesideDone;
use SteadyRung\Plan\Block;
use SteadyRung\Plan\Course;
use SteadyRung\Plan\Purpose;
use SteadyRung\Plan\RefusalCode;
use SteadyRung\Plan\SessionWriter;
use SteadyRung\Plan\Signal;
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
    $session = SessionWriter::write(brief(sessionsOn($rung, 4), rung: $rung));
    $main = blocksOf($session, Part::Main)[0];

    expect(array_map(fn (Block $b): Part => $b->part, $session->blocks))->toBe([Part::WarmUp, Part::Main, Part::Accessory, Part::Trunk])
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
    $strong = SessionWriter::write(brief(sessionsOn(bandRung(19), 4, 10, 3)))->place->rung;
    $weak = SessionWriter::write(brief(sessionsOn(bandRung(44), 4, 5, 0)))->place->rung;

    expect($strong->share())->toBeGreaterThan($weak->share())->and($strong->exercise->setup->kind())->toBe(ChoiceKind::Band)
        ->and(SessionWriter::write(brief())->place->rung)->not->toBeNull();
});

it('chooses cues that answer what was seen lately', function (): void {
    $rung = bandRung();
    $kicking = array_map(fn ($d) => done($d->day, $rung, 8, 2, faults: [Fault::LegsKick]), sessionsOn($rung, 2));

    expect(blocksOf(SessionWriter::write(brief($kicking, rung: $rung)), Part::Main)[0]->cues[0])->toBe(Fault::LegsKick->cue());
});

it('begins with a fresh try from a chance of one in four on, ten days apart, and calls it a test where it is likely', function (int $mm, int $reps, ?int $triedDaysAgo, ?Purpose $purpose): void {
    $rung = bandRung($mm);
    $done = sessionsOn($rung, 6, $reps, 0);
    if ($triedDaysAgo !== null) {
        $done[] = done(WEDNESDAY - $triedDaysAgo, rung(smallGym(), new StrictPull, athlete(70, 1.75, 2.1)), 0, 0, purpose: Purpose::Try);
    }
    $tries = blocksOf(SessionWriter::write(brief($done, rung: $rung)), Part::Test);

    expect($tries[0]->purpose ?? null)->toBe($purpose);
})->with([
    'hardly' => [32, 5, null, null],
    'likely' => [13, 9, null, Purpose::Test],
    'likely, but tried a week ago' => [13, 9, 7, null],
]);

it('keeps the caps of lowering: fifteen a session and thirty a week at first, two days a week, and says what the school asks', function (array $lowered, ?int $written): void {
    $rung = loweringRung();
    $done = sessionsOn(bandRung(13), 4, 8, 2, 14);
    foreach ($lowered as $daysAgo => $reps) {
        $done[] = done(WEDNESDAY - $daysAgo, $rung, $reps, null, seconds: 4.0);
    }
    $session = SessionWriter::write(brief($done, 'lowering', $rung, method: smallMethod(8)));
    $lines = array_values(array_filter($session->blocks, fn (Block $b): bool => $b->lowerings() > 0));

    expect($lines === [] ? null : $lines[0]->lowerings())->toBe($written);
    if ($written !== null) {
        expect($lines[0]->note)->toContain('The school asks 3 × 8')->and($lines[0]->cautions)->toContain(Caution::LoweringSoreness)->toContain(Caution::MuscleBreakdown);
    } else {
        expect(implode(' ', $session->notes))->toContain('Lowering left out');
    }
})->with([
    'none yet' => [[9 => 1], 14],
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
    $caps = brief($done, 'lowering', $rung)->diary->caps(WEDNESDAY);

    expect($caps->loweringsAWeek)->toBe(48)->and($caps->loweringsASession)->toBe(24)->and($caps->hardSetsAWeek)->toBe(20);
});

it('does not write lowering where the house never does, and passes over the stage', function (): void {
    $session = SessionWriter::write(brief(sessionsOn(bandRung(13), 4), 'lowering', rules: HouseRules::of(['lowering' => 'never'])));

    expect(array_filter($session->blocks, fn (Block $b): bool => $b->lowerings() > 0))->toBe([]);
});

it('writes what is left of the week’s hard sets, and none beyond', function (): void {
    $rung = bandRung();
    $monday = WEDNESDAY - 2;
    $done = [...sessionsOn($rung, 1, 8, 2, 9), ...array_map(fn (int $i) => done($monday, $rung, 8, 2), range(1, 8))];
    $session = SessionWriter::write(brief($done, rung: $rung));

    expect(blocksOf($session, Part::Main)[0]->sets)->toBe(2)->and(implode(' ', $session->notes))->toContain('10 hard vertical sets a week are the cap');
});

it('loads nothing while pain or a symptom is told and not cleared, nor before the screen allows it', function (array $signals, array $cleared, ?Limits $limits, ?RefusalCode $code): void {
    $rung = bandRung();
    $session = SessionWriter::write(brief(sessionsOn($rung, 4), rung: $rung, signals: $signals, cleared: $cleared, limits: $limits));

    expect($session->refused?->code)->toBe($code)->and($session->blocks === [])->toBe($code !== null);
})->with([
    'pain' => [[Signal::of(WEDNESDAY - 1, pain: Pain::of(PainPlace::Elbow, 1))], [], null, RefusalCode::Paused],
    'dark urine' => [[Signal::of(WEDNESDAY - 1, symptoms: [Symptom::DarkUrine])], [], null, RefusalCode::Paused],
    'cleared on the day it was told' => [[Signal::of(WEDNESDAY - 1, symptoms: [Symptom::Numbness])], [WEDNESDAY - 1], null, RefusalCode::Paused],
    'cleared later' => [[Signal::of(WEDNESDAY - 1, symptoms: [Symptom::Numbness])], [WEDNESDAY], null, null],
    'screened and not cleared' => [[], [], Limits::everything(), RefusalCode::Screen],
]);

it('holds nothing that the screen bars', function (Limit $limit): void {
    $session = SessionWriter::write(brief([...sessionsOn(bandRung(13), 4), hang(WEDNESDAY - 30, 50.0)], 'lowering', limits: Limits::of([$limit])));
    foreach ($session->blocks as $block) {
        $kind = $block->rung()?->exercise->setup->kind();
        $overhead = $kind !== null && $kind->lane()->value !== 'row';
        expect($limit !== Limit::NoOverhead || ! $overhead)->toBeTrue()->and($limit !== Limit::NoLowering || $block->lowerings() === 0)->toBeTrue();
    }
    expect($session->refused?->code === RefusalCode::NothingFits || $session->blocks !== [])->toBeTrue();
})->with([Limit::NoHanging, Limit::NoOverhead, Limit::NoLowering, Limit::NoBandsAtHeight]);

it('asks for baselines after four weeks away and of whom nothing is logged, and goes one rung easier after two', function (): void {
    $rung = bandRung(22);
    $back = SessionWriter::write(brief(sessionsOn($rung, 4, 8, 2, 15), rung: $rung));

    expect(SessionWriter::write(brief(sessionsOn($rung, 4, 8, 2, 28), rung: $rung))->refused?->code)->toBe(RefusalCode::Baselines)
        ->and(SessionWriter::write(brief())->refused?->code)->toBe(RefusalCode::Baselines)
        ->and($back->refused)->toBeNull()
        ->and($back->place->rung)->toBe($rung)
        ->and(blocksOf($back, Part::Main)[0]->rung()->share())->toBeLessThan($rung->share() - 0.02)
        ->and(implode(' ', $back->notes))->toContain('one rung easier');
});

it('sets the date of the next session: not twice a day, not beyond the week, not two hard days running for a newcomer', function (array $daysAgo, ?RefusalCode $code, ?int $nextOn): void {
    $rung = bandRung();
    $done = array_merge(...array_map(fn (int $ago): array => sessionsOn($rung, 1, 8, 2, $ago), $daysAgo));
    $session = SessionWriter::write(brief($done, rung: $rung, today: WEDNESDAY + 1));

    expect($session->refused?->code)->toBe($code)->and($session->refused?->nextOn)->toBe($nextOn);
    if ($code !== null) {
        expect(array_filter($session->blocks, fn (Block $b): bool => $b->part === Part::Main))->toBe([]);
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
    $session = SessionWriter::write(brief([hang(WEDNESDAY - 3, 20.0)], 'bands', kit: $bare));

    expect($session->refused?->code)->toBe(RefusalCode::NothingFits)->and($session->refused?->text)->toContain('loop band');
});

it('goes up the trunk ladder after a minute held, and tells what was lifted last', function (): void {
    $rung = bandRung();
    $beside = [new BesideDone(WEDNESDAY - 5, Accessory::Plank, null, 60.0, null)];
    $trunk = blocksOf(SessionWriter::write(brief(sessionsOn($rung, 2), rung: $rung, beside: $beside)), Part::Trunk)[0];
    $same = blocksOf(SessionWriter::write(brief(sessionsOn($rung, 2), rung: $rung, beside: [new BesideDone(WEDNESDAY - 5, Accessory::Plank, null, 45.0, null)])), Part::Trunk)[0];

    expect($trunk->do)->toBe(Accessory::SidePlank)->and($same->do)->toBe(Accessory::Plank)->and($same->note)->toBe('Last time 45 s.');
});

it('puts on the work of the stage whoever was placed on it from another, and lets a climbing stage go on from what is in use in its lane; what was chosen afterwards stays', function (): void {
    $band = bandRung(13);
    $done = [...sessionsOn($band, 4), hang(WEDNESDAY - 30, 50.0)];
    $hoist = rung(gymWithHoist(), Counterweighted::of('hoist', 30.0), athlete(70, 1.75, 2.1));

    expect(Course::entering(brief($done, 'lowering', $band))->rung?->exercise->manner->movement)->toBe(Movement::Lowering)
        ->and(Course::entering(brief($done, 'bands', $hoist, kit: gymWithHoist()))->rung)->toBe($hoist)
        ->and(SessionWriter::write(brief($done, 'lowering', $band))->place->rung)->toBe($band);
});
