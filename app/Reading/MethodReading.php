<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Catalogue;
use App\Models\Athlete;
use App\Models\GymKit;
use App\Models\OwnMethod;
use SteadyRung\Kit\Kit;
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
        $own = array_map(static fn (OwnMethod $m): string => $m->key, $this->methods->own());

        return new MethodListJson(array_map(fn (string $key): MethodStripJson => self::strip($this->methods->of($key), in_array($key, $own, true), (int) ($counts[$key] ?? 0), $kit), [...Catalogue::keys(), ...$own]));
    }

    private static function strip(Method $method, bool $own, int $athletes, Kit $kit): MethodStripJson
    {
        return MethodStripJson::of($method, $own, $athletes, Needs::lackingStages($method, $kit));
    }
}
