<?php

declare(strict_types=1);

namespace App\Http\Controllers\Reports;

use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\FileAnswer;
use App\Http\FileOfLines;
use App\Models\Athletes\Athlete;
use App\Models\Floor\GymClass;
use App\Queries\Reports\BandReportQuery;
use App\Queries\Reports\ClassReportQuery;
use App\Queries\Reports\MethodReportQuery;
use App\Queries\Reports\SeasonReportQuery;
use App\Responses\Reports\BandReportResponse;
use App\Responses\Reports\ClassReportResponse;
use App\Responses\Reports\MethodReportResponse;
use App\Responses\Reports\SeasonReportResponse;
use App\Responses\Trend\TrendRange;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * What the log says of an athlete, a class, the bands, and of calls and methods: to read, to print, and as tables.
 */
final readonly class ReportController
{
    private const CSV = 'text/csv';

    public function __construct(
        private SeasonReportQuery $seasons,
        private ClassReportQuery $classes,
        private BandReportQuery $bands,
        private MethodReportQuery $methods,
    ) {
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/report',
        operationId: 'seasonReport',
        parameters: [new OA\QueryParameter(name: 'range', schema: new OA\Schema(enum: TrendRange::class, type: 'string'))],
        responses: [new Answer(200, SeasonReportResponse::class)],
    )]
    public function season(Athlete $athlete, Request $request): JsonResponse
    {
        return new JsonResponse($this->seasons->of($athlete, self::range($request)));
    }

    #[OA\Get(path: '/api/v1/athletes/{athlete}/report.csv', operationId: 'seasonTable', responses: [new FileAnswer(self::CSV)])]
    public function seasonTable(Athlete $athlete, Request $request): StreamedResponse
    {
        return self::table($this->seasons->of($athlete, self::range($request))->csv(), "$athlete->name report");
    }

    #[OA\Get(
        path: '/api/v1/classes/{class}/report',
        operationId: 'classReport',
        parameters: [new OA\QueryParameter(name: 'range', schema: new OA\Schema(enum: TrendRange::class, type: 'string'))],
        responses: [new Answer(200, ClassReportResponse::class)],
    )]
    public function class(GymClass $class, Request $request): JsonResponse
    {
        return new JsonResponse($this->classes->of($class, self::range($request)));
    }

    #[OA\Get(path: '/api/v1/classes/{class}/report.csv', operationId: 'classTable', responses: [new FileAnswer(self::CSV)])]
    public function classTable(GymClass $class, Request $request): StreamedResponse
    {
        return self::table($this->classes->of($class, self::range($request))->csv(), "$class->name report");
    }

    #[OA\Get(path: '/api/v1/reports/bands', operationId: 'bandReport', responses: [new Answer(200, BandReportResponse::class)])]
    public function bands(): JsonResponse
    {
        return new JsonResponse($this->bands->report());
    }

    #[OA\Get(path: '/api/v1/reports/bands.csv', operationId: 'bandTable', responses: [new FileAnswer(self::CSV)])]
    public function bandTable(): StreamedResponse
    {
        return self::table($this->bands->report()->csv(), 'bands report');
    }

    #[OA\Get(path: '/api/v1/reports/methods', operationId: 'methodReport', responses: [new Answer(200, MethodReportResponse::class)])]
    public function methods(): JsonResponse
    {
        return new JsonResponse($this->methods->report());
    }

    #[OA\Get(path: '/api/v1/reports/methods.csv', operationId: 'methodTable', responses: [new FileAnswer(self::CSV)])]
    public function methodTable(): StreamedResponse
    {
        return self::table($this->methods->report()->csv(), 'methods report');
    }

    private static function range(Request $request): TrendRange
    {
        return JsonObject::ofQuery($request->query->all())->allowing('range')->optionalChoice('range', TrendRange::class) ?? TrendRange::Season;
    }

    /** @param  iterable<string>  $lines */
    private static function table(iterable $lines, string $name): StreamedResponse
    {
        return FileOfLines::of($lines, self::CSV.'; charset=utf-8', $name, 'csv');
    }
}
