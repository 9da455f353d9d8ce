<?php

declare(strict_types=1);

namespace SteadyRung\Method;

/**
 * The parts of a session, in their order.
 */
enum SessionPart: string
{
    case WarmUp = 'warm-up';
    case Test = 'test';
    case Main = 'main';
    case Accessory = 'accessory';
    case Trunk = 'trunk';
}
