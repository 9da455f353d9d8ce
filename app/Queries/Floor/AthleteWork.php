<?php

declare(strict_types=1);

namespace App\Queries\Floor;

use App\Models\Log\AccessorySet;
use App\Models\Log\LoggedSet;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Floor\Collision\Instead;
use SteadyRung\Floor\SeenTwice;
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

    /** @var array<string, list<LoggedSet>> by line, in order; those of none under '' */
    private array $byLine;

    /**
     * @param  list<KeptLine>  $lines
     * @param  list<LoggedSet>  $logged  in order
     * @param  list<AccessorySet>  $accessories
     * @param  array<string, string>  $switched  keys of what is done instead, by line
     */
    public function __construct(
        private array $lines,
        array $logged,
        private array $accessories,
        private array $switched,
        private \DateTimeImmutable $startsAt,
    ) {
        $byLine = [];
        foreach ($logged as $set) {
            $byLine[$this->lineOf($set)][] = $set;
        }
        $this->byLine = $byLine;
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
        $done = [];
        $lines = array_column($this->lines, null, 'line');
        foreach ($this->byLine as $of => $sets) {
            foreach (self::begun($sets) as $set) {
                $done[] = $this->ofSet($set, $lines[$of] ?? null);
            }
        }
        $accessories = array_column($this->lines, null, 'accessory');
        $last = [];
        foreach ($this->accessories as $set) {
            $line = $accessories[$set->accessory] ?? null;
            $before = $last[$set->accessory] ?? null;
            if ($before !== null && $before->user_id !== $set->user_id
                && SeenTwice::is($this->seconds($set->performed_at) - $this->seconds($before->performed_at), $line['rest_s'] ?? 0)) {
                continue;
            }
            $last[$set->accessory] = $set;
            $done[] = new Done(
                $line['line'] ?? null,
                $this->seconds($set->performed_at),
                $line['set_s'] ?? self::SET_S,
                $line['rest_s'] ?? 0,
                SheetWork::FLOOR,
                [],
            );
        }

        return $done;
    }

    /** @param  KeptLine|null  $line */
    private function ofSet(LoggedSet $set, ?array $line): Done
    {
        $setup = $set->exercise?->setup;

        return new Done(
            $line['line'] ?? null,
            $this->seconds($set->performed_at),
            $set->hang_s === null ? $line['set_s'] ?? self::SET_S : (int) ceil($set->hang_s),
            $line['rest_s'] ?? 0,
            ($setup === null ? null : Station::of($setup)) ?? SheetWork::FLOOR,
            $setup?->bandIds() ?? [],
        );
    }

    /** The line that a set names, else the first with its set-up; none: ''. */
    private function lineOf(LoggedSet $set): string
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

        return '';
    }

    /**
     * Of what is done of a line: as it was switched, else what its last set ended on.
     *
     * @param  KeptLine  $line
     */
    private function key(array $line): ?string
    {
        $exercises = array_filter(array_map(static fn (LoggedSet $s): ?Exercise => $s->exercise, $this->byLine[$line['line']] ?? []));
        $last = $exercises === [] ? null : $exercises[array_key_last($exercises)]->key();

        return $this->switched[$line['line']] ?? $last;
    }

    /**
     * Where so many reps in all are asked and were done, no set is left.
     *
     * @param  KeptLine  $line
     */
    private function asked(array $line): int
    {
        $sets = self::begun($this->byLine[$line['line']] ?? []);
        $reps = array_sum(array_map(static fn (LoggedSet $s): int => $s->clean_reps ?? 0, $sets));

        return $line['in_all'] !== null && $reps >= $line['in_all'] ? count($sets) : $line['sets'];
    }

    /**
     * Those that begin one: no ends of mixed sets.
     *
     * @param  list<LoggedSet>  $sets
     * @return list<LoggedSet>
     */
    private static function begun(array $sets): array
    {
        return array_values(array_filter($sets, static fn (LoggedSet $s): bool => $s->part_of === null));
    }

    private function seconds(\DateTimeInterface $at): int
    {
        return EveningQuery::seconds($this->startsAt, $at);
    }
}
