<?php

declare(strict_types=1);

namespace App\Queries\Methods;

use App\Context\Gym\CurrentGym;
use App\Context\Kit\GymKit;
use App\Context\Methods\Methods;
use App\Formats\Methods\Catalogue;
use App\Models\Athletes\Athlete;
use App\Models\Methods\OwnMethod;
use App\Responses\Methods\MethodListResponse;
use App\Responses\Methods\MethodStripResponse;
use SteadyRung\Method\Method;
use SteadyRung\Method\Needs;

/**
 * Puts the methods side by side.
 */
final readonly class MethodQuery
{
    public function __construct(private Methods $methods, private GymKit $kit, private CurrentGym $gym)
    {
    }

    public function list(): MethodListResponse
    {
        $kit = $this->kit->inUse();
        /** @var array<string, int> $counts */
        $counts = Athlete::query()->whereNull('archived_at')
            ->toBase()
            ->selectRaw('method_key, count(*) AS athletes')
            ->groupBy('method_key')
            ->pluck('athletes', 'method_key')
            ->all();
        $house = $this->gym->gym()->houseRules();
        $strip = static fn (Method $m, bool $own): MethodStripResponse => MethodStripResponse::of(
            $m,
            $house,
            $own,
            (int) ($counts[$m->key] ?? 0),
            Needs::lackingStages($m, $kit),
        );

        return new MethodListResponse([
            ...array_map(static fn (Method $m): MethodStripResponse => $strip($m, false), Catalogue::all()),
            ...array_map(fn (OwnMethod $m): MethodStripResponse => $strip($this->methods->read($m), true), $this->methods->own()),
        ]);
    }
}
