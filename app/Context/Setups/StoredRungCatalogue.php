<?php

declare(strict_types=1);

namespace App\Context\Setups;

use App\Formats\JsonObject;
use App\Formats\Stored\StoredExercise;
use App\Formats\Stored\StoredForm;
use App\Models\Athletes\Athlete;
use SteadyRung\Body\Body;
use SteadyRung\Body\PullTop;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Kit\Kit;
use SteadyRung\Ladder\Steps;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Plan\Context\RungCatalogue;
use SteadyRung\Plan\Context\SearchedRungs;
use SteadyRung\Safety\Limits;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Strength\Estimate;

/**
 * What one athlete can be put on, searched once for a body and a kit and kept.
 */
final class StoredRungCatalogue implements RungCatalogue
{
    /** So many of a means are enough to pick from. */
    private const MOST_RUNGS = 48;

    private readonly RungSearch $search;

    private readonly Body $body;

    private readonly bool $isOfGym;

    private ?SearchedRungs $searched = null;

    /** @var array<string, list<Rung>> by means, whatever its shares */
    private array $anywhere = [];

    /** @var array<string, list<Rung>> */
    private array $found = [];

    public function __construct(
        private readonly Athlete $athlete,
        private readonly FindLadderPath $ways,
        private readonly KeptAnswers $kept,
        ?PullTop $top = null,
    ) {
        $this->search = $ways->search($athlete);
        $body = $athlete->toCore();
        $this->body = $body->pulledTo($top ?? $body->top);
        $this->isOfGym = $this->body->top === $body->top;
    }

    public function pulledTo(PullTop $top): self
    {
        return $this->body->top === $top ? $this : new self($this->athlete, $this->ways, $this->kept, $top);
    }

    public function rungs(AllowedExercises $allowed): array
    {
        return $this->found[$allowed->key()] ??= $this->read($this->kept->to(['means', $allowed->key(), $this->search->limits->key()], $this->body, fn (): array => ['rungs' => array_map(
            static fn (Rung $r): array => StoredExercise::write($r->exercise),
            self::spread($allowed->between(
                $this->anywhere[$allowed->anywhereKey()] ??= $allowed->anywhere($this->search, $this->body),
            )),
        )]));
    }

    /** What is kept is for pulls that end where this gym has them end; for another top they are searched. */
    public function steps(Rung $now, Estimate $estimate): Steps
    {
        return $this->isOfGym
            ? $this->ways->steps($now, $this->athlete, $estimate)
            : ($this->searched ??= new SearchedRungs($this->search, $this->body))->steps($now, $estimate);
    }

    public function rung(Exercise $exercise): Rung|DoesNotFit|null
    {
        return $this->search->standing($exercise, $this->body);
    }

    public function strict(): Rung
    {
        return $this->search->strict($this->body);
    }

    public function kit(): Kit
    {
        return $this->search->kit;
    }

    public function limits(): Limits
    {
        return $this->search->limits;
    }

    /** @return list<Rung> */
    private function read(string $kept): array
    {
        return StoredForm::read('rungs', $kept, fn (JsonObject $j): array => array_values(array_filter(
            array_map(
                fn (JsonObject $e): Rung|DoesNotFit|null => $this->search->standing(StoredExercise::of($e), $this->body),
                $j->objects('rungs', self::MOST_RUNGS),
            ),
            static fn (Rung|DoesNotFit|null $r): bool => $r instanceof Rung,
        )));
    }

    /**
     * Evenly over those one can stand on, else over all.
     *
     * @param  list<Rung>  $rungs
     * @return list<Rung>
     */
    private static function spread(array $rungs): array
    {
        $sure = array_values(array_filter($rungs, static fn (Rung $r): bool => $r->holds()));
        $of = $sure === [] ? $rungs : $sure;
        $last = count($of) - 1;

        return $last < self::MOST_RUNGS
            ? $of
            : array_map(static fn (int $i): Rung => $of[intdiv($i * $last, self::MOST_RUNGS - 1)], range(0, self::MOST_RUNGS - 1));
    }
}
