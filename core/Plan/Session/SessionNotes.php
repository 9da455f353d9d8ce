<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Method\Builders\Builder;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\Stage;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\PushAndPull;
use SteadyRung\Plan\Diary\ToldReserve;
use SteadyRung\Plan\Session\Strict\BuilderOver;
use SteadyRung\Plan\Weeks\Comeback;
use SteadyRung\Safety\Caution;
use SteadyRung\Safety\Mobility;

/**
 * What a session says beside its lines.
 */
final readonly class SessionNotes
{
    public function __construct(private AthleteContext $context, private Course $course, private ?Builder $builder)
    {
    }

    /** @return list<string> */
    public function ofPlace(): array
    {
        $away = $this->context->daysAway();
        $stage = $this->course->now->stage;
        $over = BuilderOver::of($this->context);

        return array_values(array_filter([
            $away >= Comeback::AWAY_DAYS ? sprintf('%d days away: nothing harder than last time in this session.', $away) : null,
            $this->context->isSore()
                ? sprintf(
                    'Sore, %d of 5: fewer sets, more help, no lowering and no test.',
                    $this->context->diary->soreness($this->context->today),
                )
                : null,
            ! $this->context->isSore() && $this->context->hasFallenOff()
                ? 'Two hard sessions far under what was foretold: fewer sets, more help, no lowering and no test.'
                : null,
            $this->builder->idea ?? $stage->note,
            $this->builder?->saysIn($this->context->builders->weeksInto($this->context->today)),
            $over === null ? null : $over->words().($over->isTested ? " $over->next" : ' A fresh test ends it.'),
            BeforeHanging::lacks($this->context, $this->course),
            AlsoAsked::lacks($this->context, $this->course),
            $this->course->awaits(),
            $this->pushAndPull(),
            ToldReserve::of(
                $this->context->diary,
                $this->context->estimates->fall(Pattern::Pull),
                $this->context->today,
            )?->words(),
            $this->kipping(),
            $this->context->isClimber ? Caution::ClimbersLoad->text() : null,
            $this->course->passed === []
                ? null
                : sprintf(
                    'Nothing fits for: %s. The method goes on after it.',
                    implode(', ', array_map(static fn (Stage $s): string => lcfirst($s->name), $this->course->passed)),
                ),
        ]));
    }

    /** To climbers, and where the stage has its push. */
    private function pushAndPull(): ?string
    {
        $hasPush = array_filter($this->course->now->stage->lines, static fn (Prescription $p): bool => $p->accessory?->isPush() === true) !== [];

        return $hasPush || $this->context->isClimber ? PushAndPull::of($this->context->diary, $this->context->today)?->words() : null;
    }

    /** Said where strict reps come into reach. */
    private function kipping(): ?string
    {
        $most = $this->context->mostStrict();

        return match (true) {
            $most === 0 => null,
            $this->context->rules->says(HouseRule::Kipping, 'never') => 'No kipping here.',
            $most < HouseRules::STRICT_BEFORE_KIPPING => sprintf(
                'No kipping before %d clean strict reps; the most logged is %d.',
                HouseRules::STRICT_BEFORE_KIPPING,
                $most,
            ),
            default => null,
        };
    }

    public static function whatToGet(Prescription $line): string
    {
        return ($line->allowed[0]->kind ?? ChoiceKind::Strict)->wouldDo();
    }

    /** @return list<string> */
    public static function mobility(): array
    {
        return array_map(static fn (Mobility $m): string => sprintf('%s, %s: %s', $m->name(), $m->dose(), $m->cue()), Mobility::cases());
    }
}
