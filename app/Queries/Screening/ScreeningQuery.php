<?php

declare(strict_types=1);

namespace App\Queries\Screening;

use App\Context\Gym\GymDay;
use App\Context\Screening\ConsentStates;
use App\Formats\Day;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Screening\PainReport;
use App\Models\Screening\ScreeningLook;
use App\Models\Screening\ScreeningRecord;
use App\Responses\Screening\MobilityResponse;
use App\Responses\Screening\ScreeningEntryResponse;
use App\Responses\Screening\ScreeningListResponse;
use App\Responses\Screening\ScreeningLookResponse;
use App\Responses\Screening\ScreeningResponse;
use App\Responses\Screening\ScreenStandingResponse;
use Illuminate\Support\Collection;
use SteadyRung\Safety\Limit;
use SteadyRung\Safety\Mobility;
use SteadyRung\Safety\ScreenDue;

/**
 * What screens leave to do, and the screens themselves.
 */
final readonly class ScreeningQuery
{
    private const MOST = 50;

    public function __construct(private GymDay $days, private ConsentStates $consents)
    {
    }

    public function standing(Athlete $athlete): ScreenStandingResponse
    {
        $limits = $athlete->limits();
        $consent = $this->consents->of([$athlete->id])[$athlete->id] ?? null;
        $stiff = ! $limits->isCleared || $limits->bars(Limit::NoOverhead);

        return new ScreenStandingResponse(
            $athlete->screened_at === null ? null : $this->days->of($athlete->screened_at),
            $athlete->screen_outcome,
            $athlete->screen_limits,
            $athlete->screen_most_share,
            $this->due($athlete)?->words(),
            $stiff ? array_map(MobilityResponse::of(...), Mobility::cases()) : [],
            $consent,
            $consent?->words(),
        );
    }

    public function list(Athlete $athlete): ScreeningListResponse
    {
        $screens = ScreeningRecord::query()->where('athlete_id', $athlete->id)
            ->orderByDesc('screened_at')
            ->limit(self::MOST)
            ->get(['id', 'user_id', 'outcome', 'limits', 'screened_at']);
        $looks = ScreeningLook::query()->whereIn('screening_id', $screens->modelKeys())
            ->toBase()
            ->selectRaw('screening_id, count(*) AS looks')
            ->groupBy('screening_id')
            ->pluck('looks', 'screening_id');
        $coaches = User::query()->pluck('name', 'id');

        return new ScreeningListResponse(array_values(
            $screens->map(
                fn (ScreeningRecord $s): ScreeningEntryResponse => $this->entry($s, $coaches, (int) ($looks[$s->id] ?? 0)),
            )->all(),
        ));
    }

    /** With its answers; the look at them is kept by whoever shows them. */
    public function one(ScreeningRecord $screen): ScreeningResponse
    {
        $looks = ScreeningLook::query()->where('screening_id', $screen->id)->orderByDesc('looked_at')->limit(self::MOST)->get();
        $coaches = User::query()->pluck('name', 'id');

        return new ScreeningResponse(
            $this->entry($screen, $coaches, $looks->count()),
            (object) $screen->answers['given'],
            $screen->answers['reasons'],
            array_values(
                $looks->map(
                    static fn (ScreeningLook $l): ScreeningLookResponse => new ScreeningLookResponse(
                        (string) ($coaches[$l->user_id] ?? ''),
                        $l->looked_at->utc()->format('Y-m-d\TH:i:s\Z'),
                    ),
                )->all(),
            ),
        );
    }

    public function due(Athlete $athlete): ?ScreenDue
    {
        return $this->dueOf([$athlete])[$athlete->id];
    }

    /**
     * @param  list<Athlete>  $athletes
     * @return array<string, ScreenDue|null> by their ids
     */
    public function dueOf(array $athletes): array
    {
        $pained = array_flip(PainReport::sinceScreen(array_column($athletes, 'id')));
        $due = [];
        foreach ($athletes as $athlete) {
            $due[$athlete->id] = $this->dueAfter($athlete, isset($pained[$athlete->id]));
        }

        return $due;
    }

    private function dueAfter(Athlete $athlete, bool $pain): ?ScreenDue
    {
        $at = $athlete->screened_at;

        return ScreenDue::on(
            Day::number($this->days->today()),
            $at === null ? null : Day::number($this->days->of($at)),
            $athlete->last_trained_on === null ? null : Day::number($athlete->last_trained_on),
            $pain,
        );
    }

    /** @param  Collection<array-key, mixed>  $coaches  names by id */
    private function entry(ScreeningRecord $screen, Collection $coaches, int $looks): ScreeningEntryResponse
    {
        return new ScreeningEntryResponse(
            $screen->id,
            $this->days->of($screen->screened_at),
            (string) ($coaches[$screen->user_id] ?? ''),
            $screen->outcome,
            $screen->limits,
            $looks,
        );
    }
}
