<?php

declare(strict_types=1);

namespace App\Http\Controllers\Floor;

use App\Actions\Floor\ClassGiven;
use App\Actions\Floor\SaveClass;
use App\Actions\RecalculateDue;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\Floor\HeldDay;
use App\Http\Requests\Floor\NewsInput;
use App\Http\Requests\Floor\WorkoutInput;
use App\Http\Requests\ReadInput;
use App\Models\Floor\GymClass;
use App\Models\Gym\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Queries\Floor\ClassQuery;
use App\Queries\Floor\FloorQuery;
use App\Queries\Floor\WorkoutQuery;
use App\Responses\Floor\ChangesResponse;
use App\Responses\Floor\ClassDayResponse;
use App\Responses\Floor\ClassListResponse;
use App\Responses\Floor\FreshPlanResponse;
use App\Responses\Floor\WorkoutResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/**
 * Classes, and the floor on a day of one.
 */
final readonly class ClassController
{
    public function __construct(private ClassQuery $reading)
    {
    }

    #[OA\Get(path: '/api/v1/classes', operationId: 'classes', responses: [new Answer(200, ClassListResponse::class)])]
    public function index(): JsonResponse
    {
        return new JsonResponse($this->reading->list());
    }

    #[OA\Post(
        path: '/api/v1/classes',
        operationId: 'makeClass',
        requestBody: new RequestBody(ClassGiven::class),
        responses: [new Answer(201, ClassListResponse::class, 'Stored.'), new Answer(200, ClassListResponse::class, 'Stored before.')],
    )]
    public function store(Request $request, JsonObject $json, ReadInput $inputs, SaveClass $keep): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $keep->make($coach, $inputs->of(ClassGiven::class, $json));

        return new JsonResponse($this->reading->list(), $stored->isNew ? 201 : 200);
    }

    #[OA\Put(
        path: '/api/v1/classes/{class}',
        operationId: 'changeClass',
        requestBody: new RequestBody(ClassGiven::class),
        responses: [new Answer(200, ClassListResponse::class)],
    )]
    public function update(string $class, JsonObject $json, ReadInput $inputs, SaveClass $keep): JsonResponse
    {
        $keep->change(GymClass::query()->findOrFail($class), $inputs->of(ClassGiven::class, $json));

        return new JsonResponse($this->reading->list());
    }

    #[OA\Delete(
        path: '/api/v1/classes/{class}',
        operationId: 'endClass',
        description: 'Nothing is held from today on; what was held stays.',
        responses: [new Answer(200, ClassListResponse::class)],
    )]
    public function end(string $class, SaveClass $keep): JsonResponse
    {
        $keep->end(GymClass::query()->findOrFail($class));

        return new JsonResponse($this->reading->list());
    }

    #[OA\Get(path: '/api/v1/classes/{class}/days/{on}', operationId: 'classDay', responses: [new Answer(200, ClassDayResponse::class)])]
    public function day(string $class, string $on, FloorQuery $floor, RecalculateDue $catchUp): JsonResponse
    {
        $held = HeldDay::of($class, $on);
        $catchUp->now(before: $on); // sessions are written from what days before left; what this day logs waits

        return new JsonResponse($floor->of($held, $on));
    }

    #[OA\Get(
        path: '/api/v1/classes/{class}/days/{on}/news',
        operationId: 'classNews',
        description: 'Those of whom something was told since a number.',
        parameters: [new OA\QueryParameter(name: 'since', required: true, schema: new OA\Schema(type: 'integer', minimum: 0))],
        responses: [new Answer(200, ChangesResponse::class)],
    )]
    public function news(string $class, string $on, Request $request, FloorQuery $floor): JsonResponse
    {
        $held = HeldDay::of($class, $on);

        return new JsonResponse($floor->since($held, $on, NewsInput::read($request)->since));
    }

    #[OA\Get(
        path: '/api/v1/classes/{class}/days/{on}/fresh-plan',
        operationId: 'freshPlan',
        description: 'What is left, planned anew, beside what was told; it is taken by telling its order.',
        responses: [new Answer(200, FreshPlanResponse::class)],
    )]
    public function freshPlan(string $class, string $on, FloorQuery $floor): JsonResponse
    {
        return new JsonResponse($floor->freshPlan(HeldDay::of($class, $on), $on)
            ?? throw new Problem(ProblemCode::NotFound, 'There is nothing left to plan on that day.'));
    }

    #[OA\Get(
        path: '/api/v1/classes/{class}/days/{on}/workout',
        operationId: 'classWorkout',
        description: 'The pulls of a workout, split for all who come: “21-15-9 pull-ups”, “5 rounds, 10 pulls”.',
        parameters: [
            new OA\QueryParameter(
                name: 'task',
                required: true,
                schema: new OA\Schema(type: 'string', maxLength: WorkoutInput::LONGEST),
            ),
            new OA\QueryParameter(
                name: 'set',
                description: 'The most reps in a row.',
                schema: new OA\Schema(type: 'integer', minimum: WorkoutInput::SET[0], maximum: WorkoutInput::SET[1]),
            ),
        ],
        responses: [new Answer(200, WorkoutResponse::class)],
    )]
    public function workout(string $class, string $on, Request $request, WorkoutQuery $workouts): JsonResponse
    {
        $held = HeldDay::of($class, $on);
        $asked = WorkoutInput::read($request);

        return new JsonResponse($workouts->of($held, $on, $asked->task, $asked->set));
    }
}
