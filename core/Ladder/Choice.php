<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Kit\Kit;
use SteadyRung\Kit\UnknownGear;
use SteadyRung\Setup\Setup;

/**
 * Which gear of the gym a set-up is made of, and how.
 */
interface Choice
{
    public function kind(): ChoiceKind;

    /** One line that is the same for the same choice and for no other: the kind, then the gear, split by colons. */
    public function key(): string;

    /** @throws UnknownGear if the kit lacks a piece */
    public function setup(Kit $kit): Setup;

    /** @throws UnknownGear if the kit lacks a piece */
    public function name(Kit $kit): string;
}
