<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

/**
 * Which part of the way is gone, and in which direction; a hold stays at one place.
 */
enum Travel
{
    case Whole;
    case LowerHalf;
    case UpperHalf;
    case Down;
    case AtBottom;
    case AtMiddle;
    case AtTop;

    /**
     * From and to, as parts of the way from the bottom (0) to the top (1).
     *
     * @return array{float, float}
     */
    public function span(): array
    {
        return match ($this) {
            self::Whole, self::Down => [0.0, 1.0],
            self::LowerHalf => [0.0, 0.5],
            self::UpperHalf => [0.5, 1.0],
            self::AtBottom => [0.0, 0.0],
            self::AtMiddle => [0.5, 0.5],
            self::AtTop => [1.0, 1.0],
        };
    }

    /** The length of it as a part of the whole way. */
    public function length(): float
    {
        [$from, $to] = $this->span();

        return $to - $from;
    }

    /** Whether somebody is lifted, and what gives help gives less of it than it holds. */
    public function isUp(): bool
    {
        return match ($this) {
            self::Whole, self::LowerHalf, self::UpperHalf => true,
            self::Down, self::AtBottom, self::AtMiddle, self::AtTop => false,
        };
    }
}
