<?php

declare(strict_types=1);

namespace SteadyRung\Safety\Consent;

/**
 * What is agreed to, where a gym has no words of its own.
 */
final class ConsentWords
{
    public const LONGEST = 2000;

    public const USUAL = 'So that I train safely, the gym keeps what I answer about my health before training, what I tell of pain '
        .'and symptoms, and what a clinician or coach found about them. It is kept encrypted. The coaches of this gym see it, and use it only to '
        .'decide what I train and what I leave out. I may see it, have it handed out, take this consent back, and have it erased. It is no '
        .'medical advice and replaces no clinician.';
}
