<?php

declare(strict_types=1);

namespace App\Formats\Export;

use App\Formats\Stored\SealedColumn;

/**
 * What of a gym is exported, in an order in which no row names a later one. Sheets, sessions of browsers, links of athletes, files that
 * were brought in, queues and the like follow from it or belong to one installation, and are not.
 */
enum ExportTable: string
{
    case Users = 'users';
    case Gear = 'gear';
    case Bands = 'bands';
    case BandInspections = 'band_inspections';
    case Athletes = 'athletes';
    case AthleteNotes = 'athlete_notes';
    case Weighings = 'weighings';
    case OwnMethods = 'own_methods';
    case PlaceChanges = 'place_changes';
    case LineChanges = 'line_changes';
    case TimeOff = 'time_off';
    case Classes = 'classes';
    case ClassComers = 'class_comers';
    case LineSwitches = 'line_switches';
    case Consents = 'consents';
    case Screenings = 'screenings';
    case ScreeningLooks = 'screening_looks';
    case Clearances = 'clearances';
    case PainReports = 'pain_reports';
    case PainUndoings = 'pain_undoings';
    case Signals = 'signals';
    case Recomputations = 'recomputations';
    case LoggedSets = 'logged_sets';
    case SetBands = 'set_bands';
    case AccessorySets = 'accessory_sets';
    case CapacityStates = 'capacity_states';
    case Forecasts = 'forecasts';
    case Calls = 'calls';

    /** @return non-empty-list<string> what tells its rows apart within a gym */
    public function key(): array
    {
        return match ($this) {
            self::ClassComers => ['class_id', 'held_on', 'athlete_id'],
            self::LineSwitches => ['athlete_id', 'held_on', 'line'],
            self::SetBands => ['band_id', 'trained_on', 'set_id'],
            self::CapacityStates => ['athlete_id', 'pattern', 'trained_on'],
            self::Forecasts => ['athlete_id', 'pattern', 'reps', 'made_on'],
            default => ['id'],
        };
    }

    /** @return list<string> what stays where it is: of the gym, of the installation, or a password */
    public function left(): array
    {
        return ['gym_id', ...match ($this) {
            self::Users => ['password', 'remember_token', 'second_factor', 'second_factor_at', 'second_factor_step', 'recovery_codes', 'reminders', 'reminded_on'],
            self::Gear, self::Bands, self::Athletes, self::Weighings, self::LoggedSets => ['import_id'],
            default => [],
        }];
    }

    /** @return list<SealedColumn> encrypted at rest and plain in an export */
    public function sealed(): array
    {
        return array_values(array_filter(
            SealedColumn::of($this->value),
            fn (SealedColumn $column): bool => ! in_array($column->column(), $this->left(), true),
        ));
    }

    /** Which column names the athlete; none where it belongs to the gym or is found by a set. */
    public function athleteColumn(): ?string
    {
        return match ($this) {
            self::Athletes => 'id',
            self::Users, self::Gear, self::Bands, self::BandInspections, self::OwnMethods, self::Classes => null,
            self::ScreeningLooks, self::SetBands => null,
            default => 'athlete_id',
        };
    }
}
