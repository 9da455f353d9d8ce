<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gym;

use App\Http\Docs\Answer;
use App\Queries\Gym\FirstStepsQuery;
use App\Responses\Gym\FirstStepsResponse;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class FirstStepsController
{
    #[OA\Get(path: '/api/v1/first-steps', operationId: 'firstSteps', responses: [new Answer(200, FirstStepsResponse::class)])]
    public function __invoke(FirstStepsQuery $steps): JsonResponse
    {
        return new JsonResponse($steps->state());
    }
}
