<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\Kit\Kit;
use SteadyRung\Setup\Strict;

/**
 * The unassisted pull-up.
 */
final readonly class StrictPull implements Choice
{
    public function kind(): ChoiceKind
    {
        return ChoiceKind::Strict;
    }

    public function key(): string
    {
        return 'strict';
    }

    public function pieces(): array
    {
        return [];
    }

    public function bandIds(): array
    {
        return [];
    }

    public function setup(Kit $kit): Strict
    {
        return new Strict;
    }

    public function name(Kit $kit): string
    {
        return 'Unassisted pull-up';
    }
}
