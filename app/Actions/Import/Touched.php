<?php

declare(strict_types=1);

namespace App\Actions\Import;

use SteadyRung\Exercise\Choices\Pattern;

/**
 * Whose log a file has news for, from which day on, and of what.
 */
final class Touched
{
    /** @var array<string, string> first day by athlete */
    private array $from = [];

    /** @var array<string, array<string, Pattern>> by athlete */
    private array $patterns = [];

    public function note(string $athleteId, string $day, ?string $pattern): void
    {
        $this->from[$athleteId] = min($this->from[$athleteId] ?? $day, $day);
        if ($pattern !== null) {
            $this->patterns[$athleteId][$pattern] = Pattern::from($pattern);
        }
    }

    /** @return iterable<string, array{string, list<Pattern>}> in the order in which athletes are held */
    public function inOrder(): iterable
    {
        ksort($this->from);
        foreach ($this->from as $id => $day) {
            yield $id => [$day, array_values($this->patterns[$id] ?? [])];
        }
    }
}
