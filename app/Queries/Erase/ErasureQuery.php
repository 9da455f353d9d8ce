<?php

declare(strict_types=1);

namespace App\Queries\Erase;

use App\Context\Athletes\RowsOfAthlete;
use App\Context\Gym\CurrentGym;
use App\Formats\Erase\ErasedPart;
use App\Models\Athletes\Athlete;
use App\Models\Erase\Erasure;
use App\Models\Gym\User;
use App\Responses\Erase\ErasedPartResponse;
use App\Responses\Erase\ErasureAheadResponse;
use App\Responses\Erase\ErasureListResponse;
use App\Responses\Erase\ErasureResponse;
use Illuminate\Database\ConnectionInterface;

/**
 * What erasing somebody would do, and what was erased.
 */
final readonly class ErasureQuery
{
    private const MOST = 50;

    public function __construct(private ConnectionInterface $db, private CurrentGym $gym, private RowsOfAthlete $rows)
    {
    }

    public function ahead(Athlete $athlete): ErasureAheadResponse
    {
        $log = $this->gym->gym()->erased_log;
        $count = fn (ErasedPart $part): int => array_sum(array_map(
            fn (string $table): int => $this->rows->of($this->db, $table, $athlete->id)->count(),
            array_values(array_diff($part->tables(), ['session_sheets', 'news', 'capacity_states', 'forecasts'])), // what is only computed
        ));

        return new ErasureAheadResponse($athlete->name, $log, array_map(
            static fn (ErasedPart $part): ErasedPartResponse => new ErasedPartResponse($part, $count($part), $part->fate($log)),
            ErasedPart::cases(),
        ));
    }

    public function all(): ErasureListResponse
    {
        $names = User::query()->where('gym_id', $this->gym->id())->pluck('name', 'id');
        $erasures = Erasure::query()->orderByDesc('ordered_at')->orderByDesc('id')->limit(self::MOST)->get();

        return new ErasureListResponse(array_values($erasures->map(
            static fn (Erasure $e): ErasureResponse => ErasureResponse::of($e, (string) $names->get($e->user_id)),
        )->all()));
    }
}
