<?php

declare(strict_types=1);

namespace App\Formats\Json\Ladder;

use App\Formats\Json\Setups\CarriedJson;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\Json\Setups\LearnedHelpJson;
use App\Formats\Json\Setups\PredictionJson;
use App\Formats\Json\Setups\SecondsJson;
use OpenApi\Attributes as OA;
use SteadyRung\Exercise\Rung;
use SteadyRung\Strength\Estimate;
use SteadyRung\Strength\RepPrediction;

/**
 * A set-up of this gym's gear for one athlete.
 */
#[OA\Schema]
final readonly class RungJson
{
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public ExerciseJson $exercise,
        #[OA\Property]
        public CarriedJson $carried,
        #[OA\Property(description: 'None before a first baseline.')]
        public ?PredictionJson $prediction,
        #[OA\Property(description: 'Of a lowering or a hold; none before a baseline, and none of a hang.')]
        public ?SecondsJson $seconds = null,
        #[OA\Property(description: 'Of help that nobody measured, once sets on it were logged at a known capacity.')]
        public ?LearnedHelpJson $learned = null,
    ) {
    }

    /** The rung, with what is believed of it. */
    public static function estimated(Rung $rung, Estimate $belief): self
    {
        $timed = $rung->exercise->style->movement->isTimed();
        $seconds = $timed ? $belief->secondsOn($rung) : null;
        $learned = $timed ? null : $belief->helpLearned($rung);

        return self::of(
            $rung,
            $belief->onRung($rung),
            $seconds === null ? null : SecondsJson::of($seconds),
            $learned === null ? null : LearnedHelpJson::of($learned, $rung->load),
        );
    }

    public static function of(Rung $rung, ?RepPrediction $prediction, ?SecondsJson $seconds = null, ?LearnedHelpJson $learned = null): self
    {
        return new self(
            key: $rung->key(),
            name: $rung->name,
            exercise: ExerciseJson::of($rung->exercise),
            carried: CarriedJson::of($rung->load),
            prediction: $prediction === null ? null : PredictionJson::of($prediction),
            seconds: $seconds,
            learned: $learned,
        );
    }
}
