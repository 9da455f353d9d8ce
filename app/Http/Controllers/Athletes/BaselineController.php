<?php

declare(strict_types=1);

namespace App\Http\Controllers\Athletes;

use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Models\Athletes\Athlete;
use App\Queries\Athletes\BaselineQuery;
use App\Responses\Athletes\BaselineResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use SteadyRung\Plan\Baseline\BaselineStep;

final class BaselineController
{
    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/baseline',
        operationId: 'baseline',
        description: 'What was done of it in the last week, what comes next and on which set-up, and at its end where to begin.',
        parameters: [new OA\QueryParameter(
            name: 'passed',
            description: 'Steps the coach passes over, with commas between.',
            schema: new OA\Schema(type: 'string'),
        )],
        responses: [new Answer(200, BaselineResponse::class)],
    )]
    public function __invoke(Athlete $athlete, Request $request, BaselineQuery $reading): JsonResponse
    {
        $query = JsonObject::ofQuery($request->query->all())->allowing('passed');
        $passed = [];
        foreach (array_filter(explode(',', $query->optionalText('passed', 200) ?? '')) as $name) {
            $passed[] = BaselineStep::tryFrom($name) ?? throw $query->fault('passed', 'This step is not known: '.$name);
        }

        return new JsonResponse($reading->of($athlete, $passed));
    }
}
