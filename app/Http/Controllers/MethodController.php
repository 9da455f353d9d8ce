<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\KeepMethod;
use App\Formats\Json\MethodJson;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Nothing;
use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Reading\LibraryJson;
use App\Reading\MethodListJson;
use App\Reading\MethodReading;
use App\Reading\Methods;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class MethodController
{
    #[OA\Get(path: '/api/methods', operationId: 'methods', description: 'Those that ship with the product, then the gym’s own.', responses: [new Answer(200, MethodListJson::class)])]
    public function index(MethodReading $reading): JsonResponse
    {
        return new JsonResponse($reading->list());
    }

    #[OA\Get(path: '/api/library', operationId: 'library', description: 'What goes with any method.', responses: [new Answer(200, LibraryJson::class)])]
    public function library(): JsonResponse
    {
        return new JsonResponse(LibraryJson::whole());
    }

    #[OA\Get(path: '/api/methods/{method}', operationId: 'method', description: 'As one JSON file, to take away or to edit; see method.schema.json.', responses: [new OA\Response(response: 200, description: 'The method.', content: new OA\JsonContent(type: 'object'))])]
    public function show(string $method, Methods $methods): JsonResponse
    {
        $found = $methods->find($method) ?? throw new Problem(ProblemCode::NotFound, "There is no method “{$method}”.");

        return new JsonResponse(MethodJson::of($found));
    }

    #[OA\Put(
        path: '/api/methods',
        operationId: 'keepMethod',
        description: 'A method of the gym’s own, whole; one of the same key is replaced.',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object')),
        responses: [new Answer(200, MethodListJson::class)],
    )]
    public function keep(Request $request, JsonObject $json, KeepMethod $keep, MethodReading $reading): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $keep->keep(MethodJson::read($json), $coach);

        return new JsonResponse($reading->list());
    }

    #[OA\Post(
        path: '/api/methods/check',
        operationId: 'checkMethod',
        description: 'Whether a method could be kept; nothing is changed.',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object')),
        responses: [new Nothing],
    )]
    public function check(JsonObject $json, KeepMethod $keep): Response
    {
        $keep->check(MethodJson::read($json));

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/api/methods/{method}', operationId: 'dropMethod', responses: [new Nothing])]
    public function drop(string $method, KeepMethod $keep): Response
    {
        $keep->drop($method);

        return new Response(status: 204);
    }
}
