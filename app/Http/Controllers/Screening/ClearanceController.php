<?php

declare(strict_types=1);

namespace App\Http\Controllers\Screening;

use App\Actions\Screening\ClearingNote;
use App\Actions\Screening\ClearPain;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\ReadInput;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Queries\Athletes\AthleteQuery;
use App\Responses\Athletes\AthleteResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ClearanceController
{
    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/clearances',
        operationId: 'clearPain',
        requestBody: new RequestBody(ClearingNote::class),
        responses: [new Answer(201, AthleteResponse::class)],
    )]
    public function __invoke(
        Athlete $athlete,
        Request $request,
        JsonObject $json,
        ReadInput $inputs,
        ClearPain $clear,
        AthleteQuery $view,
    ): JsonResponse {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $clear->clear($athlete, $coach, $inputs->of(ClearingNote::class, $json));

        return new JsonResponse($view->of($athlete->refresh()), $stored->isNew ? 201 : 200);
    }
}
