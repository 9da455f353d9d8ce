<?php

declare(strict_types=1);

namespace App\Formats\Stored;

use App\Formats\Json\Ladder\RungJson;
use App\Formats\Json\Setups\CarriedJson;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\Json\Setups\MountJson;
use App\Formats\Json\Setups\PredictionJson;
use App\Formats\Json\Setups\TravelJson;
use App\Formats\Json\Why\WarningJson;
use App\Formats\JsonObject;
use SteadyRung\Exercise\Rung;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Warning;
use SteadyRung\Strength\RepPrediction;

/**
 * A rung as it is kept inside a call: which gear, and the figures it had then. They are shown as they were, whatever becomes
 * of gear and formulas.
 */
final class StoredRung
{
    /** @return array<string, mixed> */
    public static function write(Rung $rung, ?RepPrediction $prediction): array
    {
        $load = $rung->load;

        return array_filter([
            'choice' => StoredExercise::write($rung->exercise),
            'name' => $rung->name,
            'carried' => array_filter([
                'carried_kg' => [
                    'bottom' => CarriedLoad::kg($load->bottomN),
                    'mean' => CarriedLoad::kg($load->meanN),
                    'top' => CarriedLoad::kg($load->topN),
                ],
                'share' => ['bottom' => $load->shareOf($load->bottomN), 'mean' => $load->share(), 'top' => $load->shareOf($load->topN)],
                'share_sd' => $load->shareSd,
                'effective_share' => $load->effectiveShare(),
                'shape' => $load->demand->shape,
                'rom_m' => $load->romM,
                'warnings' => array_map(static fn (Warning $w): array => ['code' => $w->code->value, 'text' => $w->text], $load->warnings),
                'share_range' => $load->shareRange,
                'friction' => $load->friction,
                'lift_off' => $load->hazard?->liftOff(),
                'recoil_j' => $load->hazard?->recoilJ,
                'mount' => $load->hazard === null
                    ? null
                    : [
                        'box_m' => $load->hazard->mount->boxM,
                        'hand_kg' => $load->hazard->mount->handKg,
                        'partner' => $load->hazard->mount->needsPartner(),
                    ],
            ], static fn (mixed $value): bool => $value !== null && $value !== []),
            'prediction' => $prediction === null ? null : [
                'reps' => $prediction->median(), 'low80' => $prediction->low80(), 'high80' => $prediction->high80(), 'clipped' => $prediction->isClipped(),
            ],
        ]);
    }

    public static function read(JsonObject $j): RungJson
    {
        $exercise = StoredExercise::of($j->object('choice'));
        $prediction = $j->optionalObject('prediction');

        return new RungJson(
            $exercise->key(),
            $j->text('name', StoredForm::ANY),
            ExerciseJson::of($exercise),
            self::carried($j->object('carried')),
            $prediction === null
                ? null
                : new PredictionJson(
                    $prediction->number('reps'),
                    $prediction->number('low80'),
                    $prediction->number('high80'),
                    $prediction->boolean('clipped'),
                ),
        );
    }

    private static function carried(JsonObject $j): CarriedJson
    {
        $range = $j->numbers('share_range', 2);
        $mount = $j->optionalObject('mount');

        return new CarriedJson(
            fits: true,
            carried_kg: self::travel($j->object('carried_kg')),
            share: self::travel($j->object('share')),
            share_sd: $j->number('share_sd'),
            effective_share: $j->optionalNumber('effective_share')
                ?? $j->number('ascent_share'), // calls of the first program know the latter
            shape: $j->optionalNumber('shape') ?? 0.0,
            rom_m: $j->number('rom_m'),
            warnings: array_map(
                static fn (JsonObject $w): WarningJson => new WarningJson($w->text('code', 64), $w->text('text', StoredForm::ANY)),
                $j->objects('warnings', StoredForm::ANY),
            ),
            share_range: count($range) === 2 ? [$range[0], $range[1]] : null,
            friction: $j->optionalNumber('friction'),
            lift_off: $j->optionalNumber('lift_off'),
            recoil_j: $j->optionalNumber('recoil_j'),
            mount: $mount === null ? null : new MountJson($mount->number('box_m'), $mount->number('hand_kg'), $mount->boolean('partner')),
        );
    }

    private static function travel(JsonObject $j): TravelJson
    {
        return new TravelJson($j->number('bottom'), $j->number('mean'), $j->number('top'));
    }
}
