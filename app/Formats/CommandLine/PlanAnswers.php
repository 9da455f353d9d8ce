<?php

declare(strict_types=1);

namespace App\Formats\CommandLine;

use App\Formats\Day;
use App\Formats\Json\Setups\SetupJson;
use App\Formats\JsonObject;
use SteadyRung\Call\Call;
use SteadyRung\Call\PlaceAfter;
use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Rules\NearlyFired;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Exercise\Rung;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Place;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\Refusal;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\SessionWriter;
use SteadyRung\Safety\Caution;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Strength\RepPrediction;
use SteadyRung\Strength\Reps\Seconds;

/**
 * Writes the next session, and makes the call.
 */
final class PlanAnswers
{
    public static function session(JsonObject $request): object
    {
        $context = BriefQuestion::read($request);
        $session = SessionWriter::write($context);

        return (object) SetupJson::given([
            'place' => self::place($session->place, $context),
            'blocks' => array_map(self::block(...), $session->blocks),
            'minutes' => $session->minutes(),
            'gear' => $session->gear,
            'notes' => $session->notes,
            'refused' => $session->refused === null ? null : self::refused($session->refused),
        ]);
    }

    public static function call(JsonObject $request): object
    {
        $context = BriefQuestion::read($request);
        $course = Course::of($context);
        $situation = SituationOf::context($context, $course)
            ?? throw $request->fault(
                'kit',
                'Nothing in this kit can be built for the stage, and nothing is in use: there is nothing to judge.',
            );
        $call = Judge::call($situation);

        return (object) SetupJson::given([
            'verdict' => $call->verdict->value,
            'rule' => $call->rule,
            'reasons' => array_map(self::evidence(...), $call->reasons),
            'nearly' => array_map(
                static fn (NearlyFired $n): array => [
                    'verdict' => $n->verdict->value,
                    'rule' => $n->rule,
                    'evidence' => array_map(self::evidence(...), $n->evidence),
                ],
                $call->nearly,
            ),
            'next' => $call->next === null ? null : self::next($call, $call->next, $situation),
            'place' => self::place(PlaceAfter::call($call, $course, $context->today), $context),
            'confidence' => $call->confidence->number(),
            'would_change' => $call->missing,
            'cautions' => array_map(self::caution(...), $call->cautions),
        ]);
    }

    /** @return array<string, mixed> */
    private static function next(Call $call, Rung $next, Situation $situation): array
    {
        $changeN = $next->load->meanN - $situation->rung()->load->meanN;

        return SetupJson::given([
            'exercise' => SetupJson::exerciseOf($next),
            'name' => $next->name,
            'share' => $next->share(),
            'change_kg' => CarriedLoad::kg($changeN),
            'change_share' => $next->load->shareOf($changeN),
            'expected' => self::expected($situation->predict($next), $situation->seconds($next)),
        ]);
    }

    /** @return array<string, mixed> */
    private static function place(Place $place, AthleteContext $context): array
    {
        return SetupJson::given([
            'method' => $context->method->key,
            'stage' => $place->stage->key,
            'since' => Day::date($place->since),
            'rung' => $place->rung === null ? null : SetupJson::exerciseOf($place->rung),
        ]);
    }

    /** @return array<string, mixed> */
    private static function block(Block $block): array
    {
        $rung = $block->rung();

        return SetupJson::given([
            'part' => $block->part->value,
            'purpose' => $block->purpose?->value,
            'exercise' => $block->do instanceof Rung ? SetupJson::exerciseOf($block->do) : ['accessory' => $block->do->value],
            'name' => $block->words(),
            'group' => $block->group,
            'rounds' => $block->group === null ? null : $block->sets,
            'sets' => $block->sets,
            $block->amount->measure->value => $block->begun === null
                ? self::amount($block->amount)
                : $block->begun->reps + $block->amount->high,
            'parts' => $block->begun === null || $rung === null ? null : [
                ['exercise' => SetupJson::exerciseOf($block->begun->rung), 'reps' => $block->begun->reps],
                ['exercise' => SetupJson::exerciseOf($rung), 'reps' => $block->amount->high],
            ],
            'to_failure' => $block->toFailure ?: null,
            'per_side' => $block->isPerSide ?: null,
            'tempo' => $block->tempo,
            'rest_s' => $block->restS,
            'share' => $rung?->share(),
            'expected' => self::expected($block->expected[0] ?? null, $block->seconds),
            'cautions' => array_map(self::caution(...), $block->cautions),
            'cues' => $block->cues,
            'note' => $block->note,
        ]);
    }

    /** @return int|array{low: int, high: int} */
    private static function amount(Amount $amount): int|array
    {
        return $amount->low === $amount->high ? $amount->low : ['low' => $amount->low, 'high' => $amount->high];
    }

    /** @return array{median: float, low80: float, high80: float}|null */
    private static function expected(?RepPrediction $reps, ?Seconds $seconds): ?array
    {
        $told = $reps ?? $seconds;

        return $told === null ? null : ['median' => $told->median(), 'low80' => $told->low80(), 'high80' => $told->high80()];
    }

    /** @return array<string, mixed> */
    private static function refused(Refusal $refused): array
    {
        return SetupJson::given([
            'code' => $refused->code->value,
            'text' => $refused->text,
            'next_on' => $refused->nextOn === null ? null : Day::date($refused->nextOn),
        ]);
    }

    /** @return array<string, mixed> */
    private static function evidence(Evidence $evidence): array
    {
        return SetupJson::given(['text' => $evidence->text, 'figure' => $evidence->figure, 'threshold' => $evidence->threshold]);
    }

    /** @return array{code: string, text: string} */
    private static function caution(Caution $caution): array
    {
        return ['code' => $caution->value, 'text' => $caution->text()];
    }
}
