<?php

declare(strict_types=1);

use App\Http\Middleware\FormerAddress;
use Illuminate\Support\Facades\Route;

it('answers every address of before there were versions, and says what follows it', function (): void {
    $uris = array_map(static fn ($route): string => $route->methods()[0].' '.$route->uri(), Route::getRoutes()->getRoutes());
    $now = array_filter($uris, static fn (string $uri): bool => str_contains($uri, ' api/v1/'));

    expect(count($now))->toBeGreaterThan(130)->and(array_diff(str_replace(' api/v1/', ' api/', $now), $uris))->toBe([]);

    $athlete = addAthlete($this);
    $former = $this->getJson("/api/athletes/$athlete/sets?page=1")->assertOk()
        ->assertHeader('Deprecation', '@'.strtotime(FormerAddress::SINCE))
        ->assertHeader('Link', "</api/v1/athletes/$athlete/sets>; rel=\"successor-version\"");
    expect($this->getJson("/api/v1/athletes/$athlete/sets?page=1")->assertHeaderMissing('Deprecation')->json())->toBe($former->json());
});

it('takes what a device of an older build still holds, once', function (): void {
    $athlete = addAthlete($this);
    $set = set($this, exercise(addBar($this), addBand($this)), 5);

    $this->postJson("/api/athletes/$athlete/sets", $set)->assertCreated();
    $this->postJson("/api/v1/athletes/$athlete/sets", $set)->assertOk();
    $this->getJson("/api/v1/athletes/$athlete/sets")->assertJsonCount(1, 'items');
});
