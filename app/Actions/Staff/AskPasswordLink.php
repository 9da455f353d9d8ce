<?php

declare(strict_types=1);

namespace App\Actions\Staff;

use App\Actions\Gym\SlowTries;
use App\Models\Gym\PasswordLink;
use App\Problems\Problem;
use Illuminate\Contracts\Bus\Dispatcher;

/**
 * Has a link mailed to whoever forgot their password, and finds one again by what stands behind its #. Neither says who has an account,
 * and both are slowed down.
 */
final readonly class AskPasswordLink
{
    private const FREE_FOR_ACCOUNT = 2;

    private const FREE_FOR_ADDRESS = 20;

    public function __construct(private SlowTries $tries, private Dispatcher $bus)
    {
    }

    /** @throws Problem if it was asked for too often */
    public function forgotten(string $email, string $address): void
    {
        $keys = [
            SlowTries::key('forgotten', $email) => self::FREE_FOR_ACCOUNT,
            SlowTries::key('forgotten at', $address) => self::FREE_FOR_ADDRESS,
        ];
        $this->tries->begin(array_keys($keys), 'asked for in a row');
        foreach ($keys as $key => $free) {
            $this->tries->failed($key, $free);
        }
        $this->bus->dispatch(new MailForgottenJob($email));
    }

    /** @throws Problem if there is none, or too many wrong ones came from the address */
    public function find(#[\SensitiveParameter] string $token, string $address): PasswordLink
    {
        return $this->tries->guess('password link', $address, 'wrong links', static fn (): ?PasswordLink => PasswordLink::sent($token))
            ?? throw ChoosePassword::ended();
    }
}
