<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Deeds\PainTold;
use App\Actions\TellPain;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\ReadPainReport;
use App\Models\Athlete;
use App\Models\User;
use App\Reading\AthleteJson;
use App\Reading\AthleteReading;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class PainController
{
    #[OA\Post(
        path: '/api/athletes/{athlete}/pain',
        operationId: 'tellPain',
        description: 'Pain told without a set; pulling is paused at once.',
        requestBody: new Body(PainTold::class),
        responses: [new Answer(201, AthleteJson::class)],
    )]
    public function __invoke(Athlete $athlete, Request $request, JsonObject $json, TellPain $tell, AthleteReading $view): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $tell->tell($athlete, $coach, ReadPainReport::from($json));

        return new JsonResponse($view->of($athlete->refresh()), $stored->isNew ? 201 : 200);
    }
}
