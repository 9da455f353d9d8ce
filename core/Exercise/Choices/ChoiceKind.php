<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Exercise\Style\UpBy;
use SteadyRung\Kit\GearNeed;

/**
 * The kinds of set-up, and what sets them apart: one row each.
 */
enum ChoiceKind: string
{
    case Strict = 'strict';
    case Band = 'band';
    case Row = 'row';
    case Foot = 'foot';
    case Hop = 'hop';
    case LowBar = 'low-bar';
    case BandPullDown = 'band-pulldown';
    case Counterweight = 'counterweight';
    case Added = 'added';
    case PullDown = 'pulldown';

    private const ANY_PART = [
        Movement::Full,
        Movement::LowerHalf,
        Movement::UpperHalf,
        Movement::Lowering,
        Movement::Hold,
        Movement::ShoulderBlade,
    ];

    private const ON_FEET = [Movement::Full, Movement::LowerHalf, Movement::UpperHalf, Movement::Lowering, Movement::Hold];

    private const ON_CABLE = [Movement::Full, Movement::LowerHalf, Movement::UpperHalf];

    private const ANY_GRIP = [Grip::Over, Grip::Under, Grip::Neutral, Grip::Mixed, Grip::Rings, Grip::Towel];

    private const CABLE_GRIPS = [Grip::Over, Grip::Under, Grip::Neutral, Grip::Towel];

    private const BLADES_FIRST = 'Shoulder blades down before the elbows bend.';

    private const FROM_THE_LEGS = ['As little from the legs as gets you there, no jerk.', 'Straight up; elbows down and close.'];

    private const ON_A_CABLE = ['Ribs down, trunk still.', self::BLADES_FIRST];

    /**
     * The lane of its scale; a whole pull on it in words; what is done on it and how it is held; the gear it needs, all of it, and
     * what would do where that makes nothing light enough; whether it helps; whether its help fades in many small steps; whether a
     * pull-up on it may be jumped or stepped to the top; whether the feet carry on, so that nobody hangs; whether
     * the legs give what is missing, so that it can be done at any strength; the two cues that matter
     * most (common practice).
     */
    private const TABLE = [
        'strict' => [
            'lane' => Lane::Pull, 'pull' => 'Pull-up', 'movements' => self::ANY_PART, 'grips' => self::ANY_GRIP,
            'needs' => [GearNeed::BarOrRings], 'would_do' => 'More help first: the strength is not there yet.',
            'helps' => false, 'fades' => false, 'may_step_up' => true, 'stands' => false, 'by_legs' => false,
            'cues' => [self::BLADES_FIRST, 'Hollow: ribs down, legs together slightly in front.'],
        ],
        'band' => [
            'lane' => Lane::Pull, 'pull' => 'Band pull-up', 'movements' => self::ANY_PART, 'grips' => self::ANY_GRIP,
            'needs' => [GearNeed::Band, GearNeed::Bar], 'would_do' => 'A loop band that takes off more, or a higher bar, would do.',
            'helps' => true, 'fades' => true, 'may_step_up' => true, 'stands' => false, 'by_legs' => false,
            'cues' => [self::BLADES_FIRST, 'Legs together, slightly in front.'],
        ],
        'row' => [
            'lane' => Lane::Row, 'pull' => 'Row', 'movements' => self::ON_FEET, 'grips' => self::ANY_GRIP,
            'needs' => [GearNeed::BarOrRings], 'would_do' => 'Rings on an anchor, or a bar in a rack at hip height, would do.',
            'helps' => false, 'fades' => false, 'may_step_up' => false, 'stands' => false, 'by_legs' => false,
            'cues' => ['One line from heel to head: no sag, no arch.', 'Drive the elbows, blades together.'],
        ],
        'foot' => [
            'lane' => Lane::Pull, 'pull' => 'Foot-helped pull-up', 'movements' => self::ON_FEET, 'grips' => self::ANY_GRIP,
            'needs' => [GearNeed::Bar, GearNeed::Footing], 'would_do' => 'A box under a bar would do.',
            'helps' => true, 'fades' => true, 'may_step_up' => false, 'stands' => true, 'by_legs' => true, 'cues' => self::FROM_THE_LEGS,
        ],
        'hop' => [
            'lane' => Lane::Pull, 'pull' => 'Hop and control', 'movements' => [Movement::Full], 'grips' => self::ANY_GRIP,
            'needs' => [GearNeed::BarOrRings], 'would_do' => 'A box under a bar would do.',
            'helps' => false, 'fades' => true, 'may_step_up' => false, 'stands' => false, 'by_legs' => true, 'cues' => self::FROM_THE_LEGS,
        ],
        'low-bar' => [
            'lane' => Lane::Pull, 'pull' => 'Low-bar pull-up', 'movements' => self::ON_FEET, 'grips' => self::ANY_GRIP,
            'needs' => [GearNeed::BarOrRings], 'would_do' => 'A bar that is reached sitting on the floor would do.',
            'helps' => true, 'fades' => true, 'may_step_up' => false, 'stands' => true, 'by_legs' => true, 'cues' => self::FROM_THE_LEGS,
        ],
        'counterweight' => [
            'lane' => Lane::Pull, 'pull' => 'Counterweight machine', 'movements' => self::ANY_PART, 'grips' => self::ANY_GRIP,
            'needs' => [GearNeed::CounterweightMachine], 'would_do' => 'A counterweight machine, or bands, would do.',
            'helps' => true, 'fades' => false, 'may_step_up' => false, 'stands' => false, 'by_legs' => false,
            'cues' => [self::BLADES_FIRST, 'Hollow: ribs down, legs together slightly in front.'],
        ],
        'pulldown' => [
            'lane' => Lane::PullDown, 'pull' => 'Pull-down', 'movements' => self::ON_CABLE, 'grips' => self::CABLE_GRIPS,
            'needs' => [GearNeed::PullDownMachine], 'would_do' => 'A band on an anchor overhead would do.',
            'helps' => true, 'fades' => false, 'may_step_up' => false, 'stands' => false, 'by_legs' => false, 'cues' => self::ON_A_CABLE,
        ],
        'band-pulldown' => [
            'lane' => Lane::PullDown, 'pull' => 'Band pull-down', 'movements' => self::ON_CABLE, 'grips' => self::CABLE_GRIPS,
            'needs' => [GearNeed::Band, GearNeed::Bar], 'would_do' => 'A band on an anchor overhead would do.',
            'helps' => true, 'fades' => false, 'may_step_up' => false, 'stands' => false, 'by_legs' => false, 'cues' => self::ON_A_CABLE,
        ],
        'added' => [
            'lane' => Lane::Pull, 'pull' => 'Weighted pull-up', 'movements' => self::ANY_PART, 'grips' => self::ANY_GRIP,
            'needs' => [GearNeed::Weight], 'would_do' => 'More help first: the strength is not there yet.',
            'helps' => false, 'fades' => false, 'may_step_up' => true, 'stands' => false, 'by_legs' => false,
            'cues' => ['Weight on the hips, off the low back.', 'Stop the swing before the first rep.'],
        ],
    ];

    /** @return list<self> those that help in a lane, the most usual first */
    public static function helping(Lane $lane): array
    {
        $inOrder = array_map(self::from(...), array_keys(self::TABLE));

        return array_values(array_filter($inOrder, static fn (self $kind): bool => $kind->row()['helps'] && $kind->lane() === $lane));
    }

    public function lane(): Lane
    {
        return $this->row()['lane'];
    }

    /** A whole pull on it, over grip. */
    public function pullInWords(): string
    {
        return $this->row()['pull'];
    }

    /** @return list<Movement> */
    public function movements(): array
    {
        return $this->row()['movements'];
    }

    /** @return list<Grip> */
    public function grips(): array
    {
        return $this->row()['grips'];
    }

    /**
     * The usual way first.
     *
     * @return non-empty-list<UpBy>
     */
    public function waysUp(Movement $movement): array
    {
        return match (true) {
            $movement === Movement::Lowering => [UpBy::Step, UpBy::Foot, UpBy::Hop, UpBy::Pull],
            $movement === Movement::Hold => [UpBy::Step, UpBy::Pull, UpBy::Foot, UpBy::Hop],
            $movement === Movement::Full && $this->row()['may_step_up'] => [UpBy::Pull, UpBy::Foot, UpBy::Hop],
            default => [UpBy::Pull],
        };
    }

    /** @return list<GearNeed> what it cannot be set up without, all of it */
    public function needs(): array
    {
        return $this->row()['needs'];
    }

    /** What to get where the gear there is makes nothing that fits. */
    public function wouldDo(): string
    {
        return $this->row()['would_do'];
    }

    /** Whether its help is of a kind that comes in many small steps. */
    public function fades(): bool
    {
        return $this->row()['fades'];
    }

    /** Feet on a box or the floor: arms overhead, but nobody hangs. */
    public function isStanding(): bool
    {
        return $this->row()['stands'];
    }

    /** Whether the legs give what is missing: it can be done at any strength, with as little of them as gets one there. */
    public function isByLegs(): bool
    {
        return $this->row()['by_legs'];
    }

    /** @return array{string, string} */
    public function cues(): array
    {
        return $this->row()['cues'];
    }

    /**
     * @return array{
     *     lane: Lane, pull: string, movements: list<Movement>, grips: list<Grip>, needs: list<GearNeed>, would_do: string,
     *     helps: bool, fades: bool, may_step_up: bool, stands: bool, by_legs: bool, cues: array{string, string},
     * }
     */
    private function row(): array
    {
        return self::TABLE[$this->value];
    }
}
