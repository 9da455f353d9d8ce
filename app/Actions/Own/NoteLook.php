<?php

declare(strict_types=1);

namespace App\Actions\Own;

use App\Models\Athletes\AthleteLink;
use App\Models\Athletes\AthleteLinkLook;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/**
 * Keeps that somebody looked by a link. What is loaded again within ten minutes is the same look.
 */
final readonly class NoteLook
{
    private const ONE_LOOK_S = 600;

    public function __construct(private ClockInterface $clock)
    {
    }

    public function by(AthleteLink $link): void
    {
        $now = $this->clock->now();
        $lately = AthleteLinkLook::query()->where('link_id', $link->id)
            ->where('looked_at', '>', $now->modify(sprintf('-%d seconds', self::ONE_LOOK_S)))->exists();
        $lately || AthleteLinkLook::query()->create([
            'id' => (string) Str::uuid7(), 'gym_id' => $link->gym_id, 'link_id' => $link->id, 'looked_at' => $now,
        ]);
    }
}
