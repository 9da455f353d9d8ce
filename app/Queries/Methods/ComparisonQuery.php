<?php

declare(strict_types=1);

namespace App\Queries\Methods;

use App\Context\Athletes\LoadAthleteContext;
use App\Models\Athletes\Athlete;
use App\Responses\Methods\ComparedListResponse;
use App\Responses\Methods\ComparedResponse;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Method\Method;
use SteadyRung\Simulation\Apprenticeship;
use SteadyRung\Simulation\Draws;
use SteadyRung\Simulation\Trainee;
use SteadyRung\Simulation\VirtualAthlete;

/**
 * Virtual athletes like a real one, trained by a method for a year or to the first strict rep; the same seeds for each method.
 */
final readonly class ComparisonQuery
{
    public const MOST_SEED = 200;

    public const MOST_AT_ONCE = 4;

    private const DAYS = 364;

    private const BAND_SD = 0.03;

    public function __construct(private LoadAthleteContext $contexts)
    {
    }

    public function of(Athlete $athlete, Method $method, int $from, int $count): ComparedListResponse
    {
        $context = $this->contexts->of($athlete);
        $state = $context->estimates->of(Pattern::Pull)->orOfAnybody()->state
            ?? throw new \LogicException('Of anybody something is believed.');
        $compared = [];
        for ($seed = $from; $seed < $from + $count; $seed++) {
            $trainee = new Trainee(VirtualAthlete::estimates($state, $seed, 100 * $seed + 3, new Draws(31 * $seed + 7)), self::BAND_SD);
            $compared[] = self::year(Apprenticeship::of($trainee, $method, $context->house, $context->ways, self::DAYS));
        }

        return new ComparedListResponse($compared);
    }

    /** @param  \Generator<int, \SteadyRung\Simulation\TrainedDay>  $days */
    private static function year(\Generator $days): ComparedResponse
    {
        $weeks = null;
        $sessions = $lowerings = $failed = $wasted = 0;
        foreach ($days as $day => $trained) {
            $sessions++;
            $came = $trained->came();
            $lowerings += $came->lowerings();
            $failed += $came->failed();
            $wasted += $came->isWasted() ? 1 : 0;
            if ($came->strictReps() > 0) {
                $weeks = round($day / 7.0, 1);
                break;
            }
        }

        return new ComparedResponse($weeks, $sessions, $lowerings, $failed, $wasted);
    }
}
