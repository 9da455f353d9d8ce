<?php

declare(strict_types=1);

namespace App\Formats\Stored;

use App\Formats\JsonObject;
use SteadyRung\Exercise\Choices\BandPulledDown;
use SteadyRung\Exercise\Choices\Choice;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Counterweighted;
use SteadyRung\Exercise\Choices\FootHelped;
use SteadyRung\Exercise\Choices\Footing;
use SteadyRung\Exercise\Choices\Hopped;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\OnLowBar;
use SteadyRung\Exercise\Choices\PulledDown;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Choices\Weighted;
use SteadyRung\Setup\Band\Attach;
use SteadyRung\Setup\HelpGrade;
use SteadyRung\Setup\Row\Heels;
use SteadyRung\Setup\Row\Knees;
use SteadyRung\Setup\Stack\Stance;

/**
 * A choice as it is kept, version 1; rows of the first program carry no version.
 */
final class StoredChoice
{
    private const VERSION = 1;

    private const MOST_PIECES = 12;

    /** @return array<string, mixed> */
    public static function write(Choice $choice): array
    {
        return StoredForm::keys(self::VERSION, ['kind' => $choice->kind()->value] + match (true) {
            $choice instanceof OnBands => ['bar_id' => $choice->barId, 'attach' => $choice->attach->value, 'band_ids' => $choice->bandIds] + ($choice->kneeBandId === null ? [] : ['knee_band_id' => $choice->kneeBandId]),
            $choice instanceof BandPulledDown => ['bar_id' => $choice->barId, 'band_ids' => $choice->bandIds, 'stance' => $choice->stance->value],
            $choice instanceof OnLowBar => ['bar_id' => $choice->barId, 'scale_kg' => $choice->scaleKg, 'grade' => $choice->grade?->value],
            $choice instanceof InRow => ['bar_id' => $choice->barId, 'ring_id' => $choice->ringId, 'strap_m' => $choice->ringId === null ? null : $choice->strapM, 'heel_mark_m' => $choice->heelMarkM, 'box_id' => $choice->boxId]
                + array_filter(['heels' => $choice->heels === Heels::Free ? null : $choice->heels->value, 'knees' => $choice->knees === Knees::Straight ? null : $choice->knees->value, 'weight_ids' => $choice->vestIds]),
            $choice instanceof FootHelped => ['bar_id' => $choice->barId, 'box_id' => $choice->footing->boxId, 'plate_ids' => $choice->footing->plateIds, 'scale_kg' => $choice->scaleKg, 'grade' => $choice->grade?->value]
                + array_filter(['weight_ids' => $choice->lapIds]),
            $choice instanceof Hopped => ['bar_id' => $choice->barId, 'box_id' => $choice->footing->boxId, 'plate_ids' => $choice->footing->plateIds, 'hop_m' => $choice->hopM],
            $choice instanceof Counterweighted => ['machine_id' => $choice->machineId, 'stack_kg' => $choice->stackKg],
            $choice instanceof PulledDown => ['machine_id' => $choice->machineId, 'stack_kg' => $choice->stackKg] + ($choice->stance === Stance::Seated ? [] : ['stance' => $choice->stance->value]),
            $choice instanceof Weighted => ['weight_ids' => $choice->weightIds],
            $choice instanceof StrictPull => [],
            default => throw new \LogicException('A kind of choice without a stored form: '.$choice::class),
        });
    }

    /** Out of a form that holds it. */
    public static function of(JsonObject $j): Choice
    {
        return match ($j->choice('kind', ChoiceKind::class)) {
            ChoiceKind::Strict => new StrictPull,
            ChoiceKind::Band => self::bands($j),
            ChoiceKind::Row => ($j->has('ring_id')
                ? InRow::onRings($j->uuid('ring_id'), $j->number('strap_m'), $j->number('heel_mark_m'), $j->optionalUuid('box_id'))
                : InRow::onBar($j->uuid('bar_id'), $j->number('heel_mark_m'), $j->optionalUuid('box_id')))
                ->with($j->optionalChoice('heels', Heels::class) ?? Heels::Free, $j->optionalChoice('knees', Knees::class) ?? Knees::Straight, $j->texts('weight_ids', self::MOST_PIECES)),
            ChoiceKind::Foot => FootHelped::of($j->uuid('bar_id'), self::footing($j), $j->optionalNumber('scale_kg'), $j->optionalChoice('grade', HelpGrade::class))->withLap($j->texts('weight_ids', self::MOST_PIECES)),
            ChoiceKind::LowBar => OnLowBar::of($j->uuid('bar_id'), $j->optionalNumber('scale_kg'), $j->optionalChoice('grade', HelpGrade::class)),
            ChoiceKind::BandPullDown => BandPulledDown::of($j->uuid('bar_id'), $j->texts('band_ids', self::MOST_PIECES), $j->choice('stance', Stance::class)),
            ChoiceKind::Hop => Hopped::of($j->uuid('bar_id'), self::footing($j), $j->number('hop_m')),
            ChoiceKind::Counterweight => Counterweighted::of($j->uuid('machine_id'), $j->number('stack_kg')),
            ChoiceKind::PullDown => PulledDown::of($j->uuid('machine_id'), $j->number('stack_kg'), $j->optionalChoice('stance', Stance::class) ?? Stance::Seated),
            ChoiceKind::Added => Weighted::of($j->texts('weight_ids', self::MOST_PIECES)),
        };
    }

    private static function bands(JsonObject $j): OnBands
    {
        $ids = $j->texts('band_ids', self::MOST_PIECES);
        $knee = $j->optionalUuid('knee_band_id');

        return $knee === null
            ? OnBands::of($j->uuid('bar_id'), $j->choice('attach', Attach::class), $ids)
            : OnBands::split($j->uuid('bar_id'), array_values(array_diff($ids, [$knee]))[0] ?? $knee, $knee);
    }

    private static function footing(JsonObject $j): Footing
    {
        $plateIds = $j->texts('plate_ids', self::MOST_PIECES);

        return match (true) {
            $j->has('box_id') => Footing::box($j->uuid('box_id')),
            $plateIds !== [] => Footing::plates($plateIds),
            default => Footing::floor(),
        };
    }
}
