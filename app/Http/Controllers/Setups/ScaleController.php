<?php

declare(strict_types=1);

namespace App\Http\Controllers\Setups;

use App\Formats\Json\Ladder\ScaleJson;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Models\Athletes\Athlete;
use App\Queries\Setups\ScaleQuery;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Choices\Lane;

/**
 * The set-ups of one athlete on the scale of carried share.
 */
final class ScaleController
{
    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/scale',
        operationId: 'scale',
        description: 'Every set-up of one band, or of all bands and weights, and the unassisted pull-up; or all of a short lane.',
        parameters: [
            new OA\QueryParameter(name: 'band', schema: new OA\Schema(type: 'string', format: 'uuid')),
            new OA\QueryParameter(name: 'lane', schema: new OA\Schema(type: 'string', enum: ['seconds', 'pulldown'])),
        ],
        responses: [new Answer(200, ScaleJson::class)],
    )]
    public function show(Athlete $athlete, Request $request, ScaleQuery $view): JsonResponse
    {
        $query = JsonObject::ofQuery($request->query->all())->allowing('band', 'lane');
        $lane = $query->optionalChoice('lane', Lane::class);
        if ($lane === Lane::Pull || $lane === Lane::Row) {
            throw $query->fault('lane', 'This lane holds thousands of set-ups: ask for its ladder.');
        }

        return new JsonResponse(
            $lane !== null ? $view->lane($athlete, $lane) : $view->of($athlete, $query->has('band') ? $query->uuid('band') : null),
        );
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/instead',
        operationId: 'instead',
        description: 'What the athlete can be put on instead: the rungs of the ladder, and the single bands and weights.',
        responses: [new Answer(200, ScaleJson::class)],
    )]
    public function instead(Athlete $athlete, ScaleQuery $view): JsonResponse
    {
        return new JsonResponse($view->instead($athlete));
    }
}
