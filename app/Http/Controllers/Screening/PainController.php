<?php

declare(strict_types=1);

namespace App\Http\Controllers\Screening;

use App\Actions\Screening\PainTold;
use App\Actions\Screening\ReportPain;
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

final class PainController
{
    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/pain',
        operationId: 'tellPain',
        description: 'Pain told without a set; pulling is paused at once.',
        requestBody: new RequestBody(PainTold::class),
        responses: [new Answer(201, AthleteResponse::class)],
    )]
    public function __invoke(
        Athlete $athlete,
        Request $request,
        JsonObject $json,
        ReadInput $inputs,
        ReportPain $tell,
        AthleteQuery $view,
    ): JsonResponse {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $tell->tell($athlete, $coach, $inputs->of(PainTold::class, $json));

        return new JsonResponse($view->of($athlete->refresh()), $stored->isNew ? 201 : 200);
    }
}
