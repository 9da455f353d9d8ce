<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\FormFault;
use SteadyRung\Exercise\Practice;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Builders\Builder;
use SteadyRung\Method\House\HousePractice;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\SessionPart;
use SteadyRung\Method\Stage;
use SteadyRung\Plan\Context\AskedLine;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\LoweringDose;
use SteadyRung\Plan\Diary\StickingPoint;
use SteadyRung\Plan\Session\Line\Begun;
use SteadyRung\Plan\Session\Line\Growth;
use SteadyRung\Plan\Session\Line\HeldSeconds;
use SteadyRung\Plan\Session\Line\Likely;
use SteadyRung\Plan\Session\Line\LoweringsLeft;
use SteadyRung\Plan\Session\Line\MixedSet;
use SteadyRung\Plan\Session\Line\OftenEnough;
use SteadyRung\Plan\Session\Line\Rising;
use SteadyRung\Plan\Session\Line\StepBeside;
use SteadyRung\Plan\Session\Line\WayDown;
use SteadyRung\Safety\Caps;
use SteadyRung\Safety\Caution;
use SteadyRung\Strength\RepPrediction;

/**
 * Writes one line of a session: on what rung or accessory, how much of it, and what is said of it.
 */
final readonly class LineWriter
{
    private const CUES = 2;

    /** So much of the capacity is left after twenty curls or bent rows (ours). */
    private const PRE_TIRED_LEFT = 0.9;

    /** Of what is still possible after them (common practice). */
    private const OF_POSSIBLE = [0.75, 0.8];

    public function __construct(private AthleteContext $context, private Course $course, private Caps $caps, private ?Builder $builder)
    {
    }

    /**
     * What is written of a line, or why it is left out; nothing where its part is not done here.
     *
     * @param  int  $lowered  lowerings written before it
     */
    public function write(AskedLine $asked, int $lowered): Block|string|null
    {
        $line = $asked->line;
        $byHand = $asked->change?->instead instanceof Exercise ? $this->instead($asked->change->instead) : null;
        if ($asked->isLeftOut()) {
            return $this->isWork($asked) ? 'What the gate counts is left out by hand.' : null;
        }
        if ($asked->change === null && ($often = OftenEnough::said($this->context, $line)) !== null) {
            return $often;
        }
        if ($line->accessory !== null && $byHand === null) {
            return $this->accessory($asked, $line->accessory);
        }
        $main = $this->isWork($asked) && ! $byHand instanceof Rung ? TodaysRung::of($this->context, $this->course, $line) : null;
        $rung = match (true) {
            $byHand instanceof Rung => $byHand,
            $main !== null => $main->rung,
            $line->allowed === [] => null,
            default => (new Pick($this->context))->of($line),
        };
        if ($rung === null) {
            return $line->part === SessionPart::WarmUp
                ? null
                : sprintf(
                    '%s left out: %s',
                    $line->words(),
                    (new Pick($this->context))->allowed($line) === []
                        ? 'the house rules do without it.'
                        : 'nothing that fits. '.SessionNotes::whatToGet($line),
                );
        }

        $note = $byHand ?? $main?->note;

        return $this->pull($asked, $rung, is_string($note) ? [$note] : [], $lowered);
    }

    private function isWork(AskedLine $asked): bool
    {
        return $asked->school === $this->course->now->stage->work();
    }

    /** What the coach put in a line's place, or why that is not written. */
    private function instead(Exercise $exercise): Rung|string
    {
        $rung = $this->context->ways->rung($exercise);

        return match (true) {
            ! $rung instanceof Rung => 'What was put here by hand cannot be built today.'.($rung === null ? '' : " $rung->reason"),
            Entry::refused($this->context, $rung) !== null => "$rung->name was put here by hand. ".Entry::refused($this->context, $rung),
            default => $rung,
        };
    }

    /**
     * What a change by hand touches: the gate of the stage.
     *
     * @return list<string>
     */
    private function touches(AskedLine $asked, Rung $rung): array
    {
        $gate = $this->course->now->stage->gate;

        return match (true) {
            $asked->change === null || ! $this->isWork($asked) => [],
            $rung->key() !== $this->course->now->rung?->key() && $asked->change->instead !== null => [
                "Sets on it do not count for the gate: {$gate->words()}.",
            ],
            ! $gate->isMetBy($asked->line) => ["With this the gate cannot be met: {$gate->words()}."],
            default => [],
        };
    }

    /** @param  list<string>  $notes */
    private function pull(AskedLine $asked, Rung $rung, array $notes, int $lowered): Block|string
    {
        $line = $asked->line;
        $rung = Rising::of($this->context, $line, $rung);
        $isLowering = $rung->exercise->style->movement === Movement::Lowering;
        $left = $isLowering || $rung->exercise->setup->kind() === ChoiceKind::Hop ? $this->loweringsLeft($lowered) : 0;
        if ($isLowering && is_string($left)) {
            return $left;
        }
        $dose = $isLowering && $asked->change === null ? LoweringDose::of($this->context->diary, $this->context->today) : null;
        $most = max(1, ($dose?->lowerings((float) $rung->exercise->style->seconds) ?? 0) - $lowered);
        $isByDose = $dose !== null && $most < min((int) $left, $line->lowerings());
        $left = $dose === null ? $left : min((int) $left, $most);
        [$sets, $amount] = $isLowering ? LoweringsLeft::fit($line->sets, $line->amount, (int) $left) : [$line->sets, $line->amount];
        $sets = $this->context->isEased() && $line->part === SessionPart::Main ? max(1, $sets - 1) : $sets;
        $first = $this->predicted($line, $rung);
        if ($first !== null && ! TodaysRung::isPossible($this->context, $rung)) {
            return "$rung->name left out: not one rep is likely yet.";
        }
        $isCut = $isLowering && ($amount !== $line->amount || $sets !== $line->sets);
        $held = $rung->exercise->style->movement->isTimed() ? HeldSeconds::of($this->context, $rung, $amount) : null;
        $likely = $first === null ? $held->amount ?? $amount : $this->asHard($line, $rung, Likely::of($amount, $first), $first);
        $begun = $this->begun($line, $sets);
        $grown = $this->context->isEased() ? null : Growth::of($this->context, $line, $rung);
        $rest = $begun === null ? $likely : Amount::of(Measure::Reps, max(1, $line->amount->high - $begun->reps));
        $down = WayDown::of($this->context, $rung, $sets, $grown->amount ?? $rest, $left);
        $notes = [
            ...$notes,
            ...($grown === null ? [] : [$grown->words]),
            ...($amount->measure === Measure::TotalReps ? [$this->running($amount)] : []),
            ...(
                $down->amount === $amount
                || $begun !== null
                || $grown?->amount !== null ? [] : [$this->insteadOf($sets, $down, $amount, $likely, $first, $held)]
            ),
            ...($down->words === null ? [] : [$down->words]),
            ...($held?->measured === null ? [] : [$held->measured]),
            ...(
                $this->goesToFailure($line, $rung)
                && $this->context->rules->says(HouseRule::Failure, 'first-tracked') ? ['The first set is the one that counts.'] : []
            ),
            ...$this->touches($asked, $rung),
            ...($isByDose ? ["The method asks {$line->sets} × {$line->amount->words()}. {$dose->words($most)}"] : []),
            ...($isCut && ! $isByDose ? [$this->cut($asked)] : []),
            ...($line->part === SessionPart::Main ? array_filter([$this->sticks($rung)]) : []),
        ];

        return $this->block(
            asked: $asked,
            rung: $rung,
            sets: $sets,
            down: $down,
            first: $first,
            notes: $notes,
            isCut: $isCut,
            isMeasured: $held?->measured !== null,
            begun: $begun,
        );
    }

    /** @param  list<string>  $notes */
    private function block(
        AskedLine $asked,
        Rung $rung,
        int $sets,
        WayDown $down,
        ?RepPrediction $first,
        array $notes,
        bool $isCut,
        bool $isMeasured,
        ?Begun $begun,
    ): Block {
        $line = $asked->line;
        $isPaused = HousePractice::isPaused($rung->exercise, $this->context->rules);
        $restS = $this->context->rules->restS($line, $rung->exercise->setup->kind() === ChoiceKind::Row);
        $isPreTired = $this->builder?->tires === true && $line->part === SessionPart::Main;

        return new Block(
            part: $line->part,
            do: $rung,
            sets: $sets,
            amount: $down->amount,
            restS: $restS,
            toFailure: $line->toFailure || $this->goesToFailure($line, $rung),
            isPerSide: $line->isPerSide,
            tempo: HousePractice::tempo($rung->exercise, $this->context->rules) ?? $line->tempo ?? Practice::of($rung->exercise)->tempo,
            group: $line->group,
            expected: $first === null || $begun !== null ? [] : $this->expected($rung, $first, $sets, $restS),
            seconds: $isMeasured ? null : $this->context->estimate($rung)->secondsOn($rung),
            cues: $this->cues($rung),
            cautions: [...Watch::of($rung, $down->amount->high, $down->brakedSets > 0), ...($isPreTired ? [Caution::PreTired] : [])],
            note: $notes === [] ? null : implode(' ', $notes),
            line: $asked->key(),
            byHand: $asked->change,
            school: $isCut || $asked->change !== null ? $asked->school?->words() : null,
            repS: $isPaused ? HousePractice::PAUSED_REP_S : Block::REP_S,
            brakedSets: $down->brakedSets,
            begun: $begun,
        );
    }

    /** What each set of a line begins on, where it begins on something harder that is likely. */
    private function begun(Prescription $line, int $sets): ?Begun
    {
        $begin = $line->begin;
        $rung = $begin === null ? null : (new Pick($this->context))->of(
            Prescription::of($line->part, $begin->allowed, $sets, Amount::of(Measure::Reps, 1, $begin->reps), $line->restS),
        );
        $reps = $rung === null
            ? 0
            : MixedSet::firstReps($this->context->estimate($rung)->onRung($rung), $line->amount->high, $begin->reps);

        return $rung === null || $reps === 0 ? null : new Begun($rung, $reps);
    }

    /** One set more after the work, begun on the next rung, where that is too far away for a climb; none where nothing of it is likely. */
    public function mixed(Block $work): ?Block
    {
        $steps = $this->course->steps();
        $up = $steps?->up;
        if ($steps === null || $up === null || $work->do !== $steps->from || $work->amount->measure !== Measure::Reps) {
            return null;
        }
        if ($this->context->isEased() || $up->legsGiveTheRest() || $up->exercise->style->movement !== Movement::Full) {
            return null;
        }
        $likely = $this->context->believed($up)->onRung($up);
        $mixed = $likely === null
            ? null
            : MixedSet::over($steps, $this->course->endsStage(), $this->course->now->stage->gate->count, $likely);

        return $mixed === null ? null : new Block(
            part: $work->part,
            do: $work->do,
            sets: 1,
            amount: Amount::of(Measure::Reps, $mixed->thenReps),
            restS: $work->restS,
            tempo: $work->tempo,
            cues: $work->cues,
            cautions: $work->cautions,
            note: 'The next set-up is far: one set begun on it, and ended here without a rest. It counts for no gate.',
            repS: $work->repS,
            begun: new Begun($up, $mixed->firstReps),
        );
    }

    /** What the help is where the pull fails, where somebody told it. */
    private function sticks(Rung $rung): ?string
    {
        return $rung->exercise->setup->kind()->lane() === Lane::Pull && $rung->exercise->style->movement === Movement::Full
            ? StickingPoint::of($this->context->diary, $this->context->today)?->words($rung)
            : null;
    }

    /** What the week came to so far, and comes to with this session. */
    private function running(Amount $amount): string
    {
        $before = $this->context->diary->loweringsThisWeek($this->context->today - 1, $this->context->brakedHops());

        return sprintf('%d this week before today; with these %d.', $before, $before + $amount->high);
    }

    /** What is written in the place of what is asked, and why; a hold that was measured says why by itself. */
    private function insteadOf(int $sets, WayDown $down, Amount $asked, Amount $likely, ?RepPrediction $first, ?HeldSeconds $held): string
    {
        return $held?->measured !== null
            ? "The method asks {$asked->words()}."
            : sprintf(
                '%s × %s instead of %s: %s.',
                $sets,
                $down->amount->words(),
                $asked->words(),
                $this->whyLess($down->amount, $likely, $first),
            );
    }

    private function whyLess(Amount $asked, Amount $likely, ?RepPrediction $first): string
    {
        return match (true) {
            $asked !== $likely => "the caps allow {$this->caps->loweringsASession} lowerings a session",
            $asked->high < (int) floor($first?->median() ?? 0.0) => 'three quarters of what is likely',
            default => 'more is not likely on it yet',
        };
    }

    /** Work sets of reps, where the house goes to failure: not of lowerings and hops, not in a sore week. */
    private function goesToFailure(Prescription $line, Rung $rung): bool
    {
        return $line->part === SessionPart::Main
            && $rung->exercise->style->movement === Movement::Full
            && $rung->exercise->setup->kind() !== ChoiceKind::Hop
            && $this->context->rules->goesToFailure() && ! $this->context->isEased();
    }

    /** No more reps of main work than the house asks of what is likely. */
    private function asHard(Prescription $line, Rung $rung, Amount $amount, RepPrediction $first): Amount
    {
        $isPull = $line->part === SessionPart::Main
            && $amount->measure === Measure::Reps
            && $rung->exercise->setup->kind() !== ChoiceKind::Hop;
        if ($isPull && $this->builder?->tires === true) {
            $left = $first->with(self::PRE_TIRED_LEFT)->median();

            return Amount::of(
                Measure::Reps,
                max(1, (int) floor(self::OF_POSSIBLE[0] * $left)),
                max(1, (int) floor(self::OF_POSSIBLE[1] * $left)),
            );
        }
        $most = $isPull ? $this->context->rules->askedOf($first->median()) : null;

        return $most === null || $most >= $amount->high ? $amount : Amount::of(Measure::Reps, min($amount->low, $most), $most);
    }

    /** How many may be written yet, or why none. */
    private function loweringsLeft(int $lowered): int|string
    {
        if ($this->context->isEased()) {
            return sprintf('Lowering left out: %s.', $this->context->isSore() ? 'sore' : 'tired');
        }
        $left = LoweringsLeft::of($this->context);

        return $left->today <= $lowered ? "Lowering left out: {$left->full()}." : $left->today - $lowered;
    }

    /** What the first set is likely to come to; of warm-ups, seconds, shoulder blades and help nobody knows nothing is said. */
    private function predicted(Prescription $line, Rung $rung): ?RepPrediction
    {
        $movement = $rung->exercise->style->movement;
        $reps = $movement->isTimed() || $movement === Movement::ShoulderBlade || $line->part === SessionPart::WarmUp
            ? null
            : $this->context->estimate($rung)->onRung($rung);

        $reps = $rung->legsGiveTheRest() ? null : $reps;

        return HousePractice::paced($reps, $rung->exercise, $this->context->rules);
    }

    /** @return list<RepPrediction> of each set, as they fall */
    private function expected(Rung $rung, RepPrediction $first, int $sets, int $restS): array
    {
        $fall = $this->context->estimates->fall(AthleteContext::patternOf($rung));

        return array_map($first->with(...), $fall->over($sets, (float) $restS, $this->context->rules->reserve()));
    }

    private function cut(AskedLine $asked): string
    {
        return sprintf(
            '%s %d × %s; the caps allow %d lowerings a session and %d a week.',
            $asked->change === null ? 'The method asks' : 'By hand it would be',
            $asked->line->sets,
            $asked->line->amount->words(),
            $this->caps->loweringsASession,
            $this->caps->loweringsAWeek,
        );
    }

    private function accessory(AskedLine $asked, Accessory $accessory): Block|string
    {
        $line = $asked->line;
        if (! $accessory->isWithin($this->context->ways->limits())) {
            return sprintf('%s left out: the screen says %s.', $accessory->words(), $accessory->hangs() ? 'no hanging' : 'no overhead');
        }
        $step = $asked->change?->instead === null
            ? StepBeside::of($this->context->diary, $accessory, $line->amount)
            : new StepBeside($accessory, $line->amount);
        $accessory = $step->accessory;
        $last = $this->context->diary->lastBeside($accessory);
        $next = $last?->next($step->amount);
        $notes = array_filter([
            $last === null ? null : "Last time {$last->inWords()}".($next === null ? '' : "; $next").'.',
            $step->leadingHand($this->context->diary),
        ]);

        return new Block(
            part: $line->part,
            do: $accessory,
            sets: $line->sets,
            amount: $step->amount,
            restS: $line->restS,
            toFailure: $line->toFailure,
            isPerSide: $line->isPerSide,
            tempo: $line->tempo,
            group: $line->group,
            cues: $accessory->cues(),
            cautions: Watch::of($accessory, $step->amount->high),
            note: $notes === [] ? null : implode(' ', $notes),
            line: $asked->key(),
            byHand: $asked->change,
            school: $asked->change === null ? null : $asked->school?->words(),
        );
    }

    /** @return list<string> two, those that answer this athlete's faults first */
    private function cues(Rung $rung): array
    {
        $faults = $this->context->diary->faults(
            $this->context->today,
            static fn (Done $d): bool => $d->kind === $rung->exercise->setup->kind(),
        );
        $cues = array_values(array_unique([
            ...array_map(static fn (FormFault $f): string => $f->cue(), $faults),
            ...Practice::of($rung->exercise)->cues,
        ]));

        return [...array_slice($cues, 0, self::CUES), ...HousePractice::cues($rung->exercise, $this->context->rules)];
    }
}
