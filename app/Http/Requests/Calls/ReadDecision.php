<?php

declare(strict_types=1);

namespace App\Http\Requests\Calls;

use App\Actions\Calls\CallDecision;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\JsonObject;
use App\Models\Calls\Decision;
use SteadyRung\Call\Verdict;

final class ReadDecision
{
    public static function from(JsonObject $json): CallDecision
    {
        $json->allowing('version', 'decision', 'verdict', 'exercise', 'reason');
        $accepted = $json->choice('decision', Decision::class) === Decision::Accepted;
        if ($accepted && ($json->has('verdict') || $json->has('reason') || $json->has('exercise'))) {
            throw $json->fault('decision', 'An accepted call takes no verdict, set-up or reason of its own.');
        }

        return $accepted ? CallDecision::accept($json->integer('version')) : new CallDecision(
            $json->integer('version'),
            Decision::Overridden,
            $json->choice('verdict', Verdict::class),
            $json->has('exercise') ? ExerciseJson::read($json->object('exercise')) : null,
            $json->text('reason', 500),
        );
    }
}
