<?php

declare(strict_types=1);

namespace App\Actions\Methods;

use App\Actions\Calls\MakeCall;
use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Context\Athletes\LoadAthleteContext;
use App\Context\Gym\GymDay;
use App\Context\Methods\Methods;
use App\Context\Methods\StageSince;
use App\Formats\Day;
use App\Formats\Methods\Library;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Methods\PlaceChange;
use App\Problems\Problem;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use SteadyRung\Method\Stage;
use SteadyRung\Method\StageKind;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Safety\Caution;

/**
 * Puts an athlete at a stage of a method, and keeps how that came about.
 */
final readonly class MoveAthlete
{
    public function __construct(
        private LockAthlete $athletes,
        private InsertOnce $storeOnce,
        private Methods $methods,
        private LoadAthleteContext $contexts,
        private MakeCall $calls,
        private GymDay $days,
        private ClockInterface $clock,
        private StageSince $since,
    ) {
    }

    /**
     * By the coach.
     *
     * @return Inserted<PlaceChange>
     *
     * @throws Problem if there is no such stage, a reason is missing, or the id holds another move
     */
    public function place(Athlete $athlete, User $coach, PlaceGiven $given): Inserted
    {
        $method = $this->methods->find($given->method) ?? throw Problem::invalid('/method', "There is no method “{$given->method}”.");
        $stage = $method->find($given->stage) ?? throw Problem::invalid('/stage', "“{$method->name}” has no stage “{$given->stage}”.");

        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($coach, $given, $method, $stage): Inserted {
            $isMove = $athlete->method_key === $method->key && $athlete->stage_key !== $stage->key;
            $since = $isMove || $athlete->method_key !== $method->key ? $this->days->today() : $this->since->of($athlete);
            $stored = $this->storeOnce->store($this->change(
                id: $given->id,
                athlete: $athlete,
                coach: $coach,
                methodKey: $method->key,
                stageKey: $stage->key,
                since: $since,
                reason: $given->reason,
                callId: null,
            ), $given, ['athlete' => $athlete->id], function () use ($isMove, $given, $stage, $athlete): void {
                if ($isMove && $given->reason === null) {
                    throw Problem::invalid('/reason', 'Say why the stage is skipped or set back.');
                }
                if ($isMove) {
                    $this->refuseSkipping($stage, $athlete);
                }
                $this->refuseBuilder($given->builder, $stage, $athlete);
            });
            if ($stored->isNew) {
                $athlete->fill([
                    'method_key' => $method->key,
                    'stage_key' => $stage->key,
                    'stage_since' => $since,
                    'sessions_a_week' => $given->sessions_a_week,
                    'builder_key' => $given->builder,
                    'builder_since' => $this->builderSince($athlete, $given->builder),
                ]);
                $athlete->chosen = Course::entering($this->contexts->of($athlete))->rung->exercise ?? $athlete->chosen;
                $athlete->save();
                $this->calls->for($athlete, 'The place in the method was changed.');
            }

            return $stored;
        });
    }

    /** @throws Problem if the house goes through the stages strictly in order and one would be left out */
    private function refuseSkipping(Stage $to, Athlete $athlete): void
    {
        $context = $this->contexts->of($athlete);
        if (! $context->rules->allowsMove($context->method, $context->place->stage, $to)) {
            throw Problem::invalid('/stage', 'Here stages are taken strictly in order: none is skipped. The house rules say so.');
        }
    }

    /** The day it was begun; one that goes on keeps its day, unless its weeks are over and it is begun again. */
    private function builderSince(Athlete $athlete, ?string $key): ?string
    {
        $goesOn = $athlete->builder_key === $key
            && $this->contexts->of($athlete)->builders->over(Day::number($this->days->today())) === null;

        return match (true) {
            $key === null => null,
            $goesOn => $athlete->builder_since ?? $this->days->today(),
            default => $this->days->today(),
        };
    }

    /** @throws Problem if it is none, the stage is no strict one, or the athlete is not there yet */
    private function refuseBuilder(?string $key, Stage $stage, Athlete $athlete): void
    {
        if ($key === null) {
            return;
        }
        $builder = Library::find($key) ?? throw Problem::invalid('/builder', "There is no “{$key}”.");
        $context = $this->contexts->of($athlete);
        $most = $context->mostStrict();
        match (true) {
            $stage->kind() !== StageKind::Strict => throw Problem::invalid(
                '/builder',
                'It stands in the place of strict work: the stage is none.',
            ),
            $most < $builder->fromReps => throw Problem::invalid(
                '/builder',
                sprintf(
                    'It takes %d strict %s; the most logged is %d.',
                    $builder->fromReps,
                    $builder->fromReps === 1 ? 'rep' : 'reps',
                    $most,
                ),
            ),
            $builder->tires && $context->diary->isNewcomer($context->today) => throw Problem::invalid(
                '/builder',
                Caution::PreTired->text(),
            ),
            default => null,
        };
    }

    /** Of an athlete who is held already, by an accepted call. */
    public function byCall(Athlete $athlete, User $coach, string $methodKey, string $stageKey, string $callId): void
    {
        if ($athlete->stage_key === $stageKey && $athlete->method_key === $methodKey) {
            return;
        }
        $this->change(
            id: (string) Str::uuid7(),
            athlete: $athlete,
            coach: $coach,
            methodKey: $methodKey,
            stageKey: $stageKey,
            since: $this->days->today(),
            reason: null,
            callId: $callId,
        )->save();
        $athlete->fill(['method_key' => $methodKey, 'stage_key' => $stageKey, 'stage_since' => $this->days->today()])->save();
    }

    private function change(
        string $id,
        Athlete $athlete,
        User $coach,
        string $methodKey,
        string $stageKey,
        string $since,
        ?string $reason,
        ?string $callId,
    ): PlaceChange {
        return new PlaceChange([
            'id' => $id,
            'gym_id' => $athlete->gym_id,
            'athlete_id' => $athlete->id,
            'method_key' => $methodKey,
            'stage_key' => $stageKey,
            'since' => $since,
            'call_id' => $callId,
            'user_id' => $coach->id,
            'reason' => $reason,
            'made_at' => $this->clock->now(),
        ]);
    }
}
