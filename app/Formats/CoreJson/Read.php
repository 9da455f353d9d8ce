<?php

declare(strict_types=1);

namespace App\Formats\CoreJson;

use App\Formats\JsonObject;
use SteadyRung\Body\Body;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\CalibrationPoint;
use SteadyRung\Kit\LoopBand;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\AddedWeight;
use SteadyRung\Setup\Attach;
use SteadyRung\Setup\BandHelp;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Strict;
use SteadyRung\Strength\Formula;
use SteadyRung\Strength\RepCurve;

/**
 * The one way from JSON into the core.
 */
final class Read
{
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
        return match ($json->choice('kind', SetupKind::class)) {
            SetupKind::Strict => self::strict($json),
            SetupKind::Band => self::bandHelp($json),
            SetupKind::Added => $json->allowing('kind', 'added_kg')->build(
                static fn (JsonObject $j): Setup => AddedWeight::of($j->number('added_kg')),
            ),
        };
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
}
