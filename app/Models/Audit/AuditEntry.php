<?php

declare(strict_types=1);

namespace App\Models\Audit;

use App\Formats\Audit\AuditEvent;
use App\Formats\Audit\Change;
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

    /** @return array{string, string}|null */
    public function about(): ?array
    {
        return $this->about_kind === null ? null : [$this->about_kind, (string) $this->about_id];
    }

    /** From what to what, where that was kept. */
    public function change(): ?Change
    {
        /** @var array{was?: array<string, mixed>|null, is?: array<string, mixed>|null} $kept */
        $kept = $this->properties?->all() ?? [];

        return Change::read($kept);
    }

    /** What can be put back: of people, kit, rules and methods. */
    public function undoable(): ?Change
    {
        return $this->event->canBeUndone() ? $this->change() : null;
    }
}
