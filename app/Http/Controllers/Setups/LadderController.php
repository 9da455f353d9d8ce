<?php

declare(strict_types=1);

namespace App\Http\Controllers\Setups;

use App\Formats\Json\Ladder\LadderJson;
use App\Http\Docs\Answer;
use App\Http\Requests\Setups\LadderInput;
use App\Models\Athletes\Athlete;
use App\Queries\Setups\LadderQuery;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class LadderController
{
    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/ladder',
        operationId: 'ladder',
        description: 'The steadiest ladder through everything this gym’s gear allows for this athlete.',
        parameters: [
            new OA\QueryParameter(name: 'lane', required: true, schema: new OA\Schema(type: 'string', enum: ['pull', 'row', 'pulldown'])),
            new OA\QueryParameter(name: 'goal_share', schema: new OA\Schema(type: 'number')),
            new OA\QueryParameter(name: 'most_rungs', schema: new OA\Schema(type: 'integer')),
            new OA\QueryParameter(
                name: 'advice',
                description: 'Given: look for the one purchase or measurement that helps most, too.',
                schema: new OA\Schema(type: 'string'),
            ),
        ],
        responses: [new Answer(200, LadderJson::class)],
    )]
    public function __invoke(Athlete $athlete, Request $request, LadderQuery $view): JsonResponse
    {
        $asked = LadderInput::read($request);

        return new JsonResponse($view->of($athlete, $asked->lane, $asked->goal_share, $asked->most_rungs, $asked->advice));
    }
}
