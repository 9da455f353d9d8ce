<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Builders\Builder;
use SteadyRung\Method\GripTier;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\SessionPart;
use SteadyRung\Method\Stage;
use SteadyRung\Method\StageKind;
use SteadyRung\Plan\Context\AskedLine;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Session\Strict\StrictSets;

/**
 * What a stage asks of a session, as the house, the builder chosen and the coach's changes have it.
 */
final readonly class StageLines
{
    public function __construct(private AthleteContext $context, private Course $course)
    {
    }

    /** @return list<AskedLine> of the stage, as the coach changed them */
    public function asked(): array
    {
        return $this->context->hand->on($this->linesOfStage(), $this->context->diary, $this->context->today);
    }

    /** What stands in the place of the main work of a strict stage. */
    public function builder(): ?Builder
    {
        return $this->course->now->stage->kind() === StageKind::Strict
            ? $this->context->builders->on(
                $this->context->today,
                $this->context->rules,
                $this->context->mostStrict(),
                $this->context->diary->isNewcomer($this->context->today),
            )
            : null;
    }

    /**
     * @return list<Prescription> strict sets before them once there are strict reps, grip work added where the next stage hangs and asks
     * for it
     */
    private function linesOfStage(): array
    {
        $stage = $this->course->now->stage;
        $lines = $this->builder()?->in($stage->lines) ?? StrictSets::before($stage->lines, $this->context);
        if (
            BeforeHanging::lacksHang($this->context, $this->course) !== null
            && array_filter($lines, static fn (Prescription $p): bool => $p->allowed !== [] && $p->allowed[0]->isGripWork()) === []
        ) {
            $lines[] = Prescription::of(
                SessionPart::Accessory,
                [AllowedExercises::of(ChoiceKind::Strict, Movement::Hold, HoldAt::Hang, (float) $this->context->rules->hangFirstS())],
                2,
                GripTier::next($this->context->diary->longestHangS()),
                90,
            );
        }
        if (
            BeforeHanging::lacksTrunk($this->context, $this->course) !== null
            && array_filter($lines, static fn (Prescription $p): bool => $p->part === SessionPart::Trunk) === []
        ) {
            $lines[] = Prescription::of(
                SessionPart::Trunk,
                Accessory::Plank,
                2,
                Amount::of(Measure::Seconds, Accessory::TRUNK_S),
                Accessory::TRUNK_S,
            );
        }

        return $this->context->rules->says(HouseRule::Trunk, 'later')
            ? array_values(array_filter($lines, static fn (Prescription $p): bool => $p->part !== SessionPart::Trunk))
            : $lines;
    }

    /**
     * Pulling first, fresh, unless the house goes by the plan of the method.
     *
     * @param  list<Block|AskedLine>  $lines
     * @return list<Block|AskedLine>
     */
    public static function inOrder(array $lines, HouseRules $rules): array
    {
        if ($rules->says(HouseRule::PullFirst, 'by-plan')) {
            return $lines;
        }
        $order = array_flip(array_map(static fn (SessionPart $p): string => $p->value, SessionPart::cases()));
        usort($lines, static fn (Block|AskedLine $a, Block|AskedLine $b): int => $order[$a->part->value] <=> $order[$b->part->value]);

        return $lines;
    }
}
