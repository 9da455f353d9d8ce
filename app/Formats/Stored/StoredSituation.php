<?php

declare(strict_types=1);

namespace App\Formats\Stored;

use App\Formats\Day;
use App\Formats\JsonObject;
use SteadyRung\Body\Body;
use SteadyRung\Call\Situation\AsForetold;
use SteadyRung\Call\Situation\FromEstimate;
use SteadyRung\Call\Situation\Instead;
use SteadyRung\Call\Situation\Overdue;
use SteadyRung\Call\Situation\Progress;
use SteadyRung\Call\Situation\SessionResult;
use SteadyRung\Call\Situation\Signs;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Situation\Standard;
use SteadyRung\Exercise\Rung;
use SteadyRung\Ladder\Steps;
use SteadyRung\Method\Measure;
use SteadyRung\Plan\Diary\LimitingFactor;
use SteadyRung\Plan\Session\Strict\BuilderOver;
use SteadyRung\Plan\Session\Strict\StrictGoal;
use SteadyRung\Safety\Symptom;
use SteadyRung\Setup\AsKept;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Demand;
use SteadyRung\Setup\Warning;
use SteadyRung\Setup\WarningCode;
use SteadyRung\Strength\Filter\SetFall;
use SteadyRung\Strength\RepPrediction;
use SteadyRung\Strength\Reps\Seconds;
use SteadyRung\Strength\StrictTry;

/**
 * What was known when a call was made, kept beside it, version 4: two calls made from the same are the same call, and the call can be
 * made from it again.
 */
final class StoredSituation
{
    private const VERSION = 4;

    /** @return array<string, mixed> */
    public static function write(Situation $situation, Body $body): array
    {
        $observed = $situation->foresight instanceof FromEstimate ? $situation->foresight->estimate->observed : null;
        $steps = $situation->steps;

        return StoredForm::keys(self::VERSION, [
            'mass_kg' => $body->massKg,
            'reach_m' => $body->reachM,
            'from' => self::rung($steps->from),
            'up' => self::rung($steps->up),
            'down' => self::rung($steps->down),
            'sessions' => array_map(
                static fn (SessionResult $s): array => [
                    'on' => Day::date($s->day),
                    'clean' => $s->clean,
                    'no_counts' => $s->noCounts,
                    'too_fast' => $s->tooFast,
                    'expected' => $s->expected,
                    'effort' => $s->effort,
                    'asked' => $s->asked,
                ],
                $situation->sessions,
            ),
            'capacity' => $observed === null
                ? null
                : ['day' => $observed->day, 'mean_log' => $observed->level()->mean(), 'variance' => $observed->sdLog() ** 2],
            'today' => $situation->today,
            'pain' => $situation->signs->pain === null ? null : StoredPain::write($situation->signs->pain),
            'signs' => self::signs($situation->signs),
            'standard' => self::standard($situation->standard),
            'stage' => $situation->course?->now->stage->key,
        ]);
    }

    /**
     * What changes from day to day by itself, and the figures of the rungs the call spoke of: kept with the call, and no ground for
     * another.
     *
     * @return array<string, mixed>
     */
    public static function foretold(Situation $situation): array
    {
        $signs = $situation->signs;
        $progress = $signs->progress;
        $rungs = array_filter([
            $situation->steps->from,
            $situation->steps->up,
            $situation->steps->down,
            $signs->goal?->strict,
            $signs->instead?->found(),
        ]);

        return array_filter([
            'known' => $situation->foresight->isKnown(),
            'fall' => $situation->fall === null ? null : [$situation->fall->perSet, $situation->fall->sd],
            'days_at_stage' => $signs->daysAtStage,
            'days_since_try' => $signs->daysSinceTry,
            'progress' => $progress === null
                ? null
                : [
                    'then' => $progress->shareThen,
                    'now' => $progress->shareNow,
                    'sessions' => $progress->sessions,
                    'planned' => $progress->planned,
                    'clean' => $progress->isRestedAndClean,
                ],
            'goal' => $signs->goal === null
                ? null
                : [
                    'rung' => $signs->goal->strict->key(),
                    'reps' => $signs->goal->reps,
                    'chance' => $signs->goal->chance,
                    'due' => $signs->goal->isDue,
                ],
            'overdue' => $signs->overdue === null ? null : get_object_vars($signs->overdue),
            'instead' => $signs->instead?->found()?->key(),
            'rungs' => array_map(static fn (Rung $r): array => self::whole($r, $situation), array_values($rungs)),
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @throws Damaged if it cannot be read, or an earlier version kept too little */
    public static function read(string $json): Situation
    {
        return StoredForm::read('situation', $json, static function (JsonObject $j): Situation {
            $told = $j->object('foretold');
            $rungs = $reps = $seconds = [];
            foreach ($told->objects('rungs', StoredForm::ANY) as $one) {
                $rung = self::readRung($one);
                $rungs[$rung->key()] = $rung;
                $reps[$rung->key()] = self::prediction($one->optionalText('reps', StoredForm::ANY));
                $held = $one->numbers('seconds', 2);
                $seconds[$rung->key()] = count($held) === 2 ? new Seconds($held[0], $held[1]) : null;
            }
            $at = static fn (string $place): ?Rung => $j->has($place)
                ? $rungs[$j->object($place)->text('key', StoredForm::ANY)] ?? null
                : null;
            $fall = $told->numbers('fall', 2);

            return new Situation(
                steps: new Steps($at('from') ?? throw $j->fault('from', 'The rung is not among those kept.'), $at('up'), $at('down')),
                sessions: array_map(self::session(...), $j->objects('sessions', StoredForm::ANY)),
                foresight: new AsForetold($told->boolean('known'), array_filter($reps), array_filter($seconds)),
                signs: self::readSigns($j, $told, $rungs),
                standard: self::readStandard($j->object('standard')),
                fall: count($fall) === 2 ? new SetFall($fall[0], $fall[1]) : null,
                today: $j->integer('today'),
            );
        });
    }

    /**
     * Whether two kept situations differ in more than the day: what is believed drifts from day to day by itself.
     *
     * @param  array<string, mixed>  $one
     * @param  array<string, mixed>  $other
     */
    public static function differ(array $one, array $other): bool
    {
        return self::settled($one) !== self::settled($other);
    }

    /**
     * What was stood on and what it led to; a change here is a change of gear or body.
     *
     * @param  array<string, mixed>  $situation
     * @return array<mixed>
     */
    public static function rungs(array $situation): array
    {
        return self::sorted(array_intersect_key($situation, ['from' => 0, 'up' => 0, 'down' => 0]));
    }

    /** @return array<string, mixed> */
    private static function signs(Signs $signs): array
    {
        return [
            'symptoms' => array_map(static fn (Symptom $s): string => $s->value, $signs->symptoms),
            'soreness' => $signs->soreness,
            'gave_out' => array_map(static fn (LimitingFactor $g): string => $g->value, $signs->limitingFactor),
            'takes_no_hold' => $signs->takesNoHold,
            'missing' => $signs->missing,
            'strict_reps' => $signs->goal?->reps,
            'ends_stage' => $signs->endsStage,
            'lacks_hang' => $signs->lacks,
            'ends_after_days' => $signs->endsAfterDays,
            'over' => $signs->over === null ? null : get_object_vars($signs->over),
        ];
    }

    /** @param  array<string, Rung>  $rungs */
    private static function readSigns(JsonObject $j, JsonObject $told, array $rungs): Signs
    {
        $signs = $j->object('signs');
        $goal = $told->optionalObject('goal');
        $progress = $told->optionalObject('progress');
        $over = $signs->optionalObject('over');
        $overdue = $told->optionalObject('overdue');
        $instead = $rungs[$told->optionalText('instead', StoredForm::ANY) ?? ''] ?? null;

        return new Signs(
            pain: $j->has('pain') ? StoredPain::of($j->object('pain')) : null,
            symptoms: $signs->choices('symptoms', Symptom::class),
            soreness: $signs->optionalInteger('soreness'),
            limitingFactor: array_values(array_filter(array_map(
                LimitingFactor::tryFrom(...),
                $signs->texts('gave_out', StoredForm::ANY, 32),
            ))),
            takesNoHold: $signs->has('takes_no_hold') && $signs->boolean('takes_no_hold'),
            progress: $progress === null
                ? null
                : new Progress(
                    $progress->number('then'),
                    $progress->number('now'),
                    $progress->integer('sessions'),
                    $progress->integer('planned'),
                    $progress->boolean('clean'),
                ),
            instead: Instead::of($instead),
            missing: $signs->optionalText('missing', StoredForm::ANY),
            daysSinceTry: $told->optionalInteger('days_since_try'),
            goal: $goal === null
                ? null
                : new StrictGoal(
                    $rungs[$goal->text('rung', StoredForm::ANY)] ?? throw $goal->fault('rung', 'The rung is not among those kept.'),
                    $goal->integer('reps'),
                    $goal->number('chance'),
                    $goal->has('due') ? $goal->boolean('due') : StrictTry::isLongEnoughAgo($told->optionalInteger('days_since_try')),
                ),
            daysAtStage: $told->integer('days_at_stage'),
            endsStage: $signs->has('ends_stage') && $signs->boolean('ends_stage'),
            endsAfterDays: $signs->optionalInteger('ends_after_days'),
            lacks: $signs->optionalText('lacks_hang', StoredForm::ANY),
            overdue: $overdue === null
                ? null
                : new Overdue(
                    $overdue->integer('weeks'),
                    self::weeks($overdue),
                    $overdue->text('cause', StoredForm::ANY),
                    $overdue->text('instead', StoredForm::ANY),
                ),
            over: $over === null
                ? null
                : new BuilderOver(
                    $over->text('name', StoredForm::ANY),
                    $over->integer('weeks'),
                    $over->boolean('isTested'),
                    $over->text('next', StoredForm::ANY),
                ),
        );
    }

    /** @return array{int, int} */
    private static function weeks(JsonObject $overdue): array
    {
        $weeks = array_map(intval(...), $overdue->numbers('usual', 2));

        return [$weeks[0] ?? 0, $weeks[1] ?? 0];
    }

    private static function session(JsonObject $s): SessionResult
    {
        $clean = array_map(intval(...), $s->numbers('clean', StoredForm::ANY));

        return new SessionResult(
            Day::number($s->text('on', 10)),
            $clean === [] ? [0] : $clean,
            $s->integer('no_counts'),
            $s->integer('too_fast'),
            $s->optionalNumber('expected'),
            $s->optionalInteger('effort'),
            $s->optionalInteger('asked'),
        );
    }

    /** @return array<string, mixed> */
    private static function standard(Standard $s): array
    {
        return [
            'sets' => $s->sets,
            'count' => $s->count,
            'floor' => $s->floor,
            'sessions' => $s->sessions,
            'chance' => $s->chance,
            'measure' => $s->measure->value,
            'least_days' => $s->leastDays,
        ];
    }

    private static function readStandard(JsonObject $j): Standard
    {
        return new Standard(
            sets: $j->integer('sets'),
            count: $j->integer('count'),
            floor: $j->integer('floor'),
            sessions: $j->integer('sessions'),
            chance: $j->number('chance'),
            measure: $j->choice('measure', Measure::class),
            leastDays: $j->integer('least_days'),
        );
    }

    /**
     * A rung with what its arms carry and what was foretold on it.
     *
     * @return array<string, mixed>
     */
    private static function whole(Rung $rung, Situation $situation): array
    {
        $load = $rung->load;
        $reps = $situation->predict($rung);
        $seconds = $situation->seconds($rung);

        return array_filter([
            'exercise' => StoredExercise::write($rung->exercise),
            'name' => $rung->name,
            'load' => [
                $load->weightN,
                $load->bottomN,
                $load->meanN,
                $load->topN,
                $load->demand->share,
                $load->demand->shape,
                $load->shareSd,
                $load->romM,
            ],
            'warnings' => array_map(static fn (Warning $w): array => ['code' => $w->code->value, 'text' => $w->text], $load->warnings),
            'reps' => $reps === null ? null : PackedFigures::write(array_merge(...$reps->parts)),
            'seconds' => $seconds === null ? null : [$seconds->logPart, $seconds->sd],
        ], static fn (mixed $value): bool => $value !== null && $value !== []);
    }

    private static function readRung(JsonObject $j): Rung
    {
        $figures = $j->numbers('load', 8);
        if (count($figures) !== 8) {
            throw $j->fault('load', 'This must be eight figures.');
        }
        [$weightN, $bottomN, $meanN, $topN, $share, $shape, $sd, $romM] = $figures;
        $warnings = array_map(
            static fn (JsonObject $w): Warning => new Warning($w->choice('code', WarningCode::class), $w->text('text', StoredForm::ANY)),
            $j->objects('warnings', StoredForm::ANY),
        );
        $load = new CarriedLoad(
            weightN: $weightN,
            bottomN: $bottomN,
            meanN: $meanN,
            topN: $topN,
            demand: Demand::kept($share, $shape),
            shareSd: $sd,
            romM: $romM,
            warnings: $warnings,
        );

        return new Rung(StoredExercise::of($j->object('exercise')), $j->text('name', StoredForm::ANY), new AsKept($load), $load);
    }

    private static function prediction(?string $packed): ?RepPrediction
    {
        $figures = $packed === null ? [] : PackedFigures::read($packed);
        $parts = array_map(static fn (array $p): array => [$p[0], $p[1] ?? 0.0, $p[2] ?? 0.0, $p[3] ?? 0.0], array_chunk($figures, 4));

        return $parts === [] ? null : new RepPrediction($parts);
    }

    /** @return array{key: string, name: string, share: float}|null */
    private static function rung(?Rung $rung): ?array
    {
        return $rung === null ? null : ['key' => $rung->key(), 'name' => $rung->name, 'share' => round($rung->share(), 6)];
    }

    /**
     * @param  array<string, mixed>  $situation
     * @return array<mixed>
     */
    private static function settled(array $situation): array
    {
        unset($situation['today'], $situation['foretold']);

        return self::sorted($situation);
    }

    /**
     * @param  array<mixed>  $value
     * @return array<mixed>
     */
    private static function sorted(array $value): array
    {
        ksort($value);

        return array_map(static fn (mixed $v): mixed => match (true) {
            is_array($v) => self::sorted($v),
            is_int($v) => (float) $v,
            default => $v,
        }, $value);
    }
}
