<?php

declare(strict_types=1);

namespace App\Queries\Floor;

use App\Responses\Floor\SheetLineResponse;
use App\Responses\Floor\SheetResponse;
use App\Responses\Floor\SheetRungResponse;
use SteadyRung\Floor\Collision\Instead;
use SteadyRung\Floor\ConcernKind;
use SteadyRung\Floor\Timetable\Work;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\Measure;

/**
 * What a written session asks of stations and gear, as it is kept with the timetable, and what of it holds when something was switched.
 *
 * @phpstan-type KeptRung array{key: string, share: float, station: string|null, gear: list<string>}
 * @phpstan-type KeptLine array{line: string, sets: int, in_all: int|null, set_s: int, rest_s: int, group: string|null, accessory: string|null, rungs: list<KeptRung>}
 */
final readonly class SheetWork
{
    /** Rungs whose carried shares are no farther apart are about as hard. */
    private const AS_HARD = 0.02;

    public const FLOOR = 'floor';

    /**
     * @param  list<string>  $bars  in use
     * @param  array<string, bool>  $inUse  pieces of gear by id
     */
    public function __construct(private array $bars, private array $inUse)
    {
    }

    /** @return list<KeptLine> none of who has something else to do first */
    public static function of(SheetResponse|\stdClass $sheet): array
    {
        $concern = $sheet->concern?->kind;
        if (($concern instanceof ConcernKind ? $concern : ConcernKind::tryFrom((string) $concern))?->isBlocking()) {
            return [];
        }
        $lines = [];
        foreach ($sheet->lines as $line) {
            $lines[] = self::line($line);
        }

        return $lines;
    }

    /** @return KeptLine */
    private static function line(SheetLineResponse|\stdClass $line): array
    {
        $measure = $line->amount->measure;
        $accessory = $line->accessory;

        return [
            'line' => $line->line,
            'sets' => $line->sets,
            'in_all' => $measure === Measure::TotalReps || $measure === Measure::TotalReps->value ? $line->amount->high : null,
            'set_s' => $line->set_s,
            'rest_s' => $line->rest_s,
            'group' => $line->group,
            'accessory' => $accessory instanceof Accessory ? $accessory->value : $accessory,
            'rungs' => $line->rung === null ? [] : array_values(array_map(self::rung(...), [$line->rung, ...$line->others])),
        ];
    }

    /**
     * @param  KeptLine  $line
     * @param  string|null  $key  of what is done today; none as written
     * @param  int  $sets  that are asked in all
     */
    public function work(array $line, ?string $key, int $sets): Work
    {
        $rung = $this->now($line, $key);
        $stations = $rung === null ? [self::FLOOR] : $this->stations($rung);

        return new Work($line['line'], $sets, $line['set_s'], $line['rest_s'], $line['group'], $stations, $rung['gear'] ?? []);
    }

    /**
     * What would do as well in the place of a line, elsewhere or with other gear.
     *
     * @param  KeptLine  $line
     * @return list<Instead>
     */
    public function instead(string $athlete, array $line, ?string $key): array
    {
        $now = $this->now($line, $key);
        if ($now === null) {
            return [];
        }
        $found = [];
        foreach ($line['rungs'] as $rung) {
            $isElsewhere = [$rung['station'], $rung['gear']] !== [$now['station'], $now['gear']];
            $stations = $this->stations($rung);
            if ($isElsewhere && $stations !== [] && abs($rung['share'] - $now['share']) <= self::AS_HARD) {
                $found[] = new Instead($athlete, $line['line'], $rung['key'], $stations, $rung['gear']);
            }
        }

        return $found;
    }

    /** @return KeptRung */
    private static function rung(SheetRungResponse|\stdClass $rung): array
    {
        $box = $rung->exercise->setup->box_id ?? null;

        return [
            'key' => $rung->key,
            'share' => $rung->share,
            'station' => $rung->station,
            'gear' => array_values([...$rung->bands, ...($box === null ? [] : [$box])]),
        ];
    }

    /**
     * @param  KeptLine  $line
     * @return KeptRung|null
     */
    private function now(array $line, ?string $key): ?array
    {
        return array_column($line['rungs'], null, 'key')[$key ?? ''] ?? $line['rungs'][0] ?? null;
    }

    /**
     * @param  KeptRung  $rung
     * @return list<string> none where something of it is out of use
     */
    private function stations(array $rung): array
    {
        $isThere = array_filter($rung['gear'], fn (string $id): bool => ! isset($this->inUse[$id])) === [];
        $stations = $rung['station'] === null ? $this->bars : [$rung['station']];

        return $isThere ? array_values(array_filter($stations, fn (string $id): bool => isset($this->inUse[$id]))) : [];
    }
}
