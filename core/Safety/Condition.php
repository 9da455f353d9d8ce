<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

/**
 * What asks for a clinician's clearance before loading.
 */
enum Condition: string
{
    case RecentSurgery = 'recent-surgery';
    case Pregnancy = 'pregnancy';
    case Hypermobility = 'hypermobility';
    case Osteoporosis = 'osteoporosis';
    case BloodPressure = 'blood-pressure';
    case Heart = 'heart';

    public function words(): string
    {
        return match ($this) {
            self::RecentSurgery => 'recent surgery',
            self::Pregnancy => 'pregnancy or the months after',
            self::Hypermobility => 'hypermobility',
            self::Osteoporosis => 'osteoporosis',
            self::BloodPressure => 'uncontrolled blood pressure',
            self::Heart => 'a heart condition',
        };
    }

    /** @return list<Limit> that stay when it is cleared, unless the clinician says otherwise (judgement) */
    public function limits(): array
    {
        return match ($this) {
            self::RecentSurgery, self::Pregnancy, self::Osteoporosis => [Limit::NoLowering, Limit::NoBandsAtHeight],
            self::Hypermobility => [Limit::NoLowering],
            self::BloodPressure, self::Heart => [],
        };
    }
}
