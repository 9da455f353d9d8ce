<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Actions\Log\ComputeAgain;
use App\Actions\Log\RecomputationOrdered;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\ReadInput;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Kit\Band;
use App\Models\Log\Recomputation;
use App\Queries\Log\RecomputationQuery;
use App\Responses\Log\OutdatedSetsResponse;
use App\Responses\Log\RecomputationResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final readonly class RecomputationController
{
    public function __construct(private ComputeAgain $compute, private RecomputationQuery $view)
    {
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/outdated-sets',
        operationId: 'outdatedSetsOfAthlete',
        description: 'Sets whose mass is 1.5 % and more off the one that stands for their day.',
        responses: [new Answer(200, OutdatedSetsResponse::class)],
    )]
    public function ofAthlete(Athlete $athlete): JsonResponse
    {
        return new JsonResponse($this->view->ofAthlete($athlete));
    }

    #[OA\Get(
        path: '/api/v1/bands/{band}/outdated-sets',
        operationId: 'outdatedSetsOfBand',
        description: 'Sets in a band whose load is not of its readings as they are.',
        responses: [new Answer(200, OutdatedSetsResponse::class)],
    )]
    public function ofBand(Band $band): JsonResponse
    {
        return new JsonResponse($this->view->ofBand($band));
    }

    #[OA\Post(
        path: '/api/v1/recomputations',
        operationId: 'computeAgain',
        description: 'Orders it; a job of the queue does it.',
        requestBody: new RequestBody(RecomputationOrdered::class),
        responses: [new Answer(201, RecomputationResponse::class)],
    )]
    public function order(Request $request, JsonObject $json, ReadInput $inputs): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $this->compute->order($coach, $inputs->of(RecomputationOrdered::class, $json));

        return new JsonResponse(RecomputationResponse::of($stored->record), $stored->isNew ? 201 : 200);
    }

    #[OA\Get(
        path: '/api/v1/recomputations/{recomputation}',
        operationId: 'recomputation',
        responses: [new Answer(200, RecomputationResponse::class)],
    )]
    public function show(Recomputation $recomputation): JsonResponse
    {
        return new JsonResponse(RecomputationResponse::of($recomputation));
    }

    #[OA\Put(
        path: '/api/v1/recomputations/{recomputation}/resumption',
        operationId: 'resumeRecomputation',
        description: 'One that stopped goes on where it was.',
        responses: [new Answer(200, RecomputationResponse::class)],
    )]
    public function resume(Recomputation $recomputation): JsonResponse
    {
        $this->compute->resume($recomputation);

        return new JsonResponse(RecomputationResponse::of($recomputation));
    }
}
