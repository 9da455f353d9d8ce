<?php

declare(strict_types=1);

namespace App\Http\Controllers\Athletes;

use App\Actions\Athletes\MassWeighed;
use App\Actions\Athletes\WeighAthlete;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\ReadInput;
use App\Http\Requests\WithdrawalInput;
use App\Models\Athletes\Athlete;
use App\Queries\Athletes\BodyQuery;
use App\Responses\Athletes\BodyResponse;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class BodyController
{
    #[OA\Get(path: '/api/v1/athletes/{athlete}/body', operationId: 'body', responses: [new Answer(200, BodyResponse::class)])]
    public function show(Athlete $athlete, BodyQuery $view): JsonResponse
    {
        return new JsonResponse($view->of($athlete));
    }

    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/weighings',
        operationId: 'weigh',
        requestBody: new RequestBody(MassWeighed::class),
        responses: [new Answer(201, BodyResponse::class)],
    )]
    public function weigh(Athlete $athlete, JsonObject $json, ReadInput $inputs, WeighAthlete $weigh, BodyQuery $view): JsonResponse
    {
        $stored = $weigh->weigh($athlete, $inputs->of(MassWeighed::class, $json));

        return new JsonResponse($view->of($athlete->refresh()), $stored->isNew ? 201 : 200);
    }

    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/weighings/{weighing}/withdrawal',
        operationId: 'takeWeighingBack',
        requestBody: new RequestBody(WithdrawalInput::class),
        responses: [new Answer(200, BodyResponse::class)],
    )]
    public function takeBack(
        Athlete $athlete,
        string $weighing,
        JsonObject $json,
        ReadInput $inputs,
        WeighAthlete $weigh,
        BodyQuery $view,
    ): JsonResponse {
        $weigh->takeBack($athlete, $weighing, $inputs->of(WithdrawalInput::class, $json)->id);

        return new JsonResponse($view->of($athlete->refresh()));
    }
}
