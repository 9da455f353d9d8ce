<?php

declare(strict_types=1);

namespace App\Http\Controllers\Screening;

use App\Actions\Screening\ScreenAthlete;
use App\Actions\Screening\ScreenTaken;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\ReadInput;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Screening\ScreeningRecord;
use App\Queries\Athletes\AthleteQuery;
use App\Queries\Screening\ScreeningQuery;
use App\Responses\Athletes\AthleteResponse;
use App\Responses\Screening\ScreeningListResponse;
use App\Responses\Screening\ScreeningResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ScreeningController
{
    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/screenings',
        operationId: 'screenings',
        description: 'Without their answers, newest first.',
        responses: [new Answer(200, ScreeningListResponse::class)],
    )]
    public function index(Athlete $athlete, ScreeningQuery $reading): JsonResponse
    {
        return new JsonResponse($reading->list($athlete));
    }

    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/screenings',
        operationId: 'screen',
        description: 'What it leaves to do holds at once for every list of rungs.',
        requestBody: new RequestBody(ScreenTaken::class),
        responses: [new Answer(201, AthleteResponse::class, 'Stored.'), new Answer(200, AthleteResponse::class, 'Stored before.')],
    )]
    public function store(
        Athlete $athlete,
        Request $request,
        JsonObject $json,
        ReadInput $inputs,
        ScreenAthlete $screen,
        AthleteQuery $view,
    ): JsonResponse {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $screen->screen($athlete, $coach, $inputs->of(ScreenTaken::class, $json));

        return new JsonResponse($view->of($athlete->refresh()), $stored->isNew ? 201 : 200);
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/screenings/{screening}',
        operationId: 'screening',
        description: 'With its answers; the look at them is kept.',
        responses: [new Answer(200, ScreeningResponse::class)],
    )]
    public function show(Athlete $athlete, string $screening, ScreeningQuery $screenings): JsonResponse
    {
        return new JsonResponse($screenings->one(ScreeningRecord::query()->where('athlete_id', $athlete->id)->findOrFail($screening)));
    }
}
