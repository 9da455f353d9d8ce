<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Formats\Import\ImportField;
use App\Formats\Import\ImportKind;
use App\Models\Athletes\Athlete;
use App\Models\Import\Import;
use App\Models\Import\ImportLine;

/**
 * What would become of a file, line by line; nothing is changed by it.
 */
final readonly class DryRun
{
    public const MOST_REFUSED = 200;

    public const MOST_ASKED = 100;

    private const SAMPLES = 3;

    public function __construct(private ReadImport $reading)
    {
    }

    public function of(Import $import): DryRunTold
    {
        $names = ImportNames::ofGym();
        $columns = ImportColumns::of($import);
        $ready = $known = $refusedCount = 0;
        $refused = $asked = [];
        foreach ($this->reading->parts($import, $names) as $part) {
            $ready += count($part->new);
            $known += $part->known;
            $refusedCount += count($part->refused);
            array_push($refused, ...array_slice($part->refused, 0, self::MOST_REFUSED - count($refused)));
            foreach ($part->lines as $line) {
                self::ask($import->kind, $columns->read($line), $names, $asked);
            }
        }
        arsort($asked);

        return new DryRunTold($ready, $known, $refusedCount, $refused, self::asked($asked, $names), self::samples($import));
    }

    /**
     * Names that nobody has, and every exercise: what they are here is asked.
     *
     * @param  array<string, int>  $asked  lines by field and text
     */
    private static function ask(ImportKind $kind, ReadCells $cells, ImportNames $names, array &$asked): void
    {
        $name = $cells->text(ImportField::Name);
        if ($kind->namesAthletes() && $name !== '' && ! $names->isHere($name)) {
            $asked["name\n".$name] = ($asked["name\n".$name] ?? 0) + 1;
        }
        $exercise = $kind === ImportKind::Sets ? $cells->text(ImportField::Exercise) : '';
        if ($exercise !== '') {
            $asked["exercise\n".$exercise] = ($asked["exercise\n".$exercise] ?? 0) + 1;
        }
    }

    /**
     * @param  array<string, int>  $asked
     * @return list<array{ImportField, string, int, string|null}> field, text, lines, what it is taken for
     */
    private static function asked(array $asked, ImportNames $names): array
    {
        $told = [];
        foreach (array_slice($asked, 0, self::MOST_ASKED, true) as $key => $lines) {
            [$field, $text] = explode("\n", $key, 2);
            $athlete = $field === 'name' ? $names->athlete($text) : null;
            $target = $field === 'name' ? ($athlete instanceof Athlete ? $athlete->id : $athlete) : $names->exercise($text);
            $told[] = [ImportField::from($field), $text, $lines, $target];
        }

        return $told;
    }

    /** @return list<list<string>> cells of each column */
    private static function samples(Import $import): array
    {
        $some = ImportLine::of($import)->whereNull('fault')->limit(self::SAMPLES)->get();

        return array_map(
            static fn (int $i): array => array_values($some->map(static fn (ImportLine $l): string => $l->cells[$i] ?? '')->all()),
            array_keys($import->titles),
        );
    }
}
