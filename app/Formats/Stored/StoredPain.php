<?php

declare(strict_types=1);

namespace App\Formats\Stored;

use App\Formats\JsonObject;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\PainPlace;

/**
 * Pain as it is kept, version 2; rows of the first program carry no version and may say "fingers".
 */
final class StoredPain
{
    private const VERSION = 2;

    private const FIRST_FINGERS = 'fingers';

    /** @return array<string, mixed> */
    public static function write(Pain $pain): array
    {
        return StoredForm::keys(self::VERSION, ['place' => $pain->place->value, 'level' => $pain->level]);
    }

    /** @throws Damaged if it cannot be read */
    public static function read(string $json): Pain
    {
        return StoredForm::read('pain', $json, self::of(...));
    }

    /** Out of a form that holds it. */
    public static function of(JsonObject $j): Pain
    {
        return Pain::of(
            $j->text('place', 32) === self::FIRST_FINGERS ? PainPlace::Wrist : $j->choice('place', PainPlace::class),
            $j->optionalInteger('level'),
        );
    }
}
