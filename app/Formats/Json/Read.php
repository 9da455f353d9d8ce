<?php

declare(strict_types=1);

namespace App\Formats\Json;

use App\Formats\JsonObject;
use SteadyRung\Body\Body;
use SteadyRung\Body\SegmentTable;
use SteadyRung\Kit\Band\CalibrationPoint;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Floor;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Machine;
use SteadyRung\Kit\MachineUse;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;
use SteadyRung\OutOfRange;
use SteadyRung\Strength\Reps\Formula;
use SteadyRung\Strength\Reps\RepCurve;

/**
 * The one way from JSON into the core.
 */
final class Read
{
    public const SHARE = [0.01, 5.0];

    private const MOST_PINS = 100;

    public static function body(JsonObject $json): Body
    {
        return $json->allowing('mass_kg', 'stature_m', 'reach_m', 'proportions')->build(static fn (JsonObject $j): Body => Body::of(
            $j->number('mass_kg'),
            $j->number('stature_m'),
            $j->optionalNumber('reach_m'),
            $j->optionalChoice('proportions', SegmentTable::class) ?? SegmentTable::Average,
        ));
    }

    public static function kit(JsonObject $json): Kit
    {
        $json->allowing('bars', 'bands', 'rings', 'boxes_m', 'plates_m', 'weights_kg', 'machines', 'floor');
        $bars = array_map(static fn (JsonObject $bar): Bar => $bar->allowing('id', 'height_m', 'rated_kg', 'diameter_mm')->build(
            static fn (JsonObject $j): Bar => Bar::of(
                $id = $j->text('id', 64),
                $id,
                $j->number('height_m'),
                $j->optionalNumber('rated_kg'),
                $j->optionalNumber('diameter_mm'),
            ),
        ), $json->objects('bars', Kit::MOST_PIECES));
        $bands = array_map(
            static fn (JsonObject $band): LoopBand => self::band($band, $band->text('id', 64), 'hitched_on')
                ->measuredOver(self::hitchedOn($band, $bars)),
            $json->objects('bands', Kit::MOST_BANDS),
        );
        $rings = array_map(static fn (JsonObject $ring): RingPair => $ring->allowing('id', 'anchor_height_m', 'strap_m', 'rated_kg')->build(
            static fn (JsonObject $j): RingPair => RingPair::of(
                $id = $j->text('id', 64),
                $id,
                $j->number('anchor_height_m'),
                $j->numbers('strap_m', RingPair::MOST_MARKS),
                $j->optionalNumber('rated_kg'),
            ),
        ), $json->objects('rings', Kit::MOST_PIECES));

        $boxes = self::pieces($json, 'boxes_m', self::box(...));
        $plates = self::pieces($json, 'plates_m', self::plate(...));
        $weights = self::pieces($json, 'weights_kg', static fn (float $kg, int $i): Weight => Weight::of("weight $i", "$kg kg", $kg));
        $json->build(
            static fn () => OutOfRange::guard([
                'pieces' => [
                    count($bars) + count($rings) + count($boxes) + count($plates) + count($weights),
                    [0.0, (float) Kit::MOST_PIECES],
                ],
            ]),
        );

        $machines = array_map(self::machine(...), $json->objects('machines', Kit::MOST_PIECES));

        return new Kit(
            bars: $bars,
            bands: $bands,
            ringPairs: $rings,
            boxes: $boxes,
            plates: $plates,
            weights: $weights,
            machines: $machines,
            floor: $json->optionalChoice('floor', Floor::class) ?? Floor::Unknown,
        );
    }

    /**
     * Heights to stand on in one list: up to the thickest plate they stack, above it they are boxes.
     *
     * @return array{list<Box>, list<Plate>}
     */
    public static function standingGear(JsonObject $json, string $key): array
    {
        $kit = Kit::of(self::pieces(
            $json,
            $key,
            static fn (float $m, int $i): Box|Plate => $m <= Plate::THICKNESS_M[1] ? self::plate($m, $i) : self::box($m, $i),
        ));

        return [$kit->boxes, $kit->plates];
    }

    /** A carried share, 0.01–5. */
    public static function share(JsonObject $json, string $key): float
    {
        $share = $json->number($key);
        $json->build(static fn () => OutOfRange::guard([$key => [$share, self::SHARE]]));

        return $share;
    }

    public static function band(JsonObject $json, string $defaultName = 'band', string ...$besides): LoopBand
    {
        $json->allowing('id', 'hung_length_m', 'width_mm', 'thickness_mm', 'points', ...$besides);
        $points = self::points($json);
        $name = $json->optionalText('id', 64) ?? $defaultName;

        return self::loopBand($json, $name, $name, $points);
    }

    /** @param  array<Bar>  $bars */
    private static function hitchedOn(JsonObject $band, array $bars): ?Bar
    {
        $id = $band->optionalText('hitched_on', 64);
        $named = array_values(array_filter($bars, static fn (Bar $bar): bool => $bar->id === $id))[0] ?? null;

        return $id === null || $named !== null ? $named : throw $band->fault('hitched_on', 'This is no bar of the kit.');
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

    private static function machine(JsonObject $json): Machine
    {
        $json->allowing('id', 'use', 'stack_kg', 'leverage', 'platform_kg');
        $stacks = $json->numbers('stack_kg', self::MOST_PINS);
        if ($stacks === []) {
            throw $json->fault('stack_kg', 'Give at least one stack that can be pinned.');
        }

        return $json->build(static fn (JsonObject $j): Machine => Machine::pinned(
            $id = $j->text('id', 64),
            $id,
            $j->choice('use', MachineUse::class),
            $stacks,
            $j->optionalNumber('leverage') ?? 1.0,
            $j->optionalNumber('platform_kg') ?? 0.0,
        ));
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
        $numbers = $json->numbers($key, Kit::MOST_PIECES);

        return array_map(
            static fn (float $number, int $i): Box|Plate|Weight => $json->buildAt("$key/$i", static fn () => $piece($number, $i)),
            $numbers,
            array_keys($numbers),
        );
    }
}
