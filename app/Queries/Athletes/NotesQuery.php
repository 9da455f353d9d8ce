<?php

declare(strict_types=1);

namespace App\Queries\Athletes;

use App\Context\Gym\CurrentGym;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\AthleteNote;
use App\Models\Gym\User;
use App\Queries\Page;
use App\Responses\Athletes\NotePageResponse;
use App\Responses\Athletes\NoteResponse;

/**
 * What was written down of an athlete.
 */
final readonly class NotesQuery
{
    public function __construct(private CurrentGym $gym)
    {
    }

    public function page(Athlete $athlete, int $number): NotePageResponse
    {
        $page = Page::of(
            AthleteNote::query()->where('athlete_id', $athlete->id)->orderByDesc('written_at')->orderByDesc('id'),
            $number,
        );
        $staff = User::query()->where('gym_id', $this->gym->id())->pluck('name', 'id');

        return new NotePageResponse(array_map(static fn (AthleteNote $note): NoteResponse => new NoteResponse(
            $note->id,
            $note->text,
            (string) $staff->get($note->user_id),
            $note->written_at->toIso8601String(),
        ), $page->items), $page->next);
    }
}
