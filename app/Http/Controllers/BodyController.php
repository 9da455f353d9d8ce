<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\WeighAthlete;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\WeighingInput;
use App\Http\Resources\BodyResource;
use App\Http\Views\BodyView;
use App\Models\Athlete;
use App\Models\GymDay;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class BodyController
{
    #[OA\Get(path: '/api/athletes/{athlete}/body', operationId: 'body', responses: [new Answer(200, BodyResource::class)])]
    public function show(Athlete $athlete, BodyView $view): JsonResponse
    {
        return new JsonResponse($view->of($athlete));
    }

    #[OA\Post(path: '/api/athletes/{athlete}/weighings', operationId: 'weigh', requestBody: new Body(WeighingInput::class), responses: [new Answer(201, BodyResource::class)])]
    public function weigh(Athlete $athlete, JsonObject $json, WeighAthlete $weigh, GymDay $days, BodyView $view): JsonResponse
    {
        $stored = $weigh->weigh($athlete, WeighingInput::read($json, $days->today()));

        return new JsonResponse($view->of($athlete->refresh()), $stored->isNew ? 201 : 200);
    }
}
