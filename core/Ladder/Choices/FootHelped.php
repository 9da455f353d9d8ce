<?php

declare(strict_types=1);

namespace SteadyRung\Ladder\Choices;

use SteadyRung\Kit\Kit;
use SteadyRung\Ladder\Choice;
use SteadyRung\Ladder\ChoiceKind;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\FootHelp;
use SteadyRung\Setup\HelpGrade;

/**
 * Feet on the floor, a box or plates under a bar; with the scale’s mean reading if there is one.
 */
final readonly class FootHelped implements Choice
{
    private function __construct(public string $barId, public Footing $footing, public ?float $scaleKg, public ?HelpGrade $grade)
    {
    }

    /** @throws OutOfRange if the scale reading is outside its range */
    public static function of(string $barId, Footing $footing, ?float $scaleKg = null, ?HelpGrade $grade = null): self
    {
        OutOfRange::guard(['scale_kg' => [$scaleKg, FootHelp::SCALE_KG]]);

        return new self($barId, $footing, $scaleKg, $grade);
    }

    public function kind(): ChoiceKind
    {
        return ChoiceKind::Foot;
    }

    public function key(): string
    {
        return sprintf('foot:%s:%s:%s:%s', $this->barId, $this->footing->key(), $this->scaleKg ?? '', $this->grade->value ?? '');
    }

    public function pieces(): array
    {
        return ['bar' => $this->barId, 'footing' => $this->footing->key(), 'scale' => (string) $this->scaleKg, 'grade' => $this->grade->value ?? ''];
    }

    public function setup(Kit $kit): FootHelp
    {
        return FootHelp::of($kit->bar($this->barId)->heightM, $this->footing->heightM($kit), $this->scaleKg, $this->grade);
    }

    public function name(Kit $kit): string
    {
        return implode(', ', array_filter([
            'Foot help', $this->footing->name($kit), $kit->bar($this->barId)->name,
            $this->grade === null ? '' : str_replace('-', ' ', $this->grade->value),
            $this->scaleKg === null ? '' : sprintf('scale %.1f kg', $this->scaleKg),
        ]));
    }
}
