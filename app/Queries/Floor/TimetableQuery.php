<?php

declare(strict_types=1);

namespace App\Queries\Floor;

use App\Context\Floor\KeptTimetable;
use App\Context\Gym\CurrentGym;
use App\Models\Floor\ClassTimetable;
use App\Models\Floor\GymClass;
use App\Responses\Floor\CollisionResponse;
use App\Responses\Floor\CutResponse;
use App\Responses\Floor\FloorPieceResponse;
use App\Responses\Floor\FreshPlanResponse;
use App\Responses\Floor\SheetResponse;
use App\Responses\Floor\TimetableResponse;
use App\Responses\Floor\TurnResponse;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Psr\Clock\ClockInterface;
use SteadyRung\CoreError;
use SteadyRung\Floor\Collision\Collisions;
use SteadyRung\Floor\Collision\Cuts;
use SteadyRung\Floor\Timetable\Retiming;
use SteadyRung\Floor\Timetable\Search;
use SteadyRung\Floor\Timetable\Slot;
use SteadyRung\Floor\Timetable\Timetable;

/**
 * The timetable of a class day: planned before it begins, then timed anew behind what was logged, once for each news of the class.
 */
final readonly class TimetableQuery
{
    /** Placements of the plan that a class begins with; a coach asks for the whole search. */
    private const PLACEMENTS = 20_000;

    /** Where nothing is told for so long, somebody is slower than was planned. */
    private const HOLDS_S = 60;

    public function __construct(
        private KeptTimetable $kept,
        private EveningQuery $evenings,
        private DoneQuery $done,
        private CurrentGym $gym,
        private ClockInterface $clock,
        private ExceptionHandler $faults,
    ) {
    }

    /**
     * @param  int  $news  the number of the latest
     * @param  array<string, SheetResponse|\stdClass>  $sheets  those that were read now
     * @param  \Closure(): list<FloorPieceResponse>  $pieces  asked only where it is timed anew
     * @return TimetableResponse|\stdClass|null as worked out, or as kept; none where the class is over or nobody has anything to do
     */
    public function of(GymClass $class, string $on, int $news, array $sheets, \Closure $pieces): TimetableResponse|\stdClass|null
    {
        if ($this->isOver($class, $on)) {
            return null;
        }
        $kept = $this->kept->of($class, $on);
        if ($kept?->answer !== null && $this->isFresh($kept) && $kept->news >= $news && array_diff_key($sheets, $kept->works) === []) {
            return json_decode($kept->answer);
        }
        try {
            return $this->timed($class, $on, $news, $kept, $this->evenings->of($class, $on, $kept->works ?? [], $sheets, $pieces()));
        } catch (CoreError $fault) {
            $this->faults->report($fault); // the floor goes on by its rests alone

            return null;
        }
    }

    private function timed(GymClass $class, string $on, int $news, ?ClassTimetable $kept, ?ClassEvening $evening): ?TimetableResponse
    {
        if ($evening === null) {
            return null;
        }
        $told = KeptTimetable::slots($kept);
        $isOpen = $evening->begun === [] && $evening->nowS === 0 && ! ($kept->by_hand ?? false);
        $timed = $told === [] || $isOpen
            ? Search::plan($evening->evening, $evening->begun, $evening->nowS, placements: self::PLACEMENTS)
            : Retiming::of($evening->evening, $evening->begun, $told, $evening->nowS);
        $answer = $this->answer($class, $on, $evening, $timed);
        $this->kept->keep($class, $on, $news, $kept, $timed, $evening->works, $answer);

        return $answer;
    }

    /**
     * What the whole search would make of what is left; nothing is told by it.
     *
     * @param  list<FloorPieceResponse>  $pieces
     */
    public function fresh(GymClass $class, string $on, array $pieces): ?FreshPlanResponse
    {
        $kept = $this->isOver($class, $on) ? null : $this->kept->of($class, $on);
        $evening = $kept === null ? null : $this->evenings->of($class, $on, $kept->works, [], $pieces);
        if ($evening === null) {
            return null;
        }
        $told = Retiming::of($evening->evening, $evening->begun, KeptTimetable::slots($kept), $evening->nowS);
        $found = Search::plan($evening->evening, $evening->begun, $evening->nowS);
        $fresh = [$told->endS, $told->waitingS] <= [$found->endS, $found->waitingS] ? $told : $found;

        return new FreshPlanResponse(
            $this->moment($class, $on, $fresh->endS),
            $this->moment($class, $on, $told->endS),
            $fresh->waitingS,
            $told->waitingS,
            self::moved($evening->left($told), $evening->left($fresh)),
            array_map(TurnResponse::of(...), $evening->left($fresh)),
        );
    }

    private function answer(GymClass $class, string $on, ClassEvening $evening, Timetable $timed): TimetableResponse
    {
        return new TimetableResponse(
            $this->moment($class, $on, $timed->endS),
            $timed->fits,
            array_map(TurnResponse::of(...), $evening->left($timed)),
            array_map(
                CollisionResponse::of(...),
                Collisions::of($evening->evening, $evening->begun, $timed, $evening->nowS, $evening->others),
            ),
            array_map(CutResponse::of(...), Cuts::of($evening->evening, $evening->begun, $timed, $evening->nowS)),
        );
    }

    /**
     * @param  list<Slot>  $told
     * @param  list<Slot>  $fresh
     * @return list<string> whose next turn comes at another time, or elsewhere
     */
    private static function moved(array $told, array $fresh): array
    {
        $next = [];
        foreach (array_reverse($told) as $slot) {
            $next[$slot->athlete] = $slot;
        }
        $moved = [];
        foreach ($fresh as $slot) {
            $was = $next[$slot->athlete];
            if ($was->set === $slot->set && (abs($was->startS - $slot->startS) > Collisions::MOVED_S || $was->station !== $slot->station)) {
                $moved[] = $slot->athlete;
            }
        }

        return $moved;
    }

    private function isFresh(ClassTimetable $kept): bool
    {
        return $this->clock->now()->getTimestamp() - $kept->timed_at->getTimestamp() < self::HOLDS_S;
    }

    private function isOver(GymClass $class, string $on): bool
    {
        return $this->clock->now() > $this->done->closesAt($class, $on);
    }

    private function moment(GymClass $class, string $on, int $seconds): string
    {
        return $class->startsAt($on, $this->gym->timezone())->modify("+$seconds seconds")->setTimezone(new \DateTimeZone('UTC'))
            ->format('Y-m-d\TH:i:s\Z');
    }
}
