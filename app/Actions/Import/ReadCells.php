<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Formats\Import\ImportField;
use App\Formats\Table\DateForm;
use App\Formats\Table\Quantity;

/**
 * The cells of a line by what their columns tell, in SI.
 */
final readonly class ReadCells
{
    /** @param  list<string>  $cells */
    public function __construct(private ImportColumns $of, private array $cells)
    {
    }

    public function text(ImportField $field): string
    {
        return $this->cells[$this->of->columns[$field->value][0] ?? -1] ?? '';
    }

    public function has(ImportField $field): bool
    {
        return $this->text($field) !== '';
    }

    public function day(): ?string
    {
        return $this->of->dates->read($this->text(ImportField::Date));
    }

    public function time(): ?string
    {
        return DateForm::time($this->text($this->has(ImportField::Time) ? ImportField::Time : ImportField::Date));
    }

    /** @throws BadCell if something else stands there */
    public function kg(ImportField $field): ?float
    {
        return $this->quantity($field, 'a mass', Quantity::kg(...));
    }

    /** @throws BadCell likewise */
    public function m(ImportField $field): ?float
    {
        return $this->quantity($field, 'a length', Quantity::m(...));
    }

    /** That of its column. */
    public function unit(ImportField $field): string
    {
        return $this->of->columns[$field->value][1] ?? '';
    }

    /** @throws BadCell likewise */
    public function share(): ?float
    {
        return $this->quantity(ImportField::Share, 'a percentage', static fn (string $t): ?float => Quantity::share($t));
    }

    /** @throws BadCell likewise */
    public function seconds(): ?float
    {
        return $this->quantity(ImportField::Seconds, 'a time', static fn (string $t): ?float => Quantity::seconds($t));
    }

    /** @throws BadCell likewise */
    public function count(ImportField $field): ?int
    {
        $text = $this->text($field);

        return $text === '' ? null : Quantity::count($text) ?? throw BadCell::at($field, $text, 'a whole number');
    }

    /** @param  \Closure(string, string): (float|null)  $read */
    private function quantity(ImportField $field, string $what, \Closure $read): ?float
    {
        $text = $this->text($field);

        return $text === '' ? null : $read($text, $this->of->columns[$field->value][1]) ?? throw BadCell::at($field, $text, $what);
    }
}
