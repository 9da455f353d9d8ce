<?php

declare(strict_types=1);

use App\Formats\CommandLine\Answers;
use App\Formats\CommandLine\Topic;
use App\Formats\JsonObject;
use SteadyRung\Kit\Band\RubberLaw;

/** What `bin/steady core` answers, in this process. */
function coreAnswer(string $topic, array $request): array
{
    return json_decode((string) json_encode(Answers::answer(Topic::from($topic), JsonObject::parse((string) json_encode($request)))), true);
}

const SAME_BODY = ['mass_kg' => 70, 'stature_m' => 1.75, 'reach_m' => 2.1];

beforeEach(function (): void {
    $this->athlete = addAthlete($this);
    $law = RubberLaw::fromSize(1.0, 29, 4.5);
    $this->points = fn (float $widthMm): array => array_map(
        fn (float $l): array => ['length_m' => $l, 'force_n' => $widthMm / 29 * $law->forceN($l)],
        [1.3, 1.8, 2.3],
    );
    $this->bar = addBar($this, 2.5);
    $this->bands = array_map(fn (int $mm): string => addBand($this, $mm, "Band $mm"), [13, 29, 44]);
    $this->rings = addGear($this, 'Rings', ['kind' => 'rings', 'anchor_height_m' => 2.4, 'straps_m' => [1.3, 1.5]]);
    addGear($this, 'Box', ['kind' => 'box', 'height_m' => 0.3]);
    addGear($this, 'Plate', ['kind' => 'plate', 'thickness_m' => 0.05]);
    addGear($this, 'Five', ['kind' => 'weight', 'mass_kg' => 5]);
    $this->kit = [
        'bars' => [['id' => 'bar', 'height_m' => 2.5]],
        'bands' => array_map(fn (int $mm): array => ['id' => "Band $mm", 'hung_length_m' => 1.0, 'width_mm' => $mm, 'thickness_mm' => 4.5, 'points' => array_map(
            fn (float $l): array => ['length_m' => $l, 'force_n' => RubberLaw::fromSize(1.0, $mm, 4.5)->forceN($l)], [1.3, 1.8, 2.3],
        )], [13, 29, 44]),
        'rings' => [['id' => 'Rings', 'anchor_height_m' => 2.4, 'strap_m' => [1.3, 1.5]]],
        'boxes_m' => [0.3], 'plates_m' => [0.05], 'weights_kg' => [5],
    ];
});

it('finds the same ladder on the page as on the command line', function (string $lane, float $goal, int $most): void {
    $page = $this->getJson(
        "/api/v1/athletes/$this->athlete/ladder?lane=$lane&goal_share=$goal&most_rungs=$most&advice=yes",
    )->assertOk()->json();
    $core = coreAnswer(
        'ladder',
        [
            'body' => SAME_BODY,
            'kit' => $this->kit,
            'from_share' => $page['from_share'],
            'to_share' => $page['to_share'],
            'lane' => $lane,
            'most_rungs' => $most,
        ],
    );
    $shares = array_map(fn (array $rung): float => $rung['rung']['carried']['share']['mean'], $page['rungs']);

    expect($shares)->toEqual(array_column($core['rungs'], 'share'))
        ->and($page['largest_step'])->toEqual($core['largest_step'])
        ->and($page['candidates'])->toBe($core['candidates'])
        ->and($page['reaches_goal'])->toBe($core['reaches_goal'])
        ->and($page['advice'])->toBe($core['advice']);
})->with([['pull', 1.0, 8], ['pull', 1.05, 4], ['row', 0.65, 6], ['row', 0.6, 3]]);

it('finds the same heel mark on the page as on the command line', function (float $share): void {
    $row = exerciseOn(['kind' => 'row', 'ring_id' => $this->rings, 'strap_m' => 1.5, 'heel_mark_m' => 0]);
    $page = $this->getJson(
        "/api/v1/athletes/$this->athlete/heel-mark?share=$share&exercise=".urlencode((string) json_encode($row)),
    )->assertOk()->json();
    $core = coreAnswer('heel-mark', ['body' => SAME_BODY, 'anchor_height_m' => 2.4, 'strap_m' => 1.5, 'share' => $share]);

    expect($page['items'][0]['exercise']['setup']['heel_mark_m'] ?? $page['reason'])->toEqual($core['heel_mark_m'] ?? $core['reason']);
})->with([0.5, 0.6, 0.9]);

it('finds the same box on the page as on the command line', function (float $part): void {
    $page = $this->getJson("/api/v1/athletes/$this->athlete/standing-height?leg_part=$part&bar_id=$this->bar")->assertOk()->json();
    $core = coreAnswer('box', ['body' => SAME_BODY, 'bar_height_m' => 2.5, 'leg_part' => $part, 'heights_m' => [0.3, 0.05]]);
    $range = $page['items'][0]['carried']['share_range'] ?? null;

    $range === null ? expect($core['leg_part'])->toEqual(0) : expect(1 - $range[0])->toEqualWithDelta($core['leg_part'], 1e-12);
})->with([0.1, 0.3, 0.5]);

it('carries the same on the scale, on the ladder, on the set-up page and in the log', function (): void {
    $exercise = exercise($this->bar, $this->bands[1], 'knee');
    $core = coreAnswer(
        'carried',
        [
            'body' => SAME_BODY,
            'setup' => ['kind' => 'band', 'bar_height_m' => 2.5, 'attach' => 'knee', 'bands' => [$this->kit['bands'][1]]],
        ],
    );
    $setup = $this->getJson(
        "/api/v1/athletes/$this->athlete/setup?exercise=".urlencode((string) json_encode($exercise)),
    )->json('rung.carried');
    $scale = collect(
        $this->getJson("/api/v1/athletes/$this->athlete/scale?band={$this->bands[1]}")->json('rungs'),
    )->firstWhere('rung.exercise.setup.attach', 'knee')['rung']['carried'];
    $this->putJson("/api/v1/athletes/$this->athlete/setup", $exercise)->assertOk();
    $now = $this->getJson("/api/v1/athletes/$this->athlete/ladder?lane=pull")->json('now.carried');
    $logged = $this->postJson("/api/v1/athletes/$this->athlete/sets", set($this, $exercise, 5))->json('carried_share');

    expect($setup)->toEqual($core)->and($scale)->toEqual($core)->and($now)->toEqual($core)->and($logged)->toEqual($core['share']['mean']);
});
