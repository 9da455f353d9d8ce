<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use SteadyRung\Kit\Floor;
use SteadyRung\Method\HouseRules;

/**
 * @property string $id
 * @property string $name
 * @property string $timezone
 * @property bool $is_demo
 * @property Floor $floor what the heels stand on
 * @property bool $to_replay whether what follows from the log must be followed anew
 * @property array<string, string> $house_rules position by rule, where it is not the default
 * @property int $kit_version grows with every change of what is in use
 */
final class Gym extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    protected $attributes = ['kit_version' => 1, 'is_demo' => false, 'floor' => 'unknown', 'to_replay' => false, 'house_rules' => '{}'];

    /** @var array<string, string> */
    protected $casts = ['kit_version' => 'integer', 'is_demo' => 'boolean', 'floor' => Floor::class, 'to_replay' => 'boolean', 'house_rules' => 'array'];

    public function houseRules(): HouseRules
    {
        return HouseRules::of($this->house_rules);
    }
}
