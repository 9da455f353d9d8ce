<?php

declare(strict_types=1);

namespace App\Queries\Log;

use App\Context\Gym\CurrentGym;
use App\Context\Readable;
use App\Formats\Csv;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Log\LoggedSet;
use App\Queries\Page;
use App\Responses\Log\LogEntryResponse;
use App\Responses\Log\LogPageResponse;
use App\Responses\Log\SetResponse;

/**
 * The log of the whole gym: a page of it, or all of it that a filter leaves as a table.
 */
final readonly class LogQuery
{
    private const AT_ONCE = 500;

    private const HEADS = [
        'day', 'time', 'athlete', 'exercise', 'purpose', 'carried_kg', 'carried_percent', 'bodyweight_kg', 'asked_reps', 'clean_reps',
        'not_counted', 'in_reserve', 'to_failure', 'held_s', 'lowered_s', 'seen', 'pain_level', 'note', 'coach',
    ];

    public function __construct(private CurrentGym $gym)
    {
    }

    public function page(LogFilter $filter, int $number): LogPageResponse
    {
        $page = Page::of($filter->sets(), $number);
        $names = self::names($page->items);

        return new LogPageResponse(
            array_map(static fn (LoggedSet $set): LogEntryResponse => new LogEntryResponse(
                $set->athlete_id,
                $names[$set->athlete_id] ?? '',
                SetResponse::of($set),
            ), $page->items),
            $page->next,
            $filter->from,
            $filter->to,
            Athlete::tagsInUse(),
        );
    }

    /** @return \Generator<string> lines of comma-separated values, the heads first */
    public function csv(LogFilter $filter): \Generator
    {
        $coaches = User::query()->where('gym_id', $this->gym->id())->pluck('name', 'id')->all();
        $zone = $this->gym->timezone();
        yield Csv::line(self::HEADS);
        $last = null;
        do {
            $sets = $filter->sets()->limit(self::AT_ONCE);
            $last === null || $sets->whereRaw('(trained_on, performed_at, id) < (?, ?, ?)', [
                $last->trained_on,
                $last->performed_at->format('Y-m-d H:i:s.uP'),
                $last->id,
            ]);
            $some = array_values($sets->get()->all());
            $names = self::names($some);
            foreach ($some as $set) {
                $pain = Readable::orNull(static fn () => $set->pain);
                yield Csv::line([
                    $set->trained_on,
                    $set->performed_at->setTimezone($zone)->format('H:i'),
                    $names[$set->athlete_id] ?? '',
                    $set->setup_name ?? 'Dead hang',
                    $set->purpose->value,
                    $set->carried_kg === null ? null : round($set->carried_kg, 2),
                    $set->carried_share === null ? null : round(100 * $set->carried_share, 1),
                    $set->mass_kg,
                    $set->asked_reps,
                    $set->clean_reps,
                    array_sum($set->no_counts ?? []),
                    $set->reserve,
                    $set->to_failure ? 'yes' : 'no',
                    $set->hang_s,
                    $set->down_s,
                    implode(' ', $set->faults ?? []),
                    $pain?->level,
                    $set->note,
                    $coaches[(string) $set->user_id] ?? 'athlete',
                ]);
            }
            $last = $some === [] ? null : $some[count($some) - 1];
        } while (count($some) === self::AT_ONCE);
    }

    /**
     * @param  list<LoggedSet>  $sets
     * @return array<string, string>
     */
    private static function names(array $sets): array
    {
        /** @var array<string, string> */
        return Athlete::query()->whereIn('id', array_unique(array_column($sets, 'athlete_id')))->pluck('name', 'id')->all();
    }
}
