<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Baseline;

/**
 * The steps of a baseline in their order, the freshest and safest first.
 */
enum BaselineStep: string
{
    case Hang = 'hang';
    case ActiveHang = 'active-hang';
    case TopHold = 'top-hold';
    case Lowering = 'lowering';
    case Row = 'row';
    case Band = 'band';
    case SecondBand = 'second-band';
    case ChinUp = 'chin-up';
    case PullUp = 'pull-up';

    public function title(): string
    {
        return match ($this) {
            self::Hang => 'Dead hang',
            self::ActiveHang => 'Active hang',
            self::TopHold => 'Hold, chin over the bar',
            self::Lowering => 'One slow lowering',
            self::Row => 'Rows to failure',
            self::Band => 'Reps to failure, first load',
            self::SecondBand => 'Reps to failure, second load',
            self::ChinUp => 'Strict chin-ups',
            self::PullUp => 'Strict pull-ups',
        };
    }

    public function how(): string
    {
        return match ($this) {
            self::Hang => 'Arms straight, relaxed; feet off the floor. Stop before the hand opens.',
            self::ActiveHang => 'Arms straight, shoulders drawn down from the ears, still.',
            self::TopHold => 'Step up to the top; chin over the bar, shoulders low. Stop when the chin sinks.',
            self::Lowering => 'Step up; down at one even speed, all the way. It counts while it is controlled.',
            self::Row => 'Straight from heel to shoulder; chest to the hands, all the way out. Until no clean one is left.',
            self::Band, self::SecondBand => 'Full hang to chin over the bar, no kick, no swing. Until no clean one is left.',
            self::ChinUp, self::PullUp => 'One fresh try from a dead hang; a miss does no harm.',
        };
    }

    /** Rest before it, in s (common practice). */
    public function restS(): int
    {
        return match ($this) {
            self::Hang => 0,
            self::ActiveHang => 60,
            self::TopHold => 90,
            self::Lowering, self::Row => 120,
            default => 180,
        };
    }

    /** Whether it is told in seconds. */
    public function isTimed(): bool
    {
        return in_array($this, [self::Hang, self::ActiveHang, self::TopHold, self::Lowering], true);
    }
}
