<?php

declare(strict_types=1);

namespace App\Actions\Calls;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Formats\Day;
use App\Mail\WriteReminders;
use App\Models\Gym\RemindedBy;
use App\Models\Gym\Right;
use App\Models\Gym\User;
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
        private WriteReminders $reminders,
        private Mailer $mailer,
        private ClockInterface $clock,
    ) {
    }

    public function whereItIsMorning(): void
    {
        $members = User::query()->with('gym')->where('reminders', '<>', RemindedBy::Never)->orderBy('gym_id')->orderBy('id')->lazy(200);
        foreach ($members as $member) {
            $this->gym->enter($member->gym);
            if ($this->isDue($member)) {
                $member->fill(['reminded_on' => $this->days->today()])->save();
                $letter = $this->reminders->to($member);
                $letter === null || $this->mailer->to($member->email)->send($letter);
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
}
