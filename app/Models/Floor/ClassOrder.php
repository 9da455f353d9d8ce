<?php

declare(strict_types=1);

namespace App\Models\Floor;

use App\Models\Record;
use Carbon\CarbonImmutable;

/**
 * An order that a coach told for a class day: turns with the times and stations they are to have.
 *
 * @property string $class_id
 * @property string $held_on
 * @property string $user_id
 * @property list<array{string, string, int, string}> $turns
 * @property CarbonImmutable $told_at
 */
final class ClassOrder extends Record
{
    public $timestamps = false;

    protected $table = 'class_orders';

    protected array $told = ['class_id', 'held_on', 'turns'];

    protected $casts = ['turns' => 'array', 'told_at' => 'immutable_datetime'];
}
