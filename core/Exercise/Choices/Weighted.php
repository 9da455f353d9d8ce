<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Weight;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\AddedWeight;

/**
 * A pull-up with weights of the gym on the belt.
 */
final readonly class Weighted implements Choice
{
    public const WEIGHTS = [1.0, 6.0];

    /** @param  list<string>  $weightIds sorted */
    private function __construct(public array $weightIds)
    {
    }

    /**
     * @param  list<string>  $weightIds
     *
     * @throws OutOfRange if there is none or more than six different ones
     */
    public static function of(array $weightIds): self
    {
        return new self(PieceIds::of('weight_ids', $weightIds, self::WEIGHTS));
    }

    public function kind(): ChoiceKind
    {
        return ChoiceKind::Added;
    }

    public function key(): string
    {
        return 'added:'.implode('+', $this->weightIds);
    }

    public function pieces(): array
    {
        return ['weights' => implode('+', $this->weightIds)];
    }

    public function bandIds(): array
    {
        return [];
    }

    public function setup(Kit $kit): AddedWeight
    {
        return AddedWeight::of(array_sum(array_map(static fn (Weight $w): float => $w->massKg, $this->weights($kit))));
    }

    public function name(Kit $kit): string
    {
        return 'Pull-up with '.implode(' + ', array_map(static fn (Weight $w): string => $w->name, $this->weights($kit)));
    }

    /** @return list<Weight> */
    private function weights(Kit $kit): array
    {
        return array_map($kit->weight(...), $this->weightIds);
    }
}
