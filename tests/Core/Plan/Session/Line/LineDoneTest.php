<?php

declare(strict_types=1);

use SteadyRung\Method\Accessory;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Diary\AccessoryWork;
use SteadyRung\Plan\Diary\Diary;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Line\Begun;
use SteadyRung\Plan\Session\Line\LineDone;

require_once __DIR__.'/../../../Support/plan.php';

const REPS_ASKED = ['part' => SessionPart::Main, 'sets' => 3, 'restS' => 150];

it('counts the sets of today, and those of the last day before that has any, on the same work for the same purpose', function (): void {
    $band = bandRung(44);
    $diary = new Diary([
        done(WEDNESDAY - 9, $band, 12),
        done(WEDNESDAY - 2, $band, 10),
        done(WEDNESDAY - 2, $band, 9),
        done(WEDNESDAY - 2, bandRung(29), 4),
        done(WEDNESDAY, $band, 8),
        new Done(...[...get_object_vars(done(WEDNESDAY, $band, 3)), 'purpose' => Purpose::Test]),
        new Done(...[...get_object_vars(done(WEDNESDAY, $band, 5)), 'isPart' => true]),
    ]);
    $block = new Block(...REPS_ASKED, do: $band, amount: Amount::of(Measure::Reps, 8, 10));
    $done = LineDone::of($block, $diary, WEDNESDAY);
    $mixed = new Block(...REPS_ASKED, do: $band, amount: Amount::of(Measure::Reps, 4, 5), begun: new Begun(bandRung(29), 3));

    expect([$done->today, $done->last, $done->lastOn])->toBe([[8], [10, 9], WEDNESDAY - 2])
        ->and(LineDone::of($mixed, $diary, WEDNESDAY)->today)->toBe([5])
        ->and(LineDone::of($block, new Diary([]), WEDNESDAY))->toEqual(LineDone::of($block, new Diary([done(WEDNESDAY + 1, $band, 8)]), WEDNESDAY));
});

it('counts work beside the pull in what the line asks', function (): void {
    $plank = static fn (int $daysAgo, float $s): AccessoryWork => new AccessoryWork(WEDNESDAY - $daysAgo, Accessory::Plank, null, $s, null);
    $diary = new Diary([], [$plank(3, 42.7), $plank(3, 40.0), new AccessoryWork(WEDNESDAY, Accessory::Curl, 12, null, 8.0), $plank(0, 45.2)]);
    $done = LineDone::of(new Block(...REPS_ASKED, do: Accessory::Plank, amount: Amount::of(Measure::Seconds, 30, 60)), $diary, WEDNESDAY);

    expect([$done->today, $done->last, $done->lastOn])->toBe([[45], [42, 40], WEDNESDAY - 3]);
});
