<?php

declare(strict_types=1);

namespace App\Actions\Gym;

use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * Slows wrong passwords down: the wait doubles with every failure, for an account and for an address apart. A device on which the
 * account was signed in before is counted by itself, so that guessing locks nobody out where they are known.
 */
final readonly class SlowSignIns
{
    private const FREE_FOR_ACCOUNT = 4;

    private const FREE_FOR_ADDRESS = 20;

    private const LONGEST_S = 900;

    private const FORGOTTEN_S = 86400;

    public function __construct(private ConnectionInterface $db, private ClockInterface $clock)
    {
    }

    /**
     * @param  string|null  $device  one that the account is known on
     *
     * @throws Problem if it has to wait
     */
    public function begin(string $email, string $address, ?string $device = null): void
    {
        $wait = 0;
        foreach (array_keys(self::keys($email, $address, $device)) as $key) {
            $until = $this->db->table('sign_in_delays')->where('key', $key)->value('until');
            $left = is_string($until) ? (new \DateTimeImmutable($until))->getTimestamp() - $this->clock->now()->getTimestamp() : 0;
            $wait = max($wait, $left > self::LONGEST_S ? 0 : $left); // a clock that was set back makes nobody wait for it
        }
        if ($wait > 0) {
            throw new Problem(ProblemCode::TooManyTries, "Too many wrong passwords. Wait $wait s, then try again.", retryAfterS: $wait);
        }
    }

    public function failed(string $email, string $address, ?string $device = null): void
    {
        foreach (self::keys($email, $address, $device) as $key => $free) {
            $this->count($key, $free);
        }
    }

    /** A right password forgets what went wrong with the account. */
    public function succeeded(string $email, string $address, ?string $device = null): void
    {
        $this->db->table('sign_in_delays')->whereIn(
            'key',
            array_diff(array_keys(self::keys($email, $address, $device)), [self::key('address', $address)]),
        )->delete();
    }

    private function count(string $key, int $free): void
    {
        $now = $this->clock->now();
        $this->db->table('sign_in_delays')->where('until', '<', $now->modify(sprintf('-%d seconds', self::FORGOTTEN_S)))->delete();
        $failures = (int) $this->db->selectOne(
            'INSERT INTO sign_in_delays (key, failures, until) VALUES (?, 1, ?) ON CONFLICT (key) DO UPDATE SET failures = sign_in_delays.failures + 1 RETURNING failures',
            [$key, $now],
        )->failures;
        $wait = $failures <= $free ? 0 : min(self::LONGEST_S, 2 ** min(20, $failures - $free + 2));
        $this->db->table('sign_in_delays')->where('key', $key)->update(['until' => $now->modify("+$wait seconds")]);
    }

    /** @return array<string, int> how many failures are free, by key */
    private static function keys(string $email, string $address, ?string $device): array
    {
        return $device === null
            ? [self::key('account', $email) => self::FREE_FOR_ACCOUNT, self::key('address', $address) => self::FREE_FOR_ADDRESS]
            : [self::key('device', $device) => self::FREE_FOR_ACCOUNT];
    }

    private static function key(string $kind, string $of): string
    {
        return hash('sha256', "$kind|$of");
    }
}
