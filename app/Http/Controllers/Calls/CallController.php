<?php

declare(strict_types=1);

namespace App\Http\Controllers\Calls;

use App\Actions\Calls\CallDecision;
use App\Actions\Calls\DecideCall;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\Calls\CallQueueInput;
use App\Http\Requests\Calls\ReadDecision;
use App\Http\Requests\PageInput;
use App\Models\Athletes\Athlete;
use App\Models\Calls\CallRecord;
use App\Models\Gym\User;
use App\Queries\Calls\CallQueueQuery;
use App\Queries\Calls\OverrideQuery;
use App\Queries\Calls\ReminderQuery;
use App\Responses\Calls\CallPageResponse;
use App\Responses\Calls\CallQueueResponse;
use App\Responses\Calls\KeptCallResponse;
use App\Responses\Calls\OverrideListResponse;
use App\Responses\Calls\ReminderListResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;

final class CallController
{
    #[OA\Get(
        path: '/api/v1/calls',
        operationId: 'openCalls',
        description: 'The calls that wait for a decision, the most urgent first, then the newest.',
        parameters: [
            new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer')),
            new OA\QueryParameter(name: 'verdict', schema: new OA\Schema(enum: Verdict::class, type: 'string')),
            new OA\QueryParameter(
                name: 'athletes',
                description: 'Only theirs: ids with commas between them.',
                schema: new OA\Schema(type: 'string'),
            ),
        ],
        responses: [new Answer(200, CallQueueResponse::class)],
    )]
    public function index(Request $request, CallQueueQuery $view): JsonResponse
    {
        $asked = CallQueueInput::read($request);

        return new JsonResponse($view->page($asked->page, $asked->verdict, $asked->athletes));
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/calls',
        operationId: 'pastCalls',
        description: 'The decided calls of an athlete, newest first.',
        parameters: [new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer'))],
        responses: [new Answer(200, CallPageResponse::class)],
    )]
    public function past(Athlete $athlete, Request $request, CallQueueQuery $view): JsonResponse
    {
        return new JsonResponse($view->past($athlete, PageInput::read($request)->page));
    }

    #[OA\Get(path: '/api/v1/reminders', operationId: 'reminders', responses: [new Answer(200, ReminderListResponse::class)])]
    public function reminders(ReminderQuery $reading): JsonResponse
    {
        return new JsonResponse($reading->list());
    }

    #[OA\Get(
        path: '/api/v1/calls/overrides',
        operationId: 'overrides',
        description: 'What was overridden in the last half year, by rule, and which call followed.',
        responses: [new Answer(200, OverrideListResponse::class)],
    )]
    public function overrides(OverrideQuery $reading): JsonResponse
    {
        return new JsonResponse($reading->list());
    }

    #[OA\Put(
        path: '/api/v1/calls/{call}/decision',
        operationId: 'decideCall',
        requestBody: new RequestBody(CallDecision::class),
        responses: [new Answer(200, KeptCallResponse::class)],
    )]
    public function decide(CallRecord $call, Request $request, JsonObject $json, DecideCall $decide): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $input = ReadDecision::from($json);
        $decided = $json->build(static fn (): CallRecord => $decide->decide($call, $coach, $input));

        return new JsonResponse(KeptCallResponse::of($decided, Athlete::query()->findOrFail($decided->athlete_id)->name));
    }

    #[OA\Delete(
        path: '/api/v1/calls/{call}/decision',
        operationId: 'takeDecisionBack',
        description: 'Within a minute, while no new call was made.',
        responses: [new Answer(200, KeptCallResponse::class)],
    )]
    public function takeBack(CallRecord $call, DecideCall $decide): JsonResponse
    {
        $open = $decide->takeBack($call);

        return new JsonResponse(KeptCallResponse::of($open, Athlete::query()->findOrFail($open->athlete_id)->name));
    }
}
