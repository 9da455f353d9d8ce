<?php

declare(strict_types=1);

namespace App\Responses\Own;

use App\Formats\Day;
use OpenApi\Attributes as OA;
use SteadyRung\Body\Body;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Session;
use SteadyRung\Plan\Weeks\Calendar;

/**
 * The next session of an athlete, for them to read.
 */
#[OA\Schema(schema: 'OwnSession')]
final readonly class OwnSessionResponse
{
    /** @param  list<OwnLineResponse>  $lines */
    private function __construct(
        #[OA\Property(description: 'When it comes; none where the coach has to look first.', format: 'date')]
        public ?string $on,
        #[OA\Property]
        public int $minutes,
        #[OA\Property(items: new OA\Items(ref: OwnLineResponse::class))]
        public array $lines,
    ) {
    }

    public static function of(Session $session, Calendar $calendar, Body $body): self
    {
        $next = $calendar->sessions[0] ?? null;

        return new self(
            $next === null ? null : Day::date($next),
            $session->minutes(),
            $next === null ? [] : array_map(static fn (Block $b): OwnLineResponse => OwnLineResponse::of($b, $body), $session->blocks),
        );
    }
}
