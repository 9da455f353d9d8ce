<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

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
    case LowBar = 'low-bar';
    case BandPullDown = 'band-pulldown';
    case Counterweight = 'counterweight';
    case Added = 'added';
    case PullDown = 'pulldown';

    public function lane(): Lane
    {
        return match ($this) {
            self::Row => Lane::Row,
            self::PullDown, self::BandPullDown => Lane::PullDown,
            self::Strict, self::Band, self::Foot, self::LowBar, self::Hop, self::Counterweight, self::Added => Lane::Pull,
        };
    }
}
