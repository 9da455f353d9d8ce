<?php

declare(strict_types=1);

namespace SteadyRung;

/**
 * One quantity outside its allowed range; the quantity's name ends in its unit.
 */
final readonly class Violation
{
    private const UNITS = ['kg' => 'kg', 'm' => 'm', 'mm' => 'mm', 'n' => 'N', 's' => 's'];

    public function __construct(
        public string $quantity,
        public float $value,
        public float $low,
        public float $high,
    ) {
    }

    public function unit(): string
    {
        $words = explode('_', $this->quantity);

        return self::UNITS[end($words)] ?? '';
    }

    public function text(): string
    {
        return "$this->quantity: {$this->sentence()}";
    }

    /** The same for people, who see beside which field it stands. */
    public function sentence(): string
    {
        return sprintf('It must be from %s to %s; it was %s.', $this->told($this->low), $this->told($this->high), $this->told($this->value));
    }

    private function told(float $value): string
    {
        return round($value, 3).($this->unit() === '' ? '' : InWords::BEFORE_UNIT.$this->unit());
    }
}
