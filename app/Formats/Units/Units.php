<?php

declare(strict_types=1);

namespace App\Formats\Units;

use SteadyRung\InWords;

/**
 * The units that a gym reads. All is computed, worded and kept in SI; what is told to people has its quantities in these.
 */
final readonly class Units
{
    private const QUANTITY = '~\\\\u[0-9a-f]{4}(*SKIP)(*F)|(\d+(?:\.\d+)?)(%s)(kg|cm|m)\b~u';

    /** How the space before a unit stands in a text, and in JSON that escapes it. */
    private const SPACES = [InWords::BEFORE_UNIT, '\u00a0'];

    public function __construct(public MassUnit $mass, public LengthUnit $length)
    {
    }

    public function areSi(): bool
    {
        return $this->mass === MassUnit::Kilograms && $this->length === LengthUnit::Centimetres;
    }

    /** Whether there is a quantity in a text that other units could tell. */
    public static function areIn(string $text): bool
    {
        return str_contains($text, self::SPACES[0]) || str_contains($text, self::SPACES[1]);
    }

    /**
     * A text of the core with its masses and lengths in these units, as exact as they were: “12.5 kg” is “27.6 lb”, “10 kg” is “22 lb”,
     * “−5 cm” is “−2 in”. What people wrote themselves stays as they did.
     */
    public function told(string $text): string
    {
        return (string) preg_replace_callback(
            sprintf(self::QUANTITY, implode('|', array_map(preg_quote(...), self::SPACES))),
            fn (array $found): string => $this->quantity($found[1], $found[3], $found[2]),
            $text,
        );
    }

    private function quantity(string $figure, string $unit, string $space): string
    {
        $digits = strlen(strrchr($figure, '.') ?: '.') - 1;

        return match (true) {
            $unit === 'kg' => sprintf("%.{$digits}f", (float) $figure * $this->mass->perKg()).$space.$this->mass->value,
            $this->length === LengthUnit::Centimetres => $figure.$space.$unit,
            default => round((float) $figure * ($unit === 'm' ? 1.0 : 0.01) * $this->length->perM(), 1).$space.$this->length->value,
        };
    }
}
