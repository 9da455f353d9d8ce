<?php

declare(strict_types=1);

namespace App\Actions\Erase;

use App\Context\Athletes\RowsOfAthlete;
use App\Formats\Erase\ErasedLog;
use App\Formats\Erase\ErasedPart;
use App\Formats\Erase\Fate;
use App\Models\Erase\Erasure;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;

/**
 * Erases what is kept of an athlete, in one transaction, as a role of the database that may.
 */
final readonly class EraseAthlete
{
    private const NAMELESS = [
        'tags' => '[]',
        'pain' => null,
        'paused_at' => null,
        'screened_at' => null,
        'screen_outcome' => null,
        'screen_limits' => '[]',
        'screen_most_share' => null,
        'fingerprint' => null,
    ];

    /** @param  ConnectionInterface  $eraser  signed in as who may delete */
    public function __construct(private ConnectionInterface $eraser, private RowsOfAthlete $rows, private ClockInterface $clock)
    {
    }

    public function asOrdered(string $erasureId): void
    {
        $order = Erasure::query()->findOrFail($erasureId);
        $this->eraser->transaction(function () use ($order): void {
            $waits = $this->orderRow($order)->whereNull('ended_at')->lockForUpdate()->exists();
            $waits && $this->erase($order);
        });
    }

    public function stopped(string $erasureId): void
    {
        Erasure::query()->whereKey($erasureId)->whereNull('ended_at')->update(['failed_at' => $this->clock->now()]);
    }

    private function erase(Erasure $order): void
    {
        $athlete = $this->rows->of($this->eraser, 'athletes', $order->athlete_id)->lockForUpdate()->first();
        $rows = $athlete === null ? 0 : $this->broughtLines((string) $athlete->name) + $this->matches($order->athlete_id);
        foreach (ErasedPart::cases() as $part) {
            $fate = $part->fate($order->log);
            foreach ($part->tables() as $table) {
                $found = $this->rows->of($this->eraser, $table, $order->athlete_id);
                if ($fate === Fate::Erased) {
                    $rows += $found->delete();
                } elseif ($fate === Fate::Nameless && isset(ErasedPart::BLANKED[$table])) {
                    $found->update(array_fill_keys(ErasedPart::BLANKED[$table], null));
                }
            }
        }
        $who = $this->rows->of($this->eraser, 'athletes', $order->athlete_id);
        $order->log === ErasedLog::Removed ? $who->delete() : $who->update([
            ...self::NAMELESS,
            'name' => 'Former athlete '.Str::upper(substr($order->athlete_id, -4)),
            'erased_at' => $this->clock->now(),
        ]);
        $this->rows->inGym($this->eraser, 'audit_entries')->where('about_kind', 'athlete')->where('about_id', $order->athlete_id)
            ->update(['properties' => null]); // that something was changed stays, and by whom; not what they are called
        $this->orderRow($order)->update(['ended_at' => $this->clock->now(), 'failed_at' => null, 'rows' => $rows + 1]);
    }

    private function orderRow(Erasure $order): Builder
    {
        return $this->rows->inGym($this->eraser, 'erasures')->where('id', $order->id);
    }

    /** Lines of tables that were brought in and are kept for undoing it: those with the name. */
    private function broughtLines(string $name): int
    {
        return $this->rows->inGym($this->eraser, 'import_lines')
            ->whereRaw('EXISTS (SELECT 1 FROM jsonb_array_elements_text(cells) AS cell WHERE lower(cell) = lower(?))', [$name])->delete();
    }

    private function matches(string $athleteId): int
    {
        return $this->rows->inGym($this->eraser, 'import_matches')->where('target', $athleteId)->delete();
    }
}
