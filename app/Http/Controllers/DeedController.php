<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\JsonObject;
use App\Http\DeedQueue;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\QueuedDeedsInput;
use App\Models\User;
use App\Reading\QueueOutcomeJson;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class DeedController
{
    #[OA\Post(
        path: '/api/deeds',
        operationId: 'sendDeeds',
        description: 'What waited on a device, in the order it was done; each deed is stored once. What is refused does not keep the others out.',
        requestBody: new Body(QueuedDeedsInput::class),
        responses: [new Answer(200, QueueOutcomeJson::class)],
    )]
    public function __invoke(Request $request, JsonObject $json, DeedQueue $queue): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();

        return new JsonResponse($queue->take($json, $coach));
    }
}
