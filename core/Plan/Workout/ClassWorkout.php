<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Workout;

use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Rung;
use SteadyRung\Method\Variation;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\Refusal;
use SteadyRung\Plan\Context\RefusalCode;
use SteadyRung\Plan\Session\Pick;

/**
 * A class workout for everybody who comes: each on the hardest variation and set-up that the task can be done on in sets of the wanted
 * length, within the caps, and on gear that is not in another set-up of the class; up to three at one piece take turns.
 */
final class ClassWorkout
{
    /** Three take turns at one piece: two rest while one works (common practice). */
    private const MOST_ON_ONE = 3;

    /** What suits sets of so many suits shorter ones too. */
    private const FEW = 5;

    /** In carried share: less is no reason for a second band (ours). */
    private const AS_HARD = 0.06;

    /** @var array<string, array{string, int}> of each piece in use: how it is set up, and by how many */
    private array $taken = [];

    /** @param  list<Variation>  $variations */
    public function __construct(private readonly Task $task, private readonly int $set, private readonly array $variations)
    {
    }

    /** The next athlete's part, on gear that those before have left. */
    public function add(AthleteContext $context): Part
    {
        $refused = Refusal::of($context);
        if ($refused !== null && ($refused->stopsAll() || $refused->code === RefusalCode::Baselines)) {
            return Part::none($refused->text);
        }
        $mayHang = $refused?->stopsVertical() !== true && ! $context->isSore();
        $instead = $mayHang ? [] : ['Rows and pull-downs only: '.self::why($context, $refused)];
        foreach ([[$this->task, []], [$this->task->half(), ['Half of each round: the whole is not likely yet.']]] as [$task, $half]) {
            $notes = [...$instead, ...$half];
            $part = $this->part($context, $task, $mayHang, $notes === [] ? null : implode(' ', $notes));
            if ($part !== null) {
                return $part;
            }
        }

        return Part::none('Nothing in this kit is free and likely for this task.');
    }

    private static function why(AthleteContext $context, ?Refusal $refused): string
    {
        return $context->isSore() ? 'sore.' : lcfirst($refused->text ?? '');
    }

    private function part(AthleteContext $context, Task $task, bool $mayHang, ?string $note): ?Part
    {
        $set = min($this->set, max($task->rounds));
        $suiting = array_filter(
            $this->variations,
            static fn (Variation $v): bool => $v->suits(max(self::FEW, $set)) && ! $v->line($set)->isLowering(),
        );
        usort(
            $suiting,
            static fn (Variation $a, Variation $b): int => [$a->accessory !== null, $a->reps] <=> [$b->accessory !== null, $b->reps],
        );
        foreach ($suiting as $variation) {
            if ($variation->accessory !== null) {
                if ($variation->accessory->isWithin($context->ways->limits())) {
                    return Part::on($variation, null, Split::unforetold($task, $set), $note);
                }

                continue;
            }
            [$rung, $split] = $this->hardest($context, $variation, $task, $set, $mayHang);
            if ($rung !== null && $split !== null) {
                $this->take($rung);

                return Part::on($variation, $rung, $split, $note);
            }
        }

        return null;
    }

    /** @return array{Rung|null, Split|null} the hardest set-up of a variation that is free, and that the task can be done on */
    private function hardest(AthleteContext $context, Variation $variation, Task $task, int $set, bool $mayHang): array
    {
        $pick = new Pick($context);
        $line = $variation->line($set);
        $rungs = array_merge([], ...array_map($pick->rungs(...), $pick->allowed($line)));
        $rungs = array_values(array_filter($rungs, fn (Rung $r): bool => ($mayHang || $r->lane() !== Lane::Pull) && $this->isFree($r)));
        usort(
            $rungs,
            static fn (Rung $a, Rung $b): int => [$a->load->effectiveShare(), $a->key()] <=> [$b->load->effectiveShare(), $b->key()],
        );
        $room = $context->caps()->hardSetsAWeek - $context->diary->hardVerticalsThisWeek($context->today);
        $split = static fn (Rung $rung): ?Split => self::split($context, $rung, $task, $set, $room);
        [$low, $high] = [0, count($rungs)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            $split($rungs[$middle]) === null ? $high = $middle : $low = $middle + 1;
        }
        foreach (self::simplestFirst(array_slice($rungs, 0, $low)) as $rung) {
            $done = $split($rung);
            if ($done !== null) {
                return [$rung, $done];
            }
        }

        return [null, null];
    }

    /**
     * Those hardly easier than the last, of the fewest bands first: a class has no time to build.
     *
     * @param  list<Rung>  $rungs from the easiest
     * @return list<Rung>
     */
    private static function simplestFirst(array $rungs): array
    {
        $hardest = $rungs[count($rungs) - 1] ?? null;
        $as = $hardest === null
            ? []
            : array_filter(
                $rungs,
                static fn (Rung $r): bool => $hardest->load->effectiveShare() - $r->load->effectiveShare() <= self::AS_HARD,
            );
        usort(
            $as,
            static fn (Rung $a, Rung $b): int => [count($a->exercise->setup->bandIds()), $b->load->effectiveShare(), $a->key()]
                <=> [count($b->exercise->setup->bandIds()), $a->load->effectiveShare(), $b->key()],
        );

        return $as;
    }

    /** None where it is not likely, or where the week has no room for so many hard sets. */
    private static function split(AthleteContext $context, Rung $rung, Task $task, int $set, int $room): ?Split
    {
        $fresh = $context->estimate($rung)->onRung($rung);
        $split = $fresh === null
            ? null
            : Split::of($task, $fresh, $context->estimates->fall(AthleteContext::patternOf($rung)), $set);

        return $split !== null && $rung->lane() === Lane::Pull && $split->sets() > $room ? null : $split;
    }

    private function isFree(Rung $rung): bool
    {
        foreach (self::pieces($rung) as $piece => $as) {
            [$setUp, $by] = $this->taken[$piece] ?? [$as, 0];
            if ($setUp !== $as || $by >= self::MOST_ON_ONE) {
                return false;
            }
        }

        return true;
    }

    private function take(Rung $rung): void
    {
        foreach (self::pieces($rung) as $piece => $as) {
            $this->taken[$piece] = [$as, ($this->taken[$piece][1] ?? 0) + 1];
        }
    }

    /**
     * What a set-up takes up, and how that must be set up: at one bar or machine everybody may do something else, in turn.
     *
     * @return array<string, string>
     */
    private static function pieces(Rung $rung): array
    {
        $setup = $rung->exercise->setup;
        $pieces = $setup->pieces();
        $taken = array_fill_keys($setup->bandIds(), $rung->key());
        if (isset($pieces['hang'])) {
            $taken[$pieces['hang']] = $pieces['strap'] ?? '';
        }
        if (isset($pieces['machine'])) {
            $taken[$pieces['machine']] = '';
        }

        return $taken;
    }
}
