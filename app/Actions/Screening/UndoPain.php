<?php

declare(strict_types=1);

namespace App\Actions\Screening;

use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Actions\RefreshAthlete;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Log\LoggedSet;
use App\Models\Log\SignalRecord;
use App\Models\Screening\PainReport;
use App\Models\Screening\PainUndoing;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/**
 * Undoes pain or a symptom tapped by mistake: for ten minutes, by whoever told it. It stays in the log as undone; later only a note
 * clears it.
 */
final readonly class UndoPain
{
    public const WITHIN_S = 600;

    public function __construct(
        private LockAthlete $athletes,
        private InsertOnce $storeOnce,
        private RefreshAthlete $refresh,
        private ClockInterface $clock,
    ) {
    }

    /** @throws Problem if no such thing was told, somebody else told it, or it is too long ago */
    public function undo(Athlete $athlete, ?User $coach, PainUndone $undone): void
    {
        $this->athletes->during($athlete->id, function (Athlete $athlete) use ($coach, $undone): void {
            if (PainUndoing::query()->where('told_id', $undone->told_id)->exists()) {
                return;
            }
            [$by, $at] = $this->told($athlete->id, $undone->told_id)
                ?? throw new Problem(ProblemCode::NotFound, 'No pain and no symptom was told under this id.');
            if ($by !== $coach?->id) {
                throw new Problem(
                    ProblemCode::PullingPaused,
                    'Somebody else told it. Only they can undo it; otherwise clear it with a note.',
                );
            }
            if ($this->clock->now()->getTimestamp() - $at->getTimestamp() > self::WITHIN_S) {
                throw new Problem(ProblemCode::PullingPaused, 'It was told more than ten minutes ago. Clear it with a note.');
            }
            $this->storeOnce->store(
                new PainUndoing([
                    'id' => $undone->id,
                    'athlete_id' => $athlete->id,
                    'user_id' => $coach?->id,
                    'told_id' => $undone->told_id,
                    'told_at' => $at,
                    'undone_at' => $this->clock->now(),
                ]),
                $undone,
                ['athlete' => $athlete->id],
            );
            foreach ($this->placesAlone($athlete, $undone->told_id, $at) as $report) {
                PainUndoing::query()->create([
                    'id' => (string) Str::uuid7(),
                    'gym_id' => $report->gym_id,
                    'athlete_id' => $athlete->id,
                    'user_id' => $coach?->id,
                    'told_id' => $report->id,
                    'told_at' => $report->told_at,
                    'undone_at' => $this->clock->now(),
                ]);
            }
            $this->refresh->fromPain($athlete);
        });
    }

    /**
     * A place that was told a moment before its degree is the same pain.
     *
     * @return iterable<PainReport>
     */
    private function placesAlone(Athlete $athlete, string $toldId, \DateTimeInterface $at): iterable
    {
        $with = PainReport::query()->where('athlete_id', $athlete->id)->find($toldId);
        $before = \DateTimeImmutable::createFromInterface($at)->modify(sprintf('-%d seconds', self::WITHIN_S));

        return $with === null
            ? []
            : PainUndoing::leftOut(PainReport::query(), 'told_at')->where('athlete_id', $athlete->id)
                ->where('user_id', $with->user_id)
                ->where('told_at', '>=', $before)
                ->where('told_at', '<', $at)
                ->get()
                ->filter(static fn (PainReport $r): bool => $r->pain->level === null && $r->pain->place === $with->pain->place);
    }

    /** @return array{string|null, \DateTimeInterface}|null by whom and when */
    private function told(string $athleteId, string $toldId): ?array
    {
        $report = PainReport::query()->where('athlete_id', $athleteId)->find($toldId);
        $set = $report === null ? LoggedSet::query()->where('athlete_id', $athleteId)->whereNotNull('pain_told_at')->find($toldId) : null;
        $signal = $report === null && $set === null
            ? SignalRecord::query()->where('athlete_id', $athleteId)->where('symptoms', '<>', '[]')->find($toldId)
            : null;

        return match (true) {
            $report !== null => [$report->user_id, $report->told_at],
            $set?->pain_told_at !== null => [$set->user_id, $set->pain_told_at],
            $signal !== null => [$signal->user_id, $signal->told_at],
            default => null,
        };
    }
}
