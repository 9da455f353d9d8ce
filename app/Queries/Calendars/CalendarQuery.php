<?php

declare(strict_types=1);

namespace App\Queries\Calendars;

use App\Context\Athletes\LoadAthleteContext;
use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Formats\Day;
use App\Models\Athletes\Athlete;
use App\Models\Floor\GymClass;
use App\Queries\Floor\ClassQuery;
use App\Responses\Files\CalendarEvent;
use App\Responses\Files\CalendarFile;
use Psr\Clock\ClockInterface;
use SteadyRung\Plan\Diary\TimeOff;
use SteadyRung\Plan\Weeks\Calendar;

/**
 * The classes of a gym, and the next sessions of an athlete, for somebody's own calendar.
 */
final readonly class CalendarQuery
{
    /** So far back a class that has ended is still shown. */
    private const DAYS_BACK = 31;

    /** So far ahead the gym's time off is left out. */
    private const DAYS_AHEAD = 731;

    public function __construct(
        private CurrentGym $gym,
        private GymDay $days,
        private ClassQuery $classes,
        private LoadAthleteContext $contexts,
        private ClockInterface $clock,
    ) {
    }

    public function classes(): string
    {
        $from = $this->days->daysAgo(self::DAYS_BACK);
        $off = $this->classes->closed($from);
        $classes = array_values(GymClass::from($from)->get()->all());

        return $this->file($this->gym->gym()->name, array_map(
            fn (GymClass $class): CalendarEvent => $this->event($class, Day::number($from), $off),
            $classes,
        ));
    }

    /** Nothing is planned while pulling is paused. */
    public function sessions(Athlete $athlete): string
    {
        $planned = $athlete->paused_at === null ? Calendar::of($this->contexts->of($athlete))->sessions : [];
        $classes = array_filter(
            GymClass::from($this->days->today())->get()->all(),
            static fn (GymClass $class): bool => array_intersect($class->tags, $athlete->tags) !== [],
        );

        return $this->file("{$athlete->name}, {$this->gym->gym()->name}", array_map(
            fn (int $day): CalendarEvent => $this->session($athlete, $day, $classes),
            $planned,
        ));
    }

    private function event(GymClass $class, int $from, TimeOff $off): CalendarEvent
    {
        $pattern = $class->toCore();
        $closed = [];
        for ($day = max($from, $pattern->firstOn); $day <= $from + self::DAYS_AHEAD; $day++) {
            if ($class->weekly && $pattern->isOn($day) && $off->covers($day)) {
                $closed[] = $this->at($class, Day::date($day));
            }
        }

        return new CalendarEvent(
            uid: "class-$class->id@steady-rung",
            summary: $class->name,
            description: $this->gym->gym()->name,
            starts: $this->at($class, $class->first_on),
            minutes: $class->minutes,
            isWeekly: $class->weekly,
            until: $class->weekly && $class->last_on !== null ? $this->at($class, $class->last_on) : null,
            except: $closed,
        );
    }

    /** @param  array<GymClass>  $classes  that they come to */
    private function session(Athlete $athlete, int $day, array $classes): CalendarEvent
    {
        $held = array_values(array_filter($classes, static fn (GymClass $class): bool => $class->toCore()->isOn($day)))[0] ?? null;

        return new CalendarEvent(
            uid: "session-$athlete->id-".Day::date($day).'@steady-rung',
            summary: $held === null ? 'Pull-up session' : "Pull-up session, $held->name",
            description: "{$this->gym->gym()->name}. As it is planned now; what is trained until then may move it.",
            starts: $held === null
                ? new \DateTimeImmutable(Day::date($day), new \DateTimeZone($this->gym->timezone()))
                : $this->at($held, Day::date($day)),
            minutes: $held?->minutes,
        );
    }

    private function at(GymClass $class, string $on): \DateTimeImmutable
    {
        return $class->startsAt($on, $this->gym->timezone());
    }

    /** @param  list<CalendarEvent>  $events */
    private function file(string $name, array $events): string
    {
        return CalendarFile::of($name, new \DateTimeZone($this->gym->timezone()), $events, $this->clock->now());
    }
}
