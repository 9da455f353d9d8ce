<?php

declare(strict_types=1);

use App\Actions\Staff\SendPasswordLink;
use App\Actions\Staff\Totp;
use App\Models\Gym\LinkPurpose;
use App\Models\Gym\Role;
use App\Models\Gym\User;

/** Somebody more who works in the gym of the one given. */
function colleague(User $of, Role $role, string $email = 'bea@one.example'): User
{
    return User::query()->create([
        'id' => uuid(), 'gym_id' => $of->gym_id, 'name' => 'Bea', 'email' => $email, 'password' => 'chalk on the hands', 'role' => $role,
    ]);
}

/** What stands behind the # of a link to choose a password by. */
function passwordLink(User $member, LinkPurpose $purpose = LinkPurpose::Forgotten): string
{
    return app(SendPasswordLink::class)->make($member, $purpose)->token;
}

/** What a phone shows that was given the secret. */
function phoneCode(string $base32, DateTimeImmutable $now): string
{
    $bits = implode('', array_map(
        fn (string $letter): string => sprintf('%05b', strpos('ABCDEFGHIJKLMNOPQRSTUVWXYZ234567', $letter)),
        str_split($base32),
    ));

    return (new Totp(implode('', array_map(fn (string $eight): string => chr((int) bindec($eight)), str_split($bits, 8)))))
        ->code(Totp::stepAt($now));
}
