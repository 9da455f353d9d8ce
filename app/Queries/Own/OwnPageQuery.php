<?php

declare(strict_types=1);

namespace App\Queries\Own;

use App\Context\Athletes\LinkToken;
use App\Context\Athletes\LinkUse;
use App\Context\Athletes\LoadAthleteContext;
use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Context\Screening\PausingPain;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\AthleteLink;
use App\Models\Floor\ClassComer;
use App\Models\Log\LoggedSet;
use App\Models\Log\SignalRecord;
use App\Queries\Athletes\AthleteQuery;
use App\Queries\Consent\ConsentQuery;
use App\Queries\Floor\ClassQuery;
use App\Queries\Log\BestQuery;
use App\Queries\Sessions\SessionQuery;
use App\Responses\Athletes\AthleteResponse;
use App\Responses\Floor\HeldClassResponse;
use App\Responses\Own\OwnClassResponse;
use App\Responses\Own\OwnLadderResponse;
use App\Responses\Own\OwnPageResponse;
use App\Responses\Own\OwnSessionResponse;
use App\Responses\Own\OwnSetResponse;
use App\Responses\Trend\ForecastResponse;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Weeks\Calendar;
/**
 * Puts together what an athlete sees of themselves: nothing of others, no note of a coach, nothing of their health.
 */
use SteadyRung\Safety\Consent\ConsentRule;

final readonly class OwnPageQuery
{
    private const SETS_SHOWN = 8;

    private const CLASSES_SHOWN = 3;

    public function __construct(
        private CurrentGym $gym,
        private GymDay $days,
        private AthleteQuery $athletes,
        private LoadAthleteContext $contexts,
        private ClassQuery $classes,
        private BestQuery $bests,
        private ConsentQuery $consents,
        private LinkToken $tokens,
    ) {
    }

    public function of(Athlete $athlete, AthleteLink $link): OwnPageResponse
    {
        $seen = $this->athletes->of($athlete);
        $context = $this->contexts->of($athlete);
        $calendar = Calendar::of($context);
        $isPaused = $athlete->paused_at !== null;

        return new OwnPageResponse(
            gym_name: $this->gym->gym()->name,
            mass_unit: $this->gym->units()->mass,
            length_unit: $this->gym->units()->length,
            name: $athlete->name,
            today: $this->days->today(),
            last_on: $link->last_on,
            tells: $this->gym->gym()->athletes_tell,
            paused: $isPaused,
            pain_told: $this->painTold($athlete),
            soreness: $this->soreness($athlete),
            session: $isPaused ? null : OwnSessionResponse::of(SessionQuery::inForce($context), $calendar, $athlete->toCore()),
            ladder: $this->ladder($athlete, $seen),
            capacity: $isPaused ? null : $seen->capacity,
            forecast: $isPaused || $calendar->next === null ? null : ForecastResponse::of($calendar->next, $context->today),
            sets: $this->sets($athlete),
            bests: $this->bests->of($athlete->id),
            classes: $this->classes($athlete),
            calendar: "/api/v1/calendars/sessions/{$this->tokens->of($link->id, LinkUse::Sessions)}.ics",
            consent: $this->gym->gym()->consent === ConsentRule::NotAsked ? null : $this->consents->of($athlete),
            keep_health_years: $this->gym->gym()->keep_health_years,
        );
    }

    /** Whether a day of a class is one that the athlete may say they come to. */
    public function isOffered(Athlete $athlete, string $classId, string $on): bool
    {
        return array_filter(
            $this->held($athlete),
            static fn (array $held): bool => $held[0]->id === strtolower($classId) && $held[0]->on === $on,
        ) !== [];
    }

    private function ladder(Athlete $athlete, AthleteResponse $seen): ?OwnLadderResponse
    {
        if ($seen->rung === null || $athlete->chosen?->lane() !== Lane::Pull) {
            return null;
        }
        $first = LoggedSet::standing($athlete->id)->where('pattern', Pattern::Pull)->where('purpose', Purpose::Work)
            ->whereNotNull('carried_share')->orderBy('trained_on')->orderBy('performed_at')->first(['trained_on', 'carried_share']);

        return OwnLadderResponse::of($seen->rung, $seen, $first);
    }

    /** @return list<OwnSetResponse> */
    private function sets(Athlete $athlete): array
    {
        $sets = LoggedSet::standing($athlete->id)->orderByDesc('trained_on')->orderByDesc('performed_at')->orderByDesc('id')
            ->limit(self::SETS_SHOWN)->get();

        return array_values($sets->map(OwnSetResponse::of(...))->all());
    }

    /** Under which id the athlete told the pain themselves that pulling is paused for. */
    private function painTold(Athlete $athlete): ?string
    {
        $told = $athlete->paused_at === null ? null : PausingPain::of($athlete->id);

        return $told?->user_id === null ? $told?->id : null;
    }

    private function soreness(Athlete $athlete): ?int
    {
        return SignalRecord::query()->where('athlete_id', $athlete->id)->where('told_for', $this->days->today())
            ->whereNotNull('soreness')->orderByDesc('told_at')->first(['soreness'])?->soreness;
    }

    /** @return list<OwnClassResponse> */
    private function classes(Athlete $athlete): array
    {
        return array_map(
            static fn (array $held): OwnClassResponse => new OwnClassResponse(
                $held[0]->id,
                $held[0]->name,
                $held[0]->on,
                $held[2],
                $held[1],
            ),
            array_slice($this->held($athlete), 0, self::CLASSES_SHOWN),
        );
    }

    /** @return list<array{HeldClassResponse, bool, string}> the athlete's classes to come, whether they come, and when each begins */
    private function held(Athlete $athlete): array
    {
        $list = $this->classes->list();
        $classes = array_column($list->items, null, 'id');
        $told = ClassComer::saidOf($athlete->id, array_keys($classes), $list->today);
        $held = [];
        foreach ($list->held as $one) {
            $class = $classes[$one->id];
            $said = $told["$one->id $one->on"] ?? null;
            if ($one->on >= $list->today && ($said !== null || array_intersect($class->tags, $athlete->tags) !== [])) {
                $held[] = [$one, $said ?? true, $class->at];
            }
        }

        return $held;
    }
}
