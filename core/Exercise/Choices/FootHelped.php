<?php

declare(strict_types=1);

namespace SteadyRung\Exercise\Choices;

use SteadyRung\InWords;
use SteadyRung\Kit\Kit;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Feet\FootHelp;
use SteadyRung\Setup\HelpGrade;

/**
 * Feet on the floor, a box or plates under a bar; with the scale’s mean reading if there is one.
 */
final readonly class FootHelped implements ByFeet
{
    /** @param  list<string>  $lapIds weights in the lap, sorted */
    private function __construct(
        public string $barId,
        public Footing $footing,
        public ?float $scaleKg,
        public ?HelpGrade $grade,
        public array $lapIds = [],
    ) {
    }

    /** @throws OutOfRange if the scale reading is outside its range */
    public static function of(string $barId, Footing $footing, ?float $scaleKg = null, ?HelpGrade $grade = null): self
    {
        OutOfRange::guard(['scale_kg' => [$scaleKg, FootHelp::SCALE_KG]]);

        return new self($barId, $footing, $scaleKg, $grade);
    }

    /**
     * The same with weights in the lap.
     *
     * @param  list<string>  $lapIds
     */
    public function withLap(array $lapIds): self
    {
        sort($lapIds);

        return new self($this->barId, $this->footing, $this->scaleKg, $this->grade, array_values(array_unique($lapIds)));
    }

    public function grade(): ?HelpGrade
    {
        return $this->grade;
    }

    public function graded(HelpGrade $grade): self
    {
        return new self($this->barId, $this->footing, $this->scaleKg, $grade, $this->lapIds);
    }

    /** Without any help it is a pull-up. */
    public function grades(): array
    {
        return [HelpGrade::FlatFoot, HelpGrade::Heel, HelpGrade::Toes, HelpGrade::OneFoot];
    }

    public function kind(): ChoiceKind
    {
        return ChoiceKind::Foot;
    }

    public function key(): string
    {
        return sprintf(
            'foot:%s:%s:%s:%s%s',
            $this->barId,
            $this->footing->key(),
            $this->scaleKg ?? '',
            $this->grade->value ?? '',
            $this->lapIds === [] ? '' : ':'.implode('+', $this->lapIds),
        );
    }

    public function pieces(): array
    {
        return [
            'bar' => $this->barId,
            'footing' => $this->footing->key(),
            'scale' => (string) $this->scaleKg,
            'grade' => $this->grade->value ?? '',
            'lap' => implode('+', $this->lapIds),
        ];
    }

    public function bandIds(): array
    {
        return [];
    }

    public function setup(Kit $kit): FootHelp
    {
        return FootHelp::of(
            $kit->bar($this->barId)->heightM,
            $this->footing->heightM($kit),
            $this->scaleKg,
            $this->grade,
            array_sum(array_map(static fn (string $id): float => $kit->weight($id)->massKg, $this->lapIds)),
        );
    }

    public function name(Kit $kit): string
    {
        return implode(', ', array_filter([
            'Foot help', $this->footing->name($kit), $kit->bar($this->barId)->name,
            $this->grade === null ? '' : str_replace('-', ' ', $this->grade->value),
            $this->scaleKg === null ? '' : 'scale '.InWords::kg($this->scaleKg),
            $this->lapIds === []
                ? ''
                : implode(' + ', array_map(static fn (string $id): string => $kit->weight($id)->name, $this->lapIds)).' in the lap',
        ]));
    }
}
