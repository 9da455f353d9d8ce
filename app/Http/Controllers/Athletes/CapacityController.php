<?php

declare(strict_types=1);

namespace App\Http\Controllers\Athletes;

use App\Formats\Json\Why\WhyJson;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Models\Athletes\Athlete;
use App\Queries\Athletes\CapacityQuery;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Choices\Pattern;

final class CapacityController
{
    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/capacity',
        operationId: 'capacityWhy',
        description: 'How the capacity of a movement came about.',
        parameters: [new OA\QueryParameter(name: 'pattern', required: true, schema: new OA\Schema(enum: Pattern::class, type: 'string'))],
        responses: [new Answer(200, WhyJson::class)],
    )]
    public function __invoke(Athlete $athlete, Request $request, CapacityQuery $view): JsonResponse
    {
        $pattern = JsonObject::ofQuery($request->query->all())->allowing('pattern')->choice('pattern', Pattern::class);

        return new JsonResponse($view->of($athlete, $pattern));
    }
}
