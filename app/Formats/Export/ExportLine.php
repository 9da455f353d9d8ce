<?php

declare(strict_types=1);

namespace App\Formats\Export;

/**
 * One line of an export: JSON, in UTF-8. The first is the header, the last tells how many rows stood between them.
 */
final readonly class ExportLine
{
    public const FORMAT = 'steady-rung-export';

    /** Grows whenever a reader of before could not read what is written now. */
    public const VERSION = 1;

    /** What of a gym is its own, and not of the installation. */
    public const OF_GYM = [
        'name', 'timezone', 'mass_unit', 'length_unit', 'floor',
        'house_rules', 'athletes_tell', 'board_names', 'caps', 'caps_raised_by', 'caps_raised_at', 'erased_log',
        'consent', 'consent_words', 'keep_health_years', 'kit_version', 'gear_changes',
    ];

    private const FLAGS = JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    /** @param  array<string, mixed>  $gym */
    public static function header(array $gym, string $at, ?string $athleteId): string
    {
        return json_encode(
            ['format' => self::FORMAT, 'version' => self::VERSION, 'at' => $at, 'athlete' => $athleteId, 'gym' => $gym],
            self::FLAGS,
        )."\n";
    }

    /** @param  string  $row  JSON object */
    public static function row(ExportTable $table, string $row): string
    {
        return '{"table":"'.$table->value.'","row":'.$row."}\n";
    }

    public static function end(int $rows): string
    {
        return json_encode(['rows' => $rows], self::FLAGS)."\n";
    }

    public static function json(mixed $row): string
    {
        return json_encode($row, self::FLAGS);
    }
}
