<?php

declare(strict_types=1);

namespace App\Http\Requests\Log;

use App\Actions\Log\SetDone;
use App\Formats\Json\Safety\PainJson;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\JsonObject;
use App\Formats\Unreadable;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\FormFault;
use SteadyRung\Exercise\Movement;
use SteadyRung\Plan\Diary\NoCount;
use SteadyRung\Plan\Diary\Purpose;

final class ReadSet
{
    private const KEYS = ['id', 'performed_at', 'purpose', 'exercise', 'clean_reps', 'no_counts', 'reserve', 'hang_s', 'pain', 'note', 'replaces_id', 'part_of', 'asked_reps', 'to_failure', 'faults', 'splits_s', 'line'];

    private const MOST_SPLITS = 50;

    public static function from(JsonObject $json, \DateTimeImmutable $now, string ...$besides): SetDone
    {
        $json->allowing(...self::KEYS, ...$besides);
        self::refuseMixture($json);
        $exercise = $json->has('exercise') ? ExerciseJson::read($json->object('exercise')) : null;
        self::refuseWrongCount($json, $exercise);
        $at = $json->momentPast('performed_at', $now);

        return $json->build(static fn (JsonObject $j): SetDone => new SetDone(
            $j->uuid('id'),
            $at,
            $j->choice('purpose', Purpose::class),
            $exercise,
            $j->optionalInteger('clean_reps'),
            self::noCounts($j->optionalObject('no_counts')),
            $j->optionalInteger('reserve'),
            $j->optionalNumber('hang_s'),
            $j->has('pain') ? PainJson::read($j->object('pain')) : null,
            $j->optionalText('note', 500),
            $j->optionalUuid('replaces_id'),
            $j->optionalUuid('part_of'),
            $j->optionalInteger('asked_reps'),
            $j->has('to_failure') && $j->boolean('to_failure'),
            $j->choices('faults', FormFault::class),
            $j->numbers('splits_s', self::MOST_SPLITS),
            $j->optionalText('line', 160),
        ));
    }

    private static function refuseMixture(JsonObject $json): void
    {
        match (true) {
            $json->has('clean_reps') === $json->has('hang_s') => throw $json->fault('clean_reps', 'Give clean reps or hang seconds, one of them.'),
            $json->has('clean_reps') && ! $json->has('exercise') => throw $json->fault('exercise', 'Reps need the set-up they were done on.'),
            $json->has('hang_s') && ($json->has('reserve') || $json->has('no_counts') || $json->has('asked_reps') || $json->has('to_failure')) => throw $json->fault('hang_s', 'A hang has no reserve, no-counts or reps asked.'),
            $json->has('to_failure') && $json->boolean('to_failure') && ($json->optionalInteger('reserve') ?? 0) > 0 => throw $json->fault('reserve', 'A set to failure leaves nothing in reserve.'),
            default => null,
        };
    }

    private static function refuseWrongCount(JsonObject $json, ?Exercise $exercise): void
    {
        if ($exercise !== null && ($exercise->style->movement === Movement::Hold) !== $json->has('hang_s')) {
            throw $json->fault('exercise', 'A hold is logged by its seconds, everything else by its reps.');
        }
        $timed = count($json->numbers('splits_s', self::MOST_SPLITS));
        match (true) {
            $timed === 0 => null,
            $exercise?->style->movement !== Movement::Lowering => throw $json->fault('splits_s', 'Only lowerings are timed one by one.'),
            $timed > (int) $json->optionalInteger('clean_reps') => throw $json->fault('splits_s', 'More lowerings were timed than counted.'),
            default => null,
        };
    }

    /**
     * @return array<string, int>
     *
     * @throws Unreadable if a reason is not known or a count is no whole number
     */
    private static function noCounts(?JsonObject $json): array
    {
        $reasons = array_column(NoCount::cases(), 'value');
        $json?->allowing(...$reasons);
        $counts = array_map(static fn (string $reason): ?int => $json?->optionalInteger($reason), array_combine($reasons, $reasons));

        return array_filter($counts, static fn (?int $count): bool => $count !== null);
    }
}
