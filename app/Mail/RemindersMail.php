<?php

declare(strict_types=1);

namespace App\Mail;

use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/**
 * What a coach is reminded of. A mail is read on the way, so it has what is to be done and with whom, and nothing of why.
 */
final class RemindersMail extends Mailable
{
    /** @param  list<string>  $lines */
    public function __construct(
        public readonly string $gymName,
        public readonly string $name,
        public readonly array $lines,
        public readonly int $calls,
        public readonly string $address,
    ) {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: "To do at $this->gymName");
    }

    public function content(): Content
    {
        return new Content(text: 'mail.reminders');
    }
}
