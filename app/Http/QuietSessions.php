<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * Sessions in the database, written only where something changed or the last write is a while ago. However busy one is, it
 * ends some days after signing in; one that nobody signed in with is soon swept away.
 */
final class QuietSessions implements \SessionHandlerInterface
{
    private const TABLE = 'sessions';

    /** Idle time is known to this precision. */
    private const FRESH_S = 60;

    private const AGENT_LETTERS = 250;

    private const LONGEST_S = 7 * 86400;

    private const ANONYMOUS_S = 3600;

    /** @var array{id: string, payload: string, last_activity: int, began_at: int}|null as it was read */
    private ?array $row = null;

    public function __construct(
        private readonly ConnectionInterface $db,
        private readonly ClockInterface $clock,
        private readonly int $idleMinutes,
        private readonly ?string $agent,
    ) {
    }

    public function open(string $path, string $name): bool
    {
        return true;
    }

    public function close(): bool
    {
        return true;
    }

    public function read(string $id): string
    {
        $now = $this->clock->now()->getTimestamp();
        $row = $this->db->table(self::TABLE)->where('id', $id)
            ->where('last_activity', '>', $now - 60 * $this->idleMinutes)->where('began_at', '>', $now - self::LONGEST_S)->first();
        $this->row = $row === null
            ? null
            : [
                'id' => $id,
                'payload' => (string) $row->payload,
                'last_activity' => (int) $row->last_activity,
                'began_at' => (int) $row->began_at,
            ];

        return $this->row === null ? '' : (string) base64_decode($this->row['payload'], true);
    }

    public function write(string $id, string $data): bool
    {
        $now = $this->clock->now()->getTimestamp();
        $payload = base64_encode($data);
        $row = $this->row !== null && $this->row['id'] === $id ? $this->row : null;
        if ($row === null || $row['payload'] !== $payload || $row['last_activity'] <= $now - self::FRESH_S) {
            $this->db->table(self::TABLE)->upsert(
                [[
                    'id' => $id,
                    'user_id' => self::userIn($data),
                    'payload' => $payload,
                    'last_activity' => $now,
                    'began_at' => $row['began_at'] ?? $now,
                    'agent' => $this->agent === null ? null : mb_substr(mb_scrub($this->agent), 0, self::AGENT_LETTERS),
                ]],
                ['id'],
                ['user_id', 'payload', 'last_activity'],
            );
        }

        return true;
    }

    public function destroy(string $id): bool
    {
        $this->db->table(self::TABLE)->where('id', $id)->delete();

        return true;
    }

    public function gc(int $lifetime): int
    {
        $now = $this->clock->now()->getTimestamp();

        return $this->db->table(self::TABLE)->where('last_activity', '<', $now - $lifetime)->orWhere(
            'began_at',
            '<',
            $now - self::LONGEST_S,
        )
            ->orWhere(static fn ($q) => $q->whereNull('user_id')->where('last_activity', '<', $now - self::ANONYMOUS_S))->delete();
    }

    /** Whoever is signed in, as the guard keeps it. */
    private static function userIn(string $data): ?string
    {
        return preg_match('/login_web_[0-9a-f]{40}";s:36:"([0-9a-f-]{36})"/', $data, $m) === 1 ? $m[1] : null;
    }
}
