<?php

declare(strict_types=1);

namespace App\Formats\Stored;

use App\Formats\Json\Setups\ChoiceJson;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\JsonObject;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;

/**
 * An exercise as it is kept, version 1: the choice of gear, and beside it whatever is not the whole pull held as usual. Rows of
 * the first program carry no version, and hold lowerings and holds as kinds of gear; they were all unassisted.
 */
final class StoredExercise
{
    private const VERSION = 1;

    /** @return array<string, mixed> */
    public static function write(Exercise $exercise): array
    {
        $setup = array_map(
            static fn (mixed $value): mixed => $value instanceof \BackedEnum ? $value->value : $value,
            ChoiceJson::of($exercise->setup)->jsonSerialize(),
        );

        return StoredForm::keys(self::VERSION, $setup) + ExerciseJson::unusual($exercise);
    }

    /** @throws Damaged if it cannot be read */
    public static function read(string $json): Exercise
    {
        return StoredForm::read('exercise', $json, self::of(...));
    }

    /** Out of a form that holds it. */
    public static function of(JsonObject $j): Exercise
    {
        $kind = $j->text('kind', 32);
        if ($kind === Movement::Lowering->value || $kind === Movement::Hold->value) {
            return Exercise::of(new StrictPull, Movement::from($kind), $j->optionalChoice('at', HoldAt::class), $j->number('seconds'));
        }

        return Exercise::of(ChoiceJson::choice($j), ...ExerciseJson::style($j));
    }
}
