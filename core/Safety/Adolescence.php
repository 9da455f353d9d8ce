<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

/**
 * Whether somebody is under 18, and whether the local rules for that are met.
 */
enum Adolescence: string
{
    case No = 'no';
    case RulesMet = 'rules-met';
    case RulesOpen = 'rules-open';
}
