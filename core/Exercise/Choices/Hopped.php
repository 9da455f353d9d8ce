<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\InWords;
use SteadyRung\Kit\Kit;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Feet\Hop;

/**
 * A hop from the floor, a box or plates to a bar.
 */
final readonly class Hopped implements Choice
{
    private function __construct(public string $barId, public Footing $footing, public float $hopM)
    {
    }

    /** @throws OutOfRange if the hop is outside its range */
    public static function of(string $barId, Footing $footing, float $hopM): self
    {
        OutOfRange::guard(['hop_m' => [$hopM, Hop::HOP_M]]);

        return new self($barId, $footing, $hopM);
    }

    public function kind(): ChoiceKind
    {
        return ChoiceKind::Hop;
    }

    public function key(): string
    {
        return sprintf('hop:%s:%s:%.3f', $this->barId, $this->footing->key(), $this->hopM);
    }

    public function pieces(): array
    {
        return ['bar' => $this->barId, 'footing' => $this->footing->key(), 'hop' => sprintf('%.3f', $this->hopM)];
    }

    public function bandIds(): array
    {
        return [];
    }

    public function setup(Kit $kit): Hop
    {
        return Hop::of($kit->bar($this->barId)->heightM, $this->footing->heightM($kit), $this->hopM);
    }

    public function name(Kit $kit): string
    {
        return sprintf('Hop of %s, %s, %s', InWords::wholeCm($this->hopM), $this->footing->name($kit), $kit->bar($this->barId)->name);
    }
}
