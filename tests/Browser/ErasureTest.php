<?php

declare(strict_types=1);

use Tests\Browser\Support\Http;
use Tests\Browser\Support\Instance;
use Tests\Browser\Support\Page;
use Tests\Browser\Support\Wait;

it('erases an athlete for good, once their name is typed, and says when it is done', function (): void {
    $http = Http::signedIn(Instance::url());
    $id = uuid();
    expect($http->send('POST', '/api/v1/athletes', ['id' => $id, 'name' => 'Zora Quist', 'kind' => 'gym', 'mass_kg' => 61, 'stature_m' => 1.7])[0])->toBe(201)
        ->and($http->send('POST', "/api/v1/athletes/$id/pain", ['id' => uuid(), 'pain' => ['place' => 'elbow', 'level' => 3]])[0])->toBeLessThan(300);
    $page = Page::open(Instance::url(), 1280, 800);
    try {
        $page->signIn()->go("/people/$id")->see('Zora Quist')->more('Erase')->see('This cannot be undone');
        expect($page->accessibilityViolations())->toBe([]);
        $page->fill('Type the name', 'Zora Quist')->press('Erase for good')->see('It is being erased');
        Wait::until(fn (): bool => str_contains($page->visit('/settings')->see('Their training')->text(), ': done, '), 'It was not erased.');
        $page->go("/people/$id")->see('Former athlete')->dontSee('Zora')->dontSee('elbow');
        expect($http->send('GET', '/api/v1/athletes?search=Zora&show=archived')[1]['items'])->toBe([])
            ->and($page->consoleErrors())->toBe([]);
    } finally {
        $page->close();
    }
});
