<?php

declare(strict_types=1);

namespace SteadyRung\Ladder;

use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\InWords;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Weight;
use SteadyRung\Setup\Band\BandHelp;
use SteadyRung\Setup\CarriedLoad;

/**
 * Looks for what would close a ladder's largest step.
 */
final readonly class Adviser
{
    /** Loop bands as they are sold: 104 cm loops of these widths (common practice), hitched. */
    private const BAND_WIDTHS_MM = [13.0, 22.0, 32.0, 44.0, 64.0];

    private const BAND_THICKNESS_MM = 4.5;

    private const BAND_HUNG_M = 0.96;

    private const BOXES_M = [0.15, 0.30, 0.45, 0.60];

    private const WEIGHTS_KG = [1.25, 2.5, 5.0, 10.0];

    /** Less than this is not worth the money. */
    private const WORTH_SHARE = 0.01;

    /** A doubt about the largest step that a measurement should remove. */
    private const DOUBTFUL_SHARE = 0.015;

    public function __construct(private RungSearch $search, private Body $body, private ?Exercise $like = null)
    {
    }

    /** @param  \Closure(list<Rung>): SteadyLadder  $ladderThrough the same question on other candidates */
    public function advise(Lane $lane, SteadyLadder $ladder, \Closure $ladderThrough): ?Advice
    {
        return $this->purchase($lane, $ladder, $ladderThrough) ?? $this->measurement($ladder);
    }

    /**
     * @param  \Closure(list<Rung>): SteadyLadder  $ladderThrough
     */
    private function purchase(Lane $lane, SteadyLadder $ladder, \Closure $ladderThrough): ?Advice
    {
        $best = null;
        foreach ($ladder->largestStep > Steps::SMALLEST ? self::pieces($lane) : [] as $words => $piece) {
            $more = [...$ladder->considered, ...$this->search->addedBy($piece, $this->body, $this->like)];
            usort($more, static fn (Rung $a, Rung $b): int => $a->share() <=> $b->share());
            $step = $ladderThrough($more)->largestStep;
            if ($step < ($best->largestStep ?? $ladder->largestStep - self::WORTH_SHARE)) {
                $best = new Advice(
                    sprintf('%s would cut the largest step from %.0f %% to %.0f %%.', $words, 100 * $ladder->largestStep, 100 * $step),
                    $step,
                );
            }
        }

        return $best;
    }

    private function measurement(SteadyLadder $ladder): ?Advice
    {
        $doubtful = null;
        foreach ($ladder->rungs as $rung) {
            $doubtful = $rung->load->shareSd > max(self::DOUBTFUL_SHARE, $doubtful->load->shareSd ?? 0.0) ? $rung : $doubtful;
        }
        $estimated = $doubtful?->setup instanceof BandHelp ? $doubtful->setup->estimated() : [];
        if ($doubtful !== null && $estimated !== []) {
            $names = implode(' and ', array_map(static fn (LoopBand $b): string => $b->name, $estimated));

            return new Advice(
                sprintf(
                    'Measure %s: without it %s is only known to ± %.0f points.',
                    $names,
                    $doubtful->name,
                    100 * $doubtful->load->shareSd,
                ),
                null,
            );
        }
        $byReach = $doubtful === null ? 0.0 : $this->reachDoubt($doubtful);

        return $byReach > self::DOUBTFUL_SHARE
            ? new Advice(sprintf('Measure the reach: it leaves ± %.0f points on this ladder.', 100 * $byReach), null)
            : null;
    }

    /** How far the share moves if the reach is off by its standard deviation. */
    private function reachDoubt(Rung $rung): float
    {
        $longer = $rung->setup->carriedBy($this->body->withReach($this->body->reachM + $this->body->reachSdM()));

        return $longer instanceof CarriedLoad ? abs($longer->share() - $rung->share()) : 0.0;
    }

    /** @return array<string, LoopBand|Box|Weight> */
    private static function pieces(Lane $lane): array
    {
        $pieces = [];
        foreach ($lane === Lane::Pull ? self::BAND_WIDTHS_MM : [] as $mm) {
            $pieces[sprintf('A %.0f mm band', $mm)] = LoopBand::of(
                'advice',
                sprintf('%.0f mm', $mm),
                self::BAND_HUNG_M,
                $mm,
                self::BAND_THICKNESS_MM,
            );
        }
        foreach ($lane === Lane::Pull ? self::WEIGHTS_KG : [] as $kg) {
            $pieces['A weight of '.InWords::stampedKg($kg)] = Weight::of('advice', InWords::stampedKg($kg), $kg);
        }
        foreach ($lane === Lane::Row ? self::BOXES_M : [] as $m) {
            $pieces[sprintf('A box of %s under the heels', InWords::cm($m))] = Box::of('advice', InWords::cm($m), $m);
        }

        return $pieces;
    }
}
