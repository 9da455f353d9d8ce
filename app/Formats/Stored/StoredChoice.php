<?php

declare(strict_types=1);

namespace App\Formats\Stored;

use App\Formats\JsonObject;
use SteadyRung\Ladder\Choice;
use SteadyRung\Ladder\ChoiceKind;
use SteadyRung\Ladder\Choices\Counterweighted;
use SteadyRung\Ladder\Choices\FootHelped;
use SteadyRung\Ladder\Choices\Footing;
use SteadyRung\Ladder\Choices\Held;
use SteadyRung\Ladder\Choices\Hopped;
use SteadyRung\Ladder\Choices\InRow;
use SteadyRung\Ladder\Choices\Lowered;
use SteadyRung\Ladder\Choices\OnBands;
use SteadyRung\Ladder\Choices\PulledDown;
use SteadyRung\Ladder\Choices\StrictPull;
use SteadyRung\Ladder\Choices\Weighted;
use SteadyRung\Setup\Attach;
use SteadyRung\Setup\HelpGrade;
use SteadyRung\Setup\HoldAt;

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
            $choice instanceof OnBands => ['bar_id' => $choice->barId, 'attach' => $choice->attach->value, 'band_ids' => $choice->bandIds],
            $choice instanceof InRow => ['bar_id' => $choice->barId, 'ring_id' => $choice->ringId, 'strap_m' => $choice->ringId === null ? null : $choice->strapM, 'heel_mark_m' => $choice->heelMarkM, 'box_id' => $choice->boxId],
            $choice instanceof FootHelped => ['bar_id' => $choice->barId, 'box_id' => $choice->footing->boxId, 'plate_ids' => $choice->footing->plateIds, 'scale_kg' => $choice->scaleKg, 'grade' => $choice->grade?->value],
            $choice instanceof Hopped => ['bar_id' => $choice->barId, 'box_id' => $choice->footing->boxId, 'plate_ids' => $choice->footing->plateIds, 'hop_m' => $choice->hopM],
            $choice instanceof Counterweighted, $choice instanceof PulledDown => ['machine_id' => $choice->machineId, 'stack_kg' => $choice->stackKg],
            $choice instanceof Weighted => ['weight_ids' => $choice->weightIds],
            $choice instanceof Lowered => ['seconds' => $choice->seconds],
            $choice instanceof Held => ['at' => $choice->at->value, 'seconds' => $choice->seconds],
            $choice instanceof StrictPull => [],
            default => throw new \LogicException('A kind of choice without a stored form: '.$choice::class),
        });
    }

    /** @throws Damaged if it cannot be read */
    public static function read(string $json): Choice
    {
        return StoredForm::read('choice', $json, self::of(...));
    }

    /** Out of a form that holds it. */
    public static function of(JsonObject $j): Choice
    {
        return match ($j->choice('kind', ChoiceKind::class)) {
            ChoiceKind::Strict => new StrictPull,
            ChoiceKind::Band => OnBands::of($j->uuid('bar_id'), $j->choice('attach', Attach::class), $j->texts('band_ids', self::MOST_PIECES)),
            ChoiceKind::Row => $j->has('ring_id')
                ? InRow::onRings($j->uuid('ring_id'), $j->number('strap_m'), $j->number('heel_mark_m'), $j->optionalUuid('box_id'))
                : InRow::onBar($j->uuid('bar_id'), $j->number('heel_mark_m'), $j->optionalUuid('box_id')),
            ChoiceKind::Foot => FootHelped::of($j->uuid('bar_id'), self::footing($j), $j->optionalNumber('scale_kg'), $j->optionalChoice('grade', HelpGrade::class)),
            ChoiceKind::Hop => Hopped::of($j->uuid('bar_id'), self::footing($j), $j->number('hop_m')),
            ChoiceKind::Counterweight => Counterweighted::of($j->uuid('machine_id'), $j->number('stack_kg')),
            ChoiceKind::PullDown => PulledDown::of($j->uuid('machine_id'), $j->number('stack_kg')),
            ChoiceKind::Added => Weighted::of($j->texts('weight_ids', self::MOST_PIECES)),
            ChoiceKind::Lowering => Lowered::of($j->number('seconds')),
            ChoiceKind::Hold => Held::of($j->choice('at', HoldAt::class), $j->number('seconds')),
        };
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
