<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Search;

use SteadyRung\Body\Body;
use SteadyRung\Body\Proportions;
use SteadyRung\Exercise\Choices\Arrangement;
use SteadyRung\Exercise\Choices\BandPulledDown;
use SteadyRung\Exercise\Choices\Choice;
use SteadyRung\Exercise\Choices\FootHelped;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\PulledDown;
use SteadyRung\Kit\Kit;
use SteadyRung\Setup\Row\Heels;
use SteadyRung\Setup\Row\Knees;

/**
 * The choices of a kind, arranged as a method asks.
 */
final readonly class Arranged
{
    /** Heavier ones roll off the thighs (judgement). */
    private const MOST_LAP_KG = 40.0;

    /** How far the hips sink from standing to the bottom of a squat, of stature (judgement). */
    private const SQUAT = 0.41;

    public function __construct(private Kit $kit, private Body $body)
    {
    }

    /** @return list<Choice> what a choice becomes; none where it cannot be arranged so */
    public function ways(Choice $choice, Arrangement $as): array
    {
        return match (true) {
            $choice instanceof PulledDown => [PulledDown::of($choice->machineId, $choice->stackKg, $as->stance())],
            $choice instanceof BandPulledDown => [BandPulledDown::of($choice->barId, $choice->bandIds, $as->stance())],
            $choice instanceof InRow && $as === Arrangement::KneesBent => [$choice->with(Heels::Free, Knees::Bent)],
            $choice instanceof FootHelped && $as === Arrangement::WeightInLap => $this->inSquat($choice),
            $choice instanceof FootHelped => $this->isAtForearm($choice) ? [$choice] : [],
            default => $as->isOf($choice) ? [$choice] : [],
        };
    }

    /**
     * From the floor under a bar that is reached from a squat, with each weight that a lap holds.
     *
     * @return list<Choice>
     */
    private function inSquat(FootHelped $choice): array
    {
        $belowM = $this->belowReachM($choice);
        $isFromSquat = $choice->footing->key() === '' && $belowM > 0.0 && $belowM <= $this->body->heightM(self::SQUAT);
        $ways = [];
        foreach ($isFromSquat ? $this->kit->weights : [] as $weight) {
            if ($weight->massKg <= self::MOST_LAP_KG) {
                $ways[] = $choice->withLap([$weight->id]);
            }
        }

        return $ways;
    }

    /** Below the reach, by no more than to the middle of the raised forearm (common practice). */
    private function isAtForearm(FootHelped $choice): bool
    {
        $belowM = $this->belowReachM($choice);

        return $belowM > 0.0 && $belowM <= $this->body->heightM((Proportions::HAND + Proportions::FOREARM) / 2.0);
    }

    private function belowReachM(FootHelped $choice): float
    {
        return $this->body->reachM - ($this->kit->bar($choice->barId)->heightM - $choice->footing->heightM($this->kit));
    }
}
