<?php

declare(strict_types=1);

it('says how far a new gym is, step by step', function (): void {
    $state = fn (): array => array_diff_key((array) $this->getJson('/api/v1/first-steps')->assertOk()->json(), ['bars_m' => 0, 'boxes_m' => 0, 'bands' => 0]);
    $none = ['gear' => false, 'athlete' => null, 'screened' => false, 'baseline' => false, 'session' => false];
    expect($state())->toBe($none);
    $bar = addBar($this);
    expect($state())->toBe($none);
    $band = addBand($this);
    expect($state())->toEqual($so = ['gear' => true] + $none);
    $id = addAthlete($this, name: 'Ada');
    addAthlete($this, name: 'Bo');
    expect($state())->toEqual($so = ['athlete' => ['id' => $id, 'name' => 'Ada']] + $so);
    $this->postJson("/api/v1/athletes/$id/screenings", ['id' => uuid(), 'overhead' => 'level'])->assertCreated();
    expect($state())->toEqual($so = ['screened' => true] + $so);
    $this->postJson("/api/v1/athletes/$id/sets", set($this, exercise($bar, $band), 8, purpose: 'baseline'))->assertCreated();
    expect($state())->toEqual($so = ['baseline' => true] + $so);
    $this->postJson("/api/v1/athletes/$id/sets", set($this, exercise($bar, $band), 7))->assertCreated();
    expect($state())->toEqual(['session' => true] + $so);
});

it('offers gear of usual sizes that can be added as it is told', function (): void {
    $usual = $this->getJson('/api/v1/first-steps')->json();
    foreach ($usual['bands'] as $i => $band) {
        $this->postJson('/api/v1/bands', ['id' => uuid(), 'name' => "Band $i", ...$band])->assertCreated()->assertJsonPath('curve.status', 'estimated');
    }
    foreach (['bar' => $usual['bars_m'], 'box' => $usual['boxes_m']] as $kind => $heights) {
        foreach ($heights as $m) {
            $this->postJson('/api/v1/gear', ['id' => uuid(), 'name' => "$kind $m", 'figures' => ['kind' => $kind, 'height_m' => $m]])->assertCreated();
        }
    }
    $this->getJson('/api/v1/first-steps')->assertJsonPath('gear', true);
});
