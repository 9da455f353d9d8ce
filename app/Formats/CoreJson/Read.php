<?php

declare(strict_types=1);

namespace App\Formats\CoreJson;

use App\Formats\JsonObject;
use SteadyRung\Body\Body;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\CalibrationPoint;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\LoopBand;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;
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
use SteadyRung\Strength\Formula;
use SteadyRung\Strength\RepCurve;

/**
 * The one way from JSON into the core.
 */
final class Read
{
    public const SHARE = [0.01, 5.0];

    private const MOST_BARS = 20;

    private const MOST_BANDS = 60;

    private const MOST_RINGS = 12;

    private const MOST_PIECES = 24;

    public static function body(JsonObject $json): Body
    {
        return $json->allowing('mass_kg', 'stature_m', 'reach_m')->build(static fn (JsonObject $j): Body => Body::of(
            $j->number('mass_kg'),
            $j->number('stature_m'),
            $j->optionalNumber('reach_m'),
        ));
    }

    public static function setup(JsonObject $json): Setup
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

    public static function kit(JsonObject $json): Kit
    {
        $json->allowing('bars', 'bands', 'rings', 'boxes_m', 'plates_m', 'weights_kg');
        $bars = array_map(static fn (JsonObject $bar): Bar => $bar->allowing('id', 'height_m')->build(
            static fn (JsonObject $j): Bar => Bar::of($id = $j->text('id', 64), $id, $j->number('height_m')),
        ), $json->objects('bars', self::MOST_BARS));
        $bands = array_map(static fn (JsonObject $band): LoopBand => self::band($band, $band->text('id', 64)), $json->objects('bands', self::MOST_BANDS));
        $rings = array_map(static fn (JsonObject $ring): RingPair => $ring->allowing('id', 'anchor_height_m', 'strap_m')->build(
            static fn (JsonObject $j): RingPair => RingPair::of($id = $j->text('id', 64), $id, $j->number('anchor_height_m'), $j->numbers('strap_m', RingPair::MOST_MARKS)),
        ), $json->objects('rings', self::MOST_RINGS));

        return new Kit(
            $bars,
            $bands,
            $rings,
            self::pieces($json, 'boxes_m', self::box(...)),
            self::pieces($json, 'plates_m', self::plate(...)),
            self::pieces($json, 'weights_kg', static fn (float $kg, int $i): Weight => Weight::of("weight $i", "$kg kg", $kg)),
        );
    }

    /**
     * Heights to stand on in one list: up to the thickest plate they stack, above it they are boxes.
     *
     * @return array{list<Box>, list<Plate>}
     */
    public static function standingGear(JsonObject $json, string $key): array
    {
        $kit = Kit::of(self::pieces($json, $key, static fn (float $m, int $i): Box|Plate => $m <= Plate::THICKNESS_M[1] ? self::plate($m, $i) : self::box($m, $i)));

        return [$kit->boxes, $kit->plates];
    }

    /** A carried share, 0.01–5. */
    public static function share(JsonObject $json, string $key): float
    {
        $share = $json->number($key);
        $json->build(static fn () => OutOfRange::guard([$key => [$share, self::SHARE]]));

        return $share;
    }

    public static function band(JsonObject $json, string $defaultName = 'band'): LoopBand
    {
        $json->allowing('id', 'hung_length_m', 'width_mm', 'thickness_mm', 'points');
        $points = self::points($json);
        $name = $json->optionalText('id', 64) ?? $defaultName;

        return self::loopBand($json, $name, $name, $points);
    }

    /**
     * The band of sizes read here and points read before.
     *
     * @param  list<CalibrationPoint>  $points
     */
    public static function loopBand(JsonObject $json, string $id, string $name, array $points): LoopBand
    {
        return $json->build(static fn (JsonObject $j): LoopBand => LoopBand::of(
            $id,
            $name,
            $j->number('hung_length_m'),
            $j->number('width_mm'),
            $j->number('thickness_mm'),
            $points,
        ));
    }

    public static function curve(JsonObject $json): RepCurve
    {
        return $json->build(static fn (JsonObject $j): RepCurve => RepCurve::of(
            $j->optionalChoice('formula', Formula::class) ?? Formula::Steady,
            $j->optionalNumber('k') ?? RepCurve::USUAL_K,
        ));
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
            static fn (JsonObject $band, int $i): LoopBand => self::band($band, 'band '.($i + 1)),
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

    /** @return list<CalibrationPoint> */
    private static function points(JsonObject $json): array
    {
        return array_map(
            static fn (JsonObject $point): CalibrationPoint => $point->allowing('length_m', 'force_n')->build(
                static fn (JsonObject $j): CalibrationPoint => CalibrationPoint::of($j->number('length_m'), $j->number('force_n')),
            ),
            $json->objects('points', LoopBand::MOST_POINTS),
        );
    }

    private static function box(float $heightM, int $i): Box
    {
        return Box::of("box $i", "box $i", $heightM);
    }

    private static function plate(float $thicknessM, int $i): Plate
    {
        return Plate::of("plate $i", "plate $i", $thicknessM);
    }

    /**
     * A piece for each number of a list; the core's refusal points to the number.
     *
     * @template T of Box|Plate|Weight
     *
     * @param  \Closure(float, int): T  $piece
     * @return list<T>
     */
    private static function pieces(JsonObject $json, string $key, \Closure $piece): array
    {
        $numbers = $json->numbers($key, self::MOST_PIECES);

        return array_map(static fn (float $number, int $i): Box|Plate|Weight => $json->buildAt("$key/$i", static fn () => $piece($number, $i)), $numbers, array_keys($numbers));
    }
}
