<?php

declare(strict_types=1);

use App\Formats\CommandLine\Answers;
use App\Formats\CommandLine\BriefQuestion;
use App\Formats\CommandLine\Topic;
use App\Formats\JsonObject;
use App\Formats\Unreadable;
use SteadyRung\Method\Measure;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Strength\Filter\FeltLoad;

const OAK = ['setup' => ['kind' => 'band', 'bar_height_m' => 2.6, 'attach' => 'foot', 'bands' => [['id' => 'oak']]]];

/** An athlete of the band taper with four sessions at the gate. */
function planned(mixed ...$changes): array
{
    $log = [[
        'on' => '2026-10-01',
        'exercise' => ['setup' => ['kind' => 'strict'], 'movement' => 'hold', 'at' => 'hang', 'seconds' => 40],
        'purpose' => 'baseline',
        'seconds' => 45,
    ]];
    foreach (['2026-10-05', '2026-10-08', '2026-10-12', '2026-10-15'] as $on) {
        for ($set = 0; $set < 3; $set++) {
            $log[] = [
                'on' => $on,
                'exercise' => OAK,
                'purpose' => 'work',
                'asked' => ['reps' => 8],
                'rest_before_s' => 120,
                'reps' => 8,
                'reserve' => 2,
            ];
        }
    }

    return [
        'body' => ['mass_kg' => 70, 'stature_m' => 1.75, 'reach_m' => 2.1],
        'place' => ['method' => 'band-taper', 'stage' => 'bands', 'since' => '2026-10-01', 'rung' => OAK],
        'kit' => [
            'bars' => [['id' => 'high', 'height_m' => 2.6]],
            'bands' => [
                ['id' => 'oak', 'hung_length_m' => 1.0, 'width_mm' => 32, 'thickness_mm' => 4.5],
                ['id' => 'ash', 'hung_length_m' => 1.0, 'width_mm' => 22, 'thickness_mm' => 4.5],
            ],
            'rings' => [['id' => 'rings', 'anchor_height_m' => 2.6, 'strap_m' => [1.2, 1.5]]],
        ],
        'log' => $log,
        'on' => '2026-10-19',
        ...$changes,
    ];
}

function pointersOf(string $topic, array $request): array
{
    try {
        Answers::answer(Topic::from($topic), JsonObject::parse((string) json_encode($request)));

        return [];
    } catch (Unreadable $refused) {
        return array_map(fn ($fault): string => $fault->pointer, $refused->faults);
    }
}

it('writes the session and makes the call, byte for byte the same for the same, as the schemas say', function (): void {
    $session = ask('session', planned());
    $call = ask('call', planned());

    expect($session->place->stage)->toBe('bands')->and($session->place->rung->setup->bands[0]->id)->toBe('oak')
        ->and(array_column($session->blocks, 'part'))->toContain('warm-up', 'main', 'accessory', 'trunk')
        ->and($session->minutes)->toBeGreaterThan(10)
        ->and($call->verdict)->toBeIn(['climb', 'stay', 'test'])
        ->and($call->place->method)->toBe('band-taper')
        ->and($call->confidence)->toBeGreaterThan(0)
        ->and(fitsSchema(json_decode((string) json_encode(planned())), 'session.request'))->toBeTrue();
    foreach (['session', 'call'] as $topic) {
        $line = (string) json_encode(planned());
        expect(core($line, $topic)->getOutput())->toBe(core($line, $topic)->getOutput());
        expect(explode("\n", core("$line\n$line\n", $topic, '--lines')->getOutput())[1]."\n")->toBe(core($line, $topic)->getOutput());
    }
});

it('knows the error of a set-up again by the sets in the log, as the rungs of the kit have it', function (): void {
    $oddly = fn (int $reps): float => array_values(array_filter(
        ask('session', planned(log: array_map(
            fn (array $entry): array => $entry['purpose'] === 'work' ? [...$entry, 'reps' => $reps, 'reserve' => 0, 'to_failure' => true] : $entry,
            planned()['log'],
        )))->blocks,
        fn ($block): bool => $block->part === 'main',
    ))[0]->expected->median;
    $context = BriefQuestion::read(JsonObject::parse((string) json_encode(planned())));
    $done = $context->diary->done[3];

    expect($done->load->key)->toBe(FeltLoad::ofRung($context->place->rung)->key)
        ->and($oddly(12))->toBeGreaterThan(10.5) // in a band nobody measured, what it was done with counts
        ->and($oddly(4))->toBeLessThan(6.5);
});

it('takes the seconds that were asked of a hold, and the splits of lowerings, for what they are', function (): void {
    $entry = fn (array $more): Done => BriefQuestion::read(JsonObject::parse((string) json_encode(planned(log: [[
        'on' => '2026-10-01',
        'exercise' => ['setup' => ['kind' => 'strict'], 'movement' => 'lowering', 'seconds' => 3],
        'purpose' => 'work',
        'reps' => 2,
        ...$more,
    ]]))))->diary->done[0];

    expect($entry(['splits_s' => [4, 2]])->seconds)->toBe(3.0)
        ->and($entry(['splits_s' => [4, 2], 'seconds' => 5])->seconds)->toBe(5.0)
        ->and($entry(['splits_s' => [4, 4], 'halves_s' => [0.5, 2]])->count(Measure::Reps))->toBe(1)
        ->and($entry(['splits_s' => [4, 4], 'halves_s' => [0.5, 0]])->lowerings())->toBe(2) // it made as sore
        ->and($entry(['asked' => ['seconds' => 8]])->style->seconds)->toBe(8.0)
        ->and($entry([])->style->seconds)->toBe(3.0)
        ->and(pointersOf('session', planned(log: [['on' => '2026-10-01', 'exercise' => OAK, 'purpose' => 'work', 'asked' => ['seconds' => 9999]]])))
        ->toBe(['/log/0/asked/seconds']);
});

it('takes a method and house rules of one’s own, a band by its id, weighings, signals and clearances', function (): void {
    $own = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/core/Method/catalogue/rows-first.json'), true);
    $session = ask(
        'session',
        planned(
            method: $own,
            place: ['method' => 'rows-first', 'stage' => 'upright', 'since' => '2026-10-01'],
            rules: ['trunk' => 'later'],
            weighings: [['on' => '2026-10-01', 'mass_kg' => 71]],
        ),
    );
    $paused = ask('session', planned(signals: [['on' => '2026-10-16', 'symptoms' => ['numbness']]]));
    $cleared = ask(
        'session',
        planned(signals: [['on' => '2026-10-16', 'symptoms' => ['numbness']]], clearances: [['on' => '2026-10-17', 'note' => 'Seen.']]),
    );

    expect(array_column($session->blocks, 'part'))->not->toContain('trunk')
        ->and($paused->refused->code)->toBe('paused')->and($paused->blocks)->toBe([])
        ->and($cleared)->not->toHaveProperty('refused')
        ->and(
            ask('call', planned(signals: [['on' => '2026-10-16', 'pain' => ['place' => 'fingers', 'degree' => 2]]]))->verdict,
        )->toBe('refer');
});

it('answers every refusal there is with what is still allowed that day', function (array $changes, string $code): void {
    expect(ask('session', planned(...$changes))->refused->code)->toBe($code);
})->with([
    'paused' => [['signals' => [['on' => '2026-10-18', 'symptoms' => ['chest']]]], 'paused'],
    'screen' => [['screen' => ['on' => '2026-10-01', 'overhead' => 'painful', 'cleared' => true]], 'screen'],
    'under 18, not screened' => [['age_years' => 15], 'screen'],
    'baselines' => [['log' => []], 'baselines'],
    'weeks away' => [['on' => '2026-11-20'], 'baselines'],
    'nothing fits' => [
        [
            'kit' => ['bars' => [['id' => 'rack', 'height_m' => 1.0]]],
            'place' => ['method' => 'band-taper', 'stage' => 'bands', 'since' => '2026-10-01'],
            'log' => [
                planned()['log'][0],
                ...array_map(
                    fn ($on) => [
                        'on' => $on,
                        'exercise' => ['setup' => ['kind' => 'strict'], 'movement' => 'hold', 'at' => 'hang', 'seconds' => 40],
                        'purpose' => 'work',
                        'seconds' => 40,
                    ],
                    ['2026-10-15'],
                ),
            ],
        ],
        'nothing-fits',
    ],
    'too soon' => [['on' => '2026-10-15'], 'too-soon'],
    'the week full' => [['on' => '2026-10-16', 'sessions_a_week' => 2], 'week-full'],
]);

it('keeps to what a cleared condition still forbids, and pauses for pain told of an accessory', function (): void {
    $screen = ['on' => '2026-10-01', 'overhead' => 'level', 'cleared' => true];
    $lowering = ['method' => 'band-taper', 'stage' => 'lowering', 'since' => '2026-10-01'];
    $hurt = [
        ...planned()['log'],
        [
            'on' => '2026-10-16',
            'exercise' => ['accessory' => 'curl'],
            'purpose' => 'work',
            'reps' => 8,
            'pain' => ['place' => 'elbow', 'degree' => 4],
        ],
    ];
    $movements = static fn (array $with): array => array_map(
        static fn ($b): string => $b->exercise->movement ?? 'full',
        ask('session', planned(...$with))->blocks,
    );
    $strong = array_map(static fn (array $entry): array => ['reps' => 20] + $entry, planned()['log']);

    expect($movements(['place' => $lowering, 'log' => $strong, 'screen' => $screen]))->toContain('lowering')
        ->and($movements([
            'place' => $lowering,
            'log' => $strong,
            'screen' => ['conditions' => ['osteoporosis']] + $screen,
        ]))->not->toContain('lowering')
        ->and(ask('session', planned(log: $hurt))->refused->code)->toBe('paused')
        ->and(ask('call', planned(log: $hurt))->verdict)->toBe('refer');
});

it('says of a row in use that its heels slip on this floor', function (): void {
    $row = ['setup' => ['kind' => 'row', 'anchor_height_m' => 2.6, 'strap_m' => 1.5, 'heel_mark_m' => 0.2]];
    $log = array_map(
        static fn (array $entry): array => (isset($entry['asked']) ? ['exercise' => $row, 'reps' => 7] : []) + $entry,
        planned()['log'],
    );
    $of = static fn (string $floor): array => planned(
        log: $log,
        kit: ['floor' => $floor] + planned()['kit'],
        place: ['method' => 'band-taper', 'stage' => 'rows', 'since' => '2026-10-01', 'rung' => $row],
    );
    $said = static fn (string $floor): string => json_encode([
        array_column(ask('session', $of($floor))->blocks, 'note'),
        ask('call', $of($floor))->reasons,
    ]);

    expect($said('wood'))->toContain('The heels slip here')->and(substr_count($said('wood'), 'The heels slip here'))->toBe(2)
        ->and($said('rubber'))->not->toContain('The heels slip here');
});

it('calls for another exercise where the band in use is gone', function (): void {
    $call = ask(
        'call',
        planned(
            place: [
                'method' => 'band-taper',
                'stage' => 'bands',
                'since' => '2026-10-01',
                'rung' => ['setup' => ['bands' => [['id' => 'gone']]] + OAK['setup']],
            ],
        ),
    );

    expect($call->verdict)->toBe('switch')->and($call->reasons[0]->text)->toContain('band gone');
});

it('refuses what it cannot read, and names the pointer', function (array $changes, string $pointer): void {
    expect(pointersOf('session', planned(...$changes)))->toContain($pointer);
})->with([
    [['place' => ['method' => 'juggling', 'stage' => 'one', 'since' => '2026-10-01']], '/place/method'],
    [['place' => ['method' => 'band-taper', 'stage' => 'one', 'since' => '2026-10-01']], '/place/stage'],
    [['rules' => ['lowering' => 'always']], '/rules/lowering'],
    [['log' => [['on' => '2026-10-05', 'exercise' => OAK, 'purpose' => 'fun']]], '/log/0/purpose'],
    [['log' => [['on' => '2026-10-05', 'exercise' => OAK, 'purpose' => 'work', 'reps' => 8, 'reserve' => 9]]], '/log/0/reserve'],
    [
        ['log' => [['on' => '2026-10-05', 'exercise' => ['accessory' => 'juggling'], 'purpose' => 'work', 'reps' => 8]]],
        '/log/0/exercise/accessory',
    ],
    [['signals' => [['on' => '2026-10-05', 'soreness' => 6]]], '/signals/0/soreness'],
    [['sessions_a_week' => 9], '/sessions_a_week'],
    [['screen' => ['on' => '2026-10-01', 'overhead' => 'level', 'cleared' => true, 'limits' => ['no-fun']]], '/screen/limits/0'],
    [['mood' => 'fine'], '/mood'],
]);

it('lists what is allowed in place of an unknown name', function (): void {
    $problem = json_decode(
        core(
            (string) json_encode(planned(place: ['method' => 'juggling', 'stage' => 'one', 'since' => '2026-10-01'])),
            'call',
        )->getErrorOutput(),
    );

    expect($problem->errors[0]->allowed)->toContain('band-taper', 'rows-first');
});
