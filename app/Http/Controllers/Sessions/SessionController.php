<?php

declare(strict_types=1);

namespace App\Http\Controllers\Sessions;

use App\Actions\Sessions\ChangeSession;
use App\Actions\Sessions\LineGiven;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\ReadInput;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Queries\Sessions\ClassWorkQuery;
use App\Queries\Sessions\SessionQuery;
use App\Responses\Sessions\ClassWorkResponse;
use App\Responses\Sessions\OtherRungsResponse;
use App\Responses\Sessions\SessionResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use SteadyRung\OutOfRange;

/**
 * The next session of an athlete, and what the coach changes in it.
 */
final readonly class SessionController
{
    private const REPS = [1.0, 30.0];

    public function __construct(private SessionQuery $reading)
    {
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/session',
        operationId: 'session',
        description: 'The next session, written for today.',
        responses: [new Answer(200, SessionResponse::class)],
    )]
    public function show(Athlete $athlete): JsonResponse
    {
        return new JsonResponse($this->reading->of($athlete));
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/session/others',
        operationId: 'otherExercises',
        description: 'What could be done in the place of a line, nearest in carried share first; without one, what could be added.',
        parameters: [new OA\QueryParameter(name: 'line', description: 'Key of the line.', schema: new OA\Schema(type: 'string'))],
        responses: [new Answer(200, OtherRungsResponse::class)],
    )]
    public function others(Athlete $athlete, Request $request): JsonResponse
    {
        return new JsonResponse($this->reading->others(
            $athlete,
            JsonObject::ofQuery($request->query->all())->allowing('line')->optionalText('line', 160),
        ));
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/class-work',
        operationId: 'classWork',
        description: 'What the athlete can do in a class that wants sets of so many reps.',
        parameters: [new OA\QueryParameter(name: 'reps', required: true, schema: new OA\Schema(type: 'integer', minimum: 1, maximum: 30))],
        responses: [new Answer(200, ClassWorkResponse::class)],
    )]
    public function classWork(Athlete $athlete, Request $request, ClassWorkQuery $work): JsonResponse
    {
        $query = JsonObject::ofQuery($request->query->all(), 'reps')->allowing('reps');
        $reps = $query->integer('reps');
        $query->build(static fn () => OutOfRange::guard(['reps' => [$reps, self::REPS]]));

        return new JsonResponse($work->of($athlete, $reps));
    }

    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/session/changes',
        operationId: 'changeLine',
        description: 'A line changed by hand; what was changed of it for as long is put back.',
        requestBody: new RequestBody(LineGiven::class),
        responses: [new Answer(201, SessionResponse::class, 'Stored.'), new Answer(200, SessionResponse::class, 'Stored before.')],
    )]
    public function change(Athlete $athlete, Request $request, JsonObject $json, ReadInput $inputs, ChangeSession $change): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $change->change($athlete, $coach, $inputs->of(LineGiven::class, $json));

        return new JsonResponse($this->reading->of($athlete), $stored->isNew ? 201 : 200);
    }

    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/session/tried',
        operationId: 'tryLine',
        description: 'The session as a change would have it; nothing is kept.',
        requestBody: new RequestBody(LineGiven::class),
        responses: [new Answer(200, SessionResponse::class)],
    )]
    public function try(Athlete $athlete, JsonObject $json, ReadInput $inputs, ChangeSession $change): JsonResponse
    {
        return new JsonResponse($this->reading->written($change->tried($athlete, $inputs->of(LineGiven::class, $json))));
    }

    #[OA\Delete(
        path: '/api/v1/athletes/{athlete}/session/changes',
        operationId: 'putLineBack',
        description: 'A line as the method has it again.',
        parameters: [new OA\QueryParameter(
            name: 'line',
            description: 'Key of the line.',
            required: true,
            schema: new OA\Schema(type: 'string'),
        )],
        responses: [new Answer(200, SessionResponse::class)],
    )]
    public function putBack(Athlete $athlete, Request $request, ChangeSession $change): JsonResponse
    {
        $change->putBack($athlete, self::line($request));

        return new JsonResponse($this->reading->of($athlete));
    }

    private static function line(Request $request): string
    {
        return JsonObject::ofQuery($request->query->all())->allowing('line')->text('line', 160);
    }
}
