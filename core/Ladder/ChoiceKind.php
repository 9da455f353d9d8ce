<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

/**
 * The kinds of set-up.
 */
enum ChoiceKind: string
{
    case Strict = 'strict';
    case Band = 'band';
    case Row = 'row';
    case Foot = 'foot';
    case Hop = 'hop';
    case Counterweight = 'counterweight';
    case Added = 'added';
    case PullDown = 'pulldown';
    case Lowering = 'lowering';
    case Hold = 'hold';

    public function lane(): Lane
    {
        return match ($this) {
            self::Row => Lane::Row,
            self::Lowering, self::Hold => Lane::Lower,
            self::PullDown => Lane::Apart,
            self::Strict, self::Band, self::Foot, self::Hop, self::Counterweight, self::Added => Lane::Pull,
        };
    }
}
