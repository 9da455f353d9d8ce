<?php

declare(strict_types=1);

namespace App\Actions\Audit;

use App\Actions\Athletes\AthleteParticulars;
use App\Actions\Athletes\UpdateAthlete;
use App\Actions\Kit\ChangeGear;
use App\Actions\Methods\SaveMethod;
use App\Actions\Methods\SetCaps;
use App\Actions\Methods\SetHouseRules;
use App\Context\Audit\Standing;
use App\Formats\Audit\AuditEvent;
use App\Formats\Json\Methods\MethodJson;
use App\Formats\JsonObject;
use App\Models\Athletes\Athlete;
use App\Models\Audit\AuditEntry;
use App\Models\Gym\User;
use App\Models\Kit\Band;
use App\Models\Kit\Gear;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Safety\CapLimits;

/**
 * Puts back what was changed of people, kit, rules and methods, by the same ways as it was changed; that is in the trail too, and can be
 * undone in turn.
 */
final readonly class UndoChange
{
    public function __construct(
        private ConnectionInterface $db,
        private Standing $standing,
        private NoteDone $done,
        private UpdateAthlete $athletes,
        private ChangeGear $gear,
        private SetHouseRules $rules,
        private SetCaps $caps,
        private SaveMethod $methods,
    ) {
    }

    /**
     * Nothing where it was undone already.
     *
     * @throws Problem if it cannot be undone, or was changed again since
     */
    public function undo(AuditEntry $entry, User $by): void
    {
        $change = $entry->undoable() ?? throw Problem::invalid('/entry', 'This cannot be undone from here.');
        $now = $this->standing->of($entry->event, $entry->about()) ?? [];
        if ($change->back()->stands($now)) {
            return;
        }
        if (! $change->stands($now)) {
            throw new Problem(ProblemCode::ChangedSince, 'It was changed again since then. Undo that first, or set it as you want it.');
        }
        $this->db->transaction(function () use ($entry, $by, $change, $now): void {
            $this->put($entry->event, (string) $entry->about_id, $change->undone($now), $by);
            $this->done->note($entry->event, $by, $entry->about(), $change->back());
        });
    }

    /**
     * @param  array<string, mixed>|null  $columns
     *
     * @throws Problem as the change itself would
     */
    private function put(AuditEvent $event, string $id, ?array $columns, User $by): void
    {
        match ($event) {
            AuditEvent::AthleteChanged => $this->change(Athlete::query()->findOrFail($id), $columns ?? []),
            AuditEvent::AthleteArchived => $this->athletes->archive(Athlete::query()->findOrFail($id), isset($columns['archived_at'])),
            AuditEvent::GearChanged => $this->gear->change(Gear::query()->findOrFail($id), $columns ?? []),
            AuditEvent::BandChanged => $this->gear->change(Band::query()->findOrFail($id), $columns ?? []),
            AuditEvent::RulesSettled => $this->rules->settle(HouseRules::of($columns['house_rules'] ?? [])),
            AuditEvent::CapsSettled => $this->caps->settle(CapLimits::of($columns['caps'] ?? []), $by, false),
            AuditEvent::MethodKept, AuditEvent::MethodDropped => $columns === null
                ? $this->methods->drop($id)
                : $this->methods->keep(MethodJson::read(JsonObject::parse((string) json_encode($columns['body']))), $by),
            default => throw new \LogicException("$event->value cannot be undone."),
        };
    }

    /** @param  array<string, mixed>  $columns */
    private function change(Athlete $athlete, array $columns): void
    {
        $former = (clone $athlete)->fill($columns);
        $this->athletes->change($athlete, new AthleteParticulars(
            $former->name,
            $former->kind,
            $athlete->mass_kg,
            $former->stature_m,
            $former->reach_m,
            $former->tags,
            $former->proportions,
        ));
    }
}
