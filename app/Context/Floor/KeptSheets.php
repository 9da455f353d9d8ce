<?php

declare(strict_types=1);

namespace App\Context\Floor;

use App\Context\Gym\CurrentGym;
use App\Context\Kit\GymKit;
use App\Context\Readable;
use App\Formats\Stored\SealedColumn;
use App\Models\Casts\Sealed;
use App\Models\Methods\OwnMethod;
use App\Models\Sessions\SessionSheet;
use App\Models\Sessions\TimeOffRecord;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * The written sessions of a day, kept so that none changes under who logs it: they hold until there is news of the athlete or of what
 * sessions follow from, and from the first set on whatever comes.
 */
final readonly class KeptSheets
{
    /** Of what is kept; what another program kept is written anew. */
    private const VERSION = 5;

    public function __construct(
        private ConnectionInterface $db,
        private CurrentGym $gym,
        private GymKit $kit,
        private ChangeFeed $changes,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @template T of object
     *
     * @param  list<string>  $athleteIds
     * @param  array<string, bool>  $begun  athletes who have sets of that day
     * @param  \Closure(string): T  $write  the sheet of an athlete whose kept one does not hold
     * @return array<string, T|\stdClass> by athlete, as kept or as written
     */
    public function of(array $athleteIds, string $on, array $begun, \Closure $write): array
    {
        $kept = SessionSheet::query()->whereIn('athlete_id', $athleteIds)->where('held_on', $on)->get()->keyBy('athlete_id');
        $isFresh = array_diff($athleteIds, array_keys($begun)) !== [];
        [$basis, $latest, $newest] = $isFresh
            ? [$this->basis(), $this->changes->latest(), $this->changes->newestOf($athleteIds)]
            : [str_repeat('0', 64), 0, []];
        $sheets = [];
        foreach ($athleteIds as $id) {
            $known = $kept->get($id);
            $holds = $known !== null && (isset($begun[$id]) || $known->basis === $basis && $known->news >= ($newest[$id] ?? 0));
            $text = $holds ? Readable::orNull(static fn (): string => $known->sheet) : null;
            $sheet = $text === null ? null : self::read($text);
            if ($sheet === null) {
                $sheet = $write($id);
                $this->keep($id, $on, $sheet, $basis, $latest);
            }
            $sheets[$id] = $sheet;
        }

        return $sheets;
    }

    /** As it was kept; none where another program kept it. */
    private static function read(string $kept): ?\stdClass
    {
        $sheet = json_decode($kept);
        if (! $sheet instanceof \stdClass || ($sheet->v ?? null) !== self::VERSION) {
            return null;
        }
        unset($sheet->v);

        return $sheet;
    }

    /** What a session follows from beside the athlete. */
    private function basis(): string
    {
        $gym = $this->gym->gym();

        return hash(
            'sha256',
            json_encode(
                [
                    self::VERSION,
                    $gym->kit_version,
                    $gym->floor->value,
                    $gym->house_rules,
                    $gym->caps,
                    $this->kit->outToday(),
                    OwnMethod::query()->max('saved_at'),
                    TimeOffRecord::query()->max('told_at'),
                ],
                JSON_THROW_ON_ERROR,
            ),
        );
    }

    private function keep(string $athleteId, string $on, object $sheet, string $basis, int $news): void
    {
        $this->db->table('session_sheets')->upsert(
            [[
                'gym_id' => $this->gym->id(),
                'athlete_id' => $athleteId,
                'held_on' => $on,
                'sheet' => Sealed::shut(SealedColumn::Sheet, ['v' => self::VERSION] + get_object_vars($sheet)),
                'basis' => $basis,
                'news' => $news,
                'written_at' => $this->clock->now(),
            ]],
            ['gym_id', 'athlete_id', 'held_on'],
            ['sheet', 'basis', 'news', 'written_at'],
        );
    }
}
