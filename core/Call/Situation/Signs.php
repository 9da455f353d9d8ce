<?php

declare(strict_types=1);

namespace SteadyRung\Call\Situation;

use SteadyRung\Exercise\Rung;
use SteadyRung\Plan\Diary\LimitingFactor;
use SteadyRung\Plan\Session\Strict\BuilderOver;
use SteadyRung\Plan\Session\Strict\StrictGoal;
use SteadyRung\Safety\Pain;
use SteadyRung\Safety\Symptom;

/**
 * What the body, the weeks and the athlete say beside the counts. What nobody told stays empty, and the rules that need it silent.
 */
final readonly class Signs
{
    /**
     * @param  list<Symptom>  $symptoms
     * @param  int|null  $soreness  0–5
     * @param  list<LimitingFactor>  $limitingFactor  of the latest sessions, the last one last
     * @param  bool  $takesNoHold  told of the latest session
     * @param  Progress|null  $progress  over the last weeks
     * @param  string|null  $missing  why the set-up in use cannot be built today
     * @param  int|null  $daysSinceTry  of a strict rep
     * @param  int  $daysAtStage  how long the stage has lasted
     * @param  bool  $endsStage  whether the next rung is of the next stage
     * @param  int|null  $endsAfterDays  of a stage of a calendar
     * @param  BuilderOver|null  $over  the builder whose weeks are over
     * @param  Rung|null  $tried  a harder one that two trials running were passed on
     * @param  string|null  $lacks  what the next stage still asks for beside the gate
     */
    public function __construct(
        public ?Pain $pain = null,
        public array $symptoms = [],
        public ?int $soreness = null,
        public array $limitingFactor = [],
        public bool $takesNoHold = false,
        public ?Progress $progress = null,
        public ?Instead $instead = null,
        public ?string $missing = null,
        public ?int $daysSinceTry = null,
        public ?StrictGoal $goal = null,
        public int $daysAtStage = 0,
        public bool $endsStage = false,
        public ?string $lacks = null,
        public ?BuilderOver $over = null,
        public ?Overdue $overdue = null,
        public ?int $endsAfterDays = null,
        public ?Rung $tried = null,
    ) {
    }
}
