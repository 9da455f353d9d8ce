<?php

declare(strict_types=1);

namespace App\Queries\Calls;

use App\Context\Gym\GymDay;
use App\Context\Kit\BandWear;
use App\Context\Screening\ConsentStates;
use App\Formats\Day;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\Weighing;
use App\Models\Kit\Band;
use App\Models\Log\LoggedSet;
use App\Queries\Screening\ScreeningQuery;
use App\Responses\Calls\ReminderListResponse;
use App\Responses\Calls\ReminderResponse;
use Illuminate\Database\Eloquent\Builder;
use SteadyRung\Plan\Diary\Reminder;
use SteadyRung\Safety\Consent\ConsentState;

/**
 * What a coach is reminded of: of bands in use, and of the athletes seen last.
 */
final readonly class ReminderQuery
{
    private const MOST_ATHLETES = 150;

    public function __construct(
        private GymDay $days,
        private BandWear $wear,
        private ScreeningQuery $screens,
        private ConsentStates $consents,
    ) {
    }

    public function list(): ReminderListResponse
    {
        $found = [...$this->ofBands(), ...$this->ofAthletes()];
        $order = array_flip(array_column(Reminder::cases(), 'value'));
        $place = static fn (ReminderResponse $one): array => [$order[$one->kind->value], $one->name];
        usort($found, static fn (ReminderResponse $a, ReminderResponse $b): int => $place($a) <=> $place($b));

        return new ReminderListResponse($found);
    }

    /** @return list<ReminderResponse> */
    private function ofBands(): array
    {
        $bands = Band::query()->whereNull('retired_at')->pluck('name', 'id');
        $today = Day::number($this->days->today());
        $found = [];
        foreach ($this->wear->of(array_map(strval(...), array_keys($bands->all()))) as $id => $wear) {
            $due = BandWear::due($wear, $today);
            if ($due->isDue) {
                $found[] = new ReminderResponse(Reminder::Inspection, null, (string) $id, (string) $bands[$id], $due->text);
            }
        }

        return $found;
    }

    /** @return list<ReminderResponse> */
    private function ofAthletes(): array
    {
        $today = Day::number($this->days->today());
        $since = $this->days->daysAgo(Reminder::FORGOTTEN_DAYS);
        $athletes = array_values(Athlete::query()->whereNull('archived_at')
            ->where(static fn (Builder $q) => $q->whereNull('last_trained_on')->orWhere('last_trained_on', '>=', $since))
            ->orderByRaw('last_trained_on DESC NULLS LAST')->orderBy('id')->limit(self::MOST_ATHLETES)->get()->all());
        $ids = array_column($athletes, 'id');
        $screens = $this->screens->dueOf($athletes);
        $consents = array_filter($this->consents->of($ids), static fn (ConsentState $state): bool => ! $state->stands());
        [$weighed, $first] = [Weighing::lastOf($ids), LoggedSet::firstStrictOf($ids, $this->days->daysAgo(Reminder::NEWS_DAYS))];
        $found = [];
        foreach ($athletes as $athlete) {
            $trained = self::day($athlete->last_trained_on);
            $said = [
                Reminder::Screen->value => $screens[$athlete->id]?->words(),
                Reminder::Consent->value => $athlete->screened_at === null ? null : ($consents[$athlete->id] ?? null)?->words(),
                Reminder::Away->value => $athlete->paused_at === null ? Reminder::away($today, $trained) : null,
                Reminder::Weighing->value => Reminder::weighing($today, self::day($weighed[$athlete->id] ?? null), $trained),
                Reminder::Goal->value => Reminder::goal($today, self::day($first[$athlete->id] ?? null)),
            ];
            foreach (array_filter($said) as $kind => $text) {
                $found[] = new ReminderResponse(Reminder::from($kind), $athlete->id, null, $athlete->name, $text);
            }
        }

        return $found;
    }

    private static function day(?string $on): ?int
    {
        return $on === null ? null : Day::number($on);
    }
}
