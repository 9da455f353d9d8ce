<?php

declare(strict_types=1);

use App\Actions\Athletes\WriteNote;
use App\Models\Athletes\AthleteNote;
use App\Models\Gym\Role;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->ada = addAthlete($this);
    $this->url = "/api/v1/athletes/$this->ada/notes";
});

it('keeps what was written, once, the latest first, with who wrote it', function (): void {
    addNote($this, $this->ada, "Prefers the rings.\nAfraid of heights.");
    $this->clock->passSeconds(60);
    $note = ['id' => uuid(), 'text' => 'Wants five by June.'];
    $this->signInAs(colleague($this->coach, Role::Assistant));
    $this->postJson($this->url, $note)->assertCreated();
    $this->postJson($this->url, $note)->assertOk()->assertJsonCount(2, 'items');
    $this->postJson($this->url, ['text' => 'Another'] + $note)->assertStatus(409);

    $this->getJson($this->url)->assertJsonPath('items.0.text', 'Wants five by June.')->assertJsonPath('items.0.by', 'Bea')
        ->assertJsonPath('items.1.by', 'Coach')->assertJsonPath('items.1.text', "Prefers the rings.\nAfraid of heights.");
    expect(DB::table('athlete_notes')->pluck('text')->implode(' '))->not->toContain('rings')
        ->and(DB::table('athlete_notes')->whereNotNull('fingerprint')->count())->toBe(0);
});

it('takes a note away for good, by who coaches', function (): void {
    $note = addNote($this, $this->ada);
    $this->signInAs(colleague($this->coach, Role::Assistant))->deleteJson("$this->url/$note")->assertForbidden();
    $this->signInAs($this->coach)->deleteJson("$this->url/$note")->assertOk()->assertJsonCount(0, 'items');
    $this->deleteJson("$this->url/$note")->assertNotFound();
    $other = addNote($this, addAthlete($this, name: 'Bo'));
    $this->deleteJson("$this->url/$other")->assertNotFound();
    expect(AthleteNote::query()->count())->toBe(1);
});

it('refuses a note with nothing in it, too long a one, and more than it says', function (): void {
    foreach (['', "  \n ", str_repeat('a', 1001)] as $text) {
        $this->postJson($this->url, ['id' => uuid(), 'text' => $text])->assertStatus(422)->assertJsonPath('errors.0.pointer', '/text');
    }
    addNote($this, $this->ada);
    DB::statement('INSERT INTO athlete_notes SELECT gym_id, gen_random_uuid(), athlete_id, user_id, text, written_at FROM athlete_notes, generate_series(1, ?)', [WriteNote::MOST - 1]);
    $this->postJson($this->url, ['id' => uuid(), 'text' => 'One more'])->assertStatus(422);
    $this->getJson("$this->url?page=10")->assertOk()->assertJsonCount(50, 'items')->assertJsonPath('next_page', null);
});
