<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Json\ChoiceJson;
use App\Formats\Json\RungJson;
use App\Formats\Json\RungListJson;
use App\Formats\Json\SetupAnswerJson;
use App\Formats\Json\SideViewJson;
use App\Formats\Json\WhyJson;
use App\Models\Athlete;
use App\Models\GymKit;
use SteadyRung\Kit\GearClash;
use SteadyRung\Kit\StandingHeight;
use SteadyRung\Kit\UnknownGear;
use SteadyRung\Ladder\Choice;
use SteadyRung\Ladder\Choices\FootHelped;
use SteadyRung\Ladder\Choices\Footing;
use SteadyRung\Ladder\Choices\InRow;
use SteadyRung\Ladder\NearestReps;
use SteadyRung\Ladder\Rung;
use SteadyRung\Ladder\RungSearch;
use SteadyRung\Setup\BoxReach;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\HeelMark;
use SteadyRung\Setup\Row;
use SteadyRung\Strength\Pattern;
use SteadyRung\Why\Explanation;

/**
 * Puts one set-up of one athlete together, and answers which set-up to take for what is wanted.
 */
final readonly class SetupReading
{
    private const MOST_ANSWERS = 6;

    public function __construct(private GymKit $kit, private Believed $believed)
    {
    }

    /** @throws UnknownGear|GearClash if the gear does not allow it */
    public function of(Athlete $athlete, Choice $choice): SetupAnswerJson
    {
        $kit = $this->kit->inUse();
        $body = $athlete->toCore();
        $rung = (new RungSearch($kit))->rung($choice, $body);
        $belief = $this->believed->of($athlete->id, $choice->kind()->lane()->pattern());
        $fits = $rung instanceof Rung;
        $why = match (true) {
            ! $fits => null,
            $belief->state === null => $rung->setup->why($body),
            default => $rung->setup->why($body)->then($rung->predict($belief)?->why() ?? new Explanation([])),
        };

        return new SetupAnswerJson(
            $choice->name($kit),
            $choice->kind()->lane(),
            ChoiceJson::of($choice),
            $athlete->chosen?->key() === $choice->key(),
            $fits ? null : $rung->reason,
            $fits ? RungJson::of($rung, $rung->predict($belief)) : null,
            $fits ? SideViewJson::of($rung->setup->sideView($body)) : null,
            $why === null ? null : WhyJson::of($choice->name($kit), $why),
        );
    }

    /** The row at the heel mark that gives a share; the rest of the row as it is. */
    public function heelMark(Athlete $athlete, InRow $row, float $share): RungListJson
    {
        $kit = $this->kit->inUse();
        $body = $athlete->toCore();
        $found = HeelMark::forShare($row->setup($kit), $body, $share);

        return $this->one($athlete, $found instanceof Row ? (new RungSearch($kit))->rung($row->withHeelMark($found->heelMarkM), $body) : $found);
    }

    /** The box or plates at which the legs can carry a part of the travel. */
    public function standingHeight(Athlete $athlete, string $barId, float $legPart): RungListJson
    {
        $kit = $this->kit->inUse();
        $body = $athlete->toCore();
        $height = BoxReach::nearest($body, $kit->bar($barId)->heightM, $legPart, StandingHeight::all($kit->boxes, $kit->plates));

        return $this->one($athlete, (new RungSearch($kit))->rung(FootHelped::of($barId, Footing::at($height)), $body));
    }

    /** The single bands and weights on which so many reps are expected. */
    public function forReps(Athlete $athlete, int $reps): RungListJson
    {
        $belief = $this->believed->of($athlete->id, Pattern::Pull);
        if ($belief->state === null) {
            return new RungListJson([], 'Log a baseline first: reps are predicted from it.');
        }
        $rungs = (new RungSearch($this->kit->inUse()))->singles($athlete->toCore());

        return new RungListJson(array_map(
            static fn (Rung $rung): RungJson => RungJson::of($rung, $rung->predict($belief)),
            NearestReps::of($rungs, $belief, $reps, self::MOST_ANSWERS),
        ), null);
    }

    private function one(Athlete $athlete, Rung|DoesNotFit $found): RungListJson
    {
        return $found instanceof Rung
            ? new RungListJson([RungJson::of($found, $found->predict($this->believed->of($athlete->id, $found->lane()->pattern())))], null)
            : new RungListJson([], $found->reason);
    }
}
