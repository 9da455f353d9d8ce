<?php

declare(strict_types=1);

namespace App\Formats\Stored;

use SteadyRung\Call\Verdict;

/**
 * The columns that say something of somebody's health, and the secrets of who works here: they are kept encrypted. What follows from them
 * (that pulling is paused, what a screen leaves to do) is not.
 *
 * In a text column stands the cipher text, in a JSON column a JSON string of it; what seals nothing stands there as it is.
 */
enum SealedColumn: string
{
    case ScreenAnswers = 'screenings.answers';
    case ClearingNote = 'clearances.note';
    case ToldPain = 'pain_reports.pain';
    case PainNote = 'pain_reports.note';
    case Symptoms = 'signals.symptoms';
    case SetPain = 'logged_sets.pain';
    case AthletePain = 'athletes.pain';
    case Call = 'calls.call';
    case Situation = 'calls.situation';
    case Sheet = 'session_sheets.sheet';
    case AthleteNote = 'athlete_notes.text';
    case SecondFactor = 'users.second_factor';

    /** @return list<self> those of a table */
    public static function of(string $table): array
    {
        return array_values(array_filter(self::cases(), static fn (self $column): bool => $column->table() === $table));
    }

    public function table(): string
    {
        return strstr($this->value, '.', true) ?: $this->value;
    }

    public function column(): string
    {
        return substr((string) strstr($this->value, '.'), 1);
    }

    /** @return non-empty-list<string> what tells the rows of its table apart */
    public function key(): array
    {
        return $this === self::Sheet ? ['gym_id', 'athlete_id', 'held_on'] : ['gym_id', 'id'];
    }

    public function isJson(): bool
    {
        return match ($this) {
            self::ScreenAnswers, self::ClearingNote, self::PainNote, self::AthleteNote, self::SecondFactor => false,
            default => true,
        };
    }

    /**
     * Whether a value says anything of health.
     *
     * @param  mixed  $plain  as json_decode gives it with arrays
     */
    public function seals(mixed $plain): bool
    {
        return match (true) {
            $plain === null, $plain === [] => false,
            ! is_array($plain) => true,
            $this === self::Call => ($plain['verdict'] ?? null) === Verdict::Refer->value,
            $this === self::Situation => isset($plain['pain']) || is_array($plain['signs'] ?? null) && ! empty($plain['signs']['symptoms']),
            $this === self::Sheet => isset($plain['concern']) || isset($plain['refused']),
            default => true,
        };
    }

    /** SQL that finds the rows there may be something to seal in, or that are sealed. */
    public function found(): string
    {
        $column = $this->column();

        return match ($this) {
            self::Symptoms => "$column <> '[]'",
            self::Call => "(jsonb_typeof($column) = 'string' OR $column->>'verdict' = 'refer')",
            self::Situation => "(jsonb_typeof($column) = 'string' OR jsonb_exists($column, 'pain')
                OR jsonb_exists($column->'signs', 'symptoms'))",
            self::Sheet => "(jsonb_typeof($column) = 'string' OR jsonb_exists_any($column, '{concern,refused}'))",
            default => "$column IS NOT NULL",
        };
    }
}
