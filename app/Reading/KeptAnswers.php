<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\CurrentGym;
use App\Models\GymKit;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;
use SteadyRung\Body\Body;

/**
 * Answers that follow from a body and a kit alone, kept for as long as that kit stands.
 */
final readonly class KeptAnswers
{
    private const DAYS = 30;

    public function __construct(private ConnectionInterface $db, private CurrentGym $gym, private GymKit $kit, private ClockInterface $clock)
    {
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
            'question' => hash('sha256', json_encode([$this->kit->outToday() === [] ? $question : [$question, 'without' => $this->kit->outToday()], $body->massKg, $body->statureM, $body->reachM, $body->reachSource->value, $body->proportions->value], JSON_THROW_ON_ERROR)),
            'kit_version' => $this->kit->version(),
        ];
        $kept = $this->db->table('kept_answers')->where($key)->value('answer');
        if (is_string($kept)) {
            return $kept;
        }
        $answer = json_encode($find(), JSON_THROW_ON_ERROR);
        $this->forget();
        $this->db->table('kept_answers')->insertOrIgnore([...$key, 'answer' => $answer, 'kept_at' => $this->clock->now()]);

        return $answer;
    }

    /** Drops what was found for another kit or long ago. */
    private function forget(): void
    {
        $before = $this->clock->now()->modify(sprintf('-%d days', self::DAYS));
        $this->db->table('kept_answers')->where('gym_id', $this->gym->id())
            ->where(fn ($q) => $q->where('kit_version', '<>', $this->kit->version())->orWhere('kept_at', '<', $before))->delete();
    }
}
