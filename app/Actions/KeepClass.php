<?php

declare(strict_types=1);

namespace App\Actions;

use App\Actions\Deeds\ClassGiven;
use App\Models\GymClass;
use App\Models\GymDay;
use App\Models\User;
use App\Problems\Problem;
use Psr\Clock\ClockInterface;

/**
 * Makes, changes and ends classes.
 */
final readonly class KeepClass
{
    public function __construct(private StoreOnce $storeOnce, private GymDay $days, private ClockInterface $clock)
    {
    }

    /**
     * @return Stored<GymClass>
     *
     * @throws Problem if there are too many, or the id holds another class
     */
    public function make(User $coach, ClassGiven $given): Stored
    {
        return $this->storeOnce->store(
            new GymClass(['id' => $given->id, 'user_id' => $coach->id, 'made_at' => $this->clock->now(), ...self::columns($given)]),
            $given,
            complete: function (): void {
                if (GymClass::from($this->days->today())->count() >= GymClass::MOST) {
                    throw Problem::invalid('/name', sprintf('%d classes are held already. End one first.', GymClass::MOST));
                }
            },
        );
    }

    public function change(GymClass $class, ClassGiven $given): void
    {
        $class->fill(self::columns($given))->save();
    }

    /** What was held stays; nothing is held from today on. */
    public function end(GymClass $class): void
    {
        $class->fill(['last_on' => $this->days->daysAgo(1)])->save();
    }

    /** @return array<string, mixed> */
    private static function columns(ClassGiven $given): array
    {
        return ['name' => $given->name, 'first_on' => $given->first_on, 'at' => $given->at, 'minutes' => $given->minutes, 'weekly' => $given->weekly, 'last_on' => $given->weekly ? $given->last_on : $given->first_on, 'tags' => $given->tags];
    }
}
