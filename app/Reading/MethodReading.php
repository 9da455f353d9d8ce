<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Catalogue;
use App\Models\Athlete;
use App\Models\GymKit;
use App\Models\OwnMethod;
use SteadyRung\Method\Method;
use SteadyRung\Method\Needs;

/**
 * Puts the methods side by side.
 */
final readonly class MethodReading
{
    public function __construct(private Methods $methods, private GymKit $kit)
    {
    }

    public function list(): MethodListJson
    {
        $kit = $this->kit->inUse();
        /** @var array<string, int> $counts */
        $counts = Athlete::query()->whereNull('archived_at')->toBase()->selectRaw('method_key, count(*) AS athletes')->groupBy('method_key')->pluck('athletes', 'method_key')->all();
        $strip = static fn (Method $m, bool $own): MethodStripJson => MethodStripJson::of($m, $own, (int) ($counts[$m->key] ?? 0), Needs::lackingStages($m, $kit));

        return new MethodListJson([
            ...array_map(static fn (Method $m): MethodStripJson => $strip($m, false), Catalogue::all()),
            ...array_map(fn (OwnMethod $m): MethodStripJson => $strip($this->methods->read($m), true), $this->methods->own()),
        ]);
    }
}
