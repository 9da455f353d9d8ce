<?php

declare(strict_types=1);

namespace App\Http\Requests\Floor;

use App\Formats\Day;
use App\Formats\JsonObject;
use App\Models\Floor\GymClass;
use App\Problems\Problem;
use App\Problems\ProblemCode;

/**
 * A class and a day on which it is held, as an address names them.
 */
final readonly class HeldDay
{
    private const LATEST = '2099-12-31';

    /** @throws Problem if it is not held on that day */
    public static function of(string $class, string $on): GymClass
    {
        $held = GymClass::query()->findOrFail($class);
        $day = JsonObject::ofQuery(['on' => $on])->date('on', self::LATEST);

        return $held->toCore()->isOn(Day::number($day))
            ? $held
            : throw new Problem(ProblemCode::NotFound, 'This class is not held on that day.');
    }
}
