<?php

declare(strict_types=1);

namespace SteadyRung\Simulation;

use SteadyRung\Strength\Filter\CapacityState;
use SteadyRung\Strength\Reps\RepCurve;

/**
 * An athlete whose truth is known: how capacity grows, how days differ, how sets tire, what each band really helps, and how well the
 * reserve is told. The same seed gives the same athlete, whatever is asked of them.
 */
final class VirtualAthlete
{
    private const FORMS = [0.025, 0.035, 0.055];

    private const LOG_K_SD = 0.28;

    private const RESERVE_SD = 0.9;

    public const MOST_SETS = 6;

    /** @var list<float> of the day: form, then for each set how the reserve is guessed */
    private array $today = [];

    private readonly Draws $noise;

    /** @param  float  $reserveBias  told too high by so much */
    private function __construct(
        private readonly Response $response,
        public readonly RepCurve $curve,
        private readonly float $formSd,
        private readonly float $tiring,
        private readonly float $reserveBias,
        private readonly int $seed,
    ) {
        $this->noise = new Draws($seed + 1);
        $this->draw();
    }

    /** Of a model, drawn from a seed, with this capacity share at the start; honest or careless about the reserve. */
    public static function drawn(
        ResponseModel $model,
        int $seed,
        float $capacityShare,
        float $reserveBias = 0.0,
        ?float $k = null,
        ?float $formSd = null,
    ): self {
        $draws = new Draws($seed);
        $drawnK = RepCurve::USUAL_K * exp(self::LOG_K_SD * $draws->normal());
        $drawnForm = self::FORMS[(int) floor(count(self::FORMS) * (1.0 - $draws->uniform()))];
        $tiring = $draws->between(0.01, 0.03);

        return new self(
            $model->of(log($capacityShare), $draws),
            RepCurve::steady(max(RepCurve::K[0], min(RepCurve::K[1], $k ?? $drawnK))),
            $formSd ?? $drawnForm,
            $tiring,
            $reserveBias,
            $seed,
        );
    }

    /** One of those whose capacity is believed so; the models in turn. */
    public static function estimates(CapacityState $state, int $number, int $seed, Draws $capacity): self
    {
        $models = ResponseModel::known();

        return self::drawn($models[$number % count($models)], $seed, exp(log($state->share()) + $state->sdLog() * $capacity->normal()));
    }

    /** Without the form of the day. */
    public function capacityShare(): float
    {
        return exp($this->response->logCapacity());
    }

    /** Lets days pass, at whose end a session is trained or missed, and draws that day. */
    public function pass(int $days, bool $trained = true): void
    {
        $this->response->after($days, $trained);
        $this->draw();
    }

    /** Whole reps to failure in the nth set of the day (first = 0) at a true effective share. */
    public function repsToFailure(float $loadShare, int $setIndex): int
    {
        $today = $this->response->logCapacity() + $this->formSd * $this->today[0] - $this->tiring * $setIndex;

        return max(0, (int) floor($this->curve->repsFor(exp($today) / $loadShare)));
    }

    /** What is told of so many left, 0–5. */
    public function toldReserve(int $left, int $setIndex): int
    {
        return max(0, min(5, (int) round($left + $this->reserveBias + self::RESERVE_SD * $this->today[1 + $setIndex])));
    }

    /** The error of a set-up, in log of its load: the same each time. */
    public function errorOf(string $setup, float $sdLog): float
    {
        return $sdLog * (new Draws($this->seed ^ crc32($setup)))->normal();
    }

    public function chance(float $of): bool
    {
        return $this->noise->uniform() < $of;
    }

    /** As many numbers a day, however many sets are done on it. */
    private function draw(): void
    {
        $this->today = [];
        for ($i = 0; $i <= self::MOST_SETS; $i++) {
            $this->today[] = $this->noise->normal();
        }
    }
}
