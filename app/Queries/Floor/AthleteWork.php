<?php

declare(strict_types=1);

namespace App\Queries\Floor;

use App\Models\Log\AccessorySet;
use App\Models\Log\LoggedSet;
use SteadyRung\Floor\Collision\Instead;
use SteadyRung\Floor\Station;
use SteadyRung\Floor\Timetable\Done;
use SteadyRung\Floor\Timetable\Work;

/**
 * The lines of one athlete on a class day with what was done of them.
 *
 * @phpstan-import-type KeptLine from SheetWork
 */
final readonly class AthleteWork
{
    /** A set of no line takes about so long. */
    private const SET_S = 45;

    /** @var list<LoggedSet> those that begin one: no ends of mixed sets */
    private array $sets;

    /**
     * @param  list<KeptLine>  $lines
     * @param  list<LoggedSet>  $logged
     * @param  list<AccessorySet>  $accessories
     * @param  array<string, string>  $switched  keys of what is done instead, by line
     */
    public function __construct(
        private array $lines,
        private array $logged,
        private array $accessories,
        private array $switched,
        private \DateTimeImmutable $startsAt,
    ) {
        $this->sets = array_values(array_filter($logged, static fn (LoggedSet $s): bool => $s->part_of === null));
    }

    /** @return list<Work> */
    public function works(SheetWork $reading): array
    {
        return array_map(fn (array $line): Work => $reading->work($line, $this->key($line), $this->asked($line)), $this->lines);
    }

    /** @return list<Instead> */
    public function instead(string $athlete, SheetWork $reading): array
    {
        return array_merge(...array_map(fn (array $line): array => $reading->instead($athlete, $line, $this->key($line)), $this->lines));
    }

    /** @return list<Done> */
    public function done(): array
    {
        $lines = array_column($this->lines, null, 'line');
        $done = array_map(function (LoggedSet $set) use ($lines): Done {
            $line = $lines[$this->lineOf($set) ?? ''] ?? null;
            $setup = $set->exercise?->setup;

            return new Done(
                $line['line'] ?? null,
                $this->seconds($set->performed_at),
                $set->hang_s === null ? $line['set_s'] ?? self::SET_S : (int) ceil($set->hang_s),
                $line['rest_s'] ?? 0,
                ($setup === null ? null : Station::of($setup)) ?? SheetWork::FLOOR,
                $setup?->bandIds() ?? [],
            );
        }, $this->sets);
        foreach ($this->accessories as $set) {
            $line = array_column($this->lines, null, 'accessory')[$set->accessory] ?? null;
            $setS = $line['set_s'] ?? self::SET_S;
            $done[] = new Done($line['line'] ?? null, $this->seconds($set->performed_at), $setS, $line['rest_s'] ?? 0, SheetWork::FLOOR, []);
        }

        return $done;
    }

    /** The line that a set names, else the first with its set-up. */
    private function lineOf(LoggedSet $set): ?string
    {
        if ($set->line !== null) {
            return $set->line;
        }
        $key = $set->exercise?->key();
        foreach ($this->lines as $line) {
            if ($key !== null && ($line['rungs'][0]['key'] ?? null) === $key) {
                return $line['line'];
            }
        }

        return null;
    }

    /**
     * Of what is done of a line: as it was switched, else what its last set ended on.
     *
     * @param  KeptLine  $line
     */
    private function key(array $line): ?string
    {
        $last = null;
        foreach ($this->logged as $set) {
            $last = $this->lineOf($set) === $line['line'] ? $set->exercise?->key() ?? $last : $last;
        }

        return $this->switched[$line['line']] ?? $last;
    }

    /**
     * Where so many reps in all are asked and were done, no set is left.
     *
     * @param  KeptLine  $line
     */
    private function asked(array $line): int
    {
        $ofLine = array_filter($this->sets, fn (LoggedSet $s): bool => $this->lineOf($s) === $line['line']);
        $reps = array_sum(array_map(static fn (LoggedSet $s): int => $s->clean_reps ?? 0, $ofLine));

        return $line['in_all'] !== null && $reps >= $line['in_all'] ? count($ofLine) : $line['sets'];
    }

    private function seconds(\DateTimeInterface $at): int
    {
        return $at->getTimestamp() - $this->startsAt->getTimestamp();
    }
}
