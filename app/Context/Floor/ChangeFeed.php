<?php

declare(strict_types=1);

namespace App\Context\Floor;

use App\Context\Gym\CurrentGym;
use Illuminate\Database\ConnectionInterface;

/**
 * Of whom something new was told, numbered in the order in which it came to stand: the number is taken last before a command
 * stands, and the gym's row is held until then, so nobody who asks for what is later than a number misses one.
 */
readonly class ChangeFeed
{
    /** News of the gym itself: gear that went out of use, or came back. */
    public const OF_GYM = '00000000-0000-0000-0000-000000000000';

    /** Who asks for what is older reads everything anew. */
    private const KEPT = 5000;

    private const TIDIED_EVERY = 500;

    public function __construct(private ConnectionInterface $db, private CurrentGym $gym)
    {
    }

    public function tell(string $athleteId): void
    {
        $n = (int) $this->db->selectOne(
            'WITH next AS (UPDATE gyms SET news = news + 1 WHERE id = ? RETURNING id, news) INSERT INTO news (gym_id, n, athlete_id) SELECT id, news, ?::uuid FROM next RETURNING n',
            [$this->gym->id(), $athleteId],
        )->n;
        if ($n % self::TIDIED_EVERY === 0) {
            $this->db->table('news')->where('gym_id', $this->gym->id())->where('n', '<', $n - self::KEPT)->delete();
        }
    }

    public function latest(): int
    {
        return (int) $this->db->table('gyms')->where('id', $this->gym->id())->value('news');
    }

    /**
     * Of whom there is news later than a number, and the number of the latest; null where so much is not kept.
     *
     * @return array{int, list<string>|null}
     */
    public function since(int $n): array
    {
        $latest = $this->latest();
        if ($latest === $n) {
            return [$n, []];
        }
        if ($n > $latest || $latest - $n > self::KEPT - self::TIDIED_EVERY) {
            return [$latest, null];
        }

        return [$latest, array_values($this->db->table('news')
            ->where('gym_id', $this->gym->id())
            ->where('n', '>', $n)
            ->where('n', '<=', $latest)
            ->distinct()->pluck('athlete_id')->map(static fn (mixed $id): string => (string) $id)->all())];
    }

    /**
     * The number of the latest news of each.
     *
     * @param  list<string>  $athleteIds
     * @return array<string, int>
     */
    public function newestOf(array $athleteIds): array
    {
        return $this->db->table('news')->where('gym_id', $this->gym->id())->whereIn('athlete_id', $athleteIds)->groupBy('athlete_id')
            ->selectRaw('athlete_id, max(n) AS newest')->pluck('newest', 'athlete_id')->map(static fn (mixed $n): int => (int) $n)->all();
    }
}
