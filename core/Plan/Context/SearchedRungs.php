<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Context;

use SteadyRung\Body\Body;
use SteadyRung\Body\PullTop;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Kit\Kit;
use SteadyRung\Ladder\LadderPath;
use SteadyRung\Ladder\Steps;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Safety\Limits;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Strength\Estimate;

/**
 * Ways searched for on the spot, each once.
 */
final class SearchedRungs implements RungCatalogue
{
    /** @var array<string, list<Rung>> by means, whatever its shares */
    private array $anywhere = [];

    /** @var array<string, list<Rung>> */
    private array $found = [];

    /** @var array<string, Steps> */
    private array $steps = [];

    public function __construct(private readonly RungSearch $search, private readonly Body $body)
    {
    }

    public function pulledTo(PullTop $top): self
    {
        return $this->body->top === $top ? $this : new self($this->search, $this->body->pulledTo($top));
    }

    public function rungs(AllowedExercises $allowed): array
    {
        return $this->found[$allowed->key()] ??= $allowed->between(
            $this->anywhere[$allowed->anywhereKey()] ??= $allowed->anywhere($this->search, $this->body),
        );
    }

    /** Rows, pins and seconds change one thing at a time; only bands and boxes are looked through whole. */
    public function steps(Rung $now, Estimate $estimate): Steps
    {
        return $this->steps[$now->key()] ??= $this->search($now, $estimate);
    }

    private function search(Rung $now, Estimate $estimate): Steps
    {
        $candidates = $now->lane() === Lane::Pull
            ? $this->search->lane(Lane::Pull, $this->body, $now->exercise)
            : $this->search->near($now, $this->body);
        $way = LadderPath::of($this->search, $this->body, $now->lane(), $candidates, $now, $estimate);

        return new Steps($now, $way->ladder->rungs[0] ?? null, $way->below);
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
}
