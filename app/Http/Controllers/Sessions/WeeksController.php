<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sessions;

use App\Actions\Sessions\AddTimeOff;
use App\Actions\Sessions\TimeOffTold;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\ReadInput;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Queries\Sessions\WeeksQuery;
use App\Responses\Sessions\WeeksResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/**
 * The weeks ahead of an athlete, and the days off in them.
 */
final readonly class WeeksController
{
    public function __construct(private WeeksQuery $reading)
    {
    }

    #[OA\Get(path: '/api/v1/athletes/{athlete}/weeks', operationId: 'weeks', responses: [new Answer(200, WeeksResponse::class)])]
    public function show(Athlete $athlete): JsonResponse
    {
        return new JsonResponse($this->reading->of($athlete));
    }

    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/time-off',
        operationId: 'takeTimeOff',
        requestBody: new RequestBody(TimeOffTold::class),
        responses: [new Answer(201, WeeksResponse::class, 'Stored.'), new Answer(200, WeeksResponse::class, 'Stored before.')],
    )]
    public function off(Athlete $athlete, Request $request, JsonObject $json, ReadInput $inputs, AddTimeOff $take): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $take->tell($athlete, $coach, $inputs->of(TimeOffTold::class, $json));

        return new JsonResponse($this->reading->of($athlete), $stored->isNew ? 201 : 200);
    }

    #[OA\Delete(
        path: '/api/v1/athletes/{athlete}/time-off/{off}',
        operationId: 'giveTimeOffBack',
        responses: [new Answer(200, WeeksResponse::class)],
    )]
    public function takeBack(Athlete $athlete, string $off, AddTimeOff $take): JsonResponse
    {
        $take->takeBack($athlete, $off);

        return new JsonResponse($this->reading->of($athlete));
    }
}
