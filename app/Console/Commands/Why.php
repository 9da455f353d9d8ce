<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Context\Gym\CurrentGym;
use App\Formats\Day;
use App\Formats\Stored\Damaged;
use App\Formats\Stored\StoredSituation;
use App\Models\Calls\CallRecord;
use App\Models\Log\LoggedSet;
use Illuminate\Console\Command;
use Illuminate\Support\Str;
use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\SessionResult;
use SteadyRung\InWords;

final class Why extends Command
{
    protected $signature = 'steady:why {call : the id of a call}';

    protected $description = 'Make a call again from what was kept beside it: its evidence, and the sets behind it';

    public function handle(CurrentGym $current): int
    {
        /** @var string $id */
        $id = $this->argument('call');
        $record = Str::isUuid($id) ? $this->found($current, $id) : null;
        if ($record === null) {
            $this->error('There is no such call.');

            return self::FAILURE;
        }
        try {
            $situation = StoredSituation::read($record->keptSituation());
        } catch (Damaged) {
            $this->error('What was kept beside this call is of an earlier program, which kept too little to make it again.');

            return self::FAILURE;
        }
        $call = Judge::call($situation);
        $this->line(sprintf(
            '%s, made %s: %s by the rule "%s"%s',
            $record->id,
            $record->made_at->toIso8601String(),
            $call->verdict->value,
            $call->rule,
            $call->verdict === $record->verdict ? '.' : ", kept as {$record->verdict->value}.",
        ));
        $this->line('On '.$situation->rung()->name.($call->next === null ? '' : ", next {$call->next->name}").'.');
        foreach ($call->reasons as $reason) {
            $this->line("- $reason->text (figure {$reason->figure}, threshold {$reason->threshold})");
        }
        $this->table(['Day', 'Set', 'Counted', 'In reserve', 'Id'], $this->sets($record, $situation->sessions, $situation->rung()->key()));

        return self::SUCCESS;
    }

    /** Whichever gym it is of; from here on that gym is looked at. */
    private function found(CurrentGym $current, string $id): ?CallRecord
    {
        $record = CallRecord::query()->withoutGlobalScope('gym')->find($id);
        if ($record !== null) {
            $current->enter($record->gym_id);
        }

        return $record;
    }

    /**
     * @param  list<SessionResult>  $sessions
     * @return list<list<string>>
     */
    private function sets(CallRecord $record, array $sessions, string $setupKey): array
    {
        $days = array_map(static fn (SessionResult $s): string => Day::date($s->day), $sessions);
        $sets = LoggedSet::standing($record->athlete_id)->where('setup_key', $setupKey)
            ->whereIn('trained_on', $days)
            ->orderBy('performed_at')
            ->orderBy('id')
            ->get();

        return array_values($sets->map(static fn (LoggedSet $s, int $i): array => [
            $s->trained_on, (string) ($i + 1), $s->hang_s === null ? "$s->clean_reps clean" : InWords::seconds($s->hang_s), $s->reserve === null ? 'not said' : (string) $s->reserve, $s->id,
        ])->all());
    }
}
