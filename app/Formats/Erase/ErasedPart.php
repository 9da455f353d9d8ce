<?php

declare(strict_types=1);

namespace App\Formats\Erase;

/**
 * What is kept of an athlete, and what becomes of it when they are erased.
 */
enum ErasedPart: string
{
    case Screens = 'screens';
    case Health = 'health';
    case Notes = 'notes';
    case OwnPage = 'own-page';
    case Attendance = 'attendance';
    case Weighings = 'weighings';
    case Sets = 'sets';
    case Course = 'course';
    case Wear = 'wear';

    /** Found by a row of another table, not by the athlete: the column, and the table it names. */
    public const THROUGH = [
        'screening_looks' => ['screening_id', 'screenings'],
        'athlete_link_looks' => ['link_id', 'athlete_links'],
        'set_bands' => ['set_id', 'logged_sets'],
    ];

    /** What is said in free words, or of health, within what stays without a name. */
    public const BLANKED = [
        'logged_sets' => ['note', 'pain', 'pain_told_at', 'fingerprint'],
        'calls' => ['override_reason'],
        'place_changes' => ['reason'],
    ];

    /** @return non-empty-list<string> the tables, whose rows name one another's in front */
    public function tables(): array
    {
        return match ($this) {
            self::Screens => ['screening_looks', 'screenings'],
            self::Health => ['consents', 'clearances', 'pain_undoings', 'pain_reports', 'signals'],
            self::Notes => ['athlete_notes'],
            self::OwnPage => ['athlete_link_looks', 'athlete_links'],
            self::Attendance => ['class_comers', 'line_switches', 'time_off', 'session_sheets', 'news'],
            self::Weighings => ['weighings'],
            self::Sets => ['accessory_sets', 'logged_sets'],
            self::Course => ['place_changes', 'calls', 'forecasts', 'capacity_states', 'line_changes', 'recomputations'],
            self::Wear => ['set_bands'],
        };
    }

    public function fate(ErasedLog $log): Fate
    {
        return match ($this) {
            self::Screens, self::Health, self::Notes, self::OwnPage, self::Attendance => Fate::Erased,
            self::Weighings, self::Sets, self::Course => $log === ErasedLog::Removed ? Fate::Erased : Fate::Nameless,
            self::Wear => Fate::Kept,
        };
    }
}
