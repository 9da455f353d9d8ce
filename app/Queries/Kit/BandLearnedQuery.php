<?php

declare(strict_types=1);

namespace App\Queries\Kit;

use App\Context\Athletes\LoadEstimate;
use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Models\Kit\Band;
use App\Responses\Kit\BandLearnedResponse;
use Illuminate\Database\ConnectionInterface;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Strength\Filter\AgreedError;
use SteadyRung\Strength\Filter\FeltLoad;

/**
 * Asks the log whether a band helps as it is taken for: of the athletes who used it lately alone on a bar, the errors learned of it.
 */
final readonly class BandLearnedQuery
{
    private const LATELY_DAYS = 60;

    private const MOST_ATHLETES = 60;

    public function __construct(
        private ConnectionInterface $db,
        private CurrentGym $gym,
        private GymDay $days,
        private LoadEstimate $estimates,
    ) {
    }

    public function of(Band $band): BandLearnedResponse
    {
        $learned = [];
        foreach ($this->loads($band) as $load) {
            $felt = FeltLoad::of((float) $load->effective_share, (float) $load->share_sd, $load->load_key);
            $error = $this->estimates->of($load->athlete_id, Pattern::from($load->pattern))->state?->errorOf($felt);
            if ($error !== null && $felt->sdLog() > 0.0) {
                $learned[] = ['share' => $felt->share, 'error' => $error->mean(), 'sd' => $error->sd(), 'before' => $felt->sdLog()];
            }
        }
        $agreed = AgreedError::of($learned);

        return new BandLearnedResponse($agreed?->inWords(), $agreed?->part, count($learned));
    }

    /** @return list<\stdClass> the latest load of each athlete on this band alone, as it is measured now */
    private function loads(Band $band): array
    {
        $keys = array_map(static fn (string $place): string => "band:$place:$band->id#{$band->toCore()->stamp()}", ['foot', 'knee']);

        return array_values($this->db->select(
            'SELECT s.athlete_id, s.pattern, s.load_key, s.effective_share, s.share_sd
            FROM (SELECT id FROM athletes WHERE gym_id = ? AND last_trained_on >= ? ORDER BY last_trained_on DESC LIMIT ?) a
            CROSS JOIN unnest(?::varchar[]) AS k(load_key) CROSS JOIN LATERAL (
                SELECT * FROM logged_sets l WHERE l.gym_id = ? AND l.athlete_id = a.id AND l.load_key = k.load_key AND NOT l.withdrawn ORDER BY l.performed_at DESC LIMIT 1
            ) s',
            [
                $this->gym->id(),
                $this->days->daysAgo(self::LATELY_DAYS),
                self::MOST_ATHLETES,
                '{"'.implode('","', $keys).'"}',
                $this->gym->id(),
            ],
        ));
    }
}
