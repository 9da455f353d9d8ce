<?php

declare(strict_types=1);

namespace App\Responses\Own;

use App\Models\Athletes\AthleteLink;
use OpenApi\Attributes as OA;

/**
 * The link to an athlete's own page; nothing of it is there where none was given, and no address where it has expired.
 */
#[OA\Schema]
final readonly class LinkStandingResponse
{
    /** @param  list<string>  $looks */
    private function __construct(
        #[OA\Property(description: 'Behind the address of this installation; the part after # never leaves the device.')]
        public ?string $path,
        #[OA\Property(format: 'date')]
        public ?string $last_on,
        #[OA\Property(description: 'The latest, newest first.', items: new OA\Items(type: 'string', format: 'date-time'))]
        public array $looks,
    ) {
    }

    public static function none(): self
    {
        return new self(null, null, []);
    }

    /** @param  list<string>  $looks */
    public static function of(AthleteLink $link, ?string $path, array $looks): self
    {
        return new self($path, $link->last_on, $looks);
    }
}
