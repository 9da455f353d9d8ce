<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Context\Gym\CurrentGym;
use App\Formats\Day;
use App\Models\Floor\ClassBoard;
use App\Models\Floor\GymClass;

/**
 * Gives the board of a class day its code, the same while it stands; or ends it.
 */
final readonly class OpenBoard
{
    private const KEPT_DAYS = 7;

    public function __construct(private CurrentGym $gym)
    {
    }

    public function open(GymClass $class, string $on): void
    {
        ClassBoard::query()->where('class_id', $class->id)->where('held_on', '<', Day::date(Day::number($on) - self::KEPT_DAYS))->delete();
        ClassBoard::query()->insertOrIgnore([
            'gym_id' => $this->gym->id(),
            'class_id' => $class->id,
            'held_on' => $on,
            'code' => self::code(),
        ]);
    }

    public function end(GymClass $class, string $on): void
    {
        ClassBoard::query()->where('class_id', $class->id)->where('held_on', $on)->delete();
    }

    private static function code(): string
    {
        $letters = ClassBoard::LETTERS;

        return implode('', array_map(
            static fn (): string => $letters[random_int(0, strlen($letters) - 1)],
            range(1, ClassBoard::LENGTH),
        ));
    }
}
