<?php

declare(strict_types=1);

namespace App\Actions\Staff;

use App\Context\Gym\CurrentGym;
use App\Models\Gym\LinkPurpose;
use App\Models\Gym\User;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;

/**
 * Mails an invitation. The link is made when it is sent, so that no queue has it.
 */
final class MailInvitationJob implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public int $backoff = 60;

    public function __construct(private readonly string $gymId, private readonly string $userId)
    {
    }

    public function handle(CurrentGym $gym, SendPasswordLink $links): void
    {
        $gym->enter($this->gymId);
        $member = User::query()->with('gym')->where('gym_id', $this->gymId)->findOrFail($this->userId);
        if ($member->waits()) {
            $links->mail($member, LinkPurpose::Invitation);
        }
    }
}
