<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Context\Gym\GymDay;
use App\Http\Docs\Answer;
use App\Http\Docs\FileAnswer;
use App\Http\FileOfLines;
use App\Http\Requests\Log\LogInput;
use App\Queries\Log\LogQuery;
use App\Responses\Log\LogPageResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use SteadyRung\Plan\Diary\Purpose;
use Symfony\Component\HttpFoundation\StreamedResponse;

final readonly class LogController
{
    public function __construct(private LogQuery $log, private GymDay $days)
    {
    }

    #[OA\Get(
        path: '/api/v1/log',
        operationId: 'log',
        description: 'The sets of the gym that stand, newest first; of the last 90 days, if nothing is said.',
        parameters: [
            new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer')),
            new OA\QueryParameter(name: 'athlete', schema: new OA\Schema(type: 'string', format: 'uuid')),
            new OA\QueryParameter(name: 'tag', schema: new OA\Schema(type: 'string')),
            new OA\QueryParameter(name: 'exercise', description: 'Words that its name holds.', schema: new OA\Schema(type: 'string')),
            new OA\QueryParameter(name: 'purpose', schema: new OA\Schema(enum: Purpose::class, type: 'string')),
            new OA\QueryParameter(name: 'from', schema: new OA\Schema(type: 'string', format: 'date')),
            new OA\QueryParameter(name: 'to', schema: new OA\Schema(type: 'string', format: 'date')),
        ],
        responses: [new Answer(200, LogPageResponse::class)],
    )]
    public function index(Request $request): JsonResponse
    {
        $asked = LogInput::read($request, $this->days->today());

        return new JsonResponse($this->log->page($asked->filter, $asked->page));
    }

    #[OA\Get(
        path: '/api/v1/log.csv',
        operationId: 'logTable',
        description: 'The same as a table, whole; asked for as the log is.',
        responses: [new FileAnswer('text/csv')],
    )]
    public function csv(Request $request): StreamedResponse
    {
        $asked = LogInput::read($request, $this->days->today())->filter;

        return FileOfLines::of($this->log->csv($asked), 'text/csv; charset=utf-8', "log {$asked->from} {$asked->to}", 'csv');
    }
}
