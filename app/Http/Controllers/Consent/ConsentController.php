<?php

declare(strict_types=1);

namespace App\Http\Controllers\Consent;

use App\Actions\Consent\ConsentGiven;
use App\Actions\Consent\ConsentTakenBack;
use App\Actions\Consent\NoteConsent;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\ReadInput;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Queries\Consent\ConsentQuery;
use App\Responses\Consent\ConsentResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/**
 * What an athlete agrees to.
 */
final readonly class ConsentController
{
    public function __construct(private ConsentQuery $consents, private NoteConsent $note, private ReadInput $inputs)
    {
    }

    #[OA\Get(path: '/api/v1/athletes/{athlete}/consent', operationId: 'consent', responses: [new Answer(200, ConsentResponse::class)])]
    public function show(Athlete $athlete): JsonResponse
    {
        return new JsonResponse($this->consents->of($athlete));
    }

    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/consent',
        operationId: 'giveConsent',
        requestBody: new RequestBody(ConsentGiven::class),
        responses: [new Answer(201, ConsentResponse::class, 'Stored.'), new Answer(200, ConsentResponse::class, 'Stored before.')],
    )]
    public function give(Athlete $athlete, Request $request, JsonObject $json): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $this->note->give($athlete, $coach, $this->inputs->of(ConsentGiven::class, $json));

        return new JsonResponse($this->consents->of($athlete), $stored->isNew ? 201 : 200);
    }

    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/consent/withdrawal',
        operationId: 'takeConsentBack',
        description: 'What was kept until then stays until it is erased.',
        requestBody: new RequestBody(ConsentTakenBack::class),
        responses: [new Answer(201, ConsentResponse::class, 'Stored.'), new Answer(200, ConsentResponse::class, 'Stored before.')],
    )]
    public function takeBack(Athlete $athlete, Request $request, JsonObject $json): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $this->note->takeBack($athlete, $coach, $this->inputs->of(ConsentTakenBack::class, $json));

        return new JsonResponse($this->consents->of($athlete), $stored->isNew ? 201 : 200);
    }
}
