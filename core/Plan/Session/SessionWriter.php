<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Method\SessionPart;
use SteadyRung\Method\Stage;
use SteadyRung\Plan\Context\AskedLine;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\Refusal;
use SteadyRung\Plan\Context\RefusalCode;
use SteadyRung\Plan\Session\Strict\FreshTry;
use SteadyRung\Safety\Caps;

/**
 * Writes the next session: the lines of the stage on this gym's gear, within the screen's limits, the house rules and the caps.
 */
final readonly class SessionWriter
{
    private StageLines $lines;

    private function __construct(private AthleteContext $context, private Course $course)
    {
        $this->lines = new StageLines($context, $course);
    }

    public static function write(AthleteContext $context): Session
    {
        return (new self($context, Course::of($context)))->session();
    }

    /** @return list<AskedLine> what the stage asks, as the coach changed it */
    public static function asked(AthleteContext $context): array
    {
        return (new StageLines($context, Course::of($context)))->asked();
    }

    private function session(): Session
    {
        $refused = Refusal::of($this->context);
        if ($refused?->stopsAll() === true) {
            return new Session(
                $this->course->now,
                [],
                [],
                $refused->code === RefusalCode::Screen ? SessionNotes::mobility() : [],
                $refused,
            );
        }
        $asked = $this->lines->asked();
        [$blocks, $notes] = $this->blocks($refused, $asked);
        $work = $this->course->now->stage->work();
        if ($this->course->now->rung === null && $refused === null) {
            $refused = Refusal::nothingFits((new Pick($this->context))->allowed($work) === []
                ? sprintf('The house rules leave nothing for %s. Another stage or method goes on without it.', lcfirst($work->words()))
                : sprintf('Nothing in this kit fits for %s. %s', lcfirst($work->words()), SessionNotes::whatToGet($work)));
        }
        $ofPlace = (new SessionNotes($this->context, $this->course, $this->lines->builder()))->ofPlace();

        return new Session($this->course->now, $blocks, $this->gear($blocks), [...$ofPlace, ...$notes], $refused, $asked);
    }

    /**
     * @param  list<AskedLine>  $asked
     * @return array{list<Block>, list<string>}
     */
    private function blocks(?Refusal $refused, array $asked): array
    {
        $blocks = $notes = [];
        $lowered = 0;
        $caps = $this->context->caps();
        $writer = new LineWriter($this->context, $this->course, $caps, $this->lines->builder());
        $hard = new HardSets($this->context, $caps);
        foreach (
            StageLines::inOrder(
                [...FreshTry::blocks($this->context, $this->course, $refused), ...$asked],
                $this->context->rules,
            ) as $line
        ) {
            $block = $line instanceof Block ? $line : $writer->write($line, $lowered);
            $stopped = $block instanceof Block ? $this->stopped($block, $refused) ?? self::twice($block, $blocks) : null;
            if (! $block instanceof Block || $stopped !== null) {
                $notes[] = $stopped ?? (is_string($block) ? $block : null);

                continue;
            }
            $isWork = $line instanceof AskedLine && $line->school === $this->course->now->stage->work();
            $trial = $isWork && $refused === null && $line->change === null ? Trial::block($this->context, $this->course) : null;
            [$trial] = $trial === null ? [null] : $hard->within($trial);
            [$block, $notes[]] = $hard->within($block);
            if ($block !== null) {
                $lowered += $block->lowerings();
                array_push($blocks, ...($trial === null ? [] : [$trial]));
                $blocks[] = $block;
                $mixed = $isWork ? $writer->mixed($block) : null;
                [$mixed] = $mixed === null ? [null] : $hard->within($mixed);
                array_push($blocks, ...($mixed === null ? [] : [$mixed]));
            }
        }

        return [$blocks, array_values(array_unique(array_filter($notes, static fn (?string $note): bool => $note !== null)))];
    }

    /**
     * Nothing stands twice in a session: a warm-up and a test lead to the work, whatever comes after it on the same set-up is more of it.
     *
     * @param  list<Block>  $before
     */
    private static function twice(Block $block, array $before): ?string
    {
        $isAgain = $block->byHand === null && array_filter(
            $before,
            static fn (Block $b): bool => $b->part !== SessionPart::WarmUp
                && $b->purpose === null
                && ($b->rung()?->key() ?? $b->words()) === ($block->rung()?->key() ?? $block->words()),
        ) !== [];

        return $isAgain ? sprintf('%s stands once: more of it is left out.', $block->words()) : null;
    }

    private function stopped(Block $block, ?Refusal $refused): ?string
    {
        return $refused?->stopsVertical() === true
            && ($block->part !== SessionPart::WarmUp && HardSets::isHard($block) || $block->lowerings() > 0)
            ? sprintf('%s left out today.', $block->words())
            : null;
    }

    /**
     * @param  list<Block>  $blocks
     * @return list<string>
     */
    private function gear(array $blocks): array
    {
        $ids = array_merge(
            [],
            ...array_map(
                static fn (Block $b): array => [
                    ...array_values($b->rung()?->exercise->setup->pieces() ?? []),
                    ...($b->rung()?->exercise->setup->bandIds() ?? []),
                ],
                $blocks,
            ),
        );

        return $this->context->ways->kit()->names(array_values(array_unique($ids)));
    }
}
