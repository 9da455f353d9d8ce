<?php

declare(strict_types=1);

namespace App\Context\Floor;

use App\Context\Gym\CurrentGym;
use App\Formats\Day;
use App\Models\Floor\ClassTimetable;
use App\Models\Floor\GymClass;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;
use SteadyRung\Floor\Timetable\Slot;
use SteadyRung\Floor\Timetable\Timetable;

/**
 * The timetable of a class day as it was told last: one device’s news times it, the others read it.
 */
final readonly class KeptTimetable
{
    /** What is older is of no use to anybody. */
    private const KEPT_DAYS = 7;

    public function __construct(private ConnectionInterface $db, private CurrentGym $gym, private ClockInterface $clock)
    {
    }

    public function of(GymClass $class, string $on): ?ClassTimetable
    {
        return ClassTimetable::query()->where('class_id', $class->id)->where('held_on', $on)->first();
    }

    /** @return list<Slot> */
    public static function slots(?ClassTimetable $kept): array
    {
        return array_map(static fn (array $slot): Slot => new Slot(...$slot), $kept->told ?? []);
    }

    /**
     * Unless it was timed or told otherwise since it was read.
     *
     * @param  array<string, list<array<string, mixed>>>  $works
     */
    public function keep(
        GymClass $class,
        string $on,
        int $news,
        ?ClassTimetable $before,
        Timetable $timed,
        array $works,
        object $answer,
    ): void {
        $this->db->statement(
            'INSERT INTO class_timetables (gym_id, class_id, held_on, told, works, answer, by_hand, news, timed_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)
             ON CONFLICT (gym_id, class_id, held_on) DO UPDATE SET told = excluded.told, works = excluded.works, answer = excluded.answer, news = excluded.news, timed_at = excluded.timed_at
             WHERE class_timetables.timed_at = ?',
            [
                $this->gym->id(),
                $class->id,
                $on,
                self::json(array_map(static fn (Slot $s): array => [$s->athlete, $s->set, $s->startS, $s->station], $timed->slots)),
                self::json((object) $works),
                self::json($answer),
                ($before->by_hand ?? false) ? 'true' : 'false',
                $news,
                $this->clock->now()->format('Y-m-d H:i:s.uP'),
                $before?->getRawOriginal('timed_at'),
            ],
        );
        if ($before === null) {
            foreach (['class_timetables', 'class_orders'] as $table) {
                $this->db->table($table)->where('gym_id', $this->gym->id())->where('class_id', $class->id)
                    ->where('held_on', '<', Day::date(Day::number($on) - self::KEPT_DAYS))->delete();
            }
        }
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR);
    }
}
