<?php

declare(strict_types=1);

namespace App\Actions\Staff;

use App\Context\Gym\CurrentGym;
use App\Models\Gym\LinkPurpose;
use App\Models\Gym\User;
use Illuminate\Contracts\Queue\ShouldQueue;

/**
 * Mails a link to everybody who works somewhere under an address. Whoever asked waits for nothing of it, and so learns nothing by it.
 */
final class MailForgottenJob implements ShouldQueue
{
    public int $tries = 5;

    public int $backoff = 60;

    public function __construct(private readonly string $email)
    {
    }

    public function handle(CurrentGym $gym, SendPasswordLink $links): void
    {
        foreach (User::query()->with('gym')->where('email', $this->email)->whereNull('left_at')->limit(User::MOST_GYMS)->get() as $member) {
            $gym->enter($member->gym);
            $links->mail($member, LinkPurpose::Forgotten);
        }
    }
}
