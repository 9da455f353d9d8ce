<?php

declare(strict_types=1);

namespace SteadyRung\Method;

use SteadyRung\Safety\Limit;
use SteadyRung\Safety\Limits;

/**
 * Work beside the pull, known by name.
 */
enum Accessory: string
{
    case Curl = 'curl';
    case HeldCurl = 'held-curl';
    case BentRow = 'bent-row';
    case DumbbellRow = 'dumbbell-row';
    case Carry = 'carry';
    case PullApart = 'pull-apart';
    case OverheadPullApart = 'overhead-pull-apart';
    case ArmSweep = 'arm-sweep';
    case KneelingPlank = 'kneeling-plank';
    case KneelingSidePlank = 'kneeling-side-plank';
    case Plank = 'plank';
    case SidePlank = 'side-plank';
    case FeetRaisedPlank = 'feet-raised-plank';
    case LongLeverPlank = 'long-lever-plank';
    case WeightedPlank = 'weighted-plank';
    case Hollow = 'hollow';
    case PushUp = 'push-up';
    case RingPushUp = 'ring-push-up';
    case ShortDip = 'short-dip';
    case Dip = 'dip';
    case RingDip = 'ring-dip';
    case HalfWallWalk = 'half-wall-walk';
    case WallWalk = 'wall-walk';
    case KneelingLean = 'kneeling-lean';
    case StraightArmLean = 'straight-arm-lean';
    case RaisedLean = 'raised-lean';
    case HangAndTurn = 'hang-and-turn';
    case ReverseFly = 'reverse-fly';
    case RopePull = 'rope-pull';
    case PegRow = 'peg-row';
    case PegHeight = 'peg-height';

    /** A rung of the trunk ladder is held so long. */
    public const TRUNK_S = 60;

    public function words(): string
    {
        return ucfirst(match ($this) {
            self::HeldCurl => 'curl held half way',
            self::BentRow => 'bent-over row',
            self::Carry => 'loaded carry',
            self::PullApart => 'band pull-apart in front',
            self::OverheadPullApart => 'band pull-apart overhead',
            self::ArmSweep => 'straight-arm band sweep',
            self::FeetRaisedPlank => 'plank, feet raised',
            self::LongLeverPlank => 'long-lever plank, pelvis tucked',
            self::WeightedPlank => 'long-lever plank, plate over the hips',
            self::Hollow => 'hollow-body hold',
            self::PushUp => 'push-up',
            self::RingPushUp => 'ring push-up',
            self::ShortDip => 'dip, short range',
            self::HalfWallWalk => 'wall-walk, half way up',
            self::WallWalk => 'wall-walk handstand',
            self::KneelingLean => 'straight-arm lean, kneeling',
            self::StraightArmLean => 'straight-arm lean, on the toes',
            self::RaisedLean => 'straight-arm lean, feet raised',
            self::HangAndTurn => 'hang and turn, for the shoulders',
            self::ReverseFly => 'reverse fly in the rings, thumbs up',
            self::RopePull => 'hands-only rope, pulls up and down',
            self::PegRow => 'peg board, a row of pegs',
            self::PegHeight => 'peg board, full height',
            default => str_replace('-', ' ', $this->value),
        });
    }

    /** @return array{string, string} */
    public function cues(): array
    {
        return match ($this) {
            self::Curl => ['Elbows at the ribs.', 'Down as slowly as up.'],
            self::HeldCurl => ['Forearms level, elbows at the ribs.', 'Breathe on.'],
            self::BentRow, self::DumbbellRow => ['Back flat, drive the elbow.', 'Shoulder not rolling forward.'],
            self::Carry => ['Squeeze hard, walk tall.', 'Short steps, ribs down.'],
            self::PullApart, self::OverheadPullApart, self::ArmSweep, self::ReverseFly => [
                'Arms straight, shoulders off the ears.',
                'Blades together, ribs down.',
            ],
            self::HangAndTurn => ['Slowly, feet near the floor.', 'Never into pain.'],
            self::RopePull, self::PegRow, self::PegHeight => [
                'Change the leading hand each set.',
                'Keep a foot near the floor to come down.',
            ],
            default => $this->isPush()
                ? ['Ribs down, one line.', 'Short range first, and only without pain.']
                : ['Ribs down, buttocks tight.', 'Breathe on.'],
        };
    }

    public function hangs(): bool
    {
        return $this === self::HangAndTurn || $this->hasLeadingHand();
    }

    /** Whether one hand goes first, and the other the next time. */
    public function hasLeadingHand(): bool
    {
        return in_array($this, [self::RopePull, self::PegRow, self::PegHeight], true);
    }

    public function isPush(): bool
    {
        return in_array($this, [
            self::PushUp,
            self::RingPushUp,
            self::ShortDip,
            self::Dip,
            self::RingDip,
            self::HalfWallWalk,
            self::WallWalk,
            self::KneelingLean,
            self::StraightArmLean,
            self::RaisedLean,
        ], true);
    }

    public function isPull(): bool
    {
        return $this->hasLeadingHand() || in_array($this, [self::BentRow, self::DumbbellRow, self::ReverseFly], true);
    }

    public function isOverhead(): bool
    {
        return $this->hangs() || in_array($this, [self::OverheadPullApart, self::HalfWallWalk, self::WallWalk], true);
    }

    /** Whether the screen allows it. */
    public function isWithin(Limits $limits): bool
    {
        return ! ($this->hangs() && $limits->bars(Limit::NoHanging)) && ! ($this->isOverhead() && $limits->bars(Limit::NoOverhead));
    }

    public function part(): SessionPart
    {
        return $this === self::Hollow || in_array($this, self::trunkLadder(), true) ? SessionPart::Trunk : SessionPart::Accessory;
    }

    /** How much of it a set is where nobody says. */
    public function usual(): Amount
    {
        return match (true) {
            $this->part() === SessionPart::Trunk => Amount::of(Measure::Seconds, self::TRUNK_S),
            $this === self::HeldCurl => Amount::of(Measure::Seconds, 20),
            in_array($this, [self::KneelingLean, self::StraightArmLean, self::RaisedLean], true) => Amount::of(Measure::Seconds, 15),
            $this === self::PegHeight => Amount::of(Measure::Reps, 1),
            $this === self::ArmSweep => Amount::of(Measure::Seconds, 30),
            $this === self::Carry => Amount::of(Measure::Metres, 30),
            default => Amount::of(Measure::Reps, 10),
        };
    }

    /** @return non-empty-list<self> what it is one of, from the easiest; itself alone where nothing leads to it (common practice) */
    public function steps(): array
    {
        foreach (
            [
                self::trunkLadder(),
                [self::ShortDip, self::Dip],
                [self::HalfWallWalk, self::WallWalk],
                [self::KneelingLean, self::StraightArmLean, self::RaisedLean],
                [self::PegRow, self::PegHeight],
            ] as $steps
        ) {
            if (in_array($this, $steps, true)) {
                return $steps;
            }
        }

        return [$this];
    }

    /** @return non-empty-list<self> what the trunk ladder climbs by, a minute each (common practice) */
    public static function trunkLadder(): array
    {
        return [
            self::KneelingPlank,
            self::KneelingSidePlank,
            self::Plank,
            self::SidePlank,
            self::FeetRaisedPlank,
            self::LongLeverPlank,
            self::WeightedPlank,
        ];
    }
}
