<?php

declare(strict_types=1);

namespace App\Http\Controllers\Athletes;

use App\Actions\Athletes\NoteWritten;
use App\Actions\Athletes\WriteNote;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\PageInput;
use App\Http\Requests\ReadInput;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Queries\Athletes\NotesQuery;
use App\Responses\Athletes\NotePageResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/**
 * What coaches write down of an athlete.
 */
final readonly class NoteController
{
    public function __construct(private NotesQuery $notes, private WriteNote $writing)
    {
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/notes',
        operationId: 'notes',
        parameters: [new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer', minimum: 1))],
        responses: [new Answer(200, NotePageResponse::class)],
    )]
    public function index(Athlete $athlete, Request $request): JsonResponse
    {
        return new JsonResponse($this->notes->page($athlete, PageInput::read($request)->page));
    }

    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/notes',
        operationId: 'writeNote',
        requestBody: new RequestBody(NoteWritten::class),
        responses: [new Answer(201, NotePageResponse::class, 'Stored.'), new Answer(200, NotePageResponse::class, 'Stored before.')],
    )]
    public function write(Athlete $athlete, Request $request, JsonObject $json, ReadInput $inputs): JsonResponse
    {
        /** @var User $author */
        $author = $request->user();
        $stored = $this->writing->write($athlete, $author, $inputs->of(NoteWritten::class, $json));

        return new JsonResponse($this->notes->page($athlete, 1), $stored->isNew ? 201 : 200);
    }

    #[OA\Delete(
        path: '/api/v1/athletes/{athlete}/notes/{note}',
        operationId: 'takeNoteAway',
        responses: [new Answer(200, NotePageResponse::class)],
    )]
    public function takeAway(Athlete $athlete, string $note): JsonResponse
    {
        $this->writing->takeAway($athlete, $note);

        return new JsonResponse($this->notes->page($athlete, 1));
    }
}
