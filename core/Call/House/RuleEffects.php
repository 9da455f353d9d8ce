<?php

declare(strict_types=1);

namespace SteadyRung\Call\House;

use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\SessionWriter;

/**
 * What other house rules would change for one athlete: the next session, the next call, and where the coach may put them.
 */
final class RuleEffects
{
    /** @return list<string> in words, none where nothing changes */
    public static function of(AthleteContext $now, HouseRules $then): array
    {
        $after = $now->under($then);
        [$sessionBefore, $sessionAfter] = [self::session($now), self::session($after)];
        [$callBefore, $callAfter] = [self::verdict($now), self::verdict($after)];

        return [
            ...array_map(static fn (string $line): string => "Session: no more $line.", array_values(array_diff($sessionBefore, $sessionAfter))),
            ...array_map(static fn (string $line): string => "Session: now $line.", array_values(array_diff($sessionAfter, $sessionBefore))),
            ...(array_values(array_intersect($sessionBefore, $sessionAfter)) === array_values(array_intersect($sessionAfter, $sessionBefore)) ? [] : ['Session: the lines in another order.']),
            ...($callBefore === $callAfter ? [] : ["Call: $callAfter, where it is $callBefore."]),
            ...($now->mostPerWeek() === $after->mostPerWeek() ? [] : [sprintf('Sessions a week: at most %d, where it is %d.', $after->mostPerWeek(), $now->mostPerWeek())]),
            ...self::moves($now, $after),
        ];
    }

    /** @return list<string> its lines as they are asked, and what is said beside them */
    private static function session(AthleteContext $context): array
    {
        $session = SessionWriter::write($context);

        return [
            ...array_map(static fn (Block $b): string => implode(', ', array_filter([
                sprintf('%s %d × %s', $b->words(), $b->sets, $b->amount->words()), sprintf('rest %d s', $b->restS), $b->toFailure ? 'to failure' : '', $b->tempo ?? '',
                $b->lowerings() > 0 ? sprintf('%d lowerings', $b->lowerings()) : '', rtrim(implode(' ', $b->cues), '.'),
            ])), $session->blocks),
            ...array_map(static fn (string $note): string => rtrim($note, '.'), $session->notes),
        ];
    }

    private static function verdict(AthleteContext $context): string
    {
        $situation = SituationOf::context($context, Course::of($context));
        $call = $situation === null ? null : Judge::call($situation);
        $until = $situation === null ? '' : " until {$situation->standard->words()} in {$situation->standard->sessions}";

        return $call === null ? 'none' : $call->verdict->word().($call->next === null ? '' : ' on '.$call->next->name).$until;
    }

    /** @return list<string> */
    private static function moves(AthleteContext $now, AthleteContext $after): array
    {
        $stages = $now->method->stages;
        $last = $stages[count($stages) - 1];
        $may = static fn (AthleteContext $c): bool => $c->rules->allowsMove($c->method, $c->place->stage, $last);

        return $may($now) === $may($after) ? [] : [sprintf('By hand: %s %s.', $may($after) ? 'on to' : 'no more skipping to', lcfirst($last->name))];
    }
}
