<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Context\Gym\GymDay;
use App\Models\Floor\GymClass;
use App\Models\Gym\User;
use App\Problems\Problem;
use Psr\Clock\ClockInterface;

/**
 * Makes, changes and ends classes.
 */
final readonly class SaveClass
{
    public function __construct(private InsertOnce $storeOnce, private GymDay $days, private ClockInterface $clock)
    {
    }

    /**
     * @return Inserted<GymClass>
     *
     * @throws Problem if there are too many, or the id holds another class
     */
    public function make(User $coach, ClassGiven $given): Inserted
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
        return [
            'name' => $given->name,
            'first_on' => $given->first_on,
            'at' => $given->at,
            'minutes' => $given->minutes,
            'weekly' => $given->weekly,
            'last_on' => $given->weekly ? $given->last_on : $given->first_on,
            'tags' => $given->tags,
        ];
    }
}
