<?php

declare(strict_types=1);

namespace App\Http\Controllers\Floor;

use App\Actions\Floor\OpenBoard;
use App\Actions\RecalculateDue;
use App\Http\Docs\Answer;
use App\Http\Docs\Nothing;
use App\Http\Requests\Floor\HeldDay;
use App\Models\Floor\GymClass;
use App\Queries\Floor\BoardQuery;
use App\Responses\Board\BoardCodeResponse;
use App\Responses\Board\BoardResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/**
 * The board on the wall: its code, as a coach gives and ends it, and what a screen is told by it.
 */
final readonly class BoardController
{
    public function __construct(private BoardQuery $reading)
    {
    }

    #[OA\Get(
        path: '/api/v1/classes/{class}/days/{on}/board',
        operationId: 'boardCode',
        description: 'The code that opens it now, if any does.',
        responses: [new Answer(200, BoardCodeResponse::class)],
    )]
    public function code(string $class, string $on): JsonResponse
    {
        return new JsonResponse($this->reading->code(HeldDay::of($class, $on), $on));
    }

    #[OA\Put(
        path: '/api/v1/classes/{class}/days/{on}/board',
        operationId: 'openBoard',
        description: 'A code by which any screen shows it; the same while it stands.',
        responses: [new Answer(200, BoardCodeResponse::class)],
    )]
    public function open(string $class, string $on, OpenBoard $boards): JsonResponse
    {
        $held = HeldDay::of($class, $on);
        $boards->open($held, $on);

        return new JsonResponse($this->reading->code($held, $on));
    }

    #[OA\Delete(path: '/api/v1/classes/{class}/days/{on}/board', operationId: 'endBoard', responses: [new Nothing])]
    public function end(string $class, string $on, OpenBoard $boards): Response
    {
        $boards->end(HeldDay::of($class, $on), $on);

        return new Response(status: 204);
    }

    #[OA\Get(
        path: '/api/v1/board',
        operationId: 'board',
        description: 'What everybody in the gym may read of a class; the code of the board stands in the header Board-Code.',
        responses: [new Answer(200, BoardResponse::class)],
    )]
    public function show(GymClass $held, string $on, RecalculateDue $catchUp): JsonResponse
    {
        $catchUp->now(before: $on); // sessions are written from what days before left

        return new JsonResponse($this->reading->of($held, $on));
    }
}
