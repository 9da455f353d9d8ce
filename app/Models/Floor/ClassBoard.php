<?php

declare(strict_types=1);

namespace App\Models\Floor;

use App\Models\BelongsToGym;
use Illuminate\Database\Eloquent\Model;

/**
 * What opens the board of a class on one day.
 *
 * @property string $gym_id
 * @property string $class_id
 * @property string $held_on
 * @property string $code
 */
final class ClassBoard extends Model
{
    use BelongsToGym;

    /** Told apart from afar and by whoever types them. */
    public const LETTERS = '23456789ABCDEFGHJKMNPQRSTVWXYZ';

    public const LENGTH = 8;

    /** A board stays so long after the class, for whoever is late with a last set. */
    private const AFTER_MIN = 15;

    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'class_boards';

    /** Of any gym; who asks knows none yet. */
    public static function anywhere(string $code): ?self
    {
        return self::query()->withoutGlobalScope('gym')->where('code', $code)->first();
    }

    public static function standing(string $classId, string $on): ?self
    {
        return self::query()->where('class_id', $classId)->where('held_on', $on)->first();
    }

    public static function endsAt(GymClass $class, string $on, string $timezone): \DateTimeImmutable
    {
        return $class->startsAt($on, $timezone)->modify(sprintf('+%d minutes', $class->minutes + self::AFTER_MIN));
    }

    /** As it is typed: in either case, with or without spaces. */
    public static function plain(string $typed): string
    {
        return strtoupper((string) preg_replace('/[^0-9A-Za-z]/', '', $typed));
    }
}
