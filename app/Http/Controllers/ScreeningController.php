<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Deeds\ScreenTaken;
use App\Actions\LookAtScreen;
use App\Actions\ScreenAthlete;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\ReadScreen;
use App\Models\Athlete;
use App\Models\ScreeningRecord;
use App\Models\User;
use App\Reading\AthleteJson;
use App\Reading\AthleteReading;
use App\Reading\ScreeningJson;
use App\Reading\ScreeningListJson;
use App\Reading\ScreeningReading;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ScreeningController
{
    #[OA\Get(path: '/api/athletes/{athlete}/screenings', operationId: 'screenings', description: 'Without their answers, newest first.', responses: [new Answer(200, ScreeningListJson::class)])]
    public function index(Athlete $athlete, ScreeningReading $reading): JsonResponse
    {
        return new JsonResponse($reading->list($athlete));
    }

    #[OA\Post(
        path: '/api/athletes/{athlete}/screenings',
        operationId: 'screen',
        description: 'What it leaves to do holds at once for every list of rungs.',
        requestBody: new Body(ScreenTaken::class),
        responses: [new Answer(201, AthleteJson::class, 'Stored.'), new Answer(200, AthleteJson::class, 'Stored before.')],
    )]
    public function store(Athlete $athlete, Request $request, JsonObject $json, ScreenAthlete $screen, AthleteReading $view): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $screen->screen($athlete, $coach, ReadScreen::from($json));

        return new JsonResponse($view->of($athlete->refresh()), $stored->isNew ? 201 : 200);
    }

    #[OA\Get(path: '/api/athletes/{athlete}/screenings/{screening}', operationId: 'screening', description: 'With its answers; the look at them is kept.', responses: [new Answer(200, ScreeningJson::class)])]
    public function show(Athlete $athlete, string $screening, Request $request, LookAtScreen $look, ScreeningReading $reading): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $screen = ScreeningRecord::query()->where('athlete_id', $athlete->id)->findOrFail($screening);
        $look->at($screen, $coach);

        return new JsonResponse($reading->one($screen));
    }
}
