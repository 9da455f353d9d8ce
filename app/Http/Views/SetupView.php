<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Formats\ChoiceJson;
use App\Formats\CoreJson\RungAnswer;
use App\Formats\CoreJson\SideViewAnswer;
use App\Http\Resources\RungList;
use App\Http\Resources\SetupResource;
use App\Http\Resources\WhyResource;
use App\Models\Athlete;
use App\Models\CapacityRecord;
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
use SteadyRung\Strength\RepCurve;

/**
 * Puts one set-up of one athlete together, and answers which set-up to take for what is wanted.
 */
final readonly class SetupView
{
    private const MOST_ANSWERS = 6;

    public function __construct(private GymKit $kit)
    {
    }

    /** @throws UnknownGear|GearClash if the gear does not allow it */
    public function of(Athlete $athlete, Choice $choice): SetupResource
    {
        $kit = $this->kit->inUse();
        $body = $athlete->toCore();
        $rung = (new RungSearch($kit))->rung($choice, $body);
        $capacity = CapacityRecord::latest($athlete->id, $choice->kind()->lane()->pattern());
        $fits = $rung instanceof Rung;
        $why = match (true) {
            ! $fits => null,
            $capacity === null => $rung->setup->why($body),
            default => $rung->setup->why($body)->then($rung->predict(RepCurve::steady(), $capacity)->why()),
        };

        return new SetupResource(
            $choice->name($kit),
            $choice->kind()->lane(),
            ChoiceJson::of($choice),
            $athlete->chosen?->key() === $choice->key(),
            $fits ? null : $rung->reason,
            $fits ? AthleteView::answer($rung, $capacity) : null,
            $fits ? SideViewAnswer::of($rung->setup->sideView($body)) : null,
            $why === null ? null : WhyResource::of($choice->name($kit), $why),
        );
    }

    /** The row at the heel mark that gives a share; the rest of the row as it is. */
    public function heelMark(Athlete $athlete, InRow $row, float $share): RungList
    {
        $kit = $this->kit->inUse();
        $body = $athlete->toCore();
        $found = HeelMark::forShare($row->setup($kit), $body, $share);

        return self::one($athlete, $found instanceof Row ? (new RungSearch($kit))->rung($row->withHeelMark($found->heelMarkM), $body) : $found);
    }

    /** The box or plates at which the legs can carry a part of the travel. */
    public function standingHeight(Athlete $athlete, string $barId, float $legPart): RungList
    {
        $kit = $this->kit->inUse();
        $body = $athlete->toCore();
        $height = BoxReach::nearest($body, $kit->bar($barId)->heightM, $legPart, StandingHeight::all($kit->boxes, $kit->plates));

        return self::one($athlete, (new RungSearch($kit))->rung(FootHelped::of($barId, Footing::at($height)), $body));
    }

    /** The single bands and weights on which so many reps are expected. */
    public function forReps(Athlete $athlete, int $reps): RungList
    {
        $capacity = CapacityRecord::latest($athlete->id, Pattern::Pull);
        if ($capacity === null) {
            return new RungList([], 'Log a baseline first: reps are predicted from it.');
        }
        $rungs = (new RungSearch($this->kit->inUse()))->singles($athlete->toCore());

        return new RungList(array_map(
            static fn (Rung $rung): RungAnswer => AthleteView::answer($rung, $capacity),
            NearestReps::of($rungs, RepCurve::steady(), $capacity, $reps, self::MOST_ANSWERS),
        ), null);
    }

    private static function one(Athlete $athlete, Rung|DoesNotFit $found): RungList
    {
        return $found instanceof Rung
            ? new RungList([AthleteView::answer($found, CapacityRecord::latest($athlete->id, $found->lane()->pattern()))], null)
            : new RungList([], $found->reason);
    }
}
