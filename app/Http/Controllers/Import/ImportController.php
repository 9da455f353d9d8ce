<?php

declare(strict_types=1);

namespace App\Http\Controllers\Import;

use App\Actions\Import\BringRows;
use App\Actions\Import\DryRun;
use App\Actions\Import\ImportRow;
use App\Actions\Import\MappingGiven;
use App\Actions\Import\TakeFile;
use App\Actions\Import\UndoImport;
use App\Formats\Import\ImportKind;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Models\Gym\User;
use App\Models\Import\Import;
use App\Queries\Import\ImportQuery;
use App\Responses\Import\AskedMatchResponse;
use App\Responses\Import\DryRunResponse;
use App\Responses\Import\ImportListResponse;
use App\Responses\Import\ImportResponse;
use App\Responses\Import\RefusedLineResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/**
 * Brings tables of people, weighings and sets in.
 */
final readonly class ImportController
{
    public function __construct(private DryRun $dry, private ImportQuery $reading)
    {
    }

    #[OA\Get(path: '/api/v1/imports', operationId: 'imports', responses: [new Answer(200, ImportListResponse::class)])]
    public function index(): JsonResponse
    {
        return new JsonResponse($this->reading->list());
    }

    #[OA\Post(
        path: '/api/v1/imports',
        operationId: 'takeFile',
        description: 'A table with commas, semicolons or tabs, 8 MB at the most; nothing of the gym is changed by it.',
        requestBody: new OA\RequestBody(
            required: true,
            content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string')),
        ),
        parameters: [
            new OA\QueryParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string', format: 'uuid')),
            new OA\QueryParameter(name: 'kind', required: true, schema: new OA\Schema(ref: ImportKind::class)),
            new OA\QueryParameter(name: 'name', required: true, schema: new OA\Schema(type: 'string', maxLength: 120)),
        ],
        responses: [new Answer(201, DryRunResponse::class, 'Taken.'), new Answer(200, DryRunResponse::class, 'Taken before.')],
    )]
    public function take(Request $request, TakeFile $take): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $query = JsonObject::ofQuery($request->query->all())->allowing('id', 'kind', 'name');
        $stored = $take->take(
            $query->uuid('id'),
            $query->choice('kind', ImportKind::class),
            $query->name('name', 120),
            $request->getContent(),
            $coach,
        );

        return new JsonResponse($this->tried($stored->record), $stored->isNew ? 201 : 200);
    }

    #[OA\Get(path: '/api/v1/imports/{import}', operationId: 'import', responses: [new Answer(200, ImportResponse::class)])]
    public function show(Import $import): JsonResponse
    {
        return new JsonResponse(ImportResponse::of($import));
    }

    #[OA\Put(
        path: '/api/v1/imports/{import}/mapping',
        operationId: 'mapImport',
        description: 'What its columns tell; what would become of it is answered, and nothing is brought in yet.',
        requestBody: new RequestBody(MappingGiven::class),
        responses: [new Answer(200, DryRunResponse::class)],
    )]
    public function map(Import $import, JsonObject $json, BringRows $rows): JsonResponse
    {
        $rows->settle($import, MappingGiven::read($json));

        return new JsonResponse($this->tried($import->refresh()));
    }

    #[OA\Post(
        path: '/api/v1/imports/{import}/order',
        operationId: 'orderImport',
        description: 'Brings it in, by the queue.',
        responses: [new Answer(200, ImportResponse::class)],
    )]
    public function order(Import $import, BringRows $rows): JsonResponse
    {
        $rows->order($import);

        return new JsonResponse(ImportResponse::of($import->refresh()));
    }

    #[OA\Post(
        path: '/api/v1/imports/{import}/undoing',
        operationId: 'undoImport',
        description: 'Takes back what came with it; later corrections stay.',
        responses: [new Answer(200, ImportResponse::class)],
    )]
    public function undo(Import $import, Request $request, UndoImport $undo): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $undo->undo($import, $coach);

        return new JsonResponse(ImportResponse::of($import->refresh()));
    }

    private function tried(Import $import): DryRunResponse
    {
        $told = $this->dry->of($import);

        return new DryRunResponse(
            import: ImportResponse::of($import),
            ready: $told->ready,
            known: $told->known,
            refused_count: $told->refusedCount,
            refused: array_map(static fn (ImportRow $r): RefusedLineResponse => new RefusedLineResponse($r->line, (string) $r->refused), $told->refused),
            asked: array_map(static fn (array $asked): AskedMatchResponse => new AskedMatchResponse(...$asked), $told->asked),
            samples: $told->samples,
            athletes: $this->reading->athletes(),
            exercises: $this->reading->exercises(),
        );
    }
}
