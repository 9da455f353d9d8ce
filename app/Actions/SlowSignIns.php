<?php

declare(strict_types=1);

namespace App\Actions;

use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * Slows wrong passwords down: the wait doubles with every failure, for an account and for an address apart, so that guessing
 * at one neither locks its owner out on a device that is known nor anybody else.
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
     * Counts a try before its password is looked at, so that many at once are slowed down too.
     *
     * @throws Problem if it has to wait
     */
    public function begin(string $email, string $address, bool $knownDevice): void
    {
        $keys = [self::key('address', $address) => self::FREE_FOR_ADDRESS];
        if (! $knownDevice) {
            $keys[self::key('account', $email)] = self::FREE_FOR_ACCOUNT;
        }
        $wait = 0;
        foreach (array_keys($keys) as $key) {
            $until = $this->db->table('sign_in_delays')->where('key', $key)->value('until');
            $wait = max($wait, is_string($until) ? (new \DateTimeImmutable($until))->getTimestamp() - $this->clock->now()->getTimestamp() : 0);
        }
        if ($wait > 0) {
            throw new Problem(ProblemCode::TooManyTries, "Too many wrong passwords. Wait $wait s, then try again.", retryAfterS: $wait);
        }
        foreach ($keys as $key => $free) {
            $this->count($key, $free);
        }
    }

    /** A right password forgets what went wrong with the account, and is no failure of the address. */
    public function succeeded(string $email, string $address): void
    {
        $delays = $this->db->table('sign_in_delays');
        $delays->clone()->where('key', self::key('account', $email))->delete();
        $delays->where('key', self::key('address', $address))->decrement('failures', 1, ['until' => $this->clock->now()]);
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

    private static function key(string $kind, string $of): string
    {
        return hash('sha256', "$kind|$of");
    }
}
