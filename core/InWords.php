<?php

declare(strict_types=1);

namespace SteadyRung;

/**
 * Quantities in sentences, in the units a coach measures with.
 */
final class InWords
{
    /** A space that breaks no line: nothing but quantities of the core has it, so they can be found in a text and told in other units. */
    public const BEFORE_UNIT = "\u{00A0}";

    private const NEARLY = 0.97;

    private const WEEKDAYS = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

    /** A length to the millimetre, as “137.5 cm”. */
    public static function cm(float $lengthM): string
    {
        return self::plain($lengthM * 100.0, 1).self::BEFORE_UNIT.'cm';
    }

    /** A length that was worked out, to the centimetre. */
    public static function wholeCm(float $lengthM): string
    {
        return sprintf('%.0f', $lengthM * 100.0).self::BEFORE_UNIT.'cm';
    }

    /** A mass to the hectogram, as “12.0 kg”. */
    public static function kg(float $massKg, int $digits = 1): string
    {
        return sprintf("%.{$digits}f", $massKg).self::BEFORE_UNIT.'kg';
    }

    /** A mass as it is stamped on a plate: “7.5 kg”, “10 kg”. */
    public static function stampedKg(float $massKg): string
    {
        return self::plain($massKg, 3).self::BEFORE_UNIT.'kg';
    }

    /** A time as it was taken, to the tenth: “22.5 s”. */
    public static function seconds(float $s): string
    {
        return self::plain($s, 1).' s';
    }

    /** A pull both ways a hanging scale shows it, as “1.3 kg (12.7 N)”. */
    public static function pull(float $forceN): string
    {
        return self::plain($forceN / Gravity::M_PER_S2, 2).self::BEFORE_UNIT.'kg ('.self::plain($forceN, 1).' N)';
    }

    /** A chance as a coach says it: “4 in 5”, “hardly ever”, “nearly always”. */
    public static function chance(float $chance): string
    {
        if ($chance >= self::NEARLY || $chance < 1.0 - self::NEARLY) {
            return $chance >= self::NEARLY ? 'nearly always' : 'hardly ever';
        }
        $best = [1, 2];
        foreach ([2, 3, 4, 5, 10] as $of) {
            for ($n = 1; $n < $of; $n++) {
                $best = abs($n / $of - $chance) < abs($best[0] / $best[1] - $chance) - 0.004 ? [$n, $of] : $best;
            }
        }

        return "$best[0] in $best[1]";
    }

    /** A chance and the one it is held against, as “2 in 3; it needs 4 in 5”; in per cent where both would read the same. */
    public static function chanceAgainst(float $chance, float $needed): string
    {
        [$is, $needs] = [self::chance($chance), self::chance($needed)];

        return $is === $needs && $chance < $needed
            ? sprintf('%d %%; it needs %d %%', (int) floor(100.0 * $chance), (int) ceil(100.0 * $needed))
            : "$is; it needs $needs";
    }

    /** So often, as “once”. */
    public static function times(int $times): string
    {
        return match ($times) {
            1 => 'once',
            2 => 'twice',
            default => "$times times",
        };
    }

    /** @param  int  $weekday  from Monday, 0, to Sunday, 6 */
    public static function weekday(int $weekday): string
    {
        return self::WEEKDAYS[$weekday];
    }

    private static function plain(float $value, int $digits): string
    {
        return (string) (round($value, $digits) + 0.0);
    }
}
