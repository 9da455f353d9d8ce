<?php

declare(strict_types=1);

namespace App\Formats\Table;

use App\Formats\Units\LengthUnit;
use App\Formats\Units\MassUnit;

/**
 * Reads a quantity as people write it, in SI: "235,5 cm", "176 lb", 5'11", "62 %". A unit that is written goes before the column's.
 */
final class Quantity
{
    private const TO_KG = ['kg' => 1.0, 'g' => 0.001, 'lb' => MassUnit::KG_PER_LB, 'lbs' => MassUnit::KG_PER_LB, 'pounds' => MassUnit::KG_PER_LB];

    private const TO_M = [
        'm' => 1.0, 'cm' => 0.01, 'mm' => 0.001,
        'in' => LengthUnit::M_PER_IN, 'inch' => LengthUnit::M_PER_IN, 'inches' => LengthUnit::M_PER_IN, '"' => LengthUnit::M_PER_IN, '″' => LengthUnit::M_PER_IN, 'ft' => 0.3048,
    ];

    private const FEET = '~^(\d)\s*(?:\'|’|′|ft\.?|feet)\s*(?:(\d{1,2}(?:[.,]\d+)?)\s*(?:"|”|″|in\.?|inches)?)?$~iu';

    /** None where it is no mass. */
    public static function kg(string $text, string $unit): ?float
    {
        return self::of($text, $unit, self::TO_KG);
    }

    /** None where it is no length. */
    public static function m(string $text, string $unit): ?float
    {
        return preg_match(self::FEET, trim($text), $p) === 1
            ? (int) $p[1] * self::TO_M['ft'] + self::decimal($p[2] ?? '0') * self::TO_M['in']
            : self::of($text, $unit, self::TO_M);
    }

    /** 0.62 of "62 %" or "62"; none where it is no percentage. */
    public static function share(string $text): ?float
    {
        return self::of($text, '%', ['%' => 0.01]);
    }

    /** A count, with a word after it or none: "8", "8 reps". */
    public static function count(string $text): ?int
    {
        return preg_match('~^(\d{1,4})(?:[.,]0+)?(?:\s*[a-z]+)?$~i', trim($text), $p) === 1 ? (int) $p[1] : null;
    }

    /** Seconds of "31", "31 s", "1:05". */
    public static function seconds(string $text): ?float
    {
        return preg_match('~^(\d{1,2}):([0-5]\d)$~', trim($text), $p) === 1
            ? 60.0 * (int) $p[1] + (int) $p[2]
            : self::of($text, 's', ['s' => 1.0, 'sec' => 1.0, 'secs' => 1.0, 'seconds' => 1.0, 'min' => 60.0]);
    }

    /** @param  array<string, float>  $factors */
    private static function of(string $text, string $unit, array $factors): ?float
    {
        if (preg_match('~^([+−-]?)\s*(\d{1,6}(?:[.,]\d+)?)\s*([^\d\s]*)\.?$~u', trim($text), $p) !== 1) {
            return null;
        }
        $factor = $factors[mb_strtolower($p[3] === '' ? $unit : $p[3])] ?? null;

        return $factor === null ? null : ($p[1] === '' || $p[1] === '+' ? 1.0 : -1.0) * self::decimal($p[2]) * $factor;
    }

    private static function decimal(string $digits): float
    {
        return (float) str_replace(',', '.', $digits);
    }
}
