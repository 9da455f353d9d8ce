<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Json\RungJson;
use App\Formats\Library;
use App\Models\Athlete;
use SteadyRung\Method\Variation;
use SteadyRung\Plan\Brief\Brief;
use SteadyRung\Plan\Session\Pick;

/**
 * For sets of so many reps: the variations that suit, each on the hardest set-up that they are likely on.
 */
final readonly class ClassWorkReading
{
    public function __construct(private BuildBrief $briefs)
    {
    }

    public function of(Athlete $athlete, int $reps): ClassWorkJson
    {
        $brief = $this->briefs->of($athlete);
        $suiting = array_filter(Library::variations(), static fn (Variation $v): bool => $v->suits($reps));

        return new ClassWorkJson($reps, array_values(array_filter(array_map(static fn (Variation $v): ?VariationJson => self::fitted($v, $reps, $brief), $suiting))));
    }

    private static function fitted(Variation $variation, int $reps, Brief $brief): ?VariationJson
    {
        if ($variation->accessory !== null) {
            return $variation->accessory->isWithin($brief->ways->limits()) ? VariationJson::of($variation) : null;
        }
        $rung = (new Pick($brief))->of($variation->line($reps));

        return $rung === null ? null : VariationJson::of($variation, RungJson::believed($rung, $brief->belief($rung)));
    }
}
