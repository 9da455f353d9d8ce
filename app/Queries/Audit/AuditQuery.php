<?php

declare(strict_types=1);

namespace App\Queries\Audit;

use App\Context\Audit\Standing;
use App\Context\Gym\CurrentGym;
use App\Models\Athletes\Athlete;
use App\Models\Audit\AuditEntry;
use App\Models\Gym\User;
use App\Models\Kit\Band;
use App\Models\Kit\Gear;
use App\Models\Scripts\ApiToken;
use App\Queries\Page;
use App\Responses\Audit\AuditEntryResponse;
use App\Responses\Audit\AuditPageResponse;
use App\Responses\Audit\ChangedResponse;
use Illuminate\Support\Collection;

/**
 * What was done in the gym.
 */
final readonly class AuditQuery
{
    public function __construct(private CurrentGym $gym, private Standing $standing)
    {
    }

    public function page(int $number): AuditPageResponse
    {
        $rows = AuditEntry::query()->orderByDesc('created_at')->orderByDesc('id')
            ->offset(($number - 1) * Page::SIZE)->limit(Page::SIZE + 1)->get();
        $shown = $rows->take(Page::SIZE);
        $staff = User::query()->where('gym_id', $this->gym->id())->pluck('name', 'id');
        $names = [
            'member' => $staff,
            'athlete' => Athlete::query()->whereIn('id', self::ids($shown, 'athlete'))->pluck('name', 'id'),
            'band' => Band::query()->whereIn('id', self::ids($shown, 'band'))->pluck('name', 'id'),
            'token' => ApiToken::query()->whereIn('id', [...self::ids($shown, 'token'), ...$shown->pluck('token_id')->filter()->all()])->pluck('name', 'id'),
            'gear' => Gear::query()->whereIn('id', self::ids($shown, 'gear'))->pluck('name', 'id'),
        ];

        $now = $this->standing->rows($shown->filter(static fn (AuditEntry $e): bool => $e->undoable() !== null)
            ->map(static fn (AuditEntry $e): array => [$e->event, $e->about()]));

        return new AuditPageResponse(
            array_values($shown->map(fn (AuditEntry $e): AuditEntryResponse => new AuditEntryResponse(
                $e->id,
                $e->created_at->toIso8601String(),
                $e->event,
                (string) $staff->get($e->causer_id),
                $names['token']->get($e->token_id),
                $e->about_kind === 'method' ? $e->about_id : ($names[$e->about_kind ?? ''] ?? collect())->get($e->about_id),
                self::changed($e),
                $e->undoable()?->stands($now[$this->standing->known($e->event, $e->about()) ?? ''] ?? []) ?? false,
            ))->all()),
            $rows->count() > Page::SIZE ? $number + 1 : null,
        );
    }

    /** @return list<ChangedResponse> */
    private static function changed(AuditEntry $entry): array
    {
        return array_map(
            static fn (array $c): ChangedResponse => new ChangedResponse($c['what'], $c['from'], $c['to']),
            $entry->change()?->told() ?? [],
        );
    }

    /**
     * @param  Collection<int, AuditEntry>  $rows
     * @return list<string>
     */
    private static function ids(Collection $rows, string $type): array
    {
        return array_values($rows->where('about_kind', $type)->pluck('about_id')->unique()->all());
    }
}
