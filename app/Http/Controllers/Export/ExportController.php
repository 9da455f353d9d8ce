<?php

declare(strict_types=1);

namespace App\Http\Controllers\Export;

use App\Actions\Screening\RecordLook;
use App\Context\Gym\CurrentGym;
use App\Http\Docs\FileAnswer;
use App\Http\FileOfLines;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Queries\Export\ExportQuery;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * What a gym, or an athlete, takes with them; whoever exports the answers of screens has looked at them.
 */
final readonly class ExportController
{
    private const JSON_LINES = 'application/x-ndjson';

    public function __construct(private ExportQuery $export, private RecordLook $look, private CurrentGym $gym)
    {
    }

    #[OA\Get(
        path: '/api/v1/export',
        operationId: 'exportGym',
        description: 'Everything of the gym, as docs/formats/export.md has it.',
        responses: [new FileAnswer(self::JSON_LINES)],
    )]
    public function gym(Request $request): StreamedResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $this->look->atAllOf(null, $coach);

        return FileOfLines::of($this->export->lines(), self::JSON_LINES, $this->gym->gym()->name, 'jsonl');
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/export',
        operationId: 'exportAthlete',
        description: 'Everything of one athlete, in the same form.',
        responses: [new FileAnswer(self::JSON_LINES)],
    )]
    public function athlete(Athlete $athlete, Request $request): StreamedResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $this->look->atAllOf($athlete, $coach);

        return FileOfLines::of($this->export->lines($athlete), self::JSON_LINES, $athlete->name, 'jsonl');
    }
}
