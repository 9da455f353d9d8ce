<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\Kit\GearNeed;
use SteadyRung\Setup\Row\Knees;
use SteadyRung\Setup\Stack\Stance;

/**
 * One way to arrange a kind of set-up, where a method asks for it.
 */
enum Arrangement: string
{
    case Seated = 'seated';
    case Kneeling = 'kneeling';
    case OnBar = 'on-bar';
    case KneesBent = 'knees-bent';
    case WeightInLap = 'weight-in-lap';
    case BarAtForearm = 'bar-at-forearm';

    /** @return list<ChoiceKind> the kinds it is a way of */
    public function kinds(): array
    {
        return match ($this) {
            self::Seated, self::Kneeling => [ChoiceKind::PullDown, ChoiceKind::BandPullDown],
            self::OnBar, self::KneesBent => [ChoiceKind::Row],
            self::WeightInLap, self::BarAtForearm => [ChoiceKind::Foot],
        };
    }

    /** @return list<GearNeed>|null what it cannot be set up without; none where it needs what its kind does */
    public function needs(): ?array
    {
        return match ($this) {
            self::OnBar => [GearNeed::Bar],
            self::WeightInLap => [GearNeed::Bar, GearNeed::Weight],
            default => null,
        };
    }

    /** Whether a choice of its kind is arranged so, or could be for some body. */
    public function isOf(Choice $choice): bool
    {
        return match (true) {
            $choice instanceof PulledDown, $choice instanceof BandPulledDown => $choice->stance === $this->stance(),
            $choice instanceof InRow => $this === self::OnBar ? $choice->barId !== null : $choice->knees === Knees::Bent,
            $choice instanceof FootHelped => $this === self::WeightInLap ? $choice->lapIds !== [] : $choice->lapIds === [],
            default => false,
        };
    }

    public function stance(): Stance
    {
        return $this === self::Kneeling ? Stance::Kneeling : Stance::Seated;
    }

    /** After the name of its kind. */
    public function words(): string
    {
        return match ($this) {
            self::Seated => 'seated',
            self::Kneeling => 'kneeling',
            self::OnBar => 'straight body, from a low bar',
            self::KneesBent => 'knees bent',
            self::WeightInLap => 'from a squat, weight in the lap',
            self::BarAtForearm => 'the bar at the raised forearm',
        };
    }
}
