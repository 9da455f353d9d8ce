<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session;

use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Context\LineChange;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Plan\Session\Line\Begun;
use SteadyRung\Safety\Caution;
use SteadyRung\Strength\RepPrediction;
use SteadyRung\Strength\Reps\Seconds;

/**
 * One line of a written session.
 */
final readonly class Block
{
    public const REP_S = 4.0;

    private const METRE_S = 1.0;

    /** Setting up, once a line. */
    private const SET_UP_S = 45.0;

    /** Chalking, stepping in and out, each set (memory). */
    private const STEP_IN_S = 15.0;

    /**
     * @param  list<RepPrediction>  $expected  reps to failure in each set, tired by those before; empty where seconds or nothing is
     *   foretold
     * @param  list<string>  $cues
     * @param  list<Caution>  $cautions
     * @param  string  $line  key of the line it was written from, or “trial”; empty for a try or a test
     * @param  string|null  $school  what the method itself asks, where that is written otherwise
     * @param  Begun|null  $begun  what each set begins on, where it is mixed: the amount is what follows on this
     * @param  int  $brakedSets  of hopped reps, from the first, whose way down is controlled: they count as lowerings
     */
    public function __construct(
        public SessionPart $part,
        public Rung|Accessory $do,
        public int $sets,
        public Amount $amount,
        public int $restS,
        public bool $toFailure = false,
        public bool $isPerSide = false,
        public ?string $tempo = null,
        public ?string $group = null,
        public array $expected = [],
        public ?Seconds $seconds = null,
        public array $cues = [],
        public array $cautions = [],
        public ?Purpose $purpose = null,
        public ?string $note = null,
        public string $line = '',
        public ?LineChange $byHand = null,
        public ?string $school = null,
        public float $repS = self::REP_S,
        public int $brakedSets = 0,
        public ?Begun $begun = null,
    ) {
    }

    public function inSets(int $sets): self
    {
        return new self(
            part: $this->part,
            do: $this->do,
            sets: $sets,
            amount: $this->amount,
            restS: $this->restS,
            toFailure: $this->toFailure,
            isPerSide: $this->isPerSide,
            tempo: $this->tempo,
            group: $this->group,
            expected: array_slice($this->expected, 0, $sets),
            seconds: $this->seconds,
            cues: $this->cues,
            cautions: $this->cautions,
            purpose: $this->purpose,
            note: $this->note,
            line: $this->line,
            byHand: $this->byHand,
            school: $this->school,
            repS: $this->repS,
            brakedSets: min($this->brakedSets, $sets),
            begun: $this->begun,
        );
    }

    public function rung(): ?Rung
    {
        return $this->do instanceof Rung ? $this->do : null;
    }

    /** Reps, seconds or metres of one set as it is asked. */
    public function aim(): int
    {
        return $this->amount->measure === Measure::TotalReps ? (int) ceil($this->amount->high / $this->sets) : $this->amount->high;
    }

    /**
     * The same where it is done on another rung: no more reps than are likely there to failure, and one at the least (memory: who is
     * given more than they have left learns to cheat).
     *
     * @param  RepPrediction|null  $likely  of that rung; none where reps are not foretold
     */
    public function aimOn(?RepPrediction $likely): int
    {
        return $likely === null || ! in_array($this->amount->measure, [Measure::Reps, Measure::TotalReps], true)
            ? $this->aim()
            : max(1, min($this->aim(), (int) floor($likely->median())));
    }

    public function words(): string
    {
        return $this->do instanceof Rung ? $this->do->name : $this->do->words();
    }

    public function lastsS(): float
    {
        return self::SET_UP_S + $this->sets * ($this->workS($this->amount->high) + $this->restS);
    }

    /** How long a station is taken by one set as it is likely to go, stepping in and out with it: whole seconds. */
    public function setS(): int
    {
        $likely = $this->toFailure ? $this->expected[0] ?? null : null;

        return (int) ceil(self::STEP_IN_S + $this->workS($likely?->median() ?? $this->amount->high));
    }

    private function workS(float $much): float
    {
        $each = match ($this->amount->measure) {
            Measure::Reps => $much * max($this->repS, $this->rung()?->exercise->style->seconds ?? 0.0),
            Measure::TotalReps => $much * $this->repS / $this->sets,
            Measure::Seconds => $much,
            Measure::Metres => $much * self::METRE_S,
        };

        return $each * ($this->isPerSide ? 2.0 : 1.0);
    }

    /** Lowerings it asks for. */
    public function lowerings(): int
    {
        $isLowering = $this->rung()?->exercise->style->movement === Movement::Lowering;

        return $isLowering
            ? $this->amount->high * ($this->amount->measure === Measure::TotalReps ? 1 : $this->sets)
            : $this->amount->high * $this->brakedSets;
    }
}
