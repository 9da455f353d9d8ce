<?php

declare(strict_types=1);

namespace App\Context\Setups;

use App\Formats\JsonObject;
use App\Formats\Stored\StoredExercise;
use App\Formats\Stored\StoredForm;
use SteadyRung\Body\Body;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Ladder\LadderPath;
use SteadyRung\Ladder\Steps;

/**
 * An athlete's way as it was found and kept: which set-ups, and what the search saw. The loads are computed when it is read.
 */
final readonly class StoredLadderPath
{
    private const MOST_RUNGS = 60;

    private const SAME_SHARE = 1e-9;

    /** @param  list<Rung>  $rungs from the easiest to the goal */
    private function __construct(
        public float $fromShare,
        public float $toShare,
        public ?Rung $below,
        public ?Rung $start,
        public array $rungs,
        public float $largestStep,
        public int $candidates,
        public bool $reachesGoal,
        public ?string $advice,
    ) {
    }

    /** @return array<string, mixed> */
    public static function write(LadderPath $way, ?Rung $start, ?string $advice): array
    {
        return [
            'from' => $way->fromShare,
            'to' => $way->toShare,
            'below' => $way->below === null ? null : StoredExercise::write($way->below->exercise),
            'start' => $start === null ? null : StoredExercise::write($start->exercise),
            'rungs' => array_map(static fn (Rung $r): array => StoredExercise::write($r->exercise), $way->ladder->rungs),
            'largest' => $way->ladder->largestStep,
            'candidates' => $way->ladder->candidates,
            'reaches' => $way->ladder->reachesGoal,
            'advice' => $advice,
        ];
    }

    public static function read(string $kept, ?Rung $now, RungSearch $search, Body $body): self
    {
        return StoredForm::read('way', $kept, static function (JsonObject $j) use ($now, $search, $body): self {
            $rung = static fn (JsonObject $choice): mixed => $search->standing(StoredExercise::of($choice), $body);
            [$below, $start] = array_map(
                static fn (string $name): mixed => $j->has($name) ? $rung($j->object($name)) : null,
                ['below', 'start'],
            );

            return new self(
                fromShare: $now?->share() ?? $j->number('from'),
                toShare: $j->number('to'),
                below: $below instanceof Rung ? $below : null,
                start: $start instanceof Rung ? $start : null,
                rungs: array_values(array_filter(
                    array_map($rung, $j->objects('rungs', self::MOST_RUNGS)),
                    static fn (mixed $r): bool => $r instanceof Rung,
                )),
                largestStep: $j->number('largest'),
                candidates: $j->integer('candidates'),
                reachesGoal: $j->boolean('reaches'),
                advice: $j->optionalText('advice', 600),
            );
        });
    }

    public function steps(Rung $now): Steps
    {
        return new Steps($now, $this->rungs[0] ?? null, $this->below);
    }

    /**
     * The step up to each rung, in carried share.
     *
     * @return list<float>
     */
    public function stepsUp(): array
    {
        $from = $this->fromShare;
        $steps = [];
        foreach ($this->rungs as $rung) {
            $steps[] = $rung->share() - $from;
            $from = $rung->share();
        }

        return $steps;
    }

    /** Key of the rung that the largest step leads to. */
    public function largestStepTo(): ?string
    {
        foreach ($this->stepsUp() as $i => $step) {
            if ($step >= $this->largestStep - self::SAME_SHARE) {
                return $this->rungs[$i]->key();
            }
        }

        return null;
    }
}
