<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\Kit\Kit;
use SteadyRung\Kit\UnknownGear;
use SteadyRung\Setup\Setup;

/**
 * Which gear of the gym a set-up is made of, and how.
 */
interface Choice
{
    public function kind(): ChoiceKind;

    /** One line that is the same for the same choice and for no other. */
    public function key(): string;

    /**
     * What it is made of, each in its place, so that two choices can be compared piece by piece.
     *
     * @return array<string, string>
     */
    public function pieces(): array;

    /**
     * The bands it wears.
     *
     * @return list<string>
     */
    public function bandIds(): array;

    /** @throws UnknownGear if the kit lacks a piece */
    public function setup(Kit $kit): Setup;

    /** @throws UnknownGear if the kit lacks a piece */
    public function name(Kit $kit): string;
}
