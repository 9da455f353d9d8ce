<?php

declare(strict_types=1);

namespace App\Actions\Gym;

use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * Counts wrong tries by what they are counted for: some are free, then the wait doubles with every one.
 */
final readonly class SlowTries
{
    /** Wrong ones from one address that cost nobody anything. */
    public const FREE_GUESSES = 20;

    private const LONGEST_S = 900;

    private const FORGOTTEN_S = 86400;

    public function __construct(private ConnectionInterface $db, private ClockInterface $clock)
    {
    }

    /**
     * @param  list<string>  $keys
     *
     * @throws Problem if one of them has to wait
     */
    public function begin(array $keys, string $what): void
    {
        $wait = 0;
        foreach ($keys as $key) {
            $until = $this->db->table('sign_in_delays')->where('key', $key)->value('until');
            $left = is_string($until) ? (new \DateTimeImmutable($until))->getTimestamp() - $this->clock->now()->getTimestamp() : 0;
            $wait = max($wait, $left > self::LONGEST_S ? 0 : $left); // a clock that was set back makes nobody wait for it
        }
        if ($wait > 0) {
            throw new Problem(ProblemCode::TooManyTries, "Too many $what. Wait $wait s, then try again.", retryAfterS: $wait);
        }
    }

    public function failed(string $key, int $free): void
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

    /**
     * What somebody at an address shows a key for: after some that open nothing each costs a wait.
     *
     * @template T
     *
     * @param  \Closure(): (T|null)  $open
     * @return T|null
     *
     * @throws Problem if they have to wait
     */
    public function guess(string $kind, string $address, string $what, \Closure $open): mixed
    {
        $key = self::key($kind, $address);
        $this->begin([$key], $what);
        $opened = $open();
        $opened !== null || $this->failed($key, self::FREE_GUESSES);

        return $opened;
    }

    /** @param  list<string>  $keys */
    public function forget(array $keys): void
    {
        $this->db->table('sign_in_delays')->whereIn('key', $keys)->delete();
    }

    public static function key(string $kind, string $of): string
    {
        return hash('sha256', "$kind|$of");
    }
}
