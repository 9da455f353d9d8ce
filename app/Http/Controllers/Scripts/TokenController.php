<?php

declare(strict_types=1);

namespace App\Http\Controllers\Scripts;

use App\Actions\Scripts\GiveToken;
use App\Actions\Scripts\TokenGiven;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\ReadInput;
use App\Models\Gym\User;
use App\Queries\Scripts\TokensQuery;
use App\Responses\Scripts\TokensResponse;
use App\Responses\Scripts\TokenToldResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/**
 * Scripts of the gym's own, and what lets them in.
 */
final readonly class TokenController
{
    public function __construct(private TokensQuery $tokens, private GiveToken $giving)
    {
    }

    #[OA\Get(path: '/api/v1/tokens', operationId: 'tokens', responses: [new Answer(200, TokensResponse::class)])]
    public function index(): JsonResponse
    {
        return new JsonResponse($this->tokens->all());
    }

    #[OA\Post(
        path: '/api/v1/tokens',
        operationId: 'giveToken',
        requestBody: new RequestBody(TokenGiven::class),
        responses: [
            new Answer(201, TokenToldResponse::class, 'Stored.'),
            new Answer(200, TokenToldResponse::class, 'Stored before.'),
        ],
    )]
    public function give(Request $request, JsonObject $json, ReadInput $inputs): JsonResponse
    {
        /** @var User $owner */
        $owner = $request->user();
        $given = $this->giving->give($owner, $inputs->of(TokenGiven::class, $json));

        return new JsonResponse(new TokenToldResponse($this->giving->told($given->record->id)), $given->isNew ? 201 : 200);
    }

    #[OA\Delete(
        path: '/api/v1/tokens/{token}',
        operationId: 'endToken',
        responses: [new Answer(200, TokensResponse::class)],
    )]
    public function end(string $token): JsonResponse
    {
        $this->giving->end($token);

        return $this->index();
    }
}
