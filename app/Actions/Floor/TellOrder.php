<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\InsertOnce;
use App\Context\Floor\ChangeFeed;
use App\Formats\Day;
use App\Models\Floor\ClassOrder;
use App\Models\Floor\ClassTimetable;
use App\Models\Floor\GymClass;
use App\Models\Gym\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;
use SteadyRung\Floor\Timetable\Programme;

/**
 * Notes the order in which a class is to go on; the next timing of the class puts its turns where they can be.
 */
final readonly class TellOrder
{
    public function __construct(
        private ConnectionInterface $db,
        private InsertOnce $storeOnce,
        private ChangeFeed $news,
        private ClockInterface $clock,
    ) {
    }

    /** @throws Problem if there is no such class on that day, or the id holds something else */
    public function tell(User $coach, OrderTold $told): void
    {
        $class = GymClass::query()->find($told->class_id);
        if ($class === null || ! $class->toCore()->isOn(Day::number($told->on))) {
            throw new Problem(ProblemCode::NotFound, 'No such class is held on that day.');
        }
        $turns = array_map(
            static fn (TurnTold $t): array => [$t->athlete_id, Programme::turn($t->line, $t->n), $t->at_s, $t->station],
            $told->turns,
        );
        $this->db->transaction(function () use ($coach, $told, $turns): void {
            $order = new ClassOrder([
                'id' => $told->id,
                'class_id' => $told->class_id,
                'held_on' => $told->on,
                'user_id' => $coach->id,
                'turns' => $turns,
                'told_at' => $told->told_at,
            ]);
            if ($this->storeOnce->store($order, $told)->isNew) {
                $this->put($told, $turns);
                $this->news->tell(ChangeFeed::OF_GYM);
            }
        });
    }

    /** @param  list<array{string, string, int, string}>  $turns */
    private function put(OrderTold $told, array $turns): void
    {
        $kept = ClassTimetable::query()->where('class_id', $told->class_id)->where('held_on', $told->on)->lockForUpdate()->first();
        if ($kept === null) {
            return;
        }
        $byTurn = [];
        foreach ([...$kept->told, ...$turns] as $turn) {
            $byTurn["$turn[0] $turn[1]"] = $turn;
        }
        ClassTimetable::query()->where('class_id', $told->class_id)->where('held_on', $told->on)
            ->update([
                'told' => json_encode(array_values($byTurn), JSON_THROW_ON_ERROR),
                'by_hand' => true,
                'answer' => null,
                'timed_at' => $this->clock->now()->format('Y-m-d H:i:s.uP'),
            ]);
    }
}
