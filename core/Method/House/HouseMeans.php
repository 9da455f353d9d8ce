<?php

declare(strict_types=1);

namespace SteadyRung\Method\House;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\SessionPart;
use SteadyRung\Setup\Band\Attach;

/**
 * What the house rules make of the exercises a method allows.
 */
final readonly class HouseMeans
{
    public function __construct(private HouseRules $rules)
    {
    }

    /**
     * Those the house does, in the order they are tried.
     *
     * @param  list<AllowedExercises>  $allowed
     * @return list<AllowedExercises>
     */
    public function of(array $allowed, SessionPart $part): array
    {
        $done = array_values(array_filter($allowed, fn (AllowedExercises $m): bool => $this->isDone($m, $part)));
        $bands = array_values(array_filter($done, static fn (AllowedExercises $m): bool => $m->kind === ChoiceKind::Band));
        if ($this->rules->says(HouseRule::Bands, 'usual') && $bands !== []) {
            $done = [
                ...$bands,
                ...array_values(array_filter($done, static fn (AllowedExercises $m): bool => $m->kind !== ChoiceKind::Band)),
            ];
        }
        $machine = AllowedExercises::of(ChoiceKind::Counterweight);
        if (
            $part === SessionPart::Main
            && $this->rules->says(HouseRule::Machines, 'full')
            && array_filter($done, self::isHelp(...)) !== []
            && ! self::isAmong($machine, $done)
        ) {
            $done[] = $machine;
        }

        return $this->rules->says(HouseRule::LoweringStands, 'in-band') ? $this->inBandFirst($done) : $done;
    }

    /** Whether the house does what a rung is, in a part of a session where that matters. */
    public function allows(Rung $rung, ?SessionPart $part = null): bool
    {
        $setup = $rung->exercise->setup;
        $isAtFoot = $setup instanceof OnBands && $setup->attach !== Attach::Knee;

        return $this->does($setup->kind(), $rung->exercise->style->movement, $rung->exercise->style->grip, $part)
            && ! ($isAtFoot && $this->rules->says(HouseRule::BandAt, 'knee'));
    }

    private function isDone(AllowedExercises $means, SessionPart $part): bool
    {
        return $this->does($means->kind, $means->movement, $means->grip, $part)
            && ($means->movement !== Movement::Lowering || $this->rules->loweringDays() > 0);
    }

    private function does(ChoiceKind $kind, Movement $movement, Grip $grip, ?SessionPart $part): bool
    {
        return $this->rules->allowsGrip($grip) && match ($kind) {
            ChoiceKind::Band => $this->rules->allowsBands()
                && ! ($part === SessionPart::Main && $movement === Movement::Full && $this->rules->says(HouseRule::Bands, 'extra')),
            ChoiceKind::Counterweight, ChoiceKind::PullDown => ! $this->rules->says(HouseRule::Machines, 'not-used'),
            default => true,
        };
    }

    /**
     * Each lowering by the arms alone after the same in a band.
     *
     * @param  list<AllowedExercises>  $allowed
     * @return list<AllowedExercises>
     */
    private function inBandFirst(array $allowed): array
    {
        $lowerings = array_values(array_filter(
            $allowed,
            static fn (AllowedExercises $m): bool => $m->movement === Movement::Lowering && $m->kind === ChoiceKind::Strict,
        ));
        if ($lowerings === [] || ! $this->rules->allowsBands()) {
            return $allowed;
        }
        $inBand = AllowedExercises::of(ChoiceKind::Band, Movement::Lowering, seconds: $lowerings[0]->seconds, grip: $lowerings[0]->grip);

        return self::isAmong($inBand, $allowed) ? $allowed : [$inBand, ...$allowed];
    }

    /** @param  list<AllowedExercises>  $allowed */
    private static function isAmong(AllowedExercises $one, array $allowed): bool
    {
        return array_filter($allowed, static fn (AllowedExercises $m): bool => $m->anywhereKey() === $one->anywhereKey()) !== [];
    }

    private static function isHelp(AllowedExercises $means): bool
    {
        return $means->movement === Movement::Full
            && $means->grip === Grip::Over
            && in_array($means->kind, [ChoiceKind::Band, ChoiceKind::Foot], true);
    }
}
