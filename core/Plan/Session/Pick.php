<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Exercise\Choices\Arrangement;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Ladder\Steps;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\House\HouseMeans;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Diary\StickingPoint;
use SteadyRung\Plan\Session\Line\HeldSeconds;
use SteadyRung\Strength\StrictTry;

/**
 * Picks, of the means a line allows, the hardest rung that its least count is likely on.
 */
final readonly class Pick
{
    public const LIKELY = 0.8;

    /** One rep less than asked, as likely as this, lets somebody come back to a rung (prototypes). */
    public const LIKELY_AGAIN = 0.85;

    /** Nobody feels less than this, in carried share. */
    private const AS_HARD = 0.03;

    private const SAME_SHARE = 1e-6;

    /** A warm-up leaves so many reps. */
    private const WARM_UP_RESERVE = 5;

    /** So many reps more than asked are a set wasted. */
    private const SPARE = 5;

    private HouseMeans $house;

    public function __construct(private AthleteContext $context)
    {
        $this->house = new HouseMeans($context->rules);
    }

    /**
     * None where no means is allowed, built and fitting; of several the first, unless the gear makes it too easy and a later one is harder.
     * Where none is likely, one with more help than the line means; else the easiest there is.
     */
    public function of(Prescription $line): ?Rung
    {
        $allowed = $this->allowed($line);

        return $this->likely($line, $allowed)
            ?? $this->byLegs($allowed)
            ?? $this->likely(
                $line,
                array_map(
                    static fn (AllowedExercises $m): AllowedExercises => $m->fromNothing(),
                    array_values(array_filter($allowed, self::isHelp(...))),
                ),
            )
            ?? $this->easiest($allowed);
    }

    /**
     * Where the legs help first, the most of their help: it can be done at any strength.
     *
     * @param  list<AllowedExercises>  $allowed
     */
    private function byLegs(array $allowed): ?Rung
    {
        $first = $allowed[0] ?? null;

        return $first !== null && $first->kind->isByLegs() && $first->movement === Movement::Full ? $this->easiest([$first]) : null;
    }

    /** Whether there is anything of a line, though nobody may be strong enough for it yet. */
    public function isBuilt(Prescription $line): bool
    {
        return array_filter($this->allowed($line), fn (AllowedExercises $m): bool => $this->rungs($m) !== []) !== [];
    }

    /** @param  list<AllowedExercises>  $allowed */
    private function likely(Prescription $line, array $allowed): ?Rung
    {
        $best = null;
        foreach ($allowed as $one) {
            $rungs = $this->rungs($one);
            $likely = $this->hardestLikely($line, $one, self::begunOn($one, $rungs));
            $best = $best === null || ($likely !== null && $likely->share() > $best->share()) ? $likely : $best;
            if ($best !== null && ! $this->comparesAll($line) && ! $this->isTooEasy($line, $best)) {
                return $best;
            }
        }

        return $best;
    }

    /**
     * Where weights lie in the lap one begins with the lightest, however strong.
     *
     * @param  list<Rung>  $rungs
     * @return list<Rung>
     */
    private static function begunOn(AllowedExercises $allowed, array $rungs): array
    {
        return $allowed->arranged === Arrangement::WeightInLap ? array_slice($rungs, 0, 1) : $rungs;
    }

    /** Where machines are as good as any, no means comes before another. */
    private function comparesAll(Prescription $line): bool
    {
        return $line->part === SessionPart::Main && $this->context->rules->says(HouseRule::Machines, 'full');
    }

    /** @param  list<AllowedExercises>  $allowed */
    private function easiest(array $allowed): ?Rung
    {
        $rungs = array_merge([], ...array_map($this->rungs(...), array_values(array_filter($allowed, self::isHelp(...)))));

        return array_reduce(
            $rungs,
            static fn (?Rung $easiest, Rung $r): Rung => $easiest === null || $r->load->effectiveShare() < $easiest->load->effectiveShare()
                ? $r
                : $easiest,
        );
    }

    /** Whether the gear can make it easier: the unassisted pull and the way down are as hard as they are. */
    private static function isHelp(AllowedExercises $allowed): bool
    {
        return $allowed->kind !== ChoiceKind::Strict && $allowed->movement !== Movement::Lowering;
    }

    /**
     * The hardest of a line's rungs that is no harder than one, done as it is, and likely again; the easiest of them where none is.
     */
    public function noHarder(Prescription $line, Rung $than): Rung
    {
        $easier = $this->hardestFirst(
            $line,
            $than,
            static fn (Rung $r): bool => $r->load->effectiveShare() <= $than->load->effectiveShare() + self::SAME_SHARE,
        );
        foreach ([$than, ...$easier] as $rung) {
            if ($this->isLikelyAgain($line, $rung)) {
                return $rung;
            }
        }

        return $easier === [] ? $than : $easier[count($easier) - 1];
    }

    /** The hardest of a line's rungs that is felt to be easier than one, done as it is, and likely again; none where none is. */
    public function easier(Prescription $line, Rung $than): ?Rung
    {
        $easier = $this->hardestFirst(
            $line,
            $than,
            static fn (Rung $r): bool => $than->share() - $r->share() >= Steps::SMALLEST
                && $than->load->effectiveShare() > $r->load->effectiveShare(),
        );
        foreach ($easier as $rung) {
            if ($this->isLikelyAgain($line, $rung)) {
                return $rung;
            }
        }

        return null;
    }

    /**
     * Those of a line's rungs that are done as one is, and of which something holds.
     *
     * @param  \Closure(Rung): bool  $holds
     * @return list<Rung>
     */
    private function hardestFirst(Prescription $line, Rung $as, \Closure $holds): array
    {
        $rungs = array_filter(
            array_merge([], ...array_map($this->rungs(...), $this->allowed($line))),
            static fn (Rung $r): bool => $r->exercise->style->movement === $as->exercise->style->movement && $holds($r),
        );
        usort(
            $rungs,
            static fn (Rung $a, Rung $b): int => [$b->load->effectiveShare(), $a->name] <=> [$a->load->effectiveShare(), $b->name],
        );

        return $rungs;
    }

    private function isLikelyAgain(Prescription $line, Rung $rung): bool
    {
        $estimate = $this->context->estimate($rung);
        $chance = $estimate->onRung($rung)?->chanceOf((float) max(1, $line->amount->low - 1))
            ?? $estimate->secondsOn($rung)?->chanceOf((float) $rung->exercise->style->seconds)
            ?? 1.0;

        return $chance >= self::LIKELY_AGAIN;
    }

    /** Whether it would leave far more than it asks: the next means is looked at where this gear has nothing harder. */
    private function isTooEasy(Prescription $line, Rung $rung): bool
    {
        return $line->part === SessionPart::Main
            && $this->context->estimate($rung)->onRung($rung)?->chanceOf((float) ($line->amount->high + self::SPARE)) >= self::LIKELY;
    }

    /**
     * What could be done in the place of a line of a session, nearest in carried share first.
     *
     * @return list<Rung>
     */
    public function insteadOf(string $line, Session $session): array
    {
        $asked = $session->asked($line);
        $rung = $session->block($line)?->rung();

        return $asked === null || $rung === null ? [] : $this->others($asked->school ?? $asked->line, $rung);
    }

    /**
     * What else could be done in a line's place: its other means, what stands in for it in its lane, and its neighbours; the nearest in
     * carried share first.
     *
     * @return list<Rung>
     */
    public function others(Prescription $line, Rung $than): array
    {
        $lane = $than->exercise->setup->kind()->lane();
        $allowed = $line->allowed;
        if (! $than->exercise->style->movement->isTimed()) {
            $allowed = [
                ...$allowed,
                ...array_map(static fn (ChoiceKind $k): AllowedExercises => AllowedExercises::of($k), ChoiceKind::helping($lane)),
            ];
        }
        $others = [];
        foreach ($this->ofHouse($allowed, $line) as $one) {
            foreach ($this->rungs($one) as $rung) {
                if ($rung->key() !== $than->key()) {
                    $others[$rung->key()] = $rung;
                }
            }
        }

        return self::nearestFirst($others, $than);
    }

    /** Whether the house does a line's work on it. */
    public function isDone(Rung $rung, Prescription $line): bool
    {
        return $this->house->allows($rung, $line->part);
    }

    /** Where a rung leads; past a step that the house does not do, the next of the line's own rungs. */
    public function steps(Rung $now, Prescription $line): Steps
    {
        $steps = $this->context->ways->steps($now, $this->context->estimate($now));
        [$isUp, $isDown] = [
            $steps->up === null || $this->isDone($steps->up, $line),
            $steps->down === null || $this->isDone($steps->down, $line),
        ];
        if ($isUp && $isDown) {
            return $steps;
        }
        $own = array_merge([], ...array_map($this->rungs(...), $this->allowed($line)));

        return new Steps($now, $isUp ? $steps->up : Steps::nearestUp($now, $own), $isDown ? $steps->down : Steps::nearestDown($now, $own));
    }

    /**
     * By carried share.
     *
     * @param  array<Rung>  $rungs
     * @return list<Rung>
     */
    public static function nearestFirst(array $rungs, Rung $to): array
    {
        usort(
            $rungs,
            static fn (Rung $a, Rung $b): int => [abs($a->share() - $to->share()), $a->name]
                <=> [abs($b->share() - $to->share()), $b->name],
        );

        return $rungs;
    }

    /** @return list<AllowedExercises> that the house does with */
    public function allowed(Prescription $line): array
    {
        return $this->ofHouse($line->allowed, $line);
    }

    /**
     * Strict work begins under the bar where the house says so, until its top count is likely there: then the pull-up.
     *
     * @param  list<AllowedExercises>  $allowed  of a line, or of more in its place
     * @return list<AllowedExercises> that the house does with
     */
    private function ofHouse(array $allowed, Prescription $line): array
    {
        $done = $this->house->of($allowed, $line->part);
        $pulls = array_filter(
            $done,
            static fn (AllowedExercises $m): bool => $m->kind === ChoiceKind::Strict
                && $m->movement === Movement::Full
                && $m->grip === Grip::Over,
        );
        if ($pulls === [] || $line->part !== SessionPart::Main || ! $this->context->rules->says(HouseRule::ChinGrip, 'chin-first')) {
            return $done;
        }
        $chin = AllowedExercises::of(ChoiceKind::Strict, grip: Grip::Under);
        $rung = $this->rungs($chin)[0] ?? null;
        $isLeftBehind = $rung === null
            || $this->context->estimate($rung)->onRung($rung)?->chanceOf((float) $line->amount->high) >= self::LIKELY;

        return $isLeftBehind ? $done : [$chin, ...$done];
    }

    /**
     * Those one can stand on; where the help is only known as an interval, those that no caution speaks against.
     *
     * @return list<Rung>
     */
    public function rungs(AllowedExercises $allowed): array
    {
        $rungs = array_values(array_filter($this->context->ways->rungs($allowed), fn (Rung $r): bool => $this->house->allows($r)));
        $sure = array_values(array_filter($rungs, static fn (Rung $r): bool => $r->holds()));

        return $sure === [] ? array_values(array_filter($rungs, static fn (Rung $r): bool => ! $r->load->isCautioned())) : $sure;
    }

    /**
     * The hardest that is likely; of those hardly easier the one of the fewest pieces.
     *
     * @param  list<Rung>  $rungs from the easiest
     */
    private function hardestLikely(Prescription $line, AllowedExercises $allowed, array $rungs): ?Rung
    {
        $low = 0;
        $high = count($rungs);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->isLikely($line, $allowed, $rungs[$middle]) ? $low = $middle + 1 : $high = $middle;
        }
        $hardest = $rungs[$low - 1] ?? null;
        $as = $hardest === null
            ? []
            : array_filter(array_slice($rungs, 0, $low), static fn (Rung $r): bool => $hardest->share() - $r->share() <= self::AS_HARD);
        $shape = $this->shape($allowed);
        usort($as, static fn (Rung $a, Rung $b): int => [$shape($a), self::pieces($a), -$a->share()] <=> [$shape($b), self::pieces($b), -$b->share()]);

        return $as[0] ?? null;
    }

    /**
     * Of rungs hardly easier or harder what comes first by its shape: the help where the pull fails while reps are built, away from there
     * in a part of the way; nothing where nobody told where it fails.
     *
     * @return \Closure(Rung): float
     */
    private function shape(AllowedExercises $allowed): \Closure
    {
        $sticks = $allowed->kind->lane() === Lane::Pull ? StickingPoint::of($this->context->diary, $this->context->today) : null;
        $sign = $allowed->movement === Movement::Full ? 1.0 : -1.0;

        return static fn (Rung $rung): float => $sticks === null ? 0.0 : $sign * round($sticks->carries($rung), 2);
    }

    /** How much there is to set up. */
    private static function pieces(Rung $rung): int
    {
        return count($rung->exercise->setup->bandIds()) + count(array_filter([
            $rung->exercise->setup->pieces()['box'] ?? '',
            $rung->exercise->setup->pieces()['footing'] ?? '',
        ]));
    }

    private function isLikely(Prescription $line, AllowedExercises $allowed, Rung $rung): bool
    {
        if ($allowed->isStraightArmed()) {
            return true;
        }
        $estimate = $this->context->estimate($rung);
        $seconds = $estimate->secondsOn($rung);
        $reserve = $line->part === SessionPart::WarmUp ? self::WARM_UP_RESERVE : $this->context->rules->reserve();

        return match (true) {
            $allowed->movement === Movement::Lowering => $seconds?->isControlled() === true,
            $allowed->movement === Movement::Hold => $seconds !== null && $seconds->chanceOf((float) HeldSeconds::LEAST_S) >= self::LIKELY,
            $line->amount->low === 1 && $rung->exercise->isStrictPull() => StrictTry::isWorthIt(
                (float) $estimate->onRung($rung)?->chanceOf(1.0),
            ),
            default => $estimate->onRung($rung)?->chanceOf((float) ($line->amount->low + $reserve)) >= self::LIKELY,
        };
    }
}
