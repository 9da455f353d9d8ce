<?php

declare(strict_types=1);

namespace App\Formats\Table;

/**
 * The text of a file in whatever a spreadsheet or an editor wrote it: UTF-8, UTF-16 of either order, or Windows-1252.
 */
final class PlainText
{
    /** @throws BadTable if it is no text at all */
    public static function of(string $bytes): string
    {
        if (str_starts_with($bytes, "PK\x03\x04")) {
            throw new BadTable(
                'This is a spreadsheet file and no table of text. Choose it on the page of imports, which reads it, or save it as CSV.',
            );
        }
        $encoding = self::encoding($bytes);
        $text = $encoding === 'UTF-8' ? $bytes : (string) mb_convert_encoding($bytes, 'UTF-8', $encoding);
        $text = str_starts_with($text, "\u{FEFF}") ? substr($text, 3) : $text;
        if (str_contains($text, "\0")) {
            throw new BadTable('This is no table of text: save it as CSV.');
        }

        return $text;
    }

    private static function encoding(string $bytes): string
    {
        return match (true) {
            str_starts_with($bytes, "\xFF\xFE"), preg_match('/^[^\0]\0[^\0]\0/', $bytes) === 1 => 'UTF-16LE',
            str_starts_with($bytes, "\xFE\xFF"), preg_match('/^\0[^\0]\0[^\0]/', $bytes) === 1 => 'UTF-16BE',
            mb_check_encoding($bytes, 'UTF-8') => 'UTF-8',
            default => 'Windows-1252',
        };
    }
}
