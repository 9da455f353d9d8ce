<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\InWords;
use SteadyRung\Kit\Kit;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Feet\FootHelp;
use SteadyRung\Setup\Feet\LowBar;
use SteadyRung\Setup\HelpGrade;

/**
 * Seated under a low bar with the legs straight in front.
 */
final readonly class OnLowBar implements ByFeet
{
    private function __construct(public string $barId, public ?float $scaleKg, public ?HelpGrade $grade)
    {
    }

    /** @throws OutOfRange if the scale reading is outside its range */
    public static function of(string $barId, ?float $scaleKg = null, ?HelpGrade $grade = null): self
    {
        OutOfRange::guard(['scale_kg' => [$scaleKg, FootHelp::SCALE_KG]]);

        return new self($barId, $scaleKg, $grade);
    }

    public function grade(): ?HelpGrade
    {
        return $this->grade;
    }

    public function graded(HelpGrade $grade): self
    {
        return new self($this->barId, $this->scaleKg, $grade);
    }

    /** At the end the heels lie limp on the floor. */
    public function grades(): array
    {
        return [HelpGrade::FlatFoot, HelpGrade::Heel, HelpGrade::OneFoot, HelpGrade::None];
    }

    public function kind(): ChoiceKind
    {
        return ChoiceKind::LowBar;
    }

    public function key(): string
    {
        return sprintf('low-bar:%s:%s:%s', $this->barId, $this->scaleKg ?? '', $this->grade->value ?? '');
    }

    public function pieces(): array
    {
        return ['bar' => $this->barId, 'scale' => (string) $this->scaleKg, 'grade' => $this->grade->value ?? ''];
    }

    public function bandIds(): array
    {
        return [];
    }

    public function setup(Kit $kit): LowBar
    {
        return LowBar::of($kit->bar($this->barId)->heightM, $this->scaleKg, $this->grade);
    }

    public function name(Kit $kit): string
    {
        return implode(', ', array_filter([
            'Legs in front', $kit->bar($this->barId)->name,
            $this->grade === null ? '' : str_replace('-', ' ', $this->grade->value),
            $this->scaleKg === null ? '' : 'scale '.InWords::kg($this->scaleKg),
        ]));
    }
}
