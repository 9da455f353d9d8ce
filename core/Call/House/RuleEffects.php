<?php

declare(strict_types=1);

namespace SteadyRung\Call\House;

use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\Session;
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
        [$sessionNow, $sessionThen] = [SessionWriter::write($now), SessionWriter::write($after)];
        [$callBefore, $callAfter] = [self::verdict($now), self::verdict($after)];

        return [
            ...self::lines($sessionNow, $sessionThen),
            ...array_map(
                static fn (string $note): string => "Note dropped: $note",
                array_values(array_diff($sessionNow->notes, $sessionThen->notes)),
            ),
            ...array_map(
                static fn (string $note): string => "New note: $note",
                array_values(array_diff($sessionThen->notes, $sessionNow->notes)),
            ),
            ...($callBefore === $callAfter ? [] : ["Call: $callAfter, where it is $callBefore."]),
            ...(
                $now->mostPerWeek() === $after->mostPerWeek()
                    ? []
                    : [sprintf('Sessions a week: at most %d, where it is %d.', $after->mostPerWeek(), $now->mostPerWeek())]
            ),
            ...self::moves($now, $after),
        ];
    }

    /** @return list<string> lines that go, come, are done otherwise or stand elsewhere */
    private static function lines(Session $now, Session $then): array
    {
        [$before, $after] = [self::byLine($now), self::byLine($then)];
        $effects = [];
        foreach ($before as $key => $block) {
            $instead = $after[$key] ?? null;
            $effects[] = match (true) {
                $instead === null => "Session: no more {$block->words()}.",
                $instead->words() !== $block->words() => "Session: {$instead->words()}, where it is {$block->words()}.",
                default => self::otherwise($block, $instead),
            };
        }
        foreach (array_diff_key($after, $before) as $block) {
            $effects[] = sprintf('Session: also %s %d × %s.', $block->words(), $block->sets, $block->amount->words());
        }
        $both = array_keys(array_intersect_key($before, $after));
        if ($both !== array_keys(array_intersect_key($after, $before))) {
            $effects[] = 'Session: the lines in another order.';
        }

        return array_values(array_filter($effects, static fn (?string $effect): bool => $effect !== null));
    }

    /** What is asked otherwise of the same exercise; none where nothing is. */
    private static function otherwise(Block $now, Block $then): ?string
    {
        $asked = static fn (Block $b): array => [
            sprintf('%d × %s', $b->sets, $b->amount->words()), "rest $b->restS s", $b->toFailure
                ? 'to failure'
                : 'not to failure', $b->tempo ?? 'no tempo', sprintf('%d lowerings', $b->lowerings()), ...$b->cues,
        ];
        [$changed, $gone] = [array_diff($asked($then), $asked($now)), array_diff($asked($now), $asked($then))];

        return match (true) {
            $changed !== [] => sprintf('Session: %s: %s.', $now->words(), rtrim(implode(', ', $changed), '.')),
            $gone !== [] => sprintf('Session: %s: no more %s.', $now->words(), rtrim(implode(', ', $gone), '.')),
            default => null,
        };
    }

    /** @return array<string, Block> */
    private static function byLine(Session $session): array
    {
        $by = [];
        foreach ($session->blocks as $block) {
            $by[$block->line === '' ? $block->words() : $block->line] = $block;
        }

        return $by;
    }

    private static function verdict(AthleteContext $context): string
    {
        $situation = SituationOf::context($context, Course::of($context));
        $call = $situation === null ? null : Judge::call($situation);
        if ($situation === null || $call === null) {
            return 'none';
        }
        $standard = $situation->standard;

        return sprintf(
            '%s%s, gate %s in %s',
            $call->verdict->word(),
            $call->next === null ? '' : " on {$call->next->name}",
            $standard->words(),
            $standard->sessions === 1 ? 'one session' : "$standard->sessions sessions",
        );
    }

    /** @return list<string> */
    private static function moves(AthleteContext $now, AthleteContext $after): array
    {
        $stages = $now->method->stages;
        $last = $stages[count($stages) - 1];
        $may = static fn (AthleteContext $c): bool => $c->rules->allowsMove($c->method, $c->place->stage, $last);

        return $may($now) === $may($after)
            ? []
            : [sprintf('By hand: %s %s.', $may($after) ? 'skipping again to' : 'no more skipping to', lcfirst($last->name))];
    }
}
