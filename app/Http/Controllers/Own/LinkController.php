<?php

declare(strict_types=1);

namespace App\Http\Controllers\Own;

use App\Actions\Own\GiveLink;
use App\Actions\Own\LinkGiven;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Nothing;
use App\Http\Docs\RequestBody;
use App\Http\Requests\ReadInput;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Queries\Own\LinkQuery;
use App\Responses\Own\LinkStandingResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/**
 * The private link to an athlete's own page, as the coach gives and ends it.
 */
final readonly class LinkController
{
    public function __construct(private LinkQuery $reading)
    {
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/link',
        operationId: 'ownLink',
        description: 'The link that stands, and when it was looked by.',
        responses: [new Answer(200, LinkStandingResponse::class)],
    )]
    public function show(Athlete $athlete): JsonResponse
    {
        return new JsonResponse($this->reading->of($athlete));
    }

    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/link',
        operationId: 'giveLink',
        description: 'A new link; the one before ends.',
        requestBody: new RequestBody(LinkGiven::class),
        responses: [
            new Answer(201, LinkStandingResponse::class, 'Stored.'),
            new Answer(200, LinkStandingResponse::class, 'Stored before.'),
        ],
    )]
    public function give(Athlete $athlete, Request $request, JsonObject $json, ReadInput $inputs, GiveLink $give): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $give->give($athlete, $coach, $inputs->of(LinkGiven::class, $json));

        return new JsonResponse($this->reading->of($athlete), $stored->isNew ? 201 : 200);
    }

    #[OA\Delete(path: '/api/v1/athletes/{athlete}/link', operationId: 'endLink', responses: [new Nothing])]
    public function end(Athlete $athlete, GiveLink $give): Response
    {
        $give->end($athlete);

        return new Response(status: 204);
    }
}
