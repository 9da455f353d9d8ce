<?php

declare(strict_types=1);

namespace App\Formats\Json;

use App\Formats\JsonObject;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\CalibrationPoint;
use SteadyRung\Kit\LoopBand;
use SteadyRung\Ladder\ChoiceKind;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\AddedWeight;
use SteadyRung\Setup\Attach;
use SteadyRung\Setup\BandHelp;
use SteadyRung\Setup\Counterweight;
use SteadyRung\Setup\FootHelp;
use SteadyRung\Setup\HelpGrade;
use SteadyRung\Setup\Hold;
use SteadyRung\Setup\HoldAt;
use SteadyRung\Setup\Hop;
use SteadyRung\Setup\Lowering;
use SteadyRung\Setup\PullDown;
use SteadyRung\Setup\Row;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Strict;

/**
 * A set-up as the command line takes and gives it.
 */
final class SetupJson
{
    /** @return array<string, mixed> */
    public static function of(Setup $setup): array
    {
        return match (true) {
            $setup instanceof BandHelp => ['kind' => ChoiceKind::Band, 'bar_height_m' => $setup->barHeightM, 'attach' => $setup->attach, 'bands' => array_map(self::band(...), $setup->bands), 'clearance_m' => $setup->clearanceM],
            $setup instanceof Row => ['kind' => ChoiceKind::Row, 'anchor_height_m' => $setup->anchorHeightM, 'strap_m' => $setup->strapM, 'heel_mark_m' => $setup->heelMarkM, 'heel_height_m' => $setup->heelHeightM],
            $setup instanceof FootHelp => self::given(['kind' => ChoiceKind::Foot, 'bar_height_m' => $setup->reach->barHeightM, 'box_m' => $setup->reach->boxM, 'scale_kg' => $setup->scaleKg, 'grade' => $setup->grade]),
            $setup instanceof Hop => ['kind' => ChoiceKind::Hop, 'bar_height_m' => $setup->reach->barHeightM, 'box_m' => $setup->reach->boxM, 'hop_m' => $setup->hopM],
            $setup instanceof Counterweight => ['kind' => ChoiceKind::Counterweight, 'stack_kg' => $setup->stackKg, 'leverage' => $setup->leverage],
            $setup instanceof PullDown => ['kind' => ChoiceKind::PullDown, 'stack_kg' => $setup->stackKg],
            $setup instanceof AddedWeight => ['kind' => ChoiceKind::Added, 'added_kg' => $setup->addedKg],
            $setup instanceof Lowering => ['kind' => ChoiceKind::Lowering, 'seconds' => $setup->seconds],
            $setup instanceof Hold => ['kind' => ChoiceKind::Hold, 'at' => $setup->at, 'seconds' => $setup->seconds],
            $setup instanceof Strict => ['kind' => ChoiceKind::Strict],
            default => throw new \LogicException('A kind of set-up without JSON: '.$setup::class),
        };
    }

    public static function read(JsonObject $json): Setup
    {
        return match ($json->choice('kind', ChoiceKind::class)) {
            ChoiceKind::Strict => self::strict($json),
            ChoiceKind::Band => self::bandHelp($json),
            ChoiceKind::Added => $json->allowing('kind', 'added_kg')->build(
                static fn (JsonObject $j): Setup => AddedWeight::of($j->number('added_kg')),
            ),
            ChoiceKind::Row => $json->allowing('kind', 'anchor_height_m', 'strap_m', 'heel_mark_m', 'heel_height_m')->build(static fn (JsonObject $j): Setup => Row::of(
                $j->number('anchor_height_m'),
                $j->number('strap_m'),
                $j->number('heel_mark_m'),
                $j->optionalNumber('heel_height_m') ?? 0.0,
            )),
            ChoiceKind::Foot => $json->allowing('kind', 'bar_height_m', 'box_m', 'scale_kg', 'grade')->build(static fn (JsonObject $j): Setup => FootHelp::of(
                $j->number('bar_height_m'),
                $j->number('box_m'),
                $j->optionalNumber('scale_kg'),
                $j->optionalChoice('grade', HelpGrade::class),
            )),
            ChoiceKind::Hop => $json->allowing('kind', 'bar_height_m', 'box_m', 'hop_m')->build(
                static fn (JsonObject $j): Setup => Hop::of($j->number('bar_height_m'), $j->number('box_m'), $j->number('hop_m')),
            ),
            ChoiceKind::Counterweight => $json->allowing('kind', 'stack_kg', 'leverage')->build(
                static fn (JsonObject $j): Setup => Counterweight::of($j->number('stack_kg'), $j->number('leverage')),
            ),
            ChoiceKind::PullDown => $json->allowing('kind', 'stack_kg')->build(static fn (JsonObject $j): Setup => PullDown::of($j->number('stack_kg'))),
            ChoiceKind::Lowering => $json->allowing('kind', 'seconds')->build(static fn (JsonObject $j): Setup => Lowering::of($j->number('seconds'))),
            ChoiceKind::Hold => $json->allowing('kind', 'at', 'seconds')->build(
                static fn (JsonObject $j): Setup => Hold::of($j->choice('at', HoldAt::class), $j->number('seconds')),
            ),
        };
    }

    private static function strict(JsonObject $json): Strict
    {
        return $json->allowing('kind', 'bar_height_m')->build(static function (JsonObject $j): Strict {
            OutOfRange::guard(['bar_height_m' => [$j->optionalNumber('bar_height_m'), Bar::HEIGHT_M]]);

            return new Strict;
        });
    }

    private static function bandHelp(JsonObject $json): BandHelp
    {
        $json->allowing('kind', 'bar_height_m', 'attach', 'bands', 'clearance_m');
        $bands = array_map(
            static fn (JsonObject $band, int $i): LoopBand => Read::band($band, 'band '.($i + 1)),
            $objects = $json->objects('bands', BandHelp::MOST_BANDS),
            array_keys($objects),
        );

        return $json->build(static fn (JsonObject $j): BandHelp => BandHelp::of(
            $j->number('bar_height_m'),
            $j->choice('attach', Attach::class),
            $bands,
            $j->optionalNumber('clearance_m') ?? BandHelp::CLEARANCE_M,
        ));
    }

    /** @return array<string, mixed> */
    private static function band(LoopBand $band): array
    {
        return [
            'id' => $band->id,
            'hung_length_m' => $band->hungLengthM(),
            'width_mm' => $band->widthMm,
            'thickness_mm' => $band->thicknessMm,
            'points' => array_map(static fn (CalibrationPoint $p): array => ['length_m' => $p->lengthM, 'force_n' => $p->forceN], $band->points),
        ];
    }

    /**
     * @param  array<string, mixed>  $keys
     * @return array<string, mixed>
     */
    private static function given(array $keys): array
    {
        return array_filter($keys, static fn (mixed $value): bool => $value !== null);
    }
}
