<?php

declare(strict_types=1);

namespace App\Http\Controllers\Trend;

use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Models\Athletes\Athlete;
use App\Queries\Trend\TrendQuery;
use App\Responses\Trend\TrendRange;
use App\Responses\Trend\TrendResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Choices\Pattern;

final class TrendController
{
    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/trend',
        operationId: 'trend',
        description: 'Capacity against time with what belongs to it, and what is foretold.',
        parameters: [
            new OA\QueryParameter(
                name: 'pattern',
                description: 'Not given: the pull, or what there is.',
                schema: new OA\Schema(enum: Pattern::class, type: 'string'),
            ),
            new OA\QueryParameter(name: 'range', schema: new OA\Schema(enum: TrendRange::class, type: 'string')),
        ],
        responses: [new Answer(200, TrendResponse::class)],
    )]
    public function __invoke(Athlete $athlete, Request $request, TrendQuery $reading): JsonResponse
    {
        $query = JsonObject::ofQuery($request->query->all())->allowing('pattern', 'range');

        return new JsonResponse($reading->of(
            $athlete,
            $query->optionalChoice('pattern', Pattern::class),
            $query->optionalChoice('range', TrendRange::class) ?? TrendRange::Season,
        ));
    }
}
