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
    private const MACHINES = [ChoiceKind::Counterweight, ChoiceKind::PullDown];

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
            $done = [...$bands, ...array_values(array_filter($done, static fn (AllowedExercises $m): bool => $m->kind !== ChoiceKind::Band))];
        }
        if ($part === SessionPart::Main && $this->rules->says(HouseRule::Machines, 'full') && array_filter($done, self::isHelp(...)) !== []) {
            $done = self::with($done, AllowedExercises::of(ChoiceKind::Counterweight));
        }

        return $this->rules->says(HouseRule::LoweringStands, 'in-band') ? $this->inBandFirst($done) : $done;
    }

    /** Whether the house does what a rung is, in a part of a session where that matters. */
    public function allows(Rung $rung, ?SessionPart $part = null): bool
    {
        $setup = $rung->exercise->setup;

        return match (true) {
            $setup instanceof OnBands => $this->rules->allowsBands() && ! ($part === SessionPart::Main && $rung->exercise->style->movement === Movement::Full && $this->rules->says(HouseRule::Bands, 'extra')) && (! $this->rules->says(HouseRule::BandAt, 'knee') || $setup->attach === Attach::Knee),
            in_array($setup->kind(), self::MACHINES, true) => ! $this->rules->says(HouseRule::Machines, 'not-used'),
            default => true,
        } && $this->rules->allowsGrip($rung->exercise->style->grip);
    }

    private function isDone(AllowedExercises $means, SessionPart $part): bool
    {
        $isBandInMain = $means->kind === ChoiceKind::Band && $means->movement === Movement::Full && $part === SessionPart::Main;

        return match (true) {
            $means->kind === ChoiceKind::Band && ! $this->rules->allowsBands() => false,
            $isBandInMain && $this->rules->says(HouseRule::Bands, 'extra') => false,
            in_array($means->kind, self::MACHINES, true) && $this->rules->says(HouseRule::Machines, 'not-used') => false,
            $means->movement === Movement::Lowering && $this->rules->loweringDays() === 0 => false,
            default => $this->rules->allowsGrip($means->grip),
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
        $lowerings = array_values(array_filter($allowed, static fn (AllowedExercises $m): bool => $m->movement === Movement::Lowering && $m->kind === ChoiceKind::Strict));

        return $lowerings === [] || ! $this->rules->allowsBands()
            ? $allowed
            : self::with($allowed, AllowedExercises::of(ChoiceKind::Band, Movement::Lowering, seconds: $lowerings[0]->seconds, grip: $lowerings[0]->grip), isFirst: true);
    }

    /**
     * @param  list<AllowedExercises>  $allowed
     * @return list<AllowedExercises>
     */
    private static function with(array $allowed, AllowedExercises $one, bool $isFirst = false): array
    {
        return match (true) {
            array_filter($allowed, static fn (AllowedExercises $m): bool => $m->anywhereKey() === $one->anywhereKey()) !== [] => $allowed,
            $isFirst => [$one, ...$allowed],
            default => [...$allowed, $one],
        };
    }

    private static function isHelp(AllowedExercises $means): bool
    {
        return $means->movement === Movement::Full && $means->grip === Grip::Over && in_array($means->kind, [ChoiceKind::Band, ChoiceKind::Foot], true);
    }
}
