<?php

declare(strict_types=1);

namespace App\Queries\Sessions;

use App\Context\Athletes\LoadAthleteContext;
use App\Formats\Json\Ladder\RungJson;
use App\Formats\Methods\Library;
use App\Models\Athletes\Athlete;
use App\Responses\Methods\VariationResponse;
use App\Responses\Sessions\ClassWorkResponse;
use SteadyRung\Method\Variation;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Session\Pick;

/**
 * For sets of so many reps: the variations that suit, each on the hardest set-up that they are likely on.
 */
final readonly class ClassWorkQuery
{
    public function __construct(private LoadAthleteContext $contexts)
    {
    }

    public function of(Athlete $athlete, int $reps): ClassWorkResponse
    {
        $context = $this->contexts->of($athlete);
        $suiting = array_filter(Library::variations(), static fn (Variation $v): bool => $v->suits($reps));

        return new ClassWorkResponse(
            $reps,
            array_values(array_filter(array_map(
                static fn (Variation $v): ?VariationResponse => self::fitted($v, $reps, $context),
                $suiting,
            ))),
        );
    }

    private static function fitted(Variation $variation, int $reps, AthleteContext $context): ?VariationResponse
    {
        if ($variation->accessory !== null) {
            return $variation->accessory->isWithin($context->ways->limits()) ? VariationResponse::of($variation) : null;
        }
        $rung = (new Pick($context))->of($variation->line($reps));

        return $rung === null ? null : VariationResponse::of($variation, RungJson::estimated($rung, $context->estimate($rung)));
    }
}
