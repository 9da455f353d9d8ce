<?php

declare(strict_types=1);

namespace App\Queries\Log;

use App\Models\Athletes\Athlete;
use App\Models\Log\LoggedSet;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use SteadyRung\OutOfRange;
use SteadyRung\Plan\Diary\Purpose;

/**
 * Which sets of the gym's log: of whom, on what, done for what, on which days; never of more than two years at once.
 */
final readonly class LogFilter
{
    private const USUAL_DAYS = 90;

    private const MOST_DAYS = 731;

    /**
     * @param  string|null  $exercise  words that its name holds, in any order
     * @param  string  $from  day
     * @param  string  $to  day
     *
     * @throws OutOfRange if the days are too many, or end before they begin
     */
    public function __construct(
        private ?string $athleteId,
        private ?string $tag,
        private ?string $exercise,
        private ?Purpose $purpose,
        public string $from,
        public string $to,
    ) {
        $days = (int) CarbonImmutable::parse($from)->diffInDays(CarbonImmutable::parse($to));
        OutOfRange::guard(['from' => [$days, [0, self::MOST_DAYS]]]);
    }

    /** Where the days begin if nothing is said. */
    public static function before(string $to): string
    {
        return CarbonImmutable::parse($to)->subDays(self::USUAL_DAYS)->toDateString();
    }

    /** @return Builder<LoggedSet> the sets that stand, newest first */
    public function sets(): Builder
    {
        $sets = LoggedSet::standingAnywhere()->where('trained_on', '>=', $this->from)
            ->where('trained_on', '<=', $this->to)
            ->when($this->athleteId !== null, fn (Builder $q) => $q->where('athlete_id', $this->athleteId))
            ->when($this->purpose !== null, fn (Builder $q) => $q->where('purpose', $this->purpose))
            ->when($this->tag !== null, fn (Builder $q) => $q->whereIn(
                'athlete_id',
                Athlete::query()->whereRaw('tags @> ?::jsonb', [json_encode([$this->tag], JSON_THROW_ON_ERROR)])->select('id'),
            ));
        foreach (preg_split('/[\s,]+/', (string) $this->exercise, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $sets->where('setup_name', 'ilike', '%'.addcslashes($word, '%_\\').'%');
        }

        return $sets->orderByDesc('trained_on')->orderByDesc('performed_at')->orderByDesc('id');
    }
}
