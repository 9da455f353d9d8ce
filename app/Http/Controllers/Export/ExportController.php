<?php

declare(strict_types=1);

namespace App\Http\Controllers\Export;

use App\Actions\Screening\RecordLook;
use App\Context\Gym\CurrentGym;
use App\Http\Docs\FileAnswer;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Queries\Export\ExportQuery;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
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
        path: '/api/export',
        operationId: 'exportGym',
        description: 'Everything of the gym, as docs/formats/export.md has it.',
        responses: [new FileAnswer(self::JSON_LINES)],
    )]
    public function gym(Request $request): StreamedResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $this->look->atAllOf(null, $coach);

        return $this->file($this->gym->gym()->name, $this->export->lines());
    }

    #[OA\Get(
        path: '/api/athletes/{athlete}/export',
        operationId: 'exportAthlete',
        description: 'Everything of one athlete, in the same form.',
        responses: [new FileAnswer(self::JSON_LINES)],
    )]
    public function athlete(Athlete $athlete, Request $request): StreamedResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $this->look->atAllOf($athlete, $coach);

        return $this->file($athlete->name, $this->export->lines($athlete));
    }

    /** @param  iterable<string>  $lines */
    private function file(string $of, iterable $lines): StreamedResponse
    {
        return new StreamedResponse(static function () use ($lines): void {
            foreach ($lines as $line) {
                echo $line;
            }
        }, headers: [
            'Content-Type' => self::JSON_LINES,
            'Content-Disposition' => sprintf('attachment; filename="%s.jsonl"', Str::slug($of)),
            'X-Accel-Buffering' => 'no',
        ]);
    }
}
