<?php

declare(strict_types=1);

namespace App\Queries\Reports;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Context\Kit\BandWear;
use App\Context\Kit\GymKit;
use App\Formats\Day;
use App\Models\Kit\Band;
use App\Models\Kit\BandInspection;
use App\Responses\Reports\BandLineResponse;
use App\Responses\Reports\BandReportResponse;
use Illuminate\Database\ConnectionInterface;
use SteadyRung\Kit\Band\BandFinding;
use SteadyRung\Kit\Band\CalibrationAge;
use SteadyRung\Kit\Kit;
use SteadyRung\Report\Spell;
use SteadyRung\Report\Waiting;

/**
 * How long the gym's bands have lived and are likely to: the life of a band is counted in sets, and ends when it is put out with a fault.
 */
final readonly class BandReportQuery
{
    private const MOST = 2;

    private const WEEKS = 8;

    public function __construct(
        private ConnectionInterface $db,
        private CurrentGym $gym,
        private GymDay $days,
        private BandWear $wear,
    ) {
    }

    public function report(): BandReportResponse
    {
        $bands = array_values(GymKit::bands()->limit(self::MOST * Kit::MOST_BANDS)->get()->all());
        $ids = array_column($bands, 'id');
        $used = $this->used($ids);
        $worn = $this->wornOut($bands);
        $life = Waiting::of(array_map(static fn (Band $b): Spell => new Spell((float) $used[$b->id]->sets, isset($worn[$b->id])), $bands));
        $wear = $this->wear->of($ids);
        $today = Day::number($this->days->today());
        $lines = array_map(fn (Band $b): BandLineResponse => self::line($b, $used[$b->id], $wear[$b->id], $life->median(), $today), $bands);
        usort($lines, static fn (BandLineResponse $a, BandLineResponse $b): int => [$a->retired, -$a->sets, $a->name] <=> [$b->retired, -$b->sets, $b->name]);
        [$low, $high] = $life->medianRange();
        $whole = static fn (?float $sets): ?int => $sets === null ? null : (int) $sets;

        return new BandReportResponse(
            $this->days->today(),
            $lines,
            count($worn),
            $whole($life->median()),
            $whole($low),
            $whole($high),
        );
    }

    /** @param  array{inspected_on: string|null, uses: int}  $wear */
    private static function line(Band $band, \stdClass $used, array $wear, ?float $life, int $today): BandLineResponse
    {
        $due = BandWear::due($wear, $today);
        $retired = $band->retired_at !== null;

        return new BandLineResponse(
            id: $band->id,
            name: $band->name,
            retired: $retired,
            first_on: $used->first_on,
            last_on: $used->last_on,
            sets: (int) $used->sets,
            sets_a_week: (int) $used->lately / self::WEEKS,
            inspected_on: $wear['inspected_on'],
            due: ! $retired && $due->isDue,
            due_words: $due->text,
            measure_again: $retired ? null : CalibrationAge::words(
                $band->measured_on === null ? null : $today - Day::number($band->measured_on),
            ),
            sets_left: $retired || $life === null ? null : max(0, (int) $life - (int) $used->sets),
        );
    }

    /**
     * @param  list<Band>  $bands
     * @return array<string, true> those put out for good whose last look found a fault
     */
    private function wornOut(array $bands): array
    {
        $retired = array_column(array_filter($bands, static fn (Band $b): bool => $b->retired_at !== null), 'id');
        $last = BandInspection::query()->whereIn('band_id', $retired)->orderBy('inspected_on')->orderBy('created_at')->pluck('finding', 'band_id');

        return array_fill_keys($last->filter(static fn (BandFinding $f): bool => $f->isFault())->keys()->all(), true);
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, \stdClass>
     */
    private function used(array $ids): array
    {
        $since = $this->days->daysAgo(7 * self::WEEKS);

        return array_column($this->db->select(self::USED, [$since, '{'.implode(',', $ids).'}', $this->gym->id()]), null, 'id');
    }

    private const USED = <<<'SQL'
        SELECT band.id, used.sets, used.lately, used.first_on, used.last_on
        FROM (SELECT ?::date AS since, unnest(?::uuid[]) AS id) AS band
        CROSS JOIN LATERAL (
            SELECT count(*) AS sets, count(*) FILTER (WHERE b.trained_on > band.since) AS lately, min(b.trained_on) AS first_on, max(b.trained_on) AS last_on
            FROM set_bands b
            WHERE b.gym_id = ? AND b.band_id = band.id
                AND NOT EXISTS (SELECT 1 FROM logged_sets later WHERE later.gym_id = b.gym_id AND later.replaces_id = b.set_id)
        ) AS used
        SQL;
}
