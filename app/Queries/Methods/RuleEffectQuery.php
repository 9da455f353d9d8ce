<?php

declare(strict_types=1);

namespace App\Queries\Methods;

use App\Context\Athletes\LoadAthleteContext;
use App\Models\Athletes\Athlete;
use App\Responses\Methods\Rules\RuleEffectResponse;
use App\Responses\Methods\Rules\RuleEffectsResponse;
use SteadyRung\Call\House\RuleEffects;
use SteadyRung\Method\House\HouseRules;

/**
 * Says before a change of house rules which next sessions and calls it would change, and how.
 */
final readonly class RuleEffectQuery
{
    private const MOST_ATHLETES = 40;

    private const MOST_CHANGES = 6;

    public function __construct(private LoadAthleteContext $contexts)
    {
    }

    public function of(HouseRules $then): RuleEffectsResponse
    {
        $athletes = Athlete::trainedLast(self::MOST_ATHLETES);
        $effects = [];
        foreach ($athletes as $athlete) {
            $now = $this->contexts->of($athlete);
            $changes = RuleEffects::of($now, $then);
            if ($changes !== []) {
                $effects[] = new RuleEffectResponse($athlete->id, $athlete->name, array_slice($changes, 0, self::MOST_CHANGES));
            }
        }

        return new RuleEffectsResponse($effects, count($athletes));
    }
}
