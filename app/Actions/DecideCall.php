<?php

declare(strict_types=1);

namespace App\Actions;

use App\Formats\ChoiceJson;
use App\Formats\JsonObject;
use App\Http\Requests\DecisionInput;
use App\Models\Athlete;
use App\Models\CallRecord;
use App\Models\Decision;
use App\Models\GymKit;
use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;
use SteadyRung\Call\Verdict;
use SteadyRung\Ladder\Choice;
use SteadyRung\Ladder\Rung;
use SteadyRung\Ladder\RungSearch;

/**
 * The coach's word on a call: accepted, or overridden with a reason. The call and the word are both kept, and the
 * athlete goes on the set-up that follows.
 */
final readonly class DecideCall
{
    public function __construct(private ConnectionInterface $db, private GymKit $kit, private ClockInterface $clock)
    {
    }

    /** @throws Problem if the call changed since it was seen, is decided otherwise, or is a referral to be overridden */
    public function decide(CallRecord $call, User $coach, DecisionInput $input): CallRecord
    {
        return $this->db->transaction(function () use ($call, $coach, $input): CallRecord {
            $athlete = Athlete::query()->lockForUpdate()->findOrFail($call->athlete_id);
            $call = CallRecord::query()->lockForUpdate()->findOrFail($call->id);
            if ($call->decided_at !== null) {
                return $this->sameAgain($call, $input);
            }
            $this->refuseUnsafeOrStale($call, $input);
            $choice = $input->decision === Decision::Accepted ? $this->nextOf($call) : $input->choice;
            if ($choice !== null) {
                $this->refuseMisfit($choice, $athlete);
                $athlete->fill(['chosen' => $choice])->save();
            }
            $call->fill([
                'decision' => $input->decision,
                'decision_hash' => StoreOnce::hash($input),
                'override_verdict' => $input->verdict,
                'override_choice' => $input->choice,
                'override_reason' => $input->reason,
                'decided_by' => $coach->id,
                'decided_at' => $this->clock->now(),
            ])->save();

            return $call;
        });
    }

    private function sameAgain(CallRecord $call, DecisionInput $input): CallRecord
    {
        return $call->decision_hash === StoreOnce::hash($input)
            ? $call
            : throw new Problem(ProblemCode::CallDecided, 'This call was decided before. Both stay in the record; log a set to get a new call.');
    }

    private function refuseUnsafeOrStale(CallRecord $call, DecisionInput $input): void
    {
        if ($call->version !== $input->version) {
            throw new Problem(ProblemCode::CallChanged, 'Something was logged or changed since you saw this call. Look at it again.');
        }
        if ($call->verdict === Verdict::Refer && $input->decision === Decision::Overridden) {
            throw new Problem(ProblemCode::ReferStands, 'Pain is not overridden. Clear it with a note once a licensed clinician has looked at it.');
        }
    }

    private function refuseMisfit(Choice $choice, Athlete $athlete): void
    {
        $rung = (new RungSearch($this->kit->inUse()))->rung($choice, $athlete->toCore());
        if (! $rung instanceof Rung) {
            throw new Problem(ProblemCode::DoesNotFit, $rung->reason);
        }
    }

    private function nextOf(CallRecord $call): ?Choice
    {
        $stored = JsonObject::parse(json_encode($call->call, JSON_THROW_ON_ERROR))->optionalObject('next')?->object('choice');

        return $stored === null ? null : ChoiceJson::read($stored);
    }
}
