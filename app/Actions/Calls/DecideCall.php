<?php

declare(strict_types=1);

namespace App\Actions\Calls;

use App\Actions\LockAthlete;
use App\Actions\Methods\MoveAthlete;
use App\Actions\Scripts\TellWebhooks;
use App\Actions\Setups\ChooseSetup;
use App\Context\Setups\FindLadderPath;
use App\Formats\JsonObject;
use App\Formats\Stored\StoredExercise;
use App\Formats\Stored\StoredForm;
use App\Models\Athletes\Athlete;
use App\Models\Calls\CallRecord;
use App\Models\Calls\Decision;
use App\Models\Gym\User;
use App\Models\Methods\PlaceChange;
use App\Models\Scripts\HookEvent;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Psr\Clock\ClockInterface;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Setup\DoesNotFit;

/**
 * The coach's word on a call: accepted, or overridden with a reason. The call and the word are both kept, and the
 * athlete goes on the set-up that follows. For a moment it can be taken back.
 */
final readonly class DecideCall
{
    private const UNDO_S = 60;

    public function __construct(
        private LockAthlete $athletes,
        private ChooseSetup $setups,
        private MoveAthlete $places,
        private FindLadderPath $ways,
        private TellWebhooks $webhooks,
        private ClockInterface $clock,
    ) {
    }

    /** @throws Problem if the call changed since it was seen, is decided otherwise, or is overridden to what makes no sense */
    public function decide(CallRecord $call, User $coach, CallDecision $decision): CallRecord
    {
        return $this->athletes->during($call->athlete_id, function (Athlete $athlete) use ($call, $coach, $decision): CallRecord {
            $call = CallRecord::query()->lockForUpdate()->findOrFail($call->id);
            if ($call->decided_at !== null) {
                return $this->sameAgain($call, $decision);
            }
            $this->refuseUnsafeOrStale($call, $decision);
            $then = $decision->exercise === null ? null : $this->ways->search($athlete)->standing($decision->exercise, $athlete->toCore());
            $this->refuseTheCallItself($call, $decision);
            if (! self::isOfTheVerdict($call, $decision) || self::stageOf($call) === null) {
                $this->refuseContradiction($athlete, $decision, $then);
            }
            $before = $athlete->chosen;
            $exercise = $decision->decision === Decision::Accepted ? self::nextOf($call) : $decision->exercise;
            $placeBefore = ['method' => $athlete->method_key, 'stage' => $athlete->stage_key, 'since' => $athlete->stage_since];
            if ($exercise !== null && ! self::isTest($call, $decision)) {
                $this->setups->put($athlete, $exercise);
            }
            $stage = self::isOfTheVerdict($call, $decision) ? self::stageOf($call) : null;
            if ($stage !== null) {
                $this->places->byCall($athlete, $coach, $athlete->method_key, $stage, $call->id);
            }
            $call->fill([
                'decision' => $decision->decision,
                'override_verdict' => $decision->verdict,
                'override_exercise' => $decision->exercise,
                'override_name' => $then instanceof Rung ? $then->name : null,
                'override_reason' => $decision->reason,
                'decided_by' => $coach->id,
                'decided_at' => $this->clock->now(),
                'chosen_before' => $before,
                'place_before' => $placeBefore,
            ])->save();
            $this->webhooks->of(HookEvent::CallDecided, ['athlete_id' => $athlete->id, 'call_id' => $call->id]);

            return $call;
        });
    }

    /** A test is done once; the work goes on where it was. */
    private static function isTest(CallRecord $call, CallDecision $decision): bool
    {
        return ($decision->decision === Decision::Accepted ? $call->verdict : $decision->verdict) === Verdict::Test;
    }

    /** @throws Problem if it is too late for that */
    public function takeBack(CallRecord $call): CallRecord
    {
        return $this->athletes->during($call->athlete_id, function (Athlete $athlete) use ($call): CallRecord {
            $call = CallRecord::query()->lockForUpdate()->findOrFail($call->id);
            if ($call->decided_at === null) {
                return $call;
            }
            $age = $this->clock->now()->getTimestamp() - $call->decided_at->getTimestamp();
            if ($age > self::UNDO_S || CallRecord::openOf($athlete->id) !== null) {
                throw new Problem(
                    ProblemCode::CallDecided,
                    'It is too late to take this decision back. Choose another set-up, or decide the next call.',
                );
            }
            $athlete->fill(['chosen' => $call->chosen_before, ...self::placeBefore($call)])->save();
            PlaceChange::query()->where('athlete_id', $athlete->id)->where('call_id', $call->id)->delete();
            $call->fill(array_fill_keys(
                [
                    'decision', 'override_verdict', 'override_exercise', 'override_name', 'override_reason', 'decided_by', 'decided_at',
                    'chosen_before', 'place_before',
                ],
                null,
            ))->save();

            return $call;
        });
    }

    private function sameAgain(CallRecord $call, CallDecision $decision): CallRecord
    {
        $same = $call->version === $decision->version
            && $call->decision === $decision->decision
            && $call->override_verdict === $decision->verdict
            && $call->override_exercise?->key() === $decision->exercise?->key() && $call->override_reason === $decision->reason;

        return $same
            ? $call
            : throw new Problem(
                ProblemCode::CallDecided,
                'This call was decided before. Both stay in the record; log a set to get a new call.',
            );
    }

    private function refuseUnsafeOrStale(CallRecord $call, CallDecision $decision): void
    {
        if ($call->version !== $decision->version) {
            throw new Problem(ProblemCode::CallChanged, 'Something was logged or changed since you saw this call. Look at it again.');
        }
        if ($call->verdict === Verdict::Refer && $decision->decision === Decision::Overridden) {
            throw new Problem(
                ProblemCode::ReferStands,
                'Pain is not overridden. Clear it with a note once a licensed clinician has looked at it.',
            );
        }
    }

    /** A climb goes to more, a step down to less, and the set-up is one that fits. */
    private function refuseContradiction(Athlete $athlete, CallDecision $decision, Rung|DoesNotFit|null $then): void
    {
        if ($decision->verdict !== Verdict::Climb && $decision->verdict !== Verdict::StepDown) {
            return;
        }
        $climbs = $decision->verdict === Verdict::Climb;
        $now = $this->ways->standing($athlete);
        $moves = $then instanceof Rung
            && (! $now instanceof Rung || ($climbs ? $then->share() > $now->share() : $then->share() < $now->share()));
        if (! $moves) {
            throw Problem::invalid(
                '/exercise',
                $climbs
                    ? 'A climb needs the set-up it goes to: one that carries more than the present one.'
                    : 'A step down needs the set-up it goes to: one that carries less than the present one.',
            );
        }
    }

    /** An override that keeps the verdict goes to another set-up than the call. */
    private function refuseTheCallItself(CallRecord $call, CallDecision $decision): void
    {
        if (
            $decision->decision === Decision::Overridden
            && $decision->verdict === $call->verdict
            && ($decision->exercise === null || $decision->exercise->key() === self::nextOf($call)?->key())
        ) {
            throw Problem::invalid('/verdict', 'That is what the call says. Accept it, or choose another verdict or another set-up.');
        }
    }

    /** Accepted, or kept with another set-up. */
    private static function isOfTheVerdict(CallRecord $call, CallDecision $decision): bool
    {
        return $decision->decision === Decision::Accepted || $decision->verdict === $call->verdict;
    }

    /** The stage that a call leads to. */
    private static function stageOf(CallRecord $call): ?string
    {
        return StoredForm::read('call', $call->call, static fn (JsonObject $j): ?string => $j->optionalObject('place')?->text('key', 64));
    }

    /** @return array<string, string|null> columns of the athlete; none of decisions of earlier programs */
    private static function placeBefore(CallRecord $call): array
    {
        $before = $call->place_before;

        return $before === null
            ? []
            : ['method_key' => $before['method'], 'stage_key' => $before['stage'], 'stage_since' => $before['since']];
    }

    private static function nextOf(CallRecord $call): ?Exercise
    {
        return StoredForm::read(
            'call',
            $call->call,
            static fn (JsonObject $j): ?Exercise => $j->has('next') ? StoredExercise::of($j->object('next')->object('choice')) : null,
        );
    }
}
