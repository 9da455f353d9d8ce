<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Workout;

/**
 * The pulls of a class workout, round by round, as a coach types them: “21-15-9 pull-ups”, “5 rounds, 10 pulls”, “5 × 10”, “30 pulls”.
 */
final readonly class Task
{
    private const MOST_ROUNDS = 20;

    private const MOST_A_ROUND = 100;

    private const MOST = 300;

    /** In sets of so many, where nobody says otherwise: more in a row is row work (common practice). */
    private const USUAL_SET = 10;

    /** What comes after the counts: pulls, with what is said of them. */
    private const OF_PULLS = '(?:of\s+)?(?:[\w\s,+&-]*\b(?:pull|chin|row|rep)[\w-]*\b.*)?';

    /** @param  non-empty-list<int>  $rounds  reps of each */
    private function __construct(public array $rounds)
    {
    }

    /**
     * @param  non-empty-list<int>  $rounds  up to 20 of up to 100 reps, 300 together
     *
     * @throws UnreadableTask if there are more, or a round has none
     */
    public static function of(array $rounds): self
    {
        if (min($rounds) < 1 || max($rounds) > self::MOST_A_ROUND) {
            throw new UnreadableTask(sprintf('A round has 1 to %d pulls.', self::MOST_A_ROUND));
        }
        if (count($rounds) > self::MOST_ROUNDS || array_sum($rounds) > self::MOST) {
            throw new UnreadableTask(sprintf('At most %d rounds and %d pulls in all.', self::MOST_ROUNDS, self::MOST));
        }

        return new self($rounds);
    }

    /** @throws UnreadableTask if it is none of the forms above, or too much */
    public static function read(string $text): self
    {
        $typed = mb_strtolower(trim($text));
        $tail = '\s*'.self::OF_PULLS.'$~u';

        return match (true) {
            preg_match('~^(\d{1,3}(?:\s*[-–,/]\s*\d{1,3})+)'.$tail, $typed, $m) === 1 => self::of(
                array_map(intval(...), preg_split('~\s*[-–,/]\s*~u', $m[1]) ?: [0]),
            ),
            preg_match('~^(\d{1,2})\s*(?:rounds?(?:\s+for\s+time)?\s*[,:]?|[x×*])\s*(?:of\s+)?(\d{1,3})'.$tail, $typed, $m) === 1 => self::of(
                array_fill(0, max(1, (int) $m[1]), $m[1] === '0' ? 0 : (int) $m[2]),
            ),
            preg_match('~^(\d{1,3})'.$tail, $typed, $m) === 1 => self::of([(int) $m[1]]),
            default => throw new UnreadableTask('Type the pulls of the workout, like “21-15-9 pull-ups” or “5 rounds, 10 pulls”.'),
        };
    }

    public function total(): int
    {
        return array_sum($this->rounds);
    }

    /** How many in a row it wants, where the coach does not say. */
    public function usualSet(): int
    {
        return min(self::USUAL_SET, max($this->rounds));
    }

    /** Half of each round, for whom the whole is too much. */
    public function half(): self
    {
        return new self(array_map(static fn (int $reps): int => max(1, intdiv($reps, 2)), $this->rounds));
    }

    /** “21-15-9 pulls”, “5 rounds, 10 pulls each”, “30 pulls”. */
    public function words(): string
    {
        return match (true) {
            count($this->rounds) === 1 => "{$this->rounds[0]} pulls",
            count(array_unique($this->rounds)) === 1 => sprintf('%d rounds, %d pulls each', count($this->rounds), $this->rounds[0]),
            default => implode('-', $this->rounds).' pulls',
        };
    }
}
