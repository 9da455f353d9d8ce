<?php

declare(strict_types=1);

namespace App\Models\Gym;

use App\Formats\Erase\ErasedLog;
use App\Formats\Units\LengthUnit;
use App\Formats\Units\MassUnit;
use App\Formats\Units\Units;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use SteadyRung\Floor\BoardNames;
use SteadyRung\Kit\Floor;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Safety\CapLimits;
use SteadyRung\Safety\Consent\ConsentRule;
use SteadyRung\Safety\Consent\ConsentWords;

/**
 * @property string $id
 * @property string $name
 * @property string $timezone
 * @property MassUnit $mass_unit
 * @property LengthUnit $length_unit
 * @property bool $is_demo
 * @property Floor $floor what the heels stand on
 * @property bool $to_replay whether what follows from the log must be followed anew
 * @property array<string, string> $house_rules position by rule, where it is not the default
 * @property list<string> $athletes_tell on their own page: AthletesTell
 * @property BoardNames $board_names how they are called on a board on the wall
 * @property ErasedLog $erased_log what becomes of the training of who is erased
 * @property ConsentRule $consent
 * @property string|null $consent_words of the gym’s own
 * @property string|null $calendar_id what the address of the classes’ calendar is made of
 * @property list<string> $told_events what some webhook is told of: HookEvent
 * @property int|null $keep_health_years after so many what was told of health is erased; none: never
 * @property array<string, int> $caps figures by key, where they are not the usual ones
 * @property string|null $caps_raised_by the coach who answers for a cap above the usual
 * @property CarbonImmutable|null $caps_raised_at
 * @property int $kit_version grows with every change of what is in use
 * @property int $gear_changes grows with that, and with what is out of use for a day
 */
final class Gym extends Model
{
    public const KEEP_HEALTH_YEARS = [1, 20];

    public $incrementing = false;

    protected $table = 'gyms';

    protected $keyType = 'string';

    protected $guarded = [];

    protected $attributes = [
        'mass_unit' => 'kg',
        'length_unit' => 'cm',
        'kit_version' => 1,
        'gear_changes' => 0,
        'is_demo' => false,
        'floor' => 'unknown',
        'to_replay' => false,
        'house_rules' => '{}',
        'caps' => '{}',
        'erased_log' => 'anonymous',
        'consent' => 'asked',
        'consent_words' => null,
        'keep_health_years' => null,
        'calendar_id' => null,
        'told_events' => '[]',
        'board_names' => 'first',
        'athletes_tell' => '["pain","soreness","coming"]',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'mass_unit' => MassUnit::class,
        'length_unit' => LengthUnit::class,
        'kit_version' => 'integer',
        'gear_changes' => 'integer',
        'is_demo' => 'boolean',
        'floor' => Floor::class,
        'to_replay' => 'boolean',
        'house_rules' => 'array',
        'caps' => 'array',
        'athletes_tell' => 'array',
        'board_names' => BoardNames::class,
        'told_events' => 'array',
        'erased_log' => ErasedLog::class,
        'consent' => ConsentRule::class,
        'keep_health_years' => 'integer',
        'caps_raised_at' => 'immutable_datetime',
    ];

    public function lets(AthletesTell $tell): bool
    {
        return in_array($tell->value, $this->athletes_tell, true);
    }

    public function consentWords(): string
    {
        return $this->consent_words ?? ConsentWords::USUAL;
    }

    public function units(): Units
    {
        return new Units($this->mass_unit, $this->length_unit);
    }

    public function capLimits(): CapLimits
    {
        return CapLimits::of($this->caps);
    }

    public function houseRules(): HouseRules
    {
        return HouseRules::of($this->house_rules);
    }
}
