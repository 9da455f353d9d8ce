<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Day;
use App\Models\Athlete;
use App\Models\GymDay;
use App\Models\LoggedSet;
use App\Models\PainReport;
use App\Models\ScreeningLook;
use App\Models\ScreeningRecord;
use App\Models\User;
use Illuminate\Support\Collection;
use SteadyRung\Safety\Limit;
use SteadyRung\Safety\Mobility;
use SteadyRung\Safety\ScreenDue;

/**
 * What screens leave to do, and the screens themselves.
 */
final readonly class ScreeningReading
{
    private const MOST = 50;

    public function __construct(private GymDay $days)
    {
    }

    public function standing(Athlete $athlete): ScreenStandingJson
    {
        $limits = $athlete->limits();
        $stiff = ! $limits->isCleared || $limits->bars(Limit::NoOverhead);

        return new ScreenStandingJson(
            $athlete->screened_at === null ? null : $this->days->of($athlete->screened_at),
            $athlete->screen_outcome,
            $athlete->screen_limits,
            $athlete->screen_most_share,
            $this->due($athlete)?->words(),
            $stiff ? array_map(MobilityJson::of(...), Mobility::cases()) : [],
        );
    }

    public function list(Athlete $athlete): ScreeningListJson
    {
        $screens = ScreeningRecord::query()->where('athlete_id', $athlete->id)->orderByDesc('screened_at')->limit(self::MOST)->get(['id', 'user_id', 'outcome', 'limits', 'screened_at']);
        $looks = ScreeningLook::query()->whereIn('screening_id', $screens->modelKeys())->toBase()->selectRaw('screening_id, count(*) AS looks')->groupBy('screening_id')->pluck('looks', 'screening_id');
        $coaches = User::query()->pluck('name', 'id');

        return new ScreeningListJson(array_values($screens->map(fn (ScreeningRecord $s): ScreeningEntryJson => $this->entry($s, $coaches, (int) ($looks[$s->id] ?? 0)))->all()));
    }

    /** With its answers; the look at them is kept by whoever shows them. */
    public function one(ScreeningRecord $screen): ScreeningJson
    {
        $looks = ScreeningLook::query()->where('screening_id', $screen->id)->orderByDesc('looked_at')->limit(self::MOST)->get();
        $coaches = User::query()->pluck('name', 'id');

        return new ScreeningJson(
            $this->entry($screen, $coaches, $looks->count()),
            (object) $screen->answers['given'],
            $screen->answers['reasons'],
            array_values($looks->map(static fn (ScreeningLook $l): ScreeningLookJson => new ScreeningLookJson((string) ($coaches[$l->user_id] ?? ''), $l->looked_at->utc()->format('Y-m-d\TH:i:s\Z')))->all()),
        );
    }

    public function due(Athlete $athlete): ?ScreenDue
    {
        $at = $athlete->screened_at;
        $pain = $at !== null && (PainReport::latestOf($athlete->id, $at) !== null || LoggedSet::painTold($athlete->id, $at)->exists());

        return ScreenDue::on(
            Day::number($this->days->today()),
            $at === null ? null : Day::number($this->days->of($at)),
            $athlete->last_trained_on === null ? null : Day::number($athlete->last_trained_on),
            $pain,
        );
    }

    /** @param  Collection<array-key, mixed>  $coaches  names by id */
    private function entry(ScreeningRecord $screen, Collection $coaches, int $looks): ScreeningEntryJson
    {
        return new ScreeningEntryJson($screen->id, $this->days->of($screen->screened_at), (string) ($coaches[$screen->user_id] ?? ''), $screen->outcome, $screen->limits, $looks);
    }
}
