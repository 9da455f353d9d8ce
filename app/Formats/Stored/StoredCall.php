<?php

declare(strict_types=1);

namespace App\Formats\Stored;

use App\Formats\Json\Calls\CallJson;
use App\Formats\Json\Calls\EvidenceJson;
use App\Formats\Json\Calls\NearlyJson;
use App\Formats\Json\Safety\CautionJson;
use App\Formats\Json\Sessions\MixedSetJson;
use App\Formats\JsonObject;
use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\PlaceAfter;
use SteadyRung\Call\Rules\NearlyFired;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Rung;
use SteadyRung\Safety\Caution;
use SteadyRung\Setup\CarriedLoad;

/**
 * A call as it is kept for good, version 2; the first program kept its reasons as texts and no version.
 */
final class StoredCall
{
    private const VERSION = 2;

    /** @return array<string, mixed> */
    public static function write(Call $call, Situation $situation): array
    {
        $from = $situation->rung();
        $rung = static fn (?Rung $r): ?array => $r === null ? null : StoredRung::write($r, $situation->predict($r));
        $changeN = $call->next === null ? null : $call->next->load->meanN - $from->load->meanN;

        return StoredForm::keys(self::VERSION, [
            'verdict' => $call->verdict->value,
            'rule' => $call->rule,
            'from' => $rung($from),
            'next' => $rung($call->next),
            'change_kg' => $changeN === null ? null : CarriedLoad::kg($changeN),
            'change_share' => $changeN === null ? null : $from->load->shareOf($changeN),
            'reasons' => array_map(self::evidence(...), $call->reasons),
            'missing' => $call->missing,
            'confidence' => $call->confidence->value,
            'chance' => $call->chance,
            'mixed' => $call->mixed === null ? null : [
                'first_reps' => $call->mixed->firstReps, 'first_name' => $call->mixed->first->name, 'then_reps' => $call->mixed->thenReps, 'then_name' => $call->mixed->then->name,
            ],
            'place' => self::place($call, $situation),
            'cautions' => array_map(static fn (Caution $c): array => ['code' => $c->value], $call->cautions),
            'nearly' => array_map(
                static fn (NearlyFired $n): array => [
                    'verdict' => $n->verdict->value,
                    'rule' => $n->rule,
                    'evidence' => array_map(self::evidence(...), $n->evidence),
                ],
                $call->nearly,
            ),
        ]);
    }

    /** The stage it leads to, where that is another.
     *
     * @return array{key: string, name: string}|null
     */
    private static function place(Call $call, Situation $situation): ?array
    {
        $course = $situation->course;
        $place = $course === null ? null : PlaceAfter::call($call, $course, $situation->today);

        return $place === null || $place->stage === $course->now->stage
            ? null
            : ['key' => $place->stage->key, 'name' => $place->stage->name];
    }

    /** @throws Damaged if it cannot be read */
    public static function read(string $json): CallJson
    {
        return StoredForm::read('call', $json, static fn (JsonObject $j): CallJson => new CallJson(
            verdict: $j->choice('verdict', Verdict::class),
            rule: $j->text('rule', 64),
            from: StoredRung::read($j->object('from')),
            next: $j->has('next') ? StoredRung::read($j->object('next')) : null,
            change_kg: $j->optionalNumber('change_kg'),
            change_share: $j->optionalNumber('change_share'),
            reasons: self::reasons($j),
            missing: $j->texts('missing', StoredForm::ANY, StoredForm::ANY),
            confidence: $j->choice('confidence', Confidence::class),
            chance: $j->optionalNumber('chance'),
            mixed: self::mixed($j->optionalObject('mixed')),
            stage_name: $j->optionalObject('place')?->text('name', 80),
            cautions: array_map(
                static fn (JsonObject $c): CautionJson => CautionJson::of($c->choice('code', Caution::class)),
                $j->objects('cautions', StoredForm::ANY),
            ),
            nearly: array_map(static fn (JsonObject $n): NearlyJson => new NearlyJson(
                $n->choice('verdict', Verdict::class),
                $n->text('rule', 64),
                array_map(self::readEvidence(...), $n->objects('evidence', StoredForm::ANY)),
            ), $j->objects('nearly', StoredForm::ANY)),
        ));
    }

    /** @return array<string, mixed> */
    private static function evidence(Evidence $evidence): array
    {
        return array_filter(
            ['text' => $evidence->text, 'figure' => $evidence->figure, 'threshold' => $evidence->threshold],
            static fn (mixed $value): bool => $value !== null,
        );
    }

    private static function readEvidence(JsonObject $j): EvidenceJson
    {
        return new EvidenceJson($j->text('text', StoredForm::ANY), $j->optionalNumber('figure'), $j->optionalNumber('threshold'));
    }

    /** @return list<EvidenceJson> */
    private static function reasons(JsonObject $j): array
    {
        return $j->has('v')
            ? array_map(self::readEvidence(...), $j->objects('reasons', StoredForm::ANY))
            : array_map(
                static fn (string $text): EvidenceJson => new EvidenceJson($text),
                $j->texts('reasons', StoredForm::ANY, StoredForm::ANY),
            );
    }

    private static function mixed(?JsonObject $j): ?MixedSetJson
    {
        return $j === null
            ? null
            : new MixedSetJson(
                $j->integer('first_reps'),
                $j->text('first_name', StoredForm::ANY),
                $j->integer('then_reps'),
                $j->text('then_name', StoredForm::ANY),
            );
    }
}
