<?php

declare(strict_types=1);

namespace App\Http\Controllers\Setups;

use App\Actions\Setups\ChooseSetup;
use App\Formats\Json\Ladder\RungListJson;
use App\Formats\Json\Ladder\SetupAnswerJson;
use App\Formats\Json\Read;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Models\Athletes\Athlete;
use App\Queries\Athletes\AthleteQuery;
use App\Queries\Setups\SetupQuery;
use App\Responses\Athletes\AthleteResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\OutOfRange;
use SteadyRung\Strength\Reps\RepCurve;

/**
 * One set-up of one athlete, and which one to take for what is wanted.
 */
final readonly class SetupController
{
    public function __construct(private SetupQuery $view)
    {
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/setup',
        operationId: 'setup',
        description: 'What a set-up carries, how it looks, how the figures came about; or why it does not fit.',
        parameters: [new OA\QueryParameter(
            name: 'exercise',
            description: 'An Exercise as JSON.',
            required: true,
            schema: new OA\Schema(type: 'string'),
        )],
        responses: [new Answer(200, SetupAnswerJson::class)],
    )]
    public function show(Athlete $athlete, Request $request): JsonResponse
    {
        $query = JsonObject::ofQuery($request->query->all())->allowing('exercise');
        $exercise = ExerciseJson::ofQuery($query);

        return new JsonResponse($query->buildAt('exercise', fn (): SetupAnswerJson => $this->view->of($athlete, $exercise)));
    }

    #[OA\Put(
        path: '/api/v1/athletes/{athlete}/setup',
        operationId: 'chooseSetup',
        requestBody: new RequestBody(ExerciseJson::class),
        responses: [new Answer(200, AthleteResponse::class)],
    )]
    public function choose(Athlete $athlete, JsonObject $json, ChooseSetup $choose, AthleteQuery $view): JsonResponse
    {
        $exercise = ExerciseJson::read($json);

        return new JsonResponse($view->of($json->build(static fn (): Athlete => $choose->choose($athlete, $exercise))));
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/heel-mark',
        operationId: 'heelMark',
        description: 'The heel mark for a wanted carried share: of one row, or of every row this gym can build, those whose heels hold first.',
        parameters: [
            new OA\QueryParameter(
                name: 'exercise',
                description: 'A row as JSON; its heel mark does not matter.',
                schema: new OA\Schema(type: 'string'),
            ),
            new OA\QueryParameter(name: 'share', required: true, schema: new OA\Schema(type: 'number')),
        ],
        responses: [new Answer(200, RungListJson::class)],
    )]
    public function heelMark(Athlete $athlete, Request $request): JsonResponse
    {
        $query = JsonObject::ofQuery($request->query->all(), 'share')->allowing('exercise', 'share');
        if (! $query->has('exercise')) {
            return new JsonResponse($this->view->heelMarks($athlete, Read::share($query, 'share')));
        }
        $row = ExerciseJson::ofQuery($query)->setup;
        if (! $row instanceof InRow) {
            throw $query->fault('exercise', 'Only a row has a heel mark.');
        }
        $share = Read::share($query, 'share');

        return new JsonResponse($query->buildAt('exercise', fn (): RungListJson => $this->view->heelMark($athlete, $row, $share)));
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/standing-height',
        operationId: 'standingHeight',
        description: 'The box or plates under the feet for a wanted leg part of the travel.',
        parameters: [
            new OA\QueryParameter(name: 'bar_id', required: true, schema: new OA\Schema(type: 'string', format: 'uuid')),
            new OA\QueryParameter(name: 'leg_part', required: true, schema: new OA\Schema(type: 'number')),
        ],
        responses: [new Answer(200, RungListJson::class)],
    )]
    public function standingHeight(Athlete $athlete, Request $request): JsonResponse
    {
        $query = JsonObject::ofQuery($request->query->all(), 'leg_part')->allowing('bar_id', 'leg_part');
        $part = $query->number('leg_part');
        $barId = $query->uuid('bar_id');

        return new JsonResponse($query->build(fn (): RungListJson => $this->view->standingHeight($athlete, $barId, $part)));
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/for-reps',
        operationId: 'forReps',
        description: 'The single bands and weights on which so many clean reps are expected, nearest first.',
        parameters: [new OA\QueryParameter(name: 'reps', required: true, schema: new OA\Schema(type: 'integer', minimum: 1, maximum: 12))],
        responses: [new Answer(200, RungListJson::class)],
    )]
    public function forReps(Athlete $athlete, Request $request): JsonResponse
    {
        $query = JsonObject::ofQuery($request->query->all(), 'reps')->allowing('reps');
        $reps = $query->integer('reps');
        $query->build(static fn () => OutOfRange::guard(['reps' => [$reps, [1.0, RepCurve::MOST_REPS]]]));

        return new JsonResponse($this->view->forReps($athlete, $reps));
    }
}
