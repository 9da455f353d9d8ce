<?php

declare(strict_types=1);

namespace App\Reading;

use App\Models\Athlete;
use App\Models\CurrentGym;
use App\Models\GymKit;
use App\Models\News;
use App\Models\OwnMethod;
use App\Models\SessionSheet;
use App\Models\TimeOffRecord;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Floor\Readiness;
use SteadyRung\Plan\Brief\Brief;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\LoweringsLeft;
use SteadyRung\Plan\Session\Pick;
use SteadyRung\Plan\Session\SessionWriter;

/**
 * The sessions of a day on the floor: written anew where there is news of an athlete until the first set is logged, and then left
 * as they were written.
 */
final readonly class SheetReading
{
    /** Of what is kept; what another program kept is written anew. */
    private const VERSION = 2;

    private const MOST_OTHERS = 5;

    public function __construct(private BuildBrief $briefs, private ScreeningReading $screens, private ConnectionInterface $db, private CurrentGym $gym, private GymKit $kit, private News $news, private ClockInterface $clock)
    {
    }

    /**
     * @param  list<Athlete>  $athletes
     * @param  array<string, bool>  $begun  athletes who have sets of that day
     * @return array<string, SheetJson|\stdClass> by athlete, as written or as kept
     */
    public function of(array $athletes, string $on, array $begun): array
    {
        $ids = array_column($athletes, 'id');
        if ($ids === []) {
            return [];
        }
        $kept = SessionSheet::query()->whereIn('athlete_id', $ids)->where('held_on', $on)->get()->keyBy('athlete_id');
        $isFresh = array_diff($ids, array_keys($begun)) !== [];
        [$basis, $latest, $newest] = $isFresh ? [$this->basis(), $this->news->latest(), $this->news->newestOf($ids)] : [str_repeat('0', 64), 0, []];
        $sheets = [];
        foreach ($athletes as $athlete) {
            $known = $kept->get($athlete->id);
            $stands = $known !== null && (isset($begun[$athlete->id]) || $known->basis === $basis && $known->news >= ($newest[$athlete->id] ?? 0));
            $sheet = $stands ? self::read($known->sheet) : null;
            if ($sheet === null) {
                $sheet = $this->write($athlete, $on);
                $this->keep($athlete->id, $on, $sheet, $basis, $latest);
            }
            $sheets[$athlete->id] = $sheet;
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

        return hash('sha256', json_encode([self::VERSION, $gym->kit_version, $gym->floor->value, $gym->house_rules, $gym->caps, $this->kit->outToday(), OwnMethod::query()->max('saved_at'), TimeOffRecord::query()->max('told_at')], JSON_THROW_ON_ERROR));
    }

    private function keep(string $athleteId, string $on, SheetJson $sheet, string $basis, int $news): void
    {
        $this->db->table('session_sheets')->upsert(
            [['gym_id' => $this->gym->id(), 'athlete_id' => $athleteId, 'held_on' => $on, 'sheet' => json_encode(['v' => self::VERSION] + get_object_vars($sheet), JSON_THROW_ON_ERROR), 'basis' => $basis, 'news' => $news, 'written_at' => $this->clock->now()]],
            ['gym_id', 'athlete_id', 'held_on'],
            ['sheet', 'basis', 'news', 'written_at'],
        );
    }

    /**
     * The nearest, and of pulls the unassisted one too: a mixed set begins on it.
     *
     * @param  list<Rung>  $nearest
     * @return list<Rung>
     */
    private static function others(Block $block, array $nearest, Brief $brief): array
    {
        $others = array_slice($nearest, 0, self::MOST_OTHERS);
        $strict = $block->rung()?->lane() === Lane::Pull ? $brief->ways->rung(Exercise::of(new StrictPull)) : null;
        $keys = array_map(static fn (Rung $r): string => $r->key(), array_filter([...$others, $block->rung()]));

        return $strict instanceof Rung && ! in_array($strict->key(), $keys, true) ? [...$others, $strict] : $others;
    }

    private function write(Athlete $athlete, string $on): SheetJson
    {
        $brief = $this->briefs->of($athlete, on: $on)->beforeToday();
        $session = SessionWriter::write($brief);
        $concern = Readiness::of($brief, $session, $this->screens->due($athlete));
        $pick = new Pick($brief);
        $others = static fn (Block $b): array => array_map(static fn (Rung $r): SheetRungJson => SheetRungJson::of($r, $brief->belief($r)->onRung($r)), self::others($b, $pick->insteadOf($b->line, $session), $brief));

        return new SheetJson(
            array_map(static fn (Block $b): SheetLineJson => SheetLineJson::of($b, $athlete->toCore(), $others($b)), $session->blocks),
            $session->notes,
            $session->minutes(),
            $concern === null ? null : ConcernJson::of($concern),
            $session->refused === null ? null : RefusalJson::of($session->refused),
            LoweringLeftJson::of(LoweringsLeft::of($brief)),
            $session->place->stage->name,
        );
    }
}
