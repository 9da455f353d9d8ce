<?php

declare(strict_types=1);

namespace SteadyRung\Setup;

/**
 * How the feet help, from most to least, in the coach's eye.
 */
enum HelpGrade: string
{
    case FlatFoot = 'flat-foot';
    case Heel = 'heel';
    case Toes = 'toes';
    case OneFoot = 'one-foot';
    case None = 'none';
}
