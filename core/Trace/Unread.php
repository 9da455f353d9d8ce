<?php

declare(strict_types=1);

namespace SteadyRung\Trace;

/**
 * Why a trace cannot be read.
 */
enum Unread: string
{
    case TooShort = 'too-short';
    case Lost = 'lost';
    case Still = 'still';
    case Noisy = 'noisy';

    public function text(): string
    {
        return match ($this) {
            self::TooShort => 'The trace is shorter than two seconds.',
            self::Lost => 'More than three in ten samples are lost, held or jumping, or more than a second running.',
            self::Still => 'The sensor sends one and the same value.',
            self::Noisy => 'The sensor scatters too much to tell a rep from noise.',
        };
    }
}
