<?php

declare(strict_types=1);

namespace App\Http\Controllers\Erase;

use App\Actions\Erase\ErasureOrdered;
use App\Actions\Erase\OrderErasure;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\ReadInput;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Queries\Erase\ErasureQuery;
use App\Responses\Erase\ErasureAheadResponse;
use App\Responses\Erase\ErasureListResponse;
use App\Responses\Erase\ErasureResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/**
 * Erasing an athlete: what it would do, ordering it, and what was erased.
 */
final readonly class ErasureController
{
    public function __construct(private ErasureQuery $view)
    {
    }

    #[OA\Get(path: '/api/v1/erasures', operationId: 'erasures', responses: [new Answer(200, ErasureListResponse::class)])]
    public function index(): JsonResponse
    {
        return new JsonResponse($this->view->all());
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/erasure',
        operationId: 'erasureAhead',
        description: 'What erasing them would do.',
        responses: [new Answer(200, ErasureAheadResponse::class)],
    )]
    public function ahead(Athlete $athlete): JsonResponse
    {
        return new JsonResponse($this->view->ahead($athlete));
    }

    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/erasure',
        operationId: 'eraseAthlete',
        description: 'Orders it; a job of the queue does it. It cannot be undone.',
        requestBody: new RequestBody(ErasureOrdered::class),
        responses: [new Answer(202, ErasureResponse::class)],
    )]
    public function order(Athlete $athlete, Request $request, JsonObject $json, ReadInput $inputs, OrderErasure $erase): JsonResponse
    {
        /** @var User $owner */
        $owner = $request->user();
        $stored = $erase->order($athlete, $owner, $inputs->of(ErasureOrdered::class, $json));

        return new JsonResponse(ErasureResponse::of($stored->record, $owner->name), 202);
    }
}
