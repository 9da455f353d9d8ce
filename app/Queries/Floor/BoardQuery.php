<?php

declare(strict_types=1);

namespace App\Queries\Floor;

use App\Context\Gym\CurrentGym;
use App\Models\Floor\ClassBoard;
use App\Models\Floor\GymClass;
use App\Responses\Board\BoardAthleteResponse;
use App\Responses\Board\BoardCodeResponse;
use App\Responses\Board\BoardResponse;
use App\Responses\Floor\FloorAthleteResponse;

/**
 * What a screen on the wall is told of a class on its day, and by which code.
 */
final readonly class BoardQuery
{
    public function __construct(private FloorQuery $floor, private CurrentGym $gym)
    {
    }

    public function code(GymClass $class, string $on): BoardCodeResponse
    {
        return new BoardCodeResponse(
            ClassBoard::standing($class->id, $on)?->code,
            ClassBoard::endsAt($class, $on, $this->gym->timezone())->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s\Z'),
        );
    }

    public function of(GymClass $class, string $on): BoardResponse
    {
        $day = $this->floor->of($class, $on);
        $names = $this->gym->gym()->board_names->of(array_column($day->athletes, 'name', 'id'));

        return new BoardResponse(
            class: $day->class,
            timezone: $this->gym->timezone(),
            mass_unit: $this->gym->units()->mass,
            length_unit: $this->gym->units()->length,
            cursor: $day->cursor,
            pulse: $day->pulse,
            athletes: array_map(
                static fn (FloorAthleteResponse $a) => BoardAthleteResponse::of($a, self::asKept($a->sheet), $names[$a->id]),
                $day->athletes,
            ),
            gear: $day->gear,
            turns: $day->timetable?->turns,
        );
    }

    /** A sheet in one shape, whether it was written now or is kept as JSON. */
    private static function asKept(?object $sheet): ?\stdClass
    {
        return $sheet === null || $sheet instanceof \stdClass
            ? $sheet
            : json_decode(json_encode($sheet, JSON_THROW_ON_ERROR), flags: JSON_THROW_ON_ERROR);
    }
}
