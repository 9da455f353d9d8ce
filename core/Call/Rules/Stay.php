<?php

declare(strict_types=1);

namespace SteadyRung\Call\Rules;

use SteadyRung\Call\Call;
use SteadyRung\Call\Confidence;
use SteadyRung\Call\Situation\Evidence;
use SteadyRung\Call\Situation\Situation;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Rung;
use SteadyRung\InWords;
use SteadyRung\Method\Measure;
use SteadyRung\Setup\Warning;
use SteadyRung\Setup\WarningCode;

/**
 * Otherwise: the same set-up, with what is missing.
 */
final readonly class Stay implements Rule
{
    /** How it begins to tell the last counts. */
    public const LAST = 'Last session on this set-up: ';

    public function verdict(): Verdict
    {
        return Verdict::Stay;
    }

    public function name(): string
    {
        return 'otherwise';
    }

    public function look(Situation $situation): Finding
    {
        $latest = $situation->latest();
        $overdue = $situation->signs->overdue;

        return Finding::fires(new Call(
            verdict: $this->verdict(),
            rule: $this->name(),
            next: $situation->rung(),
            reasons: [
                new Evidence(
                    $latest === null
                        ? 'No session on this set-up yet.'
                        : sprintf(
                            self::LAST.'%s%s.',
                            $latest->counts(),
                            $situation->standard->measure === Measure::Seconds ? ' s' : ' clean',
                        ),
                ),
                ...($overdue === null ? [] : [
                    new Evidence($overdue->words(), (float) $overdue->weeks, (float) $overdue->usual[1]),
                    new Evidence($overdue->cause),
                ]),
                ...$this->slips($situation->rung()),
                ...$situation->largeStep(),
            ],
            confidence: ! $situation->foresight->isKnown() || count($situation->sessions) < $situation->standard->sessions
                ? Confidence::Slight
                : Confidence::Fair,
            chance: $situation->chanceOfFloor($situation->rung()),
            missing: $this->missing($situation),
            mixed: $situation->mixedSet(),
        ));
    }

    /** @return list<Evidence> what to say of heels that slip on this floor */
    private function slips(Rung $rung): array
    {
        $slips = $rung->load->warning(WarningCode::HeelsSlip);

        return $slips === null ? [] : [new Evidence($slips->text)];
    }

    /** @return non-empty-list<string> */
    private function missing(Situation $situation): array
    {
        $signs = $situation->signs;

        return [
            ...array_filter([$signs->over?->next, $signs->overdue?->instead]),
            ...$this->missingSessions($situation),
            ...$this->missingChance($situation),
        ] ?: ['Nothing: look again after the next session.'];
    }

    /** @return list<string> */
    private function missingSessions(Situation $situation): array
    {
        $standard = $situation->standard;
        $left = $standard->sessions - $situation->sessionsMet();
        $gate = $standard->words();

        return match (true) {
            $left <= 0 => [],
            $left === 1 => ["One more session at $gate."],
            default => ["$left sessions running at $gate."],
        };
    }

    /** @return list<string> */
    private function missingChance(Situation $situation): array
    {
        $standard = $situation->standard;
        $up = $situation->steps->up;
        $chance = $up === null ? null : $situation->chanceOfFloor($up);

        return match (true) {
            $up === null => [$situation->signs->lacks ?? 'No set-up with less help in this kit: top of the ladder.'],
            $chance === null => ['A baseline: log clean reps with a band.'],
            $chance >= $standard->chance => [],
            default => [sprintf(
                '%s on %s: %s.%s',
                $standard->countWords($standard->floor), $up->name, InWords::chanceAgainst(
                    $chance,
                    $standard->chance,
                ), $this->whatToMeasure($up->load->warnings),
            )],
        };
    }

    /** @param  list<Warning>  $warnings */
    private function whatToMeasure(array $warnings): string
    {
        foreach ($warnings as $warning) {
            if ($warning->code === WarningCode::BandEstimated) {
                return ' '.$warning->text;
            }
        }

        return '';
    }
}
