<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Actions\Athletes\AthleteParticulars;
use App\Actions\Log\LoadOfSet;
use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Formats\Import\ImportField;
use App\Formats\Import\ImportKind;
use App\Formats\Json\Setups\ExerciseJson;
use App\Formats\JsonObject;
use App\Formats\Unreadable;
use App\Models\Athletes\Athlete;
use App\Models\Import\Import;
use App\Models\Import\ImportLine;
use App\Models\Import\ImportMatch;
use App\Models\Log\LoggedSet;
use App\Problems\Problem;
use SteadyRung\Body\Body;
use SteadyRung\CoreError;
use SteadyRung\Exercise\Choices\Pattern;
use SteadyRung\Exercise\Exercise;
use SteadyRung\OutOfRange;
use SteadyRung\Plan\Diary\Purpose;
use SteadyRung\Strength\Filter\Observation;

/**
 * Makes rows of the lines of a file, in their order.
 */
final class ImportRows
{
    /** Help that nobody here measured is believed no better. */
    private const ELSEWHERE_SD = 0.05;

    private const SHARES = [0.05, 2.0];

    private const HANG_S = [1.0, 600.0];

    /** Sets without a time stand so far apart, from noon on. */
    private const APART_S = 240;

    private readonly ImportKind $kind;

    private readonly ImportColumns $columns;

    private readonly string $today;

    private readonly \DateTimeZone $zone;

    /** @var array<string, int> how often the same stood in the file before */
    private array $seen = [];

    /** @var array<string, int> sets of an athlete and a day so far */
    private array $ofDay = [];

    /** @var array<string, array{array<string, mixed>, list<string>}|string> what is computed of a set, or why it cannot be */
    private array $loads = [];

    public function __construct(
        private readonly LoadOfSet $computed,
        GymDay $days,
        CurrentGym $gym,
        private readonly ImportNames $names,
        private readonly ReadGear $gear,
        Import $import,
    ) {
        $this->kind = $import->kind;
        $this->columns = ImportColumns::of($import);
        $this->today = $days->today();
        $this->zone = new \DateTimeZone($gym->timezone());
    }

    public function of(ImportLine $line): ImportRow
    {
        if ($line->fault !== null) {
            return ImportRow::refused($line->line, $line->fault);
        }
        $cells = $this->columns->read($line);
        try {
            foreach ($this->kind->needed() as $field) {
                $cells->has($field) || throw BadCell::needed($field);
            }

            return match ($this->kind) {
                ImportKind::People => $this->person($line->line, $cells),
                ImportKind::Weighings => $this->weighing($line->line, $cells),
                ImportKind::Sets => $this->set($line->line, $cells),
                ImportKind::Gear => $this->kept($line->line, $this->gear->piece($cells)),
                ImportKind::Bands => $this->kept($line->line, $this->gear->band($cells)),
            };
        } catch (BadCell|OutOfRange $bad) {
            return ImportRow::refused($line->line, $bad->getMessage());
        }
    }

    private function person(int $line, ReadCells $cells): ImportRow
    {
        $name = $cells->text(ImportField::Name);
        mb_strlen($name) <= 80 || throw BadCell::because('The name is longer than 80 letters.');
        $this->names->athlete($name) instanceof Athlete && throw BadCell::because('Somebody of this name is here already.');
        $reachM = $cells->m(ImportField::Reach);
        $body = Body::of((float) $cells->kg(ImportField::Bodyweight), (float) $cells->m(ImportField::Height), $reachM);
        $tags = array_values(array_filter(array_map(trim(...), preg_split('/[,;\/]/', $cells->text(ImportField::Tags)) ?: [])));

        return ImportRow::of($line, [
            'name' => $name,
            'kind' => 'gym',
            'mass_kg' => $body->massKg,
            'stature_m' => $body->statureM,
            'reach_m' => $reachM,
            'tags' => json_encode(
                array_map(
                    static fn (string $t): string => mb_substr($t, 0, AthleteParticulars::LONGEST_TAG),
                    array_slice($tags, 0, AthleteParticulars::MOST_TAGS),
                ),
                JSON_THROW_ON_ERROR,
            ),
        ], $this->identity('person', ImportMatch::key($name)));
    }

    /** @param  array<string, mixed>  $columns */
    private function kept(int $line, array $columns): ImportRow
    {
        return ImportRow::of($line, $columns, $this->identity($this->kind->value, ImportMatch::key($columns['name'])));
    }

    private function weighing(int $line, ReadCells $cells): ImportRow
    {
        $athlete = $this->athlete($cells);
        $day = $this->day($cells);
        $kg = (float) $cells->kg(ImportField::Bodyweight);
        OutOfRange::guard(['mass_kg' => [$kg, Body::MASS_KG]]);

        return ImportRow::of($line, [
            'athlete_id' => $athlete->id,
            'weighed_on' => $day,
            'mass_kg' => $kg,
        ], $this->identity('weighing', $athlete->id, $day, round($kg, 2)));
    }

    private function set(int $line, ReadCells $cells): ImportRow
    {
        $athlete = $this->athlete($cells);
        $day = $this->day($cells);
        $text = $cells->text(ImportField::Exercise);
        $target = $this->names->exercise($text);
        $target !== ImportMatch::LEAVE || throw BadCell::because('This exercise is left out, as you said.');
        [$reps, $seconds] = [$cells->count(ImportField::Reps), $cells->seconds()];
        ($reps === null) !== ($seconds === null) || throw BadCell::because('Give reps or seconds, one of them.');
        OutOfRange::guard(['reps' => [$reps, Observation::REPS], 'seconds' => [$seconds, self::HANG_S]]);
        $reserve = $reps === null ? null : $cells->count(ImportField::Reserve);
        $massKg = $cells->kg(ImportField::Bodyweight) ?? $this->names->massKg($athlete, $day);
        OutOfRange::guard(['mass_kg' => [$massKg, Body::MASS_KG]]);
        [$load, $bands] = $this->load($athlete, $target, $text, $massKg, $cells, $seconds !== null);
        $share = $load['carried_share'] ?? null;

        return ImportRow::of(
            $line,
            [
                ...$load,
                'athlete_id' => $athlete->id,
                'withdrawn' => false,
                'purpose' => Purpose::Work->value,
                'performed_at' => $this->moment($athlete, $day, $cells->time()),
                'trained_on' => $day,
                'mass_kg' => $massKg,
                'clean_reps' => $reps,
                'reserve' => $reserve === null ? null : min($reserve, (int) Observation::RESERVE[1]),
                'hang_s' => $seconds,
                'note' => $cells->has(ImportField::Note) ? $cells->text(ImportField::Note) : null,
            ],
            $this->identity('set', $athlete->id, $day, ImportMatch::key($text), $reps, $seconds, $share === null ? null : round($share, 3)),
            $bands,
        );
    }

    /** @return array{array<string, mixed>, list<string>} */
    private function load(Athlete $athlete, string $target, string $text, float $massKg, ReadCells $cells, bool $isHeld): array
    {
        $none = [...array_fill_keys(['exercise', 'held_at', ...LoggedSet::COMPUTED], null), 'setup_name' => mb_substr($text, 0, 160)];
        unset($none['mass_kg']);
        if ($target === ImportMatch::HANG) {
            $isHeld || throw BadCell::because('A hang is told by its seconds.');

            return [[...$none, 'held_at' => 'hang', 'setup_name' => null], []];
        }
        if ($target !== ImportMatch::SHARE) {
            $known = $this->loads["$athlete->id $target ".round($massKg, 1)] ??= $this->compute($athlete, $target, $massKg);

            return is_string($known) ? throw BadCell::because($known) : [[...$none, ...$known[0]], $known[1]];
        }
        $share = $isHeld ? null : $this->shareTold($cells, $massKg);

        return [$share === null ? $none : [
            ...$none,
            'pattern' => self::pattern($text)->value,
            'carried_kg' => $share * $massKg,
            'carried_share' => $share,
            'effective_share' => $share,
            'share_sd' => self::ELSEWHERE_SD,
            'shape' => 0.0,
        ], []];
    }

    /** @return array{array<string, mixed>, list<string>}|string */
    private function compute(Athlete $athlete, string $target, float $massKg): array|string
    {
        try {
            $row = new LoggedSet(['mass_kg' => $massKg, 'exercise' => self::exercise($target)]);
            $this->computed->fill($row, $athlete);
        } catch (Problem|CoreError|Unreadable $refused) {
            return $refused->getMessage();
        }

        return [
            array_intersect_key($row->getAttributes(), array_flip(['exercise', ...LoggedSet::COMPUTED])),
            $row->exercise?->setup->bandIds() ?? [],
        ];
    }

    /** Of bodyweight, as the line tells it: by itself, by what is carried, by what helps, or by what is added. */
    private function shareTold(ReadCells $cells, float $massKg): ?float
    {
        [$share, $carried, $help, $added] = [
            $cells->share(), $cells->kg(ImportField::Carried), $cells->kg(ImportField::Help), $cells->kg(ImportField::Added),
        ];
        $told = match (true) {
            $share !== null => $share,
            $carried !== null => $carried / $massKg,
            $help !== null => 1.0 - abs($help) / $massKg,
            $added !== null => 1.0 + $added / $massKg,
            default => null,
        };
        if ($told !== null) {
            OutOfRange::guard(['share' => [$told, self::SHARES]]);
        }

        return $told;
    }

    private static function pattern(string $text): Pattern
    {
        return match (true) {
            preg_match('/\brows?\b/i', $text) === 1 => Pattern::Row,
            preg_match('/\bchin/i', $text) === 1 => Pattern::Chin,
            default => Pattern::Pull,
        };
    }

    private static function exercise(string $target): Exercise
    {
        return ExerciseJson::read(JsonObject::parse($target));
    }

    private function athlete(ReadCells $cells): Athlete
    {
        $name = $cells->text(ImportField::Name);
        $athlete = $this->names->athlete($name);

        return match (true) {
            $athlete instanceof Athlete => $athlete,
            $athlete === ImportMatch::LEAVE => throw BadCell::because('This name is left out, as you said.'),
            default => throw BadCell::because(sprintf('Nobody here is called “%s”.', mb_strimwidth($name, 0, 60, '…'))),
        };
    }

    private function day(ReadCells $cells): string
    {
        $day = $cells->day() ?? throw BadCell::at(ImportField::Date, $cells->text(ImportField::Date), 'a date');

        return $day <= $this->today && $day >= '1990-01-01'
            ? $day
            : throw BadCell::at(ImportField::Date, $cells->text(ImportField::Date), 'a day from 1990 to today');
    }

    private function moment(Athlete $athlete, string $day, ?string $time): string
    {
        $nth = $this->ofDay["$athlete->id $day"] = ($this->ofDay["$athlete->id $day"] ?? -1) + 1;
        $at = new \DateTimeImmutable($day.' '.($time ?? '12:00'), $this->zone);
        $afterS = $time === null ? $nth * self::APART_S : $nth;

        return $at->modify("+$afterS seconds")->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d H:i:s.uP');
    }

    /** The same that stands several times in a file is told apart by which it is. */
    private function identity(string $what, string|float|int|null ...$parts): string
    {
        $text = json_encode([$what, ...$parts], JSON_THROW_ON_ERROR);
        $nth = $this->seen[$text] = ($this->seen[$text] ?? 0) + 1;

        return "$text|$nth";
    }
}
