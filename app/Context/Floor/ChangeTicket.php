<?php

declare(strict_types=1);

namespace App\Context\Floor;

/**
 * A gym's ticket to ask whether there is news at all: it says nothing but a number, and whoever holds it was signed in once.
 */
final readonly class ChangeTicket
{
    public function __construct(private string $secret)
    {
    }

    public function ticket(string $gymId): string
    {
        return "$gymId.".hash_hmac('sha256', "pulse $gymId", $this->secret);
    }

    /** The gym of a ticket; none of one that was made up. */
    public function gymOf(string $ticket): ?string
    {
        $gymId = substr($ticket, 0, 36);

        return hash_equals($this->ticket($gymId), $ticket) ? $gymId : null;
    }
}
