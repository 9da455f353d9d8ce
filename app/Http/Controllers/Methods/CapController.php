<?php

declare(strict_types=1);

namespace App\Http\Controllers\Methods;

use App\Actions\Methods\SetCaps;
use App\Context\Gym\CurrentGym;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\Methods\CapsInput;
use App\Models\Gym\User;
use App\Responses\Methods\CapsResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use SteadyRung\Safety\CapLimits;

/**
 * The caps of the gym.
 */
final readonly class CapController
{
    public function __construct(private CurrentGym $gym)
    {
    }

    #[OA\Get(path: '/api/v1/caps', operationId: 'caps', responses: [new Answer(200, CapsResponse::class)])]
    public function show(): JsonResponse
    {
        return new JsonResponse(CapsResponse::of($this->gym->gym()));
    }

    #[OA\Put(
        path: '/api/v1/caps',
        operationId: 'settleCaps',
        description: 'Lower at will; above the usual only where the coach answers for it.',
        requestBody: new RequestBody(CapsInput::class),
        responses: [new Answer(200, CapsResponse::class)],
    )]
    public function settle(Request $request, JsonObject $json, SetCaps $settle): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $input = CapsInput::read($json);
        $settle->settle($json->build(static fn (): CapLimits => $input->limits()), $coach, $input->acknowledged === true);

        return new JsonResponse(CapsResponse::of($this->gym->gym()));
    }
}
