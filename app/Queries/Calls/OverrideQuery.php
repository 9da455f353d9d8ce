<?php

declare(strict_types=1);

namespace App\Queries\Calls;

use App\Context\Gym\GymDay;
use App\Models\Calls\CallRecord;
use App\Models\Calls\Decision;
use App\Responses\Calls\OverrideListResponse;
use App\Responses\Calls\OverrideRuleResponse;
use App\Responses\Calls\OverrideThenResponse;
use SteadyRung\Call\Verdict;

/**
 * What was overridden in the last half year, by rule, and which call followed.
 */
final readonly class OverrideQuery
{
    private const DAYS = 182;

    private const MOST_CALLS = 1200;

    public function __construct(private GymDay $days)
    {
    }

    public function list(): OverrideListResponse
    {
        $calls = CallRecord::query()->where(
            'made_at',
            '>=',
            $this->days->daysAgo(self::DAYS),
        )->orderByDesc('made_at')->limit(self::MOST_CALLS)
            ->toBase()->selectRaw(
                "athlete_id, verdict, call->>'rule' AS rule, decision, made_at",
            )->get()->sortBy([['athlete_id', 'asc'], ['made_at', 'asc']])->values();
        $rules = [];
        foreach ($calls as $i => $call) {
            if ($call->decision === null) {
                continue;
            }
            $key = "$call->verdict $call->rule";
            $rules[$key] ??= ['verdict' => $call->verdict, 'rule' => (string) $call->rule, 'decided' => 0, 'overridden' => 0, 'then' => []];
            $rules[$key]['decided']++;
            if ($call->decision === Decision::Overridden->value) {
                $rules[$key]['overridden']++;
                $next = $calls[$i + 1] ?? null;
                if ($next !== null && $next->athlete_id === $call->athlete_id) {
                    $rules[$key]['then'][$next->verdict] = ($rules[$key]['then'][$next->verdict] ?? 0) + 1;
                }
            }
        }
        usort($rules, static fn (array $a, array $b): int => [$b['overridden'], $b['decided']] <=> [$a['overridden'], $a['decided']]);

        return new OverrideListResponse(array_map(static fn (array $r): OverrideRuleResponse => new OverrideRuleResponse(
            Verdict::from($r['verdict']), $r['rule'], $r['decided'], $r['overridden'],
            array_map(
                static fn (string $verdict, int $times): OverrideThenResponse => new OverrideThenResponse(Verdict::from($verdict), $times),
                array_keys($r['then']),
                array_values($r['then']),
            ),
        ), $rules));
    }
}
