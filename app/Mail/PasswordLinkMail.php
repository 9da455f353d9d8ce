<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\Gym\LinkPurpose;
use App\Models\Gym\Role;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/**
 * Tells somebody where they choose a password, and why.
 */
final class PasswordLinkMail extends Mailable
{
    public function __construct(
        public readonly string $gymName,
        public readonly string $name,
        public readonly Role $role,
        public readonly LinkPurpose $purpose,
        public readonly string $address,
    ) {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: match ($this->purpose) {
            LinkPurpose::Invitation => "You are invited to $this->gymName",
            LinkPurpose::Forgotten => "A new password for $this->gymName",
        });
    }

    public function content(): Content
    {
        return new Content(text: "mail.{$this->purpose->value}");
    }
}
