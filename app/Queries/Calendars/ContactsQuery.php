<?php

declare(strict_types=1);

namespace App\Queries\Calendars;

use App\Context\Gym\CurrentGym;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Responses\Files\ContactsFile;

/**
 * Who trains and who works in a gym, for an address book.
 */
final readonly class ContactsQuery
{
    private const AT_ONCE = 500;

    public function __construct(private CurrentGym $gym)
    {
    }

    /** @return \Generator<string> a card at a time */
    public function cards(): \Generator
    {
        $name = $this->gym->gym()->name;
        $members = User::query()->where('gym_id', $this->gym->id())->whereNull('left_at');
        foreach ($members->lazyById(self::AT_ONCE) as $member) {
            yield ContactsFile::member($member, $name);
        }
        foreach (Athlete::query()->whereNull('archived_at')->lazyById(self::AT_ONCE) as $athlete) {
            yield ContactsFile::athlete($athlete, $name);
        }
    }
}
