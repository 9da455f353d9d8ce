<?php

declare(strict_types=1);

namespace App\Formats\Inputs;

/**
 * A whole number for each of some reasons, none of which need be there.
 */
#[\Attribute(\Attribute::TARGET_PARAMETER | \Attribute::TARGET_PROPERTY)]
final class CountedBy
{
    /** @param  class-string<\BackedEnum>  $reasons */
    public function __construct(public string $reasons)
    {
    }
}
