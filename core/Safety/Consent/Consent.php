<?php

declare(strict_types=1);

namespace SteadyRung\Safety\Consent;

/**
 * That somebody agreed to some words. Dates are written as 2026-01-31.
 */
final readonly class Consent
{
    /** From here on nobody agrees for them (Convention on the Rights of the Child, article 1). */
    public const ADULT_YEARS = 18;

    public const AGE_YEARS = [4, 110];

    public function __construct(public string $bornOn, public ConsentGiver $by, public string $words)
    {
    }

    /** Whole years; who was born on 29 February is a year older on 1 March where there is none. */
    public static function age(string $bornOn, string $day): int
    {
        return intdiv(self::digits($day) - self::digits($bornOn), 10000);
    }

    /** Whether they could give it themselves, or their guardian for them. */
    public function isFromWhoMay(string $givenOn): bool
    {
        return $this->by === ConsentGiver::Guardian || self::age($this->bornOn, $givenOn) >= self::ADULT_YEARS;
    }

    /** @param  string  $wordsNow  what the gym asks today */
    public function state(string $today, string $wordsNow): ConsentState
    {
        return match (true) {
            $this->by === ConsentGiver::Guardian && self::age($this->bornOn, $today) >= self::ADULT_YEARS => ConsentState::OfAge,
            $this->words !== $wordsNow => ConsentState::OtherWords,
            default => ConsentState::Given,
        };
    }

    private static function digits(string $date): int
    {
        return (int) str_replace('-', '', $date);
    }
}
