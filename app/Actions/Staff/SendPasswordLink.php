<?php

declare(strict_types=1);

namespace App\Actions\Staff;

use App\Mail\PasswordLinkMail;
use App\Models\Gym\LinkPurpose;
use App\Models\Gym\PasswordLink;
use App\Models\Gym\User;
use Illuminate\Contracts\Mail\Mailer;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/**
 * Makes a link to choose a password by, 256 bits that nobody guesses, and mails it. It expires, and using one ends all.
 */
final readonly class SendPasswordLink
{
    private const BYTES = 32;

    public function __construct(private Mailer $mailer, private ClockInterface $clock, private string $address)
    {
    }

    public function make(User $member, LinkPurpose $purpose): LinkSent
    {
        $token = rtrim(strtr(base64_encode(random_bytes(self::BYTES)), '+/', '-_'), '=');
        $expiresAt = $this->clock->now()->modify(sprintf('+%d hours', $purpose->hours()));
        PasswordLink::query()->create([
            'id' => (string) Str::uuid7(),
            'gym_id' => $member->gym_id,
            'user_id' => $member->id,
            'token' => PasswordLink::hash($token),
            'purpose' => $purpose,
            'expires_at' => $expiresAt,
        ]);

        return new LinkSent($member, $token, $expiresAt);
    }

    public function mail(User $member, LinkPurpose $purpose): void
    {
        $link = $this->make($member, $purpose);
        $this->mailer->to($member->email)->send(new PasswordLinkMail(
            gymName: $member->gym->name,
            name: $member->name,
            role: $member->role,
            purpose: $purpose,
            address: $this->address.$link->path(),
        ));
    }
}
