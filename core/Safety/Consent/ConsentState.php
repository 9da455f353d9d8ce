<?php

declare(strict_types=1);

namespace SteadyRung\Safety\Consent;

/**
 * Whether an athlete agrees to what is kept of their health.
 */
enum ConsentState: string
{
    case None = 'none';
    case Given = 'given';
    case OtherWords = 'other-words';
    case OfAge = 'of-age';
    case Withdrawn = 'withdrawn';

    /** Whether answers may be kept under it. */
    public function stands(): bool
    {
        return $this === self::Given || $this === self::OtherWords;
    }

    public function words(): string
    {
        return match ($this) {
            self::None => 'Nobody has agreed yet to health answers being kept.',
            self::Given => 'Agreed to health answers being kept.',
            self::OtherWords => 'Agreed to earlier words. Ask again when it suits.',
            self::OfAge => 'A guardian agreed, and they are 18 now: ask them.',
            self::Withdrawn => 'Consent was taken back: no more health answers are kept.',
        };
    }
}
