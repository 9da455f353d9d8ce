<?php

declare(strict_types=1);

namespace App\Queries\Floor;

use App\Context\Floor\ChangeFeed;
use App\Context\Floor\ChangeTicket;
use App\Context\Gym\CurrentGym;
use App\Context\Kit\GymKit;
use App\Context\Screening\PausingPain;
use App\Formats\Day;
use App\Models\Athletes\Athlete;
use App\Models\Floor\ClassComer;
use App\Models\Floor\GymClass;
use App\Models\Gym\User;
use App\Models\Kit\Band;
use App\Models\Kit\Gear;
use App\Models\Log\LoggedSet;
use App\Models\Log\SignalRecord;
use App\Responses\Athletes\RosterNameResponse;
use App\Responses\Floor\ChangesResponse;
use App\Responses\Floor\ClassDayResponse;
use App\Responses\Floor\FloorAthleteResponse;
use App\Responses\Floor\FloorPieceResponse;
use App\Responses\Floor\FreshPlanResponse;
use App\Responses\Floor\SheetResponse;
use App\Responses\Gym\CoachResponse;
use App\Responses\Log\AccessorySetResponse;
use App\Responses\Log\SetResponse;
use App\Responses\Screening\PainSourceResponse;
use Illuminate\Support\Collection;
use SteadyRung\Kit\Kit;
use SteadyRung\Plan\Diary\LimitingFactor;

/**
 * What the floor needs of one day of a class: everybody's session, sets, and what was told; and afterwards only what is new.
 */
final readonly class FloorQuery
{
    private const MOST_SIGNALS_OF_ONE = 60;

    private const SORE_DAYS = 3;

    private const MOST_WALK_INS = 200;

    private const MOST_COACHES = 100;

    public function __construct(
        private ClassQuery $classes,
        private ComersQuery $comers,
        private SheetQuery $sheets,
        private ChangeFeed $news,
        private DoneQuery $done,
        private TimetableQuery $timetables,
        private GymKit $kit,
        private CurrentGym $gym,
        private ChangeTicket $pulse,
    ) {
    }

    public function of(GymClass $class, string $on): ClassDayResponse
    {
        $cursor = $this->news->latest(); // first, so that what comes while the rest is read is told again
        $comers = $this->comers->of($class, $on);
        $athletes = $comers->athletes;
        $sets = $this->done->sets($class, $on, array_column($athletes, 'id'));
        $sheets = $this->sheets->of($athletes, $on, self::begun($sets));
        $pieces = $this->pieces();

        return new ClassDayResponse(
            class: $this->classes->held($class, $on),
            cursor: $cursor,
            pulse: $this->pulse->ticket($this->gym->id()),
            athletes: $this->athletes($class, $on, $athletes, $comers->said, $sets, $sheets),
            left_over: array_map(
                static fn (Athlete $a): RosterNameResponse => new RosterNameResponse($a->id, $a->name, $a->kind),
                $comers->left,
            ),
            gear: $pieces,
            timetable: $this->timetables->of($class, $on, $cursor, $sheets, static fn (): array => $pieces),
            coaches: $this->coaches(),
            roster: $this->roster(array_column($athletes, 'id')),
        );
    }

    /** @return list<CoachResponse> by whose name a set is known */
    private function coaches(): array
    {
        $members = User::query()->where('gym_id', $this->gym->id())->orderBy('name')->orderBy('id')
            ->limit(self::MOST_COACHES)->get(['id', 'name']);

        return array_values($members->map(static fn (User $u): CoachResponse => new CoachResponse($u->id, $u->name))->all());
    }

    public function since(GymClass $class, string $on, int $cursor): ChangesResponse
    {
        [$latest, $ids] = $this->news->since($cursor);
        if ($ids === null || $ids === []) {
            return new ChangesResponse($latest, $ids === null, [], null, $this->timetables->of($class, $on, $latest, [], $this->pieces(...)));
        }
        $said = ClassComer::of($class->id, $on);
        $athletes = array_values(Athlete::query()->whereIn('id', $ids)->whereNull('archived_at')->orderBy('name')->orderBy('id')->get()
            ->filter(static fn (Athlete $a): bool => isset($said[$a->id]) || array_intersect($a->tags, $class->tags) !== [])->all());
        $sets = $this->done->sets($class, $on, array_column($athletes, 'id'));
        $begun = self::begun($sets);
        $fresh = array_values(array_filter($athletes, static fn (Athlete $a): bool => ! isset($begun[$a->id])));
        $sheets = $this->sheets->of($fresh, $on, []);

        return new ChangesResponse(
            $latest,
            false,
            $this->athletes($class, $on, $athletes, $said, $sets, $sheets),
            in_array(ChangeFeed::OF_GYM, $ids, true) ? $this->pieces() : null,
            $this->timetables->of($class, $on, $latest, $sheets, $this->pieces(...)),
        );
    }

    public function freshPlan(GymClass $class, string $on): ?FreshPlanResponse
    {
        return $this->timetables->fresh($class, $on, $this->pieces());
    }

    /**
     * @param  list<Athlete>  $athletes
     * @param  array<string, bool>  $said
     * @param  Collection<array-key, Collection<array-key, LoggedSet>>  $sets
     * @param  array<string, SheetResponse|\stdClass>  $sheets  none of who began where it is known already
     * @return list<FloorAthleteResponse>
     */
    private function athletes(GymClass $class, string $on, array $athletes, array $said, Collection $sets, array $sheets): array
    {
        $ids = array_column($athletes, 'id');
        $switches = $this->done->switches($on, $ids);
        $beside = $this->done->accessories($class, $on, $ids);
        $signals = SignalRecord::query()->whereIn('athlete_id', $ids)->where('told_for', '<=', $on)->where(
            'told_for',
            '>=',
            Day::date(Day::number($on) - self::SORE_DAYS),
        )->orderBy('told_at')->limit(self::MOST_SIGNALS_OF_ONE * max(1, count($ids)))->get()->groupBy('athlete_id');

        $pains = [];
        foreach (array_filter($athletes, static fn (Athlete $a): bool => $a->paused_at !== null) as $paused) {
            $told = PausingPain::of($paused->id);
            $pains[$paused->id] = $told === null ? null : PainSourceResponse::of($told);
        }

        return array_map(static function (Athlete $a) use (
            $class,
            $on,
            $said,
            $sets,
            $beside,
            $signals,
            $sheets,
            $pains,
            $switches,
        ): FloorAthleteResponse {
            $ofDay = $signals->get($a->id, new Collection)->where('told_for', $on);
            $before = $a->last_trained_on !== null && $a->last_trained_on < $on ? $a->last_trained_on : null;

            return new FloorAthleteResponse(
                id: $a->id,
                name: $a->name,
                kind: $a->kind,
                coming: $said[$a->id] ?? true,
                walk_in: array_intersect($a->tags, $class->tags) === [],
                paused: $a->paused_at !== null,
                pain_source: $pains[$a->id] ?? null,
                sheet: $sheets[$a->id] ?? null,
                switched: (object) ($switches[$a->id] ?? []),
                sets: array_values(
                    $sets->get($a->id, new Collection)->map(static fn (LoggedSet $s): SetResponse => SetResponse::of($s))->all(),
                ),
                beside: array_values($beside->get($a->id, new Collection)->map(AccessorySetResponse::of(...))->all()),
                gave_out: LimitingFactor::tryFrom((string) $ofDay->whereNotNull('gave_out')->last()?->gave_out),
                effort: $ofDay->whereNotNull('effort')->last()?->effort,
                soreness: $signals->get($a->id, new Collection)->whereNotNull('soreness')->filter(
                    static fn (SignalRecord $s): bool => $before === null
                    || $s->told_for > $before,
                )->last()?->soreness,
                took_hold: $signals->get($a->id, new Collection)
                    ->where('told_for', $before)
                    ->whereNotNull('takes_hold')
                    ->last()?->takes_hold,
                wall_on: $signals->get($a->id, new Collection)->where('wall_day', true)->last()?->told_for,
                trained_before_on: $before,
            );
        }, $athletes);
    }

    /**
     * @param  Collection<array-key, Collection<array-key, LoggedSet>>  $sets  by athlete
     * @return array<string, bool> whoever has some
     */
    private static function begun(Collection $sets): array
    {
        return array_fill_keys(array_map(strval(...), $sets->keys()->all()), true);
    }

    /**
     * @param  list<string>  $listed
     * @return list<RosterNameResponse>
     */
    private function roster(array $listed): array
    {
        $others = Athlete::query();
        $others->whereNull('archived_at')
            ->whereNotIn('id', $listed)
            ->orderByRaw('last_trained_on DESC NULLS LAST')
            ->orderBy('id')
            ->limit(self::MOST_WALK_INS);

        return array_values(
            $others->get(['id', 'name', 'kind'])->map(
                static fn (Athlete $a): RosterNameResponse => new RosterNameResponse($a->id, $a->name, $a->kind),
            )->all(),
        );
    }

    /** @return list<FloorPieceResponse> */
    private function pieces(): array
    {
        $out = $this->kit->outToday();
        $pieces = [
            ...GymKit::gear()->whereNull('retired_at')->limit(Kit::MOST_PIECES)->get(['id', 'name', 'kind'])->map(
                static fn (Gear $g): array => [$g->id, $g->name, $g->kind->value],
            )->all(),
            ...GymKit::bands()->without('hitchedOn')->whereNull('retired_at')
                ->limit(Kit::MOST_BANDS)
                ->get(['id', 'name'])
                ->map(static fn (Band $b): array => [$b->id, $b->name, 'band'])
                ->all(),
        ];

        return array_map(
            static fn (array $p): FloorPieceResponse => new FloorPieceResponse($p[0], $p[1], $p[2], in_array($p[0], $out, true)),
            $pieces,
        );
    }
}
