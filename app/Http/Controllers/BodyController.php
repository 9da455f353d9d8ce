<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Deeds\MassWeighed;
use App\Actions\WeighAthlete;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\ReadWeighing;
use App\Http\Requests\WithdrawalInput;
use App\Models\Athlete;
use App\Models\GymDay;
use App\Reading\BodyJson;
use App\Reading\BodyReading;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class BodyController
{
    #[OA\Get(path: '/api/athletes/{athlete}/body', operationId: 'body', responses: [new Answer(200, BodyJson::class)])]
    public function show(Athlete $athlete, BodyReading $view): JsonResponse
    {
        return new JsonResponse($view->of($athlete));
    }

    #[OA\Post(path: '/api/athletes/{athlete}/weighings', operationId: 'weigh', requestBody: new Body(MassWeighed::class), responses: [new Answer(201, BodyJson::class)])]
    public function weigh(Athlete $athlete, JsonObject $json, WeighAthlete $weigh, GymDay $days, BodyReading $view): JsonResponse
    {
        $stored = $weigh->weigh($athlete, ReadWeighing::from($json, $days->today()));

        return new JsonResponse($view->of($athlete->refresh()), $stored->isNew ? 201 : 200);
    }

    #[OA\Post(
        path: '/api/athletes/{athlete}/weighings/{weighing}/withdrawal',
        operationId: 'takeWeighingBack',
        requestBody: new Body(WithdrawalInput::class),
        responses: [new Answer(200, BodyJson::class)],
    )]
    public function takeBack(Athlete $athlete, string $weighing, JsonObject $json, WeighAthlete $weigh, BodyReading $view): JsonResponse
    {
        $weigh->takeBack($athlete, $weighing, WithdrawalInput::read($json)->id);

        return new JsonResponse($view->of($athlete->refresh()));
    }
}
