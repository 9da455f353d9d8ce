<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Formats\JsonObject;
use App\Http\CommandQueue;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\Log\QueueInput;
use App\Models\Gym\User;
use App\Responses\Log\QueueOutcomeResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class QueueController
{
    #[OA\Post(
        path: '/api/v1/commands',
        operationId: 'sendCommands',
        description: 'What waited on a device, in the order it was done; each command is stored once. What is refused does not keep the others out.',
        requestBody: new RequestBody(QueueInput::class),
        responses: [new Answer(200, QueueOutcomeResponse::class)],
    )]
    public function __invoke(Request $request, JsonObject $json, CommandQueue $queue): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();

        return new JsonResponse($queue->take($json, $coach));
    }
}
