<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\FormFault;
use SteadyRung\Exercise\HoldAt;
use SteadyRung\Exercise\Movement;
use SteadyRung\Exercise\Practice;
use SteadyRung\Exercise\Rung;
use SteadyRung\InWords;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Builder;
use SteadyRung\Method\GripTier;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\SessionPart;
use SteadyRung\Method\Stage;
use SteadyRung\Method\StageKind;
use SteadyRung\Plan\Context\AskedLine;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\Refusal;
use SteadyRung\Plan\Context\RefusalCode;
use SteadyRung\Plan\Diary\Done;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Safety\Caps;
use SteadyRung\Safety\Caution;
use SteadyRung\Safety\Mobility;
use SteadyRung\Strength\StrictTry;

/**
 * Writes the next session: the lines of the stage on this gym's gear, within the screen's limits, the house rules and the caps.
 */
final readonly class SessionWriter
{
    private const TRY_REST_S = 180;

    private const CUES = 2;

    private const REACHED_TRUNK_S = 60.0;

    private const HARD_CHANCE = 0.5;

    private function __construct(private AthleteContext $context, private Course $course, private Caps $caps)
    {
    }

    public static function write(AthleteContext $context): Session
    {
        return (new self($context, Course::of($context), $context->caps()))->session();
    }

    /** @return list<AskedLine> what the stage asks, as the coach changed it */
    public static function asked(AthleteContext $context): array
    {
        return (new self($context, Course::of($context), $context->caps()))->lines();
    }

    private function session(): Session
    {
        $refused = Refusal::of($this->context);
        if ($refused?->stopsAll() === true) {
            return new Session($this->course->now, [], [], $refused->code === RefusalCode::Screen ? self::mobility() : [], $refused);
        }
        $asked = $this->lines();
        [$blocks, $notes] = $this->blocks($refused, $asked);
        $work = $this->course->now->stage->work();
        if ($this->course->now->rung === null && $refused === null) {
            $refused = Refusal::nothingFits(sprintf('Nothing in this kit fits for %s. %s', lcfirst($work->words()), $this->whatToGet($work)));
        }

        return new Session($this->course->now, $blocks, $this->gear($blocks), [...$this->notesOfPlace(), ...$notes], $refused, $asked);
    }

    /**
     * @param  list<AskedLine>  $asked
     * @return array{list<Block>, list<string>}
     */
    private function blocks(?Refusal $refused, array $asked): array
    {
        $blocks = $notes = [];
        $lowered = 0;
        $room = $this->caps->hardSetsAWeek - $this->context->diary->hardVerticalsThisWeek($this->context->today);
        foreach ($this->inOrder([...$this->tries($refused), ...$asked]) as $line) {
            $block = $line instanceof Block ? $line : $this->block($line, $lowered);
            $stopped = $block instanceof Block ? $this->stopped($block, $refused) : null;
            if (! $block instanceof Block || $stopped !== null) {
                $notes[] = $stopped ?? (is_string($block) ? $block : null);

                continue;
            }
            $isHard = self::isHard($block);
            if ($isHard && $block->sets > $room && $block->purpose === null) {
                $notes[] = sprintf('%s: %d of %d sets, for %d hard vertical sets a week are the cap.', $block->words(), max(0, $room), $block->sets, $this->caps->hardSetsAWeek);
                if ($room <= 0) {
                    continue;
                }
                $block = $block->inSets($room);
            }
            $room -= $isHard && $block->purpose === null ? $block->sets : 0;
            $lowered += $block->lowerings();
            $blocks[] = $block;
        }

        return [$blocks, array_values(array_unique(array_filter($notes, static fn (?string $note): bool => $note !== null)))];
    }

    /**
     * @param  list<Block|AskedLine>  $lines
     * @return list<Block|AskedLine>
     */
    private function inOrder(array $lines): array
    {
        $order = array_flip(array_map(static fn (SessionPart $p): string => $p->value, SessionPart::cases()));
        usort($lines, static fn (Block|AskedLine $a, Block|AskedLine $b): int => $order[$a->part->value] <=> $order[$b->part->value]);

        return $lines;
    }

    /** @return list<AskedLine> of the stage, as the coach changed them */
    private function lines(): array
    {
        return $this->context->hand->on($this->linesOfStage(), $this->context->diary, $this->context->today);
    }

    /** What stands in the place of the main work of a strict stage. */
    private function builder(): ?Builder
    {
        return $this->course->now->stage->kind() === StageKind::Strict ? $this->context->builder : null;
    }

    /** @return list<Prescription> grip work added where the next stage hangs and asks for it */
    private function linesOfStage(): array
    {
        $stage = $this->course->now->stage;
        $lines = $this->builder()?->in($stage->lines) ?? $stage->lines;
        if (MissingHang::lacksHang($this->context, $this->course) !== null && array_filter($lines, static fn (Prescription $p): bool => $p->allowed !== [] && $p->allowed[0]->isGripWork()) === []) {
            $lines[] = Prescription::of(SessionPart::Accessory, [AllowedExercises::of(ChoiceKind::Strict, Movement::Hold, HoldAt::Hang, (float) $this->context->rules->hangFirstS())], 2, GripTier::next($this->context->diary->longestHangS()), 90);
        }

        return $this->context->rules->says(HouseRule::Trunk, 'later') ? array_values(array_filter($lines, static fn (Prescription $p): bool => $p->part !== SessionPart::Trunk)) : $lines;
    }

    /**
     * A strict try or a test, fresh, where it is worth it and the last one is long enough ago.
     *
     * @return list<Block>
     */
    private function tries(?Refusal $refused): array
    {
        $strict = $this->context->ways->rung(Exercise::of(new StrictPull));
        $inUse = $this->course->now->rung;
        if (! $strict instanceof Rung || $refused !== null || $this->context->isSore() || ($inUse !== null && Pick::isStrict($inUse))) {
            return [];
        }
        $state = $this->context->estimates->of(AthleteContext::patternOf($strict))->state;
        $last = $this->context->diary->lastTry();
        if ($state === null || ! StrictTry::isDue($state, $last === null ? null : $this->context->today - $last)) {
            return [];
        }
        $chance = StrictTry::chance($state);
        $isTest = $chance >= self::HARD_CHANCE;

        return [new Block(SessionPart::Test, $strict, 1, Amount::of(Measure::Reps, 1), self::TRY_REST_S, purpose: $isTest ? Purpose::Test : Purpose::Try, expected: array_filter([$this->context->estimate($strict)->onRung($strict)]), cues: Practice::of($strict->exercise)->cues, cautions: Watch::of($strict, 1),
            note: sprintf('One strict rep: %s. First, fresh; a miss does no harm.', InWords::chance($chance)))];
    }

    /**
     * What is written of a line, or why it is left out; nothing where its part is not done here.
     *
     * @param  int  $lowered  lowerings written before it
     */
    private function block(AskedLine $asked, int $lowered): Block|string|null
    {
        $line = $asked->line;
        $byHand = $asked->change?->instead instanceof Exercise ? $this->instead($asked->change->instead) : null;
        if ($asked->isLeftOut()) {
            return $this->isWork($asked) ? 'What the gate counts is left out by hand.' : null;
        }
        if ($line->accessory !== null && $byHand === null) {
            return $this->beside($asked, $line->accessory);
        }
        $main = $this->isWork($asked) && ! $byHand instanceof Rung ? TodaysRung::of($this->context, $this->course, $line) : null;
        $rung = match (true) {
            $byHand instanceof Rung => $byHand,
            $main !== null => $main->rung,
            $line->allowed === [] => null,
            default => (new Pick($this->context))->of($line),
        };
        if ($rung === null) {
            return $line->part === SessionPart::WarmUp ? null : sprintf('%s left out: nothing that fits. %s', $line->words(), $this->whatToGet($line));
        }

        $note = $byHand ?? $main?->note;

        return $this->capped($asked, $rung, is_string($note) ? [$note] : [], $lowered);
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
            $rung->key() !== $this->course->now->rung?->key() && $asked->change->instead !== null => ["Sets on it do not count for the gate: {$gate->words()}."],
            ! $gate->isMetBy($asked->line) => ["With this the gate cannot be met: {$gate->words()}."],
            default => [],
        };
    }

    /** @param  list<string>  $notes */
    private function capped(AskedLine $asked, Rung $rung, array $notes, int $lowered): Block|string
    {
        $line = $asked->line;
        $amount = $line->amount;
        $sets = $line->sets;
        if ($rung->exercise->style->movement === Movement::Lowering) {
            if ($this->context->isSore()) {
                return 'Lowering left out: sore.';
            }
            $left = LoweringsLeft::of($this->context);
            if ($left->today <= $lowered) {
                return "Lowering left out: {$left->full()}.";
            }
            [$sets, $amount] = self::within($sets, $amount, $left->today - $lowered);
        }
        $practice = Practice::of($rung->exercise);
        $estimate = $this->context->estimate($rung);
        $isPredicted = ! $rung->exercise->style->movement->isTimed() && $rung->exercise->style->movement !== Movement::ShoulderBlade;
        $first = $isPredicted && $line->part !== SessionPart::WarmUp ? $estimate->onRung($rung) : null;
        $sets = $this->context->isSore() && $line->part === SessionPart::Main ? max(1, $sets - 1) : $sets;
        if ($first !== null && ! TodaysRung::isPossible($this->context, $rung)) {
            return "$rung->name left out: not one rep is likely yet.";
        }
        $likely = $first === null ? $amount : Likely::of($amount, $first);
        $restS = $this->context->rules->restS($line->restS, $rung->exercise->setup->kind() === ChoiceKind::Row);
        $expected = $first === null ? [] : array_map($first->with(...), $this->context->estimates->fall(AthleteContext::patternOf($rung))->over($sets, (float) $restS, $this->context->rules->reserve()));

        $isCut = $rung->exercise->style->movement === Movement::Lowering && ($amount !== $line->amount || $sets !== $line->sets);
        if ($likely !== $amount) {
            $notes[] = sprintf('%s × %s instead of %s: more is not likely on it yet.', $sets, $likely->words(), $amount->words());
            $amount = $likely;
        }
        $notes = [...$notes, ...$this->touches($asked, $rung), ...($isCut ? [sprintf('%s %d × %s; the caps allow %d lowerings a session and %d a week.', $asked->change === null ? 'The method asks' : 'By hand it would be', $line->sets, $line->amount->words(), $this->caps->loweringsASession, $this->caps->loweringsAWeek)] : [])];

        return new Block(
            $line->part, $rung, $sets, $amount, $restS, $line->toFailure, $line->isPerSide, $line->tempo ?? $practice->tempo, $line->group,
            $expected, $estimate->secondsOn($rung), $this->cues($rung, $practice), [...Watch::of($rung, $amount->high), ...($this->builder()?->tires === true && $line->part === SessionPart::Main ? [Caution::PreTired] : [])],
            note: $notes === [] ? null : implode(' ', $notes), line: $asked->key(), byHand: $asked->change,
            school: $isCut || $asked->change !== null ? $asked->school?->words() : null,
        );
    }

    /** @return array{int, Amount} as much as is left */
    private static function within(int $sets, Amount $amount, int $left): array
    {
        if ($amount->measure === Measure::TotalReps) {
            return [$sets, $amount->atMost($left)];
        }
        $sets = $amount->low * $sets <= $left ? $sets : min($sets, (int) ceil($left / $amount->high));

        return [$sets, $amount->atMost(max(1, intdiv($left, $sets)))];
    }

    private function beside(AskedLine $asked, Accessory $accessory): Block|string
    {
        $line = $asked->line;
        if (! $accessory->isWithin($this->context->ways->limits())) {
            return sprintf('%s left out: the screen says %s.', $accessory->words(), $accessory->hangs() ? 'no hanging' : 'no overhead');
        }
        $accessory = $line->part === SessionPart::Trunk && $asked->change?->instead === null ? $this->trunk($accessory) : $accessory;
        $last = $this->context->diary->lastBeside($accessory);

        return new Block($line->part, $accessory, $line->sets, $line->amount, $line->restS, $line->toFailure, $line->isPerSide, $line->tempo, $line->group, cues: $accessory->cues(), cautions: Watch::of($accessory, $line->amount->high),
            note: $last === null ? null : "Last time {$last->inWords()}".(($next = $last->next($line->amount)) === null ? '' : "; $next").'.', line: $asked->key(), byHand: $asked->change, school: $asked->change === null ? null : $asked->school?->words());
    }

    /** The next of the trunk ladder after the hardest that was held for its minute. */
    private function trunk(Accessory $asked): Accessory
    {
        $ladder = Accessory::trunkLadder();
        $at = array_search($asked, $ladder, true);
        foreach ($at === false ? [] : $ladder as $i => $rung) {
            $last = $this->context->diary->lastBeside($rung);
            $at = $last !== null && $last->seconds >= self::REACHED_TRUNK_S ? max($at, min($i + 1, count($ladder) - 1)) : $at;
        }

        return $at === false ? $asked : $ladder[$at];
    }

    /** @return list<string> two, those that answer this athlete's faults first */
    private function cues(Rung $rung, Practice $practice): array
    {
        $faults = $this->context->diary->faults($this->context->today, static fn (Done $d): bool => $d->kind === $rung->exercise->setup->kind());
        $cues = array_values(array_unique([...array_map(static fn (FormFault $f): string => $f->cue(), $faults), ...$practice->cues]));

        return array_slice($cues, 0, self::CUES);
    }

    private function stopped(Block $block, ?Refusal $refused): ?string
    {
        return $refused?->stopsVertical() === true && ($block->part !== SessionPart::WarmUp && self::isHard($block) || $block->lowerings() > 0)
            ? sprintf('%s left out today.', $block->words())
            : null;
    }

    private static function isHard(Block $block): bool
    {
        $rung = $block->rung();

        return $rung !== null && $block->part !== SessionPart::WarmUp && $rung->exercise->setup->kind()->lane() === Lane::Pull
            && ! $rung->exercise->style->isStraightArmed();
    }

    /** @return list<string> */
    private function notesOfPlace(): array
    {
        $away = $this->context->daysAway();
        $stage = $this->course->now->stage;

        return array_values(array_filter([
            $away >= Comeback::AWAY_DAYS ? sprintf('%d days away: nothing harder than last time in this session.', $away) : null,
            $this->context->isSore() ? sprintf('Sore, %d of 5: fewer sets, more help, no lowering and no test.', $this->context->diary->soreness($this->context->today)) : null,
            $this->builder()->idea ?? $stage->note,
            MissingHang::lacksHang($this->context, $this->course),
            $this->context->isClimber ? Caution::ClimbersLoad->text() : null,
            $this->course->passed === [] ? null : sprintf('Nothing fits for: %s. The method goes on after it.', implode(', ', array_map(static fn (Stage $s): string => lcfirst($s->name), $this->course->passed))),
        ]));
    }

    private function whatToGet(Prescription $line): string
    {
        return match ($line->allowed === [] ? ChoiceKind::Strict : $line->allowed[0]->kind) {
            ChoiceKind::Row => 'Rings on an anchor, or a bar in a rack at hip height, would do.',
            ChoiceKind::Band => 'A loop band that takes off more, or a higher bar, would do.',
            ChoiceKind::Foot, ChoiceKind::Hop => 'A box under a bar would do.',
            ChoiceKind::LowBar => 'A bar that is reached sitting on the floor would do.',
            ChoiceKind::PullDown, ChoiceKind::BandPullDown => 'A band on an anchor overhead would do.',
            ChoiceKind::Counterweight => 'A counterweight machine, or bands, would do.',
            ChoiceKind::Strict, ChoiceKind::Added => 'More help first: the strength is not there yet.',
        };
    }

    /**
     * @param  list<Block>  $blocks
     * @return list<string>
     */
    private function gear(array $blocks): array
    {
        $ids = array_merge([], ...array_map(static fn (Block $b): array => [...array_values($b->rung()?->exercise->setup->pieces() ?? []), ...($b->rung()?->exercise->setup->bandIds() ?? [])], $blocks));

        return $this->context->ways->kit()->names(array_values(array_unique($ids)));
    }

    /** @return list<string> */
    private static function mobility(): array
    {
        return array_map(static fn (Mobility $m): string => sprintf('%s, %s: %s', $m->name(), $m->dose(), $m->cue()), Mobility::cases());
    }
}
