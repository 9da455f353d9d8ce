<?php

declare(strict_types=1);

namespace App\Reading;

use App\Formats\Json\LadderJson;
use App\Formats\Json\LadderRungJson;
use App\Formats\Json\RungJson;
use App\Models\Athlete;
use App\Models\LoggedSet;
use SteadyRung\Ladder\LadderStart;
use SteadyRung\Ladder\Lane;
use SteadyRung\Ladder\Rung;
use SteadyRung\Strength\Belief;

/**
 * Puts the steady ladder of an athlete together.
 */
final readonly class LadderReading
{
    public function __construct(private FindWay $ways, private Believed $believed)
    {
    }

    public function of(Athlete $athlete, Lane $lane, ?float $goalShare, ?int $mostRungs, bool $advice): LadderJson
    {
        $body = $athlete->toCore();
        $belief = $this->believed->of($athlete->id, $lane->pattern());
        $chosen = $this->ways->standing($athlete);
        $now = $chosen instanceof Rung && $chosen->lane() === $lane ? $chosen : null;
        $way = $this->ways->way($body, $lane, $now, $belief, $goalShare, $mostRungs, $advice);
        $answer = static fn (Rung $rung): RungJson => RungJson::of($rung, $rung->predict($belief));
        $tried = $now === null ? $this->tried($athlete, $lane) : null;

        return new LadderJson(
            $lane,
            $way->fromShare,
            $way->toShare,
            $now === null ? null : $answer($now),
            $way->below === null ? null : $answer($way->below),
            array_map(static fn (Rung $rung, float $step): LadderRungJson => new LadderRungJson($answer($rung), $step), $way->rungs, $way->stepsUp()),
            $way->largestStep,
            $way->largestStepTo(),
            $way->candidates,
            $way->reachesGoal,
            $way->advice,
            $tried === null ? null : $answer($tried),
            $now === null ? self::start([...$way->rungs, ...array_filter([$tried])], $belief)?->key() : null,
        );
    }

    /** The set-up of the last set in the lane, where nothing is in use yet. */
    private function tried(Athlete $athlete, Lane $lane): ?Rung
    {
        $set = $lane->pattern() === null ? null : LoggedSet::standing($athlete->id)->where('pattern', $lane->pattern())
            ->orderByDesc('trained_on')->orderByDesc('performed_at')->limit(1)->first();
        $rung = $set === null ? null : Readable::orNull(fn () => $this->ways->search()->standing($set->choice, $athlete->toCore()));

        return $rung instanceof Rung ? $rung : null;
    }

    /**
     * Where to begin: the rung on which about eight reps are expected.
     *
     * @param  list<Rung>  $rungs
     */
    private static function start(array $rungs, Belief $belief): ?Rung
    {
        $away = static fn (Rung $r): float => abs(($r->predict($belief)?->median() ?? INF) - LadderStart::REPS);
        usort($rungs, static fn (Rung $a, Rung $b): int => $away($a) <=> $away($b));

        return $belief->state === null ? null : $rungs[0] ?? null;
    }
}
