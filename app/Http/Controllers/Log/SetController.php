<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Actions\Log\LogSet;
use App\Actions\Log\SetDone;
use App\Actions\Log\WithdrawSet;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Nothing;
use App\Http\Docs\RequestBody;
use App\Http\Requests\PageInput;
use App\Http\Requests\ReadInput;
use App\Http\Requests\WithdrawalInput;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Queries\Log\LastTimeQuery;
use App\Queries\Log\SetQuery;
use App\Responses\Log\LastTimeResponse;
use App\Responses\Log\SetPageResponse;
use App\Responses\Log\SetResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class SetController
{
    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/sets',
        operationId: 'sets',
        description: 'The sets that stand, newest first.',
        parameters: [new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer'))],
        responses: [new Answer(200, SetPageResponse::class)],
    )]
    public function index(Athlete $athlete, Request $request, SetQuery $reading): JsonResponse
    {
        return new JsonResponse($reading->page($athlete->id, PageInput::read($request)->page));
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/last-time',
        operationId: 'lastTime',
        description: 'What was done the last time on a set-up, before today.',
        parameters: [new OA\QueryParameter(
            name: 'exercise',
            description: 'An Exercise as JSON.',
            required: true,
            schema: new OA\Schema(type: 'string'),
        )],
        responses: [new Answer(200, LastTimeResponse::class)],
    )]
    public function lastTime(Athlete $athlete, Request $request, LastTimeQuery $reading): JsonResponse
    {
        $query = JsonObject::ofQuery($request->query->all())->allowing('exercise');

        return new JsonResponse($reading->of($athlete, ExerciseJson::ofQuery($query)));
    }

    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/sets',
        operationId: 'logSet',
        requestBody: new RequestBody(SetDone::class),
        responses: [new Answer(201, SetResponse::class, 'Stored.'), new Answer(200, SetResponse::class, 'Stored before.')],
    )]
    public function store(
        string $athlete,
        Request $request,
        JsonObject $json,
        ReadInput $inputs,
        LogSet $log,
        SetQuery $reading,
    ): JsonResponse {
        /** @var User $coach */
        $coach = $request->user();
        $done = $inputs->of(SetDone::class, $json);
        $stored = $json->build(static fn () => $log->log($athlete, $coach, $done));

        return new JsonResponse($reading->one($stored->record), $stored->isNew ? 201 : 200);
    }

    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/sets/{set}/withdrawal',
        operationId: 'withdrawSet',
        requestBody: new RequestBody(WithdrawalInput::class),
        responses: [new Nothing],
    )]
    public function withdraw(
        Athlete $athlete,
        string $set,
        Request $request,
        JsonObject $json,
        ReadInput $inputs,
        WithdrawSet $withdraw,
    ): Response {
        /** @var User $coach */
        $coach = $request->user();
        $withdraw->withdraw($athlete, $set, $coach, $inputs->of(WithdrawalInput::class, $json)->id);

        return new Response(status: 204);
    }
}
