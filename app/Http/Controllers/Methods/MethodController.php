<?php

declare(strict_types=1);

namespace App\Http\Controllers\Methods;

use App\Actions\Methods\SaveMethod;
use App\Context\Methods\Methods;
use App\Formats\Json\Methods\MethodJson;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Nothing;
use App\Models\Gym\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Queries\Methods\MethodQuery;
use App\Queries\Methods\OutcomeQuery;
use App\Responses\Methods\LibraryResponse;
use App\Responses\Methods\MethodListResponse;
use App\Responses\Methods\OutcomeListResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class MethodController
{
    #[OA\Get(
        path: '/api/v1/methods',
        operationId: 'methods',
        description: 'Those that ship with the product, then the gym’s own.',
        responses: [new Answer(200, MethodListResponse::class)],
    )]
    public function index(MethodQuery $reading): JsonResponse
    {
        return new JsonResponse($reading->list());
    }

    #[OA\Get(
        path: '/api/v1/library',
        operationId: 'library',
        description: 'What goes with any method.',
        responses: [new Answer(200, LibraryResponse::class)],
    )]
    public function library(): JsonResponse
    {
        return new JsonResponse(LibraryResponse::whole());
    }

    #[OA\Get(
        path: '/api/v1/methods/outcomes',
        operationId: 'outcomes',
        description: 'What this gym’s own log says of its methods and rules.',
        responses: [new Answer(200, OutcomeListResponse::class)],
    )]
    public function outcomes(OutcomeQuery $reading): JsonResponse
    {
        return new JsonResponse($reading->of());
    }

    #[OA\Get(
        path: '/api/v1/methods/{method}',
        operationId: 'method',
        description: 'As one JSON file, to take away or to edit; see method.schema.json.',
        responses: [new OA\Response(response: 200, description: 'The method.', content: new OA\JsonContent(type: 'object'))],
    )]
    public function show(string $method, Methods $methods): JsonResponse
    {
        $found = $methods->find($method) ?? throw new Problem(ProblemCode::NotFound, "There is no method “{$method}”.");

        return new JsonResponse(MethodJson::of($found));
    }

    #[OA\Put(
        path: '/api/v1/methods',
        operationId: 'keepMethod',
        description: 'A method of the gym’s own, whole; one of the same key is replaced.',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object')),
        responses: [new Answer(200, MethodListResponse::class)],
    )]
    public function keep(Request $request, JsonObject $json, SaveMethod $keep, MethodQuery $reading): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $keep->keep(MethodJson::read($json), $coach);

        return new JsonResponse($reading->list());
    }

    #[OA\Post(
        path: '/api/v1/methods/check',
        operationId: 'checkMethod',
        description: 'Whether a method could be kept; nothing is changed.',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object')),
        responses: [new Nothing],
    )]
    public function check(JsonObject $json, SaveMethod $keep): Response
    {
        $keep->check(MethodJson::read($json));

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/api/v1/methods/{method}', operationId: 'dropMethod', responses: [new Nothing])]
    public function drop(string $method, SaveMethod $keep): Response
    {
        $keep->drop($method);

        return new Response(status: 204);
    }
}
