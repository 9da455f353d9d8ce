<?php

declare(strict_types=1);

namespace App\Queries\Floor;

use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Formats\Day;
use App\Models\Athletes\Athlete;
use App\Models\Floor\GymClass;
use App\Models\Sessions\TimeOffRecord;
use App\Responses\Floor\ClassListResponse;
use App\Responses\Floor\ClassResponse;
use App\Responses\Floor\HeldClassResponse;
use SteadyRung\Plan\Diary\TimeOff;

/**
 * Which classes there are, and when they are held.
 */
final readonly class ClassQuery
{
    private const NEXT = 4;

    private const DAYS_BACK = 1;

    private const DAYS_AHEAD = 7;

    public function __construct(private GymDay $days, private CurrentGym $gym)
    {
    }

    public function list(): ClassListResponse
    {
        $today = Day::number($this->days->today());
        $off = $this->closed(Day::date($today - self::DAYS_BACK));
        $classes = array_values(GymClass::from(Day::date($today - self::DAYS_BACK))->get()->all());
        $held = [];
        for ($day = $today - self::DAYS_BACK; $day <= $today + self::DAYS_AHEAD; $day++) {
            foreach ($classes as $class) {
                if ($class->toCore()->isOn($day) && ! $off->covers($day)) {
                    $held[] = $this->held($class, Day::date($day));
                }
            }
        }

        return new ClassListResponse(
            Day::date($today),
            array_map(
                static fn (GymClass $c): ClassResponse => ClassResponse::of(
                    $c,
                    array_map(Day::date(...), $c->toCore()->next($today, self::NEXT, $off)),
                ),
                $classes,
            ),
            $held,
            Athlete::tagsInUse(),
        );
    }

    public function held(GymClass $class, string $on): HeldClassResponse
    {
        $starts = $class->startsAt($on, $this->gym->timezone())->setTimezone(new \DateTimeZone('UTC'));

        return new HeldClassResponse(
            $class->id,
            $class->name,
            $on,
            $starts->format('Y-m-d\TH:i:s\Z'),
            $starts->modify("+$class->minutes minutes")->format('Y-m-d\TH:i:s\Z'),
            $class->weekly,
        );
    }

    /** Days on which the gym is closed. */
    public function closed(string $from): TimeOff
    {
        $spans = TimeOffRecord::query()->whereNull('athlete_id')
            ->whereNull('taken_back_at')
            ->where('to_on', '>=', $from)
            ->orderBy('from_on')
            ->limit(TimeOffRecord::MOST)
            ->get();

        return new TimeOff(array_values(
            $spans->map(static fn (TimeOffRecord $t): array => [Day::number($t->from_on), Day::number($t->to_on)])->all(),
        ));
    }
}
