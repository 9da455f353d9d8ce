<?php

declare(strict_types=1);

namespace App\Formats\Stored;

use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\JsonObject;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Grip;
use SteadyRung\Exercise\HoldAt;
use SteadyRung\Exercise\Movement;
use SteadyRung\Exercise\Width;

/**
 * An exercise as it is kept: the choice of gear, and beside it whatever is not the whole pull held as usual. The first program
 * kept lowerings and holds as kinds of gear; they were all unassisted.
 */
final class StoredExercise
{
    /** @return array<string, mixed> */
    public static function write(Exercise $exercise): array
    {
        return StoredChoice::write($exercise->setup) + array_filter([
            'movement' => $exercise->style->movement === Movement::Full ? null : $exercise->style->movement->value,
            'at' => $exercise->style->at?->value,
            'seconds' => $exercise->style->seconds,
            'grip' => $exercise->style->grip === Grip::Over ? null : $exercise->style->grip->value,
            'width' => $exercise->style->width === Width::Outside ? null : $exercise->style->width->value,
            'up_by' => $exercise->style->isUsualWayUp($exercise->setup->kind()) ? null : $exercise->style->upBy->value,
        ], static fn (mixed $value): bool => $value !== null);
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

        return Exercise::of(StoredChoice::of($j), ...ExerciseJson::style($j));
    }
}
