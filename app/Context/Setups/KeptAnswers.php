<?php

declare(strict_types=1);

namespace App\Context\Setups;

use App\Context\Gym\CurrentGym;
use App\Context\Kit\GymKit;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;
use SteadyRung\Body\Body;

/**
 * Answers that follow from a body and a kit alone, kept for as long as that kit stands.
 */
final readonly class KeptAnswers
{
    private const DAYS = 30;

    public function __construct(
        private ConnectionInterface $db,
        private CurrentGym $gym,
        private GymKit $kit,
        private ClockInterface $clock,
    ) {
    }

    /**
     * The kept answer to a question about this body and the kit of today, or the one found now.
     *
     * @param  array<mixed>  $question
     * @param  \Closure(): array<mixed>  $find
     * @return string the answer as JSON
     */
    public function to(array $question, Body $body, \Closure $find): string
    {
        $key = [
            'gym_id' => $this->gym->id(),
            'question' => hash(
                'sha256',
                json_encode(
                    [
                        $this->kit->outToday() === [] ? $question : [$question, 'without' => $this->kit->outToday()],
                        $body->massKg,
                        $body->statureM,
                        $body->reachM,
                        $body->reachSource->value,
                        $body->proportions->value,
                        $body->top->value,
                    ],
                    JSON_THROW_ON_ERROR,
                ),
            ),
            'kit_version' => $this->kit->version(),
        ];
        $kept = $this->db->table('kept_answers')->where($key)->value('answer');
        if (is_string($kept)) {
            return $kept;
        }
        $answer = json_encode($find(), JSON_THROW_ON_ERROR);
        $this->forget();
        $this->keep($key, $answer);

        return $answer;
    }

    /**
     * Kept unless somebody else keeps the same just now: nobody waits for what can be found again.
     *
     * @param  array{gym_id: string, question: string, kit_version: int}  $key
     */
    private function keep(array $key, string $answer): void
    {
        $this->db->insert(
            'INSERT INTO kept_answers (gym_id, question, kit_version, answer, kept_at) SELECT ?, ?, ?, ?, ? WHERE pg_try_advisory_xact_lock(hashtextextended(?, 0)) ON CONFLICT DO NOTHING',
            [...array_values($key), $answer, $this->clock->now(), implode(' ', $key)],
        );
    }

    /** Drops what was found for another kit or long ago, but for what somebody else drops just now. */
    private function forget(): void
    {
        $this->db->delete(
            'DELETE FROM kept_answers WHERE ctid = ANY (ARRAY(SELECT ctid FROM kept_answers WHERE gym_id = ? AND (kit_version <> ? OR kept_at < ?) FOR UPDATE SKIP LOCKED))',
            [$this->gym->id(), $this->kit->version(), $this->clock->now()->modify(sprintf('-%d days', self::DAYS))],
        );
    }
}
