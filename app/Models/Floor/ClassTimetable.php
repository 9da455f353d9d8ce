<?php

declare(strict_types=1);

namespace App\Models\Floor;

use App\Models\BelongsToGym;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * The timetable of a class day as it was told last, and the work it is made of.
 *
 * @property string $class_id
 * @property string $held_on
 * @property list<array{string, string, int, string}> $told athlete, turn, seconds from the beginning of the class, station
 * @property array<string, list<array{line: string, sets: int, in_all: int|null, set_s: int, rest_s: int, group: string|null, accessory: string|null, rungs: list<array{key: string, share: float, station: string|null, gear: list<string>}>}>> $works lines by athlete, as SheetWork keeps them
 * @property string|null $answer what was answered, as JSON; none where an order was told since
 * @property bool $by_hand whether a coach told an order
 * @property int $news the number of the latest news in it
 * @property CarbonImmutable $timed_at
 */
final class ClassTimetable extends Model
{
    use BelongsToGym;

    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'class_timetables';

    /** @var array<string, string> */
    protected $casts = ['told' => 'array', 'works' => 'array', 'by_hand' => 'boolean', 'timed_at' => 'immutable_datetime'];
}
