<?php

declare(strict_types=1);

namespace App\Http\Controllers\Audit;

use App\Http\Docs\Answer;
use App\Http\Requests\PageInput;
use App\Queries\Audit\AuditQuery;
use App\Responses\Audit\AuditPageResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
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
    public function __invoke(Request $request, AuditQuery $audit): JsonResponse
    {
        return new JsonResponse($audit->page(PageInput::read($request)->page));
    }
}
