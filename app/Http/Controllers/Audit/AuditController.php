<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audit;

use App\Actions\Audit\UndoChange;
use App\Http\Docs\Answer;
use App\Http\Docs\Nothing;
use App\Http\Requests\PageInput;
use App\Models\Audit\AuditEntry;
use App\Models\Gym\User;
use App\Queries\Audit\AuditQuery;
use App\Responses\Audit\AuditPageResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class AuditController
{
    #[OA\Get(
        path: '/api/v1/audit',
        operationId: 'audit',
        description: 'Who did what, beside the log; only read.',
        parameters: [new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer', minimum: 1))],
        responses: [new Answer(200, AuditPageResponse::class)],
    )]
    public function index(Request $request, AuditQuery $audit): JsonResponse
    {
        return new JsonResponse($audit->page(PageInput::read($request)->page));
    }

    #[OA\Post(
        path: '/api/v1/audit/{entry}/undo',
        operationId: 'undoChange',
        description: 'Puts back what was changed of people, kit, rules or methods, unless it was changed again since.',
        responses: [new Nothing],
    )]
    public function undo(Request $request, AuditEntry $entry, UndoChange $undo): Response
    {
        /** @var User $owner */
        $owner = $request->user();
        $undo->undo($entry, $owner);

        return new Response(status: 204);
    }
}
