<?php

declare(strict_types=1);

namespace App\Actions\Setups;

use App\Actions\Calls\MakeCall;
use App\Actions\LockAthlete;
use App\Context\Athletes\LoadAthleteContext;
use App\Context\Setups\FindLadderPath;
use App\Models\Athletes\Athlete;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Plan\Session\Entry;
use SteadyRung\Setup\DoesNotFit;

/**
 * Puts an athlete on a set-up.
 */
final readonly class ChooseSetup
{
    public function __construct(
        private LockAthlete $athletes,
        private FindLadderPath $ways,
        private LoadAthleteContext $contexts,
        private MakeCall $calls,
    ) {
    }

    /** @throws Problem if the set-up does not fit the athlete, or nobody is put on it */
    public function choose(Athlete $athlete, Exercise $exercise): Athlete
    {
        return $this->athletes->during($athlete->id, function (Athlete $athlete) use ($exercise): Athlete {
            if ($exercise->style->movement === Movement::Hold) {
                throw new Problem(
                    ProblemCode::DoesNotFit,
                    'A hold is logged by its seconds, beside the set-up in use: nobody is put on it for reps.',
                );
            }
            $this->put($athlete, $exercise);
            $this->calls->for($athlete, 'The set-up was changed.');

            return $athlete;
        });
    }

    /** @throws Problem likewise */
    public function put(Athlete $athlete, Exercise $exercise): void
    {
        $rung = $this->ways->search($athlete)->rung($exercise, $athlete->toCore());
        if ($rung instanceof DoesNotFit) {
            throw new Problem(ProblemCode::DoesNotFit, $rung->reason);
        }
        $refused = $exercise->style->movement === Movement::Lowering ? Entry::refused($this->contexts->of($athlete), $rung) : null;
        if ($refused !== null) {
            throw new Problem(ProblemCode::DoesNotFit, $refused);
        }
        $athlete->fill(['chosen' => $exercise])->save();
    }
}
