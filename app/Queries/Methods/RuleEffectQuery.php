<?php

declare(strict_types=1);

namespace App\Queries\Methods;

use App\Context\Athletes\LoadAthleteContext;
use App\Models\Athletes\Athlete;
use App\Responses\Methods\RuleEffectResponse;
use App\Responses\Methods\RuleEffectsResponse;
use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\SessionWriter;

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
        $athletes = Athlete::query()->whereNull('archived_at')->whereNotNull('last_trained_on')->orderByDesc('last_trained_on')->orderBy('id')->limit(self::MOST_ATHLETES)->get();
        $effects = [];
        foreach ($athletes as $athlete) {
            $now = $this->contexts->of($athlete);
            $changes = [...$this->session($now, $now->under($then)), ...$this->call($now, $now->under($then))];
            if ($changes !== []) {
                $effects[] = new RuleEffectResponse($athlete->id, $athlete->name, array_slice($changes, 0, self::MOST_CHANGES));
            }
        }

        return new RuleEffectsResponse($effects, count($athletes));
    }

    /** @return list<string> */
    private function session(AthleteContext $now, AthleteContext $then): array
    {
        [$before, $after] = [self::lines($now), self::lines($then)];

        return [
            ...array_map(static fn (string $line): string => "Session: no more $line.", array_values(array_diff($before, $after))),
            ...array_map(static fn (string $line): string => "Session: now $line.", array_values(array_diff($after, $before))),
        ];
    }

    /** @return list<string> */
    private static function lines(AthleteContext $context): array
    {
        return array_map(static fn (Block $b): string => sprintf('%s %d × %s, rest %d s', $b->words(), $b->sets, $b->amount->words(), $b->restS), SessionWriter::write($context)->blocks);
    }

    /** @return list<string> */
    private function call(AthleteContext $now, AthleteContext $then): array
    {
        [$before, $after] = [self::verdict($now), self::verdict($then)];

        return $before === $after ? [] : ["Call: $after, where it is $before."];
    }

    private static function verdict(AthleteContext $context): string
    {
        $situation = SituationOf::context($context, Course::of($context));
        $call = $situation === null ? null : Judge::call($situation);

        return $call === null ? 'none' : $call->verdict->word().($call->next === null ? '' : ' on '.$call->next->name);
    }
}
