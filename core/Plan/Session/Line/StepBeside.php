<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session\Line;

use SteadyRung\Method\Accessory;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Diary\AccessoryWork;
use SteadyRung\Plan\Diary\Diary;

/**
 * Of work beside the pull that goes step by step, the step that is due: after the hardest of which the last set came to what is asked.
 */
final readonly class StepBeside
{
    public function __construct(public Accessory $accessory, public Amount $amount)
    {
    }

    /** From the one asked on; of the trunk a minute each. */
    public static function of(Diary $diary, Accessory $asked, Amount $amount): self
    {
        $standard = $asked->part() === SessionPart::Trunk ? Amount::of(Measure::Seconds, Accessory::TRUNK_S) : $amount;
        $steps = $asked->steps();
        $at = $from = (int) array_search($asked, $steps, true);
        foreach ($steps as $i => $step) {
            if ($diary->lastBeside($step)?->meets($standard) === true) {
                $at = max($at, min($i + 1, count($steps) - 1));
            }
        }
        $due = $steps[$at];

        return new self($due, $at > $from && $due === Accessory::PegHeight ? $due->usual() : $amount);
    }

    /** Which hand goes first today, where they change each set. */
    public function leadingHand(Diary $diary): ?string
    {
        $sets = count(array_filter($diary->beside, fn (AccessoryWork $b): bool => $b->accessory === $this->accessory));

        return $this->accessory->hasLeadingHand()
            ? sprintf('The %s hand leads in the first set, then they change.', $sets % 2 === 0 ? 'left' : 'right')
            : null;
    }
}
