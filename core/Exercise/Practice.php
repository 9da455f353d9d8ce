<?php

declare(strict_types=1);

namespace SteadyRung\Exercise;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Exercise\Style\UpBy;

/**
 * How an exercise is done until a method or a house says otherwise: tempo, rest, and the two cues that matter most (common practice).
 */
final readonly class Practice
{
    /**
     * @param  array{int, int}  $restS from and to
     * @param  list<string>  $cues
     */
    private function __construct(public string $tempo, public array $restS, public array $cues)
    {
    }

    public static function of(Exercise $exercise): self
    {
        $kind = $exercise->setup->kind();

        return new self(
            self::tempo($exercise->style, $kind),
            $kind->lane() === Lane::Row ? [60, 90] : [120, 180],
            self::cues($exercise->style, $kind),
        );
    }

    /**
     * The same at another tempo, with more cues.
     *
     * @param  list<string>  $more
     */
    public function with(string $tempo, array $more): self
    {
        return new self($tempo, $this->restS, [...$this->cues, ...$more]);
    }

    private static function tempo(ExecutionStyle $style, ChoiceKind $kind): string
    {
        return match (true) {
            $style->movement === Movement::Hold => 'still, breathing on',
            $style->movement === Movement::Lowering => 'one even way down',
            $kind === ChoiceKind::Hop => 'up with the hop',
            $style->upBy !== UpBy::Pull => 'up with help, down two seconds without',
            $style->movement === Movement::ShoulderBlade => 'set, pause, let go slowly',
            default => 'steady up, two seconds down',
        };
    }

    /** @return array{string, string} */
    private static function cues(ExecutionStyle $style, ChoiceKind $kind): array
    {
        return match (true) {
            $style->movement === Movement::Hold && $style->at?->isGrip() === true => [
                'Squeeze hard; stop the swing.',
                $style->at === HoldAt::Hang ? 'Ribs down, legs together slightly in front.' : 'Shoulder blades down, elbows straight.',
            ],
            $style->movement === Movement::Hold => ['Elbows down and close, chest up.', 'Eyes level: the chin does not reach.'],
            $style->movement === Movement::Lowering => ['Even all the way, elbows straight at the end.', 'Shoulders stay off the ears.'],
            $style->movement === Movement::ShoulderBlade => ['Arms straight: only the blades move.', 'Shoulders off the ears.'],
            default => $kind->cues(),
        };
    }
}
