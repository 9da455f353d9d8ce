<?php

declare(strict_types=1);

namespace SteadyRung\Plan;

use SteadyRung\Exercise\ChoiceKind;
use SteadyRung\Exercise\Movement;
use SteadyRung\Exercise\Rung;
use SteadyRung\Method\HouseRule;
use SteadyRung\Method\Means;
use SteadyRung\Method\Part;
use SteadyRung\Method\Prescription;
use SteadyRung\Strength\StrictTry;

/**
 * Picks, of the means a line allows, the hardest rung that its least count is likely on.
 */
final readonly class Pick
{
    /** What can stand in for each other at about the same share. */
    public const HELPING = [ChoiceKind::Band, ChoiceKind::Foot, ChoiceKind::LowBar, ChoiceKind::Counterweight, ChoiceKind::PullDown, ChoiceKind::BandPullDown];

    private const LIKELY = 0.8;

    /** Nobody feels less than this, in carried share. */
    private const AS_HARD = 0.03;

    /** A warm-up leaves so many reps. */
    private const WARM_UP_RESERVE = 5;

    /** So many reps more than asked are a set wasted. */
    private const SPARE = 5;

    public function __construct(private Brief $brief)
    {
    }

    /** None where no means is allowed, built and fitting; of several the first, unless the gear makes it too easy and a later one is harder. */
    public function of(Prescription $line): ?Rung
    {
        $easiest = $best = null;
        foreach ($this->allowed($line) as $means) {
            $rungs = $this->rungs($means);
            $likely = $this->hardestLikely($line, $means, $rungs);
            $best = $best === null || ($likely !== null && $likely->share() > $best->share()) ? $likely : $best;
            if ($best !== null && ! $this->isTooEasy($line, $best)) {
                return $best;
            }
            $easiest = $rungs !== [] && $means->kind !== ChoiceKind::Strict && $means->movement !== Movement::Lowering ? $rungs[0] : $easiest;
        }

        return $best ?? $easiest;
    }

    /** Whether it would leave far more than it asks: the next means is looked at where this gear has nothing harder. */
    private function isTooEasy(Prescription $line, Rung $rung): bool
    {
        return $line->part === Part::Main && $this->brief->belief($rung)->onRung($rung)?->chanceOf((float) ($line->amount->high + self::SPARE)) >= self::LIKELY;
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
        $means = $this->allowed($line);
        if (! $than->exercise->manner->movement->isTimed()) {
            $stands = array_filter(self::HELPING, static fn (ChoiceKind $k): bool => $k->lane() === $lane);
            $means = [...$means, ...array_map(static fn (ChoiceKind $k): Means => Means::of($k), array_values($stands))];
        }
        $others = [];
        foreach ($this->allowedOf($means) as $one) {
            foreach ($this->rungs($one) as $rung) {
                if ($rung->key() !== $than->key()) {
                    $others[$rung->key()] = $rung;
                }
            }
        }

        return self::nearestFirst($others, $than);
    }

    /**
     * By carried share.
     *
     * @param  array<Rung>  $rungs
     * @return list<Rung>
     */
    public static function nearestFirst(array $rungs, Rung $to): array
    {
        usort($rungs, static fn (Rung $a, Rung $b): int => [abs($a->share() - $to->share()), $a->name] <=> [abs($b->share() - $to->share()), $b->name]);

        return $rungs;
    }

    /** @return list<Means> that the house does with */
    public function allowed(Prescription $line): array
    {
        return $this->allowedOf($line->means);
    }

    /**
     * @param  list<Means>  $means
     * @return list<Means>
     */
    private function allowedOf(array $means): array
    {
        $rules = $this->brief->rules;

        return array_values(array_filter($means, static fn (Means $m): bool => ($m->kind !== ChoiceKind::Band || $rules->allowsBands()) && $rules->allowsGrip($m->grip)
            && ($m->movement !== Movement::Lowering || $rules->loweringDays() > 0)
            && (! in_array($m->kind, [ChoiceKind::Counterweight, ChoiceKind::PullDown], true) || ! $rules->says(HouseRule::Machines, 'not-used'))));
    }

    /**
     * Those one can stand on; where the help is only known as an interval, those that no caution speaks against.
     *
     * @return list<Rung>
     */
    public function rungs(Means $means): array
    {
        $rungs = $this->brief->ways->rungs($means);
        $sure = array_values(array_filter($rungs, static fn (Rung $r): bool => $r->holds()));

        return $sure === [] ? array_values(array_filter($rungs, static fn (Rung $r): bool => ! $r->load->isCautioned())) : $sure;
    }

    /**
     * The hardest that is likely; of those hardly easier the one of the fewest pieces.
     *
     * @param  list<Rung>  $rungs from the easiest
     */
    private function hardestLikely(Prescription $line, Means $means, array $rungs): ?Rung
    {
        $low = 0;
        $high = count($rungs);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $this->isLikely($line, $means, $rungs[$middle]) ? $low = $middle + 1 : $high = $middle;
        }
        $hardest = $rungs[$low - 1] ?? null;
        $as = $hardest === null ? [] : array_filter(array_slice($rungs, 0, $low), static fn (Rung $r): bool => $hardest->share() - $r->share() <= self::AS_HARD);
        usort($as, static fn (Rung $a, Rung $b): int => [self::pieces($a), -$a->share()] <=> [self::pieces($b), -$b->share()]);

        return $as[0] ?? null;
    }

    /** How much there is to set up. */
    private static function pieces(Rung $rung): int
    {
        return count($rung->exercise->setup->bandIds()) + count(array_filter([$rung->exercise->setup->pieces()['box'] ?? '', $rung->exercise->setup->pieces()['footing'] ?? '']));
    }

    private function isLikely(Prescription $line, Means $means, Rung $rung): bool
    {
        if ($means->isStraightArmed()) {
            return true;
        }
        $belief = $this->brief->belief($rung);
        $seconds = $belief->secondsOn($rung);
        $reserve = $line->part === Part::WarmUp ? self::WARM_UP_RESERVE : $this->brief->rules->reserve();

        return match (true) {
            $means->movement === Movement::Lowering => $seconds?->isControlled() === true,
            $means->movement === Movement::Hold => $seconds !== null && $seconds->chanceOf((float) $line->amount->low) >= self::LIKELY,
            $line->amount->low === 1 => StrictTry::isWorthIt((float) $belief->onRung($rung)?->chanceOf(1.0)),
            default => $belief->onRung($rung)?->chanceOf((float) ($line->amount->low + $reserve)) >= self::LIKELY,
        };
    }
}
