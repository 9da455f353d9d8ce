<?php

declare(strict_types=1);

namespace App\Queries\Own;

use App\Context\Athletes\LinkToken;
use App\Context\Athletes\LinkUse;
use App\Context\Gym\GymDay;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\AthleteLink;
use App\Models\Athletes\AthleteLinkLook;
use App\Responses\Own\LinkStandingResponse;

/**
 * Which link opens an athlete's own page.
 */
final readonly class LinkQuery
{
    private const LOOKS_SHOWN = 10;

    public function __construct(private LinkToken $tokens, private GymDay $days)
    {
    }

    public function of(Athlete $athlete): LinkStandingResponse
    {
        $link = AthleteLink::standingOf($athlete->id);
        if ($link === null) {
            return LinkStandingResponse::none();
        }
        $looks = AthleteLinkLook::query()->where('link_id', $link->id)->orderByDesc('looked_at')->limit(self::LOOKS_SHOWN)->get();

        return LinkStandingResponse::of(
            $link,
            $link->isOpen($this->days->today()) ? '/my#'.$this->tokens->of($link->id, LinkUse::OwnPage) : null,
            array_values($looks->map(static fn (AthleteLinkLook $l): string => $l->looked_at->utc()->format('Y-m-d\TH:i:s\Z'))->all()),
        );
    }
}
