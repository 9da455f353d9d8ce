<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Deeds\PlaceGiven;
use App\Actions\MoveAthlete;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\ComparisonInput;
use App\Http\Requests\ReadPlace;
use App\Models\Athlete;
use App\Models\User;
use App\Reading\AthleteJson;
use App\Reading\AthleteReading;
use App\Reading\ComparedListJson;
use App\Reading\ComparisonReading;
use App\Reading\Methods;
use App\Reading\PlaceHistoryJson;
use App\Reading\PlaceReading;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/**
 * Where an athlete stands in a method.
 */
final class PlaceController
{
    #[OA\Post(
        path: '/api/athletes/{athlete}/comparisons',
        operationId: 'compareMethod',
        description: 'Some virtual athletes like this one through a method; a model, nothing is kept.',
        requestBody: new Body(ComparisonInput::class),
        responses: [new Answer(200, ComparedListJson::class)],
    )]
    public function compare(Athlete $athlete, JsonObject $json, Methods $methods, ComparisonReading $reading): JsonResponse
    {
        $asked = ComparisonInput::read($json);

        return new JsonResponse($reading->of($athlete, $methods->find($asked->method) ?? throw $json->fault('method', 'There is no such method.'), $asked->from, $asked->count));
    }

    #[OA\Get(path: '/api/athletes/{athlete}/place', operationId: 'placeHistory', description: 'How the athlete moved through methods, newest first.', responses: [new Answer(200, PlaceHistoryJson::class)])]
    public function history(Athlete $athlete, PlaceReading $reading): JsonResponse
    {
        return new JsonResponse($reading->of($athlete));
    }

    #[OA\Post(
        path: '/api/athletes/{athlete}/place',
        operationId: 'placeAthlete',
        description: 'Assigned to a method, set back, or skipping a stage.',
        requestBody: new Body(PlaceGiven::class),
        responses: [new Answer(201, AthleteJson::class, 'Stored.'), new Answer(200, AthleteJson::class, 'Stored before.')],
    )]
    public function place(Athlete $athlete, Request $request, JsonObject $json, MoveAthlete $move, AthleteReading $view): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $move->place($athlete, $coach, ReadPlace::from($json));

        return new JsonResponse($view->of($athlete->refresh()), $stored->isNew ? 201 : 200);
    }
}
