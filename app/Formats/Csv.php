<?php

declare(strict_types=1);

namespace App\Formats;

/**
 * Comma-separated values as RFC 4180 has them. A text that a spreadsheet would take for a formula begins with an apostrophe, which it shows
 * as text.
 */
final readonly class Csv
{
    /** What a formula may begin with: OWASP, “CSV Injection”. */
    private const FORMULA = '/^[=+\-@\t\r]/';

    /** @param  list<string|int|float|null>  $cells */
    public static function line(array $cells): string
    {
        return implode(',', array_map(self::cell(...), $cells))."\r\n";
    }

    private static function cell(string|int|float|null $value): string
    {
        if (! is_string($value)) {
            return $value === null ? '' : (string) json_encode($value);
        }
        $text = preg_match(self::FORMULA, $value) === 1 ? "'$value" : $value;

        return strpbrk($text, "\",\r\n") === false ? $text : '"'.str_replace('"', '""', $text).'"';
    }
}
