<?php

declare(strict_types=1);

namespace App\Queries\Setups;

use App\Context\Athletes\LoadEstimate;
use App\Context\Gym\CurrentGym;
use App\Context\Kit\GymKit;
use App\Context\Log\SetsBehind;
use App\Context\Methods\Methods;
use App\Context\Setups\FindLadderPath;
use App\Formats\Json\Drawing\SideViewJson;
use App\Formats\Json\Ladder\RungJson;
use App\Formats\Json\Ladder\RungListJson;
use App\Formats\Json\Ladder\SetupAnswerJson;
use App\Formats\Json\Methods\PracticeJson;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\Json\Why\WhyJson;
use App\Models\Athletes\Athlete;
use SteadyRung\Exercise\Choices\FootHelped;
use SteadyRung\Exercise\Choices\Footing;
use SteadyRung\Exercise\Choices\InRow;
use SteadyRung\Exercise\Choices\OnBands;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\HeelMarks;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Kit\GearClash;
use SteadyRung\Kit\StandingHeight;
use SteadyRung\Kit\UnknownGear;
use SteadyRung\Ladder\NearestReps;
use SteadyRung\Method\House\HousePractice;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\Feet\BoxReach;
use SteadyRung\Setup\Row\HeelMark;
use SteadyRung\Setup\Row\Row;
use SteadyRung\Strength\Estimate;
use SteadyRung\Why\Explanation;

/**
 * Puts one set-up of one athlete together, and answers which set-up to take for what is wanted.
 */
final readonly class SetupQuery
{
    private const MOST_ANSWERS = 6;

    public function __construct(
        private GymKit $kit,
        private FindLadderPath $ways,
        private LoadEstimate $estimates,
        private CurrentGym $gym,
        private Methods $methods,
        private SetsBehind $sets,
    ) {
    }

    /** @throws UnknownGear|GearClash if the gear does not allow it */
    public function of(Athlete $athlete, Exercise $exercise): SetupAnswerJson
    {
        $kit = $this->kit->inUse();
        $body = $athlete->toCore();
        $rung = $this->ways->search($athlete)->rung($exercise, $body);
        $pattern = $exercise->pattern() ?? $exercise->setup->kind()->lane()->pattern();
        $estimate = $this->estimates->of($athlete->id, $pattern);
        $fits = $rung instanceof Rung;
        $why = match (true) {
            ! $fits => null,
            $estimate->state === null => $rung->setup->why($body),
            default => $rung->setup->why($body)->then($estimate->whyOn($rung) ?? new Explanation([])),
        };

        return new SetupAnswerJson(
            name: $exercise->name($kit),
            lane: $exercise->lane(),
            exercise: ExerciseJson::of($exercise),
            chosen: $athlete->chosen?->key() === $exercise->key(),
            reason: $fits ? null : $rung->reason,
            rung: $fits ? RungJson::estimated($rung, $estimate) : null,
            view: $fits ? SideViewJson::of($rung->setup->sideView($body)) : null,
            why: $why === null ? null : WhyJson::of(
                $exercise->name($kit),
                $why,
                $exercise->style->movement->isTimed() ? [] : $this->sets->of($athlete->id, $pattern),
            ),
            safer: $fits ? $this->safer($rung, $estimate, $athlete) : null,
            practice: PracticeJson::of(HousePractice::of(
                $exercise,
                $this->gym->gym()->houseRules()->for($this->methods->of($athlete->method_key)),
            )),
        );
    }

    /** Who cannot be expected to control a lowering is offered the hardest band in which they can. */
    private function safer(Rung $rung, Estimate $estimate, Athlete $athlete): ?RungJson
    {
        $body = $athlete->toCore();
        if ($rung->exercise->style->movement !== Movement::Lowering || $estimate->secondsOn($rung)?->isControlled() !== false) {
            return null;
        }
        $inBands = array_filter(
            $this->ways->search($athlete)->singles($body, $rung->exercise),
            static fn (Rung $r): bool => $r->exercise->setup instanceof OnBands
                && $r->holds()
                && $estimate->secondsOn($r)?->isControlled() === true,
        );

        return $inBands === [] ? null : RungJson::estimated($inBands[array_key_last($inBands)], $estimate);
    }

    /** The row at the heel mark that gives a share; the rest of the row as it is. */
    public function heelMark(Athlete $athlete, InRow $row, float $share): RungListJson
    {
        $kit = $this->kit->inUse();
        $body = $athlete->toCore();
        $found = HeelMark::forShare($row->setup($kit), $body, $share);

        return $this->one(
            $athlete,
            $found instanceof Row
                ? $this->ways->search($athlete)->rung(Exercise::of($row->withHeelMark($found->heelMarkM)), $body)
                : $found,
        );
    }

    /** The rows of this gym that give a share, best first. */
    public function heelMarks(Athlete $athlete, float $share): RungListJson
    {
        $estimate = $this->estimates->of($athlete->id, Pattern::Row);
        $found = array_slice(HeelMarks::forShare($this->ways->search($athlete), $athlete->toCore(), $share), 0, self::MOST_ANSWERS);
        $answers = array_map(static fn (Rung $rung): RungJson => RungJson::estimated($rung, $estimate), $found);

        return new RungListJson($answers, $answers === [] ? sprintf('No row of this gym gives %.0f %%.', 100 * $share) : null);
    }

    /** The box or plates at which the legs can carry a part of the travel. */
    public function standingHeight(Athlete $athlete, string $barId, float $legPart): RungListJson
    {
        $kit = $this->kit->inUse();
        $body = $athlete->toCore();
        $height = BoxReach::nearest($body, $kit->bar($barId)->heightM, $legPart, StandingHeight::all($kit->boxes, $kit->plates));

        return $this->one($athlete, $this->ways->search($athlete)->rung(Exercise::of(FootHelped::of($barId, Footing::at($height))), $body));
    }

    /** The single bands and weights on which so many reps are expected. */
    public function forReps(Athlete $athlete, int $reps): RungListJson
    {
        $estimate = $this->estimates->of($athlete->id, Pattern::Pull);
        if ($estimate->state === null) {
            return new RungListJson([], 'Log a baseline first: reps are predicted from it.');
        }
        $rungs = $this->ways->search($athlete)->singles($athlete->toCore());

        return new RungListJson(array_map(
            static fn (Rung $rung): RungJson => RungJson::estimated($rung, $estimate),
            NearestReps::of($rungs, $estimate, $reps, self::MOST_ANSWERS),
        ), null);
    }

    private function one(Athlete $athlete, Rung|DoesNotFit $found): RungListJson
    {
        return $found instanceof Rung
            ? new RungListJson(
                [RungJson::of($found, $this->estimates->of($athlete->id, $found->exercise->pattern())->onRung($found))],
                null,
            )
            : new RungListJson([], $found->reason);
    }
}
