<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\Calls\CallRecord;
use App\Models\Gym\User;
use App\Queries\Calls\ReminderQuery;
use App\Responses\Calls\ReminderResponse;

/**
 * Writes down for somebody what waits and what else there is to remember; nothing where there is nothing.
 */
final readonly class WriteReminders
{
    public function __construct(private ReminderQuery $reminders, private string $address)
    {
    }

    public function to(User $member): ?RemindersMail
    {
        $lines = array_map(
            static fn (ReminderResponse $one): string => "$one->todo: $one->name",
            $this->reminders->list()->items,
        );
        $calls = CallRecord::query()->whereNull('decided_at')->count();

        return $lines === [] && $calls === 0
            ? null
            : new RemindersMail($member->gym->name, $member->name, $lines, $calls, "$this->address/calls");
    }
}
