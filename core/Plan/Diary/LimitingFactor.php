<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

/**
 * What gave out in the last set of a session.
 */
enum LimitingFactor: string
{
    case Grip = 'grip';
    case Arms = 'arms';
    case Back = 'back';
    case Start = 'start';
    case Middle = 'middle';
    case Top = 'top';
    case Breath = 'breath';
    case Nothing = 'nothing';
}
