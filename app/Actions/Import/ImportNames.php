<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Formats\Import\ImportField;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\Weighing;
use App\Models\Import\ImportMatch;

/**
 * Whose a line is, what its exercise is in this gym, and what somebody weighed on a day.
 */
final class ImportNames
{
    private const CHIN = '~^(?:strict |unassisted )?chin[ -]?ups?$~';

    private const PULL = '~^(?:strict |unassisted )?pull[ -]?ups?$~';

    private const HANG = '~^(?:dead ?hang|hang)$~';

    /** @var array<string, string> ids by name, none of a name that two have */
    private array $ids = [];

    /** @var array<string, Athlete> */
    private array $athletes = [];

    /** @var array<string, list<array{string, float}>> days and masses, latest first */
    private array $masses = [];

    /**
     * @param  array<string, string>  $names  targets by text
     * @param  array<string, string>  $exercises  likewise
     */
    private function __construct(private readonly array $names, private readonly array $exercises)
    {
        $twice = [];
        foreach (Athlete::query()->whereNull('archived_at')->orderBy('id')->get() as $athlete) {
            $this->athletes[$athlete->id] = $athlete;
            $key = ImportMatch::key($athlete->name);
            isset($this->ids[$key]) ? $twice[] = $key : $this->ids[$key] = $athlete->id;
        }
        $this->ids = array_diff_key($this->ids, array_flip($twice));
    }

    public static function ofGym(): self
    {
        return new self(ImportMatch::targets(ImportField::Name), ImportMatch::targets(ImportField::Exercise));
    }

    /** The athlete, LEAVE, or none of a name that is not known. */
    public function athlete(string $name): Athlete|string|null
    {
        $key = ImportMatch::key($name);
        $target = $this->names[$key] ?? $this->ids[$key] ?? $this->ids[self::turned($key)] ?? null;

        return $target === ImportMatch::LEAVE ? $target : $this->athletes[$target] ?? null;
    }

    /** What the exercise of a line is: HANG, SHARE, LEAVE or an exercise as JSON. */
    public function exercise(string $text): string
    {
        $key = ImportMatch::key($text);

        return $this->exercises[$key] ?? match (true) {
            preg_match(self::PULL, $key) === 1 => ImportMatch::PULL_UP,
            preg_match(self::CHIN, $key) === 1 => ImportMatch::CHIN_UP,
            preg_match(self::HANG, $key) === 1 => ImportMatch::HANG,
            default => ImportMatch::SHARE,
        };
    }

    /** Whether it is the name of somebody here, so that nobody need say whose it is. */
    public function isHere(string $name): bool
    {
        $key = ImportMatch::key($name);

        return isset($this->ids[$key]) || isset($this->ids[self::turned($key)]);
    }

    public function massKg(Athlete $athlete, string $day): float
    {
        $weighings = $this->masses[$athlete->id] ??= array_values(Weighing::latestFirst($athlete->id)->get(['weighed_on', 'mass_kg'])
            ->map(static fn (Weighing $w): array => [$w->weighed_on, $w->mass_kg])->all());
        foreach ($weighings as [$on, $kg]) {
            if ($on <= $day) {
                return $kg;
            }
        }

        return $weighings === [] ? $athlete->mass_kg : $weighings[count($weighings) - 1][1];
    }

    /** “Thatch, Jolyon” as “jolyon thatch”. */
    private static function turned(string $key): string
    {
        $parts = array_map(trim(...), explode(',', $key));

        return count($parts) === 2 ? "$parts[1] $parts[0]" : $key;
    }
}
