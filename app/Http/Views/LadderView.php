<?php

declare(strict_types=1);

namespace App\Http\Views;

use App\Http\Requests\LadderInput;
use App\Http\Resources\LadderResource;
use App\Http\Resources\LadderRung;
use App\Models\Athlete;
use App\Models\CapacityRecord;
use App\Models\GymKit;
use SteadyRung\Ladder\Adviser;
use SteadyRung\Ladder\Goal;
use SteadyRung\Ladder\LadderStart;
use SteadyRung\Ladder\Rung;
use SteadyRung\Ladder\RungSearch;
use SteadyRung\Ladder\SteadyLadder;
use SteadyRung\Ladder\Steps;
use SteadyRung\Strength\RepCurve;

/**
 * Puts the steady ladder of an athlete together.
 */
final readonly class LadderView
{
    public function __construct(private GymKit $kit)
    {
    }

    public function of(Athlete $athlete, LadderInput $input): LadderResource
    {
        $body = $athlete->toCore();
        $search = new RungSearch($this->kit->inUse());
        $capacity = CapacityRecord::latest($athlete->id, $input->lane->pattern());
        $chosen = $search->standing($athlete->chosen, $body);
        $now = $chosen instanceof Rung && $chosen->lane() === $input->lane ? $chosen : null;
        $candidates = $search->lane($input->lane, $body);
        $from = LadderStart::share($now, $capacity, RepCurve::steady(), $candidates);
        $to = $input->goal_share ?? Goal::share($input->lane, $from, $candidates);
        $through = self::question($from, $to, $input->most_rungs);
        $ladder = $through($candidates);
        $advice = $input->advice ? (new Adviser($search, $body))->advise($input->lane, $ladder, $through) : null;

        return new LadderResource(
            $input->lane,
            $from,
            $to,
            $now === null ? null : AthleteView::answer($now, $capacity),
            array_map(static fn (Rung $rung, float $step): LadderRung => new LadderRung(AthleteView::answer($rung, $capacity), $step), $ladder->rungs, $ladder->steps()),
            $ladder->largestStep,
            ($ladder->rungs[$ladder->largestAt] ?? null)?->name,
            $ladder->candidates,
            $ladder->reachesGoal,
            $advice?->text,
        );
    }

    /** @return \Closure(list<Rung>): SteadyLadder */
    private static function question(float $from, float $to, ?int $mostRungs): \Closure
    {
        return static fn (array $rungs): SteadyLadder => SteadyLadder::through(array_values($rungs), $from, $to, Steps::SMALLEST, $mostRungs);
    }
}
