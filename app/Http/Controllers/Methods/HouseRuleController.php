<?php

declare(strict_types=1);

namespace App\Http\Controllers\Methods;

use App\Actions\Methods\SetHouseRules;
use App\Context\Gym\CurrentGym;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Queries\Methods\RuleEffectQuery;
use App\Responses\Methods\Rules\HouseRulesResponse;
use App\Responses\Methods\Rules\RuleEffectsResponse;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use SteadyRung\Method\House\HouseRules;

/**
 * How the gym settles what practitioners disagree about.
 */
final class HouseRuleController
{
    #[OA\Get(path: '/api/v1/house-rules', operationId: 'houseRules', responses: [new Answer(200, HouseRulesResponse::class)])]
    public function show(CurrentGym $gym): JsonResponse
    {
        return new JsonResponse(HouseRulesResponse::of($gym->gym()->houseRules()));
    }

    #[OA\Put(
        path: '/api/v1/house-rules',
        operationId: 'settleRules',
        description: 'Position by rule; what is not named, or left at its default, is as the method of each athlete says, else as usual.',
        requestBody: new OA\RequestBody(
            required: true,
            content: new OA\JsonContent(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
        ),
        responses: [new Answer(200, HouseRulesResponse::class)],
    )]
    public function settle(JsonObject $json, SetHouseRules $settle, CurrentGym $gym): JsonResponse
    {
        $settle->settle(self::read($json));

        return new JsonResponse(HouseRulesResponse::of($gym->gym()->houseRules()));
    }

    #[OA\Post(
        path: '/api/v1/house-rules/effects',
        operationId: 'ruleEffects',
        description: 'Whose next session or call would change under other rules, and how; nothing is changed.',
        requestBody: new OA\RequestBody(
            required: true,
            content: new OA\JsonContent(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
        ),
        responses: [new Answer(200, RuleEffectsResponse::class)],
    )]
    public function effects(JsonObject $json, RuleEffectQuery $reading): JsonResponse
    {
        return new JsonResponse($reading->of(self::read($json)));
    }

    private static function read(JsonObject $json): HouseRules
    {
        $positions = $json->strings(64);

        return $json->build(static fn (): HouseRules => HouseRules::settled($positions));
    }
}
