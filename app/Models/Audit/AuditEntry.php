<?php

declare(strict_types=1);

namespace App\Models\Audit;

use App\Formats\Audit\AuditEvent;
use App\Models\BelongsToGym;
use Carbon\CarbonImmutable;
use Spatie\Activitylog\Models\Activity;

/**
 * One thing that was done, by whom and to whom.
 *
 * @property string $id
 * @property string $gym_id
 * @property AuditEvent $event
 * @property string $causer_id who did it
 * @property string|null $token_id the script’s by which they did it
 * @property string|null $about_kind what the id is of: athlete, member, band, gear, import, method, token
 * @property string|null $about_id
 * @property CarbonImmutable $created_at
 *
 * @method static \Illuminate\Database\Eloquent\Builder<static> query()
 */
final class AuditEntry extends Activity
{
    use BelongsToGym;

    public $incrementing = false;

    public $timestamps = false;

    protected $table = 'audit_entries';

    protected $keyType = 'string';

    /** @var array<string, string> */
    protected $casts = ['properties' => 'collection', 'event' => AuditEvent::class, 'created_at' => 'immutable_datetime'];
}
