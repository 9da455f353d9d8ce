<?php

declare(strict_types=1);

namespace App\Context\Log;

use App\Context\Gym\GymDay;
use App\Context\Readable;
use App\Formats\Day;
use App\Formats\JsonObject;
use App\Formats\Stored\StoredExercise;
use App\Models\Athletes\Athlete;
use App\Models\Log\AccessorySet;
use App\Models\Log\LoggedSet;
use App\Models\Log\SignalRecord;
use App\Models\Screening\Clearance;
use App\Models\Screening\PainUndoing;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\ExecutionStyle;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\FormFault;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\Accessory;
use SteadyRung\Plan\Diary\AccessoryWork;
use SteadyRung\Plan\Diary\Diary;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\LimitingFactor;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Diary\Signal;
use SteadyRung\Safety\Symptom;
use SteadyRung\Strength\Filter\FeltLoad;

/**
 * The last weeks of an athlete's log, as planning and judging look at them.
 */
final class LoadDiary
{
    private const MOST_SETS = 240;

    private const MOST_SIGNALS = 60;

    private const HANG_S = 1.0;

    /** @var array<string, array{ChoiceKind, ExecutionStyle}> by setup key */
    private array $styles = [];

    public function __construct(private readonly GymDay $days)
    {
    }

    public function of(Athlete $athlete): Diary
    {
        $from = $this->days->daysAgo(Diary::LOOK_BACK_DAYS);
        $sets = LoggedSet::standing($athlete->id)->where('trained_on', '>=', $from)
            ->orderByDesc('trained_on')->orderByDesc('performed_at')->orderByDesc('id')->limit(self::MOST_SETS)->toBase()
            ->get([
                'trained_on', 'performed_at', 'purpose', 'exercise', 'setup_key', 'work_key', 'load_key', 'carried_share',
                'effective_share', 'share_sd', 'shape', 'clean_reps', 'no_counts', 'faults', 'reserve', 'asked_reps', 'to_failure',
                'hang_s', 'down_s', 'uneven', 'part_of',
            ])
            ->reverse();
        $done = array_values(array_filter($sets->map($this->done(...))->all(), static fn (?Done $d): bool => $d !== null));

        return new Diary(
            $done,
            $this->beside($athlete, $from),
            $this->signals($athlete, $from),
            [],
            new StoredPast($athlete->id),
        );
    }

    /** @param  \stdClass  $set of these columns */
    private function done(\stdClass $set): ?Done
    {
        [$kind, $style] = $this->style($set);
        $counts = json_decode($set->no_counts ?? '{}', true);
        $faults = json_decode($set->faults ?? '[]', true);

        return $style === null ? null : new Done(
            day: Day::number($set->trained_on),
            purpose: Purpose::from($set->purpose),
            kind: $kind,
            style: $style,
            share: (float) ($set->carried_share ?? 1.0),
            load: FeltLoad::of(
                (float) ($set->effective_share ?? 1.0),
                (float) $set->share_sd,
                $set->load_key ?? $set->work_key,
                (float) $set->shape,
            ),
            work: $set->work_key,
            isPart: $set->part_of !== null,
            askedReps: $set->asked_reps,
            toFailure: (bool) $set->to_failure,
            reps: $set->clean_reps,
            noCounts: is_array($counts) ? (int) array_sum($counts) : 0,
            faults: array_values(array_filter(array_map(FormFault::tryFrom(...), is_array($faults) ? $faults : []))),
            reserve: $set->reserve,
            seconds: isset($set->hang_s) || isset($set->down_s) ? (float) ($set->hang_s ?? $set->down_s) : null,
            atS: (float) strtotime($set->performed_at),
            uneven: (int) $set->uneven,
        );
    }

    /**
     * @return array{ChoiceKind, ExecutionStyle|null} a hang logged without an exercise is a hang
     */
    private function style(\stdClass $set): array
    {
        if ($set->exercise === null) {
            return [
                ChoiceKind::Strict,
                $set->hang_s >= self::HANG_S
                    ? ExecutionStyle::of(
                        ChoiceKind::Strict,
                        Movement::Hold,
                        HoldAt::Hang,
                        min(ExecutionStyle::HOLD_S[1], (float) $set->hang_s),
                    )
                    : null,
            ];
        }
        $exercise = $this->styles[$set->setup_key] ?? null;
        if ($exercise === null) {
            $read = Readable::orNull(static fn (): Exercise => StoredExercise::of(JsonObject::parse($set->exercise)));
            if ($read === null) {
                return [ChoiceKind::Strict, null];
            }
            $this->styles[$set->setup_key] = $exercise = [$read->setup->kind(), $read->style];
        }

        return $exercise;
    }

    /** @return list<AccessoryWork> */
    private function beside(Athlete $athlete, string $from): array
    {
        $sets = AccessorySet::standing()->where('athlete_id', $athlete->id)
            ->where('trained_on', '>=', $from)
            ->orderByDesc('trained_on')
            ->orderByDesc('performed_at')
            ->limit(self::MOST_SETS)
            ->get()
            ->reverse();

        return array_values(array_filter($sets->map(static function (AccessorySet $s): ?AccessoryWork {
            $accessory = Accessory::tryFrom($s->accessory);

            return $accessory === null
                ? null
                : new AccessoryWork(Day::number($s->trained_on), $accessory, $s->reps, $s->seconds, $s->load_kg, $s->metres);
        })->all(), static fn (?AccessoryWork $b): bool => $b !== null));
    }

    /** @return list<Signal> what a later note cleared left out; pain is the athlete's own as it stands */
    private function signals(Athlete $athlete, string $from): array
    {
        $cleared = Clearance::latestOf($athlete->id)?->cleared_at;
        $told = SignalRecord::query()->where('athlete_id', $athlete->id)
            ->where('told_for', '>=', $from)
            ->orderByDesc('told_for')
            ->orderByDesc('told_at')
            ->limit(self::MOST_SIGNALS)
            ->get()
            ->reverse();
        $symptoms = $told->where('symptoms', '<>', [])->modelKeys();
        $undone = $symptoms === [] ? [] : PainUndoing::query()->whereIn('told_id', $symptoms)->pluck('told_id')->all();
        $signals = array_values($told->map(static fn (SignalRecord $s): Signal => Signal::of(
            day: Day::number($s->told_for),
            soreness: $s->soreness,
            symptoms: ($cleared !== null && $s->told_at <= $cleared) || in_array($s->id, $undone, true)
                ? []
                : array_values(array_filter(array_map(Symptom::tryFrom(...), $s->symptoms))),
            pain: null,
            limitingFactor: $s->gave_out === null ? null : LimitingFactor::tryFrom($s->gave_out),
            effort: $s->effort,
            takesHold: $s->takes_hold,
            feltWorked: $s->felt_worked,
        ))->all());

        return $athlete->pain === null ? $signals : [...$signals, Signal::of(Day::number($this->days->today()), pain: $athlete->pain)];
    }
}
