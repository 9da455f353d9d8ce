<?php

declare(strict_types=1);

namespace SteadyRung\Exercise;

use SteadyRung\Exercise\Choices\ChoiceKind;

/**
 * How an exercise is done until a method says otherwise: tempo, rest, and the two cues that matter most (common practice).
 */
final readonly class Practice
{
    /**
     * @param  array{int, int}  $restS from and to
     * @param  array{string, string}  $cues
     */
    private function __construct(public string $tempo, public array $restS, public array $cues)
    {
    }

    public static function of(Exercise $exercise): self
    {
        $kind = $exercise->setup->kind();

        return new self(self::tempo($exercise->style), $kind === ChoiceKind::Row ? [60, 90] : [120, 180], self::cues($exercise->style, $kind));
    }

    private static function tempo(ExecutionStyle $style): string
    {
        return match (true) {
            $style->movement === Movement::Hold => 'still, breathing on',
            $style->movement === Movement::Lowering => 'one even way down',
            $style->upBy !== UpBy::Pull => 'up with help, down two seconds without',
            $style->movement === Movement::ShoulderBlade => 'set, pause, let go slowly',
            default => 'steady up, two seconds down',
        };
    }

    /** @return array{string, string} */
    private static function cues(ExecutionStyle $style, ChoiceKind $kind): array
    {
        return match (true) {
            $style->movement === Movement::Hold && $style->at?->isGrip() === true => ['Squeeze hard; stop the swing.', $style->at === HoldAt::Hang ? 'Ribs down, legs together slightly in front.' : 'Shoulder blades down, elbows straight.'],
            $style->movement === Movement::Hold => ['Elbows down and close, chest up.', 'Eyes level: the chin does not reach.'],
            $style->movement === Movement::Lowering => ['Even all the way, elbows straight at the end.', 'Shoulders stay off the ears.'],
            $style->movement === Movement::ShoulderBlade => ['Arms straight: only the blades move.', 'Shoulders off the ears.'],
            $kind === ChoiceKind::Row => ['One line from heel to head: no sag, no arch.', 'Drive the elbows, blades together.'],
            $kind === ChoiceKind::Band => ['Shoulder blades down before the elbows bend.', 'Legs together, slightly in front.'],
            in_array($kind, [ChoiceKind::Foot, ChoiceKind::LowBar, ChoiceKind::Hop], true) => ['As little from the legs as gets you there, no jerk.', 'Straight up; elbows down and close.'],
            in_array($kind, [ChoiceKind::PullDown, ChoiceKind::BandPullDown], true) => ['Ribs down, trunk still.', 'Shoulder blades down before the elbows bend.'],
            $kind === ChoiceKind::Added => ['Weight on the hips, off the low back.', 'Stop the swing before the first rep.'],
            default => ['Shoulder blades down before the elbows bend.', 'Hollow: ribs down, legs together slightly in front.'],
        };
    }
}
