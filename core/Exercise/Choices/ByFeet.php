<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\Setup\HelpGrade;

/**
 * A set-up in which the feet help as much as they are let.
 */
interface ByFeet extends Choice
{
    /** None where nobody says: as little as gets one there. */
    public function grade(): ?HelpGrade;

    public function graded(HelpGrade $grade): self;

    /** @return non-empty-list<HelpGrade> from the most help to the least, before it is another exercise */
    public function grades(): array;
}
