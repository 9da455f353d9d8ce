<?php

declare(strict_types=1);

namespace App\Formats\Table;

/**
 * Reads the records of a table with commas, semicolons or tabs (RFC 4180, with the escape character of PHP off). A line that is not well
 * formed is told and left out; the ones after it are read.
 */
final readonly class Records
{
    public const MOST_CELLS = 60;

    public const LONGEST_CELL = 500;

    private const DELIMITERS = [',', ';', "\t"];

    /** So many lines may one cell have. */
    private const MOST_LINES = 40;

    private const LONGEST_RECORD = 20_000;

    private function __construct(private string $delimiter)
    {
    }

    /**
     * @return iterable<Record> the first is the head of the table
     */
    public static function of(string $text): iterable
    {
        $lines = preg_split('/\r\n|\n|\r/', $text) ?: [];
        while ($lines !== [] && trim($lines[count($lines) - 1]) === '') {
            array_pop($lines);
        }
        $head = array_values(array_filter($lines, static fn (string $l): bool => trim($l) !== ''))[0] ?? '';

        return (new self(self::delimiterOf($head)))->read($lines);
    }

    private static function delimiterOf(string $head): string
    {
        $outside = (string) preg_replace('/"[^"]*"/', '', $head);
        $counts = array_map(static fn (string $d): int => substr_count($outside, $d), self::DELIMITERS);

        return self::DELIMITERS[(int) array_search(max($counts), $counts, true)];
    }

    /**
     * @param  list<string>  $lines
     * @return \Generator<Record>
     */
    private function read(array $lines): \Generator
    {
        $count = count($lines);
        for ($at = 0; $at < $count; $at += $used) {
            [$record, $used] = $this->record($lines, $at);
            yield $record;
        }
    }

    /**
     * @param  list<string>  $lines
     * @return array{Record, int} with the lines it took
     */
    private function record(array $lines, int $at): array
    {
        $number = $at + 1;
        $text = $lines[$at];
        if (trim($text) === '') {
            return [Record::faulty($number, 'The line is blank.'), 1];
        }
        for ($used = 1; $this->isOpen($text); $used++) {
            if (! isset($lines[$at + $used]) || $used >= self::MOST_LINES || strlen($text) > self::LONGEST_RECORD) {
                return [Record::faulty($number, 'A quote is opened here and not closed.'), 1];
            }
            $text .= "\n".$lines[$at + $used];
        }

        return [$this->cells($number, $text), $used];
    }

    private function cells(int $number, string $text): Record
    {
        if (strlen($text) > self::LONGEST_RECORD) {
            return Record::faulty($number, 'The line is too long.');
        }
        $cell = $this->cell();
        if (preg_match("/^$cell(?:{$this->delimiter}$cell)*+$/s", $text) !== 1) {
            return Record::faulty($number, 'Something stands after a closing quote.');
        }
        $cells = array_map(static fn (?string $c): string => trim((string) $c), str_getcsv($text, $this->delimiter, '"', ''));

        return match (true) {
            count($cells) > self::MOST_CELLS => Record::faulty($number, sprintf('More than %d columns.', self::MOST_CELLS)),
            max(array_map(mb_strlen(...), $cells)) > self::LONGEST_CELL => Record::faulty(
                $number,
                sprintf('A cell is longer than %d letters.', self::LONGEST_CELL),
            ),
            default => Record::of($number, $cells),
        };
    }

    /** Whether the last cell is quoted and not closed. */
    private function isOpen(string $text): bool
    {
        return str_contains($text, '"') && preg_match("/^(?:{$this->cell()}{$this->delimiter})*+\"(?:[^\"]++|\"\")*+$/s", $text) === 1;
    }

    /** A cell that is quoted whole, or does not begin with a quote. */
    private function cell(): string
    {
        return "(?:\"(?:[^\"]++|\"\")*+\"|(?!\")[^{$this->delimiter}]*+)";
    }
}
