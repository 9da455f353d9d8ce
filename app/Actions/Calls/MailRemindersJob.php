<?php

declare(strict_types=1);

namespace App\Actions\Calls;

use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;

/**
 * Mails the reminders wherever it is morning.
 */
final class MailRemindersJob implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 60;

    public function handle(MailReminders $mail): void
    {
        $mail->whereItIsMorning();
    }
}
