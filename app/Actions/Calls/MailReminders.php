<?php

declare(strict_types=1);

namespace App\Actions\Calls;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Formats\Day;
use App\Mail\RemindersMail;
use App\Models\Calls\CallRecord;
use App\Models\Gym\RemindedBy;
use App\Models\Gym\Right;
use App\Models\Gym\User;
use App\Queries\Calls\ReminderQuery;
use App\Responses\Calls\ReminderResponse;
use Illuminate\Contracts\Mail\Mailer;
use Psr\Clock\ClockInterface;

/**
 * Mails what waits and what else there is to remember to who chose so, once a day at most and not where there is nothing. It is noted
 * before it is sent, so that one that fails on the way does not come again and again.
 */
final readonly class MailReminders
{
    public function __construct(
        private CurrentGym $gym,
        private GymDay $days,
        private ReminderQuery $reminders,
        private Mailer $mailer,
        private ClockInterface $clock,
        private string $address,
    ) {
    }

    public function whereItIsMorning(): void
    {
        $members = User::query()->with('gym')->where('reminders', '<>', RemindedBy::Never)->orderBy('gym_id')->orderBy('id')->lazy(200);
        foreach ($members as $member) {
            $this->gym->enter($member->gym);
            if ($this->isDue($member)) {
                $member->fill(['reminded_on' => $this->days->today()])->save();
                $this->mail($member);
            }
        }
    }

    private function isDue(User $member): bool
    {
        $today = $this->days->today();
        $hour = (int) \DateTimeImmutable::createFromInterface($this->clock->now())
            ->setTimezone(new \DateTimeZone($this->gym->timezone()))->format('G');

        return $member->isHere() && $member->role->may(Right::Coach) && $member->reminded_on !== $today
            && $hour >= RemindedBy::HOUR && $member->reminders->isDue(Day::number($today));
    }

    private function mail(User $member): void
    {
        $lines = array_map(
            static fn (ReminderResponse $one): string => "{$one->kind->words()}: $one->name",
            $this->reminders->list()->items,
        );
        $calls = CallRecord::query()->whereNull('decided_at')->count();
        if ($lines !== [] || $calls > 0) {
            $this->mailer->to($member->email)->send(
                new RemindersMail($member->gym->name, $member->name, $lines, $calls, "$this->address/calls"),
            );
        }
    }
}
