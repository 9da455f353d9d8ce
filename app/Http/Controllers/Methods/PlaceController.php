<?php

declare(strict_types=1);

namespace App\Http\Controllers\Methods;

use App\Actions\Methods\MoveAthlete;
use App\Actions\Methods\PlaceGiven;
use App\Context\Methods\Methods;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\Methods\ComparisonInput;
use App\Http\Requests\ReadInput;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Queries\Athletes\AthleteQuery;
use App\Queries\Methods\ComparisonQuery;
use App\Queries\Methods\PlaceQuery;
use App\Responses\Athletes\AthleteResponse;
use App\Responses\Methods\ComparedListResponse;
use App\Responses\Methods\PlaceHistoryResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/**
 * Where an athlete stands in a method.
 */
final class PlaceController
{
    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/comparisons',
        operationId: 'compareMethod',
        description: 'Some virtual athletes like this one through a method; a model, nothing is kept.',
        requestBody: new RequestBody(ComparisonInput::class),
        responses: [new Answer(200, ComparedListResponse::class)],
    )]
    public function compare(Athlete $athlete, JsonObject $json, ReadInput $inputs, Methods $methods, ComparisonQuery $reading): JsonResponse
    {
        $asked = $inputs->of(ComparisonInput::class, $json);

        return new JsonResponse($reading->of(
            $athlete,
            $methods->find($asked->method) ?? throw $json->fault('method', 'There is no such method.'),
            $asked->from,
            $asked->count,
        ));
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/place',
        operationId: 'placeHistory',
        description: 'How the athlete moved through methods, newest first.',
        responses: [new Answer(200, PlaceHistoryResponse::class)],
    )]
    public function history(Athlete $athlete, PlaceQuery $reading): JsonResponse
    {
        return new JsonResponse($reading->of($athlete));
    }

    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/place',
        operationId: 'placeAthlete',
        description: 'Assigned to a method, set back, or skipping a stage.',
        requestBody: new RequestBody(PlaceGiven::class),
        responses: [new Answer(201, AthleteResponse::class, 'Stored.'), new Answer(200, AthleteResponse::class, 'Stored before.')],
    )]
    public function place(
        Athlete $athlete,
        Request $request,
        JsonObject $json,
        ReadInput $inputs,
        MoveAthlete $move,
        AthleteQuery $view,
    ): JsonResponse {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $move->place($athlete, $coach, $inputs->of(PlaceGiven::class, $json));

        return new JsonResponse($view->of($athlete->refresh()), $stored->isNew ? 201 : 200);
    }
}
