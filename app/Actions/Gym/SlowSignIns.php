<?php

declare(strict_types=1);

namespace App\Actions\Gym;

use App\Problems\Problem;

/**
 * Slows wrong passwords down, for an account and for an address apart. A device on which the account was signed in before is counted by
 * itself, so that guessing locks nobody out where they are known.
 */
final readonly class SlowSignIns
{
    private const FREE_FOR_ACCOUNT = 4;

    private const FREE_FOR_ADDRESS = 20;

    public function __construct(private SlowTries $tries)
    {
    }

    /**
     * @param  string|null  $device  one that the account is known on
     *
     * @throws Problem if it has to wait
     */
    public function begin(string $email, string $address, ?string $device = null): void
    {
        $this->tries->begin(array_keys(self::keys($email, $address, $device)), 'wrong passwords');
    }

    public function failed(string $email, string $address, ?string $device = null): void
    {
        foreach (self::keys($email, $address, $device) as $key => $free) {
            $this->tries->failed($key, $free);
        }
    }

    /** A right password forgets what went wrong with the account. */
    public function succeeded(string $email, string $address, ?string $device = null): void
    {
        $this->tries->forget(array_values(array_diff(
            array_keys(self::keys($email, $address, $device)),
            [SlowTries::key('address', $address)],
        )));
    }

    /** @return array<string, int> how many failures are free, by key */
    private static function keys(string $email, string $address, ?string $device): array
    {
        return $device === null
            ? [SlowTries::key('account', $email) => self::FREE_FOR_ACCOUNT, SlowTries::key('address', $address) => self::FREE_FOR_ADDRESS]
            : [SlowTries::key('device', $device) => self::FREE_FOR_ACCOUNT];
    }
}
