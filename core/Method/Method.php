<?php

declare(strict_types=1);

namespace SteadyRung\Method;

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Style\Movement;

/**
 * A school of getting to strict pull-ups, as data: stages in their order, how often a week, and what it says where schools differ
 * (common practice, no single source).
 */
final readonly class Method
{
    /** More lowerings in one session no school asks for. */
    public const MOST_LOWERINGS = 80;

    public const MOST_STAGES = 30;

    /**
     * @param  array{int, int}  $perWeek
     * @param  non-empty-list<Stage>  $stages
     * @param  array<string, string>  $says  position by house rule
     */
    private function __construct(
        public string $key,
        public string $name,
        public string $idea,
        public array $perWeek,
        public array $stages,
        public array $says,
    ) {
    }

    /**
     * @param  array{int, int}  $perWeek
     * @param  non-empty-list<Stage>  $stages
     * @param  array<string, string>  $says
     *
     * @throws BadMethod if it cannot be followed to its end
     */
    public static function of(string $key, string $name, string $idea, array $perWeek, array $stages, array $says = []): self
    {
        $seen = [];
        foreach ($stages as $stage) {
            if (isset($seen[$stage->key])) {
                throw BadMethod::twice($stage->key);
            }
            $seen[$stage->key] = true;
            self::check($stage);
        }
        $last = $stages[count($stages) - 1]->work()->allowed[0];
        if (! in_array($last->kind, [ChoiceKind::Strict, ChoiceKind::Added], true) || $last->movement !== Movement::Full) {
            throw BadMethod::withoutEnd();
        }

        return new self($key, $name, $idea, $perWeek, $stages, $says);
    }

    /** @throws BadMethod if there is none of this key */
    public function stage(string $key): Stage
    {
        return $this->find($key) ?? throw BadMethod::unknownStage($key, $this->name);
    }

    public function find(string $key): ?Stage
    {
        foreach ($this->stages as $stage) {
            if ($stage->key === $key) {
                return $stage;
            }
        }

        return null;
    }

    public function after(Stage $stage): ?Stage
    {
        return $this->stages[$this->indexOf($stage->key) + 1] ?? null;
    }

    public function before(Stage $stage): ?Stage
    {
        return $this->stages[$this->indexOf($stage->key) - 1] ?? null;
    }

    /** Whether a move on leaves out a stage. */
    public function skips(Stage $from, Stage $to): bool
    {
        return $this->indexOf($to->key) > $this->indexOf($from->key) + 1;
    }

    /** The same with the stages of lowering where a house wants them: after those in bands, or last before strict work. */
    public function loweringStands(string $position): self
    {
        $others = array_values(array_filter($this->stages, static fn (Stage $s): bool => ! $s->work()->isLowering()));
        $lowerings = array_values(array_filter($this->stages, static fn (Stage $s): bool => $s->work()->isLowering()));
        $before = match ($position) {
            'after-bands' => array_filter($others, static fn (Stage $s): bool => $s->work()->allowed[0]->kind === ChoiceKind::Band),
            'last' => array_filter($others, static fn (Stage $s): bool => $s->kind() !== StageKind::Strict),
            default => [],
        };
        $at = array_key_last($before);
        if ($at === null || $lowerings === []) {
            return $this;
        }

        return new self(
            $this->key,
            $this->name,
            $this->idea,
            $this->perWeek,
            [...array_slice($others, 0, $at + 1), ...$lowerings, ...array_slice($others, $at + 1)],
            $this->says,
        );
    }

    private function indexOf(string $key): int
    {
        foreach ($this->stages as $i => $stage) {
            if ($stage->key === $key) {
                return $i;
            }
        }

        throw BadMethod::unknownStage($key, $this->name);
    }

    private static function check(Stage $stage): void
    {
        $work = $stage->work();
        $gate = $stage->gate;
        if (! $gate->isMetBy($work)) {
            throw BadMethod::gateAsksMore($stage->key, $gate->words(), $work->words());
        }
        if ($stage->lowerings() > self::MOST_LOWERINGS) {
            throw BadMethod::overCap($stage->key, $stage->lowerings(), self::MOST_LOWERINGS);
        }
    }
}
