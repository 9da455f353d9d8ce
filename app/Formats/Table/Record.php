<?php

declare(strict_types=1);

namespace App\Formats\Table;

/**
 * One record of a table, with the line of the file it begins on, or what is wrong with that line.
 */
final readonly class Record
{
    /** @param  list<string>  $cells */
    private function __construct(public int $line, public array $cells, public ?string $fault)
    {
    }

    /** @param  list<string>  $cells */
    public static function of(int $line, array $cells): self
    {
        return new self($line, $cells, null);
    }

    public static function faulty(int $line, string $fault): self
    {
        return new self($line, [], $fault);
    }
}
